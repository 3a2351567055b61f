// Cut lists, what is used up, and the line of work of a batch, as sentences.
#pragma once

#include <QString>
#include <QStringList>

#include "core/batch/line_of_work.h"
#include "core/batch/shopping.h"
#include "core/batch/used_up.h"
#include "core/units/measure.h"

namespace havlo {

/// "the dark card, 0.3 mm", "white paper of 0.3 mm".
QString paperWords(const std::string& name, Colour colour, double thickness_mm);
/// "1 sheet", "3 sheets".
QString sheetCountWords(int n);
/// "A4", where a sheet has a usual name; else its measures.
QString sheetName(double width_mm, double height_mm, MeasureStyle style);
/// "base, 2 of mat 1 and panel": what comes out of a sheet.
QString piecesOn(const PaperToCut& paper, const TrimmedSheet& sheet);
/// "upright at 105 mm, then level at 148 mm": one cut, in the order of the hands. @param n  from 1
QString cutWords(const SheetCut& cut, int n, MeasureStyle style);
/// How much paper it takes and what is left of it, for one kind of paper.
QString cutListWords(const DrawerCut& cut, MeasureStyle style);
/// What no sheet is large enough for, with what helps; empty: all has room.
QString tooLargeWords(const DrawerCut& cut, MeasureStyle style);

/// "3 sheets of the dark card": one line of what is used up.
QString needWords(const StockNeed& need, MeasureStyle style);
/// Is it there? "enough", "2 are missing", "not in the drawer".
QString stateWords(const StockNeed& need);
/// What must be bought, a line each, in words that a shop understands.
QStringList shoppingWords(const std::vector<StockNeed>& needs, MeasureStyle style);

/// How much of something of the stock is there, and of which size: "12, 114 mm × 162 mm", "runs low".
QString goodWords(const DrawerGood& good, MeasureStyle style);

/// How far something nobody counts is used up, where that is known: "about half of what it bears is used";
/// else what was worked with it, "230 cm² inked since it was full"; empty where nothing was.
QString workedWords(const DrawerGood& good, MeasureStyle style);
/// What a card took of one of the goods, and what that leaves.
QString usedUpWords(const UsedUp& use, MeasureStyle style);
/// What the log has of it: "embossing powder for 2 things".
QString usedWords(const LogEntry::Used& used, MeasureStyle style);

/// What is done at a station: "Stamp in soot: the hare and the kite".
QString stationTitle(const Plan& plan, const Batch& batch, const Station& station);
/// For how many cards, how long, how it dries.
QString stationDetail(const Plan& plan, const Batch& batch, const Station& station);
/// What is set up for it: ink, masks, rack.
QString stationSetUp(const Plan& plan, const Station& station);
/// The whole batch in a few sentences.
QStringList batchFacts(const Plan& plan, const Batch& batch);
/// "as planned", or the variation's name.
QString groupName(const Plan& plan, const BatchGroup& group);

/// A piece of a cut list: the card's own parts in the reader's language, others by the name they were given.
QString cutPieceName(const std::string& name);

}  // namespace havlo
