// The JSON bridge: text to document with the place of every fault, and back in a readable layout.
// Only .cpp files that read or write JSON include this.
#pragma once

#include <nlohmann/json.hpp>
#include <string>
#include <string_view>

#include "core/base/result.h"

namespace havlo {

using Json = nlohmann::ordered_json;

/// Reads JSON, keys in their order. A byte order mark is accepted.
/// @error  BadInput: not JSON (with line and column), nested deeper than 100, a key given twice, a number too
/// large
Result<Json> readJson(std::string_view text);

/// Writes JSON: objects on lines of their own, lists of plain values and of points on one line.
std::string writeJson(const Json& document);

}  // namespace havlo
