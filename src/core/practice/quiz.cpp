// Levels make questions finer: nearer distances, likelier covers, prints more alike, less room for the
// horizon.
#include "core/practice/quiz.h"

#include <algorithm>
#include <cmath>

#include "core/base/random.h"
#include "core/tone/tone.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr std::string_view kWords[] = {"order", "maskChoice", "layMask", "depth", "tone", "horizon"};

/// Of air on a hazy day, where the card says nothing. Common practice, no source.
constexpr double kUsualVisibility_m = 1500;

template <typename T>
void shuffle(std::vector<T>& list, Random& random) {
  for (size_t n = list.size(); n > 1; --n) std::swap(list[n - 1], list[random.below(n)]);
}

bool has(const std::vector<int>& list, int v) { return std::find(list.begin(), list.end(), v) != list.end(); }

/// Of a table by level.
template <typename T, size_t N>
T at(const T (&table)[N], int level) {
  return table[std::clamp(level, 1, static_cast<int>(N)) - 1];
}

std::optional<Question> askDepth(const Plan& plan, const Analysis& a, int level, Random& random) {
  constexpr int kThings[] = {2, 3, 4, 5, 5};
  constexpr double kApart[] = {2, 1.6, 1.35, 1.2, 1.1};  // one distance over the next
  const auto n = static_cast<int>(plan.impressions.size());
  std::vector<int> all;
  for (int i = 0; i < n; ++i)
    if (a.visible[ix(i)].share > 0.5 && a.depth->distance_m(i) > 0) all.push_back(i);
  shuffle(all, random);
  Question q;
  for (int i : all) {
    const double d = a.depth->distance_m(i);
    const bool apart = std::all_of(q.things.begin(), q.things.end(), [&](int other) {
      const double o = a.depth->distance_m(other), near = std::min(d, o), far = std::max(d, o);
      // What the maker said of a pair is left out: the eye cannot know it.
      return (std::isinf(far) ? std::isfinite(near) : far > near * at(kApart, level)) &&
             a.depth->said(i, other) == PairWord::None;
    });
    if (apart) q.things.push_back(i);
    if (static_cast<int>(q.things.size()) == at(kThings, level)) break;
  }
  if (q.things.size() < 2) return std::nullopt;
  q.right = q.things;
  std::sort(q.right.begin(), q.right.end(),
            [&](int x, int y) { return a.depth->distance_m(x) < a.depth->distance_m(y); });
  if (q.things == q.right) std::swap(q.things[0], q.things[1]);
  return q;
}

std::optional<Question> askCovers(const Plan& plan, const Analysis& a, int level, Random& random) {
  const int most = 3 + level;
  std::vector<Question> all;
  std::vector<int> stamped;
  for (size_t k = 0; k < a.sheet.steps.size(); ++k) {
    const Step& step = a.sheet.steps[k];
    if (step.what != Do::Stamp && step.what != Do::Wash) continue;
    if (!step.piece && stamped.size() >= 2 && !step.needed.empty() &&
        static_cast<int>(step.needed.size()) < most) {
      Question q;
      q.step = static_cast<int>(k), q.right = step.needed;
      std::sort(q.right.begin(), q.right.end());
      std::vector<int> others;
      for (int i : stamped)
        if (!has(q.right, i)) others.push_back(i);
      shuffle(others, random);
      q.things = q.right;
      for (int i : others)
        if (static_cast<int>(q.things.size()) < most) q.things.push_back(i);
      // Nothing but what must be covered is no choice.
      if (q.things.size() > q.right.size()) all.push_back(std::move(q));
    }
    if (step.what == Do::Stamp && !step.piece && step.impression < static_cast<int>(plan.impressions.size()))
      stamped.push_back(step.impression);
  }
  if (all.empty()) return std::nullopt;
  // More to choose among is harder.
  std::stable_sort(all.begin(), all.end(),
                   [](const Question& x, const Question& y) { return x.things.size() < y.things.size(); });
  const size_t third = std::max<size_t>(1, all.size() / 3);
  const size_t from = std::min(all.size() - third, ix(level - 1) * all.size() / kTopLevel);
  Question q = all[from + random.below(third)];
  shuffle(q.things, random);
  return q;
}

std::optional<Question> askTone(const Plan& plan, int level, Random& random) {
  constexpr int kPrints[] = {3, 3, 4, 4, 5};
  constexpr double kApart[] = {0.28, 0.2, 0.16, 0.12, 0.09};
  // The darkest ink tells most.
  const Ink* ink = nullptr;
  for (const Ink& i : plan.inks)
    if (!ink || labOf(i.colour).L < labOf(ink->colour).L) ink = &i;
  if (!ink || labOf(ink->colour).L > 75) return std::nullopt;
  Question q;
  q.ink = ink->id;
  const int n = at(kPrints, level);
  const double apart = at(kApart, level), low = 0.1, high = 0.92 - (n - 1) * apart;
  const double first = low + random.unit() * std::max(0.0, high - low);
  for (int k = 0; k < n; ++k) q.shares.push_back(first + k * apart);
  shuffle(q.shares, random);
  q.rightShare = static_cast<int>(random.below(ix(n)));
  q.visibility =
      Metres{plan.view ? plan.view->visibility_m.value_or(kUsualVisibility_m) : kUsualVisibility_m};
  q.away = distanceFor(q.shares[ix(q.rightShare)], q.visibility);
  return q;
}

