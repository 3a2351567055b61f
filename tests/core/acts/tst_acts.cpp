// Blends in the stack and in the sequence: the cards makers make, each proven, and each rule's fault bred and
// refused.
#include <QTest>
#include <algorithm>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/edit/making_edits.h"
#include "core/edit/wash_edits.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Ink inkNamed(const char* id, Colour colour, double opacity) {
  Ink i;
  i.id = id, i.colour = colour, i.opacity = opacity;
  return i;
}

/// A sky blended first, a dark row printed on it, white mist before that row, a nearer row, a hero kept
/// clean, and a white greeting on top.
Plan mistyCard() {
  Plan p = emptyPlan();
  p.inks = {inkNamed("soot", {0x20, 0x22, 0x26}, 0.9), inkNamed("dusk", {0x6f, 0x86, 0xb4}, 0),
            inkNamed("white", {0xf8, 0xf8, 0xf2}, 0.85)};
  addStamp(p, slab("row", 110, 24)), addStamp(p, slab("words", 40, 8));
  Stamp hero = slab("hero", 20, 30);
  hero.silhouette = {{{4, 0}, {16, 0}, {20, 18}, {10, 30}, {0, 18}}};
  addStamp(p, hero);
  const auto lay = [&](const char* id, const char* stamp, const char* ink, Point at,
                       double metres) -> Impression& {
    Impression& i = put(p, id, stamp, at, metres);
    i.ink = ink;
    return i;
  };
  lay("far", "row", "soot", {63, 80}, 40), lay("near", "row", "soot", {63, 50}, 15);
  lay("hero", "hero", "soot", {60, 40}, 3).hero = true;
  lay("words", "words", "white", {63, 150}, 1).school = School::Overprint;
  Wash sky, mist;
  sky.id = "sky", sky.ink = "dusk", sky.kind = WashKind::Sky, sky.area = rectangle({-20, 60, 147, 198}),
  sky.reach = 1, sky.from = WashFrom::Top, sky.strength = 0.8, sky.lets = {"far", "near", "words"};
  mist.id = "mist", mist.ink = "white", mist.kind = WashKind::Mist, mist.area = rectangle({-20, 70, 147, 95}),
  mist.from = WashFrom::Middle, mist.strength = 0.7, mist.depth = AtMetres{25}, mist.lets = {"near"};
  p.washes = {sky, mist};
  return p;
}

int placeOf(const Analysis& a, int act) {
  return static_cast<int>(std::find(a.acts.begin(), a.acts.end(), act) - a.acts.begin());
}

Simulation press(const Plan& p, const Analysis& a) {
  return simulate(a.press(p, nullptr), a.sheet, 100).value();
}

/// The sheet with one thing changed.
template <typename F>
Simulation pressedWith(const Plan& p, const Analysis& a, F change) {
  RunSheet sheet = a.sheet;
  change(sheet.steps.own());
  return simulate(a.press(p, nullptr), sheet, 100).value();
}

}  // namespace

