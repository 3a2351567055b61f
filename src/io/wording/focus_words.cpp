// One function for findings of the eye, one for sentences about looks.
#include "io/wording/focus_words.h"

#include <QStringList>
#include <algorithm>
#include <cmath>

#include "io/wording/names.h"
#include "io/wording/piece_words.h"
#include "io/wording/say.h"
#include "io/wording/view_words.h"

namespace havlo {
namespace {

QString ratio(double r) { return tr("%1 : 1").arg(r, 0, 'f', 1); }

const Rival* rivalOf(const Analysis& a, int thing) {
  if (!a.looks) return nullptr;
  for (const Rival& r : a.looks->rivals)
    if (r.thing == thing) return &r;
  return nullptr;
}

FindingWords rivalWords(const Plan& plan, const Analysis& a, const Finding& f) {
  const int hero = a.looks ? a.looks->hero : -1;
  const QString name = capital(f.piece >= 0 ? pieceName(plan, f.piece) : nameOf(plan, f.impressions[0]));
  const QString heroName = hero >= 0 ? nameOf(plan, hero) : tr("the hero");
  const Rival* r = f.piece >= 0 ? nullptr : rivalOf(a, f.impressions[0]);
  FindingWords w;
  w.text = f.value > f.other ? tr("%1 is seen before %2").arg(name, heroName)
                             : tr("%1 competes with %2").arg(name, heroName);
  w.why = r ? tr("It has %1. One thing should be seen first.").arg(whyWords(*r))
            : tr("One thing should be seen first.");
  w.value = tr("%1 to %2").arg(shareWords(f.value), shareWords(f.other));
  return w;
}

}  // namespace

QString whyWords(const Rival& rival) {
  QStringList parts;
  for (RivalWhy why : rival.why) switch (why) {
      case RivalWhy::Contrast:
        parts << tr("the stronger contrast of light and dark");
        break;
      case RivalWhy::Colour:
        parts << tr("the stronger colour");
        break;
      case RivalWhy::Size:
        parts << tr("the greater size");
        break;
      case RivalWhy::Isolation:
        parts << tr("more room around it");
        break;
      case RivalWhy::Edge:
        parts << tr("a place at the edge of the card");
        break;
    }
  if (parts.size() < 2) return parts.join(QString());
  const QString last = parts.takeLast();
  return tr("%1 and %2").arg(parts.join(QStringLiteral(", ")), last);
}

std::optional<FindingWords> focusWords(const Plan& plan, const Analysis& a, const Finding& f,
                                       MeasureStyle style) {
  const auto name = [&](size_t k) { return nameOf(plan, f.impressions[k]); };
  const auto Name = [&](size_t k) { return capital(name(k)); };
  switch (f.kind) {
    case FindingKind::NoHero:
      return FindingWords{tr("No hero is chosen"),
                          tr("Without one thing that is meant to be seen first, all of them compete."),
                          qRound(f.value) == 1 ? tr("1 thing") : tr("%1 things").arg(qRound(f.value)),
                          {}};
    case FindingKind::SeveralHeroes:
      return FindingWords{tr("%1 are all heroes").arg(capital(listOf(plan, f.impressions))),
                          tr("Only one thing can be seen first."),
                          tr("%1 heroes").arg(qRound(f.value)),
                          {}};
    case FindingKind::HeroHidden:
      return FindingWords{f.impressions.size() > 1 ? tr("%1 is hidden by %2").arg(Name(0), name(1))
                          : f.piece >= 0 ? tr("%1 is hidden by %2").arg(Name(0), pieceName(plan, f.piece))
                                         : tr("%1 is cut off by the edge").arg(Name(0)),
                          tr("The hero should be seen whole, or nearly so."),
                          tr("%1 shows").arg(shareWords(f.value)),
                          {}};
    case FindingKind::Rival:
      return rivalWords(plan, a, f);
    case FindingKind::Sunk:
      return FindingWords{
          tr("%1 sinks into what lies around it").arg(Name(0)),
          tr("Their colours hardly differ. From about 10 on they are told apart at a glance."),
          tr("%1 apart").arg(f.value, 0, 'f', 0),
          {}};
    case FindingKind::OneColour:
      return FindingWords{tr("Everything is of one colour"),
                          f.other > 0
                              ? tr("It is all in one ink: the hero has no colour of its own to be seen by.")
                              : tr("Nothing stands out from anything, so nothing is seen first."),
                          f.other > 0 ? tr("one ink") : tr("all alike"),
                          {}};
    case FindingKind::GreetingIllegible:
      return FindingWords{
          tr("%1 is hard to read").arg(Name(0)),
          tr("Letters of this size want a contrast of %1 to their ground.").arg(ratio(f.other)),
          ratio(f.value),
          {}};
    case FindingKind::GreetingCrowded:
      return FindingWords{tr("%1 crowds %2").arg(Name(1), name(0)),
                          tr("A greeting wants room on every side, and nothing over it."),
                          tr("%1 mm²").arg(f.value, 0, 'f', 0),
                          {}};
    case FindingKind::GreetingOffLevel:
      return FindingWords{tr("%1 is off level").arg(Name(0)),
                          tr("Letters that lean a little look like a slip."),
                          tr("%1°").arg(f.value, 0, 'f', 1),
                          {}};
    case FindingKind::GreetingOverBorder:
      return FindingWords{tr("%1 comes too near the edge").arg(Name(0)),
                          tr("Trimming, tape and the mat take their share there."),
                          lengthText(std::max(0.0, f.value), style),
                          {}};
    case FindingKind::Merging:
      return FindingWords{tr("%1 grows out of the head of %2").arg(Name(1), name(0)),
                          tr("What rises straight behind a head is taken for a part of it."),
                          lengthText(f.value, style),
                          {}};
    case FindingKind::KissingEdges:
      return FindingWords{
          tr("%1 and %2 touch at the edge").arg(Name(0), name(1)),
          tr("Outlines that meet without overlapping hold the eye, and it cannot tell which is nearer."),
          lengthText(f.value, style),
          {}};
    case FindingKind::LookingOut:
      return FindingWords{tr("%1 looks out of the picture").arg(Name(0)),
                          tr("The eye goes where it looks; it needs more room before it than behind it."),
                          tr("%1 ahead").arg(shareWords(f.value)),
                          {}};
    case FindingKind::Crowded:
      return FindingWords{tr("There is no plain space"),
                          tr("Without a place where nothing is, the hero has nothing to stand out from."),
                          tr("largest %1").arg(shareWords(f.value)),
                          {}};
    case FindingKind::Clones:
      return FindingWords{tr("%1 and %2 look like copies").arg(Name(0), name(1)),
                          tr("Vary the footing, the turn, the crop or the ink of one."),
                          lengthText(f.value, style),
                          {}};
    case FindingKind::LinesLeadAway:
      return FindingWords{tr("The lines of the picture lead past %1").arg(name(0)),
                          tr("%1 looks, rows and paths lead the eye elsewhere.").arg(qRound(f.other)),
                          lengthText(f.value, style),
                          {}};
    case FindingKind::Unbalanced:
      return FindingWords{f.value < 0 ? tr("The card tips to the left") : tr("The card tips to the right"),
                          tr("Nearly all its weight lies on one side."),
                          tr("%1 off the middle").arg(shareWords(std::fabs(f.value))),
                          {}};
    default:
      return {};
  }
}

namespace {

/// Moved by half a millimetre, the one or the other is first.
QString aboutAlike(const Plan& plan, const Looks& l) {
  const int first = l.ranking[0], next = l.ranking[1];
  return tr("Nothing is clearly first: %1 and %2 pull about alike (%3 and %4).")
      .arg(nameOf(plan, first), nameOf(plan, next), shareWords(l.shares[ix(first)]),
           shareWords(l.shares[ix(next)]));
}

}  // namespace

QString seenFirstWords(const Plan& plan, const Looks& l) {
  if (plan.impressions.empty()) return tr("There is nothing on the card yet.");
  if (l.hero < 0) {
    if (l.ranking.empty() || l.shares[ix(l.ranking[0])] <= 0)
      return tr("Nothing draws the eye, and no hero is chosen.");
    if (l.ranking.size() > 1 && !l.clearlyFirst())
      return aboutAlike(plan, l) + u' ' + tr("No hero is chosen.");
    const int first = l.ranking[0];
    return tr("%1 is seen first (%2 of the pull). No hero is chosen.")
        .arg(capital(nameOf(plan, first)), shareWords(l.shares[ix(first)]));
  }
  const QString hero = capital(nameOf(plan, l.hero)), share = shareWords(l.heroShare());
  const bool alike = l.ranking.size() > 1 && l.shares[ix(l.ranking[0])] > 0 && !l.clearlyFirst();
  if (alike && (l.heroRank > 1 || l.rivals.empty())) return aboutAlike(plan, l);
  if (l.heroRank == 1) {
    if (l.rivals.empty()) return tr("%1 is seen first (%2 of the pull).").arg(hero, share);
    return tr("%1 is seen first (%2 of the pull); %3 competes (%4).")
        .arg(hero, share, nameOf(plan, l.rivals[0].thing), shareWords(l.rivals[0].share));
  }
  if (l.heroShare() < 0.005) return tr("%1 is not seen at all.").arg(hero);
  return tr("%1 is seen before %2: %3 of the pull to %4.")
      .arg(capital(nameOf(plan, l.ranking[0])), nameOf(plan, l.hero), shareWords(l.shares[ix(l.ranking[0])]),
           share);
}

QString lineWords(const Plan& plan, const EyeLine& line, MeasureStyle style) {
  QString what;
  switch (line.kind) {
    case EyeLineKind::Facing:
      what = tr("%1 looks that way").arg(capital(nameOf(plan, line.thing)));
      break;
    case EyeLineKind::Row:
      what = tr("The row from %1").arg(nameOf(plan, line.thing));
      break;
    case EyeLineKind::Path:
      what = capital(markName(plan.ground[ix(line.mark)]));
      break;
  }
  return line.leads ? tr("%1: leads to the hero").arg(what)
                    : tr("%1: passes the hero by %2").arg(what, lengthText(line.misses_mm, style));
}

QString balanceWords(const Plan& plan, const Looks& l) {
  const double off = l.weight.x / plan.card.panel.width_mm - 0.5;
  const QString much = std::fabs(off) < 0.04  ? QString()
                       : std::fabs(off) < 0.1 ? tr("a little ")
                                              : tr("far ");
  if (much.isEmpty()) return tr("The weight lies in the middle.");
  return (off < 0 ? tr("The weight lies %1left of the middle (%2).")
                  : tr("The weight lies %1right of the middle (%2)."))
      .arg(much, shareWords(std::fabs(off)));
}

QString harmonyWords(Harmony harmony) {
  switch (harmony) {
    case Harmony::Akin:
      return tr("akin");
    case Harmony::Jarring:
      return tr("jarring");
    case Harmony::Apart:
      return tr("lively together");
    case Harmony::Opposite:
      return tr("opposites");
    case Harmony::Grey:
      break;
  }
  return tr("quiet together");
}

QString standsOutWords(double difference) {
  // From about 2.3 two colours can just be told apart; 10 is seen at a glance. Both common figures, from
  // memory.
  return difference < 2.3  ? tr("not at all")
         : difference < 10 ? tr("a little")
         : difference < 30 ? tr("well")
                           : tr("strongly");
}

QString paletteWords(const std::vector<Ink>& inks, const PaletteChoice& c) {
  const auto ink = [&](int i) { return inkName(inks[ix(i)]); };
  return tr("Hero in %1, sky in %2, ground in %3. The hero stands out %4, the two grounds %5. Hero and sky: "
            "%6; sky "
            "and ground: %7.")
      .arg(ink(c.hero), ink(c.sky), ink(c.ground), standsOutWords(c.heroContrast),
           standsOutWords(c.groundContrast))
      .arg(harmonyWords(c.heroSky), harmonyWords(c.skyGround));
}

QString verdict(const Plan& plan, const Analysis& a) {
  if (plan.impressions.empty()) return tr("There is nothing on the card yet.");
  const Finding* worst = nullptr;
  int open = 0;
  for (const Finding& f : a.findings) {
    if (f.known || f.level == Level::Note) continue;
    if (!worst) worst = &f;
    ++open;
  }
  if (!a.looks) return readingSummary(a);
  const Looks& l = *a.looks;
  const bool clear = l.hero >= 0 && l.heroRank == 1;
  const QString seen = seenFirstWords(plan, l);
  if (!worst)
    return clear ? tr("Clear. %1").arg(seen) : l.hero < 0 ? seen : tr("Not clear yet. %1").arg(seen);
  const QString first = wordsOf(plan, a, *worst, MeasureStyle::Millimetres).text;
  if (worst->kind == FindingKind::Rival)
    return tr("Not clear yet. %1").arg(worst->piece >= 0 ? first + u'.' : seen);
  if (open == 1)
    return tr("%1 One thing stands in the way: %2.").arg(seen, first.left(1).toLower() + first.mid(1));
  return tr("%1 %2 things stand in the way; first: %3.")
      .arg(seen)
      .arg(open)
      .arg(first.left(1).toLower() + first.mid(1));
}

}  // namespace havlo
