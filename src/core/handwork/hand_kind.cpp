// The table of kinds, and what they share.
#include "core/handwork/hand_kind.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>
#include <tuple>

#include "core/handwork/kinds.h"
#include "core/plan/thing_index.h"

namespace havlo {

namespace {
const std::array<const HandKind*, 5>& kinds() {
  static const std::array<const HandKind*, 5> all{&lifting(), &colouringIn(), &drawing(), &accenting(),
                                                  &ownSteps()};
  return all;
}
}  // namespace

const HandKind& kindOf(ByHand kind) { return *kinds()[ix(kind)]; }

std::vector<HandAct> handActs(const Plan& plan) {
  std::vector<HandAct> out;
  for (const HandKind* kind : kinds()) kind->list(plan, out);
  return out;
}

std::string actName(const Plan& plan, int act) {
  const auto n = static_cast<int>(plan.impressions.size());
  if (act < n) return "stamp:" + plan.impressions[ix(act)].id;
  if (act < firstHandAct(plan)) return "wash:" + plan.washes[ix(act - n)].id;
  const std::vector<HandAct> all = handActs(plan);
  const HandAct& hand = all[ix(act - firstHandAct(plan))];
  const HandKind& kind = kindOf(hand.kind);
  std::string out = std::string(kind.word()) + ":" + kind.id(plan, hand.index);
  if (hand.shared) out += "@" + plan.impressions[ix(hand.on)].id;
  return out;
}

int actNamed(const Plan& plan, std::string_view name) {
  if (name.starts_with("stamp:")) return plan.indexOf(name.substr(6));
  for (size_t w = 0; w < plan.washes.size() && name.starts_with("wash:"); ++w)
    if (plan.washes[w].id == name.substr(5)) return actOfWash(plan, static_cast<int>(w));
  const size_t colon = name.find(':');
  if (colon == std::string_view::npos) {
    if (const int i = plan.indexOf(name); i >= 0) return i;
    for (size_t w = 0; w < plan.washes.size(); ++w)
      if (plan.washes[w].id == name) return actOfWash(plan, static_cast<int>(w));
    return -1;
  }
  const std::vector<HandAct> all = handActs(plan);
  for (size_t h = 0; h < all.size(); ++h) {
    const HandKind& kind = kindOf(all[h].kind);
    if (name.substr(0, colon) != kind.word()) continue;
    std::string_view id = name.substr(colon + 1);
    if (all[h].shared) {
      const std::string end = "@" + plan.impressions[ix(all[h].on)].id;
      if (!id.ends_with(end)) continue;
      id.remove_suffix(end.size());
    }
    if (id == kind.id(plan, all[h].index)) return firstHandAct(plan) + static_cast<int>(h);
  }
  return -1;
}

Handwork::Handwork(const HandScene& scene) {
  for (const HandAct& act : handActs(scene.plan)) {
    HandWork work;
    work.act = act;
    kindOf(act.kind).judge(scene, work);
    if (act.kind != ByHand::Own)  // that takes what the maker says
      work.minutes *= scene.plan.habits.pace[ix(WorkKind::ByHand)];
    const auto tidy = [](std::vector<int>& list) {
      std::sort(list.begin(), list.end());
      list.erase(std::unique(list.begin(), list.end()), list.end());
    };
    tidy(work.after), tidy(work.before), tidy(work.bare);
    m_all.push_back(std::move(work));
  }
  m_lowestFirst.resize(m_all.size());
  std::iota(m_lowestFirst.begin(), m_lowestFirst.end(), 0);
  std::vector<int> place(scene.plan.impressions.size(), 0);
  const auto& marks = scene.stack.backToFront();
  for (size_t k = 0; k < marks.size(); ++k)
    if (!marks[k].wash) place[ix(marks[k].index)] = static_cast<int>(k);
  const auto height = [&](int h) {
    const HandWork& w = m_all[ix(h)];
    const bool onThing = w.layer == HandLayer::UnderInk || w.layer == HandLayer::OverThing;
    const int layer = w.layer == HandLayer::InWash ? 0 : onThing ? 1 : w.layer == HandLayer::Behind ? 2 : 3;
    return std::tuple(layer, onThing ? place[ix(w.act.on)] : 0, w.layer == HandLayer::OverThing, w.turn);
  };
  std::stable_sort(m_lowestFirst.begin(), m_lowestFirst.end(),
                   [&](int a, int b) { return height(a) < height(b); });
}

double Handwork::minutes() const {
  double sum = 0;
  for (const HandWork& w : m_all) sum += w.minutes;
  return sum;
}

std::vector<std::vector<int>> Handwork::bare() const {
  std::vector<std::vector<int>> out;
  for (const HandWork& w : m_all) out.push_back(w.bare);
  return out;
}

std::vector<char> wantsRegions(const Plan& plan, const std::vector<int>& stampOf) {
  std::vector<char> out(plan.stamps.size(), 0);
  const ThingIndex things(plan);
  const auto want = [&](const std::string& impression) {
    if (const int i = things.of(impression); i >= 0) out[ix(stampOf[ix(i)])] = 1;
  };
  for (const Colouring& c : plan.colourings) want(c.impression);
  for (const Accent& a : plan.accents)
    if (a.region) want(a.on);
  for (const Impression& i : plan.impressions)  // whether it could be coloured as well
    if (i.hero && !plan.colourings.empty()) want(i.id);
  return out;
}

double lengthOf(const std::vector<Point>& along) {
  double sum = 0;
  for (size_t k = 1; k < along.size(); ++k) sum += distance(along[k - 1], along[k]);
  return sum;
}

namespace {

/// Coverage by the distance to the nearest of some middles, half a pixel soft.
template <typename Far>
void cover(Tile& tile, const Grid& grid, const Box& box, double radius_mm, Far far) {
  const double px = 1 / std::max(grid.pxPerMmX(), grid.pxPerMmY());
  const Tile part = tileFor(grid, box.grown(radius_mm + px));
  for (int y = part.y; y < part.y + part.height; ++y)
    for (int x = part.x; x < part.x + part.width; ++x) {
      const double inside = (radius_mm - far(grid.centre(x, y))) / px + 0.5;
      if (inside <= 0) continue;
      uint8_t& c = tile.row(y)[x - tile.x];
      c = std::max(c, static_cast<uint8_t>(std::lround(255 * std::min(1.0, inside))));
    }
}

}  // namespace

Tile strokesTile(const Grid& grid, const Rings& strokes, double width_mm) {
  Tile out = tileFor(grid, boxOf(strokes).grown(width_mm / 2 + 0.2));
  for (const Ring& along : strokes)
    for (size_t k = 1; k < along.size(); ++k) {
      const Point a = along[k - 1], step = along[k] - a;
      const double square = dot(step, step);
      cover(out, grid, boxOf({{a, along[k]}}), width_mm / 2, [&](Point p) {
        const double t = square > 0 ? std::clamp(dot(p - a, step) / square, 0.0, 1.0) : 0;
        return distance(p, a + step * t);
      });
    }
  return out;
}

Tile discsTile(const Grid& grid, const std::vector<Point>& at, double size_mm) {
  Tile out = tileFor(grid, boxOf({at}).grown(size_mm / 2 + 0.2));
  for (Point p : at)
    cover(out, grid, {p.x, p.y, p.x, p.y}, size_mm / 2, [&](Point q) { return distance(p, q); });
  return out;
}

void afterWhatIsThere(const HandScene& scene, HandWork& work, bool clear) {
  const Plan& plan = scene.plan;
  work.clear = clear;
  const auto n = static_cast<int>(plan.impressions.size());
  const auto opaque = [&](const std::string& id) {
    const Ink* ink = plan.ink(id);
    return ink && ink->opacity > kClearFilm;
  };
  const auto touches = [&](int w, int i) { return scene.washes.of(w, i).touches; };
  if (const int on = work.act.on; on >= 0) {
    work.after.push_back(on);
    work.bare.push_back(on);
    if (isStampedApart(plan.impressions[ix(on)].school)) return;  // when that is stamped, at the end
    for (int k : scene.meetings.of[ix(on)]) {
      const Meeting& m = scene.meetings.list[ix(k)];
      const int other = m.front == on ? m.back : m.front;
      if (isStampedApart(plan.impressions[ix(other)].school)) continue;
      if (m.front == on) {
        work.bare.push_back(other);
      } else if (plan.impressions[ix(other)].school != School::Overprint) {
        work.after.push_back(other);  // its outline is where the work ends
      } else if (!clear || opaque(plan.impressions[ix(other)].ink)) {
        work.before.push_back(other);
      }
    }
    for (int w = 0; w < static_cast<int>(plan.washes.size()); ++w) {
      if (!touches(w, on) || (clear && !opaque(plan.washes[ix(w)].ink))) continue;
      const bool over = !scene.stack.nearer(on, w);
      (over ? work.before : work.after).push_back(n + w);
    }
    return;
  }
  if (work.box.empty()) return;
  for (int i = 0; i < n; ++i) {
    if (isStampedApart(plan.impressions[ix(i)].school)) continue;
    if (!scene.meetings.placed[ix(i)]->box.meets(work.box)) continue;
    work.after.push_back(i);
    work.bare.push_back(i);
  }
  for (size_t w = 0; w < plan.washes.size(); ++w)
    if (boxOf(scene.washes.reached[w]).meets(work.box)) work.after.push_back(n + static_cast<int>(w));
}

int inkIndex(const Plan& plan, const std::string& id) {
  for (size_t k = 0; k < plan.inks.size(); ++k)
    if (plan.inks[k].id == id) return static_cast<int>(k);
  return -1;
}

}  // namespace havlo
