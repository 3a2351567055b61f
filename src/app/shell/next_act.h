// Until a first card is in the log one next act is always in sight.
#pragma once

#include <QObject>
#include <optional>

#include "app/shell/workshop.h"

namespace havlo {

struct NextAct {
  QString words;      ///< what is next, as a sentence
  QString act;        ///< on the button
  QString place;      ///< where it is done
  QString thing;      ///< to be chosen there; may be empty
  QString part = {};  ///< of the place; may be empty
};

/// A place that says something is wrong, as the trail says it.
struct PlaceInTrouble {
  QString place, title, words;
};

/// What brings a first card on, or nothing: at the table, and once a card is in the log.
/// @param here     the place on top
/// @param trouble  nothing is made before it is looked at
std::optional<NextAct> nextAct(const Workshop& workshop, const QString& here,
                               const std::optional<PlaceInTrouble>& trouble = {});

class StatusLine;

/// Shows it on the status line, and goes there when it is taken.
class NextSteps : public QObject {
  Q_OBJECT

 public:
  NextSteps(const Workshop& workshop, StatusLine* line, QObject* parent);
  /// As nextAct().
  void refresh(const QString& here, const std::optional<PlaceInTrouble>& trouble);

 Q_SIGNALS:
  void visitRequested(const QString& place, const QString& part);

 private:
  Workshop m_workshop;
  StatusLine* m_line;
  std::optional<NextAct> m_next;

  void take();
};

}  // namespace havlo
