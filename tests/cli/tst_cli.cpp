// The command line as a script sees it: output, standard error and exit codes. A contract; see
// docs/command-line.md.
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <functional>

#include "cli_folder.h"
#include "core/plan/plan_text.h"
#include "io/files/plan_file.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/program.h"

using namespace havlo;

class TstCli : public QObject, private CliFolder {
  Q_OBJECT

 private Q_SLOTS:
  void exitCodes_data() {
    QTest::addColumn<QStringList>("args");
    QTest::addColumn<int>("exit");
    const QString crowd = demoPath(QStringLiteral("teaching-crowd"));
    const auto row = [](const char* name, const QStringList& args, int exit) {
      QTest::newRow(name) << args << exit;
    };
    row("no verb", {}, 2);
    row("unknown verb", {"dance", crowd}, 2);
    row("no plan", {"check"}, 2);
    row("two plans", {"check", crowd, crowd}, 2);
    row("export of nothing", {"export", crowd}, 2);
    row("export under another ending", {"export", crowd, "--png", "x.svg"}, 2);
    row("TIFF under another ending", {"export", crowd, "--tiff", "x.tifs"}, 2);
    row("export to nowhere", {"export", crowd, "--csv", "/nowhere/x.csv"}, 4);
    row("suggest with a seed in words", {"suggest", crowd, "--seed", "one"}, 2);
    row("suggest with an unknown lock", {"suggest", crowd, "--lock", "zebra"}, 3);
    row("unknown option", {"check", crowd, "--loud"}, 2);
    row("option without value", {"render", crowd, "--png"}, 2);
    row("render to nowhere", {"render", crowd}, 2);
    row("dpi in words", {"render", crowd, "--png", "x.png", "--dpi", "many"}, 2);
    row("dpi too high", {"simulate", crowd, "--dpi", "100000"}, 2);
    row("order with an unknown id", {"simulate", crowd, "--order", "zebra"}, 2);
    row("order that leaves some out", {"simulate", crowd, "--order", "duck1,duck2"}, 2);
    row("template without a target", {"template", crowd}, 2);
    row("no such file", {"check", "/nowhere/plan.havlo", "--json"}, 3);
    row("a folder", {"check", "/", "--json"}, 3);
    row("cannot write", {"render", crowd, "--png", "/nowhere/x.png", "--dpi", "30"}, 4);
    row("cannot write pdf", {"template", crowd, "--pdf", "/nowhere/x.pdf"}, 4);
    row("cannot write masks", {"masks", crowd, "--svg", "/nowhere/x.svg"}, 4);
    row("cannot write dxf", {"masks", crowd, "--dxf", "/nowhere/x.dxf"}, 4);
    row("a sheet in words", {"masks", crowd, "--sheet", "large"}, 2);
    row("a sheet too small", {"masks", crowd, "--sheet", "5x5mm"}, 2);
    row("no cut file", {"cut", "/nowhere/x.svg"}, 3);
    row("a plan is no cut file", {"cut", crowd, "--json"}, 3);
    row("cannot write csv", {"runsheet", crowd, "--csv", "/nowhere/x.csv"}, 4);
    row("cannot make the steps' folder", {"simulate", crowd, "--dpi", "30", "--steps", "/proc/nowhere"}, 4);
    row("check in words", {"check", crowd}, 0);
    row("help", {"--help"}, 0);
  }
  void exitCodes() {
    QFETCH(QStringList, args);
    QFETCH(int, exit);
    const Ran r = cli(args);
    QCOMPARE(r.exit, exit);
    if (exit != 0) {
      QVERIFY(r.out.isEmpty());
      QVERIFY(r.err.startsWith("havlo-cli: "));
    }
  }

