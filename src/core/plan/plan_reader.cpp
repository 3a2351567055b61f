// Plan text to plan: every field read with its place, its type, its range and its references checked.
#include <algorithm>
#include <cmath>
#include <set>
#include <unordered_map>

#include "core/outline/shape_ops.h"
#include "core/plan/json_object.h"
#include "core/plan/mend_art.h"
#include "core/plan/plan_text.h"

namespace havlo {
namespace {

using namespace plan_json;

class Reader {
 public:
  Stamp readOneStamp(const Json& j) { return stamp(Object(j, "")); }
  static Ink readOneInk(const Json& j) { return ink(Object(j, "")); }
  ReadPlan read(const Json& j) {
    Object o(j, "");
    header(o);
    Plan& plan = m_out.plan;
    plan.title = o.textOr("title", "");
    plan.notes = o.textOr("notes", "");
    plan.card = card(Object(o.need("card"), "card"));
    if (const Json* view = o.find("view")) plan.view = readView(Object(*view, "view"));
    plan.school = o.wordOr("technique", words::kSchoolWords, plan.school);
    o.each("inks", [&](const Json& e, const std::string& at) { plan.inks.push_back(ink(Object(e, at))); });
    o.each("stamps", [&](const Json& e, const std::string& at) {
      plan.stamps.push_back(std::make_shared<Stamp>(stamp(Object(e, at))));
    });
    if (const Json* list = o.find("impressions"); list && list->is_array() && list->size() > kMostImpressions)
      fail(o.at("impressions"), "there are " + std::to_string(list->size()) + "; " +
                                    std::to_string(kMostImpressions) +
                                    " are the most that can be worked out");
    o.each("impressions", [&](const Json& e, const std::string& at) {
      plan.impressions.push_back(impression(Object(e, at)));
    });
    o.each("washes",
           [&](const Json& e, const std::string& at) { plan.washes.push_back(wash(Object(e, at))); });
    o.each("limits",
           [&](const Json& e, const std::string& at) { plan.limits.push_back(limit(Object(e, at))); });
    o.each("known",
           [&](const Json& e, const std::string& at) { plan.known.push_back(known(Object(e, at))); });
    o.each("ground",
           [&](const Json& e, const std::string& at) { plan.ground.push_back(groundMark(Object(e, at))); });
    if (const Json* room = o.find("room")) plan.room = readRoom(Object(*room, "room"));
    if (const Json* light = o.find("light")) plan.light = readLight(Object(*light, "light"));
    if (const Json* making = o.find("making")) plan.making = readMaking(Object(*making, "making"));
    if (const Json* supplies = o.find("supplies"))
      plan.supplies = readSupplies(Object(*supplies, "supplies"));
    plan.extra = o.extra();
    checkIds();
    checkReferences();
    checkDepths();
    checkRoom();
    return std::move(m_out);
  }

 private:
  ReadPlan m_out;

  /// One step a version, each making of a plan of version n + 1 what a plan of version n says. The reader
  /// below knows the newest version alone.
  using Migration = void (*)(Json& plan);
  static const std::vector<Migration>& migrations() {
    static const std::vector<Migration> all{};  // version 1 is the newest
    return all;
  }

 public:
  /// @return the plan as the newest version has it; nothing when it is of that version, or no plan at all
  static std::optional<Json> brought(const Json& plan) {
    const auto word = plan.is_object() ? plan.find("format") : plan.end();
    const auto version = plan.is_object() ? plan.find("version") : plan.end();
    const bool ours = word != plan.end() && *word == "havlo-plan";
    if (!ours || version == plan.end() || !version->is_number_integer()) return {};  // told by the reader
    const long long newest = static_cast<long long>(migrations().size()) + 1;
    if (version->is_number_unsigned() &&
        version->get<unsigned long long>() > static_cast<unsigned long long>(newest))
      fail("version", "this plan was made by a newer Havlo (version " + version->dump() +
                          "); this one reads version " + std::to_string(newest));
    const long long from = version->get<long long>();
    if (from < 1) fail("version", "there is no version " + version->dump());
    if (from == newest) return {};
    Json out = plan;
    for (long long v = from; v < newest; ++v) migrations()[ix(v - 1)](out);
    return out;
  }

 private:
  static void header(Object& o) {
    if (Object::text(o.need("format"), "format") != "havlo-plan") fail("format", "is not \"havlo-plan\"");
    if (!o.need("version").is_number_integer()) fail("version", "not a whole number");
  }

  Card card(Object o) {
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
      b.extra = base.extra();
      c.base = b;
    }
    o.each("mats", [&](const Json& e, const std::string& at) {
      Object mat(e, at);
      Mat m;
      m.reveal_mm = mat.numberOr("reveal", kNotNegative, 0);
      m.colour = mat.colourOr("colour", m.colour);
      m.extra = mat.extra();
      c.mats.push_back(m);
    });
    c.extra = o.extra();
    return c;
  }

