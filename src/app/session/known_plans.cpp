#include "app/session/known_plans.h"

#include <algorithm>
#include <list>

namespace havlo {
namespace {

constexpr size_t kMost = 12;

struct Known {
  std::shared_ptr<const Plan> plan;
  AnalysisRef analysis;
  bool ordered = false, drawn = false;
};

std::list<Known>& shelf() {
  static std::list<Known> one;  // used last in front
  return one;
}

}  // namespace

AnalysisRef knownAnalysis(const Plan& plan, const ArtSource* art, bool ordered) {
  auto& known = shelf();
  const auto at = std::find_if(known.begin(), known.end(), [&](const Known& k) {
    return k.ordered == ordered && k.drawn == (art != nullptr) && *k.plan == plan;
  });
  if (at == known.end()) return nullptr;
  known.splice(known.begin(), known, at);
  if (at->analysis->drawnBy == art) return at->analysis;
  // Another window's artist draws the same.
  auto own = std::make_shared<Analysis>(*at->analysis);
  own->drawnBy = art;
  return own;
}

void keepAnalysis(const std::shared_ptr<const Plan>& plan, const AnalysisRef& analysis, bool ordered) {
  auto& known = shelf();
  known.push_front({plan, analysis, ordered, analysis->drawnBy != nullptr});
  if (known.size() > kMost) known.pop_back();
}

}  // namespace havlo
