// Edits copy the plan and change the copy; stamps are shared, so that is cheap.
#include "core/edit/edits.h"

#include <algorithm>

#include "core/depth/depth_order.h"
#include "core/edit/group_edits.h"
#include "core/edit/hand_edits.h"
#include "core/edit/making_edits.h"
#include "core/edit/put_on.h"
#include "core/edit/wash_edits.h"
#include "core/handwork/act_list.h"
#include "core/outline/shape_ops.h"
#include "core/pieces/face_plan.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

template <typename F>
Result<Plan> changed(const Plan& plan, const std::string& impression, F change) {
  const int i = plan.indexOf(impression);
  if (i < 0) return Error{ErrorCode::BadInput, "there is no impression \"" + impression + "\"", {}};
  Plan out = plan;
  change(out, out.impressions[ix(i)]);
  return out;
}

}  // namespace

Result<Plan> withFoot(const Plan& plan, const std::string& impression, Point at) {
  if (!sane(at)) return Error{ErrorCode::BadInput, "that is too far from the panel", {}};
  const Impression* thing = plan.impression(impression);
  auto moved = withFeetMoved(plan, {impression}, thing ? at - thing->at : Point{});
  if (!moved) return moved;
  return changed(moved.value(), impression, [&](Plan&, Impression& i) { i.at = at; });
}

Result<Plan> withTurn(const Plan& plan, const std::string& impression, Degrees turn) {
  return changed(plan, impression,
                 [&](Plan&, Impression& i) { i.turn_deg = std::remainder(turn.value, 360.0); });
}

Result<Plan> withFigure(const Plan& plan, const std::string& impression, const std::string& other) {
  const int to = other.empty() ? -1 : plan.indexOf(other);
  if (!other.empty() && (to < 0 || other == impression))
    return Error{ErrorCode::BadInput, "there is no other impression \"" + other + "\"", {}};
  return changed(plan, impression, [&](Plan& p, Impression& i) {
    const std::string left = i.figure;
    i.figure.clear();
    // A figure of one is none.
    const auto count = std::count_if(p.impressions.begin(), p.impressions.end(),
                                     [&](const Impression& o) { return o.figure == left; });
    if (!left.empty() && count == 1)
      for (Impression& o : p.impressions)
        if (o.figure == left) o.figure.clear();
    if (to < 0) return;
    Impression& host = p.impressions[ix(to)];
    if (host.figure.empty()) host.figure = host.id;
    i.figure = host.figure;
  });
}

Result<Plan> withDepth(const Plan& plan, const std::string& impression, Depth depth) {
  if (std::holds_alternative<OnGround>(depth) && !plan.view)
    return Error{ErrorCode::BadInput, "the plan has no view, so nothing can stand on its ground", {}};
  if (const auto* on = std::get_if<OnThing>(&depth)) {
    const Impression* host = plan.impression(on->id);
    if (!host) return Error{ErrorCode::BadInput, "there is no impression \"" + on->id + "\"", {}};
    for (const Impression* at = host; at;) {
      if (at->id == impression) return Error{ErrorCode::BadInput, "a thing cannot stand on itself", {}};
      const auto* next = std::get_if<OnThing>(&at->depth);
      at = next ? plan.impression(next->id) : nullptr;
    }
  }
  return changed(plan, impression, [&](Plan&, Impression& i) { i.depth = depth; });
}

Result<Plan> withSchool(const Plan& plan, const std::string& impression, School school) {
  return changed(plan, impression, [&](Plan&, Impression& i) {
    i.school = school;
    if (school != School::PopUp) i.piece.clear();  // it comes back to the panel
  });
}

Result<Plan> withInk(const Plan& plan, const std::string& impression, const std::string& ink,
                     int generation) {
  if (!plan.ink(ink)) return Error{ErrorCode::BadInput, "there is no ink \"" + ink + "\"", {}};
  if (generation < 1 || generation > 99) return Error{ErrorCode::BadInput, "pressings go from 1 to 99", {}};
  return changed(plan, impression, [&](Plan&, Impression& i) { i.ink = ink, i.generation = generation; });
}

Result<Plan> saidInFront(const Plan& plan, const std::string& front, const std::string& back) {
  if (front == back || !plan.impression(back))
    return Error{ErrorCode::BadInput, "there is no other \"" + back + "\"", {}};
  return changed(plan, front, [&](Plan& p, Impression& i) {
    if (std::find(i.inFrontOf.begin(), i.inFrontOf.end(), back) == i.inFrontOf.end())
      i.inFrontOf.push_back(back);
    std::erase(p.impressions[ix(p.indexOf(back))].inFrontOf, front);
  });
}

Result<Plan> unsaidInFront(const Plan& plan, const std::string& front, const std::string& back) {
  return changed(plan, front, [&](Plan&, Impression& i) { std::erase(i.inFrontOf, back); });
}

