// Every pair of text and ground against WCAG 2: contrast ratio at least 4.5 for text (relative luminance as
// in the standard; checked here against its own examples: black on white 21, #777777 on white 4.48, both from
// memory).
#include <QTest>
#include <cmath>

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
};

HAVLO_TEST(TstTheme)
#include "tst_theme.moc"
