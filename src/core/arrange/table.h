// The table on which an arrangement is tried: things as coarse bitmaps that are pushed about. For arrange.cpp
// alone.
#pragma once

#include <cstdint>
#include <vector>

#include "core/analysis/analysis.h"
#include "core/base/random.h"

namespace havlo {

/// A thing that may be pushed about, with everything that holds on to it.
struct Movable {
  int impression = 0;
  std::vector<int> riders;
  double left = 0, right = 0, low = 0, high = 0;  ///< where its foot may be
  bool ground = false;                            ///< lower is nearer
};

/// Coarse scoring of feet: cheap enough to be asked thousands of times.
class Table {
 public:
  Table(const Plan& plan, const Analysis& analysis, const std::vector<char>& fixed);

  const std::vector<Movable>& pieces() const { return m_pieces; }
  const std::vector<Point>& feet() const { return m_feet; }
  void setFeet(const std::vector<Point>& feet) { m_feet = feet; }
  void push(const Movable& piece, Point foot);
  /// The wish of a variant: where across the panel the hero should be.
  void setHeroAt(double share) { m_heroAt = share; }
  /// Lower is better.
  double cost();

 private:
  struct Shape {
    int x0 = 0, y0 = 0, width = 0, height = 0;  // cells, relative to the foot's cell
    std::vector<uint8_t> cells;
    int area = 0;
  };
  static constexpr double kCell_mm = 2;

  const Plan& m_plan;
  const Analysis& m_a;
  std::vector<Shape> m_shapes;
  std::vector<Point> m_feet;
  std::vector<Movable> m_pieces;
  std::vector<char> m_backdrop, m_alive;
  std::vector<double> m_distance;  // of things not on the ground
  std::vector<int> m_host;
  Rings m_water;                       // of the panel, as far as the plan says where it is
  std::vector<char> m_afloat;          // stands in it now
  Rings m_land;                        // hills and banks
  std::vector<char> m_ashore;          // stands on one of them now, above the flat ground
  std::vector<int> m_lights;           // sun, moon, a cloud: small things of the sky that want to be seen
  std::vector<double> m_lightsHidden;  // how much of each is hidden now
  int m_hero = -1, m_greeting = -1;
  double m_heroAt = 0.38;
  int m_width, m_height;
  std::vector<uint16_t> m_count;  // things per cell
  std::vector<int> m_top;

  static Shape shapeOf(const Rings& silhouette, Point foot);
  Movable movable(size_t impression) const;
  void findWater();
  void findLand();
  void findPartners();
  double hiddenOf(int light) const;
  double distanceOf(int i) const;
  std::pair<int, int> cellOf(Point foot) const;
};

}  // namespace havlo
