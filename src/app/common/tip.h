// Tips under the pointer.
#pragma once

#include <QPoint>
#include <QString>

class QWidget;

namespace havlo {

/// Tells it there; long words run over several lines, where Qt would let them run off the screen. No words:
/// what was told goes.
void showTip(QPoint onScreen, const QString& words, QWidget* of);

/// Set as a property of a widget whose name has words that are explained and means something else by them.
inline constexpr const char* kOtherWords = "otherWords";

}  // namespace havlo
