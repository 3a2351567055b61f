// Scan conversion of even-odd rings.
#include "core/raster/raster.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace havlo {
namespace {

struct Line {
  double y0, y1, x0, slope;  // grid pixels, y down, y0 < y1
};

std::vector<Line> linesOf(const Grid& grid, const Rings& rings) {
  std::vector<Line> out;
  const auto px = [&](Point p) {
    return Point{p.x * grid.pxPerMmX(), (grid.panelHeight_mm - p.y) * grid.pxPerMmY()};
  };
  for (const Ring& ring : rings)
    for (size_t i = 0; i < ring.size(); ++i) {
      Point a = px(ring[i]), b = px(ring[(i + 1) % ring.size()]);
      if (a.y == b.y) continue;
      if (a.y > b.y) std::swap(a, b);
      out.push_back({a.y, b.y, a.x, (b.x - a.x) / (b.y - a.y)});
    }
  std::sort(out.begin(), out.end(), [](const Line& a, const Line& b) { return a.y0 < b.y0; });
  return out;
}

/// Calls span(left, right) for each covered stretch along each scan height.
template <typename Heights, typename Span>
void scan(const std::vector<Line>& lines, int rows, int firstRow, Heights heights, Span span) {
  std::vector<const Line*> active;
  std::vector<double> xs;
  size_t next = 0;
  for (int r = 0; r < rows; ++r)
    for (double y : heights(firstRow + r)) {
      std::erase_if(active, [&](const Line* l) { return l->y1 <= y; });
      for (; next < lines.size() && lines[next].y0 <= y; ++next)
        if (lines[next].y1 > y) active.push_back(&lines[next]);
      xs.clear();
      for (const Line* l : active) xs.push_back(l->x0 + l->slope * (y - l->y0));
      std::sort(xs.begin(), xs.end());
      for (size_t i = 0; i + 1 < xs.size(); i += 2) span(firstRow + r, xs[i], xs[i + 1]);
    }
}

}  // namespace

Grid::Grid(const Box& panel, double dpi)
    : width(std::max(1, static_cast<int>(std::lround(panel.width() * dpi / kMmPerInch)))),
      height(std::max(1, static_cast<int>(std::lround(panel.height() * dpi / kMmPerInch)))),
      panelWidth_mm(panel.width()),
      panelHeight_mm(panel.height()) {}

double dpiWithin(const Box& panel, double wanted_dpi, double mostPixels) {
  return std::min(wanted_dpi, kMmPerInch * std::sqrt(mostPixels / (panel.width() * panel.height())));
}

Tile tileFor(const Grid& grid, const Box& box) {
  Tile t;
  if (box.empty()) return t;
  const auto clampPx = [](double v, int most) {
    return static_cast<int>(std::clamp(v, 0.0, static_cast<double>(most)));
  };
  t.x = clampPx(std::floor(box.left * grid.pxPerMmX()), grid.width);
  t.y = clampPx(std::floor((grid.panelHeight_mm - box.top) * grid.pxPerMmY()), grid.height);
  t.width = clampPx(std::ceil(box.right * grid.pxPerMmX()), grid.width) - t.x;
  t.height = clampPx(std::ceil((grid.panelHeight_mm - box.bottom) * grid.pxPerMmY()), grid.height) - t.y;
  if (t.empty()) {
    t.width = t.height = 0;
  } else {
    t.cover.assign(ix(t.width) * ix(t.height), 0);
  }
  return t;
}

Tile hardTile(const Grid& grid, const Rings& rings) {
  Tile t = tileFor(grid, boxOf(rings));
  if (t.empty()) return t;
  scan(
      linesOf(grid, rings), t.height, t.y, [](int row) { return std::array{row + 0.5}; },
      [&](int row, double left, double right) {
        const int from = std::max(t.x, static_cast<int>(std::ceil(std::max(left, -1.0) - 0.5)));
        const int to =
            std::min(t.x + t.width, static_cast<int>(std::ceil(std::min(right, grid.width + 1.0) - 0.5)));
        for (int x = from; x < to; ++x) t.row(row)[x - t.x] = 255;
      });
  return t;
}

Tile softTile(const Grid& grid, const Rings& rings) {
  Tile t = tileFor(grid, boxOf(rings));
  if (t.empty()) return t;
  std::vector<float> sum(t.cover.size(), 0);
  scan(
      linesOf(grid, rings), t.height, t.y,
      [](int row) {
        return std::array{row + 0.125, row + 0.375, row + 0.625, row + 0.875};
      },
      [&](int row, double left, double right) {
        left = std::max(left, static_cast<double>(t.x));
        right = std::min(right, static_cast<double>(t.x + t.width));
        if (left >= right) return;
        float* line = sum.data() + ix(row - t.y) * ix(t.width);
        for (int x = static_cast<int>(left); x < right; ++x)
          line[x - t.x] +=
              static_cast<float>(std::min(right, x + 1.0) - std::max(left, static_cast<double>(x)));
      });
  for (size_t i = 0; i < sum.size(); ++i)
    t.cover[i] = static_cast<uint8_t>(std::lround(std::min(1.0f, sum[i] / 4) * 255));
  return t;
}

