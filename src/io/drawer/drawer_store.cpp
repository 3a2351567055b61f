#include "io/drawer/drawer_store.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QUuid>
#include <algorithm>
#include <atomic>

#include "core/plan/plan_text.h"
#include "io/drawer/drawer_rows.h"
#include "io/files/errors.h"
#include "io/wording/say.h"

namespace havlo {

using namespace drawer_rows;
using sqlite::database;
using sqlite::Health;
using sqlite::healthOf;

namespace {

/// The tables, one list of statements a version.
const std::vector<QStringList>& migrations() {
  static const std::vector<QStringList> all{
      {QStringLiteral(
           "CREATE TABLE stamp (key TEXT PRIMARY KEY, name TEXT NOT NULL, role TEXT NOT NULL, facing TEXT "
           "NOT NULL, "
           "width REAL NOT NULL, height REAL NOT NULL, typical REAL, least REAL, most REAL, set_name TEXT "
           "NOT NULL, "
           "tags TEXT NOT NULL, mounting TEXT NOT NULL, place TEXT NOT NULL, notes TEXT NOT NULL)"),
       QStringLiteral("CREATE TABLE stamp_body (key TEXT PRIMARY KEY REFERENCES stamp(key) ON DELETE "
                      "CASCADE, json TEXT NOT NULL)"),
       QStringLiteral("CREATE TABLE ink (id TEXT PRIMARY KEY, json TEXT NOT NULL)"),
       QStringLiteral("CREATE TABLE paper (key TEXT PRIMARY KEY, name TEXT NOT NULL, colour TEXT NOT NULL, "
                      "thickness REAL NOT NULL, "
                      "width REAL NOT NULL, height REAL NOT NULL, notes TEXT NOT NULL)")},
      {QStringLiteral("ALTER TABLE stamp ADD COLUMN die INTEGER NOT NULL DEFAULT 0"),
       QStringLiteral("CREATE TABLE mask (key TEXT PRIMARY KEY, stamp TEXT NOT NULL REFERENCES stamp(key) ON "
                      "DELETE CASCADE, "
                      "uses_left INTEGER NOT NULL, place TEXT NOT NULL, notes TEXT NOT NULL)")},
      {QStringLiteral("ALTER TABLE paper ADD COLUMN sheets INTEGER"),
       QStringLiteral("ALTER TABLE paper ADD COLUMN offcut INTEGER NOT NULL DEFAULT 0"),
       QStringLiteral(
           "CREATE TABLE good (key TEXT PRIMARY KEY, name TEXT NOT NULL, kind TEXT NOT NULL, ink TEXT "
           "NOT NULL, width REAL NOT NULL, height REAL NOT NULL, thickness REAL NOT NULL, count INTEGER, "
           "\"left\" TEXT NOT NULL, notes TEXT NOT NULL)"),
       QStringLiteral(
           "CREATE TABLE card_set (key TEXT PRIMARY KEY, name TEXT NOT NULL, json TEXT NOT NULL)")},
      {QStringLiteral("ALTER TABLE paper ADD COLUMN grain TEXT NOT NULL DEFAULT ''")},
      {QStringLiteral("ALTER TABLE good ADD COLUMN worked REAL NOT NULL DEFAULT 0"),
       QStringLiteral("ALTER TABLE good ADD COLUMN bears REAL NOT NULL DEFAULT 0")}};
  return all;
}

QString freshConnection() {
  static std::atomic<int> n = 0;
  return QStringLiteral("havlo-drawer-%1").arg(++n);
}

QString besideAs(const QString& file, const QString& word) {
  const QFileInfo info(file);
  return info.dir().filePath(info.completeBaseName() + u'-' + word + QStringLiteral(".sqlite"));
}

/// Whether every table has the columns of this version: a database may be sound and still not ours.
bool hasOurTables(QSqlDatabase db, QString* why) {
  QSqlQuery query(db);
  query.exec(QStringLiteral("PRAGMA user_version"));
  const int version = query.next() ? query.value(0).toInt() : 0;
  query.finish();
  if (version <= 0 || version > kDrawerVersion) return true;  // empty, or newer: told elsewhere
  std::vector<const char*> asked{
      "SELECT key, name, role, facing, width, height, typical, least, most, set_name, tags, mounting, place, "
      "notes "
      "FROM stamp LIMIT 0",
      "SELECT key, json FROM stamp_body LIMIT 0", "SELECT id, json FROM ink LIMIT 0",
      "SELECT key, name, colour, thickness, width, height, notes FROM paper LIMIT 0"};
  if (version >= 2) {
    asked.push_back("SELECT die FROM stamp LIMIT 0");
    asked.push_back("SELECT key, stamp, uses_left, place, notes FROM mask LIMIT 0");
  }
  if (version >= 3) {
    asked.push_back("SELECT sheets, offcut FROM paper LIMIT 0");
    asked.push_back(
        "SELECT key, name, kind, ink, width, height, thickness, count, \"left\", notes FROM good LIMIT 0");
    asked.push_back("SELECT key, name, json FROM card_set LIMIT 0");
  }
  if (version >= 4) asked.push_back("SELECT grain FROM paper LIMIT 0");
  if (version >= 5) asked.push_back("SELECT worked, bears FROM good LIMIT 0");
  for (const char* text : asked)
    if (!query.exec(QLatin1String(text))) {
      *why = query.lastError().databaseText();
      return false;
    }
  return true;
}

int stampsIn(QSqlDatabase db) {
  QSqlQuery query(db);
  return query.exec(QStringLiteral("SELECT count(*) FROM stamp")) && query.next() ? query.value(0).toInt()
                                                                                  : 0;
}

/// @return the stamps in it; -1 when it is damaged
int stampsInSound(const QString& file) {
  const QString connection = freshConnection();
  int count = -1;
  {
    QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection);
    db.setDatabaseName(file);
    db.setConnectOptions(QStringLiteral("QSQLITE_OPEN_READONLY"));
    QString why;
    if (db.open() && healthOf(db, &why) == Health::Sound && hasOurTables(db, &why)) count = stampsIn(db);
  }
  QSqlDatabase::removeDatabase(connection);
  return count;
}

/// One attempt at opening. @param health  out
std::unique_ptr<QSqlDatabase> connectTo(const QString& file, const QString& connection, bool readOnly) {
  auto db = std::make_unique<QSqlDatabase>(QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection));
  db->setDatabaseName(file);
  db->setConnectOptions(readOnly ? QStringLiteral("QSQLITE_OPEN_READONLY;QSQLITE_BUSY_TIMEOUT=1500")
                                 : QStringLiteral("QSQLITE_BUSY_TIMEOUT=1500"));
  db->open();
  return db;
}

}  // namespace

