// Mends as makers do them: what is good for one mounting is not for another, and only inks that come near.
#include <QTest>
#include <algorithm>

#include "core/making/mends.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Plan withWords() {
  Plan p = emptyPlan();
  Ink rowan;
  rowan.id = "rowan", rowan.kind = InkKind::Marker, rowan.colour = {0x22, 0x26, 0x2b};
  p.inks.push_back(rowan);
  Stamp words = slab("words", 40, 8), hare = slab("hare", 20, 40);
  words.role = Role::Greeting, hare.role = Role::Figure;
  addStamp(p, words), addStamp(p, hare);
  put(p, "words", "words", {60, 150}, 1), put(p, "hare", "hare", {60, 40}, 3);
  Wash sky;
  sky.id = "sky", sky.ink = "blue", sky.area = rectangle({0, 90, 127, 178});
  p.washes = {sky};
  return p;
}

Step stamping(int i) {
  Step s;
  s.impression = i;
  return s;
}

bool has(const std::vector<MendWay>& ways, Mend how) {
  return std::any_of(ways.begin(), ways.end(), [&](const MendWay& w) { return w.how == how; });
}

}  // namespace

class TstMends : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void pressedAgainInPlaceUnlessItIsWood() {
    const Plan p = withWords();
    QCOMPARE(static_cast<int>(mendsFor(Mishap::MissedSpot, p, stamping(1), Mounting::Clear).front().how),
             static_cast<int>(Mend::PressAgain));
    QVERIFY(has(mendsFor(Mishap::MissedSpot, p, stamping(1), {}), Mend::PressAgain));
    QVERIFY(!has(mendsFor(Mishap::MissedSpot, p, stamping(1), Mounting::Wood), Mend::PressAgain));
  }
  void wordsGetAStripAndFiguresAPiece() {
    const Plan p = withWords();
    QVERIFY(has(mendsFor(Mishap::Smudge, p, stamping(0), {}), Mend::StripOver));
    QVERIFY(!has(mendsFor(Mishap::Smudge, p, stamping(0), {}), Mend::Filler));
    QVERIFY(has(mendsFor(Mishap::Smudge, p, stamping(1), {}), Mend::PieceOver));
    QVERIFY(has(mendsFor(Mishap::Misplaced, p, stamping(1), {}), Mend::TypePlace));
  }
  void onlyAnInkThatComesNearIsNamed() {
    Plan p = withWords();
    const auto near = mendsFor(Mishap::Gap, p, stamping(1), {});
    QVERIFY(has(near, Mend::MarkerInGap) && has(near, Mend::FinePen));
    for (const MendWay& w : near)
      if (w.how == Mend::MarkerInGap) QCOMPARE(w.ink, std::string("rowan"));
    p.inks.back().colour = {0xe0, 0x40, 0x30};
    for (const MendWay& w : mendsFor(Mishap::Gap, p, stamping(1), {})) QVERIFY(w.ink.empty());
  }
  void aBlendIsDoneOnceMoreThroughAPatch() {
    const Plan p = withWords();
    Step wash;
    wash.what = Do::Wash, wash.wash = 0;
    QVERIFY(has(mendsFor(Mishap::Gap, p, wash, {}), Mend::TapePatch));
    QVERIFY(!has(mendsFor(Mishap::Gap, p, stamping(1), {}), Mend::TapePatch));
  }
  void thereIsAlwaysSomethingToDo() {
    const Plan p = withWords();
    for (int k = 0; k <= static_cast<int>(Mishap::Other); ++k)
      QCOMPARE(static_cast<int>(mendsFor(static_cast<Mishap>(k), p, stamping(1), {}).back().how),
               static_cast<int>(Mend::WriteDown));
  }
};

HAVLO_TEST(TstMends)
#include "tst_mends.moc"
