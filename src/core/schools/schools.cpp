// Rules of the trade as numbers; thresholds are common practice, no source.
#include "core/schools/schools.h"

#include <algorithm>
#include <cmath>

#include "core/colour/colour.h"
#include "core/outline/shape_ops.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr double kSeenThrough = 8;  // Lab difference at which a line behind is noticed
constexpr double kSmall_mm2 = 160;  // of a small thing
constexpr int kMany = 5;
constexpr double kSmallGap = 0.15, kLargeGap = 0.45;  // share of a stamp that is taped off
constexpr double kLongPen_mm = 60, kSoft_mm = 25;
constexpr double kLeastPiece_mm2 = 120, kMostPost_mm = 6.0;
constexpr double kDarkGround = 45;  // L* below which dye sinks in

struct Behind {
  std::vector<int> things;  // overlapped from the front
  double shared_mm2 = 0, border_mm = 0;
  bool washed = false;
};

class Adviser {
 public:
  Adviser(const Plan& plan, const Analysis& a) : m_plan(plan), m_a(a), m_like(plan.stamps.size(), 0) {
    for (int s : a.stampOf) ++m_like[ix(s)];
    for (size_t i = 0; i < plan.impressions.size(); ++i) m_behind.push_back(behind(static_cast<int>(i)));
  }

  SchoolAdvice advise(int i) const {
    SchoolAdvice out;
    out.impression = i;
    for (School t : kSchools) out.options.push_back(option(i, t));
    if (thing(i).school == School::Across) out.options.push_back({School::Across, {}, false, 0, 0, 0, 0});
    choose(out);
    return out;
  }

 private:
  const Plan& m_plan;
  const Analysis& m_a;
  std::vector<int> m_like;  // impressions by stamp
  std::vector<Behind> m_behind;

  const Impression& thing(int i) const { return m_plan.impressions[ix(i)]; }
  const Ink& inkOf(int i) const { return *m_plan.ink(thing(i).ink); }
  const Placed& placed(int i) const { return *m_a.meetings.placed[ix(i)]; }
  const Stamp& stampOf(int i) const { return *placed(i).outline->stamp; }

  Behind behind(int i) const {
    Behind out;
    for (int k : m_a.meetings.of[ix(i)]) {
      const Meeting& m = m_a.meetings.list[ix(k)];
      if (m.front != i || !m.overlaps()) continue;
      out.things.push_back(m.back);
      out.shared_mm2 += m.area_mm2;
      // The border of a patch of that area, were it as round as half a square: good enough to weigh pen work.
      out.border_mm += 2.0 * std::sqrt(m.area_mm2) * 1.77;
    }
    for (size_t w = 0; w < m_plan.washes.size(); ++w) {
      const auto& over = m_plan.washes[w].lets;
      out.washed = out.washed || (m_a.washes.of(static_cast<int>(w), i).touches &&
                                  std::find(over.begin(), over.end(), thing(i).id) == over.end());
    }
    return out;
  }

  /// How much the ink of `back` shows through the solid ink of `i` (CIE 1976), or the whole of it through
  /// line art.
  double showsThrough(int i, int back) const {
    const auto paper = linearOf(m_plan.card.paper.colour);
    const InkFilm under(inkOf(back).colour, inkOf(back).opacity,
                        strengthOf(inkOf(back), thing(back).generation));
    const InkFilm over(inkOf(i).colour, inkOf(i).opacity, strengthOf(inkOf(i), thing(i).generation));
    LinearRgb below, clean, dirty;
    for (size_t c = 0; c < 3; ++c) {
      below[c] = paper[c] * under.multiply[c] + under.add[c];
      clean[c] = paper[c] * over.multiply[c] + over.add[c];
      dirty[c] = below[c] * over.multiply[c] + over.add[c];
    }
    const auto lab = [](const LinearRgb& c) {
      return labOf(static_cast<double>(c[0]), static_cast<double>(c[1]), static_cast<double>(c[2]));
    };
    return stampOf(i).solid ? differenceOf(lab(clean), lab(dirty)) : differenceOf(lab(paper), lab(below));
  }

