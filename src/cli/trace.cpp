// havlo-cli trace: the stamps on a scan, as the drawer would take them in.
#include "cli/report.h"
#include "cli/verb.h"
#include "core/plan/plan_text.h"
#include "core/trace/stamp_trace.h"
#include "io/drawer/drawer_file.h"
#include "io/scan/scan_file.h"

namespace havlo::cli {
namespace {

constexpr Option kTraceOptions[] = {
    {"--json", nullptr, "one JSON object"},
    {"--dpi", "N", "how fine the picture is; else as the file says"},
    {"--corners", "x,y,x,y,x,y,x,y,WxH",
     "four corners of a rectangle of known size in a photo, pixels, and its size"},
    {"--close", nullptr, "close outlines that are open by up to 2 mm"},
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
    bool number = false;
    const double dpi = call.value("--dpi").toDouble(&number);
    if (!number || dpi < 50 || dpi > 4800) {
      exit = complain(kUsage, QStringLiteral("--dpi wants a number from 50 to 4800"));
      return {};
    }
    scan.pxPerMm = dpi / 25.4;
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

int runTrace(const Call& call) {
  int exit = kDone;
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

const Verb kTrace{"trace", "the stamps on a scan or photo", kTraceOptions, runTrace};

}  // namespace havlo::cli
