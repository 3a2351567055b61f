// Monte-Carlo. In each trial a mask is laid shifted and turned and is cut a little too large or small; along
// the border its edge then lies `outward` beyond where it should, and the inset less. Seen from the border
// the mask's edge is at outward - inset: positive leaves a gap, negative lets ink run in, of which the
// front's own line hides some.
#include "core/risk/join_risk.h"

#include <algorithm>
#include <atomic>
#include <cmath>
#include <map>

#include "core/base/parallel.h"
#include "core/base/random.h"
#include "core/colour/colour.h"
#include "core/outline/shared_area.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

constexpr double kSample_mm = 0.8;
constexpr size_t kMostPoints = 90;
constexpr double kInsetStep_mm = 0.05, kMostInset_mm = 1.0;
// What a mark at the foot leaves of the errors. Common practice, no source.
constexpr double kMarkedPlacing = 0.5, kMarkedTurn = 1.0 / 3;
constexpr double kWorthIt = 0.02;  // a way that saves less than this is not named
constexpr double kRadian = 3.14159265358979323846 / 180;
constexpr double kNever_mm = 1e6;

struct Trial {
  double dx, dy, turn_rad, cut;
};

std::vector<Trial> trialsOf(const RiskOptions& o, double placing, double turning) {
  Random random(o.seed);
  std::vector<Trial> out(ix(std::max(1, o.trials)));
  for (Trial& t : out) {
    t.dx = random.gaussian() * o.errors.placing_mm * placing;
    t.dy = random.gaussian() * o.errors.placing_mm * placing;
    t.turn_rad = random.gaussian() * o.errors.turn_deg * turning * kRadian;
    t.cut = random.gaussian() * o.errors.cutting_mm;
  }
  return out;
}

/// Per trial: the widest a gap is over a noticed stretch, and the deepest that ink could run in there; the
/// inset still to be taken off. What matters of a stretch is its narrowest place.
struct Extremes {
  std::vector<double> gap, runIn;
  std::vector<double> ends;  ///< of each line's end, how exactly the mask's edge lies there, mm
};

std::vector<std::pair<size_t, size_t>> runsOf(const JoinBorder& b) {
  if (!b.runs.empty() || b.points.empty()) return b.runs;
  return {{0, b.points.size()}};
}

/// The edge's displacement at every point is linear in the trial: a shift along the normal and the turn's
/// lever.
Extremes extremesOf(const JoinBorder& b, const std::vector<Trial>& trials, const HandErrors& e,
                    double placing, double turning) {
  Extremes out;
  out.gap.assign(trials.size(), -1e300), out.runIn.assign(trials.size(), 1e300);
  std::vector<double> lever(b.points.size()), outward(b.points.size());
  for (size_t i = 0; i < lever.size(); ++i) {
    const double rx = b.points[i].x - b.pivot.x, ry = b.points[i].y - b.pivot.y;
    lever[i] = -ry * b.normals[i].x + rx * b.normals[i].y;
  }
  struct Stretch {
    size_t first, points, window;
  };
  std::vector<Stretch> stretches;
  for (const auto& [first, points] : runsOf(b)) {
    double length = 0;
    for (size_t i = first + 1; i < first + points; ++i) length += distance(b.points[i - 1], b.points[i]);
    const double each = points > 1 ? length / static_cast<double>(points - 1) : 0;
    if (length + each + 1e-9 < b.least_mm || each <= 0) {
      const size_t middle = first + points / 2;
      const double swing = lever[middle] * e.turn_deg * turning * kRadian;
      out.ends.push_back(std::sqrt(e.placing_mm * e.placing_mm * placing * placing + swing * swing +
                                   e.cutting_mm * e.cutting_mm));
      continue;
    }
    const auto window = static_cast<size_t>(std::max(1.0, std::ceil(kNoticed_mm / each - 1e-9)));
    stretches.push_back({first, points, std::min(points, window)});
  }
  for (size_t t = 0; t < trials.size() && !stretches.empty(); ++t) {
    for (size_t i = 0; i < lever.size(); ++i)
      outward[i] = trials[t].dx * b.normals[i].x + trials[t].dy * b.normals[i].y +
                   trials[t].turn_rad * lever[i] + trials[t].cut;
    for (const Stretch& s : stretches)
      for (size_t from = s.first; from + s.window <= s.first + s.points; ++from) {
        double least = 1e300, most = -1e300;
        for (size_t i = from; i < from + s.window; ++i)
          least = std::min(least, outward[i]), most = std::max(most, outward[i]);
        out.gap[t] = std::max(out.gap[t], least), out.runIn[t] = std::min(out.runIn[t], most);
      }
  }
  return out;
}

