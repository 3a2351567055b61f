// The drawer on disk: round trips, migration, damage, locks, a full disk, a kill; the zip with stock tools.
#include <signal.h>
#include <sys/resource.h>

#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QProcess>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTest>
#include <cstdio>

#include "io/drawer/drawer_file.h"
#include "io/drawer/drawer_store.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

WholeDrawer someDrawer() {
  WholeDrawer d;
  const Plan plan = demo("canal-towpath");
  for (const StampRef& s : plan.stamps) {
    DrawerStamp one;
    one.stamp = *s;
    one.card.key = "key-" + s->id;
    one.card.setName = "Towpath";
    one.card.tags = {"canal", "evening, quiet", "\"quoted\" ü"};
    one.card.mounting = Mounting::Wood;
    one.card.matchingDie = s->id == "hare";
    one.card.place = "box 3";
    one.card.notes = "two\nlines";
    d.stamps.push_back(agreed(one));
  }
  d.inks = plan.inks;
  d.papers = {{"p1", "Chalk", {0xf8, 0xf7, 0xf0}, 0.3, 210, 297, 4, false, "smooth", Grain::Level},
              {"p2", "Chalk", {0xf8, 0xf7, 0xf0}, 0.3, 88, 120, {}, true, ""}};
  d.goods = {{"g1", "C6", GoodKind::Envelope, "", 114, 162, 0, 12, Left::Enough, ""},
             {"g2", "Soot", GoodKind::Ink, "soot", 0, 0, 0, {}, Left::Low, "since May", 1250, 4000},
             {"g3", "Masking", GoodKind::Masking, "", 210, 297, 0, 9, Left::Enough, "", 300, 0}};
  d.sets = {{"s1", "my usual", plan.card}};
  d.masks = {{"m1", "key-hare", 4, "envelope", ""}};
  return d;
}

/// Statements on a file, as a stock program would do them.
QString sqlite(const QString& file, const QString& statement) {
  QProcess p;
  p.start(QStringLiteral("sqlite3"), {file, statement});
  p.waitForFinished();
  return QString::fromUtf8(p.readAllStandardOutput() + p.readAllStandardError()).trimmed();
}

std::unique_ptr<DrawerStore> opened(const QString& file) {
  auto store = DrawerStore::open(file);
  if (!store) throw std::runtime_error(store.error().text());
  return std::move(store).value();
}

/// What the child process does: puts stamps one by one and says each one that is in.
int putForEver(const QString& file) {
  const auto store = opened(file);
  for (int n = 0;; ++n) {
    DrawerStamp s;
    s.stamp = slab("s" + std::to_string(n), 10, 20);
    if (!store->put(s)) return 1;
    std::printf("%d\n", n + 1);
    std::fflush(stdout);
  }
}

}  // namespace

class TstDrawer : public QObject {
  Q_OBJECT

  QTemporaryDir m_folder;
  QString fresh() const {
    static int n = 0;
    return m_folder.filePath(QStringLiteral("d%1/drawer.sqlite").arg(++n));
  }
  static QByteArray bytesOf(const QString& file) {
    QFile f(file);
    return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
  }

 private Q_SLOTS:
  void whatIsPutIsThereAgain() {
    const QString file = fresh();
    const WholeDrawer d = someDrawer();
    {
      const auto store = opened(file);
      QVERIFY(bool(store->putAll(d)));
    }
    const auto store = opened(file);
    QVERIFY(store->notes().isEmpty());
    const auto all = store->everything();
    QVERIFY(bool(all));
    QCOMPARE(all.value().stamps.size(), d.stamps.size());
    for (size_t i = 0; i < d.stamps.size(); ++i) QCOMPARE(all.value().stamps[i], d.stamps[i]);
    QCOMPARE(all.value().inks, d.inks);
    QCOMPARE(all.value().papers, d.papers);
    QCOMPARE(all.value().masks, d.masks);
    // And with the stock tool.
    QCOMPARE(sqlite(file, QStringLiteral("PRAGMA integrity_check")), QStringLiteral("ok"));
    QCOMPARE(sqlite(file, QStringLiteral("SELECT count(*) FROM stamp")).toULong(), d.stamps.size());
  }

  void changingAStampKeepsItsMasks() {
    const auto store = opened(fresh());
    QVERIFY(bool(store->putAll(someDrawer())));
    auto hare = store->stamp("key-hare").value();
    hare.stamp.name = "Old hare";
    QVERIFY(bool(store->put(hare)));
    QCOMPARE(store->masks().size(), 1u);
    QCOMPARE(store->stamp("key-hare").value().card.name, std::string("Old hare"));
    QVERIFY(bool(store->remove("key-hare")));
    QCOMPARE(store->masks().size(), 0u);
    QVERIFY(!store->stamp("key-hare"));
  }

