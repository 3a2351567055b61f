// Outlines are traced from what the press lays down, at 600 dots an inch: what is kept free for nearer
// things, cut off or taped is so here as well, whatever the art is made of.
#include "io/export/layers.h"

#include <QBuffer>
#include <QImage>
#include <QXmlStreamWriter>
#include <algorithm>
#include <cmath>

#include "core/trace/bitmap_outline.h"
#include "core/wash/wash_area.h"
#include "io/files/whole_file.h"
#include "io/wording/hand_words.h"
#include "io/wording/names.h"
#include "io/wording/piece_words.h"

namespace havlo {
namespace {

constexpr double kDpi = 600, kMostPixels = 4e7;
constexpr int kCoarse = 4;  // pixels of a fading picture are so many of the grid's
constexpr double kSpeck_mm2 = 0.01;

int byteOf(float linear) { return static_cast<int>(std::lround(srgbOf(linear))); }
QString hex(const LinearRgb& c) { return QColor(byteOf(c[0]), byteOf(c[1]), byteOf(c[2])).name(); }
QString hex(Colour c) { return hex(linearOf(c)); }

class SvgLayers : public LayerWatcher {
 public:
  SvgLayers(const Plan& plan, const Analysis& analysis, const Grid& grid, QByteArray& out)
      : m_plan(plan), m_analysis(analysis), m_grid(grid), m_xml(&out) {
    const PanelSize& panel = plan.card.panel;
    m_xml.setAutoFormatting(true);
    m_xml.setAutoFormattingIndent(1);
    m_xml.writeStartDocument();
    m_xml.writeStartElement(QStringLiteral("svg"));
    m_xml.writeDefaultNamespace(QStringLiteral("http://www.w3.org/2000/svg"));
    m_xml.writeNamespace(QStringLiteral("http://www.w3.org/1999/xlink"), QStringLiteral("xlink"));
    m_xml.writeAttribute(QStringLiteral("width"), number(panel.width_mm) + QStringLiteral("mm"));
    m_xml.writeAttribute(QStringLiteral("height"), number(panel.height_mm) + QStringLiteral("mm"));
    m_xml.writeAttribute(QStringLiteral("viewBox"),
                         QStringLiteral("0 0 %1 %2").arg(number(panel.width_mm), number(panel.height_mm)));
    m_xml.writeTextElement(QStringLiteral("title"), QString::fromStdString(plan.title));
    begin(QStringLiteral("paper"), QString::fromStdString(plan.card.paper.name));
    m_xml.writeEmptyElement(QStringLiteral("rect"));
    m_xml.writeAttribute(QStringLiteral("width"), number(panel.width_mm));
    m_xml.writeAttribute(QStringLiteral("height"), number(panel.height_mm));
    m_xml.writeAttribute(QStringLiteral("fill"), hex(plan.card.paper.colour));
  }
  void finish() {
    end();
    m_xml.writeEndDocument();
  }

  void layer(Of what, int index) override {
    end();
    switch (what) {
      case Of::Impression:
        return begin(QStringLiteral("impression-") + QString::fromStdString(m_plan.impressions[ix(index)].id),
                     labelOf(m_plan, index));
      case Of::Wash:
        return begin(QStringLiteral("wash-") + QString::fromStdString(m_plan.washes[ix(index)].id),
                     capital(washName(m_plan, index)));
      case Of::Piece:
        return begin(QStringLiteral("piece-") + QString::fromStdString(m_plan.pieces[ix(index)].id),
                     capital(pieceName(m_plan, index)));
      case Of::Hand:
        // One act by hand may be laid on several things.
        return begin(QStringLiteral("hand-%1").arg(++m_hands),
                     capital(handActWords(m_plan, m_analysis.hand->all()[ix(index)].act)));
    }
  }
  void film(const Tile& coverage, const InkFilm& film) override { outline(coverage, film); }
  void share(const Tile& coverage, Colour colour, double opacity, double strength) override {
    if (even(coverage)) return film(coverage, InkFilm(colour, opacity, strength));
    fade(coverage, [&](double cover, Point) { return InkFilm(colour, opacity, strength * cover); });
  }
  void wash(const Tile& coverage, const Ink& ink, double strength, const WashFalloff& falloff) override {
    fade(coverage, [&](double cover, Point at) {
      return InkFilm(ink.colour, ink.opacity, strength * cover * falloff.shareAt(at));
    });
  }
  void paper(const Tile& shows, Colour colour) override { write(pathOf(shows), hex(colour), {}, 1); }

 private:
  const Plan& m_plan;
  const Analysis& m_analysis;
  const Grid& m_grid;
  QXmlStreamWriter m_xml;
  bool m_open = false;
  int m_hands = 0;

  static QString number(double v) { return QString::number(v, 'g', 8); }

  void begin(const QString& id, const QString& title) {
    m_xml.writeStartElement(QStringLiteral("g"));
    m_xml.writeAttribute(QStringLiteral("id"), id);
    if (!title.isEmpty()) m_xml.writeTextElement(QStringLiteral("title"), title);
    m_open = true;
  }
  void end() {
    if (m_open) m_xml.writeEndElement();
    m_open = false;
  }

  /// Does it cover or not cover, but for its rim?
  static bool even(const Tile& t) {
    size_t between = 0, covered = 0;
    for (const uint8_t c : t.cover) between += c > 30 && c < 225, covered += c >= 225;
    return between * 3 < covered;
  }

