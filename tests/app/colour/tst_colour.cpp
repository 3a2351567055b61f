// The place Colour through its real window: parts clicked and swept with the mouse, gone through by keys,
// lines drawn, dots scattered, own steps put in, a suggestion taken.
#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QLineEdit>
#include <QPointer>
#include <QPushButton>
#include <QSlider>
#include <cmath>

#include "app/colour/colour_page.h"
#include "app/colour/colour_place.h"
#include "app/colour/suggest_page.h"
#include "app/common/choice_list.h"
#include "app/common/swatch_dialog.h"
#include "app/session/drawer_session.h"
#include "core/edit/view_edits.h"
#include "core/handwork/act_list.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct ColourWindow : Window {
  explicit ColourWindow(const char* demo = "canal-towpath") {
    window.openDemo(QLatin1String(demo));
    Plan plain = session().plan();  // whatever the demo is coloured with
    plain.colourings.clear(), plain.lines.clear(), plain.accents.clear(), plain.lifts.clear(),
        plain.own.clear();
    for (Impression& i : plain.impressions) i.like.clear();
    session().start(plain);
    window.visit(QStringLiteral("colour"));
    settle(view());
  }
  ColourPlace& place() { return window.colour(); }
  ColourView& view() { return window.colour().view(); }
  const Plan& plan() { return session().plan(); }
  int thing(const char* id) { return plan().indexOf(id); }
  RegionsRef parts(const char* id) { return view().parts().of(thing(id)); }
  /// A pixel in a part of a thing.
  QPoint at(const char* id, int part) {
    const Impression& i = *plan().impression(id);
    const Point p = placingOf(i, *plan().stamp(i.stamp)).toPanel(parts(id)->all()[ix(part)].at);
    return view().geometryNow().toPixels(p).toPoint();
  }
  QPoint at(Point p) { return view().geometryNow().toPixels(p).toPoint(); }
  void click(QPoint p) {
    QTest::mouseClick(&view(), Qt::LeftButton, {}, p);
    waitForJobs(window);
  }
  template <typename W>
  W* child(const char* name) {
    return place().findChild<W*>(QLatin1String(name));
  }
  void press(const char* button) {
    auto* b = child<QPushButton>(button);
    QVERIFY2(b, button);
    QTest::mouseClick(b, Qt::LeftButton);
    waitForJobs(window);
  }
  void drag(QPoint from, QPoint to, int steps = 12) {
    QTest::mousePress(&view(), Qt::LeftButton, {}, from);
    for (int k = 1; k <= steps; ++k) QTest::mouseMove(&view(), from + (to - from) * k / steps);
    QTest::mouseRelease(&view(), Qt::LeftButton, {}, to);
    waitForJobs(window);
  }
};

}  // namespace

