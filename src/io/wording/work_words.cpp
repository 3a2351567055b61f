// Each word list is a switch, so that the compiler misses none.
#include "io/wording/work_words.h"

#include <algorithm>

#include "core/chain/fine_parts.h"
#include "core/pieces/heights.h"
#include "io/wording/hand_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

/// Where on a thing a point lies: "at its upper left", "in its middle".
QString whereOn(const Placed& placed, Point p) {
  const Box box = placed.onPanel.box();
  const double u = (p.x - box.left) / std::max(1e-9, box.width()),
               v = (p.y - box.bottom) / std::max(1e-9, box.height());
  const int column = u < 0.34 ? 0 : u > 0.66 ? 2 : 1, row = v < 0.34 ? 0 : v > 0.66 ? 2 : 1;
  static const char* const words[3][3] = {
      {QT_TRANSLATE_NOOP("Work", "at its lower left"), QT_TRANSLATE_NOOP("Work", "at its foot"),
       QT_TRANSLATE_NOOP("Work", "at its lower right")},
      {QT_TRANSLATE_NOOP("Work", "at its left side"), QT_TRANSLATE_NOOP("Work", "in its middle"),
       QT_TRANSLATE_NOOP("Work", "at its right side")},
      {QT_TRANSLATE_NOOP("Work", "at its upper left"), QT_TRANSLATE_NOOP("Work", "at its top"),
       QT_TRANSLATE_NOOP("Work", "at its upper right")}};
  return tr(words[row][column]);
}

/// The number under which a maker sees a step of the sheet, from 1.
int shownNumber(const RunSheet& sheet, int step) {
  const std::vector<int> shown = stepsToShow(sheet);
  return static_cast<int>(std::lower_bound(shown.begin(), shown.end(), step - 1) - shown.begin()) + 1;
}

QString areaWords(double mm2) { return tr("%1 mm²").arg(mm2, 0, 'f', 1); }

}  // namespace

QString explainedWords(const Plan& plan, const Simulation& s, size_t most) {
  QStringList said;
  double rest = 0;
  for (size_t k = 0; k < s.explained.size(); ++k) {
    const Explained& e = s.explained[k];
    if (k >= most || e.area_mm2 < 0.05) {
      rest += e.area_mm2;
      continue;
    }
    said << (e.why == Excuse::AlongEdge ? tr("%1 along what covers %2")
                                        : tr("%1 where %2 is too fine to cover"))
                .arg(areaWords(e.area_mm2), nameOf(plan, e.thing));
  }
  if (rest >= 0.05) said << tr("%1 elsewhere at such edges").arg(areaWords(rest));
  return said.join(QStringLiteral(", "));
}

QString blameWords(const Plan& plan, const Analysis& a, const Difference& d) {
  const Blame& b = d.blame;
  const QString step = b.step > 0 ? tr("Step %1").arg(shownNumber(a.sheet, b.step)) : QString();
  const auto name = [&](int i) { return nameOf(plan, i); };
  const auto where = [&](int i) { return whereOn(*a.meetings.placed[ix(i)], d.at); };
  switch (b.kind) {
    case Blame::Kind::RanOver:
      return b.stampedYet ? tr("%1 printed %2 across %3, %4: %3 was not covered.")
                                .arg(step, name(b.back), name(b.front), where(b.front))
                          : tr("%1 printed %2 where %3 belongs, %4: %3 was not there yet.")
                                .arg(step, name(b.back), name(b.front), where(b.front));
    case Blame::Kind::Missing:
      return tr("%1 left a gap in %2, %4: a mask on %3 kept the ink out.")
          .arg(step, name(b.back), name(b.front), where(b.back));
    case Blame::Kind::Coloured:
      return tr("%1 blended %2 over %3, %4: %3 was not covered.")
          .arg(step, washName(plan, b.wash), name(b.front), where(b.front));
    case Blame::Kind::LeftPlain:
      return tr("%1 left a plain patch in %2: a mask on %3 kept it out.")
          .arg(step, washName(plan, b.wash), name(b.front));
    case Blame::Kind::OutOfTurn:
      return tr("%1 printed %2 on top of %3, %4: it belongs below.")
          .arg(step, name(b.back), name(b.front), where(b.front));
    case Blame::Kind::Seeped:
      return tr("In %1 ink came through the worn mask on %2, %3.")
          .arg(step.left(1).toLower() + step.mid(1), name(b.front), where(b.front));
    case Blame::Kind::Displaced:
      return tr("%1 printed %2 beside where it was planned.").arg(step, name(b.back));
    case Blame::Kind::OtherInk:
      return tr("%1 printed %2 in another ink than planned.").arg(step, name(b.back));
    case Blame::Kind::NotWiped:
      return tr("Ink of %1 lies on the embossing of %2 and was never wiped off.")
          .arg(step.left(1).toLower() + step.mid(1), name(b.front));
    case Blame::Kind::ByHand:
      return tr("%1 was %2 across %3: %3 was not there yet to end at.")
          .arg(step, handActWords(plan, a.hand->all()[ix(b.hand)].act), name(b.front));
    case Blame::Kind::Omitted:
      if (b.hand >= 0)
        return tr("%1 was left out.").arg(capital(handActWords(plan, a.hand->all()[ix(b.hand)].act)));
      return b.wash >= 0 ? tr("%1 was never blended.").arg(capital(washName(plan, b.wash)))
                         : tr("%1 was never stamped.").arg(capital(name(b.back)));
    case Blame::Kind::TooFine:
      if (const auto part = finePart(plan, a, d); part && part->kind == FiddlyPart::Kind::Hole)
        return tr("%1 between the parts of %2 stay covered, the gap is too small to cut out: choose it to be "
                  "cut "
                  "all the same, or another way for it.")
            .arg(areaWords(d.area_mm2), name(b.front));
      return tr("%1 of %2 cannot be covered, it is too fine to cut: choose the part to be cut all the same, "
                "or "
                "another way for it.")
          .arg(areaWords(d.area_mm2), name(b.front));
    case Blame::Kind::Unknown:
      break;
  }
  return tr("The card differs here from what was planned.");
}