std::string freshKey() { return QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString(); }

DrawerStore::~DrawerStore() {
  if (!m_connection.isEmpty()) QSqlDatabase::removeDatabase(m_connection);
}

Result<std::unique_ptr<DrawerStore>> DrawerStore::open(const QString& file) {
  std::unique_ptr<DrawerStore> store(new DrawerStore);
  store->m_file = file;
  QDir().mkpath(QFileInfo(file).path());
  const QString backup = besideAs(file, QStringLiteral("backup"));
  for (int attempt = 0; attempt < 2; ++attempt) {
    const bool existed = QFileInfo::exists(file);
    const bool mayWrite = QFileInfo(existed ? file : QFileInfo(file).path()).isWritable();
    store->m_connection = freshConnection();
    auto db = connectTo(file, store->m_connection, existed && !mayWrite);
    QString why;
    Health health = db->isOpen() ? healthOf(*db, &why) : Health::Unreadable;
    if (health == Health::Sound && !hasOurTables(*db, &why)) health = Health::Damaged;
    // A file without a byte is a sound database to SQLite; where there was a drawer, it is a loss.
    if (health == Health::Sound && existed && QFileInfo(file).size() == 0 && stampsInSound(backup) > 0) {
      health = Health::Damaged;
      why = tr("it is empty");
    }
    if (health == Health::Sound) {
      db.reset();
      store->m_readOnly = !mayWrite;
      if (!mayWrite)
        store->m_notes << tr(
            "The drawer is read-only: you can look and take, but nothing can be changed in it.");
      auto prepared = store->prepare(mayWrite);
      if (!prepared) return prepared.error();
      return store;
    }
    if (why.isEmpty()) why = db->lastError().text();
    db.reset();
    QSqlDatabase::removeDatabase(store->m_connection);
    store->m_connection.clear();
    if (health == Health::InUse) return cannotRead(tr("another program is using the drawer"));
    if (health == Health::Unreadable)
      return Error{ErrorCode::CannotRead, tr("the drawer cannot be opened: %1").arg(why).toStdString(), {}};
    // Damaged: set aside under a name of its own, then the backup takes its place.
    const QString aside =
        besideAs(file, QStringLiteral("damaged-") +
                           QDateTime::currentDateTime().toString(QStringLiteral("yyyyMMdd-HHmmsszzz")));
    if (!QFile::rename(file, aside))
      return Error{ErrorCode::CannotRead,
                   tr("the drawer is damaged (%1) and cannot be set aside").arg(why).toStdString(),
                   {}};
    const bool restored =
        QFileInfo::exists(backup) && stampsInSound(backup) >= 0 && QFile::copy(backup, file);
    store->m_notes
        << (restored
                ? tr("The drawer was damaged. It was set aside as %1, and the backup from %2 took its place.")
                      .arg(QFileInfo(aside).fileName(),
                           QFileInfo(backup).lastModified().toString(QStringLiteral("yyyy-MM-dd HH:mm")))
                : tr("The drawer was damaged and there is no backup. It was set aside as %1; this one begins "
                     "empty.")
                      .arg(QFileInfo(aside).fileName()));
  }
  return Error{ErrorCode::CannotRead, tr("the drawer cannot be opened").toStdString(), {}};
}

