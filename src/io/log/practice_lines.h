// What was practised, as lines of JSON beside the log: one an answer.
#pragma once

#include <QString>
#include <vector>

#include "core/practice/progress.h"

namespace havlo {

/// Its name in the log's folder.
inline const QString kPracticeFile = QStringLiteral("practice.jsonl");

/// @error CannotWrite
Result<Done> appendPractised(const QString& file, const Practised& practised);
/// Oldest first, of one maker. Lines that are no answers are passed over.
std::vector<Practised> readPractised(const QString& file, const std::string& hands);

/// Puts another log's answers to one's own, each once. @error CannotWrite
Result<Done> mergePractised(const QString& mine, const QString& others);

}  // namespace havlo
