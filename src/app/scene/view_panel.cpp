// Every change is an edit of the session; the panel only fills itself from the plan.
#include "app/scene/view_panel.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QSlider>
#include <QSpinBox>
#include <cmath>

#include "app/common/form_rows.h"
#include "app/common/metres_spin.h"
#include "app/common/rolled.h"
#include "app/scene/mark_part.h"
#include "app/scene/room_part.h"
#include "core/edit/view_edits.h"
#include "core/viewpoint/scale.h"
#include "io/wording/error_words.h"
#include "io/wording/say.h"
#include "io/wording/view_words.h"

namespace havlo {
namespace {

// The mist slider: 0 is 20 m, 100 is 20 km, 101 is clear air.
constexpr int kClear = 101;
double visibilityOf(int position) { return 20 * std::pow(1000.0, position / 100.0); }
int positionOf(double visibility_m) {
  return std::clamp(static_cast<int>(std::lround(100 * std::log(visibility_m / 20) / std::log(1000.0))), 0,
                    100);
}

enum LightKind { NoLight, InPicture, BehindViewer, Lantern, Directed };

LightKind kindOf(const Plan& plan) {
  if (!plan.light) return NoLight;
  if (!plan.light->at) return Directed;
  if (plan.light->ground_mm) return Lantern;
  return plan.view && plan.light->at->y < plan.view->horizon_mm ? BehindViewer : InPicture;
}

QLabel* head(const QString& text) { return inkLabel(text, bodyFont(QFont::DemiBold), theme().ink); }
QLabel* says() { return inkLabel({}, labelFont(), theme().soft, true); }

}  // namespace

ViewPanel::ViewPanel(PlanSession& session, QWidget* parent) : QWidget(parent), m_session(session) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 4, 0, 0);
  auto* inside = new QWidget;
  auto* parts = new QVBoxLayout(inside);
  parts->setContentsMargins(0, 0, 4, 0);
  parts->setSpacing(10);
  parts->addWidget(m_markPart = new MarkPart(session));
  parts->addWidget(m_roomPart = new RoomPart(session));
  parts->addWidget(m_viewPart = buildView());
  parts->addWidget(m_lightPart = buildLight());
  parts->addStretch(1);
  column->addWidget(rolled(inside));
  connect(&session, &PlanSession::planChanged, this, &ViewPanel::refresh);
  session.beside().add(this, 120, [this] { refresh(); });
  connect(&session, &PlanSession::selectionChanged, this, &ViewPanel::refresh);
  for (QAbstractSpinBox* spin : findChildren<QAbstractSpinBox*>()) {
    spin->setMinimumWidth(qRound(60 * textScale()));
    if (auto* line = spin->findChild<QLineEdit*>()) line->setAccessibleName(spin->accessibleName());
  }
  for (QCheckBox* box : findChildren<QCheckBox*>()) box->setAccessibleName(box->text());
  refresh();
}