Result<Done> DrawerStore::prepare(bool mayWrite) {
  QSqlDatabase db = database(m_connection);
  QSqlQuery query(db);
  query.exec(QStringLiteral("PRAGMA foreign_keys=ON"));
  query.exec(QStringLiteral("PRAGMA synchronous=FULL"));
  query.exec(QStringLiteral("PRAGMA user_version"));
  const int version = query.next() ? query.value(0).toInt() : 0;
  query.finish();
  if (version > kDrawerVersion)
    return Error{ErrorCode::BadInput,
                 tr("this drawer was made by a newer Havlo (version %1)").arg(version).toStdString(),
                 {}};
  if (mayWrite && !query.exec(QStringLiteral("BEGIN IMMEDIATE"))) {
    m_readOnly = true;
    m_notes << tr(
        "Another program is using the drawer: you can look and take, but nothing can be changed in it now.");
    mayWrite = false;
  } else if (mayWrite) {
    query.exec(QStringLiteral("ROLLBACK"));
  }
  if (version == kDrawerVersion) {
    if (!mayWrite) return Done{};
    backUpToday();
    return mendCommas();
  }
  if (!mayWrite)
    return Error{ErrorCode::CannotRead,
                 tr("the drawer is of an older version and cannot be brought up to date now, because it "
                    "cannot be written")
                     .toStdString(),
                 {}};
  if (version > 0) {
    const auto saved = backUpTo(besideAs(m_file, QStringLiteral("before-version-%1").arg(kDrawerVersion)));
    if (!saved) return saved;
  }
  return change([&]() -> Result<Done> {
    for (int v = version; v < kDrawerVersion; ++v)
      for (const QString& statement : migrations()[ix(v)])
        if (auto done = run(db, statement); !done) return done;
    return run(db, QStringLiteral("PRAGMA user_version=%1").arg(kDrawerVersion));
  });
}

/// A backup a day keeps what was there when today began. One that holds stamps is never replaced by an empty
/// one, and the one before it is kept as well.
void DrawerStore::backUpToday() {
  const QString backup = besideAs(m_file, QStringLiteral("backup"));
  const QFileInfo old(backup);
  if (old.exists() && old.lastModified().date() >= QDate::currentDate()) return;
  const int before = old.exists() ? stampsInSound(backup) : 0;
  if (before > 0 && stampsIn(database(m_connection)) == 0) return;
  if (before > 0) {
    const QString earlier = besideAs(m_file, QStringLiteral("backup-before"));
    QFile::remove(earlier);
    QFile::copy(backup, earlier);
  }
  (void)backUpTo(backup).operator bool();
}

