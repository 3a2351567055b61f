// Choosing files by their pictures, through the dialog's own widgets: folders, plans shown as their cards,
// names typed, what is replaced is asked about first.
#include <QComboBox>
#include <QDir>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QProcess>
#include <QPushButton>
#include <QSettings>
#include <QSignalSpy>
#include <set>

#include "app/files/file_chooser.h"
#include "io/files/plan_file.h"
#include "support/plans.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// A folder with two plans, a scan, a text and a folder in it.
struct Shelf {
  QTemporaryDir folder;
  bool ok = true;
  Shelf() {
    ok = ok && bool(savePlan(path("towpath.havlo"), demo("canal-towpath")));
    ok = ok && bool(savePlan(path("fen.havlo"), demo("misty-fen")));
    QImage scan(300, 200, QImage::Format_RGB32);
    scan.fill(QColor(200, 30, 30));
    scan.save(path("scan.png"));
    QFile text(path("notes.txt"));
    if (text.open(QIODevice::WriteOnly)) text.write("x");
    QDir(folder.path()).mkdir(QStringLiteral("older"));
    ok = ok && bool(savePlan(path("older/shed.havlo"), demo("potting-shed")));
  }
  QString path(const char* name) const { return folder.filePath(QLatin1String(name)); }
};

struct Chooser {
  FileChooser dialog;
  explicit Chooser(const FileWish& wish) : dialog(wish) {
    dialog.show();
    QCoreApplication::processEvents();
  }
  QListView& list() { return *dialog.findChild<QListView*>(QStringLiteral("files")); }
  QLineEdit& name() { return *dialog.findChild<QLineEdit*>(QStringLiteral("fileName")); }
  QPushButton& take() { return *dialog.findChild<QPushButton*>(QStringLiteral("takeFile")); }
  QStringList shown() {
    QStringList out;
    for (int k = 0; k < list().model()->rowCount(); ++k) out << list().model()->index(k, 0).data().toString();
    out.sort();
    return out;
  }
  QModelIndex at(const QString& text) {
    for (int k = 0; k < list().model()->rowCount(); ++k)
      if (list().model()->index(k, 0).data().toString() == text) return list().model()->index(k, 0);
    return {};
  }
  void waitForPictures() {
    auto* pictures = dialog.findChild<FilePictures*>();
    QTRY_VERIFY_WITH_TIMEOUT(!pictures->atWork(), 30000);
  }
  int colours(const QString& text) {
    const QImage icon =
        at(text).data(Qt::DecorationRole).value<QIcon>().pixmap(FilePictures::kSize).toImage();
    std::set<QRgb> all;
    for (int y = 0; y < icon.height(); y += 2)
      for (int x = 0; x < icon.width(); x += 2) all.insert(icon.pixel(x, y));
    return static_cast<int>(all.size());
  }
};

}  // namespace

