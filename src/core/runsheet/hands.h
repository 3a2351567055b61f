// One pair of hands walking through the needs: covers moved as seldom as the rota allows, nothing covered,
// embossed or blended over before its ink is dry, masks cut while something dries. What is written down is up
// to `Out`, so that the run sheet and the search for the best order count exactly the same. For run_sheet.cpp
// alone.
#pragma once

#include <algorithm>
#include <cmath>
#include <optional>
#include <set>
#include <utility>

#include "core/acts/act_rules.h"
#include "core/ink/ink_facts.h"
#include "core/pieces/heights.h"
#include "core/runsheet/assembly.h"
#include "core/runsheet/run_sheet.h"
#include "core/wash/limit_shape.h"

namespace havlo {

inline constexpr int kBare = -2,
                     kStrip = -1,  // what lies on an impression: nothing, tape, else a mask number
    kFirstJoint = -3;              // this one and below: joint papers

/// The facts of a step that only a written run sheet needs.
struct StepFacts {
  int wash = -1, stamp = -1, ink = -1;
  std::vector<int> things;
  const NeedStep* need = nullptr;
  bool piece = false, tryOut = false, clean = false;
  int scraps = 0;
  double pen_mm = 0;
  std::vector<int> hand;
  int paper = -1, layer = -1;
  int limit = -1;
  LimitSide side = LimitSide::Above;
  bool turned = false;
};

/// An edge or opening on the panel, and the side that stays free.
struct LaidLimit {
  int limit = -1;
  LimitSide side = LimitSide::Above;
  bool operator==(const LaidLimit&) const = default;
};

/// @tparam Out  has add(Do, impression, minutes, wait, facts, covers), lies(impression, cover)
template <class Out>
class Hands {
 public:
  /// @param restBefore  need steps before which the maker stops for the night
  Hands(const RunSheetInput& in, Out& out, std::vector<size_t> restBefore = {})
      : m_in(in),
        m_out(out),
        m_rest(std::move(restBefore)),
        m_copies(std::max(1, in.plan.making.copies)),
        m_things(in.plan.impressions.size()),
        m_lastInk(in.plan.stamps.size(), nullptr) {
    for (size_t i = 0; i < m_things.size(); ++i) m_things[i].ink = inkNamed(in.plan.impressions[i].ink);
    for (size_t k = 0; k < in.needs.steps.size(); ++k)
      for (int i : in.needs.steps[k].covered) thing(i).lastNeed = static_cast<int>(k);
    queueCuts();
  }

  void run() {
    printMasks();
    if (m_in.plan.card.tape_mm > 0) work(Do::Tape, -1, m_t.tape * m_copies);
    pencilGuides();
    size_t stop = 0;                        // of what is done by hand
    size_t last = m_in.needs.steps.size();  // pieces after it are stamped when all paper is off
    while (last > 0 && !m_in.needs.steps[last - 1].wash && isApart(m_in.needs.steps[last - 1].index)) --last;
    for (size_t k = 0; k < m_in.needs.steps.size(); ++k) {
      if (std::find(m_rest.begin(), m_rest.end(), k) != m_rest.end()) emboss(), sleep();
      const NeedStep& need = m_in.needs.steps[k];
      m_out.begin(k);
      while (stop < m_in.needs.hand.size() && m_in.needs.hand[stop].before <= k) byHand(stop);
      if (need.wash) {
        wash(k, need);
      } else if (!isApart(need.index)) {
        stamp(k, need);
      } else if (popsUp(need.index) && k < last && !isEmbossed(m_in.plan, need.index)) {
        press(need.index, nullptr, true);
      }
    }
    while (m_nextCut < m_cuts.size()) cutNext();
    takeLimits();
    uncover(covered());
    emboss();
    wipe();
    joinByPen();
    for (size_t unit = m_in.needs.steps.size(); stop < m_in.needs.hand.size(); ++unit) {
      if (std::find(m_rest.begin(), m_rest.end(), unit) != m_rest.end()) sleep();
      m_out.begin(unit);
      byHand(stop);
    }
    finish();
  }

 private:
  struct Thing {
    const Ink* ink = nullptr;
    int lies = kBare;
    int lastNeed = -1;
    double dryFirst = 0, dryLast = 0;  // minutes at which the first and the last card's ink is dry
    bool saidDry = true, pressed = false;
  };
  struct Cut {
    int stamp, mask;
    int joint = -1;  // it is this joint paper; the stamp is its first thing's
    double dry = 0;  // minute at which the print on masking paper is
  };

