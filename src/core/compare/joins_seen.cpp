// Along the border of a thing, where it really lies: where a line of what is behind should end there, how far
// does it stop short, or run in?
#include <algorithm>
#include <cmath>
#include <set>

#include "core/base/parallel.h"
#include "core/compare/border_places.h"
#include "core/compare/paper_fit.h"
#include "core/compare/seen_card.h"

namespace havlo {
namespace {

constexpr double kLookOut_mm = 1.6, kLookIn_mm = 1.6;
constexpr double kShows_mm = 0.25;  // a gap or run-in less than this is not told from a join
constexpr double kHalf = 0.5;
constexpr double kSeen = 0.2;  // of encoded brightness: ends of paler lines are not seen
constexpr double kLike = 0.4;  // less apart than this from what the plan has there

class Border {
 public:
  Border(const SeenCard& card, const PrintScale& scale, const SeenPrint& front, const SeenPrint& back)
      : m_card(card),
        m_scale(scale),
        m_front(front),
        m_back(back),
        m_frontInk(card.tiles().ink(front.impression)),
        m_backInk(card.tiles().ink(back.impression)) {}

  /// How far outside the border the back's line ends (inside: negative); nothing where none should end.
  /// @param at  panel mm, as planned
  std::optional<LineEnd> endAt(const BorderPlace& at) const {
    const auto end = seenEndAt(at);
    if (!end || end->hidden()) return end;
    // A part too fine to be covered is run into by plan, and where the plan leaves a gap there is none to be
    // told.
    const cv::Point2d border = m_card.toSeen(m_front, m_card.pixelOf(at.at));
    const cv::Point2d beyond = m_card.toSeen(m_front, m_card.pixelOf(at.at + at.outward));
    const cv::Point2d way = (beyond - border) / std::hypot(beyond.x - border.x, beyond.y - border.y);
    int planned = 0, places = 0;
    for (double s = 0.05; s < std::fabs(end->from); s += 0.05) {
      const cv::Point2d p = border + way * ((end->from < 0 ? -s : s) * m_card.perMm());
      if (frontAt(p) > 0.1) continue;
      ++places, planned += std::fabs(shadeAt(p) - wantedAt(p)) < kLike;
    }
    if (places == 0 || 2 * planned > places) return {};
    return end;
  }

 private:
  std::optional<LineEnd> seenEndAt(const BorderPlace& at) const {
    const double perMm = m_card.perMm(), step = 0.05;
    const cv::Point2d border = m_card.toSeen(m_front, m_card.pixelOf(at.at));
    const cv::Point2d beyond = m_card.toSeen(m_front, m_card.pixelOf(at.at + at.outward));
    const cv::Point2d way = (beyond - border) / std::hypot(beyond.x - border.x, beyond.y - border.y);
    const auto pixel = [&](double s) { return border + way * (s * perMm); };
    // A line of the back comes up to here only if it would go on inside, were nothing there.
    for (double s = -0.5; s <= 1.0; s += 0.1)
      if (backAt(pixel(s)) < 0.6) return {};
    if (crowdedAt(pixel(0.7)) || crowdedAt(pixel(0.2))) return {};
    if (frontAt(pixel(0)) > 0.25 || frontAt(pixel(-0.15)) > 0.25) {
      // The front's own line lies on the border: only ink beyond it is seen.
      double s = 0;
      while (s > -kLookIn_mm && frontAt(pixel(s)) > 0.15) s -= step;
      const double line = s;
      if (line <= -kLookIn_mm || frontAt(pixel(line - 0.15)) > 0.15)
        return {};  // nothing of the back could be told there
      if (inkAt(pixel(line - 0.15)) < kHalf || backAt(pixel(line - 0.15)) < 0.6)
        return hiddenOrGap(pixel, step, line);
      while (s > -kLookIn_mm && frontAt(pixel(s)) < 0.15 && inkAt(pixel(s)) > kHalf) s -= step;
      return LineEnd{s, s};
    }
    if (inkAt(pixel(0.03)) > kHalf) {  // it comes to the border: does it run in?
      double s = 0;
      while (s > -kLookIn_mm && inkAt(pixel(s)) > kHalf && frontAt(pixel(s)) < 0.15 && backAt(pixel(s)) > 0.4)
        s -= step;
      return LineEnd{s, s};
    }
    return gap(pixel, step);
  }

  const SeenCard& m_card;
  const PrintScale& m_scale;
  const SeenPrint &m_front, &m_back;
  const Tile &m_frontInk, &m_backInk;

