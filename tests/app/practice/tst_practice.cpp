// Practice through its real window.
#include <QLabel>
#include <QPushButton>
#include <QSettings>

#include "app/practice/exercises.h"
#include "app/practice/practice_place.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstPracticePlace : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() {
    prepareApplication();
    QSettings().remove(QStringLiteral("practice"));
  }

  void tenExercisesEasyOnesFirst() {
    QCOMPARE(exercises().size(), size_t{10});
    for (size_t k = 1; k < exercises().size(); ++k) QVERIFY(exercises()[k].grade >= exercises()[k - 1].grade);
  }

  void aWrongOrderIsExplainedAndTheRightOneMastered() {
    Window w;
    w.window.visit(QStringLiteral("practice"));
    PracticePlace& place = w.window.practice();
    place.open(0);
    QCOMPARE(place.steps().size(), size_t{2});
    const int hare = place.plan().indexOf("hare");
    if (place.steps()[0].index == hare) place.moveStep(0, 1);
    QTest::mouseClick(place.findChild<QPushButton*>(QStringLiteral("press")), Qt::LeftButton);
    settle(place);
    QCOMPARE(place.result()->stars, 0);
    QVERIFY2(place.verdict().contains(QStringLiteral("was not there yet")) ||
                 place.verdict().contains(QStringLiteral("was not covered")),
             qPrintable(place.verdict()));
    place.moveStep(1, 0);
    place.cover(1, hare, true);
    QTest::mouseClick(place.findChild<QPushButton*>(QStringLiteral("press")), Qt::LeftButton);
    settle(place);
    QCOMPARE(place.result()->stars, 3);
    QVERIFY(place.verdict().contains(QStringLiteral("Mastered")));
    QVERIFY(QSettings().value(QStringLiteral("practice/practice-01")).toInt() == 3);
  }

  void lookingAtTheAnswerIsNotMastering() {
    Window w;
    w.window.visit(QStringLiteral("practice"));
    PracticePlace& place = w.window.practice();
    for (int k = 0; k < place.count(); ++k) {
      place.open(k);
      place.showAnswer();
      place.press();
      settle(place);
      QVERIFY(place.result() && place.result()->pressed.proven);
      QVERIFY(place.verdict().startsWith(QStringLiteral("Right")));
    }
    QVERIFY(QSettings().value(QStringLiteral("practice/practice-02")).toInt() == 1);
  }

  void ownPlansAreLeftAlone() {
    Window w;
    const Plan before = w.session().plan();
    w.window.visit(QStringLiteral("practice"));
    w.window.practice().open(3);
    QVERIFY(w.session().plan() == before);
  }
};

HAVLO_TEST(TstPracticePlace)
#include "tst_practice.moc"
