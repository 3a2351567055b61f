// compare and log from the command line: a card made by the stand-in and held against its plan, exit codes, a
// log made of lines, tables out, merging; hands of a log in joins and run sheets.
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTest>
#include <QTransform>
#include <cmath>

#include "cli_folder.h"
#include "tests/support/program.h"

using namespace havlo;

class TstCompareLog : public QObject, private CliFolder {
  Q_OBJECT

 private Q_SLOTS:
  void aCardIsMadeAndHeldAgainstItsPlan() {
    const QString plan = demoPath(QStringLiteral("teaching-crowd")), scan = file(QStringLiteral("scan.png"));
    QCOMPARE(cli({"compare", plan, scan, "--make", "3"}).exit, 0);
    QVERIFY(QImage(scan).width() > 500);
    const Ran ran = cli({"compare", plan, scan, "--json", "--flat", file(QStringLiteral("flat.png"))});
    QCOMPARE(ran.exit, 0);
    const QJsonObject o = QJsonDocument::fromJson(ran.out).object();
    const QJsonArray prints = o[QStringLiteral("prints")].toArray();
    QVERIFY(prints.size() >= 4);
    int told = 0;
    for (const auto& p : prints) {
      const QJsonArray offset = p[QStringLiteral("offset")].toArray();
      told += offset.size() == 2 && std::hypot(offset[0].toDouble(), offset[1].toDouble()) < 3;
    }
    QVERIFY(told >= 4);
    QVERIFY(std::fabs(o[QStringLiteral("pxPerMm")].toDouble() - 300 / 25.4) < 0.1);
    QVERIFY(QFileInfo::exists(file(QStringLiteral("flat.png"))));
    const Ran words = cli({"compare", plan, scan});
    QVERIFY(words.out.contains("prints sit where they should"));
    // Upside down: said, and put right by what is said.
    QVERIFY(QImage(scan).transformed(QTransform().rotate(180)).save(file(QStringLiteral("turned.png"))));
    const Ran turned = cli({"compare", plan, file(QStringLiteral("turned.png"))});
    QCOMPARE(turned.exit, 3);
    QVERIFY2(turned.err.contains("--turn 180"), turned.err);
    QCOMPARE(cli({"compare", plan, file(QStringLiteral("turned.png")), "--turn", "180"}).exit, 0);
    // Another card.
    QCOMPARE(cli({"compare", demoPath(QStringLiteral("canal-towpath")), scan}).exit, 3);
  }

  void exitCodes_data() {
    QTest::addColumn<QStringList>("args");
    QTest::addColumn<int>("exit");
    const QString crowd = demoPath(QStringLiteral("teaching-crowd"));
    QTest::newRow("no picture") << QStringList{"compare", crowd} << 2;
    QTest::newRow("two pictures") << QStringList{"compare", crowd, "a.png", "b.png"} << 2;
    QTest::newRow("no such picture") << QStringList{"compare", crowd, "a.png"} << 3;
    QTest::newRow("a plan for a picture") << QStringList{"compare", crowd, crowd} << 3;
    QTest::newRow("turned by a little") << QStringList{"compare", crowd, "a.png", "--turn", "45"} << 2;
    QTest::newRow("steps in words") << QStringList{"compare", crowd, "a.png", "--steps", "all"} << 2;
    QTest::newRow("a log of a plan") << QStringList{"log", crowd} << 2;
    QTest::newRow("a log in a file") << QStringList{"log", "--log", crowd} << 3;
    QTest::newRow("merge from nowhere")
        << QStringList{"log", "--log", file(QStringLiteral("l")), "--merge", "/nowhere"} << 3;
    QTest::newRow("lines to nowhere")
        << QStringList{"log", "--log", file(QStringLiteral("l")), "--lines", "/nowhere/x"} << 4;
  }
  void exitCodes() {
    QFETCH(QStringList, args);
    QFETCH(int, exit);
    const Ran ran = cli(args);
    QCOMPARE(ran.exit, exit);
    QVERIFY(exit == 0 || !ran.err.isEmpty());
  }

  void aLogIsReadAndReckonedWith() {
    const QString lines = file(QStringLiteral("lines.jsonl")), log = file(QStringLiteral("log"));
    QFile f(lines);
    QVERIFY(f.open(QIODevice::WriteOnly));
    for (int k = 0; k < 6; ++k)
      f.write(
          QStringLiteral(
              R"({"id":"c%1","title":"Ducks","for":"Ada","ended":%2,"planned":60,"spent":90,"copies":1,"steps":[)"
              R"({"do":"stamp","planned":1,"spent":1.9,"usual":1},{"do":"cutMask","planned":2.5,"spent":5,"usual":2.5}]})")
              .arg(k)
              .arg(1700000000 + 86400 * k)
              .toUtf8() +
          '\n');
    f.write("{\"torn");
    f.close();
    QCOMPARE(cli({"log", "--log", log, "--merge", lines}).exit, 0);
    const Ran ran = cli({"log", "--log", log, "--json"});
    const QJsonObject o = QJsonDocument::fromJson(ran.out).object();
    QCOMPARE(o[QStringLiteral("cards")].toArray().size(), 6);
    double stamping = 0;
    for (const auto& t : o[QStringLiteral("learnt")][QStringLiteral("traits")].toArray())
      if (t[QStringLiteral("trait")].toString() == QLatin1String("stamping"))
        stamping = t[QStringLiteral("value")].toDouble();
    QVERIFY2(stamping > 1.3 && stamping < 1.9, qPrintable(QString::number(stamping)));
    QVERIFY(cli({"log", "--log", log}).out.contains("We said 1 h"));
    QCOMPARE(QJsonDocument::fromJson(cli({"log", "--log", log, "--json", "--find", "zebra"}).out)
                 .object()[QStringLiteral("cards")]
                 .toArray()
                 .size(),
             0);
    QCOMPARE(cli({"log", "--log", log, "--csv", file(QStringLiteral("t.csv")), "--lines",
                  file(QStringLiteral("t.jsonl"))})
                 .exit,
             0);
    QVERIFY(QFileInfo(file(QStringLiteral("t.csv"))).size() > 200 &&
            QFileInfo(file(QStringLiteral("t.jsonl"))).size() > 200);
    const QString crowd = demoPath(QStringLiteral("teaching-crowd"));
    const auto minutes = [&](const QStringList& more) {
      return QJsonDocument::fromJson(cli(QStringList{"runsheet", crowd, "--json"} + more).out)
          .object()[QStringLiteral("minutes")]
          .toDouble();
    };
    QVERIFY(minutes({"--log", log}) > 1.2 * minutes({}));
    const QJsonObject joins =
        QJsonDocument::fromJson(cli({"joins", crowd, "--json", "--log", log}).out).object();
    QCOMPARE(joins[QStringLiteral("assumes")][QStringLiteral("cards")].toInt(), 6);
  }
};

HAVLO_TEST(TstCompareLog)
#include "tst_compare_log.moc"
