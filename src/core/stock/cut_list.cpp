// Every piece goes into a free rectangle and what is left of that is cut in two, level or upright first: what
// comes out is made of cuts right across by itself. Orders of the pieces are tried; of a few pieces every way
// of cutting is gone through.
#include "core/stock/cut_list.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>
#include <optional>

#include "core/base/index.h"
#include "core/base/random.h"

namespace havlo {
namespace {

constexpr double kAlike_mm = 1e-6;
constexpr size_t kExactPieces = 9;  // single pieces of which every way of cutting is gone through

struct One {
  int wish;
  double w, h;
  bool turns;
};

/// A free rectangle and how it came about, so that the cuts can be told in order.
struct Free {
  int sheet;  // of those opened
  Box box;
};

struct Opened {
  int stock;
  TrimmedSheet made;
};

/// Pieces put in one after the other.
struct Layout {
  std::vector<Opened> opened;
  std::vector<Free> free;
  std::vector<int> taken;  // of each stock, sheets opened
  std::vector<int> left;
  double used_mm2 = 0;
  size_t cuts = 0;
};

double areaOfBox(const Box& b) { return b.width() * b.height(); }

class Cutting {
 public:
  Cutting(const std::vector<WantedPiece>& wanted, const std::vector<StockSheet>& stock, double kerf_mm)
      : m_stock(stock), m_kerf(std::max(0.0, kerf_mm)) {
    for (size_t k = 0; k < wanted.size(); ++k)
      for (int n = 0; n < wanted[k].count; ++n)
        m_all.push_back({static_cast<int>(k), wanted[k].width_mm, wanted[k].height_mm, wanted[k].turns});
    for (size_t s = 0; s < stock.size(); ++s) m_bySize.push_back(static_cast<int>(s));
    std::stable_sort(m_bySize.begin(), m_bySize.end(),
                     [&](int a, int b) { return sheetArea(a) < sheetArea(b); });
  }

  const std::vector<One>& all() const { return m_all; }
  double sheetArea(int s) const { return m_stock[ix(s)].width_mm * m_stock[ix(s)].height_mm; }
  const std::vector<int>& bySize() const { return m_bySize; }
  const StockSheet& stock(int s) const { return m_stock[ix(s)]; }

  Layout empty() const {
    Layout out;
    out.taken.assign(m_stock.size(), 0);
    return out;
  }

  bool fits(const One& p, const Box& box, bool turned) const {
    if (turned && !p.turns) return false;
    const double w = turned ? p.h : p.w, h = turned ? p.w : p.h;
    return w <= box.width() + kAlike_mm && h <= box.height() + kAlike_mm;
  }

  bool openSheet(Layout& layout, int s) const {
    if (layout.taken[ix(s)] >= m_stock[ix(s)].count) return false;
    ++layout.taken[ix(s)];
    layout.used_mm2 += sheetArea(s);
    layout.opened.push_back({s, {}});
    layout.opened.back().made.sheet = s;
    layout.free.push_back({static_cast<int>(layout.opened.size()) - 1,
                           {0, 0, m_stock[ix(s)].width_mm, m_stock[ix(s)].height_mm}});
    return true;
  }

