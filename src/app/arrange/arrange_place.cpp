// The search runs in a worker; what it finds is shown as pictures with their numbers.
#include "app/arrange/arrange_place.h"

#include <QCheckBox>
#include <QCoreApplication>
#include <QGridLayout>
#include <QProgressBar>
#include <QPushButton>
#include <algorithm>

#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "core/chain/foretell.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/wording/focus_words.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

constexpr double kPicture_dpi = 110;

QString numbersOf(const Proposal& p) {
  const Looks& l = *p.analysis->looks;
  const int warnings = warningsOf(*p.analysis);
  QStringList out;
  if (l.hero >= 0)
    out << (l.heroRank == 1 ? ArrangePlace::tr("Hero first, %1 %").arg(qRound(100 * l.heroShare()))
                            : ArrangePlace::tr("Hero in place %1, %2 %")
                                  .arg(l.heroRank)
                                  .arg(qRound(100 * l.heroShare())));
  out << (warnings == 0   ? ArrangePlace::tr("nothing to look at")
          : warnings == 1 ? ArrangePlace::tr("1 thing to look at")
                          : ArrangePlace::tr("%1 things to look at").arg(warnings));
  out << ArrangePlace::tr("%1 % plain").arg(qRound(100 * l.plainShare));
  out << (p.analysis->masksToCut() == 1 ? ArrangePlace::tr("1 mask")
                                        : ArrangePlace::tr("%1 masks").arg(p.analysis->masksToCut()));
  out << minutesWords(p.analysis->sheet.minutes);
  out << (p.proven ? ArrangePlace::tr("proven") : ArrangePlace::tr("not as planned when pressed"));
  return out.join(QStringLiteral(" · "));
}

}  // namespace

