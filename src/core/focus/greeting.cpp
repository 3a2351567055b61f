// Legibility by the press's own law: the ink's film on the ground that is really there.
#include "core/focus/greeting.h"

#include <algorithm>
#include <cmath>

#include "core/analysis/analysis.h"
#include "core/ink/ink_facts.h"
#include "core/outline/shape_ops.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

bool knocksOut(const Impression& i) { return !printsOver(i.school); }

struct Ground {
  std::vector<LinearRgb> pixels;  // beside the letters
  LinearRgb mean{};
};

/// The pixels beside the letters, within a few pixels of them.
Ground groundOf(const Looks& l, const Canvas& card, const Tile& ink) {
  Ground out;
  const Grid& g = l.grid;
  constexpr int kR = 2;
  double sum[3] = {};
  for (int y = std::max(0, ink.y - kR); y < std::min(g.height, ink.y + ink.height + kR); ++y)
    for (int x = std::max(0, ink.x - kR); x < std::min(g.width, ink.x + ink.width + kR); ++x) {
      if (ink.at(x, y) > 25) continue;
      bool near = false;
      for (int j = y - kR; j <= y + kR && !near; ++j)
        for (int i = x - kR; i <= x + kR && !near; ++i) near = ink.at(i, j) > 60;
      if (!near) continue;
      out.pixels.push_back(card.at(x, y));
      for (size_t k = 0; k < 3; ++k) sum[k] += static_cast<double>(card.at(x, y)[k]);
    }
  for (size_t k = 0; k < 3; ++k)
    out.mean[k] =
        out.pixels.empty() ? 1 : static_cast<float>(sum[k] / static_cast<double>(out.pixels.size()));
  return out;
}

/// The tenth of the ground that is worst to read on.
double legibility(const Ground& ground, const LinearRgb& letters) {
  if (ground.pixels.empty()) return contrastRatio(luminanceOf(ground.mean), luminanceOf(letters));
  std::vector<double> ratios;
  for (const LinearRgb& p : ground.pixels)
    ratios.push_back(contrastRatio(luminanceOf(p), luminanceOf(letters)));
  const auto tenth = ratios.begin() + static_cast<std::ptrdiff_t>(ratios.size() / 10);
  std::nth_element(ratios.begin(), tenth, ratios.end());
  return *tenth;
}

/// The letters' colour: on paper where the greeting keeps its place clean, else on what lies there; washes
/// that may colour it do.
LinearRgb lettersOf(const Plan& plan, const Impression& thing, const LinearRgb& ground) {
  const Ink& ink = *plan.ink(thing.ink);
  return pressedOn(knocksOut(thing) ? linearOf(plan.card.paper.colour) : ground, ink, thing.generation);
}

/// Middle of the silhouette's area, stamp frame: where it seems centred.
Point middleOf(const Rings& rings) {
  double area = 0, x = 0, y = 0;
  for (const Ring& r : rings)
    for (size_t i = 0; i < r.size(); ++i) {
      const Point p = r[i], q = r[(i + 1) % r.size()];
      const double c = p.x * q.y - q.x * p.y;
      area += c / 2, x += (p.x + q.x) * c / 6, y += (p.y + q.y) * c / 6;
    }
  if (std::fabs(area) < 1e-9) return boxOf(rings).centre();
  return {x / area, y / area};
}

/// Grown from the place to all sides, one after the other, while nothing is in the way.
Box roomAround(const FreeMap& map, Box at) {
  const Grid& g = map.grid;
  int x0 = static_cast<int>(std::lround(at.left * g.pxPerMmX())),
      x1 = static_cast<int>(std::lround(at.right * g.pxPerMmX()));
  int y0 = static_cast<int>(std::lround((g.panelHeight_mm - at.top) * g.pxPerMmY()));
  int y1 = static_cast<int>(std::lround((g.panelHeight_mm - at.bottom) * g.pxPerMmY()));
  const auto column = [&](int x) {
    if (x < 0 || x >= g.width) return false;
    for (int y = std::max(0, y0); y < std::min(g.height, y1); ++y)
      if (!map.at(x, y)) return false;
    return true;
  };
  const auto row = [&](int y) {
    if (y < 0 || y >= g.height) return false;
    for (int x = std::max(0, x0); x < std::min(g.width, x1); ++x)
      if (!map.at(x, y)) return false;
    return true;
  };
  for (bool grew = true; grew;) {
    grew = false;
    if (column(x0 - 1)) --x0, grew = true;
    if (column(x1)) ++x1, grew = true;
    if (row(y0 - 1)) --y0, grew = true;
    if (row(y1)) ++y1, grew = true;
  }
  return boxOf(g, {x0, y0, x1 - x0, y1 - y0});
}

}  // namespace

