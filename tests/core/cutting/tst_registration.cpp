// Finding a sheet by its marks, against least squares by Eigen and sheets that lie as they must not.

#include "core/cutting/registration.h"
#include "tests/support/least_squares.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct SheetLie {
  double turn_deg = 0, across = 1, up = 1;
  Point by;
  Point operator()(Point p) const {
    const double a = turn_deg * 3.14159265358979323846 / 180;
    p = {p.x * across, p.y * up};
    return Point{std::cos(a) * p.x - std::sin(a) * p.y, std::sin(a) * p.x + std::cos(a) * p.y} + by;
  }
};

std::vector<Point> marksAsSeen(const std::vector<Point>& marks, const SheetLie& lie) {
  std::vector<Point> out;
  for (Point p : marks) out.push_back(lie(p));
  return out;
}

}  // namespace

class TstRegistration : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void sheetsThatLieAnyhowAreFound() {
    std::mt19937 random(5);
    std::uniform_real_distribution<double> shift(-6, 6), turn(-3, 3), stretch(0.99, 1.01), noise(-0.05, 0.05);
    for (int k = 0; k < 300; ++k) {
      const auto marks = registrationMarks(k % 2 == 0 ? 210 : 150, k % 3 == 0 ? 297 : 120);
      const SheetLie lie{turn(random), stretch(random), stretch(random), {shift(random), shift(random)}};
      std::vector<Point> seen = marksAsSeen(marks, lie);
      for (Point& p : seen) p = p + Point{noise(random), noise(random)};
      std::shuffle(seen.begin(), seen.end(), random);
      const auto fit = fitSheet(marks, seen);
      QVERIFY(fit);
      QVERIFY(!fit.value().wrongWay);
      QVERIFY(fit.value().off_mm < 0.12);
      for (Point p : {Point{20, 20}, {100, 60}, {140, 100}}) QVERIFY(distance(fit.value()(p), lie(p)) < 0.12);
    }
  }

  void isLeastSquares() {
    const auto marks = registrationMarks(210, 297);
    std::vector<Point> seen = marksAsSeen(marks, {1.3, 1, 1, {2, -1}});
    const Point errors[] = {{0.2, -0.1}, {-0.15, 0.05}, {0.1, 0.2}, {-0.05, -0.2}};
    for (size_t k = 0; k < seen.size(); ++k) seen[k] = seen[k] + errors[k];
    std::vector<testing::Equation> equations;
    for (size_t k = 0; k < marks.size(); ++k) {
      equations.push_back({{marks[k].x, marks[k].y, 0, 0, 1, 0}, seen[k].x});
      equations.push_back({{0, 0, marks[k].x, marks[k].y, 0, 1}, seen[k].y});
    }
    const std::vector<double> x = testing::leastSquares(equations);
    const auto fit = fitSheet(marks, seen);
    QVERIFY(fit);
    for (Point p : {Point{0, 0}, {210, 0}, {30, 250}})
      QVERIFY(distance(fit.value()(p), {x[0] * p.x + x[1] * p.y + x[4], x[2] * p.x + x[3] * p.y + x[5]}) <
              1e-6);
  }

  void wrongWayRoundIsTold() {
    const auto marks = registrationMarks(210, 297);
    const SheetLie upsideDown{180, 1, 1, {212, 295}};
    const auto fit = fitSheet(marks, marksAsSeen(marks, upsideDown));
    QVERIFY(fit);
    QVERIFY(fit.value().wrongWay);
    QVERIFY(distance(fit.value()({50, 60}), upsideDown({50, 60})) < 0.01);
  }

  void aSpotThatIsNoMarkIsPassedOver() {
    const auto marks = registrationMarks(210, 297);
    std::vector<Point> seen = marksAsSeen(marks, {0.5, 1, 1, {1, 1}});
    seen.push_back({105, 150});
    const auto fit = fitSheet(marks, seen);
    QVERIFY(fit);
    QVERIFY(fit.value().off_mm < 0.01);
  }

  void refusesWhatIsNotThisSheet() {
    const auto marks = registrationMarks(210, 297);
    QVERIFY(!fitSheet(marks, std::vector<Point>{marks[0], marks[1]}));
    // Seen from behind: no way to lay it explains that.
    std::vector<Point> mirrored;
    for (Point p : marks) mirrored.push_back({210 - p.x, p.y});
    QVERIFY(!fitSheet(marks, mirrored));
    // Of another sheet.
    QVERIFY(!fitSheet(marks, registrationMarks(210, 280)));
    QVERIFY(fitSheet(marks, std::vector<Point>(marks.begin(), marks.begin() + 3)));
    // A mark that is seen 8 mm astray: something else was taken for it.
    std::vector<Point> astray = marks;
    astray[3] = astray[3] + Point{8, 0};
    QVERIFY(!fitSheet(marks, astray));
  }

  void onASmallSheetAMarkIsNotTakenForItsNeighbour() {
    const auto marks = registrationMarks(56, 40);
    QCOMPARE(marks.size(), 4u);
    for (size_t gone = 0; gone < 4; ++gone) {
      std::vector<Point> seen = marksAsSeen(marks, {0.4, 1, 1, {0.5, -0.3}});
      seen.erase(seen.begin() + static_cast<long>(gone));
      const auto fit = fitSheet(marks, seen);
      QVERIFY(fit);
      QVERIFY(fit.value().off_mm < 0.01);
    }
  }

  void marksAreKnownByTheirShape() {
    CutSheet sheet;
    sheet.marks = registrationLines(150, 100);
    sheet.marks.push_back({"hare#1.foot", {{40, 40}, {40, 43}}, false});
    Ring larger;
    for (int k = 0; k <= 48; ++k)
      larger.push_back({60 + 3 * std::cos(k * 3.14159265358979323846 / 24),
                        60 + 3 * std::sin(k * 3.14159265358979323846 / 24)});
    sheet.marks.push_back({"ring", larger, true});
    const auto marks = marksOn(sheet);
    QCOMPARE(marks.size(), 4u);
    for (size_t k = 0; k < 4; ++k) QVERIFY(distance(marks[k], registrationMarks(150, 100)[k]) < 0.01);
    QVERIFY(registrationMarks(40, 40).empty());
  }
};

HAVLO_TEST(TstRegistration)
#include "tst_registration.moc"
