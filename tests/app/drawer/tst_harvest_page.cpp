// Many stamps at once through the real window: a drawing of a set and a folder of scans, named by keys, taken
// in.
#include <QLineEdit>

#include "app/common/choice_list.h"
#include "app/drawer/add_page.h"
#include "app/drawer/drawer_place.h"
#include "app/drawer/harvest_page.h"
#include "app/session/drawer_session.h"
#include "io/devices/scanner.h"
#include "support/plans.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

const QByteArray kSet =
    "<svg xmlns='http://www.w3.org/2000/svg' width='150mm' height='100mm' viewBox='0 0 150 100'>"
    "<g id='willow'><circle cx='30' cy='30' r='10' fill='none' stroke='#000'/></g>"
    "<g id='g2'><rect x='70' y='20' width='10' height='40'/></g>"
    "<g id='g3'><rect x='110' y='20' width='20' height='8'/></g></svg>";

struct Harvesting : Window {
  Harvesting() {
    window.visit(QStringLiteral("drawer"));
    settle(place());
  }
  DrawerPlace& place() { return window.drawer(); }
  HarvestPage& page() { return place().harvestPage(); }
  DrawerSession& drawer() { return window.drawerSession(); }
  QString written(const QString& name, const QByteArray& bytes) {
    QFile f(folder.filePath(name));
    if (f.open(QIODevice::WriteOnly)) f.write(bytes);
    return f.fileName();
  }
  void type(const QString& text) {
    QVERIFY(QApplication::focusWidget());
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_A, Qt::ControlModifier);
    QTest::keyClicks(QApplication::focusWidget(), text);
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
  }
  const DrawerCard* card(const char* name) {
    for (const DrawerCard& c : drawer().index().cards())
      if (c.name == name) return &c;
    return nullptr;
  }
};

}  // namespace

class TstHarvestPage : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void aSetIsNamedByKeysAndTakenIn() {
    Harvesting w;
    w.window.openAny(w.written("set.svg", kSet));
    QTRY_COMPARE(w.page().found(), 3);
    QVERIFY(w.page().isVisible());
    QCOMPARE(w.page().wanted(), 3);
    // Name, Return, height, Return, and the next: the first has its name by the drawing.
    QTRY_VERIFY(QApplication::focusWidget() &&
                QApplication::focusWidget()->objectName() == QLatin1String("stampName"));
    QCOMPARE(qobject_cast<QLineEdit*>(QApplication::focusWidget())->text(), QStringLiteral("Willow"));
    w.type("Old willow"), w.type("9 m");
    w.type("Gate post"), w.type("1.2 m");
    w.type("Bench"), w.type("85 cm");
    // After the last the button has the keys.
    QCOMPARE(QApplication::focusWidget()->objectName(), QStringLiteral("takeAllIn"));
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Space);
    QVERIFY(w.card("Old willow") && w.card("Gate post") && w.card("Bench"));
    QCOMPARE(w.card("Gate post")->height_mm > 39.8 && w.card("Gate post")->height_mm < 40.2, true);
    const auto post = w.drawer().stamp(w.card("Gate post")->key);
    QVERIFY(post && post->stamp.realHeight);
    QCOMPARE(post->stamp.realHeight->typical_m, 1.2);
    QVERIFY(!w.page().isVisible());  // back at the shelves

    // The same drawing once more: all of it is there already.
    w.window.openAny(w.folder.filePath("set.svg"));
    QTRY_COMPARE(w.page().found(), 3);
    QCOMPARE(w.page().wanted(), 0);
    QVERIFY(says(w.page(), "It looks like Old willow, which is in the drawer."));
  }

  void whatCannotBeReadIsSaidAndStays() {
    Harvesting w;
    w.window.openAny(w.written("set.svg", kSet));
    QTRY_COMPARE(w.page().found(), 3);
    QSignalSpy trouble(&w.session(), &PlanSession::trouble);
    QTRY_VERIFY(QApplication::focusWidget() &&
                QApplication::focusWidget()->objectName() == QLatin1String("stampName"));
    w.type("Willow"), w.type("very tall");
    QCOMPARE(trouble.count(), 1);
    QCOMPARE(w.page().list().currentRow(), 0);
    w.type("9 m");
    QCOMPARE(w.page().list().currentRow(), 1);
    // One is left out by its button, and is not taken.
    auto* leave = w.page().findChild<QPushButton*>("leaveOut");
    QTest::mouseClick(leave, Qt::LeftButton);
    QCOMPARE(w.page().wanted(), 2);
    QTest::mouseClick(w.page().findChild<QPushButton*>("takeAllIn"), Qt::LeftButton);
    QCOMPARE(w.drawer().index().cards().size(), 2u);
  }

  void aFolderOfScans() {
    Harvesting w;
    const SvgArt art;
    const Plan plan = demo("canal-towpath");
    QVERIFY(QDir(w.folder.path()).mkdir("scans"));
    int n = 0;
    for (const char* id : {"hare", "kite"}) {
      const auto rows = inRows({plan.stamp(id)}, 100);
      QVERIFY(scanSheet(rows, 100, heightOfRows(rows), art)
                  .save(w.folder.filePath(QStringLiteral("scans/s%1.png").arg(++n))));
    }
    w.written("scans/broken.png", "nothing");
    QImage bare(900, 900, QImage::Format_RGB32);
    bare.fill(Qt::white);
    for (int y = 300; y < 600; ++y)
      for (int x = 300; x < 600; ++x) bare.setPixel(x, y, qRgb(20, 20, 20));
    bare.setDotsPerMeterX(2835), bare.setDotsPerMeterY(2835);
    QVERIFY(bare.save(w.folder.filePath("scans/phone.png")));
    w.window.openAny(w.folder.filePath("scans"));
    QTRY_COMPARE_WITH_TIMEOUT(w.page().found(), 2, 60000);
    QVERIFY(says(w.page(), "broken.png"));
    QVERIFY(says(w.page(), "One picture does not say how large it is"));
    // Told, it is looked through with the others; what was said of them is asked anew.
    auto* dpi = w.page().findChild<QLineEdit*>(QString(), Qt::FindChildrenRecursively);
    for (QLineEdit* e : w.page().findChildren<QLineEdit*>())
      if (e->accessibleName().startsWith("How many dots")) dpi = e;
    QTest::keyClicks(dpi, "300");
    QTest::keyClick(dpi, Qt::Key_Return);
    QTRY_COMPARE_WITH_TIMEOUT(w.page().found(), 3, 60000);
    QVERIFY(!says(w.page(), "does not say how large"));
  }

  /// One thing in a drawing is no set: it can be mended as ever.
  void oneThingGoesTheOldWay() {
    Harvesting w;
    w.window.openAny(w.written(
        "one.svg",
        "<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='60mm' viewBox='0 0 60 60'><circle "
        "cx='30' cy='30' r='20' fill='none' stroke='#000'/></svg>"));
    QTRY_VERIFY_WITH_TIMEOUT(w.place().addPage().hasStamp(), 30000);
    QVERIFY(w.place().addPage().isVisible());
  }
};

HAVLO_TEST(TstHarvestPage)
#include "tst_harvest_page.moc"
