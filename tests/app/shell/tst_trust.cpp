// What once broke a maker's work, each driven as she does it: by clicks and keys in the real window.
#include <QAbstractItemView>
#include <QComboBox>
#include <QDir>
#include <QFile>
#include <QLineEdit>
#include <QMenu>
#include <QMenuBar>
#include <QPushButton>
#include <QSettings>
#include <QStatusBar>
#include <QTemporaryDir>
#include <QTest>
#include <random>

#include "app/masks/masks_page.h"
#include "app/order/joins_page.h"
#include "app/order/schools_page.h"
#include "app/order/slips_page.h"
#include "app/session/settings.h"
#include "core/edit/edits.h"
#include "io/files/plan_file.h"
#include "support/plans.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// The visible boxes of a page that can be chosen from.
QList<QComboBox*> choices(QWidget& page) {
  QList<QComboBox*> out;
  for (auto* box : page.findChildren<QComboBox*>())
    if (box->isVisible() && box->isEnabled() && box->count() > 1) out << box;
  return out;
}

/// Opens the list of a box and clicks a row, as a hand does.
void pickByMouse(QComboBox* box, int row) {
  box->showPopup();
  QAbstractItemView* view = box->view();
  QTest::mouseMove(view->viewport(), view->visualRect(view->model()->index(row, 0)).center());
  QTest::mouseClick(view->viewport(), Qt::LeftButton, {},
                    view->visualRect(view->model()->index(row, 0)).center());
  if (box->view()->isVisible()) box->hidePopup();
}

}  // namespace

