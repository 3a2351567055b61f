// The JSON that verbs print. Keys are a contract: docs/command-line.md.
#pragma once

#include <nlohmann/json.hpp>

#include "core/analysis/analysis.h"

namespace havlo::cli {

using Json = nlohmann::ordered_json;

Json checkReport(const Plan& plan, const Analysis& analysis);
Json masksReport(const Plan& plan, const Analysis& analysis);
Json runSheetReport(const Plan& plan, const Analysis& analysis);
Json simulationReport(const Analysis& analysis, const Simulation& simulation);

}  // namespace havlo::cli
