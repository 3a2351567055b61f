// The run sheet as JSON: what is done at every step, with what, under which papers, and what it leaves damp.
#include <algorithm>
#include <map>
#include <set>

#include "cli/report.h"
#include "cli/verb.h"
#include "core/acts/act_rules.h"
#include "core/chain/chain.h"
#include "core/ink/ink_facts.h"
#include "core/outline/shape_ops.h"
#include "core/pieces/face_plan.h"
#include "core/plan/plan_words.h"
#include "io/wording/step_words.h"

namespace havlo::cli {
namespace {

Json placeOf(Point p) { return {{"left", p.x}, {"bottom", p.y}}; }

std::string_view wordOf(LimitSide side) {
  constexpr std::string_view words[] = {"above", "below", "inside", "outside"};
  return words[ix(side)];
}

/// Follows the papers through the steps: which lie, and how often each was laid.
class PapersOnCard {
 public:
  explicit PapersOnCard(const Plan& plan) : m_plan(plan) {}

  void follow(const Step& s) {
    const bool on = s.what == Do::MaskOn || s.what == Do::Tape, off = s.what == Do::MaskOff;
    if (!on && !off) {
      if (s.what == Do::Trim || s.what == Do::Attach) m_rim = false;
      return;
    }
    if (s.limit >= 0) {
      change(on, {s.limit, true}, {{"limit", m_plan.limits[ix(s.limit)].id}, {"side", wordOf(s.side)}});
    } else if (on && s.covers.empty() && s.impression < 0) {
      m_rim = true;
    } else if (s.covers.empty()) {
      change(on, {s.impression, false}, {{"tape", true}, {"on", m_plan.impressions[ix(s.impression)].id}});
    }
    std::set<std::string> laid;  // one paper may lie on several things
    for (const Cover& c : s.covers) {
      change(on, {c.impression, false}, {{"mask", c.mask}, {"on", m_plan.impressions[ix(c.impression)].id}});
      if (!on) continue;
      m_layings[c.mask] += c.joint < 0 || laid.insert(c.mask).second;
      m_lying[{c.impression, false}]["layings"] = m_layings[c.mask];
    }
  }

  Json lying() const {
    Json out = Json::array();
    if (m_rim) out.push_back({{"tape", true}, {"on", "rim"}});
    for (const auto& [place, paper] : m_lying) out.push_back(paper);
    return out;
  }
  int layingsOf(const std::string& mask) const {
    const auto at = m_layings.find(mask);
    return at == m_layings.end() ? 0 : at->second;
  }

 private:
  using Place = std::pair<int, bool>;  // an impression, or a limit
  const Plan& m_plan;
  bool m_rim = false;
  std::map<Place, Json> m_lying;
  std::map<std::string, int> m_layings;

