// Cut lists: every cut goes right across what is in hand and every piece comes out of it; of small lists the
// area used is held against a search of its own kind: top down, over every cut on a whole-millimetre grid.
#include <QTest>
#include <map>
#include <random>

#include "core/stock/cut_list.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

/// Makes the cuts one after the other. @return what is wrong
QString faultIn(const std::vector<WantedPiece>& wanted, const std::vector<StockSheet>& stock,
                const CutList& list, double kerf = 0) {
  std::vector<int> made(wanted.size(), 0), taken(stock.size(), 0);
  double used = 0;
  const auto same = [](const Box& a, const Box& b) {
    return std::fabs(a.left - b.left) < 1e-6 && std::fabs(a.right - b.right) < 1e-6 &&
           std::fabs(a.top - b.top) < 1e-6 && std::fabs(a.bottom - b.bottom) < 1e-6;
  };
  for (const TrimmedSheet& sheet : list.sheets) {
    const StockSheet& from = stock[ix(sheet.sheet)];
    if (++taken[ix(sheet.sheet)] > from.count) return QStringLiteral("more sheets than there are");
    used += from.width_mm * from.height_mm;
    std::vector<Box> parts{{0, 0, from.width_mm, from.height_mm}};
    for (const SheetCut& cut : sheet.cuts) {
      const auto of = std::find_if(parts.begin(), parts.end(), [&](const Box& b) { return same(b, cut.of); });
      if (of == parts.end()) return QStringLiteral("cuts what is not in hand");
      Box low = *of, high = *of;
      parts.erase(of);
      if (cut.upright)
        low.right = cut.at_mm, high.left = cut.at_mm + kerf;
      else
        low.top = cut.at_mm, high.bottom = cut.at_mm + kerf;
      if (low.right - low.left < 1e-6 || low.top - low.bottom < 1e-6) return QStringLiteral("an empty cut");
      parts.push_back(low);
      if (high.right - high.left > 1e-6 && high.top - high.bottom > 1e-6) parts.push_back(high);
    }
    double pieces = 0, kept = 0;
    const auto take = [&](const Box& b) {
      const auto part = std::find_if(parts.begin(), parts.end(), [&](const Box& p) { return same(b, p); });
      if (part == parts.end()) return false;
      parts.erase(part);
      return true;
    };
    for (const PlacedPiece& p : sheet.pieces) {
      const WantedPiece& w = wanted[ix(p.piece)];
      const double width = p.turned ? w.height_mm : w.width_mm, height = p.turned ? w.width_mm : w.height_mm;
      if (p.turned && !w.turns) return QStringLiteral("turned against its grain");
      if (std::fabs(p.box.width() - width) > 1e-6 || std::fabs(p.box.height() - height) > 1e-6)
        return QStringLiteral("a piece of the wrong size");
      if (!take(p.box)) return QStringLiteral("a piece that never comes out");
      ++made[ix(p.piece)], pieces += width * height;
    }
    for (const Box& b : sheet.offcuts) {
      if (!take(b)) return QStringLiteral("an offcut that never comes out");
      if (std::min(b.width(), b.height()) < kLeastOffcut_mm) return QStringLiteral("a scrap kept");
      kept += b.width() * b.height();
    }
    if (std::fabs(from.width_mm * from.height_mm - pieces - kept - sheet.waste_mm2) > 1e-3)
      return QStringLiteral("the waste does not add up");
  }
  for (int k : list.left) ++made[ix(k)];
  for (size_t k = 0; k < wanted.size(); ++k)
    if (made[k] != wanted[k].count) return QStringLiteral("a piece made too often or not at all");
  if (std::fabs(used - list.used_mm2) > 1e-6) return QStringLiteral("the sheet used does not add up");
  if (list.leastSheet_mm2 > used + 1e-6 && list.left.empty()) return QStringLiteral("better than the bound");
  return {};
}

/// Do all of a set come out of one rectangle? Every first cut on the grid, every way to share the set.
class PaperGrid {
 public:
  explicit PaperGrid(const std::vector<WantedPiece>& singles) : m_all(singles) {}
  bool comesOut(int w, int h, unsigned set) {
    if (set == 0) return true;
    double area = 0;
    for (size_t k = 0; k < m_all.size(); ++k)
      if (set >> k & 1) area += m_all[k].width_mm * m_all[k].height_mm;
    if (area > w * h) return false;
    const auto key = std::tuple(w, h, set);
    if (const auto known = m_known.find(key); known != m_known.end()) return known->second;
    bool& out = m_known[key];
    out = false;
    if ((set & (set - 1)) == 0) {
      size_t k = 0;
      while (!(set >> k & 1)) ++k;
      const WantedPiece& p = m_all[k];
      return m_known[key] =
                 (p.width_mm <= w && p.height_mm <= h) || (p.turns && p.height_mm <= w && p.width_mm <= h);
    }
    bool found = false;
    for (unsigned a = set & (set - 1); a > 0 && !found; a = (a - 1) & set) {
      for (int x = 1; x < w && !found; ++x) found = comesOut(x, h, a) && comesOut(w - x, h, set & ~a);
      for (int y = 1; y < h && !found; ++y) found = comesOut(w, y, a) && comesOut(w, h - y, set & ~a);
    }
    return m_known[key] = found;
  }

