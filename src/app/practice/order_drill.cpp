// The learner's steps are a value; what is on the screen follows from it.
#include "app/practice/order_drill.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QPushButton>
#include <algorithm>

#include "app/common/choice_list.h"
#include "app/common/drawings.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "core/chain/chain.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/wording/error_words.h"
#include "io/wording/names.h"
#include "io/wording/work_words.h"

namespace havlo {
namespace {

constexpr double kDrillDpi = 110;

/// Height of an entry of two lines, chosen or not.
int twoLines() { return qRound(2 * QFontMetricsF(bodyFont()).height() + 14); }

}  // namespace

OrderDrill::OrderDrill(std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_art(std::move(art)),
      m_job(new Job<Result<Pressed>>(this)),
      m_plan(std::make_shared<const Plan>()),
      m_analysis(analyse(*m_plan)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  row->addWidget(buildCards(), 5);
  row->addWidget(buildSteps(), 4);
  connectSteps();
}

QWidget* OrderDrill::buildCards() {
  auto* middle = new SheetFrame;
  m_title = inkLabel({}, headingFont(), theme().ink, true);
  m_lesson = inkLabel({}, bodyFont(), theme().soft, true);
  middle->box()->addWidget(m_title);
  middle->box()->addWidget(m_lesson);
  middle->box()->addWidget(inkLabel(tr("The card to make"), labelFont(), theme().soft));
  m_goal = new PictureBox;
  middle->box()->addWidget(m_goal, 1);
  m_head = inkLabel({}, headingFont(), theme().ink, true);
  middle->box()->addWidget(m_head);
  m_yours = new PictureBox;
  middle->box()->addWidget(m_yours, 1);
  m_words = inkLabel({}, labelFont(), theme().ink, true);
  middle->box()->addWidget(m_words);
  return middle;
}

QWidget* OrderDrill::buildSteps() {
  auto* right = new SheetFrame;
  right->box()->addWidget(inkLabel(tr("Your steps"), headingFont(), theme().ink));
  right->box()->addWidget(
      inkLabel(tr("Drag them into order, or use the buttons."), labelFont(), theme().soft, true));
  m_list = new ChoiceList;
  m_list->setAccessibleName(tr("Your steps"));
  m_list->setDragDropMode(QAbstractItemView::InternalMove);
  m_list->setDefaultDropAction(Qt::MoveAction);
  right->box()->addWidget(m_list, 5);
  auto* moves = new QHBoxLayout;
  m_earlier = new QPushButton(tr("Earlier"));
  m_later = new QPushButton(tr("Later"));
  moves->addWidget(m_earlier);
  moves->addWidget(m_later);
  moves->addStretch(1);
  right->box()->addLayout(moves);
  m_coverHead = inkLabel({}, bodyFont(QFont::DemiBold), theme().ink, true);
  right->box()->addWidget(m_coverHead);
  m_covers = new KeyedRows;
  m_covers->grid()->setSpacing(2);
  right->box()->addWidget(rolled(m_covers), 4);
  auto* buttons = new QHBoxLayout;
  m_press = drawnButton("place-make", tr("Press it"));
  m_press->setObjectName(QStringLiteral("press"));
  auto* answer = drawnButton("act-see", tr("Show me how"));
  answer->setProperty("plain", true);
  connect(answer, &QPushButton::clicked, this, &OrderDrill::showAnswer);
  buttons->addWidget(m_press);
  buttons->addWidget(answer);
  buttons->addStretch(1);
  right->box()->addLayout(buttons);
  return right;
}

void OrderDrill::connectSteps() {
  connect(m_list, &ChoiceList::currentRowChanged, this, &OrderDrill::fillCovers);
  connect(m_list, &ChoiceList::moved, this, [this] {
    // The list has moved already; the steps follow it.
    std::vector<DrillStep> order;
    for (int k = 0; k < m_list->count(); ++k)
      order.push_back(*std::find_if(m_steps.begin(), m_steps.end(),
                                    [&](const DrillStep& s) { return keyOfStep(s) == m_list->keyAt(k); }));
    m_steps = std::move(order);
    QMetaObject::invokeMethod(
        this,
        [this] {
          fillSteps(m_list->currentRow());
          changed();
        },
        Qt::QueuedConnection);
  });
  connect(m_earlier, &QPushButton::clicked, this,
          [this] { moveStep(m_list->currentRow(), m_list->currentRow() - 1); });
  connect(m_later, &QPushButton::clicked, this,
          [this] { moveStep(m_list->currentRow(), m_list->currentRow() + 1); });
  connect(m_press, &QPushButton::clicked, this, &OrderDrill::press);
}

void OrderDrill::setCard(const QString& title, const QString& lesson, std::shared_ptr<const Plan> plan,
                         uint64_t seed) {
  m_job->cancel();
  m_seen = 0;
  m_plan = std::move(plan);
  m_analysis = withBestOrder(*m_plan, analyse(*m_plan, nullptr, m_art.get()));
  m_title->setText(title);
  m_lesson->setText(lesson);
  m_goal->setPicture(intendedPicture(*m_plan, *m_analysis, *m_art, kDrillDpi));
  m_steps = mixedUp(*m_plan, seed);
  fillSteps(0);
  changed();
}

QString OrderDrill::keyOfStep(const DrillStep& s) {
  return (s.wash ? QStringLiteral("blend-%1") : QStringLiteral("stamp-%1")).arg(s.index);
}

QString OrderDrill::nameOfStep(const DrillStep& s) const {
  if (!s.wash) return tr("Stamp %1").arg(nameOf(*m_plan, s.index));
  const Wash& w = m_plan->washes[ix(s.index)];
  return tr("Blend %1").arg(QString::fromStdString(w.name.empty() ? w.id : w.name));
}

void OrderDrill::fillSteps(int chosen) {
  std::vector<ChoiceRow> rows;
  for (const DrillStep& step : m_steps) {
    ChoiceRow row{keyOfStep(step), QStringLiteral("%1  %2").arg(rows.size() + 1).arg(nameOfStep(step))};
    if (!step.covered.empty())
      row.text += QStringLiteral("\n     ") + tr("covered: %1").arg(listOf(*m_plan, step.covered));
    row.size = {0, step.covered.empty() ? twoLines() * 6 / 10 : twoLines()};
    rows.push_back(std::move(row));
  }
  m_list->setRows(std::move(rows));
  const QSignalBlocker still(m_list);
  m_list->setCurrentRow(std::clamp(chosen, 0, std::max(0, m_list->count() - 1)));
  fillCovers();
}

void OrderDrill::fillCovers() {
  const int step = m_list->currentRow();
  m_earlier->setEnabled(step > 0);
  m_later->setEnabled(step >= 0 && step + 1 < m_list->count());
  m_covers->begin();
  if (step < 0 || step >= static_cast<int>(m_steps.size())) return m_covers->end();
  const DrillStep& s = m_steps[ix(step)];
  m_coverHead->setText(tr("Covered while you %1:").arg([&] {
    QString name = nameOfStep(s);
    return name.left(1).toLower() + name.mid(1);
  }()));
  for (size_t i = 0; i < m_plan->impressions.size(); ++i) {
    const auto thing = static_cast<int>(i);
    if (!s.wash && s.index == thing) continue;
    // The step is not part of the key: the ticks stay where the eye has them.
    m_covers->next(QString::number(thing));
    auto* box = m_covers->cell<QCheckBox>([this, thing] {
      auto* made = new QCheckBox;
      connect(made, &QCheckBox::clicked, this,
              [this, thing](bool on) { cover(m_list->currentRow(), thing, on); });
      return made;
    });
    box->setText(labelOf(*m_plan, thing));
    box->setChecked(std::binary_search(s.covered.begin(), s.covered.end(), thing));
  }
  m_covers->end();
}

void OrderDrill::moveStep(int from, int to) {
  const auto n = static_cast<int>(m_steps.size());
  if (from < 0 || from >= n || to < 0 || to >= n || from == to) return;
  const DrillStep moved = m_steps[ix(from)];
  m_steps.erase(m_steps.begin() + from);
  m_steps.insert(m_steps.begin() + to, moved);
  fillSteps(to);
  changed();
}

void OrderDrill::cover(int step, int impression, bool on) {
  if (step < 0 || step >= static_cast<int>(m_steps.size())) return;
  auto& covered = m_steps[ix(step)].covered;
  std::erase(covered, impression);
  if (on) covered.insert(std::lower_bound(covered.begin(), covered.end(), impression), impression);
  fillSteps(step);
  changed();
}

void OrderDrill::changed() {
  m_result.reset();
  m_head->setText(tr("Yours is not pressed yet"));
  m_words->clear();
  m_yours->setPicture({});
  m_yours->hide();  // until then the goal has all the room
}

void OrderDrill::press() {
  if (m_steps.empty()) return;
  m_head->setText(tr("Being pressed"));
  m_job->run(
      [plan = m_plan, analysis = m_analysis, steps = m_steps,
       art = m_art](const Progress& progress) -> Result<Pressed> {
        auto drilled = pressDrill(*plan, *analysis, steps, art.get(), kDrillDpi, progress);
        if (!drilled) return drilled.error();
        Pressed out{std::move(drilled).value(), {}, {}};
        out.picture = pictureOf(out.result.pressed.card);
        Analysis own = *analysis;
        own.sheet = out.result.sheet;
        for (const Difference& d : out.result.pressed.worst)
          if (!d.explained && out.words.size() < 3) {
            // A learner counts pressings and washes, not covers.
            Difference told = d;
            int number = 0;
            for (int k = 0; k < d.blame.step; ++k) {
              const Do what = own.sheet.steps[ix(k)].what;
              number += what == Do::Stamp || what == Do::Wash;
            }
            RunSheet inked;
            for (const Step& s : own.sheet.steps)
              if (s.what == Do::Stamp || s.what == Do::Wash) inked.steps.own().push_back(s);
            Analysis counted = own;
            counted.sheet = inked;
            told.blame.step = number;
            out.words << blameWords(*plan, counted, told);
          }
        out.words.removeDuplicates();
        return out;
      },
      [this](Result<Pressed> done) {
        if (!done) return m_head->setText(errorReason(done.error()));
        Pressed p = std::move(done).value();
        std::vector<QPointF> marks;
        const PanelSize& panel = m_plan->card.panel;
        for (const Difference& d : p.result.pressed.worst)
          if (!d.explained && marks.size() < 5)
            marks.push_back({d.at.x / panel.width_mm, 1 - d.at.y / panel.height_mm});
        m_yours->setPicture(p.picture, marks);
        m_yours->show();
        const int stars = m_seen ? std::min(1, p.result.stars) : p.result.stars;
        if (stars == 0) {
          setInk(m_head, theme().madder);
          m_head->setText(tr("Not the card that was wanted"));
          m_words->setText(p.words.join(QStringLiteral("\n")));
        } else {
          setInk(m_head, theme().green);
          m_head->setText(stars == 3   ? tr("Mastered: no cover too many")
                          : stars == 2 ? tr("Right and neat")
                                       : tr("Right"));
          m_words->setText(
              p.result.needless > 0 ? tr("%1 covers were laid that nothing came near.").arg(p.result.needless)
              : p.result.masksOn > p.result.masksOnBest
                  ? tr("You laid %1 covers; %2 are enough in another order.")
                        .arg(p.result.masksOn)
                        .arg(p.result.masksOnBest)
              : m_seen ? tr("Now try it without looking.")
                       : tr("It cannot be done with fewer covers than %1.").arg(p.result.masksOn));
        }
        m_result = std::move(p.result);
        Q_EMIT graded(stars);
      });
}

void OrderDrill::showAnswer() {
  m_seen = 1;
  m_steps = answerOf(*m_analysis);
  fillSteps(0);
  changed();
}

QString OrderDrill::verdict() const { return m_head->text() + u'\n' + m_words->text(); }

}  // namespace havlo
