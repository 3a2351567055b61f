// Pictures of patterned and prepared papers: taken in, kept small, laid over what is drawn in their plain
// colour.
#pragma once

#include <QImage>
#include <QString>

#include "core/base/result.h"
#include "core/plan/piece.h"

namespace havlo {

/// The paper with that picture: its colour is the picture's mean, the picture is kept as a small PNG.
/// @error  CannotRead, BadInput for no picture or one of absurd size
Result<PiecePaper> withPictureOf(const PiecePaper& paper, const QString& file);
/// The kept picture itself; null: none, or none that can be read.
QImage paperPicture(const PiecePaper& paper);
/// What its pattern does to its mean colour, to be multiplied with what is drawn in that; null: no pattern,
/// or none that can be read.
QImage patternOf(const PiecePaper& paper);

}  // namespace havlo
