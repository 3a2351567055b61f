// Fill, open, inset; then say what that leaves uncovered or covers too much.
#include "core/mask/mask_shape.h"

#include <algorithm>

#include "core/outline/distance.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"

namespace havlo {
namespace {

constexpr double kHair_mm = 0.5;
constexpr double kSlender = 2.0;       // times the least cut
constexpr double kKeptInset_mm = 0.1;  // a thin part that is kept bears no more
constexpr double kNotch_mm = 1.6;      // width and depth of the notch at the foot
constexpr size_t kMostParts = 200;

double leastHole(const Supplies& s) { return s.leastHole_mm.value_or(s.leastCut_mm); }

bool fitsCircle(const Ring& hole, double diameter_mm) {
  return !offset({hole}, Millimetres{-diameter_mm / 2 * (1 - 1e-6)}).empty();
}

bool holdsAny(const Rings& shape, const std::vector<Point>& points) {
  return std::any_of(points.begin(), points.end(), [&](Point p) { return covers(shape, p); });
}

/// Is this hole cut: as its size says, unless the maker says otherwise.
bool holeIsCut(const Ring& hole, const Stamp& stamp, const Supplies& supplies) {
  if (holdsAny({hole}, stamp.mask.cut)) return true;
  if (holdsAny({hole}, stamp.mask.skip)) return false;
  return fitsCircle(hole, leastHole(supplies));
}

Rings filled(const Stamp& stamp, const Supplies& supplies) {
  if (stamp.mask.none()) return withSmallHolesFilled(stamp.silhouette, Millimetres{leastHole(supplies)});
  std::vector<Rings> shapes;
  for (const Rings& piece : pieces(stamp.silhouette)) {
    Rings kept{piece[0]};
    for (size_t i = 1; i < piece.size(); ++i)
      if (holeIsCut(piece[i], stamp, supplies)) kept.push_back(piece[i]);
    shapes.push_back(std::move(kept));
  }
  return unionOf(shapes);
}

/// Pieces of `whole` without `body` that are long enough to be parts, not rounded corners.
std::vector<Rings> partsBeyond(const Rings& whole, const Rings& body, double radius_mm) {
  std::vector<Rings> out;
  for (Rings& piece : pieces(body.empty() ? whole : difference(whole, body))) {
    const Box box = boxOf(piece);
    if (std::fmax(box.width(), box.height()) > 4 * radius_mm + kHair_mm) out.push_back(std::move(piece));
  }
  return out;
}

/// A point well inside: the middle of the longest stretch of a few level cuts.
Point pointInside(const Rings& shape) {
  const Box box = boxOf(shape);
  Point best = box.centre();
  double widest = -1;
  for (int k = 1; k < 12; ++k) {
    const double y = box.bottom + box.height() * k / 12;
    std::vector<double> xs;
    for (const Ring& ring : shape)
      for (size_t i = 0; i < ring.size(); ++i) {
        const Point a = ring[i], b = ring[(i + 1) % ring.size()];
        if ((a.y > y) != (b.y > y)) xs.push_back(a.x + (y - a.y) * (b.x - a.x) / (b.y - a.y));
      }
    std::sort(xs.begin(), xs.end());
    for (size_t i = 0; i + 1 < xs.size(); i += 2)
      if (xs[i + 1] - xs[i] > widest) widest = xs[i + 1] - xs[i], best = {(xs[i] + xs[i + 1]) / 2, y};
  }
  return best;
}

Rings notch(const Stamp& stamp, const Rings& mask) {
  Rings out;
  for (const FootTick& t : footTicks(stamp, mask, kNotch_mm)) {
    const double dx = (t.to.x - t.from.x) / kNotch_mm, dy = (t.to.y - t.from.y) / kNotch_mm;
    const double half = kNotch_mm / 2;
    const Point out_{t.from.x - dx * 0.2, t.from.y - dy * 0.2};
    out.push_back({{out_.x - dy * half, out_.y + dx * half}, {out_.x + dy * half, out_.y - dx * half}, t.to});
  }
  return out;
}

Rings cutShape(const Stamp& stamp, const Supplies& supplies) {
  const Millimetres radius{supplies.leastCut_mm / 2}, inset{supplies.maskInset_mm};
  const Rings whole = filled(stamp, supplies);
  if (stamp.mask.cut.empty() && stamp.mask.skip.empty()) return openedAndInset(whole, radius, inset);
  Rings body = opened(whole, radius);
  const Rings stout = opened(whole, Millimetres{radius.value * kSlender});
  for (const Rings& part : partsBeyond(body, stout, radius.value))
    if (holdsAny(part, stamp.mask.skip)) body = difference(body, part);
  Rings mask = offset(body, Millimetres{-inset.value});
  std::vector<Rings> kept{mask};
  for (const Rings& part : partsBeyond(whole, body, radius.value / 2))
    if (holdsAny(part, stamp.mask.cut)) {
      // Reaches a little into the body, so that it hangs together with it.
      const Rings rooted = intersection(offset(part, Millimetres{supplies.leastCut_mm}), whole);
      kept.push_back(offset(rooted, Millimetres{-std::fmin(inset.value, kKeptInset_mm)}));
    }
  return kept.size() == 1 ? mask : unionOf(kept);
}

}  // namespace

MaskRef maskOf(const Stamp& stamp, const Supplies& supplies) {
  auto out = std::make_shared<MaskShape>();
  out->mask = cutShape(stamp, supplies);
  if (supplies.footMark == FootMark::Notch)
    for (const Ring& wedge : notch(stamp, out->mask)) out->mask = difference(out->mask, {wedge});
  const SweepEdges silhouette(stamp.silhouette), mask(out->mask);
  const double shared = sharedArea(silhouette, mask);
  out->uncovered_mm2 = std::fmax(0, sweptArea(silhouette) - shared);
  out->overcovered_mm2 = std::fmax(0, sweptArea(mask) - shared);
  return out;
}

std::vector<FiddlyPart> fiddlyParts(const Stamp& stamp, const Supplies& supplies) {
  std::vector<FiddlyPart> out;
  const auto add = [&](FiddlyPart::Kind kind, Rings shape, bool usual) {
    FiddlyPart p;
    p.kind = kind;
    p.area_mm2 = sweptArea(SweepEdges(shape));
    const Box box = boxOf(shape);
    p.length_mm = std::hypot(box.width(), box.height());
    p.inside = pointInside(shape);
    p.usual = usual;
    p.cut = holdsAny(shape, stamp.mask.cut) || (usual && !holdsAny(shape, stamp.mask.skip));
    p.shape = std::move(shape);
    out.push_back(std::move(p));
  };
  const double radius = supplies.leastCut_mm / 2;
  const Rings whole = filled(stamp, supplies);
  const Rings body = opened(whole, Millimetres{radius});
  for (Rings& part : partsBeyond(whole, body, radius)) add(FiddlyPart::Kind::Thin, std::move(part), false);
  if (!body.empty() && radius > 0)
    for (Rings& part : partsBeyond(body, opened(whole, Millimetres{radius * kSlender}), radius))
      add(FiddlyPart::Kind::Slender, std::move(part), true);
  for (const Rings& piece : pieces(stamp.silhouette))
    for (size_t i = 1; i < piece.size(); ++i)
      add(FiddlyPart::Kind::Hole, {piece[i]}, fitsCircle(piece[i], leastHole(supplies)));
  std::stable_sort(out.begin(), out.end(),
                   [](const FiddlyPart& a, const FiddlyPart& b) { return a.area_mm2 > b.area_mm2; });
  if (out.size() > kMostParts) out.resize(kMostParts);
  return out;
}

Rings thinPartsOf(const Stamp& stamp, const Supplies& supplies) {
  const double radius = supplies.leastCut_mm / 2;
  const Rings whole = filled(stamp, supplies);
  Rings out;
  for (const Rings& piece : partsBeyond(whole, opened(whole, Millimetres{radius}), radius))
    if (!holdsAny(piece, stamp.mask.cut)) out.insert(out.end(), piece.begin(), piece.end());
  return out;
}

Rings maskOfPart(const Rings& mask, const Rings& part, const Supplies& supplies) {
  return intersection(mask, offset(part, Millimetres{-supplies.maskInset_mm}));
}

Stamp withPartChosen(const Stamp& stamp, const Supplies& supplies, Point inside, bool cut) {
  Stamp out = stamp;
  for (const FiddlyPart& part : fiddlyParts(stamp, supplies)) {
    if (!covers(part.shape, inside)) continue;
    std::erase_if(out.mask.cut, [&](Point p) { return covers(part.shape, p); });
    std::erase_if(out.mask.skip, [&](Point p) { return covers(part.shape, p); });
    if (cut != part.usual) (cut ? out.mask.cut : out.mask.skip).push_back(part.inside);
    break;
  }
  return out;
}

std::vector<FootTick> footTicks(const Stamp& stamp, const Rings& mask, double length_mm) {
  if (mask.empty()) return {};
  // The lowest crossing of the mask's border with the upright through the foot, else the nearest border
  // point.
  double lowest = std::numeric_limits<double>::infinity();
  for (const Ring& ring : mask)
    for (size_t i = 0; i < ring.size(); ++i) {
      const Point a = ring[i], b = ring[(i + 1) % ring.size()];
      if ((a.x > stamp.foot.x) != (b.x > stamp.foot.x))
        lowest = std::fmin(lowest, a.y + (stamp.foot.x - a.x) * (b.y - a.y) / (b.x - a.x));
    }
  if (std::isfinite(lowest)) return {{{stamp.foot.x, lowest}, {stamp.foot.x, lowest + length_mm}}};
  const Point near = nearestPoint(mask, stamp.foot).at;
  const Point middle = boxOf(mask).centre();
  const double d = std::hypot(middle.x - near.x, middle.y - near.y);
  if (d == 0) return {};
  return {
      {near, {near.x + (middle.x - near.x) * length_mm / d, near.y + (middle.y - near.y) * length_mm / d}}};
}

}  // namespace havlo
