// Lines by hand: with a pen, along the ground and the room, round things, between them.
#include <algorithm>

#include "core/handwork/kinds.h"
#include "core/handwork/letters.h"
#include "core/ink/ink_facts.h"
#include "core/pieces/face_plan.h"

namespace havlo {
namespace {

constexpr double kBegin_min = 0.05;  // to lay the ruler on or find the place; common practice, no source
constexpr double kEach_mm = 60;      // drawn in a minute; common practice, no source
constexpr double kSketch_min =
    2;  // letters are pencilled along a base line first; common practice, no source
constexpr double kSlowPen_s = 120;  // a pen this slow is drawn with when the colouring is done

class Drawing : public HandKind {
 public:
  std::string_view word() const override { return "line"; }
  const std::string& id(const Plan& plan, int index) const override { return plan.lines[ix(index)].id; }
  void list(const Plan& plan, std::vector<HandAct>& out) const override {
    for (size_t k = 0; k < plan.lines.size(); ++k)
      out.push_back({ByHand::Line, static_cast<int>(k), plan.indexOf(plan.lines[k].on)});
  }

  void judge(const HandScene& scene, HandWork& work) const override {
    const Plan& plan = scene.plan;
    const HandLine& line = plan.lines[ix(work.act.index)];
    if (isElsewhere(plan, line.on)) return;
    work.ink = inkIndex(plan, line.ink);
    if (work.ink < 0) work.gone = line.ink;
    if (!line.on.empty() && work.act.on < 0) work.gone = line.on;
    if (!work.gone.empty()) return;
    const Ink& ink = plan.inks[ix(work.ink)];
    const Rings strokes = strokesOf(line);
    work.box = boxOf(strokes).grown(line.width_mm / 2);
    for (const Ring& stroke : strokes) work.length_mm += lengthOf(stroke);
    work.minutes = kBegin_min + work.length_mm / kEach_mm;
    if (!line.text.empty()) work.minutes += kSketch_min;
    work.dry_min = ink.dryOnCard_s / 60;
    const bool flat = line.kind == LineKind::Ground || line.kind == LineKind::Room;
    work.layer = flat ? HandLayer::Behind : work.act.on >= 0 ? HandLayer::OverThing : HandLayer::OverAll;
    const bool late = ink.dryOnCard_s > kSlowPen_s || !holdsUnderMarker(ink) || ink.opacity > kCovers;
    work.turn = late ? HandTurn::LateLines : HandTurn::Lines;
    work.within = {static_cast<double>(line.kind), static_cast<double>(work.ink)};
    afterWhatIsThere(scene, work, ink.opacity <= kClearFilm);
  }

  std::vector<HandFilm> films(const HandScene& scene, const HandWork& work, const Grid& grid) const override {
    const HandLine& line = scene.plan.lines[ix(work.act.index)];
    const Ink& ink = scene.plan.inks[ix(work.ink)];
    return {{strokesTile(grid, strokesOf(line), line.width_mm), ink.colour, ink.opacity, 1, false}};
  }

 private:
  /// The line itself, or what is lettered along it.
  static Rings strokesOf(const HandLine& line) {
    Rings letters = letteringStrokes(line);
    return letters.empty() ? Rings{line.along} : letters;
  }
};

}  // namespace

const HandKind& drawing() {
  static const Drawing one;
  return one;
}

}  // namespace havlo
