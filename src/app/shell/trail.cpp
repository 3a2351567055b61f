// One widget, painted: a path that winds from drawing to drawing, with prints as far as the work has come.
#include "app/shell/trail.h"

#include <QAction>
#include <QDragEnterEvent>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainterPath>
#include <QPushButton>
#include <algorithm>
#include <utility>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/theme/theme.h"

namespace havlo {
namespace {

constexpr double kDrawing = 26;  // px at usual size

}  // namespace

Trail::Trail(QWidget* parent) : QWidget(parent) {
  setAttribute(Qt::WA_OpaquePaintEvent);
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("Places"));
  setAcceptDrops(true);
  m_over.setSingleShot(true);
  m_over.setInterval(350);
  connect(&m_over, &QTimer::timeout, this, [this] {
    if (m_overPlace >= 0 && m_overPlace != m_current) Q_EMIT visited(m_overPlace);
  });
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QSize Trail::sizeHint() const { return {800, qRound(74 * textScale())}; }

double Trail::stride() const {
  // The plan's title keeps some room at the right, whatever the size of text.
  const QFont font = bodyFont(QFont::DemiBold);
  if (m_titleFont != font) {  // asked for by every place; measured once
    m_titleFont = font;
    m_titleWidth = std::max(QFontMetricsF(font).horizontalAdvance(m_title),
                            QFontMetricsF(labelFont()).horizontalAdvance(m_state));
  }
  const double room = width() - 32 - std::clamp(m_titleWidth + 20, 130.0, 250.0);
  return std::min(190 * textScale(), room / std::max(1.0, static_cast<double>(m_places.size())));
}

void Trail::setPlaces(std::vector<Place> places) {
  if (places == m_places) return;
  // While something is dragged often one word changes, and the rest need not be painted.
  for (size_t k = 0; k < places.size() && places.size() == m_places.size(); ++k) {
    if (places[k] == m_places[k]) continue;
    Place told = m_places[k];
    told.status = places[k].status;
    const int place = static_cast<int>(k);
    if (told == places[k]) {
      update(roundOf(place) & wordsArea());
    } else {
      update(roundOf(place - 1) | roundOf(place));
    }
  }
  if (places.size() != m_places.size()) update();
  m_places = std::move(places);
  QStringList spoken;
  for (const Place& p : m_places) spoken << p.name + QStringLiteral(": ") + p.status;
  setAccessibleDescription(spoken.join(QStringLiteral("; ")));
}

void Trail::setPlan(const QString& title, const QString& state) {
  if (title == m_title && state == m_state) return;
  m_title = title;
  m_state = state;
  m_titleFont.reset();
  update();
}

void Trail::setCurrent(int place) {
  m_current = place;
  if (hasFocus()) itemFocused(this, place);
  update();
}

QRect Trail::areaOf(int place) const {
  return mirrored(QRectF(16 + place * stride(), 0, stride() - 10, height())).toRect();
}

/// Whatever is painted for a place and the path on from it lies within.
QRect Trail::roundOf(int place) const {
  return mirrored(QRectF(16 + place * stride(), 0, stride() + kDrawing * textScale(), height()))
      .toAlignedRect()
      .adjusted(-16, 0, 16, 0);
}

/// Below the path and its drawings.
QRect Trail::wordsArea() const {
  const int top = qFloor(36 * textScale());
  return {0, top, width(), height() - top};
}

std::vector<ViewItem> Trail::items() const {
  std::vector<ViewItem> out;
  for (size_t k = 0; k < m_places.size(); ++k)
    out.push_back({m_places[k].name, m_places[k].status, areaOf(static_cast<int>(k)),
                   static_cast<int>(k) == m_current});
  return out;
}

QRectF Trail::mirrored(const QRectF& area) const {
  return isRightToLeft() ? QRectF(width() - area.right(), area.top(), area.width(), area.height()) : area;
}

QRectF Trail::titleArea() const {
  const double left = 16 + static_cast<double>(m_places.size()) * stride();
  return mirrored({left, 6 * textScale(), width() - 16 - left, 18 * textScale()});
}

void Trail::showActs(QAction* undo, QAction* redo) {
  // The two stand where they stand: neither comes under the pointer in the other's place.
  for (QAction* action : {undo, redo}) {
    auto* button = plainButton(action == undo ? tr("Undo") : tr("Redo"));
    button->setParent(this);
    button->setFont(labelFont(QFont::DemiBold));
    button->setIcon(drawingIcon(drawingOfAct(action->objectName())));
    button->setObjectName(action == undo ? QStringLiteral("trailUndo") : QStringLiteral("trailRedo"));
    button->setFocusPolicy(Qt::NoFocus);  // keys have their own way
    const auto show = [button, action, undo, redo] {
      button->setVisible(undo->isEnabled() || redo->isEnabled());
      button->setEnabled(action->isEnabled());
      button->setToolTip(action->text().remove(u'&') + u' ' +
                         action->shortcut().toString(QKeySequence::NativeText));
    };
    for (QAction* either : {undo, redo}) connect(either, &QAction::changed, button, show);
    connect(button, &QPushButton::clicked, action, &QAction::trigger);
    show();
    m_acts.push_back(button);
  }
  layActs();
}

void Trail::layActs() {
  int right = width() - 12;
  for (auto it = m_acts.rbegin(); it != m_acts.rend(); ++it) {
    // Below the two lines of words.
    const QSize size((*it)->sizeHint().width(), qRound(26 * textScale()));
    (*it)->setGeometry(
        mirrored(QRectF(right - size.width(), height() - size.height() - 4, size.width(), size.height()))
            .toRect());
    right -= size.width() + 2;
  }
}

void Trail::resizeEvent(QResizeEvent*) { layActs(); }

void Trail::typeTitle() {
  delete m_typed;
  m_typed = new QLineEdit(m_title, this);
  m_typed->setObjectName(QStringLiteral("title"));
  m_typed->setAccessibleName(tr("Title of the card"));
  m_typed->setGeometry(titleArea().adjusted(0, -4, 4, 6).toRect());
  m_typed->setAlignment(Qt::AlignRight);
  m_typed->selectAll();
  m_typed->show();
  m_typed->setFocus();
  connect(m_typed, &QLineEdit::editingFinished, this, [this] {
    if (!m_typed) return;
    const QString typed = m_typed->text().trimmed();
    m_typed->hide();
    std::exchange(m_typed, nullptr)->deleteLater();
    if (!typed.isEmpty() && typed != m_title) Q_EMIT titleTyped(typed);
  });
}

void Trail::mousePressEvent(QMouseEvent* e) {
  if (titleArea().contains(e->position())) return typeTitle();
  for (int k = 0; k < static_cast<int>(m_places.size()); ++k)
    if (areaOf(k).contains(e->position().toPoint())) Q_EMIT visited(k);
}

// What is dragged over a place opens it, so that it can be let go there.
void Trail::dragEnterEvent(QDragEnterEvent* e) {
  if (!e->mimeData()->hasUrls()) e->accept();
}

void Trail::dragMoveEvent(QDragMoveEvent* e) {
  int over = -1;
  for (int k = 0; k < static_cast<int>(m_places.size()); ++k)
    if (areaOf(k).contains(e->position().toPoint())) over = k;
  if (over != m_overPlace) {
    m_overPlace = over;
    over < 0 ? m_over.stop() : m_over.start();
  }
  e->ignore();  // nothing is let go here
}

void Trail::dragLeaveEvent(QDragLeaveEvent*) {
  m_overPlace = -1;
  m_over.stop();
}

void Trail::keyPressEvent(QKeyEvent* e) {
  const int onward = isRightToLeft() ? -1 : 1;
  const int by = e->key() == Qt::Key_Right ? onward : e->key() == Qt::Key_Left ? -onward : 0;
  if (by == 0) return QWidget::keyPressEvent(e);
  Q_EMIT visited(std::clamp(m_current + by, 0, static_cast<int>(m_places.size()) - 1));
}

QPointF Trail::middleOf(int place) const {
  const double x = 16 + place * stride() + kDrawing / 2 * textScale();
  return {isRightToLeft() ? width() - x : x, 18 * textScale()};
}

/// A path on the ground, and a hare's prints on it where both of its ends are begun.
void Trail::paintPath(QPainter& p, const QRect& within) const {
  const Theme& t = theme();
  for (int k = 0; k + 1 < static_cast<int>(m_places.size()); ++k) {
    if (!roundOf(k).intersects(within)) continue;
    const QPointF a = middleOf(k), b = middleOf(k + 1);
    const double third = (b.x() - a.x()) / 3, sway = (k % 2 == 0 ? 5 : -5) * textScale();
    QPainterPath way(a);
    way.cubicTo(a + QPointF(third, sway), b - QPointF(third, sway), b);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(t.rule, 7, Qt::SolidLine, Qt::FlatCap));
    p.drawPath(way);
    p.setPen(QPen(t.paper, 4.4, Qt::SolidLine, Qt::FlatCap));
    p.drawPath(way);
    if (m_places[ix(k)].mark == Mark::NotBegun || m_places[ix(k) + 1].mark == Mark::NotBegun) continue;
    const double clear = kDrawing * 0.85 * textScale(), length = way.length();
    p.setPen(Qt::NoPen);
    p.setBrush(t.green);
    int n = 0;
    for (double at = clear; at < length - clear; at += 9, ++n) {
      const double share = way.percentAtLength(at);
      p.save();
      p.translate(way.pointAtPercent(share));
      p.rotate(-way.angleAtPercent(share));
      p.drawEllipse(QPointF(0, n % 2 == 0 ? -2.2 : 2.2), 2.2, 1.2);
      p.restore();
    }
  }
}