/// Drawings that an older Havlo wrote with decimal commas; see core/plan/mend_art.h.
Result<Done> DrawerStore::mendCommas() {
  QSqlDatabase db = database(m_connection);
  QSqlQuery query(db);
  std::vector<std::pair<QString, std::string>> mended;
  query.exec(QStringLiteral(
      R"(SELECT key, json FROM stamp_body WHERE json LIKE '%width=\"%,__mm\" height=\"%,__mm\"%')"));
  while (query.next()) {
    const std::string before = query.value(1).toString().toStdString();
    auto stamp = readStamp(before);  // reading mends
    if (!stamp) continue;
    std::string after = writeStamp(stamp.value());
    if (after != before) mended.emplace_back(query.value(0).toString(), std::move(after));
  }
  query.finish();
  if (mended.empty()) return Done{};
  m_notes << (mended.size() == 1
                  ? tr("A stamp was written with commas for decimal points by an older Havlo. It was mended.")
                  : tr("%1 stamps were written with commas for decimal points by an older Havlo. They were "
                       "mended.")
                        .arg(mended.size()));
  return change([&]() -> Result<Done> {
    for (const auto& [key, json] : mended)
      if (auto done = run(db, QStringLiteral("UPDATE stamp_body SET json=? WHERE key=?"), {q(json), key});
          !done)
        return done;
    return Done{};
  });
}

qint64 DrawerStore::othersVersion() const {
  QSqlQuery query(database(m_connection));
  return query.exec(QStringLiteral("PRAGMA data_version")) && query.next() ? query.value(0).toLongLong() : 0;
}

Result<Done> DrawerStore::change(const std::function<Result<Done>()>& work) {
  if (m_readOnly) return cannotWrite(tr("the drawer is open for reading only"));
  QSqlDatabase db = database(m_connection);
  if (auto begun = run(db, QStringLiteral("BEGIN IMMEDIATE")); !begun) return begun;
  Result<Done> done = work();
  if (done) done = run(db, QStringLiteral("COMMIT"));
  if (!done) (void)run(db, QStringLiteral("ROLLBACK")).operator bool();
  return done;
}

Result<Done> DrawerStore::backUpTo(const QString& file) const {
  const QString fresh = file + QStringLiteral(".new");
  QFile::remove(fresh);
  if (auto copied = run(database(m_connection), QStringLiteral("VACUUM INTO ?"), {fresh}); !copied) {
    QFile::remove(fresh);
    return copied;
  }
  QFile::remove(file);
  if (!QFile::rename(fresh, file))
    return cannotWrite(tr("the backup %1 cannot be written").arg(QFileInfo(file).fileName()));
  return Done{};
}

std::vector<DrawerCard> DrawerStore::cards() const {
  std::vector<DrawerCard> out;
  QSqlQuery query(database(m_connection));
  query.setForwardOnly(true);
  query.exec(QStringLiteral("SELECT %1 FROM stamp ORDER BY rowid").arg(QLatin1String(kCardColumns)));
  while (query.next()) out.push_back(cardOf(query));
  return out;
}

Result<DrawerStamp> DrawerStore::stamp(const std::string& key) const {
  QSqlQuery query(database(m_connection));
  query.prepare(
      QStringLiteral(
          "SELECT %1, (SELECT json FROM stamp_body WHERE stamp_body.key=stamp.key) FROM stamp WHERE key=?")
          .arg(QLatin1String(kCardColumns)));
  query.addBindValue(q(key));
  if (!query.exec() || !query.next())
    return Error{ErrorCode::BadInput, tr("there is no such stamp in the drawer").toStdString(), {}};
  DrawerStamp out;
  out.card = cardOf(query);
  auto stamp = readStamp(query.value(15).toString().toStdString());
  if (!stamp)
    return Error{
        ErrorCode::BadInput,
        tr("the stamp %1 is damaged: %2").arg(q(out.card.name), q(stamp.error().text())).toStdString(),
        {}};
  out.stamp = std::move(stamp).value();
  out.stamp.drawer = key;
  return out;
}

