// Which things must be covered at each stamping and each wash, with what, and how many masks that takes.
#pragma once

#include <algorithm>
#include <memory>
#include <span>
#include <unordered_map>
#include <vector>

#include "core/colour/colour.h"
#include "core/depth/meetings.h"
#include "core/depth/visible.h"
#include "core/marks/stack.h"
#include "core/mask/mask_shape.h"
#include "core/mask/pen_work.h"

namespace havlo {

/// One pressing or blending and what must lie covered during it.
struct NeedStep {
  bool wash = false;
  int index = 0;             ///< of the impression or the wash
  std::vector<int> covered;  ///< impressions, by rising index
  bool embossFirst = false;  ///< what waits for powder is embossed before this, with no paper on the card
  std::vector<char> stays;   ///< for each: paper laid for its need before may have stayed since
  std::vector<int> papers;   ///< for each: the joint paper it lies under, or -1; empty: masks of their own
};

/// Is powder melted on it: to keep what is behind it off, or because its ink is made for that?
bool isEmbossed(const Plan& plan, int impression);

/// How a wash meets one impression.
struct WashMeeting {
  bool touches = false;
  /// What it visibly colours of it: `any` when that is more than kLeastInked_mm2.
  NeededEdge edge;
};

/// Where a thing hides another by no more than this and is to take a colour that the other is not, it may
/// stay bare: nobody cuts a mask for a string. As large as a patch that is too fine to matter in the proof.
inline constexpr double kLeftBare_mm2 = 4;

/// A film that changes no sRGB channel by more than this is not seen (255ths). Settled in the plan format.
inline constexpr double kUnseen = 2.0;

/// What a wash may come upon: bare paper, and every ink that is stamped, fresh.
std::vector<LinearRgb> groundsOf(const Plan& plan);

/// What washes touch; kept between analyses because placing and wash rarely change together.
struct WashMeetings {
  std::vector<Rings> reached;    ///< per wash of the plan
  std::vector<double> area_mm2;  ///< of what it reaches
  std::vector<CellMap> seen;     ///< per wash: where it visibly changes paper or print, spread for the hand
  std::vector<Wash> washes;      ///< what `reached` was made from
  std::vector<WashLimit> limits;
  std::vector<Ink> inks;
  std::vector<LinearRgb> grounds;
  std::vector<PlacedRef> placed;
  /// Per impression its meetings with every wash, shared with the analysis before while it stays as it is.
  std::vector<std::shared_ptr<const std::vector<WashMeeting>>> meets;

  const WashMeeting& of(int wash, int impression) const { return (*meets[ix(impression)])[ix(wash)]; }
};
WashMeetings meetWashes(const Plan& plan, const std::vector<PlacedRef>& placed,
                        const WashMeetings* before = nullptr);

/// A paper that is cut for this very card: over several things that touch and are covered together, or over
/// what shows of one where a nearer thing that hides it is to take the colour.
struct JointPaper {
  std::vector<int> over;     ///< impressions; the first leads
  std::vector<int> without;  ///< things whose silhouettes it leaves free
  MaskRef shape;             ///< what is cut, on the panel; null while only counted
  int cut = 1;               ///< how many of it: with many cards one wears out
};

struct MaskNeeds;
/// How many of that paper are cut, so that none is laid more often than it bears on all cards together.
int papersToCut(const Plan& plan, const MaskNeeds& needs, int joint);

/// Something done by hand between stampings and blends, or after all of them.
struct HandStop {
  size_t before = 0;  ///< need step that follows; their number: none
  int hand = 0;       ///< index among what is done by hand
};

struct MaskNeeds {
  std::vector<HandStop> hand;    ///< as they are done
  std::vector<NeedStep> steps;   ///< pressings and blends in the order they are done
  std::vector<char> taped;       ///< impression -> so many straight strips of tape cover it: 0, 1, 2
  std::vector<char> uncuttable;  ///< impression -> would need a mask, but nothing of it can be cut
  std::vector<std::vector<int>> leaveOut;  ///< impression -> fronts left out of its own pressing
  /// Two of one stamp that run off the panel and could share a mask cut in two, if both need one.
  std::vector<std::pair<int, int>> sharable;
  std::vector<JointPaper> joints;

