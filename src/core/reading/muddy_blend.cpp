// Two clean colours that meet as films may make mud: what comes through both has lost most of its colour.
#include "core/colour/colour.h"
#include "core/outline/shape_ops.h"
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

Mix mixOf(const Plan& plan, const Analysis& a, size_t p, size_t q) {
  const Rings both = intersection(a.washes.reached[p], a.washes.reached[q]);
  Mix out;
  if (both.empty()) return out;
  const Wash &one = plan.washes[p], &two = plan.washes[q];
  const LinearRgb inkOne = linearOf(plan.ink(one.ink)->colour), inkTwo = linearOf(plan.ink(two.ink)->colour);
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  const WashFalloff fallOne(plan, one), fallTwo(plan, two);
  const Box b = boxOf(both);
  constexpr int kSteps = 24;
  const double cell = b.width() / kSteps * (b.height() / kSteps);
  for (int y = 0; y < kSteps; ++y)
    for (int x = 0; x < kSteps; ++x) {
      const Point at{b.left + (x + 0.5) / kSteps * b.width(), b.bottom + (y + 0.5) / kSteps * b.height()};
      const double s = one.strength * fallOne.shareAt(at), t = two.strength * fallTwo.shareAt(at);
      if (s < kFelt || t < kFelt || !covers(both, at)) continue;
      const Lch first = lchOf(labOf(throughFilm(paper, inkOne, s))),
                second = lchOf(labOf(throughFilm(paper, inkTwo, t)));
      const Lch mixed = lchOf(labOf(throughFilm(throughFilm(paper, inkOne, s), inkTwo, t)));
      const double least = std::min(first.C, second.C);
      if (least < kClean || mixed.C > (1 - kLost) * least) continue;
      out.lost = std::max(out.lost, least - mixed.C);
      out.area += cell;
    }
  return out;
}

}  // namespace

void readMuddyBlend(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  for (size_t p = 0; p < plan.washes.size(); ++p)
    for (size_t q = p + 1; q < plan.washes.size(); ++q) {
      if (plan.washes[p].ink == plan.washes[q].ink) continue;
      const Mix mix = mixOf(plan, a, p, q);
      if (mix.area < kLeast_mm2) continue;
      Finding f{FindingKind::MuddyBlend, Level::Warn, {}, mix.lost, {}};
      f.wash = static_cast<int>(q), f.other = static_cast<double>(p);
      // The later one reaches only so far that they hardly meet.
      Plan tried = plan;
      for (double reach = plan.washes[q].reach - 0.05; reach > 0.05; reach -= 0.05) {
        tried.washes[q].reach = reach;
        Analysis less;
        less.washes.reached = a.washes.reached;
        less.washes.reached[q] = reachedArea(tried, tried.washes[q]);
        if (mixOf(tried, less, p, q).area >= kLeast_mm2) continue;
        Fix fix;
        fix.what = Fix::What::WashReach, fix.impression = -1, fix.other = static_cast<int>(q),
        fix.amount = reach;
        f.fix = std::move(fix);
        break;
      }
      out.push_back(std::move(f));
    }
}

}  // namespace havlo
