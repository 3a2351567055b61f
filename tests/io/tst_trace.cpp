// From a synthetic scan back to the stamp: size within 0.2 mm, silhouette area within 2 % (the issue's
// figures); the tracing itself against shapes whose area is known and against glyphs of an open symbol font.
#include <QElapsedTimer>
#include <QFile>
#include <QGuiApplication>
#include <QPainter>
#include <QPainterPath>
#include <QRawFont>
#include <QTest>

#include "core/outline/shape_ops.h"
#include "core/trace/bitmap_outline.h"
#include "core/trace/stamp_trace.h"
#include "core/trace/test_strip.h"
#include "io/art/plain_svg.h"
#include "io/art/svg_art.h"
#include "io/devices/scanner.h"
#include "io/drawer/drawer_file.h"
#include "io/scan/scan_file.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Outer shape and holes of at least `hole_mm2`.
Rings withoutSmallHoles(const Rings& rings, double hole_mm2) {
  Rings out;
  for (const Rings& piece : pieces(rings))
    for (size_t k = 0; k < piece.size(); ++k)
      if (k == 0 || areaOf({piece[k]}) >= hole_mm2) out.push_back(piece[k]);
  return out;
}

/// Size of what the stamp really prints: its frame may be a little larger.
QSizeF inkedSize(const Stamp& stamp) {
  const Grid grid(Box{0, 0, stamp.width_mm, stamp.height_mm}, 1200);
  const Tile tile = *SvgArt().draw(stamp, Placing({0, 0}, {0, 0}, Degrees{0}), grid);
  Box box;
  for (int y = std::max(0, tile.y); y < grid.height; ++y)
    for (int x = std::max(0, tile.x); x < grid.width; ++x)
      if (tile.at(x, y) > 127) box.include({double(x), double(y)}), box.include({x + 1.0, y + 1.0});
  return {box.width() / grid.pxPerMmX(), box.height() / grid.pxPerMmY()};
}

Scan scanOf(const QImage& image) { return readScanImage(image).value().scan; }

}  // namespace

/// A picture of a shape, filled, at this resolution.
Scan pictureOfShape(const QPainterPath& path_mm, double w_mm, double h_mm, double pxPerMm) {
  QImage image(qRound(w_mm * pxPerMm), qRound(h_mm * pxPerMm), QImage::Format_Grayscale8);
  image.fill(Qt::white);
  QPainter p(&image);
  p.setRenderHint(QPainter::Antialiasing);
  p.scale(pxPerMm, pxPerMm);
  p.fillPath(path_mm, Qt::black);
  p.end();
  Scan scan = scanOf(image);
  scan.pxPerMm = pxPerMm;
  return scan;
}

TracedStamp traceAll(const Scan& scan, const TraceSettings& settings = {}) {
  FindSettings find;
  find.level = Degrees{0};
  const auto sheet = readSheet(scan, find);
  if (!sheet) throw std::runtime_error(sheet.error().message);
  Box box;
  for (const Box& b : sheet.value().impressions)
    box.include({b.left, b.bottom}), box.include({b.right, b.top});
  auto traced = traceStamp(scan, sheet.value(), box, settings);
  if (!traced) throw std::runtime_error(traced.error().message);
  return std::move(traced).value();
}

