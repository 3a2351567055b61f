// Silhouettes that nobody here drew: outlines of the symbol font Symbola (free licence), animals, trees and
// houses with holes, their areas and overlaps against Clipper and against Qt's own painter paths.
#include <QFile>
#include <QGuiApplication>
#include <QPainterPath>
#include <QRawFont>
#include <QTest>
#include <clipper.hpp>
#include <cmath>

#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

const char* const kFont = "/usr/share/fonts/truetype/ancient-scripts/Symbola_hint.ttf";

/// A glyph as rings about 30 mm high.
Rings glyph(const QRawFont& font, uint code) {
  const QString text = QString::fromUcs4(reinterpret_cast<const char32_t*>(&code), 1);
  const auto indexes = font.glyphIndexesForString(text);
  if (indexes.isEmpty() || indexes[0] == 0) return {};
  Rings out;
  for (const QPolygonF& polygon : font.pathForGlyph(indexes[0]).toSubpathPolygons()) {
    Ring ring;
    for (const QPointF& p : polygon) ring.push_back({p.x() * 0.3, -p.y() * 0.3});
    if (ring.size() > 1 && ring.front() == ring.back()) ring.pop_back();
    if (ring.size() >= 3) out.push_back(ring);
  }
  return out;
}

double sharedInClipper(const Rings& a, const Rings& b) {
  const auto paths = [](const Rings& rings) {
    ClipperLib::Paths out;
    for (const Ring& ring : rings) {
      ClipperLib::Path path;
      for (Point p : ring) path.emplace_back(std::llround(p.x * 1e5), std::llround(p.y * 1e5));
      out.push_back(path);
    }
    return out;
  };
  ClipperLib::Clipper c;
  c.AddPaths(paths(a), ClipperLib::ptSubject, true);
  c.AddPaths(paths(b), ClipperLib::ptClip, true);
  ClipperLib::PolyTree tree;
  ClipperLib::Paths out;
  c.Execute(ClipperLib::ctIntersection, tree, ClipperLib::pftEvenOdd, ClipperLib::pftEvenOdd);
  ClipperLib::ClosedPathsFromPolyTree(tree, out);
  double sum = 0;
  for (const auto& p : out) sum += ClipperLib::Area(p);
  return std::abs(sum) / 1e10;
}

}  // namespace

class TstGlyphAreas : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void areasAndOverlaps() {
    QVERIFY2(QFile::exists(QString::fromLatin1(kFont)),
             "the font package is listed in packaging/packages.txt");
    const QRawFont font(QString::fromLatin1(kFont), 100);
    QVERIFY(font.isValid());
    // Rabbit, tree, house, duck, boat, horse, snail, castle.
    const uint codes[] = {0x1F407, 0x1F333, 0x1F3E0, 0x1F426, 0x26F5, 0x1F40E, 0x1F40C, 0x1F3F0};
    std::vector<Rings> shapes;
    for (uint code : codes) {
      const Rings rings = glyph(font, code);
      if (rings.empty()) continue;
      const auto clean = withoutCrossings(rings);
      QVERIFY2(bool(clean), clean ? "" : clean.error().text().c_str());
      const double area = sweptArea(SweepEdges(rings));
      QVERIFY(area > 1);
      QVERIFY(std::abs(area - sharedInClipper(rings, rings)) < 1e-3 * area);
      QVERIFY(std::abs(area - areaOf(clean.value().rings)) < 1e-6 * area);
      shapes.push_back(rings);
    }
    QVERIFY2(shapes.size() >= 5, "the font lost its animals");
    for (size_t i = 0; i < shapes.size(); ++i)
      for (size_t k = 0; k < i; ++k) {
        const Placing turned({15, 0}, {18, 3}, Degrees{static_cast<double>(37 * i + 11 * k)});
        const Rings moved = turned.toPanel(shapes[k]);
        const double theirs = sharedInClipper(shapes[i], moved);
        QVERIFY(std::abs(sharedArea(SweepEdges(shapes[i]), SweepEdges(moved)) - theirs) <
                1e-3 + 1e-4 * theirs);
        QVERIFY(std::abs(areaOf(intersection(shapes[i], moved)) - theirs) < 1e-3 + 1e-4 * theirs);
      }
  }
};

HAVLO_TEST(TstGlyphAreas)
#include "tst_glyph_areas.moc"
