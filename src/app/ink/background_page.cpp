// The list and one form; everything typed or slid is an edit.
#include "app/ink/background_page.h"

#include <QComboBox>
#include <QMenu>
#include <QPainter>
#include <QPushButton>
#include <QSlider>
#include <algorithm>
#include <functional>

#include "app/common/choice_list.h"
#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/ink_tin.h"
#include "app/common/measure_edit.h"
#include "app/common/rolled.h"
#include "core/colour/colour.h"
#include "core/edit/wash_edits.h"
#include "core/edit/wash_ink.h"
#include "core/marks/stack.h"
#include "core/plan/wash_facts.h"
#include "core/wash/limit_shape.h"
#include "core/wash/stencil.h"
#include "core/wash/wash_area.h"
#include "io/art/shape_path.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

constexpr WashKind kKinds[] = {WashKind::Sky,       WashKind::Ground, WashKind::Water,
                               WashKind::Mist,      WashKind::Glow,   WashKind::Halo,
                               WashKind::DarkEdges, WashKind::Rays,   WashKind::Plain};
constexpr LimitKind kLimits[] = {LimitKind::Straight, LimitKind::Wavy,      LimitKind::Torn,
                                 LimitKind::Oval,     LimitKind::Rectangle, LimitKind::Circle,
                                 LimitKind::Arch,     LimitKind::Rays,      LimitKind::Stencil};
/// Stencils that are usual, with the size of one opening.
constexpr std::tuple<StencilPattern, double, const char*> kStencils[] = {
    {StencilPattern::Dots, 4, QT_TRANSLATE_NOOP("Havlo", "dots of 4 mm")},
    {StencilPattern::Dots, 8, QT_TRANSLATE_NOOP("Havlo", "dots of 8 mm")},
    {StencilPattern::Bricks, 12, QT_TRANSLATE_NOOP("Havlo", "bricks of 12 mm")},
    {StencilPattern::Stripes, 5, QT_TRANSLATE_NOOP("Havlo", "stripes of 5 mm")},
    {StencilPattern::Waves, 6, QT_TRANSLATE_NOOP("Havlo", "waves of 6 mm")}};
constexpr int kNewLimit = 1000;

QString fromName(WashFrom from) {
  switch (from) {
    case WashFrom::Top:
      return BackgroundPage::tr("the top");
    case WashFrom::Bottom:
      return BackgroundPage::tr("the bottom");
    case WashFrom::Left:
      return BackgroundPage::tr("the left");
    case WashFrom::Right:
      return BackgroundPage::tr("the right");
    case WashFrom::Centre:
      return BackgroundPage::tr("its centre");
    case WashFrom::Edges:
      return BackgroundPage::tr("its borders");
    case WashFrom::Middle:
      return BackgroundPage::tr("its middle line");
    case WashFrom::Limit:
      break;
  }
  return BackgroundPage::tr("its edge or opening");
}

/// The limit a wash may start from; empty: none.
/// Where a wash of its kind goes beside new paper.
LimitSide usualSide(const Wash& w, const WashLimit& limit) {
  const bool sky = w.kind != WashKind::Ground && w.kind != WashKind::Water;
  if (limit.isEdge()) return sky ? LimitSide::Above : LimitSide::Below;
  return w.kind == WashKind::Halo || w.kind == WashKind::Glow ? LimitSide::Outside : LimitSide::Inside;
}

std::string firstLimit(const Wash& w) { return w.bound() ? w.bound()->id : std::string(); }

QSlider* percentSlider(const char* name) {
  auto* s = new QSlider(Qt::Horizontal);
  s->setRange(0, 100);
  s->setPageStep(5);
  s->setObjectName(QLatin1String(name));
  return s;
}

}  // namespace

