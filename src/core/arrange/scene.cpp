// Which stamps fit the hero's viewpoint, which of them go together, where they begin; then the search of
// arrange/search.h, colours, light, the proof.
#include "core/arrange/scene.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <mutex>
#include <set>

#include "core/arrange/search.h"
#include "core/base/parallel.h"
#include "core/edit/put_on.h"
#include "core/ink/ink_facts.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr double kEyes_m = 1.5;     // a grown maker's
constexpr double kMostRise = 0.35;  // of the sky: a landform that rises higher is no backdrop
constexpr double kFarther = 2.5;    // times the hero's distance: from here on a thing is background
constexpr size_t kTheme = 3;        // stamps that share a tag before it is a theme
constexpr double kSkyGap_mm = 4;    // between what is blended above and below the horizon

/// Words of seasons and hours among the tags; of each set one at most is on a card. Common practice, no
/// source.
constexpr std::array<std::array<std::string_view, 4>, 2> kApart{
    {{"spring", "summer", "autumn", "winter"}, {"day", "night", "dusk", "dawn"}}};

/// How tall it is in truth: as said, else as things of its name or role usually are.
RealHeight realOf(const Stamp& stamp) {
  if (stamp.realHeight) return *stamp.realHeight;
  const auto usual = heightsFor(stamp.name, stamp.role);
  if (usual.empty()) return {1, 0.8, 1.2, {}};
  return {usual[0].typical_m, usual[0].least_m, usual[0].most_m, {}};
}

std::set<std::string> themesOf(const std::vector<DrawerStamp>& drawer) {
  std::map<std::string, size_t> count;
  for (const DrawerStamp& s : drawer)
    for (const std::string& t : s.card.tags) ++count[t];
  std::set<std::string> out;
  for (const auto& [tag, n] : count)
    if (n >= kTheme) out.insert(tag);
  return out;
}

bool has(const std::vector<std::string>& tags, std::string_view tag) {
  return std::find(tags.begin(), tags.end(), tag) != tags.end();
}

/// Seasons and hours do not mix.
bool together(const std::vector<const DrawerStamp*>& chosen, const DrawerStamp& more) {
  for (const auto& set : kApart)
    for (const std::string_view mine : set) {
      if (!has(more.card.tags, mine)) continue;
      for (const DrawerStamp* other : chosen)
        for (const std::string_view its : set)
          if (its != mine && has(other->card.tags, its)) return false;
    }
  return true;
}

/// Something to be put on the card, where its size is right.
struct Fitting {
  const DrawerStamp* stamp = nullptr;
  double foot_mm = 0;  ///< on the ground
  double away = 0;     ///< times the hero's distance
};

/// What stands at its real size somewhere in the picture. What has no height said is left out: nobody knows.
std::vector<Fitting> fitting(const SceneWish& wish, const View& view, double heroAway_m) {
  std::vector<Fitting> out;
  for (const DrawerStamp& s : wish.drawer) {
    const Stamp& stamp = s.stamp;
    if (!factsOf(stamp.role).stands() || !stamp.realHeight || stamp.plate) continue;
    if (stamp.id == wish.hero.id || s.card.key == wish.hero.drawer) continue;
    // What hangs or grows out of something needs that.
    const bool hangs = std::any_of(stamp.contacts.begin(), stamp.contacts.end(), [](const Contact& c) {
      return c.kind == ContactKind::Start || c.kind == ContactKind::Hand;
    });
    if (hangs) continue;
    const StandingBand band = standingBand(view, *stamp.realHeight, Millimetres{stamp.height_mm});
    const double y = std::clamp((band.low_mm + band.high_mm) / 2, band.low_mm, band.high_mm);
    // In front things may be cut by the lower edge, by a third.
    if (band.high_mm < -stamp.height_mm / 3 || y > view.horizon_mm - 1.5) continue;
    const double foot =
        std::clamp(y, std::max(band.low_mm, std::min(-stamp.height_mm / 4, band.high_mm)), band.high_mm);
    if (stamp.height_mm + foot > 0.97 * wish.sheet.card.panel.height_mm) continue;
    if (stamp.width_mm > 0.75 * wish.sheet.card.panel.width_mm) continue;
    out.push_back({&s, foot, groundDistance(view, Millimetres{foot}).value / heroAway_m});
  }
  return out;
}

