// All are copies with a field changed; what they name is looked up.
#include "core/edit/making_edits.h"

#include <algorithm>
#include <set>

namespace havlo {
namespace {

/// Puts a word into a list or takes it out.
void keepIn(std::vector<std::string>& list, const std::string& word, bool in) {
  std::erase(list, word);
  if (in) list.push_back(word);
}

Error unknown(const std::string& what, const std::string& id) {
  return {ErrorCode::BadInput, "there is no " + what + " \"" + id + "\"", {}};
}

}  // namespace

Plan withDefaultSchool(const Plan& plan, School school) {
  Plan out = plan;
  for (Impression& i : out.impressions)
    if (i.school == plan.school) i.school = school;
  out.school = school;
  return out;
}

Result<Plan> withSchools(const Plan& plan, const std::vector<School>& schools) {
  if (schools.size() != plan.impressions.size())
    return Error{ErrorCode::BadInput, "a school is needed for every impression", {}};
  Plan out = plan;
  for (size_t i = 0; i < schools.size(); ++i)
    if (out.impressions[i].piece.empty()) out.impressions[i].school = schools[i];  // the piece says it
  return out;
}

Result<Plan> withOrder(const Plan& plan, const std::vector<std::string>& order) {
  std::set<std::string> seen;
  for (const std::string& id : order) {
    if (!plan.impression(id)) return unknown("impression", id);
    if (!seen.insert(id).second) return Error{ErrorCode::BadInput, "\"" + id + "\" is named twice", {}};
  }
  Plan out = plan;
  out.making.order = order;
  return out;
}

Result<Plan> wantedFirst(const Plan& plan, const std::string& impression, bool first) {
  if (!plan.impression(impression)) return unknown("impression", impression);
  Plan out = plan;
  keepIn(out.making.first, impression, first);
  return out;
}

Result<Plan> wantedTogether(const Plan& plan, const std::string& ink, bool together) {
  if (!plan.ink(ink)) return unknown("ink", ink);
  Plan out = plan;
  keepIn(out.making.together, ink, together);
  return out;
}

Result<Plan> wantedBefore(const Plan& plan, const std::string& act, const std::string& before, bool wanted) {
  if (act == before) return Error{ErrorCode::BadInput, "an act cannot come before itself", {}};
  Plan out = plan;
  auto& all = out.making.sequence;
  std::erase_if(all, [&](const ActWish& w) {
    return (w.act == act && w.before == before) || (wanted && w.act == before && w.before == act);
  });
  if (wanted) all.push_back({act, before, {}});
  return out;
}

Result<Plan> withEvenings(const Plan& plan, int evenings) {
  if (evenings < 1 || evenings > 99) return Error{ErrorCode::BadInput, "1 to 99 evenings", {}};
  Plan out = plan;
  out.making.evenings = evenings;
  return out;
}

Result<Plan> withJointPapers(const Plan& plan, bool may) {
  Plan out = plan;
  out.making.jointPapers = may;
  return out;
}

Result<Plan> withCopies(const Plan& plan, int copies) {
  if (copies < 1 || copies > 9999) return Error{ErrorCode::BadInput, "1 to 9999 cards", {}};
  Plan out = plan;
  out.making.copies = copies;
  return out;
}

Result<Plan> withMasksAtHand(const Plan& plan, std::vector<MaskAtHand> masks) {
  for (const MaskAtHand& m : masks) {
    if (!plan.stamp(m.stamp)) return unknown("stamp", m.stamp);
    if (m.uses < 1 || m.uses > 100000)
      return Error{ErrorCode::BadInput, "a mask at hand has at least one use left", {}};
  }
  Plan out = plan;
  out.supplies.masksAtHand = std::move(masks);
  return out;
}

}  // namespace havlo
