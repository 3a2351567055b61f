// Art of stamps: drawn where its frame lies, as dark as it is, and nothing from strangers that reaches
// outside.
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include "core/chain/chain.h"
#include "io/art/picture.h"
#include "io/art/plain_svg.h"
#include "io/art/svg_art.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstSvgArt : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void strangersDrawings_data() {
    QTest::addColumn<QByteArray>("svg");
    QTest::addColumn<bool>("plain");
    QTest::newRow("a path") << QByteArray(
                                   "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0L1 1Z'/></svg>")
                            << true;
    QTest::newRow("a link inside")
        << QByteArray("<svg xmlns:x='http://www.w3.org/1999/xlink'><use x:href='#a'/></svg>") << true;
    QTest::newRow("a gradient inside") << QByteArray("<svg><rect fill='url(#g)'/></svg>") << true;
    QTest::newRow("a script") << QByteArray("<svg><script>1</script></svg>") << false;
    QTest::newRow("a picture") << QByteArray("<svg><image href='file:///etc/passwd'/></svg>") << false;
    QTest::newRow("a link outside") << QByteArray("<svg xmlns:x='y'><use x:href='other.svg#a'/></svg>")
                                    << false;
    QTest::newRow("a fill from outside")
        << QByteArray("<svg><rect fill='url(http://x/y#g)'/></svg>") << false;
    QTest::newRow("entities") << QByteArray("<!DOCTYPE svg [<!ENTITY a 'b'>]><svg>&a;</svg>") << false;
    QTest::newRow("cut short") << QByteArray("<svg><path d='M0 0'") << false;
    QTest::newRow("not SVG") << QByteArray("hello") << false;
    QTest::newRow("nothing") << QByteArray() << false;
  }
  void strangersDrawings() {
    QFETCH(QByteArray, svg);
    QFETCH(bool, plain);
    QCOMPARE(bool(plainSvg(svg)), plain);
  }

  void artLandsWhereTheFrameLies_data() {
    QTest::addColumn<double>("turn");
    for (double t : {0.0, 30.0, 90.0, -135.0}) QTest::newRow(qPrintable(QString::number(t))) << t;
  }
  void artLandsWhereTheFrameLies() {
    QFETCH(double, turn);
    Stamp s = slab("s", 20, 40);
    // A black square, 4 mm, in the stamp's upper right corner: x 16..20, y 36..40.
    s.art =
        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 20 40'><rect x='16' y='0' width='4' height='4' "
        "fill='#000'/></svg>";
    Impression i;
    i.at = {60, 60};
    i.turn_deg = turn;
    const Placing placing = placingOf(i, s);
    const Grid grid({0, 0, 120, 120}, 254);
    const auto tile = SvgArt().draw(s, placing, grid);
    QVERIFY(tile.has_value());
    double sum = 0, x = 0, y = 0;
    for (int py = tile->y; py < tile->y + tile->height; ++py)
      for (int px = tile->x; px < tile->x + tile->width; ++px) {
        const double c = tile->at(px, py) / 255.0;
        sum += c;
        x += c * grid.centre(px, py).x;
        y += c * grid.centre(px, py).y;
      }
    QVERIFY(std::abs(sum * grid.pixelArea_mm2() - 16) < 0.05);
    const Point middle = placing.toPanel(Point{18, 38});
    QVERIFY(std::abs(x / sum - middle.x) < 0.02 && std::abs(y / sum - middle.y) < 0.02);
  }

  void paleArtIsPaleAndWhiteIsNone() {
    Stamp s = slab("s", 10, 10);
    const auto cover = [&](const char* fill) {
      s.art = std::string(
                  "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 10 10'><rect width='10' height='10' "
                  "fill='") +
              fill + "'/></svg>";
      return SvgArt().draw(s, Placing({5, 0}, {20, 20}, Degrees{0}), Grid({0, 0, 40, 40}, 100))->at(79, 60);
    };
    QCOMPARE(int(cover("#000000")), 255);
    QCOMPARE(int(cover("#ffffff")), 0);
    QVERIFY(std::abs(int(cover("#808080")) - 127) < 3);
  }

  void artThatCannotBeDrawnFallsBackToTheSilhouette() {
    Plan p = emptyPlan();
    Stamp s = slab("s", 30, 30);
    s.art = "<svg><script/></svg>";
    addStamp(p, s);
    put(p, "a", "s", {60, 60}, 1);
    const SvgArt art;
    QVERIFY(!art.draw(s, Placing(), Grid({0, 0, 40, 40}, 50)));
    const QImage card = intendedPicture(p, *analyse(p), art, 50);
    QVERIFY(qGray(card.pixel(qRound(60 / 25.4 * 50), qRound((178 - 75) / 25.4 * 50))) < 80);
  }

  // The demo hare at 300 dpi against librsvg: the two renderers must agree but for the blending of edges.
  void theHareAgreesWithLibrsvg() {
    const Plan demoPlan = demo("canal-towpath");
    const Stamp& hare = *demoPlan.stamp("hare");
    QTemporaryDir folder;
    const QString svg = folder.filePath(QStringLiteral("hare.svg")),
                  png = folder.filePath(QStringLiteral("hare.png"));
    QFile f(svg);
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.write(QByteArray::fromStdString(hare.art));
    f.close();
    const Grid grid({0, 0, hare.width_mm, hare.height_mm}, 300);
    QProcess p;
    p.start(QStringLiteral("rsvg-convert"),
            {QStringLiteral("-w"), QString::number(grid.width), QStringLiteral("-h"),
             QString::number(grid.height), QStringLiteral("-b"), QStringLiteral("white"), svg,
             QStringLiteral("-o"), png});
    QVERIFY(p.waitForFinished() && p.exitCode() == 0);
    const QImage theirs = QImage(png).convertToFormat(QImage::Format_Grayscale8);
    const auto ours = SvgArt().draw(hare, Placing({0, 0}, {0, 0}, Degrees{0}), grid);
    QCOMPARE(theirs.size(), QSize(grid.width, grid.height));
    double difference = 0, ink = 0;
    for (int y = 0; y < grid.height; ++y)
      for (int x = 0; x < grid.width; ++x) {
        const int t = 255 - theirs.constScanLine(y)[x];
        difference += std::abs(t - ours->at(x, y));
        ink += t;
      }
    QVERIFY(ink > 0);
    QVERIFY2(difference / ink < 0.06, qPrintable(QString::number(difference / ink)));
  }
};

HAVLO_TEST(TstSvgArt)
#include "tst_svg_art.moc"
