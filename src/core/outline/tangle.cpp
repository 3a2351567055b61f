// A sweep over the pieces from left to right that looks at those whose boxes meet.
#include "core/outline/tangle.h"

#include <algorithm>
#include <map>

namespace havlo {
namespace {

constexpr size_t kMostLooked = 60'000'000;

struct Piece {
  Point a, b;  // a is not right of b
};

bool cross(const Piece& p, const Piece& q) {
  const double d1 = cross(p.b - p.a, q.a - p.a), d2 = cross(p.b - p.a, q.b - p.a);
  const double d3 = cross(q.b - q.a, p.a - q.a), d4 = cross(q.b - q.a, p.b - q.a);
  return d1 * d2 < 0 && d3 * d4 < 0;
}

}  // namespace

bool tangled(const Rings& chains, size_t most, bool closed) {
  std::vector<Piece> pieces;
  for (const Ring& chain : chains)
    for (size_t k = closed ? 0 : 1; k < chain.size(); ++k) {
      Point a = chain[k == 0 ? chain.size() - 1 : k - 1], b = chain[k];
      if (a.x > b.x) std::swap(a, b);
      pieces.push_back({a, b});
    }
  std::sort(pieces.begin(), pieces.end(), [](const Piece& p, const Piece& q) { return p.a.x < q.a.x; });
  std::multimap<double, const Piece*> open;  // by right end
  size_t looked = 0, met = 0;
  for (const Piece& p : pieces) {
    while (!open.empty() && open.begin()->first < p.a.x) open.erase(open.begin());
    const auto [low, high] = std::minmax(p.a.y, p.b.y);
    for (const auto& [right, q] : open) {
      if (++looked > kMostLooked) return true;
      if (std::max(q->a.y, q->b.y) < low || std::min(q->a.y, q->b.y) > high) continue;
      if (cross(p, *q) && ++met > most) return true;
    }
    open.emplace(p.b.x, &p);
  }
  return false;
}

}  // namespace havlo
