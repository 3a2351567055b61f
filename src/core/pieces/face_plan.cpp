#include "core/pieces/face_plan.h"

#include <algorithm>
#include <set>

namespace havlo {
namespace {

bool hasMarks(const Plan& scene) {
  return !scene.impressions.empty() || !scene.washes.empty() || !scene.lines.empty() ||
         !scene.accents.empty() || !scene.own.empty();
}

/// The marks of a plan without what all its surfaces share.
Plan marksOf(const Plan& plan) {
  Plan out = plan;
  out.title.clear(), out.notes.clear(), out.extra.clear();
  out.card = {}, out.inks.clear(), out.stamps.clear(), out.pieces.clear(), out.faces.clear();
  out.supplies = {}, out.school = School::Mask;
  Making own;
  own.order = plan.making.order, own.first = plan.making.first, own.together = plan.making.together;
  own.sequence = plan.making.sequence;
  out.making = std::move(own);
  return out;
}

/// The making of a face: its own wishes, everyone's evenings and cards.
Making sharedMaking(const Making& everyone, const Making& own) {
  Making out = everyone;
  out.order = own.order, out.first = own.first, out.together = own.together, out.sequence = own.sequence;
  return out;
}

/// Where nothing stands in a landscape, things are in front of one another as they were told.
void withoutGround(Plan& out) {
  if (out.view) return;
  for (Impression& i : out.impressions) {
    const auto* on = std::get_if<OnThing>(&i.depth);
    if (std::holds_alternative<OnGround>(i.depth) || (on && out.indexOf(on->id) < 0)) i.depth = AtMetres{1};
  }
}

/// What is stamped on a piece that lies on the card's face, in the piece's frame.
void takeFromPanel(const Plan& plan, const Piece& paper, Plan& out) {
  const Box box = boxOf(shapeOf(paper));
  const Placing lies({0, 0}, paper.at, Degrees{paper.turn_deg});
  for (const Impression& i : plan.impressions) {
    if (i.piece != paper.id) continue;
    Impression own = i;
    own.piece.clear(), own.school = plan.school, own.raise_mm = 0, own.row.clear();
    own.at = lies.toFrame(own.at) - Point{box.left, box.bottom};
    own.turn_deg -= paper.turn_deg;
    out.impressions.push_back(std::move(own));
  }
  const auto here = [&](const std::string& id) { return out.indexOf(id) >= 0; };
  for (Impression& i : out.impressions) {
    std::erase_if(i.inFrontOf, [&](const std::string& id) { return !here(id); });
    if (!i.like.empty() && !here(i.like)) i.like.clear();
  }
  for (const Colouring& c : plan.colourings)
    if (here(c.impression)) out.colourings.push_back(c);
}

}  // namespace

const Face* faceOf(const Plan& plan, std::string_view piece) {
  const auto at =
      std::find_if(plan.faces.begin(), plan.faces.end(), [&](const Face& f) { return f.piece == piece; });
  return at == plan.faces.end() ? nullptr : &*at;
}

bool isElsewhere(const Plan& plan, std::string_view impression) {
  return std::any_of(plan.faces.begin(), plan.faces.end(),
                     [&](const Face& f) { return f.scene.impression(impression) != nullptr; });
}

bool isPrinted(const Plan& plan, int piece) {
  const std::string& id = plan.pieces[ix(piece)].id;
  if (const Face* face = faceOf(plan, id); face && hasMarks(face->scene)) return true;
  return std::any_of(plan.impressions.begin(), plan.impressions.end(),
                     [&](const Impression& i) { return i.piece == id; });
}

std::vector<int> printedFaces(const Plan& plan) {
  std::vector<int> out;
  for (size_t k = 0; k < plan.pieces.size(); ++k)
    if (!factsOf(plan.pieces[k].kind).onFace && isPrinted(plan, static_cast<int>(k)))
      out.push_back(static_cast<int>(k));
  return out;
}

Plan facePlan(const Plan& plan, int piece) {
  const Piece& paper = plan.pieces[ix(piece)];
  Plan out;
  if (factsOf(paper.kind).onFace) {
    takeFromPanel(plan, paper, out);
  } else {
    if (const Face* face = faceOf(plan, paper.id)) out = face->scene;
    out.faces.push_back({{}, marksOf(plan)});
    for (const Face& f : plan.faces)
      if (f.piece != paper.id) out.faces.push_back(f);
  }
  out.title = paper.name.empty() ? paper.id : paper.name;
  out.inks = plan.inks, out.stamps = plan.stamps, out.supplies = plan.supplies, out.school = plan.school;
  out.habits = plan.habits;
  out.making = sharedMaking(plan.making, out.making);
  const Box box = boxOf(shapeOf(paper));
  out.card.panel.width_mm = box.width(), out.card.panel.height_mm = box.height();
  out.card.paper.name = paper.paper.name, out.card.paper.colour = paper.paper.colour;
  out.card.paper.thickness_mm = paper.paper.thickness_mm;
  withoutGround(out);
  return out;
}

Plan withFace(const Plan& plan, int piece, const Plan& face) {
  Plan out = plan;
  const std::string id = plan.pieces[ix(piece)].id;
  out.inks = face.inks, out.stamps = face.stamps, out.supplies = face.supplies, out.habits = face.habits;
  out.making = sharedMaking(face.making, plan.making);
  Plan scene = marksOf(face);
  const auto at =
      std::find_if(out.faces.begin(), out.faces.end(), [&](const Face& f) { return f.piece == id; });
  if (at != out.faces.end()) scene.extra = at->scene.extra;
  if (scene == Plan()) {
    if (at != out.faces.end()) out.faces.erase(at);
  } else if (at != out.faces.end()) {
    at->scene = std::move(scene);
  } else {
    // In the order of their pieces, as they are read.
    const auto after = std::find_if(out.faces.begin(), out.faces.end(),
                                    [&](const Face& f) { return plan.pieceIndex(f.piece) > piece; });
    out.faces.insert(after, {id, std::move(scene)});
  }
  return keepingWhatFacesUse(std::move(out), plan);
}

Plan keepingWhatFacesUse(Plan after, const Plan& before) {
  if (after.faces.empty()) return after;
  std::set<std::string, std::less<>> inks, stamps;
  const auto need = [&](const Plan& scene) {
    for (const Impression& i : scene.impressions) inks.insert(i.ink), stamps.insert(i.stamp);
    for (const Wash& w : scene.washes) inks.insert(w.ink);
    for (const Colouring& c : scene.colourings) inks.insert(c.ink);
    for (const HandLine& l : scene.lines) inks.insert(l.ink);
    for (const Accent& a : scene.accents) inks.insert(a.ink);
  };
  need(after);
  for (const Face& f : after.faces) need(f.scene);
  for (const Ink& i : before.inks)
    if (inks.contains(i.id) && !after.ink(i.id)) after.inks.push_back(i);
  for (const StampRef& s : before.stamps)
    if (stamps.contains(s->id) && !after.stamp(s->id)) after.stamps.push_back(s);
  return after;
}

}  // namespace havlo
