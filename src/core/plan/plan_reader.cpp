// Plan text to plan: every field read with its place, its type, its range and its references checked.
#include <algorithm>
#include <cmath>
#include <map>
#include <set>
#include <unordered_map>

#include "core/plan/plan_parts.h"
#include "core/plan/plan_text.h"

namespace havlo {
namespace {

using namespace plan_json;

constexpr size_t kMostPieces = 300;  // of one card; each is weighed with every order that is tried

class Reader {
 public:
  Stamp readOneStamp(const Json& j) { return m_parts.stamp(Object(j, "")); }
  static Ink readOneInk(const Json& j) { return PartsReader::ink(Object(j, "")); }
  ReadPlan read(const Json& j) {
    Object o(j, "");
    header(o);
    Plan& plan = m_out.plan;
    plan.title = o.textOr("title", "");
    plan.notes = o.textOr("notes", "");
    plan.card = PartsReader::card(Object(o.need("card"), "card"));
    plan.school = o.wordOr("technique", words::kSchoolWords, plan.school);
    o.each("inks", [&](const Json& e, const std::string& at) {
      plan.inks.push_back(PartsReader::ink(Object(e, at)));
    });
    o.each("stamps", [&](const Json& e, const std::string& at) {
      plan.stamps.push_back(std::make_shared<Stamp>(m_parts.stamp(Object(e, at))));
    });
    marks(o, plan);
    if (const Json* list = o.find("pieces"); list && list->is_array() && list->size() > kMostPieces)
      fail(o.at("pieces"), "there are " + std::to_string(list->size()) + "; " + std::to_string(kMostPieces) +
                               " are the most");
    o.each("pieces", [&](const Json& e, const std::string& at) {
      plan.pieces.push_back(m_parts.piece(Object(e, at)));
      if (const auto scene = e.find("scene"); scene != e.end())
        m_scenes.push_back({plan.pieces.back().id, at + ".scene", &*scene});
    });
    if (const Json* supplies = o.find("supplies"))
      plan.supplies = PartsReader::supplies(Object(*supplies, "supplies"));
    plan.extra = o.extra();
    checkIds();
    checkReferences();
    checkDepths();
    checkRoom();
    checkPieces();
    facesFromPieces();
    m_out.repairs = std::move(m_parts.repairs);
    return std::move(m_out);
  }

 private:
  struct Scene {
    std::string piece, at;
    const Json* json;
  };
  ReadPlan m_out;
  PartsReader m_parts;
  std::vector<Scene> m_scenes;

  /// All that is planned on one surface.
  void marks(Object& o, Plan& plan) {
    if (const Json* view = o.find("view"))
      plan.view = PartsReader::view(Object(*view, o.at("view")), plan.card.panel.height_mm);
    if (const Json* list = o.find("impressions"); list && list->is_array() && list->size() > kMostImpressions)
      fail(o.at("impressions"), "there are " + std::to_string(list->size()) + "; " +
                                    std::to_string(kMostImpressions) +
                                    " are the most that can be worked out");
    o.each("impressions", [&](const Json& e, const std::string& at) {
      plan.impressions.push_back(m_parts.impression(Object(e, at), m_out.plan.school));
    });
    o.each("washes",
           [&](const Json& e, const std::string& at) { plan.washes.push_back(m_parts.wash(Object(e, at))); });
    o.each("limits", [&](const Json& e, const std::string& at) {
      plan.limits.push_back(m_parts.limit(Object(e, at)));
    });
    o.each("colourings", [&](const Json& e, const std::string& at) {
      plan.colourings.push_back(PartsReader::colouring(Object(e, at)));
    });
    o.each("lines", [&](const Json& e, const std::string& at) {
      plan.lines.push_back(PartsReader::line(Object(e, at)));
    });
    o.each("accents", [&](const Json& e, const std::string& at) {
      plan.accents.push_back(PartsReader::accent(Object(e, at)));
    });
    o.each("lifts", [&](const Json& e, const std::string& at) {
      plan.lifts.push_back(PartsReader::lift(Object(e, at)));
    });
    o.each("own", [&](const Json& e, const std::string& at) {
      plan.own.push_back(PartsReader::ownStep(Object(e, at)));
    });
    o.each("known", [&](const Json& e, const std::string& at) {
      plan.known.push_back(PartsReader::known(Object(e, at)));
    });
    if (const Json* styles = o.find("styles"))
      plan.styles = PartsReader::styles(Object(*styles, o.at("styles")));
    o.each("ground", [&](const Json& e, const std::string& at) {
      plan.ground.push_back(PartsReader::groundMark(Object(e, at)));
    });
    if (const Json* room = o.find("room")) plan.room = PartsReader::room(Object(*room, o.at("room")));
    if (const Json* light = o.find("light")) plan.light = PartsReader::light(Object(*light, o.at("light")));
    if (const Json* making = o.find("making"))
      plan.making = PartsReader::making(Object(*making, o.at("making")));
  }

