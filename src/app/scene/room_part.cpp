#include "app/scene/room_part.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QMenu>
#include <QPushButton>

#include "app/common/form_rows.h"
#include "app/common/metres_spin.h"
#include "core/edit/view_edits.h"
#include "core/units/measure.h"
#include "core/viewpoint/room.h"
#include "io/wording/say.h"

namespace havlo {

RoomPart::RoomPart(PlanSession& session, QWidget* parent) : QWidget(parent), m_session(session) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  auto* rows = new FormRows;
  column->addWidget(rows);
  rows->addWide(inkLabel(tr("The room"), bodyFont(QFont::DemiBold), theme().ink));
  rows->addWide(m_roomSays = inkLabel({}, labelFont(), theme().soft, true));
  m_floor = new QComboBox;
  m_floor->setObjectName(QStringLiteral("floor"));
  for (const QString& kind : {tr("plain floor"), tr("square tiles"), tr("boards")}) m_floor->addItem(kind);
  m_unit = metresSpin(0.01, 100, "unit");
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
  rows->addWide(m_boxRows = buildBox());
  auto* add = plainButton(tr("Put in"));
  add->setObjectName(QStringLiteral("putIn"));
  add->setProperty("opens", true);
  add->setMenu(buildMenu(add));
  auto* drop = plainButton(tr("Take out"));
  rows->addPair(add, drop);
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
  connectFurniture(drop);
  connect(outdoors, &QPushButton::clicked, this,
          [this] { m_session.edit(tr("No room"), withRoom(m_session.plan(), std::nullopt)); });
}

QWidget* RoomPart::buildBox() {
  auto* box = new FormRows;
  m_boxLeft = metresSpin(-1e4, 1e4, "boxLeft");
  m_boxBack = metresSpin(0, 1e4, "boxBack");
  m_boxWidth = metresSpin(0.01, 1e4, "boxWidth");
  m_boxDepth = metresSpin(0.01, 1e4, "boxDepth");
  m_boxHeight = metresSpin(0.01, 1e4, "boxHeight");
  m_boxUp = metresSpin(0, 1e4, "boxUp");
  box->add(tr("From the left"), m_boxLeft);
  box->add(tr("From the back"), m_boxBack);
  box->add(tr("Wide"), m_boxWidth);
  box->add(tr("Deep"), m_boxDepth);
  box->add(tr("High"), m_boxHeight);
  box->add(tr("Off the floor"), m_boxUp);
  return box;
}

QMenu* RoomPart::buildMenu(QWidget* owner) {
  auto* menu = new QMenu(owner);
  menu->addAction(tr("bench"), this, [this] { putIn(QT_TR_NOOP("bench"), 1.6, 0.5, 0.8, 0); });
  menu->addAction(tr("shelf"), this, [this] { putIn(QT_TR_NOOP("shelf"), 1.2, 0.25, 0.04, 1.4); });
  menu->addAction(tr("chest"), this, [this] { putIn(QT_TR_NOOP("chest"), 0.7, 0.5, 0.5, 0); });
  menu->addAction(tr("window in the back wall"), this,
                  [this] { open(QT_TR_NOOP("window"), RoomWall::Back, 0.8, 1.0, 0.8); });
  menu->addAction(tr("door in the left wall"), this,
                  [this] { open(QT_TR_NOOP("door"), RoomWall::Left, 0.8, 0, 2.0); });
  menu->addAction(tr("window in the right wall"), this,
                  [this] { open(QT_TR_NOOP("window"), RoomWall::Right, 0.9, 0.9, 1.0); });
  return menu;
}

void RoomPart::putIn(const char* name, double w, double d, double h, double up) {
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
  if (m_session.plan().room) fill();
}

void RoomPart::open(const char* name, RoomWall wall, double w, double sill, double h) {
  changeRoom(tr("Put in a %1").arg(tr(name)), [=, this](Room& r) {
    const RoomSize size = sizeOf(r, *m_session.plan().view, m_session.plan().card.panel);
    RoomOpening o;
    o.name = tr(name).toStdString();
    o.wall = wall, o.width_m = w, o.sill_m = sill, o.height_m = h;
    o.along_m = wall == RoomWall::Back ? (size.width_m() - w) / 2 : 0.4;
    r.openings.push_back(o);
  });
}

void RoomPart::connectFurniture(QPushButton* drop) {
  connect(m_furniture, &QComboBox::activated, this, [this] {
    if (m_session.plan().room) fill();
  });
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
}

template <typename F>
void RoomPart::changeRoom(const QString& what, F change) {
  if (m_filling || !m_session.plan().room) return;
  Room room = *m_session.plan().room;
  change(room);
  m_session.edit(what, withRoom(m_session.plan(), room));
}

template <typename F>
void RoomPart::changeFurniture(F change) {
  const auto k = ix(std::max(0, m_furniture->currentIndex()));
  if (m_filling || !m_session.plan().room || k >= m_session.plan().room->boxes.size()) return;
  changeRoom(tr("Move %1").arg(m_furniture->currentText()), [&](Room& r) { change(r.boxes[k]); });
}

void RoomPart::fill() {
  m_filling = true;
  const Plan& plan = m_session.plan();
  const Room& room = *plan.room;
  const RoomSize size = sizeOf(room, *plan.view, plan.card.panel);
  m_roomSays->setText(tr("%1 m wide and %2 m high; the back wall is %3 away. Drag its corners on the card.")
                          .arg(size.width_m(), 0, 'f', 1)
                          .arg(size.ceiling_m, 0, 'f', 1)
                          .arg(spoken(writeDistance(Metres{size.back_m}))));
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
  if (!box) {
    m_filling = false;
    return;
  }
  const RoomBox& b = room.boxes[ix(k)];
  m_boxLeft->setValue(b.left_m);
  m_boxBack->setValue(b.back_m);
  m_boxWidth->setValue(b.width_m);
  m_boxDepth->setValue(b.depth_m);
  m_boxHeight->setValue(b.height_m);
  m_boxUp->setValue(b.up_m);
  m_filling = false;
}

}  // namespace havlo
