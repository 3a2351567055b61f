// Colouring part by part, sharing and varying, lines, dots, own steps.
#include <QTest>
#include <cmath>

#include "core/edit/edits.h"
#include "core/edit/hand_edits.h"
#include "core/edit/wash_edits.h"
#include "core/handwork/act_list.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// A frame with an upright line in it: two parts.
struct TwoParts : ArtSource {
  std::optional<Tile> draw(const Stamp&, const Placing& placing, const Grid& grid) const override {
    const auto bar = [](double l, double b, double r, double t) -> Ring {
      return {{l, b}, {r, b}, {r, t}, {l, t}};
    };
    return softTile(
        grid, placing.toPanel(Rings{bar(0, 0, 20, 20), bar(0.5, 0.5, 6, 19.5), bar(6.5, 0.5, 19.5, 19.5)}));
  }
};

Plan boxes() {
  Plan p = emptyPlan();
  Stamp s = slab("box", 20, 20);
  s.art = "drawn by the test";
  addStamp(p, s);
  put(p, "a", "box", {40, 40}, 5), put(p, "b", "box", {80, 40}, 5);
  return p;
}

const StampRegions& parts() {
  static const TwoParts art;
  static const StampRegions regions(*boxes().stamps[0], &art);
  return regions;
}

ColourIn in(const char* ink, double strength = 0.8) {
  return {ink, ColourWay::Marker, Shade::Flat, strength};
}

}  // namespace

