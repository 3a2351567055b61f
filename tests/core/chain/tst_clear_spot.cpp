// Where a stamp goes that is put on a card: how much of it shows and how near outlines come are measured by
// GEOS, the reading's own findings are counted before and after.
#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/chain/clear_spot.h"
#include "core/chain/foretell.h"
#include "core/edit/edits.h"
#include "core/edit/put_on.h"
#include "core/outline/shape_ops.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Stamp standing(const std::string& id, double width, double height, double real) {
  Stamp s = slab(id, width, height);
  s.role = Role::Figure;
  s.realHeight = RealHeight{real, 0.9 * real, 1.1 * real, {}};
  return s;
}

/// A hare in the middle, saplings where one would look for room next, and the stamp of a post that is right
/// farther away.
Plan hareInTheMiddle() {
  Plan p = emptyPlan();
  p.card.panel = {142, 99, {}};
  p.view = View{};
  p.view->horizon_mm = 45, p.view->eyeHeight_m = 0.56, p.view->nearDistance_m = 0.75;
  addStamp(p, standing("hare", 21, 42, 0.82));
  addStamp(p, standing("sapling", 8, 30, 0.6));
  addStamp(p, standing("post", 3, 9, 0.6));
  p = withNewImpression(p, "hare", {p.card.panel.width_mm / 2, 16.5}).value();
  for (const double share : {0.3, 0.7, 0.15, 0.85})
    p = withNewImpression(p, "sapling", {share * p.card.panel.width_mm, 16.5}).value();
  return p;
}

Rings silhouetteOf(const Plan& p, size_t i) {
  const Impression& im = p.impressions[i];
  const StampRef stamp = p.stamp(im.stamp);
  return placingOf(im, *stamp).toPanel(stamp->silhouette);
}

}  // namespace

class TstClearSpot : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void nothingIsPutBehindTheHero() {
    const Plan p = hareInTheMiddle();
    const Stamp& post = *p.stamp("post");
    const Point middle = goodSpot(p, post), clear = clearSpot(p, post);
    const auto shown = [&](Point at) {
      const Plan put = withNewImpression(p, "post", at).value();
      Rings left = silhouetteOf(put, 5);
      for (size_t k = 0; k < 5; ++k) left = difference(left, silhouetteOf(put, k));
      return areaOf(left) / areaOf(silhouetteOf(put, 5));
    };
    QCOMPARE(shown(middle), 0.0);
    QCOMPARE(shown(clear), 1.0);
    QVERIFY(clear.y == middle.y);
    // As near as it is seen: the hare's half width, its own, and a step of the places there are.
    QVERIFY(std::fabs(clear.x - middle.x) < 10.5 + 1.5 + 2 * p.card.panel.width_mm / 24);
  }
  void whereNothingIsMindedItGoesInTheMiddle() {
    Plan p = hareInTheMiddle();
    p.impressions[0].at.x = 25;
    const Stamp& post = *p.stamp("post");
    QVERIFY(clearSpot(p, post) == goodSpot(p, post));
    p.impressions.clear();
    QVERIFY(clearSpot(p, post) == goodSpot(p, post));
  }
  /// The drawer's stamps one after the other on one card, as a beginner does it.
  void aCardFilledByClicksIsMindedNoMoreThanWithoutIt() {
    const Plan whole = demo("canal-towpath");
    Plan with;
    with.card.panel = whole.card.panel, with.view = whole.view, with.stamps = whole.stamps,
    with.inks = whole.inks;
    Plan without = with;
    int least = 0, most = 0;
    for (const StampRef& s : whole.stamps) {
      if (!s->realHeight || s->role == Role::Greeting) continue;
      with = withNewImpression(with, s->id, clearSpot(with, *s)).value();
      without = withNewImpression(without, s->id, goodSpot(without, *s)).value();
      const auto warnings = [](const Plan& p) { return warningsOf(*withLooks(p, analyse(p), nullptr)); };
      least = warnings(with), most = warnings(without);
      QVERIFY2(least <= most,
               qPrintable(QStringLiteral("%1: %2 and %3").arg(s->id.c_str()).arg(least).arg(most)));
    }
    QVERIFY2(least < most, qPrintable(QStringLiteral("%1 and %2").arg(least).arg(most)));
  }
};

HAVLO_TEST(TstClearSpot)
#include "tst_clear_spot.moc"
