// Wanted strength against the generations at hand.
#include "core/tone/tone.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "core/ink/ink_facts.h"

namespace havlo {

double contrastLeft(Metres distance, Metres visibility) {
  if (!std::isfinite(distance.value)) return 0;
  return std::exp(-3.912 * distance.value / visibility.value);
}

namespace {

constexpr double kMuchNearer = 0.12;  // in contrast, before another ink is worth the change
constexpr double kSameHue = 45;       // levels of sRGB, after lightness is taken out

bool sameHue(Colour a, Colour b) {
  const auto apart = [](Colour c) {
    const double mean = (c.red + c.green + c.blue) / 3.0;
    return std::array{c.red - mean, c.green - mean, c.blue - mean};
  };
  const auto x = apart(a), y = apart(b);
  return std::fabs(x[0] - y[0]) + std::fabs(x[1] - y[1]) + std::fabs(x[2] - y[2]) < kSameHue;
}

/// Contrasts as shares of what the own ink has when freshly inked.
void propose(const Plan& plan, const Impression& thing, const ToneGround& ground, ToneReading& t) {
  const Ink& mine = *plan.ink(thing.ink);
  const double whole = contrastOn(ground, mine, 1);
  double best = 1e300;
  const auto consider = [&](const Ink& ink, double handicap) {
    for (int g = 1; g <= static_cast<int>(ink.generations.size()); ++g) {
      const double left = whole > 0 ? contrastOn(ground, ink, g) / whole : 0;
      if (const double off = std::fabs(left - t.wanted) + handicap; off < best)
        best = off, t.proposedGeneration = g, t.proposedInk = ink.id, t.proposed = left;
    }
  };
  consider(mine, 0);
  // Any ink that looks the same; powder only for what is embossed anyway.
  for (const Ink& ink : plan.inks)
    if (ink.id != mine.id && (ink.kind == InkKind::Embossing) == (mine.kind == InkKind::Embossing) &&
        sameHue(ink.colour, mine.colour))
      consider(ink, kMuchNearer);
}

double greyOf(const LinearRgb& c) {
  const auto srgb = [](float v) {
    const auto l = static_cast<double>(v);
    return l <= 0.0031308 ? 12.92 * l : 1.055 * std::pow(l, 1 / 2.4) - 0.055;
  };
  return 0.2126 * srgb(c[0]) + 0.7152 * srgb(c[1]) + 0.0722 * srgb(c[2]);
}

}  // namespace

double contrastOn(const ToneGround& ground, const Ink& ink, int generation) {
  const double print = luminanceOf(pressedOn(ground.under, ink, generation)),
               around = luminanceOf(ground.around);
  const double lighter = std::max(print, around);
  return lighter > 0 ? std::fabs(print - around) / lighter : 0;
}

double strengthFor(const Ink& ink, double share) {
  const auto dark = [&](double strength) {
    const InkFilm film(ink.colour, ink.opacity, strength);
    LinearRgb c;
    for (size_t k = 0; k < 3; ++k) c[k] = film.multiply[k] + film.add[k];
    return 1 - greyOf(c);
  };
  const double wanted = std::clamp(share, 0.0, 1.0) * dark(1);
  if (dark(1) <= 0) return std::clamp(share, 0.0, 1.0);  // white ink darkens nothing
  double low = 0, high = 1;
  for (int k = 0; k < 40; ++k) {
    const double middle = (low + high) / 2;
    (dark(middle) < wanted ? low : high) = middle;
  }
  return high;
}

Metres distanceFor(double strength, Metres visibility) {
  if (strength <= 0) return Metres{std::numeric_limits<double>::infinity()};
  return Metres{-std::log(std::fmin(strength, 1.0)) * visibility.value / 3.912};
}

Result<std::vector<double>> strengthsOf(const std::vector<double>& darkness) {
  if (darkness.size() < 2) return Error{ErrorCode::BadInput, "a test strip needs at least two pressings", {}};
  if (!(darkness[0] > 0.02))
    return Error{ErrorCode::BadInput, "the first pressing cannot be told from paper", {}};
  std::vector<double> out;
  for (const double d : darkness) {
    const double s = std::clamp(d / darkness[0], 0.0, 1.0);
    out.push_back(out.empty() ? 1.0 : std::min(s, out.back()));
  }
  return out;
}

std::vector<ToneReading> readTones(const Plan& plan, const std::vector<double>& distances_m,
                                   const std::vector<ToneGround>& grounds) {
  std::vector<ToneReading> out;
  if (!plan.view || !plan.view->visibility_m) return out;
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& impression = plan.impressions[i];
    const Ink& ink = *plan.ink(impression.ink);
    const ToneGround ground = grounds.empty() ? ToneGround{paper, paper} : grounds[i];
    ToneReading t;
    t.impression = static_cast<int>(i);
    t.wanted = contrastLeft(Metres{distances_m[i]}, Metres{*plan.view->visibility_m});
    const double own = contrastOn(ground, ink, impression.generation);
    double most = contrastOn(ground, ink, 1);
    t.actual = most > 0 ? own / most : strengthOf(ink, impression.generation);
    for (const Ink& other : plan.inks)
      if (sameHue(other.colour, ink.colour)) most = std::fmax(most, contrastOn(ground, other, 1));
    t.seen = most > 0 ? own / most : t.actual;
    propose(plan, impression, ground, t);
    out.push_back(std::move(t));
  }
  return out;
}

}  // namespace havlo
