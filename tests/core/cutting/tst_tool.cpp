// A blade that trails and a cut that has a width: the dragged tip against the tractrix in closed form
// (Huygens, letter to Leibniz, 1693: y = a / cosh(s / a), x = s - a tanh(s / a)), what is led against the
// masks themselves, and sizes against the areas that plane geometry gives.

#include "core/cutting/cutter.h"
#include "core/cutting/mask_job.h"
#include "core/cutting/tool.h"
#include "core/outline/shape_ops.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;
constexpr double kHalfTurn_rad = 3.14159265358979323846;

namespace {

CutLine ringLine(const std::string& id, Ring ring) {
  ring.push_back(ring.front());
  return {id, std::move(ring), true};
}

Ring roundRing(Point middle, double radius, int sides = 120) {
  Ring out;
  for (int k = 0; k < sides; ++k)
    out.push_back(middle +
                  Point{std::cos(2 * kHalfTurn_rad * k / sides), std::sin(2 * kHalfTurn_rad * k / sides)} *
                      radius);
  return out;
}

Ring starRing(Point middle, double outer, double inner, int points) {
  Ring out;
  for (int k = 0; k < 2 * points; ++k) {
    const double a = kHalfTurn_rad * k / points, r = k % 2 == 0 ? outer : inner;
    out.push_back(middle + Point{std::cos(a), std::sin(a)} * r);
  }
  return out;
}

}  // namespace

