#include "app/common/shaped_text.h"

#include <QCoreApplication>
#include <QHash>
#include <QPainter>
#include <QRegularExpression>
#include <QTextLayout>

namespace havlo {

namespace {

using Known = QHash<std::pair<QFont, QString>, QStaticText>;

Known& known() {
  static Known all;
  return all;
}

void forget() { known().clear(); }

}  // namespace

const QStaticText& shapedText(const QString& words, const QFont& font) {
  constexpr qsizetype kMost = 4000;
  const std::pair<QFont, QString> key(font, words);
  const auto found = known().constFind(key);
  if (found != known().constEnd()) return *found;
  if (known().size() >= kMost) forget();
  if (known().isEmpty()) qAddPostRoutine(forget);  // what is laid out goes before the fonts do
  QStaticText text(words);
  text.setTextFormat(Qt::PlainText);
  text.prepare({}, font);
  return *known().insert(key, text);
}

void drawShaped(QPainter& p, const QRectF& box, const QString& words, const QFont& font) {
  const QStaticText& text = shapedText(words, font);
  p.setFont(font);
  p.drawStaticText(box.center() - QPointF(text.size().width(), text.size().height()) / 2, text);
}

QString keptTogether(const QString& text) {
  static const QRegularExpression apart(
      QStringLiteral(R"((\d) (?=(?:\d+/\d+|%|mm|cm|m|in|kg|g|min|h|s)(?!\w)))"),
      QRegularExpression::UseUnicodePropertiesOption);
  return QString(text).replace(apart, QStringLiteral("\\1\u00a0"));
}

double drawWholeLines(QPainter& p, const QRectF& box, const QString& words) {
  const QFontMetricsF metrics(p.font());
  QTextLayout layout(words, p.font(), p.device());
  layout.beginLayout();
  double y = box.top();
  for (QTextLine line = layout.createLine(); line.isValid() && y + metrics.height() <= box.bottom() + 0.5;
       line = layout.createLine()) {
    line.setLineWidth(box.width());
    const bool last = y + 2 * metrics.height() > box.bottom() + 0.5;
    const bool more = line.textStart() + line.textLength() < words.size();
    const QString said = last && more
                             ? metrics.elidedText(words.mid(line.textStart()), Qt::ElideRight, box.width())
                             : words.mid(line.textStart(), line.textLength()).trimmed();
    p.drawText(QPointF(box.left(), y + metrics.ascent()), said);
    y += metrics.height();
  }
  layout.endLayout();
  return y;
}

}  // namespace havlo
