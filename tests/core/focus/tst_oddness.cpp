// Cards with one plainly odd thing: it is seen first, whether it has more of something than the others or
// less, and the first look and the shares tell the same. Arrays of the kind used for visual search (Treisman
// & Gelade 1980, Treisman & Gormican 1988; from memory). Where nothing is odd, something is looked at all the
// same and nothing is called clearly first.
#include <QTest>
#include <array>
#include <cmath>
#include <random>

#include "core/chain/chain.h"
#include "core/focus/looks.h"
#include "core/focus/oddness.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct Kind {
  const char* name;
  Colour paper, usual, odd;
  const char *usualStamp = "bar", *oddStamp = "bar";
  double turn = 0;  // of the odd one
};

constexpr Colour kWhite{0xfd, 0xfc, 0xf7}, kGrey{0x90, 0x90, 0x90}, kNight{0x2a, 0x2e, 0x38};
constexpr Colour kBlack{0x20, 0x22, 0x24}, kSnow{0xfb, 0xfa, 0xf6}, kRed{0xc4, 0x30, 0x2c},
    kBlue{0x2f, 0x5f, 0xb4};
constexpr Colour kGreen{0x3a, 0x8f, 0x4c}, kPink{0xe3, 0x9a, 0x98}, kOrange{0xd9, 0x7a, 0x28},
    kPale{0xc6, 0xc8, 0xca};
constexpr Colour kAsh{0x80, 0x80, 0x80}, kTeal{0x2a, 0x8a, 0x8c};

const Kind kKinds[] = {
    {"red among blue", kWhite, kBlue, kRed},
    {"blue among red", kWhite, kRed, kBlue},
    {"green among red", kWhite, kRed, kGreen},
    {"orange among red", kWhite, kRed, kOrange},
    {"red among orange", kWhite, kOrange, kRed},
    {"teal among green", kWhite, kGreen, kTeal},
    {"pale among black", kWhite, kBlack, kPale},
    {"black among pale", kWhite, kPale, kBlack},
    {"pink among red", kWhite, kRed, kPink},
    {"red among pink", kWhite, kPink, kRed},
    {"grey among red", kWhite, kRed, kAsh},
    {"red among grey", kWhite, kAsh, kRed},
    {"white among black on grey", kGrey, kBlack, kSnow},
    {"black among white on grey", kGrey, kSnow, kBlack},
    {"white among pale on night", kNight, kPale, kSnow},
    {"ash among white on night", kNight, kSnow, kAsh},
    {"hollow among filled", kWhite, kBlack, kBlack, "block", "frame"},
    {"filled among hollow", kWhite, kBlack, kBlack, "frame", "block"},
    {"hollow among filled in red", kWhite, kRed, kRed, "block", "frame"},
    {"large among small", kWhite, kBlack, kBlack, "block", "large"},
    {"small among large", kWhite, kBlack, kBlack, "large", "block"},
    {"lying among upright", kWhite, kBlack, kBlack, "bar", "bar", 90},
    {"leaning among upright", kWhite, kBlack, kBlack, "bar", "bar", 40},
    {"long among square", kWhite, kBlue, kBlue, "block", "bar"},
};

Plan cardOf(const Kind& kind, int side, int odd, unsigned seed) {
  Plan p = emptyPlan();
  p.card.panel.width_mm = 140, p.card.panel.height_mm = 140;
  p.card.paper.colour = kind.paper;
  p.view.reset();
  Ink usual = p.inks[0];
  usual.id = "usual", usual.colour = kind.usual, usual.opacity = 1;
  Ink other = usual;
  other.id = "odd", other.colour = kind.odd;
  p.inks = {usual, other};
  addStamp(p, slab("bar", 4, 14)), addStamp(p, slab("block", 9, 9)), addStamp(p, slab("large", 15, 15));
  Stamp frame = slab("frame", 9, 9);
  Ring hole = rectangle({1.2, 1.2, 7.8, 7.8}).front();
  std::reverse(hole.begin(), hole.end());
  frame.silhouette.push_back(hole);
  addStamp(p, frame);
  std::mt19937 random(seed);
  const double step = 140.0 / side;
  for (int k = 0; k < side * side; ++k) {
    const auto jitter = [&] { return static_cast<double>(random() % 200) / 100 - 1; };
    const bool is = k == odd;
    const Stamp& s = *p.stamp(is ? kind.oddStamp : kind.usualStamp);
    const Point middle{(k % side + 0.5) * step + jitter(), (k / side + 0.5) * step + jitter()};
    Impression& i = put(p, "t" + std::to_string(k), s.id, {middle.x, middle.y - s.height_mm / 2}, 3);
    i.ink = is ? "odd" : "usual", i.depth = AtMetres{3};
    if (!is || kind.turn == 0) continue;
    i.turn_deg = kind.turn;
    // About its middle, not its foot.
    const double a = kind.turn * 3.14159265358979 / 180, r = s.height_mm / 2;
    i.at = {middle.x + r * std::sin(a), middle.y - r * std::cos(a)};
  }
  return p;
}

}  // namespace

