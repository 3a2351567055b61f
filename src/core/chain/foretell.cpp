#include "core/chain/foretell.h"

#include <algorithm>

namespace havlo {

int warningsOf(const Analysis& a) {
  return static_cast<int>(std::count_if(a.findings.begin(), a.findings.end(),
                                        [](const Finding& f) { return !f.known && f.level != Level::Note; }));
}

double readingScore(const Analysis& a) {
  double score = 100;
  for (const Finding& f : a.findings) {
    if (f.known) continue;
    score -= f.level == Level::Fault ? 25 : f.level == Level::Warn ? 10 : 3;
  }
  if (a.looks && a.looks->hero >= 0) {
    score += 40 * a.looks->heroShare();
    if (a.looks->heroRank == 1) score += 10;
    if (!a.looks->path.empty() && a.looks->path[0].thing == a.looks->hero) score += 5;
  }
  return score;
}

}  // namespace havlo
