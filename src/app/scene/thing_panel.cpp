// Facts come from the analysis; choices go through the session.
#include "app/scene/thing_panel.h"

#include <QComboBox>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QSpinBox>
#include <algorithm>
#include <cmath>

#include "app/common/form_rows.h"
#include "app/common/rolled.h"
#include "app/scene/crowd_panel.h"
#include "app/scene/row_panel.h"
#include "app/scene/several_panel.h"
#include "app/scene/stamps_at_hand.h"
#include "app/scene/thing_acts.h"
#include "app/scene/view_panel.h"
#include "core/edit/remedies.h"
#include "core/edit/view_edits.h"
#include "core/plan/figures.h"
#include "core/plan/role_facts.h"
#include "io/art/svg_art.h"
#include "io/wording/names.h"
#include "io/wording/view_words.h"

namespace havlo {
namespace {

constexpr LitFrom kLitFrom[] = {LitFrom::Unsaid, LitFrom::Left, LitFrom::Right, LitFrom::Front,
                                LitFrom::Behind};

QString schoolTip(School t) {
  switch (t) {
    case School::Mask:
      return ThingPanel::tr("front first, cover it, then what is behind");
    case School::Overprint:
      return ThingPanel::tr("what is behind first, then this straight on top: dark opaque ink");
    case School::Resist:
      return ThingPanel::tr("stamped and embossed, later inks wipe off it");
    case School::LeaveOut:
      return ThingPanel::tr("what is behind is pressed with this place taped over on the rubber");
    case School::WipeOff:
      return ThingPanel::tr("what is behind is pressed with this place wiped off the rubber");
    case School::PopUp:
      return ThingPanel::tr("on a piece of its own, cut out and raised on foam");
    case School::Across:
      return ThingPanel::tr("last of all, over the rim of a piece that is glued flat on the panel");
  }
  return {};
}

QString metres(double m) {
  return m < 1 ? ThingPanel::tr("%1 cm").arg(qRound(m * 100))
               : ThingPanel::tr("%1 m").arg(m, 0, 'f', m < 10 ? 2 : 0);
}

QLabel* fact() { return inkLabel({}, bodyFont(QFont::Medium), theme().ink, true); }

}  // namespace

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
  buildFacts();
  m_factsArea = rolled(m_form);
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
  connectFacts();
  connect(&session, &PlanSession::planChanged, this, &ThingPanel::refresh);
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
  if (!read) return Q_EMIT m_session.trouble(QString::fromStdString(read.error().text()));
  // Nothing is of one height: a tenth less to a tenth more.
  const double m = read.value().value;
  const Plan& plan = m_session.plan();
  const auto known = withRealHeight(plan, plan.impressions[ix(i)].stamp, {m, 0.9 * m, 1.1 * m, {}});
  if (!known) return Q_EMIT m_session.trouble(QString::fromStdString(known.error().text()));
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
  const Analysis& a = *m_session.analysis();
  for (const Remedy& r : remediesFor(plan, i, *a.depth, a.meetings.placed, {}))
    if (r.what == Remedy::What::MoveEyes && r.now_m <= kLow_m && r.spoils == 0) {
      m_eyes->disconnect(this);
      connect(m_eyes, &QPushButton::clicked, this,
              [this, after = r.after] { m_session.edit(tr("Look with a snail's eyes"), after); });
      m_eyes->setText(tr("Look with a snail's eyes"));
      m_eyes->setToolTip(tr("Eyes at %1: small things fill the card").arg(metres(r.now_m)));
      m_eyes->show();
      return;
    }
}

