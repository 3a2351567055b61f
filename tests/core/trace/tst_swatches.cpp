// Colour strips drawn here with known colours, on tinted paper in tinted light, with a scanner's noise: what
// is found is compared with what was put on, by CIEDE2000 (checked elsewhere against its published pairs).
#include <QTest>
#include <random>

#include "core/colour/colour.h"
#include "core/trace/swatches.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

struct Strip {
  ColourScan scan;
  LinearRgb paper{1, 1, 1};

  Strip(int width, int height, LinearRgb tint = {1, 1, 1}) : paper(tint) {
    scan.width = width, scan.height = height;
    scan.rgb.assign(3 * ix(width) * ix(height), 0);
    patch(0, 0, width, height, {255, 255, 255});
  }
  void patch(int x0, int y0, int w, int h, Colour ink) {
    const LinearRgb c = linearOf(ink);
    for (int y = y0; y < y0 + h; ++y)
      for (int x = x0; x < x0 + w; ++x)
        for (size_t k = 0; k < 3; ++k)
          scan.rgb[3 * (ix(y) * ix(scan.width) + ix(x)) + k] =
              static_cast<uint8_t>(std::lround(255 * channelOf(c[k] * paper[k])));
  }
  void noise(int by) {
    std::mt19937 random(7);
    for (uint8_t& v : scan.rgb)
      v = static_cast<uint8_t>(
          std::clamp<int>(v + static_cast<int>(random() % unsigned(2 * by + 1)) - by, 0, 255));
  }
};

const std::vector<Colour> kInks{{0xa0, 0x2c, 0x34}, {0x4d, 0x7a, 0x3c}, {0x6f, 0x86, 0xb4},
                                {0xf0, 0xd8, 0x60}, {0x20, 0x22, 0x26}, {0xe8, 0xc4, 0xb0}};

}  // namespace

class TstSwatches : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void everyPatchIsFoundInItsColour_data() {
    QTest::addColumn<double>("red");
    QTest::addColumn<double>("blue");
    QTest::addColumn<int>("noise");
    QTest::newRow("white paper") << 1.0 << 1.0 << 0;
    QTest::newRow("cream paper") << 1.0 << 0.8 << 0;
    QTest::newRow("dim, warm light and noise") << 0.75 << 0.55 << 6;
  }
  void everyPatchIsFoundInItsColour() {
    QFETCH(double, red);
    QFETCH(double, blue);
    QFETCH(int, noise);
    Strip strip(620, 420, {float(red), float(0.5 * (red + blue)), float(blue)});
    for (size_t k = 0; k < kInks.size(); ++k)
      strip.patch(30 + 190 * static_cast<int>(k % 3), 40 + 190 * static_cast<int>(k / 3), 140, 130, kInks[k]);
    strip.noise(noise);
    const auto found = findSwatches(strip.scan);
    QVERIFY(found);
    QCOMPARE(found.value().size(), kInks.size());
    for (size_t k = 0; k < kInks.size(); ++k) {
      const Swatch& s = found.value()[k];
      const double off = ciede2000(labOf(s.colour), labOf(kInks[k]));
      QVERIFY2(off < 2, qPrintable(QStringLiteral("%1: %2").arg(k).arg(off)));
      QVERIFY(std::fabs(s.box.left - (30 + 190 * static_cast<int>(k % 3))) < 8);
      QVERIFY(std::fabs(s.box.bottom - (40 + 190 * static_cast<int>(k / 3))) < 8);
    }
  }

  void patchesThatTouchAreToldApart() {
    Strip strip(600, 200);
    for (int k = 0; k < 5; ++k) strip.patch(50 + 100 * k, 50, 100, 100, kInks[ix(k)]);
    const auto found = findSwatches(strip.scan);
    QVERIFY(found);
    QCOMPARE(found.value().size(), size_t{5});
    for (size_t k = 0; k < 5; ++k) QVERIFY(ciede2000(labOf(found.value()[k].colour), labOf(kInks[k])) < 2);
  }

  void linesAndSpecksAreNoPatches() {
    Strip strip(500, 300);
    for (int k = 0; k < 20; ++k) strip.patch(20 + 20 * k, 20, 2, 200, {0, 0, 0});
    strip.patch(440, 250, 5, 5, kInks[0]);
    const auto none = findSwatches(strip.scan);
    QVERIFY(!none);
    QCOMPARE(none.error().code, ErrorCode::BadInput);
    strip.patch(100, 230, 80, 50, kInks[1]);
    QCOMPARE(findSwatches(strip.scan).value().size(), size_t{1});
  }

  void whatCannotBeReadIsSaid() {
    Strip dark(300, 300, {0.02f, 0.02f, 0.02f});
    QVERIFY(!findSwatches(dark.scan));
    QVERIFY(!findSwatches({}));
    ColourScan torn{100, 100, std::vector<uint8_t>(50)};
    QVERIFY(!findSwatches(torn));
    Strip one(300, 300);
    one.patch(50, 50, 100, 100, kInks[0]);
    std::stop_source stop;
    stop.request_stop();
    Progress progress;
    progress.stop = stop.get_token();
    const auto stopped = findSwatches(one.scan, progress);
    QVERIFY(!stopped);
    QCOMPARE(stopped.error().code, ErrorCode::Stopped);
  }
};

HAVLO_TEST(TstSwatches)
#include "tst_swatches.moc"
