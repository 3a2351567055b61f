// Join risk against closed forms: a straight join with normal errors, and a single point turned about a
// pivot.
#include <lcms2.h>

#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/risk/join_risk.h"
#include "core/wash/wash_area.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Chance that a standard normal is above x.
double above(double x) { return 0.5 * std::erfc(x / std::sqrt(2.0)); }

JoinBorder straight(int points, Point normal, double length_mm) {
  JoinBorder b;
  for (int k = 0; k < points; ++k) {
    const double t = length_mm * k / std::max(1, points - 1);
    b.points.push_back({-normal.y * t, normal.x * t});
    b.normals.push_back(normal);
  }
  return b;
}

/// A disc of 20 mm before a slab that lies under its right half.
Plan roundFront(bool marked, bool solid) {
  Plan p = emptyPlan();
  p.card.panel = {120, 120, {}};
  Stamp disc = slab("disc", 40, 40);
  Ring ring;
  for (int k = 0; k < 360; ++k)
    ring.push_back({20 + 20 * std::cos(k * M_PI / 180), 20 + 20 * std::sin(k * M_PI / 180)});
  disc.silhouette = {ring};
  disc.foot = {20, 20};
  disc.solid = solid;
  addStamp(p, disc);
  addStamp(p, slab("slab", 50, 80));
  put(p, "front", "disc", {60, 60}, 1);
  put(p, "back", "slab", {85, 20}, 2);
  if (solid) {
    Ink pale = p.inks[0];
    pale.id = "pale", pale.colour = {150, 150, 150};
    p.inks.push_back(pale);
    p.impressions[1].ink = "pale";
  }
  if (marked) p.supplies.footMark = FootMark::Notch;
  return p;
}

}  // namespace

