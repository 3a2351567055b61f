// What a card uses up and what must be bought, by hand-worked examples; sheets and offcuts of the drawer.
#include <QTest>

#include "core/batch/shopping.h"
#include "core/chain/chain.h"
#include "core/outline/shape_ops.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

using What = StockNeed::What;
using State = StockNeed::State;

/// A card of 105 x 148 mm folded, on it a panel of 95 x 138, a strip flat, a square raised, an envelope.
Plan card() {
  Plan p = emptyPlan();
  p.card.panel.width_mm = 95, p.card.panel.height_mm = 138;
  p.view->horizon_mm = 60;
  CardBase base;
  base.width_mm = 105, base.height_mm = 148;
  p.card.base = base;
  p.card.paper.name = "Chalk";
  addStamp(p, slab("house", 40, 50));
  put(p, "house", "house", {50, 30}, 4);
  Piece strip;
  strip.id = "strip", strip.width_mm = 60, strip.height_mm = 12, strip.at = {10, 10};
  strip.paper.name = "Night";
  Piece square = strip;
  square.id = "square", square.kind = PieceKind::Plain, square.width_mm = square.height_mm = 50;
  square.at = {20, 60}, square.raise_mm = 2;
  Piece env;
  env.id = "env", env.kind = PieceKind::Envelope, env.width_mm = 114, env.height_mm = 162;
  p.pieces = {strip, square, env};
  return p;
}

DrawerPaper paper(const char* key, const char* name, double w, double h, std::optional<int> sheets) {
  DrawerPaper p;
  p.key = key, p.name = name, p.width_mm = w, p.height_mm = h, p.sheets = sheets;
  return p;
}

const StockSheet kA4{"A4", 210, 297, 1};

const StockNeed* find(const std::vector<StockNeed>& needs, What what, const std::string& name = {}) {
  for (const StockNeed& n : needs)
    if (n.what == what && (name.empty() || n.name == name)) return &n;
  return nullptr;
}

double areaOfSheets(const CutList& list, const std::vector<StockSheet>& stock) {
  double sum = 0;
  for (const TrimmedSheet& s : list.sheets) sum += stock[ix(s.sheet)].width_mm * stock[ix(s.sheet)].height_mm;
  return sum;
}

}  // namespace

