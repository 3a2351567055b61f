#include "core/pieces/to_cut.h"

#include <algorithm>

#include "core/card/card_fit.h"

namespace havlo {
namespace {

constexpr double kRoomToCut_mm = 3;  // round a shape that scissors or a die cut; common practice, no source

/// What is folded has its fibres along the fold.
Grain alongFold(const CardFit& fit) {
  return fit.scoreAt_mm <= 0 ? Grain::Unknown : fit.scoreUpright ? Grain::Upright : Grain::Level;
}

}  // namespace

std::vector<PaperToCut> piecesToCut(const Plan& plan) {
  std::vector<PaperToCut> out;
  const int copies = std::max(1, plan.making.copies);
  const auto want = [&](const std::string& paper, Colour colour, double thickness_mm, WantedPiece piece) {
    const auto same = std::find_if(out.begin(), out.end(), [&](const PaperToCut& p) {
      return p.name == paper && p.colour == colour && p.thickness_mm == thickness_mm;
    });
    PaperToCut& from =
        same == out.end() ? out.emplace_back(PaperToCut{paper, colour, thickness_mm, {}}) : *same;
    piece.count *= copies;
    from.pieces.push_back(std::move(piece));
  };
  const Paper& paper = plan.card.paper;
  const CardFit fit = fitCard(plan);
  if (plan.card.base)
    want(paper.name, paper.colour, paper.thickness_mm,
         {"base", fit.baseSheetWidth_mm, fit.baseSheetHeight_mm, 1, true, alongFold(fit)});
  for (const Layer& layer : fit.layers) {
    if (layer.what == Layer::What::Mat)
      want({}, plan.card.mats[ix(layer.mat)].colour, paper.thickness_mm,
           {"mat " + std::to_string(layer.mat + 1), layer.box.width(), layer.box.height(), 1, true, {}});
    if (layer.what == Layer::What::Panel)
      want(paper.name, paper.colour, paper.thickness_mm,
           {"panel", fit.work.width(), fit.work.height(), 1, true, {}});
  }
  for (const Piece& piece : plan.pieces) {
    if (piece.kind == PieceKind::Envelope || piece.kind == PieceKind::Flap || piece.kind == PieceKind::Panel)
      continue;
    const Box box = boxOf(shapeOf(piece));
    const double room = piece.cut == PieceCut::Trimmer ? 0 : 2 * kRoomToCut_mm;
    const bool patterned = !piece.paper.picture.empty();
    want(piece.paper.name, piece.paper.colour, piece.paper.thickness_mm,
         {piece.name.empty() ? piece.id : piece.name, box.width() + room, box.height() + room, 1, !patterned,
          piece.kind == PieceKind::Liner ? alongFold(fit) : Grain::Unknown});
  }
  return out;
}

}  // namespace havlo
