// Long trials of the window, each as long as wanted; the scripts beside this file start them.
//   window-trials kills N FOLDER      a window at work is killed at random moments, N times
//   window-trials pair SECONDS FOLDER two windows at work on one plan, one drawer and one log
//   window-trials monkey PLACE SECONDS FOLDER   keys and clicks at random
#include <fcntl.h>
#include <pthread.h>
#include <signal.h>
#include <sys/wait.h>
#include <time.h>
#include <unistd.h>

#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QLoggingCategory>
#include <QMouseEvent>
#include <QPointer>
#include <QPushButton>
#include <QSettings>
#include <QStandardPaths>
#include <QTest>
#include <QTimer>
#include <cstdlib>
#include <functional>
#include <random>

#include "core/edit/edits.h"
#include "io/drawer/drawer_file.h"
#include "io/drawer/drawer_store.h"
#include "io/files/plan_file.h"
#include "io/log/log_store.h"
#include "support/plans.h"
#include "support/window.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

constexpr unsigned kHang_s = 20;  // an act that takes so long ends the trial by a signal, if it had the time
constexpr double kSlow_s = 4;     // one that works so long is told
constexpr const char* kPlaces[] = {"card", "scene",  "order", "ink",     "colour",
                                   "make", "drawer", "log",   "arrange", "practice"};

/// What is said to be done, on the disk before the next act begins.
class Acks {
 public:
  explicit Acks(const QString& file)
      : m_file(::open(QFile::encodeName(file).constData(), O_WRONLY | O_CREAT | O_APPEND | O_DSYNC, 0600)) {}
  ~Acks() { ::close(m_file); }
  void say(const std::string& line) const {
    const std::string text = line + "\n";
    if (::write(m_file, text.data(), text.size()) < 0) std::_Exit(9);
  }

 private:
  int m_file;
};

struct Said {
  int edit = 0, saved = 0;
  std::vector<int> stamps, cards;
};
Said saidIn(const QString& file) {
  Said out;
  QFile f(file);
  if (!f.open(QIODevice::ReadOnly)) return out;
  for (const QByteArray& line : f.readAll().split('\n')) {
    const QList<QByteArray> words = line.split(' ');
    if (words.size() != 2) continue;
    const int n = words[1].toInt();
    if (words[0] == "edit") out.edit = std::max(out.edit, n);
    if (words[0] == "saved") out.saved = std::max(out.saved, n);
    if (words[0] == "stamp") out.stamps.push_back(n);
    if (words[0] == "card") out.cards.push_back(n);
  }
  return out;
}

int numberOf(const Plan& plan) { return QString::fromStdString(plan.notes).toInt(); }

