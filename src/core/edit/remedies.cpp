#include "core/edit/remedies.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/edit/card_edits.h"
#include "core/edit/edits.h"
#include "core/edit/view_edits.h"
#include "core/outline/shared_area.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr double kLeastSeen = 0.35;  // of its height; with less of it on the card it is not worth stamping

std::set<std::string> wordsOf(const std::string& name) {
  std::set<std::string> out;
  std::string word;
  for (const char c : name + " ") {
    if (std::isalpha(static_cast<unsigned char>(c))) {
      word += static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    } else {
      if (word.size() > 2) out.insert(word);
      word.clear();
    }
  }
  for (const char* size :
       {"tall", "small", "large", "middle", "big", "little", "far", "near", "left", "right", "the"})
    out.erase(size);
  return out;
}

struct Finder {
  const Plan& plan;
  int index;
  ScaleReading scale;
  std::vector<char> fitted;
  std::vector<Remedy> out;

  const Impression& thing() const { return plan.impressions[ix(index)]; }
  StampRef stamp() const { return plan.stamp(thing().stamp); }

  static std::vector<char> fits(const Plan& p) {
    std::vector<char> out(p.impressions.size(), 2);  // 2: not asked
    for (const ScaleReading& s : readScales(p)) out[ix(s.impression)] = s.verdict == ScaleVerdict::Fits;
    return out;
  }

  void add(Remedy remedy, Result<Plan> after) {
    if (!after) return;
    remedy.after = std::move(after).value();
    const std::vector<char> now = fits(remedy.after);
    for (size_t i = 0; i < now.size() && i < fitted.size(); ++i) {
      remedy.spoils += fitted[i] == 1 && now[i] == 0;
      remedy.mends += fitted[i] == 0 && now[i] != 0;
    }
    out.push_back(std::move(remedy));
  }

  void moveFoot() {
    const StandingBand band = scale.band;
    const double inside = std::min(0.5, (band.high_mm - band.low_mm) / 4);
    const double y = std::clamp(thing().at.y, band.low_mm + inside, band.high_mm - inside);
    Remedy r;
    r.by_mm = y - thing().at.y;
    const double below = -(y - stamp()->foot.y);  // of the frame, under the panel's edge
    r.hidden_share = std::clamp(below / stamp()->height_mm, 0.0, 1.0);
    if (r.hidden_share > 1 - kLeastSeen || y > plan.card.panel.height_mm) return;
    r.what = r.hidden_share > 0.01 ? Remedy::What::RunOffEdge : Remedy::What::MoveFoot;
    add(std::move(r), withFoot(plan, thing().id, {thing().at.x, y}));
  }

  void anotherSize(std::span<const StampRef> others) {
    std::vector<StampRef> known(plan.stamps.begin(), plan.stamps.end());
    known.insert(known.end(), others.begin(), others.end());
    const Stamp& mine = *stamp();
    const StampRef* best = nullptr;
    double least = 1e300;
    for (const StampRef& s : known) {
      if (s->id == mine.id || !s->realHeight || !sameThing(*s, mine)) continue;
      const StandingBand band = standingBand(*plan.view, *s->realHeight, Millimetres{s->height_mm});
      if (!band.contains(thing().at.y)) continue;
      const double off = std::fabs(thing().at.y - (band.low_mm + band.high_mm) / 2);
      if (off < least) least = off, best = &s;
    }
    if (!best) return;
    PlanWithStamp held = withStamp(plan, **best);
    held.plan.impressions[ix(index)].stamp = held.stamp;
    held.plan.impressions[ix(index)].part.clear();
    Remedy r;
    r.what = Remedy::What::AnotherSize;
    r.stamp = (*best)->name;
    add(std::move(r), std::move(held.plan));
  }

