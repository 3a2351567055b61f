// Reading and writing the measures a maker types and reads: "2 3/8", "2.375in", "60mm", "6cm".
#pragma once

#include <string>
#include <string_view>

#include "core/base/result.h"
#include "core/units/units.h"

namespace havlo {

enum class MeasureStyle { Inches, Millimetres };

/// Reads a length. A bare number is in the unit of `bare`; a fraction is always inches.
/// Accepts "2 3/8", "2-3/8", "3/8", "2.375in", "2.375\"", "60mm", "6 cm", "-1/16", a comma as decimal sign.
/// @return length in mm, within ±1e5
/// @error  BadInput if the text is not a measure, a denominator is 0 or the length is out of range
Result<Millimetres> readMeasure(std::string_view text, MeasureStyle bare);

/// Writes a length: inches as whole and fraction to the nearest 1/32 ("2 3/8 in"), millimetres to 0.1 ("60.3
/// mm").
std::string writeMeasure(Millimetres length, MeasureStyle style);

/// The same without the unit, for ruler marks and pairs of measures.
std::string writeBareMeasure(Millimetres length, MeasureStyle style);

/// Reads how tall a thing is really: "1.7 m", "5 cm", "2 in", "6 ft", "5 ft 10 in"; a bare number is metres.
/// @return more than 0 and at most 100 000 m
/// @error  BadInput
Result<Metres> readRealHeight(std::string_view text);

/// A distance in the scene, with the digits a maker needs: "2.0 m", "35 m", "1.2 km", "very far" for
/// infinity.
std::string writeDistance(Metres distance);

}  // namespace havlo
