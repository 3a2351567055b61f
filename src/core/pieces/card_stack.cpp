#include "core/pieces/card_stack.h"

#include <algorithm>
#include <cmath>

#include "core/card/card_sizes.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/pieces/heights.h"

namespace havlo {
namespace {

constexpr double kHair_mm = 0.05;

double gramsOf(double gsm, double area_mm2) { return gsm * area_mm2 / 1e6; }
double usualGsm(double thickness_mm) { return thickness_mm * kUsualDensity_gsmPerMm; }

class Stacking {
 public:
  Stacking(const Plan& plan, std::span<const PlacedRef> placed) : m_plan(plan), m_placed(placed) {}

  CardStack take() {
    layers();
    onFace();
    inside();
    total();
    return std::move(m_out);
  }

 private:
  const Plan& m_plan;
  std::span<const PlacedRef> m_placed;
  CardStack m_out;
  double m_face_mm = 0;  // the panel's face over the table

  /// Base with both its leaves, mats, panel, from the table up.
  void layers() {
    const CardFit fit = fitCard(m_plan);
    double low = 0;
    for (size_t k = fit.layers.size(); k-- > 0;) {
      const Layer& layer = fit.layers[k];
      const bool folded = layer.what == Layer::What::Base && foldOf(*m_plan.card.base) != Fold::None;
      StackedSheet s;
      s.what = layer.what == Layer::What::Base  ? StackedSheet::What::Base
               : layer.what == Layer::What::Mat ? StackedSheet::What::Mat
                                                : StackedSheet::What::Panel;
      s.index = layer.mat;
      if (layer.what == Layer::What::Panel && k + 1 < fit.layers.size())
        s.foam_mm = m_plan.card.raise_mm, low += s.foam_mm;
      s.outline = rectangle(layer.box);
      s.low_mm = low;
      s.thickness_mm = m_plan.card.paper.thickness_mm * (folded ? 2 : 1);
      s.colour =
          layer.what == Layer::What::Mat ? m_plan.card.mats[ix(layer.mat)].colour : m_plan.card.paper.colour;
      s.area_mm2 = areaOf(s.outline) * (folded ? 2 : 1);
      s.weight_g = gramsOf(usualGsm(m_plan.card.paper.thickness_mm), s.area_mm2);
      low += s.thickness_mm;
      m_out.sheets.push_back(std::move(s));
    }
    m_face_mm = low;
  }

  Rings rim() const { return m_out.sheets.front().outline; }

  void onFace() {
    for (const Glued& g : gluedOn(m_plan)) {
      StackedSheet s;
      s.low_mm = m_face_mm + g.low_mm;
      if (g.impression >= 0) {
        const Impression& thing = m_plan.impressions[ix(g.impression)];
        s.what = StackedSheet::What::PopUp, s.index = g.impression;
        s.outline = intersection(m_placed[ix(g.impression)]->silhouette, rim());
        s.thickness_mm = m_plan.card.paper.thickness_mm, s.foam_mm = foamUnder(thing);
        s.colour = m_plan.card.paper.colour;
        s.area_mm2 = areaOf(s.outline);
        s.weight_g = gramsOf(usualGsm(s.thickness_mm), s.area_mm2);
      } else {
        const Piece& piece = m_plan.pieces[ix(g.piece)];
        s.what = StackedSheet::What::Piece, s.index = g.piece;
        s.outline = onCard(piece);
        judge(piece, g.piece, s.outline);
        if (piece.flush) s.outline = intersection(s.outline, rectangle(m_plan.card.panel.box()));
        s.thickness_mm = piece.paper.thickness_mm, s.foam_mm = piece.raise_mm;
        s.colour = piece.paper.colour;
        s.area_mm2 = areaOf(s.outline);
        s.weight_g = weightOf(piece.paper, s.area_mm2);
      }
      m_out.sheets.push_back(std::move(s));
    }
  }

  void judge(const Piece& piece, int number, const Rings& shape) {
    const bool gone = !piece.on.empty() && piece.on != "base" && m_plan.pieceIndex(piece.on) < 0;
    if (gone) m_out.faults.push_back({StackFaultKind::OnGone, number, 0});
    const int under = gone ? -1 : m_plan.pieceIndex(piece.on);
    const Rings below = under >= 0 ? onCard(m_plan.pieces[ix(under)]) : rectangle(m_plan.card.panel.box());
    if (sharedArea(SweepEdges(shape), SweepEdges(below)) < 1) {
      m_out.faults.push_back({StackFaultKind::OffTheCard, number, 0});
      return;
    }
    const Box whole = boxOf(shape), card = boxOf(rim());
    const double over = std::max(
        {card.left - whole.left, whole.right - card.right, card.bottom - whole.bottom, whole.top - card.top});
    if (!piece.flush && over > kHair_mm) m_out.faults.push_back({StackFaultKind::HangsOver, number, over});
  }

