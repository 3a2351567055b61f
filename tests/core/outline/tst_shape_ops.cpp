// Shape operations against Clipper (an independent library on integer coordinates) and against exact shapes.
#include <QTest>
#include <clipper.hpp>
#include <cmath>
#include <functional>
#include <opencv2/imgproc.hpp>
#include <random>
#include <set>

#include "core/depth/stamp_outline.h"
#include "core/outline/border_index.h"
#include "core/outline/distance.h"
#include "core/outline/hull.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shape_rows.h"
#include "core/outline/shared_area.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

constexpr double kUnits = 100000;  // Clipper units a mm

ClipperLib::Paths toClipper(const Rings& rings) {
  ClipperLib::Paths out;
  for (const Ring& ring : rings) {
    ClipperLib::Path path;
    for (Point p : ring) path.emplace_back(std::llround(p.x * kUnits), std::llround(p.y * kUnits));
    out.push_back(path);
  }
  ClipperLib::Paths clean;
  ClipperLib::SimplifyPolygons(out, clean, ClipperLib::pftEvenOdd);
  return clean;
}

double clipperArea(const ClipperLib::Paths& paths) {
  double sum = 0;
  for (const auto& p : paths) sum += ClipperLib::Area(p);
  return std::abs(sum) / kUnits / kUnits;
}

double clipperShared(const Rings& a, const Rings& b, ClipperLib::ClipType how = ClipperLib::ctIntersection) {
  ClipperLib::Clipper c;
  c.AddPaths(toClipper(a), ClipperLib::ptSubject, true);
  c.AddPaths(toClipper(b), ClipperLib::ptClip, true);
  ClipperLib::Paths out;
  c.Execute(how, out, ClipperLib::pftEvenOdd, ClipperLib::pftEvenOdd);
  return clipperArea(out);
}

ClipperLib::Paths clipperOffset(const ClipperLib::Paths& paths, double by_mm) {
  ClipperLib::ClipperOffset o(2, 0.0005 * kUnits);
  o.AddPaths(paths, ClipperLib::jtRound, ClipperLib::etClosedPolygon);
  ClipperLib::Paths out;
  o.Execute(out, by_mm * kUnits);
  return out;
}

std::vector<std::pair<Rings, Rings>> randomPairs(uint32_t seeds) {
  std::vector<std::pair<Rings, Rings>> out;
  for (uint32_t seed = 0; seed < seeds; ++seed) {
    const Plan p = testing::randomPlan(seed);
    for (size_t i = 0; i + 1 < p.impressions.size(); ++i) {
      const auto shape = [&](size_t k) {
        return placingOf(p.impressions[k], *p.stamp(p.impressions[k].stamp))
            .toPanel(p.stamp(p.impressions[k].stamp)->silhouette);
      };
      out.emplace_back(shape(i), shape(i + 1));
    }
  }
  return out;
}

}  // namespace

