// Where a picture pulls the eye before one knows what is in it: centre-surround contrast of lightness, two
// colour axes and orientation over scales, normalised so that a lone peak counts more than many equal ones.
// Source: Itti, Koch & Niebur 1998, from memory; differs in working on CIE Lab, in measuring orientation by
// gradients instead of Gabor filters, and in dividing by no less than what the eye can tell apart, so that a
// nearly even picture stays even.
#pragma once

#include <cstddef>
#include <vector>

#include "core/base/index.h"

namespace havlo {

/// A grid of values, row 0 at the top.
struct Field {
  int width = 0, height = 0;
  std::vector<float> v;

  Field() = default;
  Field(int w, int h, float value = 0) : width(w), height(h), v(ix(w) * ix(h), value) {}
  float& at(int x, int y) { return v[ix(y) * ix(width) + ix(x)]; }
  float at(int x, int y) const { return v[ix(y) * ix(width) + ix(x)]; }
};

/// A small picture in CIE Lab.
struct LabPicture {
  Field L, a, b;
};

struct Saliency {
  Field pull;  ///< as large as the picture, its sum 1 (0 if nothing pulls)
  Field lightness, colour,
      direction;  ///< what each kind of contrast gives, as large as the picture, 0 and up
};

/// Pixels along the longer side of the picture that looks are measured on: about 0.55 mm on a 5 x 7 in panel,
/// which is what is seen at a glance at arm's length.
inline constexpr int kLookPixels = 320;

/// @param centred  what lies near the middle counts up to a third more than the corners
Saliency saliencyOf(const LabPicture& picture, bool centred = true);

/// What is clearly seen, so that a map counts fully: differences of L*, of a* or b*, of L* a pixel along an
/// edge; and of the sum over scales of a kind. Common practice, no source.
inline constexpr float kClearLightness = 50, kClearColour = 50, kClearDirection = 16, kClearKind = 0.5f;

/// How much what merely differs from its surround pulls, so that the eye rests somewhere on a card of things
/// all alike.
inline constexpr float kRest = 0.002f;
/// What differs from its surround by less than this, black on white being 1, counts less, and no less than
/// that share.
inline constexpr float kLocallySeen = 0.06f, kSpiltShare = 0.1f;

// The parts of it, for tests.

/// Scales to at most 1 by the greatest value or `least`, whichever is more, and multiplies by (M - m)^2 with
/// M the greatest value then and m the mean of the other local maxima above a tenth of it; never by less than
/// a trifle, for something is looked at even where all is alike.
void favourLonePeaks(Field& f, float least);

}  // namespace havlo
