#include "core/compare/border_places.h"

#include <algorithm>
#include <cmath>

#include "core/outline/shared_area.h"

namespace havlo {
namespace {

constexpr double kBlendOut_mm = 1.4, kBlendIn_mm = 1.4, kFarIn_mm = 2, kStep_mm = 0.05;
constexpr double kBlendAt_mm = 0.9;   // outside: what the blend is there
constexpr double kLeastBlend = 0.09;  // of encoded brightness
constexpr double kSurely_mm = 0.12;
constexpr double kLeastRoom_mm = 0.8;
constexpr double kNoInk = 0.15, kHalfBlend = 0.5;

/// One border against the blend outside of it.
class BlendBorder {
 public:
  BlendBorder(const Plan& plan, const SeenCard& card, const SeenPrint& front)
      : m_card(card), m_front(front), m_ink(card.tiles().ink(front.impression)) {
    const Colour c = plan.card.paper.colour;
    m_paper = {c.red / 255.0f, c.green / 255.0f, c.blue / 255.0f};
  }

  std::optional<LineEnd> endAt(const BorderPlace& at) const {
    const double perMm = m_card.perMm();
    const cv::Point2d border = m_card.toSeen(m_front, m_card.pixelOf(at.at));
    const cv::Point2d beyond = m_card.toSeen(m_front, m_card.pixelOf(at.at + at.outward));
    const cv::Point2d way = (beyond - border) / std::hypot(beyond.x - border.x, beyond.y - border.y);
    const auto pixel = [&](double s) { return border + way * (s * perMm); };
    for (double s = -0.9; s <= kBlendOut_mm; s += 0.2)
      if (crowdedAt(pixel(s))) return {};
    for (double s = 0.3; s <= kBlendOut_mm; s += 0.1)
      if (inkAt(pixel(s)) > kNoInk) return {};
    // The front's own line, and the room behind it in which nothing is drawn.
    double line = 0, outer = 0.03;
    while (line > -0.8 && inkAt(pixel(line)) > kNoInk) line -= kStep_mm;
    while (outer < 0.3 && inkAt(pixel(outer)) > kNoInk) outer += kStep_mm;
    double deep = line - 0.1;
    while (deep > line - kBlendIn_mm && inkAt(pixel(deep)) < kNoInk && !crowdedAt(pixel(deep)))
      deep -= kStep_mm;
    deep += 0.15;
    if (line - deep < kLeastRoom_mm) return {};
    const cv::Vec3f blend = wantedAt(pixel(kBlendAt_mm));
    const auto outside = scale(m_paper, blend);
    // Run in, it lies as a film on what is there.
    const cv::Vec3f own = wantedAt(pixel(deep)),
                    film = own.mul(
                        cv::Vec3f(blend[0] / m_paper[0], blend[1] / m_paper[1], blend[2] / m_paper[2]));
    const auto within = scale(own, film);
    if (!outside || !within) return {};
    // As planned the blend ends here: a thing that is blended over is no cover.
    if (std::fabs(within->of(wantedAt(pixel(line - 0.2)))) > 0.3 || outside->of(wantedAt(pixel(0.4))) < 0.7)
      return {};
    const auto there = [&](double s) { return outside->of(seenAt(pixel(s))); };
    if (there(kBlendAt_mm + 0.3) < 0.7 || there(1.3) < 0.6) return {};
    if (within->of(seenAt(pixel(deep))) > kHalfBlend) return {};
    // Coloured otherwise than planned, it is so all over.
    const cv::Vec3f other = seenAt(pixel(deep)) - own;
    const auto ranIn = [&](double s) {
      return within->of(seenAt(pixel(s)) - other - (wantedAt(pixel(s)) - own));
    };
    if (cv::norm(other) > 0.5) return {};
    if (ranIn(line - 0.12) > kHalfBlend) {
      double s = line - 0.12;
      while (s > deep + 0.1 && ranIn(s) > kHalfBlend) s -= kStep_mm;
      // What ends at once is the blur of the front's own line.
      if (s > line - 0.12 - kSurely_mm) return LineEnd{s - 0.1, outer + 0.12};
      if (s > deep + 0.1) return LineEnd{s, s};
      return LineEnd{-kFarIn_mm, s};  // farther than can be told
    }
    if (there(outer + 0.12) > kHalfBlend) return LineEnd{line - 0.12, outer + 0.12};
    double s = outer + 0.12;
    while (s < kBlendAt_mm && there(s) < kHalfBlend) s += kStep_mm;
    if (s < outer + 0.12 + kSurely_mm) return LineEnd{line - 0.12, s + 0.05};
    return LineEnd{s, s};
  }

