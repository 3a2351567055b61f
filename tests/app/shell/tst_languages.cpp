// Every text of the window comes through the translator, in every place; what is shown in a language fits its
// field; the translations keep their numbers.
#include <QAbstractButton>
#include <QAccessible>
#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QMenu>
#include <QMenuBar>
#include <QProcess>
#include <QRegularExpression>
#include <QScopeGuard>
#include <QScrollArea>
#include <QSignalSpy>
#include <QTranslator>

#include "app/shell/language.h"
#include "app/shell/places.h"
#include "app/theme/theme.h"
#include "core/edit/edits.h"
#include "io/wording/error_words.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Says every text between marks and a third longer, so that what does not come through it is seen.
class Marks : public QTranslator {
 public:
  bool isEmpty() const override { return false; }
  QString translate(const char*, const char* text, const char*, int) const override {
    const QString said = QString::fromUtf8(text);
    return u'⟦' + said + u'⟧';
  }
};

const char* kPlaces[] = {"card", "drawer", "scene",    "order",   "ink",  "colour",
                         "make", "log",    "practice", "arrange", "begin"};

/// What a widget shows, as it is told by its class.
QString shownBy(const QWidget& w) {
  if (const auto* label = qobject_cast<const QLabel*>(&w)) return label->text();
  if (const auto* button = qobject_cast<const QAbstractButton*>(&w)) return button->text();
  return {};
}

bool isWords(const QString& text) {
  static const QRegularExpression letters(QStringLiteral("\\p{L}{3}"));
  return letters.match(text).hasMatch();
}

}  // namespace

