// Cut files: written, read back by our reader and by other libraries (ezdxf, librsvg), and refused when
// damaged.
#include <QGuiApplication>
#include <QImage>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <random>

#include "core/chain/chain.h"
#include "core/cutting/cutter.h"
#include "core/outline/distance.h"
#include "core/outline/shape_ops.h"
#include "io/cut/cut_file.h"
#include "io/devices/cutter_picture.h"
#include "io/fonts.h"
#include "io/print/sheets.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstCutFiles : public QObject {
  Q_OBJECT

  QTemporaryDir m_folder;
  Plan m_plan;
  MaskJob m_job;
  std::vector<LabelledSheet> m_sheets;

 private Q_SLOTS:
  void initTestCase();
  void everyFormatComesBack_data();
  void everyFormatComesBack();
  void anotherLibraryReadsTheDxf();
  void librsvgDrawsTheOutlineWhereItIs();
  void thePrintedMaskSheetCutsToo();
  void drawingsFromElsewhereAreRead_data();
  void drawingsFromElsewhereAreRead();
  void badFilesAreRefused_data();
  void badFilesAreRefused();
  void aPlainPdfFromElsewhereIsRead();
  void linesThatCrossWithoutEndAreRefused();
  void thePictureShowsSomething();

 private:
  QString file(const QString& name) const { return m_folder.filePath(name); }
};

void TstCutFiles::initTestCase() {
  loadFonts();
  m_plan = demo("canal-towpath");
  m_plan.supplies.footMark = FootMark::Tick;
  MaskingSheet sheet;
  sheet.width_mm = 90, sheet.height_mm = 90;
  m_job = layMasksOut(m_plan, *analyse(m_plan), sheet);
  m_sheets = labelledSheets(m_plan, m_job);
  QVERIFY(m_sheets.size() > 1);
}

void TstCutFiles::everyFormatComesBack_data() {
  QTest::addColumn<QString>("name");
  QTest::addColumn<double>("tolerance_mm");
  QTest::newRow("SVG") << "m.svg" << 0.012;
  QTest::newRow("DXF") << "m.dxf" << 0.001;
  QTest::newRow("HPGL, units of 1/40 mm") << "m.plt" << 0.02;
  QTest::newRow("PDF") << "m.pdf" << 0.02;
}

void TstCutFiles::everyFormatComesBack() {
  QFETCH(QString, name);
  QFETCH(double, tolerance_mm);
  const auto format = cutFormatOf(name);
  QVERIFY(format.has_value());
  QVERIFY(bool(writeCutFile(file(name), *format, QStringLiteral("Masks"), m_sheets)));
  const auto back = readCutFile(file(name));
  QVERIFY2(bool(back), back ? "" : back.error().text().c_str());
  const bool pages = *format == CutFormat::Pdf;
  QCOMPARE(back.value().size(), pages ? m_sheets.size() : 1u);
  std::vector<CutLine> wanted, found;
  double left = 0;
  for (size_t s = 0; s < m_sheets.size(); ++s) {
    for (CutLine line : m_sheets[s].sheet.cuts) {
      if (!pages)
        for (Point& p : line.points) p.x += left;
      wanted.push_back(line);
    }
    left += m_sheets[s].sheet.width_mm + 10;
  }
  for (const CutSheet& sheet : back.value()) found.insert(found.end(), sheet.cuts.begin(), sheet.cuts.end());
  QCOMPARE(found.size(), wanted.size());
  // In the same order, each line where it was: what is inside is cut first, whatever the format.
  size_t k = 0;
  for (size_t s = 0; s < back.value().size(); ++s)
    for (const CutLine& line : back.value()[s].cuts) {
      QVERIFY(line.closed);
      const double height = pages ? m_sheets[s].sheet.height_mm : 0;
      // A PDF's page is rounded to whole points, its lower edge with it.
      const double down = pages ? back.value()[s].height_mm - height : 0;
      for (Point p : line.points) {
        double nearest = 1e9;
        const Point q{p.x, p.y - down};
        for (size_t n = 1; n < wanted[k].points.size(); ++n) {
          const Point a = wanted[k].points[n - 1], b = wanted[k].points[n];
          const double dx = b.x - a.x, dy = b.y - a.y, l2 = dx * dx + dy * dy;
          const double t = l2 > 0 ? std::clamp(((q.x - a.x) * dx + (q.y - a.y) * dy) / l2, 0.0, 1.0) : 0;
          nearest = std::min(nearest, std::hypot(q.x - a.x - t * dx, q.y - a.y - t * dy));
        }
        QVERIFY2(nearest < tolerance_mm, qPrintable(QStringLiteral("%1 mm off").arg(nearest)));
      }
      ++k;
    }
  size_t pieces = 0;
  for (const CutSheet& sheet : back.value()) {
    const auto report = runCutter(sheet.cuts);
    QVERIFY(report.value().open.empty());
    pieces += report.value().pieces.size();
  }
  QCOMPARE(pieces, wanted.size());
}