  /// The joint paper that covers a thing at a need step, or -1.
  int joint(int impression, size_t step) const {
    const NeedStep& s = steps[step];
    if (s.papers.empty()) return -1;
    const auto at = std::lower_bound(s.covered.begin(), s.covered.end(), impression);
    return at == s.covered.end() || *at != impression ? -1
                                                      : s.papers[static_cast<size_t>(at - s.covered.begin())];
  }
};

/// The needs for any stamping order: what does not hang on the order is worked out once.
class NeedTable {
 public:
  /// @param masks   by stamp index of the plan
  /// @param knotOf  impression -> its knot of contradictory overlaps, or -1
  /// @param bareByHand  by what is done by hand: on which things no paper may lie then
  /// @param before  an earlier table; what was looked at there for unchanged things and washes is not looked
  /// at again
  NeedTable(const Plan& plan, const Meetings& meetings, const WashMeetings& washes,
            const std::vector<Visible>& visible, const Stack& stack, const std::vector<MaskRef>& masks,
            const std::vector<int>& stampOf, const std::vector<int>& knotOf,
            const NeedTable* before = nullptr, std::vector<std::vector<int>> bareByHand = {});

  /// @param acts  every impression once and every wash (its index after the impressions'), first done first;
  ///              what is done by hand may stand between them.
  /// washes that
  ///              are not in it are blended after all else, lightest first
  MaskNeeds of(const std::vector<int>& acts) const;
  /// The needs that no order saves; steps are the impressions as listed, then the washes.
  MaskNeeds sure() const;

  /// Whether one paper may cover these things from when all of them are stamped: each must lie covered after
  /// that, and where one must the paper keeps no wanted ink from the others.
  /// @param needs  of acts in their order, without joint papers
  bool mayJoin(const MaskNeeds& needs, const std::vector<int>& group) const;
  /// The same needs with one paper over each of these groups.
  MaskNeeds joined(const MaskNeeds& needs, const std::vector<std::vector<int>>& groups) const;

  /// A thing in front that one pressing may need covered.
  struct Front {
    int thing = 0;
    NeededEdge edge;      ///< kept only if some orders do not need it
    bool always = false;  ///< whatever the order: the two overlap, so the front lies there first
    bool ahead = false;   ///< may be covered before it is stamped itself: the two are in one knot
  };
  const std::vector<Front>& frontsOf(int impression) const { return m_fronts[ix(impression)]; }
  /// By impression: nothing of its stamp can be cut. Tape may lie over it still.
  const std::vector<char>& noMask() const { return m_noMask; }
  /// By impression: neither a mask nor tape covers it in any order, so that nothing is won by stamping it
  /// first.
  const std::vector<char>& bare() const { return m_bare; }
  /// Impressions, rising, from which paper must be gone at an act (an impression, or their number and a
  /// wash), unless it is needed there: it would keep out wanted ink.
  const std::vector<int>& mustGo(int act) const { return m_mustGo[ix(act)]; }
  /// The same of what is done by hand.
  const std::vector<int>& bareByHand(int hand) const { return m_bareByHand[ix(hand)]; }
  /// Washes, lightest first, with what each must not colour.
  const std::vector<NeedStep>& washSteps() const { return m_washSteps; }
  /// What is left to the pen when all is stamped.
  const std::vector<PenWork>& pen() const { return m_pen; }

 private:
  /// Whether ink falls on what shows of a thing, and what that was found from: the front, the back or the
  /// wash, what hides the front. The things are kept alive, so that no address comes to mean another.
  struct Shown {
    std::vector<PlacedRef> from;
    int wash = -1;  ///< -1: the ink is that of the second thing
    bool falls = false;
  };
  /// By the hash of what they were found from, rising. Shared with later tables: nothing is copied but hands.
  std::vector<std::pair<size_t, std::shared_ptr<const Shown>>> m_shown;
  std::vector<Wash> m_washes;
  std::vector<WashLimit> m_limits;
  std::vector<Ink> m_inks;
  std::vector<LinearRgb> m_grounds;

  void findDamp(const Plan& plan);
  void findFronts(const Plan& plan, const Meetings& meetings, const std::vector<Visible>& visible,
                  const std::vector<int>& knotOf, const NeedTable* before);
  /// @param before  an earlier table of the same washes, or null
  void findWashSteps(const Plan& plan, const Meetings& meetings, const WashMeetings& washes,
                     const std::vector<Visible>& visible, const Stack& stack, const NeedTable* before);
  void findBare(const std::vector<MaskRef>& masks, const std::vector<int>& stampOf);

