// Drawings that were written with decimal commas: mended to the letter, all else left alone.
#include <QTest>

#include "core/plan/mend_art.h"
#include "tests/support/program.h"

using namespace havlo;

class TstMendArt : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void everyCommaNumberGetsItsPoint() {
    std::string art =
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"20,50mm\" height=\"10,00mm\" viewBox=\"0 0 20,50 "
        "10,00\"><path d=\"M0,50,1,25L-3,00,14,10z\"/></svg>";
    QVERIFY(mendDecimalCommas(art));
    QCOMPARE(art,
             std::string("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"20.50mm\" height=\"10.00mm\" "
                         "viewBox=\"0 0 20.50 10.00\"><path d=\"M0.50,1.25L-3.00,14.10z\"/></svg>"));
    QVERIFY(!mendDecimalCommas(art));  // it is sound now
  }

  void whatIsNotOursIsLeftAlone() {
    for (const char* other : {"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"20mm\" height=\"10mm\"/>",
                              "", "<svg width=\"20,50mm\"/>",
                              "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"20,50mm\" height=\"1,00mm\" "
                              "viewBox=\"0 0 20,50 1,00\"><path d=\"M1,2 3,4\"/></svg>"}) {
      std::string art = other;
      QVERIFY(!mendDecimalCommas(art));
      QCOMPARE(art, std::string(other));
    }
  }
};

HAVLO_TEST(TstMendArt)
#include "tst_mend_art.moc"
