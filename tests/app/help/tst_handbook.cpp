// The handbook: opened at the place one is at, searched, with all keys of the table, and no picture missing.
#include <QAction>
#include <QDir>
#include <QFile>
#include <QLineEdit>
#include <QRegularExpression>
#include <QScopeGuard>
#include <QTextBlock>
#include <QTextBrowser>

#include "app/common/choice_list.h"
#include "app/help/handbook.h"
#include "app/shell/language.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstHandbook : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void itOpensWhereOneIs() {
    Window w(false);
    for (const auto& [place, title] :
         {std::pair{"scene", "Why it must stand there"}, {"make", "At the table"}, {"log", "The log"}}) {
      w.window.visit(QLatin1String(place));
      w.window.action(QStringLiteral("handbook"))->trigger();
      auto* book = w.window.findChild<Handbook*>();
      QVERIFY(book && book->isVisible());
      auto* page = book->findChild<QTextBrowser*>(QStringLiteral("page"));
      QVERIFY2(page->toPlainText().startsWith(QLatin1String(title)),
               qPrintable(page->toPlainText().left(60)));
    }
    QCOMPARE(w.window.findChildren<Handbook*>().size(), 1);
  }

  void wordsAreFoundAndMarked() {
    Window w(false);
    w.window.action(QStringLiteral("handbook"))->trigger();
    auto* book = w.window.findChild<Handbook*>();
    auto* list = book->findChild<ChoiceList*>(QStringLiteral("chapters"));
    auto* page = book->findChild<QTextBrowser*>(QStringLiteral("page"));
    const int all = list->count();
    QVERIFY(all >= 13);
    auto* search = book->findChild<QLineEdit*>(QStringLiteral("search"));
    QTest::keyClicks(search, QStringLiteral("whiskers"));
    QVERIFY(list->count() >= 1 && list->count() < all);
    QVERIFY(page->toPlainText().contains(QStringLiteral("whiskers")));
    QVERIFY(!page->extraSelections().isEmpty());
    search->clear();
    QTest::keyClicks(search, QStringLiteral("submarine"));
    QCOMPARE(list->count(), 0);
    QVERIFY(page->toPlainText().contains(QStringLiteral("No chapter")));
    search->clear();
    QCOMPARE(list->count(), all);
  }

  // Every key of the table stands on the page of keys; every picture is there and no wider than the page.
  void keysAndPicturesAreWhole() {
    Window w(false);
    w.window.action(QStringLiteral("handbook"))->trigger();
    auto* book = w.window.findChild<Handbook*>();
    auto* list = book->findChild<ChoiceList*>(QStringLiteral("chapters"));
    auto* page = book->findChild<QTextBrowser*>(QStringLiteral("page"));
    int pictures = 0;
    for (int row = 0; row < list->count(); ++row) {
      list->setCurrentRow(row);
      for (QTextBlock b = page->document()->begin(); b.isValid(); b = b.next())
        for (auto it = b.begin(); !it.atEnd(); ++it)
          if (const QTextImageFormat f = it.fragment().charFormat().toImageFormat(); f.isValid()) {
            ++pictures;
            QVERIFY2(!QImage(f.name()).isNull(), qPrintable(f.name()));
            QVERIFY(f.width() <= page->viewport()->width());
          }
    }
    QVERIFY(pictures >= 5);
    QVERIFY(list->choose(QStringLiteral("keys")));
    const QString text = page->toPlainText();
    for (const char* id : {"save", "undo", "handbook", "walk", "another", "title", "open"}) {
      const QAction* action = w.window.action(QLatin1String(id));
      QVERIFY2(action && !action->shortcut().isEmpty(), id);
      QVERIFY2(text.contains(action->shortcut().toString(QKeySequence::NativeText)), id);
    }
  }

  // In every language that is offered there are the same chapters, with the same pictures, lists and number
  // of parts, in other words; and the window shows that language's.
  void itSpeaksEveryLanguage() {
    const auto read = [](const QString& path) {
      QFile file(path);
      return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
    };
    const auto count = [](const QString& text, const char* what) {
      return text.count(QRegularExpression(QLatin1String(what), QRegularExpression::MultilineOption));
    };
    const QStringList chapters =
        QDir(QStringLiteral(":/handbook")).entryList({QStringLiteral("*.md")}, QDir::Files);
    QVERIFY(chapters.size() >= 12);
    for (const Language& l : languages()) {
      if (qstrcmp(l.code, "en") == 0) continue;
      for (const QString& name : chapters) {
        const QString here = read(QStringLiteral(":/handbook/") + name);
        const QString there = read(QStringLiteral(":/handbook/%1/%2").arg(QLatin1String(l.code), name));
        const QByteArray which = (QLatin1String(l.code) + QLatin1String(": ") + name).toUtf8();
        QVERIFY2(!there.isEmpty() && there != here, which);
        QVERIFY2(there.size() > here.size() * 3 / 4, which);
        if (name.contains(QLatin1String("words"))) continue;  // in the order of that language
        for (const char* what :
             {"^# .", "^## .", "^- .", "^\\d\\. .", "^!\\[.+\\]\\(:/handbook/\\w+\\.png\\)$"})
          QVERIFY2(count(there, what) == count(here, what), which + ' ' + what);
      }
      speak(*qApp, QString::fromLatin1(l.code));
      const auto back = qScopeGuard([] { speak(*qApp, QStringLiteral("en")); });
      Window w(false);
      w.window.action(QStringLiteral("handbook"))->trigger();
      auto* book = w.window.findChild<Handbook*>();
      QVERIFY(
          book->findChild<ChoiceList*>(QStringLiteral("chapters"))->choose(QStringLiteral("01-first-card")));
      auto* page = book->findChild<QTextBrowser*>(QStringLiteral("page"));
      const QString first = read(QStringLiteral(":/handbook/%1/01-first-card.md").arg(QLatin1String(l.code)));
      QVERIFY(page->toPlainText().startsWith(first.section(u'\n', 0, 0).mid(2)));
    }
  }
};

HAVLO_TEST(TstHandbook)
#include "tst_handbook.moc"