  void masksAreWrittenInEveryFormatAndCut() {
    const QString plan = demoPath(QStringLiteral("canal-towpath"));
    const QString base = m_folder.filePath(QStringLiteral("cut"));
    const Ran masks =
        cli({QStringLiteral("masks"), plan, QStringLiteral("--svg"), base + QStringLiteral(".svg"),
             QStringLiteral("--dxf"), base + QStringLiteral(".dxf"), QStringLiteral("--hpgl"),
             base + QStringLiteral(".plt"), QStringLiteral("--pdf"), base + QStringLiteral(".pdf"),
             QStringLiteral("--json")});
    QCOMPARE(masks.exit, 0);
    const QJsonObject tally = QJsonDocument::fromJson(masks.out).object();
    QVERIFY(tally[QLatin1String("total")].toInt() > 0);
    QVERIFY(tally[QLatin1String("layout")].toObject()[QLatin1String("sheets")].toInt() >= 1);
    int pieces = -1;
    for (const char* ending : {"svg", "dxf", "plt", "pdf"}) {
      const Ran cut =
          cli({QStringLiteral("cut"), base + u'.' + QLatin1String(ending), QStringLiteral("--json")});
      QCOMPARE(cut.exit, 0);
      const QJsonObject o = QJsonDocument::fromJson(cut.out).object();
      for (const char* key : {"free", "pieces", "notFree", "travel", "cutLength", "time", "lifts", "sheets"})
        QVERIFY2(o.contains(QLatin1String(key)), key);
      QVERIFY(o[QLatin1String("notFree")].toArray().isEmpty());
      if (pieces < 0) pieces = o[QLatin1String("free")].toInt();
      QCOMPARE(o[QLatin1String("free")].toInt(), pieces);
      QVERIFY(o[QLatin1String("travel")].toDouble() > 0 && o[QLatin1String("time")].toDouble() > 0);
    }
    const QString png = base + QStringLiteral(".png");
    QCOMPARE(cli({QStringLiteral("cut"), base + QStringLiteral(".svg"), QStringLiteral("--png"), png}).exit,
             0);
    QVERIFY(!QImage(png).isNull());
  }

  // Files that once kept every verb at work for good.
  void whatIsTooMuchEndsWithASentence_data() {
    QTest::addColumn<QByteArray>("plan");
    QTest::addColumn<QString>("says");
    const auto withStamps = [](const std::function<void(Plan&)>& change) {
      Plan p = testing::emptyPlan();
      testing::addStamp(p, testing::slab("s", 20, 30));
      change(p);
      return QByteArray::fromStdString(writePlan(p));
    };
    QTest::newRow("a thousand things") << withStamps([](Plan& p) {
      for (int k = 0; k < 1000; ++k)
        testing::put(p, ("i" + std::to_string(k)).c_str(), "s", {60.0 + k % 9, 40}, 1.0 + k);
    }) << "600";
    QTest::newRow("a wild outline") << withStamps([](Plan& p) {
      Stamp wild = *p.stamps[0];
      wild.id = "wild", wild.width_mm = wild.height_mm = 120;
      Ring ring;
      for (int k = 0; k < 4000; ++k)
        ring.push_back({60 + 59 * std::cos(k * 2.4), 60 + 59 * std::sin(k * 2.4 + k * k * 0.001)});
      wild.silhouette = {ring};
      p.stamps.push_back(std::make_shared<const Stamp>(wild));
    }) << "cross each other";
    QTest::newRow("a very long outline") << withStamps([](Plan& p) {
      Stamp wild = *p.stamps[0];
      Ring ring;
      for (int k = 0; k < 300000; ++k)
        ring.push_back({10 + 9 * std::cos(k * 2 * M_PI / 300000), 10 + 9 * std::sin(k * 2 * M_PI / 300000)});
      wild.silhouette = {ring};
      p.stamps[0] = std::make_shared<const Stamp>(wild);
    }) << "300000 points";
  }
  void whatIsTooMuchEndsWithASentence() {
    QFETCH(QByteArray, plan);
    QFETCH(QString, says);
    const QString path = written(QStringLiteral("much.havlo"), plan);
    for (const char* verb : {"check", "runsheet", "simulate", "masks"}) {
      const Ran r = cli({QLatin1String(verb), path});
      QCOMPARE(r.exit, 3);
      QVERIFY2(QString::fromUtf8(r.err).contains(says), r.err.constData());
    }
  }

  void patienceEndsAndIsAsked() {
    Plan p = testing::emptyPlan();
    testing::addStamp(p, testing::slab("s", 20, 30));
    for (int k = 0; k < 400; ++k) testing::put(p, ("i" + std::to_string(k)).c_str(), "s", {60, 40}, 1.0 + k);
    const QString path = written(QStringLiteral("spot.havlo"), QByteArray::fromStdString(writePlan(p)));
    const Ran r = cli({QStringLiteral("simulate"), path, QStringLiteral("--patience"), QStringLiteral("1")});
    QCOMPARE(r.exit, 3);
    QVERIFY(r.err.contains("given up after 1 seconds"));
    for (const char* wrong : {"0", "soon", "-3"})
      QCOMPARE(cli({QStringLiteral("check"), path, QStringLiteral("--patience"), QLatin1String(wrong)}).exit,
               2);
  }

