#include "core/viewpoint/crowd.h"

#include <algorithm>
#include <cmath>

#include "core/base/random.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr double kStep_mm = 0.5;   // between ground lines that are tried
constexpr double kEdge_mm = 1;     // feet keep this far from the card's lower edge, if they can
constexpr double kLevel_mm = 0.6;  // one row is not ruled: feet are up to this much apart
constexpr double kWander = 0.12;   // of a place's width, sideways
constexpr int kRepairs = 4000;

struct Kind {
  StandingBand band;
  double low = 0, high = 0;  // of the band, on the card and on the ground
  bool somewhere() const { return high >= low; }
  bool fits(double y) const { return somewhere() && y >= low - 1e-9 && y <= high + 1e-9; }
};

double ratioAt(const View& view, const Stamp& stamp, double foot_mm) {
  return stamp.height_mm /
         printedHeight(view, Metres{stamp.realHeight->typical_m}, Millimetres{foot_mm}).value;
}

int fittingAt(const std::vector<Kind>& kinds, double y) {
  return static_cast<int>(
      std::count_if(kinds.begin(), kinds.end(), [&](const Kind& k) { return k.fits(y); }));
}

/// What a ground line is worth: three kinds let neighbours differ, more is no better.
double worth(int kinds) {
  constexpr double kWorth[] = {-6, 1, 3, 4};
  return kWorth[std::min(kinds, 3)];
}

/// The lines of the rows: the best sum of what each is worth and of room between them, by dynamic
/// programming over lines half a millimetre apart.
std::vector<double> linesFor(const View& view, const std::vector<Kind>& kinds, int rows) {
  double low = 1e300, high = -1e300;
  for (const Kind& k : kinds)
    if (k.somewhere()) low = std::min(low, k.low), high = std::max(high, k.high);
  if (low > high) {  // nothing has its size anywhere on the card: where it is least wrong, low down
    low = std::min(kEdge_mm, view.horizon_mm / 2);
    high = std::max(low, view.horizon_mm / 2);
  }
  std::vector<double> tried;
  for (double y = low; y < high; y += kStep_mm) tried.push_back(y);
  tried.push_back(high);
  const size_t n = tried.size(), r = static_cast<size_t>(rows);
  const double room = rows > 1 ? (high - low) / (rows - 1) : 1;
  std::vector<std::vector<double>> best(r, std::vector<double>(n, -1e300));
  std::vector<std::vector<size_t>> from(r, std::vector<size_t>(n, 0));
  for (size_t k = 0; k < n; ++k) best[0][k] = worth(fittingAt(kinds, tried[k]));
  for (size_t row = 1; row < r; ++row)
    for (size_t k = 0; k < n; ++k)
      for (size_t j = 0; j <= k; ++j) {
        const double apart = room > 0 ? std::min(1.0, (tried[k] - tried[j]) / room) : 0;
        const double sum = best[row - 1][j] + worth(fittingAt(kinds, tried[k])) + 3 * apart;
        if (sum > best[row][k]) best[row][k] = sum, from[row][k] = j;
      }
  std::vector<double> lines(r);
  // Of equals the highest: nearer the middle of the card.
  size_t at = 0;
  for (size_t k = 0; k < n; ++k)
    if (best[r - 1][k] >= best[r - 1][at]) at = k;
  for (size_t row = r; row-- > 0; at = from[row][at]) lines[row] = tried[at];
  return lines;
}

struct Drawn {
  std::vector<std::vector<int>> may;  // stamps that have their size at each place, else the least wrong
  std::vector<std::vector<int>> neighbours;  // of each place
};

int clashes(const CrowdPlan& crowd, const Drawn& drawn, size_t place, int stamp) {
  return static_cast<int>(std::count_if(drawn.neighbours[place].begin(), drawn.neighbours[place].end(),
                                        [&](int other) { return crowd.places[ix(other)].stamp == stamp; }));
}

