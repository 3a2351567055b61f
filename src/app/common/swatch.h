// A patch of colour beside a name or on a button.
#pragma once

#include <QIcon>

#include "core/colour/colour.h"

namespace havlo {

/// With a fine edge, so that white is seen on white paper. @param width, height  pixels
QIcon swatchOf(Colour colour, int width = 18, int height = 18);

}  // namespace havlo
