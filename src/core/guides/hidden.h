// Hidden-line removal: the parts of lines that nothing nearer covers. Exact: along a line and over a flat
// face 1/distance runs evenly on the panel, so where one passes behind the other is a crossing of straight
// lines.
#pragma once

#include <span>
#include <vector>

#include "core/viewpoint/projection.h"

namespace havlo {

/// Faces ready to hide lines.
class Screen {
 public:
  void add(SeenFace face);
  /// Parts of the line in front of every face, in order along it; parts shorter than 0.05 mm are dropped.
  std::vector<SeenLine> visible(const SeenLine& line) const;

 private:
  struct Held {
    SeenFace face;
    Box box;
    double nearest = 0;  ///< greatest 1/distance
  };
  std::vector<Held> m_faces;
};

}  // namespace havlo
