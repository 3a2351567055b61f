#include "core/edit/piece_shapes.h"

#include <cmath>
#include <numbers>

#include "core/outline/shape_ops.h"

namespace havlo {

Rings discOutline(double diameter_mm) {
  constexpr int kCorners = 96;
  const double r = diameter_mm / 2;
  Ring out;
  for (int k = 0; k < kCorners; ++k) {
    const double a = 2 * std::numbers::pi * k / kCorners;
    out.push_back({r + r * std::cos(a), r + r * std::sin(a)});
  }
  return {std::move(out)};
}

Rings hillOutline(double width_mm, double height_mm, double below_mm) {
  constexpr int kSteps = 60;
  Ring out{{0, -below_mm}, {width_mm, -below_mm}};
  for (int k = kSteps; k >= 0; --k) {
    // Higher at the left of its middle, running out flat at both ends.
    const double t = static_cast<double>(k) / kSteps, skew = std::pow(t, 0.8);
    const double rise = (1 - std::cos(2 * std::numbers::pi * skew)) / 2;
    out.push_back({t * width_mm, height_mm * (0.35 + 0.65 * rise)});
  }
  return {std::move(out)};
}

Rings cutThrough(const Box& sheet, const Rings& shape) {
  // Loose middles are not held by anything: only the outermost rings are cut.
  Rings filled;
  for (const Ring& ring : shape) filled = filled.empty() ? Rings{ring} : unionOf({filled, Rings{ring}});
  return difference(rectangle(sheet), filled);
}

Rings flapOutline(double envelopeWidth_mm, double envelopeHeight_mm) {
  constexpr double kAboutSquare = 1.2, kPointed = 0.6, kBlunt = 0.45, kSlant = 0.14;
  const double w = envelopeWidth_mm;
  if (std::fmax(w / envelopeHeight_mm, envelopeHeight_mm / w) < kAboutSquare) {
    const double high = kPointed * envelopeHeight_mm;
    return {{{0, high}, {w / 2, 0}, {w, high}}};
  }
  const double high = kBlunt * envelopeHeight_mm;
  return {{{0, high}, {kSlant * w, 0}, {(1 - kSlant) * w, 0}, {w, high}}};
}

Rings resized(const Rings& outline, double width_mm, double height_mm) {
  const Box box = boxOf(outline);
  Rings out = outline;
  for (Ring& ring : out)
    for (Point& p : ring)
      p = {box.left + (p.x - box.left) * width_mm / box.width(),
           box.bottom + (p.y - box.bottom) * height_mm / box.height()};
  return out;
}

}  // namespace havlo
