// At one pixel: what reached it in which step, against what should have.
#include "core/press/blame.h"

#include <algorithm>
#include <map>
#include <set>

namespace havlo {
namespace {

class Witness {
 public:
  Witness(const PressInput& in, const RunSheet& sheet, PressTiles& tiles, const PressInput& intended,
          PressTiles& planned, int x, int y, int maskLife)
      : m_in(in),
        m_sheet(sheet),
        m_tiles(tiles),
        m_intended(intended),
        m_planned(planned),
        m_x(x),
        m_y(y),
        m_life(maskLife) {}

  Blame find() {
    if (const Blame b = omitted(); b.kind != Blame::Kind::Unknown) return b;
    for (size_t k = 0; k < m_sheet.steps.size(); ++k) {
      const Step& s = m_sheet.steps[k];
      const int number = static_cast<int>(k) + 1;
      switch (s.what) {
        case Do::Tape:
          if (s.impression >= 0) m_lies[s.impression] = {};
          break;
        case Do::MaskOn:
          for (const Cover& c : s.covers) m_lies[c.impression] = {c.mask, c.joint}, m_fresh.insert(c.mask);
          break;
        case Do::MaskOff:
          for (const Cover& c : s.covers) m_lies.erase(c.impression);
          if (s.covers.empty()) m_lies.erase(s.impression);
          break;
        case Do::Stamp:
          if (!s.piece) {
            if (const Blame b = pressing(s, number); b.kind != Blame::Kind::Unknown) return b;
          }
          break;
        case Do::Wash:
          if (const Blame b = blending(s, number); b.kind != Blame::Kind::Unknown) return b;
          break;
        case Do::Colour:
        case Do::Draw:
        case Do::Accent:
          for (int h : s.hand)
            if (const Blame b = byHand(h, number); b.kind != Blame::Kind::Unknown) return b;
          break;
        case Do::Emboss:
          for (int i : s.things)
            if (!m_resist && thing(i).school == School::Resist && waxed(i)) m_resist = true, m_wax = i;
          break;
        default:
          break;
      }
    }
    return {};
  }

 private:
  const PressInput& m_in;
  const RunSheet& m_sheet;
  PressTiles& m_tiles;
  const PressInput& m_intended;
  PressTiles& m_planned;
  int m_x, m_y, m_life;
  struct Lies {
    std::string mask;  // empty for tape
    int joint = -1;    // the joint paper it is
  };
  std::map<int, Lies> m_lies;
  std::map<std::string, int> m_used;
  std::set<std::string> m_fresh;
  std::vector<int> m_printed;        // what reached the pixel, in order
  std::set<int> m_pressed, m_holds;  // stamped; stamped so that powder holds here
  bool m_resist = false;
  int m_wax = -1;  // whose embossing it is

  /// Was the embossing wiped after that step?
  bool wipedAfter(int number) const {
    return std::any_of(m_sheet.steps.begin() + number, m_sheet.steps.end(),
                       [](const Step& s) { return s.what == Do::Wipe; });
  }

  const Impression& thing(int i) const { return m_intended.plan.impressions[ix(i)]; }

