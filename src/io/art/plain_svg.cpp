// Read by QXmlStreamReader, checked, and written by QXmlStreamWriter: nothing reaches the renderer as it
// came.
#include "io/art/plain_svg.h"

#include <zlib.h>

#include <QHash>
#include <QRegularExpression>
#include <QSet>
#include <QXmlStreamReader>
#include <QXmlStreamWriter>
#include <cmath>

#include "io/files/errors.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr int kDeepest = 256, kMostParts = 300'000, kMostDrawn = 300'000;
constexpr qsizetype kMostNumbers = 4'000'000;
constexpr double kFar = 1e7;         // in units of the drawing
constexpr double kMostDashes = 3e5;  // of the whole drawing

const QString kSvg = QStringLiteral("http://www.w3.org/2000/svg");
const QString kXlink = QStringLiteral("http://www.w3.org/1999/xlink");

template <size_t N>
QSet<QString> setOf(const char* const (&words)[N]) {
  QSet<QString> out;
  for (const char* w : words) out.insert(QLatin1String(w));
  return out;
}

const QSet<QString>& drawing() {
  static const QSet<QString> all =
      setOf({"svg", "g", "defs", "path", "rect", "circle", "ellipse", "line", "polyline", "polygon", "use",
             "linearGradient", "radialGradient", "stop", "text", "tspan", "switch"});
  return all;
}
const QSet<QString>& refused() {
  static const QSet<QString> all = setOf({"script",      "image",     "foreignObject",    "style",
                                          "video",       "audio",     "iframe",           "a",
                                          "font",        "font-face", "handler",          "listener",
                                          "animation",   "tref",      "feImage",          "cursor",
                                          "set",         "animate",   "animateTransform", "animateMotion",
                                          "animateColor"});
  return all;
}
const QSet<QString>& attributes() {
  static const QSet<QString> all = setOf({"id",
                                          "d",
                                          "x",
                                          "y",
                                          "x1",
                                          "y1",
                                          "x2",
                                          "y2",
                                          "cx",
                                          "cy",
                                          "r",
                                          "rx",
                                          "ry",
                                          "fx",
                                          "fy",
                                          "width",
                                          "height",
                                          "points",
                                          "viewBox",
                                          "version",
                                          "baseProfile",
                                          "transform",
                                          "gradientTransform",
                                          "gradientUnits",
                                          "spreadMethod",
                                          "offset",
                                          "preserveAspectRatio",
                                          "pathLength"});
  return all;
}
/// Presentation, as attributes and in `style`.
const QSet<QString>& properties() {
  static const QSet<QString> all = setOf({"fill",
                                          "fill-opacity",
                                          "fill-rule",
                                          "stroke",
                                          "stroke-width",
                                          "stroke-opacity",
                                          "stroke-linecap",
                                          "stroke-linejoin",
                                          "stroke-miterlimit",
                                          "stroke-dasharray",
                                          "stroke-dashoffset",
                                          "opacity",
                                          "color",
                                          "stop-color",
                                          "stop-opacity",
                                          "display",
                                          "visibility",
                                          "font-family",
                                          "font-size",
                                          "font-weight",
                                          "font-style",
                                          "text-anchor",
                                          "vector-effect"});
  return all;
}

/// The bytes of a gzip file, bounded. Nothing for one that is damaged or unpacks to too much.
std::optional<QByteArray> unpacked(const QByteArray& packed) {
  z_stream z{};
  if (inflateInit2(&z, 15 + 16) != Z_OK) return {};
  z.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(packed.constData()));
  z.avail_in = static_cast<uInt>(packed.size());
  QByteArray out, block(1 << 16, Qt::Uninitialized);
  int state = Z_OK;
  while (state == Z_OK && out.size() <= kLargestDrawing) {
    z.next_out = reinterpret_cast<Bytef*>(block.data());
    z.avail_out = static_cast<uInt>(block.size());
    state = inflate(&z, Z_NO_FLUSH);
    if (state == Z_OK || state == Z_STREAM_END)
      out.append(block.constData(), block.size() - static_cast<qsizetype>(z.avail_out));
  }
  inflateEnd(&z);
  if (state != Z_STREAM_END || out.size() > kLargestDrawing) return {};
  return out;
}

/// The numbers of a path, a list or a measure.
struct Numbers {
  qsizetype count = 0;
  double farthest = 0;  ///< from 0
  double way = 0;       ///< about how long a line through them is, in units of the drawing
  bool bad = false;
};