/// Does this trial's mask show?
bool gapShows(const Extremes& e, size_t t, double inset, double visible) {
  return e.gap[t] - inset > visible;
}
bool runInShows(const Extremes& e, size_t t, double inset, double hides, double visible) {
  return inset - e.runIn[t] > hides + visible;
}

JoinChances chancesAt(const Extremes& e, double inset, double hides, double visible) {
  JoinChances c;
  for (size_t t = 0; t < e.gap.size(); ++t) {
    const bool gap = gapShows(e, t, inset, visible), runs = runInShows(e, t, inset, hides, visible);
    c.gap += gap, c.runIn += runs, c.shows += gap || runs;
  }
  const auto n = static_cast<double>(e.gap.size());
  c.gap /= n, c.runIn /= n, c.shows /= n;
  // A line's end is one place, so what is expected to be missing of it is known without trying: the mean of a
  // normal beyond what is seen.
  for (const double s : e.ends) {
    if (s <= 0) continue;
    const double from = (visible + inset) / s;
    const double beyond = 0.5 * std::erfc(from / std::sqrt(2.0));
    c.pen_mm += s * std::exp(-from * from / 2) / std::sqrt(2 * 3.14159265358979323846) - inset * beyond;
  }
  return c;
}

/// Fewer points, every run with its share.
JoinBorder thinned(const JoinBorder& b) {
  JoinBorder out;
  out.pivot = b.pivot, out.least_mm = b.least_mm;
  const double share = static_cast<double>(kMostPoints) / static_cast<double>(b.points.size());
  for (const auto& [first, points] : b.runs) {
    const auto kept = std::clamp<size_t>(static_cast<size_t>(std::ceil(static_cast<double>(points) * share)),
                                         std::min<size_t>(points, 2), points);
    out.runs.emplace_back(out.points.size(), kept);
    for (size_t k = 0; k < kept; ++k) {
      const size_t i = first + (kept > 1 ? k * (points - 1) / (kept - 1) : 0);
      out.points.push_back(b.points[i]), out.normals.push_back(b.normals[i]);
    }
  }
  return out;
}

/// Points along the front's border on the panel where `reached` says that the other's ink comes.
template <typename F>
JoinBorder borderOf(const Placed& front, F reached, double& length_mm) {
  JoinBorder out;
  const Box inner = front.panel.grown(-0.05);
  const Box all = front.box;
  out.pivot = all.centre();
  length_mm = 0;
  for (const Ring& ring : front.silhouette) {
    bool before = false;  // whether the point before is one of it
    const size_t ringFirst = out.points.size(), ringRuns = out.runs.size();
    bool firstIn = false, any = false;
    for (size_t i = 0; i < ring.size(); ++i) {
      const Point a = ring[i], b = ring[(i + 1) % ring.size()];
      const double length = std::hypot(b.x - a.x, b.y - a.y);
      const int parts = std::max(1, static_cast<int>(std::ceil(length / kSample_mm)));
      for (int k = 0; k < parts && length > 0; ++k) {
        const double t = (k + 0.5) / parts;
        const Point p{a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)};
        const bool in = inner.contains(p) && reached(p);
        if (!any) firstIn = in, any = true;
        if (in && !before) out.runs.emplace_back(out.points.size(), 0);
        before = in;
        if (!in) continue;
        ++out.runs.back().second;
        Point n{(b.y - a.y) / length, -(b.x - a.x) / length};
        if (covers(front.silhouette, {p.x + 0.02 * n.x, p.y + 0.02 * n.y})) n = {-n.x, -n.y};
        out.points.push_back(p), out.normals.push_back(n);
        length_mm += length / parts;
      }
    }
    // A ring closes: its last stretch goes on into its first.
    if (before && firstIn && out.runs.size() > ringRuns + 1) {
      const size_t last = out.runs.back().second, from = out.points.size() - last;
      const auto turn = [&](auto& list) {
        std::rotate(list.begin() + static_cast<long>(ringFirst), list.begin() + static_cast<long>(from),
                    list.end());
      };
      turn(out.points), turn(out.normals);
      out.runs.pop_back();
      out.runs[ringRuns].second += last;
      for (size_t r = ringRuns + 1; r < out.runs.size(); ++r) out.runs[r].first += last;
    }
  }
  return out.points.size() > kMostPoints ? thinned(out) : out;
}

