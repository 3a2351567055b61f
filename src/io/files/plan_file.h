// Plan files on disk: whole or not at all.
#pragma once

#include <QString>

#include "core/base/result.h"
#include "core/plan/plan_text.h"
#include "io/files/whole_file.h"

namespace havlo {

/// @error  CannotRead with the reason, BadInput with the place
Result<ReadPlan> loadPlan(const QString& path);

/// Replaces the file in one step once the new one is safely on the disk; a failure leaves the old file as it
/// was.
/// @error  CannotWrite with the reason (read-only, disk full, no such folder)
Result<Done> savePlan(const QString& path, const Plan& plan);

}  // namespace havlo
