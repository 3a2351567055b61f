#include "app/colour/details_page.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QPushButton>
#include <algorithm>

#include "app/colour/colour_view.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "app/session/drawer_session.h"
#include "core/guides/guides.h"
#include "core/outline/shape_ops.h"
#include "core/plan/hand_facts.h"
#include "io/wording/hand_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

QDoubleSpinBox* millimetres(double least, double most, double value, const QString& name) {
  auto* spin = new QDoubleSpinBox;
  spin->setRange(least, most);
  spin->setDecimals(1);
  spin->setSingleStep(0.1);
  spin->setValue(value);
  spin->setSuffix(DetailsPage::tr(" mm"));
  spin->setAccessibleName(name);
  return spin;
}

}  // namespace

DetailsPage::DetailsPage(PlanSession& session, DrawerSession& drawer, QWidget* parent)
    : QWidget(parent), m_session(session), m_drawer(drawer) {
  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(0, 0, 6, 0);
  column->setSpacing(7);
  const auto head = [&](const QString& title, const QString& says) {
    column->addWidget(inkLabel(title, bodyFont(QFont::DemiBold), theme().ink));
    if (!says.isEmpty()) column->addWidget(inkLabel(says, labelFont(), theme().soft, true));
  };
  auto* form = new FormRows;
  m_ink = new QComboBox;
  m_ink->setObjectName(QStringLiteral("detailInk"));
  form->add(tr("Ink or pen"), m_ink);
  column->addWidget(form);
  const auto wants = [this](HandTool tool) {
    return [this, tool] {
      Q_EMIT changed();
      Q_EMIT toolWanted(static_cast<int>(tool));
    };
  };

  head(tr("Lines by pen"), tr("Drag on the card. Near a guide, the horizon or another line's end it snaps."));
  auto* lines = new FormRows;
  m_lineKind = new QComboBox;
  for (LineKind kind :
       {LineKind::Free, LineKind::Join, LineKind::Outline, LineKind::Ground, LineKind::Lettering})
    m_lineKind->addItem(capital(lineKindName(kind)), static_cast<int>(kind));
  m_width = millimetres(0.1, 5, 0.4, tr("Width of the line"));
  lines->add(tr("What"), m_lineKind, m_width);
  auto* draw = plainButton(tr("Draw"));
  draw->setObjectName(QStringLiteral("drawLine"));
  m_guides = plainButton(tr("Ink the guides"));
  m_guides->setObjectName(QStringLiteral("inkGuides"));
  m_guides->setToolTip(tr("the visible lines of the room and the ground, pencilled first and inked by pen"));
  lines->addPair(draw, m_guides);
  column->addWidget(lines);

  head(tr("Small things"), {});
  auto* accents = new FormRows;
  m_accentKind = new QComboBox;
  m_accentKind->setObjectName(QStringLiteral("accentKind"));
  for (const AccentFacts& facts : kAccentFacts)
    m_accentKind->addItem(capital(accentName(facts.kind)), static_cast<int>(facts.kind));
  m_accentKind->setCurrentIndex(1);
  m_size = millimetres(0.2, 30, 1.0, tr("Size of one"));
  accents->add(tr("What"), m_accentKind, m_size);
  m_over = new QComboBox;
  m_over->setObjectName(QStringLiteral("scatterOver"));
  m_count = new QDoubleSpinBox;
  m_count->setDecimals(0);
  m_count->setRange(1, 2000);
  m_count->setValue(40);
  m_count->setAccessibleName(tr("How many"));
  accents->add(tr("Over"), m_over, m_count);
  auto* put = plainButton(tr("Put on one by one"));
  put->setObjectName(QStringLiteral("putAccent"));
  m_scatter = plainButton(tr("Scatter"));
  m_scatter->setObjectName(QStringLiteral("scatter"));
  m_scatter->setToolTip(tr("evenly, clear of faces and of the greeting; press again for another throw"));
  accents->addPair(put, m_scatter);
  column->addWidget(accents);

  head(tr("Colour taken out again"), {});
  auto* lifts = new FormRows;
  m_liftWith = new QComboBox;
  for (LiftWith with : {LiftWith::Water, LiftWith::Cloth, LiftWith::Salt, LiftWith::Sand})
    m_liftWith->addItem(capital(liftWithName(with)), static_cast<int>(with));
  m_liftSize = millimetres(0.5, 60, 5, tr("Size of a place"));
  lifts->add(tr("With"), m_liftWith, m_liftSize);
  m_liftWash = new QComboBox;
  auto* lift = plainButton(tr("Take out"));
  lift->setObjectName(QStringLiteral("takeOut"));
  lifts->add(tr("Of"), m_liftWash, lift);
  column->addWidget(lifts);

  head(tr("On this card"), {});
  m_list = new KeyedRows;
  m_list->grid()->setColumnStretch(0, 1);
  m_list->grid()->setVerticalSpacing(3);
  column->addWidget(m_list);
  column->addStretch(1);
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  outer->addWidget(rolled(inside));

  connect(m_ink, &QComboBox::activated, this, &DetailsPage::changed);
  connect(m_lineKind, &QComboBox::activated, this, wants(HandTool::Line));
  connect(m_width, &QDoubleSpinBox::valueChanged, this, wants(HandTool::Line));
  connect(draw, &QPushButton::clicked, this, wants(HandTool::Line));
  connect(m_accentKind, &QComboBox::activated, this, wants(HandTool::Accent));
  connect(m_size, &QDoubleSpinBox::valueChanged, this, wants(HandTool::Accent));
  connect(put, &QPushButton::clicked, this, wants(HandTool::Accent));
  connect(m_liftWith, &QComboBox::activated, this, wants(HandTool::Lift));
  connect(m_liftWash, &QComboBox::activated, this, wants(HandTool::Lift));
  connect(m_liftSize, &QDoubleSpinBox::valueChanged, this, wants(HandTool::Lift));
  connect(lift, &QPushButton::clicked, this, wants(HandTool::Lift));
  connect(m_scatter, &QPushButton::clicked, this, &DetailsPage::scatter);
  connect(m_guides, &QPushButton::clicked, this, [this] {
    Plan plan = m_session.plan();
    const auto held = lineInk();
    if (!held) return;
    const std::string ink = addInk(plan, *held);
    const Analysis& a = *m_session.analysis();
    m_session.edit(tr("Ink the guides"),
                   withGuidesInked(plan, *a.depth, a.meetings.placed, ink, m_width->value()));
  });
  connect(&session, &PlanSession::planChanged, this, &DetailsPage::fill);
  fill();
}

