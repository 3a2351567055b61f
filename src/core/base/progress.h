// How slow work tells how far it is and learns that it should stop. Never touches an event loop.
#pragma once

#include <functional>
#include <stop_token>

namespace havlo {

/// `report` gets the share done, 0 to 1, on the working thread; both members may be empty.
struct Progress {
  std::stop_token stop;
  std::function<void(double)> report;

  bool stopped() const { return stop.stop_requested(); }
  void at(double share) const {
    if (report) report(share);
  }
};

}  // namespace havlo