  /// What lies inside is between the base's leaves: it lifts nothing seen from the front, but counts.
  void inside() {
    for (size_t p = 0; p < m_plan.pieces.size(); ++p) {
      const Piece& piece = m_plan.pieces[p];
      if (piece.kind != PieceKind::Inside && piece.kind != PieceKind::Liner) continue;
      const double area = areaOf(shapeOf(piece));
      m_out.weight_g += weightOf(piece.paper, area);
      m_out.thickness_mm += piece.paper.thickness_mm;
    }
  }

  void total() {
    double top = 0;
    Box all;
    for (const StackedSheet& s : m_out.sheets) {
      top = std::max(top, s.low_mm + s.thickness_mm);
      m_out.weight_g += s.weight_g;
      for (const Ring& ring : s.outline)
        for (Point p : ring) all.include(p);
    }
    m_out.thickness_mm += top;
    m_out.width_mm = all.width(), m_out.height_mm = all.height();
    m_out.envelopes = envelopesFor(m_out.width_mm, m_out.height_mm, m_out.thickness_mm);
    if (m_plan.card.base && m_out.envelopes.empty())
      m_out.faults.push_back({StackFaultKind::NoEnvelope, -1, 0});
    const Post& post = m_plan.making.post;
    if (post.thickness_mm && m_out.thickness_mm > *post.thickness_mm)
      m_out.faults.push_back({StackFaultKind::TooThick, -1, m_out.thickness_mm - *post.thickness_mm});
    if (post.weight_g && m_out.weight_g > *post.weight_g)
      m_out.faults.push_back({StackFaultKind::TooHeavy, -1, m_out.weight_g - *post.weight_g});
    Box envelope{0, 0, 0, 0};
    for (size_t p = 0; p < m_plan.pieces.size(); ++p) {
      if (m_plan.pieces[p].kind != PieceKind::Envelope) continue;
      const Box size = boxOf(shapeOf(m_plan.pieces[p]));
      envelope = size;
      const double room = envelopeRoom_mm(m_out.thickness_mm);
      const auto lacks = [&](double w, double h) {
        return std::max({0.0, m_out.width_mm + room - w, m_out.height_mm + room - h});
      };
      const double by = std::min(lacks(size.width(), size.height()), lacks(size.height(), size.width()));
      if (by > kHair_mm) m_out.faults.push_back({StackFaultKind::EnvelopeTight, static_cast<int>(p), by});
    }
    for (size_t p = 0; p < m_plan.pieces.size(); ++p) {
      if (m_plan.pieces[p].kind != PieceKind::Flap) continue;
      const Box flap = boxOf(shapeOf(m_plan.pieces[p]));
      const double by = std::max(flap.width() - envelope.width(), flap.height() - envelope.height());
      if (by > kHair_mm) m_out.faults.push_back({StackFaultKind::FlapTooLarge, static_cast<int>(p), by});
    }
  }
};

}  // namespace

double envelopeRoom_mm(double thickness_mm) { return std::max(3.0, 1.5 + thickness_mm); }

double weightOf(const PiecePaper& paper, double area_mm2) {
  return gramsOf(paper.weight_gsm.value_or(usualGsm(paper.thickness_mm)), area_mm2);
}

std::vector<EnvelopeFit> envelopesFor(double width_mm, double height_mm, double thickness_mm) {
  std::vector<EnvelopeFit> out;
  const double room = envelopeRoom_mm(thickness_mm);
  const double w = std::min(width_mm, height_mm) + room, h = std::max(width_mm, height_mm) + room;
  for (const UsualSize& size : usualEnvelopes())
    if (w <= size.width_mm + kHair_mm && h <= size.height_mm + kHair_mm)
      out.push_back({size.name, size.source, size.width_mm, size.height_mm});
  std::stable_sort(out.begin(), out.end(), [](const EnvelopeFit& a, const EnvelopeFit& b) {
    return a.width_mm * a.height_mm < b.width_mm * b.height_mm;
  });
  return out;
}

CardStack stackOf(const Plan& plan, std::span<const PlacedRef> placed) {
  return Stacking(plan, placed).take();
}

}  // namespace havlo
