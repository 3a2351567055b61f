// The list of places: how each is called, made and connected, and how it says it stands. The one file that
// knows them all.
#pragma once

#include "app/common/place.h"
#include "app/shell/workshop.h"

namespace havlo {

class Errands;

struct PlaceKind {
  QString id, title;
  QKeySequence shortcut;
  bool onTrail = true;
  bool ofFace = false;   ///< works on one surface, which may be the inside or the envelope
  bool listed = true;    ///< stands in a menu by its title
  bool atStart = false;  ///< made with the window; the others when they are first visited
  std::function<Place*(const Workshop&, Errands&)> make;
  /// @param made  the place, or null while it is not made
  std::function<PlaceStatus(const Workshop&, const Place* made)> status;
  /// May it be visited now?
  std::function<bool(const Workshop&)> open = [](const Workshop&) { return true; };
};

/// In the order of work.
const std::vector<PlaceKind>& placeKinds();
/// The one that a plan is opened in.
QString homePlace();
/// The one of that name, or null.
const PlaceKind* placeKind(const QString& id);

}  // namespace havlo