/// A maker at work without end: acts at the pace of hands, in every place, each said once it is done.
/// @param who  apart from others at the same files
int live(const QString& folder, unsigned seed, int who) {
  KnownWindow window(folder + QStringLiteral("/rescue"));
  window.resize(1280, 800);
  window.show();
  PlanSession& session = window.session();
  const Acks acks(folder + QStringLiteral("/acks"));
  const QString mine = folder + QStringLiteral("/mine.havlo");
  // As the offer does: what is taken up is kept aside as well.
  const auto lost = session.rescue().lostWork();
  const bool taken = !lost.empty() && session.takeUp(lost.front(), openPlan(lost.front().file));
  if (taken) session.rescue().setAside(lost.front());
  if (!taken) {
    if (QFile::exists(mine))
      window.openFile(mine);
    else
      window.openDemo();
  }
  std::mt19937 random(seed);
  int next = std::max(saidIn(folder + QStringLiteral("/acks")).edit, numberOf(session.plan()));
  acks.say("ready 0");
  for (int act = 0;; ++act) {
    // A quick hand: what it does is written while it goes on to the next.
    QElapsedTimer pause;
    pause.start();
    do QCoreApplication::processEvents(QEventLoop::AllEvents, 10);
    while (pause.elapsed() < 150 + static_cast<int>(random() % 150));
    // First one of each that is looked for afterwards, then whatever comes.
    constexpr int kFirst[] = {0, 5, 6, 4, 7};
    const int kind =
        act < static_cast<int>(std::size(kFirst)) ? kFirst[act] : static_cast<int>(random() % 10);
    if (kind <= 3 && !session.plan().impressions.empty()) {
      Plan plan = session.plan();
      const std::string id = plan.impressions[random() % plan.impressions.size()].id;
      plan.notes = std::to_string(++next);
      // Typed in, or dragged: one act of many steps.
      const int steps = random() % 2 ? 1 : 2 + static_cast<int>(random() % 12);
      const QString key = steps > 1 ? QStringLiteral("drag %1").arg(next) : QString();
      for (int step = 0; step < steps; ++step) {
        const Point at = plan.impression(id)->at;
        plan = withFoot(plan, id, {at.x + (act % 2 ? 0.5 : -0.5), at.y}).value();
        session.edit(QStringLiteral("Move"), plan, key);
        if (step == 0) acks.say("edit " + std::to_string(next));
        if (steps > 1) QTest::qWait(15);
      }
    } else if (kind == 4 && who == 0) {
      const int n = numberOf(session.plan());
      if (session.saveAs(mine)) acks.say("saved " + std::to_string(n));
    } else if (kind == 5) {
      DrawerStamp s;
      s.stamp = slab("s", 10 + static_cast<double>(random() % 30), 20);
      const int n =
          who * 1'000'000 + static_cast<int>(saidIn(folder + QStringLiteral("/acks")).stamps.size());
      s.stamp.name = "stamp " + std::to_string(n);
      if (window.drawerSession().open() && !window.drawerSession().put(s).empty())
        acks.say("stamp " + std::to_string(n));
    } else if (kind == 6) {
      LogEntry e;
      const int n = who * 1'000'000 + static_cast<int>(saidIn(folder + QStringLiteral("/acks")).cards.size());
      e.id = "card-" + std::to_string(n), e.title = e.id, e.begun_s = 1.7e9, e.ended_s = 1.7e9 + 60;
      if (window.log().put(e)) acks.say("card " + std::to_string(n));
    } else if (kind == 7) {
      window.drawer().exportTo(folder + QStringLiteral("/packed-%1.zip").arg(who));
    } else if (kind == 8 && window.current() == QLatin1String("make") && !window.making().bench()) {
      window.make().begin();
    } else if (window.making().bench() && random() % 2) {
      window.making().done();
    } else {
      window.visit(QLatin1String(kPlaces[random() % std::size(kPlaces)]));
    }
  }
}

/// What was lost; empty: nothing. Opens everything as the next start would.
QString lostAfterKill(const QString& folder) {
  const Said said = saidIn(folder + QStringLiteral("/acks"));
  int newest = 0;
  const QString mine = folder + QStringLiteral("/mine.havlo");
  if (QFile::exists(mine)) {
    const auto plan = loadPlan(mine);
    if (!plan) return QStringLiteral("the plan is damaged: ") + QString::fromStdString(plan.error().message);
    if (numberOf(plan.value().plan) < said.saved) return QStringLiteral("what was saved is not in the file");
    newest = numberOf(plan.value().plan);
  } else if (said.saved > 0) {
    return QStringLiteral("the saved plan is gone");
  }
  for (const LostWork& work : Rescue(folder + QStringLiteral("/rescue")).lostWork()) {
    const auto plan = loadPlan(work.file);
    if (!plan) return QStringLiteral("a rescue copy is damaged");
    newest = std::max(newest, numberOf(plan.value().plan));
  }
  if (newest < said.edit - 1)
    return QStringLiteral("act %1 is the newest that is left of %2").arg(newest).arg(said.edit);
  const auto store = DrawerStore::open(folder + QStringLiteral("/drawer.sqlite"));
  if (!store) return QStringLiteral("the drawer does not open");
  if (!store.value()->notes().isEmpty()) return store.value()->notes().join(u' ');
  std::set<std::string> names;
  for (const DrawerCard& c : store.value()->cards()) names.insert(c.name);
  for (int n : said.stamps)
    if (!names.contains("stamp " + std::to_string(n))) return QStringLiteral("stamp %1 is gone").arg(n);
  const auto log = LogStore::open(folder);
  if (!log) return QStringLiteral("the log does not open");
  for (int n : said.cards)
    if (!log.value()->entry("card-" + std::to_string(n))) return QStringLiteral("card %1 is gone").arg(n);
  for (const QString& zip : QDir(folder).entryList({QStringLiteral("*.zip")}, QDir::Files))
    if (!importDrawer(folder + u'/' + zip)) return QStringLiteral("the packed drawer is damaged");
  return {};
}

