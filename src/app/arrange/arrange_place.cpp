// The work runs in a worker (arrange_work.h); what it finds is shown as pictures with their numbers.
#include "app/arrange/arrange_place.h"

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QProgressBar>
#include <QPushButton>
#include <QRegularExpression>
#include <algorithm>
#include <cmath>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "app/common/thumbnail.h"
#include "app/files/file_chooser.h"
#include "core/plan/role_facts.h"
#include "io/art/svg_art.h"
#include "io/files/plan_file.h"
#include "io/wording/card_words.h"
#include "io/wording/error_words.h"
#include "io/wording/focus_words.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

struct Way {
  Asked what;
  const char *name, *tells;
};
constexpr Way kWays[] = {
    {Asked::Better, QT_TRANSLATE_NOOP("havlo::ArrangePlace", "This card, arranged better"),
     QT_TRANSLATE_NOOP("havlo::ArrangePlace",
                       "Where these things could go so that the hero is seen more and less is left to mend. "
                       "Tick what must stay where it is.")},
    {Asked::Scene, QT_TRANSLATE_NOOP("havlo::ArrangePlace", "A scene for a hero"),
     QT_TRANSLATE_NOOP("havlo::ArrangePlace",
                       "Background, middle and front from your drawer, where every size fits one viewpoint; "
                       "coloured and lit.")},
    {Asked::Fresh, QT_TRANSLATE_NOOP("havlo::ArrangePlace", "This card, freshened"),
     QT_TRANSLATE_NOOP("havlo::ArrangePlace",
                       "A stamp or two for others of yours, light from the other side, other colours.")},
    {Asked::Fitted, QT_TRANSLATE_NOOP("havlo::ArrangePlace", "This card on another size"),
     QT_TRANSLATE_NOOP("havlo::ArrangePlace",
                       "Stamps cannot shrink: the ground keeps its depth, the sky takes what is left.")},
    {Asked::Four, QT_TRANSLATE_NOOP("havlo::ArrangePlace", "Four that belong together"),
     QT_TRANSLATE_NOOP("havlo::ArrangePlace",
                       "A hero each from your drawer, in one hour, on one paper, in one set of inks.")},
};

}  // namespace

