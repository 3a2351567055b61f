#include "io/files/sqlite.h"

#include <QSqlQuery>

#include "io/files/errors.h"
#include "io/wording/say.h"

namespace havlo::sqlite {
namespace {

// SQLite's result codes: https://www.sqlite.org/rescode.html, the numbers from memory.
constexpr int kBusy = 5, kReadOnly = 8, kIo = 10, kMalformed = 11, kFull = 13, kNotADatabase = 26;

struct Words {
  const char *full, *busy, *readOnly, *other;
};

constexpr Words kDrawer{
    QT_TRANSLATE_NOOP("havlo", "the disk is full or cannot be written (%1). The drawer is as it was"),
    QT_TRANSLATE_NOOP("havlo", "another program is using the drawer. Nothing was changed"),
    QT_TRANSLATE_NOOP("havlo", "the drawer cannot be written: it is read-only"),
    QT_TRANSLATE_NOOP("havlo", "the drawer could not be changed: %1")};
constexpr Words kLog{
    QT_TRANSLATE_NOOP("havlo", "the disk is full or cannot be written (%1). The log is as it was"),
    QT_TRANSLATE_NOOP("havlo", "another program is using the log. Nothing was changed"),
    QT_TRANSLATE_NOOP("havlo", "the log cannot be written: it is read-only"),
    QT_TRANSLATE_NOOP("havlo", "the log could not be changed: %1")};

}  // namespace

QString reason(const QSqlError& e, Keeps keeps) {
  const Words& words = keeps == Keeps::Drawer ? kDrawer : kLog;
  if (codeOf(e) == kFull || codeOf(e) == kIo) return tr(words.full).arg(e.databaseText());
  if (codeOf(e) == kBusy) return tr(words.busy);
  if (codeOf(e) == kReadOnly) return tr(words.readOnly);
  return tr(words.other).arg(e.databaseText());
}

Result<Done> run(const QSqlDatabase& db, const QString& text, const QVariantList& values, Keeps keeps) {
  QSqlQuery query(db);
  if (!query.prepare(text)) return cannotWrite(reason(query.lastError(), keeps));
  for (const QVariant& v : values) query.addBindValue(v);
  if (!query.exec()) return cannotWrite(reason(query.lastError(), keeps));
  return Done{};
}

Health healthOf(const QSqlDatabase& db, QString* why) {
  QSqlQuery query(db);
  if (!query.exec(QStringLiteral("PRAGMA quick_check(1)")) || !query.next()) {
    *why = query.lastError().databaseText();
    const int code = codeOf(query.lastError());
    if (code == kBusy) return Health::InUse;
    return code == kMalformed || code == kNotADatabase ? Health::Damaged : Health::Unreadable;
  }
  *why = query.value(0).toString();
  return *why == QLatin1String("ok") ? Health::Sound : Health::Damaged;
}

}  // namespace havlo::sqlite
