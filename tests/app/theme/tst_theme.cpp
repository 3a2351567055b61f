// Every pair of text and ground against WCAG 2: contrast ratio at least 4.5 for text (relative luminance as
// in the standard; checked here against its own examples: black on white 21, #777777 on white 4.48, both from
// memory).
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QMainWindow>
#include <QPushButton>
#include <QSlider>
#include <QTest>
#include <QVBoxLayout>
#include <cmath>

#include "app/common/swatch.h"
#include "app/theme/theme.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

double luminance(const QColor& c) {
  const auto channel = [](double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
  return 0.2126 * channel(c.redF()) + 0.7152 * channel(c.greenF()) + 0.0722 * channel(c.blueF());
}

double contrast(const QColor& a, const QColor& b) {
  const double x = luminance(a), y = luminance(b);
  return (std::max(x, y) + 0.05) / (std::min(x, y) + 0.05);
}

}  // namespace

class TstTheme : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theFormula() {
    QVERIFY(std::abs(contrast(Qt::black, Qt::white) - 21) < 1e-6);
    QVERIFY(std::abs(contrast(QColor(0x77, 0x77, 0x77), Qt::white) - 4.48) < 0.01);
  }

  // A chosen row may not tint the paper or ink it shows.
  void whatIsChosenKeepsItsColour() {
    applyTheme(*static_cast<QApplication*>(QCoreApplication::instance()), {false, 1});
    const QIcon white = swatchOf({255, 255, 255});
    for (const QIcon::Mode mode : {QIcon::Normal, QIcon::Selected})
      QCOMPARE(white.pixmap(18, 18, mode).toImage().pixelColor(9, 9), QColor(Qt::white));
    // And white is told from white by its edge.
    QVERIFY(white.pixmap(18, 18).toImage().pixelColor(0, 9) != QColor(Qt::white));
  }

  void everyPairIsLegible_data() {
    QTest::addColumn<QColor>("text");
    QTest::addColumn<QColor>("ground");
    for (const Theme& t : {lightTheme(), darkTheme()}) {
      const QByteArray which = t.dark ? "dark " : "light ";
      const std::pair<const char*, QColor> inks[] = {
          {"ink", t.ink}, {"soft", t.soft}, {"green", t.green}, {"ochre", t.ochre}, {"madder", t.madder}};
      const std::pair<const char*, QColor> grounds[] = {
          {"ground", t.ground}, {"paper", t.paper}, {"card", t.card}};
      for (const auto& [ink, text] : inks)
        for (const auto& [name, ground] : grounds)
          QTest::newRow(which + ink + " on " + name) << text << ground;
      QTest::newRow(which + "button") << t.green << t.greenVeil;
      QTest::newRow(which + "ink on veil") << t.ink << t.greenVeil;
      QTest::newRow(which + "on green") << t.onGreen << t.green;
    }
  }
  void everyPairIsLegible() {
    QFETCH(QColor, text);
    QFETCH(QColor, ground);
    QVERIFY2(contrast(text, ground) >= 4.5, qPrintable(QString::number(contrast(text, ground))));
  }

  // WCAG 2.2, 1.4.11: what shows that something can be filled in stands off by 3 : 1; 2.4.7: and that it has
  // the keys. Read from the pixels of real widgets on real grounds.
  void bordersAndFocusAreSeenInThePixels_data() {
    QTest::addColumn<bool>("dark");
    QTest::addColumn<QString>("ground");
    for (const bool dark : {false, true})
      for (const char* ground : {"sheet", "window"})
        QTest::addRow("%s, %s", dark ? "dark" : "light", ground) << dark << QString::fromLatin1(ground);
  }
  void bordersAndFocusAreSeenInThePixels() {
    QFETCH(bool, dark);
    QFETCH(QString, ground);
    Appearance look;
    look.dark = dark;
    applyTheme(*qApp, look);
    QMainWindow window;
    window.setStyleSheet(windowSheet());
    auto* sheet = new QFrame;
    if (ground == QLatin1String("sheet")) sheet->setObjectName(ground);
    auto* column = new QVBoxLayout(sheet);
    column->setContentsMargins(20, 20, 20, 20);
    std::vector<QWidget*> fields{new QLineEdit, new QComboBox, new QSpinBox, new QDoubleSpinBox};
    for (QWidget* f : fields) column->addWidget(f);
    auto* slider = new QSlider(Qt::Horizontal);
    auto* button = new QPushButton(QStringLiteral("Press"));
    column->addWidget(slider);
    column->addWidget(button);
    window.setCentralWidget(sheet);
    window.resize(400, 320);
    window.show();
    window.activateWindow();
    QVERIFY(QTest::qWaitForWindowActive(&window));
    const auto atLeftEdge = [&](const QWidget* w) {
      const QImage seen = window.grab().toImage();
      const QPoint middle = w->mapTo(&window, QPoint(0, w->height() / 2));
      const QColor outside = seen.pixelColor(middle - QPoint(6, 0));
      double best = 1;
      for (int x = 0; x < 3; ++x)
        best = std::max(best, contrast(seen.pixelColor(middle + QPoint(x, 0)), outside));
      return best;
    };
    for (const QWidget* f : fields)
      QVERIFY2(
          atLeftEdge(f) >= 3,
          qPrintable(
              QStringLiteral("%1: %2").arg(QLatin1String(f->metaObject()->className())).arg(atLeftEdge(f))));
    fields.push_back(slider), fields.push_back(button);
    for (QWidget* f : fields) {
      f->clearFocus();
      window.setFocus();
      QCoreApplication::processEvents();
      const QImage before = f->grab().toImage();
      f->setFocus(Qt::TabFocusReason);
      QTRY_VERIFY(f->hasFocus());
      const QImage after = f->grab().toImage();
      int changed = 0;
      for (int y = 0; y < after.height(); ++y)
        for (int x = 0; x < after.width(); ++x)
          changed += contrast(after.pixelColor(x, y), before.pixelColor(x, y)) >= 3;
      // At least a frame of one pixel.
      QVERIFY2(changed >= 2 * (after.width() - 8),
               qPrintable(QStringLiteral("%1: %2 of %3 x %4")
                              .arg(QLatin1String(f->metaObject()->className()))
                              .arg(changed)
                              .arg(after.width())
                              .arg(after.height())));
    }
    applyTheme(*qApp, {});
  }
};

HAVLO_TEST(TstTheme)
#include "tst_theme.moc"
