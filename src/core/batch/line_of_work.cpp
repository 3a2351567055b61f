#include "core/batch/line_of_work.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/chain/chain.h"
#include "core/ink/ink_facts.h"
#include "core/pieces/face_plan.h"

namespace havlo {
namespace {

using Kind = Station::Kind;

Kind kindOf(Do what) {
  switch (what) {
    case Do::CutMask:
    case Do::Print:
      return Kind::Masks;
    case Do::Stamp:
      return Kind::Stamp;
    case Do::Wash:
      return Kind::Blend;
    case Do::Emboss:
    case Do::Wipe:
      return Kind::Powder;
    case Do::Colour:
    case Do::Draw:
    case Do::Accent:
    case Do::Lift:
    case Do::Own:
    case Do::Pencil:
    case Do::Erase:
      return Kind::Hand;
    case Do::MaskOn:
    case Do::MaskOff:
    case Do::Tape:
    case Do::Dry:
      return Kind::Cover;
    case Do::Cut:
    case Do::Trim:
      return Kind::Cut;
    case Do::Attach:
    case Do::Score:
    case Do::Glue:
      return Kind::Assemble;
    case Do::Enclose:
      return Kind::Enclose;
  }
  return Kind::Hand;
}

std::string inkOf(const Plan& plan, const Step& s) {
  if (s.what == Do::Stamp && s.impression >= 0) return plan.impressions[ix(s.impression)].ink;
  if (s.what == Do::Wash) {
    const Wash& wash = plan.washes[ix(s.wash)];
    return wash.way == WashWay::Relief ? std::string() : wash.ink;
  }
  if (s.what == Do::Print && s.ink >= 0) return plan.inks[ix(s.ink)].id;
  return {};
}

double dryAfter_min(const Plan& plan, const Analysis& a, const Step& s) {
  if (s.what == Do::Stamp && s.impression >= 0)
    return plan.ink(plan.impressions[ix(s.impression)].ink)->dryOnCard_s / 60;
  if (s.what == Do::Wash) {
    const Wash& wash = plan.washes[ix(s.wash)];
    return drySeconds(wash, *plan.ink(wash.ink)) / 60;
  }
  double longest = 0;
  for (int h : s.hand) longest = std::max(longest, a.hand->all()[ix(h)].dry_min);
  return longest;
}

/// The steps of one group as stations: what covers goes with what it is covered for, alike things in one ink
/// are one station as long as nothing has to be uncovered or dry between them.
std::vector<Station> stationsOf(const Plan& plan, const Analysis& a, int group, int cards) {
  std::vector<Station> out;
  std::vector<int> before;  // covers that lie for the station to come
  const auto& steps = a.sheet.steps;
  bool waited = true;
  for (size_t k = 0; k < steps.size(); ++k) {
    const Step& s = steps[k];
    const Kind kind = kindOf(s.what);
    if (s.what == Do::Dry) {
      if (!out.empty()) out.back().wait_min += s.wait;
      waited = waited || s.wait > 0.01;
      continue;
    }
    if (s.what == Do::MaskOff && !out.empty()) {
      out.back().steps.push_back(static_cast<int>(k));
      out.back().minutes += s.minutes;
      waited = true;
      continue;
    }
    if (kind == Kind::Cover) {
      before.push_back(static_cast<int>(k));
      continue;
    }
    const std::string ink = inkOf(plan, s);
    const bool same =
        !out.empty() && !waited && before.empty() && out.back().kind == kind && out.back().ink == ink;
    if (!same) {
      Station fresh;
      fresh.kind = kind, fresh.ink = ink, fresh.group = group, fresh.cards = cards;
      out.push_back(std::move(fresh));
    }
    Station& here = out.back();
    for (int c : before) {
      here.steps.push_back(c), here.minutes += steps[ix(c)].minutes;
      here.masks += static_cast<int>(steps[ix(c)].covers.size());
    }
    before.clear();
    here.steps.push_back(static_cast<int>(k));
    here.minutes += s.minutes;
    if (kind == Kind::Masks) here.masks += static_cast<int>(s.covers.size());
    if (s.impression >= 0 && kind != Kind::Masks)
      here.impressions.push_back(plan.impressions[ix(s.impression)].id);
    here.dry_min = std::max(here.dry_min, dryAfter_min(plan, a, s));
    here.wait_min += s.wait;
    waited = false;
  }
  if (!before.empty() && !out.empty())
    for (int c : before) out.back().steps.push_back(c), out.back().minutes += steps[ix(c)].minutes;
  return out;
}

/// The stamp a mask is of: its id without the number.
std::string stampOfMask(const std::string& mask) { return mask.substr(0, mask.rfind('#')); }

/// What makes two stations of different groups the same work.
std::string keyOf(const Plan& plan, const Analysis& a, const Station& s) {
  std::string key = std::to_string(static_cast<int>(s.kind)) + "|" + s.ink;
  for (int k : s.steps) {
    const Step& step = a.sheet.steps[ix(k)];
    key += "|" + std::string(wordOf(step.what));
    if (step.impression >= 0) {
      const Impression& i = plan.impressions[ix(step.impression)];
      key += ":" + i.id + ":" + i.stamp + ":" + i.ink;
    }
    if (step.wash >= 0) key += ":" + plan.washes[ix(step.wash)].id;
    for (const Cover& c : step.covers) key += ":" + stampOfMask(c.mask) + std::to_string(c.impression);
    for (int h : step.hand) key += ":" + std::to_string(h);
    if (!step.hand.empty())
      for (const HandLine& l : plan.lines) key += l.text.empty() ? std::string() : ":" + l.text;
    key += ":" + std::to_string(step.paper) + ":" + std::to_string(step.layer);
  }
  return key;
}

bool isOfMasks(const Station& s) { return s.kind == Kind::Masks; }

/// Masks of a group that no mask of the cards as planned serves: stations without them fall away.
std::vector<Station> ownMasks(std::vector<Station> stations, const Analysis& a,
                              const std::set<std::string>& have) {
  std::vector<Station> out;
  for (Station& s : stations) {
    if (!isOfMasks(s)) continue;
    int all = 0, own = 0;
    bool limit = false;
    for (int k : s.steps) {
      const Step& step = a.sheet.steps[ix(k)];
      limit = limit || step.limit >= 0;
      for (const Cover& c : step.covers) {
        ++all;
        own += c.joint < 0 && !have.contains(stampOfMask(c.mask));
      }
    }
    if (limit || own == 0) continue;
    s.minutes *= static_cast<double>(own) / all;
    s.masks = own;
    out.push_back(std::move(s));
  }
  return out;
}

/// The work of the cards as planned, with one variation sorted in: equal stations serve both, what only one
/// of them has is done on its own cards.
class Sorting {
 public:
  Sorting(std::vector<Station>& line, std::vector<std::string>& keys) : m_line(line), m_keys(keys) {}

