#include "core/runsheet/assembly.h"

#include <algorithm>

#include "core/pieces/face_plan.h"

namespace havlo {

double cutMinutes(const Piece& piece, const WorkTimes& times) {
  return piece.cut == PieceCut::Hand  ? times.cutPiece
         : piece.cut == PieceCut::Die ? times.dieCut
                                      : times.trimPiece;
}

double glueMinutes(const Piece& piece, const WorkTimes& times) {
  return piece.raise_mm > 0 ? times.attach : times.glue;
}

std::vector<AssemblyStep> assemblyOf(const Plan& plan, const WorkTimes& times) {
  std::vector<AssemblyStep> out;
  const auto mats = static_cast<int>(plan.card.mats.size());
  const bool raised = plan.card.raise_mm > 0;  // the panel, on what it lies on
  for (int m = 0; m < mats; ++m) {
    out.push_back({Do::Cut, -1, m + 1, times.trimPiece});
    out.push_back({Do::Glue, -1, m, m == 0 && raised ? times.attach : times.glue});
  }
  if (plan.card.base) {
    out.push_back({Do::Cut, -1, mats + 1, times.trimPiece});
    if (plan.card.base->fold != "none") out.push_back({Do::Score, -1, mats + 1, times.score});
    out.push_back({Do::Glue, -1, mats, mats == 0 && raised ? times.attach : times.mount});
  }
  for (const PieceKind kind : {PieceKind::Inside, PieceKind::Liner, PieceKind::Flap, PieceKind::Envelope})
    for (size_t p = 0; p < plan.pieces.size(); ++p) {
      const Piece& piece = plan.pieces[p];
      const auto k = static_cast<int>(p);
      if (piece.kind != kind) continue;
      if (kind == PieceKind::Flap && !isPrinted(plan, k)) continue;  // part of the envelope
      if (kind == PieceKind::Envelope || kind == PieceKind::Flap) {
        out.push_back({Do::Enclose, k, -1, times.enclose});
        continue;
      }
      out.push_back({Do::Cut, k, -1, cutMinutes(piece, times)});
      out.push_back({Do::Glue, k, -1, times.mount});
    }
  return out;
}

double finishMinutes(const Plan& plan, const WorkTimes& times) {
  double sum = 0;
  for (const Impression& i : plan.impressions)
    if (i.school == School::PopUp && i.piece.empty()) sum += times.cutPiece + times.attach;
  for (const Piece& piece : plan.pieces)
    if (factsOf(piece.kind).onFace) sum += cutMinutes(piece, times) + glueMinutes(piece, times);
  for (const AssemblyStep& step : assemblyOf(plan, times)) sum += step.minutes;
  return sum;
}

}  // namespace havlo
