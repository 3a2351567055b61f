#include "app/begin/choice_tile.h"

#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>

#include "app/theme/theme.h"

namespace havlo {
namespace {

constexpr int kRoom = 14;

}  // namespace

ChoiceTile::ChoiceTile(const QString& title, const QString& words, QWidget* parent)
    : QAbstractButton(parent), m_words(words) {
  setText(title);
  setAccessibleName(title);
  setAccessibleDescription(words);
  setFocusPolicy(Qt::StrongFocus);
  setCursor(Qt::PointingHandCursor);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void ChoiceTile::setPicture(const QImage& picture) {
  m_picture = picture;
  update();
}

QSize ChoiceTile::sizeHint() const { return {qRound(190 * textScale()), qRound(230 * textScale())}; }

QSize ChoiceTile::minimumSizeHint() const { return {qRound(150 * textScale()), qRound(170 * textScale())}; }

int ChoiceTile::wordsHeight(int width) const {
  return QFontMetrics(bodyFont()).boundingRect(QRect(0, 0, width, 10000), Qt::TextWordWrap, m_words).height();
}

void ChoiceTile::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  const QRectF all = QRectF(rect()).adjusted(2, 2, -2, -2);
  QPainterPath sheet;
  sheet.addRoundedRect(all, 6, 6);
  const bool warm = underMouse() || hasFocus() || isDown();
  p.fillPath(sheet, isDown() ? theme().greenVeil : theme().paper);
  p.setPen(QPen(warm ? theme().green : theme().rule, hasFocus() ? 2.5 : warm ? 1.6 : 1));
  p.drawPath(sheet);
  const int wide = width() - 2 * kRoom - 4;
  const QFontMetrics title(headingFont());
  const int titleHigh = title.boundingRect(QRect(0, 0, wide, 1000), Qt::TextWordWrap, text()).height();
  const int wordsHigh = wordsHeight(wide);
  const int wordsTop = height() - kRoom - wordsHigh;
  const int titleTop = wordsTop - 4 - titleHigh;
  const QRect room(kRoom + 2, kRoom + 2, wide, titleTop - 10 - kRoom);
  if (!m_picture.isNull() && room.height() > 20) {
    const QSize size = m_picture.size().scaled(room.size(), Qt::KeepAspectRatio);
    const QRect where(room.x() + (room.width() - size.width()) / 2,
                      room.y() + (room.height() - size.height()) / 2, size.width(), size.height());
    p.drawImage(where, m_picture);
  }
  p.setPen(theme().ink);
  p.setFont(headingFont());
  p.drawText(QRect(kRoom + 2, titleTop, wide, titleHigh), Qt::TextWordWrap, text());
  p.setFont(bodyFont());
  p.setPen(theme().soft);
  p.drawText(QRect(kRoom + 2, wordsTop, wide, wordsHigh + 4), Qt::TextWordWrap, m_words);
}

void ChoiceTile::enterEvent(QEnterEvent*) { update(); }
void ChoiceTile::leaveEvent(QEvent*) { update(); }

void ChoiceTile::keyPressEvent(QKeyEvent* e) {
  if (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter) return animateClick();
  QAbstractButton::keyPressEvent(e);
}

}  // namespace havlo
