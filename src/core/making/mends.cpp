#include "core/making/mends.h"

#include "core/ink/ink_facts.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr double kNear =
    15;  // CIEDE2000; farther off a mend shows more than the fault. Common practice, no source

/// The ink of the plan that a pen or marker of would come nearest to `like`: itself, if that is a marker.
MendWay with(Mend how, const Plan& plan, const Ink* like) {
  MendWay out{how, {}, 0};
  if (!like) return out;
  double least = kNear;
  for (const Ink& ink : plan.inks) {
    if (ink.kind != InkKind::Marker && ink.kind != InkKind::Archival) continue;
    const double d = ciede2000(labOf(ink.colour), labOf(like->colour));
    if (d < least) least = d, out.ink = ink.id, out.apart = d;
  }
  return out;
}

}  // namespace

std::vector<MendWay> mendsFor(Mishap what, const Plan& plan, const Step& step,
                              std::optional<Mounting> mounting) {
  std::vector<MendWay> out;
  const bool stamped = step.what == Do::Stamp && step.impression >= 0;
  const Impression* thing = stamped ? &plan.impressions[ix(step.impression)] : nullptr;
  const Role role = thing ? plan.stamp(thing->stamp)->role : Role::Prop;
  const Ink* ink = thing                   ? plan.ink(thing->ink)
                   : step.what == Do::Wash ? plan.ink(plan.washes[ix(step.wash)].ink)
                                           : nullptr;
  const auto add = [&](Mend how) { out.push_back({how, {}, 0}); };
  switch (what) {
    case Mishap::MissedSpot:
      // In register it is good practice; a wooden block hides where it is put.
      if (stamped && mounting != Mounting::Wood) add(Mend::PressAgain);
      out.push_back(with(Mend::FinePen, plan, ink));
      if (step.what == Do::Wash) add(Mend::TapePatch);
      break;
    case Mishap::Gap:
      out.push_back(with(Mend::FinePen, plan, ink));
      out.push_back(with(Mend::MarkerInGap, plan, ink));
      if (step.what == Do::Wash) add(Mend::TapePatch);
      break;
    case Mishap::WornMask:
    case Mishap::LineInto:
      out.push_back(with(Mend::MarkerOver, plan, ink));
      add(Mend::SandEraser);
      if (stamped) add(Mend::PieceOver);
      break;
    case Mishap::Smudge:
      add(Mend::SandEraser);
      add(factsOf(role).words ? Mend::StripOver : Mend::Filler);
      if (stamped && factsOf(role).lives()) add(Mend::PieceOver);
      break;
    case Mishap::Misplaced:
      add(factsOf(role).words ? Mend::StripOver : Mend::TypePlace);
      if (stamped && !factsOf(role).words) add(Mend::PieceOver);
      break;
    case Mishap::Other:
      break;
  }
  add(Mend::WriteDown);
  return out;
}

}  // namespace havlo