ArrangePlace::ArrangePlace(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
                           QWidget* parent)
    : Place(parent),
      m_session(session),
      m_drawer(drawer),
      m_art(std::move(art)),
      m_job(new Job<Result<ArrangeFound>>(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(16, 10, 16, 10);
  row->setSpacing(12);
  row->addWidget(buildSide());

  auto* column = new QVBoxLayout;
  m_says = inkLabel({}, bodyFont(QFont::DemiBold), theme().ink, true);
  column->addWidget(m_says);
  auto* leaves = new QWidget;
  leaves->setLayout(buildLeaves());
  leaves->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  column->addWidget(leaves, 1);
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
  side->box()->addWidget(inkLabel(tr("Suggestions"), headingFont(), theme().ink));
  m_what = new QComboBox;
  m_what->setObjectName(QStringLiteral("what"));
  m_what->setAccessibleName(tr("What is wanted"));
  for (const Way& way : kWays) m_what->addItem(tr(way.name), static_cast<int>(way.what));
  side->box()->addWidget(m_what);
  m_tells = inkLabel({}, labelFont(), theme().soft, true);
  side->box()->addWidget(m_tells);
  m_hero = new QComboBox;
  m_hero->setObjectName(QStringLiteral("hero"));
  m_hero->setAccessibleName(tr("The hero"));
  m_hero->setIconSize(QSize(34, 34));
  m_hero->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  side->box()->addWidget(m_hero);
  m_samples = drawnButton("place-drawer", tr("Take the sample stamps"));
  m_samples->setObjectName(QStringLiteral("samples"));
  connect(m_samples, &QPushButton::clicked, this, [this] {
    m_drawer.fillWithDemo();
    refreshWish();
  });
  side->box()->addWidget(m_samples);
  m_size = new QComboBox;
  m_size->setObjectName(QStringLiteral("size"));
  m_size->setAccessibleName(tr("The other size"));
  side->box()->addWidget(m_size);
  side->box()->addWidget(m_moves = buildMoves(), 3);
  side->box()->addStretch(1);
  connect(m_what, &QComboBox::activated, this, [this] { refreshWish(); });
  m_progress = new QProgressBar;
  m_progress->setRange(0, 100);
  m_progress->setAccessibleName(tr("Looking for arrangements"));
  side->box()->addWidget(m_progress);
  auto* acts = new QHBoxLayout;
  m_ask = drawnButton("act-arrange", tr("Suggest three"));
  m_ask->setObjectName(QStringLiteral("ask"));
  m_stop = plainButton(tr("Stop"));
  acts->addWidget(m_ask);
  acts->addWidget(m_stop);
  acts->addStretch(1);
  m_keep = plainButton(tr("Keep all as plans"));
  m_keep->setObjectName(QStringLiteral("keep"));
  connect(m_keep, &QPushButton::clicked, this, &ArrangePlace::keepAll);
  side->box()->addLayout(acts);
  side->box()->addWidget(m_keep, 0, Qt::AlignLeft);
  auto* back = plainButton(tr("Leave it as it is"));
  connect(back, &QPushButton::clicked, this, &ArrangePlace::leave);
  side->box()->addWidget(back, 0, Qt::AlignLeft);
  return side;
}

/// Things that may move, and stamps of the plan that are not on the card yet.
QWidget* ArrangePlace::buildMoves() {
  auto* moves = new QWidget;
  auto* column = new QVBoxLayout(moves);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(inkLabel(tr("Hills, water, rows and what holds on to something stay or go along."),
                             labelFont(), theme().soft, true));
  m_things = new KeyedRows;
  m_things->grid()->setSpacing(4);
  m_things->setObjectName(QStringLiteral("held"));
  column->addWidget(rolled(m_things), 3);
  m_spareHead = inkLabel(tr("Not on the card yet; tick to use them"), labelFont(), theme().soft, true);
  column->addWidget(m_spareHead);
  m_spare = new KeyedRows;
  m_spare->grid()->setSpacing(4);
  m_spare->setObjectName(QStringLiteral("spare"));
  column->addWidget(m_spare);
  return moves;
}

Asked ArrangePlace::asked() const { return static_cast<Asked>(m_what->currentData().toInt()); }

void ArrangePlace::choose(Asked what) {
  m_what->setCurrentIndex(m_what->findData(static_cast<int>(what)));
  refreshWish();
}

/// Shows what can be said to what is wanted.
void ArrangePlace::refreshWish() {
  const Asked what = asked();
  m_tells->setText(tr(kWays[m_what->currentIndex()].tells));
  m_moves->setVisible(what == Asked::Better);
  m_hero->setVisible(what == Asked::Scene || what == Asked::Four);
  m_size->setVisible(what == Asked::Fitted);
  if (m_hero->isVisibleTo(this)) fillHeroes();
  if (m_size->isVisibleTo(this)) fillSizes();
  const bool bare = m_hero->isVisibleTo(this) && m_hero->count() == 0;
  m_samples->setVisible(bare && m_drawer.isOpen() && !m_drawer.readOnly() &&
                        m_drawer.index().cards().empty());
  if (bare) m_hero->hide();
  m_job->cancel();
  clearProposals(bare ? tr("No stamp in your drawer can be a hero yet: it needs a real height.") : QString());
  m_ask->setEnabled(!bare);
}

/// Figures and animals first, then whatever else could be looked at.
void ArrangePlace::fillHeroes() {
  const QString was = m_hero->currentData().toString();
  m_hero->clear();
  if (!m_drawer.open()) return;
  std::vector<DrawerCard> all;
  for (const DrawerCard& c : m_drawer.index().cards())
    if (factsOf(c.role).stands() && c.realHeight) all.push_back(c);
  std::stable_sort(all.begin(), all.end(), [](const DrawerCard& a, const DrawerCard& b) {
    return factsOf(a.role).alive > factsOf(b.role).alive;
  });
  constexpr size_t kPictured = 40;  // more are named alone
  for (size_t k = 0; k < all.size(); ++k) {
    const DrawerCard& c = all[k];
    const auto whole = k < kPictured ? m_drawer.stamp(c.key) : nullptr;
    const QIcon icon =
        whole ? QIcon(stampThumbnail(whole->stamp, *m_art, QSize(34, 34), theme().ink)) : QIcon();
    m_hero->addItem(icon, QString::fromStdString(c.name), QString::fromStdString(c.key));
  }
  if (const int at = m_hero->findData(was); at >= 0) m_hero->setCurrentIndex(at);
}

/// Turned first, then sizes cards are often made in. Common practice, no source.
void ArrangePlace::fillSizes() {
  constexpr double kSizes[][2] = {{105, 148}, {127, 178}, {120, 170}, {100, 210}, {135, 135}, {152, 152}};
  const PanelSize& now = m_session.plan().card.panel;
  m_size->clear();
  const auto add = [&](double w, double h, const QString& name) {
    if (std::fabs(w - now.width_mm) < 1 && std::fabs(h - now.height_mm) < 1) return;
    const QString size = sizeWords(w, h, m_session.units());
    m_size->addItem(name.isEmpty() ? size : tr("%1, %2").arg(name, size), QSizeF(w, h));
  };
  add(now.height_mm, now.width_mm, now.width_mm > now.height_mm ? tr("Upright") : tr("Level"));
  for (const auto& s : kSizes) {
    add(s[0], s[1], {});
    if (s[0] != s[1]) add(s[1], s[0], {});
  }
}

QLayout* ArrangePlace::buildLeaves() {
  auto* grid = new QGridLayout;
  grid->setSpacing(12);
  grid->setContentsMargins(0, 0, 0, 0);
  for (int k = 0; k < 4; ++k) {
    auto* leaf = new SheetFrame;
    Leaf l{leaf, new PictureBox, inkLabel({}, bodyFont(QFont::DemiBold), theme().ink),
           inkLabel({}, labelFont(), theme().soft, true), drawnButton("act-done", tr("Take this one"))};
    auto* head = new QHBoxLayout;
    head->addWidget(l.title, 1);
    head->addWidget(l.take);
    leaf->box()->addLayout(head);
    leaf->box()->addWidget(l.picture, 1);
    leaf->box()->addWidget(l.numbers);
    l.take->setObjectName(QStringLiteral("take-%1").arg(k));
    connect(
        l.take, &QPushButton::clicked, this, [this, k] { take(ix(m_found.now ? k - 1 : k)); },
        Qt::QueuedConnection);
    grid->addWidget(leaf, k / 2, k % 2);
    m_leaves.push_back(l);
  }
  return grid;
}

void ArrangePlace::showEvent(QShowEvent*) {
  fillThings();
  if (m_of && m_of == m_session.snapshot()) return;  // what was found stays until the card changes
  if (m_session.plan().impressions.empty() && asked() != Asked::Four) return choose(Asked::Scene);
  refreshWish();
  if (asked() == Asked::Better) ask();
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
  m_progress->hide(), m_stop->hide(), m_keep->hide();
  const Asked what = asked();
  m_ask->setText(what == Asked::Four     ? tr("Suggest four")
                 : what == Asked::Fitted ? tr("Fit it")
                                         : tr("Suggest three"));
  m_says->setText(why);
  for (size_t k = 0; k < m_leaves.size(); ++k) {
    m_leaves[k].picture->setPicture({});
    m_leaves[k].title->setText(k == 0 ? (m_found.now ? tr("As it is") : QString()) : QString());
    m_leaves[k].numbers->setText({});
    m_leaves[k].take->hide();
    m_leaves[k].frame->setVisible(false);
  }
}

void ArrangePlace::ask() {
  fillThings();
  ArrangeAsk ask;
  ask.what = asked();
  ask.seed = ++m_seed;
  ask.better.seed = ask.seed, ask.better.locked = ticked(m_held), ask.better.add = ticked(m_used);
  ask.hero = m_hero->currentData().toString().toStdString();
  const QSizeF size = m_size->currentData().toSizeF();
  ask.size.width_mm = size.width(), ask.size.height_mm = size.height();
  if (ask.what == Asked::Scene || ask.what == Asked::Four || ask.what == Asked::Fresh) {
    if (!m_drawer.open()) return clearProposals(tr("The drawer cannot be opened."));
    ask.drawer = m_drawer.file(), ask.inks = m_drawer.inksWith(m_session.plan());
  }
  clearProposals(ask.what == Asked::Better ? tr("Looking for arrangements …") : tr("Making cards …"));
  m_of = m_session.snapshot();
  m_progress->setValue(0);
  m_progress->show(), m_stop->show();
  m_job->run([plan = m_of, art = m_art,
              ask](const Progress& progress) { return arranged(*plan, ask, art, progress); },
             [this, of = m_of](Result<ArrangeFound> found) {
               if (of != m_of) return;
               if (!found) {
                 QString why = errorReason(found.error());
                 if (!why.isEmpty()) why[0] = why[0].toUpper();
                 return clearProposals(why + u'.');
               }
               show(std::move(found).value());
             });
}

void ArrangePlace::show(ArrangeFound found) {
  m_found = std::move(found);
  m_progress->hide(), m_stop->hide();
  const Asked what = asked();
  m_ask->setText(what == Asked::Fitted ? tr("Fit it again") : tr("Suggest others"));
  m_keep->setVisible(m_found.cards.size() > 1);
  m_says->setText(m_found.says);
  const auto fill = [&](size_t leaf, const ArrangeLeaf& card, bool takes) {
    m_leaves[leaf].title->setText(card.title);
    m_leaves[leaf].picture->setPicture(card.picture);
    const QString numbers = arrangeNumbers(card.card);
    m_leaves[leaf].numbers->setText(card.said.isEmpty() ? numbers : tr("%1 %2").arg(card.said, numbers));
    m_leaves[leaf].numbers->setToolTip(verdict(card.card.plan, *card.card.analysis));
    m_leaves[leaf].take->setVisible(takes);
    m_leaves[leaf].frame->show();
  };
  size_t leaf = 0;
  if (m_found.now) fill(leaf++, *m_found.now, false);
  for (size_t k = 0; k < m_found.cards.size() && leaf < m_leaves.size(); ++k)
    fill(leaf++, m_found.cards[k], true);
}

void ArrangePlace::take(size_t card) {
  if (card >= m_found.cards.size()) return;
  const Plan plan = m_found.cards[card].card.plan;
  m_session.edit(tr("Take “%1”").arg(m_found.cards[card].title), plan);
  Q_EMIT cardTaken();
}

/// Every card as a plan file of its own, in a folder of the maker's.
void ArrangePlace::keepAll() {
  FileWish wish{tr("A folder for the plans"), {plansKind()}};
  wish.folderItself = true;
  FileChooser::choose(wish, this, [this](const QString& folder) { keepAllIn(folder); });
}

void ArrangePlace::keepAllIn(const QString& folder) {
  int kept = 0;
  for (const ArrangeLeaf& leaf : m_found.cards) {
    QString name = leaf.title;
    name.remove(QRegularExpression(QStringLiteral("[^\\w ]")));
    QString file = QStringLiteral("%1/%2.havlo").arg(folder, name.simplified());
    for (int n = 2; QFile::exists(file); ++n)
      file = QStringLiteral("%1/%2 %3.havlo").arg(folder, name.simplified()).arg(n);
    Plan plan = leaf.card.plan;
    plan.title = name.simplified().toStdString();
    if (const auto saved = savePlan(file, plan); !saved) {
      m_says->setText(errorWords(saved.error()));
      return;
    }
    ++kept;
  }
  m_says->setText(kept == 1 ? tr("One plan was put into %1.").arg(folder)
                            : tr("%1 plans were put into %2.").arg(kept).arg(folder));
}

}  // namespace havlo