double ratioWanted(const Stamp& greeting) {
  return greeting.height_mm >= kLargeLetter_mm ? kLargeText : kPlainText;
}

std::optional<GreetingPlace> placeGreeting(const Plan& plan, const Analysis& a, const Looks& l,
                                           const Field& lightness, int impression, const GreetingWish& wish) {
  const auto k = ix(impression);
  const Impression& thing = plan.impressions[k];
  const Stamp& stamp = *a.meetings.placed[k]->outline->stamp;
  const Box own = boxOf(stamp.silhouette);
  if (own.empty()) return {};
  FreeMap map = plainMap(plan, a, l.grid, l.owner, lightness, impression, kSafeBorder_mm);
  const double w = own.width() + 2 * kGreetingMargin_mm;
  const bool one = wish.secondWord == GreetingWish::Second::None;
  const double second = one ? 0 : own.height() + kGreetingMargin_mm;
  const double below = wish.secondWord == GreetingWish::Second::Below ? second : 0;
  const double h = own.height() + 2 * kGreetingMargin_mm + second;
  if (wish.sameGround && l.hero >= 0) {
    // Only places whose lower edge lies on the ground line: everything above and below it is shut.
    const double line = plan.impressions[ix(l.hero)].at.y - kGreetingMargin_mm - below;
    for (int y = 0; y < l.grid.height; ++y) {
      const double mm = l.grid.centre(0, y).y;
      if (mm >= line && mm <= line + h + 1) continue;
      for (int x = 0; x < l.grid.width; ++x) map.free[ix(y) * ix(l.grid.width) + ix(x)] = 0;
    }
  }
  const auto found = placeFor(map, w, h, thing.at);
  if (!found) return {};
  GreetingPlace out;
  out.margin_mm = found->margin_mm;
  const Point c = found->centre;
  out.room = roomAround(map, {c.x - w / 2, c.y - h / 2, c.x + w / 2, c.y + h / 2});
  if (out.room.empty()) out.room = {c.x - w / 2, c.y - h / 2, c.x + w / 2, c.y + h / 2};
  // By the middle of its ink from side to side; a little above the middle from below to above.
  const Point middle = middleOf(stamp.silhouette);
  constexpr double kAbove = 0.03;
  const double spareY = std::max(0.0, out.room.height() - own.height() - second);
  double left = out.room.centre().x - middle.x;
  left = std::clamp(left, out.room.left + kGreetingMargin_mm - own.left,
                    std::max(out.room.left + kGreetingMargin_mm - own.left,
                             out.room.right - kGreetingMargin_mm - own.right));
  double bottom = out.room.bottom + below + spareY * (0.5 + kAbove) - own.bottom;
  if (wish.sameGround && l.hero >= 0) bottom = plan.impressions[ix(l.hero)].at.y - own.bottom;
  out.foot = {left + stamp.foot.x, bottom + stamp.foot.y};
  return out;
}

std::optional<GreetingPlace> placeGreeting(const Plan& plan, const Analysis& a, const Looks& l,
                                           const ArtSource* art, int impression, const GreetingWish& wish) {
  const PressInput in = a.press(plan, art);
  PressTiles tiles(in, l.grid);
  const Canvas card = intendedCard(in, tiles);
  Field lightness(l.grid.width, l.grid.height);
  for (int y = 0; y < l.grid.height; ++y)
    for (int x = 0; x < l.grid.width; ++x) lightness.at(x, y) = static_cast<float>(labOf(card.at(x, y)).L);
  return placeGreeting(plan, a, l, lightness, impression, wish);
}

