// The place Drawer through its real window: shelves, searching, changing, packing, and adding from a scan.
#include <QClipboard>
#include <QComboBox>
#include <QElapsedTimer>
#include <QGuiApplication>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QPushButton>
#include <QSlider>

#include "app/common/choice_list.h"
#include "app/common/measure_edit.h"
#include "app/drawer/add_page.h"
#include "app/drawer/drawer_place.h"
#include "app/drawer/shelf_view.h"
#include "app/drawer/supplies_panel.h"
#include "app/session/drawer_session.h"
#include "core/colour/colour.h"
#include "core/edit/card_edits.h"
#include "core/outline/shape_ops.h"
#include "io/art/svg_art.h"
#include "io/devices/scanner.h"
#include "support/plans.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct Drawer : Window {
  explicit Drawer(bool filled = true) {
    window.visit(QStringLiteral("drawer"));
    if (filled) window.drawerSession().fillWithDemo();
    settle(place());
  }
  DrawerPlace& place() { return window.drawer(); }
  ShelfView& shelf() { return place().shelf(); }
  AddPage& add() { return place().addPage(); }
  DrawerSession& drawer() { return window.drawerSession(); }
  QPushButton* button(const QString& text) {
    QCoreApplication::processEvents();  // new widgets are shown by the event loop
    for (QPushButton* b : window.findChildren<QPushButton*>())
      if (b->text() == text && b->isVisible()) return b;
    return nullptr;
  }
  bool press(const QString& text) {
    QPushButton* b = button(text);
    if (!b) return false;
    QTest::mouseClick(b, Qt::LeftButton);
    return true;
  }
  bool says(const QString& text) {
    QCoreApplication::processEvents();
    for (const QLabel* l : window.findChildren<QLabel*>())
      if (l->isVisible() && wordsOn(*l).contains(text)) return true;
    return false;
  }
};

}  // namespace

