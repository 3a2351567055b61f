#include "io/wording/practice_words.h"

#include <cmath>

#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

QString metresAway(Metres m) {
  const double v = m.value;
  return v < 10 ? tr("%1 m").arg(v, 0, 'f', 1)
                : tr("%1 m").arg(v < 100 ? std::round(v) : std::round(v / 10) * 10, 0, 'f', 0);
}

/// "a bit over half way up".
QString wayUp(double share) {
  if (share < 0) return tr("below its foot");
  if (share < 0.15) return tr("just above its foot");
  if (share < 0.29) return tr("a quarter of the way up");
  if (share < 0.4) return tr("a third of the way up");
  if (share < 0.6) return tr("half way up");
  if (share < 0.71) return tr("two thirds of the way up");
  if (share < 0.85) return tr("three quarters of the way up");
  if (share < 1.08) return tr("at its top");
  return tr("%1 times its height above its foot").arg(share, 0, 'f', 1);
}

/// 0.63 mm, 12 mm: as fine as a hand can tell.
QString fine(double mm, MeasureStyle style) {
  return style == MeasureStyle::Inches ? lengthText(mm, style) : tr("%1 mm").arg(mm, 0, 'f', mm < 2 ? 1 : 0);
}

}  // namespace

QString drillName(Drill drill) {
  switch (drill) {
    case Drill::Order:
      return tr("In which order");
    case Drill::MaskChoice:
      return tr("Which papers must lie");
    case Drill::LayMask:
      return tr("Laying a mask");
    case Drill::NearAndFar:
      return tr("Near and far");
    case Drill::Tone:
      return tr("How pale a print is");
    case Drill::Horizon:
      return tr("Where the horizon is");
  }
  return {};
}

QString drillLesson(Drill drill) {
  switch (drill) {
    case Drill::Order:
      return tr("Put the steps of a card in order and lay the covers; the press shows what comes of it.");
    case Drill::MaskChoice:
      return tr("What is stamped already and would be run over must be covered. Nothing else need be.");
    case Drill::LayMask:
      return tr("Lay the paper on its print, or draw and cut it yourself, and see the join it gives.");
    case Drill::NearAndFar:
      return tr("Higher feet, smaller things, paler prints and what is hidden by others lie farther away.");
    case Drill::Tone:
      return tr("Mist takes contrast away. Tell by eye how much of it a later pressing has kept.");
    case Drill::Horizon:
      return tr("It runs at the height of the eye, and cuts all things of one height at one share of them.");
  }
  return {};
}

QString adviceWords(const DrillAdvice& a) {
  const int n = a.count;
  switch (a.why) {
    case DrillReason::Mishaps:
      if (a.what == Drill::MaskChoice)
        return n == 1 ? tr("A line ran into something lately.")
                      : tr("Lines ran into something %1 times lately.").arg(n);
      if (a.what == Drill::LayMask)
        return n == 1 ? tr("A join showed lately.") : tr("%1 joins showed lately.").arg(n);
      return n == 1 ? tr("A later pressing came out otherwise than wanted lately.")
                    : tr("%1 later pressings came out otherwise than wanted lately.").arg(n);
    case DrillReason::OwnHands:
      return tr("Your papers lie farther off than papers usually do.");
    case DrillReason::NextCard:
      switch (a.what) {
        case Drill::MaskChoice:
          return n == 1 ? tr("Your card needs a paper to lie.")
                        : tr("Your card has up to %1 papers lying at once.").arg(n);
        case Drill::LayMask:
          return n == 1 ? tr("One thing on your card is covered.")
                        : tr("%1 things on your card are covered.").arg(n);
        case Drill::Order:
          return tr("Your card mixes covering and stamping over.");
        case Drill::Tone:
          return n == 1 ? tr("One print on your card is a later pressing.")
                        : tr("%1 prints on your card are later pressings.").arg(n);
        case Drill::NearAndFar:
          return tr("%1 things stand near and far on your card.").arg(n);
        case Drill::Horizon:
          return n == 1 ? tr("One thing on your card does not fit its horizon.")
                        : tr("%1 things on your card do not fit its horizon.").arg(n);
      }
      return {};
    case DrillReason::Weak:
      return tr("It went badly lately.");
    case DrillReason::Untried:
      return tr("Not tried yet.");
    case DrillReason::Kept:
      return tr("To stay in practice.");
  }
  return {};
}

QString standingWords(const Standing& s) {
  if (s.done == 0) return tr("level 1 of %1").arg(kTopLevel);
  if (s.mastered) return tr("mastered");
  return s.done == 1 ? tr("level %1 of %2, 1 answer").arg(s.level).arg(kTopLevel)
                     : tr("level %1 of %2, %3 answers").arg(s.level).arg(kTopLevel).arg(s.done);
}

