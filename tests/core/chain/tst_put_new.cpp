// Where a stamp goes that is put on a card, and how it is pressed: how much of it shows and how near outlines
// come are measured by GEOS, the reading's own findings are counted before and after.
#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/chain/foretell.h"
#include "core/chain/put_new.h"
#include "core/edit/edits.h"
#include "core/edit/put_on.h"
#include "core/outline/shape_ops.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Stamp standing(const std::string& id, double width, double height, double real) {
  Stamp s = slab(id, width, height);
  s.role = Role::Figure;
  s.realHeight = RealHeight{real, 0.9 * real, 1.1 * real, {}};
  return s;
}

/// A hare in the middle, saplings where one would look for room next, and the stamp of a post that is right
/// farther away.
Plan hareInTheMiddle() {
  Plan p = emptyPlan();
  p.card.panel = {142, 99, {}};
  p.view = View{};
  p.view->horizon_mm = 45, p.view->eyeHeight_m = 0.56, p.view->nearDistance_m = 0.75;
  addStamp(p, standing("hare", 21, 42, 0.82));
  addStamp(p, standing("sapling", 8, 30, 0.6));
  addStamp(p, standing("post", 3, 9, 0.6));
  p = withNewImpression(p, "hare", {p.card.panel.width_mm / 2, 16.5}).value();
  for (const double share : {0.3, 0.7, 0.15, 0.85})
    p = withNewImpression(p, "sapling", {share * p.card.panel.width_mm, 16.5}).value();
  return p;
}

Rings silhouetteOf(const Plan& p, size_t i) {
  const Impression& im = p.impressions[i];
  const StampRef stamp = p.stamp(im.stamp);
  return placingOf(im, *stamp).toPanel(stamp->silhouette);
}

}  // namespace

