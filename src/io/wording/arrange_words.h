// What is said of arrangements and scenes that are proposed.
#pragma once

#include <QString>

#include "core/arrange/scene.h"

namespace havlo {

/// One gain: "the hero has 37 % of the pull instead of 31 %".
QString gainWords(const Gained& gained);
/// Why an arrangement is good, in one line; its strongest gains.
QString whyWords(const Proposal& proposal);
/// "in the morning, willows and a fence, seen from 1.5 m": a scene in one line, with masks and minutes.
QString sceneWords(const SceneOffer& scene);
QString daylightName(Daylight daylight);

}  // namespace havlo
