// A newcomer's first card: from the first page by clicks and keys, every act counted; one next act always in
// sight.
#include <QComboBox>
#include <QFile>
#include <QLineEdit>
#include <QPushButton>
#include <QRadioButton>
#include <QSettings>
#include <QSignalSpy>
#include <set>

#include "app/begin/begin_place.h"
#include "app/begin/choice_tile.h"
#include "app/common/choice_list.h"
#include "app/drawer/add_page.h"
#include "app/drawer/drawer_place.h"
#include "app/files/file_chooser.h"
#include "app/make/make_place.h"
#include "app/scene/stamp_shelf.h"
#include "app/shell/places.h"
#include "app/shell/status_line.h"
#include "core/colour/colour.h"
#include "core/edit/edits.h"
#include "core/outline/shape_ops.h"
#include "io/art/svg_art.h"
#include "io/devices/scanner.h"
#include "io/drawer/drawer_file.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// A window at its very first start.
struct First : Window {
  int acts = 0;
  First() : Window(false) {
    QSettings().remove(QStringLiteral("begun"));
    window.visit(QStringLiteral("begin"));
    QCoreApplication::processEvents();
  }
  Place& begin() { return window.place(QStringLiteral("begin")); }
  void click(QAbstractButton* button) {
    QVERIFY(button && button->isVisible() && button->isEnabled());
    ++acts;
    QTest::mouseClick(button, Qt::LeftButton);
  }
  void tile(const char* name) { click(begin().findChild<ChoiceTile*>(QLatin1String(name))); }
  QPushButton* next() { return window.findChild<QPushButton*>(QStringLiteral("nextAct")); }
  QString nextWords() { return next()->accessibleDescription(); }
  ChoiceList& atHand() { return *window.scene().findChild<ChoiceList*>(QStringLiteral("atHand")); }
  /// Clicks the stamp of that name on the list of one's stamps.
  void take(const QString& name) {
    ChoiceList& list = atHand();
    for (int row = 0; row < list.count(); ++row)
      if (list.textAt(row).startsWith(name)) {
        const QModelIndex at = list.model()->index(row, 0);
        list.scrollTo(at);
        ++acts;
        QTest::mouseClick(list.viewport(), Qt::LeftButton, {}, list.visualRect(at).center());
        return;
      }
    QFAIL(qPrintable(QStringLiteral("there is no ") + name));
  }
  bool onCard(int k) {
    const Plan& p = session().plan();
    const Impression& i = p.impressions[ix(k)];
    const Stamp& s = *p.stamp(i.stamp);
    const double left = i.at.x - s.foot.x;
    return left >= -0.01 && left + s.width_mm <= p.card.panel.width_mm + 0.01 && i.at.y >= 0 &&
           i.at.y < p.card.panel.height_mm;
  }
};

}  // namespace

