// With which ink a background begins. Hues of sky, ground and light are common practice, no source.
#include <QTest>

#include "core/colour/colour.h"
#include "core/edit/wash_ink.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Ink inkOf(const char* id, Colour colour, InkKind kind = InkKind::Dye) {
  Ink ink;
  ink.id = ink.name = id, ink.colour = colour, ink.kind = kind;
  return ink;
}

}  // namespace

class TstWashInk : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theFirstSkyIsNotBlack() {
    Plan plan = emptyPlan();
    plan.inks = {inkOf("soot", {0x22, 0x22, 0x26})};
    for (const WashKind kind : {WashKind::Sky, WashKind::Ground, WashKind::Water, WashKind::Glow}) {
      const PlanWithInk made = withInkFor(plan, kind, {});
      QVERIFY(made.ink != "soot");
      QCOMPARE(made.plan.inks.size(), size_t{2});
      QVERIFY(lightnessOf(made.plan.ink(made.ink)->colour) > 60);
    }
  }

  void theMakersOwnInksComeFirst() {
    Plan plan = emptyPlan();
    plan.inks = {inkOf("soot", {0x22, 0x22, 0x26}), inkOf("straw", {0xe8, 0xd5, 0x9a})};
    const std::vector<Ink> owned = {inkOf("pool", {0x8f, 0xbf, 0xd6}),
                                    inkOf("glaze", {0x90, 0xc0, 0xe0}, InkKind::Embossing)};
    // What is in the plan and pale will do.
    QCOMPARE(withInkFor(plan, WashKind::Sky, owned).ink, std::string("straw"));
    plan.inks.pop_back();
    const PlanWithInk sky = withInkFor(plan, WashKind::Sky, owned);
    QCOMPARE(sky.ink, std::string("pool"));
    QCOMPARE(sky.plan.inks.size(), size_t{2});
    // Of several the one of the fitting hue.
    plan.inks = {inkOf("straw", {0xe8, 0xd5, 0x9a}), inkOf("pool", {0x8f, 0xbf, 0xd6})};
    QCOMPARE(withInkFor(plan, WashKind::Sky, {}).ink, std::string("pool"));
    QCOMPARE(withInkFor(plan, WashKind::Glow, {}).ink, std::string("straw"));
  }

  void anIdThatIsTakenIsNotTakenTwice() {
    Plan plan = emptyPlan();
    plan.inks = {inkOf("background", {0x22, 0x22, 0x26})};
    const PlanWithInk made = withInkFor(plan, WashKind::Sky, {});
    QVERIFY(made.ink != "background" && made.plan.ink(made.ink));
  }
};

HAVLO_TEST(TstWashInk)
#include "tst_wash_ink.moc"
