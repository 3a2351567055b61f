// A piece of paper as a plan of its own: what is stamped on it, with the piece as its panel.
#pragma once

#include "core/plan/plan.h"

namespace havlo {

/// Is that the id of something stamped on a piece with a picture of its own?
bool isElsewhere(const Plan& plan, std::string_view impression);
/// Is anything stamped on that piece?
bool isPrinted(const Plan& plan, int piece);
/// What is stamped on one piece, in the piece's frame; its paper is the panel's. Colourings, lines and
/// accents of those things come along. Shapes that are no rectangle count as their box. @param piece  index
Plan facePlan(const Plan& plan, int piece);

}  // namespace havlo
