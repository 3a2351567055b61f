#include "core/edit/wash_ink.h"

#include <algorithm>
#include <cmath>

#include "core/colour/colour.h"
#include "core/plan/wash_facts.h"

namespace havlo {
namespace {

constexpr double kSeen = 8;     // CIEDE2000 from the paper, at the strength of such a blend
constexpr double kPale = 50;    // CIE lightness: what is darker is no background
constexpr double kFarHue = 60;  // degrees
constexpr double kGrey = 10;    // chroma: below it there is no hue

/// Hue that is expected of it, CIE LCh degrees, and a plain ink of it. Common practice, no source.
struct Wanted {
  double hue;
  const char* name;
  Colour colour;
};

Wanted wantedOf(WashKind kind) {
  switch (kind) {
    case WashKind::Ground:
      return {110, "Meadow", {0xb9, 0xc2, 0x86}};
    case WashKind::DarkEdges:
      return {75, "Weathered", {0xb8, 0xa1, 0x85}};
    case WashKind::Glow:
    case WashKind::Rays:
    case WashKind::Halo:
      return {80, "Warm light", {0xf0, 0xd2, 0x98}};
    default:
      return {240, "Pale sky", {0x9d, 0xc3, 0xd8}};
  }
}

}  // namespace

PlanWithInk withInkFor(const Plan& plan, WashKind kind, std::span<const Ink> owned) {
  const Wanted wanted = wantedOf(kind);
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  /// 0: of no use; else the more the better.
  const auto worth = [&](const Ink& ink) -> double {
    if (ink.kind == InkKind::Embossing || ink.kind == InkKind::Marker || ink.kind == InkKind::Paint) return 0;
    const InkFilm film(ink.colour, ink.opacity, factsOf(kind).strength);
    LinearRgb out;
    for (size_t c = 0; c < 3; ++c) out[c] = paper[c] * film.multiply[c] + film.add[c];
    if (ciede2000(labOf(paper), labOf(out)) < kSeen || lightnessOf(ink.colour) < kPale) return 0;
    const Lch lch = lchOf(labOf(ink.colour));
    const double apart = std::fmod(std::fabs(lch.h_deg - wanted.hue), 360),
                 off = std::min(apart, 360 - apart);
    const bool fits = lch.C >= kGrey && off <= kFarHue;
    return (fits ? 1000 - off : 0) + lightnessOf(ink.colour);
  };
  const auto best = [&](std::span<const Ink> inks) {
    const Ink* found = nullptr;
    for (const Ink& ink : inks)
      if (worth(ink) > 0 && (!found || worth(ink) > worth(*found))) found = &ink;
    return found;
  };
  if (const Ink* own = best(plan.inks)) return {plan, own->id};
  Ink ink;
  if (const Ink* of = best(owned)) {
    ink = *of;
  } else {
    ink.name = wanted.name, ink.kind = InkKind::Dye, ink.colour = wanted.colour;
    ink.id = "background";
  }
  const std::string stem = ink.id;
  for (int n = 2; plan.ink(ink.id); ++n) ink.id = stem + std::to_string(n);
  PlanWithInk out{plan, ink.id};
  out.plan.inks.push_back(std::move(ink));
  return out;
}

}  // namespace havlo
