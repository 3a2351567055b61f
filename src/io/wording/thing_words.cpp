#include "io/wording/thing_words.h"

#include <algorithm>
#include <cmath>
#include <optional>

#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

QString rangeText(const RealHeight& real) {
  return real.least_m == real.most_m ? tallText(real.typical_m)
                                     : tr("%1 to %2").arg(tallText(real.least_m), tallText(real.most_m));
}

QString sizeSentence(const ScaleReading& scale, const RealHeight& real) {
  const QString reads = scale.implied_m ? tallText(*scale.implied_m) : QString(), should = rangeText(real);
  switch (scale.verdict) {
    case ScaleVerdict::Fits:
      return tr("Reads %1 tall, as it should: %2.").arg(reads, should);
    case ScaleVerdict::TooTall:
      return tr("Reads %1 tall here: too tall, it is %2.").arg(reads, should);
    case ScaleVerdict::TooShort:
      return tr("Reads %1 tall here: too small, it is %2.").arg(reads, should);
    case ScaleVerdict::NotOnGround:
      return tr("Has no ground under it here. It is %1 tall.").arg(should);
  }
  return {};
}

QString turnSentence(const Plan& plan, const Analysis& a, int i) {
  const auto place = std::find(a.order.begin(), a.order.end(), i) - a.order.begin() + 1;
  const bool covered = std::any_of(a.needs.steps.begin(), a.needs.steps.end(), [&](const NeedStep& s) {
    return std::binary_search(s.covered.begin(), s.covered.end(), i);
  });
  std::vector<int> behind;
  for (int k : a.meetings.of[ix(i)]) {
    const Meeting& m = a.meetings.list[ix(k)];
    if (m.front == i && m.overlaps()) behind.push_back(m.back);
  }
  QString words = covered ? tr("Stamped as number %1 of %2, then covered").arg(place).arg(a.order.size())
                          : tr("Stamped as number %1 of %2").arg(place).arg(a.order.size());
  constexpr size_t kNamed = 3;
  if (behind.size() > kNamed) return tr("%1; in front of %2 things.").arg(words).arg(behind.size());
  return behind.empty() ? tr("%1.").arg(words) : tr("%1; in front of %2.").arg(words, listOf(plan, behind));
}

QString mistSentence(const Plan& plan, const Analysis& a, int i) {
  const Impression& thing = plan.impressions[ix(i)];
  const auto tone =
      std::find_if(a.tone.begin(), a.tone.end(), [&](const ToneReading& t) { return t.impression == i; });
  if (tone == a.tone.end() || !std::isfinite(a.depth->distance_m(i)) ||
      !factsOf(plan.stamp(thing.stamp)->role).stands())
    return {};
  const QString has = tr("The mist leaves %1 % of its ink; pressed like this it has %2 %.")
                          .arg(qRound(100 * tone->wanted))
                          .arg(qRound(100 * tone->seen));
  const bool better =
      std::fabs(tone->proposed - tone->wanted) + 0.02 < std::fabs(tone->actual - tone->wanted);
  if (!better) return has;
  return tone->proposedInk == thing.ink
             ? tr("%1 Pressing %2 comes nearer.").arg(has).arg(tone->proposedGeneration)
             : tr("%1 %2, pressing %3, comes nearer.")
                   .arg(has, capital(inkName(*plan.ink(tone->proposedInk))))
                   .arg(tone->proposedGeneration);
}

}  // namespace

QString tallText(double m) {
  return m < 1 ? tr("%1 cm").arg(m < 0.1 ? spoken(QString::number(m * 100, 'f', 1))
                                         : QString::number(qRound(m * 100)))
               : tr("%1 m").arg(m, 0, 'f',
                                m < 3    ? 2
                                : m < 10 ? 1
                                         : 0);
}

QString awayText(double m) { return std::isfinite(m) ? spoken(writeDistance(Metres{m})) : tr("very far"); }

QString heightWords(const Plan& plan, const Analysis& a, int i, double reach_m) {
  if (!plan.view || !std::isfinite(a.depth->distance_m(i))) return {};
  std::optional<double> tall;
  if (factsOf(plan.stamp(plan.impressions[ix(i)].stamp)->role).sides) tall = reach_m;
  // Where the sentence about its size says how tall it reads, the same is said here.
  for (const ScaleReading& s : a.scale)
    if (s.impression == i && s.implied_m) tall = *s.implied_m;
  return tall ? tr(", %1 tall").arg(tallText(*tall)) : QString();
}

ThingWords wordsOfThing(const Plan& plan, const Analysis& a, int i) {
  const Impression& thing = plan.impressions[ix(i)];
  ThingWords out;
  const auto scale = readScale(plan, i);
  if (scale) {
    out.size = sizeSentence(*scale, *plan.stamp(thing.stamp)->realHeight);
    out.right = scale->verdict == ScaleVerdict::Fits;
  }
  const QString away = awayText(a.depth->distance_m(i));
  const auto* on = std::get_if<OnThing>(&thing.depth);
  const bool stands = factsOf(plan.stamp(thing.stamp)->role).stands();
  out.place = on       ? tr("On %1, %2 away.").arg(nameOf(plan, plan.indexOf(on->id)), away)
              : stands ? tr("Stands %1 away.").arg(away)
                       : tr("%1 away").arg(away) + u'.';  // a sun or a greeting stands nowhere
  if (!std::isfinite(a.depth->distance_m(i))) out.place = tr("Very far away.");
  out.turn = turnSentence(plan, a, i);
  out.mist = mistSentence(plan, a, i);
  return out;
}

}  // namespace havlo
