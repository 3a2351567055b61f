// The place Card through its real window.
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QMenu>
#include <QPointer>
#include <QPushButton>
#include <QSignalSpy>

#include "app/card/card_place.h"
#include "app/card/card_view.h"
#include "app/card/pieces_page.h"
#include "app/card/stack_view.h"
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
      if (l->isVisibleTo(&w.window.card()) && wordsOn(*l).contains(text)) return true;
    return false;
  }
  static void press(Window& w, const QString& text) {
    QCoreApplication::processEvents();
    for (QPushButton* b : w.window.card().findChildren<QPushButton*>())
      if (b->text() == text && b->isVisible()) return QTest::mouseClick(b, Qt::LeftButton);
    QFAIL(qPrintable(text));
  }

  /// Picks a menu's entry by its words, going down through its sub-menus.
  static void choose(QMenu& menu, const QStringList& words) {
    Q_EMIT menu.aboutToShow();
    QMenu* now = &menu;
    for (const QString& word : words) {
      QAction* found = nullptr;
      for (QAction* a : now->actions())
        if (a->text().contains(word)) found = a;
      QVERIFY2(found, qPrintable(word));
      if (!found->menu()) return found->trigger();
      now = found->menu();
    }
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
    auto* usual = w.window.card().findChild<QComboBox*>(QStringLiteral("usualSize"));
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

  // ---- pieces

  /// A menu that stands open while another plan comes names things that are gone by then: their entries do
  /// nothing.
  void anEntryOfAThingThatIsGoneDoesNothing() {
    Window w;
    w.window.visit(QStringLiteral("card"));
    press(w, QStringLiteral("Pieces"));
    auto* menu = w.window.card().findChild<QPushButton*>(QStringLiteral("addPiece"))->menu();
    Q_EMIT menu->aboutToShow();
    QList<QPointer<QAction>> entries;
    for (QAction* a : menu->actions())
      if (a->menu())
        for (QAction* b : a->menu()->actions()) entries << b;
    QVERIFY(entries.size() > 20);
    Plan one = w.session().plan();
    one.impressions.resize(1);
    one.washes.clear(), one.colourings.clear(), one.lines.clear(), one.accents.clear();
    w.session().start(one);
    int done = 0;
    for (const auto& entry : entries) {
      if (!entry) continue;
      const Plan before = w.session().plan();
      entry->trigger();
      done += !(w.session().plan() == before);
      w.session().start(one);
    }
    QVERIFY2(done <= 3, qPrintable(QString::number(done)));  // of what is still there
  }

  void piecesAreAddedGivenASizeRaisedAndTakenOff() {
    Window w;
    w.window.visit(QStringLiteral("card"));
    CardPlace& card = w.window.card();
    press(w, QStringLiteral("Pieces"));
    auto* add = card.findChild<QPushButton*>(QStringLiteral("addPiece"));
    QVERIFY(add && add->isVisible());
    choose(*add->menu(), {QStringLiteral("A plain shape")});
    QCOMPARE(w.session().plan().pieces.size(), size_t{1});
    QCOMPARE(card.pieces().chosen(), w.session().plan().pieces[0].id);
    type(field(w, QStringLiteral("Width of the piece")), QStringLiteral("40mm"));
    QCOMPARE(w.session().plan().pieces[0].width_mm, 40.0);
    type(field(w, QStringLiteral("Width of the piece")), QStringLiteral("0"));  // refused, and back again
    QCOMPARE(w.session().plan().pieces[0].width_mm, 40.0);
    auto* raise = card.findChild<QDoubleSpinBox*>(QStringLiteral("pieceRaise"));
    raise->setFocus();
    QTest::keyClick(raise, Qt::Key_Up);
    QCOMPARE(w.session().plan().pieces[0].raise_mm, 0.5);
    // A strip under the greeting takes it along.
    choose(*add->menu(), {QStringLiteral("A strip under"), QStringLiteral("“Up you go”")});
    QCOMPARE(w.session().plan().pieces.size(), size_t{2});
    const std::string strip = w.session().plan().pieces[1].id;
    QCOMPARE(w.session().plan().impression("greeting")->piece, strip);
    settleOrder(w.session());
    const auto& steps = w.session().analysis()->sheet.steps;
    QVERIFY(std::any_of(steps.begin(), steps.end(),
                        [](const Step& s) { return s.what == Do::Glue && s.paper == 1; }));
    // Dragged on the drawing it goes there with its words, in one step of undo.
    waitForJobs(w.window);
    const Point foot = w.footOf("greeting");
    const Piece& lies = w.session().plan().pieces[1];
    const QPoint at = card.view().toPixels(lies.at + Point{4, 3}).toPoint();
    QTest::mousePress(&card.view(), Qt::LeftButton, {}, at);
    for (int k = 1; k <= 5; ++k) QTest::mouseMove(&card.view(), at + QPoint(2 * k, 3 * k));
    QTest::mouseRelease(&card.view(), Qt::LeftButton, {}, at + QPoint(10, 15));
    const Point moved = w.footOf("greeting") - foot;
    QVERIFY(moved.x > 1 && moved.y < -1);
    w.session().undoStack().undo();
    QVERIFY(distance(w.footOf("greeting"), foot) < 1e-9);
    auto* off = card.findChild<QPushButton*>(QStringLiteral("takeOffPiece-") + QString::fromStdString(strip));
    QTest::mouseClick(off, Qt::LeftButton);
    QVERIFY(w.session().plan().impression("greeting")->piece.empty());
    QCOMPARE(w.session().plan().pieces.size(), size_t{1});
  }

  void theStackIsSeenFromAnAngleAndFromTheSide() {
    Window w;
    w.window.openDemo(QStringLiteral("teaching-papers"));
    w.window.visit(QStringLiteral("card"));
    CardPlace& card = w.window.card();
    press(w, QStringLiteral("From an angle"));
    waitForJobs(w.window);
    StackView& stack = card.stack();
    QVERIFY(stack.isVisible());
    const auto differs = [](const QImage& a, const QImage& b) {
      int n = 0;
      for (int y = 0; y < a.height(); y += 3)
        for (int x = 0; x < a.width(); x += 3) n += a.pixel(x, y) != b.pixel(x, y);
      return n;
    };
    const QImage first = stack.grab().toImage();
    const double turn = stack.turn_deg();
    QTest::mousePress(&stack, Qt::LeftButton, {}, stack.rect().center());
    QTest::mouseMove(&stack, stack.rect().center() + QPoint(60, 10));
    QTest::mouseRelease(&stack, Qt::LeftButton, {}, stack.rect().center() + QPoint(60, 10));
    QVERIFY(stack.turn_deg() != turn);
    QVERIFY(differs(first, stack.grab().toImage()) > 500);
    stack.setFocus();
    for (int key : {Qt::Key_Left, Qt::Key_Right, Qt::Key_Up, Qt::Key_Down, Qt::Key_Return})
      QTest::keyClick(&stack, static_cast<Qt::Key>(key));
    press(w, QStringLiteral("From the side"));
    QVERIFY(differs(first, stack.grab().toImage()) > 500);
    QVERIFY(says(w, QStringLiteral("thick with its foam")));
    // A post that takes less is said.
    press(w, QStringLiteral("Pieces"));
    type(field(w, QStringLiteral("Greatest thickness that your post takes")), QStringLiteral("3"));
    QVERIFY(says(w, QStringLiteral("thicker than your post takes")));
    // Another plan while it is looked at.
    w.window.openDemo(QStringLiteral("potting-shed"));
    w.session().undoStack().undo();
    waitForJobs(w.window);
    QVERIFY(!stack.grab().toImage().isNull());
  }
};

HAVLO_TEST(TstCardPlace)
#include "tst_card_place.moc"
