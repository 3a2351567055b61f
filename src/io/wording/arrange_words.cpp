#include "io/wording/arrange_words.h"

#include <QStringList>
#include <algorithm>
#include <cmath>

#include "core/plan/role_facts.h"
#include "core/units/measure.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"

namespace havlo {
QString gainWords(const Gained& g) {
  switch (g.what) {
    case Gain::HeroFirst:
      return tr("the hero is seen first");
    case Gain::HeroShare:
      return tr("the hero has %1 of the pull instead of %2").arg(shareWords(g.after), shareWords(g.before));
    case Gain::FewerFindings:
      return std::lround(g.after) == 0
                 ? tr("nothing is left to mend")
                 : tr("%1 to mend instead of %2").arg(std::lround(g.after)).arg(std::lround(g.before));
    case Gain::TellsDepth:
      return tr("more overlaps tell what is near");
    case Gain::OnAThird:
      return tr("the hero stands on a third");
    case Gain::Triangle:
      return tr("the large shapes make a triangle");
    case Gain::GreetingRoom:
      return tr("the greeting has room");
    case Gain::Balance:
      return tr("its weight is balanced");
    case Gain::PlainSpace:
      return tr("more of it is plain");
    case Gain::FewerMasks:
      return tr("%1 masks instead of %2").arg(std::lround(g.after)).arg(std::lround(g.before));
  }
  return {};
}

QString whyWords(const Proposal& p) {
  constexpr size_t kMost = 3;
  QStringList parts;
  for (size_t k = 0; k < std::min(kMost, p.why.size()); ++k) parts << gainWords(p.why[k]);
  QString text = parts.join(QStringLiteral(", "));
  if (!text.isEmpty()) text[0] = text[0].toUpper();
  return text.isEmpty() ? text : text + u'.';
}

QString daylightName(Daylight d) {
  return d == Daylight::Morning ? tr("in the morning")
         : d == Daylight::Noon  ? tr("at noon")
                                : tr("in the evening");
}

QString sceneWords(const SceneOffer& s) {
  QStringList with;
  for (const Impression& i : s.card.plan.impressions) {
    const Stamp& stamp = *s.card.plan.stamp(i.stamp);
    if (!i.hero && factsOf(stamp.role).stands() && !with.contains(stampName(stamp))) with << stampName(stamp);
  }
  QString text = tr("%1, with %2; eyes at %3.")
                     .arg(daylightName(s.daylight), with.join(QStringLiteral(", ")),
                          spoken(writeDistance(Metres{s.eyeHeight_m})));
  text[0] = text[0].toUpper();
  return text;
}

QString numbersOf(const Proposal& p) {
  const int masks = p.analysis->masksToCut();
  return tr("The hero has %1 of the pull; %2, %3.")
      .arg(shareWords(p.worth.heroShare), masks == 1 ? tr("1 mask") : tr("%1 masks").arg(masks),
           minutesWords(p.analysis->sheet.minutes));
}

}  // namespace havlo
