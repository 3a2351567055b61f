// The stages: render, saliency, who owns which pixel, shares, looks, rivals, contrasts, greetings, plain
// space.
#include "core/focus/looks.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>
#include <thread>

#include "core/analysis/analysis.h"
#include "core/focus/eye_lines.h"
#include "core/focus/greeting.h"
#include "core/focus/oddness.h"
#include "core/ink/ink_facts.h"
#include "core/outline/distance.h"
#include "core/pieces/heights.h"
#include "core/plan/figures.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr int kMostLooks = 5;
constexpr double kFaintest = 0.1;    // of the first look's: what pulls less is none of the first looks
constexpr double kNearMiss_px = 2;   // pull so near to a thing is the thing's
constexpr double kRivalShare = 0.8;  // of the hero's share: from here on a thing competes
constexpr double kInhibited = 0.1;   // of the panel's longer side: radius of what a look covers
constexpr double kRing_px = 3;       // how far a thing's surroundings reach
constexpr double kPlainRange = 14;   // L* within a few pixels: more is not plain

/// CIE Lab by a table of the cube root, to 0.02 of L*: tens of thousands of pixels are asked for at a time.
class LabTable {
 public:
  LabTable() {
    for (size_t k = 0; k < m_root.size(); ++k) {
      const double side = static_cast<double>(k) / kSteps, t = side * side;
      m_root[k] = static_cast<float>(t > 216.0 / 24389 ? std::cbrt(t) : (24389.0 / 27 * t + 16) / 116);
    }
  }
  void put(const LinearRgb& c, float& L, float& a, float& b) const {
    const float x = (0.4124564f * c[0] + 0.3575761f * c[1] + 0.1804375f * c[2]) / 0.95047f;
    const float y = 0.2126729f * c[0] + 0.7151522f * c[1] + 0.0721750f * c[2];
    const float z = (0.0193339f * c[0] + 0.1191920f * c[1] + 0.9503041f * c[2]) / 1.08883f;
    const float fx = root(x), fy = root(y), fz = root(z);
    L = 116 * fy - 16, a = 500 * (fx - fy), b = 200 * (fy - fz);
  }

 private:
  // Even steps of the square root, so that dark values are as exact as light ones.
  static constexpr int kSteps = 4096;
  std::array<float, kSteps + 2> m_root;
  float root(float t) const {
    const float at = std::sqrt(std::clamp(t, 0.0f, 1.0f)) * kSteps;
    const auto k = static_cast<size_t>(at);
    return m_root[k] + (at - static_cast<float>(k)) * (m_root[k + 1] - m_root[k]);
  }
};

}  // namespace

LabPicture labPictureOf(const Canvas& card) {
  static const LabTable table;
  const Grid& g = card.grid();
  LabPicture out{Field(g.width, g.height), Field(g.width, g.height), Field(g.width, g.height)};
  for (int y = 0; y < g.height; ++y)
    for (int x = 0; x < g.width; ++x)
      table.put(card.at(x, y), out.L.at(x, y), out.a.at(x, y), out.b.at(x, y));
  return out;
}

