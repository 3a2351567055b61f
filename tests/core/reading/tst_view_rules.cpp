// The rules of the viewpoint and the light: each fault found, its fix silences it, and right scenes stay
// quiet.
#include <QTest>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/light/light.h"
#include "support/faulty_plans.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstViewRules : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void everyFaultIsFoundAndMended_data() {
    QTest::addColumn<int>("number");
    const auto all = faultyViews();
    for (size_t k = 0; k < all.size(); ++k) QTest::newRow(all[k].name) << static_cast<int>(k);
  }
  void everyFaultIsFoundAndMended() {
    QFETCH(int, number);
    const FaultyPlan faulty = faultyViews()[ix(number)];
    const AnalysisRef a = analyse(faulty.plan);
    const Finding* f = find(*a, faulty.kind);
    QVERIFY(f);
    QVERIFY(std::isfinite(f->value) && f->value > 0);
    for (const Finding& other : a->findings)
      QVERIFY2(other.kind == faulty.kind || other.kind == FindingKind::OutOfScale, "one fault, one finding");
    if (!f->fix) return;
    const auto mended = applied(faulty.plan, *f->fix);
    QVERIFY(bool(mended));
    if (faulty.mendable) QVERIFY(!find(*analyse(mended.value()), faulty.kind));
  }

  void theShippedScenesAreNotNagged() {
    for (const char* name : {"canal-towpath", "teaching-crowd", "teaching-avenue", "teaching-silhouettes"}) {
      const Plan p = demo(name);
      const AnalysisRef a = analyse(p);
      for (const Finding& f : a->findings)
        QVERIFY2(
            f.kind == FindingKind::OutOfScale || f.level == Level::Note,
            qPrintable(QString::fromLatin1(name) + QString::fromStdString(std::string(ruleOf(f.kind).word))));
    }
  }

  void evenlySpacedInTheSceneIsQuiet() {
    Plan p = faultyViews()[4].plan;
    const Projection projection(*p.view, p.card.panel.width_mm);
    for (size_t k = 0; k < 4; ++k)
      p.impressions[k].at = projection.toPanel({-0.8, 0, 2.5 + 1.5 * static_cast<double>(k)});
    QVERIFY(!find(*analyse(p), FindingKind::Spacing));
    p.impressions[2].at = projection.toPanel({-0.8, 0, 6.6});
    QVERIFY(find(*analyse(p), FindingKind::Spacing));
    // A level row does not recede, whatever its gaps.
    for (size_t k = 0; k < 4; ++k) p.impressions[k].at = {10.0 + 20 * static_cast<double>(k * k) / 2, 40};
    QVERIFY(!find(*analyse(p), FindingKind::Spacing));
  }

  void boatsAndDucksMayFloat() {
    Plan p = faultyViews()[0].plan;
    for (const Role role : {Role::Animal, Role::Prop}) {
      Stamp s = *p.stamps[0];
      s.role = role;
      p.stamps[0] = std::make_shared<const Stamp>(s);
      QVERIFY(!find(*analyse(p), FindingKind::NoGround));
    }
  }

  void aBranchMayComeFromTheEdgeOrFromATrunk() {
    Plan p = faultyViews()[2].plan;
    p.impressions[0].at.x = 20;  // begins at the left edge
    QVERIFY(!find(*analyse(p), FindingKind::BranchFromNowhere));
    p.impressions[0].at.x = 60;
    addStamp(p, slab("trunk", 10, 120));
    put(p, "trunk", "trunk", {40, 10}, 2);
    QVERIFY(!find(*analyse(p), FindingKind::BranchFromNowhere));
  }

  void aShadowAsTheLightMakesItIsQuiet() {
    Plan p = faultyViews()[7].plan;
    const AnalysisRef a = analyse(p);
    const CastShadow s = castShadows(p, *a->depth, a->meetings.placed)[0];
    const double turn = (s.turn_deg + 15) * M_PI / 180;
    p.ground[0].along[1] = {60 + 20 * std::cos(turn), 40 + 20 * std::sin(turn)};
    QVERIFY(!find(*analyse(p), FindingKind::ShadowWrongWay));
  }

  void aPathThatGoesElsewhereIsAChoice() {
    Plan p = faultyViews()[8].plan;
    p.ground[0].along[1] = {110, 80};
    QVERIFY(!find(*analyse(p), FindingKind::PathMissesVanishing));
    p.ground[0].along = {{63.5, 0}, {63.5, 80}};
    QVERIFY(!find(*analyse(p), FindingKind::PathMissesVanishing));
  }

  // Shaded as one draws it: toward the sun's image or against it from behind is right, away from it is not.
  void shadingTowardTheSunInThePictureIsRight() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 10, 25));
    put(p, "left", "s", {30, 40}, 4), put(p, "right", "s", {110, 40}, 4), put(p, "under", "s", {72, 40}, 4);
    p.light = Light{Point{72, 150}, {}, 0, 0, {}};
    const auto crossed = [&](const char* id, LitFrom from) {
      Plan shaded = p;
      shaded.impressions[ix(shaded.indexOf(id))].lit = from;
      return find(*analyse(shaded), FindingKind::CrossedLight) != nullptr;
    };
    QVERIFY(!crossed("left", LitFrom::Right) && crossed("left", LitFrom::Left));
    QVERIFY(!crossed("right", LitFrom::Left) && crossed("right", LitFrom::Right));
    QVERIFY(!crossed("under", LitFrom::Left) && !crossed("under", LitFrom::Right));
    for (const char* id : {"left", "right", "under"})
      QVERIFY(!crossed(id, LitFrom::Behind) && crossed(id, LitFrom::Front));
  }

  void toneIsAskedOnlyInMist() {
    Plan p = faultyViews()[5].plan;
    p.view->visibility_m.reset();
    QVERIFY(!find(*analyse(p), FindingKind::Tone));
    p.view->visibility_m = 60;
    // Three pressings of a black ink are all dark: told, but there is nothing at hand to mend it.
    const AnalysisRef dark = analyse(p);
    QVERIFY(find(*dark, FindingKind::Tone) && !find(*dark, FindingKind::Tone)->fix);
    Ink fog = p.inks[0];
    fog.id = "fog", fog.colour = {0xb8, 0xba, 0xbd};
    p.inks.push_back(fog);
    const AnalysisRef a = analyse(p);
    const Finding* f = find(*a, FindingKind::Tone);
    QVERIFY(f && f->fix && f->fix->what == Fix::What::Press);
    const auto mended = applied(p, *f->fix);
    QCOMPARE(mended.value().impressions[0].ink, std::string("fog"));
    QVERIFY(!find(*analyse(mended.value()), FindingKind::Tone));
  }
};

HAVLO_TEST(TstViewRules)
#include "tst_view_rules.moc"