Result<Plan> withHero(const Plan& plan, const std::string& impression) {
  return changed(plan, impression, [&](Plan& p, Impression& chosen) {
    for (Impression& i : p.impressions) i.hero = false;
    chosen.hero = true;
  });
}

Result<Plan> without(const Plan& plan, const std::string& impression) {
  const int gone = plan.indexOf(impression);
  if (gone < 0) return Error{ErrorCode::BadInput, "there is no impression \"" + impression + "\"", {}};
  const Impression removed = plan.impressions[ix(gone)];
  auto uncoloured = withoutColouring(plan, impression);  // what shared its colouring keeps it
  if (!uncoloured) return uncoloured;
  Plan out = std::move(uncoloured).value();
  std::erase_if(out.lines, [&](const HandLine& l) { return l.on == impression; });
  std::erase_if(out.accents, [&](const Accent& a) { return a.on == impression; });
  for (OwnStep& o : out.own) std::erase(o.before, impression), std::erase(o.after, impression);
  out.impressions.erase(out.impressions.begin() + gone);
  for (Impression& i : out.impressions) {
    std::erase(i.inFrontOf, impression);
    if (const auto* on = std::get_if<OnThing>(&i.depth); on && on->id == impression) i.depth = removed.depth;
  }
  for (Wash& w : out.washes) std::erase(w.lets, impression);
  for (WashLimit& l : out.limits) std::erase(l.holds, impression);
  std::erase_if(out.known, [&](const KnownFinding& k) {
    return std::find(k.impressions.begin(), k.impressions.end(), impression) != k.impressions.end();
  });
  std::erase(out.making.order, impression);
  std::erase(out.making.first, impression);
  std::erase_if(out.making.sequence, [&, act = "stamp:" + impression](const ActWish& w) {
    const auto lost = [&](const std::string& name) {
      return name == act || (actNamed(plan, name) >= 0 && actNamed(out, name) < 0);
    };
    return lost(w.act) || lost(w.before);
  });
  // What stood on a grounded thing keeps that thing's distance, not its own foot's.
  if (std::holds_alternative<OnGround>(removed.depth)) {
    const double distance = DepthOrder(plan).distance_m(gone);
    for (Impression& i : out.impressions) {
      const Impression* was = plan.impression(i.id);
      const auto* on = std::get_if<OnThing>(&was->depth);
      if (on && on->id == impression && std::isfinite(distance)) i.depth = AtMetres{distance};
    }
  }
  return out;
}

std::string freshId(const Plan& plan, const std::string& stamp) {
  const auto taken = [&](const std::string& id) { return plan.impression(id) || isElsewhere(plan, id); };
  if (!taken(stamp)) return stamp;
  for (int n = 2;; ++n)
    if (const std::string id = stamp + std::to_string(n); !taken(id)) return id;
}

Result<Plan> withNewImpression(const Plan& plan, const std::string& stampId, Point at) {
  const StampRef stamp = plan.stamp(stampId);
  if (!stamp) return Error{ErrorCode::BadInput, "there is no stamp \"" + stampId + "\"", {}};
  if (plan.inks.empty()) return Error{ErrorCode::BadInput, "the plan has no ink to stamp with", {}};
  if (!sane(at)) return Error{ErrorCode::BadInput, "that is too far from the panel", {}};
  Impression i;
  i.id = freshId(plan, stampId);
  i.stamp = stampId;
  i.ink = plan.inks.front().id;
  i.at = at;
  const bool stands = plan.view && stamp->role != Role::Sky && stamp->role != Role::Greeting;
  if (!stands) i.depth = AtMetres{factsOf(stamp->role).words ? 1.0 : 100.0};
  if (const auto land = distanceOfLand(plan, *stamp, at)) i.depth = *land;
  if (const auto sky = distanceInSky(*stamp)) i.depth = *sky;
  if (factsOf(stamp->role).words) i.school = School::Overprint;  // no white box about letters on a sky
  // Another one of a stamp that is coloured already is coloured like it.
  for (const Impression& other : plan.impressions) {
    const auto own = [&](const Colouring& c) { return c.impression == other.id; };
    if (other.stamp == stampId && i.like.empty() &&
        std::any_of(plan.colourings.begin(), plan.colourings.end(), own))
      i.like = other.id;
  }
  Plan out = plan;
  out.impressions.push_back(std::move(i));
  return out;
}

