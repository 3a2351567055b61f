#include "app/practice/cards.h"

#include <QFile>
#include <algorithm>

#include "core/plan/plan_text.h"

namespace havlo {
namespace {

const std::vector<std::shared_ptr<const Plan>>& shipped() {
  static const std::vector<std::shared_ptr<const Plan>> all = [] {
    std::vector<std::shared_ptr<const Plan>> out;
    for (const char* name :
         {"demo/canal-towpath", "demo/teaching-avenue", "demo/potting-shed", "demo/misty-fen",
          "demo/teaching-crowd", "practice/practice-10", "practice/practice-07"}) {
      QFile file(QStringLiteral(":/%1.havlo").arg(QLatin1String(name)));
      if (!file.open(QIODevice::ReadOnly)) continue;
      if (auto read = readPlan(file.readAll().toStdString()))
        out.push_back(std::make_shared<const Plan>(std::move(read).value().plan));
    }
    return out;
  }();
  return all;
}

}  // namespace

std::vector<PracticeCard> cardsToPractise(const PracticeCard& own, uint64_t turn) {
  std::vector<PracticeCard> out;
  for (const auto& plan : shipped()) out.push_back({plan, nullptr});
  if (!out.empty())
    std::rotate(out.begin(), out.begin() + static_cast<std::ptrdiff_t>(turn % out.size()), out.end());
  // Every second time one's own: it is the one that will be made, but it is soon known by heart.
  if (own.plan && !own.plan->impressions.empty()) out.insert(turn % 2 == 0 ? out.begin() : out.end(), own);
  return out;
}

}  // namespace havlo