QString schoolWords(School t) {
  switch (t) {
    case School::Mask:
      return tr("stamp the front first, cover it, stamp behind it");
    case School::Overprint:
      return tr("stamp what is behind first, the front straight on top");
    case School::Resist:
      return tr("emboss the front clear; ink wipes off it");
    case School::LeaveOut:
      return tr("tape over part of the inked rubber, so a gap is left for the front");
    case School::WipeOff:
      return tr("wipe ink off part of the rubber before pressing");
    case School::PopUp:
      return tr("the front on its own piece, cut out and raised on foam");
    case School::Across:
      return tr("stamped last, over the rim of what is glued flat on the panel");
  }
  return {};
}

QString obstacleWords(Obstacle o) {
  switch (o) {
    case Obstacle::NothingToCut:
      return tr("too thin to cut a mask for");
    case Obstacle::ShowsThrough:
      return tr("what is behind would show through");
    case Obstacle::SinksIn:
      return tr("dye sinks into the dark ground");
    case Obstacle::DriesTooFast:
      return tr("this ink is dry before powder clings to it; a clear embossing pen would be needed");
    case Obstacle::WaterUnderHeat:
      return tr("the ink runs as soon as it is damp");
    case Obstacle::LargeGap:
      return tr("most of the other stamp would be taped off");
    case Obstacle::LongRepair:
      return tr("many lines to join again by pen");
    case Obstacle::SoftEdge:
      return tr("a long soft edge");
    case Obstacle::HasFront:
      return tr("something stands in front of it");
    case Obstacle::TooThick:
      return tr("too thick for the post");
    case Obstacle::TooSmall:
      return tr("too small to cut out and hold foam");
  }
  return {};
}

QString reasonWords(SchoolReason r) {
  switch (r) {
    case SchoolReason::NothingBehind:
      return tr("nothing comes near behind it, so any way will do");
    case SchoolReason::DarkAndSolid:
      return tr("solid, and darker than all behind it: no mask is needed");
    case SchoolReason::ManySmall:
      return tr("one of many small ones, tedious to mask");
    case SchoolReason::SmallGap:
      return tr("only a small gap in one big stamp");
    case SchoolReason::Fiddly:
      return tr("too fine to cut a mask for");
    case SchoolReason::Coloured:
      return tr("line art that will be coloured, or a wash goes round it");
    case SchoolReason::HeroAlone:
      return tr("the hero, with much behind it: one piece saves many masks");
    case SchoolReason::OnPiece:
      return tr("it is on a piece of paper of its own");
    case SchoolReason::AcrossRim:
      return tr("it goes over the rim of what is glued on");
    case SchoolReason::LittleToSave:
      return tr("a mask would keep out next to nothing here");
    case SchoolReason::AsPlanned:
      return tr("as planned is least work in the end");
  }
  return {};
}

