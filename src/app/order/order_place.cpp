// Simulates while it is in sight; what it shows always belongs to the present plan.
#include "app/order/order_place.h"

#include <QCoreApplication>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QStackedWidget>
#include <algorithm>

#include "app/common/form_rows.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "app/masks/masks_page.h"
#include "app/order/picture_box.h"
#include "app/order/step_strip.h"
#include "io/art/svg_art.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

constexpr double kStripDpi = 110;
constexpr double kMostPicture_px = 1e6;
constexpr double kMostOfAll_px = 1e8;  // over all steps: 400 MB

/// Fine enough to look at, and never more than memory bears, however many steps there are.
double stripDpi(const Plan& plan, const Analysis& analysis) {
  const auto steps = static_cast<double>(std::max<size_t>(1, analysis.sheet.steps.size()));
  return dpiWithin(plan.card.panel.box(), kStripDpi, std::min(kMostPicture_px, kMostOfAll_px / steps));
}

}  // namespace

OrderPlace::OrderPlace(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_art(std::move(art)),
      m_tiles(newTileStore()),
      m_job(new Job<Result<StepPictures>>(this)) {
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(16, 10, 16, 10);
  outer->setSpacing(8);
  auto* tabs = new QHBoxLayout;
  const auto tab = [&](const QString& text) {
    auto* b = new QPushButton(text);
    b->setCheckable(true);
    b->setProperty("tab", true);
    tabs->addWidget(b);
    return b;
  };
  m_stepsTab = tab(tr("The steps"));
  m_masksTab = tab(tr("The masks"));
  tabs->addStretch(1);
  connect(m_stepsTab, &QPushButton::clicked, this, &OrderPlace::showSteps);
  connect(m_masksTab, &QPushButton::clicked, this, &OrderPlace::showMasks);
  outer->addLayout(tabs);
  m_pages = new QStackedWidget;
  outer->addWidget(m_pages, 1);
  auto* steps = new QWidget;
  m_pages->addWidget(steps);
  m_masks = new MasksPage(session, m_art);
  m_pages->addWidget(m_masks);
  connect(m_masks, &MasksPage::printRequested, this, &OrderPlace::printMasksRequested);
  connect(m_masks, &MasksPage::done, this, &OrderPlace::done);
  auto* column = new QVBoxLayout(steps);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);

  auto* head = new QHBoxLayout;
  m_heading = inkLabel(tr("Stamp in this order"), headingFont(), theme().ink);
  m_times = inkLabel({}, bodyFont(), theme().soft);
  m_progress = new QProgressBar;
  m_progress->setRange(0, 100);
  m_progress->setFixedWidth(160);
  m_progress->setAccessibleName(tr("Simulating"));
  m_stop = new QPushButton(tr("Stop"));
  head->addWidget(m_heading);
  head->addSpacing(12);
  head->addWidget(m_times, 1);
  head->addWidget(m_progress);
  head->addWidget(m_stop);
  column->addLayout(head);

  m_strip = new StepStrip(session);
  m_scroll = new QScrollArea;
  m_scroll->setFrameShape(QFrame::NoFrame);
  m_scroll->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  m_scroll->setWidget(m_strip);
  m_scroll->setFixedHeight(m_strip->sizeHint().height() + 18);
  column->addWidget(m_scroll);

  auto* below = new QHBoxLayout;
  below->setSpacing(10);
  auto* now = new SheetFrame;
  now->setMinimumWidth(qRound(300 * textScale()));
  m_stepTitle = inkLabel({}, headingFont(), theme().ink, true);
  m_stepWhere = inkLabel({}, bodyFont(QFont::Medium), theme().ink, true);
  m_stepDetail = inkLabel({}, labelFont(), theme().soft, true);
  m_stepCare = inkLabel({}, labelFont(), theme().ochre, true);
  m_big = new PictureBox;
  now->box()->addWidget(m_stepTitle);
  now->box()->addWidget(m_stepWhere);
  now->box()->addWidget(m_stepDetail);
  now->box()->addWidget(m_stepCare);
  now->box()->addWidget(m_big, 1);
  below->addWidget(now, 3);

  auto* masks = new SheetFrame;
  m_maskTotal = inkLabel({}, headingFont(), theme().ink);
  masks->box()->addWidget(m_maskTotal);
  masks->box()->addWidget(inkLabel(tr("the fewest that will do, and why"), labelFont(), theme().soft));
  auto* tally = new QWidget;
  auto* rolledColumn = new QVBoxLayout(tally);
  rolledColumn->setContentsMargins(0, 0, 6, 0);
  m_tally = new QWidget;
  m_maskNotes = inkLabel({}, labelFont(), theme().ink, true);
  rolledColumn->addWidget(m_tally);
  rolledColumn->addWidget(m_maskNotes);
  rolledColumn->addStretch(1);
  masks->box()->addWidget(rolled(tally), 1);
  auto* shape = new QPushButton(tr("Shape and cut them"));
  connect(shape, &QPushButton::clicked, this, &OrderPlace::showMasks);
  auto* print = plainButton(tr("Print the masks"));
  connect(print, &QPushButton::clicked, this, &OrderPlace::printMasksRequested);
  auto* printRow = new QHBoxLayout;
  printRow->addWidget(shape);
  printRow->addWidget(print);
  printRow->addStretch(1);
  masks->box()->addLayout(printRow);
  below->addWidget(masks, 4);

  auto* proof = new SheetFrame;
  proof->setMinimumWidth(qRound(240 * textScale()));
  m_proof = inkLabel({}, headingFont(), theme().green);
  m_proofWhy = inkLabel({}, labelFont(), theme().soft, true);
  m_finished = new PictureBox;
  proof->box()->addWidget(m_proof);
  proof->box()->addWidget(m_proofWhy);
  proof->box()->addWidget(m_finished, 1);
  below->addWidget(proof, 2);
  column->addLayout(below, 1);

  connect(&session, &PlanSession::planChanged, this, &OrderPlace::planChanged);
  connect(&session, &PlanSession::unitsChanged, this, [this] {
    m_strip->update();
    showStep(m_strip->chosen());
  });
  connect(m_strip, &StepStrip::chosenChanged, this, &OrderPlace::showStep);
  connect(m_job, &JobBase::progressed, this,
          [this](double share) { m_progress->setValue(qRound(100 * share)); });
  connect(m_stop, &QPushButton::clicked, this, [this] {
    m_job->cancel();
    m_progress->hide();
    m_stop->hide();
    m_stale = true;
    m_proof->setText(tr("Not simulated"));
    m_proofWhy->setText(
        tr("Stopped. It begins again with the next change, or when you come back to this place."));
  });
  showSteps();
  planChanged();
}

