// Many cards: the drying rack against a search minute by minute, the line against the run sheets it is made
// of, and what variations share.
#include <QTest>
#include <random>

#include "core/batch/line_of_work.h"
#include "core/chain/chain.h"
#include "core/pieces/face_plan.h"
#include "core/plan/plan_text.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// A house before a tree, words on top; two inks.
Plan scene() {
  Plan p = emptyPlan();
  addStamp(p, slab("house", 40, 50)), addStamp(p, slab("barn", 44, 40)), addStamp(p, slab("tree", 30, 70));
  addStamp(p, slab("word", 30, 6)), addStamp(p, slab("other", 26, 6));
  put(p, "house", "house", {50, 30}, 4);
  put(p, "tree", "tree", {75, 40}, 9).ink = "blue";
  Impression& word = put(p, "word", "word", {60, 10}, 1);
  word.school = School::Overprint;
  return p;
}

Swap swapOf(const char* of, const char* stamp) {
  Swap s;
  s.impression = of, s.stamp = stamp;
  return s;
}

/// The rack played through in steps of a thousandth: places are taken and freed, nothing is worked out.
Drying played(int cards, int each, int dry, int places) {
  Drying out;
  std::vector<int> until;
  int now = 0, begun = 0, busy = 0;
  bool inHand = false, waiting = false;
  std::vector<int> dryAt;
  while (static_cast<int>(dryAt.size()) < cards) {
    std::erase_if(until, [&](int t) { return t <= now; });
    if (!inHand && begun < cards) inHand = true, ++begun, busy = each;
    if (inHand && busy == 0) {
      if (places == 0 || static_cast<int>(until.size()) < places) {
        until.push_back(now + dry), dryAt.push_back(now + dry);
        out.most = std::max(out.most, static_cast<int>(until.size()));
        inHand = false, waiting = false;
        continue;
      }
      waiting = true;
    }
    if (waiting) out.wait_min += 1;
    if (busy > 0) --busy;
    ++now;
  }
  out.handsFree_min = now;
  out.firstDry_min = dryAt.front(), out.lastDry_min = dryAt.back();
  return out;
}

double sumOf(const Batch& b) {
  double sum = 0;
  for (const Station& s : b.stations) sum += s.minutes + s.wait_min + s.rackWait_min;
  return sum;
}

}  // namespace

