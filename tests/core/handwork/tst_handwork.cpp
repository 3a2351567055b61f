// Work by hand in the order, on the sheet and in the proof; every rule's fault is bred and refused.
#include <QTest>
#include <algorithm>
#include <cmath>
#include <random>

#include "core/chain/chain.h"
#include "core/edit/hand_edits.h"
#include "core/edit/making_edits.h"
#include "core/focus/looks.h"
#include "core/handwork/colouring.h"
#include "core/handwork/shading.h"
#include "core/wash/wash_area.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Ink handInk(const char* id, Colour colour, double opacity = 0, double dry_s = 30) {
  Ink i;
  i.id = id, i.name = id, i.colour = colour, i.opacity = opacity, i.dryOnCard_s = dry_s;
  return i;
}

/// A box with a line round it.
Stamp outlined(const std::string& id, double w, double h) {
  Stamp s = slab(id, w, h);
  s.solid = false;
  return s;
}

Colouring colour(const char* id, const char* thing, const char* ink, double strength = 0.8) {
  Colouring c;
  c.id = id, c.impression = thing, c.ink = ink, c.strength = strength;
  return c;
}

/// Two boxes, the nearer one over the corner of the farther one.
Plan twoBoxes() {
  Plan p = emptyPlan();
  p.inks = {handInk("soot", {0x20, 0x22, 0x26}), handInk("madder", {0xa0, 0x2c, 0x34}),
            handInk("moss", {0x4d, 0x7a, 0x3c}), handInk("white", {0xfa, 0xfa, 0xf6}, 0.9),
            handInk("dusk", {0x6f, 0x86, 0xb4})};
  addStamp(p, outlined("box", 40, 40)), addStamp(p, outlined("tall", 30, 60));
  const auto lay = [&](const char* id, const char* stamp, Point at, double metres) -> Impression& {
    Impression& i = put(p, id, stamp, at, metres);
    i.ink = "soot";
    return i;
  };
  lay("near", "box", {50, 40}, 3).hero = true;
  lay("far", "tall", {75, 55}, 20);
  p.colourings = {colour("c1", "near", "madder"), colour("c2", "far", "moss")};
  return p;
}

AnalysisRef best(const Plan& p) { return withBestOrder(p, analyse(p)); }
Simulation pressCard(const Plan& p, const Analysis& a) {
  return simulate(a.press(p, nullptr), a.sheet, 100).value();
}
int placeOf(const Plan& p, const Analysis& a, const char* act) {
  const int number = actNamed(p, act);
  return static_cast<int>(std::find(a.acts.begin(), a.acts.end(), number) - a.acts.begin());
}
LinearRgb at(const Canvas& card, Point p) {
  const Grid& g = card.grid();
  return card.at(static_cast<int>(p.x * g.pxPerMmX()),
                 static_cast<int>((g.panelHeight_mm - p.y) * g.pxPerMmY()));
}
/// Beer and Lambert: what paper looks like through a film.
LinearRgb through(Colour paper, Colour ink, double strength) {
  LinearRgb out = linearOf(paper);
  const LinearRgb c = linearOf(ink);
  for (size_t k = 0; k < 3; ++k) out[k] *= std::pow(c[k], static_cast<float>(strength));
  return out;
}
bool same(const LinearRgb& a, const LinearRgb& b) {
  for (size_t k = 0; k < 3; ++k)
    if (std::fabs(srgbOf(a[k]) - srgbOf(b[k])) > 1.5f) return false;
  return true;
}

}  // namespace

