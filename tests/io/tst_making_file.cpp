// Cards in the making and the log on disk: round trip, damage, a line cut short by a kill.
#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include "core/chain/chain.h"
#include "io/log/log_lines.h"
#include "io/making/making_file.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstMakingFile : public QObject {
  Q_OBJECT

 private:
  static Bench begun(const char* id) {
    const auto plan = std::make_shared<const Plan>(demo("teaching-crowd"));
    Bench b = Bench::begin(id, plan, withBestOrder(*plan, analyse(*plan)), 1000);
    b.done(1030);
    b.wentWrong(Mishap::Smudge, "Daumen \xc3\xa4");
    b.setNote("held too long");
    b.done(1060);
    return b;
  }

 private Q_SLOTS:
  void aCardComesBackAsItWas() {
    const QTemporaryDir folder;
    const Bench b = begun("one");
    QVERIFY(bool(saveMaking(folder.path(), b.record())));
    const KeptMakings kept = keptMakings(folder.path());
    QCOMPARE(kept.records.size(), size_t{1});
    const MakingRecord& r = kept.records[0];
    QVERIFY(r.steps == b.record().steps && r.at == b.record().at && r.order == b.record().order &&
            *r.plan == *b.record().plan);
    QCOMPARE(Bench::resume(r).value().at(), 2);
    dropMaking(folder.path(), "one");
    QVERIFY(keptMakings(folder.path()).records.empty());
  }

  void damagedCardsAreNamedAndLeftAsTheyAre_data() {
    QTest::addColumn<QByteArray>("text");
    QTest::newRow("nothing") << QByteArray();
    QTest::newRow("no JSON") << QByteArray("{\"format\": \"havlo-ma");
    QTest::newRow("another format") << QByteArray("{\"format\": \"havlo-plan\", \"version\": 1}");
    QTest::newRow("newer") << QByteArray("{\"format\": \"havlo-making\", \"version\": 2}");
    QTest::newRow("a plan that is none")
        << QByteArray("{\"format\": \"havlo-making\", \"version\": 1, \"id\": \"x\", \"plan\": \"{}\"}");
    QTest::newRow("an id that leads elsewhere") << QByteArray(
        "{\"format\": \"havlo-making\", \"version\": 1, \"id\": \"../x\", \"plan\": "
        "\"{\\\"format\\\":\\\"havlo-plan\\\",\\\"version\\\":1,\\\"card\\\":{\\\"panel\\\":{\\\"width\\\":"
        "50,\\\"height\\\":50}}}\"}");
  }
  void damagedCardsAreNamedAndLeftAsTheyAre() {
    QFETCH(QByteArray, text);
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("x.havlo-making"));
    QFile file(path);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(text);
    file.close();
    const KeptMakings kept = keptMakings(folder.path());
    QVERIFY(kept.records.empty());
    QCOMPARE(kept.unreadable.size(), 1);
    QVERIFY(QFile::exists(path));
  }

  void theLogOnlyGrowsAndSurvivesAKill() {
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("log.jsonl"));
    LogEntry e = logEntryOf(begun("one"));
    QVERIFY(bool(appendLog(path, e)));
    QVERIFY(bool(appendLog(path, e)));  // the same card once
    QFile file(path);
    QVERIFY(file.open(QIODevice::Append));
    file.write("{\"id\": \"cut sho");
    file.close();
    e.id = "two";
    QVERIFY(bool(appendLog(path, e)));
    int bad = 0;
    const auto all = readLog(path, &bad);
    QCOMPARE(all.size(), size_t{2});
    QCOMPARE(bad, 1);
    QCOMPARE(all[0].mishaps[0].note, std::string("Daumen \xc3\xa4"));
    QCOMPARE(all[0].steps.size(), e.steps.size());
    QCOMPARE(all[1].id, std::string("two"));
  }

  void whatCannotBeWrittenIsSaid() {
    const QTemporaryDir folder;
    QFile block(folder.filePath(QStringLiteral("block")));
    QVERIFY(block.open(QIODevice::WriteOnly));
    block.close();
    QVERIFY(saveMaking(folder.filePath(QStringLiteral("block/in")), begun("one").record()).error().code ==
            ErrorCode::CannotWrite);
    QVERIFY(appendLog(folder.filePath(QStringLiteral("block/log.jsonl")), logEntryOf(begun("one")))
                .error()
                .code == ErrorCode::CannotWrite);
  }
};

HAVLO_TEST(TstMakingFile)
#include "tst_making_file.moc"
