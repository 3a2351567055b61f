// havlo-cli: takes the command line apart and runs one verb.
#include <sys/resource.h>

#include <QGuiApplication>
#include <QLoggingCategory>
#include <chrono>
#include <clocale>
#include <condition_variable>
#include <cstdio>
#include <cstdlib>
#include <mutex>
#include <new>
#include <thread>

#include "cli/manual.h"
#include "cli/verb.h"
#include "io/fonts.h"

namespace havlo::cli {
namespace {

/// Seconds of processor time so far, of all threads.
double processorTime() {
  rusage use{};
  getrusage(RUSAGE_SELF, &use);
  return static_cast<double>(use.ru_utime.tv_sec) + 1e-6 * static_cast<double>(use.ru_utime.tv_usec);
}

/// Ends the program when a file keeps it at work for longer than anybody waits: so many seconds, and as many
/// of processor time, so that a busy machine is not taken for it. Nothing is half written then: files are
/// replaced whole.
class Patience {
 public:
  explicit Patience(int seconds)
      : m_watch([this, seconds](std::stop_token stop) {
          const auto begun = std::chrono::steady_clock::now();
          std::unique_lock lock(m_mutex);
          while (!stop.stop_requested()) {
            m_done.wait_for(lock, stop, std::chrono::milliseconds(250), [] { return false; });
            if (std::chrono::steady_clock::now() - begun < std::chrono::seconds(seconds) ||
                processorTime() < seconds)
              continue;
            std::fprintf(stderr,
                         "havlo-cli: given up after %d seconds: there is too much on this card to be worked "
                         "out in one "
                         "go. Take things off it, or let it take longer with --patience\n",
                         seconds);
            std::_Exit(kBadInput);
          }
        }) {}

 private:
  std::mutex m_mutex;
  std::condition_variable_any m_done;
  std::jthread m_watch;  // last: it uses the others
};

int usageFault(const QString& message) {
  return complain(kUsage, message + QStringLiteral("; see havlo-cli --help"));
}

int run(const QStringList& args) {
  if (args.size() == 1 && (args[0] == QLatin1String("--help") || args[0] == QLatin1String("-h")))
    return print(usage().toStdString());
  if (args.size() == 1 && args[0] == QLatin1String("--version"))
    return print("havlo-cli " HAVLO_VERSION "\n");
  if (args.size() == 2 && args[0] == QLatin1String("--man")) return print(manualPage(args[1]).toStdString());
  if (args.size() == 2 && args[0] == QLatin1String("--completion")) {
    const QString text = completionFor(args[1]);
    return text.isEmpty() ? usageFault(QStringLiteral("--completion wants bash, zsh or fish"))
                          : print(text.toStdString());
  }
  if (args.isEmpty()) return usageFault(QStringLiteral("which verb?"));
  Call call;
  int patience = kPatience_s;
  for (const Verb& v : verbs())
    if (args[0] == QLatin1String(v.name)) call.verb = &v;
  if (!call.verb) return usageFault(QStringLiteral("there is no verb \"%1\"").arg(args[0]));
  for (qsizetype k = 1; k < args.size(); ++k) {
    const QString& arg = args[k];
    if (!arg.startsWith(QLatin1String("--"))) {
      if (!call.verb->plan)
        return usageFault(QStringLiteral("%1 takes no plan, so not \"%2\"").arg(args[0], arg));
      if (call.file.isEmpty()) {
        call.file = arg;
      } else if (const QString second = QLatin1String(call.verb->second);
                 !second.isEmpty() && !call.options.contains(second)) {
        call.options[second] = arg;
      } else {
        return usageFault(QStringLiteral("one plan at a time, not also \"%1\"").arg(arg));
      }
      continue;
    }
    const qsizetype equals = arg.indexOf(u'=');
    const QString name = equals < 0 ? arg : arg.left(equals);
    if (name == QLatin1String("--patience")) {
      bool number = false;
      patience = (equals < 0 ? args.value(++k) : arg.mid(equals + 1)).toInt(&number);
      if (!number || patience < 1 || patience > kMostPatience_s)
        return usageFault(QStringLiteral("--patience wants seconds from 1 to %1").arg(kMostPatience_s));
      continue;
    }
    const Option* option = nullptr;
    for (const Option& o : call.verb->options)
      if (name == QLatin1String(o.name)) option = &o;
    if (!option) return usageFault(QStringLiteral("%1 has no option %2").arg(args[0], name));
    if (!option->value && equals >= 0) return usageFault(QStringLiteral("%1 takes no value").arg(name));
    if (option->value && equals < 0 && k + 1 >= args.size())
      return usageFault(QStringLiteral("%1 wants %2").arg(name, QLatin1String(option->value)));
    call.options[name] = !option->value ? QString() : equals < 0 ? args[++k] : arg.mid(equals + 1);
    if (option->value && call.options[name].isEmpty())
      return usageFault(QStringLiteral("%1 wants %2").arg(name, QLatin1String(option->value)));
  }
  if (call.verb->plan && call.file.isEmpty()) return usageFault(QStringLiteral("which plan?"));
  if (call.verb->second && !call.options.contains(QLatin1String(call.verb->second)))
    return usageFault(QStringLiteral("which %1?").arg(QString::fromLatin1(call.verb->second).toLower()));
  const Patience limit(patience);
  try {
    return call.verb->run(call);
  } catch (const std::bad_alloc&) {
    return complain(kBadInput, QStringLiteral("there is not enough memory for what this file asks"));
  } catch (const std::exception& e) {
    return complain(
        kBadInput,
        QStringLiteral("this file cannot be worked out (%1)").arg(QString::fromLocal8Bit(e.what())));
  }
}

}  // namespace
}  // namespace havlo::cli

int main(int argc, char** argv) {
  qputenv("QT_QPA_PLATFORM", "offscreen");  // pictures need fonts and painters, never a display
  QLoggingCategory::setFilterRules(QStringLiteral("*=false"));
  const QGuiApplication app(argc, argv);
  std::setlocale(LC_NUMERIC, "C");  // for libraries that read numbers through it
  havlo::loadFonts();
  return havlo::cli::run(QCoreApplication::arguments().mid(1));
}
