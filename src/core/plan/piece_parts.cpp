// Pieces of paper, read from their JSON objects.
#include "core/plan/plan_parts.h"

namespace havlo::plan_json {

Piece PartsReader::piece(Object o) {
  constexpr Range kSide{0, 5000, true}, kPlace{-5000, 5000}, kThick{0, 100};
  Piece p;
  p.id = o.needId("id");
  if (p.id == "panel") fail(o.at("id"), "\"panel\" is what pieces lie on");
  p.name = o.textOr("name", "");
  p.kind = o.wordOr("kind", words::kPieceKinds, p.kind);
  const Json& outline = o.need("outline");
  if (outline.is_object()) {
    Object size(outline, o.at("outline"));
    p.width_mm = size.needNumber("width", kSide), p.height_mm = size.needNumber("height", kSide);
  } else {
    p.outline = rings(outline, o.at("outline"));
    if (p.outline.empty()) fail(o.at("outline"), "is empty");
  }
  p.cut = o.wordOr("cut", words::kPieceCuts, p.cut);
  if (const Json* j = o.find("paper")) {
    Object paper(*j, o.at("paper"));
    p.paper.name = paper.textOr("name", "");
    p.paper.colour = paper.colourOr("colour", p.paper.colour);
    p.paper.thickness_mm = paper.numberOr("thickness", kThick, p.paper.thickness_mm);
    p.paper.weight_gsm = paper.optionalNumber("weight", {0, 5000, true});
    p.paper.picture = paper.textOr("picture", "");
    p.paper.extra = paper.extra();
  }
  p.on = o.textOr("on", "");
  if (p.on == "panel") p.on.clear();
  if (const Json* at = o.find("at")) p.at = point(*at, o.at("at"));
  if (std::fabs(p.at.x) > kPlace.most || std::fabs(p.at.y) > kPlace.most)
    fail(o.at("at"), "lies more than 5 m off the panel");
  p.turn_deg = o.numberOr("turn", kAny, 0);
  p.raise_mm = o.numberOr("raise", kThick, 0);
  p.flush = o.boolOr("flush", true);
  if (!factsOf(p.kind).onFace) o.find("scene");  // read by the plan's reader
  p.extra = o.extra();
  return p;
}

}  // namespace havlo::plan_json
