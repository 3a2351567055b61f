// The gate for drawings: everything that reaches outside, in every packing and encoding, and bombs. The
// pieces that should draw do, compared with the same drawing rendered by librsvg.
#include <zlib.h>

#include <QDir>
#include <QFile>
#include <QImage>
#include <QPainter>
#include <QProcess>
#include <QStringConverter>
#include <QSvgRenderer>
#include <QTemporaryDir>
#include <QTest>

#include "io/art/plain_svg.h"
#include "io/cut/cut_file.h"
#include "io/scan/scan_file.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

QByteArray packed(const QByteArray& bytes) {
  z_stream z{};
  deflateInit2(&z, 9, Z_DEFLATED, 15 + 16, 8, Z_DEFAULT_STRATEGY);
  QByteArray out(static_cast<qsizetype>(deflateBound(&z, static_cast<uLong>(bytes.size()))) + 64, '\0');
  z.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(bytes.constData()));
  z.avail_in = static_cast<uInt>(bytes.size());
  z.next_out = reinterpret_cast<Bytef*>(out.data());
  z.avail_out = static_cast<uInt>(out.size());
  deflate(&z, Z_FINISH);
  out.resize(static_cast<qsizetype>(z.total_out));
  deflateEnd(&z);
  return out;
}

QByteArray utf16(const QByteArray& text) {
  QStringEncoder encode(QStringConverter::Utf16LE, QStringConverter::Flag::WriteBom);
  return encode(QString::fromUtf8(text));
}

QByteArray svg(const QByteArray& inside,
               const QByteArray& attributes = "width='20mm' height='20mm' viewBox='0 0 20 20'") {
  return "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' " + attributes +
         ">" + inside + "</svg>";
}

}  // namespace

