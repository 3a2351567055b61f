// The session: edits, undo and redo, files that change underneath.
#include <QElapsedTimer>
#include <QFile>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include "app/session/plan_session.h"
#include "core/chain/chain.h"
#include "core/plan/plan_text.h"
#include "io/files/plan_file.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;

class TstPlanSession : public QObject {
  Q_OBJECT

 private:
  QTemporaryDir m_folder;
  std::unique_ptr<PlanSession> demoSession() const {
    auto s = std::make_unique<PlanSession>(m_folder.filePath(QStringLiteral("rescue")));
    s->start(testing::demo("canal-towpath"));
    return s;
  }

 private Q_SLOTS:
  void undoThenRedoGivesAnEqualPlan() {
    const auto s = demoSession();
    const Plan before = s->plan();
    s->edit(QStringLiteral("Move"), withFoot(before, "duck", {150, 20}));
    s->edit(QStringLiteral("Turn"), withTurn(s->plan(), "duck", Degrees{10}));
    s->edit(QStringLiteral("Off"), without(s->plan(), "hare"));
    const Plan after = s->plan();
    QCOMPARE(s->undoStack().count(), 3);
    for (int k = 0; k < 3; ++k) s->undoStack().undo();
    QVERIFY(s->plan() == before);
    for (int k = 0; k < 3; ++k) s->undoStack().redo();
    QVERIFY(s->plan() == after);
  }

  void aDragIsOneStepNamedByItsWhole() {
    const auto s = demoSession();
    const Plan start = s->plan();
    for (int k = 1; k <= 20; ++k)
      s->edit(QStringLiteral("Move by %1").arg(k), withFoot(start, "duck", {150.0 + k, 20}),
              QStringLiteral("drag-1"));
    QCOMPARE(s->undoStack().count(), 1);
    QCOMPARE(s->undoStack().undoText(), QStringLiteral("Move by 20"));
    s->undoStack().undo();
    QVERIFY(s->plan() == start);
  }

  void whatAHandHoldsIsReckonedWholeWhenItLetsGo() {
    const auto s = demoSession();
    const int masks = s->scene()->masksToCut();
    // Somewhere on the card it asks for another number of masks.
    std::optional<Plan> after;
    for (double x = 10; x < 170 && !after; x += 10)
      for (double y = 10; y < 120 && !after; y += 10)
        if (const Plan moved = withFoot(s->plan(), "hare", {x, y}).value();
            analyse(moved)->masksToCut() != masks)
          after = moved;
    QVERIFY(after);
    QSignalSpy changed(s.get(), &PlanSession::planChanged), moved(s.get(), &PlanSession::sceneChanged);
    {
      const PlanSession::Hold hold(*s);
      s->edit(QStringLiteral("Move"), *after, QStringLiteral("drag"));
      QVERIFY(s->scene()->workStands);
      QCOMPARE(s->scene()->masksToCut(), masks);
      QCOMPARE(moved.count(), 1);
      QCOMPARE(changed.count(), 0);
    }
    QVERIFY(!s->scene()->workStands);
    QCOMPARE(changed.count(), 1);
    QVERIFY(s->scene()->masksToCut() != masks);
    QCOMPARE(s->scene()->masksToCut(), analyse(s->plan(), nullptr, s->art().get())->masksToCut());
  }

  void aPauseOfTheHandIsEnough() {
    const auto s = demoSession();
    const PlanSession::Hold hold(*s);
    s->edit(QStringLiteral("Move"), withFoot(s->plan(), "duck", {20, 120}), QStringLiteral("drag"));
    QVERIFY(s->scene()->workStands);
    QTRY_VERIFY(!s->scene()->workStands);
  }

  /// The hand waits for nobody beside it; all of it is told in the end, and nothing twice.
  void besideTheHandItIsToldNowAndThen() {
    const auto s = demoSession();
    const Plan start = s->plan();
    QSignalSpy changed(s.get(), &PlanSession::planChanged), moved(s.get(), &PlanSession::sceneChanged);
    int followed = 0;
    s->beside().add(s.get(), 40, [&] { ++followed; });
    const auto to = [&](double y) { return withFoot(start, "duck", {20, y}); };
    {
      const PlanSession::Hold hold(*s);
      QVERIFY(!s->handMoves());
      for (int k = 1; k <= 6; ++k) s->edit(QStringLiteral("Move"), to(100 + k), QStringLiteral("drag"));
      QVERIFY(s->handMoves());
      QCOMPARE(moved.count(), 6);
      QCOMPARE(followed, 0);
      QTRY_VERIFY(followed == 1);
      QTRY_COMPARE(changed.count(), 1);  // the hand pauses
      QVERIFY(!s->handMoves());
      s->edit(QStringLiteral("Move"), to(90), QStringLiteral("drag"));
      QCOMPARE(changed.count(), 1);
    }
    // Let go, everybody has heard of it, and nobody hears of it later.
    QCOMPARE(changed.count(), 2);
    const int told = followed;
    QTest::qWait(200);
    QCOMPARE(followed, told);
  }

