// The rooms of the code as docs/architecture.md lists them against what the files include: a room knows only
// rooms that stand above it in its table, every room is in the table, and each library is included in its
// bridge files alone.
#include <QDirIterator>
#include <QFile>
#include <QHash>
#include <QRegularExpression>
#include <QTest>

#include "tests/support/program.h"

namespace {

const QString kRoot = QStringLiteral(HAVLO_SOURCE_DIR);

QString textOf(const QString& path) {
  QFile f(path);
  return f.open(QIODevice::ReadOnly) ? QString::fromUtf8(f.readAll()) : QString();
}

/// The rooms of a part in the order of its table: rows that begin with "| `room` |" under its heading.
QStringList listed(const QString& part) {
  const QString text = textOf(kRoot + QStringLiteral("/docs/architecture.md"));
  const qsizetype from = text.indexOf(QStringLiteral("| Room of `src/%1` |").arg(part));
  QStringList out;
  if (from < 0) return out;
  static const QRegularExpression row(QStringLiteral("^\\| `([a-z_]+)` \\|"),
                                      QRegularExpression::MultilineOption);
  for (const QString& line : text.mid(from).split(u'\n')) {
    if (!line.startsWith(u'|')) break;
    if (const auto m = row.match(line); m.hasMatch()) out << m.captured(1);
  }
  return out;
}

QStringList filesIn(const QString& folder) {
  QStringList out;
  QDirIterator it(folder, {QStringLiteral("*.cpp"), QStringLiteral("*.h")}, QDir::Files,
                  QDirIterator::Subdirectories);
  while (it.hasNext()) out << it.next();
  return out;
}

}  // namespace

