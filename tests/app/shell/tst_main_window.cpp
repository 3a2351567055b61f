// Opening, saving, dropping, recent files, recovery, printing to PDF and appearance, through the real window.
#include <QDialogButtonBox>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QMenu>
#include <QMenuBar>
#include <QMimeData>
#include <QProcess>
#include <QPushButton>
#include <QSettings>
#include <QTimer>

#include "app/files/file_chooser.h"
#include "app/shell/trail.h"
#include "io/files/plan_file.h"
#include "support/plans.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Types a path into the next file dialog and accepts it.
void answerFileDialog(const QString& path) {
  auto* timer = new QTimer(qApp);
  QObject::connect(timer, &QTimer::timeout, timer, [timer, path] {
    auto* dialog = qobject_cast<FileChooser*>(QApplication::activeModalWidget());
    if (!dialog) return;
    timer->deleteLater();
    auto* name = dialog->findChild<QLineEdit*>(QStringLiteral("fileName"));
    name->setText(path);
    QTest::keyClick(name, Qt::Key_Return);
  });
  timer->start(50);
}

}  // namespace

class TstMainWindow : public QObject {
  Q_OBJECT

 private:
  QTemporaryDir m_folder;

 private Q_SLOTS:
  void initTestCase() {
    prepareApplication();
    QSettings().clear();
  }

  void savedReopenedAndTheSame() {
    const QString path = m_folder.filePath(QStringLiteral("mine.havlo"));
    Plan kept;
    {
      Window w;
      w.session().edit(QStringLiteral("Move"), withFoot(w.session().plan(), "duck", {150, 20}));
      answerFileDialog(path);
      w.window.action(QStringLiteral("save"))->trigger();  // without a file it asks where
      QVERIFY(QFile::exists(path));
      QVERIFY(!w.session().isDirty());
      QVERIFY(w.window.windowTitle().contains(QStringLiteral("Kite over the long pound")));
      kept = w.session().plan();
    }
    Window again(false);
    answerFileDialog(path);
    again.window.action(QStringLiteral("open"))->trigger();
    waitForJobs(again.window);
    QVERIFY(again.session().plan() == kept);
    QCOMPARE(again.session().path(), path);
  }

  void recentFilesAreOffered() {
    const QString path = m_folder.filePath(QStringLiteral("recent.havlo"));
    QVERIFY(bool(savePlan(path, demo("teaching-crowd"))));
    Window w;
    QVERIFY(w.window.openFile(path));
    w.window.openDemo();
    for (QMenu* menu : w.window.menuBar()->findChildren<QMenu*>())
      if (menu->title().contains(QStringLiteral("recent"))) {
        Q_EMIT menu->aboutToShow();
        QCOMPARE(menu->actions().constFirst()->text(), QStringLiteral("recent.havlo"));
        menu->actions().constFirst()->trigger();
      }
    waitForJobs(w.window);
    QCOMPARE(w.session().title(), QStringLiteral("Crowd"));
  }

