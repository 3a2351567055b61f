// The scene through its real window: choosing, dragging on face and walk, nudging, turning, typing, fixing,
// undoing.
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>
#include <QSpinBox>

#include "app/common/choice_list.h"
#include "app/drawer/drawer_place.h"
#include "app/scene/reading_panel.h"
#include "app/scene/thing_panel.h"
#include "core/edit/card_edits.h"
#include "core/edit/edits.h"
#include "core/edit/piece_edits.h"
#include "core/edit/wash_edits.h"
#include "core/outline/shape_ops.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

void drag(QWidget& widget, QPoint from, QPoint to, Qt::KeyboardModifiers keys = Qt::NoModifier) {
  QTest::mousePress(&widget, Qt::LeftButton, keys, from);
  for (int k = 1; k <= 6; ++k) {
    const QPoint at = from + (to - from) * k / 6;
    QMouseEvent move(QEvent::MouseMove, at, widget.mapToGlobal(at), Qt::NoButton, Qt::LeftButton, keys);
    QApplication::sendEvent(&widget, &move);
  }
  QTest::mouseRelease(&widget, Qt::LeftButton, keys, to);
}

}  // namespace

class TstScene : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void aClickChoosesWhatIsInFront() {
    Window w;
    QTest::mouseClick(&w.face(), Qt::LeftButton, {}, w.pixelOn("duck", {10, 5}));
    QCOMPARE(w.session().selected(), QStringLiteral("duck"));
    QTest::mouseClick(&w.face(), Qt::LeftButton, {}, w.pixelOn("hare", {8, 15}));
    QCOMPARE(w.session().selected(), QStringLiteral("hare"));
    QTest::mouseClick(&w.face(), Qt::LeftButton, {}, QPoint(3, 3));
    QVERIFY(w.session().selected().isEmpty());
  }

  void draggingMovesTheFootByTheSameWay() {
    Window w;
    const Point before = w.footOf("duck");
    const double scale = w.face().geometryNow().scale;
    const QPoint from = w.pixelOn("duck", {10, 5});
    drag(w.face(), from, from + QPoint(-40, 18));
    const Point after = w.footOf("duck");
    QVERIFY(std::abs(after.x - before.x + 40 / scale) < 0.01);
    QVERIFY(std::abs(after.y - before.y + 18 / scale) < 0.01);
    QCOMPARE(w.session().undoStack().count(), 1);
    QVERIFY(w.session().undoStack().undoText().startsWith(QStringLiteral("Move the duck")));
    QVERIFY(w.session().undoStack().undoText().contains(QStringLiteral("down")));
    w.window.action(QStringLiteral("undo"))->trigger();
    QCOMPARE(w.footOf("duck"), before);
  }

  /// Places out of sight, all of which have been visited, ask for no masks and steps at any step of a hand,
  /// and have them as they are now when it lets go.
  void whileAThingIsDraggedNobodyAsksForTheWork() {
    Window w;
    for (const char* id : {"card", "order", "ink", "colour", "make", "arrange", "drawer", "log", "scene"}) {
      w.window.visit(QLatin1String(id));
      QCoreApplication::processEvents();
    }
    w.session().select(QStringLiteral("duck"));
    waitForJobs(w.window);
    const QPoint from = w.pixelOn("duck", {10, 5});
    QTest::mousePress(&w.face(), Qt::LeftButton, {}, from);
    for (int k = 1; k <= 6; ++k) {
      const QPoint at = from + QPoint(-10 * k, -6 * k);
      QMouseEvent move(QEvent::MouseMove, at, w.face().mapToGlobal(at), Qt::NoButton, Qt::LeftButton, {});
      QApplication::sendEvent(&w.face(), &move);
      w.window.grab();
      QVERIFY(w.session().scene()->workStands);
    }
    QTest::mouseRelease(&w.face(), Qt::LeftButton, {}, from + QPoint(-60, -36));
    QVERIFY(!w.session().scene()->workStands);
    QCOMPARE(w.session().scene()->sheet.steps.size(),
             analyse(w.session().plan(), nullptr, w.session().art().get())->sheet.steps.size());
  }

  // Half a stamp by key and mouse: a list says which side of a line is stamped, the line's ends are dragged.
  void aPartIsDrawnAcrossTheStamp() {
    Window w;
    w.session().select(QStringLiteral("duck"));
    auto* part = w.window.findChild<QComboBox*>(QStringLiteral("part"));
    // What is rarely other than usual is asked for, and may be put away again.
    auto* more = w.window.findChild<QPushButton*>(QStringLiteral("moreOfThing"));
    QVERIFY(part && !part->isVisible() && more->isVisible());
    QTest::mouseClick(more, Qt::LeftButton);
    const auto less = qScopeGuard([] { QSettings().remove(QStringLiteral("allOfThing")); });
    QVERIFY(part->isVisible());
    part->setFocus();
    QTest::keyClick(part, Qt::Key_Down);
    const auto thing = [&]() -> const Impression& { return *w.session().plan().impression("duck"); };
    const Stamp& stamp = *w.session().plan().stamp("duck");
    const auto line = [&] { return partLineOf(thing(), stamp); };
    QVERIFY(line());
    const double middle = (boxOf(stamp.silhouette).bottom + boxOf(stamp.silhouette).top) / 2;
    QVERIFY(std::abs(line()->a.y - middle) < 0.01 && std::abs(line()->b.y - middle) < 0.01);
    const double half = areaOf(
        w.session().analysis()->meetings.placed[ix(w.session().plan().indexOf("duck"))]->outline->silhouette);
    // The right end down by 10 pixels: the line tilts, more is stamped.
    const FaceGeometry g = w.face().geometryNow();
    const Placing placing = placingOf(thing(), stamp);
    const QPoint end = g.toPixels(placing.toPanel(line()->b)).toPoint();
    drag(w.face(), end, end + QPoint(0, 10));
    QVERIFY(line());
    QVERIFY2(std::abs(line()->b.y - (middle - 10 / g.scale)) < 0.3, qPrintable(QString::number(line()->b.y)));
    QVERIFY(std::abs(line()->a.y - middle) < 0.3);
    QVERIFY(areaOf(w.session()
                       .analysis()
                       ->meetings.placed[ix(w.session().plan().indexOf("duck"))]
                       ->outline->silhouette) > half);
    // The other side, by the list: the line stays, the rest is stamped.
    const PartLine before = *line();
    QTest::keyClick(part, Qt::Key_Down);
    QVERIFY(line() && std::abs(line()->b.y - before.a.y) < 0.01 && std::abs(line()->a.y - before.b.y) < 0.01);
    w.window.action(QStringLiteral("undo"))->trigger();
    w.window.action(QStringLiteral("undo"))->trigger();
    w.window.action(QStringLiteral("undo"))->trigger();
    QVERIFY(thing().part.empty());
  }

  // The wheel rolls the panel; over a list or a number it changes nothing of the plan, focused or not.
  void theWheelChangesNothing() {
    Window w;
    w.session().select(QStringLiteral("duck"));
    const Plan before = w.session().plan();
    for (const char* name : {"ink", "pressing", "school", "part", "lit"}) {
      auto* field = w.window.findChild<QWidget*>(QLatin1String(name));
      QVERIFY(field);
      for (const bool focused : {false, true}) {
        if (focused) field->setFocus();
        const QPoint at = field->rect().center();
        for (int k = 0; k < 5; ++k) {
          QWheelEvent turn(at, field->mapToGlobal(at), {}, {0, -120}, Qt::NoButton, Qt::NoModifier,
                           Qt::NoScrollPhase, false);
          QApplication::sendEvent(field, &turn);
        }
      }
    }
    QVERIFY(w.session().plan() == before);
    QCOMPARE(w.session().undoStack().count(), 0);
  }

  void shiftKeepsToOneDirection() {
    Window w;
    const Point before = w.footOf("duck");
    const QPoint from = w.pixelOn("duck", {10, 5});
    drag(w.face(), from, from + QPoint(-40, 6), Qt::ShiftModifier);
    QCOMPARE(w.footOf("duck").y, before.y);
    QVERIFY(w.footOf("duck").x < before.x);
  }

  void theKiteFollowsTheHare() {
    Window w;
    const Point kite = w.footOf("kite"), hare = w.footOf("hare");
    const QPoint from = w.pixelOn("hare", {8, 15});
    drag(w.face(), from, from + QPoint(-30, 0));
    QVERIFY(std::abs((w.footOf("kite").x - kite.x) - (w.footOf("hare").x - hare.x)) < 1e-9);
  }

  void nudging_data() {
    QTest::addColumn<int>("key");
    QTest::addColumn<bool>("shift");
    QTest::addColumn<bool>("inches");
    QTest::addColumn<double>("dx");
    QTest::addColumn<double>("dy");
    QTest::newRow("right, mm") << int(Qt::Key_Right) << false << false << 1.0 << 0.0;
    QTest::newRow("left, fine mm") << int(Qt::Key_Left) << true << false << -0.1 << 0.0;
    QTest::newRow("up, inches") << int(Qt::Key_Up) << false << true << 0.0 << 25.4 / 16;
    QTest::newRow("down, fine inches") << int(Qt::Key_Down) << true << true << 0.0 << -25.4 / 64;
  }
  void nudging() {
    QFETCH(int, key);
    QFETCH(bool, shift);
    QFETCH(bool, inches);
    QFETCH(double, dx);
    QFETCH(double, dy);
    Window w;
    w.session().setUnits(inches ? MeasureStyle::Inches : MeasureStyle::Millimetres);
    w.session().select(QStringLiteral("duck"));
    const Point before = w.footOf("duck");
    for (int k = 0; k < 3; ++k)
      QTest::keyClick(&w.face(), static_cast<Qt::Key>(key), shift ? Qt::ShiftModifier : Qt::NoModifier);
    QVERIFY(std::abs(w.footOf("duck").x - before.x - 3 * dx) < 1e-9);
    QVERIFY(std::abs(w.footOf("duck").y - before.y - 3 * dy) < 1e-9);
    QCOMPARE(w.session().undoStack().count(), 1);
  }

  void turningByKeysAndByTheHandle() {
    Window w;
    w.session().select(QStringLiteral("duck"));
    QTest::keyClick(&w.face(), Qt::Key_Comma);
    QTest::keyClick(&w.face(), Qt::Key_Comma);
    QTest::keyClick(&w.face(), Qt::Key_Period, Qt::ShiftModifier);
    QVERIFY(std::abs(w.session().plan().impression("duck")->turn_deg - 1.9) < 1e-9);
    // The handle stands above the middle of the stamp's top; a quarter turn to the right brings it to the
    // right.
    const Stamp& stamp = *w.session().plan().stamp("duck");
    w.session().edit(QStringLiteral("level"), withTurn(w.session().plan(), "duck", Degrees{0}));
    const FaceGeometry g = w.face().geometryNow();
    const QPointF foot = g.toPixels(w.footOf("duck"));
    const double reach = stamp.height_mm * g.scale + 26;
    drag(w.face(), (foot - QPointF(0, reach)).toPoint(), (foot + QPointF(reach, 0)).toPoint());
    QVERIFY2(std::abs(w.session().plan().impression("duck")->turn_deg + 90) <= 2,
             qPrintable(QString::number(w.session().plan().impression("duck")->turn_deg)));
  }

  void typingAMeasure() {
    Window w;
    w.session().setUnits(MeasureStyle::Inches);
    w.session().select(QStringLiteral("duck"));
    w.face().setFocus();
    QTest::keyClick(&w.face(), Qt::Key_L);
    auto* editor = w.face().findChild<QLineEdit*>();
    QVERIFY(editor->isVisible());
    editor->selectAll();
    QTest::keyClicks(editor, QStringLiteral("2 3/8"));
    QTest::keyClick(editor, Qt::Key_Return);
    QVERIFY(std::abs(w.footOf("duck").x - 60.325) < 1e-9);
    QTest::keyClick(&w.face(), Qt::Key_B);
    editor->selectAll();
    QTest::keyClicks(editor, QStringLiteral("30mm"));
    QTest::keyClick(editor, Qt::Key_Return);
    QVERIFY(std::abs(w.footOf("duck").y - 30) < 1e-9);
    QTest::keyClick(&w.face(), Qt::Key_L);
    editor->selectAll();
    QTest::keyClicks(editor, QStringLiteral("far left"));
    QTest::keyClick(editor, Qt::Key_Return);
    QVERIFY(std::abs(w.footOf("duck").x - 60.325) < 1e-9);
    QVERIFY(w.window.messages().shownText().contains(QStringLiteral("not a measure")));
  }

  void theWalkSlidesTheFootAlongItsLineOfSight() {
    Window w;
    const View view = *w.session().plan().view;
    const Point before = w.footOf("duck");
    const int duck = w.session().plan().indexOf("duck");
    const QPoint from = w.walk().flatOf(duck).toPoint();
    drag(w.walk(), from, from + QPoint(60, 0));
    const Point after = w.footOf("duck");
    QVERIFY(after.y > before.y + 2);
    // Foot before, foot after and the vanishing point are in line.
    const double vx = *view.vanishX_mm;
    QVERIFY(std::abs((before.x - vx) / (view.horizon_mm - before.y) -
                     (after.x - vx) / (view.horizon_mm - after.y)) < 1e-9);
    // Face and walk agree: the distance of the new foot is where the flat now stands.
    const double d = w.session().analysis()->depth->distance_m(duck);
    QVERIFY(std::abs(groundDistance(view, Millimetres{after.y}).value - d) < 1e-9);
    QVERIFY(std::abs(w.walk().flatOf(duck).x() - w.walk().xOf(d)) < 30);
    QCOMPARE(w.session().undoStack().count(), 1);
  }

  // Mist is hung between two rows by dragging it in the walk, and the stack follows.
  void mistIsDraggedInTheWalk() {
    Window w;
    Wash mist = w.session().plan().washes[0];
    mist.id = "mist", mist.name = "mist", mist.kind = WashKind::Mist, mist.limits.clear(), mist.lets.clear();
    mist.depth = AtMetres{8};
    Plan misty = w.session().plan();
    misty.washes.push_back(mist);
    w.session().edit(QStringLiteral("mist"), misty);
    const Plan& plan = w.session().plan();
    const int wash = static_cast<int>(plan.washes.size()) - 1, boat = plan.indexOf("boat"),
              hills = plan.indexOf("hills");
    QCOMPARE(plan.washes[ix(wash)].id, std::string("mist"));
    const auto nearer = [&](int thing) { return w.session().analysis()->stack.nearer(thing, wash); };
    const double boat_m = w.session().analysis()->depth->distance_m(boat);
    QVERIFY(boat_m > 8 && !nearer(boat));
    const auto grip = w.walk().veilOf(wash);
    QVERIFY(grip);
    const QPoint to(qRound(w.walk().xOf(boat_m * 6)), qRound(grip->y()));
    drag(w.walk(), grip->toPoint(), to);
    const auto* at = std::get_if<AtMetres>(&w.session().plan().washes[ix(wash)].depth);
    QVERIFY(at && at->metres > boat_m);
    QVERIFY(nearer(boat) && !nearer(hills));
    QCOMPARE(w.session().undoStack().count(), 2);  // the mist, and one drag
    // By keys it goes on from there.
    const double before = at->metres;
    QTest::keyClick(&w.walk(), Qt::Key_Left);
    QVERIFY(std::abs(std::get<AtMetres>(w.session().plan().washes[ix(wash)].depth).metres - before / 1.05) <
            1e-6);
    // What lies behind everything has no place in the walk.
    w.session().edit(QStringLiteral("far"), withWashDepth(w.session().plan(), "mist", WashLayer::Far));
    QVERIFY(!w.walk().veilOf(wash));
  }

  void theWalkByKeysAndThingsAtMetres() {
    Window w;
    w.session().select(QStringLiteral("hills"));
    w.walk().setFocus();
    QTest::keyClick(&w.walk(), Qt::Key_Right);
    QVERIFY(std::abs(std::get<AtMetres>(w.session().plan().impression("hills")->depth).metres - 1500 * 1.05) <
            1e-6);
    w.session().select(QStringLiteral("kite"));
    const Plan before = w.session().plan();
    QTest::keyClick(&w.walk(), Qt::Key_Right);
    QVERIFY(w.session().plan() == before);
    QVERIFY(w.window.messages().shownText().contains(QStringLiteral("goes where the thing it is on goes")));
  }

  void doItMovesThePoplarIntoItsBand() {
    Window w;
    auto* fix = w.window.findChild<QPushButton*>(QStringLiteral("fix-0"));
    QVERIFY(fix && fix->text().startsWith(QStringLiteral("Move it")));
    QTest::mouseClick(fix, Qt::LeftButton);
    QTRY_COMPARE(w.session().undoStack().count(), 1);
    QCOMPARE(w.session().selected(), QStringLiteral("poplar3"));
    QVERIFY(readScale(w.session().plan(), w.session().plan().indexOf("poplar3"))->verdict ==
            ScaleVerdict::Fits);
    QTRY_VERIFY(!w.window.findChild<ReadingPanel*>()->findChild<QPushButton*>(QStringLiteral("fix-0")));
  }

  /// Cards that come and go under a moving hand could not be read, and would hold it up.
  void theReadingWaitsUntilTheHandPauses() {
    Window w;
    const auto fix = [&]() -> QPushButton* {
      for (auto* b : w.window.findChild<ReadingPanel*>()->findChildren<QPushButton*>(QStringLiteral("fix-0")))
        if (b->isVisibleTo(&w.window)) return b;
      return nullptr;
    };
    QTest::mouseClick(fix(), Qt::LeftButton);
    const Plan mended = w.session().plan();
    w.window.action(QStringLiteral("undo"))->trigger();
    QTRY_VERIFY(fix());
    {
      const PlanSession::Hold hold(w.session());
      w.session().edit(QStringLiteral("Move"), mended, QStringLiteral("drag"));
      Q_EMIT w.session().looksChanged();  // the eye has glanced meanwhile
      QVERIFY(w.session().handMoves() && fix());
    }
    QTRY_VERIFY(!fix());
  }

  void showMeChoosesTheThing() {
    Window w;
    QTest::mouseClick(w.window.findChild<QPushButton*>(QStringLiteral("show-0")), Qt::LeftButton);
    QCOMPARE(w.session().selected(), QStringLiteral("poplar3"));
  }

  void addingAndTakingOff() {
    Window w;
    const size_t before = w.session().plan().impressions.size();
    w.window.scene().addStamp(QStringLiteral("duck"));
    QCOMPARE(w.session().plan().impressions.size(), before + 1);
    QCOMPARE(w.session().selected(), QStringLiteral("duck2"));
    QVERIFY(readScale(w.session().plan(), static_cast<int>(before))->verdict ==
            ScaleVerdict::Fits);  // put where its size is right
    QTest::mouseClick(w.window.findChild<QPushButton*>(QStringLiteral("remove")), Qt::LeftButton);
    QCOMPARE(w.session().plan().impressions.size(), before);
    w.window.action(QStringLiteral("undo"))->trigger();
    QCOMPARE(w.session().plan().impressions.size(), before + 1);
  }

  void theShelfLeadsToTheDrawer() {
    Window w;
    w.window.action(QStringLiteral("addStamp"))->trigger();
    auto* shelf = w.window.findChild<ChoiceList*>(QStringLiteral("shelf"));
    QVERIFY(shelf);
    shelf->setCurrentRow(shelf->count() - 1);
    QTest::keyClick(shelf, Qt::Key_Return);
    QVERIFY(w.window.drawer().isVisible());
    w.session().start(newPlan(w.session().plan().card));  // a plan without stamps goes there at once
    w.window.visit(QStringLiteral("scene"));
    w.window.action(QStringLiteral("addStamp"))->trigger();
    QVERIFY(w.window.drawer().isVisible());
  }

  void aStampIsTakenFromTheShelf() {
    Window w;
    const size_t before = w.session().plan().impressions.size();
    w.window.action(QStringLiteral("addStamp"))->trigger();
    auto* shelf = w.window.findChild<ChoiceList*>(QStringLiteral("shelf"));
    QVERIFY(shelf);
    QCOMPARE(shelf->count(), static_cast<int>(w.session().plan().stamps.size()) + 1);  // last, the drawer
    shelf->setCurrentRow(shelf->count() - 2);
    QTest::keyClick(shelf, Qt::Key_Return);
    QCOMPARE(w.session().plan().impressions.size(), before + 1);
    QCOMPARE(w.session().plan().impressions.back().stamp, w.session().plan().stamps.back()->id);
  }

  void anEmptyWindowBeginsWithTheDemo() {
    Window w(false);
    for (QPushButton* b : w.window.findChildren<QPushButton*>())
      if (b->text() == QStringLiteral("Start from the demo")) QTest::mouseClick(b, Qt::LeftButton);
    QCOMPARE(w.session().title(), QStringLiteral("Kite over the long pound"));
    w.window.action(QStringLiteral("avenue"))->trigger();
    QCOMPARE(w.session().title(), QStringLiteral("Avenue"));
  }

  // What is glued on or coloured elsewhere is seen here too, and gone again when it is undone.
  void whatIsDoneElsewhereIsSeenOnTheFace() {
    Window w;
    waitForJobs(w.window);
    const auto at = [&](Point p) {
      const QImage image = w.face().grab().toImage();
      return image.pixelColor((w.face().geometryNow().toPixels(p) * image.devicePixelRatio()).toPoint());
    };
    const Point sky{100, 118};
    const QColor before = at(sky);
    Piece piece;
    piece.kind = PieceKind::Plain, piece.paper.colour = {200, 20, 20};
    piece.width_mm = piece.height_mm = 20, piece.at = {90, 104};
    w.session().edit(QStringLiteral("a piece"), withPiece(w.session().plan(), piece));
    waitForJobs(w.window);
    QVERIFY2(at(sky).red() > 150 && at(sky).blue() < 80, qPrintable(at(sky).name()));
    w.session().undoStack().undo();
    waitForJobs(w.window);
    QCOMPARE(at(sky), before);
    const QImage coloured = w.face().grab().toImage();
    Plan bare = w.session().plan();
    bare.colourings.clear();
    w.session().edit(QStringLiteral("bare"), Result<Plan>(bare));
    waitForJobs(w.window);
    QVERIFY(w.face().grab().toImage() != coloured);
  }

  void inkPressingSchoolAndTurnAreChosenBeside() {
    Window w;
    w.session().select(QStringLiteral("duck"));
    auto* panel = w.window.findChild<ThingPanel*>();
    panel->findChild<QSpinBox*>(QStringLiteral("pressing"))->setValue(3);
    QCOMPARE(w.session().plan().impression("duck")->generation, 3);
    auto* school = panel->findChild<QComboBox*>(QStringLiteral("school"));
    school->setFocus();
    QTest::keyClick(school, Qt::Key_Down);
    QVERIFY(w.session().plan().impression("duck")->school == School::Overprint);
    QTest::keyClick(school, Qt::Key_End);
    QVERIFY(w.session().plan().impression("duck")->school == School::Across);
    // Nothing is glued on under it: that is said.
    const auto& found = w.session().analysis()->findings;
    QVERIFY(std::any_of(found.begin(), found.end(),
                        [](const Finding& f) { return f.kind == FindingKind::AcrossRim; }));
    auto* turn = panel->findChild<QLineEdit*>(QStringLiteral("turn"));
    turn->setText(QStringLiteral("12,5"));
    Q_EMIT turn->editingFinished();
    QCOMPARE(w.session().plan().impression("duck")->turn_deg, 12.5);
  }

  void keysGoThroughTheThings() {
    Window w;
    w.face().setFocus();
    QTest::keyClick(&w.face(), Qt::Key_PageDown);
    const QString first = w.session().selected();
    QVERIFY(!first.isEmpty());
    QTest::keyClick(&w.face(), Qt::Key_PageDown);
    QVERIFY(w.session().selected() != first);
    QTest::keyClick(&w.face(), Qt::Key_PageUp);
    QCOMPARE(w.session().selected(), first);
    QTest::keyClick(&w.face(), Qt::Key_Escape);
    QVERIFY(w.session().selected().isEmpty());
  }

  void zoomingKeepsWhatIsUnderThePointer() {
    Window w;
    const QPoint at = w.pixelOn("duck", {10, 5});
    const Point before = w.face().geometryNow().toPanel(at);
    QWheelEvent wheel(at, w.face().mapToGlobal(at), {}, QPoint(0, 480), Qt::NoButton, Qt::ControlModifier,
                      Qt::NoScrollPhase, false);
    QApplication::sendEvent(&w.face(), &wheel);
    QVERIFY(w.face().zoom() > 1.5);
    const Point after = w.face().geometryNow().toPanel(at);
    QVERIFY(std::abs(before.x - after.x) < 0.01 && std::abs(before.y - after.y) < 0.01);
  }

  void aPlanInAKnotOpensAndIsMended() {
    Window w;
    Plan p = w.session().plan();
    p.impressions[ix(p.indexOf("hills"))].inFrontOf = {"hare"};
    w.session().start(p);
    QVERIFY(!w.session().analysis()->knots.rings.empty());
    auto* fix = w.window.findChild<QPushButton*>(QStringLiteral("fix-0"));
    QVERIFY(fix->text().contains(QStringLiteral("go behind")));
    QTest::mouseClick(fix, Qt::LeftButton);
    QTRY_VERIFY(w.session().analysis()->knots.rings.empty());
  }

  void anEmptySceneSaysWhatToDo() {
    Window w(false);
    QVERIFY(w.session().plan().impressions.empty());
    QVERIFY(!w.face().grab().isNull() && !w.walk().grab().isNull());
  }

  // One more of it, in the same ink and pressing, beside it; Undo takes it back. The walk folds and the card
  // grows.
  void oneMoreOfIt() {
    Window w;
    w.session().select(QStringLiteral("duck"));
    const size_t before = w.session().plan().impressions.size();
    const Impression duck = *w.session().plan().impression("duck");
    w.window.action(QStringLiteral("another"))->trigger();
    QCOMPARE(w.session().plan().impressions.size(), before + 1);
    const Impression& more = w.session().plan().impressions[ix(w.session().selectedIndex())];
    QVERIFY(more.id != duck.id && more.stamp == duck.stamp && more.ink == duck.ink &&
            more.generation == duck.generation && more.turn_deg == duck.turn_deg &&
            more.school == duck.school);
    QVERIFY(std::fabs(more.at.x - duck.at.x) > 1);
    w.session().undoStack().undo();
    QCOMPARE(w.session().plan().impressions.size(), before);
  }
  void theWalkFolds() {
    Window w;
    w.window.scene().foldWalk(false);
    QCoreApplication::processEvents();
    const double before = w.face().geometryNow().scale;
    QTest::mouseClick(w.window.findChild<QPushButton*>(QStringLiteral("foldWalk")), Qt::LeftButton);
    QCoreApplication::processEvents();
    QVERIFY(!w.walk().isVisible());
    QVERIFY(w.face().geometryNow().scale > before);
    w.window.action(QStringLiteral("walk"))->trigger();
    QVERIFY(w.walk().isVisible());
  }
};

HAVLO_TEST(TstScene)
#include "tst_scene.moc"
