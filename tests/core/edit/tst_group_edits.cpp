// Changes of several things at once.
#include <QTest>
#include <algorithm>
#include <set>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/edit/group_edits.h"
#include "core/edit/wash_edits.h"
#include "core/plan/plan_text.h"
#include "core/viewpoint/projection.h"
#include "core/viewpoint/scale.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Four posts on the ground, a bird on the second, a cloud.
Plan posts() {
  Plan p = emptyPlan();
  addStamp(p, slab("post", 6, 20));
  addStamp(p, slab("bird", 4, 4));
  addStamp(p, slab("cloud", 30, 10));
  put(p, "a", "post", {20, 10}, 1).depth = OnGround{};
  put(p, "b", "post", {40, 30}, 1).depth = OnGround{};
  put(p, "c", "post", {55, 33}, 1).depth = OnGround{};
  put(p, "d", "post", {80, 60}, 1).depth = OnGround{};
  put(p, "bird", "bird", {40, 50}, 1).depth = OnThing{"b"};
  put(p, "cloud", "cloud", {60, 140}, 800);
  return p;
}

Point at(const Plan& p, const char* id) { return p.impression(id)->at; }

Plan good(const Result<Plan>& r) {
  if (!r) qFatal("%s", r.error().message.c_str());
  return r.value();
}

/// Reads back what it writes: nothing dangles.
bool holdsTogether(const Plan& p) {
  const auto read = readPlan(writePlan(p));
  if (!read) qWarning("%s", read.error().text().c_str());
  return bool(read);
}

}  // namespace

