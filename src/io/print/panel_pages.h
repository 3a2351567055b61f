// The panel at true size on pages of the maker's printer, tiled when it is larger than a sheet.
#pragma once

#include <QColor>
#include <functional>

#include "core/plan/plan.h"
#include "core/units/measure.h"
#include "io/paper/page.h"

namespace havlo {

inline constexpr double kRulerRoom_mm = 9;  ///< left of and below the panel, for the ruler marks
inline constexpr double kPanelHead_mm = 12;
inline const QColor kPrintGreen(0x1f, 0x6b, 0x5e);

/// Landscape cards on a turned sheet.
Sheet turnedFor(const Plan& plan, const Sheet& sheet);

/// Ruler marks along the panel's left and bottom edge, in the maker's units.
void drawPanelRulers(QPainter& painter, const PanelSize& panel, MeasureStyle style);

struct PanelPages {
  PanelPages(const Plan& plan, const Sheet& sheet);

  QRectF inner;
  int across = 1, down = 1;  ///< tiles of the panel
  double tileWidth = 0, tileHeight = 0, trim_mm = 0;
  int count() const { return across * down; }

  void drawHead(QPainter& painter, const QString& title, const QString& note) const;
  /// One page: all of the panel, or a tile with crosses where tiles join; and the check rules.
  /// @param panel  draws it in mm, its upper left corner at the origin, y down
  void drawTile(QPainter& painter, int page, const std::function<void(QPainter&)>& panel) const;
};

}  // namespace havlo