  /// What should be seen here and was never done.
  Blame omitted() {
    Blame out;
    const auto done = [&](auto is) { return std::any_of(m_sheet.steps.begin(), m_sheet.steps.end(), is); };
    for (size_t i = 0; i < m_intended.plan.impressions.size(); ++i) {
      const auto b = static_cast<int>(i);
      if (!m_planned.ink(b).at(m_x, m_y) || frontHere(b) >= 0) continue;
      if (done([&](const Step& s) { return s.what == Do::Stamp && s.impression == b; })) continue;
      out.kind = Blame::Kind::Omitted, out.back = b;
      return out;
    }
    for (size_t w = 0; w < m_intended.plan.washes.size(); ++w) {
      if (!covers(m_intended.washes.reached[w], m_tiles.grid().centre(m_x, m_y))) continue;
      if (done([&](const Step& s) { return s.what == Do::Wash && s.wash == static_cast<int>(w); })) continue;
      out.kind = Blame::Kind::Omitted, out.wash = static_cast<int>(w);
      return out;
    }
    for (size_t h = 0; m_intended.hand && h < m_intended.hand->all().size(); ++h) {
      const HandWork& work = m_intended.hand->all()[h];
      if (!work.does() || (work.act.on >= 0 && frontHere(work.act.on) >= 0)) continue;
      if (!reaches(m_planned, static_cast<int>(h)) || done([&](const Step& s) {
            return std::find(s.hand.begin(), s.hand.end(), static_cast<int>(h)) != s.hand.end();
          }))
        continue;
      out.kind = Blame::Kind::Omitted, out.hand = static_cast<int>(h);
      return out;
    }
    return out;
  }

  bool reaches(PressTiles& tiles, int hand) {
    const auto& films = tiles.byHand(hand);
    return std::any_of(films.begin(), films.end(),
                       [&](const HandFilm& f) { return f.tile.at(m_x, m_y) > 0; });
  }

  /// Done where something that stands before it should have been to end at.
  Blame byHand(int hand, int number) {
    const int on = m_in.hand->all()[ix(hand)].act.on;
    if (on < 0 || !reaches(m_tiles, hand)) return {};
    Blame out;
    out.front = frontHere(on);
    if (out.front < 0 || m_pressed.contains(out.front)) return {};
    out.kind = Blame::Kind::ByHand, out.step = number, out.hand = hand;
    return out;
  }

  void wear(const Step& s) {
    std::set<std::string> used;
    for (int i : s.needed)
      if (const auto it = m_lies.find(i); it != m_lies.end() && !it->second.mask.empty())
        used.insert(it->second.mask);
    for (const std::string& mask : used) m_used[mask] += static_cast<int>(m_fresh.erase(mask));
  }

  bool coversHere(int i, const Lies& lies) {
    if (lies.joint >= 0) {
      const PressTiles::JointTiles& tiles = m_tiles.joint(lies.joint);
      return tiles.cover.at(m_x, m_y) > 0 || tiles.edgeLine.at(m_x, m_y) > 0;
    }
    return m_tiles.cover(i).at(m_x, m_y) || m_tiles.edgeLine(i).at(m_x, m_y);
  }

  /// The cover over the pixel, or -1; a worn one does not count and is told through `worn`.
  int coverHere(int& worn) {
    for (const auto& [i, lies] : m_lies) {
      if (!coversHere(i, lies)) continue;
      const std::string& mask = lies.mask;
      const auto used = m_used.find(mask);
      if (!mask.empty() && used != m_used.end() && used->second > m_life) {
        worn = i;
        continue;
      }
      return i;
    }
    return -1;
  }

  bool waxed(int i) {
    if (!m_tiles.silhouette(i).at(m_x, m_y) || !m_holds.contains(i)) return false;
    for (int f : m_in.needs.leaveOut[ix(i)])
      if (m_tiles.silhouette(f).at(m_x, m_y)) return false;
    return true;
  }

  /// The thing in front of `b` whose silhouette knocks it out here by the plan, or -1.
  int frontHere(int b) {
    for (int k : m_intended.meetings.of[ix(b)]) {
      const Meeting& m = m_intended.meetings.list[ix(k)];
      const bool behind = m.back == b || (m.contradictory && m.front == b);
      const int other = m.back == b ? m.front : m.back;
      if (behind && !printsOver(thing(other).school) && m_planned.silhouette(other).at(m_x, m_y))
        return other;
    }
    return -1;
  }