  /// While the hand moves the eye looks a few times a second, and once more when it is done.
  void theEyeGlancesWhileTheHandMoves() {
    const auto s = demoSession();
    QTRY_VERIFY(s->scene()->looks);
    const Plan start = s->plan();
    QSignalSpy looked(s.get(), &PlanSession::looksChanged);
    QElapsedTimer clock;
    {
      const PlanSession::Hold hold(*s);
      clock.start();
      for (int k = 0; clock.elapsed() < 1000 || (looked.isEmpty() && clock.elapsed() < 20'000); ++k) {
        s->edit(QStringLiteral("Move"), withFoot(start, "duck", {20, 100 + k % 40 / 4.0}),
                QStringLiteral("drag"));
        QTest::qWait(10);
      }
      QVERIFY2(looked.count() >= 1, "not once");
      QVERIFY2(looked.count() <= clock.elapsed() / 100, qPrintable(QString::number(looked.count())));
    }
    QTRY_VERIFY(s->scene()->looks && s->scene()->looks->fits(s->plan()));
  }

  /// Whoever asks for the work has it at once, and what was held on to stays good; the others hear of it
  /// still.
  void theWorkIsThereForWhoeverAsks() {
    const auto s = demoSession();
    QSignalSpy changed(s.get(), &PlanSession::planChanged), moved(s.get(), &PlanSession::sceneChanged);
    {
      const PlanSession::Hold hold(*s);
      s->edit(QStringLiteral("Move"), withFoot(s->plan(), "duck", {20, 120}), QStringLiteral("drag"));
      const Analysis& stood = *s->scene();
      const PlanState state = s->state();
      QVERIFY(!state.analysis->workStands);
      QCOMPARE(state.analysis->masksToCut(), analyse(s->plan())->masksToCut());
      QVERIFY(stood.workStands);
      QCOMPARE(moved.count(), 1);
      QCOMPARE(changed.count(), 0);
    }
    QCOMPARE(changed.count(), 1);
  }

  void editsThatChangeNothingLeaveNoStep() {
    const auto s = demoSession();
    s->edit(QStringLiteral("Move"), withFoot(s->plan(), "duck", s->plan().impression("duck")->at));
    QCOMPARE(s->undoStack().count(), 0);
    QVERIFY(!s->isDirty());
  }

  void aFailedEditIsSaidAndChangesNothing() {
    const auto s = demoSession();
    const QSignalSpy trouble(s.get(), &PlanSession::trouble);
    s->edit(QStringLiteral("Move"), withFoot(s->plan(), "zebra", {0, 0}));
    QCOMPARE(trouble.count(), 1);
    QCOMPARE(s->undoStack().count(), 0);
  }

  void theChosenThingGoesWithItsImpression() {
    const auto s = demoSession();
    s->select(QStringLiteral("duck"));
    s->edit(QStringLiteral("Off"), without(s->plan(), "duck"));
    QVERIFY(s->selected().isEmpty());
    s->select(QStringLiteral("zebra"));
    QVERIFY(s->selected().isEmpty());
  }

  void savingMakesItClean() {
    const auto s = demoSession();
    s->edit(QStringLiteral("Move"), withFoot(s->plan(), "duck", {150, 20}));
    QVERIFY(s->isDirty());
    const QString path = m_folder.filePath(QStringLiteral("a.havlo"));
    QVERIFY(s->saveAs(path));
    QVERIFY(!s->isDirty());
    QVERIFY(loadPlan(path).value().plan == s->plan());
    s->undoStack().undo();
    QVERIFY(s->isDirty());
  }

  void aFileChangedUnderneathIsNotOverwritten() {
    const auto s = demoSession();
    const QString path = m_folder.filePath(QStringLiteral("b.havlo"));
    QVERIFY(s->saveAs(path));
    Plan theirs = s->plan();
    theirs.title = "Changed by someone else";
    QVERIFY(bool(savePlan(path, theirs)));
    s->edit(QStringLiteral("Move"), withFoot(s->plan(), "duck", {150, 20}));
    const QSignalSpy changed(s.get(), &PlanSession::changedUnderneath);
    QVERIFY(!s->save());
    QCOMPARE(changed.count(), 1);
    QVERIFY(loadPlan(path).value().plan == theirs);
    QVERIFY(s->save(true));
    QVERIFY(loadPlan(path).value().plan == s->plan());
  }

  void whatCannotBeSavedStaysDirty() {
    const auto s = demoSession();
    s->edit(QStringLiteral("Move"), withFoot(s->plan(), "duck", {150, 20}));
    const QSignalSpy trouble(s.get(), &PlanSession::trouble);
    QVERIFY(!s->saveAs(QStringLiteral("/nowhere/a.havlo")));
    QCOMPARE(trouble.count(), 1);
    QVERIFY(s->isDirty());
  }

  void aBadFileLeavesTheOpenPlan() {
    const auto s = demoSession();
    const Plan before = s->plan();
    QFile f(m_folder.filePath(QStringLiteral("bad.havlo")));
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.write("{\"format\":\"havlo-plan\",\"version\":7}");
    f.close();
    QSignalSpy trouble(s.get(), &PlanSession::trouble);
    QVERIFY(!s->take(f.fileName(), openPlan(f.fileName())));
    QVERIFY(trouble.takeFirst().at(0).toString().contains(QStringLiteral("version")));
    QVERIFY(s->plan() == before);
  }
};

HAVLO_TEST(TstPlanSession)
#include "tst_plan_session.moc"