std::optional<Ink> DetailsPage::lineInk() const {
  const int k = m_ink->currentIndex();
  if (k < 0 || ix(k) >= m_listed.size()) return {};
  return m_listed[ix(k)];
}

HandLine DetailsPage::line() const {
  HandLine l;
  l.kind = static_cast<LineKind>(m_lineKind->currentData().toInt());
  l.width_mm = m_width->value();
  return l;
}

Accent DetailsPage::accent() const {
  Accent a;
  a.kind = static_cast<AccentKind>(m_accentKind->currentData().toInt());
  a.size_mm = m_size->value();
  return a;
}

Lift DetailsPage::lift() const {
  Lift l;
  l.with = static_cast<LiftWith>(m_liftWith->currentData().toInt());
  l.wash = m_liftWash->currentData().toString().toStdString();
  l.size_mm = m_liftSize->value();
  return l;
}

void DetailsPage::fill() {
  const Plan& plan = m_session.plan();
  const auto held = lineInk();
  m_listed = m_drawer.inksWith(plan);
  const auto refill = [](QComboBox* box, const auto& list, auto textOf, auto dataOf) {
    const QSignalBlocker still(box);
    const QVariant was = box->currentData();
    box->clear();
    for (const auto& one : list) box->addItem(textOf(one), dataOf(one));
    if (const int k = box->findData(was); k >= 0) box->setCurrentIndex(k);
  };
  refill(
      m_ink, m_listed, [](const Ink& i) { return inkName(i); },
      [](const Ink& i) { return QString::fromStdString(i.id); });
  refill(
      m_liftWash, plan.washes, [](const Wash& w) { return capital(washName(w)); },
      [](const Wash& w) { return QString::fromStdString(w.id); });
  {
    const QSignalBlocker still(m_over);
    const QVariant was = m_over->currentData();
    m_over->clear();
    m_over->addItem(tr("The whole card"), QString());
    for (const Wash& w : plan.washes)
      m_over->addItem(capital(washName(w)), QStringLiteral("wash:") + QString::fromStdString(w.id));
    if (const int k = m_over->findData(was); k >= 0) m_over->setCurrentIndex(k);
  }
  m_guides->setEnabled(plan.room || !plan.ground.empty());
  m_list->begin();
  const auto row = [&](const std::string& act, const QString& words) {
    m_list->next(QString::fromStdString(act));
    m_list->label(words, bodyFont(), theme().ink, true);
    m_list->cell<QPushButton>([this, act] {
      auto* b = plainButton(tr("Take off"));
      b->setObjectName(QStringLiteral("takeOff-") + QString::fromStdString(act));
      connect(b, &QPushButton::clicked, this,
              [this, act] { m_session.edit(tr("Take off"), withoutHandwork(m_session.plan(), act)); });
      return b;
    });
  };
  double guides_mm = 0;
  for (const HandLine& l : plan.lines)
    if (isGuide(l)) guides_mm += lengthOf(l.along);
  if (guides_mm > 0) {
    m_list->next(QStringLiteral("guides"));
    m_list->label(tr("Lines along the guides, %1 in all").arg(lengthText(guides_mm, m_session.units())),
                  bodyFont(), theme().ink, true);
    m_list->cell<QPushButton>([this] {
      auto* b = plainButton(tr("Take off"));
      b->setObjectName(QStringLiteral("takeOff-guides"));
      connect(b, &QPushButton::clicked, this, [this] {
        Plan now = m_session.plan();
        std::erase_if(now.lines, isGuide);
        m_session.edit(tr("Take off"), now);
      });
      return b;
    });
  }
  for (const HandLine& l : plan.lines)
    if (!isGuide(l))
      row("line:" + l.id,
          tr("%1, %2").arg(l.name.empty() ? capital(lineKindName(l.kind)) : QString::fromStdString(l.name),
                           lengthText(lengthOf(l.along), m_session.units())));
  for (const Accent& a : plan.accents) {
    const int on = plan.indexOf(a.on);
    QString words = capital(accentName(a.kind));
    if (a.at.size() > 1) words += tr(", %1").arg(a.at.size());
    if (on >= 0) words += tr(" on %1").arg(nameOf(plan, on));
    row("accent:" + a.id, words);
  }
  for (const Lift& l : plan.lifts) row("lift:" + l.id, capital(liftWithName(l.with)));
  if (plan.lines.empty() && plan.accents.empty() && plan.lifts.empty()) {
    m_list->next(QStringLiteral("none"));
    m_list->wide(2);
    m_list->label(tr("Nothing yet."), bodyFont(), theme().soft);
  }
  m_list->end(false);
}