 private:
  const std::vector<WantedPiece>& m_all;
  std::map<std::tuple<int, int, unsigned>, bool> m_known;
};

/// The least area of sheets, by every way of sharing the pieces among them.
double leastByGrid(const std::vector<WantedPiece>& singles, const std::vector<StockSheet>& stock) {
  PaperGrid grid(singles);
  std::vector<StockSheet> sheets;
  for (const StockSheet& s : stock)
    for (int n = 0; n < s.count; ++n) sheets.push_back(s);
  double best = 1e300;
  std::vector<unsigned> on(sheets.size(), 0);
  const std::function<void(size_t)> share = [&](size_t k) {
    if (k == singles.size()) {
      double sum = 0;
      for (size_t s = 0; s < sheets.size(); ++s)
        if (on[s]) sum += sheets[s].width_mm * sheets[s].height_mm;
      if (sum >= best) return;
      for (size_t s = 0; s < sheets.size(); ++s)
        if (!grid.comesOut(int(sheets[s].width_mm), int(sheets[s].height_mm), on[s])) return;
      best = sum;
      return;
    }
    for (size_t s = 0; s < sheets.size(); ++s) {
      on[s] |= 1u << k;
      share(k + 1);
      on[s] &= ~(1u << k);
    }
  };
  share(0);
  return best;
}

}  // namespace

