// What a colour is called in everyday words.
#pragma once

#include <QString>

#include "core/colour/colour.h"

namespace havlo {

/// "light blue", "beige", "dark grey": for whoever does not see it. By lightness, chroma and hue in CIE LCh;
/// where one word ends and the next begins is common practice, no source.
QString colourWords(Colour colour);

}  // namespace havlo
