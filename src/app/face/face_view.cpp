// The picture comes from a job; handling is in face_mouse.cpp and face_keys.cpp, painting in face_paint.cpp.
#include "app/face/face_view.h"

#include <QCursor>
#include <QLineEdit>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/common/form_rows.h"
#include "app/face/crowd_draft.h"
#include "app/face/loupe.h"
#include "app/theme/theme.h"
#include "core/outline/distance.h"
#include "core/plan/role_facts.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"

namespace havlo {
namespace {

constexpr double kGrab_mm = 0.8;  // a thin string can be taken this far beside it
constexpr double kTurnStalk_px = 26;
constexpr double kMost_px_per_mm = 40;
constexpr double kMostFace_px = 1.2e7;
constexpr double kMostZoom = 12;

}  // namespace

FaceView::FaceView(PlanSession& session, RowDraft& row, CrowdDraft& crowd, std::shared_ptr<SvgArt> art,
                   QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_row(row),
      m_overlay(session, row, crowd, this, [this] { update(); }),
      m_art(std::move(art)),
      m_tiles(newTileStore()),
      m_job(new Job<QImage>(this)),
      m_loupe(new Loupe(session, m_art, this)),
      m_showHidden(plainButton({})),
      m_editor(new QLineEdit(this)) {
  setFocusPolicy(Qt::StrongFocus);
  setLayoutDirection(Qt::LeftToRight);  // what is on paper is not mirrored
  setMouseTracking(true);
  setAttribute(Qt::WA_OpaquePaintEvent);  // it paints the table too
  setAcceptDrops(true);
  grabGesture(Qt::PinchGesture);
  setAccessibleName(tr("Card face"));
  setAccessibleDescription(tr(
      "The card as it will look. Page Down goes from thing to thing, arrow keys move the chosen one, K keeps "
      "it chosen while Page Down goes on."));
  m_showHidden->setParent(this);
  m_showHidden->setObjectName(QStringLiteral("showHidden"));
  m_showHidden->setFont(labelFont());
  m_showHidden->hide();
  connect(m_showHidden, &QPushButton::clicked, this, &FaceView::showHiddenWanted);
  connect(&session, &PlanSession::asideChanged, this, &FaceView::refreshAside);
  for (auto another : {&PlanSession::sightTaken, &PlanSession::faceChanged})
    connect(&session, another, this, [this] {
      m_overlay.forget();
      refresh();
    });
  connect(&session, &PlanSession::sightTaken, this, &FaceView::takeSight);
  m_zoom = session.sight().zoom;
  m_editor->hide();
  m_editor->setAccessibleName(tr("Measure"));
  connect(m_editor, &QLineEdit::returnPressed, this, &FaceView::finishTyping);
  connect(m_editor, &QLineEdit::editingFinished, m_editor, &QWidget::hide);
  connect(&session, &PlanSession::planChanged, this, &FaceView::refresh);
  connect(&session, &PlanSession::sceneChanged, this, &FaceView::refresh);
  connect(&session, &PlanSession::selectionChanged, this, qOverload<>(&QWidget::update));
  connect(&session, &PlanSession::unitsChanged, this, qOverload<>(&QWidget::update));
  connect(&row, &RowDraft::changed, this, qOverload<>(&QWidget::update));
  connect(&crowd, &CrowdDraft::changed, this, qOverload<>(&QWidget::update));
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
  m_overlay.refresh(geometryNow(), devicePixelRatioF());
  if (samePicture(m_session.plan())) return update();
  m_pictured = m_session.snapshot();
  m_picturedScale = geometryNow().scale;
  const double dpi =
      dpiWithin(m_session.plan().card.panel.box(),
                std::min(600.0, geometryNow().scale * devicePixelRatioF() * kMmPerInch), kMostFace_px);
  Ids hidden;
  for (const QString& id : m_session.aside().hidden)
    if (m_session.plan().indexOf(id.toStdString()) >= 0) hidden.push_back(id.toStdString());
  m_job->run(
      [plan = m_session.snapshot(), analysis = m_session.scene(), art = m_art, tiles = m_tiles, dpi,
       hidden](const Progress&) {
        if (hidden.empty()) return intendedPicture(*plan, *analysis, *art, dpi, tiles);
        const auto seen = withoutAll(*plan, hidden);
        if (!seen) return QImage();
        return intendedPicture(seen.value(), *analyse(seen.value(), analysis.get(), art.get()), *art, dpi,
                               tiles);
      },
      [this](QImage image) {
        m_picture = std::move(image);
        update();
      },
      false);
  update();
}

/// What is hidden is left out of the picture, and a button over it brings it back.
void FaceView::refreshAside() {
  const int n = static_cast<int>(m_session.aside().hidden.size());
  m_showHidden->setVisible(n > 0);
  if (n > 0) {
    m_showHidden->setText(n == 1 ? tr("1 thing is hidden: show it")
                                 : tr("%1 things are hidden: show them").arg(n));
    m_showHidden->adjustSize();
    m_showHidden->move(width() - m_showHidden->width() - 4, 2);
  }
  m_pictured.reset();
  refresh();
}

void FaceView::setZoom(double zoom, std::optional<QPointF> about) {
  const QPointF still = about.value_or(rect().center());
  const Point under = geometryNow().toPanel(still);
  m_zoom = std::clamp(zoom, 1.0, kMostZoom);
  if (m_zoom == 1.0) {
    m_pan = {};
  } else {
    m_pan += still - geometryNow().toPixels(under);
    keepInSight();
  }
  tellSight();
  refresh();
  Q_EMIT zoomChanged();
}

/// Looks at the card as the session says it was looked at last.
void FaceView::takeSight() {
  m_zoom = std::clamp(m_session.sight().zoom, 1.0, kMostZoom);
  keepMiddle();
  refresh();
  Q_EMIT zoomChanged();
}

/// What was in the middle stays there when the window gets another size.
void FaceView::keepMiddle() {
  m_pan = {};
  if (m_zoom == 1.0) return;
  m_pan = QPointF(rect().center()) - geometryNow().toPixels(m_session.sight().middle_mm);
  keepInSight();
}

void FaceView::tellSight() { m_session.setSight(m_zoom, geometryNow().toPanel(rect().center())); }

/// Some of the card stays in the window, wherever it is pushed.
void FaceView::keepInSight() {
  constexpr double kLeast_px = 60;
  const QRectF face = geometryNow().face();
  m_pan += QPointF(std::clamp(0.0, kLeast_px - face.right(),
                              std::max(kLeast_px - face.right(), width() - kLeast_px - face.left())),
                   std::clamp(0.0, kLeast_px - face.bottom(),
                              std::max(kLeast_px - face.bottom(), height() - kLeast_px - face.top())));
}

void FaceView::panBy(QPointF pixels) {
  if (m_zoom <= 1) return;
  m_pan += pixels;
  keepInSight();
  tellSight();
  update();
}

bool FaceView::loupeOn() const { return m_loupe->isVisible(); }

void FaceView::setLoupe(bool on) {
  if (!on) return m_loupe->hide();
  QPointF at = mapFromGlobal(QPointF(QCursor::pos()));
  const int chosen = m_session.selectedIndex();
  if (!rect().contains(at.toPoint()))
    at = chosen >= 0 ? geometryNow().toPixels(m_session.plan().impressions[ix(chosen)].at)
                     : QPointF(rect().center());
  m_loupe->lookAt(at, geometryNow());
}

void FaceView::moveLoupe(QPointF at) {
  if (loupeOn()) m_loupe->lookAt(at, geometryNow());
}

void FaceView::pointOut(const std::vector<int>& impressions) {
  m_pointedOut = impressions;
  m_pointPhase = 0;
  m_pointTimer.start();
  update();
}

std::vector<int> FaceView::thingsAt(QPointF pixel) const {
  const Point at = geometryNow().toPanel(pixel);
  const Analysis& a = *m_session.scene();
  std::vector<int> out;
  for (int i : a.knots.frontToBack) {
    const Rings& shape = a.meetings.placed[ix(i)]->silhouette;
    if (!m_session.isHidden(i) && boxOf(shape).grown(kGrab_mm).contains(at) &&
        nearestPoint(shape, at).distance_mm <= kGrab_mm)
      out.push_back(i);
  }
  return out;
}

int FaceView::thingAt(QPointF pixel) const {
  const std::vector<int> all = thingsAt(pixel);
  return all.empty() ? -1 : all.front();
}

bool FaceView::isGroundOrSky(int i) const {
  const Plan& plan = m_session.plan();
  return factsOf(plan.stamp(plan.impressions[ix(i)].stamp)->role).backdrop &&
         !m_session.chosen().holds(idOf(i));
}

QString FaceView::idOf(int impression) const {
  return QString::fromStdString(m_session.plan().impressions[ix(impression)].id);
}

QPointF FaceView::turnHandle(int i) const {
  const FaceGeometry g = geometryNow();
  const Placed& placed = *m_session.scene()->meetings.placed[ix(i)];
  const Stamp& stamp = *placed.outline->stamp;
  const QPointF top = g.toPixels(placed.placing.toPanel(Point{stamp.foot.x, stamp.height_mm}));
  const QPointF foot = g.toPixels(placed.placing.toPanel(stamp.foot));
  const QPointF along = top - foot;
  const double length = std::hypot(along.x(), along.y());
  QPointF handle = length > 1 ? top + along / length * kTurnStalk_px : top - QPointF(0, kTurnStalk_px);
  return {std::clamp(handle.x(), 8.0, width() - 8.0), std::clamp(handle.y(), 8.0, height() - 8.0)};
}

}  // namespace havlo