class TstTrust : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  // The list was rebuilt inside its own signal: any way chosen for a thing ended the window.
  void everySchoolCanBeChosenByMouseAndByKey() {
    Window w;
    w.window.visit(QStringLiteral("order"));
    w.window.order().showPage(OrderPlace::Schools);
    SchoolsPage& page = *w.window.order().findChild<SchoolsPage*>();
    waitForJobs(w.session());
    const auto boxes = choices(page);
    QVERIFY(boxes.size() > 5);
    QComboBox* second = boxes[1];  // the first is that of the whole plan
    for (int row = 0; row < second->count(); ++row) {
      const int before = w.session().undoStack().count();
      const bool same = second->currentIndex() == row;
      pickByMouse(second, row);
      QCOMPARE(choices(page)[1], second);  // the row that spoke is the row that stays
      QCOMPARE(w.session().undoStack().count(), before + (same ? 0 : 1));
    }
    second->setFocus();
    for (int k = 0; k < 20; ++k) QTest::keyClick(second, k % 3 ? Qt::Key_Down : Qt::Key_Up);
    QCOMPARE(QApplication::focusWidget(), second);
    waitForJobs(w.window);
  }

  void theMatsTakeMeasuresAndTheKeysGoOn() {
    Window w;
    w.window.visit(QStringLiteral("card"));
    press(w.window.card(), QStringLiteral("Add another mat"));
    const auto mats = [&] { return w.session().plan().card.mats; };
    const size_t count = mats().size();
    QVERIFY(count >= 1);
    QLineEdit* shows = nullptr;
    for (auto* edit : w.window.card().findChildren<QLineEdit*>())
      if (edit->accessibleName().contains(QStringLiteral("mat 1 shows")) && edit->isVisible()) shows = edit;
    QVERIFY(shows);
    shows->setFocus();
    shows->selectAll();
    QTest::keyClicks(shows, QStringLiteral("4mm"));
    QTest::keyClick(shows, Qt::Key_Tab);
    QCOMPARE(mats()[0].reveal_mm, 4.0);
    QVERIFY(QApplication::focusWidget() &&
            QApplication::focusWidget() != shows);  // the next field has the keys
    press(w.window.card(), QStringLiteral("Take off"));
    QCOMPARE(mats().size(), count - 1);
    w.session().undoStack().undo();
    QCOMPARE(mats().size(), count);
  }

  void deleteBelongsToTheScene() {
    Window w;
    w.session().select(QStringLiteral("duck"));
    for (const char* place : {"order", "make", "ink", "card", "drawer"}) {
      w.window.visit(QLatin1String(place));
      QTest::keyClick(&w.window, Qt::Key_Delete);
      if (QWidget* focus = QApplication::focusWidget()) QTest::keyClick(focus, Qt::Key_Delete);
      QVERIFY2(w.session().plan().impression("duck"), place);
      QVERIFY(!w.window.action(QStringLiteral("remove"))->isEnabled());
    }
    w.window.visit(QStringLiteral("scene"));
    QTest::keyClick(&w.face(), Qt::Key_Delete);
    QVERIFY(!w.session().plan().impression("duck"));
  }

  // At the table nothing but the step is said.
  void theStatusIsQuietAtTheTable() {
    Window w;
    w.session().select(QStringLiteral("hare"));
    w.window.visit(QStringLiteral("make"));
    QVERIFY(says(*w.window.statusBar(), QStringLiteral("Hare: foot")));
    w.window.make().begin();
    waitForJobs(w.session());
    QVERIFY(w.window.making().bench().has_value());
    QVERIFY(!says(*w.window.statusBar(), QStringLiteral("Hare: foot")));
  }

  void undoIsStillWhatIsSeen() {
    Window w;
    w.session().edit(QStringLiteral("Move"), withFoot(w.session().plan(), "duck", {150, 20}));
    w.window.visit(QStringLiteral("practice"));
    QVERIFY(!w.window.action(QStringLiteral("undo"))->isEnabled());
    w.window.visit(QStringLiteral("scene"));
    QVERIFY(w.window.action(QStringLiteral("undo"))->isEnabled());
  }

  // Pictures and layouts of an older plan were laid over a newer one. Every place, every page, with
  // everything at work or finished; each other plan, units, undo to the start, the dark ground.
  void nothingStaleIsShown_data() {
    QTest::addColumn<bool>("finished");
    QTest::newRow("while all is at work") << false;
    QTest::newRow("when all is finished") << true;
  }
  void nothingStaleIsShown() {
    QFETCH(bool, finished);
    Window w;
    const char* const plans[] = {"teaching-avenue", "teaching-papers", "teaching-crowd", "potting-shed",
                                 "canal-towpath"};
    // Papers, things on things, and one of neither; what is finished is not raced against.
    const int several = thorough() ? 5 : finished ? 2 : 3;
    const auto letItWork = [&] {
      if (finished) waitForJobs(w.window), waitForJobs(w.session());
      QCoreApplication::processEvents();
    };
    const auto stir = [&](int k) {
      w.window.openDemo(QLatin1String(plans[k % several]));
      QCoreApplication::processEvents();
      // From the front to the inside and the envelope, and back while they are at work.
      for (const Piece& piece : std::vector<Piece>(w.session().whole().pieces))
        if (factsOf(piece.kind).apart) w.session().setFace(piece.id), letItWork(), w.window.grab();
      w.session().setFace({});
      w.session().setUnits(k % 2 ? MeasureStyle::Inches : MeasureStyle::Millimetres);
      for (int n = 0; n < 3 && !w.session().plan().impressions.empty(); ++n)
        w.session().edit(QStringLiteral("Off"),
                         without(w.session().plan(), w.session().plan().impressions[0].id));
      letItWork();
      while (w.session().undoStack().canUndo()) w.session().undoStack().undo();
      w.session().setUnits(k % 2 ? MeasureStyle::Millimetres : MeasureStyle::Inches);
      w.window.grab();
    };
    int k = 0;
    for (const char* place : {"card", "drawer", "scene", "ink", "make", "arrange"}) {
      w.window.visit(QLatin1String(place));
      letItWork();
      stir(k++);
    }
    w.window.visit(QStringLiteral("order"));
    for (const auto page :
         {OrderPlace::Steps, OrderPlace::Masks, OrderPlace::Joins, OrderPlace::Schools, OrderPlace::Slips}) {
      w.window.order().showPage(page);
      letItWork();
      // What is finished once is finished the second time, and behind the later pages it is the same.
      if (!finished || thorough() || page <= OrderPlace::Masks) stir(k++);
      if (!finished) stir(k++);
    }
    w.window.setAppearance({true, 1.25});
    letItWork();
    stir(k++);
    w.window.setAppearance({false, 1});
    waitForJobs(w.window);
    QVERIFY(w.window.current() == QStringLiteral("order"));
  }

  void randomActsDoNotEndTheWindow() {
    Window w;
    std::mt19937 random(20);
    const char* const places[] = {"card", "scene", "order", "ink", "make", "drawer", "arrange", "practice"};
    for (int act = 0; act < (thorough() ? 1000 : 130); ++act) {
      switch (random() % 8) {
        case 0:
          w.window.visit(QLatin1String(places[random() % 8]));
          break;
        case 1:
          w.window.openDemo(QLatin1String(random() % 2 ? "teaching-papers" : "teaching-crowd"));
          break;
        case 2:
          if (!w.session().plan().impressions.empty())
            w.session().edit(QStringLiteral("Off"),
                             without(w.session().plan(), w.session().plan().impressions.back().id));
          break;
        case 3:
          w.session().undoStack().undo();
          if (const auto& pieces = w.session().whole().pieces; !pieces.empty() && random() % 2)
            w.session().setFace(pieces[random() % pieces.size()].id);
          break;
        case 4:
          w.session().setUnits(random() % 2 ? MeasureStyle::Inches : MeasureStyle::Millimetres);
          break;
        case 5:
          if (w.window.current() == QStringLiteral("order"))
            w.window.order().showPage(static_cast<OrderPlace::Page>(random() % 5));
          break;
        default: {
          const auto all = choices(w.window.place(w.window.current()));
          if (!all.isEmpty()) {
            QComboBox* box = all[static_cast<qsizetype>(random() % ix(all.size()))];
            box->setFocus();
            QTest::keyClick(box, random() % 2 ? Qt::Key_Down : Qt::Key_Up);
          }
        }
      }
      if (random() % 3 == 0) QCoreApplication::processEvents();
    }
    waitForJobs(w.window);
  }

  void troubleGoesInFrontOfANoticeThatWaits() {
    Window w;
    MessageBar& bar = w.window.messages();
    bar.clear();
    bar.say(MessageBar::Kind::Notice, QStringLiteral("A question"), {{QStringLiteral("Yes"), [] {}}});
    bar.say(MessageBar::Kind::Trouble, QStringLiteral("Not saved. The disk is full"));
    QCOMPARE(bar.shownText(), QStringLiteral("Not saved. The disk is full"));
    bar.say(MessageBar::Kind::Trouble, QStringLiteral("A second trouble"));
    QCOMPARE(bar.shownText(), QStringLiteral("Not saved. The disk is full"));
  }

  void workThatMakesRoomForALessonIsSaidAndFound() {
    Window w;
    w.session().edit(QStringLiteral("Move"), withFoot(w.session().plan(), "duck", {150, 20}));
    const Plan work = w.session().plan();
    w.window.openDemo(QStringLiteral("teaching-avenue"));
    QVERIFY(w.window.messages().shownText().contains(QStringLiteral("Kite over the long pound")));
    QCoreApplication::processEvents();
    press(w.window.messages(), QStringLiteral("Leave it"));
    // Set aside, it is in the menu still.
    QMenu* unsaved = nullptr;
    for (QMenu* menu : w.window.menuBar()->findChildren<QMenu*>())
      if (menu->title().contains(QStringLiteral("not saved"))) unsaved = menu;
    QVERIFY(unsaved);
    Q_EMIT unsaved->aboutToShow();
    unsaved->actions().constFirst()->trigger();
    w.window.waitForFiles();
    QVERIFY(w.session().plan() == work);
    QVERIFY(w.session().isDirty());
  }

  // What was set aside long ago crowds nobody out: it has a menu of its own, and can be tidied away from
  // there.
  void oldDraftsHaveAMenuOfTheirOwn() {
    Window w;
    w.session().edit(QStringLiteral("Move"), withFoot(w.session().plan(), "duck", {150, 20}));
    w.window.openDemo(QStringLiteral("teaching-avenue"));
    press(w.window.messages(), QStringLiteral("Leave it"));
    const QString one = w.session().rescue().asideWork().at(0).file;
    for (int k = 0; k < 17; ++k)
      QVERIFY(QFile::copy(one, one.chopped(6) + QStringLiteral("-%1.havlo").arg(k)));
    QMenu* unsaved = nullptr;
    for (QMenu* menu : w.window.menuBar()->findChildren<QMenu*>())
      if (menu->title().contains(QStringLiteral("not saved"))) unsaved = menu;
    QVERIFY(unsaved);
    Q_EMIT unsaved->aboutToShow();
    QMenu* older = unsaved->actions().constLast()->menu();
    QVERIFY(older);
    QCOMPARE(older->actions().size(), 18 - 15 + 2);  // those, a line, and the wastebasket
    older->actions().constLast()->trigger();
    QCOMPARE(w.session().rescue().asideWork().size(), size_t{15});
    QVERIFY(w.window.messages().shownText().contains(QStringLiteral("in the wastebasket")));
    Q_EMIT unsaved->aboutToShow();
    QVERIFY(!unsaved->actions().constLast()->menu());
  }

  // Taken up after a kill, it overwrote what another program had saved meanwhile.
  void rescuedWorkDoesNotOverwriteWhatOthersSaved() {
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("mine.havlo")),
                  rescue = folder.filePath(QStringLiteral("r"));
    QVERIFY(bool(savePlan(path, demo("teaching-crowd"))));
    Plan mine;
    {
      PlanSession killed(rescue);
      QVERIFY(killed.take(path, openPlan(path)));
      killed.edit(QStringLiteral("Move"), withFoot(killed.plan(), "duck1", {30, 40}));
      mine = killed.plan();
      killed.rescue().flush();
    }
    QVERIFY(bool(savePlan(path, demo("teaching-avenue"))));  // somebody else
    PlanSession again(rescue);
    const auto lost = again.rescue().lostWork();
    QCOMPARE(lost.size(), size_t{1});
    QVERIFY(again.takeUp(lost[0], openPlan(lost[0].file)));
    QVERIFY(again.plan() == mine);
    QVERIFY(!again.save());
    QCOMPARE(loadPlan(path).value().plan.title, std::string("Avenue"));
    QVERIFY(again.save(true));
    QVERIFY(loadPlan(path).value().plan == mine);
  }

  void aClockSetBackMakesNoDryingLonger() {
    const QTemporaryDir folder;
    LogSession log(folder.path());
    MakingSession making(folder.filePath(QStringLiteral("makings")), log);
    double wall = 1.8e9;
    making.clock = [&] { return wall; };
    QCOMPARE(making.now(), 1.8e9);
    wall += 60;
    QCOMPARE(making.now(), 1.8e9 + 60);
    wall -= 3600;  // back to winter time
    QVERIFY(making.now() >= 1.8e9 + 60 && making.now() < 1.8e9 + 65);
    wall += 3600 + 120;
    QCOMPARE(making.now(), 1.8e9 + 180);
  }

  void theWindowFitsSmallScreens_data() {
    QTest::addColumn<QSize>("size");
    QTest::newRow("1080 lines at 200 %") << QSize(960, 540);
    QTest::newRow("1024 × 768") << QSize(1024, 768);
  }
  void theWindowFitsSmallScreens() {
    QFETCH(QSize, size);
    Window w;
    for (const char* place :
         {"card", "drawer", "scene", "order", "ink", "make", "log", "practice", "arrange"}) {
      w.window.visit(QLatin1String(place));
      w.window.resize(size);
      QCoreApplication::processEvents();
      QVERIFY2(w.window.width() <= size.width() && w.window.height() <= size.height(), place);
    }
  }

  void settingsAreTakenOverOnce() {
    QSettings old(QSettings::NativeFormat, QSettings::UserScope, QStringLiteral("Unknown Organization"),
                  QCoreApplication::applicationName());
    old.setValue(QStringLiteral("takenOver"), 7);
    old.sync();
    const QString organisation = QCoreApplication::organizationName();
    {
      QSettings mine(QSettings::IniFormat, QSettings::UserScope, QStringLiteral("havlo"),
                     QCoreApplication::applicationName());
      mine.clear();
    }
    useOwnSettings();
    QCOMPARE(QSettings().value(QStringLiteral("takenOver")).toInt(), 7);
    QVERIFY(QSettings().fileName().contains(QStringLiteral("/havlo/")));
    QVERIFY(dataFolder().endsWith(QStringLiteral("/havlo")));
    QSettings().clear();
    old.clear();
    QCoreApplication::setOrganizationName(organisation);
  }

  void anExceptionInAJobIsSaid() {
    Window w;
    Job<int> job(&w.window);
    bool delivered = false;
    job.run([](const Progress&) -> int { throw std::bad_alloc(); }, [&](int) { delivered = true; });
    waitForJobs(w.window);
    QVERIFY(!delivered && !job.running());
    QVERIFY(w.window.messages().shownText().contains(QStringLiteral("not enough memory")));
    job.run([](const Progress&) { return 3; }, [&](int) { delivered = true; });
    waitForJobs(w.window);
    QVERIFY(delivered);
  }
};

HAVLO_TEST(TstTrust)
#include "tst_trust.moc"
