// A colouring of everything becomes one of the rest as soon as one part has its own.
#include "core/edit/hand_edits.h"

#include <algorithm>
#include <cmath>

#include "core/base/random.h"
#include "core/handwork/letters.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

Error noThing(const std::string& id) {
  return {ErrorCode::BadInput, "there is no impression \"" + id + "\"", {}};
}
Error noPart() { return {ErrorCode::BadInput, "there is no such part of the stamp", {}}; }

template <typename List>
std::string freshHandId(const List& list, const std::string& stem) {
  for (size_t n = list.size() + 1;; ++n) {
    const std::string id = stem + std::to_string(n);
    if (std::none_of(list.begin(), list.end(), [&](const auto& x) { return x.id == id; })) return id;
  }
}

bool one(const RegionChoice& r) {
  return std::holds_alternative<Point>(r) || std::holds_alternative<NamedRegion>(r);
}

bool means(const Colouring& c, const StampRegions& regions, int part) {
  const std::vector<int> chosen = one(c.region) ? regions.chosen(c.region) : std::vector<int>{};
  return std::find(chosen.begin(), chosen.end(), part) != chosen.end();
}

/// Makes what it shares its own.
void takeAsOwn(Plan& plan, Impression& thing) {
  if (thing.like.empty()) return;
  std::vector<Colouring> shared;
  for (const Colouring& c : plan.colourings)
    if (c.impression == thing.like) shared.push_back(c);
  thing.like.clear();
  for (Colouring& c : shared) {
    c.impression = thing.id;
    c.id = freshHandId(plan.colourings, "c");
    plan.colourings.push_back(std::move(c));
  }
}

/// Others that shared its colouring keep what they had when it is gone or changed for good.
void removePart(Plan& plan, const std::string& impression, const StampRegions& regions, int part) {
  std::erase_if(plan.colourings,
                [&](const Colouring& c) { return c.impression == impression && means(c, regions, part); });
}

Result<Plan> begun(const Plan& plan, const std::string& impression, const StampRegions& regions, int part) {
  const int i = plan.indexOf(impression);
  if (i < 0) return noThing(impression);
  if (part < 0 || ix(part) >= regions.all().size()) return noPart();
  Plan out = plan;
  takeAsOwn(out, out.impressions[ix(i)]);
  removePart(out, impression, regions, part);
  return out;
}

void allBecomesRest(Plan& plan, const std::string& impression) {
  for (Colouring& c : plan.colourings)
    if (c.impression == impression && std::holds_alternative<AllRegions>(c.region))
      c.region = RestOfRegions{};
}

}  // namespace

RegionChoice choiceOf(const StampRegions& regions, int part) {
  const Region& r = regions.all()[ix(part)];
  if (r.id.empty()) return r.at;
  return NamedRegion{r.id};
}

int colouringOf(const Plan& plan, const std::string& impression, const StampRegions& regions, int part) {
  const Impression* thing = plan.impression(impression);
  const std::string& whose = thing && !thing->like.empty() ? thing->like : impression;
  int wide = -1;
  for (size_t k = 0; k < plan.colourings.size(); ++k) {
    const Colouring& c = plan.colourings[k];
    if (c.impression != whose) continue;
    if (means(c, regions, part)) return static_cast<int>(k);
    if (!one(c.region)) wide = static_cast<int>(k);
  }
  return wide;
}

Result<Plan> withPartColoured(const Plan& plan, const std::string& impression, const StampRegions& regions,
                              int part, const ColourIn& with) {
  if (!plan.ink(with.ink)) return Error{ErrorCode::BadInput, "there is no ink \"" + with.ink + "\"", {}};
  auto changed = begun(plan, impression, regions, part);
  if (!changed) return changed;
  Plan out = std::move(changed).value();
  allBecomesRest(out, impression);
  out.colourings.push_back({freshHandId(out.colourings, "c"),
                            impression,
                            choiceOf(regions, part),
                            with.ink,
                            with.way,
                            with.shade,
                            with.strength,
                            false,
                            {}});
  return out;
}

