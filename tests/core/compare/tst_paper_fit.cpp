// How a paper had lain, against least squares by Eigen where every end is seen, and against papers whose lie
// is known where most ends are hidden under a line.
#include <QTest>
#include <cmath>

#include "core/base/random.h"
#include "core/compare/paper_fit.h"
#include "core/learn/learn.h"
#include "tests/support/least_squares.h"
#include "tests/support/program.h"

using namespace havlo;
using havlo::testing::thorough;

namespace {

struct Lie {
  Point by;
  double turn_deg = 0, grow_mm = 0;
};

/// Ends round a house of 30 by 40 mm; those within `line` of the border cannot be seen.
std::vector<PaperEnd> endsOf(const Lie& lie, Random& random, double line_mm, double inset_mm, int places) {
  const Ring house = {{0, 0}, {30, 0}, {30, 25}, {15, 40}, {0, 25}};
  const Point middle{15, 20};
  std::vector<PaperEnd> out;
  for (int k = 0; k < places; ++k) {
    const size_t side = ix(static_cast<int>(random.unit() * 5));
    const Point a = house[side], b = house[(side + 1) % 5];
    const Point at = midway(a, b, random.unit());
    const Point along = b - a;
    const Point outward = Point{along.y, -along.x} * (1 / length(along));
    const double edge = dot(outward, lie.by) +
                        lie.turn_deg * 3.14159265358979 / 180 * cross(at - middle, outward) + lie.grow_mm +
                        0.1 * random.gaussian();
    const double seen = edge - inset_mm;
    if (seen > -line_mm && seen < 0) {
      out.push_back({at, outward, inset_mm - line_mm, inset_mm});
    } else {
      out.push_back({at, outward, edge, edge});
    }
  }
  return out;
}

}  // namespace

class TstPaperFit : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void whereAllEndsAreSeenItIsLeastSquares() {
    Random random(3);
    const Lie lie{{0.4, -0.3}, 0.7, 0.15};
    const auto ends = endsOf(lie, random, 0, 0.3, 60);
    std::vector<testing::Equation> equations;
    for (const PaperEnd& e : ends)
      equations.push_back({{e.outward.x, e.outward.y, cross(e.at - Point{15, 20}, e.outward), 1}, e.from});
    const std::vector<double> best = testing::leastSquares(equations);
    const auto paper = paperFrom(ends, {15, 20});
    QVERIFY(paper.has_value());
    QVERIFY(std::fabs(paper->by.x - best[0]) < 0.03 && std::fabs(paper->by.y - best[1]) < 0.03);
    QVERIFY(std::fabs(paper->turn_deg - best[2] * 180 / 3.14159265358979) < 0.1);
    QVERIFY(std::fabs(paper->grow_mm - best[3]) < 0.03);
  }

  // A paper that lay so well that hardly an end is seen tells that it lay well.
  void hiddenEndsTellToo() {
    Random random(4);
    const auto ends = endsOf({{0.05, 0.02}, 0.1, 0}, random, 0.5, 0.25, 120);
    QVERIFY(std::count_if(ends.begin(), ends.end(), [](const PaperEnd& e) { return e.from < e.to; }) > 100);
    const auto paper = paperFrom(ends, {15, 20});
    QVERIFY(paper.has_value());
    QVERIFY(length(paper->by) < 0.2 && std::fabs(paper->turn_deg) < 0.5);
    QVERIFY(paper->bySd.x < 0.25 && paper->bySd.y < 0.25);
  }

  void whatIsNotToldIsSaidToBeUnsure() {
    // Ends at one straight side tell nothing along it.
    std::vector<PaperEnd> ends;
    for (int k = 0; k < 30; ++k) ends.push_back({{0.0 + k, 0}, {0, -1}, 0.4, 0.4});
    const auto paper = paperFrom(ends, {15, 20});
    QVERIFY(paper.has_value());
    QVERIFY(paper->bySd.x > 1);
    QVERIFY(!paperFrom(std::span(ends).first(5), {15, 20}));
    // Ends that no one paper explains.
    Random random(5);
    for (PaperEnd& e : ends) e.from = e.to = 2 * random.unit() - 1;
    QVERIFY(!paperFrom(ends, {15, 20}));
  }

  // 36 papers each of many makers: what is told lies within twice what is said for nine of ten; and from
  // three cards it is known how exactly they were laid.
  void knownPapersAreFoundAgain() {
    int told = 0, within = 0, makers = 0, known = 0;
    for (int maker = 0; maker < (thorough() ? 40 : 6); ++maker) {
      Random random(static_cast<uint64_t>(maker) + 10);
      const double placing = 0.08 + 0.4 * random.unit(), turn = 0.15 + 0.7 * random.unit(),
                   cutting = 0.04 + 0.15 * random.unit();
      LogEntry e;
      e.id = "card", e.ended_s = 1;
      for (int k = 0; k < 36; ++k) {
        const Lie lie{{placing * random.gaussian(), placing * random.gaussian()},
                      turn * random.gaussian(),
                      cutting * random.gaussian()};
        const auto ends = endsOf(lie, random, 0.4, 0.3, 40 + static_cast<int>(80 * random.unit()));
        const auto paper = paperFrom(ends, {15, 20});
        if (!paper) continue;
        const auto tell = [&](double value, double real, double sd) {
          ++told, within += std::fabs(value - real) <= 2 * sd;
        };
        tell(paper->by.x, lie.by.x, paper->bySd.x), tell(paper->by.y, lie.by.y, paper->bySd.y);
        tell(paper->turn_deg, lie.turn_deg, paper->turnSd_deg),
            tell(paper->grow_mm, lie.grow_mm, paper->growSd_mm);
        e.papers.push_back({"a", paper->by, paper->turn_deg, paper->grow_mm, paper->bySd, paper->turnSd_deg,
                            paper->growSd_mm, false});
      }
      const MakerLearnt learnt = learnFrom(std::vector<LogEntry>{e});
      for (const auto& [trait, real] :
           {std::pair(Trait::MaskPlacing, placing), {Trait::MaskTurn, turn}, {Trait::MaskCutting, cutting}}) {
        ++makers;
        known += std::fabs(learnt[trait].fit.value - real) <= 2 * learnt[trait].fit.sd;
      }
    }
    qInfo("of %d numbers %d within twice what is said; of %d spreads %d", told, within, makers, known);
    QVERIFY(told > 750 && within >= 0.9 * told);
    QVERIFY(known >= 0.8 * makers);
  }
};

HAVLO_TEST(TstPaperFit)
#include "tst_paper_fit.moc"
