#include "app/walk/walk_veils.h"

#include <QLinearGradient>
#include <QPainter>
#include <cmath>

#include "app/theme/theme.h"
#include "core/marks/stack.h"
#include "io/art/shape_path.h"

namespace havlo {
namespace {

constexpr double kVeilHalf_px = 13;
constexpr double kBeside_px = 8;

}  // namespace

std::vector<WalkVeil> walkVeils(const Plan& plan, const Analysis& analysis,
                                const std::function<double(double)>& xOf,
                                const std::function<double(int)>& thingX) {
  std::vector<WalkVeil> out;
  for (size_t w = 0; w < plan.washes.size(); ++w) {
    const WashDepth where = depthOf(plan, plan.washes[w]);
    if (const auto* at = std::get_if<AtMetres>(&where)) {
      out.push_back({static_cast<int>(w), xOf(at->metres), at->metres});
    } else if (const auto* by = std::get_if<BesideThing>(&where)) {
      const int thing = plan.indexOf(by->id);
      if (thing < 0) continue;
      out.push_back({static_cast<int>(w), thingX(thing) + (by->behind ? kBeside_px : -kBeside_px),
                     analysis.depth->distance_m(thing)});
    }
  }
  return out;
}

QRectF paintVeil(QPainter& p, const Plan& plan, const WalkVeil& veil, double top, double ground,
                 const QString& words, bool chosen) {
  const Ink* ink = plan.ink(plan.washes[ix(veil.wash)].ink);
  const QColor colour = ink ? colourOf(ink->colour) : theme().soft;
  QLinearGradient band(veil.x - kVeilHalf_px, 0, veil.x + kVeilHalf_px, 0);
  QColor none = colour, full = colour;
  none.setAlpha(0), full.setAlpha(chosen ? 190 : 130);
  band.setColorAt(0, none);
  band.setColorAt(0.5, full);
  band.setColorAt(1, none);
  p.fillRect(QRectF(veil.x - kVeilHalf_px, top, 2 * kVeilHalf_px, ground - top), band);
  // White mist on a light ground is known by its line.
  p.setPen(QPen(chosen ? theme().green : theme().soft, chosen ? 1.4 : 0.8, Qt::DotLine));
  p.drawLine(QPointF(veil.x, top), QPointF(veil.x, ground));
  p.setFont(labelFont(chosen ? QFont::DemiBold : QFont::Normal));
  const QFontMetricsF metrics(p.font());
  const double width = metrics.horizontalAdvance(words) + 4;
  const QRectF box(veil.x - width / 2, top - metrics.height(), width, metrics.height());
  p.drawText(box, Qt::AlignCenter, words);
  return box;
}

}  // namespace havlo
