// Draws the SVG art of stamps for the press and the screen.
#pragma once

#include <QTransform>
#include <memory>

#include "core/press/press.h"

class QPainter;

namespace havlo {

/// Renders art through QSvgRenderer and keeps the drawings it has parsed. Safe to use from several threads.
class SvgArt : public ArtSource {
 public:
  SvgArt();
  ~SvgArt() override;
  std::optional<Tile> draw(const Stamp& stamp, const Placing& placing, const Grid& grid) const override;
  /// The drawing itself, as lines, for paper. @param painter  in mm, y down, the panel's upper left at 0
  /// @return  false where it cannot be drawn
  bool paint(QPainter& painter, const Stamp& stamp, const Placing& placing, double panelHeight_mm) const;

 private:
  struct Store;
  std::unique_ptr<Store> m_store;
};

/// Takes the stamp's drawing frame (mm, y down from the top edge) to pixels, for a placing and a panel
/// picture with its origin at the top left.
QTransform frameToPixels(const Stamp& stamp, const Placing& placing, double panelHeight_mm, double pxPerMmX,
                         double pxPerMmY);

}  // namespace havlo
