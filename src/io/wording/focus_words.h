// What is seen first, the greeting, the edges of things: in words.
#pragma once

#include "core/focus/looks.h"
#include "core/palette/palette.h"
#include "io/wording/finding_words.h"

namespace havlo {

/// Nothing if the finding is of another room.
std::optional<FindingWords> focusWords(const Plan& plan, const Analysis& analysis, const Finding& finding,
                                       MeasureStyle style);
/// Inks, washes and masks. Nothing if the finding is of another room.
std::optional<FindingWords> inkWords(const Plan& plan, const Analysis& analysis, const Finding& finding);

/// "Hare is seen first (38 % of the pull); the bridge arch competes (21 %)."
QString seenFirstWords(const Plan& plan, const Looks& looks);
/// Why a rival pulls: "the strongest contrast; larger than the hero".
QString whyWords(const Rival& rival);
QString lineWords(const Plan& plan, const EyeLine& line, MeasureStyle style);
/// Where the weight lies: "A little left of the middle".
QString balanceWords(const Plan& plan, const Looks& looks);
QString harmonyWords(Harmony harmony);
/// What a palette is, in a sentence.
/// How far one colour stands out from another, in a word or two. @param difference  CIE 1976
QString standsOutWords(double difference);
QString paletteWords(const std::vector<Ink>& inks, const PaletteChoice& choice);

/// The whole reading in one line: what is seen first, and what stands in the way.
QString verdict(const Plan& plan, const Analysis& analysis);

}  // namespace havlo