void TstCutFiles::anotherLibraryReadsTheDxf() {
  QVERIFY(bool(writeCutFile(file(QStringLiteral("e.dxf")), CutFormat::Dxf, {}, m_sheets)));
  QProcess python;
  python.start(
      QStringLiteral("/usr/bin/python3"),
      {QStringLiteral("-c"),
       QStringLiteral("import ezdxf,sys\n"
                      "d=ezdxf.readfile(sys.argv[1])\n"
                      "assert not d.audit().has_errors\n"
                      "c=[e for e in d.modelspace() if e.dxf.layer=='CUT']\n"
                      "assert all(e.dxftype()=='POLYLINE' and e.is_closed for e in c)\n"
                      "def area(p):\n"
                      "  p=list(p); return abs(sum(a.x*b.y-b.x*a.y for a,b in zip(p,p[1:]+p[:1])))/2\n"
                      "print(d.dxfversion, len(c), round(sum(area(e.points()) for e in c),2))"),
       file(QStringLiteral("e.dxf"))});
  QVERIFY(python.waitForFinished(60000));
  const QList<QByteArray> words = python.readAllStandardOutput().trimmed().split(' ');
  QVERIFY2(words.size() == 3, python.readAllStandardError());
  QCOMPARE(words[0], QByteArray("AC1009"));
  size_t cuts = 0;
  double area = 0;
  for (const LabelledSheet& s : m_sheets)
    for (const CutLine& line : s.sheet.cuts) ++cuts, area += areaOf({line.points});
  QCOMPARE(words[1].toULong(), cuts);
  QVERIFY2(std::fabs(words[2].toDouble() - area) < 0.001 * area, words[2]);
}

