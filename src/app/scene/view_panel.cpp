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
#include "app/common/rolled.h"
#include "core/edit/view_edits.h"
#include "core/viewpoint/room.h"
#include "core/viewpoint/scale.h"
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

QDoubleSpinBox* ViewPanel::metres(double least, double most, const QString& key) {
  auto* spin = new QDoubleSpinBox;
  spin->setRange(least, most);
  spin->setDecimals(2);
  spin->setSuffix(tr(" m"));
  spin->setSingleStep(0.1);
  spin->setStepType(QAbstractSpinBox::AdaptiveDecimalStepType);
  spin->setKeyboardTracking(false);
  spin->setObjectName(key);
  return spin;
}

ViewPanel::ViewPanel(PlanSession& session, QWidget* parent) : QWidget(parent), m_session(session) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 4, 0, 0);
  auto* inside = new QWidget;
  auto* parts = new QVBoxLayout(inside);
  parts->setContentsMargins(0, 0, 4, 0);
  parts->setSpacing(10);
  parts->addWidget(m_markPart = buildMark());
  parts->addWidget(m_roomPart = buildRoom());
  parts->addWidget(m_viewPart = buildView());
  parts->addWidget(m_lightPart = buildLight());
  parts->addStretch(1);
  column->addWidget(rolled(inside));
  connect(&session, &PlanSession::planChanged, this, &ViewPanel::refresh);
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
  m_eyeHeight = metres(0.01, 1e5, QStringLiteral("eyeHeight"));
  m_near = metres(0.01, 1e5, QStringLiteral("near"));
  rows->add(tr("Whose eyes"), m_eyes);
  rows->add(tr("Eye height"), m_eyeHeight);
  rows->add(tr("Begins at"), m_near)
      ->setToolTip(tr("how far the ground at the card's lower edge is from the viewer"));
  auto* find = plainButton(tr("Find horizon"));
  find->setObjectName(QStringLiteral("find"));
  find->setToolTip(tr("from the real heights of what stands on the ground"));
  auto* findBoth = plainButton(tr("… and eyes"));
  findBoth->setObjectName(QStringLiteral("findBoth"));
  auto* both = new QWidget;
  auto* line = new QHBoxLayout(both);
  line->setContentsMargins(0, 0, 0, 0);
  line->addWidget(find);
  line->addWidget(findBoth);
  rows->addWide(both);
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
  lay->setMenu(menu);
  m_roomButton = plainButton(tr("A room"));
  m_roomButton->setObjectName(QStringLiteral("makeRoom"));
  auto* ground = new QWidget;
  auto* groundLine = new QHBoxLayout(ground);
  groundLine->setContentsMargins(0, 0, 0, 0);
  groundLine->addWidget(lay);
  groundLine->addWidget(m_roomButton);
  rows->addWide(ground);
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
  rows->add(tr("Comes from"), m_lightKind);
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

QWidget* ViewPanel::buildMark() {
  auto* rows = new FormRows;
  rows->addWide(m_markName = head({}));
  rows->addWide(inkLabel(tr("Drag its points on the card; the vanishing point catches the far end."),
                         labelFont(), theme().soft, true));
  m_width = metres(0.01, 1e5, QStringLiteral("markWidth"));
  m_tall = metres(0.01, 1e5, QStringLiteral("markHeight"));
  m_spacing = metres(0.01, 1e5, QStringLiteral("markSpacing"));
  m_mirrors = new QCheckBox(tr("Mirrors what stands in it"));
  rows->add(tr("Width"), m_width)->setToolTip(tr("in the scene"));
  rows->add(tr("Height"), m_tall);
  rows->add(tr("Spacing"), m_spacing);
  rows->addWide(m_mirrors);
  auto* bend = plainButton(tr("Add a bend"));
  auto* drop = plainButton(tr("Take it away"));
  drop->setObjectName(QStringLiteral("dropMark"));
  auto* both = new QWidget;
  auto* line = new QHBoxLayout(both);
  line->setContentsMargins(0, 0, 0, 0);
  line->addWidget(bend);
  line->addWidget(drop);
  rows->addWide(both);
  connect(m_width, &QDoubleSpinBox::valueChanged, this,
          [this](double m) { changeMark(tr("Width of %1"), [m](GroundMark& g) { g.width_m = m; }); });
  connect(m_tall, &QDoubleSpinBox::valueChanged, this,
          [this](double m) { changeMark(tr("Height of %1"), [m](GroundMark& g) { g.height_m = m; }); });
  connect(m_spacing, &QDoubleSpinBox::valueChanged, this,
          [this](double m) { changeMark(tr("Spacing of %1"), [m](GroundMark& g) { g.spacing_m = m; }); });
  connect(m_mirrors, &QCheckBox::toggled, this,
          [this](bool on) { changeMark(tr("Mirror in %1"), [on](GroundMark& g) { g.mirrors = on; }); });
  connect(bend, &QPushButton::clicked, this, [this] {
    changeMark(tr("Bend %1"), [](GroundMark& g) {
      const size_t n = g.along.size();
      if (n < 2) return;
      const Point a = g.along[n - 2], b = g.along[n - 1];
      g.along.insert(g.along.end() - 1, {(a.x + b.x) / 2 + 4, (a.y + b.y) / 2});
    });
  });
  connect(drop, &QPushButton::clicked, this, [this] {
    const int k = m_session.chosenMark();
    if (k < 0) return;
    const GroundMark& g = m_session.plan().ground[static_cast<size_t>(k)];
    m_session.edit(tr("Take %1 away").arg(markName(g)), withoutGroundMark(m_session.plan(), g.id));
  });
  return rows;
}

