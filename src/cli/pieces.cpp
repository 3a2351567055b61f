// havlo-cli pieces: the card as a stack of papers, and the cut list of all that it is made of.
#include "cli/report.h"
#include "cli/verb.h"
#include "core/batch/shopping.h"
#include "core/pieces/card_stack.h"
#include "core/pieces/from_drawer.h"
#include "io/drawer/drawer_file.h"
#include "io/print/sheets.h"
#include "io/wording/card_words.h"
#include "io/wording/names.h"
#include "io/wording/piece_words.h"
#include "io/wording/stock_words.h"

namespace havlo::cli {
namespace {

constexpr Option kPiecesOptions[] = {
    {"--json", nullptr, "one JSON object"},
    {"--sheets", "A,B",
     "sheets at hand: WxH or WxHxN, in mm or inches, with :upright or :level for the way the fibres run; "
     "twenty A4 if not given"},
    {"--kerf", "MM", "lost at every cut; 0 if not given"},
    {"--drawer", "ZIP", "a packed drawer: its sheets and offcuts first, and what of its stock is used up"},
    {"--pdf", "F", "the cut list with every sheet drawn to scale"},
    {"--units", "U", "mm or in; mm if not given"}};

constexpr std::string_view kFaultWords[] = {"onGone",   "offTheCard", "hangsOver",     "noEnvelope",
                                            "tooThick", "tooHeavy",   "envelopeTight", "flapTooLarge"};

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
    if (const Grain grain = stock[ix(s.sheet)].grain; grain != Grain::Unknown)
      sheet["grain"] = grainWord(grain);
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
  if (text.isEmpty()) return std::vector<StockSheet>{{"A4", 210, 297, 20, {}}};
  for (const QString& part : text.split(u',', Qt::SkipEmptyParts)) {
    const QStringList told = part.trimmed().split(u':');
    const Grain grain = told.size() > 1 ? grainOf(told[1].toStdString()) : Grain::Unknown;
    if (told.size() > 2 || (told.size() == 2 && grain == Grain::Unknown)) return {};
    QStringList sides = told[0].split(u'x');
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
    out.push_back({part.trimmed().toStdString(), mm[0], mm[1], count, grain});
  }
  return out;
}

constexpr std::string_view kNeedWords[] = {"paper", "ink",      "powder",      "adhesive",
                                           "foam",  "envelope", "maskingPaper"};
constexpr std::string_view kStateWords[] = {"enough", "unknown", "runsLow", "missing"};

Json needReport(const StockNeed& n) {
  Json out = {{"what", kNeedWords[ix(static_cast<int>(n.what))]},
              {"name", n.name},
              {"count", n.count},
              {"state", kStateWords[ix(static_cast<int>(n.state))]},
              {"lacking", n.lacking}};
  if (!n.ink.empty()) out["ink"] = n.ink;
  if (n.width_mm > 0) out["width"] = n.width_mm, out["height"] = n.height_mm;
  if (n.thickness_mm > 0) out["thickness"] = n.thickness_mm;
  if (n.area_mm2 > 0) out["area"] = n.area_mm2;
  if (n.length_mm > 0) out["length"] = n.length_mm;
  return out;
}

/// What is cut: from the sheets named, or from a packed drawer. @return nothing, and complained, if it cannot
/// be read
std::optional<std::vector<DrawerCut>> cutsOf(const Call& call, const Plan& plan,
                                             const std::vector<StockSheet>& stock, double kerf,
                                             WholeDrawer& drawer, int& exit) {
  if (call.has("--drawer")) {
    auto read = importDrawer(call.value("--drawer"));
    if (!read) {
      exit = complain(read.error());
      return {};
    }
    drawer = std::move(read).value();
    return cutFromDrawer(plan, drawer.papers, stock.empty() ? StockSheet{"A4", 210, 297, 20, {}} : stock[0],
                         kerf);
  }
  std::vector<DrawerCut> out;
  for (PaperToCut& paper : piecesToCut(plan)) {
    DrawerCut cut;
    cut.stock = stock, cut.keys.assign(stock.size(), {});
    cut.own = cutListFor(paper.pieces, stock, kerf);
    cut.paper = std::move(paper);
    out.push_back(std::move(cut));
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
        kUsage, QStringLiteral("--sheets wants sizes as 210x297 or 12x12in, each with x and a number if "
                               "there are more and :upright or :level if the way its fibres run is known"));
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
  WholeDrawer drawer;
  const auto cuts = cutsOf(call, plan, *stock, kerf, drawer, exit);
  if (!cuts) return exit;
  for (const DrawerCut& cut : *cuts) {
    json["cutLists"].push_back(cutReport(cut.paper, cut.stock, cut.own));
    if (!cut.missing.empty()) {
      PaperToCut rest = cut.paper;
      rest.pieces = cut.missing;
      json["cutLists"].back()["toGet"] = cutReport(rest, cut.usual, cut.bought);
    }
    QString line = QStringLiteral("%1: %2").arg(
        capital(paperWords(cut.paper.name, cut.paper.colour, cut.paper.thickness_mm)),
        cutListWords(cut, style));
    if (!call.has("--drawer") && !cut.own.left.empty())
      line += QStringLiteral("; no room for %1 of them").arg(cut.own.left.size());
    lines << line;
    if (const QString large = tooLargeWords(cut, style); !large.isEmpty()) lines << large;
  }
  const std::vector<StockNeed> needs = needsOf(plan, *opened->analysis, *cuts, drawer.papers, drawer.goods);
  for (const StockNeed& n : needs) json["needs"].push_back(needReport(n));
  for (const QString& buy : shoppingWords(needs, style)) json["toBuy"].push_back(buy.toStdString());
  if (call.has("--drawer"))
    for (const StockNeed& n : needs)
      lines << capital(needWords(n, style)) + QStringLiteral(": ") + stateWords(n);
  if (call.has("--pdf"))
    if (const auto saved = writePdf(call.value("--pdf"), cutListPages(plan, *cuts, style, Sheet::a4()));
        !saved)
      return complain(saved.error());
  if (call.has("--json")) return print(json.dump(1) + "\n");
  return print(lines.join(u'\n').toStdString() + "\n");
}

}  // namespace

const Verb kPieces{"pieces", "the card as a stack of papers, and its cut list", kPiecesOptions, runPieces};

}  // namespace havlo::cli
