// Plan text to plan: every field read with its place, its type, its range and its references checked.
#include <algorithm>
#include <cmath>
#include <set>
#include <unordered_map>

#include "core/outline/shape_ops.h"
#include "core/plan/json_text.h"
#include "core/plan/plan_text.h"
#include "core/plan/plan_words.h"

namespace havlo {
namespace {

constexpr double kFar = 1e5;       // bound of every plain number, mm or degrees
constexpr double kFarthest = 1e9;  // bound of scene distances, m

/// Ends reading at the first fault; turned into an Error in readPlan.
struct Fault {
  Error error;
};

[[noreturn]] void fail(const std::string& place, const std::string& message) {
  throw Fault{{ErrorCode::BadInput, message, place}};
}

std::string number(double v) {
  std::string s = std::to_string(v);
  s.erase(s.find_last_not_of('0') + 1);
  if (s.back() == '.') s.pop_back();
  return s;
}

struct Range {
  double least = -kFar, most = kFar;
  bool leastIsOut = false;  // an open lower bound
};
constexpr Range kAny{};
constexpr Range kPositive{0, kFar, true};
constexpr Range kNotNegative{0, kFar};
constexpr Range kShare{0, 1};
constexpr Range kMetres{0, kFarthest, true};

double checkedNumber(const Json& j, const std::string& place, Range range) {
  if (!j.is_number()) fail(place, "not a number");
  const double v = j.get<double>();
  if (!std::isfinite(v)) fail(place, "not a finite number");
  if (v < range.least || v > range.most || (range.leastIsOut && v <= range.least)) {
    const std::string low =
        range.leastIsOut ? "more than " + number(range.least) : "at least " + number(range.least);
    fail(place, "must be " + low + " and at most " + number(range.most));
  }
  return v;
}

Point point(const Json& j, const std::string& place) {
  if (!j.is_array() || j.size() != 2) fail(place, "not a point; write it as [x, y]");
  return {checkedNumber(j[0], place + "[0]", kAny), checkedNumber(j[1], place + "[1]", kAny)};
}

/// One JSON object being read: knows its place and which keys were taken.
class Object {
 public:
  Object(const Json& j, std::string place) : m_json(j), m_place(std::move(place)) {
    if (!j.is_object()) fail(m_place.empty() ? "plan" : m_place, "not an object");
  }

  std::string at(std::string_view key) const {
    return m_place.empty() ? std::string(key) : m_place + "." + std::string(key);
  }
  const std::string& place() const { return m_place; }

  const Json* find(std::string_view key) {
    m_known.insert(std::string(key));
    const auto it = m_json.find(std::string(key));
    return it == m_json.end() ? nullptr : &*it;
  }
  const Json& need(std::string_view key) {
    const Json* j = find(key);
    if (!j) fail(at(key), "is missing");
    return *j;
  }
  double needNumber(std::string_view key, Range range) { return checkedNumber(need(key), at(key), range); }
  double numberOr(std::string_view key, Range range, double otherwise) {
    const Json* j = find(key);
    return j ? checkedNumber(*j, at(key), range) : otherwise;
  }
  std::optional<double> optionalNumber(std::string_view key, Range range) {
    const Json* j = find(key);
    return j ? std::optional(checkedNumber(*j, at(key), range)) : std::nullopt;
  }
  int wholeOr(std::string_view key, int least, int most, int otherwise) {
    const Json* j = find(key);
    if (!j) return otherwise;
    const double v = checkedNumber(*j, at(key), {static_cast<double>(least), static_cast<double>(most)});
    if (v != std::floor(v)) fail(at(key), "must be a whole number");
    return static_cast<int>(v);
  }
  bool boolOr(std::string_view key, bool otherwise) {
    const Json* j = find(key);
    if (!j) return otherwise;
    if (!j->is_boolean()) fail(at(key), "must be true or false");
    return j->get<bool>();
  }
  std::string textOr(std::string_view key, std::string otherwise) {
    const Json* j = find(key);
    return j ? text(*j, at(key)) : otherwise;
  }
  std::string needId(std::string_view key) {
    std::string id = text(need(key), at(key));
    if (id.empty()) fail(at(key), "is empty");
    return id;
  }
  template <typename E, size_t N>
  E wordOr(std::string_view key, const words::Table<E, N>& table, E otherwise) {
    const Json* j = find(key);
    if (!j) return otherwise;
    const std::string word = text(*j, at(key));
    std::string choices;
    for (const auto& [value, known] : table) {
      if (known == word) return value;
      choices += (choices.empty() ? "" : ", ") + std::string(known);
    }
    fail(at(key), "\"" + word.substr(0, 40) + "\" is none of " + choices);
  }
  Colour colourOr(std::string_view key, Colour otherwise) {
    const Json* j = find(key);
    if (!j) return otherwise;
    const std::string s = text(*j, at(key));
    const bool hex = s.size() == 7 && s[0] == '#' &&
                     std::all_of(s.begin() + 1, s.end(), [](unsigned char c) { return std::isxdigit(c); });
    if (!hex) fail(at(key), "not a colour; write it as #rrggbb");
    const auto channel = [&](size_t i) {
      return static_cast<unsigned char>(std::stoi(s.substr(i, 2), nullptr, 16));
    };
    return {channel(1), channel(3), channel(5)};
  }
  std::vector<std::string> idsOr(std::string_view key) {
    std::vector<std::string> ids;
    each(key, [&](const Json& j, const std::string& place) { ids.push_back(text(j, place)); });
    return ids;
  }
  /// Calls `f` for each entry of a list; an absent list is empty.
  template <typename F>
  void each(std::string_view key, F f) {
    const Json* j = find(key);
    if (!j) return;
    if (!j->is_array()) fail(at(key), "not a list");
    for (size_t i = 0; i < j->size(); ++i) f((*j)[i], at(key) + "[" + std::to_string(i) + "]");
  }
  /// The keys that were not asked for, as JSON text; empty if there are none.
  std::string extra() const {
    Json rest = Json::object();
    for (const auto& [key, value] : m_json.items())
      if (!m_known.contains(key)) rest[key] = value;
    return rest.empty() ? std::string() : rest.dump();
  }

