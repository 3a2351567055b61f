// The clock is the caller's: every act is told what time it is, so a making can be left and taken up again.
#include "core/making/making.h"

#include <algorithm>
#include <map>
#include <set>

#include "core/chain/chain.h"
#include "core/ink/ink_facts.h"

namespace havlo {
namespace {

constexpr std::string_view kMishaps[] = {"lineInto",  "gap",      "missedSpot", "smudge",
                                         "misplaced", "wornMask", "other"};
constexpr double kLongest_min = 180;  // a step begun before and done after a night counts no more

double spentOn(const StepRecord& r) {
  return r.done_s > r.begun_s && r.begun_s > 0 ? std::min((r.done_s - r.begun_s) / 60, kLongest_min) : 0;
}

}  // namespace

std::vector<int> stepsToShow(const RunSheet& sheet) {
  std::vector<int> out;
  for (size_t k = 0; k < sheet.steps.size(); ++k) {
    const Step& s = sheet.steps[k];
    const bool last = k + 1 == sheet.steps.size();
    if (s.what != Do::Dry || s.wait > 0.01 || last) out.push_back(static_cast<int>(k));
  }
  return out;
}

namespace {
/// What is ticked off one by one at a step.
size_t ticksOf(const Step& step) { return step.covers.empty() ? step.hand.size() : step.covers.size(); }
}  // namespace

Bench Bench::begin(std::string id, std::shared_ptr<const Plan> plan, AnalysisRef analysis, double now_s) {
  Bench b;
  b.m_record.id = std::move(id);
  b.m_record.plan = std::move(plan);
  b.m_record.begun_s = now_s;
  b.m_analysis = std::move(analysis);
  for (int i : b.m_analysis->order) b.m_record.order.push_back(b.plan().impressions[ix(i)].id);
  for (int act : b.m_analysis->acts) b.m_record.acts.push_back(actName(b.plan(), act));
  b.m_shown = stepsToShow(b.m_analysis->sheet);
  b.m_record.steps.resize(b.m_shown.size());
  b.beginStep(now_s);
  return b;
}

Result<Bench> Bench::resume(MakingRecord record, const ArtSource* art) {
  Bench b;
  const AnalysisRef quick = analyse(*record.plan, nullptr, art);
  std::vector<int> acts;
  for (const std::string& name : record.acts)
    if (const int act = actNamed(*record.plan, name); act >= 0) acts.push_back(act);
  auto ordered = reordered(*record.plan, *quick, record.order);
  if (!ordered) return ordered.error();
  const bool whole = !acts.empty() && acts.size() == record.acts.size();
  b.m_analysis = whole ? inActs(*record.plan, *quick, std::move(acts)) : std::move(ordered).value();
  b.m_shown = stepsToShow(b.m_analysis->sheet);
  record.steps.resize(b.m_shown.size());
  record.at = std::clamp(record.at, 0, static_cast<int>(b.m_shown.size()));
  b.m_record = std::move(record);
  for (int k = 0; k < b.count(); ++k) {
    auto& ticked = b.m_record.steps[ix(k)].ticked;
    if (!ticked.empty()) ticked.resize(ticksOf(b.step(k)), 0);
  }
  return b;
}

void Bench::beginStep(double now_s) {
  if (finished()) {
    if (m_record.ended_s <= 0) m_record.ended_s = now_s;
    return;
  }
  StepRecord& r = now();
  if (r.begun_s <= 0) r.begun_s = now_s;
  if (r.ticked.empty()) r.ticked.assign(ticksOf(step(at())), 0);
}

void Bench::done(double now_s) {
  if (finished()) return;
  StepRecord& r = now();
  r.done_s = now_s;
  std::fill(r.ticked.begin(), r.ticked.end(), 1);
  ++m_record.at;
  beginStep(now_s);
}

void Bench::back(double now_s) {
  if (m_record.at == 0) return;
  if (!finished()) now().begun_s = 0;
  m_record.ended_s = 0;
  --m_record.at;
  now().done_s = 0;
  now().begun_s = now_s;
}

void Bench::tick(int cover, bool on) {
  if (finished() || cover < 0 || cover >= static_cast<int>(now().ticked.size())) return;
  now().ticked[ix(cover)] = on;
}

void Bench::setNote(const std::string& note) {
  if (!finished()) now().note = note;
}

void Bench::wentWrong(Mishap what, const std::string& note) {
  if (!finished()) now().mishaps.push_back({what, note});
}

std::vector<Bench::Drying> Bench::drying(double now_s) const {
  std::map<int, double> prints, washes;
  std::vector<Drying> byHand;
  for (int k = 0; k < std::min(at(), count()); ++k) {
    const Step& s = step(k);
    const double done = made(k).done_s;
    if (s.what == Do::Stamp)
      prints[s.impression] = done + plan().ink(plan().impressions[ix(s.impression)].ink)->dryOnCard_s;
    if (s.what == Do::Emboss)
      for (int i : s.things) prints.erase(i);
    const auto dry_min = [&](int h) { return m_analysis->hand->all()[ix(h)].dry_min; };
    const auto longest =
        std::max_element(s.hand.begin(), s.hand.end(), [&](int a, int b) { return dry_min(a) < dry_min(b); });
    if (longest != s.hand.end() && done + 60 * dry_min(*longest) > now_s)
      byHand.push_back({-1, -1, done + 60 * dry_min(*longest), *longest});
    if (s.what == Do::Wash)
      washes[s.wash] =
          done + drySeconds(plan().washes[ix(s.wash)], *plan().ink(plan().washes[ix(s.wash)].ink));
  }
  std::vector<Drying> out = std::move(byHand);
  for (const auto& [i, until] : prints)
    if (until > now_s) out.push_back({i, -1, until});
  for (const auto& [w, until] : washes)
    if (until > now_s) out.push_back({-1, w, until});
  std::stable_sort(out.begin(), out.end(),
                   [](const Drying& a, const Drying& b) { return a.until_s < b.until_s; });
  return out;
}

double Bench::mustWait(double now_s) const {
  if (finished()) return 0;
  const Step& s = step(at());
  double until = 0;
  for (const Drying& d : drying(now_s)) {
    bool matters = false;
    switch (s.what) {
      case Do::Dry:
        if (d.hand >= 0) {  // everything, or what is worked over next
          matters = s.things.empty() && s.impression < 0;
          break;
        }
        matters = s.things.empty()
                      ? s.impression < 0 || d.impression == s.impression
                      : std::find(s.things.begin(), s.things.end(), d.impression) != s.things.end();
        break;
      case Do::MaskOn:
        matters = d.wash >= 0 || d.hand >= 0 ||
                  std::any_of(s.covers.begin(), s.covers.end(),
                              [&](const Cover& c) { return c.impression == d.impression; });
        break;
      case Do::Emboss:
        matters = d.hand >= 0 || d.impression < 0 ||
                  std::find(s.things.begin(), s.things.end(), d.impression) == s.things.end() ||
                  plan().ink(plan().impressions[ix(d.impression)].ink)->kind != InkKind::Embossing;
        break;
      case Do::Wash:
        matters = d.hand < 0 && d.impression >= 0 && m_analysis->washes.of(s.wash, d.impression).touches;
        break;
      case Do::Cut:  // a thing on a piece of its own, or a piece with all that is stamped on it
        matters =
            d.impression >= 0 &&
            (d.impression == s.impression ||
             (s.paper >= 0 && plan().impressions[ix(d.impression)].piece == plan().pieces[ix(s.paper)].id));
        break;
      default:
        // By hand: nobody colours what is wet.
        for (int h : s.hand)
          for (int act : m_analysis->hand->all()[ix(h)].after)
            matters = matters ||
                      (d.hand < 0 && act == (d.impression >= 0 ? d.impression : actOfWash(plan(), d.wash)));
        // And what was done by hand in the same place is dry.
        for (int h : s.hand)
          matters = matters || (d.hand >= 0 && m_analysis->hand->all()[ix(h)].box.meets(
                                                   m_analysis->hand->all()[ix(d.hand)].box));
        break;
    }
    if (matters) until = std::max(until, d.until_s);
  }
  return std::max(0.0, until - now_s);
}

double Bench::minutesToGo() const {
  double sum = 0;
  for (int k = at(); k < count(); ++k) sum += step(k).minutes + step(k).wait;
  return sum;
}

double Bench::minutesSpent() const {
  double sum = 0;
  for (const StepRecord& r : m_record.steps) sum += spentOn(r);
  return sum;
}

namespace {

/// How long prints lay before they were covered. @return by mask how often it lay
std::map<std::string, LogEntry::Worn> noteWear(const Bench& b, std::vector<LogEntry::Dried>& dried) {
  const Plan& plan = b.plan();
  std::map<int, int> stamped;       // impression -> step
  std::map<int, std::string> lies;  // impression -> mask on it
  std::map<std::string, LogEntry::Worn> masks;
  for (int k = 0; k < b.count(); ++k) {
    const Step& s = b.step(k);
    const StepRecord& r = b.made(k);
    const auto had = [&](Mishap what) {
      return std::any_of(r.mishaps.begin(), r.mishaps.end(),
                         [&](const MishapNote& m) { return m.what == what; });
    };
    if (s.what == Do::Stamp) stamped[s.impression] = k;
    if (s.what == Do::MaskOn)
      for (const Cover& c : s.covers) {
        if (c.impression < 0 || c.ahead) continue;
        if (const auto at = stamped.find(c.impression); at != stamped.end() && r.done_s > 0) {
          const Ink& ink = *plan.ink(plan.impressions[ix(c.impression)].ink);
          dried.push_back({ink.name, std::max(0.0, r.begun_s - b.made(at->second).done_s), ink.dryOnCard_s,
                           had(Mishap::Smudge), plan.card.paper.name});
          stamped.erase(at);
        }
        if (c.mask.empty()) continue;
        lies[c.impression] = c.mask;
        LogEntry::Worn& w = masks[c.mask];
        const int stamp = b.analysis().stampOf[ix(c.impression)];
        w.stamp = plan.stamps[ix(stamp)]->id;
        w.paper = maskPaperOf(plan.supplies);
        if (!w.worn) w.layings += b.analysis().sheet.copies;
      }
    if (had(Mishap::WornMask))
      for (int i : s.needed)
        if (const auto at = lies.find(i); at != lies.end()) masks[at->second].worn = true;
    if (s.what == Do::MaskOff)
      for (const Cover& c : s.covers) lies.erase(c.impression);
  }
  return masks;
}

}  // namespace

std::set<std::string> wornMasks(const Bench& b) {
  std::vector<LogEntry::Dried> dried;
  std::set<std::string> out;
  for (const auto& [mask, worn] : noteWear(b, dried))
    if (worn.worn) out.insert(mask);
  return out;
}

LogEntry logEntryOf(const Bench& b) {
  const Plan& plan = b.plan();
  const Analysis& a = b.analysis();
  LogEntry e;
  e.id = b.record().id, e.title = plan.title, e.madeFor = b.record().madeFor;
  e.begun_s = b.record().begun_s, e.ended_s = b.record().ended_s;
  e.planned_min = a.sheet.minutes, e.spent_min = b.minutesSpent();
  e.copies = a.sheet.copies;
  const auto idOf = [&](int i) { return i < 0 ? std::string() : plan.impressions[ix(i)].id; };
  for (int k = 0; k < b.count(); ++k) {
    const Step& s = b.step(k);
    const StepRecord& r = b.made(k);
    const int stamp = s.impression >= 0 ? a.stampOf[ix(s.impression)] : s.stamp;
    const std::string stampId = stamp >= 0 ? plan.stamps[ix(stamp)]->id : std::string();
    const double usual = s.wait > 0.05 ? -1 : s.minutes / plan.habits.pace[ix(workKindOf(s.what))];
    e.steps.push_back(
        {std::string(wordOf(s.what)), idOf(s.impression), stampId, s.minutes + s.wait, spentOn(r), usual});
    for (const MishapNote& m : r.mishaps)
      e.mishaps.push_back({std::string(wordOf(m.what)), idOf(s.impression), m.note});
    if (!r.note.empty()) e.notes.push_back(r.note);
  }
  for (size_t s = 0; s < a.stampMasks.size(); ++s) {
    const StampMasks& m = a.stampMasks[s];
    if (m.uses > 0) e.masks.push_back({plan.stamps[s]->id, m.cut, m.kept, m.uses * a.sheet.copies});
  }
  const auto name = [](std::vector<std::string>& list, const std::string& word) {
    if (!word.empty() && std::find(list.begin(), list.end(), word) == list.end()) list.push_back(word);
  };
  for (const Impression& i : plan.impressions) {
    const StampRef stamp = plan.stamp(i.stamp);
    name(e.shows, stamp->name.empty() ? stamp->id : stamp->name);
    name(e.inks, plan.ink(i.ink)->name);
  }
  for (const Wash& w : plan.washes) name(e.inks, plan.ink(w.ink)->name);
  for (auto& [mask, worn] : noteWear(b, e.dried)) e.worn.push_back(worn);
  return e;
}

std::string_view wordOf(Mishap m) { return kMishaps[ix(m)]; }

std::optional<Mishap> mishapOf(std::string_view word) {
  for (size_t k = 0; k < std::size(kMishaps); ++k)
    if (kMishaps[k] == word) return static_cast<Mishap>(k);
  return {};
}

}  // namespace havlo