namespace {

/// The impression in front at each pixel.
std::vector<int> ownersOf(const Analysis& a, PressTiles& tiles) {
  const Grid& g = tiles.grid();
  std::vector<int> owner(ix(g.width) * ix(g.height), -1);
  for (int i : a.knots.frontToBack) {
    const Tile& t = tiles.silhouette(i);
    for (int y = t.y; y < t.y + t.height; ++y)
      for (int x = t.x; x < t.x + t.width; ++x) {
        int& o = owner[ix(y) * ix(g.width) + ix(x)];
        if (o < 0 && t.row(y)[x - t.x]) o = i;
      }
  }
  return owner;
}

/// Pull just beside a thing belongs to it: line art pulls at its outline.
std::vector<int> withNearMisses(const std::vector<int>& owner, const Grid& g) {
  std::vector<int> out = owner;
  const int r = static_cast<int>(kNearMiss_px);
  std::vector<int> away(owner.size(), r * r + 1);
  const auto index = [&](int x, int y) { return ix(y) * ix(g.width) + ix(x); };
  const auto bare = [&](int x, int y) {
    return x >= 0 && y >= 0 && x < g.width && y < g.height && owner[index(x, y)] < 0;
  };
  // From the rims of things outward.
  for (int y = 0; y < g.height; ++y)
    for (int x = 0; x < g.width; ++x) {
      const int o = owner[index(x, y)];
      if (o < 0 || !(bare(x - 1, y) || bare(x + 1, y) || bare(x, y - 1) || bare(x, y + 1))) continue;
      for (int j = -r; j <= r; ++j)
        for (int i = -r; i <= r; ++i)
          if (bare(x + i, y + j) && i * i + j * j < away[index(x + i, y + j)])
            away[index(x + i, y + j)] = i * i + j * j, out[index(x + i, y + j)] = o;
    }
  return out;
}

void drawByRole(Looks& out, const Analysis& a, const std::vector<int>& near) {
  double sum = 0;
  for (size_t k = 0; k < near.size(); ++k) {
    float& v = out.saliency.pull.v[k];
    if (near[k] >= 0)
      v *= static_cast<float>(factsOf(a.meetings.placed[ix(near[k])]->outline->stamp->role).draw);
    sum += static_cast<double>(v);
  }
  if (sum > 0)
    for (float& v : out.saliency.pull.v) v = static_cast<float>(v / sum);
}

/// What a thing that is odd at sight pulls besides, against the thing that pulls most. Fitted to arrays with
/// one odd thing.
constexpr double kOddPull = 1.2;

/// A thing that is odd among the others draws the eye whether it has more of something or less: its pixels
/// get pull besides, evenly.
void drawOdd(Looks& out, const Analysis& a, const LabPicture& picture, const std::vector<int>& owner) {
  const size_t n = out.ids.size();
  std::vector<double> pulls(n, 0), pixels(n, 0);
  std::vector<char> counts(n);
  for (size_t i = 0; i < n; ++i) counts[i] = !factsOf(a.meetings.placed[i]->outline->stamp->role).backdrop;
  for (size_t k = 0; k < owner.size(); ++k)
    if (const int o = owner[k]; o >= 0) {
      const auto v = static_cast<double>(out.saliency.pull.v[k]);
      pulls[ix(o)] += v * v, ++pixels[ix(o)];
    }
  const double most = n == 0 ? 0 : *std::max_element(pulls.begin(), pulls.end());
  const std::vector<double> odd = oddnessOf(thingLooks(picture, owner, static_cast<int>(n)), counts);
  double sum = 0;
  for (size_t k = 0; k < owner.size(); ++k) {
    float& v = out.saliency.pull.v[k];
    if (const int o = owner[k]; o >= 0 && odd[ix(o)] > 0)
      v = static_cast<float>(std::sqrt(static_cast<double>(v) * static_cast<double>(v) +
                                       kOddPull * odd[ix(o)] * most / pixels[ix(o)]));
    sum += static_cast<double>(v);
  }
  if (sum > 0)
    for (float& v : out.saliency.pull.v) v = static_cast<float>(v / sum);
}

/// The share of each thing: peaks count more than haze, so the pull is squared first.
void measureShares(Looks& out, const Plan& plan, const std::vector<int>& near) {
  double sum = 0;
  // The one glued last has what lies under it.
  std::vector<std::pair<size_t, Rings>> pieces;
  for (const Glued& g : gluedOn(plan))
    if (g.piece >= 0) pieces.insert(pieces.begin(), {ix(g.piece), onCard(plan.pieces[ix(g.piece)])});
  out.byPiece.assign(plan.pieces.size(), 0);
  const auto pieceAt = [&](size_t pixel) {
    const Point at = out.grid.centre(static_cast<int>(pixel % ix(out.grid.width)),
                                     static_cast<int>(pixel / ix(out.grid.width)));
    return std::find_if(pieces.begin(), pieces.end(), [&](const auto& p) { return covers(p.second, at); });
  };
  out.shares.assign(out.ids.size(), 0);
  for (size_t k = 0; k < near.size(); ++k) {
    const double v = static_cast<double>(out.saliency.pull.v[k]);
    sum += v * v;
    (near[k] < 0 ? out.elsewhere : out.shares[ix(near[k])]) += v * v;
    if (near[k] >= 0 || pieces.empty()) continue;
    if (const auto piece = pieceAt(k); piece != pieces.end()) out.byPiece[piece->first] += v * v;
  }
  if (sum > 0) {
    for (double& s : out.shares) s /= sum;
    for (double& s : out.byPiece) s /= sum;
    out.elsewhere /= sum;
  }
  out.ranking.resize(out.ids.size());
  std::iota(out.ranking.begin(), out.ranking.end(), 0);
  std::stable_sort(out.ranking.begin(), out.ranking.end(),
                   [&](int p, int q) { return out.shares[ix(p)] > out.shares[ix(q)]; });
}

struct ThingMeans {
  double pixels = 0, lightness = 0, colour = 0;
};

ThingMeans meansOf(const Looks& l, const std::vector<int>& near, int thing) {
  ThingMeans m;
  for (size_t k = 0; k < near.size(); ++k)
    if (near[k] == thing)
      ++m.pixels, m.lightness += static_cast<double>(l.saliency.lightness.v[k]),
          m.colour += static_cast<double>(l.saliency.colour.v[k]);
  if (m.pixels > 0) m.lightness /= m.pixels, m.colour /= m.pixels;
  return m;
}

/// Distance from the thing's box to the nearest other thing's that stands for itself.
double aloneness(const Analysis& a, int thing) {
  const Box b = a.meetings.placed[ix(thing)]->box;
  double best = 1e9;
  for (size_t k = 0; k < a.meetings.placed.size(); ++k) {
    const Placed& p = *a.meetings.placed[k];
    if (static_cast<int>(k) == thing || factsOf(p.outline->stamp->role).backdrop || p.areaOnPanel_mm2 <= 0)
      continue;
    const Box o = p.box;
    const double dx = std::max({0.0, o.left - b.right, b.left - o.right});
    const double dy = std::max({0.0, o.bottom - b.top, b.bottom - o.top});
    best = std::min(best, std::hypot(dx, dy));
  }
  return best;
}

void findRivals(Looks& out, const Plan& plan, const Analysis& a, const std::vector<int>& near) {
  if (out.hero < 0) return;
  const double mine = out.heroShare();
  const ThingMeans me = meansOf(out, near, out.hero);
  for (int t : out.ranking) {
    const double share = out.shares[ix(t)];
    if (t == out.hero || share < std::max(kRivalShare * mine, 0.08)) continue;
    const ThingMeans it = meansOf(out, near, t);
    const Box panel = plan.card.panel.box(), box = a.meetings.placed[ix(t)]->box;
    const double border = std::min(
        {box.left - panel.left, panel.right - box.right, box.bottom - panel.bottom, panel.top - box.top});
    std::vector<std::pair<double, RivalWhy>> why;
    const auto more = [](double its, double mine_) { return its / std::max(mine_, 1e-6); };
    why.emplace_back(more(it.lightness, me.lightness), RivalWhy::Contrast);
    why.emplace_back(more(it.colour, std::max(me.colour, 0.02)), RivalWhy::Colour);
    why.emplace_back(more(it.pixels, me.pixels), RivalWhy::Size);
    const double alone = aloneness(a, t), heroAlone = aloneness(a, out.hero);
    if (alone > 8 && alone > heroAlone) why.emplace_back(1 + alone / 20, RivalWhy::Isolation);
    if (border < 3) why.emplace_back(1.15, RivalWhy::Edge);
    std::stable_sort(why.begin(), why.end(), [](const auto& p, const auto& q) { return p.first > q.first; });
    Rival rival{t, share, {}};
    for (const auto& [much, reason] : why)
      if (much >= 1.1 || rival.why.empty()) rival.why.push_back(reason);
    if (rival.why.size() > 3) rival.why.resize(3);
    out.rivals.push_back(std::move(rival));
  }
}

struct Mean {
  double r = 0, g = 0, b = 0, weight = 0;
  void add(const LinearRgb& c, double w = 1) {
    r += w * static_cast<double>(c[0]), g += w * static_cast<double>(c[1]),
        b += w * static_cast<double>(c[2]);
    weight += w;
  }
  LinearRgb value() const {
    return {static_cast<float>(r / weight), static_cast<float>(g / weight), static_cast<float>(b / weight)};
  }
};

/// The thing's own colour against that of what lies behind it around what shows of it: what stands before it
/// hides it and is not what it sinks into. @param nearness  by impression, the nearest first
Standout standoutOf(const Plan& plan, const Looks& l, const Canvas& card, PressTiles& tiles, int thing,
                    const std::vector<int>& nearness) {
  const Grid& g = l.grid;
  const Tile& t = tiles.silhouette(thing);
  Standout out;
  if (t.empty()) return out;
  const int r = static_cast<int>(kRing_px);
  const int x0 = std::max(0, t.x - r), x1 = std::min(g.width, t.x + t.width + r);
  const int y0 = std::max(0, t.y - r), y1 = std::min(g.height, t.y + t.height + r);
  const int w = x1 - x0;
  const auto owned = [&](int x, int y) { return l.owner[ix(y) * ix(g.width) + ix(x)] == thing; };
  // Grown by r: along rows, then along columns.
  std::vector<uint8_t> rows(ix(w) * ix(y1 - y0), 0);
  const auto at = [&](int x, int y) -> uint8_t& { return rows[ix(y - y0) * ix(w) + ix(x - x0)]; };
  for (int y = y0; y < y1; ++y)
    for (int x = x0; x < x1; ++x)
      if (owned(x, y))
        for (int i = std::max(x0, x - r); i <= std::min(x1 - 1, x + r); ++i) at(i, y) = 1;
  Mean own, around;
  for (int y = y0; y < y1; ++y)
    for (int x = x0; x < x1; ++x) {
      if (owned(x, y)) {
        own.add(card.at(x, y));
        continue;
      }
      const int other = l.owner[ix(y) * ix(g.width) + ix(x)];
      if (other >= 0 && nearness[ix(other)] < nearness[ix(thing)]) continue;
      bool near = false;
      for (int j = std::max(y0, y - r); j <= std::min(y1 - 1, y + r) && !near; ++j) near = at(x, j) != 0;
      if (near) around.add(card.at(x, y));
    }
  if (own.weight < 4 || around.weight < 4) return out;
  out.shows = true;
  const LinearRgb o = own.value(), a = around.value();
  out.own = labOf(o), out.around = labOf(a);
  out.difference = ciede2000(out.own, out.around);
  out.ratio = contrastRatio(luminanceOf(o), luminanceOf(a));
  // Line art shows by its lines: the ink itself on its paper, or on what it is printed over.
  const Impression& thing_ = plan.impressions[ix(thing)];
  const Stamp& stamp = *plan.stamp(thing_.stamp);
  if (stamp.solid && stamp.art.empty()) return out;
  const Ink& ink = *plan.ink(thing_.ink);
  const LinearRgb ground = printsOver(thing_.school) ? a : linearOf(plan.card.paper.colour);
  const LinearRgb line = pressedOn(ground, ink, thing_.generation);
  if (const double d = ciede2000(labOf(line), out.around); d > out.difference) {
    out.difference = d;
    out.own = labOf(line);
    out.ratio = contrastRatio(luminanceOf(line), luminanceOf(a));
  }
  return out;
}

/// Where the dark and the colourful lie: the centre of what differs from the paper.
Point weightOf(const LabPicture& p, const Grid& g, const Lab& paper) {
  double sum = 0, x_ = 0, y_ = 0;
  const double sx = 1 / g.pxPerMmX(), sy = 1 / g.pxPerMmY();
  for (int y = 0; y < g.height; ++y)
    for (int x = 0; x < g.width; ++x) {
      const double dL = static_cast<double>(p.L.at(x, y)) - paper.L,
                   da = static_cast<double>(p.a.at(x, y)) - paper.a,
                   db = static_cast<double>(p.b.at(x, y)) - paper.b;
      const double d2 = dL * dL + da * da + db * db;
      if (d2 <= 100) continue;  // a pale wash weighs nothing
      const double d = std::sqrt(d2) - 10, w = d * d;
      sum += w, x_ += w * (x + 0.5) * sx, y_ += w * (g.panelHeight_mm - (y + 0.5) * sy);
    }
  if (sum < 1e-6) return {g.panelWidth_mm / 2, g.panelHeight_mm / 2};
  return {x_ / sum, y_ / sum};
}

void measureTone(Looks& out, const LabPicture& p) {
  double sum = 0, squares = 0;
  for (float v : p.L.v)
    sum += static_cast<double>(v), squares += static_cast<double>(v) * static_cast<double>(v);
  const auto n = static_cast<double>(p.L.v.size());
  out.contrast = std::sqrt(std::max(0.0, squares / n - (sum / n) * (sum / n)));
}

void measurePlainSpace(Looks& out, const Plan& plan, const Analysis& a, const Field& lightness) {
  const FreeMap map = plainMap(plan, a, out.grid, out.owner, lightness, -1, 0);
  out.plainShare = static_cast<double>(std::count(map.free.begin(), map.free.end(), uint8_t{1})) /
                   static_cast<double>(map.free.size());
  out.plainest = boxOf(out.grid, largestFree(map));
}

}  // namespace

