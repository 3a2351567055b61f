#include "app/log/compare_work.h"

#include <QPainter>
#include <QPainterPath>

#include "app/theme/theme.h"
#include "core/chain/chain.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/devices/camera.h"
#include "io/scan/scan_file.h"

namespace havlo {

Result<Compared> comparedWith(const CompareAsk& ask, std::shared_ptr<SvgArt> art, const Progress& progress) {
  Compared out;
  out.plan = ask.plan;
  out.analysis = ask.analysis ? ask.analysis
                              : withBestOrder(*ask.plan, analyse(*ask.plan, nullptr, art.get()), {},
                                              {progress.stop, {}});
  CompareOptions options;
  options.steps = ask.steps;
  ColourScan scan;
  if (ask.file.isEmpty()) {
    HandToTry hand;
    hand.missing = hand.doubled = hand.smeared = hand.pale = 0.02;
    const auto made = handMade(*out.plan, *out.analysis, art.get(), errorsOf(*out.plan, hand, ask.seed), 400,
                               ask.steps, {progress.stop, {}});
    if (!made) return made.error();
    CameraSettings camera;
    camera.seed = static_cast<unsigned>(ask.seed), camera.dpi = 300;
    camera.turn = Degrees{static_cast<double>(ask.seed % 5) - 2};
    out.photo = photographed(pictureOf(made.value().card), out.plan->card.panel.width_mm,
                             out.plan->card.panel.height_mm, camera);
    scan = coloursOf(out.photo);
    options.dpi = camera.dpi;
  } else {
    auto read = readCardPicture(ask.file, {progress.stop, {}});
    if (!read) return read.error();
    out.photo = read.value().picture;
    options.dpi = read.value().dpi;
    scan = turnedBy(read.value().scan, ask.quarters);
  }
  auto seen = compared(*out.plan, *out.analysis, art.get(), scan, options, progress);
  if (!seen) return seen.error();
  out.seen = std::move(seen).value();
  const ColourScan& flat = out.seen.flat;
  out.flat = QImage(flat.rgb.data(), flat.width, flat.height, 3 * flat.width, QImage::Format_RGB888)
                 .convertToFormat(QImage::Format_RGB32);
  return out;
}

QImage markedCard(const Compared& of) {
  QImage image = of.flat;
  QPainter p(&image);
  p.setRenderHint(QPainter::Antialiasing);
  const double px = of.seen.flatPxPerMm, high = of.plan->card.panel.height_mm;
  const Theme t = lightTheme();  // it is drawn on the card, which is light in both
  const auto at = [&](Point q) { return QPointF(q.x * px, (high - q.y) * px); };
  const auto outlineOf = [&](int i, Point by, double turn) {
    const Placed& placed = *of.analysis->meetings.placed[ix(i)];
    const Point foot = of.plan->impressions[ix(i)].at;
    const Placing moved(foot, foot + by, Degrees{turn});
    QPainterPath path;
    for (const Ring& ring : moved.toPanel(placed.silhouette)) {
      QPolygonF polygon;
      for (Point q : ring) polygon << at(q);
      path.addPolygon(polygon);
      path.closeSubpath();
    }
    return path;
  };
  const auto pen = [&](const QColor& colour, double mm, Qt::PenStyle style = Qt::SolidLine) {
    p.setPen(QPen(colour, mm * px, style, Qt::RoundCap, Qt::RoundJoin));
  };
  for (const SeenPrint& print : of.seen.prints) {
    if (print.state == PrintState::AsPlanned || print.state == PrintState::Untold ||
        print.state == PrintState::Pale)
      continue;
    const bool missing = print.state == PrintState::Missing;
    // Where it should be in dashes, where it is in a line.
    pen(missing ? t.madder : t.ochre, 0.35, Qt::DashLine);
    p.drawPath(outlineOf(print.impression, {}, 0));
    if (missing) continue;
    pen(print.state == PrintState::Off ? t.ochre : t.madder, 0.35);
    p.drawPath(outlineOf(print.impression, print.by, print.turn_deg));
  }
  for (const SeenJoin& j : of.seen.joins) {
    if (std::max(j.gap_mm, j.runIn_mm) < 0.4) continue;
    pen(t.madder, 0.4);
    p.setBrush(Qt::NoBrush);
    p.drawEllipse(at(j.at), 2.2 * px, 2.2 * px);
  }
  p.end();
  return image;
}

}  // namespace havlo
