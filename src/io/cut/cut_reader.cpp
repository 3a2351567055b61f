// Tells the formats apart by content; SVG, DXF and HPGL. PDF is in pdf_reader.cpp.
#include <QPainter>
#include <QSvgRenderer>
#include <cmath>

#include "io/art/plain_svg.h"
#include "io/cut/cut_file.h"
#include "io/cut/cut_readers.h"
#include "io/cut/line_recorder.h"
#include "io/files/errors.h"
#include "io/files/whole_file.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr qint64 kLargest = 64 << 20;
constexpr double kFar_mm = 1e5;

Result<std::vector<CutSheet>> checked(Result<std::vector<CutSheet>> read) {
  if (!read) return read;
  size_t cuts = 0, points = 0;
  for (const CutSheet& sheet : read.value())
    for (const auto* lines : {&sheet.cuts, &sheet.marks})
      for (const CutLine& line : *lines) {
        cuts += lines == &sheet.cuts;
        points += line.points.size();
        for (Point p : line.points)
          if (!(std::fabs(p.x) <= kFar_mm && std::fabs(p.y) <= kFar_mm))
            return badInput(tr("a line runs to %1, %2 mm: farther than any sheet").arg(p.x).arg(p.y));
      }
  if (points > kMostCutPoints) return badInput(tr("there are more than 300 000 points to cut"));
  if (cuts == 0) return badInput(tr("there is nothing to cut in this file"));
  return read;
}

/// DXF as pairs of a code and a value.
struct DxfPairs {
  const QByteArray& data;
  qsizetype from = 0, line = 0;
  int code = 0;
  QByteArray value;
  explicit DxfPairs(const QByteArray& text) : data(text) {}
  bool next() {
    QByteArray first;
    if (!take(first) || !take(value)) return false;
    bool number = false;
    code = first.toInt(&number);
    return number;
  }
  QString place() const { return tr("line %1").arg(line); }

 private:
  bool take(QByteArray& to) {
    if (from > data.size()) return false;
    qsizetype end = data.indexOf('\n', from);
    if (end < 0) end = data.size();
    to = data.mid(from, end - from).trimmed();
    from = end + 1, ++line;
    return true;
  }
};

/// An arc as points within 0.01 mm. @param from, sweep  radians, anticlockwise
void addArc(Ring& out, Point c, double r, double from, double sweep) {
  const double step = 2 * std::acos(std::max(0.5, 1 - 0.01 / std::max(r, 0.02)));
  constexpr double kMost = 2000;
  const double wanted = step > 0 ? std::ceil(std::fabs(sweep) / step) : kMost;
  const int n = static_cast<int>(std::clamp(wanted, 4.0, kMost));
  for (int k = 0; k <= n; ++k)
    out.push_back({c.x + r * std::cos(from + sweep * k / n), c.y + r * std::sin(from + sweep * k / n)});
}

/// A polyline's side that bulges: tangent of a quarter of its angle, as DXF has it.
void addBulge(Ring& out, Point a, Point b, double bulge) {
  if (bulge == 0) {
    out.push_back(b);
    return;
  }
  const double angle = 4 * std::atan(bulge), chord = std::hypot(b.x - a.x, b.y - a.y);
  const double r = chord / 2 / std::sin(std::fabs(angle) / 2),
               h = std::sqrt(std::max(0.0, r * r - chord * chord / 4));
  const double side = (bulge > 0 ? 1 : -1) * (std::fabs(angle) > 3.14159265358979323846 ? -1 : 1);
  const Point c{(a.x + b.x) / 2 - side * h * (b.y - a.y) / chord,
                (a.y + b.y) / 2 + side * h * (b.x - a.x) / chord};
  Ring arc;
  addArc(arc, c, r, std::atan2(a.y - c.y, a.x - c.x), angle);
  out.insert(out.end(), arc.begin() + 1, arc.end());
}

class DxfReader {
 public:
  explicit DxfReader(const QByteArray& data) : m_pairs(data) {}

  Result<std::vector<CutSheet>> read() {
    bool entities = false, ended = false;
    if (!m_pairs.next()) return badInput(tr("the DXF file cannot be read"), m_pairs.place());
    for (;;) {
      if (m_pairs.code == 0 && m_pairs.value == "EOF") {
        ended = true;
        break;
      }
      if (m_pairs.code == 2 && m_pairs.value == "ENTITIES") entities = true;
      if (m_pairs.code == 0 && m_pairs.value == "ENDSEC") entities = false;
      if (entities && m_pairs.code == 0) {
        if (!entity(m_pairs.value) || m_points > kMostCutPoints) break;
        continue;
      }
      if (!m_pairs.next()) break;
    }
    if (m_points > kMostCutPoints)
      return badInput(tr("there are more than 300 000 points to cut"), m_pairs.place());
    if (!ended) return badInput(tr("the DXF file is cut short or damaged"), m_pairs.place());
    if (m_unknown)
      return badInput(
          tr("the DXF file holds curves that are not read (%1)").arg(QString::fromLatin1(m_what)));
    return std::vector<CutSheet>{m_sheet};
  }

