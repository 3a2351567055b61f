#include "core/compare/paper_fit.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

#include "core/base/random.h"
#include "core/risk/join_risk.h"

namespace havlo {
namespace {

constexpr double kSigma_mm = 0.08;  // of one end: a line's end is no sharp thing
constexpr size_t kLeastPlaces = 12, kMostPlaces = 60;
constexpr double kIndependent = 40;  // places side by side tell the same
constexpr double kStray = 0.04;      // share of ends that come of something else, within kReach_mm
constexpr double kReach_mm = 2;
constexpr double kMostStray = 0.3, kMostBy_mm = 1.2;
constexpr double kDegrees = 180 / 3.14159265358979;
constexpr int kSettling = 700, kSamples = 1800;

/// To the right, up, turn in radians, growth.
using Lie = std::array<double, 4>;

double below(double x) { return 0.5 * std::erfc(-x / 1.4142135623730951); }

class Posterior {
 public:
  Posterior(std::span<const PaperEnd> ends, Point middle) {
    // So that there is an answer where nothing is told; taken out again below.
    const HandErrors usual;
    m_loose = {4 * usual.placing_mm, 4 * usual.placing_mm, 4 * usual.turn_deg / kDegrees,
               4 * usual.cutting_mm};
    const size_t each = (ends.size() + kMostPlaces - 1) / kMostPlaces;
    for (size_t k = 0; k < ends.size(); k += each) {
      const PaperEnd& e = ends[k];
      m_rows.push_back({e.outward.x, e.outward.y, cross(e.at - middle, e.outward), 1});
      m_ends.push_back(e);
    }
    m_share = std::min(1.0, kIndependent / static_cast<double>(m_ends.size()));
  }
  const Lie& loose() const { return m_loose; }

  double edgeAt(size_t k, const Lie& lie) const {
    double sum = 0;
    for (size_t c = 0; c < 4; ++c) sum += m_rows[k][c] * lie[c];
    return sum;
  }
  /// How likely an end is, given where the edge would be; per mm where it is seen.
  double likely(size_t k, double edge) const {
    const PaperEnd& e = m_ends[k];
    if (e.to <= e.from) {
      const double z = (e.from - edge) / kSigma_mm;
      return (1 - kStray) * std::exp(-z * z / 2) / (2.5066282746310002 * kSigma_mm) + kStray / kReach_mm;
    }
    const double share = below((e.to - edge) / kSigma_mm) - below((e.from - edge) / kSigma_mm);
    return (1 - kStray) * share + kStray * std::min(1.0, (e.to - e.from) / kReach_mm);
  }
  double logOf(const Lie& lie) const {
    double sum = 0;
    for (size_t k = 0; k < m_ends.size(); ++k) sum += m_share * std::log(likely(k, edgeAt(k, lie)));
    for (size_t c = 0; c < 4; ++c) sum -= lie[c] * lie[c] / (2 * m_loose[c] * m_loose[c]);
    return sum;
  }
  /// Share of the ends that this lie does not explain.
  double stray(const Lie& lie) const {
    size_t n = 0;
    for (size_t k = 0; k < m_ends.size(); ++k) {
      const double edge = edgeAt(k, lie);
      n += edge < m_ends[k].from - 3 * kSigma_mm || edge > m_ends[k].to + 3 * kSigma_mm;
    }
    return static_cast<double>(n) / static_cast<double>(m_ends.size());
  }

 private:
  std::vector<Lie> m_rows;
  std::vector<PaperEnd> m_ends;
  Lie m_loose{};
  double m_share = 1;
};

}  // namespace

std::optional<SeenPaper> paperFrom(std::span<const PaperEnd> ends, Point middle) {
  if (ends.size() < kLeastPlaces) return {};
  const Posterior p(ends, middle);
  // A walk that stays where the ends are explained, each direction in steps that are taken about every third
  // time. The same for the same ends.
  Random random(ends.size());
  Lie now{}, sum{}, squares{}, step = p.loose();
  for (double& s : step) s *= 0.2;
  double there = p.logOf(now);
  Lie best = now;
  double most = there;
  for (int round = 0; round < kSettling + kSamples; ++round) {
    for (size_t c = 0; c < 4; ++c) {
      Lie next = now;
      next[c] += step[c] * random.gaussian();
      const double log = p.logOf(next);
      const bool taken = std::log(std::max(1e-300, random.unit())) < log - there;
      if (taken) now = next, there = log;
      if (there > most) best = now, most = there;
      if (round < kSettling) step[c] = std::clamp(step[c] * (taken ? 1.1 : 0.95), 1e-4, 4 * p.loose()[c]);
    }
    if (round < kSettling) continue;
    for (size_t c = 0; c < 4; ++c) sum[c] += now[c], squares[c] += now[c] * now[c];
  }
  if (p.stray(best) > kMostStray || std::hypot(best[0], best[1]) > kMostBy_mm) return {};
  // What the places say alone, each direction for itself.
  const auto alone = [&](size_t c) -> std::pair<double, double> {
    const double mean = sum[c] / kSamples, variance = std::max(1e-8, squares[c] / kSamples - mean * mean);
    const double loose = 1 / (p.loose()[c] * p.loose()[c]), own = 1 / variance - loose;
    if (own <= 0.1 * loose) return {0, 30 * p.loose()[c]};
    return {mean / (variance * own), 1 / std::sqrt(own)};
  };
  SeenPaper out;
  std::tie(out.by.x, out.bySd.x) = alone(0), std::tie(out.by.y, out.bySd.y) = alone(1);
  std::tie(out.turn_deg, out.turnSd_deg) = alone(2), std::tie(out.grow_mm, out.growSd_mm) = alone(3);
  out.turn_deg *= kDegrees, out.turnSd_deg *= kDegrees;
  out.places = static_cast<int>(ends.size());
  return out;
}

}  // namespace havlo
