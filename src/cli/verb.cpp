// Loading, complaining and printing for all verbs.
#include "cli/verb.h"

#include <cstdio>

#include "io/files/plan_file.h"

namespace havlo::cli {

QString Call::value(const char* option) const {
  const auto it = options.find(QString::fromLatin1(option));
  return it == options.end() ? QString() : it->second;
}

std::span<const Verb> verbs() {
  static const Verb all[] = {kCheck, kRunsheet, kSimulate, kMasks, kTemplate, kRender};
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

std::optional<Opened> open(const Call& call, int& exit) {
  auto read = loadPlan(call.file);
  if (!read) {
    exit = complain(read.error());
    return {};
  }
  for (const std::string& repair : read.value().repairs) complain(kDone, QString::fromStdString(repair));
  Opened out{std::move(read).value().plan, nullptr};
  out.analysis = analyse(out.plan);
  return out;
}

int print(const std::string& text) {
  const bool written =
      std::fwrite(text.data(), 1, text.size(), stdout) == text.size() && std::fflush(stdout) == 0;
  return written ? kDone : complain(kCannotWrite, QStringLiteral("cannot write to standard output"));
}

std::optional<double> dpiOf(const Call& call, double otherwise) {
  if (!call.has("--dpi")) return otherwise;
  bool number = false;
  const double dpi = call.value("--dpi").toDouble(&number);
  if (number && dpi >= 20 && dpi <= 2400) return dpi;
  complain(kUsage, QStringLiteral("--dpi wants a number from 20 to 2400"));
  return {};
}

}  // namespace havlo::cli
