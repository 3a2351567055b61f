// Parts of drawings against closed forms: frames and crosses whose areas are known, gaps that are closed or
// left, outlines that are open.
#include <QTest>
#include <cmath>

#include "core/region/stamp_regions.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Draws what it is told to, where the stamp's frame lies.
struct Lines : ArtSource {
  Rings ink;
  std::optional<Tile> draw(const Stamp&, const Placing& placing, const Grid& grid) const override {
    return softTile(grid, placing.toPanel(ink));
  }
};

Stamp square(double side) {
  Stamp s = slab("square", side, side);
  s.art = "drawn by the test";
  return s;
}

Ring bar(double left, double bottom, double right, double top) {
  return {{left, bottom}, {right, bottom}, {right, top}, {left, top}};
}

/// The outline of a square, 0.5 mm wide, just inside it.
Rings frame(double side) { return {bar(0, 0, side, side), bar(0.5, 0.5, side - 0.5, side - 0.5)}; }

}  // namespace

class TstStampRegions : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aCrossInAFrameMakesFourParts() {
    Lines art;
    // Even-odd: the two bars of the cross meet in a square that is given back as a fifth ring.
    art.ink = frame(20);
    art.ink.push_back(bar(7, 0.5, 7.5, 19.5));
    art.ink.push_back(bar(0.5, 12, 7, 12.5));
    art.ink.push_back(bar(7.5, 12, 19.5, 12.5));
    const StampRegions regions(square(20), &art);
    QCOMPARE(regions.all().size(), size_t{4});
    const double wanted[] = {12.0 * 11.5, 12.0 * 7, 6.5 * 11.5, 6.5 * 7};
    for (size_t k = 0; k < 4; ++k) {
      QVERIFY2(std::fabs(regions.all()[k].area_mm2 - wanted[k]) < 0.02 * wanted[k],
               qPrintable(QString::number(regions.all()[k].area_mm2)));
      QCOMPARE(regions.at(regions.all()[k].at), static_cast<int>(k));
      QCOMPARE(regions.all()[k].open_mm, 0.0);
    }
    QCOMPARE(regions.at({13, 6}), 0);
    QCOMPARE(regions.at({2, 18}), 3);
    QCOMPARE(regions.at({40, 40}), -1);
    // The deepest point of the largest is half its narrower side from every line.
    const double half = 11.5 / 2;
    QVERIFY(std::fabs(regions.inside_mm(regions.all()[0].at) - half) < 0.3);
  }

  void smallGapsAreClosedAndWideOnesAreNot_data() {
    QTest::addColumn<double>("gap");
    QTest::addColumn<int>("parts");
    QTest::newRow("0.3 mm") << 0.3 << 2;
    QTest::newRow("0.4 mm") << 0.4 << 2;
    QTest::newRow("1.2 mm") << 1.2 << 1;
    QTest::newRow("3 mm") << 3.0 << 1;
  }
  void smallGapsAreClosedAndWideOnesAreNot() {
    QFETCH(double, gap);
    QFETCH(int, parts);
    Lines art;
    art.ink = frame(20);
    art.ink.push_back(bar(9.75, 0.5, 10.25, 10 - gap / 2));
    art.ink.push_back(bar(9.75, 10 + gap / 2, 10.25, 19.5));
    const StampRegions regions(square(20), &art);
    QCOMPARE(static_cast<int>(regions.all().size()), parts);
  }

  void anOpenOutlineIsMeasured() {
    Lines art;
    // Three sides of the frame and half of the fourth.
    art.ink = {bar(0, 0, 0.5, 20), bar(0.5, 0, 20, 0.5), bar(0.5, 19.5, 20, 20), bar(19.5, 0.5, 20, 10)};
    const StampRegions regions(square(20), &art);
    QCOMPARE(regions.all().size(), size_t{1});
    QVERIFY2(std::fabs(regions.all()[0].open_mm - 9.5) < 0.4,
             qPrintable(QString::number(regions.all()[0].open_mm)));
  }

  void whatIsTooSmallStaysThePapers() {
    Lines art;
    art.ink = frame(20);
    art.ink.push_back(bar(4, 4, 5.5, 5.5)), art.ink.push_back(bar(4.4, 4.4, 5.1, 5.1));      // 0.49 mm²
    art.ink.push_back(bar(10, 10, 13, 13)), art.ink.push_back(bar(10.5, 10.5, 12.5, 12.5));  // 4 mm²
    const StampRegions regions(square(20), &art);
    QCOMPARE(regions.all().size(), size_t{2});
    QVERIFY(std::fabs(regions.all()[1].area_mm2 - 4) < 0.3);
    QCOMPARE(regions.colouredAt({4.75, 4.75}), -1);
  }

  void colourGoesUnderTheEdgeOfALineAndNotAcross() {
    Lines art;
    art.ink = frame(20);
    art.ink.push_back(bar(9, 0.5, 10.5, 19.5));  // a line of 1.5 mm
    const StampRegions regions(square(20), &art);
    QCOMPARE(regions.all().size(), size_t{2});
    const int left = regions.at({4, 10}), right = regions.at({15, 10});
    QVERIFY(left >= 0 && right >= 0 && left != right);
    QCOMPARE(regions.colouredAt({9.1, 10}), left);
    QCOMPARE(regions.colouredAt({10.4, 10}), right);
    QCOMPARE(regions.colouredAt({9.75, 10}), -1);
    QCOMPARE(regions.at({9.2, 10}), left);  // a click on the line means what is nearest
  }

  void namesBelongToTheirPart() {
    Lines art;
    art.ink = frame(20);
    art.ink.push_back(bar(9.75, 0.5, 10.25, 19.5));
    Stamp s = square(20);
    s.regions = {{"coat", "the coat", {3, 3}, {}}, {"away", "nowhere", {50, 50}, {}}};
    const StampRegions regions(s, &art);
    const int coat = regions.at({3, 3});
    QCOMPARE(regions.all()[ix(coat)].id, std::string("coat"));
    QCOMPARE(regions.chosen(NamedRegion{"coat"}), std::vector<int>{coat});
    QVERIFY(regions.chosen(NamedRegion{"away"}).empty());
    QCOMPARE(regions.chosen(AllRegions{}).size(), size_t{2});
    QCOMPARE(regions.chosen(RestOfRegions{}, {NamedRegion{"coat"}}), std::vector<int>{1 - coat});
    QCOMPARE(regions.chosen(Point{15, 3}), std::vector<int>{1 - coat});
  }

  void manyThousandPartsAreBounded() {
    Lines art;
    for (int k = 0; k <= 100; ++k) {
      art.ink.push_back(bar(k * 1.6 - 0.1, 0, k * 1.6 + 0.1, 160));
    }
    // Cross lines that do not overlap the others: one bar between each pair.
    for (int row = 0; row <= 100; ++row)
      for (int k = 0; k < 100; ++k)
        art.ink.push_back(bar(k * 1.6 + 0.1, row * 1.6 - 0.1, (k + 1) * 1.6 - 0.1, row * 1.6 + 0.1));
    const StampRegions regions(square(160), &art);
    QVERIFY(regions.all().size() <= kMostRegions);
    QCOMPARE(regions.all().size() + regions.leftOut(), size_t{10000});
  }

  void anEmptyDrawingIsOnePartAndASolidOneNone() {
    Lines art;
    QCOMPARE(StampRegions(square(20), &art).all().size(), size_t{1});
    art.ink = {bar(0, 0, 20, 20)};
    QVERIFY(StampRegions(square(20), &art).all().empty());
    Stamp plain = slab("plain", 20, 20);  // prints a line inside its silhouette
    plain.solid = false;
    QCOMPARE(StampRegions(plain, nullptr).all().size(), size_t{1});
  }
};

HAVLO_TEST(TstStampRegions)
#include "tst_stamp_regions.moc"
