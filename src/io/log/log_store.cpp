#include "io/log/log_store.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLocale>
#include <QSet>
#include <QSqlQuery>
#include <atomic>
#include <set>

#include "io/files/errors.h"
#include "io/files/journal.h"
#include "io/files/sqlite.h"
#include "io/files/whole_file.h"
#include "io/log/log_lines.h"
#include "io/log/practice_lines.h"
#include "io/wording/say.h"

namespace havlo {

using sqlite::database;
using sqlite::Health;
using sqlite::healthOf;
using sqlite::q;

namespace {

Result<Done> run(const QSqlDatabase& db, const QString& text, const QVariantList& values = {}) {
  return sqlite::run(db, text, values, sqlite::Keeps::Log);
}

/// What is searched, small letters: names and words, the month in the maker's language and in figures.
QString searched(const LogEntry& e) {
  QStringList words{q(e.title), q(e.madeFor), q(e.occasion), q(e.sentTo), q(e.hands)};
  for (const auto* list : {&e.shows, &e.inks, &e.notes})
    for (const std::string& w : *list) words << q(w);
  for (const LogEntry::Wrong& w : e.mishaps) words << q(w.note);
  if (e.ended_s > 0) {
    const QDate day = QDateTime::fromMSecsSinceEpoch(static_cast<qint64>(e.ended_s * 1000)).date();
    constexpr const char* kSeasons[] = {
        QT_TRANSLATE_NOOP("havlo", "winter"), QT_TRANSLATE_NOOP("havlo", "spring"),
        QT_TRANSLATE_NOOP("havlo", "summer"), QT_TRANSLATE_NOOP("havlo", "autumn")};
    words << QLocale().toString(day, QStringLiteral("MMMM yyyy")) << day.toString(Qt::ISODate)
          << tr(kSeasons[day.month() % 12 / 3]);
  }
  return words.join(u'\n').toLower();
}

/// The entry that says more: that was held against its plan, that ended later, that has more in it.
const LogEntry& fuller(const LogEntry& a, const LogEntry& b) {
  const auto says = [](const LogEntry& e) {
    return std::tuple(e.prints.size(), e.ended_s, lineOf(e).size());
  };
  return says(a) >= says(b) ? a : b;
}

/// Whether every table has the columns of this version: a database may be sound and still not ours.
bool hasOurTables(const QSqlDatabase& db, QString* why) {
  QSqlQuery query(db);
  query.exec(QStringLiteral("PRAGMA user_version"));
  const int version = query.next() ? query.value(0).toInt() : 0;
  query.finish();
  if (version != kLogVersion) return true;
  for (const char* asked :
       {"SELECT id, ended, title, made_for, occasion, sent_to, hands, planned, spent, mishaps, compared, "
        "search, "
        "line FROM card LIMIT 0",
        "SELECT key, value FROM setting LIMIT 0", "SELECT id, text, done FROM idea LIMIT 0"})
    if (!query.exec(QLatin1String(asked))) {
      *why = query.lastError().databaseText();
      return false;
    }
  return true;
}

}  // namespace

LogStore::~LogStore() {
  if (!m_connection.isEmpty()) QSqlDatabase::removeDatabase(m_connection);
}

QString LogStore::journal() const { return QDir(m_folder).filePath(QStringLiteral("log.jsonl")); }

Result<std::unique_ptr<LogStore>> LogStore::open(const QString& folder) {
  static std::atomic<int> n = 0;
  std::unique_ptr<LogStore> store(new LogStore);
  store->m_folder = folder;
  if (!QDir().mkpath(QDir(folder).filePath(QStringLiteral("cards"))))
    return cannotRead(tr("the folder of the log, %1, cannot be made").arg(folder));
  const QString file = QDir(folder).filePath(QStringLiteral("log.sqlite"));
  for (int attempt = 0; attempt < 2; ++attempt) {
    store->m_connection = QStringLiteral("havlo-log-%1").arg(++n);
    QString why;
    Health health = Health::Unreadable;
    {
      QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), store->m_connection);
      db.setDatabaseName(file);
      db.setConnectOptions(QStringLiteral("QSQLITE_BUSY_TIMEOUT=3000"));
      if (db.open()) health = healthOf(db, &why);
      if (health == Health::Sound && !hasOurTables(db, &why)) health = Health::Damaged;
      if (health == Health::Unreadable && why.isEmpty()) why = db.lastError().databaseText();
    }
    if (health == Health::Sound) {
      if (auto done = store->prepare(); !done) return done.error();
      if (auto done = store->takeOver(); !done)
        store->m_notes << QString::fromStdString(done.error().message);
      return store;
    }
    QSqlDatabase::removeDatabase(store->m_connection);
    store->m_connection.clear();
    if (health == Health::InUse) return cannotRead(tr("another program is using the log"));
    if (health == Health::Unreadable) return cannotRead(tr("the log cannot be opened: %1").arg(why));
    const QString aside = QDir(folder).filePath(
        QStringLiteral("log-damaged-%1.sqlite")
            .arg(QDateTime::currentDateTime().toString(QStringLiteral("yyyyMMdd-HHmmsszzz"))));
    if (!QFile::rename(file, aside))
      return cannotRead(tr("the log is damaged (%1) and cannot be set aside").arg(why));
    store->m_notes
        << tr("The log's database was damaged. It was set aside as %1 and made anew from the journal.")
               .arg(QFileInfo(aside).fileName());
  }
  return cannotRead(tr("the log cannot be opened"));
}

