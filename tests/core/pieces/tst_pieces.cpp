// Pieces of paper: read and written, glued in the order of their heights, pressed as meant, thick and heavy
// as worked out by hand, and what is wrong with them is said.
#include <QTest>

#include "core/card/card_sizes.h"
#include "core/chain/chain.h"
#include "core/edit/card_edits.h"
#include "core/edit/edits.h"
#include "core/edit/piece_edits.h"
#include "core/outline/shape_ops.h"
#include "core/pieces/card_stack.h"
#include "core/pieces/face_plan.h"
#include "core/pieces/heights.h"
#include "core/pieces/to_cut.h"
#include "core/plan/plan_text.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Piece piece(const char* id, PieceKind kind, Box box, Colour colour = {0x22, 0x22, 0x22}) {
  Piece p;
  p.id = id, p.kind = kind;
  p.width_mm = box.width(), p.height_mm = box.height(), p.at = {box.left, box.bottom};
  p.paper.colour = colour;
  return p;
}

/// A house, a tree behind it, and a word on a black strip across both.
Plan withStrip() {
  Plan p = emptyPlan();
  Ink white;
  white.id = "white", white.colour = {250, 250, 246}, white.opacity = 0.9;
  p.inks.push_back(white);
  addStamp(p, slab("house", 40, 50)), addStamp(p, slab("tree", 30, 70)), addStamp(p, slab("word", 30, 6));
  put(p, "house", "house", {50, 30}, 4);
  put(p, "tree", "tree", {75, 40}, 9).ink = "blue";
  Impression& word = put(p, "word", "word", {60, 53}, 1);
  word.ink = "white", word.piece = "strip", word.school = School::PopUp;
  p.pieces = {piece("strip", PieceKind::Strip, {35, 50, 105, 62})};
  return p;
}

Mat matOf(double reveal_mm) {
  Mat m;
  m.reveal_mm = reveal_mm;
  return m;
}

Simulation pressed(const Plan& p, const Analysis& a) {
  return simulate(a.press(p, nullptr), a.sheet, 100).value();
}

std::vector<Do> endOf(const Analysis& a, size_t steps) {
  std::vector<Do> out;
  for (size_t k = a.sheet.steps.size() - std::min(steps, a.sheet.steps.size()); k < a.sheet.steps.size(); ++k)
    out.push_back(a.sheet.steps[k].what);
  return out;
}

}  // namespace

