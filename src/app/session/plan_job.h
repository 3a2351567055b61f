// Slow work on the open plan: the result is delivered with the state it was made from, and only while that is
// still the open one.
#pragma once

#include "app/session/plan_session.h"

namespace havlo {

template <typename T>
class PlanJob : public Job<T> {
 public:
  PlanJob(PlanSession& session, QObject* parent) : Job<T>(parent), m_session(session) {}

  using Work = std::function<T(const PlanState&, const Progress&)>;
  using Deliver = std::function<void(const PlanState&, T)>;

  void run(Work work, Deliver deliver) {
    Job<T>::run([work = std::move(work), of = m_session.state()](const Progress& p) { return work(of, p); },
                [this, deliver = std::move(deliver), of = m_session.state()](T result) {
                  if (m_session.isNow(of)) deliver(of, std::move(result));
                });
  }

 private:
  PlanSession& m_session;
};

}  // namespace havlo
