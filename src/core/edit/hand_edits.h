// Changes of what is done by hand.
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/plan/plan.h"
#include "core/region/stamp_regions.h"

namespace havlo {

/// What is held while colouring.
struct ColourIn {
  std::string ink;
  ColourWay way = ColourWay::Marker;
  Shade shade = Shade::Flat;
  double strength = 0.8;  ///< 0 to 1
  bool operator==(const ColourIn&) const = default;
};

/// How a part is named in a plan: by its name's id, else by a point in it.
RegionChoice choiceOf(const StampRegions& regions, int part);
/// The colouring of a part, index in the plan's list: the one that names it, else the one of all or of the
/// rest; -1: none. @param impression  one that shares a colouring has the other's
int colouringOf(const Plan& plan, const std::string& impression, const StampRegions& regions, int part);

/// One part coloured, instead of what was there. What shares another one's colouring keeps that as its own.
/// @error BadInput if there is no such thing, ink or part (all edits that name things)
Result<Plan> withPartColoured(const Plan& plan, const std::string& impression, const StampRegions& regions,
                              int part, const ColourIn& with);
/// Every part that has no colouring yet.
Result<Plan> withRestColoured(const Plan& plan, const std::string& impression, const ColourIn& with);
/// One part left bare on purpose.
Result<Plan> withPartBare(const Plan& plan, const std::string& impression, const StampRegions& regions,
                          int part);
/// One part without colouring again.
Result<Plan> withPartUncoloured(const Plan& plan, const std::string& impression, const StampRegions& regions,
                                int part);
Result<Plan> withoutColouring(const Plan& plan, const std::string& impression);
/// It shares another one's colouring, or (empty) has its own again, which is what it shared.
Result<Plan> colouredLike(const Plan& plan, const std::string& impression, const std::string& other);
/// Its own colouring, each part up to an eighth stronger or paler than now, so that copies are no clones.
Result<Plan> withVariedColouring(const Plan& plan, const std::string& impression, uint64_t seed);
/// Every colouring paler with the distance of its thing, the nearest one's as it is. @param distances_m  by
/// impression
Plan withPalerColoursFarOff(const Plan& plan, const std::vector<double>& distances_m);
/// The colours of one thing for another one, of any stamp: the largest part's for its largest part.
Result<Plan> withColoursOf(const Plan& plan, const std::string& impression, const StampRegions& regions,
                           const std::string& from, const StampRegions& fromRegions);
/// A part's name, in the stamp; empty takes it away.
Result<Plan> withRegionName(const Plan& plan, const std::string& stamp, const StampRegions& regions, int part,
                            const std::string& name);
/// The plan with an ink it may lack. @return the id it has there
std::string addInk(Plan& plan, const Ink& ink);

/// A line, accent, lifting or own step more; its id is made fresh. @return with its id
Plan withLine(const Plan& plan, HandLine line, std::string* id = nullptr);
Plan withAccent(const Plan& plan, Accent accent, std::string* id = nullptr);
Plan withLift(const Plan& plan, Lift lift, std::string* id = nullptr);
Plan withOwnStep(const Plan& plan, OwnStep step, std::string* id = nullptr);
/// Without the line, accent, lifting, colouring or own step of that act name ("line:l1").
Result<Plan> withoutHandwork(const Plan& plan, const std::string& act);

/// Points scattered evenly, no two nearer than `apart_mm`, clear of what is given. The same seed gives the
/// same points. Source: dart throwing in a grid of cells (Cook 1986, from memory).
/// @param count  at most so many; fewer where no more find room
/// @param within  whether a point may be one
std::vector<Point> scattered(const Box& area, size_t count, double apart_mm, uint64_t seed,
                             const std::function<bool(Point)>& within);
/// What dots keep clear of: greetings, what is lettered by hand, and the heads of what lives.
std::vector<Box> keptClear(const Plan& plan);

}  // namespace havlo
