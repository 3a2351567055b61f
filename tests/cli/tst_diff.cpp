// Two plans held against each other on the command line: what a maker reads, and what a script gets.
#include <QJsonArray>
#include <QTest>

#include "cli_folder.h"
#include "core/edit/edits.h"
#include "io/files/plan_file.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;

class TstDiff : public QObject, private CliFolder {
  Q_OBJECT

 private Q_SLOTS:
  void theHareMoved() {
    const QString was = demoPath(QStringLiteral("canal-towpath"));
    Plan plan = testing::demo("canal-towpath");
    plan.impressions[ix(plan.indexOf("hare"))].at.x += 6;
    plan = without(plan, "duck").value();
    const QString now = file(QStringLiteral("now.havlo"));
    QVERIFY(bool(savePlan(now, plan)));
    const Ran words = cli({QStringLiteral("diff"), was, now});
    QCOMPARE(words.exit, 0);
    QVERIFY2(words.out.contains("The hare: moved 6 mm right.\n"), words.out.constData());
    QVERIFY2(words.out.contains("The duck: no longer there.\n"), words.out.constData());
    QVERIFY2(words.out.contains("At the table:\n"), words.out.constData());
    const Ran ran = cli({QStringLiteral("diff"), was, now, QStringLiteral("--json")});
    QCOMPARE(ran.exit, 0);
    const QJsonObject json = ran.json();
    bool moved = false;
    for (const QJsonValue& v : json[QLatin1String("changes")].toArray()) {
      const QJsonObject c = v.toObject();
      if (c[QLatin1String("how")] != QLatin1String("moved")) continue;
      moved = true;
      QCOMPARE(c[QLatin1String("of")].toString(), QStringLiteral("impression"));
      QCOMPARE(c[QLatin1String("id")].toString(), QStringLiteral("hare"));
      const double by =
          c[QLatin1String("to")].toArray()[0].toDouble() - c[QLatin1String("from")].toArray()[0].toDouble();
      QVERIFY(std::fabs(by - 6) < 1e-6);
      QCOMPARE(c[QLatin1String("words")].toString(), QStringLiteral("The hare: moved 6 mm right."));
    }
    QVERIFY(moved);
    // What masks and check say of each is what is compared.
    const auto masksOf = [](const QString& plan_) {
      return cli({QStringLiteral("masks"), plan_, QStringLiteral("--json")})
          .json()[QLatin1String("total")]
          .toInt(-1);
    };
    const QJsonObject masks = json[QLatin1String("masks")].toObject();
    QCOMPARE(masks[QLatin1String("was")].toInt(), masksOf(was));
    QCOMPARE(masks[QLatin1String("now")].toInt(), masksOf(now));
    int by = 0;
    for (const QJsonValue& v : masks[QLatin1String("changed")].toArray())
      by += v.toObject()[QLatin1String("now")].toInt() - v.toObject()[QLatin1String("was")].toInt();
    QCOMPARE(by, masks[QLatin1String("now")].toInt() - masks[QLatin1String("was")].toInt());
  }

  // A thing that is gone takes its colours along; what reads alike is counted.
  void whatGoesWithAThingIsNotToldBesideIt() {
    const QString was = demoPath(QStringLiteral("canal-towpath"));
    Plan plan = testing::demo("canal-towpath");
    const auto ofDuck = std::count_if(plan.colourings.begin(), plan.colourings.end(),
                                      [](const Colouring& c) { return c.impression == "duck"; });
    QVERIFY(ofDuck >= 2);
    const QString gone = file(QStringLiteral("gone.havlo")), bare = file(QStringLiteral("bare.havlo"));
    QVERIFY(bool(savePlan(gone, without(plan, "duck").value())));
    const Ran told = cli({QStringLiteral("diff"), was, gone});
    QVERIFY2(told.out.contains("The duck: no longer there.\n") && !told.out.contains("colouring"),
             told.out.constData());
    // And the other way round: it comes with them.
    const Ran back = cli({QStringLiteral("diff"), gone, was});
    QVERIFY2(back.out.contains("The duck: new.\n") && !back.out.contains("colouring"), back.out.constData());
    // Scripts get every one of them.
    qsizetype listed = 0;
    for (const QJsonValue& v : cli({QStringLiteral("diff"), was, gone, QStringLiteral("--json")})
                                   .json()[QLatin1String("changes")]
                                   .toArray())
      listed += v.toObject()[QLatin1String("of")] == QLatin1String("colouring");
    QCOMPARE(listed, static_cast<qsizetype>(ofDuck));
    std::erase_if(plan.colourings, [](const Colouring& c) { return c.impression == "duck"; });
    QVERIFY(bool(savePlan(bare, plan)));
    const Ran counted = cli({QStringLiteral("diff"), was, bare});
    const QByteArray sentence = "The colouring of the duck: no longer there, " +
                                QByteArray::number(static_cast<int>(ofDuck)) + " times.\n";
    QVERIFY2(counted.out.count("colouring") == 1 && counted.out.contains(sentence), counted.out.constData());
  }

  void theSameTwice() {
    const QString plan = demoPath(QStringLiteral("teaching-avenue"));
    const Ran words = cli({QStringLiteral("diff"), plan, plan});
    QCOMPARE(words.exit, 0);
    QCOMPARE(words.out, QByteArray("The two plans are the same.\n"));
    const QJsonObject json = cli({QStringLiteral("diff"), plan, plan, QStringLiteral("--json")}).json();
    QVERIFY(json[QLatin1String("changes")].isArray() && json[QLatin1String("changes")].toArray().isEmpty());
  }

  void faultsAreNamed() {
    const QString plan = demoPath(QStringLiteral("teaching-avenue"));
    QCOMPARE(cli({QStringLiteral("diff"), plan}).exit, 2);
    const QString broken = written(QStringLiteral("broken.havlo"), "{ nothing");
    const Ran ran = cli({QStringLiteral("diff"), plan, broken});
    QCOMPARE(ran.exit, 3);
    QVERIFY2(ran.err.contains("broken.havlo"), ran.err.constData());
    QVERIFY(ran.out.isEmpty());
  }
};

HAVLO_TEST(TstDiff)
#include "tst_diff.moc"
