#include "app/card/batch_page.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>
#include <algorithm>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/session/class_wish.h"
#include "app/session/drawer_session.h"
#include "core/card/card_sizes.h"
#include "core/edit/card_edits.h"
#include "core/plan/role_facts.h"
#include "io/art/svg_art.h"
#include "io/wording/class_words.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

QSpinBox* spinOf(const char* name, int least, int most) {
  auto* s = new QSpinBox;
  s->setObjectName(QLatin1String(name));
  s->setRange(least, most);
  s->setKeyboardTracking(false);
  return s;
}

/// What can be other on some cards: things on the panel, and words written by hand.
void fillPlaces(QComboBox* box, const Plan& plan) {
  box->clear();
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    box->addItem(labelOf(plan, static_cast<int>(i)), QString::fromStdString(plan.impressions[i].id));
  for (const HandLine& l : plan.lines)
    if (l.kind == LineKind::Lettering)
      box->addItem(BatchPage::tr("the words “%1”").arg(QString::fromStdString(l.text)),
                   QString::fromStdString(l.id));
}

}  // namespace

BatchPage::BatchPage(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
                     QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_drawer(drawer),
      m_art(std::move(art)),
      m_job(new PlanJob<Work>(session, this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(6);
  column->addWidget(
      inkLabel(tr("Each step is done on all cards before the next is set up; masks go from card to card."),
               labelFont(), theme().soft, true));
  auto* rows = new FormRows;
  m_cards = spinOf("batchCards", 1, 9999);
  rows->add(tr("Cards"), m_cards);
  m_rack = spinOf("batchRack", 0, 9999);
  m_rack->setSpecialValueText(tr("room enough"));
  rows->add(tr("Drying rack"), m_rack)->setToolTip(tr("so many cards can lie and dry at a time"));
  column->addWidget(rows);
  column->addWidget(inkLabel(tr("Some of them otherwise"), bodyFont(QFont::DemiBold), theme().ink));
  m_rows = new KeyedRows;
  m_rows->grid()->setContentsMargins(0, 0, 0, 0);
  m_rows->grid()->setSpacing(4);
  m_rows->grid()->setColumnStretch(0, 3);
  m_rows->grid()->setColumnStretch(1, 3);
  column->addWidget(m_rows);
  auto* add = drawnButton("act-another", tr("Add a variation"));
  add->setObjectName(QStringLiteral("addVariation"));
  add->setToolTip(tr("another hero or other words on some of the cards"));
  column->addWidget(add);
  column->addWidget(buildClass());
  column->addStretch(1);
  connect(add, &QPushButton::clicked, this, &BatchPage::addVariation);
  connect(m_cards, &QSpinBox::valueChanged, this,
          [this](int n) { change(tr("%1 cards").arg(n), [n](Making& m) { m.copies = n; }); });
  connect(m_rack, &QSpinBox::valueChanged, this,
          [this](int n) { change(tr("Drying rack"), [n](Making& m) { m.rack = n; }); });
  connect(&session, &PlanSession::planChanged, this, &BatchPage::stale);
  connect(&session, &PlanSession::unitsChanged, this, &BatchPage::changed);
  connect(&drawer, &DrawerSession::changed, this, &BatchPage::stale);
  show();
}

/// The same card made once by each of several people.
QWidget* BatchPage::buildClass() {
  auto* part = new QWidget;
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 8, 0, 0);
  column->setSpacing(5);
  column->addWidget(inkLabel(tr("A class makes it"), bodyFont(QFont::DemiBold), theme().ink));
  column->addWidget(
      inkLabel(tr("Everybody makes one; stamps and pads go round."), labelFont(), theme().soft, true));
  const ClassWish wish = keptClassWish();
  auto* rows = new FormRows;
  rows->add(tr("Makers"), m_makers = spinOf("classMakers", 1, kMostMakers));
  rows->add(tr("Of each stamp"), m_stampSets = spinOf("classStamps", 1, kMostSets));
  rows->add(tr("Pads of each ink"), m_inkSets = spinOf("classPads", 1, kMostSets));
  m_makers->setValue(wish.makers), m_stampSets->setValue(wish.stampSets), m_inkSets->setValue(wish.inkSets);
  column->addWidget(rows);
  m_masksReady = new QCheckBox(tr("The teacher has the masks cut"));
  m_masksReady->setChecked(wish.masksReady);
  column->addWidget(m_masksReady);
  auto* print = drawnButton("act-print", tr("The sheet for the class"));
  print->setObjectName(QStringLiteral("printClass"));
  column->addWidget(print);
  m_classFacts = inkLabel({}, labelFont(), theme().ink, true);
  m_classFacts->setObjectName(QStringLiteral("classFacts"));
  column->addWidget(m_classFacts);
  connect(print, &QPushButton::clicked, this, &BatchPage::printClassRequested);
  const auto keep = [this] {
    ClassWish now = keptClassWish();
    now.makers = m_makers->value(), now.stampSets = m_stampSets->value(), now.inkSets = m_inkSets->value();
    now.masksReady = m_masksReady->isChecked();
    keepClassWish(now);
    stale();
  };
  for (QSpinBox* s : {m_makers, m_stampSets, m_inkSets}) connect(s, &QSpinBox::valueChanged, this, keep);
  connect(m_masksReady, &QCheckBox::clicked, this, keep);
  return part;
}

template <typename F>
void BatchPage::change(const QString& label, F how) {
  if (m_showing) return;
  Plan plan = m_session.plan();
  how(plan.making);
  m_session.edit(label, plan);
}

void BatchPage::stale() {
  m_stale = true, m_fresh = false;
  show();
  if (isVisible()) beginWork();
}

void BatchPage::showEvent(QShowEvent*) { beginWork(); }

void BatchPage::beginWork() {
  if (!m_stale) return;
  m_stale = false;
  m_job->run(
      [art = m_art, papers = m_drawer.papers(), goods = m_drawer.goods(), wish = keptClassWish()](
          const PlanState& state, const Progress& progress) {
        Work out;
        out.classFacts =
            classFacts(*state.plan, classPlan(*state.plan, state.analysis, wish, art.get(), progress));
        out.batch = lineOfWork(*state.plan, state.analysis, art.get(), progress);
        const UsualSize& a4 = usualCardSheets().front();
        const auto cuts = cutFromDrawer(*state.plan, papers,
                                        {std::string(a4.name), a4.width_mm, a4.height_mm, 1}, 0, progress);
        out.needs = needsOf(*state.plan, *state.analysis, cuts, papers, goods);
        return out;
      },
      [this](const PlanState&, Work work) {
        m_batch = std::move(work.batch), m_needs = std::move(work.needs);
        showText(m_classFacts, work.classFacts.join(u'\n'));
        m_fresh = true;
        Q_EMIT changed();
      });
}

void BatchPage::show() {
  m_showing = true;
  const Making& making = m_session.plan().making;
  m_cards->setValue(making.copies);
  m_rack->setValue(making.rack);
  m_rows->begin();
  for (size_t v = 0; v < making.variations.size(); ++v) showVariation(v);
  m_rows->end(false);
  m_showing = false;
  Q_EMIT changed();
}

void BatchPage::showVariation(size_t v) {
  const Variation& variation = m_session.plan().making.variations[v];
  m_rows->next(QStringLiteral("variation-%1").arg(v));
  auto* name = m_rows->cell<QLineEdit>([this, v] {
    auto* e = new QLineEdit;
    e->setObjectName(QStringLiteral("variationName-%1").arg(v));
    e->setPlaceholderText(tr("name"));
    e->setAccessibleName(tr("Name of the variation"));
    connect(e, &QLineEdit::editingFinished, this, [this, v, e] {
      if (v >= m_session.plan().making.variations.size()) return;
      change(tr("Name a variation"),
             [&](Making& m) { m.variations[v].name = e->text().trimmed().toStdString(); });
    });
    return e;
  });
  if (!name->hasFocus()) name->setText(QString::fromStdString(variation.name));
  auto* cards = m_rows->cell<QSpinBox>([this, v] {
    auto* s = spinOf("", 1, 9999);
    s->setObjectName(QStringLiteral("variationCards-%1").arg(v));
    s->setSuffix(tr(" cards"));
    s->setAccessibleName(tr("Cards of this variation"));
    connect(s, &QSpinBox::valueChanged, this, [this, v](int n) {
      if (v >= m_session.plan().making.variations.size()) return;
      change(tr("Cards of a variation"), [&](Making& m) { m.variations[v].copies = n; });
    });
    return s;
  });
  cards->setValue(variation.copies);
  m_rows->cell<QPushButton>([this, v] {
    auto* b = plainButton(tr("Take off"));
    b->setObjectName(QStringLiteral("variationOff-%1").arg(v));
    connect(b, &QPushButton::clicked, this, [this, v] {
      if (v >= m_session.plan().making.variations.size()) return;
      change(tr("Take a variation off"),
             [&](Making& m) { m.variations.erase(m.variations.begin() + static_cast<std::ptrdiff_t>(v)); });
    });
    return b;
  });
  for (size_t s = 0; s < variation.swaps.size(); ++s) showSwap(v, s);
  if (const std::string gone = unknownIn(m_session.plan(), variation); !gone.empty()) {
    m_rows->next(QStringLiteral("gone-%1").arg(v));
    m_rows->wide(3);
    m_rows->label(tr("“%1” is not on this card any more.").arg(QString::fromStdString(gone)), labelFont(),
                  theme().ochre, true);
  }
  m_rows->next(QStringLiteral("more-%1").arg(v));
  m_rows->wide(3);
  m_rows->cell<QPushButton>([this, v] {
    auto* b = plainButton(tr("Another thing on them too"));
    b->setObjectName(QStringLiteral("addSwap-%1").arg(v));
    connect(b, &QPushButton::clicked, this, [this, v] {
      const Plan& plan = m_session.plan();
      if (v >= plan.making.variations.size() || plan.impressions.empty()) return;
      change(tr("Change a variation"), [&](Making& m) {
        m.variations[v].swaps.push_back({plan.impressions.front().id, {}, {}, {}, {}});
      });
    });
    return b;
  });
}

void BatchPage::showSwap(size_t v, size_t s) {
  const Plan& plan = m_session.plan();
  const Swap& swap = plan.making.variations[v].swaps[s];
  const auto known = [this, v, s] {
    const auto& list = m_session.plan().making.variations;
    return v < list.size() && s < list[v].swaps.size();
  };
  const auto lettered = std::find_if(plan.lines.begin(), plan.lines.end(),
                                     [&](const HandLine& l) { return l.id == swap.impression; });
  m_rows->next(QStringLiteral("swap-%1-%2-%3").arg(v).arg(s).arg(lettered != plan.lines.end()));
  auto* place = m_rows->cell<QComboBox>([this, v, s, known] {
    auto* c = new QComboBox;
    c->setObjectName(QStringLiteral("swapOf-%1-%2").arg(v).arg(s));
    c->setAccessibleName(tr("Instead of"));
    c->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    c->setMinimumContentsLength(5);
    connect(c, &QComboBox::activated, this, [this, v, s, c, known] {
      if (!known()) return;
      change(tr("Change a variation"), [&](Making& m) {
        m.variations[v].swaps[s] = {c->currentData().toString().toStdString(), {}, {}, {}, {}};
      });
    });
    return c;
  });
  fillPlaces(place, plan);
  place->setCurrentIndex(place->findData(QString::fromStdString(swap.impression)));
  if (lettered != plan.lines.end()) {
    auto* words = m_rows->cell<QLineEdit>([this, v, s, known] {
      auto* e = new QLineEdit;
      e->setObjectName(QStringLiteral("swapText-%1-%2").arg(v).arg(s));
      e->setAccessibleName(tr("Write instead"));
      connect(e, &QLineEdit::editingFinished, this, [this, v, s, e, known] {
        if (!known()) return;
        change(tr("Other words"),
               [&](Making& m) { m.variations[v].swaps[s].text = e->text().trimmed().toStdString(); });
      });
      return e;
    });
    words->setPlaceholderText(QString::fromStdString(lettered->text));
    if (!words->hasFocus()) words->setText(QString::fromStdString(swap.text));
  } else {
    auto* stamp = m_rows->cell<QComboBox>([this, v, s, known] {
      auto* c = new QComboBox;
      c->setObjectName(QStringLiteral("swapStamp-%1-%2").arg(v).arg(s));
      c->setAccessibleName(tr("Stamp instead"));
      c->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
      c->setMinimumContentsLength(5);
      connect(c, &QComboBox::activated, this, [this, v, s, c, known] {
        if (!known()) return;
        const QString taken = c->currentData().toString();
        const std::string id = taken.mid(2).toStdString();
        if (taken.startsWith(QLatin1String("d:"))) {  // of the drawer: the plan takes it in
          const auto drawn = m_drawer.stamp(id);
          if (!drawn) return;
          PlanWithStamp held = withStamp(m_session.plan(), drawn->stamp);
          held.plan.making.variations[v].swaps[s].stamp = held.stamp;
          m_session.edit(tr("Another stamp on some cards"), held.plan);
          return;
        }
        change(tr("Another stamp on some cards"), [&](Making& m) {
          Swap& w = m.variations[v].swaps[s];
          (taken.startsWith(QLatin1String("i:")) ? w.ink : w.stamp) = id;
        });
      });
      return c;
    });
    stamp->clear();
    stamp->addItem(tr("another stamp or ink …"));
    for (const StampRef& one : plan.stamps)
      stamp->addItem(stampName(*one), QStringLiteral("s:") + QString::fromStdString(one->id));
    for (const Ink& ink : plan.inks)
      stamp->addItem(tr("in %1").arg(inkName(ink)), QStringLiteral("i:") + QString::fromStdString(ink.id));
    for (const DrawerCard& card : m_drawer.index().cards()) {
      const bool here = std::any_of(plan.stamps.begin(), plan.stamps.end(),
                                    [&](const StampRef& one) { return one->drawer == card.key; });
      if (!here)
        stamp->addItem(QString::fromStdString(card.name),
                       QStringLiteral("d:") + QString::fromStdString(card.key));
    }
    const QString now = !swap.stamp.empty() ? QStringLiteral("s:") + QString::fromStdString(swap.stamp)
                                            : QStringLiteral("i:") + QString::fromStdString(swap.ink);
    stamp->setCurrentIndex(std::max(0, stamp->findData(now)));
  }
  m_rows->cell<QPushButton>([this, v, s, known] {
    auto* b = plainButton(QStringLiteral("×"));
    b->setAccessibleName(tr("Leave this one as planned"));
    b->setObjectName(QStringLiteral("swapOff-%1-%2").arg(v).arg(s));
    connect(b, &QPushButton::clicked, this, [this, v, s, known] {
      if (!known()) return;
      change(tr("Leave it as planned"), [&](Making& m) {
        auto& swaps = m.variations[v].swaps;
        swaps.erase(swaps.begin() + static_cast<std::ptrdiff_t>(s));
      });
    });
    return b;
  });
}

void BatchPage::addVariation() {
  const Plan& plan = m_session.plan();
  if (plan.impressions.empty()) return;
  Variation fresh;
  fresh.copies = std::max(1, plan.making.copies / 2);
  // What is most often other: the words, else the hero.
  size_t first = 0;
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (plan.impressions[i].hero) first = i;
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (plan.stamp(plan.impressions[i].stamp)->role == Role::Greeting) first = i;
  fresh.swaps.push_back({plan.impressions[first].id, {}, {}, {}, {}});
  change(tr("Add a variation"), [&](Making& m) { m.variations.push_back(fresh); });
}

}  // namespace havlo