  /// Puts a piece into the lower left corner of a free rectangle. @param levelFirst  the first cut runs level
  void put(Layout& layout, size_t at, const One& p, bool turned, bool levelFirst) const {
    const Free free = layout.free[at];
    layout.free.erase(layout.free.begin() + static_cast<long>(at));
    const double w = turned ? p.h : p.w, h = turned ? p.w : p.h;
    const Box& b = free.box;
    const Box piece{b.left, b.bottom, b.left + w, b.bottom + h};
    TrimmedSheet& made = layout.opened[ix(free.sheet)].made;
    made.pieces.push_back({p.wish, piece, turned});
    const bool right = b.right - piece.right > kAlike_mm, above = b.top - piece.top > kAlike_mm;
    const double x = std::min(b.right, piece.right + m_kerf), y = std::min(b.top, piece.top + m_kerf);
    const auto keep = [&](const Box& box) {
      if (box.right - box.left > kAlike_mm && box.top - box.bottom > kAlike_mm)
        layout.free.push_back({free.sheet, box});
    };
    const auto cut = [&](const Box& of, bool upright, double where) {
      made.cuts.push_back({of, upright, where});
      ++layout.cuts;
    };
    if (levelFirst) {
      if (above) cut(b, false, piece.top);
      if (right) cut({b.left, b.bottom, b.right, piece.top}, true, piece.right);
      if (above) keep({b.left, y, b.right, b.top});
      if (right) keep({x, b.bottom, b.right, piece.top});
    } else {
      if (right) cut(b, true, piece.right);
      if (above) cut({b.left, b.bottom, piece.right, b.top}, false, piece.top);
      if (right) keep({x, b.bottom, b.right, b.top});
      if (above) keep({b.left, y, piece.right, b.top});
    }
  }

  /// The free rectangle in which least is left over, by the shorter side.
  bool putWhereItFitsBest(Layout& layout, const One& p, int rule) const {
    size_t best = layout.free.size();
    bool bestTurned = false;
    double least = 1e300;
    for (size_t k = 0; k < layout.free.size(); ++k)
      for (const bool turned : {false, true}) {
        const Box& b = layout.free[k].box;
        if (!fits(p, b, turned)) continue;
        const double w = turned ? p.h : p.w, h = turned ? p.w : p.h;
        const double dx = b.width() - w, dy = b.height() - h;
        const double score = rule == 0 ? std::min(dx, dy) : rule == 1 ? areaOfBox(b) : std::max(dx, dy);
        if (score < least - kAlike_mm) least = score, best = k, bestTurned = turned;
      }
    if (best == layout.free.size()) return false;
    const Box& b = layout.free[best].box;
    const double w = bestTurned ? p.h : p.w, h = bestTurned ? p.w : p.h;
    // The larger rest stays whole.
    put(layout, best, p, bestTurned, b.width() * (b.height() - h) > (b.width() - w) * b.height());
    return true;
  }

  Layout inOrder(const std::vector<int>& order, int rule, bool smallestSheet) const {
    Layout out = empty();
    for (int k : order) {
      const One& p = m_all[ix(k)];
      if (putWhereItFitsBest(out, p, rule)) continue;
      bool opened = false;
      const auto tryOpen = [&](int s) {
        const Box whole{0, 0, m_stock[ix(s)].width_mm, m_stock[ix(s)].height_mm};
        if (!opened && (fits(p, whole, false) || fits(p, whole, true))) opened = openSheet(out, s);
      };
      if (smallestSheet) {
        for (int s : m_bySize) tryOpen(s);
      } else {
        for (auto s = m_bySize.rbegin(); s != m_bySize.rend(); ++s) tryOpen(*s);
      }
      if (!opened || !putWhereItFitsBest(out, p, rule)) out.left.push_back(p.wish);
    }
    trim(out);
    return out;
  }

  /// A sheet from which all would also come out of a smaller one at hand is exchanged for that.
  void trim(Layout& layout) const {
    for (Opened& o : layout.opened) {
      double right = 0, top = 0;
      for (const PlacedPiece& p : o.made.pieces)
        right = std::max(right, p.box.right), top = std::max(top, p.box.top);
      for (int s : m_bySize) {
        if (sheetArea(s) >= sheetArea(o.stock)) break;
        const StockSheet& small = m_stock[ix(s)];
        if (layout.taken[ix(s)] >= small.count || right > small.width_mm + kAlike_mm ||
            top > small.height_mm + kAlike_mm)
          continue;
        exchange(layout, o, s);
        break;
      }
    }
  }

 private:
  const std::vector<StockSheet>& m_stock;
  double m_kerf;
  std::vector<One> m_all;
  std::vector<int> m_bySize;

