// Printouts measured on paper that does not exist: PDF rasterised by poppler, SVG by librsvg, marks found in
// the pixels.
#include <QDir>
#include <QImage>
#include <QImageReader>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>
#include <QTranslator>
#include <QXmlStreamReader>
#include <cmath>

#include "core/chain/chain.h"
#include "core/making/step_groups.h"
#include "core/outline/distance.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/pieces/face_plan.h"
#include "core/trace/scan.h"
#include "io/art/svg_art.h"
#include "io/cut/cut_file.h"
#include "io/fonts.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

constexpr int kDpi = 600;
constexpr double kPx = kDpi / 25.4;  // pixels a mm

QImage rasterised(const QString& program, const QStringList& args, const QString& picture) {
  QProcess p;
  p.start(program, args);
  if (!p.waitForFinished(60000) || p.exitCode() != 0) return {};
  return QImage(picture).convertToFormat(QImage::Format_Grayscale8);
}

QImage pdfPage(const QString& pdf, int page) {
  const QString base = pdf + QStringLiteral("-%1").arg(page);
  return rasterised(QStringLiteral("pdftoppm"),
                    {QStringLiteral("-r"), QString::number(kDpi), QStringLiteral("-f"), QString::number(page),
                     QStringLiteral("-l"), QString::number(page), QStringLiteral("-gray"),
                     QStringLiteral("-singlefile"), pdf, base},
                    base + QStringLiteral(".pgm"));
}

/// Long dark runs along rows in a stretch of the page: the horizontal lines, in mm.
struct Line {
  double left, right, top, bottom, y;  // y: the middle of its thickness
};
std::vector<Line> horizontalLines(const QImage& image, double fromY, double toY, double least_mm) {
  std::vector<Line> out;
  for (int y = qMax(0, qRound(fromY * kPx)); y < qMin(image.height(), qRound(toY * kPx)); ++y) {
    const uchar* row = image.constScanLine(y);
    for (int x = 0; x < image.width();) {
      if (row[x] > 128) {
        ++x;
        continue;
      }
      const int from = x;
      while (x < image.width() && row[x] <= 128) ++x;
      if ((x - from) / kPx < least_mm) continue;
      const double left = from / kPx, right = x / kPx, top = y / kPx, bottom = (y + 1) / kPx;
      if (!out.empty() && std::abs(out.back().left - left) < 0.3 &&
          top - out.back().bottom < 0.1) {  // the same line, next row
        out.back() = {std::min(out.back().left, left), std::max(out.back().right, right), out.back().top,
                      bottom, (out.back().top + bottom) / 2};
      } else {
        out.push_back({left, right, top, bottom, (top + bottom) / 2});
      }
    }
  }
  return out;
}

Plan onePost() {
  Plan p = emptyPlan();
  p.card.panel = {100, 120, {}};
  p.view->horizon_mm = 60;
  addStamp(p, slab("post", 20, 30));
  put(p, "a", "post", {40, 30}, 2);
  return p;
}

/// A language whose words are a third longer than they are in English: German and French often are.
class LongWords : public QTranslator {
 public:
  QString translate(const char*, const char* text, const char*, int) const override {
    constexpr int kOneWord = 12;  // single words are as long as they are in any language
    if (qstrlen(text) < kOneWord) return QString::fromUtf8(text);
    QString more = QString::fromUtf8(text).remove(u'%').remove(u'&');
    more.remove(QRegularExpression(QStringLiteral("[0-9]")));
    return QString::fromUtf8(text) + QChar(u' ') + more.left(more.size() / 3);
  }
  bool isEmpty() const override { return false; }
};

/// What a PDF says; nothing where it cannot be read.
QString textOf(const QString& pdf, const QString& how = QStringLiteral("-nopgbrk")) {
  QProcess text;
  text.start(QStringLiteral("pdftotext"), {how, pdf, QStringLiteral("-")});
  if (!text.waitForFinished() || text.exitCode() != 0) return {};
  return QString::fromUtf8(text.readAllStandardOutput());
}