  View readView(Object o) {
    View v;
    v.horizon_mm = o.needNumber("horizon", {0, m_out.plan.card.panel.height_mm, true});
    v.eyeHeight_m = o.numberOr("eyeHeight", kMetres, v.eyeHeight_m);
    v.vanishX_mm = o.optionalNumber("vanishX", kAny);
    v.nearDistance_m = o.numberOr("nearDistance", kMetres, v.nearDistance_m);
    v.visibility_m = o.optionalNumber("visibility", kMetres);
    v.extra = o.extra();
    return v;
  }

  static Ink ink(Object o) {
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
    i.extra = o.extra();
    return i;
  }

  Rings rings(const Json& j, const std::string& place) {
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
      m_out.repairs.push_back(
          place + ": its rings cross; they were split by the even-odd rule, the covered area is the same");
    return std::move(clean).value().rings;
  }

  Stamp stamp(Object o) {
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
      m_out.repairs.push_back(o.at("art") +
                              ": its numbers were written with decimal commas; they were mended");
    s.solid = o.boolOr("solid", false);
    const Json* foot = o.find("foot");
    s.foot = foot ? point(*foot, o.at("foot")) : Point{s.width_mm / 2, 0};
    if (const Json* j = o.find("realHeight")) s.realHeight = realHeight(Object(*j, o.at("realHeight")));
    s.facing = o.wordOr("facing", words::kFacings, s.facing);
    o.each("contacts",
           [&](const Json& e, const std::string& at) { s.contacts.push_back(contact(Object(e, at))); });
    if (const Json* j = o.find("mask")) s.mask = maskChoices(Object(*j, o.at("mask")));
    s.drawer = o.textOr("drawer", "");
    s.extra = o.extra();
    return s;
  }

  static MaskChoices maskChoices(Object o) {
    MaskChoices m;
    o.each("cut", [&](const Json& e, const std::string& at) { m.cut.push_back(point(e, at)); });
    o.each("skip", [&](const Json& e, const std::string& at) { m.skip.push_back(point(e, at)); });
    m.extra = o.extra();
    return m;
  }

  static Contact contact(Object o) {
    Contact c;
    c.kind = o.wordOr("kind", words::kContactKinds, c.kind);
    c.at = point(o.need("at"), o.at("at"));
    c.extra = o.extra();
    return c;
  }

  static GroundMark groundMark(Object o) {
    GroundMark g;
    g.id = o.needId("id");
    g.name = o.textOr("name", "");
    g.kind = o.wordOr("kind", words::kGroundKinds, g.kind);
    o.each("along", [&](const Json& e, const std::string& at) { g.along.push_back(point(e, at)); });
    const size_t least = g.kind == GroundKind::Ripples ? 1 : 2;
    if (g.along.size() < least)
      fail(o.at("along"), least == 1 ? "needs a point" : "needs at least two points");
    g.width_m = o.numberOr("width", kMetres, g.width_m);
    g.height_m = o.numberOr("height", kMetres, g.height_m);
    g.spacing_m = o.optionalNumber("spacing", kMetres);
    g.mirrors = o.boolOr("mirrors", false);
    g.extra = o.extra();
    return g;
  }