  const RunSheetInput& m_in;
  Out& m_out;
  std::vector<size_t> m_rest;
  const WorkTimes& m_t = m_in.times;
  int m_copies;
  double m_now = 0;
  std::vector<Thing> m_things;
  std::vector<int> m_lying;  // what is covered, by rising index
  double m_washDry = 0;
  std::vector<Cut> m_cuts;   // by first need
  std::vector<long> m_laid;  // by stamp: layings of its masks, on all cards
  mutable size_t m_rotaStep = static_cast<size_t>(-1);
  mutable std::vector<const std::vector<Laid>*>
      m_rota;  // by stamp: what lies at that step; null: not asked for
  size_t m_nextCut = 0;
  std::vector<std::vector<char>> m_isCut;  // stamp, mask
  std::vector<char> m_jointCut;
  std::vector<const Ink*> m_lastInk;   // by stamp
  std::vector<int> m_toEmboss;         // stamped, and not embossed yet
  std::vector<int> m_wiped, m_beaded;  // embossed so that ink comes off; of these, where ink lies now
  int m_stampInHand = -1, m_generation = 0;
  const Ink* m_inkInHand = nullptr;

  struct Fresh {
    Box box;
    double dry = 0;
    int on = -1;
  };
  std::vector<Fresh> m_byHand;  // done by hand and not dry yet
  std::vector<int> m_later;     // by hand on what is stamped apart: when that is
  size_t m_guidesLeft = 0;      // lines along guides that are still to be inked

  std::vector<LaidLimit> m_limits;                     // edges and openings that lie on the panel
  std::vector<int> m_limitCut;                         // limit -> cut
  std::vector<std::optional<LimitSide>> m_limitFirst;  // limit -> the side it first lay for

  Thing& thing(int i) { return m_things[ix(i)]; }
  const Impression& impression(int i) const { return m_in.plan.impressions[ix(i)]; }
  double stripsOn(int i) const { return m_in.needs.taped[ix(i)]; }
  bool popsUp(int i) const { return impression(i).school == School::PopUp; }
  bool isApart(int i) const { return isStampedApart(impression(i).school); }
  int stampOf(int i) const { return m_in.stampOf[ix(i)]; }
  /// Half of what a joint paper costs beyond a mask: printing it, or cutting it out.
  double jointMinutes(int joint) const {
    return joint < 0 ? 0
                     : m_t.jointEach * static_cast<double>(m_in.needs.joints[ix(joint)].over.size() - 1) / 2;
  }
  const Ink* inkNamed(const std::string& id) const { return m_in.plan.ink(id); }

  void work(Do what, int i, double minutes, double wait = 0, const StepFacts& facts = {},
            const std::vector<Laid>& covers = {}) {
    m_now += wait + minutes;
    m_out.add(what, i, minutes, wait, facts, covers);
  }

  /// Overnight everything dries.
  void sleep() {
    m_out.evening();
    for (Thing& t : m_things) t.dryFirst = t.dryLast = 0, t.saidDry = true;
    m_washDry = 0;
    m_byHand.clear();
    for (Cut& c : m_cuts) c.dry = 0;
    m_stampInHand = -1, m_inkInHand = nullptr, m_generation = 0;
  }

  // ---- masks

  void queueCuts() {
    m_isCut.resize(m_in.masks.size());
    m_laid.assign(m_in.masks.size(), 0);
    for (size_t s = 0; s < m_in.masks.size(); ++s) {
      const StampMasks& m = m_in.masks[s];
      m_isCut[s].assign(ix(m.kept + m.cut), 0);
      std::fill(m_isCut[s].begin(), m_isCut[s].begin() + m.kept, 1);
    }
    std::vector<std::vector<char>> queued = m_isCut;
    const auto queue = [&](size_t s, int mask) {
      char& there = queued[s][ix(mask)];
      if (!there) m_cuts.push_back({static_cast<int>(s), mask});
      there = 1;
    };
    m_jointCut.assign(m_in.needs.joints.size(), 0);
    const auto queueJoint = [&](int j) {
      for (const Cut& c : m_cuts)
        if (c.joint == j) return;
      m_cuts.push_back({stampOf(m_in.needs.joints[ix(j)].over.front()), 0, j});
    };
    for (size_t k = 0; k < m_in.needs.steps.size(); ++k)
      for (int i : m_in.needs.steps[k].covered) {
        if (m_in.needs.taped[ix(i)]) continue;
        if (const int j = m_in.needs.joint(i, k); j >= 0) {
          queueJoint(j);
          continue;
        }
        const auto s = ix(stampOf(i));
        for (const Laid& l : m_in.masks[s].rota[k])
          if (l.impression == i) queue(s, l.mask);
      }
    for (size_t s = 0; s < m_in.masks.size(); ++s)
      for (int m = 0; m < m_in.masks[s].kept + m_in.masks[s].cut; ++m) queue(s, m);
  }