Result<Done> LogStore::prepare() {
  QSqlDatabase db = database(m_connection);
  QSqlQuery query(db);
  query.exec(QStringLiteral("PRAGMA synchronous=FULL"));
  query.exec(QStringLiteral("PRAGMA user_version"));
  const int version = query.next() ? query.value(0).toInt() : 0;
  query.finish();
  if (version > kLogVersion)
    return badInput(tr("this log was made by a newer Havlo (version %1)").arg(version));
  // Whoever searches goes through all cards: what find() asks for lies together, without the long lines. A
  // log from before gets it now; one that cannot be written does without.
  const QString together = QStringLiteral(
      "CREATE INDEX IF NOT EXISTS card_found ON card (ended DESC, id, title, made_for, occasion, sent_to, "
      "hands, "
      "planned, spent, mishaps, compared, search, gone)");
  if (version == kLogVersion) {
    query.exec(together);
    return Done{};
  }
  return inOneGo([&]() -> Result<Done> {
    for (const char* statement :
         {"CREATE TABLE IF NOT EXISTS card (id TEXT PRIMARY KEY, ended REAL NOT NULL, title TEXT NOT NULL, "
          "made_for TEXT NOT NULL, "
          "occasion TEXT NOT NULL, sent_to TEXT NOT NULL, hands TEXT NOT NULL, planned REAL NOT NULL, spent "
          "REAL NOT NULL, "
          "mishaps INTEGER NOT NULL, compared INTEGER NOT NULL, search TEXT NOT NULL, line TEXT NOT NULL, "
          "gone INTEGER NOT NULL DEFAULT 0)",
          "CREATE INDEX IF NOT EXISTS card_ended ON card (ended)",
          "CREATE TABLE IF NOT EXISTS setting (key TEXT PRIMARY KEY, value TEXT NOT NULL)",
          "CREATE TABLE IF NOT EXISTS idea (id TEXT PRIMARY KEY, text TEXT NOT NULL, done INTEGER NOT NULL)"})
      if (auto done = run(db, QLatin1String(statement)); !done) return done;
    if (auto done = run(db, together); !done) return done;
    return run(db, QStringLiteral("PRAGMA user_version=%1").arg(kLogVersion));
  });
}

/// Lines of the journal that the database does not have: an older Havlo's, or what was written when it was
/// damaged.
Result<Done> LogStore::takeOver() {
  const QFileInfo file(journal());
  if (!file.exists()) return Done{};
  QSqlDatabase db = database(m_connection);
  QSqlQuery query(db);
  query.exec(QStringLiteral("SELECT value FROM setting WHERE key='journal'"));
  const qint64 known = query.next() ? query.value(0).toLongLong() : 0;
  query.finish();
  if (known == file.size()) return Done{};
  std::set<std::string> have;
  query.exec(QStringLiteral("SELECT id FROM card"));
  while (query.next()) have.insert(query.value(0).toString().toStdString());
  query.finish();
  return inOneGo([&]() -> Result<Done> {
    // Of two lines on one card the later replaces the earlier.
    const auto taken = eachLogLine(journal(), [&](const LogEntry& e, const QByteArray& line) -> Result<Done> {
      return have.contains(e.id) ? Result<Done>(Done{}) : write(e, line);
    });
    if (!taken) return taken;
    return run(db, QStringLiteral("INSERT OR REPLACE INTO setting VALUES ('journal', ?)"), {file.size()});
  });
}

