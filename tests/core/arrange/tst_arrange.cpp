// Arrangements: sizes right, held things held, proven, different, the same for a seed.
#include <QTest>
#include <cmath>
#include <random>

#include "core/arrange/arrange.h"
#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/outline/distance.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"
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

/// A judge apart from the search: what is wrong with an arrangement against the card it began from. It reads
/// both anew, presses the new one, and looks at feet, lights and neighbours by itself.
QString judged(const Plan& from, const Plan& to) {
  const AnalysisRef a = looked(from), b = looked(to);
  const auto count = [](const Analysis& x, bool faults) {
    int n = 0;
    for (const Finding& f : x.findings)
      n += !f.known && (f.level == Level::Fault || (!faults && f.level == Level::Warn));
    return n;
  };
  if (count(*b, true) > count(*a, true)) return "more faults";
  if (count(*b, false) > count(*a, false)) return "more warnings";
  if (b->looks->heroShare() < a->looks->heroShare() - 1e-9) return "the hero has less of the pull";
  if (b->looks->heroRank > a->looks->heroRank) return "the hero is seen later";
  if (!simulate(b->press(to, nullptr), b->sheet, 75).value().proven &&
      !simulate(b->press(to, nullptr), b->sheet, 150).value().proven)
    return "not proven";
  const auto share = [](const Rings& part, const Rings& of) {
    return areaOf(intersection(part, of)) / areaOf(of);
  };
  for (size_t i = 0; i < from.impressions.size(); ++i) {
    const Placed &was = *a->meetings.placed[i], &is = *b->meetings.placed[i];
    const Role role = is.outline->stamp->role;
    const bool backdrop = factsOf(role).backdrop;
    const Point foot = to.impressions[i].at, before = from.impressions[i].at;
    const bool moved = !(foot == before);
    // What stood on something still does.
    for (size_t k = 0; k < from.impressions.size() && moved; ++k) {
      if (k == i || factsOf(b->meetings.placed[k]->outline->stamp->role).backdrop || backdrop) continue;
      if (!std::holds_alternative<AtMetres>(from.impressions[i].depth) || !factsOf(role).stands()) continue;
      const Rings &host = a->meetings.placed[k]->silhouette, &now = b->meetings.placed[k]->silhouette;
      if (from.impressions[k].at.y < before.y - 1 && nearestPoint(host, before).distance_mm < 1 &&
          std::fabs(a->depth->distance_m(static_cast<int>(i)) - a->depth->distance_m(static_cast<int>(k))) <
              0.1 * a->depth->distance_m(static_cast<int>(k)) &&
          nearestPoint(now, foot).distance_mm > 2)
        return QString::fromStdString(to.impressions[i].id) + " has lost what it stood on";
    }
    // Sun and moon are not hidden more than they were.
    if (role == Role::Sky &&
        was.areaOnPanel_mm2 < 0.12 * from.card.panel.width_mm * from.card.panel.height_mm) {
      const auto hidden = [&](const Analysis& x, const Rings& own) {
        double most = 0;
        for (size_t k = 0; k < x.meetings.placed.size(); ++k)
          if (k != i && !factsOf(x.meetings.placed[k]->outline->stamp->role).backdrop)
            most += share(x.meetings.placed[k]->silhouette, own);
        return most;
      };
      if (hidden(*b, is.silhouette) > hidden(*a, was.silhouette) + 0.25)
        return QString::fromStdString(to.impressions[i].id) + " is hidden";
    }
    // Nobody's bill in anybody's belly.
    for (size_t k = i + 1; k < from.impressions.size(); ++k) {
      const Placed &p = *b->meetings.placed[k], &q = *a->meetings.placed[k];
      if (!factsOf(role).lives() || !factsOf(p.outline->stamp->role).lives()) continue;
      if (areaOf(intersection(is.silhouette, p.silhouette)) >
          areaOf(intersection(was.silhouette, q.silhouette)) + 3)
        return QString::fromStdString(to.impressions[i].id) + " runs into another";
    }
  }
  return {};
}

}  // namespace

