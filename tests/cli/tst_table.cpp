// The verbs about the work at the table: order, run sheet, simulation, schools and joins.
#include <QDir>
#include <QJsonArray>
#include <QMap>
#include <QSet>
#include <QTest>
#include <cmath>

#include "cli_folder.h"
#include "core/plan/plan_text.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;

class TstTable : public QObject, private CliFolder {
  Q_OBJECT

 private Q_SLOTS:
  void theRunSheetHasItsKeysAndAddsUp() {
    const QJsonObject o =
        cli({QStringLiteral("runsheet"), demoPath(QStringLiteral("canal-towpath")), QStringLiteral("--json")})
            .json();
    double sum = 0;
    QJsonArray steps = o[QLatin1String("steps")].toArray();
    for (qsizetype k = 0; k < steps.size(); ++k) {
      const QJsonObject s = steps[k].toObject();
      for (const char* key : {"n", "do", "impression", "stamp", "ink", "generation", "foot", "corner", "turn",
                              "masksOn", "masks", "minutes", "wait", "note"})
        QVERIFY2(s.contains(QLatin1String(key)), key);
      QCOMPARE(s[QLatin1String("n")].toInt(), static_cast<int>(k) + 1);
      sum += s[QLatin1String("minutes")].toDouble() + s[QLatin1String("wait")].toDouble();
    }
    QVERIFY(std::abs(sum - o[QLatin1String("minutes")].toDouble()) < 1e-6);
    QVERIFY(o[QLatin1String("atLeast")].toDouble() <= o[QLatin1String("minutes")].toDouble());
  }

  void theTableHasARowAStep() {
    const QString csv = file(QStringLiteral("steps.csv"));
    QCOMPARE(cli({QStringLiteral("runsheet"), demoPath(QStringLiteral("teaching-crowd")),
                  QStringLiteral("--csv"), csv})
                 .exit,
             0);
    const QJsonObject o = cli({QStringLiteral("runsheet"), demoPath(QStringLiteral("teaching-crowd")),
                               QStringLiteral("--json")})
                              .json();
    QFile f(csv);
    QVERIFY(f.open(QIODevice::ReadOnly));
    QCOMPARE(f.readAll().count("\r\n"), o[QLatin1String("steps")].toArray().size() + 1);
    // Read back by Python's csv module, a stock parser: the same steps, kinds, minutes and places.
    QProcess python;
    python.start(QStringLiteral("python3"),
                 {QStringLiteral("-c"),
                  QStringLiteral("import csv,json,sys\n"
                                 "rows=list(csv.DictReader(open(sys.argv[1],newline='',encoding='utf-8')))\n"
                                 "print(json.dumps([[r['n'],r['do'],r['impression'],r['left_mm'],r['minutes']"
                                 ",r['note'],r['evening']] for r in rows]))"),
                  csv});
    QVERIFY(python.waitForFinished(20000));
    const QJsonArray rows = QJsonDocument::fromJson(python.readAllStandardOutput()).array();
    const QJsonArray steps = o[QLatin1String("steps")].toArray();
    QCOMPARE(rows.size(), steps.size());
    for (int k = 0; k < rows.size(); ++k) {
      const QJsonArray row = rows[k].toArray();
      const QJsonObject step = steps[k].toObject();
      QCOMPARE(row[0].toString().toInt(), step[QLatin1String("n")].toInt());
      QCOMPARE(row[1].toString(), step[QLatin1String("do")].toString());
      QCOMPARE(row[2].toString(), step[QLatin1String("impression")].toString());
      if (step[QLatin1String("foot")].isObject())
        QVERIFY(std::abs(row[3].toString().toDouble() -
                         step[QLatin1String("foot")].toObject()[QLatin1String("left")].toDouble()) < 1e-9);
      QVERIFY(std::abs(row[4].toString().toDouble() - step[QLatin1String("minutes")].toDouble()) < 1e-9);
      QCOMPARE(row[5].toString(), step[QLatin1String("note")].toString());
      QCOMPARE(row[6].toString(), QStringLiteral("1"));
    }
  }

