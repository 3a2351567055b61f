// The stand-in for a scanner's glass or a camera over the table: a picture of a finished card lying on
// something.
#pragma once

#include <QColor>
#include <QImage>

#include "core/units/units.h"

namespace havlo {

struct CameraSettings {
  double dpi = 300;             ///< of the card in the middle of the picture
  double noise = 3;             ///< standard deviation, grey levels
  Degrees turn{0};              ///< by which the card lies turned, anticlockwise as seen
  double aslant = 0;            ///< 0 straight above; 0.1: the far side of the card looks a tenth shorter
  double aslantWay_deg = 90;    ///< which side is far: 0 right, 90 top
  double unevenLight = 0.1;     ///< how much darker the darkest corner is, as share
  QColor light{255, 255, 255};  ///< the lamp's colour
  double blur_mm = 0.05;        ///< of the optics
  QColor table{74, 82, 88};     ///< what the card lies on
  double grain = 2;             ///< of what it lies on, grey levels
  double shadow_mm = 0.8;       ///< beside the card's right and lower edge
  double margin_mm = 9;         ///< of table round the card
  int jpeg = 0;                 ///< 1 to 100: packed so and unpacked again; 0: not at all
  bool hand = false;            ///< fingers lie on the card
  double shown = 1;             ///< share of the card, from the left, that is in the picture
  unsigned seed = 1;
};

/// @param card  the card's face, spanning it exactly. @param width_mm, height_mm  its true size
/// @return the picture; it knows its dpi where it was taken from straight above
QImage photographed(const QImage& card, double width_mm, double height_mm,
                    const CameraSettings& settings = {});

}  // namespace havlo