Numbers numbersIn(QStringView text) {
  Numbers out;
  const QByteArray latin = text.toLatin1();
  const auto digit = [&](qsizetype k) { return k < latin.size() && latin[k] >= '0' && latin[k] <= '9'; };
  bool relative = false;
  double before[2] = {0, 0}, steps = 0, values = 0;
  for (qsizetype k = 0; k < latin.size();) {
    if (!digit(k) && !(latin[k] == '.' && digit(k + 1))) {
      relative = relative || (latin[k] >= 'a' && latin[k] <= 'z' && latin[k] != 'z');
      ++k;
      continue;
    }
    const bool minus = k > 0 && latin[k - 1] == '-';
    const qsizetype from = k;
    while (digit(k)) ++k;
    if (k < latin.size() && latin[k] == '.')
      for (++k; digit(k);) ++k;
    if (k < latin.size() && (latin[k] == 'e' || latin[k] == 'E') &&
        (digit(k + 1) ||
         (k + 1 < latin.size() && (latin[k + 1] == '-' || latin[k + 1] == '+') && digit(k + 2))))
      for (k += 2; digit(k);) ++k;
    bool ok = false;
    double v = latin.mid(from, k - from).toDouble(&ok);
    if (!ok || !std::isfinite(v)) {
      out.bad = true;
      continue;
    }
    out.farthest = std::fmax(out.farthest, v);
    if (minus) v = -v;
    double& last = before[out.count++ % 2];
    steps += std::fabs(v - last), values += std::fabs(v);
    last = v;
  }
  out.way = relative ? std::fmax(steps, values) : steps;
  return out;
}

bool reachesOutside(QStringView value) {
  const QString flat = value.toString().simplified().remove(u' ').toLower();
  for (qsizetype at = flat.indexOf(QLatin1String("url(")); at >= 0;
       at = flat.indexOf(QLatin1String("url("), at + 4)) {
    const QStringView in = QStringView(flat).mid(at + 4);
    if (!in.startsWith(u'#') && !in.startsWith(QLatin1String("'#")) && !in.startsWith(QLatin1String("\"#")))
      return true;
  }
  return flat.contains(QLatin1String("@import")) || flat.contains(QLatin1String("expression("));
}

/// One element, for what `use` may draw in all.
struct Part {
  int parent = -1;
  QString uses;  // an id
  int weight = -1;
  bool under = false;  // being added up
};

class Gate {
 public:
  explicit Gate(const QByteArray& text) : m_xml(text), m_out(&m_plain.svg) {}

  Result<PlainSvg> pass() {
    m_out.setAutoFormatting(false);
    m_out.writeStartDocument();
    while (!m_xml.atEnd() && m_error.isEmpty()) token(m_xml.readNext());
    if (m_error.isEmpty() && m_xml.hasError())
      fail(tr("it is damaged: %1, line %2").arg(m_xml.errorString()).arg(m_xml.lineNumber()));
    if (m_error.isEmpty() && m_parts.empty()) fail(tr("it is no SVG"));
    if (m_error.isEmpty()) addUp();
    if (m_error.isEmpty() && m_dashes > 0 && m_way / m_dashes > kMostDashes)
      fail(tr("its dashes are too many and too small"));
    if (!m_error.isEmpty()) return badInput(tr("the SVG was not taken: %1").arg(m_error));
    m_out.writeEndDocument();
    return std::move(m_plain);
  }

 private:
  PlainSvg m_plain;
  QXmlStreamReader m_xml;
  QXmlStreamWriter m_out;
  QString m_error;
  std::vector<Part> m_parts;
  std::vector<std::vector<int>> m_children;
  QHash<QString, int> m_ids;
  std::vector<int> m_open;
  int m_skipped = 0;
  bool m_fresh = false;     // nothing was written since the last start tag
  bool m_labelled = false;  // that one has a label
  bool m_inTitle = false;
  qsizetype m_points = 0;
  double m_way = 0, m_dashes = 0;  // the finest dash

  void fail(const QString& why) {
    if (m_error.isEmpty()) m_error = why;
  }

