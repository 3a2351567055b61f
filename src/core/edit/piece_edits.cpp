#include "core/edit/piece_edits.h"

#include <algorithm>
#include <cmath>

#include "core/pieces/face_plan.h"

namespace havlo {
namespace {

Error noPiece(const std::string& id) { return {ErrorCode::BadInput, "there is no piece \"" + id + "\"", {}}; }

std::string freshPieceId(const Plan& plan, PieceKind kind) {
  const std::string stem(factsOf(kind).word);
  for (size_t n = 1;; ++n)
    if (const std::string id = stem + std::to_string(n); plan.pieceIndex(id) < 0) return id;
}

}  // namespace

Result<Plan> withPiece(const Plan& plan, Piece piece, std::string* id) {
  if (piece.outline.empty() && !(piece.width_mm > 0 && piece.height_mm > 0))
    return Error{ErrorCode::BadInput, "a piece needs a width and a height above 0", {}};
  for (double v : {piece.width_mm, piece.height_mm, piece.at.x, piece.at.y, piece.turn_deg, piece.raise_mm,
                   piece.paper.thickness_mm})
    if (!std::isfinite(v) || std::fabs(v) > 5000)
      return Error{ErrorCode::BadInput, "a measure beyond 5 m", {}};
  if (piece.raise_mm < 0 || piece.paper.thickness_mm < 0)
    return Error{ErrorCode::BadInput, "foam and paper are no thinner than nothing", {}};
  if (piece.id.empty()) piece.id = freshPieceId(plan, piece.kind);
  std::string on = piece.on;
  for (size_t n = 0; !on.empty() && on != "base"; ++n) {
    if (on == piece.id || n > plan.pieces.size())
      return Error{ErrorCode::BadInput, "\"" + piece.id + "\" would lie on itself", {}};
    const int below = plan.pieceIndex(on);
    if (below < 0) return noPiece(on);
    on = plan.pieces[ix(below)].on;
  }
  Plan out = plan;
  if (id) *id = piece.id;
  const int known = plan.pieceIndex(piece.id);
  if (known < 0) {
    out.pieces.push_back(std::move(piece));
    return out;
  }
  // What is stamped on it goes along.
  const Piece& was = plan.pieces[ix(known)];
  const Placing before({0, 0}, was.at, Degrees{was.turn_deg}),
      after({0, 0}, piece.at, Degrees{piece.turn_deg});
  for (Impression& i : out.impressions)
    if (i.piece == piece.id) {
      i.at = after.toPanel(before.toFrame(i.at));
      i.turn_deg += piece.turn_deg - was.turn_deg;
    }
  out.pieces[ix(known)] = std::move(piece);
  return out;
}

Result<Plan> withoutPiece(const Plan& plan, const std::string& id) {
  const int number = plan.pieceIndex(id);
  if (number < 0) return noPiece(id);
  Plan out = plan;
  const std::string below = plan.pieces[ix(number)].on;
  out.pieces.erase(out.pieces.begin() + number);
  for (Piece& p : out.pieces)
    if (p.on == id) p.on = below;
  for (Impression& i : out.impressions)
    if (i.piece == id) i.piece.clear(), i.school = plan.school;
  std::erase_if(out.faces, [&](const Face& f) { return f.piece == id; });
  return out;
}

Result<Plan> withThingOnPiece(const Plan& plan, const std::string& impression, const std::string& piece) {
  const int i = plan.indexOf(impression);
  if (i < 0) return Error{ErrorCode::BadInput, "there is no impression \"" + impression + "\"", {}};
  Plan out = plan;
  Impression& thing = out.impressions[ix(i)];
  if (piece.empty()) {
    if (!thing.piece.empty()) thing.piece.clear(), thing.school = plan.school;
    return out;
  }
  const int number = plan.pieceIndex(piece);
  if (number < 0) return noPiece(piece);
  if (!factsOf(plan.pieces[ix(number)].kind).onFace)
    return Error{ErrorCode::BadInput, "\"" + piece + "\" does not lie on the card's face", {}};
  thing.piece = piece, thing.school = School::PopUp;
  return out;
}

Result<Plan> withCornerStamp(const Plan& plan, const std::string& piece, const std::string& stamp,
                             const std::string& ink) {
  constexpr double kOff = 0.35;  // of its width and height, beyond the rim; common practice, no source
  const int number = plan.pieceIndex(piece);
  if (number < 0 || factsOf(plan.pieces[ix(number)].kind).onFace) return noPiece(piece);
  const StampRef held = plan.stamp(stamp);
  if (!held) return Error{ErrorCode::BadInput, "there is no stamp \"" + stamp + "\"", {}};
  if (!plan.ink(ink)) return Error{ErrorCode::BadInput, "there is no ink \"" + ink + "\"", {}};
  Plan face = facePlan(plan, number);
  Impression corner;
  for (int n = 1;; ++n) {
    corner.id = "corner" + (n > 1 ? std::to_string(n) : std::string());
    if (!face.impression(corner.id) && !isElsewhere(face, corner.id)) break;
  }
  corner.stamp = stamp, corner.ink = ink, corner.generation = 2;
  corner.depth = AtMetres{1};
  const Box box = boxOf(held->silhouette);
  corner.at = {held->foot.x - box.left - kOff * box.width(), held->foot.y - box.bottom - kOff * box.height()};
  face.impressions.push_back(std::move(corner));
  return withFace(plan, number, face);
}

Result<Plan> withStripUnder(const Plan& plan, const std::string& impression, double margin_mm,
                            const PiecePaper& paper) {
  const int i = plan.indexOf(impression);
  if (i < 0) return Error{ErrorCode::BadInput, "there is no impression \"" + impression + "\"", {}};
  const Impression& thing = plan.impressions[ix(i)];
  const StampRef stamp = plan.stamp(thing.stamp);
  // Level with the thing, whatever its turn.
  const Box frame = boxOf(stamp->silhouette).grown(margin_mm);
  Piece strip;
  strip.kind = PieceKind::Strip, strip.paper = paper;
  strip.width_mm = frame.width(), strip.height_mm = frame.height();
  strip.turn_deg = thing.turn_deg;
  strip.at = placingOf(thing, *stamp).toPanel({frame.left, frame.bottom});
  strip.name = stamp->name;
  std::string id;
  auto out = withPiece(plan, strip, &id);
  return out ? withThingOnPiece(out.value(), impression, id) : out;
}

}  // namespace havlo
