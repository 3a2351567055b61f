// What there is once and every place works with.
#pragma once

#include <memory>

#include "app/session/drawer_session.h"
#include "app/session/log_session.h"
#include "app/session/making_session.h"
#include "app/session/plan_session.h"
#include "io/art/svg_art.h"

namespace havlo {

struct Workshop {
  PlanSession& session;
  DrawerSession& drawer;
  MakingSession& making;
  LogSession& log;
  std::shared_ptr<SvgArt> art;
};

}  // namespace havlo
