#include "core/learn/learn.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/colour/colour.h"
#include "core/ink/ink_facts.h"
#include "core/runsheet/run_sheet.h"

namespace havlo {
namespace {

constexpr std::array<std::string_view, kTraits> kWords = {
    "printPlacing", "printTurn",    "maskPlacing", "maskTurn",  "maskCutting", "maskLife", "stamping",
    "blending",     "cuttingMasks", "covering",    "embossing", "byHand",      "paper"};

// Worth of common practice in observations, and how much one observation says. Common practice, no source.
constexpr double kPrintsWorth = 8, kPapersWorth = 4, kPaceWorth = 2, kPaceSpread = 0.35;
constexpr double kPositionerSpares = 3;  // a third of the error with one. Common practice, no source
constexpr double kStrengthWorth = 3, kStrengthSpread = 0.1, kColourWorth = 3;

/// Words of the log to kinds of work.
std::optional<WorkKind> kindOfWord(std::string_view word) {
  for (int k = 0; k <= static_cast<int>(Do::Enclose); ++k)
    if (wordOf(static_cast<Do>(k)) == word) return workKindOf(static_cast<Do>(k));
  return {};
}

bool tellsOfHands(const LogEntry::Print& p) {
  return p.state == "asPlanned" || p.state == "off" || p.state == "pale";
}

double usualOf(Trait t) {
  const Habits usual;
  switch (t) {
    case Trait::PrintPlacing:
      return usual.printPlacing_mm;
    case Trait::PrintTurn:
      return usual.printTurn_deg;
    case Trait::MaskPlacing:
      return usual.maskPlacing_mm;
    case Trait::MaskTurn:
      return usual.maskTurn_deg;
    case Trait::MaskCutting:
      return usual.maskCutting_mm;
    case Trait::MaskLife:
      return usual.maskLife;
    default:
      return 1;
  }
}

/// Errors of prints and papers, and the cards they come from.
struct Errors {
  std::vector<SeenError> all;
  std::set<std::string> cards;
  void add(const std::string& card, double value, double sd) {
    all.push_back({value, sd}), cards.insert(card);
  }
};

void learnHands(std::span<const LogEntry* const> log, MakerLearnt& out) {
  Errors place, turn, maskPlace, maskTurn, cut;
  std::array<Errors, 2> placeBy, turnBy;  // of small and of large stamps
  for (const LogEntry* e : log) {
    // With a positioner errors are smaller: as if there had been none.
    const double spared = e->positioner ? kPositionerSpares : 1;
    for (const LogEntry::Print& p : e->prints) {
      if (!tellsOfHands(p)) continue;
      const size_t size = p.size_mm >= kLargeStamp_mm;
      for (const double v : {p.by.x, p.by.y})
        for (Errors* errors : {&place, &placeBy[size]}) errors->add(e->id, v * spared, p.bySd_mm * spared);
      for (Errors* errors : {&turn, &turnBy[size]})
        errors->add(e->id, p.turn_deg * spared, p.turnSd_deg * spared);
    }
    for (const LogEntry::Paper& p : e->papers) {
      // By a mark at the foot errors are smaller: as if it had not been there. See core/risk.
      const double placing = p.footMark ? 2 : 1, turning = p.footMark ? 3 : 1;
      maskPlace.add(e->id, p.by.x * placing, p.bySd.x * placing),
          maskPlace.add(e->id, p.by.y * placing, p.bySd.y * placing);
      maskTurn.add(e->id, p.turn_deg * turning, p.turnSd_deg * turning);
      cut.add(e->id, p.grow_mm, p.growSd_mm);
    }
  }
  const auto put = [&](Trait t, const Errors& errors, double worth) {
    Learnt& l = out.traits[ix(t)];
    l.fit = fitSpread(l.usual, worth, errors.all);
    l.cards = static_cast<int>(errors.cards.size());
  };
  put(Trait::PrintPlacing, place, kPrintsWorth), put(Trait::PrintTurn, turn, kPrintsWorth);
  put(Trait::MaskPlacing, maskPlace, kPapersWorth), put(Trait::MaskTurn, maskTurn, kPapersWorth);
  put(Trait::MaskCutting, cut, kPapersWorth);
  for (const size_t size : {0, 1}) {
    // Beforehand they are as all are.
    BySize& by = size ? out.large : out.small;
    by.placing = fitSpread(out[Trait::PrintPlacing].fit.value, kPrintsWorth, placeBy[size].all);
    by.turn = fitSpread(out[Trait::PrintTurn].fit.value, kPrintsWorth, turnBy[size].all);
    by.prints = static_cast<int>(turnBy[size].all.size());
  }
}

void learnMasks(std::span<const LogEntry* const> log, MakerLearnt& out) {
  std::vector<Against> seen;
  std::map<std::string, std::vector<Against>> on;
  int cards = 0;
  Learnt& life = out.traits[ix(Trait::MaskLife)];
  for (const LogEntry* e : log) {
    cards += !e->worn.empty();
    for (const LogEntry::Worn& w : e->worn)
      if (w.layings > 0) {
        seen.push_back({w.layings / life.usual, !w.worn});
        if (!w.paper.empty()) on[w.paper].push_back(seen.back());
      }
  }
  life.fit = fitThreshold(seen);
  life.fit.value *= life.usual, life.fit.sd *= life.usual;
  life.cards = cards;
  if (on.size() > 1)
    for (auto& [paper, told] : on) {
      // Beforehand it is as on all papers.
      for (Against& t : told) t.ratio *= life.usual / life.fit.value;
      Fit fit = fitThreshold(told);
      fit.value *= life.fit.value, fit.sd *= life.fit.value;
      out.maskLifeOn[paper] = fit;
    }
}

void learnPaces(std::span<const LogEntry* const> log, MakerLearnt& out) {
  std::array<std::vector<double>, kWorkKinds> ratios;
  for (const LogEntry* e : log) {
    std::array<double, kWorkKinds> usual{}, spent{};
    for (const LogEntry::Spent& s : e->steps) {
      const auto kind = kindOfWord(s.what);
      const double should = s.usual_min != 0 ? s.usual_min : s.planned_min;
      // Waits are no work; a step that was only leafed through, or left lying overnight, says nothing.
      constexpr double kLeafed = 0.1;  // of the usual time; nobody is ten times as quick
      if (!kind || s.what == wordOf(Do::Dry) || should <= 0 || s.spent_min <= 0.02 ||
          s.spent_min < kLeafed * should || s.spent_min > 8 * should + 20)
        continue;
      usual[ix(*kind)] += should * e->copies, spent[ix(*kind)] += s.spent_min;
    }
    for (size_t k = 0; k < kWorkKinds; ++k)
      if (usual[k] > 0 && spent[k] > 0) ratios[k].push_back(spent[k] / usual[k]);
  }
  for (size_t t = 0; t < kTraits; ++t)
    if (const auto kind = paceOf(static_cast<Trait>(t))) {
      out.traits[t].fit = fitFactor(kPaceSpread, kPaceWorth, ratios[ix(*kind)]);
      out.traits[t].cards = static_cast<int>(ratios[ix(*kind)].size());
    }
}

void learnInks(std::span<const LogEntry* const> log, MakerLearnt& out) {
  struct Seen {
    std::vector<LogEntry::Dried> waits;
    double said_s = 0;
    std::map<int, std::vector<double>> strengths;
    std::map<int, double> said;
    std::vector<Lab> colours;
  };
  std::map<std::string, Seen> inks;
  for (const LogEntry* e : log) {
    for (const LogEntry::Dried& d : e->dried)
      if (d.said_s > 0) inks[d.ink].waits.push_back(d), inks[d.ink].said_s = d.said_s;
    for (const LogEntry::Print& p : e->prints) {
      if (!tellsOfHands(p) || p.ink.empty()) continue;
      Seen& s = inks[p.ink];
      s.strengths[p.pressing].push_back(p.strength * p.said), s.said[p.pressing] = p.said;
      if (p.pressing == 1 && p.state != "pale") s.colours.push_back(labOf(p.colour));
    }
  }
  for (auto& [name, s] : inks) {
    LearntInk ink;
    ink.ink = name;
    // Against what the table says now: it may have been mended since.
    std::vector<Against> touched;
    std::map<std::string, std::vector<Against>> on;
    // Whether it had smudged says that it was too early.
    for (const LogEntry::Dried& d : s.waits)
      touched.push_back({d.waited_s / s.said_s, d.smudged}), on[d.paper].push_back(touched.back());
    ink.drying = fitThreshold(touched), ink.dryings = static_cast<int>(touched.size()), ink.said_s = s.said_s;
    if (on.size() > 1)
      for (auto& [paper, seen] : on) {
        if (paper.empty()) continue;
        // Beforehand it is as on all papers.
        for (Against& t : seen) t.ratio /= ink.drying.value;
        Fit fit = fitThreshold(seen);
        fit.value *= ink.drying.value, fit.sd *= ink.drying.value;
        ink.dryingOn[paper] = fit;
      }
    for (auto& [pressing, values] : s.strengths)
      if (pressing > 1)
        ink.strengths[pressing] = fitMean(s.said[pressing], kStrengthWorth, kStrengthSpread, values);
    ink.colours = static_cast<int>(s.colours.size());
    // The middle one of each axis: an ink on an odd ground misleads nobody.
    const auto middle = [&colours = s.colours](auto axis) {
      std::vector<double> v;
      for (const Lab& c : colours) v.push_back(axis(c));
      if (v.empty()) return 0.0;
      std::nth_element(v.begin(), v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2), v.end());
      return v[v.size() / 2];
    };
    ink.L = middle([](const Lab& c) { return c.L; }), ink.a = middle([](const Lab& c) { return c.a; });
    ink.b = middle([](const Lab& c) { return c.b; });
    out.inks.push_back(std::move(ink));
  }
}

}  // namespace