  void anOlderDrawerIsBackedUpAndBroughtUpToDate() {
    const QString file = fresh();
    {
      const auto store = opened(file);
      QVERIFY(bool(store->putAll(someDrawer())));
    }
    // Back to version 1: without masks and dies.
    QCOMPARE(
        sqlite(file, QStringLiteral(
                         "DROP TABLE mask; ALTER TABLE stamp DROP COLUMN die; DROP TABLE good; DROP TABLE "
                         "card_set; ALTER TABLE paper DROP COLUMN sheets; ALTER TABLE paper DROP COLUMN "
                         "offcut; ALTER TABLE paper DROP COLUMN grain; PRAGMA user_version=1;")),
        QString());
    const QByteArray before = bytesOf(file);
    const auto store = opened(file);
    QCOMPARE(store->cards().size(), someDrawer().stamps.size());
    QVERIFY(bool(store->putMask({"", "key-hare", 3, "", ""})));
    // Nobody counted sheets then; now they can be.
    QVERIFY(!store->papers().empty() && !store->papers()[0].sheets && !store->papers()[0].offcut);
    QVERIFY(store->papers()[0].grain == Grain::Unknown);
    QVERIFY(bool(store->putGood({"", "C6", GoodKind::Envelope, "", 114, 162, 0, 3, Left::Enough, ""})));
    QVERIFY(bool(store->putSet({"", "mine", someDrawer().sets[0].card})));
    QVERIFY(store->goods().size() == 1 && store->sets().size() == 1);
    const QString backup = QFileInfo(file).dir().filePath(QStringLiteral("drawer-before-version-5.sqlite"));
    QCOMPARE(sqlite(backup, QStringLiteral("PRAGMA user_version")), QStringLiteral("1"));
    QCOMPARE(sqlite(backup, QStringLiteral("SELECT count(*) FROM stamp")).toULong(),
             someDrawer().stamps.size());
  }

  void aNewerDrawerIsLeftAlone() {
    const QString file = fresh();
    { opened(file); }
    sqlite(file, QStringLiteral("PRAGMA user_version=99"));
    const QByteArray before = bytesOf(file);
    const auto store = DrawerStore::open(file);
    QVERIFY(!store);
    QVERIFY(store.error().message.find("newer") != std::string::npos);
    QCOMPARE(bytesOf(file), before);
  }

  void aDamagedDrawerIsSetAsideAndRestored() {
    const QString file = fresh();
    {
      const auto store = opened(file);
      QVERIFY(bool(store->putAll(someDrawer())));
      QVERIFY(bool(store->backUpTo(QFileInfo(file).dir().filePath(QStringLiteral("drawer-backup.sqlite")))));
    }
    QFile f(file);
    QVERIFY(f.open(QIODevice::ReadWrite));
    f.seek(4096);
    f.write(QByteArray(20000, 'x'));
    f.close();
    const QByteArray damaged = bytesOf(file);
    const auto store = opened(file);
    QCOMPARE(store->cards().size(), someDrawer().stamps.size());
    QVERIFY(store->notes().join(u' ').contains(QStringLiteral("backup")));
    const QStringList aside = QFileInfo(file).dir().entryList({QStringLiteral("drawer-damaged-*")});
    QCOMPARE(aside.size(), 1);
    QCOMPARE(bytesOf(QFileInfo(file).dir().filePath(aside[0])), damaged);
  }

  void aFileThatIsNoDrawerIsSetAside() {
    const QString file = fresh();
    QDir().mkpath(QFileInfo(file).path());
    QFile f(file);
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.write(QByteArray("this is a letter, and a long one at that. ").repeated(100));
    f.close();
    const auto store = opened(file);
    QVERIFY(store->cards().empty());
    QVERIFY(store->notes().join(u' ').contains(QStringLiteral("set aside")));
    QVERIFY(bytesOf(QFileInfo(file).dir().filePath(
                        QFileInfo(file).dir().entryList({QStringLiteral("drawer-damaged-*")})[0]))
                .startsWith("this is"));
  }