BackgroundPage::BackgroundPage(PlanSession& session, OwnedInks owned, QWidget* parent)
    : QWidget(parent), m_session(session), m_owned(std::move(owned)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  m_order = inkLabel({}, labelFont(), theme().soft, true);
  column->addWidget(m_order);
  m_list = new ChoiceList;
  m_list->setObjectName(QStringLiteral("washes"));
  m_list->setAccessibleName(tr("The washes, in the order they are blended"));
  m_list->setMaximumHeight(qRound(150 * textScale()));
  m_list->setSizeAdjustPolicy(QAbstractScrollArea::AdjustToContents);
  m_list->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Maximum);
  column->addWidget(m_list);
  column->addLayout(buildActs());
  m_empty = inkLabel(tr("A background is blended round what is masked, before, between or after the "
                        "stampings: a sky, a ground, a glow. Add "
                        "one; then drag its borders on the card."),
                     bodyFont(), theme().soft, true);
  column->addWidget(m_empty);
  // The first one by one press.
  m_firsts = new QWidget;
  auto* firsts = new QHBoxLayout(m_firsts);
  firsts->setContentsMargins(0, 4, 0, 0);
  const std::pair<WashKind, QString> kinds[] = {
      {WashKind::Sky, tr("A sky")}, {WashKind::Ground, tr("Some ground")}, {WashKind::Water, tr("Water")}};
  for (const auto& [kind, text] : kinds) {
    auto* b = new QPushButton(text);
    b->setObjectName(QStringLiteral("first-%1").arg(static_cast<int>(kind)));
    connect(b, &QPushButton::clicked, this, [this, k = kind] { addWash(k); });
    firsts->addWidget(b);
  }
  firsts->addStretch(1);
  column->addWidget(m_firsts);

  buildRows();
  auto* inside = new QWidget;
  auto* body = new QVBoxLayout(inside);
  body->setContentsMargins(0, 0, 4, 0);
  body->addWidget(m_rows);
  body->addStretch(1);
  column->addWidget(rolled(inside), 1);

  connectWash();
  connectLimit();
  connectDepth();
  for (MeasureEdit* e : {m_wave, m_length, m_larger})
    connect(e, &MeasureEdit::trouble, &session, &PlanSession::trouble);
  connect(&session, &PlanSession::planChanged, this, &BackgroundPage::refresh);
  connect(&session, &PlanSession::unitsChanged, this, &BackgroundPage::refresh);
  refresh();
}

QLayout* BackgroundPage::buildActs() {
  auto* acts = new QHBoxLayout;
  auto* add = drawnButton("do-wash", tr("Add a wash"));
  add->setObjectName(QStringLiteral("addWash"));
  auto* menu = new QMenu(add);
  for (const WashKind kind : kKinds)
    menu->addAction(capital(kindName(kind)), this, [this, kind] { addWash(kind); })
        ->setObjectName(QStringLiteral("wash-%1").arg(static_cast<int>(kind)));
  menu->addSeparator();
  menu->addAction(tr("Sky in three steps: 3/4, 1/2, 1/4"), this, &BackgroundPage::addSteppedSky);
  add->setProperty("opens", true);
  add->setMenu(menu);
  acts->addWidget(add);
  m_remove = plainButton(tr("Leave it out"));
  m_remove->setObjectName(QStringLiteral("removeWash"));
  acts->addWidget(m_remove);
  acts->addStretch(1);
  return acts;
}

