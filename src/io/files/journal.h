// A file of lines that only grows.
#pragma once

#include <QByteArray>
#include <QString>

#include "core/base/result.h"

namespace havlo {

/// Adds a line to a file and sees it on the disk. A line that a kill cut short before is closed first, so
/// that it spoils only itself; of a line that cannot be written whole nothing stays.
/// @param line  without its end  @error CannotWrite with the reason
Result<Done> appendLine(const QString& path, const QByteArray& line);

}  // namespace havlo
