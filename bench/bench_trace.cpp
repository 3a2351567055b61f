// Speed of tracing, of laying masks out and of searching the drawer. Goals: docs/benchmarks.md
#include <benchmark/benchmark.h>

#include <QImage>

#include "core/cutting/sheet_layout.h"
#include "core/drawer/drawer.h"
#include "core/mask/mask_shape.h"
#include "core/trace/stamp_trace.h"
#include "io/art/svg_art.h"
#include "io/devices/scanner.h"
#include "io/scan/scan_file.h"
#include "support/plans.h"

using namespace havlo;

namespace {

/// The tall poplar, 62 mm, at 1200 dpi: larger than the 50 mm of the goal.
Scan scanOf50mm() {
  auto stamp = std::make_shared<Stamp>(*testing::demo("canal-towpath").stamp("poplar-tall"));
  ScannerSettings how;
  how.dpi = 1200;
  how.skew = Degrees{1};
  return readScanImage(
             scanSheet({{stamp, {8, 8}}}, stamp->width_mm + 16, stamp->height_mm + 16, SvgArt(), how))
      .value()
      .scan;
}

void traceA1200DpiScan(benchmark::State& state) {
  const Scan scan = scanOf50mm();
  double height = 0;
  for (auto _ : state) {
    const FoundSheet sheet = readSheet(scan).value();
    const TracedStamp traced = traceStamp(scan, sheet, sheet.impressions[0]).value();
    height = traced.stamp.height_mm;
  }
  state.counters["height_mm"] = height;
  state.counters["megapixels"] = static_cast<double>(scan.grey.size()) / 1e6;
}
BENCHMARK(traceA1200DpiScan)->Unit(benchmark::kMillisecond);

void mendATrace(benchmark::State& state) {
  const Scan scan = scanOf50mm();
  const FoundSheet sheet = readSheet(scan).value();
  TraceSettings settings;
  for (auto _ : state) {
    settings.grow_mm = settings.grow_mm == 0 ? 0.2 : 0;
    benchmark::DoNotOptimize(traceStamp(scan, sheet, sheet.impressions[0], settings));
  }
}
BENCHMARK(mendATrace)->Unit(benchmark::kMillisecond);

void findOnAWholeSheet(benchmark::State& state) {
  // An A4 sheet at 1200 dpi: 139 million pixels.
  const Plan plan = testing::demo("canal-towpath");
  std::vector<StampRef> stamps;
  for (const StampRef& s : plan.stamps)
    if (s->width_mm < 100) stamps.push_back(s);
  const auto glass = inRows(stamps, 198);
  ScannerSettings how;
  how.dpi = 300;
  const Scan small = readScanImage(scanSheet(glass, 198, 285, SvgArt(), how)).value().scan;
  Scan scan;
  scan.width = small.width * 4, scan.height = small.height * 4, scan.pxPerMm = small.pxPerMm * 4;
  scan.grey.resize(ix(scan.width) * ix(scan.height));
  for (int y = 0; y < scan.height; ++y)
    for (int x = 0; x < scan.width; ++x)
      scan.grey[ix(y) * ix(scan.width) + ix(x)] = small.grey[ix(y / 4) * ix(small.width) + ix(x / 4)];
  size_t found = 0;
  for (auto _ : state) found = readSheet(scan).value().impressions.size();
  state.counters["found"] = static_cast<double>(found);
  state.counters["megapixels"] = static_cast<double>(scan.grey.size()) / 1e6;
}
BENCHMARK(findOnAWholeSheet)->Unit(benchmark::kMillisecond)->Iterations(3);

void layOut60Masks(benchmark::State& state) {
  const Plan plan = testing::demo("canal-towpath");
  std::vector<SheetPiece> pieces;
  for (int k = 0; pieces.size() < 60; ++k) {
    const auto s = ix(k) % plan.stamps.size();
    if (plan.stamps[s]->width_mm > 100) continue;
    pieces.push_back({static_cast<int>(s), k, maskOf(*plan.stamps[s], plan.supplies)->mask});
  }
  MaskingSheet sheet;
  int sheets = 0;
  for (auto _ : state) sheets = layOut(pieces, sheet).sheets;
  state.counters["sheets"] = sheets;
}
BENCHMARK(layOut60Masks)->Unit(benchmark::kMillisecond);

void search5000Stamps(benchmark::State& state) {
  const Plan plan = testing::demo("canal-towpath");
  std::vector<DrawerCard> cards;
  for (int k = 0; k < 5000; ++k) {
    const Stamp& s = *plan.stamps[ix(k) % plan.stamps.size()];
    DrawerCard c;
    c.key = std::to_string(k), c.name = s.name + " " + std::to_string(k);
    c.role = s.role, c.facing = s.facing, c.width_mm = s.width_mm, c.height_mm = s.height_mm,
    c.realHeight = s.realHeight;
    c.setName = "Set " + std::to_string(k % 50), c.tags = {"canal", "evening", "tag" + std::to_string(k % 7)};
    cards.push_back(std::move(c));
  }
  const DrawerIndex index(std::move(cards));
  StampWish wish;
  wish.text = "poplar tag3";
  wish.leastHeight_mm = 20;
  size_t found = 0;
  for (auto _ : state) found = index.find(wish).size();
  state.counters["found"] = static_cast<double>(found);
}
BENCHMARK(search5000Stamps)->Unit(benchmark::kMillisecond);

void findWhatFits5000Stamps(benchmark::State& state) {
  const Plan plan = testing::demo("canal-towpath");
  std::vector<DrawerCard> cards;
  for (int k = 0; k < 5000; ++k) {
    const Stamp& s = *plan.stamps[ix(k) % plan.stamps.size()];
    DrawerCard c;
    c.key = std::to_string(k), c.name = s.name;
    c.height_mm = s.height_mm * (0.7 + 0.0001 * k), c.realHeight = s.realHeight;
    cards.push_back(std::move(c));
  }
  const DrawerIndex index(std::move(cards));
  StampWish wish;
  wish.view = plan.view;
  wish.fitsAt_m = 3;
  size_t found = 0;
  for (auto _ : state) found = index.find(wish).size();
  state.counters["found"] = static_cast<double>(found);
}
BENCHMARK(findWhatFits5000Stamps)->Unit(benchmark::kMillisecond);

}  // namespace
