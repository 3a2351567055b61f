// What the maker does besides, in their own words.
#include "core/handwork/kinds.h"

namespace havlo {
namespace {

class OwnSteps : public HandKind {
 public:
  std::string_view word() const override { return "own"; }
  const std::string& id(const Plan& plan, int index) const override { return plan.own[ix(index)].id; }
  void list(const Plan& plan, std::vector<HandAct>& out) const override {
    for (size_t k = 0; k < plan.own.size(); ++k) out.push_back({ByHand::Own, static_cast<int>(k), -1});
  }
  void judge(const HandScene& scene, HandWork& work) const override {
    const OwnStep& own = scene.plan.own[ix(work.act.index)];
    work.minutes = own.minutes, work.dry_min = own.dry_s / 60;
    work.soon = own.before.empty() && !own.after.empty();
    const auto named = [&](const std::vector<std::string>& names, std::vector<int>& acts) {
      for (const std::string& name : names) {
        const int act = actNamed(scene.plan, name);
        act >= 0 ? acts.push_back(act) : void(work.gone = name);
      }
    };
    named(own.before, work.before), named(own.after, work.after);
  }
};

}  // namespace

const HandKind& ownSteps() {
  static const OwnSteps one;
  return one;
}

}  // namespace havlo
