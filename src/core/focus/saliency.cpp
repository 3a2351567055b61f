// Pyramids of each feature, differences across scales, one map a kind, one map in all.
#include "core/focus/saliency.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/base/parallel.h"
#include "core/focus/field_ops.h"

namespace havlo {
namespace {

constexpr int kLevels = 7;
constexpr std::array<int, 4> kCentres{0, 1, 2, 3};
constexpr std::array<int, 2> kDeltas{2, 3};
constexpr int kNear =
    8;  // a local maximum is the greatest within the longer side divided by this: one a thing
constexpr int kPooled = 40;    // pixels along the longer side on which peaks are looked for
constexpr float kPeak = 0.1f;  // of the greatest: lower maxima are not counted

using Pyramid = std::array<Field, kLevels>;

Pyramid pyramidOf(Field f) {
  Pyramid out;
  out[0] = std::move(f);
  for (size_t k = 1; k < kLevels; ++k) out[k] = halved(out[k - 1]);
  return out;
}

/// How much what differs to one side of a colour axis alone counts beside what differs at all, so that one
/// blue thing among many red ones is as lone as a red one among blue. Fitted: both are seen first.
constexpr float kOneSide = 0.3f;
constexpr int kSidedFrom = 2;  // level: what is finer has no colour of its own

/// Centre less surround where it is more (`above`), and the other way round. The finest centre is compared
/// pixel by pixel and brought to the size of the next by its mean.
struct Differences {
  Field above, below;
};
Differences differencesOf(const Field& centre, const Field& surround, bool finest) {
  Differences out{Field(surround.width, surround.height), Field(surround.width, surround.height)};
  if (!finest) {
    for (size_t k = 0; k < surround.v.size(); ++k) {
      const float d = centre.v[k] - surround.v[k];
      out.above.v[k] = std::max(d, 0.0f), out.below.v[k] = std::max(-d, 0.0f);
    }
    return out;
  }
  // A pixel of the surround lies under two by two of the centre, fewer at odd rims.
  for (int y = 0; y < centre.height; ++y) {
    const size_t row = ix(y / 2) * ix(surround.width);
    const float* from = &centre.v[ix(y) * ix(centre.width)];
    const float rows = 2 * (y / 2) + 1 < centre.height ? 0.5f : 1.0f;
    const auto put = [&](size_t x, size_t to, float share) {
      const float d = from[x] - surround.v[row + to];
      out.above.v[row + to] += share * std::max(d, 0.0f), out.below.v[row + to] += share * std::max(-d, 0.0f);
    };
    const size_t pairs = ix(centre.width / 2);
    for (size_t k = 0; k < pairs; ++k) put(2 * k, k, 0.5f * rows), put(2 * k + 1, k, 0.5f * rows);
    if (centre.width % 2) put(ix(centre.width) - 1, pairs, rows);
  }
  return out;
}

/// Sum over scales of normalised |centre - surround|, at the size of level 1.
/// @param sided  of a colour axis: what differs to one side alone counts besides
Field contrastsOf(const Pyramid& p, float least, bool sided = false) {
  const int w = p[1].width, h = p[1].height;
  Field sum(w, h);
  const auto add = [&](Field& diff, float weight) {
    favourLonePeaks(diff, least);
    if (diff.width != w || diff.height != h) diff = resized(diff, w, h);
    for (size_t k = 0; k < sum.v.size(); ++k) sum.v[k] += weight * diff.v[k];
  };
  for (int c : kCentres)
    for (int d : kDeltas) {
      const Field& centre = p[ix(c)];
      if (centre.v.empty()) continue;
      Differences diff = differencesOf(
          centre, resized(p[ix(c + d)], c == 0 ? w : centre.width, c == 0 ? h : centre.height), c == 0);
      Field both = diff.above;
      for (size_t k = 0; k < both.v.size(); ++k) both.v[k] += diff.below.v[k];
      add(both, 1);
      if (sided && c >= kSidedFrom) add(diff.above, kOneSide), add(diff.below, kOneSide);
    }
  return sum;
}

/// Strength of edges that run in one of four directions, from level 1 on; level 0 is left empty. By the
/// double angle of the gradient, so that both sides of a stroke count alike.
Pyramid directionOf(const Pyramid& lightness, int direction) {
  Pyramid out;
  for (size_t k = 1; k < kLevels; ++k) {
    const Field& f = lightness[k];
    Field edges(f.width, f.height), rows(f.width, f.height);
    for (int y = 0; y < f.height; ++y)
      for (int x = 0; x < f.width; ++x) {
        const int l = std::max(0, x - 1), r = std::min(f.width - 1, x + 1);
        const int u = std::max(0, y - 1), d = std::min(f.height - 1, y + 1);
        const float gx = (f.at(r, y) - f.at(l, y)) / 2, gy = (f.at(x, d) - f.at(x, u)) / 2;
        const float size2 = gx * gx + gy * gy;
        if (size2 <= 0) continue;
        // Cosine or sine of twice the gradient's angle, or their negatives.
        const float along =
            (direction % 2 ? 2 * gx * gy : gx * gx - gy * gy) * (direction < 2 ? 1.0f : -1.0f);
        if (along > 0) edges.at(x, y) = along / std::sqrt(size2);
      }
    // Edges of both sides of a stroke melt together: the mean of 3 x 3.
    out[k] = Field(f.width, f.height);
    for (int y = 0; y < f.height; ++y)
      for (int x = 0; x < f.width; ++x)
        rows.at(x, y) =
            edges.at(std::max(0, x - 1), y) + edges.at(x, y) + edges.at(std::min(f.width - 1, x + 1), y);
    for (int y = 0; y < f.height; ++y)
      for (int x = 0; x < f.width; ++x)
        out[k].at(x, y) =
            (rows.at(x, std::max(0, y - 1)) + rows.at(x, y) + rows.at(x, std::min(f.height - 1, y + 1))) / 9;
  }
  return out;
}

}  // namespace

namespace {

/// The greatest of each little square, so that the longer side has no more than kPooled pixels.
Field pooled(const Field& f) {
  const int side = (std::max(f.width, f.height) + kPooled - 1) / kPooled;
  if (side <= 1) return f;
  Field out((f.width + side - 1) / side, (f.height + side - 1) / side);
  for (int y = 0; y < f.height; ++y) {
    const float* from = &f.v[ix(y) * ix(f.width)];
    float* to = &out.v[ix(y / side) * ix(out.width)];
    for (int x = 0; x < f.width; ++to)
      for (const int end = std::min(f.width, x + side); x < end; ++x) *to = std::max(*to, from[x]);
  }
  return out;
}

}  // namespace

void favourLonePeaks(Field& f, float least) {
  if (f.v.empty()) return;
  float four[4] = {};
  for (size_t k = 0; k < f.v.size(); ++k) four[k % 4] = std::max(four[k % 4], f.v[k]);
  const float most = std::max(std::max(four[0], four[1]), std::max(four[2], four[3]));
  if (most <= 0) return;
  const float scale = 1 / std::max(most, least);
  for (float& v : f.v) v *= scale;
  const float greatest = most * scale;
  const Field coarse = pooled(f);
  const Field around = greatestWithin(coarse, std::max(3, std::max(coarse.width, coarse.height) / kNear));
  double sum = 0;
  int count = 0;
  bool skipped = false;
  for (size_t k = 0; k < coarse.v.size(); ++k) {
    const float v = coarse.v[k];
    if (v < kPeak * greatest || v < around.v[k]) continue;
    if (v >= greatest && !skipped) {
      skipped = true;
      continue;
    }
    sum += static_cast<double>(v), ++count;
  }
  const float others = count > 0 ? static_cast<float>(sum / count) : 0;
  // Next to nothing is nothing: numbers below what floats hold well are slow to reckon with.
  constexpr float kNothing = 1e-6f;
  const float weight = (greatest - others) * (greatest - others);
  for (float& v : f.v) v = v * weight > kNothing ? v * weight : 0;
}

namespace {

/// What differs at all from what lies around it, as large as level 1 of the pyramids, 1 for black on white.
Field restOf(const std::array<Pyramid, 3>& axes) {
  Field out(axes[0][1].width, axes[0][1].height);
  for (const Pyramid& p : axes) {
    const Field around = resized(p[4], out.width, out.height);
    for (size_t k = 0; k < out.v.size(); ++k) {
      const float d = p[1].v[k] - around.v[k];
      out.v[k] += d * d;
    }
  }
  // What rounding alone makes is nothing.
  constexpr float kRounding = 1e-5f;
  for (float& v : out.v) v = v > kRounding ? std::sqrt(v) / 100 : 0;
  return out;
}

}  // namespace

Saliency saliencyOf(const LabPicture& picture, bool centred) {
  const int width = picture.L.width, height = picture.L.height;
  std::array<Pyramid, 3> axes;
  forEachIndex(axes.size(), 2, [&](size_t k) {
    axes[k] = pyramidOf(k == 0 ? picture.L : k == 1 ? picture.a : picture.b);
  });
  const Pyramid& light = axes[0];
  const int w = light[1].width, h = light[1].height;
  // Lightness, two colour axes, four directions: none knows the others.
  std::array<Field, 7> features;
  forEachIndex(features.size(), 2, [&](size_t k) {
    if (k == 0) {
      features[k] = contrastsOf(light, kClearLightness);
    } else if (k < 3) {
      features[k] = contrastsOf(axes[k], kClearColour, true);
    } else {
      Pyramid along = directionOf(light, static_cast<int>(k) - 3);
      along[0] = Field();
      features[k] = contrastsOf(along, kClearDirection);
      favourLonePeaks(features[k], kClearKind);
    }
  });
  Field lightness = std::move(features[0]), colour(w, h), direction(w, h);
  for (size_t k = 0; k < colour.v.size(); ++k) {
    colour.v[k] = features[1].v[k] + features[2].v[k];
    for (size_t o = 3; o < features.size(); ++o) direction.v[k] += features[o].v[k];
  }
  Saliency out;
  out.pull = Field(width, height);
  const auto take = [&](Field& kind, Field& to) {
    favourLonePeaks(kind, kClearKind);
    to = resized(kind, width, height);
    for (size_t k = 0; k < to.v.size(); ++k) out.pull.v[k] += to.v[k] / 3;
  };
  take(lightness, out.lightness);
  take(colour, out.colour);
  take(direction, out.direction);
  // Coarse maps spill into the empty room between things: where nothing differs nothing is looked at.
  const Field rest = resized(restOf(axes), width, height);
  for (size_t k = 0; k < rest.v.size(); ++k)
    out.pull.v[k] =
        (out.pull.v[k] + kRest * rest.v[k]) * std::clamp(rest.v[k] / kLocallySeen, kSpiltShare, 1.0f);
  double sum = 0;
  for (int y = 0; y < height; ++y)
    for (int x = 0; x < width; ++x) {
      float& v = out.pull.at(x, y);
      if (centred) {
        const float u = (static_cast<float>(x) + 0.5f) / static_cast<float>(width) * 2 - 1;
        const float t = (static_cast<float>(y) + 0.5f) / static_cast<float>(height) * 2 - 1;
        v *= 1 - (u * u + t * t) / 8;
      }
      sum += static_cast<double>(v);
    }
  if (sum > 1e-9)
    for (float& v : out.pull.v) v = static_cast<float>(v / sum);
  return out;
}

}  // namespace havlo
