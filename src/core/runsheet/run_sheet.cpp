// Writes down what hands do, and spreads it over evenings.
#include "core/runsheet/run_sheet.h"

#include "core/mask/joint_paper.h"
#include "core/runsheet/hands.h"
#include "core/runsheet/least_work.h"

namespace havlo {
namespace {

/// Adds up and writes nothing.
struct Sum {
  double minutes = 0;
  void begin(size_t) {}
  void evening() {}
  void add(Do, int, double work, double wait, const StepFacts&, const std::vector<Laid>&) {
    minutes += work + wait;
  }
};

/// Writes every step, and remembers how long each need took.
class Writer {
 public:
  Writer(const RunSheetInput& in, RunSheet& out)
      : m_in(in), m_out(out), m_pressed(in.plan.impressions.size(), 0) {}

  std::vector<double> needMinutes;  // by need step; what comes after the last one counts to it

  void begin(size_t) { needMinutes.push_back(0); }
  void evening() { m_evening += m_out.steps.empty() ? 0 : 1; }

  void add(Do what, int impression, double minutes, double wait, const StepFacts& facts,
           const std::vector<Laid>& covers) {
    Step s;
    s.what = what, s.impression = impression, s.minutes = minutes, s.wait = wait;
    s.wash = facts.wash, s.stamp = facts.stamp, s.piece = facts.piece;
    s.ink = facts.ink, s.things = facts.things;
    s.limit = facts.limit, s.side = facts.side, s.turned = facts.turned;
    s.pen_mm = facts.pen_mm, s.hand = facts.hand;
    s.paper = facts.paper, s.layer = facts.layer;
    s.tryOut = facts.tryOut, s.clean = facts.clean, s.scraps = facts.scraps;
    if (facts.need) {
      s.needed = facts.need->covered;
      if (!facts.need->wash) s.leaveOut = m_in.needs.leaveOut[ix(impression)];
    }
    for (const Laid& c : covers) s.covers.push_back(coverOf(c, facts.stamp));
    if (what == Do::Print)  // printed, not laid
      for (Cover& c : s.covers) c.impression = -1, c.ahead = false;
    const bool cover = facts.limit < 0;  // a limit lies on no thing
    if (cover && (what == Do::MaskOn || (what == Do::Tape && impression >= 0))) lay(s, covers, true);
    if (cover && what == Do::MaskOff) lay(s, covers, false);
    if (what == Do::Stamp) m_pressed[ix(impression)] = 1;
    s.masksOn = m_lies, s.joints = m_joints;
    if (wait > kOvernight_min) ++m_evening;
    s.evening = m_evening;
    if (!needMinutes.empty()) needMinutes.back() += minutes + wait;
    m_out.steps.own().push_back(std::move(s));
  }

 private:
  const RunSheetInput& m_in;
  RunSheet& m_out;
  std::vector<int> m_lies;  // by rising index
  std::vector<int> m_joints;
  std::vector<char> m_pressed;
  int m_evening = 0;

  Cover coverOf(const Laid& laid, int stamp) const {
    const int s = laid.impression < 0 ? stamp : m_in.stampOf[ix(laid.impression)];
    if (laid.joint >= 0) {
      const JointPaper& paper = m_in.needs.joints[ix(laid.joint)];
      return {jointId(m_in.plan, laid.joint),
              laid.impression,
              false,
              false,
              laid.joint,
              paper.over,
              paper.without};
    }
    Cover c{maskId(*m_in.plan.stamps[ix(s)], laid.mask), laid.impression};
    if (laid.impression < 0) return c;
    c.ahead = !m_pressed[ix(laid.impression)];
    for (const auto& [a, b] : m_in.masks[ix(s)].halves)
      c.half = c.half || a == laid.impression || b == laid.impression;
    return c;
  }