  void badInputNamesThePlace() {
    const QString bad = written(
        QStringLiteral("bad.havlo"),
        R"({"format":"havlo-plan","version":1,"card":{"panel":{"width":100,"height":80}},"washes":[{"id":"w","ink":"k","area":[]}]})");
    const Ran r = cli({QStringLiteral("check"), bad, QStringLiteral("--json")});
    QCOMPARE(r.exit, 3);
    QVERIFY(r.out.isEmpty());
    QVERIFY2(r.err.contains("washes[0].area"), r.err.constData());
    QCOMPARE(r.err.count('\n'), 1);
  }

  void repairsAreSaidOnStandardError() {
    QByteArray text = QByteArray::fromStdString(
        testing::readFile(demoPath(QStringLiteral("teaching-silhouettes")).toStdString()));
    QJsonObject plan = QJsonDocument::fromJson(text).object();
    QJsonArray stamps = plan[QLatin1String("stamps")].toArray();
    QJsonObject stamp = stamps[0].toObject();
    stamp[QLatin1String("silhouette")] = QJsonDocument::fromJson("[[[0,0],[10,10],[10,0],[0,10]]]").array();
    stamps[0] = stamp;
    plan[QLatin1String("stamps")] = stamps;
    const Ran r =
        cli({QStringLiteral("check"), written(QStringLiteral("bow.havlo"), QJsonDocument(plan).toJson()),
             QStringLiteral("--json")});
    QCOMPARE(r.exit, 0);
    QVERIFY(r.err.contains("stamps[0].silhouette"));
    QVERIFY(!r.json().isEmpty());
  }

  void checkHasItsKeys() {
    const QJsonObject o =
        cli({QStringLiteral("check"), demoPath(QStringLiteral("canal-towpath")), QStringLiteral("--json")})
            .json();
    for (const char* key : {"scale", "overlaps", "cycles", "order", "masks", "focus", "tone", "findings"})
      QVERIFY2(o.contains(QLatin1String(key)), key);
    const QJsonObject scale = o[QLatin1String("scale")].toArray()[0].toObject();
    for (const char* key : {"impression", "distance", "expectedHeight", "printedHeight", "ratio",
                            "impliedHeight", "band", "verdict"})
      QVERIFY2(scale.contains(QLatin1String(key)), key);
    const QJsonObject mask =
        o[QLatin1String("masks")].toObject()[QLatin1String("byStamp")].toArray()[0].toObject();
    for (const char* key : {"stamp", "cut", "atOnce", "uses", "halves", "uncovered", "overcovered", "tape"})
      QVERIFY2(mask.contains(QLatin1String(key)), key);
    const QJsonObject finding = o[QLatin1String("findings")].toArray()[0].toObject();
    for (const char* key : {"kind", "level", "impressions", "value", "text", "why", "fix"})
      QVERIFY2(finding.contains(QLatin1String(key)), key);
    QCOMPARE(o[QLatin1String("focus")].toObject()[QLatin1String("hero")].toString(), QStringLiteral("hare"));
  }

  void checkSaysWhatIsSeenFirst() {
    const QJsonObject focus =
        cli({QStringLiteral("check"), demoPath(QStringLiteral("canal-towpath")), QStringLiteral("--json")})
            .json()[QLatin1String("focus")]
            .toObject();
    QCOMPARE(focus[QLatin1String("rank")].toInt(), 1);
    QCOMPARE(focus[QLatin1String("looks")].toArray()[0].toString(), QStringLiteral("hare"));
    double sum = focus[QLatin1String("elsewhere")].toDouble(), last = 1;
    const QJsonArray shares = focus[QLatin1String("shares")].toArray();
    for (const auto& one : shares) {
      const double share = one.toObject()[QLatin1String("share")].toDouble();
      QVERIFY(share <= last);
      last = share, sum += share;
    }
    QVERIFY(std::abs(sum - 1) < 1e-6);
    QCOMPARE(shares[0].toObject()[QLatin1String("impression")].toString(), QStringLiteral("hare"));
    QCOMPARE(shares[0].toObject()[QLatin1String("share")].toDouble(),
             focus[QLatin1String("share")].toDouble());
    for (const char* key : {"rivals", "lines", "weight", "plain", "contrast", "greetings", "path"})
      QVERIFY2(focus.contains(QLatin1String(key)), key);
    // In words: the verdict first.
    const Ran words = cli({QStringLiteral("check"), demoPath(QStringLiteral("misty-fen"))});
    QVERIFY2(words.out.startsWith("Clear. The heron is seen first"), words.out.constData());
  }