/// Every word of a PDF with its box in points, y down.
std::vector<std::pair<QRectF, QString>> wordsOn(const QString& pdf) {
  QProcess boxes;
  boxes.start(QStringLiteral("pdftotext"), {QStringLiteral("-bbox"), pdf, QStringLiteral("-")});
  if (!boxes.waitForFinished() || boxes.exitCode() != 0) return {};
  static const QRegularExpression word(QStringLiteral(
      "<word xMin=\"([-0-9.]+)\" yMin=\"([-0-9.]+)\" xMax=\"([-0-9.]+)\" yMax=\"([-0-9.]+)\">([^<]*)<"));
  std::vector<std::pair<QRectF, QString>> out;
  for (auto it = word.globalMatch(QString::fromUtf8(boxes.readAllStandardOutput())); it.hasNext();) {
    const auto m = it.next();
    out.push_back({QRectF(QPointF(m.captured(1).toDouble(), m.captured(2).toDouble()),
                          QPointF(m.captured(3).toDouble(), m.captured(4).toDouble())),
                   m.captured(5)});
  }
  return out;
}

}  // namespace

class TstPrint : public QObject {
  Q_OBJECT

 private:
  QTemporaryDir m_folder;

 private Q_SLOTS:
  void initTestCase() {
    loadFonts();
    QImageReader::setAllocationLimit(1024);
  }

  void rulesAndPanelAreTrueInPdf_data() {
    QTest::addColumn<bool>("letter");
    QTest::newRow("A4") << false;
    QTest::newRow("Letter") << true;
  }
  void rulesAndPanelAreTrueInPdf() {
    QFETCH(bool, letter);
    const Sheet sheet = letter ? Sheet::letter() : Sheet::a4();
    const Plan p = onePost();
    const QString pdf = m_folder.filePath(letter ? QStringLiteral("l.pdf") : QStringLiteral("a.pdf"));
    QVERIFY(bool(writePdf(pdf, placementSheet(p, *analyse(p), MeasureStyle::Millimetres, sheet))));
    const QImage page = pdfPage(pdf, 1);
    QVERIFY(!page.isNull());
    // The page box is rounded to whole points, a third of a millimetre.
    QVERIFY(std::abs(page.width() / kPx - sheet.width_mm) < 0.4 &&
            std::abs(page.height() / kPx - sheet.height_mm) < 0.4);
    const auto rules = horizontalLines(page, sheet.height_mm - 30, sheet.height_mm - 10, 90);
    QCOMPARE(rules.size(), size_t(2));
    QVERIFY2(std::abs(rules[0].right - rules[0].left - kRulePen_mm - 100) < 0.1,
             qPrintable(QString::number(rules[0].right - rules[0].left)));
    QVERIFY2(std::abs(rules[1].right - rules[1].left - kRulePen_mm - 101.6) < 0.1,
             qPrintable(QString::number(rules[1].right - rules[1].left)));
    // Panel: two lines of 100 mm (and half a pen on each side), 120 mm apart.
    std::vector<Line> panel;
    for (const Line& l : horizontalLines(page, 10, sheet.height_mm - 35, 95))
      if (std::abs(l.right - l.left - 100.35) < 0.15) panel.push_back(l);
    QCOMPARE(panel.size(), size_t(2));
    QVERIFY(std::abs(panel[1].y - panel[0].y - 120) < 0.1);
    // The post's upper edge: 20 mm wide, at x 30 from the left, y 60 from the bottom.
    bool found = false;
    for (const Line& l : horizontalLines(page, panel[0].y + 1, panel[1].y - 1, 15))
      found = found || (std::abs(l.right - l.left - 20.25) < 0.15 &&
                        std::abs(l.left + 0.125 - (panel[0].left + 0.175) - 30) < 0.1 &&
                        std::abs(panel[1].y - l.y - 60) < 0.15);
    QVERIFY(found);
  }

  void rulesAreTrueInSvg() {
    const Plan p = onePost();
    const QString svg = m_folder.filePath(QStringLiteral("t.svg")),
                  png = m_folder.filePath(QStringLiteral("t.png"));
    QVERIFY(bool(writePlacementSvg(svg, p, *analyse(p), MeasureStyle::Inches)));
    const QImage page =
        rasterised(QStringLiteral("rsvg-convert"),
                   {QStringLiteral("-d"), QString::number(kDpi), QStringLiteral("-p"), QString::number(kDpi),
                    QStringLiteral("-b"), QStringLiteral("white"), svg, QStringLiteral("-o"), png},
                   png);
    QVERIFY(!page.isNull());
    const auto rules = horizontalLines(page, page.height() / kPx - 18, page.height() / kPx - 4, 90);
    QCOMPARE(rules.size(), size_t(2));
    QVERIFY(std::abs(rules[0].right - rules[0].left - kRulePen_mm - 100) < 0.1);
    QVERIFY(std::abs(rules[1].right - rules[1].left - kRulePen_mm - 101.6) < 0.1);
  }

