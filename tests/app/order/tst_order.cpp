// The place Order & masks through its real window.
#include <QComboBox>
#include <QLabel>
#include <QMenu>
#include <QPushButton>

#include "app/order/joins_page.h"
#include "app/order/schools_page.h"
#include "app/order/slips_page.h"
#include "core/edit/edits.h"
#include "core/edit/making_edits.h"
#include "core/edit/wash_edits.h"
#include "io/wording/step_words.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstOrder : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void theDemoIsProvenWithAPictureForEveryStep() {
    Window w;
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    QVERIFY(w.window.order().simulation().has_value());
    QVERIFY(w.window.order().simulation()->proven);
    QCOMPARE(w.window.order().pictures().size(), w.session().analysis()->sheet.steps.size());
    QVERIFY(says(w.window.order(), QStringLiteral("Proven")));
    QVERIFY(
        says(w.window.order(), QStringLiteral("Masks to cut: %1").arg(w.session().analysis()->masksToCut())));
    QVERIFY(says(w.window.order(), QStringLiteral("covered once")));
  }

  void masksAreHatchedWhereTheyLie() {
    Window w;
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    const auto& steps = w.session().analysis()->sheet.steps;
    const auto& pictures = w.window.order().pictures();
    for (size_t k = 1; k < steps.size(); ++k)
      if (steps[k].what == Do::MaskOn) QVERIFY(pictures[k] != pictures[k - 1]);
  }

  void aStepIsSaidInWords() {
    Window w;
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    StepStrip& strip = w.window.order().strip();
    const auto& steps = w.session().analysis()->sheet.steps;
    int hare = 0;
    while (steps[ix(hare)].what != Do::Stamp ||
           steps[ix(hare)].impression != w.session().plan().indexOf("hare"))
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
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    const auto stampings = [&] {
      const auto& steps = w.session().analysis()->sheet.steps;
      return std::count_if(steps.begin(), steps.end(), [](const Step& s) { return s.what == Do::Stamp; });
    };
    const auto before = stampings();
    w.session().edit(QStringLiteral("off"), without(w.session().plan(), "towpath"));
    settleOrder(w.session());
    settle(w.window.order());
    QCOMPARE(stampings(), before - 1);
    QCOMPARE(w.window.order().pictures().size(), w.session().analysis()->sheet.steps.size());
  }

  void whereAPlanFailsIsShown() {
    Window w;
    Plan p = w.session().plan();
    std::vector<std::string> backward;
    for (int i : w.session().analysis()->order) backward.insert(backward.begin(), p.impressions[ix(i)].id);
    w.session().edit(QStringLiteral("backward"), withOrder(p, backward));
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    QVERIFY(!w.window.order().simulation()->proven);
    QVERIFY(says(w.window.order(), QStringLiteral("Not as planned")));
    QVERIFY(says(w.window.order(), QStringLiteral("come out otherwise")));
    QVERIFY(says(w.window.order(), QStringLiteral("must come after it")));
    QVERIFY(says(w.window.order(), QStringLiteral("Step ")));
    // Nobody is led on to the table with it.
    auto* next = w.window.findChild<QPushButton*>(QStringLiteral("nextAct"));
    QVERIFY(!next->accessibleDescription().contains(QStringLiteral("make it")));
    QVERIFY2(next->accessibleDescription().contains(QStringLiteral("not as planned")),
             qPrintable(next->accessibleDescription()));
    w.window.visit(QStringLiteral("scene"));
    QVERIFY(next->isVisible());
    QTest::mouseClick(next, Qt::LeftButton);
    QCOMPARE(w.window.current(), QStringLiteral("order"));
  }

  // A gap between the reeds is too small to cut out, so that the ground does not come into it.
  void whatIsTooFineHasAWayOut_data() {
    QTest::addColumn<QString>("way");
    QTest::newRow("cut") << QStringLiteral("cutFineParts");
    QTest::newRow("blend over") << QStringLiteral("blendsOverFineParts");
  }
  void whatIsTooFineHasAWayOut() {
    QFETCH(QString, way);
    Window w;
    const Plan whole = w.session().plan();
    Plan p;
    p.card.panel = {142, 99, {}};
    p.view = whole.view, p.stamps = whole.stamps, p.inks = whole.inks;
    p = withNewImpression(p, "reeds", {23.5, 36.7}).value();
    p = withNewWash(p, WashKind::Ground, p.inks.back().id).value();
    w.session().start(p);
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    QVERIFY(!w.window.order().simulation()->proven);
    QVERIFY(says(w.window.order(), QStringLiteral("too small to cut out")));
    auto* button = w.window.order().findChild<QPushButton*>(way);
    QVERIFY(button && button->isVisible());
    int clicks = 0;  // what was hidden behind one part may be too fine as well
    for (; clicks < 3 && button->isVisible(); ++clicks) {
      QTest::mouseClick(button, Qt::LeftButton);
      settleOrder(w.session());
      settle(w.window.order());
    }
    QVERIFY(w.window.order().simulation()->proven);
    QVERIFY(says(w.window.order(), QStringLiteral("Proven")) && !button->isVisible());
    for (; clicks > 0; --clicks) w.session().undoStack().undo();
    QVERIFY(w.session().plan() == p);
  }

  // The ring of hills over hare over boat is made with a mask laid ahead.
  void aRingIsProvenAllTheSame() {
    Window w;
    Plan p = w.session().plan();
    p.impressions[ix(p.indexOf("hills"))].inFrontOf = {"hare"};
    w.session().start(p);
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    QVERIFY(w.window.order().simulation()->proven);
  }

  void theBestOrderComesByItself() {
    Window w;
    QVERIFY(w.session().analysis()->orderState.from == OrderState::From::Quick);
    w.window.visit(QStringLiteral("order"));
    QTRY_VERIFY_WITH_TIMEOUT(w.session().analysis()->orderState.from == OrderState::From::Best, 20000);
    QTRY_VERIFY_WITH_TIMEOUT(w.window.order().simulation().has_value(), 30000);
    QVERIFY(says(w.window.order(), QStringLiteral("No order")));
  }

  void aStampingIsDraggedToAnotherTime() {
    Window w;
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    StepStrip& strip = w.window.order().strip();
    const auto stampings = [&] {
      std::vector<int> places;
      const auto& steps = w.session().analysis()->sheet.steps;
      for (int k = 0; k < strip.count(); ++k)
        if (steps[ix(strip.stepAt(k))].what == Do::Stamp) places.push_back(k);
      return places;
    };
    const std::vector<int> places = stampings();
    const int moved = w.session().analysis()->sheet.steps[ix(strip.stepAt(places[2]))].impression;
    const QPoint from = strip.cellOf(places[2]).center(),
                 to = strip.cellOf(places[0]).center() - QPoint(strip.cellOf(0).width() / 2 + 2, 0);
    QTest::mousePress(&strip, Qt::LeftButton, {}, from);
    QTest::mouseMove(&strip, from - QPoint(40, 0));
    QTest::mouseMove(&strip, to);
    QTest::mouseRelease(&strip, Qt::LeftButton, {}, to);
    QCOMPARE(w.session().plan().making.order.front(), w.session().plan().impressions[ix(moved)].id);
    QVERIFY(w.session().analysis()->orderState.from == OrderState::From::Maker);
    settle(w.window.order());
    QVERIFY(says(w.window.order(), QStringLiteral("your own order")));
    // With the keyboard the other way; then the best again, each an act to be undone.
    strip.choose(stampings()[0]);
    QTest::keyClick(&strip, Qt::Key_Right, Qt::ControlModifier);
    QCOMPARE(w.session().plan().making.order[1], w.session().plan().impressions[ix(moved)].id);
    for (QPushButton* b : w.window.order().findChildren<QPushButton*>())
      if (b->text() == QStringLiteral("Find the best order")) QTest::mouseClick(b, Qt::LeftButton);
    QVERIFY(w.session().plan().making.order.empty());
    w.session().undoStack().undo();
    QVERIFY(!w.session().plan().making.order.empty());
  }

  void wishesAreAMenu() {
    Window w;
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    // The menu is filled anew whenever it opens.
    const auto choose = [&](const QString& text) {
      for (QPushButton* b : w.window.order().findChildren<QPushButton*>()) {
        if (!b->menu()) continue;
        Q_EMIT b->menu()->aboutToShow();
        for (QAction* a : b->menu()->actions())
          if (a->text() == text) return a->trigger();
      }
    };
    w.session().edit(QStringLiteral("boat first"), wantedFirst(w.session().plan(), "boat", true));
    for (const char* wish : {"Hare first", "Over 2 evenings"}) choose(QLatin1String(wish));
    QCOMPARE(w.session().plan().making.first, (std::vector<std::string>{"boat", "hare"}));
    QCOMPARE(w.session().plan().making.evenings, 2);
    settleOrder(w.session());
    settle(w.window.order());
    QVERIFY(
        says(w.window.order(), QStringLiteral("Long boat cannot be first")));  // reeds stand in front of it
    // The kite's string is in front of the hare too, but it is too fine to be covered: nothing is won by it.
    QVERIFY(!says(w.window.order(), QStringLiteral("Hare cannot be first")));
    QVERIFY(says(w.window.order(), QStringLiteral("Evenings of")));
  }

  void riskyJoinsAreNamedAndMadeEasier() {
    Window w;
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    w.window.order().showPage(OrderPlace::Joins);
    settle(w.window.order().joins());
    QVERIFY(w.window.order().joins().risk().has_value());
    // Common practice, no source: on a careful card of 10 to 40 joins none to three show.
    const double shows = w.window.order().joins().risk()->expected;
    QVERIFY(shows < 3);
    QVERIFY(says(w.window.order(), shows < 0.5 ? QStringLiteral("Hardly a join will show")
                                               : QStringLiteral("may leave a join that shows")));
    QVERIFY(says(w.window.order(), QStringLiteral("masks laid to 0.2 mm")));
    const double before = w.window.order().joins().risk()->expected;
    for (QPushButton* b : w.window.order().joins().findChildren<QPushButton*>())
      if (b->text().contains(QStringLiteral("mark the foot"))) {
        QTest::mouseClick(b, Qt::LeftButton);
        break;
      }
    QVERIFY(w.session().plan().supplies.footMark != FootMark::None);
    settle(w.window.order().joins());
    QVERIFY(w.window.order().joins().risk()->expected < 0.7 * before);
  }

  void schoolsAreComparedAndTaken() {
    Window w;
    w.window.openDemo(QStringLiteral("teaching-silhouettes"));
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    w.window.order().showPage(OrderPlace::Schools);
    SchoolsPage& page = w.window.order().schools();
    settle(page);
    QCOMPARE(page.results().size(), size_t{8});
    QVERIFY(says(w.window.order(), QStringLiteral("darker than all behind it")));
    w.session().edit(QStringLiteral("all masks"), withDefaultSchool(w.session().plan(), School::Mask));
    auto* choice = page.findChildren<QComboBox*>().at(2);
    choice->setCurrentIndex(choice->findData(static_cast<int>(School::PopUp)));
    Q_EMIT choice->activated(choice->currentIndex());
    QVERIFY(w.session().plan().impressions[1].school == School::PopUp);
    page.takeAdvice();
    QVERIFY(w.session().plan().impressions[1].school == School::Overprint);
  }

  void masksThatSaveLittleAreLeftOutByOneClick() {
    Window w;
    w.window.visit(QStringLiteral("order"));
    settleOrder(w.session());  // a quick order has no papers over several things
    settle(w.window.order());
    const int before = w.session().analysis()->masksToCut();
    w.window.order().showPage(OrderPlace::Schools);
    SchoolsPage& page = w.window.order().schools();
    settle(page);
    QPushButton* leave = nullptr;
    for (QPushButton* b : page.findChildren<QPushButton*>())
      if (b->isVisible() && b->text().startsWith(QStringLiteral("Leave"))) leave = b;
    QVERIFY(leave);
    QVERIFY(says(w.window.order(), QStringLiteral("mooring post")) &&
            says(w.window.order(), QStringLiteral("saved")));
    QTest::mouseClick(leave, Qt::LeftButton);
    settle(w.window.order());
    QVERIFY(w.session().analysis()->masksToCut() <= before - 3);
    QVERIFY(w.window.order().simulation() && w.window.order().simulation()->proven);
    w.window.action(QStringLiteral("undo"))->trigger();
    settleOrder(w.session());
    QCOMPARE(w.session().analysis()->masksToCut(), before);
  }

  void aSlipIsTriedWithoutChangingThePlan() {
    Window w;
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    w.window.order().showPage(OrderPlace::Slips);
    SlipsPage& page = w.window.order().slips();
    settleOrder(w.session());  // a better order makes what was tried stale
    const Plan before = w.session().plan();
    page.chooseThing(before.indexOf("hare"));
    QTest::mouseClick(page.findChild<QPushButton*>(QStringLiteral("forget")), Qt::LeftButton);
    settle(page);
    QVERIFY(page.simulation() && !page.simulation()->proven);
    QVERIFY2(page.verdict().contains(QStringLiteral("the hare was not covered")), qPrintable(page.verdict()));
    QTest::mouseClick(page.findChild<QPushButton*>(QStringLiteral("shuffle")), Qt::LeftButton);
    settle(page);
    QVERIFY(!page.simulation()->proven);
    QVERIFY(w.session().plan() == before);
  }

  void stoppingLeavesAQuietPlace() {
    Window w;
    w.window.visit(QStringLiteral("order"));
    for (QPushButton* b : w.window.order().findChildren<QPushButton*>())
      if (b->text() == QStringLiteral("Stop")) QTest::mouseClick(b, Qt::LeftButton);
    QVERIFY(says(w.window.order(), QStringLiteral("Not simulated")));
    w.window.visit(QStringLiteral("scene"));
    w.window.visit(QStringLiteral("order"));
    QTRY_VERIFY_WITH_TIMEOUT(w.window.order().simulation().has_value(), 30000);
  }

  void anEmptyPlanIsQuiet() {
    Window w(false);
    w.window.visit(QStringLiteral("order"));
    settle(w.window.order());
    QVERIFY(says(w.window.order(), QStringLiteral("Nothing is on the card yet")));
  }
};

HAVLO_TEST(TstOrder)
#include "tst_order.moc"
