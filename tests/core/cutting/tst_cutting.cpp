// The order of cuts, the stand-in cutter and the layout of masks on sheets. Piece and hole counts are checked
// against OpenCV's connected components, insets and openings against Clipper.
#include <QTest>
#include <clipper.hpp>
#include <functional>
#include <opencv2/imgproc.hpp>
#include <random>

#include "core/chain/chain.h"
#include "core/cutting/cutter.h"
#include "core/cutting/mask_job.h"
#include "core/edit/card_edits.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

CutLine closedLine(const std::string& id, Ring ring) {
  ring.push_back(ring.front());
  return {id, std::move(ring), true};
}

Ring square(double left, double bottom, double side) {
  return rectangle({left, bottom, left + side, bottom + side})[0];
}

std::vector<CutLine> linesOf(const Rings& rings) {
  std::vector<CutLine> out;
  for (const Ring& ring : rings) out.push_back(closedLine("", ring));
  return out;
}

/// Pieces as a raster sees them: areas of paper that the drawn lines part from each other, less the sheet
/// itself.
int rasterPieces(const std::vector<CutLine>& lines, double side_mm) {
  constexpr double kPx = 20;
  cv::Mat sheet(static_cast<int>(side_mm * kPx), static_cast<int>(side_mm * kPx), CV_8U, cv::Scalar(255));
  for (const CutLine& line : lines)
    for (size_t i = 1; i < line.points.size(); ++i) {
      const auto at = [&](Point p) { return cv::Point(cvRound(p.x * kPx), cvRound((side_mm - p.y) * kPx)); };
      cv::line(sheet, at(line.points[i - 1]), at(line.points[i]), cv::Scalar(0), 2, cv::LINE_4);
    }
  cv::Mat labels;
  return cv::connectedComponents(sheet, labels, 4) - 2;  // without the lines and the sheet around
}

}  // namespace