  // The cut line of a mask, 20 x 30 mm inset by 0.3: 19.4 x 29.4 between the middles of its lines.
  void masksAreTrueInSvgAndPdf() {
    Plan p = onePost();
    addStamp(p, slab("wall", 60, 60));
    put(p, "b", "wall", {45, 20}, 4);
    const AnalysisRef a = analyse(p);
    QCOMPARE(a->masksToCut(), 1);
    const QString svg = m_folder.filePath(QStringLiteral("m.svg")),
                  png = m_folder.filePath(QStringLiteral("m.png")),
                  pdf = m_folder.filePath(QStringLiteral("m.pdf"));
    QVERIFY(
        bool(writeCutFile(svg, CutFormat::Svg, {}, labelledSheets(p, layMasksOut(p, *a, MaskingSheet{})))));
    const QImage drawn =
        rasterised(QStringLiteral("rsvg-convert"),
                   {QStringLiteral("-d"), QString::number(kDpi), QStringLiteral("-p"), QString::number(kDpi),
                    QStringLiteral("-b"), QStringLiteral("white"), svg, QStringLiteral("-o"), png},
                   png);
    QVERIFY(!drawn.isNull());
    const auto sides = horizontalLines(drawn, 0, drawn.height() / kPx, 15);
    QCOMPARE(sides.size(), size_t(2));
    QVERIFY(std::abs(sides[1].y - sides[0].y - 29.4) < 0.1);
    QVERIFY(bool(writePdf(pdf, maskSheet(p, *a, Sheet::a4()))));
    const QImage page = pdfPage(pdf, 1);
    std::vector<Line> printed;
    for (const Line& l : horizontalLines(page, 20, 270, 15))
      if (l.right - l.left < 25) printed.push_back(l);
    QCOMPARE(printed.size(), size_t(2));
    QVERIFY(std::abs(printed[1].y - printed[0].y - 29.4) < 0.1);
  }

  void theMaskSvgHasOneClosedPathACut() {
    Plan p = onePost();
    Stamp frame = slab("frame", 40, 40);
    frame.silhouette.push_back(rectangle({10, 10, 30, 30})[0]);
    addStamp(p, frame);
    addStamp(p, slab("wall", 90, 100));
    put(p, "f", "frame", {70, 60}, 1);
    put(p, "b", "wall", {50, 10}, 4);
    const QString svg = m_folder.filePath(QStringLiteral("cuts.svg"));
    const AnalysisRef a = analyse(p);
    QVERIFY(
        bool(writeCutFile(svg, CutFormat::Svg, {}, labelledSheets(p, layMasksOut(p, *a, MaskingSheet{})))));
    QFile f(svg);
    QVERIFY(f.open(QIODevice::ReadOnly));
    QXmlStreamReader xml(&f);
    int paths = 0;
    while (!xml.atEnd())
      if (xml.readNext() == QXmlStreamReader::StartElement) {
        if (xml.name() == QLatin1String("svg"))
          QVERIFY(xml.attributes().value(QLatin1String("width")).endsWith(QLatin1String("mm")));
        if (xml.name() != QLatin1String("path")) continue;
        ++paths;
        const QString d = xml.attributes().value(QLatin1String("d")).toString();
        QCOMPARE(d.count(u'M'), 1);
        QVERIFY(d.endsWith(u'Z'));
      }
    QVERIFY(!xml.hasError());
    QCOMPARE(paths, 3);  // the post, the frame's hole, the frame
  }

