// One function per kind of finding.
#include "io/wording/finding_words.h"

#include <QStringList>
#include <algorithm>
#include <cmath>

#include "core/plan/role_facts.h"
#include "io/wording/focus_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"
#include "io/wording/view_words.h"

namespace havlo {
namespace {

QString height(double metres) {
  return metres < 1 ? tr("%1 cm").arg(qRound(metres * 100))
                    : tr("%1 m").arg(metres, 0, 'f', metres < 10 ? 1 : 0);
}

const ScaleReading* scaleOf(const Analysis& analysis, int impression) {
  for (const ScaleReading& s : analysis.scale)
    if (s.impression == impression) return &s;
  return nullptr;
}

FindingWords outOfScale(const Plan& plan, const Analysis& analysis, const Finding& f) {
  const int i = f.impressions[0];
  const ScaleReading& s = *scaleOf(analysis, i);
  const RealHeight& real = *plan.stamp(plan.impressions[ix(i)].stamp)->realHeight;
  const bool tall = s.verdict == ScaleVerdict::TooTall;
  const QString said = real.least_m == real.most_m
                           ? height(real.typical_m)
                           : tr("%1 to %2").arg(height(real.least_m), height(real.most_m));
  return {tall ? tr("%1 is too tall where it stands").arg(capital(nameOf(plan, i)))
               : tr("%1 is too small where it stands").arg(capital(nameOf(plan, i))),
          tr("At %1 away it reads as %2 tall; it should be %3. %4")
              .arg(spoken(writeDistance(Metres{*s.distance_m})), height(*s.implied_m), said,
                   tall ? tr("Its foot belongs lower, nearer to the viewer.")
                        : tr("Its foot belongs higher, nearer to the horizon.")),
          tr("%1 ×").arg(f.value, 0, 'f', 2),
          {}};
}

FindingWords floating(const Plan& plan, const Finding& f, MeasureStyle style) {
  const QString name = capital(nameOf(plan, f.impressions[0]));
  if (f.impressions.size() > 1)
    return {tr("%1 does not touch %2").arg(name, nameOf(plan, f.impressions[1])),
            tr("What sits on or hangs from a thing must meet it, or it seems to fall."),
            lengthText(f.value, style),
            {}};
  return {tr("%1 floats").arg(name),
          tr("Nothing is under its foot at that distance, so the eye takes it for flying."),
          lengthText(f.value, style),
          {}};
}

FindingWords whollyHidden(const Plan& plan, const Finding& f) {
  const std::vector<int> by(f.impressions.begin() + 1, f.impressions.end());
  return {tr("%1 is wholly hidden").arg(capital(nameOf(plan, f.impressions[0]))),
          tr("It lies behind %1; stamping it is work that nobody sees.").arg(listOf(plan, by)),
          tr("%1 % shows").arg(f.value * 100, 0, 'f', 0),
          {}};
}

FindingWords offPanel(const Plan& plan, const Finding& f) {
  const int i = f.impressions[0];
  const QString name = capital(nameOf(plan, i));
  const bool greeting = factsOf(plan.stamp(plan.impressions[ix(i)].stamp)->role).words;
  const QString share = tr("%1 % on").arg(f.value * 100, 0, 'f', 0);
  if (f.value <= 0)
    return {tr("%1 is off the panel").arg(name), tr("None of it will be on the card."), share, {}};
  if (greeting)
    return {
        tr("%1 runs off the edge").arg(name), tr("A greeting that is cut short cannot be read."), share, {}};
  return {tr("%1 is almost off the panel").arg(name),
          tr("A sliver at the edge looks like a slip; bring more of it in, or leave it out."),
          share,
          {}};
}

FindingWords horizonMeetsHead(const Plan& plan, const Finding& f, MeasureStyle style) {
  return {tr("The horizon runs through the head of %1").arg(nameOf(plan, f.impressions[0])),
          tr("A line behind a head seems to cut it or pin it down. Let a hill or a hedge stand there, or "
             "fade the line."),
          lengthText(std::max(0.0, f.value), style),
          {}};
}

FindingWords cycle(const Plan& plan, const Finding& f) {
  QStringList chain;
  for (int i : f.impressions) chain << nameOf(plan, i);
  chain << nameOf(plan, f.impressions[0]);
  return {capital(chain.join(tr(" over "))),
          f.level == Level::Fault
              ? tr("No order of stamping can give a ring like that: one of them must go behind.")
              : tr("No order of stamping alone gives a ring like that, so one mask is laid where its thing "
                   "will be."),
          tr("%1 in a ring").arg(f.impressions.size()),
          {}};
}

QString markAt(const Plan& plan, int mark) { return markName(plan.ground[ix(mark)]); }

FindingWords noGround(const Plan& plan, const Finding& f, MeasureStyle style) {
  const QString name = capital(nameOf(plan, f.impressions[0]));
  if (f.mark >= 0)
    return {tr("%1 stands in the water").arg(name),
            tr("Its foot lies on %1; it needs land under it.").arg(markAt(plan, f.mark)),
            lengthText(f.value, style),
            {}};
  return {tr("%1 stands outside the room").arg(name),
          tr("Its foot is not on the floor between the walls."),
          lengthText(f.value, style),
          {}};
}

FindingWords branch(const Plan& plan, const Finding& f, MeasureStyle style) {
  return {tr("%1 begins in mid-air").arg(capital(nameOf(plan, f.impressions[0]))),
          tr("A branch must come from the edge of the card or from behind something."),
          lengthText(f.value, style),
          {}};
}

FindingWords drawnBehind(const Plan& plan, const Finding& f, MeasureStyle style) {
  return {tr("%1 stands nearer than %2, yet is behind it")
              .arg(capital(nameOf(plan, f.impressions[0])), nameOf(plan, f.impressions[1])),
          tr("Of two things on the ground the lower foot is the nearer one; you said the other way round."),
          lengthText(f.value, style),
          {}};
}

FindingWords spacing(const Plan& plan, const Finding& f) {
  return {
      tr("The row of %1 does not recede").arg(listOf(plan, {f.impressions.front(), f.impressions.back()})),
      tr("Evenly spaced things crowd together toward the horizon. Here the real gaps differ; the widest is "
         "%1 times the narrowest.")
          .arg(f.value, 0, 'f', 1),
      tr("%1 ×").arg(f.value, 0, 'f', 1),
      {}};
}

FindingWords toneRecedes(const Plan& plan, const Analysis& analysis, const Finding& f) {
  const double away = analysis.depth->distance_m(f.impressions[0]);
  return {tr("%1 is too dark for its distance").arg(capital(nameOf(plan, f.impressions[0]))),
          tr("In this mist %1 of the ink is left at %2; darker things come forward.")
              .arg(tr("%1 %").arg(qRound(100 * contrastLeft(Metres{away}, Metres{*plan.view->visibility_m}))),
                   spoken(writeDistance(Metres{away}))),
          tr("+%1 %").arg(qRound(100 * f.value)),
          {}};
}

FindingWords crossedLight(const Plan& plan, const Finding& f) {
  return {
      tr("%1 is lit from another side").arg(capital(nameOf(plan, f.impressions[0]))),
      tr("You shaded it from where the scene's light does not come. All shading must agree with one light."),
      tr("%1°").arg(qRound(f.value)),
      {}};
}

FindingWords shadowWrongWay(const Plan& plan, const Finding& f) {
  return {tr("The shadow of %1 falls the wrong way").arg(nameOf(plan, f.impressions[0])),
          tr("A shadow runs away from the light: from the foot, in line with the ground below the light."),
          tr("%1°").arg(qRound(f.value)),
          {}};
}

FindingWords pathMisses(const Plan& plan, const Finding& f, MeasureStyle style) {
  return {tr("%1 misses the vanishing point").arg(capital(markAt(plan, f.mark))),
          tr("What runs straight away from the viewer meets at one point of the horizon; nearly there looks "
             "bent."),
          lengthText(f.value, style),
          {}};
}

/// What was found is a way of working: the question, by what made it come up or what was answered.
FindingWords asksStyle(const Plan& plan, const Finding& f) {
  const bool said = answerOf(plan.styles, *f.style).value_or(false);
  const QString value = said ? QString() : tr("%1 of a kind").arg(qRound(f.value));
  switch (*f.style) {
    case Style::ByEye:
      return {
          said ? tr("Sizes and rows are by eye here") : tr("Are sizes and rows by eye, as in a storybook?"),
          tr("Many things are larger or smaller than their distance asks."),
          value,
          {}};
    case Style::AllOver:
      return {said ? tr("This is a pattern all over the card") : tr("Is this a pattern all over the card?"),
              tr("Things are everywhere, above the ground too, and touch as they come."),
              value,
              {}};
    case Style::Layers:
      return {said ? tr("Things stand in layers here") : tr("Is this a crowd, or leaves in layers?"),
              tr("Many things touch and cover each other."),
              value,
              {}};
  }
  return {};
}

QString styleAnswer(const Fix& fix) {
  if (fix.amount < 0) return tr("Ask me again");
  if (fix.style == Style::ByEye) return fix.amount > 0 ? tr("Yes, by eye") : tr("No, from one viewpoint");
  if (fix.style == Style::AllOver) return fix.amount > 0 ? tr("Yes, a pattern") : tr("No, a scene");
  return fix.amount > 0 ? tr("Yes, on purpose") : tr("No, tell me where they touch");
}

QString homeAnswer(Home home) {
  switch (home) {
    case Home::Air:
      return tr("It flies");
    case Home::Water:
      return tr("It floats or wades");
    case Home::Land:
      return tr("It stands on land");
    case Home::Usual:
      break;
  }
  return tr("As is usual for it");
}

QString fixWords(const Plan& plan, const Fix& fix, MeasureStyle style) {
  switch (fix.what) {
    case Fix::What::SayHome:
      return homeAnswer(fix.home);
    case Fix::What::SayStyle:
      return styleAnswer(fix);
    case Fix::What::MoveFoot:
      return tr("Move it %1").arg(moveWords(plan.impressions[ix(fix.impression)].at, fix.to, style));
    case Fix::What::PutInFront:
      return tr("Put it in front of %1").arg(nameOf(plan, fix.other));
    case Fix::What::DropInFront:
      return tr("Let %1 go behind %2").arg(nameOf(plan, fix.impression), nameOf(plan, fix.other));
    case Fix::What::MoveFeet:
      return tr("Space them evenly");
    case Fix::What::Press: {
      const Impression& thing = plan.impressions[ix(fix.impression)];
      const QString pressing = tr("pressing %1").arg(fix.generation);
      return fix.ink == thing.ink ? tr("Stamp it as %1").arg(pressing)
                                  : tr("Stamp it in %1, %2").arg(inkName(*plan.ink(fix.ink)), pressing);
    }
    case Fix::What::LightAsScene:
      return tr("Shade it as the light falls");
    case Fix::What::EndMark:
      return tr("Bring its end %1").arg(moveWords(plan.ground[ix(fix.other)].along.back(), fix.to, style));
    case Fix::What::DropMark:
      return tr("Take %1 away").arg(markAt(plan, fix.other));
    case Fix::What::Turn:
      return fix.amount == 0 ? tr("Set it level") : tr("Turn it to %1°").arg(fix.amount, 0, 'f', 0);
    case Fix::What::MakeHero:
      return tr("Make %1 the hero").arg(nameOf(plan, fix.impression));
    case Fix::What::School: {
      if (fix.school == School::PopUp &&
          factsOf(plan.stamp(plan.impressions[ix(fix.impression)].stamp)->role).words)
        return tr("Put it on a strip of its own");
      if (!fix.ink.empty()) return tr("Emboss it in %1").arg(inkName(*plan.ink(fix.ink)));
      return fix.school == School::Resist ? tr("Emboss it instead of masking")
                                          : tr("Do it by %1").arg(schoolName(fix.school));
    }
    case Fix::What::First:
      return tr("Stamp it before the others");
    case Fix::What::TakeOut:
      return tr("Leave %1 out").arg(nameOf(plan, fix.impression));
    case Fix::What::WashReach:
      return tr("Let %1 reach over %2 % only")
          .arg(washName(plan.washes[ix(fix.other)]))
          .arg(qRound(100 * fix.amount));
    case Fix::What::WashStrength:
      return tr("Blend %1 at %2 %").arg(washName(plan.washes[ix(fix.other)])).arg(qRound(100 * fix.amount));
    case Fix::What::SoftenWash:
      return tr("Let %1 end softly, over %2")
          .arg(washName(plan.washes[ix(fix.other)]), lengthText(fix.amount, style));
    case Fix::What::LayEdge:
      return tr("Lay a strip of tape there");
    case Fix::What::DropWish:
      return tr("Forget the wish");
    case Fix::What::DropWash:
      return tr("Leave %1 out").arg(washName(plan.washes[ix(fix.other)]));
    case Fix::What::AddWashes:
      return fix.washes.empty() ? QString() : tr("Blend %1").arg(washName(fix.washes[0]));
    case Fix::What::PressAll:
      return fix.feet.size() == 1
                 ? tr("Stamp it in %1").arg(inkName(*plan.ink(fix.ink)))
                 : tr("Stamp all %1 in %2").arg(fix.feet.size()).arg(inkName(*plan.ink(fix.ink)));
    case Fix::What::KeepClean:
      return tr("Keep it clean of %1").arg(washName(plan.washes[ix(fix.other)]));
    case Fix::What::ShadeAway:
      return tr("Shade it away from the light");
    case Fix::What::PalerColour:
      return tr("Colour it paler");
    case Fix::What::LetterHeight:
      return tr("Letter it %1 high").arg(lengthText(fix.amount, style));
    case Fix::What::DropHandwork:
      return tr("Take it off the plan");
    case Fix::What::Quieter:
      return fix.feet.size() == 1 ? tr("Stamp it a pressing later") : tr("Stamp them a pressing later");
  }
  return {};
}

}  // namespace

QString moveWords(Point from, Point to, MeasureStyle style) {
  QStringList parts;
  const double dx = to.x - from.x, dy = to.y - from.y;
  if (std::abs(dx) >= 0.05)
    parts << (dx < 0 ? tr("%1 left") : tr("%1 right")).arg(lengthText(std::abs(dx), style));
  if (std::abs(dy) >= 0.05)
    parts << (dy < 0 ? tr("%1 down") : tr("%1 up")).arg(lengthText(std::abs(dy), style));
  return parts.isEmpty() ? tr("a hair") : parts.join(QStringLiteral(", "));
}

// A rule without words does not compile: no default here.
#pragma GCC diagnostic push
#pragma GCC diagnostic error "-Wswitch"
FindingWords wordsOf(const Plan& plan, const Analysis& analysis, const Finding& f, MeasureStyle style) {
  FindingWords words;
  switch (f.kind) {
    case FindingKind::OutOfScale:
      words = outOfScale(plan, analysis, f);
      break;
    case FindingKind::AsksStyle:
      words = asksStyle(plan, f);
      break;
    case FindingKind::Floating:
      words = floating(plan, f, style);
      break;
    case FindingKind::WhollyHidden:
      words = whollyHidden(plan, f);
      break;
    case FindingKind::OffPanel:
      words = offPanel(plan, f);
      break;
    case FindingKind::HorizonMeetsHead:
      words = horizonMeetsHead(plan, f, style);
      break;
    case FindingKind::Cycle:
      words = cycle(plan, f);
      break;
    case FindingKind::NoGround:
      words = noGround(plan, f, style);
      break;
    case FindingKind::BranchFromNowhere:
      words = branch(plan, f, style);
      break;
    case FindingKind::DrawnBehind:
      words = drawnBehind(plan, f, style);
      break;
    case FindingKind::Spacing:
      words = spacing(plan, f);
      break;
    case FindingKind::Tone:
      words = toneRecedes(plan, analysis, f);
      break;
    case FindingKind::CrossedLight:
      words = crossedLight(plan, f);
      break;
    case FindingKind::ShadowWrongWay:
      words = shadowWrongWay(plan, f);
      break;
    case FindingKind::PathMissesVanishing:
      words = pathMisses(plan, f, style);
      break;
    case FindingKind::NoHero:
    case FindingKind::SeveralHeroes:
    case FindingKind::HeroHidden:
    case FindingKind::Rival:
    case FindingKind::Sunk:
    case FindingKind::OneColour:
    case FindingKind::GreetingIllegible:
    case FindingKind::GreetingCrowded:
    case FindingKind::GreetingOffLevel:
    case FindingKind::GreetingOverBorder:
    case FindingKind::Merging:
    case FindingKind::KissingEdges:
    case FindingKind::LookingOut:
    case FindingKind::Crowded:
    case FindingKind::Clones:
    case FindingKind::LinesLeadAway:
    case FindingKind::Unbalanced:
      words = focusWords(plan, analysis, f, style).value_or(FindingWords{});
      break;
    case FindingKind::DyeOnDark:
    case FindingKind::LightOverDark:
    case FindingKind::WaterNearDye:
    case FindingKind::MarkerOverBleeding:
    case FindingKind::PowderOnDamp:
    case FindingKind::SlowInkUnderMask:
    case FindingKind::WetMask:
    case FindingKind::MaskFiddly:
    case FindingKind::MuddyBlend:
    case FindingKind::WashWithoutArea:
    case FindingKind::BorderNothingMakes:
    case FindingKind::WishImpossible:
    case FindingKind::OrderImpossible:
    case FindingKind::WhiteUnder:
    case FindingKind::UnevenGround:
    case FindingKind::AcrossRim:
    case FindingKind::PartUntold:
    case FindingKind::TooLateToDry:
    case FindingKind::HandworkGone:
    case FindingKind::RegionOpen:
    case FindingKind::LetteringRoom:
    case FindingKind::HeroUncoloured:
    case FindingKind::ColourJumpsOut:
    case FindingKind::ShadeOnLitSide:
      words = inkWords(plan, analysis, f).value_or(FindingWords{});
      break;
  }
  if (f.fix) words.fix = fixWords(plan, *f.fix, style);
  if (f.instead) words.instead = fixWords(plan, *f.instead, style);
  return words;
}
#pragma GCC diagnostic pop

QString readingSummary(const Analysis& analysis) {
  if (analysis.meetings.placed.empty()) return tr("There is nothing on the card yet.");
  const auto count = [&](Level level) {
    return static_cast<int>(std::count_if(analysis.findings.begin(), analysis.findings.end(),
                                          [&](const Finding& f) { return f.level == level && !f.known; }));
  };
  const int faults = count(Level::Fault), warnings = count(Level::Warn);
  if (faults == 0 && warnings == 0) return tr("Nothing stands wrong: sizes, feet and edges agree.");
  if (faults == 0)
    return warnings == 1 ? tr("One thing to look at.") : tr("%1 things to look at.").arg(warnings);
  const QString wrong = faults == 1 ? tr("One thing is wrong") : tr("%1 things are wrong").arg(faults);
  if (warnings == 0) return wrong + u'.';
  return tr("%1, %2 more to look at.").arg(wrong).arg(warnings);
}

}  // namespace havlo