  static Room readRoom(Object o) {
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

  static RealHeight realHeight(Object o) {
    RealHeight h;
    h.typical_m = o.needNumber("typical", kMetres);
    h.least_m = o.numberOr("least", kMetres, h.typical_m);
    h.most_m = o.numberOr("most", kMetres, h.typical_m);
    if (h.least_m > h.typical_m) fail(o.at("least"), "is more than the typical height");
    if (h.most_m < h.typical_m) fail(o.at("most"), "is less than the typical height");
    h.extra = o.extra();
    return h;
  }

  Impression impression(Object o) {
    Impression i;
    i.id = o.needId("id");
    i.stamp = o.needId("stamp");
    i.ink = o.needId("ink");
    i.at = point(o.need("at"), o.at("at"));
    i.turn_deg = o.numberOr("turn", kAny, 0);
    i.generation = o.wholeOr("generation", 1, 99, 1);
    if (const Json* j = o.find("depth")) readDepth(*j, o.at("depth"), i);
    i.school = o.wordOr("technique", words::kSchoolWords, m_out.plan.school);
    i.inFrontOf = o.idsOr("inFrontOf");
    if (const Json* j = o.find("part")) i.part = rings(*j, o.at("part"));
    i.raise_mm = o.numberOr("raise", kAny, 0);
    i.hero = o.boolOr("hero", false);
    i.lit = o.wordOr("lit", words::kLitFroms, i.lit);
    i.row = o.textOr("row", "");
    i.extra = o.extra();
    return i;
  }

  static void readDepth(const Json& j, const std::string& place, Impression& i) {
    if (j.is_string()) {
      if (j.get<std::string>() != "ground")
        fail(place, "must be \"ground\", {\"metres\": n} or {\"on\": id}");
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

  Wash wash(Object o) {
    Wash w;
    w.id = o.needId("id");
    w.name = o.textOr("name", "");
    w.ink = o.needId("ink");
    w.area = rings(o.need("area"), o.at("area"));
    w.from = o.wordOr("from", words::kWashFroms, w.from);
    w.reach = o.numberOr("reach", kShare, w.reach);
    w.strength = o.numberOr("strength", kShare, w.strength);
    w.overImpressions = o.idsOr("overImpressions");
    w.kind = o.wordOr("kind", words::kWashKinds, w.kind);
    w.limit = o.textOr("limit", "");
    w.side = o.wordOr("side", words::kLimitSides, w.side);
    w.extra = o.extra();
    return w;
  }

  static WashLimit limit(Object o) {
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

  static KnownFinding known(Object o) {
    KnownFinding k;
    k.kind = o.needId("kind");
    k.impressions = o.idsOr("impressions");
    k.extra = o.extra();
    return k;
  }

  static Light readLight(Object o) {
    Light l;
    if (const Json* at = o.find("at")) l.at = point(*at, o.at("at"));
    l.ground_mm = o.optionalNumber("ground", kAny);
    l.direction_deg = o.numberOr("direction", kAny, 0);
    l.height_deg = o.numberOr("height", kAny, 0);
    l.extra = o.extra();
    return l;
  }

  static Making readMaking(Object o) {
    Making m;
    m.order = o.idsOr("order");
    m.first = o.idsOr("first");
    m.together = o.idsOr("together");
    m.evenings = o.wholeOr("evenings", 1, 99, 1);
    m.copies = o.wholeOr("copies", 1, 9999, 1);
    m.extra = o.extra();
    return m;
  }

  static MaskAtHand maskAtHand(Object o) {
    MaskAtHand m;
    m.stamp = o.needId("stamp");
    m.uses = o.wholeOr("uses", 1, 100000, 1);
    m.key = o.textOr("key", "");
    m.extra = o.extra();
    return m;
  }

  static Supplies readSupplies(Object o) {
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

  static MaskingSheet maskingSheet(Object o) {
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

  template <typename List, typename IdOf>
  static void unique(const List& list, const std::string& name, IdOf idOf) {
    std::unordered_map<std::string, size_t> seen;
    for (size_t i = 0; i < list.size(); ++i) {
      const auto [it, fresh] = seen.emplace(idOf(list[i]), i);
      if (!fresh)
        fail(name + "[" + std::to_string(i) + "].id",
             "\"" + it->first + "\" is already the id of " + name + "[" + std::to_string(it->second) + "]");
    }
  }

  void checkIds() const {
    const Plan& p = m_out.plan;
    const auto id = [](const auto& x) { return x.id; };
    unique(p.inks, "inks", id);
    unique(p.stamps, "stamps", [](const StampRef& s) { return s->id; });
    unique(p.impressions, "impressions", id);
    unique(p.washes, "washes", id);
    unique(p.limits, "limits", id);
    unique(p.ground, "ground", id);
    if (p.room) {
      unique(p.room->openings, "room.openings", id);
      unique(p.room->boxes, "room.boxes", id);
    }
  }

  void checkReferences() const {
    const Plan& p = m_out.plan;
    std::set<std::string, std::less<>> inks, stamps, impressions;
    for (const auto& i : p.inks) inks.insert(i.id);
    for (const auto& s : p.stamps) stamps.insert(s->id);
    for (const auto& i : p.impressions) impressions.insert(i.id);
    const auto known = [](const auto& set, const std::string& id, const std::string& place,
                          const char* what) {
      if (!set.contains(id)) fail(place, std::string("there is no ") + what + " \"" + id + "\"");
    };
    for (size_t k = 0; k < p.impressions.size(); ++k) {
      const Impression& i = p.impressions[k];
      const std::string at = "impressions[" + std::to_string(k) + "]";
      known(stamps, i.stamp, at + ".stamp", "stamp");
      known(inks, i.ink, at + ".ink", "ink");
      for (size_t f = 0; f < i.inFrontOf.size(); ++f) {
        const std::string place = at + ".inFrontOf[" + std::to_string(f) + "]";
        known(impressions, i.inFrontOf[f], place, "impression");
        if (i.inFrontOf[f] == i.id) fail(place, "an impression cannot be in front of itself");
      }
      if (const auto* on = std::get_if<OnThing>(&i.depth))
        known(impressions, on->id, at + ".depth.on", "impression");
    }
    for (size_t k = 0; k < p.washes.size(); ++k) {
      const std::string at = "washes[" + std::to_string(k) + "]";
      known(inks, p.washes[k].ink, at + ".ink", "ink");
      checkLimit(p.washes[k], at);
      for (size_t f = 0; f < p.washes[k].overImpressions.size(); ++f)
        known(impressions, p.washes[k].overImpressions[f], at + ".overImpressions[" + std::to_string(f) + "]",
              "impression");
    }
    const auto listed = [&](const auto& set, const std::vector<std::string>& list, const std::string& name,
                            const char* what) {
      std::set<std::string> seen;
      for (size_t k = 0; k < list.size(); ++k) {
        const std::string place = "making." + name + "[" + std::to_string(k) + "]";
        known(set, list[k], place, what);
        if (!seen.insert(list[k]).second) fail(place, "\"" + list[k] + "\" is named twice");
      }
    };
    listed(impressions, p.making.order, "order", "impression");
    listed(impressions, p.making.first, "first", "impression");
    listed(inks, p.making.together, "together", "ink");
    for (size_t k = 0; k < p.limits.size(); ++k)
      for (size_t f = 0; f < p.limits[k].holds.size(); ++f)
        known(impressions, p.limits[k].holds[f],
              "limits[" + std::to_string(k) + "].holds[" + std::to_string(f) + "]", "impression");
    for (size_t k = 0; k < p.supplies.masksAtHand.size(); ++k)
      known(stamps, p.supplies.masksAtHand[k].stamp, "supplies.masksAtHand[" + std::to_string(k) + "].stamp",
            "stamp");
  }

  void checkLimit(const Wash& wash, const std::string& at) const {
    const WashLimit* limit = m_out.plan.limit(wash.limit);
    if (wash.limit.empty()) {
      if (wash.from == WashFrom::Limit) fail(at + ".from", "starts at a limit, but the wash has none");
      return;
    }
    if (!limit) fail(at + ".limit", "there is no limit \"" + wash.limit + "\"");
    const bool level = wash.side == LimitSide::Above || wash.side == LimitSide::Below;
    if (limit->isEdge() != level)
      fail(at + ".side",
           limit->isEdge() ? "an edge has an above and a below" : "an opening has an inside and an outside");
  }

  void checkRoom() const {
    const Plan& p = m_out.plan;
    if (!p.ground.empty() && !p.view) fail("ground", "lies on the ground, but the plan has no view");
    if (!p.room) return;
    if (!p.view) fail("room", "is seen in perspective, but the plan has no view");
    if (p.room->bottom_mm >= p.view->horizon_mm)
      fail("room.back.bottom", "must be below the horizon, or there is no floor");
  }

  void checkDepths() const {
    const Plan& p = m_out.plan;
    std::unordered_map<std::string, size_t> index;
    for (size_t k = 0; k < p.impressions.size(); ++k) index[p.impressions[k].id] = k;
    // 0 unseen, 1 on the present chain, 2 known to end on something.
    std::vector<char> state(p.impressions.size(), 0);
    for (size_t k = 0; k < p.impressions.size(); ++k) {
      const std::string at = "impressions[" + std::to_string(k) + "].depth";
      if (std::holds_alternative<OnGround>(p.impressions[k].depth) && !p.view)
        fail(at, "stands on the ground, but the plan has no view");
      std::vector<size_t> chain;
      size_t here = k;
      while (state[here] == 0) {
        state[here] = 1;
        chain.push_back(here);
        const auto* on = std::get_if<OnThing>(&p.impressions[here].depth);
        if (!on) break;
        here = index.at(on->id);
        if (state[here] == 1)
          fail(at + ".on", "goes round in a circle: \"" + p.impressions[here].id + "\" is on itself");
      }
      for (size_t c : chain) state[c] = 2;
    }
  }
};

}  // namespace

namespace {

template <typename T, typename F>
Result<T> readOne(std::string_view text, F read) {
  if (text.size() > kLargestPlanBytes)
    return Error{ErrorCode::BadInput, "the file is larger than the 64 MB a plan may have", {}};
  auto json = readJson(text);
  if (!json) return json.error();
  try {
    return read(json.value());
  } catch (const Fault& fault) {
    return fault.error;
  }
}

}  // namespace

Result<Stamp> readStamp(std::string_view text) {
  return readOne<Stamp>(text, [](const Json& j) { return Reader().readOneStamp(j); });
}

Result<Ink> readInk(std::string_view text) {
  return readOne<Ink>(text, [](const Json& j) { return Reader::readOneInk(j); });
}

Result<ReadPlan> readPlan(std::string_view text) {
  return readOne<ReadPlan>(text, [](const Json& j) {
    const auto brought = Reader::brought(j);
    return Reader().read(brought ? *brought : j);
  });
}

}  // namespace havlo
