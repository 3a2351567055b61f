// Parts that places share: panels that fold, the tin of ink pads, small drawings, the words that are
// explained.
#include <QAbstractItemView>
#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QHelpEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMenuBar>
#include <QPushButton>
#include <QSignalSpy>
#include <QSlider>
#include <QTextDocument>
#include <QToolTip>

#include "app/common/column_width.h"
#include "app/common/divider_tab.h"
#include "app/common/drawings.h"
#include "app/common/flow_row.h"
#include "app/common/ink_tin.h"
#include "app/common/keyed_rows.h"
#include "app/common/shaped_text.h"
#include "app/common/side_panels.h"
#include "app/common/tip.h"
#include "app/drawer/stamp_facts.h"
#include "app/help/glossary.h"
#include "app/help/handbook.h"
#include "app/shell/places.h"
#include "app/shell/trail.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstSharedParts : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void aNumberStaysWithItsUnit_data() {
    QTest::addColumn<QString>("loose");
    QTest::addColumn<QString>("kept");  // with ~ for a space that no line ends at
    QTest::newRow("percent") << "first (66 % of the pull)"
                             << "first (66~% of the pull)";
    QTest::newRow("lengths") << "at 1.2 m, 3/4 in high, 5 mm"
                             << "at 1.2~m, 3/4~in high, 5~mm";
    QTest::newRow("with a fraction") << "8 3/4 in by 5 3/4 in"
                                     << "8~3/4~in by 5~3/4~in";
    QTest::newRow("at the end") << "12 min"
                                << "12~min";
    QTest::newRow("other words") << "3 masks of 2 mice, 4 müde"
                                 << "3 masks of 2 mice, 4 müde";
    QTest::newRow("no number") << "the mm of it"
                               << "the mm of it";
    QTest::newRow("nothing") << ""
                             << "";
  }
  void aNumberStaysWithItsUnit() {
    QFETCH(QString, loose);
    QFETCH(QString, kept);
    QCOMPARE(keptTogether(loose), kept.replace(u'~', QChar(QChar::Nbsp)));
    QLabel label;
    showText(&label, loose);
    QCOMPARE(wordsOn(label), loose);
  }

  // Whatever a menu does has a drawing with ink in it, unless a mark of what is chosen stands in its place.
  void everyActHasItsDrawing() {
    Window w;
    int drawn = 0;
    QStringList bare;
    for (QMenu* menu : w.window.menuBar()->findChildren<QMenu*>(Qt::FindDirectChildrenOnly)) {
      if (menu->objectName() == QLatin1String("lessons")) continue;
      for (QAction* action : menu->actions()) {
        if (action->isSeparator() || action->isCheckable() || action->menu()) continue;
        const QImage seen = action->icon().pixmap(24).toImage();
        int inked = 0;
        for (int y = 0; y < seen.height(); ++y)
          for (int x = 0; x < seen.width(); ++x) inked += qAlpha(seen.pixel(x, y)) > 128;
        if (inked < 20) bare << action->objectName();
        ++drawn;
      }
    }
    QVERIFY2(bare.isEmpty(), qPrintable(bare.join(u' ')));
    QVERIFY(drawn > 50);
    // Each once, under a name of its own.
    QStringList ids;
    for (const ActionTable::Entry& e : w.window.actions().all()) ids << e.action->objectName();
    const qsizetype named = ids.size();
    ids.removeDuplicates();
    QCOMPARE(ids.size(), named);
    QVERIFY(w.window.action(QStringLiteral("begin"))->text().contains(QStringLiteral("begin with")));
    // On the other ground they are drawn in its ink.
    const auto inkOf = [&] { return w.window.action(QStringLiteral("save"))->icon().pixmap(24).toImage(); };
    const QImage light = inkOf();
    w.window.action(QStringLiteral("dark"))->trigger();
    const QImage dark = inkOf();
    w.window.action(QStringLiteral("dark"))->trigger();
    QVERIFY(light != dark);
    QCOMPARE(inkOf(), light);
  }

  // By width alone: all beside each other; the panels share a side; they take turns with the main thing.
  void panelsFold() {
    auto* main = new QWidget;
    auto* before = new QWidget;
    auto* after = new QWidget;
    before->setFixedWidth(200), after->setFixedWidth(250);
    SidePanels panels(main, QStringLiteral("main"), 400);
    panels.add(before, QStringLiteral("before"), SidePanels::Side::Before);
    panels.add(after, QStringLiteral("after"), SidePanels::Side::After);
    panels.resize(1000, 500);
    panels.show();
    QCOMPARE(panels.folding(), SidePanels::Folding::None);
    QVERIFY(before->geometry().right() < main->geometry().left() &&
            main->geometry().right() < after->geometry().left());
    QCOMPARE(main->width() + before->width() + after->width() + 20, 1000);
    panels.resize(700, 500);
    QCOMPARE(panels.folding(), SidePanels::Folding::Shared);
    QVERIFY(main->isVisible() && before->isVisible() && !after->isVisible());
    QVERIFY(main->width() >= 400);
    panels.bringUp(after);
    QVERIFY(!before->isVisible() && after->isVisible());
    panels.resize(500, 500);
    QCOMPARE(panels.folding(), SidePanels::Folding::Turns);
    QVERIFY(main->isVisible() && !before->isVisible() && !after->isVisible());
    for (auto* tab : panels.findChildren<DividerTab*>())
      if (tab->text() == QLatin1String("before")) QTest::mouseClick(tab, Qt::LeftButton);
    QVERIFY(!main->isVisible() && before->isVisible());
    // What is shown must not move the main thing when there is room again.
    panels.resize(1000, 500);
    QVERIFY(main->isVisible() && before->isVisible() && after->isVisible());
    const QRect at = main->geometry();
    panels.bringUp(before);
    QCOMPARE(main->geometry(), at);
    // Read from the right, what stands before stands at the right.
    panels.setLayoutDirection(Qt::RightToLeft);
    QCoreApplication::processEvents();
    QVERIFY(before->geometry().left() > main->geometry().right() &&
            after->geometry().right() < main->geometry().left());
  }

  void columnsGrowWithAWideWindow() {
    QWidget window;
    auto* row = new QHBoxLayout(&window);
    auto* column = new QWidget;
    row->addWidget(column);
    row->addStretch(1);
    holdWidth(column, 300);
    window.resize(1280, 400);
    window.show();
    QCoreApplication::processEvents();
    QCOMPARE(column->width(), 300);
    window.resize(2560, 400);
    QCoreApplication::processEvents();
    QVERIFY2(column->width() > 400 && column->width() <= 480, qPrintable(QString::number(column->width())));
    window.resize(1280, 400);
    QCoreApplication::processEvents();
    QCOMPARE(column->width(), 300);
  }

  void buttonsFlowIntoLines() {
    QWidget box;
    auto* flow = new FlowRow(4);
    box.setLayout(flow);
    std::vector<QWidget*> all;
    for (int k = 0; k < 5; ++k) {
      auto* b = new QPushButton(QStringLiteral("button %1").arg(k));
      flow->addWidget(b);
      all.push_back(b);
    }
    const int one = flow->heightForWidth(2000);
    QVERIFY(flow->heightForWidth(flow->minimumSize().width()) >= 5 * one);
    box.resize(flow->sizeHint().width() / 2, 200);
    box.show();
    QCoreApplication::processEvents();
    for (size_t k = 0; k < all.size(); ++k) {
      QVERIFY(box.rect().contains(all[k]->geometry()));
      for (size_t m = 0; m < k; ++m) QVERIFY(!all[k]->geometry().intersects(all[m]->geometry()));
    }
    QVERIFY(all.back()->y() > all.front()->y());
  }

  // Every pad is the colour it gives, to the last digit, and no two of a row are alike; sliders and digits
  // lead to the same colour.
  void theTinGivesTheColourItShows() {
    InkTin tin(QStringLiteral("Colour"), Colour{30, 90, 160}, nullptr);
    tin.show();
    QVERIFY(tin.colour() == (Colour{30, 90, 160}));
    auto* pads = tin.findChild<PadGrid*>();
    const auto items = pads->items();
    QCOMPARE(items.size(), size_t{72});
    std::set<std::tuple<int, int, int>> seen;
    for (size_t k = 0; k < items.size(); ++k) {
      QVERIFY(!items[k].name.isEmpty());
      QTest::mouseClick(pads, Qt::LeftButton, {}, items[k].place.center());
      const Colour c = tin.colour();
      const QColor shown = tin.grab().toImage().pixelColor(pads->mapTo(
          &tin,
          items[k].place.center() + QPoint(items[k].place.width() / 4, items[k].place.height() / 4 - 1)));
      QVERIFY2(std::abs(shown.red() - c.red) < 60 && std::abs(shown.green() - c.green) < 60 &&
                   std::abs(shown.blue() - c.blue) < 60,
               qPrintable(items[k].name));
      seen.insert({c.red, c.green, c.blue});
    }
    QVERIFY2(seen.size() >= 70, qPrintable(QString::number(seen.size())));
    // Lightness is CIE L*, as the slider says.
    auto* light = tin.findChild<QSlider*>(QStringLiteral("light"));
    light->setValue(50);
    QVERIFY(std::fabs(lightnessOf(tin.colour()) - 50) < 1.5);
    auto* code = tin.findChild<QLineEdit*>(QStringLiteral("code"));
    tin.activateWindow();
    QVERIFY(QTest::qWaitForWindowActive(&tin));
    code->setFocus();
    code->selectAll();
    QTest::keyClicks(code, QStringLiteral("#3FA07c"));
    QTest::keyClick(code, Qt::Key_Tab);
    QVERIFY(tin.colour() == (Colour{0x3f, 0xa0, 0x7c}));
    code->setText(QStringLiteral("nonsense"));
    Q_EMIT code->editingFinished();
    QCOMPARE(code->text(), QStringLiteral("3FA07C"));
    // By keys from pad to pad.
    QTest::mouseClick(pads, Qt::LeftButton, {}, items[0].place.center());
    const Colour first = tin.colour();
    QTest::keyClick(pads, Qt::Key_Right);
    QVERIFY(!(tin.colour() == first));
  }

  // Every place of the trail and every kind of step has a drawing with ink in it, unlike every other of its
  // set.
  void everyDrawingIsThere() {
    QStringList names;
    for (const PlaceKind& kind : placeKinds())
      if (kind.onTrail) names << QStringLiteral("place-") + kind.id;
    for (int d = 0; d <= static_cast<int>(Do::Enclose); ++d) {
      QVERIFY(!drawingOf(static_cast<Do>(d)).isEmpty());
      if (!names.contains(drawingOf(static_cast<Do>(d)))) names << drawingOf(static_cast<Do>(d));
    }
    std::vector<QImage> all;
    for (const QString& name : names) {
      QImage image(24, 24, QImage::Format_RGB32);
      image.fill(Qt::white);
      QPainter p(&image);
      drawDrawing(p, name, QRectF(0, 0, 24, 24), Qt::black);
      p.end();
      int ink = 0;
      for (int y = 0; y < 24; ++y)
        for (int x = 0; x < 24; ++x) ink += qGray(image.pixel(x, y)) < 128;
      QVERIFY2(ink > 40 && ink < 400, qPrintable(QStringLiteral("%1: %2").arg(name).arg(ink)));
      for (const QImage& other : all) QVERIFY2(other != image, qPrintable(name));
      all.push_back(image);
    }
    // None lies about that nothing shows.
    const QStringList used = names;
    for (const QString& file : QDir(QStringLiteral(":/drawings")).entryList())
      QVERIFY2(!QImage(QStringLiteral(":/drawings/") + file).isNull(), qPrintable(file));
  }

  void wordsAreExplainedWhereTheyStand() {
    Glossary::speak(QStringLiteral("en"));
    const Glossary& words = Glossary::spoken();
    QVERIFY(words.words().size() > 15);
    QVERIFY(words.explained(QStringLiteral("Pressing")).join(u' ').contains(QStringLiteral("paler")));
    QVERIFY(words.explained(QStringLiteral("Masks to cut: 3"))
                .join(u' ')
                .contains(QStringLiteral("keeps ink off")));
    QVERIFY(words.explained(QStringLiteral("Nothing of this")).isEmpty());
    QVERIFY(words.explained(QStringLiteral("Matter")).isEmpty());  // not a mat
    // In every language every word of the chapter is one that is explained.
    for (const char* language : {"en", "de", "fr", "nl"}) {
      const QString chapter = chapterText(QStringLiteral("12-words"), QLatin1String(language));
      const qsizetype paragraphs = (u'\n' + chapter).count(QStringLiteral("\n**"));
      QVERIFY(paragraphs > 15);
      QVERIFY2(static_cast<qsizetype>(Glossary(chapter).words().size()) == paragraphs, language);
    }
    QLabel label(QStringLiteral("School"));
    QVERIFY(explanationOf(&label).contains(QStringLiteral("resist")));
    label.setProperty(kOtherWords, true);
    QVERIFY(explanationOf(&label).isEmpty());
  }

  /// A tip is a sentence that begins large and is broken into lines before it runs off the screen; a mark of
  /// its own is no markup.
  void tipsAreBrokenIntoLines() {
    Window w;
    QPushButton button(QStringLiteral("Try"), &w.window);
    const QString words =
        QStringLiteral("less < more & again: ") + QStringLiteral("leans on the shelf ").repeated(9);
    button.setToolTip(words.trimmed());
    button.show();
    QHelpEvent asks(QEvent::ToolTip, QPoint(2, 2), button.mapToGlobal(QPoint(2, 2)));
    QApplication::sendEvent(&button, &asks);
    const QLabel* tip = nullptr;
    QTRY_VERIFY([&] {
      for (const QWidget* top : QApplication::allWidgets())
        if (top->inherits("QTipLabel") && top->isVisible()) tip = qobject_cast<const QLabel*>(top);
      return tip != nullptr;
    }());
    const QFontMetrics font(tip->font());
    QVERIFY2(tip->width() < font.horizontalAdvance(words) * 2 / 3, qPrintable(QString::number(tip->width())));
    QVERIFY(tip->height() > 2 * font.height());
    QTextDocument read;
    read.setHtml(tip->text());
    QVERIFY(read.toPlainText().startsWith(QStringLiteral("Less < more & again")));
    QToolTip::hideText();
  }

  // In the window: Shift+F1 on a field tells of it.
  void whatHasTheKeysIsExplained() {
    Window w;
    w.session().select(QStringLiteral("hare"));
    auto* school = w.window.scene().findChild<QComboBox*>(QStringLiteral("school"));
    school->setFocus();
    QTRY_VERIFY(school->hasFocus());
    w.window.action(QStringLiteral("explain"))->trigger();
    QVERIFY2(w.window.messages().shownText().contains(QStringLiteral("get along")),
             qPrintable(w.window.messages().shownText()));
  }

  // Read from right to left the window is mirrored, the card is not: a thing left of the middle stays there.
  void mirroredButForTheCard() {
    Window w;
    auto* trail = w.window.findChild<Trail*>();
    const QPointF foot = w.face().geometryNow().toPixels({20, 20});
    QVERIFY(foot.x() < w.face().width() / 2);
    QVERIFY(trail->areaOf(0).center().x() < trail->areaOf(1).center().x());
    w.window.setLayoutDirection(Qt::RightToLeft);
    QCoreApplication::processEvents();
    QVERIFY(trail->areaOf(0).center().x() > trail->areaOf(1).center().x());
    QVERIFY(w.face().geometryNow().toPixels({20, 20}).x() < w.face().geometryNow().toPixels({100, 20}).x());
    QVERIFY(w.walk().xOf(2) < w.walk().xOf(20));
    // A place is visited where it is drawn.
    QTest::mouseClick(trail, Qt::LeftButton, {}, trail->areaOf(1).center());
    QCOMPARE(w.window.current(), QStringLiteral("drawer"));
  }

  // Large targets: nothing that is clicked in the scene, the drawer or at the table is less than 40 px tall.
  void largeTargetsAreLarge() {
    Appearance large;
    large.large = true;
    applyTheme(*qApp, large);
    {
      Window w;
      w.session().select(QStringLiteral("hare"));
      for (const char* place : {"scene", "make", "ink"}) {
        w.window.visit(QLatin1String(place));
        QCoreApplication::processEvents();
        for (const QPushButton* b : w.window.place(QLatin1String(place)).findChildren<QPushButton*>())
          if (b->isVisible())
            QVERIFY2(b->height() >= 39,
                     qPrintable(QStringLiteral("%1: %2 px").arg(b->text()).arg(b->height())));
        for (const QComboBox* b : w.window.place(QLatin1String(place)).findChildren<QComboBox*>())
          if (b->isVisible()) QVERIFY2(b->height() >= 34, qPrintable(b->objectName()));
      }
    }
    applyTheme(*qApp, {});
  }

  // An icon that was made on one ground is drawn in the inks of the ground that lies when it is looked at.
  void drawingsFollowTheGround() {
    const QIcon icon = drawingIcon(QStringLiteral("act-save"));
    const auto inkOf = [&](QIcon::Mode mode) {
      const QImage image = icon.pixmap(QSize(32, 32), mode).toImage();
      for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
          if (image.pixelColor(x, y).alpha() == 255) return image.pixelColor(x, y).rgb();
      return QRgb(0);
    };
    for (const bool dark : {true, false}) {
      applyTheme(*qApp, {dark, 1});
      QCOMPARE(inkOf(QIcon::Normal), theme().green.rgb());
      QCOMPARE(inkOf(QIcon::Disabled), theme().soft.rgb());
    }
  }

  // Of a few choices none is cut off or has to be rolled to.
  void fewChoicesAreAllSeen() {
    Window w;
    int looked = 0;
    for (const char* place : {"card", "drawer", "scene", "ink", "colour"}) {
      w.window.visit(QLatin1String(place));
      for (QComboBox* choices : w.window.place(QLatin1String(place)).findChildren<QComboBox*>()) {
        if (!choices->isVisible() || choices->count() < 2 || choices->count() > choices->maxVisibleItems())
          continue;
        choices->showPopup();
        const QRect last = choices->view()->visualRect(choices->model()->index(choices->count() - 1, 0));
        QVERIFY2(choices->view()->viewport()->rect().contains(last), qPrintable(choices->objectName()));
        QVERIFY(last.height() >= choices->fontMetrics().height() + 6);
        choices->hidePopup();
        ++looked;
      }
    }
    QVERIFY2(looked > 3, qPrintable(QString::number(looked)));
  }

  // What a stamp shows and where it looks is said with Return, as its height is.
  void returnAfterAChoiceIsTheLastWord() {
    StampFacts facts;
    facts.show();
    QSignalSpy said(&facts, &StampFacts::finished);
    int choices = 0;
    for (QComboBox* one : facts.findChildren<QComboBox*>()) {
      if (one->isEditable()) continue;
      one->setFocus();
      QTest::keyClick(one, Qt::Key_Down);
      QTest::keyClick(one, Qt::Key_Return);
      QCOMPARE(said.count(), ++choices);
    }
    QCOMPARE(choices, 2);
  }

  void nothingMovesByItself() {
    Appearance still;
    still.still = true;
    applyTheme(*qApp, still);
    QCOMPARE(QApplication::style()->styleHint(QStyle::SH_Widget_Animation_Duration), 0);
    QCOMPARE(QApplication::cursorFlashTime(), 0);
    applyTheme(*qApp, {});
    QVERIFY(QApplication::cursorFlashTime() > 0);
  }
};

HAVLO_TEST(TstSharedParts)
#include "tst_shared_parts.moc"