std::string_view wordOf(Trait trait) { return kWords[ix(trait)]; }

std::optional<Trait> traitOf(std::string_view word) {
  for (size_t k = 0; k < kTraits; ++k)
    if (kWords[k] == word) return static_cast<Trait>(k);
  return {};
}

std::optional<WorkKind> paceOf(Trait t) {
  if (t < Trait::Stamping) return {};
  return static_cast<WorkKind>(static_cast<int>(t) - static_cast<int>(Trait::Stamping));
}

namespace {

/// Errors as they will be: with a positioner, if that is how the next cards are stamped.
double placed(const MakerLearnt& learnt, Trait t) {
  const Learnt& l = learnt[t];
  return l.own || !learnt.positioner ? l.value() : l.value() / kPositionerSpares;
}

}  // namespace

MakerLearnt learnFrom(std::span<const LogEntry> all, const LearnSettings& settings) {
  MakerLearnt out;
  std::vector<const LogEntry*> log;
  for (const LogEntry& e : all)
    if (e.ended_s >= settings.from_s) log.push_back(&e);
  std::stable_sort(log.begin(), log.end(),
                   [](const LogEntry* a, const LogEntry* b) { return a->ended_s < b->ended_s; });
  if (log.size() > kLearnFrom) log.erase(log.begin(), log.end() - kLearnFrom);
  out.cards = static_cast<int>(log.size()), out.positioner = settings.positioner;
  for (size_t t = 0; t < kTraits; ++t) out.traits[t].usual = usualOf(static_cast<Trait>(t));
  learnHands(log, out), learnMasks(log, out), learnPaces(log, out), learnInks(log, out);
  for (const auto& [trait, value] : settings.own)
    out.traits[ix(trait)].own = true, out.traits[ix(trait)].ownValue = value;
  for (const LogEntry* e : log)
    if (e->planned_min > 0 && e->spent_min > 0)
      out.minutes.push_back({e->title, e->planned_min, e->spent_min});
  return out;
}