Result<Plan> withRestColoured(const Plan& plan, const std::string& impression, const ColourIn& with) {
  const int i = plan.indexOf(impression);
  if (i < 0) return noThing(impression);
  if (!plan.ink(with.ink)) return Error{ErrorCode::BadInput, "there is no ink \"" + with.ink + "\"", {}};
  Plan out = plan;
  takeAsOwn(out, out.impressions[ix(i)]);
  std::erase_if(out.colourings,
                [&](const Colouring& c) { return c.impression == impression && !one(c.region); });
  out.colourings.push_back({freshHandId(out.colourings, "c"),
                            impression,
                            RestOfRegions{},
                            with.ink,
                            with.way,
                            with.shade,
                            with.strength,
                            false,
                            {}});
  return out;
}

Result<Plan> withPartBare(const Plan& plan, const std::string& impression, const StampRegions& regions,
                          int part) {
  auto changed = begun(plan, impression, regions, part);
  if (!changed) return changed;
  Plan out = std::move(changed).value();
  Colouring c;
  c.id = freshHandId(out.colourings, "c");
  c.impression = impression, c.region = choiceOf(regions, part), c.bare = true;
  out.colourings.push_back(std::move(c));
  return out;
}

Result<Plan> withPartUncoloured(const Plan& plan, const std::string& impression, const StampRegions& regions,
                                int part) {
  auto out = begun(plan, impression, regions, part);
  if (!out || colouringOf(out.value(), impression, regions, part) < 0) return out;
  return withPartBare(plan, impression, regions, part);  // all or the rest would still colour it
}

Result<Plan> withoutColouring(const Plan& plan, const std::string& impression) {
  const int i = plan.indexOf(impression);
  if (i < 0) return noThing(impression);
  Plan out = plan;
  out.impressions[ix(i)].like.clear();
  for (Impression& other : out.impressions)
    if (other.like == impression) takeAsOwn(out, other);
  std::erase_if(out.colourings, [&](const Colouring& c) { return c.impression == impression; });
  return out;
}

Result<Plan> colouredLike(const Plan& plan, const std::string& impression, const std::string& other) {
  const int i = plan.indexOf(impression);
  if (i < 0) return noThing(impression);
  Plan out = plan;
  Impression& thing = out.impressions[ix(i)];
  if (other.empty()) {
    takeAsOwn(out, thing);
    return out;
  }
  const Impression* from = plan.impression(other);
  if (!from) return noThing(other);
  if (from->stamp != thing.stamp || other == impression)
    return Error{ErrorCode::BadInput, "only another impression of the same stamp can be coloured alike", {}};
  const std::string source = from->like.empty() ? other : from->like;
  if (source == impression) return plan;
  auto bare = withoutColouring(plan, impression);
  if (!bare) return bare;
  out = std::move(bare).value();
  out.impressions[ix(i)].like = source;
  return out;
}

Result<Plan> withVariedColouring(const Plan& plan, const std::string& impression, uint64_t seed) {
  constexpr double kMost = 0.125;
  const int i = plan.indexOf(impression);
  if (i < 0) return noThing(impression);
  Plan out = plan;
  takeAsOwn(out, out.impressions[ix(i)]);
  Random random(seed);
  for (Colouring& c : out.colourings)
    if (c.impression == impression && !c.bare)
      c.strength = std::clamp(c.strength + kMost * (2 * random.unit() - 1), 0.1, 1.0);
  return out;
}

