#include "app/common/shaped_text.h"

#include <QCoreApplication>
#include <QHash>
#include <QPainter>

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

}  // namespace havlo
