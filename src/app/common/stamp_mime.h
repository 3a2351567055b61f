// How a stamp is carried by a drag: the drawer's key of it, or "=" and its id in the plan.
#pragma once

#include <QString>

namespace havlo {

inline const QString kStampMime = QStringLiteral("application/x-havlo-stamp");

}  // namespace havlo