struct Variant {
  Daylight daylight;
  bool left;
  double horizon;
  std::string theme;
  bool water;
  ColouringScheme scheme;  ///< tried first
};

class Composer {
 public:
  Composer(const SceneWish& wish, const View& view, const Variant& variant, Random& random)
      : m_wish(wish),
        m_daylight(variant.daylight),
        m_theme(variant.theme),
        m_left(variant.left),
        m_water(variant.water),
        m_random(random) {
    m_plan = wish.sheet;
    m_plan.view = view;
    m_plan.inks = wish.inks;
  }

  /// Nothing if there is nothing to stand behind the hero.
  std::optional<Plan> compose();
  const std::vector<std::string>& used() const { return m_used; }

 private:
  const SceneWish& m_wish;
  Plan m_plan;
  Daylight m_daylight;
  std::string m_theme;
  bool m_left, m_water;
  double m_near_mm = 0;  ///< where the water ends toward the viewer
  Random& m_random;
  std::vector<std::string> m_used;
  std::vector<const DrawerStamp*> m_chosen;

  double width() const { return m_plan.card.panel.width_mm; }
  double height() const { return m_plan.card.panel.height_mm; }
  bool suits(const DrawerStamp& s) const;
  Impression& put(const Stamp& stamp, Point at, Depth depth, const std::string& ink);
  const Ink* ink(const Lab& near, double leastContrast, bool blends) const;
  bool onItsGround(const Fitting& f) const;
  void putBackdrop();
  void putSky();
  void putGreeting();
  size_t putBehind(const std::vector<Fitting>& all);
  void putBefore(const std::vector<Fitting>& all);
  void blend();
};

bool Composer::suits(const DrawerStamp& s) const {
  if (s.stamp.home == Home::Water && !m_water) return false;
  if (!together(m_chosen, s)) return false;
  if (m_theme.empty()) return true;
  const std::set<std::string> themes = themesOf(m_wish.drawer);
  bool themed = false;
  for (const std::string& t : s.card.tags) {
    if (t == m_theme) return true;
    themed = themed || themes.contains(t);
  }
  return s.card.setName == m_theme ? !themed : !themed || factsOf(s.stamp.role).backdrop;
}

Impression& Composer::put(const Stamp& stamp, Point at, Depth depth, const std::string& ink) {
  if (!m_plan.stamp(stamp.id)) m_plan.stamps.push_back(std::make_shared<const Stamp>(stamp));
  Impression i;
  i.id = stamp.id;
  for (int k = 2; m_plan.impression(i.id); ++k) i.id = stamp.id + std::to_string(k);
  i.stamp = stamp.id, i.ink = ink, i.at = {std::round(at.x * 10) / 10, std::round(at.y * 10) / 10};
  i.depth = std::move(depth);
  if (factsOf(stamp.role).words) i.school = School::Overprint;
  m_plan.impressions.push_back(std::move(i));
  return m_plan.impressions.back();
}

/// The ink nearest to a colour among those that stand out from the paper. @param blends  it is to be blended,
/// not stamped
const Ink* Composer::ink(const Lab& near, double leastContrast, bool blends) const {
  return inkNear(m_plan, near, leastContrast,
                 [&](const Ink& i) { return isForRubber(i) && !(blends && i.kind == InkKind::Archival); });
}

/// What floats lies in the water; what stands, on one of its banks.
bool Composer::onItsGround(const Fitting& f) const {
  if (!m_water) return true;
  const bool wet = f.foot_mm > m_near_mm && f.foot_mm < m_plan.view->horizon_mm - 6;
  return wet == (f.stamp->stamp.home == Home::Water);
}

void Composer::putBackdrop() {
  std::vector<const DrawerStamp*> hills;
  for (const DrawerStamp& s : m_wish.drawer)
    if (s.stamp.role == Role::Landform && suits(s) &&
        s.stamp.height_mm - s.stamp.foot.y < kMostRise * (height() - m_plan.view->horizon_mm))
      hills.push_back(&s);
  if (hills.empty()) return;
  std::stable_sort(hills.begin(), hills.end(), [](const DrawerStamp* a, const DrawerStamp* b) {
    return a->stamp.width_mm > b->stamp.width_mm;
  });
  const DrawerStamp& hill = *hills[m_random.below(std::min<size_t>(hills.size(), 2))];
  if (hill.stamp.width_mm < 0.5 * width()) return;
  const Ink* pale = ink(kHillsColour.colour, kHillsColour.least, false);
  if (!pale) return;
  put(hill.stamp, {width() / 2, m_plan.view->horizon_mm - 0.5}, AtMetres{kHills_m}, pale->id).generation =
      kFarPressing;
  m_chosen.push_back(&hill), m_used.push_back(hill.card.key);
}

