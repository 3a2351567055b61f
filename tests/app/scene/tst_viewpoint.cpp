// The one viewpoint in the real window: horizon, vanishing point, eyes, mist, light, ground, rooms, rows and
// ways out, by mouse and by the panel.
#include <QCheckBox>
#include <QComboBox>
#include <QContextMenuEvent>
#include <QDoubleSpinBox>
#include <QElapsedTimer>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QSlider>
#include <QSpinBox>

#include "app/face/row_draft.h"
#include "app/session/drawer_session.h"
#include "core/edit/view_edits.h"
#include "core/guides/guides.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/plan/role_facts.h"
#include "support/plans.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

void drag(QWidget& widget, QPointF from, QPointF to, Qt::KeyboardModifiers keys = Qt::AltModifier) {
  QTest::mousePress(&widget, Qt::LeftButton, keys, from.toPoint());
  for (int k = 1; k <= 5; ++k) {
    const QPointF at = from.toPoint() + (to.toPoint() - from.toPoint()) * k / 5.0;
    QMouseEvent move(QEvent::MouseMove, at, widget.mapToGlobal(at), Qt::NoButton, Qt::LeftButton, keys);
    QApplication::sendEvent(&widget, &move);
  }
  QTest::mouseRelease(&widget, Qt::LeftButton, keys, to.toPoint());
}

struct Scene : Window {
  explicit Scene(const char* demo = nullptr) : Window(demo == nullptr) {
    if (demo) window.openDemo(QLatin1String(demo));
    settle(face());
  }
  template <typename T>
  T* find(const char* name) {
    QCoreApplication::processEvents();
    return window.findChild<T*>(QLatin1String(name));
  }
  const Plan& plan() { return session().plan(); }
  QPointF px(Point p) { return face().geometryNow().toPixels(p); }
  QMenu* menu(const char* name) {
    QCoreApplication::processEvents();
    for (QWidget* top : QApplication::topLevelWidgets())
      if (auto* m = qobject_cast<QMenu*>(top); m && m->objectName() == QLatin1String(name) && m->isVisible())
        return m;
    return nullptr;
  }
  QPointF horizonTab() {
    const FaceGeometry g = face().geometryNow();
    return {g.face().right() + 9, px({0, plan().view->horizon_mm}).y()};
  }
};

}  // namespace

