// Walks through the needs and writes down what hands must do: covers moved as seldom as the rota allows,
// nothing covered, embossed or blended over before its ink is dry.
#include "core/runsheet/run_sheet.h"

#include <algorithm>
#include <map>

namespace havlo {
namespace {

// Minutes of work. Common practice, no source; the log will fit them to the maker.
constexpr double kCutMask = 3, kStamp = 1, kCoverOn = 0.5, kCoverOff = 0.25, kWash = 4, kEmboss = 2,
                 kCutPiece = 4, kAttach = 1.5, kTape = 1, kTrim = 1;

class Builder {
 public:
  explicit Builder(const RunSheetInput& in)
      : m_in(in), m_dryAt(in.plan.impressions.size(), 0), m_lastNeed(in.plan.impressions.size(), -1) {
    for (size_t k = 0; k < in.needs.steps.size(); ++k)
      for (int i : in.needs.steps[k].covered) m_lastNeed[static_cast<size_t>(i)] = static_cast<int>(k);
    for (const Impression& i : in.plan.impressions) m_inks.push_back(in.plan.ink(i.ink));
  }

  RunSheet run() {
    if (m_in.plan.card.tape_mm > 0) add(step(Do::Tape, -1, kTape));
    cutMasks();
    for (size_t k = 0; k < m_in.needs.steps.size(); ++k) {
      const NeedStep& need = m_in.needs.steps[k];
      if (need.wash) {
        wash(k, need);
      } else if (impression(need.index).technique != Technique::PopUp) {
        stamp(k, need);
      }
    }
    uncover(allCovered());
    popUps();
    if (m_in.plan.card.tape_mm > 0) dryAll();
    if (m_in.plan.card.trim_mm > 0) add(step(Do::Trim, -1, kTrim));
    for (const Step& s : m_out.steps) m_out.minutes += s.minutes + s.wait;
    m_out.atLeast = leastWork();
    return std::move(m_out);
  }

 private:
  const RunSheetInput& m_in;
  RunSheet m_out;
  double m_now = 0;
  std::vector<double> m_dryAt;  // impression -> minute at which its ink is dry
  std::vector<char> m_saidDry = std::vector<char>(m_dryAt.size(), 1);
  std::map<int, std::string> m_lies;  // impression -> mask id, empty for tape
  double m_washDryAt = 0;
  std::vector<int> m_lastNeed;     // impression -> last need step that covers it
  std::vector<const Ink*> m_inks;  // by impression

  const Impression& impression(int i) const { return m_in.plan.impressions[static_cast<size_t>(i)]; }
  const Ink& inkOf(int i) const { return *m_inks[static_cast<size_t>(i)]; }

  static Step step(Do what, int impression, double minutes) {
    Step s;
    s.what = what;
    s.impression = impression;
    s.minutes = minutes;
    return s;
  }

  void add(Step s) {
    s.masksOn.clear();
    for (const auto& [i, mask] : m_lies) s.masksOn.push_back(i);
    m_now += s.wait + s.minutes;
    m_out.steps.push_back(std::move(s));
  }

  std::vector<int> allCovered() const {
    std::vector<int> out;
    for (const auto& [i, mask] : m_lies) out.push_back(i);
    return out;
  }

  /// Each mask is first stamped on masking paper; the first one of all waits for that ink, the others dry
  /// meanwhile.
  void cutMasks() {
    double wait = 0;
    for (size_t s = 0; s < m_in.masks.size(); ++s)
      if (m_in.masks[s].cut > 0)
        for (size_t i = 0; i < m_in.stampOf.size(); ++i)
          if (m_in.stampOf[i] == static_cast<int>(s)) {
            wait = std::max(wait, inkOf(static_cast<int>(i)).dryOnMask_s / 60);
            break;
          }
    for (size_t s = 0; s < m_in.masks.size(); ++s)
      for (int k = 0; k < m_in.masks[s].cut; ++k) {
        Step cut = step(Do::CutMask, -1, kCutMask);
        cut.stamp = static_cast<int>(s);
        cut.covers = {{maskId(*m_in.plan.stamps[s], k), -1}};
        cut.wait = wait;
        wait = 0;
        add(std::move(cut));
      }
  }

  void dry(int i) {
    if (m_saidDry[static_cast<size_t>(i)]) return;
    m_saidDry[static_cast<size_t>(i)] = 1;
    Step s = step(Do::Dry, i, 0);
    s.wait = std::max(0.0, m_dryAt[static_cast<size_t>(i)] - m_now);
    add(std::move(s));
  }

  void dryAll() {
    double last = m_washDryAt;
    for (double d : m_dryAt) last = std::max(last, d);
    std::fill(m_saidDry.begin(), m_saidDry.end(), 1);
    Step s = step(Do::Dry, -1, 0);
    s.wait = std::max(0.0, last - m_now);
    add(std::move(s));
  }

  void pressed(int i) {
    m_dryAt[static_cast<size_t>(i)] = m_now + inkOf(i).dryOnCard_s / 60;
    m_saidDry[static_cast<size_t>(i)] = inkOf(i).dryOnCard_s <= 0;
  }

  /// Mask ids the rota wants at a step, by impression; empty for tape.
  std::map<int, std::string> wanted(size_t k) const {
    std::map<int, std::string> out;
    for (int i : m_in.needs.steps[k].covered)
      if (m_in.needs.taped[static_cast<size_t>(i)]) out[i] = "";
    for (size_t s = 0; s < m_in.masks.size(); ++s)
      if (!m_in.masks[s].rota.empty())
        for (const Laid& l : m_in.masks[s].rota[k]) out[l.impression] = maskId(*m_in.plan.stamps[s], l.mask);
    return out;
  }

