// Changes of the pieces a card is made of. Pure functions, like edits.h.
#pragma once

#include "core/base/result.h"
#include "core/plan/plan.h"

namespace havlo {

/// Adds a piece, or replaces the one with its id; an empty id gets a fresh one. What is stamped on it moves
/// and turns along. @param id  gets its id  @error  BadInput: a size that is not above 0, on itself by any
/// way round
Result<Plan> withPiece(const Plan& plan, Piece piece, std::string* id = nullptr);
/// What was stamped on it comes back to the panel, masked; what lay on it lies on what that lay on.
Result<Plan> withoutPiece(const Plan& plan, const std::string& id);
/// Stamped on that piece, or (empty) on the panel again. @error  BadInput if there is no such thing or piece,
/// or the piece is not on the card's face
Result<Plan> withThingOnPiece(const Plan& plan, const std::string& impression, const std::string& piece);
/// Part of a stamp on a piece with a picture of its own: it runs off its lower left corner, in the second
/// pressing, so that what is written there stays legible. @error  BadInput if there is no such piece, stamp
/// or ink
Result<Plan> withCornerStamp(const Plan& plan, const std::string& piece, const std::string& stamp,
                             const std::string& ink);
/// A strip of paper under a thing as it lies, so much larger than it all round, with the thing on it.
Result<Plan> withStripUnder(const Plan& plan, const std::string& impression, double margin_mm,
                            const PiecePaper& paper);

}  // namespace havlo
