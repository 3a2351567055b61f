#include "app/face/crowd_draft.h"

#include "io/wording/error_words.h"

namespace havlo {

CrowdDraft::CrowdDraft(PlanSession& session, QObject* parent) : QObject(parent), m_session(session) {
  for (auto changed : {&PlanSession::planChanged, &PlanSession::sceneChanged})
    connect(&session, changed, this, [this] {
      if (m_active) lay();
    });
}

void CrowdDraft::lay() {
  const Plan& plan = m_session.plan();
  if (!plan.view) return leave();
  m_wish.stamps.clear();
  for (size_t k = 0; k < m_offered.size(); ++k)
    if (m_takes[k]) m_wish.stamps.push_back(m_offered[k]);
  m_plan = planCrowd(*plan.view, plan.card.panel, m_wish);
  Q_EMIT changed();
}

void CrowdDraft::begin(std::vector<StampRef> offered, std::vector<bool> taken) {
  m_offered = std::move(offered), m_takes = std::move(taken);
  m_wish = {};
  m_active = true;
  lay();
}

void CrowdDraft::take(int offered, bool taken) {
  m_takes[ix(offered)] = taken;
  lay();
}

void CrowdDraft::setCount(int count) {
  m_wish.count = count;
  lay();
}

void CrowdDraft::setRows(int rows) {
  m_wish.rows = rows;
  lay();
}

void CrowdDraft::drawAgain() {
  ++m_wish.seed;
  lay();
}

bool CrowdDraft::stamp() {
  if (!m_active) return false;
  const auto added =
      m_plan ? withCrowd(m_session.plan(), m_wish, m_plan.value()) : Result<Added>(m_plan.error());
  if (!added) {
    Q_EMIT m_session.trouble(errorWords(added.error()));
    return false;
  }
  const QString label = tr("A crowd of %1").arg(added.value().things.size());
  leave();  // before the plan changes, so that nothing is laid anew
  m_session.edit(label, added.value().plan);
  QStringList made;
  for (const std::string& id : added.value().things) made << QString::fromStdString(id);
  m_session.choose(made);
  return true;
}

void CrowdDraft::leave() {
  m_active = false;
  m_offered.clear(), m_takes.clear();
  m_wish = {};
  Q_EMIT changed();
}

}  // namespace havlo