  bool neededLater(int i, size_t after) const {
    return m_lastNeed[static_cast<size_t>(i)] > static_cast<int>(after);
  }

  /// Brings the covers on the panel to what step k needs. `inTheWay(i)`: a cover on i would keep out wanted
  /// ink.
  template <typename F>
  void arrange(size_t k, F inTheWay) {
    const auto want = wanted(k);
    std::vector<int> lift;
    for (const auto& [i, mask] : m_lies) {
      const auto it = want.find(i);
      const bool elsewhere =
          !mask.empty() && std::any_of(want.begin(), want.end(), [id = i, &piece = mask](const auto& w) {
            return w.first != id && w.second == piece;
          });
      const bool stays =
          it != want.end() ? it->second == mask : !elsewhere && !inTheWay(i) && neededLater(i, k);
      if (!stays) lift.push_back(i);
    }
    uncover(lift);
    std::vector<int> lay;
    for (const auto& [i, mask] : want)
      if (!m_lies.contains(i)) lay.push_back(i);
    if (!lay.empty() && m_washDryAt > m_now) dryAll();
    for (int i : lay) dry(i);
    Step masks = step(Do::MaskOn, -1, 0);
    for (int i : lay) {
      if (want.at(i).empty()) {
        m_lies[i] = "";
        add(step(Do::Tape, i, kCoverOn));
      } else {
        masks.covers.push_back({want.at(i), i});
      }
    }
    if (masks.covers.empty()) return;
    for (const Cover& c : masks.covers) m_lies[c.impression] = c.mask;
    nameSingle(masks);
    masks.minutes = kCoverOn * static_cast<double>(masks.covers.size());
    add(std::move(masks));
  }

  static void nameSingle(Step& s) {
    if (s.covers.size() == 1) s.impression = s.covers[0].impression;
  }

  void uncover(const std::vector<int>& things) {
    Step masks = step(Do::MaskOff, -1, 0);
    for (int i : things) {
      if (const std::string& mask = m_lies.at(i); !mask.empty()) {
        masks.covers.push_back({mask, i});
        continue;
      }
      m_lies.erase(i);
      add(step(Do::MaskOff, i, kCoverOff));
    }
    for (const Cover& c : masks.covers) m_lies.erase(c.impression);
    if (masks.covers.empty()) return;
    nameSingle(masks);
    masks.minutes = kCoverOff * static_cast<double>(masks.covers.size());
    add(std::move(masks));
  }

  void stamp(size_t k, const NeedStep& need) {
    const int b = need.index;
    const Box& box = m_in.meetings.placed[static_cast<size_t>(b)]->onPanel.box();
    arrange(k, [&](int i) {
      return m_in.meetings.placed[static_cast<size_t>(i)]->onPanel.box().meets(box, kInkMargin_mm);
    });
    Step s = step(Do::Stamp, b, kStamp);
    s.needed = need.covered;
    s.leaveOut = m_in.needs.leaveOut[static_cast<size_t>(b)];
    add(std::move(s));
    pressed(b);
    if (impression(b).technique == Technique::Resist) emboss(b);
  }

  void emboss(int i) {
    if (inkOf(i).kind != InkKind::Embossing) dry(i);
    add(step(Do::Emboss, i, kEmboss));
    m_dryAt[static_cast<size_t>(i)] = m_now;  // melted powder is hard when it has cooled
    m_saidDry[static_cast<size_t>(i)] = 1;
  }

  void wash(size_t k, const NeedStep& need) {
    const auto& touches = m_in.washes.meets[static_cast<size_t>(need.index)];
    arrange(k, [&](int i) { return touches[static_cast<size_t>(i)].touches; });
    for (size_t i = 0; i < touches.size(); ++i)
      if (touches[i].touches && impression(static_cast<int>(i)).technique != Technique::PopUp)
        dry(static_cast<int>(i));
    Step s = step(Do::Wash, -1, kWash);
    s.wash = need.index;
    s.needed = need.covered;
    add(std::move(s));
    const Ink* ink = m_in.plan.ink(m_in.plan.washes[static_cast<size_t>(need.index)].ink);
    m_washDryAt = std::max(m_washDryAt, m_now + ink->dryOnCard_s / 60);
  }

  void popUps() {
    std::vector<int> pieces;
    for (int i : m_in.order)
      if (impression(i).technique == Technique::PopUp) pieces.push_back(i);
    for (int i : pieces) {
      Step s = step(Do::Stamp, i, kStamp);
      s.piece = true;
      add(std::move(s));
      pressed(i);
    }
    for (int i : pieces) {
      dry(i);
      add(step(Do::Cut, i, kCutPiece));
    }
    if (!pieces.empty() && m_washDryAt > m_now) dryAll();
    for (int i : pieces) add(step(Do::Attach, i, kAttach));
  }

  double leastWork() const {
    double sum = 0;
    for (const Step& s : m_out.steps)
      if (s.what != Do::MaskOn && s.what != Do::MaskOff && s.what != Do::Dry) sum += s.minutes;
    for (const StampMasks& m : m_in.masks)
      sum += m.cut * (kCoverOn + kCoverOff);  // each mask is laid and lifted once
    return sum;
  }
};

}  // namespace

RunSheet buildRunSheet(const RunSheetInput& in) { return Builder(in).run(); }

std::string_view wordOf(Do what) {
  constexpr std::string_view words[] = {"cut",  "tape",   "cutMask", "stamp", "maskOn", "maskOff", "dry",
                                        "wash", "emboss", "wipe",    "draw",  "colour", "attach",  "trim"};
  return words[static_cast<size_t>(what)];
}

std::string maskId(const Stamp& stamp, int number) { return stamp.id + "#" + std::to_string(number + 1); }

}  // namespace havlo
