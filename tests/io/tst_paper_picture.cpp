// Patterned papers in the pictures: their mean colour in the plan, the pattern where the paper shows and
// nowhere else.
#include <QDir>
#include <QImage>
#include <QPainter>
#include <QTemporaryDir>
#include <QTest>

#include "core/chain/chain.h"
#include "io/art/paper_picture.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Upright stripes, light and dark, eight of them.
QString stripes(const QTemporaryDir& folder) {
  QImage image(80, 40, QImage::Format_RGB32);
  for (int y = 0; y < 40; ++y)
    for (int x = 0; x < 80; ++x)
      image.setPixelColor(x, y, (x / 10) % 2 ? QColor(240, 220, 180) : QColor(120, 90, 50));
  const QString file = folder.filePath(QStringLiteral("stripes.png"));
  image.save(file);
  return file;
}

Piece sheet(const char* id, Box box, double raise_mm = 0) {
  Piece p;
  p.id = id, p.kind = PieceKind::Plain, p.raise_mm = raise_mm;
  p.width_mm = box.width(), p.height_mm = box.height(), p.at = {box.left, box.bottom};
  return p;
}

int spread(const QImage& image, const Plan& plan, Box box) {
  int least = 255, most = 0;
  for (double x = box.left; x < box.right; x += 0.5) {
    const int v =
        image
            .pixelColor(static_cast<int>(x * image.width() / plan.card.panel.width_mm),
                        static_cast<int>((1 - box.centre().y / plan.card.panel.height_mm) * image.height()))
            .lightness();
    least = std::min(least, v), most = std::max(most, v);
  }
  return most - least;
}

}  // namespace

class TstPaperPicture : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void thePlanHasTheMeanAndThePictureThePattern() {
    const QTemporaryDir folder;
    Plan p = emptyPlan();
    Piece striped = sheet("striped", {20, 20, 100, 60});
    const auto paper = withPictureOf(striped.paper, stripes(folder));
    QVERIFY(bool(paper));
    striped.paper = paper.value();
    QVERIFY(std::abs(striped.paper.colour.red - 180) < 3 && std::abs(striped.paper.colour.blue - 115) < 3);
    p.pieces = {striped, sheet("over", {60, 20, 100, 60}, 2)};
    const SvgArt art;
    const AnalysisRef a = analyse(p);
    const QImage picture = intendedPicture(p, *a, art, 100);
    QVERIFY2(spread(picture, p, {22, 30, 58, 50}) > 60, "the stripes show");
    QVERIFY2(spread(picture, p, {62, 30, 98, 50}) < 3, "and not on what lies over them");
    QVERIFY2(spread(picture, p, {22, 70, 98, 90}) < 3, "nor beside them");
    // Ink on it lets them show as far as it is clear; opaque paper of a pop-up hides them.
    addStamp(p, slab("s", 20, 20));
    put(p, "pop", "s", {40, 30}, 2).school = School::PopUp;
    const QImage popped = intendedPicture(p, *analyse(p), art, 100);
    QVERIFY(spread(popped, p, {32, 36, 48, 44}) < 12);
  }

  void withoutAPatternNothingChanges() {
    Plan p = emptyPlan();
    p.pieces = {sheet("plain", {20, 20, 100, 60})};
    const SvgArt art;
    const AnalysisRef a = analyse(p);
    const QImage picture = intendedPicture(p, *a, art, 60);
    QCOMPARE(withPatterns(picture, p, *a), picture);
    QVERIFY(patternOf(p.pieces[0].paper).isNull());
  }

  void whatIsNoPictureIsRefused() {
    const QTemporaryDir folder;
    QVERIFY(!withPictureOf({}, folder.filePath(QStringLiteral("none.png"))));
    QFile junk(folder.filePath(QStringLiteral("junk.png")));
    QVERIFY(junk.open(QIODevice::WriteOnly));
    junk.write("no picture at all");
    junk.close();
    QVERIFY(!withPictureOf({}, junk.fileName()));
  }
};

HAVLO_TEST(TstPaperPicture)
#include "tst_paper_picture.moc"
