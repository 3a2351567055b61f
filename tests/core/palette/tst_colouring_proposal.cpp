// Colourings proposed for a whole card: from the inks there are, the hero first, nothing lost that was left
// bare.
#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/palette/colouring_proposal.h"
#include "core/palette/palette.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Ink inkCalled(const char* id, Colour colour) {
  Ink i;
  i.id = id, i.name = id, i.colour = colour;
  return i;
}

Plan avenue() {
  Plan p = emptyPlan();
  p.card.panel = {140, 105, {}};
  p.view->horizon_mm = 60;
  p.inks = {inkCalled("soot", {0x20, 0x22, 0x26})};
  Stamp figure = slab("figure", 20, 36), tree = slab("tree", 22, 44);
  figure.solid = tree.solid = false;
  figure.role = Role::Figure, tree.role = Role::Tree;
  addStamp(p, figure), addStamp(p, tree);
  put(p, "hero", "figure", {70, 12}, 3).hero = true;
  put(p, "tree1", "tree", {30, 30}, 12), put(p, "tree2", "tree", {110, 34}, 15);
  for (Impression& i : p.impressions) i.ink = "soot";
  return p;
}

const std::vector<Ink> kBox{inkCalled("madder", {0xb0, 0x2a, 0x30}), inkCalled("moss", {0x4d, 0x7a, 0x3c}),
                            inkCalled("ochre", {0xc8, 0x92, 0x40}),  inkCalled("slate", {0x80, 0x84, 0x86}),
                            inkCalled("dusk", {0x54, 0x70, 0xa8}),   inkCalled("coal", {0x4a, 0x4a, 0x4c})};

std::vector<ColouringProposal> proposed(const Plan& p, const std::vector<Ink>& inks) {
  const AnalysisRef a = analyse(p);
  std::vector<RegionsRef> regions;
  for (const StampRef& s : p.stamps) regions.push_back(std::make_shared<const StampRegions>(*s, nullptr));
  return proposeColourings(p, *a, inks, regions, nullptr).value();
}

double chromaOf(const Plan& p, const Colouring& c) {
  const Lab lab = labOf(p.ink(c.ink)->colour);
  return std::hypot(lab.a, lab.b);
}

}  // namespace

class TstColouringProposal : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theHeroGetsTheStrongestAndTreesTurnGreen() {
    const Plan p = avenue();
    const auto all = proposed(p, kBox);
    QCOMPARE(all.size(), size_t{4});
    for (const ColouringProposal& one : all) {
      QCOMPARE(one.coloured, 3);
      double hero = 0, others = 0;
      for (const Colouring& c : one.plan.colourings) {
        double& most = c.impression == "hero" ? hero : others;
        most = std::max(most, chromaOf(one.plan, c));
        if (one.scheme == ColouringScheme::AmongGreys && c.impression != "hero")
          QVERIFY(chromaOf(one.plan, c) < kGreyChroma);
        if (one.scheme == ColouringScheme::Akin && c.impression != "hero")
          QCOMPARE(c.ink, std::string("moss"));
        QVERIFY(c.shade == Shade::AwayFromLight);
      }
      QVERIFY2(hero > others, qPrintable(QString::number(static_cast<int>(one.scheme))));
      QVERIFY(readPlan(writePlan(one.plan)).value().plan == one.plan);
    }
    QCOMPARE(all.front().heroRank, 1);
    for (size_t k = 1; k < all.size(); ++k)
      if (all[k].heroRank == 1) QVERIFY(all[k - 1].heroShare >= all[k].heroShare);
  }

  void theShareToldIsWhatIsSeenWhenItIsTaken() {
    const auto all = proposed(avenue(), kBox);
    const ColouringProposal& one = all.front();
    const LooksRef looks = lookAt(one.plan, *analyse(one.plan), nullptr);
    QVERIFY(std::fabs(looks->heroShare() - one.heroShare) < 1e-6);
  }

  void whatIsBareOnPurposeStaysSo() {
    Plan p = avenue();
    Colouring bare;
    bare.id = "b", bare.impression = "tree1", bare.bare = true, bare.region = AllRegions{};
    p.colourings = {bare};
    for (const ColouringProposal& one : proposed(p, kBox)) {
      int own = 0;
      for (const Colouring& c : one.plan.colourings) own += c.impression == "tree1" && !c.bare;
      QCOMPARE(own, 0);
    }
  }

  void withoutColourOrHeroThereIsNothing() {
    QVERIFY(proposed(avenue(), {inkCalled("slate", {0x80, 0x84, 0x86})}).empty());
    Plan p = avenue();
    p.impressions[0].hero = false;
    QVERIFY(proposed(p, kBox).empty());
    QVERIFY(proposed(avenue(), {}).empty());
  }
};

HAVLO_TEST(TstColouringProposal)
#include "tst_colouring_proposal.moc"