qint64 LogStore::othersVersion() const {
  QSqlQuery query(database(m_connection));
  return query.exec(QStringLiteral("PRAGMA data_version")) && query.next() ? query.value(0).toLongLong() : 0;
}

Result<Done> LogStore::inOneGo(const std::function<Result<Done>()>& work) {
  QSqlDatabase db = database(m_connection);
  if (auto begun = run(db, QStringLiteral("BEGIN IMMEDIATE")); !begun) return begun;
  Result<Done> done = work();
  if (done) done = run(db, QStringLiteral("COMMIT"));
  if (!done) (void)run(db, QStringLiteral("ROLLBACK")).operator bool();
  return done;
}

std::vector<LogLine> LogStore::find(const QString& words, const std::string& hands) const {
  QString where = QStringLiteral("gone=0");
  QVariantList values;
  if (!hands.empty()) where += QStringLiteral(" AND hands=?"), values << q(hands);
  for (const QString& word : words.toLower().split(u' ', Qt::SkipEmptyParts)) {
    where += QStringLiteral(" AND instr(search, ?) > 0");
    values << word;
  }
  QSqlQuery query(database(m_connection));
  query.setForwardOnly(true);
  query.prepare(
      QStringLiteral(
          "SELECT id, title, made_for, occasion, sent_to, hands, ended, planned, spent, mishaps, compared "
          "FROM card WHERE %1 ORDER BY ended DESC, id")
          .arg(where));
  for (const QVariant& v : values) query.addBindValue(v);
  query.exec();
  std::vector<LogLine> out;
  const auto word = [&](int k) { return query.value(k).toString().toStdString(); };
  while (query.next())
    out.push_back({word(0), word(1), word(2), word(3), word(4), word(5), query.value(6).toDouble(),
                   query.value(7).toDouble(), query.value(8).toDouble(), query.value(9).toInt(),
                   query.value(10).toBool()});
  return out;
}

Result<LogEntry> LogStore::entry(const std::string& id) const {
  QSqlQuery query(database(m_connection));
  query.prepare(QStringLiteral("SELECT line FROM card WHERE id=?"));
  query.addBindValue(q(id));
  if (!query.exec() || !query.next()) return badInput(tr("there is no such card in the log"));
  auto e = entryOf(query.value(0).toString().toUtf8());
  if (!e) return badInput(tr("what the log says of that card is damaged"));
  return std::move(*e);
}

namespace {

/// @param most  so many of the newest; below 0: all. Oldest first
std::vector<LogEntry> entriesIn(const QSqlDatabase& db, const std::string& hands, int most) {
  QSqlQuery query(db);
  query.setForwardOnly(true);
  query.prepare(QStringLiteral("SELECT line FROM card WHERE gone=0%1 ORDER BY ended DESC LIMIT ?")
                    .arg(hands == "*" ? QString() : QStringLiteral(" AND hands=?")));
  if (hands != "*") query.addBindValue(q(hands));
  query.addBindValue(most);
  query.exec();
  std::vector<LogEntry> out;
  while (query.next())
    if (auto e = entryOf(query.value(0).toString().toUtf8())) out.push_back(std::move(*e));
  std::reverse(out.begin(), out.end());
  return out;
}

}  // namespace

std::vector<LogEntry> LogStore::all(const std::string& hands) const {
  return entriesIn(database(m_connection), hands, -1);
}

std::vector<LogEntry> LogStore::newest(const std::string& hands) const {
  return entriesIn(database(m_connection), hands, kLearnFrom);
}

Result<Done> LogStore::write(const LogEntry& e, const QByteArray& line) {
  return run(
      database(m_connection),
      QStringLiteral("INSERT OR REPLACE INTO card VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,0)"),
      {q(e.id), e.ended_s, q(e.title), q(e.madeFor), q(e.occasion), q(e.sentTo), q(e.hands), e.planned_min,
       e.spent_min, static_cast<int>(e.mishaps.size()), e.compared(), searched(e), QString::fromUtf8(line)});
}

