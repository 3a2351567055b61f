// What is lettered by hand: how long it gets, where its strokes lie, that its room is kept and judged.
#include <QTest>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/edit/hand_edits.h"
#include "core/handwork/letters.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

HandLine written(const std::string& text, double height_mm, std::vector<Point> along) {
  HandLine l;
  l.id = "l", l.ink = "black", l.kind = LineKind::Lettering, l.text = text, l.height_mm = height_mm;
  l.along = std::move(along);
  return l;
}

/// A card with a tree and words beside it.
Plan withTree(Point tree) {
  Plan p = emptyPlan();
  addStamp(p, slab("tree", 20, 40));
  put(p, "tree", "tree", tree, 5);
  p.lines = {written("Gone fishing", 6, {{20, 30}, {100, 30}})};
  return p;
}

const Finding* room(const Analysis& a) {
  for (const Finding& f : a.findings)
    if (f.kind == FindingKind::LetteringRoom) return &f;
  return nullptr;
}

}  // namespace

class TstLetters : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // Closed form: I, H and a blank of our own grid of six units to a capital.
  void lengthsFollowTheGrid() {
    QCOMPARE(letteringLength("", 6), 0.0);
    QCOMPARE(letteringLength("H", 6), 3.0);           // three units wide
    QCOMPARE(letteringLength("HH", 6), 3 + 1.2 + 3);  // and 1.2 between
    QCOMPARE(letteringLength("H H", 12), 2 * (3 + 1.2 + 2.5 + 3));
    for (const char* text : {"a", "Gone fishing", "Grüße, 12.5 × 3!"})
      QVERIFY(std::fabs(letteringLength(text, letteringHeightFor(text, 40)) - 40) < 1e-9);
    QCOMPARE(letteringHeightFor("", 40), 0.0);
  }

  void strokesLieInTheirRoomAndFollowTheLine() {
    for (const std::vector<Point>& along :
         {std::vector<Point>{{10, 40}, {90, 40}}, std::vector<Point>{{10, 20}, {60, 80}},
          std::vector<Point>{{10, 40}, {40, 48}, {80, 48}}}) {
      const HandLine l = written("Hy", 8, along);
      const Rings space = offset(letteringRoom(l), Millimetres{0.4});  // its edges are straightened a little
      int points = 0;
      for (const auto& stroke : letteringStrokes(l))
        for (Point p : stroke) {
          QVERIFY(covers(space, p));
          ++points;
        }
      QVERIFY(points > 6);
    }
    // The H stands upright on the line: its two posts run across it.
    const auto strokes = letteringStrokes(written("H", 6, {{0, 0}, {0, 50}}));  // upward
    QCOMPARE(strokes.size(), size_t{3});
    QVERIFY(distance(strokes[0].front(), {0, 0}) < 1e-9 && distance(strokes[0].back(), {-6, 0}) < 1e-9);
    QVERIFY(distance(strokes[1].front(), {0, 3}) < 1e-9);
    QVERIFY(letteringStrokes(written("", 6, {{0, 0}, {9, 0}})).empty());
    QVERIFY(letteringRoom(written("", 6, {{0, 0}, {9, 0}})).empty());
  }

  // Every letter of a keyboard has strokes of its own: not the box that stands for what is not known.
  void lettersAreKnown() {
    const auto box = letteringStrokes(written("\xE4\xB8\xAD", 6, {{0, 0}, {50, 0}}));
    QCOMPARE(box.size(), size_t{1});
    QCOMPARE(box[0].size(), size_t{5});
    for (const char* text : {"A", "Z", "a", "z", "0", "9", "&", "é", "Ä", "ß", "ø", "Ž", "’", "…"}) {
      const auto strokes = letteringStrokes(written(text, 6, {{0, 0}, {50, 0}}));
      QVERIFY2(!strokes.empty() && strokes != box, text);
    }
    for (char c = '!'; c < 127; ++c) {
      if (std::string("#$%<>@[\\]^_`{|}~").find(c) != std::string::npos) continue;
      QVERIFY2(letteringStrokes(written(std::string(1, c), 6, {{0, 0}, {50, 0}})) != box,
               std::string(1, c).c_str());
    }
    // Cut-off UTF-8 ends somewhere.
    QVERIFY(letteringLength("\xE4\xB8", 6) > 0);
  }

  void isPressedAsItIsMeant() {
    Plan p = withTree({100, 60});
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QVERIFY(!room(*a));
    const Simulation s = simulate(a->press(p, nullptr), a->sheet, 150).value();
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    // There is ink on an upright of it, and none between.
    const Grid& g = s.card.grid();
    const auto at = [&](Point q) {
      return luminanceOf(s.card.at(static_cast<int>(q.x * g.pxPerMmX()),
                                   static_cast<int>((g.panelHeight_mm - q.y) * g.pxPerMmY())));
    };
    const auto strokes = letteringStrokes(p.lines[0]);
    const double bare = at({20, 60});
    int inked = 0, all = 0;
    for (const auto& stroke : strokes)
      for (size_t k = 1; k < stroke.size(); ++k)
        ++all, inked += at(midway(stroke[k - 1], stroke[k], 0.5)) < 0.6 * bare;
    QVERIFY2(inked > 0.95 * all, qPrintable(QStringLiteral("%1 of %2").arg(inked).arg(all)));
    // The act left out is missed.
    RunSheet without = a->sheet;
    for (Step& step : without.steps.own()) step.hand.clear();
    const Simulation less = simulate(a->press(p, nullptr), without, 150).value();
    QVERIFY(!less.proven);
    QCOMPARE(static_cast<int>(less.worst[0].blame.kind), static_cast<int>(Blame::Kind::Omitted));
  }

  void tooLongOrInTheWayIsSaidAndMended() {
    Plan p = withTree({100, 60});
    p.lines[0].along[1].x = 50;
    const AnalysisRef a = analyse(p);
    const Finding* f = room(*a);
    QVERIFY(f && f->impressions.empty());
    QVERIFY(std::fabs(f->value - (letteringLength("Gone fishing", 6) - 30)) < 1e-9);
    QVERIFY(f->fix);
    const Plan mended = applied(p, *f->fix).value();
    QVERIFY(mended.lines[0].height_mm < 6);
    QVERIFY(!room(*analyse(mended)));
    // A tree in the letters: on their line, they are told apart from it by the area they share.
    const Plan q = withTree({40, 25});
    const AnalysisRef b = analyse(q);
    const Finding* g = room(*b);
    QVERIFY(g && g->impressions == std::vector<int>{0});
    QVERIFY(std::fabs(g->value - sharedArea(SweepEdges(letteringRoom(q.lines[0])),
                                            b->meetings.placed[0]->onPanel)) < 1e-9);
  }

  // Over plain ground or a few ripples letters go; over a ground that is drawn densely they do not.
  void theGroundMayLieUnderItUnlessItIsDense() {
    for (const bool dense : {false, true}) {
      Plan p = withTree({100, 60});
      Stamp ground = slab("ground", 120, 50);
      ground.role = Role::Landform, ground.solid = dense;
      addStamp(p, ground);
      put(p, "ground", "ground", {60, 10}, 60);
      const AnalysisRef a = analyse(p);
      QCOMPARE(room(*a) != nullptr, dense);
    }
  }

  void dotsKeepClearOfIt() {
    const Plan p = withTree({100, 60});
    const Rings space = letteringRoom(p.lines[0]);
    bool held = false;
    for (const Box& b : keptClear(p))
      held = held || (b.contains({30, 33}) && b.contains(boxOf(space).centre()));
    QVERIFY(held);
  }
};

HAVLO_TEST(TstLetters)
#include "tst_letters.moc"
