// Edits at their borders: what is just enough, what is just too little, and where things come to lie.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "core/chain/chain.h"
#include "core/edit/card_edits.h"
#include "core/edit/remedies.h"
#include "core/edit/view_edits.h"
#include "core/edit/wash_edits.h"
#include "core/viewpoint/scale.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstBounds : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // Tape on both sides that meets in the middle leaves nothing to stamp on.
  void tapeMustLeavePaper() {
    Plan p = emptyPlan();
    Card c = p.card;
    c.tape_mm = p.card.panel.width_mm / 2;
    QVERIFY(!withCard(p, c));
    c.tape_mm = p.card.panel.width_mm / 2 - 0.5;
    QVERIFY(bool(withCard(p, c)));
    c.tape_mm = 0, c.bare_mm = p.card.panel.width_mm / 2;
    QVERIFY(!withCard(p, c));
    c.bare_mm -= 0.5;
    QVERIFY(bool(withCard(p, c)));
  }

  // Without a light a disc stands in the middle of the sky, half way from the horizon to the top edge; with
  // one, there.
  void aNewDiscStandsAtTheLight() {
    Plan p = emptyPlan();
    const Box sky = withNewLimit(p, LimitKind::Circle).limits.back().opening;
    QVERIFY(std::fabs(sky.centre().x - 63.5) < 1e-9 && std::fabs(sky.centre().y - (96 + 178) / 2.0) < 1e-9);
    QVERIFY(std::fabs(sky.width() - sky.height()) < 1e-9 && sky.width() > 10 && sky.width() < 60);
    p.light = Light{Point{30, 150}, {}, 0, 0, {}};
    const Box there = withNewLimit(p, LimitKind::Circle).limits.back().opening;
    QVERIFY(std::fabs(there.centre().x - 30) < 1e-9 && std::fabs(there.centre().y - 150) < 1e-9);
  }

  void anOpeningMustBeCutOut() {
    const Plan p = withNewLimit(emptyPlan(), LimitKind::Circle);
    WashLimit l = p.limits.back();
    l.opening = {40, 40, 40.5, 60};  // half a millimetre is a slit
    QVERIFY(!withLimit(p, l));
    l.opening = {40, 40, 60, 40.5};
    QVERIFY(!withLimit(p, l));
    l.opening = {40, 40, 40.6, 40.6};
    QVERIFY(bool(withLimit(p, l)));
  }

  void groundMarksNeedTheirPoints() {
    const auto marked = [](GroundKind kind, size_t points) {
      GroundMark m;
      m.id = "m", m.kind = kind, m.width_m = 2;
      for (size_t k = 0; k < points; ++k)
        m.along.push_back({30.0 + 10 * static_cast<double>(k), 20.0 + 10 * static_cast<double>(k)});
      return bool(withGroundMark(emptyPlan(), m));
    };
    QVERIFY(!marked(GroundKind::Path, 1) && marked(GroundKind::Path, 2));
    QVERIFY(!marked(GroundKind::Ripples, 0) && marked(GroundKind::Ripples, 1));
  }

  // A stamp of height s whose foot lies y under the horizon h reads as s e / (h - y): the horizon that makes
  // it fit must lie between y + s e / most and y + s e / least, and the nearest such is taken, half a
  // millimetre inside.
  void theHorizonThatFitsIsTheNearest_data() {
    QTest::addColumn<double>("foot");
    QTest::newRow("reads too tall: the horizon goes up") << 70.0;
    QTest::newRow("reads too small: it comes down") << 20.0;
  }
  void theHorizonThatFitsIsTheNearest() {
    QFETCH(double, foot);
    Plan p = emptyPlan();
    Stamp s = slab("child", 14, 30);
    s.role = Role::Figure;
    s.realHeight = RealHeight{1.1, 0.9, 1.4, {}};
    addStamp(p, s);
    put(p, "child", "child", {60, foot}, 1).depth = OnGround{};
    const double e = p.view->eyeHeight_m, low = foot + 30 * e / 1.4, high = foot + 30 * e / 0.9;
    const AnalysisRef a = analyse(p);
    const auto all = remediesFor(p, 0, *a->depth, a->meetings.placed, {});
    const auto it = std::find_if(all.begin(), all.end(),
                                 [](const Remedy& r) { return r.what == Remedy::What::MoveHorizon; });
    QVERIFY(it != all.end());
    const double expected = std::clamp(96.0, low + 0.5, high - 0.5);
    QVERIFY2(std::fabs(it->after.view->horizon_mm - expected) < 1e-6,
             qPrintable(QStringLiteral("%1 for %2").arg(it->after.view->horizon_mm).arg(expected)));
    QVERIFY(std::fabs(it->by_mm - (expected - 96)) < 1e-6 && expected != 96);
    for (const ScaleReading& r : readScales(it->after)) QVERIFY(r.verdict == ScaleVerdict::Fits);
    QCOMPARE(it->mends, 1);
  }
};

HAVLO_TEST(TstBounds)
#include "tst_bounds.moc"
