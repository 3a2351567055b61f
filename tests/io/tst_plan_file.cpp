// Files: whole or not at all, with a reason that can be read.
#include <sys/resource.h>

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <QTest>
#include <csignal>

#include "io/files/plan_file.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;

class TstPlanFile : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void savesAndLoads() {
    const QTemporaryDir folder;
    const Plan plan = testing::demo("canal-towpath");
    const QString path = folder.filePath(QStringLiteral("ä plan.havlo"));
    QVERIFY(bool(savePlan(path, plan)));
    const auto back = loadPlan(path);
    QVERIFY(bool(back));
    QVERIFY(back.value().plan == plan);
    QCOMPARE(QDir(folder.path()).entryList(QDir::Files).size(), 1);  // nothing is left beside it
  }

  void aFailureLeavesTheOldFile() {
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("a.havlo"));
    QVERIFY(bool(savePlan(path, testing::emptyPlan())));
    // A folder of that name beside: nothing can replace it.
    QVERIFY(QDir(folder.path()).mkdir(QStringLiteral("taken.havlo")));
    const auto saved = savePlan(folder.filePath(QStringLiteral("taken.havlo")), testing::emptyPlan());
    QVERIFY(!saved && saved.error().code == ErrorCode::CannotWrite);
    QVERIFY(!QString::fromStdString(saved.error().message).isEmpty());
    QVERIFY(bool(loadPlan(path)));
  }

  // A limit on the size of files stands in for a full disk: writing fails half way.
  void aFullDiskIsSaidAndTheOldPlanStays() {
    const QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("a.havlo"));
    QVERIFY(bool(savePlan(path, testing::emptyPlan())));
    rlimit before{};
    getrlimit(RLIMIT_FSIZE, &before);
    const auto ignored = std::signal(SIGXFSZ, SIG_IGN);
    rlimit small = before;
    small.rlim_cur = 20000;
    setrlimit(RLIMIT_FSIZE, &small);
    const auto saved = savePlan(path, testing::demo("canal-towpath"));
    setrlimit(RLIMIT_FSIZE, &before);
    std::signal(SIGXFSZ, ignored);
    QVERIFY(!saved && saved.error().code == ErrorCode::CannotWrite);
    QVERIFY(loadPlan(path).value().plan == testing::emptyPlan());
    QCOMPARE(QDir(folder.path()).entryList(QDir::Files).size(), 1);
  }

  void aDeviceIsWrittenToNotReplaced() {
    const QString full = QStringLiteral("/dev/full");
    if (!QFile::exists(full)) QSKIP("this system has no /dev/full");
    QVERIFY(!QFileInfo(full).isFile());
    const auto saved = saveWhole(full, QByteArray(1000, 'x'));
    QVERIFY(!saved && saved.error().code == ErrorCode::CannotWrite);
    QVERIFY(!QFileInfo(full).isFile());
  }

  void whatCannotBeReadIsSaid() {
    const QTemporaryDir folder;
    const auto missing = loadPlan(folder.filePath(QStringLiteral("none.havlo")));
    QVERIFY(!missing && missing.error().code == ErrorCode::CannotRead);
    QVERIFY(!loadPlan(folder.path()));
    QFile f(folder.filePath(QStringLiteral("cut.havlo")));
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.write(QByteArray::fromStdString(writePlan(testing::demo("teaching-crowd"))).left(5000));
    f.close();
    const auto cut = loadPlan(f.fileName());
    QVERIFY(!cut && cut.error().code == ErrorCode::BadInput);
    QVERIFY(cut.error().text().find("too early") != std::string::npos);
  }
};

HAVLO_TEST(TstPlanFile)
#include "tst_plan_file.moc"
