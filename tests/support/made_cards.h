// Cards made from beginning to end in Make, by hands that take their time. For tests and pictures of the
// application.
#pragma once

#include <QCoreApplication>
#include <QThread>

#include "tests/support/known_window.h"

namespace havlo::testing {

/// Opens a demo, makes it step by step, each taking `pace` times what is foreseen, and hands it to the log.
/// @param now  the clock; it moves on
inline std::string makeCard(KnownWindow& window, const char* demo, double& now, double pace,
                            const char* madeFor) {
  window.openDemo(QLatin1String(demo));
  window.making().clock = [&now] { return now; };
  window.visit(QStringLiteral("make"));
  window.make().begin();
  // The card is begun when its order has been found.
  for (int k = 0; k < 3000 && !window.making().bench(); ++k)
    QThread::msleep(20), QCoreApplication::processEvents();
  if (!window.making().bench()) return {};
  const auto& bench = window.making().bench();
  while (!bench->finished()) {
    const Step& step = bench->step(bench->at());
    now += 60 * (step.minutes * pace + step.wait) + 1;
    window.making().done();
  }
  window.making().setMadeFor(QLatin1String(madeFor));
  now += 86400 * 6;
  return window.making().handToLog();
}

}  // namespace havlo::testing