Result<Done> LogStore::put(const LogEntry& e, const std::string& plan) {
  if (!plan.empty())
    if (auto saved = saveWhole(planFile(e.id), QByteArray::fromStdString(plan)); !saved) return saved;
  // The journal first: what is in it is not lost, whatever becomes of the database.
  if (auto added = appendLog(journal(), e); !added) return added;
  return inOneGo([&]() -> Result<Done> {
    if (auto done = write(e, lineOf(e)); !done) return done;
    return run(database(m_connection), QStringLiteral("INSERT OR REPLACE INTO setting VALUES ('journal', ?)"),
               {QFileInfo(journal()).size()});
  });
}

Result<Done> LogStore::change(const std::string& id, const std::function<void(LogEntry&)>& how) {
  LogEntry changed;
  const auto done = inOneGo([&]() -> Result<Done> {
    auto e = entry(id);
    if (!e) return e.error();
    changed = std::move(e).value();
    how(changed);
    changed.id = id;
    if (auto added = appendLog(journal(), changed); !added) return added;
    if (auto written = write(changed, lineOf(changed)); !written) return written;
    return run(database(m_connection), QStringLiteral("INSERT OR REPLACE INTO setting VALUES ('journal', ?)"),
               {QFileInfo(journal()).size()});
  });
  return done;
}

Result<Done> LogStore::remove(const std::string& id) {
  return run(database(m_connection), QStringLiteral("UPDATE card SET gone=1 WHERE id=?"), {q(id)});
}

QString LogStore::planFile(const std::string& id) const {
  return QDir(m_folder).filePath(QStringLiteral("cards/%1.havlo").arg(q(id)));
}
QString LogStore::pictureFile(const std::string& id) const {
  return QDir(m_folder).filePath(QStringLiteral("cards/%1.png").arg(q(id)));
}
QString LogStore::photoFile(const std::string& id) const {
  return QDir(m_folder).filePath(QStringLiteral("cards/%1-card.jpg").arg(q(id)));
}
QString LogStore::flatFile(const std::string& id) const {
  return QDir(m_folder).filePath(QStringLiteral("cards/%1-flat.png").arg(q(id)));
}
QString LogStore::smallFile(const std::string& id) const {
  return QDir(m_folder).filePath(QStringLiteral("cards/%1-small.png").arg(q(id)));
}

std::vector<std::string> LogStore::people() const {
  QSqlQuery query(database(m_connection));
  query.exec(QStringLiteral(
      "SELECT hands, max(ended) AS last FROM card WHERE gone=0 GROUP BY hands ORDER BY last DESC"));
  std::vector<std::string> out;
  while (query.next()) out.push_back(query.value(0).toString().toStdString());
  if (const std::string now = atWork(); std::find(out.begin(), out.end(), now) == out.end())
    out.push_back(now);
  return out;
}

LearnSettings LogStore::settings(const std::string& hands) const {
  QSqlQuery query(database(m_connection));
  query.prepare(QStringLiteral("SELECT value FROM setting WHERE key=?"));
  query.addBindValue(QStringLiteral("hands:") + q(hands));
  LearnSettings out;
  if (!query.exec() || !query.next()) return out;
  const QJsonObject o = QJsonDocument::fromJson(query.value(0).toString().toUtf8()).object();
  out.from_s = o[QStringLiteral("from")].toDouble();
  out.positioner = o[QStringLiteral("positioner")].toBool();
  const QJsonObject own = o[QStringLiteral("own")].toObject();
  for (auto it = own.begin(); it != own.end(); ++it)
    if (const auto trait = traitOf(it.key().toStdString())) out.own[*trait] = it.value().toDouble();
  return out;
}

Result<Done> LogStore::putSettings(const std::string& hands, const LearnSettings& s) {
  QJsonObject own;
  for (const auto& [trait, value] : s.own) own.insert(QLatin1String(wordOf(trait).data()), value);
  const QJsonObject o{{QStringLiteral("from"), s.from_s},
                      {QStringLiteral("own"), own},
                      {QStringLiteral("positioner"), s.positioner}};
  return run(database(m_connection), QStringLiteral("INSERT OR REPLACE INTO setting VALUES (?, ?)"),
             {QStringLiteral("hands:") + q(hands),
              QString::fromUtf8(QJsonDocument(o).toJson(QJsonDocument::Compact))});
}