  void token(QXmlStreamReader::TokenType type) {
    switch (type) {
      case QXmlStreamReader::ProcessingInstruction:
        return fail(tr("it asks for a style sheet or another program (<?%1?>)")
                        .arg(m_xml.processingInstructionTarget()));
      case QXmlStreamReader::DTD:
        if (!m_xml.entityDeclarations().isEmpty() || m_xml.text().contains(u'['))
          return fail(tr("it defines entities"));
        return;
      case QXmlStreamReader::EntityReference:
        return fail(tr("it holds entities"));
      case QXmlStreamReader::StartElement:
        return start();
      case QXmlStreamReader::EndElement:
        m_inTitle = false;
        if (m_skipped > 0) {
          --m_skipped;
          return;
        }
        m_out.writeEndElement();
        m_fresh = false;
        m_open.pop_back();
        return;
      case QXmlStreamReader::Characters:
        if (m_inTitle) label(m_xml.text());
        if (m_skipped == 0 && !m_open.empty() && !m_xml.isWhitespace()) {
          m_out.writeCharacters(m_xml.text().toString());
          m_fresh = false;
        }
        return;
      default:
        return;
    }
  }

  void start() {
    const QString name = m_xml.name().toString();
    if (refused().contains(name))
      return fail(tr("it holds <%1>: scripts, style sheets, pictures, movement and links to elsewhere are "
                     "not taken. Save it "
                     "as a plain SVG")
                      .arg(name));
    const bool ours = m_xml.namespaceUri().isEmpty() || m_xml.namespaceUri() == kSvg;
    if (m_skipped > 0 || !ours || !drawing().contains(name)) {
      if (m_open.empty() && m_skipped == 0) return fail(tr("it is no SVG"));
      for (const auto& a : m_xml.attributes())
        if (reachesOutside(a.value())) return fail(tr("it holds links to elsewhere"));
      m_inTitle = m_skipped == 0 && m_fresh && name == QLatin1String("title");
      ++m_skipped;
      if (m_skipped > kDeepest) fail(tr("it is nested too deeply"));
      return;
    }
    if (m_open.empty() && name != QLatin1String("svg")) return fail(tr("it is no SVG"));
    if (m_open.size() >= kDeepest) return fail(tr("it is nested too deeply"));
    if (m_parts.size() >= kMostParts) return fail(tr("it has more than %1 parts").arg(kMostParts));
    const int part = static_cast<int>(m_parts.size());
    m_parts.push_back({m_open.empty() ? -1 : m_open.back(), {}});
    m_children.emplace_back();
    if (!m_open.empty()) m_children[ix(m_open.back())].push_back(part);
    m_out.writeStartElement(name);
    if (m_open.empty()) {
      m_out.writeAttribute(QStringLiteral("xmlns"), kSvg);
      m_out.writeAttribute(QStringLiteral("xmlns:xlink"), kXlink);
      m_plain.size_mm = stated();
    }
    m_open.push_back(part);
    m_fresh = true, m_labelled = false;
    for (const auto& a : m_xml.attributes()) attribute(part, a);
  }

  /// What a part is called, by its title or an editor's label: kept, as sets of stamps are named by it.
  void label(QStringView text) {
    constexpr qsizetype kLongest = 200;
    const QString flat = text.toString().simplified().left(kLongest);
    if (m_labelled || flat.isEmpty()) return;
    m_labelled = true;
    m_out.writeAttribute(QStringLiteral("aria-label"), flat);
  }

  void attribute(int part, const QXmlStreamAttribute& a) {
    const QString name = a.name().toString();
    if (name == QLatin1String("href")) {
      const QString to = a.value().trimmed().toString();
      if (!to.startsWith(u'#')) return fail(tr("it holds links to elsewhere"));
      m_parts[ix(part)].uses = to.mid(1);
      m_out.writeAttribute(QStringLiteral("xlink:href"), to);
      return;
    }
    if (reachesOutside(a.value())) return fail(tr("it holds links to elsewhere"));
    if (name == QLatin1String("label") || name == QLatin1String("aria-label")) return label(a.value());
    if (!a.namespaceUri().isEmpty() && a.namespaceUri() != kSvg) return;  // an editor's own
    if (name == QLatin1String("style")) return style(a.value().toString());
    if (!attributes().contains(name) && !properties().contains(name)) return;
    if (name == QLatin1String("id")) m_ids.insert(a.value().toString(), part);
    if (properties().contains(name)) {
      if (!property(name, a.value())) return;
    } else if (name != QLatin1String("id") && !measured(a.value())) {
      return;
    }
    m_out.writeAttribute(name, a.value().toString());
  }

  bool measured(QStringView value) {
    const Numbers n = numbersIn(value);
    m_points += n.count;
    m_way += n.way;
    if (n.bad || n.farthest > kFar) return fail(tr("it has numbers that no drawing has")), false;
    if (m_points > kMostNumbers) return fail(tr("it has more than %1 numbers").arg(kMostNumbers)), false;
    return true;
  }

