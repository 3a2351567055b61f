#include "io/wording/drawer_words.h"

#include "io/wording/say.h"

namespace havlo {
namespace {}  // namespace

QString roleName(Role role) {
  switch (role) {
    case Role::Figure:
      return tr("figure");
    case Role::Animal:
      return tr("animal");
    case Role::Tree:
      return tr("tree");
    case Role::Plant:
      return tr("plant");
    case Role::Building:
      return tr("building");
    case Role::Landform:
      return tr("landscape piece");
    case Role::Prop:
      return tr("thing");
    case Role::Sky:
      return tr("sky");
    case Role::Water:
      return tr("water");
    case Role::Texture:
      return tr("texture");
    case Role::Greeting:
      return tr("sentiment");
  }
  return {};
}

QString homeName(Home home) {
  return home == Home::Land    ? tr("on land")
         : home == Home::Water ? tr("on water")
         : home == Home::Air   ? tr("in the air")
                               : tr("as is usual for it");
}

QString facingName(Facing facing) {
  return facing == Facing::Left    ? tr("looks left")
         : facing == Facing::Right ? tr("looks right")
                                   : tr("looks nowhere");
}

QString mountingName(Mounting mounting) {
  return mounting == Mounting::Clear  ? tr("clear")
         : mounting == Mounting::Wood ? tr("on wood")
                                      : tr("red rubber");
}

QString inkKindName(InkKind kind) {
  switch (kind) {
    case InkKind::Dye:
      return tr("dye");
    case InkKind::Pigment:
      return tr("pigment");
    case InkKind::Hybrid:
      return tr("hybrid");
    case InkKind::Archival:
      return tr("archival");
    case InkKind::WaterReactive:
      return tr("water-reactive");
    case InkKind::Embossing:
      return tr("embossing");
    case InkKind::Marker:
      return tr("marker");
    case InkKind::Paint:
      return tr("paint");
  }
  return {};
}

QString heightWords(const RealHeight& h) {
  return tr("%1 m (%2 to %3)").arg(h.typical_m, 0, 'g', 3).arg(h.least_m, 0, 'g', 3).arg(h.most_m, 0, 'g', 3);
}

}  // namespace havlo
