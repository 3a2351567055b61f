// The parts of a plan, each read from its JSON object. For the plan reader alone.
#pragma once

#include "core/plan/json_object.h"

namespace havlo::plan_json {

struct PartsReader {
  std::vector<std::string> repairs;  ///< what was mended, with its place

  static Card card(Object o);
  static View view(Object o, double panelHeight_mm);
  static Ink ink(Object o);
  /// @param most  points that can be worked with; finer outlines are read more coarsely
  Rings rings(const Json& j, const std::string& place, size_t most = kMostPoints);
  Rings boundedInPoints(Rings rings, const std::string& place, size_t most);
  static constexpr size_t kMostPoints = 6000, kMostStencilPoints = 60000;
  Stamp stamp(Object o);
  static MaskChoices maskChoices(Object o);
  static Contact contact(Object o);
  static GroundMark groundMark(Object o);
  static Room room(Object o);
  static RealHeight realHeight(Object o);
  Impression impression(Object o, School otherwise);
  static void readDepth(const Json& j, const std::string& place, Impression& i);
  static void readWashDepth(const Json& j, const std::string& place, Wash& w);
  Wash wash(Object o);
  WashLimit limit(Object o);
  static StampRegion stampRegion(Object o);
  static RegionChoice regionChoice(const Json& j, const std::string& place);
  static Colouring colouring(Object o);
  static HandLine line(Object o);
  static Accent accent(Object o);
  static Lift lift(Object o);
  static OwnStep ownStep(Object o);
  Piece piece(Object o);
  static KnownFinding known(Object o);
  static Styles styles(Object o);
  static Light light(Object o);
  static Making making(Object o);
  static MaskAtHand maskAtHand(Object o);
  static Supplies supplies(Object o);
  static MaskingSheet maskingSheet(Object o);
};

}  // namespace havlo::plan_json
