// The place Ink & light through its real window: looks, washes dragged with the mouse, greeting, inks, the
// reading followed.
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QSlider>
#include <cmath>

#include "app/common/choice_list.h"
#include "app/ink/background_page.h"
#include "app/ink/colours_page.h"
#include "app/ink/greeting_page.h"
#include "app/ink/ink_place.h"
#include "app/ink/ink_view.h"
#include "app/ink/looks_page.h"
#include "app/shell/exporting.h"
#include "core/edit/edits.h"
#include "core/edit/view_edits.h"
#include "core/edit/wash_edits.h"
#include "core/focus/looks.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct InkWindow : Window {
  explicit InkWindow(const char* demo = "canal-towpath") {
    window.openDemo(QLatin1String(demo));
    window.visit(QStringLiteral("ink"));
    settleLooks(session());
    settle(window.ink().view());
  }
  InkPlace& place() { return window.ink(); }
  InkView& view() { return window.ink().view(); }
  QPoint at(Point p) { return view().geometryNow().toPixels(p).toPoint(); }
  void drag(Point from, Point to) {
    QTest::mousePress(&view(), Qt::LeftButton, {}, at(from));
    for (int k = 1; k <= 4; ++k)
      QTest::mouseMove(&view(), at({from.x + (to.x - from.x) * k / 4, from.y + (to.y - from.y) * k / 4}));
    QTest::mouseRelease(&view(), Qt::LeftButton, {}, at(to));
    QCoreApplication::processEvents();
  }
  const Wash& wash(const char* id) {
    for (const Wash& w : session().plan().washes)
      if (w.id == id) return w;
    qFatal("no wash");
  }
  template <typename W>
  W* child(const char* name) {
    return place().findChild<W*>(QLatin1String(name));
  }
};

}  // namespace

/// The one of this name that is not hidden: rows that are out of use keep theirs.
template <class W>
W* shown(QWidget& place, const QString& name) {
  for (W* w : place.findChildren<W*>(name))
    if (!w->isHidden() && w->isVisibleTo(&place)) return w;
  return nullptr;
}

