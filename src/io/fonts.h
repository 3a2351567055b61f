// The bundled type family: the same letters on every machine, on screen and on paper.
#pragma once

#include <QFont>

namespace havlo {

/// Makes the bundled family known; call once after the application object exists.
void loadFonts();

/// @param size_px  height in pixels of the device or of the painter's own unit
QFont typeface(double size_px, int weight = QFont::Normal);

}  // namespace havlo