std::vector<Ink> DrawerStore::inks() const {
  std::vector<Ink> out;
  QSqlQuery query(database(m_connection));
  query.exec(QStringLiteral("SELECT json FROM ink ORDER BY rowid"));
  while (query.next())
    if (auto ink = readInk(query.value(0).toString().toStdString())) out.push_back(std::move(ink).value());
  return out;
}

std::vector<DrawerPaper> DrawerStore::papers() const {
  std::vector<DrawerPaper> out;
  QSqlQuery query(database(m_connection));
  query.exec(
      QStringLiteral("SELECT key, name, colour, thickness, width, height, notes, sheets, offcut, grain FROM "
                     "paper ORDER BY rowid"));
  while (query.next()) out.push_back(paperOf(query));
  return out;
}

std::vector<KeptMask> DrawerStore::masks() const {
  std::vector<KeptMask> out;
  QSqlQuery query(database(m_connection));
  query.exec(QStringLiteral("SELECT key, stamp, uses_left, place, notes FROM mask ORDER BY rowid"));
  while (query.next())
    out.push_back({query.value(0).toString().toStdString(), query.value(1).toString().toStdString(),
                   std::clamp(query.value(2).toInt(), 0, 100000), query.value(3).toString().toStdString(),
                   query.value(4).toString().toStdString()});
  return out;
}

std::vector<DrawerGood> DrawerStore::goods() const {
  std::vector<DrawerGood> out;
  QSqlQuery query(database(m_connection));
  query.exec(
      QStringLiteral("SELECT key, name, kind, ink, width, height, thickness, count, \"left\", notes, "
                     "worked, bears FROM good ORDER BY rowid"));
  while (query.next()) out.push_back(goodOf(query));
  return out;
}

std::vector<CardSet> DrawerStore::sets() const {
  std::vector<CardSet> out;
  QSqlQuery query(database(m_connection));
  query.exec(QStringLiteral("SELECT key, name, json FROM card_set ORDER BY rowid"));
  while (query.next())
    if (auto card = readCard(query.value(2).toString().toStdString()))
      out.push_back({query.value(0).toString().toStdString(), query.value(1).toString().toStdString(),
                     std::move(card).value()});
  return out;
}

Result<WholeDrawer> DrawerStore::everything(const Progress& progress) const {
  WholeDrawer out;
  const std::vector<DrawerCard> all = cards();
  for (size_t i = 0; i < all.size(); ++i) {
    if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    progress.at(static_cast<double>(i) / static_cast<double>(all.size()));
    auto s = stamp(all[i].key);
    if (!s) return s.error();
    out.stamps.push_back(std::move(s).value());
  }
  out.inks = inks();
  out.papers = papers();
  out.masks = masks();
  out.goods = goods(), out.sets = sets();
  return out;
}

Result<std::string> DrawerStore::put(const DrawerStamp& stamp, const DrawerStamp* base) {
  DrawerStamp s = stamp;
  const bool fresh = s.card.key.empty();
  if (fresh) s.card.key = freshKey();
  s = agreed(std::move(s));
  const auto done = change([&]() -> Result<Done> {
    if (!fresh && base) {
      const auto there = this->stamp(s.card.key);
      if (!there)
        return Error{ErrorCode::BadInput,
                     tr("%1 was taken out of the drawer in another window; it was not changed")
                         .arg(q(s.card.name))
                         .toStdString(),
                     {}};
      s = mergedStamp(*base, s, there.value());
    }
    return putStamp(database(m_connection), s);
  });
  if (!done) return done.error();
  return s.card.key;
}

