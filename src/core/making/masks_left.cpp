// Masks at hand have the first numbers of their stamp, most uses first.
#include "core/making/masks_left.h"

#include <algorithm>
#include <map>
#include <set>

namespace havlo {

std::vector<MaskLeft> masksLeft(const Bench& bench) {
  const Plan& plan = bench.plan();
  const Analysis& a = bench.analysis();
  const std::set<std::string> worn = wornMasks(bench);
  std::vector<MaskLeft> out;
  for (size_t s = 0; s < a.stampMasks.size(); ++s) {
    std::map<int, int> used;
    for (const MaskRota::Entry& entry : a.stampMasks[s].rota.entries()) {
      std::set<int> masks;  // two halves of one are used together
      for (const Laid& l : entry.laid)
        if (l.fresh) masks.insert(l.mask);
      for (int m : masks) used[m] += a.sheet.copies;
    }
    std::vector<MaskAtHand> atHand;
    for (const MaskAtHand& m : plan.supplies.masksAtHand)
      if (m.stamp == plan.stamps[s]->id) atHand.push_back(m);
    std::stable_sort(atHand.begin(), atHand.end(),
                     [](const MaskAtHand& x, const MaskAtHand& y) { return x.uses > y.uses; });
    for (const auto& [mask, uses] : used) {
      MaskLeft left{maskId(*plan.stamps[s], mask), static_cast<int>(s), plan.maskLife() - uses, {}};
      if (mask < a.stampMasks[s].kept && ix(mask) < atHand.size()) {
        left.uses = atHand[ix(mask)].uses - uses;
        left.key = atHand[ix(mask)].key;
      }
      // One that let ink through is not worth keeping, however few its layings.
      if (worn.contains(left.id)) left.uses = 0;
      out.push_back(std::move(left));
    }
  }
  return out;
}

}  // namespace havlo
