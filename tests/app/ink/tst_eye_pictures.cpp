// The pictures that show an eye what to look at, in the real window: what is drawn where, and what is said.
#include <QLabel>
#include <QPushButton>
#include <cmath>

#include "app/ink/ink_place.h"
#include "app/ink/ink_view.h"
#include "io/wording/eye_words.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct Eye : Window {
  explicit Eye(const char* demo) {
    window.openDemo(QLatin1String(demo));
    window.visit(QStringLiteral("ink"));
    settleLooks(session());
    settle(window.ink().view());
  }
  InkView& view() { return window.ink().view(); }
  void show(InkView::Mode mode) {
    auto* b = window.ink().findChild<QPushButton*>(QStringLiteral("mode-%1").arg(static_cast<int>(mode)));
    QTest::mouseClick(b, Qt::LeftButton);
    settle(view());
  }
  QString says() { return window.ink().findChild<QLabel*>(QStringLiteral("verdict"))->text(); }
  QColor at(Point p) {
    const QImage image = view().grab().toImage();
    const QPoint q = (view().geometryNow().toPixels(p) * image.devicePixelRatio()).toPoint();
    return image.pixelColor(q);
  }
  /// The middle of what is surely inside a thing.
  Point inside(const char* id) {
    const int i = session().plan().indexOf(id);
    const Rings& shape = session().analysis()->meetings.placed[ix(i)]->silhouette;
    const Box box = boxOf(shape);
    for (double y = 0.5; y > 0.1; y -= 0.05)
      for (double x = 0.1; x < 0.9; x += 0.02) {
        const Point p{box.left + x * box.width(), box.bottom + y * box.height()};
        bool all = true;
        for (const Point d : {Point{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) all = all && covers(shape, p + d);
        if (all) return p;
      }
    return box.centre();
  }
};

}  // namespace

class TstEyePictures : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void whatIsNearIsWarmAndWhatIsFarIsCool() {
    Eye e("misty-fen");
    e.show(InkView::Distances);
    const Plan& plan = e.session().plan();
    const DepthSpan span = depthSpan(plan, *e.session().analysis());
    QCOMPARE(plan.impressions[ix(span.nearest)].id, std::string("heron"));
    const QColor near = e.at(e.inside("heron"));
    const QColor far = e.at(e.inside(plan.impressions[ix(span.farthest)].id.c_str()));
    QVERIFY2(near.red() > near.blue() + 60, qPrintable(near.name()));
    QVERIFY2(far.blue() > far.red(), qPrintable(far.name()));
    QVERIFY(far.lightness() > near.lightness() + 60);
    QVERIFY(e.says().contains(metresText(span.near_m)) && e.says().contains(metresText(span.far_m)));
    e.show(InkView::Stamped);
    QVERIFY(!e.says().contains(metresText(span.far_m)));
  }

  void eyeLevelRunsAcross() {
    Eye e("canal-towpath");
    e.show(InkView::EyeLevel);
    const Plan& plan = e.session().plan();
    int dark = 0;
    for (double x = 4; x < plan.card.panel.width_mm * 0.7; x += 4)
      dark += e.at({x, plan.view->horizon_mm}).lightness() < 110;
    QVERIFY2(dark > 20, qPrintable(QString::number(dark)));
    QVERIFY(e.says().contains(QStringLiteral("60 cm")));
  }

  void theLightIsShownWhereItStands() {
    Eye e("misty-fen");
    e.show(InkView::Light);
    const QColor sun = e.at(*e.session().plan().light->at);
    QVERIFY2(sun.red() > 200 && sun.blue() < 90, qPrintable(sun.name()));
    QVERIFY(e.says().contains(QStringLiteral("toward it")));
    Eye none("canal-towpath");
    none.show(InkView::Light);
    QVERIFY(none.says().contains(QStringLiteral("No light")));
  }

  // 0.55 m, 4.2 m, 42 m, 1.5 km: as one would say it.
  void distancesAreSaidAsOneWould() {
    QCOMPARE(metresText(0.55), QStringLiteral("55 cm"));
    QCOMPARE(metresText(4.23), QStringLiteral("4.2 m"));
    QCOMPARE(metresText(42.4), QStringLiteral("42 m"));
    QCOMPARE(metresText(1512), QStringLiteral("1.5 km"));
  }

  void theLampIsBrightestOnTheHero() {
    Eye e("misty-fen");
    const Point hero = e.session().analysis()->looks->path[0].at;
    // On paper beside the heron's beak the lamp shines; in a far corner it is dark.
    QVERIFY(e.at({hero.x + 9, hero.y - 5}).lightness() > 200);
    QVERIFY(e.at({4, 4}).lightness() < 160);
  }
};

HAVLO_TEST(TstEyePictures)
#include "tst_eye_pictures.moc"
