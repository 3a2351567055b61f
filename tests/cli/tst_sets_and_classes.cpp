// havlo-cli trace on folders and sets, masks and cut for machines, class.
#include <QDir>
#include <QImage>
#include <QJsonArray>
#include <QTest>

#include "cli_folder.h"
#include "tests/support/program.h"

namespace {

const QByteArray kSet =
    "<svg xmlns='http://www.w3.org/2000/svg' width='150mm' height='100mm' viewBox='0 0 150 100'>"
    "<g id='willow'><circle cx='30' cy='30' r='10' fill='none' stroke='#000'/></g>"
    "<g id='post'><rect x='70' y='20' width='10' height='40'/></g></svg>";

}  // namespace

class TstSetsAndClasses : public QObject, CliFolder {
  Q_OBJECT

 private Q_SLOTS:
  void setsAndFolders() {
    const QString set = written("set.svg", kSet);
    const Ran one = cli({"trace", set, "--groups", "--json", "--drawer", file("set.zip")});
    QCOMPARE(one.exit, 0);
    const QJsonArray found = one.json()["files"].toArray()[0].toObject()["impressions"].toArray();
    QCOMPARE(found.size(), 2);
    QCOMPARE(found[1].toObject()["name"].toString(), QStringLiteral("Post"));
    QVERIFY(QFile::exists(file("set.zip")));
    QVERIFY(QDir(m_folder.path()).mkdir("empty"));
    QCOMPARE(cli({"trace", file("empty")}).exit, 3);
    QVERIFY(QDir(m_folder.path()).mkdir("all"));
    written("all/a.svg", kSet), written("all/b.svg", kSet), written("all/c.png", "no");
    const Ran all = cli({"trace", file("all"), "--json"});
    QCOMPARE(all.exit, 0);
    QCOMPARE(all.json()["files"].toArray().size(), 3);
    QVERIFY(all.json()["files"].toArray()[2].toObject().contains("error"));
    QCOMPARE(all.json()["files"]
                 .toArray()[1]
                 .toObject()["impressions"]
                 .toArray()[0]
                 .toObject()["twinOf"]
                 .toString(),
             QStringLiteral("Willow"));
    QCOMPARE(cli({"trace", set, "--width", "120mm"}).exit, 2);
    QCOMPARE(cli({"trace", set, "--groups", "--width", "-3"}).exit, 2);
    QCOMPARE(cli({"trace", file("all"), "--dpi", "9"}).exit, 2);
  }

  void machines() {
    const QString cuts = file("m.svg");
    QCOMPARE(cli({"masks", demoPath("misty-fen"), "--svg", cuts, "--marks", "--trailing", "0.25mm"}).exit, 0);
    const Ran laid = cli({"cut", cuts, "--json", "--trailing", "0.25mm", "--laid", "1,-1,0.7,99.9"});
    QCOMPARE(laid.exit, 0);
    const QJsonObject sheet = laid.json()["registration"].toArray()[0].toObject();
    QCOMPARE(sheet["seen"].toInt(), 4);
    QVERIFY(sheet["cutOff"].toDouble() < 0.1);
    QVERIFY(laid.json()["notFree"].toArray().isEmpty());
    // The same lines by a machine whose blade trails, not led: pieces that stay in the sheet.
    QCOMPARE(cli({"masks", demoPath("misty-fen"), "--svg", file("n.svg")}).exit, 0);
    QVERIFY(
        !cli({"cut", file("n.svg"), "--json", "--trailing", "0.25mm"}).json()["notFree"].toArray().isEmpty());
    QCOMPARE(cli({"masks", demoPath("misty-fen"), "--svg", cuts, "--trailing", "9mm"}).exit, 2);
    QCOMPARE(cli({"masks", demoPath("misty-fen"), "--svg", cuts, "--sheet", "40x40mm", "--marks"}).exit, 2);
    QCOMPARE(cli({"cut", cuts, "--laid", "1,2"}).exit, 2);
    QCOMPARE(cli({"cut", cuts, "--trailing", "x"}).exit, 2);
  }

  void classes() {
    const Ran six = cli({"class", demoPath("misty-fen"), "--json", "--pdf", file("class.pdf")});
    QCOMPARE(six.exit, 0);
    const QJsonObject c = six.json();
    QCOMPARE(c["makers"].toInt(), 6);
    QCOMPARE(c["turns"].toArray().size(), 6 * c["stations"].toArray().size());
    QVERIFY(c["minutes"].toDouble() >= c["bound"].toDouble());
    QVERIFY(QFile(file("class.pdf")).size() > 5000);
    const Ran words = cli({"class", demoPath("misty-fen"), "--makers", "2", "--masks-ready"});
    QVERIFY(words.out.startsWith("2 makers are done after"));
    QCOMPARE(cli({"class", demoPath("misty-fen"), "--makers", "61"}).exit, 2);
    QCOMPARE(cli({"class", demoPath("misty-fen"), "--makers", "two"}).exit, 2);
  }
};

HAVLO_TEST(TstSetsAndClasses)
#include "tst_sets_and_classes.moc"
