// The open drawer without a window: what is said when its file is locked, damaged or gone, and that nothing
// is lost.
#include <QDir>
#include <QFile>
#include <QSignalSpy>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTest>

#include "app/session/drawer_session.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct Heard {
  explicit Heard(DrawerSession& s)
      : trouble(&s, &DrawerSession::trouble),
        notice(&s, &DrawerSession::notice),
        changed(&s, &DrawerSession::changed) {}
  QSignalSpy trouble, notice, changed;
  QString all() const {
    QStringList out;
    for (const QSignalSpy* spy : {&trouble, &notice})
      for (const QList<QVariant>& call : *spy) out << call[0].toString();
    return out.join(u'\n');
  }
};

DrawerStamp named(const std::string& name) {
  DrawerStamp s;
  s.stamp = slab("s", 12, 30);
  s.stamp.name = name;
  s.card.tags = {"fen"};
  return s;
}

}  // namespace

class TstDrawerSession : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theFileIsMadeWhenItIsFirstNeeded() {
    QTemporaryDir folder;
    DrawerSession s(folder.filePath(QStringLiteral("deep/er/drawer.sqlite")));
    QVERIFY(!QFile::exists(s.file()) && !s.isOpen());
    Heard heard(s);
    const std::string key = s.put(named("Willow"));
    QVERIFY(!key.empty() && QFile::exists(s.file()));
    QCOMPARE(s.index().cards().size(), 1u);
    QVERIFY(heard.changed.size() >= 1);
    QCOMPARE(s.stamp(key)->stamp.name, std::string("Willow"));
    QCOMPARE(s.stamp(key)->stamp.drawer, key);
  }

  void aStampPutAgainIsSaidToHaveChanged() {
    QTemporaryDir folder;
    DrawerSession s(folder.filePath(QStringLiteral("d.sqlite")));
    QSignalSpy again(&s, &DrawerSession::stampChanged);
    const std::string key = s.put(named("Willow"));
    QCOMPARE(again.size(), 0);
    DrawerStamp changed = *s.stamp(key);
    changed.stamp.name = "Old willow";
    QCOMPARE(s.put(changed), key);
    QCOMPARE(again.size(), 1);
    QCOMPARE(again[0][0].toString().toStdString(), key);
    QCOMPARE(s.stamp(key)->stamp.name, std::string("Old willow"));  // not the copy read before
  }

  void everyKindOfThingIsPutAndTakenOut() {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("d.sqlite"));
    {
      DrawerSession s(file);
      const std::string key = s.put(named("Willow"));
      Ink ink;
      ink.id = "moss", ink.name = "Moss";
      QVERIFY(s.putInk(ink));
      QVERIFY(s.putPaper({"p", "Chalk", {}, 0.3, 210, 297, {}, false, ""}));
      QVERIFY(s.putMask({"m", key, 3, "envelope", ""}));
    }
    DrawerSession s(file);
    QVERIFY(s.open());
    QCOMPARE(s.inks().size(), 1u);
    QCOMPARE(s.papers().size(), 1u);
    QCOMPARE(s.masks()[0].usesLeft, 3);
    QVERIFY(s.removeInk("moss") && s.removePaper("p") && s.removeMask("m"));
    QVERIFY(s.remove(s.index().cards()[0].key));
    QVERIFY(s.inks().empty() && s.papers().empty() && s.masks().empty() && s.index().cards().empty());
  }

  void aDrawerInUseElsewhereIsOpenedForReadingOnly() {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("d.sqlite"));
    {
      DrawerSession s(file);
      s.put(named("Willow"));
    }
    {
      QSqlDatabase other = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("other"));
      other.setDatabaseName(file);
      QVERIFY(other.open());
      QSqlQuery query(other);
      QVERIFY(query.exec(QStringLiteral("begin exclusive")));
      DrawerSession s(file);
      Heard heard(s);
      if (s.open()) {
        QVERIFY(s.readOnly());
        QVERIFY(s.put(named("Reed")).empty());
      }
      QVERIFY2(!heard.all().isEmpty(), "nothing was said");
      QVERIFY(query.exec(QStringLiteral("rollback")));
      other.close();
    }
    QSqlDatabase::removeDatabase(QStringLiteral("other"));
    DrawerSession s(file);
    QVERIFY(s.open() && !s.readOnly());
    QCOMPARE(s.index().cards().size(), 1u);
  }

  void aDamagedDrawerIsKeptAndSaid() {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("d.sqlite"));
    QFile f(file);
    QVERIFY(f.open(QIODevice::WriteOnly));
    const QByteArray junk("this was a drawer once, before the tea");
    f.write(junk);
    f.close();
    DrawerSession s(file);
    Heard heard(s);
    QVERIFY(s.open());
    QVERIFY2(heard.all().contains(QStringLiteral("set aside as d-damaged")), qPrintable(heard.all()));
    QVERIFY(!s.put(named("Willow")).empty());
    bool kept = false;
    for (const QString& name : QDir(folder.path()).entryList(QDir::Files)) {
      QFile old(folder.filePath(name));
      kept = kept || (old.open(QIODevice::ReadOnly) && old.readAll() == junk);
    }
    QVERIFY(kept);
  }

  void aFolderThatCannotBeMadeIsSaid() {
    QTemporaryDir folder;
    QFile f(folder.filePath(QStringLiteral("plain")));
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.close();
    DrawerSession s(folder.filePath(QStringLiteral("plain/d.sqlite")));
    Heard heard(s);
    QVERIFY(!s.open() && s.put(named("Willow")).empty());
    QVERIFY(heard.trouble.size() >= 1);
    QVERIFY(!s.stamp("nothing"));
  }

  void askingForAStampThatIsGoneIsSaid() {
    QTemporaryDir folder;
    DrawerSession s(folder.filePath(QStringLiteral("d.sqlite")));
    QVERIFY(s.open());
    Heard heard(s);
    QVERIFY(!s.stamp("no-such-key"));
    QCOMPARE(heard.trouble.size(), 1);
  }

  // Two windows on one drawer: typing of the one was overwritten by the other's whole stamp of before.
  void whatTwoWindowsTypeIsBothKept() {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("d.sqlite"));
    DrawerSession a(file), b(file);
    const std::string key = a.put(named("Willow"));
    QVERIFY(a.open() && b.open());
    DrawerStamp inA = *a.stamp(key), inB = *b.stamp(key);
    inA.card.notes = "typed in A";
    QCOMPARE(a.put(inA), key);
    inB.card.place = "typed in B";
    inB.stamp.name = "Pollard willow";
    QCOMPARE(b.put(inB), key);
    a.catchUp();
    for (DrawerSession* s : {&a, &b}) {
      QCOMPARE(s->stamp(key)->card.notes, std::string("typed in A"));
      QCOMPARE(s->stamp(key)->card.place, std::string("typed in B"));
      QCOMPARE(s->stamp(key)->stamp.name, std::string("Pollard willow"));
    }
  }

  void aStampTakenOutElsewhereDoesNotComeBack() {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("d.sqlite"));
    DrawerSession a(file), b(file);
    const std::string key = a.put(named("Willow"));
    QVERIFY(a.open() && b.open());
    DrawerStamp inB = *b.stamp(key);
    QVERIFY(a.remove(key));
    Heard heard(b);
    inB.card.notes = "too late";
    QVERIFY(b.put(inB).empty());
    QVERIFY(heard.all().contains(QStringLiteral("another window")));
    QCOMPARE(b.index().cards().size(), size_t{0});
    a.catchUp();
    QCOMPARE(a.index().cards().size(), size_t{0});
  }

  void whatAnotherWindowPutsIsSeenByItself() {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("d.sqlite"));
    DrawerSession a(file), b(file);
    QVERIFY(a.open() && b.open());
    QSignalSpy elsewhere(&b, &DrawerSession::changedElsewhere);
    a.put(named("Willow"));
    QTRY_COMPARE_WITH_TIMEOUT(elsewhere.size(), 1, 10000);
    QCOMPARE(b.index().cards().size(), size_t{1});
  }
};

HAVLO_TEST(TstDrawerSession)
#include "tst_drawer_session.moc"
