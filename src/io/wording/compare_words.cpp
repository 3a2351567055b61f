#include "io/wording/compare_words.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/plan/role_facts.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

/// "1.5 mm to the right and 0.4 mm low"; empty where it is less than a tenth of a millimetre.
QString wayOff(Point by, MeasureStyle style) {
  constexpr double kWord_mm = 0.2;  // half a 64th of an inch
  QStringList parts;
  if (std::fabs(by.x) >= kWord_mm)
    parts << (by.x > 0 ? tr("%1 to the right") : tr("%1 to the left")).arg(fineText(std::fabs(by.x), style));
  if (std::fabs(by.y) >= kWord_mm)
    parts << (by.y > 0 ? tr("%1 high") : tr("%1 low")).arg(fineText(std::fabs(by.y), style));
  return parts.join(tr(" and "));
}

bool lies(PrintState s) { return s != PrintState::Missing && s != PrintState::Untold; }

/// What is still to be stamped and hangs on a thing: what is of one figure with it, and what touches it with
/// a small part of itself, as a string does a hand. What lies behind it is masked where it really is, so that
/// need not move.
std::vector<int> goesWith(const Plan& plan, const Analysis& analysis, int thing,
                          const std::set<int>& stamped) {
  constexpr double kTouch = 0.15;  // of the smaller one
  const auto stands = [&](int i) {
    return factsOf(plan.stamp(plan.impressions[ix(i)].stamp)->role).stands();
  };
  std::vector<int> out;
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const auto other = static_cast<int>(k);
    if (other == thing || stamped.contains(other)) continue;
    const std::string& figure = plan.impressions[ix(thing)].figure;
    bool hangs = !figure.empty() && plan.impressions[k].figure == figure;
    for (int m : analysis.meetings.of[ix(thing)]) {
      const Meeting& meeting = analysis.meetings.list[ix(m)];
      if (meeting.front != other && meeting.back != other) continue;
      const double smaller =
          std::min(analysis.meetings.placed[ix(thing)]->area_mm2, analysis.meetings.placed[k]->area_mm2);
      hangs = hangs ||
              (meeting.overlaps() && meeting.area_mm2 < kTouch * smaller && stands(other) && stands(thing));
    }
    if (hangs) out.push_back(other);
  }
  return out;
}

}  // namespace

QString headOf(const Comparison& seen, MeasureStyle style) {
  int told = 0, there = 0, missing = 0, trouble = 0;
  double miss = 0;
  for (const SeenPrint& p : seen.prints) {
    told += p.state != PrintState::Untold;
    missing += p.state == PrintState::Missing;
    trouble +=
        p.state == PrintState::Doubled || p.state == PrintState::Smeared || p.state == PrintState::Pale;
    if (!lies(p.state)) continue;
    miss += length(p.by);
    there += p.state == PrintState::AsPlanned;
  }
  if (told == 0) return tr("Nothing that is stamped by now can be told in this picture.");
  const int lying = told - missing;
  QString text = tr("%1 of %2 prints sit where they should").arg(there).arg(told);
  if (lying > 0) text += tr("; on the average they are %1 off").arg(fineText(miss / lying, style));
  text += u'.';
  if (missing == 1) text += u' ' + tr("One is missing.");
  if (missing > 1) text += u' ' + tr("%1 are missing.").arg(missing);
  if (trouble == 1) text += u' ' + tr("One did not come out well.");
  if (trouble > 1) text += u' ' + tr("%1 did not come out well.").arg(trouble);
  return text;
}

QString printWords(const Plan& plan, const SeenPrint& p, MeasureStyle style) {
  const QString name = labelOf(plan, p.impression);
  switch (p.state) {
    case PrintState::Missing:
      return tr("%1 is missing.").arg(name);
    case PrintState::Untold:
      return tr("%1 shows too little to be told.").arg(name);
    case PrintState::Doubled:
      return tr("%1 was printed twice, %2 apart.").arg(name, fineText(length(p.again), style));
    case PrintState::Smeared:
      return tr("%1 is smeared over %2.").arg(name, fineText(p.smear_mm, style));
    case PrintState::Pale:
      return tr("%1 is pale: %2 of the ink that was wanted.").arg(name, shareWords(p.strength));
    case PrintState::AsPlanned:
    case PrintState::Off:
      break;
  }
  const QString off = wayOff(p.by, style);
  QString text = off.isEmpty() ? tr("%1 sits where it should").arg(name) : tr("%1 sits %2").arg(name, off);
  if (std::fabs(p.turn_deg) >= 0.3)
    text += (p.turn_deg > 0 ? tr(", turned %1° to the left") : tr(", turned %1° to the right"))
                .arg(std::fabs(p.turn_deg), 0, 'f', 1);
  if (p.bySd_mm > 0.3) text += tr(" (its place is told to %1 only)").arg(fineText(2 * p.bySd_mm, style));
  text += u'.';
  if (!p.bare.empty())
    text += u' ' + (p.bare.size() == 1 ? tr("A spot of it did not print.")
                                       : tr("%1 spots of it did not print.").arg(p.bare.size()));
  return text;
}