/// Of those with the fewest like it beside it the ones that stand least often in the crowd; among them by
/// lot.
int chosenFor(const CrowdPlan& crowd, const Drawn& drawn, size_t place, const std::vector<int>& used,
              Random& random) {
  std::vector<int> best;
  std::pair<int, int> least{1 << 30, 0};
  for (const int stamp : drawn.may[place]) {
    const std::pair<int, int> cost{clashes(crowd, drawn, place, stamp), used[ix(stamp)]};
    if (cost < least) least = cost, best.clear();
    if (cost == least) best.push_back(stamp);
  }
  return best[random.below(best.size())];
}

void drawOnce(CrowdPlan& crowd, const Drawn& drawn, size_t kinds, Random& random) {
  std::vector<int> used(kinds, 0);
  for (CrowdPlace& place : crowd.places) place.stamp = -1;
  for (size_t k = 0; k < crowd.places.size(); ++k) {
    crowd.places[k].stamp = chosenFor(crowd, drawn, k, used, random);
    ++used[ix(crowd.places[k].stamp)];
  }
}

std::vector<size_t> alikePlaces(const CrowdPlan& crowd, const Drawn& drawn) {
  std::vector<size_t> bad;
  for (size_t k = 0; k < crowd.places.size(); ++k)
    if (clashes(crowd, drawn, k, crowd.places[k].stamp) > 0) bad.push_back(k);
  return bad;
}

std::vector<int> leastAlike(const CrowdPlan& crowd, const Drawn& drawn, size_t place) {
  std::vector<int> best;
  int least = 1 << 30;
  for (const int stamp : drawn.may[place]) {
    const int n = clashes(crowd, drawn, place, stamp);
    if (n < least) least = n, best.clear();
    if (n == least) best.push_back(stamp);
  }
  return best;
}

/// Places that came out alike are drawn again among what clashes least, and now and then among all, which
/// leads out of where every single change is for the worse (min-conflicts with a random walk; Minton and
/// others 1992, from memory). The best that was seen stays.
void drawStamps(CrowdPlan& crowd, const Drawn& drawn, size_t kinds, Random& random) {
  drawOnce(crowd, drawn, kinds, random);
  std::vector<size_t> bad = alikePlaces(crowd, drawn);
  CrowdPlan best = crowd;
  size_t fewest = bad.size();
  for (int round = 0; round < kRepairs && !bad.empty(); ++round) {
    const size_t k = bad[random.below(bad.size())];
    const std::vector<int> choice = random.below(6) == 0 ? drawn.may[k] : leastAlike(crowd, drawn, k);
    crowd.places[k].stamp = choice[random.below(choice.size())];
    bad = alikePlaces(crowd, drawn);
    if (bad.size() < fewest) fewest = bad.size(), best = crowd;
  }
  crowd = std::move(best);
}

double widest(const CrowdWish& wish) {
  double width = 0;
  for (const StampRef& s : wish.stamps) width = std::max(width, s->width_mm);
  return width;
}

}  // namespace

bool areNeighbours(const CrowdWish& wish, const CrowdPlan& crowd, int first, int second) {
  const CrowdPlace &a = crowd.places[ix(first)], &b = crowd.places[ix(second)];
  if (a.row == b.row) return std::abs(first - second) == 1;
  // Seen over each other's shoulder: nearer than half of the widest.
  return std::abs(a.row - b.row) == 1 && std::fabs(a.at.x - b.at.x) < widest(wish) / 2;
}

