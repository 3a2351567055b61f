// Monte-Carlo. In each trial a mask is laid shifted and turned and is cut a little too large or small; along
// the border its edge then lies `outward` beyond where it should, and the inset less. Seen from the border
// the mask's edge is at outward - inset: positive leaves a gap, negative lets ink run in, of which the
// front's own line hides some.
#include "core/risk/join_risk.h"

#include <algorithm>
#include <atomic>
#include <cmath>

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
constexpr double kWorthIt = 0.02;   // a way that saves less than this is not named
constexpr double kPaleWash = 0.15;  // share of full strength below which a wash's edge is not seen

struct Trial {
  double dx, dy, turn_rad, cut;
};

std::vector<Trial> trialsOf(const RiskOptions& o, double placing, double turning) {
  Random random(o.seed);
  std::vector<Trial> out(ix(std::max(1, o.trials)));
  for (Trial& t : out) {
    t.dx = random.gaussian() * o.errors.placing_mm * placing;
    t.dy = random.gaussian() * o.errors.placing_mm * placing;
    t.turn_rad = random.gaussian() * o.errors.turn_deg * turning * 3.14159265358979323846 / 180;
    t.cut = random.gaussian() * o.errors.cutting_mm;
  }
  return out;
}

/// Per trial, how far the mask's edge lies outward at most and at least along the border; the inset still to
/// be taken off.
struct Extremes {
  std::vector<double> most, least;
};

/// The edge's displacement at every point is linear in the trial: a shift along the normal and the turn's
/// lever.
Extremes extremesOf(const JoinBorder& b, const std::vector<Trial>& trials) {
  Extremes out;
  out.most.resize(trials.size()), out.least.resize(trials.size());
  std::vector<double> lever(b.points.size());
  for (size_t i = 0; i < lever.size(); ++i) {
    const double rx = b.points[i].x - b.pivot.x, ry = b.points[i].y - b.pivot.y;
    lever[i] = -ry * b.normals[i].x + rx * b.normals[i].y;
  }
  for (size_t t = 0; t < trials.size(); ++t) {
    double most = -1e300, least = 1e300;
    for (size_t i = 0; i < lever.size(); ++i) {
      const double out_mm =
          trials[t].dx * b.normals[i].x + trials[t].dy * b.normals[i].y + trials[t].turn_rad * lever[i];
      most = std::max(most, out_mm);
      least = std::min(least, out_mm);
    }
    out.most[t] = most + trials[t].cut, out.least[t] = least + trials[t].cut;
  }
  return out;
}

JoinChances chancesAt(const Extremes& e, double inset, double hides, double visible) {
  JoinChances c;
  for (size_t t = 0; t < e.most.size(); ++t) {
    const bool gap = e.most[t] - inset > visible, runs = inset - e.least[t] > hides + visible;
    c.gap += gap, c.runIn += runs, c.shows += gap || runs;
  }
  const auto n = static_cast<double>(e.most.size());
  c.gap /= n, c.runIn /= n, c.shows /= n;
  return c;
}

