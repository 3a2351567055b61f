#include "core/viewpoint/find_view.h"

#include <cmath>

namespace havlo {
namespace {

constexpr double kHand_mm = 0.5;  // no foot is placed more exactly than this

struct Witness {
  int impression;
  double foot_mm;
  double perEye, leastPerEye, mostPerEye;  // mm of horizon above the foot for each metre of eye height
  double weight(double eye_m) const {
    const double half = (mostPerEye - leastPerEye) * eye_m / 2 + kHand_mm;
    return 1 / (half * half);
  }
};

std::vector<Witness> witnesses(const Plan& plan, const std::vector<int>& asked) {
  std::vector<Witness> out;
  const auto take = [&](int i) {
    const Impression& thing = plan.impressions[ix(i)];
    const StampRef stamp = plan.stamp(thing.stamp);
    if (!std::holds_alternative<OnGround>(thing.depth) || !stamp->realHeight) return;
    const RealHeight& h = *stamp->realHeight;
    out.push_back({i, thing.at.y, stamp->height_mm / h.typical_m, stamp->height_mm / h.most_m,
                   stamp->height_mm / h.least_m});
  };
  if (asked.empty()) {
    for (size_t i = 0; i < plan.impressions.size(); ++i) take(static_cast<int>(i));
  } else {
    for (const int i : asked) take(i);
  }
  return out;
}

/// Weighted least squares of foot = horizon - perEye * eye; the eye height kept unless `eyesToo`.
void solve(const std::vector<Witness>& all, bool eyesToo, double& horizon, double& eye) {
  double w = 0, wx = 0, wy = 0, wxx = 0, wxy = 0;
  for (const Witness& s : all) {
    const double k = s.weight(eye);
    w += k, wx += k * s.perEye, wy += k * s.foot_mm, wxx += k * s.perEye * s.perEye,
        wxy += k * s.perEye * s.foot_mm;
  }
  const double spread = w * wxx - wx * wx;
  if (eyesToo && spread > 1e-9 * w * wxx) {
    const double found = -(w * wxy - wx * wy) / spread;
    if (found > 0.01) eye = found;
  }
  horizon = (wy + eye * wx) / w;
}

int disagreeing(const std::vector<Witness>& all, double horizon, double eye) {
  int count = 0;
  for (const Witness& s : all)
    count +=
        horizon < s.foot_mm + eye * s.leastPerEye - 1e-9 || horizon > s.foot_mm + eye * s.mostPerEye + 1e-9;
  return count;
}

}  // namespace

Result<FoundView> findView(const Plan& plan, const std::vector<int>& impressions, bool eyesToo) {
  if (!plan.view) return Error{ErrorCode::BadInput, "the plan has no view", {}};
  const std::vector<Witness> all = witnesses(plan, impressions);
  if (all.empty())
    return Error{ErrorCode::BadInput, "nothing that stands on the ground has a real height", {}};
  FoundView f;
  f.eyeHeight_m = plan.view->eyeHeight_m;
  solve(all, eyesToo, f.horizon_mm, f.eyeHeight_m);
  double off = 0, weights = 0;
  for (const Witness& s : all) {
    HorizonWord word{s.impression, s.foot_mm + f.eyeHeight_m * s.perEye,
                     s.foot_mm + f.eyeHeight_m * s.leastPerEye, s.foot_mm + f.eyeHeight_m * s.mostPerEye};
    word.agrees = f.horizon_mm >= word.low_mm - 1e-9 && f.horizon_mm <= word.high_mm + 1e-9;
    const double k = s.weight(f.eyeHeight_m);
    off += k * (word.typical_mm - f.horizon_mm) * (word.typical_mm - f.horizon_mm), weights += k;
    f.words.push_back(word);
  }
  f.offBy_mm = std::sqrt(off / weights);
  if (all.size() < 3 || disagreeing(all, f.horizon_mm, f.eyeHeight_m) == 0) return f;
  for (size_t without = 0; without < all.size(); ++without) {
    std::vector<Witness> rest = all;
    rest.erase(rest.begin() + static_cast<long>(without));
    double horizon = 0, eye = plan.view->eyeHeight_m;
    solve(rest, eyesToo, horizon, eye);
    if (disagreeing(rest, horizon, eye) == 0) {
      f.odd = all[without].impression;
      break;
    }
  }
  return f;
}

const std::vector<Eyes>& usualEyes() {
  static const std::vector<Eyes> eyes{{"a hare", 0.35},
                                      {"a small child", 0.9},
                                      {"someone sitting", 1.2},
                                      {"a standing adult", 1.6},
                                      {"a rider", 2.4},
                                      {"someone on a hill", 6},
                                      {"a bird", 15}};
  return eyes;
}

}  // namespace havlo
