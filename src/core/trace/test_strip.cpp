#include "core/trace/test_strip.h"

#include <algorithm>
#include <cmath>

#include "core/tone/tone.h"
#include "core/trace/stamp_trace.h"

namespace havlo {
namespace {

constexpr double kPxPerMm = 6;    // fine enough to average over
constexpr double kUnlike = 0.35;  // of the first one's height and width
constexpr double kPaper = 0.04;   // darkness below this is the paper's grain

/// Ink in a box of the sheet: darkness summed over its pixels.
double inkIn(const Scan& scan, const FoundSheet& sheet, const Box& box) {
  const Scan picture = levelledPicture(scan, sheet, box.grown(0.5), kPxPerMm);
  double sum = 0;
  for (const uint8_t grey : picture.grey)
    if (const double dark = 1 - grey / 255.0; dark > kPaper) sum += dark;
  return sum;
}

}  // namespace

Result<std::vector<double>> readTestStrip(const Scan& scan, const Progress& progress) {
  FindSettings settings;
  settings.pale = true;
  auto sheet = readSheet(scan, settings, progress);
  if (!sheet) return sheet.error();
  const std::vector<Box>& found = sheet.value().impressions;
  if (found.size() < 2)
    return Error{ErrorCode::BadInput,
                 "a test strip needs at least two pressings side by side, with room between them",
                 {}};
  const auto size = [](const Box& b) { return std::pair{std::fabs(b.width()), std::fabs(b.height())}; };
  const auto [w, h] = size(found[0]);
  std::vector<double> darkness;
  for (size_t k = 0; k < found.size(); ++k) {
    const auto [wk, hk] = size(found[k]);
    if (std::fabs(wk / w - 1) > kUnlike || std::fabs(hk / h - 1) > kUnlike)
      return Error{ErrorCode::BadInput,
                   "pressing " + std::to_string(k + 1) +
                       " differs in size from the first: press one stamp only, all of it each time",
                   {}};
    darkness.push_back(inkIn(scan, sheet.value(), found[k]));
  }
  // As shares of the first; its own darkness is not asked for.
  const double first = std::max(1e-9, darkness.front());
  for (double& d : darkness) d /= first;
  return strengthsOf(darkness);
}

}  // namespace havlo