  static std::string text(const Json& j, const std::string& place) {
    if (!j.is_string()) fail(place, "not a text");
    return j.get<std::string>();
  }

 private:
  const Json& m_json;
  std::string m_place;
  std::set<std::string> m_known;
};

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
    o.each("inks", [&](const Json& e, const std::string& at) { plan.inks.push_back(ink(Object(e, at))); });
    o.each("stamps", [&](const Json& e, const std::string& at) {
      plan.stamps.push_back(std::make_shared<Stamp>(stamp(Object(e, at))));
    });
    o.each("impressions", [&](const Json& e, const std::string& at) {
      plan.impressions.push_back(impression(Object(e, at)));
    });
    o.each("washes",
           [&](const Json& e, const std::string& at) { plan.washes.push_back(wash(Object(e, at))); });
    o.each("ground",
           [&](const Json& e, const std::string& at) { plan.ground.push_back(groundMark(Object(e, at))); });
    if (const Json* room = o.find("room")) plan.room = readRoom(Object(*room, "room"));
    if (const Json* light = o.find("light")) plan.light = readLight(Object(*light, "light"));
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

  static void header(Object& o) {
    if (Object::text(o.need("format"), "format") != "havlo-plan") fail("format", "is not \"havlo-plan\"");
    const Json& version = o.need("version");
    if (!version.is_number_integer()) fail("version", "not a whole number");
    if (version.is_number_unsigned() && version.get<unsigned long long>() > 1)
      fail("version",
           "this plan was made by a newer Havlo (version " + version.dump() + "); this one reads version 1");
    if (version.get<long long>() != 1) fail("version", "there is no version " + version.dump());
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
    i.technique = o.wordOr("technique", words::kTechniques, i.technique);
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
    w.extra = o.extra();
    return w;
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

  static Supplies readSupplies(Object o) {
    Supplies s;
    s.maskLife = o.wholeOr("maskLife", 1, 100000, s.maskLife);
    s.maskInset_mm = o.numberOr("maskInset", kNotNegative, s.maskInset_mm);
    s.leastCut_mm = o.numberOr("leastCut", kNotNegative, s.leastCut_mm);
    s.leastHole_mm = o.optionalNumber("leastHole", kNotNegative);
    s.footMark = o.wordOr("footMark", words::kFootMarks, s.footMark);
    if (const Json* j = o.find("maskSheet")) s.maskSheet = maskingSheet(Object(*j, o.at("maskSheet")));
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
      for (size_t f = 0; f < p.washes[k].overImpressions.size(); ++f)
        known(impressions, p.washes[k].overImpressions[f], at + ".overImpressions[" + std::to_string(f) + "]",
              "impression");
    }
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
  return readOne<ReadPlan>(text, [](const Json& j) { return Reader().read(j); });
}

}  // namespace havlo
