// Stamped across the rim of what is glued on: after the paper that lies flat, before what stands on foam; the
// ink lies on both, with a bare line as wide as the paper is thick beside the rim.
#include <QTest>
#include <random>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/pieces/heights.h"
#include "core/plan/plan_text.h"
#include "core/schools/schools.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Piece paper(const char* id, Box box, double thickness_mm = 0.3, double raise_mm = 0) {
  Piece p;
  p.id = id, p.kind = PieceKind::Plain;
  p.width_mm = box.width(), p.height_mm = box.height(), p.at = {box.left, box.bottom};
  p.paper.colour = {230, 210, 160}, p.paper.thickness_mm = thickness_mm, p.raise_mm = raise_mm;
  return p;
}

/// A house on the panel, a plain piece over its right side, and a leaf stamped across the piece's left rim.
Plan withLeaf() {
  Plan p = emptyPlan();
  addStamp(p, slab("house", 30, 40)), addStamp(p, slab("leaf", 24, 12));
  put(p, "house", "house", {45, 30}, 6).ink = "blue";
  put(p, "leaf", "leaf", {60, 60}, 2).school = School::Across;
  p.pieces = {paper("sheet", {60, 20, 110, 100})};
  return p;
}

Simulation pressed(const Plan& p, const Analysis& a, const RunSheet& sheet, int dpi = 150) {
  return simulate(a.press(p, nullptr), sheet, dpi).value();
}

size_t stepOf(const RunSheet& sheet, Do what, int paper, int impression) {
  for (size_t k = 0; k < sheet.steps.size(); ++k)
    if (const Step& s = sheet.steps[k]; s.what == what && s.paper == paper && s.impression == impression)
      return k;
  return sheet.steps.size();
}

std::vector<Finding> across(const Plan& p) {
  const AnalysisRef a = analyse(p);
  std::vector<Finding> out;
  for (const Finding& f : a->findings)
    if (f.kind == FindingKind::AcrossRim) out.push_back(f);
  return out;
}

}  // namespace

