// A folded base opened flat: which part of the sheet is the front, the back and the inside, and which way up.
#pragma once

#include "core/card/card_fit.h"

namespace havlo {

enum class Leaf {
  Front,        ///< what is seen first
  Back,         ///< what is seen when the closed card is turned round
  Inside,       ///< the leaf that lies still when the card is opened: what is written on
  InsideFront,  ///< the inner side of the front
};

/// Where a leaf lies on the flat sheet, seen from its own side of it.
struct LeafPlace {
  bool outer = true;        ///< on the side that is outside when folded
  Box box;                  ///< from the sheet's lower left corner, seen from that side
  bool upsideDown = false;  ///< read from the sheet's other end
};

/// The sheet is looked at with the front upright. Its inner side is seen after turning it over sideways where
/// the fold is upright, upwards where it is level. A base without a fold has a front and a back alone; asked
/// for its inside it gives the back.
LeafPlace leafOf(const CardBase& base, Leaf leaf);

/// Is the opened sheet turned over upwards (or downwards) rather than sideways?
bool turnsUpward(const CardBase& base);

}  // namespace havlo
