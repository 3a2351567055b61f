// Lab against OpenCV's conversion of floating-point sRGB, a general-purpose library.
#include <QTest>
#include <opencv2/imgproc.hpp>
#include <random>

#include "core/colour/colour.h"
#include "tests/support/program.h"

using namespace havlo;

class TstColour : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void labIsOpenCvs() {
    std::mt19937 random(3);
    for (int k = 0; k < 500; ++k) {
      const Colour c{static_cast<unsigned char>(random() % 256), static_cast<unsigned char>(random() % 256),
                     static_cast<unsigned char>(random() % 256)};
      cv::Mat one(1, 1, CV_32FC3, cv::Scalar(c.red / 255.0, c.green / 255.0, c.blue / 255.0)), lab;
      cv::cvtColor(one, lab, cv::COLOR_RGB2Lab);
      const Lab own = labOf(c);
      const auto v = lab.at<cv::Vec3f>(0, 0);
      // OpenCV works with tables of its own; it is within half a unit.
      QVERIFY(std::abs(own.L - static_cast<double>(v[0])) < 0.5 &&
              std::abs(own.a - static_cast<double>(v[1])) < 0.8 &&
              std::abs(own.b - static_cast<double>(v[2])) < 0.8);
    }
  }

  void whiteBlackAndTheWayBack() {
    QVERIFY(std::abs(labOf(Colour{255, 255, 255}).L - 100) < 1e-3);
    QVERIFY(std::abs(labOf(Colour{0, 0, 0}).L) < 1e-9);
    for (int k = 0; k <= 255; ++k) QVERIFY(std::abs(channelOf(linearOf(k / 255.0)) - k / 255.0) < 1e-9);
    QCOMPARE(differenceOf({50, 3, 4}, {50, 0, 0}), 5.0);
  }
};

HAVLO_TEST(TstColour)
#include "tst_colour.moc"
