// The masks page through the real window: parts kept and dropped, sheets, cut files and the cutter.
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QLabel>
#include <QPushButton>
#include <QSettings>
#include <QSignalSpy>

#include "app/common/choice_list.h"
#include "app/masks/machine_rows.h"
#include "app/masks/mask_view.h"
#include "app/masks/masks_page.h"
#include "core/cutting/registration.h"
#include "core/mask/mask_shape.h"
#include "core/outline/shape_ops.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

struct Masks : Window {
  Masks() {
    window.visit(QStringLiteral("order"));
    window.order().showMasks();
    settleOrder(session());  // a better order changes which masks there are
    settle(page());
  }
  MasksPage& page() { return window.order().masks(); }
  bool press(const QString& text) {
    for (QPushButton* b : page().findChildren<QPushButton*>())
      if (b->text() == text && b->isVisible()) {
        QTest::mouseClick(b, Qt::LeftButton);
        return true;
      }
    return false;
  }
  bool says(const QString& text) {
    for (const QLabel* l : page().findChildren<QLabel*>())
      if (l->isVisible() && wordsOn(*l).contains(text)) return true;
    return false;
  }
  void pick(const QString& item) {
    for (QComboBox* c : page().findChildren<QComboBox*>())
      if (const int k = c->findText(item); k >= 0) {
        c->setCurrentIndex(k);
        Q_EMIT c->activated(k);
      }
    settle(page());
  }
  size_t stampIndex(const char* id) {
    size_t s = 0;
    while (session().plan().stamps[s]->id != id) ++s;
    return s;
  }
};

}  // namespace

