// What each school asks for, what is advised, and the comparison of a silhouette scene with a coloured crowd.
#include <QTest>
#include <algorithm>

#include "core/chain/chain.h"
#include "core/edit/making_edits.h"
#include "core/schools/compare.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

const SchoolOption& option(const SchoolAdvice& a, School t) {
  return *std::find_if(a.options.begin(), a.options.end(),
                       [t](const SchoolOption& o) { return o.school == t; });
}
bool has(const SchoolOption& o, Obstacle what) {
  return std::find(o.obstacles.begin(), o.obstacles.end(), what) != o.obstacles.end();
}

const SchoolResult& resultOf(const std::vector<SchoolResult>& all, School t) {
  return *std::find_if(all.begin(), all.end(), [t](const SchoolResult& r) { return r.school == t; });
}

Plan two(bool solidFront, const char* frontInk, const char* backInk) {
  Plan p = emptyPlan();
  Stamp front = slab("front", 30, 30), back = slab("back", 40, 40);
  front.solid = solidFront;
  addStamp(p, front), addStamp(p, back);
  put(p, "f", "front", {60, 60}, 1).ink = frontInk, put(p, "b", "back", {75, 65}, 2).ink = backInk;
  return p;
}

}  // namespace

class TstSchools : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void solidAndDarkerIsOverprinted() {
    Plan p = two(true, "black", "blue");
    p.inks[0].opacity = 0.95, p.inks[0].kind = InkKind::Pigment;
    p.inks[1].colour = {180, 200, 230};
    const SchoolAdvice a = adviseSchools(p, *analyse(p))[0];
    QVERIFY(a.best == School::Overprint && a.reason == SchoolReason::DarkAndSolid);
    QCOMPARE(option(a, School::Overprint).masks, 0);
    QCOMPARE(option(a, School::Mask).masks, 1);
    // As line art what is behind would show through it.
    Plan q = two(false, "black", "blue");
    const SchoolAdvice b = adviseSchools(q, *analyse(q))[0];
    QVERIFY(b.best != School::Overprint && has(option(b, School::Overprint), Obstacle::ShowsThrough));
  }

  // Common practice, no source: dye vanishes on a dark ground.
  void dyeSinksIntoADarkGround() {
    Plan p = two(true, "blue", "black");
    p.inks[1].kind = InkKind::Dye;
    p.inks[0].colour = {20, 20, 20};
    const SchoolAdvice a = adviseSchools(p, *analyse(p))[0];
    QVERIFY(has(option(a, School::Overprint), Obstacle::SinksIn));
  }

  void nothingBehindIsAnyWay() {
    const Plan p = two(true, "black", "blue");
    const SchoolAdvice back = adviseSchools(p, *analyse(p))[1];
    QVERIFY(back.reason == SchoolReason::NothingBehind);
    QVERIFY(has(option(back, School::PopUp), Obstacle::HasFront));
  }

  void manySmallThingsAreEmbossed() {
    Plan p = emptyPlan();
    p.inks[0].kind = InkKind::Pigment;
    addStamp(p, slab("lantern", 8, 8)), addStamp(p, slab("wall", 110, 90));
    p.stamps[0] = [&] {
      Stamp s = *p.stamps[0];
      s.solid = false;
      s.role = Role::Prop;
      return std::make_shared<const Stamp>(s);
    }();
    for (int i = 0; i < 6; ++i) put(p, "l" + std::to_string(i), "lantern", {20.0 + 14 * i, 60}, 1);
    put(p, "wall", "wall", {60, 30}, 5).ink = "blue";
    QVERIFY(adviseSchools(p, *analyse(p))[0].best == School::Resist);
  }

  void aSilhouetteSceneIsOverprinted() {
    const Plan p = demo("teaching-silhouettes");
    const AnalysisRef a = analyse(p);
    const auto all = compareSchools(p, *a, nullptr, 90).value().ways;
    const SchoolResult &over = resultOf(all, School::Overprint), &mask = resultOf(all, School::Mask);
    QCOMPARE(over.masks, 0);
    QVERIFY2(over.faults_mm2 < 3, qPrintable(QString::number(over.faults_mm2)));
    QVERIFY(over.minutes < mask.minutes && mask.masks > 0);
    for (const SchoolAdvice& s : adviseSchools(p, *a))
      if (s.reason != SchoolReason::NothingBehind) QVERIFY(s.best == School::Overprint);
  }

  void aColouredCrowdIsMasked() {
    const Plan p = demo("teaching-crowd");
    const AnalysisRef a = analyse(p);
    const auto all = compareSchools(p, *a, nullptr, 90).value().ways;
    const SchoolResult &over = resultOf(all, School::Overprint), &mask = resultOf(all, School::Mask);
    QVERIFY(over.faults_mm2 > 20);  // lines through the ducks
    QVERIFY(mask.faults_mm2 < 1 && mask.masks > 0 && mask.unsuited == 0);
    QVERIFY(over.unsuited >= 5);
    for (const SchoolAdvice& s : adviseSchools(p, *a))
      if (s.reason != SchoolReason::NothingBehind)
        QVERIFY(s.best == School::Mask || s.best == School::LeaveOut);
  }

  // A front whose mask would keep out a corner of a line is left bare; one with a line right across it is
  // not. And what is advised never weighs more than what is planned, over random plans with all schools.
  void masksThatSaveLittleAreLeftOut() {
    Plan p = emptyPlan();
    Stamp frame = slab("frame", 60, 60);
    frame.solid = false;
    addStamp(p, slab("front", 10, 10)), addStamp(p, frame), addStamp(p, slab("bar", 20, 4));
    p.stamps[0] = [&] {
      Stamp s = *p.stamps[0];
      s.solid = false;
      return std::make_shared<const Stamp>(s);
    }();
    put(p, "corner", "front", {26.5, 51}, 1), put(p, "crossed", "front", {90, 80}, 1);
    put(p, "frame", "frame", {60, 60}, 5).ink = "blue", put(p, "bar", "bar", {90, 83}, 5).ink = "blue";
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const SchoolComparison c = adviseTogether(p, *a, nullptr, 120).value();
    QCOMPARE(c.savings.size(), size_t{2});
    QCOMPARE(c.savings[0].impression, 0);
    QVERIFY(c.savings[0].saves_mm2 < 4 && c.savings[0].minutes > 2);
    QVERIFY(c.savings[1].saves_mm2 > 20);  // 10 mm of a bar 4 mm high, less what the front's own line hides
    QVERIFY(c.advice[0].best == School::Overprint && c.advice[0].reason == SchoolReason::LittleToSave);
    QVERIFY(c.advice[1].best == School::Mask || c.advice[1].best == School::LeaveOut);
  }

  void whatIsAdvisedIsNeverWorseThanWhatIsPlanned() {
    int better = 0;
    for (uint32_t seed = 0; seed < 25; ++seed) {
      const Plan p = randomPlan(seed, {});
      const AnalysisRef a = withBestOrder(p, analyse(p));
      const SchoolComparison c = adviseTogether(p, *a, nullptr, 50).value();
      const auto worth = [](const SchoolResult& r) { return r.minutes + 2 * r.faults_mm2 / 10; };
      QVERIFY(worth(c.ways[1]) <= worth(c.ways[0]) + 1e-9);
      better += worth(c.ways[1]) < worth(c.ways[0]) - 1;
    }
    QVERIFY(better > 3);
  }

  void theTapedPartIsWhereTheFrontWillBe() {
    Plan p = two(false, "black", "blue");
    p.impressions[0].school = School::LeaveOut;
    p.impressions[1].turn_deg = 30;
    const AnalysisRef a = analyse(p);
    const Rings taped = tapedPart(*a, 1);
    double shared = 0;
    for (const Meeting& m : a->meetings.list) shared = m.area_mm2;
    QVERIFY(shared > 50);
    double area = 0;
    for (const Ring& r : taped)
      for (size_t k = 0; k < r.size(); ++k)
        area += r[k].x * r[(k + 1) % r.size()].y - r[(k + 1) % r.size()].x * r[k].y;
    QVERIFY(std::abs(std::abs(area) / 2 - shared) < 0.05);
    QVERIFY(tapedPart(*a, 0).empty());
  }

  void thePlansOwnSchoolIsFollowed() {
    Plan p = two(true, "black", "blue");
    p.impressions[1].school = School::PopUp;
    p = withDefaultSchool(p, School::Resist);
    QVERIFY(p.impressions[0].school == School::Resist && p.impressions[1].school == School::PopUp);
    const auto again = readPlan(writePlan(p)).value().plan;
    QVERIFY(again == p);
  }

  // Work of one thing, told by the steps it takes: a mask is cut, laid and lifted once a use; a rubber taped
  // over once for each thing behind. What shows through line art cannot be lived with.
  void theWorkOfASchoolIsThatOfItsSteps() {
    Plan p = two(false, "black", "blue");
    addStamp(p, slab("far", 60, 20));
    put(p, "far", "far", {70, 70}, 3).ink = "blue";
    const SchoolAdvice a = adviseSchools(p, *analyse(p))[0];
    const WorkTimes t;
    const double dry = p.ink("black")->dryOnCard_s / 60;
    QVERIFY(std::abs(option(a, School::Mask).minutes - (t.cutMask + 2 * (t.coverOn + t.coverOff) + dry)) <
            1e-9);
    QVERIFY(std::abs(option(a, School::LeaveOut).minutes - 2 * t.tapeRubber) < 1e-9);
    QVERIFY(has(option(a, School::Overprint), Obstacle::ShowsThrough) &&
            option(a, School::Overprint).forbids);
  }
};

HAVLO_TEST(TstSchools)
#include "tst_schools.moc"
