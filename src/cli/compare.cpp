// havlo-cli compare: a scan or photo of the card held against its plan.
#include <QFile>
#include <QImage>
#include <algorithm>

#include "cli/report.h"
#include "cli/verb.h"
#include "core/compare/hand_made.h"
#include "core/learn/learn.h"
#include "io/art/picture.h"
#include "io/devices/camera.h"
#include "io/scan/scan_file.h"
#include "io/wording/compare_words.h"

namespace havlo::cli {
namespace {

constexpr Option kCompareOptions[] = {
    {"--json", nullptr, "one JSON object"},
    {"--steps", "N", "the card is made up to this step of the run sheet; all if not given"},
    {"--turn", "N", "the picture is turned by 90, 180 or 270 degrees first, clockwise"},
    {"--dpi", "N", "resolution of a scan that does not know it"},
    {"--flat", "F", "writes the card straightened, as even light would show it"},
    {"--make", "SEED", "the stand-in: makes the card by erring hands and writes its picture to SCAN"}};

Json pointOf(Point p) { return {p.x, p.y}; }

Json printReport(const Plan& plan, const SeenPrint& p) {
  Json out = {{"impression", plan.impressions[ix(p.impression)].id},
              {"state", wordOf(p.state)},
              {"shows", p.shows_mm2}};
  if (p.state == PrintState::Untold) return out;
  out["likeness"] = p.likeness;
  if (p.state == PrintState::Missing) return out;
  out["offset"] = pointOf(p.by), out["turn"] = p.turn_deg;
  out["offsetSd"] = p.bySd_mm, out["turnSd"] = p.turnSd_deg;
  out["strength"] = p.strength, out["difference"] = p.difference;
  if (p.state == PrintState::Doubled) out["again"] = pointOf(p.again);
  if (p.state == PrintState::Smeared) out["smear"] = p.smear_mm;
  for (const BareSpot& b : p.bare) out["bare"].push_back({{"at", pointOf(b.at)}, {"area", b.area_mm2}});
  return out;
}

Json comparisonReport(const Plan& plan, const Analysis& analysis, const Comparison& c) {
  Json out = {{"pxPerMm", c.pxPerMm},     {"likeness", c.likeness},   {"unsure", c.unsure_mm},
              {"prints", Json::array()},  {"joins", Json::array()},   {"papers", Json::array()},
              {"missing", Json::array()}, {"doubled", Json::array()}, {"smeared", Json::array()},
              {"pale", Json::array()}};
  for (const PixelPoint& p : c.found.corners) out["corners"].push_back(pointOf(p));
  for (const SeenPrint& p : c.prints) {
    out["prints"].push_back(printReport(plan, p));
    if (const std::string word(wordOf(p.state)); out.contains(word))
      out[word].push_back(plan.impressions[ix(p.impression)].id);
  }
  for (const SeenJoin& j : c.joins)
    out["joins"].push_back({{"front", plan.impressions[ix(j.front)].id},
                            {"back", plan.impressions[ix(j.back)].id},
                            {"looked", j.looked_mm},
                            {"gap", j.gap_mm},
                            {"gapLength", j.gapLength_mm},
                            {"runIn", j.runIn_mm},
                            {"runInLength", j.runInLength_mm},
                            {"at", pointOf(j.at)}});
  for (const SeenPaper& p : c.papers)
    out["papers"].push_back({{"front", plan.impressions[ix(p.front)].id},
                             {"offset", pointOf(p.by)},
                             {"turn", p.turn_deg},
                             {"grow", p.grow_mm},
                             {"offsetSd", std::max(p.bySd.x, p.bySd.y)},
                             {"offsetSds", pointOf(p.bySd)},
                             {"turnSd", p.turnSd_deg},
                             {"growSd", p.growSd_mm},
                             {"places", p.places}});
  for (const QString& a : adviceWords(plan, analysis, c, MeasureStyle::Millimetres))
    out["advice"].push_back(a.toStdString());
  return out;
}

/// The stand-in for hands and scanner.
int make(const Call& call, const Plan& plan, const Analysis& analysis, size_t steps, double dpi) {
  bool number = false;
  const uint64_t seed = call.value("--make").toULongLong(&number);
  if (!number) return complain(kUsage, QStringLiteral("--make wants a number"));
  const auto made = handMade(plan, analysis, &art(), errorsOf(plan, {}, seed), std::min(dpi, 600.0), steps);
  if (!made) return complain(made.error());
  CameraSettings camera;
  camera.dpi = dpi, camera.seed = static_cast<unsigned>(seed);
  const QImage picture =
      photographed(pictureOf(made.value().card), plan.card.panel.width_mm, plan.card.panel.height_mm, camera);
  if (const auto saved = savePicture(call.value("SCAN"), picture); !saved) return complain(saved.error());
  return print("Made by erring hands: " + call.value("SCAN").toStdString() + "\n");
}

int runCompare(const Call& call) {
  int exit = kDone;
  const auto number = [&](const char* option, double least, double most) -> std::optional<double> {
    bool good = false;
    const double v = call.value(option).toDouble(&good);
    if (good && v >= least && v <= most) return v;
    exit = complain(
        kUsage,
        QStringLiteral("%1 wants a number from %2 to %3").arg(QLatin1String(option)).arg(least).arg(most));
    return {};
  };
  CompareOptions options;
  int quarters = 0;
  if (call.has("--steps")) {
    const auto steps = number("--steps", 0, 100000);
    if (!steps) return exit;
    options.steps = static_cast<size_t>(*steps);
  }
  if (call.has("--turn")) {
    const auto turn = number("--turn", 0, 270);
    if (!turn) return exit;
    if (std::fmod(*turn, 90) != 0) return complain(kUsage, QStringLiteral("--turn wants 90, 180 or 270"));
    quarters = static_cast<int>(*turn / 90);
  }
  if (call.has("--dpi")) {
    const auto dpi = number("--dpi", 50, 4800);
    if (!dpi) return exit;
    options.dpi = *dpi;
  }
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto& [plan, analysis] = *opened;
  if (call.has("--make")) return make(call, plan, *analysis, options.steps, options.dpi.value_or(300));
  auto picture = readCardPicture(call.value("SCAN"));
  if (!picture) return complain(picture.error());
  if (!options.dpi) options.dpi = picture.value().dpi;
  const auto seen = compared(plan, *analysis, &art(), turnedBy(picture.value().scan, quarters), options);
  if (!seen) return complain(seen.error());
  const Comparison& c = seen.value();
  if (call.has("--flat")) {
    const QImage flat(c.flat.rgb.data(), c.flat.width, c.flat.height, 3 * c.flat.width,
                      QImage::Format_RGB888);
    if (const auto saved = savePicture(call.value("--flat"), flat.convertToFormat(QImage::Format_RGB32));
        !saved)
      return complain(saved.error());
  }
  if (call.has("--json")) return print(comparisonReport(plan, *analysis, c).dump(1) + "\n");
  QStringList lines{headOf(c, MeasureStyle::Millimetres)};
  for (const SeenPrint& p : c.prints) lines << printWords(plan, p, MeasureStyle::Millimetres);
  for (const SeenJoin& j : c.joins)
    if (const QString words = joinWords(plan, j, MeasureStyle::Millimetres); !words.isEmpty()) lines << words;
  const QStringList advice = adviceWords(plan, *analysis, c, MeasureStyle::Millimetres);
  if (!advice.isEmpty()) lines << QString() << advice;
  return print(lines.join(u'\n').toStdString() + "\n");
}

}  // namespace

const Verb kCompare{"compare", "a scan or photo of the card held against its plan", kCompareOptions,
                    runCompare, "SCAN"};

}  // namespace havlo::cli