  /// @param more  of the variation, without those of masks
  void in(const std::vector<Station>& more, const std::vector<std::string>& keys, int cards) {
    // The longest common run of stations, by the usual table; those of masks stand between.
    const size_t n = m_line.size(), m = more.size();
    std::vector<std::vector<int>> longest(n + 1, std::vector<int>(m + 1, 0));
    for (size_t i = n; i-- > 0;)
      for (size_t j = m; j-- > 0;)
        longest[i][j] =
            m_keys[i] == keys[j] ? longest[i + 1][j + 1] + 1 : std::max(longest[i + 1][j], longest[i][j + 1]);
    std::vector<Station> out;
    std::vector<std::string> outKeys;
    size_t i = 0, j = 0;
    const auto take = [&](const Station& s, const std::string& key) {
      out.push_back(s), outKeys.push_back(key);
    };
    while (i < n || j < m) {
      if (i < n && (isOfMasks(m_line[i]) || m_line[i].group > 0)) {
        take(m_line[i], m_keys[i]), ++i;
      } else if (i < n && j < m && m_keys[i] == keys[j]) {
        take(m_line[i], m_keys[i]), ++i, ++j;
      } else if (j >= m || (i < n && longest[i + 1][j] >= longest[i][j + 1])) {
        // Not on the cards of this variation.
        Station fewer = m_line[i];
        const int left = std::max(0, fewer.cards - cards);
        fewer.minutes *= static_cast<double>(left) / fewer.cards;
        fewer.cards = left, fewer.group = 0;
        if (left > 0) take(fewer, m_keys[i]);
        ++i;
      } else {
        take(more[j], keys[j]), ++j;
      }
    }
    m_line = std::move(out), m_keys = std::move(outKeys);
  }