FreeMap plainMap(const Plan& plan, const Analysis& a, const Grid& g, const std::vector<int>& owner,
                 const Field& lightness, int except, double border_mm) {
  FreeMap map{g, std::vector<uint8_t>(owner.size(), 0)};
  const double clean = std::max({border_mm, plan.card.tape_mm, plan.card.bare_mm});
  const Box inside = plan.card.panel.box().grown(-clean);
  // Least and greatest lightness within 5 x 5, the exception left out: along rows, then along columns.
  constexpr int kR = 2;
  Field low(g.width, g.height, 1000), high(g.width, g.height, -1000);
  const auto index = [&](int x, int y) { return ix(y) * ix(g.width) + ix(x); };
  for (int y = 0; y < g.height; ++y)
    for (int x = 0; x < g.width; ++x) {
      float& l = low.at(x, y);
      float& h = high.at(x, y);
      for (int i = std::max(0, x - kR); i <= std::min(g.width - 1, x + kR); ++i) {
        if (except >= 0 && owner[index(i, y)] == except) continue;
        l = std::min(l, lightness.at(i, y)), h = std::max(h, lightness.at(i, y));
      }
    }
  // Pixels whose middle lies inside.
  int x0 = 0, y0 = 0, x1 = g.width, y1 = g.height;
  while (x0 < x1 && g.centre(x0, 0).x < inside.left) ++x0;
  while (x1 > x0 && g.centre(x1 - 1, 0).x > inside.right) --x1;
  while (y0 < y1 && g.centre(0, y0).y > inside.top) ++y0;
  while (y1 > y0 && g.centre(0, y1 - 1).y < inside.bottom) --y1;
  std::vector<char> stands(plan.impressions.size());
  for (size_t i = 0; i < stands.size(); ++i)
    stands[i] = !factsOf(a.meetings.placed[i]->outline->stamp->role).backdrop;
  for (int y = 0; y < g.height; ++y)
    for (int x = 0; x < g.width; ++x) {
      const size_t k = index(x, y);
      const int o = owner[k];
      if (x < x0 || x >= x1 || y < y0 || y >= y1) continue;
      if (o == except && o >= 0) {
        map.free[k] = 1;
        continue;
      }
      if (o >= 0 && stands[ix(o)]) continue;
      float l = 1000, h = -1000;
      for (int j = std::max(0, y - kR); j <= std::min(g.height - 1, y + kR); ++j)
        l = std::min(l, low.at(x, j)), h = std::max(h, high.at(x, j));
      map.free[k] = h - l < kPlainRange ? 1 : 0;
    }
  return map;
}

