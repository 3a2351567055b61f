// What a step may do to whoever does it: one sentence a danger, so that it is said alike wherever it belongs.
#pragma once

#include <QString>

namespace havlo {

enum class Danger { Blade, Heat, Dust, Solvents, Spray, Splashes, Glitter, SmallParts, Glue, Paste };

/// A caution that stands with its step and defers to the makers' labels. Common practice, no source.
QString cautionOf(Danger danger);

}  // namespace havlo
