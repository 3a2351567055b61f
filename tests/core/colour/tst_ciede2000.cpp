// Checked against the 34 pairs of Sharma, Wu & Dalal, "The CIEDE2000 color-difference formula: implementation
// notes, supplementary test data, and mathematical observations" (2005), Table 1; against lcms2 for Lab; and
// against WCAG 2.
#include <lcms2.h>

#include <QTest>
#include <cmath>
#include <string_view>

#include "core/colour/colour.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

struct Pair {
  Lab one, other;
  double difference;
};

constexpr Pair kPairs[] = {
    {{50, 2.6772, -79.7751}, {50, 0, -82.7485}, 2.0425},
    {{50, 3.1571, -77.2803}, {50, 0, -82.7485}, 2.8615},
    {{50, 2.8361, -74.0200}, {50, 0, -82.7485}, 3.4412},
    {{50, -1.3802, -84.2814}, {50, 0, -82.7485}, 1.0000},
    {{50, -1.1848, -84.8006}, {50, 0, -82.7485}, 1.0000},
    {{50, -0.9009, -85.5211}, {50, 0, -82.7485}, 1.0000},
    {{50, 0, 0}, {50, -1, 2}, 2.3669},
    {{50, -1, 2}, {50, 0, 0}, 2.3669},
    {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0009}, 7.1792},
    {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0010}, 7.1792},
    {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0011}, 7.2195},
    {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0012}, 7.2195},
    {{50, -0.0010, 2.4900}, {50, 0.0009, -2.4900}, 4.8045},
    {{50, -0.0010, 2.4900}, {50, 0.0010, -2.4900}, 4.8045},
    {{50, -0.0010, 2.4900}, {50, 0.0011, -2.4900}, 4.7461},
    {{50, 2.5, 0}, {50, 0, -2.5}, 4.3065},
    {{50, 2.5, 0}, {73, 25, -18}, 27.1492},
    {{50, 2.5, 0}, {61, -5, 29}, 22.8977},
    {{50, 2.5, 0}, {56, -27, -3}, 31.9030},
    {{50, 2.5, 0}, {58, 24, 15}, 19.4535},
    {{50, 2.5, 0}, {50, 3.1736, 0.5854}, 1.0000},
    {{50, 2.5, 0}, {50, 3.2972, 0}, 1.0000},
    {{50, 2.5, 0}, {50, 1.8634, 0.5757}, 1.0000},
    {{50, 2.5, 0}, {50, 3.2592, 0.3350}, 1.0000},
    {{60.2574, -34.0099, 36.2677}, {60.4626, -34.1751, 39.4387}, 1.2644},
    {{63.0109, -31.0961, -5.8663}, {62.8187, -29.7946, -4.0864}, 1.2630},
    {{61.2901, 3.7196, -5.3901}, {61.4292, 2.2480, -4.9620}, 1.8731},
    {{35.0831, -44.1164, 3.7933}, {35.0232, -40.0716, 1.5901}, 1.8645},
    {{22.7233, 20.0904, -46.6940}, {23.0331, 14.9730, -42.5619}, 2.0373},
    {{36.4612, 47.8580, 18.3852}, {36.2715, 50.5065, 21.2231}, 1.4146},
    {{90.8027, -2.0831, 1.4410}, {91.1528, -1.6435, 0.0447}, 1.4441},
    {{90.9257, -0.5406, -0.9208}, {88.6381, -0.8985, -0.7239}, 1.5381},
    {{6.7747, -0.2908, -2.4247}, {5.8714, -0.0985, -2.2286}, 0.6377},
    {{2.0776, 0.0795, -1.1350}, {0.9033, -0.0636, -0.5514}, 0.9082},
};

}  // namespace

