// A sheet under uneven light of a known shape: what is read as the light of its bare paper.
#include <QTest>
#include <cmath>

#include "core/trace/sheet.h"
#include "tests/support/program.h"

using namespace havlo;

class TstSheet : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // Of third degree, different along and across, so that no two terms can stand for each other; some of it is
  // covered by ink.
  void theLightOfThePaperIsFound() {
    Scan scan;
    scan.width = 420, scan.height = 300, scan.pxPerMm = 6;
    const auto light = [&](double x, double y) {
      const double u = 2 * x / scan.width - 1, v = 2 * y / scan.height - 1;
      return 190 + 9 * u - 14 * v - 10 * u * u + 6 * u * v - 18 * v * v + 5 * u * u * u - 7 * u * u * v +
             8 * u * v * v + 11 * v * v * v;
    };
    for (int y = 0; y < scan.height; ++y)
      for (int x = 0; x < scan.width; ++x) {
        const bool ink = x > 150 && x < 240 && y > 90 && y < 200;
        scan.grey.push_back(static_cast<uint8_t>(std::lround((ink ? 0.15 : 1) * light(x + 0.5, y + 0.5))));
      }
    const auto sheet = readSheet(scan);
    QVERIFY2(bool(sheet), sheet ? "" : sheet.error().text().c_str());
    for (double y = 5; y < scan.height; y += 29)
      for (double x = 5; x < scan.width; x += 41)
        QVERIFY2(std::fabs(sheet.value().light.at(x, y) - light(x, y)) < 1.5,
                 qPrintable(QStringLiteral("%1 for %2 at %3, %4")
                                .arg(sheet.value().light.at(x, y))
                                .arg(light(x, y))
                                .arg(x)
                                .arg(y)));
    QCOMPARE(sheet.value().impressions.size(), size_t{1});
  }
};

HAVLO_TEST(TstSheet)
#include "tst_sheet.moc"
