// Plain printed letters of single strokes, as room for what the maker letters by hand: the letters are hers,
// their place and size are kept here.
#pragma once

#include <string>
#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// Length of a word along its base line, mm. @param height_mm  of a capital letter
double letteringLength(const std::string& text, double height_mm);
/// Height at which a text just fills a line. @return 0 for an empty text
double letteringHeightFor(const std::string& text, double length_mm);

/// The strokes of a line's text along its base line, on the panel; beyond the line's end they go on straight.
/// A letter that is not known is a box of its size. A line without text has none.
std::vector<std::vector<Point>> letteringStrokes(const HandLine& line);
/// The room that it takes: from the tails of its letters to the tops of its capitals. Empty without text.
Rings letteringRoom(const HandLine& line);

}  // namespace havlo
