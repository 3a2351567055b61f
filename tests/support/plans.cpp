#include "support/plans.h"

#include <fstream>
#include <sstream>

#include "core/chain/chain.h"

namespace havlo::testing {

Plan emptyPlan() {
  Plan plan;
  plan.title = "Test";
  plan.card.panel = {127, 178, {}};
  View view;
  view.horizon_mm = 96;
  plan.view = view;
  Ink black, blue;
  black.id = "black", black.name = "Black", black.colour = {0x20, 0x24, 0x2a};
  blue.id = "blue", blue.name = "Blue", blue.colour = {0x8f, 0xb4, 0xd8};
  plan.inks = {black, blue};
  return plan;
}

Stamp slab(const std::string& id, double w, double h) {
  Stamp s;
  s.id = id;
  s.width_mm = w;
  s.height_mm = h;
  s.silhouette = rectangle({0, 0, w, h});
  s.solid = true;
  s.foot = {w / 2, 0};
  return s;
}

void addStamp(Plan& plan, Stamp stamp) {
  plan.stamps.push_back(std::make_shared<const Stamp>(std::move(stamp)));
}

Impression& put(Plan& plan, const std::string& id, const std::string& stamp, Point at, double metres) {
  Impression i;
  i.id = id;
  i.stamp = stamp;
  i.ink = "black";
  i.at = at;
  i.depth = AtMetres{metres};
  plan.impressions.push_back(i);
  return plan.impressions.back();
}

int indexOf(const Plan& plan, const std::string& id) { return plan.indexOf(id); }

std::string readFile(const std::string& path) {
  std::ifstream in(path, std::ios::binary);
  std::stringstream out;
  out << in.rdbuf();
  return out.str();
}

Plan demo(const std::string& name) {
  return readPlan(readFile(std::string(HAVLO_SOURCE_DIR) + "/data/demo/" + name + ".havlo")).value().plan;
}

std::string ids(const Plan& plan, const std::vector<int>& impressions) {
  std::string out;
  for (int i : impressions) out += (out.empty() ? "" : " ") + plan.impressions[ix(i)].id;
  return out;
}

LooksRef lookAtPlan(const Plan& p) { return lookAt(p, *analyse(p), nullptr); }

AnalysisRef looked(const Plan& p) {
  const AnalysisRef a = analyse(p);
  return withLooks(p, a, lookAt(p, *a, nullptr));
}

const Finding* find(const Analysis& a, FindingKind kind) {
  for (const Finding& f : a.findings)
    if (f.kind == kind) return &f;
  return nullptr;
}

LinearRgb colourAt(const Canvas& card, Point p) {
  const Grid& g = card.grid();
  return card.at(static_cast<int>(p.x * g.pxPerMmX()),
                 static_cast<int>((g.panelHeight_mm - p.y) * g.pxPerMmY()));
}

}  // namespace havlo::testing
