// havlo-cli trace: the stamps on a scan, as the drawer would take them in.
#include <QFileInfo>

#include "cli/report.h"
#include "cli/verb.h"
#include "core/plan/plan_text.h"
#include "core/trace/stamp_trace.h"
#include "core/units/measure.h"
#include "io/drawer/drawer_file.h"
#include "io/scan/harvest.h"
#include "io/scan/scan_file.h"

namespace havlo::cli {
namespace {

constexpr Option kTraceOptions[] = {
    {"--json", nullptr, "one JSON object"},
    {"--dpi", "N", "how fine the picture is; else as the file says"},
    {"--corners", "x,y,x,y,x,y,x,y,WxH",
     "four corners of a rectangle of known size in a photo, pixels, and its size"},
    {"--close", nullptr, "close outlines that are open by up to 2 mm"},
    {"--groups", nullptr, "a drawing of a set: one stamp a group, at the drawing's size"},
    {"--width", "W", "how wide the whole drawing is, as 120mm, where it does not say"},
    {"--drawer", "OUT.zip", "put the stamps into a packed drawer"}};

Json pointOf(Point p) { return {std::round(p.x * 100) / 100, std::round(p.y * 100) / 100}; }

/// The photo straightened by its four corners. Nothing, with a complaint, where they are no four and a size.
std::optional<Scan> byCorners(const Scan& photo, const QString& text, int& exit) {
  const QStringList parts = text.split(u',');
  std::array<PixelPoint, 4> corners;
  bool numbers = parts.size() == 9;
  for (size_t k = 0; k < 8 && numbers; ++k) {
    const double v = parts[static_cast<qsizetype>(k)].toDouble(&numbers);
    (k % 2 == 0 ? corners[k / 2].x : corners[k / 2].y) = v;
  }
  const auto size = numbers ? sidesOf(parts[8]) : std::nullopt;
  if (!size) {
    exit = complain(
        kUsage, QStringLiteral("--corners wants four corners in pixels, upper left first and clockwise, and "
                               "their size: 102,88,1310,95,1300,1720,110,1708,105x148mm"));
    return {};
  }
  auto flat = straightened(photo, corners, size->width_mm, size->height_mm, Straighten::Tell);
  if (!flat) {
    exit = complain(flat.error());
    return {};
  }
  return std::move(flat).value();
}

/// What --dpi says. Nothing, with a complaint, where that is no number a scan can have.
std::optional<double> dpiSaid(const Call& call, int& exit) {
  bool number = false;
  const double dpi = call.value("--dpi").toDouble(&number);
  if (number && dpi >= 50 && dpi <= 4800) return dpi;
  exit = complain(kUsage, QStringLiteral("--dpi wants a number from 50 to 4800"));
  return {};
}

/// The scan with its scale. Nothing, with a complaint, where nobody says it.
std::optional<Scan> scaledScan(const Call& call, int& exit) {
  auto read = readScanFile(call.file);
  if (!read) {
    exit = complain(read.error());
    return {};
  }
  Scan scan = std::move(read).value().scan;
  if (call.has("--corners")) return byCorners(scan, call.value("--corners"), exit);
  if (call.has("--dpi")) {
    const auto dpi = dpiSaid(call, exit);
    if (!dpi) return {};
    scan.pxPerMm = *dpi / kMmPerInch;
  }
  if (!(scan.pxPerMm > 0)) {
    exit =
        complain(kBadInput, QStringLiteral("the file does not say how large it is: say --dpi or --corners"));
    return {};
  }
  return scan;
}

Json impressionReport(const Box& box, const TracedStamp& t) {
  Json openings = Json::array();
  for (const Opening& o : t.openings)
    openings.push_back(
        {{"from", pointOf(o.a)}, {"to", pointOf(o.b)}, {"width", std::round(100 * o.width_mm) / 100}});
  Json holes = 0;
  for (const EnclosedRegion& r : t.regions)
    if (r.hole) holes = holes.get<int>() + 1;
  return {{"at",
           {std::round(box.left * 100) / 100, std::round(box.bottom * 100) / 100,
            std::round(box.right * 100) / 100, std::round(box.top * 100) / 100}},
          {"size", {{"width", t.stamp.width_mm}, {"height", t.stamp.height_mm}}},
          {"ink", t.ink_mm2},
          {"area", t.silhouette_mm2},
          {"solid", t.stamp.solid},
          {"holes", holes},
          {"gaps", std::move(openings)},
          {"atEdge", t.touchesEdge},
          {"specks", t.specks},
          {"stamp", Json::parse(writeStamp(t.stamp))}};
}

/// Opens a measure, or nothing with a complaint.
bool widthOf(const Call& call, double& mm, int& exit) {
  if (!call.has("--width")) return true;
  const auto read = readMeasure(call.value("--width").toStdString(), MeasureStyle::Millimetres);
  if (read && read.value().value > 0 && read.value().value <= 2000) {
    mm = read.value().value;
    return true;
  }
  exit = complain(kUsage, QStringLiteral("--width wants a length up to 2000 mm, as 120mm or 5in"));
  return false;
}

/// Why there is nothing of a file, or what is to be known of it.
QString remarkOn(const LookedThrough& f) {
  if (f.error) return QString::fromStdString(f.error->message);
  if (f.asksScale) return QStringLiteral("does not say how large it is: say --dpi");
  QStringList words{f.found == 1 ? QStringLiteral("1 stamp") : QStringLiteral("%1 stamps").arg(f.found)};
  if (f.failed > 0) words << QStringLiteral("%1 could not be traced").arg(f.failed);
  if (f.loose > 0)
    words << (f.loose == 1 ? QStringLiteral("1 shape in no group left out")
                           : QStringLiteral("%1 shapes in no group left out").arg(f.loose));
  if (f.sizeGuessed) words << QStringLiteral("its size is a guess: say --width");
  return words.join(QStringLiteral(", "));
}

/// A folder, or a drawing of a set.
int runHarvest(const Call& call, const QStringList& files) {
  int exit = kDone;
  HarvestWish wish;
  if (!widthOf(call, wish.drawingWidth_mm, exit)) return exit;
  if (call.has("--dpi")) {
    const auto dpi = dpiSaid(call, exit);
    if (!dpi) return exit;
    wish.dpi = *dpi;
  }
  if (call.has("--corners"))
    return complain(kUsage, QStringLiteral("--corners is for one photo, not for many pictures"));
  if (files.isEmpty()) return complain(kBadInput, QStringLiteral("there is no picture in this folder"));
  auto found = harvest(files, wish);
  if (!found) return complain(found.error());
  const Harvest all = std::move(found).value();
  Json list = Json::array();
  QString text;
  for (size_t f = 0; f < all.files.size(); ++f) {
    const LookedThrough& file = all.files[f];
    Json one{
        {"file", file.name.toStdString()}, {"groups", file.drawing},      {"dpi", std::round(file.dpi)},
        {"failed", file.failed},           {"loose", file.loose},         {"sizeGuessed", file.sizeGuessed},
        {"asksScale", file.asksScale},     {"impressions", Json::array()}};
    if (file.error) one["error"] = file.error->message;
    text += QStringLiteral("%1: %2\n").arg(file.name, remarkOn(file));
    for (const FoundStamp& s : all.stamps) {
      if (s.file != static_cast<int>(f)) continue;
      const Stamp& stamp = call.has("--close") && s.closed ? *s.closed : s.stamp;
      one["impressions"].push_back(
          {{"name", stamp.name},
           {"size", {{"width", stamp.width_mm}, {"height", stamp.height_mm}}},
           {"ink", s.ink_mm2},
           {"area", s.silhouette_mm2},
           {"gaps", s.openings},
           {"atEdge", s.touchesEdge},
           {"specks", s.specks},
           {"twinOf", s.twin < 0 ? Json(nullptr) : Json(all.stamps[ix(s.twin)].stamp.name)},
           {"stamp", Json::parse(writeStamp(stamp))}});
      text +=
          QStringLiteral("  %1: prints %2 × %3 mm%4%5%6\n")
              .arg(QString::fromStdString(stamp.name))
              .arg(stamp.width_mm, 0, 'f', 1)
              .arg(stamp.height_mm, 0, 'f', 1)
              .arg(s.openings == 0 || call.has("--close") ? QString()
                   : s.openings == 1 ? QStringLiteral(", its outline is open at one place")
                                     : QStringLiteral(", its outline is open at %1 places").arg(s.openings))
              .arg(s.touchesEdge ? QStringLiteral(", runs to the edge of the picture") : QString())
              .arg(s.twin < 0 ? QString()
                              : QStringLiteral(", the same stamp as %1")
                                    .arg(QString::fromStdString(all.stamps[ix(s.twin)].stamp.name)));
    }
    list.push_back(std::move(one));
  }
  if (call.has("--drawer")) {
    WholeDrawer drawer;
    for (const FoundStamp& s : all.stamps) {
      if (s.twin >= 0) continue;  // it is there once
      DrawerStamp into;
      into.stamp = call.has("--close") && s.closed ? *s.closed : s.stamp;
      into.card.key = into.stamp.id;
      drawer.stamps.push_back(agreed(std::move(into)));
    }
    if (const auto saved = exportDrawer(call.value("--drawer"), drawer); !saved)
      return complain(saved.error());
  }
  if (call.has("--json")) return print(Json{{"files", std::move(list)}}.dump(1) + "\n");
  return print(text.toStdString());
}

int runTrace(const Call& call) {
  int exit = kDone;
  if (QFileInfo(call.file).isDir()) return runHarvest(call, picturesIn(call.file));
  if (call.has("--groups")) return runHarvest(call, {call.file});
  if (call.has("--width"))
    return complain(kUsage, QStringLiteral("--width is for a drawing that is read by --groups"));
  const auto scan = scaledScan(call, exit);
  if (!scan) return exit;
  const auto sheet = readSheet(*scan);
  if (!sheet) return complain(sheet.error());
  Json list = Json::array();
  WholeDrawer drawer;
  QString text = QStringLiteral("%1 found at %2 dpi, the sheet %3° askew\n")
                     .arg(sheet.value().impressions.size() == 1
                              ? QStringLiteral("1 impression")
                              : QStringLiteral("%1 impressions").arg(sheet.value().impressions.size()))
                     .arg(qRound(scan->pxPerMm * 25.4))
                     .arg(sheet.value().level.value, 0, 'f', 1);
  int number = 0;
  for (const Box& box : sheet.value().impressions) {
    ++number;
    auto traced = traceStamp(*scan, sheet.value(), box);
    if (traced && call.has("--close") && !traced.value().openings.empty()) {
      TraceSettings how;
      for (const Opening& o : traced.value().openings) how.bridges.push_back({o.a, o.b});
      traced = traceStamp(*scan, sheet.value(), box, how);
    }
    if (!traced) {
      list.push_back({{"error", traced.error().message}});
      text += QStringLiteral("%1: %2\n").arg(number).arg(QString::fromStdString(traced.error().message));
      continue;
    }
    TracedStamp t = std::move(traced).value();
    t.stamp.id = "stamp-" + std::to_string(number), t.stamp.name = "Stamp " + std::to_string(number);
    list.push_back(impressionReport(box, t));
    text += QStringLiteral("%1: prints %2 × %3 mm, covers %4 mm²%5%6\n")
                .arg(number)
                .arg(t.stamp.width_mm, 0, 'f', 1)
                .arg(t.stamp.height_mm, 0, 'f', 1)
                .arg(t.silhouette_mm2, 0, 'f', 0)
                .arg(t.openings.empty() ? QString()
                     : t.openings.size() == 1
                         ? QStringLiteral(", its outline is open at one place")
                         : QStringLiteral(", its outline is open at %1 places").arg(t.openings.size()))
                .arg(t.touchesEdge ? QStringLiteral(", runs to the edge of the picture") : QString());
    DrawerStamp into;
    into.stamp = t.stamp;
    into.card.key = t.stamp.id;
    drawer.stamps.push_back(agreed(std::move(into)));
  }
  if (call.has("--drawer"))
    if (const auto saved = exportDrawer(call.value("--drawer"), drawer); !saved)
      return complain(saved.error());
  if (!call.has("--json")) return print(text.toStdString());
  const Json out{{"dpi", std::round(scan->pxPerMm * 25.4)},
                 {"sheet", {{"width", scan->widthMm()}, {"height", scan->heightMm()}}},
                 {"level", sheet.value().level.value},
                 {"impressions", std::move(list)}};
  return print(out.dump(1) + "\n");
}

}  // namespace

const Verb kTrace{"trace", "the stamps on a scan or photo, in a folder of them, or in a drawing of a set",
                  kTraceOptions, runTrace};

}  // namespace havlo::cli
