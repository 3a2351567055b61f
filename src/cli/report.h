// The JSON that verbs print. Keys are a contract: docs/command-line.md.
#pragma once

#include <nlohmann/json.hpp>

#include "core/analysis/analysis.h"
#include "core/cutting/cutter.h"
#include "core/cutting/mask_job.h"

namespace havlo::cli {

using Json = nlohmann::ordered_json;

Json checkReport(const Plan& plan, const Analysis& analysis);
Json idsOf(const Plan& plan, const std::vector<int>& impressions);

Json masksReport(const Plan& plan, const Analysis& analysis);
/// With how they lie on their sheets.
Json masksReport(const Plan& plan, const Analysis& analysis, const MaskJob& job);
Json cutReport(const std::vector<CutSheet>& sheets, const std::vector<CutReport>& reports);
Json runSheetReport(const Plan& plan, const Analysis& analysis);
Json simulationReport(const Plan& plan, const Analysis& analysis, const Simulation& simulation);

}  // namespace havlo::cli