 private:
  DxfPairs m_pairs;
  CutSheet m_sheet;
  bool m_unknown = false;
  size_t m_points = 0;
  QByteArray m_what;

  struct Fields {
    QByteArray layer;
    double x = 0, y = 0, x2 = 0, y2 = 0, radius = 0, from = 0, to = 360;
    int flags = 0;
    std::vector<std::pair<Point, double>> vertices;  // with bulge
  };

  /// Reads one entity; the pair after it is left waiting. @return false at the end of the text
  bool entity(const QByteArray kind) {  // a copy: reading on changes the pair
    Fields f;
    bool more = fields(f, kind == "LWPOLYLINE");
    if (kind == "POLYLINE") {
      while (more && m_pairs.code == 0 && m_pairs.value == "VERTEX") {
        Fields v;
        double bulge = 0;
        more = fields(v, false, &bulge);
        f.vertices.push_back({{v.x, v.y}, bulge});
      }
      if (more && m_pairs.code == 0 && m_pairs.value == "SEQEND") {
        Fields end;
        more = fields(end, false);
      }
    }
    add(kind, f);
    return more;
  }

  bool fields(Fields& f, bool list, double* bulge = nullptr) {
    while (m_pairs.next()) {
      const double v = m_pairs.value.toDouble();
      switch (m_pairs.code) {
        case 0:
          return true;
        case 8:
          f.layer = m_pairs.value;
          break;
        case 10:
          f.x = v;
          if (list) f.vertices.push_back({{v, 0}, 0});
          break;
        case 20:
          f.y = v;
          if (list && !f.vertices.empty()) f.vertices.back().first.y = v;
          break;
        case 11:
          f.x2 = v;
          break;
        case 21:
          f.y2 = v;
          break;
        case 40:
          f.radius = v;
          break;
        case 42:
          if (list && !f.vertices.empty()) f.vertices.back().second = v;
          if (bulge) *bulge = v;
          break;
        case 50:
          f.from = v;
          break;
        case 51:
          f.to = v;
          break;
        case 70:
          f.flags = m_pairs.value.toInt();
          break;
        default:
          break;
      }
    }
    return false;
  }

  void add(const QByteArray& kind, const Fields& f) {
    constexpr double kDegree = 3.14159265358979323846 / 180;
    CutLine line;
    line.closed = false;
    if (kind == "POLYLINE" || kind == "LWPOLYLINE") {
      if (f.vertices.size() < 2) return;
      line.points.push_back(f.vertices[0].first);
      for (size_t i = 1; i < f.vertices.size() && line.points.size() <= kMostCutPoints; ++i)
        addBulge(line.points, f.vertices[i - 1].first, f.vertices[i].first, f.vertices[i - 1].second);
      line.closed = (f.flags & 1) != 0;
      if (line.closed)
        addBulge(line.points, f.vertices.back().first, f.vertices[0].first, f.vertices.back().second);
    } else if (kind == "LINE") {
      line.points = {{f.x, f.y}, {f.x2, f.y2}};
    } else if (kind == "CIRCLE") {
      addArc(line.points, {f.x, f.y}, f.radius, 0, 360 * kDegree);
      line.points.back() = line.points.front();
      line.closed = true;
    } else if (kind == "ARC") {
      double sweep = f.to - f.from;
      if (sweep <= 0) sweep += 360;
      addArc(line.points, {f.x, f.y}, f.radius, f.from * kDegree, sweep * kDegree);
    } else {
      if (kind == "SPLINE" || kind == "ELLIPSE" || kind == "INSERT") m_unknown = true, m_what = kind;
      return;  // text, points and the like are not cut
    }
    m_points += line.points.size();
    (f.layer.toUpper() == "MARK" ? m_sheet.marks : m_sheet.cuts).push_back(std::move(line));
  }
};

}  // namespace

Result<std::vector<CutSheet>> readSvgCuts(const QByteArray& data) {
  const auto plain = plainSvg(data);
  if (!plain) return plain.error();
  QSvgRenderer renderer(plain.value().svg);
  if (!renderer.isValid()) return badInput(tr("the SVG cannot be read"));
  QRectF view = renderer.viewBoxF();
  if (view.isEmpty()) view = QRectF(QPointF(), renderer.defaultSize());
  const QSizeF size = plain.value().size_mm.value_or(view.size() * (kMmPerInch / 96));
  if (!(size.width() > 0.1 && size.height() > 0.1 && size.width() <= 20000 && size.height() <= 20000))
    return badInput(tr("the SVG says it is %1 × %2 mm large").arg(size.width()).arg(size.height()));
  LineRecorder recorder(size.width(), size.height());
  {
    QPainter p(&recorder);
    renderer.setAspectRatioMode(Qt::IgnoreAspectRatio);
    const double u = recorder.unitsPerMm();
    renderer.render(&p, QRectF(0, 0, size.width() * u, size.height() * u));
  }
  CutSheet sheet;
  sheet.width_mm = size.width(), sheet.height_mm = size.height();
  sheet.cuts = recorder.solid();
  sheet.marks = recorder.dashed();
  for (auto* lines : {&sheet.cuts, &sheet.marks})
    for (CutLine& line : *lines)
      for (Point& p : line.points) p.y = sheet.height_mm - p.y;
  return std::vector<CutSheet>{sheet};
}