  void theFinishedCardIsExported() {
    const QString plan = demoPath(QStringLiteral("teaching-avenue"));
    const Ran r = cli({QStringLiteral("export"), plan, QStringLiteral("--json"), QStringLiteral("--dpi"),
                       QStringLiteral("60"), QStringLiteral("--png"), file(QStringLiteral("a.png")),
                       QStringLiteral("--svg"), file(QStringLiteral("a.svg")), QStringLiteral("--pdf"),
                       file(QStringLiteral("a.pdf")), QStringLiteral("--zip"), file(QStringLiteral("a.zip")),
                       QStringLiteral("--csv"), file(QStringLiteral("a.csv"))});
    QVERIFY2(r.exit == 0, r.err.constData());
    for (const char* ending : {"png", "svg", "pdf", "zip", "csv"}) {
      QVERIFY(QFileInfo(file(QStringLiteral("a.") + QLatin1String(ending))).size() > 200);
      QVERIFY(r.json().contains(QLatin1String(ending)));
    }
    // Both endings of a TIFF are common; its first bytes are those of TIFF 6.0 (Adobe 1992), section 2.
    for (const char* name : {"b.tif", "b.tiff"}) {
      const Ran tiff = cli({QStringLiteral("export"), plan, QStringLiteral("--dpi"), QStringLiteral("60"),
                            QStringLiteral("--tiff"), file(QLatin1String(name))});
      QVERIFY2(tiff.exit == 0, tiff.err.constData());
      QFile f(file(QLatin1String(name)));
      QVERIFY(f.open(QIODevice::ReadOnly) && f.read(4) == QByteArray("II*\0", 4));
    }
  }

  void arrangementsAreSuggested() {
    const QString plan = demoPath(QStringLiteral("teaching-avenue"));
    const QStringList ask{QStringLiteral("suggest"),
                          plan,
                          QStringLiteral("--json"),
                          QStringLiteral("--lock"),
                          QStringLiteral("tall-left"),
                          QStringLiteral("--plans"),
                          m_folder.path()};
    const QJsonObject o = cli(ask).json();
    const QJsonArray proposals = o[QLatin1String("proposals")].toArray();
    QVERIFY(!proposals.isEmpty());
    for (const auto& one : proposals) QVERIFY(one.toObject()[QLatin1String("proven")].toBool());
    QVERIFY(QFileInfo::exists(file(QStringLiteral("proposal-1.havlo"))));
    QCOMPARE(cli(ask).json(), o);  // the same seed, the same proposals
    // Nothing that is offered costs the hero, and each says what it gains.
    const double share = o[QLatin1String("now")].toObject()[QLatin1String("share")].toDouble();
    for (const auto& one : proposals) {
      QVERIFY(one.toObject()[QLatin1String("share")].toDouble() >= share);
      QVERIFY(!one.toObject()[QLatin1String("why")].toArray().isEmpty());
    }
    const QJsonObject fit =
        cli({QStringLiteral("suggest"), plan, QStringLiteral("--json"), QStringLiteral("--fit"),
             QStringLiteral("127x178mm"), QStringLiteral("--plans"), m_folder.path()})
            .json();
    QCOMPARE(fit[QLatin1String("proposals")].toArray().size(), 1);
    const auto fitted = loadPlan(file(QStringLiteral("fitted-1.havlo")));
    QVERIFY(bool(fitted) && std::fabs(fitted.value().plan.card.panel.width_mm - 127) < 1e-9);
    QCOMPARE(cli({QStringLiteral("suggest"), plan, QStringLiteral("--fit"), QStringLiteral("wide")}).exit, 2);
    QCOMPARE(cli({QStringLiteral("suggest"), plan, QStringLiteral("--hero"), QStringLiteral("zebra")}).exit,
             3);
    Plan p = testing::emptyPlan();
    const Ran none = cli({QStringLiteral("suggest"),
                          written(QStringLiteral("none.havlo"), QByteArray::fromStdString(writePlan(p)))});
    QCOMPARE(none.exit, 3);
    QVERIFY(none.err.contains("hero"));
  }

