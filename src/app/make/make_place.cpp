// What is shown follows from the making alone; every act goes through MakingSession and comes back as
// changed().
#include "app/make/make_place.h"

#include <QApplication>
#include <QCheckBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QShortcut>
#include <QStackedWidget>
#include <QTimer>
#include <algorithm>
#include <cmath>

#include "app/common/drawings.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "app/make/end_page.h"
#include "app/make/face_work.h"
#include "app/make/make_start.h"
#include "app/make/make_view.h"
#include "app/make/step_dots.h"
#include "app/session/drawer_session.h"
#include "app/session/settings.h"
#include "io/art/svg_art.h"
#include "io/wording/hand_words.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"
#include "io/wording/work_words.h"

namespace havlo {
namespace {

constexpr double kPictureDpi = 120;

/// "0:24", "12:05", "2 h 10 min".
QString clockWords(double seconds) {
  const int s = static_cast<int>(std::ceil(seconds));
  if (s >= 3600) return minutesWords(seconds / 60);
  return QStringLiteral("%1:%2").arg(s / 60).arg(s % 60, 2, 10, QLatin1Char('0'));
}

}  // namespace

MakePlace::MakePlace(PlanSession& session, MakingSession& making, DrawerSession& drawer,
                     std::shared_ptr<SvgArt> art, QWidget* parent)
    : Place(parent),
      m_session(session),
      m_making(making),
      m_drawer(drawer),
      m_art(std::move(art)),
      m_nearJob(new Job<QImage>(this)),
      m_wholeJob(new Job<QImage>(this)),
      m_job(new Job<Result<StepPictures>>(this)),
      m_goalJob(new PlanJob<QImage>(session, this)),
      m_timer(new QTimer(this)) {
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(16, 12, 16, 8);
  auto* row = new QHBoxLayout;
  row->setSpacing(24);
  m_view = new MakeView;
  m_right = new QStackedWidget;
  m_right->addWidget(m_start = new MakeStart);
  m_right->addWidget(buildStep());
  m_right->addWidget(buildWrong());
  m_right->addWidget(m_end = new EndPage(m_session, m_making, m_drawer));
  connect(m_end, &EndPage::said, this, &MakePlace::said);
  connect(m_end, &EndPage::stockTaken, this, &MakePlace::stockTaken);
  connect(m_end, &EndPage::logRequested, this, &MakePlace::finish);
  connect(m_end, &EndPage::backRequested, this, &MakePlace::stepBack);
  m_left = new QWidget;
  auto* left = new QVBoxLayout(m_left);
  left->setContentsMargins(0, 0, 0, 0);
  left->addWidget(m_view, 1);
  left->addWidget(m_ready);
  left->addWidget(m_note);
  row->addWidget(m_left, 11);
  row->addWidget(m_right, 9);
  // What is pressed lies on the side of the hand that is free.
  if (leftHanded()) row->setDirection(QBoxLayout::RightToLeft);
  outer->addLayout(row, 1);
  auto* foot = new QHBoxLayout;
  m_dots = new StepDots;
  m_togo = inkLabel({}, bodyFont(), theme().soft);
  foot->addWidget(m_dots, 1);
  foot->addSpacing(12);
  foot->addWidget(m_togo);
  foot->addWidget(m_leave);
  outer->addLayout(foot);

  connect(m_start, &MakeStart::beginRequested, this, &MakePlace::begin);
  connect(m_start, &MakeStart::goOnRequested, this, [this](const MakingRecord& r) { m_making.resume(r); });
  connect(m_start, &MakeStart::dropRequested, this, [this](const MakingRecord& r) {
    m_making.forget(r.id);
    Q_EMIT dropped(r);
  });
  connect(&making, &MakingSession::changed, this, &MakePlace::refresh);
  connect(&session, &PlanSession::unitsChanged, this, &MakePlace::refresh);
  connect(&session, &PlanSession::planChanged, this, &MakePlace::planChanged);
  addKeys();
  m_timer->setInterval(250);
  connect(m_timer, &QTimer::timeout, this, &MakePlace::tickTimers);
  refresh();
}

void MakePlace::addKeys() {
  const auto key = [this](const QKeySequence& keys, auto act) {
    auto* s = new QShortcut(keys, this);
    s->setContext(Qt::WidgetWithChildrenShortcut);
    connect(s, &QShortcut::activated, this, act);
  };
  key(Qt::Key_Space, [this] {
    // A button that has the keys is meant, and not the step.
    auto* button = qobject_cast<QAbstractButton*>(QApplication::focusWidget());
    button&& button != m_done&& isAncestorOf(button) && button->isVisible() ? button->click() : stepDone();
  });
  key(Qt::Key_Backspace, [this] { stepBack(); });
  key(Qt::Key_W, [this] { somethingWrong(); });
  key(Qt::Key_Escape, [this] {
    if (m_right->currentIndex() == Wrong) refresh();
  });
}

// ---- the pages

QWidget* MakePlace::buildStep() {
  auto* page = new QWidget;
  auto* column = new QVBoxLayout(page);
  column->setContentsMargins(0, 8, 0, 0);
  column->setSpacing(8);
  m_number = inkLabel({}, sizedFont(16), theme().soft);
  m_title = inkLabel({}, sizedFont(33 / std::sqrt(textScale()), QFont::Bold), theme().ink, true);
  m_sub = inkLabel({}, sizedFont(18), theme().soft, true);
  m_sign = new QLabel;
  auto* signRow = new QHBoxLayout;
  signRow->setSpacing(12);
  signRow->addWidget(m_sign);
  signRow->addWidget(m_number, 1);
  column->addLayout(signRow);
  column->addWidget(m_title);
  column->addWidget(m_sub);
  auto* inside = new QWidget;
  auto* body = new QVBoxLayout(inside);
  body->setContentsMargins(0, 0, 4, 0);
  body->setSpacing(8);
  m_facts = new KeyedRows;
  m_facts->grid()->setContentsMargins(0, 4, 0, 0);
  m_facts->grid()->setHorizontalSpacing(18);
  m_facts->grid()->setVerticalSpacing(5);
  m_facts->grid()->setColumnStretch(1, 1);
  m_checks = new KeyedRows;
  m_checks->grid()->setContentsMargins(0, 2, 0, 0);
  m_checks->grid()->setSpacing(4);
  m_care = inkLabel({}, sizedFont(16), theme().ochre, true);
  m_face = new FaceWork(m_making, m_art);
  body->addWidget(m_face);
  body->addWidget(m_facts);
  body->addWidget(m_checks);
  body->addWidget(m_care);
  body->addStretch(1);
  column->addWidget(rolled(inside), 1);
  m_timerWords = inkLabel({}, sizedFont(24, QFont::Bold), theme().ink, true);
  m_ready = inkLabel({}, sizedFont(15), theme().soft, true);
  column->addWidget(m_timerWords);
  m_note = new QLineEdit;
  m_note->setObjectName(QStringLiteral("note"));
  m_note->setPlaceholderText(tr("A note on this step"));
  m_note->setAccessibleName(tr("A note on this step"));
  m_note->setFont(sizedFont(15));
  connect(m_note, &QLineEdit::editingFinished, this, &MakePlace::takeNote);
  auto* buttons = new QGridLayout;
  buttons->setHorizontalSpacing(10);
  m_done = largeButton(tr("Done  (space)"), 24);
  m_done->setObjectName(QStringLiteral("done"));
  m_done->setStyleSheet(
      QStringLiteral("QPushButton { background: %1; color: %2; } QPushButton:focus { border: 2px solid %3; }")
          .arg(theme().green.name(), theme().onGreen.name(), theme().ink.name()));
  m_back = largeButton(tr("Back"), 15);
  m_wrong = largeButton(tr("It went wrong"), 15);
  m_wrong->setObjectName(QStringLiteral("wrong"));
  m_leave = new QPushButton(tr("Leave it for now"));
  m_leave->setProperty("plain", true);
  m_done->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  buttons->addWidget(m_done, 0, 0, 2, 1);
  buttons->addWidget(m_back, 0, 1);
  buttons->addWidget(m_wrong, 1, 1);
  buttons->setColumnStretch(0, 2);
  buttons->setColumnStretch(1, 1);
  column->addLayout(buttons);
  connect(m_done, &QPushButton::clicked, this, &MakePlace::stepDone);
  connect(m_back, &QPushButton::clicked, this, &MakePlace::stepBack);
  connect(m_wrong, &QPushButton::clicked, this, &MakePlace::somethingWrong);
  connect(m_leave, &QPushButton::clicked, this, [this] {
    takeNote();
    m_making.leave();
  });
  return page;
}

QWidget* MakePlace::buildWrong() {
  auto* page = new QWidget;
  auto* column = new QVBoxLayout(page);
  column->setContentsMargins(0, 8, 0, 0);
  column->setSpacing(8);
  m_wrongTitle = inkLabel(tr("What went wrong?"), sizedFont(33, QFont::Bold), theme().ink, true);
  column->addWidget(m_wrongTitle);
  auto* grid = new QGridLayout;
  int k = 0;
  for (Mishap m : {Mishap::LineInto, Mishap::Gap, Mishap::MissedSpot, Mishap::Smudge, Mishap::Misplaced,
                   Mishap::WornMask, Mishap::Other}) {
    auto* b = largeButton(mishapWords(m), 16);
    connect(b, &QPushButton::clicked, this, [this, m] { mishap(m); });
    grid->addWidget(b, k / 2, k % 2);
    ++k;
  }
  auto* look = largeButton(tr("Look: a picture of it…"), 16);
  look->setObjectName(QStringLiteral("holdPicture"));
  look->setToolTip(tr("Holds a scan or photo of the card against the plan and says how everything sits."));
  connect(look, &QPushButton::clicked, this, &MakePlace::holdRequested);
  grid->addWidget(look, k / 2, k % 2);
  column->addLayout(grid);
  m_mend = inkLabel({}, sizedFont(20), theme().ink, true);
  column->addWidget(m_mend);
  m_mishapNote = new QLineEdit;
  m_mishapNote->setObjectName(QStringLiteral("mishapNote"));
  m_mishapNote->setPlaceholderText(tr("In your own words, if you like"));
  m_mishapNote->setAccessibleName(tr("What happened"));
  m_mishapNote->setFont(sizedFont(16));
  column->addWidget(m_mishapNote);
  column->addStretch(1);
  auto* row = new QHBoxLayout;
  m_write = largeButton(tr("Write it down and go on"), 18);
  auto* back = largeButton(tr("It is fine after all"), 15);
  connect(m_write, &QPushButton::clicked, this, &MakePlace::writeMishap);
  connect(back, &QPushButton::clicked, this, &MakePlace::refresh);
  row->addWidget(m_write, 2);
  row->addWidget(back, 1);
  column->addLayout(row);
  return page;
}

// ---- acts

/// With the best order: it is looked for first if need be. A second press begins with the order there is.
void MakePlace::begin() {
  if (m_making.bench() || m_session.plan().impressions.empty()) return;
  if (m_session.orderIsQuick() && !m_beginsWhenOrdered) {
    m_beginsWhenOrdered = m_session.snapshot();
    m_start->setWaiting(true);
    return m_session.improveOrder();
  }
  m_beginsWhenOrdered.reset();
  m_start->setWaiting(false);
  m_making.begin(m_session.snapshot(), m_session.analysis());
}

void MakePlace::planChanged() {
  if (m_beginsWhenOrdered && m_beginsWhenOrdered == m_session.snapshot() && !m_session.orderIsQuick())
    return begin();
  m_beginsWhenOrdered.reset();
  m_start->setWaiting(false);
  if (!m_making.bench()) refresh();
}

/// Whatever is typed is kept before anything else happens.
void MakePlace::takeNote() {
  const auto& bench = m_making.bench();
  if (!bench || bench->finished() || m_right->currentIndex() != StepPage) return;
  if (const QString typed = m_note->text(); typed.toStdString() != bench->made(bench->at()).note)
    m_making.setNote(typed);
}

/// Pages that are not seen must not make the place wider.
void MakePlace::turnRightTo(RightPage page) {
  for (int k = 0; k < m_right->count(); ++k) {
    const auto across = k == page ? QSizePolicy::Preferred : QSizePolicy::Ignored;
    m_right->widget(k)->setSizePolicy(across, m_right->widget(k)->sizePolicy().verticalPolicy());
  }
  m_right->setCurrentIndex(page);
}

void MakePlace::stepDone() {
  if (!m_making.bench() || m_right->currentIndex() != StepPage) return;
  takeNote();
  m_waited = false;
  m_making.done();
}

void MakePlace::stepBack() {
  if (!m_making.bench() || m_right->currentIndex() == Wrong) return;
  takeNote();
  m_waited = false;
  m_making.back();
}

void MakePlace::somethingWrong() {
  if (!m_making.bench() || m_right->currentIndex() != StepPage) return;
  takeNote();
  m_mishap.reset();
  m_mend->clear();
  m_mishapNote->clear();
  m_write->setEnabled(false);
  turnRightTo(Wrong);
}

void MakePlace::mishap(Mishap what) {
  m_mishap = what;
  m_wrongTitle->setText(mishapWords(what));
  const Bench& b = *m_making.bench();
  const Step& step = b.step(b.at());
  std::optional<Mounting> mounting;
  if (step.impression >= 0 && m_drawer.isOpen()) {
    const std::string key = m_drawer.keyOf(*b.plan().stamp(b.plan().impressions[ix(step.impression)].stamp));
    for (const DrawerCard& card : m_drawer.index().cards())
      if (!key.empty() && card.key == key) mounting = card.mounting;
  }
  QStringList ways;
  for (const MendWay& way : mendsFor(what, b.plan(), step, mounting))
    ways << QStringLiteral("%1. %2").arg(ways.size() + 1).arg(mendWords(b.plan(), way));
  if (ways.size() == 1) ways[0] = ways[0].mid(3);
  m_mend->setText(ways.join(QStringLiteral("\n")));
  m_write->setEnabled(true);
  m_mishapNote->setFocus();
}

void MakePlace::writeMishap() {
  if (!m_mishap) return;
  m_making.wentWrong(*m_mishap, m_mishapNote->text());
}

void MakePlace::finish() {
  m_making.setMadeFor(m_end->madeFor());
  const QString title =
      QString::fromStdString(m_making.bench() ? m_making.bench()->plan().title : std::string());
  const bool part = m_face->away();
  // A card without a title is called as its file.
  const bool open = m_making.bench() && !m_session.path().isEmpty() &&
                    m_making.bench()->plan().impressions == m_session.plan().impressions;
  if (!m_making.handToLog(open ? m_session.title() : QString()).empty())
    Q_EMIT said(tr("%1 is in the log, with its times, masks and mishaps.")
                    .arg(title.isEmpty() ? tr("The card") : title));
  if (part) m_face->comeBack();  // from its inside or envelope to the card
}

// ---- what is shown

void MakePlace::refresh() {
  if (!m_making.bench()) return showStart();
  if (m_making.bench()->record().id != m_picturesOf) {
    m_picturesOf = m_making.bench()->record().id;
    m_pictures.clear();
    m_job->run(
        [plan = m_making.bench()->record().plan, analysis = m_making.bench()->analysisRef(), art = m_art,
         hatch = lightTheme().green](const Progress& progress) {
          const auto steps = static_cast<double>(std::max<size_t>(1, analysis->sheet.steps.size()));
          const double dpi = dpiWithin(plan->card.panel.box(), kPictureDpi, std::min(1e6, 1e8 / steps));
          return stepPictures(*plan, *analysis, *art, dpi, hatch, progress);
        },
        [this](Result<StepPictures> done) {
          if (!done) return;
          m_pictures = std::move(done.value().steps);
          paintCard();
        });
    m_view->showWhole({});
    m_wholeJob->run(
        [plan = m_making.bench()->record().plan, analysis = m_making.bench()->analysisRef(),
         art = m_art](const Progress&) {
          return intendedPicture(*plan, *analysis, *art, dpiWithin(plan->card.panel.box(), kPictureDpi, 1e6));
        },
        [this](QImage whole) { m_view->showWhole(std::move(whole)); });
  }
  m_making.bench()->finished() ? showEnd() : showStep();
}

void MakePlace::showStart() {
  m_timer->stop();
  m_picturesOf.clear();
  turnRightTo(Start);
  m_view->showStep(nullptr, 0, {}, m_session.units());
  m_left->hide();
  m_leave->hide();
  m_dots->show(0, 0, {});
  m_togo->clear();
  m_start->show(m_session, m_making.left());
  if (!isVisible()) return;
  if (m_session.plan().impressions.empty()) {
    m_goalJob->cancel();
    m_start->setGoal({});
  } else {
    m_goalJob->run(
        [art = m_art](const PlanState& of, const Progress&) {
          const double dpi = dpiWithin(of.plan->card.panel.box(), kPictureDpi, 1e6);
          return intendedPicture(*of.plan, *of.analysis, *art, dpi);
        },
        [this](const PlanState&, const QImage& card) { m_start->setGoal(card); });
  }
  if (m_start->beginButton().isEnabled()) m_start->beginButton().setFocus();
}

void MakePlace::showStep() {
  const Bench& b = *m_making.bench();
  const Step& step = b.step(b.at());
  const StepWords words = wordsOf(b.plan(), b.analysis(), step, m_session.units());
  turnRightTo(StepPage);
  m_wrongTitle->setText(tr("What went wrong?"));
  m_left->show();
  m_note->show();
  m_leave->show();
  QString number = tr("Step %1 of %2").arg(b.at() + 1).arg(b.count());
  if (b.analysis().sheet.evenings.size() > 1) number += tr(", evening %1").arg(step.evening + 1);
  if (b.analysis().sheet.copies > 1) number += tr(", on all %1 cards").arg(b.analysis().sheet.copies);
  m_number->setText(number);
  m_title->setText(words.title);
  m_sign->setPixmap(drawingIcon(drawingOf(step.what)).pixmap(qRound(40 * std::sqrt(textScale()))));
  const bool facts = step.what == Do::Stamp;
  const bool list = step.what == Do::MaskOn || step.what == Do::MaskOff;
  const bool byHand = step.hand.size() > 1 || step.what == Do::Colour;
  m_sub->setText(facts || list || byHand ? QString() : capital(words.detail));
  m_sub->setVisible(!m_sub->text().isEmpty());
  m_care->setText(words.care);
  m_care->setVisible(!words.care.isEmpty());
  m_face->showFor(b);
  fillFacts();
  fillChecks();
  const QSignalBlocker still(m_note);
  m_note->setText(QString::fromStdString(b.made(b.at()).note));
  m_back->setEnabled(b.at() > 0);
  std::vector<char> wrong;
  for (int k = 0; k < b.count(); ++k) wrong.push_back(!b.made(k).mishaps.empty());
  m_dots->show(b.at(), b.count(), wrong);
  m_togo->setText(
      tr("%1 done, about %2 to go").arg(minutesWords(b.minutesSpent()), minutesWords(b.minutesToGo())));
  paintCard();
  tickTimers();
  m_timer->start();
  if (!m_note->hasFocus()) m_done->setFocus();
}

void MakePlace::paintCard() {
  if (!m_making.bench()) return;
  const Bench& b = *m_making.bench();
  // As it lies before this step: the picture after the one before it.
  const int shown = b.finished() ? static_cast<int>(m_pictures.size()) - 1 : b.sheetIndex(b.at()) - 1;
  const QImage picture =
      shown >= 0 && shown < static_cast<int>(m_pictures.size()) ? m_pictures[ix(shown)] : QImage();
  m_view->showStep(&b, b.at(), picture, m_session.units());
  // Work by hand is looked at from near by: the card as it lies there, finer than the pictures of all steps.
  if (b.finished() || b.step(b.at()).hand.empty()) return;
  m_nearJob->run(
      [plan = b.record().plan, analysis = b.analysisRef(), art = m_art,
       steps = static_cast<size_t>(b.sheetIndex(b.at()))](const Progress& progress) {
        constexpr double kNearDpi = 300;
        const PressInput in = analysis->press(*plan, art.get());
        const Box panel = plan->card.panel.box();
        PressTiles tiles(in, Grid(panel, dpiWithin(panel, kNearDpi, 4e6)));
        RunSheet sheet = analysis->sheet;
        sheet.steps.own().resize(std::min(steps, sheet.steps.size()));
        auto done = replay(in, sheet, tiles, progress);
        return done ? pictureOf(done.value().card) : QImage();
      },
      [this, of = b.record().id, at = b.at()](QImage image) {
        const auto& now = m_making.bench();
        if (now && now->record().id == of && now->at() == at) m_view->showNear(std::move(image));
      });
}

void MakePlace::fillFacts() {
  const Bench& b = *m_making.bench();
  const Step& s = b.step(b.at());
  bool any = false;
  m_facts->begin();
  const auto fact = [&](const QString& name, const QString& value) {
    any = true;
    m_facts->next(name);
    m_facts->label(name, sizedFont(16), theme().soft, false, Qt::AlignTop);
    m_facts->label(value, sizedFont(18, QFont::DemiBold), theme().ink, true);
  };
  const auto placed = [&](Point p) {
    const Measured m = measured(b.plan(), s.impression, p, m_session.units(), s.what == Do::Attach);
    return m.along + QStringLiteral(",\n") + m.up +
           (m.untrimmed ? tr("\nof the untrimmed sheet") : QString());
  };
  if (s.what == Do::Stamp || (s.what == Do::Attach && s.impression >= 0)) {
    const Impression& i = b.plan().impressions[ix(s.impression)];
    if (s.what == Do::Stamp) {
      fact(tr("Ink"), inkName(*b.plan().ink(i.ink)) + QStringLiteral(", ") + pressingName(i.generation));
      QStringList before;
      if (s.clean) before << tr("clean the stamp");
      if (s.tryOut) before << tr("try it on scrap paper");
      if (s.scraps > 0)
        before << (s.scraps == 1 ? tr("press once on scrap") : tr("press %1 times on scrap").arg(s.scraps));
      if (!before.isEmpty()) fact(tr("Before"), capital(before.join(QStringLiteral(", "))));
    }
    if (!i.part.empty() && s.what == Do::Stamp)
      fact(tr("Tape over"),
           capital(leftOutWords(*b.plan().stamp(i.stamp), i.part)) + tr(" of the inked rubber"));
    if (!s.piece) {
      fact(tr("Its foot"), placed(i.at));
      const Point corner = placingOf(i, *b.plan().stamp(i.stamp)).toPanel(Point{0, 0});
      fact(tr("Its corner"), placed(corner));
      const QString turn = turnWords(i.turn_deg);
      fact(tr("Turn"), turn.isEmpty() ? tr("upright") : turn);
    }
    if (!s.leaveOut.empty())
      fact(tr("Leave out"), tr("tape or wipe where %1 will be").arg(listOf(b.plan(), s.leaveOut)));
    if (s.what == Do::Stamp && !s.piece)
      fact(tr("Covered"), s.masksOn.empty() ? tr("nothing") : capital(listOf(b.plan(), s.masksOn)));
  }
  const bool onPaper = s.paper >= 0 || (s.piece && s.impression >= 0);
  if (const QString where = onPaper ? wordsOf(b.plan(), b.analysis(), s, m_session.units()).where : QString();
      !where.isEmpty())
    fact(tr("Where"), capital(where));
  m_facts->end(false);
  m_facts->setVisible(any);
}

void MakePlace::fillChecks() {
  const Bench& b = *m_making.bench();
  const Step& s = b.step(b.at());
  const bool list = s.what == Do::MaskOn || s.what == Do::MaskOff;
  m_checks->setVisible(list || !s.hand.empty());
  m_checks->begin();
  const auto& ticked = b.made(b.at()).ticked;
  const auto tickBox = [&](size_t k, const QString& text) {
    // By the step as well: a tick belongs to its step.
    m_checks->next(QStringLiteral("%1-%2").arg(b.at()).arg(k));
    auto* box = m_checks->cell<QCheckBox>([this, k] {
      auto* made = new QCheckBox;
      made->setFont(sizedFont(19, QFont::DemiBold));
      connect(made, &QCheckBox::clicked, this, [this, k](bool on) {
        m_making.tick(static_cast<int>(k), on);
        m_view->update();
      });
      return made;
    });
    box->setText(text);
    box->setChecked(k < ticked.size() && ticked[k]);
  };
  if (s.hand.size() > 1 || s.what == Do::Colour)
    for (size_t k = 0; k < s.hand.size(); ++k)
      tickBox(k, QStringLiteral("%1. %2").arg(k + 1).arg(handTickWords(b.plan(), b.analysis(), s.hand[k])));
  for (size_t k = 0; list && k < s.covers.size(); ++k) {
    const Cover& c = s.covers[k];
    const QString mask = QString::fromStdString(c.mask).section(u'#', -1);
    if (!c.over.empty() && c.impression != c.over.front()) continue;  // one paper, one tick
    QString text = c.over.empty() ? tr("%1, mask %2").arg(labelOf(b.plan(), c.impression), mask)
                                  : paperName(b.plan(), c.over);
    if (c.half) text += tr(", its half");
    if (c.ahead) text += tr(", laid where it will be");
    tickBox(k, text);
  }
  m_checks->end(false);
}

void MakePlace::tickTimers() {
  if (!m_making.bench() || m_right->currentIndex() != StepPage) return;
  const Bench& b = *m_making.bench();
  const double now = m_making.now(), wait = b.mustWait(now);
  const auto drying = b.drying(now);
  const auto nameOfDrying = [&](const Bench::Drying& d) {
    if (d.hand >= 0) {
      const HandAct& act = b.analysis().hand->all()[ix(d.hand)].act;
      return act.on >= 0 ? labelOf(b.plan(), act.on) : capital(handActWords(b.plan(), act));
    }
    if (d.impression >= 0) return labelOf(b.plan(), d.impression);
    const Wash& w = b.plan().washes[ix(d.wash)];
    return capital(QString::fromStdString(w.name.empty() ? w.id : w.name));
  };
  if (wait > 0) {
    m_waited = true;
    setInk(m_timerWords, theme().ochre);
    m_timerWords->setText(tr("Dry in %1").arg(clockWords(wait)));
  } else if (m_waited) {
    // It called once; from then on it stays said until the step is done.
    if (m_timerWords->text() != tr("Dry now")) QApplication::beep();
    setInk(m_timerWords, theme().green);
    m_timerWords->setText(tr("Dry now"));
  } else {
    m_timerWords->clear();
  }
  m_timerWords->setVisible(!m_timerWords->text().isEmpty());
  QStringList others;
  for (const auto& d : drying)
    if (others.size() < 3) others << tr("%1 %2").arg(nameOfDrying(d), clockWords(d.until_s - now));
  m_ready->setText(
      others.isEmpty()
          ? QString()
          : tr("Still drying: %1. The timers run on while you work.").arg(others.join(QStringLiteral(", "))));
  m_ready->setVisible(!others.isEmpty());
}

void MakePlace::showEnd() {
  m_timer->stop();
  const Bench& b = *m_making.bench();
  turnRightTo(Finished);
  m_left->show();
  m_note->hide();
  m_ready->hide();
  m_leave->show();
  m_end->show(m_face->away());
  std::vector<char> wrong;
  for (int k = 0; k < b.count(); ++k) wrong.push_back(!b.made(k).mishaps.empty());
  m_dots->show(b.count(), b.count(), wrong);
  m_togo->setText(b.count() == 1 ? tr("1 step") : tr("%1 steps").arg(b.count()));
  paintCard();
}

void MakePlace::showEvent(QShowEvent*) {
  refresh();
  if (!m_making.bench()) m_session.improveOrder();
}

QString MakePlace::title() const { return m_title->text(); }
QString MakePlace::timerWords() const { return m_timerWords->text(); }
QString MakePlace::mend() const { return m_mend->text(); }

}  // namespace havlo
