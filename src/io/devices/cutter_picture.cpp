#include "io/devices/cutter_picture.h"

#include <QPainter>
#include <algorithm>

#include "io/art/shape_path.h"

namespace havlo {
namespace {

constexpr double kBetween_mm = 8;
const QColor kPaper(0xfb, 0xfa, 0xf5), kGround(0xe9, 0xeb, 0xe4), kInk(0x22, 0x30, 0x3a),
    kFree(0xbf, 0xdb, 0xd2), kOpen(0x9c, 0x34, 0x2c), kTravel(0x8b, 0x95, 0x98);

/// Size of a sheet; of its lines where the file names none.
QSizeF sizeOf(const CutSheet& sheet) {
  Box box{0, 0, sheet.width_mm, sheet.height_mm};
  for (const CutLine& line : sheet.cuts)
    for (Point p : line.points) box.include(p);
  return {box.right, box.top};
}

void drawSheet(QPainter& p, const CutSheet& sheet, const CutReport& report, QSizeF size) {
  p.fillRect(QRectF(0, 0, size.width(), size.height()), kPaper);
  QPen hair(kInk, 0);
  p.setPen(hair);
  p.setBrush(kFree);
  for (auto piece = report.pieces.begin(); piece != report.pieces.end(); ++piece)
    p.drawPath(pathOf(piece->shape));
  p.setBrush(Qt::NoBrush);
  QPen travel(kTravel, 0, Qt::DotLine);
  p.setPen(travel);
  Point knife{};
  for (const CutLine& line : sheet.cuts) {
    if (line.points.size() < 2) continue;
    p.drawLine(QPointF(knife.x, knife.y), QPointF(line.points.front().x, line.points.front().y));
    knife = line.points.back();
  }
  p.drawLine(QPointF(knife.x, knife.y), QPointF(0, 0));
  QPen open(kOpen, 0.5);
  p.setPen(open);
  for (const OpenCut& o : report.open) {
    p.drawEllipse(QPointF(o.from.x, o.from.y), 1.2, 1.2);
    p.drawEllipse(QPointF(o.to.x, o.to.y), 1.2, 1.2);
  }
  p.setPen(hair);
  for (const CutLine& line : sheet.cuts) {
    QPolygonF polygon;
    for (Point q : line.points) polygon << QPointF(q.x, q.y);
    p.drawPolyline(polygon);
  }
}

}  // namespace

QImage cutterPicture(const std::vector<CutSheet>& sheets, const std::vector<CutReport>& reports,
                     int width_px) {
  double width = kBetween_mm, height = 0;
  for (const CutSheet& s : sheets) {
    width += sizeOf(s).width() + kBetween_mm;
    height = std::max(height, sizeOf(s).height());
  }
  height += 2 * kBetween_mm;
  const double scale = std::min({width_px / std::max(1.0, width), 20.0, 4000 / std::max(1.0, height)});
  QImage image(std::max(1, static_cast<int>(width * scale)), std::max(1, static_cast<int>(height * scale)),
               QImage::Format_RGB32);
  image.fill(kGround);
  QPainter p(&image);
  p.setRenderHint(QPainter::Antialiasing);
  double left = kBetween_mm;
  for (size_t s = 0; s < sheets.size() && s < reports.size(); ++s) {
    const QSizeF size = sizeOf(sheets[s]);
    p.setTransform(QTransform(scale, 0, 0, -scale, left * scale, (kBetween_mm + size.height()) * scale));
    drawSheet(p, sheets[s], reports[s], size);
    left += size.width() + kBetween_mm;
  }
  return image;
}

}  // namespace havlo