class TstArrange : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void proposalsAreRightProvenAndDifferent() {
    const Plan p = demo("canal-towpath");
    Arrangements found;
    for (uint64_t seed = 1; seed <= 4 && found.proposals.empty(); ++seed) {
      ArrangeWish w = quick(seed);
      w.tries = 1500;
      found = suggestArrangements(p, nullptr, w).value();
    }
    QVERIFY(!found.proposals.empty());
    double last = 1e9;
    for (const Proposal& one : found.proposals) {
      QVERIFY(one.proven && one.apart >= 0.1 && one.moved > 0);
      QVERIFY2(judged(p, one.plan).isEmpty(), qPrintable(judged(p, one.plan)));
      QVERIFY(!one.why.empty());
      QVERIFY(one.score <= last);
      last = one.score;
      QVERIFY(one.analysis->looks && one.analysis->looks->fits(one.plan));
      for (const ScaleReading& s : one.analysis->scale)
        QVERIFY(s.verdict == ScaleVerdict::Fits || readScale(p, s.impression)->verdict == s.verdict);
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
    w.tries = 1500;
    Arrangements found;
    for (w.seed = 1; w.seed <= 4 && found.proposals.empty(); ++w.seed)
      found = suggestArrangements(p, nullptr, w).value();
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

  // Sixty arrangements of made-up and of spoilt cards: every one offered is better than what it began from,
  // by a judge that the search does not know. HAVLO_CARDS=n looks at n cards.
  void whatIsOfferedIsBetterOrNothingIs() {
    const int cards =
        qEnvironmentVariableIsSet("HAVLO_CARDS") ? qEnvironmentVariableIntValue("HAVLO_CARDS") : 5;
    int offered = 0, silent = 0;
    for (int k = 0; k < cards; ++k) {
      Plan p;
      if (k % 2 == 0) {
        p = soundCard();
        std::mt19937 random(static_cast<unsigned>(k + 1));
        std::uniform_real_distribution<double> off(-14, 14);
        for (Impression& i : p.impressions)
          if (k > 0 && !staysPut(p, p.indexOf(i.id))) i.at.x = std::clamp(i.at.x + off(random), 10.0, 117.0);
      } else {
        const auto spoilt = faultyCards();
        p = spoilt[ix(k * 5) % spoilt.size()].plan;
      }
      const auto found = suggestArrangements(p, nullptr, quick(static_cast<uint64_t>(k + 1)));
      if (!found) continue;  // without a hero, or with nothing that may move
      silent += found.value().proposals.empty();
      for (const Proposal& one : found.value().proposals) {
        ++offered;
        const QString wrong = judged(p, one.plan);
        QVERIFY2(wrong.isEmpty(), qPrintable(QStringLiteral("card %1: %2").arg(k).arg(wrong)));
        QVERIFY(!one.why.empty());
      }
    }
    qInfo("%d arrangements offered on %d cards, none for %d", offered, cards, silent);
    QVERIFY(offered >= cards / 3);
  }

  // The judge itself can be displeased: it is shown cards with what it must see.
  void theJudgeSeesWhatIsWorse() {
    const Plan p = demo("canal-towpath");
    QVERIFY(judged(p, p).isEmpty());
    Plan worse = p;
    worse.impressions[ix(p.indexOf("duck"))].at = {98, 24};
    QVERIFY(!judged(p, worse).isEmpty());
    worse = p;
    worse.impressions[ix(p.indexOf("poplar1"))].at = {92, 41.68};
    QVERIFY(!judged(p, worse).isEmpty());
    worse = p;
    worse.impressions[ix(p.indexOf("hare"))].generation = 6;
    QVERIFY(!judged(p, worse).isEmpty());
  }

  // By what a gain is told: each of them alone, on numbers.
  void gainsAreTold() {
    Worth now;
    now.heroShare = 0.3, now.heroRank = 1, now.proven = true, now.warnings = 2, now.masks = 5,
    now.overlaps = 1, now.offThird = 0.2, now.balance = 0.2, now.plain = 0.1, now.greetingRoom = 40;
    Worth p = now;
    QVERIFY(gainsOf(p, now).empty() && !isWorthTaking(p, now));
    const auto only = [&](const Worth& one, Gain what) {
      const auto gains = gainsOf(one, now);
      return gains.size() == 1 && gains[0].what == what && isWorthTaking(one, now);
    };
    p = now, p.warnings = 1;
    QVERIFY(only(p, Gain::FewerFindings));
    p = now, p.heroShare = 0.34;
    QVERIFY(only(p, Gain::HeroShare));
    p = now, p.masks = 4;
    QVERIFY(only(p, Gain::FewerMasks));
    p = now, p.overlaps = 2;
    QVERIFY(only(p, Gain::TellsDepth));
    p = now, p.offThird = 0.01;
    QVERIFY(only(p, Gain::OnAThird));
    p = now, p.balance = 0.1;
    QVERIFY(only(p, Gain::Balance));
    p = now, p.plain = 0.2;
    QVERIFY(only(p, Gain::PlainSpace));
    p = now, p.greetingRoom = 0;
    QVERIFY(only(p, Gain::GreetingRoom));
    // Better in one thing does not pay for worse in another that counts.
    p = now, p.masks = 1, p.heroShare = 0.299;
    QVERIFY(!isWorthTaking(p, now) && isWorthTaking(p, now, true));
    p = now, p.masks = 1, p.warnings = 3;
    QVERIFY(!isWorthTaking(p, now));
    p = now, p.masks = 1, p.faults = 1, p.warnings = 0;
    QVERIFY(!isWorthTaking(p, now));
    p = now, p.masks = 1, p.proven = false;
    QVERIFY(!isWorthTaking(p, now));
    p = now, p.masks = 1, p.heroRank = 2;
    QVERIFY(!isWorthTaking(p, now));
  }
};

HAVLO_TEST(TstArrange)
#include "tst_arrange.moc"
