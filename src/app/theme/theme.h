// Colours and type of the window: calm paper and ink, one copper green for what is chosen, right or to be
// done.
#pragma once

#include <QColor>
#include <QFont>
#include <QPalette>

class QApplication;

namespace havlo {

struct Theme {
  QColor ground, paper, card, ink, soft, rule;
  QColor green, greenVeil, ochre, madder;
  QColor onGreen;  ///< text on green
  bool dark = false;
};

/// The theme in use.
const Theme& theme();

Theme lightTheme();
Theme darkTheme();

/// Sets palette, fonts and style sheet. @param textScale  1 to 1.5
void applyTheme(QApplication& app, bool dark, double textScale);

/// Type sizes in px at text scale 1: labels 12, body 13, headings 16.
QFont labelFont(int weight = QFont::Normal);
QFont bodyFont(int weight = QFont::Normal);
QFont headingFont();
/// Any other size, in px at text scale 1: what is read from a metre away.
QFont sizedFont(double px, int weight = QFont::Normal);
double textScale();

}  // namespace havlo