class Risks {
 public:
  Risks(const Plan& plan, const Analysis& a, const RiskOptions& o)
      : m_plan(plan),
        m_a(a),
        m_o(o),
        m_marked(plan.supplies.footMark != FootMark::None),
        m_byEye(trialsOf(o, 1, 1)),
        m_byMark(trialsOf(o, kMarkedPlacing, kMarkedTurn)) {}

  std::vector<Join> list() const {
    std::vector<Join> out;
    std::vector<int> laying(m_plan.impressions.size(), 0), jointLaying(m_a.needs.joints.size(), 0);
    for (size_t k = 0; k < m_a.needs.steps.size(); ++k) {
      const NeedStep& step = m_a.needs.steps[k];
      std::vector<int> met;  // joint papers of this step
      for (size_t c = 0; c < step.covered.size(); ++c) {
        const int front = step.covered[c];
        const bool tape = m_a.needs.taped[ix(front)] != 0;
        bool fresh = !step.stays[c];
        if (!tape)
          for (const Laid& l : m_a.stampMasks[ix(m_a.stampOf[ix(front)])].rota[k])
            if (l.impression == front) fresh = l.fresh;
        const int joint = m_a.needs.joint(front, k);
        if (joint >= 0) {
          const bool counted = std::find(met.begin(), met.end(), joint) != met.end();
          if (!counted) jointLaying[ix(joint)] += !step.stays[c], met.push_back(joint);
        } else {
          laying[ix(front)] += fresh || laying[ix(front)] == 0;
        }
        Join j;
        j.front = front, j.joint = joint;
        j.laying = joint >= 0 ? jointLaying[ix(joint)] : laying[ix(front)];
        (step.wash ? j.wash : j.back) = step.index;
        j.tape = tape;
        out.push_back(std::move(j));
      }
    }
    return out;
  }

  /// @param shows  set to which trials show at it
  void work(Join& j, std::vector<char>& shows) const {
    const Placed& front = placed(j.front);
    const JoinBorder border = borderFor(j, front);
    if (border.points.empty()) return;
    j.hides_mm = hides(j);
    j.contrast = contrastOf(j);
    const double inset = j.tape ? 0 : m_plan.supplies.maskInset_mm;
    const Extremes e = extremes(border, m_marked);
    const JoinChances c = chancesAt(e, inset, j.hides_mm, m_o.errors.visible_mm);
    j.gap = c.gap, j.runIn = c.runIn, j.shows = c.shows, j.pen_mm = c.pen_mm;
    shows.resize(e.gap.size());
    for (size_t t = 0; t < shows.size(); ++t)
      shows[t] = gapShows(e, t, inset, m_o.errors.visible_mm) ||
                 runInShows(e, t, inset, j.hides_mm, m_o.errors.visible_mm);
    const std::vector<double> at = perPoint(border, inset, j.hides_mm);
    for (size_t i = 0; i < border.points.size(); ++i) j.points.push_back({border.points[i], at[i]});
    j.bestInset_mm = inset, j.bestShows = j.shows;
    for (int k = 0; k * kInsetStep_mm <= kMostInset_mm + 1e-9 && !j.tape; ++k) {
      const double then = chancesAt(e, k * kInsetStep_mm, j.hides_mm, m_o.errors.visible_mm).shows;
      if (then < j.bestShows - 0.002) j.bestShows = then, j.bestInset_mm = k * kInsetStep_mm;
    }
    ways(j, border, inset);
  }

 private:
  const Plan& m_plan;
  const Analysis& m_a;
  const RiskOptions& m_o;
  bool m_marked;  // masks are laid by a mark at the foot
  std::vector<Trial> m_byEye, m_byMark;

  Extremes extremes(const JoinBorder& border, bool marked) const {
    return extremesOf(border, marked ? m_byMark : m_byEye, m_o.errors, marked ? kMarkedPlacing : 1,
                      marked ? kMarkedTurn : 1);
  }

  const Placed& placed(int i) const { return *m_a.meetings.placed[ix(i)]; }
  const Impression& thing(int i) const { return m_plan.impressions[ix(i)]; }

