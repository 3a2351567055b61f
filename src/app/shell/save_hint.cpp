#include "app/shell/save_hint.h"

#include <QUndoStack>

#include "app/session/plan_session.h"
#include "app/shell/filing.h"

namespace havlo {

void SaveHint::refresh(MessageBar& messages, bool quiet) {
  constexpr int kAfter = 12;  // changes
  const QString hint =
      tr("This card is in no file yet. What you do is kept beside, and offered again after a fall.");
  if (!m_session.path().isEmpty() || !m_session.isDirty()) {
    messages.takeBack(hint);
    m_told = false;
    return;
  }
  if (m_told || m_session.undoStack().index() < kAfter || quiet) return;
  m_told = true;
  messages.say(MessageBar::Kind::Notice, hint, {{tr("Save it"), [this] { m_filing.save(); }}});
}

}  // namespace havlo