void Composer::putSky() {
  std::vector<const DrawerStamp*> lights, others;
  for (const DrawerStamp& s : m_wish.drawer) {
    if (s.stamp.role != Role::Sky || !s.stamp.contacts.empty() || !suits(s)) continue;
    if (s.stamp.width_mm * s.stamp.height_mm > 0.12 * width() * height()) continue;
    // A disc is sun or moon: as wide as high, and filling most of its circle.
    const double aspect = s.stamp.width_mm / s.stamp.height_mm;
    const double filled = areaOf(s.stamp.silhouette) / (s.stamp.width_mm * s.stamp.height_mm);
    const bool disc = aspect > 0.85 && aspect < 1.18 && filled > 0.7;
    // Kites and their strings belong to somebody; what is in the sky by itself lies level.
    if (disc) {
      lights.push_back(&s);
    } else if (aspect > 1.8) {
      others.push_back(&s);
    }
  }
  const double horizon = m_plan.view->horizon_mm, sky = height() - horizon;
  Light light;
  light.direction_deg = m_left ? 315 : 225, light.height_deg = m_daylight == Daylight::Noon ? 50 : 30;
  if (m_daylight == Daylight::Evening && !lights.empty()) {
    const DrawerStamp& sun = *lights[m_random.below(lights.size())];
    const double x = width() * (m_left ? 0.72 : 0.28);
    const Point at{x, horizon + 0.12 * sky};
    if (const Ink* warm = ink(kLightsColour.colour, kLightsColour.least, false)) {
      put(sun.stamp, at, AtMetres{kLights_m}, warm->id).generation = kFarPressing;
      light.at = Point{x, at.y + sun.stamp.height_mm / 2 - sun.stamp.foot.y};
      m_chosen.push_back(&sun), m_used.push_back(sun.card.key);
    }
  } else if (!others.empty() && sky > 40) {
    const DrawerStamp& cloud = *others[m_random.below(others.size())];
    if (const Ink* grey = ink(kCloudsColour.colour, kCloudsColour.least, false)) {
      put(cloud.stamp, {width() * (m_left ? 0.7 : 0.3), horizon + 0.62 * sky}, AtMetres{kClouds_m}, grey->id)
          .generation = kFarPressing;
      m_chosen.push_back(&cloud), m_used.push_back(cloud.card.key);
    }
  }
  m_plan.light = light;
}

/// Trees and buildings on the side the hero looks to, of different heights, so that they overlap; the nearest
/// tallest.
size_t Composer::putBehind(const std::vector<Fitting>& all) {
  std::vector<const Fitting*> choice;
  for (const Fitting& f : all)
    if (f.away > kFarther && (factsOf(f.stamp->stamp.role).wantsLand) &&
        !factsOf(f.stamp->stamp.role).lives() && suits(*f.stamp) && onItsGround(f))
      choice.push_back(&f);
  size_t count = 0;
  int buildings = 0;
  std::vector<double> heights;
  const double far = m_left ? 0.78 : 0.22, step = m_left ? -0.17 : 0.17;
  while (!choice.empty() && count < 4) {
    const size_t k = m_random.below(choice.size());
    const Fitting& f = *choice[k];
    choice.erase(choice.begin() + static_cast<std::ptrdiff_t>(k));
    const Stamp& stamp = f.stamp->stamp;
    if (!suits(*f.stamp)) continue;
    if (stamp.role == Role::Building && ++buildings > 1) continue;
    // Variety: nothing as tall as what is there.
    if (std::any_of(heights.begin(), heights.end(),
                    [&](double h) { return std::fabs(h - stamp.height_mm) < 0.12 * h; }))
      continue;
    heights.push_back(stamp.height_mm);
    const Ink* its =
        stamp.role == Role::Building ? ink(Lab{45, -4, -12}, 20, false) : ink(Lab{42, -15, 18}, 20, false);
    if (!its) return count;
    const double x =
        width() * (count == 3 ? (m_left ? 0.06 : 0.94) : far + static_cast<double>(count) * step);
    put(stamp, {x, f.foot_mm}, OnGround{}, its->id);
    m_chosen.push_back(f.stamp), m_used.push_back(f.stamp->card.key), ++count;
  }
  return count;
}