  /// @param from, wash  as in Shown
  template <typename F>
  bool shown(const NeedTable* before, std::span<const PlacedRef* const> from, int wash, F find);

  template <typename Wanted>
  MaskNeeds make(const std::vector<int>& acts, bool inOrder, Wanted wanted) const;

  std::vector<std::vector<Front>> m_fronts;    // by back
  std::vector<std::vector<int>> m_mustGo;      // by act
  std::vector<std::vector<int>> m_bareByHand;  // by what is done by hand: things with no paper on them then
  std::vector<double> m_damp;  // impression -> minutes in which powder sticks; 0: none goes on; -1: a pop-up

  void letPaperStay(MaskNeeds& needs, bool inOrder) const;
  /// Paper that is changed for another has not stayed.
  static void changePapers(MaskNeeds& needs, size_t impressions);

  /// A thing whose mask for a wash is cut to what shows.
  struct CutTo {
    int thing = 0;
    std::vector<int> without;
  };
  std::vector<std::vector<CutTo>> m_cutTo;  // by wash
  std::vector<NeedStep> m_washSteps;
  std::vector<NeededEdge> m_sureEdges;  // impression -> of all needs that no order saves
  std::vector<char> m_noMask;           // impression -> nothing of its stamp can be cut
  std::vector<char> m_bare;             // of those, the ones along which no tape lies
  std::vector<char> m_fineFront;        // of all of them, the ones that should be covered at some time
  std::vector<std::vector<int>> m_leaveOut;
  std::vector<PenWork> m_pen;
  std::vector<std::pair<int, int>> m_sharable;
};

/// One mask laid on one impression at one step.
struct Laid {
  int mask = 0;  ///< number of the mask among its stamp's, from 0
  int impression = 0;
  bool fresh = true;  ///< laid for this step, which wears it; else it lies there from before
  int joint = -1;     ///< the joint paper it is instead of a mask of the stamp's own
};

/// Who lies under which mask of a stamp, need step by need step. Most steps need none of them and take no
/// room.
class MaskRota {
 public:
  /// What lies at a need step.
  const std::vector<Laid>& operator[](size_t step) const;
  /// Says it; what was said of that step before is added to.
  void add(size_t step, const std::vector<Laid>& laid);

  struct Entry {
    size_t step = 0;
    std::vector<Laid> laid;
  };
  /// The steps at which something lies, in their order.
  const std::vector<Entry>& entries() const { return m_entries; }

 private:
  std::vector<Entry> m_entries;
};

/// The masks of one stamp: those needed at once, and no more than wear asks for. Of several cards, where
/// every step is a laying, `cut` is max(atOnce, uses / life rounded up), by McNaughton's wrap-around rule
/// (1959); with masks at hand, the fewest new ones with which the rota works (Gale 1957, Ryser 1957). Sources
/// from memory.
struct StampMasks {
  int cut = 0;                              ///< new ones
  int kept = 0;                             ///< masks at hand that are used; they have the first numbers
  int atOnce = 0;                           ///< most needed at one step; two that share a mask count as one
  int uses = 0;                             ///< layings on one card, each from laying it to lifting it
  int taped = 0;                            ///< impressions covered by tape instead
  std::vector<std::pair<int, int>> halves;  ///< impressions that share a mask cut in two
  MaskRota rota;                            ///< of several cards, the first one's
  /// By mask: the impression whose part of the stamp it is cut to, or -1 for the whole stamp; empty: all
  /// whole.
  std::vector<int> partOf;
};

/// Exactly how many masks of each stamp are enough, and which one goes where; masks stay lying where they
/// can. Halves are shared, by a maximum matching, where that saves a mask.
/// @return by stamp index of the plan
std::vector<StampMasks> countMasks(const Plan& plan, const MaskNeeds& needs, const std::vector<int>& stampOf);

/// Masks of a stamp at hand, by uses left, most first; what the plan lists.
std::vector<int> usesAtHand(const Plan& plan, int stamp);

/// The fewest new masks with which all demands can be met.
/// @param demands  needed at once, per step, any order
/// @param copies   each step is done on so many cards one after the other
int fewestNewMasks(std::vector<int> demands, const std::vector<int>& atHand, int life, int copies);

/// A maximum matching among the pairs. Source: Edmonds 1965, by the Boost Graph Library.
std::vector<std::pair<int, int>> mostPairs(const std::vector<std::pair<int, int>>& sharable);

}  // namespace havlo
