#include "io/drawer/drawer_rows.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <algorithm>
#include <cmath>

#include "core/plan/plan_text.h"
#include "core/plan/plan_words.h"
#include "io/files/errors.h"
#include "io/wording/say.h"

namespace havlo::drawer_rows {
namespace {

QString textOf(const std::vector<std::string>& list) {
  QJsonArray array;
  for (const std::string& s : list) array.append(q(s));
  return QString::fromUtf8(QJsonDocument(array).toJson(QJsonDocument::Compact));
}

std::vector<std::string> listOf(const QString& text) {
  std::vector<std::string> out;
  for (const QJsonValue& v : QJsonDocument::fromJson(text.toUtf8()).array())
    out.push_back(v.toString().toStdString());
  return out;
}

template <typename E, size_t N>
E fromWord(const words::Table<E, N>& table, const QString& word, E otherwise) {
  for (const auto& [value, known] : table)
    if (word.toStdString() == known) return value;
  return otherwise;
}

}  // namespace

DrawerCard cardOf(const QSqlQuery& r) {
  DrawerCard c;
  const auto text = [&](int i) { return r.value(i).toString().toStdString(); };
  c.key = text(0), c.name = text(1);
  c.role = fromWord(words::kRoles, r.value(2).toString(), Role::Prop);
  c.facing = fromWord(words::kFacings, r.value(3).toString(), Facing::None);
  // Other programs may have written anything here; nothing but a size comes through.
  const auto within = [&](int i, double least, double most) {
    const double v = r.value(i).toDouble();
    return std::isfinite(v) ? std::clamp(v, least, most) : least;
  };
  c.width_mm = within(4, 0.1, kLargestSide_mm), c.height_mm = within(5, 0.1, kLargestSide_mm);
  if (!r.value(6).isNull()) {
    RealHeight h;
    h.typical_m = within(6, 0.001, 1e5);
    h.least_m = std::min(within(7, 0.001, 1e5), h.typical_m),
    h.most_m = std::max(within(8, 0.001, 1e5), h.typical_m);
    c.realHeight = h;
  }
  c.setName = text(9), c.tags = listOf(r.value(10).toString());
  c.mounting = mountingOf(text(11));
  c.place = text(12), c.notes = text(13);
  c.matchingDie = r.value(14).toInt() != 0;
  return c;
}

DrawerPaper paperOf(const QSqlQuery& row) {
  DrawerPaper p;
  p.key = row.value(0).toString().toStdString(), p.name = row.value(1).toString().toStdString();
  const unsigned rgb = QStringView(row.value(2).toString()).mid(1).toUInt(nullptr, 16);
  p.colour = {static_cast<unsigned char>(rgb >> 16), static_cast<unsigned char>(rgb >> 8),
              static_cast<unsigned char>(rgb)};
  const auto within = [&](int i, double most) {
    const double v = row.value(i).toDouble();
    return std::isfinite(v) ? std::clamp(v, 0.0, most) : 0.0;
  };
  p.thickness_mm = within(3, 20);
  p.width_mm = within(4, kLargestSide_mm), p.height_mm = within(5, kLargestSide_mm);
  p.notes = row.value(6).toString().toStdString();
  if (!row.value(7).isNull()) p.sheets = std::clamp(row.value(7).toInt(), 0, 100000);
  p.offcut = row.value(8).toInt() != 0;
  p.grain = grainOf(row.value(9).toString().toStdString());
  return p;
}

DrawerGood goodOf(const QSqlQuery& row) {
  const auto text = [&](int i) { return row.value(i).toString().toStdString(); };
  const auto within = [&](int i, double most) {
    const double v = row.value(i).toDouble();
    return std::isfinite(v) ? std::clamp(v, 0.0, most) : 0.0;
  };
  DrawerGood g;
  g.key = text(0), g.name = text(1), g.kind = goodKindOf(text(2)), g.ink = text(3);
  g.width_mm = within(4, kLargestSide_mm), g.height_mm = within(5, kLargestSide_mm);
  g.thickness_mm = within(6, 100);
  if (!row.value(7).isNull()) g.count = std::clamp(row.value(7).toInt(), 0, 1000000);
  g.left = leftOf(text(8)), g.notes = text(9);
  g.worked = within(10, kMostWorked), g.bears = within(11, kMostWorked);
  return g;
}

const char* const kCardColumns =
    "key, name, role, facing, width, height, typical, least, most, set_name, tags, mounting, place, notes, "
    "die";

Result<Done> putStamp(QSqlDatabase db, const DrawerStamp& s) {
  const DrawerCard& c = s.card;
  const auto height = [&](double RealHeight::*m) {
    return c.realHeight ? QVariant((*c.realHeight).*m) : QVariant(QMetaType(QMetaType::Double));
  };
  // An upsert, not a replacement: masks kept with the stamp stay.
  const auto card = run(
      db,
      QStringLiteral(
          "INSERT INTO stamp (key, name, role, facing, width, height, typical, least, most, set_name, tags, "
          "mounting, "
          "place, notes, die) VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?) ON CONFLICT(key) DO UPDATE SET "
          "name=excluded.name, "
          "role=excluded.role, facing=excluded.facing, width=excluded.width, height=excluded.height, "
          "typical=excluded.typical, least=excluded.least, most=excluded.most, set_name=excluded.set_name, "
          "tags=excluded.tags, mounting=excluded.mounting, place=excluded.place, notes=excluded.notes, "
          "die=excluded.die"),
      {q(c.key), q(c.name), q(std::string(wordOf(c.role))), q(std::string(wordOf(c.facing))), c.width_mm,
       c.height_mm, height(&RealHeight::typical_m), height(&RealHeight::least_m), height(&RealHeight::most_m),
       q(c.setName), textOf(c.tags), q(std::string(wordOf(c.mounting))), q(c.place), q(c.notes),
       c.matchingDie ? 1 : 0});
  if (!card) return card;
  return run(db, QStringLiteral("INSERT OR REPLACE INTO stamp_body (key, json) VALUES (?,?)"),
             {q(c.key), q(writeStamp(s.stamp))});
}

Result<Done> putInkRow(QSqlDatabase db, const Ink& ink) {
  return run(db,
             QStringLiteral(
                 "INSERT INTO ink (id, json) VALUES (?,?) ON CONFLICT(id) DO UPDATE SET json=excluded.json"),
             {q(ink.id), q(writeInk(ink))});
}

Result<Done> putPaperRow(QSqlDatabase db, const DrawerPaper& p) {
  return run(
      db,
      QStringLiteral(
          "INSERT INTO paper (key, name, colour, thickness, width, height, notes, sheets, offcut, grain) "
          "VALUES "
          "(?,?,?,?,?,?,?,?,?,?) ON CONFLICT(key) "
          "DO UPDATE SET name=excluded.name, colour=excluded.colour, thickness=excluded.thickness, "
          "width=excluded.width, height=excluded.height, notes=excluded.notes, sheets=excluded.sheets, "
          "offcut=excluded.offcut, grain=excluded.grain"),
      {q(p.key), q(p.name), q(hexOf(p.colour)), p.thickness_mm, p.width_mm, p.height_mm, q(p.notes),
       p.sheets ? QVariant(*p.sheets) : QVariant(QMetaType(QMetaType::Int)), p.offcut ? 1 : 0,
       QLatin1String(grainWord(p.grain))});
}

Result<Done> putGoodRow(QSqlDatabase db, const DrawerGood& g) {
  return run(
      db,
      QStringLiteral(
          "INSERT INTO good (key, name, kind, ink, width, height, thickness, count, \"left\", notes, "
          "worked, bears) VALUES "
          "(?,?,?,?,?,?,?,?,?,?,?,?) ON CONFLICT(key) DO UPDATE SET name=excluded.name, kind=excluded.kind, "
          "ink=excluded.ink, width=excluded.width, height=excluded.height, thickness=excluded.thickness, "
          "count=excluded.count, \"left\"=excluded.\"left\", notes=excluded.notes, worked=excluded.worked, "
          "bears=excluded.bears"),
      {q(g.key), q(g.name), q(std::string(wordOf(g.kind))), q(g.ink), g.width_mm, g.height_mm, g.thickness_mm,
       g.count ? QVariant(*g.count) : QVariant(QMetaType(QMetaType::Int)), q(std::string(wordOf(g.left))),
       q(g.notes), g.worked, g.bears});
}

Result<Done> putSetRow(QSqlDatabase db, const CardSet& s) {
  return run(
      db,
      QStringLiteral("INSERT INTO card_set (key, name, json) VALUES (?,?,?) ON CONFLICT(key) DO UPDATE SET "
                     "name=excluded.name, json=excluded.json"),
      {q(s.key), q(s.name), q(writeCard(s.card))});
}

Result<Done> putMaskRow(QSqlDatabase db, const KeptMask& m) {
  return run(
      db,
      QStringLiteral(
          "INSERT INTO mask (key, stamp, uses_left, place, notes) VALUES (?,?,?,?,?) ON CONFLICT(key) DO "
          "UPDATE SET "
          "stamp=excluded.stamp, uses_left=excluded.uses_left, place=excluded.place, notes=excluded.notes"),
      {q(m.key), q(m.stamp), m.usesLeft, q(m.place), q(m.notes)});
}

}  // namespace havlo::drawer_rows
