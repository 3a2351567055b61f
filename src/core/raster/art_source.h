// Who draws stamps: the core itself knows silhouettes only.
#pragma once

#include <optional>

#include "core/plan/plan.h"
#include "core/raster/raster.h"

namespace havlo {

/// Draws stamps whose art is a drawing.
class ArtSource {
 public:
  virtual ~ArtSource() = default;
  /// Coverage of the stamp's art where its frame lies as `placing` says; nothing if the art cannot be drawn.
  virtual std::optional<Tile> draw(const Stamp& stamp, const Placing& placing, const Grid& grid) const = 0;
};

}  // namespace havlo
