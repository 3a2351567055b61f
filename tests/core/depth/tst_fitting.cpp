// What a foot comes to rest on, and the points along a border, against GEOS and by the rules' own words.
#include <geos_c.h>

#include <QTest>
#include <cmath>
#include <memory>

#include "core/chain/chain.h"
#include "core/depth/fitting.h"
#include "core/depth/stamp_outline.h"
#include "core/outline/shared_area.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Contact contact(ContactKind kind, Point at) {
  Contact c;
  c.kind = kind, c.at = at;
  return c;
}

std::optional<Rest> rest(const Plan& p, int thing, Point foot, double reach) {
  return restFor(p, thing, foot, reach, analyse(p)->meetings.placed);
}

/// A gate with a perch on it, and a bird.
Plan gateAndBird(double birdHeight, ContactKind kind = ContactKind::Perch) {
  Plan p = emptyPlan();
  Stamp gate = slab("gate", 40, 30);
  gate.contacts = {contact(kind, {20, 36})};  // above its top edge
  addStamp(p, gate), addStamp(p, slab("bird", 8, birdHeight));
  put(p, "gate", "gate", {50, 20}, 2), put(p, "bird", "bird", {10, 100}, 1).depth = OnGround{};
  return p;
}

}  // namespace

class TstFitting : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void onlyPerchesAndHandsAreStoodOn() {
    for (const auto& [kind, held] : {std::pair{ContactKind::Perch, true},
                                     {ContactKind::Hand, true},
                                     {ContactKind::Underside, false},
                                     {ContactKind::Start, false}}) {
      const auto r = rest(gateAndBird(10, kind), 1, {50.5, 56.5}, 3);
      QCOMPARE(r && r->on == Rest::On::Contact, held);
    }
  }

  // Nothing stands on what is smaller than itself; what hangs already may.
  void theTallerDoesNotStandOnTheSmaller() {
    QVERIFY(rest(gateAndBird(29), 1, {50.5, 56.5}, 3));
    QVERIFY(!rest(gateAndBird(31), 1, {50.5, 56.5}, 3));
    Plan p = gateAndBird(31);
    p.impressions[1].depth = AtMetres{1};
    QVERIFY(rest(p, 1, {50.5, 56.5}, 3));
  }

  // A point meant for it is caught from twice as far as an edge: at 5.5 mm from the perch and 3 mm from the
  // top edge it is the perch, at 6.5 mm the edge.
  void aPointIsCaughtBeforeAMereEdge() {
    const Plan p = gateAndBird(10);
    const auto near = rest(p, 1, {50 - std::sqrt(5.5 * 5.5 - 9), 53}, 10);
    QVERIFY(near && near->on == Rest::On::Contact && near->at == (Point{50, 56}));
    const auto far = rest(p, 1, {50 - std::sqrt(6.5 * 6.5 - 9), 53}, 10);
    QVERIFY(far && far->on == Rest::On::Top);
    QVERIFY(std::fabs(far->at.y - 50) < 1e-9);
    // And not from farther than the reach.
    QVERIFY(rest(p, 1, {50, 56 + 7.9}, 4) && !rest(p, 1, {50, 56 + 8.1}, 4));
  }

  // A gate does not come to rest on the bird that sits on it, nor on what sits on that one.
  void nothingRestsOnWhatItCarries() {
    Plan p = gateAndBird(10);
    addStamp(p, slab("board", 40, 60));
    put(p, "board", "board", {110, 20}, 3).depth = OnThing{"bird", false};
    put(p, "other", "board", {20, 20}, 4);
    const Point top{112, 80.4};
    QCOMPARE(rest(p, 0, {22, 80.4}, 2)->other, 3);
    QCOMPARE(rest(p, 0, top, 2)->other, 2);  // it hangs on a bird that sits nowhere
    p.impressions[1].depth = OnThing{"gate", false};
    QVERIFY(!rest(p, 0, top, 2));
    QVERIFY(rest(p, 0, {22, 80.4}, 2));
  }

  // Banks hold a foot; a drawn shadow and rings on the water do not.
  void shadowsAndRipplesHoldNothing() {
    for (const GroundKind kind :
         {GroundKind::Path, GroundKind::Canal, GroundKind::Shadow, GroundKind::Ripples}) {
      Plan p = emptyPlan();
      addStamp(p, slab("bird", 8, 10));
      put(p, "bird", "bird", {10, 100}, 1).depth = OnGround{};
      GroundMark m;
      m.id = "m", m.kind = kind, m.along = {{60, 10}, {60, 70}}, m.width_m = 1;
      if (kind == GroundKind::Ripples) m.along.resize(1);
      p.ground = {m};
      const bool holds = kind == GroundKind::Path || kind == GroundKind::Canal;
      QCOMPARE(bool(rest(p, 0, {60, 12}, 60)), holds);
    }
  }

  // Every point of the border list lies on the border (GEOS), and no two neighbours are farther apart than a
  // quarter millimetre.
  void borderPointsLieOnTheBorder() {
    auto stamp = std::make_shared<Stamp>(slab("s", 10, 6));
    stamp->silhouette = {{{1, 0}, {9, 1}, {10, 6}, {4, 3}, {0, 5}}};
    const OutlineRef o = outlineOf(stamp, {});
    const std::shared_ptr<void> geos(GEOS_init_r(),
                                     [](void* g) { GEOS_finish_r(static_cast<GEOSContextHandle_t>(g)); });
    const auto g = static_cast<GEOSContextHandle_t>(geos.get());
    const Ring& r = stamp->silhouette[0];
    GEOSCoordSequence* points = GEOSCoordSeq_create_r(g, static_cast<unsigned>(r.size() + 1), 2);
    for (unsigned k = 0; k <= r.size(); ++k)
      GEOSCoordSeq_setXY_r(g, points, k, r[k % r.size()].x, r[k % r.size()].y);
    GEOSGeometry* ring = GEOSGeom_createLinearRing_r(g, points);
    double length = 0;
    GEOSLength_r(g, ring, &length);
    for (size_t k = 0; k < o->border.size(); ++k) {
      GEOSGeometry* at = GEOSGeom_createPointFromXY_r(g, o->border[k].x, o->border[k].y);
      double off = 1;
      GEOSDistance_r(g, ring, at, &off);
      GEOSGeom_destroy_r(g, at);
      QVERIFY(off < 1e-9);
      const Point next = o->border[(k + 1) % o->border.size()];
      QVERIFY(std::hypot(next.x - o->border[k].x, next.y - o->border[k].y) <= 0.25 + 1e-9);
    }
    QVERIFY(static_cast<double>(o->border.size()) >= length / 0.25);
    GEOSGeom_destroy_r(g, ring);
  }

  // Without art and not solid, a stamp prints a line of 0.4 mm inside its silhouette; with art or solid, what
  // counts is all of it.
  void whatAStampPrints() {
    const auto ink = [](bool art, bool solid) {
      auto s = std::make_shared<Stamp>(slab("s", 20, 10));
      s->solid = solid;
      if (art) s->art = "<svg/>";
      double area = 0;
      const OutlineRef outline = outlineOf(s, {});
      for (const Ring& r : outline->ink) {
        double a = 0;
        for (size_t k = 0; k < r.size(); ++k)
          a += r[k].x * r[(k + 1) % r.size()].y - r[(k + 1) % r.size()].x * r[k].y;
        area += a / 2;  // holes run the other way
      }
      return std::fabs(area);
    };
    QVERIFY(std::fabs(ink(false, false) - (20 * 10 - 19.2 * 9.2)) < 0.01);
    QVERIFY(std::fabs(ink(true, false) - 200) < 1e-9 && std::fabs(ink(false, true) - 200) < 1e-9 &&
            std::fabs(ink(true, true) - 200) < 1e-9);
  }
};

HAVLO_TEST(TstFitting)
#include "tst_fitting.moc"