class TstPlainSvg : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void whatReachesOutsideIsRefused_data() {
    QTest::addColumn<QByteArray>("bytes");
    const QByteArray sheet = "<?xml-stylesheet href='file:///dev/zero'?>" + svg("<path d='M0,0L9,9'/>");
    const std::pair<const char*, QByteArray> bad[] = {
        {"a style sheet", sheet},
        {"a picture", svg("<image xlink:href='/etc/hostname' width='9' height='9'/>")},
        {"use of another file", svg("<use xlink:href='other.svg#a'/>")},
        {"a fill from elsewhere", svg("<rect width='9' height='9' fill='url(http://a/b#c)'/>")},
        {"a fill written oddly", svg("<rect width='9' height='9' fill='url( \"http://a/b#c\" )'/>")},
        {"a style from elsewhere", svg("<rect width='9' height='9' style='fill:url(file:///x)'/>")},
        {"an import", svg("<style>@import url(file:///dev/zero);</style>")},
        {"an entity", "<!DOCTYPE svg [<!ENTITY a SYSTEM 'file:///etc/hostname'>]>" + svg("<text>&a;</text>")},
        {"a script", svg("<script>1</script>")},
        {"a foreign object", svg("<foreignObject/>")},
        {"movement", svg("<rect width='9' height='9'><animate attributeName='x' to='9'/></rect>")}};
    for (const auto& [name, bytes] : bad) {
      QTest::newRow(name) << bytes;
      QTest::addRow("%s, packed", name) << packed(bytes);
      QTest::addRow("%s, in UTF-16", name) << utf16(bytes);
      QTest::addRow("%s, in UTF-16 and packed", name) << packed(utf16(bytes));
    }
  }
  void whatReachesOutsideIsRefused() {
    QFETCH(QByteArray, bytes);
    const auto plain = plainSvg(bytes);
    QVERIFY2(!plain, plain ? plain.value().svg.constData() : "");
    QVERIFY(!readCutData(bytes));
  }

  void bombsAreRefused_data() {
    QTest::addColumn<QByteArray>("bytes");
    QTest::newRow("gzip of zeros") << packed(QByteArray(200 << 20, '\0'));
    QTest::newRow("gzip of blanks in a drawing") << packed(svg(QByteArray(60 << 20, ' ')));
    QByteArray laughs = "<g id='a0'><path d='M0,0L1,1'/></g>";
    for (int k = 1; k < 30; ++k)
      laughs += "<g id='a" + QByteArray::number(k) + "'>" +
                QByteArray("<use xlink:href='#a" + QByteArray::number(k - 1) + "'/>").repeated(10) + "</g>";
    QTest::newRow("use of use of use") << svg(laughs);
    QTest::newRow("use in a ring") << svg(
        "<g id='a'><use xlink:href='#b'/></g><g id='b'><use xlink:href='#a'/></g>");
    QTest::newRow("deep") << svg(QByteArray("<g>").repeated(100000) + QByteArray("</g>").repeated(100000));
    QTest::newRow("dashes without number")
        << svg("<path stroke='#000' stroke-dasharray='0.000001' d='M0,0L1000000,1000000'/>");
    QTest::newRow("a number that is none") << svg("<path d='M0,0L1e999,9'/>");
    QTest::newRow("a number far out") << svg("<path d='M0,0L1e30,9'/>");
    QTest::newRow("packed twice") << packed(packed(svg("<path d='M0,0L9,9'/>")));
  }
  void bombsAreRefused() {
    QFETCH(QByteArray, bytes);
    QVERIFY(!plainSvg(bytes));
    QVERIFY(!readCutData(bytes));
  }

  // librsvg draws the original, Qt what came through the gate: the same ink within what smoothing differs.
  void whatDrawsComesThrough_data() {
    QTest::addColumn<QByteArray>("bytes");
    const QByteArray body =
        "<defs><linearGradient id='g'><stop offset='0' stop-color='#000'/><stop offset='1' "
        "stop-color='#777'/>"
        "</linearGradient></defs><g transform='translate(1 1)'><path d='M1,1 l8,0 0,8 -8,0z' fill='url(#g)'/>"
        "<circle cx='14' cy='5' r='3.5' style='fill:#222;stroke:none'/><rect id='r' x='2' y='12' width='5' "
        "height='4'/>"
        "<use xlink:href='#r' x='8'/><polyline points='1,18 9,18 9,17' fill='none' stroke='#000' "
        "stroke-width='.6'/></g>";
    QTest::newRow("plain") << svg(body);
    QTest::newRow("packed") << packed(svg(body));
    QTest::newRow("with what an editor adds")
        << "<?xml version='1.0'?><!DOCTYPE svg PUBLIC '-//W3C//DTD SVG 1.1//EN' 'x.dtd'>" +
               svg("<metadata><x:y xmlns:x='urn:x'/></metadata><e:view xmlns:e='urn:e' zoom='2'/>" + body);
  }
  void whatDrawsComesThrough() {
    QFETCH(QByteArray, bytes);
    const auto plain = plainSvg(bytes);
    QVERIFY2(bool(plain), plain ? "" : plain.error().message.c_str());
    QCOMPARE(plain.value().size_mm.value_or(QSizeF()), QSizeF(20, 20));
    QSvgRenderer renderer(plain.value().svg);
    QImage ours(200, 200, QImage::Format_RGB32);
    ours.fill(Qt::white);
    QPainter painter(&ours);
    painter.setRenderHint(QPainter::Antialiasing);
    renderer.render(&painter, QRectF(0, 0, 200, 200));
    painter.end();
    const QTemporaryDir folder;
    QFile file(folder.filePath(QStringLiteral("a.svg")));
    QVERIFY(file.open(QIODevice::WriteOnly) && file.write(bytes) == bytes.size());
    file.close();
    QProcess rsvg;
    rsvg.start(QStringLiteral("rsvg-convert"),
               {QStringLiteral("-w"), QStringLiteral("200"), QStringLiteral("-b"), QStringLiteral("white"),
                file.fileName(), QStringLiteral("-o"), folder.filePath(QStringLiteral("a.png"))});
    QVERIFY(rsvg.waitForFinished() && rsvg.exitCode() == 0);
    const QImage theirs(folder.filePath(QStringLiteral("a.png")));
    int off = 0, ink = 0;
    for (int y = 0; y < 200; ++y)
      for (int x = 0; x < 200; ++x) {
        off += std::abs(qGray(ours.pixel(x, y)) - qGray(theirs.pixel(x, y))) > 60;
        ink += qGray(ours.pixel(x, y)) < 200;
      }
    QVERIFY2(ink > 5000 && off < 60, qPrintable(QStringLiteral("%1 of %2 pixels differ").arg(off).arg(ink)));
  }
};

HAVLO_TEST(TstPlainSvg)
#include "tst_plain_svg.moc"
