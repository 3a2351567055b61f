// Mends drawings that an older Havlo wrote with decimal commas ("M12,34,5,67" for the point 12.34, 5.67) on a
// machine whose language has them. Only what that Havlo itself wrote has this form; it is never valid
// otherwise.
#pragma once

#include <string>

namespace havlo {

/// @return whether `art` was such a drawing and is mended now
bool mendDecimalCommas(std::string& art);

}  // namespace havlo
