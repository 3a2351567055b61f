// The place Order & masks through its real window.
#include <QLabel>
#include <QPushButton>

#include "io/wording/step_words.h"
#include "support/window.h"

using namespace havlo;
using namespace havlo::testing;

class TstOrder : public QObject {
  Q_OBJECT

 private:
  static bool says(QWidget& place, const QString& text) {
    for (const QLabel* label : place.findChildren<QLabel*>())
      if (label->isVisibleTo(&place) && label->text().contains(text)) return true;
    return false;
  }

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void theDemoIsProvenWithAPictureForEveryStep() {
    Window w;
    w.window.visit(MainWindow::Order);
    w.window.order().settle();
    QVERIFY(w.window.order().simulation().has_value());
    QVERIFY(w.window.order().simulation()->proven);
    QCOMPARE(w.window.order().pictures().size(), w.session().analysis()->sheet.steps.size());
    QVERIFY(says(w.window.order(), QStringLiteral("Proven")));
    QVERIFY(
        says(w.window.order(), QStringLiteral("Masks to cut: %1").arg(w.session().analysis()->masksToCut())));
    QVERIFY(says(w.window.order(), QStringLiteral("a mask lasts 6")));
  }

  void masksAreHatchedWhereTheyLie() {
    Window w;
    w.window.visit(MainWindow::Order);
    w.window.order().settle();
    const auto& steps = w.session().analysis()->sheet.steps;
    const auto& pictures = w.window.order().pictures();
    for (size_t k = 1; k < steps.size(); ++k)
      if (steps[k].what == Do::MaskOn) QVERIFY(pictures[k] != pictures[k - 1]);
  }

  void aStepIsSaidInWords() {
    Window w;
    w.window.visit(MainWindow::Order);
    w.window.order().settle();
    StepStrip& strip = w.window.order().strip();
    const auto& steps = w.session().analysis()->sheet.steps;
    int hare = 0;
    while (steps[static_cast<size_t>(hare)].what != Do::Stamp ||
           steps[static_cast<size_t>(hare)].impression != w.session().plan().indexOf("hare"))
      ++hare;
    strip.choose(strip.placeOf(hare));
    QVERIFY(says(w.window.order(), QStringLiteral("Stamp the hare")));
    QVERIFY(says(w.window.order(), QStringLiteral("98 mm from the left")));
    const int before = strip.chosen();
    strip.setFocus();
    QTest::keyClick(&strip, Qt::Key_Right);
    QCOMPARE(strip.chosen(), before + 1);
    QTest::mouseClick(&strip, Qt::LeftButton, {}, strip.cellOf(2).center());
    QCOMPARE(strip.chosen(), 2);
    QTest::keyClick(&strip, Qt::Key_End);
    QCOMPARE(strip.chosen(), strip.count() - 1);
  }

  void aChangeElsewhereChangesThisPlace() {
    Window w;
    w.window.visit(MainWindow::Order);
    w.window.order().settle();
    const size_t before = w.session().analysis()->sheet.steps.size();
    w.session().edit(QStringLiteral("off"), without(w.session().plan(), "towpath"));
    w.window.order().settle();
    QVERIFY(w.session().analysis()->sheet.steps.size() != before);
    QCOMPARE(w.window.order().pictures().size(), w.session().analysis()->sheet.steps.size());
  }

  void whereAPlanFailsIsShown() {
    Window w;
    Plan p = w.session().plan();
    p.impressions[static_cast<size_t>(p.indexOf("hills"))].inFrontOf = {
        "hare"};  // a knot cannot be stamped as planned
    w.session().start(p);
    w.window.visit(MainWindow::Order);
    w.window.order().settle();
    QVERIFY(!w.window.order().simulation()->proven);
    QVERIFY(says(w.window.order(), QStringLiteral("Not as planned")));
    QVERIFY(says(w.window.order(), QStringLiteral("without a reason")));
  }

  void stoppingLeavesAQuietPlace() {
    Window w;
    w.window.visit(MainWindow::Order);
    for (QPushButton* b : w.window.order().findChildren<QPushButton*>())
      if (b->text() == QStringLiteral("Stop")) QTest::mouseClick(b, Qt::LeftButton);
    QVERIFY(says(w.window.order(), QStringLiteral("Not simulated")));
    w.window.visit(MainWindow::Scene);
    w.window.visit(MainWindow::Order);
    QTRY_VERIFY_WITH_TIMEOUT(w.window.order().simulation().has_value(), 30000);
  }

  void anEmptyPlanIsQuiet() {
    Window w(false);
    w.window.visit(MainWindow::Order);
    w.window.order().settle();
    QVERIFY(says(w.window.order(), QStringLiteral("Nothing is on the card yet")));
  }
};

QTEST_MAIN(TstOrder)
#include "tst_order.moc"
