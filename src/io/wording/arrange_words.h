// What is said of arrangements and scenes that are proposed.
#pragma once

#include <QString>

#include "core/arrange/scene.h"

namespace havlo {

/// One gain: "the hero has 37 % of the pull instead of 31 %".
QString gainWords(const Gained& gained);
/// Why an arrangement is good, in one line; its strongest gains.
QString whyWords(const Proposal& proposal);
/// "In the morning, with Big willow, Reeds; eyes at 1.5 m."
QString sceneWords(const SceneOffer& scene);
/// "The hero has 57 % of the pull; 5 masks, 54 min."
QString numbersOf(const Proposal& proposal);
QString daylightName(Daylight daylight);

}  // namespace havlo
