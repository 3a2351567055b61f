// What the log keeps of a finished card: how it was planned, what really happened, and how it came out.
#pragma once

#include <string>
#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// Times in seconds since 1970 UTC; a value.
struct LogEntry {
  std::string id, title, madeFor;
  std::string hands;               ///< whose; empty: the first maker's
  std::string occasion;            ///< as the maker says: "birthday"
  std::string sentTo;              ///< who got it; empty: nobody yet
  std::vector<std::string> shows;  ///< names of the stamps on it
  std::vector<std::string> inks;   ///< names of the inks
  double begun_s = 0, ended_s = 0;
  double planned_min = 0, spent_min = 0;
  int copies = 1;
  bool positioner = false;  ///< stamped with a hinged positioner

  struct Spent {
    std::string what;  ///< word of the step's kind
    std::string impression, stamp;
    double planned_min = 0, spent_min = 0;
    double usual_min =
        0;  ///< work by common practice; 0: not known, as in older logs; -1: it has a wait in it
    bool operator==(const Spent&) const = default;
  };
  std::vector<Spent> steps;

  struct MaskUse {
    std::string stamp;
    int cut = 0, kept = 0, uses = 0;
    bool operator==(const MaskUse&) const = default;
  };
  std::vector<MaskUse> masks;

  struct Wrong {
    std::string what, impression, note;
    bool operator==(const Wrong&) const = default;
  };
  std::vector<Wrong> mishaps;
  std::vector<std::string> notes;

  /// What the card took of the stock, all copies together.
  struct Used {
    std::string what;   ///< "ink", "foam", "masking" ...
    std::string name;   ///< of ink and paper
    double amount = 0;  ///< mm² of ink and masking paper, mm of strip, else pieces
    bool operator==(const Used&) const = default;
  };
  std::vector<Used> used;

  /// A mask of this card: how often it lay, and whether it was worn by then.
  struct Worn {
    std::string stamp;
    double layings = 0;
    bool worn = false;
    std::string paper = {};  ///< "note": sticky along one edge; "sheet": all over; empty: not said
    bool operator==(const Worn&) const = default;
  };
  std::vector<Worn> worn;

  /// A print that was covered or worked over so long after it was stamped.
  struct Dried {
    std::string ink;  ///< its name
    double waited_s = 0, said_s = 0;
    bool smudged = false;
    std::string paper;  ///< its name
    bool operator==(const Dried&) const = default;
  };
  std::vector<Dried> dried;

  // From a picture of the finished card.

  struct Print {
    std::string impression, stamp, ink, state;
    double size_mm = 0;  ///< its longer side
    Point by;
    double turn_deg = 0, bySd_mm = 0, turnSd_deg = 0;
    int pressing = 1;     ///< first, second ... from one inking
    double strength = 1;  ///< share of the ink that was wanted
    double said = 1;      ///< strength of that pressing by the ink's own table
    Colour colour;
    double difference = 0;  ///< CIEDE2000
    bool operator==(const Print&) const = default;
  };
  std::vector<Print> prints;

  /// How the paper on a thing had been laid and cut.
  struct Paper {
    std::string front;
    Point by;
    double turn_deg = 0, grow_mm = 0;
    Point bySd;                                  ///< each direction for itself
    double turnSd_deg = 0.15, growSd_mm = 0.08;  ///< as logs of the first kind meant it
    bool footMark = false;
    bool operator==(const Paper&) const = default;
  };
  std::vector<Paper> papers;

  struct Join {
    std::string front, back;
    double gap_mm = 0, runIn_mm = 0;
    bool operator==(const Join&) const = default;
  };
  std::vector<Join> joins;

  bool compared() const { return !prints.empty(); }
  bool operator==(const LogEntry&) const = default;
};

/// What masks of a plan are cut from, as the log calls it.
inline std::string maskPaperOf(const Supplies& supplies) {
  return supplies.maskSheet && supplies.maskSheet->stickyBand_mm ? "note" : "sheet";
}

}  // namespace havlo
