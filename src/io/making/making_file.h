// Cards being made, on disk: one file a card, written whole after every act.
#pragma once

#include <QString>
#include <QStringList>
#include <vector>

#include "core/making/making.h"

namespace havlo {

/// Writes `folder/ID.havlo-making` (JSON). @error CannotWrite with the reason
Result<Done> saveMaking(const QString& folder, const MakingRecord& record);
/// @error CannotRead, or BadInput with the place
Result<MakingRecord> loadMaking(const QString& file);

struct KeptMakings {
  std::vector<MakingRecord> records;  ///< begun last first
  QStringList unreadable;             ///< files that could not be read; they are left as they are
};
/// The file of a card in the making.
QString makingPath(const QString& folder, const std::string& id);
KeptMakings keptMakings(const QString& folder);
/// Takes a card's file away. What is not there needs no taking.
void dropMaking(const QString& folder, const std::string& id);

}  // namespace havlo