void Trail::paintDrawing(QPainter& p, int k) const {
  const Theme& t = theme();
  const Place& place = m_places[ix(k)];
  const bool here = k == m_current;
  const QPointF c = middleOf(k);
  const double size = kDrawing * textScale();
  p.setPen(here ? QPen(t.green, 1.8) : QPen(Qt::NoPen));
  p.setBrush(here ? t.greenVeil : t.paper);
  p.drawEllipse(c, size * 0.66, size * 0.64);
  const QRectF at(c.x() - size / 2, c.y() - size / 2, size, size);
  QColor ink = here ? t.green : t.ink;
  if (place.mark == Mark::NotBegun && !here) ink = t.edge;
  drawDrawing(p, place.drawing, at, ink);
  if (place.mark == Mark::Look) {
    const QPointF corner(c.x() + size * 0.62, c.y() - size * 0.42);
    p.setPen(Qt::NoPen);
    p.setBrush(t.paper);
    p.drawEllipse(corner, 7, 7);
    drawMark(p, corner, 5.5, Mark::Look, place.level == Level::Note ? t.soft : colourOf(place.level));
  }
}

void Trail::paintWords(QPainter& p, int k) const {
  const Theme& t = theme();
  const Place& place = m_places[ix(k)];
  const QFontMetricsF body(bodyFont()), label(labelFont());
  const double under = 36 * textScale() + body.ascent();
  p.setFont(bodyFont(k == m_current ? QFont::Bold : QFont::Normal));
  p.setPen(t.ink);
  const QRectF room = mirrored({16 + k * stride(), 0, stride() - 10, static_cast<double>(height())});
  const auto write = [&](double baseline, const QString& text, const QFontMetricsF& font) {
    p.drawText(QRectF(room.left(), baseline - font.ascent(), room.width(), font.height()),
               Qt::AlignVCenter | Qt::AlignLeading, font.elidedText(text, Qt::ElideRight, room.width()));
  };
  write(under, place.name, QFontMetricsF(p.font()));
  p.setFont(labelFont());
  p.setPen(place.level == Level::Note ? t.soft : colourOf(place.level));
  write(under + label.height(), place.status, label);
}

