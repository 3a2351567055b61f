// Shares, the first looks, rivals with why, lines, balance, the views.
#include <QTest>
#include <cmath>
#include <numeric>

#include "core/chain/chain.h"
#include "core/chain/tried_mends.h"
#include "core/edit/edits.h"
#include "core/focus/looks.h"
#include "support/faulty_plans.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Canvas cardOf(const Plan& p) {
  const AnalysisRef a = analyse(p);
  const PressInput in = a->press(p, nullptr);
  PressTiles tiles(in, lookGrid(p.card.panel.box()));
  return intendedCard(in, tiles);
}

}  // namespace

class TstLooks : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void sharesAddUp() {
    for (const char* name : {"canal-towpath", "misty-fen", "potting-shed"}) {
      const Plan p = demo(name);
      const LooksRef l = lookAtPlan(p);
      const double sum = std::accumulate(l->shares.begin(), l->shares.end(), l->elsewhere);
      QVERIFY(std::fabs(sum - 1) < 1e-6);
      QVERIFY(l->fits(p));
      // The rank is the place among the shares.
      int before = 0;
      for (double s : l->shares) before += s > l->heroShare();
      QCOMPARE(l->heroRank, before + 1);
      double last = 2;
      for (int i : l->ranking) {
        QVERIFY(l->shares[ix(i)] <= last);
        last = l->shares[ix(i)];
      }
    }
  }

  /// What was seen names things, paths and papers by number: with other ones it is of no use.
  void looksFitNothingButTheirOwnThings() {
    Plan p = demo("canal-towpath");
    for (const char* id : {"path", "canal"}) {
      GroundMark mark;
      mark.id = id, mark.along = {{40, 0}, {80, 40}};
      p.ground.push_back(mark);
      Piece piece;
      piece.id = id;
      p.pieces.push_back(piece);
    }
    const LooksRef l = lookAtPlan(p);
    QVERIFY(l->fits(p));
    for (const auto change : std::initializer_list<void (*)(Plan&)>{
             [](Plan& q) { q.impressions.pop_back(); }, [](Plan& q) { q.ground.pop_back(); },
             [](Plan& q) { std::swap(q.ground[0], q.ground[1]); }, [](Plan& q) { q.pieces.pop_back(); },
             [](Plan& q) { std::swap(q.impressions[0], q.impressions[1]); }}) {
      Plan other = p;
      change(other);
      QVERIFY(!l->fits(other));
    }
    p.ground[0].along[0].x += 5, p.impressions[0].at.x += 1;
    QVERIFY(l->fits(p));
  }

  void theOddPostOfARowIsSeenFirst() {
    Plan p = soundCard();
    p.impressions.clear();
    for (int k = 0; k < 15; ++k) {
      Impression& i =
          put(p, "p" + std::to_string(k), "post", {15.0 + 24 * (k % 5), 30.0 + 45 * (k / 5)}, 10 + k);
      i.ink = k == 7 ? "red" : "grey";
    }
    const LooksRef l = lookAtPlan(p);
    QCOMPARE(l->ranking[0], 7);
    QCOMPARE(l->path[0].thing, 7);
    QVERIFY(l->shares[7] > 3 * l->shares[8]);
  }

  void looksGoFromStrongToWeakAndDoNotComeBack() {
    const LooksRef l = lookAtPlan(soundCard());
    QVERIFY(l->path.size() >= 2);
    QCOMPARE(l->path[0].pull, 1.0);
    for (size_t k = 1; k < l->path.size(); ++k) QVERIFY(l->path[k].pull <= l->path[k - 1].pull + 1e-9);
    // Two marks of equal strength: the second look falls on the other one.
    Field pull(200, 150);
    pull.at(40, 60) = pull.at(160, 60) = 1;
    Grid g;
    g.width = 200, g.height = 150, g.panelWidth_mm = 200, g.panelHeight_mm = 150;
    const auto path = firstLooks(pull, g, 2);
    QCOMPARE(path.size(), size_t{2});
    QVERIFY(std::fabs(std::fabs(path[0].at.x - path[1].at.x) - 120) < 5);
    QVERIFY(firstLooks(Field(20, 20), g, 3).empty());
    // What was looked at is done with, and nothing else: three marks, whichever is the strongest, one after
    // the other.
    const int xs[] = {30, 100, 170};
    for (int strongest = 0; strongest < 3; ++strongest) {
      Field three(200, 150);
      for (int k = 0; k < 3; ++k)
        three.at(xs[k], 70) = 1 - 0.2f * static_cast<float>((k - strongest + 3) % 3);
      const auto looks = firstLooks(three, g, 3);
      QCOMPARE(looks.size(), size_t{3});
      for (int k = 0; k < 3; ++k)
        QVERIFY2(std::fabs(looks[ix(k)].at.x - xs[(strongest + k) % 3]) < 3,
                 qPrintable(QString::number(looks[ix(k)].at.x)));
    }
  }

  void aRivalIsNamedWithWhy() {
    Plan p = soundCard();
    p.impressions[0].ink = "grey";
    Stamp barn = slab("barn", 40, 50);
    barn.role = Role::Building;
    addStamp(p, barn);
    put(p, "barn", "barn", {98, 20}, 5).ink = "black";
    const LooksRef l = lookAtPlan(p);
    QVERIFY(!l->rivals.empty());
    const Rival& r = l->rivals.front();
    QCOMPARE(p.impressions[ix(r.thing)].id, std::string("barn"));
    QVERIFY(!r.why.empty() && r.why.size() <= 3);
    const auto says = [&](RivalWhy w) { return std::find(r.why.begin(), r.why.end(), w) != r.why.end(); };
    QVERIFY(says(RivalWhy::Size) && says(RivalWhy::Contrast));
  }

  void whatALoudInkDoesIsForetoldAndComesTrue() {
    Plan p = soundCard();
    p.impressions[0].ink = "blue";  // a quiet hero
    const AnalysisRef plain = analyse(p);
    const AnalysisRef a = withLooks(p, plain, lookAt(p, *plain, nullptr));
    Fix fix;
    fix.what = Fix::What::Press, fix.impression = 0, fix.ink = "black", fix.generation = 1;
    Analysis loud = *a;
    loud.findings = {{FindingKind::Rival, Level::Warn, {1}, 0.3, fix}};
    const auto mend = tryMend(p, loud, 0, fix, nullptr);
    QVERIFY(mend && mend->ends && mend->helps());
    QVERIFY(mend->told.share > a->looks->heroShare());
    const Plan after = applied(p, fix).value();
    QVERIFY(std::fabs(lookAtPlan(after)->heroShare() - mend->told.share) < 1e-9);
    QCOMPARE(lookAtPlan(after)->heroRank, mend->told.rank);
    // A fix that cannot be carried out does nothing.
    fix.ink = "none";
    QVERIFY(!tryMend(p, loud, 0, fix, nullptr));
  }

  void linesLeadToOrPastTheHero() {
    Plan p = soundCard();
    Stamp bird = slab("bird", 8, 6);
    bird.role = Role::Animal, bird.facing = Facing::Left;
    addStamp(p, bird);
    put(p, "bird", "bird", {100, 70}, 8);   // looks left at the hero's height
    put(p, "high", "bird", {100, 160}, 8);  // looks over it
    GroundMark path;
    path.id = "path", path.along = {{52, 0}, {63, 96}}, path.width_m = 1;
    p.ground = {path};
    const LooksRef l = lookAtPlan(p);
    QCOMPARE(l->lines.size(), size_t{3});
    QVERIFY(l->lines[0].leads && !l->lines[1].leads && l->lines[2].leads);
    QVERIFY(l->lines[0].misses_mm < 1e-9);
    QVERIFY(std::fabs(l->lines[1].misses_mm - (160 + 0.85 * 6 - 80)) < 0.5);
    for (const EyeLine& e : l->lines) QVERIFY(p.card.panel.box().grown(0.01).contains(e.to));
  }

  void theWeightLiesWhereTheInkIs() {
    Plan p = soundCard();
    p.impressions.resize(1);
    const Box b = boxOf(analyse(p)->meetings.placed[0]->silhouette);
    const LooksRef l = lookAtPlan(p);
    QVERIFY(std::hypot(l->weight.x - b.centre().x, l->weight.y - b.centre().y) < 1);
    p.impressions.clear();
    QVERIFY(std::fabs(lookAtPlan(p)->weight.x - 63.5) < 1e-9);
  }

  void halfClosedEyesKeepTheLightAndLoseTheDetail() {
    const Canvas card = cardOf(soundCard()), soft = squinted(card, 3);
    const auto mean = [](const Canvas& c) {
      double sum = 0;
      for (int y = 0; y < c.grid().height; ++y)
        for (int x = 0; x < c.grid().width; ++x) sum += static_cast<double>(c.at(x, y)[1]);
      return sum / (c.grid().width * c.grid().height);
    };
    QVERIFY(std::fabs(mean(card) - mean(soft)) < 0.01);
    double step = 0, softStep = 0;
    for (int y = 0; y < card.grid().height; ++y)
      for (int x = 1; x < card.grid().width; ++x) {
        step = std::max(step, static_cast<double>(std::fabs(card.at(x, y)[1] - card.at(x - 1, y)[1])));
        softStep =
            std::max(softStep, static_cast<double>(std::fabs(soft.at(x, y)[1] - soft.at(x - 1, y)[1])));
      }
    QVERIFY(softStep < 0.4 * step);
  }

  void greysAreEvenStepsOfLightness() {
    for (int greys : {2, 4, 7}) {
      const Canvas v = inValues(cardOf(soundCard()), greys);
      for (int y = 0; y < v.grid().height; ++y)
        for (int x = 0; x < v.grid().width; ++x) {
          const LinearRgb c = v.at(x, y);
          QVERIFY(c[0] == c[1] && c[1] == c[2]);
          const double place = labOf(c).L / 100 * (greys - 1);
          QVERIFY(std::fabs(place - std::round(place)) < 0.01);
        }
    }
  }

  void absurdPlansAreLookedAtToo() {
    Plan none = emptyPlan();
    QVERIFY(lookAtPlan(none)->path.empty());
    QCOMPARE(lookAtPlan(none)->heroRank, 0);
    Plan far = soundCard();
    for (Impression& i : far.impressions) i.at = {-5000, 9000};
    const LooksRef l = lookAtPlan(far);
    for (double s : l->shares) QVERIFY(std::isfinite(s));
    Plan same = soundCard();
    for (Ink& i : same.inks) i.colour = same.card.paper.colour;
    QVERIFY(std::isfinite(lookAtPlan(same)->heroShare()));
    Plan sliver = soundCard();
    sliver.card.panel.width_mm = 5, sliver.card.panel.height_mm = 2000;
    QVERIFY(std::isfinite(lookAtPlan(sliver)->elsewhere));
  }

  // Two alike, one each side of the middle: their order in the plan makes no difference.
  void theFirstOfTheListIsATrueEqual() {
    Plan p = emptyPlan();
    Stamp figure = slab("figure", 12, 20);
    figure.role = Role::Figure;
    addStamp(p, figure);
    put(p, "left", "figure", {33.5, 80}, 3);
    put(p, "right", "figure", {93.5, 80}, 3);
    const LooksRef l = lookAtPlan(p);
    QVERIFY2(std::fabs(l->shares[0] - l->shares[1]) <
                 0.2 * l->shares[0],  // pixels fall a little differently; a role draws half as much again
             qPrintable(QStringLiteral("%1 %2").arg(l->shares[0]).arg(l->shares[1])));
  }

  // Grey behind a black post stands out from the paper, not from the post that hides part of it; before the
  // post it stands out from that.
  void whatStandsBeforeAThingIsNotItsGround() {
    Plan p = emptyPlan();
    Ink grey = p.inks[0];
    grey.id = "grey", grey.colour = {90, 92, 96}, grey.opacity = 1;
    p.inks.push_back(grey);
    addStamp(p, slab("house", 30, 40)), addStamp(p, slab("post", 30, 60));
    put(p, "house", "house", {60, 40}, 8).ink = "grey";
    put(p, "post", "post", {80, 40}, 3);
    const double behind = lookAtPlan(p)->standouts[0].difference;
    p.impressions.pop_back();
    const double alone = lookAtPlan(p)->standouts[0].difference;
    QVERIFY2(std::fabs(behind - alone) < 1, qPrintable(QStringLiteral("%1 %2").arg(behind).arg(alone)));
    put(p, "post", "post", {80, 40}, 30);
    QVERIFY(lookAtPlan(p)->standouts[0].difference < alone - 5);
  }

  // Two alike on an empty card: they have the pull between them, about the same, and not the room around
  // them.
  void twoAlikeShareThePull() {
    Plan p = emptyPlan();
    addStamp(p, slab("heron", 12, 28));
    put(p, "one", "heron", {40, 20}, 3), put(p, "two", "heron", {80, 20}, 3);
    const LooksRef l = lookAtPlan(p);
    QVERIFY2(l->shares[0] + l->shares[1] > 0.7, qPrintable(QString::number(l->shares[0] + l->shares[1])));
    QVERIFY(!l->clearlyFirst());
    QVERIFY(l->path.size() >= 2 && l->path[0].thing >= 0 && l->path[1].thing >= 0);
  }

  // A red square on a large sheet of the card's own paper: what pulls outside the things is the square's, as
  // it lies on top, and little round it the sheet's.
  void thePullOfPapersIsThatOfTheUppermost() {
    Plan p = emptyPlan();
    addStamp(p, slab("heron", 8, 14));
    put(p, "hero", "heron", {15, 12}, 3).hero = true;
    Piece sheet;
    sheet.id = "sheet", sheet.kind = PieceKind::Plain, sheet.paper.colour = p.card.paper.colour;
    sheet.width_mm = 60, sheet.height_mm = 50, sheet.at = {50, 30};
    Piece square = sheet;
    square.id = "square", square.on = "sheet", square.paper.colour = {200, 30, 30};
    square.width_mm = square.height_mm = 14, square.at = {75, 50};
    p.pieces = {sheet, square};
    const LooksRef l = lookAtPlan(p);
    const std::string told = std::to_string(l->byPiece[0]) + ' ' + std::to_string(l->byPiece[1]) + ' ' +
                             std::to_string(l->elsewhere);
    QVERIFY2(l->byPiece[1] > 0.2 && l->byPiece[1] > 3 * l->byPiece[0], told.c_str());
    const double both = l->byPiece[0] + l->byPiece[1];
    QVERIFY2(both <= l->elsewhere + 1e-9 && both > 0.8 * l->elsewhere, told.c_str());
  }

  // What a thing draws on the piece it is printed on is the thing's, not the paper's.
  void aThingOnAPieceKeepsItsPull() {
    Plan p = emptyPlan();
    Stamp s = slab("heron", 20, 30);
    s.solid = true;
    addStamp(p, s);
    Piece sheet;
    sheet.id = "sheet", sheet.kind = PieceKind::Plain, sheet.paper.colour = p.card.paper.colour;
    sheet.width_mm = 60, sheet.height_mm = 60, sheet.at = {30, 15};
    p.pieces = {sheet};
    Impression& hero = put(p, "hero", "heron", {60, 25}, 3);
    hero.hero = true, hero.school = School::PopUp, hero.piece = "sheet";
    const LooksRef l = lookAtPlan(p);
    QVERIFY(l->shares[0] > 0.6);
    QVERIFY2(l->byPiece[0] <= l->elsewhere + 1e-9, std::to_string(l->byPiece[0]).c_str());
  }

  // What the looks see is CIE Lab: against the conversion that is held to lcms2 (core/colour/ciede2000).
  void cardsAreSeenInLab() {
    Grid g;
    g.width = 64, g.height = 64, g.panelWidth_mm = 64, g.panelHeight_mm = 64;
    Canvas card(g, {255, 255, 255});
    const auto byte = [](int v) { return static_cast<uint8_t>(v); };
    const auto colourAt = [&](int x, int y) {
      return Colour{byte(17 * (x % 16)), byte(17 * (y % 16)), byte(85 * (x / 16) / 2 + 42 * (y / 16))};
    };
    for (int y = 0; y < 64; ++y)
      for (int x = 0; x < 64; ++x) card.set(x, y, linearOf(colourAt(x, y)));
    const LabPicture seen = labPictureOf(card);
    for (int y = 0; y < 64; ++y)
      for (int x = 0; x < 64; ++x) {
        const Lab lab = labOf(colourAt(x, y));
        QVERIFY2(std::fabs(seen.L.at(x, y) - lab.L) < 0.05 && std::fabs(seen.a.at(x, y) - lab.a) < 0.5 &&
                     std::fabs(seen.b.at(x, y) - lab.b) < 0.5,
                 qPrintable(QStringLiteral("%1 %2: %3 %4 %5, not %6 %7 %8")
                                .arg(x)
                                .arg(y)
                                .arg(seen.L.at(x, y))
                                .arg(seen.a.at(x, y))
                                .arg(seen.b.at(x, y))
                                .arg(lab.L)
                                .arg(lab.a)
                                .arg(lab.b)));
      }
  }

  // On a card of greys nothing is a rival by its colour.
  void greysHaveNoColour() {
    Plan p = emptyPlan();
    p.card.paper.colour = {255, 255, 255};
    Stamp s = slab("s", 20, 20);
    s.solid = true;
    addStamp(p, s);
    put(p, "hero", "s", {40, 60}, 3).hero = true;
    put(p, "rival", "s", {90, 60}, 3).ink = "blue";
    for (Ink& ink : p.inks)
      ink.colour = ink.id == "blue" ? Colour{60, 60, 60} : Colour{190, 190, 190}, ink.opacity = 1;
    const LooksRef l = lookAtPlan(p);
    for (float v : l->saliency.colour.v) QVERIFY2(v < 0.02f, std::to_string(v).c_str());
    QVERIFY(!l->rivals.empty());
    for (const Rival& r : l->rivals)
      for (RivalWhy why : r.why) QVERIFY(why != RivalWhy::Colour);
    QVERIFY(std::find(l->rivals[0].why.begin(), l->rivals[0].why.end(), RivalWhy::Contrast) !=
            l->rivals[0].why.end());
  }
};

HAVLO_TEST(TstLooks)
#include "tst_looks.moc"