class TestLineOfWork : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theRack_isAsItIsPlayed() {
    std::mt19937 random(7);
    for (int n = 0; n < 200; ++n) {
      const int cards = 1 + static_cast<int>(random() % 12), each = 1 + static_cast<int>(random() % 9),
                dry = static_cast<int>(random() % 60), places = static_cast<int>(random() % 6);
      const Drying have = dryingOf(cards, each, dry, places), want = played(cards, each, dry, places);
      QCOMPARE(have.wait_min, want.wait_min);
      QCOMPARE(have.firstDry_min, want.firstDry_min);
      QCOMPARE(have.lastDry_min, want.lastDry_min);
      QCOMPARE(have.handsFree_min, want.handsFree_min);
      if (dry > 0) QCOMPARE(have.most, want.most);
    }
    // By hand: 4 cards of 2 minutes, 10 minutes to dry, 2 places: the third waits from 6 to 12, the fourth
    // from 14, when the second is dry, not at all.
    const Drying four = dryingOf(4, 2, 10, 2);
    QCOMPARE(four.wait_min, 6.0);
    QCOMPARE(four.most, 2);
    QCOMPARE(four.handsFree_min, 14.0);
  }

  void theLine_isTheRunSheetInOtherWords() {
    Plan p = scene();
    for (const int cards : {1, 3, 12}) {
      p.making.copies = cards;
      const AnalysisRef a = withBestOrder(p, analyse(p));
      const Batch b = lineOfWork(p, a);
      QCOMPARE(b.cards, cards);
      QVERIFY(std::fabs(b.minutes - sumOf(b)) < 1e-6);
      // Every step of the sheet is in one station, once.
      std::vector<int> seen;
      for (const Station& s : b.stations) seen.insert(seen.end(), s.steps.begin(), s.steps.end());
      std::sort(seen.begin(), seen.end());
      QVERIFY(std::adjacent_find(seen.begin(), seen.end()) == seen.end());
      const auto& steps = b.groups[0].analysis->sheet.steps;
      const auto work =
          std::count_if(steps.begin(), steps.end(), [](const Step& s) { return s.what != Do::Dry; });
      QCOMPARE(static_cast<long>(seen.size()), static_cast<long>(work));
      QVERIFY(std::fabs(b.minutes - b.rackWait_min - b.groups[0].analysis->sheet.minutes) < 1e-6);
    }
  }

  void manyCards_takeLessEach() {
    Plan p = scene();
    p.making.copies = 10;
    const Batch b = lineOfWork(p, analyse(p));
    QVERIFY(b.minutes / 10 < b.alone_min);
    QVERIFY(b.spared_min > 0);
    // A rack with room for one makes hands wait, and never fewer minutes.
    p.making.rack = 1;
    const Batch narrow = lineOfWork(p, analyse(p));
    QVERIFY(narrow.minutes >= b.minutes);
    for (const Station& s : narrow.stations) QVERIFY(s.drying <= 1);
  }

  void aVariation_sharesWhatIsAlike() {
    Plan p = scene();
    p.making.copies = 10;
    p.making.variations = {{"for Ida", 4, {swapOf("word", "other")}, {}}};
    const Batch b = lineOfWork(p, analyse(p));
    QCOMPARE(b.groups.size(), size_t{2});
    QCOMPARE(b.groups[0].cards, 6);
    QCOMPARE(b.groups[1].cards, 4);
    int shared = 0, planned = 0, otherwise = 0;
    for (const Station& s : b.stations) {
      if (s.kind == Station::Kind::Masks) continue;
      shared += s.group < 0, planned += s.group == 0, otherwise += s.group == 1;
      if (s.group < 0) QCOMPARE(s.cards, 10);
      if (s.group == 0) QCOMPARE(s.cards, 6);
      if (s.group == 1) QCOMPARE(s.cards, 4);
      if (s.group >= 0) QVERIFY(s.impressions == std::vector<std::string>{"word"});
    }
    QVERIFY(shared > 0);
    QCOMPARE(planned, 1);
    QCOMPARE(otherwise, 1);
    // Masks are made once for all: the other words need none of their own.
    for (const Station& s : b.stations)
      if (s.kind == Station::Kind::Masks) QVERIFY(s.group < 0);
    // With a stamp that hides others its masks are its own, and only its.
    Plan hides = p;
    hides.making.variations = {{"barn", 4, {swapOf("house", "barn")}, {}}};
    const AnalysisRef order = withBestOrder(hides, analyse(hides));
    int own = 0;
    const Batch barns = lineOfWork(hides, order);
    for (const Station& s : barns.stations) {
      if (s.kind != Station::Kind::Masks || s.group < 1) continue;
      own += s.masks;
      for (int k : s.steps)
        for (const Cover& c : barns.groups[1].analysis->sheet.steps[ix(k)].covers)
          QVERIFY(c.mask.starts_with("barn#"));
    }
    QCOMPARE(own, 2);  // printed, and cut
    // All the work there is: what the two kinds of cards have by themselves, less what is shared.
    const auto sheetOf = [&](const Plan& q, int cards) {
      Plan one = q;
      one.making.variations.clear(), one.making.copies = cards;
      return analyse(one)->sheet.minutes;
    };
    QVERIFY(barns.minutes <= sheetOf(p, 6) + sheetOf(withVariation(p, hides.making.variations[0]), 4) + 1e-6);
    QVERIFY(barns.minutes >= sheetOf(p, 10) * 0.9);
    // Another hero: what hides and is hidden by it differs, the words do not.
    p.making.variations = {{"barn", 10, {swapOf("house", "barn")}, {}}};
    const Batch all = lineOfWork(p, analyse(p));
    QCOMPARE(all.groups.size(), size_t{1});  // nobody is left to be as planned
    QCOMPARE(all.groups[0].variation, 0);
    QCOMPARE(withVariation(p, p.making.variations[0]).impressions[0].stamp, std::string("barn"));
    QCOMPARE(p.impressions[0].stamp, std::string("house"));
  }

  void insideAndEnvelope_areWorkToo() {
    Plan p = scene();
    CardBase base;
    base.width_mm = 137, base.height_mm = 188;
    p.card.base = base;
    p.making.copies = 5;
    const Batch before = lineOfWork(p, analyse(p));
    Piece inside;
    inside.id = "in", inside.kind = PieceKind::Inside, inside.width_mm = 100, inside.height_mm = 140;
    p.pieces = {inside};
    const Batch bare = lineOfWork(p, analyse(p));
    Plan face = facePlan(p, 0);
    put(face, "hello", "word", {50, 70}, 1);
    p = withFace(p, 0, face);
    const Batch b = lineOfWork(p, analyse(p));
    QCOMPARE(b.faces.size(), size_t{1});
    Plan own = facePlan(p, 0);
    const double more = withBestOrder(own, analyse(own))->sheet.minutes;
    QVERIFY(more > 0 && std::fabs(b.minutes - bare.minutes - more) < 1e-6);
    QVERIFY(bare.minutes > before.minutes);
    own.making.copies = 1;
    QVERIFY(std::fabs(b.alone_min - bare.alone_min - withBestOrder(own, analyse(own))->sheet.minutes) < 1e-6);
    // Stamped before it is glued in.
    size_t stamped = 0, glued = 0;
    for (size_t k = 0; k < b.stations.size(); ++k) {
      if (b.stations[k].face == 0) stamped = k;
      if (!glued && b.stations[k].kind == Station::Kind::Assemble) glued = k;
    }
    QVERIFY(stamped > 0 && stamped < glued);
  }

  void whatIsNotThere_isNamed() {
    Plan p = scene();
    Variation v{"x", 2, {swapOf("nobody", "barn")}, {}};
    QCOMPARE(unknownIn(p, v), std::string("nobody"));
    v.swaps = {swapOf("house", "tower")};
    QCOMPARE(unknownIn(p, v), std::string("tower"));
    QVERIFY(withVariation(p, v).impressions == p.impressions);
    v.swaps = {swapOf("house", "barn")};
    QVERIFY(unknownIn(p, v).empty());
    p.making.variations = {v};
    p.making.rack = 6, p.making.copies = 3;
    QVERIFY(readPlan(writePlan(p)).value().plan == p);
  }

  /// Of many cards a mask wears out: its successor is cut when it is due, not after all is done.
  void spareMasks_areCutBeforeTheyAreNeeded() {
    Plan p = scene();
    p.making.copies = 30;
    p.supplies.maskLife = 12;
    const AnalysisRef a = withBestOrder(p, analyse(p));
    int cut = 0, laid = 0;
    for (const Step& s : a->sheet.steps) {
      if (s.what == Do::CutMask) ++cut;
      if (s.what != Do::MaskOn) continue;
      laid += 30 * static_cast<int>(s.covers.size());
      QVERIFY2(cut * 12 >= laid, qPrintable(QStringLiteral("%1 masks for %2 layings").arg(cut).arg(laid)));
    }
    QVERIFY(cut >= 3 && laid > 0);
  }
};

HAVLO_TEST(TestLineOfWork)
#include "tst_line_of_work.moc"
