// A over B over C over A: no order of stamping alone gives that; a mask laid where a thing will be can.
#include "core/analysis/analysis.h"

namespace havlo {
namespace {

/// Whether every pair of the knot whose front is stamped later can be kept apart by a mask laid ahead.
bool masksAheadDoIt(const Plan& plan, const Analysis& a, int knot) {
  std::vector<size_t> place(a.order.size(), 0);
  for (size_t k = 0; k < a.order.size(); ++k) place[ix(a.order[k])] = k;
  for (const Meeting& m : a.meetings.list) {
    const auto f = ix(m.front), b = ix(m.back);
    if (!m.overlaps() || a.knots.knotOf[f] != knot || a.knots.knotOf[b] != knot) continue;
    const School how = plan.impressions[f].school;
    if (m.contradictory) return false;
    const bool late = how == School::Overprint ? place[f] < place[b] : place[f] > place[b];
    if (late && (how == School::Overprint || how == School::Resist)) return false;
  }
  return true;
}

}  // namespace

void readCycle(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  for (const std::vector<int>& ring : analysis.knots.rings) {
    Finding f{FindingKind::Cycle, Level::Fault, ring, static_cast<double>(ring.size()), {}};
    // Distances alone never make a ring, so one of its links was said against them: the way out is to unsay
    // it.
    for (size_t k = 0; k < ring.size() && !f.fix; ++k) {
      const int front = ring[k], back = ring[(k + 1) % ring.size()];
      const PairWord said = analysis.depth->said(front, back);
      const bool against = analysis.depth->rank(front) > analysis.depth->rank(back);
      if (against && (said == PairWord::First || said == PairWord::Both))
        f.fix = Fix{Fix::What::DropInFront, front, back, {}};
    }
    if (masksAheadDoIt(plan, analysis, analysis.knots.knotOf[ix(ring[0])])) f.level = Level::Warn;
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
