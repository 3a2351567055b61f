// Fits against the closed forms of their posteriors and against makers whose hands are known.
#include <QTest>
#include <cmath>

#include "core/base/random.h"
#include "core/chain/chain.h"
#include "core/learn/learn.h"
#include "core/risk/join_risk.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

/// A maker's log: prints with these spreads, work at this pace.
std::vector<LogEntry> logOf(Random& random, int cards, double placing, double turn, double pace) {
  std::vector<LogEntry> out;
  for (int k = 0; k < cards; ++k) {
    LogEntry e;
    e.id = "card" + std::to_string(k), e.ended_s = 1000 + k;
    for (int i = 0; i < 12; ++i) {
      LogEntry::Print p;
      p.state = "asPlanned", p.ink = "soot", p.bySd_mm = 0.03, p.turnSd_deg = 0.05, p.size_mm = 30;
      p.by = {placing * random.gaussian() + 0.03 * random.gaussian(),
              placing * random.gaussian() + 0.03 * random.gaussian()};
      p.turn_deg = turn * random.gaussian() + 0.05 * random.gaussian();
      e.prints.push_back(p);
    }
    const double today = pace * std::exp(0.2 * random.gaussian());
    for (int i = 0; i < 6; ++i) e.steps.push_back({"stamp", "a", "a", 1.0, today, 1.0});
    e.planned_min = 60, e.spent_min = 60 * today;
    out.push_back(e);
  }
  return out;
}

}  // namespace