  /// All of them at the start, ink by ink, so that they dry while the card is begun. A stamp's first print on
  /// masking paper is its test print.
  void printMasks() {
    std::vector<int> inks;  // in the order in which their masks are needed
    std::vector<int> inkOf(m_in.masks.size(), -1), firstOf(m_in.masks.size(), -1);
    for (size_t i = m_things.size(); i-- > 0;)
      firstOf[ix(stampOf(static_cast<int>(i)))] = static_cast<int>(i);
    for (const Cut& c : m_cuts) {
      int& ink = inkOf[ix(c.stamp)];
      if (ink < 0) ink = maskPrintInk(m_in.plan, m_in.stampOf, c.stamp);
      if (std::find(inks.begin(), inks.end(), ink) == inks.end()) inks.push_back(ink);
    }
    for (int ink : inks) {
      StepFacts facts;
      facts.ink = ink;
      double minutes = m_t.changeInk;
      std::vector<Laid> prints;
      std::vector<int> stamps;
      for (const Cut& c : m_cuts) {
        if (inkOf[ix(c.stamp)] != ink) continue;
        minutes += papersOf(c) * (m_t.printEach + jointMinutes(c.joint));
        const auto pickUp = [&](int stamp) {
          if (std::find(stamps.begin(), stamps.end(), stamp) != stamps.end()) return;
          stamps.push_back(stamp), minutes += m_t.pickUp;
        };
        pickUp(c.stamp);
        if (c.joint >= 0)
          for (int i : m_in.needs.joints[ix(c.joint)].over) pickUp(stampOf(i));
        prints.push_back({c.mask, firstOf[ix(c.stamp)], true, c.joint});
      }
      work(Do::Print, -1, minutes, 0, facts, prints);
      for (int s : stamps) m_lastInk[ix(s)] = &m_in.plan.inks[ix(ink)];
      for (Cut& c : m_cuts)
        if (inkOf[ix(c.stamp)] == ink) c.dry = m_now + m_in.plan.inks[ix(ink)].dryOnMask_s / 60;
    }
  }

  void cut(Cut& c) {
    (c.joint < 0 ? m_isCut[ix(c.stamp)][ix(c.mask)] : m_jointCut[ix(c.joint)]) = 1;
    StepFacts facts;
    facts.stamp = c.stamp;
    work(Do::CutMask, -1, papersOf(c) * (m_t.cutMask + jointMinutes(c.joint)), std::max(0.0, c.dry - m_now),
         facts, {{c.mask, -1, true, c.joint}});
    while (m_nextCut < m_cuts.size() && isCut(m_cuts[m_nextCut])) ++m_nextCut;
  }
  /// Those for this very card are cut one after the other.
  int papersOf(const Cut& c) const { return c.joint < 0 ? 1 : m_in.needs.joints[ix(c.joint)].cut; }
  bool isCut(const Cut& c) const {
    return (c.joint < 0 ? m_isCut[ix(c.stamp)][ix(c.mask)] : m_jointCut[ix(c.joint)]) != 0;
  }
  void cutNext() { cut(m_cuts[m_nextCut]); }
  void cutIfNeeded(int i, int cover) {
    if (cover == kStrip) return;
    if (cover <= kFirstJoint ? m_jointCut[ix(jointOfCover(cover))] : m_isCut[ix(stampOf(i))][ix(cover)])
      return;
    for (Cut& c : m_cuts)
      if (!isCut(c) && (cover <= kFirstJoint ? c.joint == jointOfCover(cover)
                                             : c.joint < 0 && c.stamp == stampOf(i) && c.mask == cover))
        cut(c);
  }

  /// Of many cards a mask wears out on the way: the next one of the stamp is cut when it is due.
  void cutSpares(int i, int cover) {
    if (m_copies == 1 || cover < 0) return;
    const auto s = ix(stampOf(i));
    m_laid[s] += m_copies;
    const int life = std::max(1, m_in.plan.maskLife());
    const long due = (m_laid[s] + life - 1) / life;
    for (Cut& c : m_cuts) {
      if (std::count(m_isCut[s].begin(), m_isCut[s].end(), 1) >= due) return;
      if (c.joint < 0 && ix(c.stamp) == s && !isCut(c)) cut(c);
    }
  }

  /// How long hands must rest until then: masks that are not cut yet are cut meanwhile.
  double waitUntil(double minute) {
    while (minute > m_now + 1e-9) {
      Cut* ready = nullptr;
      for (size_t k = m_nextCut; k < m_cuts.size() && !ready; ++k)
        if (!isCut(m_cuts[k]) && m_cuts[k].dry <= m_now + 1e-9) ready = &m_cuts[k];
      if (!ready) break;
      cut(*ready);
    }
    return std::max(0.0, minute - m_now);
  }

  // ---- drying

  /// @param each  minutes that the next work takes on one card
  double dryFor(const Thing& t, double each) const {
    return std::max(t.dryFirst, t.dryLast - (m_copies - 1) * each);
  }

  void dry(int i, double each) {
    Thing& t = thing(i);
    if (t.saidDry) return;
    t.saidDry = true;
    const double wait = waitUntil(dryFor(t, each));
    work(Do::Dry, i, 0, wait);
  }

