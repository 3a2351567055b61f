// The join is measured at once; the press's picture of it follows from a worker.
#include "app/practice/lay_page.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>
#include <cmath>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/practice/lay_view.h"
#include "core/base/random.h"
#include "core/chain/chain.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/wording/practice_words.h"

namespace havlo {
namespace {

constexpr double kLayDpi = 220;

/// How a paper comes out of the hand at first: beside the print and askew.
Laying startOf(uint64_t seed) {
  Random random(seed);
  const double way = random.unit() * 2 * 3.14159265358979323846, far = 5 + 5 * random.unit();
  Laying out;
  out.by = {far * std::cos(way), far * std::sin(way)};
  out.turn_deg = (random.unit() < 0.5 ? -1 : 1) * (5 + 10 * random.unit());
  return out;
}

}  // namespace

LayPage::LayPage(std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent), m_art(std::move(art)), m_job(new Job<Set>(this)), m_press(new Job<QImage>(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  auto* left = new SheetFrame;
  left->box()->addWidget(m_title = inkLabel(drillName(Drill::LayMask), headingFont(), theme().ink, true));
  left->box()->addWidget(m_lesson = inkLabel(drillLesson(Drill::LayMask), bodyFont(), theme().soft, true));
  m_view = new LayView;
  m_view->setAccessibleName(tr("The print and its paper"));
  left->box()->addWidget(m_view, 1);
  row->addWidget(left, 5);
  auto* right = new SheetFrame;
  right->box()->addWidget(m_how = inkLabel({}, headingFont(), theme().ink, true));
  right->box()->addWidget(
      inkLabel(tr("Push the paper with the mouse or the arrow keys; with Shift it goes farther. "
                  "Pull beside it, roll the wheel, or press comma and full stop to turn it."),
               labelFont(), theme().soft, true));
  m_draw = drawnButton("do-cut", tr("Cut one of my own"));
  m_draw->setObjectName(QStringLiteral("layDraw"));
  m_draw->setCheckable(true);
  m_draw->setToolTip(tr("draw the outline round the print in one go; it is cut out where you drew"));
  right->box()->addWidget(m_draw, 0, Qt::AlignLeft);
  m_give = drawnButton("place-make", tr("It lies: stamp across it"));
  m_give->setObjectName(QStringLiteral("layGive"));
  right->box()->addWidget(m_give, 0, Qt::AlignLeft);
  right->box()->addWidget(m_head = inkLabel({}, headingFont(), theme().ink, true));
  right->box()->addWidget(m_words = inkLabel({}, bodyFont(), theme().ink, true));
  auto* acts = new QHBoxLayout;
  m_next = new QPushButton(tr("The next one"));
  m_next->setObjectName(QStringLiteral("layNext"));
  m_once = plainButton(tr("The same once more"));
  acts->addWidget(m_next);
  acts->addWidget(m_once);
  acts->addStretch(1);
  right->box()->addLayout(acts);
  right->box()->addStretch(1);
  row->addWidget(right, 3);
  connect(m_draw, &QPushButton::toggled, this, [this](bool on) {
    m_view->setDrawing(on);
    begin();
  });
  connect(m_view, &LayView::layingChanged, this, &LayPage::refresh);
  connect(m_give, &QPushButton::clicked, this, &LayPage::give);
  connect(m_once, &QPushButton::clicked, this, &LayPage::begin);
  connect(m_next, &QPushButton::clicked, this, &LayPage::nextRequested);
  refresh();
}

void LayPage::set(int level, const std::vector<PracticeCard>& cards, uint64_t seed) {
  m_level = level;
  m_set = {}, m_judged.reset();
  m_view->clear();
  m_how->setText(tr("A card is being looked for."));
  refresh();
  m_job->run(
      [level, cards, seed, art = m_art](const Progress& progress) {
        Set out;
        for (const PracticeCard& card : cards) {
          if (progress.stopped()) return out;
          const AnalysisRef analysis =
              card.analysis ? card.analysis : analyse(*card.plan, nullptr, art.get());
          std::vector<LayTask> tasks = layTasks(*card.plan, *analysis);
          if (tasks.empty()) continue;
          // Of the papers from easy to fiddly, a fifth for each level.
          const size_t n = tasks.size(), from = std::min(n - 1, ix(level - 1) * n / kTopLevel);
          const size_t among = std::max<size_t>(1, n / kTopLevel);
          out = {card.plan, analysis, tasks[std::min(n - 1, from + seed % among)], {}};
          const double dpi = dpiWithin(card.plan->card.panel.box(), kLayDpi, 2e6);
          if (auto before = pressedBefore(*card.plan, *analysis, art.get(), out.task.step, dpi, progress))
            out.card = pictureOf(before.value());
          return out;
        }
        return out;
      },
      [this, seed](Set set) {
        m_set = std::move(set);
        m_start = startOf(seed);
        if (!m_set.plan) return m_how->setText(tr("No card has a paper to be laid."));
        m_how->setText(layTaskWords(*m_set.plan, m_set.task));
        begin();
      });
}

void LayPage::begin() {
  if (!m_set.plan) return;
  m_press->cancel();
  m_judged.reset();
  // The better one is, the less shines through the paper.
  const double opacity = 0.45 + 0.11 * m_level;
  m_view->show(m_set.task, m_set.plan->card.panel, m_set.card, m_start, opacity);
  m_view->setFocus();
  refresh();
}

void LayPage::refresh() {
  const bool open = laying();
  m_give->setVisible(!m_judged);
  m_give->setEnabled(open && (!m_draw->isChecked() || !m_view->laying().drawn.empty()));
  m_draw->setEnabled(m_set.plan != nullptr);
  m_next->setVisible(m_judged.has_value());
  m_once->setVisible(m_judged.has_value());
  if (!m_judged) m_head->clear(), m_words->clear();
}

void LayPage::give() {
  if (!laying() || !m_give->isEnabled()) return;
  const Laying laid = m_view->laying();
  m_judged = judgeLaying(m_set.task, laid);
  setInk(m_head, m_judged->stars >= 2   ? theme().green
                 : m_judged->stars == 1 ? theme().ochre
                                        : theme().madder);
  m_head->setText(m_judged->stars == 3   ? tr("A clean join")
                  : m_judged->stars == 2 ? tr("Hardly to be seen")
                  : m_judged->stars == 1 ? tr("It shows")
                                         : tr("It shows clearly"));
  m_words->setText(layResultWords(*m_set.plan, m_set.task, *m_judged, m_units));
  refresh();
  m_next->setFocus();
  m_press->run(
      [set = m_set, laid, art = m_art](const Progress& progress) {
        const double dpi = dpiWithin(set.plan->card.panel.box(), kLayDpi, 2e6);
        auto after = pressedLaid(*set.plan, *set.analysis, art.get(), set.task, laid, dpi, progress);
        return after ? pictureOf(after.value()) : QImage();
      },
      [this](const QImage& card) {
        if (m_judged && !card.isNull()) m_view->showResult(card, *m_judged);
      });
  Q_EMIT graded(m_level, m_judged->points);
}

QString LayPage::verdict() const { return m_head->text() + u'\n' + m_words->text(); }

}  // namespace havlo
