// What is done by hand, in words.
#pragma once

#include <QString>

#include "io/wording/step_words.h"

namespace havlo {

QString wayName(ColourWay way);       ///< "marker"
QString shadeName(Shade shade);       ///< "darker away from the light"
QString accentName(AccentKind kind);  ///< "white dots"
QString lineKindName(LineKind kind);  ///< "a ground line"
QString liftWithName(LiftWith with);  ///< "drops of water"

/// "the coat", "all of it", "the rest", "part 3": which parts a colouring means.
QString partName(const Plan& plan, const Analysis& analysis, const HandWork& work);
/// "madder, marker, darker away from the light"; "left bare".
QString colouringDetail(const Plan& plan, const Colouring& colouring);
/// "colouring the coat of the hare".
QString handActWords(const Plan& plan, const HandAct& act);

/// One thing done by hand, to be ticked off: "the coat: madder, marker".
QString handTickWords(const Plan& plan, const Analysis& analysis, int hand);

/// A step of things done by hand.
StepWords handStepWords(const Plan& plan, const Analysis& analysis, const Step& step, MeasureStyle style);

}  // namespace havlo
