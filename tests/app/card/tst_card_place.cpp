// The place Card through its real window.
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSignalSpy>

#include "app/card/card_place.h"
#include "app/card/card_view.h"
#include "app/common/measure_edit.h"
#include "app/session/drawer_session.h"
#include "core/card/card_fit.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstCardPlace : public QObject {
  Q_OBJECT

  static MeasureEdit* field(Window& w, const QString& name) {
    for (MeasureEdit* e : w.window.card().findChildren<MeasureEdit*>())
      if (e->accessibleName() == name) return e;
    return nullptr;
  }
  static void type(MeasureEdit* e, const QString& text) {
    e->setFocus();
    e->selectAll();
    QTest::keyClicks(e, text);
    QTest::keyClick(e, Qt::Key_Return);
  }
  static bool says(Window& w, const QString& text) {
    QCoreApplication::processEvents();  // new widgets are shown by the event loop
    for (const QLabel* l : w.window.card().findChildren<QLabel*>())
      if (l->isVisibleTo(&w.window.card()) && l->text().contains(text)) return true;
    return false;
  }
  static void press(Window& w, const QString& text) {
    QCoreApplication::processEvents();
    for (QPushButton* b : w.window.card().findChildren<QPushButton*>())
      if (b->text() == text && b->isVisible()) return QTest::mouseClick(b, Qt::LeftButton);
    QFAIL(qPrintable(text));
  }

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void aNewCardTakesAFewActs() {
    Window w(false);
    w.window.visit(QStringLiteral("card"));
    press(w, QStringLiteral("Begin a new card"));
    const Card before = w.session().plan().card;
    QCOMPARE(before.base->width_mm, 105.0);
    QVERIFY(fitCard(w.session().plan()).misfits.empty());
    auto* usual = w.window.card().findChildren<QComboBox*>()[0];
    const int five = usual->findText(QStringLiteral("5 × 7 in"));
    QVERIFY(five > 0);
    usual->setCurrentIndex(five);
    Q_EMIT usual->activated(five);
    QCOMPARE(w.session().plan().card.base->width_mm, 127.0);
    QVERIFY(std::fabs(w.session().plan().card.panel.width_mm - 121.0) < 1e-6);  // 3 mm show all round
    press(w, QStringLiteral("Turn it round"));
    QVERIFY(w.session().plan().card.panel.width_mm > w.session().plan().card.panel.height_mm);
    QCOMPARE(w.session().plan().card.base->fold, std::string("top"));
    press(w, QStringLiteral("Add a mat"));
    QCOMPARE(w.session().plan().card.mats.size(), 1u);
    QVERIFY(says(w, QStringLiteral("Every layer fits the next.")));
    w.session().undoStack().undo();
    QVERIFY(w.session().plan().card.mats.empty());
  }

  void measuresAreTakenInAnyUnitAndRefusedWithAWord() {
    Window w;
    w.window.visit(QStringLiteral("card"));
    MeasureEdit* width = field(w, QStringLiteral("Width of the panel"));
    QVERIFY(width);
    type(width, QStringLiteral("6 1/2in"));
    QVERIFY(std::fabs(w.session().plan().card.panel.width_mm - 6.5 * kMmPerInch) < 1e-6);
    QCOMPARE(width->text(), QStringLiteral("165.1 mm"));
    const Plan before = w.session().plan();
    QSignalSpy trouble(&w.session(), &PlanSession::trouble);
    type(width, QStringLiteral("wide"));
    type(width, QStringLiteral("1mm"));
    QCOMPARE(trouble.count(), 2);
    QVERIFY(w.session().plan() == before);
    QCOMPARE(width->text(), QStringLiteral("165.1 mm"));
  }

  void whatDoesNotFitIsSaidHereAndOnTheTrail() {
    Window w;
    w.window.visit(QStringLiteral("card"));
    type(field(w, QStringLiteral("Width of the panel")), QStringLiteral("200"));
    QVERIFY(says(w, QStringLiteral("too wide")));
    type(field(w, QStringLiteral("Width of the panel")), QStringLiteral("60"));
    QVERIFY(says(w, QStringLiteral("no longer lies on the panel")));
    w.session().undoStack().undo();
    w.session().undoStack().undo();
    QVERIFY(says(w, QStringLiteral("Every layer fits the next.")));
  }

  void bordersAreBareOrTaped() {
    Window w;
    w.window.visit(QStringLiteral("card"));
    for (QComboBox* c : w.window.card().findChildren<QComboBox*>()) {
      if (c->findText(QStringLiteral("bare edge, by care")) < 0) continue;
      c->setCurrentIndex(1);
      Q_EMIT c->activated(1);
      QVERIFY(w.session().plan().card.bare_mm > 6 && w.session().plan().card.tape_mm == 0);
      QVERIFY(says(w, QStringLiteral("border that is to stay bare")));
      c->setCurrentIndex(2);
      Q_EMIT c->activated(2);
      QVERIFY(w.session().plan().card.tape_mm > 6 && w.session().plan().card.bare_mm == 0);
    }
  }

  void theDrawingShowsEveryLayer() {
    Window w;
    w.window.visit(QStringLiteral("card"));
    settle(w.window.card().view());
    const QImage image = w.window.card().view().grab().toImage();
    const QRgb mat = QColor(0x3b, 0x5a, 0x57).rgb();
    int seen = 0;
    for (int y = 0; y < image.height(); ++y)
      for (int x = 0; x < image.width(); ++x) seen += image.pixel(x, y) == mat;
    QVERIFY2(seen > 200, qPrintable(QString::number(seen)));
  }

  void aNewCardKeepsUnsavedWork() {
    Window w;
    w.session().edit(QStringLiteral("nudge"), withFoot(w.session().plan(), "hare", {90, 15}));
    w.window.visit(QStringLiteral("card"));
    press(w, QStringLiteral("Begin a new card"));
    QVERIFY(w.session().plan().impressions.empty());
    w.session().rescue().flush();
    QVERIFY(!w.session().rescue().lostWork().empty());
  }
};

HAVLO_TEST(TstCardPlace)
#include "tst_card_place.moc"
