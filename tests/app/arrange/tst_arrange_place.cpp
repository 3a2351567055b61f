// Suggested arrangements through the window: three beside the card as it is, one taken and taken back.
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <cmath>

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
    QVERIFY(!place.cards().empty());
    QVERIFY(says(place, QStringLiteral("better")));
    QVERIFY(says(place, QStringLiteral("As it is")) && says(place, QStringLiteral("proven")));
    auto* take = place.findChild<QPushButton*>(QStringLiteral("take-1"));
    QVERIFY(take && take->isVisible());
    const Plan wanted = place.cards()[0].card.plan;
    QTest::mouseClick(take, Qt::LeftButton);
    QCoreApplication::processEvents();
    QVERIFY(w.session().plan() == wanted);
    QCOMPARE(w.session().undoStack().count(), 1);
    QVERIFY(place.cards().empty());  // they were made from the card as it was
    w.session().undoStack().undo();
    QVERIFY(w.session().plan() == before);
  }

  void whatIsTickedStaysAndAskingAgainGivesOthers() {
    Window w;
    w.window.visit(QStringLiteral("arrange"));
    ArrangePlace& place = w.window.arrange();
    settle(place);
    QVERIFY(!place.cards().empty());
    const Plan first = place.cards()[0].card.plan;
    auto* hare = place.findChild<QCheckBox*>(QStringLiteral("hare"));
    QVERIFY(hare);
    QTest::mouseClick(hare, Qt::LeftButton, {}, QPoint(8, hare->height() / 2));
    QVERIFY(hare->isChecked());
    QTest::mouseClick(place.findChild<QPushButton*>(QStringLiteral("ask")), Qt::LeftButton);
    settle(place);
    for (const ArrangeLeaf& leaf : place.cards()) {
      QVERIFY(leaf.card.plan.impression("hare")->at == w.footOf("hare"));
      QVERIFY(!(leaf.card.plan == first));
    }
    QVERIFY(!place.cards().empty() || says(place, QStringLiteral("Nothing better")));
  }

  void withoutAHeroItSaysSo() {
    Window w;
    Plan p = w.session().plan();
    for (Impression& i : p.impressions) i.hero = false;
    w.session().start(p);
    w.window.visit(QStringLiteral("arrange"));
    settle(w.window.arrange());
    QVERIFY(w.window.arrange().cards().empty());
    QVERIFY(says(w.window.arrange(), QStringLiteral("hoose the hero first")));
  }

  // From nothing, as a newcomer does it: an empty card, sample stamps, a hero, three scenes, one taken.
  void aCardFromNothingIsProposed() {
    Window w;
    Plan bare;
    bare.card.panel = {177.8, 127, {}};
    w.session().start(bare);
    w.window.visit(QStringLiteral("scene"));
    auto* propose = w.window.findChild<QPushButton*>(QStringLiteral("propose"));
    QVERIFY(propose && propose->isVisibleTo(&w.window));
    QTest::mouseClick(propose, Qt::LeftButton);
    ArrangePlace& place = w.window.arrange();
    QVERIFY(place.isVisibleTo(&w.window));
    auto* samples = place.findChild<QPushButton*>(QStringLiteral("samples"));
    if (samples->isVisibleTo(&place)) QTest::mouseClick(samples, Qt::LeftButton);
    auto* hero = place.findChild<QComboBox*>(QStringLiteral("hero"));
    QVERIFY(hero->isVisibleTo(&place) && hero->count() > 10);
    const int heron = hero->findText(QStringLiteral("Heron"));
    QVERIFY(heron >= 0);
    hero->setCurrentIndex(heron);
    QTest::mouseClick(place.findChild<QPushButton*>(QStringLiteral("ask")), Qt::LeftButton);
    settle(place);
    QVERIFY2(place.cards().size() >= 2, qPrintable(QString::number(place.cards().size())));
    QVERIFY(says(place, QStringLiteral("eyes at")));
    const Plan wanted = place.cards()[1].card.plan;
    QTest::mouseClick(place.findChild<QPushButton*>(QStringLiteral("take-1")), Qt::LeftButton);
    QCoreApplication::processEvents();
    QVERIFY(w.session().plan() == wanted);
    QVERIFY(wanted.impression("heron") && wanted.impression("heron")->hero && wanted.impressions.size() >= 5);
    w.session().undoStack().undo();
    QVERIFY(w.session().plan() == bare);
  }

  void theOtherSizeKeepsTheCardAndSaysWhatIsLeft() {
    Window w;
    w.window.visit(QStringLiteral("arrange"));
    ArrangePlace& place = w.window.arrange();
    place.choose(Asked::Fitted);
    auto* size = place.findChild<QComboBox*>(QStringLiteral("size"));
    QVERIFY(size->isVisibleTo(&place) && size->count() >= 6);
    size->setCurrentIndex(0);  // upright
    QTest::mouseClick(place.findChild<QPushButton*>(QStringLiteral("ask")), Qt::LeftButton);
    settle(place);
    QCOMPARE(place.cards().size(), size_t{1});
    const Plan& p = place.cards()[0].card.plan;
    QVERIFY(std::fabs(p.card.panel.width_mm - 127) < 0.1 && std::fabs(p.card.panel.height_mm - 177.8) < 0.1);
    QVERIFY(says(place, QStringLiteral("other size")) || says(place, QStringLiteral("carried over")));
  }
};

HAVLO_TEST(TstArrangePlace)
#include "tst_arrange_place.moc"
