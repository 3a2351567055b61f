// The comparison presses the plan eight times in a worker; the advice is at hand at once.
#include "app/order/schools_page.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QHBoxLayout>
#include <QProgressBar>
#include <QPushButton>
#include <algorithm>

#include "app/common/drawings.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "core/edit/edits.h"
#include "core/edit/making_edits.h"
#include "io/art/svg_art.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"
#include "io/wording/work_words.h"

namespace havlo {
namespace {

constexpr double kSmallFault_mm2 = 1.0;

QComboBox* schoolChoice() {
  auto* box = new QComboBox;
  for (School t : kSchools) {
    box->addItem(capital(schoolName(t)), static_cast<int>(t));
    box->setItemData(box->count() - 1, capital(schoolWords(t)), Qt::ToolTipRole);
  }
  return box;
}

/// What a school costs here and what stands against it.
QString costWords(const SchoolOption& o) {
  QStringList out{capital(schoolWords(o.school))};
  out << SchoolsPage::tr("Costs about %1").arg(minutesWords(o.minutes)) +
             (o.masks ? SchoolsPage::tr(", a mask") : QString()) +
             (o.pen_mm >= 1 ? SchoolsPage::tr(", %1 mm to join by pen").arg(o.pen_mm, 0, 'f', 0) : QString());
  for (Obstacle what : o.obstacles) out << capital(obstacleWords(what));
  return out.join(QStringLiteral(".\n")) + u'.';
}

}  // namespace

SchoolsPage::SchoolsPage(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_art(std::move(art)),
      m_job(new PlanJob<Result<SchoolComparison>>(session, this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  row->addWidget(buildWhole(), 5);

  row->addWidget(buildThings(), 6);

  connect(m_default, &QComboBox::activated, this, [this](int k) {
    const auto t = static_cast<School>(m_default->itemData(k).toInt());
    m_session.edit(tr("Everything by %1").arg(schoolName(t)), withDefaultSchool(m_session.plan(), t));
  });
  connect(m_take, &QPushButton::clicked, this, &SchoolsPage::takeAdvice);
  connect(m_leave, &QPushButton::clicked, this, &SchoolsPage::leaveOut);
  connect(m_print, &QPushButton::clicked, this, &SchoolsPage::printTapedRequested);
  connect(&session, &PlanSession::planChanged, this, &SchoolsPage::planChanged);
  connect(m_job, &JobBase::progressed, this,
          [this](double share) { m_progress->setValue(qRound(100 * share)); });
  connect(m_job, &JobBase::finished, m_progress, &QWidget::hide);
}

QWidget* SchoolsPage::buildWhole() {
  auto* left = new SheetFrame;
  left->box()->addWidget(inkLabel(tr("This card, done wholly one way"), headingFont(), theme().ink));
  left->box()->addWidget(inkLabel(tr("Each is pressed on simulated paper. Wrong is where the card would "
                                     "visibly differ from things cleanly in front of one another."),
                                  labelFont(), theme().soft, true));
  m_progress = new QProgressBar;
  m_progress->setRange(0, 100);
  m_progress->setAccessibleName(tr("Comparing the schools"));
  left->box()->addWidget(m_progress);
  m_table = new KeyedRows;
  m_table->grid()->setContentsMargins(0, 6, 0, 0);
  m_table->grid()->setHorizontalSpacing(12);
  m_table->grid()->setVerticalSpacing(7);
  m_table->grid()->setColumnStretch(0, 1);
  left->box()->addWidget(m_table);
  left->box()->addSpacing(14);
  for (School t : kSchools)
    left->box()->addWidget(
        inkLabel(tr("%1: %2.").arg(capital(schoolName(t)), schoolWords(t)), labelFont(), theme().soft, true));
  left->box()->addStretch(1);
  return left;
}

QWidget* SchoolsPage::buildThings() {
  auto* right = new SheetFrame;
  right->box()->addWidget(inkLabel(tr("Each thing its own way"), headingFont(), theme().ink));
  auto* head = new QHBoxLayout;
  head->addWidget(inkLabel(tr("If nothing else is said"), labelFont(), theme().soft));
  m_default = schoolChoice();
  m_default->setAccessibleName(tr("School of the whole plan"));
  head->addWidget(m_default);
  head->addStretch(1);
  m_take = drawnButton("act-done", tr("Do as advised"));
  head->addWidget(m_take);
  right->box()->addLayout(head);
  m_little = inkLabel({}, labelFont(), theme().ink, true);
  right->box()->addWidget(m_little);
  m_leave = new QPushButton;
  right->box()->addWidget(m_leave, 0, Qt::AlignLeft);
  m_little->hide(), m_leave->hide();
  m_things = new KeyedRows;
  m_things->grid()->setContentsMargins(0, 4, 6, 0);
  m_things->grid()->setHorizontalSpacing(10);
  m_things->grid()->setVerticalSpacing(4);
  m_things->grid()->setColumnStretch(2, 1);
  right->box()->addWidget(rolled(m_things), 1);
  m_print = drawnButton("act-print", tr("Print the stamps to tape"));
  m_print->setProperty("plain", true);
  right->box()->addWidget(m_print, 0, Qt::AlignLeft);
  return right;
}

void SchoolsPage::planChanged() {
  m_stale = true, m_known = false;
  if (isVisible()) work();
}

void SchoolsPage::showEvent(QShowEvent*) {
  if (m_stale) work();
}

void SchoolsPage::work() {
  m_stale = m_known = false;
  showThings();
  m_progress->setValue(0);
  m_progress->show();
  m_job->run(
      [art = m_art](const PlanState& of, const Progress& progress) {
        return compareSchools(*of.plan, *of.analysis, art.get(),
                              dpiWithin(of.plan->card.panel.box(), 75, 5e5), progress);
      },
      [this](const PlanState&, Result<SchoolComparison> done) {
        if (!done) return;
        m_compared = std::move(done).value();
        m_known = true;
        showTable();
        showThings();
      });
}

void SchoolsPage::beginWork() {
  if (m_stale) work();
}

void SchoolsPage::takeAdvice() {
  const Plan& plan = m_session.plan();
  std::vector<School> all;
  for (const SchoolAdvice& a : advice()) all.push_back(a.best);
  m_session.edit(tr("Do as advised"), withSchools(plan, all));
}

std::vector<SchoolAdvice> SchoolsPage::advice() const {
  return m_known ? m_compared.advice : adviseSchools(m_session.plan(), *m_session.analysis());
}

std::vector<MaskSaving> SchoolsPage::little() const {
  return m_known ? littleSaved(m_compared) : std::vector<MaskSaving>();
}

void SchoolsPage::leaveOut() {
  const Plan& plan = m_session.plan();
  std::vector<School> all;
  for (const Impression& i : plan.impressions) all.push_back(i.school);
  for (const MaskSaving& s : little()) all[ix(s.impression)] = School::Overprint;
  m_session.edit(tr("Leave masks out"), withSchools(plan, all));
}

void SchoolsPage::showTable() {
  m_table->begin();
  m_table->next(QStringLiteral("head"));
  for (const QString& head :
       {tr("School"), tr("Masks"), tr("Time"), tr("Joins showing"), tr("Wrong"), tr("Do not suit it")})
    m_table->label(head, labelFont(), theme().soft);
  for (const SchoolResult& r : m_compared.ways) {
    const QString name = r.school    ? capital(schoolName(*r.school))
                         : r.advised ? tr("As advised")
                                     : tr("As planned");
    const QFont font = bodyFont(r.school ? QFont::Normal : QFont::DemiBold);
    const bool wrong = r.faults_mm2 > kSmallFault_mm2;
    m_table->next(name);
    m_table->label(name, font, theme().ink)
        ->setToolTip(r.school ? capital(schoolWords(*r.school)) : QString());
    m_table->label(QString::number(r.masks), font, theme().ink);
    m_table->label(minutesWords(r.minutes), font, theme().ink);
    // Counted by trial: more than a whole number would promise too much.
    m_table->label(r.risk < 0.05  ? tr("none")
                   : r.risk < 0.5 ? tr("hardly any")
                                  : tr("about %1").arg(qRound(r.risk)),
                   font, theme().ink);
    m_table->label(wrong ? tr("%1 mm²").arg(r.faults_mm2, 0, 'f', r.faults_mm2 < 10 ? 1 : 0) : tr("nothing"),
                   font, wrong ? theme().madder : theme().ink);
    m_table->label(r.unsuited == 0   ? tr("none")
                   : r.unsuited == 1 ? tr("1 thing")
                                     : tr("%1 things").arg(r.unsuited),
                   font, r.unsuited ? theme().ochre : theme().ink);
  }
  m_table->end(false);
}

void SchoolsPage::showThings() {
  const Plan& plan = m_session.plan();
  const QSignalBlocker still(m_default);
  m_default->setCurrentIndex(m_default->findData(static_cast<int>(plan.school)));
  bool differs = false;
  m_things->begin();
  for (const SchoolAdvice& a : advice()) {
    showThing(a);
    differs = differs || better(plan, a);
  }
  m_things->end();
  const std::vector<MaskSaving> saved = little();
  m_little->setVisible(!saved.empty());
  m_leave->setVisible(!saved.empty());
  if (!saved.empty()) {
    m_little->setText(littleSavedWords(plan, saved));
    m_leave->setText(saved.size() == 1 ? tr("Leave that mask out")
                                       : tr("Leave these %1 out").arg(saved.size()));
  }
  m_take->setEnabled(differs);
  m_print->setVisible(hasTapedStamps(*m_session.analysis()));
}

bool SchoolsPage::better(const Plan& plan, const SchoolAdvice& a) {
  return a.best != plan.impressions[ix(a.impression)].school && a.reason != SchoolReason::NothingBehind;
}

void SchoolsPage::showThing(const SchoolAdvice& a) {
  const Plan& plan = m_session.plan();
  const Impression& thing = plan.impressions[ix(a.impression)];
  m_things->next(QString::fromStdString(thing.id));
  m_things->label(labelOf(plan, a.impression), labelFont(QFont::DemiBold), theme().ink);
  auto* choice = m_things->cell<QComboBox>([this, id = thing.id] {
    auto* box = schoolChoice();
    connect(box, &QComboBox::activated, this,
            [this, id, box](int k) { chooseSchool(id, static_cast<School>(box->itemData(k).toInt())); });
    return box;
  });
  choice->setAccessibleName(tr("School of %1").arg(nameOf(plan, a.impression)));
  for (int k = choice->count(); k < static_cast<int>(a.options.size()); ++k)
    choice->addItem(capital(schoolName(a.options[ix(k)].school)), static_cast<int>(a.options[ix(k)].school));
  while (choice->count() > static_cast<int>(a.options.size())) choice->removeItem(choice->count() - 1);
  for (size_t k = 0; k < a.options.size(); ++k)
    choice->setItemData(static_cast<int>(k), costWords(a.options[k]), Qt::ToolTipRole);
  choice->setCurrentIndex(choice->findData(static_cast<int>(thing.school)));
  const auto now = std::find_if(a.options.begin(), a.options.end(),
                                [&](const SchoolOption& o) { return o.school == thing.school; });
  QStringList words;
  for (Obstacle o : now->obstacles) words << obstacleWords(o);
  if (better(plan, a)) words << tr("better: %1, %2").arg(schoolName(a.best), reasonWords(a.reason));
  if (words.isEmpty()) words << reasonWords(a.reason);
  m_things->label(capital(words.join(QStringLiteral("; "))), labelFont(),
                  !now->obstacles.empty() ? theme().madder
                  : better(plan, a)       ? theme().ochre
                                          : theme().soft,
                  true);
}

void SchoolsPage::chooseSchool(const std::string& id, School school) {
  const int i = m_session.plan().indexOf(id);
  if (i < 0) return;
  m_session.edit(tr("%1: %2").arg(labelOf(m_session.plan(), i), schoolName(school)),
                 withSchool(m_session.plan(), id, school));
}

}  // namespace havlo
