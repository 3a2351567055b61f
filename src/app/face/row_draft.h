// A row that is being laid: shown on the face before it is stamped. Knows no window.
#pragma once

#include <QObject>

#include "app/session/plan_session.h"
#include "core/viewpoint/rows.h"

namespace havlo {

class RowDraft : public QObject {
  Q_OBJECT

 public:
  explicit RowDraft(PlanSession& session, QObject* parent = nullptr);

  bool active() const { return !m_wish.sizes.empty(); }
  const RowWish& wish() const { return m_wish; }
  /// What the wish gives in the present view.
  const Result<RowPlan>& plan() const { return m_plan; }
  bool falling() const { return m_falling; }

  /// @param sizes  printed sizes of one thing  @param from  foot of the nearest
  void begin(std::vector<StampRef> sizes, Point from, Point to);
  void setEnd(bool far, Point at);
  void setCount(int count);
  void setBalanced(bool balanced);
  void setFalling(bool falling);
  void setOnlySize(int size);  ///< -1: all of them
  /// Stamps it: one act. @return false, and said, if that cannot be done
  bool stamp();
  void leave();
  const std::vector<StampRef>& allSizes() const { return m_all; }

 Q_SIGNALS:
  void changed();

 private:
  PlanSession& m_session;
  std::vector<StampRef> m_all;
  RowWish m_wish;
  Result<RowPlan> m_plan = RowPlan{};
  bool m_falling = true;
  void lay();
};

}  // namespace havlo
