// Pop-out arrays: one odd item among many equal ones is found at once, whatever their number (Treisman &
// Gelade 1980; the arrays as Itti, Koch & Niebur 1998 use them; from memory). And an independent plain
// implementation, in doubles and without shared code.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "core/colour/colour.h"
#include "core/focus/saliency.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

constexpr int kSide = 224;

LabPicture blank(double L = 95) {
  LabPicture p{Field(kSide, kSide, static_cast<float>(L)), Field(kSide, kSide), Field(kSide, kSide)};
  return p;
}

/// A bar of a length and width, turned, about a middle.
void bar(LabPicture& p, double cx, double cy, double length, double width, double turn_deg,
         const Lab& colour) {
  const double c = std::cos(turn_deg * 3.14159265358979 / 180),
               s = std::sin(turn_deg * 3.14159265358979 / 180);
  for (int y = 0; y < kSide; ++y)
    for (int x = 0; x < kSide; ++x) {
      const double dx = x + 0.5 - cx, dy = y + 0.5 - cy;
      if (std::fabs(c * dx + s * dy) > length / 2 || std::fabs(-s * dx + c * dy) > width / 2) continue;
      p.L.at(x, y) = static_cast<float>(colour.L);
      p.a.at(x, y) = static_cast<float>(colour.a);
      p.b.at(x, y) = static_cast<float>(colour.b);
    }
}

struct Array {
  LabPicture picture = blank();
  int n = 5;
  Point middleOf(int k) const {
    const double step = static_cast<double>(kSide) / n;
    return {(k % n + 0.5) * step, (k / n + 0.5) * step};
  }
};

/// The cell whose greatest pull is greatest, and how much more that is than the next cell's.
std::pair<int, double> oddOne(const Array& a, const Saliency& s) {
  std::vector<double> best(ix(a.n * a.n), 0);
  for (int y = 0; y < kSide; ++y)
    for (int x = 0; x < kSide; ++x) {
      const int cell = std::min(a.n - 1, y * a.n / kSide) * a.n + std::min(a.n - 1, x * a.n / kSide);
      best[ix(cell)] = std::max(best[ix(cell)], static_cast<double>(s.pull.at(x, y)));
    }
  const auto first = std::max_element(best.begin(), best.end());
  std::vector<double> rest = best;
  rest.erase(rest.begin() + (first - best.begin()));
  return {static_cast<int>(first - best.begin()),
          *first / std::max(1e-12, *std::max_element(rest.begin(), rest.end()))};
}

const Lab kLabGreen{60, -35, 30}, kLabRed{60, 45, 30}, kDark{25, 0, 0};

// ---- the same said plainly

using Grid2 = std::vector<std::vector<double>>;

Grid2 gridOf(const Field& f) {
  Grid2 g(ix(f.height), std::vector<double>(ix(f.width)));
  for (int y = 0; y < f.height; ++y)
    for (int x = 0; x < f.width; ++x) g[ix(y)][ix(x)] = static_cast<double>(f.at(x, y));
  return g;
}
int wide(const Grid2& g) { return static_cast<int>(g[0].size()); }
int high(const Grid2& g) { return static_cast<int>(g.size()); }
double& at(Grid2& g, int x, int y) {
  return g[ix(std::clamp(y, 0, high(g) - 1))][ix(std::clamp(x, 0, wide(g) - 1))];
}
double get(const Grid2& g, int x, int y) {
  return g[ix(std::clamp(y, 0, high(g) - 1))][ix(std::clamp(x, 0, wide(g) - 1))];
}
Grid2 zeros(int w, int h) { return Grid2(ix(h), std::vector<double>(ix(w), 0)); }

