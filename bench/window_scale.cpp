// How the window bears much: a drawer of many stamps, a log of many cards, a card of many impressions with
// blends and colourings. Every place visited until it is painted, then moved by hand, each step until it is
// painted.
//   build-bench/bench/window-scale [STAMPS CARDS IMPRESSIONS [PLACE]]
// With no impressions the card is the demo.
#include <sys/resource.h>

#include <QElapsedTimer>
#include <QFile>
#include <QLineEdit>
#include <QScrollBar>
#include <QThread>
#include <algorithm>
#include <cstdio>

#include "app/common/choice_list.h"
#include "core/edit/edits.h"
#include "io/drawer/drawer_file.h"
#include "io/log/log_store.h"
#include "support/dense_card.h"
#include "support/window.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

long most_mb() {
  rusage use{};
  getrusage(RUSAGE_SELF, &use);
  return use.ru_maxrss / 1024;
}

void fillDrawer(const QString& file, int stamps) {
  WholeDrawer drawer = importDrawer(QStringLiteral(HAVLO_SOURCE_DIR "/data/demo/canal-drawer.zip")).value();
  const std::vector<DrawerStamp> some = std::move(drawer.stamps);
  drawer.stamps.clear(), drawer.masks.clear(), drawer.sets.clear();  // which belong to those
  for (size_t k = 0; k < static_cast<size_t>(stamps); ++k) {
    DrawerStamp one = some[k % some.size()];
    one.card.key = "many-" + std::to_string(k);
    one.stamp.name += " " + std::to_string(k / some.size() + 1);
    drawer.stamps.push_back(agreed(std::move(one)));
  }
  const auto store = DrawerStore::open(file);
  const auto done = store ? store.value()->putAll(drawer) : Result<Done>(Error(store.error()));
  if (!done) std::fprintf(stderr, "the drawer was not filled: %s%s\n", "", done.error().text().c_str());
}

void fillLog(const QString& folder, int cards) {
  QFile lines(folder + QStringLiteral("/log.jsonl"));
  if (!lines.open(QIODevice::WriteOnly)) return;
  for (int k = 0; k < cards; ++k) {
    LogEntry e;
    e.id = "card-" + std::to_string(k), e.title = k % 7 ? "Up you go" : "By the mere";
    e.madeFor = k % 3 ? "Ada" : "Grete", e.shows = {"Hare", "Kite"}, e.inks = {"Soot"};
    e.begun_s = 1.5e9 + 20000.0 * k, e.ended_s = e.begun_s + 3600, e.planned_min = 60, e.spent_min = 70;
    for (int p = 0; p < 12; ++p) {
      LogEntry::Print print;
      print.impression = print.stamp = "hare", print.ink = "Soot", print.state = "asPlanned";
      print.by = {0.1, 0.2}, print.bySd_mm = 0.03, print.turnSd_deg = 0.05;
      e.prints.push_back(print);
    }
    lines.write(lineOf(e) + '\n');
  }
}

/// What waits is done, and what it changed painted.
void paint(QWidget& window) {
  QCoreApplication::processEvents();
  QCoreApplication::sendPostedEvents();
  QEvent changed(QEvent::UpdateRequest);
  QCoreApplication::sendEvent(&window, &changed);
}

void say(const char* what, std::vector<double> ms) {
  std::sort(ms.begin(), ms.end());
  std::printf("  %-34s p50 %6.1f ms, p95 %6.1f ms, longest %6.1f ms\n", what, ms[ms.size() / 2],
              ms[ms.size() * 95 / 100], ms.back());
}

/// Of the window's own thread.
double processor_ms() {
  timespec t{};
  clock_gettime(CLOCK_THREAD_CPUTIME_ID, &t);
  return 1e3 * static_cast<double>(t.tv_sec) + 1e-6 * static_cast<double>(t.tv_nsec);
}

double ms(const QElapsedTimer& clock) { return static_cast<double>(clock.nsecsElapsed()) / 1e6; }

/// What a hand does in two seconds: a step at each frame of sixty a second. A step counts from the moment it
/// is due until what it holds is painted where it is now, so that one that comes late because of what is done
/// beside it bears that too; the work of a frame is all that the window's own thread does until the next one
/// is due, views beside the hand among it.
void drag(KnownWindow& window, QWidget& on, QPoint from, QPoint by, const char* what) {
  constexpr int kSteps = 120;
  constexpr double kFrame_ms = 1000.0 / 60;
  QTest::mousePress(&on, Qt::LeftButton, {}, from);
  paint(window);
  std::vector<double> each, own;
  QElapsedTimer clock;
  clock.start();
  double before = processor_ms();
  for (int k = 1; k <= kSteps; ++k) {
    const double due = k * kFrame_ms;
    while (ms(clock) < due) {
      QCoreApplication::processEvents();
      if (ms(clock) < due) QThread::usleep(200);
    }
    const double now = processor_ms();
    if (k > 1) own.push_back(now - before);
    before = now;
    QTest::mouseMove(&on, from + by * k / kSteps);
    QEvent changed(QEvent::UpdateRequest);
    QCoreApplication::sendEvent(&window, &changed);
    each.push_back(ms(clock) - due);
  }
  QTest::mouseRelease(&on, Qt::LeftButton, {}, from + by);
  const auto kept = std::count_if(each.begin(), each.end(), [](double t) { return t <= kFrame_ms; });
  say(what, each);
  say("  the window's work of a frame", own);
  std::printf("    within a frame %.0f of 100\n", 100.0 * static_cast<double>(kept) / kSteps);
}

