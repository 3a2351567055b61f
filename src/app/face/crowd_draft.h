// A crowd that is being laid: shown on the face before it is stamped. Knows no window.
#pragma once

#include <QObject>

#include "app/session/plan_session.h"
#include "core/viewpoint/crowd.h"

namespace havlo {

class CrowdDraft : public QObject {
  Q_OBJECT

 public:
  explicit CrowdDraft(PlanSession& session, QObject* parent = nullptr);

  bool active() const { return m_active; }
  /// What may be taken, and what is.
  const std::vector<StampRef>& offered() const { return m_offered; }
  bool takes(int offered) const { return m_takes[ix(offered)]; }
  const CrowdWish& wish() const { return m_wish; }
  const Result<CrowdPlan>& plan() const { return m_plan; }

  /// @param offered  all with a real height  @param taken  which of them to begin with
  void begin(std::vector<StampRef> offered, std::vector<bool> taken);
  void take(int offered, bool taken);
  void setCount(int count);
  void setRows(int rows);
  void drawAgain();
  /// Stamps it: one act; what was stamped is chosen. @return false, and said, if that cannot be done
  bool stamp();
  void leave();

 Q_SIGNALS:
  void changed();

 private:
  PlanSession& m_session;
  bool m_active = false;
  std::vector<StampRef> m_offered;
  std::vector<bool> m_takes;
  CrowdWish m_wish;
  Result<CrowdPlan> m_plan = CrowdPlan{};
  void lay();
};

}  // namespace havlo
