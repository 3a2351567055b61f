#include "core/cutting/mask_job.h"

#include <algorithm>

#include "core/mask/joint_paper.h"
#include "core/wash/limit_shape.h"
#include "core/wash/wash_area.h"

namespace havlo {

Rings maskShapeOf(const Plan& plan, const Analysis& a, int stamp, int number) {
  const StampMasks& masks = a.stampMasks[ix(stamp)];
  const int of = ix(number) < masks.partOf.size() ? masks.partOf[ix(number)] : -1;
  const Rings& whole = a.masks[ix(stamp)]->mask;
  return of < 0 ? whole : maskOfPart(whole, plan.impressions[ix(of)].part, plan.supplies);
}

MaskJob layMasksOut(const Plan& plan, const Analysis& a, const MaskingSheet& sheet,
                    const Progress& progress) {
  std::vector<SheetPiece> pieces;
  for (size_t s = 0; s < plan.stamps.size(); ++s)
    for (int k = 0; k < a.stampMasks[s].cut; ++k)
      pieces.push_back({static_cast<int>(s), k, maskShapeOf(plan, a, static_cast<int>(s), k)});
  for (size_t j = 0; j < a.needs.joints.size(); ++j) {
    const JointPaper& paper = a.needs.joints[j];
    const MaskRef shape = paper.shape ? paper.shape : jointShape(plan, a.meetings.placed, paper);
    for (int k = 0; k < paper.cut; ++k)
      pieces.push_back(
          {a.stampOf[ix(paper.over.front())], k, shape->mask, -1, static_cast<int>(j), paper.over});
  }
  // Edges and openings that washes are bounded by: one piece each, on the side it is first used for.
  std::vector<char> there(plan.limits.size(), 0);
  for (int w : washOrder(plan)) {
    const Wash& wash = plan.washes[ix(w)];
    for (const WashBound& bound : wash.limits)
      for (size_t l = 0; l < plan.limits.size(); ++l) {
        if (plan.limits[l].id != bound.id || there[l] || !wantsCutting(plan.limits[l])) continue;
        there[l] = 1;
        pieces.push_back(
            {0, 0, limitPiece(plan.limits[l], bound.side, plan.card.panel.box()), static_cast<int>(l)});
      }
  }
  const SheetLayout layout = layOut(pieces, sheet, progress);
  MaskJob job;
  job.sheet = sheet;
  job.sheets = layout.sheets;
  job.used_mm2 = layout.used_mm2, job.spent_mm2 = layout.spent_mm2;
  for (int i : layout.doesNotFit) job.tooLarge.push_back(pieces[ix(i)]);
  std::vector<std::optional<DeepestPoint>> roomiest(plan.stamps.size());
  for (const LaidPiece& laid : layout.laid) {
    const SheetPiece& piece = pieces[ix(laid.piece)];
    const auto s = ix(piece.stamp);
    LaidMask m;
    const bool limit = piece.limit >= 0;
    m.stamp = piece.stamp, m.number = piece.number,
    m.of = limit              ? 1
           : piece.joint >= 0 ? a.needs.joints[ix(piece.joint)].cut
                              : a.stampMasks[s].cut;
    m.limit = piece.limit, m.joint = piece.joint, m.over = piece.over;
    m.place = laid;
    m.onSheet = laid.onSheet(piece.shape);
    const std::vector<int>& parts = a.stampMasks[s].partOf;
    const bool own =
        limit || piece.joint >= 0 || (ix(piece.number) < parts.size() && parts[ix(piece.number)] >= 0);
    if (!own && !roomiest[s]) roomiest[s] = deepestPoint(piece.shape);
    const DeepestPoint deep = own ? deepestPoint(piece.shape) : *roomiest[s];
    m.roomiest = {laid.onSheet(deep.at), deep.radius_mm};
    const Point origin = laid.onSheet(Point{0, 0}), above = laid.onSheet(Point{0, 1});
    m.up = {above.x - origin.x, above.y - origin.y};
    if (!limit && piece.joint < 0 && plan.supplies.footMark == FootMark::Tick)
      for (const FootTick& t : footTicks(*plan.stamps[s], piece.shape, 3))
        m.ticks.push_back({laid.onSheet(t.from), laid.onSheet(t.to)});
    job.masks.push_back(std::move(m));
  }
  return job;
}

std::string idOf(const Plan& plan, const LaidMask& m) {
  if (m.limit >= 0) return plan.limits[ix(m.limit)].id;
  if (m.joint >= 0) return jointId(plan, m.joint);
  return maskId(*plan.stamps[ix(m.stamp)], m.number);
}

CutSheet cutsOf(const Plan& plan, const MaskJob& job, int sheet) {
  CutSheet out;
  out.width_mm = job.sheet.width_mm, out.height_mm = job.sheet.height_mm;
  for (const LaidMask& m : job.masks) {
    if (m.place.sheet != sheet) continue;
    const std::string id = idOf(plan, m);
    int ring = 0;
    for (const Ring& r : m.onSheet) {
      CutLine line{++ring == 1 ? id : id + "." + std::to_string(ring), r, true};
      line.points.push_back(line.points.front());
      out.cuts.push_back(std::move(line));
    }
    for (const FootTick& t : m.ticks) out.marks.push_back({id + ".foot", {t.from, t.to}, false});
  }
  out.cuts = inCuttingOrder(std::move(out.cuts));
  return out;
}

}  // namespace havlo
