// One paper over several things: counted by hand, judged by the press, and against every other choice.
#include <QTest>
#include <algorithm>
#include <random>

#include "core/chain/chain.h"
#include "core/chain/what_if.h"
#include "core/cutting/mask_job.h"
#include "core/edit/making_edits.h"
#include "core/mask/joint_paper.h"
#include "core/outline/shape_ops.h"
#include "core/runsheet/papers.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Slabs of one stamp, each 20 x 24 mm and behind the one to its left, of which it shows 14 mm; behind all of
/// them a blue sky.
Plan crowd(int count, double apart_mm = 14) {
  Plan p = emptyPlan();
  addStamp(p, slab("duck", 20, 24));
  for (int k = 0; k < count; ++k)
    put(p, "duck" + std::to_string(k + 1), "duck", {18 + apart_mm * k, 40.0 + k}, 3 + k);
  Wash sky;
  sky.id = "sky", sky.ink = p.inks[1].id, sky.kind = WashKind::Sky;
  sky.area = {{{0, 20}, {127, 20}, {127, 178}, {0, 178}}};
  sky.strength = 0.6, sky.softness_mm = 8;
  p.washes.push_back(sky);
  return p;
}

AnalysisRef inBestOrder(const Plan& p) { return withBestOrder(p, analyse(p)); }

bool proven(const Plan& p, const Analysis& a) {
  return simulate(a.press(p, nullptr), a.sheet, 100).value().proven;
}

/// Groups of things that hang together by the pairs, from two on.
std::vector<std::vector<int>> connectedGroups(int count, const std::vector<std::pair<int, int>>& pairs) {
  std::vector<std::vector<int>> out;
  for (unsigned set = 1; set < (1u << count); ++set) {
    unsigned reached = set & (~set + 1);
    for (bool more = true; more;) {
      more = false;
      for (const auto& [a, b] : pairs) {
        const unsigned one = 1u << a, other = 1u << b;
        if (!(set & one) || !(set & other) || !(reached & one) == !(reached & other)) continue;
        reached |= one | other;
        more = true;
      }
    }
    std::vector<int> group;
    for (int i = 0; i < count; ++i)
      if (set >> i & 1) group.push_back(i);
    if (reached == set && group.size() > 1) out.push_back(group);
  }
  return out;
}

/// A hero behind a bush that takes the sky's colour.
Plan bushBeforeHero() {
  Plan p = emptyPlan();
  Ink pale = p.inks[0];
  pale.id = "pale", pale.colour = Colour{240, 170, 100};
  p.inks.push_back(pale);
  addStamp(p, slab("hero", 20, 40)), addStamp(p, slab("bush", 40, 15));
  put(p, "hero", "hero", {50, 40}, 5);
  put(p, "bush", "bush", {55, 35}, 3).ink = "pale";
  Wash sky = crowd(1).washes[0];
  sky.lets = {"bush"};
  p.washes.push_back(sky);
  return p;
}

}  // namespace

