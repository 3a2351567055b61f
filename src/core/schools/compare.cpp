// Each thing's own fault is measured on the intended card alone; then what costs least together is taken, one
// thing after the other, and pressed in the end.
#include "core/schools/compare.h"

#include <algorithm>

#include "core/chain/chain.h"
#include "core/colour/colour.h"
#include "core/risk/join_risk.h"

namespace havlo {
namespace {

constexpr double kFault = 10;      // Lab difference that counts as a fault on the card
constexpr double kLittle_mm2 = 4;  // seen through a thing that nothing covers, and not minded
constexpr int kRiskTrials = 1500;

Lab labAt(const LinearRgb& c) {
  return labOf(static_cast<double>(c[0]), static_cast<double>(c[1]), static_cast<double>(c[2]));
}

/// mm² where the pressed card visibly differs from things cleanly in front of one another.
Result<double> faultsOf(const Plan& plan, const Analysis& a, const Canvas& ideal, const ArtSource* art,
                        double dpi, const Progress& progress) {
  const PressInput in = a.press(plan, art);
  const Grid grid(plan.card.panel.box(), dpi);
  PressTiles tiles(in, grid);
  PressRun run;
  run.manner.softWipes = true;
  auto pressed = replay(in, a.sheet, tiles, progress, {}, run);
  if (!pressed) return pressed.error();
  const Replay& r = pressed.value();
  // At the rim of a solid front a pixel is partly the one and partly the other: that is the raster, not a
  // fault.
  std::vector<char> rim(r.explained.size(), 0);
  const auto index = [&](int x, int y) { return ix(y) * ix(grid.width) + ix(x); };
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    if (plan.impressions[i].school != School::Overprint) continue;
    const Tile& t = tiles.silhouette(static_cast<int>(i));
    for (int y = std::max(1, t.y - 1); y < std::min(grid.height - 1, t.y + t.height + 1); ++y)
      for (int x = std::max(1, t.x - 1); x < std::min(grid.width - 1, t.x + t.width + 1); ++x) {
        const bool inside = t.at(x, y) != 0;
        if (inside != (t.at(x - 1, y) != 0) || inside != (t.at(x + 1, y) != 0) ||
            inside != (t.at(x, y - 1) != 0) || inside != (t.at(x, y + 1) != 0))
          rim[index(x, y)] = 1;
      }
  }
  size_t faults = 0;
  for (int y = 0; y < grid.height; ++y)
    for (int x = 0; x < grid.width; ++x) {
      const LinearRgb &one = r.card.at(x, y), &other = ideal.at(x, y);
      if (one == other || r.explained[index(x, y)] || rim[index(x, y)]) continue;
      faults += differenceOf(labAt(one), labAt(other)) > kFault;
    }
  return static_cast<double>(faults) * grid.pixelArea_mm2();
}

/// Everything the choice is made from: the plan, the card as it would be with everything cleanly in front.
class Choice {
 public:
  Choice(const Plan& plan, const Analysis& a, const ArtSource* art, double dpi, const Progress& progress)
      : m_plan(plan),
        m_a(a),
        m_art(art),
        m_dpi(dpi),
        m_progress(progress),
        m_advice(adviseSchools(plan, a)),
        m_masked(wholly(plan, School::Mask)),
        m_maskedAnalysis(analyse(m_masked, &a)),
        m_ideal(intended(m_masked, *m_maskedAnalysis)) {}

