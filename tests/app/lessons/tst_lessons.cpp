// Every lesson followed step by step in the real window, by clicks and keys as its words say: a step is over
// when that is done and not before, and the window that a step is done in leads there.
#include <QCheckBox>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QSlider>
#include <QSpinBox>

#include "app/common/choice_list.h"
#include "app/ink/ink_place.h"
#include "app/lessons/lesson_bar.h"
#include "app/make/make_place.h"
#include "app/scene/stamp_shelf.h"
#include "core/outline/shape_ops.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct Taught : Window {
  explicit Taught(const char* lesson) : Window(false) { window.action(QLatin1String(lesson))->trigger(); }
  LessonBar& bar() { return window.lesson(); }
  const Plan& plan() { return session().plan(); }
  QString todo() { return bar().findChild<QLabel*>(QStringLiteral("lessonTodo"))->text(); }
  template <typename T>
  T* find(const char* name) {
    return window.findChild<T*>(QLatin1String(name));
  }
  void click(const char* button) {
    auto* b = find<QPushButton>(button);
    QVERIFY2(b && b->isVisible() && b->isEnabled(), button);
    QTest::mouseClick(b, Qt::LeftButton);
  }
  void go() { click("lessonGo"); }
  static void pick(ChoiceList& list, const QString& name) {
    for (int row = 0; row < list.count(); ++row)
      if (list.textAt(row).startsWith(name)) {
        const QModelIndex at = list.model()->index(row, 0);
        list.scrollTo(at);
        return QTest::mouseClick(list.viewport(), Qt::LeftButton, {}, list.visualRect(at).center());
      }
    QFAIL(qPrintable(QStringLiteral("there is no ") + name));
  }
  void clickThing(int k) {
    settle(face());
    const Impression& i = plan().impressions[ix(k)];
    const Box body = boxOf(plan().stamp(i.stamp)->silhouette);
    QTest::mouseClick(&face(), Qt::LeftButton, {}, pixelOn(i.id.c_str(), {body.centre().x, body.bottom + 4}));
    QCOMPARE(session().selected().toStdString(), i.id);
  }
  void seeTheOrder() {
    go();
    QCOMPARE(window.current(), QStringLiteral("order"));
    settle(window.place(QStringLiteral("order")));
    waitForJobs(session());
  }
};

}  // namespace

