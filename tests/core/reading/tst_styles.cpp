// Careful cards that a practised maker would let pass: at most one word too many on each, and faults put into
// them are found all the same. What makers let pass is common practice, no source.
#include <QTest>
#include <cmath>
#include <random>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Stamp shape(const std::string& id, double w, double h, Role role) {
  Stamp s = slab(id, w, h);
  s.role = role;
  return s;
}

Stamp round_(const std::string& id, double d, Role role) {
  Stamp s = shape(id, d, d, role);
  Ring ring;
  for (int k = 0; k < 48; ++k)
    ring.push_back(
        {d / 2 + d / 2 * std::cos(k * 6.28318530718 / 48), d / 2 + d / 2 * std::sin(k * 6.28318530718 / 48)});
  s.silhouette = {ring};
  return s;
}

Stamp tall(Stamp s, double metres) {
  s.realHeight = RealHeight{metres, 0.85 * metres, 1.15 * metres, {}};
  return s;
}

Impression& stand(Plan& p, const std::string& id, const std::string& stamp, Point at) {
  Impression& i = put(p, id, stamp, at, 1);
  i.depth = OnGround{};
  return i;
}

/// A balloon and a bird over a meadow with a hero who stands on it.
Plan flying() {
  Plan p = emptyPlan();
  addStamp(p, tall(shape("girl", 14, 34, Role::Figure), 1.5 * 34 / (96 - 30.0)));
  addStamp(p, round_("balloon", 22, Role::Prop));
  addStamp(p, shape("bird", 12, 5, Role::Animal));
  stand(p, "girl", "girl", {45, 30}).hero = true;
  stand(p, "balloon", "balloon", {95, 120}).ink = p.inks.back().id;
  put(p, "bird", "bird", {30, 150}, 30);
  put(p, "bird2", "bird", {48, 143}, 30).turn_deg = 8;
  return p;
}

/// A cottage and a tree on a hill that rises over the horizon.
Plan onAHill() {
  Plan p = emptyPlan();
  Stamp hill = shape("hill", 120, 50, Role::Landform);
  Ring ring;
  for (int k = 0; k <= 40; ++k) ring.push_back({k * 3.0, 50 * std::sin(3.14159265 * k / 40)});
  hill.silhouette = {ring};
  addStamp(p, hill);
  addStamp(p, shape("cottage", 20, 16, Role::Building));
  addStamp(p, shape("tree", 9, 24, Role::Tree));
  addStamp(p, tall(shape("girl", 14, 34, Role::Figure), 1.5 * 34 / (96 - 30.0)));
  put(p, "hill", "hill", {63, 80}, 300).ink = p.inks.back().id;
  put(p, "cottage", "cottage", {70, 121}, 80);
  put(p, "tree", "tree", {50, 118}, 70);
  stand(p, "girl", "girl", {45, 30}).hero = true;
  return p;
}

/// Twelve mushrooms in loose rows over the whole card, no ground anywhere.
Plan pattern() {
  Plan p = emptyPlan();
  p.view.reset();
  addStamp(p, shape("cap", 16, 18, Role::Plant));
  addStamp(p, shape("leaf", 10, 14, Role::Plant));
  int k = 0;
  for (int row = 0; row < 6; ++row)
    for (int col = 0; col < 5; ++col, ++k) {
      Impression& i = put(p, "t" + std::to_string(k), k % 2 ? "cap" : "leaf",
                          {18 + col * 23.0 + (row % 2) * 4, 14 + row * 28.0}, 1);
      i.turn_deg = (k * 37) % 50 - 25;
    }
  p.impressions[12].hero = true;
  return p;
}

/// A storybook street: everything as large as it is dear, not as its distance asks.
Plan storybook() {
  Plan p = emptyPlan();
  addStamp(p, tall(shape("mouse", 22, 40, Role::Figure), 0.1));
  addStamp(p, tall(shape("house", 30, 44, Role::Building), 6));
  addStamp(p, tall(shape("tree", 20, 40, Role::Tree), 9));
  stand(p, "mouse", "mouse", {62, 22}).hero = true;
  stand(p, "house", "house", {24, 34});
  stand(p, "house2", "house", {104, 40});
  stand(p, "tree", "tree", {20, 12});
  stand(p, "tree2", "tree", {110, 14});
  return p;
}

