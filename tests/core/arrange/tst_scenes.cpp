// Scenes made from a drawer, cards freshened, fitted and in sets. What makes a scene right is read anew here:
// sizes by the pinhole formula, facing, seasons, proof.
#include <QTest>
#include <cmath>
#include <set>

#include "core/arrange/variants.h"
#include "core/chain/chain.h"
#include "core/outline/shape_ops.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"
#include "support/faulty_plans.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

DrawerStamp owned(const std::string& id, Role role, double w, double h, double real_m,
                  std::vector<std::string> tags = {}, Facing facing = Facing::None) {
  Stamp s = slab(id, w, h);
  s.name = id, s.role = role, s.facing = facing;
  if (real_m > 0) s.realHeight = RealHeight{real_m, 0.85 * real_m, 1.15 * real_m, {}};
  if (role == Role::Tree || role == Role::Animal || role == Role::Figure) {
    // Not a slab: a lens, so that things overlap as things do.
    Ring ring;
    for (int k = 0; k < 40; ++k)
      ring.push_back({w / 2 + w / 2 * std::cos(k * 6.28318530718 / 40),
                      h / 2 + h / 2 * std::sin(k * 6.28318530718 / 40)});
    s.silhouette = {ring};
  }
  DrawerStamp out;
  out.card.key = "k-" + id, out.card.tags = std::move(tags), out.card.setName = "Heath";
  out.stamp = s;
  return agreed(out);
}

std::vector<DrawerStamp> heath() {
  return {owned("fox", Role::Animal, 26, 20, 0.4, {}, Facing::Right),
          owned("hen", Role::Animal, 16, 15, 0.35, {}, Facing::Left),
          owned("oak", Role::Tree, 34, 46, 14),
          owned("birch", Role::Tree, 14, 34, 10),
          owned("thorn", Role::Tree, 18, 15, 4),
          owned("barn", Role::Building, 32, 20, 6),
          owned("fern", Role::Plant, 20, 12, 0.5),
          owned("stone", Role::Prop, 12, 7, 0.3),
          owned("ridge", Role::Landform, 150, 12, 0),
          owned("words", Role::Greeting, 46, 8, 0)};
}

std::vector<Ink> inks() {
  const auto ink = [](const char* id, InkKind kind, Colour colour) {
    Ink i;
    i.id = id, i.name = id, i.kind = kind, i.colour = colour;
    return i;
  };
  return {ink("coal", InkKind::Archival, {0x22, 0x22, 0x26}), ink("leaf", InkKind::Dye, {0x4a, 0x6a, 0x3a}),
          ink("slate", InkKind::Dye, {0x58, 0x6c, 0x80}),     ink("earth", InkKind::Dye, {0x60, 0x48, 0x38}),
          ink("air", InkKind::Dye, {0x7a, 0x9a, 0xc8}),       ink("glow", InkKind::Dye, {0xf0, 0xb0, 0x70})};
}

SceneWish wish(uint64_t seed = 1) {
  SceneWish w;
  w.drawer = heath(), w.inks = inks(), w.seed = seed;
  w.hero = w.drawer[0].stamp;
  w.hero.drawer = w.drawer[0].card.key;
  w.sheet.card.panel = {127, 178, {}};
  w.tries = 300, w.attempts = 2, w.proof_dpi = 50, w.coloured = false;
  return w;
}

}  // namespace