class TstFileChooser : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }
  void cleanup() {
    for (const QString& key : QSettings().allKeys())
      if (key.startsWith(QLatin1String("folder-")) || key == QLatin1String("recent")) QSettings().remove(key);
  }

  void plansShowTheirCards() {
    const Shelf shelf;
    QVERIFY(shelf.ok);
    Chooser c({QStringLiteral("Open"), {plansKind()}, false, shelf.folder.path()});
    QCOMPARE(c.shown(), (QStringList{QStringLiteral("fen.havlo"), QStringLiteral("older"),
                                     QStringLiteral("towpath.havlo")}));
    c.waitForPictures();
    QVERIFY2(c.colours(QStringLiteral("towpath.havlo")) > 60,
             qPrintable(QString::number(c.colours(QStringLiteral("towpath.havlo")))));
    // A folder is a drawing in one ink.
    QVERIFY(c.colours(QStringLiteral("towpath.havlo")) > 2 * c.colours(QStringLiteral("older")));
    // All files besides.
    auto* kinds = c.dialog.findChild<QComboBox*>();
    kinds->setCurrentIndex(kinds->count() - 1);
    Q_EMIT kinds->activated(kinds->count() - 1);
    QCOMPARE(c.shown().size(), 5);
    c.waitForPictures();
    const QImage scan = c.at(QStringLiteral("scan.png"))
                            .data(Qt::DecorationRole)
                            .value<QIcon>()
                            .pixmap(FilePictures::kSize)
                            .toImage();
    const QColor middle = scan.pixelColor(scan.width() / 2, scan.height() / 2);
    QVERIFY(middle.red() > 190 && middle.green() < 40);
  }

  void oneIsTakenByKeysAlone() {
    const Shelf shelf;
    Chooser c({QStringLiteral("Open"), {plansKind()}, false, shelf.folder.path()});
    QSignalSpy chosen(&c.dialog, &FileChooser::chosen);
    c.list().setFocus();
    c.list().setCurrentIndex(c.at(QStringLiteral("older")));
    QTest::keyClick(&c.list(), Qt::Key_Return);
    QCOMPARE(c.dialog.folder(), shelf.path("older"));
    QTest::keyClick(&c.list(), Qt::Key_Backspace);
    QCOMPARE(c.dialog.folder(), shelf.folder.path());
    // What is typed over the pictures is a name.
    QTest::keyClick(&c.list(), Qt::Key_F);
    QVERIFY(c.name().hasFocus());
    QTest::keyClicks(&c.name(), QStringLiteral("en.havlo"));
    QTest::keyClick(&c.name(), Qt::Key_Return);
    QCOMPARE(chosen.count(), 1);
    QCOMPARE(c.dialog.path(), shelf.path("fen.havlo"));
    // The next time it begins there.
    Chooser again({QStringLiteral("Open"), {plansKind()}});
    QCOMPARE(again.dialog.folder(), shelf.folder.path());
  }

  void whatIsNotThereIsSaid() {
    const Shelf shelf;
    Chooser c({QStringLiteral("Open"), {plansKind()}, false, shelf.folder.path()});
    c.name().setText(QStringLiteral("nowhere.havlo"));
    QTest::mouseClick(&c.take(), Qt::LeftButton);
    QVERIFY(c.dialog.path().isEmpty());
    QVERIFY(says(c.dialog, QStringLiteral("There is no nowhere.havlo")));
    c.name().setText(shelf.path("older"));
    QTest::mouseClick(&c.take(), Qt::LeftButton);
    QCOMPARE(c.dialog.folder(), shelf.path("older"));
  }

  void whatIsReplacedIsAskedAbout() {
    const Shelf shelf;
    Chooser c(
        {QStringLiteral("Save"), {plansKind()}, true, shelf.folder.path(), QStringLiteral("mine.havlo")});
    QCOMPARE(c.name().text(), QStringLiteral("mine.havlo"));
    c.name().setText(QStringLiteral("fen"));  // the ending comes by itself
    QTest::mouseClick(&c.take(), Qt::LeftButton);
    QVERIFY(c.dialog.path().isEmpty());
    QVERIFY(says(c.dialog, QStringLiteral("fen.havlo is there already")));
    QCOMPARE(c.take().text(), QStringLiteral("Replace it"));
    // Another name is asked about anew.
    c.name().selectAll();
    QTest::keyClicks(&c.name(), QStringLiteral("towpath"));
    QCOMPARE(c.take().text(), QStringLiteral("Save"));
    QTest::mouseClick(&c.take(), Qt::LeftButton);
    QVERIFY(c.dialog.path().isEmpty());
    QTest::mouseClick(&c.take(), Qt::LeftButton);
    QCOMPARE(c.dialog.path(), shelf.path("towpath.havlo"));
  }

  void lately() {
    const Shelf shelf;
    QTemporaryDir empty;
    QSettings().setValue(QStringLiteral("recent"),
                         QStringList{shelf.path("older/shed.havlo"), QStringLiteral("/gone/x.havlo")});
    Chooser c({QStringLiteral("Open"), {plansKind()}, false, empty.path()});
    QCOMPARE(c.shown(), QStringList{QStringLiteral("shed.havlo")});
  }

  // Where a folder is wanted, a file that is looked at stands for the folder it is in.
  void aFileStandsForItsFolder() {
    const Shelf shelf;
    FileWish wish{QStringLiteral("A folder"), {plansKind()}};
    wish.folder = shelf.folder.path(), wish.folderItself = true;
    for (const QString& typed : {QString(), QStringLiteral("towpath.havlo")}) {
      Chooser c(wish);
      c.name().setText(typed);
      QTest::mouseClick(&c.take(), Qt::LeftButton);
      QCOMPARE(c.dialog.path(), shelf.folder.path());
    }
  }

  // A pipe is not read, a plan that is none has no picture, and neither holds anything up.
  void strangeFilesHoldNothingUp() {
    const Shelf shelf;
    QVERIFY(QProcess::execute(QStringLiteral("mkfifo"), {shelf.path("pipe.havlo")}) == 0);
    QFile broken(shelf.path("broken.havlo"));
    QVERIFY(broken.open(QIODevice::WriteOnly));
    broken.write("{ not a plan");
    broken.close();
    Chooser c({QStringLiteral("Open"), {plansKind()}, false, shelf.folder.path()});
    c.waitForPictures();
    QVERIFY(c.at(QStringLiteral("broken.havlo")).isValid());
    QVERIFY(c.colours(QStringLiteral("towpath.havlo")) > 60);
  }
};

HAVLO_TEST(TstFileChooser)
#include "tst_file_chooser.moc"
