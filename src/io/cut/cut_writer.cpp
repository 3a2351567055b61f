// Writers. Sheets stand side by side where a format knows no pages.
#include <QDir>
#include <QFileInfo>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "core/cutting/registration.h"
#include "core/outline/distance.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "io/art/shape_path.h"
#include "io/cut/cut_file.h"
#include "io/files/plan_file.h"
#include "io/paper/page.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kBetweenSheets_mm = 10;  // between sheets that stand side by side
constexpr double kHpglUnits = 40;         // per mm

QString mm(double v) { return QString::number(v, 'f', 3); }

/// Where each sheet begins, and the whole.
struct Row {
  std::vector<double> left;
  double width_mm = 0, height_mm = 0;
  explicit Row(const std::vector<LabelledSheet>& sheets) {
    for (const LabelledSheet& s : sheets) {
      left.push_back(width_mm > 0 ? width_mm + kBetweenSheets_mm : 0);
      width_mm = left.back() + s.sheet.width_mm;
      height_mm = std::max(height_mm, s.sheet.height_mm);
    }
  }
};

bool isRegister(const CutLine& line) { return line.closed && line.id.starts_with("register-"); }

QString svgPath(const CutLine& line, double left, double height) {
  QString d;
  const size_t n = line.closed ? line.points.size() - 1 : line.points.size();
  for (size_t i = 0; i < n; ++i)
    d += QStringLiteral("%1%2,%3")
             .arg(QLatin1Char(i == 0 ? 'M' : 'L'))
             .arg(mm(line.points[i].x + left), mm(height - line.points[i].y));
  return line.closed ? d + QLatin1Char('Z') : d;
}

}  // namespace

std::optional<CutFormat> cutFormatOf(const QString& path) {
  const QString ending = QFileInfo(path).suffix().toLower();
  if (ending == QLatin1String("svg")) return CutFormat::Svg;
  if (ending == QLatin1String("dxf")) return CutFormat::Dxf;
  if (ending == QLatin1String("plt") || ending == QLatin1String("hpgl") || ending == QLatin1String("hgl"))
    return CutFormat::Hpgl;
  if (ending == QLatin1String("pdf")) return CutFormat::Pdf;
  return {};
}

QString endingOf(CutFormat format) {
  switch (format) {
    case CutFormat::Svg:
      return QStringLiteral("svg");
    case CutFormat::Dxf:
      return QStringLiteral("dxf");
    case CutFormat::Hpgl:
      return QStringLiteral("plt");
    case CutFormat::Pdf:
      break;
  }
  return QStringLiteral("pdf");
}

namespace {

/// How far the shape reaches from a point inside along a direction and back, without a break, mm.
std::pair<double, double> chord(const Rings& shape, Point p, Point along) {
  double ahead = 1e9, behind = 1e9;
  for (const Ring& ring : shape)
    for (size_t i = 0; i < ring.size(); ++i) {
      const Point a = ring[i], b = ring[(i + 1) % ring.size()];
      const auto side = [&](Point q) { return (q.x - p.x) * -along.y + (q.y - p.y) * along.x; };
      const double sa = side(a), sb = side(b);
      if ((sa > 0) == (sb > 0)) continue;
      const double t = sa / (sa - sb);
      const double at = (a.x + t * (b.x - a.x) - p.x) * along.x + (a.y + t * (b.y - a.y) - p.y) * along.y;
      (at > 0 ? ahead : behind) = std::min(at > 0 ? ahead : behind, std::fabs(at));
    }
  return {behind, ahead};
}

/// Puts names of masks too small to hold them where they cover neither a mask nor another name.
class NamePlacer {
 public:
  explicit NamePlacer(const MaskJob& job) : m_job(job) {}

