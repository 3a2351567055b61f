// The window with its places by name, for tests, pictures and measurements; and waiting for what is at work.
#pragma once

#include <QCoreApplication>
#include <QPointer>
#include <QThread>
#include <algorithm>

#include "app/arrange/arrange_place.h"
#include "app/card/card_place.h"
#include "app/colour/colour_place.h"
#include "app/drawer/drawer_place.h"
#include "app/ink/ink_place.h"
#include "app/make/make_place.h"
#include "app/order/order_place.h"
#include "app/practice/practice_place.h"
#include "app/scene/scene_place.h"
#include "app/shell/errands.h"
#include "app/shell/filing.h"
#include "app/shell/main_window.h"

namespace havlo::testing {

/// Lets the event loop run until no job below `root` is at work. Jobs end by signals; only tests wait for
/// them.
inline void waitForJobs(QObject& root) {
  for (int quiet = 0; quiet < 3;) {
    QCoreApplication::processEvents();
    const QList<JobBase*> jobs = root.findChildren<JobBase*>();
    const auto found =
        std::find_if(jobs.begin(), jobs.end(), [](const JobBase* job) { return job->running(); });
    quiet = found != jobs.end() ? 0 : quiet + 1;
    // Until it has ended nobody need look through a whole window for others.
    for (const QPointer<JobBase> job = quiet ? nullptr : *found; job && job->running();) {
      QThread::msleep(1);
      QCoreApplication::processEvents();
    }
  }
}

/// Begins what a page would begin when it is looked at, and waits for it.
template <typename P>
void settle(P& page) {
  if constexpr (requires { page.beginWork(); }) page.beginWork();
  waitForJobs(page);
}

inline void settleOrder(PlanSession& session) {
  session.improveOrder();
  waitForJobs(session);
}
inline void settleLooks(PlanSession& session) {
  waitForJobs(session);
  session.foretellNow();
  waitForJobs(session);
}

class KnownWindow : public MainWindow {
 public:
  /// The demo's stamps are drawn once for all windows of a test.
  explicit KnownWindow(const QString& rescueFolder) : MainWindow(rescueFolder, drawnOnce()) {}
  CardPlace& card() { return as<CardPlace>("card"); }
  DrawerPlace& drawer() { return as<DrawerPlace>("drawer"); }
  ScenePlace& scene() { return as<ScenePlace>("scene"); }
  OrderPlace& order() { return as<OrderPlace>("order"); }
  InkPlace& ink() { return as<InkPlace>("ink"); }
  ColourPlace& colour() { return as<ColourPlace>("colour"); }
  MakePlace& make() { return as<MakePlace>("make"); }
  PracticePlace& practice() { return as<PracticePlace>("practice"); }
  ArrangePlace& arrange() { return as<ArrangePlace>("arrange"); }
  Printing& printing() { return errands().printing(); }
  Exporting& exporting() { return errands().exporting(); }
  void openDemo(const QString& name = QStringLiteral("canal-towpath")) { errands().openDemo(name); }
  void putOnCard(const QString& key) { errands().putOnCard(key); }
  void offerLostWork() { filing().offerLostWork(); }
  void waitForFiles() { waitForJobs(filing()); }
  /// @return whether the plan is open
  bool openFile(const QString& path) {
    const auto before = session().snapshot();
    filing().open(path);
    waitForJobs(filing());
    return session().snapshot() != before;
  }

 private:
  static std::shared_ptr<SvgArt> drawnOnce() {
    static const auto art = std::make_shared<SvgArt>();
    return art;
  }
  template <typename P>
  P& as(const char* id) {
    return static_cast<P&>(place(QLatin1String(id)));
  }
};

}  // namespace havlo::testing
