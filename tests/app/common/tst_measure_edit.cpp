// The line that takes measures, with real keys.
#include <QSignalSpy>

#include "app/common/measure_edit.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstMeasureEdit : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void whatIsTypedIsTaken_data() {
    QTest::addColumn<QString>("typed");
    QTest::addColumn<double>("mm");
    QTest::addColumn<QString>("shown");
    QTest::newRow("a bare number is in the maker's unit") << "2" << 50.8 << "2 in";
    QTest::newRow("a fraction") << "2 3/8" << 60.325 << "2 3/8 in";
    QTest::newRow("a decimal inch") << "2.375in" << 60.325 << "2 3/8 in";
    QTest::newRow("millimetres in an inch line") << "60mm" << 60.0 << "2 3/8 in";
    QTest::newRow("centimetres with a comma") << "6,5 cm" << 65.0 << "2 9/16 in";
    QTest::newRow("minus") << "-1/16" << -1.5875 << "-1/16 in";
  }
  void whatIsTypedIsTaken() {
    QFETCH(QString, typed);
    QFETCH(double, mm);
    QFETCH(QString, shown);
    MeasureEdit edit(QStringLiteral("Width"));
    edit.setUnits(MeasureStyle::Inches);
    edit.setMeasure(10);
    edit.show();
    QSignalSpy changed(&edit, &MeasureEdit::changed);
    edit.selectAll();
    QTest::keyClicks(&edit, typed);
    QCOMPARE(changed.size(), 0);  // not before it is finished
    QTest::keyClick(&edit, Qt::Key_Return);
    QCOMPARE(changed.size(), 1);
    QVERIFY(std::fabs(changed[0][0].toDouble() - mm) < 1e-9);
    QCOMPARE(edit.text(), shown);
    QVERIFY(std::fabs(edit.measure() - mm) < 1e-9);  // the true value stays, whatever is shown
    QTest::keyClick(&edit, Qt::Key_Return);
    QCOMPARE(changed.size(), 1);  // nothing typed, nothing said
  }

  void nonsenseIsSaidAndTheOldMeasureStays() {
    MeasureEdit edit(QStringLiteral("Width"));
    edit.setUnits(MeasureStyle::Millimetres);
    edit.setMeasure(12.5);
    QSignalSpy changed(&edit, &MeasureEdit::changed), trouble(&edit, &MeasureEdit::trouble);
    for (const QString& typed : {QStringLiteral("wide"), QStringLiteral("1/0"), QStringLiteral("99999999 in"),
                                 QStringLiteral("2 3 4")}) {
      edit.selectAll();
      QTest::keyClicks(&edit, typed);
      QTest::keyClick(&edit, Qt::Key_Return);
      QCOMPARE(edit.text(), QStringLiteral("12.5 mm"));
    }
    QCOMPARE(changed.size(), 0);
    QCOMPARE(trouble.size(), 4);
    QVERIFY(trouble[0][0].toString().startsWith(QStringLiteral("Width: ")));
  }

  void escapeGivesTheOldMeasureBack() {
    MeasureEdit edit(QStringLiteral("Width"));
    edit.setUnits(MeasureStyle::Millimetres);
    edit.setMeasure(12.5);
    QSignalSpy changed(&edit, &MeasureEdit::changed);
    edit.selectAll();
    QTest::keyClicks(&edit, QStringLiteral("40"));
    QTest::keyClick(&edit, Qt::Key_Escape);
    QCOMPARE(edit.text(), QStringLiteral("12.5 mm"));
    QTest::keyClick(&edit, Qt::Key_Return);
    QCOMPARE(changed.size(), 0);
  }

  void leavingTheLineTakesIt() {
    QWidget window;
    auto* first = new MeasureEdit(QStringLiteral("Width"), &window);
    auto* second = new MeasureEdit(QStringLiteral("Height"), &window);
    second->move(0, 60);
    first->setUnits(MeasureStyle::Millimetres);
    window.show();
    QVERIFY(QTest::qWaitForWindowActive(&window));
    first->setFocus();
    QSignalSpy changed(first, &MeasureEdit::changed);
    QTest::keyClicks(first, QStringLiteral("33"));
    QTest::keyClick(first, Qt::Key_Tab);
    QCOMPARE(changed.size(), 1);
    QCOMPARE(changed[0][0].toDouble(), 33.0);
  }

  void anEmptyLineIsSaidToBeEmpty() {
    MeasureEdit edit(QStringLiteral("Width"));
    edit.setMeasure(20);
    QSignalSpy cleared(&edit, &MeasureEdit::cleared), changed(&edit, &MeasureEdit::changed);
    edit.selectAll();
    QTest::keyClick(&edit, Qt::Key_Delete);
    QTest::keyClick(&edit, Qt::Key_Return);
    QCOMPARE(cleared.size(), 1);
    QCOMPARE(changed.size(), 0);
    QVERIFY(edit.isEmpty());
    edit.setUnits(MeasureStyle::Millimetres);
    QVERIFY(edit.text().isEmpty());
  }
};

HAVLO_TEST(TstMeasureEdit)
#include "tst_measure_edit.moc"