/// Points along the front's border on the panel where `reached` says that the other's ink comes.
template <typename F>
JoinBorder borderOf(const Placed& front, F reached, double& length_mm) {
  JoinBorder out;
  const Box inner = front.panel.grown(-0.05);
  const Box all = boxOf(front.silhouette);
  out.pivot = all.centre();
  length_mm = 0;
  for (const Ring& ring : front.silhouette) {
    for (size_t i = 0; i < ring.size(); ++i) {
      const Point a = ring[i], b = ring[(i + 1) % ring.size()];
      const double length = std::hypot(b.x - a.x, b.y - a.y);
      const int parts = std::max(1, static_cast<int>(std::ceil(length / kSample_mm)));
      for (int k = 0; k < parts && length > 0; ++k) {
        const double t = (k + 0.5) / parts;
        const Point p{a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)};
        if (!inner.contains(p) || !reached(p)) continue;
        Point n{(b.y - a.y) / length, -(b.x - a.x) / length};
        if (covers(front.silhouette, {p.x + 0.02 * n.x, p.y + 0.02 * n.y})) n = {-n.x, -n.y};
        out.points.push_back(p), out.normals.push_back(n);
        length_mm += length / parts;
      }
    }
  }
  if (out.points.size() > kMostPoints) {
    JoinBorder thin;
    thin.pivot = out.pivot;
    for (size_t k = 0; k < kMostPoints; ++k) {
      const size_t i = k * out.points.size() / kMostPoints;
      thin.points.push_back(out.points[i]), thin.normals.push_back(out.normals[i]);
    }
    return thin;
  }
  return out;
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
    for (const NeedStep& step : m_a.needs.steps)
      for (int front : step.covered) {
        Join j;
        j.front = front;
        (step.wash ? j.wash : j.back) = step.index;
        j.tape = m_a.needs.taped[ix(front)] != 0;
        out.push_back(std::move(j));
      }
    return out;
  }

  void work(Join& j) const {
    const Placed& front = placed(j.front);
    const JoinBorder border = borderFor(j, front);
    if (border.points.empty()) return;
    j.hides_mm = hides(j);
    j.contrast = contrastOf(j);
    const double inset = j.tape ? 0 : m_plan.supplies.maskInset_mm;
    const Extremes e = extremesOf(border, m_marked ? m_byMark : m_byEye);
    const JoinChances c = chancesAt(e, inset, j.hides_mm, m_o.errors.visible_mm);
    j.gap = c.gap, j.runIn = c.runIn, j.shows = c.shows;
    const std::vector<double> at = perPoint(border, inset, j.hides_mm);
    for (size_t i = 0; i < border.points.size(); ++i) j.points.push_back({border.points[i], at[i]});
    j.bestInset_mm = inset, j.bestShows = j.shows;
    for (int k = 0; k * kInsetStep_mm <= kMostInset_mm + 1e-9 && !j.tape; ++k) {
      const double shows = chancesAt(e, k * kInsetStep_mm, j.hides_mm, m_o.errors.visible_mm).shows;
      if (shows < j.bestShows - 0.002) j.bestShows = shows, j.bestInset_mm = k * kInsetStep_mm;
    }
    ways(j, border, inset);
  }

 private:
  const Plan& m_plan;
  const Analysis& m_a;
  const RiskOptions& m_o;
  bool m_marked;  // masks are laid by a mark at the foot
  std::vector<Trial> m_byEye, m_byMark;

  const Placed& placed(int i) const { return *m_a.meetings.placed[ix(i)]; }
  const Impression& thing(int i) const { return m_plan.impressions[ix(i)]; }

  JoinBorder borderFor(Join& j, const Placed& front) const {
    if (j.wash >= 0) {
      const auto w = ix(j.wash);
      const WashFalloff falloff(m_plan, m_plan.washes[w]);
      const double strength = m_plan.washes[w].strength;
      return borderOf(
          front,
          [&](Point p) {
            return strength * falloff.shareAt(p) > kPaleWash && covers(m_a.washes.reached[w], p);
          },
          j.length_mm);
    }
    const Placed& back = placed(j.back);
    return borderOf(
        front,
        [&](Point p) {
          return back.outline->inked.at(back.placing.toFrame(p)) && covers(back.silhouette, p);
        },
        j.length_mm);
  }

  /// A line of full ink counts 1 from a Lab difference of 50 on; a wash counts as strong as it is.
  double contrastOf(const Join& j) const {
    const Wash* wash = j.wash >= 0 ? &m_plan.washes[ix(j.wash)] : nullptr;
    const Ink& ink = *m_plan.ink(wash ? wash->ink : thing(j.back).ink);
    const double strength = wash ? wash->strength : strengthOf(ink, thing(j.back).generation);
    const InkFilm film(ink.colour, ink.opacity, strength);
    LinearRgb paper = linearOf(m_plan.card.paper.colour), inked;
    for (size_t c = 0; c < 3; ++c) inked[c] = paper[c] * film.multiply[c] + film.add[c];
    const auto lab = [](const LinearRgb& c) {
      return labOf(static_cast<double>(c[0]), static_cast<double>(c[1]), static_cast<double>(c[2]));
    };
    return std::min(1.0, differenceOf(lab(paper), lab(inked)) / 50);
  }

  /// Line art hides what runs under its own line; a solid thing hides more if it is much darker.
  double hides(const Join& j) const {
    const Stamp& stamp = *placed(j.front).outline->stamp;
    if (!stamp.solid) return kOutlineWidth_mm;
    const Colour other = j.wash >= 0 ? m_plan.ink(m_plan.washes[ix(j.wash)].ink)->colour
                                     : m_plan.ink(thing(j.back).ink)->colour;
    return lightnessOf(m_plan.ink(thing(j.front).ink)->colour) < lightnessOf(other) - 20 ? 2.0 : 0.2;
  }

  std::vector<double> perPoint(const JoinBorder& b, double inset, double hides) const {
    const double visible = m_o.errors.visible_mm;
    const double placing = m_o.errors.placing_mm * (m_marked ? kMarkedPlacing : 1);
    const double turn_rad = m_o.errors.turn_deg * (m_marked ? kMarkedTurn : 1) * 3.14159265358979323846 / 180;
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
      const double shows =
          chancesAt(extremesOf(border, m_byMark), inset, j.hides_mm, m_o.errors.visible_mm).shows;
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
  return chancesAt(extremesOf(border, trialsOf(o, 1, 1)), inset_mm, hides_mm, o.errors.visible_mm);
}

Result<JoinRisk> joinRisk(const Plan& plan, const Analysis& analysis, const RiskOptions& options,
                          const Progress& progress) {
  const Risks risks(plan, analysis, options);
  std::vector<Join> all = risks.list();
  std::atomic<size_t> done = 0;
  forEachIndex(all.size(), 4, [&](size_t k) {
    if (progress.stopped()) return;
    risks.work(all[k]);
    progress.at(static_cast<double>(++done) / static_cast<double>(all.size()));
  });
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  std::erase_if(all, [](const Join& j) { return j.points.empty(); });
  std::stable_sort(all.begin(), all.end(), [](const Join& a, const Join& b) {
    const double seenA = a.shows * a.contrast, seenB = b.shows * b.contrast;
    return seenA != seenB ? seenA > seenB : a.length_mm > b.length_mm;
  });
  JoinRisk out;
  for (const Join& j : all) out.clean *= 1 - j.shows, out.expected += j.shows;
  out.joins = std::move(all);
  return out;
}

}  // namespace havlo