  /// Things that are covered together are waited for together.
  void dryTogether(const std::vector<int>& things, double each) {
    StepFacts facts;
    double last = 0;
    for (int i : things) {
      Thing& t = thing(i);
      if (t.saidDry) continue;
      t.saidDry = true;
      facts.things.push_back(i);
      last = std::max(last, dryFor(t, each));
    }
    if (facts.things.empty()) return;
    const double wait = waitUntil(last);
    work(Do::Dry, facts.things.size() == 1 ? facts.things[0] : -1, 0, wait, facts);
  }

  void dryAll() {
    double last = m_washDry;
    for (const Fresh& f : m_byHand) last = std::max(last, f.dry);
    m_byHand.clear();
    for (Thing& t : m_things) last = std::max(last, t.dryLast), t.saidDry = true;
    const double wait = waitUntil(last);
    work(Do::Dry, -1, 0, wait);
  }

  void pressed(int i) {
    Thing& t = thing(i);
    const double dries = t.ink->dryOnCard_s / 60;
    t.dryLast = m_now + dries, t.pressed = true;
    t.dryFirst = t.dryLast - (m_copies - 1) * m_t.press;
    t.saidDry = dries <= 0;
  }

  // ---- covers

  std::vector<int> covered() const { return m_lying; }

  void lay(int i, int cover) {
    thing(i).lies = cover;
    m_lying.insert(std::lower_bound(m_lying.begin(), m_lying.end(), i), i);
  }
  void lift(int i) {
    thing(i).lies = kBare;
    m_lying.erase(std::lower_bound(m_lying.begin(), m_lying.end(), i));
  }

  /// The masks of a stamp that lie at step k. Asked for by everything that lies there; looked up once.
  const std::vector<Laid>& laidAt(size_t k, int stamp) const {
    if (m_rotaStep != k) m_rotaStep = k, m_rota.assign(m_in.masks.size(), nullptr);
    const std::vector<Laid>*& at = m_rota[ix(stamp)];
    if (!at) at = &m_in.masks[ix(stamp)].rota[k];
    return *at;
  }

  int wanted(size_t k, int i) const {
    if (m_in.needs.taped[ix(i)]) return kStrip;
    if (const int j = m_in.needs.joint(i, k); j >= 0) return kFirstJoint - j;
    for (const Laid& l : laidAt(k, stampOf(i)))
      if (l.impression == i) return l.mask;
    return kBare;
  }

  /// Is the mask on `i` wanted on something else at step k? Two halves of one mask do not get in each other's
  /// way.
  bool wantedElsewhere(size_t k, int i) const {
    const int mask = m_things[ix(i)].lies;
    if (mask < 0) return false;
    const StampMasks& all = m_in.masks[ix(stampOf(i))];
    const auto& need = m_in.needs.steps[k].covered;
    for (const Laid& l : laidAt(k, stampOf(i))) {
      if (l.mask != mask || l.impression == i) continue;
      const bool partner = std::any_of(all.halves.begin(), all.halves.end(), [&](const auto& h) {
        return (h.first == i && h.second == l.impression) || (h.second == i && h.first == l.impression);
      });
      if (!partner && std::binary_search(need.begin(), need.end(), l.impression)) return true;
    }
    return false;
  }

  /// Brings the covers on the panel to what step k, which is this act, needs.
  void arrange(size_t k, int act) {
    const std::vector<int>& mustGo = m_in.table.mustGo(act);
    const auto inTheWay = [&](int i) { return std::binary_search(mustGo.begin(), mustGo.end(), i); };
    const std::vector<int>& need = m_in.needs.steps[k].covered;
    std::vector<int> off, on;
    for (int i : m_lying) {
      const Thing& t = thing(i);
      const bool needed = std::binary_search(need.begin(), need.end(), i);
      const bool stays = needed ? wanted(k, i) == t.lies
                                : t.lastNeed > static_cast<int>(k) && !inTheWay(i) && !wantedElsewhere(k, i);
      if (!stays) off.push_back(i);
    }
    takeAlong(off);
    uncover(off);
    for (int i : need)
      if (thing(i).lies == kBare) on.push_back(i);
    if (on.empty()) return;
    for (int i : on)
      if (const int mask = wanted(k, i); mask != kBare) cutIfNeeded(i, mask), cutSpares(i, mask);
    if (m_washDry > m_now) dryAll();
    dryTogether(on, m_t.coverOn);
    std::vector<Laid> covers;
    for (int i : on) {
      const int mask = wanted(k, i);
      if (mask == kStrip) {
        lay(i, kStrip);
        work(Do::Tape, i, m_t.coverOn * stripsOn(i) * m_copies);
      } else if (mask != kBare) {
        covers.push_back(laidOn(i, mask));
        lay(i, mask);
      }
    }
    if (covers.empty()) return;
    work(Do::MaskOn, single(covers), m_t.coverOn * papersIn(covers) * m_copies, 0, {}, covers);
  }

