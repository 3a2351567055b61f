// Cards of the log as lines of JSON, one a card: a journal that only grows, and the way out of the log and
// into it.
#pragma once

#include <QByteArray>
#include <QString>
#include <functional>
#include <vector>

#include "core/base/result.h"
#include "core/making/log_entry.h"

namespace havlo {

/// One line, without its end.
QByteArray lineOf(const LogEntry& entry);
/// Nothing for what is no card.
std::optional<LogEntry> entryOf(const QByteArray& line);

/// Adds a line to a file and sees it on the disk. A line that a kill cut short before is closed first, so
/// that it spoils only itself. A line that says the same as the card's last one is not added.
/// @error CannotWrite with the reason
Result<Done> appendLog(const QString& file, const LogEntry& entry);
/// Every line of a file that is a card, in their order, with the line as it stands there. Lines are read by
/// several threads, a few at a time.
/// @param passedOver  if not null: so many lines are no cards
/// @return what `take` said first that was an error
Result<Done> eachLogLine(const QString& file,
                         const std::function<Result<Done>(LogEntry, const QByteArray&)>& take,
                         int* passedOver = nullptr);
/// The cards of a file in the order they came in; of two lines on one card the later counts. Lines that are
/// no cards are passed over and counted.
std::vector<LogEntry> readLog(const QString& file, int* passedOver = nullptr);

/// Cards as a table for spreadsheets: one a row, decimal points, quoted as RFC 4180 has it.
QByteArray logCsv(const std::vector<LogEntry>& entries);

}  // namespace havlo