std::vector<Greeting> readGreetings(const Plan& plan, const Analysis& a, const Looks& l, const Canvas& card,
                                    PressTiles& tiles, const Field& lightness) {
  std::vector<Greeting> out;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Placed& placed = *a.meetings.placed[i];
    if (!factsOf(placed.outline->stamp->role).words) continue;
    Greeting g;
    g.impression = static_cast<int>(i);
    const Impression& thing = plan.impressions[i];
    const Tile& ink = tiles.ink(g.impression);
    const Ground ground = groundOf(l, card, ink);
    const LinearRgb letters = lettersOf(plan, thing, ground.mean);
    g.ratio = legibility(ground, letters);
    g.ink = labOf(letters), g.ground = labOf(ground.mean);
    // What comes too near, or lies over it.
    const Box box = placed.box.grown(kGreetingMargin_mm);
    std::vector<int> pixels(plan.impressions.size(), 0);
    for (int y = 0; y < l.grid.height; ++y)
      for (int x = 0; x < l.grid.width; ++x) {
        const int o = l.owner[ix(y) * ix(l.grid.width) + ix(x)];
        if (o < 0 || o == g.impression || !box.contains(l.grid.centre(x, y))) continue;
        const Role role = a.meetings.placed[ix(o)]->outline->stamp->role;
        if (!factsOf(role).backdrop) ++pixels[ix(o)];
      }
    for (size_t o = 0; o < pixels.size(); ++o) {
      g.crowded_mm2 += pixels[o] * l.grid.pixelArea_mm2();
      if (pixels[o] > 0 && (g.crowding < 0 || pixels[o] > pixels[ix(g.crowding)]))
        g.crowding = static_cast<int>(o);
    }
    if (const auto place = placeGreeting(plan, a, l, lightness, g.impression)) {
      g.better = place->foot;
      // On the ground that is there, in its own ink.
      Ground there;
      const Rings moved = rectangle(boxOf(placed.outline->silhouette));
      const Point shift{place->foot.x - placed.outline->stamp->foot.x,
                        place->foot.y - placed.outline->stamp->foot.y};
      const Box at{boxOf(moved).left + shift.x, boxOf(moved).bottom + shift.y, boxOf(moved).right + shift.x,
                   boxOf(moved).top + shift.y};
      double sum[3] = {};
      for (int y = 0; y < l.grid.height; ++y)
        for (int x = 0; x < l.grid.width; ++x) {
          if (!at.contains(l.grid.centre(x, y)) || ink.at(x, y) > 25) continue;
          there.pixels.push_back(card.at(x, y));
          for (size_t c = 0; c < 3; ++c) sum[c] += static_cast<double>(card.at(x, y)[c]);
        }
      if (!there.pixels.empty())
        for (size_t c = 0; c < 3; ++c)
          there.mean[c] = static_cast<float>(sum[c] / static_cast<double>(there.pixels.size()));
      g.betterRatio = legibility(there, lettersOf(plan, thing, there.mean));
    }
    out.push_back(std::move(g));
  }
  return out;
}

std::vector<LegibleWay> waysToLegible(const Plan& plan, const Greeting& g) {
  std::vector<LegibleWay> out;
  const auto i = ix(g.impression);
  const Impression& thing = plan.impressions[i];
  const Stamp& stamp = *plan.stamp(thing.stamp);
  const LinearRgb ground = linearOf(g.ground), paper = linearOf(plan.card.paper.colour);
  if (g.better && g.betterRatio > g.ratio + 0.05) {
    Fix f;
    f.what = Fix::What::MoveFoot, f.impression = g.impression, f.to = *g.better;
    out.push_back({LegibleBy::Move, g.betterRatio, std::move(f)});
  }
  for (const Ink& ink : plan.inks) {
    const bool embossed = ink.kind == InkKind::Embossing;
    if (ink.id == thing.ink && thing.generation == 1) continue;
    const LinearRgb letters = pressedOn(knocksOut(thing) && !embossed ? paper : ground, ink, 1);
    const double ratio = contrastRatio(luminanceOf(ground), luminanceOf(letters));
    if (ratio <= g.ratio + 0.05) continue;
    Fix f;
    f.impression = g.impression, f.ink = ink.id, f.generation = 1;
    f.what = embossed ? Fix::What::School : Fix::What::Press;
    f.school = School::Resist;
    out.push_back({embossed ? LegibleBy::WhiteEmbossing : LegibleBy::Ink, ratio, std::move(f)});
  }
  // On a strip of its own the ground is clean paper; only where its shape is a strip or banner.
  const double filled = areaOf(stamp.silhouette) / std::max(1.0, stamp.width_mm * stamp.height_mm);
  if (thing.school != School::PopUp && filled > 0.6) {
    const Ink& ink = *plan.ink(thing.ink);
    Fix f;
    f.what = Fix::What::School, f.impression = g.impression, f.school = School::PopUp;
    const double ratio =
        contrastRatio(luminanceOf(paper), luminanceOf(pressedOn(paper, ink, thing.generation)));
    if (ratio > g.ratio + 0.05) out.push_back({LegibleBy::Strip, ratio, std::move(f)});
  }
  const double wanted = ratioWanted(stamp);
  std::stable_sort(out.begin(), out.end(), [&](const LegibleWay& p, const LegibleWay& q) {
    // What is enough with the least change first: moving, then ink, embossing, a strip; else the best ratio.
    const bool pe = p.ratio >= wanted, qe = q.ratio >= wanted;
    if (pe != qe) return pe;
    if (pe && p.by != q.by) return p.by < q.by;
    return p.ratio > q.ratio;
  });
  return out;
}

}  // namespace havlo
