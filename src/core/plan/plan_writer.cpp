// Plan to plan text. Optional parts that are absent stay absent; unknown keys follow the known ones.
#include <cstdio>

#include "core/plan/json_text.h"
#include "core/plan/plan_text.h"
#include "core/plan/plan_words.h"

namespace havlo {
namespace {

void addExtra(Json& j, const std::string& extra) {
  if (extra.empty()) return;
  const Json rest = Json::parse(extra);
  for (const auto& [key, value] : rest.items()) j[key] = value;
}

Json point(Point p) { return Json::array({p.x, p.y}); }

Json points(const std::vector<Point>& list) {
  Json out = Json::array();
  for (Point p : list) out.push_back(point(p));
  return out;
}

Json rings(const Rings& rings) {
  Json list = Json::array();
  for (const Ring& ring : rings) list.push_back(points(ring));
  return list;
}

Json card(const Card& c) {
  Json j = Json::object();
  j["panel"] = {{"width", c.panel.width_mm}, {"height", c.panel.height_mm}};
  addExtra(j["panel"], c.panel.extra);
  j["trim"] = c.trim_mm;
  j["tape"] = c.tape_mm;
  if (c.bare_mm != 0) j["bare"] = c.bare_mm;
  if (c.raise_mm != 0) j["raise"] = c.raise_mm;
  j["paper"] = Json::object();
  if (!c.paper.name.empty()) j["paper"]["name"] = c.paper.name;
  j["paper"].update({{"colour", hexOf(c.paper.colour)}, {"thickness", c.paper.thickness_mm}});
  addExtra(j["paper"], c.paper.extra);
  if (c.base) {
    j["base"] = {{"width", c.base->width_mm}, {"height", c.base->height_mm}, {"fold", c.base->fold}};
    if (!(c.base->shift == Point{})) j["base"]["shift"] = point(c.base->shift);
    addExtra(j["base"], c.base->extra);
  }
  if (!c.mats.empty()) j["mats"] = Json::array();
  for (const Mat& m : c.mats) {
    Json mat = {{"reveal", m.reveal_mm}, {"colour", hexOf(m.colour)}};
    if (!(m.shift == Point{})) mat["shift"] = point(m.shift);
    addExtra(mat, m.extra);
    j["mats"].push_back(std::move(mat));
  }
  addExtra(j, c.extra);
  return j;
}

Json view(const View& v) {
  Json j = {{"horizon", v.horizon_mm}, {"eyeHeight", v.eyeHeight_m}};
  if (v.vanishX_mm) j["vanishX"] = *v.vanishX_mm;
  j["nearDistance"] = v.nearDistance_m;
  if (v.visibility_m) j["visibility"] = *v.visibility_m;
  addExtra(j, v.extra);
  return j;
}

Json ink(const Ink& i) {
  Json j = {{"id", i.id},
            {"name", i.name},
            {"kind", wordOf(i.kind)},
            {"colour", hexOf(i.colour)},
            {"opacity", i.opacity},
            {"dryOnCard", i.dryOnCard_s},
            {"dryOnMask", i.dryOnMask_s},
            {"generations", i.generations}};
  Json holds = Json::object();
  if (i.holds.marker) holds["marker"] = *i.holds.marker;
  if (i.holds.water) holds["water"] = *i.holds.water;
  if (i.holds.blending) holds["blending"] = *i.holds.blending;
  addExtra(holds, i.holds.extra);
  if (!holds.empty()) j["holds"] = std::move(holds);
  if (i.dryOnInk_s) j["dryOnInk"] = *i.dryOnInk_s;
  if (i.powderSticks) j["powderSticks"] = *i.powderSticks;
  addExtra(j, i.extra);
  return j;
}

Json stamp(const Stamp& s) {
  Json j = {{"id", s.id}, {"name", s.name}, {"role", wordOf(s.role)}};
  j["size"] = {{"width", s.width_mm}, {"height", s.height_mm}};
  addExtra(j["size"], s.sizeExtra);
  j["solid"] = s.solid;
  if (s.plate) j["plate"] = true;
  j["foot"] = point(s.foot);
  if (s.realHeight) {
    j["realHeight"] = {{"typical", s.realHeight->typical_m},
                       {"least", s.realHeight->least_m},
                       {"most", s.realHeight->most_m}};
    addExtra(j["realHeight"], s.realHeight->extra);
  }
  j["facing"] = wordOf(s.facing);
  if (s.home != Home::Usual) j["home"] = words::of(words::kHomes, s.home);
  j["silhouette"] = rings(s.silhouette);
  if (!s.art.empty()) j["art"] = s.art;
  for (const Contact& c : s.contacts) {
    Json contact = {{"kind", words::of(words::kContactKinds, c.kind)}, {"at", point(c.at)}};
    addExtra(contact, c.extra);
    j["contacts"].push_back(std::move(contact));
  }
  for (const StampRegion& r : s.regions) {
    Json region = {{"id", r.id}, {"name", r.name}, {"at", point(r.at)}};
    addExtra(region, r.extra);
    j["regions"].push_back(std::move(region));
  }
  if (!s.mask.none()) {
    Json mask = Json::object();
    if (!s.mask.cut.empty()) mask["cut"] = points(s.mask.cut);
    if (!s.mask.skip.empty()) mask["skip"] = points(s.mask.skip);
    addExtra(mask, s.mask.extra);
    j["mask"] = std::move(mask);
  }
  if (!s.drawer.empty()) j["drawer"] = s.drawer;
  addExtra(j, s.extra);
  return j;
}

Json depth(const Impression& i) {
  Json j = "ground";
  if (const auto* at = std::get_if<AtMetres>(&i.depth)) j = Json{{"metres", at->metres}};
  if (const auto* on = std::get_if<OnThing>(&i.depth)) j = Json{{"on", on->id}, {"behind", on->behind}};
  if (j.is_object()) addExtra(j, i.depthExtra);
  return j;
}

Json impression(const Impression& i) {
  Json j = {{"id", i.id},         {"stamp", i.stamp},
            {"ink", i.ink},       {"at", point(i.at)},
            {"turn", i.turn_deg}, {"generation", i.generation},
            {"depth", depth(i)},  {"technique", wordOf(i.school)}};
  if (!i.inFrontOf.empty()) j["inFrontOf"] = i.inFrontOf;
  if (!i.part.empty()) j["part"] = rings(i.part);
  j["raise"] = i.raise_mm;
  j["hero"] = i.hero;
  if (i.lit != LitFrom::Unsaid) j["lit"] = words::of(words::kLitFroms, i.lit);
  if (!i.row.empty()) j["row"] = i.row;
  if (!i.figure.empty()) j["figure"] = i.figure;
  if (!i.like.empty()) j["like"] = i.like;
  if (!i.piece.empty()) j["piece"] = i.piece;
  addExtra(j, i.extra);
  return j;
}

Json washDepth(const Wash& w) {
  if (const auto* layer = std::get_if<WashLayer>(&w.depth)) return words::of(words::kWashLayers, *layer);
  Json j = Json::object();
  if (const auto* at = std::get_if<AtMetres>(&w.depth)) j["metres"] = at->metres;
  if (const auto* by = std::get_if<BesideThing>(&w.depth)) j[by->behind ? "behind" : "inFront"] = by->id;
  addExtra(j, w.depthExtra);
  return j;
}

Json wash(const Wash& w) {
  Json j = {{"id", w.id},
            {"name", w.name},
            {"ink", w.ink},
            {"area", rings(w.area)},
            {"from", wordOf(w.from)},
            {"reach", w.reach},
            {"strength", w.strength}};
  if (w.kind != WashKind::Plain) j["kind"] = words::of(words::kWashKinds, w.kind);
  if (w.way != WashWay::Blend) j["way"] = words::of(words::kWashWays, w.way);
  j["softness"] = w.softness_mm;
  if (!std::holds_alternative<UsualDepth>(w.depth)) j["depth"] = washDepth(w);
  if (!w.lets.empty()) j["lets"] = w.lets;
  for (const WashBound& b : w.limits) {
    Json bound = {{"id", b.id}, {"side", words::of(words::kLimitSides, b.side)}};
    addExtra(bound, b.extra);
    j["limits"].push_back(std::move(bound));
  }
  addExtra(j, w.extra);
  return j;
}

Json limit(const WashLimit& l) {
  Json j = {{"id", l.id}, {"name", l.name}, {"kind", words::of(words::kLimitKinds, l.kind)}};
  if (l.isEdge()) {
    j["left"] = l.left_mm;
    j["right"] = l.right_mm;
    if (l.kind != LimitKind::Straight) j["wave"] = l.wave_mm, j["length"] = l.length_mm;
    if (l.kind == LimitKind::Torn) j["seed"] = l.seed;
  } else if (l.kind == LimitKind::Rays) {
    j["at"] = point(l.at);
    j["rays"] = l.rays;
    j["first"] = l.first_deg;
    j["last"] = l.last_deg;
  } else if (l.kind == LimitKind::Stencil) {
    j["shape"] = rings(l.shape);
  } else {
    j["opening"] = {{"left", l.opening.left},
                    {"bottom", l.opening.bottom},
                    {"right", l.opening.right},
                    {"top", l.opening.top}};
    if (!l.holds.empty()) j["holds"] = l.holds;
    if (l.larger_mm > 0) j["larger"] = l.larger_mm;
  }
  addExtra(j, l.extra);
  return j;
}

Json regionChoice(const RegionChoice& r) {
  if (const Point* at = std::get_if<Point>(&r)) return point(*at);
  if (const auto* named = std::get_if<NamedRegion>(&r)) return named->id;
  return std::holds_alternative<AllRegions>(r) ? "all" : "rest";
}

Json colouring(const Colouring& c) {
  Json j = {{"id", c.id}, {"impression", c.impression}, {"region", regionChoice(c.region)}};
  if (!c.ink.empty()) j["ink"] = c.ink;
  if (c.bare) {
    j["bare"] = true;
  } else {
    j["way"] = words::of(words::kColourWays, c.way);
    j["shade"] = words::of(words::kShades, c.shade);
    j["strength"] = c.strength;
  }
  addExtra(j, c.extra);
  return j;
}

Json line(const HandLine& l) {
  Json j = {{"id", l.id}};
  if (!l.name.empty()) j["name"] = l.name;
  if (!l.piece.empty()) j["piece"] = l.piece;
  j["along"] = points(l.along);
  j["ink"] = l.ink;
  j["width"] = l.width_mm;
  j["kind"] = words::of(words::kLineKinds, l.kind);
  if (!l.on.empty()) j["on"] = l.on;
  if (!l.text.empty()) j["text"] = l.text, j["height"] = l.height_mm;
  addExtra(j, l.extra);
  return j;
}

Json accent(const Accent& a) {
  Json j = {{"id", a.id}, {"kind", words::of(words::kAccentKinds, a.kind)}};
  if (!a.ink.empty()) j["ink"] = a.ink;
  if (!a.piece.empty()) j["piece"] = a.piece;
  if (!a.at.empty()) j["at"] = points(a.at);
  if (a.region) j["region"] = regionChoice(*a.region);
  if (!a.on.empty()) j["on"] = a.on;
  j["size"] = a.size_mm;
  if (a.dry_s) j["dry"] = *a.dry_s;
  addExtra(j, a.extra);
  return j;
}

Json lift(const Lift& l) {
  Json j = {{"id", l.id},         {"wash", l.wash},    {"with", words::of(words::kLiftWiths, l.with)},
            {"at", points(l.at)}, {"size", l.size_mm}, {"strength", l.strength}};
  addExtra(j, l.extra);
  return j;
}

Json piece(const Piece& p) {
  Json j = {{"id", p.id}, {"name", p.name}, {"kind", factsOf(p.kind).word}};
  j["outline"] = p.outline.empty() ? Json{{"width", p.width_mm}, {"height", p.height_mm}} : rings(p.outline);
  j["cut"] = words::of(words::kPieceCuts, p.cut);
  Json paper = {{"colour", hexOf(p.paper.colour)}, {"thickness", p.paper.thickness_mm}};
  if (!p.paper.name.empty()) paper["name"] = p.paper.name;
  if (p.paper.weight_gsm) paper["weight"] = *p.paper.weight_gsm;
  if (!p.paper.picture.empty()) paper["picture"] = p.paper.picture;
  addExtra(paper, p.paper.extra);
  j["paper"] = std::move(paper);
  if (!p.on.empty()) j["on"] = p.on;
  j["at"] = point(p.at);
  j["turn"] = p.turn_deg;
  j["raise"] = p.raise_mm;
  j["flush"] = p.flush;
  addExtra(j, p.extra);
  return j;
}

Json ownStep(const OwnStep& o) {
  Json j = {{"id", o.id}, {"text", o.text}};
  if (!o.before.empty()) j["before"] = o.before;
  if (!o.after.empty()) j["after"] = o.after;
  j["minutes"] = o.minutes;
  if (o.dry_s > 0) j["dry"] = o.dry_s;
  if (!o.piece.empty()) j["piece"] = o.piece;
  addExtra(j, o.extra);
  return j;
}

Json styles(const Styles& s) {
  Json j = Json::object();
  if (s.byEye) j["byEye"] = *s.byEye;
  if (s.allOver) j["allOver"] = *s.allOver;
  if (s.layers) j["layers"] = *s.layers;
  addExtra(j, s.extra);
  return j;
}

Json known(const KnownFinding& k) {
  Json j = {{"kind", k.kind}};
  if (!k.impressions.empty()) j["impressions"] = k.impressions;
  addExtra(j, k.extra);
  return j;
}

Json groundMark(const GroundMark& g) {
  Json j = {{"id", g.id},
            {"name", g.name},
            {"kind", words::of(words::kGroundKinds, g.kind)},
            {"along", points(g.along)},
            {"width", g.width_m}};
  if (g.kind == GroundKind::Wall || g.height_m != GroundMark().height_m) j["height"] = g.height_m;
  if (g.spacing_m) j["spacing"] = *g.spacing_m;
  if (g.mirrors) j["mirrors"] = true;
  addExtra(j, g.extra);
  return j;
}

Json room(const Room& r) {
  Json j = Json::object();
  j["back"] = {{"left", r.left_mm}, {"bottom", r.bottom_mm}, {"width", r.width_mm}, {"height", r.height_mm}};
  addExtra(j["back"], r.backExtra);
  j["floor"] = words::of(words::kFloorKinds, r.floor);
  j["unit"] = r.unit_m;
  j["ceiling"] = r.ceiling;
  for (const RoomOpening& o : r.openings) {
    Json opening = {
        {"id", o.id},          {"name", o.name},     {"wall", words::of(words::kRoomWalls, o.wall)},
        {"along", o.along_m},  {"width", o.width_m}, {"sill", o.sill_m},
        {"height", o.height_m}};
    addExtra(opening, o.extra);
    j["openings"].push_back(std::move(opening));
  }
  for (const RoomBox& b : r.boxes) {
    Json box = {{"id", b.id},         {"name", b.name},     {"left", b.left_m},     {"back", b.back_m},
                {"width", b.width_m}, {"depth", b.depth_m}, {"height", b.height_m}, {"up", b.up_m}};
    addExtra(box, b.extra);
    j["boxes"].push_back(std::move(box));
  }
  addExtra(j, r.extra);
  return j;
}

Json light(const Light& l) {
  Json j = Json::object();
  if (l.at) j["at"] = point(*l.at);
  if (l.ground_mm) j["ground"] = *l.ground_mm;
  if (!l.at || l.direction_deg != 0) j["direction"] = l.direction_deg;
  if (!l.at || l.height_deg != 0) j["height"] = l.height_deg;
  addExtra(j, l.extra);
  return j;
}

Json making(const Making& m) {
  Json j = Json::object();
  if (!m.order.empty()) j["order"] = m.order;
  if (!m.first.empty()) j["first"] = m.first;
  if (!m.together.empty()) j["together"] = m.together;
  for (const ActWish& w : m.sequence) {
    Json wish = {{"act", w.act}, {"before", w.before}};
    addExtra(wish, w.extra);
    j["sequence"].push_back(std::move(wish));
  }
  if (m.evenings != 1) j["evenings"] = m.evenings;
  if (m.copies != 1) j["copies"] = m.copies;
  for (const Variation& v : m.variations) {
    Json one = {{"name", v.name}, {"copies", v.copies}, {"swaps", Json::array()}};
    for (const Swap& s : v.swaps) {
      Json swap = {{"of", s.impression}};
      if (!s.stamp.empty()) swap["stamp"] = s.stamp;
      if (!s.ink.empty()) swap["ink"] = s.ink;
      if (!s.text.empty()) swap["text"] = s.text;
      addExtra(swap, s.extra);
      one["swaps"].push_back(std::move(swap));
    }
    addExtra(one, v.extra);
    j["variations"].push_back(std::move(one));
  }
  if (m.rack > 0) j["rack"] = m.rack;
  if (!m.jointPapers) j["jointPapers"] = false;
  if (m.leftHanded) j["leftHanded"] = true;
  if (!(m.post == Post())) {
    Json post = Json::object();
    if (m.post.thickness_mm) post["thickness"] = *m.post.thickness_mm;
    if (m.post.weight_g) post["weight"] = *m.post.weight_g;
    addExtra(post, m.post.extra);
    j["post"] = std::move(post);
  }
  addExtra(j, m.extra);
  return j;
}

Json supplies(const Supplies& s) {
  Json j = {{"maskLife", s.maskLife}, {"maskInset", s.maskInset_mm}, {"leastCut", s.leastCut_mm}};
  if (s.leastHole_mm) j["leastHole"] = *s.leastHole_mm;
  if (s.footMark != FootMark::None) j["footMark"] = wordOf(s.footMark);
  if (s.maskSheet) {
    const MaskingSheet& m = *s.maskSheet;
    Json sheet = {{"width", m.width_mm}, {"height", m.height_mm}, {"margin", m.margin_mm}};
    if (m.stickyBand_mm) sheet["stickyBand"] = *m.stickyBand_mm;
    addExtra(sheet, m.extra);
    j["maskSheet"] = std::move(sheet);
  }
  for (const MaskAtHand& m : s.masksAtHand) {
    Json mask = {{"stamp", m.stamp}, {"uses", m.uses}};
    if (!m.key.empty()) mask["key"] = m.key;
    addExtra(mask, m.extra);
    j["masksAtHand"].push_back(std::move(mask));
  }
  addExtra(j, s.extra);
  return j;
}

/// All that is planned on one surface.
Json marks(const Plan& plan) {
  Json j = Json::object();
  if (plan.view) j["view"] = view(*plan.view);
  j["impressions"] = Json::array();
  for (const Impression& i : plan.impressions) j["impressions"].push_back(impression(i));
  j["washes"] = Json::array();
  for (const Wash& w : plan.washes) j["washes"].push_back(wash(w));
  for (const WashLimit& l : plan.limits) j["limits"].push_back(limit(l));
  for (const Colouring& c : plan.colourings) j["colourings"].push_back(colouring(c));
  for (const HandLine& l : plan.lines) j["lines"].push_back(line(l));
  for (const Accent& a : plan.accents) j["accents"].push_back(accent(a));
  for (const Lift& l : plan.lifts) j["lifts"].push_back(lift(l));
  for (const OwnStep& o : plan.own) j["own"].push_back(ownStep(o));
  for (const KnownFinding& k : plan.known) j["known"].push_back(known(k));
  if (plan.styles != Styles()) j["styles"] = styles(plan.styles);
  for (const GroundMark& g : plan.ground) j["ground"].push_back(groundMark(g));
  if (plan.room) j["room"] = room(*plan.room);
  if (plan.light) j["light"] = light(*plan.light);
  if (!(plan.making == Making())) j["making"] = making(plan.making);
  return j;
}

/// What a face shares its list with says on which piece it is; the rest stands with the piece.
void addFace(Json& out, const Plan& plan, const Face& face) {
  const int piece = plan.pieceIndex(face.piece);
  if (piece < 0) return;
  Json scene = marks(face.scene);
  for (const char* list : {"impressions", "lines", "accents", "own", "colourings"}) {
    const auto found = scene.find(list);
    if (found == scene.end()) continue;
    for (Json& one : *found) {
      if (list != std::string_view("colourings")) one["piece"] = face.piece;
      out[list].push_back(std::move(one));
    }
    scene.erase(found);
  }
  if (scene["washes"].empty()) scene.erase("washes");
  addExtra(scene, face.scene.extra);
  if (!scene.empty()) out["pieces"][ix(piece)]["scene"] = std::move(scene);
}

}  // namespace

std::string writeStamp(const Stamp& one) { return writeJson(stamp(one)); }
std::string writeCard(const Card& one) { return writeJson(card(one)); }
std::string writeInk(const Ink& one) { return writeJson(ink(one)); }

std::string writePlan(const Plan& plan) {
  Json j = {{"format", "havlo-plan"}, {"version", 2}, {"title", plan.title}, {"notes", plan.notes}};
  j["card"] = card(plan.card);
  j["inks"] = Json::array();
  for (const Ink& i : plan.inks) j["inks"].push_back(ink(i));
  j["stamps"] = Json::array();
  for (const StampRef& s : plan.stamps) j["stamps"].push_back(stamp(*s));
  j.update(marks(plan));
  for (const Piece& p : plan.pieces) j["pieces"].push_back(piece(p));
  for (const Face& f : plan.faces) addFace(j, plan, f);
  if (plan.school != School::Mask) j["technique"] = wordOf(plan.school);
  j["supplies"] = supplies(plan.supplies);
  addExtra(j, plan.extra);
  return writeJson(j);
}

std::string_view wordOf(InkKind kind) { return words::of(words::kInkKinds, kind); }
std::string_view wordOf(Role role) { return words::of(words::kRoles, role); }
std::string_view wordOf(Facing facing) { return words::of(words::kFacings, facing); }
std::string_view wordOf(School school) { return words::of(words::kSchoolWords, school); }
std::string_view wordOf(WashFrom from) { return words::of(words::kWashFroms, from); }

std::string_view wordOf(FootMark mark) { return words::of(words::kFootMarks, mark); }

std::string hexOf(Colour c) {
  char text[8];
  std::snprintf(text, sizeof text, "#%02x%02x%02x", c.red, c.green, c.blue);
  return text;
}

}  // namespace havlo
