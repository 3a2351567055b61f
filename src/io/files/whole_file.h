// Files read and written whole, by the system's own calls: what is said to be written is on the disk.
#pragma once

#include <QByteArray>
#include <QFile>
#include <QString>

#include "core/base/result.h"

namespace havlo {

/// The name as the system has it. A name that is no UTF-8 reaches us with its odd bytes replaced; it is
/// looked up in its folder, and found if only one entry there reads like it.
QByteArray nativePath(const QString& path);

/// Opens an existing file for reading, whatever bytes its name holds. @return false, with errorString(), else
bool openForReading(QFile& file, const QString& path);

/// Reads a file, a pipe or a device to its end. A pipe that nobody writes to is given up after a few seconds.
/// @param most  bytes, > 0
/// @error  CannotRead with the reason, BadInput when there is more than `most`
Result<QByteArray> readWhole(const QString& path, qint64 most);

/// Replaces the file in one step once the new one is safely on the disk, name and all; a failure, a full disk
/// among them, leaves the old file as it was. Links are followed, permissions kept. Devices and pipes are
/// written to, not replaced.
/// @error  CannotWrite with the reason
Result<Done> saveWhole(const QString& path, const QByteArray& content);

}  // namespace havlo
