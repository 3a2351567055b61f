#include "core/batch/shopping.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/card/card_fit.h"
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
template <typename F>
void fromGoods(StockNeed& need, std::span<const DrawerGood> goods, F passes) {
  bool known = false, uncounted = false;
  int there = 0;
  Left best = Left::Gone;
  for (const DrawerGood& g : goods) {
    if (!passes(g)) continue;
    known = true;
    if (g.count) there += *g.count;
    if (!g.count) uncounted = true, best = std::min(best, g.left);
  }
  if (!known) return;
  if (uncounted) {
    told(need, best);
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
      fromGoods(at->second, m_goods, [&](const DrawerGood& g) {
        return g.kind == GoodKind::Ink && (g.ink == ink.id || (g.ink.empty() && g.name == ink.name));
      });
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
      fromGoods(need, m_goods, [](const DrawerGood& g) { return g.kind == GoodKind::Adhesive; });
      m_out.push_back(std::move(need));
    }
    for (const auto& [height, count] : dots) {
      StockNeed need;
      need.what = What::Foam, need.thickness_mm = height, need.count = count * m_cards;
      fromGoods(need, m_goods, [h = height](const DrawerGood& g) {
        return g.kind == GoodKind::Foam && (g.thickness_mm <= 0 || std::fabs(g.thickness_mm - h) < 0.3);
      });
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
      fromGoods(need, m_goods, [&](const DrawerGood& g) {
        const auto same = [](double a, double b) { return std::fabs(a - b) < 1; };
        return g.kind == GoodKind::Envelope &&
               ((same(g.width_mm, box.width()) && same(g.height_mm, box.height())) ||
                (same(g.width_mm, box.height()) && same(g.height_mm, box.width())));
      });
      m_out.push_back(std::move(need));
    }
  }

  void masks() {
    const int masks = m_a.masksToCut();
    if (masks <= 0) return;
    StockNeed need;
    need.what = What::MaskingPaper, need.count = masks;
    m_out.push_back(std::move(need));
  }
};

}  // namespace

std::vector<StockNeed> needsOf(const Plan& plan, const Analysis& analysis, const std::vector<DrawerCut>& cuts,
                               std::span<const DrawerPaper> papers, std::span<const DrawerGood> goods) {
  return Needs(plan, analysis, goods).take(cuts, papers);
}

}  // namespace havlo
