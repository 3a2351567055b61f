// Pictures of the simulated card as images.
#pragma once

#include <QImage>
#include <QString>
#include <vector>

#include "core/analysis/analysis.h"

namespace havlo {

/// The canvas as an sRGB image that knows its resolution.
QImage pictureOf(const Canvas& canvas);

/// Patterned papers that are glued on, over what was drawn in their mean colour, as far as they show.
/// @param picture  of the whole panel
QImage withPatterns(QImage picture, const Plan& plan, const Analysis& analysis);

/// The intended finished card.
/// @param kept  tiles of earlier pictures of the plan; null for none
QImage intendedPicture(const Plan& plan, const Analysis& analysis, const ArtSource& art, double dpi,
                       std::shared_ptr<TileStore> kept = {});

/// A replay with a picture after every step, masks hatched where they lie.
struct StepPictures {
  std::vector<QImage> steps;
  Simulation simulation;
};

/// @param maskColour  of the hatching
/// @param kept  tiles of earlier pictures at this dpi; null for none
/// @error Stopped
Result<StepPictures> stepPictures(const Plan& plan, const Analysis& analysis, const ArtSource& art,
                                  double dpi, QColor maskColour, const Progress& progress = {},
                                  std::shared_ptr<TileStore> kept = {});

/// With its resolution and the profile of its colours, sRGB. @param format  "PNG" or "TIFF"
/// @error  CannotWrite with the reason
Result<Done> savePicture(const QString& path, const QImage& image, const char* format = "PNG");

}  // namespace havlo
