// What is chosen on the card, and what is held or hidden while working. A value; knows no window and is in no
// file.
#pragma once

#include <QSet>
#include <QStringList>

#include "core/edit/group_edits.h"

namespace havlo {

class Chosen {
 public:
  /// In the order they were chosen; impression ids.
  const QStringList& all() const { return m_all; }
  /// The one chosen last, which words and handles are about; empty: none.
  const QString& last() const;
  bool holds(const QString& id) const { return m_all.contains(id); }

  /// What the plan does not have is left out. @return whether that changed anything (both)
  bool set(const Plan& plan, const QStringList& ids);
  bool toggle(const Plan& plan, const QString& id);
  /// Forgets what the plan no longer has.
  bool prune(const Plan& plan);

 private:
  QStringList m_all;
};

/// Held things stay where they are, hidden ones are out of sight and out of reach on the face.
struct SetAside {
  QSet<QString> held, hidden;
  bool operator==(const SetAside&) const = default;
  bool isEmpty() const { return held.isEmpty() && hidden.isEmpty(); }
};

}  // namespace havlo