ArrangePlace::ArrangePlace(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : Place(parent), m_session(session), m_art(std::move(art)), m_job(new Job<Result<Found>>(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(16, 10, 16, 10);
  row->setSpacing(12);
  row->addWidget(buildSide());

  auto* column = new QVBoxLayout;
  m_says = inkLabel({}, bodyFont(QFont::DemiBold), theme().ink, true);
  column->addWidget(m_says);
  column->addLayout(buildLeaves(), 1);
  row->addLayout(column, 1);

  connect(m_ask, &QPushButton::clicked, this, &ArrangePlace::ask);
  connect(m_stop, &QPushButton::clicked, this, [this] {
    m_job->cancel();
    clearProposals(tr("Stopped. Nothing was changed."));
  });
  connect(m_job, &JobBase::progressed, this,
          [this](double share) { m_progress->setValue(qRound(100 * share)); });
  connect(&session, &PlanSession::planChanged, this, [this] {
    if (isVisible()) fillThings();
    if (m_of && m_of != m_session.snapshot()) clearProposals(tr("The card has changed; ask again."));
  });
  clearProposals({});
}

QWidget* ArrangePlace::buildSide() {
  auto* side = new SheetFrame;
  side->setFixedWidth(qRound(270 * (1 + (textScale() - 1) * 0.5)));
  side->box()->addWidget(inkLabel(tr("Suggested arrangements"), headingFont(), theme().ink));
  side->box()->addWidget(inkLabel(
      tr("Where these things could go so that sizes come right and the hero is seen first. Tick "
         "what must stay where it is; hills, water, rows and what holds on to something stay or go along."),
      labelFont(), theme().soft, true));
  m_things = new KeyedRows;
  m_things->grid()->setSpacing(4);
  m_things->setObjectName(QStringLiteral("held"));
  side->box()->addWidget(rolled(m_things), 3);
  m_spareHead = inkLabel(tr("Not on the card yet; tick to use them"), labelFont(), theme().soft, true);
  side->box()->addWidget(m_spareHead);
  m_spare = new KeyedRows;
  m_spare->grid()->setSpacing(4);
  m_spare->setObjectName(QStringLiteral("spare"));
  side->box()->addWidget(m_spare);
  m_progress = new QProgressBar;
  m_progress->setRange(0, 100);
  m_progress->setAccessibleName(tr("Looking for arrangements"));
  side->box()->addWidget(m_progress);
  auto* acts = new QHBoxLayout;
  m_ask = new QPushButton(tr("Suggest three"));
  m_ask->setObjectName(QStringLiteral("ask"));
  m_stop = plainButton(tr("Stop"));
  acts->addWidget(m_ask);
  acts->addWidget(m_stop);
  acts->addStretch(1);
  side->box()->addLayout(acts);
  auto* back = plainButton(tr("Back to Ink & light").replace(QStringLiteral("&"), QStringLiteral("&&")));
  connect(back, &QPushButton::clicked, this, &ArrangePlace::leave);
  side->box()->addWidget(back, 0, Qt::AlignLeft);
  return side;
}

QLayout* ArrangePlace::buildLeaves() {
  auto* grid = new QGridLayout;
  grid->setSpacing(12);
  for (int k = 0; k < 4; ++k) {
    auto* leaf = new SheetFrame;
    Leaf l{new PictureBox, inkLabel({}, bodyFont(QFont::DemiBold), theme().ink),
           inkLabel({}, labelFont(), theme().soft, true), new QPushButton(tr("Take this one"))};
    auto* head = new QHBoxLayout;
    head->addWidget(l.title, 1);
    head->addWidget(l.take);
    leaf->box()->addLayout(head);
    leaf->box()->addWidget(l.picture, 1);
    leaf->box()->addWidget(l.numbers);
    l.take->setObjectName(QStringLiteral("take-%1").arg(k));
    connect(
        l.take, &QPushButton::clicked, this, [this, k] { take(ix(k - 1)); }, Qt::QueuedConnection);
    grid->addWidget(leaf, k / 2, k % 2);
    m_leaves.push_back(l);
  }
  return grid;
}

void ArrangePlace::showEvent(QShowEvent*) {
  fillThings();
  if (!m_of) ask();
}

std::vector<std::string> ArrangePlace::ticked(const Ticks& ticks) {
  std::vector<std::string> out;
  for (const auto& [box, id] : ticks)
    if (box->isChecked()) out.push_back(id);
  return out;
}

void ArrangePlace::fillThings() {
  const Plan& plan = m_session.plan();
  const auto fill = [](KeyedRows* part, Ticks& ticks,
                       const std::vector<std::pair<QString, std::string>>& list) {
    ticks.clear();
    part->begin();
    for (const auto& [text, id] : list) {
      part->next(QString::fromStdString(id));
      auto* box = part->cell<QCheckBox>([&] {
        auto* made = new QCheckBox;
        made->setObjectName(QString::fromStdString(id));
        return made;
      });
      box->setText(text);
      box->setAccessibleName(text);
      ticks.emplace_back(box, id);
    }
    part->end();
  };
  std::vector<std::pair<QString, std::string>> things, spare;
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (!staysPut(plan, static_cast<int>(i)))
      things.emplace_back(labelOf(plan, static_cast<int>(i)), plan.impressions[i].id);
  for (const StampRef& s : plan.stamps) {
    const bool placed = std::any_of(plan.impressions.begin(), plan.impressions.end(),
                                    [&](const Impression& i) { return i.stamp == s->id; });
    if (!placed) spare.emplace_back(stampName(*s), s->id);
  }
  fill(m_things, m_held, things);
  fill(m_spare, m_used, spare);
  m_spare->setVisible(!spare.empty());
  m_spareHead->setVisible(!spare.empty());
}

void ArrangePlace::clearProposals(const QString& why) {
  m_found = {};
  m_of.reset();
  m_progress->hide(), m_stop->hide();
  m_ask->setText(tr("Suggest three"));
  m_says->setText(why);
  for (size_t k = 0; k < m_leaves.size(); ++k) {
    m_leaves[k].picture->setPicture({});
    m_leaves[k].title->setText(k == 0 ? tr("As it is") : QString());
    m_leaves[k].numbers->setText({});
    m_leaves[k].take->hide();
  }
}

void ArrangePlace::ask() {
  fillThings();
  ArrangeWish wish;
  wish.seed = ++m_seed;
  wish.locked = ticked(m_held), wish.add = ticked(m_used);
  clearProposals(tr("Looking for arrangements …"));
  m_of = m_session.snapshot();
  m_progress->setValue(0);
  m_progress->show(), m_stop->show();
  m_job->run(
      [plan = m_of, art = m_art, wish](const Progress& progress) -> Result<Found> {
        auto found = suggestArrangements(*plan, art.get(), wish, progress);
        if (!found) return found.error();
        Found out{std::move(found).value(), {}};
        out.pictures.push_back(
            intendedPicture(out.arrangements.now.plan, *out.arrangements.now.analysis, *art, kPicture_dpi));
        for (const Proposal& p : out.arrangements.proposals)
          out.pictures.push_back(intendedPicture(p.plan, *p.analysis, *art, kPicture_dpi));
        return out;
      },
      [this, of = m_of](Result<Found> found) {
        if (of != m_of) return;
        if (!found) return clearProposals(QString::fromStdString(found.error().text()));
        show(std::move(found).value());
      });
}

void ArrangePlace::show(Found found) {
  m_found = std::move(found.arrangements);
  m_progress->hide(), m_stop->hide();
  m_ask->setText(tr("Suggest others"));
  const size_t count = m_found.proposals.size();
  m_says->setText(
      count == 0 ? tr("No other arrangement was found that comes out as planned. Let more things move.")
      : count == 1
          ? tr("One arrangement that differs. Let more things move for others.")
          : tr("%1 arrangements that differ, the clearest first. Each was pressed on simulated paper.")
                .arg(count));
  const auto fill = [&](size_t leaf, const Proposal& p, const QString& title) {
    m_leaves[leaf].title->setText(title);
    m_leaves[leaf].picture->setPicture(found.pictures[leaf]);
    m_leaves[leaf].numbers->setText(numbersOf(p));
    m_leaves[leaf].numbers->setToolTip(verdict(p.plan, *p.analysis));
  };
  fill(0, m_found.now, tr("As it is"));
  for (size_t k = 0; k < std::min(count, m_leaves.size() - 1); ++k) {
    const Proposal& p = m_found.proposals[k];
    fill(k + 1, p,
         p.moved == 1 ? tr("%1: one thing moves").arg(k + 1)
                      : tr("%1: %2 things move").arg(k + 1).arg(p.moved));
    m_leaves[k + 1].take->show();
  }
}

void ArrangePlace::take(size_t proposal) {
  if (proposal >= m_found.proposals.size()) return;
  const Plan plan = m_found.proposals[proposal].plan;
  m_session.edit(tr("Take arrangement %1").arg(proposal + 1), plan);
}

}  // namespace havlo
