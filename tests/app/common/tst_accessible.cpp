// What whatever reads the screen is told: painted views have children with a name, a place and whether they
// are chosen; taking one is a click. And by keys alone: what the mouse can drag.
#include <QAccessible>
#include <QAccessibleActionInterface>
#include <QComboBox>
#include <QLineEdit>
#include <QSlider>

#include "app/common/accessible_items.h"
#include "app/drawer/add_page.h"
#include "app/drawer/shelf_view.h"
#include "app/ink/ink_place.h"
#include "app/ink/ink_view.h"
#include "app/masks/mask_view.h"
#include "app/order/step_strip.h"
#include "app/shell/trail.h"
#include "core/edit/view_edits.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

QAccessibleInterface* told(QWidget* view) { return QAccessible::queryAccessibleInterface(view); }

/// Every item is a child with a name, inside its view, and found where it lies.
void checkChildren(QWidget* view, int least) {
  auto* source = dynamic_cast<ItemView*>(view);
  QVERIFY(source);
  const auto items = source->items();
  QVERIFY2(static_cast<int>(items.size()) >= least, view->metaObject()->className());
  QAccessibleInterface* tree = told(view);
  QVERIFY(tree && !tree->text(QAccessible::Name).isEmpty());
  QVERIFY(tree->childCount() >= static_cast<int>(items.size()));
  for (size_t k = 0; k < items.size(); ++k) {
    QAccessibleInterface* child = tree->child(static_cast<int>(k));
    QVERIFY2(child && child->isValid(), qPrintable(items[k].name));
    QCOMPARE(child->text(QAccessible::Name), items[k].name);
    QVERIFY2(!items[k].name.isEmpty() && !items[k].words.isEmpty(), qPrintable(items[k].name));
    QCOMPARE(child->state().selected, items[k].chosen);
    QCOMPARE(child->parent(), tree);
    QCOMPARE(tree->indexOfChild(child), static_cast<int>(k));
    QCOMPARE(child->rect().size(), items[k].place.size());
  }
  QVERIFY(!tree->child(tree->childCount() + 5));
}

void take(QWidget* view, const QString& name) {
  QAccessibleInterface* tree = told(view);
  for (int k = 0; k < tree->childCount(); ++k)
    if (QAccessibleInterface* child = tree->child(k); child->text(QAccessible::Name) == name)
      return child->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
  QFAIL(qPrintable(QStringLiteral("there is no ") + name));
}

}  // namespace