  void infinityIsNull() {
    Plan p = testing::emptyPlan();
    Stamp s = testing::slab("s", 10, 10);
    s.realHeight = RealHeight{1, 1, 1, {}};
    testing::addStamp(p, s);
    testing::put(p, "a", "s", {30, 96}, 1).depth = OnGround{};
    const Ran r = cli({QStringLiteral("check"),
                       written(QStringLiteral("far.havlo"), QByteArray::fromStdString(writePlan(p))),
                       QStringLiteral("--json")});
    QVERIFY(!r.out.contains("inf") && !r.out.contains("nan"));
    const QJsonObject scale = r.json()[QLatin1String("scale")].toArray()[0].toObject();
    for (const char* key : {"distance", "expectedHeight", "ratio", "impliedHeight"})
      QVERIFY2(scale[QLatin1String(key)].isNull(), key);
    QCOMPARE(scale[QLatin1String("verdict")].toString(), QStringLiteral("notOnGround"));
    QCOMPARE(scale[QLatin1String("band")].toArray().size(), 2);
  }

  void picturesHaveTheRightSize() {
    const QString png = file(QStringLiteral("card.png")), dir = file(QStringLiteral("steps"));
    QCOMPARE(cli({QStringLiteral("render"), demoPath(QStringLiteral("teaching-crowd")),
                  QStringLiteral("--png"), png, QStringLiteral("--dpi"), QStringLiteral("100")})
                 .exit,
             0);
    const QImage image(png);
    const Ran told =
        cli({QStringLiteral("render"), demoPath(QStringLiteral("teaching-crowd")), QStringLiteral("--png"),
             png, QStringLiteral("--dpi"), QStringLiteral("100"), QStringLiteral("--json")});
    QCOMPARE(told.json()[QLatin1String("width")].toInt(), image.width());
    QCOMPARE(image.size(), QSize(qRound(107.95 / 25.4 * 100), qRound(139.7 / 25.4 * 100)));
    QVERIFY(std::abs(image.dotsPerMeterX() - 3937) < 15);
    QCOMPARE(cli({QStringLiteral("simulate"), demoPath(QStringLiteral("teaching-crowd")),
                  QStringLiteral("--dpi"), QStringLiteral("50"), QStringLiteral("--steps"), dir})
                 .exit,
             0);
    const QJsonObject o = cli({QStringLiteral("runsheet"), demoPath(QStringLiteral("teaching-crowd")),
                               QStringLiteral("--json")})
                              .json();
    QCOMPARE(QDir(dir).entryList({QStringLiteral("*.png")}).size(),
             o[QLatin1String("steps")].toArray().size());
  }

  void aVeryLargePanelStaysWithinMemory() {
    Plan p = testing::emptyPlan();
    p.card.panel = {2000, 2000, {}};
    testing::addStamp(p, testing::slab("s", 300, 300));
    testing::put(p, "a", "s", {900, 900}, 1);
    const QString plan = written(QStringLiteral("large.havlo"), QByteArray::fromStdString(writePlan(p)));
    QVERIFY(cli({QStringLiteral("simulate"), plan, QStringLiteral("--json")})
                .json()[QLatin1String("proven")]
                .toBool());
    const Ran r = cli({QStringLiteral("simulate"), plan, QStringLiteral("--dpi"), QStringLiteral("1200")});
    QCOMPARE(r.exit, 2);
    QVERIFY(r.err.contains("too fine"));
  }

  void thePlanIsNeverChanged() {
    const QString plan =
        written(QStringLiteral("mine.havlo"), QByteArray::fromStdString(testing::readFile(
                                                  demoPath(QStringLiteral("teaching-crowd")).toStdString())));
    const std::string before = testing::readFile(plan.toStdString());
    for (const QStringList& args : std::initializer_list<QStringList>{
             {"check", plan}, {"simulate", plan, "--dpi", "40"}, {"masks", plan, "--svg", file("m.svg")}})
      QCOMPARE(cli(args).exit, 0);
    QCOMPARE(testing::readFile(plan.toStdString()), before);
  }