  CutLabel place(const LaidMask& mask, const QString& name) {
    constexpr double kHeight = 1.7, kOff = 0.6;
    const double w = textWidth(kHeight, name) + 0.6, h = kHeight;
    const Box box = boxOf(mask.onSheet);
    const Point c = box.centre();
    // Under or over it, drawn in from the sheet's edge; beside it, across or along.
    const double x = std::clamp(c.x, w / 2, std::max(w / 2, m_job.sheet.width_mm - w / 2));
    const double y = std::clamp(c.y, w / 2, std::max(w / 2, m_job.sheet.height_mm - w / 2));
    struct Spot {
      Point at;
      bool along = false;
    };
    const Spot spots[] = {{{x, box.bottom - kOff - h / 2}},
                          {{x, box.top + kOff + h / 2}},
                          {{box.right + kOff + w / 2, c.y}},
                          {{box.left - kOff - w / 2, c.y}},
                          {{box.right + kOff + w / 2, box.bottom + h}},
                          {{box.right + kOff + w / 2, box.top - h}},
                          {{x, box.bottom - kOff - 1.8 * h}},
                          {{x, box.top + kOff + 1.8 * h}},
                          {{box.right + kOff + h / 2, y}, true},
                          {{box.left - kOff - h / 2, y}, true}};
    Spot best = spots[0];
    double least = 1e9;
    for (const Spot& spot : spots) {
      const double hidden = covered(textBox(spot.at, w, h, spot.along), mask.place.sheet);
      if (hidden < least - 1e-9) least = hidden, best = spot;
    }
    m_taken.push_back({mask.place.sheet, textBox(best.at, w, h, best.along)});
    return {name, best.at, kHeight, Degrees{best.along ? 90.0 : 0.0}};
  }

 private:
  const MaskJob& m_job;
  std::vector<std::pair<int, Box>> m_taken;

  static Box textBox(Point at, double w, double h, bool along) {
    if (along) std::swap(w, h);
    return {at.x - w / 2, at.y - h / 2, at.x + w / 2, at.y + h / 2};
  }

  /// How much of a text is over masks, other names or the sheet's edge, mm².
  double covered(const Box& text, int sheet) const {
    const SweepEdges edges(rectangle(text));
    double sum = text.left < 0 || text.bottom < 0 || text.right > m_job.sheet.width_mm ||
                         text.top > m_job.sheet.height_mm
                     ? 50
                     : 0;
    for (const LaidMask& m : m_job.masks)
      if (m.place.sheet == sheet && boxOf(m.onSheet).meets(text))
        sum += sharedArea(edges, SweepEdges(m.onSheet));
    for (const auto& [s, box] : m_taken)
      if (s == sheet && box.meets(text)) sum += 20;
    return sum;
  }
};

/// Parts that come loose when they are cut out are told apart by letters; the one with the name is the first.
void letterParts(LabelledSheet& sheet, const LaidMask& mask, const std::vector<Rings>& parts, Degrees turn) {
  constexpr double kLeastRoom_mm = 0.6;
  char16_t letter = u'b';
  for (const Rings& part : parts) {
    if (covers(part, mask.roomiest.at)) continue;
    const DeepestPoint room = deepestPoint(part);
    const QString text = QString::number(mask.number + 1) + QChar(letter);
    if (letter < u'z') ++letter;
    if (room.radius_mm < kLeastRoom_mm) continue;
    sheet.labels.push_back({text, room.at, std::clamp(room.radius_mm * 0.7, 0.8, 2.2), turn});
  }
}

/// The arrow that shows the printed upward direction.
void addArrow(CutSheet& sheet, Point at, Point up, double length) {
  const Point right{up.y, -up.x};
  const auto from = [&](double along, double across) {
    return Point{at.x + up.x * along + right.x * across, at.y + up.y * along + right.y * across};
  };
  const double head = length * 0.35;
  const Point tip = from(length / 2, 0);
  sheet.marks.push_back({"", {from(-length / 2, 0), tip}, false});
  sheet.marks.push_back({"", {from(length / 2 - head, -head), tip, from(length / 2 - head, head)}, false});
}

}  // namespace

MaskingSheet roomFor(MaskingSheet sheet, const CuttingMachine& machine) {
  if (machine.marks && !registrationMarks(sheet.width_mm, sheet.height_mm).empty())
    sheet.margin_mm = std::max(sheet.margin_mm, kMarkRoom_mm);
  return sheet;
}

