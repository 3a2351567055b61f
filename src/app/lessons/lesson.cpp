#include "app/lessons/lesson.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <set>

#include "core/edit/edits.h"
#include "core/edit/put_on.h"
#include "core/focus/looks.h"
#include "core/plan/role_facts.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

/// A card with the demo's paper, inks, stamps and viewpoint, and nothing on it.
Plan bare(const Plan& demo, const QString& title) {
  Plan plan;
  plan.title = title.toStdString();
  plan.card = demo.card;
  plan.card.tape_mm = 0;
  plan.view = demo.view;
  if (plan.view) plan.view->visibility_m.reset();
  plan.inks = demo.inks;
  plan.stamps = demo.stamps;
  plan.supplies = demo.supplies;
  return plan;
}

Plan with(const Plan& plan, const char* stamp) {
  const StampRef s = plan.stamp(stamp);
  auto put = withNewImpression(plan, stamp, goodSpot(plan, *s));
  return put ? std::move(put).value() : plan;
}

std::vector<int> standing(const Plan& plan) {
  std::vector<int> out;
  for (size_t k = 0; k < plan.impressions.size(); ++k)
    if (factsOf(plan.stamp(plan.impressions[k].stamp)->role).stands()) out.push_back(static_cast<int>(k));
  return out;
}

/// Nearest and farthest of what stands, metres.
std::pair<double, double> reach(const LessonView& v) {
  double near = 1e9, far = 0;
  for (int i : standing(v.session.plan())) {
    const double d = v.session.analysis()->depth->distance_m(i);
    if (std::isfinite(d)) near = std::min(near, d), far = std::max(far, d);
  }
  return {near, far};
}

int heroOf(const Plan& plan) {
  for (size_t k = 0; k < plan.impressions.size(); ++k)
    if (plan.impressions[k].hero) return static_cast<int>(k);
  return -1;
}

bool hasWash(const Plan& plan, WashKind kind) {
  return std::any_of(plan.washes.begin(), plan.washes.end(), [&](const Wash& w) { return w.kind == kind; });
}

bool isPoplar(const Plan& plan, const Impression& i) {
  return plan.stamp(i.stamp)->id.rfind("poplar", 0) == 0;
}

std::vector<int> poplars(const Plan& plan) {
  std::vector<int> out;
  for (size_t k = 0; k < plan.impressions.size(); ++k)
    if (isPoplar(plan, plan.impressions[k])) out.push_back(static_cast<int>(k));
  return out;
}

const QString kScene = QStringLiteral("scene"), kInk = QStringLiteral("ink"),
              kOrder = QStringLiteral("order"), kMake = QStringLiteral("make"),
              kBackground = QStringLiteral("inkTab-1");

LessonStep seeOrder() {
  return {tr("Open Order & masks and wait until the card is proven."),
          tr("Every step is stamped on simulated paper. What comes first is in front; what lies behind is "
             "stamped "
             "later, over masks."),
          kOrder,
          {},
          [](const LessonView& v) {
            return v.here == kOrder && v.session.analysis()->orderState.from != OrderState::From::Quick;
          }};
}

Lesson firstCard() {
  Lesson l;
  l.id = QStringLiteral("lessonFirst"), l.title = tr("My first card");
  l.begin = [title = l.title](const Plan& demo) { return bare(demo, title); };
  l.steps = {
      {tr("Put the hare on the card: click it among the stamps at the left."),
       tr("It comes to where its size is right: a stamp has one size, so its place says how far away it is."),
       kScene,
       {},
       [](const LessonView& v) {
         const Plan& p = v.session.plan();
         return std::any_of(p.impressions.begin(), p.impressions.end(),
                            [](const Impression& i) { return i.stamp == "hare"; });
       }},
      {tr("Give it company farther away: press Add a stamp and take the lock cottage or a poplar."),
       tr("Depth needs near and far. What is far stands higher on the card, nearer to the horizon."),
       kScene,
       {},
       [](const LessonView& v) {
         const auto [near, far] = reach(v);
         return standing(v.session.plan()).size() >= 2 && far > 3 * near;
       }},
      {tr("Click the hare on the card and make it the hero."),
       tr("One thing is meant to be seen first. Havlo then watches that nothing draws the eye away from it."),
       kScene,
       {},
       [](const LessonView& v) { return heroOf(v.session.plan()) >= 0; }},
      {tr("Under Ink & light, Background, press A sky."),
       tr("A sky is blended round masks, before or after what is stamped. Its borders can be dragged on the "
          "card."),
       kInk, kBackground, [](const LessonView& v) { return hasWash(v.session.plan(), WashKind::Sky); }},
      seeOrder(),
      {tr("Go to Make and press Begin this card."),
       tr("At the table one step is shown at a time. The space bar goes on, Back goes back, nothing is "
          "lost."),
       kMake,
       {},
       [](const LessonView& v) { return v.making.bench().has_value(); }}};
  l.end =
      tr("That is a whole card: near and far, one hero, a sky, and the order to stamp it in. Make it on "
         "paper, or "
         "leave it for now; it is kept.");
  return l;
}

