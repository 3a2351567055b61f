// Columns at the side of a place: as wide as is usual, wider where a language needs it.
#pragma once

class QWidget;

namespace havlo {

/// Gives `column` the width `usual` (pixels) and lets it grow, never shrink, when what rolls in it (`rolled`)
/// is wider than that, up to three fifths more. What is shown may change; the width then follows. In a window
/// wider than a usual screen it has its share of what is more.
void holdWidth(QWidget* column, int usual);

}  // namespace havlo
