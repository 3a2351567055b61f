// Each has one thing to learn; the plans are made by tools/art.
#include "app/practice/exercises.h"

#include <QCoreApplication>
#include <QtGlobal>

namespace havlo {

std::span<const Exercise> exercises() {
  static constexpr Exercise all[] = {
      {"practice-01", "Hare before poplar", "What is in front is stamped first and covered.", 1},
      {"practice-02", "Three in a line", "A row of three: each one covered before the next.", 1},
      {"practice-03", "Side by side", "What does not touch needs no cover. Do not cover too much.", 1},
      {"practice-04", "Black on pale", "A solid dark thing goes straight on top: the order turns round.", 2},
      {"practice-05", "A sky behind", "Background ink wants everything covered at once, and comes last.", 2},
      {"practice-06", "The crowd", "Ducks over ducks: one stamp, many covers.", 3},
      {"practice-07", "Duck on a post", "Standing on something makes two distances into one.", 3},
      {"practice-08", "Two skies", "Lightest first, and something that may be coloured over.", 4},
      {"practice-09", "Both ways", "Masked and overprinted things in one card.", 4},
      {"practice-10", "The lock", "Everything together.", 5}};
  return all;
}

}  // namespace havlo
