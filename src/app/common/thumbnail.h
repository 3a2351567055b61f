// A small picture of a stamp.
#pragma once

#include <QColor>
#include <QIcon>
#include <QPixmap>

#include "core/plan/plan.h"

namespace havlo {

class SvgArt;

QPixmap stampThumbnail(const Stamp& stamp, const SvgArt& art, QSize size, const QColor& ink);

/// In the middle of a leaf of this size, as large as that; all at one scale would make small ones dots.
QIcon stampIcon(const Stamp& stamp, const SvgArt& art, QSize leaf, const QColor& ink);

}  // namespace havlo