class TstShapeOps : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  /// A quarter turn and a sixth of one, by hand: cos 60 = 1/2, sin 60 = sqrt(3)/2.
  void aStampIsPlacedAndFoundAgain() {
    const auto alike = [](Point a, Point b) { return distance(a, b) < 1e-12; };
    const Placing quarter({2, 3}, {10, 20}, Degrees{90});
    QVERIFY(alike(quarter.toPanel({7, 3}), {10, 25}) && alike(quarter.toPanel({2, 4}), {9, 20}));
    QVERIFY(alike(quarter.toFrame({10, 25}), {7, 3}) && alike(quarter.toFrame({9, 20}), {2, 4}));
    const Placing sixth({2, 3}, {10, 20}, Degrees{60});
    const double half = std::sqrt(3.0) / 2;
    QVERIFY(alike(sixth.toPanel({3, 3}), {10.5, 20 + half}) &&
            alike(sixth.toPanel({2, 4}), {10 - half, 20.5}));
    QVERIFY(alike(sixth.toFrame({10.5, 20 + half}), {3, 3}) &&
            alike(sixth.toFrame({10 - half, 20.5}), {2, 4}));
    for (const Point p : {Point{0, 0}, Point{-4, 9}, Point{30, -2}})
      QVERIFY(alike(sixth.toFrame(sixth.toPanel(p)), p));
  }
  void sharedAreasAgreeWithClipper() {
    int shared = 0;
    for (const auto& [a, b] : randomPairs(60)) {
      const double ours = sharedArea(SweepEdges(a), SweepEdges(b));
      const double theirs = clipperShared(a, b);
      if (theirs > 0) ++shared;
      QVERIFY2(std::abs(ours - theirs) < 1e-3 + 1e-5 * theirs,
               qPrintable(QStringLiteral("%1 %2").arg(ours).arg(theirs)));
      QVERIFY(std::abs(areaOf(intersection(a, b)) - theirs) < 1e-3 + 1e-5 * theirs);
      const SweepEdges edges(b);
      const SweepEdges* const covers[] = {&edges};
      QVERIFY(std::abs(areaLeft(SweepEdges(a), covers) - clipperShared(a, b, ClipperLib::ctDifference)) <
              1e-3 + 1e-5 * theirs);
    }
    QVERIFY(shared > 30);
  }

  void coincidingEdgesShareExactly() {
    const Rings a = rectangle({0, 0, 10, 10}), b = rectangle({10, 0, 20, 10}), c = rectangle({0, 0, 10, 4});
    QCOMPARE(sharedArea(SweepEdges(a), SweepEdges(b)), 0.0);
    QCOMPARE(sharedArea(SweepEdges(a), SweepEdges(a)), 100.0);
    QCOMPARE(sharedArea(SweepEdges(a), SweepEdges(c)), 40.0);
  }

  void areaLeftUnderSeveralCovers() {
    const SweepEdges whole(rectangle({0, 0, 10, 10})), left(rectangle({-1, -1, 6, 11})),
        right(rectangle({5, -1, 12, 11}));
    const SweepEdges* const both[] = {&left, &right};
    QCOMPARE(areaLeft(whole, both), 0.0);
    const SweepEdges* const one[] = {&left};
    QCOMPARE(areaLeft(whole, one), 40.0);
    // A beam across: its level edges pass on both sides.
    const SweepEdges beam(rectangle({-5, 3, 20, 7}));
    const SweepEdges* const across[] = {&beam};
    QCOMPARE(areaLeft(whole, across), 60.0);
    QCOMPARE(sharedArea(whole, beam), 40.0);
  }

  void combsCountTheirSquares() {
    // Walls along a grid, upright or lying, then pushed aside: a shear keeps every area, so counting squares
    // is the answer. Most of each lies beside the others, with edges that run level from one side past the
    // other.
    std::mt19937 random(7);
    const auto any = [&](int least, int most) {
      return std::uniform_int_distribution<int>(least, most)(random);
    };
    using Squares = std::set<std::pair<int, int>>;
    for (int n = 0; n < 400; ++n) {
      const double shear = n % 3 ? any(-8, 8) / 16.0 : 0;
      const auto comb = [&](Squares& squares) {
        const bool lying = any(0, 1);
        const int left = any(0, 20), bottom = any(0, 20), teeth = any(1, 9);
        Ring top, below;
        for (int k = 0; k < teeth; ++k) {
          const int x = left + 2 * k, low = bottom + any(0, 5), high = bottom + any(6, 14);
          for (double at : {x, x + 2}) top.push_back({at, 1.0 * high}), below.push_back({at, 1.0 * low});
          for (int column : {x, x + 1})
            for (int y = low; y < high; ++y)
              squares.insert(lying ? std::pair(y, column) : std::pair(column, y));
        }
        std::reverse(below.begin(), below.end());
        top.insert(top.end(), below.begin(), below.end());
        for (Point& p : top) {
          if (lying) std::swap(p.x, p.y);
          p.x += shear * p.y;
        }
        return Rings{top};
      };
      Squares own, others;
      const SweepEdges shape(comb(own));
      std::vector<SweepEdges> covers;
      Squares first;
      covers.emplace_back(comb(first));
      others = first;
      for (int more = any(0, 6); more > 0; --more) covers.emplace_back(comb(others));
      std::vector<const SweepEdges*> pointers;
      for (const SweepEdges& c : covers) pointers.push_back(&c);
      const auto in = [](const Squares& all) { return [&](const auto& q) { return all.count(q) > 0; }; };
      const auto both = std::count_if(own.begin(), own.end(), in(first));
      const auto left = std::count_if(own.begin(), own.end(), std::not_fn(in(others)));
      const double shared = sharedArea(shape, covers[0]), shows = areaLeft(shape, pointers);
      QVERIFY2(std::abs(shared - static_cast<double>(both)) < 1e-9,
               qPrintable(QStringLiteral("%1: %2 of %3").arg(n).arg(shared).arg(both)));
      QVERIFY2(std::abs(shows - static_cast<double>(left)) < 1e-9,
               qPrintable(QStringLiteral("%1: %2 of %3").arg(n).arg(shows).arg(left)));
      QVERIFY(std::abs(sweptArea(shape) - static_cast<double>(own.size())) < 1e-9);
    }
  }

  void clippingKeepsTheAreaInside() {
    const Box panel{0, 0, 60, 90};
    for (const auto& [a, b] : randomPairs(25)) {
      QVERIFY(std::abs(sweptArea(SweepEdges(clippedTo(panel, a))) - clipperShared(a, rectangle(panel))) <
              1e-3);
      Q_UNUSED(b)
    }
  }

  void insetAndOpeningAgreeWithClipper() {
    for (uint32_t seed = 0; seed < 25; ++seed) {
      const Plan p = testing::randomPlan(seed);
      for (const StampRef& s : p.stamps) {
        const auto paths = toClipper(s->silhouette);
        const double rim = 0.002 * 4 * (s->width_mm + s->height_mm);  // both draw arcs as polygons
        QVERIFY(std::abs(areaOf(offset(s->silhouette, Millimetres{-0.8})) -
                         clipperArea(clipperOffset(paths, -0.8))) < rim);
        const double ours = areaOf(opened(s->silhouette, Millimetres{1.0}));
        QVERIFY(std::abs(ours - clipperArea(clipperOffset(clipperOffset(paths, -1.0), 1.0))) < rim);
      }
    }
  }

  // Exact: a rectangle inset by d; opened by r it loses (4 - pi) r² at its corners.
  void exactShapes() {
    const Rings r = rectangle({0, 0, 30, 20});
    QVERIFY(std::abs(areaOf(offset(r, Millimetres{-2})) - 26 * 16) < 1e-9);
    QVERIFY(std::abs(areaOf(opened(r, Millimetres{2})) - (600 - (4 - M_PI) * 4)) < 0.05);
    QVERIFY(offset(r, Millimetres{-10.01}).empty());
  }

  void holesAreFilledByTheCircleThatFits() {
    Rings ring = rectangle({0, 0, 20, 20});
    ring.push_back(rectangle({8, 8, 11, 11})[0]);  // a circle of 3 mm fits exactly
    QVERIFY(std::abs(areaOf(withSmallHolesFilled(ring, Millimetres{3.0})) - 391) < 1e-9);
    QVERIFY(std::abs(areaOf(withSmallHolesFilled(ring, Millimetres{3.01})) - 400) < 1e-9);
    ring[1] = rectangle({2, 8, 18, 9})[0];  // long but narrow
    QVERIFY(std::abs(areaOf(withSmallHolesFilled(ring, Millimetres{1.2})) - 400) < 1e-9);
  }

  void anIslandInAFilledHoleIsTakenIn() {
    Rings rings = rectangle({0, 0, 30, 30});
    rings.push_back(rectangle({10, 10, 15, 15})[0]);
    rings.push_back(rectangle({12, 12, 13, 13})[0]);
    QVERIFY(std::abs(areaOf(rings) - (900 - 25 + 1)) < 1e-9);
    QVERIFY(std::abs(areaOf(withSmallHolesFilled(rings, Millimetres{6})) - 900) < 1e-9);
    QCOMPARE(pieces(rings).size(), size_t(2));
  }

  void theOutlineOfAStampIsFourTenthsWide() {
    Stamp s = testing::slab("s", 20, 10);
    s.solid = false;
    QVERIFY(std::abs(areaOf(printedShape(s, {})) - (200 - 19.2 * 9.2)) < 1e-9);
    // The cut edge of a part has no line: only the three outer sides are left of the lower half.
    const double part = areaOf(printedShape(s, rectangle({0, 0, 20, 5})));
    QVERIFY(std::abs(part - (20 * 5 - 19.2 * 4.6)) < 1e-9);
  }

  // What was mended once is read again as it is: else a plan that was saved could not be opened.
  void whatIsMendedStaysAsItIs() {
    std::mt19937 random(3);
    std::vector<Rings> all{{{{0, 0}, {10, 10}, {10, 0}, {0, 10}, {50, 0}, {50, 50}}}};  // found by chance
    for (int k = 0; k < 400; ++k) {
      Rings rings(1 + random() % 3);
      // On a grid lines lie on lines and corners on corners.
      const double grid = k % 2 ? 1 : 1.0 / 8191;
      const auto anywhere = [&] {
        return grid * std::floor(static_cast<double>(random() % 100000) * 12e-5 / grid);
      };
      for (Ring& ring : rings)
        for (size_t n = 3 + random() % 6; n > 0; --n) ring.push_back({anywhere(), anywhere()});
      all.push_back(rings);
    }
    int mended = 0;
    for (size_t which = 0; which < all.size(); ++which) {
      const Rings& rings = all[which];
      const auto once = withoutCrossings(rings);
      if (!once) continue;  // a ring that covers nothing
      mended += once.value().split;
      const auto twice = withoutCrossings(once.value().rings);
      QVERIFY2(bool(twice), twice ? "" : twice.error().text().c_str());
      QVERIFY(!twice.value().split);
      QVERIFY(twice.value().rings == once.value().rings);
      if (which % 2 == 0) continue;  // of lines on lines GEOS says otherwise than the rule, now and then
      // Whether a point lies inside, by counting the lines to its left (the even-odd rule).
      for (int k = 0; k < 20; ++k) {
        const Point p{static_cast<double>(random() % 1300) / 100 + 0.0031,
                      static_cast<double>(random() % 1300) / 100 + 0.0017};
        int left = 0;
        for (const Ring& ring : rings)
          for (size_t i = 0; i < ring.size(); ++i) {
            const Point a = ring[i], b = ring[(i + 1) % ring.size()];
            if ((a.y > p.y) != (b.y > p.y) && a.x + (p.y - a.y) / (b.y - a.y) * (b.x - a.x) < p.x) ++left;
          }
        QCOMPARE(covers(once.value().rings, p), left % 2 == 1);
      }
    }
    QVERIFY(mended > 100);
  }

  void rowsTellWhereAShapeLies() {
    // Against Clipper's test of points, for shapes with holes and crossings (even-odd rule).
    std::mt19937 random(7);
    std::uniform_real_distribution<double> at(0, 40);
    int within = 0;
    for (int k = 0; k < 60; ++k) {
      Rings shape(1 + random() % 3);
      for (Ring& ring : shape)
        for (size_t n = 3 + random() % 9; n > 0; --n) ring.push_back({at(random), at(random)});
      const ClipperLib::Paths paths = toClipper(shape);
      const auto rows = crossingsOf(shape, 0.37, 0.83, 47);
      for (int y = 0; y < 47; ++y) {
        QCOMPARE(rows[ix(y)].size() % 2, size_t(0));
        for (int n = 0; n < 20; ++n) {
          const Point p{at(random), 0.37 + y * 0.83};
          const ClipperLib::IntPoint q(std::llround(p.x * kUnits), std::llround(p.y * kUnits));
          const auto near = [&](double x) { return std::fabs(x - p.x) < 1e-3; };
          if (std::any_of(rows[ix(y)].begin(), rows[ix(y)].end(), near)) continue;
          const auto inside = std::count_if(paths.begin(), paths.end(), [&](const ClipperLib::Path& path) {
            return ClipperLib::PointInPolygon(q, path) != 0;
          });
          QCOMPARE(isBetween(rows[ix(y)], p.x), inside % 2 == 1);
          within += inside % 2 == 1;
        }
      }
    }
    QVERIFY(within > 5000);
    // Heights outside it, and none at all.
    QVERIFY(crossingsOf(rectangle({0, 0, 4, 4}), 5, 1, 3)[0].empty());
    QVERIFY(crossingsOf(rectangle({0, 0, 4, 4}), 0, 1, 0).empty());
    // A border that runs along a height is met once.
    const auto low = crossingsOf(rectangle({0, 0, 4, 4}), 0, 4, 2);
    QVERIFY(low[0].empty() && low[1].size() == 2);
  }

  // What an index says of many points is what every side says of each: random tangles, a ring of many sides,
  // dots.
  void theBorderIndexIsEverySide() {
    std::mt19937 random(29);
    std::uniform_real_distribution<double> at(-20, 60);
    std::vector<Rings> shapes{rectangle({0, 0, 40, 30}), {}};
    for (int n = 0; n < 30; ++n) {
      Rings tangle;
      for (size_t rings = 1 + random() % 4; rings > 0; --rings) {
        Ring& ring = tangle.emplace_back();
        for (size_t k = 3 + random() % 60; k > 0; --k) ring.push_back({at(random), at(random)});
      }
      shapes.push_back(tangle);
    }
    Rings dots;
    for (int k = 0; k < 40; ++k) {
      Ring& dot = dots.emplace_back();
      for (int c = 0; c < 32; ++c)
        dot.push_back({5.0 * (k % 8) + std::cos(c * M_PI / 16), 6.0 * (k / 8) + std::sin(c * M_PI / 16)});
    }
    shapes.push_back(dots);
    for (const Rings& shape : shapes) {
      const BorderIndex index(shape);
      for (int k = 0; k < 400; ++k) {
        const Point p{at(random), at(random)};
        if (shape.empty()) {
          QVERIFY(std::isinf(index.signedDistance(p)));
          continue;
        }
        const double off = nearestOnBorder(shape, p).distance_mm, told = index.signedDistance(p);
        QVERIFY(std::fabs(std::fabs(told) - off) < 1e-12 * std::max(1.0, off));
        QCOMPARE(told < 0, covers(shape, p));
      }
    }
  }

  // Against OpenCV's hull, an implementation of its own (Sklansky 1982): the same corners.
  void theHullIsOpenCVs() {
    std::mt19937 random(11);
    std::uniform_int_distribution<int> at(0, 30);  // many on one line
    for (int round = 0; round < 300; ++round) {
      std::vector<Point> points;
      std::vector<cv::Point> same;
      for (int n = 3 + round % 40; n > 0; --n) {
        same.emplace_back(at(random), at(random));
        points.push_back({static_cast<double>(same.back().x), static_cast<double>(same.back().y)});
      }
      std::vector<cv::Point> theirs;
      cv::convexHull(same, theirs);
      if (cv::contourArea(theirs) == 0) continue;
      const std::vector<Point> ours = hullOf(points);
      double area = 0;
      for (size_t k = 0; k < ours.size(); ++k) {
        const Point a = ours[k], b = ours[(k + 1) % ours.size()];
        QVERIFY(cross(a, b, ours[(k + 2) % ours.size()]) > 0);  // it turns at every corner, one way
        area += cross(a, b) / 2;
      }
      QVERIFY(std::fabs(area - cv::contourArea(theirs)) < 1e-9);
      for (const Point p : points)
        for (size_t k = 0; k < ours.size(); ++k) QVERIFY(cross(ours[k], ours[(k + 1) % ours.size()], p) >= 0);
    }
  }
};

HAVLO_TEST(TstShapeOps)
#include "tst_shape_ops.moc"
