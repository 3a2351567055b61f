// Pictures of stamped sheets from files, the clipboard or a drop, as scans to trace.
#pragma once

#include <QImage>
#include <QString>

#include "core/base/progress.h"
#include "core/trace/scan.h"
#include "core/trace/swatches.h"

namespace havlo {

/// Where a scan's scale comes from.
enum class ScaleFrom { Unknown, File, Drawing };

struct ReadScan {
  Scan scan;
  ScaleFrom scale = ScaleFrom::Unknown;
  QString name;  ///< of the file, without its ending; what the stamp may be called
};

/// Reads PNG, JPEG, TIFF, BMP, WebP and SVG. What a file is, is told by its content, not by its name.
/// Pictures of 72 or 96 dpi have no scale: programs write these when they know none.
/// @error  CannotRead: no such file, not a picture, cut short; BadInput: more than 160 million pixels, an SVG
/// with
///         entities, scripts or links to elsewhere, or with an absurd size; Stopped
Result<ReadScan> readScanFile(const QString& path, const Progress& progress = {});

struct ReadColours {
  ColourScan scan;
  QImage picture;             ///< the same, to be shown
  std::optional<double> dpi;  ///< of these pixels, where the file says so
};

/// The pixels as they are.
ColourScan coloursOf(const QImage& image);

/// Reads a scan in its colours, at most 1600 pixels along a side. @error  as readScanFile; BadInput for a
/// drawing
Result<ReadColours> readColourScan(const QString& path, const Progress& progress = {});

/// A picture of a card, to be held against its plan: at most 5000 pixels along a side. @error  as
/// readColourScan
Result<ReadColours> readCardPicture(const QString& path, const Progress& progress = {});

/// A picture from the clipboard or the scanner. @error  BadInput if it is empty or too large
Result<ReadScan> readScanImage(const QImage& image, const QString& name = {});

}  // namespace havlo
