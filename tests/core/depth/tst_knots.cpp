// Order and cycles against Boost.Graph (strong components, topological sort) on random plans.
#include <QTest>
#include <boost/graph/adjacency_list.hpp>
#include <boost/graph/strong_components.hpp>
#include <boost/graph/topological_sort.hpp>
#include <map>
#include <set>

#include "core/chain/chain.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

using Graph = boost::adjacency_list<boost::vecS, boost::vecS, boost::directedS>;

Graph overGraph(const Analysis& a) {
  Graph g(a.meetings.placed.size());
  for (const Meeting& m : a.meetings.list)
    if (m.overlaps()) {
      add_edge(ix(m.front), ix(m.back), g);
      if (m.contradictory) add_edge(ix(m.back), ix(m.front), g);
    }
  return g;
}

/// Knots as sets of impressions.
std::set<std::set<int>> knotsByBoost(const Graph& g) {
  std::vector<int> component(num_vertices(g));
  boost::strong_components(g, component.data());
  std::map<int, std::set<int>> members;
  for (size_t i = 0; i < component.size(); ++i) members[component[i]].insert(static_cast<int>(i));
  std::set<std::set<int>> out;
  for (const auto& [c, set] : members)
    if (set.size() > 1) out.insert(set);
  return out;
}

}  // namespace

class TstKnots : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void knotsAndOrderAgreeWithBoost() {
    int knotted = 0, free = 0;
    for (uint32_t seed = 0; seed < 150; ++seed) {
      testing::RandomOptions options;
      options.impressions = 12;
      options.panel = {0, 0, 60, 80};  // crowded, so that rings come about
      options.sayings = true;
      const Plan plan = testing::randomPlan(seed, options);
      const AnalysisRef a = analyse(plan);
      const Graph g = overGraph(*a);
      std::set<std::set<int>> ours;
      for (size_t k = 0; k < a->knots.rings.size(); ++k) {
        std::set<int> members;
        for (size_t i = 0; i < a->knots.knotOf.size(); ++i)
          if (a->knots.knotOf[i] == static_cast<int>(k)) members.insert(static_cast<int>(i));
        ours.insert(members);
        const auto& ring = a->knots.rings[k];
        for (size_t i = 0; i < ring.size(); ++i) {
          QVERIFY(members.contains(ring[i]));
          QVERIFY(edge(ix(ring[i]), ix(ring[(i + 1) % ring.size()]), g).second);
        }
      }
      QVERIFY(ours == knotsByBoost(g));
      knotted += ours.empty() ? 0 : 1;

      // The stamping constraints as a graph of their own: Boost must find it sortable, and our order must
      // keep it.
      Graph before(plan.impressions.size());
      std::vector<size_t> place(plan.impressions.size());
      QCOMPARE(a->order.size(), plan.impressions.size());
      for (size_t k = 0; k < a->order.size(); ++k) place[ix(a->order[k])] = k;
      for (const Meeting& m : a->meetings.list) {
        if (!m.overlaps()) continue;
        const bool sameKnot =
            a->knots.knotOf[ix(m.front)] >= 0 && a->knots.knotOf[ix(m.front)] == a->knots.knotOf[ix(m.back)];
        if (sameKnot) continue;
        const School how = plan.impressions[ix(m.front)].school;
        const bool frontFirst = how == School::Mask || how == School::Resist;
        if (!frontFirst && how != School::Overprint) continue;
        const auto first = ix(frontFirst ? m.front : m.back), second = ix(frontFirst ? m.back : m.front);
        add_edge(first, second, before);
        QVERIFY2(place[first] < place[second], qPrintable(QStringLiteral("seed %1").arg(seed)));
      }
      std::vector<size_t> sorted;
      boost::topological_sort(before, std::back_inserter(sorted));  // throws if there is a ring
      if (ours.empty()) ++free;
    }
    QVERIFY2(knotted > 10 && free > 20,
             qPrintable(QStringLiteral("%1 knotted, %2 free").arg(knotted).arg(free)));
  }

  void aRingOfThreeIsNamedInItsOrder() {
    Plan p = testing::emptyPlan();
    testing::addStamp(p, testing::slab("s", 30, 30));
    testing::put(p, "a", "s", {40, 40}, 1);
    testing::put(p, "b", "s", {50, 45}, 2);
    testing::put(p, "c", "s", {45, 55}, 3).inFrontOf = {"a"};
    const AnalysisRef a = analyse(p);
    QCOMPARE(a->knots.rings.size(), size_t(1));
    QCOMPARE(testing::ids(p, a->knots.rings[0]), std::string("a b c"));
    QCOMPARE(a->order.size(), size_t(3));
  }

  void twoThatAreEachSaidToBeInFront() {
    Plan p = testing::emptyPlan();
    testing::addStamp(p, testing::slab("s", 30, 30));
    testing::put(p, "a", "s", {40, 40}, 1).inFrontOf = {"b"};
    testing::put(p, "b", "s", {50, 45}, 2).inFrontOf = {"a"};
    QCOMPARE(analyse(p)->knots.rings.size(), size_t(1));
    p.impressions[1].at = {100, 120};  // apart they make no ring
    QVERIFY(analyse(p)->knots.rings.empty());
  }
};

HAVLO_TEST(TstKnots)
#include "tst_knots.moc"
