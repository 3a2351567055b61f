#include "app/face/loupe.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>

#include "app/theme/theme.h"
#include "io/art/svg_art.h"

namespace havlo {
namespace {

constexpr int kAcross_px = 210;
constexpr double kTimes = 4, kDpi = 600, kMost_px = 2.4e7;

}  // namespace

Loupe::Loupe(const PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* face)
    : QWidget(face),
      m_session(session),
      m_art(std::move(art)),
      m_tiles(newTileStore()),
      m_job(new Job<QImage>(this)) {
  setAttribute(Qt::WA_TransparentForMouseEvents);
  setObjectName(QStringLiteral("loupe"));
  setAccessibleName(tr("Loupe"));
  resize(kAcross_px, kAcross_px);
  hide();
}

void Loupe::draw() {
  if (m_of == m_session.snapshot()) return;
  m_of = m_session.snapshot();
  const double dpi = dpiWithin(m_of->card.panel.box(), kDpi, kMost_px);
  m_job->run([plan = m_of, analysis = m_session.scene(), art = m_art, tiles = m_tiles,
              dpi](const Progress&) { return intendedPicture(*plan, *analysis, *art, dpi, tiles); },
             [this](QImage image) {
               m_picture = std::move(image);
               update();
             },
             false);
}

void Loupe::lookAt(QPointF at, const FaceGeometry& g) {
  draw();
  m_at = g.toPanel(at), m_scale = g.scale;
  move((at - QPointF(width() / 2.0, height() / 2.0)).toPoint());
  show();
  raise();
  update();
}

void Loupe::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  const QRectF ring = QRectF(rect()).adjusted(2, 2, -2, -2);
  QPainterPath glass;
  glass.addEllipse(ring);
  p.setClipPath(glass);
  p.fillRect(rect(), theme().ground);
  const PanelSize& panel = m_session.plan().card.panel;
  const double scale = m_scale * kTimes;
  const QRectF face(width() / 2.0 - m_at.x * scale, height() / 2.0 - (panel.height_mm - m_at.y) * scale,
                    panel.width_mm * scale, panel.height_mm * scale);
  p.fillRect(face, colourOf(m_session.plan().card.paper.colour));
  if (!m_picture.isNull()) {
    // Only what is seen is scaled.
    const QRectF seen = face.intersected(ring);
    const double sx = m_picture.width() / face.width(), sy = m_picture.height() / face.height();
    p.drawImage(seen, m_picture,
                QRectF((seen.left() - face.left()) * sx, (seen.top() - face.top()) * sy, seen.width() * sx,
                       seen.height() * sy));
  }
  p.setClipping(false);
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(theme().rule, 5));
  p.drawEllipse(ring);
  p.setPen(QPen(theme().green, 1.5));
  p.drawEllipse(ring.adjusted(2, 2, -2, -2));
}

}  // namespace havlo