void BackgroundPage::buildRows() {
  m_rows = new FormRows;
  m_rows->setObjectName(QStringLiteral("washForm"));
  m_ink = new QComboBox;
  m_ink->setObjectName(QStringLiteral("washInk"));
  m_from = new QComboBox;
  m_from->setObjectName(QStringLiteral("washFrom"));
  m_reach = percentSlider("washReach");
  m_strength = percentSlider("washStrength");
  m_reachSays = inkLabel({}, labelFont(), theme().soft);
  m_strengthSays = inkLabel({}, labelFont(), theme().soft);
  m_limit = new QComboBox;
  m_limit->setObjectName(QStringLiteral("washLimit"));
  m_side = new QComboBox;
  m_side->setObjectName(QStringLiteral("washSide"));
  m_over = plainButton({});
  m_over->setObjectName(QStringLiteral("washOver"));
  m_over->setProperty("opens", true);
  m_over->setMenu(new QMenu(m_over));
  m_rows->add(tr("Ink"), m_ink);
  m_rows->add(tr("Fullest at"), m_from);
  m_rows->add(tr("Reaches"), m_reach, m_reachSays);
  m_rows->add(tr("Strength"), m_strength, m_strengthSays);
  m_soft = new MeasureEdit(tr("Over how much it fades outside its area"));
  m_soft->setObjectName(QStringLiteral("washSoft"));
  m_depth = new QComboBox;
  m_depth->setObjectName(QStringLiteral("washDepth"));
  m_way = new QComboBox;
  m_way->setObjectName(QStringLiteral("washWay"));
  for (const WashWay way : {WashWay::Blend, WashWay::Brush, WashWay::Marker, WashWay::Dab, WashWay::Spray,
                            WashWay::Paste, WashWay::Relief})
    m_way->addItem(wayName(way), static_cast<int>(way));
  m_also = new QComboBox;
  m_also->setObjectName(QStringLiteral("washAlso"));
  m_rows->add(tr("Put on with"), m_way);
  m_rows->add(tr("Fades over"), m_soft);
  m_rows->add(tr("Lies"), m_depth);
  m_rows->add(tr("Bounded by"), m_limit);
  m_rows->add(tr("On the side"), m_side);
  m_rows->add(tr("And by"), m_also);
  m_pattern = new QComboBox;
  m_pattern->setObjectName(QStringLiteral("stencilPattern"));
  m_pattern->addItem(tr("as it is"));
  for (const auto& [pattern, size, words] : kStencils) m_pattern->addItem(havlo::tr(words));
  m_rows->add(tr("Stencil"), m_pattern);
  connect(m_pattern, &QComboBox::activated, this, [this](int k) {
    const Wash* w = chosen();
    const WashLimit* l = w ? m_session.plan().limit(firstLimit(*w)) : nullptr;
    if (k < 1 || !l || l->kind != LimitKind::Stencil) return;
    const auto& [pattern, size, words] = kStencils[ix(k - 1)];
    WashLimit next = *l;
    const Box panel = m_session.plan().card.panel.box();
    next.shape = stencilPattern(pattern, panel.grown(-0.1 * std::min(panel.width(), panel.height())), size);
    next.opening = boxOf(next.shape);
    edit(tr("Stencil: %1").arg(m_pattern->currentText()), withLimit(m_session.plan(), next));
  });
  m_wave = new MeasureEdit(tr("Height of the waves"));
  m_length = new MeasureEdit(tr("Length of a wave"));
  m_larger = new MeasureEdit(tr("Larger than what it holds by"));
  m_tear = plainButton(tr("Tear it anew"));
  m_hold = plainButton(tr("Fit it round the hero"));
  m_hold->setObjectName(QStringLiteral("holdHero"));
  m_rows->add(tr("Waves, high"), m_wave);
  m_rows->add(tr("Waves, long"), m_length);
  m_rows->add(tr("Larger by"), m_larger);
  m_rows->addPair(m_hold, m_tear);
  m_rows->addWide(m_limitSays = inkLabel({}, labelFont(), theme().soft, true));
  m_rows->add(tr("May colour"), m_over);
}

