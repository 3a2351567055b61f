// Sentences as a maker reads them.
#include <QRegularExpression>
#include <QTest>
#include <QTranslator>

#include "core/chain/chain.h"
#include "core/chain/what_if.h"
#include "core/making/step_groups.h"
#include "io/print/sheets.h"
#include "io/wording/colour_words.h"
#include "io/wording/finding_words.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"
#include "io/wording/stock_words.h"
#include "io/wording/thing_words.h"
#include "io/wording/work_words.h"
#include "support/faulty_plans.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

/// A language in which every word is another one.
class OtherWords : public QTranslator {
 public:
  QString translate(const char*, const char* text, const char*, int) const override {
    return u'<' + QString::fromUtf8(text) + u'>';
  }
  bool isEmpty() const override { return false; }
};

class TstWording : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  /// A kite that happens to hang at the usual distance of the sky was said to stand there, 54 m tall.
  void whatHangsInTheSkyStandsNowhere() {
    int stand = 0, hang = 0;
    for (const char* name : {"canal-towpath", "misty-fen"}) {
      Plan p = demo(name);
      for (Impression& i : p.impressions)
        if (p.stamp(i.stamp)->role == Role::Sky || p.stamp(i.stamp)->role == Role::Greeting)
          i.depth = AtMetres{100};
      const AnalysisRef a = analyse(p);
      for (size_t k = 0; k < p.impressions.size(); ++k) {
        const int i = static_cast<int>(k);
        const Stamp& stamp = *p.stamp(p.impressions[k].stamp);
        const QString place = wordsOfThing(p, *a, i).place, tall = heightWords(p, *a, i, 54);
        if (stamp.role == Role::Sky || stamp.role == Role::Greeting) {
          ++hang;
          QVERIFY2(!place.contains(QStringLiteral("tands")), qPrintable(place));
          QCOMPARE(tall, QString());
        } else if (stamp.realHeight && std::holds_alternative<OnGround>(p.impressions[k].depth)) {
          ++stand;
          QVERIFY2(place.startsWith(QStringLiteral("Stands ")), qPrintable(place));
          QVERIFY2(tall.endsWith(QStringLiteral(" tall")) && !tall.contains(QStringLiteral("54 m")),
                   qPrintable(tall));
        }
      }
    }
    QVERIFY2(stand > 5 && hang > 3, qPrintable(QStringLiteral("%1, %2").arg(stand).arg(hang)));
  }

  /// What is cut is called as the reader calls it; what the maker named keeps its name.
  void piecesToCutAreNamedInTheReadersLanguage() {
    QCOMPARE(cutPieceName("mat 2"), QStringLiteral("mat 2"));
    OtherWords other;
    QCoreApplication::installTranslator(&other);
    QCOMPARE(cutPieceName("base"), QStringLiteral("<base>"));
    QCOMPARE(cutPieceName("panel"), QStringLiteral("<panel>"));
    QCOMPARE(cutPieceName("mat 2"), QStringLiteral("<mat> 2"));
    QCOMPARE(cutPieceName("gate of the lock"), QStringLiteral("gate of the lock"));
    QCoreApplication::removeTranslator(&other);
  }

  // An edge that is cut for a blend covers no thing: what is done with it is told by its own name.
  void edgesAreToldByTheirNames() {
    Plan plan = testing::demo("canal-towpath");
    plan.limits[0].kind = LimitKind::Wavy;
    const AnalysisRef a = analyse(plan);
    QStringList told;
    for (const StepGroup& g : stepGroups(a->sheet))
      if (const QString title = wordsOf(plan, *a, g, MeasureStyle::Millimetres).title;
          title.contains(QStringLiteral("Horizon")))
        told << title;
    QCOMPARE(told, QStringList({QStringLiteral("Cut Horizon"), QStringLiteral("Lay Horizon"),
                                QStringLiteral("Lift Horizon")}));
  }

  void thingsAreNumberedOnlyWhereThereAreSeveral() {
    const Plan p = demo("canal-towpath");
    QCOMPARE(nameOf(p, p.indexOf("hare")), QStringLiteral("the hare"));
    QCOMPARE(nameOf(p, p.indexOf("reeds2")), QStringLiteral("reeds 2"));
    QCOMPARE(labelOf(p, p.indexOf("boat")), QStringLiteral("Long boat"));
    QCOMPARE(listOf(p, {p.indexOf("hare"), p.indexOf("kite"), p.indexOf("boat")}),
             QStringLiteral("the hare, the kite and the long boat"));
  }

  // As the colours of CSS (CSS Color Module Level 4, W3C; values from memory) that bear these words are
  // called.
  void coloursAreCalledWhatTheyAre() {
    const std::pair<Colour, const char*> all[] = {{{0xff, 0xff, 0xff}, "white"},
                                                  {{0xd3, 0xd3, 0xd3}, "light grey"},
                                                  {{0x80, 0x80, 0x80}, "grey"},
                                                  {{0, 0, 0}, "black"},
                                                  {{0xff, 0, 0}, "red"},
                                                  {{0x8b, 0, 0}, "dark red"},
                                                  {{0xff, 0xc0, 0xcb}, "pink"},
                                                  {{0xff, 0xa5, 0}, "orange"},
                                                  {{0x8b, 0x45, 0x13}, "brown"},
                                                  {{0xf5, 0xf5, 0xdc}, "beige"},
                                                  {{0xff, 0xff, 0}, "yellow"},
                                                  {{0xff, 0xff, 0xe0}, "light yellow"},
                                                  {{0, 0x80, 0}, "green"},
                                                  {{0, 0x64, 0}, "dark green"},
                                                  {{0x90, 0xee, 0x90}, "light green"},
                                                  {{0x00, 0xce, 0xd1}, "light turquoise"},
                                                  {{0, 0, 0xff}, "blue"},
                                                  {{0, 0, 0x8b}, "dark blue"},
                                                  {{0xad, 0xd8, 0xe6}, "light blue"},
                                                  {{0x94, 0, 0xd3}, "violet"}};
    for (const auto& [colour, word] : all) QCOMPARE(colourWords(colour), QLatin1String(word));
    // A paper hardly warmer than white is white.
    QCOMPARE(colourWords({0xfd, 0xfc, 0xf7}), QStringLiteral("white"));
  }

  void allNamesInOneGoAreTheSame() {
    for (const char* name : {"canal-towpath", "teaching-crowd", "teaching-avenue"}) {
      const Plan p = demo(name);
      const std::vector<QString> all = labelsOf(p);
      QCOMPARE(all.size(), p.impressions.size());
      for (size_t i = 0; i < all.size(); ++i) QCOMPARE(all[i], labelOf(p, static_cast<int>(i)));
    }
  }

  void aStampingInInches() {
    Plan p = emptyPlan();
    Stamp s = slab("hare", 20, 30);
    s.name = "Hare";
    addStamp(p, s);
    put(p, "h", "hare", {60.325, 31.75}, 1);
    const AnalysisRef a = analyse(p);
    const StepWords w = wordsOf(p, *a, a->sheet.steps[0], MeasureStyle::Inches);
    QCOMPARE(w.title, QStringLiteral("Stamp the hare"));
    QCOMPARE(w.where, QStringLiteral("foot 2 3/8 in from the left, 1 1/4 in from the bottom"));
    QVERIFY(w.detail.contains(QStringLiteral("nothing covered yet")));
    p.impressions[0].generation = 2;
    p.impressions[0].turn_deg = -12;
    const AnalysisRef b = analyse(p);
    const StepWords v = wordsOf(p, *b, b->sheet.steps[0], MeasureStyle::Millimetres);
    QVERIFY(v.where.contains(QStringLiteral("60.5 mm from the left")) &&
            v.where.contains(QStringLiteral("12.0° to the right")));
    QVERIFY(v.detail.contains(QStringLiteral("second pressing")));
    QVERIFY(v.detail.contains(QStringLiteral("press once on scrap paper")));
    QVERIFY(v.corner.contains(QStringLiteral("lower left corner")));
    QCOMPARE(tableMeasure(60.2, MeasureStyle::Millimetres), QStringLiteral("60 mm"));
    QCOMPARE(tableMeasure(25.4 * 0.97, MeasureStyle::Inches), QStringLiteral("1 in"));
  }

  // "-3 mm from the left" is on no ruler.
  void whatHangsOverAnEdgeIsMeasuredFromThatEdge() {
    const MeasureStyle mm = MeasureStyle::Millimetres;
    QCOMPARE(alongWords(-3.1, 150, mm), QStringLiteral("3 mm past the left edge"));
    QCOMPARE(alongWords(153, 150, mm), QStringLiteral("3 mm past the right edge"));
    QCOMPARE(alongWords(-0.2, 150, mm), QStringLiteral("0 mm from the left"));
    QCOMPARE(upWords(-8, 105, mm), QStringLiteral("8 mm below the bottom edge"));
    QCOMPARE(upWords(106, 105, mm), QStringLiteral("1 mm above the top edge"));
    QCOMPARE(upWords(106, 105, MeasureStyle::Inches), QStringLiteral("1/16 in above the top edge"));
    QCOMPARE(upWords(25.4, 105, MeasureStyle::Inches), QStringLiteral("1 in from the bottom"));
    for (const char* name : {"canal-towpath", "misty-fen", "potting-shed", "teaching-crowd"}) {
      const Plan p = demo(name);
      const AnalysisRef a = analyse(p);
      for (const Step& step : a->sheet.steps) {
        const QString words = sentenceOf(wordsOf(p, *a, step, mm));
        QVERIFY2(!words.contains(QRegularExpression(QStringLiteral("[-\u2212]\\d"))), qPrintable(words));
      }
    }
  }

  void everySchoolObstacleAndMishapHasWords() {
    for (School t : kSchools) QVERIFY(!schoolWords(t).isEmpty());
    for (int k = 0; k <= static_cast<int>(Obstacle::TooSmall); ++k)
      QVERIFY(!obstacleWords(static_cast<Obstacle>(k)).isEmpty());
    for (int k = 0; k <= static_cast<int>(SchoolReason::HeroAlone); ++k)
      QVERIFY(!reasonWords(static_cast<SchoolReason>(k)).isEmpty());
    for (int k = 0; k <= static_cast<int>(Mishap::Other); ++k) {
      QVERIFY(!mishapWords(static_cast<Mishap>(k)).isEmpty());
      QVERIFY(mishapOf(wordOf(static_cast<Mishap>(k))) == static_cast<Mishap>(k));
    }
    QCOMPARE(chanceWords(0.004), QStringLiteral("under 1 %"));
    QCOMPARE(chanceWords(0.374), QStringLiteral("37 %"));
  }

  void theStepThatDidItIsNamed() {
    Plan p = emptyPlan();
    Stamp hare = slab("hare", 30, 30), poplar = slab("poplar", 30, 30);
    hare.name = "Hare", poplar.name = "Poplar";
    addStamp(p, hare), addStamp(p, poplar);
    put(p, "front", "hare", {60, 60}, 1), put(p, "back", "poplar", {68, 65}, 2);
    const AnalysisRef a = analyse(p);
    WhatIf forget;
    forget.kind = WhatIf::Kind::ForgetMask, forget.impression = 0;
    const auto slip = slipped(p, *a, forget).value();
    const auto s = tryOut(p, *a, forget, nullptr, 100).value();
    const QString words = blameWords(p, *slip.analysis, s.worst[0]);
    QVERIFY2(words.contains(QStringLiteral("printed the poplar across the hare")) &&
                 words.contains(QStringLiteral("was not covered")),
             qPrintable(words));
    QVERIFY(words.contains(QStringLiteral("in its middle")));
  }

  void cautionsStandWithTheirSteps() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "drop", "s", {60, 60}, 1).school = School::Resist;
    put(p, "fly", "s", {30, 60}, 1).school = School::PopUp;
    p.card.trim_mm = 3;
    const AnalysisRef a = analyse(p);
    for (const Step& s : a->sheet.steps) {
      const bool care = !wordsOf(p, *a, s, MeasureStyle::Inches).care.isEmpty();
      QCOMPARE(care, s.what == Do::Emboss || s.what == Do::Cut || s.what == Do::CutMask ||
                         s.what == Do::Trim || s.what == Do::Glue);
    }
  }

  // What is dangerous at a craft table: blades, heat, dust, solvents, mist, small parts, glue (common
  // practice, no source).
  void everyDangerIsSaidWhereItIs() {
    const auto said = [](const Plan& p, Do what) {
      const AnalysisRef a = analyse(p);
      for (const Step& s : a->sheet.steps)
        if (s.what == what) return wordsOf(p, *a, s, MeasureStyle::Millimetres).care;
      return QStringLiteral("no such step");
    };
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "thing", "s", {60, 60}, 1);
    Wash wash;
    wash.id = "sky", wash.ink = "blue", wash.area = rectangle({0, 90, 100, 150});
    p.washes.push_back(wash);
    const std::pair<WashWay, const char*> washes[] = {{WashWay::Spray, "do not breathe the mist"},
                                                      {WashWay::Marker, "solvents"},
                                                      {WashWay::Paste, "label"}};
    for (const auto& [way, word] : washes) {
      p.washes[0].way = way;
      QVERIFY2(said(p, Do::Wash).contains(QLatin1String(word)), word);
    }
    p.washes[0].way = WashWay::Blend;
    QVERIFY(said(p, Do::Wash).isEmpty());
    Accent accent;
    accent.id = "a", accent.ink = "blue", accent.at = {{40, 40}};
    p.accents.push_back(accent);
    const std::pair<AccentKind, const char*> accents[] = {{AccentKind::Sequin, "the very young"},
                                                          {AccentKind::Glitter, "from eyes and mouth"},
                                                          {AccentKind::Drops, "cover the table"},
                                                          {AccentKind::Gloss, "label"}};
    for (const auto& [kind, word] : accents) {
      p.accents[0].kind = kind;
      QVERIFY2(said(p, Do::Accent).contains(QLatin1String(word)), word);
    }
    Lift lift;
    lift.id = "l", lift.wash = "sky", lift.with = LiftWith::Sand, lift.at = {{40, 120}};
    p.lifts.push_back(lift);
    QVERIFY(said(p, Do::Lift).contains(QStringLiteral("Do not breathe the dust in")));
    // The first time something is glued it is said, and not again.
    const AnalysisRef a = analyse(demo("canal-towpath"));
    QStringList glued;
    for (const Step& s : a->sheet.steps)
      if (s.what == Do::Glue) glued << wordsOf(demo("canal-towpath"), *a, s, MeasureStyle::Millimetres).care;
    QVERIFY(glued.size() > 1);
    QVERIFY(glued[0].contains(QStringLiteral("glue")));
    QVERIFY(glued[1].isEmpty());
  }

  void everyStepAndFindingOfTheDemoHasWords() {
    for (const char* name :
         {"canal-towpath", "teaching-crowd", "teaching-avenue", "teaching-silhouettes", "teaching-dull"}) {
      const Plan p = demo(name);
      const AnalysisRef a = analyse(p);
      for (const Step& s : a->sheet.steps) {
        const StepWords w = wordsOf(p, *a, s, MeasureStyle::Inches);
        QVERIFY(!w.title.isEmpty());
        static const QRegularExpression gap(QStringLiteral("%[0-9]"));
        QVERIFY(!sentenceOf(w).contains(gap));
      }
      for (const Finding& f : a->findings) {
        const FindingWords w = wordsOf(p, *a, f, MeasureStyle::Inches);
        QVERIFY(!w.text.isEmpty() && !w.why.isEmpty() && !w.value.isEmpty());
        QCOMPARE(w.fix.isEmpty(), !f.fix.has_value());
        QVERIFY(!w.why.contains(QStringLiteral("%1")));
      }
    }
  }

  void everyFaultOfTheViewHasWords() {
    for (const FaultyPlan& faulty : faultyViews()) {
      const AnalysisRef a = analyse(faulty.plan);
      for (const Finding& f : a->findings) {
        const FindingWords w = wordsOf(faulty.plan, *a, f, MeasureStyle::Inches);
        QVERIFY2(!w.text.isEmpty() && !w.why.isEmpty() && !w.value.isEmpty(), faulty.name);
        QCOMPARE(w.fix.isEmpty(), !f.fix.has_value());
        for (const QString& s : {w.text, w.why, w.fix})
          QVERIFY2(!s.contains(QRegularExpression(QStringLiteral("%[0-9]"))), qPrintable(s));
      }
    }
  }

  void moves() {
    QCOMPARE(moveWords({10, 10}, {10, 4}, MeasureStyle::Millimetres), QStringLiteral("6 mm down"));
    QCOMPARE(moveWords({10, 10}, {3.65, 13.175}, MeasureStyle::Inches),
             QStringLiteral("1/4 in left, 1/8 in up"));
    QCOMPARE(moveWords({1, 1}, {1, 1}, MeasureStyle::Inches), QStringLiteral("a hair"));
    QCOMPARE(minutesWords(0.75), QStringLiteral("45 s"));
    QCOMPARE(minutesWords(65), QStringLiteral("1 h 05 min"));
  }

  // A hand cannot follow "-3 mm", "184°", a half that is rounded away from what it holds, or a measure from
  // an edge that is not there yet.
  void measuresAHandCanFollow() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 30));
    put(p, "thing", "s", {40.26, 60.26}, 1);
    const auto step = [&](const std::string& id) {
      const AnalysisRef a = analyse(p);
      for (const Step& s : a->sheet.steps)
        if (s.what == Do::Stamp && s.impression == p.indexOf(id))
          return wordsOf(p, *a, s, MeasureStyle::Millimetres);
      return StepWords();
    };
    QVERIFY2(step("thing").where.contains("40.5 mm from the left, 60.5 mm from the bottom"),
             qPrintable(step("thing").where));
    // It holds something now: both are told to a tenth, so that they do not part.
    put(p, "held", "s", {44.34, 80.12}, 1).depth = OnThing{"thing", false};
    QVERIFY2(step("thing").where.contains("40.3 mm from the left, 60.3 mm from the bottom"),
             qPrintable(step("thing").where));
    QVERIFY(step("held").where.contains("44.3 mm from the left, 80.1 mm from the bottom"));
    // Below the edge: a corner that is on the card.
    put(p, "off", "s", {100, -12}, 1);
    QVERIFY2(step("off").where ==
                 QStringLiteral("upper left corner of the stamp 90 mm from the left, 18 mm from the bottom"),
             qPrintable(step("off").where));
    p.impressions[2].at = {100, 40};
    p.impressions[2].turn_deg = 184;
    QVERIFY2(step("off").where.endsWith("with the card turned round, turned 4.0° to the left"),
             qPrintable(step("off").where));
    p.impressions[2].turn_deg = -176.5;
    QVERIFY(step("off").where.endsWith("with the card turned round, turned 3.5° to the left"));
    p.impressions[2].turn_deg = 180;
    QVERIFY(step("off").where.endsWith("with the card turned round"));
    p.impressions[2].turn_deg = 372;
    QVERIFY(step("off").where.endsWith("turned 12.0° to the left"));
    // On a sheet that is 5 mm larger all round until it is trimmed.
    p.impressions[2].turn_deg = 0;
    p.card.trim_mm = 5;
    QVERIFY2(step("off").where.contains("105 mm from the left, 45 mm from the bottom of the untrimmed sheet"),
             qPrintable(step("off").where));
  }

  void aPartOfAStampIsTapedOver() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 30));
    put(p, "thing", "s", {40, 60}, 1).part = rectangle({-1, 10, 21, 31});
    const AnalysisRef a = analyse(p);
    const StepWords w = wordsOf(p, *a, a->sheet.steps.front(), MeasureStyle::Millimetres);
    QVERIFY2(w.detail.contains("tape over the lower part of the inked rubber"), qPrintable(w.detail));
    QVERIFY(hasTapedStamps(*a));
    QCOMPARE(leftOutWords(*p.stamps[0], rectangle({-1, -1, 12, 31})), QStringLiteral("the right part"));
    QCOMPARE(leftOutWords(*p.stamps[0], rectangle({8, -1, 21, 31})), QStringLiteral("the left part"));
    QCOMPARE(leftOutWords(*p.stamps[0], rectangle({-1, -1, 21, 20})), QStringLiteral("the upper part"));
  }

  void reasonsForMasks() {
    constexpr int life = 6;
    StampMasks m;
    m.uses = 9, m.atOnce = 1, m.cut = 2;
    QCOMPARE(reasonOf(m, life), QStringLiteral("covered 9 times, a mask lasts 6"));
    m.uses = 4, m.atOnce = 3, m.cut = 3;
    QCOMPARE(reasonOf(m, life), QStringLiteral("3 must be covered at once"));
    m = {};
    m.taped = 1;
    QVERIFY(reasonOf(m, life).contains(QStringLiteral("tape")));
  }
};

HAVLO_TEST(TstWording)
#include "tst_wording.moc"