  // The pencil sheet on paper: the bench's edges where a pinhole puts them, to 0.1 mm, and the same lines as
  // SVG through librsvg.
  void thePencilSheetIsTrue() {
    QTemporaryDir folder;
    Plan p = emptyPlan();
    Room room;
    room.left_mm = 30, room.bottom_mm = 50, room.width_mm = 70, room.height_mm = 90;
    room.floor = FloorKind::Plain, room.ceiling = false;
    RoomBox bench;
    bench.id = "b", bench.left_m = 0.3, bench.back_m = 0.4, bench.width_m = 0.9, bench.depth_m = 0.5,
    bench.height_m = 0.7;
    room.boxes = {bench};
    p.room = room;
    QVERIFY(hasGuides(p));
    const AnalysisRef a = analyse(p);
    // By hand: f = 96 * 2 / 1.5 = 128 mm; the back wall at 2 * 96 / 46 m; the front edge 0.9 m nearer.
    const double back = 2 * 96 / 46.0, front = back - 0.9, f = 128, vx = p.card.panel.width_mm / 2;
    const double left = (30 - vx) * back / f + 0.3;
    const double width = 0.9 * f / front, x = vx + left * f / front, y = 96 + (0.7 - 1.5) * f / front;
    const QString pdf = folder.filePath(QStringLiteral("pencil.pdf")),
                  svg = folder.filePath(QStringLiteral("pencil.svg"));
    QVERIFY(bool(writePdf(pdf, pencilSheet(p, *a, MeasureStyle::Millimetres, Sheet::a4()))));
    QVERIFY(bool(writePencilSvg(svg, p, *a)));
    const auto finds = [&](const QImage& image, QPointF panelTopLeft) {
      const double wanted = panelTopLeft.y() + p.card.panel.height_mm - y;
      for (const Line& l : horizontalLines(image, wanted - 2, wanted + 2, 20))
        if (std::abs(l.right - l.left - width) < 0.4 && std::abs(l.left - panelTopLeft.x() - x) < 0.3 &&
            std::abs(l.y - wanted) < 0.1)
          return true;
      return false;
    };
    const QImage page = pdfPage(pdf, 1);
    // The panel's own frame is the longest pair of lines of its width.
    QPointF corner(-1, -1);
    for (const Line& l : horizontalLines(page, 0, 200, 100))
      if (corner.x() < 0 && std::abs(l.right - l.left - p.card.panel.width_mm) < 0.6)
        corner = {l.left + 0.175, l.y};
    QVERIFY(corner.x() > 0);
    QVERIFY(finds(page, corner));
    const QString png = folder.filePath(QStringLiteral("pencil.png"));
    const QImage drawing = rasterised(
        QStringLiteral("rsvg-convert"),
        {QStringLiteral("--dpi-x"), QString::number(kDpi), QStringLiteral("--dpi-y"), QString::number(kDpi),
         QStringLiteral("-b"), QStringLiteral("white"), QStringLiteral("-o"), png, svg},
        png);
    QVERIFY(!drawing.isNull());
    QVERIFY(finds(drawing, {0, 0}));
    const Printout both = joined(placementSheet(p, *a, MeasureStyle::Inches, Sheet::letter()),
                                 pencilSheet(p, *a, MeasureStyle::Inches, Sheet::letter()));
    QCOMPARE(both.pages, placementSheet(p, *a, MeasureStyle::Inches, Sheet::letter()).pages + 1);
    QVERIFY(!writePencilSvg(folder.filePath(QStringLiteral("no/where.svg")), p, *a));
    QVERIFY(!hasGuides(emptyPlan()));
  }

  // What is mirrored in water and what lies in shadow is told apart from what is inked, and named where it
  // is.
  void thePencilSheetSaysWhatItsLinesMean() {
    const auto legend = [&](const Plan& p) {
      const QString pdf = m_folder.filePath(QStringLiteral("legend.pdf"));
      const auto written = writePdf(pdf, pencilSheet(p, *analyse(p), MeasureStyle::Millimetres, Sheet::a4()));
      return written ? textOf(pdf) : QString();
    };
    Plan fen = demo("misty-fen");
    QVERIFY(legend(fen).contains(QStringLiteral("Full: to ink. Dotted: shadows and reflections.")));
    const QString svg = m_folder.filePath(QStringLiteral("legend.svg"));
    QVERIFY(bool(writePencilSvg(svg, fen, *analyse(fen))));
    QFile file(svg);
    QVERIFY(file.open(QIODevice::ReadOnly));
    const QByteArray drawing = file.readAll();
    QVERIFY(drawing.contains("stroke-dasharray=\"0.18 0.36\""));
    fen.light.reset();
    QVERIFY(legend(fen).contains(QStringLiteral("Dotted: reflections.")));
    fen.ground[0].mirrors = false;
    const QString plain = legend(fen);
    QVERIFY(plain.contains(QStringLiteral("Full: to ink.")) && !plain.contains(QStringLiteral("Dotted")));
  }