void BackgroundPage::connectWash() {
  connect(m_list, &ChoiceList::currentRowChanged, this, [this] {
    if (m_filling) return;
    refresh();
    Q_EMIT washChosen(wash());
  });
  connect(m_remove, &QPushButton::clicked, this, [this] {
    if (const Wash* w = chosen())
      edit(tr("Leave %1 out").arg(washName(*w)), withoutWash(m_session.plan(), w->id));
  });
  connect(m_ink, &QComboBox::activated, this, [this](int k) {
    if (const Wash* w = chosen())
      edit(tr("Blend %1 in %2").arg(washName(*w), m_ink->itemText(k)),
           withWashInk(m_session.plan(), w->id, m_ink->itemData(k).toString().toStdString()));
  });
  connect(m_from, &QComboBox::activated, this, [this](int k) {
    if (const Wash* w = chosen())
      edit(tr("Begin %1 at %2").arg(washName(*w), m_from->itemText(k)),
           withWashFrom(m_session.plan(), w->id, static_cast<WashFrom>(m_from->itemData(k).toInt())));
  });
  connect(m_reach, &QSlider::valueChanged, this, [this](int v) {
    const Wash* w = chosen();
    if (w && !m_filling)
      edit(tr("Reach of %1").arg(washName(*w)), withWashReach(m_session.plan(), w->id, v / 100.0), "reach");
  });
  connect(m_strength, &QSlider::valueChanged, this, [this](int v) {
    const Wash* w = chosen();
    if (w && !m_filling)
      edit(tr("Strength of %1").arg(washName(*w)), withWashStrength(m_session.plan(), w->id, v / 100.0),
           "strength");
  });
}

void BackgroundPage::connectLimit() {
  connect(m_limit, &QComboBox::activated, this, [this](int k) {
    const Wash* w = chosen();
    if (!w) return;
    const QVariant choice = m_limit->itemData(k);
    if (choice.typeId() == QMetaType::Int) return bind(static_cast<LimitKind>(choice.toInt() - kNewLimit));
    const std::string id = choice.toString().toStdString();
    const WashLimit* limit = m_session.plan().limit(id);
    const LimitSide side = !limit || limit->isEdge() ? LimitSide::Above : LimitSide::Inside;
    edit(limit ? tr("Bound %1 by %2").arg(washName(*w), limitName(*limit)) : tr("Free %1").arg(washName(*w)),
         boundBy(m_session.plan(), w->id, id, side));
  });
  connect(m_side, &QComboBox::activated, this, [this](int k) {
    if (const Wash* w = chosen())
      edit(tr("Blend %1 %2").arg(washName(*w), m_side->itemText(k)),
           alsoBoundBy(m_session.plan(), w->id, firstLimit(*w),
                       static_cast<LimitSide>(m_side->itemData(k).toInt())));
  });
  connect(m_wave, &MeasureEdit::changed, this, [this](double mm) {
    changeLimit(tr("Waves of the edge"), [mm](WashLimit& l) { l.wave_mm = std::max(0.0, mm); });
  });
  connect(m_length, &MeasureEdit::changed, this, [this](double mm) {
    changeLimit(tr("Length of the waves"), [mm](WashLimit& l) { l.length_mm = std::max(1.0, mm); });
  });
  connect(m_tear, &QPushButton::clicked, this,
          [this] { changeLimit(tr("Tear the edge anew"), [](WashLimit& l) { ++l.seed; }); });
  connect(m_hold, &QPushButton::clicked, this, [this] {
    const Wash* w = chosen();
    const WashLimit* l = w ? m_session.plan().limit(firstLimit(*w)) : nullptr;
    if (l) fit(l->larger_mm > 0 ? l->larger_mm : 5);
  });
  connect(m_larger, &MeasureEdit::changed, this, &BackgroundPage::fit);
}

void BackgroundPage::fit(double larger) {
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.analysis();
  changeLimit(tr("Fit the opening"), [&](WashLimit& l) {
    l.larger_mm = std::max(0.0, larger);
    if (l.holds.empty())
      for (const Impression& i : plan.impressions)
        if (i.hero) l.holds.push_back(i.id);
    Box held;
    for (const std::string& id : l.holds)
      if (const int i = plan.indexOf(id); i >= 0) {
        const Box b = a.meetings.placed[ix(i)]->box;
        held.include({b.left, b.bottom}), held.include({b.right, b.top});
      }
    l.opening = fitted(l, held);
  });
}

const Wash* BackgroundPage::chosen() const {
  const std::string id = wash().toStdString();
  for (const Wash& w : m_session.plan().washes)
    if (w.id == id) return &w;
  return nullptr;
}

