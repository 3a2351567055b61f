#include "app/common/tip.h"

#include <QToolTip>

#include "io/wording/names.h"

namespace havlo {

void showTip(QPoint onScreen, const QString& words, QWidget* of) {
  // Only rich text is broken into lines, and then into short ones: a few words stay on one.
  constexpr qsizetype kFew = 44;
  QString lines = capital(words).toHtmlEscaped();
  lines.replace(u'\n', QStringLiteral("<br>"));
  const QLatin1String broken(words.size() > kFew ? "<qt>%1</qt>"
                                                 : "<qt><p style='white-space:nowrap'>%1</p></qt>");
  QToolTip::showText(onScreen, words.isEmpty() ? words : QString(broken).arg(lines), of);
}

}  // namespace havlo