std::vector<MaskSaving> littleSaved(const SchoolComparison& c) {
  std::vector<MaskSaving> out;
  for (const MaskSaving& s : c.savings)
    if (c.advice[ix(s.impression)].best == School::Overprint && s.minutes > 0) out.push_back(s);
  return out;
}

QString littleSavedWords(const Plan& plan, const std::vector<MaskSaving>& savings) {
  double mm2 = 0, minutes = 0;
  std::vector<int> things;
  for (const MaskSaving& s : savings)
    mm2 += s.saves_mm2, minutes += s.minutes, things.push_back(s.impression);
  return tr("Without masks on %1 about %2 of what is behind would show through; %3 saved.")
      .arg(listOf(plan, things), areaWords(mm2), minutesWords(minutes));
}

QString joinName(const Plan& plan, const Join& j) {
  return tr("%1 against %2")
      .arg(nameOf(plan, j.front), j.wash >= 0 ? washName(plan, j.wash) : nameOf(plan, j.back));
}

QString chanceWords(double chance) {
  if (chance <= 0) return tr("never");
  if (chance < 0.01) return tr("under 1 %");
  if (chance > 0.99 && chance < 1) return tr("over 99 %");
  return tr("%1 %").arg(chance * 100, 0, 'f', 0);
}

QString easeWords(const Plan& plan, const Join& j, const JoinEase& e) {
  switch (e.how) {
    case JoinEase::How::Inset:
      return tr("cut the masks %1 mm inside the line: %2")
          .arg(e.inset_mm, 0, 'f', 2)
          .arg(chanceWords(e.chance));
    case JoinEase::How::FootMark:
      return tr("mark the foot on the mask and lay it by the mark: %1").arg(chanceWords(e.chance));
    case JoinEase::How::PopUp:
      return tr("%1 on a piece of its own: nothing to join").arg(nameOf(plan, j.front));
    case JoinEase::How::Resist:
      return tr("emboss %1: ink wipes off it").arg(nameOf(plan, j.front));
  }
  return {};
}

QString mishapWords(Mishap m) {
  switch (m) {
    case Mishap::LineInto:
      return tr("A line ran into it");
    case Mishap::Gap:
      return tr("A white gap");
    case Mishap::MissedSpot:
      return tr("A spot did not print");
    case Mishap::Smudge:
      return tr("A smudge");
    case Mishap::Misplaced:
      return tr("It landed beside its place");
    case Mishap::WornMask:
      return tr("Ink came through a worn mask");
    case Mishap::Other:
      return tr("Something else");
  }
  return {};
}

QString mendWords(const Plan& plan, const MendWay& way) {
  const Ink* ink = way.ink.empty() ? nullptr : plan.ink(way.ink);
  const QString with = ink ? tr(" %1 comes nearest.").arg(inkName(*ink)) : QString();
  switch (way.how) {
    case Mend::PressAgain:
      return tr(
          "Leave the card in the hinged positioner, ink the stamp again and press once more in the same "
          "place.");
    case Mend::TypePlace:
      return tr(
          "Measure where its foot is now and type that in the plan: everything that follows is worked out "
          "anew.");
    case Mend::FinePen:
      return tr("Draw the missing line in with a fine pen.") + with;
    case Mend::MarkerInGap:
      return tr("Put the mask back on and fill the pale gap with a marker or a small brush.") + with;
    case Mend::MarkerOver:
      return tr("When it is dry, go over the line with a marker that nearly matches the ground.") + with;
    case Mend::TapePatch:
      return tr("Cover all round the spot with scrap tape and do it once more there, lightly.");
    case Mend::SandEraser:
      return tr(
          "When it is dry, take it off with a sand eraser, a little at a time. Do not breathe the dust in.");
    case Mend::Filler:
      return tr("Stamp a small filler over it: a tuft, a leaf, a bird.");
    case Mend::StripOver:
      return tr("Stamp the words on a strip of their own and put that over it.");
    case Mend::PieceOver:
      return tr("Stamp it again on a piece of its own, cut it out and put it over.");
    case Mend::WriteDown:
      break;
  }
  return tr("Write down what happened; it is kept with this card.");
}

