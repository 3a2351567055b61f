// havlo: the window. Opens the plans named on the command line's first argument, or the demo with --demo.
#include <QApplication>
#include <QCommandLineParser>
#include <QSettings>
#include <QStandardPaths>

#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "io/fonts.h"

int main(int argc, char** argv) {
  QApplication app(argc, argv);
  QCoreApplication::setApplicationName(QStringLiteral("havlo"));
  QCoreApplication::setApplicationVersion(QStringLiteral(HAVLO_VERSION));
  havlo::loadFonts();
  QCommandLineParser parser;
  parser.setApplicationDescription(QCoreApplication::translate("main", "Plans scene cards from rubber stamps."));
  parser.addHelpOption();
  parser.addVersionOption();
  const QCommandLineOption demo(QStringLiteral("demo"), QCoreApplication::translate("main", "Start with the demo plan."));
  parser.addOption(demo);
  parser.addPositionalArgument(QStringLiteral("plan"), QCoreApplication::translate("main", "A plan to open."), QStringLiteral("[plan]"));
  parser.process(app);

  const QSettings settings;
  havlo::applyTheme(app, settings.value(QStringLiteral("dark")).toBool(), settings.value(QStringLiteral("text"), 1.0).toDouble());
  havlo::MainWindow window(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/rescue"));
  const QStringList files = parser.positionalArguments();
  if (!files.isEmpty()) {
    window.openFile(files.constFirst());
  } else if (parser.isSet(demo)) {
    window.openDemo();
  }
  window.show();
  window.offerLostWork();
  return QApplication::exec();
}
