// A over B over C over A: no order of stamping gives that.
#include "core/analysis/analysis.h"

namespace havlo {

void readCycle(const Plan&, const Analysis& analysis, std::vector<Finding>& out) {
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
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
