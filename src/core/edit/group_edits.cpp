#include "core/edit/group_edits.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <set>

#include "core/edit/card_edits.h"
#include "core/edit/edits.h"
#include "core/edit/hand_edits.h"
#include "core/edit/wash_edits.h"
#include "core/viewpoint/projection.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

Error unknown(const std::string& thing) {
  return {ErrorCode::BadInput, "there is no impression \"" + thing + "\"", {}};
}

/// The things, the other presses of their figures, everything on them, on what is on that, and so on.
std::set<int> goingAlong(const Plan& plan, const Ids& things) {
  std::vector<int> found;
  for (const std::string& id : things) found.push_back(plan.indexOf(id));
  std::set<int> out(found.begin(), found.end());
  for (size_t k = 0; k < found.size(); ++k) {
    const Impression& host = plan.impressions[ix(found[k])];
    for (size_t i = 0; i < plan.impressions.size(); ++i) {
      const Impression& other = plan.impressions[i];
      const auto* on = std::get_if<OnThing>(&other.depth);
      const bool mate = !other.figure.empty() && other.figure == host.figure;
      if ((mate || (on && on->id == host.id)) && out.insert(static_cast<int>(i)).second)
        found.push_back(static_cast<int>(i));
    }
  }
  return out;
}

std::optional<Error> missing(const Plan& plan, const Ids& things) {
  for (const std::string& id : things)
    if (plan.indexOf(id) < 0) return unknown(id);
  return {};
}

/// One edit after the other.
template <typename F>
Result<Plan> each(const Plan& plan, const Ids& things, F edit) {
  if (const auto error = missing(plan, things)) return *error;
  Result<Plan> out = plan;
  for (const std::string& id : things)
    if (out) out = edit(out.value(), id);
  return out;
}

/// Is it carried by another one of these? Then it goes where that goes.
bool rides(const Plan& plan, const Ids& things, const std::string& id) {
  Ids others = things;
  std::erase(others, id);
  const int i = plan.indexOf(id);
  for (const std::string& other : others)
    if (goingAlong(plan, {other}).contains(i) && !goingAlong(plan, {id}).contains(plan.indexOf(other)))
      return true;
  return false;
}

std::optional<Error> needThree(size_t count) {
  if (count >= 3) return {};
  return Error{ErrorCode::BadInput, "between two things there is nothing to space: choose three or more", {}};
}

Result<Plan> evenInPicture(const Plan& plan, const Ids& things) {
  struct Printed {
    std::string id;
    double left, right;
  };
  std::vector<Printed> line;
  for (const std::string& id : things) {
    const Impression& i = *plan.impression(id);
    const Stamp& stamp = *plan.stamp(i.stamp);
    const Box box = boxOf(placingOf(i, stamp).toPanel(stamp.silhouette));
    line.push_back({id, box.left, box.right});
  }
  std::stable_sort(line.begin(), line.end(),
                   [](const Printed& a, const Printed& b) { return a.left + a.right < b.left + b.right; });
  double wide = 0;
  for (size_t k = 1; k + 1 < line.size(); ++k) wide += line[k].right - line[k].left;
  const double gap = (line.back().left - line.front().right - wide) / static_cast<double>(line.size() - 1);
  Result<Plan> out = plan;
  double at = line.front().right + gap;
  for (size_t k = 1; k + 1 < line.size(); ++k) {
    if (out) out = withFeetMoved(out.value(), {line[k].id}, {at - line[k].left, 0});
    at += line[k].right - line[k].left + gap;
  }
  return out;
}

Result<Plan> evenInScene(const Plan& plan, const Ids& things) {
  if (!plan.view) return Error{ErrorCode::BadInput, "the plan has no view, so there is no ground", {}};
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  struct Stands {
    std::string id;
    Point foot;
    ScenePoint at;
    double along = 0, across = 0;
  };
  std::vector<Stands> line;
  for (const std::string& id : things) {
    const Impression& i = *plan.impression(id);
    if (!std::holds_alternative<OnGround>(i.depth) || i.at.y >= plan.view->horizon_mm)
      return Error{ErrorCode::BadInput, "only what stands on the ground can be spaced in metres", {}};
    line.push_back({id, i.at, projection.onGround(i.at)});
  }
  size_t a = 0, b = 1;
  double most = -1;
  for (size_t i = 0; i < line.size(); ++i)
    for (size_t k = i + 1; k < line.size(); ++k)
      if (const double d = std::hypot(line[i].at.x - line[k].at.x, line[i].at.away - line[k].at.away);
          d > most)
        most = d, a = i, b = k;
  if (most < 1e-9) return Error{ErrorCode::BadInput, "they all stand at one place", {}};
  const double ux = (line[b].at.x - line[a].at.x) / most, ud = (line[b].at.away - line[a].at.away) / most;
  const ScenePoint from = line[a].at;
  for (Stands& s : line) {
    const double dx = s.at.x - from.x, dd = s.at.away - from.away;
    s.along = dx * ux + dd * ud, s.across = dx * ud - dd * ux;
  }
  std::stable_sort(line.begin(), line.end(),
                   [](const Stands& l, const Stands& r) { return l.along < r.along; });
  Result<Plan> out = plan;
  for (size_t k = 1; k + 1 < line.size(); ++k) {
    const double along = most * static_cast<double>(k) / static_cast<double>(line.size() - 1);
    // Beside the line it stays as far as it was.
    const ScenePoint to{from.x + along * ux + line[k].across * ud, 0,
                        from.away + along * ud - line[k].across * ux};
    if (to.away < projection.nearest_m())
      return Error{ErrorCode::BadInput, "one of them would stand behind the viewer", {}};
    const Point foot = projection.toPanel(to);
    if (out) out = withFeetMoved(out.value(), {line[k].id}, foot - line[k].foot);
  }
  return out;
}

