// sRGB primaries and D65 white as IEC 61966-2-1 has them; Lab as CIE 15.
#include "core/colour/colour.h"

#include <cmath>

namespace havlo {
namespace {

constexpr double kEpsilon = 216.0 / 24389, kKappa = 24389.0 / 27;

double cubeRoot(double t) { return t > kEpsilon ? std::cbrt(t) : (kKappa * t + 16) / 116; }

}  // namespace

double linearOf(double c) { return c <= 0.04045 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4); }
double channelOf(double l) { return l <= 0.0031308 ? l * 12.92 : 1.055 * std::pow(l, 1 / 2.4) - 0.055; }

Lab labOf(double r, double g, double b) {
  const double x = (0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047;
  const double y = 0.2126729 * r + 0.7151522 * g + 0.0721750 * b;
  const double z = (0.0193339 * r + 0.1191920 * g + 0.9503041 * b) / 1.08883;
  const double fx = cubeRoot(x), fy = cubeRoot(y), fz = cubeRoot(z);
  return {116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)};
}

Lab labOf(Colour c) {
  return labOf(linearOf(c.red / 255.0), linearOf(c.green / 255.0), linearOf(c.blue / 255.0));
}

double lightnessOf(Colour c) { return labOf(c).L; }

double differenceOf(const Lab& p, const Lab& q) {
  return std::sqrt((p.L - q.L) * (p.L - q.L) + (p.a - q.a) * (p.a - q.a) + (p.b - q.b) * (p.b - q.b));
}

}  // namespace havlo
