// Pictures from files: what is read, with which scale, and what is refused and why.
#include <QFile>
#include <QGuiApplication>
#include <QImage>
#include <QImageWriter>
#include <QLoggingCategory>
#include <QTemporaryDir>
#include <QTest>
#include <QtEndian>
#include <random>

#include "io/cut/cut_file.h"
#include "io/drawer/drawer_file.h"
#include "io/scan/scan_file.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

QImage picture(int w, int h, int dpi) {
  QImage image(w, h, QImage::Format_RGB32);
  for (int y = 0; y < h; ++y)
    for (int x = 0; x < w; ++x) image.setPixel(x, y, qRgb(x * 255 / w, 240, y * 255 / h));
  image.setDotsPerMeterX(qRound(dpi / 0.0254)), image.setDotsPerMeterY(qRound(dpi / 0.0254));
  return image;
}

quint32 crcOf(const QByteArray& bytes) {  // as in the PNG specification, annex D
  quint32 c = 0xffffffff;
  for (char b : bytes) {
    c ^= static_cast<quint8>(b);
    for (int k = 0; k < 8; ++k) c = c & 1 ? 0xedb88320 ^ (c >> 1) : c >> 1;
  }
  return c ^ 0xffffffff;
}

/// A PNG that says it is this large and holds next to nothing.
QByteArray giantPng(quint32 side) {
  const auto chunk = [](const QByteArray& type, const QByteArray& data) {
    QByteArray out(4, 0), crc(4, 0);
    qToBigEndian(static_cast<quint32>(data.size()), out.data());
    qToBigEndian(crcOf(type + data), crc.data());
    return out + type + data + crc;
  };
  QByteArray head(13, 0);
  qToBigEndian(side, head.data()), qToBigEndian(side, head.data() + 4);
  head[8] = 8;  // bits, grey
  return QByteArray("\x89PNG\r\n\x1a\n") + chunk("IHDR", head) +
         chunk("IDAT", qCompress(QByteArray(1000, 0)).mid(4)) + chunk("IEND", {});
}

}  // namespace

class TstScanFile : public QObject {
  Q_OBJECT

  QTemporaryDir m_folder;
  QString written(const QString& name, const QByteArray& bytes) const {
    QFile f(m_folder.filePath(name));
    (void)f.open(QIODevice::WriteOnly);
    f.write(bytes);
    return f.fileName();
  }
  static QByteArray bytesOf(const QString& file) {
    QFile f(file);
    return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
  }

 private Q_SLOTS:
  void initTestCase() {
    // The libraries' own words about damage are not of interest here.
    QLoggingCategory::setFilterRules(QStringLiteral("qt.gui.imageio*=false\nqt.svg*=false"));
  }
  void picturesAreReadWithTheirScale_data() {
    QTest::addColumn<QString>("format");
    QTest::addColumn<int>("dpi");
    for (const QString& f : {QStringLiteral("png"), QStringLiteral("jpg"), QStringLiteral("tif")})
      for (int dpi : {150, 300, 1200})
        QTest::newRow(qPrintable(QStringLiteral("%1 at %2 dpi").arg(f).arg(dpi))) << f << dpi;
  }
  void picturesAreReadWithTheirScale() {
    QFETCH(QString, format);
    QFETCH(int, dpi);
    const QString file = m_folder.filePath(QStringLiteral("my scan.") + format);
    QVERIFY(picture(120, 80, dpi).save(file, nullptr, 100));
    const auto read = readScanFile(file);
    QVERIFY2(bool(read), read ? "" : read.error().message.c_str());
    QCOMPARE(read.value().scan.width, 120);
    QCOMPARE(read.value().scan.height, 80);
    QCOMPARE(read.value().name, QStringLiteral("my scan"));
    QVERIFY2(std::fabs(read.value().scan.pxPerMm * 25.4 / dpi - 1) < 0.01,
             qPrintable(QString::number(read.value().scan.pxPerMm)));
    QCOMPARE(read.value().scale, ScaleFrom::File);
  }

