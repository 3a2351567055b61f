#include "core/changes/plan_changes.h"

#include <algorithm>
#include <map>
#include <set>

namespace havlo {
namespace {

using Part = ChangedPart;
using How = ChangedHow;

/// Gathers the changes of one thing: each named one is taken over into a copy of the earlier state, so that
/// what is left over shows whether anything else differs.
template <typename T>
class Details {
 public:
  Details(std::vector<PlanChange>& out, Part part, std::string id, const T& was, const T& now)
      : m_out(out), m_part(part), m_id(std::move(id)), m_rest(was), m_now(now) {}

  PlanChange& say(How how) {
    PlanChange& one = m_out.emplace_back();
    one.part = m_part, one.how = how, one.id = m_id;
    return one;
  }
  template <typename V>
  void number(How how, V T::*field) {
    if (m_rest.*field == m_now.*field) return;
    PlanChange& one = say(how);
    one.was = static_cast<double>(m_rest.*field), one.now = static_cast<double>(m_now.*field);
    m_rest.*field = m_now.*field;
  }
  void text(How how, std::string T::*field) {
    if (m_rest.*field == m_now.*field) return;
    PlanChange& one = say(how);
    one.from = m_rest.*field, one.to = m_now.*field;
    m_rest.*field = m_now.*field;
  }
  void point(How how, Point T::*field) {
    if (m_rest.*field == m_now.*field) return;
    PlanChange& one = say(how);
    one.before = m_rest.*field, one.after = m_now.*field;
    m_rest.*field = m_now.*field;
  }
  /// Several fields that one word covers.
  template <typename... V>
  void any(How how, V T::*... field) {
    if (((m_rest.*field == m_now.*field) && ...)) return;
    say(how);
    ((m_rest.*field = m_now.*field), ...);
  }
  T& rest() { return m_rest; }
  const T& now() const { return m_now; }
  /// Whatever is left.
  void finish() {
    if (!(m_rest == m_now)) say(How::Otherwise);
  }

