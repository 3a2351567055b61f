// What is done by hand, read from its JSON objects. What it refers to may be gone: the reading says so.
#include "core/plan/plan_parts.h"

namespace havlo::plan_json {

StampRegion PartsReader::stampRegion(Object o) {
  StampRegion r;
  r.id = o.needId("id");
  r.name = o.textOr("name", "");
  r.at = point(o.need("at"), o.at("at"));
  r.extra = o.extra();
  return r;
}

RegionChoice PartsReader::regionChoice(const Json& j, const std::string& place) {
  if (j.is_array()) return point(j, place);
  const std::string word = Object::text(j, place);
  if (word.empty()) fail(place, "is empty");
  if (word == "all") return AllRegions{};
  if (word == "rest") return RestOfRegions{};
  return NamedRegion{word};
}

Colouring PartsReader::colouring(Object o) {
  Colouring c;
  c.id = o.needId("id");
  c.impression = o.needId("impression");
  if (const Json* j = o.find("region")) c.region = regionChoice(*j, o.at("region"));
  c.ink = o.textOr("ink", "");
  c.way = o.wordOr("way", words::kColourWays, c.way);
  c.shade = o.wordOr("shade", words::kShades, c.shade);
  c.strength = o.numberOr("strength", kShare, c.strength);
  c.bare = o.boolOr("bare", false);
  if (!c.bare && c.ink.empty()) fail(o.at("ink"), "is missing; a part that stays bare says \"bare\": true");
  c.extra = o.extra();
  return c;
}

HandLine PartsReader::line(Object o) {
  HandLine l;
  l.id = o.needId("id");
  l.name = o.textOr("name", "");
  l.ink = o.needId("ink");
  o.each("along", [&](const Json& e, const std::string& at) { l.along.push_back(point(e, at)); });
  if (l.along.size() < 2) fail(o.at("along"), "needs at least two points");
  l.width_mm = o.numberOr("width", {0, 50, true}, l.width_mm);
  l.kind = o.wordOr("kind", words::kLineKinds, l.kind);
  l.on = o.textOr("on", "");
  l.text = o.textOr("text", "");
  l.height_mm = o.numberOr("height", {0, 200, true}, l.height_mm);
  l.piece = o.textOr("piece", "");
  l.extra = o.extra();
  return l;
}

Accent PartsReader::accent(Object o) {
  Accent a;
  a.id = o.needId("id");
  a.kind = o.wordOr("kind", words::kAccentKinds, a.kind);
  a.ink = o.textOr("ink", "");
  a.on = o.textOr("on", "");
  o.each("at", [&](const Json& e, const std::string& at) { a.at.push_back(point(e, at)); });
  if (const Json* j = o.find("region")) a.region = regionChoice(*j, o.at("region"));
  if (a.at.empty() && !a.region) fail(o.at("at"), "needs a point, or a region");
  if (a.region && a.on.empty()) fail(o.at("on"), "is missing: whose region it is");
  a.size_mm = o.numberOr("size", {0, 100, true}, a.size_mm);
  a.dry_s = o.optionalNumber("dry", kNotNegative);
  a.piece = o.textOr("piece", "");
  a.extra = o.extra();
  return a;
}

Lift PartsReader::lift(Object o) {
  Lift l;
  l.id = o.needId("id");
  l.wash = o.needId("wash");
  l.with = o.wordOr("with", words::kLiftWiths, l.with);
  o.each("at", [&](const Json& e, const std::string& at) { l.at.push_back(point(e, at)); });
  if (l.at.empty()) fail(o.at("at"), "needs a point");
  l.size_mm = o.numberOr("size", {0, 200, true}, l.size_mm);
  l.strength = o.numberOr("strength", kShare, l.strength);
  l.extra = o.extra();
  return l;
}

OwnStep PartsReader::ownStep(Object o) {
  OwnStep s;
  s.id = o.needId("id");
  s.text = o.textOr("text", "");
  s.before = o.idsOr("before");
  s.after = o.idsOr("after");
  s.minutes = o.numberOr("minutes", {0, 10000}, s.minutes);
  s.dry_s = o.numberOr("dry", kNotNegative, s.dry_s);
  s.piece = o.textOr("piece", "");
  s.extra = o.extra();
  return s;
}

}  // namespace havlo::plan_json
