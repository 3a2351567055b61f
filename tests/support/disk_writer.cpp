// Does one act that is kept on the disk, for tests that let the disk fail under it: disk-writer KIND FOLDER.
// Ends with 0 when it is said to be done, with 4 when it is said to have failed, with 5 when it could not
// even begin.
#include <QCoreApplication>
#include <QString>

#include "core/plan/plan_text.h"
#include "io/drawer/drawer_file.h"
#include "io/drawer/drawer_store.h"
#include "io/files/plan_file.h"
#include "io/log/log_store.h"
#include "io/making/making_file.h"

using namespace havlo;

namespace {

int said(bool done) { return done ? 0 : 4; }

int act(const QString& kind, const QString& folder) {
  const auto in = [&](const char* name) { return folder + u'/' + QLatin1String(name); };
  if (kind == QLatin1String("plan")) {
    auto read = loadPlan(in("plan.havlo"));
    if (!read) return 5;
    Plan plan = std::move(read).value().plan;
    plan.title = "second";
    return said(bool(savePlan(in("plan.havlo"), plan)));
  }
  if (kind == QLatin1String("drawer")) {
    const auto store = DrawerStore::open(in("drawer.sqlite"));
    if (!store) return 5;
    StockChange change;
    DrawerPaper sheet;
    sheet.key = sheet.name = "second", sheet.width_mm = 210, sheet.height_mm = 297;
    change.papers = {sheet}, change.papersGone = {"first"};
    return said(bool(store.value()->changeStock(change)));
  }
  if (kind == QLatin1String("log")) {
    const auto store = LogStore::open(in("log"));
    if (!store) return 5;
    LogEntry entry;
    entry.id = entry.title = "second", entry.begun_s = 2e9, entry.ended_s = 2e9 + 3600;
    return said(bool(store.value()->put(entry, writePlan(Plan{}))));
  }
  if (kind == QLatin1String("making")) {
    auto record = loadMaking(in("one.havlo-making"));
    if (!record) return 5;
    MakingRecord later = std::move(record).value();
    later.at = 2;
    return said(bool(saveMaking(folder, later)));
  }
  if (kind == QLatin1String("pack")) {
    auto drawer = importDrawer(in("pack.zip"));
    if (!drawer) return 5;
    WholeDrawer renamed = std::move(drawer).value();
    renamed.stamps[0].stamp.name = "second";
    return said(bool(exportDrawer(in("pack.zip"), renamed)));
  }
  return 2;
}

}  // namespace

int main(int argc, char** argv) {
  const QCoreApplication app(argc, argv);
  const QStringList args = QCoreApplication::arguments();
  return args.size() == 3 ? act(args[1], args[2]) : 2;
}
