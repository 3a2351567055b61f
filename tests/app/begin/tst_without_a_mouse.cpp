// The whole main job twice more: by keys alone, each sent to what has the keys; and by the tree that screen
// readers are given alone, without a look at a widget. Neither knows the classes of the window.
#include <QAccessible>
#include <QAccessibleActionInterface>
#include <QSettings>
#include <functional>

#include "io/making/making_file.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

QString nameOf(QAccessibleInterface* one) { return one->text(QAccessible::Name).remove(u'&'); }

/// A window at its very first start, in which nothing is done but what is asked of it from outside.
struct Untouched : Window {
  Untouched() : Window(false) {
    window.making().clock = [] { return 1.8e9; };
    QSettings().remove(QStringLiteral("begun"));
    window.visit(QStringLiteral("begin"));
    window.activateWindow();
    rest();
  }
  /// Waits until nothing is at work.
  void rest() {
    waitForJobs(window);
    waitForJobs(session());
    waitForJobs(window.drawerSession());
  }
  const Plan& plan() { return session().plan(); }
};

/// Somebody at a keyboard: keys go where the focus is, wherever that is.
struct Keyboard : Untouched {
  int keys = 0;

  QWidget* at() {
    QWidget* here = QApplication::focusWidget();
    if (QWidget* above = QApplication::activePopupWidget(); above && !above->isAncestorOf(here)) here = above;
    return here ? here : &window;
  }
  void key(Qt::Key key, Qt::KeyboardModifiers with = {}) {
    ++keys;
    QTest::keyClick(at(), key, with);
    QCoreApplication::processEvents();
  }
  void type(const QString& text) {
    for (const QChar c : text) {
      ++keys;
      QTest::keyClick(at(), c.toLatin1());
    }
  }
  QString here() {
    QAccessibleInterface* told = QAccessible::queryAccessibleInterface(at());
    return told ? nameOf(told) : QString();
  }
  /// Tab until what has the keys is called so. Nothing holds on to them on the way.
  bool tabTo(const QString& name) {
    QStringList seen;
    for (int k = 0; k < 250; ++k) {
      if (here().startsWith(name)) return true;
      seen << (here().isEmpty() ? QLatin1String(at()->metaObject()->className()) + u' ' + at()->objectName()
                                : here());
      const QWidget* before = at();
      key(Qt::Key_Tab);
      if (at() == before) return qWarning("the keys are held by %s", qPrintable(here())), false;
    }
    seen.removeDuplicates();
    return qWarning("%s is not among %s", qPrintable(name), qPrintable(seen.join(QStringLiteral(" | ")))),
           false;
  }
  /// Down through a list until the chosen row begins so.
  bool choose(const QString& row) {
    for (int k = 0; k < 80; ++k) {
      QAccessibleInterface* list = QAccessible::queryAccessibleInterface(at());
      QAccessibleInterface* one = list ? list->focusChild() : nullptr;
      if (one && nameOf(one).startsWith(row)) return true;
      key(k == 0 ? Qt::Key_Home : Qt::Key_Right);
    }
    return false;
  }
};

/// Somebody who is given the tree and nothing else.
struct Reader : Untouched {
  using Wanted = std::function<bool(QAccessibleInterface*)>;

  static bool there(QAccessibleInterface* one) {
    return one && one->isValid() && !one->state().invisible && !one->state().disabled;
  }
  static QAccessibleInterface* below(QAccessibleInterface* one, const Wanted& wanted, QStringList* names) {
    if (!one || !one->isValid() || one->state().invisible) return nullptr;
    if (names && !nameOf(one).isEmpty()) *names << nameOf(one);
    if (there(one) && wanted(one)) return one;
    for (int k = 0; k < one->childCount(); ++k)
      if (QAccessibleInterface* found = below(one->child(k), wanted, names)) return found;
    return nullptr;
  }
  /// What is in front comes first, as it does for a reader.
  static QAccessibleInterface* find(const Wanted& wanted, QStringList* names = nullptr) {
    QAccessibleInterface* root = QAccessible::queryAccessibleInterface(qApp);
    for (int k = root->childCount(); k-- > 0;)
      if (QAccessibleInterface* found = below(root->child(k), wanted, names)) return found;
    return nullptr;
  }
  static QAccessibleInterface* called(const QString& name, std::initializer_list<QAccessible::Role> roles) {
    QStringList names;
    QAccessibleInterface* one = find(
        [&](QAccessibleInterface* o) {
          return nameOf(o).startsWith(name) &&
                 (roles.size() == 0 || std::find(roles.begin(), roles.end(), o->role()) != roles.end());
        },
        &names);
    if (!one) qWarning("no %s among %s", qPrintable(name), qPrintable(names.join(QStringLiteral(" | "))));
    return one;
  }
  bool act(QAccessibleInterface* one) {
    if (!one || !one->actionInterface()) return false;
    for (const QString& what :
         {QAccessibleActionInterface::pressAction(), QAccessibleActionInterface::toggleAction()})
      if (one->actionInterface()->actionNames().contains(what)) {
        one->actionInterface()->doAction(what);
        // Buttons are let go of a moment after they were pressed.
        QTest::qWait(150);
        rest();
        return true;
      }
    return false;
  }
  bool press(const QString& button) {
    return act(called(button, {QAccessible::PushButton, QAccessible::RadioButton, QAccessible::CheckBox,
                               QAccessible::ButtonMenu, QAccessible::MenuItem}));
  }
  bool take(const QString& item) { return act(called(item, {QAccessible::ListItem, QAccessible::PageTab})); }
};

}  // namespace

