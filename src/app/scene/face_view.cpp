// Picture from a job, overlays and handling here.
#include "app/scene/face_view.h"

#include <QContextMenuEvent>
#include <QCoreApplication>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "core/outline/distance.h"
#include "io/art/picture.h"
#include "io/art/shape_path.h"
#include "io/art/svg_art.h"
#include "io/wording/eye_words.h"
#include "io/wording/finding_words.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

constexpr double kGrab_mm = 0.8;  // a thin string can be taken this far beside it
constexpr double kTurnStalk_px = 26;
constexpr double kMost_px_per_mm = 40;
constexpr double kMostFace_px = 1.2e7;

QString bare(double mm, MeasureStyle style) {
  return QString::fromStdString(writeBareMeasure(Millimetres{mm}, style));
}
/// A short note on the card: text on a veil of its paper, so that it reads on any picture.
void drawNote(QPainter& p, QPointF upperLeft, const QString& text, double lowest) {
  const Theme onCard = lightTheme();
  const QFontMetricsF m(labelFont());
  QRectF box(upperLeft, QSizeF(m.horizontalAdvance(text) + 8, m.height()));
  if (box.bottom() > lowest) box.moveBottom(lowest);
  QColor veil = onCard.card;
  veil.setAlpha(190);
  p.setFont(labelFont());
  p.setPen(Qt::NoPen);
  p.setBrush(veil);
  p.drawRoundedRect(box, 3, 3);
  p.setPen(onCard.green);
  p.drawText(box, Qt::AlignCenter, text);
}

/// A ruler has no numbers below nothing: what hangs over an edge is told by how far.
QString measure(double mm, MeasureStyle style) {
  const QString text = QString::fromStdString(writeMeasure(Millimetres{std::fabs(mm)}, style));
  return mm < 0 ? FaceView::tr("%1 off the card").arg(text) : text;
}

}  // namespace