  /// What lies under one paper with something that is lifted is lifted with it.
  void takeAlong(std::vector<int>& off) const {
    for (size_t k = 0; k < off.size(); ++k)
      if (const int lies = m_things[ix(off[k])].lies; lies <= kFirstJoint)
        for (int i : m_in.needs.joints[ix(jointOfCover(lies))].over)
          if (m_things[ix(i)].lies == lies && std::find(off.begin(), off.end(), i) == off.end())
            off.push_back(i);
    std::sort(off.begin(), off.end());
  }

  /// How many papers these are: one over several things counts once.
  double papersIn(const std::vector<Laid>& covers) const {
    int papers = 0;
    std::vector<int> joints;
    for (const Laid& c : covers) {
      if (c.joint >= 0 && std::find(joints.begin(), joints.end(), c.joint) != joints.end()) continue;
      if (c.joint >= 0) joints.push_back(c.joint);
      ++papers;
    }
    return papers;
  }

  static int jointOfCover(int cover) { return kFirstJoint - cover; }
  static Laid laidOn(int i, int cover) {
    return cover <= kFirstJoint ? Laid{0, i, true, jointOfCover(cover)} : Laid{cover, i};
  }

  static int single(const std::vector<Laid>& covers) {
    return covers.size() == 1 ? covers[0].impression : -1;
  }

  void uncover(const std::vector<int>& things) {
    std::vector<Laid> covers;
    for (int i : things) {
      if (thing(i).lies == kStrip) {
        lift(i);
        work(Do::MaskOff, i, m_t.coverOff * stripsOn(i) * m_copies);
      } else {
        covers.push_back(laidOn(i, thing(i).lies));
        lift(i);
      }
    }
    if (covers.empty()) return;
    work(Do::MaskOff, single(covers), m_t.coverOff * papersIn(covers) * m_copies, 0, {}, covers);
  }

  // ---- inking

  void press(int b, const NeedStep* need, bool piece) {
    const Thing& t = thing(b);
    const int stamp = stampOf(b), generation = impression(b).generation;
    StepFacts facts;
    facts.need = need, facts.piece = piece;
    const Ink*& last = m_lastInk[ix(stamp)];
    facts.tryOut = last == nullptr;
    facts.clean = last != nullptr && last != t.ink;
    const bool follows =
        m_copies == 1 && stamp == m_stampInHand && t.ink == m_inkInHand && generation == m_generation + 1;
    facts.scraps = follows ? 0 : generation - 1;
    double minutes = m_copies * (m_t.press + facts.scraps * m_t.scrap);
    if (!piece) minutes += m_copies * leaveOutMinutes(m_in.plan, m_in.needs.leaveOut[ix(b)], m_t);
    if (!impression(b).part.empty()) minutes += m_copies * m_t.tapeRubber;
    if (facts.tryOut) minutes += m_t.tryOut;
    if (facts.clean) minutes += m_t.clean;
    if (stamp != m_stampInHand) minutes += m_t.pickUp;
    if (t.ink != m_inkInHand) minutes += m_t.changeInk;
    last = m_inkInHand = t.ink;
    m_stampInHand = stamp, m_generation = generation;
    work(Do::Stamp, b, minutes, 0, facts);
    pressed(b);
    for (int k : piece ? std::vector<int>{} : m_in.meetings.of[ix(b)]) {
      const Meeting& m = m_in.meetings.list[ix(k)];
      if (m.edge.any) beadsOn(m.back == b ? m.front : m.back);
    }
  }

  void stamp(size_t k, const NeedStep& need) {
    const int b = need.index;
    if (need.embossFirst) emboss();
    arrange(k, b);
    press(b, &need, false);
    if (isEmbossed(m_in.plan, b)) m_toEmboss.push_back(b);
    if (m_copies > 1) uncover(covered());  // the masks go on to the next card
  }

  /// Everything that waits for it, in one go: all ink dry, no paper on the card, strays brushed off, the tool
  /// hot.
  void emboss() {
    if (m_toEmboss.empty()) return;
    takeLimits();
    uncover(covered());
    double last = m_washDry;
    for (size_t i = 0; i < m_things.size(); ++i) {
      const bool powdered =
          std::find(m_toEmboss.begin(), m_toEmboss.end(), static_cast<int>(i)) != m_toEmboss.end();
      if (powdered && m_things[i].ink->kind == InkKind::Embossing)
        continue;  // powder sticks while it is damp
      last = std::max(last, m_things[i].dryLast);
    }
    if (last > m_now) {
      const double wait = waitUntil(last);
      work(Do::Dry, m_toEmboss.size() == 1 ? m_toEmboss[0] : -1, 0, wait);
    }
    wipe();  // powder sticks to ink that lies on what is embossed
    embossNow(m_toEmboss);
    m_toEmboss.clear();
  }