class TstGroupEdits : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void movingTakesAlongOnce() {
    const Plan p = posts();
    const Plan q = good(withFeetMoved(p, {"b", "bird", "c"}, {2, 3}));
    QVERIFY((at(q, "b") == Point{42, 33}));
    QVERIFY((at(q, "bird") == Point{42, 53}));  // chosen and carried: once
    QVERIFY((at(q, "c") == Point{57, 36}));
    QVERIFY(at(q, "a") == at(p, "a"));
    QVERIFY(!withFeetMoved(p, {"b", "nobody"}, {1, 1}));
    QVERIFY(!withFeetMoved(p, {"b"}, {1e6, 0}));
    const std::vector<int> along = movedWith(p, {"b"});
    QCOMPARE(along.size(), size_t{2});
    // Two presses of one figure stay one over the other, whichever is taken.
    Plan figure = p;
    for (Impression& i : figure.impressions)
      if (i.id == "a" || i.id == "d") i.figure = "layered";
    const Plan both = good(withFeetMoved(figure, {"d"}, {1, 0}));
    QVERIFY((at(both, "a") == at(p, "a") + Point{1, 0}));
    QVERIFY((at(both, "d") == at(p, "d") + Point{1, 0}));
    QVERIFY(at(both, "c") == at(p, "c"));
  }

  void anOpeningRoundThemAloneGoesAlong() {
    Plan p = posts();
    std::string edge;
    p = withNewLimit(p, LimitKind::Rectangle, &edge);
    WashLimit l = *p.limit(edge);
    l.holds = {"b", "c"}, l.opening = {30, 20, 70, 60};
    p = good(withLimit(p, l));
    QCOMPARE(good(withFeetMoved(p, {"b", "c"}, {5, 1})).limit(edge)->opening.left, 35.0);
    QCOMPARE(good(withFeetMoved(p, {"b"}, {5, 1})).limit(edge)->opening.left, 30.0);
  }

  // A turn keeps all distances within the group, and its middle.
  void turningIsRigid() {
    const Plan p = posts();
    const Ids ids{"a", "c", "cloud"};
    const Plan q = good(withTurnedTogether(p, ids, Degrees{37}));
    const auto apart = [](Point l, Point r) { return std::hypot(l.x - r.x, l.y - r.y); };
    Point before, after;
    for (const std::string& l : ids) {
      before = before + p.impression(l)->at, after = after + q.impression(l)->at;
      QCOMPARE(q.impression(l)->turn_deg, 37.0);
      for (const std::string& r : ids)
        QVERIFY(std::fabs(apart(p.impression(l)->at, p.impression(r)->at) -
                          apart(q.impression(l)->at, q.impression(r)->at)) < 1e-9);
    }
    QVERIFY(apart(before, after) < 1e-9);
    const Plan back = good(withTurnedTogether(q, ids, Degrees{-37}));
    for (const std::string& id : ids) QVERIFY(apart(back.impression(id)->at, p.impression(id)->at) < 1e-9);
    // Anticlockwise: what is on the right goes up.
    Plan level = posts();
    level.impressions[0].at = {20, 30}, level.impressions[2].at = {60, 30};
    QVERIFY(good(withTurnedTogether(level, {"a", "c"}, Degrees{10})).impression("c")->at.y > 30);
  }

  // Twice as far halves the height under the horizon, and the place on the ground line stays.
  void distancesTimesAFactor() {
    const Plan p = posts();  // horizon 96, vanishing point in the middle, 63.5
    const Plan q = good(withDistancesTimes(p, {"a", "b", "bird", "cloud"}, 2));
    QVERIFY(std::fabs(96 - at(q, "a").y - (96 - 10) / 2.0) < 1e-9);
    QVERIFY(std::fabs(63.5 - at(q, "a").x - (63.5 - 20) / 2.0) < 1e-9);
    QVERIFY(std::fabs(96 - at(q, "b").y - (96 - 30) / 2.0) < 1e-9);
    // What sits on it is carried by as much, not sent off by itself.
    const Point by = at(q, "b") - at(p, "b"), bird = at(q, "bird") - at(p, "bird");
    QVERIFY(std::hypot(by.x - bird.x, by.y - bird.y) < 1e-9);
    QCOMPARE(std::get<AtMetres>(q.impression("cloud")->depth).metres, 1600.0);
    QVERIFY(!withDistancesTimes(p, {"a"}, 0));
    QVERIFY(!withDistancesTimes(p, {"a"}, std::nan("")));
  }

  void oneGroundLineIsOneDistance() {
    const Plan q = good(onOneLine(posts(), {"a", "b", "d", "bird"}, Millimetres{25}));
    const DepthOrder depth(q);
    for (const char* id : {"b", "d"})
      QCOMPARE(depth.distance_m(q.indexOf(id)), depth.distance_m(q.indexOf("a")));
    QCOMPARE(at(q, "bird").y, 45.0);  // with the post, which came down by 5
  }

  void evenInThePictureIsEqualGaps() {
    Plan p = posts();
    addStamp(p, slab("wide", 20, 10));
    p.impressions[2].stamp = "wide";
    p.impressions[2].at.x = 44;
    const Plan q = good(spacedEvenly(p, {"a", "b", "c", "d"}, Even::Picture));
    // Left to right: a 17–23, b, c, d 77–83; 54 mm for 6 + 20 mm of print.
    QVERIFY(at(q, "a") == at(p, "a"));
    QVERIFY(at(q, "d") == at(p, "d"));
    const double gap = (54.0 - 26.0) / 3;
    QVERIFY(std::fabs(at(q, "b").x - (23 + gap + 3)) < 1e-9);
    QVERIFY(std::fabs(at(q, "c").x - (23 + gap + 6 + gap + 10)) < 1e-9);
    QCOMPARE(at(q, "b").y, at(p, "b").y);
    QVERIFY(!spacedEvenly(p, {"a", "b"}, Even::Picture));
    QVERIFY(!spacedEvenly(p, {"a", "b", "bird"}, Even::Picture));  // the bird is carried: only two stand
  }

  // Four points with equal steps have the cross-ratio 4/3, whatever projection shows them.
  void evenOnTheGroundIsEqualMetres() {
    Plan p = posts();
    // All on one straight line of the ground, unevenly.
    const double xs[] = {20, 31, 47, 56};
    const double slope = (50.0 - 10) / (56 - 20);
    for (int k = 0; k < 4; ++k) p.impressions[ix(k)].at = {xs[k], 10 + slope * (xs[k] - 20)};
    const Plan q = good(spacedEvenly(p, {"a", "b", "c", "d"}, Even::Scene));
    QVERIFY(at(q, "a") == at(p, "a"));
    QVERIFY(at(q, "d") == at(p, "d"));
    const double ratio = crossRatio(at(q, "a").y, at(q, "b").y, at(q, "c").y, at(q, "d").y);
    QVERIFY2(std::fabs(ratio - 4.0 / 3) < 1e-9, qPrintable(QString::number(ratio)));
    for (const char* id : {"b", "c"})  // and they stay on the line
      QVERIFY(std::fabs(at(q, id).y - (10 + slope * (at(q, id).x - 20))) < 1e-6);
    QVERIFY(!spacedEvenly(p, {"a", "b", "cloud"}, Even::Scene));
  }

  // A zigzag stays one: each keeps its metres beside the line.
  void evenOnTheGroundKeepsWhatStandsBesideTheLine() {
    const Plan p = posts();
    const Plan q = good(spacedEvenly(p, {"a", "b", "c", "d"}, Even::Scene));
    const Projection projection(*p.view, p.card.panel.width_mm);
    const auto scene = [&](const Plan& of, const char* id) { return projection.onGround(at(of, id)); };
    const ScenePoint a = scene(p, "a"), d = scene(p, "d");
    const auto across = [&](ScenePoint s) {
      const double l = std::hypot(d.x - a.x, d.away - a.away);
      return ((s.x - a.x) * (d.away - a.away) - (s.away - a.away) * (d.x - a.x)) / l;
    };
    for (const char* id : {"b", "c"}) QVERIFY(std::fabs(across(scene(p, id)) - across(scene(q, id))) < 1e-9);
  }

  void frontAndBackAreSaidOfWhatOverlaps() {
    Plan p = posts();
    put(p, "over", "cloud", {40, 35}, 500);  // over b and c, far away
    const AnalysisRef a = analyse(p);
    const Plan front = good(withAllInFront(p, {"over"}, a->meetings, true));
    const DepthOrder depth(front);
    for (const char* id : {"b", "c"}) QVERIFY(depth.inFront(front.indexOf("over"), front.indexOf(id)));
    QVERIFY(front.impression("over")->inFrontOf.size() == 2);
    const Plan behind = good(withAllInFront(front, {"over"}, analyse(front)->meetings, false));
    QVERIFY(behind.impression("over")->inFrontOf.empty());
    QVERIFY(!DepthOrder(behind).inFront(behind.indexOf("over"), behind.indexOf("b")));
    // Nothing is said among those that were chosen together.
    const Plan both = good(withAllInFront(p, {"over", "b"}, a->meetings, true));
    QVERIFY((both.impression("over")->inFrontOf == std::vector<std::string>{"c"}));
  }

  void inkPressingSchoolAndTakingOff() {
    const Plan p = posts();
    const Ids ids{"a", "c"};
    const Plan inked = good(withInkOfAll(p, ids, p.inks[1].id));
    const Plan pressed = good(withPressingOfAll(inked, ids, 3));
    const Plan over = good(withSchoolOfAll(pressed, ids, School::Overprint));
    for (const std::string& id : ids) {
      QCOMPARE(over.impression(id)->ink, p.inks[1].id);
      QCOMPARE(over.impression(id)->generation, 3);
      QVERIFY(over.impression(id)->school == School::Overprint);
    }
    QVERIFY(*over.impression("b") == *p.impression("b"));
    QVERIFY(!withInkOfAll(p, ids, "none"));
    const Plan less = good(withoutAll(p, {"b", "bird", "d"}));
    QCOMPARE(less.impressions.size(), size_t{3});
    QVERIFY(holdsTogether(less));
  }

  void copiesKeepWhatHoldsThemTogether() {
    Plan p = posts();
    p.impression("a");
    p.impressions[0].inFrontOf = {"c", "d"};
    p.impressions[1].hero = true;
    p.impressions[2].figure = p.impressions[3].figure = "pair";
    const Plan part = partOf(p, {"a", "b", "bird", "c", "d"});
    QVERIFY(holdsTogether(part));
    const auto added = withPart(p, part, {5, -2});
    QVERIFY(bool(added));
    const Plan& q = added.value().plan;
    QVERIFY(holdsTogether(q));
    QCOMPARE(q.impressions.size(), p.impressions.size() + 5);
    QCOMPARE(q.stamps.size(), p.stamps.size());  // none twice
    QCOMPARE(q.inks.size(), p.inks.size());
    const Ids& made = added.value().things;
    QCOMPARE(std::set<std::string>(made.begin(), made.end()).size(), size_t{5});
    for (size_t k = 0; k < 5; ++k) {
      const Impression& copy = *q.impression(made[k]);
      const Impression& of = part.impressions[k];
      QVERIFY((copy.at == Point{of.at.x + 5, of.at.y - 2}));
      QCOMPARE(copy.stamp, of.stamp);
      QVERIFY(!copy.hero);  // a card has one
    }
    QCOMPARE(std::get<OnThing>(q.impression(made[4])->depth).id, made[1]);
    QVERIFY((q.impression(made[0])->inFrontOf == std::vector<std::string>{made[2], made[3]}));
    QVERIFY(!q.impression(made[2])->figure.empty());
    QCOMPARE(q.impression(made[2])->figure, q.impression(made[3])->figure);
    QVERIFY(q.impression(made[2])->figure != "pair");
  }

  // Taken without what it sits on, it stays as far away.
  void aCopyWithoutItsHostKeepsItsDistance() {
    const Plan p = posts();
    const Plan part = partOf(p, {"bird"});
    QVERIFY(holdsTogether(part));
    const double away = DepthOrder(p).distance_m(p.indexOf("bird"));
    QVERIFY(std::fabs(std::get<AtMetres>(part.impressions[0].depth).metres - away) < 1e-9);
  }

  void intoAnotherPlanComeStampsInksAndColours() {
    const Plan towpath = demo("canal-towpath");
    Plan other = emptyPlan();
    // The other plan has an ink of the same id that is another colour, and the same stamp already.
    const std::string hare = towpath.impressions[ix(indexOf(towpath, "hare"))].stamp;
    addStamp(other, *towpath.stamp(hare));
    Ink impostor = *towpath.ink(towpath.impression("hare")->ink);
    impostor.colour = {1, 2, 3};
    other.inks.push_back(impostor);
    const Plan part = partOf(towpath, {"hare"});
    QVERIFY(!part.colourings.empty());
    const auto added = withPart(other, part, {0, 0});
    QVERIFY(bool(added));
    const Plan& q = added.value().plan;
    QVERIFY(holdsTogether(q));
    QCOMPARE(q.stamps.size(), size_t{1});
    const Impression& copy = *q.impression(added.value().things[0]);
    QVERIFY(q.ink(copy.ink)->colour == towpath.ink(towpath.impression("hare")->ink)->colour);
    QVERIFY(q.ink(impostor.id)->colour == impostor.colour);
    const auto coloured = [](const Plan& of, const std::string& id) {
      return std::count_if(of.colourings.begin(), of.colourings.end(),
                           [&](const Colouring& c) { return c.impression == id; });
    };
    QCOMPARE(coloured(q, copy.id), coloured(towpath, "hare"));
    QVERIFY(copy.hero);  // that card had none
    // Beside what it was made from it shares its colours instead.
    const auto beside = withPart(towpath, part, {10, 0});
    QVERIFY(bool(beside));
    QCOMPARE(beside.value().plan.colourings.size(), towpath.colourings.size());
    QCOMPARE(beside.value().plan.impression(beside.value().things[0])->like, std::string("hare"));
    QVERIFY(holdsTogether(beside.value().plan));
  }

  // Every thing of every demo, copied onto its own card and onto an empty one.
  void whateverIsCopiedCanBeRead() {
    for (const char* name :
         {"canal-towpath", "towpath-finished", "potting-shed", "misty-fen", "teaching-crowd"}) {
      const Plan p = demo(name);
      for (size_t k = 0; k < p.impressions.size(); k += 3) {
        const Ids ids{p.impressions[k].id, p.impressions[p.impressions.size() - 1 - k / 2].id};
        const Plan part = partOf(p, ids);
        QVERIFY2(holdsTogether(part), name);
        for (const Plan& onto : {p, emptyPlan()}) {
          const auto added = withPart(onto, part, {3, 2});
          QVERIFY2(added && holdsTogether(added.value().plan), name);
        }
      }
    }
  }

  void aCrowdIsStampedAsItWasLaid() {
    Plan p = emptyPlan();
    CrowdWish wish;
    for (int k = 0; k < 3; ++k) {
      Stamp s = slab("p" + std::to_string(k), 14, 50 + k);
      s.role = Role::Figure;
      s.realHeight = RealHeight{1.6, 1.4, 1.8, {}};
      wish.stamps.push_back(std::make_shared<const Stamp>(s));
    }
    const auto crowd = planCrowd(*p.view, p.card.panel, wish);
    QVERIFY(bool(crowd));
    const auto added = withCrowd(p, wish, crowd.value());
    QVERIFY(bool(added));
    const Plan& q = added.value().plan;
    QVERIFY(holdsTogether(q));
    QCOMPARE(q.impressions.size(), size_t{12});
    for (size_t k = 0; k < 12; ++k) {
      QVERIFY(q.impressions[k].at == crowd.value().places[k].at);
      QCOMPARE(q.impressions[k].stamp, wish.stamps[ix(crowd.value().places[k].stamp)]->id);
      QVERIFY(std::holds_alternative<OnGround>(q.impressions[k].depth));
    }
    for (const ScaleReading& s : readScales(q)) QVERIFY(s.verdict == ScaleVerdict::Fits);
  }
};

HAVLO_TEST(TstGroupEdits)
#include "tst_group_edits.moc"