std::vector<LabelledSheet> labelledSheets(const Plan& plan, const MaskJob& job,
                                          const CuttingMachine& machine) {
  std::vector<LabelledSheet> out;
  for (int s = 0; s < std::max(1, job.sheets); ++s) out.push_back({cutsOf(plan, job, s), {}});
  if (job.sheets == 0)
    out[0].sheet.width_mm = job.sheet.width_mm, out[0].sheet.height_mm = job.sheet.height_mm;
  NamePlacer names(job);
  for (const LaidMask& m : job.masks) {
    LabelledSheet& sheet = out[ix(m.place.sheet)];
    const double r = m.roomiest.radius_mm;
    const Point c = m.roomiest.at, up = m.up, right{up.y, -up.x};
    const Degrees turn{std::atan2(right.y, right.x) * 180 / 3.14159265358979323846};
    const QString name = cutName(plan, m.stamp, m.limit, m.over);
    const std::vector<Rings> parts = pieces(m.onSheet);
    QString full = m.limit >= 0 || (m.joint >= 0 && m.of < 2)
                       ? name
                       : tr("%1, %2 of %3").arg(name).arg(m.number + 1).arg(m.of);
    if (parts.size() > 1) full = tr("%1, in %2 parts").arg(full).arg(parts.size());
    letterParts(sheet, m, parts, turn);
    const double height = std::clamp(r * 0.5, 1.6, 2.6), width = textWidth(height, full) + 1.5;
    // Name below, arrow above the roomiest place, if the mask is wide enough there.
    const Point base{c.x - up.x * height * 0.7, c.y - up.y * height * 0.7};
    double behind = 1e9, ahead = 1e9;
    for (double k : {-0.5, 0.5}) {
      const auto [b, a] = chord(m.onSheet, {base.x + up.x * k * height, base.y + up.y * k * height}, right);
      behind = std::min(behind, b), ahead = std::min(ahead, a);
    }
    const bool fits = behind + ahead > width && r > 1.4 * height;
    if (fits) {
      const double shift = std::clamp(0.0, width / 2 - behind, ahead - width / 2);
      sheet.labels.push_back({full, {base.x + right.x * shift, base.y + right.y * shift}, height, turn});
      addArrow(sheet.sheet, {c.x + up.x * height * 0.9, c.y + up.y * height * 0.9}, up, height * 1.1);
    } else {
      addArrow(sheet.sheet, {c.x - right.x * r * 0.5, c.y - right.y * r * 0.5}, up,
               std::clamp(r * 0.9, 0.9, 3.0));
      const double small = std::clamp(r * 0.55, 1.0, 2.2);
      sheet.labels.push_back({tr("%1/%2").arg(m.number + 1).arg(m.of),
                              {c.x + right.x * r * 0.3, c.y + right.y * r * 0.3},
                              small,
                              turn});
      sheet.labels.push_back(names.place(m, name));
    }
  }
  for (LabelledSheet& sheet : out) {
    CutSheet& s = sheet.sheet;
    s.cuts = forTool(s.cuts, machine.tool, s.width_mm, s.height_mm);
    if (!machine.marks) continue;
    for (CutLine& line : registrationLines(s.width_mm, s.height_mm)) s.marks.push_back(std::move(line));
  }
  return out;
}

QByteArray svgCutFile(const QString& title, const std::vector<LabelledSheet>& sheets) {
  const Row row(sheets);
  QString svg = QStringLiteral(
                    "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" "
                    "width=\"%1mm\" height=\"%2mm\" viewBox=\"0 0 %1 %2\">\n<title>%3</title>\n")
                    .arg(mm(row.width_mm), mm(row.height_mm), title.toHtmlEscaped());
  for (size_t s = 0; s < sheets.size(); ++s) {
    const double left = row.left[s];
    svg += QStringLiteral("<g id=\"sheet-%1\">\n").arg(s + 1);
    for (const CutLine& line : sheets[s].sheet.cuts)
      svg +=
          QStringLiteral("<path id=\"%1\" d=\"%2\" fill=\"none\" stroke=\"#000000\" stroke-width=\"0.1\"/>\n")
              .arg(QString::fromStdString(line.id).toHtmlEscaped(), svgPath(line, left, row.height_mm));
    svg += QStringLiteral("</g>\n<g id=\"marks-%1\">\n").arg(s + 1);
    for (const CutLine& line : sheets[s].sheet.marks)
      svg += isRegister(line)
                 ? QStringLiteral("<path id=\"%1\" d=\"%2\" fill=\"#5c6870\" stroke=\"none\"/>\n")
                       .arg(QString::fromStdString(line.id), svgPath(line, left, row.height_mm))
                 : QStringLiteral(
                       "<polyline points=\"%1\" fill=\"none\" stroke=\"#5c6870\" stroke-width=\"0.15\" "
                       "stroke-dasharray=\"0.5 0.3\"/>\n")
                       .arg([&] {
                         QString points;
                         for (Point p : line.points)
                           points += QStringLiteral("%1,%2 ").arg(mm(p.x + left), mm(row.height_mm - p.y));
                         return points.trimmed();
                       }());
    for (const CutLabel& l : sheets[s].labels)
      svg += QStringLiteral(
                 "<text x=\"%1\" y=\"%2\" font-size=\"%3\" text-anchor=\"middle\" fill=\"#5c6870\" "
                 "font-family=\"Inter, sans-serif\" transform=\"rotate(%4 %1 %2)\">%5</text>\n")
                 .arg(mm(l.at.x + left), mm(row.height_mm - l.at.y), mm(l.height_mm), mm(-l.turn.value),
                      l.text.toHtmlEscaped());
    svg += QStringLiteral("</g>\n");
  }
  return (svg + QStringLiteral("</svg>\n")).toUtf8();
}