Plan withPalerColoursFarOff(const Plan& plan, const std::vector<double>& distances_m) {
  constexpr double kPower = 0.35, kLeast = 0.3;  // of the strength; common practice, no source
  double nearest = 1e300;
  for (const Colouring& c : plan.colourings)
    if (const int i = plan.indexOf(c.impression); i >= 0 && !c.bare)
      nearest = std::min(nearest, distances_m[ix(i)]);
  Plan out = plan;
  // What is shared cannot be paler in one place than in another.
  for (Impression& i : out.impressions) takeAsOwn(out, i);
  for (Colouring& c : out.colourings) {
    const int i = plan.indexOf(c.impression);
    if (i < 0 || c.bare) continue;
    const double times = std::max(1.0, distances_m[ix(i)] / std::max(0.1, nearest));
    c.strength = std::round(100 * c.strength * std::max(kLeast, 1 / std::pow(times, kPower))) / 100;
  }
  return out;
}

Result<Plan> withColoursOf(const Plan& plan, const std::string& impression, const StampRegions& regions,
                           const std::string& from, const StampRegions& fromRegions) {
  if (plan.indexOf(impression) < 0) return noThing(impression);
  if (plan.indexOf(from) < 0) return noThing(from);
  auto cleared = withoutColouring(plan, impression);
  if (!cleared) return cleared;
  Plan out = std::move(cleared).value();
  for (size_t part = 0; part < regions.all().size(); ++part) {
    if (fromRegions.all().empty()) break;
    const int like = static_cast<int>(std::min(part, fromRegions.all().size() - 1));
    const int k = colouringOf(plan, from, fromRegions, like);
    if (k < 0) continue;
    Colouring c = plan.colourings[ix(k)];
    c.id = freshHandId(out.colourings, "c");
    c.impression = impression, c.region = choiceOf(regions, static_cast<int>(part));
    out.colourings.push_back(std::move(c));
  }
  return out;
}

Result<Plan> withRegionName(const Plan& plan, const std::string& stamp, const StampRegions& regions, int part,
                            const std::string& name) {
  const StampRef was = plan.stamp(stamp);
  if (!was) return Error{ErrorCode::BadInput, "there is no stamp \"" + stamp + "\"", {}};
  if (part < 0 || ix(part) >= regions.all().size()) return noPart();
  const Region& region = regions.all()[ix(part)];
  Stamp changed = *was;
  std::string id = region.id;
  if (!id.empty()) {
    for (StampRegion& r : changed.regions)
      if (r.id == id) r.name = name;
    if (name.empty()) std::erase_if(changed.regions, [&](const StampRegion& r) { return r.id == id; });
  } else if (!name.empty()) {
    id = freshHandId(changed.regions, "part");
    changed.regions.push_back({id, name, region.at, {}});
  }
  Plan out = plan;
  const auto now = std::make_shared<const Stamp>(std::move(changed));
  std::replace(out.stamps.begin(), out.stamps.end(), was, StampRef(now));
  // Colourings follow the name, or go back to the point.
  for (Colouring& c : out.colourings) {
    const Impression* thing = out.impression(c.impression);
    if (!thing || thing->stamp != stamp || !means(c, regions, part)) continue;
    if (name.empty()) {
      c.region = region.at;
    } else {
      c.region = NamedRegion{id};
    }
  }
  return out;
}

std::string addInk(Plan& plan, const Ink& ink) {
  for (const Ink& own : plan.inks)
    if (own.id == ink.id && own.colour == ink.colour && own.kind == ink.kind) return own.id;
  for (const Ink& own : plan.inks)
    if (own.name == ink.name && own.colour == ink.colour && own.kind == ink.kind) return own.id;
  Ink added = ink;
  if (added.id.empty()) added.id = "ink";
  for (int n = 2; plan.ink(added.id); ++n) added.id = ink.id + std::to_string(n);
  plan.inks.push_back(added);
  return added.id;
}

namespace {

/// One more in one of the plan's lists, with a fresh id.
template <typename T>
Plan added(const Plan& plan, std::vector<T> Plan::*list, const char* stem, T one, std::string* id) {
  Plan out = plan;
  one.id = freshHandId(out.*list, stem);
  if (id) *id = one.id;
  (out.*list).push_back(std::move(one));
  return out;
}

}  // namespace

