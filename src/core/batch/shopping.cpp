#include "core/batch/shopping.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/card/card_fit.h"
#include "core/cutting/mask_job.h"
#include "core/outline/shape_ops.h"
#include "core/pieces/heights.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

using What = StockNeed::What;
using State = StockNeed::State;

double aroundOf(const Box& b) { return 2 * (b.width() + b.height()); }
int dotsUnder(double area_mm2) {
  return std::max(3, static_cast<int>(std::ceil(area_mm2 / kFoamDotEvery_mm2)));
}

/// What someone counts: is there enough of it?
void counted(StockNeed& need, int there) {
  need.lacking = std::max(0, need.count - there);
  need.state = need.lacking > 0                               ? State::Missing
               : there - need.count < std::max(1, there / 10) ? State::RunsLow
                                                              : State::Enough;
}

void told(StockNeed& need, Left left) {
  need.state = left == Left::Gone ? State::Missing : left == Left::Low ? State::RunsLow : State::Enough;
  if (left == Left::Gone) need.lacking = need.count;
}

/// All goods that pass for the need, taken together.
void fromGoods(StockNeed& need, std::span<const DrawerGood> goods) {
  bool known = false, uncounted = false;
  int there = 0;
  double room = 0;
  Left best = Left::Gone;
  for (const DrawerGood& g : goods) {
    if (!passesFor(g, need)) continue;
    known = true;
    if (g.count) {
      there += *g.count;
      room = maskRoomOn(g);
      continue;
    }
    uncounted = true;
    // What it bore the last time says when it will run low again.
    const bool soon = g.left == Left::Enough && g.bears > 0 && g.worked + worked(need) >= g.bears;
    best = std::min(best, soon ? Left::Low : g.left);
  }
  if (!known) return;
  if (uncounted) {
    told(need, best);
  } else if (need.what == What::MaskingPaper) {
    StockNeed sheets = need;
    sheets.count = static_cast<int>(std::ceil(need.area_mm2 / room));
    counted(sheets, there);
    need.state = sheets.state, need.lacking = sheets.lacking;
  } else {
    counted(need, there);
  }
}

class Needs {
 public:
  Needs(const Plan& plan, const Analysis& a, std::span<const DrawerGood> goods)
      : m_plan(plan), m_a(a), m_goods(goods), m_cards(std::max(1, plan.making.copies)) {}

  std::vector<StockNeed> take(const std::vector<DrawerCut>& cuts, std::span<const DrawerPaper> papers) {
    for (const DrawerCut& cut : cuts) paper(cut, papers);
    inks(), glue(), envelopes(), masks();
    return std::move(m_out);
  }

 private:
  const Plan& m_plan;
  const Analysis& m_a;
  std::span<const DrawerGood> m_goods;
  int m_cards;
  std::vector<StockNeed> m_out;

  void paper(const DrawerCut& cut, std::span<const DrawerPaper> papers) {
    StockNeed need;
    need.what = What::Paper;
    need.name = cut.paper.name, need.colour = cut.paper.colour, need.thickness_mm = cut.paper.thickness_mm;
    need.count = static_cast<int>(cut.own.sheets.size() + cut.bought.sheets.size());
    const bool known =
        !cut.stock.empty() || std::any_of(papers.begin(), papers.end(),
                                          [&](const DrawerPaper& p) { return isThatPaper(cut.paper, p); });
    need.lacking = static_cast<int>(cut.bought.sheets.size());
    const StockSheet* size = !cut.usual.empty() ? &cut.usual[0] : cut.stock.empty() ? nullptr : &cut.stock[0];
    if (size) need.width_mm = size->width_mm, need.height_mm = size->height_mm;
    need.state = need.lacking > 0 ? (known ? State::Missing : State::Unknown) : State::Enough;
    m_out.push_back(std::move(need));
  }

  void inks() {
    std::map<std::string, StockNeed> by;
    const auto use = [&](const std::string& ink, int times, double area) {
      const Ink* found = m_plan.ink(ink);
      if (!found) return;
      StockNeed& need = by[ink];
      need.what = What::Ink, need.ink = ink, need.name = found->name, need.colour = found->colour;
      need.count += times * m_cards, need.area_mm2 += area * m_cards;
    };
    bool powder = false;
    int powdered = 0;
    const auto things = [&](const std::vector<Impression>& list) {
      for (const Impression& i : list) {
        const StampRef stamp = m_plan.stamp(i.stamp);
        use(i.ink, 1, areaOf(stamp->silhouette));
        if (m_plan.ink(i.ink)->kind == InkKind::Embossing) powder = true, powdered += m_cards;
      }
    };
    const auto blends = [&](const Plan& scene) {
      for (const Wash& w : scene.washes)
        if (w.way != WashWay::Relief) use(w.ink, 1, areaOf(reachedArea(scene, w)));
    };
    things(m_plan.impressions), blends(m_plan);
    for (const Face& f : m_plan.faces) {
      things(f.scene.impressions);
      for (const Wash& w : f.scene.washes)
        if (w.way != WashWay::Relief) use(w.ink, 1, areaOf(w.area));
    }
    for (const Colouring& c : m_plan.colourings)
      if (!c.bare && !c.ink.empty()) use(c.ink, 1, 0);
    for (const HandLine& l : m_plan.lines) use(l.ink, 1, 0);
    for (const Accent& a : m_plan.accents)
      if (!a.ink.empty()) use(a.ink, 1, 0);
    for (const Ink& ink : m_plan.inks) {  // in the plan's order
      const auto at = by.find(ink.id);
      if (at == by.end()) continue;
      fromGoods(at->second, m_goods);
      m_out.push_back(std::move(at->second));
    }
    if (!powder) return;
    StockNeed need;
    need.what = What::Powder, need.count = powdered;
    m_out.push_back(std::move(need));
  }