Result<Done> DrawerStore::remove(const std::string& stamp) {
  return change([&] {
    return run(database(m_connection), QStringLiteral("DELETE FROM stamp WHERE key=?"), {q(stamp)});
  });
}
Result<Done> DrawerStore::putInk(const Ink& ink) {
  return change([&] { return putInkRow(database(m_connection), ink); });
}
Result<Done> DrawerStore::removeInk(const std::string& id) {
  return change(
      [&] { return run(database(m_connection), QStringLiteral("DELETE FROM ink WHERE id=?"), {q(id)}); });
}
Result<Done> DrawerStore::putPaper(const DrawerPaper& paper) {
  DrawerPaper p = paper;
  if (p.key.empty()) p.key = freshKey();
  return change([&] { return putPaperRow(database(m_connection), p); });
}
Result<Done> DrawerStore::removePaper(const std::string& key) {
  return change(
      [&] { return run(database(m_connection), QStringLiteral("DELETE FROM paper WHERE key=?"), {q(key)}); });
}
Result<Done> DrawerStore::putGood(const DrawerGood& good) {
  DrawerGood g = good;
  if (g.key.empty()) g.key = freshKey();
  return change([&] { return putGoodRow(database(m_connection), g); });
}
Result<Done> DrawerStore::removeGood(const std::string& key) {
  return change(
      [&] { return run(database(m_connection), QStringLiteral("DELETE FROM good WHERE key=?"), {q(key)}); });
}
Result<Done> DrawerStore::putSet(const CardSet& set) {
  CardSet s = set;
  if (s.key.empty()) s.key = freshKey();
  return change([&] { return putSetRow(database(m_connection), s); });
}
Result<Done> DrawerStore::removeSet(const std::string& key) {
  return change([&] {
    return run(database(m_connection), QStringLiteral("DELETE FROM card_set WHERE key=?"), {q(key)});
  });
}
Result<Done> DrawerStore::changeStock(const StockChange& stock) {
  return change([&]() -> Result<Done> {
    const QSqlDatabase db = database(m_connection);
    for (const DrawerPaper& paper : stock.papers)
      if (auto done = putPaperRow(db, paper); !done) return done;
    for (const DrawerGood& good : stock.goods)
      if (auto done = putGoodRow(db, good); !done) return done;
    for (const auto& [statement, keys] : {std::pair("DELETE FROM paper WHERE key=?", &stock.papersGone),
                                          std::pair("DELETE FROM good WHERE key=?", &stock.goodsGone)})
      for (const std::string& key : *keys)
        if (auto done = run(db, QLatin1String(statement), {q(key)}); !done) return done;
    return Done{};
  });
}
Result<Done> DrawerStore::putMask(const KeptMask& mask) {
  KeptMask m = mask;
  if (m.key.empty()) m.key = freshKey();
  return change([&] { return putMaskRow(database(m_connection), m); });
}
Result<Done> DrawerStore::removeMask(const std::string& key) {
  return change(
      [&] { return run(database(m_connection), QStringLiteral("DELETE FROM mask WHERE key=?"), {q(key)}); });
}

Result<Done> DrawerStore::putAll(const WholeDrawer& drawer, const Progress& progress) {
  QSqlDatabase db = database(m_connection);
  return change([&]() -> Result<Done> {
    size_t n = 0;
    for (const DrawerStamp& stamp : drawer.stamps) {
      if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
      progress.at(static_cast<double>(n++) / static_cast<double>(drawer.stamps.size()));
      DrawerStamp s = stamp;
      if (s.card.key.empty()) s.card.key = freshKey();
      if (auto done = putStamp(db, agreed(std::move(s))); !done) return done;
    }
    for (const Ink& ink : drawer.inks)
      if (auto done = putInkRow(db, ink); !done) return done;
    for (const DrawerPaper& p : drawer.papers)
      if (auto done = putPaperRow(db, p); !done) return done;
    for (const KeptMask& m : drawer.masks)
      if (auto done = putMaskRow(db, m); !done) return done;
    for (const DrawerGood& g : drawer.goods)
      if (auto done = putGoodRow(db, g); !done) return done;
    for (const CardSet& c : drawer.sets)
      if (auto done = putSetRow(db, c); !done) return done;
    return Done{};
  });
}

std::pair<StockChange, int> cuttingUp(const std::vector<DrawerCut>& cuts,
                                      std::span<const DrawerPaper> papers) {
  PapersAfter after = papersAfter(cuts, papers);
  for (DrawerPaper& p : after.put)
    if (p.key.empty()) p.key = freshKey();
  return {{std::move(after.put), std::move(after.gone), {}, {}}, after.offcuts};
}

}  // namespace havlo