// The figure: at 600 dpi against the wanted outline to 0.1 mm, both ways.
void TstCutFiles::librsvgDrawsTheOutlineWhereItIs() {
  constexpr double kPx = 600 / 25.4;
  const std::vector<LabelledSheet> one{m_sheets[0]};
  QVERIFY(bool(writeCutFile(file(QStringLiteral("r.svg")), CutFormat::Svg, {}, one)));
  QCOMPARE(
      QProcess::execute(QStringLiteral("rsvg-convert"),
                        {QStringLiteral("-d"), QStringLiteral("600"), QStringLiteral("-p"),
                         QStringLiteral("600"), QStringLiteral("-b"), QStringLiteral("white"),
                         file(QStringLiteral("r.svg")), QStringLiteral("-o"), file(QStringLiteral("r.png"))}),
      0);
  const QImage image = QImage(file(QStringLiteral("r.png"))).convertToFormat(QImage::Format_Grayscale8);
  const CutSheet& sheet = one[0].sheet;
  QVERIFY(std::fabs(image.width() / kPx - sheet.width_mm) < 0.05);
  QImage near(image.size(), QImage::Format_Grayscale8);
  near.fill(0);
  const int reach = static_cast<int>(0.1 * kPx) + 1;
  for (const CutLine& line : sheet.cuts)
    for (size_t i = 1; i < line.points.size(); ++i) {
      const Point a = line.points[i - 1], b = line.points[i];
      const int steps = 1 + static_cast<int>(std::hypot(b.x - a.x, b.y - a.y) * kPx);
      for (int s = 0; s <= steps; ++s) {
        const int x = static_cast<int>((a.x + (b.x - a.x) * s / steps) * kPx),
                  y = static_cast<int>((sheet.height_mm - a.y - (b.y - a.y) * s / steps) * kPx);
        bool dark = false;
        for (int v = y - reach; v <= y + reach; ++v)
          for (int u = x - reach; u <= x + reach; ++u)
            if (image.rect().contains(u, v)) {
              near.scanLine(v)[u] = 1;
              dark = dark || image.constScanLine(v)[u] < 128;
            }
        QVERIFY2(dark, "a wanted outline that is not drawn");
      }
    }
  // Nothing as dark as a cut is drawn elsewhere: marks and labels are paler.
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x)
      if (image.constScanLine(y)[x] < 60) QVERIFY2(near.constScanLine(y)[x], "a cut that is not wanted");
}

void TstCutFiles::thePrintedMaskSheetCutsToo() {
  const AnalysisRef a = analyse(m_plan);
  QVERIFY(bool(writePdf(file(QStringLiteral("p.pdf")), maskSheet(m_plan, *a, Sheet::a4()))));
  const auto back = readCutFile(file(QStringLiteral("p.pdf")));
  QVERIFY(bool(back));
  size_t free = 0, open = 0;
  for (const CutSheet& sheet : back.value()) {
    const auto report = runCutter(sheet.cuts);
    free += report.value().pieces.size(), open += report.value().open.size();
  }
  QCOMPARE(open, 0u);
  size_t wanted = 0;
  for (const LabelledSheet& s :
       labelledSheets(m_plan, layMasksOut(m_plan, *a, maskingSheetFor(m_plan, Sheet::a4()))))
    wanted += s.sheet.cuts.size();
  QCOMPARE(free, wanted);
}

namespace {

const char* const kForeignSvg =
    "<svg xmlns='http://www.w3.org/2000/svg' width='4cm' height='2in' viewBox='0 0 80 101.6'>"
    "<g transform='translate(10 10)'><rect width='20' height='20' fill='none' stroke='red'/>"
    "<circle cx='40' cy='10' r='10'/></g></svg>";
const char* const kForeignDxf =
    "0\nSECTION\n2\nENTITIES\n0\nCIRCLE\n8\n0\n10\n20\n20\n20\n40\n10\n"
    "0\nLWPOLYLINE\n8\n0\n90\n2\n70\n1\n10\n40\n20\n10\n42\n1\n10\n40\n20\n30\n42\n1\n0\nENDSEC\n0\nEOF\n";
const char* const kForeignHpgl =
    "IN;SP1;PU0,0;PD400,0;PD400,400;PD0,400,0,0;PU800,0;PR;PD400,0,0,400,-400,0,0,-400;PU;SP0;";

/// A PDF of one page with this content, packed.
QByteArray pdfWith(const QByteArray& content) {
  // qCompress puts four bytes of length before what zlib makes.
  const QByteArray packed = qCompress(content, 9).mid(4);
  QByteArray out = "%PDF-1.4\n";
  QList<qsizetype> at;
  const auto object = [&](const QByteArray& body) {
    at << out.size();
    out += QByteArray::number(at.size()) + " 0 obj\n" + body + "\nendobj\n";
  };
  object("<< /Type /Catalog /Pages 2 0 R >>");
  object("<< /Type /Pages /Kids [3 0 R] /Count 1 >>");
  object("<< /Type /Page /Parent 2 0 R /MediaBox [0 0 200 200] /Contents 4 0 R >>");
  object("<< /Length " + QByteArray::number(packed.size()) + " /Filter /FlateDecode >>\nstream\n" + packed +
         "\nendstream");
  const qsizetype table = out.size();
  out += "xref\n0 5\n0000000000 65535 f \n";
  for (const qsizetype k : at) out += QByteArray::number(k).rightJustified(10, '0') + " 00000 n \n";
  return out + "trailer << /Size 5 /Root 1 0 R >>\nstartxref\n" + QByteArray::number(table) + "\n%%EOF\n";
}

}  // namespace

