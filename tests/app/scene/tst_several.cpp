// Several things at once, by mouse and keys in the real window: choosing, moving, copying, crowds; what is
// held and hidden; the finder of acts.
#include <QCheckBox>
#include <QClipboard>
#include <QContextMenuEvent>
#include <QDropEvent>
#include <QGuiApplication>
#include <QLineEdit>
#include <QMenu>
#include <QMimeData>
#include <QPushButton>
#include <QSpinBox>

#include "app/common/choice_list.h"
#include "app/common/stamp_mime.h"
#include "app/face/loupe.h"
#include "app/face/thing_acts.h"
#include "app/shell/act_finder.h"
#include "core/edit/edits.h"
#include "core/outline/distance.h"
#include "core/viewpoint/scale.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct Several : Window {
  using Window::Window;
  const Plan& plan() { return session().plan(); }
  QStringList chosen() { return session().chosen().all(); }
  QPoint on(const char* id) {
    const Placed& placed = *session().analysis()->meetings.placed[ix(plan().indexOf(id))];
    // A point in it that nothing nearer covers.
    const Box box = boxOf(placed.silhouette);
    for (double v = 0.5; v > 0.02; v *= 0.8)
      for (double u = 0.1; u < 1; u += 0.1)
        for (const double y : {v, 1 - v}) {
          const QPointF q =
              face().geometryNow().toPixels({box.left + u * box.width(), box.bottom + y * box.height()});
          if (thingUnder(q) == plan().indexOf(id)) return q.toPoint();
        }
    qFatal("nothing of %s is to be seen", id);
    return {};
  }
  int thingUnder(QPointF q) {
    const Point at = face().geometryNow().toPanel(q);
    for (int i : session().analysis()->knots.frontToBack) {
      const Rings& s = session().analysis()->meetings.placed[ix(i)]->silhouette;
      if (boxOf(s).grown(0.8).contains(at) && nearestPoint(s, at).distance_mm <= 0.8) return i;
    }
    return -1;
  }
  void click(QPoint p, Qt::KeyboardModifiers keys = {}) {
    QTest::mouseClick(&face(), Qt::LeftButton, keys, p);
  }
  void drag(QPoint from, QPoint to, Qt::KeyboardModifiers keys = {}) {
    QTest::mousePress(&face(), Qt::LeftButton, keys, from);
    for (int k = 1; k <= 6; ++k) {
      const QPointF p = QPointF(from) + (QPointF(to) - QPointF(from)) * k / 6.0;
      QMouseEvent e(QEvent::MouseMove, p, face().mapToGlobal(p), Qt::NoButton, Qt::LeftButton, keys);
      QApplication::sendEvent(&face(), &e);
    }
    QTest::mouseRelease(&face(), Qt::LeftButton, keys, to);
  }
  QMenu* menuOn(QPoint p) {
    QContextMenuEvent e(QContextMenuEvent::Mouse, p, face().mapToGlobal(p));
    QApplication::sendEvent(&face(), &e);
    for (auto* menu : window.scene().findChildren<QMenu*>())
      if (menu->isVisible()) return menu;
    return nullptr;
  }
};

}  // namespace

