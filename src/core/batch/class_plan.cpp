#include "core/batch/class_plan.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace havlo {
namespace {

constexpr double kSame_min = 0.02;

/// Who goes first where several could begin at once.
enum class First { MostLeft, LeastLeft, Number };

/// What every maker does, with what waits between.
struct Route {
  struct Leg {
    int station = 0;
    double minutes = 0;
    std::vector<int> tools;
    double dry_min = 0;  ///< from the end of `dryAfter` until this may begin
    int dryAfter = -1;   ///< index of the leg that must be dry; -1: none
  };
  std::vector<Leg> legs;
};

/// The nearest earlier leg whose drying ends just when the next begins is the one that is waited for.
Route routeOf(const Batch& card, const std::vector<int>& done, const std::vector<std::vector<int>>& toolsAt) {
  Route out;
  std::vector<double> ends;
  double now = 0;
  for (size_t k = 0; k < done.size(); ++k) {
    const Station& s = card.stations[ix(done[k])];
    Route::Leg leg{done[k], s.minutes, toolsAt[ix(done[k])], 0, -1};
    if (k > 0) {
      const double wait = card.stations[ix(done[k - 1])].wait_min;
      now += wait;
      if (wait > 0) {
        leg.dryAfter = static_cast<int>(k) - 1, leg.dry_min = wait;
        for (size_t j = k; j-- > 0;)
          if (std::fabs(ends[j] + card.stations[ix(done[j])].dry_min - now) < kSame_min) {
            leg.dryAfter = static_cast<int>(j), leg.dry_min = now - ends[j];
            break;
          }
      }
    }
    now += s.minutes;
    ends.push_back(now);
    out.legs.push_back(std::move(leg));
  }
  return out;
}

struct Schedule {
  std::vector<ClassTurn> turns;
  double minutes = 0, waiting_min = 0;
};

/// Turns in the order in which they can begin; nobody waits while what they need lies there.
Schedule scheduled(const Route& route, const std::vector<ClassTool>& tools, int makers, First first) {
  struct Maker {
    size_t leg = 0;
    std::vector<double> ends;
  };
  Schedule out;
  std::vector<Maker> all(ix(makers));
  std::vector<std::vector<double>> freeAt;
  for (const ClassTool& t : tools) freeAt.emplace_back(ix(t.copies), 0.0);
  for (size_t left = ix(makers) * route.legs.size(); left > 0; --left) {
    int best = -1;
    double begin = 0, ready = 0;
    for (int m = 0; m < makers; ++m) {
      const Maker& one = all[ix(m)];
      if (one.leg >= route.legs.size()) continue;
      const Route::Leg& leg = route.legs[one.leg];
      double canBegin = one.leg > 0 ? one.ends.back() : 0;
      if (leg.dryAfter >= 0) canBegin = std::max(canBegin, one.ends[ix(leg.dryAfter)] + leg.dry_min);
      double at = canBegin;
      for (int t : leg.tools)
        at = std::max(at, *std::min_element(freeAt[ix(t)].begin(), freeAt[ix(t)].end()));
      const auto leads = [&] {
        if (best < 0 || at < begin - 1e-9) return true;
        if (at > begin + 1e-9) return false;
        const size_t theirs = all[ix(best)].leg;
        return first == First::MostLeft    ? one.leg < theirs
               : first == First::LeastLeft ? one.leg > theirs
                                           : false;
      };
      if (leads()) best = m, begin = at, ready = canBegin;
    }
    Maker& one = all[ix(best)];
    const Route::Leg& leg = route.legs[one.leg];
    const double end = begin + leg.minutes;
    for (int t : leg.tools) *std::min_element(freeAt[ix(t)].begin(), freeAt[ix(t)].end()) = end;
    one.ends.push_back(end);
    ++one.leg;
    out.turns.push_back({best, leg.station, begin, end, begin - ready});
    out.minutes = std::max(out.minutes, end);
    out.waiting_min += (begin - ready) / makers;
  }
  return out;
}

Schedule best(const Route& route, const std::vector<ClassTool>& tools, int makers) {
  Schedule out = scheduled(route, tools, makers, First::MostLeft);
  for (First first : {First::LeastLeft, First::Number})
    if (Schedule other = scheduled(route, tools, makers, first); other.minutes < out.minutes - 1e-9)
      out = std::move(other);
  return out;
}

/// What a tool alone asks: all makers one after the other, before it what nobody can have done earlier, after
/// it what the last still has to do.
double boundBy(const Route& route, const std::vector<ClassTool>& tools, int makers) {
  const auto alone =
      scheduled(route, std::vector<ClassTool>(tools.size(), {ClassTool::What::Stamp, {}, makers, 0, 0}), 1,
                First::Number);
  double bound = alone.minutes;
  for (size_t t = 0; t < tools.size(); ++t) {
    double uses = 0, head = -1, tail = 0;
    for (size_t k = 0; k < route.legs.size(); ++k) {
      const auto& with = route.legs[k].tools;
      if (std::find(with.begin(), with.end(), static_cast<int>(t)) == with.end()) continue;
      uses += route.legs[k].minutes;
      if (head < 0) head = alone.turns[k].from_min;
      tail = alone.minutes - alone.turns[k].to_min;
    }
    if (head >= 0) bound = std::max(bound, head + uses * makers / tools[t].copies + tail);
  }
  return bound;
}

void addTool(ClassPlan& plan, size_t station, ClassTool tool) {
  const auto same = std::find_if(plan.tools.begin(), plan.tools.end(),
                                 [&](const ClassTool& t) { return t.what == tool.what && t.id == tool.id; });
  const int index = static_cast<int>(same - plan.tools.begin());
  if (same == plan.tools.end()) plan.tools.push_back(std::move(tool));
  std::vector<int>& at = plan.toolsAt[station];
  if (std::find(at.begin(), at.end(), index) == at.end()) at.push_back(index);
}

const RunSheet& sheetOf(const Batch& card, const Station& s) {
  return (s.face >= 0 ? card.faces[ix(s.face)].analysis : card.groups[ix(std::max(0, s.group))].analysis)
      ->sheet;
}

}  // namespace