/// Grass, reeds and posts low at the edges and beside the hero.
void Composer::putBefore(const std::vector<Fitting>& all) {
  std::vector<const Fitting*> choice;
  for (const Fitting& f : all)
    if (f.away <= kFarther && (f.stamp->stamp.role == Role::Plant || f.stamp->stamp.role == Role::Prop) &&
        suits(*f.stamp) && onItsGround(f))
      choice.push_back(&f);
  for (size_t count = 0; !choice.empty() && count < 2;) {
    const size_t k = m_random.below(choice.size());
    const Fitting& f = *choice[k];
    choice.erase(choice.begin() + static_cast<std::ptrdiff_t>(k));
    if (!suits(*f.stamp)) continue;
    const bool plant = f.stamp->stamp.role == Role::Plant;
    const Ink* its = plant ? ink(Lab{45, -15, 20}, 20, false) : ink(Lab{35, 8, 14}, 20, false);
    if (!its) return;
    const double x = width() * ((count == 0) == m_left ? 0.88 : 0.12);
    put(f.stamp->stamp, {x, f.foot_mm}, OnGround{}, its->id);
    m_chosen.push_back(f.stamp), m_used.push_back(f.stamp->card.key), ++count;
  }
}

void Composer::putGreeting() {
  std::vector<const DrawerStamp*> words;
  for (const DrawerStamp& s : m_wish.drawer)
    if (factsOf(s.stamp.role).words && s.stamp.width_mm < 0.62 * width()) words.push_back(&s);
  const Ink* dark = ink(Lab{12, 0, 0}, 40, false);
  if (words.empty() || !dark) return;
  const DrawerStamp& greeting = *words[m_random.below(words.size())];
  put(greeting.stamp, {width() * (m_left ? 0.62 : 0.38), 0.88 * height()}, AtMetres{1}, dark->id);
  m_used.push_back(greeting.card.key);
}

/// Sky and ground by the hour, softly, a little apart at the horizon so that no paper is needed there.
void Composer::blend() {
  const Lab sky = m_daylight == Daylight::Morning ? Lab{70, -4, -16}
                  : m_daylight == Daylight::Noon  ? Lab{62, -6, -28}
                                                  : Lab{74, 22, 38};
  const Lab ground = m_daylight == Daylight::Evening ? Lab{66, 6, 28} : Lab{55, -14, 20};
  const double horizon = m_plan.view->horizon_mm;
  std::vector<std::string> all;
  for (const Impression& i : m_plan.impressions)
    if (!i.hero && !factsOf(m_plan.stamp(i.stamp)->role).coloured) all.push_back(i.id);
  const auto wash = [&](const char* id, WashKind kind, const Lab& near, const Box& area, WashFrom from,
                        double strength) {
    const Ink* its = ink(near, 6, true);
    if (!its) return;
    Wash w;
    w.id = id, w.ink = its->id, w.kind = kind, w.area = rectangle(area), w.from = from, w.strength = strength;
    w.reach = 0.9, w.lets = all;
    m_plan.washes.push_back(std::move(w));
  };
  const bool evening = m_daylight == Daylight::Evening;
  if (m_water)
    wash("water", WashKind::Water, Lab{60, -6, -22}, {0, m_near_mm, width(), horizon - kSkyGap_mm},
         WashFrom::Bottom, 0.4);
  wash("sky", WashKind::Sky, sky, {0, horizon + kSkyGap_mm, width(), height()},
       evening ? WashFrom::Bottom : WashFrom::Top, evening ? 0.5 : 0.45);
  wash("ground", WashKind::Ground, ground,
       {0, 0, width(), m_water ? m_near_mm - kSkyGap_mm : horizon - kSkyGap_mm}, WashFrom::Bottom, 0.3);
}