class TstColour : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void aClickColoursThePartInTheInkInHand() {
    ColourWindow w;
    QVERIFY(w.parts("hare") && w.parts("hare")->all().size() > 4);
    auto& inks = w.place().colours().inks();
    QVERIFY(inks.choose(QStringLiteral("ember")));
    w.click(w.at("hare", 0));
    QCOMPARE(w.plan().colourings.size(), size_t{1});
    QCOMPARE(w.plan().colourings[0].ink, std::string("ember"));
    QCOMPARE(w.plan().colourings[0].impression, std::string("hare"));
    QCOMPARE(w.session().selected(), QStringLiteral("hare"));
    QVERIFY(w.view().pictureIsNow());
    // Again in another ink: still one colouring.
    QVERIFY(inks.choose(QStringLiteral("willow")));
    w.click(w.at("hare", 0));
    QCOMPARE(w.plan().colourings.size(), size_t{1});
    QCOMPARE(w.plan().colourings[0].ink, std::string("willow"));
    w.session().undoStack().undo();
    QCOMPARE(w.plan().colourings[0].ink, std::string("ember"));
    w.session().undoStack().undo();
    QVERIFY(w.plan().colourings.empty());
  }

  void aPartIsCalledByItsName() {
    ColourWindow w;
    w.place().colours().inks().choose(QStringLiteral("ember"));
    w.click(w.at("hare", 0));
    press(w.place(), QStringLiteral("Name"));
    QPointer<QDialog> sheet = w.window.findChild<QDialog*>(QStringLiteral("ask"));
    QVERIFY(sheet && sheet->isVisible());
    auto* line = sheet->findChild<QLineEdit*>(QStringLiteral("answer"));
    line->selectAll();
    QTest::keyClicks(line, QStringLiteral(" waistcoat "));
    QTest::keyClick(line, Qt::Key_Return);
    QTRY_VERIFY(!sheet);
    waitForJobs(w.window);
    QCOMPARE(w.session().undoStack().undoText(), QStringLiteral("Name a part"));
    QVERIFY(says(w.place(), QStringLiteral("aistcoat")));
  }

  void aSweepColoursSeveralAndIsOneStepOfUndo() {
    ColourWindow w;
    w.view().lookAt(w.thing("hare"));
    waitForJobs(w.window);
    w.drag(w.at("hare", 0), w.at("hare", 1), 40);
    QVERIFY(w.plan().colourings.size() >= 2);
    w.session().undoStack().undo();
    QVERIFY(w.plan().colourings.empty());
  }

  void bareUncolouredTakenUpAndTheRest() {
    ColourWindow w;
    w.place().colours().inks().choose(QStringLiteral("ember"));
    w.press("tool-1");
    w.click(w.at("duck", 0));
    QVERIFY(w.plan().colourings.size() == 1 && w.plan().colourings[0].bare);
    w.press("fillRest");
    QCOMPARE(w.plan().colourings.size(), size_t{2});
    QVERIFY(std::holds_alternative<RestOfRegions>(w.plan().colourings[1].region));
    w.press("tool-2");
    w.click(w.at("duck", 1));
    QVERIFY(w.plan().colourings.size() == 3 && w.plan().colourings[2].bare);
    // Take up what another thing has.
    w.press("tool-0");
    w.place().colours().inks().choose(QStringLiteral("dusk"));
    w.click(w.at("hare", 0));
    w.place().colours().inks().choose(QStringLiteral("ember"));
    w.press("tool-3");
    w.click(w.at("hare", 0));
    QCOMPARE(w.place().colours().with().ink, std::string("dusk"));
    QCOMPARE(w.view().tool(), HandTool::Colour);
    w.click(w.at("hare", 1));
    QCOMPARE(w.plan().colourings.back().ink, std::string("dusk"));
    w.press("clearColour");
    for (const Colouring& c : w.plan().colourings) QVERIFY(c.impression != "hare");
  }

  void everyPartIsReachedByKeys() {
    ColourWindow w;
    w.session().select(QStringLiteral("kite"));
    w.view().setFocus();
    for (size_t k = 0; k < w.parts("kite")->all().size(); ++k) {
      QTest::keyClick(&w.view(), Qt::Key_Right);
      QTest::keyClick(&w.view(), Qt::Key_Return);
    }
    waitForJobs(w.window);
    QCOMPARE(w.plan().colourings.size(), w.parts("kite")->all().size());
    QTest::keyClick(&w.view(), Qt::Key_Down);
    QVERIFY(w.session().selected() != QStringLiteral("kite"));
    QTest::keyClick(&w.view(), Qt::Key_Plus);
    QVERIFY(w.view().closeness() > 1.2);
    QTest::keyClick(&w.view(), Qt::Key_0);
    QCOMPARE(w.view().closeness(), 1.0);
    for (int key : {Qt::Key_Left, Qt::Key_Up, Qt::Key_Escape, Qt::Key_Minus, Qt::Key_Space})
      QTest::keyClick(&w.view(), static_cast<Qt::Key>(key));
  }

  void copiesAreColouredAlikeAndVaried() {
    ColourWindow w;
    w.click(w.at("reeds1", 0));
    w.session().select(QStringLiteral("reeds2"));
    waitForJobs(w.window);
    auto* alike = w.child<QComboBox>("colouredLike");
    QVERIFY(alike && alike->isVisible());
    const int row = alike->findData(QStringLiteral("reeds1"));
    QVERIFY(row > 0);
    alike->setFocus();
    for (int k = 0; k < row; ++k) QTest::keyClick(alike, Qt::Key_Down);
    waitForJobs(w.window);
    QCOMPARE(w.plan().impression("reeds2")->like, std::string("reeds1"));
    w.press("vary");
    QVERIFY(w.plan().impression("reeds2")->like.empty());
    QCOMPARE(w.plan().colourings.size(), size_t{2});
    QVERIFY(w.plan().colourings[0].strength != w.plan().colourings[1].strength);
  }

  void aLineIsDrawnAndSnapsToTheHorizon() {
    ColourWindow w;
    w.press("drawLine");
    QCOMPARE(w.view().tool(), HandTool::Line);
    const double horizon = w.plan().view->horizon_mm;
    w.drag(w.at({20, horizon + 0.7}), w.at({60, horizon - 0.6}));
    QCOMPARE(w.plan().lines.size(), size_t{1});
    const HandLine& line = w.plan().lines[0];
    QCOMPARE(line.along.size(), size_t{2});
    QVERIFY(std::fabs(line.along[0].y - horizon) < 1e-6 && std::fabs(line.along[1].y - horizon) < 1e-6);
    // A bent one keeps its bends; a click alone draws nothing.
    QTest::mousePress(&w.view(), Qt::LeftButton, {}, w.at({30, 10}));
    for (int k = 1; k <= 20; ++k)
      QTest::mouseMove(&w.view(), w.at({30 + k * 1.0, 10 + 4 * std::sin(k * 0.5)}));
    QTest::mouseRelease(&w.view(), Qt::LeftButton, {}, w.at({50, 10}));
    waitForJobs(w.window);
    QVERIFY(w.plan().lines.back().along.size() > 5);
    w.click(w.at({80, 12}));
    QCOMPARE(w.plan().lines.size(), size_t{2});
    w.press("takeOff-line:l1");
    QCOMPARE(w.plan().lines.size(), size_t{1});
  }

  void theGuidesOfARoomAreInkedAndStayInThePicture() {
    ColourWindow w("potting-shed");
    QVERIFY(w.plan().room);
    w.press("colourTab-1");
    w.press("inkGuides");
    QVERIFY(w.plan().lines.size() > 4);
    for (const HandLine& line : w.plan().lines) QVERIFY(line.id.starts_with("guide"));
    settleOrder(w.session());
    const auto& steps = w.session().analysis()->sheet.steps;
    QVERIFY(std::any_of(steps.begin(), steps.end(), [](const Step& s) { return s.what == Do::Pencil; }));
    QVERIFY(std::any_of(steps.begin(), steps.end(), [](const Step& s) { return s.what == Do::Erase; }));
    const size_t lines = w.plan().lines.size();
    w.press("inkGuides");  // again: the same, not twice
    QCOMPARE(w.plan().lines.size(), lines);
  }

  void dotsArePutOnAndScattered() {
    ColourWindow w;
    w.press("putAccent");
    w.click(w.at({20, 95}));
    QCOMPARE(w.plan().accents.size(), size_t{1});
    w.press("scatter");
    QCOMPARE(w.plan().accents.size(), size_t{2});
    const size_t many = w.plan().accents[1].at.size();
    QVERIFY(many > 25);
    const auto first = w.plan().accents[1].at;
    w.press("scatter");  // another throw instead of the last
    QCOMPARE(w.plan().accents.size(), size_t{2});
    QVERIFY(w.plan().accents[1].at != first);
    w.press("takeOut");
    w.click(w.at({30, 90}));
    QCOMPARE(w.plan().lifts.size(), size_t{1});
  }

  void dotsAreScatteredOverOnePartAndGlossCoversIt() {
    ColourWindow w;
    w.press("colourTab-1");
    w.session().select(QStringLiteral("hare"));
    waitForJobs(w.window);
    auto* over = w.child<QComboBox>("scatterOver");
    const int row = over->findData(QStringLiteral("part:hare:0"));
    QVERIFY(row > 0);
    QVERIFY(!w.child<QPushButton>("coverPart")->isEnabled());
    over->setFocus();
    QTest::keyClick(over, Qt::Key_Home);
    for (int k = 0; k < row; ++k) QTest::keyClick(over, Qt::Key_Down);
    w.press("scatter");
    QCOMPARE(w.plan().accents.size(), size_t{1});
    const Accent& dots = w.plan().accents[0];
    QCOMPARE(dots.on, std::string("hare"));
    QVERIFY(dots.at.size() > 3);
    for (Point p : dots.at) QVERIFY((w.view().parts().at(p) == PartAt{w.thing("hare"), 0}));
    auto* kind = w.child<QComboBox>("accentKind");
    kind->setFocus();
    QTest::keyClick(kind, Qt::Key_Down);  // from dots to gloss
    w.press("coverPart");
    QCOMPARE(w.plan().accents.size(), size_t{2});
    QVERIFY(w.plan().accents[1].region && w.plan().accents[1].kind == AccentKind::Gloss);
    for (const Finding& f : w.session().analysis()->findings) QVERIFY(f.kind != FindingKind::HandworkGone);
  }

  void wordsAreLetteredByHandAndChanged() {
    ColourWindow w;
    w.press("drawLine");
    auto* kind = w.child<QComboBox>("lineKind");
    kind->setFocus();
    QTest::keyClick(kind, Qt::Key_End);
    auto* words = w.child<QLineEdit>("letteredWords");
    QVERIFY(words->isVisible());
    words->setFocus();
    QTest::keyClicks(words, QStringLiteral("Up, up"));
    w.drag(w.at({20, 8}), w.at({60, 8}));
    QCOMPARE(w.plan().lines.size(), size_t{1});
    QCOMPARE(w.plan().lines[0].text, std::string("Up, up"));
    QCOMPARE(w.plan().lines[0].height_mm, 5.0);
    w.press("change-line:l1");
    QVERIFY(words->hasFocus());
    QTest::keyClicks(words, QStringLiteral("Away"));
    QTest::keyClick(words, Qt::Key_Return);
    waitForJobs(w.window);
    QCOMPARE(w.plan().lines[0].text, std::string("Away"));
    w.session().undoStack().undo();
    QCOMPARE(w.plan().lines[0].text, std::string("Up, up"));
    settleOrder(w.session());
    const auto& steps = w.session().analysis()->sheet.steps;
    QVERIFY(std::any_of(steps.begin(), steps.end(), [](const Step& s) { return s.what == Do::Draw; }));
  }

  void inkedGuidesGoWithTheHorizonAndComeBackWithUndo() {
    ColourWindow w("potting-shed");
    w.press("colourTab-1");
    w.press("inkGuides");
    const std::vector<HandLine> before = w.plan().lines;
    View higher = *w.plan().view;
    higher.horizon_mm += 8;
    w.session().edit(QStringLiteral("higher"), withView(w.plan(), higher));
    QVERIFY(w.plan().lines != before);
    w.session().undoStack().undo();
    QCOMPARE(w.plan().lines, before);
  }

  void coloursComeFromAScannedStrip() {
    ColourWindow w;
    QTemporaryDir folder;
    QImage strip(400, 160, QImage::Format_RGB32);
    strip.fill(QColor(0xf4, 0xf0, 0xe4));
    for (int k = 0; k < 3; ++k)
      for (int y = 30; y < 130; ++y)
        for (int x = 30 + 120 * k; x < 130 + 120 * k; ++x)
          strip.setPixelColor(x, y, QColor::fromHsv(120 * k, 150, 180));
    const QString file = folder.filePath(QStringLiteral("strip.png"));
    QVERIFY(strip.save(file));
    const size_t before = w.window.drawerSession().inks().size();
    SwatchDialog dialog(w.window.drawerSession(), file);
    dialog.show();
    waitForJobs(dialog);
    auto* second = dialog.findChild<QCheckBox*>(QStringLiteral("swatch-1"));
    QVERIFY(second && dialog.findChild<QCheckBox*>(QStringLiteral("swatch-2")));
    // Every name stands in the row of its box, once.
    QCOMPARE(dialog.findChildren<QLineEdit*>().size(), 3);
    for (int k = 0; k < 3; ++k) {
      const auto* box = dialog.findChild<QCheckBox*>(QStringLiteral("swatch-%1").arg(k));
      const auto* edit = dialog.findChild<QLineEdit*>(QStringLiteral("swatchName-%1").arg(k));
      QVERIFY(std::abs(box->geometry().center().y() - edit->geometry().center().y()) < 4);
    }
    QTest::mouseClick(second, Qt::LeftButton, {}, QPoint(8, second->height() / 2));
    QVERIFY(!second->isChecked());
    auto* name = dialog.findChild<QLineEdit*>(QStringLiteral("swatchName-0"));
    name->selectAll();
    QTest::keyClicks(name, QStringLiteral("Rose hip"));
    QTest::mouseClick(dialog.findChild<QPushButton*>(QStringLiteral("takeSwatches")), Qt::LeftButton);
    QCOMPARE(dialog.taken().size(), size_t{2});
    const auto& inks = w.window.drawerSession().inks();
    QCOMPARE(inks.size(), before + 2);
    const auto rose =
        std::find_if(inks.begin(), inks.end(), [](const Ink& i) { return i.name == "Rose hip"; });
    QVERIFY(rose != inks.end() && rose->kind == InkKind::Marker && rose->colour.red > rose->colour.green);
    // A file that is no picture is said, and nothing can be taken.
    QFile(folder.filePath(QStringLiteral("no.png"))).open(QIODevice::WriteOnly);
    SwatchDialog none(w.window.drawerSession(), folder.filePath(QStringLiteral("no.png")));
    none.show();
    waitForJobs(none);
    QVERIFY(!none.findChild<QPushButton*>(QStringLiteral("takeSwatches"))->isEnabled());
  }

  void anOwnStepIsPutIn() {
    ColourWindow w;
    w.press("colourTab-2");
    auto* ready = w.child<QComboBox>("readyStep");
    ready->setFocus();
    QTest::keyClick(ready, Qt::Key_Down);
    auto* text = w.child<QLineEdit>("ownText");
    QVERIFY(!text->text().isEmpty());
    w.press("addOwn");
    QCOMPARE(w.plan().own.size(), size_t{1});
    QVERIFY(!w.plan().own[0].before.empty());
    QVERIFY(actNamed(w.plan(), w.plan().own[0].before[0]) >= 0);
    w.press("addOwn");  // nothing is written: nothing happens
    QCOMPARE(w.plan().own.size(), size_t{1});
    QTest::mouseClick(w.child<QCheckBox>("leftHanded"), Qt::LeftButton, {}, QPoint(8, 8));
    QVERIFY(w.plan().making.leftHanded);
  }

  void aSuggestionIsTaken() {
    ColourWindow w;
    w.press("colourTab-3");
    w.place().suggestions().beginWork();
    waitForJobs(w.window);
    const auto& all = w.place().suggestions().proposals();
    QVERIFY(all.size() >= 2);
    QVERIFY(all[0].heroShare > 0);
    const int scheme = static_cast<int>(all[0].scheme);
    w.press(qPrintable(QStringLiteral("takeColouring-%1").arg(scheme)));
    QVERIFY(w.plan().colourings.size() > 10);
    settleLooks(w.session());
    QCOMPARE(w.session().analysis()->looks->heroRank, 1);
  }

  /// Every chooser by every key, with undo between: nothing ends the window, nothing is left stale.
  void keysInEveryChooser() {
    ColourWindow w;
    w.click(w.at("hare", 0));
    for (int page = 0; page < 4; ++page) {
      w.press(qPrintable(QStringLiteral("colourTab-%1").arg(page)));
      for (QWidget* one : w.place().findChildren<QWidget*>()) {
        if (!one->isVisible() || !one->isEnabled() || one->focusPolicy() == Qt::NoFocus) continue;
        for (int key : {Qt::Key_Down, Qt::Key_Up, Qt::Key_End, Qt::Key_Home, Qt::Key_Right})
          QTest::keyClick(one, static_cast<Qt::Key>(key));
        if (w.session().undoStack().canUndo()) w.session().undoStack().undo();
      }
    }
    waitForJobs(w.window);
  }

  void anotherPlanMayBeOpenedAtAnyMoment() {
    ColourWindow w;
    w.click(w.at("hare", 0));
    w.view().lookAt(w.thing("hare"));
    for (const char* name : {"misty-fen", "potting-shed", "canal-towpath"}) {
      w.window.openDemo(QLatin1String(name));
      QTest::mouseMove(&w.view(), w.view().rect().center());
      QTest::mouseClick(&w.view(), Qt::LeftButton, {}, w.view().rect().center());
      w.session().undoStack().undo();
    }
    waitForJobs(w.window);
  }
};

HAVLO_TEST(TstColour)
#include "tst_colour.moc"