class TstInk : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void whatIsSeenFirstIsSaidAndDrawn() {
    InkWindow w;
    QVERIFY(says(w.place(), QStringLiteral("The hare is seen first")));
    QVERIFY(says(w.place(), QStringLiteral("Nothing comes near the hero")));
    // The path of the looks is drawn on the card, and can be put away.
    const QImage with = w.view().grab().toImage();
    w.view().showLooks(false);
    QVERIFY(w.view().grab().toImage() != with);
    const QImage without = w.view().grab().toImage();
    w.view().showLines(true);
    QVERIFY(w.view().grab().toImage() != without);
  }

  /// Until the eye has looked again nothing is said of a path that is gone.
  void aPathThatIsGoneLeadsNobody() {
    InkWindow w;
    Plan with = w.session().plan();
    for (const char* id : {"bank", "lane"}) {
      GroundMark mark;
      mark.id = mark.name = id, mark.along = {{30, 2}, {80, 40}}, mark.width_m = 1;
      with = withGroundMark(with, mark).value();
    }
    w.session().edit(QStringLiteral("Paths"), with);
    settleLooks(w.session());
    QVERIFY(says(w.place(), QStringLiteral("The lane")));
    for (const char* id : {"bank", "lane"})
      w.session().edit(QStringLiteral("Gone"), withoutGroundMark(w.session().plan(), id));
    QVERIFY(!says(w.place(), QStringLiteral("The lane")));
    settleLooks(w.session());
    QVERIFY(!says(w.place(), QStringLiteral("The lane")));
  }

  void fourWaysToLookAtIt() {
    InkWindow w;
    std::vector<QImage> seen;
    for (int m = 0; m < 4; ++m) {
      auto* b = w.child<QPushButton>(qPrintable(QStringLiteral("mode-%1").arg(m)));
      QVERIFY(b);
      QTest::mouseClick(b, Qt::LeftButton);
      QVERIFY(b->isChecked());
      settle(w.view());
      const QImage now = w.view().grab().toImage();
      for (const QImage& before : seen) QVERIFY(now != before);
      seen.push_back(now);
    }
  }

  void clickingAThingChoosesItAndABareSpotItsWash() {
    InkWindow w;
    const Impression& hare = *w.session().plan().impression("hare");
    QTest::mouseClick(&w.view(), Qt::LeftButton, {}, w.at({hare.at.x, hare.at.y + 12}));
    QCOMPARE(w.session().selected(), QStringLiteral("hare"));
    QTest::mouseClick(&w.view(), Qt::LeftButton, {}, w.at({150, 122}));
    QCOMPARE(w.place().background().wash(), QStringLiteral("sky"));
    QVERIFY(w.child<ChoiceList>("washes")->isVisible());
  }

  void aWashIsDraggedReachedAndUndone() {
    InkWindow w;
    w.place().showPage(InkPlace::Background);
    w.place().background().choose(QStringLiteral("sky"));
    const Plan before = w.session().plan();
    const Box b = boxOf(w.wash("sky").area);
    w.drag({b.centre().x, b.bottom}, {b.centre().x, 80});
    QVERIFY(std::fabs(boxOf(w.wash("sky").area).bottom - 80) < 1);
    QCOMPARE(w.session().undoStack().count(), 1);  // one drag, one act
    const Box now = boxOf(w.wash("sky").area);
    w.drag({now.left + 0.75 * now.width(), now.top - w.wash("sky").reach * now.height()},
           {now.left + 0.75 * now.width(), now.top - 0.5 * now.height()});
    QVERIFY2(std::fabs(w.wash("sky").reach - 0.5) < 0.03, qPrintable(QString::number(w.wash("sky").reach)));
    w.session().undoStack().undo(), w.session().undoStack().undo();
    QVERIFY(w.session().plan() == before);
  }

  // An oval scene with a crisp horizon in it, all of it chosen with the keyboard from nothing.
  void anOvalAndAHorizonTogetherBoundASky() {
    InkWindow w;
    w.place().showPage(InkPlace::Background);
    BackgroundPage& page = w.place().background();
    page.addWash(WashKind::Sky);
    const QString sky = page.wash();
    const auto pick = [&](const char* box, const QString& text) {
      auto* combo = w.child<QComboBox>(box);
      QVERIFY2(combo->isVisibleTo(&page) && combo->findText(text) >= 0, qPrintable(text));
      combo->setFocus();
      const int steps = combo->findText(text) - combo->currentIndex();
      for (int k = 0; k < std::abs(steps) - 1; ++k)
        combo->setCurrentIndex(combo->currentIndex() + (steps > 0 ? 1 : -1));
      QTest::keyClick(combo, steps > 0 ? Qt::Key_Down : Qt::Key_Up);
    };
    QVERIFY(!w.child<QComboBox>("washAlso")->isVisibleTo(&page));
    pick("washLimit", QStringLiteral("a new oval"));
    pick("washAlso", QStringLiteral("a new straight edge"));
    const Wash& bound = w.wash(sky.toUtf8().constData());
    QCOMPARE(bound.limits.size(), size_t(2));
    const auto sideOf = [&](bool edge) {
      for (const WashBound& b : bound.limits)
        if (w.session().plan().limit(b.id)->isEdge() == edge) return b.side;
      return LimitSide::Below;
    };
    QCOMPARE(sideOf(false), LimitSide::Inside);
    QCOMPARE(sideOf(true), LimitSide::Above);
    // Free of the second one again.
    pick("washAlso", QStringLiteral("nothing more"));
    QCOMPARE(w.wash(sky.toUtf8().constData()).limits.size(), size_t(1));
  }

  void washesAreAddedInkedBoundAndLeftOut() {
    InkWindow w;
    w.place().showPage(InkPlace::Background);
    BackgroundPage& page = w.place().background();
    const size_t before = w.session().plan().washes.size();
    page.addWash(WashKind::Mist);
    QCOMPARE(w.session().plan().washes.size(), before + 1);
    QCOMPARE(page.wash(), QStringLiteral("mist"));
    {  // What lies behind takes its colour and is not asked about.
      auto* over = w.child<QPushButton>("washOver");
      const Plan& plan = w.session().plan();
      const Analysis& a = *w.session().analysis();
      const int mist = static_cast<int>(std::find_if(plan.washes.begin(), plan.washes.end(),
                                                     [](const Wash& one) { return one.id == "mist"; }) -
                                        plan.washes.begin());
      qsizetype inFront = 0, behind = 0;
      for (size_t i = 0; i < plan.impressions.size(); ++i)
        if (a.washes.of(mist, static_cast<int>(i)).touches)
          ++(a.stack.nearer(static_cast<int>(i), mist) ? inFront : behind);
      QVERIFY2(inFront > 1 && behind > 0, qPrintable(QStringLiteral("%1 %2").arg(inFront).arg(behind)));
      QCOMPARE(over->menu()->actions().size(), inFront + 3);  // two for all of them, and a line
      QCOMPARE(over->text(), QStringLiteral("0 of %1 before it").arg(inFront));
    }
    auto* ink = w.child<QComboBox>("washInk");
    ink->setCurrentIndex(ink->findData(QStringLiteral("slate")));
    Q_EMIT ink->activated(ink->currentIndex());
    QCOMPARE(w.wash("mist").ink, std::string("slate"));
    w.child<QSlider>("washStrength")->setValue(22);
    QCOMPARE(w.wash("mist").strength, 0.22);
    page.bind(LimitKind::Torn);
    QCOMPARE(w.session().plan().limits.size(), size_t{2});  // the horizon and this
    QVERIFY(w.wash("mist").from == WashFrom::Limit);
    QVERIFY(says(w.place(), QStringLiteral("Torn once")));
    // The edge is dragged by its ends; the wash goes with it.
    const WashLimit edge = w.session().plan().limits.back();
    w.drag({0, edge.left_mm}, {0, edge.left_mm + 12});
    QVERIFY(std::fabs(w.session().plan().limits.back().left_mm - edge.left_mm - 12) < 1);
    // Kept clean and coloured by ticking.
    auto* over = w.child<QPushButton>("washOver");
    QVERIFY(!over->menu()->actions().isEmpty());
    const auto had = w.wash("mist").lets.size();
    over->menu()->actions().constFirst()->trigger();
    QVERIFY(w.wash("mist").lets.size() != had);
    QTest::mouseClick(w.child<QPushButton>("removeWash"), Qt::LeftButton);
    QCOMPARE(w.session().plan().washes.size(), before);
    page.addSteppedSky();
    QCOMPARE(w.session().plan().washes.size(), before + 3);
    w.session().undoStack().undo();  // one act
    QCOMPARE(w.session().plan().washes.size(), before);
  }

  void aFrameIsFittedRoundTheHero() {
    InkWindow w;
    w.place().showPage(InkPlace::Background);
    w.place().background().addWash(WashKind::Glow);
    w.place().background().bind(LimitKind::Oval);
    QTest::mouseClick(w.child<QPushButton>("holdHero"), Qt::LeftButton);
    const WashLimit l = w.session().plan().limits.back();
    QCOMPARE(l.holds, (std::vector<std::string>{"hare"}));
    const Box hare = boxOf(w.session().analysis()->meetings.placed[0]->silhouette);
    QVERIFY(l.opening.left < hare.left && l.opening.right > hare.right && l.opening.top > hare.top);
    // It goes where the hare goes.
    const Box fitted = l.opening;
    const Point foot = w.footOf("hare");
    w.session().edit(QStringLiteral("move"), withFoot(w.session().plan(), "hare", {foot.x - 5, foot.y}));
    QVERIFY(std::fabs(w.session().plan().limits.back().opening.left - fitted.left + 5) < 1e-9);
    w.session().undoStack().undo();
    // It is in the steps.
    bool laid = false;
    for (const Step& s : w.session().analysis()->sheet.steps)
      laid = laid || (s.limit == 0 && s.what == Do::MaskOn);
    QVERIFY(laid);
  }

  void theGreetingFindsItsPlaceAndMoves() {
    InkWindow w("teaching-dull");
    w.place().showPage(InkPlace::Greeting);
    QVERIFY(says(w.place(), QStringLiteral("is hard to read")));
    auto* second = w.child<QComboBox>("secondWord");
    second->setFocus();
    QTest::keyClick(second, Qt::Key_Down);
    QCOMPARE(second->currentIndex(), 1);
    QTest::mouseClick(w.child<QPushButton>("findPlace"), Qt::LeftButton);
    settle(w.place().greeting());
    QVERIFY(says(w.place(), QStringLiteral("Plain on every side")));
    const Point before = w.footOf("greeting");
    QTest::mouseClick(w.child<QPushButton>("moveThere"), Qt::LeftButton);
    QVERIFY(!(w.footOf("greeting") == before));
    settleLooks(w.session());
    QTest::mouseClick(w.child<QPushButton>("way-0"), Qt::LeftButton);
    QCoreApplication::processEvents();
    settleLooks(w.session());
    QVERIFY(says(w.place(), QStringLiteral("reads well")));
  }

  void inksPapersAndPalettes() {
    InkWindow w;
    w.place().showPage(InkPlace::Colours);
    settle(w.place().colours());
    QVERIFY(says(w.place(), QStringLiteral("Toned")));
    QCOMPARE(w.place().colours().choices().size(), size_t{3});
    QVERIFY(says(w.place(), QStringLiteral("apart")));
    auto* greys = w.child<QPushButton>("amongGreys");
    QTest::mouseClick(greys, Qt::LeftButton);
    const Plan& p = w.session().plan();
    QVERIFY(p.ink(p.impression("poplar1")->ink)->id != "willow");
    w.session().undoStack().undo();
    QTest::mouseClick(w.child<QPushButton>("palette-0"), Qt::LeftButton);
    QCoreApplication::processEvents();
    QCOMPARE(w.session().undoStack().undoText(), QStringLiteral("Take a palette"));
    settle(w.place().colours());
    QVERIFY(says(w.place(), QStringLiteral("stands out")));
    QTest::mouseClick(w.child<QPushButton>("base-2"), Qt::LeftButton);
    QCoreApplication::processEvents();
    QVERIFY(w.session().plan().card.mats.back().colour.red < 100);
    settle(w.place().colours());
    QTest::mouseClick(w.child<QPushButton>("paper-2"), Qt::LeftButton);
    QCoreApplication::processEvents();
    QVERIFY(w.session().plan().card.paper.colour.red < 100);
    settleLooks(w.session());
    bool vanishes = false;
    for (const Finding& f : w.session().analysis()->findings)
      vanishes = vanishes || f.kind == FindingKind::DyeOnDark;
    QVERIFY(vanishes);
  }

  void theTrailSaysWhetherTheHeroIsFirst() {
    InkWindow w;
    QTest::keyClick(&w.window, Qt::Key_3, Qt::ControlModifier);
    QTest::keyClick(&w.window, Qt::Key_5, Qt::ControlModifier);
    QVERIFY(w.place().isVisible());
    QCOMPARE(w.session().analysis()->looks->heroRank, 1);
    const QImage first = w.window.grab().toImage();
    w.session().edit(QStringLiteral("x"), withInk(w.session().plan(), "hare", "silt", 3));
    settleLooks(w.session());
    QVERIFY(w.window.grab().toImage() != first);
  }

  void theDullCardIsMadeClearWithButtonsAlone() {
    Window w;
    w.window.openDemo(QStringLiteral("teaching-dull"));
    settleLooks(w.session());
    const double before = w.session().analysis()->looks->heroShare();
    QVERIFY(says(w.window.scene(), QStringLiteral("is seen before the hare")));
    std::vector<double> shares{before};
    for (int acts = 0; acts < 12 && warningsOf(*w.session().analysis()) > 0; ++acts) {
      // What is told under the button is what comes.
      QPushButton* next = nullptr;
      int number = 0;
      for (int k = 0; k < 12 && !next; ++k) {
        next = shown<QPushButton>(w.window.scene(), QStringLiteral("fix-%1").arg(k));
        number = k;
      }
      QVERIFY(next);
      const QString what = next->text();
      const auto* told = shown<QLabel>(w.window.scene(), QStringLiteral("foretold-%1").arg(number));
      const QString promise = told ? wordsOn(*told) : QString();
      QTest::mouseClick(next, Qt::LeftButton);
      QCoreApplication::processEvents();
      settleLooks(w.session());
      if (!promise.isEmpty())
        QVERIFY2(
            promise.contains(
                QStringLiteral("has %1 %").arg(qRound(100 * w.session().analysis()->looks->heroShare()))),
            qPrintable(promise));
      // Followed step by step the hare gains wherever that is promised, and never loses.
      const double now = w.session().analysis()->looks->heroShare(), was = shares.back();
      QVERIFY2(
          promise.isEmpty() ? now > was - 0.003 : now > was,
          qPrintable(QStringLiteral("step %1, %2: %3 after %4").arg(acts + 1).arg(what).arg(now).arg(was)));
      shares.push_back(now);
    }
    QVERIFY(shares.size() >= 4);
    for (size_t k = 0; k < shares.size(); ++k) qInfo("after %d steps: %.3f", static_cast<int>(k), shares[k]);
    QCOMPARE(warningsOf(*w.session().analysis()), 0);
    QVERIFY(w.session().analysis()->looks->heroShare() > 1.4 * before);
    QVERIFY(says(w.window.scene(), QStringLiteral("Clear.")));
  }

  void iKnowPutsAFindingLastAndTellMeAgainBringsItBack() {
    Window w;
    settleLooks(w.session());
    QCOMPARE(warningsOf(*w.session().analysis()), 1);
    auto* know = w.window.scene().findChild<QPushButton*>(QStringLiteral("know-0"));
    QVERIFY(know && know->menu());
    know->menu()->actions().constFirst()->trigger();
    QCoreApplication::processEvents();
    QCOMPARE(warningsOf(*w.session().analysis()), 0);
    QCOMPARE(w.session().plan().known.size(), size_t{1});
    auto* head = w.window.scene().findChild<QPushButton*>(QStringLiteral("knownHead"));
    QVERIFY(head && head->text().contains(QStringLiteral("you know of")));
    QTest::mouseClick(head, Qt::LeftButton);
    QCoreApplication::processEvents();
    auto* again = w.window.scene().findChild<QPushButton*>(QStringLiteral("unknow-0"));
    QVERIFY(again);
    QTest::mouseClick(again, Qt::LeftButton);
    QCoreApplication::processEvents();
    QCOMPARE(warningsOf(*w.session().analysis()), 1);
    QVERIFY(w.session().plan().known.empty());
  }

  void theWholeReadingNeverHoldsTheMouse() {
    // While the eye looks, edits go on; what is shown in the end is the last state's.
    Window w;
    for (int k = 0; k < 30; ++k)
      w.session().edit(QStringLiteral("move"), withFoot(w.session().plan(), "duck", {120.0 + k, 20}),
                       QStringLiteral("drag"));
    settleLooks(w.session());
    const LooksRef direct = lookAt(w.session().plan(), *w.session().analysis(), nullptr);
    QVERIFY(w.session().analysis()->looks->fits(w.session().plan()));
    QCOMPARE(w.session().analysis()->looks->ids, direct->ids);
  }

  void everythingIsExported() {
    Window w;
    settleLooks(w.session());
    const std::pair<Exporting::What, const char*> kinds[] = {{Exporting::What::Picture, "card.png"},
                                                             {Exporting::What::Zip, "card.zip"},
                                                             {Exporting::What::Measures, "card.csv"}};
    for (const auto& [what, name] : kinds) {
      const QString path = w.folder.filePath(QLatin1String(name));
      w.window.exporting().write(path, what);
      settle(w.window.exporting());
      QVERIFY2(QFile(path).size() > 500, name);
      QVERIFY(w.window.messages().isVisible());
    }
    w.window.exporting().write(QStringLiteral("/nowhere/card.png"), Exporting::What::Picture);
    settle(w.window.exporting());
    QVERIFY(says(w.window.messages(), QStringLiteral("cannot")) ||
            says(w.window.messages(), QStringLiteral("nowhere")));
  }

  void anEmptyCardAndOneWithoutHeroAreHandled() {
    InkWindow w;
    w.session().start(newPlanLike(w.session().plan()));
    settleLooks(w.session());
    settle(w.view());
    QVERIFY(says(w.place(), QStringLiteral("nothing on the card")));
    for (const InkPlace::Page page :
         {InkPlace::Background, InkPlace::Colours, InkPlace::Greeting, InkPlace::Looks})
      w.place().showPage(page);
    settle(w.place().colours());
    w.place().background().addWash(WashKind::Sky);
    QCOMPARE(w.session().plan().washes.size(), size_t{1});
    w.window.openDemo();
    Plan p = w.session().plan();
    for (Impression& i : p.impressions) i.hero = false;
    w.session().start(p);
    settleLooks(w.session());
    QVERIFY(says(w.place(), QStringLiteral("Choose a hero")));
  }

 private:
  static Plan newPlanLike(const Plan& p) {
    Plan out;
    out.card = p.card, out.view = p.view, out.inks = p.inks;
    return out;
  }
};

HAVLO_TEST(TstInk)
#include "tst_ink.moc"