  /// Ink has come on it: on what is embossed to keep ink off it lies in beads until they are wiped off.
  void beadsOn(int i) {
    const auto has = [&](const std::vector<int>& list) {
      return std::find(list.begin(), list.end(), i) != list.end();
    };
    if (has(m_wiped) && !has(m_beaded) && thing(i).lies == kBare) m_beaded.push_back(i);
  }

  /// With a dry cloth, before it dries on for good.
  void wipe() {
    if (m_beaded.empty()) return;
    std::sort(m_beaded.begin(), m_beaded.end());
    StepFacts facts;
    facts.things = m_beaded;
    const double minutes = m_t.wipe + m_t.wipeEach * static_cast<double>(m_beaded.size());
    work(Do::Wipe, m_beaded.size() == 1 ? m_beaded[0] : -1, minutes * m_copies, 0, facts);
    m_beaded.clear();
  }

  void embossNow(const std::vector<int>& things) {
    StepFacts facts;
    facts.things = things;
    work(Do::Emboss, things.size() == 1 ? things[0] : -1,
         (m_t.emboss + m_t.embossEach * static_cast<double>(things.size())) * m_copies, 0, facts);
    for (int i : things) {
      thing(i).dryFirst = thing(i).dryLast = m_now;  // melted powder is hard when it has cooled
      thing(i).saidDry = true;
      if (impression(i).school == School::Resist) m_wiped.push_back(i);
    }
  }

  void wash(size_t k, const NeedStep& need) {
    const auto meeting = [&](size_t i) -> const WashMeeting& {
      return m_in.washes.of(need.index, static_cast<int>(i));
    };
    const size_t n = m_in.plan.impressions.size();
    if (need.embossFirst) emboss();
    arrange(k, actOfWash(m_in.plan, need.index));
    for (size_t i = 0; i < n; ++i)
      if (meeting(i).touches && !popsUp(static_cast<int>(i))) dry(static_cast<int>(i), m_t.wash);
    layLimits(m_in.plan.washes[ix(need.index)]);
    StepFacts facts;
    if (!m_limits.empty()) facts = factsOf(m_limits.front());
    facts.wash = need.index, facts.need = &need;
    work(Do::Wash, -1, m_t.wash * m_copies, 0, facts);
    const Ink* ink = inkNamed(m_in.plan.washes[ix(need.index)].ink);
    m_washDry = std::max(m_washDry, m_now + drySeconds(m_in.plan.washes[ix(need.index)], *ink) / 60);
    for (size_t i = 0; i < n; ++i)
      if (meeting(i).touches && meeting(i).edge.any) beadsOn(static_cast<int>(i));
    if (m_copies > 1) uncover(covered()), takeLimits();
  }

  /// Lays the wash's edges and openings over everything, lifts what it has not; tape does where an edge is
  /// straight.
  void layLimits(const Wash& wash) {
    std::vector<LaidLimit> wanted;
    for (const WashBound& bound : wash.limits)
      for (size_t l = 0; l < m_in.plan.limits.size(); ++l)
        if (m_in.plan.limits[l].id == bound.id) wanted.push_back({static_cast<int>(l), bound.side});
    takeLimits(
        [&](const LaidLimit& lies) { return std::find(wanted.begin(), wanted.end(), lies) == wanted.end(); });
    m_limitCut.resize(m_in.plan.limits.size(), 0);
    for (const LaidLimit& l : wanted) {
      if (std::find(m_limits.begin(), m_limits.end(), l) != m_limits.end()) continue;
      const auto at = ix(l.limit);
      const StepFacts facts = factsOf(l);
      if (wantsCutting(m_in.plan.limits[at]) && !m_limitCut[at]++)
        work(Do::CutMask, -1, m_t.cutMask, 0, facts);
      if (m_washDry > m_now) dryAll();
      work(Do::MaskOn, -1, m_t.coverOn * m_copies, 0, facts);
      m_limits.push_back(l);
    }
  }

  StepFacts factsOf(const LaidLimit& l) {
    m_limitFirst.resize(m_in.plan.limits.size());
    std::optional<LimitSide>& first = m_limitFirst[ix(l.limit)];
    if (!first) first = l.side;
    StepFacts facts;
    facts.limit = l.limit, facts.side = l.side, facts.turned = *first != l.side;
    return facts;
  }

  template <typename F>
  void takeLimits(F off) {
    for (size_t k = 0; k < m_limits.size();) {
      if (!off(m_limits[k])) {
        ++k;
        continue;
      }
      StepFacts facts;
      facts.limit = m_limits[k].limit, facts.side = m_limits[k].side;
      m_limits.erase(m_limits.begin() + static_cast<long>(k));
      work(Do::MaskOff, -1, m_t.coverOff * m_copies, 0, facts);
    }
  }
  void takeLimits() {
    takeLimits([](const LaidLimit&) { return true; });
  }

