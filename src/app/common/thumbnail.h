// A small picture of a stamp.
#pragma once

#include <QColor>
#include <QPixmap>

#include "core/plan/plan.h"

namespace havlo {

class SvgArt;

QPixmap stampThumbnail(const Stamp& stamp, const SvgArt& art, QSize size, const QColor& ink);

}  // namespace havlo