  Result<SchoolComparison> run(bool ways) {
    SchoolComparison out;
    auto planned = pressed(m_plan);
    if (!planned) return planned.error();
    std::vector<School> schools = chosen(out.savings);
    if (m_progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    auto advised = pressed(withAll(schools));
    if (!advised) return advised.error();
    const auto worth = [](const SchoolResult& r) { return r.minutes + kFaultEach_min * r.faults_mm2; };
    if (worth(advised.value()) > worth(planned.value())) {
      for (size_t i = 0; i < schools.size(); ++i) schools[i] = m_plan.impressions[i].school;
      advised = planned;
    }
    tell(schools, out.savings);
    if (ways)
      for (School t : kSchools) {
        auto r = pressed(wholly(m_plan, t));
        if (!r) return r.error();
        out.ways.push_back(r.value());
        out.ways.back().school = t;
        m_progress.at(static_cast<double>(out.ways.size()) / (kSchools.size() + 2));
      }
    out.ways.push_back(planned.value());
    out.ways.push_back(advised.value());
    out.ways.back().advised = true;
    out.advice = m_advice;
    return out;
  }

 private:
  const Plan& m_plan;
  const Analysis& m_a;
  const ArtSource* m_art;
  double m_dpi;
  const Progress& m_progress;
  std::vector<SchoolAdvice> m_advice;
  Plan m_masked;
  AnalysisRef m_maskedAnalysis;
  std::shared_ptr<TileStore> m_tiles = newTileStore();
  Canvas m_ideal;

  static Plan wholly(const Plan& plan, School t) {
    Plan out = plan;
    out.making.order.clear();
    for (Impression& i : out.impressions)
      if (i.piece.empty()) i.school = t;
    return out;
  }
  Plan withAll(const std::vector<School>& schools) const {
    Plan out = m_plan;
    out.making.order.clear();
    for (size_t i = 0; i < schools.size(); ++i)
      if (out.impressions[i].piece.empty() && out.impressions[i].school != School::Across)
        out.impressions[i].school = schools[i];
    return out;
  }

  Canvas intended(const Plan& p, const Analysis& a) {
    const PressInput in = a.press(p, m_art);
    PressTiles tiles(in, Grid(p.card.panel.box(), m_dpi), m_tiles);
    return intendedCard(in, tiles);
  }

  const SchoolOption& option(size_t i, School t) const {
    return *std::find_if(m_advice[i].options.begin(), m_advice[i].options.end(),
                         [t](const SchoolOption& o) { return o.school == t; });
  }

  /// Minutes of a plan in a good order, found quickly, with the pen work; each thing under a paper of its
  /// own.
  double minutes(Plan p, AnalysisRef& last) const {
    p.making.jointPapers = false;
    OrderEffort effort;
    effort.most = 0, effort.tries = 40, effort.actWork = 1500;
    last = withBestOrder(p, analyse(p, last.get()), effort, {m_progress.stop, {}});
    return last->sheet.minutes;
  }

  /// How the card would differ with one thing printed over what lies behind it.
  struct Bare {
    size_t thing = 0;
    double seen_mm2 = 0, fault_mm2 = 0;
  };
  Bare bare(size_t i) {
    Plan p = m_masked;
    p.impressions[i].school = School::Overprint;
    const AnalysisRef a = analyse(p, m_maskedAnalysis.get());
    const Canvas card = intended(p, *a);
    Bare out{i, 0, 0};
    size_t seen = 0, faults = 0;
    const Grid& grid = card.grid();
    for (int y = 0; y < grid.height; ++y)
      for (int x = 0; x < grid.width; ++x) {
        const LinearRgb &one = card.at(x, y), &other = m_ideal.at(x, y);
        if (one == other) continue;
        bool differs = false;
        for (size_t c = 0; c < 3; ++c)
          differs = differs || std::fabs(srgbOf(one[c]) - srgbOf(other[c])) > static_cast<float>(kUnseen);
        seen += differs;
        faults += differs && differenceOf(labAt(one), labAt(other)) > kFault;
      }
    out.seen_mm2 = static_cast<double>(seen) * grid.pixelArea_mm2();
    out.fault_mm2 = static_cast<double>(faults) * grid.pixelArea_mm2();
    return out;
  }

  /// Goes over the things, those first whose bareness would be seen least, and takes what costs less.
  std::vector<School> chosen(std::vector<MaskSaving>& savings) {
    const size_t n = m_plan.impressions.size();
    std::vector<School> out;
    for (const Impression& i : m_plan.impressions) out.push_back(i.school);
    std::vector<char> covered(n, 0);
    for (const NeedStep& s : m_a.needs.steps)
      for (int i : s.covered) covered[ix(i)] = 1;
    std::vector<Bare> bares;
    for (size_t i = 0; i < n && !m_progress.stopped(); ++i)
      if (m_advice[i].reason != SchoolReason::NothingBehind || covered[i]) bares.push_back(bare(i));
    std::stable_sort(bares.begin(), bares.end(),
                     [](const Bare& a, const Bare& b) { return a.seen_mm2 < b.seen_mm2; });
    std::vector<double> faults(n, 0);
    for (const Bare& b : bares)
      if (out[b.thing] == School::Overprint) faults[b.thing] = b.fault_mm2;
    AnalysisRef last = std::make_shared<Analysis>(m_a);
    double now = minutes(withAll(out), last);
    for (const Bare& b : bares) {
      if (m_progress.stopped()) break;
      const size_t i = b.thing;
      if (!m_plan.impressions[i].piece.empty()) continue;  // its piece says it
      const School before = out[i];
      const auto& against = option(i, School::Overprint).obstacles;
      const bool sinks = std::find(against.begin(), against.end(), Obstacle::SinksIn) != against.end();
      // More than a trifle of what is behind is not advised, however much work it saves.
      const bool bearable = !sinks && (m_advice[i].best == School::Overprint || b.seen_mm2 <= kLittle_mm2);
      std::vector<School> others;
      if (before != School::Overprint && (bearable || covered[i])) others.push_back(School::Overprint);
      if (m_advice[i].best != before && m_advice[i].best != School::Overprint)
        others.push_back(m_advice[i].best);
      for (School t : others) {
        const School was = out[i];
        out[i] = t;
        const double then = minutes(withAll(out), last);
        const double fault = t == School::Overprint ? b.fault_mm2 : 0;
        if (t == School::Overprint && covered[i])
          savings.push_back({static_cast<int>(i), b.seen_mm2, now - then});
        const bool taken = t != School::Overprint || bearable;
        if (taken && then + kFaultEach_min * fault < now + kFaultEach_min * faults[i] - 1e-6) {
          now = then, faults[i] = fault;
        } else {
          out[i] = was;
        }
      }
    }
    return out;
  }

  /// Brings the advice to what was chosen, and says why.
  void tell(const std::vector<School>& schools, const std::vector<MaskSaving>& savings) {
    for (size_t i = 0; i < schools.size(); ++i) {
      SchoolAdvice& a = m_advice[i];
      if (a.reason == SchoolReason::NothingBehind) a.best = m_plan.impressions[i].school;
      if (a.best == schools[i]) continue;
      a.best = schools[i];
      const bool bared = std::any_of(savings.begin(), savings.end(), [&](const MaskSaving& s) {
        return s.impression == static_cast<int>(i) && schools[i] == School::Overprint;
      });
      a.reason = bared ? SchoolReason::LittleToSave : SchoolReason::AsPlanned;
    }
  }

  Result<SchoolResult> pressed(const Plan& p) const {
    if (m_progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    OrderEffort effort;
    effort.nodes = 20000, effort.tries = 600;
    const AnalysisRef a = withBestOrder(p, analyse(p, &m_a), effort, {m_progress.stop, {}});
    SchoolResult r;
    r.masks = a->masksToCut();
    r.minutes = a->sheet.minutes;
    RiskOptions risk{handErrors(p.habits)};
    risk.trials = kRiskTrials;
    auto joins = joinRisk(p, *a, risk, {m_progress.stop, {}});
    if (!joins) return joins.error();
    r.risk = joins.value().expected;
    auto faults = faultsOf(p, *a, m_ideal, m_art, m_dpi, {m_progress.stop, {}});
    if (!faults) return faults.error();
    r.faults_mm2 = faults.value();
    for (size_t i = 0; i < p.impressions.size(); ++i) {
      const SchoolOption& o = option(i, p.impressions[i].school);
      r.unsuited += !o.obstacles.empty();
    }
    for (const PenWork& pen : a->needTable->pen()) r.pen_mm += pen.length_mm;
    return r;
  }
};

}  // namespace

Result<SchoolComparison> compareSchools(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                                        double dpi, const Progress& progress) {
  return Choice(plan, analysis, art, dpi, progress).run(true);
}

Result<SchoolComparison> adviseTogether(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                                        double dpi, const Progress& progress) {
  return Choice(plan, analysis, art, dpi, progress).run(false);
}

}  // namespace havlo