class TstSeveral : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void shiftAddsAndTakesAway() {
    Several w;
    w.click(w.on("hare"));
    w.click(w.on("duck"), Qt::ShiftModifier);
    w.click(w.on("post1"), Qt::ControlModifier);
    QCOMPARE(w.chosen(), (QStringList{"hare", "duck", "post1"}));
    QVERIFY(says(w.window.scene(), QStringLiteral("3 things")));
    w.click(w.on("duck"), Qt::ShiftModifier);
    QCOMPARE(w.chosen(), (QStringList{"hare", "post1"}));
    // A plain click on one of them lets the others go.
    w.click(w.on("hare"));
    QCOMPARE(w.chosen(), QStringList{"hare"});
    QTest::keyClick(&w.face(), Qt::Key_Escape);
    QVERIFY(w.chosen().isEmpty());
  }

  void aFrameTakesWhatLiesInIt() {
    Several w;
    const FaceGeometry g = w.face().geometryNow();
    const Box hare = boxOf(w.session().analysis()->meetings.placed[ix(w.plan().indexOf("hare"))]->silhouette);
    // From free paper: the lower left of the card to the upper right of the hare.
    const QPoint from = g.toPixels({1, 1}).toPoint();
    QVERIFY(w.thingUnder(from) < 0 || w.plan().impressions[ix(w.thingUnder(from))].id != "hare");
    w.session().choose({});
    QTest::mousePress(&w.face(), Qt::LeftButton, {}, from);
    QVERIFY(w.chosen().isEmpty());  // the towpath lies there: one looks past it
    const QPointF to = g.toPixels({hare.right + 0.5, hare.top + 0.5});
    QMouseEvent move(QEvent::MouseMove, to, w.face().mapToGlobal(to), Qt::NoButton, Qt::LeftButton, {});
    QApplication::sendEvent(&w.face(), &move);
    QTest::mouseRelease(&w.face(), Qt::LeftButton, {}, to.toPoint());
    QVERIFY(w.chosen().contains(QStringLiteral("hare")));
    const Box frame{1, 1, hare.right + 0.5, hare.top + 0.5};
    for (const QString& id : w.chosen()) {
      const Box box =
          boxOf(w.session().analysis()->meetings.placed[ix(w.plan().indexOf(id.toStdString()))]->silhouette);
      QVERIFY2(frame.contains({box.left, box.bottom}) && frame.contains({box.right, box.top}),
               qPrintable(id));
    }
  }

  void oneDragMovesAllAndUndoIsOneStep() {
    Several w;
    w.click(w.on("post1"));
    w.click(w.on("duck"), Qt::ShiftModifier);
    const Point post = w.footOf("post1"), duck = w.footOf("duck");
    const int steps = w.session().undoStack().count();
    const QPoint at = w.on("duck");
    w.drag(at, at + QPoint(17, -9), Qt::AltModifier);
    const double scale = w.face().geometryNow().scale;
    const Point by = w.footOf("duck") - duck;
    QVERIFY(std::fabs(by.x - 17 / scale) < 0.2 && std::fabs(by.y - 9 / scale) < 0.2);
    QVERIFY(std::fabs(w.footOf("post1").x - post.x - by.x) < 1e-9);
    QVERIFY(std::fabs(w.footOf("post1").y - post.y - by.y) < 1e-9);
    QCOMPARE(w.session().undoStack().count(), steps + 1);
    QVERIFY(w.session().undoStack().undoText().contains(QStringLiteral("2 things")));
    w.session().undoStack().undo();
    QVERIFY(w.footOf("duck") == duck && w.footOf("post1") == post);
    // Arrow keys too.
    QTest::keyClick(&w.face(), Qt::Key_Right);
    QCOMPARE(w.footOf("duck").x, duck.x + 1);
    QCOMPARE(w.footOf("post1").x, post.x + 1);
  }

  void keysAloneChooseSeveral() {
    Several w;
    w.face().setFocus();
    QTest::keyClick(&w.face(), Qt::Key_PageDown);
    const QString first = w.session().selected();
    QVERIFY(!first.isEmpty());
    QTest::keyClick(&w.face(), Qt::Key_K);
    QTest::keyClick(&w.face(), Qt::Key_PageDown);
    QTest::keyClick(&w.face(), Qt::Key_PageDown);
    QCOMPARE(w.chosen().size(), 2);
    QVERIFY(w.chosen().contains(first));
    w.window.action(QStringLiteral("chooseAll"))->trigger();
    QCOMPARE(w.chosen().size(), static_cast<qsizetype>(w.plan().impressions.size()));
    w.session().select(QStringLiteral("reeds-left"));
    if (w.session().selected().isEmpty())
      w.session().select(QString::fromStdString(w.plan().impressions[0].id));
    const std::string stamp = w.plan().impressions[ix(w.session().selectedIndex())].stamp;
    w.window.action(QStringLiteral("chooseKind"))->trigger();
    for (const QString& id : w.chosen()) QCOMPARE(w.plan().impression(id.toStdString())->stamp, stamp);
  }

  void linesCatchAndSaySo() {
    Several w;
    w.click(w.on("duck"));
    const FaceGeometry g = w.face().geometryNow();
    const double third = w.plan().card.panel.width_mm * 2 / 3;
    const QPoint from = w.on("duck");
    const int off = qRound((third - w.footOf("duck").x) * g.scale) + 2;
    w.drag(from, from + QPoint(off, 40));
    QCOMPARE(w.footOf("duck").x, third);
    // With Alt nothing catches.
    w.session().undoStack().undo();
    w.drag(from, from + QPoint(off, 40), Qt::AltModifier);
    QVERIFY(std::fabs(w.footOf("duck").x - third) > 0.1);
  }

  void whatIsHeldStaysAndWhatIsHiddenIsOutOfReach() {
    Several w;
    w.click(w.on("duck"));
    const QPoint at = w.on("duck");
    const Point foot = w.footOf("duck");
    w.window.action(QStringLiteral("hold"))->trigger();
    w.drag(at, at + QPoint(20, 5));
    QTest::keyClick(&w.face(), Qt::Key_Right);
    QVERIFY(w.footOf("duck") == foot);
    w.window.action(QStringLiteral("hold"))->trigger();
    QTest::keyClick(&w.face(), Qt::Key_Right);
    QCOMPARE(w.footOf("duck").x, foot.x + 1);
    w.session().undoStack().undo();
    const Plan before = w.plan();
    settle(w.face());
    const QImage with = w.face().grab().toImage();
    w.window.action(QStringLiteral("hide"))->trigger();
    settle(w.face());
    QVERIFY(w.chosen().isEmpty());
    QVERIFY(w.plan() == before);  // the plan keeps it
    w.click(at);
    QVERIFY(w.session().selected() != QLatin1String("duck"));
    w.session().select({});
    settle(w.face());
    const QImage without = w.face().grab().toImage();
    QVERIFY(with.pixel(at) != without.pixel(at) || with != without);
    auto* show = w.face().findChild<QPushButton*>(QStringLiteral("showHidden"));
    QVERIFY(show->isVisible());
    QTest::mouseClick(show, Qt::LeftButton);
    QVERIFY(!show->isVisible());
    settle(w.face());
    w.click(at);
    QCOMPARE(w.session().selected(), QStringLiteral("duck"));
    // Another plan begins with nothing held or hidden.
    w.window.action(QStringLiteral("hide"))->trigger();
    w.window.openDemo();
    QVERIFY(w.session().aside().isEmpty());
  }

  void copiesGoByTheClipboardIntoAnotherPlan() {
    Several w;
    w.click(w.on("hare"));
    w.click(w.on("duck"), Qt::ShiftModifier);
    w.window.action(QStringLiteral("copyThings"))->trigger();
    QVERIFY(QGuiApplication::clipboard()->mimeData()->text().contains(QStringLiteral("Hare")));
    const size_t before = w.plan().impressions.size();
    w.window.action(QStringLiteral("pasteThings"))->trigger();
    QCOMPARE(w.plan().impressions.size(), before + 2);
    QCOMPARE(w.chosen().size(), 2);
    QVERIFY(w.footOf("hare").x != w.plan().impressions[before].at.x);  // not right over it
    w.window.errands().startNewCard();
    QVERIFY(w.plan().impressions.empty());
    w.window.visit(QStringLiteral("scene"));
    w.window.action(QStringLiteral("pasteThings"))->trigger();
    QCOMPARE(w.plan().impressions.size(), size_t{2});
    QCOMPARE(w.plan().stamps.size(), size_t{2});
    w.session().undoStack().undo();
    QVERIFY(w.plan().impressions.empty());
    // Junk under our name is refused with a word.
    auto* junk = new QMimeData;
    junk->setData(QStringLiteral("application/x-havlo-things+json"), "{\"havlo\": 2, ");
    QGuiApplication::clipboard()->setMimeData(junk);
    QSignalSpy trouble(&w.session(), &PlanSession::trouble);
    w.window.scene().acts().run(QStringLiteral("pasteThings"));
    QCOMPARE(trouble.size(), 1);
    QVERIFY(w.plan().impressions.empty());
  }

  void cutTakesAwayWhatItCopies() {
    Several w;
    w.click(w.on("duck"));
    w.window.action(QStringLiteral("cutThings"))->trigger();
    QVERIFY(!w.plan().impression("duck"));
    w.window.action(QStringLiteral("pasteThings"))->trigger();
    QVERIFY(w.plan().impression("duck"));
  }

  void aStampIsDroppedWhereItIsLetGo() {
    Several w;
    const FaceGeometry g = w.face().geometryNow();
    QMimeData stamp;
    stamp.setData(kStampMime, "=" + QByteArray::fromStdString(w.plan().impression("duck")->stamp));
    const QPointF at = g.toPixels({150, 20});
    QDragEnterEvent enter(at.toPoint(), Qt::CopyAction, &stamp, Qt::LeftButton, {});
    QApplication::sendEvent(&w.face(), &enter);
    QVERIFY(enter.isAccepted());
    QDropEvent drop(at, Qt::CopyAction, &stamp, Qt::LeftButton, {});
    const size_t before = w.plan().impressions.size();
    QApplication::sendEvent(&w.face(), &drop);
    QCOMPARE(w.plan().impressions.size(), before + 1);
    QVERIFY(std::hypot(w.plan().impressions.back().at.x - 150, w.plan().impressions.back().at.y - 20) < 0.2);
    // Carried things land under the pointer.
    w.session().select(QStringLiteral("hare"));
    std::unique_ptr<QMimeData> carried(w.window.scene().acts().carried());
    QDragEnterEvent again(QPoint(200, 200), Qt::CopyAction, carried.get(), Qt::LeftButton, {});
    QApplication::sendEvent(&w.face(), &again);
    QDropEvent put(w.face().geometryNow().toPixels({40, 12}), Qt::CopyAction, carried.get(), Qt::LeftButton,
                   {});
    QApplication::sendEvent(&w.face(), &put);
    QVERIFY(std::hypot(w.plan().impressions.back().at.x - 40, w.plan().impressions.back().at.y - 12) < 0.2);
  }

  void theMenuOnAThingHoldsEveryAct() {
    Several w;
    QMenu* menu = w.menuOn(w.on("duck"));
    QVERIFY(menu);
    QCOMPARE(w.session().selected(), QStringLiteral("duck"));
    QStringList acts;
    for (QAction* a : menu->actions())
      if (!a->isSeparator()) acts << a->objectName();
    for (const Command& c : w.window.scene().acts().commands()) QCOMPARE(acts.contains(c.id), c.enabled());
    for (QAction* a : menu->actions())
      if (a->menu() && a->text().remove(u'&') == QLatin1String("Ink")) {
        QCOMPARE(a->menu()->actions().size(), static_cast<qsizetype>(w.plan().inks.size()));
        a->menu()->actions().last()->trigger();
      }
    QCOMPARE(w.plan().impression("duck")->ink, w.plan().inks.back().id);
    menu->close();
  }

  void theLoupeFollowsThePointer() {
    Several w;
    w.face().setFocus();
    QTest::keyClick(&w.face(), Qt::Key_Z);
    QVERIFY(w.face().loupeOn());
    auto* loupe = w.face().findChild<Loupe*>(QStringLiteral("loupe"));
    settle(w.face());
    const QPoint at = w.on("hare");
    QMouseEvent move(QEvent::MouseMove, QPointF(at), w.face().mapToGlobal(QPointF(at)), Qt::NoButton,
                     Qt::NoButton, {});
    QApplication::sendEvent(&w.face(), &move);
    QVERIFY((loupe->geometry().center() - at).manhattanLength() < 4);
    QTest::keyClick(&w.face(), Qt::Key_Escape);
    QVERIFY(!w.face().loupeOn());
  }

  void zoomKeepsWhatIsUnderThePointerAndPansByKeys() {
    Several w;
    const QPointF at(200, 150);
    const Point under = w.face().geometryNow().toPanel(at);
    w.face().setZoom(3, at);
    const Point now = w.face().geometryNow().toPanel(at);
    QVERIFY(std::hypot(now.x - under.x, now.y - under.y) < 1e-6);
    const QPointF origin = w.face().geometryNow().origin;
    QTest::keyClick(&w.face(), Qt::Key_Left, Qt::ControlModifier);
    QCOMPARE(w.face().geometryNow().origin.x(), origin.x() + 40);
    // It cannot be pushed out of sight.
    for (int k = 0; k < 200; ++k) QTest::keyClick(&w.face(), Qt::Key_Right, Qt::ControlModifier);
    QVERIFY(w.face().geometryNow().face().right() >= 59);
    w.face().setZoom(1);
  }

  // From an empty card with the samples in the drawer: twelve people, each where the size is right.
  void aCrowdOfTwelveTakesFewActs() {
    Several w(false);
    QVERIFY(w.window.drawerSession().fillWithDemo() || !w.window.drawerSession().index().cards().empty());
    w.window.errands().startNewCard();
    w.window.visit(QStringLiteral("scene"));
    int acts = 0;
    w.window.action(QStringLiteral("crowd"))->trigger();  // Ctrl+Shift+C
    ++acts;
    auto* count = w.window.findChild<QSpinBox*>(QStringLiteral("crowdCount"));
    QVERIFY(count && count->isVisible());
    QCOMPARE(count->value(), 12);
    auto* stamps = w.window.findChild<QWidget*>(QStringLiteral("crowdStamps"));
    int taken = 0;
    for (auto* box : stamps->findChildren<QCheckBox*>()) taken += box->isChecked();
    for (auto* box : stamps->findChildren<QCheckBox*>())
      if (taken < 3 && !box->isChecked() && box->isEnabled()) {
        box->click();
        ++acts, ++taken;
      }
    auto* put = w.window.findChild<QPushButton*>(QStringLiteral("putCrowd"));
    QVERIFY(put->isVisible() && put->isEnabled());
    QTest::mouseClick(put, Qt::LeftButton);
    ++acts;
    QCOMPARE(w.plan().impressions.size(), size_t{12});
    QCOMPARE(w.chosen().size(), 12);
    QVERIFY2(acts <= 12, qPrintable(QString::number(acts)));
    qInfo("a crowd of twelve: %d acts", acts);
    w.session().undoStack().undo();  // one step
    QVERIFY(w.plan().impressions.empty());
  }

  // What is done on a place's pages stands in no menu: found by a word one would use for it, done by Return.
  void whatIsDoneOnPagesIsFoundByTyping() {
    Several w;
    w.window.action(QStringLiteral("findAct"))->trigger();
    auto* finder = w.window.findChild<ActFinder*>();
    auto* typed = finder->findChild<QLineEdit*>(QStringLiteral("actTyped"));
    QTest::keyClicks(typed, QStringLiteral("fog"));
    const size_t before = w.plan().washes.size();
    QTest::keyClick(typed, Qt::Key_Return);
    QTRY_COMPARE(w.plan().washes.size(), before + 1);
    QCOMPARE(w.plan().washes.back().kind, WashKind::Mist);
    QCOMPARE(w.window.current(), QStringLiteral("ink"));
    w.window.action(QStringLiteral("undo"))->trigger();
    QCOMPARE(w.plan().washes.size(), before);
    // Each leads to a page that is there.
    int pages = 0;
    w.window.action(QStringLiteral("findAct"))->trigger();
    finder = w.window.findChild<ActFinder*>();
    QStringList found;
    for (int k = 0; k < finder->list().count(); ++k) found.push_back(finder->list().keyAt(k));
    finder->hide();
    for (const QString& id : found) {
      const QStringList path = id.split(u'/');
      if (path.size() < 2) continue;
      w.window.action(id)->trigger();
      QCOMPARE(w.window.current(), path[0]);
      const auto* tab = w.window.place(path[0]).findChild<QAbstractButton*>(path[1]);
      QVERIFY2(tab && tab->isChecked() && tab->isVisible(), qPrintable(path.join(u'/')));
      ++pages;
    }
    QVERIFY(pages >= 25);
    // Nine of them have added a wash.
    QCOMPARE(w.plan().washes.size(), before + 9);
  }

  void actsAreFoundByTyping() {
    Several w;
    w.click(w.on("duck"));
    w.window.action(QStringLiteral("findAct"))->trigger();
    auto* finder = w.window.findChild<ActFinder*>();
    QVERIFY(finder && finder->isVisible());
    auto* typed = finder->findChild<QLineEdit*>(QStringLiteral("actTyped"));
    QTest::keyClicks(typed, QStringLiteral("duplicate"));
    QVERIFY(finder->list().count() > 0);
    QCOMPARE(finder->list().keyAt(0), QStringLiteral("another"));
    const size_t before = w.plan().impressions.size();
    QTest::keyClick(typed, Qt::Key_Return);
    QTRY_COMPARE(w.plan().impressions.size(), before + 1);
    QVERIFY(!finder->isVisible());
    // Everything of every menu is found; nothing is there that does not exist.
    w.window.action(QStringLiteral("findAct"))->trigger();
    finder = w.window.findChild<ActFinder*>();
    for (const char* id : {"save", "order", "printMasks", "loupe", "crowd"}) {
      bool found = false;
      for (int k = 0; k < finder->list().count(); ++k)
        found = found || finder->list().keyAt(k) == QLatin1String(id);
      QVERIFY2(found, id);
    }
    typed = finder->findChild<QLineEdit*>(QStringLiteral("actTyped"));
    // The lesson of the same name puts the card away: it comes after the act, and says what it is.
    QTest::keyClicks(typed, QStringLiteral("crowd"));
    QCOMPARE(finder->list().keyAt(0), QStringLiteral("crowd"));
    typed->clear();
    QTest::keyClicks(typed, QStringLiteral("order & masks"));
    QCOMPARE(finder->list().keyAt(0), QStringLiteral("order"));
    typed->clear();
    QTest::keyClicks(typed, QStringLiteral("zzz"));
    QCOMPARE(finder->list().count(), 0);
    QTest::keyClick(typed, Qt::Key_Return);
    QVERIFY(finder->isVisible());
  }

  // Closeness, the spot looked at and what was held are there again with the file, in a new window as well; a
  // plan that never was looked at closely is seen whole.
  void aPlanIsSeenAgainAsItWasLeft() {
    QTemporaryDir folder;
    const QString one = folder.filePath(QStringLiteral("one.havlo")),
                  two = folder.filePath(QStringLiteral("two.havlo"));
    const auto checkSight = [](Window& w, Point middle) {
      QVERIFY(std::fabs(w.face().zoom() - 3) < 1e-9);
      const Point seen = w.face().geometryNow().toPanel(w.face().rect().center());
      QVERIFY2(distance(seen, middle) < 1.5, qPrintable(QStringLiteral("%1 %2").arg(seen.x).arg(seen.y)));
      QVERIFY(w.session().aside().held.contains(QStringLiteral("hare")));
      QVERIFY(w.session().isHidden(w.session().plan().indexOf("duck")));
    };
    Point middle;
    {
      Several w;
      QVERIFY(w.session().saveAs(one));
      w.face().setZoom(3, w.face().geometryNow().toPixels(w.footOf("hare")));
      // Pushed by the wheel.
      QWheelEvent push(QPointF(200, 200), w.face().mapToGlobal(QPointF(200, 200)), QPoint(40, -25),
                       QPoint(0, -25), {}, {}, Qt::NoScrollPhase, false);
      QCoreApplication::sendEvent(&w.face(), &push);
      w.session().setAside({{QStringLiteral("hare")}, {QStringLiteral("duck")}});
      middle = w.face().geometryNow().toPanel(w.face().rect().center());
      QVERIFY(distance(middle, w.session().plan().card.panel.box().centre()) > 5);
      w.window.openDemo(QStringLiteral("potting-shed"));
      QCOMPARE(w.face().zoom(), 1.0);
      QVERIFY(w.session().aside().isEmpty());
      QVERIFY(w.session().saveAs(two));
      QVERIFY(w.window.openFile(one));
      checkSight(w, middle);
    }
    Window again(false);
    QVERIFY(again.window.openFile(two));
    QCOMPARE(again.face().zoom(), 1.0);
    QVERIFY(again.window.openFile(one));
    checkSight(again, middle);
    // A smaller window looks at the same spot.
    again.window.resize(1024, 700);
    QCoreApplication::processEvents();
    checkSight(again, middle);
  }

  // In the walk several go nearer and farther by one factor.
  void theWalkMovesAllByOneFactor() {
    Several w;
    w.session().choose({QStringLiteral("post1"), QStringLiteral("duck")});
    const auto away = [&](const char* id) {
      return w.session().analysis()->depth->distance_m(w.plan().indexOf(id));
    };
    const double post = away("post1"), duck = away("duck");
    w.walk().setFocus();
    QTest::keyClick(&w.walk(), Qt::Key_Right);
    QVERIFY(std::fabs(away("post1") / post - 1.05) < 1e-6);
    QVERIFY(std::fabs(away("duck") / duck - 1.05) < 1e-6);
  }
};

HAVLO_TEST(TstSeveral)
#include "tst_several.moc"
