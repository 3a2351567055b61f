// Findings about inks, washes and masks.

#include "io/wording/focus_words.h"
#include "io/wording/hand_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

const Ink& inkAt(const Plan& plan, int i) { return *plan.ink(plan.impressions[ix(i)].ink); }

}  // namespace

std::optional<FindingWords> inkWords(const Plan& plan, const Analysis& analysis, const Finding& f) {
  const auto name = [&](size_t k) { return nameOf(plan, f.impressions[k]); };
  const auto Name = [&](size_t k) { return capital(name(k)); };
  switch (f.kind) {
    case FindingKind::DyeOnDark:
      return FindingWords{tr("Transparent ink vanishes on this paper: %1").arg(listOf(plan, f.impressions)),
                          tr("It can only darken what is there. Dark paper wants covering ink or embossing."),
                          tr("%1 apart").arg(f.value, 0, 'f', 0),
                          {}};
    case FindingKind::LightOverDark:
      return FindingWords{
          tr("%1 is printed over the darker %2 and does not show").arg(Name(0), name(1)),
          tr("Straight on top only the darker, covering ink shows. Otherwise stamp it first and mask it."),
          tr("%1 apart").arg(f.value, 0, 'f', 0),
          {}};
    case FindingKind::WaterNearDye:
      return FindingWords{tr("%1 would run under %2").arg(Name(0), washName(plan, f.wash)),
                          tr("%1 moves with water; a damp tool over it smears the lines.")
                              .arg(capital(inkName(inkAt(plan, f.impressions[0])))),
                          tr("dry in %1").arg(minutesWords(f.value)),
                          {}};
    case FindingKind::MarkerOverBleeding:
      return FindingWords{f.wash >= 0 ? tr("%1 would bleed under %2").arg(Name(0), washName(plan, f.wash))
                                      : tr("%1 would bleed under %2").arg(Name(0), name(1)),
                          tr("Alcohol markers dissolve %1. Use an ink that holds under them.")
                              .arg(inkName(inkAt(plan, f.impressions[0]))),
                          tr("dissolves"),
                          {}};
    case FindingKind::PowderOnDamp:
      return FindingWords{
          tr("Embossing %1 waits until %2 is dry")
              .arg(name(0), listOf(plan, {f.impressions.begin() + 1, f.impressions.end()})),
          tr("Powder clings to every damp ink near by. Stamped and embossed first it need not wait."),
          tr("%1 damp").arg(minutesWords(f.value)),
          {}};
    case FindingKind::SlowInkUnderMask:
      return FindingWords{tr("%1 must be dry before masks go on").arg(capital(listOf(plan, f.impressions))),
                          tr("%1 dries slowly: covered too soon it smears and sticks to the mask.")
                              .arg(capital(inkName(inkAt(plan, f.impressions[0])))),
                          minutesWords(f.value),
                          {}};
    case FindingKind::WetMask:
      return FindingWords{tr("The mask that goes on %1 is still wet").arg(name(0)),
                          tr("%1 stays wet on masking paper. Blot the mask, or let it dry before it moves.")
                              .arg(capital(inkName(inkAt(plan, f.impressions[1])))),
                          minutesWords(f.value),
                          {}};
    case FindingKind::MaskFiddly:
      return FindingWords{
          f.value >= 1 ? tr("No mask can be cut for %1").arg(name(0))
                       : tr("A mask of %1 leaves most of it bare").arg(name(0)),
          tr("Its parts are thinner than scissors can follow; what is behind runs across it."),
          tr("%1 % bare").arg(qRound(100 * f.value)),
          {}};
    case FindingKind::MuddyBlend:
      return FindingWords{
          tr("%1 and %2 blend to mud")
              .arg(capital(washName(plan, static_cast<int>(f.other))), washName(plan, f.wash)),
          tr("Where both lie, each takes away what the other lets through."),
          tr("%1 of colour lost").arg(f.value, 0, 'f', 0),
          {}};
    case FindingKind::WishImpossible: {
      const RefusedWish* refused = nullptr;
      for (const RefusedWish& r : analysis.actRules->refused())
        if (r.wish == static_cast<size_t>(f.value)) refused = &r;
      if (!refused || refused->against.size() < 2) return FindingWords{};
      QStringList way;
      for (int act : refused->against) way << actWords(plan, act);
      return FindingWords{tr("%1 cannot come before %2").arg(capital(way.last()), way.first()),
                          tr("What stands against it: first %1. All else of the order is as it was.")
                              .arg(way.join(tr(", then "))),
                          tr("a wish"),
                          {}};
    }
    case FindingKind::HandworkGone: {
      const HandWork& work = analysis.hand->all()[static_cast<size_t>(f.value)];
      return FindingWords{tr("%1 cannot be done").arg(capital(handActWords(plan, work.act))),
                          tr("What it names is not there: %1. It is kept, and done again when that is back.")
                              .arg(QString::fromStdString(work.gone)),
                          tr("left out"),
                          {}};
    }
    case FindingKind::RegionOpen:
      return FindingWords{
          tr("A coloured part of %1 is open").arg(name(0)),
          tr("Its outline stops, so nothing tells the hand where to end. A line by pen closes "
             "it."),
          tr("%1 mm open").arg(f.value, 0, 'f', 0),
          {}};
    case FindingKind::LetteringRoom: {
      const QString text = QString::fromStdString(plan.lines[ix(static_cast<int>(f.other))].text);
      if (f.impressions.empty())
        return FindingWords{tr("The letters “%1” are longer than their line").arg(text),
                            tr("Letters that have to be squeezed in at the end spoil a card late."),
                            tr("%1 mm too long").arg(f.value, 0, 'f', 0),
                            {}};
      return FindingWords{tr("The letters “%1” run into %2").arg(text, name(0)),
                          tr("What is lettered by hand wants its room kept plain."),
                          tr("%1 mm² of it in the way").arg(f.value, 0, 'f', 0),
                          {}};
    }
    case FindingKind::HeroUncoloured:
      return FindingWords{tr("%1 is white among coloured things").arg(Name(0)),
                          tr("Colour draws the eye: what is left white falls back, unless all else is grey. "
                             "Colour it, or leave it bare on purpose."),
                          tr("%1 are coloured").arg(f.value, 0, 'f', 0),
                          {}};
    case FindingKind::ColourJumpsOut:
      return FindingWords{
          tr("The colour of %1 jumps out").arg(name(0)),
          tr("It stands far behind %1 and is more colourful. With distance colours turn paler "
             "and greyer.")
              .arg(name(1)),
          tr("by %1").arg(f.value, 0, 'f', 0),
          {}};
    case FindingKind::ShadeOnLitSide:
      return FindingWords{tr("%1 is shaded on the side of the light").arg(Name(0)),
                          tr("The darker side is the one away from the light."),
                          tr("towards the light"),
                          {}};
    case FindingKind::OrderImpossible:
      return FindingWords{tr("%1 and %2 cannot both be had as they lie").arg(Name(0), washName(plan, f.wash)),
                          f.impressions.size() < 2
                              ? tr("The one should lie over the other, yet what it covers is stamped in "
                                   "between. Printed over "
                                   "everything at the end, it is free of that.")
                              : tr("The one should lie over the other, yet in between %1 must be stamped. "
                                   "Printed over everything "
                                   "at the end, it is free of that.")
                                    .arg(listOf(plan, {f.impressions.begin() + 1, f.impressions.end()})),
                          tr("a ring"),
                          {}};
    case FindingKind::UnevenGround:
      return FindingWords{
          tr("%1 is stamped over %2, which is raised").arg(Name(0), washName(plan, f.wash)),
          f.other > 0
              ? tr("Rubber does not reach into pressed paper. Stamp it first, press the relief last, or keep "
                   "the relief off it.")
              : tr("Rubber rests on the ridges and leaves gaps. Stamp it first, let the paste be the last, "
                   "or keep the paste off it."),
          tr("%1 mm²").arg(f.value, 0, 'f', 0),
          {}};
    case FindingKind::AcrossRim:
      return FindingWords{
          f.other > 1    ? tr("%1 should lie behind %2, but is stamped after it").arg(Name(0), name(1))
          : f.other == 1 ? tr("What lies under %1 stands on foam").arg(name(0))
                         : tr("Nothing is glued on under %1").arg(name(0)),
          f.other > 1    ? tr("What goes across a rim is stamped when all else is there, so it lies over it. "
                                 "Stamp it on the panel, or move it.")
          : f.other == 1 ? tr("A stamp prints across a low step only. Glue the piece on flat, or let it hide "
                              "what is under it.")
                         : tr("It is to be stamped across the rim of a piece; move it there, or stamp it on "
                              "the panel like the others."),
          f.other == 0 ? tr("no rim under it") : tr("%1 mm²").arg(f.value, 0, 'f', 0),
          {}};
    case FindingKind::WhiteUnder:
      return FindingWords{
          f.other > 0 ? tr("The white of %1 lies under %2").arg(name(0), washName(plan, f.wash))
                      : tr("The white of %1 stands on bare paper").arg(name(0)),
          f.other > 0 ? tr("It takes the blend's colour and is not white any more.")
                      : tr("%1 is kept off it, so that white lies on white. Printed over the blend it shows.")
                            .arg(capital(washName(plan, f.wash))),
          tr("differs by %1").arg(f.value, 0, 'f', 0),
          {}};
    case FindingKind::PartUntold:
      return FindingWords{
          tr("The part of %1 is no straight one").arg(name(0)),
          tr("No strip of tape makes it. The sheet of stamps to tape shows it; a line drawn across "
             "the stamp is told in words."),
          tr("%1 corners").arg(f.value, 0, 'f', 0),
          {}};
    case FindingKind::TooLateToDry:
      return FindingWords{tr("%1 is damp yet when all is done").arg(Name(0)),
                          tr("%1 dries slowly. Stamped early it dries while the rest is done.")
                              .arg(capital(inkName(inkAt(plan, f.impressions[0])))),
                          minutesWords(f.value),
                          {}};
    case FindingKind::BorderNothingMakes:
      return FindingWords{
          tr("Nothing makes the sharp border of %1").arg(washName(plan, f.wash)),
          f.other > 0 ? tr("A tool fades out. A sharp line across the card wants tape or an edge laid "
                           "there; or let it fade.")
                      : tr("A tool fades out where no mask, edge or frame lies. Bound it by one, or let "
                           "it end softly."),
          tr("%1 mm").arg(f.value, 0, 'f', 0),
          {}};
    case FindingKind::WashWithoutArea:
      return FindingWords{tr("Nothing is seen of %1").arg(washName(plan, f.wash)),
                          plan.washes[ix(f.wash)].strength <= 0 ? tr("It is blended without any strength.")
                          : plan.washes[ix(f.wash)].reach <= 0  ? tr("It reaches nowhere.")
                                                                : tr("Its area lies off the panel."),
                          tr("%1 mm²").arg(f.value, 0, 'f', 0),
                          {}};
    default:
      return {};
  }
}

}  // namespace havlo