QString neededWords(const Plan& plan, const Analysis& a) {
  QStringList stamps, inks, more;
  for (const StampRef& s : plan.stamps)
    if (std::any_of(plan.impressions.begin(), plan.impressions.end(),
                    [&](const Impression& i) { return i.stamp == s->id; }))
      stamps << stampName(*s);
  for (const Ink& ink : plan.inks) {
    const auto uses = [&](const auto& list) {
      return std::any_of(list.begin(), list.end(), [&](const auto& x) { return x.ink == ink.id; });
    };
    if (uses(plan.impressions) || uses(plan.washes)) inks << inkName(ink);
  }
  const auto does = [&](Do what) {
    return std::any_of(a.sheet.steps.begin(), a.sheet.steps.end(),
                       [&](const Step& s) { return s.what == what; });
  };
  more << tr("scrap paper");
  if (a.masksToCut() > 0)
    more << (a.masksToCut() == 1 ? tr("masking paper for one mask, scissors or a blade")
                                 : tr("masking paper for %1 masks, scissors or a blade").arg(a.masksToCut()));
  if (does(Do::Tape)) more << tr("low-tack tape");
  if (does(Do::Wash)) more << tr("a blending tool for each wash");
  if (does(Do::Emboss)) more << tr("clear powder and the heat tool (it burns: mind its label)");
  if (does(Do::Wipe)) more << tr("a soft dry cloth");
  const auto byHand = [&](auto is) {
    return std::any_of(plan.colourings.begin(), plan.colourings.end(),
                       [&](const Colouring& c) { return !c.bare && is(c); });
  };
  for (const auto& [way, words] :
       {std::pair(ColourWay::Marker, QT_TRANSLATE_NOOP("Havlo", "markers: %1")),
        {ColourWay::Pencil, QT_TRANSLATE_NOOP("Havlo", "pencils: %1")},
        {ColourWay::Brush, QT_TRANSLATE_NOOP("Havlo", "a brush, water and %1")},
        {ColourWay::Blend, QT_TRANSLATE_NOOP("Havlo", "small blending tools: %1")}}) {
    QStringList colours;
    for (const Ink& ink : plan.inks)
      if (byHand([&, w = way](const Colouring& c) { return c.way == w && c.ink == ink.id; }))
        colours << inkName(ink);
    if (!colours.isEmpty()) more << tr(words).arg(colours.join(QStringLiteral(", ")));
  }
  if (does(Do::Pencil)) more << tr("a soft pencil, a ruler and an eraser");
  if (does(Do::Draw)) more << tr("a fine pen");
  QStringList accents;
  for (const Accent& accent : plan.accents)
    if (!accents.contains(accentName(accent.kind))) accents << accentName(accent.kind);
  if (!accents.isEmpty()) more << tr("what is needed for %1").arg(accents.join(QStringLiteral(", ")));
  if (!plan.card.mats.empty())
    more << (plan.card.mats.size() == 1 ? tr("paper for the mat")
                                        : tr("paper for %1 mats").arg(plan.card.mats.size()));
  if (plan.card.base) more << tr("card for the base");
  for (const Piece& piece : plan.pieces)
    if (piece.kind == PieceKind::Envelope) more << tr("the envelope");
  QStringList foam;
  if (plan.card.raise_mm > 0) foam << spoken(QStringLiteral("%1 mm").arg(plan.card.raise_mm, 0, 'g', 3));
  for (const Glued& g : gluedOn(plan)) {
    const double high =
        g.impression >= 0 ? foamUnder(plan.impressions[ix(g.impression)]) : plan.pieces[ix(g.piece)].raise_mm;
    const QString words = spoken(QStringLiteral("%1 mm").arg(high, 0, 'g', 3));
    if (high > 0 && !foam.contains(words)) foam << words;
  }
  if (!foam.isEmpty()) more << tr("foam of %1").arg(foam.join(tr(" and ")));
  if (does(Do::Glue)) more << tr("adhesive: strips that hold at once, or glue that leaves time to push");
  if (does(Do::Score)) more << tr("a scoring tool");
  return tr("Have ready\n\nStamps: %1.\n\nInks: %2.\n\nAnd %3.")
      .arg(stamps.join(QStringLiteral(", ")), inks.join(QStringLiteral(", ")),
           more.join(QStringLiteral(", ")));
}

QStringList orderTroubles(const Plan& plan, const Analysis& a) {
  QStringList out;
  for (const OrderRule& r : a.orderState.broken)
    out << tr("%1 comes before %2, but must come after it.")
               .arg(labelOf(plan, r.then), nameOf(plan, r.first));
  for (const UnmetPin& p : a.orderState.unmet)
    out << (p.impression >= 0 ? tr("%1 cannot be first: something must be stamped before it.")
                                    .arg(labelOf(plan, p.impression))
                              : tr("%1 cannot be used in one go.").arg(inkName(plan.inks[ix(p.ink)])));
  out.removeDuplicates();
  return out;
}

}  // namespace havlo
