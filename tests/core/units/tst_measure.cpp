// Measures as makers write them. 25.4 mm an inch: the international inch of 1959 (from memory).
#include <QTest>
#include <algorithm>
#include <cmath>
#include <limits>

#include "core/units/measure.h"
#include "tests/support/program.h"

using namespace havlo;

class TstMeasure : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void realHeightsAreRead_data() {
    QTest::addColumn<QString>("text");
    QTest::addColumn<double>("metres");
    // A foot is 0.3048 m and an inch 0.0254 m exactly (international yard and pound agreement 1959).
    QTest::newRow("metres") << "1.7 m" << 1.7;
    QTest::newRow("bare") << "2" << 2.0;
    QTest::newRow("comma") << "1,75" << 1.75;
    QTest::newRow("centimetres") << "5 cm" << 0.05;
    QTest::newRow("millimetres") << "12mm" << 0.012;
    QTest::newRow("inches") << "2 in" << 0.0508;
    QTest::newRow("a fraction") << "2 1/2 in" << 0.0635;
    QTest::newRow("half a metre") << "1/2 m" << 0.5;
    QTest::newRow("feet") << "6 ft" << 1.8288;
    QTest::newRow("feet and inches") << "5 ft 10 in" << 1.778;
    QTest::newRow("marks") << "5' 10\"" << 1.778;
    QTest::newRow("a hill") << "1.2 km" << 1200.0;
    for (const char* bad :
         {"", "tall", "0", "-2 m", "5 parsecs", "1.7 m 3", "1/0 m", "1e9 m", "300000 km", "m"})
      QTest::newRow(bad) << bad << -1.0;
  }
  void realHeightsAreRead() {
    QFETCH(QString, text);
    QFETCH(double, metres);
    const auto read = readRealHeight(text.toStdString());
    QCOMPARE(bool(read), metres > 0);
    if (read)
      QVERIFY2(std::fabs(read.value().value - metres) < 1e-12 * std::max(1.0, metres), qPrintable(text));
    if (!read) QVERIFY(read.error().message.find("5 cm") != std::string::npos);
  }

  void reads_data() {
    QTest::addColumn<QString>("text");
    QTest::addColumn<bool>("inches");
    QTest::addColumn<double>("mm");
    QTest::newRow("whole and fraction") << "2 3/8" << true << 60.325;
    QTest::newRow("with a hyphen") << "2-3/8" << true << 60.325;
    QTest::newRow("fraction alone") << "3/8" << true << 9.525;
    QTest::newRow("a fraction is inches even among millimetres") << "3/8" << false << 9.525;
    QTest::newRow("decimal inches") << "2.375in" << false << 60.325;
    QTest::newRow("inch mark") << "2.375\"" << false << 60.325;
    QTest::newRow("millimetres") << "60mm" << true << 60.0;
    QTest::newRow("centimetres with blank") << "6 cm" << true << 60.0;
    QTest::newRow("decimal comma") << "60,5" << false << 60.5;
    QTest::newRow("bare number in inches") << "2" << true << 50.8;
    QTest::newRow("bare number in millimetres") << "2" << false << 2.0;
    QTest::newRow("negative fraction") << "-1/16" << true << -1.5875;
    QTest::newRow("negative whole and fraction") << "-1 1/2" << true << -38.1;
    QTest::newRow("blanks around") << "  7 mm " << true << 7.0;
  }
  void reads() {
    QFETCH(QString, text);
    QFETCH(bool, inches);
    QFETCH(double, mm);
    const auto read =
        readMeasure(text.toStdString(), inches ? MeasureStyle::Inches : MeasureStyle::Millimetres);
    QVERIFY2(bool(read), qPrintable(text));
    QVERIFY(std::abs(read.value().value - mm) < 1e-9);
  }

  void refuses_data() {
    QTest::addColumn<QString>("text");
    for (const char* text : {"", "  ", "abc", "2 3/0", "3/0", "1/", "/2", "2 3", "2 3/8mm", "60km", "--2",
                             "1e9in", "9999999mm", "nan", "inf", "2..5", "1 2 3/4"})
      QTest::newRow(text) << QString::fromLatin1(text);
  }
  void refuses() {
    QFETCH(QString, text);
    QVERIFY(!readMeasure(text.toStdString(), MeasureStyle::Millimetres));
  }

  void writes() {
    QCOMPARE(writeMeasure(Millimetres{60.325}, MeasureStyle::Inches), std::string("2 3/8 in"));
    QCOMPARE(writeMeasure(Millimetres{25.4}, MeasureStyle::Inches), std::string("1 in"));
    QCOMPARE(writeMeasure(Millimetres{0.1}, MeasureStyle::Inches), std::string("0 in"));
    QCOMPARE(writeMeasure(Millimetres{-1.5875}, MeasureStyle::Inches), std::string("-1/16 in"));
    QCOMPARE(writeMeasure(Millimetres{60.34}, MeasureStyle::Millimetres), std::string("60.3 mm"));
    QCOMPARE(writeMeasure(Millimetres{-0.01}, MeasureStyle::Millimetres), std::string("0 mm"));
    QCOMPARE(writeDistance(Metres{2.04}), std::string("2.0 m"));
    QCOMPARE(writeDistance(Metres{1234}), std::string("1.2 km"));
    QCOMPARE(writeDistance(Metres{std::numeric_limits<double>::infinity()}), std::string("very far"));
  }

  void whatIsWrittenIsRead() {
    for (double mm = -300; mm < 300; mm += 0.37)
      for (const auto style : {MeasureStyle::Inches, MeasureStyle::Millimetres}) {
        const auto back = readMeasure(writeMeasure(Millimetres{mm}, style), style);
        QVERIFY(bool(back));
        QVERIFY(std::abs(back.value().value - mm) <=
                (style == MeasureStyle::Inches ? 25.4 / 64 : 0.05) + 1e-9);
      }
  }
};

HAVLO_TEST(TstMeasure)
#include "tst_measure.moc"