Plan withLine(const Plan& plan, HandLine line, std::string* id) {
  return added(plan, &Plan::lines, "l", std::move(line), id);
}

Plan withAccent(const Plan& plan, Accent accent, std::string* id) {
  return added(plan, &Plan::accents, "a", std::move(accent), id);
}

Plan withLift(const Plan& plan, Lift lift, std::string* id) {
  return added(plan, &Plan::lifts, "f", std::move(lift), id);
}

Plan withOwnStep(const Plan& plan, OwnStep step, std::string* id) {
  return added(plan, &Plan::own, "o", std::move(step), id);
}

Result<Plan> withoutHandwork(const Plan& plan, const std::string& act) {
  Plan out = plan;
  const size_t colon = act.find(':');
  const std::string kind = act.substr(0, colon);
  const std::string id = colon == std::string::npos ? std::string() : act.substr(colon + 1);
  size_t gone = 0;
  const auto take = [&](const char* word, auto& list) {
    if (kind == word) gone += std::erase_if(list, [&](const auto& x) { return x.id == id; });
  };
  take("colour", out.colourings), take("line", out.lines), take("accent", out.accents);
  take("lift", out.lifts), take("own", out.own);
  if (gone == 0) return Error{ErrorCode::BadInput, "there is no act \"" + act + "\"", {}};
  std::erase_if(out.making.sequence, [&](const ActWish& w) { return w.act == act || w.before == act; });
  return out;
}

std::vector<Point> scattered(const Box& area, size_t count, double apart_mm, uint64_t seed,
                             const std::function<bool(Point)>& within) {
  constexpr size_t kThrows = 40;  // for each point
  std::vector<Point> out;
  if (area.empty() || area.width() <= 0 || area.height() <= 0) return out;
  const double apart = std::max(apart_mm, 0.05), cell = apart / std::sqrt(2.0);
  const auto columns = static_cast<size_t>(std::min(4000.0, std::ceil(area.width() / cell))) + 1;
  const auto rows = static_cast<size_t>(std::min(4000.0, std::ceil(area.height() / cell))) + 1;
  std::vector<int> grid(columns * rows, -1);
  Random random(seed);
  for (size_t thrown = 0; thrown < count * kThrows && out.size() < count; ++thrown) {
    const Point p{area.left + random.unit() * area.width(), area.bottom + random.unit() * area.height()};
    if (!within(p)) continue;
    const auto column = std::min(columns - 1, static_cast<size_t>((p.x - area.left) / cell));
    const auto row = std::min(rows - 1, static_cast<size_t>((p.y - area.bottom) / cell));
    bool free = true;
    for (size_t r = row > 2 ? row - 2 : 0; r < std::min(rows, row + 3) && free; ++r)
      for (size_t c = column > 2 ? column - 2 : 0; c < std::min(columns, column + 3) && free; ++c)
        if (const int other = grid[r * columns + c]; other >= 0) free = distance(out[ix(other)], p) >= apart;
    if (!free) continue;
    grid[row * columns + column] = static_cast<int>(out.size());
    out.push_back(p);
  }
  return out;
}

std::vector<Box> keptClear(const Plan& plan) {
  constexpr double kRoom_mm = 2, kHead = 0.45;  // share of the height from the top
  std::vector<Box> out;
  for (const Impression& i : plan.impressions) {
    const StampRef stamp = plan.stamp(i.stamp);
    const RoleFacts& facts = factsOf(stamp->role);
    if (!facts.words && !facts.lives()) continue;
    Box box = boxOf(placingOf(i, *stamp).toPanel(stamp->silhouette));
    if (!facts.words) box.bottom = box.top - kHead * box.height();
    out.push_back(box.grown(kRoom_mm));
  }
  for (const HandLine& line : plan.lines)
    if (const Rings room = letteringRoom(line); !room.empty()) out.push_back(boxOf(room).grown(kRoom_mm));
  return out;
}

}  // namespace havlo