Result<std::vector<CutSheet>> readDxfCuts(const QByteArray& data) { return DxfReader(data).read(); }

Result<std::vector<CutSheet>> readHpglCuts(const QByteArray& data) {
  constexpr double kUnits = 40;
  CutSheet sheet;
  Point at;
  bool down = false, relative = false;
  int pen = 1;
  CutLine line;
  size_t points = 0;
  const auto finish = [&] {
    if (line.points.size() > 1) {
      line.closed = line.points.size() > 3 && line.points.front() == line.points.back();
      (pen == 2 ? sheet.marks : sheet.cuts).push_back(line);
    }
    line = CutLine{};
  };
  qsizetype k = 0;
  while (k < data.size()) {
    if (!std::isalpha(static_cast<unsigned char>(data[k]))) {
      ++k;
      continue;
    }
    if (k + 1 >= data.size()) return badInput(tr("the HPGL file is cut short"), tr("byte %1").arg(k));
    const QByteArray word = data.mid(k, 2).toUpper();
    k += 2;
    if (word == "LB") {  // a label, up to its end mark
      while (k < data.size() && data[k] != '\3') ++k;
      continue;
    }
    const qsizetype from = k;
    while (k < data.size() && data[k] != ';' && !std::isalpha(static_cast<unsigned char>(data[k]))) ++k;
    std::vector<double> numbers;
    for (const QByteArray& part : data.mid(from, k - from).replace(' ', ',').split(',')) {
      const QByteArray text = part.trimmed();
      if (text.isEmpty()) continue;
      bool number = false;
      numbers.push_back(text.toDouble(&number));
      if (!number || !std::isfinite(numbers.back()))
        return badInput(tr("\"%1\" is not a number").arg(QString::fromLatin1(text.left(20))),
                        tr("byte %1").arg(from));
    }
    if (word == "IN" || word == "DF") {
      finish();
      at = {}, down = relative = false, pen = 1;
    } else if (word == "SP") {
      finish();
      pen = numbers.empty() ? 0 : static_cast<int>(std::clamp(numbers[0], 0.0, 255.0));
    } else if (word == "PA" || word == "PR" || word == "PU" || word == "PD") {
      if (word == "PA") relative = false;
      if (word == "PR") relative = true;
      if (word == "PU") finish(), down = false;
      if (word == "PD" && !down) down = true, line.points = {at};
      if (numbers.size() % 2) return badInput(tr("a point has only one coordinate"), tr("byte %1").arg(from));
      for (size_t i = 0; i + 1 < numbers.size(); i += 2) {
        const Point p{numbers[i] / kUnits, numbers[i + 1] / kUnits};
        at = relative ? Point{at.x + p.x, at.y + p.y} : p;
        if (down) line.points.push_back(at);
        if (++points > kMostCutPoints)
          return badInput(tr("there are more than 300 000 points to cut"), tr("byte %1").arg(from));
      }
    } else if (word == "AA" || word == "AR" || word == "CI" || word == "EA" || word == "PE") {
      return badInput(tr("the HPGL command %1 is not read").arg(QString::fromLatin1(word)),
                      tr("byte %1").arg(from));
    }
  }
  finish();
  return std::vector<CutSheet>{sheet};
}

Result<std::vector<CutSheet>> readCutData(const QByteArray& data) {
  if (data.size() > kLargest) return badInput(tr("the file is larger than 64 MB"));
  const QByteArray head = data.left(4096).trimmed();
  if (head.isEmpty()) return badInput(tr("the file is empty"));
  if (head.startsWith("%PDF")) return checked(readPdfCuts(data));
  if (looksLikeSvg(data.left(4096))) return checked(readSvgCuts(data));
  if (head.startsWith("0") || head.startsWith("999")) return checked(readDxfCuts(data));
  const QByteArray word = head.left(2).toUpper();
  for (const char* known : {"IN", "DF", "SP", "PU", "PD", "PA", "IP", "SC", "VS"})
    if (word == known) return checked(readHpglCuts(data));
  return badInput(tr("this is no cut file: neither SVG, DXF, HPGL nor PDF"));
}

Result<std::vector<CutSheet>> readCutFile(const QString& path) {
  auto data = readWhole(path, kLargest);
  if (!data) return data.error();
  return readCutData(data.value());
}

}  // namespace havlo