Result<Plan> applied(const Plan& plan, const Fix& fix) {
  const auto id = [&](int i) { return plan.impressions[ix(i)].id; };
  switch (fix.what) {
    case Fix::What::MoveFoot:
      return withFoot(plan, id(fix.impression), fix.to);
    case Fix::What::PutInFront:
      return saidInFront(plan, id(fix.impression), id(fix.other));
    case Fix::What::DropInFront:
      return unsaidInFront(plan, id(fix.impression), id(fix.other));
    case Fix::What::ShadeAway:
    case Fix::What::PalerColour: {
      Plan out = plan;
      const Impression& thing = out.impressions[ix(fix.impression)];
      const std::string whose = thing.like.empty() ? thing.id : thing.like;
      for (Colouring& c : out.colourings) {
        if (c.impression != whose) continue;
        if (fix.what == Fix::What::PalerColour) c.strength *= fix.amount;
        if (fix.what == Fix::What::ShadeAway && c.shade == Shade::TowardLight) c.shade = Shade::AwayFromLight;
      }
      return out;
    }
    case Fix::What::LetterHeight: {
      Plan out = plan;
      out.lines[ix(fix.other)].height_mm = fix.amount;
      return out;
    }
    case Fix::What::DropHandwork: {
      std::string act = actName(plan, firstHandAct(plan) + fix.other);
      return withoutHandwork(plan, act.substr(0, act.find('@')));
    }
    case Fix::What::MoveFeet: {
      Result<Plan> out = plan;
      for (const Fix::Foot& foot : fix.feet)
        if (out) out = withFoot(out.value(), id(foot.impression), foot.to);
      return out;
    }
    case Fix::What::Press:
      return withInk(plan, id(fix.impression), fix.ink, fix.generation);
    case Fix::What::LightAsScene:
      return changed(plan, id(fix.impression), [](Plan&, Impression& i) { i.lit = LitFrom::Unsaid; });
    case Fix::What::EndMark:
    case Fix::What::DropMark: {
      Plan out = plan;
      if (fix.other < 0 || fix.other >= static_cast<int>(out.ground.size()))
        return Error{ErrorCode::BadInput, "there is no such thing on the ground", {}};
      const auto mark = out.ground.begin() + fix.other;
      if (fix.what == Fix::What::DropMark) {
        out.ground.erase(mark);
      } else if (!mark->along.empty()) {
        mark->along.back() = fix.to;
      }
      return out;
    }
    case Fix::What::Turn:
      return withTurn(plan, id(fix.impression), Degrees{fix.amount});
    case Fix::What::MakeHero:
      return withHero(plan, id(fix.impression));
    case Fix::What::School:
      return changed(plan, id(fix.impression), [&](Plan&, Impression& i) {
        i.school = fix.school;
        if (!fix.ink.empty()) i.ink = fix.ink, i.generation = fix.generation;
      });
    case Fix::What::First:
      return wantedFirst(plan, id(fix.impression), true);
    case Fix::What::TakeOut:
      return without(plan, id(fix.impression));
    case Fix::What::WashReach:
    case Fix::What::WashStrength:
    case Fix::What::DropWash: {
      if (fix.other < 0 || fix.other >= static_cast<int>(plan.washes.size()))
        return Error{ErrorCode::BadInput, "there is no such wash", {}};
      const std::string& wash = plan.washes[ix(fix.other)].id;
      if (fix.what == Fix::What::DropWash) return withoutWash(plan, wash);
      return fix.what == Fix::What::WashReach ? withWashReach(plan, wash, fix.amount)
                                              : withWashStrength(plan, wash, fix.amount);
    }
    case Fix::What::SoftenWash:
    case Fix::What::LayEdge: {
      if (fix.other < 0 || fix.other >= static_cast<int>(plan.washes.size()))
        return Error{ErrorCode::BadInput, "there is no such wash", {}};
      const Wash& w = plan.washes[ix(fix.other)];
      if (fix.what == Fix::What::SoftenWash) return withWashSoftness(plan, w.id, fix.amount);
      std::string edge;
      Plan out = withNewLimit(plan, LimitKind::Straight, &edge);
      WashLimit line = *out.limit(edge);
      line.left_mm = line.right_mm = fix.amount;
      const auto set = withLimit(out, line);
      if (!set) return set.error();
      const bool above = boxOf(w.area).centre().y > fix.amount;
      return alsoBoundBy(set.value(), w.id, edge, above ? LimitSide::Above : LimitSide::Below);
    }
    case Fix::What::AddWashes: {
      Plan out = plan;
      for (Wash w : fix.washes) {
        w.id = freshWashId(out, w.id);
        out.washes.push_back(std::move(w));
      }
      return out;
    }
    case Fix::What::PressAll: {
      Result<Plan> out = plan;
      for (const Fix::Foot& f : fix.feet)
        if (out) out = withInk(out.value(), id(f.impression), fix.ink, 1);
      return out;
    }
    case Fix::What::KeepClean:
      if (fix.other < 0 || fix.other >= static_cast<int>(plan.washes.size()))
        return Error{ErrorCode::BadInput, "there is no such wash", {}};
      return washedOver(plan, plan.washes[ix(fix.other)].id, id(fix.impression), false);
    case Fix::What::DropWish: {
      const auto wish = static_cast<size_t>(fix.amount);
      if (fix.amount < 0 || wish >= plan.making.sequence.size())
        return Error{ErrorCode::BadInput, "there is no such wish", {}};
      Plan out = plan;
      out.making.sequence.erase(out.making.sequence.begin() + static_cast<long>(wish));
      return out;
    }
    case Fix::What::SayHome: {
      Plan out = plan;
      for (StampRef& s : out.stamps) {
        if (s->id != plan.impressions[ix(fix.impression)].stamp) continue;
        auto stamp = std::make_shared<Stamp>(*s);
        stamp->home = fix.home;
        s = std::move(stamp);
      }
      return out;
    }
    case Fix::What::SayStyle: {
      Plan out = plan;
      answerOf(out.styles, fix.style) = fix.amount < 0 ? std::nullopt : std::optional(fix.amount > 0);
      return out;
    }
    case Fix::What::Quieter: {
      Plan out = plan;
      for (const Fix::Foot& f : fix.feet) {
        Impression& i = out.impressions[ix(f.impression)];
        i.generation = std::min(99, i.generation + 1);
      }
      return out;
    }
  }
  return plan;
}

