#include "core/pieces/from_drawer.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/colour/colour.h"

namespace havlo {
namespace {

constexpr int kUncounted = 60;     // sheets that nobody counts
constexpr double kSameColour = 4;  // CIEDE2000: papers that pass for one another
constexpr double kSameThickness = 0.08;

/// The pieces a cut list found no room for, counted.
std::vector<WantedPiece> missingOf(const std::vector<WantedPiece>& wanted, const CutList& list) {
  std::map<int, int> count;
  for (int k : list.left) ++count[k];
  std::vector<WantedPiece> out;
  for (const auto& [k, n] : count) {
    out.push_back(wanted[ix(k)]);
    out.back().count = n;
  }
  return out;
}

int wantedIn(const std::vector<WantedPiece>& pieces) {
  int sum = 0;
  for (const WantedPiece& p : pieces) sum += p.count;
  return sum;
}

/// Would more find room if nobody minded which way the fibres run?
bool fitsAcross(std::vector<WantedPiece> wanted, const DrawerCut& cut, double kerf_mm,
                const Progress& progress) {
  const auto minds = [](const WantedPiece& p) { return p.grain != Grain::Unknown; };
  if (std::none_of(cut.missing.begin(), cut.missing.end(), minds)) return false;
  for (WantedPiece& p : wanted) p.grain = Grain::Unknown;
  return cutListFor(wanted, cut.stock, kerf_mm, 0, progress).left.size() < cut.own.left.size();
}

}  // namespace

bool isThatPaper(const PaperToCut& wanted, const DrawerPaper& paper) {
  if (!wanted.name.empty() && !paper.name.empty()) return wanted.name == paper.name;
  return ciede2000(labOf(wanted.colour), labOf(paper.colour)) < kSameColour &&
         std::fabs(wanted.thickness_mm - paper.thickness_mm) < kSameThickness;
}

std::vector<DrawerCut> cutFromDrawer(const Plan& plan, std::span<const DrawerPaper> papers,
                                     const StockSheet& usual, double kerf_mm, const Progress& progress) {
  std::vector<DrawerCut> out;
  for (PaperToCut& paper : piecesToCut(plan)) {
    DrawerCut cut;
    for (const DrawerPaper& p : papers) {
      if (!isThatPaper(paper, p)) continue;
      const bool known = p.width_mm > 0 && p.height_mm > 0;
      const int sheets = p.sheets.value_or(p.offcut ? 1 : kUncounted);
      if (sheets <= 0) continue;
      cut.stock.push_back({p.name, known ? p.width_mm : usual.width_mm, known ? p.height_mm : usual.height_mm,
                           sheets, p.grain});
      cut.keys.push_back(p.key);
    }
    cut.own = cutListFor(paper.pieces, cut.stock, kerf_mm, 2000, progress);
    cut.missing = missingOf(paper.pieces, cut.own);
    if (!cut.missing.empty()) {
      cut.acrossGrain = fitsAcross(paper.pieces, cut, kerf_mm, progress);
      cut.usual = {usual};
      cut.usual[0].count = std::max(1, wantedIn(cut.missing));
      cut.bought = cutListFor(cut.missing, cut.usual, kerf_mm, 2000, progress);
    }
    cut.paper = std::move(paper);
    out.push_back(std::move(cut));
  }
  return out;
}

PapersAfter papersAfter(const std::vector<DrawerCut>& cuts, std::span<const DrawerPaper> papers) {
  PapersAfter out;
  std::map<std::string, int> used;
  const auto keep = [&](const DrawerPaper& of, const Box& box) {
    DrawerPaper offcut = of;
    offcut.key.clear(), offcut.notes.clear();
    offcut.width_mm = box.width(), offcut.height_mm = box.height();
    offcut.sheets = 1, offcut.offcut = true;
    ++out.offcuts;
    const auto same = std::find_if(out.put.begin(), out.put.end(), [&](const DrawerPaper& p) {
      return p.key.empty() && p.name == offcut.name && p.colour == offcut.colour && p.grain == offcut.grain &&
             std::fabs(p.width_mm - offcut.width_mm) < 0.5 && std::fabs(p.height_mm - offcut.height_mm) < 0.5;
    });
    if (same != out.put.end()) {
      ++*same->sheets;
    } else {
      out.put.push_back(std::move(offcut));
    }
  };
  for (const DrawerCut& cut : cuts) {
    for (const TrimmedSheet& s : cut.own.sheets) {
      const std::string& key = cut.keys[ix(s.sheet)];
      ++used[key];
      const auto of =
          std::find_if(papers.begin(), papers.end(), [&](const DrawerPaper& p) { return p.key == key; });
      if (of != papers.end())
        for (const Box& box : s.offcuts) keep(*of, box);
    }
    DrawerPaper bought;
    bought.name = cut.paper.name, bought.colour = cut.paper.colour;
    bought.thickness_mm = cut.paper.thickness_mm;
    for (const TrimmedSheet& s : cut.bought.sheets)
      for (const Box& box : s.offcuts) keep(bought, box);
  }
  for (const DrawerPaper& p : papers) {
    const auto at = used.find(p.key);
    if (at == used.end()) continue;
    const int left = p.sheets.value_or(p.offcut ? 1 : kUncounted) - at->second;
    if (p.offcut && left <= 0) {
      out.gone.push_back(p.key);
    } else if (p.sheets || p.offcut) {
      out.put.push_back(p);
      out.put.back().sheets = std::max(0, left);
    }
  }
  return out;
}

}  // namespace havlo
