// The reading with the stamps as they are drawn: the demo scenes are not nagged, and the dull one becomes
// clear by doing what the reading says, first things first, with the hero's share rising as it was told.
#include <QRegularExpression>
#include <QTest>
#include <cmath>

#include "core/arrange/arrange.h"
#include "core/chain/chain.h"
#include "core/chain/tried_mends.h"
#include "core/edit/edits.h"
#include "io/art/svg_art.h"
#include "io/wording/focus_words.h"
#include "support/faulty_plans.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

const SvgArt& art() {
  static const SvgArt a;
  return a;
}

AnalysisRef readWhole(const Plan& p) {
  const AnalysisRef a = withBestOrder(p, analyse(p, nullptr, &art()));
  return withLooks(p, a, lookAt(p, *a, &art()));
}

QString listed(const Plan& p, const Analysis& a) {
  QString out;
  for (const Finding& f : a.findings)
    out += wordsOf(p, a, f, MeasureStyle::Millimetres).text + QStringLiteral("; ");
  return out;
}

}  // namespace

class TstReadingFollows : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theDemoScenesAreNotNagged_data() {
    QTest::addColumn<QString>("scene");
    QTest::addColumn<int>("intended");  // findings put there on purpose
    QTest::newRow("towpath: the small poplar stands too near") << "canal-towpath" << 1;
    QTest::newRow("fen") << "misty-fen" << 0;
    QTest::newRow("shed") << "potting-shed" << 0;
  }
  void theDemoScenesAreNotNagged() {
    QFETCH(QString, scene);
    QFETCH(int, intended);
    const Plan p = demo(scene.toStdString());
    const AnalysisRef a = readWhole(p);
    QVERIFY2(static_cast<int>(a->findings.size()) == intended, qPrintable(listed(p, *a)));
    QCOMPARE(a->looks->heroRank, 1);
    QCOMPARE(a->looks->path[0].thing, a->looks->hero);
    QVERIFY(a->looks->rivals.empty());
  }

  void theDullSceneBecomesClearByFollowingTheReading() {
    Plan p = demo("teaching-dull");
    AnalysisRef a = readWhole(p);
    const double before = a->looks->heroShare();
    QVERIFY(a->looks->heroRank > 1);
    QVERIFY(verdict(p, *a).contains(QStringLiteral("before")));
    double least = before;
    int acts = 0;
    while (warningsOf(*a) > 0 && acts < 12) {
      // What stands first and can be done, of what was seen to help.
      const TriedFindings tried = triedFindings(p, *a, &art(), {}, kMostMends);
      const auto next = std::find_if(tried.findings.begin(), tried.findings.end(), [](const Finding& f) {
        return f.fix.has_value() && f.level != Level::Note;
      });
      QVERIFY2(next != tried.findings.end(), qPrintable(listed(p, *a)));
      const auto& told = tried.told[static_cast<size_t>(next - tried.findings.begin())];
      QVERIFY(told);
      const auto after = applied(p, *next->fix);
      QVERIFY(bool(after));
      p = after.value();
      a = readWhole(p);
      ++acts;
      // As it was told.
      QVERIFY(std::fabs(a->looks->heroShare() - told->share) < 1e-6);
      QCOMPARE(a->looks->heroRank, told->rank);
      least = std::min(least, a->looks->heroShare());
    }
    QVERIFY2(warningsOf(*a) == 0, qPrintable(listed(p, *a)));
    QVERIFY2(
        a->looks->heroShare() > 1.4 * before,
        qPrintable(QStringLiteral("%1 to %2 in %3 acts").arg(before).arg(a->looks->heroShare()).arg(acts)));
    QCOMPARE(a->looks->heroRank, 1);
    QVERIFY(least > 0.75 * before);  // no act on the way makes it much worse
    QVERIFY(verdict(p, *a).startsWith(QStringLiteral("Clear")));
    for (const Greeting& g : a->looks->greetings) QVERIFY(g.ratio >= 3);
    QVERIFY(simulate(a->press(p, &art()), a->sheet, 100).value().proven);
    qInfo("hero's share %.3f to %.3f in %d acts", before, a->looks->heroShare(), acts);
  }

  void everyFindingHasWordsAndItsFixToo() {
    std::vector<FaultyPlan> all = faultyCards();
    for (FaultyPlan& f : faultyViews()) all.push_back(std::move(f));
    {
      Plan open = soundCard();
      Stamp bag = slab("bag", 20, 20);
      bag.name = "Bag";
      bag.art =
          "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 20 20'><path d='M0 6V20H20V6' fill='none' "
          "stroke='black' stroke-width='1'/></svg>";
      addStamp(open, bag);
      put(open, "bag", "bag", {96, 20}, 9);
      Colouring c;
      c.id = "c", c.impression = "bag", c.ink = "red";
      open.colourings = {c};
      all.push_back({"a bag without a rim", FindingKind::RegionOpen, open});
    }
    std::vector<FindingKind> seen;
    for (const FaultyPlan& faulty : all) {
      const AnalysisRef plain = withBestOrder(faulty.plan, analyse(faulty.plan, nullptr, &art()));
      const AnalysisRef a = withLooks(faulty.plan, plain, lookAt(faulty.plan, *plain, &art()));
      for (const Finding& f : a->findings)
        for (const MeasureStyle style : {MeasureStyle::Inches, MeasureStyle::Millimetres}) {
          const FindingWords w = wordsOf(faulty.plan, *a, f, style);
          seen.push_back(f.kind);
          QVERIFY2(!w.text.isEmpty() && !w.why.isEmpty() && !w.value.isEmpty(), faulty.name);
          QCOMPARE(w.fix.isEmpty(), !f.fix.has_value());
          static const QRegularExpression gap(QStringLiteral("%[0-9]"));
          QVERIFY2(!(w.text + w.why + w.value + w.fix).contains(gap), qPrintable(w.text + w.why + w.fix));
          QVERIFY2(w.text[0].isUpper(), qPrintable(w.text));
        }
      QVERIFY(!verdict(faulty.plan, *a).isEmpty());
    }
    // Every rule has spoken somewhere.
    for (const Rule& r : rules())
      if (r.kind != FindingKind::HorizonMeetsHead)
        QVERIFY2(std::find(seen.begin(), seen.end(), r.kind) != seen.end(), std::string(r.word).c_str());
  }

  void sentencesAboutLooks() {
    Plan p = demo("teaching-dull");
    AnalysisRef a = readWhole(p);
    QVERIFY(!a->looks->rivals.empty());
    for (const Rival& r : a->looks->rivals) QVERIFY(!whyWords(r).isEmpty());
    for (const EyeLine& l : a->looks->lines) QVERIFY(!lineWords(p, l, MeasureStyle::Inches).isEmpty());
    QVERIFY(!balanceWords(p, *a->looks).isEmpty());
    for (Impression& i : p.impressions) i.hero = false;
    a = readWhole(p);
    QVERIFY(seenFirstWords(p, *a->looks).contains(QStringLiteral("No hero")));
    Plan empty = p;
    empty.impressions.clear();
    QVERIFY(verdict(empty, *analyse(empty)).contains(QStringLiteral("nothing on the card")));
    const auto choices = proposePalettes(p.inks, p.card.paper);
    for (const PaletteChoice& c : choices) QVERIFY(!paletteWords(p.inks, c).contains(QStringLiteral("%1")));
  }

  void arrangementsOfTheDrawnDemoAreProven() {
    ArrangeWish w;
    w.tries = 400;
    const auto found = suggestArrangements(demo("canal-towpath"), &art(), w);
    QVERIFY(bool(found));
    QVERIFY(found.value().proposals.size() >= 2);
    for (const Proposal& one : found.value().proposals) {
      QVERIFY(one.proven);
      QVERIFY2(one.analysis->looks->heroRank == 1, qPrintable(verdict(one.plan, *one.analysis)));
    }
  }
};

HAVLO_TEST(TstReadingFollows)
#include "tst_reading_follows.moc"
