// What the command line does for the desktop and the shells: pictures of files, its manual page, completions;
// and what is installed, against the validators of the desktop's own standards.
#include <QDirIterator>
#include <QFileInfo>
#include <QImage>
#include <QStandardPaths>
#include <QTest>
#include <set>

#include "cli_folder.h"
#include "tests/support/program.h"

class TstDesktop : public QObject, private CliFolder {
  Q_OBJECT

  static int coloursOf(const QImage& image) {
    std::set<QRgb> seen;
    for (int y = 0; y < image.height(); y += 2)
      for (int x = 0; x < image.width(); x += 2) seen.insert(image.pixel(x, y));
    return static_cast<int>(seen.size());
  }

 private Q_SLOTS:
  void plansAndDrawersHavePictures() {
    const QString out = file(QStringLiteral("picture"));  // as file managers name them
    const QString plan = demoPath(QStringLiteral("canal-towpath"));
    QCOMPARE(
        cli({QStringLiteral("thumbnail"), plan, out, QStringLiteral("--size"), QStringLiteral("128")}).exit,
        0);
    QImage seen(out);
    QCOMPARE(std::max(seen.width(), seen.height()), 128);
    QVERIFY(seen.width() != seen.height());  // as the card is
    QVERIFY(coloursOf(seen) > 100);
    const QString drawer = file(QStringLiteral("mine.havlo-drawer"));
    QVERIFY(QFile::copy(QStringLiteral(HAVLO_SOURCE_DIR "/data/demo/canal-drawer.zip"), drawer));
    QCOMPARE(cli({QStringLiteral("thumbnail"), drawer, out}).exit, 0);
    seen = QImage(out);
    QCOMPARE(seen.size(), QSize(256, 256));
    // Each of nine cells has ink and paper.
    for (int cell = 0; cell < 9; ++cell) {
      const QImage part = seen.copy(cell % 3 * 85, cell / 3 * 85, 85, 85);
      int dark = 0, light = 0;
      for (int y = 0; y < 85; ++y)
        for (int x = 0; x < 85; ++x) (qGray(part.pixel(x, y)) < 120 ? dark : light) += 1;
      QVERIFY2(dark > 40 && light > 1500, qPrintable(QString::number(cell)));
    }
    const QString broken = written(QStringLiteral("broken.havlo"), "PK nothing");
    QCOMPARE(cli({QStringLiteral("thumbnail"), broken, file(QStringLiteral("none"))}).exit, 3);
    QVERIFY(!QFile::exists(file(QStringLiteral("none"))));
    QCOMPARE(
        cli({QStringLiteral("thumbnail"), plan, out, QStringLiteral("--size"), QStringLiteral("9999")}).exit,
        2);
  }

  // Every verb and option that is understood stands in the manual.
  void theManualKnowsEveryVerb() {
    const QByteArray page =
        run(QStringLiteral(HAVLO_CLI), {QStringLiteral("--man"), QStringLiteral("2026-01-02")}).out;
    const QByteArray help = cli({QStringLiteral("--help")}).out;
    QVERIFY(page.startsWith(".TH HAVLO\\-CLI 1"));
    QVERIFY(help.contains("\xE2\x80\xA6") && page.contains("\xE2\x80\xA6"));  // three dots in UTF-8
    int words = 0;
    for (const QByteArray& line : help.split('\n')) {
      const QByteArray word = line.trimmed().split(' ').first();
      if (!line.startsWith("  ") || word.isEmpty()) continue;
      const QByteArray marked = QByteArray(word).replace("-", "\\-");
      QVERIFY2(page.contains(".B " + marked) || page.contains(".BI " + marked), word.constData());
      ++words;
    }
    QVERIFY(words > 60);
  }