  double backAt(cv::Point2d p) const {
    const cv::Point2d q = m_card.toPlan(m_back, p);
    return bilinear(m_backInk, q.x, q.y);
  }
  double frontAt(cv::Point2d p) const {
    const cv::Point2d q = m_card.toPlan(m_front, p);
    return bilinear(m_frontInk, q.x, q.y);
  }
  bool inside(cv::Point2d p) const {
    return p.x >= 1 && p.y >= 1 && p.x < m_card.grid().width - 1 && p.y < m_card.grid().height - 1;
  }
  /// A third thing's ink there tells nothing of these two.
  bool crowdedAt(cv::Point2d p) const {
    if (!inside(p)) return true;
    return m_card.othersAt(m_back.impression, static_cast<int>(p.x), static_cast<int>(p.y)) && !nearFront(p);
  }
  bool nearFront(cv::Point2d p) const {
    for (int dy = -1; dy <= 1; ++dy)
      for (int dx = -1; dx <= 1; ++dx)
        if (frontAt(p + cv::Point2d(dx, dy) * (0.3 * m_card.perMm())) > 0.1) return true;
    return false;
  }
  /// What the plan's own card has there, as it lies by the front: a part too fine to be covered is run into
  /// by plan.
  double wantedAt(cv::Point2d p) const {
    const cv::Point2d q = m_card.toPlan(m_front, p);
    return inside(q) ? m_scale.of(m_card.wanted().at<cv::Vec3f>(static_cast<int>(q.y), static_cast<int>(q.x)))
                     : 0;
  }
  /// Of the back's ink as it came out: 1 where it is as dark as that is elsewhere.
  double inkAt(cv::Point2d p) const { return shadeAt(p) / std::max(0.3, m_back.strength); }
  double shadeAt(cv::Point2d p) const {
    if (!inside(p)) return 0;
    const int i = static_cast<int>(p.x - 0.5), j = static_cast<int>(p.y - 0.5);
    const auto f = static_cast<float>(p.x - 0.5 - i), g = static_cast<float>(p.y - 0.5 - j);
    const cv::Mat& m = m_card.seen();
    const cv::Vec3f c = (m.at<cv::Vec3f>(j, i) * (1 - f) + m.at<cv::Vec3f>(j, i + 1) * f) * (1 - g) +
                        (m.at<cv::Vec3f>(j + 1, i) * (1 - f) + m.at<cv::Vec3f>(j + 1, i + 1) * f) * g;
    return m_scale.of(c);
  }
  template <typename F>
  std::optional<LineEnd> gap(const F& pixel, double step) const {
    double s = 0.03;
    while (s < kLookOut_mm && inkAt(pixel(s)) < kHalf) s += step;
    if (s >= kLookOut_mm) return {};
    return LineEnd{s, s};
  }
  /// @param line  where the front's own line ends inside
  template <typename F>
  std::optional<LineEnd> hiddenOrGap(const F& pixel, double step, double line) const {
    double s = 0.03;  // out of the front's own line first
    while (s < 0.8 && frontAt(pixel(s)) > 0.15) s += step;
    if (inkAt(pixel(s + 0.1)) > kHalf) return LineEnd{line - 0.15, s + 0.1};
    while (s < kLookOut_mm && inkAt(pixel(s)) < kHalf) s += step;
    if (s >= kLookOut_mm) return {};
    return LineEnd{s, s};
  }
};

double quantile(std::vector<double> v, double share) {
  std::sort(v.begin(), v.end());
  return v[static_cast<size_t>(share * static_cast<double>(v.size() - 1))];
}

/// What lay covered by a paper of its own while something else was put on.
struct Covered {
  std::set<std::pair<int, int>> prints;  ///< front, back
  std::set<int> blends;                  ///< fronts
};

Covered coveredIn(const RunSheet& sheet) {
  Covered out;
  for (const Step& s : sheet.steps) {
    if (!s.joints.empty() || s.tryOut) continue;  // a joint paper is another shape
    for (int front : s.needed)
      if (s.wash >= 0)
        out.blends.insert(front);
      else if (s.what == Do::Stamp)
        out.prints.emplace(front, s.impression);
  }
  return out;
}

/// What one front tells: its joins, and how its papers had lain.
struct FrontSeen {
  std::vector<SeenJoin> joins;
  std::vector<SeenPaper> papers;
};

class Fronts {
 public:
  Fronts(const Plan& plan, const Analysis& analysis, const SeenCard& card,
         const std::vector<const SeenPrint*>& prints)
      : m_plan(plan),
        m_analysis(analysis),
        m_card(card),
        m_prints(prints),
        m_covered(coveredIn(analysis.sheet)),
        m_inset_mm(plan.supplies.maskInset_mm) {}