class TstJoinRisk : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aStraightJoinIsTheNormalLaw_data() {
    QTest::addColumn<double>("inset");
    QTest::addColumn<double>("hides");
    QTest::addColumn<double>("cutting");
    QTest::newRow("cut on the line, nothing hides") << 0.0 << 0.0 << 0.0;
    QTest::newRow("usual") << 0.3 << 0.4 << 0.1;
    QTest::newRow("cut far inside") << 0.8 << 0.4 << 0.15;
    QTest::newRow("nothing is seen to run in") << 0.3 << 1e6 << 0.1;
  }
  void aStraightJoinIsTheNormalLaw() {
    QFETCH(double, inset);
    QFETCH(double, hides);
    QFETCH(double, cutting);
    RiskOptions o;
    o.trials = 200000;
    o.errors.turn_deg = 0;  // shifted as a whole: every point has the same place
    o.errors.cutting_mm = cutting;
    o.errors.placing_mm = 0.4;
    const JoinChances c = tryJoin(straight(20, {1, 0}, 30), inset, hides, o);
    const double s = std::hypot(o.errors.placing_mm, cutting), t = o.errors.visible_mm;
    QVERIFY(std::abs(c.gap - above((t + inset) / s)) < 0.004);
    QVERIFY(std::abs(c.runIn - above((t + hides - inset) / s)) < 0.004);
    QVERIFY(std::abs(c.shows - c.gap - c.runIn) < 1e-12);
  }

  // A gap is noticed where it is open over 3 mm on end. A straight join turned about its middle opens by r·θ
  // at r from there; each point stands for a millimetre, so 3 mm on end are open when the third from the end
  // is. No shift, no cut, either end.
  void aTurnedJoinOpensAtItsEnds() {
    RiskOptions o;
    o.trials = 200000;
    o.errors = {0, 1.0, 0, 0.4};
    const double length = 60;
    JoinBorder b = straight(61, {1, 0}, length);  // a point every millimetre
    b.pivot = {0, length / 2};
    const double lever = length / 2 - 2, s = M_PI / 180;
    const double expected = 2 * above(0.4 / lever / s);
    const JoinChances c = tryJoin(b, 0, 1e6, o);
    QVERIFY2(std::abs(c.gap - expected) < 0.006,
             qPrintable(QStringLiteral("%1 for %2").arg(c.gap).arg(expected)));
  }

  // What is shorter than 3 mm is a line's end: never a join that shows, but something for the pen. Two such
  // ends are twice as much, and the mean of a normal beyond a threshold is known (inverse Mills ratio).
  void lineEndsAreForThePen() {
    RiskOptions o;
    o.errors = {0.3, 0, 0, 0.4};
    JoinBorder b = straight(3, {1, 0}, 1.6);
    const JoinChances one = tryJoin(b, 0.1, 0.4, o);
    QCOMPARE(one.shows, 0.0);
    const double a = 0.5 / 0.3;
    const double expected = 0.3 * std::exp(-a * a / 2) / std::sqrt(2 * M_PI) - 0.1 * above(a);
    QVERIFY(std::abs(one.pen_mm - expected) < 1e-9);
    b.points.insert(b.points.end(), {{50, 0}, {50, 0.8}, {50, 1.6}});
    b.normals.insert(b.normals.end(), 3, {1, 0});
    b.runs = {{0, 3}, {3, 3}};
    QVERIFY(std::abs(tryJoin(b, 0.1, 0.4, o).pen_mm - 2 * expected) < 1e-9);
  }

  // One laying is one error: two backs behind one side of a front open together or not at all.
  void joinsOfOneLayingOpenTogether() {
    Plan p = emptyPlan();
    addStamp(p, slab("front", 30, 60)), addStamp(p, slab("back", 30, 20));
    put(p, "front", "front", {60, 60}, 1);
    put(p, "low", "back", {75, 65}, 2), put(p, "high", "back", {75, 95}, 3);
    const AnalysisRef a = analyse(p);
    RiskOptions o;
    o.errors = {0.6, 0, 0.1, 0.4};
    const JoinRisk risk = joinRisk(p, *a, o).value();
    QCOMPARE(risk.joins.size(), size_t{2});
    QCOMPARE(risk.joins[0].laying, risk.joins[1].laying);
    QCOMPARE(risk.layings, 1);
    QVERIFY(risk.joins[0].shows > 0.1 && risk.joins[1].shows > 0.1);
    // They lie at the same side, so that what shows of one shows of the other; never as much as both
    // together.
    QVERIFY(risk.expected < risk.joins[0].shows + risk.joins[1].shows - 0.05);
    QVERIFY(risk.expected >= std::max(risk.joins[0].shows, risk.joins[1].shows) - 1e-12);
  }

  // Careful cards of ten to forty joins: none to three are expected to show. Common practice, no source.
  void carefulCardsShowNoneToThree() {
    for (const char* name :
         {"canal-towpath", "misty-fen", "potting-shed", "teaching-crowd", "teaching-avenue"}) {
      const Plan p = demo(name);
      const AnalysisRef a = withBestOrder(p, analyse(p));
      const JoinRisk risk = joinRisk(p, *a).value();
      QVERIFY2(
          risk.expected < 3.2,
          qPrintable(
              QStringLiteral("%1: %2 of %3").arg(QLatin1String(name)).arg(risk.expected).arg(risk.layings)));
    }
  }

  // One point at the end of a lever: turn and shift add up as independent normals do.
  void aTurnedPointIsTheNormalLawToo() {
    RiskOptions o;
    o.trials = 200000;
    JoinBorder b;
    b.points = {{40, 0}, {40, 1.5}, {40, 3}},
    b.normals = {{0, 1}, {0, 1}, {0, 1}};  // as far from the pivot, along x
    const double lever = 40 * o.errors.turn_deg * M_PI / 180;
    const double s = std::sqrt(o.errors.placing_mm * o.errors.placing_mm + lever * lever +
                               o.errors.cutting_mm * o.errors.cutting_mm);
    QVERIFY(std::abs(tryJoin(b, 0.3, 0.4, o).gap - above(0.7 / s)) < 0.004);
  }

  // A round front before a slab: the lever of a turn about the middle is nothing all round, so every point of
  // the join has the same chance, which the normal law gives. Whether the border is found, which way is
  // outward, what the line hides and how a mark at the foot helps all show in it.
  void everyPointOfARoundJoinIsTheNormalLaw_data() {
    QTest::addColumn<bool>("marked");
    QTest::addColumn<bool>("solid");
    QTest::newRow("line art, by eye") << false << false;
    QTest::newRow("line art, by a mark") << true << false;
    QTest::newRow("solid and much darker, by eye") << false << true;
  }
  void everyPointOfARoundJoinIsTheNormalLaw() {
    QFETCH(bool, marked);
    QFETCH(bool, solid);
    const Plan p = roundFront(marked, solid);
    const AnalysisRef a = analyse(p);
    const RiskOptions o;
    const auto risk = joinRisk(p, *a, o).value();
    QCOMPARE(risk.joins.size(), size_t{1});
    const Join& j = risk.joins[0];
    QVERIFY(!j.tape && j.front == 0 && j.back == 1 && j.wash < 0);
    QCOMPARE(j.hides_mm, solid ? 1e6 : kOutlineWidth_mm);
    const double placing = o.errors.placing_mm * (marked ? 0.5 : 1),
                 s = std::hypot(placing, o.errors.cutting_mm);
    const double inset = p.supplies.maskInset_mm, t = o.errors.visible_mm;
    const double expected = above((t + inset) / s) + above((t + j.hides_mm - inset) / s);
    QVERIFY(j.points.size() > 30);
    for (const JoinPoint& q : j.points) {
      QVERIFY2(std::abs(q.chance - expected) < 1e-3,
               qPrintable(QStringLiteral("%1, not %2").arg(q.chance).arg(expected)));
      QVERIFY(q.at.x > 60 - 0.7);  // where the back is, and nowhere else
      QVERIFY(std::abs(std::hypot(q.at.x - 60, q.at.y - 60) - 20) < 0.1);
    }
    // The back lies under the right half of the disc.
    QVERIFY2(std::abs(j.length_mm - M_PI * 20) < 2.5, qPrintable(QString::number(j.length_mm)));
    // A shift moves one part of a half ring outward by the most of its normal's share: nearly as often as one
    // point, or more often.
    QVERIFY(j.shows > 0.5 * expected && j.shows <= 1);
    QVERIFY(std::abs(risk.expected - j.shows) < 1e-12 && std::abs(risk.clean - (1 - j.shows)) < 1e-12);
    for (const JoinEase& e : j.easier) QVERIFY(marked ? e.how != JoinEase::How::FootMark : true);
  }

  // The best inset balances gap and run-in: nothing tried by hand at other insets shows less by more than
  // trials scatter.
  void theBestInsetIsBest() {
    const Plan p = roundFront(false, false);
    const AnalysisRef a = analyse(p);
    const Join j = joinRisk(p, *a).value().joins[0];
    JoinBorder border;
    border.pivot = {60, 60};
    for (const JoinPoint& q : j.points) {
      border.points.push_back(q.at);
      border.normals.push_back({(q.at.x - 60) / 20, (q.at.y - 60) / 20});
    }
    for (double inset = 0; inset <= 1.0001; inset += 0.1)
      QVERIFY(tryJoin(border, inset, j.hides_mm, {}).shows > j.bestShows - 0.01);
    QVERIFY(std::abs(tryJoin(border, j.bestInset_mm, j.hides_mm, {}).shows - j.bestShows) < 0.01);
    // Half of what the line hides: gaps and run-ins are then as likely.
    QVERIFY2(std::abs(j.bestInset_mm - kOutlineWidth_mm / 2) <= 0.1,
             qPrintable(QString::number(j.bestInset_mm)));
    QVERIFY(j.bestShows <= j.shows);
  }

  // Contrast by CIEDE2000 of littleCMS between bare paper and a full film of the ink, 50
  // counting as all of it.
  void contrastIsTheColourDifference_data() {
    QTest::addColumn<int>("grey");
    for (int grey : {20, 120, 200, 235}) QTest::addRow("grey %d", grey) << grey;
  }
  void contrastIsTheColourDifference() {
    QFETCH(int, grey);
    Plan p = roundFront(false, false);
    p.card.paper.colour = {255, 255, 255};
    Ink back = p.inks[0];
    const auto g = static_cast<unsigned char>(grey);
    back.id = "back", back.colour = {g, g, g}, back.opacity = 0;
    p.inks.push_back(back);
    p.impressions[1].ink = "back";
    const auto risk = joinRisk(p, *analyse(p)).value();
    cmsHPROFILE srgb = cmsCreate_sRGBProfile(), lab = cmsCreateLab4Profile(nullptr);
    cmsHTRANSFORM to =
        cmsCreateTransform(srgb, TYPE_RGB_8, lab, TYPE_Lab_DBL, INTENT_RELATIVE_COLORIMETRIC, 0);
    cmsCIELab white, inked;
    const unsigned char w[3] = {255, 255, 255}, k[3] = {g, g, g};
    cmsDoTransform(to, w, &white, 1), cmsDoTransform(to, k, &inked, 1);
    cmsDeleteTransform(to), cmsCloseProfile(srgb), cmsCloseProfile(lab);
    const double expected = std::min(1.0, cmsCIE2000DeltaE(&white, &inked, 1, 1, 1) / 50);
    QCOMPARE(risk.joins.empty(), expected * 50 < 8);  // that pale nobody sees it
    if (risk.joins.empty()) return;
    QVERIFY2(std::abs(risk.joins[0].contrast - expected) < 0.02,
             qPrintable(QStringLiteral("%1, not %2").arg(risk.joins[0].contrast).arg(expected)));
  }

  // A wash is joined only where it is strong enough to show an edge.
  void aPaleWashIsNoJoin() {
    for (const double strength : {0.02, 0.05, 0.5, 0.8}) {
      Plan p = roundFront(false, false);
      p.impressions.resize(1);
      Wash w;
      w.id = "w", w.ink = p.inks[0].id, w.area = rectangle(p.card.panel.box()), w.strength = strength,
      w.reach = 1;
      w.from = WashFrom::Top;
      p.washes = {w};
      const auto risk = joinRisk(p, *analyse(p)).value();
      QCOMPARE(risk.joins.size(), size_t(strength > 0.1));
      if (risk.joins.empty()) continue;
      QCOMPARE(risk.joins[0].wash, 0);
      // Paler and paler downward: it ends where the film no longer differs by 8 (CIEDE2000) from bare paper.
      double lowest = 1e9;
      for (const JoinPoint& q : risk.joins[0].points) lowest = std::min(lowest, q.at.y);
      const WashFalloff falloff(p, p.washes[0]);
      const InkFilm film(p.inks[0].colour, p.inks[0].opacity, strength * falloff.shareAt({60, lowest}));
      LinearRgb below = linearOf(p.card.paper.colour), over;
      for (size_t c = 0; c < 3; ++c) over[c] = below[c] * film.multiply[c] + film.add[c];
      QVERIFY(std::abs(ciede2000(labOf(below), labOf(over)) - 8) < 1.5 || lowest < 41);
    }
  }

  void isRankedAndTheSameEveryTime() {
    const Plan p = demo("canal-towpath");
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const auto one = joinRisk(p, *a).value(), two = joinRisk(p, *a).value();
    QCOMPARE(one.joins.size(), two.joins.size());
    double sum = 0;
    for (size_t k = 0; k < one.joins.size(); ++k) {
      QCOMPARE(one.joins[k].shows, two.joins[k].shows);
      if (k > 0)
        QVERIFY(one.joins[k].shows * one.joins[k].contrast <=
                one.joins[k - 1].shows * one.joins[k - 1].contrast + 1e-12);
      sum += one.joins[k].shows;
    }
    QVERIFY(one.expected <= sum + 1e-9 && one.expected == two.expected);
  }

  void carefulHandsShowLess() {
    const Plan p = demo("teaching-crowd");
    const AnalysisRef a = analyse(p);
    RiskOptions careful;
    careful.errors = {0.05, 0.1, 0.05, 0.4};
    QVERIFY(joinRisk(p, *a, careful).value().expected < 0.05 * joinRisk(p, *a).value().expected);
  }

  void stopsWhenAskedAndTakesNothingAmiss() {
    const Plan p = demo("canal-towpath");
    std::stop_source stop;
    stop.request_stop();
    QVERIFY(joinRisk(p, *analyse(p), {}, Progress{stop.get_token(), {}}).error().code == ErrorCode::Stopped);
    const Plan empty = emptyPlan();
    QVERIFY(joinRisk(empty, *analyse(empty)).value().joins.empty());
    RiskOptions none;
    none.trials = 0;
    QVERIFY(bool(joinRisk(p, *analyse(p), none)));
  }

  // A mark at the foot leaves half of the shift and a third of the turn (common practice, no source): a
  // marked card with three times the turn is an unmarked one.
  void aMarkLeavesHalfTheShiftAndAThirdOfTheTurn() {
    const auto shows = [](bool marked, double placing, double turn) {
      RiskOptions o;
      o.errors.placing_mm = placing, o.errors.turn_deg = turn, o.errors.cutting_mm = 0;
      Plan p = roundFront(marked, true);
      Stamp square = *p.stamps[0];  // a round one that is turned about its middle opens nowhere
      square.silhouette = {{{2, 2}, {38, 2}, {38, 38}, {2, 38}}};
      p.stamps[0] = std::make_shared<Stamp>(square);
      const JoinRisk r = joinRisk(p, *analyse(p), o).value();
      double sum = 0;
      for (const Join& j : r.joins) sum += j.gap + j.runIn;
      return sum;
    };
    QVERIFY(shows(false, 0.4, 0) > 0.05);
    QVERIFY(std::fabs(shows(true, 0.8, 0) - shows(false, 0.4, 0)) < 1e-9);
    QVERIFY(std::fabs(shows(true, 0.8, 9) - shows(false, 0.4, 3)) < 1e-9);
    QVERIFY(shows(false, 0, 3) > 0.05);
    QVERIFY(std::fabs(shows(true, 0, 9) - shows(false, 0, 3)) < 1e-9);
  }
};

HAVLO_TEST(TstJoinRisk)
#include "tst_join_risk.moc"
