// The plan file: what is read, what is refused and where, and that nothing is lost on the way back.
#include <QTest>
#include <cmath>
#include <nlohmann/json.hpp>

#include "core/outline/shared_area.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/program.h"

using namespace havlo;
using Json = nlohmann::ordered_json;

// Declared before the raw strings below, which the meta-object compiler cannot read past.
class TstPlanText : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theSmallestPlanHasTheDefaults();
  void absentKeysHaveTheirDefaults();
  void markAndLineEndsAreAccepted();
  void refuses_data();
  void refuses();
  void aCircleOfThingsOnThingsIsRefused();
  void aHundredMegabytesAreRefusedAtOnce();
  void crossingRingsAreSplitAndSaid();
  void outlinesOfTooManyPointsAreReadCoarser();
  void aRoomStandsBelowTheHorizon();
  void whatIsNestedTooDeepIsRefused();
  void aStarKeepsItsEmptyMiddle();
  void unknownKeysSurvive();
  void writingAndReadingGivesTheSamePlan();
  void whatIsChosenForCardAndMasksIsKept();
  void theDemoAndTheTeachingPlansAreWhole();
};

namespace {

const char* const kSmallest =
    R"({"format":"havlo-plan","version":1,"card":{"panel":{"width":100,"height":80}}})";

const char* const kSmall = R"({"format":"havlo-plan","version":1,"card":{"panel":{"width":100,"height":80}},
 "view":{"horizon":50,"eyeHeight":1.5,"nearDistance":2},"inks":[{"id":"k"}],
 "stamps":[{"id":"s","size":{"width":10,"height":20},"silhouette":[[[0,0],[10,0],[10,20],[0,20]]]}],
 "impressions":[{"id":"a","stamp":"s","ink":"k","at":[20,10]},{"id":"b","stamp":"s","ink":"k","at":[30,10]}],
 "washes":[{"id":"w","ink":"k","area":[[[0,0],[50,0],[50,50]]]}]})";

/// The small plan with the value at a JSON pointer replaced.
std::string with(const std::string& pointer, const std::string& value) {
  Json j = Json::parse(kSmall);
  j[Json::json_pointer(pointer)] = Json::parse(value);
  return j.dump();
}

std::string without(const std::string& parent, const std::string& key) {
  Json j = Json::parse(kSmall);
  j.at(Json::json_pointer(parent)).erase(key);
  return j.dump();
}

}  // namespace

void TstPlanText::theSmallestPlanHasTheDefaults() {
  const auto read = readPlan(kSmallest);
  QVERIFY(bool(read));
  const Plan& p = read.value().plan;
  QVERIFY(!p.view && p.impressions.empty() && p.stamps.empty());
  QCOMPARE(p.supplies.maskLife, 12);
  QCOMPARE(p.supplies.maskInset_mm, 0.3);
  QCOMPARE(p.supplies.leastCut_mm, 1.2);
  QVERIFY(!p.supplies.leastHole_mm);
}

void TstPlanText::absentKeysHaveTheirDefaults() {
  const auto read = readPlan(kSmall);
  QVERIFY2(bool(read), read ? "" : read.error().text().c_str());
  const Plan& p = read.value().plan;
  QCOMPARE(p.stamps[0]->foot, (Point{5, 0}));
  QCOMPARE(p.impressions[0].generation, 1);
  QVERIFY(std::holds_alternative<OnGround>(p.impressions[0].depth));
  QVERIFY(p.impressions[0].school == School::Mask);
  QCOMPARE(p.inks[0].opacity, 0.0);
  QCOMPARE(strengthOf(p.inks[0], 2), 0.7);
  QCOMPARE(strengthOf(p.inks[0], 3), 0.49);
  QVERIFY(std::abs(strengthOf(p.inks[0], 5) - 0.49 * 0.49) < 1e-12);
}

void TstPlanText::markAndLineEndsAreAccepted() {
  std::string text = std::string("\xEF\xBB\xBF") + kSmall;
  for (size_t at = 0; (at = text.find('\n', at)) != std::string::npos; at += 2) text.replace(at, 1, "\r\n");
  QVERIFY(bool(readPlan(text)));
}

