// A list that many have in common: read alike, and never seen to change by another.
#include <QTest>
#include <numeric>

#include "core/base/shared_list.h"
#include "core/plan/thing_index.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstSharedList : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aCopyIsTheSameListUntilOneChangesIt() {
    SharedList<int> a{1, 2, 3};
    const SharedList<int> b = a;
    QCOMPARE(&a.all(), &b.all());
    a.own()[1] = 9;
    QCOMPARE(a.all(), (std::vector<int>{1, 9, 3}));
    QCOMPARE(b.all(), (std::vector<int>{1, 2, 3}));
    // Nobody else has it: changed where it is.
    const std::vector<int>* where = &a.all();
    a.own().push_back(4);
    QCOMPARE(&a.all(), where);
    QCOMPARE(a.back(), 4);
    QCOMPARE(b.size(), size_t{3});
  }

  void anEmptyOneCanBeReadAndFilled() {
    SharedList<int> none;
    const SharedList<int> copy = none;
    QVERIFY(none.empty() && none.begin() == none.end());
    none.own().push_back(5);
    QCOMPARE(none.front(), 5);
    QVERIFY(copy.empty());
    QCOMPARE(std::accumulate(none.begin(), none.end(), 0), 5);
  }

  // The index against the plan's own search, which asks one thing after the other.
  void thingsAreFoundByTheirId() {
    Plan p = emptyPlan();
    addStamp(p, slab("hare", 8, 10));
    for (int k = 0; k < 30; ++k) put(p, "thing" + std::to_string(k * 7 % 30), "hare", {1.0 * k, 10}, k);
    const ThingIndex index(p);
    for (const Impression& i : p.impressions) QCOMPARE(index.of(i.id), p.indexOf(i.id));
    QCOMPARE(index.of("thing3"), p.indexOf("thing3"));
    QCOMPARE(index.of("nobody"), -1);
    QCOMPARE(index.of(""), -1);
  }
};

HAVLO_TEST(TstSharedList)
#include "tst_shared_list.moc"