  // Bash itself is asked what it would offer.
  void bashCompletes_data() {
    QTest::addColumn<QString>("line");
    QTest::addColumn<QString>("offered");
    QTest::newRow("verbs") << QStringLiteral("havlo-cli re") << QStringLiteral("regions render");
    QTest::newRow("options") << QStringLiteral("havlo-cli render --d") << QStringLiteral("--dpi");
    QTest::newRow("of that verb only") << QStringLiteral("havlo-cli diff --d") << QString();
  }
  void bashCompletes() {
    QFETCH(QString, line);
    QFETCH(QString, offered);
    const QString script =
        written(QStringLiteral("completion"),
                run(QStringLiteral(HAVLO_CLI), {QStringLiteral("--completion"), QStringLiteral("bash")}).out);
    const Ran ran =
        run(QStringLiteral("bash"),
            {QStringLiteral("-c"),
             QStringLiteral("source %1; COMP_WORDS=(%2); COMP_CWORD=$((${#COMP_WORDS[@]}-1)); _havlo_cli; "
                            "printf '%s\\n' \"${COMPREPLY[@]}\" | sort | xargs")
                 .arg(script, line)});
    QCOMPARE(ran.out.trimmed(), offered.toUtf8());
    QVERIFY2(ran.err.isEmpty(), ran.err.constData());
    QCOMPARE(run(QStringLiteral(HAVLO_CLI), {QStringLiteral("--completion"), QStringLiteral("tcsh")}).exit,
             2);
  }

  void whatIsInstalledIsValid() {
    const QString root = file(QStringLiteral("root"));
    const Ran installed = run(
        QStringLiteral("cmake"),
        {QStringLiteral("--install"), QStringLiteral(HAVLO_BINARY_DIR), QStringLiteral("--prefix"), root});
    QVERIFY2(installed.exit == 0, installed.err.constData());
    const QString share = root + QStringLiteral("/share/");
    const auto passes = [](const QString& program, const QStringList& args) {
      const Ran ran = run(program, args);
      return ran.exit == 0 ? QByteArray() : ran.out + ran.err + " ";
    };
    QCOMPARE(passes(QStringLiteral("desktop-file-validate"),
                    {share + QStringLiteral("applications/havlo.desktop")}),
             QByteArray());
    QCOMPARE(passes(QStringLiteral("appstreamcli"), {QStringLiteral("validate"), QStringLiteral("--no-net"),
                                                     share + QStringLiteral("metainfo/havlo.metainfo.xml")}),
             QByteArray());
    // The desktop's own table of types knows our files by it.
    QCOMPARE(passes(QStringLiteral("update-mime-database"), {share + QStringLiteral("mime")}), QByteArray());
    QFile globs(share + QStringLiteral("mime/globs2"));
    QVERIFY(globs.open(QIODevice::ReadOnly));
    const QByteArray table = globs.readAll();
    QVERIFY(table.contains("application/x-havlo-plan:*.havlo\n") &&
            table.contains("application/x-havlo-drawer:*.havlo-drawer\n"));
    for (const int size : {16, 22, 24, 32, 48, 64, 128, 256, 512}) {
      const QImage icon(share + QStringLiteral("icons/hicolor/%1x%1/apps/havlo.png").arg(size));
      QCOMPARE(icon.size(), QSize(size, size));
    }
    for (const char* name :
         {"icons/hicolor/scalable/apps/havlo.svg", "icons/hicolor/symbolic/apps/havlo-symbolic.svg",
          "icons/hicolor/scalable/mimetypes/application-x-havlo-plan.svg", "thumbnailers/havlo.thumbnailer",
          "man/man1/havlo.1.gz", "man/man1/havlo-cli.1.gz", "bash-completion/completions/havlo-cli",
          "zsh/vendor-completions/_havlo-cli", "fish/vendor_completions.d/havlo-cli.fish",
          "doc/havlo/copyright", "doc/havlo/changelog.gz"})
      QVERIFY2(QFileInfo(share + QLatin1String(name)).size() > 100, name);
    // The installed command line works from there and finds what ships with it.
    const QString bin = root + QStringLiteral("/bin/havlo-cli");
    QCOMPARE(run(bin, {QStringLiteral("check"), demoPath(QStringLiteral("teaching-avenue"))}).exit, 0);
    QDirIterator all(root, QDir::Files, QDirIterator::Subdirectories);
    while (all.hasNext()) {
      const QFileInfo one(all.next());
      QVERIFY2(!(one.permissions() & (QFile::WriteGroup | QFile::WriteOther)), qPrintable(one.filePath()));
    }
  }
};

HAVLO_TEST(TstDesktop)
#include "tst_desktop.moc"