class TstMasksPage : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void everyMaskIsListedAndLaidOut() {
    Masks m;
    int listed = 0;
    for (int k = 0; k < m.page().list().count(); ++k)
      listed +=
          std::max(1, m.page().list().textAt(k).section(u' ', 0, 0).toInt());  // one over several things
    QCOMPARE(listed, m.session().analysis()->masksToCut());
    settle(m.page());
    QCOMPARE(static_cast<int>(m.page().job().masks.size()), listed);
    QVERIFY(m.says(QStringLiteral("masks on one sheet")));
  }

  void aMachineWithAnEyeAndATrailingBlade() {
    QSettings().remove(QStringLiteral("cutter"));
    {
      Masks m;
      settle(m.page());
      QVERIFY(m.press(QStringLiteral("The cutting machine…")));
      auto* rows = m.page().findChild<MachineRows*>();
      QVERIFY(rows && rows->isVisible());
      auto* blade = rows->findChild<QDoubleSpinBox*>();
      blade->setFocus();
      blade->selectAll();
      QTest::keyClicks(blade, QLocale().toString(0.25, 'f', 2));
      QTest::keyClick(blade, Qt::Key_Tab);
      m.pick(QStringLiteral("marks printed on the sheet"));
      QCOMPARE(rows->machine(), (CuttingMachine{{0.25, 0}, true}));
      settle(m.page());
      // Nothing lies where the marks are.
      for (const LaidMask& mask : m.page().job().masks) {
        const Box box = boxOf(mask.onSheet);
        QVERIFY(box.left > kMarkRoom_mm - 0.1 && box.bottom > kMarkRoom_mm - 0.1);
      }
      for (const char* format : {"SVG", "DXF", "HPGL"}) {
        m.pick(QLatin1String(format));
        QVERIFY(m.press(QStringLiteral("Try the cutter")));
        settle(m.page());
        QVERIFY(m.says(QStringLiteral("A sheet laid in askew is found by its marks")));
        for (const CutReport& r : m.page().reports()) QVERIFY(r.open.empty());
      }
      QVERIFY(m.press(QStringLiteral("Put the machine away")));
      QVERIFY(!rows->isVisible());
    }
    // The machine is the maker's: the next plan has it.
    Masks again;
    settle(again.page());
    QVERIFY(again.press(QStringLiteral("The machine: finds printed marks, its blade trails %1 mm…")
                            .arg(QLocale().toString(0.25, 'f', 2))));
    QSettings().remove(QStringLiteral("cutter"));
  }

  void aClickCutsAFiddlyPartAndAnotherLeavesIt() {
    Masks m;
    // The first that has a mask of its own with something fiddly in it.
    std::vector<FiddlyPart> parts;
    std::string of;
    const auto fiddly = [&] {
      return std::find_if(parts.begin(), parts.end(),
                          [](const FiddlyPart& p) { return p.kind != FiddlyPart::Kind::Hole; });
    };
    for (size_t k = 0; k < m.session().plan().stamps.size() && (of.empty() || fiddly() == parts.end()); ++k) {
      if (m.session().analysis()->stampMasks[k].cut == 0) continue;
      of = m.session().plan().stamps[k]->id;
      parts = fiddlyParts(*m.session().plan().stamps[k], m.session().plan().supplies);
    }
    const auto part = fiddly();
    QVERIFY(part != parts.end());
    m.page().choose(of.c_str());
    const size_t s = m.stampIndex(of.c_str());
    const double before = areaOf(m.session().analysis()->masks[s]->mask);
    QTest::mouseClick(&m.page().view(), Qt::LeftButton, {}, m.page().view().toPixels(part->inside).toPoint());
    const double after = areaOf(m.session().analysis()->masks[s]->mask);
    QVERIFY2(part->cut ? after < before : after > before,
             qPrintable(QStringLiteral("%1 to %2").arg(before).arg(after)));
    QVERIFY(bool(readPlan(writePlan(m.session().plan()))));
    m.session().undoStack().undo();
    QCOMPARE(areaOf(m.session().analysis()->masks[s]->mask), before);
  }

  void whatStaysUncoveredIsSaidInWords() {
    Masks m;
    m.page().choose("reeds");
    QVERIFY(m.says(QStringLiteral("let the background run over")));
    QVERIFY(m.says(QStringLiteral("mm² stay uncovered in all")));
  }

  void sheetsNotesAndNotches() {
    Masks m;
    m.pick(QStringLiteral("6 × 6 in masking sheet"));
    QCOMPARE(m.session().plan().supplies.maskSheet->width_mm, 152.4);
    QVERIFY(m.says(QStringLiteral("Too large for it")));
    m.pick(QStringLiteral("3 × 3 in sticky note"));
    QVERIFY(m.session().plan().supplies.maskSheet->stickyBand_mm.has_value());
    settle(m.page());
    QVERIFY(m.page().job().sheets > 1);
    m.pick(QStringLiteral("a notch to feel"));
    QCOMPARE(m.session().plan().supplies.footMark, FootMark::Notch);
    m.pick(QStringLiteral("the printer's paper"));
    QVERIFY(!m.session().plan().supplies.maskSheet);
  }

  void theCutterFreesEveryPiece() {
    Masks m;
    for (const char* format : {"SVG", "DXF", "HPGL", "PDF"}) {
      m.pick(QLatin1String(format));
      settle(m.page());
      QVERIFY2(!m.says(QStringLiteral("pieces come free")), format);
      QVERIFY2(m.press(QStringLiteral("Try the cutter")), format);
      settle(m.page());
      QVERIFY2(m.says(QStringLiteral("pieces come free")), format);
      QVERIFY2(!m.page().reports().empty(), format);
      for (const CutReport& r : m.page().reports()) QVERIFY2(r.open.empty(), format);
    }
  }

  void aCutFileIsSavedAndFaultsAreSaid() {
    Masks m;
    const QString file = m.folder.filePath(QStringLiteral("masks.dxf"));
    settle(m.page());
    m.page().writeTo(file, CutFormat::Dxf);
    const auto read = readCutFile(file);
    QVERIFY(bool(read));
    QSignalSpy trouble(&m.session(), &PlanSession::trouble);
    m.page().writeTo(QStringLiteral("/nowhere/masks.dxf"), CutFormat::Dxf);
    QCOMPARE(trouble.count(), 1);
  }

  void aPlanWithoutMasksIsQuiet() {
    Window w;
    w.window.openDemo(QStringLiteral("teaching-silhouettes"));
    w.window.visit(QStringLiteral("order"));
    w.window.order().showMasks();
    settle(w.window.order().masks());
    QCOMPARE(w.window.order().masks().list().count(), 0);
  }
};

HAVLO_TEST(TstMasksPage)
#include "tst_masks_page.moc"
