#include "app/scene/thing_panel.h"

#include <QComboBox>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QSpinBox>
#include <algorithm>
#include <cmath>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "app/face/thing_acts.h"
#include "app/scene/crowd_panel.h"
#include "app/scene/row_panel.h"
#include "app/scene/several_panel.h"
#include "app/scene/stamps_at_hand.h"
#include "app/scene/thing_fields.h"
#include "app/scene/view_panel.h"
#include "core/edit/remedies.h"
#include "core/edit/view_edits.h"
#include "core/plan/figures.h"
#include "core/plan/role_facts.h"
#include "io/art/svg_art.h"
#include "io/wording/error_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/thing_words.h"
#include "io/wording/view_words.h"

namespace havlo {
ThingPanel::ThingPanel(PlanSession& session, RowDraft& row, CrowdDraft& crowd, ThingActs& acts,
                       std::shared_ptr<SvgArt> art, QWidget* parent)
    : SheetFrame(parent),
      m_session(session),
      m_row(row),
      m_art(std::move(art)),
      m_acts(acts),
      m_crowd(crowd) {
  setAccessibleName(tr("The chosen thing"));
  m_name = inkLabel({}, headingFont(), theme().ink, true);
  m_size = inkLabel({}, labelFont(), theme().soft, true);
  box()->addWidget(m_name);
  box()->addWidget(m_size);
  buildHeight();
  auto* facts = new QWidget;
  auto* column = new QVBoxLayout(facts);
  column->setContentsMargins(0, 2, 0, 0);
  column->setSpacing(6);
  column->addWidget(m_scale = inkLabel({}, bodyFont(QFont::Medium), theme().ink, true));
  column->addWidget(m_facts = inkLabel({}, bodyFont(), theme().ink, true));
  column->addWidget(m_fields = new ThingFields(session));
  column->addStretch(1);
  m_factsArea = rolled(facts);
  box()->addWidget(m_factsArea, 1);
  box()->addWidget(m_view = new ViewPanel(session), 1);
  box()->addWidget(m_atHand = new StampsAtHand(session, m_art), 1);
  box()->addWidget(m_rowPanel = new RowPanel(row), 1);
  box()->addWidget(m_crowdPanel = new CrowdPanel(crowd, m_art), 1);
  box()->addWidget(m_several = new SeveralPanel(session, acts), 1);
  buildActs();
  connectActs();
  connect(&row, &RowDraft::changed, this, &ThingPanel::refresh);
  connect(&crowd, &CrowdDraft::changed, this, &ThingPanel::refresh);
  connect(m_crowdPanel, &CrowdPanel::done, this, &ThingPanel::crowdDone);
  connect(&session, &PlanSession::asideChanged, this, &ThingPanel::refresh);
  connect(&session, &PlanSession::planChanged, this, &ThingPanel::refresh);
  session.beside().add(this, 120, [this] { refresh(); });
  connect(&session, &PlanSession::selectionChanged, this, &ThingPanel::refresh);
  connect(&session, &PlanSession::unitsChanged, this, &ThingPanel::refresh);
  refresh();
}

/// A thing whose height nobody knows can stand nowhere right.
void ThingPanel::buildHeight() {
  m_asksHeight = new QWidget;
  auto* column = new QVBoxLayout(m_asksHeight);
  column->setContentsMargins(0, 2, 0, 4);
  column->setSpacing(3);
  m_asks = inkLabel({}, bodyFont(QFont::DemiBold), theme().ochre, true);
  column->addWidget(m_asks);
  auto* row = new QHBoxLayout;
  m_height = new QLineEdit;
  m_height->setObjectName(QStringLiteral("howTall"));
  m_height->setPlaceholderText(tr("1.7 m, 5 cm, 6 ft …"));
  m_height->setAccessibleName(tr("How tall the thing is really"));
  row->addWidget(m_height, 1);
  auto* set = new QPushButton(tr("That tall"));
  set->setObjectName(QStringLiteral("setHeight"));
  row->addWidget(set);
  column->addLayout(row);
  box()->addWidget(m_asksHeight);
  connect(m_height, &QLineEdit::returnPressed, this, &ThingPanel::sayHeight);
  connect(set, &QPushButton::clicked, this, &ThingPanel::sayHeight);
}

void ThingPanel::sayHeight() {
  const int i = m_session.selectedIndex();
  if (i < 0) return;
  const auto read = readRealHeight(m_height->text().toStdString());
  if (!read) return Q_EMIT m_session.trouble(errorWords(read.error()));
  // Nothing is of one height: a tenth less to a tenth more.
  const double m = read.value().value;
  const Plan& plan = m_session.plan();
  const auto known = withRealHeight(plan, plan.impressions[ix(i)].stamp, {m, 0.9 * m, 1.1 * m, {}});
  if (!known) return Q_EMIT m_session.trouble(errorWords(known.error()));
  m_height->clear();
  Q_EMIT heightSaid(known.value());
}

/// Where all is small, the eyes go down to it.
void ThingPanel::offerEyes(int i) {
  const Plan& plan = m_session.plan();
  const Stamp& stamp = *plan.stamp(plan.impressions[ix(i)].stamp);
  constexpr double kSmall_m = 0.5, kLow_m = 0.4;
  m_eyes->hide();
  if (!stamp.realHeight || stamp.realHeight->typical_m > kSmall_m || !plan.view ||
      plan.view->eyeHeight_m <= kLow_m)
    return;
  const Analysis& a = *m_session.scene();
  for (const Remedy& r : remediesFor(plan, i, *a.depth, a.meetings.placed, {}))
    if (r.what == Remedy::What::MoveEyes && r.now_m <= kLow_m && r.spoils == 0) {
      m_eyes->disconnect(this);
      connect(m_eyes, &QPushButton::clicked, this,
              [this, after = r.after] { m_session.edit(tr("Look with a snail's eyes"), after); });
      m_eyes->setText(tr("Look with a snail's eyes"));
      m_eyes->setToolTip(tr("Eyes at %1: small things fill the card").arg(tallText(r.now_m)));
      m_eyes->show();
      return;
    }
}

void ThingPanel::buildActs() {
  m_ways = plainButton(tr("Ways out"));
  m_ways->setObjectName(QStringLiteral("ways"));
  m_makeRow = plainButton(tr("Make a row"));
  m_makeRow->setObjectName(QStringLiteral("makeRow"));
  auto* more = new QHBoxLayout;
  more->addWidget(m_ways);
  more->addWidget(m_makeRow);
  box()->addLayout(more);
  m_eyes = new QPushButton;
  m_eyes->setObjectName(QStringLiteral("eyes"));
  m_eyes->hide();
  box()->addWidget(m_eyes);
  m_hero = drawnButton("act-hero", tr("Make it the hero"));
  m_remove = drawnButton("act-off", tr("Take it off the card"));
  m_remove->setObjectName(QStringLiteral("remove"));
  m_add = drawnButton("act-add", tr("Add a stamp"));
  m_add->setObjectName(QStringLiteral("add"));
  box()->addWidget(m_hero);
  box()->addWidget(m_remove);
  m_demo = drawnButton("act-demo", tr("Start from the demo"));
  m_open = drawnButton("act-open", tr("Open a plan"));
  box()->addWidget(m_add);
  m_propose = drawnButton("act-arrange", tr("Have a card proposed"));
  m_propose->setObjectName(QStringLiteral("propose"));
  box()->addWidget(m_propose);
  box()->addWidget(m_demo);
  box()->addWidget(m_open);
}

void ThingPanel::connectActs() {
  connect(m_atHand, &StampsAtHand::stampTaken, this, &ThingPanel::stampTaken);
  connect(m_atHand, &StampsAtHand::ownedTaken, this, &ThingPanel::ownedTaken);
  connect(m_atHand, &StampsAtHand::drawerRequested, this, &ThingPanel::drawerRequested);
  connect(m_demo, &QPushButton::clicked, this, &ThingPanel::demoRequested);
  connect(m_open, &QPushButton::clicked, this, &ThingPanel::openRequested);
  connect(m_propose, &QPushButton::clicked, this, &ThingPanel::proposeRequested);
  connect(m_add, &QPushButton::clicked, this, &ThingPanel::addRequested);
  connect(m_remove, &QPushButton::clicked, this, [this] { m_acts.run(QStringLiteral("remove")); });
  connect(m_hero, &QPushButton::clicked, this, [this] {
    const int i = m_session.selectedIndex();
    if (i < 0) return;
    m_session.edit(tr("Make %1 the hero").arg(nameOf(m_session.plan(), i)),
                   withHero(m_session.plan(), m_session.selected().toStdString()));
  });
  connect(m_ways, &QPushButton::clicked, this, &ThingPanel::offerWaysOut);
  connect(m_makeRow, &QPushButton::clicked, this, &ThingPanel::beginRow);
}

void ThingPanel::refresh() {
  const bool drafting = m_row.active() || m_crowd.active();
  const bool several = !drafting && m_session.severalChosen();
  const int i = drafting || several ? -1 : m_session.selectedIndex();
  m_factsArea->setVisible(i >= 0);
  m_remove->setVisible(i >= 0 || several);
  m_remove->setText(several ? tr("Take them off the card") : tr("Take it off the card"));
  m_hero->setVisible(i >= 0);
  m_asksHeight->setVisible(false);
  m_eyes->hide();
  m_makeRow->setVisible(false);
  m_ways->setVisible(false);
  m_rowPanel->setVisible(m_row.active());
  m_crowdPanel->setVisible(m_crowd.active());
  m_several->setVisible(several);
  const bool empty = !drafting && i < 0 && m_session.plan().impressions.empty();
  const bool atHand = empty && m_atHand->fill();
  m_atHand->setVisible(atHand);
  m_view->setVisible(!drafting && !several && i < 0 && !atHand);
  m_add->setVisible(!drafting && !several && !atHand);
  if (m_crowd.active()) {
    m_name->setText(tr("A crowd"));
    m_size->setText(tr("Each where its size is right, none like its neighbour."));
  } else if (several) {
    m_name->setText(tr("%1 things").arg(m_session.chosen().all().size()));
    m_size->setText(tr("Drag, nudge or turn one of them: all go along."));
    m_several->refresh();
  } else if (m_row.active()) {
    m_name->setText(tr("A row"));
    m_size->setText({});
  } else if (i < 0) {
    const Plan& plan = m_session.plan();
    m_name->setText(atHand ? tr("Your stamps") : tr("The scene"));
    m_size->setText(atHand ? tr("Click one: it goes on the card where its size is right.")
                    : plan.stamps.empty()
                        ? tr("There are no stamps in this plan. Take some from your drawer, begin with the "
                             "demo, or open a plan of yours.")
                        : tr("Click a thing on the card or on the walk to work on it."));
  } else {
    fillFacts(i);
  }
  const bool stamps = !m_session.plan().stamps.empty();
  m_add->setText(stamps ? tr("Add a stamp") : tr("Go to the drawer"));
  m_demo->setVisible(!stamps && !atHand && !drafting);
  m_open->setVisible(!stamps && !atHand && !drafting);
  m_propose->setVisible(m_session.plan().impressions.empty() && !drafting);
}

void ThingPanel::fillFacts(int i) {
  const Plan& plan = m_session.plan();
  const Impression& thing = plan.impressions[ix(i)];
  const Stamp& stamp = *plan.stamp(thing.stamp);
  m_name->setText(labelOf(plan, i));
  const auto bare = [&](double mm) { return spoken(writeBareMeasure(Millimetres{mm}, m_session.units())); };
  m_size->setText(tr("prints %1 × %2 %3%4")
                      .arg(bare(stamp.width_mm), bare(stamp.height_mm),
                           m_session.units() == MeasureStyle::Inches ? tr("in") : tr("mm"),
                           thing.hero ? tr(" · the hero") : QString()));
  m_hero->setVisible(!thing.hero);
  const bool unknown = plan.view && !stamp.realHeight && factsOf(stamp.role).stands();
  m_asksHeight->setVisible(unknown);
  if (unknown) m_asks->setText(tr("How tall is it really?"));
  const ThingWords words = wordsOfThing(plan, *m_session.scene(), i);
  showText(m_scale, words.size);
  m_scale->setVisible(!words.size.isEmpty());
  setInk(m_scale, words.right ? theme().ink : theme().ochre);
  QStringList more{words.place, words.turn};
  if (!words.mist.isEmpty()) more << words.mist;
  showText(m_facts, more.join(u' '));
  m_ways->setVisible(!words.right);
  if (!words.right) offerEyes(i);
  const auto scale = readScale(plan, i);
  m_makeRow->setVisible(scale && scale->verdict != ScaleVerdict::NotOnGround);
  m_fields->fill(i);
}

void ThingPanel::takeCrowdKeys() { m_crowdPanel->takeKeys(); }

/// What could be done about its size, with what each costs; the chosen one is one act.
void ThingPanel::offerWaysOut() {
  const int i = m_session.selectedIndex();
  if (i < 0) return;
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.scene();
  const Stamp& stamp = *plan.stamp(plan.impressions[ix(i)].stamp);
  const std::vector<StampRef> others = m_like ? m_like(stamp) : std::vector<StampRef>{};
  auto* menu = new QMenu(this);
  menu->setObjectName(QStringLiteral("waysOut"));
  menu->setAttribute(Qt::WA_DeleteOnClose);
  for (const Remedy& r : remediesFor(plan, i, *a.depth, a.meetings.placed, others)) {
    const QString does = remedyWords(plan, r, m_session.units());
    menu->addAction(tr("%1 (%2)").arg(does, costWords(plan, r)), this,
                    [this, does, after = r.after] { m_session.edit(does, after); });
  }
  menu->popup(m_ways->mapToGlobal(QPoint(0, m_ways->height())));
}

void ThingPanel::beginRow() {
  const int i = m_session.selectedIndex();
  const Plan& plan = m_session.plan();
  if (i < 0 || !plan.view) return;
  const Impression& thing = plan.impressions[ix(i)];
  const StampRef stamp = plan.stamp(thing.stamp);
  std::vector<StampRef> sizes{stamp};
  std::vector<StampRef> others(plan.stamps.begin(), plan.stamps.end());
  if (m_like)
    for (const StampRef& s : m_like(*stamp)) others.push_back(s);
  for (const StampRef& s : others) {
    const bool known = std::any_of(sizes.begin(), sizes.end(), [&](const StampRef& k) {
      return k->id == s->id || (!s->drawer.empty() && k->drawer == s->drawer);
    });
    if (!known && sameThing(*s, *stamp)) sizes.push_back(s);
  }
  std::stable_sort(sizes.begin(), sizes.end(),
                   [](const StampRef& a, const StampRef& b) { return a->height_mm > b->height_mm; });
  // From its own foot toward the vanishing point, to where the smallest size is at its right height.
  const double vx = vanishX(*plan.view, plan.card.panel.width_mm), horizon = plan.view->horizon_mm;
  const Stamp& smallest = *sizes.back();
  const double end = horizon - smallest.height_mm * plan.view->eyeHeight_m / smallest.realHeight->typical_m;
  const double way = std::clamp((end - thing.at.y) / std::max(1e-6, horizon - thing.at.y), 0.35, 0.92);
  const Point to{thing.at.x + way * (vx - thing.at.x), thing.at.y + way * (horizon - thing.at.y)};
  Point from = thing.at;
  if (std::fabs(vx - from.x) < 3) from.x = vx - plan.card.panel.width_mm * 0.3;
  m_row.begin(std::move(sizes), from, to);
}

}  // namespace havlo