void ThingPanel::buildFacts() {
  m_form = new FormRows;
  const auto line = [&](const QString& name, QWidget* value, const QString& tip = {}) {
    m_form->add(name, value)->setToolTip(tip);
    value->setToolTip(tip);
  };
  line(tr("It reads as"), m_reads = fact(), tr("how tall it looks where it stands, by the one viewpoint"));
  line(tr("You said"), m_said = fact(), tr("the real height of the thing, from its stamp"));
  line(tr("So it"), m_verdict = fact());
  line(tr("Stands"), m_stands = fact());
  line(tr("In the mist"), m_tone = fact(), tr("the ink that distance leaves, and what its pressing gives"));
  line(tr("Stamped"), m_stamped = fact());
  line(tr("In front of"), m_front = fact());
  line(tr("Ink"), m_ink = new QComboBox);
  line(tr("Pressing"), m_pressing = new QSpinBox,
       tr("1 is freshly inked; 2 is pressed again without inking, paler"));
  line(tr("School"), m_school = new QComboBox, tr("how it and what is behind it get along"));
  line(tr("Shaded"), m_lit = new QComboBox, tr("from where you shade it by hand"));
  line(tr("Stamps"), m_part = new QComboBox,
       tr("the whole of it, or what lies on one side of a line; drag the line's ends on the card"));
  line(tr("Belongs to"), m_figure = new QComboBox,
       tr("several presses that make one figure are seen, moved and counted as one"));
  line(tr("Turn"), m_turn = new QLineEdit, tr("degrees, to the left"));
  m_ink->setMinimumContentsLength(6);
  m_ink->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_school->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_pressing->setRange(1, 99);
  m_ink->setObjectName(QStringLiteral("ink"));
  m_pressing->setObjectName(QStringLiteral("pressing"));
  m_school->setObjectName(QStringLiteral("school"));
  m_turn->setObjectName(QStringLiteral("turn"));
  m_lit->setObjectName(QStringLiteral("lit"));
  m_figure->setObjectName(QStringLiteral("figure"));
  m_figure->setMinimumContentsLength(6);
  m_figure->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_part->setObjectName(QStringLiteral("part"));
  m_part->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  for (const QString& what : {tr("all of it"), tr("above a line"), tr("below a line"), tr("left of a line"),
                              tr("right of a line"), tr("a part of its own shape")})
    m_part->addItem(what);
  m_lit->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  for (const LitFrom from : kLitFrom) m_lit->addItem(litName(from));
  for (School t : kWaysToChoose) {
    m_school->addItem(schoolName(t));
    m_school->setItemData(m_school->count() - 1, schoolTip(t), Qt::ToolTipRole);
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
  m_hero = new QPushButton(tr("Make it the hero"));
  m_remove = new QPushButton(tr("Take it off the card"));
  m_remove->setObjectName(QStringLiteral("remove"));
  m_add = new QPushButton(tr("Add a stamp"));
  m_add->setObjectName(QStringLiteral("add"));
  box()->addWidget(m_hero);
  box()->addWidget(m_remove);
  m_demo = new QPushButton(tr("Start from the demo"));
  m_open = new QPushButton(tr("Open a plan"));
  box()->addWidget(m_add);
  m_propose = new QPushButton(tr("Have a card proposed"));
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
    change(tr("Make %1 the hero"), [](const Plan& p, const std::string& id) { return withHero(p, id); });
  });
  connect(m_ways, &QPushButton::clicked, this, &ThingPanel::offerWaysOut);
  connect(m_makeRow, &QPushButton::clicked, this, &ThingPanel::beginRow);
}

void ThingPanel::connectFacts() {
  connect(m_lit, &QComboBox::activated, this, [this](int k) {
    change(tr("Shade %1"), [k](const Plan& p, const std::string& id) { return withLit(p, id, kLitFrom[k]); });
  });
  connect(m_part, &QComboBox::activated, this, &ThingPanel::choosePart);
  connect(m_figure, &QComboBox::activated, this, [this](int k) {
    const std::string to = m_figure->itemData(k).toString().toStdString();
    change(to.empty() ? tr("%1 stands for itself") : tr("%1 belongs to another"),
           [to](const Plan& p, const std::string& id) { return withFigure(p, id, to); });
  });
  connect(m_ink, &QComboBox::activated, this, [this](int k) {
    change(tr("Ink %1"), [this, k](const Plan& p, const std::string& id) {
      return withInk(p, id, p.inks[ix(k)].id, m_pressing->value());
    });
  });
  connect(m_pressing, &QSpinBox::valueChanged, this, [this](int generation) {
    change(tr("Press %1 again"), [generation](const Plan& p, const std::string& id) {
      return withInk(p, id, p.impression(id)->ink, generation);
    });
  });
  connect(m_school, &QComboBox::activated, this, [this](int k) {
    change(tr("Another school for %1"),
           [k](const Plan& p, const std::string& id) { return withSchool(p, id, kWaysToChoose[k]); });
  });
  connect(m_turn, &QLineEdit::editingFinished, this, [this] {
    bool number = false;
    const double turn = m_turn->text().replace(u',', u'.').remove(u'°').trimmed().toDouble(&number);
    if (!number || !std::isfinite(turn)) {
      if (!m_filling) Q_EMIT m_session.trouble(tr("\"%1\" is not a number of degrees").arg(m_turn->text()));
      return refresh();
    }
    change(tr("Turn %1"),
           [turn](const Plan& p, const std::string& id) { return withTurn(p, id, Degrees{turn}); });
  });
}