  FrontSeen look(int front) const {
    FrontSeen out;
    if (!m_prints[ix(front)]) return out;
    const Rings& silhouette = m_analysis.meetings.placed[ix(front)]->silhouette;
    std::vector<BorderPlace> places;
    std::vector<PaperEnd> ends, blends;
    for (int k : m_analysis.meetings.of[ix(front)]) {
      const Meeting& m = m_analysis.meetings.list[ix(k)];
      if (m.front != front || !m.overlaps() || !m_prints[ix(m.back)] ||
          printsOver(m_plan.impressions[ix(front)].school))
        continue;
      const auto scale = m_card.scaleOf(m.back);
      if (!scale || scale->contrast < kSeen) continue;
      if (places.empty()) places = placesOn(silhouette);
      if (const auto join = joinOf(m, *scale, places, ends)) out.joins.push_back(*join);
    }
    // A paper is laid anew for the blends, as a rule: each is told for itself.
    if (m_covered.blends.contains(front)) {
      if (places.empty()) places = placesOn(silhouette);
      blends = blendEnds(m_plan, m_card, *m_prints[ix(front)], places);
    }
    for (const auto* told : {&ends, &blends})
      if (auto paper = paperFrom(*told, boxOf(silhouette).centre()))
        paper->front = front, out.papers.push_back(*paper);
    return out;
  }

 private:
  const Plan& m_plan;
  const Analysis& m_analysis;
  const SeenCard& m_card;
  const std::vector<const SeenPrint*>& m_prints;
  Covered m_covered;
  double m_inset_mm;

  /// @param ends  takes what the join tells of the paper
  std::optional<SeenJoin> joinOf(const Meeting& m, const PrintScale& scale,
                                 const std::vector<BorderPlace>& places, std::vector<PaperEnd>& ends) const {
    const SeenPrint& front = *m_prints[ix(m.front)];
    const Border border(m_card, scale, front, *m_prints[ix(m.back)]);
    SeenJoin join;
    join.front = m.front, join.back = m.back;
    std::vector<double> gaps, runs;
    double worst = kShows_mm;
    for (const BorderPlace& p : places) {
      const auto end = border.endAt(p);
      if (!end) continue;
      if (m_covered.prints.contains({m.front, m.back}))
        ends.push_back({p.at, p.outward, end->from + m_inset_mm, end->to + m_inset_mm});
      if (end->hidden()) continue;
      join.looked_mm += kEach_mm;
      const double by = end->from;
      if (by > kShows_mm) gaps.push_back(by);
      if (by < -kShows_mm) runs.push_back(-by);
      if (std::fabs(by) > worst)
        worst = std::fabs(by), join.at = m_card.mmOf(m_card.toSeen(front, m_card.pixelOf(p.at)));
    }
    if (join.looked_mm < 0.8) return {};
    join.gapLength_mm = kEach_mm * static_cast<double>(gaps.size());
    join.runInLength_mm = kEach_mm * static_cast<double>(runs.size());
    // One place may be a speck; what is told holds for a tenth of them.
    if (gaps.size() >= 2) join.gap_mm = quantile(gaps, 0.9);
    if (runs.size() >= 2) join.runIn_mm = quantile(runs, 0.9);
    return join;
  }
};

}  // namespace

void lookAtJoins(const Plan& plan, const Analysis& analysis, const SeenCard& card,
                 const std::vector<const SeenPrint*>& prints, Comparison& out) {
  const Fronts fronts(plan, analysis, card, prints);
  std::vector<FrontSeen> seen(plan.impressions.size());
  forEachIndex(seen.size(), 2, [&](size_t f) { seen[f] = fronts.look(static_cast<int>(f)); });
  for (FrontSeen& one : seen) {
    out.joins.insert(out.joins.end(), one.joins.begin(), one.joins.end());
    out.papers.insert(out.papers.end(), one.papers.begin(), one.papers.end());
  }
  std::stable_sort(out.joins.begin(), out.joins.end(), [](const SeenJoin& a, const SeenJoin& b) {
    return std::max(a.gap_mm, a.runIn_mm) > std::max(b.gap_mm, b.runIn_mm);
  });
}

}  // namespace havlo