std::optional<Plan> Composer::compose() {
  const View& view = *m_plan.view;
  const Ink* dark = ink(Lab{12, 0, 0}, 40, false);
  if (!dark) return {};
  const RealHeight real = realOf(m_wish.hero);
  const double foot = view.horizon_mm - view.eyeHeight_m * m_wish.hero.height_mm / real.typical_m;
  Stamp hero = m_wish.hero;
  if (!hero.realHeight) hero.realHeight = real;
  put(hero, {width() * (m_left ? 0.34 : 0.66), foot}, OnGround{}, dark->id).hero = true;
  if (!hero.drawer.empty()) m_used.push_back(hero.drawer);
  for (const DrawerStamp& s : m_wish.drawer)
    if (s.card.key == hero.drawer || s.stamp.id == hero.id) m_chosen.push_back(&s);
  const std::vector<Fitting> all = fitting(m_wish, view, groundDistance(view, Millimetres{foot}).value);
  // The far bank lies near the horizon, the near one just behind the hero.
  m_near_mm = foot + 0.25 * (view.horizon_mm - foot);
  putBackdrop();
  if (putBehind(all) == 0) return {};
  putBefore(all);
  putSky();
  putGreeting();
  blend();
  return m_plan;
}

/// Pressings by the mist: what is far is stamped paler.
Plan withTones(Plan plan) {
  plan.view->visibility_m = 60 * groundDistance(*plan.view, Millimetres{0}).value * 4;
  const AnalysisRef a = analyse(plan);
  for (const ToneReading& t : a->tone) {
    Impression& i = plan.impressions[ix(t.impression)];
    if (i.hero || factsOf(plan.stamp(i.stamp)->role).backdrop) continue;
    i.generation = std::min(3, t.proposedGeneration);
    if (!t.proposedInk.empty()) i.ink = t.proposedInk;
  }
  return plan;
}

/// Coloured by the scheme that is wanted if the hero is still seen first then, else by the one that serves it
/// best; as it is if there are no inks for it.
Plan coloured(Plan plan, const std::vector<Ink>& inks, ColouringScheme scheme, const ArtSource* art,
              const Progress& progress) {
  const std::vector<ColouringProposal> found = colouringsOf(plan, inks, art, progress);
  for (const ColouringProposal& p : found)
    if (p.scheme == scheme && p.heroRank == 1) return p.plan;
  return found.empty() ? plan : found.front().plan;
}

/// Inks and stamps that nothing on the card uses are taken off its lists.
Plan tidied(Plan plan) {
  std::set<std::string> inks, stamps;
  for (const Impression& i : plan.impressions) inks.insert(i.ink), stamps.insert(i.stamp);
  for (const Wash& w : plan.washes) inks.insert(w.ink);
  for (const Colouring& c : plan.colourings) inks.insert(c.ink);
  std::erase_if(plan.inks, [&](const Ink& i) { return !inks.contains(i.id); });
  std::erase_if(plan.stamps, [&](const StampRef& s) { return !stamps.contains(s->id); });
  return plan;
}

/// Three that differ in hour, side, horizon and theme.
std::vector<Variant> variantsOf(const SceneWish& wish) {
  // Themes that have something to stand behind a hero.
  std::vector<std::string> themes;
  for (const std::string& theme : themesOf(wish.drawer)) {
    const auto behind = std::count_if(wish.drawer.begin(), wish.drawer.end(), [&](const DrawerStamp& s) {
      const RoleFacts& role = factsOf(s.stamp.role);
      return has(s.card.tags, theme) && role.wantsLand && !role.lives();
    });
    if (behind >= 2) themes.push_back(theme);
  }
  // The hero's own first; then what bears no theme.
  for (const DrawerStamp& s : wish.drawer)
    if (s.card.key == wish.hero.drawer || s.stamp.id == wish.hero.id) {
      std::stable_partition(themes.begin(), themes.end(),
                            [&](const std::string& t) { return has(s.card.tags, t); });
      themes.insert(themes.begin(), s.card.setName);
      break;
    }
  if (themes.empty()) themes.emplace_back();
  if (!wish.theme.empty()) themes = {wish.theme};
  // It looks into the picture: what faces right stands on the left.
  const bool left =
      wish.hero.facing == Facing::Right || (wish.hero.facing == Facing::None && wish.seed % 2 == 1);
  const bool free = wish.hero.facing == Facing::None;
  constexpr Daylight kHours[] = {Daylight::Morning, Daylight::Evening, Daylight::Noon};
  constexpr double kHorizons[] = {0.52, 0.42, 0.6};
  constexpr ColouringScheme kSchemes[] = {ColouringScheme::NearWarm, ColouringScheme::Akin,
                                          ColouringScheme::Opposite};
  const bool floats = std::any_of(wish.drawer.begin(), wish.drawer.end(),
                                  [](const DrawerStamp& s) { return s.stamp.home == Home::Water; });
  std::vector<Variant> out;
  for (int k = 0; k < std::max(1, wish.scenes); ++k)
    out.push_back({wish.daylight.value_or(kHours[k % 3]), free && k % 2 ? !left : left, kHorizons[k % 3],
                   themes[ix(k) % themes.size()], wish.hero.home == Home::Water || (floats && k % 3 == 1),
                   kSchemes[k % 3]});
  return out;
}

