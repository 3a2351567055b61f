// Pyramids of each feature, differences across scales, one map a kind, one map in all.
#include "core/focus/saliency.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace havlo {
namespace {

constexpr int kLevels = 7;
constexpr std::array<int, 4> kCentres{0, 1, 2, 3};
constexpr std::array<int, 2> kDeltas{2, 3};
constexpr int kNear =
    8;  // a local maximum is the greatest within the longer side divided by this: one a thing
constexpr float kPeak = 0.1f;  // of the greatest: lower maxima are not counted

using Pyramid = std::array<Field, kLevels>;

Pyramid pyramidOf(Field f) {
  Pyramid out;
  out[0] = std::move(f);
  for (size_t k = 1; k < kLevels; ++k) out[k] = halved(out[k - 1]);
  return out;
}

/// Sum over scales of normalised |centre - surround|, at the size of level 1.
void addContrasts(const Pyramid& p, float least, Field& sum) {
  for (int c : kCentres)
    for (int d : kDeltas) {
      const Field& centre = p[static_cast<size_t>(c)];
      const Field& far = p[static_cast<size_t>(c + d)];
      Field diff = resized(far, centre.width, centre.height);
      for (size_t k = 0; k < diff.v.size(); ++k) diff.v[k] = std::fabs(centre.v[k] - diff.v[k]);
      if (diff.width != sum.width || diff.height != sum.height) diff = resized(diff, sum.width, sum.height);
      favourLonePeaks(diff, least);
      for (size_t k = 0; k < sum.v.size(); ++k) sum.v[k] += diff.v[k];
    }
}

/// Strength of edges that run in one of four directions, per level. By the double angle of the gradient, so
/// that both sides of a stroke count alike.
std::array<Pyramid, 4> directionsOf(const Pyramid& lightness) {
  std::array<Pyramid, 4> out;
  for (size_t k = 0; k < kLevels; ++k) {
    const Field& f = lightness[k];
    for (auto& o : out) o[k] = Field(f.width, f.height);
    for (int y = 0; y < f.height; ++y)
      for (int x = 0; x < f.width; ++x) {
        const int l = std::max(0, x - 1), r = std::min(f.width - 1, x + 1);
        const int u = std::max(0, y - 1), d = std::min(f.height - 1, y + 1);
        const float gx = (f.at(r, y) - f.at(l, y)) / 2, gy = (f.at(x, d) - f.at(x, u)) / 2;
        const float size = std::sqrt(gx * gx + gy * gy);
        if (size <= 0) continue;
        // cos and sin of twice the gradient's angle.
        const float c = (gx * gx - gy * gy) / (size * size), s = 2 * gx * gy / (size * size);
        const float along[4] = {c, s, -c, -s};
        for (size_t o = 0; o < 4; ++o) out[o][k].at(x, y) = size * std::max(0.0f, along[o]);
      }
  }
  // Edges of both sides of a stroke melt together.
  for (auto& o : out)
    for (Field& f : o) {
      Field soft = f;
      for (int y = 0; y < f.height; ++y)
        for (int x = 0; x < f.width; ++x) {
          float sum = 0;
          for (int j = -1; j <= 1; ++j)
            for (int i = -1; i <= 1; ++i)
              sum += f.at(std::clamp(x + i, 0, f.width - 1), std::clamp(y + j, 0, f.height - 1));
          soft.at(x, y) = sum / 9;
        }
      f = std::move(soft);
    }
  return out;
}

}  // namespace

Field halved(const Field& f) {
  constexpr float kTaps[5] = {1 / 16.0f, 4 / 16.0f, 6 / 16.0f, 4 / 16.0f, 1 / 16.0f};
  Field wide((f.width + 1) / 2, f.height);
  for (int y = 0; y < f.height; ++y)
    for (int x = 0; x < wide.width; ++x) {
      float sum = 0;
      for (int k = -2; k <= 2; ++k) sum += kTaps[k + 2] * f.at(std::clamp(2 * x + k, 0, f.width - 1), y);
      wide.at(x, y) = sum;
    }
  Field out(wide.width, (f.height + 1) / 2);
  for (int y = 0; y < out.height; ++y)
    for (int x = 0; x < out.width; ++x) {
      float sum = 0;
      for (int k = -2; k <= 2; ++k) sum += kTaps[k + 2] * wide.at(x, std::clamp(2 * y + k, 0, f.height - 1));
      out.at(x, y) = sum;
    }
  return out;
}