  void aDroppedFileIsOpened() {
    const QString path = m_folder.filePath(QStringLiteral("dropped.havlo"));
    QVERIFY(bool(savePlan(path, demo("teaching-avenue"))));
    Window w;
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(path)});
    QDragEnterEvent enter(QPoint(100, 100), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&w.window, &enter);
    QVERIFY(enter.isAccepted());
    QDropEvent drop(QPointF(100, 100), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&w.window, &drop);
    waitForJobs(w.window);
    QCOMPARE(w.session().title(), QStringLiteral("Avenue"));
  }

  void aBadFileIsSaidInTheWindow() {
    QFile f(m_folder.filePath(QStringLiteral("bad.havlo")));
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.write("{");
    f.close();
    Window w;
    QVERIFY(!w.window.openFile(f.fileName()));
    QVERIFY(w.window.messages().shownText().contains(QStringLiteral("bad.havlo")));
    QCOMPARE(w.session().title(), QStringLiteral("Kite over the long pound"));
  }

  void aLargePlanIsOpenedWithoutBlocking() {
    Plan large = demo("canal-towpath");
    large.notes = std::string(6 << 20, 'n');
    const QString path = m_folder.filePath(QStringLiteral("large.havlo"));
    QVERIFY(bool(savePlan(path, large)));
    Window w(false);
    w.window.filing().open(path);
    QVERIFY(w.session().plan().impressions.empty());  // it is still being read
    QTRY_VERIFY_WITH_TIMEOUT(w.session().plan() == large, 30000);
    QCOMPARE(w.session().path(), path);
  }

  void aFileChangedUnderneathIsAskedAbout() {
    const QString path = m_folder.filePath(QStringLiteral("shared.havlo"));
    QVERIFY(bool(savePlan(path, demo("teaching-crowd"))));
    Window w;
    QVERIFY(w.window.openFile(path));
    QVERIFY(bool(savePlan(path, demo("teaching-avenue"))));
    w.session().edit(QStringLiteral("Move"), withFoot(w.session().plan(), "duck1", {30, 40}));
    w.window.action(QStringLiteral("save"))->trigger();
    QVERIFY(w.window.messages().shownText().contains(QStringLiteral("changed by someone else")));
    QCOMPARE(loadPlan(path).value().plan.title, std::string("Avenue"));
    press(w.window.messages(), QStringLiteral("Replace it"));
    QCOMPARE(loadPlan(path).value().plan.title, std::string("Crowd"));
  }

  // Who works on a card that is in no file is told once, and not any more when it is saved.
  void theHintToSaveGoesWhenItIsSaved() {
    const QTemporaryDir folder;
    testing::KnownWindow window(folder.path());
    window.openDemo();
    window.show();
    const auto told = [&] {
      return window.messages().shownText().contains(QStringLiteral("in no file yet"));
    };
    for (int k = 0; k < 14; ++k)
      window.session().edit(QStringLiteral("Move %1").arg(k),
                            withFoot(window.session().plan(), "duck", {120.0 + k, 21}));
    QVERIFY(told());
    QVERIFY(window.session().saveAs(folder.filePath(QStringLiteral("duck.havlo"))));
    QVERIFY(!told());
  }

  void lostWorkIsTakenUpAgain() {
    const QTemporaryDir rescue;
    Plan lost;
    {
      testing::KnownWindow first(rescue.path());
      first.openDemo();
      first.session().edit(QStringLiteral("Move"), withFoot(first.session().plan(), "duck", {140, 21}));
      lost = first.session().plan();
      first.close();  // asks nothing
    }
    testing::KnownWindow second(rescue.path());
    second.show();
    second.offerLostWork();
    QVERIFY(second.messages().shownText().contains(QStringLiteral("Kite over the long pound")));
    const Plan before = second.session().plan();
    press(second.messages(), QStringLiteral("Take it up again"));
    QVERIFY(second.session().plan() == before);  // it is read on a thread of its own
    second.waitForFiles();
    QVERIFY(second.session().plan() == lost);
    QVERIFY(second.session().isDirty());
    QVERIFY(second.session().rescue().lostWork().empty());
  }

  void printoutsAreWrittenWithoutBlocking_data() {
    QTest::addColumn<int>("kind");
    QTest::newRow("placement") << int(PrintoutKind::Placement);
    QTest::newRow("masks") << int(PrintoutKind::Masks);
    QTest::newRow("run sheet") << int(PrintoutKind::RunSheet);
  }
  void printoutsAreWrittenWithoutBlocking() {
    QFETCH(int, kind);
    Window w;
    const QString pdf = m_folder.filePath(QStringLiteral("out%1.pdf").arg(kind));
    w.window.printing().exportPdfTo(w.window.printing().wishFor(static_cast<PrintoutKind>(kind)), pdf);
    QVERIFY(!QFile::exists(pdf));  // the call has returned and the work goes on, on its own thread
    QTRY_VERIFY_WITH_TIMEOUT(w.window.messages().shownText().contains(QStringLiteral("at true size")), 60000);
    QProcess info;
    info.start(QStringLiteral("pdfinfo"), {pdf});
    QVERIFY(info.waitForFinished() && info.exitCode() == 0);
    QVERIFY(info.readAllStandardOutput().contains("A4"));
  }

  void theTrailSaysHowThingsStand() {
    Window w;
    auto* trail = w.window.findChild<Trail*>();
    QVERIFY(trail->accessibleDescription().contains(QStringLiteral("Scene: 1 thing to look at")));
    QTest::mouseClick(trail, Qt::LeftButton, {}, trail->areaOf(3).center());
    settle(w.window.order());
    QVERIFY(trail->accessibleDescription().contains(QStringLiteral("proven")));
    trail->setFocus();
    QTest::keyClick(trail, Qt::Key_Left);
    QVERIFY(w.window.scene().isVisible());
  }

  /// Only what changed is painted; what stands on the screen is what a whole painting shows.
  void theTrailLooksTheSamePaintedInParts() {
    Window w;
    auto* trail = w.window.findChild<Trail*>();
    const auto onScreen = [&] {
      QTest::qWait(20);
      return trail->screen()
          ->grabWindow(w.window.winId())
          .toImage()
          .copy(QRect(trail->mapTo(&w.window, QPoint()), trail->size()));
    };
    std::vector<Trail::Place> places;
    for (const char* name : {"card", "drawer", "scene", "order", "ink"})
      places.push_back(
          {QLatin1String(name), QStringLiteral("fine"), QStringLiteral("place-card"), Mark::Fine, {}});
    trail->setPlaces(places);
    const QImage fine = onScreen();
    int other = 0;
    for (size_t k = 0; k < places.size(); ++k)
      for (const Mark mark : {Mark::NotBegun, Mark::Look, Mark::Fine}) {
        places[k].mark = mark;
        trail->setPlaces(places);
        const QImage parts = onScreen();
        trail->update();
        QCOMPARE(parts, onScreen());
        other += parts != fine;
      }
    QCOMPARE(other, 10);
  }

  void aMenuThatIsOpenGoesWithThePlanItIsAbout() {
    Window w;
    w.window.visit(QStringLiteral("scene"));
    int menus = 0;
    for (QPushButton* button : w.window.findChildren<QPushButton*>()) {
      if (!button->menu() || !button->isVisible()) continue;
      button->menu()->popup(button->mapToGlobal(QPoint(4, 4)));
      // An order found for the same plan comes when it is ready: the menu stays.
      Q_EMIT w.session().planChanged();
      QVERIFY(button->menu()->isVisible());
      w.window.openDemo(QStringLiteral("teaching-crowd"));
      QVERIFY2(!button->menu()->isVisible(), qPrintable(button->text()));
      ++menus;
    }
    QVERIFY(menus > 0);
    // So does one that was opened from another.
    QMenu* plan = w.window.menuBar()->findChild<QMenu*>(QStringLiteral("plan"));
    plan->popup(w.window.mapToGlobal(QPoint(4, 20)));
    QMenu* recent = plan->findChild<QMenu*>();
    recent->addAction(QStringLiteral("one"));
    recent->popup(w.window.mapToGlobal(QPoint(80, 60)));
    w.window.openDemo();
    QVERIFY(!recent->isVisible() && !plan->isVisible());
  }

  void undoIsNamedInTheMenu() {
    Window w;
    QVERIFY(!w.window.action(QStringLiteral("undo"))->isEnabled());
    w.session().edit(QStringLiteral("Move the duck 6 mm down"),
                     withFoot(w.session().plan(), "duck", {150, 20}));
    QCOMPARE(w.window.action(QStringLiteral("undo"))->text(),
             QStringLiteral("Undo: Move the duck 6 mm down"));
    w.window.action(QStringLiteral("undo"))->trigger();
    QCOMPARE(w.window.action(QStringLiteral("redo"))->text(),
             QStringLiteral("Redo: Move the duck 6 mm down"));
  }

  void largeTextAndTheDarkGroundKeepThePlan() {
    Window w;
    w.session().select(QStringLiteral("hare"));
    const Plan before = w.session().plan();
    w.window.setAppearance({true, 1.5});
    QVERIFY(theme().dark);
    QVERIFY(w.session().plan() == before);
    QVERIFY(w.window.minimumSizeHint().width() <= 1280 && w.window.minimumSizeHint().height() <= 800);
    w.window.setAppearance({false, 1.0});
    QCOMPARE(w.session().selected(), QStringLiteral("hare"));
  }

  void everythingCanBeReachedAndHasAName() {
    Window w;
    for (const QString& id :
         {QStringLiteral("open"), QStringLiteral("save"), QStringLiteral("undo"), QStringLiteral("scene"),
          QStringLiteral("order"), QStringLiteral("remove"), QStringLiteral("printPlacement")})
      QVERIFY2(!w.window.action(id)->shortcut().isEmpty(), qPrintable(id));
    for (QWidget* widget : w.window.findChildren<QWidget*>()) {
      if (widget->focusPolicy() == Qt::NoFocus || !widget->isVisible()) continue;
      const bool named = !widget->accessibleName().isEmpty() || qobject_cast<QPushButton*>(widget) ||
                         widget->inherits("QScrollArea") || widget->inherits("QMenuBar") ||
                         widget->inherits("QScrollBar") || widget->parentWidget()->inherits("QSpinBox") ||
                         widget->inherits("QStackedWidget");
      QVERIFY2(named, widget->metaObject()->className());
    }
  }
};

HAVLO_TEST(TstMainWindow)
#include "tst_main_window.moc"