class TstHandwork : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void colourLiesInItsThingAndEndsAtWhatStandsBeforeIt() {
    const Plan p = twoBoxes();
    const AnalysisRef a = best(p);
    const Simulation s = pressCard(p, *a);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    const Colour paper = p.card.paper.colour;
    QVERIFY(same(at(s.card, {50, 50}), through(paper, p.inks[1].colour, 0.8)));   // near
    QVERIFY(same(at(s.card, {80, 100}), through(paper, p.inks[2].colour, 0.8)));  // far
    QVERIFY(same(at(s.card, {65, 70}), through(paper, p.inks[1].colour, 0.8)));   // far, hidden there
    QVERIFY(same(at(s.card, {20, 150}), linearOf(paper)));
    // After everything is stamped, in one step a thing.
    QVERIFY(placeOf(p, *a, "colour:c1") > placeOf(p, *a, "stamp:near"));
    QVERIFY(placeOf(p, *a, "colour:c2") > placeOf(p, *a, "stamp:near"));
    const auto coloured = std::count_if(a->sheet.steps.begin(), a->sheet.steps.end(),
                                        [](const Step& one) { return one.what == Do::Colour; });
    QCOMPARE(coloured, 2);
  }

  // A colouring of everything or of the rest under which all is left bare does nothing; it refers to nothing
  // that is gone.
  void nothingLeftToColourIsNoFault() {
    Plan p = twoBoxes();
    Colouring bare = colour("b1", "near", "");
    bare.bare = true, bare.region = Point{20, 20};
    p.colourings.push_back(bare);
    for (const RegionChoice& choice : {RegionChoice{AllRegions{}}, RegionChoice{RestOfRegions{}}}) {
      p.colourings[0].region = choice;
      const AnalysisRef a = best(p);
      for (const Finding& f : a->findings) QVERIFY(f.kind != FindingKind::HandworkGone);
      const Simulation s = pressCard(p, *a);
      QVERIFY(s.proven);
      QVERIFY(same(at(s.card, {50, 50}), linearOf(p.card.paper.colour)));
    }
    // A named part that is not there is one.
    p.colourings[0].region = NamedRegion{"lid"};
    const AnalysisRef gone = analyse(p);
    QVERIFY(std::any_of(gone->findings.begin(), gone->findings.end(),
                        [](const Finding& f) { return f.kind == FindingKind::HandworkGone; }));
  }

  // Pop-out, as with arrays of bars (Treisman & Gelade 1980, from memory), but of line art coloured by hand:
  // one of another colour among many is seen first, whatever their number and wherever it stands.
  void theOneColouredOtherwiseIsSeenFirst() {
    std::mt19937 random(30);
    const auto below = [&](unsigned n) { return static_cast<int>(random() % n); };
    int first = 0;
    for (int array = 0; array < 30; ++array) {
      Plan p = emptyPlan();
      p.inks = twoBoxes().inks;
      addStamp(p, outlined("box", 12, 12));
      const int columns = 3 + below(3), rows = 3 + below(4),
                odd = below(static_cast<unsigned>(columns * rows));
      const bool redAmongBlue = array % 2 == 0;
      for (int k = 0; k < columns * rows; ++k) {
        const std::string id = "b" + std::to_string(k);
        const double dx = 127.0 / columns, dy = 178.0 / rows;
        put(p, id.c_str(), "box",
            {dx * (k % columns + 0.5) + below(4) - 2, dy * (k / columns + 0.5) - 6 + below(4) - 2}, 1)
            .ink = "soot";
        p.colourings.push_back(
            colour(("c" + id).c_str(), id.c_str(), (k == odd) == redAmongBlue ? "madder" : "dusk", 0.7));
      }
      const AnalysisRef a = analyse(p);
      const LooksRef looks = lookAt(p, *a, nullptr);
      QVERIFY(!looks->path.empty());
      first += looks->path[0].thing == odd;
    }
    QVERIFY2(first == 30, qPrintable(QStringLiteral("%1 of 30").arg(first)));
  }

  void colouredBeforeWhatBoundsItIsRefusedAndNamed() {
    const Plan p = twoBoxes();
    const AnalysisRef a = best(p);
    // The farther one is coloured before the nearer one is stamped: its colour runs under that.
    const auto wrong = inActs(p, *a, {1, actNamed(p, "colour:c2"), 0, actNamed(p, "colour:c1")});
    const Simulation s = pressCard(p, *wrong);
    QVERIFY(!s.proven);
    QVERIFY(s.unexplained_mm2 > 50);
    QCOMPARE(static_cast<int>(s.worst[0].blame.kind), static_cast<int>(Blame::Kind::ByHand));
    QCOMPARE(s.worst[0].blame.front, 0);
    // Right again, in another order of the two.
    QVERIFY(pressCard(p, *inActs(p, *a, {0, 1, actNamed(p, "colour:c2"), actNamed(p, "colour:c1")})).proven);
  }

  void whatIsLeftOutIsNamed_data() {
    QTest::addColumn<QString>("act");
    for (const char* act : {"colour:c1", "colour:c2", "line:l1", "accent:a1"}) QTest::newRow(act) << act;
  }
  void whatIsLeftOutIsNamed() {
    QFETCH(QString, act);
    Plan p = twoBoxes();
    HandLine line;
    line.id = "l1", line.ink = "soot", line.along = {{10, 150}, {110, 150}}, line.width_mm = 1;
    p.lines = {line};
    Accent dots;
    dots.id = "a1", dots.ink = "white", dots.at = {{45, 55}}, dots.size_mm = 4, dots.on = "near";
    p.accents = {dots};
    const AnalysisRef a = best(p);
    QVERIFY(pressCard(p, *a).proven);
    const int hand = actNamed(p, act.toStdString()) - firstHandAct(p);
    QVERIFY(hand >= 0);
    RunSheet sheet = a->sheet;
    for (Step& s : sheet.steps.own()) std::erase(s.hand, hand);
    const Simulation s = simulate(a->press(p, nullptr), sheet, 100).value();
    QVERIFY(!s.proven);
    QCOMPARE(static_cast<int>(s.worst[0].blame.kind), static_cast<int>(Blame::Kind::Omitted));
    QCOMPARE(s.worst[0].blame.hand, hand);
  }

  void paperLeftLyingKeepsColourOut() {
    Plan p = twoBoxes();
    p.making.sequence = {{"stamp:far", "colour:c1", {}}};
    const AnalysisRef a = best(p);
    RunSheet sheet = a->sheet;
    // The mask on the nearer one is never lifted.
    std::erase_if(sheet.steps.own(), [](const Step& s) { return s.what == Do::MaskOff; });
    const Simulation s = simulate(a->press(p, nullptr), sheet, 100).value();
    QVERIFY(!s.proven);
    QVERIFY(s.unexplained_mm2 > 500);
  }

  void coveringInkGoesOnWhenTheColouringIsDone() {
    Plan p = twoBoxes();
    addStamp(p, slab("bar", 30, 4));
    Impression& words = put(p, "bar", "bar", {50, 58}, 1);
    words.ink = "white", words.school = School::Overprint;
    const AnalysisRef a = best(p);
    QVERIFY(placeOf(p, *a, "colour:c1") < placeOf(p, *a, "stamp:bar"));
    const Simulation s = pressCard(p, *a);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    // Coloured afterwards it is not white any more.
    std::vector<int> acts = a->acts;
    const auto c1 = std::find(acts.begin(), acts.end(), actNamed(p, "colour:c1"));
    std::rotate(c1, c1 + 1, acts.end());
    QVERIFY(!pressCard(p, *inActs(p, *a, acts)).proven);
  }

  // Fog of covering ink before a thing hides what that is coloured with; before what stands nearer it is kept
  // off.
  void coveringFogComesWhenWhatStandsBehindItIsColoured() {
    Plan p = twoBoxes();
    Wash fog;
    fog.id = "fog", fog.ink = "white", fog.area = rectangle({-10, 20, 140, 120}), fog.depth = AtMetres{10};
    fog.strength = 0.6;
    p.washes = {fog};
    const AnalysisRef a = best(p);
    QVERIFY(placeOf(p, *a, "colour:c2") < placeOf(p, *a, "wash:fog"));
    QVERIFY(placeOf(p, *a, "colour:c1") > placeOf(p, *a, "wash:fog"));
    const Simulation s = pressCard(p, *a);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    // Coloured on the fog it is brighter than it is to be.
    std::vector<int> acts = a->acts;
    const auto c2 = std::find(acts.begin(), acts.end(), actNamed(p, "colour:c2"));
    std::rotate(c2, c2 + 1, acts.end());
    QVERIFY(!pressCard(p, *inActs(p, *a, acts)).proven);
  }

  void aWishBringsAColouringForwardAndPaperMakesWay() {
    Plan p = twoBoxes();
    Wash sky;
    sky.id = "sky", sky.ink = "dusk", sky.area = rectangle({-10, 20, 140, 198}), sky.kind = WashKind::Sky;
    p.washes = {sky};
    p.making.sequence = {{"colour:c1", "wash:sky", {}}};
    const AnalysisRef a = best(p);
    QVERIFY(a->actRules->refused().empty());
    QVERIFY(placeOf(p, *a, "colour:c1") < placeOf(p, *a, "wash:sky"));
    const Simulation s = pressCard(p, *a);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    // Nothing lies on it while it is coloured.
    for (const Step& step : a->sheet.steps)
      if (step.what == Do::Colour && step.impression == 0)
        QVERIFY(std::find(step.masksOn.begin(), step.masksOn.end(), 0) == step.masksOn.end());
    // What cannot be is told: it must come after its own stamping.
    p.making.sequence = {{"colour:c1", "stamp:near", {}}};
    const AnalysisRef ring = best(p);
    QCOMPARE(ring->actRules->refused().size(), size_t{1});
    QVERIFY(pressCard(p, *ring).proven);
  }

  void ownStepsStandWhereTheyAreWanted() {
    Plan p = twoBoxes();
    OwnStep eraser, breathe;
    eraser.id = "o1", eraser.text = "Rub the new stamp", eraser.before = {"near"}, eraser.minutes = 2;
    breathe.id = "o2", breathe.text = "Breathe", breathe.after = {"stamp:far"}, breathe.minutes = 0.5;
    p.own = {eraser, breathe};
    const AnalysisRef a = best(p);
    const auto step = [&](auto is) {
      const auto found = std::find_if(a->sheet.steps.begin(), a->sheet.steps.end(), is);
      return static_cast<int>(found - a->sheet.steps.begin());
    };
    const auto stamps = [](int i) {
      return [i](const Step& s) { return s.what == Do::Stamp && s.impression == i; };
    };
    const auto own = [](int h) {
      return [h](const Step& s) { return s.what == Do::Own && s.hand == std::vector<int>{h}; };
    };
    const int o1 = actNamed(p, "own:o1") - firstHandAct(p), o2 = actNamed(p, "own:o2") - firstHandAct(p);
    QVERIFY(step(own(o1)) < step(stamps(0)));
    QVERIFY(step(own(o2)) > step(stamps(1)));
    QVERIFY(step(own(o2)) < static_cast<int>(a->sheet.steps.size()));
    Plan without = p;
    without.own.clear();
    const double more = a->sheet.minutes - best(without)->sheet.minutes;
    const auto listed = [](const Analysis& one) {
      QString out;
      for (const Step& s : one.sheet.steps)
        out += QString("%1 %2 %3+%4; ")
                   .arg(QString::fromStdString(std::string(wordOf(s.what))))
                   .arg(s.impression)
                   .arg(s.minutes)
                   .arg(s.wait);
      return out;
    };
    // They may fill a wait, and then it is not worth while to fill it with colouring (which counts a minute).
    QVERIFY2(more > -1e-9 && more <= 3.5 + 1e-9, qPrintable(listed(*a) + " | " + listed(*best(without))));
  }

  void linesAreInkedBeforeColourAndSlowOnesAfter() {
    Plan p = twoBoxes();
    p.inks.push_back(handInk("slow", {0x20, 0x22, 0x26}, 0, 600));
    p.inks[0].kind = InkKind::Archival;
    p.inks.back().kind = InkKind::Pigment;
    HandLine quick, slow, ground;
    quick.id = "q", quick.ink = "soot", quick.along = {{40, 45}, {60, 45}}, quick.on = "near",
    quick.kind = LineKind::Outline;
    slow.id = "s", slow.ink = "slow", slow.along = {{40, 60}, {60, 60}}, slow.on = "near";
    ground.id = "g", ground.ink = "soot", ground.along = {{5, 30}, {120, 30}}, ground.kind = LineKind::Ground;
    p.lines = {slow, quick, ground};
    const AnalysisRef a = best(p);
    QVERIFY(placeOf(p, *a, "line:q") < placeOf(p, *a, "colour:c1"));
    QVERIFY(placeOf(p, *a, "line:s") > placeOf(p, *a, "colour:c1"));
    // Guides: pencilled before anything is stamped, rubbed out when they are inked and dry, before colour.
    int pencil = -1, erase = -1, coloured = -1, first = -1;
    for (size_t k = 0; k < a->sheet.steps.size(); ++k) {
      const Do what = a->sheet.steps[k].what;
      if (what == Do::Pencil) pencil = static_cast<int>(k);
      if (what == Do::Erase) erase = static_cast<int>(k);
      if (what == Do::Stamp && first < 0) first = static_cast<int>(k);
      if (what == Do::Colour && coloured < 0) coloured = static_cast<int>(k);
    }
    QVERIFY(pencil >= 0 && pencil < first);
    QVERIFY(erase > first && erase < coloured);
    const Simulation s = pressCard(p, *a);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    // A line of the ground ends at what stands.
    QVERIFY(!same(at(s.card, {10, 30}), linearOf(p.card.paper.colour)));
  }

  void accentsComeLastQuickOnesFirstAwayFromTheHand() {
    Plan p = twoBoxes();
    const auto accent = [](const char* id, AccentKind kind, Point where) {
      Accent a;
      a.id = id, a.kind = kind, a.ink = "white", a.at = {where};
      return a;
    };
    p.accents = {accent("glitter", AccentKind::Glitter, {20, 150}),
                 accent("right", AccentKind::Dot, {100, 150}), accent("left", AccentKind::Dot, {30, 150}),
                 accent("high", AccentKind::Highlight, {60, 150})};
    const AnalysisRef a = best(p);
    const auto place = [&](const char* act) { return placeOf(p, *a, act); };
    QVERIFY(place("colour:c1") < place("accent:high"));
    QVERIFY(place("accent:high") < place("accent:left"));
    QVERIFY(place("accent:left") < place("accent:right"));
    QVERIFY(place("accent:right") < place("accent:glitter"));
    p.making.leftHanded = true;
    const AnalysisRef other = best(p);
    QVERIFY(placeOf(p, *other, "accent:right") < placeOf(p, *other, "accent:left"));
    QVERIFY(pressCard(p, *other).proven);
  }

  void colourTakenOutIsPaleThereWhateverWasPrintedBetween() {
    Plan p = twoBoxes();
    Wash sky;
    sky.id = "sky", sky.ink = "dusk", sky.area = rectangle({-10, 20, 140, 198}), sky.kind = WashKind::Sky,
    sky.reach = 1, sky.strength = 0.8, sky.lets = {"far"};
    p.washes = {sky};
    Lift bloom;
    bloom.id = "f1", bloom.wash = "sky", bloom.with = LiftWith::Cloth, bloom.at = {{30, 150}, {80, 80}},
    bloom.size_mm = 10, bloom.strength = 0.75;
    p.lifts = {bloom};
    const AnalysisRef a = best(p);
    const Simulation s = pressCard(p, *a);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    QVERIFY(placeOf(p, *a, "lift:f1") > placeOf(p, *a, "wash:sky"));
    // A quarter of the film is left where the cloth was.
    const double share = WashFalloff(p, sky).shareAt({30, 150});
    QVERIFY(same(at(s.card, {30, 150}), through(p.card.paper.colour, p.inks[4].colour, 0.8 * share * 0.25)));
    // Forgotten: refused.
    RunSheet sheet = a->sheet;
    std::erase_if(sheet.steps.own(), [](const Step& one) { return one.what == Do::Lift; });
    QVERIFY(!simulate(a->press(p, nullptr), sheet, 100).value().proven);
  }

  void piecesAreColouredBeforeTheyAreCutOut() {
    Plan p = twoBoxes();
    p.impressions[0].school = School::PopUp;
    const AnalysisRef a = best(p);
    int coloured = -1, cut = -1;
    for (size_t k = 0; k < a->sheet.steps.size(); ++k) {
      if (a->sheet.steps[k].what == Do::Colour && a->sheet.steps[k].impression == 0)
        coloured = static_cast<int>(k);
      if (a->sheet.steps[k].what == Do::Cut) cut = static_cast<int>(k);
    }
    QVERIFY(coloured >= 0 && coloured < cut);
    const Simulation s = pressCard(p, *a);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    QVERIFY(same(at(s.card, {50, 50}), through(p.card.paper.colour, p.inks[1].colour, 0.8)));
  }

  void whatItNamesMayBeGoneAndIsKept() {
    Plan p = twoBoxes();
    p.colourings.push_back(colour("c3", "near", "nothing"));
    p.colourings.push_back(colour("c4", "nobody", "moss"));
    p.colourings.push_back(colour("c5", "near", "moss"));
    p.colourings.back().region = NamedRegion{"sleeve"};
    p.colourings.push_back(colour("c6", "near", "moss"));
    p.colourings.back().region = Point{500, 500};
    const AnalysisRef a = best(p);
    QVERIFY(pressCard(p, *a).proven);
    const auto gone = std::count_if(a->findings.begin(), a->findings.end(),
                                    [](const Finding& f) { return f.kind == FindingKind::HandworkGone; });
    QCOMPARE(gone, 4);
    QCOMPARE(readPlan(writePlan(p)).value().plan, p);
  }

  void shadesFollowTheirFormula() {
    const Box box{10, 20, 30, 60};
    const auto smooth = [](double t) { return t * t * (3 - 2 * t); };
    const Point up{0, 1}, left{-1, 0}, slant{-0.6, 0.8};
    for (double share : {0.0, 0.2, 0.5, 0.9, 1.0}) {
      const Point p{15, 20 + 40 * share};
      // Lit from above: palest at the top.
      QVERIFY(std::fabs(shadeAt(Shade::AwayFromLight, p, box, up, 0) - (0.3 + 0.7 * smooth(1 - share))) <
              1e-9);
      QVERIFY(std::fabs(shadeAt(Shade::TowardLight, p, box, up, 0) - (0.3 + 0.7 * smooth(share))) < 1e-9);
      const Point q{10 + 20 * share, 33};
      QVERIFY(std::fabs(shadeAt(Shade::AwayFromLight, q, box, left, 0) - (0.3 + 0.7 * smooth(share))) < 1e-9);
    }
    QCOMPARE(shadeAt(Shade::AwayFromLight, {10, 60}, box, slant, 0), 0.3);  // the corner towards the light
    QCOMPARE(shadeAt(Shade::AwayFromLight, {30, 20}, box, slant, 0), 1.0);
    QCOMPARE(shadeAt(Shade::Edge, {15, 30}, box, up, 0), 1.0);
    QCOMPARE(shadeAt(Shade::Edge, {15, 30}, box, up, 9), 0.3);
    QVERIFY(std::fabs(shadeAt(Shade::Edge, {15, 30}, box, up, 1.25) - (0.3 + 0.7 * 0.5)) < 1e-9);
    QCOMPARE(shadeAt(Shade::Flat, {15, 30}, box, up, 0), 1.0);
  }

  void shadeTurnsWithTheLight() {
    Plan p = twoBoxes();
    p.colourings[0].shade = Shade::AwayFromLight;
    p.light = Light{};
    for (const auto& [direction, leftIsPale] : {std::pair(180.0, true), {0.0, false}}) {
      p.light->direction_deg = direction, p.light->height_deg = 20;
      const AnalysisRef a = best(p);
      const Simulation s = pressCard(p, *a);
      QVERIFY(s.proven);
      const float left = at(s.card, {33, 60})[1], right = at(s.card, {57, 60})[1];
      QCOMPARE(left > right, leftIsPale);
    }
  }

  /// All sequences of all acts of small random plans: every one that keeps the rules is proven, the best one
  /// found is the least work among them.
  void everySequenceThatKeepsTheRulesIsProven() {
    std::mt19937 rng(7);
    const auto dice = [&](int n) { return std::uniform_int_distribution<int>(0, n - 1)(rng); };
    int refused = 0, kept = 0;
    for (int round = 0; round < (thorough() ? 20 : 8); ++round) {
      Plan p = twoBoxes();
      p.colourings[0].ink = dice(2) ? "madder" : "white";
      p.colourings[1].ink = dice(2) ? "moss" : "white";
      p.impressions[1].at.x = 65 + dice(20);
      if (dice(2))
        p.impressions[0].school = School::Overprint, p.impressions[0].ink = dice(2) ? "white" : "soot";
      if (dice(2)) {
        Accent dot;
        dot.id = "a1", dot.ink = "white", dot.at = {{50.0 + dice(20), 60}}, dot.size_mm = 5;
        if (dice(2)) dot.on = "far";
        p.accents = {dot};
      }
      const AnalysisRef a = best(p);
      QVERIFY(a->actRules->impossible().empty());
      std::vector<int> acts = a->acts;
      std::sort(acts.begin(), acts.end());
      double least = 1e300;
      do {
        std::vector<int> place(acts.size() + 8, -1);
        for (size_t k = 0; k < acts.size(); ++k) place[ix(acts[k])] = static_cast<int>(k);
        bool keeps = true;
        for (const ActRule& r : a->actRules->all())
          keeps = keeps &&
                  (place[ix(r.first)] < 0 || place[ix(r.then)] < 0 || place[ix(r.first)] < place[ix(r.then)]);
        for (const OrderRule& r : orderRules(p, a->meetings, a->knots, a->needTable->bare()))
          keeps = keeps && place[ix(r.first)] < place[ix(r.then)];
        const AnalysisRef tried = inActs(p, *a, acts);
        const bool proven = simulate(tried->press(p, nullptr), tried->sheet, 50).value().proven;
        if (!keeps) {
          refused += !proven;
          continue;
        }
        ++kept;
        QVERIFY2(proven, qPrintable(QString("round %1").arg(round)));
        least = std::min(least, tried->sheet.minutes);
      } while (std::next_permutation(acts.begin(), acts.end()));
      QVERIFY2(a->sheet.minutes <= least + 1,
               qPrintable(QString("round %1: %2, could be %3").arg(round).arg(a->sheet.minutes).arg(least)));
    }
    QVERIFY2(refused > (thorough() ? 100 : 40) && kept > (thorough() ? 30 : 10),
             qPrintable(QString("%1 refused, %2 kept").arg(refused).arg(kept)));
  }

  /// Arrays with a known answer: of a dozen alike boxes the one in another colour is seen first.
  void theOneInColourIsSeenFirst() {
    std::mt19937 rng(11);
    int right = 0;
    for (int round = 0; round < 30; ++round) {
      Plan p = emptyPlan();
      p.card.panel = {140, 105, {}};
      p.inks = {handInk("soot", {0x30, 0x30, 0x34}), handInk("grey", {0x9a, 0x9a, 0x9c}),
                handInk("madder", round % 2 ? Colour{0xc0, 0x28, 0x30} : Colour{0x20, 0x58, 0xc0})};
      addStamp(p, outlined("box", 14, 14));
      const int odd = static_cast<int>(rng() % 12);
      for (int k = 0; k < 12; ++k) {
        const std::string id = "b" + std::to_string(k);
        Impression& i = put(p, id, "box", {22.0 + 32 * (k % 4), 14.0 + 31 * (k / 4)}, 5);
        i.ink = "soot", i.hero = k == odd;
        p.colourings.push_back(colour(("c" + id).c_str(), id.c_str(), k == odd ? "madder" : "grey"));
      }
      const AnalysisRef a = analyse(p);
      const LooksRef looks = lookAt(p, *a, nullptr);
      right += looks->path.front().thing == odd;
    }
    QVERIFY2(right >= 29, qPrintable(QString::number(right)));
  }

  void findingsThatOnlyColourShows() {
    const auto found = [](const Plan& p, FindingKind kind) {
      const AnalysisRef a = analyse(p);
      return std::any_of(a->findings.begin(), a->findings.end(),
                         [&](const Finding& f) { return f.kind == kind; });
    };
    Plan p = twoBoxes();
    Stamp hero = outlined("box", 40, 40);
    hero.role = Role::Figure;
    p.stamps[0] = std::make_shared<const Stamp>(hero);
    put(p, "third", "tall", {20, 120}, 20).ink = "soot";
    p.colourings.push_back(colour("c3", "third", "moss"));
    QVERIFY(!found(p, FindingKind::HeroUncoloured));
    Plan white = p;
    white.colourings.erase(white.colourings.begin());
    QVERIFY(found(white, FindingKind::HeroUncoloured));
    Colouring bare = colour("c9", "near", "");
    bare.bare = true;
    white.colourings.push_back(bare);  // on purpose
    QVERIFY(!found(white, FindingKind::HeroUncoloured));
    QVERIFY(!found(p, FindingKind::ColourJumpsOut));
    Plan loud = p;
    loud.colourings[0].ink = "dusk", loud.colourings[1].ink = "madder";
    QVERIFY(found(loud, FindingKind::ColourJumpsOut));
    Plan lit = p;
    lit.light = Light{};
    lit.light->direction_deg = 180, lit.light->height_deg = 30;
    lit.colourings[0].shade = Shade::AwayFromLight;
    QVERIFY(!found(lit, FindingKind::ShadeOnLitSide));
    lit.colourings[0].shade = Shade::TowardLight;
    QVERIFY(found(lit, FindingKind::ShadeOnLitSide));
  }

  void onlyWhatIsRecolouredIsCompositedAnew() {
    const Plan before = twoBoxes();
    Plan p = before;
    p.colourings[0].ink = "moss", p.colourings[0].strength = 0.4;
    const AnalysisRef then = analyse(before), now = analyse(p, then.get());
    const auto changed = recoloured(before, *then->hand, p, *now->hand);
    QVERIFY(changed && !changed->empty());
    const PressInput in = now->press(p, nullptr), old = then->press(before, nullptr);
    const Grid grid(p.card.panel.box(), 60);
    PressTiles tiles(in, grid), oldTiles(old, grid);
    const Canvas whole = intendedCard(in, tiles), part = intendedCard(in, tiles, changed),
                 was = intendedCard(old, oldTiles);
    const Canvas::Pixels& w = part.within();
    QVERIFY(w.width() < grid.width && w.height() < grid.height);
    for (int y = 0; y < grid.height; ++y)
      for (int x = 0; x < grid.width; ++x) {
        const bool within = x >= w.left && x < w.right && y >= w.top && y < w.bottom;
        QVERIFY(whole.at(x, y) == (within ? part : was).at(x, y));
      }
    QVERIFY(recoloured(p, *now->hand, p, *now->hand)->empty());
    // A part left bare under a colouring of everything changes the picture too.
    Plan bare = p;
    Colouring none = colour("b1", "near", "");
    none.bare = true;
    bare.colourings.push_back(none);
    const auto lost = recoloured(p, *now->hand, bare, *analyse(bare)->hand);
    QVERIFY(lost && !lost->empty());
    Plan moved = p;
    moved.impressions[0].at.x += 1;
    QVERIFY(!recoloured(p, *now->hand, moved, *analyse(moved)->hand));
    QCOMPARE(part.bytes().size(), static_cast<size_t>(w.width() * w.height() * 3));
  }

  void copiesShareAColouring() {
    Plan p = twoBoxes();
    put(p, "near2", "box", {90, 140}, 10).ink = "soot";
    p = colouredLike(p, "near2", "near").value();
    const AnalysisRef a = best(p);
    QVERIFY(placeOf(p, *a, "colour:c1@near2") < static_cast<int>(a->acts.size()));
    const Simulation s = pressCard(p, *a);
    QVERIFY(s.proven);
    QVERIFY(same(at(s.card, {90, 150}), through(p.card.paper.colour, p.inks[1].colour, 0.8)));
    QCOMPARE(actName(p, actNamed(p, "colour:c1@near2")), std::string("colour:c1@near2"));
  }
};

HAVLO_TEST(TstHandwork)
#include "tst_handwork.moc"