QString BackgroundPage::wash() const { return m_list->currentKey(); }

void BackgroundPage::choose(const QString& id) { m_list->choose(id); }

void BackgroundPage::edit(const QString& label, const Result<Plan>& result, const char* key) {
  const QString merge = *key ? QStringLiteral("wash:%1:%2").arg(QLatin1String(key), wash()) : QString();
  m_session.edit(label, result, merge);
}

void BackgroundPage::changeLimit(const QString& label, const std::function<void(WashLimit&)>& change,
                                 const char* key) {
  const Wash* w = chosen();
  const WashLimit* limit = w ? m_session.plan().limit(firstLimit(*w)) : nullptr;
  if (!limit) return;
  WashLimit l = *limit;
  change(l);
  edit(label, withLimit(m_session.plan(), l), key);
}

void BackgroundPage::addWash(WashKind kind) {
  const PlanWithInk ready = withInkFor(m_session.plan(), kind, m_owned());
  const auto made = withNewWash(ready.plan, kind, ready.ink);
  const QString id = made ? QString::fromStdString(made.value().washes.back().id) : QString();
  m_session.edit(tr("Add %1").arg(kindName(kind)), made);
  choose(id);
}

void BackgroundPage::addSteppedSky() {
  const Plan& plan = m_session.plan();
  std::vector<const Ink*> inks;
  for (const Ink& ink : plan.inks)
    if (ink.kind != InkKind::Embossing) inks.push_back(&ink);
  std::stable_sort(inks.begin(), inks.end(), [](const Ink* p, const Ink* q) {
    return lightnessOf(p->colour) > lightnessOf(q->colour);
  });
  if (inks.size() > 3) inks.resize(3);
  if (inks.empty()) return addWash(WashKind::Sky);
  const double usual[] = {0.75, 0.5, 0.25};
  std::vector<std::string> ids;
  std::vector<double> reaches;
  for (size_t k = 0; k < inks.size(); ++k) ids.push_back(inks[k]->id), reaches.push_back(usual[k]);
  m_session.edit(tr("A sky in steps"), withSteppedWash(plan, WashKind::Sky, ids, reaches));
  if (!m_session.plan().washes.empty()) choose(QString::fromStdString(m_session.plan().washes.back().id));
}

void BackgroundPage::bind(LimitKind kind) {
  const Wash* w = chosen();
  if (!w) return;
  std::string id;
  const Plan made = withNewLimit(m_session.plan(), kind, &id);
  auto bound = boundBy(made, w->id, id, usualSide(*w, *made.limit(id)));
  if (bound && (w->kind == WashKind::Halo || w->kind == WashKind::Rays || w->kind == WashKind::Mist))
    bound = withWashFrom(bound.value(), w->id, WashFrom::Limit);
  edit(tr("Bound %1 by a new %2").arg(washName(*w), kindName(kind)), bound);
}

