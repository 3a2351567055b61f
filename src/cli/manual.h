// The manual page and the completions of shells, made from the table of verbs, so that they cannot fall
// behind it.
#pragma once

#include <QString>

namespace havlo::cli {

/// What --help says.
QString usage();
/// havlo-cli(1) for man. @param day  of the page, "2026-11-30"
QString manualPage(const QString& day);
/// @param shell  "bash", "zsh" or "fish"; empty for another
QString completionFor(const QString& shell);

}  // namespace havlo::cli