/// The ink under an id it has there; an equal one is not taken twice.
std::string inkIn(Plan& plan, const Ink& ink) {
  const Ink* known = plan.ink(ink.id);
  if (known && *known == ink) return ink.id;
  Ink fresh = ink;
  for (int n = 2; plan.ink(fresh.id); ++n) fresh.id = ink.id + std::to_string(n);
  plan.inks.push_back(fresh);
  return fresh.id;
}

}  // namespace

std::vector<int> movedWith(const Plan& plan, const Ids& things) {
  Ids known = things;
  std::erase_if(known, [&](const std::string& id) { return plan.indexOf(id) < 0; });
  const std::set<int> moved = goingAlong(plan, known);
  return {moved.begin(), moved.end()};
}

Result<Plan> withFeetMoved(const Plan& plan, const Ids& things, Point by) {
  if (const auto error = missing(plan, things)) return *error;
  const std::set<int> moved = goingAlong(plan, things);
  Plan out = plan;
  std::set<std::string> ids;
  for (const int i : moved) {
    Impression& one = out.impressions[ix(i)];
    one.at = {one.at.x + by.x, one.at.y + by.y};
    if (!sane(one.at)) return Error{ErrorCode::BadInput, "that is too far from the panel", {}};
    ids.insert(one.id);
  }
  // An opening fitted round these alone goes with them.
  Result<Plan> done = std::move(out);
  for (const WashLimit& l : plan.limits) {
    const bool alone =
        !l.holds.empty() &&
        std::all_of(l.holds.begin(), l.holds.end(), [&](const std::string& id) { return ids.contains(id); });
    if (!done || !alone) continue;
    WashLimit shifted = l;
    shifted.opening.left += by.x, shifted.opening.right += by.x;
    shifted.opening.bottom += by.y, shifted.opening.top += by.y;
    done = withLimit(done.value(), shifted);
  }
  return done;
}

Result<Plan> withTurnedTogether(const Plan& plan, const Ids& things, Degrees by) {
  if (const auto error = missing(plan, things)) return *error;
  if (things.empty()) return plan;
  Plan out = plan;
  const std::set<int> turned = goingAlong(plan, things);
  Point middle;
  for (const std::string& id : things) middle = middle + plan.impression(id)->at;
  middle = {middle.x / static_cast<double>(things.size()), middle.y / static_cast<double>(things.size())};
  const double a = by.value * 3.14159265358979323846 / 180, c = std::cos(a), s = std::sin(a);
  for (const int i : turned) {
    Impression& one = out.impressions[ix(i)];
    const Point d = one.at - middle;
    one.at = {middle.x + c * d.x - s * d.y, middle.y + s * d.x + c * d.y};
    one.turn_deg = std::remainder(one.turn_deg + by.value, 360.0);
    if (!sane(one.at)) return Error{ErrorCode::BadInput, "that is too far from the panel", {}};
  }
  return out;
}

Result<Plan> withDistancesTimes(const Plan& plan, const Ids& things, double factor) {
  if (!(factor > 0) || !std::isfinite(factor))
    return Error{ErrorCode::BadInput, "a distance must be more than nothing", {}};
  return each(plan, things, [&](const Plan& p, const std::string& id) -> Result<Plan> {
    const Impression& thing = *p.impression(id);
    if (const auto* at = std::get_if<AtMetres>(&thing.depth))
      return withDepth(p, id, AtMetres{std::clamp(at->metres * factor, 0.1, 1e6)});
    if (!std::holds_alternative<OnGround>(thing.depth) || rides(p, things, id)) return p;
    const double away = groundDistance(*p.view, Millimetres{thing.at.y}).value;
    if (!std::isfinite(away)) return p;
    const Point foot =
        slidAlongSight(*p.view, p.card.panel.width_mm, thing.at, Metres{std::clamp(away * factor, 0.1, 1e6)});
    return withFeetMoved(p, {id}, foot - thing.at);
  });
}