  /// Version 1 knew one sequence: everything stamped, then everything blended, round whatever was not said to
  /// take the colour. That is a wash behind everything.
  static void fromVersion1(Json& plan) {
    const auto setAside = [](Json& of, std::initializer_list<const char*> keys) {  // meant nothing then
      for (const char* key : keys)
        if (of.contains(key)) {
          of[std::string("version1:") + key] = of[key];
          of.erase(key);
        }
    };
    setAside(plan, {"colourings", "lines", "accents", "lifts", "own", "pieces", "styles"});
    for (const auto& [list, key] :
         {std::pair("stamps", "regions"), std::pair("stamps", "home"), std::pair("impressions", "like"),
          std::pair("impressions", "piece"), std::pair("impressions", "figure")})
      if (const auto found = plan.find(list); found != plan.end() && found->is_array())
        for (Json& one : *found)
          if (one.is_object()) setAside(one, {key});
    const auto list = plan.find("washes");
    if (list == plan.end() || !list->is_array()) return;
    for (Json& wash : *list) {
      if (!wash.is_object()) continue;
      setAside(wash, {"lets", "limits", "depth", "softness", "way"});
      if (wash.contains("overImpressions")) {
        wash["lets"] = wash["overImpressions"];
        wash.erase("overImpressions");
      }
      const auto limit = wash.find("limit");
      if (limit != wash.end() && !(limit->is_string() && limit->get<std::string>().empty())) {
        Json bound = {{"id", *limit}};
        if (wash.contains("side")) bound["side"] = wash["side"];
        wash["limits"] = Json::array({std::move(bound)});
      }
      wash.erase("limit"), wash.erase("side");
      wash["depth"] = "far";
      wash["softness"] = 0;
    }
  }

