// The small drawings of the window, in the hand of the stamps: places, acts, kinds of steps.
#pragma once

#include <QIcon>
#include <QPainter>
#include <QPushButton>

#include "core/runsheet/run_sheet.h"

namespace havlo {

/// Lays a drawing down in one ink. @param name  of a file in data/drawings; nothing is drawn where there is
/// none
void drawDrawing(QPainter& painter, const QString& name, const QRectF& at, const QColor& ink);

/// For buttons and menus; drawn when shown, in the inks of the window as it then is.
QIcon drawingIcon(const QString& name);
/// A button for an act, with its drawing. @param drawing  of a file in data/drawings
QPushButton* drawnButton(const char* drawing, const QString& text);

/// What stands for a command of the window, by its id; empty: nothing does.
QString drawingOfAct(const QString& command);

/// What stands for a kind of step.
QString drawingOf(Do step);

}  // namespace havlo
