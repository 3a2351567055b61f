// Every system call of a save fails in turn, as good databases are tried: once, and from then on as on a full
// disk; and the program ends just before each. Whatever happens, the old state or the new one is there,
// whole; and what was said to be done is.
#include <QDir>
#include <QFile>
#include <QProcess>
#include <QProcessEnvironment>
#include <QTemporaryDir>
#include <QTest>

#include "core/chain/chain.h"
#include "core/plan/plan_text.h"
#include "io/drawer/drawer_file.h"
#include "io/drawer/drawer_store.h"
#include "io/files/plan_file.h"
#include "io/log/log_store.h"
#include "io/making/making_file.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

enum State { Neither, Old, New };

/// A kind of act: how things stand before it, and how they are found afterwards.
struct Kind {
  std::function<bool(const QString& folder)> prepare;
  std::function<State(const QString& folder)> look;
};

bool copied(const QString& from, const QString& to) {
  QDir().mkpath(to);
  for (const QFileInfo& one :
       QDir(from).entryInfoList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot))
    if (one.isDir() ? !copied(one.filePath(), to + u'/' + one.fileName())
                    : !QFile::copy(one.filePath(), to + u'/' + one.fileName()))
      return false;
  return true;
}

Kind kindOf(const QByteArray& name) {
  if (name == "plan")
    return {[](const QString& f) {
              Plan plan = testing::demo("teaching-avenue");
              plan.title = "first";
              return bool(savePlan(f + QStringLiteral("/plan.havlo"), plan));
            },
            [](const QString& f) {
              const auto read = loadPlan(f + QStringLiteral("/plan.havlo"));
              if (!read || read.value().plan.impressions.empty()) return Neither;
              return read.value().plan.title == "second"  ? New
                     : read.value().plan.title == "first" ? Old
                                                          : Neither;
            }};
  if (name == "drawer")
    return {[](const QString& f) {
              const auto store = DrawerStore::open(f + QStringLiteral("/drawer.sqlite"));
              DrawerPaper sheet;
              sheet.key = sheet.name = "first", sheet.width_mm = 210, sheet.height_mm = 297;
              return store && bool(store.value()->putPaper(sheet));
            },
            [](const QString& f) {
              const auto store = DrawerStore::open(f + QStringLiteral("/drawer.sqlite"));
              if (!store || !store.value()->notes().isEmpty()) return Neither;
              const auto papers = store.value()->papers();
              if (papers.size() != 1) return Neither;
              return papers[0].key == "second" ? New : papers[0].key == "first" ? Old : Neither;
            }};
  if (name == "log")
    return {[](const QString& f) {
              const auto store = LogStore::open(f + QStringLiteral("/log"));
              LogEntry entry;
              entry.id = entry.title = "first", entry.begun_s = 1.9e9, entry.ended_s = 1.9e9 + 3600;
              return store && bool(store.value()->put(entry, writePlan(Plan{})));
            },
            [](const QString& f) {
              const auto store = LogStore::open(f + QStringLiteral("/log"));
              if (!store || !store.value()->entry("first")) return Neither;
              return store.value()->entry("second") ? New : Old;
            }};
  if (name == "making")
    return {
        [](const QString& f) {
          const auto plan = std::make_shared<const Plan>(testing::demo("teaching-avenue"));
          const Bench b = Bench::begin("one", plan, analyse(*plan), 1000);
          return bool(saveMaking(f, b.record()));
        },
        [](const QString& f) {
          const auto record = loadMaking(f + QStringLiteral("/one.havlo-making"));
          return !record ? Neither : record.value().at == 2 ? New : record.value().at == 0 ? Old : Neither;
        }};
  return {[](const QString& f) {
            return QFile::copy(QStringLiteral(HAVLO_SOURCE_DIR "/data/demo/canal-drawer.zip"),
                               f + QStringLiteral("/pack.zip"));
          },
          [](const QString& f) {
            const auto drawer = importDrawer(f + QStringLiteral("/pack.zip"));
            if (!drawer || drawer.value().stamps.size() < 20) return Neither;
            const std::string& called = drawer.value().stamps[0].stamp.name;
            return called == "second" ? New : called.empty() ? Neither : Old;
          }};
}

}  // namespace