  std::string pathOf(const Tile& t) const {
    Bitmap bitmap{t.width, t.height, std::vector<uint8_t>(t.cover.size()), m_grid.pxPerMmX()};
    for (size_t k = 0; k < t.cover.size(); ++k) bitmap.ink[k] = t.cover[k] >= 128;
    const BitmapOutline outline = outlineOf(bitmap, kSpeck_mm2);
    if (outline.rings.empty()) return {};
    // The tile's lower left corner on the panel.
    const Point origin{m_grid.centre(t.x, t.y + t.height - 1).x - 0.5 / m_grid.pxPerMmX(),
                       m_grid.centre(t.x, t.y + t.height - 1).y - 0.5 / m_grid.pxPerMmX()};
    return pathData(outline, Point{} - origin, m_plan.card.panel.height_mm);
  }

  void write(const std::string& data, const QString& fill, const QString& blend, double opacity) {
    if (data.empty()) return;
    m_xml.writeEmptyElement(QStringLiteral("path"));
    m_xml.writeAttribute(QStringLiteral("fill"), fill);
    m_xml.writeAttribute(QStringLiteral("fill-rule"), QStringLiteral("evenodd"));
    if (opacity < 1) m_xml.writeAttribute(QStringLiteral("fill-opacity"), number(opacity));
    if (!blend.isEmpty()) m_xml.writeAttribute(QStringLiteral("style"), blend);
    m_xml.writeAttribute(QStringLiteral("d"), QString::fromStdString(data));
  }

  /// An ink as two layers: what it lets through of what is under it, and what it covers that with.
  void outline(const Tile& coverage, const InkFilm& film) {
    const std::string data = pathOf(coverage);
    const Covering c = coveringOf(film);
    if (c.share < 0.98) write(data, hex(c.through), QStringLiteral("mix-blend-mode:multiply"), 1);
    if (c.share > 0.02) write(data, hex(c.over), {}, c.share);
  }

  struct Covering {
    LinearRgb through, over;
    double share = 0;
  };
  /// multiply = (1 - a) t and add = a c; the brightest channel of the two is taken as let through wholly or
  /// covered.
  static Covering coveringOf(const InkFilm& film) {
    Covering out;
    float most = 0, add = 0;
    for (size_t k = 0; k < 3; ++k)
      most = std::max(most, film.multiply[k] + film.add[k]), add = std::max(add, film.add[k]);
    float multiply = 0;
    for (size_t k = 0; k < 3; ++k) multiply = std::max(multiply, film.multiply[k]);
    out.share = add <= 0.002f ? 0 : std::clamp<double>(add / std::max(most, 1e-6f), 0, 1);
    for (size_t k = 0; k < 3; ++k) {
      out.through[k] = out.share > 0.995
                           ? 1
                           : std::clamp(film.multiply[k] / static_cast<float>(1 - out.share), 0.0f, 1.0f);
      out.over[k] = out.share <= 0 ? 0 : std::clamp(film.add[k] / static_cast<float>(out.share), 0.0f, 1.0f);
    }
    return out;
  }

  /// What fades: a picture that multiplies what is under it.
  template <typename F>
  void fade(const Tile& t, F filmAt) {
    if (t.empty()) return;
    const int left = t.x / kCoarse, top = t.y / kCoarse;
    const int right = (t.x + t.width + kCoarse - 1) / kCoarse,
              bottom = (t.y + t.height + kCoarse - 1) / kCoarse;
    QImage image(right - left, bottom - top, QImage::Format_RGB32);
    for (int y = top; y < bottom; ++y)
      for (int x = left; x < right; ++x) {
        int sum = 0;
        for (int dy = 0; dy < kCoarse; ++dy)
          for (int dx = 0; dx < kCoarse; ++dx) sum += t.at(x * kCoarse + dx, y * kCoarse + dy);
        const double cover = sum / (255.0 * kCoarse * kCoarse);
        LinearRgb seen{1, 1, 1};
        if (cover > 0) {
          const InkFilm film =
              filmAt(cover, m_grid.centre(x * kCoarse + kCoarse / 2, y * kCoarse + kCoarse / 2));
          for (size_t k = 0; k < 3; ++k) seen[k] = film.multiply[k] + film.add[k];
        }
        image.setPixel(x - left, y - top, qRgb(byteOf(seen[0]), byteOf(seen[1]), byteOf(seen[2])));
      }
    QByteArray png;
    QBuffer buffer(&png);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, "PNG");
    const double px = kCoarse / m_grid.pxPerMmX();
    m_xml.writeEmptyElement(QStringLiteral("image"));
    m_xml.writeAttribute(QStringLiteral("x"), number(left * px));
    m_xml.writeAttribute(QStringLiteral("y"), number(top * px));
    m_xml.writeAttribute(QStringLiteral("width"), number(image.width() * px));
    m_xml.writeAttribute(QStringLiteral("height"), number(image.height() * px));
    m_xml.writeAttribute(QStringLiteral("preserveAspectRatio"), QStringLiteral("none"));
    m_xml.writeAttribute(QStringLiteral("style"), QStringLiteral("mix-blend-mode:multiply"));
    m_xml.writeAttribute(QStringLiteral("xlink:href"),
                         QStringLiteral("data:image/png;base64,") + QString::fromLatin1(png.toBase64()));
  }
};

}  // namespace

Result<Done> saveLayers(const QString& path, const Plan& plan, const Analysis& analysis,
                        const ArtSource& art) {
  const PressInput in = analysis.press(plan, &art);
  PressTiles tiles(in, Grid(plan.card.panel.box(), dpiWithin(plan.card.panel.box(), kDpi, kMostPixels)));
  QByteArray out;
  SvgLayers layers(plan, analysis, tiles.grid(), out);
  intendedCard(in, tiles, {}, &layers);
  layers.finish();
  return saveWhole(path, out);
}

}  // namespace havlo