  void change(bool on, Place place, Json paper) {
    if (on) {
      m_lying[place] = std::move(paper);
    } else {
      m_lying.erase(place);
    }
  }
};

Json coversReport(const Plan& plan, const std::vector<Cover>& covers, const PapersOnCard& papers) {
  Json out = Json::array();
  for (const Cover& c : covers) {
    out.push_back({{"mask", c.mask},
                   {"on", c.impression < 0 ? Json(nullptr) : Json(plan.impressions[ix(c.impression)].id)},
                   {"layings", papers.layingsOf(c.mask)}});
    if (c.ahead) out.back()["ahead"] = true;
    if (c.half) out.back()["half"] = true;
    for (int i : c.over) out.back()["over"].push_back(plan.impressions[ix(i)].id);
  }
  return out;
}

/// Share of a stamp's rubber, 0 to 1, that a pressing leaves out: not of its part, or where what stands in
/// front is covered or wiped off the rubber.
double leftOut(const Plan& plan, const Analysis& a, const Step& s) {
  const auto i = ix(s.impression);
  const double whole = areaOf(plan.stamps[ix(a.stampOf[i])]->silhouette);
  if (whole <= 0) return 0;
  Rings left = a.meetings.placed[i]->silhouette;
  for (int f : s.leaveOut) left = difference(left, a.meetings.placed[ix(f)]->silhouette);
  const double share = 1 - areaOf(left) / whole;
  return share < 1e-6 ? 0 : std::min(share, 1.0);
}

/// Seconds until what this step put on may be covered.
double drySeconds(const Plan& plan, const Analysis& a, const Step& s) {
  if (s.what == Do::Stamp && plan.ink(plan.impressions[ix(s.impression)].ink))
    return plan.ink(plan.impressions[ix(s.impression)].ink)->dryOnCard_s;
  if (s.what == Do::Wash && plan.ink(plan.washes[ix(s.wash)].ink))
    return havlo::drySeconds(plan.washes[ix(s.wash)], *plan.ink(plan.washes[ix(s.wash)].ink));
  double longest = 0;
  for (int h : s.hand) longest = std::max(longest, a.hand->all()[ix(h)].dry_min * 60);
  if (longest > 0) return longest;
  return s.what == Do::Print ? plan.inks[ix(s.ink)].dryOnMask_s : 0;
}

/// The act that a step is, as in making.sequence; nothing for what only prepares or covers.
Json actOf(const Plan& plan, const Step& s) {
  if (const std::vector<int> acts = actsOf(plan, s); !acts.empty()) return actName(plan, acts.front());
  if (s.what == Do::Emboss) return "powder";
  if (s.what == Do::Wipe) return "wipe";
  if (s.what == Do::Attach && s.impression >= 0) return "glue:" + plan.impressions[ix(s.impression)].id;
  if ((s.what == Do::Attach || s.what == Do::Glue) && s.paper >= 0)
    return "glue:" + plan.pieces[ix(s.paper)].id;
  return nullptr;
}

Json stepReport(const Plan& plan, const Analysis& a, const Step& s, size_t number,
                const PapersOnCard& papers) {
  const Impression* impression = s.impression < 0 ? nullptr : &plan.impressions[ix(s.impression)];
  Json out = {{"n", number},
              {"do", havlo::wordOf(s.what)},
              {"act", actOf(plan, s)},
              {"impression", impression ? Json(impression->id) : Json(nullptr)}};
  const StampRef stamp = impression     ? plan.stamp(impression->stamp)
                         : s.stamp >= 0 ? plan.stamps[ix(s.stamp)]
                                        : nullptr;
  out["stamp"] = stamp ? Json(stamp->id) : Json(nullptr);
  out["ink"] = nullptr;
  if (impression && (s.what == Do::Stamp || s.what == Do::Emboss)) out["ink"] = impression->ink;
  if (s.what == Do::Wash) out["ink"] = plan.washes[ix(s.wash)].ink;
  if (s.what == Do::Print) out["ink"] = plan.inks[ix(s.ink)].id;
  if (!s.things.empty()) out["things"] = idsOf(plan, s.things);
  const bool pressed = s.what == Do::Stamp;
  out["generation"] = pressed ? Json(impression->generation) : Json(nullptr);
  out["foot"] = out["corner"] = out["turn"] = nullptr;
  const int onPaper = impression ? plan.pieceIndex(impression->piece) : -1;
  if (pressed && onPaper >= 0) {  // measured on that piece
    const Piece& paper = plan.pieces[ix(onPaper)];
    const Placing lies({0, 0}, paper.at, Degrees{paper.turn_deg});
    const Box box = boxOf(shapeOf(paper));
    const Point edge{box.left, box.bottom};  // of the paper, whatever its frame begins at
    out["foot"] = placeOf(lies.toFrame(impression->at) - edge);
    out["corner"] = placeOf(lies.toFrame(placingOf(*impression, *stamp).toPanel(Point{0, 0})) - edge);
    out["turn"] = impression->turn_deg - paper.turn_deg;
  } else if (pressed && s.piece) {
    out["foot"] = placeOf(stamp->foot);
    out["corner"] = placeOf({0, 0});
    out["turn"] = 0.0;
  } else if (impression && (pressed || s.what == Do::Attach)) {
    out["foot"] = placeOf(impression->at);
    out["corner"] = placeOf(placingOf(*impression, *stamp).toPanel(Point{0, 0}));
    out["turn"] = impression->turn_deg;
  }
  // A pop-up is a piece of its own from its stamping to its cutting out; all else is done to the panel.
  const bool ownPiece = impression && impression->school == School::PopUp && s.what != Do::Attach;
  out["piece"] = onPaper >= 0 ? Json(impression->piece) : ownPiece ? Json(impression->id) : Json("panel");
  if (s.paper >= 0) out["piece"] = plan.pieces[ix(s.paper)].id;
  if (s.layer >= 0) out["layer"] = s.layer;
  if (pressed) {
    out["reach"] = leftOut(plan, a, s);
    if (!impression->part.empty()) out["part"] = true;
  }
  out["masksOn"] = idsOf(plan, s.masksOn);
  out["masks"] = coversReport(plan, s.covers, papers);
  out["papers"] = papers.lying();
  if (!s.leaveOut.empty()) out["leaveOut"] = idsOf(plan, s.leaveOut);
  if (s.limit >= 0) {
    out["limit"] = plan.limits[ix(s.limit)].id;
    out["side"] = wordOf(s.side);
    if (s.turned) out["turned"] = true;
  }
  if (s.wash >= 0) out["wash"] = plan.washes[ix(s.wash)].id;
  if (s.what == Do::Draw && s.hand.empty()) out["pen"] = s.pen_mm;
  for (int act : actsOf(plan, s))
    if (!s.hand.empty()) out["acts"].push_back(actName(plan, act));
  for (int h : s.hand)  // each with its own ink and minutes
    if (const HandWork& w = a.hand->all()[ix(h)]; w.ink >= 0) {
      out["inks"].push_back(plan.inks[ix(w.ink)].id);
      if (out["ink"].is_null()) out["ink"] = plan.inks[ix(w.ink)].id;
    }
  if (s.tryOut) out["tryOut"] = true;
  if (s.clean) out["clean"] = true;
  if (s.scraps > 0) out["scraps"] = s.scraps;
  out["evening"] = s.evening + 1;
  out["dry"] = drySeconds(plan, a, s);
  out["minutes"] = s.minutes;
  out["wait"] = s.wait;
  out["note"] = sentenceOf(havlo::wordsOf(plan, a, s, MeasureStyle::Millimetres)).toStdString();
  return out;
}

}  // namespace

Json runSheetReport(const Plan& plan, const Analysis& a) {
  Json steps = Json::array();
  PapersOnCard papers(plan);
  for (size_t k = 0; k < a.sheet.steps.size(); ++k) {
    papers.follow(a.sheet.steps[k]);
    steps.push_back(stepReport(plan, a, a.sheet.steps[k], k + 1, papers));
  }
  Json evenings = Json::array();
  for (const Evening& e : a.sheet.evenings)
    evenings.push_back({{"first", e.first + 1}, {"minutes", e.minutes}});
  Json out = {{"steps", std::move(steps)},   {"minutes", a.sheet.minutes}, {"atLeast", a.sheet.atLeast},
              {"exact", a.orderState.exact}, {"copies", a.sheet.copies},   {"evenings", std::move(evenings)}};
  for (const int piece : printedFaces(plan)) {
    Plan face = facePlan(plan, piece);
    face.faces.clear();
    const AnalysisRef own = withBestOrder(face, analyse(face, nullptr, &art()));
    Json report = runSheetReport(face, *own);
    for (Json& step : report["steps"]) step["piece"] = plan.pieces[ix(piece)].id;
    report["piece"] = plan.pieces[ix(piece)].id;
    out["faces"].push_back(std::move(report));
  }
  return out;
}

}  // namespace havlo::cli