void TstCutFiles::drawingsFromElsewhereAreRead_data() {
  QTest::addColumn<QByteArray>("data");
  QTest::addColumn<double>("area");
  QTest::newRow("SVG with a transform, a rectangle and a disc, half a mm a unit")
      << QByteArray(kForeignSvg) << 100 + M_PI * 25;
  QTest::newRow("DXF with a circle and two bulges") << QByteArray(kForeignDxf) << 2 * M_PI * 100;
  QTest::newRow("HPGL, absolute and relative") << QByteArray(kForeignHpgl) << 200.0;
  // 40 plotter units are a millimetre (HPGL's unit, from memory). A pen that no plotter has is one that cuts.
  QTest::newRow("HPGL with a pen of no plotter") << QByteArray(
                                                        "IN;SP99999999999992;PU0,0;PD400,0,400,400,0,400,0,0;"
                                                        "SP-99999999999;PU800,0;PD1200,0,1200,400,800,400,"
                                                        "800,0;SP0;")
                                                 << 200.0;
}

void TstCutFiles::drawingsFromElsewhereAreRead() {
  QFETCH(QByteArray, data);
  QFETCH(double, area);
  const auto sheets = readCutData(data);
  QVERIFY2(bool(sheets), sheets ? "" : sheets.error().text().c_str());
  const auto report = runCutter(sheets.value()[0].cuts);
  QVERIFY(bool(report));
  QCOMPARE(report.value().pieces.size(), 2u);
  double sum = 0;
  for (const FreePiece& p : report.value().pieces) sum += p.area_mm2;
  QVERIFY2(std::fabs(sum / area - 1) < 0.002, qPrintable(QStringLiteral("%1 for %2").arg(sum).arg(area)));
}

