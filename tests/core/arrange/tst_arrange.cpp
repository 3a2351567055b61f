// Arrangements: sizes right, held things held, proven, different, the same for a seed.
#include <QTest>
#include <cmath>

#include "core/arrange/arrange.h"
#include "core/edit/edits.h"
#include "core/outline/shared_area.h"
#include "support/faulty_plans.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

ArrangeWish quick(uint64_t seed = 1) {
  ArrangeWish w;
  w.seed = seed, w.tries = 500, w.proof_dpi = 50;
  return w;
}

}  // namespace

class TstArrange : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void proposalsAreRightProvenAndDifferent() {
    const Plan p = demo("canal-towpath");
    const Arrangements found = suggestArrangements(p, nullptr, quick()).value();
    QCOMPARE(found.proposals.size(), size_t{3});
    double last = 1e9;
    for (const Proposal& one : found.proposals) {
      QVERIFY(one.proven && one.apart >= 0.1 && one.moved > 3);
      QVERIFY(one.score <= last);
      last = one.score;
      QVERIFY(one.analysis->looks && one.analysis->looks->fits(one.plan));
      for (const ScaleReading& s : one.analysis->scale) QVERIFY(s.verdict == ScaleVerdict::Fits);
      for (const Finding& f : one.analysis->findings) QVERIFY(f.level != Level::Fault);
      // Nothing but feet has changed.
      Plan back = one.plan;
      for (size_t i = 0; i < back.impressions.size(); ++i) back.impressions[i].at = p.impressions[i].at;
      back.stamps = p.stamps;  // and which fine parts of a mask are cut
      QVERIFY(back == p);
      // What floats stays on the water.
      for (const char* id : {"duck", "boat"})
        QVERIFY(covers(p.washes.back().area, one.plan.impression(id)->at));
      for (const char* id : {"hare", "post1", "cottage"})
        QVERIFY(!covers(p.washes.back().area, one.plan.impression(id)->at));
      // What holds on to the hare goes with it.
      const Point hare = one.plan.impression("hare")->at, kite = one.plan.impression("kite")->at;
      const Point was = p.impression("hare")->at, kiteWas = p.impression("kite")->at;
      QVERIFY(std::hypot(kite.x - kiteWas.x - hare.x + was.x, kite.y - kiteWas.y - hare.y + was.y) < 0.3);
    }
    QVERIFY(found.proposals[0].score >= found.now.score - 5);
  }

  void theSameSeedGivesTheSame() {
    const Plan p = soundCard();
    const auto feet = [](const Arrangements& a) {
      std::vector<double> out;
      for (const Proposal& one : a.proposals)
        for (const Impression& i : one.plan.impressions) out.push_back(i.at.x), out.push_back(i.at.y);
      return out;
    };
    const auto first = feet(suggestArrangements(p, nullptr, quick(5)).value());
    QCOMPARE(feet(suggestArrangements(p, nullptr, quick(5)).value()), first);
    QVERIFY(feet(suggestArrangements(p, nullptr, quick(6)).value()) != first);
  }

  void whatIsHeldStays() {
    const Plan p = demo("canal-towpath");
    ArrangeWish w = quick(2);
    w.locked = {"hare", "cottage", "greeting"};
    const auto found = suggestArrangements(p, nullptr, w);
    QVERIFY(bool(found));
    for (const Proposal& one : found.value().proposals)
      for (const std::string& id : w.locked) QVERIFY(one.plan.impression(id)->at == p.impression(id)->at);
    for (const Impression& i : p.impressions) w.locked.push_back(i.id);
    const auto none = suggestArrangements(p, nullptr, w);
    QVERIFY(!none && none.error().code == ErrorCode::BadInput);
  }

  void stampsThatAreNotOnTheCardYetCanBeUsed() {
    const Plan p = demo("canal-towpath");
    ArrangeWish w = quick();
    w.add = {"heron"};
    w.proposals = 1;
    const auto found = suggestArrangements(p, nullptr, w).value();
    QVERIFY(!found.proposals.empty());
    QVERIFY(found.proposals[0].plan.impression("heron"));
    QCOMPARE(found.now.plan.impressions.size(), p.impressions.size());
    w.add = {"none"};
    QVERIFY(!suggestArrangements(p, nullptr, w));
  }

  void badWishesAreSaid() {
    Plan p = soundCard();
    p.impressions[0].hero = false;
    const auto noHero = suggestArrangements(p, nullptr, quick());
    QVERIFY(!noHero && noHero.error().message.find("hero") != std::string::npos);
    ArrangeWish w = quick();
    w.locked = {"nobody"};
    QVERIFY(!suggestArrangements(soundCard(), nullptr, w));
    std::stop_source stop;
    stop.request_stop();
    const auto stopped = suggestArrangements(soundCard(), nullptr, quick(), {stop.get_token(), {}});
    QVERIFY(!stopped && stopped.error().code == ErrorCode::Stopped);
    QVERIFY(!suggestArrangements(emptyPlan(), nullptr, quick()));
  }

  void progressOnlyGoesForward() {
    double last = 0;
    bool forward = true;
    const Progress progress{{}, [&](double share) { forward = forward && share >= last, last = share; }};
    QVERIFY(bool(suggestArrangements(soundCard(), nullptr, quick(), progress)));
    QVERIFY(forward && std::fabs(last - 1) < 1e-9);
  }
};

HAVLO_TEST(TstArrange)
#include "tst_arrange.moc"