class TstPieces : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aWordOnABlackStripIsWhiteOnBlack() {
    const Plan p = withStrip();
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const Simulation s = pressed(p, *a);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    QVERIFY(colourAt(s.card, {40, 56}) == linearOf(Colour{0x22, 0x22, 0x22}));  // the strip, over the house
    const LinearRgb word = colourAt(s.card, {60, 56});
    QVERIFY(luminanceOf(word) > 0.7);
    QVERIFY(colourAt(s.card, {85, 90}) != linearOf(p.card.paper.colour));  // the tree above it
    // No mask for what is on the strip, none under it; it is cut and glued once, last.
    QCOMPARE(endOf(*a, 2), (std::vector<Do>{Do::Cut, Do::Glue}));
    for (const Step& step : a->sheet.steps)
      for (const Cover& c : step.covers) QVERIFY(c.impression != 2);
  }

  void forgottenPiecesAndPrintsAreMissed() {
    const Plan p = withStrip();
    const AnalysisRef a = analyse(p);
    const auto without = [&](auto is) {
      RunSheet sheet = a->sheet;
      std::erase_if(sheet.steps.own(), is);
      return simulate(a->press(p, nullptr), sheet, 100).value();
    };
    const Simulation bare = without([](const Step& s) { return s.what == Do::Glue; });
    QVERIFY(!bare.proven && bare.unexplained_mm2 > 500);
    const Simulation mute = without([](const Step& s) { return s.what == Do::Stamp && s.impression == 2; });
    QVERIFY(!mute.proven);
    QCOMPARE(static_cast<int>(mute.worst[0].blame.kind), static_cast<int>(Blame::Kind::Omitted));
    QCOMPARE(mute.worst[0].blame.back, 2);
  }

  // Higher paper over lower paper, whatever the list says; a thing that pops up higher than a piece stays
  // over it.
  void higherLiesOverLower() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    Impression& hero = put(p, "hero", "s", {60, 60}, 2);
    hero.school = School::PopUp, hero.raise_mm = 3;
    Piece high = piece("high", PieceKind::Plain, {20, 20, 60, 60}, {200, 0, 0});
    high.raise_mm = 2;
    Piece low = piece("low", PieceKind::Plain, {40, 40, 100, 100}, {0, 200, 0});
    Piece onLow = piece("onLow", PieceKind::Plain, {80, 80, 95, 95}, {0, 0, 200});
    onLow.on = "low";
    p.pieces = {high, onLow, low};
    QCOMPARE(underside_mm(p, 1), 0.3);
    const AnalysisRef a = analyse(p);
    std::vector<int> order;
    for (const Glued& g : gluedOn(p)) order.push_back(g.piece);
    QCOMPARE(order, (std::vector<int>{2, 1, 0, -1}));
    const Simulation s = pressed(p, *a);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    QVERIFY(colourAt(s.card, {50, 45}) == linearOf(Colour{200, 0, 0}));  // high over low
    QVERIFY(colourAt(s.card, {90, 90}) == linearOf(Colour{0, 0, 200}));  // on low
    QVERIFY(colourAt(s.card, {95, 50}) == linearOf(Colour{0, 200, 0}));
    QVERIFY(colourAt(s.card, {58, 70}) != linearOf(Colour{0, 200, 0}));  // the hero over low
    // Glued in another order: refused.
    RunSheet sheet = a->sheet;
    std::vector<Step>& steps = sheet.steps.own();
    const auto glue = [&](int paper) {
      return std::find_if(steps.begin(), steps.end(), [&](const Step& step) {
        return (step.what == Do::Glue || step.what == Do::Attach) && step.paper == paper;
      });
    };
    std::iter_swap(glue(0), glue(2));
    QVERIFY(!simulate(a->press(p, nullptr), sheet, 100).value().proven);
  }

  void areReadWrittenAndRefused() {
    Plan p = withStrip();
    p.pieces[0].name = "Black strip", p.pieces[0].raise_mm = 1.5, p.pieces[0].paper.weight_gsm = 210;
    p.pieces.push_back(piece("inside", PieceKind::Inside, {0, 0, 100, 140}));
    Impression in = p.impressions[0];
    in.id = "small", in.piece.clear();
    p.faces.push_back({"inside", {}});
    p.faces[0].scene.impressions = {in};
    p.making.post.thickness_mm = 5;
    const auto back = readPlan(writePlan(p));
    QVERIFY(back);
    QVERIFY(back.value().plan == p);
    const auto refused = [&](const char* from, const char* to) {
      std::string text = writePlan(p);
      const size_t at = text.find(from);
      if (at == std::string::npos) return std::string("not there");
      text.replace(at, std::string(from).size(), to);
      const auto read = readPlan(text);
      return read ? std::string("read") : read.error().text();
    };
    QVERIFY(refused("\"piece\": \"strip\"", "\"piece\": \"slip\"").find("slip") != std::string::npos);
    QVERIFY(refused("\"width\": 70", "\"width\": 0").find("pieces[0].outline.width") != std::string::npos);
    QVERIFY(refused("\"cut\": \"trimmer\"", "\"cut\": \"teeth\"").find("teeth") != std::string::npos);
    Plan many = withStrip();
    for (int k = 0; k < 400; ++k)
      many.pieces.push_back(piece(("p" + std::to_string(k)).c_str(), PieceKind::Plain, {0, 0, 5, 5}));
    QVERIFY(!readPlan(writePlan(many)));
    Plan ring = withStrip();
    ring.pieces.push_back(piece("b", PieceKind::Plain, {0, 0, 10, 10}));
    ring.pieces[0].on = "b", ring.pieces[1].on = "strip";
    const auto circle = readPlan(writePlan(ring));
    QVERIFY(!circle && circle.error().text().find("circle") != std::string::npos);
  }

  // What is stamped inside is kept whatever is done to the panel, and refers to nothing there.
  void whatIsElsewhereIsKept() {
    Plan p = withStrip();
    p.pieces.push_back(piece("inside", PieceKind::Inside, {0, 0, 100, 140}));
    addStamp(p, slab("flower", 10, 10));
    Impression in = p.impressions[0];
    in.id = "flower", in.stamp = "flower", in.piece.clear();
    p.faces.push_back({"inside", {}});
    p.faces[0].scene.impressions = {in};
    Colouring c;
    c.id = "c", c.impression = "flower", c.ink = "blue";
    p.faces[0].scene.colourings = {c};
    QVERIFY(!withoutStamp(p, "flower"));
    const Plan more = withNewImpression(p, "flower", {20, 20}).value();
    QVERIFY(more.impressions.back().id != "flower");
    const Plan less = without(more, "house").value();
    const auto back = readPlan(writePlan(less));
    QVERIFY(back && back.value().plan == less);
    const AnalysisRef read = analyse(p);
    for (const Finding& f : read->findings) QVERIFY(f.kind != FindingKind::HandworkGone);
    QVERIFY(facePlan(p, 1).colourings.size() == 1);
    Plan tied = p;
    tied.impressions[0].inFrontOf = {"flower"};
    QVERIFY(!readPlan(writePlan(tied)));
    tied = p;
    tied.faces[0].scene.impressions[0].inFrontOf = {"house"};
    QVERIFY(!readPlan(writePlan(tied)));
  }

  void editsKeepThingsTogether() {
    Plan p = withStrip();
    Piece moved = p.pieces[0];
    moved.at = moved.at + Point{3, -5};
    const Plan after = withPiece(p, moved).value();
    QVERIFY(distance(after.impressions[2].at, p.impressions[2].at + Point{3, -5}) < 1e-9);
    moved.turn_deg = 90;
    const Plan turned = withPiece(p, moved).value();
    // The corner stays, the word goes round it.
    const Point arm = p.impressions[2].at - p.pieces[0].at;
    QVERIFY(distance(turned.impressions[2].at, moved.at + Point{-arm.y, arm.x}) < 1e-9);
    QCOMPARE(turned.impressions[2].turn_deg, 90.0);
    Piece self = p.pieces[0];
    self.on = "strip";
    QVERIFY(!withPiece(p, self));
    self.on.clear(), self.width_mm = 0;
    QVERIFY(!withPiece(p, self));
    const Plan gone = withoutPiece(p, "strip").value();
    QVERIFY(gone.pieces.empty() && gone.impressions[2].piece.empty() &&
            gone.impressions[2].school == School::Mask);
    QVERIFY(!withoutPiece(p, "no"));
    QVERIFY(withSchool(p, "word", School::Overprint).value().impressions[2].piece.empty());
    std::string house = "house";
    const Plan strip = withStripUnder(gone, "word", 3, {}).value();
    QCOMPARE(strip.pieces.size(), size_t{1});
    QVERIFY(std::fabs(strip.pieces[0].width_mm - 36) < 1e-9 &&
            std::fabs(strip.pieces[0].height_mm - 12) < 1e-9);
    QCOMPARE(strip.impressions[2].piece, strip.pieces[0].id);
    QVERIFY(!withThingOnPiece(p, "house", "nowhere"));
  }

  // Worked by hand: base 2 × 0.3, mat 0.3, panel 0.3, strip 0.5 on 2 mm foam: 3.7 mm; weights from areas.
  void thicknessAndWeightAddUp() {
    Plan p = emptyPlan();
    p.card.panel = {100, 140, {}};
    p.card.mats = {matOf(3)};
    p.card.base = CardBase{112, 152, "left", {}, {}};
    Piece strip = piece("strip", PieceKind::Strip, {10, 10, 60, 30});
    strip.raise_mm = 2, strip.paper.thickness_mm = 0.5, strip.paper.weight_gsm = 300;
    Piece inside = piece("in", PieceKind::Inside, {0, 0, 100, 140});
    inside.paper.thickness_mm = 0.1, inside.paper.weight_gsm = 100;
    p.pieces = {strip, inside};
    const CardStack s = stackOf(p, analyse(p)->meetings.placed);
    QVERIFY(std::fabs(s.thickness_mm - (0.6 + 0.3 + 0.3 + 2 + 0.5 + 0.1)) < 1e-9);
    const double grams =
        240 * (2 * 112 * 152 + 106 * 146 + 100 * 140) / 1e6 + 300 * 50 * 20 / 1e6 + 100 * 100 * 140 / 1e6;
    QVERIFY2(std::fabs(s.weight_g - grams) < 1e-9, qPrintable(QString::number(s.weight_g)));
    QCOMPARE(s.width_mm, 112.0);
    QVERIFY(s.faults.empty());
    QVERIFY(!s.envelopes.empty());
    p.making.post.thickness_mm = 3, p.making.post.weight_g = 10;
    Piece envelope = piece("env", PieceKind::Envelope, {0, 0, 114, 155});
    p.pieces.push_back(envelope);
    const CardStack strict = stackOf(p, analyse(p)->meetings.placed);
    std::vector<StackFaultKind> kinds;
    for (const StackFault& f : strict.faults) kinds.push_back(f.kind);
    QCOMPARE(kinds.size(), size_t{3});
    QVERIFY(std::fabs(strict.faults[0].by_mm - 0.8) < 1e-9);
    QVERIFY(kinds[1] == StackFaultKind::TooHeavy && kinds[2] == StackFaultKind::EnvelopeTight);
    QVERIFY(std::fabs(strict.faults[2].by_mm - (112 + 5.3 - 114)) < 1e-9);
  }

  // ISO 269: C6 takes an A6 card, C5 an A5 one; North American: A2, A6 and A7 take theirs (common practice).
  void envelopesFitTheirCards() {
    const auto first = [](double w, double h, SizeFamily family) {
      for (const EnvelopeFit& e : envelopesFor(w, h, 1))
        for (const UsualSize& u : usualEnvelopes())
          if (u.name == e.name && u.family == family) return std::string(e.name);
      return std::string("none");
    };
    QCOMPARE(first(105, 148, SizeFamily::Metric), std::string("C6"));
    QCOMPARE(first(148, 210, SizeFamily::Metric), std::string("C5"));
    QCOMPARE(first(4.25 * 25.4, 5.5 * 25.4, SizeFamily::Inch), std::string("A2 envelope"));
    QCOMPARE(first(5 * 25.4, 7 * 25.4, SizeFamily::Inch), std::string("A7 envelope"));
    QCOMPARE(first(6 * 25.4, 6 * 25.4, SizeFamily::Inch), std::string("6 1/2 in square"));
    QVERIFY(envelopesFor(400, 400, 1).empty());
    const auto all = envelopesFor(50, 50, 0);
    for (size_t k = 1; k < all.size(); ++k)
      QVERIFY(all[k - 1].width_mm * all[k - 1].height_mm <= all[k].width_mm * all[k].height_mm);
  }

  void aPieceIsAPlanOfItsOwn() {
    Plan p = withStrip();
    p.pieces[0].turn_deg = 90;
    p.pieces.push_back(piece("inside", PieceKind::Inside, {0, 0, 100, 140}));
    Impression in = p.impressions[0];
    in.id = "small", in.piece.clear(), in.at = {50, 20}, in.depth = OnGround{};
    p.faces.push_back({"inside", {}});
    p.faces[0].scene.impressions = {in};
    QVERIFY(isPrinted(p, 0) && isPrinted(p, 1));
    const Plan strip = facePlan(p, 0);
    QCOMPARE(strip.card.panel.width_mm, 70.0);
    QCOMPARE(strip.impressions.size(), size_t{1});
    // Turned back by a quarter: what was right of its corner is below it.
    const Point arm = p.impressions[2].at - p.pieces[0].at;
    QVERIFY(distance(strip.impressions[0].at, {arm.y, -arm.x}) < 1e-9);
    QCOMPARE(strip.impressions[0].turn_deg, -90.0);
    const Plan inside = facePlan(p, 1);
    QCOMPARE(inside.impressions.size(), size_t{1});
    QVERIFY(inside.impressions[0].at == (Point{50, 20}));
    const AnalysisRef a = analyse(inside);
    QVERIFY(pressed(inside, *a).proven);
    QVERIFY(readPlan(writePlan(inside)));
    p.impressions[2].piece.clear();
    QVERIFY(!isPrinted(p, 0));
  }

  void whatLiesWrongIsSaid() {
    Plan p = withStrip();
    p.pieces.push_back(piece("off", PieceKind::Plain, {300, 300, 310, 310}));
    Piece over = piece("over", PieceKind::Plain, {-8, 10, 20, 20});
    over.flush = false;
    p.pieces.push_back(over);
    const CardStack s = stackOf(p, analyse(p)->meetings.placed);
    QCOMPARE(s.faults.size(), size_t{2});
    QVERIFY(s.faults[0].kind == StackFaultKind::OffTheCard && s.faults[0].piece == 1);
    QVERIFY(s.faults[1].kind == StackFaultKind::HangsOver && std::fabs(s.faults[1].by_mm - 8) < 1e-9);
    // Cut flush it ends at the panel: against GEOS's own intersection.
    p.pieces[2].flush = true;
    const CardStack cut = stackOf(p, analyse(p)->meetings.placed);
    QVERIFY(std::fabs(cut.sheets.back().area_mm2 -
                      areaOf(intersection(onCard(p.pieces[2]), rectangle(p.card.panel.box())))) < 1e-6);
  }

  void theWholeCardIsAssembledInOrder() {
    Plan p = withStrip();
    p.card.mats = {matOf(3), matOf(2)};
    p.card.base = CardBase{150, 200, "top", {}, {}};
    p.pieces.push_back(piece("in", PieceKind::Inside, {0, 0, 100, 140}));
    p.pieces.push_back(piece("env", PieceKind::Envelope, {0, 0, 160, 210}));
    const AnalysisRef a = withBestOrder(p, analyse(p));
    // The strip on the panel, panel on mat on mat on the folded base, the inside, the envelope.
    QCOMPARE(endOf(*a, 10), (std::vector<Do>{Do::Cut, Do::Glue, Do::Cut, Do::Glue, Do::Cut, Do::Score,
                                             Do::Glue, Do::Cut, Do::Glue, Do::Enclose}));
    const auto is = [&](Do what) {
      return std::count_if(a->sheet.steps.begin(), a->sheet.steps.end(),
                           [&](const Step& s) { return s.what == what; });
    };
    QCOMPARE(is(Do::Score), 1);
    QCOMPARE(is(Do::Enclose), 1);
    QCOMPARE(is(Do::Glue), 1 + 3 + 1);
    QVERIFY(a->sheet.steps.back().what == Do::Enclose);
    QVERIFY(a->sheet.atLeast <= a->sheet.minutes + 1e-9);
    QVERIFY(pressed(p, *a).proven);
    // Every paper once in the cut list, as often as cards are made.
    p.making.copies = 4;
    size_t kinds = 0;
    int count = 0;
    for (const PaperToCut& paper : piecesToCut(p))
      for (const WantedPiece& w : paper.pieces) ++kinds, count += w.count;
    QCOMPARE(kinds, size_t{6});  // base, panel, two mats, strip, inside; the envelope is bought
    QCOMPARE(count, 24);
  }
};

HAVLO_TEST(TstPieces)
#include "tst_pieces.moc"
