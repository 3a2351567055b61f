// The rows of the drawer's tables: values in, values out. For drawer_store.cpp alone.
#pragma once

#include <QSqlQuery>

#include "core/base/result.h"
#include "core/drawer/drawer.h"
#include "io/files/sqlite.h"

namespace havlo::drawer_rows {

using sqlite::codeOf;
using sqlite::q;

inline QString reason(const QSqlError& e) { return sqlite::reason(e, sqlite::Keeps::Drawer); }
inline Result<Done> run(const QSqlDatabase& db, const QString& text, const QVariantList& values = {}) {
  return sqlite::run(db, text, values, sqlite::Keeps::Drawer);
}

inline constexpr double kLargestSide_mm = 2000;
extern const char* const kCardColumns;

/// @param row  has kCardColumns; other programs may have written anything there, nothing but a size comes
/// through
DrawerCard cardOf(const QSqlQuery& row);
/// @param row  key, name, colour, thickness, width, height, notes, sheets, offcut, grain
DrawerPaper paperOf(const QSqlQuery& row);

/// @param row  key, name, kind, ink, width, height, thickness, count, left, notes
DrawerGood goodOf(const QSqlQuery& row);

Result<Done> putStamp(QSqlDatabase db, const DrawerStamp& stamp);
Result<Done> putInkRow(QSqlDatabase db, const Ink& ink);
Result<Done> putPaperRow(QSqlDatabase db, const DrawerPaper& paper);
Result<Done> putMaskRow(QSqlDatabase db, const KeptMask& mask);
Result<Done> putGoodRow(QSqlDatabase db, const DrawerGood& good);
Result<Done> putSetRow(QSqlDatabase db, const CardSet& set);

}  // namespace havlo::drawer_rows
