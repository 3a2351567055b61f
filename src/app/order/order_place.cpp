// Simulates while it is in sight; what it shows always belongs to the present plan.
#include "app/order/order_place.h"

#include <QCoreApplication>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QMenu>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollBar>
#include <QStackedWidget>
#include <algorithm>

#include "app/common/beside_box.h"
#include "app/common/column_width.h"
#include "app/common/divider_tab.h"
#include "app/common/drawings.h"
#include "app/common/flow_row.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "app/common/side_panels.h"
#include "app/masks/masks_page.h"
#include "app/order/joins_page.h"
#include "app/order/proof_panel.h"
#include "app/order/schools_page.h"
#include "app/order/slips_page.h"
#include "app/order/step_strip.h"
#include "core/chain/chain.h"
#include "core/edit/making_edits.h"
#include "io/art/svg_art.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"
#include "io/wording/work_words.h"

namespace havlo {
namespace {

constexpr double kStripDpi = 110;
constexpr double kMostFrame_px = 1e6;
constexpr double kMostOfAll_px = 1e8;  // over all steps: 400 MB

/// Fine enough to look at, and never more than memory bears, however many steps there are.
double stripDpi(const Plan& plan, const Analysis& analysis) {
  const auto steps = static_cast<double>(std::max<size_t>(1, analysis.sheet.steps.size()));
  return dpiWithin(plan.card.panel.box(), kStripDpi, std::min(kMostFrame_px, kMostOfAll_px / steps));
}

}  // namespace

namespace {

/// Evenings and copies, where there is more than one.
QString sheetWords(const RunSheet& sheet) {
  QString out;
  if (sheet.copies > 1) out += OrderPlace::tr(" For %1 cards.").arg(sheet.copies);
  if (sheet.evenings.size() > 1) {
    QStringList each;
    for (const Evening& e : sheet.evenings) each << minutesWords(e.minutes);
    out += OrderPlace::tr(" Evenings of %1.").arg(each.join(QStringLiteral(", ")));
  }
  return out;
}

}  // namespace

OrderPlace::OrderPlace(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : Place(parent),
      m_session(session),
      m_art(std::move(art)),
      m_tiles(newTileStore()),
      m_job(new PlanJob<Result<StepPictures>>(session, this)),
      m_findThin(new PlanJob<std::map<StampRef, bool>>(session, this)),
      m_compare(new PlanJob<double>(session, this)) {
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(16, 10, 16, 10);
  outer->setSpacing(8);
  auto* tabs = new FlowRow(0);
  const auto tab = [&](const QString& text, Page page) {
    auto* b = new DividerTab(text);
    b->setObjectName(QStringLiteral("orderTab-%1").arg(page));
    tabs->addWidget(b);
    connect(b, &QPushButton::clicked, this, [this, page] { showPage(page); });
    m_tabs.push_back(b);
  };
  tab(tr("The steps"), Steps);
  tab(tr("The masks"), Masks);
  tab(tr("Risky joins"), Joins);
  tab(tr("Schools"), Schools);
  tab(tr("What if"), Slips);
  outer->addLayout(tabs);
  m_pages = new QStackedWidget;
  outer->addWidget(m_pages, 1);
  m_pages->addWidget(stepsPage());
  m_pages->addWidget(m_masks = new MasksPage(session, m_art));
  m_pages->addWidget(m_joins = new JoinsPage(session, m_art));
  m_pages->addWidget(m_schools = new SchoolsPage(session, m_art));
  m_pages->addWidget(m_slips = new SlipsPage(session, m_art));
  connect(m_masks, &MasksPage::printRequested, this, &OrderPlace::printMasksRequested);
  connect(m_masks, &MasksPage::done, this, &OrderPlace::done);
  connect(m_schools, &SchoolsPage::printTapedRequested, this, &OrderPlace::printTapedRequested);
  connect(&session, &PlanSession::planChanged, this, &OrderPlace::planChanged);
  connect(&session, &PlanSession::unitsChanged, this, [this] {
    m_strip->update();
    showStep(m_strip->chosen());
  });
  connect(m_strip, &StepStrip::chosenChanged, this, &OrderPlace::showStep);
  connect(m_strip, &StepStrip::moved, this, &OrderPlace::moveStep);
  connect(m_job, &JobBase::progressed, this,
          [this](double share) { m_progress->setValue(qRound(100 * share)); });
  connect(m_stop, &QPushButton::clicked, this, [this] {
    m_job->cancel();
    m_session.stopImproving();
    m_progress->hide();
    m_stop->hide();
    m_stale = true;
    m_proof->showStopped();
  });
  showSteps();
  planChanged();
}

QWidget* OrderPlace::stepsPage() {
  auto* steps = new QWidget;
  auto* column = new QVBoxLayout(steps);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);

  auto* head = new QHBoxLayout;
  m_heading = inkLabel(tr("Stamp in this order"), headingFont(), theme().ink);
  m_times = inkLabel({}, bodyFont(), theme().soft, true);
  m_progress = new QProgressBar;
  m_progress->setRange(0, 100);
  m_progress->setFixedWidth(160);
  m_progress->setAccessibleName(tr("Simulating"));
  m_stop = drawnButton("act-still", tr("Stop"));
  head->addWidget(m_heading);
  head->addSpacing(12);
  head->addWidget(m_times, 1);
  m_again = drawnButton("act-find", tr("Find the best order"));
  connect(m_again, &QPushButton::clicked, this,
          [this] { m_session.edit(tr("Find the best order"), withOrder(m_session.plan(), {})); });
  m_wishes = new QPushButton(tr("Wishes"));
  m_wishes->setProperty("opens", true);
  m_wishes->setMenu(new QMenu(m_wishes));
  connect(m_wishes->menu(), &QMenu::aboutToShow, this, &OrderPlace::fillWishes);
  head->addWidget(m_again);
  head->addWidget(m_wishes);
  head->addWidget(m_progress);
  head->addWidget(m_stop);
  column->addLayout(head);

  m_troubles = inkLabel({}, bodyFont(), theme().madder, true);
  column->addWidget(m_troubles);
  m_strip = new StepStrip(m_session);
  m_scroll = new RolledSideways(m_strip);
  m_scroll->horizontalScrollBar()->setSingleStep(m_strip->cellOf(0).width() / 3);  // a notch is a step
  m_scroll->setFixedHeight(m_strip->sizeHint().height() + 18);
  column->addWidget(m_scroll);

  auto* now = new SheetFrame;
  now->setMinimumWidth(qRound(300 * textScale()));
  m_stepTitle = inkLabel({}, headingFont(), theme().ink, true);
  m_stepWhere = inkLabel({}, bodyFont(QFont::Medium), theme().ink, true);
  m_stepDetail = inkLabel({}, labelFont(), theme().soft, true);
  m_stepCare = inkLabel({}, labelFont(), theme().ochre, true);
  m_big = new PictureBox;
  auto* words = new QWidget;
  auto* wordColumn = new QVBoxLayout(words);
  wordColumn->setContentsMargins(0, 0, 4, 0);
  for (QLabel* label : {m_stepTitle, m_stepWhere, m_stepDetail, m_stepCare}) wordColumn->addWidget(label);
  wordColumn->addStretch(1);
  now->box()->addWidget(new BesideBox(rolled(words), m_big, qRound(620 * textScale()), 4, 6), 1);

  auto* masks = new SheetFrame;
  holdWidth(masks, qRound(380 * (1 + (textScale() - 1) * 0.6)));
  m_maskTotal = inkLabel({}, headingFont(), theme().ink, true);
  auto* atHand = plainButton(tr("Use kept masks"));
  atHand->setObjectName(QStringLiteral("drawerMasks"));
  atHand->setToolTip(tr("Masks kept in the drawer are used before new ones are cut."));
  connect(atHand, &QPushButton::clicked, this, &OrderPlace::drawerMasksRequested);
  masks->box()->addWidget(m_maskTotal);
  masks->box()->addWidget(inkLabel(tr("the fewest that will do, and why"), labelFont(), theme().soft));
  auto* tally = new QWidget;
  auto* rolledColumn = new QVBoxLayout(tally);
  rolledColumn->setContentsMargins(0, 0, 6, 0);
  m_tally = new KeyedRows;
  m_tally->grid()->setHorizontalSpacing(12);
  m_tally->grid()->setVerticalSpacing(3);
  m_tally->grid()->setColumnStretch(3, 1);
  m_maskNotes = inkLabel({}, labelFont(), theme().ink, true);
  rolledColumn->addWidget(m_tally);
  rolledColumn->addWidget(m_maskNotes);
  rolledColumn->addStretch(1);
  masks->box()->addWidget(rolled(tally), 1);
  auto* shape = drawnButton("do-cut", tr("Shape and cut them"));
  connect(shape, &QPushButton::clicked, this, &OrderPlace::showMasks);
  auto* print = plainButton(tr("Print the masks"));
  connect(print, &QPushButton::clicked, this, &OrderPlace::printMasksRequested);
  auto* printRow = new FlowRow;
  printRow->addWidget(shape);
  printRow->addWidget(print);
  printRow->addWidget(atHand);
  masks->box()->addLayout(printRow);

  m_proof = new ProofPanel(m_session);
  holdWidth(m_proof, qRound(240 * textScale()));
  auto* panels = new SidePanels(now, tr("The step"), qRound(300 * textScale()));
  panels->add(masks, tr("The masks"), SidePanels::Side::After);
  panels->add(m_proof, tr("The proof"), SidePanels::Side::After);
  column->addWidget(panels, 1);

  return steps;
}

void OrderPlace::showPage(Page page) {
  m_pages->setCurrentIndex(page);
  for (size_t k = 0; k < m_tabs.size(); ++k) m_tabs[k]->setChecked(static_cast<int>(k) == page);
}

// ---- the order

/// How good the order is, in a sentence.
QString OrderPlace::orderWords() const {
  const Analysis& a = *m_session.analysis();
  switch (a.orderState.from) {
    case OrderState::From::Quick:
      return tr("A better order is being looked for.");
    case OrderState::From::Maker:
      if (!m_bestMinutes) return tr("This is your own order.");
      return a.sheet.minutes - *m_bestMinutes < 0.02
                 ? tr("This is your own order, as good as the best.")
                 : tr("This is your own order; the best takes %1 less.")
                       .arg(minutesWords(a.sheet.minutes - *m_bestMinutes));
    case OrderState::From::Best:
      break;
  }
  if (a.orderState.exact) return tr("No order takes less.");
  const double gap = a.sheet.minutes - a.sheet.atLeast;
  return gap < 0.02 ? tr("No order takes less.")
                    : tr("No order can save more than %1.").arg(minutesWords(gap));
}

void OrderPlace::searchOrder() {
  if (m_session.plan().impressions.empty()) return;
  if (m_session.analysis()->orderState.from == OrderState::From::Maker && !m_bestMinutes) {
    m_compare->run(
        [](const PlanState& of, const Progress& progress) {
          Plan free = *of.plan;
          free.making.order.clear();
          return withBestOrder(free, analyse(free, of.analysis.get()), {}, progress)->sheet.minutes;
        },
        [this](const PlanState&, double minutes) {
          m_bestMinutes = minutes;
          showTimes();
        });
  }
  m_session.improveOrder();
}

void OrderPlace::moveStep(int place, int before) {
  if (!m_session.isNow(m_strip->shown())) return;
  const PlanState shown = m_strip->shown();  // the edit brings another
  const Analysis& a = *shown.analysis;
  const Plan& plan = *shown.plan;
  const int from = m_strip->stepAt(place);
  if (from < 0) return;
  const int thing = a.sheet.steps[ix(from)].impression;
  std::vector<std::string> order;
  std::string next;  // the stamping before which it goes; none: last
  for (int k = before; k < m_strip->count() && next.empty(); ++k) {
    const Step& s = a.sheet.steps[ix(m_strip->stepAt(k))];
    if (s.what == Do::Stamp && !s.piece && s.impression != thing)
      next = plan.impressions[ix(s.impression)].id;
  }
  const std::string& moved = plan.impressions[ix(thing)].id;
  for (int i : a.order) {
    const Impression& other = plan.impressions[ix(i)];
    if (other.id == moved || isStampedApart(other.school)) continue;
    if (other.id == next) order.push_back(moved);
    order.push_back(other.id);
  }
  if (next.empty()) order.push_back(moved);
  m_session.edit(tr("Stamp %1 at another time").arg(nameOf(plan, thing)), withOrder(plan, order));
  const auto& steps = m_session.analysis()->sheet.steps;
  for (size_t k = 0; k < steps.size(); ++k)
    if (steps[k].what == Do::Stamp && steps[k].impression == thing)
      m_strip->choose(m_strip->placeOf(static_cast<int>(k)));
}

/// Wishes for the order, the evenings and the number of cards, as a menu.
void OrderPlace::fillWishes() {
  QMenu* menu = m_wishes->menu();
  menu->clear();
  const Plan& plan = m_session.plan();
  const auto wish = [&](const QString& text, bool on, auto change) {
    QAction* a = menu->addAction(text);
    a->setCheckable(true);
    a->setChecked(on);
    connect(a, &QAction::triggered, this,
            [this, text, change](bool checked) { m_session.edit(text, change(m_session.plan(), checked)); });
  };
  const auto in = [](const std::vector<std::string>& list, const std::string& id) {
    return std::find(list.begin(), list.end(), id) != list.end();
  };
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (const Impression& thing = plan.impressions[i]; thing.hero || in(plan.making.first, thing.id))
      wish(tr("%1 first").arg(labelOf(plan, static_cast<int>(i))), in(plan.making.first, thing.id),
           [id = thing.id](const Plan& p, bool on) { return wantedFirst(p, id, on); });
  if (const int k = m_strip->stepAt(m_strip->chosen()); k >= 0 && m_session.isNow(m_strip->shown())) {
    const Step& s = m_strip->shown().analysis->sheet.steps[ix(k)];
    if (s.what == Do::Stamp && !s.piece && !plan.impressions[ix(s.impression)].hero &&
        !in(plan.making.first, plan.impressions[ix(s.impression)].id))
      wish(tr("%1 first").arg(labelOf(plan, s.impression)), false,
           [id = plan.impressions[ix(s.impression)].id](const Plan& p, bool on) {
             return wantedFirst(p, id, on);
           });
  }
  fillSequence(menu->addMenu(tr("This step before")));
  menu->addSeparator();
  for (const Ink& ink : plan.inks) {
    const auto used = std::count_if(plan.impressions.begin(), plan.impressions.end(),
                                    [&](const Impression& i) { return i.ink == ink.id; });
    if (used > 1)
      wish(tr("All %1 in one go").arg(inkName(ink)), in(plan.making.together, ink.id),
           [id = ink.id](const Plan& p, bool on) { return wantedTogether(p, id, on); });
  }
  menu->addSeparator();
  for (int n : {1, 2, 3, 4})
    wish(n == 1 ? tr("In one evening") : tr("Over %1 evenings").arg(n), plan.making.evenings == n,
         [n](const Plan& p, bool) { return withEvenings(p, n); });
  menu->addSeparator();
  wish(tr("One paper over several things where that is less work"), plan.making.jointPapers,
       [](const Plan& p, bool on) { return withJointPapers(p, on); });
  menu->addSeparator();
  for (int n : {1, 2, 5, 10, 25, 50})
    wish(n == 1 ? tr("One card") : tr("%1 cards at once").arg(n), plan.making.copies == n,
         [n](const Plan& p, bool) { return withCopies(p, n); });
}

/// Which acts the chosen one is wanted before. What cannot be is told by the reading.
void OrderPlace::fillSequence(QMenu* menu) {
  menu->setEnabled(false);
  const int k = m_strip->stepAt(m_strip->chosen());
  if (k < 0 || !m_session.isNow(m_strip->shown())) return;
  const Plan& plan = m_session.plan();
  const Step& s = m_strip->shown().analysis->sheet.steps[ix(k)];
  const std::vector<int> acts = actsOf(plan, s);
  const int act = acts.empty() || s.piece ? -1 : acts.front();
  if (act < 0) return;
  menu->setTitle(tr("%1 before").arg(capital(actWords(plan, act))));
  menu->setEnabled(true);
  const std::string name = actName(plan, act);
  for (int other : m_session.analysis()->acts) {
    if (other == act) continue;
    const std::string before = actName(plan, other);
    QAction* a = menu->addAction(capital(actWords(plan, other)));
    a->setCheckable(true);
    a->setChecked(std::any_of(plan.making.sequence.begin(), plan.making.sequence.end(),
                              [&](const ActWish& w) { return w.act == name && w.before == before; }));
    connect(a, &QAction::triggered, this, [this, name, before, text = menu->title()](bool on) {
      m_session.edit(text, wantedBefore(m_session.plan(), name, before, on));
    });
  }
}

void OrderPlace::planChanged() {
  m_stale = true;
  const bool proven = m_simulation.has_value();
  m_simulation.reset();
  m_pictures.clear();
  m_bestMinutes.reset();
  m_tallyStale = true;
  // Out of sight only what the trail says changes: a thing that is dragged elsewhere waits for nothing here.
  m_unshown = true;
  if (isVisible()) {
    showPlan();
    showTally();
    searchOrder();
    const Analysis& a = *m_session.analysis();
    if (a.orderState.from != OrderState::From::Quick || a.order.empty()) simulateNow();
  }
  if (proven) Q_EMIT proofChanged();
}

/// The steps of the plan as it is.
void OrderPlace::showPlan() {
  m_unshown = false;
  m_strip->show(m_session.state());
  const Analysis& a = *m_session.analysis();
  showTimes();
  QStringList troubles = orderTroubles(m_session.plan(), a);
  if (troubles.size() > 3)
    troubles = QStringList(troubles.mid(0, 3)) << tr("and %1 more").arg(troubles.size() - 3);
  m_troubles->setText(troubles.join(QStringLiteral(" ")));
  m_troubles->setVisible(!troubles.isEmpty());
  m_again->setVisible(a.orderState.from == OrderState::From::Maker);
  showStep(m_strip->chosen());
  m_proof->show(m_simulation);
}

void OrderPlace::showTimes() {
  const Analysis& a = *m_session.analysis();
  double waiting = 0;
  for (const Step& s : a.sheet.steps) waiting += s.wait;
  m_times->setText(a.sheet.steps.empty()
                       ? tr("Nothing is on the card yet.")
                       : (waiting < 0.5 / 60
                              ? tr("%1 steps, about %2, without waiting. ")
                                    .arg(m_strip->stepCount())
                                    .arg(minutesWords(a.sheet.minutes))
                              : tr("%1 steps, about %2, of which %3 waiting. ")
                                    .arg(m_strip->stepCount())
                                    .arg(minutesWords(a.sheet.minutes), minutesWords(waiting))) +
                             orderWords() + sheetWords(a.sheet));
}

void OrderPlace::showEvent(QShowEvent*) {
  if (m_unshown) showPlan();
  if (m_tallyStale) showTally();
  searchOrder();
  if (m_stale && m_session.analysis()->orderState.from != OrderState::From::Quick) simulateNow();
}

void OrderPlace::simulateNow() {
  m_stale = false;
  m_progress->setValue(0);
  m_progress->show();
  m_stop->show();
  m_job->run(
      [art = m_art, tiles = m_tiles, hatch = lightTheme().green](const PlanState& of,
                                                                 const Progress& progress) {
        const double dpi = stripDpi(*of.plan, *of.analysis);
        auto pictures = stepPictures(*of.plan, *of.analysis, *art, dpi, hatch, progress, tiles);
        if (!pictures) return pictures;
        StepPictures done = std::move(pictures).value();
        auto sure = lookedAtOnceMore(of.analysis->press(*of.plan, art.get()), of.analysis->sheet, dpi,
                                     std::move(done.simulation), progress);
        if (!sure) return Result<StepPictures>(sure.error());
        done.simulation = std::move(sure).value();
        return Result<StepPictures>(std::move(done));
      },
      [this](const PlanState& of, Result<StepPictures> result) {
        m_progress->hide();
        m_stop->hide();
        if (!result) return;
        if (m_unshown) showPlan();
        StepPictures done = std::move(result).value();
        m_simulation = std::move(done.simulation);
        m_pictures = std::move(done.steps);
        m_strip->show(of, m_pictures);
        showStep(m_strip->chosen());
        m_proof->show(m_simulation);
        Q_EMIT proofChanged();
      });
}

void OrderPlace::beginWork() {
  if (m_stale) simulateNow();
}

void OrderPlace::showStep(int place) {
  const PlanState& shown = m_strip->shown();
  const Analysis& a = *shown.analysis;
  const int k = m_strip->stepAt(place);
  const bool any = k >= 0 && k < static_cast<int>(a.sheet.steps.size());
  m_stepTitle->setText(any ? QString() : tr("No steps yet"));
  if (!any) {
    for (QLabel* label : {m_stepWhere, m_stepDetail, m_stepCare}) label->hide();
    m_big->setPicture({});
    return;
  }
  const StepGroup& act = m_strip->groupAt(place);
  const StepWords words = wordsOf(*shown.plan, a, act, m_session.units());
  m_stepTitle->setText(tr("%1 of %2: %3").arg(numbersOf(act)).arg(m_strip->stepCount()).arg(words.title));
  const auto say = [](QLabel* label, const QString& text) {
    label->setText(text.isEmpty() ? text : text.left(1).toUpper() + text.mid(1));
    label->setVisible(!text.isEmpty());
  };
  say(m_stepWhere, words.where);
  say(m_stepDetail, words.detail);
  say(m_stepCare, words.care);
  m_big->setPicture(k < static_cast<int>(m_pictures.size()) ? m_pictures[ix(k)] : QImage());
  const QRect cell = m_strip->cellOf(place);
  m_scroll->ensureVisible(cell.center().x(), cell.center().y(), cell.width(), 0);
}

/// Worked out once a stamp: it takes the geometry library some milliseconds.
/// @return whether it is known of every stamp that is masked; else it is found out, and the tally told again
bool OrderPlace::thinPartsKnown() {
  const Plan& plan = m_session.plan();
  if (!(m_thinBy == plan.supplies)) m_thin.clear(), m_thinBy = plan.supplies;
  std::vector<StampRef> unknown;
  for (size_t s = 0; s < plan.stamps.size(); ++s)
    if (m_session.analysis()->stampMasks[s].uses > 0 && !m_thin.contains(plan.stamps[s]))
      unknown.push_back(plan.stamps[s]);
  if (unknown.empty()) return true;
  m_findThin->run(
      [unknown](const PlanState& of, const Progress& progress) {
        std::map<StampRef, bool> thin;
        for (const StampRef& stamp : unknown)
          if (!progress.stopped()) thin[stamp] = !thinPartsOf(*stamp, of.plan->supplies).empty();
        return thin;
      },
      [this](const PlanState&, std::map<StampRef, bool> thin) {
        m_thin.merge(std::move(thin));
        isVisible() ? showTally() : (void)(m_tallyStale = true);
      });
  return false;
}

void OrderPlace::showTally() {
  m_tallyStale = false;
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.analysis();
  m_maskTotal->setText(tr("Masks to cut: %1").arg(a.masksToCut()));
  m_tally->begin();
  m_tally->next(QStringLiteral("head"));
  for (const QString& head : {tr("Stamp"), tr("Cut"), tr("Laid"), tr("Because")})
    m_tally->label(head, labelFont(), theme().soft);
  QStringList open;
  const bool known = thinPartsKnown();
  for (size_t s = 0; s < plan.stamps.size(); ++s) {
    const StampMasks& m = a.stampMasks[s];
    if (m.uses == 0 && m.taped == 0) continue;
    m_tally->next(QString::fromStdString(plan.stamps[s]->id));
    m_tally->label(stampName(*plan.stamps[s]), labelFont(), theme().ink);
    m_tally->label(QString::number(m.cut), labelFont(QFont::Bold), theme().ink);
    m_tally->label(m.uses ? QString::number(m.uses) : QStringLiteral("–"), labelFont(), theme().ink);
    QString reason = reasonOf(m, plan.maskLife());
    if (m.taped > 0 && m.uses > 0) reason += tr("; tape for %1 more").arg(m.taped);
    m_tally->label(reason, labelFont(), theme().soft, true);
    if (known && m.uses > 0 && m_thin[plan.stamps[s]]) open << stampName(*plan.stamps[s]);
  }
  for (size_t j = 0; j < a.needs.joints.size(); ++j) {
    const JointPaper& paper = a.needs.joints[j];
    int laid = 0;
    for (const Step& s : a.sheet.steps)
      for (const Cover& c : s.covers)
        laid += s.what == Do::MaskOn && c.joint == static_cast<int>(j) && c.impression == paper.over.front();
    m_tally->next(QStringLiteral("joint-%1").arg(j));
    m_tally->label(paper.over.size() > 1 ? tr("One paper") : tr("Cut to what shows"), labelFont(),
                   theme().ink);
    m_tally->label(QString::number(paper.cut), labelFont(QFont::Bold), theme().ink);
    m_tally->label(QString::number(laid), labelFont(), theme().ink);
    m_tally->label(
        paper.over.size() > 1
            ? tr("over %1, which touch and are covered together").arg(sortedListOf(plan, paper.over))
            : tr("%1, where colour is to come on %2")
                  .arg(sortedListOf(plan, paper.over), listOf(plan, paper.without)),
        labelFont(), theme().soft, true);
  }
  m_tally->end(false);
  QStringList notes;
  for (size_t i = 0; i < a.needs.uncuttable.size(); ++i)
    if (a.needs.uncuttable[i])
      notes << tr("%1 is too thin to cut a mask for: let what is behind run over it.")
                   .arg(labelOf(plan, static_cast<int>(i)));
  const qsizetype more = open.size() - 4;
  if (more > 0) open = QStringList(open.mid(0, 4)) << tr("%1 more").arg(more);
  if (!open.isEmpty())
    notes << tr("Left uncovered, too thin to cut: fine parts of %1. Let the background run over them.")
                 .arg(open.join(QStringLiteral(", ")));
  m_maskNotes->setText(notes.join(u'\n'));
  m_maskNotes->setVisible(!notes.isEmpty());
}

void OrderPlace::takeKeys() { m_strip->setFocus(); }

}  // namespace havlo
