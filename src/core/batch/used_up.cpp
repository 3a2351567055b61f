// Ink and strip are measured by what was worked with them, everything else is counted.
#include "core/batch/used_up.h"

#include <algorithm>
#include <cmath>

namespace havlo {
namespace {

using What = StockNeed::What;

/// Takes a sheet whenever so much of it is cut that no more masks go on it.
void takeMasks(UsedUp& use) {
  DrawerGood& good = use.after;
  good.worked += use.need.area_mm2;
  const double sheet = maskRoomOn(good);
  while (good.worked >= sheet && good.count.value_or(1) > 0) {
    good.worked -= sheet;
    if (good.count) --*good.count;
  }
}

}  // namespace

std::string_view wordOf(StockNeed::What what) {
  constexpr std::string_view kWords[] = {"paper", "ink", "powder", "adhesive", "foam", "envelope", "masking"};
  return kWords[static_cast<size_t>(what)];
}

std::vector<UsedUp> usedUp(std::span<const StockNeed> needs, std::span<const DrawerGood> goods) {
  std::vector<UsedUp> out;
  std::vector<DrawerGood> now(goods.begin(), goods.end());
  for (const StockNeed& need : needs) {
    const double amount = worked(need);
    if (amount > 0) {
      const auto good =
          std::find_if(now.begin(), now.end(), [&](const DrawerGood& g) { return passesFor(g, need); });
      UsedUp use{need, {}, {}, 0};
      if (good != now.end()) {
        use.before = use.after = *good;
      } else if (need.what == What::Ink) {
        use.before.kind = GoodKind::Ink, use.before.ink = need.ink, use.before.name = need.name;
        use.after = use.before;
      } else {
        continue;
      }
      if (need.what == What::MaskingPaper) {
        takeMasks(use);
      } else {
        use.after.worked += amount;
      }
      if (good != now.end()) *good = use.after;
      out.push_back(std::move(use));
      continue;
    }
    int wanted = need.what == What::Foam || need.what == What::Envelope ? need.count : 0;
    for (DrawerGood& good : now) {
      if (wanted <= 0) break;
      if (!good.count || !passesFor(good, need)) continue;
      UsedUp use{need, good, good, 0};
      const int taken = std::min(wanted, *good.count);
      use.after.count = *good.count - taken;
      wanted -= taken;
      good = use.after;
      if (taken > 0) out.push_back(std::move(use));
    }
    if (wanted > 0 && !out.empty() && out.back().need == need) out.back().lacking = wanted;
  }
  return out;
}

DrawerGood told(DrawerGood good, Left left) {
  if (left == good.left) return good;
  if (left == Left::Enough) {
    good.worked = 0;
  } else if (good.left == Left::Enough && good.worked > 0) {
    // The last times count as much as all before.
    good.bears = good.bears > 0 ? (good.bears + good.worked) / 2 : good.worked;
  }
  good.left = left;
  return good;
}

std::optional<double> shareUsed(const DrawerGood& good) {
  if (good.bears <= 0) return std::nullopt;
  return good.worked / good.bears;
}

std::vector<LogEntry::Used> useOf(std::span<const StockNeed> needs) {
  std::vector<LogEntry::Used> out;
  for (const StockNeed& need : needs) {
    // What is coloured with a marker is not measured.
    const bool measured =
        need.what == What::Ink || need.what == What::Adhesive || need.what == What::MaskingPaper;
    out.push_back({std::string(wordOf(need.what)), need.name, measured ? worked(need) : need.count});
  }
  return out;
}

}  // namespace havlo