QByteArray dxfCutFile(const std::vector<LabelledSheet>& sheets) {
  const Row row(sheets);
  QByteArray out;
  const auto put = [&](int code, const QByteArray& value) {
    out += QByteArray::number(code) + '\n' + value + '\n';
  };
  const auto number = [&](int code, double value) { put(code, QByteArray::number(value, 'f', 4)); };
  const auto place = [&](Point p, double left) { number(10, p.x + left), number(20, p.y), number(30, 0); };
  put(0, "SECTION"), put(2, "HEADER");
  put(9, "$ACADVER"), put(1, "AC1009");
  put(9, "$EXTMIN"), number(10, 0), number(20, 0), number(30, 0);
  put(9, "$EXTMAX"), number(10, row.width_mm), number(20, row.height_mm), number(30, 0);
  put(0, "ENDSEC"), put(0, "SECTION"), put(2, "TABLES");
  put(0, "TABLE"), put(2, "LTYPE"), put(70, "1");
  put(0, "LTYPE"), put(2, "CONTINUOUS"), put(70, "0"), put(3, "Solid line"), put(72, "65"), put(73, "0"),
      number(40, 0);
  put(0, "ENDTAB"), put(0, "TABLE"), put(2, "LAYER"), put(70, "2");
  for (const char* layer : {"CUT", "MARK"})
    put(0, "LAYER"), put(2, layer), put(70, "0"), put(62, "7"), put(6, "CONTINUOUS");
  put(0, "ENDTAB"), put(0, "ENDSEC"), put(0, "SECTION"), put(2, "ENTITIES");
  const auto polyline = [&](const CutLine& line, double left, const char* layer) {
    put(0, "POLYLINE"), put(8, layer), put(66, "1"), place({}, 0), put(70, line.closed ? "1" : "0");
    const size_t n = line.closed ? line.points.size() - 1 : line.points.size();
    for (size_t i = 0; i < n; ++i) put(0, "VERTEX"), put(8, layer), place(line.points[i], left);
    put(0, "SEQEND"), put(8, layer);
  };
  for (size_t s = 0; s < sheets.size(); ++s) {
    for (const CutLine& line : sheets[s].sheet.cuts) polyline(line, row.left[s], "CUT");
    for (const CutLine& line : sheets[s].sheet.marks) polyline(line, row.left[s], "MARK");
    for (const CutLabel& l : sheets[s].labels) {
      put(0, "TEXT"), put(8, "MARK"), place(l.at, row.left[s]), number(40, l.height_mm);
      // R12 knows no UTF-8: what is not ASCII is left out.
      QByteArray plain;
      for (QChar c : l.text) plain += c.unicode() < 128 ? static_cast<char>(c.unicode()) : '?';
      put(1, plain), number(50, l.turn.value);
    }
  }
  put(0, "ENDSEC"), put(0, "EOF");
  return out;
}

