// Join risk against closed forms: a straight join with normal errors, and a single point turned about a
// pivot.
#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/risk/join_risk.h"
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

}  // namespace

class TstJoinRisk : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aStraightJoinIsTheNormalLaw_data() {
    QTest::addColumn<double>("inset");
    QTest::addColumn<double>("hides");
    QTest::addColumn<double>("cutting");
    QTest::newRow("cut on the line, nothing hides") << 0.0 << 0.0 << 0.0;
    QTest::newRow("usual") << 0.3 << 0.4 << 0.15;
    QTest::newRow("cut far inside") << 0.8 << 0.4 << 0.15;
    QTest::newRow("a dark solid front") << 0.3 << 2.0 << 0.1;
  }
  void aStraightJoinIsTheNormalLaw() {
    QFETCH(double, inset);
    QFETCH(double, hides);
    QFETCH(double, cutting);
    RiskOptions o;
    o.trials = 200000;
    o.errors.turn_deg = 0;  // shifted as a whole: every point has the same place
    o.errors.cutting_mm = cutting;
    const JoinChances c = tryJoin(straight(20, {1, 0}, 30), inset, hides, o);
    const double s = std::hypot(o.errors.placing_mm, cutting), t = o.errors.visible_mm;
    QVERIFY(std::abs(c.gap - above((t + inset) / s)) < 0.004);
    QVERIFY(std::abs(c.runIn - above((t + hides - inset) / s)) < 0.004);
    QVERIFY(std::abs(c.shows - c.gap - c.runIn) < 1e-12);
  }

  // One point at the end of a lever: turn and shift add up as independent normals do.
  void aTurnedPointIsTheNormalLawToo() {
    RiskOptions o;
    o.trials = 200000;
    JoinBorder b;
    b.points = {{40, 0}}, b.normals = {{0, 1}};
    const double lever = 40 * o.errors.turn_deg * M_PI / 180;
    const double s = std::sqrt(o.errors.placing_mm * o.errors.placing_mm + lever * lever +
                               o.errors.cutting_mm * o.errors.cutting_mm);
    QVERIFY(std::abs(tryJoin(b, 0.3, 0.4, o).gap - above(0.6 / s)) < 0.004);
  }

  // The best inset of a straight join lies midway between gap and run-in: half of what the line hides.
  void theBestInsetIsHalfOfWhatTheLineHides() {
    Plan p = emptyPlan();
    Stamp line = slab("s", 60, 60);
    line.solid = false;
    addStamp(p, line);
    addStamp(p, slab("t", 40, 40));
    put(p, "front", "s", {60, 60}, 1), put(p, "back", "t", {86, 70}, 2);
    const AnalysisRef a = analyse(p);
    RiskOptions o;
    o.errors.turn_deg = 0;
    const auto risk = joinRisk(p, *a, o).value();
    QVERIFY(!risk.joins.empty());
    const Join& j = risk.joins[0];
    if (!j.tape)
      QVERIFY2(
          std::abs(j.bestInset_mm - kOutlineWidth_mm / 2) <= 0.1 || j.bestInset_mm == p.supplies.maskInset_mm,
          qPrintable(QString::number(j.bestInset_mm)));
    for (const JoinPoint& q : j.points) QVERIFY(q.chance >= 0 && q.chance <= 1);
  }

  void isRankedAndTheSameEveryTime() {
    const Plan p = demo("canal-towpath");
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const auto one = joinRisk(p, *a).value(), two = joinRisk(p, *a).value();
    QCOMPARE(one.joins.size(), two.joins.size());
    double expected = 0;
    for (size_t k = 0; k < one.joins.size(); ++k) {
      QCOMPARE(one.joins[k].shows, two.joins[k].shows);
      if (k > 0)
        QVERIFY(one.joins[k].shows * one.joins[k].contrast <=
                one.joins[k - 1].shows * one.joins[k - 1].contrast + 1e-12);
      expected += one.joins[k].shows;
    }
    QVERIFY(std::abs(expected - one.expected) < 1e-9);
  }

  void carefulHandsShowLess() {
    const Plan p = demo("teaching-crowd");
    const AnalysisRef a = analyse(p);
    RiskOptions careful;
    careful.errors = {0.1, 0.1, 0.05, 0.3};
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
};

HAVLO_TEST(TstJoinRisk)
#include "tst_join_risk.moc"