Lesson crowd() {
  Lesson l;
  l.id = QStringLiteral("lessonCrowd"), l.title = tr("A crowd");
  l.begin = [title = l.title](const Plan& demo) { return with(bare(demo, title), "hare"); };
  l.steps = {
      {tr("Open A crowd: in the menu Thing, or Ctrl+Shift+C."),
       tr("Each of a crowd stands where its size is right, and none is like its neighbour."),
       kScene,
       {},
       [](const LessonView& v) { return v.session.plan().impressions.size() > 4 || v.session.drafting(); }},
      {tr("Choose the stamps, eight or more of them, and put the crowd on the card."),
       tr("More stamps make fewer twins. Draw lots again makes another crowd of them."),
       kScene,
       {},
       [](const LessonView& v) { return standing(v.session.plan()).size() >= 8; }},
      {tr("Choose one thing by a click on the card, and make it the hero."),
       tr("In a crowd of equals nothing is seen first. Somebody must be different."),
       kScene,
       {},
       [](const LessonView& v) { return heroOf(v.session.plan()) >= 0; }},
      {tr("Give the hero an ink that nothing else has."),
       tr("What is alone of its colour is found at once, however many there are."),
       kScene,
       {},
       [](const LessonView& v) {
         const Plan& p = v.session.plan();
         const int hero = heroOf(p);
         if (hero < 0) return false;
         int same = 0;
         for (const Impression& i : p.impressions) same += i.ink == p.impressions[ix(hero)].ink;
         return same == 1;
       }},
      seeOrder()};
  l.end =
      tr("A crowd takes many masks, each laid often. Under What if you see what it costs with fewer of them, "
         "and "
         "under Schools what printing straight over would save.");
  return l;
}

Lesson mistyRow() {
  Lesson l;
  l.id = QStringLiteral("lessonMist"), l.title = tr("A misty row");
  l.begin = [title = l.title](const Plan& demo) { return with(bare(demo, title), "poplar-tall"); };
  l.steps = {
      {tr("Click the poplar on the card and press Make a row."),
       tr("A row runs away from you: equal steps on the ground become shorter and shorter on paper."),
       kScene,
       {},
       [](const LessonView& v) { return v.session.drafting() || poplars(v.session.plan()).size() >= 3; }},
      {tr("Ask for three or more, tick Paler with distance, and put the row on the card."),
       tr("Each takes the size that fits its place. Pressed again without fresh ink a stamp prints paler."),
       kScene,
       {},
       [](const LessonView& v) {
         const Plan& p = v.session.plan();
         const auto row = poplars(p);
         std::set<int> pressings;
         for (int i : row) pressings.insert(p.impressions[ix(i)].generation);
         return row.size() >= 3 && pressings.size() >= 2;
       }},
      {tr("Click beside all things, then drag Mist until the far trees stand in it."),
       tr("The curve on the walk shows how much ink the mist leaves at every distance."),
       kScene,
       {},
       [](const LessonView& v) {
         return v.session.plan().view && v.session.plan().view->visibility_m &&
                *v.session.plan().view->visibility_m < 2000;
       }},
      {tr("Under Ink & light, Background, add a wash: mist."),
       tr("A pale veil between near and far. On the walk it stands as a line that can be dragged."), kInk,
       kBackground, [](const LessonView& v) { return hasWash(v.session.plan(), WashKind::Mist); }},
      seeOrder()};
  l.end = tr("Smaller, higher, closer together, paler: four ways to say far away, and they agree.");
  return l;
}

}  // namespace

std::vector<Lesson> allLessons() { return {firstCard(), crowd(), mistyRow()}; }

}  // namespace havlo