class TstFits : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // Scaled inverse chi-square: (worth usual² + sum of squares) / (worth + n). Gelman et al. 2013,
  // section 2.6.
  void aSpreadIsThePosteriors() {
    const std::vector<SeenError> seen = {{0.3, 0}, {-0.2, 0}, {0.1, 0}, {-0.4, 0}};
    const Fit fit = fitSpread(0.5, 8, seen);
    const double expected = std::sqrt((8 * 0.25 + 0.09 + 0.04 + 0.01 + 0.16) / 12);
    QVERIFY(std::fabs(fit.value - expected) < 1e-9);
    QVERIFY(std::fabs(fit.sd - expected / std::sqrt(24)) < 1e-9);
    QVERIFY(std::fabs(fitSpread(0.5, 8, {}).value - 0.5) < 1e-12);
  }

  // One stamp that slipped by 5 mm is no habit.
  void aSlipIsNoHabit() {
    std::vector<SeenError> seen(40, {0.2, 0});
    const double before = fitSpread(0.5, 8, seen).value;
    seen.push_back({5, 0});
    const double after = fitSpread(0.5, 8, seen).value;
    QVERIFY(after < 1.35 * before);
    // Without that it would be more than three times as much.
    QVERIFY(std::sqrt((8 * 0.25 + 40 * 0.04 + 25) / 49) > 2.2 * before);
  }

  // What the measuring itself errs is no error of the hand.
  void measuringIsTakenOff() {
    Random random(5);
    std::vector<SeenError> seen;
    for (int k = 0; k < 4000; ++k) seen.push_back({0.3 * random.gaussian() + 0.4 * random.gaussian(), 0.4});
    QVERIFY(std::fabs(fitSpread(0.5, 8, seen).value - 0.3) < 0.06);
  }

  // Normal with known spread: mean (worth usual + sum) / (worth + n), standard deviation spread / sqrt(worth
  // + n).
  void aMeanAndAFactorAreThePosteriors() {
    const std::vector<double> values = {0.6, 0.7, 0.65};
    const Fit fit = fitMean(0.7, 3, 0.1, values);
    QVERIFY(std::fabs(fit.value - (2.1 + 1.95) / 6) < 1e-12 &&
            std::fabs(fit.sd - 0.1 / std::sqrt(6)) < 1e-12);
    const std::vector<double> ratios = {1.2, 1.5};
    const Fit factor = fitFactor(0.35, 2, ratios);
    QVERIFY(std::fabs(factor.value - std::exp((std::log(1.2) + std::log(1.5)) / 4)) < 1e-12);
  }

  // A threshold that is told by both sides lies between them; told from one side it moves only as far as it
  // must.
  void aThresholdLiesBetweenWhatIsShortOfItAndBeyond() {
    std::vector<Against> both;
    for (int k = 0; k < 12; ++k) both.push_back({1.6, true}), both.push_back({2.4, false});
    const Fit between = fitThreshold(both);
    QVERIFY2(between.value > 1.7 && between.value < 2.2, qPrintable(QString::number(between.value)));
    std::vector<Against> unworn(30, {0.5, true});  // masks that lay six times of twelve and were good still
    QVERIFY(std::fabs(fitThreshold(unworn).value - 1) < 0.2);
    std::vector<Against> long_(6, {2.0, true});
    QVERIFY(fitThreshold(long_).value > 1.6);
    QVERIFY(std::fabs(fitThreshold({}).value - 1) < 1e-6);
  }

  // 200 makers whose hands are known: the truth lies within twice the stated standard deviation for nine of
  // ten.
  void knownHandsAreFoundAgain() {
    int placing = 0, turn = 0, pace = 0;
    constexpr int kMakers = 200;
    for (int m = 0; m < kMakers; ++m) {
      Random random(static_cast<uint64_t>(m) + 1);
      const double p = 0.25 + 0.9 * random.unit(), t = 0.3 + 1.0 * random.unit(),
                   f = std::exp(0.35 * random.gaussian());
      const auto log = logOf(random, 4 + m % 5, p, t, f);
      const MakerLearnt learnt = learnFrom(log);
      const auto holds = [](const Fit& fit, double truth) {
        return std::fabs(fit.value - truth) <= 2 * fit.sd;
      };
      placing += holds(learnt[Trait::PrintPlacing].fit, p);
      turn += holds(learnt[Trait::PrintTurn].fit, t);
      pace += holds(learnt[Trait::Stamping].fit, f);
    }
    qInfo("of %d makers: placing %d, turn %d, pace %d within what is stated", kMakers, placing, turn, pace);
    QVERIFY(placing >= 0.9 * kMakers && turn >= 0.9 * kMakers && pace >= 0.9 * kMakers);
  }

  // A few cards move it a little, many all the way; it says how many it rests on.
  void commonPracticeStandsUntilCardsSayOtherwise() {
    Random random(3);
    const auto log = logOf(random, 20, 1.2, 0.6, 1.5);
    QCOMPARE(habitsOf(learnFrom({})), Habits());
    const MakerLearnt one = learnFrom({log.data(), 1}), all = learnFrom(log);
    const double usual = Habits().printPlacing_mm;
    QVERIFY(one[Trait::PrintPlacing].value() > usual &&
            one[Trait::PrintPlacing].value() < all[Trait::PrintPlacing].value());
    QCOMPARE(one[Trait::PrintPlacing].cards, 1);
    QCOMPARE(all[Trait::PrintPlacing].cards, 20);
    QVERIFY(one[Trait::PrintPlacing].fit.sd > 2 * all[Trait::PrintPlacing].fit.sd);
    QCOMPARE(habitsOf(all).cards, 20);
  }

  // A card whose steps were leafed through in seconds says nothing of anybody's pace.
  void leafingThroughIsNoWork() {
    Random random(5);
    const auto worked = logOf(random, 3, 0.5, 0.6, 1), leafed = logOf(random, 3, 0.5, 0.6, 0.05);
    auto both = worked;
    both.insert(both.end(), leafed.begin(), leafed.end());
    const double pace = learnFrom(worked)[Trait::Stamping].value();
    QVERIFY(std::fabs(learnFrom(both)[Trait::Stamping].value() - pace) < 1e-12);
    QCOMPARE(learnFrom(leafed)[Trait::Stamping].cards, 0);
    // Who is twice as quick is heard.
    QVERIFY(learnFrom(logOf(random, 3, 0.5, 0.6, 0.5))[Trait::Stamping].value() < 0.9);
  }

  // Set by hand, set back, and learnt from a day on only.
  void theMakerHasTheLastWord() {
    Random random(4);
    const auto log = logOf(random, 6, 1.2, 0.6, 1.5);
    LearnSettings s;
    s.own[Trait::PrintPlacing] = 0.3;
    QCOMPARE(habitsOf(learnFrom(log, s)).printPlacing_mm, 0.3);
    s.own.clear();
    s.from_s = 1e9;
    QCOMPARE(habitsOf(learnFrom(log, s)), Habits());
  }

  // An ink's table is mended by what was seen of it, and only where enough was.
  void anInkGetsThisMakersNumbers() {
    std::vector<LogEntry> log;
    for (int k = 0; k < 5; ++k) {
      LogEntry e;
      e.id = std::to_string(k), e.ended_s = 100 + k;
      for (int i = 0; i < 3; ++i) {
        e.dried.push_back({"Soot", 80, 60, true, {}}), e.dried.push_back({"Soot", 130, 60, false, {}});
        LogEntry::Print p;
        p.state = "asPlanned", p.ink = "Soot", p.pressing = 2, p.said = 0.7,
        p.strength = 0.8;  // 0.56 of the first
        e.prints.push_back(p);
      }
      log.push_back(e);
    }
    Ink soot;
    soot.id = "soot", soot.name = "Soot", soot.dryOnCard_s = 60;
    const MakerLearnt learnt = learnFrom(log);
    QCOMPARE(learnt.inks.size(), size_t{1});
    QVERIFY(driesOtherwise(learnt.inks[0]));
    const Ink mended = withLearnt(soot, learnt.inks[0]);
    QVERIFY2(mended.dryOnCard_s > 80 && mended.dryOnCard_s < 130,
             qPrintable(QString::number(mended.dryOnCard_s)));
    QVERIFY(std::fabs(mended.generations[1] - (3 * 0.7 + 15 * 0.56) / 18) < 0.01);
    QCOMPARE(withLearnt(mended, learnt.inks[0]), mended);  // once is enough
    const std::vector<LogEntry> one(log.begin(), log.begin() + 1);
    LogEntry little = one[0];
    little.dried.resize(1), little.prints.resize(1);
    QCOMPARE(withLearnt(soot, learnFrom(std::vector<LogEntry>{little}).inks[0]), soot);
  }

  // On smooth card it takes longer than on rough: each paper is told for itself, and all of them as a whole.
  void papersDryEachInItsTime() {
    LogEntry e;
    e.id = "a", e.ended_s = 1;
    for (int k = 0; k < 12; ++k)
      for (const auto& [paper, dry_s] : {std::pair("smooth", 120.0), {"rough", 40.0}})
        e.dried.push_back({"Soot", 0.75 * dry_s, 60, true, paper}),
            e.dried.push_back({"Soot", 1.3 * dry_s, 60, false, paper});
    const MakerLearnt learnt = learnFrom(std::vector<LogEntry>{e});
    const LearntInk& ink = learnt.inks[0];
    QCOMPARE(ink.dryingOn.size(), size_t{2});
    const double smooth = 60 * ink.dryingOn.at("smooth").value, rough = 60 * ink.dryingOn.at("rough").value;
    QVERIFY2(std::fabs(smooth - 120) < 20 && std::fabs(rough - 40) < 10,
             qPrintable(QStringLiteral("%1 %2").arg(smooth).arg(rough)));
    Ink soot;
    soot.id = "soot", soot.name = "Soot", soot.dryOnCard_s = 60;
    QCOMPARE(withLearnt(soot, ink, "smooth").dryOnCard_s, std::round(smooth));
    QCOMPARE(withLearnt(soot, ink, "rough").dryOnCard_s, std::round(rough));
  }

  // Large stamps are told from small ones where they lie otherwise, and only there. With a positioner the
  // same hands are behind smaller errors.
  void sizeAndPositionerAreReckonedWith() {
    for (const bool other : {false, true}) {
      Random random(9);
      LogEntry e;
      e.id = "a", e.ended_s = 1;
      for (int k = 0; k < 60; ++k) {
        LogEntry::Print p;
        const bool large = k % 2;
        const double placing = large && other ? 1.1 : 0.35;
        p.state = "asPlanned", p.size_mm = large ? 70 : 20, p.bySd_mm = 0.03, p.turnSd_deg = 0.05;
        p.by = {placing * random.gaussian(), placing * random.gaussian()},
        p.turn_deg = 0.5 * random.gaussian();
        e.prints.push_back(p);
      }
      const MakerLearnt learnt = learnFrom(std::vector<LogEntry>{e});
      QCOMPARE(sizeMatters(learnt), other);
      if (other) {
        QVERIFY(std::fabs(learnt.large.placing.value - 1.1) < 0.25);
        QVERIFY(std::fabs(learnt.small.placing.value - 0.35) < 0.15);
        continue;
      }
      LogEntry held = e;
      held.positioner = true;
      for (LogEntry::Print& p : held.prints) p.by = p.by * (1.0 / 3);
      const double free = habitsOf(learnt).printPlacing_mm;
      LearnSettings s;
      QVERIFY(std::fabs(habitsOf(learnFrom(std::vector<LogEntry>{held}, s)).printPlacing_mm - free) < 0.02);
      s.positioner = true;
      QVERIFY(std::fabs(habitsOf(learnFrom(std::vector<LogEntry>{held}, s)).printPlacing_mm - free / 3) <
              0.01);
    }
  }

  // Sticky notes fray earlier than masking sheets: each is told for itself, and plans are reckoned with
  // theirs.
  void masksLastByTheirPaper() {
    LogEntry e;
    e.id = "a", e.ended_s = 1;
    for (int k = 0; k < 12; ++k)
      for (const auto& [paper, bears] : {std::pair("note", 6.0), {"sheet", 20.0}})
        e.worn.push_back({"hare", 0.75 * bears, false, paper}),
            e.worn.push_back({"hare", 1.3 * bears, true, paper});
    const MakerLearnt learnt = learnFrom(std::vector<LogEntry>{e});
    const int note = habitsOf(learnt, "note").maskLife, sheet = habitsOf(learnt, "sheet").maskLife;
    QVERIFY2(std::abs(note - 6) <= 1 && std::abs(sheet - 20) <= 4,
             qPrintable(QStringLiteral("%1 %2").arg(note).arg(sheet)));
    const int any = habitsOf(learnt).maskLife;
    QVERIFY(any > note && any < sheet);
    LearnSettings own;
    own.own[Trait::MaskLife] = 9;
    QCOMPARE(habitsOf(learnFrom(std::vector<LogEntry>{e}, own), "note").maskLife, 9);
    Plan plan = havlo::testing::emptyPlan();
    QCOMPARE(maskPaperOf(plan.supplies), std::string("sheet"));
    plan.supplies.maskSheet = MaskingSheet{76, 76, 0, 20, {}};
    QCOMPARE(maskPaperOf(plan.supplies), std::string("note"));
  }

  // Hands that err more need more room between things that must not touch.
  void unsteadyHandsKeepThingsApart() {
    Plan plan = havlo::testing::emptyPlan();
    havlo::testing::addStamp(plan, havlo::testing::slab("post", 10, 30));
    havlo::testing::put(plan, "a", "post", {40, 20}, 5),
        havlo::testing::put(plan, "b", "post", {51.6, 20}, 6);
    const auto kisses = [](const Plan& p) {
      const AnalysisRef a = havlo::testing::looked(p);
      return std::any_of(a->findings.begin(), a->findings.end(),
                         [](const Finding& f) { return f.kind == FindingKind::KissingEdges; });
    };
    QVERIFY(!kisses(plan));
    plan.habits.printPlacing_mm = 1;
    QVERIFY(kisses(plan));
  }

  // Plans are reckoned with it: minutes, masks and joins.
  void plansAreReckonedWithIt() {
    Plan plan = havlo::testing::demo("teaching-crowd");
    plan.supplies.maskLife = kUsualMaskLife;  // the file has its own
    const AnalysisRef usual = withBestOrder(plan, analyse(plan));
    const auto risk = joinRisk(plan, *usual, {handErrors(plan.habits)});
    Plan slow = plan;
    slow.habits.pace.fill(2);
    const AnalysisRef twice = withBestOrder(slow, analyse(slow));
    double work = 0, workTwice = 0;
    for (const Step& s : usual->sheet.steps) work += s.minutes;
    for (const Step& s : twice->sheet.steps) workTwice += s.minutes;
    QVERIFY2(workTwice > 1.9 * work && workTwice < 2.1 * work, qPrintable(QString::number(workTwice / work)));
    Plan frail = plan;
    frail.habits.maskLife = 1;
    QVERIFY(withBestOrder(frail, analyse(frail))->masksToCut() > usual->masksToCut());
    Plan loose = plan;
    loose.habits.maskPlacing_mm = 0.9;
    QVERIFY(joinRisk(loose, *usual, {handErrors(loose.habits)}).value().expected > risk.value().expected);
    QVERIFY(!(slow == plan));
    // In no file.
    QCOMPARE(writePlan(slow), writePlan(plan));
  }
};

HAVLO_TEST(TstFits)
#include "tst_fits.moc"