  void lay(const Step& s, const std::vector<Laid>& laid, bool on) {
    const auto set = [&](int i) {
      const auto at = std::lower_bound(m_lies.begin(), m_lies.end(), i);
      if (on && (at == m_lies.end() || *at != i)) m_lies.insert(at, i);
      if (!on && at != m_lies.end() && *at == i) m_lies.erase(at);
    };
    if (s.covers.empty()) set(s.impression);
    for (const Cover& c : s.covers) set(c.impression);
    for (const Laid& l : laid) {
      if (l.joint < 0) continue;
      std::erase(m_joints, l.joint);
      if (on) m_joints.push_back(l.joint);
    }
  }
};

/// Need steps before which to stop, so that the longest of so many evenings is as short as can be.
std::vector<size_t> restsFor(const std::vector<double>& minutes, int evenings) {
  const size_t n = minutes.size();
  const size_t parts = std::min(n, ix(std::max(1, evenings)));
  if (parts < 2) return {};
  std::vector<double> upTo(n + 1, 0);
  for (size_t k = 0; k < n; ++k) upTo[k + 1] = upTo[k] + minutes[k];
  // longest[p][k]: the least longest evening when the first k steps fill p + 1 of them.
  std::vector<std::vector<double>> longest(parts, std::vector<double>(n + 1, 1e300));
  std::vector<std::vector<size_t>> from(parts, std::vector<size_t>(n + 1, 0));
  longest[0] = upTo;
  for (size_t p = 1; p < parts; ++p)
    for (size_t k = p + 1; k <= n; ++k)
      for (size_t j = p; j < k; ++j) {
        const double here = std::max(longest[p - 1][j], upTo[k] - upTo[j]);
        if (here < longest[p][k] - 1e-9) longest[p][k] = here, from[p][k] = j;
      }
  std::vector<size_t> rests;
  size_t k = n;
  for (size_t p = parts - 1; p > 0; --p) rests.push_back(k = from[p][k]);
  std::reverse(rests.begin(), rests.end());
  return rests;
}

void listEvenings(RunSheet& sheet) {
  for (size_t k = 0; k < sheet.steps.size(); ++k) {
    const Step& s = sheet.steps[k];
    if (sheet.evenings.empty() || s.evening != sheet.steps[k - 1].evening) sheet.evenings.push_back({k, 0});
    sheet.evenings.back().minutes += s.minutes + (s.wait > kOvernight_min ? 0 : s.wait);
  }
}

}  // namespace

WorkTimes timesOf(const Habits& habits) {
  WorkTimes t;
  const auto scaled = [&](WorkKind kind, std::initializer_list<double*> times) {
    for (double* time : times) *time *= habits.pace[ix(kind)];
  };
  scaled(WorkKind::Stamping,
         {&t.press, &t.tryOut, &t.pickUp, &t.changeInk, &t.clean, &t.scrap, &t.tapeRubber, &t.wipeRubber});
  scaled(WorkKind::CuttingMasks, {&t.printEach, &t.cutMask, &t.jointEach});
  scaled(WorkKind::Covering, {&t.coverOn, &t.coverOff, &t.tape});
  scaled(WorkKind::Embossing, {&t.emboss, &t.embossEach, &t.wipe, &t.wipeEach});
  scaled(WorkKind::ByHand, {&t.pen, &t.takeUp, &t.pencil, &t.pencilEach, &t.erase});
  t.penEach_mm /= habits.pace[ix(WorkKind::ByHand)];
  scaled(WorkKind::Blending, {&t.wash});
  scaled(WorkKind::Paper,
         {&t.cutPiece, &t.attach, &t.trim, &t.trimPiece, &t.dieCut, &t.glue, &t.score, &t.mount, &t.enclose});
  return t;
}

WorkKind workKindOf(Do what) {
  switch (what) {
    case Do::Stamp:
    case Do::Dry:
      return WorkKind::Stamping;
    case Do::Wash:
      return WorkKind::Blending;
    case Do::CutMask:
    case Do::Print:
      return WorkKind::CuttingMasks;
    case Do::MaskOn:
    case Do::MaskOff:
    case Do::Tape:
      return WorkKind::Covering;
    case Do::Emboss:
    case Do::Wipe:
      return WorkKind::Embossing;
    case Do::Draw:
    case Do::Colour:
    case Do::Accent:
    case Do::Lift:
    case Do::Own:
    case Do::Pencil:
    case Do::Erase:
      return WorkKind::ByHand;
    case Do::Cut:
    case Do::Attach:
    case Do::Trim:
    case Do::Score:
    case Do::Glue:
    case Do::Enclose:
      return WorkKind::Paper;
  }
  return WorkKind::Stamping;
}

RunSheet buildRunSheet(const RunSheetInput& in) {
  RunSheet out;
  Writer writer(in, out);
  Hands<Writer>(in, writer).run();
  if (in.plan.making.evenings > 1) {
    const std::vector<size_t> rests = restsFor(writer.needMinutes, in.plan.making.evenings);
    if (!rests.empty()) {
      out = {};
      Writer again(in, out);
      Hands<Writer>(in, again, rests).run();
    }
  }
  out.copies = std::max(1, in.plan.making.copies);
  for (const Step& s : out.steps) out.minutes += s.minutes + s.wait;
  if (in.bound) out.atLeast = std::min(out.minutes, leastMinutes(in));
  listEvenings(out);
  return out;
}

double minutesOf(const RunSheetInput& in) {
  if (in.plan.making.evenings > 1) {  // what dries overnight is not waited for
    RunSheetInput whole = in;
    whole.bound = false;
    return buildRunSheet(whole).minutes;
  }
  Sum sum;
  Hands<Sum>(in, sum).run();
  return sum.minutes;
}

double leaveOutMinutes(const Plan& plan, const std::vector<int>& fronts, const WorkTimes& times) {
  double sum = 0;
  for (int f : fronts)
    sum += plan.impressions[ix(f)].school == School::WipeOff ? times.wipeRubber : times.tapeRubber;
  return sum;
}

double penMinutes(const std::vector<PenWork>& pen, const WorkTimes& times) {
  double length = 0;
  for (const PenWork& p : pen) length += p.length_mm;
  return pen.empty() ? 0 : times.pen + length / times.penEach_mm;
}

int maskPrintInk(const Plan& plan, const std::vector<int>& stampOf, int stamp) {
  constexpr double kWorthCleaning_s = 60;
  int own = -1, fastest = -1;
  for (size_t i = 0; i < plan.impressions.size() && own < 0; ++i)
    for (size_t k = 0; k < plan.inks.size() && stampOf[i] == stamp; ++k)
      if (plan.inks[k].id == plan.impressions[i].ink) own = static_cast<int>(k);
  for (size_t k = 0; k < plan.inks.size(); ++k) {
    const Ink& ink = plan.inks[k];
    // What comes from a pad: no powder's ink, no paint, no marker.
    if (ink.kind == InkKind::Embossing || ink.kind == InkKind::Paint || ink.kind == InkKind::Marker) continue;
    if (fastest < 0 || ink.dryOnMask_s < plan.inks[ix(fastest)].dryOnMask_s) fastest = static_cast<int>(k);
  }
  if (fastest < 0 || own < 0) return std::max(own, fastest);
  const Ink& usual = plan.inks[ix(own)];
  const bool worth = usual.kind == InkKind::Embossing ||
                     usual.dryOnMask_s - plan.inks[ix(fastest)].dryOnMask_s > kWorthCleaning_s;
  return worth ? fastest : own;
}

bool leavesColour(Do what) {
  switch (what) {
    case Do::Stamp:
    case Do::Wash:
    case Do::Attach:
    case Do::Colour:
    case Do::Draw:
    case Do::Accent:
    case Do::Lift:
      return true;
    default:
      return false;
  }
}

std::vector<int> actsOf(const Plan& plan, const Step& step) {
  if (step.what == Do::Stamp) return {step.impression};
  if (step.what == Do::Wash) return {actOfWash(plan, step.wash)};
  std::vector<int> out;
  for (int h : step.hand) out.push_back(firstHandAct(plan) + h);
  return out;
}

std::string_view wordOf(Do what) {
  constexpr std::string_view words[] = {"cut",    "tape",  "cutMask", "stamp",  "maskOn", "maskOff",
                                        "dry",    "wash",  "emboss",  "wipe",   "draw",   "colour",
                                        "attach", "trim",  "print",   "accent", "lift",   "own",
                                        "pencil", "erase", "score",   "glue",   "enclose"};
  return words[ix(what)];
}

std::string maskId(const Stamp& stamp, int number) { return stamp.id + "#" + std::to_string(number + 1); }

}  // namespace havlo