  Blame pressing(const Step& s, int number) {
    const int b = s.impression;
    wear(s);
    m_pressed.insert(b);
    int worn = -1;
    const bool left = std::any_of(s.leaveOut.begin(), s.leaveOut.end(),
                                  [&](int f) { return m_tiles.silhouette(f).at(m_x, m_y) > 0; });
    const int cover = coverHere(worn);
    if (cover < 0 && !left) m_holds.insert(b);
    const bool inkHere = m_tiles.ink(b).at(m_x, m_y) > 0;
    const bool plannedHere = m_planned.ink(b).at(m_x, m_y) > 0;
    if (!inkHere && !plannedHere) return {};
    Blame out;
    out.step = number, out.back = b;
    if (inkHere != plannedHere) {
      out.kind = Blame::Kind::Displaced;
      return out;
    }
    if (m_resist && !left && cover < 0 && inkHere && !wipedAfter(number)) {
      out.kind = Blame::Kind::NotWiped, out.front = m_wax;
      return out;
    }
    const bool reached = !left && cover < 0 && !m_resist;
    const int front = frontHere(b);
    if (reached && front >= 0) {
      out.kind = worn >= 0 ? Blame::Kind::Seeped : Blame::Kind::RanOver;
      out.front = front;
      out.stampedYet = m_pressed.contains(front);
      return out;
    }
    if (!reached && front < 0 && cover >= 0) {
      out.kind = Blame::Kind::Missing;
      out.front = cover;
      return out;
    }
    if (!reached) return {};
    const Impression& now = m_in.plan.impressions[ix(b)];
    if (now.ink != thing(b).ink || now.generation != thing(b).generation) {
      out.kind = Blame::Kind::OtherInk;
      return out;
    }
    const auto& line = m_intended.frontToBack;
    const auto rank = [&](int i) { return std::find(line.begin(), line.end(), i) - line.begin(); };
    for (int earlier : m_printed)
      if (rank(earlier) < rank(b) && m_in.plan.ink(now.ink)->opacity > 0) {
        out.kind = Blame::Kind::OutOfTurn;
        out.front = earlier;
        return out;
      }
    m_printed.push_back(b);
    return {};
  }

  Blame blending(const Step& s, int number) {
    wear(s);
    const auto w = ix(s.wash);
    if (!covers(m_in.washes.reached[w], m_tiles.grid().centre(m_x, m_y))) return {};
    int worn = -1;
    const int cover = coverHere(worn);
    Blame out;
    out.step = number, out.wash = s.wash;
    if (m_resist && cover < 0 && !wipedAfter(number)) {
      out.kind = Blame::Kind::NotWiped, out.front = m_wax;
      return out;
    }
    const auto& over = m_intended.plan.washes[w].lets;
    int clean = -1;
    for (size_t i = 0; i < m_intended.plan.impressions.size() && clean < 0; ++i)
      if (m_intended.washes.of(static_cast<int>(w), static_cast<int>(i)).touches &&
          !isStampedApart(thing(static_cast<int>(i)).school) &&
          thing(static_cast<int>(i)).school != School::Overprint &&
          m_intended.stack.nearer(static_cast<int>(i), s.wash) &&
          std::find(over.begin(), over.end(), thing(static_cast<int>(i)).id) == over.end() &&
          m_planned.silhouette(static_cast<int>(i)).at(m_x, m_y))
        clean = static_cast<int>(i);
    if (cover < 0 && clean >= 0 && !m_resist) {
      out.kind = worn >= 0 ? Blame::Kind::Seeped : Blame::Kind::Coloured;
      out.front = clean;
    } else if (cover >= 0 && clean < 0) {
      out.kind = Blame::Kind::LeftPlain;
      out.front = cover;
    }
    return out;
  }
};

}  // namespace

Blame blameAt(const PressInput& in, const RunSheet& sheet, PressTiles& tiles, const PressInput& intended,
              PressTiles& plannedTiles, int x, int y, int maskLife) {
  return Witness(in, sheet, tiles, intended, plannedTiles, x, y, maskLife).find();
}

}  // namespace havlo