QString questionWords(const Plan& plan, const Analysis& a, const Question& q) {
  switch (q.what) {
    case Drill::NearAndFar:
      return q.things.size() == 2 ? tr("Press the one of the two that is nearer to you.")
                                  : tr("Press them from the nearest to the farthest.");
    case Drill::MaskChoice: {
      const Step& s = a.sheet.steps[ix(q.step)];
      return (s.what == Do::Wash
                  ? tr("Blended next: %1. Which of these must lie covered?").arg(washName(plan, s.wash))
                  : tr("Stamped next: %1. Which of these must lie covered?").arg(nameOf(plan, s.impression)));
    }
    case Drill::Tone:
      return tr("In air that lets you see %1, a thing %2 away keeps about %3 % of its contrast with the "
                "paper. "
                "Freshly inked it prints as the one on the left. Which print is it?")
          .arg(metresAway(q.visibility), metresAway(q.away))
          .arg(100 * q.shares[ix(q.rightShare)], 0, 'f', 0);
    case Drill::Horizon:
      return tr("Where does the horizon run? Drag the line there, or move it with the arrow keys.");
    case Drill::Order:
    case Drill::LayMask:
      break;
  }
  return {};
}

QString gradedWords(const Plan& plan, const Analysis& a, const Question& q, const Graded& g,
                    MeasureStyle style) {
  QStringList out;
  switch (q.what) {
    case Drill::NearAndFar:
      if (g.misplaced.size() >= 2)
        out << tr("%1 is nearer than %2.")
                   .arg(capital(nameOf(plan, g.misplaced[0])), nameOf(plan, g.misplaced[1]));
      for (const int i : {q.right.front(), q.right.back()}) {
        const double d = a.depth->distance_m(i);
        out << (std::isfinite(d) ? tr("%1 is %2 away.").arg(capital(nameOf(plan, i)), metresAway(Metres{d}))
                                 : tr("%1 is as far as the sky.").arg(capital(nameOf(plan, i))));
      }
      break;
    case Drill::MaskChoice: {
      const Step& s = a.sheet.steps[ix(q.step)];
      const QString next = s.what == Do::Wash ? washName(plan, s.wash) : nameOf(plan, s.impression);
      if (!g.missed.empty())
        out << tr("%1 would run into %2.").arg(capital(next), sortedListOf(plan, g.missed));
      if (!g.needless.empty())
        out << (g.needless.size() == 1 ? tr("%1 need not be covered: nothing comes near it.")
                                       : tr("%1 need not be covered: nothing comes near them."))
                   .arg(capital(sortedListOf(plan, g.needless)));
      if (out.isEmpty()) out << tr("Exactly these: %1.").arg(sortedListOf(plan, q.right));
      break;
    }
    case Drill::Tone:
      if (!g.right)
        out << (g.off > 0 ? tr("Yours kept %1 % of its contrast: too dark.")
                          : tr("Yours kept %1 % of its contrast: too pale."))
                   .arg(100 * (q.shares[ix(q.rightShare)] + g.off), 0, 'f', 0);
      out << tr("It was print %1.").arg(q.rightShare + 1);
      break;
    case Drill::Horizon:
      out << (std::fabs(g.off) < 0.5 ? tr("On the line.")
              : g.off > 0            ? tr("%1 too high.").arg(fine(g.off, style))
                                     : tr("%1 too low.").arg(fine(-g.off, style)));
      if (q.witness >= 0)
        out << tr("The horizon crosses %1 %2, and everything else of its height there too.")
                   .arg(nameOf(plan, q.witness), wayUp(q.witnessShare));
      break;
    case Drill::Order:
    case Drill::LayMask:
      break;
  }
  return out.join(u' ');
}

QString layTaskWords(const Plan& plan, const LayTask& task) {
  return task.wash >= 0 ? tr("Lay the paper on %1. Blended across it next: %2.")
                              .arg(nameOf(plan, task.front), washName(plan, task.wash))
                        : tr("Lay the paper on %1. Stamped across it next: %2.")
                              .arg(nameOf(plan, task.front), nameOf(plan, task.back));
}

QString layResultWords(const Plan& plan, const LayTask& task, const LayResult& r, MeasureStyle style) {
  const QString thing = nameOf(plan, task.front);
  QStringList out;
  if (r.gapLength_mm >= 1)
    out << tr("a white gap of up to %1 beside %2, along %3")
               .arg(fine(r.gap_mm, style), thing, fine(r.gapLength_mm, style));
  if (r.runInLength_mm >= 1)
    out << tr("ink up to %1 inside %2, along %3")
               .arg(fine(r.runIn_mm, style), thing, fine(r.runInLength_mm, style));
  if (out.isEmpty()) return tr("Nothing shows along %1 of join.").arg(fine(task.length_mm, style));
  return tr("There is %1, of %2 of join in all.").arg(out.join(tr(", and ")), fine(task.length_mm, style));
}

}  // namespace havlo
