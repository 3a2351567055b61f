// Only things whose fronts share almost all of them with them need the exact sweep.
#include "core/depth/visible.h"

#include <algorithm>
#include <unordered_map>

#include "core/base/parallel.h"
#include "core/outline/shape_rows.h"

namespace havlo {
namespace {

constexpr size_t kMostSwept = 48;    // covers up to which the sweep is exact and quick
constexpr size_t kWorthThreads = 6;  // sweeps that take longer than beginning a thread

/// Things as spans on lines across the panel, for those that lie among very many others. Each is cut once.
class Spans {
 public:
  using Row = std::vector<std::pair<double, double>>;

  explicit Spans(const Box& panel) : m_panel(panel) {}

  /// Share of the thing on the panel that shows, to about a hundredth of a square millimetre a line; it stops
  /// when it is sure to be more than kHiddenShare.
  double shareOf(const Visible& v) {
    const Rows& thing = rowsOf(*v.thing);
    std::vector<const Rows*> fronts;
    for (const PlacedRef& p : v.fronts) fronts.push_back(&rowsOf(*p));
    double all = 0, shows = 0;
    for (const Row& row : thing.rows)
      for (const auto& [from, to] : row) all += to - from;
    Row covered;
    for (size_t k = 0; k < thing.rows.size(); ++k) {
      covered.clear();
      for (const Rows* f : fronts)
        if (const Row* row = f->at(thing.first + static_cast<int>(k)))
          covered.insert(covered.end(), row->begin(), row->end());
      std::sort(covered.begin(), covered.end());
      for (const auto& [from, to] : thing.rows[k]) {
        double at = from;
        for (const auto& [left, right] : covered) {
          if (left >= to) break;
          if (left > at) shows += left - at;
          at = std::max(at, right);
        }
        if (at < to) shows += to - at;
      }
      if (shows > 2 * kHiddenShare * all) break;
    }
    return all > 0 ? shows / all : 0;
  }

 private:
  static constexpr double kBetween_mm = 0.2;
  struct Rows {
    int first = 0;
    std::vector<Row> rows;
    const Row* at(int k) const {
      return k < first || k >= first + static_cast<int>(rows.size()) ? nullptr : &rows[ix(k - first)];
    }
  };
  Box m_panel;
  std::unordered_map<const Placed*, Rows> m_known;

  const Rows& rowsOf(const Placed& p) {
    const auto [it, fresh] = m_known.try_emplace(&p);
    Rows& out = it->second;
    if (!fresh) return out;
    const Box box = p.box.common(m_panel);
    if (box.empty()) return out;
    out.first = static_cast<int>(std::ceil(box.bottom / kBetween_mm));
    const int last = static_cast<int>(std::floor(box.top / kBetween_mm));
    for (const auto& row :
         crossingsOf(p.silhouette, out.first * kBetween_mm, kBetween_mm, last - out.first + 1)) {
      Row spans;
      for (size_t i = 0; i + 1 < row.size(); i += 2)
        if (const double l = std::max(row[i], m_panel.left), r = std::min(row[i + 1], m_panel.right); r > l)
          spans.emplace_back(l, r);
      out.rows.push_back(std::move(spans));
    }
    return out;
  }
};

double sweptShare(const Visible& v) {
  std::vector<const SweepEdges*> covers;
  for (const PlacedRef& p : v.fronts) covers.push_back(&p->onPanel);
  const double whole = v.thing->areaOnPanel_mm2;
  return areaLeft(v.thing->onPanel, covers, kHiddenShare * whole) / whole;
}

}  // namespace

std::vector<Visible> findVisible(const Plan& plan, const Meetings& meetings,
                                 const std::vector<Visible>* before) {
  std::unordered_map<const Placed*, const Visible*> known;
  if (before)
    for (const Visible& v : *before) known.emplace(v.thing.get(), &v);
  std::vector<Visible> out(plan.impressions.size());
  std::vector<size_t> few;  // to be swept
  Spans spans(plan.card.panel.box());
  for (size_t i = 0; i < out.size(); ++i) {
    Visible& v = out[i];
    v.thing = meetings.placed[i];
    double most = 0;
    for (int k : meetings.of[i]) {
      const Meeting& m = meetings.list[ix(k)];
      const bool overprinted = printsOver(plan.impressions[ix(m.front)].school);
      if (m.back != static_cast<int>(i) || overprinted || !m.overlaps()) continue;
      v.behind.push_back(m.front);
      v.fronts.push_back(meetings.placed[ix(m.front)]);
      most += m.area_mm2;
    }
    if (v.thing->areaOnPanel_mm2 <= 0 || most < (1 - kHiddenShare) * v.thing->areaOnPanel_mm2) continue;
    const auto it = known.find(v.thing.get());
    if (it != known.end() && it->second->fronts == v.fronts) {
      v.share = it->second->share;
    } else if (v.fronts.size() > kMostSwept) {
      v.share = spans.shareOf(v);
    } else {
      few.push_back(i);
    }
  }
  forEachIndex(few.size(), kWorthThreads, [&](size_t k) { out[few[k]].share = sweptShare(out[few[k]]); });
  return out;
}

}  // namespace havlo
