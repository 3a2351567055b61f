// The ways out where parts are too fine to be covered, each proven by pressing the card anew: what is offered
// mends.
#include <QTest>

#include "core/chain/chain.h"
#include "core/chain/fine_parts.h"
#include "core/edit/edits.h"
#include "core/edit/wash_edits.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

constexpr double kDpi = 110;  // as in the window

/// The demo's reeds alone, and ground blended around them.
Plan reedsOnGround() {
  const Plan whole = demo("canal-towpath");
  Plan p;
  p.card.panel = {142, 99, {}};
  p.view = whole.view, p.stamps = whole.stamps, p.inks = whole.inks;
  p = withNewImpression(p, "reeds", {23.5, 36.7}).value();
  return withNewWash(p, WashKind::Ground, p.inks.back().id).value();
}

Simulation pressed(const Plan& p) {
  const AnalysisRef a = analyse(p);
  const PressInput in = a->press(p, nullptr);
  return lookedAtOnceMore(in, a->sheet, kDpi, simulate(in, a->sheet, kDpi).value()).value();
}

}  // namespace

class TstFineParts : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  /// A gap between reeds that the mask keeps covered: the ground does not come into it.
  void aGapIsCutAllTheSame() {
    const Plan p = reedsOnGround();
    const AnalysisRef a = analyse(p);
    const Simulation before = pressed(p);
    QVERIFY(!before.proven);
    const auto part = finePart(p, *a, before.worst.at(0));
    QVERIFY(part && part->kind == FiddlyPart::Kind::Hole && !part->cut);
    // It is the gap of that size: what differs is all of it but the rim of a pixel.
    QVERIFY(before.worst[0].area_mm2 <= part->area_mm2 && before.worst[0].area_mm2 > 0.8 * part->area_mm2);
    const Plan cut = withFinePartsCut(p, *a, before).value();
    const Simulation after = pressed(cut);
    QVERIFY(after.proven);
    // Coarse pixels alone would call it wrong: the gap is three of them wide.
    const AnalysisRef c = analyse(cut);
    QVERIFY(!simulate(c->press(cut, nullptr), c->sheet, kDpi).value().proven);
    const auto again = finePart(cut, *c, before.worst.at(0));
    QVERIFY(!again || !again->cut);  // what is cut already is no way out
    QVERIFY(!withFinePartsCut(cut, *c, after));
  }
  void blendsMayRunOver() {
    const Plan p = reedsOnGround();
    const Plan over = withBlendsOverFineParts(p, *analyse(p), pressed(p)).value();
    QCOMPARE(over.washes[0].lets, std::vector<std::string>{over.impressions[0].id});
    const Simulation after = pressed(over);
    QVERIFY(after.proven);
    QVERIFY(!withBlendsOverFineParts(over, *analyse(over), after));
  }
  void whatIsNotTooFineIsLeftAlone() {
    Plan p = reedsOnGround();
    p.impressions.clear();
    const AnalysisRef a = analyse(p);
    const Simulation s = pressed(p);
    QVERIFY(s.proven);
    QVERIFY(!withFinePartsCut(p, *a, s) && !withBlendsOverFineParts(p, *a, s));
  }
};

HAVLO_TEST(TstFineParts)
#include "tst_fine_parts.moc"
