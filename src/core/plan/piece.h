// Pieces of paper that make up a card besides its panel, mats and base: strips, plain shapes, things cut out,
// what lies inside, the envelope. A part of the plan; see plan.h.
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>

#include "core/outline/shape.h"

namespace havlo {

/// An sRGB colour, channels 0 to 255.
struct Colour {
  unsigned char red = 0, green = 0, blue = 0;
  bool operator==(const Colour&) const = default;
};

enum class PieceKind { Panel, Mat, Base, Strip, Cutout, Plain, Inside, Liner, Envelope, Flap };
enum class PieceCut { Trimmer, Hand, Die };

/// What a kind of piece is: one table.
struct PieceFacts {
  PieceKind kind;
  std::string_view word;  ///< in plan files
  bool onFace;            ///< is seen from the front, glued on the panel or on what lies there
  bool apart;             ///< has a picture of its own, which is not part of the panel's
};
inline constexpr std::array<PieceFacts, 10> kPieceFacts{{
    {PieceKind::Panel, "panel", false, false},
    {PieceKind::Mat, "mat", false, false},
    {PieceKind::Base, "base", false, false},
    {PieceKind::Strip, "strip", true, false},
    {PieceKind::Cutout, "cutout", true, false},
    {PieceKind::Plain, "plain", true, false},
    {PieceKind::Inside, "inside", false, true},
    {PieceKind::Liner, "liner", false, true},
    {PieceKind::Envelope, "envelope", false, true},
    {PieceKind::Flap, "flap", false, true},
}};
constexpr const PieceFacts& factsOf(PieceKind kind) { return kPieceFacts[ix(kind)]; }

struct PiecePaper {
  std::string name;
  Colour colour{0xfd, 0xfc, 0xf7};
  double thickness_mm = 0.3;
  std::optional<double> weight_gsm;  ///< absent: as usual for its thickness
  std::string picture;               ///< of prepared or patterned paper, a data URI; kept
  std::string extra;
  bool operator==(const PiecePaper&) const = default;
};

struct Piece {
  std::string id, name;
  PieceKind kind = PieceKind::Strip;
  Rings outline;                       ///< in its own frame; empty: a rectangle from the frame's origin
  double width_mm = 0, height_mm = 0;  ///< of that rectangle
  PieceCut cut = PieceCut::Trimmer;
  PiecePaper paper;
  std::string on;       ///< a piece it is glued on; empty or "panel": the panel
  Point at;             ///< where its frame's origin comes to, panel coordinates
  double turn_deg = 0;  ///< anticlockwise about that
  double raise_mm = 0;  ///< height of the foam under it; 0: flat
  bool flush = true;    ///< what hangs over the panel's rim is cut off
  std::string extra;
  bool operator==(const Piece&) const = default;
};

/// A piece's outline in its own frame, and where it lies on the card.
Rings shapeOf(const Piece& piece);
Rings onCard(const Piece& piece);

}  // namespace havlo
