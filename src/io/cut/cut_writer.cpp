// Writers. Sheets stand side by side where a format knows no pages.
#include <QBuffer>
#include <QCoreApplication>
#include <QFileInfo>
#include <QPageSize>
#include <QPainter>
#include <QPainterPath>
#include <QPdfWriter>
#include <cmath>

#include "io/art/shape_path.h"
#include "io/cut/cut_file.h"
#include "io/files/plan_file.h"
#include "io/print/page.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

constexpr double kBetween_mm = 10;  // between sheets that stand side by side
constexpr double kHpglUnits = 40;   // per mm

QString tr(const char* text) { return QCoreApplication::translate("Cut", text); }
QString mm(double v) { return QString::number(v, 'f', 3); }

/// Where each sheet begins, and the whole.
struct Row {
  std::vector<double> left;
  double width_mm = 0, height_mm = 0;
  explicit Row(const std::vector<LabelledSheet>& sheets) {
    for (const LabelledSheet& s : sheets) {
      left.push_back(width_mm > 0 ? width_mm + kBetween_mm : 0);
      width_mm = left.back() + s.sheet.width_mm;
      height_mm = std::max(height_mm, s.sheet.height_mm);
    }
  }
};

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

std::vector<LabelledSheet> labelledSheets(const Plan& plan, const MaskJob& job) {
  std::vector<LabelledSheet> out;
  for (int s = 0; s < std::max(1, job.sheets); ++s) out.push_back({cutsOf(plan, job, s), {}});
  if (job.sheets == 0)
    out[0].sheet.width_mm = job.sheet.width_mm, out[0].sheet.height_mm = job.sheet.height_mm;
  for (const LaidMask& m : job.masks) {
    LabelledSheet& sheet = out[static_cast<size_t>(m.place.sheet)];
    // Up is shown by an arrow and by the way the words stand.
    const double r = m.roomiest.radius_mm;
    const Point c = m.roomiest.at, up = m.up, right{up.y, -up.x};
    const double arrow = std::clamp(r * 0.7, 1.0, 4.0), head = arrow * 0.35;
    const Point foot{c.x - right.x * r * 0.55, c.y - right.y * r * 0.55};
    const Point tip{foot.x + up.x * arrow, foot.y + up.y * arrow},
        tail{foot.x - up.x * arrow * 0.3, foot.y - up.y * arrow * 0.3};
    const auto wing = [&](double side) {
      return Point{tip.x - up.x * head + side * right.x * head, tip.y - up.y * head + side * right.y * head};
    };
    sheet.sheet.marks.push_back({"", {tail, tip}, false});
    sheet.sheet.marks.push_back({"", {wing(-1), tip, wing(1)}, false});
    const Stamp& stamp = *plan.stamps[static_cast<size_t>(m.stamp)];
    const QString full = tr("%1, %2 of %3").arg(stampName(stamp)).arg(m.number + 1).arg(m.of);
    const double turn = std::atan2(right.y, right.x) * 180 / 3.14159265358979323846;
    const double height = std::clamp(r * 0.5, 1.6, 2.8);
    const bool fits = textWidth(height, full) < 2.1 * r;
    const QString text = fits ? full : tr("%1/%2").arg(m.number + 1).arg(m.of);
    sheet.labels.push_back({text,
                            {c.x + right.x * (fits ? 0 : r * 0.2), c.y - (fits ? height * 0.8 : 0) * up.y},
                            height,
                            Degrees{turn}});
    if (!fits) {
      // The name stands below the mask, where it is only read before cutting.
      const Box box = boxOf(m.onSheet);
      sheet.labels.push_back({stampName(stamp), {box.centre().x, box.bottom - 1.1}, 1.7, Degrees{0}});
    }
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
      svg += QStringLiteral(
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
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  QPdfWriter pdf(&buffer);
  pdf.setTitle(title);
  pdf.setCreator(QStringLiteral("Havlo"));
  pdf.setResolution(1200);
  const auto layout = [&](const CutSheet& s) {
    // Portrait in any case: a page of this very size, not a turned one.
    return QPageLayout(
        QPageSize(QSizeF(s.width_mm, s.height_mm), QPageSize::Millimeter, {}, QPageSize::ExactMatch),
        QPageLayout::Portrait, QMarginsF(0, 0, 0, 0), QPageLayout::Millimeter);
  };
  pdf.setPageLayout(layout(sheets[0].sheet));
  QPainter p(&pdf);
  for (size_t s = 0; s < sheets.size(); ++s) {
    const CutSheet& sheet = sheets[s].sheet;
    if (s > 0) {
      pdf.setPageLayout(layout(sheet));
      pdf.newPage();
    }
    p.resetTransform();
    p.scale(pdf.resolution() / kMmPerInch, pdf.resolution() / kMmPerInch);
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
    for (const CutLine& line : sheet.marks) p.drawPath(pathOfLine(line));
    for (const CutLabel& l : sheets[s].labels) {
      p.save();
      p.translate(l.at.x, sheet.height_mm - l.at.y);
      p.rotate(-l.turn.value);
      drawText(p, {0, l.height_mm * 0.35}, l.height_mm, l.text, QColor(0x5c, 0x68, 0x70), Qt::AlignHCenter);
      p.restore();
    }
  }
  p.end();
  return bytes;
}

Result<Done> writeCutFile(const QString& path, CutFormat format, const QString& title,
                          const std::vector<LabelledSheet>& sheets) {
  switch (format) {
    case CutFormat::Svg:
      return saveWhole(path, svgCutFile(title, sheets));
    case CutFormat::Dxf:
      return saveWhole(path, dxfCutFile(sheets));
    case CutFormat::Hpgl:
      return saveWhole(path, hpglCutFile(sheets));
    case CutFormat::Pdf:
      break;
  }
  return saveWhole(path, pdfCutFile(title, sheets));
}

}  // namespace havlo