bool Looks::clearlyFirst() const {
  if (ranking.empty() || shares[ix(ranking[0])] <= 0) return false;
  return ranking.size() < 2 || shares[ix(ranking[0])] >= kClearlyMore * shares[ix(ranking[1])];
}

bool Looks::fits(const Plan& plan) const {
  const auto same = [](const auto& things, const std::vector<std::string>& known) {
    return std::equal(things.begin(), things.end(), known.begin(), known.end(),
                      [](const auto& thing, const std::string& id) { return thing.id == id; });
  };
  return same(plan.impressions, ids) && same(plan.ground, marks) && same(plan.pieces, papers) &&
         std::fabs(grid.panelWidth_mm - plan.card.panel.width_mm) < 1e-9 &&
         std::fabs(grid.panelHeight_mm - plan.card.panel.height_mm) < 1e-9;
}

int Looks::ownerAt(Point p) const {
  const int x = static_cast<int>(p.x * grid.pxPerMmX());
  const int y = static_cast<int>((grid.panelHeight_mm - p.y) * grid.pxPerMmY());
  if (x < 0 || y < 0 || x >= grid.width || y >= grid.height) return -1;
  return owner[ix(y) * ix(grid.width) + ix(x)];
}

Grid lookGrid(const Box& panel) {
  return Grid(panel, kLookPixels * kMmPerInch / std::max(panel.width(), panel.height()));
}