  void aLockedDrawerIsOpenedForReading() {
    const QString file = fresh();
    {
      const auto store = opened(file);
      QVERIFY(bool(store->putAll(someDrawer())));
    }
    {
      QSqlDatabase other = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("other"));
      other.setDatabaseName(file);
      QVERIFY(other.open());
      QVERIFY(QSqlQuery(other).exec(QStringLiteral("BEGIN IMMEDIATE")));
      const auto store = opened(file);
      QVERIFY(store->readOnly());
      QVERIFY(!store->notes().isEmpty());
      QCOMPARE(store->cards().size(), someDrawer().stamps.size());
      const auto refused = store->remove("key-hare");
      QVERIFY(!refused);
      QCOMPARE(refused.error().code, ErrorCode::CannotWrite);
    }
    QSqlDatabase::removeDatabase(QStringLiteral("other"));
    QVERIFY(!opened(file)->readOnly());
  }

  void aFullDiskLeavesTheDrawerAsItWas() {
    const QString file = fresh();
    const auto store = opened(file);
    QVERIFY(bool(store->putAll(someDrawer())));
    const size_t before = store->cards().size();
    // A limit on the size of files stands for the full disk.
    ::signal(SIGXFSZ, SIG_IGN);
    rlimit old{}, tight{};
    QCOMPARE(::getrlimit(RLIMIT_FSIZE, &old), 0);
    tight = old;
    tight.rlim_cur = static_cast<rlim_t>(QFileInfo(file).size() + 8192);
    QCOMPARE(::setrlimit(RLIMIT_FSIZE, &tight), 0);
    WholeDrawer more = someDrawer();
    for (DrawerStamp& s : more.stamps) s.card.key += "-again", s = agreed(s);
    const auto refused = store->putAll(more);
    ::setrlimit(RLIMIT_FSIZE, &old);
    QVERIFY(!refused);
    QVERIFY2(refused.error().message.find("full") != std::string::npos, refused.error().message.c_str());
    QCOMPARE(store->cards().size(), before);
    QCOMPARE(sqlite(file, QStringLiteral("PRAGMA integrity_check")), QStringLiteral("ok"));
    QVERIFY(bool(store->putAll(more)));
  }

  void aKillLosesNothingThatWasDone() {
    const QString file = fresh();
    QProcess child;
    child.start(QCoreApplication::applicationFilePath(),
                {QStringLiteral("io/drawer"), QStringLiteral("--put-for-ever"), file});
    QVERIFY(child.waitForStarted());
    QByteArray heard;
    while (heard.count('\n') < 5 && child.waitForReadyRead(60000)) heard += child.readAllStandardOutput();
    child.kill();
    child.waitForFinished();
    heard += child.readAllStandardOutput();
    heard.truncate(heard.lastIndexOf('\n'));  // a line may be cut short by the kill
    const QList<QByteArray> lines = heard.split('\n');
    const size_t said = lines.last().toULong();
    QVERIFY(said > 0);
    const auto store = opened(file);
    QVERIFY(store->cards().size() >= said && store->cards().size() <= said + 1);
    QVERIFY(store->notes().isEmpty());
  }

  void theZipComesBackAndOpensWithStockTools() {
    const QString zip = m_folder.filePath(QStringLiteral("mine.zip"));
    const WholeDrawer d = someDrawer();
    QVERIFY(bool(exportDrawer(zip, d)));
    const auto back = importDrawer(zip);
    QVERIFY2(bool(back), back ? "" : back.error().text().c_str());
    QCOMPARE(back.value().stamps.size(), d.stamps.size());
    for (size_t i = 0; i < d.stamps.size(); ++i) QCOMPARE(back.value().stamps[i], d.stamps[i]);
    QCOMPARE(back.value().inks, d.inks);
    QCOMPARE(back.value().papers, d.papers);
    QCOMPARE(back.value().masks, d.masks);
    QCOMPARE(QProcess::execute(QStringLiteral("unzip"), {QStringLiteral("-tq"), zip}), 0);
    QProcess list;
    list.start(QStringLiteral("unzip"), {QStringLiteral("-Z1"), zip});
    QVERIFY(list.waitForFinished());
    const QByteArray names = list.readAllStandardOutput();
    QVERIFY(names.contains("drawer.json") && names.contains("stamps/hare.svg"));
    const QByteArray first = bytesOf(zip);
    QVERIFY(bool(exportDrawer(zip, d)));
    QCOMPARE(bytesOf(zip), first);
  }

  void damagedZipsAreRefused_data() {
    QTest::addColumn<QByteArray>("bytes");
    QTest::addColumn<QString>("says");
    const QString zip = m_folder.filePath(QStringLiteral("whole.zip"));
    QVERIFY(bool(exportDrawer(zip, someDrawer())));
    const QByteArray whole = bytesOf(zip);
    QTest::newRow("empty") << QByteArray() << "no drawer file";
    QTest::newRow("a letter") << QByteArray("hello") << "no drawer file";
    QTest::newRow("cut short") << whole.left(whole.size() / 2) << "damaged";
    QByteArray flipped = whole;
    for (int k = 200; k < 260; ++k) flipped[k] = static_cast<char>(flipped[k] ^ 0x5a);
    QTest::newRow("bits turned round") << flipped << "damaged";
    const auto packed = [&](const QByteArray& name, const QByteArray& json) {
      const QString folder = m_folder.filePath(QString::fromLatin1(name));
      QDir().mkpath(folder);
      QFile f(folder + QStringLiteral("/drawer.json"));
      (void)f.open(QIODevice::WriteOnly);
      f.write(json);
      f.close();
      const QString out = folder + QStringLiteral("/x.zip");
      QProcess::execute(QStringLiteral("/usr/bin/python3"),
                        {QStringLiteral("-c"),
                         QStringLiteral("import "
                                        "zipfile,sys\nz=zipfile.ZipFile(sys.argv[2],'w',zipfile.ZIP_DEFLATED)"
                                        "\nz.write(sys.argv[1],'drawer.json')\nz.close()"),
                         f.fileName(), out});
      return bytesOf(out);
    };
    QTest::newRow("another format") << packed("a", "{\"format\":\"something\"}") << "no drawer file";
    QTest::newRow("newer") << packed("b", "{\"format\":\"havlo-drawer\",\"version\":7}") << "newer";
    QTest::newRow("a bad stamp") << packed("c",
                                           "{\"format\":\"havlo-drawer\",\"version\":1,\"stamps\":[{"
                                           "\"stamp\":{\"id\":\"x\",\"size\":{\"width\":-1,\"height\":2}}}]}")
                                 << "stamps[0].stamp.size.width";
    QTest::newRow("a picture that is not there")
        << packed("d",
                  "{\"format\":\"havlo-drawer\",\"version\":1,\"stamps\":[{\"art\":\"stamps/"
                  "no.svg\",\"stamp\":{\"id\":\"x\",\"size\":{\"width\":1,\"height\":2},\"silhouette\":[[[0,"
                  "0],[1,0],[1,1]]]}}]}")
        << "stamps/no.svg";
    QTest::newRow("a mask of nothing")
        << packed("e", "{\"format\":\"havlo-drawer\",\"version\":1,\"masks\":[{\"stamp\":\"gone\"}]}")
        << "mask";
    QTest::newRow("a bomb") << packed("f", QByteArray(100 << 20, ' ')) << "more than a drawer";
  }
  void damagedZipsAreRefused() {
    QFETCH(QByteArray, bytes);
    QFETCH(QString, says);
    const auto read = readDrawer(bytes);
    QVERIFY(!read);
    QVERIFY2(QString::fromStdString(read.error().text()).contains(says), read.error().text().c_str());
  }

  // An empty file opened as an empty drawer and at the next start replaced the good backup.
  void anEmptyFileIsALossAndTheBackupStays() {
    const QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("drawer.sqlite"));
    QVERIFY(bool(opened(file)->putAll(someDrawer())));
    opened(file);  // the day's backup
    QFile::remove(folder.filePath(QStringLiteral("drawer-backup.sqlite")));
    opened(file);
    QVERIFY(QFile::exists(folder.filePath(QStringLiteral("drawer-backup.sqlite"))));
    for (int start = 0; start < 3; ++start) {
      QVERIFY(QFile::resize(file, 0));
      const auto store = opened(file);
      QVERIFY2(!store->notes().isEmpty() && store->notes()[0].contains(QStringLiteral("backup")),
               qPrintable(store->notes().join(u' ')));
      QCOMPARE(store->cards().size(), someDrawer().stamps.size());
    }
  }

  void tablesAndColumnsThatAreGoneAreADamage_data() {
    QTest::addColumn<QString>("statement");
    QTest::newRow("a table gone") << QStringLiteral("DROP TABLE stamp_body");
    QTest::newRow("a column gone") << QStringLiteral("ALTER TABLE stamp DROP COLUMN notes");
    QTest::newRow("inks gone") << QStringLiteral("DROP TABLE ink");
    QTest::newRow("another program's tables")
        << QStringLiteral("DROP TABLE mask; DROP TABLE stamp_body; DROP TABLE stamp; CREATE TABLE stamp (a)");
  }
  void tablesAndColumnsThatAreGoneAreADamage() {
    QFETCH(QString, statement);
    const QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("drawer.sqlite"));
    QVERIFY(bool(opened(file)->putAll(someDrawer())));
    QFile::remove(folder.filePath(QStringLiteral("drawer-backup.sqlite")));
    opened(file);
    QCOMPARE(sqlite(file, statement), QString());
    const auto store = opened(file);
    QVERIFY(!store->notes().isEmpty() && store->notes()[0].contains(QStringLiteral("set aside")));
    QCOMPARE(store->cards().size(), someDrawer().stamps.size());
  }

  void junkInTheTablesIsBounded() {
    const QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("drawer.sqlite"));
    QVERIFY(bool(opened(file)->putAll(someDrawer())));
    for (const char* junk : {"'many'", "-5", "1e308", "9e999", "x'00ff'", "0"}) {
      sqlite(file,
             QStringLiteral(
                 "UPDATE stamp SET width=%1, height=%1, typical=%1, least=%1, most=%1, role=%1, tags=%1, "
                 "die=%1; UPDATE paper SET thickness=%1, width=%1, colour=%1; UPDATE mask SET uses_left=%1")
                 .arg(QLatin1String(junk)));
      const auto store = opened(file);
      const auto cards = store->cards();
      QCOMPARE(cards.size(), someDrawer().stamps.size());
      for (const DrawerCard& c : cards) {
        QVERIFY2(c.width_mm > 0 && c.width_mm <= 2000 && c.height_mm > 0 && c.height_mm <= 2000, junk);
        QVERIFY(!c.realHeight ||
                (c.realHeight->least_m > 0 && c.realHeight->least_m <= c.realHeight->typical_m &&
                 c.realHeight->typical_m <= c.realHeight->most_m && c.realHeight->most_m <= 1e5));
      }
      for (const DrawerPaper& p : store->papers())
        QVERIFY(p.width_mm >= 0 && p.width_mm <= 2000 && p.thickness_mm <= 20);
      for (const KeptMask& m : store->masks()) QVERIFY(m.usesLeft >= 0);
    }
  }

  // Written on a machine with decimal commas by an earlier Havlo: 24 of 6 764 pixels of such a stamp were
  // inked.
  void drawingsWithDecimalCommasAreMended() {
    const QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("drawer.sqlite"));
    DrawerStamp stamp;
    stamp.stamp = slab("s", 10, 20);
    const std::string sound =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"10.00mm\" height=\"20.00mm\" viewBox=\"0 0 10.00 "
        "20.00\">"
        "<path fill=\"#000000\" fill-rule=\"evenodd\" d=\"M1.50,2.25L8.00,2.25C9.00,3.00 9.50,4.00 "
        "8.75,-6.50Z\"/></svg>";
    std::string commas = sound;
    for (size_t k = commas.find("width"); k + 1 < commas.size(); ++k)
      if (commas[k] == '.' && std::isdigit(static_cast<unsigned char>(commas[k - 1]))) commas[k] = ',';
    stamp.stamp.art = sound;
    const std::string key = opened(file)->put(stamp).value();
    QProcess p;
    QString body = QString::fromStdString(writeStamp(stamp.stamp));
    QString broken = QString::fromStdString(commas);
    body.replace(QString::fromStdString(sound).replace(u'"', QStringLiteral("\\\"")),
                 broken.replace(u'"', QStringLiteral("\\\"")));
    QVERIFY(body.contains(QStringLiteral("10,00mm")));
    sqlite(file, QStringLiteral("UPDATE stamp_body SET json='%1'").arg(body));
    {
      const auto store = opened(file);
      QVERIFY(store->notes().join(u' ').contains(QStringLiteral("commas")));
      QCOMPARE(store->stamp(key).value().stamp.art, sound);
    }
    QVERIFY(!sqlite(file, QStringLiteral("SELECT json FROM stamp_body")).contains(QStringLiteral("10,00mm")));
    QVERIFY(opened(file)->notes().isEmpty());
  }
};

// Asked with --put-for-ever FILE it is the program that is killed at work.
static const havlo::testing::Registered registered(__FILE__, [](int argc, char** argv) {
  if (argc == 3 && QByteArray(argv[1]) == "--put-for-ever")
    return putForEver(QString::fromLocal8Bit(argv[2]));
  TstDrawer test;
  return QTest::qExec(&test, argc, argv);
});
#include "tst_drawer.moc"
