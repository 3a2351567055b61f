#include "io/wording/card_words.h"

#include <cmath>

#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {}  // namespace

QString sizeWords(double w, double h, MeasureStyle style) {
  return tr("%1 × %2").arg(spoken(writeBareMeasure(Millimetres{w}, style)), lengthText(h, style));
}

QString sizeName(std::string_view name) {
  return QString::fromUtf8(name.data(), static_cast<qsizetype>(name.size()));
}

QString layerName(const Plan& plan, const Layer& layer) {
  switch (layer.what) {
    case Layer::What::Panel:
      return tr("The panel");
    case Layer::What::Base:
      return tr("The base");
    case Layer::What::Mat:
      break;
  }
  if (plan.card.mats.size() == 1) return tr("The mat");
  const QString nth[] = {tr("first"), tr("second"), tr("third"), tr("fourth")};
  return layer.mat < 4 ? tr("The %1 mat").arg(nth[layer.mat]) : tr("Mat %1").arg(layer.mat + 1);
}

QString wordsOf(const Plan& plan, const CardFit& fit, const Misfit& m, MeasureStyle style) {
  switch (m.kind) {
    case MisfitKind::LayerTooLarge: {
      const Layer &upper = fit.layers[ix(m.layer)], &lower = fit.layers[ix(m.layer) + 1];
      const QString below = layerName(plan, lower);
      const QString by = m.by_mm > 0 && m.byHeight_mm > 0
                             ? tr("%1 too wide and %2 too high")
                                   .arg(lengthText(m.by_mm, style), lengthText(m.byHeight_mm, style))
                         : m.by_mm > 0 ? tr("%1 too wide").arg(lengthText(m.by_mm, style))
                                       : tr("%1 too high").arg(lengthText(m.byHeight_mm, style));
      return tr("%1 is %2 for what it lies on (%3).")
          .arg(layerName(plan, upper), by, below.left(1).toLower() + below.mid(1));
    }
    case MisfitKind::ShiftedOver:
      return tr("%1 is so far off-centre that it reaches %2 over the edge below. Bring it back by that much.")
          .arg(layerName(plan, fit.layers[ix(m.layer)]), lengthText(m.by_mm, style));
    case MisfitKind::UnequalReveal:
      return tr("The base shows %1 more on one pair of sides than on the other.")
          .arg(lengthText(m.by_mm, style));
    case MisfitKind::FootOffPanel:
      return tr("%1 has its foot %2 outside the panel.")
          .arg(labelOf(plan, m.impression), lengthText(m.by_mm, style));
    case MisfitKind::ImpressionOffPanel:
      return tr("%1 no longer lies on the panel.").arg(labelOf(plan, m.impression));
    case MisfitKind::IntoBareBorder:
      return tr("%1 reaches %2 into the border that is to stay bare.")
          .arg(labelOf(plan, m.impression), lengthText(m.by_mm, style));
  }
  return {};
}

QStringList cardFacts(const Plan& plan, const CardFit& fit, MeasureStyle style) {
  QStringList out;
  const Card& card = plan.card;
  if (card.trim_mm > 0)
    out << tr("Work on a piece of %1 and trim it to %2 at the end.")
               .arg(sizeWords(fit.work.width(), fit.work.height(), style),
                    sizeWords(card.panel.width_mm, card.panel.height_mm, style));
  for (const Layer& l : fit.layers)
    if (l.what == Layer::What::Mat)
      out << tr("%1: cut %2.").arg(layerName(plan, l), sizeWords(l.box.width(), l.box.height(), style));
  if (card.base) {
    if (foldOf(*card.base) == Fold::None) {
      out << tr("Cut the base %1; it is not folded.")
                 .arg(sizeWords(fit.baseSheetWidth_mm, fit.baseSheetHeight_mm, style));
    } else {
      out << (fit.scoreUpright ? tr("Cut the base %1 and score it %2 from the left.")
                               : tr("Cut the base %1 and score it %2 from the bottom."))
                 .arg(sizeWords(fit.baseSheetWidth_mm, fit.baseSheetHeight_mm, style),
                      lengthText(fit.scoreAt_mm, style));
    }
  }
  return out;
}

QString trimmingWords(const Plan& plan, double reveal_mm, MeasureStyle style) {
  const Trimming t = trimmingOf(plan.card, reveal_mm);
  if (t.tooSmall) return tr("The base is smaller than what lies on it: take a larger one, or narrower mats.");
  // The fold is never cut: everything is lined up there.
  const Fold fold = foldOf(*plan.card.base);
  QStringList cuts;
  if (t.fromWidth_mm > kOffSize_mm)
    cuts << (fold == Fold::Right ? tr("%1 off the left side") : tr("%1 off the right side"))
                .arg(lengthText(t.fromWidth_mm, style));
  if (t.fromHeight_mm > kOffSize_mm)
    cuts << (fold == Fold::Top ? tr("%1 off the bottom") : tr("%1 off the top"))
                .arg(lengthText(t.fromHeight_mm, style));
  if (cuts.isEmpty()) return {};
  const QString corner = fold == Fold::Right    ? tr("the right, where the fold is, and the bottom")
                         : fold == Fold::Top    ? tr("the left and the top, where the fold is")
                         : fold == Fold::Bottom ? tr("the left and the bottom, where the fold is")
                         : fold == Fold::Left   ? tr("the left, where the fold is, and the bottom")
                                                : tr("the left and the bottom");
  return tr("Line the panel up on %1, then trim %2. Or let it show uneven: that is no fault.")
      .arg(corner, cuts.join(tr(" and ")));
}

}  // namespace havlo