class TstCutting : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void innerCutsComeBeforeOuter() {
    const auto order =
        inCuttingOrder({closedLine("outer", square(0, 0, 40)), closedLine("hole", square(5, 5, 30)),
                        closedLine("island", square(15, 15, 10)), closedLine("beside", square(60, 0, 5))});
    std::vector<std::string> ids;
    for (const CutLine& l : order) ids.push_back(l.id);
    const auto at = [&](const char* id) { return std::find(ids.begin(), ids.end(), id) - ids.begin(); };
    QCOMPARE(ids.size(), 4u);
    QVERIFY(at("island") < at("hole"));
    QVERIFY(at("hole") < at("outer"));
    for (const CutLine& l : order) QCOMPARE(l.points.front(), l.points.back());
  }

  void theKnifeGoesToTheNearestNext() {
    std::vector<CutLine> lines;
    for (double x : {80.0, 20.0, 60.0, 40.0, 0.0})
      lines.push_back(closedLine(std::to_string(int(x)), square(x, 0, 10)));
    const auto before = runCutter(lines), after = runCutter(inCuttingOrder(lines));
    QVERIFY(bool(before) && bool(after));
    QVERIFY(after.value().travel_mm < 0.7 * before.value().travel_mm);
    QVERIFY(std::fabs(after.value().cut_mm - 200) < 1e-9);
    QCOMPARE(after.value().pieces.size(), 5u);
  }

  // Worked by hand: to the square and back by its lower-left corner 2 × 5 mm (3-4-5), 40 mm of cut.
  void travelCutAndTimeAddUp() {
    CutterSettings how;
    const auto report = runCutter({closedLine("", square(3, 4, 10))}, how);
    QVERIFY(bool(report));
    QVERIFY(std::fabs(report.value().travel_mm - 10) < 1e-9);
    QVERIFY(std::fabs(report.value().cut_mm - 40) < 1e-9);
    QCOMPARE(report.value().lifts, 2);
    QVERIFY(std::fabs(report.value().seconds -
                      (40 / how.cut_mm_per_s + 10 / how.travel_mm_per_s + 2 * how.lift_s)) < 1e-9);
  }

  void whatDoesNotComeFreeIsFound() {
    Ring open = square(0, 0, 20);  // three sides of a square
    const auto report = runCutter({{"open", open, false}, closedLine("whole", square(40, 0, 10))});
    QVERIFY(bool(report));
    QCOMPARE(report.value().pieces.size(), 1u);
    QCOMPARE(report.value().open.size(), 1u);
    QVERIFY(std::fabs(report.value().open[0].length_mm - 60) < 1e-9);
    QVERIFY(std::fabs(report.value().open[0].gap_mm - 20) < 1e-9);
  }

  void endsThatNearlyMeetTearFree() {
    Ring nearly = square(0, 0, 20);
    nearly.push_back({0, 0.04});
    const auto report = runCutter({{"", nearly, false}});
    QVERIFY(bool(report));
    QCOMPARE(report.value().pieces.size(), 1u);
    nearly.back() = {0, 0.3};
    QCOMPARE(runCutter({{"", nearly, false}}).value().pieces.size(), 0u);
  }

  void aHoleCutAfterItsPieceHasMoved() {
    const CutLine outer = closedLine("outer", square(0, 0, 30)),
                  hole = closedLine("hole", square(10, 10, 10));
    QVERIFY(runCutter({outer, hole}).value().pieces[0].movedBefore);
    QVERIFY(!runCutter({hole, outer}).value().pieces[0].movedBefore);
  }

  void linesThatCrossMakeMorePieces() {
    const auto report = runCutter({closedLine("a", square(0, 0, 20)), closedLine("b", square(10, 10, 20))});
    QVERIFY(bool(report));
    QCOMPARE(report.value().pieces.size(), 3u);
  }

  void piecesAreCountedAsARasterCountsThem() {
    const Plan plan = demo("canal-towpath");
    const AnalysisRef a = analyse(plan);
    for (size_t s = 0; s < plan.stamps.size(); ++s) {
      const Box box = boxOf(a->masks[s]->mask);
      if (box.empty() || box.width() > 90 || box.height() > 90) continue;
      Rings rings = a->masks[s]->mask;
      for (Ring& ring : rings)
        for (Point& p : ring) p = {p.x - box.left + 3, p.y - box.bottom + 3};
      const auto lines = linesOf(rings);
      QCOMPARE(static_cast<int>(runCutter(lines).value().pieces.size()), rasterPieces(lines, 100));
    }
  }

  void insetAndOpeningAgreeWithClipper_data() {
    QTest::addColumn<QString>("stamp");
    for (const char* id : {"hare", "duck", "poplar-tall", "lock-cottage", "reeds"}) QTest::newRow(id) << id;
  }
  void insetAndOpeningAgreeWithClipper() {
    QFETCH(QString, stamp);
    const Plan plan = demo("canal-towpath");
    const StampRef s = plan.stamp(stamp.toStdString());
    constexpr double kUnits = 1e5;
    const auto moved = [&](const ClipperLib::Paths& in, double by) {
      ClipperLib::ClipperOffset offset(2, 0.002 * kUnits);
      offset.AddPaths(in, ClipperLib::jtRound, ClipperLib::etClosedPolygon);
      ClipperLib::Paths out;
      offset.Execute(out, by * kUnits);
      return out;
    };
    ClipperLib::Paths paths;
    for (const Ring& ring : withSmallHolesFilled(s->silhouette, Millimetres{6})) {
      ClipperLib::Path path;
      for (Point p : ring) path.emplace_back(std::llround(p.x * kUnits), std::llround(p.y * kUnits));
      paths.push_back(path);
    }
    ClipperLib::SimplifyPolygons(paths, ClipperLib::pftEvenOdd);
    const ClipperLib::Paths mask = moved(moved(moved(paths, -0.6), 0.6), -0.3);
    double wanted = 0;
    for (const auto& p : mask) wanted += ClipperLib::Area(p) / kUnits / kUnits;
    Supplies supplies;
    supplies.leastHole_mm = 6;
    Stamp plain = *s;
    plain.mask = {};  // without what the maker chose about single parts
    const double area = areaOf(maskOf(plain, supplies)->mask);
    QVERIFY2(std::fabs(area / wanted - 1) < 0.004,
             qPrintable(QStringLiteral("%1 for %2").arg(area).arg(wanted)));
  }

  void masksNeitherOverlapNorLeaveTheSheet() {
    Plan plan = demo("canal-towpath");
    const AnalysisRef a = analyse(plan);
    for (const auto& [width, height] : {std::pair{210.0, 297.0}, {152.4, 152.4}, {100.0, 150.0}}) {
      MaskingSheet sheet;
      sheet.width_mm = width, sheet.height_mm = height;
      const MaskJob job = layMasksOut(plan, *a, sheet);
      QCOMPARE(static_cast<int>(job.masks.size() + job.tooLarge.size()), a->masksToCut());
      const Box inner = Box{0, 0, width, height}.grown(-sheet.margin_mm + 1e-6);
      std::vector<SweepEdges> grown;
      for (size_t i = 0; i < job.masks.size(); ++i) {
        const Box box = boxOf(job.masks[i].onSheet);
        QVERIFY(inner.contains({box.left, box.bottom}) && inner.contains({box.right, box.top}));
        grown.emplace_back(offset(job.masks[i].onSheet, Millimetres{kSheetGap_mm / 2 - 0.05}));
        for (size_t k = 0; k < i; ++k)
          if (job.masks[k].place.sheet == job.masks[i].place.sheet)
            QVERIFY(sharedArea(grown[k], grown[i]) < 1e-6);
        // Turned, never flipped: the outline runs the same way round and has the same area.
        const Rings& mask = a->masks[ix(job.masks[i].stamp)]->mask;
        const auto twice = [](const Ring& r) {
          double sum = 0;
          for (size_t n = 0; n < r.size(); ++n)
            sum += r[n].x * r[(n + 1) % r.size()].y - r[(n + 1) % r.size()].x * r[n].y;
          return sum;
        };
        QVERIFY(std::fabs(twice(mask[0]) - twice(job.masks[i].onSheet[0])) < 1e-6);
      }
    }
  }

  void nestingWastesLittle() {
    // Forty L shapes of 256 mm²: side by side in their boxes they take 110 mm of the sheet, 23 100 mm².
    std::vector<SheetPiece> pieces;
    for (int k = 0; k < 40; ++k)
      pieces.push_back({0, k, {{{0, 0}, {20, 0}, {20, 8}, {8, 8}, {8, 20}, {0, 20}}}});
    MaskingSheet sheet;
    const SheetLayout layout = layOut(pieces, sheet);
    QCOMPARE(layout.laid.size(), 40u);
    QCOMPARE(layout.sheets, 1);
    QVERIFY2(layout.spent_mm2 < 0.85 * 23100, qPrintable(QString::number(layout.spent_mm2)));
  }

  // Random nests of squares: every line comes after all that lies within it, asked pair by pair.
  void nestedLinesAreCutFromTheInside() {
    std::mt19937 dice(7);
    std::uniform_real_distribution<double> place(0, 1);
    for (int round = 0; round < 40; ++round) {
      std::vector<CutLine> lines;
      std::vector<Box> boxes;
      const std::function<void(Box, int)> nest = [&](Box room, int depth) {
        const double side = std::min(room.width(), room.height());
        if (side < 3 || depth > 4) return;
        const double w = room.width() * (0.4 + 0.25 * place(dice)),
                     h = room.height() * (0.4 + 0.5 * place(dice));
        const Box a{room.left, room.bottom, room.left + w, room.bottom + h};
        boxes.push_back(a);
        lines.push_back(closedLine(std::to_string(lines.size()), rectangle(a)[0]));
        nest(a.grown(-0.7), depth + 1);
        nest({a.right + 0.5, room.bottom, room.right, room.top}, depth + 1);
      };
      nest({0, 0, 120, 90}, 0);
      std::vector<CutLine> given = lines;
      std::shuffle(given.begin(), given.end(), dice);
      const auto order = inCuttingOrder(given, {0, 0});
      QCOMPARE(order.size(), lines.size());
      std::vector<size_t> rank(lines.size());
      for (size_t k = 0; k < order.size(); ++k) rank[std::stoul(order[k].id)] = k;
      for (size_t i = 0; i < boxes.size(); ++i)
        for (size_t k = 0; k < boxes.size(); ++k)
          if (i != k && boxes[i].contains({boxes[k].left, boxes[k].bottom}) &&
              boxes[i].contains({boxes[k].right, boxes[k].top}))
            QVERIFY2(rank[k] < rank[i], qPrintable(QStringLiteral("%1 in %2").arg(k).arg(i)));
      // And the knife frees all of them without one having moved before.
      const auto report = runCutter(order);
      QVERIFY(report.value().open.empty());
      for (const FreePiece& p : report.value().pieces) QVERIFY(!p.movedBefore);
    }
  }

  // Travel, cut and time recomputed here from the lines alone.
  void theReportAddsUpForAnyLines() {
    std::mt19937 dice(11);
    std::uniform_real_distribution<double> place(0, 200);
    for (int round = 0; round < 20; ++round) {
      std::vector<CutLine> lines;
      for (int k = 0; k < 6; ++k) {
        CutLine line{std::to_string(k), {}, false};
        for (int n = 0; n < 5; ++n) line.points.push_back({place(dice), place(dice)});
        lines.push_back(line);
      }
      CutterSettings s;
      s.cut_mm_per_s = 15, s.travel_mm_per_s = 90, s.lift_s = 0.2;
      const CutReport r = runCutter(lines, s).value();
      double travel = 0, cut = 0;
      Point at{0, 0};
      for (const CutLine& line : lines) {
        travel += std::hypot(line.points[0].x - at.x, line.points[0].y - at.y);
        for (size_t n = 1; n < line.points.size(); ++n)
          cut += std::hypot(line.points[n].x - line.points[n - 1].x, line.points[n].y - line.points[n - 1].y);
        at = line.points.back();
      }
      travel += std::hypot(at.x, at.y);
      QVERIFY(std::fabs(r.travel_mm - travel) < 1e-6 && std::fabs(r.cut_mm - cut) < 1e-6);
      QVERIFY(std::fabs(r.seconds - (travel / 90 + cut / 15 + r.lifts * 0.2)) < 1e-6);
      QCOMPARE(r.lifts, 12);
    }
  }

  // Any shapes on any sheet: apart by the gap, on the sheet, within the margin, each laid or said.
  void anyPiecesAreLaidApart() {
    std::mt19937 dice(3);
    std::uniform_real_distribution<double> size(6, 60), lobe(0.6, 1);
    for (int round = 0; round < 12; ++round) {
      std::vector<SheetPiece> shapes;
      const int count = 5 + round * 2;
      for (int k = 0; k < count; ++k) {
        Ring ring;
        const double w = size(dice), h = size(dice);
        for (int n = 0; n < 14; ++n) {
          const double a = 2 * M_PI * n / 14, r = lobe(dice);
          ring.push_back({w / 2 * (1 + r * std::cos(a)), h / 2 * (1 + r * std::sin(a))});
        }
        shapes.push_back({k, 0, {ring}});
      }
      MaskingSheet sheet;
      sheet.width_mm = 60 + 15 * round, sheet.height_mm = 90 + 8 * round, sheet.margin_mm = round % 6;
      const SheetLayout layout = layOut(shapes, sheet);
      QCOMPARE(static_cast<int>(layout.laid.size() + layout.doesNotFit.size()), count);
      const Box inner = Box{0, 0, sheet.width_mm, sheet.height_mm}.grown(1e-6 - sheet.margin_mm);
      double used = 0;
      std::vector<std::pair<int, SweepEdges>> before;
      for (const LaidPiece& l : layout.laid) {
        const Rings& shape = shapes[ix(l.piece)].shape;
        const Rings there = l.onSheet(shape);
        const Box box = boxOf(there);
        QVERIFY(inner.contains({box.left, box.bottom}) && inner.contains({box.right, box.top}));
        QVERIFY(std::fabs(areaOf(there) - areaOf(shape)) < 1e-6);
        used += areaOf(shape);
        SweepEdges grown(offset(there, Millimetres{kSheetGap_mm / 2 - 0.05}));
        for (const auto& [onSheet, other] : before)
          if (onSheet == l.sheet) QVERIFY(sharedArea(other, grown) < 1e-6);
        before.emplace_back(l.sheet, std::move(grown));
      }
      QVERIFY(std::fabs(layout.used_mm2 - used) < 1e-6);
      QVERIFY(layout.spent_mm2 >= layout.used_mm2);
      for (const int k : layout.doesNotFit) {
        // What is said not to fit is larger than the sheet both ways round.
        const Box b = boxOf(shapes[ix(k)].shape);
        const double lw = inner.width(), lh = inner.height();
        QVERIFY(!(b.width() < lw && b.height() < lh) && !(b.height() < lw && b.width() < lh));
      }
    }
  }

  void aStickyBandHoldsEveryMask() {
    std::vector<SheetPiece> pieces;
    for (int k = 0; k < 6; ++k) pieces.push_back({0, k, rectangle({0, 0, 18, 30})});
    MaskingSheet sheet;
    sheet.width_mm = 100, sheet.height_mm = 100, sheet.margin_mm = 3, sheet.stickyBand_mm = 25;
    const SheetLayout layout = layOut(pieces, sheet);
    QCOMPARE(layout.laid.size(), 6u);
    QVERIFY(layout.sheets >= 2);
    for (const LaidPiece& l : layout.laid) {
      const Box box = boxOf(l.onSheet(pieces[0].shape));
      const double inBand = box.top - (sheet.height_mm - *sheet.stickyBand_mm);
      QVERIFY2(inBand >= 0.39 * box.height(), qPrintable(QString::number(inBand)));
    }
  }

  void tooLargeAMaskIsSaid() {
    MaskingSheet sheet;
    sheet.width_mm = sheet.height_mm = 40;
    const SheetLayout layout =
        layOut({{0, 0, rectangle({0, 0, 60, 20})}, {1, 0, rectangle({0, 0, 20, 20})}}, sheet);
    QCOMPARE(layout.doesNotFit, std::vector<int>{0});
    QCOMPARE(layout.laid.size(), 1u);
  }

  void whatIsLaidOutComesFree() {
    Plan plan = demo("canal-towpath");
    plan.supplies.footMark = FootMark::Notch;
    const AnalysisRef a = analyse(plan);
    const MaskJob job = layMasksOut(plan, *a, MaskingSheet{});
    size_t wanted = 0, rings = 0;
    for (const LaidMask& m : job.masks) rings += m.onSheet.size(), wanted += 1;
    QVERIFY(wanted > 3);
    size_t free = 0;
    for (int s = 0; s < job.sheets; ++s) {
      const auto report = runCutter(cutsOf(plan, job, s).cuts);
      QVERIFY(report.value().open.empty());
      for (const FreePiece& p : report.value().pieces) QVERIFY(!p.movedBefore);
      free += report.value().pieces.size();
    }
    QCOMPARE(free, rings);
  }

  // A few pieces that go upright stay upright: their names read easier so.
  void aFewPiecesAreNotTurned() {
    std::vector<SheetPiece> pieces(3);
    for (size_t k = 0; k < 3; ++k)
      pieces[k].shape = rectangle({0, 0, 60.0 - 3.0 * static_cast<double>(k), 20});
    MaskingSheet sheet;
    sheet.width_mm = 150, sheet.height_mm = 100;
    const SheetLayout laid = layOut(pieces, sheet);
    QCOMPARE(laid.sheets, 1);
    for (const LaidPiece& l : laid.laid) QCOMPARE(l.turn.value, 0.0);
  }

  // Cells cost a little paper, not much: two pieces that lie side by side are nearer than the gap and two
  // cells.
  void piecesLieCloseTogether() {
    std::vector<SheetPiece> pieces(2);
    for (SheetPiece& piece : pieces) piece.shape = rectangle({0, 0, 30, 20});
    MaskingSheet sheet;
    sheet.width_mm = 150, sheet.height_mm = 100;
    const SheetLayout laid = layOut(pieces, sheet);
    const Box a = boxOf(laid.laid[0].onSheet(pieces[0].shape)),
              b = boxOf(laid.laid[1].onSheet(pieces[1].shape));
    const double apart = std::max({b.left - a.right, a.left - b.right, b.bottom - a.top, a.bottom - b.top});
    QVERIFY2(apart >= kSheetGap_mm - 1e-9 && apart <= kSheetGap_mm + 1.01,
             qPrintable(QString::number(apart)));
  }

  // Ten squares of 20 mm with the gap of 2 mm want 218 mm; the layout's own grain may cost 2.5 mm a piece, no
  // more.
  void aRowOfSquaresFitsTightly() {
    std::vector<SheetPiece> pieces;
    for (int k = 0; k < 10; ++k) pieces.push_back({0, k, {square(0, 0, 20)}, -1});
    MaskingSheet sheet;
    sheet.margin_mm = 0, sheet.width_mm = 218 + 10 * 1.5, sheet.height_mm = 24;
    const SheetLayout out = layOut(pieces, sheet);
    QCOMPARE(out.laid.size(), size_t(10));
    QCOMPARE(out.sheets, 1);
  }

  void nothingIsTurnedThatNeedNotBe() {
    std::vector<SheetPiece> pieces;
    for (int k = 0; k < 3; ++k) pieces.push_back({0, k, rectangle({0, 0, 12, 50}), -1});
    MaskingSheet sheet;
    sheet.width_mm = 100, sheet.height_mm = 100;
    for (const LaidPiece& l : layOut(pieces, sheet).laid) QCOMPARE(l.turn.value, 0.0);
    sheet.height_mm = 40;  // now they must lie down
    const SheetLayout low = layOut(pieces, sheet);
    QCOMPARE(low.laid.size(), size_t(3));
    for (const LaidPiece& l : low.laid) QVERIFY(std::fabs(std::remainder(l.turn.value, 180)) > 89);
  }
};

HAVLO_TEST(TstCutting)
#include "tst_cutting.moc"
