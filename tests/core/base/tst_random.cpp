// The random source against its published numbers, and what is drawn from it against the moments of its
// distributions.
#include <QTest>
#include <array>
#include <cmath>

#include "core/base/random.h"
#include "tests/support/program.h"

using namespace havlo;

class TstRandom : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // splitmix64 with the seed 1234567: the test vector that is handed on with it; from memory.
  void givesThePublishedNumbers() {
    Random random(1234567);
    for (const uint64_t expected : {6457827717110365317ull, 3203168211198807973ull, 9817491932198370423ull,
                                    4593380528125082431ull, 16408922859458223821ull})
      QCOMPARE(random.next(), expected);
  }

  // Mean 0, variance 1, no skew, kurtosis 3; a fresh number and the one left over from its pair know nothing
  // of each other. Each within four standard errors.
  void gaussianHasItsMoments() {
    Random random(7);
    constexpr int kPairs = 100000;
    std::array<double, 5> sum{};
    double across = 0;
    for (int k = 0; k < kPairs; ++k) {
      const double a = random.gaussian(), b = random.gaussian();
      across += a * b;
      for (const double x : {a, b})
        for (size_t p = 1; p < 5; ++p) sum[p] += std::pow(x, p);
    }
    constexpr double n = 2.0 * kPairs;
    QVERIFY(std::fabs(sum[1] / n) < 4 * std::sqrt(1 / n));
    QVERIFY(std::fabs(sum[2] / n - 1) < 4 * std::sqrt(2 / n));
    QVERIFY(std::fabs(sum[3] / n) < 4 * std::sqrt(15 / n));
    QVERIFY(std::fabs(sum[4] / n - 3) < 4 * std::sqrt(96 / n));
    QVERIFY(std::fabs(across / kPairs) < 4 * std::sqrt(1.0 / kPairs));
  }

  void belowIsEven() {
    Random random(9);
    std::array<int, 6> count{};
    for (int k = 0; k < 60000; ++k) ++count[random.below(6)];
    double chi2 = 0;
    for (const int c : count) chi2 += (c - 10000.0) * (c - 10000.0) / 10000;
    QVERIFY2(chi2 < 20.5, qPrintable(QString::number(chi2)));  // one in a thousand at five degrees of freedom
  }
};

HAVLO_TEST(TstRandom)
#include "tst_random.moc"
