#include "core/plan/piece.h"

namespace havlo {

Rings shapeOf(const Piece& piece) {
  return piece.outline.empty() ? rectangle({0, 0, piece.width_mm, piece.height_mm}) : piece.outline;
}

Rings onCard(const Piece& piece) {
  return Placing({0, 0}, piece.at, Degrees{piece.turn_deg}).toPanel(shapeOf(piece));
}

}  // namespace havlo
