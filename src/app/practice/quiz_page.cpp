// The question is made from a plan on a worker; nothing of the answer is on the screen before it is given.
#include "app/practice/quiz_page.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/practice/quiz_view.h"
#include "core/chain/chain.h"
#include "core/practice/laying.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/wording/names.h"
#include "io/wording/practice_words.h"

namespace havlo {
namespace {

constexpr double kQuizDpi = 130;

}  // namespace

QuizPage::QuizPage(std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent), m_art(std::move(art)), m_job(new Job<Asked>(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  auto* left = new SheetFrame;
  m_title = inkLabel({}, headingFont(), theme().ink, true);
  m_lesson = inkLabel({}, bodyFont(), theme().soft, true);
  m_view = new QuizView;
  left->box()->addWidget(m_title);
  left->box()->addWidget(m_lesson);
  left->box()->addWidget(m_view, 1);
  row->addWidget(left, 5);
  auto* right = new SheetFrame;
  m_question = inkLabel({}, headingFont(), theme().ink, true);
  right->box()->addWidget(m_question);
  m_choices = new KeyedRows;
  m_choices->grid()->setVerticalSpacing(4);
  right->box()->addWidget(m_choices);
  auto* acts = new QHBoxLayout;
  m_give = drawnButton("act-done", tr("That is it"));
  m_give->setObjectName(QStringLiteral("quizGive"));
  m_again = plainButton(tr("From the beginning"));
  acts->addWidget(m_give);
  acts->addWidget(m_again);
  acts->addStretch(1);
  right->box()->addLayout(acts);
  m_head = inkLabel({}, headingFont(), theme().ink, true);
  m_words = inkLabel({}, bodyFont(), theme().ink, true);
  right->box()->addWidget(m_head);
  right->box()->addWidget(m_words);
  m_next = new QPushButton(tr("The next one"));
  m_next->setObjectName(QStringLiteral("quizNext"));
  right->box()->addWidget(m_next, 0, Qt::AlignLeft);
  right->box()->addStretch(1);
  row->addWidget(right, 3);
  connect(m_give, &QPushButton::clicked, this, &QuizPage::give);
  connect(m_again, &QPushButton::clicked, this, [this] {
    m_answer.things.clear();
    fillChoices();
  });
  connect(m_next, &QPushButton::clicked, this, &QuizPage::nextRequested);
  connect(m_view, &QuizView::lineMoved, this, [this](double mm) { m_answer.mm = mm; });
}

void QuizPage::ask(Drill what, int level, const std::vector<PracticeCard>& cards, uint64_t seed) {
  m_title->setText(drillName(what));
  m_lesson->setText(drillLesson(what));
  m_question->setText(tr("A card is being looked for."));
  m_asked = {}, m_graded.reset();
  m_view->clear();
  fillChoices();
  m_job->run(
      [what, level, cards, seed, art = m_art](const Progress& progress) {
        Asked out;
        for (const PracticeCard& card : cards) {
          if (progress.stopped()) return out;
          const AnalysisRef analysis =
              card.analysis ? card.analysis : analyse(*card.plan, nullptr, art.get());
          auto question = havlo::ask(what, *card.plan, *analysis, level, seed);
          if (!question) continue;
          out = {card.plan, analysis, std::move(*question), {}};
          const double dpi = dpiWithin(card.plan->card.panel.box(), kQuizDpi, 1e6);
          if (what == Drill::MaskChoice) {
            const auto before =
                pressedBefore(*card.plan, *analysis, art.get(), ix(out.question.step), dpi, progress);
            if (before) out.picture = pictureOf(before.value());
          } else if (what != Drill::Tone) {
            out.picture = intendedPicture(*card.plan, *analysis, *art, dpi);
          }
          return out;
        }
        return out;
      },
      [this](Asked asked) { show(std::move(asked)); });
}

void QuizPage::show(Asked asked) {
  m_asked = std::move(asked);
  m_answer = {};
  m_graded.reset();
  if (!m_asked.plan) {
    m_question->setText(tr("No card has anything of the kind to ask."));
    return fillChoices();
  }
  m_view->show(m_asked.plan, m_asked.analysis, m_asked.question, m_asked.picture);
  m_answer.mm = m_view->line();
  m_question->setText(questionWords(*m_asked.plan, *m_asked.analysis, m_asked.question));
  fillChoices();
  if (m_asked.question.what == Drill::Horizon) m_view->setFocus();
}

void QuizPage::fillChoices() {
  const Question& q = m_asked.question;
  const bool asked = m_asked.plan != nullptr, open = asking();
  m_choices->begin();
  if (asked && q.what == Drill::MaskChoice)
    for (size_t k = 0; k < q.things.size(); ++k) {
      m_choices->next(QStringLiteral("cover-%1").arg(k));
      auto* box = m_choices->cell<QCheckBox>([this, k] {
        auto* made = new QCheckBox;
        connect(made, &QCheckBox::clicked, this, [this, k] { choose(static_cast<int>(k)); });
        return made;
      });
      const auto& all = m_answer.things;
      box->setText(QStringLiteral("%1  %2").arg(k + 1).arg(labelOf(*m_asked.plan, q.things[k])));
      box->setChecked(std::find(all.begin(), all.end(), q.things[k]) != all.end());
      box->setEnabled(open);
    }
  if (asked && (q.what == Drill::NearAndFar || q.what == Drill::Tone)) {
    const size_t n = q.what == Drill::NearAndFar ? q.things.size() : q.shares.size();
    for (size_t k = 0; k < n; ++k) {
      m_choices->next(QStringLiteral("press-%1").arg(k));
      auto* button = m_choices->cell<QPushButton>([this, k] {
        auto* made = new QPushButton;
        made->setProperty("plain", true);
        connect(made, &QPushButton::clicked, this, [this, k] { choose(static_cast<int>(k)); });
        return made;
      });
      if (q.what == Drill::Tone) {
        button->setText(m_answer.choice == static_cast<int>(k) ? tr("Print %1: this one").arg(k + 1)
                                                               : tr("Print %1").arg(k + 1));
        button->setEnabled(open);
        continue;
      }
      const auto& all = m_answer.things;
      const auto at = std::find(all.begin(), all.end(), q.things[k]);
      button->setText(QStringLiteral("%1  %2").arg(k + 1).arg(labelOf(*m_asked.plan, q.things[k])) +
                      (at == all.end()     ? QString()
                       : at == all.begin() ? tr(": nearest")
                                           : tr(": then, as number %1").arg(at - all.begin() + 1)));
      button->setEnabled(open && at == all.end());
    }
  }
  m_choices->end(false);
  const bool ready = (q.what == Drill::NearAndFar && m_answer.things.size() == q.things.size()) ||
                     (q.what == Drill::Tone && m_answer.choice >= 0) || q.what == Drill::MaskChoice ||
                     q.what == Drill::Horizon;
  m_give->setEnabled(open && ready);
  m_give->setVisible(open);
  m_again->setVisible(open && q.what == Drill::NearAndFar && !m_answer.things.empty());
  m_next->setVisible(asked && !open);
  if (!m_graded) m_head->clear(), m_words->clear();
}

void QuizPage::choose(int place) {
  if (!asking() || place < 0) return;
  const Question& q = m_asked.question;
  if (q.what == Drill::Tone) {
    m_answer.choice = place;
  } else if (ix(place) < q.things.size()) {
    const int thing = q.things[ix(place)];
    const auto at = std::find(m_answer.things.begin(), m_answer.things.end(), thing);
    if (at == m_answer.things.end()) {
      m_answer.things.push_back(thing);
      // The last one left is the farthest.
      if (q.what == Drill::NearAndFar && m_answer.things.size() + 1 == q.things.size())
        for (int other : q.things)
          if (std::find(m_answer.things.begin(), m_answer.things.end(), other) == m_answer.things.end()) {
            m_answer.things.push_back(other);
            break;
          }
    } else if (q.what == Drill::MaskChoice) {
      m_answer.things.erase(at);
    }
  }
  fillChoices();
}

void QuizPage::give() {
  if (!asking() || !m_give->isEnabled()) return;
  m_graded = grade(m_asked.question, m_answer);
  m_view->showRight();
  setInk(m_head, m_graded->points >= 0.8   ? theme().green
                 : m_graded->points >= 0.3 ? theme().ochre
                                           : theme().madder);
  m_head->setText(m_graded->right            ? tr("Right")
                  : m_graded->points >= 0.7  ? tr("Nearly")
                  : m_graded->points >= 0.25 ? tr("Not quite")
                                             : tr("Not so"));
  m_words->setText(gradedWords(*m_asked.plan, *m_asked.analysis, m_asked.question, *m_graded, m_units));
  fillChoices();
  m_next->setFocus();
  Q_EMIT graded(m_asked.question.what, m_asked.question.level, m_graded->points);
}

QString QuizPage::verdict() const { return m_head->text() + u'\n' + m_words->text(); }

}  // namespace havlo
