// How near two outlines come, against GEOS.
#include <geos_c.h>

#include <QTest>
#include <cmath>
#include <memory>
#include <numbers>
#include <tuple>

#include "core/base/random.h"
#include "core/chain/chain.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// A ragged shape about its foot.
Stamp ragged(const std::string& id, Random& random) {
  Stamp s = slab(id, 20, 20);
  Ring ring;
  constexpr int kCorners = 40;
  for (int k = 0; k < kCorners; ++k) {
    const double angle = 2 * std::numbers::pi * k / kCorners, r = 6 + 4 * random.unit();
    ring.push_back({10 + r * std::cos(angle), 10 + r * std::sin(angle)});
  }
  s.silhouette = {ring};
  s.foot = {10, 10};
  return s;
}

class Geos {
 public:
  /// Between two shapes of one ring each, mm.
  double apart(const Rings& a, const Rings& b) const {
    const Shape one = shape(a[0]), other = shape(b[0]);
    double out = -1;
    GEOSDistance_r(at(), one.get(), other.get(), &out);
    return out;
  }

 private:
  using Shape = std::shared_ptr<GEOSGeometry>;
  std::shared_ptr<void> m_geos{GEOS_init_r(),
                               [](void* g) { GEOS_finish_r(static_cast<GEOSContextHandle_t>(g)); }};
  GEOSContextHandle_t at() const { return static_cast<GEOSContextHandle_t>(m_geos.get()); }
  Shape shape(const Ring& r) const {
    GEOSCoordSequence* points = GEOSCoordSeq_create_r(at(), static_cast<unsigned>(r.size() + 1), 2);
    for (unsigned k = 0; k <= r.size(); ++k)
      GEOSCoordSeq_setXY_r(at(), points, k, r[k % r.size()].x, r[k % r.size()].y);
    GEOSGeometry* ring = GEOSGeom_createLinearRing_r(at(), points);
    return {GEOSGeom_createPolygon_r(at(), ring, nullptr, 0), [g = m_geos](GEOSGeometry* p) {
              GEOSGeom_destroy_r(static_cast<GEOSContextHandle_t>(g.get()), p);
            }};
  }
};

}  // namespace

class TstKissingEdges : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // A border is asked at points at most a quarter millimetre apart, so that what is told is at most half of
  // that more than what GEOS finds; a millimetre is where the rule ends.
  void distancesAreThoseOfGeos() {
    const Geos geos;
    Random random(5);
    constexpr double kBetweenPoints_mm = 0.125;
    int told = 0, apart = 0;
    for (int round = 0; round < 300; ++round) {
      Plan p = emptyPlan();
      addStamp(p, ragged("one", random)), addStamp(p, ragged("other", random));
      const double way = 2 * std::numbers::pi * random.unit(), far = 15 + 6 * random.unit();
      put(p, "one", "one", {70, 50}, 2).turn_deg = 360 * random.unit();
      put(p, "other", "other", {70 + far * std::cos(way), 50 + far * std::sin(way)}, 3).turn_deg =
          360 * random.unit();
      const AnalysisRef a = analyse(p);
      std::vector<Finding> found;
      readKissingEdges(p, *a, found);
      const auto& placed = a->meetings.placed;
      const double gap = geos.apart(placed[0]->silhouette, placed[1]->silhouette);
      const bool overlap = !a->meetings.list.empty() && a->meetings.list[0].overlaps();
      if (overlap || gap > 1) {
        QVERIFY2(found.empty(), qPrintable(QString::number(gap)));
        apart += gap > 1;
        continue;
      }
      if (found.empty()) {
        QVERIFY2(gap > 1 - kBetweenPoints_mm, qPrintable(QString::number(gap)));
        continue;
      }
      ++told;
      QCOMPARE(found.size(), size_t{1});
      QVERIFY2(found[0].value >= gap - 1e-9 && found[0].value <= gap + kBetweenPoints_mm,
               qPrintable(QStringLiteral("%1 for %2").arg(found[0].value).arg(gap)));
    }
    QVERIFY(told > 20 && apart > 20);
  }

  /// How near two things come is kept while neither moves. Things are moved, turned, put before one another,
  /// and the hands err more: what is told is what a look at the card alone tells.
  void whatIsKnownChangesNothing() {
    Random random(11);
    Plan p = emptyPlan();
    const char* const names[] = {"one", "two", "three", "four"};
    for (int k = 0; k < 4; ++k) {
      addStamp(p, ragged(names[k], random));
      put(p, names[k], names[k], {40 + 17.5 * (k % 2), 40 + 17.5 * (k / 2)}, 2 + k);
    }
    const auto told = [](const Analysis& a) {
      std::vector<std::tuple<int, int, double>> out;
      for (const Finding& f : a.findings)
        if (f.kind == FindingKind::KissingEdges)
          out.emplace_back(f.impressions[0], f.impressions[1], f.value);
      return out;
    };
    AnalysisRef known;
    int some = 0, kept = 0;
    for (int round = 0; round < 200; ++round) {
      Impression& moved = p.impressions[random.below(4)];
      if (round % 10 == 3) {
        moved.depth = AtMetres{2 + 4 * random.unit()};
      } else if (round % 10 == 7) {
        p.habits.printPlacing_mm = kUsualPlacing_mm * (1 + random.unit());
      } else {
        moved.at = moved.at + Point{random.unit() - 0.5, random.unit() - 0.5};
        moved.turn_deg += 4 * random.unit();
      }
      const AnalysisRef a = withLooks(p, analyse(p, known.get()), nullptr);
      Analysis alone = *analyse(p);
      readKissingEdges(p, alone, alone.findings);
      QVERIFY2(told(*a) == told(alone), qPrintable(QString::number(round)));
      QVERIFY(told(*analyseUnseen(p, known.get())) == told(alone));
      some += !told(alone).empty();
      const AnalysisRef next = analyse(p, a.get());
      for (const Meeting& m : next->meetings.list) kept += m.gap.within_mm >= 0;
      known = a;
    }
    QVERIFY2(some > 50 && kept > 200, qPrintable(QStringLiteral("%1, %2").arg(some).arg(kept)));
  }
};

HAVLO_TEST(TstKissingEdges)
#include "tst_kissing_edges.moc"