QString joinWords(const Plan& plan, const SeenJoin& j, MeasureStyle style) {
  QStringList parts;
  if (j.gap_mm > 0)
    parts << tr("a white gap of %1 over %2").arg(fineText(j.gap_mm, style), fineText(j.gapLength_mm, style));
  if (j.runIn_mm > 0)
    parts << tr("lines that run %1 into it, over %2")
                 .arg(fineText(j.runIn_mm, style), fineText(j.runInLength_mm, style));
  if (parts.isEmpty()) return {};
  return tr("%1 meets %2 with %3.")
      .arg(labelOf(plan, j.back), nameOf(plan, j.front), parts.join(tr(" and ")));
}

QStringList adviceWords(const Plan& plan, const Analysis& analysis, const Comparison& seen,
                        MeasureStyle style) {
  QStringList out;
  std::set<int> stamped;
  for (const SeenPrint& p : seen.prints) stamped.insert(p.impression);
  for (const SeenPrint& p : seen.prints) {
    const QString name = nameOf(plan, p.impression);
    if (p.state == PrintState::Missing) {
      out << tr("Stamp %1 now, before anything covers its place.").arg(name);
    } else if (p.state == PrintState::Doubled) {
      out << tr("Of %1 keep the darker print: cover the other with white pen, or let colouring take it in.")
                 .arg(name);
    } else if (p.state == PrintState::Smeared) {
      out << tr("Let %1 dry before you touch it again; a sand eraser takes off what is too much.").arg(name);
    } else if (p.state == PrintState::Pale) {
      out << tr("Go over %1 with a pen of its ink, or leave it paler: then it looks farther off.").arg(name);
    } else if (p.state == PrintState::Off && length(p.by) > kOff_mm) {
      const std::vector<int> along = goesWith(plan, analysis, p.impression, stamped);
      const QString way = wayOff(p.by, style);
      if (!along.empty() && !way.isEmpty())
        out << (along.size() == 1 ? tr("%1 sits %2: stamp %3 as much off, then they fit.")
                                  : tr("%1 sits %2: stamp %3 as much off, then all fit."))
                   .arg(capital(name), way, sortedListOf(plan, along));
      else if (!way.isEmpty() && static_cast<size_t>(seen.prints.size()) < plan.impressions.size())
        out << tr("%1 sits %2. Lay its mask on the print, not on its measures.").arg(capital(name), way);
    }
    if (!p.bare.empty() && lies(p.state))
      out << tr("Fill the bare spots of %1 with a pen of its ink.").arg(name);
  }
  for (const SeenJoin& j : seen.joins) {
    if (j.gap_mm > 0.4 && j.gapLength_mm >= 0.8)
      out << tr("Join %1 to %2 by pen: %3 mm of its lines stop short.")
                 .arg(nameOf(plan, j.back), nameOf(plan, j.front))
                 .arg(j.gapLength_mm, 0, 'f', 0);
    if (j.runIn_mm > 0.4 && j.runInLength_mm >= 0.8)
      out << tr("Cover what of %1 ran into %2 with white pen or its colour.")
                 .arg(nameOf(plan, j.back), nameOf(plan, j.front));
  }
  return out;
}

QString traitName(Trait t) {
  switch (t) {
    case Trait::PrintPlacing:
      return tr("How exactly prints are placed");
    case Trait::PrintTurn:
      return tr("How straight prints stand");
    case Trait::MaskPlacing:
      return tr("How exactly masks are laid");
    case Trait::MaskTurn:
      return tr("How straight masks are laid");
    case Trait::MaskCutting:
      return tr("How exactly masks are cut");
    case Trait::MaskLife:
      return tr("How often a mask can be laid");
    case Trait::Stamping:
      return tr("Time for stamping");
    case Trait::Blending:
      return tr("Time for blending");
    case Trait::CuttingMasks:
      return tr("Time for cutting masks");
    case Trait::Covering:
      return tr("Time for laying and lifting masks");
    case Trait::Embossing:
      return tr("Time for embossing");
    case Trait::ByHand:
      return tr("Time for colouring and lines by hand");
    case Trait::Paper:
      return tr("Time for cutting, scoring and gluing");
  }
  return {};
}

