// What every file that words something needs: the translation of a sentence and a length as the maker writes
// it.
#pragma once

#include <QCoreApplication>
#include <QString>
#include <algorithm>
#include <cmath>

#include "core/units/measure.h"

namespace havlo {

/// The sentence in the language of the window. @param n  for "%n": the number the sentence counts
inline QString tr(const char* text, int n = -1) {
  return QCoreApplication::translate("Havlo", text, nullptr, n);
}

/// The decimal sign of the language that is spoken: a point in English, and in files whatever is spoken.
inline QChar& decimalSign() {
  static QChar sign = u'.';
  return sign;
}

/// A number that is shown, with its unit, as it is written in the language that is spoken.
inline QString spoken(QString number) {
  return decimalSign() == u'.' ? number : number.replace(u'.', decimalSign());
}
inline QString spoken(const std::string& number) { return spoken(QString::fromStdString(number)); }

inline QString lengthText(double mm, MeasureStyle style) {
  return spoken(writeMeasure(Millimetres{mm}, style));
}

/// To a tenth of a millimetre, or a 64th of an inch: finer than a plan's own measures, because it is what is
/// left of them.
inline QString fineText(double mm, MeasureStyle style) {
  if (style == MeasureStyle::Millimetres) return tr("%1 mm").arg(mm, 0, 'f', 1);
  long parts = std::max(1L, std::lround(mm / kMmPerInch * 64)), whole = 64;
  if (parts >= 64) return lengthText(mm, style);
  while (parts % 2 == 0) parts /= 2, whole /= 2;
  return tr("%1/%2 in").arg(parts).arg(whole);
}

/// "37 %". @param share  0 to 1
inline QString shareWords(double share) { return tr("%1 %").arg(qRound(100 * share)); }

}  // namespace havlo