class TstAccessible : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void cardAndWalkAreTold() {
    Window w;
    settleLooks(w.session());
    checkChildren(&w.face(), 18);
    checkChildren(&w.walk(), 18);
    take(&w.face(), QStringLiteral("Hare"));
    QCOMPARE(w.session().selected(), QStringLiteral("hare"));
    QAccessibleInterface* tree = told(&w.face());
    int chosen = 0;
    QString words;
    for (int k = 0; k < tree->childCount(); ++k)
      if (tree->child(k)->state().selected) ++chosen, words = tree->child(k)->text(QAccessible::Description);
    QCOMPARE(chosen, 1);
    QVERIFY2(words.contains(QStringLiteral("the hero")) && words.contains(QStringLiteral("away")),
             qPrintable(words));
    take(&w.walk(), QStringLiteral("Duck"));
    QCOMPARE(w.session().selected(), QStringLiteral("duck"));
    // A finding is told with the thing that it is about.
    bool told_ = false;
    for (int k = 0; k < tree->childCount(); ++k)
      told_ = told_ || tree->child(k)->text(QAccessible::Description).contains(QStringLiteral("too small"));
    QVERIFY(told_);
    // What is gone is gone for the reader as well.
    const int before = tree->childCount();
    QAccessibleInterface* last = tree->child(17);
    w.window.action(QStringLiteral("remove"))->trigger();
    QCOMPARE(tree->childCount(), before - 1);
    QVERIFY(!last->isValid());
  }

  void stripMasksShelfInkScanAndTrailAreTold() {
    Window w;
    w.window.visit(QStringLiteral("order"));
    settleOrder(w.session());
    QCoreApplication::processEvents();
    auto* strip = w.window.findChild<StepStrip*>();
    checkChildren(strip, 20);
    take(strip, dynamic_cast<ItemView*>(strip)->items()[3].name);
    QCOMPARE(strip->chosen(), 3);
    w.window.visit(QStringLiteral("drawer"));
    w.window.drawerSession().fillWithDemo();
    QCoreApplication::processEvents();
    auto* shelf = w.window.findChild<ShelfView*>();
    checkChildren(shelf, 40);
    take(shelf, QStringLiteral("Heron"));
    QCOMPARE(shelf->chosen(), std::string("sample-heron"));
    w.window.visit(QStringLiteral("ink"));
    QCoreApplication::processEvents();
    auto* ink = w.window.findChild<InkView*>();
    checkChildren(ink, 3);
    auto* add = w.window.findChild<AddPage*>();
    w.window.visit(QStringLiteral("drawer"));
    w.window.drawer().showAdding();
    add->trySample();
    settle(*add);
    checkChildren(&add->view(), 1);
    checkChildren(w.window.findChild<Trail*>(), 8);
    take(w.window.findChild<Trail*>(), QStringLiteral("Scene"));
    QCOMPARE(w.window.current(), QStringLiteral("scene"));
  }

  // Horizon, vanishing point and light by arrow keys, in steps of a millimetre.
  void horizonAndLightAreMovedByKeys() {
    Window w;
    w.face().setFocus();
    const double before = w.session().plan().view->horizon_mm;
    bool moved = false;
    for (int k = 0; k < 12 && !moved; ++k) {
      QTest::keyClick(&w.face(), Qt::Key_H);
      if (!w.face().accessibleName().contains(QStringLiteral("horizon: drag"))) continue;
      QTest::keyClick(&w.face(), Qt::Key_Up);
      QTest::keyClick(&w.face(), Qt::Key_Up);
      moved = true;
    }
    QVERIFY(moved);
    QVERIFY2(std::fabs(w.session().plan().view->horizon_mm - before - 2) < 0.01,
             qPrintable(QString::number(w.session().plan().view->horizon_mm)));
    QTest::keyClick(&w.face(), Qt::Key_Escape);
    // The arrows are the things' again.
    w.session().select(QStringLiteral("duck"));
    const double x = w.footOf("duck").x;
    QTest::keyClick(&w.face(), Qt::Key_Right);
    QCOMPARE(w.footOf("duck").x, x + 1);
  }

  void theWalkIsGoneThroughByKeys() {
    Window w;
    w.walk().setFocus();
    QStringList seen;
    for (int k = 0; k < 5; ++k) {
      QTest::keyClick(&w.walk(), Qt::Key_Up);
      seen << w.session().selected();
    }
    QCOMPARE(QSet<QString>(seen.begin(), seen.end()).size(), 5);
    // Each farther than the one before.
    double away = 0;
    for (const QString& id : seen) {
      const double d =
          w.session().analysis()->depth->distance_m(w.session().plan().indexOf(id.toStdString()));
      QVERIFY(d >= away - 1e-9);
      away = d;
    }
  }

  void blendsArePulledByKeys() {
    Window w;
    w.window.visit(QStringLiteral("ink"));
    QCoreApplication::processEvents();
    auto* ink = w.window.findChild<InkView*>();
    ink->setFocus();
    QTest::keyClick(ink, Qt::Key_PageDown);
    QVERIFY(!ink->wash().isEmpty());
    const auto washes = w.session().plan().washes;
    QTest::keyClick(ink, Qt::Key_H);
    for (const Qt::Key key : {Qt::Key_Up, Qt::Key_Left, Qt::Key_Down, Qt::Key_Right, Qt::Key_Down})
      QTest::keyClick(ink, key);
    QVERIFY(w.session().plan().washes != washes || w.session().undoStack().count() > 0);
  }

  // A stamp cut out of a scan without a mouse: an impression, a hole, a part added, the foot.
  void aTraceIsMendedByKeys() {
    Window w;
    w.window.visit(QStringLiteral("drawer"));
    w.window.drawer().showAdding();
    auto* add = w.window.findChild<AddPage*>();
    add->trySample();
    settle(*add);
    ScanView& view = add->view();
    view.setFocus();
    const double area = add->traced()->silhouette_mm2;
    QTest::keyClick(&view, Qt::Key_PageDown);
    QTest::keyClick(&view, Qt::Key_Return);
    settle(*add);
    QVERIFY(std::fabs(add->traced()->silhouette_mm2 - area) > 0.3);
    w.window.action(QStringLiteral("undo"))->trigger();
    settle(*add);
    view.setTool(ScanView::Tool::Add);
    // A square of 4 mm in a corner of the picture.
    for (int k = 0; k < 12; ++k) QTest::keyClick(&view, Qt::Key_Right);
    QTest::keyClick(&view, Qt::Key_Space);
    for (const Qt::Key way : {Qt::Key_Right, Qt::Key_Down, Qt::Key_Left}) {
      for (int k = 0; k < 4; ++k) QTest::keyClick(&view, way);
      QTest::keyClick(&view, Qt::Key_Space);
    }
    QTest::keyClick(&view, Qt::Key_Return);
    settle(*add);
    QVERIFY2(add->traced()->silhouette_mm2 > area + 3,
             qPrintable(QString::number(add->traced()->silhouette_mm2 - area)));
    QTest::keyClick(&view, Qt::Key_F);
    const int steps = add->undoStack().count();
    QTest::keyClick(&view, Qt::Key_Left);
    QVERIFY(add->undoStack().count() > steps);
  }

  // No field, button or view without a name; nothing that can be clicked is out of the keys' reach.
  void everythingThatCanBeUsedHasANameAndTheKeys() {
    Window w;
    w.window.drawerSession().fillWithDemo();
    QStringList nameless, unreached;
    for (const char* place : {"card", "drawer", "scene", "order", "ink", "colour", "make", "log", "practice",
                              "arrange", "begin"}) {
      w.window.visit(QLatin1String(place));
      settleOrder(w.session());
      QCoreApplication::processEvents();
      for (QWidget* widget : w.window.findChildren<QWidget*>()) {
        if (!widget->isVisible() || !widget->isEnabled()) continue;
        const bool used = qobject_cast<QAbstractButton*>(widget) || qobject_cast<QLineEdit*>(widget) ||
                          qobject_cast<QComboBox*>(widget) || qobject_cast<QSlider*>(widget) ||
                          dynamic_cast<ItemView*>(widget);
        if (!used || qobject_cast<QComboBox*>(widget->parentWidget())) continue;
        QAccessibleInterface* tree = told(widget);
        const QString what = QStringLiteral("%1: %2 %3")
                                 .arg(QLatin1String(place), QLatin1String(widget->metaObject()->className()),
                                      widget->objectName());
        if (!tree || tree->text(QAccessible::Name).isEmpty()) nameless << what;
        const bool ownKeys = widget->objectName() == QLatin1String("trailUndo") ||
                             widget->objectName() == QLatin1String("trailRedo");
        if (!(widget->focusPolicy() & Qt::TabFocus) && !ownKeys &&
            !widget->objectName().startsWith(QLatin1String("qt_")) && !qobject_cast<QLineEdit*>(widget))
          unreached << what;
      }
    }
    nameless.removeDuplicates(), unreached.removeDuplicates();
    QVERIFY2(nameless.isEmpty(), qPrintable(nameless.join(u'\n')));
    QVERIFY2(unreached.isEmpty(), qPrintable(unreached.join(u'\n')));
  }
};

HAVLO_TEST(TstAccessible)
#include "tst_accessible.moc"
