// What the reading asks, and what may be looked at before it is done: questions of style answered, "it
// flies", figures of several presses, before and after of a mend.
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QScopeGuard>
#include <QSettings>
#include <cmath>

#include "app/scene/finding_card.h"
#include "app/scene/mend_preview.h"
#include "app/scene/reading_panel.h"
#include "app/scene/thing_panel.h"
#include "support/dense_card.h"
#include "support/plans.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// A street in which everything is as large as it is dear.
Plan street() {
  Plan p = emptyPlan();
  const auto add = [&](const char* id, double w, double h, Role role, double real) {
    Stamp s = slab(id, w, h);
    s.name = id, s.role = role, s.realHeight = RealHeight{real, 0.9 * real, 1.1 * real, {}};
    addStamp(p, s);
  };
  add("mouse", 22, 40, Role::Figure, 0.1), add("house", 30, 44, Role::Building, 6),
      add("tree", 20, 40, Role::Tree, 9);
  const auto stand = [&](const char* id, const char* stamp, Point at) -> Impression& {
    Impression& i = put(p, id, stamp, at, 1);
    i.depth = OnGround{};
    return i;
  };
  stand("mouse", "mouse", {62, 22}).hero = true;
  stand("house", "house", {24, 34}), stand("house2", "house", {104, 40});
  stand("tree", "tree", {20, 12}), stand("tree2", "tree", {110, 14});
  return p;
}

QPushButton* withText(QWidget& in, const QString& text) {
  for (auto* b : in.findChildren<QPushButton*>())
    if (b->isVisibleTo(&in) && b->text() == text) return b;
  return nullptr;
}

}  // namespace

class TstAnswers : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void aStyleIsAskedOnceAndCanBeAskedAgain() {
    Window w;
    w.session().start(street());
    w.window.visit(QStringLiteral("scene"));
    auto& reading = *w.window.findChild<ReadingPanel*>();
    QTRY_VERIFY(withText(reading, QStringLiteral("Yes, by eye")));
    QVERIFY(withText(reading, QStringLiteral("No, from one viewpoint")));
    // What waits for the answer is not listed besides.
    for (const QLabel* l : reading.findChildren<QLabel*>())
      QVERIFY(!l->isVisibleTo(&reading) || !l->text().contains(QStringLiteral("where it stands")));
    QTest::mouseClick(withText(reading, QStringLiteral("Yes, by eye")), Qt::LeftButton);
    QTRY_COMPARE(w.session().plan().styles.byEye, std::optional(true));
    QTRY_VERIFY(!withText(reading, QStringLiteral("Yes, by eye")));
    auto* known = reading.findChild<QPushButton*>(QStringLiteral("knownHead"));
    QVERIFY(known && known->isVisibleTo(&reading));
    QTest::mouseClick(known, Qt::LeftButton);
    QTRY_VERIFY(withText(reading, QStringLiteral("Tell me again")));
    QTest::mouseClick(withText(reading, QStringLiteral("Tell me again")), Qt::LeftButton);
    QTRY_VERIFY(!w.session().plan().styles.byEye.has_value());
    QTRY_VERIFY(withText(reading, QStringLiteral("No, from one viewpoint")));
    QTest::mouseClick(withText(reading, QStringLiteral("No, from one viewpoint")), Qt::LeftButton);
    QTRY_COMPARE(w.session().plan().styles.byEye, std::optional(false));
    QTRY_VERIFY(says(reading, QStringLiteral("where it stands")));
  }

  void severalPressesBecomeOneFigure() {
    Window w;
    w.session().start(street());
    w.window.visit(QStringLiteral("scene"));
    w.session().select(QStringLiteral("tree"));
    auto* figure = w.window.findChild<QComboBox*>(QStringLiteral("figure"));
    auto* more = w.window.findChild<QPushButton*>(QStringLiteral("moreOfThing"));
    QVERIFY(figure && !figure->isVisible() && more);
    QTest::mouseClick(more, Qt::LeftButton);
    const auto less = qScopeGuard([] { QSettings().remove(QStringLiteral("allOfThing")); });
    QVERIFY(figure->isVisible());
    QCOMPARE(figure->count(), 5);  // nothing else, and four others
    const int house = figure->findData(QStringLiteral("house"));
    QVERIFY(house > 0);
    figure->setCurrentIndex(house);
    Q_EMIT figure->activated(house);
    const Plan& p = w.session().plan();
    QVERIFY(!p.impression("tree")->figure.empty());
    QCOMPARE(p.impression("tree")->figure, p.impression("house")->figure);
    QCOMPARE(figure->currentData().toString(), QStringLiteral("house"));
    // Dragged by keys, both go.
    const Point tree = p.impression("tree")->at, house0 = p.impression("house")->at;
    w.face().setFocus();
    QTest::keyClick(&w.face(), Qt::Key_Right);
    const Point moved = w.session().plan().impression("tree")->at;
    QVERIFY(moved.x > tree.x);
    QVERIFY(std::fabs((w.session().plan().impression("house")->at.x - house0.x) - (moved.x - tree.x)) < 1e-9);
  }

  // A full card has hundreds of findings: the weightiest are told, the others counted and to be had.
  void ofHundredsTheWeightiestAreTold() {
    Window w(false);
    w.session().start(denseCard(60));
    settle(w.window.scene().face());
    auto& reading = *w.window.findChild<ReadingPanel*>();
    const auto& findings = w.session().analysis()->findings;
    QVERIFY(findings.size() > 40);
    QTRY_COMPARE(reading.findChildren<FindingCard*>().size(), 20);
    auto* more = reading.findChild<QPushButton*>(QStringLiteral("moreFindings"));
    QVERIFY(more);
    const int rest = more->text().section(u' ', 0, 0).toInt();
    const auto waits = std::count_if(findings.begin(), findings.end(), [](const Finding& f) {
      return f.known || (f.style && f.kind != FindingKind::AsksStyle);
    });
    QCOMPARE(static_cast<size_t>(20 + rest + waits), findings.size());
    QTest::mouseClick(more, Qt::LeftButton);
    QTRY_COMPARE(reading.findChildren<FindingCard*>().size(), qsizetype{40});
  }

  void beforeAndAfterAreShownAndNothingIsDoneUnlessTaken() {
    Window w;
    w.window.visit(QStringLiteral("scene"));
    auto& reading = *w.window.findChild<ReadingPanel*>();
    QTRY_VERIFY(withText(reading, QStringLiteral("Before and after")));
    const Plan before = w.session().plan();
    for (const bool take : {false, true}) {
      QTest::mouseClick(withText(reading, QStringLiteral("Before and after")), Qt::LeftButton);
      QTRY_VERIFY(reading.findChild<MendPreview*>());
      auto& preview = *reading.findChild<MendPreview*>();
      QTRY_VERIFY_WITH_TIMEOUT(!says(preview, QStringLiteral("Looking")), 20000);
      QVERIFY(says(preview, QStringLiteral("The hero has")) && says(preview, QStringLiteral("The eye")));
      QTest::mouseClick(
          preview.findChild<QPushButton*>(take ? QStringLiteral("take") : QStringLiteral("leave")),
          Qt::LeftButton);
      QTRY_VERIFY(!reading.findChild<MendPreview*>());
      QCOMPARE(w.session().plan() == before, !take);
    }
  }
};

HAVLO_TEST(TstAnswers)
#include "tst_answers.moc"
