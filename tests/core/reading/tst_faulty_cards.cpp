// Small plans made wrong on purpose, one fault each: every fault is found, nothing else is called wrong, and
// the fix offered silences it. And a sound card is left in peace.
#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/edit/wash_edits.h"
#include "core/focus/looks.h"
#include "support/faulty_plans.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

AnalysisRef readWhole(const Plan& p) {
  const AnalysisRef a = withBestOrder(p, analyse(p));
  return withLooks(p, a, lookAt(p, *a, nullptr));
}

bool alike(const std::vector<Finding>& one, const std::vector<Finding>& other) {
  return std::equal(one.begin(), one.end(), other.begin(), other.end(),
                    [](const Finding& a, const Finding& b) {
                      return a.kind == b.kind && a.level == b.level && a.impressions == b.impressions &&
                             a.value == b.value && a.wash == b.wash && a.known == b.known &&
                             a.fix.has_value() == b.fix.has_value();
                    });
}

QString listed(const Analysis& a) {
  QString out;
  for (const Finding& f : a.findings)
    out += QString::fromStdString(std::string(ruleOf(f.kind).word)) + QStringLiteral(" (%1) ").arg(f.value);
  return out;
}

/// What comes with a fault because it is the same thing seen from another side.
bool goesWith(FindingKind fault, FindingKind other) {
  const auto any = [&](std::initializer_list<FindingKind> list) {
    return std::find(list.begin(), list.end(), other) != list.end();
  };
  switch (fault) {
    case FindingKind::DyeOnDark:
      return any({FindingKind::Sunk, FindingKind::GreetingIllegible, FindingKind::OneColour});
    case FindingKind::OneColour:
      return any({FindingKind::Sunk, FindingKind::GreetingIllegible});
    case FindingKind::OffPanel:
    case FindingKind::WhollyHidden:
    case FindingKind::HeroHidden:
      return any({FindingKind::Rival});
    case FindingKind::Sunk:
      return any({FindingKind::Rival});
    case FindingKind::Crowded:
      return any({FindingKind::GreetingCrowded, FindingKind::KissingEdges, FindingKind::WhollyHidden,
                  FindingKind::HeroHidden, FindingKind::Rival, FindingKind::OffPanel, FindingKind::Merging,
                  FindingKind::AsksStyle});
    case FindingKind::HeroUncoloured:
    case FindingKind::ColourJumpsOut:
      return any({FindingKind::Rival});
    case FindingKind::Cycle:
      return any({FindingKind::HeroHidden});
    default:
      return false;
  }
}

}  // namespace

