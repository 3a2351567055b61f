#include "app/face/handled.h"

#include "io/wording/group_words.h"

namespace havlo {

Ids handled(PlanSession& session) {
  Ids out = session.chosenIds();
  const QSet<QString>& held = session.aside().held;
  if (held.isEmpty() || out.empty()) return out;
  std::erase_if(out, [&](const std::string& id) { return held.contains(QString::fromStdString(id)); });
  if (out.empty())
    Q_EMIT session.notice(PlanSession::tr("%1 is held in place. Let it go first: Ctrl+H, or its menu.")
                              .arg(thingsLabel(session.plan(), session.chosenIndices())));
  return out;
}

}  // namespace havlo
