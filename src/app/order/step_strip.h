// The strip of small pictures: the card after every step, masks hatched, one step chosen.
#pragma once

#include <QImage>
#include <QWidget>
#include <optional>
#include <vector>

#include "app/common/accessible_items.h"
#include "app/session/plan_session.h"
#include "core/making/step_groups.h"

namespace havlo {

class StepStrip : public QWidget, public ItemView {
  Q_OBJECT

 public:
  explicit StepStrip(PlanSession& session, QWidget* parent = nullptr);

  /// Shows the steps of a state. @param pictures  made from that state, one per step of its run sheet, or
  /// none yet
  void show(const PlanState& state, const std::vector<QImage>& pictures = {});
  const PlanState& shown() const { return m_shown; }
  int chosen() const { return m_chosen; }  ///< place in the strip
  void choose(int place);
  /// What is done in one go at a place of the strip; the place is one of it.
  const StepGroup& groupAt(int place) const { return m_groups[ix(place)]; }
  /// The last step of the run sheet at a place of the strip, or -1; and back from any of its steps.
  int stepAt(int place) const;
  int placeOf(int step) const;
  int count() const { return static_cast<int>(m_groups.size()); }
  /// How many steps all of them are.
  int stepCount() const { return m_groups.empty() ? 0 : m_groups.back().last; }
  QSize sizeHint() const override;
  QRect cellOf(int place) const;
  std::vector<ViewItem> items() const override;
  void takeItem(int item) override { choose(item); }

 Q_SIGNALS:
  void chosenChanged(int place);
  /// A stamping was taken to another place of the strip. @param before  place it is to go before
  void moved(int place, int before);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void mouseReleaseEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  void focusInEvent(QFocusEvent*) override { update(); }
  void focusOutEvent(QFocusEvent*) override { update(); }

 private:
  PlanSession& m_session;
  PlanState m_shown;
  std::vector<StepGroup> m_groups;  // of the run sheet, as shown
  std::vector<QImage> m_pictures;   // by place, at the size they are painted
  int m_chosen = 0;
  std::optional<QPointF> m_pressedAt;
  int m_dragTo = -1;  // place before which the dragged step would go, or -1

  bool movable(int place) const;

  QSize cellSize() const;
  QSize pictureSize() const;
};

}  // namespace havlo
