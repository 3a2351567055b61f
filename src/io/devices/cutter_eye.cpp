#include "io/devices/cutter_eye.h"

#include <QPainter>
#include <cmath>
#include <numbers>

#include "core/trace/sheet.h"
#include "io/scan/scan_file.h"

namespace havlo {
namespace {

constexpr double kEye_pxPerMm = 10;
constexpr double kAround_mm = 12;
constexpr int kPaperGrey = 238, kMarkGrey = 84, kLineGrey = 120;

}  // namespace

Point laidAt(const LaidSheet& laid, Point p) {
  const double a = laid.turn.value * std::numbers::pi / 180;
  const Point s = p * laid.stretch;
  return Point{std::cos(a) * s.x - std::sin(a) * s.y, std::sin(a) * s.x + std::cos(a) * s.y} + laid.by;
}

EyePicture seenSheet(const CutSheet& sheet, const LaidSheet& laid) {
  Box box;
  for (Point corner :
       {Point{0, 0}, {sheet.width_mm, 0}, {0, sheet.height_mm}, {sheet.width_mm, sheet.height_mm}})
    box.include(laidAt(laid, corner));
  for (const auto* lines : {&sheet.cuts, &sheet.marks})
    for (const CutLine& line : *lines)
      for (Point q : line.points) box.include(laidAt(laid, q));
  box = box.grown(kAround_mm);
  EyePicture eye;
  eye.pxPerMm = std::min(kEye_pxPerMm, 4000 / std::max(box.width(), box.height()));
  eye.origin = {box.left, box.bottom};
  eye.picture = QImage(static_cast<int>(box.width() * eye.pxPerMm),
                       static_cast<int>(box.height() * eye.pxPerMm), QImage::Format_Grayscale8);
  eye.picture.fill(kPaperGrey);
  QPainter p(&eye.picture);
  p.setRenderHint(QPainter::Antialiasing);
  p.setTransform(QTransform(eye.pxPerMm, 0, 0, -eye.pxPerMm, -box.left * eye.pxPerMm, box.top * eye.pxPerMm));
  const auto polygon = [&](const CutLine& line) {
    QPolygonF out;
    for (Point q : line.points) out << QPointF(laidAt(laid, q).x, laidAt(laid, q).y);
    return out;
  };
  p.setPen(QPen(QColor(kLineGrey, kLineGrey, kLineGrey), 0.15));
  for (const auto* lines : {&sheet.cuts, &sheet.marks})
    for (const CutLine& line : *lines) p.drawPolyline(polygon(line));
  p.setPen(Qt::NoPen);
  p.setBrush(QColor(kMarkGrey, kMarkGrey, kMarkGrey));
  CutSheet one;
  for (const CutLine& line : sheet.marks) {
    one.marks = {line};
    if (!marksOn(one).empty()) p.drawPolygon(polygon(line));
  }
  return eye;
}

Result<SheetFound> findSheet(const CutSheet& sheet, const LaidSheet& laid) {
  SheetFound out;
  const std::vector<Point> marks = marksOn(sheet);
  out.marks = static_cast<int>(marks.size());
  if (!marks.empty()) {
    const auto seen = marksSeen(seenSheet(sheet, laid));
    if (!seen) return seen.error();
    const auto fit = fitSheet(marks, seen.value());
    if (!fit) return fit.error();
    out.seen = static_cast<int>(seen.value().size());
    out.fit = fit.value();
  }
  for (const CutLine& line : sheet.cuts)
    for (Point p : line.points) out.off_mm = std::max(out.off_mm, distance(out.fit(p), laidAt(laid, p)));
  return out;
}

Result<std::vector<Point>> marksSeen(const EyePicture& eye) {
  auto read = readScanImage(eye.picture);
  if (!read) return read.error();
  Scan scan = std::move(read).value().scan;
  scan.pxPerMm = eye.pxPerMm;
  FindSettings how;
  how.level = Degrees{0};
  how.joinGap_mm = 0.3;
  const auto sheet = readSheet(scan, how);
  if (!sheet) return sheet.error();
  std::vector<Point> out;
  for (const Box& box : sheet.value().impressions) {
    const double size = 2 * kMarkRadius_mm;
    if (std::fabs(box.width() - size) > 0.15 * size || std::fabs(box.height() - size) > 0.15 * size) continue;
    // Its middle by all of its ink; a ring or a letter of that size has less ink.
    const Box room = box.grown(0.5);
    double ink = 0, x = 0, y = 0;
    const int left = std::max(0, static_cast<int>(room.left * scan.pxPerMm)),
              right = std::min(scan.width, static_cast<int>(room.right * scan.pxPerMm) + 1),
              top = std::max(0, static_cast<int>(room.bottom * scan.pxPerMm)),
              bottom = std::min(scan.height, static_cast<int>(room.top * scan.pxPerMm) + 1);
    for (int py = top; py < bottom; ++py)
      for (int px = left; px < right; ++px) {
        const double dark = std::max(0.0, kPaperGrey - 12.0 - scan.grey[ix(py) * ix(scan.width) + ix(px)]);
        ink += dark, x += dark * (px + 0.5), y += dark * (py + 0.5);
      }
    const double full =
        (kPaperGrey - 12.0 - kMarkGrey) * std::numbers::pi * size * size / 4 * scan.pxPerMm * scan.pxPerMm;
    if (ink < 0.8 * full) continue;
    out.push_back(eye.origin + Point{x / ink, scan.height - y / ink} * (1 / scan.pxPerMm));
  }
  return out;
}

}  // namespace havlo
