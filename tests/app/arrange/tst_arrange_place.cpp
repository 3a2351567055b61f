// Suggested arrangements through the window: three beside the card as it is, one taken and taken back.
#include <QCheckBox>
#include <QLabel>
#include <QPushButton>

#include "app/arrange/arrange_place.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstArrangePlace : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void threeAreShownAndOneIsTakenAsOneAct() {
    Window w;
    const Plan before = w.session().plan();
    w.window.visit(QStringLiteral("arrange"));
    ArrangePlace& place = w.window.arrange();
    settle(place);
    QVERIFY(place.proposals().size() >= 2);
    QVERIFY(says(place, QStringLiteral("arrangements that differ")));
    QVERIFY(says(place, QStringLiteral("As it is")) && says(place, QStringLiteral("proven")));
    auto* take = place.findChild<QPushButton*>(QStringLiteral("take-1"));
    QVERIFY(take && take->isVisible());
    const Plan wanted = place.proposals()[0].plan;
    QTest::mouseClick(take, Qt::LeftButton);
    QCoreApplication::processEvents();
    QVERIFY(w.session().plan() == wanted);
    QCOMPARE(w.session().undoStack().count(), 1);
    QVERIFY(says(place, QStringLiteral("ask again")));
    w.session().undoStack().undo();
    QVERIFY(w.session().plan() == before);
  }

  void whatIsTickedStaysAndAskingAgainGivesOthers() {
    Window w;
    w.window.visit(QStringLiteral("arrange"));
    ArrangePlace& place = w.window.arrange();
    settle(place);
    QVERIFY(!place.proposals().empty());
    const Plan first = place.proposals()[0].plan;
    auto* hare = place.findChild<QCheckBox*>(QStringLiteral("hare"));
    QVERIFY(hare);
    QTest::mouseClick(hare, Qt::LeftButton, {}, QPoint(8, hare->height() / 2));
    QVERIFY(hare->isChecked());
    QTest::mouseClick(place.findChild<QPushButton*>(QStringLiteral("ask")), Qt::LeftButton);
    settle(place);
    QVERIFY(!place.proposals().empty());
    for (const Proposal& p : place.proposals()) {
      QVERIFY(p.plan.impression("hare")->at == w.footOf("hare"));
      QVERIFY(!(p.plan == first));
    }
  }

  void withoutAHeroItSaysSo() {
    Window w;
    Plan p = w.session().plan();
    for (Impression& i : p.impressions) i.hero = false;
    w.session().start(p);
    w.window.visit(QStringLiteral("arrange"));
    settle(w.window.arrange());
    QVERIFY(w.window.arrange().proposals().empty());
    QVERIFY(says(w.window.arrange(), QStringLiteral("choose the hero first")));
  }
};

HAVLO_TEST(TstArrangePlace)
#include "tst_arrange_place.moc"