class TstCutList : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void smallListsTakeTheLeastSheet() {
    std::mt19937 random(11);
    int exact = 0, full = 0;
    for (int seed = 0; seed < 60; ++seed) {
      std::vector<WantedPiece> wanted;
      const int n = 2 + static_cast<int>(random() % 4);
      for (int k = 0; k < n; ++k)
        wanted.push_back({"p", 1.0 + int(random() % 5), 1.0 + int(random() % 5), 1, random() % 4 != 0});
      const std::vector<StockSheet> stock{{"small", 4, 5, 1}, {"middle", 7, 5, 1}, {"large", 8, 8, 1}};
      const CutList list = cutListFor(wanted, stock);
      const QString fault = faultIn(wanted, stock, list);
      QVERIFY2(fault.isEmpty(), qPrintable(QStringLiteral("%1: %2").arg(seed).arg(fault)));
      const double least = leastByGrid(wanted, stock);
      if (least > 1e299) {
        QVERIFY(!list.left.empty());
        ++full;
        continue;
      }
      QVERIFY2(list.left.empty() && std::fabs(list.used_mm2 - least) < 1e-6,
               qPrintable(QStringLiteral("%1: %2 for %3").arg(seed).arg(list.used_mm2).arg(least)));
      QVERIFY(list.exact);
      ++exact;
    }
    QVERIFY(exact > 40);
    qInfo("%d exact, %d that do not fit", exact, full);
  }

  // Five rectangles round a middle one fill a square, but not by cuts right across: the pinwheel.
  void whatOnlyAPinwheelWouldFitTakesALargerSheet() {
    const std::vector<WantedPiece> wanted{{"arm", 17, 13, 4}, {"middle", 4, 4, 1}};
    const std::vector<StockSheet> stock{{"tight", 30, 30, 1}, {"roomy", 34, 30, 1}};
    const CutList list = cutListFor(wanted, stock);
    QVERIFY(faultIn(wanted, stock, list).isEmpty());
    QCOMPARE(list.used_mm2, 1020.0);
    QVERIFY(list.exact);
    QVERIFY(list.leastSheet_mm2 > 900);
  }

  void largeListsComeNearTheirBound() {
    std::mt19937 random(5);
    for (int seed = 0; seed < 6; ++seed) {
      std::vector<WantedPiece> wanted;
      for (int k = 0; k < 40; ++k)
        wanted.push_back({"p", 30.0 + int(random() % 90), 30.0 + int(random() % 90), 1, random() % 5 != 0});
      const std::vector<StockSheet> stock{{"A4", 210, 297, 20}};
      const CutList list = cutListFor(wanted, stock, 0, 400);
      const QString fault = faultIn(wanted, stock, list);
      QVERIFY2(fault.isEmpty(), qPrintable(fault));
      QVERIFY(list.left.empty());
      QVERIFY2(list.used_mm2 < 1.35 * list.leastSheet_mm2,
               qPrintable(QStringLiteral("%1 of %2").arg(list.used_mm2).arg(list.leastSheet_mm2)));
    }
  }

  void kerfIsLostAtEveryCut() {
    const std::vector<WantedPiece> wanted{{"half", 50, 100, 2}};
    QVERIFY(cutListFor(wanted, {{"just", 100, 100, 1}}).left.empty());
    const CutList with = cutListFor(wanted, {{"just", 100, 100, 1}}, 2);
    QCOMPARE(with.left.size(), size_t{1});
    const std::vector<StockSheet> wider{{"wider", 102, 100, 1}};
    const CutList list = cutListFor(wanted, wider, 2);
    QVERIFY(list.left.empty());
    QVERIFY(faultIn(wanted, wider, list, 2).isEmpty());
  }

  void offcutsAreUsedFirstAndKept() {
    const std::vector<WantedPiece> wanted{{"strip", 90, 14, 1}};
    const std::vector<StockSheet> stock{{"A4", 210, 297, 3}, {"offcut", 100, 60, 1}};
    const CutList list = cutListFor(wanted, stock);
    QCOMPARE(list.sheets.size(), size_t{1});
    QCOMPARE(list.sheets[0].sheet, 1);
    QCOMPARE(list.sheets[0].offcuts.size(), size_t{1});  // 100 by 46
    QVERIFY(list.exact);
    QVERIFY(faultIn(wanted, stock, list).isEmpty());
  }

  void nothingAndTooMuchAreSaid() {
    QVERIFY(cutListFor({}, {{"A4", 210, 297, 1}}).sheets.empty());
    const CutList none = cutListFor({{"p", 10, 10, 3}}, {});
    QCOMPARE(none.left.size(), size_t{3});
    const CutList large = cutListFor({{"large", 300, 300, 1}, {"small", 20, 20, 1}}, {{"A4", 210, 297, 1}});
    QCOMPARE(large.left, std::vector<int>{0});
    QVERIFY(!large.exact);
    QCOMPARE(large.sheets.size(), size_t{1});
    // The same every time.
    const std::vector<WantedPiece> wanted{{"a", 70, 50, 9}, {"b", 33, 90, 5}};
    const std::vector<StockSheet> stock{{"A4", 210, 297, 4}};
    const CutList one = cutListFor(wanted, stock), two = cutListFor(wanted, stock);
    QCOMPARE(one.used_mm2, two.used_mm2);
    QCOMPARE(one.sheets.size(), two.sheets.size());
    // Stopped at once: still a way.
    std::stop_source stop;
    stop.request_stop();
    Progress progress;
    progress.stop = stop.get_token();
    QVERIFY(cutListFor(wanted, stock, 0, 2000, progress).left.empty());
  }

  // Every piece with a grain lies by it, and nothing is wasted for that: against the grid, in which a piece
  // that must lie one way is simply not allowed the other.
  void whatIsFoldedLiesByItsGrain() {
    std::mt19937 random(5);
    int bound = 0;
    for (int seed = 0; seed < 60; ++seed) {
      const Grain sheet = random() % 2 ? Grain::Upright : Grain::Level;
      std::vector<WantedPiece> wanted, asItMustLie;
      for (int k = 0, n = 2 + static_cast<int>(random() % 4); k < n; ++k) {
        WantedPiece p{"p", 1.0 + int(random() % 5), 1.0 + int(random() % 5), 1};
        p.grain = static_cast<Grain>(random() % 3);
        wanted.push_back(p);
        if (p.grain != Grain::Unknown && p.grain != sheet) std::swap(p.width_mm, p.height_mm);
        p.turns = p.grain == Grain::Unknown;
        asItMustLie.push_back(p);
      }
      std::vector<StockSheet> stock{{"small", 4, 5, 1}, {"middle", 7, 5, 1}, {"large", 8, 8, 1}};
      for (StockSheet& s : stock) s.grain = sheet;
      const CutList list = cutListFor(wanted, stock);
      const QString fault = faultIn(wanted, stock, list);
      QVERIFY2(fault.isEmpty(), qPrintable(QStringLiteral("%1: %2").arg(seed).arg(fault)));
      for (const TrimmedSheet& s : list.sheets)
        for (const PlacedPiece& p : s.pieces) {
          const WantedPiece& w = wanted[ix(p.piece)];
          if (w.grain == Grain::Unknown || w.width_mm == w.height_mm) continue;
          QCOMPARE(p.turned, w.grain != sheet);
          ++bound;
        }
      const double least = leastByGrid(asItMustLie, stock);
      QCOMPARE(list.left.empty(), least < 1e299);
      if (list.left.empty()) QVERIFY(std::fabs(list.used_mm2 - least) < 1e-6 && list.exact);
    }
    QVERIFY(bound > 60);
  }

  void sheetsOfEitherGrainLieSideBySide() {
    // A base that only a level sheet takes by its grain; the same sheet with it upright does not.
    const std::vector<WantedPiece> base{{"base", 120, 60, 1, true, Grain::Level}};
    const std::vector<StockSheet> level{{"strip", 130, 70, 1, Grain::Level}};
    const std::vector<StockSheet> upright{{"strip", 130, 70, 1, Grain::Upright}};
    QVERIFY(cutListFor(base, level).left.empty());
    QCOMPARE(cutListFor(base, upright).left.size(), size_t{1});
    const std::vector<StockSheet> both{upright[0], level[0]};
    const CutList list = cutListFor(base, both);
    QVERIFY(list.left.empty());
    QCOMPARE(list.sheets[0].sheet, 1);
    QVERIFY(faultIn(base, both, list).isEmpty());
    // Where nothing is known nobody minds.
    QVERIFY(cutListFor(base, {{"strip", 70, 130, 1}}).left.empty());
  }
};

HAVLO_TEST(TstCutList)
#include "tst_cut_list.moc"
