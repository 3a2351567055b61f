// A drawer as one open file: a zip with drawer.json and one SVG a stamp.
#pragma once

#include <QString>

#include "core/base/progress.h"
#include "io/drawer/drawer_store.h"

namespace havlo {

/// Layout: docs/drawer-format.md. @error  CannotWrite with the reason; Stopped
Result<Done> exportDrawer(const QString& path, const WholeDrawer& drawer, const Progress& progress = {});

/// @error  CannotRead: no such file; BadInput: no drawer, damaged, a newer version, an unknown picture, or
/// more than it
///         may unpack to (512 MB, 20 000 files); Stopped
Result<WholeDrawer> importDrawer(const QString& path, const Progress& progress = {});
Result<WholeDrawer> readDrawer(const QByteArray& zip, const Progress& progress = {});

}  // namespace havlo
