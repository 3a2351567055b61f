// Lessons that are done, not read: each step says what to do, and the plan itself shows when it is done.
#pragma once

#include <QString>
#include <functional>
#include <vector>

#include "app/session/making_session.h"
#include "app/session/plan_session.h"

namespace havlo {

/// What a step can be told by.
struct LessonView {
  const PlanSession& session;
  const MakingSession& making;
  QString here;  ///< the place on top
};

struct LessonStep {
  QString todo;       ///< what to do, as one says it
  QString why;        ///< what it is good for
  QString place;      ///< where it is done
  QString part = {};  ///< of that place
  std::function<bool(const LessonView&)> done;
};

struct Lesson {
  QString id, title;
  std::function<Plan(const Plan& demo)> begin;  ///< the plan it starts from, of the demo's stamps and inks
  std::vector<LessonStep> steps;
  QString end;  ///< what has been learnt
};

/// All of them, in the order they are best taken.
std::vector<Lesson> allLessons();

}  // namespace havlo
