// One widget, painted: marks on a dotted line, names and statuses under them.
#include "app/shell/trail.h"

#include <QAction>
#include <QDragEnterEvent>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMimeData>
#include <QMouseEvent>
#include <QPushButton>
#include <algorithm>
#include <utility>

#include "app/common/form_rows.h"
#include "app/theme/theme.h"

namespace havlo {

Trail::Trail(QWidget* parent) : QWidget(parent) {
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

QSize Trail::sizeHint() const { return {800, qRound(62 * textScale())}; }

double Trail::stride() const {
  // The plan's title keeps some room at the right, whatever the size of text.
  const double room = width() - 32 - 250;
  return std::min(190 * textScale(), room / std::max(1.0, static_cast<double>(m_places.size())));
}

void Trail::setPlaces(std::vector<Place> places) {
  m_places = std::move(places);
  QStringList spoken;
  for (const Place& p : m_places) spoken << p.name + QStringLiteral(": ") + p.status;
  setAccessibleDescription(spoken.join(QStringLiteral("; ")));
  update();
}

void Trail::setPlan(const QString& title, const QString& state) {
  m_title = title;
  m_state = state;
  update();
}

void Trail::setCurrent(int place) {
  m_current = place;
  if (hasFocus()) itemFocused(this, place);
  update();
}

QRect Trail::areaOf(int place) const {
  return QRectF(16 + place * stride(), 0, stride() - 10, height()).toRect();
}

std::vector<ViewItem> Trail::items() const {
  std::vector<ViewItem> out;
  for (size_t k = 0; k < m_places.size(); ++k)
    out.push_back({m_places[k].name, m_places[k].status, areaOf(static_cast<int>(k)),
                   static_cast<int>(k) == m_current});
  return out;
}

QRectF Trail::titleArea() const {
  const double left = 16 + static_cast<double>(m_places.size()) * stride();
  return {left, 6 * textScale(), width() - 16 - left, 18 * textScale()};
}

void Trail::showActs(QAction* undo, QAction* redo) {
  for (QAction* action : {undo, redo}) {
    auto* button = plainButton(action == undo ? tr("Undo") : tr("Redo"));
    button->setParent(this);
    button->setFont(labelFont(QFont::DemiBold));
    button->setObjectName(action == undo ? QStringLiteral("trailUndo") : QStringLiteral("trailRedo"));
    button->setFocusPolicy(Qt::NoFocus);  // keys have their own way
    const auto show = [button, action] {
      button->setVisible(action->isEnabled());
      button->setToolTip(action->text().remove(u'&') + u' ' +
                         action->shortcut().toString(QKeySequence::NativeText));
    };
    connect(action, &QAction::changed, button, show);
    connect(button, &QPushButton::clicked, action, &QAction::trigger);
    show();
    m_acts.push_back(button);
  }
  layActs();
}

void Trail::layActs() {
  int right = width() - 12;
  for (auto it = m_acts.rbegin(); it != m_acts.rend(); ++it) {
    const QSize size((*it)->sizeHint().width(), qRound(20 * textScale()));
    (*it)->setGeometry(right - size.width(), height() - size.height() - 2, size.width(), size.height());
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
  const int by = e->key() == Qt::Key_Right ? 1 : e->key() == Qt::Key_Left ? -1 : 0;
  if (by == 0) return QWidget::keyPressEvent(e);
  Q_EMIT visited(std::clamp(m_current + by, 0, static_cast<int>(m_places.size()) - 1));
}

void Trail::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  p.fillRect(rect(), t.paper);
  p.setPen(QPen(t.rule, 1));
  p.drawLine(0, height() - 1, width(), height() - 1);
  const double y = 13 * textScale();
  if (m_places.size() > 1) {
    p.setPen(QPen(t.rule, 1.5, Qt::DotLine));
    p.drawLine(QPointF(24 + 8, y), QPointF(24 + static_cast<double>(m_places.size() - 1) * stride(), y));
  }
  const QFontMetricsF body(bodyFont()), label(labelFont());
  for (int k = 0; k < static_cast<int>(m_places.size()); ++k) {
    const Place& place = m_places[ix(k)];
    const double x = 16 + k * stride();
    p.setPen(Qt::NoPen);
    p.setBrush(t.paper);
    p.drawEllipse(QPointF(x + 8, y), 10, 10);
    drawMark(p, {x + 8, y}, 7.5, k == m_current ? Mark::Here : place.mark,
             k == m_current             ? t.green
             : place.mark == Mark::Look ? t.ochre
                                        : t.green);
    p.setFont(bodyFont(k == m_current ? QFont::Bold : QFont::Normal));
    p.setPen(t.ink);
    p.drawText(QPointF(x, y + 8 + body.height()),
               QFontMetricsF(p.font()).elidedText(place.name, Qt::ElideRight, stride() - 10));
    p.setFont(labelFont());
    p.setPen(place.level == Level::Note ? t.soft : colourOf(place.level));
    p.drawText(QPointF(x, y + 8 + body.height() + label.height()),
               label.elidedText(place.status, Qt::ElideRight, stride() - 14));
  }
  const QRectF right(16 + static_cast<double>(m_places.size()) * stride(), 0,
                     width() - 32 - static_cast<double>(m_places.size()) * stride(), height());
  p.setFont(bodyFont(QFont::Bold));
  p.setPen(t.ink);
  p.drawText(right.adjusted(0, 10 * textScale(), 0, 0), Qt::AlignRight | Qt::AlignTop,
             QFontMetricsF(bodyFont(QFont::Bold)).elidedText(m_title, Qt::ElideMiddle, right.width()));
  p.setFont(labelFont());
  p.setPen(t.soft);
  p.drawText(right.adjusted(0, 12 * textScale() + body.height(), 0, 0), Qt::AlignRight | Qt::AlignTop,
             m_state);
  if (hasFocus()) {
    p.setPen(QPen(t.green, 1, Qt::DashLine));
    p.setBrush(Qt::NoBrush);
    p.drawRect(areaOf(m_current).adjusted(-6, 2, 0, -4));
  }
}

}  // namespace havlo