 private:
  const SeenCard& m_card;
  const SeenPrint& m_front;
  const Tile& m_ink;
  cv::Vec3f m_paper;

  /// 0 on what is there without the blend, 1 with it.
  static std::optional<PrintScale> scale(const cv::Vec3f& without, const cv::Vec3f& with) {
    PrintScale out;
    out.ground = without;
    const cv::Vec3f way = with - without;
    out.contrast = cv::norm(way);
    if (out.contrast < kLeastBlend) return {};
    out.across = way / static_cast<float>(out.contrast * out.contrast);
    return out;
  }
  bool inside(cv::Point2d p) const {
    return p.x >= 2 && p.y >= 2 && p.x < m_card.grid().width - 2 && p.y < m_card.grid().height - 2;
  }
  bool crowdedAt(cv::Point2d p) const {
    return !inside(p) || m_card.othersAt(m_front.impression, static_cast<int>(p.x), static_cast<int>(p.y));
  }
  double inkAt(cv::Point2d p) const {
    const cv::Point2d q = m_card.toPlan(m_front, p);
    return bilinear(m_ink, q.x, q.y);
  }
  cv::Vec3f wantedAt(cv::Point2d p) const {
    const cv::Point2d q = m_card.toPlan(m_front, p);
    return inside(q) ? m_card.wanted().at<cv::Vec3f>(static_cast<int>(q.y), static_cast<int>(q.x)) : m_paper;
  }
  cv::Vec3f seenAt(cv::Point2d p) const {
    const cv::Mat& m = m_card.seen();
    const int i = static_cast<int>(p.x - 0.5), j = static_cast<int>(p.y - 0.5);
    if (!inside(p)) return m_paper;
    const auto f = static_cast<float>(p.x - 0.5 - i), g = static_cast<float>(p.y - 0.5 - j);
    return (m.at<cv::Vec3f>(j, i) * (1 - f) + m.at<cv::Vec3f>(j, i + 1) * f) * (1 - g) +
           (m.at<cv::Vec3f>(j + 1, i) * (1 - f) + m.at<cv::Vec3f>(j + 1, i + 1) * f) * g;
  }
};

}  // namespace

std::vector<BorderPlace> placesOn(const Rings& silhouette) {
  std::vector<BorderPlace> out;
  for (const Ring& ring : silhouette)
    for (size_t k = 0; k < ring.size(); ++k) {
      const Point a = ring[k], b = ring[(k + 1) % ring.size()];
      const double l = distance(a, b);
      if (l < 1e-6) continue;
      Point n{(b.y - a.y) / l, -(b.x - a.x) / l};
      if (covers(silhouette, midway(a, b, 0.5) + n * 0.05)) n = n * -1;
      const int parts = std::max(1, static_cast<int>(std::lround(l / kEach_mm)));
      for (int p = 0; p < parts; ++p) out.push_back({midway(a, b, (p + 0.5) / parts), n});
    }
  return out;
}

float bilinear(const Tile& t, double x, double y) {
  const double u = x - 0.5, v = y - 0.5;
  const int i = static_cast<int>(std::floor(u)), j = static_cast<int>(std::floor(v));
  const double f = u - i, g = v - j;
  return static_cast<float>(((t.at(i, j) * (1 - f) + t.at(i + 1, j) * f) * (1 - g) +
                             (t.at(i, j + 1) * (1 - f) + t.at(i + 1, j + 1) * f) * g) /
                            255);
}

std::vector<PaperEnd> blendEnds(const Plan& plan, const SeenCard& card, const SeenPrint& front,
                                const std::vector<BorderPlace>& places) {
  const BlendBorder border(plan, card, front);
  const double inset = plan.supplies.maskInset_mm;
  std::vector<PaperEnd> out;
  for (const BorderPlace& p : places)
    if (const auto end = border.endAt(p))
      out.push_back({p.at, p.outward, end->from + inset, end->to + inset});
  return out;
}

}  // namespace havlo
