// Rows that recede, the horizon found from things, ways out of a wrong scale, where a foot comes to rest.
#include <QTest>
#include <cmath>
#include <random>
#include <set>

#include "core/chain/chain.h"
#include "core/depth/fitting.h"
#include "core/edit/edits.h"
#include "core/edit/remedies.h"
#include "core/edit/view_edits.h"
#include "core/viewpoint/find_view.h"
#include "core/viewpoint/ground.h"
#include "core/viewpoint/room.h"
#include "core/viewpoint/rows.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

StampRef post(const std::string& id, double height_mm, double real_m = 1.2, double slack = 0.15) {
  Stamp s = slab(id, height_mm / 6, height_mm);
  s.name = id;
  s.role = Role::Prop;
  s.realHeight = RealHeight{real_m, real_m * (1 - slack), real_m * (1 + slack), {}};
  return std::make_shared<const Stamp>(s);
}

Plan sized(const std::vector<double>& feet, double wantedHorizon, double eye) {
  Plan p = emptyPlan();
  p.view->eyeHeight_m = eye;
  int n = 0;
  for (const double foot : feet) {
    const double real = 0.8 + 0.3 * n;
    Stamp s = *post("s" + std::to_string(n), real * (wantedHorizon - foot) / eye, real);
    addStamp(p, s);
    put(p, "t" + std::to_string(n), s.id, {20.0 + 10 * n, foot}, 1).depth = OnGround{};
    ++n;
  }
  return p;
}

}  // namespace

