// Words for what is in the drawer.
#pragma once

#include <QString>

#include "core/drawer/drawer.h"

namespace havlo {

QString roleName(Role role);        ///< "figure", "landscape piece", ...
QString homeName(Home home);        ///< "as is usual", "on land", "on water", "in the air"
QString facingName(Facing facing);  ///< "looks left", "looks right", "looks nowhere"
QString mountingName(Mounting mounting);
QString inkKindName(InkKind kind);
/// "0.6 m (0.45 to 0.7)".
QString heightWords(const RealHeight& height);

}  // namespace havlo
