// The finished card as a drawing in layers: one group a thing, back to front, each under its name.
#pragma once

#include <QString>

#include "core/analysis/analysis.h"

namespace havlo {

/// An SVG of the panel's size in millimetres: prints, lines and papers as true outlines in the colours of
/// their inks, what fades as a picture inside its group. Transparent inks multiply what is under them. Groups
/// have the ids of the plan
/// ("impression-hare", "wash-sky") and the maker's names as titles.
/// @error  CannotWrite with the reason
Result<Done> saveLayers(const QString& path, const Plan& plan, const Analysis& analysis,
                        const ArtSource& art);

}  // namespace havlo
