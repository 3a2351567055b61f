#include "core/card/card_fit.h"

#include <algorithm>
#include <array>
#include <string_view>
#include <unordered_map>
#include <utility>

#include "core/outline/shared_area.h"

namespace havlo {
namespace {

constexpr double kHair_mm = 0.05;
constexpr std::array<std::pair<Fold, const char*>, 5> kFolds{{{Fold::Left, "left"},
                                                              {Fold::Right, "right"},
                                                              {Fold::Top, "top"},
                                                              {Fold::Bottom, "bottom"},
                                                              {Fold::None, "none"}}};

/// @param shift  by so much `inner` lies to the right and up of the middle
Box centredOn(const Box& inner, double width_mm, double height_mm, Point shift) {
  const Point c = inner.centre() - shift;
  return {c.x - width_mm / 2, c.y - height_mm / 2, c.x + width_mm / 2, c.y + height_mm / 2};
}

void layers(const Card& card, CardFit& fit) {
  Box box = card.panel.box();
  fit.layers.push_back({Layer::What::Panel, -1, box});
  for (size_t m = 0; m < card.mats.size(); ++m) {
    const double more = 2 * card.mats[m].reveal_mm;
    box = centredOn(box, box.width() + more, box.height() + more, card.mats[m].shift);
    fit.layers.push_back({Layer::What::Mat, static_cast<int>(m), box});
  }
  if (card.base)
    fit.layers.push_back(
        {Layer::What::Base, -1, centredOn(box, card.base->width_mm, card.base->height_mm, card.base->shift)});
}

void openedBase(const CardBase& base, CardFit& fit) {
  const Fold fold = foldOf(base);
  const bool sideways = fold == Fold::Left || fold == Fold::Right;
  const bool upward = fold == Fold::Top || fold == Fold::Bottom;
  fit.baseSheetWidth_mm = base.width_mm * (sideways ? 2 : 1);
  fit.baseSheetHeight_mm = base.height_mm * (upward ? 2 : 1);
  fit.scoreUpright = sideways;
  fit.scoreAt_mm = sideways ? base.width_mm : upward ? base.height_mm : 0;
}

void layerMisfits(CardFit& fit) {
  for (size_t k = 0; k + 1 < fit.layers.size(); ++k) {
    const Box &upper = fit.layers[k].box, &lower = fit.layers[k + 1].box;
    const double wide = upper.width() - lower.width(), high = upper.height() - lower.height();
    const auto layer = static_cast<int>(k);
    const double over = std::max({lower.left - upper.left, upper.right - lower.right,
                                  lower.bottom - upper.bottom, upper.top - lower.top});
    if (wide > kHair_mm || high > kHair_mm) {
      fit.misfits.push_back(
          {MisfitKind::LayerTooLarge, layer, -1, std::fmax(0, wide), std::fmax(0, high), true});
    } else if (over > kHair_mm) {
      fit.misfits.push_back({MisfitKind::ShiftedOver, layer, -1, over, 0, true});
    } else if (fit.layers[k + 1].what == Layer::What::Base && std::fabs(wide - high) / 2 > kOffSize_mm) {
      fit.misfits.push_back({MisfitKind::UnequalReveal, layer, -1, std::fabs(wide - high), 0, false});
    }
  }
}

/// Running off the edge is a fine effect, feet first or not; with the foot outside and hardly a third left it
/// is a slip.
bool mostlyOff(const Plan& plan, const Impression& i) {
  constexpr double kThird = 1.0 / 3;
  const StampRef stamp = plan.stamp(i.stamp);
  const Rings shape = placingOf(i, *stamp).toPanel(stamp->silhouette);
  return sweptArea(SweepEdges(clippedTo(plan.card.panel.box(), shape))) <
         kThird * sweptArea(SweepEdges(shape));
}

void impressionMisfits(const Plan& plan, CardFit& fit) {
  const Box panel = plan.card.panel.box();
  const Box free = panel.grown(-plan.card.bare_mm);
  struct Known {
    const Stamp* stamp;
    Box frame;
  };
  std::unordered_map<std::string_view, Known> known;  // many impressions are of few stamps
  for (const StampRef& s : plan.stamps) known.emplace(s->id, Known{s.get(), boxOf(s->silhouette)});
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& im = plan.impressions[i];
    const auto& [stamp, f] = known.at(im.stamp);
    const Placing placing = placingOf(im, *stamp);
    // It is within the frame's corners.
    const Point corners[] = {{f.left, f.bottom}, {f.right, f.bottom}, {f.right, f.top}, {f.left, f.top}};
    if (std::all_of(std::begin(corners), std::end(corners),
                    [&](Point c) { return free.contains(placing.toPanel(c)); }))
      continue;
    const Box box = boxOf(placing.toPanel(stamp->silhouette));
    const auto at = static_cast<int>(i);
    if (!box.meets(panel, -kHair_mm)) {
      fit.misfits.push_back({MisfitKind::ImpressionOffPanel, -1, at, 0, 0, true});
    } else if (!panel.contains(im.at) && mostlyOff(plan, im)) {
      const double by =
          std::fmax(std::fmax(-im.at.x, im.at.x - panel.right), std::fmax(-im.at.y, im.at.y - panel.top));
      fit.misfits.push_back({MisfitKind::FootOffPanel, -1, at, by, 0, false});
    } else if (plan.card.bare_mm > 0) {
      const double by = std::fmax(std::fmax(free.left - box.left, box.right - free.right),
                                  std::fmax(free.bottom - box.bottom, box.top - free.top));
      if (by > kHair_mm)
        fit.misfits.push_back(
            {MisfitKind::IntoBareBorder, -1, at, std::fmin(by, plan.card.bare_mm), 0, false});
    }
  }
}

}  // namespace