pid_t started(const QString& folder, unsigned seed, int who) {
  const pid_t child = ::fork();
  if (child != 0) return child;
  const QByteArray me = QCoreApplication::applicationFilePath().toLocal8Bit(), where = folder.toLocal8Bit();
  const QByteArray number = QByteArray::number(seed), which = QByteArray::number(who);
  ::execl(me.constData(), me.constData(), "live", number.constData(), which.constData(), where.constData(),
          nullptr);
  std::_Exit(127);
}

bool isReady(const QString& folder, qsizetype wanted) {
  QFile f(folder + QStringLiteral("/acks"));
  return f.open(QIODevice::ReadOnly) && f.readAll().count("ready") >= wanted;
}

int kills(int times, const QString& folder) {
  QDir().mkpath(folder);
  std::mt19937 random(20261130);
  for (int k = 1; k <= times; ++k) {
    const pid_t child = started(folder, static_cast<unsigned>(k), 0);
    for (int n = 0; n < 3000 && !isReady(folder, k); ++n) {
      QThread::msleep(10);
      if (::waitpid(child, nullptr, WNOHANG) == child) {
        std::fprintf(stderr, "round %d: the window ended by itself\n", k);
        return 1;
      }
    }
    QThread::msleep(random() % 2000);
    ::kill(child, SIGKILL);
    int how = 0;
    ::waitpid(child, &how, 0);
    if (!WIFSIGNALED(how) || WTERMSIG(how) != SIGKILL) {
      std::fprintf(stderr, "round %d: the window ended by itself\n", k);
      return 1;
    }
    if (const QString lost = lostAfterKill(folder); !lost.isEmpty()) {
      std::fprintf(stderr, "round %d: %s\n", k, qPrintable(lost));
      return 1;
    }
    if (k % 50 == 0) std::printf("%d kills\n", k), std::fflush(stdout);
  }
  const Said said = saidIn(folder + QStringLiteral("/acks"));
  std::printf("%d kills; %d acts, %zu stamps, %zu cards: nothing lost but a last act\n", times, said.edit,
              said.stamps.size(), said.cards.size());
  // A trial in which nothing was done proves nothing.
  return said.edit > times / 2 && !said.stamps.empty() && !said.cards.empty() ? 0 : 1;
}

int pair(int seconds, const QString& folder) {
  QDir().mkpath(folder);
  const pid_t one = started(folder, 1, 0), other = started(folder, 2, 1);
  QThread::sleep(static_cast<unsigned long>(seconds));
  int ended = 0;
  for (const pid_t child : {one, other}) {
    ended += ::waitpid(child, nullptr, WNOHANG) == child;
    ::kill(child, SIGKILL);
    ::waitpid(child, nullptr, 0);
  }
  if (ended > 0) {
    std::fprintf(stderr, "a window ended by itself\n");
    return 1;
  }
  // Both count their own acts on copies of their own; what they share is drawer and log.
  const QString lost = lostAfterKill(folder);
  const Said said = saidIn(folder + QStringLiteral("/acks"));
  if (!lost.isEmpty()) {
    std::fprintf(stderr, "%s\n", qPrintable(lost));
    return 1;
  }
  const auto others = [](const std::vector<int>& all) {
    return std::count_if(all.begin(), all.end(), [](int n) { return n >= 1'000'000; });
  };
  std::printf("%d s: %zu stamps (%td of the other window), %zu cards (%td): nothing lost\n", seconds,
              said.stamps.size(), others(said.stamps), said.cards.size(), others(said.cards));
  return others(said.stamps) > 0 && others(said.cards) > 0 ? 0 : 1;
}