QWidget* ViewPanel::buildView() {
  auto* rows = new FormRows;
  rows->addWide(head(tr("The one viewpoint")));
  m_eyes = new QComboBox;
  m_eyes->setObjectName(QStringLiteral("eyes"));
  for (const Eyes& e : usualEyes()) m_eyes->addItem(tr(e.who), e.eyeHeight_m);
  m_eyes->addItem(tr("other eyes"), 0.0);
  m_eyeHeight = metresSpin(0.01, 1e5, "eyeHeight");
  m_near = metresSpin(0.01, 1e5, "near");
  rows->add(tr("Whose eyes"), m_eyes);
  rows->add(tr("Eye height"), m_eyeHeight);
  rows->add(tr("Begins at"), m_near)
      ->setToolTip(tr("how far the ground at the card's lower edge is from the viewer"));
  auto* find = plainButton(tr("Find horizon"));
  find->setObjectName(QStringLiteral("find"));
  find->setToolTip(tr("from the real heights of what stands on the ground"));
  auto* findBoth = plainButton(tr("… and eyes"));
  findBoth->setObjectName(QStringLiteral("findBoth"));
  rows->addPair(find, findBoth);
  rows->addWide(m_found = says());
  m_found->hide();
  m_mist = new QSlider(Qt::Horizontal);
  m_mist->setObjectName(QStringLiteral("mist"));
  m_mist->setRange(0, kClear);
  m_mist->setInvertedAppearance(true);
  m_mist->setToolTip(tr("to the right: thicker mist"));
  rows->add(tr("Mist"), m_mist);
  rows->addWide(m_mistSays = says());
  auto* lay = plainButton(tr("On the ground"));
  lay->setObjectName(QStringLiteral("lay"));
  auto* menu = new QMenu(lay);
  for (const GroundKind kind : {GroundKind::Path, GroundKind::Canal, GroundKind::Rails, GroundKind::Wall,
                                GroundKind::Water, GroundKind::Ripples, GroundKind::Shadow})
    menu->addAction(kindName(kind), this, [this, kind] { addMark(kind); });
  lay->setProperty("opens", true);
  lay->setMenu(menu);
  m_roomButton = plainButton(tr("A room"));
  m_roomButton->setObjectName(QStringLiteral("makeRoom"));
  rows->addPair(lay, m_roomButton);
  auto* construction = new QCheckBox(tr("Show construction lines"));
  construction->setObjectName(QStringLiteral("construction"));
  rows->addWide(construction);
  connect(construction, &QCheckBox::toggled, this, &ViewPanel::constructionWanted);
  connect(find, &QPushButton::clicked, this, [this] { this->find(false); });
  connect(findBoth, &QPushButton::clicked, this, [this] { this->find(true); });
  connect(m_eyes, &QComboBox::activated, this, [this](int k) {
    if (const double eye = m_eyes->itemData(k).toDouble(); eye > 0)
      m_session.edit(tr("Look with the eyes of %1").arg(m_eyes->itemText(k)),
                     withEyes(m_session.plan(), Metres{eye}));
  });
  connect(m_eyeHeight, &QDoubleSpinBox::valueChanged, this, [this](double m) {
    if (!m_filling) m_session.edit(tr("Eyes at %1 m").arg(m), withEyes(m_session.plan(), Metres{m}));
  });
  connect(m_near, &QDoubleSpinBox::valueChanged, this, [this](double m) {
    if (m_filling || !m_session.plan().view) return;
    View view = *m_session.plan().view;
    view.nearDistance_m = m;
    m_session.edit(tr("The scene begins at %1 m").arg(m), withView(m_session.plan(), view));
  });
  connect(m_mist, &QSlider::valueChanged, this, [this](int position) {
    if (m_filling || !m_session.plan().view) return;
    View view = *m_session.plan().view;
    view.visibility_m = position >= kClear ? std::nullopt : std::optional(visibilityOf(position));
    m_session.edit(tr("Mist"), withView(m_session.plan(), view), QStringLiteral("mist"));
  });
  connect(m_roomButton, &QPushButton::clicked, this, [this] {
    const Plan& plan = m_session.plan();
    if (!plan.room) {
      const PanelSize& panel = plan.card.panel;
      const double horizon = plan.view ? plan.view->horizon_mm : panel.height_mm / 2;
      Room room;
      room.left_mm = panel.width_mm * 0.22, room.width_mm = panel.width_mm * 0.56;
      room.bottom_mm = horizon * 0.55;
      room.height_mm = std::max(5.0, (panel.height_mm * 0.86 - room.bottom_mm));
      m_session.edit(tr("Make it a room"), withRoom(plan, room));
    }
    m_session.choosePart(QStringLiteral("room"));
  });
  return rows;
}

QWidget* ViewPanel::buildLight() {
  auto* rows = new FormRows;
  rows->addWide(head(tr("The light")));
  m_lightKind = new QComboBox;
  m_lightKind->setObjectName(QStringLiteral("light"));
  for (const QString& kind : {tr("none said"), tr("sun or moon in the picture"), tr("behind the viewer"),
                              tr("a lantern near by"), tr("from a direction")})
    m_lightKind->addItem(kind);
  m_lightKind->setAccessibleName(tr("Comes from"));
  rows->addWide(m_lightKind);
  auto* directed = new FormRows;
  m_direction = new QSpinBox;
  m_direction->setRange(0, 359);
  m_direction->setWrapping(true);
  m_direction->setSuffix(tr("°"));
  m_direction->setSingleStep(5);
  m_direction->setToolTip(
      tr("seen from above: 0 from the right, 90 from ahead, 180 from the left, 270 from behind you"));
  m_height = new QSpinBox;
  m_height->setRange(1, 90);
  m_height->setSuffix(tr("°"));
  directed->add(tr("Direction"), m_direction);
  directed->add(tr("Height"), m_height);
  rows->addWide(m_directed = directed);
  rows->addWide(m_lightSays = says());
  connect(m_lightKind, &QComboBox::activated, this, &ViewPanel::setLightKind);
  const auto turned = [this] {
    if (m_filling || !m_session.plan().light) return;
    Light light = *m_session.plan().light;
    light.direction_deg = m_direction->value(), light.height_deg = m_height->value();
    m_session.edit(tr("Turn the light"), withLight(m_session.plan(), light), QStringLiteral("light"));
  };
  connect(m_direction, &QSpinBox::valueChanged, this, turned);
  connect(m_height, &QSpinBox::valueChanged, this, turned);
  return rows;
}

void ViewPanel::find(bool eyesToo) {
  const auto found = findView(m_session.plan(), {}, eyesToo);
  if (!found) {
    m_found->setText(errorReason(found.error()));
    m_found->show();
    return;
  }
  View view = *m_session.plan().view;
  view.horizon_mm = found.value().horizon_mm;
  if (eyesToo) {
    view.nearDistance_m *= found.value().eyeHeight_m / view.eyeHeight_m;
    view.eyeHeight_m = found.value().eyeHeight_m;
  }
  const QString said = foundWords(m_session.plan(), found.value(), m_session.units());
  m_session.edit(tr("Find the horizon"), withView(m_session.plan(), view));
  m_found->setText(said);
  m_found->show();
}