class TstCiede2000 : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void thePublishedPairs() {
    QCOMPARE(std::size(kPairs), size_t{34});
    for (const Pair& p : kPairs) {
      const double there = ciede2000(p.one, p.other), back = ciede2000(p.other, p.one);
      QVERIFY2(std::fabs(there - p.difference) < 0.00006,
               qPrintable(QStringLiteral("%1 for %2").arg(there).arg(p.difference)));
      QVERIFY(std::fabs(there - back) < 1e-9);
    }
  }

  void labAgreesWithLcms() {
    // lcms2 knows sRGB relative to D50; it is taken back to D65 by its own adaptation before it makes Lab of
    // it.
    cmsHPROFILE rgb = cmsCreate_sRGBProfile(), xyz = cmsCreateXYZProfile();
    cmsHTRANSFORM t = cmsCreateTransform(rgb, TYPE_RGB_DBL, xyz, TYPE_XYZ_DBL, INTENT_RELATIVE_COLORIMETRIC,
                                         cmsFLAGS_NOOPTIMIZE);
    QVERIFY(t);
    const cmsCIEXYZ d65{0.95047, 1, 1.08883};
    double worst = 0;
    for (int r = 0; r <= 255; r += 51)
      for (int g = 0; g <= 255; g += 51)
        for (int b = 0; b <= 255; b += 51) {
          const double in[3] = {r / 255.0, g / 255.0, b / 255.0};
          cmsCIEXYZ from, at65;
          cmsDoTransform(t, in, &from, 1);
          QVERIFY(cmsAdaptToIlluminant(&at65, cmsD50_XYZ(), &d65, &from));
          cmsCIELab theirs;
          cmsXYZ2Lab(&d65, &theirs, &at65);
          const auto byte = [](int v) { return static_cast<unsigned char>(v); };
          const Lab ours = labOf(Colour{byte(r), byte(g), byte(b)});
          worst = std::max({worst, std::fabs(ours.L - theirs.L), std::fabs(ours.a - theirs.a),
                            std::fabs(ours.b - theirs.b)});
        }
    cmsDeleteTransform(t);
    cmsCloseProfile(rgb), cmsCloseProfile(xyz);
    QVERIFY2(worst < 0.35, qPrintable(QString::number(worst)));
  }

  void polarAndBack() {
    for (const Pair& p : kPairs) {
      const Lab back = labOf(lchOf(p.one));
      QVERIFY(differenceOf(back, p.one) < 1e-9);
    }
  }

  /// WCAG 2.1, relative luminance and contrast ratio: black on white is 21; #767676 is the lightest grey that
  /// passes 4.5 on white and #777777 does not (widely cited, from memory).
  void contrastAsInWcag() {
    const auto ratio = [](Colour a, Colour b) {
      const auto luminance = [](Colour c) {
        const auto channel = [](unsigned char v) { return static_cast<float>(linearOf(v / 255.0)); };
        return luminanceOf(LinearRgb{channel(c.red), channel(c.green), channel(c.blue)});
      };
      return contrastRatio(luminance(a), luminance(b));
    };
    const Colour white{255, 255, 255};
    QVERIFY(std::fabs(ratio({0, 0, 0}, white) - 21) < 1e-4);
    QVERIFY(std::fabs(ratio(white, white) - 1) < 1e-9);
    QVERIFY(ratio({0x76, 0x76, 0x76}, white) >= 4.5);
    QVERIFY(ratio({0x77, 0x77, 0x77}, white) < 4.5);
    QVERIFY(std::fabs(ratio({255, 0, 0}, white) - 3.998) < 0.01);
    QVERIFY(std::fabs(ratio({0, 0, 255}, white) - 8.592) < 0.01);
  }

  void filmsOnFilms() {
    // Two films of strengths s and t are one of s + t (Beer-Lambert).
    const LinearRgb paper{1, 1, 1}, ink{0.2f, 0.5f, 0.8f};
    const LinearRgb twice = throughFilm(throughFilm(paper, ink, 0.3), ink, 0.4),
                    once = throughFilm(paper, ink, 0.7);
    for (size_t k = 0; k < 3; ++k) QVERIFY(std::fabs(twice[k] - once[k]) < 1e-6f);
  }
};

HAVLO_TEST(TstCiede2000)
#include "tst_ciede2000.moc"
