// Many stamps at once: a folder of scans and drawings, each looked through, everything found traced.
#pragma once

#include <QString>
#include <QStringList>
#include <optional>

#include "core/trace/stamp_trace.h"

namespace havlo {

/// Most pictures that are looked through in one go.
inline constexpr int kMostHarvestFiles = 500;

struct FoundStamp {
  Stamp stamp;                  ///< named and with an id that no other of the harvest has
  std::optional<Stamp> closed;  ///< the same with its outline closed, where it is open and can be
  int openings = 0;             ///< places up to 2 mm wide where the outline is open
  bool touchesEdge = false;     ///< part of it may be missing
  int specks = 0;               ///< dropped
  double ink_mm2 = 0, silhouette_mm2 = 0;
  int file = 0;    ///< index of the file
  int number = 0;  ///< among those of its file, from 0
  int twin = -1;   ///< index of an earlier one of the harvest that is the same stamp
};

struct LookedThrough {
  QString path, name;
  std::optional<Error> error;  ///< why there is nothing of it
  int found = 0, failed = 0;   ///< impressions taken and not taken
  bool drawing = false;        ///< a set: one stamp a group
  bool sizeGuessed = false;    ///< a drawing in no real units: a unit was taken for a 96th of an inch
  bool asksScale = false;      ///< nothing was read, as nobody says how large it is
  int loose = 0;               ///< shapes of a set that lie in no group
  double dpi = 0;
};

struct Harvest {
  std::vector<LookedThrough> files;
  std::vector<FoundStamp> stamps;
};

struct HarvestWish {
  double dpi = 0;              ///< of pictures that do not say theirs; 0: they wait
  double drawingWidth_mm = 0;  ///< of drawings in no real units; 0: guessed
};

/// The pictures and drawings of a folder, as a person would count them (scan 9 before scan 10); not of
/// folders in it.
QStringList picturesIn(const QString& folder);

/// Looks every file through. What cannot be read is told at its place and stops nothing.
/// @error  Stopped; BadInput for more than kMostHarvestFiles
Result<Harvest> harvest(const QStringList& files, const HarvestWish& wish = {},
                        const Progress& progress = {});

/// The name a stamp may have by its file.
QString nameFromFile(QString file);
/// Letters, digits and dashes.
QString idFromName(const QString& name);

}  // namespace havlo