class TstJointPaper : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // Each is covered while the next one is stamped: one mask goes along. Then all of them lie under one paper.
  void aCrowdUnderASkyTakesOneMaskAndOnePaper() {
    for (int count : {3, 5, 7}) {
      const Plan p = crowd(count);
      const AnalysisRef a = inBestOrder(p);
      QCOMPARE(a->needs.joints.size(), size_t{1});
      QVERIFY(a->needs.joints[0].over.size() >= ix(count) - 1);  // one may keep the mask that it has
      QCOMPARE(a->masksToCut(), 2);
      QVERIFY(proven(p, *a));
      const Plan apart = withJointPapers(p, false).value();
      const AnalysisRef each = inBestOrder(apart);
      QCOMPARE(each->masksToCut(), count);
      QVERIFY(each->needs.joints.empty());
      QVERIFY(a->sheet.minutes < each->sheet.minutes);
      QVERIFY(a->sheet.atLeast <= a->sheet.minutes + 1e-9);
    }
  }

  // Inside the border of all of them by the inset, with nothing left bare where one stands behind another.
  void itIsCutInsideTheLineRoundAllOfThem() {
    const Plan p = crowd(3);
    const AnalysisRef a = inBestOrder(p);
    const Rings cut = jointShape(p, a->meetings.placed, {{0, 1, 2}, {}, {}})->mask;
    std::vector<Rings> all;
    for (const PlacedRef& placed : a->meetings.placed) all.push_back(placed->silhouette);
    const Rings whole = unionOf(all);
    QVERIFY(areaOf(difference(cut, whole)) < 1e-6);
    // By hand: stairs of 20 + 14 + 14 by 24, and the steps of 1 mm add 2 mm of border at either side.
    const double border = 2 * (48 + 24) + 2 * 2.0;
    QVERIFY(std::abs(areaOf(whole) - areaOf(cut) - border * p.supplies.maskInset_mm) < 1);
    QCOMPARE(pieces(cut).size(), size_t{1});
  }

  void everyThingIsCoveredByOnePaperAtATime() {
    const Plan p = crowd(4);
    const AnalysisRef a = inBestOrder(p);
    std::map<int, std::string> lies;
    int joints = 0;
    for (const Step& s : a->sheet.steps) {
      if (s.what == Do::MaskOn)
        for (const Cover& c : s.covers) {
          QVERIFY2(!lies.contains(c.impression), "two papers on one thing");
          lies[c.impression] = c.mask;
          joints += !c.over.empty();
        }
      if (s.what == Do::MaskOff)
        for (const Cover& c : s.covers) lies.erase(c.impression);
      if (s.what == Do::Wash) {
        QCOMPARE(lies.size(), size_t{4});
        QCOMPARE(s.joints.size(), size_t{1});
      }
    }
    QCOMPARE(joints, static_cast<int>(a->needs.joints[0].over.size()));  // laid once
    QVERIFY(lies.empty());
  }

  void withoutItTheProofFailsAndNamesTheBlend() {
    const Plan p = crowd(3);
    const AnalysisRef a = inBestOrder(p);
    for (int i = 0; i < 3; ++i) {
      WhatIf slip;
      slip.kind = WhatIf::Kind::ForgetMask, slip.impression = i;
      const Simulation s = tryOut(p, *a, slip, nullptr, 100).value();
      QVERIFY(!s.proven);
      QVERIFY(s.unexplained_mm2 > 200);
    }
  }

  void whatIsToTakeTheColourIsLeftOut() {
    Plan p = crowd(3);
    p.washes[0].lets = {"duck3"};
    const AnalysisRef a = inBestOrder(p);
    for (const JointPaper& paper : a->needs.joints)
      QVERIFY(std::find(paper.over.begin(), paper.over.end(), 2) == paper.over.end());
    QVERIFY(proven(p, *a));
  }

  void whatStandsApartHasItsOwn() {
    const Plan p = crowd(4, 26);
    const AnalysisRef a = inBestOrder(p);
    QVERIFY(a->needs.joints.empty());
    QCOMPARE(a->masksToCut(), 4);
  }

  // Corners that lie over one another by a third of a millimetre hold nothing together when it is cut inside
  // the line.
  void cornersThatTouchMakeNoPaper() {
    for (const auto& [over_mm, joins] : {std::pair(0.3, false), std::pair(6.0, true)}) {
      Plan p = crowd(2);
      p.impressions[1].at = {p.impressions[0].at.x + 20 - over_mm, p.impressions[0].at.y + 24 - over_mm};
      const AnalysisRef a = inBestOrder(p);
      QCOMPARE(a->joinable->size(), joins ? size_t{1} : size_t{0});
    }
  }

  // Where no paper takes time, one over all is chosen: the fewer to cut, the better.
  void asMuchWorkWithFewerPapers() {
    const Plan p = crowd(4);
    const AnalysisRef a = inBestOrder(p);
    WorkTimes none;
    none.cutMask = none.jointEach = none.printEach = none.pickUp = none.coverOn = none.coverOff = 0;
    std::vector<int> acts = a->order;
    acts.push_back(4);
    const Papers chosen =
        papersFor({p, a->meetings, a->washes, *a->needTable, a->stampOf, *a->joinable, none}, acts, a->order);
    QCOMPARE(groupsOf(chosen).size(), size_t{1});
    QCOMPARE(groupsOf(chosen)[0].size(), size_t{4});
  }

  // A paper that lies through two skies is laid once: where one bears one laying, one is cut. With paper
  // taken off between, one for each laying.
  void aPaperThatStaysIsLaidOnce() {
    Plan p = crowd(3);
    p.washes.push_back(p.washes[0]);
    p.washes.back().id = "more", p.washes.back().ink = p.inks[0].id;
    const AnalysisRef a = inBestOrder(p);
    QCOMPARE(a->needs.joints.size(), size_t{1});
    p.supplies.maskLife = 1;
    QCOMPARE(papersToCut(p, a->needs, 0), 1);
    MaskNeeds lifted = a->needs;
    for (NeedStep& s : lifted.steps) std::fill(s.stays.begin(), s.stays.end(), char{0});
    QVERIFY(papersToCut(p, lifted, 0) >= 2);
  }

  // On many cards a paper is laid on each: one wears out, so each thing has masks of its own, as many as wear
  // asks.
  void manyCardsWearAPaperOut() {
    Plan p = crowd(3);
    p.supplies.maskLife = 12;
    p.making.copies = 12;
    QCOMPARE(inBestOrder(p)->needs.joints.size(), size_t{1});
    p.making.copies = 13;
    QVERIFY(inBestOrder(p)->needs.joints.empty());
  }

  void theCutFileHasItInOnePiece() {
    const Plan p = crowd(3);
    const AnalysisRef a = inBestOrder(p);
    const MaskJob job = layMasksOut(p, *a, MaskingSheet{});
    QCOMPARE(job.masks.size(), size_t{2});
    const auto joint =
        std::find_if(job.masks.begin(), job.masks.end(), [](const LaidMask& m) { return m.joint >= 0; });
    QVERIFY(joint != job.masks.end());
    QCOMPARE(idOf(p, *joint), std::string("joint#1"));
    QVERIFY(std::abs(areaOf(joint->onSheet) - areaOf(a->needs.joints[0].shape->mask)) < 1e-6);
  }

  // One paper bears so many layings: of forty cards, blended once each, twelve layings a paper take four.
  void ofManyCardsAPaperWearsOut() {
    Plan p = bushBeforeHero();
    p.supplies.maskLife = 12, p.making.copies = 40;
    for (const AnalysisRef& a : {analyse(p), inBestOrder(p)}) {
      QCOMPARE(a->needs.joints.size(), size_t{1});
      QCOMPARE(a->needs.joints[0].cut, 4);
    }
  }

  // A hero behind a bush that is to take the colour: kept clean where it shows, and the bush coloured all
  // over.
  void aMaskIsCutToWhatShows() {
    const Plan p = bushBeforeHero();
    const AnalysisRef a = inBestOrder(p);
    QCOMPARE(a->needs.joints.size(), size_t{1});
    QCOMPARE(a->needs.joints[0].over, (std::vector<int>{0}));
    QCOMPARE(a->needs.joints[0].without, (std::vector<int>{1}));
    // 20 by 40, without the 10 that the bush hides, inside the line by the inset all round.
    const double inset = p.supplies.maskInset_mm;
    QVERIFY(std::abs(areaOf(a->needs.joints[0].shape->mask) - (20 - 2 * inset) * (30 - 2 * inset)) < 1);
    QVERIFY(proven(p, *a));
    // In the picture: the bush as blue in front of the hero as beside it.
    const PressInput in = a->press(p, nullptr);
    const Grid grid(p.card.panel.box(), 100);
    PressTiles tiles(in, grid);
    const Canvas card = intendedCard(in, tiles);
    const auto at = [&](double x, double y) {
      return card.at(static_cast<int>(x * grid.pxPerMmX()),
                     static_cast<int>((p.card.panel.height_mm - y) * grid.pxPerMmY()));
    };
    QVERIFY(std::abs(at(50, 45)[0] - at(70, 45)[0]) < 0.02F);
    // The whole mask in its place: the press sees that the bush stays bare there.
    Analysis whole = *a;
    whole.needs.joints[0].without.clear();
    whole.needs.joints[0].shape = jointShape(p, a->meetings.placed, whole.needs.joints[0]);
    const PressInput planned = a->press(p, nullptr);
    PressRun run;
    run.intended = &planned;
    const Simulation bare = simulate(whole.press(p, nullptr), whole.sheet, 100, {}, {}, {}, run).value();
    QVERIFY(!bare.proven);
    QVERIFY2(std::abs(bare.unexplained_mm2 - 200) < 20, qPrintable(QString::number(bare.unexplained_mm2)));
  }

  // Laid once a card: after twelve cards it is worn, and another is cut. By hand: ceil(copies / life).
  void ofManyCardsWhatIsCutToShowWearsOutToo() {
    Plan p = bushBeforeHero();
    p.supplies.maskLife = 12;
    double one = 0;
    for (const auto& [copies, papers] : {std::pair(1, 1), {12, 1}, {13, 2}, {30, 3}}) {
      p.making.copies = copies;
      const AnalysisRef a = inBestOrder(p);
      QCOMPARE(a->needs.joints.size(), size_t{1});
      QCOMPARE(a->needs.joints[0].cut, papers);
      QCOMPARE(a->masksToCut(), papers);
      QCOMPARE(layMasksOut(p, *a, MaskingSheet{}).masks.size(), static_cast<size_t>(papers));
      double cutting = 0;
      for (const Step& s : a->sheet.steps)
        if (s.what == Do::CutMask) cutting += s.minutes;
      if (copies == 1) one = cutting;
      QVERIFY(std::abs(cutting - papers * one) < 1e-9);
    }
  }

  void theWishIsKeptInThePlan() {
    const Plan p = withJointPapers(crowd(2), false).value();
    const auto read = readPlan(writePlan(p));
    QVERIFY(read);
    QVERIFY(!read.value().plan.making.jointPapers);
  }

  // On random crowds: no other single paper, laid by the same hands, is proven by the press and less work.
  void noOtherPaperIsLessWork() {
    int joined = 0, others = 0;
    for (uint32_t seed = 1; seed <= 25; ++seed) {
      std::mt19937 random(seed);
      const auto some = [&](double low, double high) {
        return low + (high - low) * static_cast<double>(random() % 1000) / 1000;
      };
      Plan p = crowd(0);
      addStamp(p, slab("tree", 14, 40));
      for (int k = 0; k < 5; ++k)
        put(p, "t" + std::to_string(k), random() % 2 ? "duck" : "tree", {some(15, 90), some(30, 60)}, 3 + k);
      p.washes[0].area = {{{0, some(20, 50)}, {127, some(20, 50)}, {127, 178}, {0, 178}}};
      if (random() % 3 == 0) p.washes[0].lets = {"t" + std::to_string(random() % 5)};
      const AnalysisRef a = inBestOrder(p);
      const bool isProven = proven(p, *a);
      QVERIFY2(isProven, qPrintable(QStringLiteral("seed %1").arg(seed)));
      joined += !a->needs.joints.empty();
      const MaskNeeds plain = a->needTable->of(a->acts);
      for (const auto& group : connectedGroups(5, *a->joinable)) {
        Analysis other = *a;
        other.needs = a->needTable->joined(plain, {group});
        other.needs.joints[0].shape = jointShape(p, a->meetings.placed, {group, {}, {}});
        other.stampMasks = countMasks(p, other.needs, a->stampOf);
        other.sheet = buildRunSheet({p,
                                     a->meetings,
                                     a->washes,
                                     *a->needTable,
                                     a->order,
                                     other.needs,
                                     other.stampMasks,
                                     a->stampOf,
                                     {},
                                     false});
        ++others;
        if (other.sheet.minutes >= a->sheet.minutes - 1e-9) continue;
        QVERIFY2(!proven(p, other), qPrintable(QStringLiteral("seed %1: %2 min, not %3")
                                                   .arg(seed)
                                                   .arg(other.sheet.minutes)
                                                   .arg(a->sheet.minutes)));
      }
    }
    QVERIFY2(joined >= 5 && others >= 60, qPrintable(QStringLiteral("%1 of %2").arg(joined).arg(others)));
  }
};

HAVLO_TEST(TstJointPaper)
#include "tst_joint_paper.moc"
