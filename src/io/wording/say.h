// What every file that words something needs: the translation of a sentence and a length as the maker writes
// it.
#pragma once

#include <QCoreApplication>
#include <QString>

#include "core/units/measure.h"

namespace havlo {

/// The sentence in the language of the window. @param n  for "%n": the number the sentence counts
inline QString tr(const char* text, int n = -1) {
  return QCoreApplication::translate("Havlo", text, nullptr, n);
}

inline QString lengthText(double mm, MeasureStyle style) {
  return QString::fromStdString(writeMeasure(Millimetres{mm}, style));
}

/// "37 %". @param share  0 to 1
inline QString shareWords(double share) { return tr("%1 %").arg(qRound(100 * share)); }

}  // namespace havlo
