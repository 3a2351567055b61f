// One thing that is asked for, a word or a number, on a small sheet before the window. Nobody waits for it:
// what is said comes when it is said, and nothing comes when it is left.
#pragma once

#include <QString>
#include <functional>

class QDialog;
class QWidget;

namespace havlo {

struct Asking {
  QString about;  ///< what the answer is for: the sheet's heading
  QString ask;    ///< what to put in, or what is known of it so far
  QString take;   ///< what the button does
};

struct NumberWanted {
  double now = 0, least = 0, most = 100;  ///< in the unit it is asked in
  int decimals = 0;
  QString unit;  ///< stands behind the number, with its space
};

/// @param then  gets what was written without blanks at its ends; nothing is an answer too
/// @return the sheet, open; it goes when it is answered or left, with its parent at the latest
QDialog* askForWords(const Asking& asking, const QString& was, QWidget* parent,
                     std::function<void(const QString&)> then);

/// @param then  gets a number within what is wanted, in its unit
QDialog* askForNumber(const Asking& asking, const NumberWanted& wanted, QWidget* parent,
                      std::function<void(double)> then);

}  // namespace havlo
