// The list is made anew whenever something was practised: what comes first may have changed.
#include "app/practice/practice_place.h"

#include <QCoreApplication>
#include <QFile>
#include <QHBoxLayout>
#include <QSettings>
#include <QStackedWidget>
#include <algorithm>

#include "app/common/choice_list.h"
#include "app/common/sheet_frame.h"
#include "app/practice/exercises.h"
#include "app/practice/lay_page.h"
#include "app/practice/order_drill.h"
#include "app/practice/quiz_page.h"
#include "app/session/log_session.h"
#include "app/session/plan_session.h"
#include "core/plan/plan_text.h"
#include "io/art/svg_art.h"
#include "io/wording/practice_words.h"

namespace havlo {
namespace {

/// An own card of more steps than this is no exercise in order any more.
constexpr size_t kMostOwn = 10;

QString practiceText(const char* text) { return QCoreApplication::translate("Practice", text); }
QString starsKey(const Exercise& e) { return QStringLiteral("practice/") + QLatin1String(e.file); }

QString starWords(int stars) {
  switch (stars) {
    case 1:
      return PracticePlace::tr("right");
    case 2:
      return PracticePlace::tr("right and neat");
    case 3:
      return PracticePlace::tr("mastered");
    default:
      return PracticePlace::tr("not yet");
  }
}

QString keyOf(Drill what) {
  const std::string_view word = wordOf(what);
  return QStringLiteral("drill-") + QString::fromUtf8(word.data(), static_cast<qsizetype>(word.size()));
}
QString keyOfCard(int exercise) { return QStringLiteral("card-%1").arg(exercise); }

}  // namespace

PracticePlace::PracticePlace(PlanSession& session, LogSession& log, std::shared_ptr<SvgArt> art,
                             QWidget* parent)
    : Place(parent), m_session(session), m_log(log), m_art(std::move(art)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(16, 10, 16, 10);
  row->setSpacing(10);
  auto* left = new SheetFrame;
  left->box()->addWidget(inkLabel(tr("Practice"), headingFont(), theme().ink));
  left->box()->addWidget(inkLabel(tr("What is worth it now comes first; ten cards to put in order follow."),
                                  labelFont(), theme().soft, true));
  m_list = new ChoiceList;
  m_list->setAccessibleName(tr("Exercises"));
  m_list->setWordWrap(true);
  left->box()->addWidget(m_list, 1);
  left->setFixedWidth(qRound(250 * textScale()));
  row->addWidget(left);
  m_pages = new QStackedWidget;
  m_pages->addWidget(m_order = new OrderDrill(m_art));
  m_pages->addWidget(m_quiz = new QuizPage(m_art));
  m_pages->addWidget(m_lay = new LayPage(m_art));
  row->addWidget(m_pages, 1);

  connect(m_list, &ChoiceList::currentRowChanged, this, [this](int k) {
    if (k >= 0) chosen(m_list->keyAt(k));
  });
  connect(m_order, &OrderDrill::graded, this, &PracticePlace::noteOrder);
  connect(m_quiz, &QuizPage::graded, this,
          [this](Drill what, int level, double points) { m_log.notePractised(what, level, points); });
  connect(m_lay, &LayPage::graded, this,
          [this](int level, double points) { m_log.notePractised(Drill::LayMask, level, points); });
  connect(m_quiz, &QuizPage::nextRequested, this, [this] {
    if (m_drill) drill(*m_drill);
  });
  connect(m_lay, &LayPage::nextRequested, this, [this] { drill(Drill::LayMask); });
  connect(&log, &LogSession::practisedChanged, this, &PracticePlace::fillList);
  connect(&log, &LogSession::changed, this, [this] {
    if (isVisible()) fillList();
  });
}

bool PracticePlace::ownIsSmall() const {
  const Plan& plan = m_session.plan();
  const size_t acts = plan.impressions.size() + plan.washes.size();
  return plan.impressions.size() >= 2 && acts <= kMostOwn;
}

int PracticePlace::count() const { return static_cast<int>(exercises().size()) + (ownIsSmall() ? 1 : 0); }

void PracticePlace::showEvent(QShowEvent*) {
  fillList();
  m_quiz->setUnits(m_session.units()), m_lay->setUnits(m_session.units());
  if (m_exercise >= 0 || m_drill) return;
  // What is worth most is set out, but for the first time the easiest card is.
  m_log.practised().empty() ? open(0) : drill(m_advice.front().what);
}

QString PracticePlace::keyHere() const {
  return m_drill ? keyOf(*m_drill) : m_exercise >= 0 ? keyOfCard(m_exercise) : QString();
}

void PracticePlace::fillList() {
  std::vector<LogEntry> cards;
  if (const LogStore* store = m_log.store())
    for (const LogLine& line : store->find()) {  // newest first; older ones count no more
      if (line.hands != store->atWork()) continue;
      if (cards.size() == kDrillCards) break;
      if (auto entry = store->entry(line.id)) cards.push_back(std::move(entry).value());
    }
  m_advice = drillsFor(cards, m_log.learnt(), m_session.plan(), *m_session.analysis(), m_log.practised());
  std::vector<ChoiceRow> rows;
  const int wide = m_list->viewport()->width() - 24;
  const auto add = [&](const QString& key, const QString& text) {
    ChoiceRow row{key, text};
    const QRect all =
        QFontMetrics(bodyFont()).boundingRect(0, 0, std::max(120, wide), 1000, Qt::TextWordWrap, text);
    row.size = {1, all.height() + 14};
    rows.push_back(std::move(row));
  };
  for (const DrillAdvice& a : m_advice) {
    // To put cards in order is practised on the cards below.
    if (a.what == Drill::Order) continue;
    add(keyOf(a.what),
        QStringLiteral("%1\n%2\n%3")
            .arg(drillName(a.what), adviceWords(a), standingWords(standingIn(a.what, m_log.practised()))));
  }
  for (int k = 0; k < static_cast<int>(exercises().size()); ++k) {
    const Exercise& e = exercises()[ix(k)];
    add(keyOfCard(k), tr("%1  %2\n     grade %3, %4")
                          .arg(k + 1)
                          .arg(practiceText(e.title))
                          .arg(e.grade)
                          .arg(starWords(QSettings().value(starsKey(e), 0).toInt())));
  }
  if (ownIsSmall())
    add(keyOfCard(count() - 1), tr("%1  Your own card\n     %2").arg(count()).arg(m_session.title()));
  m_list->setRows(std::move(rows));
  const QSignalBlocker still(m_list);
  m_list->choose(keyHere());
}

void PracticePlace::chosen(const QString& key) {
  if (key == keyHere()) return;
  if (key.startsWith(QStringLiteral("card-"))) return open(key.mid(5).toInt());
  if (const auto what = drillOf(key.mid(6).toStdString())) drill(*what);
}

void PracticePlace::open(int exercise) {
  if (exercise < 0 || exercise >= count()) return;
  m_drill.reset();
  m_exercise = exercise;
  if (exercise == static_cast<int>(exercises().size())) {
    m_order->setCard(tr("Your own card"), drillLesson(Drill::Order), m_session.snapshot(), 7);
  } else {
    const Exercise& e = exercises()[ix(exercise)];
    QFile file(QStringLiteral(":/practice/%1.havlo").arg(QLatin1String(e.file)));
    if (!file.open(QIODevice::ReadOnly)) return;
    auto read = readPlan(file.readAll().toStdString());
    if (!read) return;
    m_order->setCard(practiceText(e.title), practiceText(e.lesson),
                     std::make_shared<const Plan>(std::move(read).value().plan),
                     static_cast<uint64_t>(exercise) + 3);
  }
  m_pages->setCurrentWidget(m_order);
  const QSignalBlocker still(m_list);
  m_list->choose(keyHere());
}

void PracticePlace::drill(Drill what) {
  if (what == Drill::Order) return open(std::max(0, m_exercise));
  m_exercise = -1;
  m_drill = what;
  const int level = standingIn(what, m_log.practised()).level;
  // Another question every time, also tomorrow.
  m_seed = m_log.practised().size() + m_seed + 1;
  const auto cards = cardsToPractise({m_session.snapshot(), m_session.analysis()}, m_seed);
  if (what == Drill::LayMask) {
    m_lay->set(level, cards, m_seed);
    m_pages->setCurrentWidget(m_lay);
  } else {
    m_quiz->ask(what, level, cards, m_seed);
    m_pages->setCurrentWidget(m_quiz);
  }
  const QSignalBlocker still(m_list);
  m_list->choose(keyHere());
}

void PracticePlace::noteOrder(int stars) {
  if (m_exercise < 0) return;
  int grade = kTopLevel;
  if (ix(m_exercise) < exercises().size()) {
    const Exercise& e = exercises()[ix(m_exercise)];
    grade = e.grade;
    QSettings settings;
    if (stars > settings.value(starsKey(e), 0).toInt()) settings.setValue(starsKey(e), stars);
  }
  m_log.notePractised(Drill::Order, grade, stars / 3.0);
}

}  // namespace havlo