  void exchange(Layout& layout, Opened& o, int s) const {
    const StockSheet &old = m_stock[ix(o.stock)], &now = m_stock[ix(s)];
    --layout.taken[ix(o.stock)], ++layout.taken[ix(s)];
    layout.used_mm2 += sheetArea(s) - sheetArea(o.stock);
    const auto shrink = [&](Box& b) {
      if (b.right > old.width_mm - kAlike_mm) b.right = now.width_mm;
      if (b.top > old.height_mm - kAlike_mm) b.top = now.height_mm;
    };
    for (SheetCut& c : o.made.cuts) shrink(c.of);
    layout.cuts -= static_cast<size_t>(std::erase_if(o.made.cuts, [&](const SheetCut& c) {
      return c.upright ? c.at_mm > c.of.right - kAlike_mm : c.at_mm > c.of.top - kAlike_mm;
    }));
    const auto number = static_cast<int>(&o - layout.opened.data());
    std::erase_if(layout.free, [&](Free& f) {
      if (f.sheet != number) return false;
      shrink(f.box);
      return f.box.right - f.box.left <= kAlike_mm || f.box.top - f.box.bottom <= kAlike_mm;
    });
    o.stock = o.made.sheet = s;
  }
};

/// The better one first: nothing left over, less sheet, fewer cuts, the larger offcut.
bool better(const Layout& a, const Layout& b) {
  if (a.left.size() != b.left.size()) return a.left.size() < b.left.size();
  if (std::fabs(a.used_mm2 - b.used_mm2) > kAlike_mm) return a.used_mm2 < b.used_mm2;
  if (a.cuts != b.cuts) return a.cuts < b.cuts;
  const auto largest = [](const Layout& l) {
    double most = 0;
    for (const Free& f : l.free) most = std::max(most, areaOfBox(f.box));
    return most;
  };
  return largest(a) > largest(b) + kAlike_mm;
}

/// Every way of cutting a few pieces: of each set of them the smallest rectangles from which it comes out by
/// cuts right across, made of two smaller sets side by side or one above the other. Then the sheets: which
/// set from which. Source: building up guillotine patterns from their parts (Wang 1983, from memory).
class Exact {
 public:
  Exact(const Cutting& cutting, double kerf_mm, const Progress& progress)
      : m_cutting(cutting),
        m_kerf(kerf_mm),
        m_progress(progress),
        m_sets(size_t{1} << cutting.all().size()) {}

  /// @param atMost_mm2  a way that takes less sheet than this is wanted
  /// @return the way that takes least; nothing if none takes less
  std::optional<Layout> search(double atMost_mm2) {
    for (unsigned set = 1; set < m_sets.size(); ++set) {
      if (m_progress.stopped()) return {};
      build(set);
    }
    m_least = atMost_mm2 - kAlike_mm;
    m_taken.assign(m_cutting.bySize().size(), 0);
    choose(static_cast<unsigned>(m_sets.size() - 1), 0);
    if (!m_found) return {};
    Layout out = m_cutting.empty();
    for (const Chosen& c : m_best) {
      m_cutting.openSheet(out, c.sheet);
      out.free.pop_back();
      layOut(out, c);
    }
    return out;
  }

 private:
  /// A rectangle that a set comes out of.
  struct Block {
    double w, h;
    unsigned first = 0;         // the set to the left or below; 0: a single piece
    size_t one = 0, other = 0;  // their blocks
    bool upright = false;       // cut between them
    bool turned = false;
  };
  struct Chosen {
    int sheet;
    unsigned set;
    size_t block;
  };
  const Cutting& m_cutting;
  double m_kerf;
  const Progress& m_progress;
  std::vector<std::vector<Block>> m_sets;
  std::vector<int> m_taken;
  std::vector<Chosen> m_now, m_best;
  double m_least = 0;
  bool m_found = false;