class TstViewpoint : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void theHorizonIsDraggedAndTheScaleFollows() {
    Scene s;
    const double before = s.plan().view->horizon_mm;
    const double scale = s.face().geometryNow().scale;
    const auto ratio = [&] { return *readScale(s.plan(), s.plan().indexOf("hare"))->ratio; };
    const double was = ratio();
    drag(s.face(), s.horizonTab(), s.horizonTab() - QPointF(0, 30));
    QVERIFY(std::fabs(s.plan().view->horizon_mm - before - 30 / scale) < 0.4);
    QVERIFY(ratio() < was);
    QCOMPARE(s.session().undoStack().count(), 1);
    s.session().undoStack().undo();
    QCOMPARE(s.plan().view->horizon_mm, before);
    // Off the panel it stops at its edge.
    drag(s.face(), s.horizonTab(), QPointF(s.horizonTab().x(), -200));
    QCOMPARE(s.plan().view->horizon_mm, s.plan().card.panel.height_mm);
    drag(s.face(), s.horizonTab(), QPointF(s.horizonTab().x(), 5000));
    QVERIFY(s.plan().view->horizon_mm > 0);
  }

  void theVanishingPointIsDraggedAndCaughtByTheMiddle() {
    Scene s("teaching-avenue");
    const FaceGeometry g = s.face().geometryNow();
    const QPointF at = s.px({vanishX(*s.plan().view, g.width_mm), s.plan().view->horizon_mm});
    drag(s.face(), at, at + QPointF(60, 0));
    QVERIFY(std::fabs(*s.plan().view->vanishX_mm - 63.5 - 60 / g.scale) < 0.5);
    drag(s.face(), at + QPointF(60, 0), at + QPointF(2, 0), Qt::NoModifier);
    QCOMPARE(*s.plan().view->vanishX_mm, g.width_mm / 2);
  }

  void whoseEyesAndMistAreChosen() {
    Scene s;
    auto* eyes = s.find<QComboBox>("eyes");
    eyes->setCurrentIndex(3);
    Q_EMIT eyes->activated(3);
    QCOMPARE(s.plan().view->eyeHeight_m, 1.6);
    auto* height = s.find<QDoubleSpinBox>("eyeHeight");
    QCOMPARE(height->value(), 1.6);
    height->setValue(0.5);
    QCOMPARE(s.plan().view->eyeHeight_m, 0.5);
    auto* mist = s.find<QSlider>("mist");
    mist->setValue(0);
    QVERIFY(std::fabs(*s.plan().view->visibility_m - 20) < 1e-9);
    const AnalysisRef a = s.session().analysis();
    QVERIFY(std::any_of(a->findings.begin(), a->findings.end(),
                        [](const Finding& f) { return f.kind == FindingKind::Tone; }));
    mist->setValue(mist->maximum());
    QVERIFY(!s.plan().view->visibility_m);
  }

  void theHorizonIsFoundFromWhatStandsThere() {
    Scene s;
    View view = *s.plan().view;
    const double right = view.horizon_mm;
    view.horizon_mm = right + 25;
    s.session().edit(QStringLiteral("wrong"), withView(s.plan(), view));
    s.find<QPushButton>("find")->click();
    QVERIFY2(std::fabs(s.plan().view->horizon_mm - right) < 2,
             qPrintable(QString::number(s.plan().view->horizon_mm)));
    bool said = false;
    for (const QLabel* l : s.window.findChildren<QLabel*>())
      said = said || l->text().contains(QStringLiteral("The horizon belongs at"));
    QVERIFY(said);
  }

  void aLightIsChosenDraggedAndThrowsShadows() {
    Scene s;
    auto* kind = s.find<QComboBox>("light");
    Q_EMIT kind->activated(1);
    QVERIFY(s.plan().light && s.plan().light->at);
    const QPointF sun = s.px(*s.plan().light->at);
    drag(s.face(), sun, sun + QPointF(120, 40));
    QVERIFY(std::fabs(s.px(*s.plan().light->at).x() - sun.x() - 120) < 1.5);
    QCOMPARE(s.session().chosenPart(), QStringLiteral("light"));
    const AnalysisRef a = s.session().analysis();
    QVERIFY(castShadows(s.plan(), *a->depth, a->meetings.placed).size() >= 5);
    // The picture changes where a shadow falls.
    settle(s.face());
    const QImage with = s.face().grab().toImage();
    QVERIFY(with.pixelColor(s.px({20, 110}).toPoint()).lightness() > 150);  // the sky is not painted over
    Q_EMIT kind->activated(0);
    settle(s.face());
    QVERIFY(!s.plan().light);
    QVERIFY(with != s.face().grab().toImage());
    for (const int k : {2, 3, 4}) {
      Q_EMIT kind->activated(k);
      QVERIFY(sceneLight(s.plan()).has_value());
    }
  }

  /// No hand waits for shadows: they come when they are painted, and never onto another card.
  void shadowsAreThereWhenTheyArePainted() {
    Scene s;
    const auto pixel = [&](Point at) {
      return s.face().grab().toImage().pixelColor(s.px(at).toPoint()).lightness();
    };
    Plan lit = s.plan();
    lit.light = Light{{}, {}, 150, 25, {}};
    const AnalysisRef a = analyse(lit);
    // In the middle of a shadow that nothing standing hides.
    std::optional<Point> shaded;
    for (const CastShadow& shadow : castShadows(lit, *a->depth, a->meetings.placed)) {
      const Box box = boxOf(shadow.shape);
      for (double x = box.left; x < box.right && !shaded; x += 1) {
        const Point at{x, (box.bottom + box.top) / 2};
        const auto over = [&](const Rings& shape) { return covers(shape, at); };
        if (over(offset(shadow.shape, Millimetres{-1})) &&
            std::none_of(a->meetings.placed.begin(), a->meetings.placed.end(), [&](const PlacedRef& p) {
              return !factsOf(p->outline->stamp->role).backdrop && over(p->silhouette);
            }))
          shaded = at;
      }
    }
    QVERIFY(shaded);
    const int bare = pixel(*shaded);
    s.session().edit(QStringLiteral("Light"), lit);
    QVERIFY(std::abs(pixel(*shaded) - bare) < 3);
    settle(s.face());
    const int dark = pixel(*shaded);
    QVERIFY2(dark < bare - 15, qPrintable(QStringLiteral("%1, %2").arg(bare).arg(dark)));
    // What is painted when another card comes is not laid on it.
    lit.light->direction_deg = 151;
    s.session().edit(QStringLiteral("Light"), lit);
    Plan other = lit;
    other.light.reset();
    s.session().start(other);
    QVERIFY(std::abs(pixel(*shaded) - bare) < 3);
    settle(s.face());
    QVERIFY(std::abs(pixel(*shaded) - bare) < 3);
  }

  void aPathIsLaidBentAndTakenAway() {
    Scene s("teaching-avenue");
    auto* lay = s.find<QPushButton>("lay");
    QVERIFY(lay && lay->menu());
    lay->menu()->actions().at(0)->trigger();
    QCOMPARE(s.plan().ground.size(), 1u);
    QCOMPARE(s.session().chosenMark(), 0);
    auto* width = s.find<QDoubleSpinBox>("markWidth");
    QVERIFY(width->isVisible());
    width->setValue(2.5);
    QCOMPARE(s.plan().ground[0].width_m, 2.5);
    const Point end = s.plan().ground[0].along.front();
    drag(s.face(), s.px(end), s.px({end.x + 20, 6}));
    QVERIFY(std::fabs(s.plan().ground[0].along.front().x - end.x - 20) < 0.5);
    // Clicked away and taken again by its line.
    s.session().select({});
    QCOMPARE(s.session().chosenMark(), -1);
    settle(s.face());
    const AnalysisRef a = s.session().analysis();
    QPointF on;
    for (const GuideChain& c : chained(guidesOf(s.plan(), *a->depth, a->meetings.placed)))
      if (c.of == GuideOf::Ground && c.kind == GuideKind::Ink) on = s.px(c.points.front());
    QTest::mouseClick(&s.face(), Qt::LeftButton, {}, on.toPoint() + QPoint(1, -1));
    QCOMPARE(s.session().chosenMark(), 0);
    s.find<QPushButton>("dropMark")->click();
    QVERIFY(s.plan().ground.empty());
    QVERIFY(s.session().chosenPart().isEmpty());
    // Where its line was there is none, though nothing was painted since.
    QTest::mouseClick(&s.face(), Qt::LeftButton, {}, on.toPoint() + QPoint(1, -1));
    QVERIFY(s.session().chosenPart().isEmpty());
  }

  void everyKindOfGroundCanBeLaid() {
    Scene s("teaching-avenue");
    const auto kinds = s.find<QPushButton>("lay")->menu()->actions();
    QCOMPARE(kinds.size(), 7);
    for (QAction* kind : kinds) kind->trigger();
    QCOMPARE(s.plan().ground.size(), 7u);
    settle(s.face());
    s.face().grab();
    QVERIFY(bool(readPlan(writePlan(s.plan()))));
    for (qsizetype k = 0; k < kinds.size(); ++k) s.session().undoStack().undo();
    QVERIFY(s.plan().ground.empty());
  }

  void aRoomIsMadeFurnishedAndLeft() {
    Scene s("teaching-avenue");
    s.find<QPushButton>("makeRoom")->click();
    QVERIFY(s.plan().room.has_value());
    QCOMPARE(s.session().chosenPart(), QStringLiteral("room"));
    auto* put = s.find<QPushButton>("putIn");
    for (QAction* a : put->menu()->actions()) a->trigger();
    QCOMPARE(s.plan().room->boxes.size(), 3u);
    QCOMPARE(s.plan().room->openings.size(), 3u);
    auto* furniture = s.find<QComboBox>("furniture");
    QCOMPARE(furniture->count(), 6);
    furniture->setCurrentIndex(0);
    Q_EMIT furniture->activated(0);
    s.find<QDoubleSpinBox>("boxHeight")->setValue(1.1);
    QCOMPARE(s.plan().room->boxes[0].height_m, 1.1);
    Q_EMIT s.find<QComboBox>("floor")->activated(2);
    QVERIFY(s.plan().room->floor == FloorKind::Boards);
    const Box before = s.plan().room->back();
    drag(s.face(), s.px({before.right, before.top}), s.px({before.right - 10, before.top - 8}));
    QVERIFY(std::fabs(s.plan().room->width_mm - before.width() + 10) < 0.6);
    // Pushed through the horizon, the wall keeps a floor before it.
    drag(s.face(), s.px({before.left, before.bottom}), s.px({before.left, s.plan().view->horizon_mm + 20}));
    QVERIFY(s.plan().room->bottom_mm < s.plan().view->horizon_mm);
    s.find<QPushButton>("eyeMiddle")->click();
    QVERIFY(std::fabs(*s.plan().view->vanishX_mm - s.plan().room->back().centre().x) < 1e-9);
    QVERIFY(bool(readPlan(writePlan(s.plan()))));
  }

  void aRowIsLaidSeenAndStamped() {
    Scene s;
    s.session().select(QStringLiteral("post1"));
    auto* make = s.find<QPushButton>("makeRow");
    QVERIFY(make->isVisible());
    make->click();
    RowDraft& row = s.window.scene().row();
    QVERIFY(row.active());
    QCOMPARE(row.allSizes().size(), 3u);  // big, middle and small post
    s.find<QSpinBox>("rowCount")->setValue(6);
    QCOMPARE(row.plan().value().places.size(), 6u);
    const Point far = row.wish().to;
    drag(s.face(), s.px(far), s.px({far.x - 10, far.y - 3}));
    QVERIFY(std::fabs(row.wish().to.x - far.x + 10) < 0.5);
    const size_t before = s.plan().impressions.size();
    s.find<QPushButton>("putRow")->click();
    QVERIFY(!row.active());
    QVERIFY(s.plan().impressions.size() > before);
    QCOMPARE(s.plan().impressions.back().row, std::string("row1"));
    QCOMPARE(s.session().undoStack().count(), 1);
    s.session().undoStack().undo();
    QCOMPARE(s.plan().impressions.size(), before);
  }

  void waysOutAreOfferedWithTheirCost() {
    Scene s;
    s.session().select(QStringLiteral("poplar3"));
    auto* ways = s.find<QPushButton>("ways");
    QVERIFY(ways->isVisible());
    ways->click();
    QMenu* menu = s.menu("waysOut");
    QVERIFY(menu && menu->actions().size() >= 3);
    QVERIFY(menu->actions().at(0)->text().contains(QStringLiteral("costs nothing else")));
    menu->actions().at(0)->trigger();
    menu->close();
    const auto scale = readScale(s.plan(), s.plan().indexOf("poplar3"));
    QVERIFY(scale && scale->verdict == ScaleVerdict::Fits);
    s.session().select(QStringLiteral("hare"));
    QVERIFY(!s.find<QPushButton>("ways")->isVisible());
  }

  void aSpotTellsWhatStandsRightThere() {
    Scene s;
    s.window.drawerSession().fillWithDemo();
    const auto ask = [&](Point p) {
      QContextMenuEvent e(QContextMenuEvent::Mouse, s.px(p).toPoint(),
                          s.face().mapToGlobal(s.px(p).toPoint()));
      QApplication::sendEvent(&s.face(), &e);
      return s.menu("fitting");
    };
    QMenu* menu = ask({60, 20});
    QVERIFY(menu);
    QAction* fits = nullptr;
    for (QAction* a : menu->actions())
      if (a->isEnabled() && !a->isSeparator() && !fits) fits = a;
    QVERIFY(fits);
    const size_t before = s.plan().impressions.size();
    fits->trigger();
    menu->close();
    QCOMPARE(s.plan().impressions.size(), before + 1);
    const auto scale = readScale(s.plan(), static_cast<int>(before));
    QVERIFY(scale && scale->verdict == ScaleVerdict::Fits);
    menu = ask({60, s.plan().view->horizon_mm + 10});
    QVERIFY(menu && !menu->actions().at(0)->isEnabled());
    menu->close();
  }

  void aPointOfAStampIsMadeAPerchAndABirdTakesIt() {
    Scene s;
    s.session().select(QStringLiteral("boat"));
    QPoint at = s.pixelOn("boat", {18, 3});
    const auto ask = [&] {
      QContextMenuEvent e(QContextMenuEvent::Mouse, at, s.face().mapToGlobal(at));
      QApplication::sendEvent(&s.face(), &e);
      QMenu* thing = s.menu("thing");
      return thing ? thing->findChild<QMenu*>(QStringLiteral("contacts")) : nullptr;
    };
    QMenu* menu = ask();
    QVERIFY(menu);
    QCOMPARE(menu->actions().size(), 5);
    menu->actions().at(0)->trigger();
    QVERIFY(!s.menu("thing"));  // it goes with the plan that was
    const auto contacts = [&] { return s.plan().stamp(s.plan().impression("boat")->stamp)->contacts; };
    QCOMPARE(contacts().size(), 1u);
    QVERIFY(contacts()[0].kind == ContactKind::Perch);
    const Point perch =
        placingOf(*s.plan().impression("boat"), *s.plan().stamp("long-boat")).toPanel(contacts()[0].at);
    // The duck, held near the perch, comes to rest on it and goes where the boat goes.
    const Point duck = s.footOf("duck");
    const QPointF grab = s.px(duck) - QPointF(0, 8);
    drag(s.face(), grab, grab + s.px(perch) - s.px(duck) + QPointF(2, 1), Qt::NoModifier);
    QVERIFY(std::holds_alternative<OnThing>(s.plan().impression("duck")->depth));
    QVERIFY(std::hypot(s.footOf("duck").x - perch.x, s.footOf("duck").y - perch.y) < 1e-6);
    s.session().select(QStringLiteral("boat"));
    at += QPoint(0, 5);  // just below the duck's foot
    menu = ask();
    QVERIFY(menu);
    menu->actions().at(4)->trigger();
    QVERIFY(!s.menu("thing"));
    QVERIFY(contacts().empty());
  }

  void shadingByHandIsSaidAndChecked() {
    Scene s("potting-shed");
    s.session().select(QStringLiteral("geranium"));
    auto* lit = s.find<QComboBox>("lit");
    QVERIFY(lit->isVisible());
    Q_EMIT lit->activated(3);  // from the front, while the window is behind
    QVERIFY(s.plan().impression("geranium")->lit == LitFrom::Front);
    const AnalysisRef a = s.session().analysis();
    QVERIFY(std::any_of(a->findings.begin(), a->findings.end(),
                        [](const Finding& f) { return f.kind == FindingKind::CrossedLight; }));
  }

  void aThingComesToRestOnTheBench() {
    Scene s("potting-shed");
    const Point from = s.footOf("seedling1");
    const QPoint at = s.pixelOn("seedling1", {4.5, 3});
    // Lifted a little off the bench and let go near it again: back on it, at the bench's middle distance.
    drag(s.face(), at, at + QPointF(12, 2), Qt::NoModifier);
    const Impression& i = *s.plan().impression("seedling1");
    QVERIFY(std::holds_alternative<AtMetres>(i.depth));
    QVERIFY(std::fabs(i.at.y - from.y) < 2);
    for (const Finding& f : s.session().analysis()->findings) QVERIFY(f.kind != FindingKind::Floating);
  }

  void theShippedInteriorsAreQuiet() {
    for (const char* name : {"potting-shed", "misty-fen"}) {
      Scene s(name);
      for (const Finding& f : s.session().analysis()->findings)
        QVERIFY2(f.level == Level::Note, qPrintable(QString::fromLatin1(name)));
      s.face().showConstruction(true);
      s.face().grab();
      s.walk().grab();
    }
  }

  // From an empty card: a receding row, a path, a figure at its size and a low sun, each an act or two.
  void anEmptyCardBecomesASceneInAFewActs() {
    Scene s;
    const Plan demo = s.plan();
    Plan empty = demo;
    empty.impressions.clear(), empty.washes.clear(), empty.light.reset();
    s.session().start(empty);
    s.find<QPushButton>("lay")->menu()->actions().at(0)->trigger();
    Q_EMIT s.find<QComboBox>("light")->activated(1);
    s.window.scene().addStamp(QStringLiteral("hare"));
    s.window.scene().addStamp(QStringLiteral("poplar-tall"));
    s.find<QPushButton>("makeRow")->click();
    s.find<QPushButton>("putRow")->click();
    QVERIFY(s.session().undoStack().count() <= 6);
    QVERIFY(s.plan().impressions.size() >= 5);
    for (const Finding& f : s.session().analysis()->findings)
      QVERIFY2(f.level != Level::Fault, std::string(ruleOf(f.kind).word).c_str());
    const auto hare = readScale(s.plan(), s.plan().indexOf("hare"));
    QVERIFY(hare && hare->verdict == ScaleVerdict::Fits);
  }
};

HAVLO_TEST(TstViewpoint)
#include "tst_viewpoint.moc"