Grid2 plainHalf(const Grid2& g) {
  const double taps[5] = {1, 4, 6, 4, 1};
  Grid2 out = zeros((wide(g) + 1) / 2, (high(g) + 1) / 2);
  for (int y = 0; y < high(out); ++y)
    for (int x = 0; x < wide(out); ++x) {
      double sum = 0;
      for (int j = -2; j <= 2; ++j)
        for (int i = -2; i <= 2; ++i) sum += taps[i + 2] * taps[j + 2] / 256 * get(g, 2 * x + i, 2 * y + j);
      at(out, x, y) = sum;
    }
  return out;
}
Grid2 plainResize(const Grid2& g, int w, int h) {
  Grid2 out = zeros(w, h);
  for (int y = 0; y < h; ++y)
    for (int x = 0; x < w; ++x) {
      const double u = (x + 0.5) * wide(g) / w - 0.5, v = (y + 0.5) * high(g) / h - 0.5;
      const int i = static_cast<int>(std::floor(u)), j = static_cast<int>(std::floor(v));
      const double fu = u - i, fv = v - j;
      at(out, x, y) = (1 - fv) * ((1 - fu) * get(g, i, j) + fu * get(g, i + 1, j)) +
                      fv * ((1 - fu) * get(g, i, j + 1) + fu * get(g, i + 1, j + 1));
    }
  return out;
}
void plainNormal(Grid2& g, double least) {
  double most = 0;
  for (auto& row : g)
    for (double v : row) most = std::max(most, v);
  if (most <= 0) return;
  const double scale = std::max(most, least);
  for (auto& row : g)
    for (double& v : row) v /= scale;
  most /= scale;
  // Peaks on the greatest of little squares, at most 40 of them along the longer side.
  const int side = (std::max(wide(g), high(g)) + 39) / 40;
  Grid2 coarse = zeros((wide(g) + side - 1) / side, (high(g) + side - 1) / side);
  for (int y = 0; y < high(g); ++y)
    for (int x = 0; x < wide(g); ++x)
      at(coarse, x / side, y / side) = std::max(get(coarse, x / side, y / side), get(g, x, y));
  const int near = std::max(3, std::max(wide(coarse), high(coarse)) / 8);
  double sum = 0;
  int count = 0;
  bool first = true;
  for (int y = 0; y < high(coarse); ++y)
    for (int x = 0; x < wide(coarse); ++x) {
      const double v = get(coarse, x, y);
      if (v < 0.1 * most) continue;
      bool greatest = true;
      for (int j = -near; j <= near && greatest; ++j)
        for (int i = -near; i <= near; ++i) greatest = greatest && get(coarse, x + i, y + j) <= v;
      if (!greatest) continue;
      if (v >= most - 1e-12 && first)
        first = false;
      else
        sum += v, ++count;
    }
  const double others = count ? sum / count : 0;
  for (auto& row : g)
    for (double& v : row) v *= (most - others) * (most - others);
}
std::vector<Grid2> plainPyramid(Grid2 g) {
  std::vector<Grid2> out{std::move(g)};
  while (out.size() < 7) out.push_back(plainHalf(out.back()));
  return out;
}
/// @param side  1: only what is more than its surround, -1: only what is less, 0: both
void plainAdd(const std::vector<Grid2>& p, double least, Grid2& sum, bool finest = true, int side = 0) {
  for (size_t c = side != 0 ? 2 : finest ? 0 : 1; c < 4; ++c)
    for (size_t d = 2; d <= 3; ++d) {
      // The finest centre is compared at the size of the next, by the mean of its differences.
      const Grid2& size = p[std::max<size_t>(1, c)];
      const Grid2 far = plainResize(p[c + d], wide(size), high(size));
      Grid2 diff = zeros(wide(size), high(size)), count = diff;
      for (int y = 0; y < high(p[c]); ++y)
        for (int x = 0; x < wide(p[c]); ++x) {
          const int i = c == 0 ? x / 2 : x, j = c == 0 ? y / 2 : y;
          const double off = get(p[c], x, y) - get(far, i, j);
          at(diff, i, j) += side == 0 ? std::fabs(off) : std::max(0.0, side * off);
          at(count, i, j) += 1;
        }
      for (int y = 0; y < high(diff); ++y)
        for (int x = 0; x < wide(diff); ++x) at(diff, x, y) /= std::max(1.0, get(count, x, y));
      plainNormal(diff, least);
      diff = plainResize(diff, wide(sum), high(sum));
      for (int y = 0; y < high(sum); ++y)
        for (int x = 0; x < wide(sum); ++x) at(sum, x, y) += get(diff, x, y);
    }
}
/// @param clear  what counts as clearly seen: lightness, colour, direction, and of a kind
Grid2 plainPull(const LabPicture& picture, const double (&clear)[4]) {
  const auto light = plainPyramid(gridOf(picture.L));
  const int w = wide(light[1]), h = high(light[1]);
  Grid2 kinds[3] = {zeros(w, h), zeros(w, h), zeros(w, h)};
  plainAdd(light, clear[0], kinds[0]);
  for (const Field* axis : {&picture.a, &picture.b}) {
    const auto p = plainPyramid(gridOf(*axis));
    plainAdd(p, clear[1], kinds[1]);
    // What differs to one side alone counts three tenths, from the third scale on.
    for (int side : {1, -1}) {
      Grid2 one = zeros(w, h);
      plainAdd(p, clear[1], one, true, side);
      for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) at(kinds[1], x, y) += 0.3 * get(one, x, y);
    }
  }
  for (int o = 0; o < 4; ++o) {
    std::vector<Grid2> p;
    for (const Grid2& f : light) {
      Grid2 edges = zeros(wide(f), high(f)), soft = edges;
      for (int y = 0; y < high(f); ++y)
        for (int x = 0; x < wide(f); ++x) {
          const double gx = (get(f, x + 1, y) - get(f, x - 1, y)) / 2,
                       gy = (get(f, x, y + 1) - get(f, x, y - 1)) / 2;
          const double size = std::hypot(gx, gy);
          if (size <= 0) continue;
          const double angle = std::atan2(gy, gx);
          at(edges, x, y) = size * std::max(0.0, std::cos(2 * angle - o * 3.14159265358979323846 / 2));
        }
      for (int y = 0; y < high(f); ++y)
        for (int x = 0; x < wide(f); ++x) {
          double sum = 0;
          for (int j = -1; j <= 1; ++j)
            for (int i = -1; i <= 1; ++i) sum += get(edges, x + i, y + j);
          at(soft, x, y) = sum / 9;
        }
      p.push_back(soft);
    }
    Grid2 one = zeros(w, h);
    plainAdd(p, clear[2], one, false);
    plainNormal(one, clear[3]);
    for (int y = 0; y < h; ++y)
      for (int x = 0; x < w; ++x) at(kinds[2], x, y) += get(one, x, y);
  }
  Grid2 out = zeros(picture.L.width, picture.L.height);
  double sum = 0;
  for (Grid2& kind : kinds) {
    plainNormal(kind, clear[3]);
    const Grid2 full = plainResize(kind, wide(out), high(out));
    for (int y = 0; y < high(out); ++y)
      for (int x = 0; x < wide(out); ++x) at(out, x, y) += get(full, x, y) / 3;
  }
  // Where nothing differs from what lies around it, by the second scale against the fifth, next to nothing is
  // left.
  Grid2 rest = zeros(w, h);
  for (const Field* axis : {&picture.L, &picture.a, &picture.b}) {
    const auto p = plainPyramid(gridOf(*axis));
    const Grid2 far = plainResize(p[4], w, h);
    for (int y = 0; y < h; ++y)
      for (int x = 0; x < w; ++x) at(rest, x, y) += std::pow(get(p[1], x, y) - get(far, x, y), 2);
  }
  for (auto& row : rest)
    for (double& v : row) v = std::sqrt(v) / 100;
  rest = plainResize(rest, wide(out), high(out));
  for (int y = 0; y < high(out); ++y)
    for (int x = 0; x < wide(out); ++x)
      at(out, x, y) =
          (get(out, x, y) + 0.002 * get(rest, x, y)) * std::clamp(get(rest, x, y) / 0.06, 0.1, 1.0);
  for (const auto& row : out)
    for (double v : row) sum += v;
  if (sum > 1e-9)
    for (auto& row : out)
      for (double& v : row) v /= sum;
  return out;
}

}  // namespace