class TstRows : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aRowHasEqualRealGaps() {
    const Plan p = emptyPlan();
    RowWish wish;
    wish.sizes = {post("small post", 12), post("post", 24), post("tall post", 45)};
    wish.from = {20, 5}, wish.to = {60, 85}, wish.count = 7;
    const auto row = planRow(*p.view, p.card.panel, wish);
    QVERIFY(bool(row));
    QCOMPARE(row.value().places.size(), 7u);
    for (size_t k = 1; k < 7; ++k) {
      const Point a = row.value().places[k - 1].at, b = row.value().places[k].at;
      const double gap =
          groundDistance(*p.view, Millimetres{b.y}).value - groundDistance(*p.view, Millimetres{a.y}).value;
      const double along = row.value().places[k].away_m - row.value().places[k - 1].away_m;
      QVERIFY(std::fabs(gap - along) < 1e-9);
      QVERIFY(std::fabs(along - (row.value().places[6].away_m - row.value().places[0].away_m) / 6) < 1e-9);
      // On one line of the card, and of growing size choice never larger with distance.
      QVERIFY(std::fabs((b.x - 20) / (b.y - 5) - 0.5) < 1e-9);
      QVERIFY(row.value().places[k].size <= row.value().places[k - 1].size);
    }
  }

  // The size chosen at every foot is the one an exhaustive comparison finds.
  void everyPlaceTakesTheLeastWrongSize() {
    const Plan p = emptyPlan();
    RowWish wish;
    wish.sizes = {post("a", 9), post("b", 17), post("c", 31), post("d", 60)};
    wish.from = {10, 2}, wish.to = {64, 96}, wish.count = 12, wish.spacing_m = 1.3;
    const auto row = planRow(*p.view, p.card.panel, wish);
    QVERIFY(bool(row));
    for (const RowPlace& place : row.value().places) {
      double best = 1e9;
      int which = -1;
      for (int k = 0; k < 4; ++k) {
        const double expected = 1.2 * (96 - place.at.y) / 1.5;
        const double off = std::fabs(std::log(wish.sizes[ix(k)]->height_mm / expected));
        if (off < best) best = off, which = k;
      }
      QCOMPARE(place.size, which);
      QVERIFY(std::fabs(std::fabs(std::log(place.ratio)) - best) < 1e-9);
    }
  }

  void oneSizeIsBalancedAndTheErrorSaid() {
    const Plan p = emptyPlan();
    RowWish wish;
    wish.sizes = {post("only post", 24)};
    wish.from = {20, 5}, wish.to = {60, 85}, wish.count = 6;
    const double before = planRow(*p.view, p.card.panel, wish).value().worst;
    wish.balanced = true;
    const RowPlan row = planRow(*p.view, p.card.panel, wish).value();
    QVERIFY(row.worst < before);
    double least = 1e9, most = 0;
    for (const RowPlace& place : row.places)
      least = std::min(least, place.ratio), most = std::max(most, place.ratio);
    QVERIFY2(std::fabs(least * most - 1) < 1e-3, qPrintable(QString::number(least * most)));
  }

  void badRowsAreRefused_data() {
    QTest::addColumn<double>("y0");
    QTest::addColumn<double>("y1");
    QTest::addColumn<bool>("height");
    QTest::newRow("above the horizon") << 100.0 << 150.0 << true;
    QTest::newRow("at one place") << 30.0 << 30.0 << true;
    QTest::newRow("no real height") << 10.0 << 50.0 << false;
  }
  void badRowsAreRefused() {
    QFETCH(double, y0);
    QFETCH(double, y1);
    QFETCH(bool, height);
    const Plan p = emptyPlan();
    Stamp s = *post("p", 20);
    if (!height) s.realHeight.reset();
    RowWish wish;
    wish.sizes = {std::make_shared<const Stamp>(s)};
    wish.from = {50, y0}, wish.to = {50, y1};
    QVERIFY(!planRow(*p.view, p.card.panel, wish));
    wish.sizes.clear();
    QVERIFY(!planRow(*p.view, p.card.panel, wish));
  }

  void aRowIsOneActAndItsThingsKnowIt() {
    Plan p = emptyPlan();
    RowWish wish;
    wish.sizes = {post("small post", 12), post("tall post", 45)};
    wish.from = {20, 5}, wish.to = {60, 85}, wish.count = 5;
    const auto out = withRow(p, wish, planRow(*p.view, p.card.panel, wish).value(), true);
    QVERIFY(bool(out));
    QCOMPARE(out.value().impressions.size(), 5u);
    QCOMPARE(out.value().stamps.size(), 2u);
    for (const Impression& i : out.value().impressions) QCOMPARE(i.row, std::string("row1"));
    QVERIFY(out.value().impressions.front().generation < out.value().impressions.back().generation);
    QVERIFY(readPlan(writePlan(out.value())).value().plan == out.value());
    const AnalysisRef a = analyse(out.value());
    for (const Finding& f : a->findings) QVERIFY(f.kind != FindingKind::Spacing);
  }

  void theThingARowIsBegunFromIsOneOfIt() {
    Plan p = emptyPlan();
    addStamp(p, *post("tall post", 45));
    put(p, "mine", "tall post", {20, 5}, 3);
    RowWish wish;
    wish.sizes = {p.stamps[0]};
    wish.from = {20, 5}, wish.to = {60, 85}, wish.count = 5;
    const Plan out = withRow(p, wish, planRow(*p.view, p.card.panel, wish).value(), false).value();
    QCOMPARE(out.impressions.size(), 5u);
    QCOMPARE(out.impressions[0].id, std::string("mine"));
    QCOMPARE(out.impressions[0].row, std::string("row1"));
    // One that stands elsewhere is none of it.
    p.impressions[0].at = {23, 5};
    QCOMPARE(withRow(p, wish, planRow(*p.view, p.card.panel, wish).value(), false).value().impressions.size(),
             6u);
  }

  // Things made exactly for a horizon give it back; least squares checked against the normal equations.
  void theHorizonIsFoundFromExactThings() {
    for (const double horizon : {60.0, 96.0, 150.0}) {
      const Plan p = sized({5, 20, 33}, horizon, 1.5);
      const auto found = findView(p, {}, false);
      QVERIFY(bool(found));
      QVERIFY(std::fabs(found.value().horizon_mm - horizon) < 1e-6);
      QVERIFY(found.value().offBy_mm < 1e-6 && found.value().odd < 0);
    }
    const Plan p = sized({5, 20, 33}, 80, 2.2);
    Plan other = p;
    other.view->eyeHeight_m = 1.0;
    const auto both = findView(other, {}, true);
    QVERIFY(std::fabs(both.value().horizon_mm - 80) < 1e-6);
    QVERIFY(std::fabs(both.value().eyeHeight_m - 2.2) < 1e-6);
  }

  void theOddOneOutIsNamed() {
    Plan p = sized({5, 20, 33, 40}, 90, 1.5);
    p.impressions[2].at.y += 30;
    const auto found = findView(p, {}, false);
    QVERIFY(bool(found));
    QCOMPARE(found.value().odd, 2);
    QVERIFY(!found.value().words[2].agrees);
  }

  void noisyThingsGiveNearlyTheTruth() {
    std::mt19937 dice(5);
    std::normal_distribution<double> slip(0, 1.0);
    double worst = 0;
    for (int round = 0; round < 50; ++round) {
      Plan p = sized({4, 12, 25, 36, 44, 52, 60}, 96, 1.5);
      for (Impression& i : p.impressions) i.at.y += slip(dice);
      worst = std::max(worst, std::fabs(findView(p, {}, false).value().horizon_mm - 96));
    }
    QVERIFY2(worst < 2.0, qPrintable(QString::number(worst)));
  }

  void nothingToAskIsSaid() {
    Plan p = emptyPlan();
    QVERIFY(!findView(p, {}, false));
    p.view.reset();
    QVERIFY(!findView(p, {}, true));
  }

  // Every way out must do what it says: afterwards the thing fits, or no longer shows where it stands.
  void everyWayOutWorks_data() {
    QTest::addColumn<double>("foot");
    QTest::newRow("too tall, high up") << 80.0;
    QTest::newRow("too tall by a little") << 60.0;
    QTest::newRow("too small, low down") << 10.0;
  }
  void everyWayOutWorks() {
    QFETCH(double, foot);
    Plan p = emptyPlan();
    addStamp(p, *post("post", 34));
    addStamp(p, *post("small post", 14));
    addStamp(p, *post("tall post", 66));
    addStamp(p, slab("hedge", 60, 80));
    put(p, "post", "post", {60, foot}, 1).depth = OnGround{};
    put(p, "hedge", "hedge", {60, 2}, 1).depth = OnGround{};
    const AnalysisRef a = analyse(p);
    const auto ways = remediesFor(p, 0, *a->depth, a->meetings.placed, {});
    QVERIFY(ways.size() >= 4);
    std::set<Remedy::What> kinds;
    for (const Remedy& r : ways) {
      QVERIFY(kinds.insert(r.what).second);
      const auto scale = readScale(r.after, 0);
      if (r.what == Remedy::What::HideFoot) {
        QVERIFY(!scale);
        QVERIFY(std::holds_alternative<AtMetres>(r.after.impressions[0].depth));
      } else {
        QVERIFY2(scale && scale->verdict == ScaleVerdict::Fits, qPrintable(QString::number(int(r.what))));
      }
      QVERIFY(r.mends >= 1);
      QVERIFY(readPlan(writePlan(r.after)).value().plan == r.after);
    }
    QVERIFY(kinds.contains(Remedy::What::AnotherSize) || foot == 60);
    // A stamp that fits needs none.
    p.impressions[0].at.y = 96 - 34 * 1.5 / 1.2;
    QVERIFY(remediesFor(p, 0, *a->depth, a->meetings.placed, {}).empty());
  }

  void whatAWayOutSpoilsIsCounted() {
    Plan p = sized({10, 20, 30}, 96, 1.5);
    p.impressions[0].at.y = 40;
    const AnalysisRef a = analyse(p);
    const auto ways = remediesFor(p, 0, *a->depth, a->meetings.placed, {});
    for (const Remedy& r : ways) {
      if (r.what == Remedy::What::MoveFoot) QCOMPARE(r.spoils, 0);
      if (r.what == Remedy::What::MoveHorizon) QCOMPARE(r.spoils, 2);
    }
    QVERIFY(ways.front().spoils == 0);
  }

  void theRightStampsForASpotComeFirst() {
    const Plan p = emptyPlan();
    const std::vector<StampRef> stamps{post("a", 10), post("b", 40), post("c", 64)};
    const auto at = stampsAt(*p.view, stamps, 46);  // 40 mm fits there exactly
    QCOMPARE(at[0].stamp, 1);
    QVERIFY(at[0].fits && std::fabs(at[0].ratio - 1) < 1e-9);
    QVERIFY(!at[2].fits);
    QVERIFY(stampsAt(*p.view, stamps, 96).empty());
  }

  void aFootComesToRestOnPerchesTopsEdgesAndBenches() {
    Plan p = emptyPlan();
    Stamp gate = slab("gate", 40, 30);
    gate.contacts = {{ContactKind::Perch, {10, 30}, {}}};
    addStamp(p, gate);
    addStamp(p, slab("bird", 6, 5));
    put(p, "gate", "gate", {60, 20}, 1).depth = OnGround{};
    put(p, "bird", "bird", {10, 100}, 1).depth = OnGround{};
    const auto rest = [&](Point foot) {
      const AnalysisRef a = analyse(p);
      return restFor(p, 1, foot, 2.0, a->meetings.placed);
    };
    auto r = rest({50.8, 50.9});
    QVERIFY(r && r->on == Rest::On::Contact && r->at == (Point{50, 50}));
    QVERIFY(std::get<OnThing>(*r->depth).id == "gate");
    r = rest({70, 51});
    QVERIFY(r && r->on == Rest::On::Top && r->at == (Point{70, 50}));
    QVERIFY(!rest({70, 56}));
    GroundMark path;
    path.id = "p", path.along = {{100, 0}, {100, 90}}, path.width_m = 0.5;
    p.ground = {path};
    const Rings area = areaOf(path, *p.view, p.card.panel);
    const Point edge{(area[0][0].x + area[0][1].x) / 2, (area[0][0].y + area[0][1].y) / 2};
    r = rest({edge.x + 0.5, edge.y});
    QVERIFY(r && r->on == Rest::On::GroundEdge);
    Room room;
    room.left_mm = 20, room.bottom_mm = 60, room.width_mm = 90, room.height_mm = 90;
    RoomBox bench;
    bench.id = "b", bench.left_m = 0.5, bench.width_m = 1, bench.height_m = 0.7;
    room.boxes = {bench};
    p.room = room;
    p.impressions.erase(p.impressions.begin());
    const RoomSize size = sizeOf(room, *p.view, p.card.panel);
    const Point top = Projection(*p.view, 127).toPanel({size.left_m + 0.9, 0.7, size.back_m - 0.25});
    const AnalysisRef a = analyse(p);
    const auto onBench = restFor(p, 0, {top.x, top.y + 1}, 2, a->meetings.placed);
    QVERIFY(onBench && onBench->on == Rest::On::RoomBox);
    QVERIFY(std::fabs(std::get<AtMetres>(*onBench->depth).metres - (size.back_m - 0.25)) < 1e-9);
    // A thing does not rest on what rests on it.
    Plan q = emptyPlan();
    addStamp(q, slab("s", 20, 20));
    put(q, "table", "s", {60, 20}, 3);
    put(q, "cup", "s", {60, 40}, 3).depth = OnThing{"table", false};
    const AnalysisRef b = analyse(q);
    QVERIFY(!restFor(q, 0, {60, 60}, 2, b->meetings.placed));
  }

  void viewsAreBroughtWithinReason() {
    Plan p = emptyPlan();
    View v = *p.view;
    v.horizon_mm = 500, v.eyeHeight_m = -3, v.nearDistance_m = 0, v.vanishX_mm = 1e9;
    const auto out = withView(p, v);
    QVERIFY(bool(out));
    QCOMPARE(out.value().view->horizon_mm, p.card.panel.height_mm);
    QVERIFY(out.value().view->eyeHeight_m > 0 && out.value().view->nearDistance_m > 0);
    QVERIFY(bool(readPlan(writePlan(out.value()))));
    v.horizon_mm = -4;
    QVERIFY(withView(p, v).value().view->horizon_mm > 0);
    v.horizon_mm = std::nan("");
    QVERIFY(!withView(p, v));
    Room flat;
    flat.left_mm = 10, flat.bottom_mm = 20, flat.width_mm = 0, flat.height_mm = 30;
    QVERIFY(!withRoom(p, flat));
    flat.width_mm = 30, flat.bottom_mm = 96;
    QVERIFY(!withRoom(p, flat));
    flat.bottom_mm = 40;
    QVERIFY(bool(withRoom(p, flat)));
    const auto eyes = withEyes(p, Metres{0.5});
    QVERIFY(std::fabs(Projection(*eyes.value().view, 127).focal_mm() - Projection(*p.view, 127).focal_mm()) <
            1e-9);
    const Plan roomy = withRoom(p, flat).value();
    const Plan centred = withEyeAtWallMiddle(roomy).value();
    QCOMPARE(centred.view->horizon_mm, 55.0);
    QCOMPARE(*centred.view->vanishX_mm, 25.0);
    QVERIFY(!withEyeAtWallMiddle(p));
  }
};

HAVLO_TEST(TstRows)
#include "tst_rows.moc"