/// A crowd that stands shoulder to shoulder.
Plan crowd() {
  Plan p = emptyPlan();
  for (int k = 0; k < 4; ++k)
    addStamp(p, tall(shape("m" + std::to_string(k), 13 + k, 30 + 2 * k, Role::Figure),
                     1.5 * (30 + 2 * k) / (96 - 30.0)));
  int k = 0;
  for (int row = 0; row < 2; ++row)
    for (int col = 0; col < 6; ++col, ++k)
      put(p, "c" + std::to_string(k), "m" + std::to_string((k * 3) % 4),
          {22 + col * 14.8 + row * 3, 34.0 - 6 * row}, 4.0 - row);
  p.impressions[8].hero = true;
  p.impressions[8].ink = p.inks.back().id;
  p.inks.back().colour = {0xc8, 0x3c, 0x28};
  return p;
}

/// One black ink, plenty of paper.
Plan lineArt() {
  Plan p = emptyPlan();
  addStamp(p, tall(shape("girl", 14, 34, Role::Figure), 1.5 * 34 / (96 - 30.0)));
  addStamp(p, shape("tree", 9, 24, Role::Tree));
  stand(p, "girl", "girl", {45, 30}).hero = true;
  put(p, "tree", "tree", {92, 84}, 20);
  put(p, "tree2", "tree", {105, 88}, 40).turn_deg = 2;
  return p;
}

/// A duck on a canal, a heron wading, a girl whose feet are off the panel's foot.
Plan byTheWater() {
  Plan p = emptyPlan();
  addStamp(p, shape("duck", 16, 9, Role::Animal));
  Stamp boat = shape("boat", 50, 12, Role::Building);
  boat.home = Home::Water;
  addStamp(p, boat);
  addStamp(p, shape("girl", 22, 60, Role::Figure));
  GroundMark canal;
  canal.id = "canal", canal.kind = GroundKind::Canal, canal.along = {{63, 10}, {63, 95.9}}, canal.width_m = 4;
  p.ground.push_back(canal);
  stand(p, "duck", "duck", {60, 40});
  stand(p, "boat", "boat", {66, 70}).ink = p.inks.back().id;
  p.inks.back().colour = {0xb8, 0xc4, 0xd0};
  put(p, "girl", "girl", {104, -8}, 1.8).hero = true;
  return p;
}

int alarms(const Plan& p, QString* told = nullptr) {
  const AnalysisRef a = looked(p);
  int out = 0;
  for (const Finding& f : a->findings)
    if (!f.known && f.level != Level::Note) {
      ++out;
      if (told)
        *told += QString::fromUtf8(ruleOf(f.kind).word.data()) + u' ' +
                 QString::fromStdString(ids(p, f.impressions)) + QStringLiteral("; ");
    }
  return out;
}

const std::vector<std::pair<const char*, Plan (*)()>> kCareful{
    {"flying", flying}, {"on a hill", onAHill}, {"pattern", pattern}, {"storybook", storybook},
    {"crowd", crowd},   {"line art", lineArt},  {"water", byTheWater}};

Plan answered(Plan p, bool yes) {
  for (int k = 0; k < 4; ++k) {
    const AnalysisRef a = looked(p);
    const Finding* f = nullptr;
    for (const Finding& one : a->findings)
      if (one.kind == FindingKind::AsksStyle && !one.known) f = &one;
    if (!f) break;
    p = applied(p, yes ? *f->fix : *f->instead).value();
  }
  return p;
}

}  // namespace