class TstTool : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void tipIsDraggedAlongTheTractrix() {
    const double a = 0.5, way = 3;
    const auto tip = draggedTip({{"", {{0, 0}, {way, 0}}, false}}, a, {0, 1});
    QCOMPARE(tip.size(), 1u);
    // For each point of it: the axis stands at s where the arm of length a reaches it.
    for (Point p : tip[0].points) {
      if (p.y < 0.02) continue;  // where s hangs on the last digit of y
      const double s = p.y >= a ? 0 : a * std::acosh(a / p.y);
      QVERIFY2(std::fabs(p.x - (s - a * std::tanh(s / a))) < 0.01,
               qPrintable(QStringLiteral("%1 %2").arg(p.x).arg(p.y)));
    }
    QVERIFY(std::fabs(tip[0].points.back().y - a / std::cosh(way / a)) < 0.01);
  }

  void upItKeepsPointingWhereItPointed() {
    const auto tip =
        draggedTip({{"", {{0, 0}, {10, 0}}, false}, {"", {{50, 50}, {50, 51}}, false}}, 0.4, {0, 1});
    QVERIFY(distance(tip[1].points.front(), Point{49.6, 50}) < 1e-3);
  }

  /// What is cut is the mask, by a simulation that knows nothing of leading; without leading it is not.
  void ledBladeCutsTheMask_data() {
    QTest::addColumn<int>("shape");
    QTest::addColumn<double>("trailing");
    for (int shape : {0, 1, 2})
      for (double trailing : {0.15, 0.25, 0.6, 1.0})
        QTest::addRow("shape %d trailing %g", shape, trailing) << shape << trailing;
  }
  void ledBladeCutsTheMask() {
    QFETCH(int, shape);
    QFETCH(double, trailing);
    const Ring ring = shape == 0   ? rectangle({40, 40, 70, 62})[0]
                      : shape == 1 ? roundRing({60, 60}, 14)
                                   : starRing({60, 60}, 22, 11, 7);
    std::vector<CutLine> lines{ringLine("other", roundRing({120, 90}, 9)), ringLine("mask", ring)};
    CutterSettings machine;
    machine.trailing_mm = trailing;
    const auto led = runCutter(forTool(lines, {trailing, 0}, 210, 297), machine);
    QVERIFY(led);
    QCOMPARE(led.value().pieces.size(), 2u);
    QCOMPARE(led.value().open.size(), 0u);
    const double off = borderDistance(led.value().pieces[0].shape, {ring});
    QVERIFY2(off < 0.08, qPrintable(QString::number(off)));
    const auto plain = runCutter(lines, machine);
    QVERIFY(plain);
    double worst = 1e9;
    for (const FreePiece& p : plain.value().pieces) worst = std::min(worst, borderDistance(p.shape, {ring}));
    // A dragged tip rounds corners off by about 0.35 of how far it trails (ln 2 / 2 in a right angle); a
    // large circle it cuts smaller by a² / 2r only, and there a blade need not be led.
    if (shape == 1) return;
    QVERIFY2(worst > 0.25 * trailing, qPrintable(QString::number(worst)));
  }

  /// Past where a closed line began (a dragged tip cuts every corner a little short), so that no thread of
  /// paper is left; an open one ends where it ends.
  void aClosedLineIsCutPastItsBeginning() {
    const Ring ring = rectangle({40, 40, 70, 62})[0];
    const auto cutLength = [](const std::vector<CutLine>& led) {
      double sum = 0;
      const auto tip = draggedTip(led, 0.25, {-1, 0});
      for (size_t k = 1; k < tip.back().points.size(); ++k)
        sum += distance(tip.back().points[k - 1], tip.back().points[k]);
      return sum;
    };
    const double round = cutLength(forTool({ringLine("m", ring)}, {0.25, 0}, 210, 297));
    QVERIFY2(round > 2 * (30 + 22) + 0.1 && round < 2 * (30 + 22) + 0.9, qPrintable(QString::number(round)));
    const double open =
        cutLength(forTool({{"o", {{40, 40}, {70, 40}, {70, 62}}, false}}, {0.25, 0}, 210, 297));
    QVERIFY(std::fabs(open - 52) < 0.1);
  }

  /// Nothing is hidden: a small piece that stays in the sheet is told, with a scratch before it or not.
  void aShortCutThatFreesNothingIsTold() {
    const std::vector<CutLine> lines{ringLine("m", roundRing({60, 60}, 12)),
                                     {"o", {{120, 40}, {124, 40}}, false}};
    CutterSettings machine;
    machine.trailing_mm = 0.25;
    for (const bool led : {true, false}) {
      const auto cut = runCutter(led ? forTool(lines, {0.25, 0}, 210, 297) : lines, machine);
      QVERIFY(cut);
      const auto told = std::count_if(cut.value().open.begin(), cut.value().open.end(),
                                      [](const OpenCut& o) { return o.from.x > 100; });
      QCOMPARE(told, 1);
    }
  }

  void cutHasAWidth() {
    const double w = 0.4, side = 30, hole = 8;
    const std::vector<CutLine> lines{ringLine("a#1", rectangle({20, 20, 20 + side, 20 + side})[0]),
                                     ringLine("a#1.2", rectangle({30, 30, 30 + hole, 30 + hole})[0])};
    const auto out = forTool(lines, {0, w}, 210, 297);
    QCOMPARE(out.size(), 2u);
    double outer = 0, inner = 1e9;
    for (const CutLine& line : out) {
      Ring ring = line.points;
      ring.pop_back();
      outer = std::max(outer, areaOf({ring})), inner = std::min(inner, areaOf({ring}));
    }
    // Minkowski sum with a disc: A + P r + kHalfTurn_rad r²; a hole shrinks and keeps its corners.
    const double r = w / 2;
    QVERIFY(std::fabs(outer - (side * side + 4 * side * r + kHalfTurn_rad * r * r)) < 0.01);
    QVERIFY(std::fabs(inner - (hole - w) * (hole - w)) < 0.01);
    // The hole is still cut first, so that the piece has not moved.
    QVERIFY(areaOf({out[0].points}) < areaOf({out[1].points}));
  }

  void nothingIsChangedForAPlainBlade() {
    const std::vector<CutLine> lines{ringLine("m", roundRing({50, 50}, 10))};
    const auto out = forTool(lines, {}, 210, 297);
    QCOMPARE(out.size(), 1u);
    QVERIFY(out[0].points == lines[0].points);
  }

  void scratchLiesInTheWaste() {
    // Masks along the whole lower edge: the scratch goes to the upper one.
    std::vector<CutLine> lines;
    for (int k = 0; k < 8; ++k)
      lines.push_back(ringLine("m", rectangle({5.0 + 25 * k, 1, 27.0 + 25 * k, 30})[0]));
    const auto out = forTool(lines, {0.25, 0}, 210, 297);
    QCOMPARE(out[0].id, std::string(kBladeScratch));
    QVERIFY(out[0].points[0].y > 200);
  }

  void demosComeFreeToTheLastMask() {
    for (const char* name : {"canal-towpath", "misty-fen", "teaching-papers"}) {
      const Plan plan = demo(name);
      const AnalysisRef a = analyse(plan);
      const MaskJob job = layMasksOut(plan, *a, {});
      for (int s = 0; s < job.sheets; ++s) {
        const CutSheet sheet = cutsOf(plan, job, s);
        const auto straight = runCutter(sheet.cuts);
        CutterSettings machine;
        machine.trailing_mm = 0.25;
        const auto led = runCutter(forTool(sheet.cuts, {0.25, 0}, sheet.width_mm, sheet.height_mm), machine);
        QVERIFY(straight && led);
        QCOMPARE(led.value().pieces.size(), straight.value().pieces.size());
        QCOMPARE(led.value().open.size(), 0u);
      }
    }
  }
};

HAVLO_TEST(TstTool)
#include "tst_tool.moc"
