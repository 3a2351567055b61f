// Colours and type of the window: calm paper and ink, one copper green for what is chosen, right or to be
// done.
#pragma once

#include <QColor>
#include <QFont>
#include <QPalette>
#include <QString>

class QApplication;

namespace havlo {

struct Theme {
  QColor ground, paper, card, ink, soft, rule;
  QColor edge;  ///< of what can be filled in: at least 3 : 1 to every ground
  QColor green, greenVeil, ochre, madder;
  QColor onGreen;  ///< text on green
  bool dark = false;
};

/// The theme in use.
const Theme& theme();

Theme lightTheme();
Theme darkTheme();

/// How a maker wants the window to look and behave.
struct Appearance {
  bool dark = false;
  double text = 1;     ///< size of text, 1 to 2
  bool large = false;  ///< all that is clicked is large, for inky fingers
  bool still = false;  ///< nothing moves by itself
  bool operator==(const Appearance&) const = default;
};

/// As it is now.
const Appearance& appearance();
/// As it was left last, and keeping it.
Appearance keptAppearance();
void keepAppearance(const Appearance& wanted);

/// Sets palette and fonts; windows that have the style sheet get the new one.
void applyTheme(QApplication& app, const Appearance& wanted);
/// The style sheet, for a window to be laid on it alone. Were it the application's, every widget that is set
/// into another would be styled anew with everything in it, at every level again, before it comes into a
/// window.
const QString& windowSheet();

/// The colour between two opaque ones. @param share  of the second, 0 to 1
QColor mixed(const QColor& a, const QColor& b, double share);

/// Type sizes in px at text scale 1: labels 12, body 13, headings 16.
QFont labelFont(int weight = QFont::Normal);
QFont bodyFont(int weight = QFont::Normal);
QFont headingFont();
/// Any other size, in px at text scale 1: what is read from a metre away.
QFont sizedFont(double px, int weight = QFont::Normal);
double textScale();

}  // namespace havlo