namespace {

/// Small differences from pixel to pixel do not draw a look: averaged over 5 x 5.
Field softened(const Field& pull) {
  Field rows(pull.width, pull.height), soft = rows;
  const auto window = [](int at, int last) { return std::pair(std::max(0, at - 2), std::min(last, at + 2)); };
  for (int y = 0; y < pull.height; ++y)
    for (int x = 0; x < pull.width; ++x) {
      const auto [low, high] = window(x, pull.width - 1);
      float sum = 0;
      for (int k = low; k <= high; ++k) sum += pull.at(k, y);
      rows.at(x, y) = sum / static_cast<float>(high - low + 1);
    }
  for (int y = 0; y < pull.height; ++y) {
    const auto [low, high] = window(y, pull.height - 1);
    float* to = &soft.at(0, y);
    for (int k = low; k <= high; ++k) {
      const float* from = &rows.at(0, k);
      for (int x = 0; x < pull.width; ++x) to[x] += from[x];
    }
    for (int x = 0; x < pull.width; ++x) to[x] /= static_cast<float>(high - low + 1);
  }
  return soft;
}

/// Where a thing draws most.
Point strongestIn(const Field& soft, const Grid& g, const std::vector<int>& near, int thing) {
  size_t best = 0;
  float most = -1;
  for (size_t k = 0; k < near.size(); ++k)
    if (near[k] == thing && soft.v[k] > most) most = soft.v[k], best = k;
  return g.centre(static_cast<int>(best) % soft.width, static_cast<int>(best) / soft.width);
}

}  // namespace

