// sRGB primaries and D65 white as IEC 61966-2-1 has them; Lab as CIE 15.
#include "core/colour/colour.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace havlo {
namespace {

constexpr double kEpsilon = 216.0 / 24389, kKappa = 24389.0 / 27;

double cubeRoot(double t) { return t > kEpsilon ? std::cbrt(t) : (kKappa * t + 16) / 116; }

}  // namespace

double linearOf(double c) { return c <= 0.04045 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4); }
double channelOf(double l) { return l <= 0.0031308 ? l * 12.92 : 1.055 * std::pow(l, 1 / 2.4) - 0.055; }

LinearRgb linearOf(Colour c) {
  const auto channel = [](unsigned char v) { return static_cast<float>(linearOf(v / 255.0)); };
  return {channel(c.red), channel(c.green), channel(c.blue)};
}

LinearRgb linearOf(const Lab& lab) {
  const double fy = (lab.L + 16) / 116, fx = fy + lab.a / 500, fz = fy - lab.b / 200;
  const auto cube = [](double f) { return f * f * f > kEpsilon ? f * f * f : (116 * f - 16) / kKappa; };
  const double x = cube(fx) * 0.95047, y = cube(fy), z = cube(fz) * 1.08883;
  const auto channel = [](double v) { return static_cast<float>(std::clamp(v, 0.0, 1.0)); };
  return {channel(3.2404542 * x - 1.5371385 * y - 0.4985314 * z),
          channel(-0.9692660 * x + 1.8760108 * y + 0.0415560 * z),
          channel(0.0556434 * x - 0.2040259 * y + 1.0572252 * z)};
}

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

Lab labOf(const LinearRgb& c) {
  return labOf(static_cast<double>(c[0]), static_cast<double>(c[1]), static_cast<double>(c[2]));
}

Lch lchOf(const Lab& p) {
  double h = std::atan2(p.b, p.a) * 180 / std::numbers::pi;
  if (h < 0) h += 360;
  return {p.L, std::hypot(p.a, p.b), h};
}

Lab labOf(const Lch& p) {
  return {p.L, p.C * std::cos(p.h_deg * std::numbers::pi / 180),
          p.C * std::sin(p.h_deg * std::numbers::pi / 180)};
}

double ciede2000(const Lab& p, const Lab& q) {
  const auto rad = [](double deg) { return deg * std::numbers::pi / 180; };
  const double meanC = (std::hypot(p.a, p.b) + std::hypot(q.a, q.b)) / 2;
  const double c7 = std::pow(meanC, 7), k25 = 6103515625.0;  // 25 to the 7th
  const double g = 0.5 * (1 - std::sqrt(c7 / (c7 + k25)));
  const Lch one = lchOf(Lab{p.L, (1 + g) * p.a, p.b}), two = lchOf(Lab{q.L, (1 + g) * q.a, q.b});
  const bool grey = one.C * two.C == 0;
  double dh = grey ? 0 : two.h_deg - one.h_deg;
  if (dh > 180) dh -= 360;
  if (dh < -180) dh += 360;
  const double dL = two.L - one.L, dC = two.C - one.C;
  const double dH = 2 * std::sqrt(one.C * two.C) * std::sin(rad(dh) / 2);
  double h = one.h_deg + two.h_deg;
  if (!grey) {
    if (std::fabs(one.h_deg - two.h_deg) > 180) h += h < 360 ? 360 : -360;
    h /= 2;
  }
  const double L = (one.L + two.L) / 2, C = (one.C + two.C) / 2;
  const double t = 1 - 0.17 * std::cos(rad(h - 30)) + 0.24 * std::cos(rad(2 * h)) +
                   0.32 * std::cos(rad(3 * h + 6)) - 0.20 * std::cos(rad(4 * h - 63));
  const double l50 = (L - 50) * (L - 50);
  const double sL = 1 + 0.015 * l50 / std::sqrt(20 + l50), sC = 1 + 0.045 * C, sH = 1 + 0.015 * C * t;
  const double turn = 30 * std::exp(-((h - 275) / 25) * ((h - 275) / 25));
  const double C7 = std::pow(C, 7);
  const double rT = -2 * std::sqrt(C7 / (C7 + k25)) * std::sin(rad(2 * turn));
  const double l = dL / sL, c = dC / sC, hh = dH / sH;
  return std::sqrt(std::max(0.0, l * l + c * c + hh * hh + rT * c * hh));
}

double luminanceOf(const LinearRgb& c) {
  return 0.2126 * static_cast<double>(c[0]) + 0.7152 * static_cast<double>(c[1]) +
         0.0722 * static_cast<double>(c[2]);
}

double contrastRatio(double one, double other) {
  return (std::max(one, other) + 0.05) / (std::min(one, other) + 0.05);
}

LinearRgb throughFilm(const LinearRgb& below, const LinearRgb& ink, double strength) {
  LinearRgb out;
  for (size_t k = 0; k < 3; ++k)
    out[k] = below[k] * static_cast<float>(std::pow(static_cast<double>(ink[k]), strength));
  return out;
}

double lightnessOf(Colour c) { return labOf(c).L; }

double differenceOf(const Lab& p, const Lab& q) {
  return std::sqrt((p.L - q.L) * (p.L - q.L) + (p.a - q.a) * (p.a - q.a) + (p.b - q.b) * (p.b - q.b));
}

InkFilm::InkFilm(Colour colour, double opacity, double strength) {
  const LinearRgb c = linearOf(colour);
  for (size_t k = 0; k < 3; ++k) {
    multiply[k] =
        static_cast<float>((1 - opacity * strength) * std::pow(static_cast<double>(c[k]), strength));
    add[k] = static_cast<float>(opacity * strength * static_cast<double>(c[k]));
  }
}

}  // namespace havlo
