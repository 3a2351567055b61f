// A change that a finding proposes, small enough to be offered as one button.
#pragma once

#include <string>
#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// A change of the plan that mends a finding. Apply it with `applied` in edit/edits.h.
struct Fix {
  enum class What {
    MoveFoot,
    PutInFront,
    DropInFront,
    MoveFeet,      ///< several at once: `feet`
    Press,         ///< with `ink` at `generation`
    LightAsScene,  ///< forgets from where the thing was shaded by hand
    EndMark,       ///< the last point of the ground mark number `other` goes to `to`
    DropMark,      ///< the ground mark number `other` is taken away
    Turn,          ///< the thing is turned to `amount` degrees
    MakeHero,      ///< it becomes the only hero
    School,        ///< it is stamped by `school`, with `ink` if that is not empty
    First,         ///< it is stamped before everything else
    TakeOut,       ///< it is left out
    WashReach,     ///< the wash number `other` reaches `amount` of its area
    WashStrength,  ///< the wash number `other` is blended at `amount` of its full strength
    SoftenWash,    ///< the wash number `other` ends softly over `amount` mm
    LayEdge,       ///< a straight edge at height `amount` bounds the wash number `other`
    DropWash,      ///< the wash number `other` is left out
    AddWashes,     ///< `washes` are blended too
    PressAll,      ///< everything in `feet` is stamped with `ink`, freshly inked
    KeepClean,     ///< the wash number `other` no longer colours the thing
    DropWish,      ///< the wish number `amount` of `making.sequence` is forgotten
    ShadeAway,     ///< what of it is shaded towards the light is shaded away from it
    PalerColour,   ///< its colouring gets `amount` of the strength it has
    LetterHeight,  ///< what is lettered along the line number `other` gets capitals `amount` mm high
    DropHandwork,  ///< the act number `other` by hand is taken off
    SayHome,       ///< its stamp is at home in `home`
    SayStyle,      ///< the card is read as `style`, or is not: `amount` 1 or 0; -1: ask again
    Quieter        ///< everything in `feet` is pressed once more before it is stamped: a generation paler
  };
  What what = What::MoveFoot;
  int impression = 0;
  int other = -1;  ///< the thing it is put in front of, or no longer said to be in front of
  Point to;        ///< the new foot, panel coordinates
  struct Foot {
    int impression = 0;
    Point to;
    bool operator==(const Foot&) const = default;
  };
  std::vector<Foot> feet{};
  std::string ink{};
  int generation = 1;
  double amount = 0;
  School school = School::Mask;
  Home home = Home::Usual;
  Style style = Style::ByEye;
  std::vector<Wash> washes{};
  bool operator==(const Fix&) const = default;
};

}  // namespace havlo
