// Where settings and data of Havlo are.
#pragma once

#include <QString>

namespace havlo {

/// Makes QSettings those of Havlo, and takes over what earlier versions kept under no organisation's name.
/// Call once, before the first QSettings.
void useOwnSettings();

/// The XDG data folder of Havlo, whatever the settings are called.
QString dataFolder();

/// Does the maker work with the left hand at the table?
bool leftHanded();
void setLeftHanded(bool left);

}  // namespace havlo
