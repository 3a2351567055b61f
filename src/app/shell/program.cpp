#include "app/shell/program.h"

#include <sys/resource.h>

#include <QApplication>
#include <QCommandLineParser>
#include <QProcess>
#include <QSettings>
#include <QTimer>
#include <chrono>
#include <clocale>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <thread>

#include "app/begin/begin_place.h"
#include "app/common/accessible_items.h"
#include "app/session/settings.h"
#include "app/shell/errands.h"
#include "app/shell/filing.h"
#include "app/shell/language.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "io/fonts.h"

namespace havlo {

int run(int argc, char** argv, const char* version) {
  // What is only asked for words needs no display.
  for (int k = 1; k < argc; ++k)
    for (const char* word : {"--version", "-v", "--help", "-h"})
      if (std::strcmp(argv[k], word) == 0) qputenv("QT_QPA_PLATFORM", "offscreen");
  QApplication app(argc, argv);
  std::setlocale(LC_NUMERIC, "C");  // for libraries that read numbers through it; Qt has its own
  QCoreApplication::setApplicationName(QStringLiteral("havlo"));
  QCoreApplication::setApplicationVersion(QString::fromUtf8(version));
  QGuiApplication::setDesktopFileName(QStringLiteral("havlo"));
  QApplication::setWindowIcon(QIcon(QStringLiteral(":/icons/havlo.svg")));
  useOwnSettings();
  loadFonts();
  tellOfItems();
  speak(app, languageWanted());
  QCommandLineParser parser;
  parser.setApplicationDescription(
      QCoreApplication::translate("main", "Plans scene cards from rubber stamps."));
  parser.addHelpOption();
  parser.addVersionOption();
  const QCommandLineOption demo(QStringLiteral("demo"),
                                QCoreApplication::translate("main", "Start with the demo plan."));
  parser.addOption(demo);
  const QCommandLineOption leave(
      QStringLiteral("leave-when-painted"),
      QCoreApplication::translate(
          "main", "Measure the start: leave once the card is painted, saying how much memory is in use."));
  parser.addOption(leave);
  parser.addPositionalArgument(
      QStringLiteral("plan"),
      QCoreApplication::translate("main", "A plan, a packed drawer or a scan to open."),
      QStringLiteral("[file]"));
  parser.process(app);

  applyTheme(app, keptAppearance());
  MainWindow window(dataFolder() + QStringLiteral("/rescue"));
  const QStringList files = parser.positionalArguments();
  if (!files.isEmpty()) {
    window.openAny(files.constFirst());
  } else if (parser.isSet(demo)) {
    window.errands().openDemo();
  } else if (firstTime()) {
    window.visit(QStringLiteral("begin"));
  }
  window.show();
  window.filing().offerLostWork();
  if (parser.isSet(leave)) {
    // Painted: nothing that the place on top draws is still at work.
    auto* look = new QTimer(&window);
    QObject::connect(look, &QTimer::timeout, &window, [&window] {
      for (const JobBase* job : window.place(window.current()).findChildren<JobBase*>())
        if (job->running()) return;
      window.repaint();
      rusage use{};
      getrusage(RUSAGE_SELF, &use);
      std::printf("resident %ld MB\n", use.ru_maxrss / 1024);
      QCoreApplication::quit();
    });
    look->start(5);
  }
  const int code = QApplication::exec();
  // Another language: everything is said anew. Unsaved work is offered there.
  if (app.property("startAgain").toBool())
    QProcess::startDetached(QCoreApplication::applicationFilePath(), {});
  // What is not saved is on the disk by now. A worker that a strange file keeps busy does not keep the
  // program.
  std::thread([code] {
    std::this_thread::sleep_for(std::chrono::seconds(4));
    std::_Exit(code);
  }).detach();
  return code;
}

}  // namespace havlo
