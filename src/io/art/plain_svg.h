// The one gate for drawings from outside: what passes it holds what is listed here and nothing else.
#pragma once

#include <QByteArray>
#include <QSizeF>
#include <optional>

#include "core/base/result.h"

namespace havlo {

/// Largest drawing once unpacked, bytes.
inline constexpr qint64 kLargestDrawing = 32 << 20;

/// A drawing as this program wrote it: UTF-8, without entities, style sheets, scripts, pictures and links.
struct PlainSvg {
  QByteArray svg;
  std::optional<QSizeF> size_mm;  ///< where it states one in real units
};

/// Reads an SVG, plain or packed (gzip), in any encoding that XML knows, and writes it anew with the elements
/// and attributes that draw (SVG Tiny 1.2: paths, shapes, groups, gradients, text, `use` within the drawing).
/// What editors add for themselves is left out; what would reach outside or run is refused by name.
/// @error  BadInput with what is in the way: links, scripts, pictures, styles, entities, too many parts,
/// numbers
///         that no drawing has, text that is no XML, more than kLargestDrawing
Result<PlainSvg> plainSvg(const QByteArray& file);

/// Begins like a drawing, packed or not: told by content.
bool looksLikeSvg(const QByteArray& head);

}  // namespace havlo
