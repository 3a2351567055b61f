// A printed sheet that lies askew is found by its marks, from files of every format; without marks it is cut
// beside.
#include "core/cutting/mask_job.h"
#include "io/cut/cut_file.h"
#include "io/devices/cutter_eye.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

const LaidSheet kAskew{{1.5, -2.0}, Degrees{1.2}, 0.998};

std::vector<LabelledSheet> sheetsOf(const Plan& plan, const CuttingMachine& machine,
                                    MaskingSheet sheet = {}) {
  const AnalysisRef a = analyse(plan);
  return labelledSheets(plan, layMasksOut(plan, *a, roomFor(sheet, machine)), machine);
}

}  // namespace

class TstCutterEye : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void everyFormatIsFound_data() {
    QTest::addColumn<int>("format");
    for (int f = 0; f < 4; ++f) QTest::addRow("format %d", f) << f;
  }
  void everyFormatIsFound() {
    QFETCH(int, format);
    const auto all = sheetsOf(demo("canal-towpath"), {{0.25, 0}, true});
    QCOMPARE(all.size(), 1u);
    const QByteArray bytes = format == 0   ? svgCutFile("t", all)
                             : format == 1 ? dxfCutFile(all)
                             : format == 2 ? hpglCutFile(all)
                                           : pdfCutFile("t", all);
    const auto read = readCutData(bytes);
    QVERIFY(read);
    const CutSheet& sheet = read.value()[0];
    QCOMPARE(marksOn(sheet).size(), 4u);
    const auto found = findSheet(sheet, kAskew);
    QVERIFY(found);
    QCOMPARE(found.value().seen, 4);
    QVERIFY(!found.value().fit.wrongWay);
    // Common practice, no source: a cut 0.1 mm beside the line is not seen.
    QVERIFY2(found.value().off_mm < 0.1, qPrintable(QString::number(found.value().off_mm)));
    const auto turned = findSheet(sheet, {{205, 290}, Degrees{180.6}, 1});
    QVERIFY(turned && turned.value().fit.wrongWay);
    QVERIFY(turned.value().off_mm < 0.1);
  }

  void withoutMarksTheCutLiesBeside() {
    const auto all = sheetsOf(demo("canal-towpath"), {});
    const auto found = findSheet(all[0].sheet, kAskew);
    QVERIFY(found);
    QCOMPARE(found.value().marks, 0);
    QVERIFY(found.value().off_mm > 1);
  }

  void nothingIsCutThroughAMark() {
    for (const char* name : {"canal-towpath", "misty-fen"})
      for (const LabelledSheet& s : sheetsOf(demo(name), {{0.3, 0.2}, true}))
        for (const CutLine& line : s.sheet.cuts) {
          if (line.id == kBladeScratch) continue;
          for (Point mark : marksOn(s.sheet))
            for (Point p : line.points) QVERIFY(distance(p, mark) > kMarkRadius_mm + 1);
        }
  }

  void aCoveredMarkIsMissedAndTwoAreTooFew() {
    CutSheet sheet = sheetsOf(demo("canal-towpath"), {{}, true})[0].sheet;
    const EyePicture eye = seenSheet(sheet, kAskew);
    auto seen = marksSeen(eye);
    QVERIFY(seen);
    QCOMPARE(seen.value().size(), 4u);
    // The printer left one out: found by three. Another is smeared: refused.
    const std::vector<Point> marks = marksOn(sheet);
    std::vector<Point> three(seen.value().begin(), seen.value().begin() + 3);
    QVERIFY(fitSheet(marks, three));
    QVERIFY(!fitSheet(marks, std::vector<Point>(three.begin(), three.begin() + 2)));
  }

  void eachSheetIsAFileOfItsOwn() {
    QTemporaryDir folder;
    MaskingSheet small;
    small.width_mm = 120, small.height_mm = 110;
    const auto all = sheetsOf(demo("canal-towpath"), {{}, true}, small);
    QVERIFY(all.size() > 1);
    const QString path = folder.filePath("masks.svg");
    QVERIFY(writeCutFile(path, CutFormat::Svg, "t", all));
    QVERIFY(!QFile::exists(path));
    const auto paths = cutFilePaths(path, CutFormat::Svg, all);
    QCOMPARE(paths.size(), all.size());
    size_t lines = 0;
    for (const QString& p : paths) {
      const auto read = readCutFile(p);
      QVERIFY(read);
      QCOMPARE(marksOn(read.value()[0]).size(), 4u);
      lines += read.value()[0].cuts.size();
    }
    size_t wanted = 0;
    for (const LabelledSheet& s : all) wanted += s.sheet.cuts.size();
    QCOMPARE(lines, wanted);
    // Pages hold the sheets of a PDF; without marks one file does as ever.
    QCOMPARE(cutFilePaths("a.pdf", CutFormat::Pdf, all).size(), 1u);
    QCOMPARE(cutFilePaths("a.svg", CutFormat::Svg, sheetsOf(demo("canal-towpath"), {}, small)).size(), 1u);
  }
};

HAVLO_TEST(TstCutterEye)
#include "tst_cutter_eye.moc"