 private:
  std::vector<PlanChange>& m_out;
  Part m_part;
  std::string m_id;
  T m_rest;
  const T& m_now;
};

void details(Details<Impression>& d) {
  d.point(How::Moved, &Impression::at);
  d.number(How::Turned, &Impression::turn_deg);
  d.text(How::Restamped, &Impression::stamp);
  d.text(How::Inked, &Impression::ink);
  d.number(How::Pressed, &Impression::generation);
  d.any(How::Schooled, &Impression::school);
  d.any(How::Cut, &Impression::part);
  d.any(How::Layered, &Impression::depth, &Impression::inFrontOf);
  d.number(How::Raised, &Impression::raise_mm);
  if (d.rest().hero != d.now().hero)
    d.say(d.now().hero ? How::Hero : How::NoHero), d.rest().hero = d.now().hero;
}

void details(Details<Wash>& d) {
  d.text(How::Named, &Wash::name);
  d.text(How::Inked, &Wash::ink);
  d.number(How::Strength, &Wash::strength);
  d.number(How::Reach, &Wash::reach);
  d.number(How::Softness, &Wash::softness_mm);
  d.any(How::Reshaped, &Wash::area);
  d.any(How::Bounded, &Wash::limits);
  d.any(How::Layered, &Wash::depth, &Wash::lets);
}

void details(Details<WashLimit>& d) {
  d.text(How::Named, &WashLimit::name);
  d.any(How::Reshaped, &WashLimit::kind, &WashLimit::left_mm, &WashLimit::right_mm, &WashLimit::wave_mm,
        &WashLimit::length_mm, &WashLimit::seed, &WashLimit::opening, &WashLimit::larger_mm, &WashLimit::at,
        &WashLimit::rays, &WashLimit::first_deg, &WashLimit::last_deg, &WashLimit::shape);
}

void details(Details<Piece>& d) {
  d.text(How::Named, &Piece::name);
  d.point(How::Moved, &Piece::at);
  d.number(How::Turned, &Piece::turn_deg);
  d.number(How::Raised, &Piece::raise_mm);
  if (d.rest().width_mm != d.now().width_mm || d.rest().height_mm != d.now().height_mm) {
    PlanChange& one = d.say(How::Resized);
    one.before = {d.rest().width_mm, d.rest().height_mm}, one.after = {d.now().width_mm, d.now().height_mm};
    d.rest().width_mm = d.now().width_mm, d.rest().height_mm = d.now().height_mm;
  }
}

void details(Details<Ink>& d) { d.text(How::Named, &Ink::name); }
void details(Details<Colouring>& d) {
  d.text(How::Inked, &Colouring::ink);
  d.number(How::Strength, &Colouring::strength);
}
void details(Details<HandLine>& d) {
  d.text(How::Named, &HandLine::name);
  d.text(How::Inked, &HandLine::ink);
  d.any(How::Reshaped, &HandLine::along);
}
void details(Details<Accent>& d) {
  d.text(How::Inked, &Accent::ink);
  d.any(How::Reshaped, &Accent::at, &Accent::region);
}
void details(Details<Lift>& d) {
  d.number(How::Strength, &Lift::strength);
  d.any(How::Reshaped, &Lift::at);
}
void details(Details<GroundMark>& d) {
  d.text(How::Named, &GroundMark::name);
  d.any(How::Reshaped, &GroundMark::along);
}
void details(Details<OwnStep>& d) { d.text(How::Named, &OwnStep::text); }
void details(Details<View>& d) {
  d.number(How::Horizon, &View::horizon_mm);
  d.number(How::Eyes, &View::eyeHeight_m);
}
void details(Details<Making>& d) {
  d.number(How::Copies, &Making::copies);
  d.number(How::Evenings, &Making::evenings);
}
void details(Details<Card>& d) {
  PanelSize &was = d.rest().panel, now = d.now().panel;
  if (was.width_mm == now.width_mm && was.height_mm == now.height_mm) return;
  PlanChange& one = d.say(How::Resized);
  one.before = {was.width_mm, was.height_mm}, one.after = {now.width_mm, now.height_mm};
  was = now;
}
template <typename T>
void details(Details<T>&) {}

template <typename T>
void compareOne(std::vector<PlanChange>& out, Part part, const std::string& id, const T& was, const T& now) {
  if (was == now) return;
  Details<T> d(out, part, id, was, now);
  details(d);
  d.finish();
}

template <typename T>
void compareOne(std::vector<PlanChange>& out, Part part, const std::string& id, const std::optional<T>& was,
                const std::optional<T>& now) {
  if (was && now) return compareOne(out, part, id, *was, *now);
  if (!was && !now) return;
  PlanChange& one = out.emplace_back();
  one.part = part, one.how = now ? How::Added : How::Removed, one.id = id;
}

const std::string& idOf(const StampRef& s) { return s->id; }
const std::string& idOf(const Face& f) { return f.piece; }
template <typename T>
const std::string& idOf(const T& one) {
  return one.id;
}
const Stamp& valueOf(const StampRef& s) { return *s; }
template <typename T>
const T& valueOf(const T& one) {
  return one;
}

template <typename T>
void compareLists(std::vector<PlanChange>& out, Part part, const std::vector<T>& was,
                  const std::vector<T>& now) {
  std::map<std::string, const T*> before, after;
  for (const T& one : was) before.emplace(idOf(one), &one);
  for (const T& one : now) after.emplace(idOf(one), &one);
  std::vector<std::string> left, kept;
  for (const T& one : was) {
    if (after.contains(idOf(one))) {
      left.push_back(idOf(one));
    } else {
      PlanChange& c = out.emplace_back();
      c.part = part, c.how = How::Removed, c.id = idOf(one);
    }
  }
  for (const T& one : now) {
    const auto known = before.find(idOf(one));
    if (known == before.end()) {
      PlanChange& c = out.emplace_back();
      c.part = part, c.how = How::Added, c.id = idOf(one);
    } else {
      kept.push_back(idOf(one));
      compareOne(out, part, idOf(one), valueOf(*known->second), valueOf(one));
    }
  }
  if (left != kept) {
    PlanChange& c = out.emplace_back();
    c.part = part, c.how = How::Reordered;
  }
}

std::vector<std::string> idsOf(const Plan& plan, const std::vector<int>& impressions) {
  std::vector<std::string> out;
  for (const int i : impressions) out.push_back(plan.impressions[ix(i)].id);
  std::sort(out.begin(), out.end());
  return out;
}

/// A finding as it is known again in another plan: what it says, and of which things.
std::string keyOf(const Plan& plan, const Finding& f) {
  std::string key = std::to_string(static_cast<int>(f.kind));
  for (const std::string& id : idsOf(plan, f.impressions)) key += '|' + id;
  if (f.mark >= 0) key += "#" + plan.ground[ix(f.mark)].id;
  if (f.wash >= 0) key += "~" + plan.washes[ix(f.wash)].id;
  return key;
}

std::vector<int> notAmong(const Plan& plan, const Analysis& read, const Plan& otherPlan,
                          const Analysis& other) {
  std::multiset<std::string> there;
  for (const Finding& f : other.findings) there.insert(keyOf(otherPlan, f));
  std::vector<int> out;
  for (size_t k = 0; k < read.findings.size(); ++k) {
    const auto at = there.find(keyOf(plan, read.findings[k]));
    at == there.end() ? out.push_back(static_cast<int>(k)) : (void)there.erase(at);
  }
  return out;
}

}  // namespace

std::vector<PlanChange> changesBetween(const Plan& was, const Plan& now) {
  std::vector<PlanChange> out;
  const auto otherwise = [&](Part part, bool same) {
    if (!same) out.emplace_back().part = part;
  };
  if (was.title != now.title) {
    PlanChange& one = out.emplace_back();
    one.part = Part::Words, one.how = How::Named, one.from = was.title, one.to = now.title;
  }
  otherwise(Part::Words, was.notes == now.notes);
  compareOne(out, Part::Card, {}, was.card, now.card);
  compareOne(out, Part::View, {}, was.view, now.view);
  compareOne(out, Part::Light, {}, was.light, now.light);
  compareLists(out, Part::Ground, was.ground, now.ground);
  compareOne(out, Part::Room, {}, was.room, now.room);
  compareLists(out, Part::Ink, was.inks, now.inks);
  compareLists(out, Part::Stamp, was.stamps, now.stamps);
  compareLists(out, Part::Thing, was.impressions, now.impressions);
  compareLists(out, Part::Wash, was.washes, now.washes);
  compareLists(out, Part::Limit, was.limits, now.limits);
  compareLists(out, Part::Colouring, was.colourings, now.colourings);
  compareLists(out, Part::Line, was.lines, now.lines);
  compareLists(out, Part::Accent, was.accents, now.accents);
  compareLists(out, Part::Lift, was.lifts, now.lifts);
  compareLists(out, Part::OwnStep, was.own, now.own);
  compareLists(out, Part::Piece, was.pieces, now.pieces);
  compareLists(out, Part::Picture, was.faces, now.faces);
  compareOne(out, Part::Supplies, {}, was.supplies, now.supplies);
  compareOne(out, Part::Making, {}, was.making, now.making);
  otherwise(Part::Making, was.school == now.school);
  otherwise(Part::Styles, was.styles == now.styles);
  otherwise(Part::Known, was.known == now.known);
  otherwise(Part::Other, was.extra == now.extra);
  return out;
}

TableChanges tableChanges(const Plan& was, const Analysis& before, const Plan& now, const Analysis& after) {
  TableChanges out;
  out.masksWas = before.masksToCut(), out.masksNow = after.masksToCut();
  out.stepsWas = static_cast<int>(before.sheet.steps.size());
  out.stepsNow = static_cast<int>(after.sheet.steps.size());
  out.minutesWas = before.sheet.minutes, out.minutesNow = after.sheet.minutes;
  // In the order of the later plan's stamps, then what only the earlier one had.
  std::map<std::string, std::pair<int, int>> cut;
  std::vector<std::string> line;
  const auto note = [&](const std::string& stamp, int n, bool later) {
    if (!cut.contains(stamp)) line.push_back(stamp);
    (later ? cut[stamp].second : cut[stamp].first) += n;
  };
  for (size_t s = 0; s < now.stamps.size(); ++s) note(now.stamps[s]->id, after.stampMasks[s].cut, true);
  for (size_t s = 0; s < was.stamps.size(); ++s) note(was.stamps[s]->id, before.stampMasks[s].cut, false);
  for (const std::string& stamp : line)
    if (const auto& [first, second] = cut[stamp]; first != second)
      out.masks.push_back({stamp, {}, first, second});
  std::map<std::vector<std::string>, std::pair<int, int>> joint;
  for (const JointPaper& p : before.needs.joints) joint[idsOf(was, p.over)].first += p.cut;
  for (const JointPaper& p : after.needs.joints) joint[idsOf(now, p.over)].second += p.cut;
  for (const auto& [over, n] : joint)
    if (n.first != n.second) out.masks.push_back({{}, over, n.first, n.second});
  out.findingsNew = notAmong(now, after, was, before);
  out.findingsGone = notAmong(was, before, now, after);
  return out;
}

}  // namespace havlo
