// Questions that train the eye and the head, made from any plan: which papers must lie, what is how far, how
// pale a print is, where the horizon runs. They know the answer because the plan does.
#pragma once

#include <optional>
#include <span>

#include "core/analysis/analysis.h"

namespace havlo {

/// What can be practised.
enum class Drill { Order, MaskChoice, LayMask, NearAndFar, Tone, Horizon };
inline constexpr size_t kDrills = 6;
std::string_view wordOf(Drill drill);
std::optional<Drill> drillOf(std::string_view word);

inline constexpr int kTopLevel = 5;  ///< 1 is the easiest

struct Question {
  Drill what = Drill::NearAndFar;
  int level = 1;
  /// NearAndFar: things to be put in order, mixed; MaskChoice: things that could be covered.
  std::vector<int> things;
  /// NearAndFar: nearest first; MaskChoice: those that must be covered, rising.
  std::vector<int> right;
  int step = -1;  ///< MaskChoice: of the run sheet
  // Tone: which of these prints keeps so much of its contrast.
  std::string ink;
  std::vector<double> shares;  ///< of the fresh print's contrast with white paper, of each print shown
  int rightShare = -1;
  Metres away{0}, visibility{0};
  // Horizon.
  double horizon_mm = 0, height_mm = 0;  ///< above the panel's foot; of the panel
  int witness = -1;                      ///< a thing that tells it, or -1
  double witnessShare = 0;               ///< the horizon crosses it so far up, of its height; may be over 1
};

/// @param level  1 to kTopLevel
/// @return nothing where the plan has nothing of the kind to ask; never Order or LayMask, which are no
/// questions
std::optional<Question> ask(Drill what, const Plan& plan, const Analysis& analysis, int level, uint64_t seed);

/// The ink with a second pressing that keeps this share of the fresh one's contrast with white paper.
Ink printKeeping(const Ink& ink, double share);

struct Answer {
  std::vector<int> things;  ///< NearAndFar: nearest first; MaskChoice: covered
  int choice = -1;          ///< Tone
  double mm = 0;            ///< Horizon
};

struct Graded {
  double points = 0;  ///< 0 to 1
  bool right = false;
  std::vector<int> missed, needless;  ///< MaskChoice
  std::vector<int> misplaced;         ///< NearAndFar: pairs in the wrong order, nearer one first, two and two
  double off = 0;                     ///< Horizon: mm too high; Tone: share too much
};
Graded grade(const Question& question, const Answer& answer);

}  // namespace havlo
