// Loading, complaining and printing for all verbs.
#include "cli/verb.h"

#include <cmath>
#include <cstdio>

#include "core/chain/chain.h"
#include "core/chain/tried_mends.h"
#include "core/focus/looks.h"
#include "core/units/measure.h"
#include "io/files/plan_file.h"
#include "io/log/log_store.h"

namespace havlo::cli {

QString Call::value(const char* option) const {
  const auto it = options.find(QString::fromLatin1(option));
  return it == options.end() ? QString() : it->second;
}

std::span<const Verb> verbs() {
  static const Verb all[] = {kCheck,   kRunsheet, kSimulate, kMasks,   kTemplate,  kRender, kCut,
                             kSchools, kJoins,    kExport,   kSuggest, kRegions,   kPieces, kBatch,
                             kCompare, kLog,      kTrace,    kDiff,    kThumbnail, kClass};
  return all;
}

int complain(int exit, const QString& message) {
  std::fprintf(stderr, "havlo-cli: %s\n", message.toUtf8().constData());
  return exit;
}

int complain(const Error& error) {
  return complain(error.code == ErrorCode::CannotWrite ? kCannotWrite : kBadInput,
                  QString::fromStdString(error.text()));
}

const SvgArt& art() {
  static const SvgArt drawer;
  return drawer;
}

std::optional<Opened> open(const Call& call, int& exit, bool named) {
  auto read = loadPlan(call.file);
  if (!read) {
    Error error = read.error();
    if (named && error.message.find(call.file.toStdString()) == std::string::npos)
      error.message = call.file.toStdString() + ": " + error.message;
    exit = complain(error);
    return {};
  }
  for (const std::string& repair : read.value().repairs) complain(kDone, QString::fromStdString(repair));
  Opened out{std::move(read).value().plan, nullptr};
  if (call.has("--log")) {
    const auto log = LogStore::open(call.value("--log"));
    if (!log) {
      exit = complain(log.error());
      return {};
    }
    out.plan.habits = habitsFrom(*log.value());
  }
  out.analysis = withBestOrder(out.plan, analyse(out.plan, nullptr, &art()));
  return out;
}

void look(Opened& o) { o.analysis = withLooks(o.plan, o.analysis, lookAt(o.plan, *o.analysis, &art())); }

void tryMends(Opened& o) {
  o.analysis = withFindings(o.analysis,
                            triedFindings(o.plan, *o.analysis, &art(), newTileStore(), kMostMends).findings);
}

int print(const std::string& text) {
  const bool written =
      std::fwrite(text.data(), 1, text.size(), stdout) == text.size() && std::fflush(stdout) == 0;
  return written ? kDone : complain(kCannotWrite, QStringLiteral("cannot write to standard output"));
}

std::optional<double> dpiOf(const Call& call, const Plan& plan, double otherwise) {
  constexpr double kMostPixels = 1.5e8;
  const Box panel = plan.card.panel.box();
  if (!call.has("--dpi")) return dpiWithin(panel, otherwise, kMostPixels / 3);
  bool number = false;
  const double dpi = call.value("--dpi").toDouble(&number);
  if (!number || dpi < 20 || dpi > 2400) {
    complain(kUsage, QStringLiteral("--dpi wants a number from 20 to 2400"));
    return {};
  }
  if (dpiWithin(panel, dpi, kMostPixels) == dpi) return dpi;
  complain(kUsage, QStringLiteral("--dpi %1 is too fine for a panel of %2 x %3 mm; at most %4 fits")
                       .arg(dpi)
                       .arg(panel.width())
                       .arg(panel.height())
                       .arg(std::floor(dpiWithin(panel, dpi, kMostPixels))));
  return {};
}

std::optional<PanelSize> sidesOf(const QString& text) {
  const QStringList sides = text.toLower().split(u'x');
  if (sides.size() != 2) return {};
  const bool inches = sides[1].endsWith(QLatin1String("in"));
  const bool millimetres = sides[1].endsWith(QLatin1String("mm"));
  const auto side = [&](QString s) {
    if (!s.endsWith(QLatin1String("in")) && !s.endsWith(QLatin1String("mm")))
      s += inches ? QStringLiteral("in") : millimetres ? QStringLiteral("mm") : QString();
    return readMeasure(s.toStdString(), s.toDouble() > 30 ? MeasureStyle::Millimetres : MeasureStyle::Inches);
  };
  const auto width = side(sides[0]), height = side(sides[1]);
  if (!width || !height) return {};
  PanelSize sheet;
  sheet.width_mm = width.value().value, sheet.height_mm = height.value().value;
  if (sheet.width_mm < 20 || sheet.height_mm < 20 || sheet.width_mm > 2000 || sheet.height_mm > 2000)
    return {};
  return sheet;
}

}  // namespace havlo::cli
