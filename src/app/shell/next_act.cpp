#include "app/shell/next_act.h"

#include <algorithm>

#include "app/shell/status_line.h"
#include "core/focus/looks.h"
#include "core/plan/role_facts.h"
#include "io/wording/finding_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {

std::optional<NextAct> nextAct(const Workshop& w, const QString& here,
                               const std::optional<PlaceInTrouble>& trouble) {
  const QString scene = QStringLiteral("scene"), ink = QStringLiteral("ink"), order = QStringLiteral("order"),
                make = QStringLiteral("make");
  const bool apart = here == QLatin1String("begin") || here == QLatin1String("practice") || here == make ||
                     here == QLatin1String("log");
  if (apart || w.log.learnt().cards > 0 || w.making.bench()) return {};
  const Plan& plan = w.session.plan();
  const Analysis& a = *w.session.scene();
  if (plan.impressions.empty()) {
    if (here == QLatin1String("arrange")) return {};
    if (w.drawer.isOpen() && w.drawer.index().cards().empty() && plan.stamps.empty())
      return NextAct{tr("Next: stamp on plain paper what you have, and open a scan or photo of it."),
                     tr("Add stamps"),
                     QStringLiteral("drawer"),
                     {},
                     QStringLiteral("adding")};
    return NextAct{tr("Next: put a first thing on the card."), tr("Your stamps"), scene, {}};
  }
  const auto stands = [&](const Impression& i) { return factsOf(plan.stamp(i.stamp)->role).stands(); };
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const Impression& i = plan.impressions[k];
    if (plan.view && stands(i) && !plan.stamp(i.stamp)->realHeight)
      return NextAct{tr("Next: say how tall %1 is really. Then its size can be right.")
                         .arg(nameOf(plan, static_cast<int>(k))),
                     tr("Say it"), scene, QString::fromStdString(i.id)};
  }
  const auto count = std::count_if(plan.impressions.begin(), plan.impressions.end(), stands);
  if (count < 2)
    return NextAct{tr("Next: give it company, nearer and farther away."), tr("Add a stamp"), scene, {}};
  if (std::none_of(plan.impressions.begin(), plan.impressions.end(),
                   [](const Impression& i) { return i.hero; }))
    return NextAct{tr("Next: say which of them the card is about. Click it and make it the hero."),
                   tr("Choose it"),
                   scene,
                   {}};
  for (const Finding& f : a.findings)
    if (!f.known && f.level == Level::Fault)
      return NextAct{
          tr("Next: %1").arg(wordsOf(plan, a, f, w.session.units()).text), tr("Look at it"), scene, {}};
  if (plan.washes.empty())
    return NextAct{tr("Next: blend a sky or some ground behind them."),
                   tr("A background"),
                   ink,
                   {},
                   QStringLiteral("inkTab-1")};
  if (a.orderState.from == OrderState::From::Quick && here != order)
    return NextAct{
        tr("Next: see what is stamped when, and which masks to cut."), tr("Order & masks"), order, {}};
  if (trouble)
    return NextAct{
        tr("Next: see to %1: %2.").arg(trouble->title, trouble->words), tr("Look at it"), trouble->place, {}};
  return NextAct{tr("Next: make it. You are led step by step."), tr("Begin this card"), make, {}};
}

NextSteps::NextSteps(const Workshop& workshop, StatusLine* line, QObject* parent)
    : QObject(parent), m_workshop(workshop), m_line(line) {
  connect(line, &StatusLine::offerTaken, this, &NextSteps::take);
}

void NextSteps::refresh(const QString& here, const std::optional<PlaceInTrouble>& trouble) {
  m_next = nextAct(m_workshop, here, trouble);
  if (!m_next) return m_line->offer({}, {});
  // Here already, there is nothing to go to.
  const bool there = m_next->place == here && m_next->thing.isEmpty();
  m_line->offer(m_next->words, there ? QString() : m_next->act);
}

void NextSteps::take() {
  if (!m_next) return;
  const NextAct next = *m_next;
  Q_EMIT visitRequested(next.place, next.part);
  if (!next.thing.isEmpty()) m_workshop.session.select(next.thing);
}

}  // namespace havlo