  bool property(const QString& name, QStringView value) {
    const Numbers n = numbersIn(value);
    if (n.bad || n.farthest > kFar) {
      if (name.startsWith(QLatin1String("font"))) return false;
      return fail(tr("it has numbers that no drawing has")), false;
    }
    if (name == QLatin1String("stroke-dasharray") && n.count > 0) {
      // The coarsest of a list is what one repeat has at the least.
      if (n.farthest <= 0) return false;  // dashes of no length: a full line
      m_dashes = m_dashes > 0 ? std::fmin(m_dashes, n.farthest) : n.farthest;
    }
    return true;
  }

  void style(const QString& text) {
    QString kept;
    for (const QString& one : text.split(u';', Qt::SkipEmptyParts)) {
      const qsizetype colon = one.indexOf(u':');
      if (colon < 0) continue;
      const QString name = one.left(colon).trimmed();
      if (!properties().contains(name) || !property(name, QStringView(one).mid(colon + 1))) continue;
      kept += name + u':' + one.mid(colon + 1).trimmed() + u';';
    }
    if (!kept.isEmpty()) m_out.writeAttribute(QStringLiteral("style"), kept);
  }

  std::optional<QSizeF> stated() const {
    static const QRegularExpression length(
        QStringLiteral("^\\s*([0-9.]+(?:[eE][-+]?[0-9]+)?)\\s*(mm|cm|in|pt|pc)\\s*$"));
    const auto mm = [&](QLatin1String attribute) -> double {
      const auto m = length.match(m_xml.attributes().value(attribute).toString());
      if (!m.hasMatch()) return 0;
      const QString unit = m.captured(2);
      const double factor = unit == QLatin1String("mm")   ? 1
                            : unit == QLatin1String("cm") ? 10
                            : unit == QLatin1String("in") ? kMmPerInch
                            : unit == QLatin1String("pt") ? kMmPerInch / 72
                                                          : kMmPerInch / 6;
      return m.captured(1).toDouble() * factor;
    };
    const QSizeF size(mm(QLatin1String("width")), mm(QLatin1String("height")));
    if (!(size.width() > 0 && size.height() > 0)) return {};
    return size;
  }

  /// What is drawn in all, each `use` counted with what it draws. Deep chains of `use` are refused with
  /// rings.
  void addUp() {
    if (weightOf(0, 0) < 0)
      fail(tr("parts of it use each other in a ring, or draw more than %1 parts").arg(kMostDrawn));
  }
  int weightOf(int part, int depth) {
    Part& p = m_parts[ix(part)];
    if (p.weight >= 0) return p.weight;
    if (p.under || depth > 2 * kDeepest) return -1;
    p.under = true;
    qint64 sum = 1;
    for (const int child : m_children[ix(part)]) {
      const int w = weightOf(child, depth + 1);
      if (w < 0) return -1;
      sum += w;
    }
    if (!m_parts[ix(part)].uses.isEmpty()) {
      const auto at = m_ids.constFind(m_parts[ix(part)].uses);
      if (at != m_ids.constEnd()) {
        const int w = weightOf(*at, depth + 1);
        if (w < 0) return -1;
        sum += w;
      }
    }
    if (sum > kMostDrawn) return -1;
    m_parts[ix(part)].under = false;
    return m_parts[ix(part)].weight = static_cast<int>(sum);
  }
};

}  // namespace

bool looksLikeSvg(const QByteArray& head) {
  const QByteArray begin = head.left(4096).trimmed();
  return begin.startsWith('<') || begin.startsWith("\xef\xbb\xbf<") || begin.startsWith("\x1f\x8b") ||
         head.startsWith(QByteArray("\xff\xfe<\0", 4)) || head.startsWith(QByteArray("\xfe\xff\0<", 4)) ||
         head.startsWith(QByteArray("<\0", 2)) || head.startsWith(QByteArray("\0<", 2));
}

Result<PlainSvg> plainSvg(const QByteArray& file) {
  if (file.size() > kLargestDrawing)
    return badInput(tr("the drawing is larger than %1 MB").arg(kLargestDrawing >> 20));
  if (!file.startsWith("\x1f\x8b")) return Gate(file).pass();
  const auto text = unpacked(file);
  if (!text)
    return badInput(
        tr("the packed drawing is damaged, or unpacks to more than %1 MB").arg(kLargestDrawing >> 20));
  if (text->startsWith("\x1f\x8b")) return badInput(tr("the drawing is packed twice"));
  return Gate(*text).pass();
}

}  // namespace havlo