class TstDrawerPlace : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void anEmptyDrawerStartsTheWork() {
    Drawer d(false);
    QVERIFY(d.says(QStringLiteral("The drawer is empty")));
    QVERIFY(d.press(QStringLiteral("Fill it with the sample stamps")));
    QVERIFY(d.shelf().count() >= 30);
    QCOMPARE(d.drawer().inks().size(), 23u);
    QCOMPARE(d.drawer().papers().size(), 7u);  // three of them offcuts
    QCOMPARE(d.drawer().goods().size(), 4u);
  }

  void stampsStandAtOneScale() {
    Drawer d;
    const QRect tall = d.shelf().placeOf("sample-poplar-tall"),
                small = d.shelf().placeOf("sample-poplar-small");
    const auto words = small.height() - qRound(27 * 2.4);
    QVERIFY(std::abs((tall.height() - words) / 2.4 - 61) < 3);
  }

  void searchingNarrowsTheShelf() {
    Drawer d;
    const int all = d.shelf().count();
    QTest::keyClicks(&d.place().searchLine(), QStringLiteral("poplar"));
    QCOMPARE(d.shelf().count(), 4);
    d.place().searchLine().clear();
    QCOMPARE(d.shelf().count(), all);
    // By what would stand right at a distance: the smallest poplar is right farther away than the tall one.
    QTest::keyClicks(&d.place().distanceLine(), QStringLiteral("12"));
    const int near = d.shelf().count();
    QVERIFY(near < all);
    QVERIFY(d.says(QStringLiteral("would stand right at 12 m")));
    QVERIFY(d.drawer().index().card("sample-hare") != nullptr);
    d.place().distanceLine().clear();
    for (QComboBox* c : d.place().findChildren<QComboBox*>())
      if (c->accessibleName() == QLatin1String("Only stamps that face")) {
        c->setCurrentIndex(1);
        Q_EMIT c->activated(1);
        QVERIFY(d.shelf().count() >= 2 && d.shelf().count() < 6);
      }
  }

  void aStampIsChosenChangedAndPutOnTheCard() {
    Drawer d;
    QTest::mouseClick(d.shelf().viewport(), Qt::LeftButton, {}, d.shelf().placeOf("sample-heron").center());
    QCOMPARE(d.shelf().chosen(), std::string("sample-heron"));
    for (QLineEdit* e : d.place().findChildren<QLineEdit*>())
      if (e->accessibleName() == QLatin1String("Name") && e->isVisible()) {
        e->setFocus();
        e->selectAll();
        QTest::keyClicks(e, QStringLiteral("Grey heron"));
        QTest::keyClick(e, Qt::Key_Return);
      }
    QCOMPARE(d.drawer().index().card("sample-heron")->name, std::string("Grey heron"));
    // The open plan has the old one: an update is offered, not forced.
    QVERIFY(d.says(QStringLiteral("as it was before")));
    QCOMPARE(d.session().plan().stamp("heron")->name, std::string("Heron"));
    QVERIFY(d.press(QStringLiteral("Bring the open plan up to date")));
    QCOMPARE(d.session().plan().stamp("heron")->name, std::string("Grey heron"));
    const size_t before = d.session().plan().impressions.size();
    QVERIFY(d.press(QStringLiteral("Put it on the card")));
    QCOMPARE(d.session().plan().impressions.size(), before + 1);
    QCOMPARE(d.session().plan().impressions.back().stamp, std::string("heron"));
  }

  void aPlanHoldsTheStampsItUses() {
    Drawer d;
    d.window.putOnCard(QStringLiteral("sample-humpback-bridge"));
    const auto again = readPlan(writePlan(d.session().plan()));
    QVERIFY(bool(again));
    const StampRef bridge = again.value().plan.stamp("humpback-bridge");
    QVERIFY(bridge && !bridge->art.empty() && bridge->drawer == "sample-humpback-bridge");
    d.session().undoStack().undo();  // one act
    QVERIFY(!d.session().plan().stamp("humpback-bridge"));
  }

  // From nothing: a first stamp on a plan without any ink is stamped with the darkest of the drawer, and lies
  // on the card; a second one finds room beside it.
  void aFirstStampFindsInkAndItsPlace() {
    Drawer d;
    Card card;
    card.panel = {177.8, 127, {}};
    d.session().start(newPlan(card));
    Plan bare = d.session().plan();
    bare.inks.clear();
    d.session().start(bare);
    d.window.putOnCard(QStringLiteral("sample-hare"));
    const Plan& plan = d.session().plan();
    QCOMPARE(plan.impressions.size(), size_t{1});
    QCOMPARE(plan.inks.size(), d.drawer().inks().size());
    const Ink& used = *plan.ink(plan.impressions[0].ink);
    QVERIFY(used.kind != InkKind::Embossing && used.kind != InkKind::Marker);
    for (const Ink& ink : plan.inks)
      if (ink.kind != InkKind::Embossing && ink.kind != InkKind::Marker)
        QVERIFY(lightnessOf(used.colour) <= lightnessOf(ink.colour));
    QVERIFY(plan.card.panel.box().contains(plan.impressions[0].at));
    d.window.putOnCard(QStringLiteral("sample-willow-big"));
    QCOMPARE(plan.impressions.size(), size_t{2});
    QVERIFY(std::abs(plan.impressions[0].at.x - plan.impressions[1].at.x) > 0.1 * plan.card.panel.width_mm);
  }

  void whatIsTakenOutCanBePutBack() {
    Drawer d;
    const DrawerStamp before = *d.drawer().stamp("sample-kite");
    d.shelf().choose("sample-kite");
    const int count = d.shelf().count();
    QVERIFY(d.press(QStringLiteral("Out of the drawer")));
    QCOMPARE(d.shelf().count(), count - 1);
    QVERIFY(d.press(QStringLiteral("Put it back")));
    QCOMPARE(d.shelf().count(), count);
    QCOMPARE(*d.drawer().stamp("sample-kite"), before);
  }

  void theShelfIsDrivenByKeys() {
    Drawer d;
    d.shelf().setFocus();
    QTest::keyClick(&d.shelf(), Qt::Key_Home);
    const std::string first = d.shelf().chosen();
    QTest::keyClick(&d.shelf(), Qt::Key_Right);
    QVERIFY(d.shelf().chosen() != first && !first.empty());
    QTest::keyClick(&d.shelf(), Qt::Key_Down);
    const std::string below = d.shelf().chosen();
    QTest::keyClick(&d.shelf(), Qt::Key_Up);
    QVERIFY(d.shelf().placeOf(below).top() > d.shelf().placeOf(d.shelf().chosen()).top());
    const size_t before = d.session().plan().impressions.size();
    QTest::keyClick(&d.shelf(), Qt::Key_Return);
    QCOMPARE(d.session().plan().impressions.size(), before + 1);
  }

  void inksAreShownAndChanged() {
    Drawer d;
    d.place().showSupplies();
    ChoiceList* inks = d.place().supplies().inkList();
    QCOMPARE(inks->count(), 23);
    inks->setCurrentRow(1);
    const std::string id = d.drawer().inks()[1].id;
    for (QComboBox* c : d.place().supplies().findChildren<QComboBox*>()) {
      c->setCurrentIndex(static_cast<int>(InkKind::Pigment));
      Q_EMIT c->activated(static_cast<int>(InkKind::Pigment));
    }
    QCOMPARE(d.drawer().inks()[1].id, id);
    QCOMPARE(d.drawer().inks()[1].kind, InkKind::Pigment);
    QVERIFY(d.press(QStringLiteral("Use it in this plan")));
    QCOMPARE(d.session().plan().ink(id)->kind, InkKind::Pigment);
  }

  void pressingsAreSetByEyeAndFromAStrip() {
    Drawer d;
    auto* supplies = d.window.findChild<SuppliesPanel*>();
    QVERIFY(supplies);
    supplies->inkList()->setCurrentRow(0);
    const std::string id = d.drawer().inks()[0].id;
    const auto strengths = [&] {
      for (const Ink& i : d.drawer().inks())
        if (i.id == id) return i.generations;
      return std::vector<double>{};
    };
    auto* line = d.window.findChild<QLineEdit*>(QStringLiteral("pressings"));
    const auto type = [&](const QString& text) {
      line->selectAll();
      line->insert(text);
      line->setModified(true);
      Q_EMIT line->editingFinished();
    };
    type(QStringLiteral("100, 80 40%"));
    QCOMPARE(strengths(), (std::vector<double>{1, 0.8, 0.4}));
    for (const char* bad : {"100, 180", "pale", "", "-5"}) {
      type(QLatin1String(bad));
      QCOMPARE(strengths(), (std::vector<double>{1, 0.8, 0.4}));
    }
    const StampRef duck = demo("canal-towpath").stamp("duck");
    std::vector<OnGlass> glass = inRows({duck, duck}, 120);
    glass[1].ink = QColor(150, 150, 152);
    const QString file = d.folder.filePath(QStringLiteral("strip.png"));
    QVERIFY(scanSheet(glass, 120, heightOfRows(glass), SvgArt()).save(file));
    supplies->readStrip(file);
    QTRY_COMPARE_WITH_TIMEOUT(strengths().size(), 2u, 20000);
    QVERIFY(strengths()[1] > 0.3 && strengths()[1] < 0.65);
  }

  void aDrawerIsPackedAndTakenIn() {
    Drawer a;
    const QString zip = a.folder.filePath(QStringLiteral("mine.zip"));
    a.place().exportTo(zip);
    settle(a.place());
    QVERIFY(QFileInfo::exists(zip));
    Drawer b(false);
    b.place().importFrom(zip);
    settle(b.place());
    waitForJobs(b.window.drawerSession());
    QCOMPARE(b.shelf().count(), a.shelf().count());
    b.place().importFrom(QStringLiteral("/nowhere/x.zip"));
    settle(b.place());
    QVERIFY(b.says(QStringLiteral("cannot open")));
  }

  // "A sample scan becomes a placed stamp in the scene in under ten acts": each line below is one act of the
  // maker.
  void aSampleScanBecomesAPlacedStampInAFewActs() {
    Drawer d;
    int acts = 0;
    const size_t before = d.session().plan().impressions.size();
    ++acts;
    QTest::keyClick(&d.window, Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
    ++acts;
    QVERIFY(d.press(QStringLiteral("Try a sample")));
    settle(d.add());
    QCOMPARE(d.add().impressions(), 5);
    ++acts;
    QVERIFY(d.press(QStringLiteral("Next impression")));
    settle(d.add());
    for (QLineEdit* e : d.add().findChildren<QLineEdit*>())
      if (e->accessibleName() == QLatin1String("Name")) {
        ++acts;
        QTest::keyClicks(e, QStringLiteral("Scanned thing"));
      }
    ++acts;
    QVERIFY(d.press(QStringLiteral("Into the drawer and onto the card")));
    QVERIFY2(acts < 10, qPrintable(QString::number(acts)));
    QCOMPARE(d.session().plan().impressions.size(), before + 1);
    QCOMPARE(d.session().plan().impressions.back().stamp, std::string("scanned-thing"));
    QVERIFY(d.window.scene().isVisible());
  }

  void mendingByHand() {
    Drawer d;
    d.place().showAdding();
    const StampRef hare = std::make_shared<Stamp>(d.drawer().stamp("sample-hare")->stamp);
    const QString file = d.folder.filePath(QStringLiteral("garden_hare.png"));
    QVERIFY(scanSheet({{hare, {12, 12}}}, hare->width_mm + 24, hare->height_mm + 24, SvgArt()).save(file));
    d.add().readFile(file);
    settle(d.add());
    QVERIFY(d.add().hasStamp());
    QCOMPARE(d.add().impressions(), 1);
    const double area = d.add().traced()->silhouette_mm2;
    // A click inside makes a hole of the region there, a second click fills it again.
    const EnclosedRegion region = d.add().traced()->regions[0];
    const QPoint inside = d.add().view().toPixels(region.inside).toPoint();
    QTest::mouseClick(&d.add().view(), Qt::LeftButton, {}, inside);
    settle(d.add());
    QVERIFY(d.add().traced()->silhouette_mm2 < area - 0.7 * region.area_mm2);
    QTest::mouseClick(&d.add().view(), Qt::LeftButton, {}, inside);
    settle(d.add());
    QVERIFY(std::fabs(d.add().traced()->silhouette_mm2 - area) < 0.5);
    // A part is drawn round and added.
    QTest::mouseClick(d.add().findChild<QPushButton*>(QStringLiteral("showMends")), Qt::LeftButton);
    QVERIFY(d.press(QStringLiteral("Add a part")));
    const QPoint corner = d.add().view().rect().center() + QPoint(90, 120);
    QTest::mousePress(&d.add().view(), Qt::LeftButton, {}, corner);
    for (QPoint p : {QPoint(40, 0), QPoint(40, 40), QPoint(0, 40)})
      QTest::mouseMove(&d.add().view(), corner + p);
    QTest::mouseRelease(&d.add().view(), Qt::LeftButton, {}, corner + QPoint(0, 40));
    settle(d.add());
    QVERIFY(d.add().traced()->silhouette_mm2 > area + 1);
    // The outline moves out.
    for (QSlider* s : d.add().findChildren<QSlider*>())
      if (s->accessibleName() == QLatin1String("Outline inward or outward")) s->setValue(10);
    const double before = d.add().traced()->silhouette_mm2;
    settle(d.add());
    QVERIFY(d.add().traced()->silhouette_mm2 > before + 10);
    QVERIFY(d.press(QStringLiteral("Into the drawer")));
    // The name came from the file, the height from the name.
    bool found = false;
    for (const DrawerCard& c : d.drawer().index().cards())
      if (c.name == "Garden hare") found = c.realHeight && std::fabs(c.realHeight->typical_m - 0.6) < 0.01;
    QVERIFY(found);
  }

  // Five stamps on a sheet: name, Return, height, Return, and the next one comes by itself; what is done is
  // marked.
  void oneStampAfterTheOther() {
    Drawer d(false);
    d.place().showAdding();
    QVERIFY(d.press(QStringLiteral("Try a sample")));
    settle(d.add());
    const int n = d.add().impressions();
    QCOMPARE(n, 5);
    auto* name = d.add().findChild<QLineEdit*>(QStringLiteral("stampName"));
    auto* height = d.add().findChild<QComboBox*>(QStringLiteral("stampHeight"));
    QVERIFY(name->isVisible() && height->isVisible());  // in view without rolling
    QVERIFY(d.add().rect().contains(QRect(name->mapTo(&d.add(), QPoint()), name->size())));
    const char* names[] = {"Hare", "Duck", "Poplar", "Wading bird", "Cottage"};
    const char* heights[] = {"", "", "", "90 cm", "6 m"};
    QSet<int> seen;
    for (int k = 0; k < n; ++k) {
      seen << d.add().chosenImpression();
      QTest::keyClicks(name, QLatin1String(names[k]));
      QTest::keyClick(name, Qt::Key_Return);
      if (*heights[k]) {
        height->lineEdit()->selectAll();
        QTest::keyClicks(height->lineEdit(), QLatin1String(heights[k]));
      }
      QTest::keyClick(height->lineEdit(), Qt::Key_Return);
      settle(d.add());
      waitForJobs(d.drawer());
    }
    QCOMPARE(seen.size(), n);
    QStringList in;
    for (const DrawerCard& c : d.drawer().index().cards()) in << QString::fromStdString(c.name);
    QVERIFY2(in.size() == n, qPrintable(in.join(QStringLiteral(", "))));
    QVERIFY(d.says(QStringLiteral("All 5 are in the drawer")));
    for (const DrawerCard& c : d.drawer().index().cards()) QVERIFY2(c.realHeight.has_value(), c.name.c_str());
    for (const DrawerCard& c : d.drawer().index().cards())
      if (c.name == "Wading bird") QVERIFY(std::fabs(c.realHeight->typical_m - 0.9) < 1e-9);
  }

  void aHeightThatIsNoneIsRefused() {
    Drawer d(false);
    d.place().showAdding();
    QVERIFY(d.press(QStringLiteral("Try a sample")));
    settle(d.add());
    auto* height = d.add().findChild<QComboBox*>(QStringLiteral("stampHeight"));
    QTest::keyClicks(height->lineEdit(), QStringLiteral("very tall"));
    QTest::keyClick(height->lineEdit(), Qt::Key_Return);
    QCOMPARE(d.drawer().index().cards().size(), size_t{0});
    QVERIFY(d.says(QStringLiteral("very tall")));
  }

  // Mends of a trace are taken back by undo there; the plan's own changes stay.
  void undoTakesBackMends() {
    Drawer d;
    const Plan plan = d.session().plan();
    d.place().showAdding();
    QVERIFY(d.press(QStringLiteral("Try a sample")));
    settle(d.add());
    const double area = d.add().traced()->silhouette_mm2;
    QVERIFY(!d.window.action(QStringLiteral("undo"))->isEnabled());
    const QPoint inside = d.add().view().toPixels(d.add().traced()->regions[0].inside).toPoint();
    QTest::mouseClick(&d.add().view(), Qt::LeftButton, {}, inside);
    settle(d.add());
    const double other = d.add().traced()->silhouette_mm2;
    QVERIFY(std::fabs(other - area) > 0.5);
    for (QSlider* s : d.add().findChildren<QSlider*>())
      if (s->accessibleName() == QLatin1String("Outline inward or outward")) s->setValue(6), s->setValue(10);
    settle(d.add());
    const double grown = d.add().traced()->silhouette_mm2;
    QVERIFY(d.window.action(QStringLiteral("undo"))->isEnabled());
    QVERIFY(d.window.action(QStringLiteral("undo"))->text().contains(QStringLiteral("slider")));
    d.window.action(QStringLiteral("undo"))->trigger();  // one pull at a slider is one step
    settle(d.add());
    QVERIFY(d.add().traced()->silhouette_mm2 < grown - 5);
    d.window.action(QStringLiteral("undo"))->trigger();
    settle(d.add());
    QVERIFY(std::fabs(d.add().traced()->silhouette_mm2 - area) < 0.01);
    d.window.action(QStringLiteral("redo"))->trigger();
    settle(d.add());
    QVERIFY(std::fabs(d.add().traced()->silhouette_mm2 - other) < 0.01);
    QVERIFY(d.session().plan() == plan);
    // Elsewhere undo is the plan's again.
    d.window.visit(QStringLiteral("scene"));
    QVERIFY(!d.window.action(QStringLiteral("undo"))->isEnabled());
  }

  void anOpenOutlineIsClosedInOneAct() {
    Drawer d(false);
    d.place().showAdding();
    const QString file = d.folder.filePath(QStringLiteral("hut.svg"));
    QFile f(file);
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.write(
        "<svg xmlns='http://www.w3.org/2000/svg' width='40mm' height='40mm' viewBox='0 0 40 40'>"
        "<path fill='none' stroke='#000' stroke-width='0.5' d='M19.4 10 H10 V30 H20 M21.3 30 H30 V10 "
        "H20.7'/></svg>");
    f.close();
    d.add().readFile(file);
    settle(d.add());
    QVERIFY(d.says(QStringLiteral("open at 2 places")));
    const double before = d.add().traced()->silhouette_mm2;
    QTest::mouseClick(d.add().findChild<QPushButton*>(QStringLiteral("closeOutline")), Qt::LeftButton);
    settle(d.add());
    QVERIFY(d.add().traced()->silhouette_mm2 > before + 300);
    QVERIFY(!d.says(QStringLiteral("open at")));
    d.window.action(QStringLiteral("undo"))->trigger();
    settle(d.add());
    QVERIFY(d.says(QStringLiteral("open at 2 places")));
  }

  void aPictureWithoutAScaleIsAskedAbout() {
    Drawer d;
    d.place().showAdding();
    const StampRef hare = std::make_shared<Stamp>(d.drawer().stamp("sample-hare")->stamp);
    QImage image = scanSheet({{hare, {12, 12}}}, hare->width_mm + 24, hare->height_mm + 24, SvgArt());
    image.setDotsPerMeterX(3780), image.setDotsPerMeterY(3780);
    const QString file = d.folder.filePath(QStringLiteral("photo.png"));
    QVERIFY(image.save(file));
    d.add().readFile(file);
    settle(d.add());
    QVERIFY(!d.add().hasStamp());
    QVERIFY(d.says(QStringLiteral("does not say how large")));
    // The sheet is hare + 24 mm wide; the lid shows 6 mm all round.
    QVERIFY(d.press(QStringLiteral("Mark a length")));
    const QRect view = d.add().view().rect();
    const QPointF left = d.add().view().toPixels({0, image.height() / 2.0}),
                  right = d.add().view().toPixels({double(image.width()), image.height() / 2.0});
    QVERIFY(view.contains(left.toPoint()) && view.contains(right.toPoint()));
    QTest::mousePress(&d.add().view(), Qt::LeftButton, {}, left.toPoint());
    QTest::mouseMove(&d.add().view(), (left + right).toPoint() / 2);
    QTest::mouseRelease(&d.add().view(), Qt::LeftButton, {}, right.toPoint());
    for (MeasureEdit* e : d.add().findChildren<MeasureEdit*>())
      if (e->accessibleName() == QLatin1String("True length of the marked line")) {
        QTest::keyClicks(e, QStringLiteral("%1mm").arg(hare->width_mm + 36));
        QTest::keyClick(e, Qt::Key_Return);
      }
    settle(d.add());
    QVERIFY(d.add().hasStamp());
    QVERIFY2(std::fabs(d.add().traced()->stamp.height_mm - hare->height_mm) < 0.6,
             qPrintable(QString::number(d.add().traced()->stamp.height_mm)));
  }

  void picturesArePastedAndDropped() {
    Drawer d;
    d.place().showAdding();
    const StampRef duck = std::make_shared<Stamp>(d.drawer().stamp("sample-duck")->stamp);
    QGuiApplication::clipboard()->setImage(scanSheet({{duck, {12, 12}}}, 50, 40, SvgArt()));
    QVERIFY(d.press(QStringLiteral("Paste")));
    settle(d.add());
    QVERIFY(d.add().hasStamp());
    QGuiApplication::clipboard()->clear();
    QVERIFY(d.press(QStringLiteral("Paste")));
    QVERIFY(d.says(QStringLiteral("no picture to paste")));
    QFile svg(d.folder.filePath(QStringLiteral("moon.svg")));
    QVERIFY(svg.open(QIODevice::WriteOnly));
    svg.write(d.drawer().stamp("sample-thin-moon")->stamp.art.c_str());
    svg.close();
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(svg.fileName())});
    QDragEnterEvent enter(QPoint(50, 50), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QCoreApplication::sendEvent(&d.add().view(), &enter);
    QVERIFY(enter.isAccepted());
    QDropEvent drop(QPointF(50, 50), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QCoreApplication::sendEvent(&d.add().view(), &drop);
    waitForJobs(d.place());  // a drawing might be a set; this one is not
    settle(d.add());
    QVERIFY(d.add().hasStamp());
    const Stamp& moon = d.drawer().stamp("sample-thin-moon")->stamp;
    QVERIFY2(
        std::fabs(d.add().traced()->stamp.height_mm - moon.height_mm) < 0.2,
        qPrintable(QStringLiteral("%1 for %2").arg(d.add().traced()->stamp.height_mm).arg(moon.height_mm)));
  }

  void badPicturesAreRefusedAndNothingChanges() {
    Drawer d;
    d.place().showAdding();
    QVERIFY(d.press(QStringLiteral("Try a sample")));
    settle(d.add());
    const auto before = d.add().traced();
    QFile f(d.folder.filePath(QStringLiteral("letter.png")));
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.write("this is a letter");
    f.close();
    d.add().readFile(f.fileName());
    settle(d.add());
    QVERIFY(d.says(QStringLiteral("not a picture")));
    QVERIFY(d.add().traced() == before);
  }

  void fiveThousandStampsAreInstant() {
    Drawer d(false);
    WholeDrawer many;
    const Stamp hare = demo("canal-towpath").stamp("hare") ? *demo("canal-towpath").stamp("hare") : Stamp{};
    for (int k = 0; k < 5000; ++k) {
      DrawerStamp s;
      s.stamp = hare;
      s.stamp.id = "s" + std::to_string(k);
      s.stamp.name = (k % 7 ? "Hare " : "Owl ") + std::to_string(k);
      s.card.key = "k" + std::to_string(k);
      many.stamps.push_back(agreed(s));
    }
    QVERIFY(d.drawer().putAll(many));
    QCOMPARE(d.shelf().count(), 5000);
    QTest::keyClicks(&d.place().searchLine(), QStringLiteral("owl 49"));
    QVERIFY(d.shelf().count() > 0 && d.shelf().count() < 100);
  }
};

HAVLO_TEST(TstDrawerPlace)
#include "tst_drawer_place.moc"
