// The log on disk: journal and database, torn lines, damage, two windows, merging, tables out, five thousand
// cards.
#include <QElapsedTimer>
#include <QFile>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QSqlRecord>
#include <QTemporaryDir>
#include <QTest>

#include "io/log/log_lines.h"
#include "io/log/log_store.h"
#include "io/log/practice_lines.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

LogEntry card(int k) {
  LogEntry e;
  e.id = "card-" + std::to_string(k), e.title = k % 2 ? "Up you go" : "By the mere \"at dusk\", B\xc3\xb6rge";
  e.madeFor = k % 3 ? "Ada" : "Grete", e.occasion = "birthday", e.shows = {"hare", "kite"}, e.inks = {"Soot"};
  e.begun_s = 1.7e9 + 86400.0 * k, e.ended_s = e.begun_s + 3600, e.planned_min = 60.5, e.spent_min = 71.25;
  e.steps.push_back({"stamp", "hare", "hare", 1, 1.5, 0.75});
  e.mishaps.push_back({"smudge", "hare", "thumb"});
  e.notes = {"hold it longer"};
  e.worn.push_back({"hare", 7, true}), e.dried.push_back({"Soot", 80, 60, false, "smooth"});
  e.masks.push_back({"hare", 1, 0, 7}), e.joins.push_back({"hare", "hills", 0.5, 0}),
      e.papers.push_back({"hare", {0.1, -0.2}, 0.3, 0.05, {0.1, 0.12}, 0.2, 0.05, true});
  LogEntry::Print p;
  p.impression = "hare", p.stamp = "hare", p.ink = "Soot", p.state = "off", p.size_mm = 42,
  p.by = {1.5, -0.25}, p.turn_deg = 0.5, p.pressing = 2;
  p.bySd_mm = 0.02, p.turnSd_deg = 0.1, p.strength = 0.8, p.said = 0.7, p.colour = {10, 20, 30},
  p.difference = 3.5;
  e.prints.push_back(p);
  return e;
}

std::unique_ptr<LogStore> opened(const QTemporaryDir& folder) {
  auto store = LogStore::open(folder.path());
  return store ? std::move(store).value() : nullptr;
}

}  // namespace

