// Practice through its real window.
#include <QCheckBox>
#include <QLabel>
#include <QPushButton>
#include <QSettings>

#include "app/common/choice_list.h"
#include "app/practice/exercises.h"
#include "app/practice/lay_page.h"
#include "app/practice/lay_view.h"
#include "app/practice/order_drill.h"
#include "app/practice/practice_place.h"
#include "app/practice/quiz_page.h"
#include "app/practice/quiz_view.h"
#include "app/session/log_session.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

void click(QWidget& in, const char* name) {
  QTest::mouseClick(in.findChild<QPushButton*>(QLatin1String(name)), Qt::LeftButton);
}

/// Clicks the row of the list of exercises.
void choose(Window& w, const QString& key) {
  auto* list = w.window.practice().findChild<ChoiceList*>();
  for (int row = 0; row < list->count(); ++row)
    if (list->keyAt(row) == key) {
      list->scrollTo(list->model()->index(row, 0));
      QTest::mouseClick(list->viewport(), Qt::LeftButton, {},
                        list->visualRect(list->model()->index(row, 0)).center());
    }
}

}  // namespace

class TstPracticePlace : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() {
    prepareApplication();
    QSettings().remove(QStringLiteral("practice"));
  }

  void tenExercisesEasyOnesFirst() {
    QCOMPARE(exercises().size(), size_t{10});
    for (size_t k = 1; k < exercises().size(); ++k) QVERIFY(exercises()[k].grade >= exercises()[k - 1].grade);
  }

  void aWrongOrderIsExplainedAndTheRightOneMastered() {
    Window w;
    w.window.visit(QStringLiteral("practice"));
    w.window.practice().open(0);
    OrderDrill& place = w.window.practice().order();
    QCOMPARE(place.steps().size(), size_t{2});
    const int hare = place.plan().indexOf("hare");
    if (place.steps()[0].index == hare) place.moveStep(0, 1);
    QTest::mouseClick(place.findChild<QPushButton*>(QStringLiteral("press")), Qt::LeftButton);
    settle(place);
    QCOMPARE(place.result()->stars, 0);
    QVERIFY2(place.verdict().contains(QStringLiteral("was not there yet")) ||
                 place.verdict().contains(QStringLiteral("was not covered")),
             qPrintable(place.verdict()));
    place.moveStep(1, 0);
    place.cover(1, hare, true);
    QTest::mouseClick(place.findChild<QPushButton*>(QStringLiteral("press")), Qt::LeftButton);
    settle(place);
    QCOMPARE(place.result()->stars, 3);
    QVERIFY(place.verdict().contains(QStringLiteral("Mastered")));
    QVERIFY(QSettings().value(QStringLiteral("practice/practice-01")).toInt() == 3);
  }

  void lookingAtTheAnswerIsNotMastering() {
    Window w;
    w.window.visit(QStringLiteral("practice"));
    OrderDrill& place = w.window.practice().order();
    for (int k = 0; k < static_cast<int>(exercises().size()); ++k) {
      w.window.practice().open(k);
      place.showAnswer();
      place.press();
      settle(place);
      QVERIFY(place.result() && place.result()->pressed.proven);
      QVERIFY(place.verdict().startsWith(QStringLiteral("Right")));
    }
    QVERIFY(QSettings().value(QStringLiteral("practice/practice-02")).toInt() == 1);
  }

  /// Near and far, by clicks: answered right twice, the next one is harder, and it is kept.
  void nearAndFarGetsHarderAndIsKept() {
    Window w;
    w.window.visit(QStringLiteral("practice"));
    PracticePlace& place = w.window.practice();
    choose(w, QStringLiteral("drill-depth"));
    QuizPage& quiz = place.quiz();
    for (int round = 0; round < 2; ++round) {
      waitForJobs(w.window);
      QVERIFY(quiz.asking() && quiz.isVisible());
      QCOMPARE(quiz.question().level, 1);
      const Question q = quiz.question();
      const auto at = std::find(q.things.begin(), q.things.end(), q.right[0]) - q.things.begin();
      for (QPushButton* b : quiz.findChildren<QPushButton*>())
        if (b->isVisible() && b->text().startsWith(QString::number(at + 1) + u' ')) {
          QTest::mouseClick(b, Qt::LeftButton);
          break;
        }
      QCOMPARE(quiz.answer().things, q.right);
      click(quiz, "quizGive");
      QVERIFY(quiz.verdict().startsWith(QStringLiteral("Right")));
      QVERIFY(quiz.verdict().contains(QStringLiteral("away")) ||
              quiz.verdict().contains(QStringLiteral("sky")));
      click(quiz, "quizNext");
    }
    waitForJobs(w.window);
    QCOMPARE(quiz.question().level, 2);
    QVERIFY(quiz.question().things.size() >= 2);
    QCOMPARE(standingIn(Drill::NearAndFar, w.window.log().practised()).done, 2);
    // Another window, the same log: it is known there.
    QCOMPARE(readPractised(w.window.log().folder() + QStringLiteral("/practice.jsonl"), {}).size(),
             size_t{2});
  }

  void theHorizonIsDraggedAndMovedByKeys() {
    Window w;
    w.window.visit(QStringLiteral("practice"));
    w.window.practice().drill(Drill::Horizon);
    waitForJobs(w.window);
    QuizPage& quiz = w.window.practice().quiz();
    QVERIFY(quiz.asking());
    QuizView& view = quiz.view();
    const double start = view.line();
    QTest::mouseClick(&view, Qt::LeftButton, {}, {view.width() / 2, view.height() / 3});
    QVERIFY(view.line() != start);
    const double there = view.line();
    QTest::keyClick(&view, Qt::Key_Up);
    QVERIFY(view.line() > there);
    const double wanted = quiz.question().horizon_mm;
    for (int n = 0; n < 400 && std::fabs(view.line() - wanted) > 0.3; ++n)
      QTest::keyClick(&view, view.line() < wanted ? Qt::Key_Up : Qt::Key_Down);
    const QImage before = view.grab().toImage();
    click(quiz, "quizGive");
    QVERIFY2(quiz.verdict().contains(QStringLiteral("On the line")), qPrintable(quiz.verdict()));
    QVERIFY(quiz.verdict().contains(QStringLiteral("The horizon crosses")));
    QVERIFY(view.grab().toImage() != before);  // the horizon is shown now
    const double after = view.line();
    QTest::keyClick(&view, Qt::Key_Up);
    QCOMPARE(view.line(), after);  // answered is answered
  }

  void coversAndPrintsAreChosenAndExplained() {
    Window w;
    w.window.visit(QStringLiteral("practice"));
    PracticePlace& place = w.window.practice();
    place.drill(Drill::MaskChoice);
    waitForJobs(w.window);
    QuizPage& quiz = place.quiz();
    QVERIFY(quiz.asking());
    // Everything is covered: nothing runs in, but some of it was needless.
    for (QCheckBox* b : quiz.findChildren<QCheckBox*>())
      if (b->isVisible()) QTest::mouseClick(b, Qt::LeftButton, {}, {8, b->height() / 2});
    QCOMPARE(quiz.answer().things.size(), quiz.question().things.size());
    click(quiz, "quizGive");
    QVERIFY2(quiz.verdict().contains(QStringLiteral("need not be covered")), qPrintable(quiz.verdict()));
    place.drill(Drill::MaskChoice);
    waitForJobs(w.window);
    click(quiz, "quizGive");
    QVERIFY2(quiz.verdict().contains(QStringLiteral("would run into")), qPrintable(quiz.verdict()));
    place.drill(Drill::Tone);
    waitForJobs(w.window);
    QVERIFY(!quiz.findChild<QPushButton*>(QStringLiteral("quizGive"))->isEnabled());
    quiz.choose(quiz.question().rightShare);
    click(quiz, "quizGive");
    QVERIFY(quiz.verdict().startsWith(QStringLiteral("Right")));
  }

  /// The paper is pushed home by mouse and keys and gives a clean join; let go where it was, it does not; and
  /// one is drawn by hand.
  void aMaskIsLaidAndOneIsCutByHand() {
    Window w;
    w.window.visit(QStringLiteral("practice"));
    choose(w, QStringLiteral("drill-layMask"));
    waitForJobs(w.window);
    LayPage& lay = w.window.practice().lay();
    LayView& view = lay.view();
    QVERIFY(lay.laying() && lay.isVisible());
    click(lay, "layGive");
    QVERIFY(lay.result() && lay.result()->stars < 2);
    QVERIFY2(lay.verdict().contains(QStringLiteral("mm")), qPrintable(lay.verdict()));
    waitForJobs(w.window);
    press(lay, QStringLiteral("The same once more"));
    QVERIFY(lay.laying());
    // Pushed by its middle to within a fraction of a millimetre, then by keys.
    const Laying from = view.laying();
    const Point middle = lay.task().middle + from.by;
    const Rings paper = laidPaper(lay.task(), from);
    Point grip = middle;
    for (int n = 0; n < 200 && !covers(paper, grip); ++n) grip.y -= 0.2;
    const QPoint a = view.toPixels(grip).toPoint(), b = view.toPixels(grip - from.by).toPoint();
    QTest::mousePress(&view, Qt::LeftButton, {}, a);
    QTest::mouseMove(&view, (a + b) / 2);
    QTest::mouseMove(&view, b);
    QTest::mouseRelease(&view, Qt::LeftButton, {}, b);
    QVERIFY2(length(view.laying().by) < 0.6, qPrintable(QString::number(length(view.laying().by))));
    for (int n = 0; n < 80 && std::fabs(view.laying().turn_deg) > 0.26; ++n)
      QTest::keyClick(&view, view.laying().turn_deg > 0 ? Qt::Key_Period : Qt::Key_Comma);
    for (int n = 0; n < 40 && std::fabs(view.laying().by.x) > 0.06; ++n)
      QTest::keyClick(&view, view.laying().by.x > 0 ? Qt::Key_Left : Qt::Key_Right);
    for (int n = 0; n < 40 && std::fabs(view.laying().by.y) > 0.06; ++n)
      QTest::keyClick(&view, view.laying().by.y > 0 ? Qt::Key_Down : Qt::Key_Up);
    click(lay, "layGive");
    QVERIFY2(lay.result()->stars >= 2, qPrintable(lay.verdict()));
    waitForJobs(w.window);
    // One of her own: round the outline by mouse, a millimetre and a half outside it all round, to a pixel or
    // two.
    press(lay, QStringLiteral("The same once more"));
    click(lay, "layDraw");
    QVERIFY(!lay.findChild<QPushButton*>(QStringLiteral("layGive"))->isEnabled());
    const Rings wide = offset(lay.task().outline, Millimetres{1.5});
    const Ring* outer = &wide[0];
    for (const Ring& r : wide)
      if (areaOf({r}) > areaOf({*outer})) outer = &r;
    QTest::mousePress(&view, Qt::LeftButton, {}, view.toPixels((*outer)[0]).toPoint());
    for (Point p : *outer) QTest::mouseMove(&view, view.toPixels(p).toPoint());
    QTest::mouseRelease(&view, Qt::LeftButton, {}, view.toPixels((*outer)[0]).toPoint());
    click(lay, "layGive");
    QVERIFY(lay.result());
    QVERIFY2(std::fabs(lay.result()->gap_mm - 1.5) < 0.45, qPrintable(lay.verdict()));
    QVERIFY(lay.verdict().contains(QStringLiteral("gap")));
    waitForJobs(w.window);
  }

  /// What went wrong on a card stands first when one comes to practise.
  void mishapsDecideWhatComesFirst() {
    Window w;
    LogEntry card;
    card.id = "c1", card.title = "Ran into", card.ended_s = 1;
    for (int n = 0; n < 3; ++n) card.mishaps.push_back({"lineInto", "hare", ""});
    QVERIFY(w.window.log().put(card));
    w.window.visit(QStringLiteral("practice"));
    QVERIFY(w.window.practice().advice()[0].what == Drill::MaskChoice);
    auto* list = w.window.practice().findChild<ChoiceList*>();
    QVERIFY2(list->textAt(0).contains(QStringLiteral("Lines ran into something 3 times")),
             qPrintable(list->textAt(0)));
  }

  void ownPlansAreLeftAlone() {
    Window w;
    const Plan before = w.session().plan();
    w.window.visit(QStringLiteral("practice"));
    w.window.practice().open(3);
    QVERIFY(w.session().plan() == before);
  }
};

HAVLO_TEST(TstPracticePlace)
#include "tst_practice.moc"