class TstStyles : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void carefulCardsGetOneWordAtMost() {
    for (const auto& [name, card] : kCareful) {
      QString told;
      const int count = alarms(card(), &told);
      QVERIFY2(count <= 1, qPrintable(QStringLiteral("%1: %2").arg(QLatin1String(name), told)));
    }
  }

  // Asked once and answered, nothing is left; "no" brings everything back, and nothing is asked again.
  void anAnswerIsKept() {
    const std::vector<std::pair<const char*, Plan (*)()>> ways{
        {"pattern", pattern}, {"storybook", storybook}, {"crowd", crowd}};
    for (const auto& [name, card] : ways) {
      const Plan p = card();
      QString told;
      const int yes = alarms(answered(p, true), &told);
      QVERIFY2(yes == 0, qPrintable(QStringLiteral("%1: %2").arg(QLatin1String(name), told)));
      const AnalysisRef no = looked(answered(p, false));
      for (const Finding& f : no->findings) QVERIFY(f.kind != FindingKind::AsksStyle && !f.style);
      int waited = 0;
      const AnalysisRef open = looked(p);
      for (const Finding& f : open->findings) waited += f.style && f.kind != FindingKind::AsksStyle;
      QVERIFY(waited >= 2);
      int again = 0;
      for (const Finding& f : no->findings)
        for (const Finding& o : open->findings)
          again += o.style && o.kind == f.kind && o.impressions == f.impressions;
      QCOMPARE(again, waited);
      // What is answered yes can be asked again.
      const Plan said = answered(p, true);
      const AnalysisRef a = looked(said);
      const Finding* f = find(*a, FindingKind::AsksStyle);
      QVERIFY(f && f->known && f->fix);
      QVERIFY(applied(said, *f->fix).value().styles == p.styles);
    }
  }

  // While the question is open what it is about stays in the reading, as notes that name it.
  void whatWaitsIsNotLost() {
    const Plan p = storybook();
    const AnalysisRef a = looked(p);
    const Finding* asks = find(*a, FindingKind::AsksStyle);
    QVERIFY(asks && *asks->style == Style::ByEye);
    int waiting = 0;
    for (const Finding& f : a->findings)
      if (f.style && f.kind != FindingKind::AsksStyle) {
        ++waiting;
        QVERIFY(f.level == Level::Note);
      }
    QCOMPARE(static_cast<double>(waiting), asks->value);
    QVERIFY(waiting >= 4);
  }

  // Three are no way of working, nor are four among many.
  void aFewAreStillFaults() {
    Plan p = storybook();
    p.impressions.resize(3);
    const AnalysisRef a = looked(p);
    QVERIFY(!find(*a, FindingKind::AsksStyle));
    QVERIFY(find(*a, FindingKind::OutOfScale)->level != Level::Note);
  }

  void fourAmongManyAreStillFaults() {
    Plan p = storybook();
    addStamp(p, shape("peg", 3, 3, Role::Prop));
    for (int k = 0; k < 12; ++k) put(p, "peg" + std::to_string(k), "peg", {7.0 + 10 * k, 88}, 9);
    const AnalysisRef a = looked(p);
    for (const Finding& f : a->findings)
      QVERIFY(f.kind != FindingKind::AsksStyle || *f.style != Style::ByEye);
    QVERIFY(find(*a, FindingKind::OutOfScale)->level != Level::Note);
  }

  // Faults put into careful cards are found as before.
  void trueOnesAreFound() {
    Plan p = flying();
    p.impression("girl");
    stand(p, "girl2", "girl", {90, 104});  // hangs over the horizon
    QVERIFY(find(*looked(p), FindingKind::Floating));
    p = onAHill();
    p.impressions[1].at = {70, 150};  // the cottage is above its hill
    const AnalysisRef hill = looked(p);
    const Finding* f = find(*hill, FindingKind::Floating);
    QVERIFY(f && f->impressions[0] == 1 && f->instead);
    p = byTheWater();
    auto boat = std::make_shared<Stamp>(*p.stamps[1]);
    boat->home = Home::Usual;  // a building that wants land
    p.stamps[1] = boat;
    const AnalysisRef wet = looked(p);
    f = find(*wet, FindingKind::NoGround);
    QVERIFY(f && p.impressions[ix(f->impressions[0])].id == "boat");
    QVERIFY(!find(*looked(applied(p, *f->instead).value()), FindingKind::NoGround));
  }

  // Said of the stamp once, it holds for each of its prints.
  void sayingThatItFliesIsSaidOnce() {
    Plan p = flying();
    stand(p, "balloon2", "balloon", {30, 130});
    const AnalysisRef a = looked(p);
    const Finding* f = nullptr;
    for (const Finding& one : a->findings)
      if (one.kind == FindingKind::Floating && p.impressions[ix(one.impressions[0])].stamp == "balloon")
        f = &one;
    QVERIFY(f && f->instead && f->instead->what == Fix::What::SayHome);
    const AnalysisRef then = looked(applied(p, *f->instead).value());
    for (const Finding& one : then->findings)
      QVERIFY(one.kind != FindingKind::Floating || p.impressions[ix(one.impressions[0])].stamp != "balloon");
  }

  // All ink alike is said on any paper; a second colour ends it.
  void oneInkIsOneColourOnAnyPaper() {
    for (const Colour paper : {Colour{255, 255, 255}, Colour{0xe8, 0xd9, 0xb8}, Colour{0x9a, 0xb0, 0xc4}}) {
      Plan p = lineArt();
      p.card.paper.colour = paper;
      const AnalysisRef a = looked(p);
      const Finding* f = find(*a, FindingKind::OneColour);
      QVERIFY(f && f->level == Level::Note);
      p.impressions[0].ink = p.inks.back().id;
      QVERIFY(!find(*looked(p), FindingKind::OneColour));
    }
  }
};

HAVLO_TEST(TstStyles)
#include "tst_styles.moc"
