#include "core/pieces/heights.h"

#include <algorithm>

namespace havlo {

double foamUnder(const Impression& popUp) { return popUp.raise_mm > 0 ? popUp.raise_mm : kUsualFoam_mm; }

double underside_mm(const Plan& plan, int piece) {
  double height = plan.pieces[ix(piece)].raise_mm;
  // A ring of pieces is refused on reading; counted all the same.
  for (size_t n = 0; n < plan.pieces.size(); ++n) {
    piece = plan.pieceIndex(plan.pieces[ix(piece)].on);
    if (piece < 0) break;
    height += plan.pieces[ix(piece)].paper.thickness_mm + plan.pieces[ix(piece)].raise_mm;
  }
  return height;
}

std::vector<Glued> gluedOn(const Plan& plan) {
  std::vector<Glued> out;
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (plan.impressions[i].school == School::PopUp && plan.impressions[i].piece.empty())
      out.push_back({static_cast<int>(i), -1, foamUnder(plan.impressions[i]),
                     foamUnder(plan.impressions[i]) + plan.card.paper.thickness_mm});
  for (size_t p = 0; p < plan.pieces.size(); ++p)
    if (factsOf(plan.pieces[p].kind).onFace)
      out.push_back({-1, static_cast<int>(p), underside_mm(plan, static_cast<int>(p)),
                     underside_mm(plan, static_cast<int>(p)) + plan.pieces[p].paper.thickness_mm});
  std::stable_sort(out.begin(), out.end(), [](const Glued& a, const Glued& b) {
    return std::pair(!a.isFlat(), a.low_mm) < std::pair(!b.isFlat(), b.low_mm);
  });
  return out;
}

}  // namespace havlo