namespace {

/// @param soft  softened
std::vector<Look> looksOn(Field soft, const Grid& g, int most) {
  const double r = kInhibited * std::max(soft.width, soft.height);
  std::vector<Look> out;
  float first = 0;
  while (static_cast<int>(out.size()) < most && !soft.v.empty()) {
    const auto best = std::max_element(soft.v.begin(), soft.v.end());
    const auto k = ix(best - soft.v.begin());
    if (out.empty()) first = *best;
    if (*best <= 0 || *best < static_cast<float>(kFaintest) * first) break;
    const int x = static_cast<int>(k) % soft.width, y = static_cast<int>(k) / soft.width;
    out.push_back({g.centre(x, y), -1, static_cast<double>(*best / first)});
    const auto bell = [r](int n, int middle) {
      std::vector<float> out_(ix(n));
      for (int i = 0; i < n; ++i)
        out_[ix(i)] = static_cast<float>(std::exp(-(i - middle) * (i - middle) / (r * r)));
      return out_;
    };
    const std::vector<float> across = bell(soft.width, x), down = bell(soft.height, y);
    for (int j = 0; j < soft.height; ++j)
      for (int i = 0; i < soft.width; ++i) soft.at(i, j) *= 1 - across[ix(i)] * down[ix(j)];
  }
  return out;
}

}  // namespace

std::vector<Look> firstLooks(const Field& pull, const Grid& g, int most) {
  return looksOn(softened(pull), g, most);
}