std::string LogStore::atWork() const {
  QSqlQuery query(database(m_connection));
  query.exec(QStringLiteral("SELECT value FROM setting WHERE key='atWork'"));
  return query.next() ? query.value(0).toString().toStdString() : std::string();
}

Result<Done> LogStore::setAtWork(const std::string& hands) {
  return run(database(m_connection), QStringLiteral("INSERT OR REPLACE INTO setting VALUES ('atWork', ?)"),
             {q(hands)});
}

std::vector<LogIdea> LogStore::ideas() const {
  QSqlQuery query(database(m_connection));
  query.exec(QStringLiteral("SELECT id, text, done FROM idea ORDER BY done, rowid DESC"));
  std::vector<LogIdea> out;
  while (query.next())
    out.push_back({query.value(0).toString().toStdString(), query.value(1).toString().toStdString(),
                   query.value(2).toBool()});
  return out;
}

Result<Done> LogStore::putIdea(const LogIdea& idea) {
  return run(database(m_connection),
             QStringLiteral("INSERT INTO idea VALUES (?,?,?) ON CONFLICT(id) DO UPDATE SET "
                            "text=excluded.text, done=excluded.done"),
             {q(idea.id), q(idea.text), idea.done});
}

Result<Done> LogStore::removeIdea(const std::string& id) {
  return run(database(m_connection), QStringLiteral("DELETE FROM idea WHERE id=?"), {q(id)});
}

Result<int> LogStore::merge(const QString& from) {
  const QFileInfo info(from);
  if (!info.exists()) return cannotRead(tr("there is no log %1").arg(from));
  const QString lines = info.isDir() ? QDir(from).filePath(QStringLiteral("log.jsonl")) : from;
  int bad = 0;
  const std::vector<LogEntry> others = readLog(lines, &bad);
  if (others.empty()) return cannotRead(tr("%1 has no cards in it").arg(QFileInfo(lines).fileName()));
  int fresh = 0;
  std::vector<const LogEntry*> taken;
  QByteArrayList texts;
  for (const LogEntry& e : others) {
    const auto mine = entry(e.id);
    if (mine && mine.value() == fuller(mine.value(), e)) continue;
    fresh += !mine;
    taken.push_back(&e);
    texts << lineOf(e);
  }
  if (!taken.empty()) {
    // All in one go, the journal first: a log of years would else be gone through for each of its cards.
    if (auto added = appendLine(journal(), texts.join('\n')); !added) return added.error();
    const auto written = inOneGo([&]() -> Result<Done> {
      for (size_t k = 0; k < taken.size(); ++k)
        if (auto done = write(*taken[k], texts[static_cast<qsizetype>(k)]); !done) return done;
      return run(database(m_connection),
                 QStringLiteral("INSERT OR REPLACE INTO setting VALUES ('journal', ?)"),
                 {QFileInfo(journal()).size()});
    });
    if (!written) return written.error();
  }
  if (info.isDir()) {  // plans and pictures come along
    const QDir theirs(QDir(from).filePath(QStringLiteral("cards")));
    QSet<QString> cards;
    for (const LogEntry* e : taken) cards << q(e->id);
    for (const QString& name : theirs.entryList(QDir::Files)) {
      QString card = QFileInfo(name).completeBaseName();
      for (const char* part : {"-card", "-flat", "-small"})
        if (!cards.contains(card) && card.endsWith(QLatin1String(part)))
          card.chop(static_cast<qsizetype>(qstrlen(part)));
      if (cards.contains(card))
        QFile::copy(theirs.filePath(name), QDir(m_folder).filePath(QStringLiteral("cards/") + name));
    }
  }
  if (info.isDir())
    if (auto done =
            mergePractised(QDir(m_folder).filePath(kPracticeFile), QDir(from).filePath(kPracticeFile));
        !done)
      return done.error();
  return fresh;
}

Habits habitsFrom(const LogStore& store) {
  const std::string hands = store.atWork();
  return habitsOf(learnFrom(store.newest(hands), store.settings(hands)));
}

}  // namespace havlo