  // ---- by hand

  static Do doOf(ByHand kind) {
    switch (kind) {
      case ByHand::Colour:
        return Do::Colour;
      case ByHand::Line:
        return Do::Draw;
      case ByHand::Accent:
        return Do::Accent;
      case ByHand::Lift:
        return Do::Lift;
      case ByHand::Own:
        break;
    }
    return Do::Own;
  }

  /// Is the second one done in one go with the first?
  bool together(const HandWork& a, const HandWork& b) const {
    if (a.act.kind != b.act.kind || a.act.kind == ByHand::Own) return false;
    if (a.act.kind == ByHand::Colour) return a.act.on == b.act.on;
    if (a.act.kind == ByHand::Accent)
      return m_in.plan.accents[ix(a.act.index)].kind == m_in.plan.accents[ix(b.act.index)].kind;
    if (a.act.kind == ByHand::Line) return a.ink == b.ink && a.layer == b.layer;
    return m_in.plan.lifts[ix(a.act.index)].wash == m_in.plan.lifts[ix(b.act.index)].wash;
  }

  const HandWork& handwork(int hand) const { return m_in.hand->all()[ix(hand)]; }
  bool waits(const HandWork& w) const { return w.act.on >= 0 && isApart(w.act.on); }

  void pencilGuides() {
    if (!m_in.hand) return;
    for (const HandWork& w : m_in.hand->all()) m_guidesLeft += w.layer == HandLayer::Behind;
    if (m_guidesLeft > 0)
      work(Do::Pencil, -1, (m_t.pencil + m_t.pencilEach * static_cast<double>(m_guidesLeft)) * m_copies);
  }

  /// The stop and those after it that are done in one go with it, which are then behind. What belongs to a
  /// piece of its own waits until that is stamped.
  void byHand(size_t& stop) {
    const auto& stops = m_in.needs.hand;
    if (!m_in.hand) {
      ++stop;
      return;
    }
    const size_t before = stops[stop].before;
    std::vector<int> group{stops[stop++].hand};
    while (stop < stops.size() && stops[stop].before == before &&
           together(handwork(group[0]), handwork(stops[stop].hand)))
      group.push_back(stops[stop++].hand);
    if (waits(handwork(group[0]))) {
      m_later.insert(m_later.end(), group.begin(), group.end());
    } else {
      workByHand(group, false);
    }
  }

  void workByHand(const std::vector<int>& group, bool piece) {
    StepFacts facts;
    facts.hand = group, facts.piece = piece;
    std::set<int> bare, things;
    bool afterWash = false;
    double minutes = 0;
    std::set<int> inks;
    for (int h : group) {
      const HandWork& w = handwork(h);
      minutes += w.minutes;
      if (w.act.kind != ByHand::Own && inks.insert(w.ink).second) minutes += m_t.takeUp;
      const std::vector<int>& off = m_in.table.bareByHand(h);
      bare.insert(off.begin(), off.end());
      for (int a : w.after) {
        if (ix(a) < m_things.size()) things.insert(a);
        afterWash = afterWash || (ix(a) >= m_things.size() && a < firstHandAct(m_in.plan));
      }
    }
    std::vector<int> off;
    for (int i : m_lying)
      if (bare.contains(i)) off.push_back(i);
    uncover(off);
    if (!m_beaded.empty() && !piece) wipe();
    const bool onCard = !handwork(group[0]).box.empty() && !piece;
    if (onCard) takeLimits();
    // Nobody colours what is wet.
    std::vector<int> wet;
    for (int i : things)
      if (thing(i).pressed) wet.push_back(i);
    dryTogether(wet, minutes);
    double until = afterWash || (onCard && handwork(group[0]).wet) ? m_washDry : 0;
    for (const Fresh& f : m_byHand)
      for (int h : group)
        if (onCard && f.box.meets(handwork(h).box)) until = std::max(until, f.dry);
    if (until > m_now) {
      const double wait = waitUntil(until);
      work(Do::Dry, -1, 0, wait);
    }
    const HandWork& first = handwork(group[0]);
    work(doOf(first.act.kind), first.act.on, minutes * m_copies, 0, facts);
    if (first.ink >= 0) m_inkInHand = nullptr;  // another colour is in hand
    for (int h : group) {
      const HandWork& w = handwork(h);
      if (w.dry_min > 0) m_byHand.push_back({w.box, m_now + w.dry_min, w.act.on});
      if (w.layer == HandLayer::Behind && --m_guidesLeft == 0) rubOutGuides();
    }
  }

  void rubOutGuides() {
    double last = m_washDry;
    for (const Thing& t : m_things) last = std::max(last, t.dryLast);
    for (const Fresh& f : m_byHand) last = std::max(last, f.dry);
    if (last > m_now) {
      const double wait = waitUntil(last);
      work(Do::Dry, -1, 0, wait);
    }
    work(Do::Erase, -1, m_t.erase * m_copies);
  }