Result<Plan> onOneLine(const Plan& plan, const Ids& things, Millimetres foot) {
  return each(plan, things, [&](const Plan& p, const std::string& id) -> Result<Plan> {
    const Impression& thing = *p.impression(id);
    if (std::holds_alternative<OnThing>(thing.depth)) return p;
    return withFeetMoved(p, {id}, {0, foot.value - thing.at.y});
  });
}

Result<Plan> spacedEvenly(const Plan& plan, const Ids& things, Even in) {
  if (const auto error = missing(plan, things)) return *error;
  Ids own;  // what another one of them carries goes with that
  for (const std::string& id : things)
    if (!rides(plan, things, id)) own.push_back(id);
  if (const auto few = needThree(own.size())) return *few;
  return in == Even::Picture ? evenInPicture(plan, own) : evenInScene(plan, own);
}

Result<Plan> withAllInFront(const Plan& plan, const Ids& things, const Meetings& meetings, bool inFront) {
  if (const auto error = missing(plan, things)) return *error;
  std::set<int> chosen;
  for (const std::string& id : things) chosen.insert(plan.indexOf(id));
  Result<Plan> out = plan;
  for (const Meeting& m : meetings.list) {
    if (!out || !m.overlaps() || chosen.contains(m.front) == chosen.contains(m.back)) continue;
    const int own = chosen.contains(m.front) ? m.front : m.back, other = own == m.front ? m.back : m.front;
    const auto id = [&](int i) { return plan.impressions[ix(i)].id; };
    out =
        inFront ? saidInFront(out.value(), id(own), id(other)) : saidInFront(out.value(), id(other), id(own));
  }
  return out;
}

Result<Plan> withInkOfAll(const Plan& plan, const Ids& things, const std::string& ink) {
  return each(plan, things, [&](const Plan& p, const std::string& id) {
    return withInk(p, id, ink, p.impression(id)->generation);
  });
}

Result<Plan> withPressingOfAll(const Plan& plan, const Ids& things, int generation) {
  return each(plan, things, [&](const Plan& p, const std::string& id) {
    return withInk(p, id, p.impression(id)->ink, generation);
  });
}

Result<Plan> withSchoolOfAll(const Plan& plan, const Ids& things, School school) {
  return each(plan, things, [&](const Plan& p, const std::string& id) { return withSchool(p, id, school); });
}

Result<Plan> withoutAll(const Plan& plan, const Ids& things) {
  return each(plan, things, [](const Plan& p, const std::string& id) { return without(p, id); });
}

Plan partOf(const Plan& plan, const Ids& things) {
  const std::set<std::string> kept(things.begin(), things.end());
  Plan out;
  out.card = plan.card, out.view = plan.view;
  std::set<std::string> stamps, inks;
  for (const Impression& i : plan.impressions) {
    if (!kept.contains(i.id)) continue;
    Impression one = i;
    std::erase_if(one.inFrontOf, [&](const std::string& id) { return !kept.contains(id); });
    // What it was on stays behind: it keeps the distance.
    if (const auto* on = std::get_if<OnThing>(&one.depth); on && !kept.contains(on->id)) {
      const double away = DepthOrder(plan).distance_m(plan.indexOf(i.id));
      one.depth = AtMetres{std::isfinite(away) ? away : 1000};
    }
    one.piece.clear();
    if (one.school == School::PopUp) one.school = plan.school;
    stamps.insert(one.stamp), inks.insert(one.ink);
    out.impressions.push_back(std::move(one));
  }
  // Where what it looks like stays behind, the first that looks like that has its colours, and others share
  // them.
  std::map<std::string, std::string> heirs;
  for (Impression& i : out.impressions) {
    const bool orphan = !i.like.empty() && !kept.contains(i.like);
    const std::string whose = i.like.empty() ? i.id : i.like;
    if (!orphan && !i.like.empty()) continue;
    if (const auto [heir, first] = heirs.try_emplace(whose, i.id); orphan && !first) {
      i.like = heir->second;
      continue;
    }
    i.like.clear();
    for (Colouring c : plan.colourings) {
      if (c.impression != whose) continue;
      c.impression = i.id;
      if (!c.ink.empty()) inks.insert(c.ink);
      out.colourings.push_back(std::move(c));
    }
  }
  for (const HandLine& l : plan.lines)
    if (kept.contains(l.on)) out.lines.push_back(l), inks.insert(l.ink);
  for (const Accent& a : plan.accents)
    if (kept.contains(a.on)) out.accents.push_back(a), inks.insert(a.ink);
  for (const StampRef& s : plan.stamps)
    if (stamps.contains(s->id)) out.stamps.push_back(s);
  for (const Ink& ink : plan.inks)
    if (inks.contains(ink.id)) out.inks.push_back(ink);
  return out;
}

