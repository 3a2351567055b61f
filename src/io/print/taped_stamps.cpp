// Each stamp that is pressed with part of its rubber taped over or wiped, as it looks on the paper, at true
// size.
#include <algorithm>

#include "core/schools/schools.h"
#include "io/art/shape_path.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kHead_mm = 18, kGap_mm = 12, kWords_mm = 9;

struct Drawn {
  int impression = 0, page = 0;
  QPointF at;  // upper left
};

bool isTaped(const Analysis& a, int i) {
  return !a.needs.leaveOut[ix(i)].empty() || !a.meetings.placed[ix(i)]->outline->part.empty();
}

}  // namespace

bool hasTapedStamps(const Analysis& a) {
  for (size_t i = 0; i < a.needs.leaveOut.size(); ++i)
    if (isTaped(a, static_cast<int>(i))) return true;
  return false;
}

Printout tapedStamps(const Plan& plan, const Analysis& a, Sheet sheet) {
  const QRectF inner = sheet.inner();
  std::vector<Drawn> drawn;
  double x = inner.left(), y = inner.top() + kHead_mm, row = 0;
  int page = 0;
  for (int i : a.order) {
    if (!isTaped(a, i)) continue;
    const Stamp& stamp = *a.meetings.placed[ix(i)]->outline->stamp;
    const double w = std::max(stamp.width_mm, 45.0), h = stamp.height_mm + kWords_mm;
    if (x + w > inner.right() && x > inner.left()) x = inner.left(), y += row + kGap_mm, row = 0;
    if (y + h > inner.bottom() - kCheckRulesHeight_mm && y > inner.top() + kHead_mm)
      ++page, x = inner.left(), y = inner.top() + kHead_mm, row = 0;
    drawn.push_back({i, page, {x, y}});
    x += w + kGap_mm, row = std::max(row, h);
  }
  Printout out;
  out.title = tr("Stamps to tape before pressing");
  out.sheet = sheet;
  out.pages = page + 1;
  const auto shared = std::make_shared<Analysis>(a);
  out.draw = [=, title = out.title](QPainter& p, int now) {
    const QColor ink(0x22, 0x30, 0x3a), soft(0x5c, 0x68, 0x70), green(0x1f, 0x6b, 0x5e);
    drawText(p, {inner.left(), inner.top() + 5}, 4.6, title, ink, Qt::AlignLeft, QFont::Bold);
    drawText(p, {inner.left(), inner.top() + 10}, 2.8,
             tr("Seen as it prints; on the rubber everything is the other way round. Tape or wipe the "
                "hatched part."),
             soft);
    for (const Drawn& d : drawn) {
      if (d.page != now) continue;
      const Stamp& stamp = *shared->meetings.placed[ix(d.impression)]->outline->stamp;
      p.save();
      p.translate(d.at.x(), d.at.y() + stamp.height_mm);
      p.scale(1, -1);
      p.setPen(QPen(ink, 0.25));
      p.setBrush(Qt::NoBrush);
      p.drawPath(pathOf(stamp.silhouette));
      const QPainterPath taped = pathOf(tapedPart(*shared, d.impression));
      p.save();
      p.setClipPath(taped);
      p.setPen(QPen(green, 0.3));
      const QRectF box = taped.boundingRect();
      for (double t = box.left() - box.height(); t < box.right(); t += 1.6)
        p.drawLine(QPointF(t, box.top()), QPointF(t + box.height(), box.bottom()));
      p.restore();
      p.setPen(QPen(green, 0.4));
      p.drawPath(taped);
      p.restore();
      drawText(p, {d.at.x(), d.at.y() + stamp.height_mm + 4}, 3.2, labelOf(plan, d.impression), ink,
               Qt::AlignLeft, QFont::DemiBold);
      drawText(p, {d.at.x(), d.at.y() + stamp.height_mm + 8}, 2.6,
               shared->needs.leaveOut[ix(d.impression)].empty()
                   ? tr("only a part is stamped")
                   : tr("leaves room for %1").arg(listOf(plan, shared->needs.leaveOut[ix(d.impression)])),
               soft);
    }
    drawCheckRules(p, {inner.left(), inner.bottom() - kCheckRulesHeight_mm});
  };
  return out;
}

}  // namespace havlo
