// Words that the parts of the place Log share; for this room only.
#pragma once

#include <QDateTime>
#include <QLocale>
#include <string>

namespace havlo {

inline QString text(const std::string& s) { return QString::fromStdString(s); }

/// @param s  since 1970 UTC; 0: empty
inline QString dayWords(double s) {
  return s > 0 ? QLocale().toString(QDateTime::fromMSecsSinceEpoch(static_cast<qint64>(1000 * s)).date(),
                                    QStringLiteral("d MMM yyyy"))
               : QString();
}

}  // namespace havlo
