// Half-inked pixels at the edges of drawn art must not refuse a plan whose inks let nearly everything
// through: what is masked rightly is proven, at every resolution, and what is not is refused.
#include <QTest>

#include "core/chain/chain.h"
#include "core/outline/shape_ops.h"
#include "io/art/svg_art.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// The silhouette as a drawing: filled, or as a line of 0.5 mm inside its border.
std::string drawing(const Stamp& s, bool line) {
  const auto n = [](double v) { return QByteArray::number(v, 'f', 3); };
  QByteArray d;
  for (const Ring& ring : line ? offset(s.silhouette, Millimetres{-0.25}) : s.silhouette) {
    for (size_t k = 0; k < ring.size(); ++k)
      d += (k ? "L" : "M") + n(ring[k].x) + " " + n(s.height_mm - ring[k].y) + " ";
    d += "Z ";
  }
  const QByteArray paint =
      line ? "fill=\"none\" stroke=\"black\" stroke-width=\"0.5\" stroke-linejoin=\"round\""
           : "fill=\"black\" fill-rule=\"evenodd\"";
  return ("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + n(s.width_mm) + "mm\" height=\"" +
          n(s.height_mm) + "mm\" viewBox=\"0 0 " + n(s.width_mm) + " " + n(s.height_mm) + "\"><path " +
          paint + " d=\"" + d + "\"/></svg>")
      .toStdString();
}

Plan drawnPlan(uint32_t seed, bool line) {
  RandomOptions o;
  o.schools = false;
  o.impressions = 6;
  Plan p = randomPlan(seed, o);
  for (StampRef& s : p.stamps) {
    Stamp drawn = *s;
    drawn.art = drawing(drawn, line);
    drawn.solid = !line;
    s = std::make_shared<const Stamp>(drawn);
  }
  for (size_t k = 0; k < p.inks.size(); ++k)
    p.inks[k].opacity = 0.15 + 0.05 * static_cast<double>((seed + k) % 4);
  return p;
}

}  // namespace

class TstHairlines : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void drawnPlansInThinOpaqueInksAreProven_data() {
    QTest::addColumn<bool>("line");
    QTest::addColumn<int>("dpi");
    QTest::newRow("filled, coarse") << false << 100;
    QTest::newRow("filled, fine") << false << 200;
    QTest::newRow("lines, coarse") << true << 100;
    QTest::newRow("lines, fine") << true << 200;
  }
  void drawnPlansInThinOpaqueInksAreProven() {
    QFETCH(bool, line);
    QFETCH(int, dpi);
    const SvgArt art;
    int refused = 0, fine = 0;
    const uint32_t plans = thorough() ? 60 : 24;
    for (uint32_t seed = 0; seed < plans; ++seed) {
      const Plan p = drawnPlan(seed, line);
      const AnalysisRef a = analyse(p, nullptr, &art);
      const Simulation s = simulate(a->press(p, &art), a->sheet, dpi).value();
      if (s.proven) continue;
      const Blame& b = s.worst[0].blame;
      fine += b.kind == Blame::Kind::TooFine;
      if (b.kind == Blame::Kind::TooFine) continue;
      ++refused;
      qInfo() << seed << s.unexplained_mm2 << s.largestPatch_mm2 << static_cast<int>(b.kind) << b.back
              << b.front << b.wash;
    }
    qInfo("%d of %u refused, %d have parts that no mask covers", refused, plans, fine);
    QCOMPARE(refused, 0);
    QVERIFY(fine < static_cast<int>(plans / 2));
  }

  // The same cards with one mask never laid are refused wherever its thing is printed over.
  void aForgottenMaskIsStillSeen() {
    const SvgArt art;
    int tried = 0, refused = 0;
    for (uint32_t seed = 0; seed < 30; ++seed) {
      const Plan p = drawnPlan(seed, false);
      const AnalysisRef a = analyse(p, nullptr, &art);
      int thing = -1;
      for (const Meeting& m : a->meetings.list)
        for (const NeedStep& s : a->needs.steps)
          if (!s.wash && s.index == m.back && m.area_mm2 > 20 && !a->needs.taped[ix(m.front)] &&
              std::find(s.covered.begin(), s.covered.end(), m.front) != s.covered.end())
            thing = m.front;
      if (thing < 0) continue;
      RunSheet sheet = a->sheet;
      for (Step& s : sheet.steps.own())
        std::erase_if(s.covers, [&](const Cover& c) { return c.impression == thing; });
      ++tried;
      refused += !simulate(a->press(p, &art), sheet, 100).value().proven;
    }
    QVERIFY(tried > 8);
    QVERIFY2(refused >= tried - 2, qPrintable(QStringLiteral("%1 of %2").arg(refused).arg(tried)));
  }
};

HAVLO_TEST(TstHairlines)
#include "tst_hairlines.moc"