class TstLanguages : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }
  void cleanup() { speak(*qApp, QStringLiteral("en")); }

  // In German, French and Dutch 6.3 is written 6,3 (Unicode CLDR, from memory), wherever it is shown; files
  // keep their points.
  void numbersAreWrittenAsInTheLanguage() {
    speak(*qApp, QStringLiteral("de"));  // the others come by the same way
    Window w;
    w.session().setUnits(MeasureStyle::Millimetres);
    w.window.drawerSession().fillWithDemo();
    w.session().select(QStringLiteral("poplar1"));
    const QByteArray file = QByteArray::fromStdString(writePlan(w.session().plan()));
    static const QRegularExpression point(QStringLiteral("\\d\\.\\d")), comma(QStringLiteral("\\d,\\d"));
    QSet<QString> wrong;
    int right = 0;
    const auto look = [&](const QString& text) {
      if (point.match(text).hasMatch()) wrong << text;
      right += comma.match(text).hasMatch();
    };
    for (const char* id : kPlaces) {
      w.window.visit(QLatin1String(id));
      settleOrder(w.session());
      waitForJobs(w.window.place(QLatin1String(id)));
      for (QWidget* widget : w.window.findChildren<QWidget*>()) {
        if (!widget->isVisible()) continue;
        look(shownBy(*widget));
        look(widget->toolTip());
        if (const auto* edit = qobject_cast<const QLineEdit*>(widget)) look(edit->text());
        if (const auto* box = qobject_cast<const QComboBox*>(widget)) look(box->currentText());
        if (QAccessibleInterface* told = QAccessible::queryAccessibleInterface(widget))
          for (int k = 0; k < told->childCount(); ++k)
            if (QAccessibleInterface* child = told->child(k)) look(child->text(QAccessible::Name));
      }
    }
    QVERIFY2(wrong.isEmpty(), qPrintable(QStringList(wrong.values()).join(u'\n')));
    QVERIFY(right > 20);
    QVERIFY(file.contains("127.0") || file.contains("177.8"));
    QCOMPARE(QByteArray::fromStdString(writePlan(w.session().plan())), file);
  }

  void everyTextIsTranslated() {
    Marks marks;
    qApp->installTranslator(&marks);
    QSet<QString> bare;
    {
      Window w;
      w.window.drawerSession().fillWithDemo();
      QSet<QString> known;  // the maker's own words
      for (const StampRef& s : w.session().plan().stamps) known << QString::fromStdString(s->name);
      for (const Ink& i : w.session().plan().inks) known << QString::fromStdString(i.name);
      known << QString::fromStdString(w.session().plan().title);
      for (const char* id : kPlaces) {
        w.window.visit(QLatin1String(id));
        settleOrder(w.session());
        QCoreApplication::processEvents();
        for (QWidget* widget : w.window.findChildren<QWidget*>()) {
          const QString text = shownBy(*widget);
          if (!widget->isVisible() || !isWords(text) || text.contains(u'⟦')) continue;
          static const QRegularExpression number(QStringLiteral(" \\d+$"));  // "Reeds 2", of several
          if (known.contains(text) || known.contains(QString(text).remove(number))) continue;
          bare << QStringLiteral("%1: %2").arg(QLatin1String(id), text.left(60));
        }
      }
    }
    qApp->removeTranslator(&marks);
    QStringList list(bare.begin(), bare.end());
    list.sort();
    // Sizes and papers have names of their own; languages are called in theirs.
    static const QRegularExpression own(
        QStringLiteral("A[46]|Letter|dpi|Inter|Deutsch|English|Français|Nederlands"));
    list.removeIf([](const QString& s) { return own.match(s).hasMatch(); });
    QVERIFY2(list.isEmpty(), qPrintable(QStringLiteral("%1\n").arg(list.size()) + list.join(u'\n')));
  }

  void theWindowSpeaksGerman() {
    speak(*qApp, QStringLiteral("de"));
    QCOMPARE(spokenLanguage(), QStringLiteral("de"));
    Window w;
    QVERIFY(says(w.window.scene(), QStringLiteral("Was die Szene sagt")));
    w.session().select(QStringLiteral("hare"));
    w.window.action(QStringLiteral("another"))->trigger();
    QVERIFY2(w.session().undoStack().undoText().contains(QStringLiteral("Noch eines von")),
             qPrintable(w.session().undoStack().undoText()));
    // Menus, too, and each has a key of its own.
    QSet<QChar> keys;
    for (QAction* a : w.window.menuBar()->actions()) {
      const qsizetype at = a->text().indexOf(u'&');
      QVERIFY2(at >= 0, qPrintable(a->text()));
      QVERIFY2(!keys.contains(a->text()[at + 1].toLower()), qPrintable(a->text()));
      keys << a->text()[at + 1].toLower();
    }
    QCOMPARE(w.window.menuBar()->actions().first()->text(), QStringLiteral("&Plan"));
    QCOMPARE(w.window.menuBar()->actions()[1]->text(), QStringLiteral("Ä&ndern"));
  }

  // Nothing that is shown is wider than its field, in the languages that are offered.
  void nothingIsCutOff_data() {
    QTest::addColumn<QString>("language");
    QTest::addColumn<double>("text");
    QTest::addColumn<QSize>("size");
    // A window of 1280 × 800 at 200 % of the screen's scale is one of 1280 × 800 at 100 % with finer pixels.
    const std::pair<double, QSize> all[] = {{1.0, {1280, 800}},  {1.0, {1024, 720}}, {1.0, {1920, 1050}},
                                            {1.0, {2560, 1400}}, {1.5, {1280, 800}}, {1.5, {1920, 1050}},
                                            {2.0, {1280, 800}},  {2.0, {1920, 1050}}};
    for (const Language& l : languages())
      for (const auto& [text, size] : all)
        if (thorough() || (text == 1 && size.width() == 1280))
          QTest::addRow("%s, text %d %%, %d x %d", l.code, int(100 * text), size.width(), size.height())
              << QString::fromLatin1(l.code) << text << size;
  }
  void nothingIsCutOff() {
    QFETCH(QString, language);
    QFETCH(double, text);
    QFETCH(QSize, size);
    speak(*qApp, language);
    applyTheme(*qApp, {false, text});
    const auto back = qScopeGuard([] { applyTheme(*qApp, {false, 1}); });
    Window w;
    w.window.resize(size);
    w.window.drawerSession().fillWithDemo();
    QStringList cut;
    int looked = 0;
    const auto cutOn = [&](const char* id) {
      QStringList out;
      // What rolls up and down only must not be wider than its column.
      for (const QScrollArea* area : w.window.findChildren<QScrollArea*>()) {
        if (!area->isVisible() || area->horizontalScrollBarPolicy() != Qt::ScrollBarAlwaysOff ||
            !area->widget())
          continue;
        if (area->viewport()->width() < area->widget()->minimumSizeHint().width() - 2)
          out << QStringLiteral("%1: a column of %2 px, %3 wanted: %4")
                     .arg(QLatin1String(id))
                     .arg(area->viewport()->width())
                     .arg(area->widget()->minimumSizeHint().width())
                     .arg(QLatin1String(area->parentWidget()->metaObject()->className()));
      }
      for (QWidget* widget : w.window.findChildren<QWidget*>()) {
        if (!widget->isVisible() || !isWords(shownBy(*widget))) continue;
        const auto* label = qobject_cast<QLabel*>(widget);
        const bool wraps = label && label->wordWrap();
        ++looked;
        const int need = wraps ? widget->heightForWidth(widget->width()) : widget->sizeHint().width();
        const int have = wraps ? widget->height() : widget->width();
        if (have < need - 2)
          out << QStringLiteral("%1: %2 of %3 px: %4")
                     .arg(QLatin1String(id))
                     .arg(have)
                     .arg(need)
                     .arg(shownBy(*widget).left(70));
      }
      return out;
    };
    for (const char* id : kPlaces) {
      w.window.visit(QLatin1String(id));
      settleOrder(w.session());
      QCoreApplication::processEvents();
      // Words that a job has just brought have their room a moment later.
      QStringList now = cutOn(id);
      for (int k = 0; k < 30 && !now.isEmpty(); ++k) QTest::qWait(100), now = cutOn(id);
      cut << now;
    }
    QVERIFY(looked > 200);
    QVERIFY2(cut.isEmpty(), qPrintable(QStringLiteral("%1\n").arg(cut.size()) + cut.join(u'\n')));
  }

  // What the core says is wrong is said in the language of the window as well, names and places kept.
  void faultsOfTheCoreAreTranslated() {
    speak(*qApp, QStringLiteral("de"));
    QCOMPARE(errorReason({ErrorCode::BadInput, "there is no wash \"sky\"", {}}),
             QStringLiteral("es gibt keinen Verlauf „sky“"));
    QCOMPARE(errorWords({ErrorCode::BadInput, "has 12 points; 9 are the most", "washes[0].area"}),
             QStringLiteral("washes[0].area: hat 12 Punkte; höchstens 9 gehen"));
    Window w;
    QSignalSpy trouble(&w.session(), &PlanSession::trouble);
    w.session().edit(QStringLiteral("x"), withTurn(w.session().plan(), "nobody", Degrees{3}));
    QCOMPARE(trouble.count(), 1);
    QCOMPARE(trouble[0][0].toString(), QStringLiteral("es gibt keinen Abdruck „nobody“"));
  }

  void translationsAreWhole() {
    QProcess check;
    check.start(QStringLiteral(HAVLO_SOURCE_DIR "/tools/translate"), {QStringLiteral("--check")});
    QVERIFY(check.waitForFinished(60000));
    QVERIFY2(check.exitCode() == 0, check.readAllStandardOutput().constData());
  }
};

HAVLO_TEST(TstLanguages)
#include "tst_languages.moc"