/// What the whole scene hangs on; a card without a viewpoint gets one.
void dragScene(KnownWindow& window) {
  Plan plan = window.session().plan();
  const double width = plan.card.panel.width_mm, height = plan.card.panel.height_mm;
  if (!plan.view) plan.view = View{}, plan.view->horizon_mm = 0.4 * height;
  if (!plan.light) plan.light = Light{};
  plan.light->at = Point{0.8 * width, 0.8 * height};
  window.session().edit(QStringLiteral("View and light"), plan);
  waitForJobs(window);
  FaceView& face = window.scene().face();
  const FaceGeometry g = face.geometryNow();
  drag(window, face, g.toPixels(*plan.light->at).toPoint(), {30, -30}, "the light dragged");
  waitForJobs(window);
  drag(window, face, QPointF(g.face().right() + 9, g.toPixels({0, plan.view->horizon_mm}).y()).toPoint(),
       {0, -30}, "the horizon dragged");
  waitForJobs(window);
}

/// Each stamp of the card put on it once, where the program finds room, until the card is painted with it;
/// then taken back.
void putOn(KnownWindow& window) {
  std::vector<double> each;
  const std::vector<StampRef> stamps = window.session().plan().stamps;
  for (size_t k = 0; k < std::min<size_t>(12, stamps.size()); ++k) {
    QElapsedTimer clock;
    clock.start();
    window.scene().addStamp(QString::fromStdString(stamps[k]->id));
    paint(window);
    each.push_back(ms(clock));
    waitForJobs(window);
    window.session().undoStack().undo();
    waitForJobs(window);
  }
  say("a stamp put on", each);
}

void roll(KnownWindow& window, QAbstractScrollArea& area, Qt::Orientation way, const char* what) {
  QScrollBar* bar = way == Qt::Vertical ? area.verticalScrollBar() : area.horizontalScrollBar();
  std::vector<double> each;
  for (int k = 1; k <= 60; ++k) {
    QElapsedTimer clock;
    clock.start();
    bar->setValue(bar->minimum() +
                  static_cast<int>(static_cast<qint64>(bar->maximum() - bar->minimum()) * k / 60));
    paint(window);
    each.push_back(ms(clock));
  }
  say(what, each);
}

void type(KnownWindow& window, QLineEdit& search, const QString& word, const char* what) {
  std::vector<double> each;
  for (const QChar c : word) {
    QElapsedTimer clock;
    clock.start();
    QTest::keyClicks(&search, QString(c));
    paint(window);
    each.push_back(ms(clock));
  }
  say(what, each);
  search.clear();
}

}  // namespace

int main(int argc, char** argv) {
  qputenv("QT_QPA_PLATFORM", "offscreen");
  QApplication application(argc, argv);
  prepareApplication();
  std::setvbuf(stdout, nullptr, _IOLBF, 0);
  const int stamps = argc > 1 ? std::atoi(argv[1]) : 20000, cards = argc > 2 ? std::atoi(argv[2]) : 10000,
            impressions = argc > 3 ? std::atoi(argv[3]) : 400;
  const QTemporaryDir folder;
  fillDrawer(folder.filePath(QStringLiteral("drawer.sqlite")), stamps);
  fillLog(folder.path(), cards);
  std::printf("%d stamps, %d cards, %d impressions; filled, %ld MB\n", stamps, cards, impressions, most_mb());
  QElapsedTimer clock;
  clock.start();
  KnownWindow window(folder.filePath(QStringLiteral("rescue")));
  std::printf("window made %.0f ms\n", ms(clock));
  window.session().setUnits(MeasureStyle::Millimetres);
  window.resize(1280, 800);
  window.show();
  paint(window);
  clock.restart();
  if (impressions > 0) {
    window.session().start(denseCard(impressions));
  } else {
    window.openDemo();
  }
  paint(window);
  std::printf("card opened and painted %.0f ms, %ld MB\n", ms(clock), most_mb());
  waitForJobs(window);
  for (const char* id : {"scene", "card", "drawer", "order", "ink", "colour", "make", "log", "practice"}) {
    if (argc > 4 && QLatin1String(argv[4]) != QLatin1String(id)) continue;
    clock.restart();
    window.visit(QLatin1String(id));
    paint(window);
    const double first = ms(clock);
    clock.restart();
    waitForJobs(window);
    const double done = ms(clock);
    window.visit(QStringLiteral("practice"));
    paint(window);
    clock.restart();
    window.visit(QLatin1String(id));
    paint(window);
    std::printf("%-9s painted %6.0f ms, again %6.0f ms; its jobs %6.0f ms, %ld MB\n", id, first, ms(clock),
                done, most_mb());
    if (QLatin1String(id) == QLatin1String("scene")) {
      const Plan& plan = window.session().plan();
      const Impression& i = plan.impressions[plan.impressions.size() / 2];
      FaceView& face = window.scene().face();
      window.session().select(QString::fromStdString(i.id));
      const QPoint at =
          face.geometryNow().toPixels(placingOf(i, *plan.stamp(i.stamp)).toPanel({0, 5})).toPoint();
      drag(window, face, at, {60, 30}, "a thing dragged");
      waitForJobs(window);
      putOn(window);
      dragScene(window);
    }
    Place& place = window.place(QLatin1String(id));
    for (auto* list : place.findChildren<ChoiceList*>())
      if (list->isVisible() && list->count() > 1000)
        roll(window, *list, Qt::Vertical, qPrintable(list->objectName() + QStringLiteral(" rolled")));
    for (auto* search : place.findChildren<QLineEdit*>())
      if (search->isVisible() && search->objectName().contains(QLatin1String("search"), Qt::CaseInsensitive))
        type(window, *search, QStringLiteral("mere"), "a letter typed in its search");
    waitForJobs(window);
  }
  std::printf("most memory %ld MB\n", most_mb());
  return 0;
}