class TstPutNew : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void nothingIsPutBehindTheHero() {
    const Plan p = hareInTheMiddle();
    const Stamp& post = *p.stamp("post");
    const Point middle = goodSpot(p, post), clear = clearSpot(p, post);
    const auto shown = [&](Point at) {
      const Plan put = withNewImpression(p, "post", at).value();
      Rings left = silhouetteOf(put, 5);
      for (size_t k = 0; k < 5; ++k) left = difference(left, silhouetteOf(put, k));
      return areaOf(left) / areaOf(silhouetteOf(put, 5));
    };
    QCOMPARE(shown(middle), 0.0);
    QCOMPARE(shown(clear), 1.0);
    QVERIFY(clear.y == middle.y);
    // As near as it is seen: the hare's half width, its own, and a step of the places there are.
    QVERIFY(std::fabs(clear.x - middle.x) < 10.5 + 1.5 + 2 * p.card.panel.width_mm / 24);
  }
  void whereNothingIsMindedItGoesInTheMiddle() {
    Plan p = hareInTheMiddle();
    p.impressions[0].at.x = 25;
    const Stamp& post = *p.stamp("post");
    QVERIFY(clearSpot(p, post) == goodSpot(p, post));
    p.impressions.clear();
    QVERIFY(clearSpot(p, post) == goodSpot(p, post));
  }
  /// The drawer's stamps one after the other on one card, as a beginner does it.
  void aCardFilledByClicksIsMindedNoMoreThanWithoutIt() {
    const Plan whole = demo("canal-towpath");
    Plan with;
    with.card.panel = whole.card.panel, with.view = whole.view, with.stamps = whole.stamps,
    with.inks = whole.inks;
    Plan without = with;
    int least = 0, most = 0;
    for (const StampRef& s : whole.stamps) {
      if (!s->realHeight || s->role == Role::Greeting) continue;
      with = withNewImpression(with, s->id, clearSpot(with, *s)).value();
      without = withNewImpression(without, s->id, goodSpot(without, *s)).value();
      const auto warnings = [](const Plan& p) { return warningsOf(*withLooks(p, analyse(p), nullptr)); };
      least = warnings(with), most = warnings(without);
      QVERIFY2(least <= most,
               qPrintable(QStringLiteral("%1: %2 and %3").arg(s->id.c_str()).arg(least).arg(most)));
    }
    QVERIFY2(least < most, qPrintable(QStringLiteral("%1 and %2").arg(least).arg(most)));
  }
  /// As they were inked by hand.
  void landAndSkyHaveTheirUsualInk() {
    const auto inkOf = [](Plan p, const std::string& stamp) {
      for (const Impression& i : std::vector<Impression>(p.impressions))
        if (i.stamp == stamp) p = without(p, i.id).value();
      const Plan put = withStampPut(p, stamp).value();
      return put.impressions.back().ink + ' ' + std::to_string(put.impressions.back().generation);
    };
    QCOMPARE(inkOf(demo("canal-towpath"), "low-sun"), std::string("apricot 2"));
    QCOMPARE(inkOf(demo("canal-towpath"), "hills"), std::string("slate 2"));
    QCOMPARE(inkOf(demo("canal-towpath"), "towpath"), std::string("loam 2"));
    QCOMPARE(inkOf(demo("misty-fen"), "thin-moon"), std::string("mist 2"));
    // With one ink all that can be done is to press it again; what the paper swallows is no choice.
    Plan one = hareInTheMiddle();
    addStamp(one, *demo("canal-towpath").stamp("low-sun"));
    one.inks.resize(1);
    QCOMPARE(inkOf(one, "low-sun"), one.inks[0].id + " 2");
    Plan pale = demo("canal-towpath");
    pale.card.paper.colour = pale.ink("apricot")->colour;
    QVERIFY(inkOf(pale, "low-sun") != "apricot 2");
  }

  /// What is known already spares time, and changes nothing.
  void whatIsKnownChangesNothing() {
    int put = 0;
    for (const char* name : {"canal-towpath", "misty-fen", "potting-shed"}) {
      const Plan p = demo(name);
      const AnalysisRef known = looked(p);
      for (size_t k = 0; k < p.stamps.size(); k += 3, ++put) {
        const std::string id = p.stamps[k]->id;
        QVERIFY(withStampPut(p, id, {}, known.get()).value() == withStampPut(p, id).value());
      }
      // Known may be another state of it.
      const Plan fewer = without(p, p.impressions.front().id).value();
      const std::string last = p.stamps.back()->id;
      QVERIFY(withStampPut(fewer, last, {}, known.get()).value() == withStampPut(fewer, last).value());
    }
    QVERIFY(put > 5);
  }

  void anotherOneIsInkedAsTheOneBefore() {
    Plan p = hareInTheMiddle();
    p.inks.push_back(p.inks.front());
    p.inks.back().id = "other";
    p.impressions.back().ink = "other", p.impressions.back().school = School::Overprint;
    const Plan put = withStampPut(p, "sapling").value();
    QCOMPARE(put.impressions.back().ink, std::string("other"));
    QCOMPARE(put.impressions.back().school, School::Overprint);
    QCOMPARE(withStampPut(p, "post").value().impressions.back().ink, p.inks.front().id);
    // A raised one has a piece of its own, the next one has not.
    p.impressions.back().school = School::PopUp;
    QCOMPARE(withStampPut(p, "sapling").value().impressions.back().school, School::Mask);
  }

  /// A small figure in the mist is paler than the hare; how pale, Koschmieder's law says.
  void whatStandsFarOffInMistIsPressedAgain() {
    Plan p = hareInTheMiddle();
    p.inks.front().generations = {1, 0.7, 0.49, 0.34, 0.24};
    const auto minds = [](const Plan& plan, const std::string& id) {
      const AnalysisRef a = analyse(plan);
      return std::any_of(a->findings.begin(), a->findings.end(), [&](const Finding& f) {
        return f.kind == FindingKind::Tone && f.impressions == std::vector<int>{plan.indexOf(id)};
      });
    };
    p.view->visibility_m = 12;
    const Point foot = clearSpot(p, *p.stamp("post"));
    const Plan bare = withNewImpression(p, "post", foot).value();
    QVERIFY(minds(bare, "post"));
    const Plan put = withStampPut(p, "post").value();
    QVERIFY(put.impressions.back().at == foot);
    QVERIFY(!minds(put, "post"));
    const double away = analyse(put)->depth->distance_m(put.indexOf("post"));
    const double wanted = std::exp(-3.912 * away / 12);
    const auto& steps = p.inks.front().generations;
    const double got = steps[ix(put.impressions.back().generation - 1)];
    QVERIFY2(got < 1 && std::fabs(got - wanted) < 0.3, qPrintable(QString::number(wanted)));
    // In clear air it is freshly inked.
    p.view->visibility_m.reset();
    QCOMPARE(withStampPut(p, "post").value().impressions.back().generation, 1);
  }

  void whatCannotBePutIsSaid() {
    const Plan p = hareInTheMiddle();
    QCOMPARE(withStampPut(p, "nobody").error().code, ErrorCode::BadInput);
    QCOMPARE(withStampPut(p, "post", Point{1e9, 0}).error().code, ErrorCode::BadInput);
    Plan dry = p;
    dry.impressions.clear(), dry.inks.clear();
    QCOMPARE(withStampPut(dry, "post").error().code, ErrorCode::BadInput);
  }
};

HAVLO_TEST(TstPutNew)
#include "tst_put_new.moc"