class TstRooms : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aRoomKnowsOnlyRoomsAboveIt_data() {
    QTest::addColumn<QString>("part");
    for (const char* part : {"core", "io", "app"}) QTest::newRow(part) << part;
  }
  void aRoomKnowsOnlyRoomsAboveIt() {
    QFETCH(QString, part);
    const QStringList rooms = listed(part);
    QStringList there =
        QDir(kRoot + QStringLiteral("/src/") + part).entryList(QDir::Dirs | QDir::NoDotAndDotDot, QDir::Name);
    QStringList sorted = rooms;
    sorted.sort();
    there.sort();
    QCOMPARE(sorted, there);
    const QRegularExpression include(QStringLiteral("#include \"%1/([a-z_]+)/").arg(part));
    for (const QString& room : rooms)
      for (const QString& file : filesIn(kRoot + QStringLiteral("/src/") + part + u'/' + room))
        for (auto it = include.globalMatch(textOf(file)); it.hasNext();) {
          const QString other = it.next().captured(1);
          QVERIFY2(rooms.indexOf(other) >= 0 && rooms.indexOf(other) <= rooms.indexOf(room),
                   qPrintable(QStringLiteral("%1 includes %2, which stands below it").arg(file, other)));
        }
  }

  void partsKnowOnlyPartsBelowThem() {
    const QHash<QString, QStringList> may{
        {QStringLiteral("core"), {QStringLiteral("core")}},
        {QStringLiteral("io"), {QStringLiteral("core"), QStringLiteral("io")}},
        {QStringLiteral("cli"), {QStringLiteral("core"), QStringLiteral("io"), QStringLiteral("cli")}},
        {QStringLiteral("app"), {QStringLiteral("core"), QStringLiteral("io"), QStringLiteral("app")}}};
    const QRegularExpression include(QStringLiteral("#include \"(core|io|cli|app)/"));
    const QRegularExpression qt(QStringLiteral("#include <Q[A-Za-z]+>"));
    for (auto part = may.begin(); part != may.end(); ++part)
      for (const QString& file : filesIn(kRoot + QStringLiteral("/src/") + part.key())) {
        const QString text = textOf(file);
        for (auto it = include.globalMatch(text); it.hasNext();) {
          const QString other = it.next().captured(1);
          QVERIFY2(part.value().contains(other), qPrintable(file + QStringLiteral(" includes ") + other));
        }
        QVERIFY2(part.key() != QLatin1String("core") || !qt.match(text).hasMatch(), qPrintable(file));
        QVERIFY2(part.key() == QLatin1String("cli") || !text.contains(QStringLiteral("processEvents")),
                 qPrintable(file));
      }
  }

  void aConstructorFallsApartIntoNamedParts() {
    static const QRegularExpression begins(QStringLiteral("^([A-Z]\\w+)::\\1\\("),
                                           QRegularExpression::MultilineOption);
    constexpr int kLines = 60;
    int seen = 0;
    for (const QString& file : filesIn(kRoot + QStringLiteral("/src"))) {
      const QString text = textOf(file);
      for (auto it = begins.globalMatch(text); it.hasNext();) {
        const qsizetype from = it.next().capturedStart();
        const QString body = text.mid(from, text.indexOf(QStringLiteral("\n}\n"), from) - from);
        const qsizetype empty = body.indexOf(QStringLiteral("{}\n\n"));  // its own body is empty
        const auto lines = body.left(empty).count(u'\n');
        QVERIFY2(lines <= kLines, qPrintable(QStringLiteral("%1: %2 lines").arg(file).arg(lines)));
        ++seen;
      }
    }
    QVERIFY(seen > 100);
  }

  void theWindowIsAShellThatKnowsNoPlace() {
    const QString shell = kRoot + QStringLiteral("/src/app/shell/");
    for (const char* name : {"main_window.cpp", "commands.cpp"})
      QVERIFY2(textOf(shell + QLatin1String(name)).count(u'\n') < 300, name);
    const QString window =
        textOf(shell + QStringLiteral("main_window.cpp")) + textOf(shell + QStringLiteral("commands.cpp"));
    for (const QString& place : listed(QStringLiteral("app")))
      QVERIFY2(!window.contains(QStringLiteral("(\"") + place + QStringLiteral("\")")), qPrintable(place));
  }

  void librariesStayBehindTheirBridges_data() {
    QTest::addColumn<QString>("included");
    QTest::addColumn<QStringList>("bridges");
    QTest::newRow("GEOS") << "geos_c.h" << QStringList{"core/outline/shape_ops.cpp"};
    QTest::newRow("Boost") << "boost/" << QStringList{"core/mask/matching.cpp"};
    QTest::newRow("potrace") << "potracelib.h" << QStringList{"core/trace/bitmap_outline.cpp"};
    QTest::newRow("OpenCV") << "opencv2/"
                            << QStringList{"core/press/difference.cpp", "core/focus/field_ops.cpp",
                                           "core/region/stamp_regions.cpp", "core/trace/", "core/compare/"};
    QTest::newRow("libzip") << "zip.h" << QStringList{"io/files/zip_writer.cpp", "io/drawer/drawer_file.cpp"};
    QTest::newRow("qpdf") << "qpdf/" << QStringList{"io/cut/pdf_reader.cpp"};
    QTest::newRow("zlib") << "zlib.h" << QStringList{"io/art/plain_svg.cpp", "io/cut/pdf_reader.cpp"};
  }
  void librariesStayBehindTheirBridges() {
    QFETCH(QString, included);
    QFETCH(QStringList, bridges);
    int seen = 0;
    for (const QString& file : filesIn(kRoot + QStringLiteral("/src"))) {
      if (!textOf(file).contains(QStringLiteral("#include <") + included)) continue;
      ++seen;
      const bool bridge = std::any_of(bridges.begin(), bridges.end(), [&](const QString& b) {
        return file.contains(QStringLiteral("/src/") + b);
      });
      QVERIFY2(bridge, qPrintable(file));
    }
    QVERIFY(seen > 0);
  }
};

HAVLO_TEST(TstRooms)
#include "tst_rooms.moc"
