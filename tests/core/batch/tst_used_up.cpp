// What a card takes of the stock, against sums on paper.
#include <QTest>

#include "core/batch/used_up.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

using What = StockNeed::What;

StockNeed need(What what, int count, double area = 0, double length = 0) {
  StockNeed n;
  n.what = what, n.count = count, n.area_mm2 = area, n.length_mm = length;
  return n;
}

DrawerGood good(const char* key, GoodKind kind, std::optional<int> count = {}) {
  DrawerGood g;
  g.key = key, g.name = key, g.kind = kind, g.count = count;
  return g;
}

}  // namespace

class TestUsedUp : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void countedGoods_goDownByWhatWasTaken() {
    StockNeed foam = need(What::Foam, 20);
    foam.thickness_mm = 2;
    DrawerGood thin = good("thin", GoodKind::Foam, 100), thick = good("thick", GoodKind::Foam, 12),
               more = good("more", GoodKind::Foam, 30);
    thin.thickness_mm = 1, thick.thickness_mm = 2, more.thickness_mm = 2;
    const std::vector<DrawerGood> goods{thin, thick, more};
    const auto used = usedUp(std::vector{foam}, goods);
    // 12 of the first that is 2 mm high, 8 of the next; the thin ones are let alone.
    QCOMPARE(used.size(), size_t{2});
    QCOMPARE(used[0].after.key, std::string("thick"));
    QCOMPARE(used[0].after.count.value(), 0);
    QCOMPARE(used[1].after.count.value(), 22);
    QCOMPARE(used[1].lacking, 0);
  }

  void whatTheDrawerHasNotIsSaid() {
    StockNeed envelope = need(What::Envelope, 4);
    envelope.width_mm = 114, envelope.height_mm = 162;
    DrawerGood some = good("e", GoodKind::Envelope, 3);
    some.width_mm = 162, some.height_mm = 114;
    const auto used = usedUp(std::vector{envelope}, std::vector{some});
    QCOMPARE(used.size(), size_t{1});
    QCOMPARE(used[0].after.count.value(), 0);
    QCOMPARE(used[0].lacking, 1);
    QVERIFY(usedUp(std::vector{envelope}, std::vector<DrawerGood>{}).empty());
  }

  /// A pad that ran low after 600 mm² twice is called low before it does so the third time.
  void anInkTellsWhenItWillRunLow() {
    StockNeed black = need(What::Ink, 3, 200);
    black.ink = "black", black.name = "Soot";
    DrawerGood pad = usedUp(std::vector{black}, std::vector<DrawerGood>{})[0].after;
    QCOMPARE(pad.kind, GoodKind::Ink);
    QCOMPARE(pad.worked, 200.0);
    QVERIFY(!shareUsed(pad));
    pad.key = "pad";
    for (int card = 0; card < 2; ++card) pad = usedUp(std::vector{black}, std::vector{pad})[0].after;
    pad = told(pad, Left::Low);
    QCOMPARE(pad.bears, 600.0);
    pad = told(pad, Left::Gone);
    QCOMPARE(pad.bears, 600.0);  // known since it ran low
    pad = told(pad, Left::Enough);
    QCOMPARE(pad.worked, 0.0);
    QCOMPARE(shareUsed(pad).value(), 0.0);
    // Half of what was before and half of this time: (600 + 1000) / 2.
    DrawerGood other = pad;
    other.worked = 1000;
    QCOMPARE(told(other, Left::Low).bears, 800.0);
    // Full again without having been low tells nothing of what it bears.
    QCOMPARE(told(told(other, Left::Enough), Left::Enough).bears, 600.0);
  }

  void masksEatSheetsOnlyWhenTheSheetIsFull() {
    // Of A4, 210 x 297, seven tenths go into masks: 43 659 mm².
    StockNeed masks = need(What::MaskingPaper, 5, 20000);
    DrawerGood paper = good("m", GoodKind::Masking, 10);
    int sheets = 10;
    double cut = 0;
    for (int card = 0; card < 9; ++card) {
      paper = usedUp(std::vector{masks}, std::vector{paper})[0].after;
      cut += 20000;
      while (cut >= 43659) cut -= 43659, --sheets;
      QCOMPARE(paper.count.value(), sheets);
    }
    QCOMPARE(sheets, 6);  // 180 000 are four sheets and some
  }

  void aChangeOfTheStockIsUndone() {
    DrawerGood a = good("a", GoodKind::Foam, 3), b = good("b", GoodKind::Foam, 5);
    DrawerPaper sheet;
    sheet.key = "p", sheet.sheets = 2;
    StockChange change;
    DrawerGood less = a;
    less.count = 1;
    change.goods = {less, good("new", GoodKind::Ink)}, change.goodsGone = {"b"},
    change.papersGone = {"p", "?"};
    const StockChange undo = undoing(change, std::vector{sheet}, std::vector{a, b});
    QVERIFY(undo.goods == (std::vector{a, b}));
    QVERIFY(undo.goodsGone == std::vector<std::string>{"new"});
    QVERIFY(undo.papers == std::vector{sheet} && undo.papersGone.empty());
  }
};

HAVLO_TEST(TestUsedUp)
#include "tst_used_up.moc"