QString learntWords(Trait t, const Learnt& l, MeasureStyle style) {
  const bool pace = paceOf(t).has_value(), turn = t == Trait::PrintTurn || t == Trait::MaskTurn,
             life = t == Trait::MaskLife;
  const auto said = [&](double v) {
    return pace                                 ? tr("%1 %").arg(qRound(100 * v))
           : life                               ? tr("%1 times").arg(qRound(v))
           : turn                               ? tr("%1°").arg(v, 0, 'f', 2)
           : style == MeasureStyle::Millimetres ? tr("%1 mm").arg(v, 0, 'f', 2)
                                                : tr("%1 in").arg(v / 25.4, 0, 'f', 3);
  };
  if (l.own) return tr("%1, as you set it").arg(said(*l.ownValue));
  if (l.cards == 0)
    return pace ? tr("as is usual; no card says more yet")
                : tr("%1, as is usual; no card says more yet").arg(said(l.usual));
  const bool same = said(l.fit.value) == said(l.usual);
  QString text = same   ? tr("%1, as is usual").arg(said(l.usual))
                 : pace ? tr("%1 of what is usual").arg(said(l.fit.value))
                        : tr("%1 instead of %2").arg(said(l.fit.value), said(l.usual));
  text += l.cards == 1 ? tr(", from 1 card") : tr(", from %1 cards").arg(l.cards);
  return text + tr("; give or take %1")
                    .arg(pace ? tr("%1 points").arg(std::max(1, qRound(100 * l.fit.sd))) : said(l.fit.sd));
}

QString maskPaperWords(const MakerLearnt& learnt) {
  const auto note = learnt.maskLifeOn.find("note"), sheet = learnt.maskLifeOn.find("sheet");
  if (note == learnt.maskLifeOn.end() || sheet == learnt.maskLifeOn.end()) return {};
  return tr("Of sticky notes %1 times, of masking sheets %2 times.")
      .arg(std::lround(note->second.value))
      .arg(std::lround(sheet->second.value));
}

QString sizeWords(const MakerLearnt& learnt, MeasureStyle style) {
  if (!sizeMatters(learnt)) return {};
  const auto said = [&](double v) {
    return style == MeasureStyle::Millimetres ? tr("%1 mm").arg(v, 0, 'f', 2)
                                              : tr("%1 in").arg(v / 25.4, 0, 'f', 3);
  };
  return tr("Stamps of %1 and more lie off by %2, smaller ones by %3.")
      .arg(style == MeasureStyle::Millimetres ? tr("4 cm") : tr("1.6 in"), said(learnt.large.placing.value),
           said(learnt.small.placing.value));
}

QString foretoldWords(double said_min, double took_min) {
  return tr("We said %1, it took %2.").arg(minutesWords(said_min), minutesWords(took_min));
}

QString missedWords(const MakerLearnt& learnt) {
  const auto m = missedBy(learnt);
  if (!m) return {};
  return tr("Lately minutes were missed by %1, before by %2.")
      .arg(shareWords(m->lately), shareWords(m->before));
}

QStringList inkWords(const LearntInk& ink) {
  QStringList out;
  const QString name = QString::fromStdString(ink.ink);
  if (driesOtherwise(ink))
    out << tr("%1 is dry after %2 s with you; its table says %3 s.")
               .arg(name)
               .arg(std::lround(ink.drying.value * ink.said_s))
               .arg(std::lround(ink.said_s));
  for (const auto& [paper, fit] : ink.dryingOn)
    if (fit.weight >= 3 && std::fabs(fit.value / ink.drying.value - 1) > 0.2)
      out << tr("On %1 it is dry after %2 s.")
                 .arg(QString::fromStdString(paper))
                 .arg(std::lround(fit.value * ink.said_s));
  for (const auto& [pressing, fit] : ink.strengths)
    out << tr("%1, %2: %3 of the first, from %4 prints.")
               .arg(name, pressingName(pressing), shareWords(fit.value))
               .arg(std::lround(fit.weight));
  return out;
}

}  // namespace havlo
