// From the panel to the envelope through the real window: faces, the cut list, many cards, sizes kept, rims
// dragged, and the inside stamped on the way in Make.
#include <QComboBox>
#include <QLineEdit>
#include <QMenu>
#include <QProcess>
#include <QPushButton>
#include <QSpinBox>

#include "app/card/batch_page.h"
#include "app/card/card_place.h"
#include "app/card/card_view.h"
#include "app/card/cut_page.h"
#include "app/card/cut_view.h"
#include "app/card/pieces_page.h"
#include "app/card/stack_view.h"
#include "app/common/choice_list.h"
#include "app/drawer/stock_panel.h"
#include "app/drawer/supplies_panel.h"
#include "app/session/drawer_session.h"
#include "app/session/making_session.h"
#include "app/shell/exporting.h"
#include "core/card/card_fit.h"
#include "core/edit/edits.h"
#include "core/edit/piece_edits.h"
#include "core/pieces/face_plan.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct Whole : Window {
  explicit Whole(const char* name = "canal-towpath") {
    window.openDemo(QLatin1String(name));
    window.visit(QStringLiteral("card"));
    QCoreApplication::processEvents();
  }
  CardPlace& place() { return window.card(); }
  template <typename W>
  W* find(const QString& name) {
    QCoreApplication::processEvents();
    return place().findChild<W*>(name);
  }
  void click(const QString& name) {
    auto* b = window.findChild<QPushButton*>(name);
    QVERIFY2(b && b->isVisible(), qPrintable(name));
    QTest::mouseClick(b, Qt::LeftButton);
    QCoreApplication::processEvents();
  }
  void type(QLineEdit* e, const QString& text) {
    e->setFocus();
    e->selectAll();
    QTest::keyClicks(e, text);
    QTest::keyClick(e, Qt::Key_Return);
  }
  bool says(const QString& text) {
    QCoreApplication::processEvents();
    return testing::says(place(), text);
  }
};

}  // namespace

