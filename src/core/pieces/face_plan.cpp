#include "core/pieces/face_plan.h"

#include <algorithm>

namespace havlo {

bool isElsewhere(const Plan& plan, std::string_view impression) {
  return std::any_of(plan.elsewhere.begin(), plan.elsewhere.end(),
                     [&](const Impression& i) { return i.id == impression; });
}

bool isPrinted(const Plan& plan, int piece) {
  const std::string& id = plan.pieces[ix(piece)].id;
  const auto on = [&](const Impression& i) { return i.piece == id; };
  return std::any_of(plan.impressions.begin(), plan.impressions.end(), on) ||
         std::any_of(plan.elsewhere.begin(), plan.elsewhere.end(), on);
}

Plan facePlan(const Plan& plan, int piece) {
  const Piece& paper = plan.pieces[ix(piece)];
  Plan out;
  out.title = paper.name.empty() ? paper.id : paper.name;
  out.inks = plan.inks, out.stamps = plan.stamps, out.supplies = plan.supplies, out.school = plan.school;
  const Box box = boxOf(shapeOf(paper));
  out.card.panel.width_mm = box.width(), out.card.panel.height_mm = box.height();
  out.card.paper.name = paper.paper.name, out.card.paper.colour = paper.paper.colour;
  out.card.paper.thickness_mm = paper.paper.thickness_mm;
  const Placing lies({0, 0}, paper.at, Degrees{paper.turn_deg});
  const auto take = [&](const Impression& i, bool onCard) {
    Impression own = i;
    own.piece.clear(), own.school = plan.school, own.raise_mm = 0, own.row.clear();
    if (onCard) own.at = lies.toFrame(own.at), own.turn_deg -= paper.turn_deg;
    own.at = own.at - Point{box.left, box.bottom};
    out.impressions.push_back(std::move(own));
  };
  for (const Impression& i : plan.impressions)
    if (i.piece == paper.id) take(i, true);
  for (const Impression& i : plan.elsewhere)
    if (i.piece == paper.id) take(i, false);
  // In front of one another as they were told; nothing stands in a landscape here.
  const auto here = [&](const std::string& id) { return out.indexOf(id) >= 0; };
  for (Impression& i : out.impressions) {
    std::erase_if(i.inFrontOf, [&](const std::string& id) { return !here(id); });
    const auto* on = std::get_if<OnThing>(&i.depth);
    if (std::holds_alternative<OnGround>(i.depth) || (on && !here(on->id))) i.depth = AtMetres{1};
    if (!i.like.empty() && !here(i.like)) i.like.clear();
  }
  for (const Colouring& c : plan.colourings)
    if (here(c.impression)) out.colourings.push_back(c);
  return out;
}

}  // namespace havlo