void OrderPlace::showSteps() {
  m_pages->setCurrentIndex(0);
  m_stepsTab->setChecked(true), m_masksTab->setChecked(false);
}

void OrderPlace::showMasks() {
  m_pages->setCurrentIndex(1);
  m_stepsTab->setChecked(false), m_masksTab->setChecked(true);
}

void OrderPlace::planChanged() {
  m_stale = true;
  m_simulation.reset();
  m_pictures.clear();
  m_strip->setPictures({});
  const Analysis& a = *m_session.analysis();
  double waiting = 0;
  for (const Step& s : a.sheet.steps) waiting += s.wait;
  m_times->setText(
      a.sheet.steps.empty()
          ? tr("Nothing is on the card yet.")
          : tr("%1 steps, about %2, of which %3 waiting; %4 is the least possible.")
                .arg(m_strip->count())
                .arg(minutesWords(a.sheet.minutes), minutesWords(waiting), minutesWords(a.sheet.atLeast)));
  m_tallyStale = true;
  showStep(m_strip->chosen());
  showProof();
  if (isVisible()) {
    showTally();
    simulateNow();
  }
  Q_EMIT proofChanged();
}

void OrderPlace::showEvent(QShowEvent*) {
  if (m_tallyStale) showTally();
  if (m_stale) simulateNow();
}

void OrderPlace::simulateNow() {
  m_stale = false;
  m_progress->setValue(0);
  m_progress->show();
  m_stop->show();
  m_job->run(
      [plan = m_session.snapshot(), analysis = m_session.analysis(), art = m_art, tiles = m_tiles,
       hatch = lightTheme().green](const Progress& progress) {
        return stepPictures(*plan, *analysis, *art, stripDpi(*plan, *analysis), hatch, progress, tiles);
      },
      [this](Result<StepPictures> result) {
        m_progress->hide();
        m_stop->hide();
        if (!result) return;
        StepPictures done = std::move(result).value();
        m_simulation = std::move(done.simulation);
        m_pictures = std::move(done.steps);
        m_strip->setPictures(m_pictures);
        showStep(m_strip->chosen());
        showProof();
        Q_EMIT proofChanged();
      });
}

void OrderPlace::settle() {
  if (m_stale) simulateNow();
  for (int round = 0; round < 4; ++round) {
    m_job->wait();
    QCoreApplication::processEvents();
  }
}

