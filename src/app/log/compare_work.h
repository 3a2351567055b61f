// A picture held against a plan, on a worker thread: what is seen, as picture and in words.
#pragma once

#include <QImage>
#include <QString>
#include <memory>

#include "core/base/progress.h"
#include "core/compare/comparison.h"
#include "core/compare/hand_made.h"

namespace havlo {

class SvgArt;

struct CompareAsk {
  std::shared_ptr<const Plan> plan;
  AnalysisRef analysis;     ///< null: worked out first
  size_t steps = SIZE_MAX;  ///< the card is made so far
  QString file;             ///< the picture; empty: the stand-in makes and takes one
  uint64_t seed = 1;        ///< of the stand-in
  int quarters = 0;         ///< the picture is turned first, clockwise
};

struct Compared {
  std::shared_ptr<const Plan> plan;
  AnalysisRef analysis;
  Comparison seen;
  QImage photo;  ///< as it was read
  QImage flat;   ///< straightened, evenly lit
};

/// @error as readCardPicture() and compared()
Result<Compared> comparedWith(const CompareAsk& ask, std::shared_ptr<SvgArt> art, const Progress& progress);

/// The straightened card with what is off shown on it: where a print should be and how it went, what is
/// missing, where joins gape. In the theme's colours.
QImage markedCard(const Compared& of);

}  // namespace havlo