namespace {

/// The stamp's frame with room round it, so that a part's line ends beyond the stamp.
Box partFrame(const Stamp& stamp) { return Box{0, 0, stamp.width_mm, stamp.height_mm}.grown(2); }

}  // namespace

Result<Plan> withPart(const Plan& plan, const std::string& impression, const PartLine& line) {
  const int i = plan.indexOf(impression);
  if (i < 0) return Error{ErrorCode::BadInput, "there is no impression \"" + impression + "\"", {}};
  const Stamp& stamp = *plan.stamp(plan.impressions[ix(i)].stamp);
  const Point way = line.b - line.a;
  if (!sane(line.a) || !sane(line.b) || length(way) < 0.1)
    return Error{ErrorCode::BadInput, "a line across the stamp wants two ends", {}};
  // The frame cut off at the line (Sutherland and Hodgman 1974, from memory).
  const Ring frame = rectangle(partFrame(stamp))[0];
  Ring part;
  for (size_t k = 0; k < frame.size(); ++k) {
    const Point p = frame[k], q = frame[(k + 1) % frame.size()];
    const double a = cross(way, p - line.a), b = cross(way, q - line.a);
    if (a >= 0) part.push_back(p);
    if ((a < 0) != (b < 0)) part.push_back(p + (q - p) * (a / (a - b)));
  }
  const double kept = part.size() < 3 ? 0 : areaOf(intersection(stamp.silhouette, {part}));
  const double whole = areaOf(stamp.silhouette);
  if (kept < 1) return Error{ErrorCode::BadInput, "nothing of the stamp would be stamped", {}};
  if (whole - kept < 0.01) return Error{ErrorCode::BadInput, "that is the whole stamp", {}};
  Plan out = plan;
  out.impressions[ix(i)].part = {part};
  return out;
}

Result<Plan> withoutPart(const Plan& plan, const std::string& impression) {
  const int i = plan.indexOf(impression);
  if (i < 0) return Error{ErrorCode::BadInput, "there is no impression \"" + impression + "\"", {}};
  Plan out = plan;
  out.impressions[ix(i)].part.clear();
  return out;
}

std::optional<PartLine> partLineOf(const Impression& impression, const Stamp& stamp) {
  constexpr double kOn_mm = 0.02;
  if (impression.part.size() != 1 || impression.part[0].size() < 3 || impression.part[0].size() > 5)
    return {};
  const Box f = partFrame(stamp);
  const auto on = [&](Point p) {
    return std::fabs(p.x - f.left) < kOn_mm || std::fabs(p.x - f.right) < kOn_mm ||
           std::fabs(p.y - f.bottom) < kOn_mm || std::fabs(p.y - f.top) < kOn_mm;
  };
  const auto along = [&](Point p, Point q) {
    return (std::fabs(p.x - q.x) < kOn_mm &&
            (std::fabs(p.x - f.left) < kOn_mm || std::fabs(p.x - f.right) < kOn_mm)) ||
           (std::fabs(p.y - q.y) < kOn_mm &&
            (std::fabs(p.y - f.bottom) < kOn_mm || std::fabs(p.y - f.top) < kOn_mm));
  };
  const Ring& ring = impression.part[0];
  std::optional<PartLine> out;
  for (size_t k = 0; k < ring.size(); ++k) {
    const Point p = ring[k], q = ring[(k + 1) % ring.size()];
    if (!on(p) || !on(q)) return {};
    if (along(p, q)) continue;
    if (out) return {};
    out = PartLine{p, q};
  }
  return out;
}

}  // namespace havlo
