// Until a first card is in the log one next act is always in sight.
#pragma once

#include <QString>
#include <optional>

#include "app/shell/workshop.h"

namespace havlo {

struct NextAct {
  QString words;  ///< what is next, as a sentence
  QString act;    ///< on the button
  QString place;  ///< where it is done
  QString thing;  ///< to be chosen there; may be empty
};

/// What brings a first card on, or nothing: at the table, and once a card is in the log.
/// @param here  the place on top
std::optional<NextAct> nextAct(const Workshop& workshop, const QString& here);

}  // namespace havlo
