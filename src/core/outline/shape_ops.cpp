// The GEOS bridge. Its exceptions and null results end here.
#include "core/outline/shape_ops.h"

#include <geos_c.h>

#include <algorithm>
#include <memory>

#include "core/outline/tangle.h"

namespace havlo {
namespace {

constexpr int kQuadrantSides = 16;
constexpr double kLeastArea_mm2 = 1e-9;

GEOSContextHandle_t context() {
  struct Owner {
    GEOSContextHandle_t handle = GEOS_init_r();
    ~Owner() { GEOS_finish_r(handle); }
  };
  thread_local Owner owner;
  return owner.handle;
}

struct Free {
  void operator()(GEOSGeometry* g) const { GEOSGeom_destroy_r(context(), g); }
};
using Geometry = std::unique_ptr<GEOSGeometry, Free>;

Geometry owned(GEOSGeometry* g) { return Geometry(g ? g : GEOSGeom_createEmptyPolygon_r(context())); }

bool hasRing(const Ring& ring) {
  return ring.size() >= 4 || (ring.size() == 3 && ring.front() != ring.back());
}

GEOSCoordSequence* sequence(const Ring& ring) {
  const bool closed = ring.front() == ring.back();
  const auto n = static_cast<unsigned>(ring.size() + (closed ? 0 : 1));
  GEOSCoordSequence* s = GEOSCoordSeq_create_r(context(), n, 2);
  for (unsigned i = 0; i < n; ++i) {
    const Point p = ring[i % ring.size()];
    GEOSCoordSeq_setXY_r(context(), s, i, p.x, p.y);
  }
  return s;
}

Geometry linework(const Rings& rings) {
  std::vector<GEOSGeometry*> lines;
  for (const Ring& ring : rings)
    if (hasRing(ring)) lines.push_back(GEOSGeom_createLineString_r(context(), sequence(ring)));
  return owned(GEOSGeom_createCollection_r(context(), GEOS_MULTILINESTRING, lines.data(),
                                           static_cast<unsigned>(lines.size())));
}

Geometry areaOfRing(const Ring& ring) {
  GEOSGeometry* shell = GEOSGeom_createLinearRing_r(context(), sequence(ring));
  Geometry polygon = owned(GEOSGeom_createPolygon_r(context(), shell, nullptr, 0));
  if (GEOSisValid_r(context(), polygon.get()) == 1) return polygon;
  return owned(GEOSMakeValid_r(context(), polygon.get()));
}

bool simple(const Rings& rings) { return GEOSisSimple_r(context(), linework(rings).get()) == 1; }

/// Even-odd area: the symmetric difference of all rings.
Geometry toGeos(const Rings& rings) {
  if (rings.size() == 1 && hasRing(rings[0])) return areaOfRing(rings[0]);
  if (rings.size() > 1 && simple(rings)) return owned(GEOSBuildArea_r(context(), linework(rings).get()));
  Geometry sum = owned(nullptr);
  for (const Ring& ring : rings)
    if (hasRing(ring)) {
      const Geometry one = areaOfRing(ring);
      sum = owned(GEOSSymDifference_r(context(), sum.get(), one.get()));
    }
  return sum;
}

void appendRing(const GEOSGeometry* ring, Rings& out) {
  const GEOSCoordSequence* s = GEOSGeom_getCoordSeq_r(context(), ring);
  unsigned n = 0;
  GEOSCoordSeq_getSize_r(context(), s, &n);
  if (n < 4) return;
  Ring points(n - 1);
  for (unsigned i = 0; i + 1 < n; ++i) GEOSCoordSeq_getXY_r(context(), s, i, &points[i].x, &points[i].y);
  out.push_back(std::move(points));
}

void appendPolygons(const GEOSGeometry* g, std::vector<Rings>& out) {
  const int type = GEOSGeomTypeId_r(context(), g);
  if (type == GEOS_POLYGON) {
    if (GEOSisEmpty_r(context(), g) == 1) return;
    Rings rings;
    appendRing(GEOSGetExteriorRing_r(context(), g), rings);
    const int holes = GEOSGetNumInteriorRings_r(context(), g);
    for (int i = 0; i < holes; ++i) appendRing(GEOSGetInteriorRingN_r(context(), g, i), rings);
    if (!rings.empty()) out.push_back(std::move(rings));
  } else if (type == GEOS_MULTIPOLYGON || type == GEOS_GEOMETRYCOLLECTION) {
    const int n = GEOSGetNumGeometries_r(context(), g);
    for (int i = 0; i < n; ++i) appendPolygons(GEOSGetGeometryN_r(context(), g, i), out);
  }
}

std::vector<Rings> polygons(const Geometry& g) {
  std::vector<Rings> out;
  appendPolygons(g.get(), out);
  return out;
}

Rings fromGeos(const Geometry& g) {
  Rings all;
  for (Rings& piece : polygons(g)) std::move(piece.begin(), piece.end(), std::back_inserter(all));
  return all;
}

Geometry buffered(const Geometry& g, double by_mm) {
  return owned(GEOSBufferWithStyle_r(context(), g.get(), by_mm, kQuadrantSides, GEOSBUF_CAP_ROUND,
                                     GEOSBUF_JOIN_ROUND, 5.0));
}

double geosArea(const Geometry& g) {
  double area = 0;
  GEOSArea_r(context(), g.get(), &area);
  return area;
}

/// The ring from its lowest leftmost point, anticlockwise, without a closing point: equal for equal shapes.
Ring standardRing(Ring ring) {
  if (ring.size() > 1 && ring.front() == ring.back()) ring.pop_back();
  double twice = 0;
  for (size_t i = 0; i < ring.size(); ++i) {
    const Point a = ring[i], b = ring[(i + 1) % ring.size()];
    twice += a.x * b.y - b.x * a.y;
  }
  if (twice < 0) std::reverse(ring.begin(), ring.end());
  const auto first = std::min_element(
      ring.begin(), ring.end(), [](Point a, Point b) { return a.x < b.x || (a.x == b.x && a.y < b.y); });
  std::rotate(ring.begin(), first, ring.end());
  return ring;
}

/// Do the two have the same rings, whatever their order and start?
bool sameRings(const Rings& a, const Rings& b) {
  const auto standard = [](const Rings& rings) {
    Rings out;
    for (const Ring& ring : rings) out.push_back(standardRing(ring));
    std::sort(out.begin(), out.end(), [](const Ring& x, const Ring& y) {
      return std::lexicographical_compare(x.begin(), x.end(), y.begin(), y.end(), [](Point p, Point q) {
        return p.x < q.x || (p.x == q.x && p.y < q.y);
      });
    });
    return out;
  };
  return standard(a) == standard(b);
}

/// The rings put together anew, without slivers that cover no area.
Rings mendedOnce(const Rings& rings) {
  Rings out = fromGeos(toGeos(rings));
  std::erase_if(out, [](const Ring& r) { return !hasRing(r) || geosArea(areaOfRing(r)) <= kLeastArea_mm2; });
  return out;
}

/// Until they stay as they are: points where lines cross are rounded, and lines through them may cross anew.
Rings mended(Rings rings) {
  constexpr int kTimes = 8;
  for (int k = 0; k < kTimes; ++k) {
    Rings next = mendedOnce(rings);
    const bool stays = next.empty() || sameRings(next, rings);
    rings = std::move(next);
    if (stays || simple(rings)) break;
  }
  return rings;
}

}  // namespace

Result<CleanRings> withoutCrossings(const Rings& rings) {
  if (rings.empty()) return Error{ErrorCode::BadInput, "has no rings", {}};
  size_t points = 0;
  for (const Ring& ring : rings) points += ring.size();
  if (points > kMostOutlinePoints)
    return Error{
        ErrorCode::BadInput,
        "has " + std::to_string(points) + " points; " + std::to_string(kMostOutlinePoints) + " are the most",
        {}};
  if (tangled(rings, kMostOutlineCrossings, true))
    return Error{ErrorCode::BadInput,
                 "its lines cross each other more than " + std::to_string(kMostOutlineCrossings) + " times",
                 {}};
  for (size_t i = 0; i < rings.size(); ++i) {
    const std::string place = "[" + std::to_string(i) + "]";
    if (!hasRing(rings[i])) return Error{ErrorCode::BadInput, "a ring needs at least three points", place};
    if (geosArea(areaOfRing(rings[i])) <= kLeastArea_mm2)
      return Error{ErrorCode::BadInput, "a ring that covers no area", place};
  }
  if (simple(rings)) return CleanRings{rings, false};
  CleanRings clean{mended(rings), true};
  if (clean.rings.empty()) return Error{ErrorCode::BadInput, "its rings cancel out and cover nothing", {}};
  if (sameRings(clean.rings, rings)) return CleanRings{rings, false};  // they touch, but do not cross
  return clean;
}

Rings intersection(const Rings& a, const Rings& b) {
  if (!boxOf(a).meets(boxOf(b))) return {};
  return fromGeos(owned(GEOSIntersection_r(context(), toGeos(a).get(), toGeos(b).get())));
}

Rings difference(const Rings& a, const Rings& b) {
  return fromGeos(owned(GEOSDifference_r(context(), toGeos(a).get(), toGeos(b).get())));
}

Rings unionOf(const std::vector<Rings>& shapes) {
  std::vector<GEOSGeometry*> parts;
  for (const Rings& shape : shapes) parts.push_back(toGeos(shape).release());
  const Geometry all = owned(GEOSGeom_createCollection_r(context(), GEOS_GEOMETRYCOLLECTION, parts.data(),
                                                         static_cast<unsigned>(parts.size())));
  return fromGeos(owned(GEOSUnaryUnion_r(context(), all.get())));
}

Rings offset(const Rings& rings, Millimetres by) {
  if (by.value == 0) return rings;
  return fromGeos(buffered(toGeos(rings), by.value));
}

Rings opened(const Rings& rings, Millimetres radius) {
  if (radius.value <= 0) return rings;
  return fromGeos(buffered(buffered(toGeos(rings), -radius.value), radius.value));
}

Rings openedAndInset(const Rings& rings, Millimetres radius, Millimetres inset) {
  Geometry shape = toGeos(rings);
  if (radius.value > 0) shape = buffered(buffered(shape, -radius.value), radius.value);
  if (inset.value > 0) shape = buffered(shape, -inset.value);
  return fromGeos(shape);
}

Rings withSmallHolesFilled(const Rings& rings, Millimetres leastHole) {
  // A hair less than the radius, so that a hole of exactly this size counts as one the circle fits in.
  if (rings.size() == 1) return rings;
  const double radius_mm = leastHole.value / 2 * (1 - 1e-6);
  std::vector<Rings> shapes;
  for (const Rings& piece : pieces(rings)) {
    Rings kept{piece[0]};
    for (size_t i = 1; i < piece.size(); ++i)
      if (!polygons(buffered(areaOfRing(piece[i]), -radius_mm)).empty()) kept.push_back(piece[i]);
    shapes.push_back(std::move(kept));
  }
  // A filled hole may have held an island; the union takes it in.
  return shapes.size() == 1 ? shapes[0] : unionOf(shapes);
}

std::vector<Rings> pieces(const Rings& rings) { return polygons(toGeos(rings)); }

namespace {

GEOSGeometry* chainOf(const Ring& line) {
  const auto n = static_cast<unsigned>(line.size());
  GEOSCoordSequence* s = GEOSCoordSeq_create_r(context(), n, 2);
  for (unsigned i = 0; i < n; ++i) GEOSCoordSeq_setXY_r(context(), s, i, line[i].x, line[i].y);
  return GEOSGeom_createLineString_r(context(), s);
}

Ring pointsOf(const GEOSGeometry* chain) {
  const GEOSCoordSequence* s = GEOSGeom_getCoordSeq_r(context(), chain);
  unsigned size = 0;
  if (!s || GEOSCoordSeq_getSize_r(context(), s, &size) == 0) return {};
  Ring points(size);
  for (unsigned k = 0; k < size; ++k) GEOSCoordSeq_getXY_r(context(), s, k, &points[k].x, &points[k].y);
  return points;
}

}  // namespace

CutFaces facesCutBy(const Rings& lines, Millimetres crumb) {
  std::vector<GEOSGeometry*> chains;
  for (const Ring& line : lines) {
    if (line.size() >= 2) chains.push_back(chainOf(line));
  }
  CutFaces out;
  if (chains.empty()) return out;
  const Geometry all = owned(GEOSGeom_createCollection_r(context(), GEOS_MULTILINESTRING, chains.data(),
                                                         static_cast<unsigned>(chains.size())));
  const Geometry noded = owned(crumb.value > 0 ? GEOSUnaryUnionPrec_r(context(), all.get(), crumb.value)
                                               : GEOSNode_r(context(), all.get()));
  GEOSGeometry *cuts = nullptr, *dangles = nullptr, *invalid = nullptr;
  const Geometry faces = owned(GEOSPolygonize_full_r(context(), noded.get(), &cuts, &dangles, &invalid));
  out.faces = polygons(faces);
  for (GEOSGeometry* left : {cuts, dangles, invalid}) {
    const Geometry kept = owned(left);
    const int n = GEOSGetNumGeometries_r(context(), kept.get());
    for (int i = 0; i < n; ++i) {
      Ring chain = pointsOf(GEOSGetGeometryN_r(context(), kept.get(), i));
      if (chain.size() > 1) out.open.push_back(std::move(chain));
    }
  }
  return out;
}

Rings simplified(const Rings& rings, Millimetres tolerance) {
  return fromGeos(owned(GEOSTopologyPreserveSimplify_r(context(), toGeos(rings).get(), tolerance.value)));
}

Ring thinned(const Ring& chain, Millimetres tolerance) {
  if (chain.size() < 3) return chain;
  const Geometry line = owned(chainOf(chain));
  Ring out = pointsOf(owned(GEOSSimplify_r(context(), line.get(), tolerance.value)).get());
  return out.size() >= 2 ? out : chain;
}

double borderDistance(const Rings& a, const Rings& b) {
  if (a.empty() && b.empty()) return 0;
  if (a.empty() || b.empty()) return std::numeric_limits<double>::infinity();
  const auto border = [](const Rings& rings) {
    return owned(GEOSBoundary_r(context(), toGeos(rings).get()));
  };
  double distance = 0;
  GEOSHausdorffDistanceDensify_r(context(), border(a).get(), border(b).get(), 0.1, &distance);
  return distance;
}

double areaOf(const Rings& rings) { return geosArea(toGeos(rings)); }

}  // namespace havlo
