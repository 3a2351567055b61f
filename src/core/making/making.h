// One card being made at the table: which step hands are at, what dries, what went wrong. A value; times come
// in.
#pragma once

#include <memory>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "core/analysis/analysis.h"
#include "core/making/log_entry.h"

namespace havlo {

/// What can go wrong at a step.
enum class Mishap {
  LineInto,    ///< a line ran into the thing in front
  Gap,         ///< a white gap beside it
  MissedSpot,  ///< a part did not print
  Smudge,
  Misplaced,
  WornMask,  ///< ink came through a mask, or its edge frayed
  Other
};

struct MishapNote {
  Mishap what = Mishap::Other;
  std::string note;
  bool operator==(const MishapNote&) const = default;
};

/// What happened at one step. Times in seconds since 1970 UTC.
struct StepRecord {
  double begun_s = 0, done_s = 0;  ///< 0: not yet
  std::vector<char> ticked;        ///< by the step's covers, else by what is done by hand at it
  std::vector<MishapNote> mishaps;
  std::string note;
  bool operator==(const StepRecord&) const = default;
};

/// A card being made. The plan is the one it was begun with, whatever becomes of the open one.
struct MakingRecord {
  std::string id;
  std::string madeFor;  ///< free text
  std::shared_ptr<const Plan> plan;
  std::vector<std::string> order;  ///< of stamping, impression ids
  std::vector<std::string> acts;   ///< all of them by name, first done first; empty: as the order says
  double begun_s = 0, ended_s = 0;
  int at = 0;                     ///< place among the steps that are shown; their number when all are done
  std::vector<StepRecord> steps;  ///< by shown step
};

/// The steps worth showing to a maker, as indices: waits that have run out by themselves are left out.
std::vector<int> stepsToShow(const RunSheet& sheet);

/// A card being made, with everything that is worked out from its plan.
class Bench {
 public:
  /// Begins a card. @param id  of the record
  static Bench begin(std::string id, std::shared_ptr<const Plan> plan, AnalysisRef analysis, double now_s);
  /// Takes a record up again; its plan is worked out anew, in its own order.
  /// @error BadInput if the order does not belong to the plan
  static Result<Bench> resume(MakingRecord record, const ArtSource* art = nullptr);

  const MakingRecord& record() const { return m_record; }
  const Plan& plan() const { return *m_record.plan; }
  const Analysis& analysis() const { return *m_analysis; }
  const AnalysisRef& analysisRef() const { return m_analysis; }
  int count() const { return static_cast<int>(m_shown.size()); }
  int at() const { return m_record.at; }
  bool finished() const { return m_record.at >= count(); }
  /// The run sheet's step at a place; the place must be below count().
  const Step& step(int place) const { return m_analysis->sheet.steps[ix(m_shown[ix(place)])]; }
  int sheetIndex(int place) const { return m_shown[ix(place)]; }
  const StepRecord& made(int place) const { return m_record.steps[ix(place)]; }

  /// The step is done; the next one begins. Covers of it that were not ticked count as ticked.
  void done(double now_s);
  /// Goes one step back; what was noted stays, its time is taken away.
  void back(double now_s);
  void tick(int cover, bool on);
  void setNote(const std::string& note);
  void wentWrong(Mishap what, const std::string& note);
  void setMadeFor(const std::string& whom) { m_record.madeFor = whom; }

  /// Something that dries: an impression, or a wash.
  struct Drying {
    int impression = -1, wash = -1;
    double until_s = 0;
    int hand = -1;  ///< done by hand, index among that: what dries longest of it
  };
  /// What still dries, soonest dry first.
  std::vector<Drying> drying(double now_s) const;
  /// Seconds until what the present step waits for is dry; 0: it is.
  double mustWait(double now_s) const;
  /// Minutes of work and waits that the plan foresees from here on.
  double minutesToGo() const;
  /// Minutes really spent on steps that are done.
  double minutesSpent() const;

 private:
  MakingRecord m_record;
  AnalysisRef m_analysis;
  std::vector<int> m_shown;

  StepRecord& now() { return m_record.steps[ix(m_record.at)]; }
  void beginStep(double now_s);
};

/// What the log keeps of a card that is made.
/// Ids of masks through which ink came, or whose edge frayed, as the maker noted.
std::set<std::string> wornMasks(const Bench& bench);
LogEntry logEntryOf(const Bench& bench);

std::string_view wordOf(Mishap mishap);
std::optional<Mishap> mishapOf(std::string_view word);

}  // namespace havlo