template <typename F>
void ThingPanel::change(const QString& what, F edit) {
  const int i = m_session.selectedIndex();
  if (m_filling || i < 0) return;
  m_session.edit(what.arg(nameOf(m_session.plan(), i)),
                 edit(m_session.plan(), m_session.selected().toStdString()));
}

namespace {

enum PartChoice { Whole, Above, Below, LeftOf, RightOf, OwnShape };

PartChoice partChoice(const Impression& thing, const Stamp& stamp) {
  if (thing.part.empty()) return Whole;
  const auto line = partLineOf(thing, stamp);
  if (!line) return OwnShape;
  const Point way = line->b - line->a;  // what is stamped lies on its left
  if (std::fabs(way.x) >= std::fabs(way.y)) return way.x > 0 ? Above : Below;
  return way.y > 0 ? LeftOf : RightOf;
}

}  // namespace

/// The line begins across the stamp's middle; where only the side changes it stays.
void ThingPanel::choosePart(int choice) {
  if (choice == OwnShape) return refresh();
  if (choice == Whole)
    return change(tr("Stamp all of %1"),
                  [](const Plan& p, const std::string& id) { return withoutPart(p, id); });
  change(tr("Stamp a part of %1"), [choice](const Plan& p, const std::string& id) {
    const Impression& thing = *p.impression(id);
    const Stamp& stamp = *p.stamp(thing.stamp);
    const havlo::Box frame = boxOf(stamp.silhouette);
    const Point c = frame.centre();
    const bool level = choice == Above || choice == Below;
    PartLine line = level ? PartLine{{frame.left, c.y}, {frame.right, c.y}}
                          : PartLine{{c.x, frame.bottom}, {c.x, frame.top}};
    const PartChoice now = partChoice(thing, stamp);
    const bool same = level ? now == Above || now == Below : now == LeftOf || now == RightOf;
    if (const auto old = partLineOf(thing, stamp); old && same) {
      line = *old;
      if (now != choice) std::swap(line.a, line.b);
    } else if (choice == Below || choice == RightOf) {
      std::swap(line.a, line.b);
    }
    return withPart(p, id, line);
  });
}

void ThingPanel::refresh() {
  const bool drafting = m_row.active() || m_crowd.active();
  const bool several = !drafting && m_session.severalChosen();
  const int i = drafting || several ? -1 : m_session.selectedIndex();
  m_filling = true;
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
    m_name->setText(tr("A row of %1").arg(stampName(*m_row.wish().sizes[0])));
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
  m_filling = false;
}