class TstTrace : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aScannedStampComesBackAsItWas_data() {
    QTest::addColumn<QString>("id");
    QTest::addColumn<double>("dpi");
    QTest::addColumn<double>("skew");
    for (const StampRef& s : demo("canal-towpath").stamps) {
      // Letters, loose marks, hills without a base line and ripples have no one outline.
      if (s->role == Role::Greeting || s->role == Role::Landform || s->id == "kite-string" || s->id == "duck")
        continue;
      const double dpi = s->id == "reeds" || s->height_mm < 10 ? 600 : 300;
      QTest::addRow("%s at %g dpi, 1.5 degrees askew", s->id.c_str(), dpi)
          << QString::fromStdString(s->id) << dpi << 1.5;
    }
    QTest::newRow("hare at 150 dpi") << "hare" << 150.0 << -2.0;
    QTest::newRow("hare at 600 dpi, straight") << "hare" << 600.0 << 0.0;
  }
  void aScannedStampComesBackAsItWas() {
    QFETCH(QString, id);
    QFETCH(double, dpi);
    QFETCH(double, skew);
    const StampRef stamp = demo("canal-towpath").stamp(id.toStdString());
    const double w = stamp->width_mm + 24, h = stamp->height_mm + 24;
    ScannerSettings how;
    how.dpi = dpi;
    how.skew = Degrees{skew};
    how.seed = 3;
    const QImage image = scanSheet({{stamp, {12, 12}}}, w, h, SvgArt(), how);
    const Scan scan = scanOf(image);
    const auto sheet = readSheet(scan);
    QVERIFY2(bool(sheet), sheet ? "" : sheet.error().message.c_str());
    QVERIFY2(std::fabs(sheet.value().level.value - skew) < 0.15,
             qPrintable(QString::number(sheet.value().level.value)));
    // Loose marks far apart are found one by one; the maker joins them.
    Box box;
    for (const Box& b : sheet.value().impressions)
      box.include({b.left, b.bottom}), box.include({b.right, b.top});
    QCOMPARE(sheet.value().impressions.size(), 1u);
    TraceSettings settings;
    if (id == QLatin1String("reeds"))
      settings.grow_mm = 0.02;  // its silhouette is drawn that far outside its ink
    auto traced = traceStamp(scan, sheet.value(), box, settings);
    QVERIFY(bool(traced));
    // See-through holes of line art look like plain regions: the maker points at them, as this test does.
    for (const EnclosedRegion& r : traced.value().regions) {
      const bool plain = areaOf(intersection(r.shape, stamp->silhouette)) < 0.4 * r.area_mm2;
      if (r.hole != plain) settings.holes.push_back(r.inside);
    }
    traced = traceStamp(scan, sheet.value(), box, settings);
    QVERIFY(bool(traced));
    const Stamp& back = traced.value().stamp;
    const double least = 3.0;
    const double area = areaOf(withoutSmallHoles(back.silhouette, least)),
                 wanted = areaOf(withoutSmallHoles(stamp->silhouette, least));
    const QSizeF inked = inkedSize(*stamp);
    const QByteArray seen = QStringLiteral("%1 x %2 for %3 x %4 mm, area %5 for %6, solid %7")
                                .arg(back.width_mm)
                                .arg(back.height_mm)
                                .arg(inked.width())
                                .arg(inked.height())
                                .arg(area)
                                .arg(wanted)
                                .arg(back.solid)
                                .toUtf8();
    QVERIFY2(std::fabs(back.width_mm - inked.width()) < 0.2, seen);
    QVERIFY2(std::fabs(back.height_mm - inked.height()) < 0.2, seen);
    QVERIFY2(std::fabs(area / wanted - 1) < 0.02, seen);
    QVERIFY(bool(plainSvg(QByteArray::fromStdString(back.art))));
  }

  void knownShapesKeepTheirArea_data() {
    QTest::addColumn<QPainterPath>("path");
    QTest::addColumn<double>("area");
    QPainterPath disc, ring, square, thin;
    disc.addEllipse(QPointF(20, 20), 12, 12);
    ring = disc;
    ring.addEllipse(QPointF(20, 20), 6, 6);
    square.addRect(8, 8, 24, 24);
    thin.addRect(8, 8, 24, 24);
    thin.addRect(8.4, 8.4, 23.2, 23.2);
    QTest::newRow("disc") << disc << M_PI * 144;
    QTest::newRow("solid ring keeps its hole") << ring << M_PI * (144 - 36);
    QTest::newRow("square") << square << 576.0;
    QTest::newRow("a square of a 0.4 mm line is the whole square") << thin << 576.0;
  }
  void knownShapesKeepTheirArea() {
    QFETCH(QPainterPath, path);
    QFETCH(double, area);
    const TracedStamp t = traceAll(pictureOfShape(path, 40, 40, 300 / kMmPerInch));
    QVERIFY2(std::fabs(t.silhouette_mm2 / area - 1) < 0.01, qPrintable(QString::number(t.silhouette_mm2)));
  }

  void glyphsOfASymbolFontComeBack_data() {
    QTest::addColumn<uint>("codepoint");
    // Animals, trees, houses and vehicles of Symbola (free licence), which nobody here drew.
    for (uint c :
         {0x1F407u, 0x1F40Eu, 0x1F333u, 0x1F332u, 0x1F3E0u, 0x1F986u, 0x26F5u, 0x1F681u, 0x1F578u, 0x2693u})
      QTest::addRow("U+%X", c) << c;
  }
  void glyphsOfASymbolFontComeBack() {
    QFETCH(uint, codepoint);
    const QRawFont font(QStringLiteral("/usr/share/fonts/truetype/ancient-scripts/Symbola_hint.ttf"), 1000);
    QVERIFY(font.isValid());
    const QList<quint32> glyphs =
        font.glyphIndexesForString(QString::fromUcs4(reinterpret_cast<const char32_t*>(&codepoint), 1));
    if (glyphs.isEmpty() || glyphs[0] == 0) QSKIP("not in this version of the font");
    QPainterPath path = font.pathForGlyph(glyphs[0]);
    const QRectF box = path.boundingRect();
    const double scale = 36 / std::max(box.width(), box.height());
    path = QTransform::fromTranslate(6, 6).scale(scale, scale).translate(-box.left(), -box.top()).map(path);
    path.setFillRule(Qt::WindingFill);
    const double px = 600 / kMmPerInch;
    const Scan scan = pictureOfShape(path, 48, 48, px);
    TraceSettings exact;
    exact.line_mm = exact.speck_mm2 = 0;
    const TracedStamp t = traceAll(scan, exact);
    // The ink: area and border against the glyph's own outline.
    Rings glyph;
    for (const QPolygonF& polygon : path.simplified().toSubpathPolygons()) {
      Ring ring;
      for (const QPointF& p : polygon) ring.push_back({p.x(), 48 - p.y()});
      glyph.push_back(ring);
    }
    Bitmap ink;
    ink.width = scan.width, ink.height = scan.height, ink.pxPerMm = px;
    for (uint8_t g : scan.grey) ink.ink.push_back(g < 128);
    const Rings traced = outlineOf(ink, 0.02).rings;
    const double wanted = areaOf(glyph);
    QVERIFY2(std::fabs(areaOf(traced) / wanted - 1) < 0.01,
             qPrintable(QString::number(areaOf(traced) / wanted)));
    QVERIFY2(std::fabs(t.ink_mm2 / wanted - 1) < 0.02, qPrintable(QString::number(t.ink_mm2 / wanted)));
    // The outer border of its largest piece: within 0.2 mm everywhere.
    const auto largest = [](const Rings& rings) {
      Rings best;
      for (const Rings& piece : pieces(rings))
        if (best.empty() || areaOf({piece[0]}) > areaOf(best)) best = {piece[0]};
      return best;
    };
    const double apart = borderDistance(largest(traced), largest(glyph));
    QVERIFY2(apart < 0.2, qPrintable(QString::number(apart)));
    // The silhouette holds all ink.
    Rings there = traced;
    for (Ring& ring : there)
      for (Point& p : ring) p = {p.x - t.lowerLeft.x, p.y - (scan.heightMm() - t.lowerLeft.y)};
    QVERIFY(areaOf(difference(there, offset(t.stamp.silhouette, Millimetres{0.1}))) < 0.02 * wanted);
  }

  void severalImpressionsAreFoundInReadingOrder() {
    const Plan plan = demo("canal-towpath");
    const std::vector<StampRef> stamps{plan.stamp("hare"), plan.stamp("duck"), plan.stamp("poplar-small"),
                                       plan.stamp("heron"), plan.stamp("kite")};
    const auto glass = inRows(stamps, 110);
    const QImage image = scanSheet(glass, 110, heightOfRows(glass), SvgArt());
    const Scan scan = scanOf(image);
    const auto sheet = readSheet(scan);
    QVERIFY(bool(sheet));
    QCOMPARE(sheet.value().impressions.size(), stamps.size());
    for (const Box& box : sheet.value().impressions) {
      const auto traced = traceStamp(scan, sheet.value(), box);
      QVERIFY(bool(traced));
      const bool known = std::any_of(stamps.begin(), stamps.end(), [&](const StampRef& s) {
        return std::fabs(s->width_mm - traced.value().stamp.width_mm) < 0.4 &&
               std::fabs(s->height_mm - traced.value().stamp.height_mm) < 0.4;
      });
      QVERIFY(known);
    }
  }

  void mendsDoWhatTheySay() {
    const StampRef hare = demo("canal-towpath").stamp("hare");
    const Scan scan =
        scanOf(scanSheet({{hare, {12, 12}}}, hare->width_mm + 24, hare->height_mm + 24, SvgArt()));
    const auto sheet = readSheet(scan);
    QVERIFY(bool(sheet));
    const Box box = sheet.value().impressions[0];
    const auto plain = traceStamp(scan, sheet.value(), box);
    QVERIFY(bool(plain));
    const auto with = [&](auto change) {
      TraceSettings s;
      change(s);
      return traceStamp(scan, sheet.value(), box, s).value();
    };
    const double area = plain.value().silhouette_mm2;
    const double grown = with([](TraceSettings& s) { s.grow_mm = 0.5; }).silhouette_mm2;
    QVERIFY2(
        std::fabs(grown - areaOf(offset(plain.value().stamp.silhouette, Millimetres{0.5}))) < 0.02 * area,
        qPrintable(QString::number(grown)));
    QVERIFY(!plain.value().regions.empty());
    const EnclosedRegion& largest = plain.value().regions[0];
    const double holed = with([&](TraceSettings& s) { s.holes = {largest.inside}; }).silhouette_mm2;
    QVERIFY(std::fabs(area - holed - largest.area_mm2) < 0.15 * largest.area_mm2);
    const Ring patch{{box.right, box.bottom},
                     {box.right + 2, box.bottom},
                     {box.right + 2, box.bottom + 2},
                     {box.right, box.bottom + 2}};
    QVERIFY(std::fabs(with([&](TraceSettings& s) { s.added = {{patch}}; }).silhouette_mm2 - area - 4) < 0.5);
    const double half = box.centre().y;
    const Ring upper{{box.left - 1, box.bottom - 1},
                     {box.right + 1, box.bottom - 1},
                     {box.right + 1, half},
                     {box.left - 1, half}};
    QVERIFY(with([&](TraceSettings& s) { s.removed = {{upper}}; }).stamp.height_mm < 0.6 * hare->height_mm);
    QVERIFY(with([](TraceSettings& s) { s.speck_mm2 = 3; }).ink_mm2 < plain.value().ink_mm2);
  }

  void aGapInTheOutlineIsClosed() {
    // A square of a line with an opening of 0.6 mm: closed by the usual gap, open without.
    QPainterPath path;
    path.addRect(8, 8, 24, 24);
    path.addRect(8.5, 8.5, 23, 23);
    QPainterPath opening;
    opening.addRect(19.7, 7, 0.6, 3);
    path = path.subtracted(opening);
    const Scan scan = pictureOfShape(path, 40, 40, 600 / kMmPerInch);
    QVERIFY(std::fabs(traceAll(scan).silhouette_mm2 - 576) < 6);
    TraceSettings open;
    open.gap_mm = 0.2;
    QVERIFY(traceAll(scan, open).silhouette_mm2 < 80);
  }

  void aPhotoIsStraightenedByACalibrationSquare() {
    // The calibration sheet seen in perspective, with a square of 20 mm beside the calibration square.
    QImage flat = calibrationSheet(300);
    {
      QPainter p(&flat);
      p.scale(300 / kMmPerInch, 300 / kMmPerInch);
      p.fillRect(QRectF(40, 40, 20, 20), Qt::black);
    }
    const double w = flat.width(), h = flat.height();
    QTransform away;
    QVERIFY(QTransform::quadToQuad(QPolygonF({{0, 0}, {w, 0}, {w, h}, {0, h}}),
                                   QPolygonF({{60, 40}, {w - 90, 10}, {w - 10, h - 20}, {10, h - 70}}),
                                   away));
    QImage photo(flat.size(), QImage::Format_RGB32);
    photo.fill(Qt::white);
    QPainter p(&photo);
    p.setRenderHints(QPainter::SmoothPixmapTransform | QPainter::Antialiasing);
    p.setTransform(away);
    p.drawImage(0, 0, flat);
    p.end();
    const Scan scan = scanOf(photo);
    const auto corners = findCalibrationSquare(scan);
    QVERIFY(corners.has_value());
    const QPointF truth = away.map(QPointF(20, 20) * (300 / kMmPerInch));
    QVERIFY2(std::hypot((*corners)[0].x - truth.x(), (*corners)[0].y - truth.y()) < 3,
             qPrintable(QString::number((*corners)[0].x)));
    const auto straight = straightened(scan, *corners, kCalibrationSide_mm, kCalibrationSide_mm);
    QVERIFY(bool(straight));
    FindSettings find;
    find.level = Degrees{0};
    find.joinGap_mm = 1;
    const auto sheet = readSheet(straight.value(), find);
    QVERIFY(bool(sheet));
    const auto inner = std::find_if(sheet.value().impressions.begin(), sheet.value().impressions.end(),
                                    [](const Box& b) { return b.width() < 30; });
    QVERIFY(inner != sheet.value().impressions.end());
    const auto traced = traceStamp(straight.value(), sheet.value(), *inner);
    QVERIFY(bool(traced));
    QVERIFY2(std::fabs(traced.value().stamp.width_mm - 20) < 0.3,
             qPrintable(QString::number(traced.value().stamp.width_mm)));
    QVERIFY2(std::fabs(traced.value().stamp.height_mm - 20) < 0.3,
             qPrintable(QString::number(traced.value().stamp.height_mm)));
  }

  void whatCannotBeReadIsSaid_data() {
    QTest::addColumn<QImage>("image");
    QTest::addColumn<double>("pxPerMm");
    QTest::addColumn<QString>("says");
    QImage blank(600, 600, QImage::Format_RGB32), black = blank, specks = blank;
    blank.fill(QColor(245, 240, 230));
    black.fill(QColor(6, 6, 6));
    specks.fill(Qt::white);
    for (int k = 0; k < 30; ++k) specks.setPixelColor(20 + 19 * k, 300 + 7 * k % 250, Qt::black);
    QTest::newRow("blank") << blank << 12.0 << "stands out";
    QTest::newRow("all black") << black << 12.0 << "nearly black";
    QTest::newRow("no scale") << blank << 0.0 << "no scale";
    QTest::newRow("too coarse") << blank << 1.0 << "too coarse";
    QTest::newRow("only specks") << specks << 12.0 << "only specks";
  }
  void whatCannotBeReadIsSaid() {
    QFETCH(QImage, image);
    QFETCH(double, pxPerMm);
    QFETCH(QString, says);
    Scan scan = scanOf(image);
    scan.pxPerMm = pxPerMm;
    const auto sheet = readSheet(scan);
    QVERIFY(!sheet);
    QVERIFY2(QString::fromStdString(sheet.error().message).contains(says), sheet.error().message.c_str());
  }

  // Four pressings of the duck, printed as pale as we say, scanned by the stand-in, read back.
  void aTestStripIsRead() {
    const Plan plan = demo("canal-towpath");
    const StampRef duck = plan.stamp("duck");
    const double wanted[] = {1, 0.72, 0.5, 0.31};
    std::vector<OnGlass> glass = inRows({duck, duck, duck, duck}, 160);
    for (size_t k = 0; k < 4; ++k) {
      const auto pale = [&](int dark) { return qRound(255 - wanted[k] * (255 - dark)); };
      glass[k].ink = QColor(pale(38), pale(38), pale(43));
    }
    ScannerSettings settings;
    settings.unevenInk = 0.1;
    const QImage image = scanSheet(glass, 160, heightOfRows(glass), SvgArt(), settings);
    const auto strengths = readTestStrip(readScanImage(image).value().scan);
    QVERIFY2(bool(strengths), strengths ? "" : strengths.error().message.c_str());
    QCOMPARE(strengths.value().size(), 4u);
    for (size_t k = 0; k < 4; ++k)
      QVERIFY2(std::fabs(strengths.value()[k] - wanted[k]) < 0.07,
               qPrintable(QStringLiteral("%1 for %2").arg(strengths.value()[k]).arg(wanted[k])));
    // One stamp alone, or two different ones, are no strip.
    std::vector<OnGlass> one = inRows({duck}, 160);
    QVERIFY(!readTestStrip(
        readScanImage(scanSheet(one, 160, heightOfRows(one), SvgArt(), settings)).value().scan));
    std::vector<OnGlass> two = inRows({duck, plan.stamp("poplar-tall")}, 160);
    QVERIFY(!readTestStrip(
        readScanImage(scanSheet(two, 160, heightOfRows(two), SvgArt(), settings)).value().scan));
  }

  void stoppingStops() {
    const StampRef hare = demo("canal-towpath").stamp("hare");
    const Scan scan =
        scanOf(scanSheet({{hare, {12, 12}}}, hare->width_mm + 24, hare->height_mm + 24, SvgArt()));
    std::stop_source source;
    Progress progress{source.get_token(), [&](double share) {
                        if (share > 0.3) source.request_stop();
                      }};
    const auto sheet = readSheet(scan, {}, progress);
    QVERIFY(!sheet);
    QCOMPARE(sheet.error().code, ErrorCode::Stopped);
  }

  // A drawing is one impression, whatever parts it has; two beside each other stay two.
  void everySampleStampIsOneImpression() {
    QFile file(QStringLiteral(":/demo/canal-drawer.zip"));
    QVERIFY(file.open(QIODevice::ReadOnly));
    const auto drawer = readDrawer(file.readAll());
    QVERIFY(bool(drawer));
    QStringList several;
    int sheets = 0;
    int n = 0;
    for (const DrawerStamp& one : drawer.value().stamps) {
      if (!thorough() && n++ % 2) continue;
      const auto stamp = std::make_shared<const Stamp>(one.stamp);
      const Scan scan =
          scanOf(scanSheet({{stamp, {12, 12}}}, stamp->width_mm + 24, stamp->height_mm + 24, SvgArt()));
      const auto sheet = readSheet(scan);
      if (!sheet) continue;
      ++sheets;
      if (sheet.value().impressions.size() != 1)
        several << QStringLiteral("%1: %2")
                       .arg(QString::fromStdString(one.stamp.id))
                       .arg(sheet.value().impressions.size());
    }
    qInfo("%d sheets; more than one impression on %lld: %s", sheets, static_cast<long long>(several.size()),
          qPrintable(several.join(QStringLiteral(", "))));
    QVERIFY(sheets >= (thorough() ? 30 : 15));
    // Loose marks with nothing round them stay for the maker to frame.
    QVERIFY2(several.size() <= 3, qPrintable(several.join(QStringLiteral(", "))));
  }

  void aFaceIsOneAndNeighboursAreTwo() {
    constexpr double px = 300 / kMmPerInch;
    QPainterPath face, ring;
    ring.addEllipse(QPointF(30, 30), 20, 20);
    QPainterPath inner;
    inner.addEllipse(QPointF(30, 30), 19.5, 19.5);
    face = ring.subtracted(inner);
    face.addEllipse(QPointF(23, 25), 2, 2);
    face.addEllipse(QPointF(37, 25), 2, 2);
    face.addRect(24, 39, 12, 1);
    // A neighbour 6 mm off.
    QPainterPath both = face;
    both.addRect(56, 12, 14, 36);
    FindSettings level;
    level.level = Degrees{0};
    const auto one = readSheet(pictureOfShape(face, 60, 60, px), level);
    QVERIFY(bool(one));
    QCOMPARE(one.value().impressions.size(), size_t{1});
    const auto two = readSheet(pictureOfShape(both, 90, 60, px), level);
    QVERIFY(bool(two));
    QCOMPARE(two.value().impressions.size(), size_t{2});
    // An eye in the bay of an open outline belongs to it: a crescent with a star.
    QPainterPath moon, bite;
    moon.addEllipse(QPointF(30, 30), 20, 20);
    bite.addEllipse(QPointF(40, 30), 18, 18);
    moon = moon.subtracted(bite);
    moon.addEllipse(QPointF(26, 30), 2, 2);
    const auto crescent = readSheet(pictureOfShape(moon, 70, 60, px), level);
    QVERIFY(bool(crescent));
    QCOMPARE(crescent.value().impressions.size(), size_t{1});
  }

  void openOutlinesAreAskedAboutAndClosed_data() {
    QTest::addColumn<double>("gap");
    QTest::addColumn<int>("asked");
    QTest::newRow("closed") << 0.0 << 0;
    QTest::newRow("closes by itself") << 0.6 << 0;
    QTest::newRow("asked") << 1.3 << 2;
    QTest::newRow("asked at the most") << 1.8 << 2;
    QTest::newRow("too wide to be a slip") << 3.5 << 0;
  }
  /// A square of lines 20 mm wide, open in the middle of its left and right side.
  static QPainterPath openSquare(double gap) {
    QPainterPath p;
    const double half = 10 - gap / 2;
    for (const double x : {20.0, 39.6}) {
      p.addRect(x, 20, 0.4, half);
      p.addRect(x, 40 - half, 0.4, half);
    }
    p.addRect(20, 20, 20, 0.4);
    p.addRect(20, 39.6, 20, 0.4);
    p.setFillRule(Qt::WindingFill);
    return p;
  }
  void openOutlinesAreAskedAboutAndClosed() {
    QFETCH(double, gap);
    QFETCH(int, asked);
    const Scan scan = pictureOfShape(openSquare(gap), 60, 60, 600 / kMmPerInch);
    const TracedStamp t = traceAll(scan);
    QCOMPARE(t.openings.size(), static_cast<size_t>(asked));
    const bool closed = gap < 0.8;
    QCOMPARE(t.silhouette_mm2 > 390, closed);
    if (asked == 0) return;
    TraceSettings how;
    for (const Opening& o : t.openings) {
      QVERIFY2(std::fabs(o.width_mm - gap) < 0.2, qPrintable(QString::number(o.width_mm)));
      how.bridges.push_back({o.a, o.b});
    }
    const TracedStamp shut = traceAll(scan, how);
    QVERIFY(shut.openings.empty());
    QVERIFY2(std::fabs(shut.silhouette_mm2 - 400) < 4, qPrintable(QString::number(shut.silhouette_mm2)));
    QVERIFY(std::fabs(shut.ink_mm2 - t.ink_mm2) < 0.05);  // nothing more is stamped
    // One of two does not close it.
    how.bridges.pop_back();
    const TracedStamp half = traceAll(scan, how);
    QCOMPARE(half.openings.size(), size_t{1});
    QVERIFY(half.silhouette_mm2 < 100);
  }

  // Four closed rings round an empty middle, 0.5 mm between neighbours: the middle is no part of any of them.
  void closedOutlinesAreNeverJoined() {
    QPainterPath rings;
    for (const QPointF c : {QPointF(20, 20), QPointF(20, 36.5), QPointF(36.5, 20), QPointF(36.5, 36.5)}) {
      QPainterPath outer, inner;
      outer.addEllipse(c, 8, 8);
      inner.addEllipse(c, 7.6, 7.6);
      rings.addPath(outer.subtracted(inner));
    }
    const TracedStamp t = traceAll(pictureOfShape(rings, 60, 60, 600 / kMmPerInch));
    const double four = 4 * 3.14159265358979 * 64;
    QVERIFY2(std::fabs(t.silhouette_mm2 - four) < 0.02 * four, qPrintable(QString::number(t.silhouette_mm2)));
    QVERIFY(t.openings.empty());
  }

  // A sheet photographed on a dark table: cropped to its corners, and its stamp found; a light table is left.
  void aDarkTableIsCutAway() {
    for (const int table : {30, 250}) {
      QImage photo(1400, 1100, QImage::Format_Grayscale8);
      photo.fill(QColor(table, table, table));
      QPainter p(&photo);
      p.setRenderHint(QPainter::Antialiasing);
      const QPolygonF sheet({{180, 120}, {1200, 90}, {1260, 980}, {140, 940}});
      p.setBrush(QColor(238, 236, 230));
      p.setPen(Qt::NoPen);
      p.drawPolygon(sheet);
      p.setBrush(QColor(40, 40, 40));
      p.drawRect(500, 400, 200, 180);
      p.end();
      const Scan scan = scanOf(photo);
      const std::array<PixelPoint, 4> corners{{{180, 120}, {1200, 90}, {1260, 980}, {140, 940}}};
      const auto flat = straightened(scan, corners, 148, 105, Straighten::Tell);
      QVERIFY(bool(flat));
      const bool cropped =
          std::fabs(flat.value().widthMm() - 148) < 2 && std::fabs(flat.value().heightMm() - 105) < 2;
      QCOMPARE(cropped, table == 30);
      if (!cropped) continue;
      const auto found = readSheet(flat.value());
      QVERIFY2(bool(found), found ? "" : found.error().message.c_str());
      QCOMPARE(found.value().impressions.size(), size_t{1});
    }
  }
};

HAVLO_TEST(TstTrace)
#include "tst_trace.moc"