class TstScenes : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theViewGivesTheHeroItsSize() {
    for (const double share : {0.4, 0.5, 0.65})
      for (const DrawerStamp& s : heath()) {
        if (!factsOf(s.stamp.role).lives()) continue;
        const View v = viewFor(s.stamp, {127, 178, {}}, share);
        const double foot = v.horizon_mm - v.eyeHeight_m * s.stamp.height_mm / s.stamp.realHeight->typical_m;
        QVERIFY2(foot > 0.09 * 178 && foot < 0.25 * 178, qPrintable(QString::number(foot)));
        // The pinhole camera: as tall on paper as it is in truth, at its distance.
        const double away = v.nearDistance_m * v.horizon_mm / (v.horizon_mm - foot);
        const double focal = v.horizon_mm * v.nearDistance_m / v.eyeHeight_m;
        QVERIFY(std::fabs(focal * s.stamp.realHeight->typical_m / away - s.stamp.height_mm) < 1e-6);
      }
  }

  void everyThingHasItsSizeAndTheHeroIsSeenFirst() {
    int made = 0;
    for (const uint64_t seed : {1, 2}) {
      const auto scenes = scenesFor(wish(seed), nullptr);
      QVERIFY2(bool(scenes), scenes ? "" : scenes.error().text().c_str());
      std::set<int> hours;
      for (const SceneOffer& s : scenes.value()) {
        ++made;
        hours.insert(static_cast<int>(s.daylight));
        const Plan& p = s.card.plan;
        const AnalysisRef a = looked(p);
        const View& v = *p.view;
        for (const Impression& i : p.impressions) {
          const Stamp& stamp = *p.stamp(i.stamp);
          if (!std::holds_alternative<OnGround>(i.depth)) continue;
          QVERIFY(stamp.realHeight && i.at.y < v.horizon_mm);
          const double reads = stamp.height_mm * v.eyeHeight_m / (v.horizon_mm - i.at.y);
          QVERIFY2(
              reads > 0.98 * stamp.realHeight->least_m && reads < 1.02 * stamp.realHeight->most_m,
              qPrintable(QStringLiteral("%1 reads as %2 m").arg(QString::fromStdString(i.id)).arg(reads)));
        }
        const Impression* hero = nullptr;
        for (const Impression& i : p.impressions)
          if (i.hero) hero = &i;
        QVERIFY(hero && hero->stamp == "fox");
        QVERIFY(hero->at.x < 0.6 * 127);  // it looks to the right, into the picture
        QCOMPARE(a->looks->heroRank, 1);
        for (const Finding& f : a->findings) QVERIFY(f.level != Level::Fault);
        QVERIFY(simulate(a->press(p, nullptr), a->sheet, 100).value().proven);
        QVERIFY(p.light.has_value() && !p.washes.empty());
        QVERIFY(!s.stamps.empty() && s.stamps[0] == "k-fox");
        QVERIFY(readPlan(writePlan(p)).value().plan == p);
      }
      QCOMPARE(hours.size(), scenes.value().size());  // no two at one hour
    }
    QVERIFY2(made >= 4, qPrintable(QString::number(made)));
  }

  void theSameSeedGivesTheSame() {
    const auto titles = [](uint64_t seed) {
      std::string out;
      const auto scenes = scenesFor(wish(seed), nullptr);
      for (const SceneOffer& s : scenes.value()) out += writePlan(s.card.plan);
      return out;
    };
    const std::string once = titles(4);
    QVERIFY(!once.empty() && titles(4) == once && titles(5) != once);
  }

  // Summer and winter never meet, nor do day and night.
  void seasonsDoNotMix() {
    SceneWish w = wish();
    w.drawer[2].card.tags = {"summer"};                          // oak
    w.drawer[3].card.tags = w.drawer[4].card.tags = {"winter"};  // birch and thorn
    for (const uint64_t seed : {1, 2}) {
      w.seed = seed;
      const auto scenes = scenesFor(w, nullptr);
      if (!scenes) continue;
      for (const SceneOffer& s : scenes.value()) {
        const bool summer = s.card.plan.stamp("oak") != nullptr;
        const bool winter = s.card.plan.stamp("birch") || s.card.plan.stamp("thorn");
        QVERIFY(!(summer && winter));
      }
    }
  }

  void whatFloatsNeedsWater() {
    SceneWish w = wish();
    w.drawer.push_back(owned("punt", Role::Building, 44, 9, 1.2));
    w.drawer.back().stamp.home = Home::Water;
    w.drawer.push_back(
        owned("willow", Role::Tree, 20, 33, 4.4));  // its size would have it stand in the water
    int afloat = 0;
    for (const uint64_t seed : {1, 2, 3}) {
      w.seed = seed;
      const auto scenes = scenesFor(w, nullptr);
      for (const SceneOffer& s : scenes.value()) {
        const Plan& p = s.card.plan;
        const Wash* water = nullptr;
        for (const Wash& wash : p.washes)
          if (wash.kind == WashKind::Water) water = &wash;
        for (const Impression& i : p.impressions) {
          if (i.stamp != "punt") continue;
          ++afloat;
          QVERIFY(water && boxOf(water->area).contains(i.at));
        }
        if (!water) continue;
        for (const Impression& i : p.impressions)
          if (factsOf(p.stamp(i.stamp)->role).wantsLand && p.stamp(i.stamp)->home != Home::Water)
            QVERIFY(!boxOf(water->area).grown(-2).contains(i.at));
      }
    }
    QVERIFY(afloat > 0);
  }

  void badWishesAreSaid() {
    SceneWish w = wish();
    w.drawer = {w.drawer[0]};
    const auto alone = scenesFor(w, nullptr);
    QVERIFY(!alone && alone.error().message.find("drawer") != std::string::npos);
    w = wish();
    w.inks.clear();
    QVERIFY(!scenesFor(w, nullptr));
    w = wish();
    w.hero.height_mm = 170;
    QVERIFY(!scenesFor(w, nullptr));
    w = wish();
    std::stop_source stop;
    stop.request_stop();
    const auto stopped = scenesFor(w, nullptr, {stop.get_token(), {}});
    QVERIFY(!stopped && stopped.error().code == ErrorCode::Stopped);
  }

  // On another size each thing on the ground keeps its distance by the formula; what is carried over and
  // taken back comes back.
  void fittingKeepsTheGround() {
    const Plan p = demo("misty-fen");
    const PanelSize was = p.card.panel, other{was.height_mm, was.width_mm, {}};
    View to = *p.view;
    to.horizon_mm = p.view->horizon_mm * other.height_mm / was.height_mm;
    for (const Point at : {Point{20, 10}, Point{60, 44}, Point{90, 80}, Point{10, 0}}) {
      const Point there = fittedPoint(at, &*p.view, was, &to, other);
      const Point back = fittedPoint(there, &to, other, &*p.view, was);
      QVERIFY(std::hypot(back.x - at.x, back.y - at.y) < 1e-9);
      if (at.y > 0.5 && at.y < p.view->horizon_mm)
        QVERIFY(std::fabs((to.horizon_mm - there.y) - (p.view->horizon_mm - at.y)) < 1e-9);
    }
    const auto fit = fitted(p, other, 1, nullptr);
    QVERIFY2(bool(fit), fit ? "" : fit.error().text().c_str());
    const Plan& q = fit.value().plan;
    QVERIFY(q.card.panel.width_mm == other.width_mm && q.card.panel.height_mm == other.height_mm);
    QCOMPARE(q.impressions.size(), p.impressions.size());
    for (const ScaleReading& s : fit.value().analysis->scale)
      QVERIFY(s.verdict == ScaleVerdict::Fits || readScale(p, s.impression)->verdict != ScaleVerdict::Fits);
    QCOMPARE(fit.value().worth.faults, 0);
    QCOMPARE(fit.value().worth.heroRank, 1);
    QVERIFY(!fitted(p, {5, 100, {}}, 1, nullptr));
    QVERIFY(!fitted(demo("potting-shed"), other, 1, nullptr));
  }

  // Other stamps stand where the first stood, at their right size; hero, words and everything that is held on
  // to stay.
  void freshCardsKeepTheScene() {
    const auto scenes = scenesFor(wish(2), nullptr);
    QVERIFY(bool(scenes) && !scenes.value().empty());
    const Plan p = scenes.value()[0].card.plan;
    FreshWish w;
    w.drawer = heath(), w.inks = inks(), w.proof_dpi = 50;
    w.drawer.push_back(owned("pine", Role::Tree, 16, 38, 12)),
        w.drawer.push_back(owned("elm", Role::Tree, 30, 42, 13));
    const auto fresh = freshened(p, w, nullptr);
    QVERIFY2(bool(fresh), fresh ? "" : fresh.error().text().c_str());
    QVERIFY(!fresh.value().empty());
    for (const Proposal& f : fresh.value()) {
      QVERIFY(f.proven && !(f.plan == p));
      QCOMPARE(f.plan.impressions.size(), p.impressions.size());
      QVERIFY(f.worth.faults == 0 && f.worth.heroRank == 1);
      for (size_t i = 0; i < p.impressions.size(); ++i) {
        const Impression &was = p.impressions[i], &is = f.plan.impressions[i];
        QVERIFY(was.id == is.id && was.hero == is.hero);
        if (was.hero || factsOf(p.stamp(was.stamp)->role).words)
          QVERIFY(was.stamp == is.stamp && was.at == is.at);
        QVERIFY(p.stamp(was.stamp)->role == f.plan.stamp(is.stamp)->role);
      }
      for (const ScaleReading& s : f.analysis->scale) QVERIFY(s.verdict == ScaleVerdict::Fits);
    }
    QVERIFY(!freshened(emptyPlan(), w, nullptr));
  }

  void aSetHasOneHourAndAHeroEach() {
    SceneWish w = wish();
    w.drawer.push_back(owned("hare", Role::Animal, 14, 18, 0.5, {}, Facing::Left));
    const auto set = setOfCards(w, 3, nullptr);
    QVERIFY2(bool(set), set ? "" : set.error().text().c_str());
    QVERIFY(set.value().size() >= 2);
    std::set<std::string> heroes, skies;
    for (const SceneOffer& s : set.value()) {
      for (const Impression& i : s.card.plan.impressions)
        if (i.hero) heroes.insert(i.stamp);
      for (const Wash& wash : s.card.plan.washes)
        if (wash.kind == WashKind::Sky) skies.insert(wash.ink);
      QVERIFY(s.daylight == set.value()[0].daylight && s.theme == set.value()[0].theme);
    }
    QCOMPARE(heroes.size(), set.value().size());
    QCOMPARE(skies.size(), size_t{1});
  }
};

HAVLO_TEST(TstScenes)
#include "tst_scenes.moc"