void BackgroundPage::fillOver() {
  const Wash* w = chosen();
  QMenu* menu = m_over->menu();
  menu->clear();
  if (!w) return;
  const auto& a = *m_session.analysis();
  size_t index = 0;
  for (size_t k = 0; k < m_session.plan().washes.size(); ++k)
    if (&m_session.plan().washes[k] == w) index = k;
  int met = 0, over = 0;
  // What lies behind a wash takes its colour: that is no question.
  const auto mayBeKept = [&](size_t i) {
    return a.washes.of(static_cast<int>(index), static_cast<int>(i)).touches &&
           a.stack.nearer(static_cast<int>(i), static_cast<int>(index));
  };
  std::vector<std::string> others;  // all that it meets but the hero
  bool hero = false;
  for (size_t i = 0; i < m_session.plan().impressions.size(); ++i)
    if (mayBeKept(i)) {
      hero = hero || m_session.plan().impressions[i].hero;
      if (!m_session.plan().impressions[i].hero) others.push_back(m_session.plan().impressions[i].id);
    }
  if (others.size() > 1) {
    const auto all = [&](const QString& text, bool on) {
      connect(menu->addAction(text), &QAction::triggered, this, [this, text, others, wash = w->id, on] {
        Result<Plan> plan = m_session.plan();
        for (const std::string& id : others)
          if (plan) plan = washedOver(plan.value(), wash, id, on);
        edit(text, plan);
      });
    };
    all(hero ? tr("Let it colour all but the hero") : tr("Let it colour all"), true);
    all(tr("Keep all clean"), false);
    menu->addSeparator();
  }
  for (size_t i = 0; i < m_session.plan().impressions.size(); ++i) {
    if (!mayBeKept(i)) continue;
    ++met;
    const std::string& id = m_session.plan().impressions[i].id;
    const bool may = std::find(w->lets.begin(), w->lets.end(), id) != w->lets.end();
    over += may;
    QAction* act = menu->addAction(labelOf(m_session.plan(), static_cast<int>(i)));
    act->setCheckable(true);
    act->setChecked(may);
    connect(act, &QAction::toggled, this,
            [this, id, wash = w->id, name = nameOf(m_session.plan(), static_cast<int>(i))](bool on) {
              edit(on ? tr("Let it colour %1").arg(name) : tr("Keep %1 clean").arg(name),
                   washedOver(m_session.plan(), wash, id, on));
            });
  }
  m_over->setEnabled(met > 0);
  m_over->setText(met == 0 ? tr("nothing lies before it") : tr("%1 of %2 before it").arg(over).arg(met));
}