  JoinBorder borderFor(Join& j, const Placed& front) const {
    // Under one paper with another thing there is no edge between the two.
    const JointPaper* paper = j.joint < 0 ? nullptr : &m_a.needs.joints[ix(j.joint)];
    const auto within = [&](Point p) { return paper && paper->shape && covers(paper->shape->mask, p); };
    JoinBorder out = bareBorder(j, front, within);
    if (paper && paper->shape) out.pivot = boxOf(paper->shape->mask).centre();
    return out;
  }

  template <typename F>
  JoinBorder bareBorder(Join& j, const Placed& front, F within) const {
    if (j.wash >= 0) {
      const auto w = ix(j.wash);
      const Wash& wash = m_plan.washes[w];
      const WashFalloff falloff(m_plan, wash);
      if (standsOut(j, 1) < kStandsOut) return {};
      // The least share that stands out, by halving: more ink never stands out less.
      double least = 0, most = 1;
      for (int k = 0; k < 20; ++k)
        (standsOut(j, (least + most) / 2) >= kStandsOut ? most : least) = (least + most) / 2;
      return borderOf(
          front,
          [&](Point p) {
            return falloff.shareAt(p) >= most && covers(m_a.washes.reached[w], p) && !within(p);
          },
          j.length_mm);
    }
    if (standsOut(j, 1) < kStandsOut) return {};
    const Placed& back = placed(j.back);
    JoinBorder out = borderOf(
        front,
        [&](Point p) {
          return back.outline->inked.at(back.placing.toFrame(p)) && covers(back.silhouette, p) && !within(p);
        },
        j.length_mm);
    out.least_mm = kNoticed_mm + 2 * kHandSpread_mm;  // the drawing is known with the hand's spread about it
    return out;
  }

  /// The other's ink on bare paper. @param share  of the strength of a wash
  LinearRgb inked(const Join& j, double share, const LinearRgb& below) const {
    const Wash* wash = j.wash >= 0 ? &m_plan.washes[ix(j.wash)] : nullptr;
    const Ink& ink = *m_plan.ink(wash ? wash->ink : thing(j.back).ink);
    const double strength = wash ? wash->strength * share : strengthOf(ink, thing(j.back).generation);
    const InkFilm film(ink.colour, ink.opacity, strength);
    LinearRgb out;
    for (size_t c = 0; c < 3; ++c) out[c] = below[c] * film.multiply[c] + film.add[c];
    return out;
  }

  /// CIEDE2000 between bare paper, which a gap shows, and the other's ink.
  double standsOut(const Join& j, double share) const {
    const LinearRgb paper = linearOf(m_plan.card.paper.colour);
    return ciede2000(labOf(paper), labOf(inked(j, share, paper)));
  }

  /// Full ink counts 1 from a difference of 50 on; a wash counts as strong as it is.
  double contrastOf(const Join& j) const { return std::min(1.0, standsOut(j, 1) / 50); }

  /// Line art hides what runs under its own line; on a solid thing ink that hardly changes it is never seen.
  double hides(const Join& j) const {
    const Stamp& stamp = *placed(j.front).outline->stamp;
    if (!stamp.solid) return kOutlineWidth_mm;
    const Ink& own = *m_plan.ink(thing(j.front).ink);
    const InkFilm film(own.colour, own.opacity, strengthOf(own, thing(j.front).generation));
    LinearRgb front = linearOf(m_plan.card.paper.colour);
    for (size_t c = 0; c < 3; ++c) front[c] = front[c] * film.multiply[c] + film.add[c];
    return ciede2000(labOf(front), labOf(inked(j, 1, front))) < kStandsOut ? kNever_mm : 0.2;
  }

  std::vector<double> perPoint(const JoinBorder& b, double inset, double hides) const {
    const double visible = m_o.errors.visible_mm;
    const double placing = m_o.errors.placing_mm * (m_marked ? kMarkedPlacing : 1);
    const double turn_rad = m_o.errors.turn_deg * (m_marked ? kMarkedTurn : 1) * kRadian;
    std::vector<double> out(b.points.size(), 0);
    // At one point the edge's place is normal, so the chance is known without trying.
    for (size_t i = 0; i < out.size(); ++i) {
      const double rx = b.points[i].x - b.pivot.x, ry = b.points[i].y - b.pivot.y;
      const double lever = (-ry * b.normals[i].x + rx * b.normals[i].y) * turn_rad;
      const double s =
          std::sqrt(placing * placing + lever * lever + m_o.errors.cutting_mm * m_o.errors.cutting_mm);
      if (s <= 0) {
        out[i] = -inset > visible || inset > hides + visible;
        continue;
      }
      const auto above = [&](double x) { return 0.5 * std::erfc(x / s / std::sqrt(2.0)); };
      out[i] = above(visible + inset) + above(visible + hides - inset);
    }
    return out;
  }

