// The chosen thing's measures, and typing them.
#include <QLineEdit>
#include <algorithm>
#include <cmath>

#include "app/face/face_view.h"
#include "app/theme/theme.h"
#include "core/edit/edits.h"
#include "io/wording/error_words.h"
#include "io/wording/finding_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

QString bare(double mm, MeasureStyle style) { return spoken(writeBareMeasure(Millimetres{mm}, style)); }
}  // namespace

QString FaceView::measureWords(double mm) const {
  const QString text = spoken(writeMeasure(Millimetres{std::fabs(mm)}, m_session.units()));
  // A ruler has no numbers below nothing: what hangs over an edge is told by how far.
  return mm < 0 ? tr("%1 off the card").arg(text) : text;
}

QRectF FaceView::tag(Qt::Orientation along) const {
  const int i = m_session.selectedIndex();
  if (i < 0) return {};
  const FaceGeometry g = geometryNow();
  const Point at = m_session.plan().impressions[ix(i)].at;
  const QPointF foot = g.toPixels(at);
  const QFontMetricsF metrics(labelFont(QFont::DemiBold));
  const QString text = measureWords(along == Qt::Horizontal ? at.x : at.y);
  const QSizeF size(metrics.horizontalAdvance(text) + 14, metrics.height() + 6);
  const QRectF face = g.face();
  if (along == Qt::Horizontal)
    return {QPointF(std::clamp(foot.x() - size.width() / 2, 2.0, width() - size.width() - 2),
                    std::min(face.bottom() + 11, height() - size.height() - 2)),
            size};
  return {QPointF(std::max(2.0, face.left() - 11 - size.width()),
                  std::clamp(foot.y() - size.height() / 2, 2.0, height() - 2 * size.height() - 6)),
          size};
}

void FaceView::typeMeasure(Qt::Orientation along) {
  const int i = m_session.selectedIndex();
  if (i < 0) return;
  m_editing = along;
  const Point at = m_session.plan().impressions[ix(i)].at;
  m_editor->setText(bare(along == Qt::Horizontal ? at.x : at.y, m_session.units()));
  QRectF box = tag(along).adjusted(-4, -3, 40, 3);
  if (box.right() > width()) box.moveRight(width());
  m_editor->setFont(labelFont(QFont::DemiBold));
  m_editor->setGeometry(box.toRect());
  m_editor->selectAll();
  m_editor->show();
  m_editor->setFocus();
}

void FaceView::finishTyping() {
  const int i = m_session.selectedIndex();
  const auto typed = readMeasure(m_editor->text().toStdString(), m_session.units());
  if (!typed) {
    Q_EMIT m_session.trouble(errorReason(typed.error()));
  } else if (i >= 0) {
    const Impression& thing = m_session.plan().impressions[ix(i)];
    Point to = thing.at;
    (m_editing == Qt::Horizontal ? to.x : to.y) = typed.value().value;
    m_session.edit(
        tr("Move %1 %2").arg(nameOf(m_session.plan(), i), moveWords(thing.at, to, m_session.units())),
        withFoot(m_session.plan(), thing.id, to));
  }
  m_editor->hide();
  setFocus();
}

}  // namespace havlo
