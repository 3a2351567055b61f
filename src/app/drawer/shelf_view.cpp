#include "app/drawer/shelf_view.h"

#include <QApplication>
#include <QDrag>
#include <QElapsedTimer>
#include <QKeyEvent>
#include <QMimeData>
#include <QPainter>
#include <QPainterPath>
#include <QScrollBar>
#include <algorithm>

#include "app/common/stamp_mime.h"
#include "app/common/thumbnail.h"
#include "app/common/tip.h"
#include "app/theme/theme.h"
#include "io/art/svg_art.h"
#include "io/wording/card_words.h"

namespace havlo {
namespace {

constexpr int kShelfGap = 18, kShelfMargin = 16, kLeastWidth = 112, kTallest = 200;
constexpr int kSlice_ms = 8;

int wordsHeight() { return qRound(34 * textScale()); }

QString keyOf(const DrawerCard& c) { return QString::fromStdString(c.key); }

}  // namespace

ShelfView::ShelfView(DrawerSession& drawer, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QAbstractScrollArea(parent), m_drawer(drawer), m_art(std::move(art)) {
  setFrameShape(QFrame::NoFrame);
  setFocusPolicy(Qt::StrongFocus);
  setLayoutDirection(Qt::LeftToRight);  // what is on paper is not mirrored
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  setAccessibleName(tr("Stamps in the drawer"));
  m_pictures.setMaxCost(48 << 20);
  m_drawing.setInterval(0);
  m_drawing.setSingleShot(true);
  connect(&m_drawing, &QTimer::timeout, this, [this] {
    QElapsedTimer clock;
    clock.start();
    bool more = true;
    while (more && clock.elapsed() < kSlice_ms) more = drawOne();
    viewport()->update();
    if (more) m_drawing.start();
  });
  connect(verticalScrollBar(), &QScrollBar::valueChanged, this, [this] { m_drawing.start(); });
  connect(&drawer, &DrawerSession::stampChanged, this, [this](const QString& key) {
    m_pictures.remove(key);
    m_drawing.start();
  });
}

void ShelfView::setUnits(MeasureStyle units) {
  m_units = units;
  viewport()->update();
}

void ShelfView::setStamps(std::vector<int> cards) {
  m_cards = std::move(cards);
  layOut();
  viewport()->update();
}

/// All at one scale; only what is taller than a shelf is drawn smaller, and says so.
double ShelfView::scaleOf(const DrawerCard& c) const {
  const double most = std::max(kLeastWidth, viewport()->width() - 2 * kShelfMargin);
  return std::min({m_pxPerMm, kTallest / std::max(1.0, c.height_mm), most / std::max(1.0, c.width_mm)});
}

void ShelfView::layOut() {
  m_slots.clear();
  m_boards.clear();
  const int room = viewport()->width() - 2 * kShelfMargin;
  int x = kShelfMargin, y = kShelfMargin, tallest = 0, row = 0;
  size_t first = 0;
  const auto closeRow = [&] {
    for (size_t k = first; k < m_slots.size(); ++k)
      m_slots[k].box.moveTop(y + tallest - (m_slots[k].box.height() - wordsHeight()));
    m_boards.push_back(y + tallest);
    y += tallest + wordsHeight() + kShelfGap;
    first = m_slots.size();
    x = kShelfMargin, tallest = 0, ++row;
  };
  for (int card : m_cards) {
    const DrawerCard& c = m_drawer.index().cards()[ix(card)];
    const double s = scaleOf(c);
    const int w = std::max(qRound(kLeastWidth * textScale()), qRound(c.width_mm * s)),
              h = qRound(c.height_mm * s);
    if (x > kShelfMargin && x + w > kShelfMargin + room) closeRow();
    m_slots.push_back({card, QRect(x, 0, w, h + wordsHeight()), row});
    x += w + kShelfGap;
    tallest = std::max(tallest, h);
  }
  if (first < m_slots.size()) closeRow();
  m_height = y;
  verticalScrollBar()->setPageStep(viewport()->height());
  verticalScrollBar()->setSingleStep(60);
  verticalScrollBar()->setRange(0, std::max(0, m_height - viewport()->height()));
  m_drawing.start();
}

void ShelfView::resizeEvent(QResizeEvent*) { layOut(); }

/// Draws one picture that is in sight and missing. @return is there another?
bool ShelfView::drawOne() {
  const int top = verticalScrollBar()->value(), bottom = top + viewport()->height();
  bool drawn = false;
  for (const Slot& slot : m_slots) {
    if (slot.box.bottom() < top || slot.box.top() > bottom) continue;
    const DrawerCard& c = m_drawer.index().cards()[ix(slot.card)];
    if (m_pictures.contains(keyOf(c))) continue;
    if (drawn) return true;
    const auto whole = m_drawer.stamp(c.key);
    const double s = scaleOf(c), ratio = devicePixelRatioF();
    const QSize size(qRound((c.width_mm * s + 4) * ratio), qRound((c.height_mm * s + 4) * ratio));
    auto picture = std::make_unique<QPixmap>(whole ? stampThumbnail(whole->stamp, *m_art, size, theme().ink)
                                                   : QPixmap(1, 1));
    picture->setDevicePixelRatio(ratio);
    const auto cost = static_cast<qsizetype>(size.width()) * size.height() * 4;
    m_pictures.insert(keyOf(c), picture.release(), std::min<qsizetype>(cost, 8 << 20));
    drawn = true;
  }
  return false;
}

void ShelfView::paintEvent(QPaintEvent*) {
  QPainter p(viewport());
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  p.fillRect(viewport()->rect(), t.paper);
  const int scroll = verticalScrollBar()->value();
  p.translate(0, -scroll);
  p.setPen(QPen(t.rule, 2));
  for (int board : m_boards)
    if (board > scroll - 4 && board < scroll + viewport()->height() + 4)
      p.drawLine(8, board + 1, viewport()->width() - 8, board + 1);
  const QFontMetrics label(labelFont());
  for (const Slot& slot : m_slots) {
    if (slot.box.bottom() < scroll || slot.box.top() > scroll + viewport()->height()) continue;
    const DrawerCard& c = m_drawer.index().cards()[ix(slot.card)];
    const bool here = c.key == m_chosen;
    if (here) {
      QPainterPath veil;
      veil.addRoundedRect(slot.box.adjusted(-7, -6, 7, 3), 5, 5);
      p.fillPath(veil, t.greenVeil);
      p.setPen(QPen(t.green, hasFocus() ? 2 : 1));
      p.drawPath(veil);
    }
    const int foot = slot.box.bottom() + 1 - wordsHeight();
    if (const QPixmap* picture = m_pictures.object(keyOf(c))) {
      const QSizeF size = picture->deviceIndependentSize();
      p.drawPixmap(QPointF(slot.box.center().x() - size.width() / 2 + 0.5, foot - size.height() + 2),
                   *picture);
    }
    p.setFont(labelFont(here ? QFont::Bold : QFont::Normal));
    p.setPen(t.ink);
    const QRect words(slot.box.left() - 6, foot + 3, slot.box.width() + 12, wordsHeight() - 3);
    p.drawText(words, Qt::AlignHCenter | Qt::AlignTop,
               label.elidedText(QString::fromStdString(c.name), Qt::ElideRight, words.width()));
    p.setFont(labelFont());
    p.setPen(t.soft);
    QString size = sizeWords(c.width_mm, c.height_mm, m_units);
    if (scaleOf(c) < m_pxPerMm - 1e-9) size = tr("%1, drawn smaller").arg(size);
    p.drawText(words, Qt::AlignHCenter | Qt::AlignBottom,
               label.elidedText(size, Qt::ElideRight, words.width()));
  }
}

int ShelfView::slotAt(QPoint at) const {
  const QPoint p = at + QPoint(0, verticalScrollBar()->value());
  for (size_t k = 0; k < m_slots.size(); ++k)
    if (m_slots[k].box.adjusted(-kShelfGap / 2, -4, kShelfGap / 2, 4).contains(p)) return static_cast<int>(k);
  return -1;
}

int ShelfView::chosenSlot() const {
  for (size_t k = 0; k < m_slots.size(); ++k)
    if (m_drawer.index().cards()[ix(m_slots[k].card)].key == m_chosen) return static_cast<int>(k);
  return -1;
}

void ShelfView::chooseSlot(int k) {
  if (k < 0 || k >= static_cast<int>(m_slots.size())) return;
  choose(m_drawer.index().cards()[ix(m_slots[ix(k)].card)].key);
}

void ShelfView::choose(const std::string& key) {
  const bool other = key != m_chosen;
  m_chosen = key;
  if (const int k = chosenSlot(); k >= 0) {
    const QRect box = m_slots[ix(k)].box;
    QScrollBar* bar = verticalScrollBar();
    if (box.top() - 10 < bar->value()) bar->setValue(box.top() - 10);
    if (box.bottom() + 10 > bar->value() + viewport()->height())
      bar->setValue(box.bottom() + 10 - viewport()->height());
  }
  viewport()->update();
  if (other) itemFocused(this, chosenSlot());
  if (other) Q_EMIT chosenChanged(QString::fromStdString(key));
}

std::vector<ViewItem> ShelfView::items() const {
  std::vector<ViewItem> out;
  for (const Slot& s : m_slots) {
    const DrawerCard& c = m_drawer.index().cards()[ix(s.card)];
    QString words = sizeWords(c.width_mm, c.height_mm, m_units);
    if (!c.place.empty()) words += tr(", kept in %1").arg(QString::fromStdString(c.place));
    out.push_back({QString::fromStdString(c.name), words, s.box.translated(0, -verticalScrollBar()->value()),
                   c.key == m_chosen});
  }
  return out;
}

void ShelfView::takeItem(int item) {
  setFocus();
  chooseSlot(item);
}

QRect ShelfView::placeOf(const std::string& key) const {
  for (const Slot& s : m_slots)
    if (m_drawer.index().cards()[ix(s.card)].key == key)
      return s.box.translated(0, -verticalScrollBar()->value());
  return {};
}

void ShelfView::mousePressEvent(QMouseEvent* e) {
  m_pressed = e->position().toPoint();
  chooseSlot(slotAt(m_pressed));
}

/// A stamp is carried to the card: over the trail's Scene, which opens, or straight into another window.
void ShelfView::mouseMoveEvent(QMouseEvent* e) {
  const QPoint way = e->position().toPoint() - m_pressed;
  if (!(e->buttons() & Qt::LeftButton) || way.manhattanLength() < QApplication::startDragDistance()) return;
  const int k = slotAt(m_pressed);
  if (k < 0) return;
  auto* carried = new QMimeData;
  carried->setData(kStampMime, QByteArray::fromStdString(m_chosen));
  auto* drag = new QDrag(this);
  drag->setMimeData(carried);
  if (const QPixmap* picture = m_pictures.object(QString::fromStdString(m_chosen))) {
    drag->setPixmap(*picture);
    const QSizeF size = picture->deviceIndependentSize();
    drag->setHotSpot(QPointF(size.width() / 2, size.height()).toPoint());  // by its foot
  }
  drag->exec(Qt::CopyAction);
}

void ShelfView::mouseDoubleClickEvent(QMouseEvent* e) {
  if (slotAt(e->position().toPoint()) >= 0) Q_EMIT taken(QString::fromStdString(m_chosen));
}

void ShelfView::keyPressEvent(QKeyEvent* e) {
  const int now = chosenSlot(), last = static_cast<int>(m_slots.size()) - 1;
  const auto toRow = [&](int by) {
    if (now < 0) return chooseSlot(0);
    const Slot& from = m_slots[ix(now)];
    int best = -1, least = 1 << 30;
    for (int k = 0; k <= last; ++k) {
      const Slot& s = m_slots[ix(k)];
      if (s.row != from.row + by) continue;
      const int off = std::abs(s.box.center().x() - from.box.center().x());
      if (off < least) least = off, best = k;
    }
    chooseSlot(best);
  };
  switch (e->key()) {
    case Qt::Key_Right:
      return chooseSlot(std::min(last, now + 1));
    case Qt::Key_Left:
      return chooseSlot(std::max(0, now - 1));
    case Qt::Key_Down:
      return toRow(1);
    case Qt::Key_Up:
      return toRow(-1);
    case Qt::Key_Home:
      return chooseSlot(0);
    case Qt::Key_End:
      return chooseSlot(last);
    case Qt::Key_Return:
    case Qt::Key_Enter:
      if (now >= 0) Q_EMIT taken(QString::fromStdString(m_chosen));
      return;
    default:
      QAbstractScrollArea::keyPressEvent(e);
  }
}

bool ShelfView::viewportEvent(QEvent* e) {
  if (e->type() == QEvent::ToolTip) {
    const auto* help = static_cast<QHelpEvent*>(e);
    const int k = slotAt(help->pos());
    if (k >= 0) {
      const DrawerCard& c = m_drawer.index().cards()[ix(m_slots[ix(k)].card)];
      QString text = QString::fromStdString(c.name);
      if (!c.setName.empty()) text += tr("\nset: %1").arg(QString::fromStdString(c.setName));
      if (!c.place.empty()) text += tr("\nkept in: %1").arg(QString::fromStdString(c.place));
      showTip(help->globalPos(), text, this);
    }
    return true;
  }
  return QAbstractScrollArea::viewportEvent(e);
}

}  // namespace havlo
