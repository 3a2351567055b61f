// Crowds: sizes against the pinhole by similar triangles, neighbours against all ways of drawing them.
#include <QTest>
#include <set>

#include "core/viewpoint/crowd.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

StampRef person(const std::string& id, double height_mm, double real_m, double slack = 0.1,
                double width_mm = 0) {
  Stamp s = slab(id, width_mm > 0 ? width_mm : height_mm / 3, height_mm);
  s.name = id;
  s.role = Role::Figure;
  s.realHeight = RealHeight{real_m, real_m * (1 - slack), real_m * (1 + slack), {}};
  return std::make_shared<const Stamp>(s);
}

/// Does the thing's height, by the eye level that crosses it, lie in its range? The horizon stands at eye
/// height on everything that stands on flat ground (Alberti 1435, from memory).
bool sizeIsRight(const View& view, const Stamp& stamp, double foot_mm) {
  const double real = view.eyeHeight_m * stamp.height_mm / (view.horizon_mm - foot_mm);
  return real >= stamp.realHeight->least_m - 1e-6 && real <= stamp.realHeight->most_m + 1e-6;
}

/// Can the places be filled without two alike side by side? By trying all ways.
bool canDiffer(const CrowdWish& wish, const CrowdPlan& crowd, std::vector<int>& drawn, const View& view) {
  const size_t k = drawn.size();
  if (k == crowd.places.size()) return true;
  for (size_t s = 0; s < wish.stamps.size(); ++s) {
    if (!sizeIsRight(view, *wish.stamps[s], crowd.lines_mm[ix(crowd.places[k].row)])) continue;
    bool free = true;
    for (size_t j = 0; j < k && free; ++j)
      free = drawn[j] != static_cast<int>(s) ||
             !areNeighbours(wish, crowd, static_cast<int>(j), static_cast<int>(k));
    if (!free) continue;
    drawn.push_back(static_cast<int>(s));
    if (canDiffer(wish, crowd, drawn, view)) return true;
    drawn.pop_back();
  }
  return false;
}

CrowdPlan planned(const Plan& plan, const CrowdWish& wish) {
  const auto crowd = planCrowd(*plan.view, plan.card.panel, wish);
  if (!crowd) qFatal("%s", crowd.error().message.c_str());
  return crowd.value();
}

}  // namespace