  /// One step a version, each making of a plan of version n + 1 what a plan of version n says. The reader
  /// below knows the newest version alone.
  using Migration = void (*)(Json& plan);
  static const std::vector<Migration>& migrations() {
    static const std::vector<Migration> all{fromVersion1};
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
    unique(p.colourings, "colourings", id);
    unique(p.lines, "lines", id);
    unique(p.accents, "accents", id);
    unique(p.lifts, "lifts", id);
    unique(p.own, "own", id);
    unique(p.pieces, "pieces", id);
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
      checkLimits(p.washes[k], at);
      for (size_t f = 0; f < p.washes[k].lets.size(); ++f)
        known(impressions, p.washes[k].lets[f], at + ".lets[" + std::to_string(f) + "]", "impression");
      if (const auto* beside = std::get_if<BesideThing>(&p.washes[k].depth))
        known(impressions, beside->id, at + ".depth." + (beside->behind ? "behind" : "inFront"),
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
    std::set<std::string> washes;
    for (const Wash& w : p.washes) washes.insert(w.id);
    for (size_t k = 0; k < p.making.sequence.size(); ++k) {
      const std::string place = "making.sequence[" + std::to_string(k) + "]";
      const ActWish& w = p.making.sequence[k];
      for (const auto& [name, key] : {std::pair(w.act, ".act"), std::pair(w.before, ".before")}) {
        // Acts of kinds that this version does not know are kept.
        if (name.starts_with("stamp:")) known(impressions, name.substr(6), place + key, "impression");
        if (name.starts_with("wash:")) known(washes, name.substr(5), place + key, "wash");
      }
      if (w.act == w.before) fail(place, "an act cannot come before itself");
    }
    for (size_t k = 0; k < p.limits.size(); ++k)
      for (size_t f = 0; f < p.limits[k].holds.size(); ++f)
        known(impressions, p.limits[k].holds[f],
              "limits[" + std::to_string(k) + "].holds[" + std::to_string(f) + "]", "impression");
    for (size_t k = 0; k < p.supplies.masksAtHand.size(); ++k)
      known(stamps, p.supplies.masksAtHand[k].stamp, "supplies.masksAtHand[" + std::to_string(k) + "].stamp",
            "stamp");
  }

  void checkLimits(const Wash& wash, const std::string& at) const {
    if (wash.limits.empty() && wash.from == WashFrom::Limit)
      fail(at + ".from", "starts at a limit, but the wash has none");
    for (size_t k = 0; k < wash.limits.size(); ++k) {
      const WashBound& bound = wash.limits[k];
      const std::string place = at + ".limits[" + std::to_string(k) + "]";
      const WashLimit* limit = m_out.plan.limit(bound.id);
      if (!limit) fail(place + ".id", "there is no limit \"" + bound.id + "\"");
      for (size_t other = 0; other < k; ++other)
        if (wash.limits[other].id == bound.id) fail(place + ".id", "\"" + bound.id + "\" is named twice");
      const bool level = bound.side == LimitSide::Above || bound.side == LimitSide::Below;
      if (limit->isEdge() != level)
        fail(place + ".side", limit->isEdge() ? "an edge has an above and a below"
                                              : "an opening has an inside and an outside");
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

  /// What a piece is glued on is another one, and not by any way round itself.
  void checkPieces() const {
    const Plan& p = m_out.plan;
    for (size_t k = 0; k < p.pieces.size(); ++k) {
      const std::string at = "pieces[" + std::to_string(k) + "].on";
      int here = static_cast<int>(k);
      for (size_t n = 0; here >= 0 && !p.pieces[ix(here)].on.empty(); ++n) {
        const std::string& on = p.pieces[ix(here)].on;
        if (n > p.pieces.size()) fail(at, "goes round in a circle: \"" + p.pieces[k].id + "\" is on itself");
        if (on == "base") break;
        here = p.pieceIndex(on);
        if (here < 0 && n == 0) fail(at, "there is no piece \"" + on + "\"");
      }
    }
    for (size_t k = 0; k < p.impressions.size(); ++k)
      if (const std::string& on = p.impressions[k].piece; !on.empty() && p.pieceIndex(on) < 0)
        fail("impressions[" + std::to_string(k) + "].piece", "there is no piece \"" + on + "\"");
  }

  bool isApart(const std::string& piece) const {
    const int k = m_out.plan.pieceIndex(piece);
    return k >= 0 && !factsOf(m_out.plan.pieces[ix(k)].kind).onFace;
  }

  /// What is stamped on a piece pops up with it; what is on one with a picture of its own is not the panel's.
  void facesFromPieces() {
    Plan& p = m_out.plan;
    for (size_t k = 0; k < p.pieces.size(); ++k)
      if (isApart(p.pieces[k].id)) beginFace(p.pieces[k]);
    std::map<std::string, std::string, std::less<>> pieceOf;
    for (const Impression& i : p.impressions) pieceOf[i.id] = isApart(i.piece) ? i.piece : std::string();
    for (const Impression& i : p.impressions) checkOneFace(i, pieceOf);
    const auto withItsThing = [&](auto& list) {  // what is done on a thing is done on its piece
      for (auto& one : list)
        if (const auto at = pieceOf.find(one.on); one.piece.empty() && at != pieceOf.end())
          one.piece = at->second;
    };
    withItsThing(p.lines), withItsThing(p.accents);
    for (Face& f : p.faces) sortInto(f, pieceOf);
    const auto apart = [&](const auto& x) { return isApart(x.piece); };
    std::erase_if(p.impressions, apart), std::erase_if(p.lines, apart);
    std::erase_if(p.accents, apart), std::erase_if(p.own, apart);
    std::erase_if(p.colourings, [&](const Colouring& c) {
      const auto at = pieceOf.find(c.impression);
      return at != pieceOf.end() && !at->second.empty();
    });
    for (Impression& i : p.impressions)
      if (!i.piece.empty()) i.school = School::PopUp;
    dropFromPanel(pieceOf);
    for (Face& f : p.faces) checkFace(f);
    std::erase_if(p.faces, [](const Face& f) { return f.scene == Plan(); });
  }

  /// Its frame begins at its lower left corner.
  void beginFace(Piece& piece) {
    if (!piece.outline.empty()) {
      const Box box = boxOf(piece.outline);
      const Point corner{box.left, box.bottom};
      for (Ring& ring : piece.outline)
        for (Point& q : ring) q = q - corner;
      piece.at = Placing({0, 0}, piece.at, Degrees{piece.turn_deg}).toPanel(corner);
      for (Impression& i : m_out.plan.impressions)
        if (i.piece == piece.id) i.at = i.at - corner;
    }
    Face face{piece.id, {}};
    for (const Scene& s : m_scenes)
      if (s.piece == piece.id) {
        const Box box = boxOf(shapeOf(piece));
        face.scene.card.panel.width_mm = box.width(), face.scene.card.panel.height_mm = box.height();
        Object o(*s.json, s.at);
        marks(o, face.scene);
        face.scene.card = {};
        face.scene.extra = o.extra();
      }
    m_out.plan.faces.push_back(std::move(face));
  }

  using PieceOf = std::map<std::string, std::string, std::less<>>;
  static void checkOneFace(const Impression& i, const PieceOf& pieceOf) {
    const auto check = [&](const std::string& id, const char* does) {
      if (pieceOf.at(id) != pieceOf.at(i.id))
        fail("impressions", "\"" + i.id + "\" " + does + " \"" + id + "\", which is on another piece");
    };
    if (const auto* on = std::get_if<OnThing>(&i.depth)) check(on->id, "holds on to");
    for (const std::string& id : i.inFrontOf) check(id, "is in front of");
  }

  void sortInto(Face& f, const PieceOf& pieceOf) {
    const Plan& p = m_out.plan;
    const auto take = [&](const auto& from, auto& to) {
      for (const auto& x : from)
        if (x.piece == f.piece) to.push_back(x), to.back().piece.clear();
    };
    take(p.impressions, f.scene.impressions), take(p.lines, f.scene.lines);
    take(p.accents, f.scene.accents), take(p.own, f.scene.own);
    for (const Colouring& c : p.colourings)
      if (const auto at = pieceOf.find(c.impression); at != pieceOf.end() && at->second == f.piece)
        f.scene.colourings.push_back(c);
  }

  /// What the panel's blends and wishes say of things on other faces has no meaning there.
  void dropFromPanel(const PieceOf& pieceOf) {
    Plan& p = m_out.plan;
    const auto gone = [&](const std::string& id) {
      const auto at = pieceOf.find(id);
      return at != pieceOf.end() && !at->second.empty();
    };
    for (Wash& w : p.washes) {
      std::erase_if(w.lets, gone);
      if (const auto* beside = std::get_if<BesideThing>(&w.depth); beside && gone(beside->id))
        fail("washes", "\"" + w.id + "\" lies beside \"" + beside->id + "\", which is on another piece");
    }
    for (WashLimit& l : p.limits) std::erase_if(l.holds, gone);
    std::erase_if(p.making.order, gone), std::erase_if(p.making.first, gone);
  }

  void checkFace(const Face& f) const {
    Reader own;
    own.m_out.plan = f.scene;
    own.m_out.plan.inks = m_out.plan.inks, own.m_out.plan.stamps = m_out.plan.stamps;
    try {
      own.checkIds(), own.checkReferences(), own.checkRoom();
    } catch (Fault& fault) {
      fault.error.place =
          "pieces[" + std::to_string(m_out.plan.pieceIndex(f.piece)) + "].scene." + fault.error.place;
      throw;
    }
    for (const Impression& i : f.scene.impressions)
      if (m_out.plan.impression(i.id))
        fail("impressions", "\"" + i.id + "\" is on the panel and on \"" + f.piece + "\"");
  }

  void checkDepths() const {
    const Plan& p = m_out.plan;
    std::unordered_map<std::string, size_t> index;
    for (size_t k = 0; k < p.impressions.size(); ++k) index[p.impressions[k].id] = k;
    // 0 unseen, 1 on the present chain, 2 known to end on something.
    std::vector<char> state(p.impressions.size(), 0);
    for (size_t k = 0; k < p.impressions.size(); ++k) {
      const std::string at = "impressions[" + std::to_string(k) + "].depth";
      if (std::holds_alternative<OnGround>(p.impressions[k].depth) && !p.view &&
          !isApart(p.impressions[k].piece))
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

namespace {

/// Where the fault stands in the file as it is.
std::string placeInVersion1(std::string place) {
  if (!place.starts_with("washes[")) return place;
  for (const auto& [now, then] :
       {std::pair{".lets", ".overImpressions"}, {".limits[0].id", ".limit"}, {".limits[0].side", ".side"}})
    if (const size_t at = place.find(now); at != std::string::npos) {
      place.replace(at, std::string_view(now).size(), then);
      break;
    }
  return place;
}

}  // namespace

Result<Stamp> readStamp(std::string_view text) {
  return readOne<Stamp>(text, [](const Json& j) { return Reader().readOneStamp(j); });
}

Result<Ink> readInk(std::string_view text) {
  return readOne<Ink>(text, [](const Json& j) { return Reader::readOneInk(j); });
}

Result<Card> readCard(std::string_view text) {
  return readOne<Card>(text, [](const Json& j) { return PartsReader::card(Object(j, "")); });
}

Result<ReadPlan> readPlan(std::string_view text) {
  return readOne<ReadPlan>(text, [](const Json& j) {
    const auto brought = Reader::brought(j);
    if (!brought) return Reader().read(j);
    try {
      return Reader().read(*brought);
    } catch (Fault& fault) {
      fault.error.place = placeInVersion1(fault.error.place);
      throw;
    }
  });
}

}  // namespace havlo
