// Faults of the eye, the greeting, the inks and the background, each in a small scene that is sound without
// it.
#include <functional>

#include "support/faulty_plans.h"
#include "support/plans.h"

namespace havlo::testing {
namespace {

Ink ink(const char* id, InkKind kind, Colour colour, double opacity = 0, double onCard_s = 60,
        double onMask_s = 240) {
  Ink i;
  i.id = id, i.name = id, i.kind = kind, i.colour = colour, i.opacity = opacity;
  i.dryOnCard_s = onCard_s, i.dryOnMask_s = onMask_s;
  return i;
}

Stamp thing(const char* id, Role role, double width, double height) {
  Stamp s = slab(id, width, height);
  s.name = id, s.role = role;
  return s;
}

Impression& on(Plan& p, const char* id, const char* stamp, const char* of, Point at, double metres) {
  Impression& i = put(p, id, stamp, at, metres);
  i.ink = of;
  return i;
}

Wash wash(const char* id, const char* of, const Box& box, WashFrom from, double strength = 0.6) {
  Wash w;
  w.id = id, w.ink = of, w.area = rectangle(box), w.from = from, w.strength = strength;
  return w;
}

Impression& thingOf(Plan& p, const char* id) { return p.impressions[ix(p.indexOf(id))]; }

}  // namespace

Plan soundCard() {
  Plan p = emptyPlan();
  p.view->horizon_mm = 178;  // seen from above: everything has ground under it
  p.inks = {ink("black", InkKind::Archival, {0x20, 0x24, 0x2a}),
            ink("grey", InkKind::Hybrid, {0xb4, 0xb9, 0xbd}),
            ink("blue", InkKind::Dye, {0x8f, 0xb4, 0xd8}),
            ink("red", InkKind::Dye, {0xc0, 0x30, 0x28}),
            ink("green", InkKind::Dye, {0x30, 0x98, 0x48}),
            ink("white", InkKind::Pigment, {0xfb, 0xfb, 0xf8}, 0.95)};
  addStamp(p, thing("figure", Role::Figure, 14, 34));
  addStamp(p, thing("tree", Role::Tree, 9, 30));
  addStamp(p, thing("post", Role::Prop, 5, 16));
  addStamp(p, thing("words", Role::Greeting, 44, 9));
  on(p, "hero", "figure", "black", {52, 46}, 6).hero = true;
  on(p, "tree", "tree", "grey", {92, 66}, 20);
  on(p, "post", "post", "grey", {24, 60}, 15);
  on(p, "words", "words", "black", {63, 150}, 1);
  return p;
}

std::vector<FaultyPlan> faultyCards() {
  std::vector<FaultyPlan> out;
  const auto fault = [&](const char* name, FindingKind kind, const std::function<void(Plan&)>& spoil,
                         bool mendable = true) {
    Plan p = soundCard();
    spoil(p);
    out.push_back({name, kind, std::move(p), mendable});
  };
  // The hero.
  fault("nobody is the hero", FindingKind::NoHero, [](Plan& p) { thingOf(p, "hero").hero = false; });
  fault("two heroes", FindingKind::SeveralHeroes, [](Plan& p) {
    thingOf(p, "tree").hero = true;
    thingOf(p, "tree").ink = "black";
  });
  fault("a hero behind a nearer fence", FindingKind::HeroHidden, [](Plan& p) {
    addStamp(p, thing("fence", Role::Prop, 40, 18));
    on(p, "fence", "fence", "grey", {52, 44}, 3);
  });
  fault("a hero half behind something farther", FindingKind::HeroHidden, [](Plan& p) {
    addStamp(p, thing("bush", Role::Plant, 12, 30));
    on(p, "bush", "bush", "grey", {50, 48}, 9).inFrontOf = {"hero"};
  });
  fault(
      "a hero behind a strip that is glued over it", FindingKind::HeroHidden,
      [](Plan& p) {
        const Point foot = thingOf(p, "hero").at;
        Piece strip;
        strip.id = "strip", strip.width_mm = 60, strip.height_mm = 12, strip.at = {foot.x - 30, foot.y + 2};
        strip.paper.colour = {0xf0, 0xea, 0xd8};
        p.pieces.push_back(strip);
      },
      false);
  fault(
      "a loud strip that is seen before the hero", FindingKind::Rival,
      [](Plan& p) {
        Piece strip;
        strip.id = "strip", strip.width_mm = 130, strip.height_mm = 30, strip.at = {4, 2};
        strip.paper.colour = {0xd0, 0x10, 0x60};
        p.pieces.push_back(strip);
      },
      false);
  fault("a hero cut by the edge", FindingKind::HeroHidden, [](Plan& p) { thingOf(p, "hero").at.x = 1; });
  fault("a hero off the panel", FindingKind::OffPanel, [](Plan& p) { thingOf(p, "hero").at = {-40, 46}; });
  fault(
      "a hero wholly hidden", FindingKind::WhollyHidden,
      [](Plan& p) {
        addStamp(p, thing("barn", Role::Building, 30, 60));
        on(p, "barn", "barn", "grey", {52, 36}, 3);
      },
      false);
  fault(
      "a loud thing beside a quiet hero", FindingKind::Rival,
      [](Plan& p) {
        thingOf(p, "hero").ink = "blue";
        addStamp(p, thing("barn", Role::Building, 30, 34));
        on(p, "barn", "barn", "red", {96, 30}, 7);
        thingOf(p, "tree").at = {30, 84};
      },
      false);
  fault("a hero as pale as the paper", FindingKind::Sunk, [](Plan& p) { thingOf(p, "hero").ink = "white"; });
  fault(
      "everything in one pale ink", FindingKind::OneColour,
      [](Plan& p) {
        for (Impression& i : p.impressions) i.ink = "white";
      },
      false);
  // What is done by hand.
  const auto lines = [](Plan& p) {  // figure and tree as outlines that can be coloured
    for (StampRef& s : p.stamps) {
      Stamp drawn = *s;
      drawn.solid = s->role == Role::Greeting;
      s = std::make_shared<const Stamp>(drawn);
    }
  };
  const auto coloured = [](Plan& p, const char* of, const char* ink, double strength) -> Colouring& {
    Colouring c;
    c.id = std::string("c-") + of, c.impression = of, c.ink = ink, c.strength = strength;
    return p.colourings.emplace_back(c);
  };
  fault("a colouring in an ink that is gone", FindingKind::HandworkGone, [&](Plan& p) {
    lines(p);
    coloured(p, "hero", "red", 0.8), coloured(p, "tree", "vermilion", 0.4);
  });
  fault("letters longer than their line", FindingKind::LetteringRoom, [](Plan& p) {
    HandLine l;
    l.id = "l", l.ink = "black", l.kind = LineKind::Lettering, l.text = "Wish you were here";
    l.along = {{20, 130}, {50, 130}};
    p.lines = {l};
  });
  fault(
      "a white hero among coloured things", FindingKind::HeroUncoloured,
      [&](Plan& p) {
        lines(p);
        coloured(p, "tree", "grey", 0.3), coloured(p, "post", "grey", 0.3);
      },
      false);
  fault("a far tree more colourful than the hero", FindingKind::ColourJumpsOut, [&](Plan& p) {
    lines(p);
    coloured(p, "hero", "blue", 0.9), coloured(p, "tree", "green", 0.8);
  });
  fault("shade on the side of the light", FindingKind::ShadeOnLitSide, [&](Plan& p) {
    lines(p);
    p.light = Light{};
    p.light->direction_deg = 180, p.light->height_deg = 40;
    coloured(p, "hero", "red", 0.9).shade = Shade::TowardLight;
  });
  // The edges of things.
  fault("a tree that touches the hero's side", FindingKind::KissingEdges, [](Plan& p) {
    thingOf(p, "tree").at = {64, 60};
  });
  fault("a pole out of a head", FindingKind::Merging, [](Plan& p) {
    addStamp(p, thing("pole", Role::Prop, 3, 60));
    on(p, "pole", "pole", "grey", {52, 56}, 12);
  });
  fault("a figure that looks out", FindingKind::LookingOut, [](Plan& p) {
    Stamp s = thing("walker", Role::Figure, 14, 34);
    s.facing = Facing::Left;
    addStamp(p, s);
    thingOf(p, "hero").stamp = "walker";
    thingOf(p, "hero").at.x = 22;
    thingOf(p, "post").at.x = 60;
  });
  fault("two of one stamp side by side", FindingKind::Clones, [](Plan& p) {
    on(p, "post2", "post", "grey", {31, 60}, 15);
  });
  fault(
      "lines that all lead away", FindingKind::LinesLeadAway,
      [](Plan& p) {
        Stamp s = thing("bird", Role::Animal, 8, 5);
        s.facing = Facing::Right;
        addStamp(p, s);
        on(p, "bird1", "bird", "grey", {20, 118}, 30), on(p, "bird2", "bird", "grey", {34, 126}, 40);
        on(p, "bird3", "bird", "grey", {80, 120}, 50);
      },
      false);
  fault(
      "all the weight on one side", FindingKind::Unbalanced,
      [](Plan& p) {
        addStamp(p, thing("barn", Role::Building, 26, 44));
        on(p, "barn", "barn", "black", {110, 30}, 4);
        thingOf(p, "hero").at = {84, 40};
        thingOf(p, "tree").at = {110, 90};
        thingOf(p, "words").at.x = 90;
      },
      false);
  fault(
      "not a plain spot left", FindingKind::Crowded,
      [](Plan& p) {
        addStamp(p, thing("tuft", Role::Plant, 7, 7));
        int n = 0;
        for (double y = 4; y < 176; y += 11)
          for (double x = 6; x < 127; x += 11) {
            ++n;
            on(p, ("tuft" + std::to_string(n)).c_str(), "tuft", "grey", {x + (n / 10) % 3, y}, 30 + n);
          }
      },
      false);
  // The greeting.
  fault("a greeting that leans", FindingKind::GreetingOffLevel,
        [](Plan& p) { thingOf(p, "words").turn_deg = 3; });
  fault("a greeting at the edge", FindingKind::GreetingOverBorder,
        [](Plan& p) { thingOf(p, "words").at.x = 23.5; });
  fault("a greeting run off the edge", FindingKind::OffPanel, [](Plan& p) { thingOf(p, "words").at.x = 12; });
  fault("a greeting too pale to read", FindingKind::GreetingIllegible,
        [](Plan& p) { thingOf(p, "words").ink = "blue"; });
  fault("a greeting with a roof in it", FindingKind::GreetingCrowded, [](Plan& p) {
    addStamp(p, thing("tower", Role::Building, 8, 60));
    on(p, "tower", "tower", "grey", {78, 100}, 40).inFrontOf = {"words"};
  });
  // Inks.
  fault(
      "transparent ink on dark paper", FindingKind::DyeOnDark,
      [](Plan& p) {
        p.card.paper.colour = {0x28, 0x30, 0x36};
      },
      false);
  fault("pale ink printed over dark", FindingKind::LightOverDark, [](Plan& p) {
    addStamp(p, thing("hill", Role::Landform, 80, 40));
    on(p, "hill", "hill", "black", {92, 50}, 60);
    thingOf(p, "tree").school = School::Overprint;
  });
  fault("wishes that go round in a ring", FindingKind::WishImpossible, [](Plan& p) {
    const std::string a = "stamp:" + p.impressions[0].id, b = "stamp:" + p.impressions[1].id;
    p.making.sequence = {{a, b, {}}, {b, a, {}}};
  });
  fault("ink over a mist that lies over what is stamped after it", FindingKind::OrderImpossible, [](Plan& p) {
    p.inks.push_back(ink("milk", InkKind::Pigment, {0xe0, 0xe4, 0xe8}));
    p.inks.back().opacity = 0.6;
    addStamp(p, thing("barn", Role::Building, 60, 40)), addStamp(p, thing("stake", Role::Prop, 8, 50));
    on(p, "barn", "barn", "grey", {63, 70}, 60);
    on(p, "stake", "stake", "black", {80, 60}, 4);
    p.washes = {wash("mist", "milk", {0, 60, 127, 120}, WashFrom::Bottom)};
    p.washes[0].kind = WashKind::Mist, p.washes[0].depth = AtMetres{20}, p.washes[0].lets = {"stake"};
  });
  fault("white letters that a dark sky is kept off", FindingKind::WhiteUnder, [](Plan& p) {
    p.inks.push_back(ink("white", InkKind::Pigment, {0xfb, 0xfa, 0xf4}));
    p.inks.back().opacity = 0.9;
    thingOf(p, "words").ink = "white", thingOf(p, "words").school = School::Mask;
    p.washes = {wash("night", "black", {0, 60, 127, 178}, WashFrom::Top)};
  });
  fault(
      "a tree stamped over paste", FindingKind::UnevenGround,
      [](Plan& p) {
        p.washes = {wash("ridges", "white", {0, 0, 127, 178}, WashFrom::Top)};
        p.washes[0].way = WashWay::Paste, p.washes[0].lets = {"tree"};
      },
      false);
  fault("stamped across a rim where nothing is glued on", FindingKind::AcrossRim,
        [](Plan& p) { thingOf(p, "tree").school = School::Across; });
  fault(
      "a part with a corner in it", FindingKind::PartUntold,
      [](Plan& p) {
        const Stamp& s = *p.stamp(thingOf(p, "tree").stamp);
        thingOf(p, "tree").part = {{{0, 0}, {s.width_mm, 0}, {s.width_mm / 2, s.height_mm}}};
      },
      false);
  fault(
      "slow paint that comes last", FindingKind::TooLateToDry,
      [](Plan& p) {
        p.inks.push_back(ink("oil", InkKind::Paint, {0x20, 0x22, 0x26}));
        p.inks.back().dryOnCard_s = 7200;
        thingOf(p, "words").ink = "oil";
        p.making.copies = 12;
        for (const Impression& i : p.impressions)
          if (i.id != "words") p.making.sequence.push_back({"stamp:" + i.id, "stamp:words", {}});
      },
      false);
  fault("ink that runs under a wash", FindingKind::WaterNearDye, [](Plan& p) {
    p.inks.push_back(ink("run", InkKind::WaterReactive, {0x26, 0x2a, 0x30}));
    thingOf(p, "tree").ink = "run";
    p.washes = {wash("sky", "blue", {0, 60, 127, 178}, WashFrom::Top)};
    p.washes[0].lets = {"tree", "words"}, p.washes[0].way = WashWay::Brush;
  });
  fault("ink that says it moves under a dry tool", FindingKind::WaterNearDye, [](Plan& p) {
    p.inks.push_back(ink("loose", InkKind::Pigment, {0x26, 0x2a, 0x30}));
    p.inks.back().holds.blending = false;
    thingOf(p, "tree").ink = "loose";
    p.washes = {wash("sky", "blue", {0, 60, 127, 178}, WashFrom::Top)};
    p.washes[0].lets = {"tree", "words"};
  });
  fault("a wet wash over dye", FindingKind::WaterNearDye, [](Plan& p) {
    p.inks.push_back(ink("wet", InkKind::WaterReactive, {0x90, 0xb0, 0xd0}));
    p.inks.push_back(ink("ash", InkKind::Dye, {0xb0, 0xb6, 0xba}));
    thingOf(p, "tree").ink = "ash";
    p.washes = {wash("sky", "wet", {0, 60, 127, 178}, WashFrom::Top)};
    p.washes[0].lets = {"tree", "words"}, p.washes[0].way = WashWay::Brush;
  });
  fault("a marker over dye", FindingKind::MarkerOverBleeding, [](Plan& p) {
    p.inks.push_back(ink("marker", InkKind::Marker, {0xd0, 0xb0, 0x70}));
    p.inks.push_back(ink("ash", InkKind::Dye, {0xb0, 0xb6, 0xba}));
    thingOf(p, "tree").ink = "ash";
    p.washes = {wash("glow", "marker", {0, 60, 127, 120}, WashFrom::Bottom, 0.3)};
    p.washes[0].lets = {"tree"};
  });
  fault("a marker stamped over dye", FindingKind::MarkerOverBleeding, [](Plan& p) {
    p.inks.push_back(ink("marker", InkKind::Marker, {0x40, 0x30, 0x28}));
    p.inks.push_back(ink("ash", InkKind::Dye, {0xb0, 0xb6, 0xba}));
    addStamp(p, thing("leaf", Role::Plant, 5, 5));
    thingOf(p, "tree").ink = "ash";
    Impression& leaf = on(p, "leaf", "leaf", "marker", {92, 78}, 12);
    leaf.school = School::Overprint;
  });
  fault(
      "powder over damp ink", FindingKind::PowderOnDamp,
      [](Plan& p) {
        p.inks.push_back(ink("slow", InkKind::Pigment, {0x50, 0x58, 0x60}, 0.2, 1500, 300));
        addStamp(p, thing("lamp", Role::Prop, 6, 14));
        Impression& lamp = on(p, "lamp", "lamp", "black", {104, 62}, 25);
        lamp.school = School::Resist;
        thingOf(p, "tree").ink = "slow";
        p.making.order = {"hero", "tree", "lamp", "post", "words"};
      },
      false);
  fault("slow ink under a mask", FindingKind::SlowInkUnderMask, [](Plan& p) {
    p.inks.push_back(ink("slow", InkKind::Pigment, {0x22, 0x24, 0x2a}, 0.2, 900, 300));
    thingOf(p, "hero").ink = "slow";
    thingOf(p, "tree").at = {56, 64};
  });
  fault(
      "a mask that is still wet", FindingKind::WetMask,
      [](Plan& p) {
        p.inks.push_back(ink("damp", InkKind::Pigment, {0xb0, 0xb6, 0xba}, 0.2, 60, 1800));
        for (StampRef& s : p.stamps)  // a waist, so that no tape does
          if (s->id == "post") {
            Stamp waisted = *s;
            waisted.silhouette = {{{0, 0}, {5, 0}, {4, 8}, {5, 16}, {0, 16}, {1, 8}}};
            s = std::make_shared<const Stamp>(waisted);
          }
        addStamp(p, thing("hedge", Role::Plant, 34, 6));
        on(p, "hedge", "hedge", "damp", {24, 62}, 30), on(p, "hedge2", "hedge", "damp", {100, 60}, 31);
        on(p, "post2", "post", "grey", {99, 52}, 12);
        thingOf(p, "tree").at = {70, 100};
      },
      false);
  fault("a fern that no scissors follow", FindingKind::MaskFiddly, [](Plan& p) {
    Stamp fern = thing("fern", Role::Plant, 24, 24);
    Ring comb{{0, 0}};
    for (int k = 0; k < 12; ++k) {
      const double x = 2.0 * k;
      comb.push_back({x + 0.2, 0}), comb.push_back({x + 0.2, 24}), comb.push_back({x + 1.1, 24}),
          comb.push_back({x + 1.1, 0.4});
    }
    comb.push_back({24, 0.4}), comb.push_back({24, 0});
    comb.erase(comb.begin());
    fern.silhouette = {comb};
    addStamp(p, fern);
    on(p, "fern", "fern", "grey", {92, 58}, 10);
  });
  // The background.
  fault("a wash off the panel", FindingKind::WashWithoutArea, [](Plan& p) {
    p.washes = {wash("sky", "blue", {0, 200, 127, 240}, WashFrom::Top)};
  });
  fault("a wash that reaches nowhere", FindingKind::WashWithoutArea, [](Plan& p) {
    p.washes = {wash("sky", "blue", {0, 100, 127, 178}, WashFrom::Top)};
    p.washes[0].reach = 0;
  });
  fault("a wash without strength", FindingKind::WashWithoutArea, [](Plan& p) {
    p.washes = {wash("sky", "blue", {0, 100, 127, 178}, WashFrom::Top, 0)};
  });
  fault("two washes that make mud", FindingKind::MuddyBlend, [](Plan& p) {
    p.washes = {wash("low", "red", {0, 60, 127, 140}, WashFrom::Bottom, 1),
                wash("high", "green", {0, 60, 127, 140}, WashFrom::Top, 1)};
  });
  fault("a sharp line across the card that no tape makes", FindingKind::BorderNothingMakes, [](Plan& p) {
    p.washes = {wash("sky", "blue", {-5, 100, 132, 190}, WashFrom::Bottom)};
    p.washes[0].softness_mm = 0;
  });
  fault("a sharp patch that no frame makes", FindingKind::BorderNothingMakes, [](Plan& p) {
    p.washes = {wash("patch", "blue", {20, 120, 60, 160}, WashFrom::Left)};
    p.washes[0].softness_mm = 0;
  });
  // Older rules, so that the list is whole.
  fault("too tall for its place", FindingKind::OutOfScale, [](Plan& p) {
    Stamp s = thing("giant", Role::Figure, 12, 40);
    s.realHeight = RealHeight{1.6, 1.5, 1.7, {}};
    addStamp(p, s);
    on(p, "giant", "giant", "grey", {104, 88}, 1).depth = OnGround{};
    p.view->horizon_mm = 96;
    thingOf(p, "tree").at = {80, 60};
  });
  fault("a bench in mid-air", FindingKind::Floating, [](Plan& p) {
    addStamp(p, thing("bench", Role::Prop, 14, 6));
    p.view->horizon_mm = 96;
    on(p, "bench", "bench", "grey", {100, 120}, 1).depth = OnGround{};
  });
  fault(
      "each in front of the other", FindingKind::Cycle,
      [](Plan& p) {
        thingOf(p, "tree").at = {58, 60};
        thingOf(p, "tree").inFrontOf = {"hero"}, thingOf(p, "hero").inFrontOf = {"tree"};
      },
      false);
  return out;
}

}  // namespace havlo::testing
