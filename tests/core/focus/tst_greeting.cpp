// The greeting's place and legibility, against what is counted by hand.
#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/edit/wash_edits.h"
#include "core/focus/greeting.h"
#include "core/ink/ink_facts.h"
#include "support/faulty_plans.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct Seen {
  AnalysisRef a;
  LooksRef looks;
};
Seen see(const Plan& p) {
  const AnalysisRef a = analyse(p);
  return {a, lookAt(p, *a, nullptr)};
}

}  // namespace

class TstGreeting : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void blackOnPaperReadsAsTheRatioSays() {
    const Plan p = soundCard();
    const Seen s = see(p);
    QCOMPARE(s.looks->greetings.size(), size_t{1});
    const Greeting& g = s.looks->greetings[0];
    const LinearRgb paper = linearOf(p.card.paper.colour), ink = pressedOn(paper, *p.ink("black"), 1);
    QVERIFY(std::fabs(g.ratio - contrastRatio(luminanceOf(paper), luminanceOf(ink))) < 0.05 * g.ratio);
    QCOMPARE(g.crowding, -1);
  }

  void onAWashItIsTheWashThatCounts() {
    Plan p = soundCard();
    p.impressions[3].ink = "grey";
    p.washes = {};
    p = withNewWash(p, WashKind::Plain, "blue").value();
    p.washes[0].from = WashFrom::Top, p.washes[0].reach = 1, p.washes[0].strength = 1;
    const double on = see(p).looks->greetings[0].ratio;
    p.washes.clear();
    const double off = see(p).looks->greetings[0].ratio;
    QVERIFY2(on < off, qPrintable(QStringLiteral("%1 %2").arg(on).arg(off)));
  }

  void everyWayKeepsItsPromise() {
    // Pale letters on a pale ground: each way offered, carried out, gives the contrast it told.
    Plan p = soundCard();
    p.impressions[3].ink = "blue";
    const Seen s = see(p);
    const auto ways = waysToLegible(p, s.looks->greetings[0]);
    QVERIFY(ways.size() >= 3);
    for (const LegibleWay& way : ways) {
      const Plan after = applied(p, way.fix).value();
      const double ratio = see(after).looks->greetings[0].ratio;
      QVERIFY2(std::fabs(ratio - way.ratio) < 0.12 * way.ratio,
               qPrintable(QStringLiteral("%1 told, %2 found").arg(way.ratio).arg(ratio)));
    }
    // What is enough stands before what is not.
    bool enough = true;
    for (const LegibleWay& way : ways) {
      const bool is = way.ratio >= kLargeText;
      QVERIFY(enough || !is);
      enough = is;
    }
  }

  void itsPlaceIsPlainLevelAndInside() {
    Plan p = soundCard();
    p.impressions[3].at = {63, 60};  // amid everything
    const Seen s = see(p);
    const auto place = placeGreeting(p, *s.a, *s.looks, nullptr, 3);
    QVERIFY(place);
    const Plan moved = withFoot(p, "words", place->foot).value();
    const AnalysisRef after = analyse(moved);
    const Box b = boxOf(after->meetings.placed[3]->silhouette), panel = p.card.panel.box();
    QVERIFY(b.left >= panel.left + kSafeBorder_mm - 0.6 && b.right <= panel.right - kSafeBorder_mm + 0.6);
    QVERIFY(b.bottom >= panel.bottom + kSafeBorder_mm - 0.6 && b.top <= panel.top - kSafeBorder_mm + 0.6);
    for (size_t i = 0; i < 3; ++i)
      QVERIFY(!boxOf(after->meetings.placed[i]->silhouette).meets(b, kGreetingMargin_mm - 0.6));
    // No place has more room: tried on a grid of whole positions.
    const auto room = [&](const Box& box) {
      double least =
          std::min({box.left - panel.left - kSafeBorder_mm, panel.right - kSafeBorder_mm - box.right,
                    box.bottom - panel.bottom - kSafeBorder_mm, panel.top - kSafeBorder_mm - box.top});
      for (size_t i = 0; i < 3; ++i) {
        const Box o = boxOf(s.a->meetings.placed[i]->silhouette);
        least = std::min(least, std::max({o.left - box.right, box.left - o.right, o.bottom - box.top,
                                          box.bottom - o.top}));
      }
      return least;
    };
    double best = -1e9;
    for (double x = 22; x < 105; x += 2)
      for (double y = 0; y < 170; y += 2) best = std::max(best, room({x - 22, y, x + 22, y + 9}));
    QVERIFY2(place->margin_mm + kGreetingMargin_mm > best - 2.5,
             qPrintable(QStringLiteral("%1 of %2").arg(place->margin_mm).arg(best)));
  }

  void roomForASecondWordAndTheHerosGround() {
    Plan p = soundCard();
    const Seen s = see(p);
    GreetingWish wish;
    wish.secondWord = GreetingWish::Second::Below;
    const auto two = placeGreeting(p, *s.a, *s.looks, nullptr, 3, wish);
    QVERIFY(two);
    QVERIFY(two->room.height() >= 2 * 9 + 3 * kGreetingMargin_mm - 1);
    const Box own{two->foot.x - 22, two->foot.y, two->foot.x + 22, two->foot.y + 9};
    QVERIFY(own.bottom - two->room.bottom >= 9 + kGreetingMargin_mm - 1);
    wish.secondWord = GreetingWish::Second::Above;
    const auto over = placeGreeting(p, *s.a, *s.looks, nullptr, 3, wish);
    QVERIFY(over);
    QVERIFY(over->room.top - (over->foot.y + 9) >= 9 + kGreetingMargin_mm - 1);
    // On the hero's ground line there is room at neither side of the hero for so wide a word; a short one
    // fits.
    wish = {};
    wish.sameGround = true;
    Stamp shortWord = *p.stamps[3];
    shortWord.width_mm = 20, shortWord.silhouette = rectangle({0, 0, 20, 9}), shortWord.foot = {10, 0};
    p.stamps[3] = std::make_shared<const Stamp>(shortWord);
    p.impressions[1].at.y = 90, p.impressions[2].at.y = 100;
    const Seen t = see(p);
    const auto level = placeGreeting(p, *t.a, *t.looks, nullptr, 3, wish);
    QVERIFY(level);
    QVERIFY(std::fabs(level->foot.y - p.impressions[0].at.y) < 1e-6);
  }

  void centredByItsInkNotByItsBox() {
    Plan p = soundCard();
    // A word with a long thin tail to the right: its ink lies left of its middle.
    Stamp tail = *p.stamps[3];
    tail.silhouette = {{{0, 0}, {20, 0}, {20, 3.5}, {44, 3.5}, {44, 4.5}, {20, 4.5}, {20, 9}, {0, 9}}};
    p.stamps[3] = std::make_shared<const Stamp>(tail);
    const Seen s = see(p);
    const auto place = placeGreeting(p, *s.a, *s.looks, nullptr, 3);
    QVERIFY(place);
    const double boxMiddle = place->foot.x;
    QVERIFY2(boxMiddle > place->room.centre().x + 3,
             qPrintable(QString::number(boxMiddle - place->room.centre().x)));
  }

  // The centroid of the tailed word in closed form: 20 × 9 with a tail of 24 × 1 in the middle of its height.
  void itIsCentredByItsCentroidAndALittleAboveTheMiddle() {
    Plan p = soundCard();
    Stamp tail = *p.stamps[3];
    tail.silhouette = {{{0, 0}, {20, 0}, {20, 4}, {44, 4}, {44, 5}, {20, 5}, {20, 9}, {0, 9}}};
    p.stamps[3] = std::make_shared<const Stamp>(tail);
    const double middle = (180 * 10 + 24 * 32) / 204.0;
    const Seen s = see(p);
    const auto place = placeGreeting(p, *s.a, *s.looks, nullptr, 3);
    QVERIFY(place);
    const double left = place->foot.x - tail.foot.x, bottom = place->foot.y - tail.foot.y;
    const double least = place->room.left + kGreetingMargin_mm,
                 most = place->room.right - kGreetingMargin_mm - 44;
    QVERIFY2(
        std::fabs(left - std::clamp(place->room.centre().x - middle, least, std::max(least, most))) < 1e-6,
        qPrintable(QString::number(left)));
    const double spare = place->room.height() - 9;
    QVERIFY(spare > 0);
    QVERIFY2(std::fabs(bottom - (place->room.bottom + 0.53 * spare)) < 1e-6,
             qPrintable(QString::number(bottom)));
    // The room can grow no more: each side lies on the safe border or on a thing.
    const Box safe = p.card.panel.box().grown(-kSafeBorder_mm);
    const double pixel = s.looks->grid.panelWidth_mm / s.looks->grid.width;
    const auto touches = [&](const Box& strip, double toBorder) {
      if (toBorder < 1.5 * pixel) return true;
      for (size_t i = 0; i < 3; ++i)
        if (boxOf(s.a->meetings.placed[i]->silhouette).meets(strip)) return true;
      return false;
    };
    const Box r = place->room;
    const double by = 3 * pixel;
    QVERIFY(touches({r.left - by, r.bottom, r.left, r.top}, r.left - safe.left));
    QVERIFY(touches({r.right, r.bottom, r.right + by, r.top}, safe.right - r.right));
    QVERIFY(touches({r.left, r.bottom - by, r.right, r.bottom}, r.bottom - safe.bottom));
    QVERIFY(touches({r.left, r.top, r.right, r.top + by}, safe.top - r.top));
  }

  // Crowding counted by hand: what of the other thing lies within the margin round the words.
  void crowdingIsTheAreaWithinTheMargin() {
    Plan p = soundCard();
    const Seen before = see(p);
    const Box words = boxOf(before.a->meetings.placed[3]->silhouette);
    addStamp(p, slab("block", 12, 6));
    // One millimetre below the words: a strip of 12 × 1 mm lies within the two of the margin.
    put(p, "block", "block", {words.centre().x, words.bottom - 1 - 6}, 3);
    const Seen s = see(p);
    const Greeting& g = s.looks->greetings[0];
    QCOMPARE(g.crowding, 4);
    const double pixel = s.looks->grid.pixelArea_mm2();
    QVERIFY2(std::fabs(g.crowded_mm2 - 12) < 12 * std::sqrt(pixel) + 2 * pixel,
             qPrintable(QString::number(g.crowded_mm2)));
    // Just outside the margin it does not count.
    p.impressions[4].at.y -= 1.6;
    QCOMPARE(see(p).looks->greetings[0].crowding, -1);
  }

  // The worst tenth of the ground counts: a dark bar through a thirtieth of the words changes nothing, one
  // through two fifths does.
  void theWorstTenthCounts() {
    Plan p = soundCard();
    p.impressions[3].school = School::Overprint;
    const Seen plain = see(p);
    const Box words = boxOf(plain.a->meetings.placed[3]->silhouette);
    const double clean = plain.looks->greetings[0].ratio;
    const auto ratioWith = [&](double share) {
      Plan q = p;
      Wash w;
      w.id = "bar", w.ink = "black", w.strength = 1, w.reach = 1, w.from = WashFrom::Left;
      w.softness_mm = 0;
      const double half = share * words.width() / 2;
      w.area = rectangle({words.centre().x - half, words.bottom - 8, words.centre().x + half, words.top + 8});
      w.lets = {"words"};
      q.washes = {w};
      return see(q).looks->greetings[0].ratio;
    };
    QVERIFY2(std::fabs(ratioWith(0.03) - clean) < 0.1 * clean, qPrintable(QString::number(ratioWith(0.03))));
    QVERIFY2(ratioWith(0.4) < 0.8 * clean, qPrintable(QString::number(ratioWith(0.4))));
  }

  // Ways that are enough stand before those that are not, the least change first; the others by what they
  // give.
  void waysStandInTheirOrder() {
    Plan p = soundCard();
    p.impressions[3].ink = "grey", p.impressions[3].generation = 3;
    const Seen s = see(p);
    Greeting g = s.looks->greetings[0];
    g.ratio = 1.2;
    for (const double better : {2.0, 9.0}) {
      g.betterRatio = better;
      const auto ways = waysToLegible(p, g);
      QVERIFY(ways.size() >= 2);
      const double wanted = ratioWanted(*p.stamps[3]);
      for (size_t k = 1; k < ways.size(); ++k) {
        const bool before = ways[k - 1].ratio >= wanted, now = ways[k].ratio >= wanted;
        QVERIFY(before || !now);
        if (before && now) QVERIFY(ways[k - 1].by <= ways[k].by);
        if (before == now && (!now || ways[k - 1].by == ways[k].by))
          QVERIFY(ways[k - 1].ratio >= ways[k].ratio);
      }
      for (const LegibleWay& w : ways) QVERIFY(w.ratio > g.ratio + 0.05);
      if (g.better && better > wanted) QVERIFY(ways[0].by == LegibleBy::Move && ways[0].fix.to == *g.better);
    }
  }

  void whereNothingIsPlainThereIsNoPlace() {
    const auto all = faultyCards();
    for (const FaultyPlan& f : all) {
      if (f.kind != FindingKind::Crowded) continue;
      const Seen s = see(f.plan);
      QVERIFY(!placeGreeting(f.plan, *s.a, *s.looks, nullptr, 3));
    }
  }

  void largeLettersWantLess() {
    QCOMPARE(ratioWanted(slab("w", 30, 9)), kLargeText);
    QCOMPARE(ratioWanted(slab("w", 30, 4)), kPlainText);
  }
};

HAVLO_TEST(TstGreeting)
#include "tst_greeting.moc"