  void build(unsigned set) {
    std::vector<Block> all;
    if ((set & (set - 1)) == 0) {
      const One& p = m_cutting.all()[pieceOf(set)];
      all.push_back({p.w, p.h});
      if (p.turns && std::fabs(p.w - p.h) > kAlike_mm) all.push_back({p.h, p.w, 0, 0, 0, false, true});
    }
    for (unsigned a = (set - 1) & set; a > 0; a = (a - 1) & set) {
      const unsigned b = set & ~a;
      if (a < b) continue;  // each pair once: which lies left or below changes nothing
      for (size_t i = 0; i < m_sets[a].size(); ++i)
        for (size_t k = 0; k < m_sets[b].size(); ++k) {
          const Block &x = m_sets[a][i], &y = m_sets[b][k];
          all.push_back({x.w + m_kerf + y.w, std::max(x.h, y.h), a, i, k, true, false});
          all.push_back({std::max(x.w, y.w), x.h + m_kerf + y.h, a, i, k, false, false});
        }
    }
    // Those that no other is smaller than in both ways.
    std::sort(all.begin(), all.end(),
              [](const Block& x, const Block& y) { return x.w != y.w ? x.w < y.w : x.h < y.h; });
    double lowest = 1e300;
    for (const Block& b : all)
      if (b.h < lowest - kAlike_mm) m_sets[set].push_back(b), lowest = b.h;
  }

  static size_t pieceOf(unsigned single) {
    size_t k = 0;
    while (!(single >> k & 1)) ++k;
    return k;
  }

  void choose(unsigned left, double used_mm2) {
    if (left == 0) {
      m_least = used_mm2 - kAlike_mm, m_best = m_now, m_found = true;
      return;
    }
    const unsigned lowest = left & ~(left - 1), others = left & ~lowest;
    for (int s : m_cutting.bySize()) {
      const double now = used_mm2 + m_cutting.sheetArea(s);
      if (now > m_least) break;
      if (m_taken[ix(s)] >= m_cutting.stock(s).count) continue;
      ++m_taken[ix(s)];
      for (unsigned more = others;; more = (more - 1) & others) {
        const unsigned set = lowest | more;
        for (size_t b = 0; b < m_sets[set].size(); ++b) {
          if (m_sets[set][b].w > m_cutting.stock(s).width_mm + kAlike_mm ||
              m_sets[set][b].h > m_cutting.stock(s).height_mm + kAlike_mm)
            continue;
          m_now.push_back({s, set, b});
          choose(left & ~set, now);
          m_now.pop_back();
          break;
        }
        if (more == 0 || now > m_least) break;
      }
      --m_taken[ix(s)];
    }
  }

  void layOut(Layout& out, const Chosen& c) const {
    const Block& b = m_sets[c.set][c.block];
    const StockSheet& sheet = m_cutting.stock(c.sheet);
    cutOff(out, c.set, b, {0, 0, sheet.width_mm, sheet.height_mm});
  }

  /// Cuts a block out of a box, the larger rest whole, and takes it apart.
  void cutOff(Layout& out, unsigned set, const Block& b, const Box& box) const {
    const double dx = box.width() - b.w, dy = box.height() - b.h;
    const bool level = box.width() * dy > dx * box.height();
    Box now = box;
    const auto cutLevel = [&] {
      if (dy > kAlike_mm)
        cut(out, now, false, now.bottom + b.h),
            keep(out, {now.left, now.bottom + b.h + m_kerf, now.right, now.top});
      now.top = now.bottom + b.h;
    };
    const auto cutUpright = [&] {
      if (dx > kAlike_mm)
        cut(out, now, true, now.left + b.w),
            keep(out, {now.left + b.w + m_kerf, now.bottom, now.right, now.top});
      now.right = now.left + b.w;
    };
    if (level)
      cutLevel(), cutUpright();
    else
      cutUpright(), cutLevel();
    if (b.first == 0) {
      out.opened.back().made.pieces.push_back({m_cutting.all()[pieceOf(set)].wish, now, b.turned});
      return;
    }
    const Block &one = m_sets[b.first][b.one], &other = m_sets[set & ~b.first][b.other];
    const double at = b.upright ? now.left + one.w : now.bottom + one.h;
    cut(out, now, b.upright, at);
    Box first = now, second = now;
    if (b.upright)
      first.right = at, second.left = at + m_kerf;
    else
      first.top = at, second.bottom = at + m_kerf;
    cutOff(out, b.first, one, first);
    cutOff(out, set & ~b.first, other, second);
  }