class TstAcross : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theInkLiesOnThePieceAndOnThePanel() {
    const Plan p = withLeaf();
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const size_t glued = stepOf(a->sheet, Do::Glue, 0, -1), stamped = stepOf(a->sheet, Do::Stamp, -1, 1);
    QVERIFY(glued < stamped && stamped < a->sheet.steps.size());
    QVERIFY(!a->sheet.steps[stamped].piece);
    const Simulation s = pressed(p, *a, a->sheet, 600);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    const LinearRgb plain = linearOf(Colour{230, 210, 160});
    QVERIFY(colourAt(s.card, {66, 66}) != plain);                             // on the piece
    QVERIFY(colourAt(s.card, {80, 66}) == plain);                             // beside the leaf
    QVERIFY(colourAt(s.card, {52, 66}) != colourAt(s.card, {40, 66}));        // over the house
    QVERIFY(colourAt(s.card, {59.85, 66}) == colourAt(s.card, {59.85, 50}));  // the step's own bare line
    QVERIFY(colourAt(s.card, {59.4, 66}) != colourAt(s.card, {59.4, 50}));    // and no wider
    QVERIFY(across(p).empty());
    // No mask is cut for it, and it is said so.
    for (const Step& step : a->sheet.steps)
      for (const Cover& c : step.covers) QVERIFY(c.impression != 1);
    QCOMPARE(static_cast<int>(adviseSchools(p, *a)[1].best), static_cast<int>(School::Across));
  }

  void stampedBeforeThePaperIsGluedOnItIsRefused() {
    const Plan p = withLeaf();
    const AnalysisRef a = analyse(p);
    RunSheet sheet = a->sheet;
    const size_t glued = stepOf(sheet, Do::Glue, 0, -1), stamped = stepOf(sheet, Do::Stamp, -1, 1);
    QVERIFY(glued < stamped);
    std::swap(sheet.steps.own()[glued], sheet.steps.own()[stamped]);
    const Simulation s = pressed(p, *a, sheet);
    QVERIFY(!s.proven && s.unexplained_mm2 > 100);  // half of the leaf lies under the paper
    std::erase_if(sheet.steps.own(),
                  [](const Step& step) { return step.what == Do::Stamp && step.impression == 1; });
    const Simulation mute = pressed(p, *a, sheet);
    QVERIFY(!mute.proven);
    QCOMPARE(static_cast<int>(mute.worst[0].blame.kind), static_cast<int>(Blame::Kind::Omitted));
    QCOMPARE(mute.worst[0].blame.back, 1);
  }

  // What stands on foam is glued on after it and hides it; glued on before, the print would be lost.
  void foamComesAfterIt() {
    Plan p = withLeaf();
    p.pieces.push_back(paper("high", {50, 62, 70, 90}, 0.3, 2));
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const size_t stamped = stepOf(a->sheet, Do::Stamp, -1, 1), raised = stepOf(a->sheet, Do::Attach, 1, -1);
    QVERIFY(stamped < raised && raised < a->sheet.steps.size());
    // Its ink has dried before paper comes on it.
    QVERIFY(std::any_of(a->sheet.steps.begin() + static_cast<long>(stamped),
                        a->sheet.steps.begin() + static_cast<long>(raised),
                        [](const Step& s) { return s.what == Do::Dry && s.impression == 1; }));
    const Simulation s = pressed(p, *a, a->sheet);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    QVERIFY(colourAt(s.card, {60, 70}) == linearOf(Colour{230, 210, 160}));
    RunSheet sheet = a->sheet;
    std::swap(sheet.steps.own()[stamped], sheet.steps.own()[raised]);
    QVERIFY(!pressed(p, *a, sheet).proven);
  }

  void whatCannotBeIsSaid() {
    Plan p = withLeaf();
    p.pieces[0].raise_mm = 2;
    std::vector<Finding> f = across(p);
    QCOMPARE(f.size(), size_t{1});
    QCOMPARE(f[0].other, 1);  // foam
    p.pieces.clear();
    f = across(p);
    QCOMPARE(f.size(), size_t{1});
    QCOMPARE(f[0].other, 0);  // nothing there
    p = withLeaf();
    p.impressions[1].depth = AtMetres{20};
    f = across(p);
    QCOMPARE(f.size(), size_t{1});
    QCOMPARE(f[0].other, 2);  // behind what is stamped before it
    QCOMPARE(f[0].impressions, (std::vector<int>{1, 0}));
    const Plan mended = withSchool(p, "leaf", f[0].fix->school).value();
    QVERIFY(across(mended).empty());
    QVERIFY(withBestOrder(mended, analyse(mended))->findings.size() <= analyse(p)->findings.size());
  }

  // A step of 0.8 mm is the highest a stamp prints across: common practice, no source.
  void thickPaperIsNoFlatPaper() {
    Plan p = withLeaf();
    p.pieces[0].paper.thickness_mm = 0.79;
    QVERIFY(across(p).empty());
    p.pieces[0].paper.thickness_mm = 0.85;
    QCOMPARE(across(p).size(), size_t{1});
    // Two flat ones on top of one another count together.
    p.pieces[0].paper.thickness_mm = 0.5;
    p.pieces.push_back(paper("upper", {62, 22, 108, 98}, 0.5));
    p.pieces[1].on = "sheet";
    std::vector<bool> flat;
    for (const Glued& g : gluedOn(p)) flat.push_back(g.isFlat());
    QCOMPARE(flat, (std::vector<bool>{true, false}));
  }

  void itIsReadAndWritten() {
    const Plan p = withLeaf();
    const auto again = readPlan(writePlan(p));
    QVERIFY(again);
    QVERIFY(again.value().plan.impressions[1].school == School::Across);
    QVERIFY(again.value().plan == p);
  }

  // Cards with pieces, pop-ups, blends and several such things: always proven, always after what lies flat.
  void randomCardsAreProven() {
    int crossed = 0;
    for (unsigned seed = 1; seed <= 60; ++seed) {
      std::mt19937 random(seed);
      const auto any = [&](double from, double to) {
        return from + (to - from) * static_cast<double>(random() % 1000) / 1000;
      };
      Plan p = emptyPlan();
      for (int k = 0; k < 5; ++k) {
        const std::string id = "s" + std::to_string(k);
        addStamp(p, slab(id.c_str(), any(12, 30), any(10, 30)));
        Impression& i =
            put(p, ("i" + std::to_string(k)).c_str(), id.c_str(), {any(25, 100), any(25, 100)}, 2 + k);
        if (k % 2) i.ink = "blue";
        i.school = k < 2 ? School::Across : k == 4 && seed % 3 == 0 ? School::PopUp : School::Mask;
      }
      for (int k = 0; k < 3; ++k) {
        const Point at{any(10, 70), any(10, 70)};
        p.pieces.push_back(paper(("p" + std::to_string(k)).c_str(),
                                 {at.x, at.y, at.x + any(15, 45), at.y + any(15, 45)}, any(0.1, 0.6),
                                 random() % 3 == 0 ? any(0.5, 3) : 0));
        p.pieces.back().paper.colour = {static_cast<unsigned char>(random() % 256), 180, 120};
      }
      const AnalysisRef a = withBestOrder(p, analyse(p));
      const Simulation s = pressed(p, *a, a->sheet, 100);
      QVERIFY2(s.proven, qPrintable(QStringLiteral("%1: %2 mm², blame %3 front %4 back %5 step %6 at %7 %8")
                                        .arg(seed)
                                        .arg(s.unexplained_mm2)
                                        .arg(s.worst.empty() ? -1 : static_cast<int>(s.worst[0].blame.kind))
                                        .arg(s.worst.empty() ? -1 : s.worst[0].blame.front)
                                        .arg(s.worst.empty() ? -1 : s.worst[0].blame.back)
                                        .arg(s.worst.empty() ? -1 : s.worst[0].blame.step)
                                        .arg(s.worst.empty() ? -1 : s.worst[0].at.x)
                                        .arg(s.worst.empty() ? -1 : s.worst[0].at.y)));
      // The order of the steps, from heights worked out here.
      bool high = false, done = false;
      for (const Step& step : a->sheet.steps) {
        if (step.paper >= 0 && (step.what == Do::Glue || step.what == Do::Attach)) {
          const Piece& piece = p.pieces[ix(step.paper)];
          const bool flat = piece.raise_mm + piece.paper.thickness_mm <= 0.8;
          QVERIFY(!flat || (!high && !done));
          high = high || !flat;
        }
        if (step.what == Do::Stamp && step.impression < 2) {
          QVERIFY(!high);
          done = true, ++crossed;
        }
      }
    }
    QCOMPARE(crossed, 120);
  }
};

HAVLO_TEST(TstAcross)
#include "tst_across.moc"