void block(Tile& tile, const Tile& blocker) {
  const int left = std::max(tile.x, blocker.x),
            right = std::min(tile.x + tile.width, blocker.x + blocker.width);
  const int top = std::max(tile.y, blocker.y),
            bottom = std::min(tile.y + tile.height, blocker.y + blocker.height);
  for (int y = top; y < bottom; ++y) {
    uint8_t* to = tile.row(y);
    const uint8_t* from = blocker.row(y);
    for (int x = left; x < right; ++x)
      if (from[x - blocker.x]) to[x - tile.x] = 0;
  }
}

namespace {

/// Running mean over 2 r + 1 values, along rows or columns.
void boxBlur(Tile& t, int r, bool along) {
  const int lines = along ? t.height : t.width, length = along ? t.width : t.height;
  std::vector<int> sum(ix(length) + 1, 0);
  for (int l = 0; l < lines; ++l) {
    const auto at = [&](int k) -> uint8_t& {
      return along ? t.cover[ix(l) * ix(t.width) + ix(k)] : t.cover[ix(k) * ix(t.width) + ix(l)];
    };
    for (int k = 0; k < length; ++k) sum[ix(k) + 1] = sum[ix(k)] + at(k);
    for (int k = 0; k < length; ++k) {
      const int from = std::max(0, k - r), to = std::min(length, k + r + 1);
      at(k) = static_cast<uint8_t>((sum[ix(to)] - sum[ix(from)]) / (2 * r + 1));
    }
  }
}

}  // namespace

Tile spread(const Tile& tile, const Grid& grid, double by_mm) {
  const int r = std::max(1, static_cast<int>(std::lround(by_mm * grid.pxPerMmX() / 2)));
  Tile out;
  out.x = tile.x - 2 * r, out.y = tile.y - 2 * r;
  out.width = tile.width + 4 * r, out.height = tile.height + 4 * r;
  out.cover.assign(ix(out.width) * ix(out.height), 0);
  for (int y = tile.y; y < tile.y + tile.height; ++y)
    std::copy(tile.row(y), tile.row(y) + tile.width, out.row(y) + 2 * r);
  // Two passes of a box come close to a bell.
  for (int pass = 0; pass < 2; ++pass) boxBlur(out, r, true), boxBlur(out, r, false);
  return out;
}

void blockSoftly(Tile& tile, const Tile& blocker, const Grid& grid) {
  const Tile soft = spread(blocker, grid, 0.5);
  for (int y = tile.y; y < tile.y + tile.height; ++y)
    for (int x = tile.x; x < tile.x + tile.width; ++x) {
      uint8_t& a = tile.row(y)[x - tile.x];
      a = static_cast<uint8_t>(a * (255 - soft.at(x, y)) / 255);
    }
}

void keepOnly(Tile& tile, const Tile& part) {
  for (int y = tile.y; y < tile.y + tile.height; ++y)
    for (int x = tile.x; x < tile.x + tile.width; ++x)
      if (!part.at(x, y)) tile.row(y)[x - tile.x] = 0;
}

Tile dilated(const Tile& tile, const Grid& grid, double by_mm, uint8_t least) {
  Tile out = tile;
  std::fill(out.cover.begin(), out.cover.end(), uint8_t{0});
  const double rx = by_mm * grid.pxPerMmX(), ry = by_mm * grid.pxPerMmY();
  const int up = static_cast<int>(std::floor(ry + 1e-9));
  std::vector<int> reach;  // by rows away
  for (int dy = 0; dy <= up; ++dy)
    reach.push_back(
        static_cast<int>(std::floor(rx * std::sqrt(1 - dy * dy / std::max(ry * ry, 1e-12)) + 1e-9)));
  for (int y = tile.y; y < tile.y + tile.height; ++y) {
    const uint8_t* row = tile.row(y);
    for (int from = 0; from < tile.width;) {
      if (row[from] < least) {
        ++from;
        continue;
      }
      int to = from;
      while (to + 1 < tile.width && row[to + 1] >= least) ++to;
      for (int dy = -up; dy <= up; ++dy) {
        if (y + dy < tile.y || y + dy >= tile.y + tile.height) continue;
        const int by = reach[ix(std::abs(dy))];
        uint8_t* line = out.row(y + dy);
        std::fill(line + std::max(0, from - by), line + std::min(tile.width, to + by + 1), uint8_t{255});
      }
      from = to + 1;
    }
  }
  return out;
}

}  // namespace havlo