std::optional<Question> askHorizon(const Plan& plan, const Analysis& a, Random& random) {
  const PanelSize& panel = plan.card.panel;
  if (!plan.view || plan.view->horizon_mm <= 0 || plan.view->horizon_mm >= panel.height_mm)
    return std::nullopt;
  std::vector<const ScaleReading*> told;
  for (const ScaleReading& s : a.scale)
    if (s.verdict == ScaleVerdict::Fits && s.distance_m && a.visible[ix(s.impression)].share > 0.7)
      told.push_back(&s);
  if (told.size() < 2) return std::nullopt;  // one thing alone tells nothing
  const ScaleReading& s = *told[random.below(told.size())];
  Question q;
  q.horizon_mm = plan.view->horizon_mm, q.height_mm = panel.height_mm;
  q.witness = s.impression;
  const Impression& i = plan.impressions[ix(s.impression)];
  q.witnessShare = (q.horizon_mm - i.at.y) / s.printed_mm;
  return q;
}

/// How near is near enough, as a share of the panel's height.
double roomForHorizon(int level) {
  constexpr double kRoom[] = {0.08, 0.06, 0.045, 0.035, 0.025};
  return at(kRoom, level);
}

}  // namespace

Ink printKeeping(const Ink& ink, double share) {
  constexpr ToneGround kWhite{{1, 1, 1}, {1, 1, 1}};
  Ink out = ink;
  out.generations = {1, share};
  const double fresh = contrastOn(kWhite, out, 1);
  double low = 0, high = 1;
  for (int round = 0; round < 40; ++round) {
    out.generations[1] = (low + high) / 2;
    (contrastOn(kWhite, out, 2) < share * fresh ? low : high) = out.generations[1];
  }
  return out;
}

std::string_view wordOf(Drill drill) { return kWords[static_cast<size_t>(drill)]; }

std::optional<Drill> drillOf(std::string_view word) {
  for (size_t k = 0; k < kDrills; ++k)
    if (kWords[k] == word) return static_cast<Drill>(k);
  return std::nullopt;
}

std::optional<Question> ask(Drill what, const Plan& plan, const Analysis& analysis, int level,
                            uint64_t seed) {
  Random random(seed);
  std::optional<Question> q;
  switch (what) {
    case Drill::NearAndFar:
      q = askDepth(plan, analysis, level, random);
      break;
    case Drill::MaskChoice:
      q = askCovers(plan, analysis, level, random);
      break;
    case Drill::Tone:
      q = askTone(plan, level, random);
      break;
    case Drill::Horizon:
      q = askHorizon(plan, analysis, random);
      break;
    case Drill::Order:
    case Drill::LayMask:
      break;
  }
  if (q) q->what = what, q->level = level;
  return q;
}

Graded grade(const Question& q, const Answer& answer) {
  Graded out;
  switch (q.what) {
    case Drill::NearAndFar: {
      int pairs = 0, wrong = 0;
      const auto place = [&](int i) {
        return std::find(answer.things.begin(), answer.things.end(), i) - answer.things.begin();
      };
      for (size_t x = 0; x < q.right.size(); ++x)
        for (size_t y = x + 1; y < q.right.size(); ++y, ++pairs)
          if (place(q.right[x]) >= place(q.right[y]))
            ++wrong, out.misplaced.insert(out.misplaced.end(), {q.right[x], q.right[y]});
      // Guessing puts half of the pairs right.
      out.points = pairs > 0 ? std::max(0.0, 1 - 2.0 * wrong / pairs) : 0;
      break;
    }
    case Drill::MaskChoice: {
      for (int i : q.right)
        if (!has(answer.things, i)) out.missed.push_back(i);
      for (int i : answer.things)
        if (!has(q.right, i)) out.needless.push_back(i);
      // A print that was run over is spoilt; a cover too many is only work.
      out.points = out.missed.empty() ? std::max(0.5, 1 - 0.2 * static_cast<double>(out.needless.size()))
                   : out.missed.size() < q.right.size() ? 0.2
                                                        : 0;
      break;
    }
    case Drill::Tone: {
      if (answer.choice < 0 || ix(answer.choice) >= q.shares.size()) break;
      out.off = q.shares[ix(answer.choice)] - q.shares[ix(q.rightShare)];
      double next = 1;  // the nearest other one
      for (double s : q.shares)
        if (const double d = std::fabs(s - q.shares[ix(q.rightShare)]); d > 1e-9) next = std::min(next, d);
      out.points = answer.choice == q.rightShare ? 1 : std::fabs(out.off) < 1.5 * next ? 0.3 : 0;
      break;
    }
    case Drill::Horizon: {
      out.off = answer.mm - q.horizon_mm;
      const double share = std::fabs(out.off) / std::max(1.0, q.height_mm) / roomForHorizon(q.level);
      out.points = share <= 0.5 ? 1 : share <= 1 ? 0.7 : share <= 2 ? 0.3 : 0;
      break;
    }
    case Drill::Order:
    case Drill::LayMask:
      break;
  }
  out.right = out.points >= 0.999;
  return out;
}

}  // namespace havlo
