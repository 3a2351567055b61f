// Changes of the background: washes, the limits that bound them, and what the maker knows of the reading.
#pragma once

#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/plan/plan.h"

namespace havlo {

/// A free wash id made from a wish: "sky", "sky2", ...
std::string freshWashId(const Plan& plan, const std::string& wish);
std::string freshLimitId(const Plan& plan, const std::string& wish);

/// @error BadInput if there is no such wash (all edits that name one)
Result<Plan> withoutWash(const Plan& plan, const std::string& wash);
/// @param reach, strength  0 to 1. @error BadInput beyond
Result<Plan> withWashReach(const Plan& plan, const std::string& wash, double reach);
Result<Plan> withWashStrength(const Plan& plan, const std::string& wash, double strength);
/// @error BadInput if there is no such ink
Result<Plan> withWashInk(const Plan& plan, const std::string& wash, const std::string& ink);
Result<Plan> withWashFrom(const Plan& plan, const std::string& wash, WashFrom from);
/// Whether the wash may colour a thing, or must leave it clean.
Result<Plan> washedOver(const Plan& plan, const std::string& wash, const std::string& impression, bool over);

/// A wash over the whole panel, or over what its limit lets through: from its usual side, with what it may
/// colour. @param limit  id, or empty. @error BadInput if ink or limit is unknown
Result<Plan> withNewWash(const Plan& plan, WashKind kind, const std::string& ink,
                         const std::string& limit = {}, LimitSide side = LimitSide::Above);

/// A sky or ground in steps: the lightest ink over `reaches[0]` of it, the next over `reaches[1]`, and so on.
/// The usual recipe is 3/4, 1/2, 1/4. Common practice, no source.
/// @param inks  lightest first; as many as reaches. @error BadInput if one is unknown or the numbers differ
Result<Plan> withSteppedWash(const Plan& plan, WashKind kind, const std::vector<std::string>& inks,
                             const std::vector<double>& reaches, const std::string& limit = {},
                             LimitSide side = LimitSide::Above);

/// The wash's area dragged: one border of its box goes to `to`. Borders beyond the panel stay there.
enum class WashBorder { Left, Bottom, Right, Top };
Result<Plan> withWashBorder(const Plan& plan, const std::string& wash, WashBorder border, double to_mm);

/// A new limit where it is usual: an edge along the horizon, a frame a tenth inside the panel, a disc at the
/// light or in the sky, rays from there. @param id  gets its id, if not null
Plan withNewLimit(const Plan& plan, LimitKind kind, std::string* id = nullptr);
/// The limit changed, and with it the areas of its washes. @error BadInput for an unknown id, an opening
/// without area, numbers beyond ±1e5
Result<Plan> withLimit(const Plan& plan, const WashLimit& limit);
/// Without a limit; its washes keep their areas.
Result<Plan> withoutLimit(const Plan& plan, const std::string& limit);
/// Binds a wash to this limit alone, or frees it with an empty id.
Result<Plan> boundBy(const Plan& plan, const std::string& wash, const std::string& limit, LimitSide side);
/// Another limit besides those it has, or the other side of one it has.
Result<Plan> alsoBoundBy(const Plan& plan, const std::string& wash, const std::string& limit, LimitSide side);
Result<Plan> unboundFrom(const Plan& plan, const std::string& wash, const std::string& limit);
/// @param softness  mm, 0 to 200
Result<Plan> withWashSoftness(const Plan& plan, const std::string& wash, double softness);
Result<Plan> withWashDepth(const Plan& plan, const std::string& wash, const WashDepth& depth);
/// Paste and relief get a stencil if they have none, and lie wherever it lets them through. @error BadInput
/// if there is no such wash
Result<Plan> withWashWay(const Plan& plan, const std::string& wash, WashWay way);

/// A pressed relief is seen by its shadow alone: so much of the ink that stands for it. Common practice, no
/// source. Dots of a new stencil, mm.
inline constexpr double kReliefShadow = 0.18, kUsualStencilDot_mm = 6;

/// "I know": the finding stays, below the others. @param impressions  ids; empty: the whole rule for this
/// plan
Plan withKnown(const Plan& plan, const std::string& kind, std::vector<std::string> impressions);
/// Takes that back.
Plan withoutKnown(const Plan& plan, const std::string& kind, const std::vector<std::string>& impressions);

/// Another paper: for trying white, dark or toned.
Plan withPaper(const Plan& plan, const Paper& paper);

}  // namespace havlo
