// The place Log in a real window: three cards made and held against their plans, and the fourth is reckoned
// with what they told. Found, noted, taken out and put back; two people; what no card is says so and teaches
// nothing.
#include <QComboBox>
#include <QDialog>
#include <QDoubleSpinBox>
#include <QElapsedTimer>
#include <QImage>
#include <QLineEdit>
#include <QPointer>
#include <QPushButton>

#include "app/common/choice_list.h"
#include "app/log/log_place.h"
#include "app/shell/trail.h"
#include "core/chain/chain.h"
#include "core/learn/learn.h"
#include "io/log/log_lines.h"
#include "support/plans.h"
#include "support/window.h"
#include "tests/support/made_cards.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

void held(LogPlace& place, const QString& file = {}) {
  place.hold(file);
  for (int k = 0; k < 3000 && place.job()->running(); ++k) QTest::qWait(10);
}

}  // namespace

class TstLogPlace : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  /// Whoever comes by the keys of the trail finds the same as by the menu, and the keys stay on the trail.
  void byTheTrailsKeysEverythingIsThere() {
    Window t(false);
    double now = 1.79e9;
    makeCard(t.window, "teaching-crowd", now, 1, "Ada");
    auto* trail = t.window.findChild<Trail*>();
    trail->setFocus();
    for (int k = 0; k < 12 && t.window.current() != QStringLiteral("log"); ++k)
      QTest::keyClick(trail, Qt::Key_Right);
    QCOMPARE(t.window.current(), QStringLiteral("log"));
    QVERIFY(trail->hasFocus());
    auto& place = static_cast<LogPlace&>(t.window.place(QStringLiteral("log")));
    QVERIFY(says(place, QStringLiteral("From 1 card")));
    QVERIFY(says(place, QStringLiteral("1 card")));
    for (int k = 0; k < 12 && t.window.current() != QStringLiteral("drawer"); ++k)
      QTest::keyClick(trail, Qt::Key_Left);
    QVERIFY(t.window.drawerSession().isOpen());
  }

  void threeCardsAndTheFourthIsThisMakers() {
    Window t(false);
    double now = 1.79e9;
    const Plan before = demo("teaching-crowd");
    const double usual = analyse(before)->sheet.minutes;
    t.window.visit(QStringLiteral("log"));
    auto& place = static_cast<LogPlace&>(t.window.place(QStringLiteral("log")));
    QVERIFY(says(place, QStringLiteral("No card yet")));
    QVERIFY(says(place, QStringLiteral("everything is reckoned as is usual")));
    std::vector<std::string> ids;
    for (int k = 0; k < 3; ++k) {
      ids.push_back(makeCard(t.window, "teaching-crowd", now, 1.6, k ? "Ada" : "Grete"));
      QVERIFY(!ids.back().empty());
      t.window.visit(QStringLiteral("log"));
      place.show(ids.back());
      held(place);
      QVERIFY(t.window.log().store()->entry(ids.back()).value().compared());
      QVERIFY(says(place, QStringLiteral("prints sit where they should")));
    }
    const MakerLearnt& learnt = t.window.log().learnt();
    QCOMPARE(learnt.cards, 3);
    QVERIFY(learnt[Trait::Stamping].value() > 1.1);
    QCOMPARE(learnt[Trait::PrintPlacing].cards, 3);
    QVERIFY(says(place, QStringLiteral("from 3 card")));
    // The fourth.
    t.window.openDemo(QStringLiteral("teaching-crowd"));
    QCOMPARE(t.session().plan().habits.cards, 3);
    QVERIFY2(t.session().analysis()->sheet.minutes > 1.08 * usual,
             qPrintable(QStringLiteral("%1 of %2").arg(t.session().analysis()->sheet.minutes).arg(usual)));
    QVERIFY(!t.session().isDirty());  // the plan is nobody's but the maker's
    // Set back: as is usual again; undone by learning from all.
    t.window.visit(QStringLiteral("log"));
    press(place, QStringLiteral("Learn from now on only"));
    QCOMPARE(t.session().plan().habits, Habits());
    press(place, QStringLiteral("Learn from all cards again"));
    QCOMPARE(t.session().plan().habits.cards, 3);
    // Someone else's hands are apart.
    QVERIFY(t.window.log().setAtWork("Bo"));
    QCOMPARE(t.session().plan().habits, Habits());
    QVERIFY(t.window.log().setAtWork(""));
    QCOMPARE(t.session().plan().habits.cards, 3);
  }

  /// What is learnt can be said instead, in the maker's own unit; whoever leaves the question changes
  /// nothing.
  void whatIsLearntCanBeSaid() {
    Window t(false);
    t.window.visit(QStringLiteral("log"));
    auto& place = t.window.place(QStringLiteral("log"));
    const auto own = [&] {
      const auto all = t.window.log().settings().own;
      const auto one = all.find(Trait::PrintPlacing);
      return one == all.end() ? 0 : one->second;
    };
    const auto ask = [&] {
      place
          .findChild<QPushButton*>(QStringLiteral("own-") + QLatin1String(wordOf(Trait::PrintPlacing).data()))
          ->click();
      return t.window.findChild<QDialog*>(QStringLiteral("ask"));
    };
    const auto answerOf = [](QDialog* sheet) {
      return sheet->findChild<QDoubleSpinBox*>(QStringLiteral("answer"));
    };
    QPointer<QDialog> sheet = ask();
    QVERIFY(sheet && sheet->isVisible());
    QVERIFY(answerOf(sheet)->text().endsWith(QStringLiteral(" mm")));
    QTest::keyClick(sheet, Qt::Key_Escape);
    QTRY_VERIFY(!sheet);
    QCOMPARE(own(), 0.0);
    sheet = ask();
    answerOf(sheet)->selectAll();
    QTest::keyClicks(answerOf(sheet), QLocale().toString(0.8, 'f', 1));
    QTest::keyClick(answerOf(sheet), Qt::Key_Return);
    QTRY_VERIFY(!sheet);
    QCOMPARE(own(), 0.8);
    QVERIFY(says(place, QStringLiteral("as you set it")));
    QVERIFY(!ask());  // set back at once
    QCOMPARE(own(), 0.0);
    t.window.session().setUnits(MeasureStyle::Inches);
    sheet = ask();
    QVERIFY(sheet && answerOf(sheet)->text().endsWith(QStringLiteral(" in")));
    answerOf(sheet)->setValue(0.02);
    sheet->findChild<QPushButton*>(QStringLiteral("take"))->click();
    QTRY_VERIFY(!sheet);
    QVERIFY(std::abs(own() - 0.02 * 25.4) < 1e-9);
    // Someone else sits down, or does not.
    auto* hands = place.findChild<QComboBox*>(QStringLiteral("hands"));
    const auto someoneElse = [&] {
      hands->setFocus();
      hands->setCurrentIndex(hands->count() - 1);
      Q_EMIT hands->activated(hands->count() - 1);
      return t.window.findChild<QDialog*>(QStringLiteral("ask"));
    };
    sheet = someoneElse();
    sheet->findChild<QPushButton*>(QStringLiteral("leave"))->click();
    QTRY_VERIFY(!sheet);
    QCOMPARE(hands->currentIndex(), 0);
    sheet = someoneElse();
    QTest::keyClicks(sheet->findChild<QLineEdit*>(QStringLiteral("answer")), QStringLiteral("Bo "));
    QTest::keyClick(sheet, Qt::Key_Return);
    QTRY_VERIFY(!sheet);
    QCOMPARE(t.window.log().store()->atWork(), std::string("Bo"));
    QCOMPARE(hands->currentText(), QStringLiteral("Bo"));
    QCOMPARE(own(), 0.0);  // what one has said is not said of another
  }

  // A log of many years: the place is there at once, its list on a line of time, its search as one types. How
  // fast is the benchmarks' matter; here the times are printed, and only that it is not many times that.
  void fiveThousandCardsAreThereAtOnce() {
    QTemporaryDir folder;
    {
      QFile lines(folder.filePath(QStringLiteral("log.jsonl")));
      QVERIFY(lines.open(QIODevice::WriteOnly));
      for (int k = 0; k < 5000; ++k) {
        LogEntry e;
        e.id = "card-" + std::to_string(k), e.title = k % 7 ? "Up you go" : "By the mere";
        e.madeFor = k % 3 ? "Ada" : "Grete", e.shows = {"Hare", "Kite"}, e.inks = {"Soot"};
        e.begun_s = 1.5e9 + 40000.0 * k, e.ended_s = e.begun_s + 3600, e.planned_min = 60, e.spent_min = 70;
        for (int p = 0; p < 12; ++p) {
          LogEntry::Print print;
          print.impression = print.stamp = "hare", print.ink = "Soot", print.state = "asPlanned";
          print.by = {0.1, 0.2}, print.bySd_mm = 0.03, print.turnSd_deg = 0.05;
          e.prints.push_back(print);
        }
        lines.write(lineOf(e) + '\n');
      }
    }
    QElapsedTimer clock;
    clock.start();
    KnownWindow window(folder.filePath(QStringLiteral("rescue")));  // makes the index anew
    const qint64 first = clock.restart();
    window.resize(1280, 800);
    window.show();
    QCOMPARE(window.log().learnt().cards, kLearnFrom);
    clock.restart();
    window.visit(QStringLiteral("log"));
    window.grab();
    const qint64 painted = clock.restart();
    auto& place = static_cast<LogPlace&>(window.place(QStringLiteral("log")));
    auto* cards = place.findChild<ChoiceList*>(QStringLiteral("cards"));
    QCOMPARE(cards->count(), 5000);
    auto* search = place.findChild<QLineEdit*>(QStringLiteral("search"));
    clock.restart();
    QTest::keyClicks(search, QStringLiteral("mere"));
    const qint64 typed = clock.elapsed();
    QCOMPARE(cards->count(), 715);
    qInfo("index made anew %lld ms, place painted %lld ms, four letters typed %lld ms",
          static_cast<long long>(first), static_cast<long long>(painted), static_cast<long long>(typed));
    QVERIFY(painted < 5000 && typed < 5000);
  }

  void cardsAreFoundNotedAndPutBack() {
    Window t(false);
    double now = 1.79e9;
    const std::string one = makeCard(t.window, "teaching-crowd", now, 1, "Ada"),
                      two = makeCard(t.window, "teaching-silhouettes", now, 1, "Grete");
    t.window.visit(QStringLiteral("log"));
    auto& place = static_cast<LogPlace&>(t.window.place(QStringLiteral("log")));
    auto* cards = place.findChild<ChoiceList*>(QStringLiteral("cards"));
    QCOMPARE(cards->count(), 2);
    QCOMPARE(place.shown(), two);  // newest first
    auto* search = place.findChild<QLineEdit*>(QStringLiteral("search"));
    QTest::keyClicks(search, QStringLiteral("ada"));
    QCOMPARE(cards->count(), 1);
    QCOMPARE(place.shown(), one);
    auto* occasion = place.findChild<QLineEdit*>(QStringLiteral("occasion"));
    occasion->setFocus();
    QTest::keyClicks(occasion, QStringLiteral("thanks"));
    auto* sentTo = place.findChild<QLineEdit*>(QStringLiteral("sentTo"));
    sentTo->setFocus();
    QTest::keyClicks(sentTo, QStringLiteral("Ada"));
    QTest::keyClick(sentTo, Qt::Key_Return);
    QCOMPARE(t.window.log().store()->entry(one).value().occasion, std::string("thanks"));
    QCOMPARE(t.window.log().store()->entry(one).value().sentTo, std::string("Ada"));
    search->clear();
    QTest::keyClicks(search, QStringLiteral("thanks"));
    QCOMPARE(cards->count(), 1);
    press(place, QStringLiteral("Take it out of the log"));
    QCOMPARE(cards->count(), 0);
    press(t.window.messages(), QStringLiteral("Put it back"));
    QCOMPARE(cards->count(), 1);
    // An idea.
    auto* idea = place.findChild<QLineEdit*>(QStringLiteral("idea"));
    QTest::keyClicks(idea, QStringLiteral("a crowd of ducks"));
    QTest::keyClick(idea, Qt::Key_Return);
    auto* ideas = place.findChild<ChoiceList*>(QStringLiteral("ideas"));
    QCOMPARE(ideas->count(), 1);
    ideas->setCurrentRow(0);
    press(place, QStringLiteral("Done with it"));
    QCOMPARE(ideas->count(), 0);
    // Made again from its own plan.
    search->clear();
    place.show(one);
    press(place, QStringLiteral("Make it again"));
    QCOMPARE(t.window.current(), QStringLiteral("make"));
    QVERIFY(!t.session().plan().impressions.empty());
  }

  void whatIsNoCardTeachesNothing() {
    Window t(false);
    double now = 1.79e9;
    const std::string id = makeCard(t.window, "teaching-crowd", now, 1, "Ada");
    t.window.visit(QStringLiteral("log"));
    auto& place = static_cast<LogPlace&>(t.window.place(QStringLiteral("log")));
    const QString file = t.folder.filePath(QStringLiteral("blank.png"));
    QImage blank(900, 700, QImage::Format_RGB32);
    blank.fill(Qt::white);
    QVERIFY(blank.save(file));
    held(place, file);
    QVERIFY2(t.window.messages().shownText().contains(QStringLiteral("Nothing was learnt from that picture")),
             qPrintable(t.window.messages().shownText()));
    QVERIFY(!t.window.log().store()->entry(id).value().compared());
    held(place, t.folder.filePath(QStringLiteral("not-there.png")));
    QVERIFY(!t.window.log().store()->entry(id).value().compared());
  }
};

HAVLO_TEST(TstLogPlace)
#include "tst_log_place.moc"