void OrderPlace::showStep(int place) {
  const Analysis& a = *m_session.analysis();
  const int k = m_strip->stepAt(place);
  const bool any = k >= 0 && k < static_cast<int>(a.sheet.steps.size());
  m_stepTitle->setText(any ? QString() : tr("No steps yet"));
  if (!any) {
    for (QLabel* label : {m_stepWhere, m_stepDetail, m_stepCare}) label->hide();
    m_big->setPicture({});
    return;
  }
  const StepWords words =
      wordsOf(m_session.plan(), a, a.sheet.steps[static_cast<size_t>(k)], m_session.units());
  m_stepTitle->setText(tr("%1 of %2: %3").arg(place + 1).arg(m_strip->count()).arg(words.title));
  const auto say = [](QLabel* label, const QString& text) {
    label->setText(text.isEmpty() ? text : text.left(1).toUpper() + text.mid(1));
    label->setVisible(!text.isEmpty());
  };
  say(m_stepWhere, words.where);
  say(m_stepDetail, words.detail);
  say(m_stepCare, words.care);
  m_big->setPicture(k < static_cast<int>(m_pictures.size()) ? m_pictures[static_cast<size_t>(k)] : QImage());
  const QRect cell = m_strip->cellOf(place);
  m_scroll->ensureVisible(cell.center().x(), cell.center().y(), cell.width(), 0);
}

void OrderPlace::showTally() {
  m_tallyStale = false;
  delete m_tally->layout();
  qDeleteAll(m_tally->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly));
  auto* grid = new QGridLayout(m_tally);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(12);
  grid->setVerticalSpacing(3);
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.analysis();
  m_maskTotal->setText(tr("Masks to cut: %1").arg(a.masksToCut()));
  const QString heads[] = {tr("Stamp"), tr("Cut"), tr("Uses"), tr("Because")};
  for (int c = 0; c < 4; ++c) grid->addWidget(inkLabel(heads[c], labelFont(), theme().soft), 0, c);
  int row = 1;
  QStringList open;
  for (size_t s = 0; s < plan.stamps.size(); ++s) {
    const StampMasks& m = a.stampMasks[s];
    if (m.uses == 0 && m.taped == 0) continue;
    grid->addWidget(inkLabel(stampName(*plan.stamps[s]), labelFont(), theme().ink), row, 0);
    grid->addWidget(inkLabel(QString::number(m.cut), labelFont(QFont::Bold), theme().ink), row, 1);
    grid->addWidget(
        inkLabel(m.uses ? QString::number(m.uses) : QStringLiteral("–"), labelFont(), theme().ink), row, 2);
    QString reason = reasonOf(m, plan.supplies);
    if (m.taped > 0 && m.uses > 0) reason += tr("; tape for %1 more").arg(m.taped);
    grid->addWidget(inkLabel(reason, labelFont(), theme().soft, true), row, 3);
    ++row;
    if (m.uses > 0 && !thinPartsOf(*plan.stamps[s], plan.supplies).empty())
      open << stampName(*plan.stamps[s]);
  }
  grid->setColumnStretch(3, 1);
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

void OrderPlace::showProof() {
  if (!m_simulation) {
    setInk(m_proof, theme().soft);
    m_proof->setText(tr("Being simulated"));
    m_proofWhy->setText(
        tr("Every step is carried out on simulated paper and compared with what you planned."));
    m_finished->setPicture({});
    return;
  }
  const Simulation& s = *m_simulation;
  std::vector<QPointF> marks;
  const PanelSize& panel = m_session.plan().card.panel;
  for (const Difference& d : s.worst)
    if (!d.explained && marks.size() < 5)
      marks.push_back({d.at.x / panel.width_mm, 1 - d.at.y / panel.height_mm});
  m_finished->setPicture(pictureOf(s.card), marks);
  setInk(m_proof, s.proven ? theme().green : theme().madder);
  m_proof->setText(s.proven ? tr("Proven") : tr("Not as planned"));
  if (s.proven) {
    m_proofWhy->setText(s.mismatch_mm2 < 0.05 ? tr("The simulated card equals what you planned.")
                                              : tr("The simulated card equals what you planned; %1 mm² "
                                                   "differ, all of it at mask edges and fine parts.")
                                                    .arg(s.mismatch_mm2, 0, 'f', 1));
    return;
  }
  QStringList steps;
  for (int k : s.worst[0].steps) steps << QString::number(m_strip->placeOf(k - 1) + 1);
  m_proofWhy->setText(tr("%1 mm² differ without a reason, most of it %2 mm from the left and %3 mm from the "
                         "bottom, where steps %4 meet.")
                          .arg(s.unexplained_mm2, 0, 'f', 1)
                          .arg(s.worst[0].at.x, 0, 'f', 0)
                          .arg(s.worst[0].at.y, 0, 'f', 0)
                          .arg(steps.join(QStringLiteral(", "))));
}

}  // namespace havlo
