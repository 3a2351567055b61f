// What every verb of havlo-cli shares: its arguments, its exit codes and where its words go.
#pragma once

#include <QString>
#include <QStringList>
#include <functional>
#include <map>
#include <span>

#include "core/analysis/analysis.h"
#include "core/base/result.h"
#include "io/art/svg_art.h"

namespace havlo::cli {

/// Exit codes; a contract.
enum Exit { kDone = 0, kUsage = 2, kBadInput = 3, kCannotWrite = 4 };

/// Seconds after which a verb is given up, unless --patience says otherwise, and what may be said.
inline constexpr int kPatience_s = 35, kMostPatience_s = 86400;

/// An option a verb understands.
struct Option {
  const char* name;   ///< "--json"
  const char* value;  ///< what follows it, for help; null for a switch
  const char* help;
};

struct Verb {
  const char* name;
  const char* help;
  std::span<const Option> options;
  int (*run)(const struct Call&);
  const char* second = nullptr;  ///< name of a second file that is wanted; it is put among the options
  bool plan = true;              ///< works on a plan
};

/// One call of a verb, its arguments taken apart.
struct Call {
  const Verb* verb = nullptr;
  QString file;
  std::map<QString, QString> options;

  bool has(const char* option) const { return options.contains(QString::fromLatin1(option)); }
  QString value(const char* option) const;
};

std::span<const Verb> verbs();

// The verbs, one file each.
extern const Verb kCheck, kRunsheet, kSimulate, kMasks, kTemplate, kRender, kCut, kSchools, kJoins, kExport,
    kSuggest, kRegions, kPieces, kBatch, kCompare, kLog, kTrace, kDiff, kThumbnail, kClass;

/// The plan and what follows from it.
struct Opened {
  Plan plan;
  AnalysisRef analysis;
};

/// Loads the call's plan and finds its best stamping order; repairs and faults are said on standard error.
/// Nothing on failure, with `exit` set. @param named  faults are said with the file's name: there are several
std::optional<Opened> open(const Call& call, int& exit, bool named = false);

/// Draws stamps; one for the whole run.
const SvgArt& art();

/// Adds what is seen first to the analysis.
void look(Opened& opened);
/// Only mends that help are left. @param opened  was looked at
void tryMends(Opened& opened);

/// Says an error on standard error. @return the exit code that goes with it
int complain(const Error& error);
int complain(int exit, const QString& message);

/// Writes to standard output. @return kCannotWrite if that fails
int print(const std::string& text);

/// The dpi asked for, or `otherwise` lessened for very large panels. Nothing, with a complaint, if what is
/// asked for is not a number from 20 to 2400 or makes a picture of more pixels than memory bears.
std::optional<double> dpiOf(const Call& call, const Plan& plan, double otherwise);

/// "150x100mm", "6x6in", "6x6": inches as usual for a bare number up to 30, else millimetres; nothing for
/// what is no size from 20 to 2000 mm.
std::optional<PanelSize> sidesOf(const QString& text);

}  // namespace havlo::cli