class TestShopping : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theDrawersSheets_comeFirst() {
    const Plan p = card();
    // Opened base 210 x 148, panel 95 x 138: one A4 has both.
    std::vector<DrawerPaper> papers{paper("a", "Chalk", 210, 297, 1), paper("b", "Night", 70, 70, 1)};
    auto cuts = cutFromDrawer(p, papers, kA4);
    QCOMPARE(cuts.size(), size_t{2});
    QVERIFY(cuts[0].missing.empty() && cuts[0].own.sheets.size() == 1);
    QVERIFY(cuts[1].missing.empty());  // 60 x 12 and 50 x 50 out of 70 x 70
    // None of the dark paper is left: one new sheet.
    papers[1].sheets = 0;
    cuts = cutFromDrawer(p, papers, kA4);
    QVERIFY(cuts[1].own.sheets.empty());
    QCOMPARE(cuts[1].bought.sheets.size(), size_t{1});
    // Ten cards from one sheet: the rest is to get, and nothing is both.
    Plan ten = p;
    ten.making.copies = 10;
    cuts = cutFromDrawer(ten, papers, kA4);
    size_t pieces = 0;
    for (const CutList* list : {&cuts[0].own, &cuts[0].bought})
      for (const TrimmedSheet& s : list->sheets) pieces += s.pieces.size();
    QCOMPARE(pieces, size_t{20});
    QVERIFY(cuts[0].own.sheets.size() == 1 && cuts[0].bought.left.empty());
  }

  void whatIsCut_isOutOfTheDrawer_offcutsAreIn() {
    const Plan p = card();
    const std::vector<DrawerPaper> papers{paper("a", "Chalk", 210, 297, 3), paper("b", "Night", 210, 297, 1)};
    const auto cuts = cutFromDrawer(p, papers, kA4);
    const PapersAfter after = papersAfter(cuts, papers);
    const auto of = [&](const char* key) {
      for (const DrawerPaper& d : after.put)
        if (d.key == key) return d.sheets.value_or(-1);
      return -2;
    };
    QCOMPARE(of("a"), 2);
    QCOMPARE(of("b"), 0);
    // No paper comes from nothing: offcuts are what the sheets had more than the pieces and the waste.
    for (size_t k = 0; k < 2; ++k) {
      double kept = 0, pieces = 0, waste = 0;
      for (const DrawerPaper& d : after.put)
        if (d.key.empty() && d.name == papers[k].name) kept += d.width_mm * d.height_mm * *d.sheets;
      for (const TrimmedSheet& s : cuts[k].own.sheets) {
        waste += s.waste_mm2;
        for (const PlacedPiece& q : s.pieces) pieces += q.box.width() * q.box.height();
      }
      QVERIFY(std::fabs(areaOfSheets(cuts[k].own, cuts[k].stock) - kept - pieces - waste) < 1);
    }
    // An offcut that is cut up is gone.
    std::vector<DrawerPaper> scrap{paper("a", "Chalk", 210, 297, 3), paper("o", "Night", 70, 70, 1)};
    scrap[1].offcut = true;
    const PapersAfter used = papersAfter(cutFromDrawer(p, scrap, kA4), scrap);
    QVERIFY(used.gone == std::vector<std::string>{"o"});
    // Sheets that nobody counts stay as they are.
    std::vector<DrawerPaper> many{paper("a", "Chalk", 210, 297, {}), paper("b", "Night", 210, 297, {})};
    for (const DrawerPaper& d : papersAfter(cutFromDrawer(p, many, kA4), many).put) QVERIFY(d.key.empty());
  }

  void whatATooLargePieceNeeds_isLeft() {
    Plan p = card();
    p.card.base->width_mm = 300;  // opened 600 wide
    const auto cuts = cutFromDrawer(p, {}, kA4);
    QCOMPARE(cuts[0].bought.left.size(), size_t{1});
    QCOMPARE(cuts[0].missing[ix(cuts[0].bought.left[0])].name, std::string("base"));
  }

  void papersWithoutAName_areKnownByTheirLook() {
    PaperToCut wanted;
    wanted.colour = {250, 250, 246}, wanted.thickness_mm = 0.3;
    DrawerPaper other = paper("a", "", 210, 297, 1);
    other.colour = {251, 250, 246}, other.thickness_mm = 0.3;
    QVERIFY(isThatPaper(wanted, other));
    other.thickness_mm = 0.5;
    QVERIFY(!isThatPaper(wanted, other));
    other.thickness_mm = 0.3, other.colour = {200, 60, 60};
    QVERIFY(!isThatPaper(wanted, other));
    wanted.name = "Chalk", other.name = "Rust";
    other.colour = wanted.colour;
    QVERIFY(!isThatPaper(wanted, other));
  }

  void needs_asWorkedOutByHand() {
    Plan p = card();
    p.making.copies = 4;
    const AnalysisRef a = analyse(p);
    const std::vector<DrawerPaper> papers{paper("a", "Chalk", 210, 297, 2)};
    DrawerGood env, foam, ink;
    env.key = "e", env.kind = GoodKind::Envelope, env.width_mm = 162, env.height_mm = 114, env.count = 3;
    foam.key = "f", foam.kind = GoodKind::Foam, foam.thickness_mm = 2, foam.count = 400;
    ink.key = "i", ink.kind = GoodKind::Ink, ink.ink = "black", ink.left = Left::Low;
    const std::vector<DrawerGood> goods{env, foam, ink};
    const auto needs = needsOf(p, *a, cutFromDrawer(p, papers, kA4), papers, goods);
    // 50 x 50 mm on foam: a dot for every 500 mm², five, on four cards.
    const StockNeed* dots = find(needs, What::Foam);
    QVERIFY(dots && dots->count == 20 && dots->state == State::Enough);
    // Lying or upright, an envelope is one; three of four are there.
    const StockNeed* envelopes = find(needs, What::Envelope);
    QVERIFY(envelopes && envelopes->count == 4 && envelopes->lacking == 1 &&
            envelopes->state == State::Missing);
    // The house: 40 x 50 mm, four times.
    const StockNeed* black = find(needs, What::Ink);
    QVERIFY(black && black->count == 4 && black->state == State::RunsLow);
    QVERIFY(std::fabs(black->area_mm2 - 4 * 2000) < 1e-6);
    // Strip 2(60 + 12), panel on base 2(95 + 138), on four cards.
    const StockNeed* glue = find(needs, What::Adhesive);
    QVERIFY(glue && std::fabs(glue->length_mm - 4 * (144 + 466)) < 1e-6 && glue->state == State::Unknown);
    // Four bases and panels: two sheets are there, one is to get.
    const StockNeed* chalk = find(needs, What::Paper, "Chalk");
    // Two bases fill an A4 but for 1 mm, four panels of 95 x 138 a third one: 190 x 276.
    QVERIFY(chalk && chalk->count == 3 && chalk->lacking == 1 && chalk->state == State::Missing);
    const StockNeed* night = find(needs, What::Paper, "Night");
    QVERIFY(night && night->state == State::Unknown && night->count == 1);
  }
};

HAVLO_TEST(TestShopping)
#include "tst_shopping.moc"
