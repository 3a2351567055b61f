// Makes the pictures in docs/screenshots from the real window and the demo data: shots FOLDER [places]. With
// --size,
// --dark, --text they are looked at as others see them.
#include <QApplication>
#include <QComboBox>
#include <QCommandLineParser>
#include <QDir>
#include <QImage>
#include <QPushButton>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QThread>
#include <algorithm>
#include <cstdio>

#include "app/arrange/arrange_place.h"
#include "app/card/card_place.h"
#include "app/card/card_view.h"
#include "app/card/stack_view.h"
#include "app/colour/colour_page.h"
#include "app/common/choice_list.h"
#include "app/drawer/add_page.h"
#include "app/drawer/drawer_place.h"
#include "app/drawer/shelf_view.h"
#include "app/face/face_view.h"
#include "app/ink/background_page.h"
#include "app/ink/colours_page.h"
#include "app/ink/greeting_page.h"
#include "app/ink/ink_place.h"
#include "app/ink/ink_view.h"
#include "app/log/log_place.h"
#include "app/make/make_place.h"
#include "app/masks/masks_page.h"
#include "app/order/joins_page.h"
#include "app/order/order_place.h"
#include "app/order/schools_page.h"
#include "app/order/step_strip.h"
#include "app/practice/lay_page.h"
#include "app/practice/lay_view.h"
#include "app/practice/practice_place.h"
#include "app/scene/scene_place.h"
#include "app/session/drawer_session.h"
#include "app/session/making_session.h"
#include "app/shell/main_window.h"
#include "app/theme/theme.h"
#include "io/fonts.h"
#include "tests/support/known_window.h"
#include "tests/support/made_cards.h"

namespace {

using havlo::testing::settle;
using havlo::testing::settleLooks;
using havlo::testing::settleOrder;

/// What is still looked for, the eye's answer or a better order, would change the picture: it comes first.
bool shoot(havlo::MainWindow& window, const QString& path) {
  havlo::testing::waitForJobs(window.session());
  havlo::testing::waitForJobs(window);
  QCoreApplication::processEvents();
  return window.grab().save(path);
}

}  // namespace

