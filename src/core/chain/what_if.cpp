// Each slip changes the plan, the order or the sheet, and the press does the rest.
#include "core/chain/what_if.h"

#include <algorithm>

#include "core/base/random.h"
#include "core/chain/chain.h"

namespace havlo {
namespace {

/// The order with the panel's impressions shuffled; pop-ups stay last.
std::vector<int> shuffled(const Plan& plan, std::vector<int> order, uint32_t seed) {
  const auto end = std::find_if(order.begin(), order.end(),
                                [&](int i) { return isStampedApart(plan.impressions[ix(i)].school); });
  Random random(seed);
  for (auto n = end - order.begin(); n > 1; --n)
    std::swap(order[ix(n - 1)], order[random.below(static_cast<uint64_t>(n))]);
  return order;
}

/// Takes a thing's covers out of every step, and with a joint paper those of all that lies under it.
void forget(RunSheet& sheet, const MaskNeeds& needs, int thing) {
  const auto lies = [](const std::vector<int>& over, int i) {
    return std::find(over.begin(), over.end(), i) != over.end();
  };
  std::vector<Step> kept;
  for (Step& s : sheet.steps.own()) {
    const bool covers = s.what == Do::MaskOn || s.what == Do::MaskOff;
    const bool strip =
        (s.what == Do::Tape || s.what == Do::MaskOff) && s.covers.empty() && s.impression == thing;
    if (covers) {
      const bool any = !s.covers.empty();
      std::erase_if(s.covers, [&](const Cover& c) { return c.impression == thing || lies(c.over, thing); });
      if (any && s.covers.empty()) continue;
      if (s.covers.size() == 1) s.impression = s.covers[0].impression;
    }
    if (strip) continue;
    std::vector<int> bared{thing};
    for (int j : s.joints)
      if (lies(needs.joints[ix(j)].over, thing)) bared = needs.joints[ix(j)].over;
    const auto bare = [&](int i) { return lies(bared, i); };
    std::erase_if(s.joints, [&](int j) { return lies(needs.joints[ix(j)].over, thing); });
    std::erase_if(s.masksOn, bare);
    std::erase_if(s.needed, bare);
    kept.push_back(std::move(s));
  }
  sheet.steps = std::move(kept);
}

}  // namespace

Result<Slip> slipped(const Plan& plan, const Analysis& analysis, const WhatIf& what) {
  const auto count = static_cast<int>(plan.impressions.size());
  if (what.kind != WhatIf::Kind::Shuffle && (what.impression < 0 || what.impression >= count))
    return Error{ErrorCode::BadInput, "there is no such impression", {}};
  Slip out;
  auto changed = std::make_shared<Plan>(plan);
  switch (what.kind) {
    case WhatIf::Kind::Shuffle:
      out.analysis = inOrder(plan, analysis, shuffled(plan, analysis.order, what.seed));
      break;
    case WhatIf::Kind::ForgetMask: {
      auto a = std::make_shared<Analysis>(analysis);
      forget(a->sheet, a->needs, what.impression);
      out.analysis = a;
      break;
    }
    case WhatIf::Kind::OtherInk: {
      if (!plan.ink(what.ink)) return Error{ErrorCode::BadInput, "there is no ink \"" + what.ink + "\"", {}};
      changed->impressions[ix(what.impression)].ink = what.ink;
      auto a = std::make_shared<Analysis>(analysis);  // the steps stay what they were
      out.analysis = a;
      break;
    }
    case WhatIf::Kind::Misplaced: {
      Impression& i = changed->impressions[ix(what.impression)];
      // Depth stays as it was planned: only the hand slipped.
      if (std::isfinite(analysis.depth->distance_m(what.impression)))
        i.depth = AtMetres{analysis.depth->distance_m(what.impression)};
      i.at = {i.at.x + what.by.x, i.at.y + what.by.y};
      i.turn_deg += what.turn_deg;
      auto a = std::make_shared<Analysis>(analysis);
      a->meetings.placed[ix(what.impression)] =
          place(analysis.meetings.placed[ix(what.impression)]->outline, i, plan.card.panel.box());
      out.analysis = a;
      break;
    }
    case WhatIf::Kind::OneMask: {
      changed->supplies.maskLife = 100000;
      changed->supplies.masksAtHand.clear();
      out.analysis = inOrder(*changed, *analyse(*changed, &analysis), analysis.order);
      out.maskLife = plan.maskLife();
      break;
    }
  }
  out.plan = std::move(changed);
  return out;
}

Result<Simulation> tryOut(const Plan& plan, const Analysis& analysis, const WhatIf& what,
                          const ArtSource* art, double dpi, const Progress& progress,
                          const StepWatcher& watch) {
  const auto slip = slipped(plan, analysis, what);
  if (!slip) return slip.error();
  const PressInput intended = analysis.press(plan, art);
  PressRun run;
  run.intended = &intended;
  run.maskLife = slip.value().maskLife;
  const Slip& s = slip.value();
  return simulate(s.analysis->press(*s.plan, art), s.analysis->sheet, dpi, progress, watch, {}, run);
}

}  // namespace havlo
