// In which language the window speaks. One text has one translation, wherever it stands.
#pragma once

#include <QString>
#include <vector>

class QCoreApplication;

namespace havlo {

struct Language {
  const char* code;  ///< "de"
  const char* name;  ///< in that language
};

/// English first; those that are complete.
const std::vector<Language>& languages();
/// What was chosen, else the system's if the window speaks it, else English.
QString languageWanted();
/// Before the first text is shown. @param code  "en" says everything as it is written
void speak(QCoreApplication& app, const QString& code);
/// What speak() was told last.
QString spokenLanguage();

}  // namespace havlo
