// havlo-cli simulate: replays the run sheet and compares the card with the intention.
#include <QColor>
#include <QDir>
#include <algorithm>

#include "cli/report.h"
#include "cli/verb.h"
#include "core/chain/chain.h"
#include "core/pieces/face_plan.h"
#include "io/art/picture.h"

namespace havlo::cli {
namespace {

constexpr Option kSimulateOptions[] = {
    {"--json", nullptr, "one JSON object"},
    {"--png", "F", "the simulated finished card"},
    {"--steps", "DIR", "a picture after every step"},
    {"--dpi", "N", "resolution, 20 to 2400; 300 if not given"},
    {"--order", "A,B,C", "stamp in this order instead"},
    {"--acts", "A,B,C", "do stamp:ID, wash:ID, colour:ID, … in this order instead"},
    {"--without", "A,B", "leave these acts out, to see it refused"},
    {"--forget", "A,B", "never lay the masks or edges of these ids"}};

/// Indices of the acts named, or what is wrong with a name.
Result<std::vector<int>> actsOf(const Plan& plan, const QString& names) {
  std::vector<int> out;
  for (const QString& part : names.split(u',', Qt::SkipEmptyParts)) {
    const std::string name = part.trimmed().toStdString();
    int found = -1;
    const int acts = firstHandAct(plan) + static_cast<int>(handActs(plan).size());
    for (int act = 0; act < acts; ++act)
      if (actName(plan, act) == name) found = act;
    if (found < 0) return Error{ErrorCode::BadInput, "there is no act \"" + name + "\"", {}};
    if (std::find(out.begin(), out.end(), found) != out.end())
      return Error{ErrorCode::BadInput, "\"" + name + "\" is named twice", {}};
    out.push_back(found);
  }
  return out;
}

/// Every act of the plan but the pieces that are stamped by themselves.
Result<AnalysisRef> inOrderOfActs(const Plan& plan, const Analysis& a, const QString& names) {
  auto acts = actsOf(plan, names);
  if (!acts) return acts.error();
  for (int act : a.acts)
    if (const bool piece =
            ix(act) < plan.impressions.size() && isStampedApart(plan.impressions[ix(act)].school);
        !piece && act < firstHandAct(plan) &&
        std::find(acts.value().begin(), acts.value().end(), act) == acts.value().end())
      return Error{ErrorCode::BadInput, "\"" + actName(plan, act) + "\" is missing", {}};
  return inActs(plan, a, std::move(acts).value());
}

/// The run sheet with acts left out and papers never laid.
Result<RunSheet> spoiled(const Plan& plan, const Analysis& a, const QString& without, const QString& forget) {
  RunSheet sheet = a.sheet;
  QStringList named = without.split(u',', Qt::SkipEmptyParts);
  for (const auto& [word, what] : {std::pair("wipe", Do::Wipe), {"powder", Do::Emboss}})
    if (named.removeAll(QLatin1String(word)) > 0)
      std::erase_if(sheet.steps.own(), [what = what](const Step& s) { return s.what == what; });
  const auto acts = actsOf(plan, named.join(u','));
  if (!acts) return acts.error();
  for (int act : acts.value()) {
    for (Step& s : sheet.steps.own()) std::erase(s.hand, act - firstHandAct(plan));
    std::erase_if(sheet.steps.own(), [&](const Step& s) {
      return (s.what == Do::Stamp || s.what == Do::Wash) && actsOf(plan, s).front() == act;
    });
  }
  for (const QString& part : forget.split(u',', Qt::SkipEmptyParts)) {
    const std::string id = part.trimmed().toStdString();
    const int thing = plan.indexOf(id);
    const auto bares = [&](const Cover& c) {
      return c.mask == id || (thing >= 0 && (c.impression == thing ||
                                             std::find(c.over.begin(), c.over.end(), thing) != c.over.end()));
    };
    const bool mask = std::any_of(sheet.steps.begin(), sheet.steps.end(), [&](const Step& s) {
      return std::any_of(s.covers.begin(), s.covers.end(), [&](const Cover& c) { return c.mask == id; });
    });
    if (thing < 0 && !mask && !plan.limit(id))
      return Error{ErrorCode::BadInput, "there is no thing, mask or edge \"" + id + "\"", {}};
    for (Step& s : sheet.steps.own()) std::erase_if(s.covers, bares);
    std::erase_if(sheet.steps.own(), [&](const Step& s) {
      if (s.what != Do::MaskOn && s.what != Do::MaskOff && s.what != Do::Tape) return false;
      if (s.limit >= 0) return plan.limits[ix(s.limit)].id == id;
      return s.covers.empty() && thing >= 0 && s.impression == thing;
    });
  }
  return sheet;
}

Result<Done> writeSteps(const QString& folder, const std::vector<QImage>& steps) {
  if (!QDir().mkpath(folder))
    return Error{ErrorCode::CannotWrite, "cannot make the folder " + folder.toStdString(), {}};
  for (size_t k = 0; k < steps.size(); ++k) {
    const QString name = QStringLiteral("step-%1.png").arg(k + 1, 3, 10, QLatin1Char('0'));
    if (auto saved = savePicture(QDir(folder).filePath(name), steps[k]); !saved) return saved.error();
  }
  return Done{};
}

/// What is stamped on a piece, pressed by itself.
Json pieceResult(const Plan& plan, int piece, double dpi) {
  const Plan face = facePlan(plan, piece);
  const AnalysisRef a = withBestOrder(face, analyse(face, nullptr, &art()));
  const auto s = simulate(a->press(face, &art()), a->sheet, dpi);
  Json out = {{"piece", plan.pieces[ix(piece)].id}};
  out["proven"] = s && s.value().proven;
  out["unexplained"] = s ? Json(s.value().unexplained_mm2) : Json(nullptr);
  return out;
}

int runSimulate(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto dpi = dpiOf(call, opened->plan, 300);
  if (!dpi) return kUsage;
  const Plan& plan = opened->plan;
  AnalysisRef analysis = opened->analysis;
  if (call.has("--order")) {
    std::vector<std::string> order;
    for (const QString& id : call.value("--order").split(u',', Qt::SkipEmptyParts))
      order.push_back(id.trimmed().toStdString());
    auto other = reordered(plan, *analysis, order);
    if (!other) return complain(kUsage, QString::fromStdString(other.error().text()));
    analysis = other.value();
  }
  if (call.has("--acts")) {
    auto other = inOrderOfActs(plan, *analysis, call.value("--acts"));
    if (!other) return complain(kUsage, QString::fromStdString(other.error().text()));
    analysis = other.value();
  }
  if (call.has("--without") || call.has("--forget")) {
    auto sheet = spoiled(plan, *analysis, call.value("--without"), call.value("--forget"));
    if (!sheet) return complain(kUsage, QString::fromStdString(sheet.error().text()));
    auto other = std::make_shared<Analysis>(*analysis);
    other->sheet = std::move(sheet).value();
    analysis = other;
  }
  Simulation simulation;
  if (call.has("--steps")) {
    auto pictures = stepPictures(plan, *analysis, art(), *dpi, QColor(0x1f, 0x6b, 0x5e));
    if (!pictures) return complain(pictures.error());
    if (const auto saved = writeSteps(call.value("--steps"), pictures.value().steps); !saved)
      return complain(saved.error());
    simulation = std::move(pictures).value().simulation;
  } else {
    auto simulated = simulate(analysis->press(plan, &art()), analysis->sheet, *dpi);
    if (!simulated) return complain(simulated.error());
    simulation = std::move(simulated).value();
  }
  if (call.has("--png"))
    if (const auto saved = savePicture(call.value("--png"), pictureOf(simulation.card)); !saved)
      return complain(saved.error());
  if (call.has("--json")) {
    Json report = simulationReport(plan, *analysis, simulation);
    for (size_t k = 0; k < plan.pieces.size(); ++k)
      if (isPrinted(plan, static_cast<int>(k)))
        report["pieces"].push_back(pieceResult(plan, static_cast<int>(k), *dpi));
    return print(report.dump(1) + "\n");
  }
  const QString words =
      simulation.proven
          ? QStringLiteral("Proven: the simulated card equals the plan but for %1 mm² at mask edges.\n")
                .arg(simulation.mismatch_mm2, 0, 'f', 1)
          : QStringLiteral("Not proven: %1 mm² differ from the plan without a reason.\n")
                .arg(simulation.unexplained_mm2, 0, 'f', 1);
  return print(words.toStdString());
}

}  // namespace

const Verb kSimulate{"simulate", "stamps the plan in raster and compares", kSimulateOptions, runSimulate};

}  // namespace havlo::cli