ClassPlan classPlan(const Plan& plan, const AnalysisRef& analysis, const ClassWish& wish,
                    const ArtSource* art, const Progress& progress) {
  ClassPlan out;
  out.wish = wish;
  out.wish.makers = std::clamp(wish.makers, 1, kMostMakers);
  for (int* sets : {&out.wish.stampSets, &out.wish.inkSets, &out.wish.heatTools})
    *sets = std::clamp(*sets, 1, kMostSets);
  Plan one = plan;
  one.making.copies = 1;
  one.making.variations.clear();
  out.card = lineOfWork(one, analysis, art, progress);
  out.toolsAt.resize(out.card.stations.size());
  for (size_t s = 0; s < out.card.stations.size(); ++s) {
    const Station& station = out.card.stations[s];
    if (out.wish.masksReady && station.kind == Station::Kind::Masks) {
      out.beforehand.push_back(static_cast<int>(s));
      continue;
    }
    out.done.push_back(static_cast<int>(s));
    const Plan& of = station.face >= 0 ? out.card.faces[ix(station.face)].plan : one;
    if (station.kind == Station::Kind::Stamp)
      for (const std::string& id : station.impressions)
        for (const Impression& i : of.impressions)
          if (i.id == id) addTool(out, s, {ClassTool::What::Stamp, i.stamp, out.wish.stampSets, 0, 0});
    // A mask is printed with the stamp and the pad that the card is stamped with.
    if (station.kind == Station::Kind::Masks && !station.ink.empty())
      for (int k : station.steps)
        for (const Cover& cover : sheetOf(out.card, station).steps[ix(k)].covers)
          if (const std::string stamp = cover.mask.substr(0, cover.mask.rfind('#')); of.stamp(stamp))
            addTool(out, s, {ClassTool::What::Stamp, stamp, out.wish.stampSets, 0, 0});
    if (!station.ink.empty()) addTool(out, s, {ClassTool::What::Ink, station.ink, out.wish.inkSets, 0, 0});
    if (station.kind == Station::Kind::Powder)
      addTool(out, s, {ClassTool::What::HeatTool, {}, out.wish.heatTools, 0, 0});
  }
  const Route route = routeOf(out.card, out.done, out.toolsAt);
  const Schedule made = best(route, out.tools, out.wish.makers);
  out.turns = made.turns;
  out.minutes = made.minutes, out.waiting_min = made.waiting_min;
  out.bound_min = boundBy(route, out.tools, out.wish.makers);
  out.alone_min = best(route, out.tools, 1).minutes;
  for (const ClassTurn& turn : out.turns)
    for (int t : out.toolsAt[ix(turn.station)]) out.tools[ix(t)].busy_min += turn.to_min - turn.from_min;
  for (size_t t = 0; t < out.tools.size() && !progress.stopped(); ++t) {
    std::vector<ClassTool> more = out.tools;
    ++more[t].copies;
    out.tools[t].sparing_min = std::max(0.0, out.minutes - best(route, more, out.wish.makers).minutes);
  }
  return out;
}

}  // namespace havlo
