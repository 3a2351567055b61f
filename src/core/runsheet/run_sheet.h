// The steps at the table, in order, with times (engine section 5).
#pragma once

#include <string>
#include <vector>

#include "core/base/shared_list.h"
#include "core/handwork/hand_kind.h"
#include "core/mask/mask_needs.h"

namespace havlo {

enum class Do {
  Cut,
  Tape,
  CutMask,
  Stamp,
  MaskOn,
  MaskOff,
  Dry,
  Wash,
  Emboss,
  Wipe,
  Draw,
  Colour,
  Attach,
  Trim,
  Print,   ///< what masks are cut from, on masking paper
  Accent,  ///< small things are put on
  Lift,    ///< colour is taken out of a blend again
  Own,     ///< as the maker says
  Pencil,  ///< guides for lines by hand
  Erase,   ///< the guides again
  Score,   ///< the base, and folded
  Glue,    ///< flat, on what lies below; what is raised is attached
  Enclose  ///< put into its envelope
};

/// Minutes of work. Common practice, no source; the log will fit them to the maker.
struct WorkTimes {
  double press = 0.75;      ///< ink, place, press
  double tryOut = 0.5;      ///< a stamp's first use: a test print on scrap paper
  double pickUp = 0.25;     ///< another stamp than the one in hand
  double changeInk = 0.25;  ///< another ink than the one that is open
  double clean = 0.5;       ///< a stamp that last had another ink
  double scrap = 0.25;      ///< one pressing on scrap paper, to come to a later generation
  double printEach = 0.35;  ///< one print on masking paper
  double cutMask = 2.5;     ///< cut a print out
  double jointEach = 0.75;  ///< a joint paper, for each further thing: printed in its place, longer to cut
  double coverOn = 0.5, coverOff = 0.25;
  double tapeRubber = 1, wipeRubber = 0.5;  ///< for each thing left out of a pressing
  double emboss = 1.25, embossEach = 0.75;  ///< powder out, tool heated; strew, brush off and melt one thing
  double wipe = 0.5, wipeEach = 0.25;       ///< a soft cloth out; ink wiped off one embossed thing
  double pen = 0.5, penEach_mm = 20;        ///< the fine pen out; mm of strokes a minute
  double takeUp = 0.25;                     ///< another marker, pen, brush or bottle
  double pencil = 1, pencilEach = 0.3, erase = 1;  ///< guides for lines by hand
  double wash = 4, cutPiece = 4, attach = 1.5, tape = 1, trim = 1;
  double trimPiece = 0.75, dieCut = 1;                       ///< a piece with straight sides; through a die
  double glue = 1, score = 1.5, mount = 1.5, enclose = 0.5;  ///< flat piece; score and fold; on the base
};

/// The same as this maker takes them.
WorkTimes timesOf(const Habits& habits);

/// A mask, or a strip of tape, and what it lies on.
struct Cover {
  std::string mask;                          ///< mask id ("hare#1"), empty for a strip of tape
  int impression = -1;                       ///< -1 while it is only cut
  bool ahead = false;                        ///< laid where the thing will be: it is stamped later
  bool half = false;                         ///< one half of a mask cut in two
  int joint = -1;                            ///< the joint paper it is, or -1
  std::vector<int> over = {}, without = {};  ///< of a joint paper
};

struct Step {
  Do what = Do::Stamp;
  int impression = -1;  ///< -1: none or all
  int wash = -1;
  int stamp = -1;           ///< of a mask to cut
  int ink = -1;             ///< of the prints on masking paper
  std::vector<int> things;  ///< embossed, waited for or joined by pen together
  int limit = -1;  ///< edge or opening that is cut, laid or lifted; at a wash, the one that lies there
  LimitSide side = LimitSide::Above;  ///< on which side of it is blended
  bool turned = false;                ///< the limit lies turned round, or its other piece is taken
  std::vector<Cover> covers;          ///< laid, lifted or cut at this step
  std::vector<int> masksOn;           ///< impressions covered: during a stamping or wash, after anything else
  std::vector<int> joints;            ///< joint papers that lie then
  std::vector<int> needed;            ///< of those, the ones this step needs
  std::vector<int> leaveOut;  ///< fronts whose place on the rubber is covered or wiped before pressing
  bool piece = false;         ///< stamped on a piece of its own
  bool tryOut = false;        ///< the stamp's first use: a test print on scrap first
  bool clean = false;         ///< the stamp last had another ink
  int scraps = 0;             ///< pressings on scrap paper before this one
  double pen_mm = 0;          ///< length of the lines to join
  std::vector<int> hand;      ///< done by hand: indices among that work
  int paper = -1;             ///< the piece that is cut or glued, index in the plan
  int layer = -1;             ///< the layer of the card that is cut or glued on the next, see card/card_fit.h
  int evening = 0;            ///< from 0
  double minutes = 0, wait = 0;
};

/// A stretch of work at one go.
struct Evening {
  size_t first = 0;    ///< index of its first step
  double minutes = 0;  ///< work and waits
};

struct RunSheet {
  SharedList<Step> steps;  ///< hundreds, the same ones while things are moved about
  double minutes = 0;      ///< all work and waits, of all copies
  double atLeast = 0;      ///< no valid order takes less; 0 if that was not asked for
  std::vector<Evening> evenings;
  int copies = 1;
};

/// Everything a run sheet is made from.
struct RunSheetInput {
  const Plan& plan;
  const Meetings& meetings;
  const WashMeetings& washes;
  const NeedTable& table;
  const std::vector<int>& order;  ///< of the impressions, pieces of their own as they are put on
  const MaskNeeds& needs;
  const std::vector<StampMasks>& masks;  ///< by stamp
  const std::vector<int>& stampOf;       ///< impression -> stamp index
  WorkTimes times = {};
  bool bound = true;                                           ///< whether to work out what no order can save
  const std::vector<std::pair<int, int>>* joinable = nullptr;  ///< what one paper could cover together
  const Handwork* hand = nullptr;                              ///< null: nothing is done by hand
};

/// Masks are cut when they are first needed or while something dries; several copies are worked card by card
/// within each step; evenings are as even as can be.
RunSheet buildRunSheet(const RunSheetInput& in);

/// What buildRunSheet() would give as minutes, without making the steps.
double minutesOf(const RunSheetInput& in);

/// Minutes for what is taped over or wiped off a stamp before it is pressed on one card.
double leaveOutMinutes(const Plan& plan, const std::vector<int>& fronts, const WorkTimes& times);

/// Minutes for the lines that a pen joins on one card.
double penMinutes(const std::vector<PenWork>& pen, const WorkTimes& times);

/// The ink in which a stamp's masks are printed: its own, unless another of the plan dries so much sooner on
/// masking paper that cleaning the stamp is less work than waiting. @return index of the ink
int maskPrintInk(const Plan& plan, const std::vector<int>& stampOf, int stamp);

/// Waits longer than this are left for another day.
inline constexpr double kOvernight_min = 240;

std::string_view wordOf(Do what);
WorkKind workKindOf(Do what);
/// Does a step of that kind leave colour on the card, or take some away?
bool leavesColour(Do what);
/// The acts that a step is; none for what only prepares, covers or finishes.
std::vector<int> actsOf(const Plan& plan, const Step& step);

/// Id of the n-th mask of a stamp, from 0: "hare#1".
std::string maskId(const Stamp& stamp, int number);

}  // namespace havlo