FaceView::FaceView(PlanSession& session, RowDraft& row, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_row(row),
      m_overlay(session, row),
      m_art(std::move(art)),
      m_tiles(newTileStore()),
      m_job(new Job<QImage>(this)),
      m_editor(new QLineEdit(this)) {
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
  setAccessibleName(tr("Card face"));
  setAccessibleDescription(
      tr("The card as it will look. Tab goes from thing to thing, arrow keys move the chosen one."));
  m_editor->hide();
  m_editor->setAccessibleName(tr("Measure"));
  connect(m_editor, &QLineEdit::returnPressed, this, &FaceView::finishTyping);
  connect(m_editor, &QLineEdit::editingFinished, m_editor, &QWidget::hide);
  connect(&session, &PlanSession::planChanged, this, &FaceView::refresh);
  connect(&session, &PlanSession::selectionChanged, this, qOverload<>(&QWidget::update));
  connect(&session, &PlanSession::unitsChanged, this, qOverload<>(&QWidget::update));
  connect(&row, &RowDraft::changed, this, qOverload<>(&QWidget::update));
  m_pointTimer.setInterval(180);
  connect(&m_pointTimer, &QTimer::timeout, this, [this] {
    if (++m_pointPhase > 12) {
      m_pointTimer.stop();
      m_pointedOut.clear();
    }
    update();
  });
}

FaceGeometry FaceView::geometryNow() const {
  const PanelSize& panel = m_session.plan().card.panel;
  const double room = 34 * textScale(), edge = 12, eye = 22;  // the horizon's eye stands beside the card
  const double fit =
      std::min((width() - room - 2 * eye) / panel.width_mm, (height() - room - 2 * edge) / panel.height_mm);
  FaceGeometry g;
  g.scale = std::min(std::max(0.2, fit * m_zoom), kMost_px_per_mm);
  g.width_mm = panel.width_mm;
  g.height_mm = panel.height_mm;
  const double left = (width() - room - panel.width_mm * g.scale) / 2 + room,
               below = (height() - room - panel.height_mm * g.scale) / 2;
  g.origin = QPointF(left, height() - room - below) + m_pan;
  return g;
}

/// Light, ground and room are drawn over the picture; it need not be made anew for them, but for the light
/// where something is shaded by it.
bool FaceView::samePicture(const Plan& now) const {
  if (!m_pictured || m_picturedScale != geometryNow().scale) return false;
  const Plan& then = *m_pictured;
  return then.impressions == now.impressions && then.stamps == now.stamps && then.inks == now.inks &&
         then.washes == now.washes && then.limits == now.limits && then.card == now.card &&
         then.view == now.view && then.pieces == now.pieces && then.colourings == now.colourings &&
         then.lines == now.lines && then.accents == now.accents && then.lifts == now.lifts &&
         then.own == now.own && (now.colourings.empty() || then.light == now.light);
}

void FaceView::refresh() {
  if (samePicture(m_session.plan())) return update();
  m_pictured = m_session.snapshot();
  m_picturedScale = geometryNow().scale;
  const double dpi =
      dpiWithin(m_session.plan().card.panel.box(),
                std::min(600.0, geometryNow().scale * devicePixelRatioF() * kMmPerInch), kMostFace_px);
  m_job->run([plan = m_session.snapshot(), analysis = m_session.analysis(), art = m_art, tiles = m_tiles,
              dpi](const Progress&) { return intendedPicture(*plan, *analysis, *art, dpi, tiles); },
             [this](QImage image) {
               m_picture = std::move(image);
               update();
             },
             false);
  update();
}

void FaceView::setZoom(double zoom) {
  m_zoom = std::clamp(zoom, 1.0, 12.0);
  if (m_zoom == 1.0) m_pan = {};
  refresh();
  Q_EMIT zoomChanged();
}

void FaceView::pointOut(const std::vector<int>& impressions) {
  m_pointedOut = impressions;
  m_pointPhase = 0;
  m_pointTimer.start();
  update();
}

int FaceView::thingAt(QPointF pixel) const {
  const Point at = geometryNow().toPanel(pixel);
  const Analysis& a = *m_session.analysis();
  for (int i : a.knots.frontToBack) {
    const Rings& shape = a.meetings.placed[ix(i)]->silhouette;
    if (boxOf(shape).grown(kGrab_mm).contains(at) && nearestPoint(shape, at).distance_mm <= kGrab_mm)
      return i;
  }
  return -1;
}

QPointF FaceView::turnHandle(int i) const {
  const FaceGeometry g = geometryNow();
  const Placed& placed = *m_session.analysis()->meetings.placed[ix(i)];
  const Stamp& stamp = *placed.outline->stamp;
  const QPointF top = g.toPixels(placed.placing.toPanel(Point{stamp.foot.x, stamp.height_mm}));
  const QPointF foot = g.toPixels(placed.placing.toPanel(stamp.foot));
  const QPointF along = top - foot;
  const double length = std::hypot(along.x(), along.y());
  QPointF handle = length > 1 ? top + along / length * kTurnStalk_px : top - QPointF(0, kTurnStalk_px);
  return {std::clamp(handle.x(), 8.0, width() - 8.0), std::clamp(handle.y(), 8.0, height() - 8.0)};
}

// ---- handling

void FaceView::mousePressEvent(QMouseEvent* e) {
  setFocus(Qt::MouseFocusReason);
  if (e->button() != Qt::LeftButton) return;
  const QPointF at = e->position();
  const int selected = m_session.selectedIndex();
  const QString key = QStringLiteral("drag-%1").arg(++m_dragSerial);
  if (selected >= 0) {
    for (const auto along : {Qt::Horizontal, Qt::Vertical})
      if (tag(along).contains(at)) return typeMeasure(along);
    const QPointF off = at - turnHandle(selected);
    if (std::hypot(off.x(), off.y()) < 9) {
      m_drag = std::make_unique<TurnDrag>(m_session, selected, key, geometryNow().toPanel(at));
      return;
    }
  }
  const auto handles = handlesOf(m_session, m_row, geometryNow());
  if (const SceneHandle* h = handleAt(handles, at)) {
    if (h->what == SceneHandle::What::Light) m_session.choosePart(QStringLiteral("light"));
    m_drag = dragOf(*h, m_session, m_row, key);
    return;
  }
  const int thing = thingAt(at);
  const int mark = thing < 0 ? m_overlay.markAt(at, geometryNow()) : -1;
  if (mark == -2) return m_session.choosePart(QStringLiteral("room"));
  if (mark >= 0)
    return m_session.choosePart(QStringLiteral("ground:") +
                                QString::fromStdString(m_session.plan().ground[ix(mark)].id));
  m_session.select(thing < 0 ? QString()
                             : QString::fromStdString(m_session.plan().impressions[ix(thing)].id));
  if (thing >= 0) m_drag = std::make_unique<MoveDrag>(m_session, thing, key, geometryNow().toPanel(at));
}

void FaceView::mouseMoveEvent(QMouseEvent* e) {
  if (m_drag && (e->buttons() & Qt::LeftButton)) {
    m_drag->moveTo(e->position(), geometryNow(), e->modifiers());
    return;
  }
  const int selected = m_session.selectedIndex();
  const int hover = thingAt(e->position());
  if (hover != m_hover) {
    m_hover = hover;
    update();
  }
  const bool onTag = selected >= 0 && (tag(Qt::Horizontal).contains(e->position()) ||
                                       tag(Qt::Vertical).contains(e->position()));
  const auto handles = handlesOf(m_session, m_row, geometryNow());
  const SceneHandle* handle = handleAt(handles, e->position());
  setCursor(handle && handle->what == SceneHandle::What::Horizon  ? Qt::SizeVerCursor
            : handle && handle->what == SceneHandle::What::Vanish ? Qt::SizeHorCursor
            : handle                                              ? Qt::SizeAllCursor
            : onTag                                               ? Qt::IBeamCursor
            : hover >= 0                                          ? Qt::OpenHandCursor
                                                                  : Qt::ArrowCursor);
}

void FaceView::contextMenuEvent(QContextMenuEvent* e) {
  const Point spot = geometryNow().toPanel(e->pos());
  // On the chosen thing the question is what its points are for; anywhere else, what could stand there.
  if (const int thing = thingAt(e->pos()); thing >= 0 && thing == m_session.selectedIndex()) {
    const Impression& i = m_session.plan().impressions[ix(thing)];
    Q_EMIT pointAsked(thing, placingOf(i, *m_session.plan().stamp(i.stamp)).toFrame(spot), e->globalPos());
    return;
  }
  if (m_session.plan().view && m_session.plan().card.panel.box().contains(spot))
    Q_EMIT spotAsked(spot, e->globalPos());
}

void FaceView::showConstruction(bool shown) {
  m_overlay.construction = shown;
  update();
}

void FaceView::mouseReleaseEvent(QMouseEvent*) { m_drag.reset(); }

void FaceView::mouseDoubleClickEvent(QMouseEvent* e) {
  if (thingAt(e->position()) >= 0) typeMeasure(Qt::Horizontal);
}

void FaceView::nudge(Point by) {
  const int i = m_session.selectedIndex();
  if (i < 0) return;
  const Impression& thing = m_session.plan().impressions[ix(i)];
  const Point to{thing.at.x + by.x, thing.at.y + by.y};
  m_session.edit(tr("Nudge %1").arg(nameOf(m_session.plan(), i)), withFoot(m_session.plan(), thing.id, to),
                 QStringLiteral("nudge-%1").arg(m_session.selected()));
}

void FaceView::turnBy(double degrees) {
  const int i = m_session.selectedIndex();
  if (i < 0) return;
  const Impression& thing = m_session.plan().impressions[ix(i)];
  m_session.edit(tr("Turn %1").arg(nameOf(m_session.plan(), i)),
                 withTurn(m_session.plan(), thing.id, Degrees{thing.turn_deg + degrees}),
                 QStringLiteral("turn-%1").arg(m_session.selected()));
}

void FaceView::keyPressEvent(QKeyEvent* e) {
  const bool fine = e->modifiers() & Qt::ShiftModifier;
  const double step = m_session.units() == MeasureStyle::Inches ? kMmPerInch / (fine ? 64 : 16)
                      : fine                                    ? 0.1
                                                                : 1.0;
  switch (e->key()) {
    case Qt::Key_Left:
      return nudge({-step, 0});
    case Qt::Key_Right:
      return nudge({step, 0});
    case Qt::Key_Up:
      return nudge({0, step});
    case Qt::Key_Down:
      return nudge({0, -step});
    case Qt::Key_Comma:
    case Qt::Key_Less:
      return turnBy(fine ? 0.1 : 1);
    case Qt::Key_Period:
    case Qt::Key_Greater:
      return turnBy(fine ? -0.1 : -1);
    case Qt::Key_L:
      return typeMeasure(Qt::Horizontal);
    case Qt::Key_B:
      return typeMeasure(Qt::Vertical);
    case Qt::Key_Escape:
      return m_session.select({});
    default:
      QWidget::keyPressEvent(e);
  }
}

void FaceView::wheelEvent(QWheelEvent* e) {
  if (e->modifiers() & Qt::ControlModifier) {
    const Point under = geometryNow().toPanel(e->position());
    setZoom(m_zoom * std::pow(1.0015, e->angleDelta().y()));
    if (m_zoom > 1) m_pan += e->position() - geometryNow().toPixels(under);
  } else if (m_zoom > 1) {
    m_pan += QPointF(e->angleDelta()) / 4;
  } else {
    return QWidget::wheelEvent(e);
  }
  update();
}

bool FaceView::event(QEvent* e) {
  if (e->type() == QEvent::ToolTip) {
    const auto* help = static_cast<QHelpEvent*>(e);
    const int i = thingAt(help->pos());
    const auto handles = handlesOf(m_session, m_row, geometryNow());
    const SceneHandle* handle = handleAt(handles, help->pos());
    QToolTip::showText(help->globalPos(),
                       handle  ? handle->tip
                       : i < 0 ? QString()
                               : labelOf(m_session.plan(), i),
                       this);
    return true;
  }
  // Tab walks through the things, front to back, before it leaves the face.
  if (e->type() == QEvent::KeyPress) {
    const auto* key = static_cast<QKeyEvent*>(e);
    const bool forward = key->key() == Qt::Key_Tab, backward = key->key() == Qt::Key_Backtab;
    const auto& line = m_session.analysis()->knots.frontToBack;
    if ((forward || backward) && !(key->modifiers() & Qt::ControlModifier) && !line.empty()) {
      const auto here = std::find(line.begin(), line.end(), m_session.selectedIndex());
      auto next = here == line.end() ? (forward ? 0 : static_cast<long>(line.size()) - 1)
                                     : here - line.begin() + (forward ? 1 : -1);
      if (next >= 0 && next < static_cast<long>(line.size())) {
        m_session.select(QString::fromStdString(m_session.plan().impressions[ix(line[ix(next)])].id));
        return true;
      }
    }
  }
  return QWidget::event(e);
}

void FaceView::resizeEvent(QResizeEvent*) { refresh(); }

// ---- measures

QRectF FaceView::tag(Qt::Orientation along) const {
  const int i = m_session.selectedIndex();
  if (i < 0) return {};
  const FaceGeometry g = geometryNow();
  const Point at = m_session.plan().impressions[ix(i)].at;
  const QPointF foot = g.toPixels(at);
  const QFontMetricsF metrics(labelFont(QFont::DemiBold));
  const QString text = measure(along == Qt::Horizontal ? at.x : at.y, m_session.units());
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
    Q_EMIT m_session.trouble(QString::fromStdString(typed.error().message));
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

// ---- painting

void FaceView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  const FaceGeometry g = geometryNow();
  const QRectF face = g.face();
  p.fillRect(face.translated(2, 3), QColor(0, 0, 0, theme().dark ? 90 : 28));
  if (m_picture.isNull()) {
    const Colour c = m_session.plan().card.paper.colour;
    p.fillRect(face, colourOf(c));
  } else {
    // A picture of the face's own size is laid down pixel by pixel, which is many times faster than scaling.
    const double ratio = devicePixelRatioF();
    const bool sameSize = std::fabs(m_picture.width() - face.width() * ratio) < 1.5 &&
                          std::fabs(m_picture.height() - face.height() * ratio) < 1.5;
    if (sameSize) {
      QImage exact = m_picture;
      exact.setDevicePixelRatio(ratio);
      p.drawImage(QPointF(std::round(face.left()), std::round(face.top())), exact);
    } else {
      p.drawImage(face, m_picture);
    }
  }
  p.setPen(QPen(theme().rule, 1));
  p.drawRect(face);
  const int selected = m_session.selectedIndex();
  p.save();
  p.setClipRect(face);
  m_overlay.paintBelow(p, g);
  paintViewpoint(p, g);
  if (selected >= 0) paintBand(p, g, selected);
  p.restore();
  if (m_hover >= 0 && m_hover != selected && m_hover < static_cast<int>(m_session.plan().impressions.size()))
    paintOutline(p, g, m_hover, QPen(theme().green, 1, Qt::DotLine));
  if (m_pointPhase % 4 < 2 && m_pointTimer.isActive())
    for (int i : m_pointedOut)
      if (i < static_cast<int>(m_session.plan().impressions.size()))
        paintOutline(p, g, i, QPen(theme().ochre, 3));
  paintRulers(p, g);
  m_overlay.paintAbove(p, g);
  if (selected >= 0) {
    paintSelected(p, g, selected);
    paintTags(p, g, selected);
  }
  if (m_session.plan().impressions.empty()) {
    p.setFont(bodyFont());
    p.setPen(QColor(0x56, 0x62, 0x6a));
    // In the sky, where no line crosses the words.
    QRectF sky = face;
    if (m_session.plan().view)
      sky.setBottom(std::max(sky.top() + 40, g.toPixels({0, m_session.plan().view->horizon_mm}).y() - 24));
    p.drawText(sky.adjusted(12, 8, -12, 0), Qt::AlignCenter | Qt::TextWordWrap,
               tr("The card is empty. Put a first stamp on it: it comes to where its size is right."));
  }
  if (hasFocus() && selected < 0) {
    p.setPen(QPen(theme().green, 1, Qt::DashLine));
    p.drawRect(face.adjusted(-4, -4, 4, 4));
  }
}

void FaceView::paintOutline(QPainter& p, const FaceGeometry& g, int i, QPen pen) const {
  p.setPen(pen);
  p.setBrush(Qt::NoBrush);
  p.drawPath(g.transform().map(pathOf(m_session.analysis()->meetings.placed[ix(i)]->silhouette)));
}

void FaceView::paintRulers(QPainter& p, const FaceGeometry& g) const {
  const bool inches = m_session.units() == MeasureStyle::Inches;
  const double step = inches ? kMmPerInch / 4 : 5;
  const int longEvery = inches ? 4 : 2;
  p.setFont(labelFont());
  p.setPen(QPen(theme().soft, 1));
  const QRectF face = g.face();
  const double gap = 5;
  for (int k = 0; k * step <= g.width_mm + 1e-6; ++k) {
    const double x = g.toPixels({k * step, 0}).x();
    const bool big = k % longEvery == 0;
    p.drawLine(QPointF(x, face.bottom() + gap), QPointF(x, face.bottom() + gap + (big ? 6 : 3)));
    if (big)
      p.drawText(QRectF(x - 20, face.bottom() + gap + 6, 40, 18 * textScale()),
                 Qt::AlignHCenter | Qt::AlignTop, QString::number(inches ? k / 4 : k * 5));
  }
  for (int k = 0; k * step <= g.height_mm + 1e-6; ++k) {
    const double y = g.toPixels({0, k * step}).y();
    const bool big = k % longEvery == 0;
    p.drawLine(QPointF(face.left() - gap, y), QPointF(face.left() - gap - (big ? 6 : 3), y));
    if (big)
      p.drawText(QRectF(face.left() - gap - 36, y - 10, 28, 20), Qt::AlignRight | Qt::AlignVCenter,
                 QString::number(inches ? k / 4 : k * 5));
  }
}

void FaceView::paintViewpoint(QPainter& p, const FaceGeometry& g) const {
  if (!m_session.plan().view) return;
  const View& view = *m_session.plan().view;
  // Over the card's own paper the light theme's inks are used, also on the dark ground.
  const Theme onCard = lightTheme();
  const double y = g.toPixels({0, view.horizon_mm}).y();
  p.setPen(QPen(onCard.green, 1, Qt::DashLine));
  p.drawLine(QPointF(g.face().left(), y), QPointF(g.face().right(), y));
  const QPointF vanish = g.toPixels({vanishX(view, g.width_mm), view.horizon_mm});
  p.setBrush(onCard.card);
  p.setPen(QPen(onCard.green, 1.5));
  p.drawEllipse(vanish, 3.5, 3.5);
  const double above = QFontMetricsF(labelFont()).height() + 3;
  drawNote(p, {g.face().left() + 6, y - above}, tr("horizon, eyes at %1").arg(metresText(view.eyeHeight_m)),
           g.face().bottom() - 2);
}

void FaceView::paintBand(QPainter& p, const FaceGeometry& g, int selected) const {
  const auto scale = readScale(m_session.plan(), selected);
  if (!scale) return;
  const Theme onCard = lightTheme();
  const QRectF face = g.face();
  const double top = g.toPixels({0, scale->band.high_mm}).y(),
               bottom = g.toPixels({0, scale->band.low_mm}).y();
  const QRectF band(face.left(), top, face.width(), std::max(2.0, bottom - top));
  QColor fill = onCard.green;
  fill.setAlpha(34);
  p.fillRect(band, fill);
  p.setPen(QPen(onCard.green, 1, Qt::DotLine));
  p.drawLine(band.topLeft(), band.topRight());
  p.drawLine(band.bottomLeft(), band.bottomRight());
  // Beside the foot, where the line of its measure does not cross the words.
  const QString words = tr("%1 may stand in this band").arg(nameOf(m_session.plan(), selected));
  const QFontMetricsF font(labelFont());
  const double foot = g.toPixels(m_session.analysis()->meetings.placed[ix(selected)]->at).x() + 24;
  const bool room = face.right() - foot > font.horizontalAdvance(words) + 12;
  drawNote(p, {room ? foot : face.left() + 6, room ? band.center().y() - font.height() / 2 : band.top() + 2},
           words, face.bottom() - 2);
}

void FaceView::paintSelected(QPainter& p, const FaceGeometry& g, int selected) const {
  const Theme onCard = lightTheme();
  paintOutline(p, g, selected, QPen(onCard.green, 1.8));
  const Placed& placed = *m_session.analysis()->meetings.placed[ix(selected)];
  const QPointF foot = g.toPixels(placed.at);
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(onCard.green, 2));
  p.drawEllipse(foot, 6, 6);
  p.drawPoint(foot);
  const QPointF handle = turnHandle(selected);
  p.setPen(QPen(theme().green, 1.2));
  p.setBrush(theme().card);
  p.drawEllipse(handle, 6, 6);
  p.drawArc(QRectF(handle - QPointF(3, 3), QSizeF(6, 6)), 40 * 16, 260 * 16);
  // Points made for holding on: an open wedge under a perch, a hook at a hand, a bar where it rests or grows.
  const Impression& chosen = m_session.plan().impressions[ix(selected)];
  const Stamp& stamp = *m_session.plan().stamp(chosen.stamp);
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(onCard.ochre, 1.8));
  for (const Contact& c : stamp.contacts) {
    const QPointF at = g.toPixels(placed.placing.toPanel(c.at));
    switch (c.kind) {
      case ContactKind::Perch:
        p.drawPolyline(QPolygonF{{at + QPointF(-6, -5), at, at + QPointF(6, -5)}});
        break;
      case ContactKind::Hand:
        p.drawArc(QRectF(at - QPointF(4, 4), QSizeF(8, 8)), 180 * 16, 270 * 16);
        break;
      case ContactKind::Underside:
        p.drawLine(at - QPointF(6, 0), at + QPointF(6, 0));
        break;
      case ContactKind::Start:
        p.drawLine(at - QPointF(0, 6), at + QPointF(0, 6));
        break;
    }
  }
  // Where the viewer's eyes would be on the thing: the horizon crosses every standing thing there.
  const Impression& thing = m_session.plan().impressions[ix(selected)];
  if (m_session.plan().view && std::holds_alternative<OnGround>(thing.depth) &&
      thing.at.y < m_session.plan().view->horizon_mm) {
    const QPointF eye = g.toPixels({thing.at.x, m_session.plan().view->horizon_mm});
    p.setPen(QPen(onCard.green, 1.2, Qt::DotLine));
    p.drawLine(foot, eye);
    p.setPen(QPen(onCard.green, 1.5));
    p.setBrush(onCard.card);
    QPainterPath lid;
    lid.moveTo(eye - QPointF(9, 0));
    lid.quadTo(eye - QPointF(0, 9), eye + QPointF(9, 0));
    lid.quadTo(eye + QPointF(0, 9), eye - QPointF(9, 0));
    p.drawPath(lid);
    p.setBrush(onCard.green);
    p.drawEllipse(eye, 2.4, 2.4);
  }
}

void FaceView::paintTags(QPainter& p, const FaceGeometry& g, int selected) const {
  const Point at = m_session.plan().impressions[ix(selected)].at;
  const QPointF foot = g.toPixels(at);
  const QRectF left = tag(Qt::Vertical), below = tag(Qt::Horizontal);
  p.setPen(QPen(theme().green, 1));
  p.drawLine(QPointF(foot.x(), foot.y() + 6), QPointF(foot.x(), below.top()));
  p.drawLine(QPointF(left.right(), foot.y()), QPointF(foot.x() - 6, foot.y()));
  p.setFont(labelFont(QFont::DemiBold));
  for (const auto& [box, mm] : {std::pair{below, at.x}, std::pair{left, at.y}}) {
    p.setPen(Qt::NoPen);
    p.setBrush(theme().green);
    p.drawRoundedRect(box, 3, 3);
    p.setPen(theme().onGreen);
    p.drawText(box, Qt::AlignCenter, measure(mm, m_session.units()));
  }
}

}  // namespace havlo