  void pictureProgramsGuessesAreNoScale() {
    for (int dpi : {72, 96}) {
      const QString file = m_folder.filePath(QStringLiteral("guess.png"));
      QVERIFY(picture(40, 40, dpi).save(file));
      const auto read = readScanFile(file);
      QVERIFY(bool(read));
      QCOMPARE(read.value().scale, ScaleFrom::Unknown);
      QCOMPARE(read.value().scan.pxPerMm, 0.0);
    }
  }

  void theDarkestChannelCountsAndNothingIsWhite() {
    QImage image(16, 16, QImage::Format_ARGB32);
    image.fill(Qt::white);
    image.setPixel(0, 0, qRgba(250, 240, 40, 255));  // yellow ink
    image.setPixel(1, 0, qRgba(0, 0, 0, 0));         // see-through
    image.setPixel(2, 0, qRgba(0, 0, 0, 255));
    const auto read = readScanImage(image);
    QVERIFY(bool(read));
    const auto& grey = read.value().scan.grey;
    QCOMPARE(std::vector<uint8_t>(grey.begin(), grey.begin() + 4), (std::vector<uint8_t>{40, 255, 0, 255}));
  }

  void aDrawingKnowsItsSize() {
    const QByteArray svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='3cm' height='1in' viewBox='0 0 30 25.4'><circle "
        "cx='15' cy='12.7' r='10'/></svg>";
    const auto read = readScanFile(written(QStringLiteral("disc.svg"), svg));
    QVERIFY2(bool(read), read ? "" : read.error().message.c_str());
    QCOMPARE(read.value().scale, ScaleFrom::Drawing);
    QVERIFY(std::fabs(read.value().scan.widthMm() - 36) < 0.1);  // 3 mm of paper all round
    const auto unitless =
        readScanFile(written(QStringLiteral("d.svg"),
                             "<svg xmlns='http://www.w3.org/2000/svg' width='96' height='96' viewBox='0 0 10 "
                             "10'><path d='M1,1L9,1L9,9Z'/></svg>"));
    QVERIFY(bool(unitless));
    QCOMPARE(unitless.value().scale, ScaleFrom::Unknown);
  }

  void whatAFileIsIsToldByItsContent() {
    const QString png = m_folder.filePath(QStringLiteral("real.png"));
    QVERIFY(picture(50, 40, 300).save(png));
    const auto read = readScanFile(written(QStringLiteral("mislabelled.jpg"), bytesOf(png)));
    QVERIFY(bool(read));
    QCOMPARE(read.value().scan.width, 50);
  }

  void badPicturesAreRefused_data() {
    QTest::addColumn<QByteArray>("bytes");
    QTest::addColumn<QString>("says");
    const QString png = m_folder.filePath(QStringLiteral("p.png")),
                  jpg = m_folder.filePath(QStringLiteral("p.jpg")),
                  tif = m_folder.filePath(QStringLiteral("p.tif"));
    QVERIFY(picture(300, 300, 300).save(png) && picture(300, 300, 300).save(jpg) &&
            picture(300, 300, 300).save(tif));
    QTest::newRow("empty") << QByteArray() << "empty";
    QTest::newRow("a letter") << QByteArray("Dear friend, ") << "not a picture";
    QTest::newRow("PNG cut short") << bytesOf(png).left(200) << "cannot be read";
    QTest::newRow("JPEG cut short") << bytesOf(jpg).left(bytesOf(jpg).size() / 2) << "cut short";
    QTest::newRow("TIFF cut short") << bytesOf(tif).left(100) << "picture";
    QTest::newRow("PNG of 100 000 x 100 000") << giantPng(100000) << "160 million";
    QTest::newRow("SVG with an entity")
        << QByteArray(
               "<!DOCTYPE svg [<!ENTITY a 'aaaa'>]><svg xmlns='http://www.w3.org/2000/svg' width='9mm' "
               "height='9mm'>&a;</svg>")
        << "entities";
    QTest::newRow("SVG with a script")
        << QByteArray(
               "<svg xmlns='http://www.w3.org/2000/svg' width='9mm' height='9mm'><script>1</script></svg>")
        << "scripts";
    QTest::newRow("SVG with a link")
        << QByteArray(
               "<svg xmlns='http://www.w3.org/2000/svg' xmlns:x='http://www.w3.org/1999/xlink' width='9mm' "
               "height='9mm'><image x:href='http://nowhere/x.png'/></svg>")
        << "links";
    QTest::newRow("SVG of 9 km") << QByteArray(
                                        "<svg xmlns='http://www.w3.org/2000/svg' width='9000000mm' "
                                        "height='9mm' viewBox='0 0 9 9'><path d='M0,0L9,9'/></svg>")
                                 << "large";
    QTest::newRow("SVG with an absurd view box")
        << QByteArray(
               "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 1e30 1e-30'><path d='M0,0L9,9'/></svg>")
        << "drawing";
  }
  void badPicturesAreRefused() {
    QFETCH(QByteArray, bytes);
    QFETCH(QString, says);
    const auto read = readScanFile(written(QStringLiteral("bad"), bytes));
    QVERIFY(!read);
    QVERIFY2(QString::fromStdString(read.error().message).contains(says), read.error().message.c_str());
  }

