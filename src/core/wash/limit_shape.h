// The paper that bounds washes: where an edge runs, what an opening lets through, what is cut.
#pragma once

#include "core/outline/border_index.h"
#include "core/plan/plan.h"

namespace havlo {

/// Height of an edge above the panel's bottom at `x`, which may lie beyond the panel. Waves are odd about the
/// panel's middle, so that a straight or wavy edge turned round half a turn falls on itself.
double edgeHeight(const WashLimit& edge, double panelWidth_mm, double x_mm);

/// Does the same piece, turned round, serve the other side? A torn edge does not: its other piece does.
bool servesTurnedRound(const WashLimit& limit);

/// What an opening lets through: oval, rectangle, circle, arch, the slits of a ray stencil, any stencil's
/// shape. Empty for edges.
Rings openingOf(const WashLimit& limit, const Box& panel);

/// Where a wash on that side of the limit may lie, reaching a little beyond the panel.
Rings allowedBy(const WashLimit& limit, LimitSide side, const Box& panel);

/// How far points lie from a limit.
class LimitDistance {
 public:
  LimitDistance(WashLimit limit, LimitSide side, double panelWidth_mm);
  /// Distance in mm from the limit into the allowed side; negative on the covered side. For ovals measured
  /// along the ray from their middle; for rays the distance from where they come from.
  double at(Point p) const;
  const WashLimit& limit() const { return m_limit; }

 private:
  WashLimit m_limit;
  LimitSide m_side;
  double m_panelWidth_mm;
  BorderIndex m_border;  ///< a stencil's
};

/// The piece of masking paper that lies on the panel, panel coordinates: a strip along an edge, a frame about
/// an opening, or the disc out of it.
Rings limitPiece(const WashLimit& limit, LimitSide side, const Box& panel);

/// Straight edges are strips of tape; everything else is cut.
inline bool wantsCutting(const WashLimit& limit) { return limit.kind != LimitKind::Straight; }
/// Is its other side a piece that comes out of it? A stencil's openings are loose scraps.
inline bool hasOtherPiece(const WashLimit& limit) { return limit.kind != LimitKind::Stencil; }

/// The opening's box fitted around what a frame holds. @param held  box of the things; empty keeps the
/// opening
Box fitted(const WashLimit& frame, const Box& held);

}  // namespace havlo
