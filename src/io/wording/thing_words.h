// What is known of one thing on the card, as sentences.
#pragma once

#include <QString>

#include "core/analysis/analysis.h"

namespace havlo {

struct ThingWords {
  QString size;   ///< how tall it reads where it stands, and whether that is right; empty: not asked of it
  QString place;  ///< how far away, on what
  QString turn;   ///< when it is stamped, what it hides
  QString mist;   ///< the ink that distance leaves it; empty: no mist
  bool right = true;  ///< its size is, or nothing is asked of it
};

ThingWords wordsOfThing(const Plan& plan, const Analysis& analysis, int impression);

/// ", 1.70 m tall", to follow a thing's name; empty for what is as tall as its distance happens to make it:
/// what is very far, flat, hangs in the sky or lies over everything, unless its stamp says how tall it is.
/// @param reach_m  of its print there, from foot to head
QString heightWords(const Plan& plan, const Analysis& analysis, int impression, double reach_m);

/// "55 cm", "1.70 m", "12 m". @param metres  > 0
QString tallText(double metres);

/// "0.8 m", "1.5 km", "very far". @param metres  may be infinite
QString awayText(double metres);

}  // namespace havlo