void TstCutFiles::badFilesAreRefused_data() {
  QTest::addColumn<QByteArray>("data");
  QTest::addColumn<QString>("says");
  const QByteArray svg = svgCutFile(QStringLiteral("x"), m_sheets), dxf = dxfCutFile(m_sheets),
                   pdf = pdfCutFile(QStringLiteral("x"), m_sheets);
  QTest::newRow("nothing") << QByteArray() << "empty";
  QTest::newRow("garbage") << QByteArray("hello, this is a letter") << "no cut file";
  QTest::newRow("SVG cut short") << svg.left(svg.size() / 2) << "SVG";
  QTest::newRow("SVG with an entity")
      << QByteArray("<!DOCTYPE svg [<!ENTITY a 'b'>]><svg xmlns='http://www.w3.org/2000/svg'>&a;</svg>")
      << "entities";
  QTest::newRow("SVG with a script")
      << QByteArray("<svg xmlns='http://www.w3.org/2000/svg'><script>1</script></svg>") << "scripts";
  QTest::newRow("SVG of absurd size") << QByteArray(
                                             "<svg xmlns='http://www.w3.org/2000/svg' width='9999999mm' "
                                             "height='1mm' viewBox='0 0 1 1'><path d='M0,0L1,1'/></svg>")
                                      << "mm large";
  QTest::newRow("SVG without a line")
      << QByteArray(
             "<svg xmlns='http://www.w3.org/2000/svg' width='10mm' height='10mm' viewBox='0 0 10 10'/>")
      << "nothing to cut";
  QTest::newRow("DXF cut short") << dxf.left(dxf.size() / 2) << "cut short";
  QTest::newRow("DXF with a spline") << QByteArray(
                                            "0\nSECTION\n2\nENTITIES\n0\nSPLINE\n8\n0\n0\nENDSEC\n0\nEOF\n")
                                     << "SPLINE";
  QTest::newRow("DXF far away")
      << QByteArray(
             "0\nSECTION\n2\nENTITIES\n0\nLINE\n8\n0\n10\n0\n20\n0\n11\n1e9\n21\n0\n0\nENDSEC\n0\nEOF\n")
      << "farther";
  QTest::newRow("HPGL with half a point") << QByteArray("IN;PD10,20,30;") << "only one coordinate";
  QTest::newRow("HPGL with an arc") << QByteArray("IN;PD;AA0,0,90;") << "AA";
  QTest::newRow("PDF cut short") << pdf.left(200) << "PDF";
  // Bombs: small files that are much once they are unpacked or drawn out.
  QTest::newRow("PDF that unpacks to 400 MB") << pdfWith(QByteArray(400 << 20, ' ')) << "unpacks to more";
  QTest::newRow("PDF of very many lines")
      << pdfWith(QByteArray("0 0 m 9 9 l S\n").repeated(2000000)) << "300 000 points";
  QTest::newRow("PDF of very many states")
      << pdfWith(QByteArray("q Q\n").repeated(4000000)) << "three million";
  QByteArray long1 = "0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n8\n0\n";
  long1 += QByteArray("10\n1\n20\n1\n42\n1\n").repeated(400000) + "0\nENDSEC\n0\nEOF\n";
  QTest::newRow("DXF of very many bulges") << long1 << "300 000 points";
  QTest::newRow("HPGL of very many points") << "IN;PD" + QByteArray("1,2,3,4,").repeated(400000) + "5,6;"
                                            << "300 000 points";
}

void TstCutFiles::badFilesAreRefused() {
  QFETCH(QByteArray, data);
  QFETCH(QString, says);
  const auto read = readCutData(data);
  QVERIFY(!read);
  QVERIFY2(QString::fromStdString(read.error().text()).contains(says), read.error().text().c_str());
}

void TstCutFiles::aPlainPdfFromElsewhereIsRead() {
  const auto sheets = readCutData(pdfWith("10 10 m 100 10 l 100 100 l 10 100 l h S\n"));
  QVERIFY2(bool(sheets), sheets ? "" : sheets.error().text().c_str());
  const auto report = runCutter(sheets.value()[0].cuts);
  QVERIFY(bool(report));
  QCOMPARE(report.value().pieces.size(), size_t{1});
  QVERIFY(std::fabs(report.value().pieces[0].area_mm2 - std::pow(90 * 25.4 / 72, 2)) < 0.1);
}

void TstCutFiles::linesThatCrossWithoutEndAreRefused() {
  std::mt19937 random(3);
  std::uniform_real_distribution<double> any(0, 200);
  std::vector<CutLine> lines;
  for (int k = 0; k < 4000; ++k)
    lines.push_back({"", {{any(random), any(random)}, {any(random), any(random)}}, false});
  const auto report = runCutter(lines);
  QVERIFY(!report && report.error().message.find("too often") != std::string::npos);
}

void TstCutFiles::thePictureShowsSomething() {
  std::vector<CutSheet> sheets;
  std::vector<CutReport> reports;
  for (const LabelledSheet& s : m_sheets)
    sheets.push_back(s.sheet), reports.push_back(runCutter(s.sheet.cuts).value());
  const QImage picture = cutterPicture(sheets, reports, 700);
  QVERIFY(picture.width() <= 700 && picture.height() > 100);
  QSet<QRgb> colours;
  for (int y = 0; y < picture.height(); y += 3)
    for (int x = 0; x < picture.width(); x += 3) colours.insert(picture.pixel(x, y));
  QVERIFY(colours.size() > 4);
}

HAVLO_TEST(TstCutFiles)
#include "tst_cut_files.moc"
