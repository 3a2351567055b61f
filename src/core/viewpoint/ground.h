// What lies on the ground: paths, canals, rails, walls, water lines, ripples. From the maker's middle line
// and real measures to the lines seen on the panel.
#pragma once

#include "core/viewpoint/projection.h"

namespace havlo {

/// Lines and standing faces of one thing drawn by hand.
struct DrawnThing {
  std::vector<SeenLine> ink;           ///< lines that stay
  std::vector<SeenLine> construction;  ///< lines to rub out
  std::vector<SeenFace> faces;         ///< what of it stands upright and hides what is behind
};

/// Usual distance of sleepers, water lines and ripples, m. Common practice, no source.
double usualSpacing(GroundKind kind);

DrawnThing drawnOf(const GroundMark& mark, const View& view, const PanelSize& panel);

/// The area between its edges, panel coordinates, not clipped; empty for kinds without one.
Rings areaOf(const GroundMark& mark, const View& view, const PanelSize& panel);

/// Where a straight mark would run to on the horizon if it went on: x in mm. Nothing for bent and level ones.
std::optional<double> runsTo(const GroundMark& mark, const View& view, const PanelSize& panel);

}  // namespace havlo