  // Printed, rasterised as a scanner would, found again: 60 mm to 0.1 mm on both papers.
  void theCalibrationSquareIsFoundOnItsPrint_data() {
    QTest::addColumn<bool>("letter");
    QTest::newRow("Letter") << true;
    QTest::newRow("A4") << false;
  }
  void theCalibrationSquareIsFoundOnItsPrint() {
    QFETCH(bool, letter);
    QTemporaryDir folder;
    const QString pdf = folder.filePath(QStringLiteral("square.pdf"));
    QVERIFY(bool(writePdf(pdf, calibrationPage(letter ? Sheet::letter() : Sheet::a4()))));
    const QImage page = pdfPage(pdf, 1);
    QVERIFY(!page.isNull());
    Scan scan;
    scan.width = page.width(), scan.height = page.height();
    for (int y = 0; y < page.height(); ++y)
      scan.grey.insert(scan.grey.end(), page.constScanLine(y), page.constScanLine(y) + page.width());
    const auto corners = findCalibrationSquare(scan);
    QVERIFY(corners.has_value());
    for (size_t k = 0; k < 4; ++k) {
      const PixelPoint a = (*corners)[k], b = (*corners)[(k + 1) % 4];
      const double side = std::hypot(b.x - a.x, b.y - a.y) / kPx;
      QVERIFY2(std::abs(side - kCalibrationSide_mm) < 0.1, qPrintable(QString::number(side)));
    }
  }

