// Whether a stamp is one that is there already, against areas that plane geometry gives.
#include "core/drawer/twin.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstTwin : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void likenessOfStamps() {
    const Stamp a = slab("a", 20, 30);
    QCOMPARE(likeness(a, slab("b", 20, 30)), 1.0);
    QCOMPARE(likeness(a, slab("b", 22, 30)), 0.0);
    // A triangle in the same frame covers half of it.
    Stamp t = a;
    t.silhouette = {{{0, 0}, {20, 0}, {0, 30}}};
    QVERIFY(std::fabs(likeness(a, t) - 0.5) < 1e-9);
    const std::vector<StampRef> known{nullptr, std::make_shared<Stamp>(t), std::make_shared<Stamp>(a)};
    QCOMPARE(twinOf(slab("x", 20.3, 30.2), known), 2);
    QCOMPARE(twinOf(slab("x", 50, 30), known), -1);
  }
};

HAVLO_TEST(TstTwin)
#include "tst_twin.moc"