class TstEachCall : public QObject {
  Q_OBJECT

  QTemporaryDir m_folder;

 private Q_SLOTS:
  void nothingIsLost_data() {
    QTest::addColumn<QByteArray>("kind");
    QTest::addColumn<QByteArray>("how");
    for (const char* kind : {"plan", "drawer", "log", "making", "pack"})
      for (const char* how : {"once", "full", "kill"})
        QTest::addRow("%s, %s", kind, how) << QByteArray(kind) << QByteArray(how);
  }
  void nothingIsLost() {
#ifdef __SANITIZE_ADDRESS__
    QSKIP("the sanitizer wants to be the first library");
#endif
    QFETCH(QByteArray, kind);
    QFETCH(QByteArray, how);
    const Kind what = kindOf(kind);
    const QString start = m_folder.filePath(QString::fromLatin1(kind + how));
    QVERIFY(QDir().mkpath(start) && what.prepare(start));
    QCOMPARE(what.look(start), Old);
    const QString counted = m_folder.filePath(QStringLiteral("count"));
    const auto run = [&](const QString& folder, long at) {
      QProcess p;
      QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
      env.insert(QStringLiteral("LD_PRELOAD"), QStringLiteral(HAVLO_FAIL_CALLS));
      env.insert(QStringLiteral("HAVLO_FAIL_UNDER"), folder);
      env.insert(QStringLiteral("HAVLO_FAIL_AT"), QString::number(at));
      env.insert(QStringLiteral("HAVLO_FAIL_COUNT"), counted);
      if (how != "once")
        env.insert(how == "full" ? QStringLiteral("HAVLO_FAIL_ON") : QStringLiteral("HAVLO_FAIL_KILL"),
                   QStringLiteral("1"));
      p.setProcessEnvironment(env);
      p.start(QStringLiteral(HAVLO_DISK_WRITER), {QString::fromLatin1(kind), folder});
      p.waitForFinished(60000);
      return p.exitStatus() == QProcess::NormalExit ? p.exitCode() : -1;
    };
    // How many calls there are when nothing fails.
    const QString whole = start + QStringLiteral("-whole");
    QVERIFY(copied(start, whole));
    QCOMPARE(run(whole, 0), 0);
    QCOMPARE(what.look(whole), New);
    QFile count(counted);
    QVERIFY(count.open(QIODevice::ReadOnly));
    const long calls = count.readAll().trimmed().toLong();
    QVERIFY2(calls >= 4, qPrintable(QString::number(calls)));
    int kept = 0, failed = 0, ended = 0;
    for (long at = 1; at <= calls; ++at) {
      const QString folder = start + QStringLiteral("-%1").arg(at);
      QVERIFY(copied(start, folder));
      const int exit = run(folder, at);
      const State found = what.look(folder);
      const QByteArray where = QByteArray::number(static_cast<qlonglong>(at)) + " of " +
                               QByteArray::number(static_cast<qlonglong>(calls)) + ", exit " +
                               QByteArray::number(exit);
      QVERIFY2(found != Neither, where.constData());
      if (exit == 0) QVERIFY2(found == New, where.constData());
      if (how == "kill") QVERIFY2(exit == -1, where.constData());
      kept += found == Old, failed += exit == 4 || exit == 5, ended += exit == -1;
      // Once more, with a sound disk: it goes on from there.
      QVERIFY2(run(folder, 0) == 0 && what.look(folder) == New, where.constData());
      QDir(folder).removeRecursively();
    }
    qInfo("%ld calls: %d times the old state stayed, %d failures said, %d ends", calls, kept, failed, ended);
    QVERIFY(how == "kill" ? ended == calls : failed > 0);
  }
};

HAVLO_TEST(TstEachCall)
#include "tst_each_call.moc"
