// The comparison presses the plan eight times in a worker; the advice is at hand at once.
#include "app/order/schools_page.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QProgressBar>
#include <QPushButton>
#include <algorithm>

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

void clear(QWidget* w) {
  delete w->layout();
  qDeleteAll(w->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly));
}

QComboBox* schoolChoice() {
  auto* box = new QComboBox;
  for (Technique t : kSchools) {
    box->addItem(capital(techniqueName(t)), static_cast<int>(t));
    box->setItemData(box->count() - 1, capital(schoolWords(t)), Qt::ToolTipRole);
  }
  return box;
}

/// What a school costs here and what stands against it.
QString costWords(const SchoolOption& o) {
  QStringList out{capital(schoolWords(o.technique))};
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
      m_job(new Job<Result<std::vector<SchoolResult>>>(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  auto* left = new SheetFrame;
  left->box()->addWidget(inkLabel(tr("This card, done wholly one way"), headingFont(), theme().ink));
  left->box()->addWidget(inkLabel(tr("Each is pressed on simulated paper. Wrong is where the card would "
                                     "visibly differ from things cleanly in front of one another."),
                                  labelFont(), theme().soft, true));
  m_progress = new QProgressBar;
  m_progress->setRange(0, 100);
  m_progress->setAccessibleName(tr("Comparing the schools"));
  left->box()->addWidget(m_progress);
  m_table = new QWidget;
  left->box()->addWidget(m_table);
  left->box()->addSpacing(14);
  for (Technique t : kSchools)
    left->box()->addWidget(inkLabel(tr("%1: %2.").arg(capital(techniqueName(t)), schoolWords(t)), labelFont(),
                                    theme().soft, true));
  left->box()->addStretch(1);
  row->addWidget(left, 5);

  auto* right = new SheetFrame;
  right->box()->addWidget(inkLabel(tr("Each thing its own way"), headingFont(), theme().ink));
  auto* head = new QHBoxLayout;
  head->addWidget(inkLabel(tr("If nothing else is said"), labelFont(), theme().soft));
  m_default = schoolChoice();
  m_default->setAccessibleName(tr("School of the whole plan"));
  head->addWidget(m_default);
  head->addStretch(1);
  m_take = new QPushButton(tr("Do as advised"));
  head->addWidget(m_take);
  right->box()->addLayout(head);
  m_things = new QWidget;
  right->box()->addWidget(rolled(m_things), 1);
  m_print = new QPushButton(tr("Print the stamps to tape"));
  m_print->setProperty("plain", true);
  right->box()->addWidget(m_print, 0, Qt::AlignLeft);
  row->addWidget(right, 6);

  connect(m_default, &QComboBox::activated, this, [this](int k) {
    const auto t = static_cast<Technique>(m_default->itemData(k).toInt());
    m_session.edit(tr("Everything by %1").arg(techniqueName(t)), withDefaultTechnique(m_session.plan(), t));
  });
  connect(m_take, &QPushButton::clicked, this, &SchoolsPage::takeAdvice);
  connect(m_print, &QPushButton::clicked, this, &SchoolsPage::printTapedRequested);
  connect(&session, &PlanSession::planChanged, this, &SchoolsPage::planChanged);
  connect(m_job, &JobBase::progressed, this,
          [this](double share) { m_progress->setValue(qRound(100 * share)); });
}

void SchoolsPage::planChanged() {
  m_stale = true;
  if (isVisible()) work();
}

void SchoolsPage::showEvent(QShowEvent*) {
  if (m_stale) work();
}

void SchoolsPage::work() {
  m_stale = false;
  showThings();
  m_progress->setValue(0);
  m_progress->show();
  m_job->run(
      [plan = m_session.snapshot(), analysis = m_session.analysis(), art = m_art](const Progress& progress) {
        return compareSchools(*plan, *analysis, art.get(), dpiWithin(plan->card.panel.box(), 90, 5e5),
                              progress);
      },
      [this](Result<std::vector<SchoolResult>> done) {
        m_progress->hide();
        if (!done) return;
        m_results = std::move(done).value();
        showTable();
      });
}

void SchoolsPage::settle() {
  if (m_stale) work();
  for (int round = 0; round < 3; ++round) {
    m_job->wait();
    QCoreApplication::processEvents();
  }
}

void SchoolsPage::takeAdvice() {
  const Plan& plan = m_session.plan();
  std::vector<Technique> all;
  for (const SchoolAdvice& a : adviseSchools(plan, *m_session.analysis())) all.push_back(a.best);
  m_session.edit(tr("Do as advised"), withTechniques(plan, all));
}

void SchoolsPage::showTable() {
  clear(m_table);
  auto* grid = new QGridLayout(m_table);
  grid->setContentsMargins(0, 6, 0, 0);
  grid->setHorizontalSpacing(12);
  grid->setVerticalSpacing(7);
  const QString heads[] = {tr("School"),        tr("Masks"), tr("Time"),
                           tr("Joins showing"), tr("Wrong"), tr("Unsuited")};
  for (int c = 0; c < 6; ++c) grid->addWidget(inkLabel(heads[c], labelFont(), theme().soft), 0, c);
  int row = 1;
  for (const SchoolResult& r : m_results) {
    const bool own = !r.technique;
    const QString name = r.technique ? capital(techniqueName(*r.technique))
                         : r.advised ? tr("As advised")
                                     : tr("As planned");
    const QFont font = bodyFont(own ? QFont::DemiBold : QFont::Normal);
    const bool wrong = r.faults_mm2 > kSmallFault_mm2;
    grid->addWidget(inkLabel(name, font, theme().ink), row, 0);
    grid->addWidget(inkLabel(QString::number(r.masks), font, theme().ink), row, 1);
    grid->addWidget(inkLabel(minutesWords(r.minutes), font, theme().ink), row, 2);
    grid->addWidget(inkLabel(r.risk < 0.05 ? tr("none") : QString::number(r.risk, 'f', 1), font, theme().ink),
                    row, 3);
    grid->addWidget(
        inkLabel(wrong ? tr("%1 mm²").arg(r.faults_mm2, 0, 'f', r.faults_mm2 < 10 ? 1 : 0) : tr("nothing"),
                 font, wrong ? theme().madder : theme().ink),
        row, 4);
    grid->addWidget(inkLabel(r.unsuited == 0   ? tr("none")
                             : r.unsuited == 1 ? tr("1 thing")
                                               : tr("%1 things").arg(r.unsuited),
                             font, r.unsuited ? theme().ochre : theme().ink),
                    row, 5);
    if (r.technique) m_table->findChildren<QLabel*>().last()->setToolTip(capital(schoolWords(*r.technique)));
    ++row;
  }
  grid->setColumnStretch(0, 1);
}

void SchoolsPage::showThings() {
  clear(m_things);
  const Plan& plan = m_session.plan();
  const QSignalBlocker still(m_default);
  m_default->setCurrentIndex(m_default->findData(static_cast<int>(plan.technique)));
  auto* grid = new QGridLayout(m_things);
  grid->setContentsMargins(0, 4, 6, 0);
  grid->setHorizontalSpacing(10);
  grid->setVerticalSpacing(4);
  int row = 0;
  bool differs = false;
  for (const SchoolAdvice& a : adviseSchools(plan, *m_session.analysis())) {
    const Impression& thing = plan.impressions[static_cast<size_t>(a.impression)];
    grid->addWidget(inkLabel(labelOf(plan, a.impression), labelFont(QFont::DemiBold), theme().ink), row, 0);
    auto* choice = schoolChoice();
    choice->setAccessibleName(tr("School of %1").arg(nameOf(plan, a.impression)));
    for (size_t k = 0; k < a.options.size(); ++k)
      choice->setItemData(static_cast<int>(k), costWords(a.options[k]), Qt::ToolTipRole);
    choice->setCurrentIndex(choice->findData(static_cast<int>(thing.technique)));
    connect(choice, &QComboBox::activated, this, [this, id = thing.id, choice](int k) {
      const auto t = static_cast<Technique>(choice->itemData(k).toInt());
      const int i = m_session.plan().indexOf(id);
      if (i >= 0)
        m_session.edit(tr("%1: %2").arg(labelOf(m_session.plan(), i), techniqueName(t)),
                       withTechnique(m_session.plan(), id, t));
    });
    grid->addWidget(choice, row, 1);
    const auto now = std::find_if(a.options.begin(), a.options.end(),
                                  [&](const SchoolOption& o) { return o.technique == thing.technique; });
    QStringList words;
    for (Obstacle o : now->obstacles) words << obstacleWords(o);
    const bool better = a.best != thing.technique && a.reason != SchoolReason::NothingBehind;
    differs = differs || better;
    if (better) words << tr("better: %1, %2").arg(techniqueName(a.best), reasonWords(a.reason));
    if (words.isEmpty()) words << reasonWords(a.reason);
    const bool trouble = !now->obstacles.empty();
    grid->addWidget(inkLabel(capital(words.join(QStringLiteral("; "))), labelFont(),
                             trouble  ? theme().madder
                             : better ? theme().ochre
                                      : theme().soft,
                             true),
                    row, 2);
    ++row;
  }
  grid->setColumnStretch(2, 1);
  grid->setRowStretch(row, 1);
  m_take->setEnabled(differs);
  m_print->setVisible(hasTapedStamps(*m_session.analysis()));
}

}  // namespace havlo
