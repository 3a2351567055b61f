// Faults that the core words, in the language of the window.
#pragma once

#include <QString>
#include <span>

#include "core/base/result.h"

namespace havlo {

/// "place: what is wrong", as Error::text() says it, translated.
QString errorWords(const Error& error);
/// What is wrong alone.
QString errorReason(const Error& error);

/// What the core may say, with %1 and %2 for what is filled in. What is not among it is said in English.
std::span<const char* const> errorPatterns();

}  // namespace havlo
