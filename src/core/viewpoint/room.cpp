#include "core/viewpoint/room.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr int kMostLinesOneWay = 300;  // of one direction

struct Builder {
  const Projection& projection;
  DrawnThing& out;

  void ink(ScenePoint p, ScenePoint q) {
    if (const auto seen = seenLine(projection, p, q)) out.ink.push_back(*seen);
  }
  void construct(ScenePoint p, ScenePoint q) {
    if (const auto seen = seenLine(projection, p, q)) out.construction.push_back(*seen);
  }
  void frame(const std::array<ScenePoint, 4>& c) {
    for (size_t k = 0; k < 4; ++k) ink(c[k], c[(k + 1) % 4]);
  }
};

void shell(Builder& b, const Room& room, const RoomSize& s) {
  const double near = b.projection.nearest_m();
  const ScenePoint floorLeft{s.left_m, 0, s.back_m}, floorRight{s.right_m, 0, s.back_m};
  const ScenePoint topLeft{s.left_m, s.ceiling_m, s.back_m}, topRight{s.right_m, s.ceiling_m, s.back_m};
  b.ink(floorLeft, floorRight);
  b.ink(floorLeft, topLeft);
  b.ink(floorRight, topRight);
  for (const ScenePoint c : {floorLeft, floorRight}) b.ink(c, {c.x, c.up, near});
  if (room.ceiling) {
    b.ink(topLeft, topRight);
    for (const ScenePoint c : {topLeft, topRight}) b.ink(c, {c.x, c.up, near});
  }
  b.construct(floorLeft, topRight);
  b.construct(floorRight, topLeft);
}

void tiles(Builder& b, const Room& room, const RoomSize& s, double visibleFrom_m) {
  const double unit = room.unit_m;
  const int across =
      static_cast<int>(std::min<double>(kMostLinesOneWay, std::floor(s.width_m() / unit + 1e-9)));
  for (int k = 1; k <= across; ++k) {
    const double x = s.left_m + k * unit;
    if (x < s.right_m - 1e-9) b.ink({x, 0, s.back_m}, {x, 0, b.projection.nearest_m()});
  }
  if (room.floor != FloorKind::Tiles) return;
  for (int k = 1; k <= kMostLinesOneWay; ++k) {
    const double d = s.back_m - k * unit;
    if (d < visibleFrom_m) break;
    b.ink({s.left_m, 0, d}, {s.right_m, 0, d});
  }
  // The diagonal that proves the tiles square: it meets a corner of every tile it crosses.
  const double run = std::min(s.width_m(), s.back_m - visibleFrom_m);
  if (run > 0) b.construct({s.left_m, 0, s.back_m}, {s.left_m + run, 0, s.back_m - run});
}

void opening(Builder& b, const RoomOpening& o, const RoomSize& s) {
  const double low = o.sill_m, high = o.sill_m + o.height_m;
  const auto at = [&](double along, double up) -> ScenePoint {
    switch (o.wall) {
      case RoomWall::Left:
        return {s.left_m, up, s.back_m - along};
      case RoomWall::Right:
        return {s.right_m, up, s.back_m - along};
      case RoomWall::Back:
        break;
    }
    return {s.left_m + along, up, s.back_m};
  };
  b.frame({at(o.along_m, low), at(o.along_m + o.width_m, low), at(o.along_m + o.width_m, high),
           at(o.along_m, high)});
}

void box(Builder& b, const RoomBox& o, const RoomSize& s) {
  const double l = s.left_m + o.left_m, r = l + o.width_m, far = s.back_m - o.back_m, near = far - o.depth_m,
               low = o.up_m, high = o.up_m + o.height_m;
  const ScenePoint c[8] = {{l, low, near}, {r, low, near}, {r, high, near}, {l, high, near},
                           {l, low, far},  {r, low, far},  {r, high, far},  {l, high, far}};
  const int edges[12][2] = {{0, 1}, {1, 2}, {2, 3}, {3, 0}, {4, 5}, {5, 6},
                            {6, 7}, {7, 4}, {0, 4}, {1, 5}, {2, 6}, {3, 7}};
  for (const auto& e : edges) b.ink(c[e[0]], c[e[1]]);
  const int faces[6][4] = {{0, 1, 2, 3}, {4, 5, 6, 7}, {0, 4, 7, 3},
                           {1, 5, 6, 2}, {3, 2, 6, 7}, {0, 1, 5, 4}};
  for (const auto& f : faces)
    if (auto face = seenFace(b.projection, {c[f[0]], c[f[1]], c[f[2]], c[f[3]]}))
      b.out.faces.push_back(std::move(*face));
}

}  // namespace

RoomSize sizeOf(const Room& room, const View& view, const PanelSize& panel) {
  const Projection projection(view, panel.width_mm);
  const Box back = room.back();
  RoomSize s;
  s.back_m = projection.onGround({0, back.bottom}).away;
  s.left_m = projection.atDistance({back.left, 0}, s.back_m).x;
  s.right_m = projection.atDistance({back.right, 0}, s.back_m).x;
  s.ceiling_m = projection.atDistance({0, back.top}, s.back_m).up;
  return s;
}

DrawnThing drawnOf(const Room& room, const View& view, const PanelSize& panel) {
  const Projection projection(view, panel.width_mm);
  DrawnThing out;
  Builder b{projection, out};
  const RoomSize size = sizeOf(room, view, panel);
  shell(b, room, size);
  if (room.floor != FloorKind::Plain) tiles(b, room, size, view.nearDistance_m * (1 - 1e-9));
  for (const RoomOpening& o : room.openings) opening(b, o, size);
  for (const RoomBox& o : room.boxes) box(b, o, size);
  return out;
}

}  // namespace havlo
