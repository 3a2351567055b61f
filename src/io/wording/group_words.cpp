#include "io/wording/group_words.h"

#include <set>

#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {

QString thingsName(const Plan& plan, const std::vector<int>& impressions) {
  return impressions.size() == 1 ? nameOf(plan, impressions[0]) : tr("%1 things").arg(impressions.size());
}

QString thingsLabel(const Plan& plan, const std::vector<int>& impressions) {
  return impressions.size() == 1 ? labelOf(plan, impressions[0]) : tr("%1 things").arg(impressions.size());
}

QString snapWords(const Plan& plan, const SnapLine& line) {
  switch (line.to) {
    case SnapLine::To::Middle:
      return line.upright ? tr("in the middle") : tr("half way up");
    case SnapLine::To::Third:
      if (line.upright) return line.side == 0 ? tr("on the left third") : tr("on the right third");
      return line.side == 0 ? tr("on the lower third") : tr("on the upper third");
    case SnapLine::To::Foot: {
      const Impression& other = plan.impressions[ix(line.other)];
      const QString name = nameOf(plan, line.other);
      if (line.upright) return tr("straight over or under %1").arg(name);
      return std::holds_alternative<OnGround>(other.depth) ? tr("as far away as %1").arg(name)
                                                           : tr("level with %1").arg(name);
    }
    case SnapLine::To::Horizon:
      return tr("on the horizon");
    case SnapLine::To::Border:
      return tr("at the border");
    case SnapLine::To::Edge:
      return tr("at the card's edge");
  }
  return {};
}

QString crowdWords(const CrowdWish& wish, const CrowdPlan& crowd) {
  std::set<int> kinds;
  for (const CrowdPlace& p : crowd.places) kinds.insert(p.stamp);
  const int count = static_cast<int>(crowd.places.size()), rows = static_cast<int>(crowd.lines_mm.size());
  const int stamps = static_cast<int>(kinds.size());
  QString out = rows == 1     ? tr("%1 in one row").arg(count)
                : stamps == 1 ? tr("%1 in %2 rows, all of one stamp").arg(count).arg(rows)
                              : tr("%1 in %2 rows, of %3 stamps").arg(count).arg(rows).arg(stamps);
  out += crowd.alike == 0 ? tr(". None is like its neighbour.")
         : crowd.alike == 1
             ? tr(". Once two alike are side by side; another stamp would help.")
             : tr(". %1 times two alike are side by side; another stamp would help.").arg(crowd.alike);
  if (crowd.unfit > 0)
    out += u' ' + (crowd.unfit == 1 ? tr("One stands where it is too tall or too small.")
                                    : tr("%1 stand where they are too tall or too small.").arg(crowd.unfit));
  if (wish.stamps.size() > kinds.size() && crowd.unfit == 0)
    out += u' ' + tr("What is left out is too large or too small for the others' ground.");
  return out;
}

}  // namespace havlo