void Trail::paintTitle(QPainter& p, const QRectF& right) const {
  const Theme& t = theme();
  const QFontMetricsF body(bodyFont()), strong(bodyFont(QFont::Bold));
  p.setFont(bodyFont(QFont::Bold));
  p.setPen(t.ink);
  p.drawText(right.adjusted(0, 10 * textScale(), 0, 0), Qt::AlignTrailing | Qt::AlignTop,
             strong.elidedText(m_title, Qt::ElideMiddle, right.width()));
  p.setFont(labelFont());
  p.setPen(t.soft);
  p.drawText(right.adjusted(0, 12 * textScale() + body.height(), 0, 0), Qt::AlignTrailing | Qt::AlignTop,
             m_state);
}

void Trail::paintEvent(QPaintEvent* e) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  const Theme& t = theme();
  p.fillRect(rect(), t.paper);
  p.setPen(QPen(t.rule, 1));
  p.drawLine(0, height() - 1, width(), height() - 1);
  const bool drawings = !wordsArea().contains(e->rect());
  if (drawings) paintPath(p, e->rect());
  for (int k = 0; k < static_cast<int>(m_places.size()); ++k) {
    if (!roundOf(k).intersects(e->rect())) continue;
    if (drawings) paintDrawing(p, k);
    paintWords(p, k);
  }
  const double wide = static_cast<double>(m_places.size()) * stride();
  const QRectF right = mirrored(QRectF(16 + wide, 0, width() - 32 - wide, height()));
  if (right.intersects(e->rect())) paintTitle(p, right);
  if (hasFocus()) {
    p.setPen(QPen(t.green, 2));
    p.setBrush(Qt::NoBrush);
    p.drawRoundedRect(areaOf(m_current).adjusted(-6, 1, 0, -3), 5, 5);
  }
}

}  // namespace havlo
