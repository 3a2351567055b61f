#include "core/focus/oddness.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace havlo {
namespace {

constexpr double kFewestPixels = 6;  // fewer are not seen as a thing

// The least spread of each feature: about half of what is clearly seen. Common practice, no source.
constexpr double kClearLab = 6, kClearTexture = 6, kClearSize = 0.12, kClearLong = 0.12, kClearFilled = 0.12;
// Distance, in spreads, from which a thing is odd at all, and from which it is odd at sight.
constexpr double kOddFrom = 2.2, kOddAtSight = 4.5;
// Others that differ by so many of the least spreads among themselves are alike, and not alike at all.
constexpr double kAlike = 1, kUnlike = 2.5;

/// Up to three numbers of a thing that are seen together.
struct Feature {
  std::vector<std::array<double, 3>> of;
  int numbers = 1;
  double least = 1;
};

struct Outlier {
  double distance = 0;  ///< from the mean of the others, by their covariance
  double spread = 0;    ///< of the others, in least spreads
};
Outlier outlierOf(const Feature& f, const std::vector<int>& others, int x) {
  const auto n = static_cast<double>(others.size());
  std::array<double, 3> mean{};
  for (int o : others)
    for (int k = 0; k < f.numbers; ++k) mean[ix(k)] += f.of[ix(o)][ix(k)] / n;
  double s[3][3] = {};
  for (int o : others)
    for (int i = 0; i < f.numbers; ++i)
      for (int k = 0; k < f.numbers; ++k)
        s[i][k] += (f.of[ix(o)][ix(i)] - mean[ix(i)]) * (f.of[ix(o)][ix(k)] - mean[ix(k)]) / n;
  double d[3] = {};
  double trace = 0;
  for (int k = 0; k < f.numbers; ++k) trace += s[k][k];
  for (int k = 0; k < f.numbers; ++k) s[k][k] += f.least * f.least, d[k] = f.of[ix(x)][ix(k)] - mean[ix(k)];
  // By Cholesky's decomposition: y with L y = d.
  double sum = 0, l[3][3] = {}, y[3] = {};
  for (int i = 0; i < f.numbers; ++i) {
    for (int k = 0; k <= i; ++k) {
      double v = s[i][k];
      for (int m = 0; m < k; ++m) v -= l[i][m] * l[k][m];
      l[i][k] = i == k ? std::sqrt(std::max(v, 1e-12)) : v / l[k][k];
    }
    y[i] = d[i];
    for (int m = 0; m < i; ++m) y[i] -= l[i][m] * y[m];
    y[i] /= l[i][i];
    sum += y[i] * y[i];
  }
  return {std::sqrt(sum), std::sqrt(trace / f.numbers) / f.least};
}

}  // namespace

std::vector<ThingLook> thingLooks(const LabPicture& picture, const std::vector<int>& owner, int things) {
  struct Sum {
    double n = 0, L = 0, a = 0, b = 0, L2 = 0, x = 0, y = 0, xx = 0, yy = 0, xy = 0, left = 1e9, right = -1,
           top = 1e9, bottom = -1;
  };
  std::vector<Sum> sums(ix(things));
  const auto width = static_cast<size_t>(picture.L.width);
  for (size_t k = 0; k < owner.size(); ++k) {
    if (owner[k] < 0) continue;
    Sum& s = sums[ix(owner[k])];
    const auto L = static_cast<double>(picture.L.v[k]), x = static_cast<double>(k % width),
               y = static_cast<double>(k / width);
    ++s.n, s.L += L, s.L2 += L * L;
    s.a += static_cast<double>(picture.a.v[k]), s.b += static_cast<double>(picture.b.v[k]);
    s.left = std::min(s.left, x), s.right = std::max(s.right, x);
    s.top = std::min(s.top, y), s.bottom = std::max(s.bottom, y);
    s.x += x, s.y += y, s.xx += x * x, s.yy += y * y, s.xy += x * y;
  }
  std::vector<ThingLook> out(ix(things));
  for (size_t i = 0; i < out.size(); ++i) {
    const Sum& s = sums[i];
    if (s.n < 1) continue;
    ThingLook& t = out[i];
    t.pixels = s.n;
    t.colour = {s.L / s.n, s.a / s.n, s.b / s.n};
    t.texture = std::sqrt(std::max(0.0, s.L2 / s.n - t.colour.L * t.colour.L));
    const double mx = s.x / s.n, my = s.y / s.n;
    const double vx = s.xx / s.n - mx * mx, vy = s.yy / s.n - my * my, vxy = s.xy / s.n - mx * my;
    // Half the difference of the variances along its axes over their mean: 0 round, 1 a line.
    const double all = vx + vy;
    if (all > 1e-9) t.lying = (vx - vy) / all, t.leaning = 2 * vxy / all;
    t.filled = s.n / ((s.right - s.left + 1) * (s.bottom - s.top + 1));
    t.size = std::log(std::sqrt(s.n));
  }
  return out;
}

std::vector<double> oddnessOf(const std::vector<ThingLook>& looks, const std::vector<char>& counts) {
  std::vector<double> out(looks.size(), 0);
  std::vector<int> seen;
  for (size_t i = 0; i < looks.size(); ++i)
    if (counts[i] && looks[i].pixels >= kFewestPixels) seen.push_back(static_cast<int>(i));
  if (static_cast<int>(seen.size()) < kFewestAlike) return out;
  std::vector<Feature> features(5);
  features[0].numbers = 3, features[0].least = kClearLab;
  features[1].least = kClearTexture;
  features[2].numbers = 2, features[2].least = kClearLong;
  features[3].least = kClearSize;
  features[4].least = kClearFilled;
  for (const ThingLook& t : looks) {
    features[0].of.push_back({t.colour.L, t.colour.a, t.colour.b});
    features[1].of.push_back({t.texture});
    features[2].of.push_back({t.lying, t.leaning});
    features[3].of.push_back({t.size});
    features[4].of.push_back({t.filled});
  }
  for (int i : seen) {
    std::vector<int> others = seen;
    std::erase(others, i);
    double most = 0, spread = 0;
    for (const Feature& f : features) {
      const Outlier o = outlierOf(f, others, i);
      most = std::max(most, o.distance);
      spread += o.spread / static_cast<double>(features.size());
    }
    const double alike = std::clamp((kUnlike - spread) / (kUnlike - kAlike), 0.0, 1.0);
    out[ix(i)] = alike * std::clamp((most - kOddFrom) / (kOddAtSight - kOddFrom), 0.0, 1.0);
  }
  return out;
}

}  // namespace havlo