namespace {

bool besideThing(const std::vector<int>& near, int width, int height, double cx, double cy, double r) {
  for (int y = std::max(0, static_cast<int>(cy - r)); y < std::min<double>(height, cy + r); ++y)
    for (int x = std::max(0, static_cast<int>(cx - r)); x < std::min<double>(width, cx + r); ++x)
      if (near[ix(y) * ix(width) + ix(x)] >= 0 && std::hypot(x + 0.5 - cx, y + 0.5 - cy) <= r) return true;
  return false;
}

/// The first looks by the same measure as the shares: things by theirs, and places where nothing stands by
/// what is pulled together there.
std::vector<Look> looksInOrder(const Looks& l, const std::vector<int>& near) {
  const Field& pull = l.saliency.pull;
  double all = 0;
  for (float v : pull.v) all += static_cast<double>(v) * static_cast<double>(v);
  std::vector<Look> out;
  if (all <= 0) return out;
  const Field soft = softened(pull);
  for (size_t t = 0; t < std::min<size_t>(kMostLooks, l.ranking.size()); ++t) {
    const int thing = l.ranking[t];
    if (l.shares[ix(thing)] <= 0) break;
    out.push_back({strongestIn(soft, l.grid, near, thing), thing, l.shares[ix(thing)]});
  }
  Field bare = soft;
  for (size_t k = 0; k < near.size(); ++k)
    if (near[k] >= 0) bare.v[k] = 0;
  const double r = kInhibited * std::max(pull.width, pull.height);
  for (const Look& place : looksOn(bare, l.grid, kMostLooks)) {
    double here = 0;
    const double cx = place.at.x * l.grid.pxPerMmX(),
                 cy = (l.grid.panelHeight_mm - place.at.y) * l.grid.pxPerMmY();
    for (int y = std::max(0, static_cast<int>(cy - r)); y < std::min<double>(bare.height, cy + r); ++y)
      for (int x = std::max(0, static_cast<int>(cx - r)); x < std::min<double>(bare.width, cx + r); ++x)
        if (std::hypot(x + 0.5 - cx, y + 0.5 - cy) <= r)
          here += static_cast<double>(bare.at(x, y)) * static_cast<double>(bare.at(x, y));
    // Close to a thing it is that thing's own glow.
    if (!besideThing(near, pull.width, pull.height, cx, cy, r / 2)) out.push_back({place.at, -1, here / all});
  }
  std::stable_sort(out.begin(), out.end(), [](const Look& a, const Look& b) { return a.pull > b.pull; });
  const double first = out.empty() ? 0 : out[0].pull;
  std::erase_if(out, [&](const Look& k) { return k.pull < kFaintest * first; });
  if (out.size() > kMostLooks) out.resize(kMostLooks);
  for (Look& k : out) k.pull /= first;
  return out;
}

}  // namespace

LooksRef lookAt(const Plan& plan, const Analysis& a, const Canvas& card, PressTiles& tiles) {
  auto out = std::make_shared<Looks>();
  out->grid = card.grid();
  for (const Impression& i : plan.impressions) out->ids.push_back(i.id);
  for (const GroundMark& m : plan.ground) out->marks.push_back(m.id);
  for (const Piece& piece : plan.pieces) out->papers.push_back(piece.id);
  for (size_t i = 0; i < plan.impressions.size() && out->hero < 0; ++i)
    if (plan.impressions[i].hero) out->hero = static_cast<int>(i);
  const LabPicture picture = labPictureOf(card);
  out->owner = ownersOf(a, tiles);
  // What the colours and the room on the card say does not hang on what pulls: both at once.
  std::jthread besides([&] {
    std::vector<int> nearness(plan.impressions.size(), 0);
    for (size_t k = 0; k < a.knots.frontToBack.size(); ++k)
      nearness[ix(a.knots.frontToBack[k])] = static_cast<int>(k);
    for (size_t i = 0; i < plan.impressions.size(); ++i)
      out->standouts.push_back(standoutOf(plan, *out, card, tiles, static_cast<int>(i), nearness));
    out->weight = weightOf(picture, out->grid, labOf(plan.card.paper.colour));
    measureTone(*out, picture);
    measurePlainSpace(*out, plan, a, picture.L);
    out->greetings = readGreetings(plan, a, *out, card, tiles, picture.L);
  });
  out->saliency = saliencyOf(picture);
  // The presses of one figure are one to the eye.
  const std::vector<int> leads = figureLeads(plan);
  std::vector<int> whole = out->owner;
  for (int& o : whole)
    if (o >= 0) o = leads[ix(o)];
  const std::vector<int> near = withNearMisses(whole, out->grid);
  drawByRole(*out, a, near);
  drawOdd(*out, a, picture, whole);
  measureShares(*out, plan, near);
  if (out->hero >= 0)
    out->heroRank = static_cast<int>(std::find(out->ranking.begin(), out->ranking.end(), out->hero) -
                                     out->ranking.begin()) +
                    1;
  out->path = looksInOrder(*out, near);
  findRivals(*out, plan, a, near);
  out->lines = eyeLines(plan, a, out->hero);
  besides.join();
  return out;
}

LooksRef lookAt(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                std::shared_ptr<TileStore> kept) {
  const PressInput in = analysis.press(plan, art);
  PressTiles tiles(in, lookGrid(plan.card.panel.box()), std::move(kept));
  return lookAt(plan, analysis, intendedCard(in, tiles), tiles);
}

}  // namespace havlo
