#include "io/wording/eye_words.h"

#include <algorithm>
#include <cmath>

#include "core/light/light.h"
#include "core/plan/role_facts.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {

DepthSpan depthSpan(const Plan& plan, const Analysis& a) {
  DepthSpan out;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const double d = a.depth->distance_m(static_cast<int>(i));
    const Role role = a.meetings.placed[i]->outline->stamp->role;
    const bool somewhere = factsOf(role).stands() || role == Role::Landform;
    if (!std::isfinite(d) || d <= 0 || !somewhere || a.meetings.placed[i]->areaOnPanel_mm2 <= 0) continue;
    if (out.nearest < 0 || d < out.near_m) out.nearest = static_cast<int>(i), out.near_m = d;
    if (out.farthest < 0 || d > out.far_m) out.farthest = static_cast<int>(i), out.far_m = d;
  }
  return out;
}

QString metresText(double m) {
  return m < 1      ? tr("%1 cm").arg(qRound(m * 100))
         : m < 10   ? tr("%1 m").arg(qRound(m * 10) / 10.0)
         : m < 1000 ? tr("%1 m").arg(qRound(m))
                    : tr("%1 km").arg(qRound(m / 100) / 10.0);
}

QString eyeLevelText(const Plan& plan) {
  return plan.view ? tr("eye level, %1 up").arg(metresText(plan.view->eyeHeight_m)) : QString();
}

QString depthSentence(const Plan& plan, const Analysis& a) {
  const DepthSpan span = depthSpan(plan, a);
  if (span.nearest < 0) return tr("Nothing on this card stands at a distance.");
  const auto overlaps = std::count_if(a.meetings.list.begin(), a.meetings.list.end(),
                                      [](const Meeting& m) { return m.overlaps(); });
  QString out = span.far_m < 1.2 * span.near_m
                    ? tr("Everything stands at about the same distance, %1.").arg(metresText(span.near_m))
                    : tr("From %1 at %2 to %3 at %4.")
                          .arg(nameOf(plan, span.nearest), metresText(span.near_m),
                               nameOf(plan, span.farthest), metresText(span.far_m));
  out += u' ' + (overlaps == 0   ? tr("Nothing overlaps, so only size and place tell what is nearer.")
                 : overlaps == 1 ? tr("One overlap tells which of two is nearer.")
                                 : tr("%1 overlaps tell which of two is nearer.").arg(overlaps));
  return out;
}

QString perspectiveSentence(const Plan& plan, const Analysis& a) {
  if (!plan.view) return tr("This card has no viewpoint.");
  int fits = 0, all = 0;
  for (const ScaleReading& r : a.scale)
    if (r.verdict != ScaleVerdict::NotOnGround) ++all, fits += r.verdict == ScaleVerdict::Fits;
  const QString level =
      tr("Whatever reaches the line is as high as the eyes, %1.").arg(metresText(plan.view->eyeHeight_m));
  if (all == 0) return level;
  return level + u' ' +
         (fits == all ? all == 1 ? tr("The one thing that is measured has its right size.")
                                 : tr("All %1 things have their right size.").arg(all)
                      : tr("%1 of %2 things have their right size.").arg(fits).arg(all));
}

QString lightSentence(const Plan& plan, const Analysis& a) {
  if (!sceneLight(plan)) return tr("No light is set: the Scene sets one.");
  int said = 0, crossed = 0;
  for (const Impression& i : plan.impressions) said += i.lit != LitFrom::Unsaid;
  for (const Finding& f : a.findings) crossed += f.kind == FindingKind::CrossedLight;
  const QString where =
      lightInSky(plan) ? tr("The light stands in the sky: every light side is the one toward it.")
      : plan.light->at ? tr("Shadows run away from the light, each from its own foot.")
                       : tr("The light comes from outside the picture, the same for everything.");
  if (said == 0) return where;
  return where + u' ' +
         (crossed == 0 ? tr("What was shaded by hand agrees with it.")
                       : tr("%1 of %2 things shaded by hand do not agree with it.").arg(crossed).arg(said));
}

}  // namespace havlo