  /// Stands where its size is right, but is seen where it is: its foot must lie behind something nearer.
  void hideFoot(const DepthOrder& depth, std::span<const PlacedRef> placed) {
    const RealHeight& h = *stamp()->realHeight;
    const double foot = plan.view->horizon_mm - stamp()->height_mm * plan.view->eyeHeight_m / h.typical_m;
    if (foot >= plan.view->horizon_mm) return;
    const double right_m = groundDistance(*plan.view, Millimetres{foot}).value;
    for (size_t k = 0; k < placed.size(); ++k) {
      if (static_cast<int>(k) == index || depth.distance_m(static_cast<int>(k)) >= right_m) continue;
      const Box box = placed[k]->box;
      for (const double x : {thing().at.x, box.centre().x}) {
        if (!covers(placed[k]->silhouette, {x, thing().at.y})) continue;
        auto after = withFoot(plan, thing().id, {x, thing().at.y});
        if (after) after = withDepth(after.value(), thing().id, AtMetres{right_m});
        Remedy r;
        r.what = Remedy::What::HideFoot;
        r.other = static_cast<int>(k);
        r.by_mm = x - thing().at.x;
        add(std::move(r), std::move(after));
        return;
      }
    }
  }

  void moveHorizon() {
    const RealHeight& h = *stamp()->realHeight;
    const double perEye = stamp()->height_mm * plan.view->eyeHeight_m;
    const double low = thing().at.y + perEye / h.most_m, high = thing().at.y + perEye / h.least_m;
    const double inside = std::min(0.5, (high - low) / 4);
    View view = *plan.view;
    view.horizon_mm = std::clamp(view.horizon_mm, low + inside, high - inside);
    if (view.horizon_mm <= 0 || view.horizon_mm > plan.card.panel.height_mm) return;
    Remedy r;
    r.what = Remedy::What::MoveHorizon;
    r.by_mm = view.horizon_mm - plan.view->horizon_mm;
    add(std::move(r), withView(plan, view));
  }

  void moveEyes() {
    const double below = plan.view->horizon_mm - thing().at.y;
    if (below <= 0) return;
    Remedy r;
    r.what = Remedy::What::MoveEyes;
    r.now_m = below * stamp()->realHeight->typical_m / stamp()->height_mm;
    add(std::move(r), withEyes(plan, Metres{r.now_m}));
  }

  void tellHeight() {
    if (!scale.implied_m) return;
    const RealHeight& h = *stamp()->realHeight;
    const double times = *scale.implied_m / h.typical_m;
    Remedy r;
    r.what = Remedy::What::TellHeight;
    r.now_m = *scale.implied_m;
    add(std::move(r), withRealHeight(plan, thing().stamp,
                                     {*scale.implied_m, h.least_m * times, h.most_m * times, h.extra}));
  }
};

}  // namespace

bool sameThing(const Stamp& a, const Stamp& b) {
  if (a.role != b.role || !a.realHeight || !b.realHeight) return false;
  if (a.realHeight->least_m > b.realHeight->most_m || b.realHeight->least_m > a.realHeight->most_m)
    return false;
  const auto of = [](const Stamp& s) { return wordsOf(s.name.empty() ? s.id : s.name); };
  const std::set<std::string> mine = of(a);
  const std::set<std::string> its = of(b);
  return std::any_of(mine.begin(), mine.end(), [&](const std::string& w) { return its.contains(w); });
}

std::vector<Remedy> remediesFor(const Plan& plan, int impression, const DepthOrder& depth,
                                std::span<const PlacedRef> placed, std::span<const StampRef> others) {
  const auto scale = readScale(plan, impression);
  if (!scale || scale->verdict == ScaleVerdict::Fits) return {};
  Finder f{plan, impression, *scale, Finder::fits(plan), {}};
  f.moveFoot();
  f.anotherSize(others);
  f.hideFoot(depth, placed);
  f.moveHorizon();
  f.moveEyes();
  f.tellHeight();
  std::stable_sort(f.out.begin(), f.out.end(), [](const Remedy& a, const Remedy& b) {
    return a.mends - 2 * a.spoils > b.mends - 2 * b.spoils;
  });
  return std::move(f.out);
}

}  // namespace havlo