void TstPlanText::refuses_data() {
  QTest::addColumn<QByteArray>("text");
  QTest::addColumn<QString>("place");
  const auto row = [](const char* name, const std::string& text, const char* place) {
    QTest::newRow(name) << QByteArray::fromStdString(text) << QString::fromLatin1(place);
  };
  row("empty text", "", "");
  row("no object", "[]", "plan");
  row("truncated", std::string(kSmall).substr(0, 400), "");
  row("trailing comma", R"({"format":"havlo-plan",})", "");
  row("another format", with("/format", R"("x")"), "format");
  row("newer version", with("/version", "3"), "version");
  row("version zero", with("/version", "0"), "version");
  row("version as text", with("/version", R"("1")"), "version");
  row("huge version", with("/version", "18446744073709551615"), "version");
  row("no card", without("", "card"), "card");
  row("no panel", without("/card", "panel"), "card.panel");
  row("panel too small", with("/card/panel/width", "4.9"), "card.panel.width");
  row("panel too large", with("/card/panel/height", "2000.1"), "card.panel.height");
  row("tape eats the panel", with("/card/tape", "40"), "card.tape");
  row("colour in words", with("/card/paper", R"({"colour":"red"})"), "card.paper.colour");
  row("colour too short", with("/card/paper", R"({"colour":"#fff"})"), "card.paper.colour");
  row("horizon zero", with("/view/horizon", "0"), "view.horizon");
  row("horizon above the panel", with("/view/horizon", "80.01"), "view.horizon");
  row("eye height zero", with("/view/eyeHeight", "0"), "view.eyeHeight");
  row("near distance too far", with("/view/nearDistance", "1.1e9"), "view.nearDistance");
  row("no view under a grounded thing", without("", "view"), "impressions[0].depth");
  row("opacity above one", with("/inks/0/opacity", "1.01"), "inks[0].opacity");
  row("strength of a pressing below zero", with("/inks/0/generations", "[1,-0.1]"), "inks[0].generations[1]");
  row("unknown kind", with("/inks/0/kind", R"("lava")"), "inks[0].kind");
  row("missing ink id", without("/inks/0", "id"), "inks[0].id");
  row("stamp without size", without("/stamps/0", "size"), "stamps[0].size");
  row("stamp of no width", with("/stamps/0/size/width", "0"), "stamps[0].size.width");
  row("stamp without silhouette", without("/stamps/0", "silhouette"), "stamps[0].silhouette");
  row("empty silhouette", with("/stamps/0/silhouette", "[]"), "stamps[0].silhouette");
  row("ring of two points", with("/stamps/0/silhouette", "[[[0,0],[1,1]]]"), "stamps[0].silhouette[0]");
  row("ring without area", with("/stamps/0/silhouette", "[[[0,0],[5,5],[10,10]]]"),
      "stamps[0].silhouette[0]");
  row("second ring without area", with("/stamps/0/silhouette/1", "[[0,0],[5,5],[0,0]]"),
      "stamps[0].silhouette[1]");
  row("rings that cancel out", with("/stamps/0/silhouette", "[[[0,0],[9,0],[9,9]],[[0,0],[9,0],[9,9]]]"),
      "stamps[0].silhouette");
  row("point of three", with("/stamps/0/foot", "[1,2,3]"), "stamps[0].foot");
  row("least above typical", with("/stamps/0/realHeight", R"({"typical":1,"least":2})"),
      "stamps[0].realHeight.least");
  row("most below typical", with("/stamps/0/realHeight", R"({"typical":1,"most":0.5})"),
      "stamps[0].realHeight.most");
  row("art that is no text", with("/stamps/0/art", "7"), "stamps[0].art");
  row("double stamp id",
      with("/stamps/1", R"({"id":"s","size":{"width":1,"height":1},"silhouette":[[[0,0],[1,0],[1,1]]]})"),
      "stamps[1].id");
  row("text as place", with("/impressions/0/at", R"("here")"), "impressions[0].at");
  row("word as coordinate", with("/impressions/0/at/1", R"("x")"), "impressions[0].at[1]");
  row("coordinate out of range", with("/impressions/0/at/0", "1.0e6"), "impressions[0].at[0]");
  row("missing place", without("/impressions/1", "at"), "impressions[1].at");
  row("no such stamp", with("/impressions/1/stamp", R"("zebra")"), "impressions[1].stamp");
  row("no such ink", with("/impressions/1/ink", R"("pink")"), "impressions[1].ink");
  row("double id", with("/impressions/1/id", R"("a")"), "impressions[1].id");
  row("empty id", with("/impressions/1/id", R"("")"), "impressions[1].id");
  row("pressing zero", with("/impressions/0/generation", "0"), "impressions[0].generation");
  row("pressing and a half", with("/impressions/0/generation", "1.5"), "impressions[0].generation");
  row("hundredth pressing", with("/impressions/0/generation", "100"), "impressions[0].generation");
  row("hero by number", with("/impressions/0/hero", "1"), "impressions[0].hero");
  row("unknown technique", with("/impressions/0/technique", R"("glue")"), "impressions[0].technique");
  row("unknown depth", with("/impressions/0/depth", R"("sky")"), "impressions[0].depth");
  row("no metres", with("/impressions/0/depth", R"({"metres":0})"), "impressions[0].depth.metres");
  row("both depths", with("/impressions/0/depth", R"({"metres":1,"on":"b"})"), "impressions[0].depth");
  row("on nothing", with("/impressions/0/depth", R"({"on":"z"})"), "impressions[0].depth.on");
  row("on itself", with("/impressions/0/depth", R"({"on":"a"})"), "impressions[0].depth.on");
  row("in front of nothing", with("/impressions/0/inFrontOf", R"(["z"])"), "impressions[0].inFrontOf[0]");
  row("in front of itself", with("/impressions/0/inFrontOf", R"(["a"])"), "impressions[0].inFrontOf[0]");
  row("part without area", with("/impressions/0/part", "[[[0,0],[1,1],[2,2]]]"), "impressions[0].part[0]");
  row("wash of no ink", with("/washes/0/ink", R"("z")"), "washes[0].ink");
  row("wash over nothing", with("/washes/0/overImpressions", R"(["z"])"), "washes[0].overImpressions[0]");
  row("reach above one", with("/washes/0/reach", "1.5"), "washes[0].reach");
  row("impressions as object", with("/impressions", "{}"), "impressions");
  row("mask life zero", with("/supplies", R"({"maskLife":0})"), "supplies.maskLife");
  row("negative inset", with("/supplies", R"({"maskInset":-0.1})"), "supplies.maskInset");
  row("bare border eats the panel", with("/card/bare", "40"), "card.bare");
  row("bare border below zero", with("/card/bare", "-1"), "card.bare");
  row("paper named by number", with("/card/paper", R"({"name":3})"), "card.paper.name");
  row("mask choices as list", with("/stamps/0/mask", "[]"), "stamps[0].mask");
  row("mask choice without a point", with("/stamps/0/mask", R"({"cut":[[1]]})"), "stamps[0].mask.cut[0]");
  row("mask choice in words", with("/stamps/0/mask", R"({"skip":[[1,2],["a",2]]})"),
      "stamps[0].mask.skip[1]");
  row("drawer key by number", with("/stamps/0/drawer", "7"), "stamps[0].drawer");
  row("unknown foot mark", with("/supplies", R"({"footMark":"hole"})"), "supplies.footMark");
  row("masking sheet of no width", with("/supplies", R"({"maskSheet":{"width":0,"height":100}})"),
      "supplies.maskSheet.width");
  row("margin eats the masking sheet",
      with("/supplies", R"({"maskSheet":{"width":40,"height":100,"margin":18}})"),
      "supplies.maskSheet.margin");
  row("sticky band of nothing",
      with("/supplies", R"({"maskSheet":{"width":90,"height":100,"stickyBand":0}})"),
      "supplies.maskSheet.stickyBand");
  row("unknown school", with("/technique", R"("glue")"), "technique");
  row("own order names nobody", with("/making", R"({"order":["nobody"]})"), "making.order[0]");
  row("own order names one twice", with("/making", R"({"order":["a","a"]})"), "making.order[1]");
  row("own order is no list", with("/making", R"({"order":"a"})"), "making.order");
  row("first names nobody", with("/making", R"({"first":["nobody"]})"), "making.first[0]");
  row("an ink together that is none", with("/making", R"({"together":["nothing"]})"), "making.together[0]");
  row("no evening", with("/making", R"({"evenings":0})"), "making.evenings");
  row("half a card", with("/making", R"({"copies":0.5})"), "making.copies");
  row("mask at hand of no stamp", with("/supplies", R"({"masksAtHand":[{"stamp":"nothing"}]})"),
      "supplies.masksAtHand[0].stamp");
  row("mask at hand that is worn out", with("/supplies", R"({"masksAtHand":[{"stamp":"s","uses":0}]})"),
      "supplies.masksAtHand[0].uses");
  row("mask life of nothing", with("/supplies", R"({"maskLife":0})"), "supplies.maskLife");
  std::string text = kSmall;
  row("not a number", text.replace(text.find("[20,10]"), 7, "[NaN,10]"), "impressions[0].at");
  text = kSmall;
  row("infinity", text.replace(text.find("[20,10]"), 7, "[1e999,10]"), "impressions[0].at");
  text = kSmall;
  row("key given twice", text.replace(text.find("\"id\":\"a\""), 8, R"("id":"a","id":"c")"),
      "impressions[0].id");
  row("nested too deep", R"({"x":)" + std::string(5000, '[') + std::string(5000, ']') + "}", "");
  row("lone surrogate",
      with("/title", R"("x")").replace(std::string(with("/title", R"("x")")).find("\"x\""), 3, R"("\ud800")"),
      "");
}
void TstPlanText::refuses() {
  QFETCH(QByteArray, text);
  QFETCH(QString, place);
  const auto read = readPlan(text.toStdString());
  QVERIFY(!read);
  QVERIFY(read.error().code == ErrorCode::BadInput);
  QVERIFY(!read.error().message.empty());
  const QString said = QString::fromStdString(read.error().place);
  if (!place.isEmpty())
    QVERIFY2(said.startsWith(place), qPrintable(said + ": " + QString::fromStdString(read.error().message)));
}

void TstPlanText::aCircleOfThingsOnThingsIsRefused() {
  Json j = Json::parse(kSmall);
  j["impressions"][0]["depth"] = {{"on", "b"}};
  j["impressions"][1]["depth"] = {{"on", "a"}};
  const auto read = readPlan(j.dump());
  QVERIFY(!read);
  QVERIFY(read.error().place.find("depth.on") != std::string::npos);
}

void TstPlanText::aHundredMegabytesAreRefusedAtOnce() {
  const std::string text(100u << 20, ' ');
  const auto read = readPlan(text);
  QVERIFY(!read);
  QVERIFY(read.error().message.find("larger") != std::string::npos);
}

// A bow tie covers two triangles of 25 mm² each under the even-odd rule.
void TstPlanText::crossingRingsAreSplitAndSaid() {
  const auto read = readPlan(with("/stamps/0/silhouette", "[[[0,0],[10,10],[10,0],[0,10]]]"));
  QVERIFY(bool(read));
  QCOMPARE(read.value().repairs.size(), size_t(1));
  QVERIFY(read.value().repairs[0].find("stamps[0].silhouette") == 0);
  QVERIFY(std::abs(sweptArea(SweepEdges(read.value().plan.stamps[0]->silhouette)) - 50) < 1e-9);
  // Once split, the triangles touch but do not cross: nothing is said again, nothing changes again.
  const auto again = readPlan(writePlan(read.value().plan));
  QVERIFY(bool(again) && again.value().repairs.empty());
  QVERIFY(again.value().plan == read.value().plan);
}

// A five-pointed star drawn in one stroke leaves its middle empty under the even-odd rule.
void TstPlanText::aStarKeepsItsEmptyMiddle() {
  const auto read = readPlan(with("/stamps/0/silhouette", "[[[5,10],[8,0],[0,6.2],[10,6.2],[2,0]]]"));
  QVERIFY(bool(read));
  const Rings& star = read.value().plan.stamps[0]->silhouette;
  QVERIFY(!covers(star, {5, 4.5}));
  QVERIFY(covers(star, {5, 8}));
}

void TstPlanText::unknownKeysSurvive() {
  Json j = Json::parse(kSmall);
  j["later"] = {{"deep", {1, 2, {{"x", nullptr}}}}};
  for (const char* pointer : {"/card/x1", "/card/panel/x2", "/view/x3", "/inks/0/x4", "/stamps/0/x5",
                              "/stamps/0/size/x6", "/impressions/1/x7", "/washes/0/x8"})
    j[Json::json_pointer(pointer)] = pointer;
  j["impressions"][0]["depth"] = {{"metres", 4}, {"x9", true}};
  j["supplies"] = {{"maskLife", 3}, {"x10", 1}};
  j["card"]["mats"] = Json::parse(R"([{"reveal":1.5,"colour":"#112233","x11":[]}])");
  j["card"]["base"] = Json::parse(R"({"width":100,"height":80,"fold":"top","x12":"é"})");
  j["light"] = Json::parse(R"({"at":[1,2],"direction":45,"x13":{}})");
  const auto first = readPlan(j.dump());
  QVERIFY2(bool(first), first ? "" : first.error().text().c_str());
  const Json written = Json::parse(writePlan(first.value().plan));
  const auto second = readPlan(written.dump());
  QVERIFY(bool(second));
  QVERIFY(second.value().plan == first.value().plan);
  QVERIFY(written["later"] == j["later"]);
  for (const char* pointer :
       {"/card/x1", "/card/panel/x2", "/view/x3", "/inks/0/x4", "/stamps/0/x5", "/stamps/0/size/x6",
        "/impressions/1/x7", "/washes/0/x8", "/impressions/0/depth/x9", "/supplies/x10", "/card/mats/0/x11",
        "/card/base/x12", "/light/x13", "/light/direction"})
    QVERIFY2(written.at(Json::json_pointer(pointer)) == j.at(Json::json_pointer(pointer)), pointer);
}

void TstPlanText::writingAndReadingGivesTheSamePlan() {
  for (uint32_t seed = 0; seed < 60; ++seed) {
    testing::RandomOptions options;
    options.sayings = true;
    const Plan plan = testing::randomPlan(seed, options);
    const auto back = readPlan(writePlan(plan));
    QVERIFY2(bool(back), back ? "" : back.error().text().c_str());
    QVERIFY(back.value().plan == plan);
    QVERIFY(back.value().repairs.empty());
  }
}

void TstPlanText::whatIsChosenForCardAndMasksIsKept() {
  Json j = Json::parse(kSmall);
  j["card"]["bare"] = 4.5;
  j["card"]["paper"] = {{"name", "Chalk"}, {"y1", 1}};
  j["stamps"][0]["mask"] = {{"cut", {{1, 2}}}, {"skip", {{3, 4}, {5, 6.5}}}, {"y2", "kept"}};
  j["stamps"][0]["drawer"] = "key-7";
  j["supplies"] = Json::parse(
      R"({"footMark":"notch","maskSheet":{"width":152.4,"height":101.6,"margin":3,"stickyBand":25,"y3":[1]}})");
  const auto read = readPlan(j.dump());
  QVERIFY2(bool(read), read ? "" : read.error().text().c_str());
  const Plan& p = read.value().plan;
  QCOMPARE(p.card.bare_mm, 4.5);
  QCOMPARE(p.card.paper.name, std::string("Chalk"));
  QCOMPARE(p.stamps[0]->mask.cut, (std::vector<Point>{{1, 2}}));
  QCOMPARE(p.stamps[0]->mask.skip, (std::vector<Point>{{3, 4}, {5, 6.5}}));
  QCOMPARE(p.stamps[0]->drawer, std::string("key-7"));
  QVERIFY(p.supplies.footMark == FootMark::Notch);
  QCOMPARE(*p.supplies.maskSheet->stickyBand_mm, 25.0);
  const Json back = Json::parse(writePlan(p));
  for (const char* pointer : {"/card/bare", "/card/paper/name", "/card/paper/y1", "/stamps/0/mask",
                              "/stamps/0/drawer", "/supplies/footMark", "/supplies/maskSheet"})
    QVERIFY2(back.at(Json::json_pointer(pointer)) == j.at(Json::json_pointer(pointer)), pointer);
  // Untouched plans do not grow: what has not been chosen is not written.
  const Json plain = Json::parse(writePlan(readPlan(kSmall).value().plan));
  QVERIFY(!plain["card"].contains("bare") && !plain["stamps"][0].contains("mask") &&
          !plain["stamps"][0].contains("drawer"));
}

void TstPlanText::theDemoAndTheTeachingPlansAreWhole() {
  for (const char* name :
       {"canal-towpath", "teaching-crowd", "teaching-avenue", "teaching-silhouettes", "teaching-dull"}) {
    const auto read =
        readPlan(testing::readFile(std::string(HAVLO_SOURCE_DIR) + "/data/demo/" + name + ".havlo"));
    QVERIFY2(bool(read), name);
    QVERIFY(read.value().repairs.empty());
    QVERIFY(readPlan(writePlan(read.value().plan)).value().plan == read.value().plan);
  }
}

void TstPlanText::outlinesOfTooManyPointsAreReadCoarser() {
  Json j = Json::parse(kSmall);
  Json ring = Json::array();
  for (int k = 0; k < 20000; ++k) {
    const double a = 2 * M_PI * k / 20000;
    ring.push_back({5 + 4 * std::cos(a), 10 + 8 * std::sin(a)});
  }
  j["stamps"][0]["silhouette"] = Json::array({ring});
  const auto read = readPlan(j.dump());
  QVERIFY(bool(read));
  const Rings& got = read.value().plan.stamps[0]->silhouette;
  QVERIFY(got[0].size() > 50 && got[0].size() <= 6000);
  for (const Point p : got[0]) QVERIFY(std::fabs(std::hypot((p.x - 5) / 4, (p.y - 10) / 8) - 1) < 0.002);
  QCOMPARE(read.value().repairs.size(), size_t(1));
  QVERIFY(read.value().repairs[0].starts_with("stamps[0].silhouette: has 20000 points"));
  j["stamps"][0]["silhouette"] = Json::parse("[[[0,0],[10,0],[10,20],[0,20]]]");
  QVERIFY(readPlan(j.dump()).value().repairs.empty());
}

void TstPlanText::aRoomStandsBelowTheHorizon() {
  const auto room = [](double bottom) {
    Json j = Json::parse(kSmall);
    j["room"] = {{"back", {{"left", 20}, {"bottom", bottom}, {"width", 40}, {"height", 40}}}};
    return readPlan(j.dump());
  };
  QVERIFY(bool(room(30)));
  const auto above = room(50);  // the horizon
  QVERIFY(!above);
  QVERIFY2(above.error().place.starts_with("room"), above.error().place.c_str());
  QVERIFY(!room(60));
}

void TstPlanText::whatIsNestedTooDeepIsRefused() {
  const auto nested = [](int levels) {
    std::string text = kSmallest;
    text.pop_back();
    return text + ",\"x\":" + std::string(static_cast<size_t>(levels), '[') +
           std::string(static_cast<size_t>(levels), ']') + "}";
  };
  QVERIFY(bool(readPlan(nested(90))));
  const auto deep = readPlan(nested(101));
  QVERIFY(!deep && deep.error().message.find("nested deeper than 100") != std::string::npos);
}

HAVLO_TEST(TstPlanText)
#include "tst_plan_text.moc"
