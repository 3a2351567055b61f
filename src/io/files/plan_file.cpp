// Reading with a size limit, writing through QSaveFile (write aside, sync, rename).
#include "io/files/plan_file.h"

#include <QFile>
#include <QFileInfo>
#include <QSaveFile>

namespace havlo {

Result<ReadPlan> loadPlan(const QString& path) {
  QFile file(path);
  const auto cannot = [&](const QString& why) {
    return Error{ErrorCode::CannotRead, "cannot read " + path.toStdString() + ": " + why.toStdString(), {}};
  };
  if (QFileInfo(path).isDir()) return cannot(QStringLiteral("it is a folder"));
  if (!file.open(QIODevice::ReadOnly)) return cannot(file.errorString());
  const QByteArray bytes = file.read(static_cast<qint64>(kLargestPlanBytes) + 1);
  if (file.error() != QFile::NoError) return cannot(file.errorString());
  return readPlan(std::string_view(bytes.constData(), static_cast<size_t>(bytes.size())));
}

Result<Done> savePlan(const QString& path, const Plan& plan) {
  return saveWhole(path, QByteArray::fromStdString(writePlan(plan)));
}

Result<Done> saveWhole(const QString& path, const QByteArray& content) {
  const QFileInfo target(path);
  if (target.exists() && !target.isFile() &&
      !target.isDir()) {  // a device or a pipe is written to, not replaced
    QFile device(path);
    if (device.open(QIODevice::WriteOnly | QIODevice::Unbuffered) && device.write(content) == content.size())
      return Done{};
    return Error{ErrorCode::CannotWrite,
                 "cannot write " + path.toStdString() + ": " + device.errorString().toStdString(),
                 {}};
  }
  QSaveFile file(path);
  if (!file.open(QIODevice::WriteOnly) || file.write(content) != content.size() || !file.commit())
    return Error{ErrorCode::CannotWrite,
                 "cannot write " + path.toStdString() + ": " + file.errorString().toStdString(),
                 {}};
  return Done{};
}

}  // namespace havlo
