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

/// "55 cm", "1.70 m", "12 m". @param metres  > 0
QString tallText(double metres);

/// "0.8 m", "1.5 km", "very far". @param metres  may be infinite
QString awayText(double metres);

}  // namespace havlo