/// What no rule forbids and nobody would stamp: words over a cloud or the sun, a tree's top in birds or a
/// cloud, more than a part of the sun hidden, something right under the hero's feet.
bool clumsy(const Proposal& p) {
  constexpr double kTouch_mm2 = 3, kOfTheSun = 0.3;
  const auto& placed = p.analysis->meetings.placed;
  const auto role = [](const Placed& q) { return q.outline->stamp->role; };
  const int hero = p.analysis->looks->hero;
  for (size_t w = 0; w < placed.size(); ++w) {
    const Placed& one = *placed[w];
    const RoleFacts& facts = factsOf(role(one));
    if (facts.backdrop) continue;
    for (size_t s = 0; s < placed.size(); ++s) {
      const Placed& sky = *placed[s];
      if (role(sky) != Role::Sky) continue;
      const Box box = sky.box;
      if (!one.box.meets(box)) continue;
      const bool disc = box.width() < 1.2 * box.height();
      const double shared = areaOf(intersection(one.silhouette, sky.silhouette));
      if (shared > (disc && !facts.words ? kOfTheSun * sky.area_mm2 : kTouch_mm2)) return true;
    }
    if (static_cast<int>(w) == hero || hero < 0 || facts.words) continue;
    const Box mine = one.box, its = placed[ix(hero)]->box;
    if (mine.top < its.bottom + 4 && mine.left < its.right && mine.right > its.left) return true;
  }
  return false;
}

std::optional<SceneOffer> attempt(const SceneWish& wish, const Variant& v, uint64_t seed,
                                  const ArtSource* art, const Progress& progress) {
  Random random(seed);
  const View view = viewFor(wish.hero, wish.sheet.card.panel, v.horizon);
  Composer composer(wish, view, v, random);
  std::optional<Plan> plan = composer.compose();
  if (!plan || progress.stopped()) return {};
  *plan = withTones(std::move(*plan));
  std::vector<char> fixed(plan->impressions.size(), 0);
  for (size_t i = 0; i < fixed.size(); ++i) fixed[i] = staysPut(*plan, static_cast<int>(i));
  const AnalysisRef start = analyse(*plan, nullptr, art);
  const Table table(*plan, *start, fixed);
  SearchWish search;
  search.seed = seed, search.heroAt = v.left ? 0.34 : 0.66, search.starts = 2, search.tries = wish.tries;
  search.worked = 1, search.nudges = 4;
  const std::vector<Reader> found = searched(*plan, *start, table, fixed, search, art, progress);
  if (found.empty() || progress.stopped()) return {};
  Plan best = found[0].plan();
  if (wish.coloured) best = coloured(best, wish.inks, v.scheme, art, progress);
  best = tidied(std::move(best));
  const Reader reader(std::move(best), nullptr, art);
  SceneOffer out;
  out.card = proposalOf(reader, reader.plan());
  out.daylight = v.daylight, out.theme = v.theme, out.heroLeft = v.left, out.eyeHeight_m = view.eyeHeight_m;
  out.stamps = composer.used();
  return out;
}

