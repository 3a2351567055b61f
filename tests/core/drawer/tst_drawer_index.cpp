// Searching the drawer.
#include <QTest>

#include "core/drawer/drawer.h"
#include "core/viewpoint/scale.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

DrawerCard card(const char* name, Role role, double height, Facing facing = Facing::None, double real = 0) {
  DrawerCard c;
  c.key = c.name = name;
  c.role = role, c.facing = facing;
  c.width_mm = height / 2, c.height_mm = height;
  if (real > 0) c.realHeight = RealHeight{real, real * 0.8, real * 1.2, {}};
  return c;
}

std::string names(const DrawerIndex& index, const StampWish& wish) {
  std::string out;
  for (int i : index.find(wish)) out += (out.empty() ? "" : " ") + index.cards()[ix(i)].name;
  return out;
}

}  // namespace

class TstDrawerIndex : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void findsByWordsRoleFacingAndSize() {
    DrawerCard duck = card("Duck", Role::Animal, 13, Facing::Right, 0.34);
    duck.tags = {"canal", "Bird"};
    duck.setName = "Long Pound";
    const DrawerIndex index({card("Poplar", Role::Tree, 60, Facing::None, 11), duck,
                             card("Hare", Role::Animal, 42, Facing::Left, 0.6),
                             card("poplar", Role::Tree, 27, Facing::None, 11)});
    QCOMPARE(names(index, {}), std::string("Duck Hare Poplar poplar"));
    StampWish w;
    w.text = "BIRD  pound";
    QCOMPARE(names(index, w), std::string("Duck"));
    w.text = "bird hare";
    QCOMPARE(names(index, w), std::string());
    w = {};
    w.role = Role::Animal;
    QCOMPARE(names(index, w), std::string("Duck Hare"));
    w.facing = Facing::Left;
    QCOMPARE(names(index, w), std::string("Hare"));
    w = {};
    w.leastHeight_mm = 20, w.mostHeight_mm = 45;
    QCOMPARE(names(index, w), std::string("Hare poplar"));
  }
  // A stamp h mm tall of a thing H m tall stands at distance d when h = H (yh - yb) / E (engine, section 2).
  void findsWhatWouldStandAtADistance() {
    View view;
    view.horizon_mm = 60, view.eyeHeight_m = 1.5, view.nearDistance_m = 2;
    const double perMetre = (60 - groundHeight(view, Metres{6}).value) / 1.5;
    const DrawerIndex index({card("right", Role::Tree, 3 * perMetre, Facing::None, 3),
                             card("nearly", Role::Tree, 3.4 * perMetre, Facing::None, 3),
                             card("large", Role::Tree, 4 * perMetre, Facing::None, 3),
                             card("unknown", Role::Tree, 3 * perMetre)});
    StampWish w;
    w.fitsAt_m = 6;
    w.view = view;
    QCOMPARE(names(index, w), std::string("right nearly"));
  }
  void heightsAreOfferedByWhatIsShown() {
    QCOMPARE(heightsFor("Small mooring post", Role::Prop)[0].thing, std::string_view("post"));
    QCOMPARE(heightsFor("Storybook hare", Role::Figure)[0].thing, std::string_view("storybook hare"));
    QCOMPARE(heightsFor("Thing", Role::Tree)[0].role, Role::Tree);
    for (const TypicalHeight& h : typicalHeights())
      QVERIFY2(h.least_m > 0 && h.least_m <= h.typical_m && h.typical_m <= h.most_m,
               std::string(h.thing).c_str());
  }
};

HAVLO_TEST(TstDrawerIndex)
#include "tst_drawer_index.moc"