void takeIn(const Plan& plan, const Comparison& seen, LogEntry& e) {
  e.prints.clear(), e.papers.clear(), e.joins.clear();
  for (const SeenPrint& p : seen.prints) {
    if (p.state == PrintState::Untold) continue;
    const Impression& i = plan.impressions[ix(p.impression)];
    const StampRef stamp = plan.stamp(i.stamp);
    const Ink& ink = *plan.ink(i.ink);
    LogEntry::Print out;
    out.impression = i.id, out.stamp = i.stamp, out.ink = ink.name.empty() ? ink.id : ink.name;
    out.state = wordOf(p.state);
    out.size_mm = std::max(stamp->width_mm, stamp->height_mm);
    out.by = p.by, out.turn_deg = p.turn_deg;
    out.bySd_mm = std::hypot(p.bySd_mm, seen.unsure_mm), out.turnSd_deg = p.turnSd_deg;
    out.pressing = i.generation, out.strength = p.strength, out.said = strengthOf(ink, i.generation);
    out.colour = p.colour, out.difference = p.difference;
    e.prints.push_back(std::move(out));
  }
  for (const SeenPaper& p : seen.papers)
    e.papers.push_back({plan.impressions[ix(p.front)].id, p.by, p.turn_deg, p.grow_mm, p.bySd, p.turnSd_deg,
                        p.growSd_mm, plan.supplies.footMark != FootMark::None});
  for (const SeenJoin& j : seen.joins)
    if (j.gap_mm > 0 || j.runIn_mm > 0)
      e.joins.push_back(
          {plan.impressions[ix(j.front)].id, plan.impressions[ix(j.back)].id, j.gap_mm, j.runIn_mm});
}

