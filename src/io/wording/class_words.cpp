#include "io/wording/class_words.h"

#include <algorithm>
#include <cmath>

#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"
#include "io/wording/stock_words.h"

namespace havlo {

QString clockWords(double minutes) {
  const int whole = static_cast<int>(std::lround(std::max(0.0, minutes)));
  return QStringLiteral("%1:%2").arg(whole / 60).arg(whole % 60, 2, 10, QLatin1Char('0'));
}

namespace {

/// Whole minutes: nobody plans an evening to the second.
QString aboutWords(double minutes) { return minutesWords(std::max(1.0, std::round(minutes))); }

}  // namespace

QString toolName(const Plan& plan, const ClassTool& tool) {
  switch (tool.what) {
    case ClassTool::What::Stamp:
      if (const StampRef stamp = plan.stamp(tool.id)) return tr("the stamp %1").arg(stampName(*stamp));
      return tr("the stamp %1").arg(QString::fromStdString(tool.id));
    case ClassTool::What::Ink:
      if (const Ink* ink = plan.ink(tool.id)) return tr("the pad of %1").arg(inkName(*ink));
      return tr("the pad of %1").arg(QString::fromStdString(tool.id));
    case ClassTool::What::HeatTool:
      break;
  }
  return tr("the heat tool");
}

QStringList classFacts(const Plan& plan, const ClassPlan& made) {
  QStringList out;
  const int n = made.wish.makers;
  if (made.done.empty()) return {tr("There is nothing to make yet.")};
  out << (n == 1 ? tr("One maker, %1.").arg(aboutWords(made.minutes))
                 : tr("%1 makers are done after %2; one with everything at hand takes %3.")
                       .arg(n)
                       .arg(aboutWords(made.minutes), aboutWords(made.alone_min)));
  if (made.waiting_min >= 0.5)
    out << tr("Each waits about %1 for stamps and pads.").arg(aboutWords(made.waiting_min));
  else if (n > 1)
    out << tr("Nobody waits for a stamp or pad.");
  std::vector<const ClassTool*> sparing;
  for (const ClassTool& t : made.tools)
    if (t.sparing_min >= 1) sparing.push_back(&t);
  std::sort(sparing.begin(), sparing.end(),
            [](const ClassTool* a, const ClassTool* b) { return a->sparing_min > b->sparing_min; });
  constexpr size_t kMostSaid = 3;
  for (size_t k = 0; k < std::min(kMostSaid, sparing.size()); ++k)
    out << tr("With %1 once more they are done %2 earlier.")
               .arg(toolName(plan, *sparing[k]), aboutWords(sparing[k]->sparing_min));
  if (sparing.empty() && made.waiting_min >= 0.5) {
    const auto busiest = std::max_element(
        made.tools.begin(), made.tools.end(),
        [](const auto& a, const auto& b) { return a.busy_min / a.copies < b.busy_min / b.copies; });
    if (busiest != made.tools.end())
      out << tr("No single stamp or pad more would help much; most in use is %1, %2.")
                 .arg(toolName(plan, *busiest), aboutWords(busiest->busy_min / busiest->copies));
  }
  if (n > 1 && made.minutes > made.bound_min + 0.5)
    out << tr("With these stamps and pads it cannot be less than %1.").arg(aboutWords(made.bound_min));
  return out;
}

QStringList classReady(const Plan& plan, const ClassPlan& made) {
  QStringList out;
  const int n = made.wish.makers;
  QStringList stamps, pads;
  bool heat = false;
  for (const ClassTool& t : made.tools) {
    if (t.what == ClassTool::What::Stamp)
      if (const StampRef stamp = plan.stamp(t.id)) stamps << stampName(*stamp);
    if (t.what == ClassTool::What::Ink)
      if (const Ink* ink = plan.ink(t.id)) pads << inkName(*ink);
    heat = heat || t.what == ClassTool::What::HeatTool;
  }
  stamps.removeDuplicates(), pads.removeDuplicates();
  const QString comma = QStringLiteral(", ");
  if (!stamps.isEmpty())
    out << (made.wish.stampSets == 1
                ? tr("Stamps, one of each: %1").arg(stamps.join(comma))
                : tr("Stamps, %1 of each: %2").arg(made.wish.stampSets).arg(stamps.join(comma)));
  if (!pads.isEmpty())
    out << (made.wish.inkSets == 1
                ? tr("Inks, one pad of each: %1").arg(pads.join(comma))
                : tr("Inks, %1 pads of each: %2").arg(made.wish.inkSets).arg(pads.join(comma)));
  if (heat)
    out << (made.wish.heatTools == 1 ? tr("One heat tool") : tr("%1 heat tools").arg(made.wish.heatTools));
  for (int s : made.beforehand) {
    const Station& station = made.card.stations[ix(s)];
    out << tr("For each of %1: %2").arg(n).arg(stationTitle(plan, made.card, station));
  }
  return out;
}

QString classCare() {
  return tr(
      "With children, blades, the heat tool and solvents stay with the teacher; small parts are kept from "
      "the very "
      "young. The makers' labels and the rules of the place go before this sheet.");
}

}  // namespace havlo