/// How long the act at hand has taken, by the clock and of the processor's time: on a machine with more to do
/// than it can, an act waits for its turn. A signal's handler reads it.
struct ActClock {
  clockid_t thread{};
  timespec began{};
  unsigned waited_s = 0;
} g_act;

double processorSeconds() {
  timespec now{};
  ::clock_gettime(g_act.thread, &now);
  return static_cast<double>(now.tv_sec - g_act.began.tv_sec) +
         1e-9 * static_cast<double>(now.tv_nsec - g_act.began.tv_nsec);
}

void beginAct() {
  g_act.waited_s = 0;
  ::clock_gettime(g_act.thread, &g_act.began);
  ::alarm(kHang_s);
}

/// Ends the trial, and the sanitizer says where it was: an act that had its time, or one that waits for
/// something that does not come.
void overdue(int) {
  constexpr unsigned kDead_s = 240;
  g_act.waited_s += kHang_s;
  if (processorSeconds() > kHang_s / 2.0 || g_act.waited_s >= kDead_s) std::abort();
  ::alarm(kHang_s);
}

/// Keys that are pressed by hands; none that leaves the window or opens a file of the machine.
int monkey(const QString& place, int seconds, const QString& folder) {
  QDir().mkpath(folder);
  ::pthread_getcpuclockid(::pthread_self(), &g_act.thread);
  ::signal(SIGALRM, overdue);
  KnownWindow window(folder + QStringLiteral("/rescue"));
  window.resize(1280, 800);
  window.openDemo();
  window.show();
  std::mt19937 random(static_cast<unsigned>(seconds) + static_cast<unsigned>(qHash(place)));
  const Qt::Key keys[] = {Qt::Key_Tab,      Qt::Key_Backtab, Qt::Key_Space,  Qt::Key_Return, Qt::Key_Up,
                          Qt::Key_Down,     Qt::Key_Left,    Qt::Key_Right,  Qt::Key_Home,   Qt::Key_End,
                          Qt::Key_PageDown, Qt::Key_PageUp,  Qt::Key_Delete, Qt::Key_Escape, Qt::Key_Plus,
                          Qt::Key_Minus,    Qt::Key_A,       Qt::Key_9,      Qt::Key_Z,      Qt::Key_Y,
                          Qt::Key_D,        Qt::Key_C,       Qt::Key_V};
  QGuiApplication::setQuitOnLastWindowClosed(false);
  QElapsedTimer clock;
  clock.start();
  double longest = 0;
  long acts = 0, closed = 0;
  int deep = 0;            // dialogs and menus run loops of their own, and are played with there
  bool breathing = false;  // with the button down
  QObject hands;
  std::function<void()> act = [&] {
    if (clock.elapsed() > seconds * 1000LL) {
      if (QWidget* on = QApplication::activePopupWidget() ? QApplication::activePopupWidget()
                                                          : QApplication::activeModalWidget())
        on->close();
      return QCoreApplication::exit();
    }
    beginAct();
    if (breathing) return QTimer::singleShot(20, &hands, act);
    QTimer::singleShot(0, &hands, act);  // by a new timer each: one that runs does not run within itself
    if (!window.isVisible() && deep == 0) ++closed, window.show();  // hands have closed it
    if (acts % 150 == 0) window.visit(place);
    if (acts % 2000 == 0) window.openDemo(QLatin1String(random() % 2 ? "teaching-papers" : "canal-towpath"));
    ++acts, ++deep;
    const long before = acts;
    QElapsedTimer one;
    one.start();
    QWidget* on = QApplication::activePopupWidget()   ? QApplication::activePopupWidget()
                  : QApplication::activeModalWidget() ? QApplication::activeModalWidget()
                                                      : static_cast<QWidget*>(&window);
    const auto within = [&](int size) {
      return static_cast<int>(random() % static_cast<unsigned>(std::max(1, size)));
    };
    QString what = QStringLiteral("closing");
    const auto nameOfWidget = [](const QWidget& w) {
      return QLatin1String(w.metaObject()->className()) + QLatin1Char(' ') + w.objectName();
    };
    const auto press = [&] {
      QWidget* focus = QApplication::focusWidget() ? QApplication::focusWidget() : on;
      const bool control = random() % 6 == 0;
      const Qt::Key key = keys[random() % std::size(keys)];
      what = QKeySequence(key).toString() +
             (control ? QStringLiteral(" with Ctrl on ") : QStringLiteral(" on ")) + nameOfWidget(*focus);
      QTest::keyClick(focus, key,
                      control             ? Qt::ControlModifier
                      : random() % 8 == 0 ? Qt::ShiftModifier
                                          : Qt::NoModifier);
    };
    if (on != &window && (deep > 6 || random() % 4 == 0)) {
      on->close();
    } else if (random() % 2) {
      press();
    } else {
      const QPoint at(within(on->width()), within(on->height()));
      QWidget* under = on->childAt(at) ? on->childAt(at) : on;
      const QPoint in = under->mapFrom(on, at);
      const auto button = random() % 8 == 0 ? Qt::RightButton : Qt::LeftButton;
      const QPointer<QWidget> there = under;
      what = QStringLiteral("a click on ") + nameOfWidget(*under);
      QTest::mousePress(under, button, {}, in);
      // Dragged, now and then with a key pressed or a breath taken while the button is down.
      const QPointer<QWidget> still = on;
      for (int steps = random() % 5 == 0 ? 1 + within(6) : 0; there && still && steps > 0; --steps) {
        const QPoint to = in + QPoint(within(160) - 80, within(160) - 80);
        QMouseEvent move(QEvent::MouseMove, to, there->mapToGlobal(to), Qt::NoButton, button, {});
        QApplication::sendEvent(there, &move);
        if (there && still && random() % 6 == 0) press();
        if (random() % 8 != 0) continue;
        breathing = true;
        QTest::qWait(random() % 2 ? 10 : 150);
        breathing = false;
      }
      if (there) QTest::mouseRelease(there, button, {}, in);
    }
    --deep;
    if (acts != before) return;  // others were done in a dialog meanwhile
    const double worked_s = processorSeconds();
    longest = std::max(longest, worked_s);
    if (worked_s > kSlow_s || one.elapsed() > 1000 * kHang_s)
      std::printf("%.1f s of the processor, %.1f s: %s\n", worked_s,
                  static_cast<double>(one.elapsed()) / 1000, qPrintable(what));
  };
  QTimer::singleShot(0, &hands, act);
  QCoreApplication::exec();
  ::alarm(0);
  const qint64 lasted_s = clock.elapsed() / 1000;
  std::printf("%s: %ld acts in %lld s, the longest %.1f s of the processor, closed %ld times\n",
              qPrintable(place), acts, lasted_s, longest, closed);
  return lasted_s >= seconds ? 0 : 1;
}

}  // namespace

int main(int argc, char** argv) {
  if (!qEnvironmentVariableIsSet("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
  QApplication application(argc, argv);
  QLoggingCategory::setFilterRules(QStringLiteral("*.debug=false"));
  prepareApplication();
  // Settings of its own, for each folder.
  const QStringList args = QCoreApplication::arguments();
  const QString what = args.value(1), folder = args.constLast();
  QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, folder + QStringLiteral("/settings"));
  if (what == QLatin1String("live") && args.size() == 5)
    return live(folder, args[2].toUInt(), args[3].toInt());
  if (what == QLatin1String("kills") && args.size() == 4) return kills(args[2].toInt(), folder);
  if (what == QLatin1String("pair") && args.size() == 4) return pair(args[2].toInt(), folder);
  if (what == QLatin1String("monkey") && args.size() == 5) return monkey(args[2], args[3].toInt(), folder);
  std::fprintf(stderr, "window-trials kills N FOLDER | pair SECONDS FOLDER | monkey PLACE SECONDS FOLDER\n");
  return 2;
}
