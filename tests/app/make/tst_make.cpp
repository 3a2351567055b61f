// The place at the table through its real window: keys, check list, timers, a mishap, leaving, a kill, the
// log.
#include <QCheckBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include "app/make/make_place.h"
#include "app/make/make_view.h"
#include "app/session/drawer_session.h"
#include "app/session/making_session.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct Table : Window {
  double now = 1.8e9;
  explicit Table(const char* demoName = "canal-towpath") {
    window.openDemo(QLatin1String(demoName));
    window.making().clock = [this] { return now; };
    window.visit(QStringLiteral("make"));
  }
  MakePlace& place() { return window.make(); }
  const Bench& bench() { return *window.making().bench(); }
  void button(const char* name) {
    QTest::mouseClick(place().findChild<QPushButton*>(QLatin1String(name)), Qt::LeftButton);
  }
};

qsizetype ticksShown(QWidget& place) {
  const auto all = place.findChildren<QCheckBox*>();
  return std::count_if(all.begin(), all.end(),
                       [&](const QCheckBox* box) { return box->isVisibleTo(&place); });
}

}  // namespace

class TstMake : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  // The demo and the crowd, step by step, one step gone wrong.
  void aCardIsMadeFromBeginningToEnd_data() {
    QTest::addColumn<QByteArray>("name");
    QTest::newRow("demo") << QByteArray("canal-towpath");
    QTest::newRow("crowd") << QByteArray("teaching-crowd");
  }
  void aCardIsMadeFromBeginningToEnd() {
    QFETCH(QByteArray, name);
    Table t(name.constData());
    t.button("begin");
    waitForJobs(t.session());  // the best order is found first
    QVERIFY(t.window.making().bench().has_value());
    const int count = t.bench().count();
    bool wrong = false;
    while (!t.bench().finished()) {
      const int at = t.bench().at();
      const Step& step = t.bench().step(at);
      QVERIFY(says(t.place(), QStringLiteral("Step %1 of %2").arg(at + 1).arg(count)));
      if (step.what == Do::MaskOn)
        QCOMPARE(ticksShown(t.place()),
                 std::count_if(step.covers.begin(), step.covers.end(), [](const Cover& c) {
                   return c.over.empty() || c.impression == c.over.front();
                 }));
      if (step.what == Do::Stamp && !wrong) {
        wrong = true;
        QTest::keyClick(&t.place(), Qt::Key_W);
        QVERIFY(says(t.place(), QStringLiteral("What went wrong?")));
        t.place().mishap(Mishap::LineInto);
        QVERIFY(t.place().mend().contains(QStringLiteral("marker")));
        QTest::keyClicks(t.place().findChild<QLineEdit*>(QStringLiteral("mishapNote")),
                         QStringLiteral("at the ear"));
        t.place().writeMishap();
        QCOMPARE(t.bench().made(at).mishaps.size(), size_t{1});
        QCOMPARE(t.bench().at(), at);  // written down, and still at this step
      }
      t.now += 40;
      QTest::keyClick(&t.place(), Qt::Key_Space);
      QCOMPARE(t.window.making().bench()->at(), at + 1);
    }
    QVERIFY(says(t.place(), QStringLiteral("One thing went wrong")));
    t.button("log");
    QVERIFY(!t.window.making().bench().has_value());
    const auto log = readLog(t.window.making().logFile());
    QCOMPARE(log.size(), size_t{1});
    QCOMPARE(static_cast<int>(log[0].steps.size()), count);
    QVERIFY(std::abs(log[0].spent_min - count * 40 / 60.0) < 1e-6);
    QCOMPARE(log[0].mishaps[0].what, std::string("lineInto"));
    QCOMPARE(log[0].mishaps[0].note, std::string("at the ear"));
    QVERIFY(t.window.making().left().empty());
  }

  // A card without a title is found in the log by the name of its file.
  void theLogCallsACardByItsFile() {
    Table t("teaching-papers");
    Plan plan = t.session().plan();
    plan.title.clear();
    t.session().edit(QStringLiteral("No title"), plan);
    const QTemporaryDir folder;
    QVERIFY(t.session().saveAs(folder.filePath(QStringLiteral("for Grete.havlo"))));
    t.place().begin();
    waitForJobs(t.session());
    while (!t.bench().finished()) t.place().stepDone();
    t.button("log");
    QCOMPARE(readLog(t.window.making().logFile()).at(0).title, std::string("for Grete"));
  }

  void dryingIsCountedDownAndCalls() {
    Table t("teaching-crowd");
    t.place().begin();
    waitForJobs(t.session());
    while (t.bench().mustWait(t.now) <= 0) {
      QVERIFY(!t.bench().finished());
      t.now += 1;
      t.place().stepDone();
    }
    t.place().tickTimers();
    QVERIFY2(t.place().timerWords().startsWith(QStringLiteral("Dry in ")),
             qPrintable(t.place().timerWords()));
    t.now += 1000;
    t.place().tickTimers();
    QCOMPARE(t.place().timerWords(), QStringLiteral("Dry now"));
  }

  void backGoesBackAndNotesStay() {
    Table t;
    t.place().begin();
    waitForJobs(t.session());
    QTest::keyClick(&t.place(), Qt::Key_Space);
    auto* note = t.place().findChild<QLineEdit*>(QStringLiteral("note"));
    note->setFocus();
    QTest::keyClicks(note, QStringLiteral("two words"));  // spaces typed in a note do not press Done
    QTest::keyClick(note, Qt::Key_Return);
    QCOMPARE(t.bench().at(), 1);
    QCOMPARE(t.bench().made(1).note, std::string("two words"));
    t.place().doneButton().setFocus();
    QTest::keyClick(&t.place(), Qt::Key_Backspace);
    QCOMPARE(t.bench().at(), 0);
  }

  void survivesAKillAndIsTakenUpAgain() {
    QTemporaryDir folder;
    const QString rescue = folder.filePath(QStringLiteral("rescue"));
    auto one = std::make_unique<testing::KnownWindow>(rescue);
    one->show();
    one->openDemo(QStringLiteral("teaching-crowd"));
    one->visit(QStringLiteral("make"));
    one->make().begin();
    waitForJobs(one->session());
    for (int k = 0; k < 5; ++k) one->make().stepDone();
    // No leaving, no saving: what is on the disk now must do.
    testing::KnownWindow two(rescue);
    two.show();
    two.visit(QStringLiteral("make"));
    QCoreApplication::processEvents();
    QVERIFY(says(two.make(), QStringLiteral("5 steps done")));
    const auto goOn = [&] {
      QTest::mouseClick(two.make().findChild<QPushButton*>(QStringLiteral("goOn")), Qt::LeftButton);
    };
    // While the other window makes it, it is not to be had; what that one does meanwhile is not lost.
    goOn();
    QVERIFY(!two.making().bench().has_value());
    QVERIFY(two.messages().shownText().contains(QStringLiteral("in another window")));
    one->make().stepDone();
    one.reset();
    goOn();
    QVERIFY(two.making().bench().has_value());
    QCOMPARE(two.making().bench()->at(), 6);
    QVERIFY(says(two.make(), QStringLiteral("Step 7 of")));
  }

  // Made once, its masks kept; the next card of the same plan needs fewer.
  void masksAreKeptAndUsedFirstNextTime() {
    Table t;
    t.window.drawerSession().open();
    t.window.drawerSession().fillWithDemo();
    for (const KeptMask& m : std::vector<KeptMask>(t.window.drawerSession().masks()))
      t.window.drawerSession().removeMask(m.key);
    const int before = t.session().analysis()->masksToCut();
    t.place().begin();
    waitForJobs(t.session());
    while (!t.bench().finished()) t.place().stepDone();
    for (QPushButton* b : t.place().findChildren<QPushButton*>())
      if (b->text() == QStringLiteral("Keep the masks in the drawer")) QTest::mouseClick(b, Qt::LeftButton);
    const auto kept = t.window.drawerSession().masks();
    QVERIFY(kept.size() > 3);
    for (const KeptMask& m : kept)
      QVERIFY(m.usesLeft >= 1 && m.usesLeft < t.session().plan().supplies.maskLife);
    t.button("log");
    t.window.visit(QStringLiteral("order"));
    settle(t.window.order());
    QTest::mouseClick(t.window.order().findChild<QPushButton*>(QStringLiteral("drawerMasks")),
                      Qt::LeftButton);
    QCOMPARE(t.session().plan().supplies.masksAtHand.size(), kept.size());
    QVERIFY(t.session().analysis()->masksToCut() < before);
  }

  // Strips and shapes lie on the card from the step on that glues them; the last picture has mats and base.
  void piecesAreSeenOnceTheyAreGlued() {
    Table t("teaching-papers");
    t.place().begin();
    waitForJobs(t.session());
    waitForJobs(t.window);
    const Plan& plan = t.session().plan();
    const int sun = static_cast<int>(
        std::find_if(plan.pieces.begin(), plan.pieces.end(), [](const Piece& p) { return p.name == "sun"; }) -
        plan.pieces.begin());
    auto* view = t.place().findChild<MakeView*>();
    const auto pixelsOf = [&](Colour wanted) {
      const QImage seen = view->grab().toImage().convertToFormat(QImage::Format_RGB32);
      int count = 0;
      for (int y = 0; y < seen.height(); ++y)
        for (int x = 0; x < seen.width(); ++x) {
          const QColor c = seen.pixelColor(x, y);
          count += std::abs(c.red() - wanted.red) < 8 && std::abs(c.green() - wanted.green) < 8 &&
                   std::abs(c.blue() - wanted.blue) < 8;
        }
      return count;
    };
    const Colour yellow = plan.pieces[ix(sun)].paper.colour;
    int before = -1;
    while (!t.bench().finished()) {
      const Step step = t.bench().step(t.bench().at());
      if (step.paper == sun && step.what == Do::Glue) before = pixelsOf(yellow);
      t.place().stepDone();
      if (step.paper == sun && step.what == Do::Glue) break;
    }
    QVERIFY(before >= 0);
    QVERIFY2(pixelsOf(yellow) > before + 2000, "the sun is glued on and not seen");
    const Colour mat = plan.card.mats.at(0).colour;
    while (!t.bench().finished()) t.place().stepDone();
    waitForJobs(t.window);
    QVERIFY2(pixelsOf(mat) > 2000, "the mat is not seen at the end");
  }

  // Foam, masking paper and ink go off the stock at the end, once, and can be put back.
  void whatACardTookGoesOffTheStock() {
    Table t("towpath-finished");
    DrawerSession& drawer = t.window.drawerSession();
    drawer.open();
    drawer.fillWithDemo();
    for (const DrawerGood& g : std::vector<DrawerGood>(drawer.goods())) drawer.removeGood(g.key);
    DrawerGood masking;
    masking.key = "m", masking.name = "Low tack", masking.kind = GoodKind::Masking, masking.count = 20;
    drawer.putGood(masking);
    for (const double high : {1.0, 1.5, 2.0, 3.0}) {
      DrawerGood foam;
      foam.key = "f" + std::to_string(high), foam.name = "Dots", foam.kind = GoodKind::Foam;
      foam.thickness_mm = high, foam.count = 500;
      drawer.putGood(foam);
    }
    t.place().begin();
    waitForJobs(t.session());
    while (!t.bench().finished()) t.place().stepDone();
    waitForJobs(t.window);
    const auto goods = drawer.goods();
    // One row is left out.
    QList<QCheckBox*> rows;
    for (QCheckBox* b : t.place().findChildren<QCheckBox*>())
      if (b->isVisible()) rows << b;
    QVERIFY(rows.size() >= 4);
    QCheckBox* foam = nullptr;
    for (QCheckBox* b : rows)
      if (b->accessibleName().contains(QStringLiteral("dots of foam"))) foam = b;
    QVERIFY(foam && foam->accessibleName().contains(QStringLiteral("are left")));
    QTest::mouseClick(foam, Qt::LeftButton, {}, {8, foam->height() / 2});
    QVERIFY(!foam->isChecked());
    t.button("takeStock");
    int inks = 0;
    for (const DrawerGood& g : drawer.goods()) {
      if (g.kind == GoodKind::Ink) {
        ++inks;
        QVERIFY(g.worked > 0);
      }
      if (g.kind == GoodKind::Foam) QCOMPARE(g.count.value(), 500);
      if (g.kind == GoodKind::Masking) QVERIFY(g.worked > 0 || g.count.value() < 20);
    }
    QVERIFY(inks >= 3);
    QVERIFY(says(t.place(), QStringLiteral("is off the stock")));
    QVERIFY(!t.place().findChild<QPushButton*>(QStringLiteral("takeStock"))->isVisible());
    press(t.window.messages(), QStringLiteral("Put it back"));
    waitForJobs(t.window);
    QVERIFY(drawer.goods() == goods);
    QVERIFY(t.place().findChild<QPushButton*>(QStringLiteral("takeStock"))->isVisible());
    t.button("log");
    const auto entry = t.window.log().store()->all("*").at(0);
    QVERIFY(entry.used.size() >= 4);
  }

  void aDroppedCardCanBePutBack() {
    Table t("teaching-crowd");
    t.place().begin();
    waitForJobs(t.session());
    t.place().stepDone();
    t.window.making().leave();
    QCOMPARE(t.window.making().left().size(), size_t{1});
    t.button("drop");
    QTRY_VERIFY(t.window.making().left().empty());
    for (QPushButton* b : t.window.messages().findChildren<QPushButton*>())
      if (b->text() == QStringLiteral("Put it back")) QTest::mouseClick(b, Qt::LeftButton);
    QCOMPARE(t.window.making().left().size(), size_t{1});
    QCOMPARE(t.window.making().left()[0].at, 1);
  }

  void theTrailSaysWhereTheCardIs() {
    Table t;
    t.place().begin();
    waitForJobs(t.session());
    t.place().stepDone();
    settle(t.place());
    QVERIFY(!t.place().title().isEmpty());
    // Another look keeps the card where it is.
    t.window.setAppearance({true, 1.5});
    t.window.visit(QStringLiteral("make"));
    QCOMPARE(t.bench().at(), 1);
    QVERIFY(says(t.window.make(), QStringLiteral("Step 2 of")));
    t.window.setAppearance({false, 1});
  }

  void nothingOnTheCardIsNothingToMake() {
    Window w(false);
    w.window.visit(QStringLiteral("make"));
    QVERIFY(!w.window.make().findChild<QPushButton*>(QStringLiteral("begin"))->isEnabled());
    w.window.make().stepDone();
    w.window.make().stepBack();
    w.window.make().somethingWrong();
    QVERIFY(!w.window.making().bench().has_value());
  }
};

HAVLO_TEST(TstMake)
#include "tst_make.moc"
