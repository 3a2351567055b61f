#include "app/colour/part_finder.h"

#include "core/base/parallel.h"
#include "core/outline/shape_ops.h"
#include "core/region/known_regions.h"
#include "io/art/svg_art.h"

namespace havlo {

PartFinder::PartFinder(PlanSession& session, std::shared_ptr<SvgArt> art, QObject* parent)
    : QObject(parent), m_session(session), m_art(std::move(art)), m_job(new Job<Known>(this)) {}

void PartFinder::look() {
  const Plan& plan = m_session.plan();
  std::erase_if(m_known, [&](const auto& known) {
    return std::find(plan.stamps.begin(), plan.stamps.end(), known.first) == plan.stamps.end();
  });
  std::vector<StampRef> fresh;
  for (const StampRef& stamp : plan.stamps)
    if (!m_known.contains(stamp)) fresh.push_back(stamp);
  if (fresh.empty()) return;
  m_job->run(
      [fresh, art = m_art](const Progress&) {
        std::vector<RegionsRef> regions(fresh.size());
        forEachIndex(fresh.size(), 2, [&](size_t k) { regions[k] = knownRegions(fresh[k], art.get()); });
        Known out;
        for (size_t k = 0; k < fresh.size(); ++k) out[fresh[k]] = regions[k];
        return out;
      },
      [this](Known now) {
        m_known.merge(now);
        Q_EMIT found();
      });
}

RegionsRef PartFinder::of(int impression) const {
  const auto& a = *m_session.analysis();
  if (impression < 0 || ix(impression) >= a.stampOf.size()) return {};
  const auto known = m_known.find(m_session.plan().stamps[ix(a.stampOf[ix(impression)])]);
  return known == m_known.end() ? nullptr : known->second;
}

PartAt PartFinder::at(Point panel) const {
  const Analysis& a = *m_session.analysis();
  PartAt thing;
  for (int i : a.knots.frontToBack) {
    const Placed& placed = *a.meetings.placed[ix(i)];
    const Point frame = placed.placing.toFrame(panel);
    if (!placed.outline->covered.at(frame)) continue;
    const RegionsRef regions = of(i);
    const int part = regions ? regions->at(frame) : -1;
    // Between the lines of what is only printed over something that is seen through it.
    const bool seenThrough = m_session.plan().impressions[ix(i)].school == School::Overprint && part < 0;
    if (seenThrough) continue;
    return {i, part};
  }
  return thing;
}

}  // namespace havlo