Result<CrowdPlan> planCrowd(const View& view, const PanelSize& panel, const CrowdWish& given) {
  CrowdWish wish = given;
  wish.count = std::clamp(wish.count, 1, kMostInCrowd);
  wish.rows = std::clamp(wish.rows, 1, std::min(kMostCrowdRows, wish.count));
  if (wish.stamps.empty()) return Error{ErrorCode::BadInput, "a crowd needs stamps", {}};
  for (const StampRef& s : wish.stamps)
    if (!s->realHeight)
      return Error{
          ErrorCode::BadInput, "\"" + s->name + "\" has no real height, so its size cannot be judged", {}};
  if (view.horizon_mm <= kStep_mm)
    return Error{ErrorCode::BadInput, "there is no ground below the horizon to stand on", {}};

  std::vector<Kind> kinds;
  for (const StampRef& s : wish.stamps) {
    Kind k;
    k.band = standingBand(view, *s->realHeight, Millimetres{s->height_mm});
    k.low = std::max(k.band.low_mm, std::min(kEdge_mm, k.band.high_mm));
    k.high = std::min(k.band.high_mm, view.horizon_mm - kStep_mm);
    if (k.low < 0) k.low = 0;
    kinds.push_back(k);
  }
  CrowdPlan crowd;
  crowd.lines_mm = linesFor(view, kinds, wish.rows);
  Random random(wish.seed);
  Drawn drawn;
  // Whoever stands there is all on the card.
  double left = 0, right = panel.width_mm;
  for (const StampRef& stamp : wish.stamps)
    left = std::max(left, stamp->foot.x),
    right = std::min(right, panel.width_mm - stamp->width_mm + stamp->foot.x);
  for (int row = 0; row < wish.rows; ++row) {
    // The rows behind hold one more where the count does not come out even.
    const int here = wish.count / wish.rows + (row >= wish.rows - wish.count % wish.rows ? 1 : 0);
    const double line = crowd.lines_mm[ix(row)];
    // Four rows stand in each other's gaps before a place comes again.
    constexpr double kAside[] = {-0.25, 0.25, 0, 0.5};
    const double place = panel.width_mm / here, aside = wish.rows == 1 ? 0 : kAside[row % 4] * place;
    for (int k = 0; k < here; ++k) {
      CrowdPlace p;
      p.row = row;
      const double x = place * (k + 0.5) + aside + place * kWander * (2 * random.unit() - 1);
      p.at.x = std::clamp(x, left, std::max(left, right));
      p.at.y = line + kLevel_mm * (random.unit() - 0.5);
      std::vector<int> may;
      for (size_t s = 0; s < kinds.size(); ++s)
        if (kinds[s].fits(line)) may.push_back(static_cast<int>(s));
      if (may.empty()) {
        const auto off = [&](size_t s) { return std::fabs(std::log(ratioAt(view, *wish.stamps[s], line))); };
        size_t least = 0;
        for (size_t s = 1; s < kinds.size(); ++s)
          if (off(s) < off(least)) least = s;
        may = {static_cast<int>(least)};
      }
      crowd.places.push_back(p);
      drawn.may.push_back(std::move(may));
    }
  }
  const int count = static_cast<int>(crowd.places.size());
  drawn.neighbours.resize(crowd.places.size());
  for (int a = 0; a < count; ++a)
    for (int b = 0; b < count; ++b)
      if (a != b && areNeighbours(wish, crowd, a, b)) drawn.neighbours[ix(a)].push_back(b);
  drawStamps(crowd, drawn, wish.stamps.size(), random);
  for (CrowdPlace& p : crowd.places) {
    const Kind& kind = kinds[ix(p.stamp)];
    p.fits = kind.fits(crowd.lines_mm[ix(p.row)]);
    if (p.fits) p.at.y = std::clamp(p.at.y, kind.low, kind.high);
    p.at.y = std::clamp(p.at.y, 0.0, view.horizon_mm - kStep_mm / 2);
    p.ratio = ratioAt(view, *wish.stamps[ix(p.stamp)], p.at.y);
    if (!p.fits) ++crowd.unfit;
  }
  for (int a = 0; a < count; ++a)
    for (const int b : drawn.neighbours[ix(a)])
      if (a < b && crowd.places[ix(a)].stamp == crowd.places[ix(b)].stamp) ++crowd.alike;
  return crowd;
}

}  // namespace havlo
