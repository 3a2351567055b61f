// What one plan does otherwise than another, thing by thing, and what follows from it at the table.
#pragma once

#include <string>
#include <vector>

#include "core/analysis/analysis.h"

namespace havlo {

/// What differs. Those that a plan has many of are told apart by their id.
enum class ChangedPart {
  Words,  ///< title and notes
  Card,
  View,
  Light,
  Ground,
  Room,
  Ink,
  Stamp,
  Thing,
  Wash,
  Limit,
  Colouring,
  Line,
  Accent,
  Lift,
  OwnStep,
  Piece,
  Picture,  ///< what is planned on the inside or the envelope
  Supplies,
  Making,
  Styles,
  Known,  ///< findings that the maker has seen and means
  Other   ///< what this version does not know
};

enum class ChangedHow {
  Added,
  Removed,
  Moved,      ///< from `before` to `after`, mm
  Turned,     ///< from `was` to `now`, degrees anticlockwise
  Inked,      ///< ink `from`, ink `to`
  Pressed,    ///< pressing `was`, pressing `now`
  Restamped,  ///< stamp `from`, stamp `to`
  Schooled,   ///< done by another school
  Cut,        ///< printed in another part
  Layered,    ///< stands before or behind others than before
  Raised,     ///< from `was` to `now`, mm
  Hero,       ///< it is the hero now
  NoHero,     ///< it no longer is
  Resized,    ///< from `before` to `after`: width and height, mm
  Reshaped,   ///< covers something else
  Bounded,    ///< other papers bound it
  Strength,   ///< from `was` to `now`, share
  Reach,      ///< likewise
  Softness,   ///< from `was` to `now`, mm
  Horizon,    ///< likewise
  Eyes,       ///< height of the eyes from `was` to `now`, m
  Copies,     ///< cards to be made, from `was` to `now`
  Evenings,   ///< likewise
  Named,      ///< `from`, `to`
  Reordered,  ///< the same ones in another sequence
  Otherwise   ///< in what has no name of its own here
};

struct PlanChange {
  ChangedPart part = ChangedPart::Other;
  ChangedHow how = ChangedHow::Otherwise;
  std::string id;  ///< empty where a plan has one of them
  Point before, after;
  double was = 0, now = 0;
  std::string from, to;
};

/// Everything that differs, in the order of the parts above; empty only for equal plans.
std::vector<PlanChange> changesBetween(const Plan& was, const Plan& now);

/// Masks of one stamp, or one paper over several things.
struct MaskChange {
  std::string stamp;              ///< id; empty: a joint paper
  std::vector<std::string> over;  ///< impressions under a joint paper
  int was = 0, now = 0;           ///< how many are cut
};

/// What follows at the table.
struct TableChanges {
  std::vector<MaskChange> masks;
  int masksWas = 0, masksNow = 0;
  int stepsWas = 0, stepsNow = 0;
  double minutesWas = 0, minutesNow = 0;
  std::vector<int> findingsNew;   ///< indices among the findings of the later plan
  std::vector<int> findingsGone;  ///< among those of the earlier one
};
/// @param before,after  of the two plans, with their orders
TableChanges tableChanges(const Plan& was, const Analysis& before, const Plan& now, const Analysis& after);

}  // namespace havlo