  /// What ends at an edge of rubber that was left out is joined when all is dry and nothing lies on it.
  void joinByPen() {
    const std::vector<PenWork>& pen = m_in.table.pen();
    if (pen.empty()) return;
    if (m_washDry > m_now) dryAll();
    StepFacts facts;
    for (const PenWork& p : pen) {
      facts.things.push_back(p.thing), facts.pen_mm += p.length_mm;
      dry(p.thing, 0);
    }
    work(Do::Draw, pen.size() == 1 ? pen[0].thing : -1, penMinutes(pen, m_t) * m_copies, 0, facts);
  }

  /// Pieces stamped by themselves, tape off, the panel trimmed before what reaches over its rim is put on.
  void finish() {
    std::vector<int> pieces, powdered;
    for (int i : m_in.order)
      if (popsUp(i)) pieces.push_back(i);
    for (int i : pieces)
      if (!thing(i).pressed) press(i, nullptr, true);
    for (int i : pieces)
      if (isEmbossed(m_in.plan, i)) powdered.push_back(i);
    if (!powdered.empty()) embossNow(powdered);
    for (int i : pieces) workOn(i, true);
    cutPieces(pieces);
    const std::vector<Glued> glued = gluedOn(m_in.plan);
    if (m_in.plan.card.tape_mm > 0) {
      dryAll();
    } else if (!glued.empty() && m_washDry > m_now) {
      dryAll();
    }
    if (m_in.plan.card.trim_mm > 0) work(Do::Trim, -1, m_t.trim * m_copies);
    bool across = false;
    for (const Glued& g : glued) {
      if (!across && !g.isFlat()) {
        stampAcross(), across = true;
        for (int i : m_in.order)  // nothing is glued on wet ink
          if (impression(i).school == School::Across) dry(i, m_t.attach);
      }
      StepFacts facts;
      facts.paper = g.piece;
      if (g.impression >= 0) {
        work(Do::Attach, g.impression, m_t.attach * m_copies);
      } else {
        const Piece& piece = m_in.plan.pieces[ix(g.piece)];
        work(piece.raise_mm > 0 ? Do::Attach : Do::Glue, -1, glueMinutes(piece, m_t) * m_copies, 0, facts);
      }
    }
    if (!across) stampAcross();
    assemble();
  }

  /// Over the rims of what lies flat, once it is glued on.
  void stampAcross() {
    for (int i : m_in.order) {
      if (impression(i).school != School::Across) continue;
      if (m_washDry > m_now) dryAll();
      press(i, nullptr, false);
      if (isEmbossed(m_in.plan, i)) embossNow({i});
      workOn(i, false);
    }
  }

  /// What is done by hand to a thing that is stamped apart.
  void workOn(int thing, bool piece) {
    std::vector<int> here;
    for (int h : m_later)
      if (handwork(h).act.on == thing) here.push_back(h);
    for (size_t from = 0; from < here.size();) {
      size_t to = from + 1;
      while (to < here.size() && together(handwork(here[from]), handwork(here[to]))) ++to;
      workByHand({here.begin() + static_cast<long>(from), here.begin() + static_cast<long>(to)}, piece);
      from = to;
    }
  }

  /// Things on pieces of their own along what shows of them; pieces with a name, once each.
  void cutPieces(const std::vector<int>& popUps) {
    for (int i : popUps) {
      if (!impression(i).piece.empty()) continue;
      dry(i, m_t.cutPiece);
      work(Do::Cut, i, m_t.cutPiece * m_copies);
    }
    for (size_t p = 0; p < m_in.plan.pieces.size(); ++p) {
      const Piece& piece = m_in.plan.pieces[p];
      if (!havlo::factsOf(piece.kind).onFace) continue;
      const double minutes = cutMinutes(piece, m_t);
      std::vector<int> on;
      for (int i : popUps)
        if (impression(i).piece == piece.id) on.push_back(i);
      dryTogether(on, minutes);
      StepFacts facts;
      facts.paper = static_cast<int>(p);
      work(Do::Cut, -1, minutes * m_copies, 0, facts);
    }
  }

  void assemble() {
    const std::vector<AssemblyStep> steps = assemblyOf(m_in.plan, m_t);
    if (steps.empty()) return;
    // Nothing wet is handled or goes under a weight.
    double last = m_washDry;
    for (const Thing& t : m_things) last = std::max(last, t.dryLast);
    for (const Fresh& f : m_byHand) last = std::max(last, f.dry);
    if (last > m_now) dryAll();
    for (const AssemblyStep& s : steps) {
      StepFacts facts;
      facts.paper = s.paper, facts.layer = s.layer;
      work(s.what, -1, s.minutes * m_copies, 0, facts);
    }
  }
};

}  // namespace havlo