QWidget* ViewPanel::buildRoom() {
  auto* rows = new FormRows;
  rows->addWide(head(tr("The room")));
  rows->addWide(m_roomSays = says());
  m_floor = new QComboBox;
  m_floor->setObjectName(QStringLiteral("floor"));
  for (const QString& kind : {tr("plain floor"), tr("square tiles"), tr("boards")}) m_floor->addItem(kind);
  m_unit = metres(0.01, 100, QStringLiteral("unit"));
  rows->add(tr("Floor"), m_floor);
  rows->add(tr("Tile or board"), m_unit);
  m_ceiling = new QCheckBox(tr("Ceiling"));
  rows->addWide(m_ceiling);
  auto* eye = plainButton(tr("Eye at the middle"));
  eye->setObjectName(QStringLiteral("eyeMiddle"));
  eye->setToolTip(tr("opposite the middle of the back wall, where its diagonals cross"));
  rows->addWide(eye);
  m_furniture = new QComboBox;
  m_furniture->setObjectName(QStringLiteral("furniture"));
  rows->add(tr("In it"), m_furniture);
  auto* box = new FormRows;
  m_boxLeft = metres(-1e4, 1e4, QStringLiteral("boxLeft"));
  m_boxBack = metres(0, 1e4, QStringLiteral("boxBack"));
  m_boxWidth = metres(0.01, 1e4, QStringLiteral("boxWidth"));
  m_boxDepth = metres(0.01, 1e4, QStringLiteral("boxDepth"));
  m_boxHeight = metres(0.01, 1e4, QStringLiteral("boxHeight"));
  m_boxUp = metres(0, 1e4, QStringLiteral("boxUp"));
  box->add(tr("From the left"), m_boxLeft);
  box->add(tr("From the back"), m_boxBack);
  box->add(tr("Wide"), m_boxWidth);
  box->add(tr("Deep"), m_boxDepth);
  box->add(tr("High"), m_boxHeight);
  box->add(tr("Off the floor"), m_boxUp);
  rows->addWide(m_boxRows = box);
  auto* add = plainButton(tr("Put in"));
  add->setObjectName(QStringLiteral("putIn"));
  auto* menu = new QMenu(add);
  const auto furniture = [this](const char* name, double w, double d, double h, double up) {
    changeRoom(tr("Put in a %1").arg(tr(name)), [=, this](Room& r) {
      const RoomSize size = sizeOf(r, *m_session.plan().view, m_session.plan().card.panel);
      RoomBox b;
      b.name = tr(name).toStdString();
      b.width_m = std::min(w, size.width_m() * 0.8), b.depth_m = d, b.height_m = h, b.up_m = up;
      b.left_m = (size.width_m() - b.width_m) / 2;
      r.boxes.push_back(b);
    });
    if (m_session.plan().room)
      m_furniture->setCurrentIndex(static_cast<int>(m_session.plan().room->boxes.size()) - 1);
    refresh();
  };
  menu->addAction(tr("bench"), this, [=] { furniture(QT_TR_NOOP("bench"), 1.6, 0.5, 0.8, 0); });
  menu->addAction(tr("shelf"), this, [=] { furniture(QT_TR_NOOP("shelf"), 1.2, 0.25, 0.04, 1.4); });
  menu->addAction(tr("chest"), this, [=] { furniture(QT_TR_NOOP("chest"), 0.7, 0.5, 0.5, 0); });
  const auto opening = [this](const char* name, RoomWall wall, double w, double sill, double h) {
    changeRoom(tr("Put in a %1").arg(tr(name)), [=, this](Room& r) {
      const RoomSize size = sizeOf(r, *m_session.plan().view, m_session.plan().card.panel);
      RoomOpening o;
      o.name = tr(name).toStdString();
      o.wall = wall, o.width_m = w, o.sill_m = sill, o.height_m = h;
      o.along_m = wall == RoomWall::Back ? (size.width_m() - w) / 2 : 0.4;
      r.openings.push_back(o);
    });
  };
  menu->addAction(tr("window in the back wall"), this,
                  [=] { opening(QT_TR_NOOP("window"), RoomWall::Back, 0.8, 1.0, 0.8); });
  menu->addAction(tr("door in the left wall"), this,
                  [=] { opening(QT_TR_NOOP("door"), RoomWall::Left, 0.8, 0, 2.0); });
  menu->addAction(tr("window in the right wall"), this,
                  [=] { opening(QT_TR_NOOP("window"), RoomWall::Right, 0.9, 0.9, 1.0); });
  add->setMenu(menu);
  auto* drop = plainButton(tr("Take out"));
  auto* both = new QWidget;
  auto* line = new QHBoxLayout(both);
  line->setContentsMargins(0, 0, 0, 0);
  line->addWidget(add);
  line->addWidget(drop);
  rows->addWide(both);
  auto* outdoors = plainButton(tr("No room: outdoors"));
  rows->addWide(outdoors);
  connect(m_floor, &QComboBox::activated, this, [this](int k) {
    changeRoom(tr("Another floor"), [k](Room& r) { r.floor = static_cast<FloorKind>(k); });
  });
  connect(m_unit, &QDoubleSpinBox::valueChanged, this,
          [this](double m) { changeRoom(tr("Tiles of %1 m").arg(m), [m](Room& r) { r.unit_m = m; }); });
  connect(m_ceiling, &QCheckBox::toggled, this,
          [this](bool on) { changeRoom(tr("Ceiling"), [on](Room& r) { r.ceiling = on; }); });
  connect(eye, &QPushButton::clicked, this, [this] {
    m_session.edit(tr("Eye opposite the wall's middle"), withEyeAtWallMiddle(m_session.plan()));
  });
  connect(m_furniture, &QComboBox::activated, this, [this] { refresh(); });
  for (auto [spin, member] : {std::pair{m_boxLeft, &RoomBox::left_m},
                              {m_boxBack, &RoomBox::back_m},
                              {m_boxWidth, &RoomBox::width_m},
                              {m_boxDepth, &RoomBox::depth_m},
                              {m_boxHeight, &RoomBox::height_m},
                              {m_boxUp, &RoomBox::up_m}})
    connect(spin, &QDoubleSpinBox::valueChanged, this,
            [this, member](double m) { changeFurniture([m, member](RoomBox& b) { b.*member = m; }); });
  connect(drop, &QPushButton::clicked, this, [this] {
    const int k = m_furniture->currentIndex();
    if (k < 0 || !m_session.plan().room) return;
    changeRoom(tr("Take out %1").arg(m_furniture->currentText()), [k](Room& r) {
      const auto boxes = static_cast<int>(r.boxes.size());
      if (k < boxes) {
        r.boxes.erase(r.boxes.begin() + k);
      } else {
        r.openings.erase(r.openings.begin() + (k - boxes));
      }
    });
  });
  connect(outdoors, &QPushButton::clicked, this,
          [this] { m_session.edit(tr("No room"), withRoom(m_session.plan(), std::nullopt)); });
  return rows;
}