QByteArray hpglCutFile(const std::vector<LabelledSheet>& sheets) {
  const Row row(sheets);
  QByteArray out = "IN;PA;\n";
  const auto place = [&](Point p, double left) {
    return QByteArray::number(std::lround((p.x + left) * kHpglUnits)) + ',' +
           QByteArray::number(std::lround(p.y * kHpglUnits));
  };
  const auto line = [&](const CutLine& l, double left) {
    out += "PU" + place(l.points.front(), left) + ";PD";
    for (size_t i = 1; i < l.points.size(); ++i) out += (i > 1 ? "," : "") + place(l.points[i], left);
    out += ";\n";
  };
  for (size_t s = 0; s < sheets.size(); ++s) {
    if (!sheets[s].sheet.marks.empty()) out += "SP2;\n";
    for (const CutLine& l : sheets[s].sheet.marks) line(l, row.left[s]);
  }
  out += "SP1;\n";
  for (size_t s = 0; s < sheets.size(); ++s)
    for (const CutLine& l : sheets[s].sheet.cuts) line(l, row.left[s]);
  return out + "PU0,0;SP0;\n";
}

QByteArray pdfCutFile(const QString& title, const std::vector<LabelledSheet>& sheets) {
  const auto layout = [&](int s) {
    return exactPage(sheets[ix(s)].sheet.width_mm, sheets[ix(s)].sheet.height_mm);
  };
  return pdfPages(title, static_cast<int>(sheets.size()), layout, [&](QPainter& p, int page) {
    const CutSheet& sheet = sheets[ix(page)].sheet;
    p.setBrush(Qt::NoBrush);
    const auto pathOfLine = [&](const CutLine& line) {
      QPainterPath path;
      const size_t n = line.closed ? line.points.size() - 1 : line.points.size();
      for (size_t i = 0; i < n; ++i) {
        const QPointF q(line.points[i].x, sheet.height_mm - line.points[i].y);
        i == 0 ? path.moveTo(q) : path.lineTo(q);
      }
      if (line.closed) path.closeSubpath();
      return path;
    };
    QPen cut(Qt::black, 0.1);
    p.setPen(cut);
    for (const CutLine& line : sheet.cuts) p.drawPath(pathOfLine(line));
    QPen mark(QColor(0x5c, 0x68, 0x70), 0.15);
    mark.setDashPattern({3, 2});
    p.setPen(mark);
    for (const CutLine& line : sheet.marks) {
      if (isRegister(line))
        p.fillPath(pathOfLine(line), QColor(0x5c, 0x68, 0x70));
      else
        p.drawPath(pathOfLine(line));
    }
    for (const CutLabel& l : sheets[ix(page)].labels) {
      p.save();
      p.translate(l.at.x, sheet.height_mm - l.at.y);
      p.rotate(-l.turn.value);
      drawText(p, {0, l.height_mm * 0.35}, l.height_mm, l.text, QColor(0x5c, 0x68, 0x70), Qt::AlignHCenter);
      p.restore();
    }
  });
}

namespace {

QByteArray cutFile(CutFormat format, const QString& title, const std::vector<LabelledSheet>& sheets) {
  switch (format) {
    case CutFormat::Svg:
      return svgCutFile(title, sheets);
    case CutFormat::Dxf:
      return dxfCutFile(sheets);
    case CutFormat::Hpgl:
      return hpglCutFile(sheets);
    case CutFormat::Pdf:
      break;
  }
  return pdfCutFile(title, sheets);
}

}  // namespace

std::vector<QString> cutFilePaths(const QString& path, CutFormat format,
                                  const std::vector<LabelledSheet>& sheets) {
  const bool marked = std::any_of(sheets.begin(), sheets.end(), [](const LabelledSheet& s) {
    return std::any_of(s.sheet.marks.begin(), s.sheet.marks.end(), isRegister);
  });
  if (!marked || sheets.size() < 2 || format == CutFormat::Pdf) return {path};
  const QFileInfo file(path);
  std::vector<QString> out;
  for (size_t s = 1; s <= sheets.size(); ++s)
    out.push_back(file.dir().filePath(
        QStringLiteral("%1-%2.%3").arg(file.completeBaseName()).arg(s).arg(file.suffix())));
  return out;
}

Result<Done> writeCutFile(const QString& path, CutFormat format, const QString& title,
                          const std::vector<LabelledSheet>& sheets) {
  const std::vector<QString> paths = cutFilePaths(path, format, sheets);
  if (paths.size() == 1) return saveWhole(path, cutFile(format, title, sheets));
  for (size_t s = 0; s < paths.size(); ++s)
    if (auto saved = saveWhole(paths[s], cutFile(format, title, {sheets[s]})); !saved) return saved;
  return Done{};
}

}  // namespace havlo