  void ways(Join& j, const JoinBorder& border, double inset) const {
    if (j.bestShows < j.shows - kWorthIt)
      j.easier.push_back({JoinEase::How::Inset, j.bestInset_mm, j.bestShows});
    if (!j.tape && !m_marked) {
      const double shows = chancesAt(extremes(border, true), inset, j.hides_mm, m_o.errors.visible_mm).shows;
      if (shows < j.shows - kWorthIt) j.easier.push_back({JoinEase::How::FootMark, inset, shows});
    }
    bool topmost = true;
    for (int k : m_a.meetings.of[ix(j.front)]) {
      const Meeting& m = m_a.meetings.list[ix(k)];
      topmost = topmost && !(m.back == j.front && m.overlaps());
    }
    if (topmost) j.easier.push_back({JoinEase::How::PopUp, 0, 0});
    if (m_plan.ink(thing(j.front).ink)->kind != InkKind::Dye && placed(j.front).area_mm2 < 400)
      j.easier.push_back({JoinEase::How::Resist, 0, 0});
    // What changes least about the card first, and among those the best.
    std::stable_sort(j.easier.begin(), j.easier.end(), [](const JoinEase& a, const JoinEase& b) {
      const auto changes = [](const JoinEase& e) {
        return e.how == JoinEase::How::PopUp || e.how == JoinEase::How::Resist;
      };
      return changes(a) != changes(b) ? changes(b) : a.chance < b.chance;
    });
  }
};

}  // namespace

JoinChances tryJoin(const JoinBorder& border, double inset_mm, double hides_mm, const RiskOptions& o) {
  return chancesAt(extremesOf(border, trialsOf(o, 1, 1), o.errors, 1, 1), inset_mm, hides_mm,
                   o.errors.visible_mm);
}

HandErrors handErrors(const Habits& habits) {
  return {habits.maskPlacing_mm, habits.maskTurn_deg, habits.maskCutting_mm};
}

Result<JoinRisk> joinRisk(const Plan& plan, const Analysis& analysis, const RiskOptions& options,
                          const Progress& progress) {
  const Risks risks(plan, analysis, options);
  std::vector<Join> all = risks.list();
  std::vector<std::vector<char>> shows(all.size());
  std::atomic<size_t> done = 0;
  forEachIndex(all.size(), 4, [&](size_t k) {
    if (progress.stopped()) return;
    risks.work(all[k], shows[k]);
    progress.at(static_cast<double>(++done) / static_cast<double>(all.size()));
  });
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  JoinRisk out;
  // One laying is one error for all that is done while it lies.
  std::map<std::pair<int, int>, std::vector<char>> layings;
  for (size_t k = 0; k < all.size(); ++k) {
    out.pen_mm += all[k].pen_mm;
    if (shows[k].empty()) continue;
    const int paper = all[k].joint < 0 ? all[k].front : -1 - all[k].joint;
    std::vector<char>& whole = layings[{paper, all[k].laying}];
    whole.resize(shows[k].size(), 0);
    for (size_t t = 0; t < whole.size(); ++t) whole[t] = whole[t] || shows[k][t];
  }
  out.layings = static_cast<int>(layings.size());
  for (const auto& [which, whole] : layings) {
    const double share =
        static_cast<double>(std::count(whole.begin(), whole.end(), 1)) / static_cast<double>(whole.size());
    out.expected += share, out.clean *= 1 - share;
  }
  std::erase_if(all, [](const Join& j) { return j.points.empty(); });
  std::stable_sort(all.begin(), all.end(), [](const Join& a, const Join& b) {
    const double seenA = a.shows * a.contrast, seenB = b.shows * b.contrast;
    return seenA != seenB ? seenA > seenB : a.length_mm > b.length_mm;
  });
  out.joins = std::move(all);
  return out;
}

}  // namespace havlo
