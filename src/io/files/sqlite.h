// What the drawer and the log have in common as SQLite databases.
#pragma once

#include <QSqlDatabase>
#include <QSqlError>
#include <QString>
#include <QVariant>

#include "core/base/result.h"

namespace havlo::sqlite {

/// Whose database it is, for what is said of it.
enum class Keeps { Drawer, Log };

inline QString q(const std::string& text) { return QString::fromStdString(text); }
/// SQLite's main result code; the higher bits tell details.
inline int codeOf(const QSqlError& e) { return e.nativeErrorCode().toInt() & 0xff; }
inline QSqlDatabase database(const QString& connection) { return QSqlDatabase::database(connection, false); }

/// In the user's words, for a change that did not come about.
QString reason(const QSqlError& e, Keeps keeps);

/// One statement with its values.
Result<Done> run(const QSqlDatabase& db, const QString& text, const QVariantList& values, Keeps keeps);

/// InUse: another program holds it. Unreadable: the disk does not answer. Both may be sound: nobody sets them
/// aside.
enum class Health { Sound, Damaged, InUse, Unreadable };

/// Looks through an open database. @param why  out: what is wrong, in SQLite's words
Health healthOf(const QSqlDatabase& db, QString* why);

}  // namespace havlo::sqlite