Result<Added> withPart(const Plan& plan, const Plan& part, Point by) {
  Added out{plan, {}};
  std::map<std::string, std::string> stamps, inks, names;
  for (const StampRef& s : part.stamps) {
    PlanWithStamp held = withStamp(out.plan, *s);
    out.plan = std::move(held.plan);
    stamps[s->id] = held.stamp;
  }
  for (const Ink& ink : part.inks) inks[ink.id] = inkIn(out.plan, ink);
  for (const Impression& i : part.impressions) {
    if (!stamps.contains(i.stamp) || !inks.contains(i.ink))
      return Error{ErrorCode::BadInput, "what was copied lacks a stamp or an ink", {}};
    Impression one = i;
    one.id = freshId(out.plan, stamps[i.stamp]);
    one.stamp = stamps[i.stamp], one.ink = inks[i.ink];
    one.at = {i.at.x + by.x, i.at.y + by.y};
    one.hero = i.hero && std::none_of(plan.impressions.begin(), plan.impressions.end(),
                                      [](const Impression& o) { return o.hero; });
    if (!sane(one.at)) return Error{ErrorCode::BadInput, "that is too far from the panel", {}};
    if (std::holds_alternative<OnGround>(one.depth) && !out.plan.view) one.depth = AtMetres{2};
    names[i.id] = one.id;
    out.things.push_back(one.id);
    out.plan.impressions.push_back(std::move(one));
  }
  std::map<std::string, std::string> rows, figures;
  const auto fresh = [&](std::map<std::string, std::string>& known, const std::string& name) {
    return name.empty() ? name : known.try_emplace(name, name + "-" + out.things.front()).first->second;
  };
  for (const std::string& id : out.things) {
    Impression& one = out.plan.impressions[ix(out.plan.indexOf(id))];
    for (std::string& other : one.inFrontOf) other = names[other];
    if (auto* on = std::get_if<OnThing>(&one.depth)) on->id = names[on->id];
    one.row = fresh(rows, one.row), one.figure = fresh(figures, one.figure);
    if (!one.like.empty()) one.like = names[one.like];
  }
  // A copy beside what it was made from shares its colours, so that they are changed together.
  for (const Colouring& c : part.colourings) {
    if (!names.contains(c.impression)) continue;
    Impression& one = out.plan.impressions[ix(out.plan.indexOf(names[c.impression]))];
    const bool same = std::find(plan.colourings.begin(), plan.colourings.end(), c) != plan.colourings.end() &&
                      plan.impression(c.impression) && plan.impression(c.impression)->stamp == one.stamp;
    if (same) {
      one.like = c.impression;
    } else {
      Colouring copy = c;
      copy.impression = one.id;
      copy.ink = c.ink.empty() ? c.ink : inks[c.ink];
      const auto taken = [&](const std::string& id) {
        return std::any_of(out.plan.colourings.begin(), out.plan.colourings.end(),
                           [&](const Colouring& o) { return o.id == id; });
      };
      for (int n = 2; taken(copy.id); ++n) copy.id = c.id + "-" + std::to_string(n);
      out.plan.colourings.push_back(std::move(copy));
    }
  }
  for (HandLine l : part.lines) {
    l.on = names[l.on], l.ink = inks[l.ink], l.piece.clear();
    for (Point& p : l.along) p = p + by;
    out.plan = withLine(out.plan, std::move(l));
  }
  for (Accent a : part.accents) {
    a.on = names[a.on], a.ink = inks[a.ink], a.piece.clear();
    for (Point& p : a.at) p = p + by;
    out.plan = withAccent(out.plan, std::move(a));
  }
  return out;
}

Result<Added> withCrowd(const Plan& plan, const CrowdWish& wish, const CrowdPlan& crowd) {
  Added out{plan, {}};
  std::vector<std::string> stamps;
  for (const StampRef& s : wish.stamps) {
    const bool used = std::any_of(crowd.places.begin(), crowd.places.end(),
                                  [&](const CrowdPlace& p) { return wish.stamps[ix(p.stamp)] == s; });
    if (!used) {
      stamps.emplace_back();
      continue;
    }
    PlanWithStamp held = withStamp(out.plan, *s);
    out.plan = std::move(held.plan);
    stamps.push_back(std::move(held.stamp));
  }
  for (const CrowdPlace& place : crowd.places) {
    const std::string id = freshId(out.plan, stamps[ix(place.stamp)]);
    auto next = withNewImpression(out.plan, stamps[ix(place.stamp)], place.at);
    if (!next) return next.error();
    out.plan = std::move(next).value();
    out.plan.impressions.back().depth = OnGround{};
    out.things.push_back(id);
  }
  return out;
}

}  // namespace havlo
