#include "app/session/chosen.h"

#include <utility>

namespace havlo {

const QString& Chosen::last() const {
  static const QString none;
  return m_all.isEmpty() ? none : m_all.last();
}

bool Chosen::set(const Plan& plan, const QStringList& ids) {
  QStringList now;
  for (const QString& id : ids)
    if (plan.indexOf(id.toStdString()) >= 0 && !now.contains(id)) now << id;
  return std::exchange(m_all, now) != now;
}

bool Chosen::toggle(const Plan& plan, const QString& id) {
  if (m_all.removeAll(id) > 0) return true;
  return set(plan, QStringList(m_all) << id);
}

bool Chosen::prune(const Plan& plan) { return set(plan, QStringList(m_all)); }

}  // namespace havlo