void ViewPanel::setLightKind(int kind) {
  const Plan& plan = m_session.plan();
  const PanelSize& panel = plan.card.panel;
  const double horizon = plan.view ? plan.view->horizon_mm : panel.height_mm / 2;
  Light light;
  switch (kind) {
    case NoLight:
      m_session.edit(tr("No light"), withLight(plan, std::nullopt));
      return;
    case InPicture:
      light.at = Point{panel.width_mm * 0.2,
                       std::min(panel.height_mm * 0.93, horizon + (panel.height_mm - horizon) * 0.7)};
      break;
    case BehindViewer:
      light.at = Point{panel.width_mm * 0.7, horizon * 0.3};
      break;
    case Lantern:
      light.at = Point{panel.width_mm * 0.35, std::min(horizon * 1.05, panel.height_mm - 5)};
      light.ground_mm = horizon * 0.4;
      break;
    case Directed:
      light.direction_deg = 150, light.height_deg = 30;
      break;
  }
  m_session.edit(tr("Light: %1").arg(m_lightKind->itemText(kind)), withLight(plan, light));
}

void ViewPanel::addMark(GroundKind kind) {
  const Plan& plan = m_session.plan();
  if (!plan.view) return;
  const double horizon = plan.view->horizon_mm, width = plan.card.panel.width_mm,
               vx = vanishX(*plan.view, width);
  GroundMark mark;
  mark.kind = kind;
  switch (kind) {
    case GroundKind::Path:
    case GroundKind::Rails:
      mark.along = {{width * 0.4, 0}, {vx, horizon}};
      mark.width_m = kind == GroundKind::Path ? 1.2 : 1.4;
      break;
    case GroundKind::Canal:
      mark.along = {{width * 0.75, 0}, {vx, horizon}};
      mark.width_m = 3;
      break;
    case GroundKind::Wall:
      mark.along = {{width * 0.1, horizon * 0.3}, {vx, horizon}};
      break;
    case GroundKind::Water:
      mark.along = {{width * 0.5, horizon * 0.15}, {width * 0.5, horizon * 0.85}};
      mark.width_m = 4;
      break;
    case GroundKind::Ripples:
      mark.along = {{width * 0.5, horizon * 0.4}};
      mark.width_m = 1.5;
      break;
    case GroundKind::Shadow:
      mark.along = {{width * 0.5, horizon * 0.4}, {width * 0.65, horizon * 0.3}};
      break;
  }
  const auto after = withGroundMark(plan, mark);
  m_session.edit(tr("Lay a %1").arg(kindName(kind)), after);
  if (after)
    m_session.choosePart(QStringLiteral("ground:") + QString::fromStdString(after.value().ground.back().id));
}

void ViewPanel::refresh() {
  m_filling = true;
  const bool view = m_session.plan().view.has_value();
  const int mark = m_session.chosenMark();
  const bool room = m_session.chosenPart() == QLatin1String("room") && m_session.plan().room;
  m_markPart->setVisible(mark >= 0);
  m_roomPart->setVisible(room);
  m_viewPart->setVisible(view && mark < 0 && !room);
  m_lightPart->setVisible(view && mark < 0 && !room);
  if (view) fillView(), fillLight();
  if (mark >= 0) m_markPart->fill();
  if (room) m_roomPart->fill();
  m_filling = false;
}

void ViewPanel::fillView() {
  const View& view = *m_session.plan().view;
  int who = m_eyes->count() - 1;
  for (int k = 0; k + 1 < m_eyes->count(); ++k)
    if (std::fabs(m_eyes->itemData(k).toDouble() / view.eyeHeight_m - 1) < 0.02) who = k;
  m_eyes->setCurrentIndex(who);
  m_eyeHeight->setValue(view.eyeHeight_m);
  m_near->setValue(view.nearDistance_m);
  m_mist->setValue(view.visibility_m ? positionOf(*view.visibility_m) : kClear);
  m_mistSays->setText(view.visibility_m
                          ? tr("One sees %1 far; half of the ink is left at %2.")
                                .arg(spoken(writeDistance(Metres{*view.visibility_m})),
                                     spoken(writeDistance(distanceFor(0.5, Metres{*view.visibility_m}))))
                          : tr("Clear air: distance does not pale."));
  m_roomButton->setText(m_session.plan().room ? tr("The room") : tr("A room"));
}

void ViewPanel::fillLight() {
  const Plan& plan = m_session.plan();
  const LightKind kind = kindOf(plan);
  m_lightKind->setCurrentIndex(kind);
  m_directed->setVisible(kind == Directed);
  if (kind == Directed) {
    m_direction->setValue((static_cast<int>(std::lround(plan.light->direction_deg)) % 360 + 360) % 360);
    m_height->setValue(static_cast<int>(std::lround(plan.light->height_deg)));
  }
  m_lightSays->setText(kind == NoLight ? tr("Choose one, then drag it on the card.")
                                       : lightWords(plan) + u'.');
}

}  // namespace havlo
