// How a plan was looked at last: kept by its file's name among the settings, and in no plan.
#pragma once

#include "app/session/chosen.h"

namespace havlo {

struct Sight {
  double zoom = 1;  ///< 1: the whole card
  Point middle_mm;  ///< of what is seen of the panel; without meaning for the whole card
  SetAside aside = {};
  bool usual() const { return zoom == 1 && aside.isEmpty(); }
};

/// @param path  of the plan's file; empty: nothing is kept
void keepSight(const QString& path, const Sight& sight);
/// @return the usual one for a plan that was not open lately
Sight keptSight(const QString& path);

}  // namespace havlo
