// Names of the walk: never over each other, off flats and leaders wherever there is room.
#include <QTest>
#include <random>

#include "app/walk/walk_names.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

const QRectF kRoom(0, 20, 1200, 100);

bool apart(const std::vector<WalkNameSpot>& spots) {
  for (std::size_t a = 0; a < spots.size(); ++a)
    for (std::size_t b = a + 1; b < spots.size(); ++b)
      if (!spots[a].box.isEmpty() && spots[a].box.intersects(spots[b].box)) return false;
  return true;
}

}  // namespace

class TstWalkNames : public QObject {
  Q_OBJECT
 private Q_SLOTS:
  void oneAloneStandsOverItsFlat() {
    const auto spots = placeWalkNames({{{300, 100}, {60, 14}}}, {}, {}, kRoom);
    QCOMPARE(spots.front().box.center().x(), 300.0);
    QVERIFY(spots.front().box.bottom() <= 100 && spots.front().box.bottom() >= 98);
    QVERIFY(!spots.front().led);
  }

  // A tall flat close by would be written over by a name in its middle: it leans away, and is still above its
  // own.
  void aNameLeansAwayFromAFlat() {
    const QRectF tall(320, 20, 4, 100);
    const auto spots = placeWalkNames({{{300, 100}, {60, 14}}}, {}, {tall}, kRoom);
    QVERIFY(!spots.front().box.intersects(tall));
    QVERIFY(spots.front().box.left() <= 300 && spots.front().box.right() >= 300);
  }

  // The second name must not be struck through by the first one's leader.
  void leadersAreKeptClear() {
    const std::vector<WalkName> names{{{300, 100}, {60, 14}}, {{304, 100}, {60, 14}}, {{308, 100}, {60, 14}}};
    const auto spots = placeWalkNames(names, {}, {}, kRoom);
    QVERIFY(apart(spots));
    for (std::size_t a = 0; a < 3; ++a) {
      if (!spots[a].led) continue;
      const QRectF leader(names[a].foot.x() - 0.5, spots[a].box.bottom(), 1, 99 - spots[a].box.bottom());
      for (std::size_t b = 0; b < 3; ++b) QVERIFY(a == b || !spots[b].box.intersects(leader));
    }
  }

  // Without any room a name is left out, unless it must be there: the chosen thing's.
  void withoutRoom() {
    const std::vector<QRectF> full{kRoom};
    QVERIFY(placeWalkNames({{{300, 100}, {60, 14}}}, full, {}, kRoom).front().box.isEmpty());
    QVERIFY(!placeWalkNames({{{300, 100}, {60, 14}, true}}, full, {}, kRoom).front().box.isEmpty());
  }

  void manyAtRandom() {
    std::mt19937 dice(7);
    for (int round = 0; round < 200; ++round) {
      std::vector<WalkName> names;
      std::vector<QRectF> taken{QRectF(double(dice() % 1000), double(40 + dice() % 60), 90, 14)};
      for (int k = 0; k < 40; ++k)
        names.push_back({{double(dice() % 1200), double(40 + dice() % 80)}, {double(20 + dice() % 140), 14}});
      const auto spots = placeWalkNames(names, taken, {}, kRoom);
      QCOMPARE(spots.size(), names.size());
      QVERIFY(apart(spots));
      for (const WalkNameSpot& s : spots) {
        if (s.box.isEmpty()) continue;
        QVERIFY(!s.box.intersects(taken.front()));
        QVERIFY(s.box.left() >= 0 && s.box.right() <= 1200 && s.box.top() >= 20);
      }
    }
  }
};

HAVLO_TEST(TstWalkNames)
#include "tst_walk_names.moc"