class TstWithoutAMouse : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }
  void cleanup() { QSettings().remove(QStringLiteral("begun")); }

  // From the first page to a card in the log.
  void aCardByTheTreeAlone() {
    Reader w;
    QVERIFY(w.press(QStringLiteral("The sample stamps")));
    QVERIFY(w.take(QStringLiteral("Hare")));
    QCOMPARE(w.plan().impressions.size(), size_t{1});
    QVERIFY(w.press(QStringLiteral("Add")));
    QVERIFY(w.take(QStringLiteral("Tall poplar")));
    QCOMPARE(w.plan().impressions.size(), size_t{2});
    // The hare on the card, and its verdict.
    QAccessibleInterface* hare = w.called(QStringLiteral("Hare"), {QAccessible::ListItem});
    QVERIFY(hare && hare->text(QAccessible::Description).contains(QStringLiteral("away")));
    QVERIFY(w.act(hare));
    QVERIFY(w.press(QStringLiteral("Make it the hero")));
    QVERIFY(w.plan().impression(w.session().selected().toStdString()) != nullptr);
    QVERIFY(w.take(QStringLiteral("Ink")));
    QVERIFY(w.act(w.called(QStringLiteral("Background"), {})));
    QVERIFY(w.press(QStringLiteral("A sky")));
    QCOMPARE(w.plan().washes.size(), size_t{1});
    QVERIFY(w.take(QStringLiteral("Order")));
    w.rest();
    QVERIFY(w.take(QStringLiteral("Make")));
    QVERIFY(w.press(QStringLiteral("Begin this card")));
    QVERIFY(w.window.making().bench().has_value());
    for (int k = 0; k < 60 && !w.window.making().bench()->finished(); ++k)
      QVERIFY(w.press(QStringLiteral("Done")));
    QVERIFY(w.window.making().bench()->finished());
    QVERIFY(w.press(QStringLiteral("Write it in the log")));
    QCOMPARE(readLog(w.window.making().logFile()).size(), size_t{1});
  }

  void aCardByKeysAlone() {
    Keyboard w;
    QVERIFY(QTest::qWaitForWindowActive(&w.window));
    QVERIFY(w.tabTo(QStringLiteral("The sample stamps")));
    w.key(Qt::Key_Return);
    w.rest();
    QVERIFY(w.tabTo(QStringLiteral("Your stamps")));
    QVERIFY(w.choose(QStringLiteral("Hare")));
    w.key(Qt::Key_Return);
    QCOMPARE(w.plan().impressions.size(), size_t{1});
    QVERIFY(w.tabTo(QStringLiteral("Add")));
    w.key(Qt::Key_Space);
    QVERIFY(w.choose(QStringLiteral("Tall poplar")));
    w.key(Qt::Key_Return);
    QCOMPARE(w.plan().impressions.size(), size_t{2});
    w.rest();
    // The hare is taken in the walk, and made the hero.
    QVERIFY(w.tabTo(QStringLiteral("The walk")));
    const std::string hare = w.plan().impressions[0].id;
    for (int k = 0; k < 4 && w.session().selected().toStdString() != hare; ++k)
      w.key(k < 2 ? Qt::Key_Up : Qt::Key_Down);
    QCOMPARE(w.session().selected().toStdString(), hare);
    QVERIFY(w.tabTo(QStringLiteral("Make it the hero")));
    w.key(Qt::Key_Space);
    w.rest();
    QVERIFY(w.plan().impressions[0].hero);
    // Undone and done again on the way, as everybody does.
    w.key(Qt::Key_Z, Qt::ControlModifier);
    QVERIFY(!w.plan().impressions[0].hero);
    w.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    QVERIFY(w.plan().impressions[0].hero);
    w.key(Qt::Key_5, Qt::ControlModifier);
    w.rest();
    QVERIFY(w.tabTo(QStringLiteral("Background")));
    w.key(Qt::Key_Space);
    QVERIFY(w.tabTo(QStringLiteral("A sky")));
    w.key(Qt::Key_Space);
    QCOMPARE(w.plan().washes.size(), size_t{1});
    w.key(Qt::Key_4, Qt::ControlModifier);
    w.rest();
    w.key(Qt::Key_7, Qt::ControlModifier);
    w.rest();
    QVERIFY(w.tabTo(QStringLiteral("Begin this card")));
    w.key(Qt::Key_Space);
    w.rest();
    QVERIFY(w.window.making().bench().has_value());
    for (int k = 0; k < 80 && !w.window.making().bench()->finished(); ++k) {
      w.key(Qt::Key_Space);
      w.rest();
    }
    QVERIFY(w.window.making().bench()->finished());
    QVERIFY(w.tabTo(QStringLiteral("Write it in the log")));
    w.key(Qt::Key_Space);
    w.rest();
    QCOMPARE(readLog(w.window.making().logFile()).size(), size_t{1});
    qInfo("keys pressed: %d", w.keys);
  }
};

HAVLO_TEST(TstWithoutAMouse)
#include "tst_without_a_mouse.moc"