  void theRunSheetIsPrintedOnLetterInInches() {
    const QString pdf = file(QStringLiteral("letter.pdf"));
    QCOMPARE(cli({QStringLiteral("runsheet"), demoPath(QStringLiteral("teaching-crowd")),
                  QStringLiteral("--pdf"), pdf, QStringLiteral("--sheet"), QStringLiteral("letter"),
                  QStringLiteral("--units"), QStringLiteral("in")})
                 .exit,
             0);
    QProcess info;
    info.start(QStringLiteral("pdfinfo"), {pdf});
    QVERIFY(info.waitForFinished(20000));
    QVERIFY(info.readAllStandardOutput().contains("612 x 792"));
    info.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), pdf, QStringLiteral("-")});
    QVERIFY(info.waitForFinished(20000));
    const QByteArray text = info.readAllStandardOutput();
    QVERIFY(text.contains("in from the left") && text.contains("lower left corner") &&
            text.contains("try it on scrap"));
    QCOMPARE(cli({QStringLiteral("runsheet"), demoPath(QStringLiteral("teaching-crowd")),
                  QStringLiteral("--pdf"), pdf, QStringLiteral("--sheet"), QStringLiteral("a0")})
                 .exit,
             2);
    QCOMPARE(cli({QStringLiteral("runsheet"), demoPath(QStringLiteral("teaching-crowd")),
                  QStringLiteral("--units"), QStringLiteral("ells")})
                 .exit,
             2);
  }

  /// The finished towpath: its mats out of the sample drawer's offcuts, the inside as a chapter, ten as a
  /// batch.
  void theFinishedCardIsCutStampedAndCounted() {
    const QString plan = demoPath(QStringLiteral("towpath-finished"));
    QString drawer = demoPath(QStringLiteral("canal-drawer"));
    drawer.replace(QLatin1String(".havlo"), QLatin1String(".zip"));
    const QJsonObject pieces =
        cli({QStringLiteral("pieces"), plan, QStringLiteral("--drawer"), drawer, QStringLiteral("--json")})
            .json();
    int fromOffcuts = 0;
    for (const QJsonValue& list : pieces[QLatin1String("cutLists")].toArray()) {
      QVERIFY(!list.toObject().contains(QLatin1String("toGet")));  // nothing has to be bought
      // 192 x 136 and 190 x 140 mm are all that is used of these two papers.
      const double used = list[QLatin1String("used")].toDouble();
      fromOffcuts += std::abs(used - 192 * 136) < 1 || std::abs(used - 190 * 140) < 1;
    }
    QCOMPARE(fromOffcuts, 2);
    QCOMPARE(pieces[QLatin1String("stack")].toObject()[QLatin1String("faults")].toArray().size(), 0);
    const QJsonObject batch =
        cli({QStringLiteral("batch"), plan, QStringLiteral("--cards"), QStringLiteral("10"),
             QStringLiteral("--rack"), QStringLiteral("4"), QStringLiteral("--json")})
            .json();
    QCOMPARE(batch[QLatin1String("cards")].toInt(), 10);
    QVERIFY(batch[QLatin1String("mostDrying")].toInt() <= 4);
    QVERIFY(batch[QLatin1String("minutes")].toDouble() < 10 * batch[QLatin1String("alone")].toDouble());
    bool inside = false, enclosed = false;
    for (const QJsonValue& s : batch[QLatin1String("stations")].toArray()) {
      inside = inside || s[QLatin1String("piece")].toString() == QLatin1String("inside");
      enclosed = s[QLatin1String("kind")].toString() == QLatin1String("enclose");
    }
    QVERIFY(inside && enclosed);  // the last thing that is done
    const QJsonObject sheet = cli({QStringLiteral("runsheet"), plan, QStringLiteral("--json")}).json();
    QCOMPARE(sheet[QLatin1String("faces")].toArray().size(), 2);
    for (const char* wrong : {"--cards", "--rack"})
      QCOMPARE(cli({QStringLiteral("batch"), plan, QLatin1String(wrong), QStringLiteral("-1")}).exit, 2);
    QVERIFY(cli({QStringLiteral("pieces"), plan, QStringLiteral("--drawer"), plan}).exit != 0);
  }

  void aWrongOrderIsToldInWords() {
    const QString plan = demoPath(QStringLiteral("teaching-crowd"));
    QStringList order;
    for (const QJsonValue& id : cli({QStringLiteral("check"), plan, QStringLiteral("--json")})
                                    .json()[QLatin1String("order")]
                                    .toArray())
      order.prepend(id.toString());
    const QJsonObject bad = cli({QStringLiteral("simulate"), plan, QStringLiteral("--json"),
                                 QStringLiteral("--order"), order.join(u',')})
                                .json();
    QVERIFY(bad[QLatin1String("worst")].toArray()[0].toObject()[QLatin1String("text")].toString().startsWith(
        QStringLiteral("Step ")));
  }

  void demoAndTeachingPlansAreProvenAndAWrongOrderIsNot_data() {
    QTest::addColumn<QString>("name");
    for (const char* name : {"canal-towpath", "potting-shed", "misty-fen", "teaching-crowd",
                             "teaching-avenue", "teaching-silhouettes"})
      QTest::newRow(name) << QString::fromLatin1(name);
  }
  void demoAndTeachingPlansAreProvenAndAWrongOrderIsNot() {
    QFETCH(QString, name);
    const QString plan = demoPath(name);
    const Ran good = cli({QStringLiteral("simulate"), plan, QStringLiteral("--json")});
    QCOMPARE(good.exit, 0);
    QVERIFY(good.json()[QLatin1String("proven")].toBool());
    // In the shed next to nothing overlaps: there even the wrong way round is right.
    if (name == QLatin1String("potting-shed")) return;
    QStringList order;
    const QJsonObject checked = cli({QStringLiteral("check"), plan, QStringLiteral("--json")}).json();
    for (const QJsonValue& id : checked[QLatin1String("order")].toArray()) order.prepend(id.toString());
    const QJsonObject bad = cli({QStringLiteral("simulate"), plan, QStringLiteral("--json"),
                                 QStringLiteral("--order"), order.join(u',')})
                                .json();
    QVERIFY(!bad[QLatin1String("proven")].toBool());
    QVERIFY(bad[QLatin1String("mismatch")].toDouble() > 5);
    const QJsonObject worst = bad[QLatin1String("worst")].toArray()[0].toObject();
    for (const char* key : {"x", "y", "area", "steps"}) QVERIFY2(worst.contains(QLatin1String(key)), key);
    QVERIFY(bad[QLatin1String("steps")].isDouble());
  }

  void actsAreListedWithWhatMustComeBefore() {
    const Ran r =
        cli({QStringLiteral("check"), demoPath(QStringLiteral("canal-towpath")), QStringLiteral("--json")});
    const QJsonArray acts = r.json()[QLatin1String("acts")].toArray();
    QStringList names;
    for (const QJsonValue& a : acts) {
      // Everything that must come before stands before.
      for (const QJsonValue& b : a[QLatin1String("before")].toArray())
        QVERIFY2(names.contains(b[QLatin1String("act")].toString()),
                 qPrintable(b[QLatin1String("act")].toString()));
      names << a[QLatin1String("act")].toString();
    }
    QVERIFY(names.contains(QStringLiteral("wash:sky")) && names.contains(QStringLiteral("stamp:hare")));
    QVERIFY(names.indexOf(QStringLiteral("stamp:hare")) < names.indexOf(QStringLiteral("wash:glow")));
    QVERIFY(names.indexOf(QStringLiteral("wash:sky")) < names.indexOf(QStringLiteral("stamp:greeting")));
  }

  // Faults bred on purpose: none is called proven.
  void whatIsLeftOutOrForgottenIsNotProven() {
    const QString plan = demoPath(QStringLiteral("canal-towpath"));
    const auto proven = [&](const QStringList& more) {
      const Ran r = cli(QStringList{QStringLiteral("simulate"), plan, QStringLiteral("--json"),
                                    QStringLiteral("--dpi"), QStringLiteral("80")} +
                        more);
      return r.json()[QLatin1String("proven")].toBool();
    };
    QVERIFY(proven({}));
    for (const char* act : {"stamp:boat", "wash:sky", "wash:water"})
      QVERIFY2(!proven({QStringLiteral("--without"), QLatin1String(act)}), act);
    for (const char* paper : {"hare", "horizon", "duck"})
      QVERIFY2(!proven({QStringLiteral("--forget"), QLatin1String(paper)}), paper);
    // Its own acts in its own order are proven; the sky last of all, over the letters, is not.
    const QJsonArray acts = cli({QStringLiteral("check"), plan, QStringLiteral("--json")})
                                .json()[QLatin1String("acts")]
                                .toArray();
    QStringList names;
    for (const QJsonValue& a : acts) names << a[QLatin1String("act")].toString();
    QVERIFY(proven({QStringLiteral("--acts"), names.join(u',')}));
    names.removeAll(QStringLiteral("wash:sky"));
    names << QStringLiteral("wash:sky");
    QVERIFY(!proven({QStringLiteral("--acts"), names.join(u',')}));
    names.removeLast();
    QCOMPARE(cli({QStringLiteral("simulate"), plan, QStringLiteral("--acts"), names.join(u',')}).exit, 2);
    QCOMPARE(
        cli({QStringLiteral("simulate"), plan, QStringLiteral("--forget"), QStringLiteral("nobody")}).exit,
        2);
  }

  void schoolsAndJoinsAreReported() {
    const QJsonObject schools =
        cli({QStringLiteral("schools"), demoPath(QStringLiteral("teaching-silhouettes")),
             QStringLiteral("--json")})
            .json();
    QCOMPARE(schools[QLatin1String("schools")].toArray().size(), 8);
    QCOMPARE(schools[QLatin1String("advice")].toArray().size(), 5);
    const QJsonObject joins =
        cli({QStringLiteral("joins"), demoPath(QStringLiteral("teaching-crowd")), QStringLiteral("--json")})
            .json();
    QVERIFY(!joins[QLatin1String("joins")].toArray().isEmpty());
    QVERIFY(joins[QLatin1String("expected")].toDouble() > 0);
    QVERIFY(cli({QStringLiteral("schools"), demoPath(QStringLiteral("teaching-crowd"))})
                .out.contains("overprint"));
  }

  // One paper over several things: counted once, named wherever it is laid, and missed when it is forgotten.
  void aPaperOverSeveralThingsIsToldEverywhere() {
    QFile demo(demoPath(QStringLiteral("teaching-crowd")));
    QVERIFY(demo.open(QIODevice::ReadOnly));
    QJsonObject plan = QJsonDocument::fromJson(demo.readAll()).object();
    QJsonArray things, few = plan[QLatin1String("impressions")].toArray();
    // Shoulder to shoulder in one row, and a sky over all of it.
    for (int k = 0; k < 4; ++k) {
      QJsonObject one = few[0].toObject();
      one[QLatin1String("id")] = QStringLiteral("one%1").arg(k + 1);
      one[QLatin1String("at")] = QJsonArray{30 + 14 * k, 50 + 2 * k};
      one[QLatin1String("depth")] = QJsonObject{{QStringLiteral("metres"), 4 + k}};
      one[QLatin1String("technique")] = QStringLiteral("mask");
      things << one;
    }
    plan[QLatin1String("impressions")] = things;
    const QString ink = plan[QLatin1String("inks")].toArray()[0].toObject()[QLatin1String("id")].toString();
    plan[QLatin1String("washes")] = QJsonArray{QJsonObject{
        {QStringLiteral("id"), QStringLiteral("sky")},
        {QStringLiteral("kind"), QStringLiteral("sky")},
        {QStringLiteral("ink"), ink},
        {QStringLiteral("strength"), 0.4},
        {QStringLiteral("softness"), 8},
        {QStringLiteral("area"), QJsonArray{QJsonArray{QJsonArray{0, 30}, QJsonArray{120, 30},
                                                       QJsonArray{120, 120}, QJsonArray{0, 120}}}}}};
    plan.remove(QLatin1String("making"));
    const QString path = written(QStringLiteral("row.havlo"), QJsonDocument(plan).toJson());
    const QJsonObject masks = cli({QStringLiteral("masks"), path, QStringLiteral("--json")}).json();
    int cut = 0, joint = 0;
    QStringList over;
    for (const QJsonValue& m : masks[QLatin1String("byStamp")].toArray()) {
      cut += m[QLatin1String("cut")].toInt();
      const QJsonArray together = m[QLatin1String("over")].toArray();
      joint += !together.isEmpty();
      for (const QJsonValue& id : together) over << id.toString();
    }
    QCOMPARE(joint, 1);
    QVERIFY(over.size() >= 3);
    QCOMPARE(masks[QLatin1String("total")].toInt(), cut);
    QVERIFY(cut < 4);
    QVERIFY(cli({QStringLiteral("simulate"), path, QStringLiteral("--json")})
                .json()[QLatin1String("proven")]
                .toBool());
    for (const QString& forgotten : {QStringLiteral("joint#1"), over[0], over[2]}) {
      const Ran bared = cli({QStringLiteral("simulate"), path, QStringLiteral("--json"),
                             QStringLiteral("--forget"), forgotten});
      QVERIFY2(!bared.json()[QLatin1String("proven")].toBool(), qPrintable(forgotten));
    }
    const QString words = QString::fromUtf8(cli({QStringLiteral("runsheet"), path}).out);
    QVERIFY(words.contains(QStringLiteral("Cut one paper over")));
    QVERIFY(words.contains(QStringLiteral("lay it on the placement sheet")));
    const QString svg = file(QStringLiteral("row.svg"));
    QCOMPARE(cli({QStringLiteral("masks"), path, QStringLiteral("--svg"), svg}).exit, 0);
    QFile cutFile(svg);
    QVERIFY(cutFile.open(QIODevice::ReadOnly));
    const QByteArray cuts = cutFile.readAll();
    QVERIFY(cuts.contains("joint#1") && cuts.contains(">One paper over "));
    // By the maker's wish each has its own.
    plan[QLatin1String("making")] = QJsonObject{{QStringLiteral("jointPapers"), false}};
    const QString apart = written(QStringLiteral("apart.havlo"), QJsonDocument(plan).toJson());
    QCOMPARE(cli({QStringLiteral("masks"), apart, QStringLiteral("--json")})
                 .json()[QLatin1String("total")]
                 .toInt(),
             4);
  }

  // Papers are followed here by the words of the steps alone: laid, taped, lifted.
  void papersAreListedWhileTheyLie() {
    const QJsonArray steps =
        cli({QStringLiteral("runsheet"), demoPath(QStringLiteral("canal-towpath")), QStringLiteral("--json")})
            .json()[QLatin1String("steps")]
            .toArray();
    QSet<QString> lying;
    QMap<QString, int> layings;
    bool tapeLay = false;
    for (const QJsonValue& s : steps) {
      const QString what = s[QLatin1String("do")].toString();
      const auto each = [&](auto&& act) {
        if (s[QLatin1String("limit")].isString()) act(s[QLatin1String("limit")].toString());
        for (const QJsonValue& m : s[QLatin1String("masks")].toArray())
          act(m[QLatin1String("mask")].toString() + u'@' + m[QLatin1String("on")].toString());
      };
      if (what == QLatin1String("maskOn")) {
        if (s[QLatin1String("limit")].isString()) lying << s[QLatin1String("limit")].toString();
        QSet<QString> joints;  // one paper over several things is laid once
        for (const QJsonValue& m : s[QLatin1String("masks")].toArray()) {
          const QString mask = m[QLatin1String("mask")].toString();
          lying << mask + u'@' + m[QLatin1String("on")].toString();
          if (!m.toObject().contains(QLatin1String("over")) || !joints.contains(mask)) ++layings[mask];
          joints << mask;
        }
      }
      if (what == QLatin1String("maskOff")) each([&](const QString& paper) { lying.remove(paper); });
      QSet<QString> told;
      for (const QJsonValue& paper : s[QLatin1String("papers")].toArray()) {
        const bool limit = paper[QLatin1String("limit")].isString();
        tapeLay = tapeLay || limit;
        told << (limit ? paper[QLatin1String("limit")].toString()
                       : paper[QLatin1String("mask")].toString() + u'@' +
                             paper[QLatin1String("on")].toString());
        if (limit) {
          QVERIFY(QStringList({"above", "below", "inside", "outside"})
                      .contains(paper[QLatin1String("side")].toString()));
        } else {
          QCOMPARE(paper[QLatin1String("layings")].toInt(), layings[paper[QLatin1String("mask")].toString()]);
        }
      }
      QCOMPARE(told, lying);
      QCOMPARE(s[QLatin1String("piece")].toString(), QStringLiteral("panel"));
      QCOMPARE(s[QLatin1String("act")].isString(), QStringList({"stamp", "wash", "colour"}).contains(what));
    }
    QVERIFY(tapeLay && lying.isEmpty());
  }

  void whatIsLeftOutOfTheRubberAndWhatIsAPieceIsTold() {
    Plan p = testing::emptyPlan();
    testing::addStamp(p, testing::slab("s", 20, 10));
    // A quarter of the rubber is taped over: three quarters print.
    testing::put(p, "part", "s", {30, 20}, 1).part = {{{0, 0}, {15, 0}, {15, 10}, {0, 10}}};
    testing::put(p, "whole", "s", {70, 20}, 2);
    testing::put(p, "up", "s", {70, 60}, 3).school = School::PopUp;
    const QJsonArray steps = cli({QStringLiteral("runsheet"),
                                  written(QStringLiteral("p.havlo"), QByteArray::fromStdString(writePlan(p))),
                                  QStringLiteral("--json")})
                                 .json()[QLatin1String("steps")]
                                 .toArray();
    QMap<QString, QJsonValue> pressed;
    QStringList acts;
    for (const QJsonValue& s : steps) {
      if (s[QLatin1String("do")] == QLatin1String("stamp"))
        pressed[s[QLatin1String("impression")].toString()] = s;
      if (s[QLatin1String("act")].isString()) acts << s[QLatin1String("act")].toString();
    }
    QVERIFY(std::abs(pressed[QStringLiteral("part")][QLatin1String("reach")].toDouble() - 0.25) < 1e-6);
    QVERIFY(pressed[QStringLiteral("part")][QLatin1String("part")].toBool());
    QCOMPARE(pressed[QStringLiteral("whole")][QLatin1String("reach")].toDouble(), 0.0);
    QCOMPARE(pressed[QStringLiteral("whole")][QLatin1String("dry")].toDouble(), p.inks[0].dryOnCard_s);
    QCOMPARE(pressed[QStringLiteral("whole")][QLatin1String("piece")].toString(), QStringLiteral("panel"));
    QCOMPARE(pressed[QStringLiteral("up")][QLatin1String("piece")].toString(), QStringLiteral("up"));
    QCOMPARE(acts.last(), QStringLiteral("glue:up"));
  }
};

HAVLO_TEST(TstTable)
#include "tst_table.moc"
