#include "io/wording/mask_words.h"

#include "core/outline/shape_ops.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

/// Where on the stamp a point lies, as one says it.
QString whereOn(const Stamp& stamp, Point p) {
  const double u = p.x / stamp.width_mm, v = p.y / stamp.height_mm;
  const bool left = u<0.36, right = u> 0.64, low = v<0.36, high = v> 0.64;
  if (high) return left ? tr("at the upper left") : right ? tr("at the upper right") : tr("at the top");
  if (low) return left ? tr("at the lower left") : right ? tr("at the lower right") : tr("at the bottom");
  return left ? tr("at the left") : right ? tr("at the right") : tr("in the middle");
}

QString placesOf(const Stamp& stamp, const std::vector<const FiddlyPart*>& parts) {
  QStringList places;
  for (const FiddlyPart* p : parts)
    if (const QString w = whereOn(stamp, p->inside); !places.contains(w)) places << w;
  if (places.size() > 3) return tr("in several places");
  return places.join(tr(" and "));
}

}  // namespace

QString partName(const Stamp& stamp, const FiddlyPart& part, MeasureStyle style) {
  const QString length = spoken(writeMeasure(Millimetres{part.length_mm}, style));
  switch (part.kind) {
    case FiddlyPart::Kind::Thin:
      return tr("thin part %1, %2 long").arg(whereOn(stamp, part.inside), length);
    case FiddlyPart::Kind::Slender:
      return tr("slender part %1, %2 long").arg(whereOn(stamp, part.inside), length);
    case FiddlyPart::Kind::Hole:
      break;
  }
  return tr("hole %1, %2 across").arg(whereOn(stamp, part.inside), length);
}

QStringList maskSentences(const Stamp& stamp, const Supplies& supplies, const MaskShape& mask,
                          const std::vector<FiddlyPart>& parts, MeasureStyle style) {
  QStringList out;
  if (mask.mask.empty())
    return {tr("Nothing of it is wide enough to cut: let what is behind run over it, or stamp it last.")};
  std::vector<const FiddlyPart*> thin, filled, dropped;
  double thinArea = 0;
  for (const FiddlyPart& p : parts) {
    if (p.kind == FiddlyPart::Kind::Thin && !p.cut) thin.push_back(&p), thinArea += p.area_mm2;
    if (p.kind == FiddlyPart::Kind::Slender && !p.cut) dropped.push_back(&p);
    if (p.kind == FiddlyPart::Kind::Hole && !p.cut) filled.push_back(&p);
  }
  if (thin.size() == 1)
    out << tr("One %1 stays uncovered: let the background run over it.")
               .arg(partName(stamp, *thin[0], style));
  else if (!thin.empty())
    out << tr("%1 thin parts stay uncovered, %2: let the background run over them.")
               .arg(thin.size())
               .arg(placesOf(stamp, thin));
  if (!dropped.empty())
    out << (dropped.size() == 1 ? tr("You left a %1 off the mask.").arg(partName(stamp, *dropped[0], style))
                                : tr("You left %1 slender parts off the mask, %2.")
                                      .arg(dropped.size())
                                      .arg(placesOf(stamp, dropped)));
  if (!filled.empty())
    out << (filled.size() == 1 ? tr("One small hole %1 is covered too: colour it by hand afterwards.")
                                     .arg(placesOf(stamp, filled))
                               : tr("%1 small holes are covered too, %2: colour them by hand afterwards.")
                                     .arg(filled.size())
                                     .arg(placesOf(stamp, filled)));
  const QString inset = spoken(writeMeasure(Millimetres{supplies.maskInset_mm}, MeasureStyle::Millimetres));
  QString sums = tr("%1 mm² stay uncovered in all, %2 mm² of it the rim of %3 inside the line")
                     .arg(mask.uncovered_mm2, 0, 'f', 1)
                     .arg(std::max(0.0, mask.uncovered_mm2 - thinArea), 0, 'f', 1)
                     .arg(inset);
  if (mask.overcovered_mm2 >= 0.05)
    sums += tr("; %1 mm² are covered too much").arg(mask.overcovered_mm2, 0, 'f', 1);
  out << sums + u'.';
  return out;
}

}  // namespace havlo
