// havlo-cli: takes the command line apart and runs one verb.
#include <QGuiApplication>
#include <QLoggingCategory>

#include "cli/verb.h"
#include "io/fonts.h"

namespace havlo::cli {
namespace {

QString usage() {
  QString text = QStringLiteral("usage: havlo-cli VERB PLAN [options]\n\n");
  for (const Verb& v : verbs()) {
    text += QStringLiteral("  %1  %2\n").arg(QLatin1String(v.name), -9).arg(QLatin1String(v.help));
    for (const Option& o : v.options)
      text +=
          QStringLiteral("      %1  %2\n")
              .arg(QLatin1String(o.name) + (o.value ? u' ' + QString::fromLatin1(o.value) : QString()), -16)
              .arg(QLatin1String(o.help));
  }
  return text + QStringLiteral("\nexit: 0 done, 2 usage, 3 bad input, 4 cannot write\n");
}

int usageFault(const QString& message) {
  return complain(kUsage, message + QStringLiteral("; see havlo-cli --help"));
}

int run(const QStringList& args) {
  if (args.size() == 1 && (args[0] == QLatin1String("--help") || args[0] == QLatin1String("-h")))
    return print(usage().toStdString());
  if (args.size() == 1 && args[0] == QLatin1String("--version"))
    return print("havlo-cli " HAVLO_VERSION "\n");
  if (args.isEmpty()) return usageFault(QStringLiteral("which verb?"));
  Call call;
  for (const Verb& v : verbs())
    if (args[0] == QLatin1String(v.name)) call.verb = &v;
  if (!call.verb) return usageFault(QStringLiteral("there is no verb \"%1\"").arg(args[0]));
  for (qsizetype k = 1; k < args.size(); ++k) {
    const QString& arg = args[k];
    if (!arg.startsWith(QLatin1String("--"))) {
      if (!call.file.isEmpty())
        return usageFault(QStringLiteral("one plan at a time, not also \"%1\"").arg(arg));
      call.file = arg;
      continue;
    }
    const qsizetype equals = arg.indexOf(u'=');
    const QString name = equals < 0 ? arg : arg.left(equals);
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
  if (call.file.isEmpty()) return usageFault(QStringLiteral("which plan?"));
  return call.verb->run(call);
}

}  // namespace
}  // namespace havlo::cli

int main(int argc, char** argv) {
  qputenv("QT_QPA_PLATFORM", "offscreen");  // pictures need fonts and painters, never a display
  QLoggingCategory::setFilterRules(QStringLiteral("*=false"));
  const QGuiApplication app(argc, argv);
  havlo::loadFonts();
  return havlo::cli::run(QCoreApplication::arguments().mid(1));
}
