// The word tables of the plan format, shared by reader and writer.
#pragma once

#include <array>
#include <string_view>
#include <utility>

#include "core/plan/hand_facts.h"
#include "core/plan/plan.h"
#include "core/plan/role_facts.h"
#include "core/plan/wash_facts.h"

namespace havlo::words {

template <typename E, size_t N>
using Table = std::array<std::pair<E, std::string_view>, N>;

inline constexpr Table<InkKind, 8> kInkKinds{{{InkKind::Dye, "dye"},
                                              {InkKind::Pigment, "pigment"},
                                              {InkKind::Hybrid, "hybrid"},
                                              {InkKind::Archival, "archival"},
                                              {InkKind::WaterReactive, "waterReactive"},
                                              {InkKind::Embossing, "embossing"},
                                              {InkKind::Marker, "marker"},
                                              {InkKind::Paint, "paint"}}};
inline constexpr Table<Role, 11> kRoles = [] {
  Table<Role, 11> out{};
  for (size_t k = 0; k < out.size(); ++k) out[k] = {kRoleFacts[k].role, kRoleFacts[k].word};
  return out;
}();
inline constexpr Table<Facing, 3> kFacings{
    {{Facing::None, "none"}, {Facing::Left, "left"}, {Facing::Right, "right"}}};
inline constexpr Table<Home, 4> kHomes{
    {{Home::Usual, "usual"}, {Home::Land, "land"}, {Home::Water, "water"}, {Home::Air, "air"}}};
inline constexpr Table<Style, 3> kStyles{
    {{Style::ByEye, "byEye"}, {Style::AllOver, "allOver"}, {Style::Layers, "layers"}}};
inline constexpr Table<FootMark, 3> kFootMarks{
    {{FootMark::None, "none"}, {FootMark::Tick, "tick"}, {FootMark::Notch, "notch"}}};
inline constexpr Table<School, 7> kSchoolWords{{{School::Mask, "mask"},
                                                {School::Overprint, "overprint"},
                                                {School::Resist, "resist"},
                                                {School::LeaveOut, "leaveOut"},
                                                {School::WipeOff, "wipeOff"},
                                                {School::PopUp, "popUp"},
                                                {School::Across, "across"}}};
inline constexpr Table<ContactKind, 4> kContactKinds{{{ContactKind::Perch, "perch"},
                                                      {ContactKind::Hand, "hand"},
                                                      {ContactKind::Underside, "underside"},
                                                      {ContactKind::Start, "start"}}};
inline constexpr Table<LitFrom, 5> kLitFroms{{{LitFrom::Unsaid, "unsaid"},
                                              {LitFrom::Left, "left"},
                                              {LitFrom::Right, "right"},
                                              {LitFrom::Front, "front"},
                                              {LitFrom::Behind, "behind"}}};
inline constexpr Table<GroundKind, 7> kGroundKinds{{{GroundKind::Path, "path"},
                                                    {GroundKind::Canal, "canal"},
                                                    {GroundKind::Rails, "rails"},
                                                    {GroundKind::Wall, "wall"},
                                                    {GroundKind::Water, "water"},
                                                    {GroundKind::Ripples, "ripples"},
                                                    {GroundKind::Shadow, "shadow"}}};
inline constexpr Table<FloorKind, 3> kFloorKinds{
    {{FloorKind::Plain, "plain"}, {FloorKind::Tiles, "tiles"}, {FloorKind::Boards, "boards"}}};
inline constexpr Table<RoomWall, 3> kRoomWalls{
    {{RoomWall::Back, "back"}, {RoomWall::Left, "left"}, {RoomWall::Right, "right"}}};
inline constexpr Table<WashFrom, 8> kWashFroms{{{WashFrom::Top, "top"},
                                                {WashFrom::Bottom, "bottom"},
                                                {WashFrom::Left, "left"},
                                                {WashFrom::Right, "right"},
                                                {WashFrom::Centre, "centre"},
                                                {WashFrom::Edges, "edges"},
                                                {WashFrom::Middle, "middle"},
                                                {WashFrom::Limit, "limit"}}};
inline constexpr Table<WashKind, 9> kWashKinds = [] {
  Table<WashKind, 9> out{};
  for (size_t k = 0; k < out.size(); ++k) out[k] = {kWashFacts[k].kind, kWashFacts[k].word};
  return out;
}();
inline constexpr Table<WashWay, 7> kWashWays{{{WashWay::Blend, "blend"},
                                              {WashWay::Brush, "brush"},
                                              {WashWay::Marker, "marker"},
                                              {WashWay::Dab, "dab"},
                                              {WashWay::Spray, "spray"},
                                              {WashWay::Paste, "paste"},
                                              {WashWay::Relief, "relief"}}};
inline constexpr Table<WashLayer, 3> kWashLayers{
    {{WashLayer::Far, "far"}, {WashLayer::Ground, "ground"}, {WashLayer::Near, "near"}}};
inline constexpr Table<LimitSide, 4> kLimitSides{{{LimitSide::Above, "above"},
                                                  {LimitSide::Below, "below"},
                                                  {LimitSide::Inside, "inside"},
                                                  {LimitSide::Outside, "outside"}}};
inline constexpr Table<LimitKind, 9> kLimitKinds{{{LimitKind::Straight, "straight"},
                                                  {LimitKind::Wavy, "wavy"},
                                                  {LimitKind::Torn, "torn"},
                                                  {LimitKind::Oval, "oval"},
                                                  {LimitKind::Rectangle, "rectangle"},
                                                  {LimitKind::Circle, "circle"},
                                                  {LimitKind::Arch, "arch"},
                                                  {LimitKind::Rays, "rays"},
                                                  {LimitKind::Stencil, "stencil"}}};

inline constexpr Table<ColourWay, 4> kColourWays = [] {
  Table<ColourWay, 4> out{};
  for (size_t k = 0; k < out.size(); ++k) out[k] = {kColourWayFacts[k].way, kColourWayFacts[k].word};
  return out;
}();
inline constexpr Table<Shade, 4> kShades{{{Shade::Flat, "flat"},
                                          {Shade::AwayFromLight, "awayFromLight"},
                                          {Shade::TowardLight, "towardLight"},
                                          {Shade::Edge, "edge"}}};
inline constexpr Table<LineKind, 6> kLineKinds{{{LineKind::Join, "join"},
                                                {LineKind::Ground, "ground"},
                                                {LineKind::Room, "room"},
                                                {LineKind::Outline, "outline"},
                                                {LineKind::Free, "free"},
                                                {LineKind::Lettering, "lettering"}}};
inline constexpr Table<AccentKind, 6> kAccentKinds = [] {
  Table<AccentKind, 6> out{};
  for (size_t k = 0; k < out.size(); ++k) out[k] = {kAccentFacts[k].kind, kAccentFacts[k].word};
  return out;
}();
inline constexpr Table<PieceCut, 3> kPieceCuts{
    {{PieceCut::Trimmer, "trimmer"}, {PieceCut::Hand, "hand"}, {PieceCut::Die, "die"}}};
inline constexpr Table<PieceKind, kPieceFacts.size()> kPieceKinds = [] {
  Table<PieceKind, kPieceFacts.size()> out{};
  for (size_t k = 0; k < out.size(); ++k) out[k] = {kPieceFacts[k].kind, kPieceFacts[k].word};
  return out;
}();
inline constexpr Table<LiftWith, 4> kLiftWiths{{{LiftWith::Water, "water"},
                                                {LiftWith::Cloth, "cloth"},
                                                {LiftWith::Salt, "salt"},
                                                {LiftWith::Sand, "sand"}}};

template <typename E, size_t N>
constexpr std::string_view of(const Table<E, N>& table, E value) {
  for (const auto& [e, word] : table)
    if (e == value) return word;
  return {};
}

}  // namespace havlo::words
