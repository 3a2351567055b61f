// Two clean colours that meet as films may make mud: what comes through both has lost most of its colour.
#include <algorithm>
#include <cmath>

#include "core/colour/colour.h"
#include "core/outline/shape_rows.h"
#include "core/reading/about.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

constexpr double kClean = 18;   // chroma of a colour that is one
constexpr double kLost = 0.45;  // of the lesser chroma
constexpr double kLeast_mm2 = 60;
constexpr double kFelt = 0.2;  // strength that is seen

struct Mix {
  double lost = 0;  // chroma, at the worst place
  double area = 0;  // muddy, mm²
};

Mix mixOf(const Plan& plan, const Wash& one, const Rings& byOne, const Wash& two, const Rings& byTwo) {
  constexpr double kBetween_mm = 2;
  const Box b = boxOf(byOne).common(boxOf(byTwo));
  Mix out;
  if (b.empty()) return out;
  // Counted along rows, as what is blended through a stencil has thousands of points; always at the same
  // places of the panel, so that what is offered as a way out is read as one.
  const auto placeOf = [](double mm) { return static_cast<int>(std::ceil(mm / kBetween_mm - 0.5)); };
  const auto at_mm = [](int k) { return (k + 0.5) * kBetween_mm; };
  const int left = placeOf(b.left), low = placeOf(b.bottom);
  const int wide = placeOf(b.right) - left, high = placeOf(b.top) - low;
  const auto rowsOne = crossingsOf(byOne, at_mm(low), kBetween_mm, high),
             rowsTwo = crossingsOf(byTwo, at_mm(low), kBetween_mm, high);
  const LinearRgb inkOne = linearOf(plan.ink(one.ink)->colour), inkTwo = linearOf(plan.ink(two.ink)->colour);
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  const WashFalloff fallOne(plan, one), fallTwo(plan, two);
  for (int y = 0; y < high; ++y)
    for (int x = 0; x < wide; ++x) {
      const Point at{at_mm(left + x), at_mm(low + y)};
      if (!isBetween(rowsOne[ix(y)], at.x) || !isBetween(rowsTwo[ix(y)], at.x)) continue;
      const double s = one.strength * fallOne.shareAt(at), t = two.strength * fallTwo.shareAt(at);
      if (s < kFelt || t < kFelt) continue;
      const Lch first = lchOf(labOf(throughFilm(paper, inkOne, s))),
                second = lchOf(labOf(throughFilm(paper, inkTwo, t)));
      const Lch mixed = lchOf(labOf(throughFilm(throughFilm(paper, inkOne, s), inkTwo, t)));
      const double least = std::min(first.C, second.C);
      if (least < kClean || mixed.C > (1 - kLost) * least) continue;
      out.lost = std::max(out.lost, least - mixed.C);
      out.area += kBetween_mm * kBetween_mm;
    }
  return out;
}

}  // namespace

void readMuddyBlend(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  for (size_t p = 0; p < plan.washes.size(); ++p)
    for (size_t q = p + 1; q < plan.washes.size(); ++q) {
      const Wash &one = plan.washes[p], &two = plan.washes[q];
      if (one.ink == two.ink || one.way == WashWay::Relief || two.way == WashWay::Relief) continue;
      const Rings &byOne = a.washes.reached[p], &byTwo = a.washes.reached[q];
      const Mix mix = mixOf(plan, one, byOne, two, byTwo);
      if (mix.area < kLeast_mm2) continue;
      Finding f{FindingKind::MuddyBlend, Level::Warn, {}, mix.lost, {}};
      f.wash = static_cast<int>(q), f.other = static_cast<double>(p);
      // The later one reaches only so far that they hardly meet; its share is nothing beyond. Paste has none.
      for (Wash tried = two; tried.reach > 0.1 && !isRaised(two.way);) {
        tried.reach -= 0.05;
        if (mixOf(plan, one, byOne, tried, byTwo).area >= kLeast_mm2) continue;
        Fix fix;
        fix.what = Fix::What::WashReach, fix.impression = -1, fix.other = static_cast<int>(q),
        fix.amount = tried.reach;
        f.fix = std::move(fix);
        break;
      }
      out.push_back(std::move(f));
    }
}

}  // namespace havlo