template <typename F>
void ViewPanel::changeMark(const QString& what, F change) {
  const int k = m_session.chosenMark();
  if (m_filling || k < 0) return;
  GroundMark mark = m_session.plan().ground[static_cast<size_t>(k)];
  change(mark);
  m_session.edit(what.arg(markName(mark)), withGroundMark(m_session.plan(), mark));
}

template <typename F>
void ViewPanel::changeRoom(const QString& what, F change) {
  if (m_filling || !m_session.plan().room) return;
  Room room = *m_session.plan().room;
  change(room);
  m_session.edit(what, withRoom(m_session.plan(), room));
}

template <typename F>
void ViewPanel::changeFurniture(F change) {
  const auto k = static_cast<size_t>(std::max(0, m_furniture->currentIndex()));
  if (m_filling || !m_session.plan().room || k >= m_session.plan().room->boxes.size()) return;
  changeRoom(tr("Move %1").arg(m_furniture->currentText()), [&](Room& r) { change(r.boxes[k]); });
}

void ViewPanel::find(bool eyesToo) {
  const auto found = findView(m_session.plan(), {}, eyesToo);
  if (!found) {
    m_found->setText(QString::fromStdString(found.error().message));
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
  if (mark >= 0) fillMark();
  if (room) fillRoom();
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
  m_mistSays->setText(
      view.visibility_m
          ? tr("One sees %1 far; half of the ink is left at %2.")
                .arg(QString::fromStdString(writeDistance(Metres{*view.visibility_m})),
                     QString::fromStdString(writeDistance(Metres{*view.visibility_m * 0.6931 / 3.912})))
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

void ViewPanel::fillMark() {
  const GroundMark& g = m_session.plan().ground[static_cast<size_t>(m_session.chosenMark())];
  QString name = markName(g);
  name[0] = name[0].toUpper();
  m_markName->setText(name);
  m_width->setValue(g.width_m);
  m_tall->setValue(g.height_m);
  m_spacing->setValue(g.spacing_m.value_or(usualSpacing(g.kind)));
  m_mirrors->setChecked(g.mirrors);
  m_width->setEnabled(g.kind != GroundKind::Wall && g.kind != GroundKind::Shadow);
  m_tall->setEnabled(g.kind == GroundKind::Wall);
  m_spacing->setEnabled(g.kind == GroundKind::Canal || g.kind == GroundKind::Rails ||
                        g.kind == GroundKind::Water || g.kind == GroundKind::Ripples);
  m_mirrors->setVisible(g.kind == GroundKind::Canal || g.kind == GroundKind::Water);
}

void ViewPanel::fillRoom() {
  const Plan& plan = m_session.plan();
  const Room& room = *plan.room;
  const RoomSize size = sizeOf(room, *plan.view, plan.card.panel);
  m_roomSays->setText(tr("%1 m wide and %2 m high; the back wall is %3 away. Drag its corners on the card.")
                          .arg(size.width_m(), 0, 'f', 1)
                          .arg(size.ceiling_m, 0, 'f', 1)
                          .arg(QString::fromStdString(writeDistance(Metres{size.back_m}))));
  m_floor->setCurrentIndex(static_cast<int>(room.floor));
  m_unit->setValue(room.unit_m);
  m_unit->setEnabled(room.floor != FloorKind::Plain);
  m_ceiling->setChecked(room.ceiling);
  QStringList names;
  for (const RoomBox& b : room.boxes) names << QString::fromStdString(b.name.empty() ? b.id : b.name);
  for (const RoomOpening& o : room.openings) names << QString::fromStdString(o.name.empty() ? o.id : o.name);
  const int before = m_furniture->currentIndex();
  m_furniture->clear();
  m_furniture->addItems(names);
  m_furniture->setCurrentIndex(
      std::clamp(before, names.isEmpty() ? -1 : 0, static_cast<int>(names.size()) - 1));
  m_furniture->setEnabled(!names.isEmpty());
  const int k = m_furniture->currentIndex();
  const bool box = k >= 0 && k < static_cast<int>(room.boxes.size());
  m_boxRows->setVisible(box);
  if (!box) return;
  const RoomBox& b = room.boxes[static_cast<size_t>(k)];
  m_boxLeft->setValue(b.left_m);
  m_boxBack->setValue(b.back_m);
  m_boxWidth->setValue(b.width_m);
  m_boxDepth->setValue(b.depth_m);
  m_boxHeight->setValue(b.height_m);
  m_boxUp->setValue(b.up_m);
}

}  // namespace havlo