void DetailsPage::scatter() {
  Plan plan = m_session.plan();
  Accent a = accent();
  if (const auto held = lineInk()) a.ink = addInk(plan, *held);
  const QString over = m_over->currentData().toString();
  Box area = plan.card.panel.box().grown(-plan.card.tape_mm);
  Rings within;
  if (over.startsWith(QStringLiteral("wash:")))
    for (size_t w = 0; w < plan.washes.size(); ++w)
      if (QString::fromStdString(plan.washes[w].id) == over.mid(5))
        within = m_session.analysis()->washes.reached[w];
  if (!within.empty()) area = boxOf(within).common(area);
  const auto count = static_cast<size_t>(m_count->value());
  // As far apart as so many find room.
  const double apart = std::max(a.size_mm * 1.3, 0.6 * std::sqrt(std::max(1.0, area.width() * area.height()) /
                                                                 static_cast<double>(count)));
  a.at = scattered(area, count, apart, ++m_seed, keptClear(plan));
  if (!within.empty()) std::erase_if(a.at, [&](Point p) { return !covers(within, p); });
  if (a.at.empty()) return;
  // Another throw of the same replaces the one before.
  std::erase_if(plan.accents, [&](const Accent& was) {
    return was.kind == a.kind && was.at.size() > 1 && was.size_mm == a.size_mm && was.on.empty() &&
           was.ink == a.ink;
  });
  m_session.edit(tr("Scatter %1").arg(accentName(a.kind)), withAccent(plan, a));
}

}  // namespace havlo
