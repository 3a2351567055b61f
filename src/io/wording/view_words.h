// The viewpoint, the ground, rooms and ways out of a wrong scale in words.
#pragma once

#include <QString>

#include "core/edit/remedies.h"
#include "core/light/light.h"
#include "core/units/measure.h"
#include "core/viewpoint/find_view.h"
#include "core/viewpoint/rows.h"

namespace havlo {

QString kindName(GroundKind kind);      ///< "path", "water lines", ...
QString markName(const GroundMark& m);  ///< its name, else "the path"
QString litName(LitFrom from);          ///< "from the left", ...

/// What the way out does, as a button says it, and what it costs.
QString remedyWords(const Plan& plan, const Remedy& remedy, MeasureStyle style);
QString costWords(const Plan& plan, const Remedy& remedy);

/// What the things on the ground say of the horizon, in one or two sentences.
QString foundWords(const Plan& plan, const FoundView& found, MeasureStyle style);

/// How well a row fits: "Every one at its right size", "at worst 1.4 × too tall: only one size is at hand".
QString rowWords(const RowWish& wish, const RowPlan& row);

/// "sun or moon, ahead to the left, 32° high".
QString lightWords(const Plan& plan);

}  // namespace havlo