class TstFirstHour : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }
  void cleanup() { QSettings().remove(QStringLiteral("begun")); }

  void theFirstPageAsksThreeThingsAndOnce() {
    First w;
    QVERIFY(firstTime());
    // Measures: the sizes follow.
    auto* size = w.begin().findChild<QComboBox*>(QStringLiteral("size"));
    QTest::mouseClick(w.begin().findChild<QRadioButton*>(QStringLiteral("mm")), Qt::LeftButton);
    QCOMPARE(w.session().units(), MeasureStyle::Millimetres);
    QVERIFY2(size->itemText(0).startsWith(QStringLiteral("A6")), qPrintable(size->itemText(0)));
    QTest::mouseClick(w.begin().findChild<QRadioButton*>(QStringLiteral("inches")), Qt::LeftButton);
    QCOMPARE(w.session().units(), MeasureStyle::Inches);
    QVERIFY2(size->itemText(0).contains(QStringLiteral("4 1/4")), qPrintable(size->itemText(0)));
    size->setCurrentIndex(2);  // 5 × 7 in
    w.tile("samples");
    QCOMPARE(w.window.current(), QStringLiteral("scene"));
    QVERIFY(std::fabs(w.session().plan().card.base.value().width_mm - 177.8) < 1e-9);  // lying
    QVERIFY(!firstTime());
  }

  // The trail does not tell the size of a card before anybody has chosen one.
  void noCardIsThereBeforeItIsBegun() {
    First w;
    const auto card = [&] { return placeKind(QStringLiteral("card"))->status(w.window.workshop(), nullptr); };
    QCOMPARE(card().mark, Mark::NotBegun);
    w.tile("samples");
    QCOMPARE(card().mark, Mark::Fine);
    QVERIFY2(card().words.contains(QStringLiteral("×")), qPrintable(card().words));
  }

  // By keys alone, and what is opened meanwhile is shown.
  void theFirstPageIsLeftByKeysAndByOpening() {
    First w;
    auto* tile = w.begin().findChild<ChoiceTile*>(QStringLiteral("own"));
    tile->setFocus();
    QTest::keyClick(tile, Qt::Key_Return);
    QTRY_COMPARE(w.window.current(), QStringLiteral("drawer"));
    QSettings().remove(QStringLiteral("begun"));
    w.window.visit(QStringLiteral("begin"));
    QTest::mouseClick(w.begin().findChild<QPushButton*>(QStringLiteral("demo")), Qt::LeftButton);
    QCOMPARE(w.window.current(), QStringLiteral("scene"));
    QVERIFY(!w.session().plan().impressions.empty());
    QVERIFY(!firstTime());
  }

  void picturesComeOntoTheTiles() {
    First w;
    waitForJobs(w.begin());
    for (const char* name : {"samples", "own", "proposal"}) {
      auto* tile = w.begin().findChild<ChoiceTile*>(QLatin1String(name));
      const QImage seen = tile->grab().toImage().convertToFormat(QImage::Format_RGB32);
      std::set<QRgb> colours;
      for (int y = 20; y < seen.height() / 2; y += 3)
        for (int x = 20; x < seen.width() - 20; x += 3) colours.insert(seen.pixel(x, y));
      QVERIFY2(colours.size() > 20, name);
    }
  }

  // Hare and kite by two clicks, a second hare beside the first, a sky that is none of the dark inks, and on
  // to the table: the next act is in sight all the way.
  void aFirstCardFromSamples() {
    First w;
    w.tile("samples");
    QVERIFY2(w.nextWords().contains(QStringLiteral("first thing")), qPrintable(w.nextWords()));
    QVERIFY(w.atHand().count() > 20);
    w.take(QStringLiteral("Hare"));
    QCOMPARE(w.session().plan().impressions.size(), size_t{1});
    QVERIFY(w.onCard(0));
    QVERIFY(!w.atHand().isVisible());
    QVERIFY2(w.nextWords().contains(QStringLiteral("company")), qPrintable(w.nextWords()));
    // The same stamp once more: beside it.
    w.window.putOnCard(QStringLiteral("sample-hare"));
    QCOMPARE(w.session().plan().impressions.size(), size_t{2});
    const Plan& p = w.session().plan();
    QVERIFY(w.onCard(1));
    QVERIFY(std::fabs(p.impressions[0].at.x - p.impressions[1].at.x) > p.stamps[0]->width_mm * 0.9);
    QVERIFY2(w.nextWords().contains(QStringLiteral("hero")), qPrintable(w.nextWords()));
    press(w.window.scene(), QStringLiteral("Make it the hero"));
    ++w.acts;
    waitForJobs(w.session());
    QVERIFY2(w.nextWords().contains(QStringLiteral("sky")), qPrintable(w.nextWords()));
    w.click(w.next());
    QCOMPARE(w.window.current(), QStringLiteral("ink"));
    QVERIFY2(w.acts <= 6, qPrintable(QString::number(w.acts)));
  }

  // From a scan of one's own stamps to the first act at the table: every key and click counted, the typing of
  // one word as one act; the next act is in sight all the way, and what it offers leads on.
  void aFirstCardFromAScan() {
    First w;
    w.window.making().clock = [] { return 1.8e9; };
    // The scan: three stamps of the samples on one sheet, as they come from a scanner.
    std::vector<StampRef> mine;
    {
      QFile file(QStringLiteral(":/demo/canal-drawer.zip"));
      QVERIFY(file.open(QIODevice::ReadOnly));
      const auto drawer = readDrawer(file.readAll());
      QVERIFY(bool(drawer));
      for (const char* id : {"hare", "poplar-small", "lock-cottage"})
        for (const DrawerStamp& s : drawer.value().stamps)
          if (s.stamp.id == id) mine.push_back(std::make_shared<Stamp>(s.stamp));
    }
    QCOMPARE(mine.size(), size_t{3});
    const auto glass = inRows(mine, 118);
    const QString scan = w.folder.filePath(QStringLiteral("mine.png"));
    QVERIFY(scanSheet(glass, 118, heightOfRows(glass), SvgArt()).save(scan));
    w.tile("own");
    QTRY_COMPARE(w.window.current(), QStringLiteral("drawer"));
    QVERIFY2(w.nextWords().contains(QStringLiteral("scan")), qPrintable(w.nextWords()));
    DrawerPlace& drawer = w.window.drawer();
    // The file: its button, its name, Return.
    for (auto* b : drawer.addPage().findChildren<QPushButton*>())
      if (b->text() == QLatin1String("File")) w.click(b);
    QTRY_VERIFY(qobject_cast<FileChooser*>(QApplication::activeModalWidget()));
    auto* chooser = qobject_cast<FileChooser*>(QApplication::activeModalWidget());
    auto* name = chooser->findChild<QLineEdit*>(QStringLiteral("fileName"));
    QTest::keyClicks(name, scan);
    QTest::keyClick(name, Qt::Key_Return);
    w.acts += 2;
    settle(drawer.addPage());
    QCOMPARE(drawer.addPage().impressions(), 3);
    auto* stampName = drawer.addPage().findChild<QLineEdit*>(QStringLiteral("stampName"));
    auto* height = drawer.addPage().findChild<QComboBox*>(QStringLiteral("stampHeight"));
    for (int k = 0; k < 3; ++k) {
      // She sees which it is; the test by its proportions.
      const Stamp& seen = drawer.addPage().traced()->stamp;
      const double slim = seen.height_mm / seen.width_mm;
      QTest::keyClicks(stampName, slim > 2.4   ? QStringLiteral("Poplar")
                                  : slim > 1.3 ? QStringLiteral("Hare")
                                               : QStringLiteral("Cottage"));
      QTest::keyClick(stampName, Qt::Key_Return);
      QTest::keyClick(height->lineEdit(), Qt::Key_Return);
      w.acts += 3;
      settle(drawer.addPage());
      waitForJobs(w.window.drawerSession());
    }
    QVERIFY2(w.nextWords().contains(QStringLiteral("first thing")), qPrintable(w.nextWords()));
    w.click(w.next());
    QCOMPARE(w.window.current(), QStringLiteral("scene"));
    w.take(QStringLiteral("Hare"));
    QCOMPARE(w.session().plan().impressions.size(), size_t{1});
    // No line runs through its head.
    for (const Finding& f : w.session().analysis()->findings)
      QVERIFY(f.kind != FindingKind::HorizonMeetsHead);
    for (const char* more : {"Cottage", "Poplar"}) {
      QVERIFY2(
          w.nextWords().contains(QStringLiteral("company")) || w.nextWords().contains(QStringLiteral("hero")),
          qPrintable(w.nextWords()));
      w.click(w.window.scene().findChild<QPushButton*>(QStringLiteral("add")));
      QCoreApplication::processEvents();
      auto* shelf = w.window.findChild<StampShelf*>();
      QVERIFY(shelf);
      for (int row = 0; row < shelf->count(); ++row)
        if (shelf->textAt(row).startsWith(QLatin1String(more))) {
          const QModelIndex at = shelf->model()->index(row, 0);
          shelf->scrollTo(at);
          QTest::mouseClick(shelf->viewport(), Qt::LeftButton, {}, shelf->visualRect(at).center());
          ++w.acts;
          break;
        }
      QCoreApplication::processEvents();
    }
    QCOMPARE(w.session().plan().impressions.size(), size_t{3});
    for (int k = 0; k < 3; ++k) QVERIFY(w.onCard(k));
    const std::string hare = w.session().plan().impressions[0].id;
    settle(w.face());
    const Box body = boxOf(w.session().plan().stamps[0]->silhouette);
    QTest::mouseClick(&w.face(), Qt::LeftButton, {},
                      w.pixelOn(hare.c_str(), {body.centre().x, body.bottom + 6}));
    QCOMPARE(w.session().selected().toStdString(), hare);
    press(w.window.scene(), QStringLiteral("Make it the hero"));
    w.acts += 2;
    waitForJobs(w.session());
    QVERIFY2(w.nextWords().contains(QStringLiteral("sky")), qPrintable(w.nextWords()));
    w.click(w.next());
    QCOMPARE(w.window.current(), QStringLiteral("ink"));
    w.click(w.window.findChild<QPushButton*>(QStringLiteral("first-1")));
    QCOMPARE(w.session().plan().washes.size(), size_t{1});
    waitForJobs(w.session());
    QVERIFY2(w.nextWords().contains(QStringLiteral("which masks")) ||
                 w.nextWords().contains(QStringLiteral("make it")),
             qPrintable(w.nextWords()));
    while (w.window.current() != QLatin1String("make")) {
      QVERIFY2(w.next()->isVisible(), qPrintable(w.window.current()));
      w.click(w.next());
      settle(w.window.place(w.window.current()));
      waitForJobs(w.session());
      QVERIFY(w.acts < 60);
    }
    w.click(w.window.make().findChild<QPushButton*>(QStringLiteral("begin")));
    waitForJobs(w.session());
    QTRY_VERIFY(w.window.making().bench().has_value());
    qInfo("acts from the first page to the table: %d", w.acts);
    QVERIFY2(w.acts <= 40, qPrintable(QString::number(w.acts)));
    // And through: a press a step, then into the log.
    int atTheTable = 0;
    while (!w.window.making().bench()->finished()) {
      QTest::mouseClick(&w.window.make().doneButton(), Qt::LeftButton);
      QVERIFY(++atTheTable < 60);
    }
    QTest::mouseClick(w.window.make().findChild<QPushButton*>(QStringLiteral("log")), Qt::LeftButton);
    QCOMPARE(readLog(w.window.making().logFile()).size(), size_t{1});
    qInfo("and at the table: %d", atTheTable + 1);
  }

  // A stamp whose height nobody knows is asked for it, and then stands right.
  void aThingOfUnknownHeightIsAsked() {
    First w;
    w.tile("samples");
    w.take(QStringLiteral("Hare"));
    Plan plan = w.session().plan();
    Stamp unknown = *plan.stamps[0];
    unknown.id = "gnome", unknown.name = "Gnome", unknown.realHeight.reset();
    plan.stamps.push_back(std::make_shared<const Stamp>(unknown));
    w.session().edit(QStringLiteral("Gnome"), withNewImpression(plan, "gnome", {60, 120}));
    w.window.visit(QStringLiteral("drawer"));
    QVERIFY2(w.nextWords().contains(QStringLiteral("how tall")), qPrintable(w.nextWords()));
    w.click(w.next());
    QCOMPARE(w.window.current(), QStringLiteral("scene"));
    auto* field = w.window.scene().findChild<QLineEdit*>(QStringLiteral("howTall"));
    QVERIFY(field && field->isVisible());
    QSignalSpy trouble(&w.session(), &PlanSession::trouble);
    QTest::keyClicks(field, QStringLiteral("tall"));
    QTest::keyClick(field, Qt::Key_Return);
    QCOMPARE(trouble.count(), 1);
    field->clear();
    QTest::keyClicks(field, QStringLiteral("30 cm"));
    QTest::keyClick(field, Qt::Key_Return);
    const Plan& now = w.session().plan();
    QVERIFY(std::fabs(now.stamp("gnome")->realHeight->typical_m - 0.3) < 1e-9);
    QVERIFY(!field->isVisible());
  }

  // Small things where the eyes are high: one button takes the eyes down to them, where nothing else minds.
  void theEyesGoDownToASmallThing() {
    First w;
    w.tile("samples");
    w.take(QStringLiteral("Hare"));
    Plan plan = w.session().plan();
    plan.impressions.clear();
    plan.view->nearDistance_m *= 1.5 / plan.view->eyeHeight_m, plan.view->eyeHeight_m = 1.5;
    Stamp small = *plan.stamps[0];
    small.id = "snail", small.name = "Snail", small.realHeight = RealHeight{0.05, 0.045, 0.055, {}};
    plan.stamps.push_back(std::make_shared<const Stamp>(small));
    w.session().edit(QStringLiteral("Snail"), withNewImpression(plan, "snail", {60, 15}));
    w.session().select(QString::fromStdString(w.session().plan().impressions[0].id));
    auto* eyes = w.window.scene().findChild<QPushButton*>(QStringLiteral("eyes"));
    QVERIFY(eyes->isVisible());
    QTest::mouseClick(eyes, Qt::LeftButton);
    QVERIFY(w.session().plan().view->eyeHeight_m < 0.1);
    QVERIFY(!eyes->isVisible());
  }
};

HAVLO_TEST(TstFirstHour)
#include "tst_first_hour.moc"
