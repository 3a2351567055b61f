#include "fuzz/readers.h"

#include <QBuffer>
#include <QDir>
#include <QFile>
#include <QImage>
#include <QImageReader>
#include <QTemporaryDir>
#include <cstdlib>
#include <unordered_set>

#include "core/chain/chain.h"
#include "core/cutting/cutter.h"
#include "core/trace/stamp_trace.h"
#include "io/art/plain_svg.h"
#include "io/art/stamp_set.h"
#include "io/art/svg_art.h"
#include "io/cut/cut_file.h"
#include "io/drawer/drawer_file.h"
#include "io/files/zip_writer.h"
#include "io/log/log_lines.h"
#include "io/making/making_file.h"
#include "io/scan/scan_file.h"
#include "support/plans.h"

namespace havlo::fuzz {
namespace {

/// A file of these bytes, in memory where there is such a place.
QString fileOf(const QByteArray& bytes, const char* name) {
  static const QTemporaryDir folder(QFile::exists(QStringLiteral("/dev/shm"))
                                        ? QStringLiteral("/dev/shm/havlo-XXXXXX")
                                        : QStringLiteral("/tmp/havlo-XXXXXX"));
  const QString path = folder.filePath(QLatin1String(name));
  QFile f(path);
  if (f.open(QIODevice::WriteOnly)) f.write(bytes);
  return path;
}

QByteArray read(const QString& path) {
  QFile f(path);
  return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
}

Plan smallPlan() {
  Plan p = testing::emptyPlan();
  testing::addStamp(p, testing::slab("hare", 20, 30));
  testing::addStamp(p, testing::slab("tree", 30, 70));
  testing::put(p, "hare", "hare", {60, 40}, 4);
  testing::put(p, "tree", "tree", {75, 50}, 9);
  return p;
}

/// A plan or what lies on the clipboard, which is one. What is read is written, read again and is the same.
bool readAPlan(const QByteArray& bytes) {
  const auto plan = readPlan(std::string_view(bytes.constData(), static_cast<size_t>(bytes.size())));
  if (!plan) return false;
  const auto back = readPlan(writePlan(plan.value().plan));
  if (!back || !(back.value().plan == plan.value().plan)) std::abort();
  return true;
}
QList<QByteArray> plans() { return {QByteArray::fromStdString(writePlan(smallPlan()))}; }

/// A packed drawer, or what stands in its list: whoever changes bytes of a zip changes its sums as well, and
/// gets no farther. What is read is packed and read again, one of four: packing takes longer than all else.
bool readADrawer(const QByteArray& bytes) {
  QByteArray packed = bytes;
  if (bytes.startsWith('{')) {
    ZipWriter zip;
    zip.add("drawer.json", bytes.toStdString(), false);
    packed = zip.finish().value_or(QByteArray());
  }
  const auto drawer = readDrawer(packed);
  if (!drawer) return false;
  if (qChecksum(bytes) % 4 != 0) return true;
  const QString path = fileOf({}, "again.zip");
  if (!exportDrawer(path, drawer.value())) return true;
  const auto again = readDrawer(read(path));
  if (!again || again.value().stamps.size() != drawer.value().stamps.size()) std::abort();
  return true;
}
QList<QByteArray> drawers() {
  WholeDrawer drawer;
  for (const StampRef& s : smallPlan().stamps) {
    DrawerStamp one;
    one.stamp = *s;
    one.card.key = s->id;
    drawer.stamps.push_back(agreed(std::move(one)));
  }
  const QString path = fileOf({}, "seed.zip");
  (void)exportDrawer(path, drawer);
  const std::string list =
      "{\"format\": \"havlo-drawer\", \"version\": 1, \"stamps\": [{\"key\": \"s\", \"stamp\": " +
      writeStamp(drawer.stamps[0].stamp) +
      "}], \"inks\": [], \"papers\": [{\"key\": \"p\", \"name\": \"smooth\"}], \"masks\": "
      "[{\"key\": \"m\", \"stamp\": \"s\", \"usesLeft\": 3}], \"goods\": [{\"key\": \"g\", "
      "\"name\": \"foam\", \"kind\": \"foam\"}], \"sets\": []}";
  return {read(path), QByteArray::fromStdString(list)};
}

/// What passes the gate is drawn.
bool readADrawing(const QByteArray& bytes) {
  const auto plain = plainSvg(bytes);
  if (!plain) return false;
  const auto again = plainSvg(plain.value().svg);
  if (!again) std::abort();  // what it wrote passes it
  if (const auto size = drawingSize(plain.value().svg, plain.value().size_mm))
    drawnPart(plain.value().svg, size.value(), QRectF(QPointF(), size.value()),
              40 / std::max(size.value().width(), size.value().height()));
  return true;
}
QList<QByteArray> drawings() {
  return {
      "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='60mm' "
      "height='40mm' "
      "viewBox='0 0 60 40'><defs><linearGradient id='l'><stop offset='0' "
      "stop-color='#000'/></linearGradient><circle "
      "id='b' r='2'/></defs><g id='tree' transform='translate(3 4)'><title>Tree</title><path d='M1 1h9v20a4 "
      "4 0 0 1-9 "
      "0z' fill='url(#l)' stroke-dasharray='1 2'/></g><g id='bush'><use xlink:href='#b' x='40' y='20'/><text "
      "x='9' "
      "y='9'>up</text></g></svg>"};
}
bool readASet(const QByteArray& bytes) { return static_cast<bool>(readStampSet(bytes)); }

/// A picture of many pixels takes as long as hundreds of small ones, and a trace as long as hundreds of
/// readings: one of sixty-four of the former is read, one of four thousand of the latter traced, drawn by
/// lot, and once: a mutation often leaves the bytes as they are.
bool readAPicture(const QByteArray& bytes) {
  const size_t lot = qHash(bytes, 0);
  const auto pixels = [](QSize s) { return double(s.width()) * s.height(); };
  constexpr double kLarge_px = 60'000, kSmall_px = 4'000;
  QBuffer buffer;
  buffer.setData(bytes);
  buffer.open(QIODevice::ReadOnly);
  if (pixels(QImageReader(&buffer).size()) > kLarge_px && lot % 64 != 0) return false;
  const auto scan = readScanFile(fileOf(bytes, "scan.png"));
  if (!scan) return false;
  const Scan& s = scan.value().scan;
  static std::unordered_set<size_t> traced;
  if (s.pxPerMm > 0 && pixels({s.width, s.height}) < kSmall_px && lot % 4096 == 0 &&
      traced.insert(lot).second)
    if (const auto sheet = readSheet(s); sheet && !sheet.value().impressions.empty())
      (void)traceStamp(s, sheet.value(), sheet.value().impressions[0]);
  return true;
}
QList<QByteArray> pictures() {
  QImage image(60, 40, QImage::Format_Grayscale8);
  image.fill(240);
  for (int y = 10; y < 30; ++y)
    for (int x = 15; x < 45; ++x)
      if (x < 18 || x > 41 || y < 13 || y > 26) image.scanLine(y)[x] = 20;
  image.setDotsPerMeterX(4000), image.setDotsPerMeterY(4000);
  QList<QByteArray> out;
  for (const char* format : {"PNG", "JPG", "BMP", "TIFF", "WEBP"}) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    if (image.save(&buffer, format)) out << bytes;
  }
  return out;
}

/// What is read is cut, where that is little.
bool readACutFile(const QByteArray& bytes) {
  const auto sheets = readCutData(bytes);
  if (!sheets) return false;
  for (const CutSheet& sheet : sheets.value()) {
    size_t points = 0;
    for (const CutLine& line : sheet.cuts) points += line.points.size();
    if (points < 500) (void)runCutter(sheet.cuts);
  }
  return true;
}
QList<QByteArray> cutFiles() {
  const Plan plan = smallPlan();
  const AnalysisRef a = analyse(plan);
  const CuttingMachine machine{{0.25, 0}, true};
  const auto sheets = labelledSheets(plan, layMasksOut(plan, *a, roomFor({}, machine)), machine);
  return {svgCutFile(QStringLiteral("t"), sheets), dxfCutFile(sheets), hpglCutFile(sheets),
          pdfCutFile(QStringLiteral("t"), sheets)};
}

bool readALog(const QByteArray& bytes) {
  int passedOver = 0;
  for (const LogEntry& e : readLog(fileOf(bytes, "log.jsonl"), &passedOver))
    if (!entryOf(lineOf(e))) std::abort();  // what is read can be written and read again
  return passedOver == 0;
}
QList<QByteArray> logs() {
  LogEntry e;
  e.id = "1", e.title = "Kite", e.begun_s = 1.7e9, e.ended_s = 1.7e9 + 3600, e.shows = {"hare"};
  return {lineOf(e) + "\n", lineOf(e) + "\n{\"id\":2}\n"};
}

bool readAMaking(const QByteArray& bytes) {
  return static_cast<bool>(loadMaking(fileOf(bytes, "card.json")));
}
QList<QByteArray> makings() {
  MakingRecord r;
  r.id = "card", r.begun_s = 1.7e9;
  r.plan = std::make_shared<const Plan>(smallPlan());
  const QTemporaryDir folder;
  (void)saveMaking(folder.path(), r);
  QList<QByteArray> out;
  for (const QFileInfo& f : QDir(folder.path()).entryInfoList(QDir::Files)) out << read(f.filePath());
  return out;
}

}  // namespace

std::span<const Reader> readers() {
  static const Reader all[] = {
      {"plan", readAPlan, plans},  {"drawer", readADrawer, drawers},    {"drawing", readADrawing, drawings},
      {"set", readASet, drawings}, {"picture", readAPicture, pictures}, {"cut", readACutFile, cutFiles},
      {"log", readALog, logs},     {"making", readAMaking, makings}};
  return all;
}

const Reader* readerOf(const QByteArray& name) {
  for (const Reader& r : readers())
    if (name == r.name) return &r;
  return nullptr;
}

}  // namespace havlo::fuzz