class TstCrowd : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void everyoneStandsWhereTheirSizeIsRight() {
    const Plan p = emptyPlan();
    CrowdWish wish;
    wish.stamps = {person("tall", 60, 1.8), person("short", 52, 1.6), person("child", 34, 1.1),
                   person("far", 30, 1.7)};
    for (wish.rows = 1; wish.rows <= 4; ++wish.rows)
      for (wish.seed = 1; wish.seed <= 25; ++wish.seed) {
        wish.count = 5 + static_cast<int>(wish.seed);
        const CrowdPlan crowd = planned(p, wish);
        QCOMPARE(crowd.places.size(), static_cast<size_t>(wish.count));
        QCOMPARE(crowd.unfit, 0);
        for (const CrowdPlace& place : crowd.places) {
          const Stamp& s = *wish.stamps[ix(place.stamp)];
          QVERIFY(place.fits);
          QVERIFY2(sizeIsRight(*p.view, s, place.at.y), s.id.c_str());
          QVERIFY(place.at.x - s.foot.x >= -1e-9);
          QVERIFY(place.at.x + s.width_mm - s.foot.x <= p.card.panel.width_mm + 1e-9);
          QVERIFY(place.at.y >= 0 && place.at.y < p.view->horizon_mm);
        }
        for (size_t k = 1; k < crowd.lines_mm.size(); ++k)
          QVERIFY(crowd.lines_mm[k] >= crowd.lines_mm[k - 1]);
      }
  }

  void noneIsLikeItsNeighbourWhereThatCanBe() {
    const Plan p = emptyPlan();
    int could = 0, alikeThough = 0, tried = 0;
    for (uint64_t seed = 1; seed <= 120; ++seed) {
      CrowdWish wish;
      wish.seed = seed;
      wish.count = 4 + static_cast<int>(seed % 7);
      wish.rows = 1 + static_cast<int>(seed % 3);
      const int kinds = 2 + static_cast<int>(seed % 3);
      for (int k = 0; k < kinds; ++k)
        wish.stamps.push_back(person("p" + std::to_string(k), 50 + k, 1.6 + 0.03 * k, 0.12, 24));
      const CrowdPlan crowd = planned(p, wish);
      ++tried;
      // What it says of itself is counted anew.
      int alike = 0;
      for (size_t a = 0; a < crowd.places.size(); ++a)
        for (size_t b = a + 1; b < crowd.places.size(); ++b)
          alike += crowd.places[a].stamp == crowd.places[b].stamp &&
                   areNeighbours(wish, crowd, static_cast<int>(a), static_cast<int>(b));
      QCOMPARE(crowd.alike, alike);
      std::vector<int> drawn;
      const bool can = canDiffer(wish, crowd, drawn, *p.view);
      could += can;
      alikeThough += can && alike > 0;
    }
    QVERIFY2(could > tried / 2, qPrintable(QString::number(could)));
    QCOMPARE(alikeThough, 0);
  }

  // Where a row bears some of the stamps only, the first draw runs into itself and must be mended.
  void aDrawThatRanIntoItselfIsMended() {
    const Plan p = emptyPlan();
    int could = 0, alikeThough = 0;
    for (uint64_t seed = 1; seed <= 150; ++seed) {
      CrowdWish wish;
      wish.seed = seed;
      wish.count = 5 + static_cast<int>(seed % 5);
      wish.rows = 2 + static_cast<int>(seed % 2);
      for (int k = 0; k < 3; ++k)
        wish.stamps.push_back(
            person("p" + std::to_string(k), 40 + 8 * k, 1.6, 0.1 + 0.02 * double(seed % 6), 44));
      const CrowdPlan crowd = planned(p, wish);
      std::vector<int> drawn;
      const bool can = canDiffer(wish, crowd, drawn, *p.view);
      could += can;
      alikeThough += can && crowd.alike > 0;
    }
    QVERIFY2(could > 20, qPrintable(QString::number(could)));
    QVERIFY2(alikeThough <= could / 50, qPrintable(QStringLiteral("%1 of %2").arg(alikeThough).arg(could)));
  }

  void aSeedGivesTheSameCrowdAndAnotherAnother() {
    const Plan p = emptyPlan();
    CrowdWish wish;
    wish.stamps = {person("a", 50, 1.6), person("b", 52, 1.7), person("c", 54, 1.75)};
    const auto stamps = [&](uint64_t seed) {
      wish.seed = seed;
      std::vector<std::pair<int, double>> out;
      for (const CrowdPlace& place : planned(p, wish).places) out.emplace_back(place.stamp, place.at.x);
      return out;
    };
    QVERIFY(stamps(7) == stamps(7));
    QVERIFY(stamps(7) != stamps(8));
  }

  void allOfThemAreUsedAboutEquallyOften() {
    const Plan p = emptyPlan();
    CrowdWish wish;
    wish.count = 30, wish.rows = 3;
    for (int k = 0; k < 5; ++k) wish.stamps.push_back(person("p" + std::to_string(k), 50, 1.6, 0.1, 12));
    std::vector<int> used(5, 0);
    for (const CrowdPlace& place : planned(p, wish).places) ++used[ix(place.stamp)];
    for (const int n : used) QVERIFY2(n >= 4 && n <= 8, qPrintable(QString::number(n)));
  }

  // One stamp is always like itself; a stamp that is too tall everywhere is said to be.
  void whatCannotBeIsSaid() {
    Plan p = emptyPlan();
    CrowdWish wish;
    wish.count = 6, wish.rows = 1;
    wish.stamps = {person("only", 50, 1.6)};
    QCOMPARE(planned(p, wish).alike, 5);
    // Eyes at 5 m: a person of 50 mm would stand 156 mm under the horizon, which lies at 96.
    p.view->eyeHeight_m = 5;
    const CrowdPlan unfit = planned(p, wish);
    QCOMPARE(unfit.unfit, 6);
    for (const CrowdPlace& place : unfit.places) QVERIFY(place.ratio > 1 && place.at.y >= 0);
    wish.stamps = {};
    QVERIFY(!planCrowd(*p.view, p.card.panel, wish));
    Stamp nameless = slab("x", 10, 20);
    wish.stamps = {std::make_shared<const Stamp>(nameless)};
    QVERIFY(!planCrowd(*p.view, p.card.panel, wish));
    wish.stamps = {person("a", 50, 1.6)};
    p.view->horizon_mm = 0;
    QVERIFY(!planCrowd(*p.view, p.card.panel, wish));
  }

  void absurdWishesAreBounded() {
    const Plan p = emptyPlan();
    CrowdWish wish;
    wish.stamps = {person("a", 50, 1.6), person("b", 51, 1.6)};
    wish.count = 1 << 30, wish.rows = 1 << 20;
    QCOMPARE(planned(p, wish).places.size(), static_cast<size_t>(kMostInCrowd));
    wish.count = -4, wish.rows = 0;
    QCOMPARE(planned(p, wish).places.size(), size_t{1});
  }
};

HAVLO_TEST(TstCrowd)
#include "tst_crowd.moc"
