// A colour strip: patches of inks and markers put on paper side by side and scanned.
#pragma once

#include <cstdint>
#include <vector>

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/outline/shape.h"
#include "core/plan/plan.h"

namespace havlo {

/// Coloured pixels, row by row from the top, three bytes each: red, green, blue, sRGB.
struct ColourScan {
  int width = 0, height = 0;
  std::vector<uint8_t> rgb;
};

struct Swatch {
  Box box;            ///< pixels, x right, y down (bottom < top: rows further down)
  Colour colour;      ///< as on white paper: what the light and the paper tint is divided out
  double spread = 0;  ///< nine tenths of its pixels differ less than this from it, CIE 1976
};

/// Patches of even colour in reading order. Patches that touch are told apart by their edges.
/// @error  BadInput: too small a picture, no paper to compare with, no patch on it; Stopped
Result<std::vector<Swatch>> findSwatches(const ColourScan& scan, const Progress& progress = {});

}  // namespace havlo