 private:
  std::vector<Station>& m_line;
  std::vector<std::string>& m_keys;
};

/// The inside and the envelope are stamped before anything is put together. @return minutes of one card alone
double sortInFaces(const Plan& plan, Batch& batch, const ArtSource* art) {
  double alone_min = 0;
  const auto before = [&] {
    return std::find_if(batch.stations.begin(), batch.stations.end(),
                        [](const Station& s) { return s.face < 0 && s.kind >= Kind::Assemble; });
  };
  for (const int piece : printedFaces(plan)) {
    BatchFace face;
    face.piece = piece;
    face.plan = facePlan(plan, piece);
    face.plan.faces.clear();
    Plan one = face.plan;
    one.making.copies = 1;
    alone_min += withBestOrder(one, analyse(one, nullptr, art))->sheet.minutes;
    face.plan.making.copies = batch.cards;
    face.analysis = withBestOrder(face.plan, analyse(face.plan, nullptr, art));
    std::vector<Station> stations = stationsOf(face.plan, *face.analysis, -1, batch.cards);
    for (Station& s : stations) s.face = static_cast<int>(batch.faces.size());
    batch.faces.push_back(std::move(face));
    batch.stations.insert(before(), stations.begin(), stations.end());
  }
  return alone_min;
}

}  // namespace

Drying dryingOf(int cards, double each_min, double dry_min, int places) {
  Drying out;
  std::vector<double> laid, free;
  double hands = 0;
  for (int c = 0; c < cards; ++c) {
    hands += each_min;
    if (places > 0 && c >= places) {
      const double waits = std::max(0.0, free[ix(c - places)] - hands);
      out.wait_min += waits, hands += waits;
    }
    laid.push_back(hands), free.push_back(hands + dry_min);
  }
  out.handsFree_min = hands;
  if (cards > 0) out.firstDry_min = free.front(), out.lastDry_min = free.back();
  if (dry_min <= 0) return out;
  for (size_t c = 0; c < laid.size(); ++c) {
    int lie = 0;
    for (size_t o = 0; o <= c; ++o) lie += free[o] > laid[c] + 1e-9;
    out.most = std::max(out.most, lie);
  }
  return out;
}

std::string unknownIn(const Plan& plan, const Variation& variation) {
  for (const Swap& s : variation.swaps) {
    const bool line = std::any_of(plan.lines.begin(), plan.lines.end(),
                                  [&](const HandLine& l) { return l.id == s.impression; });
    if (!plan.impression(s.impression) && !line) return s.impression;
    if (!s.stamp.empty() && !plan.stamp(s.stamp)) return s.stamp;
    if (!s.ink.empty() && !plan.ink(s.ink)) return s.ink;
  }
  return {};
}

Plan withVariation(const Plan& plan, const Variation& variation) {
  Plan out = plan;
  for (const Swap& s : variation.swaps) {
    for (Impression& i : out.impressions) {
      if (i.id != s.impression) continue;
      if (!s.stamp.empty() && plan.stamp(s.stamp) && s.stamp != i.stamp) {
        i.stamp = s.stamp, i.part.clear(), i.like.clear();
        // Its colouring belongs to the other stamp's parts.
        std::erase_if(out.colourings, [&](const Colouring& c) { return c.impression == s.impression; });
      }
      if (!s.ink.empty() && plan.ink(s.ink)) i.ink = s.ink;
    }
    for (HandLine& l : out.lines) {
      if (l.id != s.impression) continue;
      if (!s.text.empty()) l.text = s.text;
      if (!s.ink.empty() && plan.ink(s.ink)) l.ink = s.ink;
    }
  }
  return out;
}

Plan groupPlan(const Plan& plan, int variation, int cards) {
  Plan out = variation < 0 ? plan : withVariation(plan, plan.making.variations[ix(variation)]);
  out.making.copies = std::max(1, cards);
  out.making.variations.clear();
  return out;
}

Batch lineOfWork(const Plan& plan, const AnalysisRef& analysis, const ArtSource* art,
                 const Progress& progress) {
  Batch out;
  out.cards = std::max(1, plan.making.copies);
  int left = out.cards;
  std::vector<BatchGroup> varied;
  for (size_t v = 0; v < plan.making.variations.size(); ++v) {
    const int cards = std::min(left, plan.making.variations[v].copies);
    if (cards <= 0) continue;
    varied.push_back({static_cast<int>(v), cards, nullptr});
    left -= cards;
  }
  if (left > 0) out.groups.push_back({-1, left, nullptr});
  for (BatchGroup& g : varied) out.groups.push_back(std::move(g));
  std::vector<std::string> ids;
  for (int i : analysis->order) ids.push_back(plan.impressions[ix(i)].id);
  const auto inThatOrder = [&](const Plan& own) {
    const AnalysisRef quick = analyse(own, nullptr, art);
    auto same = reordered(own, *quick, ids);
    return same ? std::move(same).value() : quick;
  };
  std::vector<std::string> lineKeys;
  std::set<std::string> masks;  // stamps whose masks are made for the first group, and so for all
  for (size_t g = 0; g < out.groups.size() && !progress.stopped(); ++g) {
    BatchGroup& group = out.groups[g];
    // The first group's work is planned for all cards, so that what the others share is there for them.
    const int cards = g == 0 ? out.cards : group.cards;
    const Plan own = groupPlan(plan, group.variation, cards);
    group.analysis = inThatOrder(own);
    const int number = g == 0 ? -1 : static_cast<int>(g);
    std::vector<Station> stations = stationsOf(own, *group.analysis, number, cards);
    if (g == 0) {
      for (const Step& s : group.analysis->sheet.steps)
        if (s.what == Do::CutMask)
          for (const Cover& c : s.covers) masks.insert(stampOfMask(c.mask));
      for (const Station& s : stations) lineKeys.push_back(keyOf(own, *group.analysis, s));
      out.stations = std::move(stations);
    } else {
      std::vector<Station> more;
      std::vector<std::string> keys;
      for (const Station& s : stations) {
        if (isOfMasks(s)) continue;
        more.push_back(s);
        keys.push_back(keyOf(own, *group.analysis, s));
      }
      Sorting(out.stations, lineKeys).in(more, keys, group.cards);
      std::vector<Station> first = ownMasks(std::move(stations), *group.analysis, masks);
      lineKeys.insert(lineKeys.begin(), first.size(), std::string());
      out.stations.insert(out.stations.begin(), first.begin(), first.end());
    }
    progress.at(static_cast<double>(g + 1) / static_cast<double>(out.groups.size()));
  }
  const double alone_min = inThatOrder(groupPlan(plan, -1, 1))->sheet.minutes;
  out.alone_min = alone_min + sortInFaces(plan, out, art);
  for (Station& s : out.stations) {
    if (!isOfMasks(s)) {
      const Drying dries = dryingOf(s.cards, s.minutes / s.cards, s.dry_min, plan.making.rack);
      s.drying = dries.most, s.rackWait_min = dries.wait_min;
      out.rackWait_min += s.rackWait_min;
      out.mostDrying = std::max(out.mostDrying, s.drying);
    }
    out.minutes += s.minutes + s.wait_min + s.rackWait_min;
  }
  out.spared_min = out.alone_min * out.cards - out.minutes;
  return out;
}

}  // namespace havlo
