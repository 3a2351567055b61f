// The schools of keeping one thing in front of another: what each asks of a plan, what it costs, which to
// take.
#pragma once

#include <array>
#include <vector>

#include "core/analysis/analysis.h"
#include "core/base/result.h"

namespace havlo {

/// Those that a whole card can be done by; across a rim is told of single things.
inline constexpr std::array<School, 6> kSchools{School::Mask,     School::Overprint, School::Resist,
                                                School::LeaveOut, School::WipeOff,   School::PopUp};

/// Why a school does not suit a thing.
enum class Obstacle {
  NothingToCut,    ///< mask: too thin anywhere
  ShowsThrough,    ///< overprint: what is behind shows through
  SinksIn,         ///< overprint: dye on a dark ground
  DriesTooFast,    ///< resist: powder needs ink that stays damp, or is put on when dry and then takes heat
  WaterUnderHeat,  ///< resist: water-reactive ink under wet inks beside powder
  LargeGap,        ///< leave out: most of the other stamp would be taped
  LongRepair,      ///< leave out: many lines to reconnect by pen
  SoftEdge,        ///< wipe off: the edge will be soft, and there is much of it
  HasFront,        ///< pop up: something overlaps it from the front
  TooThick,        ///< pop up: too many layers for the post
  TooSmall         ///< pop up: too small to cut out and hold foam
};

/// One school for one thing.
struct SchoolOption {
  School school = School::Mask;
  std::vector<Obstacle> obstacles;  ///< empty: it suits
  bool forbids = false;             ///< an obstacle that cannot be lived with
  int masks = 0;                    ///< to cut for this thing alone
  double minutes = 0;               ///< of work it adds
  double pen_mm = 0;                ///< lines to mend or reconnect by pen
  double through = 0;               ///< overprint: how much what is behind shows (CIE 1976 difference)
};

/// Why a school is recommended.
enum class SchoolReason {
  NothingBehind,  ///< any will do
  DarkAndSolid,   ///< solid and darker than all behind it: overprint, no mask
  ManySmall,      ///< many small ones: resist
  SmallGap,       ///< a small gap in a big stamp: leave out
  Fiddly,         ///< too fiddly to mask, nothing in front: pop up
  Coloured,       ///< line art that will be coloured: mask
  HeroAlone,      ///< one hero with much to mask: pop up saves it
  OnPiece,        ///< on a piece of paper of its own: it pops up with that
  AcrossRim,      ///< it is stamped over the rim of what is glued on
  LittleToSave,   ///< a mask would keep out next to nothing
  AsPlanned       ///< nothing costs less
};

struct SchoolAdvice {
  int impression = 0;
  School best = School::Mask;
  SchoolReason reason = SchoolReason::Coloured;
  std::vector<SchoolOption> options;  ///< in the order of kSchools, then as it is, if that is none of them
};

/// For every impression. Figures for times are those of the run sheet.
std::vector<SchoolAdvice> adviseSchools(const Plan& plan, const Analysis& analysis);

/// The part of a stamp that is covered with tape for one pressing, stamp frame: what is not to be stamped of
/// it, and where the fronts of *leave out* and *wipe off* will be.
Rings tapedPart(const Analysis& analysis, int impression);

}  // namespace havlo