class TstFaultyCards : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // What was seen a moment ago, with nothing changed since, is what would be read anew; of a card that has
  // changed since, what is read at once is its own and what waits for the eye that of before.
  void whatWasSeenStandsUntilTheEyeHasLookedAgain() {
    for (const char* name : {"teaching-crowd", "teaching-dull", "canal-towpath"}) {
      const Plan p = demo(name);
      const AnalysisRef a = analyse(p), seen = withLooks(p, a, lookAt(p, *a, nullptr));
      QVERIFY(alike(withLooksOf(p, a, *seen)->findings, seen->findings));
      Plan moved = p;
      moved.impressions[0].at.x += 11;
      moved.impressions[0].at.y += 7;
      const AnalysisRef b = analyse(moved), anew = withLooks(moved, b, seen->looks),
                        stood = withLooksOf(moved, b, *seen);
      const auto some = [](const Analysis& of, Rule::When when) {
        std::vector<Finding> out;
        for (const Finding& f : of.findings)
          if (ruleOf(f.kind).when == when) out.push_back(f);
        return out;
      };
      QVERIFY(alike(some(*stood, Rule::When::AtOnce), some(*anew, Rule::When::AtOnce)));
      QVERIFY(alike(some(*stood, Rule::When::WithLooks), some(*seen, Rule::When::WithLooks)));
      QCOMPARE(stood->looks, seen->looks);
    }
  }

  void aSoundCardIsLeftInPeace() {
    const AnalysisRef a = readWhole(soundCard());
    QVERIFY2(a->findings.empty(), qPrintable(listed(*a)));
    QCOMPARE(a->looks->heroRank, 1);
  }

  void thereAreFortyOfThem() { QVERIFY(faultyCards().size() + faultyViews().size() >= 40); }

  void everyFaultIsFoundAndMended_data() {
    QTest::addColumn<int>("number");
    const auto all = faultyCards();
    for (size_t k = 0; k < all.size(); ++k) QTest::newRow(all[k].name) << static_cast<int>(k);
  }
  void everyFaultIsFoundAndMended() {
    QFETCH(int, number);
    const FaultyPlan faulty = faultyCards()[ix(number)];
    const AnalysisRef a = readWhole(faulty.plan);
    const Finding* f = find(*a, faulty.kind);
    QVERIFY2(f, qPrintable(listed(*a)));
    QVERIFY(std::isfinite(f->value));
    for (const Finding& other : a->findings)
      QVERIFY2(other.kind == faulty.kind || other.level == Level::Note || goesWith(faulty.kind, other.kind),
               qPrintable(listed(*a)));
    if (f->fix) {
      const auto mended = applied(faulty.plan, *f->fix);
      QVERIFY2(bool(mended), mended ? "" : mended.error().text().c_str());
      QVERIFY(!(mended.value() == faulty.plan));
      if (faulty.mendable) {
        const AnalysisRef after = readWhole(mended.value());
        QVERIFY2(!find(*after, faulty.kind), qPrintable(listed(*after)));
      }
    } else {
      QVERIFY2(!faulty.mendable, "no fix is offered");
    }
  }

  void rivalsThatAreAlikeAreQuietenedTogether() {
    Plan p = soundCard();
    p.impressions[0].ink = "blue";  // a quiet hero among three loud sheds
    p.impressions[3].ink = "grey";
    Stamp shed = slab("shed", 22, 26);
    shed.role = Role::Building;
    addStamp(p, shed);
    const Point spots[] = {{18, 100}, {106, 104}, {20, 8}};
    for (int k = 0; k < 3; ++k) put(p, "shed" + std::to_string(k), "shed", spots[k], 18 + k).ink = "black";
    const AnalysisRef a = readWhole(p);
    const Finding* f = find(*a, FindingKind::Rival);
    QVERIFY2(f && f->fix && f->fix->what == Fix::What::Quieter, qPrintable(listed(*a)));
    QVERIFY(f->fix->feet.size() >= 2);
    const Plan q = applied(p, *f->fix).value();
    for (const Fix::Foot& foot : f->fix->feet) QCOMPARE(q.impressions[ix(foot.impression)].generation, 2);
    QVERIFY(readWhole(q)->looks->heroShare() > a->looks->heroShare());
  }

  void aHeroThatNoInkSavesGetsAGroundBehindIt() {
    Plan p = soundCard();
    Ink shade = p.inks[1];
    shade.id = "shade", shade.colour = {0x98, 0xa2, 0xaa};
    p.inks = {p.inks.back(), shade};  // white, and a pale shade that as a line hardly differs from the hero's
    for (Impression& i : p.impressions) i.ink = "white";
    p.inks[1].generations = {0.25};
    const AnalysisRef a = readWhole(p);
    const Finding* f = find(*a, FindingKind::Sunk);
    QVERIFY2(f && f->fix && f->fix->what == Fix::What::AddWashes, qPrintable(listed(*a)));
    const Plan q = applied(p, *f->fix).value();
    QCOMPARE(q.washes.size(), size_t{1});
    const AnalysisRef after = readWhole(q);
    QVERIFY(after->looks->standouts[0].difference > a->looks->standouts[0].difference + 5);
    QVERIFY(simulate(after->press(q, nullptr), after->sheet, 80).value().proven);
  }

  void whatTheMakerKnowsStandsLastAndIsNeverGone() {
    Plan p = faultyCards()[1].plan;  // two heroes
    const AnalysisRef before = readWhole(p);
    const Finding* f = find(*before, FindingKind::SeveralHeroes);
    std::vector<std::string> ids;
    for (int i : f->impressions) ids.push_back(p.impressions[ix(i)].id);
    p.impressions[3].turn_deg = 3;  // a greeting that leans besides
    const Plan known = withKnown(p, "severalHeroes", ids);
    const AnalysisRef a = readWhole(known);
    QCOMPARE(a->findings.size(), readWhole(p)->findings.size());
    QVERIFY(!a->findings.front().known && a->findings.back().known);
    QVERIFY(a->findings.back().kind == FindingKind::SeveralHeroes);
    QVERIFY(a->findings.back().level == Level::Warn);
    // The whole rule, and taking it back.
    const AnalysisRef all = readWhole(withKnown(p, "sentimentOffLevel", {}));
    QVERIFY(find(*all, FindingKind::GreetingOffLevel)->known);
    QVERIFY(withoutKnown(known, "severalHeroes", ids) == p);
    // Leaving a thing out takes what was known of it along.
    QVERIFY(without(known, ids[0]).value().known.empty());
  }

  void ofOneLevelTheHeroComesFirst() {
    Plan p = soundCard();
    p.impressions[3].turn_deg = 3;   // the greeting leans
    p.impressions[0].ink = "white";  // and the hero is sunk
    const AnalysisRef a = readWhole(p);
    QVERIFY(a->findings.size() >= 2);
    QVERIFY2(a->findings.front().kind == FindingKind::Sunk || a->findings.front().kind == FindingKind::Rival,
             qPrintable(listed(*a)));
    for (size_t k = 1; k < a->findings.size(); ++k) QVERIFY(a->findings[k - 1].level >= a->findings[k].level);
  }

  void rulesOfTheEyeAreSilentUntilItHasLooked() {
    const Plan p = faultyCards()[8].plan;
    const AnalysisRef a = analyse(p);
    QVERIFY(!a->looks && !find(*a, FindingKind::Sunk));
    // An edit keeps what was seen until the eye has looked again; another number of things does not.
    const AnalysisRef looked = readWhole(p);
    QVERIFY(analyse(withFoot(p, "tree", {80, 66}).value(), looked.get())->looks == looked->looks);
    QVERIFY(!analyse(without(p, "tree").value(), looked.get())->looks);
  }

  // The same strip in paper that hardly stands out from the card's pulls something, and is no rival.
  void aQuietStripIsNoRival() {
    Plan p = soundCard();
    Piece strip;
    strip.id = "strip", strip.width_mm = 130, strip.height_mm = 30, strip.at = {4, 2};
    strip.paper.colour = {0xb8, 0x9c, 0x80};
    p.pieces.push_back(strip);
    const auto rivals = [](const Plan& plan) {
      const AnalysisRef a = readWhole(plan);
      const auto here = std::count_if(a->findings.begin(), a->findings.end(), [](const Finding& f) {
        return f.kind == FindingKind::Rival && f.piece >= 0;
      });
      return std::pair(here, a->looks->byPiece[0] / a->looks->heroShare());
    };
    const auto [quiet, share] = rivals(p);
    QVERIFY2(share > 0.06 && share < 1, std::to_string(share).c_str());
    QCOMPARE(quiet, 0);
    p.pieces[0].paper.colour = {0xd0, 0x10, 0x60};
    QCOMPARE(rivals(p).first, 1);
  }
};

HAVLO_TEST(TstFaultyCards)
#include "tst_faulty_cards.moc"