class TstFinish : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void theInside_isPlannedLikeThePanel() {
    Whole w;
    PiecesPage& pieces = w.place().pieces();
    w.click(QStringLiteral("cardTab-1"));
    pieces.add(PiecesPage::Add::Inside);
    const std::string inside = pieces.chosen();
    pieces.add(PiecesPage::Add::Envelope);
    const std::string envelope = pieces.chosen();
    const Plan front = w.session().plan();
    w.click(QStringLiteral("cornerStamp"));
    QCOMPARE(w.session().plan().faces.size(), size_t{1});
    pieces.choose(inside);
    w.click(QStringLiteral("planPicture"));
    QCOMPARE(w.window.current(), QStringLiteral("scene"));
    QCOMPARE(w.session().face(), inside);
    QVERIFY(w.session().plan().impressions.empty());
    QCOMPARE(w.session().plan().card.panel.width_mm, front.card.panel.width_mm);
    // Something is put there, moved, and undone from elsewhere: each act belongs to its face.
    const std::string greeting =
        front.impression("greeting") ? front.impression("greeting")->stamp : front.impressions.back().stamp;
    w.session().edit(QStringLiteral("words"), withNewImpression(w.session().plan(), greeting, {60, 60}));
    QCOMPARE(w.session().plan().impressions.size(), size_t{1});
    QCOMPARE(w.session().whole().impressions.size(), front.impressions.size());
    w.click(QStringLiteral("face-"));
    QCOMPARE(w.session().plan().impressions.size(), front.impressions.size());
    w.session().undoStack().undo();
    QCOMPARE(w.session().face(), inside);
    QVERIFY(w.session().plan().impressions.empty());
    w.session().undoStack().redo();
    w.click(QStringLiteral("face-") + QString::fromStdString(envelope));
    QCOMPARE(w.session().plan().impressions.size(), size_t{1});
    settleOrder(w.session());
    waitForJobs(w.window);
    // Saved, all of it is there; in a zip too, while the envelope is worked on.
    QTemporaryDir folder;
    const QString zip = folder.filePath(QStringLiteral("whole.zip"));
    w.window.errands().exporting().write(zip, Exporting::What::Zip);
    waitForJobs(w.window);
    QProcess packed;
    packed.start(QStringLiteral("/usr/bin/python3"),
                 {QStringLiteral("-c"),
                  QStringLiteral("import json,sys,zipfile\nz=zipfile.ZipFile(sys.argv[1])\n"
                                 "n=[f for f in z.namelist() if f.endswith('.havlo')]\n"
                                 "print(len(json.loads(z.read(n[0]))['impressions']))"),
                  zip});
    QVERIFY(packed.waitForFinished(20000) && packed.exitCode() == 0);
    QCOMPARE(packed.readAllStandardOutput().trimmed().toInt(),
             static_cast<int>(front.impressions.size()) + 2);
    const QString file = folder.filePath(QStringLiteral("whole.havlo"));
    QVERIFY(w.session().saveAs(file));
    const auto opened = openPlan(file);
    QVERIFY(opened && opened.value().read.plan == w.session().whole());
    QCOMPARE(opened.value().read.plan.faces.size(), size_t{2});
    // Back at Card it is the whole card again; opened, the pictures are there.
    w.window.visit(QStringLiteral("card"));
    QVERIFY(w.session().face().empty());
    const QImage bare = w.place().stack().grab().toImage();
    w.click(QStringLiteral("lookOpen"));
    waitForJobs(w.window);
    QVERIFY(w.place().stack().grab().toImage() != bare);
    // An act of the inside undone while the card is shown: the whole card stays.
    for (int k = 0; k < 3; ++k) w.session().undoStack().undo(), QCoreApplication::processEvents();
    QCoreApplication::processEvents();
    QVERIFY(w.session().face().empty());
    // Another plan: nothing of this one's faces is left.
    w.window.openDemo(QStringLiteral("potting-shed"));
    QVERIFY(w.session().face().empty() && w.session().plan() == w.session().whole());
  }

  void sheetsAreCut_andOffcutsGoBack() {
    Whole w;
    DrawerSession& drawer = w.window.drawerSession();
    DrawerPaper sheet;
    sheet.key = "white", sheet.colour = w.session().plan().card.paper.colour;
    sheet.name = w.session().plan().card.paper.name;
    sheet.thickness_mm = w.session().plan().card.paper.thickness_mm;
    sheet.width_mm = 297, sheet.height_mm = 420, sheet.sheets = 3;
    QVERIFY(drawer.putPaper(sheet));
    w.click(QStringLiteral("cardTab-2"));
    waitForJobs(w.window);
    const auto& cuts = w.place().cutting().cuts();
    QVERIFY(cuts.size() >= 2);
    QVERIFY(w.place().findChild<CutView*>()->sheets() > 0);
    QVERIFY(w.says(QStringLiteral("from the drawer")));
    QVERIFY(w.says(QStringLiteral("to get")));  // the mat's dark paper
    QVERIFY(!w.place().findChild<CutView*>()->grab().toImage().isNull());
    const auto before = drawer.papers();
    w.click(QStringLiteral("cutUp"));
    const auto paperOf = [&](const std::string& key) {
      for (const DrawerPaper& p : drawer.papers())
        if (p.key == key) return p;
      return DrawerPaper{};
    };
    QCOMPARE(paperOf("white").sheets.value_or(-1), 2);
    QVERIFY(drawer.papers().size() > before.size());
    QVERIFY(std::any_of(drawer.papers().begin(), drawer.papers().end(),
                        [](const DrawerPaper& p) { return p.offcut; }));
    // Put back from the message, everything is as it was.
    for (QPushButton* b : w.window.messages().findChildren<QPushButton*>())
      if (b->text() == QLatin1String("Put them back")) QTest::mouseClick(b, Qt::LeftButton);
    QVERIFY(drawer.papers() == before);
    // No sheet is large enough: said with what helps.
    waitForJobs(w.window);
    Plan large = w.session().plan();
    large.card.base->width_mm = 900;
    w.session().edit(QStringLiteral("large"), large);
    waitForJobs(w.window);
    QVERIFY(w.says(QStringLiteral("No sheet is large enough for")));
  }

  void manyCards_withSomeOtherwise() {
    Whole w("teaching-papers");
    w.click(QStringLiteral("cardTab-3"));
    auto* cards = w.find<QSpinBox>(QStringLiteral("batchCards"));
    cards->setFocus();
    cards->selectAll();
    QTest::keyClicks(cards, QStringLiteral("10"));
    QTest::keyClick(cards, Qt::Key_Return);
    QCOMPARE(w.session().plan().making.copies, 10);
    waitForJobs(w.window);
    QVERIFY(w.says(QStringLiteral("10 cards in about")));
    QVERIFY(w.says(QStringLiteral("on 10 cards")));
    w.click(QStringLiteral("addVariation"));
    QCOMPARE(w.session().plan().making.variations.size(), size_t{1});
    w.type(w.find<QLineEdit>(QStringLiteral("variationName-0")), QStringLiteral("for Ida"));
    auto* some = w.find<QSpinBox>(QStringLiteral("variationCards-0"));
    some->setValue(3);
    // In another ink: the last entry of the plan's own, by the keys.
    auto* stamp = w.find<QComboBox>(QStringLiteral("swapStamp-0-0"));
    QVERIFY(stamp && stamp->isVisible());
    const auto inks = [&] {
      int row = -1;
      for (int k = 0; k < stamp->count(); ++k)
        if (stamp->itemData(k).toString().startsWith(QLatin1String("i:"))) row = k;
      return row;
    }();
    stamp->setCurrentIndex(inks);
    Q_EMIT stamp->activated(inks);
    const Variation& v = w.session().plan().making.variations[0];
    QCOMPARE(v.name, std::string("for Ida"));
    QVERIFY(v.copies == 3 && !v.swaps[0].ink.empty());
    waitForJobs(w.window);
    QVERIFY(w.says(QStringLiteral("7 as planned and 3 for Ida")));
    QVERIFY(w.says(QStringLiteral("3 cards, for Ida")));
    QVERIFY(w.says(QStringLiteral("What it takes")));
    w.click(QStringLiteral("swapOff-0-0"));
    w.click(QStringLiteral("variationOff-0"));
    QVERIFY(w.session().plan().making.variations.empty());
    for (int k = 0; k < 4; ++k) w.session().undoStack().undo(), QCoreApplication::processEvents();
    waitForJobs(w.window);
  }

  void aRimIsDragged_alikeOrOneSideAlone() {
    Whole w;
    CardView& view = w.place().view();
    view.grab();
    const CardFit fit = fitCard(w.session().plan());
    const int base = static_cast<int>(fit.layers.size()) - 1;
    const auto drag = [&](Side side, QPoint by, Qt::KeyboardModifiers keys) {
      view.grab();
      const QPoint at = view.rimAt(base, side).toPoint();
      QTest::mousePress(&view, Qt::LeftButton, keys, at);
      for (int k = 1; k <= 4; ++k) {
        QMouseEvent move(QEvent::MouseMove, at + by * k / 4, view.mapToGlobal(at + by * k / 4), Qt::NoButton,
                         Qt::LeftButton, keys);
        QCoreApplication::sendEvent(&view, &move);
      }
      QTest::mouseRelease(&view, Qt::LeftButton, keys, at + by);
    };
    const Reveals was = revealsOf(fit, base - 1);
    drag(Side::Right, {14, 0}, {});
    const Reveals wide = revealsOf(fitCard(w.session().plan()), base - 1);
    QVERIFY(wide.right_mm > was.right_mm + 1 && std::fabs(wide.right_mm - wide.left_mm) < 1e-6);
    QVERIFY(std::fabs(wide.right_mm * 2 - std::round(wide.right_mm * 2)) < 1e-6);  // half millimetres
    drag(Side::Left, {6, 0}, Qt::ShiftModifier);
    const Reveals odd = revealsOf(fitCard(w.session().plan()), base - 1);
    QVERIFY(odd.left_mm < wide.left_mm && std::fabs(odd.left_mm + odd.right_mm - 2 * wide.left_mm) < 1e-6);
    w.click(QStringLiteral("centreLayers"));
    QVERIFY(w.session().plan().card.base->shift == Point{});
    // Each drag is one step of undo.
    for (int k = 0; k < 3; ++k) w.session().undoStack().undo();
    const Reveals back = revealsOf(fitCard(w.session().plan()), base - 1);
    QVERIFY(std::fabs(back.right_mm - was.right_mm) < 1e-9);
  }

  void sizesAreKept_forOtherCards() {
    Whole w;
    w.click(QStringLiteral("keepSet"));
    const auto& sets = w.window.drawerSession().sets();
    QCOMPARE(sets.size(), size_t{1});
    auto* usual = w.find<QComboBox>(QStringLiteral("usualSize"));
    QVERIFY(usual->currentText().startsWith(QLatin1String("yours:")));
    const CardBase mine = *w.session().plan().card.base;
    w.window.openDemo(QStringLiteral("teaching-papers"));
    QVERIFY(!(w.session().plan().card.base == mine));
    const int row = usual->findText(QStringLiteral("yours:"), Qt::MatchStartsWith);
    usual->setCurrentIndex(row);
    Q_EMIT usual->activated(row);
    QVERIFY(w.session().plan().card.base == mine);
    w.click(QStringLiteral("forgetSet"));
    QVERIFY(w.window.drawerSession().sets().empty());
  }

  void papersWithoutInk_patternedOnesToo() {
    Whole w("teaching-dull");
    PiecesPage& pieces = w.place().pieces();
    w.click(QStringLiteral("cardTab-1"));
    pieces.add(PiecesPage::Add::Sun);
    auto* width = w.find<QLineEdit>(QStringLiteral("pieceWidth"));
    w.type(width, QStringLiteral("50"));
    const Piece& sun = w.session().plan().pieces[0];
    QVERIFY(std::fabs(boxOf(sun.outline).width() - 50) < 1e-6 && sun.cut == PieceCut::Die);
    // Of a patterned paper: its mean is the colour it is planned in, the pattern is seen.
    QTemporaryDir folder;
    QImage striped(900, 600, QImage::Format_RGB32);
    for (int y = 0; y < striped.height(); ++y)
      for (int x = 0; x < striped.width(); ++x)
        striped.setPixel(x, y, y / 60 % 2 ? qRgb(200, 120, 40) : qRgb(240, 200, 120));
    const QString file = folder.filePath(QStringLiteral("stripes.png"));
    QVERIFY(striped.save(file));
    w.place().view().beginWork();
    waitForJobs(w.window);
    const QImage plain = w.place().view().grab().toImage();
    pieces.takePattern(file);
    const Piece& patterned = w.session().plan().pieces[0];
    QVERIFY(std::abs(patterned.paper.colour.red - 220) < 4 && std::abs(patterned.paper.colour.blue - 80) < 4);
    waitForJobs(w.window);
    QVERIFY(w.place().view().grab().toImage() != plain);
    w.click(QStringLiteral("lookAngle"));
    waitForJobs(w.window);
    QVERIFY(!w.place().stack().grab().toImage().isNull());
    // No picture: said, nothing changed.
    const Plan before = w.session().plan();
    QFile junk(folder.filePath(QStringLiteral("junk.png")));
    QVERIFY(junk.open(QIODevice::WriteOnly));
    junk.write("no picture");
    junk.close();
    pieces.takePattern(junk.fileName());
    QVERIFY(w.session().plan() == before);
    pieces.add(PiecesPage::Add::Hill);
    pieces.add(PiecesPage::Add::CutThrough, 0);
    QCOMPARE(w.session().plan().pieces.size(), size_t{3});
    QVERIFY(w.session().plan().pieces[2].outline.size() > 1);
    QCOMPARE(w.session().plan().impressions.size(), before.impressions.size() - 1);
    for (int k = 0; k < 6; ++k) w.session().undoStack().undo();
    waitForJobs(w.window);
  }

  void theStock_isCountedInTheDrawer() {
    Whole w;
    w.window.visit(QStringLiteral("drawer"));
    auto* panel = w.window.findChild<StockPanel*>();
    QVERIFY(panel);
    panel->add(GoodKind::Envelope);
    const auto& goods = w.window.drawerSession().goods();
    QCOMPARE(goods.size(), size_t{1});
    auto* count = panel->findChild<QSpinBox*>(QStringLiteral("goodCount"));
    count->setValue(12);
    QCOMPARE(goods[0].count.value_or(-1), 12);
    panel->add(GoodKind::Adhesive);
    auto* left = panel->findChild<QComboBox*>(QStringLiteral("goodLeft"));
    Q_EMIT left->activated(1);
    QVERIFY(goods[1].left == Left::Low);
    QVERIFY(panel->list()->textAt(1).contains(QStringLiteral("runs low")));
  }

  /// A sheet's fibres are told in the drawer, and the cut list keeps to them.
  void fibres_areToldInTheDrawer() {
    Whole w;
    w.window.visit(QStringLiteral("drawer"));
    DrawerPaper sheet;
    sheet.name = "Chalk";
    QVERIFY(w.window.drawerSession().putPaper(sheet));
    auto* grain = w.window.findChild<QComboBox*>(QStringLiteral("paperGrain"));
    w.window.findChild<SuppliesPanel*>()->paperList()->setCurrentRow(0);
    QVERIFY(grain && grain->isEnabled());
    const std::string key = w.window.drawerSession().papers()[0].key;
    grain->setFocus();
    QTest::keyClick(grain, Qt::Key_Down);
    QTest::keyClick(grain, Qt::Key_Down);
    QVERIFY(w.window.drawerSession().papers()[0].grain == Grain::Level);
    QCOMPARE(w.window.drawerSession().papers()[0].key, key);
    QTest::keyClick(grain, Qt::Key_Up);
    QVERIFY(w.window.drawerSession().papers()[0].grain == Grain::Upright);
  }

  /// The flap stands in the list only beside an envelope; planned, it has its chapter and its step.
  void theFlap_isPlannedAndStamped() {
    Whole w;
    PiecesPage& pieces = w.place().pieces();
    w.click(QStringLiteral("cardTab-1"));
    const auto offers = [&] {
      auto* add = w.place().findChild<QPushButton*>(QStringLiteral("addPiece"));
      Q_EMIT add->menu()->aboutToShow();
      const auto all = add->menu()->actions();
      return std::any_of(all.begin(), all.end(),
                         [](QAction* a) { return a->text().contains(QStringLiteral("flap")); });
    };
    QVERIFY(!offers());
    pieces.add(PiecesPage::Add::Envelope);
    QVERIFY(offers());
    pieces.add(PiecesPage::Add::Flap);
    QVERIFY(!offers());
    const std::string flap = pieces.chosen();
    QVERIFY(w.session().whole().pieces.back().kind == PieceKind::Flap);
    w.click(QStringLiteral("planPicture"));
    QCOMPARE(w.session().face(), flap);
    w.session().edit(QStringLiteral("a duck"),
                     withNewImpression(w.session().plan(), w.session().plan().stamps.front()->id, {40, 12}));
    w.click(QStringLiteral("face-"));
    settleOrder(w.session());
    const auto& steps = w.session().analysis()->sheet.steps;
    const auto closed = std::find_if(steps.begin(), steps.end(), [&](const Step& s) {
      return s.what == Do::Enclose && w.session().plan().pieces[ix(s.paper)].kind == PieceKind::Flap;
    });
    QVERIFY(closed != steps.end() && closed + 1 != steps.end() && (closed + 1)->what == Do::Enclose);
    w.window.visit(QStringLiteral("card"));
    w.click(QStringLiteral("lookOpen"));
    waitForJobs(w.window);
    QVERIFY(!w.place().findChild<StackView*>()->grab().isNull());
  }

  /// Make ends with the card in its envelope, its inside and envelope stamped on the way.
  void makeEnds_withTheCardInItsEnvelope() {
    Whole w("teaching-papers");
    double now = 1.8e9;
    w.window.making().clock = [&now] { return now; };
    PiecesPage& pieces = w.place().pieces();
    pieces.add(PiecesPage::Add::Envelope);
    const std::string envelope = pieces.chosen();
    const Plan plan = w.session().plan();
    w.session().edit(QStringLiteral("corner"),
                     withCornerStamp(plan, envelope, plan.impressions[0].stamp, plan.impressions[0].ink));
    w.window.visit(QStringLiteral("make"));
    settleOrder(w.session());
    w.click(QStringLiteral("begin"));
    waitForJobs(w.window);
    const auto& bench = w.window.making().bench();
    QVERIFY(bench.has_value());
    const std::string card = bench->record().id;
    bool stamped = false;
    for (int k = 0; k < 400 && !(bench->record().id == card && bench->finished()); ++k) {
      now += 4000;  // whatever has to dry is dry
      auto* face = w.window.make().findChild<QPushButton*>(QStringLiteral("stampFace"));
      if (bench->record().id == card && !stamped && face->isVisible() && face->isEnabled() &&
          bench->step(bench->at()).what == Do::Enclose) {
        QTest::mouseClick(face, Qt::LeftButton);
        waitForJobs(w.window);
        QVERIFY(bench && bench->record().id != card);
        QCOMPARE(bench->plan().impressions.size(), size_t{1});
        QVERIFY(bench->plan().title.find(plan.title) == 0);
        continue;
      }
      if (bench->finished()) {
        w.click(QStringLiteral("log"));
        waitForJobs(w.window);
        stamped = true;
        QVERIFY(bench && bench->record().id == card);  // back at the card
        continue;
      }
      w.window.make().tickTimers();
      w.window.make().stepDone();
    }
    QVERIFY(stamped && bench->finished());
    QVERIFY(bench->step(bench->count() - 1).what == Do::Enclose);
  }
};

HAVLO_TEST(TstFinish)
#include "tst_finish.moc"