void BackgroundPage::refresh() {
  if (m_filling) return;
  m_filling = true;
  const Plan& plan = m_session.plan();
  std::vector<ChoiceRow> rows;
  for (int act : m_session.analysis()->acts) {
    const int w = act - static_cast<int>(plan.impressions.size());
    if (w < 0 || act >= firstHandAct(plan)) continue;
    const Wash& one = plan.washes[ix(w)];
    const Ink& ink = *plan.ink(one.ink);
    rows.push_back({QString::fromStdString(one.id),
                    capital(washName(one)) + QStringLiteral(", ") + inkName(ink), padIcon(ink.colour),
                    qint64(ink.colour.red) << 16 | qint64(ink.colour.green) << 8 | qint64(ink.colour.blue)});
  }
  m_list->setRows(std::move(rows));
  m_order->setText(plan.washes.size() > 1 ? tr("Blended in this order.") : QString());
  m_order->setVisible(plan.washes.size() > 1);
  const Wash* w = chosen();
  m_empty->setVisible(plan.washes.empty());
  m_firsts->setVisible(plan.washes.empty());
  m_list->setVisible(!plan.washes.empty());
  m_rows->setVisible(w != nullptr);
  m_remove->setVisible(w != nullptr);
  if (w) {
    m_ink->clear();
    for (const Ink& ink : plan.inks)
      m_ink->addItem(padIcon(ink.colour), inkName(ink), QString::fromStdString(ink.id));
    m_ink->setCurrentIndex(m_ink->findData(QString::fromStdString(w->ink)));
    m_from->clear();
    for (const WashFrom f : {WashFrom::Top, WashFrom::Bottom, WashFrom::Left, WashFrom::Right,
                             WashFrom::Centre, WashFrom::Edges, WashFrom::Middle})
      m_from->addItem(fromName(f), static_cast<int>(f));
    if (w->bound()) m_from->addItem(fromName(WashFrom::Limit), static_cast<int>(WashFrom::Limit));
    m_from->setCurrentIndex(m_from->findData(static_cast<int>(w->from)));
    m_reach->setValue(qRound(100 * w->reach));
    m_strength->setValue(qRound(100 * w->strength));
    m_reachSays->setText(tr("%1 %").arg(qRound(100 * w->reach)));
    m_strengthSays->setText(tr("%1 %").arg(qRound(100 * w->strength)));
    m_limit->clear();
    m_limit->addItem(tr("nothing"), QString());
    for (const WashLimit& l : plan.limits)
      m_limit->addItem(capital(limitName(l)) + QStringLiteral(" (") + QString::fromStdString(l.id) + u')',
                       QString::fromStdString(l.id));
    for (const LimitKind k : kLimits)
      m_limit->addItem(tr("a new %1").arg(kindName(k)), kNewLimit + static_cast<int>(k));
    m_limit->setCurrentIndex(std::max(0, m_limit->findData(QString::fromStdString(firstLimit(*w)))));
    const WashLimit* l = plan.limit(firstLimit(*w));
    m_rows->setRowVisible(m_side, l != nullptr);
    m_side->clear();
    if (l && l->isEdge()) {
      m_side->addItem(tr("above it"), static_cast<int>(LimitSide::Above));
      m_side->addItem(tr("below it"), static_cast<int>(LimitSide::Below));
    } else {
      m_side->addItem(tr("inside it"), static_cast<int>(LimitSide::Inside));
      m_side->addItem(tr("outside it"), static_cast<int>(LimitSide::Outside));
    }
    m_side->setCurrentIndex(
        std::max(0, m_side->findData(static_cast<int>(w->bound() ? w->bound()->side : LimitSide::Above))));
    const bool waves = l && (l->kind == LimitKind::Wavy || l->kind == LimitKind::Torn);
    const bool stencil = l && l->kind == LimitKind::Stencil;
    const bool frame = l && !l->isEdge() && l->kind != LimitKind::Rays && !stencil;
    m_rows->setRowVisible(m_pattern, stencil);
    m_pattern->setCurrentIndex(0);
    m_rows->setRowVisible(m_wave, waves);
    m_rows->setRowVisible(m_length, waves);
    m_rows->setRowVisible(m_larger, frame);
    m_hold->setVisible(frame);
    m_tear->setVisible(l && l->kind == LimitKind::Torn);
    for (MeasureEdit* e : {m_wave, m_length, m_larger}) e->setUnits(m_session.units());
    if (waves) m_wave->setMeasure(l->wave_mm), m_length->setMeasure(l->length_mm);
    if (frame) m_larger->setMeasure(l->larger_mm);
    m_limitSays->setVisible(l != nullptr);
    if (l)
      m_limitSays->setText(
          !wantsCutting(*l)            ? tr("A strip of tape does for a straight edge.")
          : l->kind == LimitKind::Torn ? tr("Torn once; its two pieces serve the two sides.")
          : stencil                    ? tr("Bought, or cut from film; it is washed at once and used again.")
          : l->isEdge() ? tr("Cut once; turned round it serves the other side. It is on the mask sheet.")
                        : tr("Cut once; what comes out covers the inside. It is on the mask sheet."));
  }
  if (w) {
    m_way->setCurrentIndex(m_way->findData(static_cast<int>(w->way)));
    // Paste and relief are the same all over and end at their stencil.
    const bool raised = isRaised(w->way);
    for (QWidget* row : std::initializer_list<QWidget*>{m_from, m_reach, m_soft})
      m_rows->setRowVisible(row, !raised);
    m_reachSays->setVisible(!raised);
    m_soft->setUnits(m_session.units());
    m_soft->setMeasure(w->softness_mm);
    fillDepth(*w);
    fillAlso(*w);
  }
  fillOver();
  m_filling = false;
}

