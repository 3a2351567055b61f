// Which surface of the card is worked on: the front, the inside, the envelope. Shown only where there is a
// choice.
#pragma once

#include <QWidget>

#include "app/session/plan_session.h"

namespace havlo {

class KeyedRows;

class FaceBar : public QWidget {
  Q_OBJECT

 public:
  explicit FaceBar(PlanSession& session, QWidget* parent = nullptr);
  /// Whether the place on top works on one surface.
  void setWanted(bool wanted);

 private:
  PlanSession& m_session;
  KeyedRows* m_row;
  bool m_wanted = true;

  void refresh();
};

}  // namespace havlo