  SchoolOption option(int i, School t) const {
    const Behind& b = m_behind[ix(i)];
    const WorkTimes times = timesOf(m_plan.habits);
    SchoolOption o;
    o.school = t;
    const auto blame = [&](bool when, Obstacle what, bool forbids = false) {
      if (!when) return;
      o.obstacles.push_back(what);
      o.forbids = o.forbids || forbids;
    };
    const double uses =
        static_cast<double>(b.things.size()) + (b.washed ? static_cast<double>(m_plan.washes.size()) : 0);
    switch (t) {
      case School::Mask: {
        const MaskShape& mask = *m_a.masks[ix(m_a.stampOf[ix(i)])];
        o.masks = uses > 0 ? 1 : 0;
        o.minutes = o.masks * times.cutMask + uses * (times.coverOn + times.coverOff) +
                    (uses > 0 ? inkOf(i).dryOnCard_s / 60 : 0);
        blame(uses > 0 && mask.mask.empty(), Obstacle::NothingToCut, true);
        break;
      }
      case School::Overprint: {
        for (int back : b.things) o.through = std::max(o.through, showsThrough(i, back));
        blame(o.through > kSeenThrough, Obstacle::ShowsThrough, true);
        const bool dye = inkOf(i).kind == InkKind::Dye || inkOf(i).kind == InkKind::WaterReactive;
        const bool darkBehind = std::any_of(b.things.begin(), b.things.end(), [&](int k) {
          return stampOf(k).solid && lightnessOf(inkOf(k).colour) < kDarkGround;
        });
        blame(dye && darkBehind, Obstacle::SinksIn, true);
        break;
      }
      case School::Resist:
        o.minutes = times.emboss;
        blame(inkOf(i).kind == InkKind::Dye || inkOf(i).kind == InkKind::Marker, Obstacle::DriesTooFast);
        blame(inkOf(i).kind == InkKind::WaterReactive, Obstacle::WaterUnderHeat);
        break;
      case School::LeaveOut:
      case School::WipeOff: {
        double most = 0;
        for (int k : m_a.meetings.of[ix(i)]) {
          const Meeting& m = m_a.meetings.list[ix(k)];
          if (m.front == i && m.overlaps())
            most = std::max(most, m.area_mm2 / std::max(1.0, placed(m.back).area_mm2));
        }
        o.minutes = static_cast<double>(b.things.size()) * 1.0;
        o.pen_mm = t == School::LeaveOut ? b.border_mm : b.border_mm / 2;
        blame(most > kLargeGap, Obstacle::LargeGap);
        if (t == School::LeaveOut) blame(o.pen_mm > kLongPen_mm, Obstacle::LongRepair);
        if (t == School::WipeOff) blame(b.border_mm > kSoft_mm, Obstacle::SoftEdge);
        break;
      }
      case School::Across:
        break;
      case School::PopUp: {
        o.minutes = times.cutPiece + times.attach;
        bool front = false;
        for (int k : m_a.meetings.of[ix(i)]) {
          const Meeting& m = m_a.meetings.list[ix(k)];
          front = front ||
                  (m.back == i && m.overlaps() && m_plan.impressions[ix(m.front)].school != School::PopUp);
        }
        blame(front, Obstacle::HasFront);
        blame(placed(i).areaOnPanel_mm2 < kLeastPiece_mm2, Obstacle::TooSmall);
        const double raise = thing(i).raise_mm > 0 ? thing(i).raise_mm : 1.5;
        blame(raise + 2 * m_plan.card.paper.thickness_mm > kMostPost_mm, Obstacle::TooThick);
        break;
      }
    }
    return o;
  }

  static const SchoolOption& of(const SchoolAdvice& a, School t) {
    return *std::find_if(a.options.begin(), a.options.end(),
                         [t](const SchoolOption& o) { return o.school == t; });
  }

  void choose(SchoolAdvice& a) const {
    const int i = a.impression;
    const Behind& b = m_behind[ix(i)];
    const auto suits = [&](School t) { return of(a, t).obstacles.empty(); };
    const auto take = [&](School t, SchoolReason why) { a.best = t, a.reason = why; };
    const bool small = placed(i).area_mm2 < kSmall_mm2;
    const bool many = m_like[ix(m_a.stampOf[ix(i)])] >= kMany;
    if (!thing(i).piece.empty()) return take(School::PopUp, SchoolReason::OnPiece);
    if (thing(i).school == School::Across) return take(School::Across, SchoolReason::AcrossRim);
    if (b.things.empty() && !b.washed) return take(m_plan.school, SchoolReason::NothingBehind);
    if (!b.things.empty() && !b.washed && stampOf(i).solid && suits(School::Overprint))
      return take(School::Overprint, SchoolReason::DarkAndSolid);
    // Figures and animals will be coloured, and wax on them is in the way of that.
    const Role role = stampOf(i).role;
    const bool coloured = factsOf(role).coloured;
    if (small && many && !coloured && suits(School::Resist))
      return take(School::Resist, SchoolReason::ManySmall);
    if (!suits(School::Mask))
      return suits(School::PopUp) ? take(School::PopUp, SchoolReason::Fiddly)
                                  : take(School::LeaveOut, SchoolReason::Fiddly);
    double most = 0;
    for (int k : m_a.meetings.of[ix(i)]) {
      const Meeting& m = m_a.meetings.list[ix(k)];
      if (m.front == i && m.overlaps())
        most = std::max(most, m.area_mm2 / std::max(1.0, placed(m.back).area_mm2));
    }
    if (!b.washed && b.things.size() == 1 && most < kSmallGap && b.border_mm < kLongPen_mm / 2 &&
        b.shared_mm2 < 60 && suits(School::LeaveOut))
      return take(School::LeaveOut, SchoolReason::SmallGap);
    if (thing(i).hero && b.things.size() >= 6 && suits(School::PopUp))
      return take(School::PopUp, SchoolReason::HeroAlone);
    take(School::Mask, SchoolReason::Coloured);
  }
};

}  // namespace

std::vector<SchoolAdvice> adviseSchools(const Plan& plan, const Analysis& analysis) {
  const Adviser adviser(plan, analysis);
  std::vector<SchoolAdvice> out;
  for (size_t i = 0; i < plan.impressions.size(); ++i) out.push_back(adviser.advise(static_cast<int>(i)));
  return out;
}

Rings tapedPart(const Analysis& a, int impression) {
  const Placed& back = *a.meetings.placed[ix(impression)];
  std::vector<Rings> parts;
  if (!back.outline->part.empty())
    parts.push_back(difference(back.outline->stamp->silhouette, back.outline->part));
  for (int f : a.needs.leaveOut[ix(impression)]) {
    Rings shape = a.meetings.placed[ix(f)]->silhouette;
    for (Ring& ring : shape)
      for (Point& p : ring) p = back.placing.toFrame(p);
    parts.push_back(intersection(shape, back.outline->silhouette));
  }
  return parts.empty() ? Rings{} : unionOf(parts);
}

}  // namespace havlo
