// The card as a drawing in layers, drawn by another program (librsvg) and held against the press; and
// pictures with their profile.
#include <QColorSpace>
#include <QDomDocument>
#include <QImage>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include "core/chain/chain.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/export/finished_card.h"
#include "io/export/layers.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;

class TstLayers : public QObject {
  Q_OBJECT

  QTemporaryDir m_folder;

 private Q_SLOTS:
  void librsvgDrawsWhatThePressLays_data() {
    QTest::addColumn<QByteArray>("name");
    for (const char* name : {"canal-towpath", "teaching-crowd", "potting-shed", "towpath-finished"})
      QTest::newRow(name) << QByteArray(name);
  }
  void librsvgDrawsWhatThePressLays() {
    QFETCH(QByteArray, name);
    const Plan plan = testing::demo(name.toStdString());
    const SvgArt art;
    const AnalysisRef analysis = analyse(plan, nullptr, &art);
    const QString svg = m_folder.filePath(QStringLiteral("layers.svg")),
                  png = m_folder.filePath(QStringLiteral("drawn.png"));
    QVERIFY(bool(saveLayers(svg, plan, *analysis, art)));
    const QImage wanted = intendedPicture(plan, *analysis, art, 150).convertToFormat(QImage::Format_RGB32);
    QProcess p;
    p.start(QStringLiteral("rsvg-convert"),
            {QStringLiteral("--unlimited"), QStringLiteral("-w"), QString::number(wanted.width()),
             QStringLiteral("-h"), QString::number(wanted.height()), svg, QStringLiteral("-o"), png});
    QVERIFY(p.waitForFinished(60000));
    QVERIFY2(p.exitCode() == 0, p.readAllStandardError().constData());
    const QImage drawn = QImage(png).convertToFormat(QImage::Format_RGB32);
    QCOMPARE(drawn.size(), wanted.size());
    qint64 off = 0;
    double sum = 0;
    for (int y = 0; y < drawn.height(); ++y)
      for (int x = 0; x < drawn.width(); ++x) {
        const QRgb a = drawn.pixel(x, y), b = wanted.pixel(x, y);
        const int d = std::max(
            {std::abs(qRed(a) - qRed(b)), std::abs(qGreen(a) - qGreen(b)), std::abs(qBlue(a) - qBlue(b))});
        off += d > 40, sum += d;
      }
    const double all = double(drawn.width()) * drawn.height();
    qInfo("%s: on the average %.2f of 255 off, %.2f %% by more than 40", name.constData(), sum / all,
          100 * double(off) / all);
    QVERIFY2(sum / all < 4, qPrintable(QString::number(sum / all)));
    QVERIFY2(double(off) / all < 0.025, qPrintable(QString::number(double(off) / all)));
  }

  // One group a thing, back to front as the plan has them, each with outlines; nothing from outside.
  void aGroupForEachThing() {
    const Plan plan = testing::demo("canal-towpath");
    const SvgArt art;
    const AnalysisRef analysis = analyse(plan, nullptr, &art);
    const QString svg = m_folder.filePath(QStringLiteral("groups.svg"));
    QVERIFY(bool(saveLayers(svg, plan, *analysis, art)));
    QFile file(svg);
    QVERIFY(file.open(QIODevice::ReadOnly));
    QDomDocument document;
    QVERIFY(document.setContent(file.readAll()));
    const QDomElement root = document.documentElement();
    QCOMPARE(root.attribute(QStringLiteral("width")),
             QString::number(plan.card.panel.width_mm, 'g', 8) + QStringLiteral("mm"));
    QStringList ids;
    for (QDomElement g = root.firstChildElement(QStringLiteral("g")); !g.isNull();
         g = g.nextSiblingElement(QStringLiteral("g"))) {
      const QString id = g.attribute(QStringLiteral("id"));
      ids << id;
      if (id.startsWith(QLatin1String("impression-"))) {
        const QString data = g.firstChildElement(QStringLiteral("path")).attribute(QStringLiteral("d"));
        QVERIFY2(data.contains(u'c') || data.contains(u'C') || data.contains(u'L') || data.contains(u'l'),
                 qPrintable(id));
        QVERIFY(!g.firstChildElement(QStringLiteral("title")).text().isEmpty());
      }
    }
    const qsizetype all = ids.size();
    for (const Impression& i : plan.impressions)
      QVERIFY2(ids.contains(QStringLiteral("impression-") + QString::fromStdString(i.id)), i.id.c_str());
    for (const Wash& w : plan.washes)
      QVERIFY2(ids.contains(QStringLiteral("wash-") + QString::fromStdString(w.id)), w.id.c_str());
    ids.removeDuplicates();
    QCOMPARE(ids.size(), all);
    QStringList stack;
    for (const StackMark& m : analysis->stack.backToFront())
      stack << (m.wash ? QStringLiteral("wash-") + QString::fromStdString(plan.washes[ix(m.index)].id)
                       : QStringLiteral("impression-") +
                             QString::fromStdString(plan.impressions[ix(m.index)].id));
    QStringList drawn;
    for (const QString& id : ids)
      if (stack.contains(id)) drawn << id;
    QCOMPARE(drawn, stack);
  }

  void picturesKnowTheirColoursAndSize() {
    const Plan plan = testing::demo("teaching-avenue");
    const SvgArt art;
    const AnalysisRef analysis = analyse(plan, nullptr, &art);
    for (const char* ending : {"png", "tiff"}) {
      const QString path = m_folder.filePath(QStringLiteral("card.") + QLatin1String(ending));
      const auto saved = saveFinishedCard(path, plan, *analysis, art, 150);
      QVERIFY2(bool(saved), saved ? "" : saved.error().message.c_str());
      const QImage seen(path);
      QVERIFY2(!seen.isNull(), ending);
      QCOMPARE(seen.colorSpace().primaries(), QColorSpace::Primaries::SRgb);
      QVERIFY(std::fabs(seen.dotsPerMeterX() * 0.0254 - 150) < 0.5);
    }
  }
};

HAVLO_TEST(TstLayers)
#include "tst_layers.moc"
