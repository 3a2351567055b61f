// Words that are shaped once look like words that are drawn anew, and stay what they are.
#include <QFontMetricsF>
#include <QImage>
#include <QPainter>
#include <QTest>

#include "app/common/shaped_text.h"
#include "app/theme/theme.h"
#include "support/window.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

template <typename F>
QImage painted(F paint) {
  QImage image(360, 40, QImage::Format_RGB32);
  image.fill(Qt::white);
  QPainter p(&image);
  p.setRenderHint(QPainter::Antialiasing);
  p.setPen(Qt::black);
  paint(p);
  return image;
}

/// Where there is ink, and how much of it, in white pixels turned black.
struct Seen {
  QRect box;
  double ink = 0;
  explicit Seen(const QImage& image) {
    for (int y = 0; y < image.height(); ++y)
      for (int x = 0; x < image.width(); ++x)
        if (const double dark = 1 - qGray(image.pixel(x, y)) / 255.0; dark > 0.02)
          box |= QRect(x, y, 1, 1), ink += dark;
  }
};

}  // namespace

class TstShapedText : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  // Against Qt's own drawing and measuring of the same words: within a pixel, which it is set to as a whole.
  void looksLikeWordsDrawnAnew() {
    const QRectF box(20, 8, 320, 24);
    for (const QFont& font : {labelFont(), labelFont(QFont::DemiBold), headingFont()})
      for (const QString& words : {QStringLiteral("Pot with a geranium"),
                                   QStringLiteral("Hase <b>&amp; Möhre</b>"), QStringLiteral("6,3 m")}) {
        const Seen anew(painted([&](QPainter& p) {
          p.setFont(font);
          p.drawText(box, Qt::AlignCenter, words);
        }));
        const QImage first = painted([&](QPainter& p) { drawShaped(p, box, words, font); });
        QCOMPARE(painted([&](QPainter& p) { drawShaped(p, box, words, font); }), first);
        const Seen shaped(first);
        for (const int off : {shaped.box.left() - anew.box.left(), shaped.box.right() - anew.box.right(),
                              shaped.box.top() - anew.box.top(), shaped.box.bottom() - anew.box.bottom()})
          QVERIFY2(std::abs(off) <= 1, qPrintable(words));
        QVERIFY(anew.ink > 20 && std::abs(shaped.ink / anew.ink - 1) < 0.03);
        QVERIFY(std::abs(shapedText(words, font).size().width() -
                         QFontMetricsF(font).horizontalAdvance(words)) < 0.5);
      }
  }

  // Lines that fit are set as Qt sets them; of more than fit there is no half line, and the last says that it
  // goes on.
  void linesAreWholeOrNotThere() {
    const QString fits = QStringLiteral("Cut the masks, then cover the hare");
    const QString more = fits + QStringLiteral(", the reeds and the kite, each with its own");
    const QFontMetricsF metrics(labelFont());
    for (const double room : {2.0, 2.4, 2.9}) {
      const QRectF box(10, 2, 120, room * metrics.height());
      double end = 0;
      const auto whole = [&](const QString& words) {
        return painted([&](QPainter& p) {
          p.setFont(labelFont());
          end = drawWholeLines(p, box, words);
        });
      };
      const Seen ours(whole(fits)), qts(painted([&](QPainter&p) {
        p.setFont(labelFont());
        p.drawText(box, Qt::AlignLeft | Qt::TextWordWrap, fits);
      }));
      QVERIFY(std::abs(end - box.top() - 2 * metrics.height()) < 0.01);
      QVERIFY(std::abs(ours.box.right() - qts.box.right()) <= 1 &&
              std::abs(ours.box.bottom() - qts.box.bottom()) <= 1);
      QVERIFY(std::abs(ours.ink / qts.ink - 1) < 0.03);
      const Seen cut(whole(more));
      QVERIFY(std::abs(end - box.top() - 2 * metrics.height()) < 0.01);
      QVERIFY(cut.box.bottom() <= box.top() + 2 * metrics.height() && cut.box.right() <= box.right());
      // As much of the next words as there is room for, and the dots: not just what fits.
      QString most;
      for (const QString& word : more.split(u' ')) {
        const QString longer = most.isEmpty() ? word : most + u' ' + word;
        if (metrics.boundingRect(box, Qt::TextWordWrap, longer).height() > 2 * metrics.height() + 0.5) break;
        most = longer;
      }
      QVERIFY(most.size() >= fits.size() && most.size() < more.size());
      QVERIFY(whole(most) != whole(more) && cut.ink > ours.ink);
    }
    const Seen none(painted([&](QPainter& p) { drawWholeLines(p, QRectF(10, 2, 120, 4), fits); }));
    QCOMPARE(none.ink, 0.0);
  }

  void isShapedOnceForEachFont() {
    const QString words = QStringLiteral("Sleeping cat");
    const QStaticText* first = &shapedText(words, labelFont());
    QCOMPARE(&shapedText(words, labelFont()), first);
    QVERIFY(shapedText(words, headingFont()).size().width() > shapedText(words, labelFont()).size().width());
  }

  // A long evening at the card: what is known is let go of before it is too much.
  void thousandsOfWordsAreNotKeptForEver() {
    for (int k = 0; k < 9000; ++k) {
      const QString words = QString::number(k);
      QCOMPARE(shapedText(words, labelFont()).text(), words);
    }
    QCOMPARE(shapedText(QStringLiteral("17"), labelFont()).text(), QStringLiteral("17"));
  }
};

HAVLO_TEST(TstShapedText)
#include "tst_shaped_text.moc"