/// The best that is proven, without a fault and not clumsy; nothing if none is. @error Stopped
Result<std::optional<SceneOffer>> bestOf(std::vector<SceneOffer> all, const SceneWish& wish,
                                         const ArtSource* art, const Progress& progress) {
  std::stable_sort(all.begin(), all.end(),
                   [](const SceneOffer& a, const SceneOffer& b) { return a.card.score > b.card.score; });
  for (SceneOffer& o : all) {
    if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    o.card.worth = worthOf(o.card.plan, *o.card.analysis, true);
    if (o.card.worth.faults > 0 || o.card.worth.heroRank != 1 || clumsy(o.card)) continue;
    const auto proof = prove(o.card, kMostParts, art, wish.proof_dpi, {progress.stop, {}});
    if (!proof) return proof.error();
    if (!o.card.proven) continue;
    o.card.worth = worthOf(o.card.plan, *o.card.analysis, true);
    return std::optional(std::move(o));
  }
  return std::optional<SceneOffer>();
}

}  // namespace

View viewFor(const Stamp& hero, const PanelSize& panel, double share) {
  View view;
  view.horizon_mm = std::round(share * panel.height_mm);
  const RealHeight real = realOf(hero);
  // Eyes of a grown person if the hero then stands in the lower part, else as high as brings it there.
  const double foot = view.horizon_mm - kEyes_m * hero.height_mm / real.typical_m;
  const double low = 0.1 * panel.height_mm, high = 0.24 * panel.height_mm;
  view.eyeHeight_m = kEyes_m;
  if (foot < low || foot > high)
    view.eyeHeight_m = (view.horizon_mm - std::clamp(foot, low, high)) * real.typical_m / hero.height_mm;
  view.eyeHeight_m = std::round(view.eyeHeight_m * 100) / 100;
  view.nearDistance_m = 1.1 * std::max(panel.width_mm, panel.height_mm) * view.eyeHeight_m / view.horizon_mm;
  return view;
}

Result<std::vector<SceneOffer>> scenesFor(const SceneWish& wish, const ArtSource* art,
                                          const Progress& progress) {
  if (wish.hero.height_mm <= 0 || wish.hero.silhouette.empty())
    return Error{ErrorCode::BadInput, "the hero has no size", "hero"};
  if (wish.inks.empty()) return Error{ErrorCode::BadInput, "there is no ink to stamp with", "inks"};
  if (wish.hero.height_mm > 0.85 * wish.sheet.card.panel.height_mm ||
      wish.hero.width_mm > 0.85 * wish.sheet.card.panel.width_mm)
    return Error{ErrorCode::BadInput, "the hero is too large for this card", "hero"};
  const std::vector<Variant> variants = variantsOf(wish);
  const size_t attempts = static_cast<size_t>(std::max(1, wish.attempts));
  std::vector<SceneOffer> out;
  std::vector<size_t> open(variants.size());
  for (size_t v = 0; v < open.size(); ++v) open[v] = v;
  bool any = false;
  // Where nothing comes of the first attempts, others are made.
  constexpr size_t kRounds = 3;
  for (size_t round = 0; round < kRounds && !open.empty(); ++round) {
    std::vector<std::optional<SceneOffer>> all(open.size() * attempts);
    std::mutex telling;
    size_t done = 0;
    const auto at = [&](double share) { progress.at((static_cast<double>(round) + share) / kRounds); };
    forEachIndex(all.size(), 2, [&](size_t k) {
      if (progress.stopped()) return;
      const size_t v = open[k / attempts], n = round * attempts + k % attempts;
      all[k] = attempt(wish, variants[v], wish.seed * 1000003 + (v * 101 + n) * 7919, art, progress);
      const std::lock_guard lock(telling);
      at(0.85 * static_cast<double>(++done) / static_cast<double>(all.size()));
    });
    if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    std::vector<size_t> still;
    for (size_t o = 0; o < open.size(); ++o) {
      std::vector<SceneOffer> mine;
      for (size_t k = 0; k < attempts; ++k)
        if (auto& one = all[o * attempts + k]) any = true, mine.push_back(std::move(*one));
      auto best = bestOf(std::move(mine), wish, art, progress);
      if (!best) return best.error();
      if (best.value()) {
        out.push_back(std::move(*best.value()));
      } else {
        still.push_back(open[o]);
      }
    }
    open = std::move(still);
    if (!any) break;
  }
  if (!any)
    return Error{
        ErrorCode::BadInput,
        "nothing in the drawer fits behind this hero: trees, buildings or hills with a height that is known",
        "drawer"};
  progress.at(1);
  std::stable_sort(out.begin(), out.end(),
                   [](const SceneOffer& a, const SceneOffer& b) { return a.card.score > b.card.score; });
  return out;
}

}  // namespace havlo