  void glue() {
    std::map<double, int> dots;  // by the height of the foam
    double strip = 0;
    for (const Glued& g : gluedOn(m_plan)) {
      if (g.impression >= 0) {
        const Impression& i = m_plan.impressions[ix(g.impression)];
        dots[foamUnder(i)] += dotsUnder(areaOf(m_plan.stamp(i.stamp)->silhouette));
        continue;
      }
      const Piece& p = m_plan.pieces[ix(g.piece)];
      if (p.raise_mm > 0) {
        dots[p.raise_mm] += dotsUnder(areaOf(shapeOf(p)));
      } else {
        strip += aroundOf(boxOf(shapeOf(p)));
      }
    }
    const CardFit fit = fitCard(m_plan);
    for (size_t k = 0; k + 1 < fit.layers.size(); ++k) {
      const Box& box = fit.layers[k].box;
      if (k == 0 && m_plan.card.raise_mm > 0) {
        dots[m_plan.card.raise_mm] += dotsUnder(box.width() * box.height());
      } else {
        strip += aroundOf(box);
      }
    }
    for (const Piece& p : m_plan.pieces)
      if (p.kind == PieceKind::Inside || p.kind == PieceKind::Liner) strip += aroundOf(boxOf(shapeOf(p)));
    if (strip > 0) {
      StockNeed need;
      need.what = What::Adhesive, need.length_mm = strip * m_cards, need.count = 1;
      fromGoods(need, m_goods);
      m_out.push_back(std::move(need));
    }
    for (const auto& [height, count] : dots) {
      StockNeed need;
      need.what = What::Foam, need.thickness_mm = height, need.count = count * m_cards;
      fromGoods(need, m_goods);
      m_out.push_back(std::move(need));
    }
  }

  void envelopes() {
    for (const Piece& p : m_plan.pieces) {
      if (p.kind != PieceKind::Envelope) continue;
      StockNeed need;
      need.what = What::Envelope, need.name = p.name, need.count = m_cards, need.colour = p.paper.colour;
      const Box box = boxOf(shapeOf(p));
      need.width_mm = box.width(), need.height_mm = box.height();
      fromGoods(need, m_goods);
      m_out.push_back(std::move(need));
    }
  }

  /// All masks to cut, each with room to hold it by; strips for edges and openings by what is usual.
  double maskArea(int masks) const {
    constexpr double kRound_mm = 3, kStrip_mm2 = 6000;
    double area = 0;
    for (size_t s = 0; s < m_a.stampMasks.size(); ++s)
      for (int n = m_a.stampMasks[s].kept; n < m_a.stampMasks[s].kept + m_a.stampMasks[s].cut; ++n, --masks) {
        const Box box = boxOf(maskShapeOf(m_plan, m_a, static_cast<int>(s), n)).grown(kRound_mm);
        area += box.width() * box.height();
      }
    return area + std::max(0, masks) * kStrip_mm2;
  }

  void masks() {
    const int masks = m_a.masksToCut();
    if (masks <= 0) return;
    StockNeed need;
    need.what = What::MaskingPaper, need.count = masks, need.area_mm2 = maskArea(masks);
    fromGoods(need, m_goods);
    m_out.push_back(std::move(need));
  }
};

}  // namespace

double worked(const StockNeed& need) {
  return need.what == What::Adhesive                                 ? need.length_mm
         : need.what == What::Ink || need.what == What::MaskingPaper ? need.area_mm2
                                                                     : 0;
}

double maskRoomOn(const DrawerGood& good) {
  constexpr double kShare = 0.7, kA4_mm2 = 210 * 297;
  return kShare * (good.width_mm > 0 && good.height_mm > 0 ? good.width_mm * good.height_mm : kA4_mm2);
}

bool passesFor(const DrawerGood& g, const StockNeed& need) {
  const auto same = [](double a, double b) { return std::fabs(a - b) < 1; };
  switch (need.what) {
    case What::Ink:
      return g.kind == GoodKind::Ink && (g.ink == need.ink || (g.ink.empty() && g.name == need.name));
    case What::Adhesive:
      return g.kind == GoodKind::Adhesive;
    case What::Foam:
      return g.kind == GoodKind::Foam &&
             (g.thickness_mm <= 0 || std::fabs(g.thickness_mm - need.thickness_mm) < 0.3);
    case What::Envelope:
      return g.kind == GoodKind::Envelope &&
             ((same(g.width_mm, need.width_mm) && same(g.height_mm, need.height_mm)) ||
              (same(g.width_mm, need.height_mm) && same(g.height_mm, need.width_mm)));
    case What::MaskingPaper:
      return g.kind == GoodKind::Masking;
    case What::Paper:
    case What::Powder:
      return false;
  }
  return false;
}

std::vector<StockNeed> needsOf(const Plan& plan, const Analysis& analysis, const std::vector<DrawerCut>& cuts,
                               std::span<const DrawerPaper> papers, std::span<const DrawerGood> goods) {
  return Needs(plan, analysis, goods).take(cuts, papers);
}

}  // namespace havlo
