// Hidden-line removal against a raster depth test written here, and the pencil sheet of whole plans.
#include <QTest>
#include <cmath>
#include <random>

#include "core/chain/chain.h"
#include "core/guides/guides.h"
#include "core/guides/hidden.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

bool insidePolygon(const Ring& r, Point p) {
  bool in = false;
  for (size_t i = 0, k = r.size() - 1; i < r.size(); k = i++)
    if ((r[i].y > p.y) != (r[k].y > p.y) &&
        p.x < (r[k].x - r[i].x) * (p.y - r[i].y) / (r[k].y - r[i].y) + r[i].x)
      in = !in;
  return in;
}

View guidedView() {
  View v;
  v.horizon_mm = 90, v.eyeHeight_m = 1.5, v.nearDistance_m = 2, v.vanishX_mm = 60;
  return v;
}

}  // namespace

class TstGuides : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // Random upright and slanted faces and random lines in space: each of 200 samples of a line must be in a
  // kept part exactly when no face is nearer there, by a depth computed with the ray through that sample.
  void hiddenPartsAgreeWithADepthTest() {
    std::mt19937 dice(9);
    std::uniform_real_distribution<double> u(0, 1);
    const Projection projection(guidedView(), 120);
    for (int round = 0; round < 60; ++round) {
      Screen screen;
      std::vector<std::vector<ScenePoint>> faces;
      for (int k = 0; k < 8; ++k) {
        // A parallelogram in space.
        const ScenePoint c{6 * u(dice) - 3, 2 * u(dice), 2.5 + 12 * u(dice)};
        const ScenePoint e{3 * u(dice) - 1.5, u(dice) - 0.5, 3 * u(dice) - 1.5};
        const ScenePoint f{u(dice) - 0.5, 1 + u(dice), u(dice) - 0.5};
        std::vector<ScenePoint> face{c,
                                     {c.x + e.x, c.up + e.up, c.away + e.away},
                                     {c.x + e.x + f.x, c.up + e.up + f.up, c.away + e.away + f.away},
                                     {c.x + f.x, c.up + f.up, c.away + f.away}};
        if (auto seen = seenFace(projection, face)) {
          screen.add(*seen);
          faces.push_back(face);
        }
      }
      for (int n = 0; n < 12; ++n) {
        const ScenePoint p{8 * u(dice) - 4, 2.5 * u(dice), 2.2 + 14 * u(dice)},
            q{8 * u(dice) - 4, 2.5 * u(dice), 2.2 + 14 * u(dice)};
        const auto line = seenLine(projection, p, q);
        QVERIFY(line.has_value());
        const auto parts = screen.visible(*line);
        const double length = std::hypot(line->b.x - line->a.x, line->b.y - line->a.y);
        int wrong = 0;
        for (int s = 1; s < 200; ++s) {
          const double t = s / 200.0;
          const Point at{line->a.x + t * (line->b.x - line->a.x), line->a.y + t * (line->b.y - line->a.y)};
          // Depth of the line here: the point of the segment in space whose picture this is.
          const double inverse = (1 - t) / p.away + t / q.away;
          bool hidden = false;
          for (const auto& face : faces) {
            Ring ring;
            for (const ScenePoint& c : face) ring.push_back(projection.toPanel(c));
            if (!insidePolygon(ring, at)) continue;
            // The ray through the sample, cut with the face's plane.
            const ScenePoint d = projection.atDistance(at, 1);
            const double ex = face[1].x - face[0].x, eu = face[1].up - face[0].up,
                         ea = face[1].away - face[0].away;
            const double fx = face[3].x - face[0].x, fu = face[3].up - face[0].up,
                         fa = face[3].away - face[0].away;
            const double nx = eu * fa - ea * fu, nu = ea * fx - ex * fa, na = ex * fu - eu * fx;
            const double eye = projection.eyeHeight_m();
            const double along = nx * d.x + nu * (d.up - eye) + na * d.away;
            if (std::fabs(along) < 1e-9) continue;
            const double k = (nx * face[0].x + nu * (face[0].up - eye) + na * face[0].away) / along;
            if (k > 0 && 1 / k > inverse * (1 + 1e-5)) hidden = true;
          }
          bool kept = false;
          for (const SeenLine& part : parts) {
            const double from = std::hypot(part.a.x - line->a.x, part.a.y - line->a.y) / length,
                         to = std::hypot(part.b.x - line->a.x, part.b.y - line->a.y) / length;
            kept = kept || (t >= from && t <= to);
          }
          wrong += kept == hidden;
        }
        // Samples within a thousandth of a border may fall either way.
        QVERIFY2(wrong <= 2, qPrintable(QString::number(wrong)));
      }
    }
  }

  void aFloorLineStopsAtWhatStandsInFront() {
    Plan p = emptyPlan();
    addStamp(p, slab("post", 20, 50));
    put(p, "post", "post", {63.5, 30}, 1).depth = OnGround{};
    GroundMark path;
    path.id = "path", path.along = {{63.5, 0}, {63.5, 96}}, path.width_m = 0.2;
    p.ground = {path};
    const AnalysisRef a = analyse(p);
    const auto guides = guidesOf(p, *a->depth, a->meetings.placed, {false, false});
    double below = 0, above = 1e9;
    for (const Guide& g : guides) {
      QVERIFY(g.of == GuideOf::Ground && g.kind == GuideKind::Ink);
      const double low = std::min(g.line.a.y, g.line.b.y), high = std::max(g.line.a.y, g.line.b.y);
      if (low < 20) below = std::max(below, high);
      if (high > 85) above = std::min(above, low);
    }
    QVERIFY2(std::fabs(below - 30) < 0.01, qPrintable(QString::number(below)));
    QVERIFY2(std::fabs(above - 80) < 0.01, qPrintable(QString::number(above)));
  }

  void aThingBehindTheWallDoesNotHideTheWall() {
    Plan p = emptyPlan();
    addStamp(p, slab("tree", 30, 60));
    put(p, "tree", "tree", {63, 80}, 1).depth = OnGround{};
    GroundMark wall;
    wall.id = "wall", wall.kind = GroundKind::Wall, wall.along = {{20, 50}, {110, 50}}, wall.height_m = 1;
    p.ground = {wall};
    const AnalysisRef a = analyse(p);
    const auto guides = guidesOf(p, *a->depth, a->meetings.placed, {false, false});
    double length = 0;
    for (const Guide& g : guides)
      if (std::fabs(g.line.a.y - 50) < 1e-6 && std::fabs(g.line.b.y - 50) < 1e-6)
        length += std::fabs(g.line.b.x - g.line.a.x);
    QVERIFY(std::fabs(length - 90) < 0.01);
  }

  void shadowsLieUnderTheThingAndNotOnIt() {
    Plan p = emptyPlan();
    addStamp(p, slab("post", 8, 40));
    put(p, "post", "post", {63.5, 40}, 1).depth = OnGround{};
    p.light = Light{Point{63.5, 30}, {}, 0, 0, {}};  // behind the viewer: the shadow falls straight away
    const AnalysisRef a = analyse(p);
    const auto guides = guidesOf(p, *a->depth, a->meetings.placed, {false, true});
    for (const Guide& g : guides) {
      if (g.of != GuideOf::Shadow) continue;
      const Point m{(g.line.a.x + g.line.b.x) / 2, (g.line.a.y + g.line.b.y) / 2};
      QVERIFY(!(m.x > 59.6 && m.x < 67.4 && m.y > 40.1 && m.y < 79.9));
    }
    // With the light from the side it is drawn beside the post.
    p.light = Light{{}, {}, 320, 30, {}};
    const AnalysisRef b = analyse(p);
    int beside = 0;
    for (const Guide& g : guidesOf(p, *b->depth, b->meetings.placed, {false, true}))
      beside += g.of == GuideOf::Shadow && std::min(g.line.a.x, g.line.b.x) < 58;
    QVERIFY(beside > 0);
  }

  void waterMirrorsWhatStandsInItOnlyWhenAsked() {
    Plan p = emptyPlan();
    addStamp(p, slab("post", 6, 30));
    put(p, "post", "post", {63.5, 60}, 1).depth = OnGround{};
    GroundMark water;
    water.id = "water", water.kind = GroundKind::Water, water.along = {{63.5, 20}, {63.5, 70}},
    water.width_m = 20;
    p.ground = {water};
    const auto reflections = [&] {
      const AnalysisRef a = analyse(p);
      Box box;
      for (const Guide& g : guidesOf(p, *a->depth, a->meetings.placed))
        if (g.of == GuideOf::Reflection) box.include(g.line.a), box.include(g.line.b);
      return box;
    };
    QVERIFY(reflections().empty());
    p.ground[0].mirrors = true;
    const Box box = reflections();
    QVERIFY(std::fabs(box.bottom - 30) < 0.1 && std::fabs(box.top - 60) < 0.1);
    QVERIFY(std::fabs(box.left - 60.5) < 0.1 && std::fabs(box.right - 66.5) < 0.1);
  }

  void chainsHoldEveryLineOnce() {
    Plan p = emptyPlan();
    GroundMark ripples;
    ripples.id = "r", ripples.kind = GroundKind::Ripples, ripples.along = {{60, 40}}, ripples.width_m = 1;
    p.ground = {ripples};
    const AnalysisRef a = analyse(p);
    const auto guides = guidesOf(p, *a->depth, a->meetings.placed);
    size_t lines = 0;
    const auto chains = chained(guides);
    for (const GuideChain& c : chains) lines += c.points.size() - 1;
    QCOMPARE(lines, guides.size());
    QVERIFY(chains.size() <= 6);
  }

  // Lines inked along the guides go with the horizon; what the maker drew, or inked elsewhere, stays.
  void inkedGuidesFollowTheView() {
    Plan p = emptyPlan();
    GroundMark path;
    path.id = "path", path.kind = GroundKind::Path, path.along = {{40, 10}, {70, 60}}, path.width_m = 2;
    p.ground = {path};
    HandLine own;
    own.id = "mine", own.ink = "black", own.along = {{10, 10}, {30, 10}};
    p.lines = {own};
    const AnalysisRef a = analyse(p);
    const Plan inked = withGuidesInked(p, *a->depth, a->meetings.placed, "black", 0.5);
    QVERIFY(inked.lines.size() > 1);
    Plan moved = inked;
    moved.view->horizon_mm += 20;
    const AnalysisRef then = analyse(inked), now = analyse(moved);
    const GuidedPlan before{inked, *then->depth, then->meetings.placed};
    const Plan followed = withGuidesFollowing(before, {moved, *now->depth, now->meetings.placed});
    QVERIFY(followed.lines != inked.lines);
    QCOMPARE(followed.lines, withGuidesInked(moved, *now->depth, now->meetings.placed, "black", 0.5).lines);
    QVERIFY(std::find(followed.lines.begin(), followed.lines.end(), own) != followed.lines.end());
    QCOMPARE(followed.lines.back().width_mm, 0.5);
    // Nothing moved, or lines that the edit itself took off: nothing follows.
    QVERIFY(withGuidesFollowing(before, before) == inked);
    Plan bare = moved;
    std::erase_if(bare.lines, isGuide);
    QVERIFY(withGuidesFollowing(before, {bare, *now->depth, now->meetings.placed}) == bare);
    // Lines that did not lie along the guides before are somebody's own.
    Plan askew = inked;
    askew.lines.back().along[0].x += 5;
    Plan askewMoved = askew;
    askewMoved.view->horizon_mm += 20;
    QVERIFY(withGuidesFollowing({askew, *then->depth, then->meetings.placed},
                                {askewMoved, *now->depth, now->meetings.placed}) == askewMoved);
  }

  // Views, rooms, lights and ground marks from the far corners of what a plan may hold: always finite.
  void absurdScenesStayFinite() {
    std::mt19937 dice(31);
    std::uniform_real_distribution<double> u(0, 1);
    const auto wild = [&](double most) {
      const double choices[] = {0, 1e-6, 1, most, most * u(dice), -most * u(dice)};
      return choices[static_cast<size_t>(u(dice) * 5.999)];
    };
    for (int round = 0; round < 300; ++round) {
      Plan p = emptyPlan();
      View v;
      v.horizon_mm = 178 * std::max(1e-6, u(dice));
      v.eyeHeight_m = std::pow(10, 8 * u(dice) - 4), v.nearDistance_m = std::pow(10, 8 * u(dice) - 4);
      v.vanishX_mm = wild(1e5);
      p.view = v;
      addStamp(p, slab("s", 20, 40));
      put(p, "a", "s", {wild(200), v.horizon_mm - std::fabs(wild(200))}, 1).depth = OnGround{};
      put(p, "b", "s", {60, 30}, std::max(1e-6, std::fabs(wild(1e9))));
      p.light = Light{};
      if (u(dice) < 0.7) p.light->at = Point{wild(1e5), u(dice) < 0.3 ? v.horizon_mm : wild(1e5)};
      if (u(dice) < 0.3) p.light->ground_mm = wild(1e5);
      p.light->direction_deg = wild(1e5), p.light->height_deg = wild(1e5);
      for (int kind = 0; kind < 7; ++kind) {
        GroundMark m;
        m.id = "m" + std::to_string(kind), m.kind = static_cast<GroundKind>(kind);
        m.along = {{wild(1e5), wild(1e5)}, {wild(200), wild(200)}, {wild(200), v.horizon_mm}};
        m.width_m = std::max(1e-9, std::fabs(wild(1e9))), m.height_m = std::max(1e-9, std::fabs(wild(1e9)));
        if (u(dice) < 0.5) m.spacing_m = std::max(1e-9, std::fabs(wild(1e9)));
        m.mirrors = true;
        p.ground.push_back(m);
      }
      Room room;
      room.left_mm = wild(1e5), room.bottom_mm = v.horizon_mm - std::max(1e-6, std::fabs(wild(1e5)));
      room.width_mm = std::max(1e-6, std::fabs(wild(1e5))),
      room.height_mm = std::max(1e-6, std::fabs(wild(1e5)));
      room.unit_m = std::max(1e-9, std::fabs(wild(1e9)));
      RoomBox box;
      box.id = "b", box.left_m = wild(1e5), box.back_m = std::fabs(wild(1e5)),
      box.up_m = std::fabs(wild(1e5));
      box.width_m = box.depth_m = box.height_m = std::max(1e-9, std::fabs(wild(1e9)));
      room.boxes = {box};
      p.room = room;
      const AnalysisRef a = analyse(p);
      for (const Finding& f : a->findings) QVERIFY(std::isfinite(f.value));
      const Box panel = p.card.panel.box().grown(1e-3);
      for (const Guide& g : guidesOf(p, *a->depth, a->meetings.placed)) {
        QVERIFY2(std::isfinite(g.line.inverseA + g.line.inverseB), qPrintable(QString::number(round)));
        QVERIFY2(panel.contains(g.line.a) && panel.contains(g.line.b), qPrintable(QString::number(round)));
      }
      for (const CastShadow& s : castShadows(p, *a->depth, a->meetings.placed))
        for (const Ring& r : s.shape)
          for (const Point q : r) QVERIFY(std::isfinite(q.x + q.y));
    }
  }

  void everyGuideLiesOnThePanel() {
    for (const char* name : {"canal-towpath", "teaching-avenue"}) {
      Plan p = demo(name);
      p.light = Light{{}, {}, 150, 12, {}};
      GroundMark rails;
      rails.id = "rails", rails.kind = GroundKind::Rails, rails.along = {{10, -30}, {60, p.view->horizon_mm}};
      p.ground.push_back(rails);
      const AnalysisRef a = analyse(p);
      const auto guides = guidesOf(p, *a->depth, a->meetings.placed);
      QVERIFY(guides.size() > 20);
      const Box panel = p.card.panel.box().grown(1e-6);
      for (const Guide& g : guides) QVERIFY(panel.contains(g.line.a) && panel.contains(g.line.b));
    }
  }

  // Where the card ends a mirrored outline is cut off: that is no line to draw. And a reflection is as far as
  // its thing, at both ends of every line.
  void reflectionsAreNotDrawnAlongTheCardsEdge() {
    for (const double x : {1.0, 126.0}) {
      Plan p = emptyPlan();
      addStamp(p, slab("post", 6, 30));
      put(p, "post", "post", {x, 60}, 1).depth = OnGround{};
      GroundMark water;
      water.id = "water", water.kind = GroundKind::Water, water.along = {{x, 20}, {x, 70}},
      water.width_m = 20;
      water.mirrors = true;
      p.ground = {water};
      const AnalysisRef a = analyse(p);
      int lines = 0;
      for (const Guide& g : guidesOf(p, *a->depth, a->meetings.placed)) {
        if (g.of != GuideOf::Reflection) continue;
        ++lines;
        const auto along = [&](double edge) {
          return std::fabs(g.line.a.x - edge) < 0.05 && std::fabs(g.line.b.x - edge) < 0.05;
        };
        QVERIFY(!along(0) && !along(p.card.panel.width_mm));
        QVERIFY(std::fabs(g.line.inverseA - 1 / a->depth->distance_m(0)) < 1e-9);
        QVERIFY(std::fabs(g.line.inverseB - 1 / a->depth->distance_m(0)) < 1e-9);
      }
      QVERIFY(lines >= 2);
    }
  }
};

HAVLO_TEST(TstGuides)
#include "tst_guides.moc"