Fold foldOf(const CardBase& base) {
  for (const auto& [fold, word] : kFolds)
    if (base.fold == word) return fold;
  return Fold::None;
}

const char* wordOf(Fold fold) {
  for (const auto& [f, word] : kFolds)
    if (f == fold) return word;
  return "none";
}

CardFit fitCard(const Plan& plan) {
  CardFit fit;
  const Card& card = plan.card;
  layers(card, fit);
  fit.work = card.panel.box().grown(card.trim_mm);
  if (card.base) openedBase(*card.base, fit);
  // Mats and base are taken to be of the panel's own card: the plan has one paper.
  fit.thickness_mm =
      card.paper.thickness_mm * (1.0 + static_cast<double>(card.mats.size()) + (card.base ? 2 : 0));
  layerMisfits(fit);
  impressionMisfits(plan, fit);
  return fit;
}

CardBase baseFor(const Card& card, double reveal_mm, Fold fold) {
  double grow = reveal_mm;
  for (const Mat& m : card.mats) grow += m.reveal_mm;
  CardBase base = card.base.value_or(CardBase{});
  base.width_mm = card.panel.width_mm + 2 * grow;
  base.height_mm = card.panel.height_mm + 2 * grow;
  base.fold = wordOf(fold);
  return base;
}

double revealOf(const Card& card) {
  if (!card.base) return 0;
  double width = card.panel.width_mm, height = card.panel.height_mm;
  for (const Mat& m : card.mats) width += 2 * m.reveal_mm, height += 2 * m.reveal_mm;
  return std::fmax(0, std::fmin(card.base->width_mm - width, card.base->height_mm - height) / 2);
}

Card onBase(const Card& card, const CardBase& base, double reveal_mm) {
  Card out = card;
  out.base = base;
  double in = reveal_mm;
  for (const Mat& m : card.mats) in += m.reveal_mm;
  out.panel.width_mm = base.width_mm - 2 * in;
  out.panel.height_mm = base.height_mm - 2 * in;
  return out;
}

Reveals revealsOf(const CardFit& fit, int layer) {
  const Box &upper = fit.layers[ix(layer)].box, &lower = fit.layers[ix(layer + 1)].box;
  return {upper.left - lower.left, lower.right - upper.right, upper.bottom - lower.bottom,
          lower.top - upper.top};
}

Card withReveal(const Card& card, int layer, Side side, double reveal_mm, bool oneSide) {
  Card out = card;
  if (layer < 1 || ix(layer) > card.mats.size() + (card.base ? 1 : 0)) return out;
  const bool upright = side == Side::Left || side == Side::Right;
  const bool low = side == Side::Left || side == Side::Bottom;
  Plan plan;
  plan.card = card;
  const Reveals now = revealsOf(fitCard(plan), layer - 1);
  const double both = upright ? now.left_mm + now.right_mm : now.bottom_mm + now.top_mm;
  const double shown = std::fmax(0, reveal_mm);
  const bool mat = ix(layer) <= card.mats.size();
  Point& shift = mat ? out.mats[ix(layer - 1)].shift : out.base->shift;
  double& along = upright ? shift.x : shift.y;
  if (oneSide) {
    const double mine = std::fmin(shown, std::fmax(0, both));
    along = (low ? 1 : -1) * (mine - both / 2);
    return out;
  }
  along = 0;
  if (mat) {
    out.mats[ix(layer - 1)].reveal_mm = shown;
  } else {
    (upright ? out.base->width_mm : out.base->height_mm) += 2 * shown - both;
  }
  return out;
}

Trimming trimmingOf(const Card& card, double reveal_mm) {
  if (!card.base) return {};
  const CardBase wanted = baseFor(card, reveal_mm, foldOf(*card.base));
  const double wide = card.base->width_mm - wanted.width_mm, high = card.base->height_mm - wanted.height_mm;
  Trimming t{std::fmax(0, wide), std::fmax(0, high), false};
  t.tooSmall = card.base->width_mm < wanted.width_mm - 2 * reveal_mm - kHair_mm ||
               card.base->height_mm < wanted.height_mm - 2 * reveal_mm - kHair_mm;
  return t;
}

}  // namespace havlo
