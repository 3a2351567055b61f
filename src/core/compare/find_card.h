// The card in a picture of it: where its corners are, and what keeps it from being seen whole.
#pragma once

#include "core/trace/scan.h"
#include "core/trace/swatches.h"

namespace havlo {

struct FoundCard {
  std::array<PixelPoint, 4> corners;  ///< upper left, upper right, lower right, lower left as seen
  double unsure_px = 0;               ///< standard deviation of where its sides lie
};

/// Finds the one sheet that stands out from what it lies on.
/// @error  BadInput, in a maker's words: nothing stands out; the sheet runs off the picture (and where); it
/// is
///         no sheet with four straight sides, as when a hand lies on it; Stopped
Result<FoundCard> findCard(const ColourScan& picture, const Progress& progress = {});

/// The sides of a sheet that is known to lie about there, anew. Nothing where they are not seen.
std::optional<FoundCard> sidesNear(const ColourScan& picture, const std::array<PixelPoint, 4>& corners,
                                   double within_px);

/// The sheet seen from straight above.
/// @param width_px, height_px  of what is returned; it spans the corners exactly
/// @return sRGB bytes, 3 a pixel, row by row from the top
ColourScan flattened(const ColourScan& picture, const std::array<PixelPoint, 4>& corners, int width_px,
                     int height_px);

/// Length of the sides in pixels: mean of upper and lower, mean of left and right.
std::array<double, 2> sidesOf(const FoundCard& found);

/// How well two pictures of one size agree in light and dark, -1 to 1, both looked at from afar.
/// @param turned  the first is turned by half a circle first
double likenessOf(const ColourScan& one, const ColourScan& other, bool turned = false);

}  // namespace havlo
