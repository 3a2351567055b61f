#include "io/files/journal.h"

#include <unistd.h>

#include <QDir>
#include <QFile>
#include <QFileInfo>

namespace havlo {

Result<Done> appendLine(const QString& path, const QByteArray& line) {
  QDir().mkpath(QFileInfo(path).path());
  QFile file(path);
  const auto failed = [&] {
    return Error{ErrorCode::CannotWrite,
                 "cannot write " + path.toStdString() + ": " + file.errorString().toStdString(),
                 {}};
  };
  if (!file.open(QIODevice::ReadWrite)) return failed();
  QByteArray out = line + '\n';
  const qint64 end = file.size();
  if (end > 0) {
    file.seek(end - 1);
    if (file.read(1) != "\n") out.prepend('\n');
  }
  file.seek(end);
  if (file.write(out) != out.size() || !file.flush() || ::fsync(file.handle()) != 0) {
    const auto error = failed();
    (void)file.resize(end);  // half a line helps nobody
    return error;
  }
  return Done{};
}

}  // namespace havlo