void BackgroundPage::fillDepth(const Wash& w) {
  const Plan& plan = m_session.plan();
  const auto entry = [&](const QString& text, const WashDepth& depth) {
    m_depth->addItem(text, static_cast<int>(m_depths.size()));
    if (depth == w.depth) m_depth->setCurrentIndex(m_depth->count() - 1);
    m_depths.push_back(depth);
  };
  m_depth->clear();
  m_depths.clear();
  Wash usual = w;
  usual.depth = UsualDepth{};
  entry(tr("as usual: %1").arg(depthName(plan, depthOf(plan, usual))), UsualDepth{});
  for (const WashLayer layer : {WashLayer::Far, WashLayer::Ground, WashLayer::Near})
    entry(depthName(plan, layer), layer);
  if (const auto* at = std::get_if<AtMetres>(&w.depth)) entry(depthName(plan, *at), *at);
  // Between two things of the scene: the far ones first, as one goes into the picture.
  const auto& line = m_session.analysis()->knots.frontToBack;
  for (auto it = line.rbegin(); it != line.rend(); ++it)
    for (const bool behind : {true, false}) {
      const BesideThing by{plan.impressions[ix(*it)].id, behind};
      entry(depthName(plan, by), by);
    }
}

/// Paper besides what bounds it already: of the plan, or new.
void BackgroundPage::bindToo(const Wash& w, int item) {
  const QStringList choice = m_also->itemData(item).toStringList();
  Result<Plan> out = m_session.plan();
  const std::string wash = w.id;
  for (size_t l = 1; l < w.limits.size() && out; ++l) out = unboundFrom(out.value(), wash, w.limits[l].id);
  if (out && choice.size() == 2) {
    out = alsoBoundBy(out.value(), wash, choice[0].toStdString(), static_cast<LimitSide>(choice[1].toInt()));
  } else if (out && choice.size() == 1) {
    std::string id;
    const Plan made = withNewLimit(out.value(), static_cast<LimitKind>(choice[0].toInt()), &id);
    out = alsoBoundBy(made, wash, id, usualSide(w, *made.limit(id)));
  }
  edit(tr("Bound %1 by more").arg(washName(w)), out);
}

void BackgroundPage::fillAlso(const Wash& w) {
  const Plan& plan = m_session.plan();
  m_also->clear();
  m_also->addItem(tr("nothing more"), QStringList());
  for (const WashLimit& l : plan.limits) {
    if (l.id == firstLimit(w)) continue;
    const auto sides = l.isEdge() ? std::pair{LimitSide::Above, LimitSide::Below}
                                  : std::pair{LimitSide::Inside, LimitSide::Outside};
    for (const LimitSide side : {sides.first, sides.second}) {
      m_also->addItem(tr("%1, %2").arg(capital(limitName(l)), sideName(side)),
                      QStringList{QString::fromStdString(l.id), QString::number(static_cast<int>(side))});
      if (w.limits.size() > 1 && w.limits[1].id == l.id && w.limits[1].side == side)
        m_also->setCurrentIndex(m_also->count() - 1);
    }
  }
  for (const LimitKind k : kLimits)
    m_also->addItem(tr("a new %1").arg(kindName(k)), QStringList{QString::number(static_cast<int>(k))});
  m_rows->setRowVisible(m_also, w.bound() != nullptr);
}

void BackgroundPage::connectDepth() {
  connect(m_depth, &QComboBox::activated, this, [this](int k) {
    if (const Wash* w = chosen())
      edit(tr("Lay %1 %2").arg(washName(*w), depthName(m_session.plan(), m_depths[ix(k)])),
           withWashDepth(m_session.plan(), w->id, m_depths[ix(k)]));
  });
  connect(m_way, &QComboBox::activated, this, [this](int k) {
    if (const Wash* w = chosen())
      edit(tr("Put %1 on with %2").arg(washName(*w), m_way->itemText(k)),
           withWashWay(m_session.plan(), w->id, static_cast<WashWay>(m_way->itemData(k).toInt())));
  });
  connect(m_soft, &MeasureEdit::changed, this, [this](double mm) {
    if (const Wash* w = chosen())
      edit(tr("Let %1 fade").arg(washName(*w)), withWashSoftness(m_session.plan(), w->id, std::max(0.0, mm)));
  });
  connect(m_also, &QComboBox::activated, this, [this](int k) {
    if (const Wash* w = chosen()) bindToo(*w, k);
  });
  connect(m_soft, &MeasureEdit::trouble, &m_session, &PlanSession::trouble);
}

}  // namespace havlo
