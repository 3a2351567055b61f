// The learner's steps become a run sheet like any other.
#include "core/practice/practice.h"

#include <algorithm>
#include <set>

#include "core/base/random.h"

namespace havlo {
namespace {

int laidIn(const RunSheet& sheet) {
  int laid = 0;
  for (const Step& s : sheet.steps) {
    if (s.what == Do::MaskOn) laid += static_cast<int>(s.covers.size());
    if (s.what == Do::Tape && s.impression >= 0) ++laid;
  }
  return laid;
}

/// The learner's covers, laid and lifted as the steps say. Every cover counts as a fresh mask.
RunSheet sheetOf(const Plan& plan, const Analysis& a, const std::vector<DrillStep>& drill) {
  std::vector<Step> steps;
  std::set<int> lies;
  const auto bring = [&](const std::set<int>& wanted) {
    Step on, off;
    on.what = Do::MaskOn, off.what = Do::MaskOff;
    for (int i : lies)
      if (!wanted.contains(i)) off.covers.push_back({"", i});
    for (int i : wanted)
      if (!lies.contains(i)) on.covers.push_back({"", i});
    lies = wanted;
    if (!off.covers.empty()) steps.push_back(off);
    if (!on.covers.empty()) steps.push_back(on);
  };
  std::vector<int> pieces, embossed;
  for (const DrillStep& d : drill) {
    if (!d.wash && plan.impressions[ix(d.index)].school == School::PopUp) {
      pieces.push_back(d.index);
      continue;
    }
    bring({d.covered.begin(), d.covered.end()});
    Step s;
    s.what = d.wash ? Do::Wash : Do::Stamp;
    (d.wash ? s.wash : s.impression) = d.index;
    s.masksOn.assign(lies.begin(), lies.end());
    if (!d.wash) s.leaveOut = a.needs.leaveOut[ix(d.index)];
    steps.push_back(s);
    s = {};
    s.what = Do::Wipe, s.things = embossed;
    if (!embossed.empty()) steps.push_back(s);  // the drill is about what comes when, not about the cloth
    if (!d.wash && plan.impressions[ix(d.index)].school == School::Resist) {
      s = {};
      s.what = Do::Emboss, s.impression = d.index, s.things = {d.index};
      steps.push_back(s);
      embossed.push_back(d.index);
    }
  }
  bring({});
  for (int i : pieces) {
    Step s;
    s.what = Do::Attach, s.impression = i;
    steps.push_back(s);
  }
  RunSheet out;
  out.steps = std::move(steps);
  return out;
}

/// Covers that lay at a step which would not have reached the thing under them.
int needlessIn(const Analysis& a, const std::vector<DrillStep>& steps) {
  std::set<int> useful;
  int needless = 0;
  std::set<int> lies;
  const auto reaches = [&](const DrillStep& d, int i) {
    if (d.wash) return a.washes.of(d.index, i).touches;
    for (int k : a.meetings.of[ix(d.index)]) {
      const Meeting& m = a.meetings.list[ix(k)];
      if (m.back == d.index && m.front == i) return m.edge.any;
    }
    return false;
  };
  const auto lift = [&](int i) { needless += !useful.contains(i), useful.erase(i); };
  for (const DrillStep& d : steps) {
    std::set<int> now(d.covered.begin(), d.covered.end());
    for (int i : lies)
      if (!now.contains(i)) lift(i);
    lies = now;
    for (int i : lies)
      if (reaches(d, i)) useful.insert(i);
  }
  for (int i : lies) lift(i);
  return needless;
}

}  // namespace

std::vector<DrillStep> mixedUp(const Plan& plan, uint64_t seed) {
  std::vector<DrillStep> out;
  for (size_t i = 0; i < plan.impressions.size(); ++i) out.push_back({false, static_cast<int>(i), {}});
  for (size_t w = 0; w < plan.washes.size(); ++w) out.push_back({true, static_cast<int>(w), {}});
  Random random(seed);
  for (size_t n = out.size(); n > 1; --n) std::swap(out[n - 1], out[random.below(n)]);
  return out;
}

Result<DrillResult> pressDrill(const Plan& plan, const Analysis& analysis,
                               const std::vector<DrillStep>& steps, const ArtSource* art, double dpi,
                               const Progress& progress, const StepWatcher& watch) {
  std::set<std::pair<bool, int>> seen;
  for (const DrillStep& d : steps) {
    const auto most = static_cast<int>(d.wash ? plan.washes.size() : plan.impressions.size());
    if (d.index < 0 || d.index >= most || !seen.emplace(d.wash, d.index).second)
      return Error{ErrorCode::BadInput, "a step is there twice or belongs to another plan", {}};
  }
  if (seen.size() != plan.impressions.size() + plan.washes.size())
    return Error{ErrorCode::BadInput, "a step is missing", {}};
  DrillResult out;
  out.sheet = sheetOf(plan, analysis, steps);
  auto pressed = simulate(analysis.press(plan, art), out.sheet, dpi, progress, watch);
  if (!pressed) return pressed.error();
  out.pressed = std::move(pressed).value();
  out.masksOn = laidIn(out.sheet);
  out.needless = needlessIn(analysis, steps);
  out.masksOnBest = laidIn(analysis.sheet);
  if (out.pressed.proven) out.stars = out.needless > 0 ? 1 : out.masksOn > out.masksOnBest ? 2 : 3;
  return out;
}

std::vector<DrillStep> answerOf(const Analysis& analysis) {
  std::vector<DrillStep> out;
  for (const Step& s : analysis.sheet.steps) {
    if (s.what == Do::Stamp) out.push_back({false, s.impression, s.piece ? std::vector<int>() : s.masksOn});
    if (s.what == Do::Wash) out.push_back({true, s.wash, s.masksOn});
  }
  return out;
}

}  // namespace havlo