class TstHandEdits : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aPartIsColouredOnceAndAgain() {
    QCOMPARE(parts().all().size(), size_t{2});
    Plan p = withPartColoured(boxes(), "a", parts(), 0, in("black")).value();
    p = withPartColoured(p, "a", parts(), 0, in("blue")).value();
    QCOMPARE(p.colourings.size(), size_t{1});
    QCOMPARE(p.colourings[0].ink, std::string("blue"));
    QCOMPARE(colouringOf(p, "a", parts(), 0), 0);
    QCOMPARE(colouringOf(p, "a", parts(), 1), -1);
    p = withRestColoured(p, "a", in("black")).value();
    QCOMPARE(colouringOf(p, "a", parts(), 1), 1);
    QCOMPARE(colouringOf(p, "a", parts(), 0), 0);
    // Taken off, the rest would still colour it: so it stays bare on purpose.
    p = withPartUncoloured(p, "a", parts(), 0).value();
    QVERIFY(p.colourings[ix(colouringOf(p, "a", parts(), 0))].bare);
    QVERIFY(withoutColouring(p, "a").value().colourings.empty());
  }

  void badWishesAreRefused() {
    QVERIFY(!withPartColoured(boxes(), "nobody", parts(), 0, in("black")));
    QVERIFY(!withPartColoured(boxes(), "a", parts(), 7, in("black")));
    QVERIFY(!withPartColoured(boxes(), "a", parts(), 0, in("nothing")));
    QVERIFY(!colouredLike(boxes(), "a", "a"));
    QVERIFY(!withoutHandwork(boxes(), "line:l1"));
  }

  void sharedColoursBecomeItsOwnWhenItChanges() {
    Plan p = withPartColoured(boxes(), "a", parts(), 0, in("blue")).value();
    p = colouredLike(p, "b", "a").value();
    QCOMPARE(p.impression("b")->like, std::string("a"));
    QCOMPARE(p.colourings.size(), size_t{1});
    QCOMPARE(colouringOf(p, "b", parts(), 0), 0);
    const Plan own = withPartColoured(p, "b", parts(), 1, in("black")).value();
    QVERIFY(own.impression("b")->like.empty());
    QCOMPARE(own.colourings.size(), size_t{3});
    QCOMPARE(own.colourings[ix(colouringOf(own, "b", parts(), 0))].ink, std::string("blue"));
    // The first one goes: what shared its colours keeps them.
    const Plan left = without(p, "a").value();
    QVERIFY(left.impression("b")->like.empty());
    QCOMPARE(left.colourings.size(), size_t{1});
    QCOMPARE(left.colourings[0].impression, std::string("b"));
  }

  void variedCopiesAreNoClones() {
    Plan p = withPartColoured(boxes(), "a", parts(), 0, in("blue")).value();
    p = withPartColoured(p, "a", parts(), 1, in("black")).value();
    p = colouredLike(p, "b", "a").value();
    const Plan one = withVariedColouring(p, "b", 1).value(), again = withVariedColouring(p, "b", 1).value(),
               two = withVariedColouring(p, "b", 2).value();
    QCOMPARE(one, again);
    QVERIFY(!(one == two));
    for (const Colouring& c : one.colourings) {
      QVERIFY(std::fabs(c.strength - 0.8) <= 0.125 + 1e-9);
      if (c.impression == "a") QCOMPARE(c.strength, 0.8);
    }
  }

  void farThingsTurnPaler() {
    Plan p = withPartColoured(boxes(), "a", parts(), 0, in("blue")).value();
    p = colouredLike(p, "b", "a").value();
    const Plan far = withPalerColoursFarOff(p, {3, 24});
    QVERIFY(far.impression("b")->like.empty());
    for (const Colouring& c : far.colourings)
      QVERIFY(std::fabs(c.strength - (c.impression == "a" ? 0.8 : 0.8 / std::pow(8, 0.35))) < 0.006);
    const Plan farther = withPalerColoursFarOff(p, {3, 1e9});
    QVERIFY(std::fabs(farther.colourings.back().strength - 0.24) < 1e-9);
  }

  void aNewOneOfAColouredStampIsColouredAlike() {
    const Plan p = withPartColoured(boxes(), "a", parts(), 0, in("blue")).value();
    const Plan more = withNewImpression(p, "box", {100, 100}).value();
    QCOMPARE(more.impressions.back().like, std::string("a"));
    QVERIFY(withNewImpression(boxes(), "box", {100, 100}).value().impressions.back().like.empty());
  }

  void namesGoWithTheStampAndColouringsFollow() {
    Plan p = withPartColoured(boxes(), "a", parts(), 0, in("blue")).value();
    QVERIFY(std::holds_alternative<Point>(p.colourings[0].region));
    p = withRegionName(p, "box", parts(), 0, "the coat").value();
    QCOMPARE(p.stamps[0]->regions.size(), size_t{1});
    QVERIFY(std::holds_alternative<NamedRegion>(p.colourings[0].region));
    static const TwoParts art;
    const StampRegions now(*p.stamps[0], &art);
    QCOMPARE(now.all()[0].name, std::string("the coat"));
    p = withRegionName(p, "box", now, 0, "").value();
    QVERIFY(p.stamps[0]->regions.empty());
    QVERIFY(std::holds_alternative<Point>(p.colourings[0].region));
  }

  void inksOfTheDrawerComeInOnce() {
    Plan p = boxes();
    Ink moss;
    moss.id = "black", moss.name = "Moss", moss.colour = {1, 2, 3};
    const std::string id = addInk(p, moss);
    QVERIFY(id != "black");
    QCOMPARE(addInk(p, moss), id);
    QCOMPARE(p.inks.size(), size_t{3});
  }

  void scatteredDotsAreApartAndClear() {
    const Box area{0, 0, 120, 90};
    const std::vector<Box> clear{{20, 20, 60, 60}};
    const auto free = [&](Point p) { return !clear[0].contains(p); };
    const auto points = scattered(area, 500, 2, 3, free);
    QVERIFY2(points.size() > 480, qPrintable(QString::number(points.size())));
    for (size_t i = 0; i < points.size(); ++i) {
      QVERIFY(area.contains(points[i]) && !clear[0].contains(points[i]));
      for (size_t j = 0; j < i; ++j) QVERIFY(distance(points[i], points[j]) >= 2);
    }
    QCOMPARE(scattered(area, 500, 2, 3, free), points);
    QVERIFY(scattered(area, 500, 2, 4, free) != points);
    // Evenly: no quarter of what is free has less than half its share.
    int left = 0;
    for (Point p : points) left += p.x < 60;
    QVERIFY(left > 100 && left < 300);
    QVERIFY(scattered(area, 500, 2, 1, [](Point) { return false; }).empty());
    QVERIFY(scattered({}, 10, 1, 1, free).empty());
  }

  void whatGoesTakesItsHandworkAndWishesAlong() {
    Plan p = withPartColoured(boxes(), "a", parts(), 0, in("blue")).value();
    HandLine line;
    line.ink = "black", line.along = {{0, 0}, {5, 5}}, line.on = "a";
    std::string id;
    p = withLine(p, line, &id);
    QCOMPARE(actNamed(p, "line:" + id), firstHandAct(p) + 1);
    OwnStep own;
    own.text = "Breathe", own.before = {"a"};
    p = withOwnStep(p, own);
    p.making.sequence = {{"colour:" + p.colourings[0].id, "stamp:b", {}}, {"line:" + id, "stamp:b", {}}};
    const Plan left = without(p, "a").value();
    QVERIFY(left.colourings.empty() && left.lines.empty() && left.making.sequence.empty());
    QVERIFY(left.own[0].before.empty());
    const Plan noLine = withoutHandwork(p, "line:" + id).value();
    QVERIFY(noLine.lines.empty());
    QCOMPARE(noLine.making.sequence.size(), size_t{1});
  }
};

HAVLO_TEST(TstHandEdits)
#include "tst_hand_edits.moc"
