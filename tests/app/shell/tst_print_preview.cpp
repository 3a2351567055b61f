// What would be printed, looked at before it is: pages turned, the printer's paper, without colour, in large
// type; and a sheet that would be empty is not shown but said.
#include <QCheckBox>
#include <QComboBox>
#include <QImage>
#include <QLabel>
#include <QPointer>
#include <QProcess>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>

#include "app/shell/print_preview.h"
#include "app/shell/printing.h"
#include "core/edit/edits.h"
#include "support/window.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// The greatest difference between the channels of a pixel: 0 where there is no colour.
int colourIn(const QImage& shown) {
  const QImage picture = shown.copy(shown.rect().adjusted(2, 2, -2, -2));  // within its frame
  int most = 0;
  for (int y = 0; y < picture.height(); ++y)
    for (int x = 0; x < picture.width(); ++x) {
      const QRgb p = picture.pixel(x, y);
      most =
          std::max(most, std::max({qRed(p), qGreen(p), qBlue(p)}) - std::min({qRed(p), qGreen(p), qBlue(p)}));
    }
  return most;
}

struct PreviewWindow : Window {
  QPointer<PrintPreview> sheet;

  void preview(PrintoutKind kind) {
    window.printing().print(kind);
    sheet = window.findChild<PrintPreview*>();
    if (sheet) waitForJobs(*sheet);
  }
  QImage page() { return sheet->findChild<QLabel*>(QStringLiteral("page"))->pixmap().toImage(); }
  template <typename W>
  W* part(const char* name) {
    return sheet->findChild<W*>(QLatin1String(name));
  }
};

}  // namespace

class TstPrintPreview : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  void thePaperAndColourAreChosenWhereThePageIsSeen() {
    PreviewWindow w;
    w.preview(PrintoutKind::Placement);
    QVERIFY(w.sheet && w.sheet->isVisible());
    QVERIFY(says(*w.sheet, QStringLiteral("one page, at true size")));
    const QImage a4 = w.page();
    // The placement sheet of so wide a card lies on its side.
    QVERIFY(std::abs(a4.width() / static_cast<double>(a4.height()) - 297 / 210.0) < 0.02);
    QVERIFY(colourIn(a4) > 40);  // its crosses are green
    auto* paper = w.part<QComboBox>("sheet");
    paper->setFocus();
    QTest::keyClick(paper, Qt::Key_Down);
    waitForJobs(*w.sheet);
    const QImage letter = w.page();  // upright: its table fits below the card
    QVERIFY(std::abs(letter.width() / static_cast<double>(letter.height()) - 8.5 / 11) < 0.02);
    QTest::mouseClick(w.part<QCheckBox>("grey"), Qt::LeftButton, {},
                      QPoint(8, w.part<QCheckBox>("grey")->height() / 2));
    QCOMPARE(colourIn(w.page()), 0);
    press(*w.sheet, QStringLiteral("Leave it"));
    QTRY_VERIFY(!w.sheet);
  }

  void pagesAreTurnedAndLargeTypeTakesMore() {
    PreviewWindow w;
    w.preview(PrintoutKind::RunSheet);
    QVERIFY(w.sheet && says(*w.sheet, QStringLiteral("page 1 of")));
    const auto pages = [&] {
      int turned = 1;
      for (auto* next : w.sheet->findChildren<QPushButton*>())
        if (next->text() == QStringLiteral("Next page"))
          for (; next->isEnabled(); ++turned) QTest::mouseClick(next, Qt::LeftButton);
      return turned;
    };
    const QImage first = w.page();
    const int usual = pages();
    QVERIFY(usual > 1);
    QVERIFY(w.page() != first);
    auto* large = w.part<QCheckBox>("largeType");
    QTest::mouseClick(large, Qt::LeftButton, {}, QPoint(8, large->height() / 2));
    waitForJobs(*w.sheet);
    QVERIFY(large->isChecked());
    while (w.page().isNull()) QTest::qWait(10);
    press(*w.sheet, QStringLiteral("Page before"));
    QVERIFY(says(*w.sheet, QStringLiteral("of")));
    for (int k = 0; k < 50; ++k) press(*w.sheet, QStringLiteral("Page before"));
    QVERIFY2(pages() > usual, "large type takes more pages");
  }

  /// A PDF made without colour is read back: it has none.
  void aPdfWithoutColourHasNone() {
    PreviewWindow w;
    const QTemporaryDir folder;
    for (const bool grey : {false, true}) {
      PrintWish wish = w.window.printing().wishFor(PrintoutKind::Placement);
      wish.grey = grey;
      const QString pdf = folder.filePath(grey ? QStringLiteral("grey.pdf") : QStringLiteral("colour.pdf"));
      w.window.printing().exportPdfTo(wish, pdf);
      QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(pdf), 60000);
      waitForJobs(w.window);
      QProcess drawn;
      drawn.start(QStringLiteral("pdftoppm"),
                  {QStringLiteral("-r"), QStringLiteral("60"), QStringLiteral("-png"),
                   QStringLiteral("-singlefile"), pdf, pdf});
      QVERIFY(drawn.waitForFinished() && drawn.exitCode() == 0);
      const QImage page(pdf + QStringLiteral(".png"));
      QVERIFY(!page.isNull());
      QVERIFY(grey ? colourIn(page) == 0 : colourIn(page) > 40);
    }
  }

  /// The towpath has no ground of lines, no light and nothing taped: those sheets would be empty.
  void anEmptySheetIsNotPrinted() {
    PreviewWindow w;
    for (const auto& [kind, words] : {std::pair{PrintoutKind::Pencil, "Nothing is drawn in pencil"},
                                      {PrintoutKind::TapedStamps, "No stamp of this card is taped"}}) {
      w.preview(kind);
      QVERIFY(!w.sheet);
      QVERIFY(w.window.messages().shownText().contains(QLatin1String(words)));
      w.window.printing().exportPdf(w.window.printing().wishFor(kind));  // asks for no file either
      QVERIFY(!QApplication::activeModalWidget());
    }
    w.preview(PrintoutKind::Masks);
    QVERIFY(w.sheet);
    w.sheet->reject();
    Plan bare = w.session().plan();
    for (size_t k = bare.impressions.size(); k-- > 0;)
      if (bare.impressions[k].id != "duck") bare = without(bare, bare.impressions[k].id).value();
    bare.washes.clear();
    w.session().start(bare);
    waitForJobs(w.window);
    QTRY_VERIFY(!w.sheet);
    w.preview(PrintoutKind::Masks);
    QVERIFY(!w.sheet);
    QVERIFY(w.window.messages().shownText().contains(QStringLiteral("needs no mask")));
    // With a light there are shadows to draw.
    Plan lit = w.session().plan();
    lit.light = Light{};
    w.session().start(lit);
    waitForJobs(w.window);
    w.preview(PrintoutKind::Pencil);
    QVERIFY(w.sheet);
  }
};

HAVLO_TEST(TstPrintPreview)
#include "tst_print_preview.moc"
