// Sound files of every kind with a few bytes other, moved, doubled or gone: each is read or refused, quickly,
// and nothing falls. The short form of tests/fuzz/run.sh; HAVLO_THOROUGH tries thirty times as many.
#include <QElapsedTimer>
#include <QGuiApplication>
#include <QLoggingCategory>
#include <random>

#include "fuzz/readers.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

QByteArray mutated(QByteArray bytes, std::mt19937& random) {
  const auto below = [&](qsizetype n) {
    return static_cast<qsizetype>(random() % static_cast<unsigned long>(std::max<qsizetype>(1, n)));
  };
  for (int times = 1 + static_cast<int>(random() % 4); times > 0 && !bytes.isEmpty(); --times) {
    const qsizetype at = below(bytes.size()), length = 1 + below(std::min<qsizetype>(40, bytes.size() - at));
    switch (random() % 7) {
      case 0:
        bytes[at] = static_cast<char>(random());
        break;
      case 1:
        bytes.remove(at, length);
        break;
      case 2:
        bytes.insert(below(bytes.size()), bytes.mid(at, length));
        break;
      case 3:
        bytes.truncate(at);
        break;
      case 4: {  // another number where one stands
        qsizetype digit = at;
        while (digit < bytes.size() && (bytes[digit] < '0' || bytes[digit] > '9')) ++digit;
        const char* numbers[] = {"-1", "0", "1e308", "99999999999", "0.0000001", "nan"};
        if (digit < bytes.size()) bytes.replace(digit, 1, numbers[random() % 6]);
        break;
      }
      case 5:
        bytes[at] = static_cast<char>(bytes[at] ^ (1 << random() % 8));
        break;
      default:
        bytes.replace(at, length, QByteArray(length, static_cast<char>(random())));
    }
  }
  return bytes;
}

}  // namespace

class TstMutatedFiles : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void everyReader_data() {
    QTest::addColumn<QByteArray>("name");
    for (const fuzz::Reader& r : fuzz::readers()) QTest::addRow("%s", r.name) << QByteArray(r.name);
  }
  void everyReader() {
    QFETCH(QByteArray, name);
    const fuzz::Reader& reader = *fuzz::readerOf(name);
    QLoggingCategory::setFilterRules(QStringLiteral("*=false"));
    const QList<QByteArray> seeds = reader.seeds();
    QVERIFY(!seeds.isEmpty());
    // What is sound is read; the log's second has a line that is no card.
    QVERIFY(reader.read(seeds[0]));
    std::mt19937 random(20261130);
    const int rounds = thorough() ? 30'000 : 1000;
    int refused = 0;
    qint64 longest_ms = 0;
    QElapsedTimer clock;
    for (int k = 0; k < rounds; ++k) {
      const QByteArray bytes = mutated(seeds[k % seeds.size()], random);
      clock.start();
      refused += !reader.read(bytes);
      longest_ms = std::max(longest_ms, clock.elapsed());
    }
    QLoggingCategory::setFilterRules(QString());
    // A check that can fail: mutations do break files, and do not break all of them.
    QVERIFY2(refused > rounds / 20 && refused < rounds, qPrintable(QString::number(refused)));
    QVERIFY2(longest_ms < 5000, qPrintable(QString::number(longest_ms)));
  }
};

HAVLO_TEST(TstMutatedFiles)
#include "tst_mutated_files.moc"
