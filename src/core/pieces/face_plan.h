// A piece of paper as a plan of its own: what is stamped on it, with the piece as its panel.
#pragma once

#include "core/plan/plan.h"

namespace havlo {

/// The piece's own picture, as it is kept; null: nothing is planned there.
const Face* faceOf(const Plan& plan, std::string_view piece);
/// Is that the id of something stamped on a piece with a picture of its own?
bool isElsewhere(const Plan& plan, std::string_view impression);
/// Is anything done on that piece?
bool isPrinted(const Plan& plan, int piece);
/// Pieces with a picture of their own on which something is done: the inside, the envelope. Indices.
std::vector<int> printedFaces(const Plan& plan);
/// What is planned on one piece, in the piece's frame; its paper is the panel's. Shapes that are no rectangle
/// count as their box. What is planned on the panel and on other pieces is among its `faces`, so that new ids
/// are new everywhere. @param piece  index
Plan facePlan(const Plan& plan, int piece);
/// The whole plan with that piece's own picture as it was changed: what is drawn and done there is the
/// piece's, inks, stamps, supplies and the number of cards are everyone's. Inks and stamps that are in use
/// elsewhere stay. @param piece  index of one with a picture of its own  @param face  facePlan(), changed
Plan withFace(const Plan& plan, int piece, const Plan& face);
/// Inks and stamps that some face needs and an edit of another one took away.
Plan keepingWhatFacesUse(Plan after, const Plan& before);

}  // namespace havlo
