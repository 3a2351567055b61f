// What the log tells of one maker's hands, with how sure it is and what it rests on.
#pragma once

#include <map>
#include <optional>
#include <span>
#include <string>

#include "core/compare/comparison.h"
#include "core/learn/fits.h"
#include "core/making/log_entry.h"

namespace havlo {

/// What can be learnt; a key for settings and words.
enum class Trait {
  PrintPlacing,
  PrintTurn,
  MaskPlacing,
  MaskTurn,
  MaskCutting,
  MaskLife,
  Stamping,
  Blending,
  CuttingMasks,
  Covering,
  Embossing,
  ByHand,
  Paper  ///< paces
};
inline constexpr size_t kTraits = 13;
std::string_view wordOf(Trait trait);
std::optional<Trait> traitOf(std::string_view word);
/// The pace of which kind of work, or nothing.
std::optional<WorkKind> paceOf(Trait trait);

struct Learnt {
  Fit fit;
  double usual = 0;  ///< common practice
  int cards = 0;     ///< it was seen on
  bool own = false;  ///< the maker's own number stands instead
  double value() const { return ownValue ? *ownValue : fit.value; }
  std::optional<double> ownValue;
};

/// What one ink does with this maker.
struct LearntInk {
  std::string ink;  ///< its name
  Fit drying;       ///< times what is said of it
  /// By the paper's name, where it was on more than one: times what is said of it.
  std::map<std::string, Fit> dryingOn;
  double said_s = 0;  ///< what its table said of drying, on the newest card
  int dryings = 0;
  std::map<int, Fit> strengths;  ///< by pressing: strength, 0 to 1
  double L = 0, a = 0, b = 0;    ///< CIE 1976 of it on the card
  int colours = 0;               ///< prints that colour was taken from
};

/// How well minutes were foretold.
struct CardMinutes {
  std::string card;
  double said_min = 0, took_min = 0;
};

/// From this side on a stamp is a large one, which is harder to place. Common practice, no source.
inline constexpr double kLargeStamp_mm = 40;

/// How exactly stamps of one size are placed.
struct BySize {
  Fit placing, turn;
  int prints = 0;
};

struct MakerLearnt {
  std::array<Learnt, kTraits> traits;
  BySize small, large;
  /// Layings that masks bear by their paper, "note" or "sheet", where both were used.
  std::map<std::string, Fit> maskLifeOn;
  std::vector<LearntInk> inks;
  std::vector<CardMinutes> minutes;  ///< oldest first
  int cards = 0;                     ///< that were looked at, of these hands
  bool positioner = false;           ///< see LearnSettings
  const Learnt& operator[](Trait t) const { return traits[ix(t)]; }
};

/// What a maker set by hand: instead of what is learnt, or from when on it counts.
struct LearnSettings {
  std::map<Trait, double> own;
  double from_s = 0;        ///< cards that ended earlier are left out: set back
  bool positioner = false;  ///< the next cards are stamped with a hinged positioner
  bool operator==(const LearnSettings&) const = default;
};

/// So many of the newest cards say how hands are now.
inline constexpr int kLearnFrom = 120;

/// @param log  cards of one maker, any order
MakerLearnt learnFrom(std::span<const LogEntry> log, const LearnSettings& settings = {});

/// What a comparison saw, put down in the log's entry; what an earlier one saw is replaced.
void takeIn(const Plan& plan, const Comparison& seen, LogEntry& entry);

/// Does that ink do enough otherwise than its table says, told often enough, to be written into the table?
bool driesOtherwise(const LearntInk& learnt);
/// Are large stamps placed otherwise than small ones, as far as that can be said?
bool sizeMatters(const MakerLearnt& learnt);
/// The ink with what was learnt of it in its table; as it was where too little was seen.
/// @param paper  its name, if what was seen on it is to count
Ink withLearnt(const Ink& ink, const LearntInk& learnt, const std::string& paper = {});

/// What plans are reckoned with. @param maskPaper  of the plan's masks, see maskPaperOf(); empty: any
Habits habitsOf(const MakerLearnt& learnt, const std::string& maskPaper = {});

/// Mean miss of the minutes, as a share: of the first half of the cards and of the second.
struct MissedBy {
  double before = 0, lately = 0;
};
std::optional<MissedBy> missedBy(const MakerLearnt& learnt);

}  // namespace havlo
