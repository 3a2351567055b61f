#include "app/session/job.h"

#include <sys/resource.h>
#include <unistd.h>

namespace havlo {

void JobBase::giveWay() {
  constexpr int kNice = 10;  // of 19: nine tenths of a shared core go to the window
  setpriority(PRIO_PROCESS, static_cast<id_t>(gettid()), kNice);
}

}  // namespace havlo
