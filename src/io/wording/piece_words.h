// Pieces of paper, the card's stack and what is done with them, as sentences.
#pragma once

#include <QString>
#include <QStringList>

#include "core/pieces/card_stack.h"
#include "core/units/measure.h"
#include "io/wording/step_words.h"

namespace havlo {

QString pieceKindName(PieceKind kind);
/// "the strip", or its name.
QString pieceName(const Plan& plan, int piece);
/// The same as the head of a row: kind and name, without an article.
QString pieceTitle(const Plan& plan, int piece);
QString pieceCutName(PieceCut cut);
/// Cutting, scoring, gluing, and putting into the envelope.
StepWords assemblyWords(const Plan& plan, const Step& step, MeasureStyle style);
/// What does not fit, and what helps.
QString wordsOf(const Plan& plan, const StackFault& fault, MeasureStyle style);
/// Thickness, weight and envelope of the whole card.
QStringList stackFacts(const Plan& plan, const CardStack& stack, MeasureStyle style);

}  // namespace havlo
