// From afar to near. An OpenCV bridge.
#include "core/compare/registration.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <vector>

namespace havlo {
namespace {

struct Sample {
  double x, y;  // from the pivot, pixels
  double ink, weight;
};

std::vector<Sample> samplesOf(const cv::Mat& ink, const cv::Mat& weight, cv::Point at, cv::Point2d pivot,
                              size_t most) {
  std::vector<Sample> all;
  for (int y = 0; y < ink.rows; ++y)
    for (int x = 0; x < ink.cols; ++x)
      if (const float w = weight.at<float>(y, x); w > 0.05f)
        all.push_back({at.x + x + 0.5 - pivot.x, at.y + y + 0.5 - pivot.y, ink.at<float>(y, x), w});
  if (all.size() <= most) return all;
  std::vector<Sample> some;
  // A stride that meets every row and column alike.
  const double step = static_cast<double>(all.size()) / static_cast<double>(most);
  for (size_t k = 0; k < most; ++k) {
    const double jitter = std::fmod(static_cast<double>(k) * 0.6180339887498949, 1.0);
    some.push_back(
        all[std::min(all.size() - 1, static_cast<size_t>((static_cast<double>(k) + jitter) * step))]);
  }
  return some;
}

/// Bilinear; outside the picture its edge goes on.
float valueAt(const cv::Mat& m, double x, double y) {
  const double u = std::clamp(x - 0.5, 0.0, m.cols - 1.001), v = std::clamp(y - 0.5, 0.0, m.rows - 1.001);
  const int i = static_cast<int>(u), j = static_cast<int>(v);
  const auto f = static_cast<float>(u - i), g = static_cast<float>(v - j);
  const float* a = m.ptr<float>(j) + i;
  const float* b = m.ptr<float>(j + 1) + i;
  return (a[0] * (1 - f) + a[1] * f) * (1 - g) + (b[0] * (1 - f) + b[1] * f) * g;
}

struct Pose {
  double x = 0, y = 0, turn = 0;
};

double correlation(const cv::Mat& seen, const std::vector<Sample>& samples, cv::Point2d pivot,
                   const Pose& p) {
  const double c = std::cos(p.turn), s = std::sin(p.turn);
  double w = 0, sx = 0, sy = 0, xx = 0, yy = 0, xy = 0;
  for (const Sample& q : samples) {
    const double v = valueAt(seen, pivot.x + p.x + c * q.x - s * q.y, pivot.y + p.y + s * q.x + c * q.y);
    w += q.weight, sx += q.weight * q.ink, sy += q.weight * v;
    xx += q.weight * q.ink * q.ink, yy += q.weight * v * v, xy += q.weight * q.ink * v;
  }
  if (w <= 0) return 0;
  const double cov = xy - sx * sy / w, vx = xx - sx * sx / w, vy = yy - sy * sy / w;
  return vx > 1e-9 && vy > 1e-9 * w ? cov / std::sqrt(vx * vy) : 0;
}

/// Neighbouring pixels err together: the paper's grain and the blur are a few pixels wide.
constexpr double kTogether = 40;
constexpr double kUsual_mm = 1.5, kUsualTurn_rad = 0.035;

/// Nearer places first where two are as good: reeds in a row look alike.
constexpr double kFarCosts = 0.012;  // of likeness, a square millimetre

Pose fromAfar(const cv::Mat& seen, const WantedPrint& wanted, double farthest_mm) {
  const double by = std::max(1.0, wanted.pxPerMm / 2.5);
  cv::Mat far, ink, weight;
  cv::resize(seen, far, cv::Size(), 1 / by, 1 / by, cv::INTER_AREA);
  // The part begins anywhere in the coarse pixels; its own are put where they lie.
  const cv::Size size(std::max(2, static_cast<int>(std::ceil(wanted.ink.cols / by))),
                      std::max(2, static_cast<int>(std::ceil(wanted.ink.rows / by))));
  cv::resize(wanted.ink, ink, size, 0, 0, cv::INTER_AREA);
  cv::resize(wanted.weight, weight, size, 0, 0, cv::INTER_AREA);
  const double byX = static_cast<double>(wanted.ink.cols) / size.width,
               byY = static_cast<double>(wanted.ink.rows) / size.height;
  std::vector<Sample> samples;
  for (int y = 0; y < size.height; ++y)
    for (int x = 0; x < size.width; ++x)
      if (const float w = weight.at<float>(y, x); w > 0.1f)
        samples.push_back({(wanted.at.x + (x + 0.5) * byX - wanted.pivot.x) / by,
                           (wanted.at.y + (y + 0.5) * byY - wanted.pivot.y) / by, ink.at<float>(y, x), w});
  constexpr size_t kMost = 350;
  if (samples.size() > kMost) {
    std::vector<Sample> some;
    for (size_t k = 0; k < kMost; ++k) some.push_back(samples[k * samples.size() / kMost]);
    samples = std::move(some);
  }
  const cv::Point2d pivot = wanted.pivot / by;
  const double perMm = wanted.pxPerMm / by;
  const int reach = static_cast<int>(std::ceil(farthest_mm * perMm));
  Pose best;
  double most = -2;
  for (int k = -4; k <= 4; ++k)
    for (int dy = -reach; dy <= reach; dy += 2)
      for (int dx = -reach; dx <= reach; dx += 2) {
        const Pose p{static_cast<double>(dx), static_cast<double>(dy), k * kMostTurn_rad / 4};
        const double mm2 = (dx * dx + dy * dy) / (perMm * perMm);
        if (const double l = correlation(far, samples, pivot, p) - kFarCosts * mm2; l > most)
          most = l, best = p;
      }
  for (double step : {1.0, 0.5, 0.25})
    for (bool better = true; better;) {
      better = false;
      const Pose from = best;
      for (const Pose d : {Pose{step, 0, 0},
                           {-step, 0, 0},
                           {0, step, 0},
                           {0, -step, 0},
                           {0, 0, 0.012 * step},
                           {0, 0, -0.012 * step}}) {
        const Pose p{from.x + d.x, from.y + d.y, from.turn + d.turn};
        const double mm2 = (p.x * p.x + p.y * p.y) / (perMm * perMm);
        if (const double l = correlation(far, samples, pivot, p) - kFarCosts * mm2; l > most + 1e-9)
          most = l, best = p, better = true;
      }
    }
  best.x *= by, best.y *= by;
  return best;
}

}  // namespace

std::optional<FittedPrint> fitPrint(const cv::Mat& seen, const WantedPrint& wanted, double farthest_mm) {
  const auto samples = samplesOf(wanted.ink, wanted.weight, wanted.at, wanted.pivot, 9000);
  double inked = 0;
  for (const Sample& s : samples) inked += std::fabs(s.ink) * s.weight;
  if (samples.size() < 60 || inked < 20) return {};
  Pose pose = fromAfar(seen, wanted, farthest_mm);
  FittedPrint out;
  cv::Matx<double, 5, 5> normal, errors;  // errors: what the residues that are there do to the five
  double residue = 0, weights = 0;
  for (const double soft : {2.0, 0.8}) {
    cv::Mat s, t;
    cv::GaussianBlur(seen, s, {0, 0}, soft);
    cv::GaussianBlur(wanted.ink, t, {0, 0}, soft);
    std::vector<Sample> blurred = samples;
    // The drawing's own slopes: the picture's carry its noise, which would pass for knowledge.
    std::vector<cv::Point2d> slopes(blurred.size());
    for (size_t k = 0; k < blurred.size(); ++k) {
      Sample& q = blurred[k];
      const double x = q.x + wanted.pivot.x - wanted.at.x, y = q.y + wanted.pivot.y - wanted.at.y;
      q.ink = valueAt(t, x, y);
      slopes[k] = {valueAt(t, x + 0.5, y) - valueAt(t, x - 0.5, y),
                   valueAt(t, x, y + 0.5) - valueAt(t, x, y - 0.5)};
    }
    double gain = 1, base = 0, spread = 0.5;
    for (int round = 0; round < 14; ++round) {
      const double c = std::cos(pose.turn), sn = std::sin(pose.turn);
      normal = errors = cv::Matx<double, 5, 5>::zeros();
      cv::Vec<double, 5> right;
      residue = weights = 0;
      std::vector<double> off;
      off.reserve(blurred.size());
      for (size_t k = 0; k < blurred.size(); ++k) {
        const Sample& q = blurred[k];
        const double rx = c * q.x - sn * q.y, ry = sn * q.x + c * q.y;
        const double x = wanted.pivot.x + pose.x + rx, y = wanted.pivot.y + pose.y + ry;
        const double v = valueAt(s, x, y);
        const double gx = gain * (c * slopes[k].x - sn * slopes[k].y),
                     gy = gain * (sn * slopes[k].x + c * slopes[k].y);
        const double e = v - gain * q.ink - base, u = e / (4 * spread);
        off.push_back(std::fabs(e));
        if (std::fabs(u) >= 1) continue;
        const double w = q.weight * (1 - u * u) * (1 - u * u);
        const cv::Vec<double, 5> j(gx, gy, gx * -ry + gy * rx, -q.ink, -1);
        normal += w * j * j.t();
        errors += w * w * e * e * kTogether * j * j.t();
        right += -w * e * j;
        residue += w * e * e, weights += w;
      }
      // What the drawing does not tell, as a straight line does not how far it lies along itself, stays where
      // it was planned: hands are seldom farther off than this.
      const double variance = kTogether * std::max(1e-4, residue / std::max(1.0, weights));
      const std::array<double, 3> usual = {kUsual_mm * wanted.pxPerMm, kUsual_mm * wanted.pxPerMm,
                                           kUsualTurn_rad};
      const std::array<double, 3> at = {pose.x, pose.y, pose.turn};
      for (int k = 0; k < 3; ++k) {
        const double trust = variance / (usual[static_cast<size_t>(k)] * usual[static_cast<size_t>(k)]);
        errors(k, k) += trust * variance;
        normal(k, k) += trust, right[k] -= trust * at[static_cast<size_t>(k)];
      }
      for (int k = 3; k < 5; ++k) normal(k, k) += 1e-9;
      cv::Vec<double, 5> step;
      if (!cv::solve(cv::Mat(normal), cv::Mat(right), step, cv::DECOMP_CHOLESKY)) break;
      const double far = std::hypot(step[0], step[1]), most = 1.5;
      const double hold = far > most ? most / far : 1;
      pose.x += hold * step[0], pose.y += hold * step[1];
      pose.turn += std::clamp(hold * step[2], -0.03, 0.03);
      gain += step[3], base += step[4];
      const auto middle = off.begin() + static_cast<std::ptrdiff_t>(off.size() / 2);
      std::nth_element(off.begin(), middle, off.end());
      spread = std::clamp(2.2 * *middle, 0.06, 0.5);
      if (far < 2e-3 && std::fabs(step[2]) < 1e-5) break;
    }
    out.gain = gain, out.base = base;
  }
  out.by = {pose.x, pose.y}, out.turn_rad = pose.turn;
  cv::Mat s, t;
  cv::GaussianBlur(seen, s, {0, 0}, 0.8);
  out.likeness = correlation(s, samples, wanted.pivot, pose);
  // What does not fit lies along the lines, where it counts (White 1980, from memory).
  const cv::Matx<double, 5, 5> solved = normal.inv(cv::DECOMP_SVD), inverse = solved * errors * solved;
  // Along whatever way it is least sure.
  const double mean = (inverse(0, 0) + inverse(1, 1)) / 2, apart = (inverse(0, 0) - inverse(1, 1)) / 2;
  out.bySd_px = std::sqrt(std::max(0.0, mean + std::hypot(apart, inverse(0, 1))));
  out.gainSd = std::sqrt(std::max(0.0, inverse(3, 3)));
  out.turnSd_rad = std::sqrt(std::max(0.0, inverse(2, 2)));
  return out;
}

}  // namespace havlo