  // The stamp that is taped: its outline and the hatched part at true size, named with what it leaves room
  // for.
  void stampsToTapeArePrintedAtTrueSize() {
    Plan p = emptyPlan();
    Stamp front = slab("hare", 20, 30), back = slab("wall", 60, 40);
    front.name = "Hare", back.name = "Wall";
    addStamp(p, front), addStamp(p, back);
    put(p, "f", "hare", {60, 60}, 1).school = School::LeaveOut;
    put(p, "b", "wall", {60, 50}, 2);
    const AnalysisRef a = analyse(p);
    QVERIFY(hasTapedStamps(*a));
    const Printout sheet = tapedStamps(p, *a, Sheet::a4());
    QCOMPARE(sheet.pages, 1);
    // Painted at 10 pixels a millimetre: the green part is as wide and as high as the hare on the wall.
    QImage image(2100, 2970, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    painter.scale(10, 10);
    sheet.draw(painter, 0);
    painter.end();
    int left = 9999, right = -1, top = 9999, bottom = -1;
    for (int y = 0; y < image.height(); ++y)
      for (int x = 0; x < image.width(); ++x) {
        const QColor c = image.pixelColor(x, y);
        if (c.green() < c.red() + 40) continue;
        left = std::min(left, x), right = std::max(right, x), top = std::min(top, y),
        bottom = std::max(bottom, y);
      }
    QVERIFY2(std::abs(right - left - 200) < 10, qPrintable(QString::number(right - left)));
    QVERIFY2(std::abs(bottom - top - 300) < 10, qPrintable(QString::number(bottom - top)));
    QVERIFY(!hasTapedStamps(*analyse(demo("teaching-crowd"))));
  }

  void aLargePanelIsTiled() {
    Plan p = onePost();
    p.card.panel = {400, 500, {}};
    const Printout sheet = placementSheet(p, *analyse(p), MeasureStyle::Millimetres, Sheet::a4());
    QVERIFY(sheet.pages >= 6);
    const QString pdf = m_folder.filePath(QStringLiteral("big.pdf"));
    QVERIFY(bool(writePdf(pdf, sheet)));
    QVERIFY(!pdfPage(pdf, sheet.pages).isNull());
  }

  void aPlanWithoutAnythingStillPrints() {
    const Plan p = emptyPlan();
    const AnalysisRef a = analyse(p);
    for (const Printout& out :
         {placementSheet(p, *a, MeasureStyle::Inches, Sheet::a4()), maskSheet(p, *a, Sheet::letter()),
          runSheetPages(p, *a, {}, MeasureStyle::Inches, Sheet::a4())}) {
      QVERIFY(out.pages >= 1);
      QVERIFY(bool(writePdf(m_folder.filePath(QStringLiteral("empty.pdf")), out)));
    }
  }

  // Ten masks to uncover, seven of them named nowhere: steps were cut where the next one began.
  void theRunSheetHasEveryWordOfEveryStep_data() {
    QTest::addColumn<QString>("name");
    QTest::addColumn<bool>("inches");
    QTest::addColumn<bool>("large");
    for (const char* name : {"canal-towpath", "misty-fen", "potting-shed", "teaching-crowd"}) {
      QTest::newRow(name) << name << false << false;
      QTest::addRow("%s on Letter in inches", name) << name << true << false;
      QTest::addRow("%s in large type", name) << name << false << true;
    }
  }
  void theRunSheetHasEveryWordOfEveryStep() {
    QFETCH(QString, name);
    QFETCH(bool, inches);
    QFETCH(bool, large);
    const Plan p = testing::demo(name.toStdString());
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const MeasureStyle style = inches ? MeasureStyle::Inches : MeasureStyle::Millimetres;
    std::vector<QImage> pictures(a->sheet.steps.size(), QImage(130, 90, QImage::Format_RGB32));
    for (QImage& image : pictures) image.fill(Qt::white);
    const QString pdf = m_folder.filePath(name + QStringLiteral(".pdf"));
    Sheet sheet = inches ? Sheet::letter() : Sheet::a4();
    if (large) sheet.type = 1.6;
    const Printout pages = runSheetPages(p, *a, pictures, style, sheet);
    QVERIFY(bool(writePdf(pdf, pages)));
    QProcess text;
    text.start(QStringLiteral("pdftotext"), {QStringLiteral("-raw"), pdf, QStringLiteral("-")});
    QVERIFY(text.waitForFinished() && text.exitCode() == 0);
    const auto bare = [](QString words) {
      // Heads of pages may stand between a step's lines; signs that fonts join are taken apart by the reader.
      words.remove(QRegularExpression(QStringLiteral("Run sheet for[^\n]*\n|[0-9]+ steps, about[^\n]*\n")));
      return words.remove(QRegularExpression(QStringLiteral("\\s+")));
    };
    const QString all = bare(QString::fromUtf8(text.readAllStandardOutput()));
    int steps = 0;
    for (const StepGroup& group : stepGroups(a->sheet)) {
      const StepWords words = wordsOf(p, *a, group, style);
      const QString whole =
          bare(numbersOf(group) + words.title + words.where + words.corner + words.detail + words.care);
      QVERIFY2(all.contains(whole), qPrintable(whole));
      steps += static_cast<int>(group.steps.size());
      // Whoever is covered, cut for or uncovered in it is named.
      for (const int k : group.steps)
        for (const Cover& c : a->sheet.steps[ix(k)].covers)
          if (c.impression >= 0) {
            // Several of a kind in one: "duck 1 to 3".
            const QString who = nameOf(p, c.impression),
                          kind = QString(who).remove(QRegularExpression(QStringLiteral(" \\d+$")));
            QVERIFY2(whole.contains(bare(who), Qt::CaseInsensitive) ||
                         (kind != who && whole.contains(bare(kind), Qt::CaseInsensitive)),
                     qPrintable(who + QStringLiteral(": ") + whole));
          }
    }
    QCOMPARE(steps, static_cast<int>(stepsToShow(a->sheet).size()));
    // Large type takes more pages.
    if (large) QVERIFY(pages.pages > runSheetPages(p, *a, pictures, style, Sheet::a4()).pages);
    const double width = inches ? 612 : 595, height = inches ? 792 : 842, margin = 10 / 25.4 * 72 - 1;
    const auto words = wordsOn(pdf);
    for (const auto& [box, word] : words)
      QVERIFY2(box.left() >= margin && box.right() <= width - margin + 1 && box.top() >= margin - 3 &&
                   box.bottom() <= height - margin + 3,
               qPrintable(word));
    QVERIFY(words.size() > 100);
  }

  // Every foot has its number on the sheet, none over another, and the table has every thing's words inside
  // the page; where only a turned sheet has room for it beside the panel, the sheet is turned.
  void thePlacementSheetNamesEveryFoot() {
    const Plan p = demo("canal-towpath");
    const AnalysisRef a = analyse(p);
    const Printout out =
        placementSheet(p, *a, MeasureStyle::Millimetres, Sheet::a4(), std::make_shared<SvgArt>());
    QCOMPARE(out.pages, 1);
    QVERIFY(out.sheet.width_mm > out.sheet.height_mm);
    const QString pdf = m_folder.filePath(QStringLiteral("feet.pdf"));
    QVERIFY(bool(writePdf(pdf, out)));
    const double pt = 72 / 25.4;
    QList<QRectF> numbers;
    QStringList all;
    for (const auto& [box, word] : wordsOn(pdf)) {
      QVERIFY2(QRectF(0, 0, 297 * pt, 210 * pt).adjusted(9 * pt, 8 * pt, -9 * pt, -9 * pt).contains(box),
               qPrintable(word));
      all << word;
      bool number = false;
      const int n = word.toInt(&number);
      // On the panel, not along its rulers and not in the table.
      if (number && n <= static_cast<int>(a->order.size()) && box.left() > 21 * pt &&
          box.right() < 196 * pt && box.bottom() < 150 * pt && box.top() > 24 * pt)
        numbers << box.adjusted(0.4, 1.5, -0.4, -1.5);
    }
    QCOMPARE(numbers.size(), static_cast<qsizetype>(a->order.size()));
    for (qsizetype k = 0; k < numbers.size(); ++k)
      for (qsizetype m = 0; m < k; ++m) QVERIFY(!numbers[k].intersects(numbers[m]));
    for (size_t i = 0; i < p.impressions.size(); ++i)
      for (const QString& w : labelOf(p, static_cast<int>(i)).split(u' '))
        QVERIFY2(all.join(u' ').contains(QString(w).remove(u'“').remove(u'”')), qPrintable(w));
  }

  // Every printout of every demo, on both papers, read back: no word lies outside the sheet or in its margin.
  void noWordRunsOffThePage_data() {
    QTest::addColumn<QString>("name");
    QTest::addColumn<bool>("letter");
    QTest::addColumn<bool>("longWords");
    for (const char* name :
         {"canal-towpath", "misty-fen", "potting-shed", "teaching-papers", "towpath-finished"}) {
      QTest::addRow("%s on A4", name) << QString::fromLatin1(name) << false << false;
      if (thorough()) QTest::addRow("%s on Letter", name) << QString::fromLatin1(name) << true << false;
    }
    for (const char* name : {"misty-fen", "towpath-finished"})
      QTest::addRow("%s in long words", name) << QString::fromLatin1(name) << true << true;
  }
  void noWordRunsOffThePage() {
    QFETCH(QString, name);
    QFETCH(bool, letter);
    QFETCH(bool, longWords);
    LongWords language;
    if (longWords) QCoreApplication::installTranslator(&language);
    const Plan p = testing::demo(name.toStdString());
    const AnalysisRef a = analyse(p);
    const Sheet sheet = letter ? Sheet::letter() : Sheet::a4();
    const MeasureStyle style = letter ? MeasureStyle::Inches : MeasureStyle::Millimetres;
    const std::pair<const char*, Printout> all[] = {
        {"placement", placementSheet(p, *a, style, sheet)},
        {"pencil", pencilSheet(p, *a, style, sheet)},
        {"masks", maskSheet(p, *a, sheet)},
        {"taped", tapedStamps(p, *a, sheet)},
        {"cuts",
         cutListPages(p, cutFromDrawer(p, {}, {"", sheet.width_mm, sheet.height_mm, 1}), style, sheet)},
        {"square", calibrationPage(sheet)}};
    for (const auto& [which, out] : all) {
      const QString pdf = m_folder.filePath(QStringLiteral("%1-%2.pdf").arg(name, QLatin1String(which)));
      QVERIFY(bool(writePdf(pdf, out)));
      const double pt = 72 / 25.4, margin = 6 * pt;
      const QRectF page(0, 0, out.sheet.width_mm * pt, out.sheet.height_mm * pt);
      const auto words = wordsOn(pdf);
      for (const auto& [box, word] : words)
        QVERIFY2(page.adjusted(margin, margin, -margin, -margin).contains(box),
                 qPrintable(QStringLiteral("%1: %2").arg(QLatin1String(which), word)));
      QVERIFY2(words.size() > 3, which);
    }
  }

  // A mask of two loose parts has a letter on the second, inside it.
  void looseParts_areLettered() {
    Plan p = onePost();
    Stamp two = *p.stamps[0];
    two.silhouette = {{{0, 0}, {12, 0}, {12, 20}, {0, 20}}, {{16, 0}, {26, 0}, {26, 20}, {16, 20}}};
    two.width_mm = 26, two.height_mm = 20, two.name = "Pair";
    MaskJob job;
    job.sheet = {};
    job.sheets = 1;
    LaidMask mask;
    mask.onSheet = two.silhouette, mask.up = {0, 1};
    mask.roomiest = deepestPoint({two.silhouette[0]});
    job.masks = {mask};
    p.stamps[0] = std::make_shared<const Stamp>(two);
    QStringList texts;
    Point second{};
    const auto sheets = labelledSheets(p, job);
    for (const CutLabel& l : sheets[0].labels) {
      texts << l.text;
      if (l.text == QLatin1String("1b")) second = l.at;
    }
    QVERIFY2(texts.contains(QStringLiteral("1b")), qPrintable(texts.join(u',')));
    QVERIFY(second.x > 16 && second.x < 26 && second.y > 0 && second.y < 20);
  }

  // Names that do not fit into their masks stand beside them: on the sheet, over no mask and no other name.
  void namesBesideMasksLieOnNothing() {
    int names = 0;
    for (const char* which : {"canal-towpath", "misty-fen", "potting-shed"}) {
      const Plan p = demo(which);
      const MaskJob job = layMasksOut(p, *withBestOrder(p, analyse(p)), maskingSheetFor(p, Sheet::a4()));
      const auto sheets = labelledSheets(p, job);
      for (size_t s = 0; s < sheets.size(); ++s) {
        std::vector<Box> taken;
        for (const CutLabel& l : sheets[s].labels) {
          if (l.text.contains(u',') || l.text[0].isDigit()) continue;
          const double w = textWidth(l.height_mm, l.text) / 2, h = l.height_mm / 2;
          const bool along = l.turn.value == 90;
          const Box box{l.at.x - (along ? h : w), l.at.y - (along ? w : h), l.at.x + (along ? h : w),
                        l.at.y + (along ? w : h)};
          const std::string said = l.text.toStdString() + " of " + which;
          QVERIFY2(box.left >= -1e-6 && box.right <= job.sheet.width_mm && box.bottom >= -2.5, said.c_str());
          for (const LaidMask& m : job.masks)
            if (ix(m.place.sheet) == s)
              QVERIFY2(sharedArea(SweepEdges(rectangle(box)), SweepEdges(m.onSheet)) < 0.1, said.c_str());
          for (const Box& other : taken) QVERIFY2(!box.meets(other), said.c_str());
          taken.push_back(box);
          ++names;
        }
      }
    }
    QVERIFY2(names > 8, qPrintable(QString::number(names)));
  }

  void aFolderThatIsNotThereIsSaid() {
    const Plan p = onePost();
    const auto saved = writePdf(QStringLiteral("/nowhere/a.pdf"),
                                placementSheet(p, *analyse(p), MeasureStyle::Inches, Sheet::a4()));
    QVERIFY(!saved && saved.error().code == ErrorCode::CannotWrite);
  }

  /// The cut list read back: every piece is on it, drawn to scale, its cuts in words; the inside is a chapter
  /// of the run sheet.
  void theCutList_isReadBack() {
    const Plan p = demo("towpath-finished");
    std::vector<DrawerPaper> papers(1);
    papers[0].key = "x", papers[0].name = "Slate night", papers[0].colour = {0x3a, 0x44, 0x4c};
    papers[0].thickness_mm = 0.35, papers[0].width_mm = 192, papers[0].height_mm = 136, papers[0].sheets = 1;
    const auto cuts = cutFromDrawer(p, papers, {"A4", 210, 297, 1});
    const QString pdf = m_folder.filePath(QStringLiteral("cuts.pdf"));
    QVERIFY(bool(writePdf(pdf, cutListPages(p, cuts, MeasureStyle::Millimetres, Sheet::a4()))));
    const QString all = textOf(pdf, QStringLiteral("-layout"));
    for (const char* words :
         {"base", "panel", "hare", "words", "from the drawer", "a new one", "138.2 mm from its bottom edge",
          "keep blades away", "1. level", "of what is in hand"})
      QVERIFY2(all.contains(QLatin1String(words)), words);
    // The panel's drawing has the panel's proportions: its two borders, found in the pixels of the first page
    // that has it, are told apart by the fill of pieces.
    const QImage page = pdfPage(pdf, 1);
    QVERIFY(!page.isNull());
    int filled = 0;
    for (int y = 0; y < page.height(); y += 8)
      for (int x = 0; x < page.width(); x += 8) {
        const int grey = qGray(page.pixel(x, y));
        filled += grey > 228 && grey < 243;
      }
    QVERIFY(filled > 1000);
    // Nothing to cut from: said, one page.
    const Printout none = cutListPages(p, {}, MeasureStyle::Inches, Sheet::letter());
    QCOMPARE(none.pages, 1);
  }

  void chaptersFollowOneAnother() {
    const Plan p = demo("towpath-finished");
    const AnalysisRef a = analyse(p);
    Plan inside = facePlan(p, p.pieceIndex("inside"));
    const AnalysisRef own = analyse(inside);
    const Printout one = runSheetPages(p, *a, {}, MeasureStyle::Millimetres, Sheet::a4());
    const Printout both = runSheetOf({{p, a, {}}, {inside, own, {}}}, MeasureStyle::Millimetres, Sheet::a4());
    QVERIFY(both.pages > one.pages);
    const QString pdf = m_folder.filePath(QStringLiteral("chapters.pdf"));
    QVERIFY(bool(writePdf(pdf, both)));
    const QString all = textOf(pdf);
    QVERIFY(all.contains(QStringLiteral("Run sheet for inside")) &&
            all.contains(QStringLiteral("many happy")));
    QVERIFY(all.contains(QStringLiteral("stamp it first, empty")));
  }
};

HAVLO_TEST(TstPrint)
#include "tst_print.moc"
