#include "io/cut/line_recorder.h"

#include <QColor>
#include <QPainterPath>

namespace havlo {

class LineRecorder::Engine : public QPaintEngine {
 public:
  explicit Engine(double unitsPerMm) : QPaintEngine(AllFeatures), m_unitsPerMm(unitsPerMm) {}
  bool begin(QPaintDevice*) override { return true; }
  bool end() override { return true; }
  Type type() const override { return User; }
  void updateState(const QPaintEngineState& now) override {
    if (now.state() & DirtyTransform) m_transform = now.transform();
    if (now.state() & DirtyPen) m_pen = now.pen();
    if (now.state() & DirtyBrush) m_brush = now.brush();
    if (now.state() & DirtyOpacity) m_opacity = now.opacity();
  }
  void drawPath(const QPainterPath& path) override {
    const bool stroked = m_pen.style() != Qt::NoPen && m_pen.color().alpha() > 0;
    const bool filled = m_brush.style() != Qt::NoBrush && m_brush.color().alpha() > 0;
    if ((!stroked && !filled) || m_opacity <= 0) return;
    const bool marking =
        (filled && m_brush.color().rgb() == kMarkColour) || (stroked && m_pen.color().rgb() == kMarkColour);
    const bool dashed = marking || (stroked && m_pen.style() != Qt::SolidLine);
    for (const QPolygonF& polygon : path.toSubpathPolygons(m_transform)) {
      if (polygon.size() < 2) continue;
      CutLine line;
      for (const QPointF& p : polygon) line.points.push_back({p.x() / m_unitsPerMm, p.y() / m_unitsPerMm});
      line.closed = polygon.isClosed() && polygon.size() > 3;
      // What is filled is an area, closed or not.
      if (filled && !stroked && !line.closed && line.points.size() > 2) {
        line.points.push_back(line.points.front());
        line.closed = true;
      }
      (dashed ? m_dashed : m_solid).push_back(std::move(line));
    }
  }
  void drawPolygon(const QPointF* points, int count, PolygonDrawMode mode) override {
    QPainterPath path;
    for (int i = 0; i < count; ++i) i == 0 ? path.moveTo(points[i]) : path.lineTo(points[i]);
    if (mode != PolylineMode) path.closeSubpath();
    drawPath(path);
  }
  void drawLines(const QLineF* lines, int count) override {
    for (int i = 0; i < count; ++i) {
      QPainterPath path(lines[i].p1());
      path.lineTo(lines[i].p2());
      drawPath(path);
    }
  }
  void drawPixmap(const QRectF&, const QPixmap&, const QRectF&) override {}
  void drawImage(const QRectF&, const QImage&, const QRectF&, Qt::ImageConversionFlags) override {}
  void drawTextItem(const QPointF&, const QTextItem&) override {}

  std::vector<CutLine> m_solid, m_dashed;

 private:
  double m_unitsPerMm;
  QTransform m_transform;
  QPen m_pen{Qt::NoPen};
  QBrush m_brush;
  double m_opacity = 1;
};

LineRecorder::LineRecorder(double width_mm, double height_mm, double unitsPerMm)
    : m_width_mm(width_mm),
      m_height_mm(height_mm),
      m_unitsPerMm(unitsPerMm),
      m_engine(std::make_unique<Engine>(unitsPerMm)) {}

LineRecorder::~LineRecorder() = default;

QPaintEngine* LineRecorder::paintEngine() const { return m_engine.get(); }
const std::vector<CutLine>& LineRecorder::solid() const { return m_engine->m_solid; }
const std::vector<CutLine>& LineRecorder::dashed() const { return m_engine->m_dashed; }

int LineRecorder::metric(PaintDeviceMetric metric) const {
  switch (metric) {
    case PdmWidth:
      return qCeil(m_width_mm * m_unitsPerMm);
    case PdmHeight:
      return qCeil(m_height_mm * m_unitsPerMm);
    case PdmWidthMM:
      return qCeil(m_width_mm);
    case PdmHeightMM:
      return qCeil(m_height_mm);
    case PdmNumColors:
      return 0x7fffffff;
    case PdmDepth:
      return 32;
    case PdmDpiX:
    case PdmDpiY:
    case PdmPhysicalDpiX:
    case PdmPhysicalDpiY:
      return qRound(m_unitsPerMm * kMmPerInch);
    case PdmDevicePixelRatio:
      return 1;
    default:
      return QPaintDevice::metric(metric);
  }
}

}  // namespace havlo
