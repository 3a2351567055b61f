// What the stand-in cutter did, as a picture.
#pragma once

#include <QImage>
#include <vector>

#include "core/cutting/cutter.h"

namespace havlo {

/// Sheets side by side: free pieces lifted off in colour, open cuts in red with rings at their ends, the
/// knife's travel as thin dots. @param reports  one a sheet  @param width_px  of the whole picture, at most
QImage cutterPicture(const std::vector<CutSheet>& sheets, const std::vector<CutReport>& reports,
                     int width_px = 1400);

}  // namespace havlo
