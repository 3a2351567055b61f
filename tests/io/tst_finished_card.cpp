// The finished card given away: pictures measured by poppler and librsvg, the zip by Info-ZIP, the table by
// Python.
#include <QDir>
#include <QFile>
#include <QImage>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/focus/looks.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/export/finished_card.h"
#include "io/files/plan_file.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Mean difference of a channel between two pictures, both brought to a quarter: half a pixel's shift does
/// not count.
double apart(const QImage& one, const QImage& other) {
  const QSize size = one.size() / 4;
  const QImage a = one.scaled(size, Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
  const QImage b = other.scaled(size, Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
  double sum = 0;
  for (int y = 0; y < a.height(); ++y)
    for (int x = 0; x < a.width(); ++x) {
      const QRgb p = a.pixel(x, y), q = b.pixel(x, y);
      sum += std::abs(qRed(p) - qRed(q)) + std::abs(qGreen(p) - qGreen(q)) + std::abs(qBlue(p) - qBlue(q));
    }
  return sum / 3 / (a.width() * a.height());
}

int run(const QString& program, const QStringList& args, QByteArray* output = nullptr) {
  QProcess p;
  p.start(program, args);
  if (!p.waitForFinished(60000)) return -1;
  if (output) *output = p.readAllStandardOutput();
  return p.exitCode();
}

}  // namespace

class TstFinishedCard : public QObject {
  Q_OBJECT

  Plan m_plan;
  AnalysisRef m_a;
  SvgArt m_art;
  QTemporaryDir m_folder;

 private Q_SLOTS:
  void initTestCase() {
    m_plan = demo("canal-towpath");
    m_a = analyse(m_plan);
    m_a = withLooks(m_plan, m_a, lookAt(m_plan, *m_a, &m_art));
  }

  void picturesAreTheCardAtTrueSize() {
    const QImage intended = intendedPicture(m_plan, *m_a, m_art, 100);
    const QString png = m_folder.filePath(QStringLiteral("card.png")),
                  svg = m_folder.filePath(QStringLiteral("card.svg")),
                  pdf = m_folder.filePath(QStringLiteral("card.pdf"));
    for (const QString& path : {png, svg, pdf})
      QVERIFY(bool(saveFinishedCard(path, m_plan, *m_a, m_art, 100)));
    const QImage read(png);
    QCOMPARE(read.size(), intended.size());
    QVERIFY(apart(read, intended) < 0.01);
    QVERIFY(std::abs(read.dotsPerMeterX() - 100 / 0.0254) < 1);

    QCOMPARE(run(QStringLiteral("rsvg-convert"),
                 {QStringLiteral("-d"), QStringLiteral("100"), QStringLiteral("-p"), QStringLiteral("100"),
                  QStringLiteral("-o"), m_folder.filePath(QStringLiteral("svg.png")), svg}),
             0);
    const QImage fromSvg(m_folder.filePath(QStringLiteral("svg.png")));
    QVERIFY(std::abs(fromSvg.width() - intended.width()) <= 1 &&
            std::abs(fromSvg.height() - intended.height()) <= 1);
    QVERIFY2(apart(intended, fromSvg) < 2, qPrintable(QString::number(apart(intended, fromSvg))));

    QCOMPARE(run(QStringLiteral("pdftoppm"),
                 {QStringLiteral("-r"), QStringLiteral("100"), QStringLiteral("-png"),
                  QStringLiteral("-singlefile"), pdf, m_folder.filePath(QStringLiteral("pdf"))}),
             0);
    const QImage fromPdf(m_folder.filePath(QStringLiteral("pdf.png")));
    // Pages are whole points: a third of a millimetre.
    QVERIFY(std::abs(fromPdf.width() - intended.width()) <= 2 &&
            std::abs(fromPdf.height() - intended.height()) <= 2);
    QVERIFY2(apart(intended, fromPdf) < 4, qPrintable(QString::number(apart(intended, fromPdf))));
    QByteArray info;
    QCOMPARE(run(QStringLiteral("pdfinfo"), {pdf}, &info), 0);
    QVERIFY2(info.contains("504 x 360 pts"), info);  // 177.8 x 127 mm
  }

  void otherEndingsAndNoRoomAreSaid() {
    const auto bad = saveFinishedCard(m_folder.filePath(QStringLiteral("card.bmp")), m_plan, *m_a, m_art, 50);
    QVERIFY(!bad && bad.error().code == ErrorCode::BadInput);
    const auto nowhere = saveFinishedCard(QStringLiteral("/nowhere/at/all.png"), m_plan, *m_a, m_art, 50);
    QVERIFY(!nowhere && nowhere.error().code == ErrorCode::CannotWrite);
  }

  void theZipHoldsThePlanAndItsPictures() {
    const auto bytes = planZip(m_plan, *m_a, m_art, 60);
    QVERIFY(bool(bytes));
    const QString path = m_folder.filePath(QStringLiteral("card.zip"));
    QVERIFY(bool(saveWhole(path, bytes.value())));
    QCOMPARE(run(QStringLiteral("unzip"), {QStringLiteral("-q"), path, QStringLiteral("-d"),
                                           m_folder.filePath(QStringLiteral("out"))}),
             0);
    const auto plan = loadPlan(m_folder.filePath(QStringLiteral("out/plan.havlo")));
    QVERIFY(bool(plan));
    QVERIFY(plan.value().plan == m_plan);
    QVERIFY(!QImage(m_folder.filePath(QStringLiteral("out/finished.png"))).isNull());
    const auto steps = QDir(m_folder.filePath(QStringLiteral("out/steps")))
                           .entryList({QStringLiteral("*.png")}, QDir::Files);
    int inked = 0;
    for (const Step& s : m_a->sheet.steps)
      inked += s.what == Do::Stamp || s.what == Do::Wash || s.what == Do::Attach;
    QCOMPARE(steps.size(), inked);
    QVERIFY(QFile::exists(m_folder.filePath(QStringLiteral("out/measures.csv"))) &&
            QFile::exists(m_folder.filePath(QStringLiteral("out/steps.txt"))));
    // The same plan, the same bytes.
    QVERIFY(planZip(m_plan, *m_a, m_art, 60).value() == bytes.value());
    std::stop_source stop;
    stop.request_stop();
    QVERIFY(!planZip(m_plan, *m_a, m_art, 60, {stop.get_token(), {}}));
  }

  void theTableHasEveryMeasure() {
    Plan p = m_plan;
    p.impressions[0].id = "ha,re \"one\"";  // has to be quoted
    for (Impression& i : p.impressions)
      if (auto* on = std::get_if<OnThing>(&i.depth); on && on->id == "hare") on->id = p.impressions[0].id;
    AnalysisRef a = analyse(p);
    a = withLooks(p, a, lookAt(p, *a, &m_art));
    const QString path = m_folder.filePath(QStringLiteral("m.csv"));
    QVERIFY(bool(saveWhole(path, measuresCsv(p, *a))));
    QByteArray out;
    const QString script = QStringLiteral(
        "import csv,sys\n"
        "rows=list(csv.DictReader(open(sys.argv[1],newline='')))\n"
        "assert all(None not in r and None not in r.values() for r in rows)\n"
        "print(len(rows), rows[0]['id'], rows[0]['left_mm'], rows[0]['distance_m'], rows[0]['pull'], "
        "sum(r['kind']=='wash' for r in rows))\n");
    QCOMPARE(run(QStringLiteral("/usr/bin/python3"), {QStringLiteral("-c"), script, path}, &out), 0);
    const QString expected = QStringLiteral("%1 ha,re \"one\" %2 %3 %4 %5")
                                 .arg(p.impressions.size() + p.washes.size())
                                 .arg(p.impressions[0].at.x, 0, 'f', 3)
                                 .arg(a->depth->distance_m(0), 0, 'f', 3)
                                 .arg(a->looks->shares[0], 0, 'f', 4)
                                 .arg(p.washes.size());
    QCOMPARE(QString::fromUtf8(out).trimmed(), expected);
  }

  void anEmptyPlanIsExportedToo() {
    const Plan p = emptyPlan();
    const AnalysisRef a = analyse(p);
    QVERIFY(bool(planZip(p, *a, m_art, 40)));
    QCOMPARE(measuresCsv(p, *a).count('\n'), 1);
  }
};

HAVLO_TEST(TstFinishedCard)
#include "tst_finished_card.moc"