class TstOddness : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // Goal: 97 of 100.
  void theOddThingIsSeenFirst() {
    int right = 0, all = 0, story = 0;
    QStringList wrong;
    for (const Kind& kind : kKinds)
      for (int side : {3, 4, 5})
        for (const int where : {side == 4 ? side * side - 2 : side + 1}) {
          const LooksRef l = lookAtPlan(cardOf(kind, side, where, static_cast<unsigned>(side * 100 + where)));
          ++all;
          const bool first = l->ranking[0] == where && l->clearlyFirst();
          right += first;
          story += !l->path.empty() && l->path[0].thing == l->ranking[0];
          if (!first)
            wrong << QStringLiteral("%1, %2 by %2 at %3: %4 %5, odd %6")
                         .arg(QLatin1String(kind.name))
                         .arg(side)
                         .arg(where)
                         .arg(l->ranking[0])
                         .arg(l->shares[ix(l->ranking[0])])
                         .arg(l->shares[ix(where)]);
        }
    QVERIFY2(right >= 0.97 * all,
             qPrintable(QStringLiteral("%1 of %2\n").arg(right).arg(all) + wrong.join('\n')));
    QVERIFY2(story == all, qPrintable(QString::number(story)));
    qInfo("%d of %d seen first", right, all);
  }

  // A thing with more of something is found more easily among those with less than the other way round
  // (Treisman & Gormican 1988, from memory).
  void moreStandsOutMoreThanLess() {
    const auto share = [](const char* name) {
      const Kind* kind = std::find_if(std::begin(kKinds), std::end(kKinds),
                                      [&](const Kind& k) { return std::string(k.name) == name; });
      return lookAtPlan(cardOf(*kind, 5, 12, 3))->shares[12];
    };
    QVERIFY(share("black among pale") > share("pale among black"));
    QVERIFY(share("red among pink") > share("pink among red"));
    QVERIFY(share("large among small") > share("small among large"));
    QVERIFY(share("filled among hollow") > share("hollow among filled"));
  }

  void amongThingsAlikeNothingIsClearlyFirst() {
    for (const Kind& kind : kKinds)
      for (int side : {3, 5}) {
        Kind alike = kind;
        alike.odd = alike.usual, alike.oddStamp = alike.usualStamp, alike.turn = 0;
        Plan p = cardOf(alike, side, 0, 7);
        const LooksRef l = lookAtPlan(p);
        QVERIFY2(!l->clearlyFirst(), kind.name);
        QVERIFY2(l->shares[ix(l->ranking[0])] > 0.02 && !l->path.empty(), kind.name);
        // A thing moved by half a millimetre changes nothing of that.
        p.impressions[ix(side)].at.x += 0.5;
        QVERIFY2(!lookAtPlan(p)->clearlyFirst(), kind.name);
      }
  }

  void theOddOneStaysFirstWhenThingsMoveALittle() {
    for (const Kind& kind : kKinds) {
      Plan p = cardOf(kind, 4, 6, 1);
      std::mt19937 random(1);
      for (Impression& i : p.impressions)
        i.at = i.at + Point{static_cast<double>(random() % 100) / 100 - 0.5,
                            static_cast<double>(random() % 100) / 100 - 0.5};
      QVERIFY2(lookAtPlan(p)->ranking[0] == 6, kind.name);
    }
  }

  // Worked by hand: five others at L* 48, 49, 50, 51 and 52 have mean 50 and variance 2; with the least
  // spread of 6 a thing at 65 lies 15 / sqrt(2 + 36) = 2.433 spreads off, one at 90 is odd at sight.
  void theDistanceIsInSpreads() {
    const auto at = [](double L) {
      ThingLook t;
      t.pixels = 100, t.colour = {L, 0, 0};
      return t;
    };
    const auto odd = [&](double L) {
      return oddnessOf({at(48), at(49), at(50), at(51), at(52), at(L)}, {1, 1, 1, 1, 1, 1})[5];
    };
    QCOMPARE(odd(50), 0.0);
    QCOMPARE(odd(90), 1.0);
    QVERIFY(std::fabs(odd(65) - (15 / std::sqrt(38.0) - 2.2) / (4.5 - 2.2)) < 1e-9);
    // Too few to have a common look; backdrops are not compared; things unlike one another have none.
    QCOMPARE(oddnessOf({at(40), at(40), at(40), at(40), at(100)}, {1, 1, 1, 1, 1})[4], 0.0);
    QCOMPARE(oddnessOf({at(40), at(40), at(40), at(40), at(40), at(100)}, {1, 1, 1, 1, 1, 0})[5], 0.0);
    std::vector<ThingLook> all;
    for (int k = 0; k < 8; ++k) {
      ThingLook t = at(10 + 11 * k);
      t.texture = 15 * (k % 3), t.size = 1 + 0.5 * (k % 4), t.lying = 0.8 * (k % 2), t.filled = 0.3 * (k % 4);
      all.push_back(t);
    }
    all[7].colour.a = 90;
    for (double o : oddnessOf(all, std::vector<char>(8, 1))) QCOMPARE(o, 0.0);
  }
};

HAVLO_TEST(TstOddness)
#include "tst_oddness.moc"
