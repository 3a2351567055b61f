// Every field with its type and its range.
#include "core/plan/plan_parts.h"

#include <algorithm>

#include "core/outline/shape_ops.h"
#include "core/plan/mend_art.h"
#include "core/units/decimal.h"

namespace havlo::plan_json {

namespace {
Point shiftOf(Object& o) {
  const Json* j = o.find("shift");
  return j ? point(*j, o.at("shift")) : Point{};
}
}  // namespace

Card PartsReader::card(Object o) {
  Card c;
  Object panel(o.need("panel"), o.at("panel"));
  constexpr Range kPanel{5, 2000};
  c.panel = {panel.needNumber("width", kPanel), panel.needNumber("height", kPanel), panel.extra()};
  c.trim_mm = o.numberOr("trim", kNotNegative, 0);
  c.tape_mm = o.numberOr("tape", kNotNegative, 0);
  if (2 * c.tape_mm >= std::min(c.panel.width_mm, c.panel.height_mm))
    fail(o.at("tape"), "leaves nothing of the panel to stamp on");
  c.bare_mm = o.numberOr("bare", kNotNegative, 0);
  if (2 * c.bare_mm >= std::min(c.panel.width_mm, c.panel.height_mm))
    fail(o.at("bare"), "leaves nothing of the panel to stamp on");
  c.raise_mm = o.numberOr("raise", {0, 100}, 0);
  if (const Json* j = o.find("paper")) {
    Object paper(*j, o.at("paper"));
    c.paper.name = paper.textOr("name", "");
    c.paper.colour = paper.colourOr("colour", c.paper.colour);
    c.paper.thickness_mm = paper.numberOr("thickness", kNotNegative, c.paper.thickness_mm);
    c.paper.extra = paper.extra();
  }
  if (const Json* j = o.find("base")) {
    Object base(*j, o.at("base"));
    CardBase b;
    b.width_mm = base.numberOr("width", kPositive, c.panel.width_mm);
    b.height_mm = base.numberOr("height", kPositive, c.panel.height_mm);
    b.fold = base.textOr("fold", b.fold);
    b.shift = shiftOf(base);
    b.extra = base.extra();
    c.base = b;
  }
  o.each("mats", [&](const Json& e, const std::string& at) {
    Object mat(e, at);
    Mat m;
    m.reveal_mm = mat.numberOr("reveal", kNotNegative, 0);
    m.colour = mat.colourOr("colour", m.colour);
    m.shift = shiftOf(mat);
    m.extra = mat.extra();
    c.mats.push_back(m);
  });
  c.extra = o.extra();
  return c;
}

View PartsReader::view(Object o, double panelHeight_mm) {
  View v;
  v.horizon_mm = o.needNumber("horizon", {0, panelHeight_mm, true});
  v.eyeHeight_m = o.numberOr("eyeHeight", kMetres, v.eyeHeight_m);
  v.vanishX_mm = o.optionalNumber("vanishX", kAny);
  v.nearDistance_m = o.numberOr("nearDistance", kMetres, v.nearDistance_m);
  v.visibility_m = o.optionalNumber("visibility", kMetres);
  v.extra = o.extra();
  return v;
}

Ink PartsReader::ink(Object o) {
  Ink i;
  i.id = o.needId("id");
  i.name = o.textOr("name", "");
  i.kind = o.wordOr("kind", words::kInkKinds, i.kind);
  i.colour = o.colourOr("colour", i.colour);
  i.opacity = o.numberOr("opacity", kShare, i.opacity);
  i.dryOnCard_s = o.numberOr("dryOnCard", kNotNegative, i.dryOnCard_s);
  i.dryOnMask_s = o.numberOr("dryOnMask", kNotNegative, i.dryOnMask_s);
  std::vector<double> strengths;
  o.each("generations",
         [&](const Json& e, const std::string& at) { strengths.push_back(checkedNumber(e, at, kShare)); });
  if (!strengths.empty()) i.generations = strengths;
  const auto said = [](Object& from, std::string_view key) {
    return from.find(key) ? std::optional(from.boolOr(key, false)) : std::nullopt;
  };
  if (const Json* j = o.find("holds")) {
    Object holds(*j, o.at("holds"));
    i.holds.marker = said(holds, "marker"), i.holds.water = said(holds, "water");
    i.holds.blending = said(holds, "blending");
    i.holds.extra = holds.extra();
  }
  i.dryOnInk_s = o.optionalNumber("dryOnInk", kNotNegative);
  i.powderSticks = said(o, "powderSticks");
  i.extra = o.extra();
  return i;
}

namespace {
size_t pointsOf(const Rings& rings) {
  size_t sum = 0;
  for (const Ring& r : rings) sum += r.size();
  return sum;
}
}  // namespace

Rings PartsReader::rings(const Json& j, const std::string& place, size_t most) {
  if (!j.is_array()) fail(place, "not a list of rings");
  Rings out;
  for (size_t r = 0; r < j.size(); ++r) {
    const std::string at = place + "[" + std::to_string(r) + "]";
    if (!j[r].is_array()) fail(at, "not a ring; write it as a list of points");
    Ring ring;
    ring.reserve(j[r].size());
    for (size_t i = 0; i < j[r].size(); ++i)
      ring.push_back(point(j[r][i], at + "[" + std::to_string(i) + "]"));
    out.push_back(std::move(ring));
  }
  auto clean = withoutCrossings(out);
  if (!clean) fail(place + clean.error().place, clean.error().message);
  if (clean.value().split)
    repairs.push_back(
        place + ": its rings cross; they were split by the even-odd rule, the covered area is the same");
  return boundedInPoints(std::move(clean).value().rings, place, most);
}

/// Outlines finer than any rubber are read as finely as can be worked with.
Rings PartsReader::boundedInPoints(Rings rings, const std::string& place, size_t most) {
  constexpr double kTolerances_mm[] = {0.005, 0.02, 0.05, 0.1, 0.2, 0.4, 0.8, 1.6};
  const size_t had = pointsOf(rings);
  if (had <= most) return rings;
  for (const double tolerance : kTolerances_mm) {
    Rings fewer = simplified(rings, Millimetres{tolerance});
    if (fewer.empty() || (pointsOf(fewer) > most && tolerance < 1.6)) continue;
    repairs.push_back(place + ": has " + std::to_string(had) + " points; it was read to " +
                      shortDecimal(tolerance, 3) + " mm, with " + std::to_string(pointsOf(fewer)));
    return fewer;
  }
  return rings;
}

Stamp PartsReader::stamp(Object o) {
  Stamp s;
  s.id = o.needId("id");
  s.name = o.textOr("name", "");
  s.role = o.wordOr("role", words::kRoles, s.role);
  Object size(o.need("size"), o.at("size"));
  s.width_mm = size.needNumber("width", kPositive);
  s.height_mm = size.needNumber("height", kPositive);
  s.sizeExtra = size.extra();
  s.silhouette = rings(o.need("silhouette"), o.at("silhouette"));
  s.art = o.textOr("art", "");
  if (mendDecimalCommas(s.art))
    repairs.push_back(o.at("art") + ": its numbers were written with decimal commas; they were mended");
  s.solid = o.boolOr("solid", false);
  s.plate = o.boolOr("plate", false);
  const Json* foot = o.find("foot");
  s.foot = foot ? point(*foot, o.at("foot")) : Point{s.width_mm / 2, 0};
  if (const Json* j = o.find("realHeight")) s.realHeight = realHeight(Object(*j, o.at("realHeight")));
  s.facing = o.wordOr("facing", words::kFacings, s.facing);
  s.home = o.wordOr("home", words::kHomes, s.home);
  o.each("contacts",
         [&](const Json& e, const std::string& at) { s.contacts.push_back(contact(Object(e, at))); });
  o.each("regions",
         [&](const Json& e, const std::string& at) { s.regions.push_back(stampRegion(Object(e, at))); });
  if (const Json* j = o.find("mask")) s.mask = maskChoices(Object(*j, o.at("mask")));
  s.drawer = o.textOr("drawer", "");
  s.extra = o.extra();
  return s;
}

MaskChoices PartsReader::maskChoices(Object o) {
  MaskChoices m;
  o.each("cut", [&](const Json& e, const std::string& at) { m.cut.push_back(point(e, at)); });
  o.each("skip", [&](const Json& e, const std::string& at) { m.skip.push_back(point(e, at)); });
  m.extra = o.extra();
  return m;
}

Contact PartsReader::contact(Object o) {
  Contact c;
  c.kind = o.wordOr("kind", words::kContactKinds, c.kind);
  c.at = point(o.need("at"), o.at("at"));
  c.extra = o.extra();
  return c;
}

GroundMark PartsReader::groundMark(Object o) {
  GroundMark g;
  g.id = o.needId("id");
  g.name = o.textOr("name", "");
  g.kind = o.wordOr("kind", words::kGroundKinds, g.kind);
  o.each("along", [&](const Json& e, const std::string& at) { g.along.push_back(point(e, at)); });
  const size_t least = g.kind == GroundKind::Ripples ? 1 : 2;
  if (g.along.size() < least) fail(o.at("along"), least == 1 ? "needs a point" : "needs at least two points");
  g.width_m = o.numberOr("width", kMetres, g.width_m);
  g.height_m = o.numberOr("height", kMetres, g.height_m);
  g.spacing_m = o.optionalNumber("spacing", kMetres);
  g.mirrors = o.boolOr("mirrors", false);
  g.extra = o.extra();
  return g;
}

Room PartsReader::room(Object o) {
  Room r;
  Object back(o.need("back"), o.at("back"));
  r.left_mm = back.needNumber("left", kAny);
  r.bottom_mm = back.needNumber("bottom", kAny);
  r.width_mm = back.needNumber("width", kPositive);
  r.height_mm = back.needNumber("height", kPositive);
  r.backExtra = back.extra();
  r.floor = o.wordOr("floor", words::kFloorKinds, r.floor);
  r.unit_m = o.numberOr("unit", kMetres, r.unit_m);
  r.ceiling = o.boolOr("ceiling", true);
  o.each("openings", [&](const Json& e, const std::string& at) {
    Object w(e, at);
    RoomOpening x;
    x.id = w.needId("id");
    x.name = w.textOr("name", "");
    x.wall = w.wordOr("wall", words::kRoomWalls, x.wall);
    x.along_m = w.numberOr("along", kAny, 0);
    x.width_m = w.numberOr("width", kMetres, x.width_m);
    x.sill_m = w.numberOr("sill", kNotNegative, 0);
    x.height_m = w.numberOr("height", kMetres, x.height_m);
    x.extra = w.extra();
    r.openings.push_back(x);
  });
  o.each("boxes", [&](const Json& e, const std::string& at) {
    Object b(e, at);
    RoomBox x;
    x.id = b.needId("id");
    x.name = b.textOr("name", "");
    x.left_m = b.numberOr("left", kAny, 0);
    x.back_m = b.numberOr("back", kNotNegative, 0);
    x.width_m = b.numberOr("width", kMetres, x.width_m);
    x.depth_m = b.numberOr("depth", kMetres, x.depth_m);
    x.height_m = b.numberOr("height", kMetres, x.height_m);
    x.up_m = b.numberOr("up", kNotNegative, 0);
    x.extra = b.extra();
    r.boxes.push_back(x);
  });
  r.extra = o.extra();
  return r;
}

RealHeight PartsReader::realHeight(Object o) {
  RealHeight h;
  h.typical_m = o.needNumber("typical", kMetres);
  h.least_m = o.numberOr("least", kMetres, h.typical_m);
  h.most_m = o.numberOr("most", kMetres, h.typical_m);
  if (h.least_m > h.typical_m) fail(o.at("least"), "is more than the typical height");
  if (h.most_m < h.typical_m) fail(o.at("most"), "is less than the typical height");
  h.extra = o.extra();
  return h;
}

Impression PartsReader::impression(Object o, School otherwise) {
  Impression i;
  i.id = o.needId("id");
  i.stamp = o.needId("stamp");
  i.ink = o.needId("ink");
  i.at = point(o.need("at"), o.at("at"));
  i.turn_deg = o.numberOr("turn", kAny, 0);
  i.generation = o.wholeOr("generation", 1, 99, 1);
  if (const Json* j = o.find("depth")) readDepth(*j, o.at("depth"), i);
  i.school = o.wordOr("technique", words::kSchoolWords, otherwise);
  i.inFrontOf = o.idsOr("inFrontOf");
  if (const Json* j = o.find("part")) i.part = rings(*j, o.at("part"));
  i.raise_mm = o.numberOr("raise", kAny, 0);
  i.hero = o.boolOr("hero", false);
  i.lit = o.wordOr("lit", words::kLitFroms, i.lit);
  i.row = o.textOr("row", "");
  i.figure = o.textOr("figure", "");
  i.like = o.textOr("like", "");
  i.piece = o.textOr("piece", "");
  if (i.piece == "panel") i.piece.clear();
  i.extra = o.extra();
  return i;
}

void PartsReader::readDepth(const Json& j, const std::string& place, Impression& i) {
  if (j.is_string()) {
    if (j.get<std::string>() != "ground") fail(place, "must be \"ground\", {\"metres\": n} or {\"on\": id}");
    return;
  }
  Object o(j, place);
  const Json* on = o.find("on");
  const auto metres = o.optionalNumber("metres", kMetres);
  if ((on != nullptr) == metres.has_value()) fail(place, "must have either metres or on");
  if (on) {
    i.depth = OnThing{Object::text(*on, o.at("on")), o.boolOr("behind", false)};
  } else {
    i.depth = AtMetres{*metres};
  }
  i.depthExtra = o.extra();
}

void PartsReader::readWashDepth(const Json& j, const std::string& place, Wash& w) {
  constexpr const char* kKinds =
      "must be \"far\", \"ground\", \"near\", {\"metres\": n}, {\"behind\": id} or {\"inFront\": id}";
  if (j.is_string()) {
    for (const auto& [layer, word] : words::kWashLayers)
      if (j.get<std::string>() == word) {
        w.depth = layer;
        return;
      }
    fail(place, kKinds);
  }
  Object o(j, place);
  const Json *behind = o.find("behind"), *before = o.find("inFront");
  const auto metres = o.optionalNumber("metres", kMetres);
  if ((behind != nullptr) + (before != nullptr) + metres.has_value() != 1) fail(place, kKinds);
  if (metres) {
    w.depth = AtMetres{*metres};
  } else {
    w.depth =
        BesideThing{behind ? Object::text(*behind, o.at("behind")) : Object::text(*before, o.at("inFront")),
                    behind != nullptr};
  }
  w.depthExtra = o.extra();
}

Wash PartsReader::wash(Object o) {
  Wash w;
  w.id = o.needId("id");
  w.name = o.textOr("name", "");
  w.ink = o.needId("ink");
  w.area = rings(o.need("area"), o.at("area"));
  w.from = o.wordOr("from", words::kWashFroms, w.from);
  w.reach = o.numberOr("reach", kShare, w.reach);
  w.strength = o.numberOr("strength", kShare, w.strength);
  w.kind = o.wordOr("kind", words::kWashKinds, w.kind);
  w.way = o.wordOr("way", words::kWashWays, w.way);
  w.softness_mm = o.numberOr("softness", kNotNegative, w.softness_mm);
  if (const Json* j = o.find("depth")) readWashDepth(*j, o.at("depth"), w);
  w.lets = o.idsOr("lets");
  o.each("limits", [&](const Json& e, const std::string& at) {
    Object bound(e, at);
    WashBound b;
    b.id = bound.needId("id");
    b.side = bound.wordOr("side", words::kLimitSides, b.side);
    b.extra = bound.extra();
    w.limits.push_back(std::move(b));
  });
  w.extra = o.extra();
  return w;
}

WashLimit PartsReader::limit(Object o) {
  WashLimit l;
  l.id = o.needId("id");
  l.name = o.textOr("name", "");
  l.kind = o.wordOr("kind", words::kLimitKinds, l.kind);
  if (l.isEdge()) {
    l.left_mm = o.needNumber("left", kAny);
    l.right_mm = o.numberOr("right", kAny, l.left_mm);
    l.wave_mm = o.numberOr("wave", kNotNegative, l.wave_mm);
    l.length_mm = o.numberOr("length", {1, kFar}, l.length_mm);
    l.seed = o.wholeOr("seed", 0, 1000000, l.seed);
  } else if (l.kind == LimitKind::Rays) {
    l.at = point(o.need("at"), o.at("at"));
    l.rays = o.wholeOr("rays", 1, 99, l.rays);
    l.first_deg = o.numberOr("first", kAny, l.first_deg);
    l.last_deg = o.numberOr("last", kAny, l.last_deg);
  } else if (l.kind == LimitKind::Stencil) {
    l.shape = rings(o.need("shape"), o.at("shape"), kMostStencilPoints);
    if (l.shape.empty()) fail(o.at("shape"), "lets nothing through");
    l.opening = boxOf(l.shape);
  } else {
    Object box(o.need("opening"), o.at("opening"));
    const double left = box.needNumber("left", kAny), bottom = box.needNumber("bottom", kAny);
    l.opening = {left, bottom, box.needNumber("right", {left, kFar, true}),
                 box.needNumber("top", {bottom, kFar, true})};
    l.holds = o.idsOr("holds");
    l.larger_mm = o.numberOr("larger", kNotNegative, l.larger_mm);
  }
  l.extra = o.extra();
  return l;
}

KnownFinding PartsReader::known(Object o) {
  KnownFinding k;
  k.kind = o.needId("kind");
  k.impressions = o.idsOr("impressions");
  k.extra = o.extra();
  return k;
}

Styles PartsReader::styles(Object o) {
  Styles s;
  const auto answer = [&](const char* key) -> std::optional<bool> {
    if (!o.find(key)) return {};
    return o.boolOr(key, false);
  };
  s.byEye = answer("byEye"), s.allOver = answer("allOver"), s.layers = answer("layers");
  s.extra = o.extra();
  return s;
}

Light PartsReader::light(Object o) {
  Light l;
  if (const Json* at = o.find("at")) l.at = point(*at, o.at("at"));
  l.ground_mm = o.optionalNumber("ground", kAny);
  l.direction_deg = o.numberOr("direction", kAny, 0);
  l.height_deg = o.numberOr("height", kAny, 0);
  l.extra = o.extra();
  return l;
}

Making PartsReader::making(Object o) {
  Making m;
  m.order = o.idsOr("order");
  m.first = o.idsOr("first");
  m.together = o.idsOr("together");
  o.each("sequence", [&](const Json& e, const std::string& at) {
    Object wish(e, at);
    ActWish w{wish.needId("act"), wish.needId("before"), {}};
    w.extra = wish.extra();
    m.sequence.push_back(std::move(w));
  });
  m.evenings = o.wholeOr("evenings", 1, 99, 1);
  m.copies = o.wholeOr("copies", 1, 9999, 1);
  o.each("variations", [&](const Json& e, const std::string& at) {
    Object one(e, at);
    Variation v;
    v.name = one.textOr("name", "");
    v.copies = one.wholeOr("copies", 1, 9999, 1);
    one.each("swaps", [&](const Json& s, const std::string& place) {
      Object swap(s, place);
      Swap w{
          swap.needId("of"), swap.textOr("stamp", ""), swap.textOr("ink", ""), swap.textOr("text", ""), {}};
      w.extra = swap.extra();
      v.swaps.push_back(std::move(w));
    });
    v.extra = one.extra();
    m.variations.push_back(std::move(v));
  });
  m.rack = o.wholeOr("rack", 0, 9999, 0);
  m.jointPapers = o.boolOr("jointPapers", true);
  m.leftHanded = o.boolOr("leftHanded", false);
  if (const Json* j = o.find("post")) {
    Object post(*j, o.at("post"));
    m.post.thickness_mm = post.optionalNumber("thickness", {0, 1000, true});
    m.post.weight_g = post.optionalNumber("weight", {0, 100000, true});
    m.post.extra = post.extra();
  }
  m.extra = o.extra();
  return m;
}

MaskAtHand PartsReader::maskAtHand(Object o) {
  MaskAtHand m;
  m.stamp = o.needId("stamp");
  m.uses = o.wholeOr("uses", 1, 100000, 1);
  m.key = o.textOr("key", "");
  m.extra = o.extra();
  return m;
}

Supplies PartsReader::supplies(Object o) {
  Supplies s;
  s.maskLife = o.wholeOr("maskLife", 1, 100000, s.maskLife);
  s.maskInset_mm = o.numberOr("maskInset", kNotNegative, s.maskInset_mm);
  s.leastCut_mm = o.numberOr("leastCut", kNotNegative, s.leastCut_mm);
  s.leastHole_mm = o.optionalNumber("leastHole", kNotNegative);
  s.footMark = o.wordOr("footMark", words::kFootMarks, s.footMark);
  if (const Json* j = o.find("maskSheet")) s.maskSheet = maskingSheet(Object(*j, o.at("maskSheet")));
  o.each("masksAtHand",
         [&](const Json& e, const std::string& at) { s.masksAtHand.push_back(maskAtHand(Object(e, at))); });
  s.extra = o.extra();
  return s;
}

MaskingSheet PartsReader::maskingSheet(Object o) {
  MaskingSheet m;
  constexpr Range kSheet{20, 2000};
  m.width_mm = o.needNumber("width", kSheet);
  m.height_mm = o.needNumber("height", kSheet);
  m.margin_mm = o.numberOr("margin", kNotNegative, m.margin_mm);
  if (2 * m.margin_mm >= std::min(m.width_mm, m.height_mm) - 5)
    fail(o.at("margin"), "leaves nothing of the sheet to cut from");
  m.stickyBand_mm = o.optionalNumber("stickyBand", kPositive);
  m.extra = o.extra();
  return m;
}

}  // namespace havlo::plan_json
