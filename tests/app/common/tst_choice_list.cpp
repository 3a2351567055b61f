// The keyed list: its model against Qt's own tester of models, and what a maker has chosen while it is filled
// anew.
#include <QAbstractItemModelTester>
#include <QApplication>
#include <QSignalSpy>
#include <QTest>
#include <algorithm>
#include <random>

#include "app/common/choice_list.h"
#include "tests/support/program.h"
#include "tests/support/window.h"

using namespace havlo;

namespace {

std::vector<ChoiceRow> rowsOf(const QStringList& keys) {
  std::vector<ChoiceRow> out;
  for (const QString& k : keys) out.push_back({k, QStringLiteral("row ") + k});
  return out;
}

QStringList keysOf(const ChoiceList& list) {
  QStringList out;
  for (int k = 0; k < list.count(); ++k) out << list.keyAt(k);
  return out;
}

}  // namespace

class TstChoiceList : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theModelKeepsQtsRules() {
    ChoiceList list;
    QAbstractItemModelTester tester(list.model(), QAbstractItemModelTester::FailureReportingMode::QtTest);
    std::mt19937 rng(5);
    QStringList all;
    for (int k = 0; k < 12; ++k) all << QString::number(k);
    for (int round = 0; round < 200; ++round) {
      std::shuffle(all.begin(), all.end(), rng);
      const QStringList some = all.mid(0, static_cast<int>(rng() % 13));
      list.setRows(rowsOf(some));
      QCOMPARE(keysOf(list), some);
      if (some.size() < 2) continue;
      // A row is moved as a drag would.
      const int from = static_cast<int>(rng() % some.size()),
                before = static_cast<int>(rng() % (some.size() + 1));
      const bool moves = before != from && before != from + 1;
      QCOMPARE(list.model()->moveRow({}, from, {}, before), moves);
      QStringList wanted = some;
      if (moves) wanted.move(from, before > from ? before - 1 : before);
      QCOMPARE(keysOf(list), wanted);
    }
    QVERIFY(!list.model()->moveRow({}, 0, {}, 99));
  }

  /// What a maker types is how she calls it, not how its name begins.
  void typedLettersFindAWord() {
    ChoiceList list;
    list.setRows({{QStringLiteral("cloud"), QStringLiteral("Summer cloud\n46 × 15")},
                  {QStringLiteral("hare"), QStringLiteral("Sitting hare\n23 × 39")},
                  {QStringLiteral("sun"), QStringLiteral("Low sun\n26 × 26")},
                  {QStringLiteral("willow"), QStringLiteral("Willow\n40 × 53")},
                  {QStringLiteral("small"), QStringLiteral("Small willow\n15 × 19")}});
    const auto type = [&](const char* letters) {
      QTest::qWait(QApplication::keyboardInputInterval() + 20);
      for (const char* c = letters; *c; ++c) QTest::keyClick(&list, *c);
      return list.currentKey();
    };
    QCOMPARE(type("sun"), QStringLiteral("sun"));
    QCOMPARE(type("HARE"), QStringLiteral("hare"));
    QCOMPARE(type("sum"), QStringLiteral("cloud"));
    QCOMPARE(type("small w"), QStringLiteral("small"));
    QCOMPARE(type("will"), QStringLiteral("willow"));  // what begins so comes first
    QCOMPARE(type("nothing"), QStringLiteral("willow"));
    // One letter again goes through those that begin with it, round and round.
    list.choose(QStringLiteral("cloud"));
    QCOMPARE(type("s"), QStringLiteral("hare"));
    QCOMPARE(type("ss"), QStringLiteral("cloud"));
    QCOMPARE(type(" "), QStringLiteral("cloud"));
    list.setRows({});
    QCOMPARE(type("s"), QString());
  }

  void aKeyStandsOnce() {
    ChoiceModel model;
    QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::QtTest);
    const auto row = [](const char* key, const char* text) {
      return ChoiceRow{QString::fromLatin1(key), QString::fromLatin1(text)};
    };
    for (int k = 0; k < 3; ++k) {
      model.setRows(
          {row("a", "one"), row("b", "two"), row("a", "three"), row("c", "four"), row("b", "five")});
      QCOMPARE(model.rowCount(), 3);
      QCOMPARE(model.rowOf(QStringLiteral("c")), 2);
      QCOMPARE(model.index(0).data().toString(), QStringLiteral("one"));
      model.setRows({row("c", "four"), row("c", "four"), row("a", "one")});
      QCOMPARE(model.rowCount(), 2);
    }
  }

  void whatIsChosenStaysChosenAndIsNotSaidAgain() {
    ChoiceList list;
    list.setRows(rowsOf({"a", "b", "c", "d"}));
    QCOMPARE(list.currentKey(), QStringLiteral("a"));
    QVERIFY(list.choose(QStringLiteral("c")));
    QVERIFY(!list.choose(QStringLiteral("z")));
    QSignalSpy said(&list, &ChoiceList::currentRowChanged),
        reset(list.model(), &QAbstractItemModel::modelReset);
    list.setRows(rowsOf({"d", "x", "c", "a"}));
    QCOMPARE(list.currentKey(), QStringLiteral("c"));
    list.setRows(rowsOf({"d", "x", "y"}));  // it is gone: the row in its place
    QCOMPARE(list.currentKey(), QStringLiteral("y"));
    list.setRows({});
    QCOMPARE(list.currentRow(), -1);
    QVERIFY(said.isEmpty() && reset.isEmpty());
  }

  void onlyRowsThatSaySomethingElseAreDrawnAnew() {
    ChoiceList list;
    list.setRows(rowsOf({"a", "b", "c"}));
    QSignalSpy changed(list.model(), &QAbstractItemModel::dataChanged);
    list.setRows(rowsOf({"a", "b", "c"}));
    QVERIFY(changed.isEmpty());
    auto rows = rowsOf({"a", "b", "c"});
    rows[1].text = QStringLiteral("other");
    list.setRows(std::move(rows));
    QCOMPARE(changed.size(), 1);
    QCOMPARE(changed[0][0].toModelIndex().row(), 1);
  }

  void keysAndClicksTake() {
    ChoiceList list;
    list.resize(200, 200);
    list.setRows(rowsOf({"a", "b", "c"}));
    list.show();
    QVERIFY(QTest::qWaitForWindowExposed(&list));
    QSignalSpy taken(&list, &ChoiceList::taken);
    QTest::keyClick(&list, Qt::Key_Down);
    QTest::keyClick(&list, Qt::Key_Return);
    QCOMPARE(taken.takeFirst()[0].toString(), QStringLiteral("b"));
    const QRect third = list.visualRect(list.model()->index(2, 0));
    QTest::mouseClick(list.viewport(), Qt::LeftButton, {}, third.center());
    QCOMPARE(taken.takeFirst()[0].toString(), QStringLiteral("c"));
  }
};

HAVLO_TEST(TstChoiceList)
#include "tst_choice_list.moc"
