// Faults of the core in the window's language: whatever it may say as a plain sentence is in the table, read
// from the sources themselves; what is filled in is kept as it is.
#include <QDirIterator>
#include <QFile>
#include <QRegularExpression>
#include <QSet>
#include <QTest>

#include "core/edit/edits.h"
#include "io/wording/error_words.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;

class TstErrorWords : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void everySentenceOfTheCoreIsInTheTable() {
    QSet<QString> known;
    for (const char* text : errorPatterns()) known << QString::fromUtf8(text);
    static const QRegularExpression said(
        QStringLiteral("Error\\{ErrorCode::\\w+,\\s*\"((?:[^\"\\\\]|\\\\.)*)\"\\s*,"));
    QStringList missing;
    int found = 0;
    QDirIterator it(QStringLiteral(HAVLO_SOURCE_DIR "/src/core"),
                    {QStringLiteral("*.cpp"), QStringLiteral("*.h")}, QDir::Files,
                    QDirIterator::Subdirectories);
    while (it.hasNext()) {
      QFile file(it.next());
      QVERIFY(file.open(QIODevice::ReadOnly));
      const QString text = QString::fromUtf8(file.readAll());
      for (auto m = said.globalMatch(text); m.hasNext();) {
        const QString sentence = m.next().captured(1).replace(QLatin1String("\\\""), QLatin1String("\""));
        ++found;
        if (!known.contains(sentence)) missing << sentence;
      }
    }
    QVERIFY2(missing.isEmpty(), qPrintable(missing.join(u'\n')));
    QVERIFY(found > 90);
  }

  void whatIsFilledInStays() {
    // Without a translator the words are the source's own; a name may look like a place to fill.
    for (const char* sentence : {"there is no stamp \"hare %1 of %2\"", "has 12 points; 9 are the most",
                                 "that is not a number", "nobody ever said this"})
      QCOMPARE(errorReason({ErrorCode::BadInput, sentence, {}}), QString::fromUtf8(sentence));
    QCOMPARE(errorWords({ErrorCode::BadInput, "has no rings", "stamps[2].silhouette"}),
             QStringLiteral("stamps[2].silhouette: has no rings"));
    const auto gone = without(testing::demo("teaching-avenue"), "nobody");
    QVERIFY(!gone);
    QCOMPARE(errorWords(gone.error()), QString::fromStdString(gone.error().text()));
  }
};

HAVLO_TEST(TstErrorWords)
#include "tst_error_words.moc"