class TstLessons : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  // Each is in its menu, and what it begins with has not done any of it already.
  void theyBeginAtTheirBeginning() {
    for (const Lesson& lesson : allLessons()) {
      Window w;
      w.window.action(lesson.id)->trigger();
      QVERIFY(w.window.lesson().active() && w.window.lesson().isVisible());
      QCOMPARE(w.window.lesson().step(), 0);
      QCOMPARE(w.session().plan().title, lesson.title.toStdString());
      // Where the window stands, a step tells the way to where it is done, and only then.
      auto* go = w.window.findChild<QPushButton*>(QStringLiteral("lessonGo"));
      QVERIFY(!go->isVisible());
      w.window.visit(QStringLiteral("card"));
      QVERIFY(go->isVisible());
      QTest::mouseClick(go, Qt::LeftButton);
      QCOMPARE(w.window.current(), lesson.steps[0].place);
    }
  }

  void myFirstCard() {
    Taught t("lessonFirst");
    auto* atHand = t.find<ChoiceList>("atHand");
    QVERIFY(atHand && atHand->isVisible());
    Taught::pick(*atHand, QStringLiteral("Duck"));  // not what was asked for
    QCOMPARE(t.bar().step(), 0);
    t.session().undoStack().undo();
    Taught::pick(*atHand, QStringLiteral("Hare"));
    QCOMPARE(t.bar().step(), 1);
    t.click("add");
    QCoreApplication::processEvents();
    Taught::pick(*t.window.findChild<StampShelf*>(), QStringLiteral("Lock cottage"));
    QCOMPARE(t.bar().step(), 2);
    t.clickThing(0);
    press(t.window.scene(), QStringLiteral("Make it the hero"));
    QCOMPARE(t.bar().step(), 3);
    t.go();
    t.click("first-1");  // a sky
    QCOMPARE(t.bar().step(), 4);
    t.seeTheOrder();
    QCOMPARE(t.bar().step(), 5);
    t.go();
    QTest::mouseClick(t.window.make().findChild<QPushButton*>(QStringLiteral("begin")), Qt::LeftButton);
    waitForJobs(t.session());
    QTRY_COMPARE(t.bar().step(), 6);
    QVERIFY2(t.todo().contains(QStringLiteral("whole card")), qPrintable(t.todo()));
    t.click("lessonNext");
    QCOMPARE(t.bar().lesson()->id, QStringLiteral("lessonCrowd"));
    t.click("lessonLeave");
    QVERIFY(!t.bar().active() && !t.bar().isVisible());
  }

  void aCrowd() {
    Taught t("lessonCrowd");
    QCOMPARE(t.plan().impressions.size(), size_t{1});
    t.window.action(QStringLiteral("crowd"))->trigger();
    QCOMPARE(t.bar().step(), 1);
    auto* stamps = t.find<QWidget>("crowdStamps");
    int taken = 0;
    for (auto* box : stamps->findChildren<QCheckBox*>()) taken += box->isChecked();
    for (auto* box : stamps->findChildren<QCheckBox*>())
      if (taken < 2 && !box->isChecked() && box->isEnabled()) box->click(), ++taken;
    t.click("putCrowd");
    QCOMPARE(t.bar().step(), 2);
    QTest::keyClick(&t.face(), Qt::Key_Escape);
    t.session().select(QString::fromStdString(t.plan().impressions.back().id));
    press(t.window.scene(), QStringLiteral("Make it the hero"));
    QCOMPARE(t.bar().step(), 3);
    auto* ink = t.window.scene().findChild<QComboBox*>(QStringLiteral("ink"));
    ink->setFocus();
    for (int k = 0; k < ink->count() && t.bar().step() == 3; ++k)
      QTest::keyClick(ink, k == 0 ? Qt::Key_Home : Qt::Key_Down);
    QCOMPARE(t.bar().step(), 4);
    t.seeTheOrder();
    QCOMPARE(t.bar().step(), 5);
  }

  void aMistyRow() {
    Taught t("lessonMist");
    t.clickThing(0);
    t.click("makeRow");
    QCOMPARE(t.bar().step(), 1);
    t.find<QSpinBox>("rowCount")->setValue(4);
    for (auto* box : t.window.scene().findChildren<QCheckBox*>())
      if (box->text() == QLatin1String("Paler with distance") && !box->isChecked())
        QTest::mouseClick(box, Qt::LeftButton, {}, QPoint(8, box->height() / 2));
    t.click("putRow");
    QCOMPARE(t.bar().step(), 2);
    QTest::keyClick(&t.face(), Qt::Key_Escape);
    auto* mist = t.window.scene().findChild<QSlider*>(QStringLiteral("mist"));
    QVERIFY(mist && mist->isVisible());
    mist->setFocus();
    for (int k = 0; k < 60 && t.bar().step() == 2; ++k) QTest::keyClick(mist, Qt::Key_PageUp);
    if (t.bar().step() == 2)
      for (int k = 0; k < 60 && t.bar().step() == 2; ++k) QTest::keyClick(mist, Qt::Key_PageDown);
    QCOMPARE(t.bar().step(), 3);
    t.go();
    QCOMPARE(t.window.current(), QStringLiteral("ink"));
    auto* add = t.find<QPushButton>("addWash");
    for (QAction* a : add->menu()->actions())
      if (a->objectName() == QStringLiteral("wash-%1").arg(int(WashKind::Mist))) a->trigger();
    QCOMPARE(t.bar().step(), 4);
    t.seeTheOrder();
    QCOMPARE(t.bar().step(), 5);
  }

  // A change of the window's look in the midst of it loses nothing.
  void aLessonGoesOnInLargeType() {
    Taught t("lessonFirst");
    Taught::pick(*t.find<ChoiceList>("atHand"), QStringLiteral("Hare"));
    QCOMPARE(t.bar().step(), 1);
    t.window.setAppearance({true, 1.5});
    QTRY_VERIFY(t.bar().active() && t.bar().isVisible());
    QCOMPARE(t.bar().step(), 1);
    t.window.setAppearance({});
    QCOMPARE(t.bar().step(), 1);
  }
};

HAVLO_TEST(TstLessons)
#include "tst_lessons.moc"
