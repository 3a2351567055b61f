// havlo-cli log: what is remembered, and what was learnt from it.
#include <QFile>
#include <QStandardPaths>

#include "cli/report.h"
#include "cli/verb.h"
#include "io/files/whole_file.h"
#include "io/log/log_lines.h"
#include "io/log/log_store.h"
#include "io/wording/compare_words.h"

namespace havlo::cli {
namespace {

constexpr Option kLogOptions[] = {
    {"--json", nullptr, "one JSON object"},
    {"--log", "DIR", "the log's folder; the window's own if not given"},
    {"--hands", "NAME", "whose cards; of whoever is at work if not given, * for all"},
    {"--find", "WORDS", "only cards that say all of these"},
    {"--lines", "F", "writes the cards as lines of JSON"},
    {"--csv", "F", "writes them as a table"},
    {"--merge", "LOG", "takes in the cards of another log's folder or lines"}};

Json learntReport(const MakerLearnt& l) {
  Json out = {{"cards", l.cards}};
  for (size_t t = 0; t < kTraits; ++t) {
    const Learnt& one = l.traits[t];
    out["traits"].push_back(
        {{"trait", wordOf(static_cast<Trait>(t))},
         {"value", one.value()},
         {"usual", one.usual},
         {"sd", one.fit.sd},
         {"cards", one.cards},
         {"own", one.own},
         {"words", learntWords(static_cast<Trait>(t), one, MeasureStyle::Millimetres).toStdString()}});
  }
  out["inks"] = Json::array();
  for (const LearntInk& ink : l.inks) {
    Json i = {{"ink", ink.ink},
              {"drying", ink.drying.value},
              {"dryingSd", ink.drying.sd},
              {"dryings", ink.dryings},
              {"colours", ink.colours}};
    if (ink.colours > 0) i["lab"] = {ink.L, ink.a, ink.b};
    for (const auto& [pressing, fit] : ink.strengths)
      i["strengths"].push_back({{"pressing", pressing}, {"strength", fit.value}, {"sd", fit.sd}});
    out["inks"].push_back(std::move(i));
  }
  if (const auto missed = missedBy(l))
    out["minutesMissed"] = {{"before", missed->before}, {"lately", missed->lately}};
  return out;
}

int runLog(const Call& call) {
  const QString folder =
      call.has("--log")
          ? call.value("--log")
          : QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/havlo");
  auto opened = LogStore::open(folder);
  if (!opened) return complain(opened.error());
  LogStore& store = *opened.value();
  for (const QString& note : store.notes()) complain(kDone, note);
  const std::string hands = call.has("--hands") ? call.value("--hands").toStdString() : store.atWork();
  if (call.has("--merge")) {
    const auto fresh = store.merge(call.value("--merge"));
    if (!fresh) return complain(fresh.error());
    complain(kDone, fresh.value() == 1 ? QStringLiteral("1 card is new")
                                       : QStringLiteral("%1 cards are new").arg(fresh.value()));
  }
  const std::vector<LogEntry> all = store.all(hands);
  if (call.has("--lines")) {
    QByteArray lines;
    for (const LogEntry& e : all) lines += lineOf(e) + '\n';
    if (const auto saved = saveWhole(call.value("--lines"), lines); !saved) return complain(saved.error());
  }
  if (call.has("--csv"))
    if (const auto saved = saveWhole(call.value("--csv"), logCsv(all)); !saved)
      return complain(saved.error());
  const std::vector<LogLine> cards = store.find(call.value("--find"), hands == "*" ? std::string() : hands);
  const MakerLearnt learnt = learnFrom(all, store.settings(hands));
  if (call.has("--json")) {
    Json out = {{"hands", hands}, {"cards", Json::array()}, {"learnt", learntReport(learnt)}};
    for (const LogLine& c : cards)
      out["cards"].push_back({{"id", c.id},
                              {"title", c.title},
                              {"for", c.madeFor},
                              {"occasion", c.occasion},
                              {"sentTo", c.sentTo},
                              {"ended", c.ended_s},
                              {"planned", c.planned_min},
                              {"spent", c.spent_min},
                              {"mishaps", c.mishaps},
                              {"compared", c.compared}});
    for (const std::string& who : store.people()) out["people"].push_back(who);
    return print(out.dump(1) + "\n");
  }
  QStringList lines;
  for (const LogLine& c : cards)
    lines << QStringLiteral("%1. %2").arg(QString::fromStdString(c.title.empty() ? "A card" : c.title),
                                          foretoldWords(c.planned_min, c.spent_min));
  lines << QString();
  for (size_t t = 0; t < kTraits; ++t)
    lines << traitName(static_cast<Trait>(t)) + QStringLiteral(": ") +
                 learntWords(static_cast<Trait>(t), learnt.traits[t], MeasureStyle::Millimetres) + u'.';
  for (const LearntInk& ink : learnt.inks) lines << inkWords(ink);
  if (const QString missed = missedWords(learnt); !missed.isEmpty()) lines << missed;
  return print(lines.join(u'\n').toStdString() + "\n");
}

}  // namespace

const Verb kLog{"log", "what is remembered, and what was learnt from it", kLogOptions, runLog, nullptr,
                false};

}  // namespace havlo::cli
