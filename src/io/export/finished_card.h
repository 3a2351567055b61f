// The finished card given away: as a picture, as one zip with everything, as a table of its measures.
#pragma once

#include <QByteArray>
#include <QString>

#include "core/analysis/analysis.h"
#include "core/base/progress.h"

namespace havlo {

/// The intended card at true size, by the file's ending: .png and .tiff with resolution and colour profile,
/// .svg in millimetres, .pdf on a page of the panel's size. The picture inside is a raster: what ink does to
/// ink is not drawn in outlines.
/// @param dpi  20 to 2400
/// @error  BadInput for another ending, CannotWrite with the reason
Result<Done> saveFinishedCard(const QString& path, const Plan& plan, const Analysis& analysis,
                              const ArtSource& art, double dpi);

/// The plan, its finished card, a picture after every step that leaves ink, the steps as text and the
/// measures.
/// @error  Stopped, CannotWrite
Result<QByteArray> planZip(const Plan& plan, const Analysis& analysis, const ArtSource& art, double dpi,
                           const Progress& progress = {});

/// One row an impression, then one a wash: where it is, how far, how large, how dark, how much it pulls.
/// Commas, points, a heading; RFC 4180. Measures in mm, metres, degrees.
QByteArray measuresCsv(const Plan& plan, const Analysis& analysis);

}  // namespace havlo