  void aFileThatIsNotThere() {
    const auto read = readScanFile(QStringLiteral("/nowhere/scan.png"));
    QVERIFY(!read);
    QCOMPARE(read.error().code, ErrorCode::CannotRead);
  }

  // Files from strangers: three hundred damaged copies of each kind are read or refused, never a crash.
  void damagedFilesNeverCrash_data() {
    QTest::addColumn<QByteArray>("bytes");
    CutSheet sheet;
    sheet.width_mm = sheet.height_mm = 60;
    sheet.cuts = {{"a", {{5, 5}, {40, 5}, {40, 40}, {5, 5}}, true},
                  {"b", {{10, 8}, {20, 8}, {20, 12}, {10, 8}}, true}};
    const std::vector<LabelledSheet> sheets{{sheet, {}}};
    QTest::newRow("SVG") << svgCutFile(QStringLiteral("x"), sheets);
    QTest::newRow("DXF") << dxfCutFile(sheets);
    QTest::newRow("HPGL") << hpglCutFile(sheets);
    QTest::newRow("PDF") << pdfCutFile(QStringLiteral("x"), sheets);
    const QString png = m_folder.filePath(QStringLiteral("q.png")),
                  jpg = m_folder.filePath(QStringLiteral("q.jpg")),
                  zip = m_folder.filePath(QStringLiteral("q.zip"));
    QVERIFY(picture(40, 40, 300).save(png) && picture(40, 40, 300).save(jpg));
    WholeDrawer drawer;
    drawer.papers = {{"p", "Paper", {}, 0.3, 10, 10, {}, false, ""}};
    QVERIFY(bool(exportDrawer(zip, drawer)));
    QTest::newRow("PNG") << bytesOf(png);
    QTest::newRow("JPEG") << bytesOf(jpg);
    QTest::newRow("drawer") << bytesOf(zip);
  }
  void damagedFilesNeverCrash() {
    QFETCH(QByteArray, bytes);
    std::mt19937 random(7);
    int readable = 0;
    for (int round = 0; round < 300; ++round) {
      QByteArray damaged = bytes;
      const int wounds = 1 + static_cast<int>(random() % 6);
      for (int k = 0; k < wounds; ++k) {
        const auto at = static_cast<qsizetype>(random() % static_cast<unsigned>(damaged.size()));
        switch (random() % 4) {
          case 0:
            damaged[at] = static_cast<char>(random());
            break;
          case 1:
            damaged.remove(at, static_cast<qsizetype>(random() % 40));
            break;
          case 2:
            damaged.insert(
                at,
                damaged.mid(static_cast<qsizetype>(random() % static_cast<unsigned>(damaged.size())), 30));
            break;
          default:
            damaged[at] = "0123456789-.e"[random() % 13];
        }
        if (damaged.isEmpty()) damaged = "x";
      }
      readable += bool(readCutData(damaged)) + bool(readDrawer(damaged)) +
                  bool(readScanFile(written(QStringLiteral("fuzz"), damaged)));
    }
    // The whole file is readable, and most damage is found.
    const bool whole = bool(readCutData(bytes)) || bool(readDrawer(bytes)) ||
                       bool(readScanFile(written(QStringLiteral("whole"), bytes)));
    QVERIFY(whole);
    QVERIFY(readable < 600);
  }
};

HAVLO_TEST(TstScanFile)
#include "tst_scan_file.moc"