class TstLogStore : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aCardComesBackAsItWas() {
    const QTemporaryDir folder;
    const auto store = opened(folder);
    QVERIFY(store && bool(store->put(card(1), "{}")));
    QVERIFY(store->entry("card-1").value() == card(1));
    QVERIFY(entryOf(lineOf(card(2))).value() == card(2));
    QVERIFY(QFile::exists(store->planFile("card-1")));
    QVERIFY(opened(folder)->entry("card-1").value() == card(1));
    QVERIFY(!store->entry("nobody"));
  }

  void cardsAreFoundByWhatTheyShow() {
    const QTemporaryDir folder;
    const auto store = opened(folder);
    for (int k = 0; k < 6; ++k) QVERIFY(bool(store->put(card(k))));
    QCOMPARE(store->find().size(), size_t{6});
    QCOMPARE(store->find().front().id, std::string("card-5"));  // newest first
    QCOMPARE(store->find(QStringLiteral("HARE ada")).size(), size_t{4});
    QCOMPARE(store->find(QStringLiteral("b\u00f6rge")).size(), size_t{3});
    QCOMPARE(store->find(QStringLiteral("longer")).size(), size_t{6});
    QCOMPARE(store->find(QStringLiteral("zebra")).size(), size_t{0});
    QCOMPARE(store->find(QStringLiteral("100% _")).size(), size_t{0});
    QVERIFY(bool(store->remove("card-3")));
    QCOMPARE(store->find().size(), size_t{5});
    QVERIFY(bool(store->change("card-3", [](LogEntry&) {})));  // put back
    QCOMPARE(store->find().size(), size_t{6});
  }

  // A kill in the middle of a line spoils that line only.
  void aTornLineSpoilsOnlyItself() {
    const QTemporaryDir folder;
    QString journal;
    {
      const auto store = opened(folder);
      QVERIFY(bool(store->put(card(1))));
      journal = store->journal();
    }
    QFile f(journal);
    QVERIFY(f.open(QIODevice::Append));
    f.write("{\"id\":\"torn\",\"ti");
    f.close();
    const auto store = opened(folder);
    QVERIFY(bool(store->put(card(2))));
    int bad = 0;
    QCOMPARE(readLog(journal, &bad).size(), size_t{2});
    QCOMPARE(bad, 1);
  }

  // What an older Havlo wrote is taken over; a database that is gone or damaged is made anew from the
  // journal.
  void theJournalBringsTheDatabaseBack_data() {
    QTest::addColumn<QByteArray>("content");
    QTest::newRow("gone") << QByteArray();
    QTest::newRow("junk") << QByteArray(5000, 'x');
    QTest::newRow("cut short") << QByteArray("SQLite format 3");
  }
  void theJournalBringsTheDatabaseBack() {
    QFETCH(QByteArray, content);
    const QTemporaryDir folder;
    {
      const auto store = opened(folder);
      for (int k = 0; k < 4; ++k) QVERIFY(bool(store->put(card(k))));
    }
    const QString file = folder.filePath(QStringLiteral("log.sqlite"));
    QVERIFY(QFile::remove(file));
    if (!content.isEmpty()) {
      QFile f(file);
      QVERIFY(f.open(QIODevice::WriteOnly));
      f.write(content);
    }
    const auto store = opened(folder);
    QVERIFY(store != nullptr);
    QCOMPARE(store->find().size(), size_t{4});
    QVERIFY(store->entry("card-2").value() == card(2));
    QCOMPARE(store->notes().size(), content.isEmpty() ? 0 : 1);
  }

  // Who cannot read it as another program holds it does not take it for damaged: it stays where it is.
  void aLogThatIsHeldIsLeftAlone() {
    const QTemporaryDir folder;
    {
      const auto store = opened(folder);
      QVERIFY(bool(store->put(card(1))) && bool(store->putIdea({"1", "a moon", false})));
    }
    {
      QSqlDatabase other = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("holding"));
      other.setDatabaseName(folder.filePath(QStringLiteral("log.sqlite")));
      QVERIFY(other.open());
      QVERIFY(QSqlQuery(other).exec(QStringLiteral("BEGIN EXCLUSIVE")));
      const auto store = LogStore::open(folder.path());
      QVERIFY(!store);
      QVERIFY2(store.error().message.find("another program") != std::string::npos,
               store.error().message.c_str());
    }
    QSqlDatabase::removeDatabase(QStringLiteral("holding"));
    QCOMPARE(QDir(folder.path()).entryList({QStringLiteral("log*.sqlite")}).size(), 1);
    const auto store = opened(folder);
    QCOMPARE(store->find().size(), size_t{1});
    QCOMPARE(store->ideas().size(), size_t{1});
    QVERIFY(store->notes().isEmpty());
  }

  void aNewerLogIsLeftAlone() {
    const QTemporaryDir folder;
    { QVERIFY(opened(folder) != nullptr); }
    {
      QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("newer"));
      db.setDatabaseName(folder.filePath(QStringLiteral("log.sqlite")));
      QVERIFY(db.open());
      QSqlQuery(db).exec(QStringLiteral("PRAGMA user_version=99"));
    }
    QSqlDatabase::removeDatabase(QStringLiteral("newer"));
    const auto store = LogStore::open(folder.path());
    QVERIFY(!store && QString::fromStdString(store.error().message).contains(QStringLiteral("newer")));
  }

  // Two windows: what one writes the other keeps, also on the same card.
  void twoWindowsLoseNothing() {
    const QTemporaryDir folder;
    const auto a = opened(folder), b = opened(folder);
    QVERIFY(bool(a->put(card(1))));
    const qint64 before = b->othersVersion();
    QVERIFY(bool(a->change("card-1", [](LogEntry& e) { e.sentTo = "Ada"; })));
    QVERIFY(bool(b->change("card-1", [](LogEntry& e) { e.occasion = "thanks"; })));
    QVERIFY(bool(b->put(card(2))));
    QVERIFY(a->entry("card-1").value().sentTo == "Ada" && a->entry("card-1").value().occasion == "thanks");
    QCOMPARE(a->find().size(), size_t{2});
    QVERIFY(bool(a->change("card-1", [](LogEntry& e) { e.sentTo = "Bo"; })));
    QVERIFY(b->othersVersion() != before);
  }

  // A full disk is said and takes nothing away. /dev/full is Linux's own.
  void aFullDiskIsSaid() {
    const auto done = appendLog(QStringLiteral("/dev/full"), card(1));
    QVERIFY(!done);
  }

  void twoLogsBecomeOne() {
    const QTemporaryDir one, two;
    const auto a = opened(one), b = opened(two);
    for (int k = 0; k < 3; ++k) QVERIFY(bool(a->put(card(k))));
    LogEntry bare = card(1);
    bare.prints.clear();
    // Its name begins like a new one's; of it nothing is wanted.
    LogEntry like = card(70);
    QVERIFY(bool(a->put(like)));
    like.prints.clear();
    QVERIFY(bool(b->put(like, "{\"plan\":70}")));
    QVERIFY(bool(b->put(bare)) && bool(b->put(card(7), "{\"plan\":1}")));
    QVERIFY(QFile::copy(b->planFile("card-7"), b->photoFile("card-7")));
    const auto fresh = a->merge(two.path());
    QVERIFY(fresh && fresh.value() == 1);
    QCOMPARE(a->find().size(), size_t{5});
    QVERIFY(a->entry("card-1").value().compared());  // the one that says more stayed
    QVERIFY(QFile::exists(a->planFile("card-7")) && QFile::exists(a->photoFile("card-7")));
    QVERIFY(!QFile::exists(a->planFile("card-70")));
    QCOMPARE(a->merge(two.path()).value(), 0);
    QVERIFY(!a->merge(QStringLiteral("/nowhere")));
  }

  // A log of years comes in one go: its lines once each in the journal, from which all of them come back.
  void aLogOfYearsIsMergedInOneGo() {
    const QTemporaryDir one, two;
    QByteArray lines;
    for (int k = 0; k < 300; ++k) lines += lineOf(card(k)) + (k % 50 ? "\n" : "\nno card\n");
    LogEntry later = card(200);
    later.occasion = "thanks";
    lines += lineOf(later) + '\n';
    QFile file(two.filePath(QStringLiteral("log.jsonl")));
    QVERIFY(file.open(QIODevice::WriteOnly) && file.write(lines) == lines.size());
    file.close();
    {
      const auto a = opened(one);
      QVERIFY(bool(a->put(card(0))));
      QCOMPARE(a->merge(two.path()).value(), 299);
      QCOMPARE(a->find().size(), size_t{300});
      QCOMPARE(a->entry("card-200").value().occasion, std::string("thanks"));
      QFile journal(one.filePath(QStringLiteral("log.jsonl")));
      QVERIFY(journal.open(QIODevice::ReadOnly));
      QCOMPARE(journal.readAll().count('\n'), 300);
    }
    QVERIFY(QFile::remove(one.filePath(QStringLiteral("log.sqlite"))));
    const auto again = opened(one);
    QCOMPARE(again->find().size(), size_t{300});
    for (int k = 0; k < 300; ++k)
      QCOMPARE(again->entry("card-" + std::to_string(k)).value(), k == 200 ? later : card(k));
  }

  // What was practised comes along, each answer once, in the order of time.
  void practiceIsMergedToo() {
    const QTemporaryDir one, two;
    const auto a = opened(one), b = opened(two);
    QVERIFY(bool(b->put(card(7))));
    const QString mine = one.filePath(kPracticeFile), theirs = two.filePath(kPracticeFile);
    const Practised first{Drill::Horizon, 1, 1, 100, {}}, second{Drill::Horizon, 2, 0.5, 200, {}},
        third{Drill::Order, 1, 0, 300, "Bo"};
    QVERIFY(bool(appendPractised(mine, second)) && bool(appendPractised(theirs, first)) &&
            bool(appendPractised(theirs, second)) && bool(appendPractised(theirs, third)));
    QVERIFY(bool(a->merge(two.path())));
    QCOMPARE(readPractised(mine, {}), (std::vector<Practised>{first, second}));
    QCOMPARE(readPractised(mine, "Bo"), (std::vector<Practised>{third}));
    QVERIFY(bool(a->merge(two.path())));
    QCOMPARE(readPractised(mine, {}).size(), size_t{2});
  }

  // Lines of the first kind had one uncertainty for a paper's place.
  void anOlderLineOfAPaperIsRead() {
    LogEntry e = card(1);
    QByteArray line = lineOf(e);
    const QByteArray now = "\"bySd\":[0.1,0.12]";
    QVERIFY(line.contains(now));
    line.replace(now, "\"bySd\":0.1");
    const auto read = entryOf(line);
    QVERIFY(read && read->papers.size() == 1);
    QCOMPARE(read->papers[0].bySd, (Point{0.1, 0.1}));
  }

  void whatIsSetIsKeptApartForTwo() {
    const QTemporaryDir folder;
    const auto store = opened(folder);
    LearnSettings mine;
    mine.own[Trait::MaskLife] = 20, mine.from_s = 1234;
    QVERIFY(bool(store->putSettings("", mine)));
    QVERIFY(store->settings("") == mine && store->settings("Bo") == LearnSettings());
    LogEntry hers = card(1);
    hers.hands = "Bo";
    QVERIFY(bool(store->put(card(2))) && bool(store->put(hers)));
    QCOMPARE(store->all("").size(), size_t{1});
    QCOMPARE(store->all("Bo").size(), size_t{1});
    QCOMPARE(store->all("*").size(), size_t{2});
    QVERIFY(bool(store->setAtWork("Bo")));
    QCOMPARE(store->atWork(), std::string("Bo"));
    QVERIFY(bool(store->putIdea({"i", "a crowd of ducks", false})));
    QCOMPARE(store->ideas().size(), size_t{1});
    QVERIFY(bool(store->removeIdea("i")) && store->ideas().empty());
  }

  // RFC 4180 read by a plain second reader.
  void theTableIsReadAsPublished() {
    const QByteArray csv = logCsv({card(0), card(1)});
    std::vector<std::vector<QByteArray>> rows(1);
    QByteArray cell;
    bool quoted = false;
    for (qsizetype k = 0; k < csv.size(); ++k) {
      const char c = csv[k];
      if (quoted && c == '"' && csv.mid(k + 1, 1) == "\"")
        cell += csv[++k];
      else if (c == '"')
        quoted = !quoted;
      else if (!quoted && c == ',')
        rows.back().push_back(cell), cell.clear();
      else if (!quoted && c == '\r')
        continue;
      else if (!quoted && c == '\n')
        rows.back().push_back(cell), cell.clear(), rows.emplace_back();
      else
        cell += c;
    }
    QCOMPARE(rows.size(), size_t{4});  // the last one is empty
    for (size_t k = 0; k < 3; ++k) QCOMPARE(rows[k].size(), rows[0].size());
    QCOMPARE(rows[1][1], QByteArray("By the mere \"at dusk\", B\xc3\xb6rge"));
    QCOMPARE(rows[1][8], QByteArray("60.5"));  // whatever the language
    QCOMPARE(rows[1][15], QByteArray("1.52"));
  }

  // What the search asks for lies together, also in a log that an older Havlo began.
  void anOlderLogIsMadeQuickToSearch() {
    const QTemporaryDir folder;
    QVERIFY(bool(opened(folder)->put(card(1))));
    const auto asked = [&](const QString& statement) {
      QString said;
      {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("outside"));
        db.setDatabaseName(folder.filePath(QStringLiteral("log.sqlite")));
        if (!db.open()) return said;
        QSqlQuery query(db);
        query.exec(statement);
        while (query.next()) said += query.value(query.record().count() - 1).toString() + u'\n';
      }
      QSqlDatabase::removeDatabase(QStringLiteral("outside"));
      return said;
    };
    const QString plan = QStringLiteral(
        "EXPLAIN QUERY PLAN SELECT id, title, made_for, occasion, sent_to, hands, ended, planned, spent, "
        "mishaps, "
        "compared FROM card WHERE gone=0 AND instr(search, 'hare') > 0 ORDER BY ended DESC, id");
    QVERIFY(asked(plan).contains(QStringLiteral("COVERING INDEX card_found")));
    QVERIFY2(!asked(plan).contains(QStringLiteral("TEMP B-TREE")), "it is sorted every time");
    asked(QStringLiteral("DROP INDEX card_found"));
    QVERIFY(!asked(plan).contains(QStringLiteral("COVERING")));
    QCOMPARE(opened(folder)->find(QStringLiteral("hare")).size(), size_t{1});
    QVERIFY(asked(plan).contains(QStringLiteral("COVERING INDEX card_found")));
  }

  void fiveThousandCardsAreSearchedAtOnce() {
    const QTemporaryDir folder;
    QFile f(folder.filePath(QStringLiteral("log.jsonl")));
    QVERIFY(f.open(QIODevice::WriteOnly));
    for (int k = 0; k < 5000; ++k) f.write(lineOf(card(k)) + '\n');
    f.close();
    const auto store = opened(folder);
    QCOMPARE(store->find().size(), size_t{5000});
    QElapsedTimer timer;
    timer.start();
    const size_t found = store->find(QStringLiteral("grete kite")).size();
    const qint64 ms = timer.elapsed();
    QCOMPARE(found, size_t{1667});
    qInfo("5000 cards searched in %lld ms", ms);
  }
};

HAVLO_TEST(TstLogStore)
#include "tst_log_store.moc"