void ThingPanel::fillFacts(int i) {
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.analysis();
  const Impression& thing = plan.impressions[ix(i)];
  const Stamp& stamp = *plan.stamp(thing.stamp);
  m_name->setText(labelOf(plan, i));
  const auto bare = [&](double mm) {
    return QString::fromStdString(writeBareMeasure(Millimetres{mm}, m_session.units()));
  };
  m_size->setText(tr("prints %1 × %2 %3%4")
                      .arg(bare(stamp.width_mm), bare(stamp.height_mm),
                           m_session.units() == MeasureStyle::Inches ? tr("in") : tr("mm"),
                           thing.hero ? tr(" · the hero") : QString()));
  m_hero->setVisible(!thing.hero);
  const bool unknown = plan.view && !stamp.realHeight && factsOf(stamp.role).stands();
  m_asksHeight->setVisible(unknown);
  if (unknown) m_asks->setText(tr("How tall is it really?"));
  m_part->setCurrentIndex(partChoice(thing, stamp));
  const auto scale = readScale(plan, i);
  m_form->setRowVisible(m_reads, scale && scale->implied_m);
  m_form->setRowVisible(m_said, scale.has_value());
  m_form->setRowVisible(m_verdict, scale.has_value());
  if (scale) {
    if (scale->implied_m) m_reads->setText(tr("%1 tall").arg(metres(*scale->implied_m)));
    const RealHeight& real = *stamp.realHeight;
    m_said->setText(real.least_m == real.most_m
                        ? metres(real.typical_m)
                        : tr("%1 – %2").arg(metres(real.least_m), metres(real.most_m)));
    const char* verdicts[] = {QT_TR_NOOP("fits"), QT_TR_NOOP("is too tall here"),
                              QT_TR_NOOP("is too small here"), QT_TR_NOOP("has no ground under it")};
    m_verdict->setText(tr(verdicts[static_cast<int>(scale->verdict)]));
    setInk(m_verdict, scale->verdict == ScaleVerdict::Fits ? theme().green : theme().ochre);
    m_ways->setVisible(scale->verdict != ScaleVerdict::Fits);
    if (scale->verdict != ScaleVerdict::Fits) offerEyes(i);
  }
  QString stands = tr("%1 away").arg(QString::fromStdString(writeDistance(Metres{a.depth->distance_m(i)})));
  if (const auto* on = std::get_if<OnThing>(&thing.depth))
    stands = tr("on %1, %2").arg(nameOf(plan, plan.indexOf(on->id)), stands);
  m_stands->setText(stands);
  const auto tone =
      std::find_if(a.tone.begin(), a.tone.end(), [&](const ToneReading& t) { return t.impression == i; });
  const bool inMist =
      tone != a.tone.end() && std::isfinite(a.depth->distance_m(i)) && factsOf(stamp.role).stands();
  m_form->setRowVisible(m_tone, inMist);
  if (inMist) {
    QString text =
        tr("%1 % wanted, %2 % pressed").arg(qRound(100 * tone->wanted)).arg(qRound(100 * tone->seen));
    const bool better =
        std::fabs(tone->proposed - tone->wanted) + 0.02 < std::fabs(tone->actual - tone->wanted);
    if (better && tone->proposedInk == thing.ink)
      text += tr("; pressing %1 comes nearer").arg(tone->proposedGeneration);
    if (better && tone->proposedInk != thing.ink)
      text += tr("; %1, pressing %2 comes nearer")
                  .arg(inkName(*plan.ink(tone->proposedInk)))
                  .arg(tone->proposedGeneration);
    m_tone->setText(text);
  }
  const auto place = std::find(a.order.begin(), a.order.end(), i) - a.order.begin() + 1;
  const bool covered = std::any_of(a.needs.steps.begin(), a.needs.steps.end(), [&](const NeedStep& s) {
    return std::binary_search(s.covered.begin(), s.covered.end(), i);
  });
  m_stamped->setText(tr("as number %1 of %2%3")
                         .arg(place)
                         .arg(a.order.size())
                         .arg(covered ? tr(", then covered") : QString()));
  std::vector<int> behind;
  for (int k : a.meetings.of[ix(i)]) {
    const Meeting& m = a.meetings.list[ix(k)];
    if (m.front == i && m.overlaps()) behind.push_back(m.back);
  }
  m_front->setText(behind.empty() ? tr("nothing") : listOf(plan, behind));
  m_ink->clear();
  for (const Ink& ink : plan.inks) m_ink->addItem(inkName(ink));
  for (size_t k = 0; k < plan.inks.size(); ++k)
    if (plan.inks[k].id == thing.ink) m_ink->setCurrentIndex(static_cast<int>(k));
  m_pressing->setValue(thing.generation);
  m_figure->clear();
  m_figure->addItem(tr("nothing else"), QString());
  const std::vector<int> mates = figureOf(plan, i);
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    if (static_cast<int>(k) == i || factsOf(plan.stamp(plan.impressions[k].stamp)->role).backdrop) continue;
    m_figure->addItem(nameOf(plan, static_cast<int>(k)), QString::fromStdString(plan.impressions[k].id));
    const bool first = mates.size() > 1 && static_cast<int>(k) == (mates[0] == i ? mates[1] : mates[0]);
    if (first) m_figure->setCurrentIndex(m_figure->count() - 1);
  }
  m_makeRow->setVisible(scale && scale->verdict != ScaleVerdict::NotOnGround);
  m_form->setRowVisible(m_lit, plan.light.has_value() || thing.lit != LitFrom::Unsaid);
  for (size_t k = 0; k < std::size(kLitFrom); ++k)
    if (kLitFrom[k] == thing.lit) m_lit->setCurrentIndex(static_cast<int>(k));
  for (size_t k = 0; k < std::size(kWaysToChoose); ++k)
    if (kWaysToChoose[k] == thing.school) m_school->setCurrentIndex(static_cast<int>(k));
  if (!m_turn->hasFocus())
    m_turn->setText(tr("%1°").arg(thing.turn_deg, 0, 'f',
                                  std::fabs(thing.turn_deg - std::round(thing.turn_deg)) > 0.05 ? 1 : 0));
}

void ThingPanel::takeCrowdKeys() { m_crowdPanel->takeKeys(); }

/// What could be done about its size, with what each costs; the chosen one is one act.
void ThingPanel::offerWaysOut() {
  const int i = m_session.selectedIndex();
  if (i < 0) return;
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.analysis();
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
