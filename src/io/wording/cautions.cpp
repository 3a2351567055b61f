#include "io/wording/cautions.h"

#include "io/wording/say.h"

namespace havlo {

QString cautionOf(Danger danger) {
  switch (danger) {
    case Danger::Blade:
      return tr("Cut away from your fingers; keep blades away from children.");
    case Danger::Heat:
      return tr("Heat tools burn and warp, powder should not be breathed in: follow the makers' labels.");
    case Danger::Dust:
      return tr("Do not breathe the dust in; wipe it away, do not blow.");
    case Danger::Solvents:
      return tr("Markers give off solvents: air the room, put the caps back on, mind their labels.");
    case Danger::Spray:
      return tr(
          "Spray into a box and away from faces; do not breathe the mist in, air the room, mind the label.");
    case Danger::Splashes:
      return tr("Lay scrap paper over what must stay clean, and cover the table.");
    case Danger::Glitter:
      return tr("Keep glitter from eyes and mouth, and off the floor.");
    case Danger::SmallParts:
      return tr("Small parts are swallowed: keep them, and the finished card, from the very young.");
    case Danger::Glue:
      return tr("Keep glue off skin and eyes; air the room where it smells, and follow its label.");
    case Danger::Paste:
      return tr("Paste dries for hours: follow its maker's label, and let nothing touch it before.");
  }
  return {};
}

}  // namespace havlo