Field resized(const Field& f, int width, int height) {
  Field out(width, height);
  if (f.width == 0 || f.height == 0) return out;
  std::vector<int> x0(static_cast<size_t>(width)), x1 = x0;
  std::vector<float> part(static_cast<size_t>(width));
  for (int x = 0; x < width; ++x) {
    const float at =
        (static_cast<float>(x) + 0.5f) * static_cast<float>(f.width) / static_cast<float>(width) - 0.5f;
    const float low = std::floor(at);
    const auto k = static_cast<size_t>(x);
    part[k] = at - low;
    x0[k] = std::clamp(static_cast<int>(low), 0, f.width - 1);
    x1[k] = std::clamp(static_cast<int>(low) + 1, 0, f.width - 1);
  }
  for (int y = 0; y < height; ++y) {
    const float at =
        (static_cast<float>(y) + 0.5f) * static_cast<float>(f.height) / static_cast<float>(height) - 0.5f;
    const float low = std::floor(at), v = at - low;
    const int y0 = std::clamp(static_cast<int>(low), 0, f.height - 1);
    const int y1 = std::clamp(static_cast<int>(low) + 1, 0, f.height - 1);
    for (int x = 0; x < width; ++x) {
      const auto k = static_cast<size_t>(x);
      const float up = f.at(x0[k], y0) + part[k] * (f.at(x1[k], y0) - f.at(x0[k], y0));
      const float down = f.at(x0[k], y1) + part[k] * (f.at(x1[k], y1) - f.at(x0[k], y1));
      out.at(x, y) = up + v * (down - up);
    }
  }
  return out;
}

namespace {

/// Running maximum over 2 near + 1 values along one line; `step` is the distance between them.
void slidingMax(const float* from, float* to, int n, std::ptrdiff_t step, int near, std::vector<int>& queue) {
  queue.clear();
  size_t head = 0;
  int next = 0;
  for (int i = 0; i < n; ++i) {
    for (; next < n && next <= i + near; ++next) {
      while (queue.size() > head && from[queue.back() * step] <= from[next * step]) queue.pop_back();
      queue.push_back(next);
    }
    while (queue[head] < i - near) ++head;
    to[i * step] = from[queue[head] * step];
  }
}

/// The greatest value within a square about each pixel.
Field greatestWithin(const Field& f, int near) {
  Field rows(f.width, f.height), out(f.width, f.height);
  std::vector<int> queue;
  for (int y = 0; y < f.height; ++y)
    slidingMax(&f.v[static_cast<size_t>(y) * static_cast<size_t>(f.width)], &rows.at(0, y), f.width, 1, near,
               queue);
  for (int x = 0; x < f.width; ++x)
    slidingMax(&rows.v[static_cast<size_t>(x)], &out.at(x, 0), f.height, f.width, near, queue);
  return out;
}

}  // namespace

void favourLonePeaks(Field& f, float least) {
  if (f.v.empty()) return;
  const float most = *std::max_element(f.v.begin(), f.v.end());
  if (most <= 0) return;
  const float scale = 1 / std::max(most, least);
  for (float& v : f.v) v *= scale;
  const float greatest = most * scale;
  const int near = std::max(3, std::max(f.width, f.height) / kNear);
  const Field around = greatestWithin(f, near);
  double sum = 0;
  int count = 0;
  bool skipped = false;
  for (int y = 0; y < f.height; ++y)
    for (int x = 0; x < f.width; ++x) {
      const float v = f.at(x, y);
      if (v < kPeak * greatest || v < around.at(x, y)) continue;
      if (v >= greatest && !skipped) {
        skipped = true;
        continue;
      }
      sum += static_cast<double>(v), ++count;
    }
  const float others = count > 0 ? static_cast<float>(sum / count) : 0;
  const float weight = (greatest - others) * (greatest - others);
  for (float& v : f.v) v *= weight;
}

Saliency saliencyOf(const LabPicture& picture, bool centred) {
  const int width = picture.L.width, height = picture.L.height;
  const Pyramid light = pyramidOf(picture.L);
  const int w = light[1].width, h = light[1].height;
  Field lightness(w, h), colour(w, h), direction(w, h);
  addContrasts(light, kClearLightness, lightness);
  addContrasts(pyramidOf(picture.a), kClearColour, colour);
  addContrasts(pyramidOf(picture.b), kClearColour, colour);
  for (const Pyramid& p : directionsOf(light)) {
    Field one(w, h);
    addContrasts(p, kClearDirection, one);
    favourLonePeaks(one, kClearKind);
    for (size_t k = 0; k < one.v.size(); ++k) direction.v[k] += one.v[k];
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