class TstActs : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aSkyIsBlendedFirstAndMistBetweenTwoRows() {
    const Plan p = mistyCard();
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const int far = 0, near = 1, hero = 2, words = 3, sky = 4, mist = 5;
    QVERIFY(placeOf(*a, sky) < placeOf(*a, far));    // dark trees are printed on the sky
    QVERIFY(placeOf(*a, far) < placeOf(*a, mist));   // the mist veils them
    QVERIFY(placeOf(*a, mist) < placeOf(*a, near));  // and the nearer row stands before it
    QVERIFY(placeOf(*a, hero) < placeOf(*a, sky));   // the hero lies covered under both
    QVERIFY(placeOf(*a, sky) < placeOf(*a, words));  // white letters go on top
    QVERIFY(a->actRules->impossible().empty());
    const Simulation s = press(p, *a);
    QVERIFY2(s.proven, qPrintable(QString::number(s.unexplained_mm2)));
    // The mist veils: where it is full the dark row behind it comes out lighter than the one before it.
    const Grid& g = s.card.grid();
    const auto at = [&](Point q) {
      return s.card.at(static_cast<int>(q.x * g.pxPerMmX()), static_cast<int>((178 - q.y) * g.pxPerMmY()));
    };
    QVERIFY(at({15, 84})[1] > 3 * at({15, 60})[1]);
    // And white letters are seen on the sky.
    QVERIFY(at({63, 154})[0] > 1.3f * at({100, 154})[0]);
  }

  // Each rule broken on the table: none may be called proven.
  void everyRulesFaultIsRefused() {
    const Plan p = mistyCard();
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const auto step = [](std::vector<Step>& steps, Do what, int index) {
      return std::find_if(steps.begin(), steps.end(), [&](const Step& s) {
        return s.what == what && (what == Do::Wash ? s.wash : s.impression) == index;
      });
    };
    const auto moved = [&](Do what, int index, bool toFront) {
      return pressedWith(p, *a, [&](std::vector<Step>& steps) {
        const auto it = step(steps, what, index);
        const Step s = *it;
        steps.erase(it);
        toFront ? (void)steps.insert(steps.begin(), s) : steps.push_back(s);
      });
    };
    QVERIFY(!moved(Do::Wash, 1, true).proven);    // mist before the row it veils
    QVERIFY(!moved(Do::Wash, 1, false).proven);   // mist over the row that stands before it
    QVERIFY(!moved(Do::Wash, 0, false).proven);   // the sky over the white letters and the mist
    QVERIFY(!moved(Do::Stamp, 3, true).proven);   // white letters under the sky
    QVERIFY(!moved(Do::Stamp, 0, false).proven);  // the far row over the mist
    const Simulation bare = pressedWith(p, *a, [](std::vector<Step>& steps) {
      std::erase_if(steps, [](const Step& s) { return s.what == Do::MaskOn; });
    });
    QVERIFY(!bare.proven);  // nobody covered the hero
    const Simulation without = pressedWith(p, *a, [](std::vector<Step>& steps) {
      std::erase_if(steps, [](const Step& s) { return s.what == Do::Wash && s.wash == 1; });
    });
    QVERIFY(!without.proven);  // the mist was forgotten
  }

  // An oval and a horizon at once: colour inside the one and above the other, and nowhere else.
  void twoPapersLieAtOnce() {
    Plan p = emptyPlan();
    p.inks[1].opacity = 0;
    p = withNewWash(p, WashKind::Sky, "blue").value();
    const std::string sky = p.washes[0].id;
    std::string oval, horizon;
    p = withNewLimit(p, LimitKind::Oval, &oval);
    p = withNewLimit(p, LimitKind::Straight, &horizon);
    p = boundBy(p, sky, horizon, LimitSide::Above).value();
    p = alsoBoundBy(p, sky, oval, LimitSide::Inside).value();
    p = withWashFrom(p, sky, WashFrom::Bottom).value();
    QCOMPARE(p.washes[0].limits.size(), size_t{2});
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const auto laid = std::count_if(a->sheet.steps.begin(), a->sheet.steps.end(),
                                    [](const Step& s) { return s.what == Do::MaskOn && s.limit >= 0; });
    QCOMPARE(laid, 2);
    QVERIFY(press(p, *a).proven);
    // Each of the two forgotten is seen.
    for (const int gone : {0, 1})
      QVERIFY(!pressedWith(p, *a, [&](std::vector<Step>& steps) {
                 std::erase_if(steps, [&](const Step& s) { return s.what == Do::MaskOn && s.limit == gone; });
               }).proven);
    // And the edge laid for the other side.
    QVERIFY(!pressedWith(p, *a, [&](std::vector<Step>& steps) {
               for (Step& s : steps)
                 if (s.limit == 1 && s.what != Do::Wash) s.side = LimitSide::Below;
             }).proven);
  }

  // A border that is to be sharp and that no paper makes: said with its length, not proven, and mended either
  // way.
  void onlyPaperMakesACrispBorder() {
    Plan p = emptyPlan();
    p.inks[1].opacity = 0;
    Wash w;
    w.id = "ground", w.ink = "blue", w.area = rectangle({-5, -5, 132, 60}), w.from = WashFrom::Bottom,
    w.reach = 1;
    w.from = WashFrom::Top, w.softness_mm = 0;
    p.washes = {w};
    const AnalysisRef a = analyse(p);
    const auto found = std::find_if(a->findings.begin(), a->findings.end(), [](const Finding& f) {
      return f.kind == FindingKind::BorderNothingMakes;
    });
    QVERIFY(found != a->findings.end());
    QVERIFY2(std::fabs(found->value - 126.4) < 1.5,
             qPrintable(QString::number(found->value)));  // panel less its rims
    QVERIFY(!press(p, *a).proven);
    QVERIFY(found->fix && found->fix->what == Fix::What::LayEdge);
    const Plan edged = applied(p, *found->fix).value();
    const AnalysisRef b = analyse(edged);
    QVERIFY(std::none_of(b->findings.begin(), b->findings.end(),
                         [](const Finding& f) { return f.kind == FindingKind::BorderNothingMakes; }));
    QVERIFY(press(edged, *b).proven);
    const Plan soft = withWashSoftness(p, "ground", 8).value();
    const AnalysisRef c = analyse(soft);
    QVERIFY(std::none_of(c->findings.begin(), c->findings.end(),
                         [](const Finding& f) { return f.kind == FindingKind::BorderNothingMakes; }));
    QVERIFY(press(soft, *c).proven);
  }

  // Version 1: the same card, whatever the order.
  void washesOfVersionOneLieBehindEverything() {
    const char* text =
        R"({"format":"havlo-plan","version":1,"card":{"panel":{"width":100,"height":80}},"inks":[{"id":"k"}],
        "stamps":[{"id":"s","size":{"width":10,"height":20},"silhouette":[[[0,0],[10,0],[10,20],[0,20]]]}],
        "impressions":[{"id":"a","stamp":"s","ink":"k","at":[20,10],"depth":{"metres":3}}],
        "limits":[{"id":"l","kind":"straight","left":20}],
        "washes":[{"id":"w","ink":"k","area":[[[0,0],[50,0],[50,50]]],"overImpressions":["a"],"kind":"mist","limit":"l","side":"below","lets":7}]})";
    const Plan p = readPlan(text).value().plan;
    const Wash& w = p.washes[0];
    QVERIFY(w.depth == WashDepth(WashLayer::Far) && w.softness_mm == 0);
    QCOMPARE(w.lets, std::vector<std::string>{"a"});
    QVERIFY(w.bound() && w.bound()->id == "l" && w.bound()->side == LimitSide::Below);
    QVERIFY(w.extra.find("version1:lets") != std::string::npos);  // meant nothing then, and is kept
    const std::string written = writePlan(p);
    QVERIFY(written.find("\"version\": 2") != std::string::npos);
    QVERIFY(readPlan(written).value().plan == p);
  }

  void badDepthsAreSaid() {
    const auto place = [](const char* depth) {
      const std::string text =
          std::string(
              R"({"format":"havlo-plan","version":2,"card":{"panel":{"width":100,"height":80}},"inks":[{"id":"k"}],
          "washes":[{"id":"w","ink":"k","area":[[[0,0],[50,0],[50,50]]],"depth":)") +
          depth + "}]}";
      const auto read = readPlan(text);
      return read ? std::string() : read.error().place;
    };
    QCOMPARE(place(R"("far")"), std::string());
    QCOMPARE(place(R"("deep")"), std::string("washes[0].depth"));
    QCOMPARE(place(R"({"metres":-1})"), std::string("washes[0].depth.metres"));
    QCOMPARE(place(R"({"behind":"nobody"})"), std::string("washes[0].depth.behind"));
    QCOMPARE(place(R"({"behind":"a","metres":3})"), std::string("washes[0].depth"));
    QVERIFY(!withWashDepth(mistyCard(), "mist", BesideThing{"nobody", true}));
    QVERIFY(!withWashSoftness(mistyCard(), "mist", -1) && !withWashSoftness(mistyCard(), "mist", 1e6));
  }

  // Any two acts can be wished in an order. A blend before a print that it neither lies under nor keeps off,
  // and one print before another: met, in the best order as in the quick one. Against what must be: named
  // with what stands against it, and all else is done as if it had not been said.
  void wishesForAnyTwoActs() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "a", "s", {20, 20}, 1), put(p, "b", "s", {60, 20}, 2), put(p, "front", "s", {100, 100}, 1);
    put(p, "back", "s", {108, 105}, 3);
    Wash w;
    w.id = "sky", w.ink = "blue", w.area = rectangle({0, 140, 127, 178}), w.strength = 0.5;
    p.washes = {w};
    const auto place = [&](const Analysis& a, const std::string& name) {
      return std::find(a.acts.begin(), a.acts.end(), actNamed(p, name)) - a.acts.begin();
    };
    for (const auto& [act, before] : {std::pair<std::string, std::string>{"wash:sky", "stamp:a"},
                                      {"stamp:a", "wash:sky"},
                                      {"stamp:b", "stamp:a"},
                                      {"stamp:a", "stamp:b"},
                                      {"stamp:back", "stamp:b"},
                                      {"wash:sky", "stamp:front"}}) {
      p = wantedBefore(p, act, before, true).value();
      for (const AnalysisRef& a : {analyse(p), withBestOrder(p, analyse(p))}) {
        QVERIFY2(place(*a, act) < place(*a, before), qPrintable(QString::fromStdString(act + " " + before)));
        QVERIFY(a->actRules->refused().empty() &&
                simulate(a->press(p, nullptr), a->sheet, 80).value().proven);
      }
      p.making.sequence.clear();
    }
    p = wantedBefore(p, "stamp:back", "stamp:front", true).value();
    p = wantedBefore(p, "wash:sky", "stamp:b", true).value();
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QCOMPARE(a->actRules->refused().size(), size_t{1});
    QCOMPARE(a->actRules->refused()[0].wish, size_t{0});
    QCOMPARE(a->actRules->refused()[0].against, (std::vector<int>{2, 3}));
    QVERIFY(place(*a, "wash:sky") < place(*a, "stamp:b") &&
            place(*a, "stamp:front") < place(*a, "stamp:back"));
    QVERIFY(simulate(a->press(p, nullptr), a->sheet, 80).value().proven);
    const auto found = std::find_if(a->findings.begin(), a->findings.end(),
                                    [](const Finding& f) { return f.kind == FindingKind::WishImpossible; });
    QVERIFY(found != a->findings.end() && found->value == 0);
    QCOMPARE(applied(p, *found->fix).value().making.sequence.size(), size_t{1});
    // In a ring: the second of the two is refused.
    p.making.sequence = {
        {"stamp:a", "stamp:b", {}}, {"stamp:b", "wash:sky", {}}, {"wash:sky", "stamp:a", {}}};
    const AnalysisRef ring = analyse(p);
    QCOMPARE(ring->actRules->refused().size(), size_t{1});
    QCOMPARE(ring->actRules->refused()[0].wish, size_t{2});
    QCOMPARE(ring->actRules->refused()[0].against, (std::vector<int>{0, 1, 4}));
  }

  // A thing on paper of its own may be stamped at any time: before a blend, before another thing, after both.
  void piecesAreStampedWhenTheMakerWishes() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "a", "s", {30, 30}, 4), put(p, "b", "s", {80, 30}, 4).ink = "blue";
    put(p, "loose", "s", {60, 90}, 2).school = School::PopUp;
    put(p, "loose2", "s", {90, 90}, 2).school = School::PopUp;
    p.washes.push_back({});
    p.washes[0].id = "sky", p.washes[0].ink = "blue", p.washes[0].area = rectangle(p.card.panel.box());
    const auto stepOf = [&](const Analysis& a, const std::string& act) {
      const int n = actNamed(p, act);
      for (size_t k = 0; k < a.sheet.steps.size(); ++k) {
        const Step& s = a.sheet.steps[k];
        if (n < 4 ? s.what == Do::Stamp && s.impression == n : s.what == Do::Wash) return k;
      }
      return a.sheet.steps.size();
    };
    for (const auto& [act, before] : {std::pair<std::string, std::string>{"stamp:loose", "stamp:a"},
                                      {"stamp:loose", "wash:sky"},
                                      {"stamp:b", "stamp:loose"},
                                      {"wash:sky", "stamp:loose"},
                                      {"stamp:loose2", "stamp:loose"},
                                      {"stamp:loose", "stamp:loose2"}}) {
      p.making.sequence = {{act, before, {}}};
      for (const AnalysisRef& a : {analyse(p), withBestOrder(p, analyse(p))}) {
        QVERIFY2(stepOf(*a, act) < stepOf(*a, before),
                 qPrintable(QString::fromStdString(act + " " + before)));
        QVERIFY(a->actRules->refused().empty());
        QVERIFY(simulate(a->press(p, nullptr), a->sheet, 80).value().proven);
      }
    }
    // It is the piece that is moved; what else is done stays in its order.
    p.making.sequence.clear();
    const auto others = [&] {
      std::vector<int> acts = analyse(p)->acts;
      std::erase_if(acts, [](int act) { return act == 2 || act == 3; });
      return acts;
    };
    p.washes.push_back(p.washes[0]);
    p.washes[1].id = "dusk", p.washes[1].area = rectangle({0, 0, 127, 60});
    const std::vector<int> plain = others();
    for (const auto& [act, before] :
         {std::pair<std::string, std::string>{actName(p, plain.back()), "stamp:loose"},
          {"stamp:loose", "stamp:a"}}) {
      p.making.sequence = {{act, before, {}}};
      QCOMPARE(others(), plain);
    }
    // Two wishes at once, and one that goes back on them.
    p.making.sequence = {
        {"stamp:loose", "stamp:a", {}}, {"stamp:loose2", "stamp:loose", {}}, {"stamp:a", "stamp:loose2", {}}};
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QVERIFY(stepOf(*a, "stamp:loose2") < stepOf(*a, "stamp:loose") &&
            stepOf(*a, "stamp:loose") < stepOf(*a, "stamp:a"));
    QCOMPARE(a->actRules->refused().size(), size_t{1});
    QCOMPARE(a->actRules->refused()[0].wish, size_t{2});
    QCOMPARE(a->actRules->refused()[0].against, (std::vector<int>{3, 2, 0}));
  }

  // Told by the definition: a rule is broken when its second comes first, unless a mask may be laid ahead.
  void brokenRulesAreThoseOutOfOrder() {
    const std::vector<OrderRule> rules{{0, 1, false}, {1, 2, false}, {0, 2, true}};
    const auto broken = [&](const std::vector<int>& order) {
      std::vector<std::pair<int, int>> out;
      for (const OrderRule& r : brokenRules(rules, order)) out.emplace_back(r.first, r.then);
      return out;
    };
    using Pairs = std::vector<std::pair<int, int>>;
    QCOMPARE(broken({0, 1, 2}), Pairs());
    QCOMPARE(broken({1, 0, 2}), (Pairs{{0, 1}}));
    QCOMPARE(broken({2, 1, 0}), (Pairs{{0, 1}, {1, 2}}));  // (0, 2) may be laid ahead
    QCOMPARE(broken({2, 0, 1}), (Pairs{{1, 2}}));
  }
};

HAVLO_TEST(TstActs)
#include "tst_acts.moc"
