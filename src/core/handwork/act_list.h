// The acts of a plan, numbered: stampings, blends, and all that is done by hand besides.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// Kinds of work by hand. Each is one file of this room and one entry of its table, see hand_kind.h.
enum class ByHand { Lift, Colour, Line, Accent, Own };

/// One act by hand.
struct HandAct {
  ByHand kind = ByHand::Own;
  int index = 0;        ///< in the plan's list of its kind
  int on = -1;          ///< the impression it is done to; -1: none, or it is gone
  bool shared = false;  ///< a colouring that this impression has from another one
  bool operator==(const HandAct&) const = default;
};

/// Every act by hand, kind by kind, in the plan's order.
std::vector<HandAct> handActs(const Plan& plan);

/// Acts are numbered: the stamping of impression i is i, the blending of wash w is the number of impressions
/// plus w, what is done by hand follows.
inline int actOfWash(const Plan& plan, int wash) { return static_cast<int>(plan.impressions.size()) + wash; }
inline int firstHandAct(const Plan& plan) {
  return static_cast<int>(plan.impressions.size() + plan.washes.size());
}

/// "stamp:hare", "wash:sky", "colour:coat", "colour:coat@hare2" for one that shares it.
std::string actName(const Plan& plan, int act);
/// The act of that name, or -1. An impression's or wash's own id means its stamping or blending.
int actNamed(const Plan& plan, std::string_view name);

}  // namespace havlo