  // The JSON Schema against a validator that is not ours (python3-jsonschema), for plans we write and for
  // broken ones.
  void theSchemaAgreesWithTheReader() {
    for (uint32_t seed = 0; seed < 10; ++seed)
      written(QStringLiteral("good%1.json").arg(seed),
              QByteArray::fromStdString(writePlan(testing::randomPlan(seed))));
    const char* broken[] = {
        R"({"format":"havlo-plan","version":3,"card":{"panel":{"width":100,"height":80}}})",
        R"({"format":"havlo-plan","version":2,"card":{"panel":{"width":1,"height":80}}})",
        R"({"format":"havlo-plan","version":2,"card":{}})",
        R"({"format":"havlo-plan","version":2,"card":{"panel":{"width":100,"height":80}},"inks":[{"id":"k","colour":"red"}]})",
        R"({"format":"havlo-plan","version":2,"card":{"panel":{"width":100,"height":80}},"washes":[{"id":"w","ink":"k"}]})"};
    for (size_t k = 0; k < std::size(broken); ++k) {
      written(QStringLiteral("bad%1.json").arg(k), broken[k]);
      QVERIFY(!readPlan(broken[k]));
    }
    const QString script = QStringLiteral(
        "import glob,json,sys,jsonschema\n"
        "schema=json.load(open(sys.argv[1]))\n"
        "ok=lambda f: jsonschema.Draft202012Validator(schema).is_valid(json.load(open(f)))\n"
        "good=glob.glob(sys.argv[2]+'/good*.json')+glob.glob(sys.argv[3]+'/*.havlo')\n"
        "bad=glob.glob(sys.argv[2]+'/bad*.json')\n"
        "assert len(good)>=14 and len(bad)==5\n"
        "sys.exit(1 if [f for f in good if not ok(f)]+[f for f in bad if ok(f)] else 0)\n");
    const Ran r =
        run(QStringLiteral("/usr/bin/python3"),
            {QStringLiteral("-c"), script, QStringLiteral(HAVLO_SOURCE_DIR "/data/schema/plan-2.schema.json"),
             m_folder.path(), QStringLiteral(HAVLO_SOURCE_DIR "/data/demo")});
    QVERIFY2(r.exit == 0, r.err.constData());
  }

  // A drawing as a scan: size, gaps, and the packed drawer that the stamps are put into.
  void traceFindsStampsAndTheirGaps() {
    const QString svg =
        written(QStringLiteral("box.svg"),
                "<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='50mm' viewBox='0 0 60 50'>"
                "<path fill='none' stroke='#000' stroke-width='0.5' d='M20.7 10 H12 V30 H32 V10 H22'/>"
                "<path fill='none' stroke='#000' stroke-width='0.5' d='M40 12 h10 v16 h-10 z'/></svg>");
    const QJsonObject o = cli({QStringLiteral("trace"), svg, QStringLiteral("--json")}).json();
    const QJsonArray all = o[QLatin1String("impressions")].toArray();
    QCOMPARE(all.size(), 2);
    for (const QJsonValue& one : all)
      for (const char* key :
           {"at", "size", "ink", "area", "solid", "holes", "gaps", "atEdge", "specks", "stamp"})
        QVERIFY2(one.toObject().contains(QLatin1String(key)), key);
    const QJsonObject open = all[0].toObject();
    QVERIFY(std::fabs(open[QLatin1String("size")][QLatin1String("width")].toDouble() - 20.5) < 0.15);
    QCOMPARE(open[QLatin1String("gaps")].toArray().size(), 1);
    QVERIFY(std::fabs(open[QLatin1String("gaps")][0][QLatin1String("width")].toDouble() - 1.3) < 0.3);
    QCOMPARE(all[1].toObject()[QLatin1String("gaps")].toArray().size(), 0);
    QVERIFY(std::fabs(all[1].toObject()[QLatin1String("area")].toDouble() - 10.5 * 16.5) < 2);
    const QString zip = file(QStringLiteral("traced.zip"));
    const Ran packed =
        cli({QStringLiteral("trace"), svg, QStringLiteral("--close"), QStringLiteral("--drawer"), zip});
    QCOMPARE(packed.exit, 0);
    QVERIFY(packed.out.contains("2 impressions"));
    QVERIFY(QFileInfo(zip).size() > 500);
    const QJsonObject closed =
        cli({QStringLiteral("trace"), svg, QStringLiteral("--close"), QStringLiteral("--json")}).json();
    QVERIFY(std::fabs(closed[QLatin1String("impressions")][0][QLatin1String("area")].toDouble() -
                      20.5 * 20.5) < 4);
    // What it cannot do it says, with the right exit.
    QCOMPARE(cli({QStringLiteral("trace"), QStringLiteral("/nowhere.png")}).exit, 3);
    QCOMPARE(cli({QStringLiteral("trace"), svg, QStringLiteral("--dpi"), QStringLiteral("fine")}).exit, 2);
    QCOMPARE(cli({QStringLiteral("trace"), svg, QStringLiteral("--corners"), QStringLiteral("1,2,3")}).exit,
             2);
  }
};

HAVLO_TEST(TstCli)
#include "tst_cli.moc"
