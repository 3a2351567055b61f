// Unsaved work after a kill: the real application is started, changed, killed without warning, and asked
// again.
#include <signal.h>

#include <QDir>
#include <QElapsedTimer>
#include <QProcess>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>

#include "app/session/rescue.h"
#include "core/edit/edits.h"
#include "io/files/plan_file.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;

class TstRescue : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theNewestStateIsKept() {
    const QTemporaryDir folder;
    Plan plan = testing::demo("canal-towpath");
    {
      Rescue first(folder.path());
      for (int k = 0; k < 30; ++k) {
        plan = withFoot(plan, "duck", {100.0 + k, 20}).value();
        first.keep(std::make_shared<const Plan>(plan), QStringLiteral("/somewhere/mine.havlo"));
      }
      QVERIFY(Rescue(folder.path()).lostWork().empty());  // it is alive: nothing is lost
    }
    const Rescue second(folder.path());
    const auto lost = second.lostWork();
    QCOMPARE(lost.size(), size_t(1));
    QCOMPARE(lost[0].path, QStringLiteral("/somewhere/mine.havlo"));
    QCOMPARE(lost[0].title, QStringLiteral("Kite over the long pound"));
    QVERIFY(loadPlan(lost[0].file).value().plan == plan);
  }

  // Steps of one act are written now and then, but always in the end, and never instead of an act before
  // them.
  void theStepsOfOneActAreWrittenNowAndThen() {
    const QTemporaryDir folder;
    const auto at = [](double x) {
      return std::make_shared<const Plan>(withFoot(testing::demo("canal-towpath"), "duck", {x, 20}).value());
    };
    const auto kept = [&] {
      const QStringList files = QDir(folder.path()).entryList({QStringLiteral("*.havlo")});
      const auto plan = loadPlan(folder.filePath(files.value(0)));
      return plan ? plan.value().plan.impression("duck")->at.x : 0.0;
    };
    Rescue r(folder.path());
    QElapsedTimer clock;
    clock.start();
    r.keep(at(50), {});
    r.flush();
    QCOMPARE(kept(), 50.0);
    for (int k = 1; k <= 20; ++k) r.keep(at(50 + k), {}, {}, true);
    QVERIFY(kept() == 50.0 || clock.elapsed() >= 300);
    QTRY_COMPARE(kept(), 70.0);
    r.keep(at(80), {});            // an act of its own
    r.keep(at(81), {}, {}, true);  // and a step of the next, before that was written
    r.flush();
    QCOMPARE(kept(), 81.0);
  }

  void savedWorkIsNotOffered() {
    const QTemporaryDir folder;
    {
      Rescue r(folder.path());
      r.keep(std::make_shared<const Plan>(testing::emptyPlan()), {});
      r.drop();
    }
    QVERIFY(Rescue(folder.path()).lostWork().empty());
  }

  void whatIsSetAsideIsNotDeleted() {
    const QTemporaryDir folder;
    {
      Rescue r(folder.path());
      r.keep(std::make_shared<const Plan>(testing::emptyPlan()), {});
    }
    Rescue r(folder.path());
    r.setAside(r.lostWork().at(0));
    QVERIFY(r.lostWork().empty());
    QCOMPARE(QDir(folder.filePath(QStringLiteral("set-aside")))
                 .entryList({QStringLiteral("*.havlo")}, QDir::Files)
                 .size(),
             1);
    QCOMPARE(r.asideWork().size(), size_t{1});
  }

  // What is old can be tidied away, whence it can be fetched back.
  void oldCopiesGoToTheWastebasket() {
    const QTemporaryDir folder;
    for (int k = 0; k < 3; ++k) {
      Rescue r(folder.path());
      Plan p = testing::emptyPlan();
      p.title = "Draft " + std::to_string(k);
      r.keep(std::make_shared<const Plan>(p), {});
    }
    Rescue r(folder.path());
    for (const LostWork& work : r.lostWork()) r.setAside(work);
    std::vector<LostWork> aside = r.asideWork();
    QCOMPARE(aside.size(), size_t{3});
    const LostWork kept = aside.front();
    aside.erase(aside.begin());
    QStandardPaths::setTestModeEnabled(true);  // not among what whoever runs this has thrown away
    QCOMPARE(Rescue::toWastebasket(aside), 2);
    QCOMPARE(r.asideWork().size(), size_t{1});
    QCOMPARE(r.asideWork()[0].title, kept.title);
    // The facts beside them are gone with them, and what is not there is no success.
    QCOMPARE(QDir(folder.filePath(QStringLiteral("set-aside"))).entryList(QDir::Files).size(), 2);
    QCOMPARE(Rescue::toWastebasket(aside), 0);
  }

  void aFolderThatCannotBeWrittenIsSaid() {
    Rescue r(QStringLiteral("/proc/nowhere"));
    QStringList said;
    connect(&r, &Rescue::trouble, this, [&](const QString& text) { said << text; });
    r.keep(std::make_shared<const Plan>(testing::emptyPlan()), {});
    r.flush();
    QTRY_VERIFY(!said.isEmpty());
  }

  /// Not a test: the other process of the next one. Changes the demo and waits to be killed.
  void aProcessThatIsKilled() {
    const QByteArray folder = qgetenv("HAVLO_TEST_RESCUE");
    if (folder.isEmpty()) QSKIP("runs only as the child of killedAtAnyMoment");
    Rescue r(QString::fromLocal8Bit(folder));
    Plan plan = testing::demo("canal-towpath");
    for (int k = 0;; ++k) {
      plan = withFoot(plan, "duck", {100.0 + k, 20}).value();
      r.keep(std::make_shared<const Plan>(plan), {});
      if (k % 5 == 0) {
        r.flush();
        std::printf("KEPT %d\n", k);
        std::fflush(stdout);
      }
    }
  }

  void killedAtAnyMoment() {
    for (int round = 0; round < 5; ++round) {
      const QTemporaryDir folder;
      QProcess child;
      QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
      env.insert(QStringLiteral("HAVLO_TEST_RESCUE"), folder.path());
      child.setProcessEnvironment(env);
      child.start(QCoreApplication::applicationFilePath(),
                  {QStringLiteral("app/session/rescue"), QStringLiteral("aProcessThatIsKilled")});
      int kept = -1;
      QByteArray said;
      while (kept < 10 + 7 * round) {
        QVERIFY(child.waitForReadyRead(20000));
        said += child.readAllStandardOutput();
        const auto at = said.lastIndexOf("KEPT ");
        if (at >= 0 && said.indexOf('\n', at) > 0)
          kept = said.mid(at + 5, said.indexOf('\n', at) - at - 5).toInt();
      }
      ::kill(static_cast<pid_t>(child.processId()), SIGKILL);
      QVERIFY(child.waitForFinished());
      const auto lost = Rescue(folder.path()).lostWork();
      QCOMPARE(lost.size(), size_t(1));
      const auto plan = loadPlan(lost[0].file);
      QVERIFY2(bool(plan), plan ? "" : plan.error().text().c_str());
      QVERIFY(plan.value().plan.impression("duck")->at.x >= 100.0 + kept);  // nothing that was kept is lost
    }
  }
};

HAVLO_TEST(TstRescue)
#include "tst_rescue.moc"
