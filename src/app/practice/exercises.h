// The drills that ship: which plan, what is learnt, how hard.
#pragma once

#include <span>

namespace havlo {

struct Exercise {
  const char* file;    ///< of the resource, without folder and ending
  const char* title;   ///< for tr() in the context "Practice"
  const char* lesson;  ///< what it is about, for tr()
  int grade;           ///< 1 easy to 5 hard
};

std::span<const Exercise> exercises();

}  // namespace havlo
