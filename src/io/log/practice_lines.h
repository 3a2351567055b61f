// What was practised, as lines of JSON beside the log: one an answer.
#pragma once

#include <QString>
#include <vector>

#include "core/practice/progress.h"

namespace havlo {

/// @error CannotWrite
Result<Done> appendPractised(const QString& file, const Practised& practised);
/// Oldest first, of one maker. Lines that are no answers are passed over.
std::vector<Practised> readPractised(const QString& file, const std::string& hands);

}  // namespace havlo