class TstSaliency : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theOddOnePopsOut_data() {
    QTest::addColumn<QString>("odd");
    QTest::addColumn<int>("side");
    QTest::addColumn<int>("where");
    for (const char* odd : {"colour", "tilt", "size", "dark among light"})
      for (int side : {4, 5, 6})
        for (int where : {side + 1, side * 2 + 2})
          QTest::addRow("%s, %d by %d, at %d", odd, side, side, where)
              << QString::fromLatin1(odd) << side << where;
  }
  void theOddOnePopsOut() {
    QFETCH(QString, odd);
    QFETCH(int, side);
    QFETCH(int, where);
    Array a;
    a.n = side;
    for (int k = 0; k < side * side; ++k) {
      const Point m = a.middleOf(k);
      const bool is = k == where;
      const double length = 16;
      if (odd == QLatin1String("colour")) bar(a.picture, m.x, m.y, length, 6, 90, is ? kLabRed : kLabGreen);
      if (odd == QLatin1String("tilt")) bar(a.picture, m.x, m.y, length, 5, is ? 0 : 90, kDark);
      if (odd == QLatin1String("size")) bar(a.picture, m.x, m.y, is ? 22 : 9, is ? 22 : 9, 0, kDark);
      if (odd == QLatin1String("dark among light"))
        bar(a.picture, m.x, m.y, length, 6, 90, is ? Lab{20, 0, 0} : Lab{80, 0, 0});
    }
    const auto [found, much] = oddOne(a, saliencyOf(a.picture, false));
    QCOMPARE(found, where);
    QVERIFY2(much > 1.1, qPrintable(QString::number(much)));
  }

  void loneAmongNothing() {
    Array a;
    bar(a.picture, 150, 60, 10, 10, 0, kDark);
    const Saliency s = saliencyOf(a.picture, false);
    const auto best = std::max_element(s.pull.v.begin(), s.pull.v.end()) - s.pull.v.begin();
    QVERIFY(std::hypot(static_cast<double>(best % kSide) - 150, static_cast<double>(best / kSide) - 60) < 12);
  }

  void manyEqualOnesCountLessThanOne() {
    Array one, many;
    many.n = 5;
    bar(one.picture, 112, 112, 16, 6, 90, kDark);
    for (int k = 0; k < 25; ++k) bar(many.picture, many.middleOf(k).x, many.middleOf(k).y, 16, 6, 90, kDark);
    const auto most = [](const Field& f) { return *std::max_element(f.v.begin(), f.v.end()); };
    QVERIFY(most(saliencyOf(one.picture, false).lightness) >
            3 * most(saliencyOf(many.picture, false).lightness));
  }

  void anEvenPictureDrawsNothing() {
    const Saliency s = saliencyOf(blank());
    QCOMPARE(*std::max_element(s.pull.v.begin(), s.pull.v.end()), 0.0f);
  }

  void fainterPullsLess() {
    // The same mark beside a fixed one, paler and paler: its share falls.
    double last = 2;
    for (double L : {20.0, 50.0, 70.0, 85.0}) {
      LabPicture p = blank();
      bar(p, 60, 112, 18, 8, 90, {L, 0, 0}), bar(p, 164, 112, 18, 8, 90, {30, 0, 0});
      const Saliency s = saliencyOf(p, false);
      double mine = 0, all = 0;
      for (int y = 0; y < kSide; ++y)
        for (int x = 0; x < kSide; ++x)
          all += static_cast<double>(s.pull.at(x, y)),
              mine += x < kSide / 2 ? static_cast<double>(s.pull.at(x, y)) : 0;
      QVERIFY2(mine / all < last, qPrintable(QString::number(L)));
      last = mine / all;
    }
  }

  void agreesWithThePlainImplementation() {
    LabPicture p = blank();
    uint32_t state = 7;
    const auto next = [&] { return state = state * 1664525u + 1013904223u, (state >> 8) % 1000 / 1000.0; };
    for (int k = 0; k < 30; ++k)
      bar(p, next() * kSide, next() * kSide, 6 + 30 * next(), 2 + 12 * next(), 180 * next(),
          {100 * next(), 80 * next() - 40, 80 * next() - 40});
    const Saliency own = saliencyOf(p, false);
    const Grid2 plain = plainPull(p, {kClearLightness, kClearColour, kClearDirection, kClearKind});
    double worst = 0, most = 0;
    for (int y = 0; y < kSide; ++y)
      for (int x = 0; x < kSide; ++x) {
        most = std::max(most, get(plain, x, y));
        worst = std::max(worst, std::fabs(get(plain, x, y) - static_cast<double>(own.pull.at(x, y))));
      }
    QVERIFY(most > 0);
    QVERIFY2(worst < 0.02 * most, qPrintable(QStringLiteral("%1 of %2").arg(worst).arg(most)));
  }

  void oddSizesAndTinyPictures() {
    for (const auto& [w, h] : {std::pair{1, 1}, {3, 200}, {201, 7}, {33, 64}}) {
      LabPicture p{Field(w, h, 90), Field(w, h), Field(w, h)};
      p.L.at(w / 2, h / 2) = 10;
      const Saliency s = saliencyOf(p);
      QCOMPARE(s.pull.width, w);
      QCOMPARE(s.pull.height, h);
      for (float v : s.pull.v) QVERIFY(std::isfinite(v) && v >= 0);
    }
  }
};

HAVLO_TEST(TstSaliency)
#include "tst_saliency.moc"
