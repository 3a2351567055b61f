#include "io/wording/colour_words.h"

#include "io/wording/say.h"

namespace havlo {
namespace {

QString greyWords(double L) {
  if (L > 93) return tr("white");
  if (L > 72) return tr("light grey");
  if (L > 42) return tr("grey");
  return L > 18 ? tr("dark grey") : tr("black");
}

/// From orange to yellow, where what is dark or dull is a brown.
QString warmWords(const Lch& c) {
  if (c.L < 30) return tr("dark brown");
  if (c.L > 72 && c.C < 36) return tr("beige");
  if (c.L < 50 || (c.C < 56 && c.L < 68)) return tr("brown");
  if (c.h_deg < 80) return c.L > 80 ? tr("light orange") : tr("orange");
  return c.L > 92 && c.C < 50 ? tr("light yellow") : tr("yellow");
}

}  // namespace

QString colourWords(Colour colour) {
  const Lch c = lchOf(labOf(colour));
  if (c.C < 7 || c.L < 8 || (c.L > 96 && c.C < 9)) return greyWords(c.L);
  const bool dark = c.L < 33;
  const bool light = c.L > 70;
  if (c.h_deg < 46 || c.h_deg >= 345) {
    if (c.L > 62) return tr("pink");
    if (c.C < 32 && c.h_deg > 25 && c.h_deg < 46) return dark ? tr("dark brown") : tr("brown");
    return dark ? tr("dark red") : tr("red");
  }
  if (c.h_deg < 90) return warmWords(c);
  if (c.h_deg < 114) {
    if (c.L > 78 && c.L < 96.5 && c.C < 28) return tr("beige");
    if (c.L > 92) return c.C < 50 ? tr("light yellow") : tr("yellow");
    return c.L > 68 ? tr("yellow") : tr("olive green");
  }
  // Green is lighter than other colours that look as dark.
  if (c.h_deg < 172) return c.L < 38 ? tr("dark green") : light ? tr("light green") : tr("green");
  if (c.h_deg < 222) return dark ? tr("dark turquoise") : light ? tr("light turquoise") : tr("turquoise");
  if (c.h_deg < 308) return dark && c.C < 100 ? tr("dark blue") : light ? tr("light blue") : tr("blue");
  if (c.h_deg < 330 && c.L < 62) return dark ? tr("dark violet") : tr("violet");
  return c.L > 55 ? tr("pink") : tr("violet");
}

}  // namespace havlo