bool driesOtherwise(const LearntInk& ink) {
  constexpr int kLeast = 3;
  constexpr double kWorth = 0.15;
  const double off = std::fabs(ink.drying.value - 1);
  return ink.dryings >= kLeast && off > kWorth && off > ink.drying.sd;
}

bool sizeMatters(const MakerLearnt& l) {
  constexpr int kLeast = 6;
  const double apart = std::fabs(l.large.placing.value - l.small.placing.value);
  return l.small.prints >= kLeast && l.large.prints >= kLeast &&
         apart > 2 * std::hypot(l.large.placing.sd, l.small.placing.sd);
}

Ink withLearnt(const Ink& ink, const LearntInk& learnt, const std::string& paper) {
  constexpr double kLeastPrints = 3, kWorth = 0.04;
  Ink out = ink;
  LearntInk there = learnt;
  if (const auto on = learnt.dryingOn.find(paper); on != learnt.dryingOn.end())
    there.drying = on->second, there.dryings = static_cast<int>(on->second.weight);
  if (driesOtherwise(there)) out.dryOnCard_s = std::round(there.said_s * there.drying.value);
  for (const auto& [pressing, fit] : learnt.strengths) {
    const size_t at = ix(pressing - 1);
    if (fit.weight < kLeastPrints || at >= out.generations.size() ||
        std::fabs(out.generations[at] - fit.value) < kWorth)
      continue;
    // No pressing is stronger than the one before it.
    out.generations[at] = std::clamp(std::round(100 * fit.value) / 100, 0.02, out.generations[at - 1]);
  }
  return out;
}

Habits habitsOf(const MakerLearnt& learnt, const std::string& maskPaper) {
  Habits h;
  const auto within = [&](Trait t, double least, double most) {
    return std::clamp(learnt[t].value(), least, most);
  };
  h.printPlacing_mm = std::clamp(placed(learnt, Trait::PrintPlacing), 0.02, 5.0),
  h.printTurn_deg = std::clamp(placed(learnt, Trait::PrintTurn), 0.02, 10.0);
  h.maskPlacing_mm = within(Trait::MaskPlacing, 0.02, 3), h.maskTurn_deg = within(Trait::MaskTurn, 0.02, 10);
  h.maskCutting_mm = within(Trait::MaskCutting, 0.01, 2);
  h.maskLife = static_cast<int>(std::lround(within(Trait::MaskLife, 1, 200)));
  if (const auto on = learnt.maskLifeOn.find(maskPaper);
      on != learnt.maskLifeOn.end() && !learnt[Trait::MaskLife].own)
    h.maskLife = static_cast<int>(std::lround(std::clamp(on->second.value, 1.0, 200.0)));
  for (size_t t = 0; t < kTraits; ++t)
    if (const auto kind = paceOf(static_cast<Trait>(t)))
      h.pace[ix(*kind)] = within(static_cast<Trait>(t), 0.2, 5);
  h.cards = learnt.cards;
  return h;
}

std::optional<MissedBy> missedBy(const MakerLearnt& learnt) {
  constexpr size_t kLeast = 4;
  if (learnt.minutes.size() < kLeast) return {};
  const size_t half = learnt.minutes.size() / 2;
  const auto miss = [&](size_t from, size_t to) {
    double sum = 0;
    for (size_t k = from; k < to; ++k)
      sum += std::fabs(learnt.minutes[k].said_min - learnt.minutes[k].took_min) / learnt.minutes[k].took_min;
    return sum / static_cast<double>(to - from);
  };
  return MissedBy{miss(0, half), miss(half, learnt.minutes.size())};
}

}  // namespace havlo
