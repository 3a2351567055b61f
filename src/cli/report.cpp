// From analysis to JSON: ids instead of indices, null for what is infinite or absent.
#include "cli/report.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/focus/looks.h"
#include "core/outline/shape_ops.h"
#include "core/plan/plan_words.h"
#include "core/wash/limit_shape.h"
#include "io/wording/finding_words.h"
#include "io/wording/work_words.h"

namespace havlo::cli {

namespace {

const std::string& idOf(const Plan& plan, int i) { return plan.impressions[ix(i)].id; }

Json ids(const Plan& plan, const std::vector<int>& list) {
  Json out = Json::array();
  for (int i : list) out.push_back(idOf(plan, i));
  return out;
}

Json pairs(const Plan& plan, const std::vector<std::pair<int, int>>& list) {
  Json out = Json::array();
  for (const auto& [a, b] : list) out.push_back({idOf(plan, a), idOf(plan, b)});
  return out;
}

Json finite(std::optional<double> v) { return v && std::isfinite(*v) ? Json(*v) : Json(nullptr); }

std::string_view wordOf(ScaleVerdict v) {
  constexpr std::string_view words[] = {"fits", "tooTall", "tooShort", "notOnGround"};
  return words[ix(v)];
}

Json scaleReport(const Plan& plan, const Analysis& a) {
  Json out = Json::array();
  for (const ScaleReading& s : a.scale)
    out.push_back({{"impression", idOf(plan, s.impression)},
                   {"distance", finite(s.distance_m)},
                   {"expectedHeight", finite(s.expected_mm)},
                   {"printedHeight", s.printed_mm},
                   {"ratio", finite(s.ratio)},
                   {"impliedHeight", finite(s.implied_m)},
                   {"band", {s.band.low_mm, s.band.high_mm}},
                   {"verdict", wordOf(s.verdict)}});
  return out;
}

Json overlapsReport(const Plan& plan, const Analysis& a) {
  Json out = Json::array();
  for (const Meeting& m : a.meetings.list)
    if (m.overlaps())
      out.push_back({{"front", idOf(plan, m.front)}, {"back", idOf(plan, m.back)}, {"area", m.area_mm2}});
  return out;
}

Json fixReport(const Plan& plan, const Fix& fix, const QString& label) {
  Json out = {{"label", label.toStdString()}};
  out["impression"] = fix.impression >= 0 ? Json(idOf(plan, fix.impression)) : Json(nullptr);
  switch (fix.what) {
    case Fix::What::MoveFoot:
      out["at"] = {fix.to.x, fix.to.y};
      break;
    case Fix::What::PutInFront:
      out["inFrontOf"] = idOf(plan, fix.other);
      break;
    case Fix::What::DropInFront:
      out["notInFrontOf"] = idOf(plan, fix.other);
      break;
    case Fix::What::MoveFeet:
      for (const Fix::Foot& f : fix.feet)
        out["feet"].push_back({{"impression", idOf(plan, f.impression)}, {"at", {f.to.x, f.to.y}}});
      break;
    case Fix::What::Press:
      out["ink"] = fix.ink;
      out["generation"] = fix.generation;
      break;
    case Fix::What::LightAsScene:
      out["lit"] = "unsaid";
      break;
    case Fix::What::EndMark:
      out["ground"] = plan.ground[ix(fix.other)].id;
      out["to"] = {fix.to.x, fix.to.y};
      break;
    case Fix::What::DropMark:
      out["ground"] = plan.ground[ix(fix.other)].id;
      out["drop"] = true;
      break;
    case Fix::What::Turn:
      out["turn"] = fix.amount;
      break;
    case Fix::What::MakeHero:
      out["hero"] = true;
      break;
    case Fix::What::School:
      out["technique"] = words::of(words::kSchoolWords, fix.school);
      if (!fix.ink.empty()) out["ink"] = fix.ink;
      break;
    case Fix::What::First:
      out["first"] = true;
      break;
    case Fix::What::SayHome:
      out["home"] = words::of(words::kHomes, fix.home);
      break;
    case Fix::What::SayStyle:
      out["style"] = words::of(words::kStyles, fix.style);
      out["is"] = fix.amount < 0 ? Json(nullptr) : Json(fix.amount > 0);
      break;
    case Fix::What::TakeOut:
      out["takeOut"] = true;
      break;
    case Fix::What::DropWish:
      out["wish"] = static_cast<int>(fix.amount);
      break;
    case Fix::What::WashReach:
    case Fix::What::WashStrength:
    case Fix::What::DropWash:
    case Fix::What::KeepClean:
    case Fix::What::SoftenWash:
    case Fix::What::LayEdge:
      out["wash"] = plan.washes[ix(fix.other)].id;
      if (fix.what == Fix::What::WashReach) out["reach"] = fix.amount;
      if (fix.what == Fix::What::WashStrength) out["strength"] = fix.amount;
      if (fix.what == Fix::What::SoftenWash) out["softness"] = fix.amount;
      if (fix.what == Fix::What::LayEdge) out["edge"] = fix.amount;
      if (fix.what == Fix::What::DropWash) out["drop"] = true;
      if (fix.what == Fix::What::KeepClean) out["keepClean"] = true;
      break;
    case Fix::What::ShadeAway:
      out["shade"] = "awayFromLight";
      break;
    case Fix::What::PalerColour:
      out["strength"] = fix.amount;
      break;
    case Fix::What::LetterHeight:
      out["line"] = plan.lines[ix(fix.other)].id, out["height"] = fix.amount;
      break;
    case Fix::What::DropHandwork:
      out["drop"] = actName(plan, firstHandAct(plan) + fix.other);
      break;
    case Fix::What::AddWashes:
      for (const Wash& w : fix.washes) out["washes"].push_back(w.id);
      break;
    case Fix::What::PressAll:
    case Fix::What::Quieter:
      for (const Fix::Foot& f : fix.feet) out["things"].push_back(idOf(plan, f.impression));
      if (!fix.ink.empty()) out["ink"] = fix.ink;
      break;
  }
  return out;
}

Json findingsReport(const Plan& plan, const Analysis& a) {
  Json out = Json::array();
  for (const Finding& f : a.findings) {
    const FindingWords words = havlo::wordsOf(plan, a, f, MeasureStyle::Millimetres);
    out.push_back({{"kind", ruleOf(f.kind).word},
                   {"level", havlo::wordOf(f.level)},
                   {"impressions", ids(plan, f.impressions)},
                   {"value", finite(f.value)},
                   {"text", words.text.toStdString()},
                   {"why", words.why.toStdString()},
                   {"fix", f.fix ? fixReport(plan, *f.fix, words.fix) : Json(nullptr)}});
    if (f.known) out.back()["known"] = true;
    if (f.instead) out.back()["instead"] = fixReport(plan, *f.instead, words.instead);
    if (f.style) out.back()["style"] = words::of(words::kStyles, *f.style);
    if (f.wash >= 0) out.back()["wash"] = plan.washes[ix(f.wash)].id;
    if (f.mark >= 0) out.back()["ground"] = plan.ground[ix(f.mark)].id;
    if (f.piece >= 0) out.back()["piece"] = plan.pieces[ix(f.piece)].id;
  }
  return out;
}

Json toneReport(const Plan& plan, const Analysis& a) {
  Json out = Json::array();
  for (const ToneReading& t : a.tone)
    out.push_back({{"impression", idOf(plan, t.impression)},
                   {"wanted", t.wanted},
                   {"actual", t.actual},
                   {"propose", {{"generation", t.proposedGeneration}, {"ink", t.proposedInk}}}});
  return out;
}

std::string_view wordOf(RivalWhy why) {
  constexpr std::string_view words[] = {"contrast", "colour", "size", "isolation", "edge"};
  return words[ix(why)];
}

std::string_view wordOf(EyeLineKind kind) {
  constexpr std::string_view words[] = {"facing", "row", "path"};
  return words[ix(kind)];
}

Json boxReport(const Box& b) {
  if (b.empty()) return nullptr;
  return {{"left", b.left}, {"bottom", b.bottom}, {"width", b.width()}, {"height", b.height()}};
}

Json rivalsReport(const Plan& plan, const Looks& l) {
  Json out = Json::array();
  for (const Rival& r : l.rivals) {
    Json why = Json::array();
    for (RivalWhy w : r.why) why.push_back(wordOf(w));
    out.push_back({{"impression", idOf(plan, r.thing)}, {"share", r.share}, {"why", std::move(why)}});
  }
  return out;
}

Json linesReport(const Plan& plan, const Looks& l) {
  Json out = Json::array();
  for (const EyeLine& e : l.lines) {
    out.push_back({{"kind", wordOf(e.kind)}, {"misses", e.misses_mm}, {"leads", e.leads}});
    if (e.thing >= 0) out.back()["impression"] = idOf(plan, e.thing);
    if (e.mark >= 0) out.back()["ground"] = plan.ground[ix(e.mark)].id;
  }
  return out;
}

Json focusReport(const Plan& plan, const Analysis& a) {
  Json hero = nullptr;
  for (const Impression& i : plan.impressions)
    if (i.hero && hero.is_null()) hero = i.id;
  Json out = {{"hero", hero},
              {"share", nullptr},
              {"rank", nullptr},
              {"looks", Json::array()},
              {"shares", Json::array()}};
  if (!a.looks) return out;
  const Looks& l = *a.looks;
  if (l.hero >= 0) out["share"] = l.heroShare(), out["rank"] = l.heroRank;
  out["clear"] = l.clearlyFirst();
  for (const Look& look : l.path) {
    out["path"].push_back({{"at", {look.at.x, look.at.y}}, {"pull", look.pull}});
    out["path"].back()["impression"] = look.thing < 0 ? Json(nullptr) : Json(idOf(plan, look.thing));
    if (look.thing < 0) continue;
    const Json id = idOf(plan, look.thing);
    if (std::find(out["looks"].begin(), out["looks"].end(), id) == out["looks"].end())
      out["looks"].push_back(id);
  }
  for (int i : l.ranking)
    out["shares"].push_back({{"impression", idOf(plan, i)}, {"share", l.shares[ix(i)]}});
  out["elsewhere"] = l.elsewhere;
  out["rivals"] = rivalsReport(plan, l);
  out["lines"] = linesReport(plan, l);
  out["weight"] = {l.weight.x, l.weight.y};
  out["plain"] = {{"share", l.plainShare}, {"largest", boxReport(l.plainest)}};
  for (size_t i = 0; i < l.standouts.size(); ++i)
    if (l.standouts[i].shows)
      out["contrast"].push_back({{"impression", plan.impressions[i].id},
                                 {"difference", l.standouts[i].difference},
                                 {"ratio", l.standouts[i].ratio}});
  for (const Greeting& g : l.greetings) {
    out["greetings"].push_back(
        {{"impression", idOf(plan, g.impression)}, {"ratio", g.ratio}, {"crowded", g.crowded_mm2}});
    out["greetings"].back()["better"] = g.better ? Json{g.better->x, g.better->y} : Json(nullptr);
  }
  return out;
}

/// The acts of inking in the order they are done, each with those that must come before it, and why.
Json actsReport(const Plan& plan, const Analysis& a) {
  constexpr std::string_view whys[] = {"liesOverIt", "keptClean", "wiped", "byHand", "wish"};
  Json out = Json::array();
  for (int act : a.acts) {
    Json before = Json::array();
    for (const OrderRule& r : orderRules(plan, a.meetings, a.knots, a.needTable->noMask()))
      if (r.then == act && !r.ahead) before.push_back({{"act", actName(plan, r.first)}, {"why", "depth"}});
    for (const ActRule& r : a.actRules->all())
      if (r.then == act) before.push_back({{"act", actName(plan, r.first)}, {"why", whys[ix(r.why)]}});
    out.push_back({{"act", actName(plan, act)}, {"before", std::move(before)}});
  }
  return out;
}

}  // namespace

Json idsOf(const Plan& plan, const std::vector<int>& impressions) {
  Json out = Json::array();
  for (int i : impressions) out.push_back(plan.impressions[ix(i)].id);
  return out;
}

Json masksReport(const Plan& plan, const Analysis& a) {
  Json list = Json::array();
  for (size_t s = 0; s < plan.stamps.size(); ++s) {
    const StampMasks& m = a.stampMasks[s];
    list.push_back({{"stamp", plan.stamps[s]->id},
                    {"cut", m.cut},
                    {"atOnce", m.atOnce},
                    {"uses", m.uses},
                    {"layings", m.uses},
                    {"pieces", pieces(a.masks[s]->mask).size()},
                    {"tape", m.taped},
                    {"kept", m.kept},
                    {"halves", pairs(plan, m.halves)},
                    {"over", Json::array()},
                    {"uncovered", a.masks[s]->uncovered_mm2},
                    {"overcovered", a.masks[s]->overcovered_mm2}});
  }
  for (size_t j = 0; j < a.needs.joints.size(); ++j) {
    const JointPaper& paper = a.needs.joints[j];
    const int leads = paper.over.front();
    int layings = 0;
    for (size_t k = 0; k < a.needs.steps.size(); ++k) {
      if (a.needs.joint(leads, k) != static_cast<int>(j)) continue;
      const NeedStep& step = a.needs.steps[k];
      layings += !step.stays[static_cast<size_t>(
          std::lower_bound(step.covered.begin(), step.covered.end(), leads) - step.covered.begin())];
    }
    const MaskShape& shape = *paper.shape;
    list.push_back({{"stamp", plan.impressions[ix(paper.over.front())].stamp},
                    {"cut", paper.cut},
                    {"atOnce", 1},
                    {"uses", layings},
                    {"layings", layings},
                    {"pieces", pieces(shape.mask).size()},
                    {"tape", 0},
                    {"kept", 0},
                    {"halves", Json::array()},
                    {"over", idsOf(plan, paper.over)},
                    {"uncovered", shape.uncovered_mm2},
                    {"overcovered", shape.overcovered_mm2}});
  }
  Json report = {{"total", a.masksToCut()}, {"byStamp", std::move(list)}};
  std::set<std::string> used;
  for (const Wash& w : plan.washes)
    for (const WashBound& b : w.limits) used.insert(b.id);
  for (const WashLimit& l : plan.limits)
    if (used.contains(l.id)) report["limits"].push_back({{"id", l.id}, {"cut", wantsCutting(l) ? 1 : 0}});
  return report;
}

Json masksReport(const Plan& plan, const Analysis& a, const MaskJob& job) {
  Json report = masksReport(plan, a);
  report["layout"] = {{"sheets", job.sheets},
                      {"sheet", {{"width", job.sheet.width_mm}, {"height", job.sheet.height_mm}}},
                      {"used", job.used_mm2},
                      {"spent", job.spent_mm2},
                      {"leftOut", job.tooLarge.size()}};
  return report;
}

Json cutReport(const std::vector<CutSheet>& sheets, const std::vector<CutReport>& reports) {
  Json out = Json::object();
  double travel = 0, length = 0, seconds = 0;
  int lifts = 0;
  Json pieces = Json::array(), open = Json::array(), sizes = Json::array();
  const auto at = [](Point p) { return Json::array({p.x, p.y}); };
  for (size_t s = 0; s < reports.size(); ++s) {
    const CutReport& r = reports[s];
    travel += r.travel_mm, length += r.cut_mm, seconds += r.seconds, lifts += r.lifts;
    sizes.push_back(
        {{"width", sheets[s].width_mm}, {"height", sheets[s].height_mm}, {"lines", sheets[s].cuts.size()}});
    for (const FreePiece& p : r.pieces) {
      const Box box = boxOf(p.shape);
      pieces.push_back({{"sheet", s + 1},
                        {"area", p.area_mm2},
                        {"width", box.width()},
                        {"height", box.height()},
                        {"at", at({box.left, box.bottom})},
                        {"holes", p.shape.size() - 1},
                        {"movedBefore", p.movedBefore}});
    }
    for (const OpenCut& o : r.open)
      open.push_back({{"sheet", s + 1},
                      {"from", at(o.from)},
                      {"to", at(o.to)},
                      {"length", o.length_mm},
                      {"gap", o.gap_mm}});
  }
  out["free"] = pieces.size();
  out["pieces"] = std::move(pieces);
  out["notFree"] = std::move(open);
  out["travel"] = travel;
  out["cutLength"] = length;
  out["time"] = seconds;
  out["lifts"] = lifts;
  out["sheets"] = std::move(sizes);
  return out;
}

Json checkReport(const Plan& plan, const Analysis& a) {
  Json cycles = Json::array();
  for (const auto& ring : a.knots.rings) cycles.push_back(ids(plan, ring));
  return {{"scale", scaleReport(plan, a)},      {"overlaps", overlapsReport(plan, a)},
          {"cycles", std::move(cycles)},        {"order", ids(plan, a.order)},
          {"acts", actsReport(plan, a)},        {"masks", masksReport(plan, a)},
          {"focus", focusReport(plan, a)},      {"tone", toneReport(plan, a)},
          {"findings", findingsReport(plan, a)}};
}

Json simulationReport(const Plan& plan, const Analysis& a, const Simulation& s) {
  Json worst = Json::array();
  for (const Difference& d : s.worst) {
    worst.push_back(
        {{"x", d.at.x}, {"y", d.at.y}, {"area", d.area_mm2}, {"explained", d.explained}, {"steps", d.steps}});
    if (!d.explained) worst.back()["text"] = blameWords(plan, a, d).toStdString();
  }
  Json explained = Json::array();
  for (const Explained& e : s.explained)
    explained.push_back({{"thing", plan.impressions[ix(e.thing)].id},
                         {"area", e.area_mm2},
                         {"why", e.why == Excuse::AlongEdge ? "alongEdge" : "tooFine"}});
  Json acts = Json::array();
  for (const Step& step : a.sheet.steps) {
    for (int act : actsOf(plan, step)) acts.push_back(actName(plan, act));
  }
  // The card as it is seen from the front, with all that is glued on; what else is stamped is told beside it.
  Json panel = {{"piece", "panel"}, {"proven", s.proven}, {"unexplained", s.unexplained_mm2}};
  return {{"steps", a.sheet.steps.size()},
          {"acts", std::move(acts)},
          {"pieces", Json::array({std::move(panel)})},
          {"explained", std::move(explained)},
          {"largestPatch", s.largestPatch_mm2},
          {"mismatch", s.mismatch_mm2},
          {"unexplained", s.unexplained_mm2},
          {"worst", std::move(worst)},
          {"proven", s.proven}};
}

}  // namespace havlo::cli
