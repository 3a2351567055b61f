// havlo-cli pieces: the card as a stack of papers, and the cut list of all that it is made of.
#include "cli/report.h"
#include "cli/verb.h"
#include "core/pieces/card_stack.h"
#include "core/pieces/to_cut.h"
#include "io/wording/card_words.h"
#include "io/wording/piece_words.h"

namespace havlo::cli {
namespace {

constexpr Option kPiecesOptions[] = {
    {"--json", nullptr, "one JSON object"},
    {"--sheets", "A,B", "sheets at hand: WxH or WxHxN, in mm or inches; twenty A4 if not given"},
    {"--kerf", "MM", "lost at every cut; 0 if not given"},
    {"--units", "U", "mm or in; mm if not given"}};

constexpr std::string_view kFaultWords[] = {"onGone",   "offTheCard", "hangsOver",    "noEnvelope",
                                            "tooThick", "tooHeavy",   "envelopeTight"};

std::string_view wordOfSheet(StackedSheet::What what) {
  constexpr std::string_view words[] = {"base", "mat", "panel", "popUp", "piece"};
  return words[ix(what)];
}

Json rectReport(const Box& b) { return {b.left, b.bottom, b.right, b.top}; }

Json stackReport(const Plan& plan, const CardStack& stack) {
  Json out = {{"width", stack.width_mm},  {"height", stack.height_mm}, {"thickness", stack.thickness_mm},
              {"weight", stack.weight_g}, {"sheets", Json::array()},   {"envelopes", Json::array()},
              {"faults", Json::array()}};
  for (const StackedSheet& s : stack.sheets) {
    Json sheet = {{"what", wordOfSheet(s.what)},
                  {"low", s.low_mm},
                  {"thickness", s.thickness_mm},
                  {"area", s.area_mm2},
                  {"weight", s.weight_g},
                  {"foam", s.foam_mm},
                  {"box", rectReport(boxOf(s.outline))}};
    if (s.what == StackedSheet::What::PopUp) sheet["impression"] = plan.impressions[ix(s.index)].id;
    if (s.what == StackedSheet::What::Piece) sheet["piece"] = plan.pieces[ix(s.index)].id;
    if (s.what == StackedSheet::What::Mat) sheet["mat"] = s.index;
    out["sheets"].push_back(std::move(sheet));
  }
  for (const EnvelopeFit& e : stack.envelopes)
    out["envelopes"].push_back({{"name", e.name}, {"width", e.width_mm}, {"height", e.height_mm}});
  for (const StackFault& f : stack.faults) {
    Json fault = {{"fault", kFaultWords[ix(f.kind)]}, {"by", f.by_mm}};
    if (f.piece >= 0) fault["piece"] = plan.pieces[ix(f.piece)].id;
    out["faults"].push_back(std::move(fault));
  }
  return out;
}

Json cutReport(const PaperToCut& paper, const std::vector<StockSheet>& stock, const CutList& list) {
  Json out = {{"paper", paper.name},     {"colour", hexOf(paper.colour)},  {"thickness", paper.thickness_mm},
              {"used", list.used_mm2},   {"atLeast", list.leastSheet_mm2}, {"exact", list.exact},
              {"sheets", Json::array()}, {"left", Json::array()}};
  for (const TrimmedSheet& s : list.sheets) {
    Json sheet = {{"sheet", stock[ix(s.sheet)].name},
                  {"waste", s.waste_mm2},
                  {"pieces", Json::array()},
                  {"cuts", Json::array()},
                  {"offcuts", Json::array()}};
    for (const PlacedPiece& p : s.pieces)
      sheet["pieces"].push_back(
          {{"name", paper.pieces[ix(p.piece)].name}, {"box", rectReport(p.box)}, {"turned", p.turned}});
    for (const SheetCut& c : s.cuts)
      sheet["cuts"].push_back({{"of", rectReport(c.of)}, {"upright", c.upright}, {"at", c.at_mm}});
    for (const Box& b : s.offcuts) sheet["offcuts"].push_back(rectReport(b));
    out["sheets"].push_back(std::move(sheet));
  }
  for (int k : list.left) out["left"].push_back(paper.pieces[ix(k)].name);
  return out;
}

/// "210x297x3,12x12in".
std::optional<std::vector<StockSheet>> sheetsFrom(const QString& text) {
  std::vector<StockSheet> out;
  if (text.isEmpty()) return std::vector<StockSheet>{{"A4", 210, 297, 20}};
  for (const QString& part : text.split(u',', Qt::SkipEmptyParts)) {
    QStringList sides = part.trimmed().split(u'x');
    if (sides.size() < 2 || sides.size() > 3) return {};
    int count = 1;
    if (sides.size() == 3) {
      bool whole = false;
      count = sides[2].toInt(&whole);
      if (!whole || count < 1 || count > 1000) return {};
    }
    double mm[2];
    for (int k = 0; k < 2; ++k) {
      const bool inches = !sides[k].endsWith(QLatin1String("in")) && sides[1].endsWith(QLatin1String("in"));
      const auto read = readMeasure((sides[k] + (inches ? QStringLiteral("in") : QString())).toStdString(),
                                    MeasureStyle::Millimetres);
      if (!read || read.value().value <= 0 || read.value().value > 5000) return {};
      mm[k] = read.value().value;
    }
    out.push_back({part.trimmed().toStdString(), mm[0], mm[1], count});
  }
  return out;
}

int runPieces(const Call& call) {
  int exit = kDone;
  const auto opened = open(call, exit);
  if (!opened) return exit;
  const auto stock = sheetsFrom(call.value("--sheets"));
  if (!stock)
    return complain(
        kUsage,
        QStringLiteral(
            "--sheets wants sizes as 210x297 or 12x12in, each with x and a number if there are more"));
  bool number = true;
  const double kerf = call.has("--kerf") ? call.value("--kerf").toDouble(&number) : 0;
  if (!number || kerf < 0 || kerf > 50)
    return complain(kUsage, QStringLiteral("--kerf wants mm from 0 to 50"));
  const MeasureStyle style =
      call.value("--units") == QLatin1String("in") ? MeasureStyle::Inches : MeasureStyle::Millimetres;
  const Plan& plan = opened->plan;
  const CardStack stack = stackOf(plan, opened->analysis->meetings.placed);
  Json json = {{"stack", stackReport(plan, stack)}, {"cutLists", Json::array()}};
  QStringList lines = stackFacts(plan, stack, style);
  for (const StackFault& f : stack.faults) lines << wordsOf(plan, f, style);
  for (const PaperToCut& paper : piecesToCut(plan)) {
    const CutList list = cutListFor(paper.pieces, *stock, kerf);
    json["cutLists"].push_back(cutReport(paper, *stock, list));
    double waste = 0;
    for (const TrimmedSheet& s : list.sheets) waste += s.waste_mm2;
    QString line = QStringLiteral("Paper %1%2, %3 mm: %4 %5, %6 % waste")
                       .arg(paper.name.empty() ? QString() : QString::fromStdString(paper.name) + u' ',
                            QString::fromStdString(hexOf(paper.colour)))
                       .arg(paper.thickness_mm)
                       .arg(list.sheets.size())
                       .arg(list.sheets.size() == 1 ? QStringLiteral("sheet") : QStringLiteral("sheets"))
                       .arg(list.used_mm2 > 0 ? 100 * waste / list.used_mm2 : 0.0, 0, 'f', 0);
    if (!list.left.empty()) line += QStringLiteral("; no room for %1 of them").arg(list.left.size());
    lines << line;
  }
  if (call.has("--json")) return print(json.dump(1) + "\n");
  return print(lines.join(u'\n').toStdString() + "\n");
}

}  // namespace

const Verb kPieces{"pieces", "the card as a stack of papers, and its cut list", kPiecesOptions, runPieces};

}  // namespace havlo::cli
