// Files written whole or not at all, on disks that are full, under names that are odd, through pipes.
#include <fcntl.h>
#include <sys/resource.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <QTest>
#include <thread>

#include "core/plan/plan_text.h"
#include "io/drawer/drawer_file.h"
#include "io/files/plan_file.h"
#include "io/files/whole_file.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

QByteArray bytesOf(const QString& path) {
  QFile f(path);
  return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
}

/// Runs `work` in a child that may write no file longer than `most` bytes: what a full disk does to a write.
/// @return what `work` returned
template <typename F>
int inChildWithLimit(rlim_t most, F work) {
  const pid_t child = ::fork();
  if (child == 0) {
    const rlimit limit{most, most};
    ::setrlimit(RLIMIT_FSIZE, &limit);
    ::_exit(work());
  }
  int state = 0;
  ::waitpid(child, &state, 0);
  return WIFEXITED(state) ? WEXITSTATUS(state) : 255;
}

}  // namespace

class TstWholeFile : public QObject {
  Q_OBJECT

  QTemporaryDir m_folder;
  QString in(const char* name) const { return m_folder.filePath(QString::fromUtf8(name)); }

 private Q_SLOTS:
  // Plans below the size of a write buffer were destroyed on a full disk and reported saved.
  void aFullDiskLeavesTheOldFile_data() {
    QTest::addColumn<int>("size");
    QTest::newRow("below a buffer") << 9000;
    QTest::newRow("a buffer") << 16384;
    QTest::newRow("many") << 300000;
  }
  void aFullDiskLeavesTheOldFile() {
    QFETCH(int, size);
    const QString path = in("kept");
    QVERIFY(bool(saveWhole(path, "as it was")));
    const int told = inChildWithLimit(4096, [&] { return saveWhole(path, QByteArray(size, 'x')) ? 0 : 7; });
    QCOMPARE(told, 7);  // not said to be saved
    QCOMPARE(bytesOf(path), QByteArray("as it was"));
    QCOMPARE(QDir(m_folder.path()).entryList({QStringLiteral(".havlo-*")}, QDir::Files | QDir::Hidden).size(),
             0);
  }

  void longNamesAndOddNames() {
    const QString longest = m_folder.filePath(QString(251, u'n') + QStringLiteral(".hav"));
    QVERIFY(bool(saveWhole(longest, "1")));
    QCOMPARE(readWhole(longest, 100).value(), QByteArray("1"));
    QVERIFY(!saveWhole(m_folder.filePath(QString(256, u'n')), "1"));
    // A name that is no UTF-8 reaches the program with its odd byte replaced.
    const QByteArray odd = QFile::encodeName(m_folder.path()) + "/b\xe4um.havlo";
    const int fd = ::open(odd.constData(), O_WRONLY | O_CREAT, 0644);
    QVERIFY(fd >= 0);
    const std::string plan = writePlan(testing::emptyPlan());
    QCOMPARE(::write(fd, plan.data(), plan.size()), static_cast<ssize_t>(plan.size()));
    ::close(fd);
    const QString seen = QFile::decodeName(odd);
    QVERIFY(bool(loadPlan(seen)));
    QVERIFY(bool(savePlan(seen, testing::demo("teaching-crowd"))));
    QCOMPARE(loadPlan(seen).value().plan.title, std::string("Crowd"));
    struct stat s {};
    QVERIFY(::stat(odd.constData(), &s) == 0);
    QVERIFY(s.st_size > 1000);  // the same file, not one beside it
  }

  void linksStayAndPermissionsToo() {
    const QString real = in("real"), link = in("link");
    QVERIFY(bool(saveWhole(real, "a")));
    QVERIFY(QFile::setPermissions(real, QFile::ReadOwner | QFile::WriteOwner));
    QVERIFY(QFile::link(real, link));
    QVERIFY(bool(saveWhole(link, "b")));
    QVERIFY(QFileInfo(link).isSymLink());
    QCOMPARE(bytesOf(real), QByteArray("b"));
    QCOMPARE(QFileInfo(real).permissions() & (QFile::ReadGroup | QFile::ReadOther), QFile::Permissions());
  }

  void pipesDoNotHang() {
    const QByteArray pipe = QFile::encodeName(in("pipe"));
    QCOMPARE(::mkfifo(pipe.constData(), 0600), 0);
    const auto written = saveWhole(in("pipe"), "x");
    QVERIFY(!written && written.error().message.find("nobody") != std::string::npos);
    const auto read = readWhole(in("pipe"), 1000);
    QVERIFY(!read && read.error().message.find("nobody") != std::string::npos);
    std::thread writer([&] {
      const int fd = ::open(pipe.constData(), O_WRONLY);
      (void)!::write(fd, "a plan", 6);
      ::close(fd);
    });
    // The reader may look before the writer has come; then there is nobody yet.
    Result<QByteArray> heard = readWhole(in("pipe"), 1000);
    for (int k = 0; k < 50 && !heard; ++k) QTest::qSleep(20), heard = readWhole(in("pipe"), 1000);
    writer.join();
    QVERIFY(bool(heard));
    QCOMPARE(heard.value(), QByteArray("a plan"));
  }

  void moreThanIsReadIsRefusedAlsoFromADevice() {
    QVERIFY(!readWhole(QStringLiteral("/dev/zero"), 1 << 20));
    QVERIFY(bool(saveWhole(in("large"), QByteArray(2000, 'x'))));
    QVERIFY(!readWhole(in("large"), 1999));
    QVERIFY(bool(readWhole(in("large"), 2000)));
  }
};

HAVLO_TEST(TstWholeFile)
#include "tst_whole_file.moc"