  static void cut(Layout& out, const Box& of, bool upright, double at) {
    out.opened.back().made.cuts.push_back({of, upright, at});
    ++out.cuts;
  }
  static void keep(Layout& out, const Box& box) {
    if (box.right - box.left > kAlike_mm && box.top - box.bottom > kAlike_mm)
      out.free.push_back({static_cast<int>(out.opened.size()) - 1, box});
  }
};

/// The least area of sheets that is enough for an area: sheets are whole.
double leastSheet(const Cutting& cutting, double area_mm2) {
  std::vector<double> sizes;
  for (int s : cutting.bySize())
    for (int n = 0; n < std::min(cutting.stock(s).count, 12); ++n) sizes.push_back(cutting.sheetArea(s));
  if (sizes.size() > 16 || sizes.empty()) {
    // At the least the area itself, and at the least the smallest sheet.
    return std::max(area_mm2, sizes.empty() ? 0.0 : sizes.front());
  }
  double least = 1e300;
  for (unsigned set = 1; set < (1u << sizes.size()); ++set) {
    double sum = 0;
    for (size_t k = 0; k < sizes.size(); ++k)
      if (set >> k & 1) sum += sizes[k];
    if (sum >= area_mm2 - kAlike_mm) least = std::min(least, sum);
  }
  return least > 1e299 ? area_mm2 : least;
}

std::vector<std::vector<int>> usualOrders(const std::vector<One>& all) {
  std::vector<std::vector<int>> out;
  const auto by = [&](auto key) {
    std::vector<int> order(all.size());
    std::iota(order.begin(), order.end(), 0);
    std::stable_sort(order.begin(), order.end(),
                     [&](int a, int b) { return key(all[ix(a)]) > key(all[ix(b)]); });
    out.push_back(std::move(order));
  };
  by([](const One& p) { return p.w * p.h; });
  by([](const One& p) { return std::max(p.w, p.h); });
  by([](const One& p) { return p.h; });
  by([](const One& p) { return p.w; });
  by([](const One& p) { return p.w + p.h; });
  return out;
}

}  // namespace

namespace {

CutList asTheyLie(const std::vector<WantedPiece>& wanted, const std::vector<StockSheet>& stock,
                  double kerf_mm, int tries, const Progress& progress) {
  CutList out;
  const Cutting cutting(wanted, stock, kerf_mm);
  double area = 0;
  for (const One& p : cutting.all()) area += p.w * p.h;
  out.leastSheet_mm2 = cutting.all().empty() ? 0 : leastSheet(cutting, area);
  std::optional<Layout> best;
  const auto offer = [&](Layout layout) {
    if (!best || better(layout, *best)) best = std::move(layout);
  };
  std::vector<std::vector<int>> orders = usualOrders(cutting.all());
  for (const auto& order : orders)
    for (int rule = 0; rule < 3; ++rule)
      for (const bool small : {true, false}) offer(cutting.inOrder(order, rule, small));
  const auto enough = [&] {
    return best->left.empty() && best->used_mm2 <= out.leastSheet_mm2 + kAlike_mm && best->cuts == 0;
  };
  Random random(1);
  std::vector<int> order = orders.front();
  for (int t = 0; t < tries && !progress.stopped() && !enough(); ++t) {
    // From a good order, a few exchanged; now and then from anew.
    if (t % 50 == 0) order = orders[ix(t / 50) % orders.size()];
    std::vector<int> tried = order;
    for (int n = 0; n < 1 + t % 3 && tried.size() > 1; ++n)
      std::swap(tried[random.below(tried.size())], tried[random.below(tried.size())]);
    Layout layout = cutting.inOrder(tried, t % 3, t % 2 == 0);
    const bool good = !better(*best, layout);
    offer(std::move(layout));
    if (good) order = tried;
    progress.at(static_cast<double>(t + 1) / tries);
  }
  // With pieces left over more may come out another way: then every way is gone through as well.
  const bool open = !best->left.empty() || best->used_mm2 > out.leastSheet_mm2 + kAlike_mm;
  bool through = false;
  if (open && !cutting.all().empty() && cutting.all().size() <= kExactPieces) {
    if (auto found = Exact(cutting, std::max(0.0, kerf_mm), progress)
                         .search(best->left.empty() ? best->used_mm2 : 1e300))
      best = std::move(found);
    through = !progress.stopped();
  }
  out.exact = best->left.empty() && (through || best->used_mm2 <= out.leastSheet_mm2 + kAlike_mm);
  if (through) out.leastSheet_mm2 = best->used_mm2;
  out.left = best->left;
  out.used_mm2 = best->used_mm2;
  for (size_t k = 0; k < best->opened.size(); ++k) {
    TrimmedSheet sheet = std::move(best->opened[k].made);
    double rest = cutting.sheetArea(sheet.sheet);
    for (const PlacedPiece& p : sheet.pieces) rest -= areaOfBox(p.box);
    for (const Free& f : best->free)
      if (f.sheet == static_cast<int>(k) && std::min(f.box.width(), f.box.height()) >= kLeastOffcut_mm)
        sheet.offcuts.push_back(f.box), rest -= areaOfBox(f.box);
    std::sort(sheet.offcuts.begin(), sheet.offcuts.end(),
              [](const Box& a, const Box& b) { return areaOfBox(a) > areaOfBox(b); });
    sheet.waste_mm2 = std::max(0.0, rest);
    if (!sheet.pieces.empty()) out.sheets.push_back(std::move(sheet));
  }
  return out;
}

Box laidOver(const Box& b) { return {b.bottom, b.left, b.top, b.right}; }

/// Which sheets are laid over, so that the grain of all runs upright.
std::vector<char> levelOnes(const std::vector<StockSheet>& stock) {
  std::vector<char> out;
  for (const StockSheet& s : stock)
    out.push_back(s.grain == Grain::Level || (s.grain == Grain::Unknown && s.width_mm > s.height_mm));
  return out;
}

}  // namespace

CutList cutListFor(const std::vector<WantedPiece>& wanted, const std::vector<StockSheet>& stock,
                   double kerf_mm, int tries, const Progress& progress) {
  const auto known = [](const auto& x) { return x.grain != Grain::Unknown; };
  if (std::none_of(wanted.begin(), wanted.end(), known) || std::none_of(stock.begin(), stock.end(), known))
    return asTheyLie(wanted, stock, kerf_mm, tries, progress);
  // Everything with a grain is turned so that it runs upright, and then no piece with one may lie sideways.
  const std::vector<char> level = levelOnes(stock);
  std::vector<StockSheet> sheets = stock;
  for (size_t k = 0; k < sheets.size(); ++k)
    if (level[k]) std::swap(sheets[k].width_mm, sheets[k].height_mm);
  std::vector<WantedPiece> pieces = wanted;
  for (WantedPiece& p : pieces) {
    if (p.grain == Grain::Level) std::swap(p.width_mm, p.height_mm);
    p.turns = p.turns && p.grain == Grain::Unknown;
  }
  CutList out = asTheyLie(pieces, sheets, kerf_mm, tries, progress);
  for (TrimmedSheet& s : out.sheets) {
    const bool over = level[ix(s.sheet)];
    for (PlacedPiece& p : s.pieces) {
      const bool swapped = wanted[ix(p.piece)].grain == Grain::Level;
      p.turned = p.turned != (over != swapped);
      if (over) p.box = laidOver(p.box);
    }
    if (!over) continue;
    for (SheetCut& c : s.cuts) c.of = laidOver(c.of), c.upright = !c.upright;
    for (Box& b : s.offcuts) b = laidOver(b);
  }
  return out;
}

}  // namespace havlo