int main(int argc, char** argv) {
  if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
  QStandardPaths::setTestModeEnabled(true);
  QApplication app(argc, argv);
  QCoreApplication::setApplicationName(QStringLiteral("havlo-shots"));
  QCommandLineParser parser;
  const QCommandLineOption sized(QStringLiteral("size"), {}, QStringLiteral("WxH"),
                                 QStringLiteral("1280x800")),
      onDark(QStringLiteral("dark")),
      larger(QStringLiteral("text"), {}, QStringLiteral("share"), QStringLiteral("1"));
  parser.addOptions({sized, onDark, larger});
  parser.process(app);
  const QStringList asked = parser.positionalArguments();
  const QStringList sides = parser.value(sized).split(u'x');
  const QSize size(sides.value(0).toInt(), sides.value(1).toInt());
  const bool usual = !parser.isSet(sized) && !parser.isSet(onDark) && !parser.isSet(larger);
  if (asked.isEmpty() || size.isEmpty())
    return std::fprintf(
               stderr,
               "usage: shots [--size WxH] [--dark] [--text 1.5] FOLDER "
               "[begin,card,drawer,adding,scene,masks,order,joins,schools,cutting,many,looks,background,inks,"
               "greeting,reading,colour,arrange,scenes,make,log,practice,shed,fen]\n"),
           2;
  const QDir folder(asked[0]);
  folder.mkpath(QStringLiteral("."));
  havlo::loadFonts();
  const QTemporaryDir rescue;
  bool saved = true;
  const auto scene = [&](bool dark, double text, const QString& name, const QStringList& places) {
    havlo::applyTheme(app, {dark, text});
    havlo::testing::KnownWindow window(rescue.filePath(QStringLiteral("rescue")));
    window.session().setUnits(havlo::MeasureStyle::Inches);
    window.resize(size);
    window.show();
    window.openDemo();
    window.session().select(QStringLiteral("hare"));
    settle(window.scene().face());
    if (places.contains(QStringLiteral("scene")))
      saved = shoot(window, folder.filePath(QStringLiteral("scene%1.png").arg(name))) && saved;
    for (const auto& [place, demo] : {std::pair{"shed", "potting-shed"}, {"fen", "misty-fen"}}) {
      if (!places.contains(QLatin1String(place))) continue;
      window.openDemo(QLatin1String(demo));
      if (QLatin1String(place) == QLatin1String("shed")) window.session().choosePart(QStringLiteral("room"));
      settle(window.scene().face());
      saved =
          shoot(window, folder.filePath(QStringLiteral("%1%2.png").arg(QLatin1String(place), name))) && saved;
      window.openDemo();
    }
    if (places.contains(QStringLiteral("begin"))) {
      window.visit(QStringLiteral("begin"));
      settle(window.place(QStringLiteral("begin")));
      saved = shoot(window, folder.filePath(QStringLiteral("begin%1.png").arg(name))) && saved;
    }
    if (places.contains(QStringLiteral("card"))) {
      window.openDemo(QStringLiteral("teaching-papers"));
      window.visit(QStringLiteral("card"));
      settle(window.card().view());
      for (const char* tab : {"cardTab-1", "lookAngle"})
        window.card().findChild<QPushButton*>(QLatin1String(tab))->click();
      settle(window.card().stack());
      saved = shoot(window, folder.filePath(QStringLiteral("card%1.png").arg(name))) && saved;
      window.openDemo();
    }
    if (places.contains(QStringLiteral("cutting")) || places.contains(QStringLiteral("many"))) {
      window.openDemo(QStringLiteral("towpath-finished"));
      if (window.drawerSession().index().cards().empty()) window.drawerSession().fillWithDemo();
      havlo::Plan ten = window.session().plan();
      ten.making.copies = 10, ten.making.rack = 6;
      ten.making.variations = {{"in ember", 3, {{"greeting", "", "ember", "", ""}}, ""}};
      window.session().edit(QStringLiteral("ten"), ten);
      settleOrder(window.session());
      window.visit(QStringLiteral("card"));
      for (const auto& [page, tab] : {std::pair{"cutting", "cardTab-2"}, {"many", "cardTab-3"}}) {
        if (!places.contains(QLatin1String(page))) continue;
        window.card().findChild<QPushButton*>(QLatin1String(tab))->click();
        settle(window.card());
        saved = shoot(window, folder.filePath(QLatin1String(page) + name + QStringLiteral(".png"))) && saved;
      }
      window.session().undoStack().undo();
      window.openDemo();
    }
    if (places.contains(QStringLiteral("drawer"))) {
      window.visit(QStringLiteral("drawer"));
      if (window.drawerSession().index().cards().empty()) window.drawerSession().fillWithDemo();
      window.drawer().shelf().choose("sample-hare");
      // The shelf draws some stamps at a time.
      for (int k = 0; k < 60; ++k) settle(window.drawer()), window.grab(), QThread::msleep(10);
      saved = shoot(window, folder.filePath(QStringLiteral("drawer%1.png").arg(name))) && saved;
    }
    if (places.contains(QStringLiteral("adding"))) {
      window.drawer().showAdding();
      window.drawer().addPage().trySample();
      settle(window.drawer());
      saved = shoot(window, folder.filePath(QStringLiteral("adding%1.png").arg(name))) && saved;
    }
    if (places.contains(QStringLiteral("masks"))) {
      window.visit(QStringLiteral("order"));
      settleOrder(window.session());
      window.order().showMasks();
      window.order().masks().choose("hare");
      settle(window.order().masks());
      saved = shoot(window, folder.filePath(QStringLiteral("masks%1.png").arg(name))) && saved;
      window.order().showSteps();
    }
    const auto page = [&](const char* place, auto prepare) {
      if (!places.contains(QLatin1String(place))) return;
      window.visit(QStringLiteral("order"));
      prepare();
      saved = shoot(window, folder.filePath(QLatin1String(place) + name + QStringLiteral(".png"))) && saved;
    };
    page("joins", [&] {
      settle(window.order());
      window.order().showPage(havlo::OrderPlace::Joins);
      settle(window.order().joins());
    });
    page("schools", [&] {
      settle(window.order());
      window.order().showPage(havlo::OrderPlace::Schools);
      settle(window.order().schools());
    });
    window.order().showSteps();
    if (places.contains(QStringLiteral("make"))) {
      // Into the middle of a card, at a stamping beside masks.
      double now = 1.8e9;
      window.making().clock = [&now] { return now; };
      window.visit(QStringLiteral("make"));
      window.make().begin();
      // The card is begun when its order has been found.
      for (int k = 0; k < 600 && !window.making().bench(); ++k)
        QThread::msleep(20), QCoreApplication::processEvents();
      if (!window.making().bench()) return;
      const auto& bench = window.making().bench();
      while (!bench->finished()) {
        const havlo::Step& step = bench->step(bench->at());
        if (step.what == havlo::Do::Stamp && step.masksOn.size() >= 3 && !bench->drying(now).empty()) break;
        window.make().stepDone();
        now += 25;
      }
      settle(window.make());
      window.make().tickTimers();
      saved = shoot(window, folder.filePath(QStringLiteral("make%1.png").arg(name))) && saved;
      window.making().forget(std::string(bench->record().id));
    }
    if (places.contains(QStringLiteral("log"))) {
      double now = 1.79e9;
      auto& log = static_cast<havlo::LogPlace&>(window.place(QStringLiteral("log")));
      const auto make = [&](const char* demo, double pace, const char* madeFor) {
        const std::string id = havlo::testing::makeCard(window, demo, now, pace, madeFor);
        window.visit(QStringLiteral("log"));
        log.show(id);
        log.hold({});
        for (int k = 0; k < 3000 && log.job()->running(); ++k)
          QThread::msleep(10), QCoreApplication::processEvents();
        return id;
      };
      make("teaching-crowd", 1.3, "Grete"), make("misty-fen", 1.2, "Bo");
      const std::string id = make("canal-towpath", 1.25, "Ada");
      window.log().change(id, [](havlo::LogEntry& e) { e.occasion = "birthday", e.sentTo = "Ada"; });
      window.log().putIdea({"1", "A crowd of ducks by the lock", false});
      settle(log);
      window.messages().clear();
      saved = shoot(window, folder.filePath(QStringLiteral("log%1.png").arg(name))) && saved;
      window.openDemo();
      window.messages().clear();  // what was said of the log belongs to no other picture
    }
    if (places.contains(QStringLiteral("colour"))) {
      window.visit(QStringLiteral("colour"));
      settle(window.colour().view());
      window.session().select(QStringLiteral("hare"));
      window.colour().view().lookAt(window.session().plan().indexOf("hare"));
      window.colour().colours().inks().choose(QStringLiteral("rowan"));
      settle(window.colour().view());
      settleLooks(window.session());
      saved = shoot(window, folder.filePath(QStringLiteral("colour%1.png").arg(name))) && saved;
    }
    const auto eye = [&](const char* place, const char* demo, auto prepare) {
      if (!places.contains(QLatin1String(place))) return;
      window.openDemo(QLatin1String(demo));
      window.visit(QStringLiteral("ink"));
      settleLooks(window.session());
      prepare();
      settle(window.ink().view());
      saved = shoot(window, folder.filePath(QLatin1String(place) + name + QStringLiteral(".png"))) && saved;
      window.openDemo();
    };
    eye("looks", "canal-towpath", [&] { window.ink().showPage(havlo::InkPlace::Looks); });
    eye("background", "canal-towpath", [&] {
      window.ink().showPage(havlo::InkPlace::Background);
      window.ink().background().choose(QStringLiteral("sky"));
    });
    eye("inks", "canal-towpath", [&] {
      window.ink().showPage(havlo::InkPlace::Colours);
      settle(window.ink().colours());
    });
    eye("greeting", "teaching-dull", [&] {
      window.ink().showPage(havlo::InkPlace::Greeting);
      window.ink().greeting().findPlace();
      settle(window.ink().greeting());
    });
    if (places.contains(QStringLiteral("reading"))) {
      window.openDemo(QStringLiteral("teaching-dull"));
      window.visit(QStringLiteral("scene"));
      settleLooks(window.session());
      settle(window.scene().face());
      saved = shoot(window, folder.filePath(QStringLiteral("reading%1.png").arg(name))) && saved;
      window.openDemo();
    }
    if (places.contains(QStringLiteral("arrange"))) {
      window.visit(QStringLiteral("arrange"));
      settle(window.arrange());
      saved = shoot(window, folder.filePath(QStringLiteral("arrange%1.png").arg(name))) && saved;
    }
    if (places.contains(QStringLiteral("scenes"))) {
      if (window.drawerSession().index().cards().empty()) window.drawerSession().fillWithDemo();
      window.visit(QStringLiteral("arrange"));
      window.arrange().choose(havlo::Asked::Scene);
      if (auto* hero = window.arrange().findChild<QComboBox*>(QStringLiteral("hero")))
        hero->setCurrentIndex(hero->findText(QStringLiteral("Heron")));
      window.arrange().ask();
      settle(window.arrange());
      saved = shoot(window, folder.filePath(QStringLiteral("scenes%1.png").arg(name))) && saved;
    }
    if (places.contains(QStringLiteral("practice"))) {
      window.visit(QStringLiteral("practice"));
      window.practice().drill(havlo::Drill::LayMask);
      settle(window.practice());
      havlo::LayPage& lay = window.practice().lay();
      lay.view().setLaying({{0.7, 0.4}, -1.5, {}});
      lay.give();
      settle(window.practice());
      saved = shoot(window, folder.filePath(QStringLiteral("practice%1.png").arg(name))) && saved;
    }
    if (!places.contains(QStringLiteral("order"))) return;
    window.visit(QStringLiteral("order"));
    settleOrder(window.session());
    settle(window.order());
    const havlo::AnalysisRef now = window.session().analysis();  // kept: a better order may take its place
    const auto& steps = now->sheet.steps;
    for (size_t k = 0; k < steps.size(); ++k)
      if (steps[k].what == havlo::Do::Stamp && steps[k].masksOn.size() >= 4) {
        window.order().strip().choose(window.order().strip().placeOf(static_cast<int>(k)));
        break;
      }
    saved = shoot(window, folder.filePath(QStringLiteral("order%1.png").arg(name))) && saved;
  };
  const auto list = [](const char* words) { return QString::fromLatin1(words).split(QLatin1Char(',')); };
  const QStringList all = list(
      "begin,card,drawer,adding,scene,masks,order,schools,cutting,many,looks,background,colour,arrange,"
      "scenes,make,"
      "log,practice,shed");
  const QStringList wanted = asked.size() > 1 ? asked[1].split(QLatin1Char(',')) : all;
  scene(parser.isSet(onDark), parser.value(larger).toDouble(), QString(), wanted);
  if (!usual) return saved ? 0 : 1;
  // On the dark ground only some.
  const auto again = [&](const char* which, bool dark, double text, const char* ending) {
    QStringList both;
    for (const QString& place : list(which))
      if (wanted.contains(place)) both << place;
    if (!both.isEmpty()) scene(dark, text, QString::fromLatin1(ending), both);
  };
  again("scene", true, 1.0, "-dark");
  return saved ? 0 : 1;
}
