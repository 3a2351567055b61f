// JSON by Qt; the plan inside is plan text as everywhere.
#include "io/making/making_file.h"

#include <QDir>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <algorithm>

#include "io/files/plan_file.h"

namespace havlo {
namespace {

const QString kSuffix = QStringLiteral(".havlo-making");
constexpr qint64 kLargest = 80 << 20;

QString text(const std::string& s) { return QString::fromStdString(s); }
std::string plain(const QJsonValue& v) { return v.toString().toStdString(); }

QJsonObject stepToJson(const StepRecord& s) {
  QJsonObject o{{QStringLiteral("begun"), s.begun_s}, {QStringLiteral("done"), s.done_s}};
  QJsonArray ticked, mishaps;
  for (char t : s.ticked) ticked.append(t != 0);
  for (const MishapNote& m : s.mishaps)
    mishaps.append(QJsonObject{{QStringLiteral("what"), QString::fromLatin1(wordOf(m.what).data())},
                               {QStringLiteral("note"), text(m.note)}});
  if (!ticked.isEmpty()) o.insert(QStringLiteral("ticked"), ticked);
  if (!mishaps.isEmpty()) o.insert(QStringLiteral("mishaps"), mishaps);
  if (!s.note.empty()) o.insert(QStringLiteral("note"), text(s.note));
  return o;
}

StepRecord stepFromJson(const QJsonObject& o) {
  StepRecord s;
  s.begun_s = o[QStringLiteral("begun")].toDouble();
  s.done_s = o[QStringLiteral("done")].toDouble();
  for (const auto& t : o[QStringLiteral("ticked")].toArray()) s.ticked.push_back(t.toBool());
  for (const auto& m : o[QStringLiteral("mishaps")].toArray())
    s.mishaps.push_back({mishapOf(plain(m[QStringLiteral("what")])).value_or(Mishap::Other),
                         plain(m[QStringLiteral("note")])});
  s.note = plain(o[QStringLiteral("note")]);
  return s;
}

}  // namespace

QString makingPath(const QString& folder, const std::string& id) {
  return QDir(folder).filePath(text(id) + kSuffix);
}

Result<Done> saveMaking(const QString& folder, const MakingRecord& r) {
  if (!QDir().mkpath(folder))
    return Error{ErrorCode::CannotWrite, "cannot make the folder " + folder.toStdString(), {}};
  QJsonArray steps, order, acts;
  for (const StepRecord& s : r.steps) steps.append(stepToJson(s));
  for (const std::string& id : r.order) order.append(text(id));
  for (const std::string& act : r.acts) acts.append(text(act));
  const QJsonObject o{{QStringLiteral("format"), QStringLiteral("havlo-making")},
                      {QStringLiteral("version"), 1},
                      {QStringLiteral("id"), text(r.id)},
                      {QStringLiteral("for"), text(r.madeFor)},
                      {QStringLiteral("begun"), r.begun_s},
                      {QStringLiteral("ended"), r.ended_s},
                      {QStringLiteral("at"), r.at},
                      {QStringLiteral("order"), order},
                      {QStringLiteral("acts"), acts},
                      {QStringLiteral("steps"), steps},
                      {QStringLiteral("plan"), text(writePlan(*r.plan))}};
  return saveWhole(makingPath(folder, r.id), QJsonDocument(o).toJson(QJsonDocument::Compact));
}

Result<MakingRecord> loadMaking(const QString& path) {
  QFile file(path);
  if (!file.open(QIODevice::ReadOnly))
    return Error{ErrorCode::CannotRead,
                 "cannot read " + path.toStdString() + ": " + file.errorString().toStdString(),
                 {}};
  if (file.size() > kLargest)
    return Error{ErrorCode::BadInput, "the file is too large for a card in the making", {}};
  const QJsonObject o = QJsonDocument::fromJson(file.readAll()).object();
  if (o[QStringLiteral("format")].toString() != QLatin1String("havlo-making"))
    return Error{ErrorCode::BadInput, "is not a card in the making", "format"};
  if (o[QStringLiteral("version")].toInt() != 1)
    return Error{ErrorCode::BadInput, "was written by a newer Havlo", "version"};
  auto plan = readPlan(o[QStringLiteral("plan")].toString().toStdString());
  if (!plan) return plan.error();
  MakingRecord r;
  r.id = plain(o[QStringLiteral("id")]);
  if (r.id.empty() || r.id.find('/') != std::string::npos)
    return Error{ErrorCode::BadInput, "is empty or no name", "id"};
  r.madeFor = plain(o[QStringLiteral("for")]);
  r.begun_s = o[QStringLiteral("begun")].toDouble();
  r.ended_s = o[QStringLiteral("ended")].toDouble();
  r.at = o[QStringLiteral("at")].toInt();
  for (const auto& id : o[QStringLiteral("order")].toArray()) r.order.push_back(plain(id));
  for (const auto& act : o[QStringLiteral("acts")].toArray()) r.acts.push_back(plain(act));
  for (const auto& s : o[QStringLiteral("steps")].toArray()) r.steps.push_back(stepFromJson(s.toObject()));
  r.plan = std::make_shared<const Plan>(std::move(plan).value().plan);
  return r;
}

KeptMakings keptMakings(const QString& folder) {
  KeptMakings out;
  for (const QString& name :
       QDir(folder).entryList({QStringLiteral("*") + kSuffix}, QDir::Files, QDir::Name)) {
    auto record = loadMaking(QDir(folder).filePath(name));
    if (record) {
      out.records.push_back(std::move(record).value());
    } else {
      out.unreadable << name + QStringLiteral(": ") + text(record.error().text());
    }
  }
  std::stable_sort(out.records.begin(), out.records.end(),
                   [](const MakingRecord& a, const MakingRecord& b) { return a.begun_s > b.begun_s; });
  return out;
}

void dropMaking(const QString& folder, const std::string& id) { QFile::remove(makingPath(folder, id)); }

}  // namespace havlo
