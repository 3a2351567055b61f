#include "app/face/row_draft.h"

#include "core/edit/view_edits.h"
#include "io/wording/error_words.h"
#include "io/wording/names.h"

namespace havlo {

RowDraft::RowDraft(PlanSession& session, QObject* parent) : QObject(parent), m_session(session) {
  for (auto changed : {&PlanSession::planChanged, &PlanSession::sceneChanged})
    connect(&session, changed, this, [this] {
      if (active()) lay();
    });
}

void RowDraft::lay() {
  const Plan& plan = m_session.plan();
  if (!plan.view) return leave();
  m_plan = planRow(*plan.view, plan.card.panel, m_wish);
  Q_EMIT changed();
}

void RowDraft::begin(std::vector<StampRef> sizes, Point from, Point to) {
  m_all = sizes;
  m_wish = {};
  m_wish.sizes = std::move(sizes);
  m_wish.from = from, m_wish.to = to;
  lay();
}

void RowDraft::setEnd(bool far, Point at) {
  (far ? m_wish.to : m_wish.from) = at;
  lay();
}

void RowDraft::setCount(int count) {
  m_wish.count = count;
  lay();
}

void RowDraft::setBalanced(bool balanced) {
  m_wish.balanced = balanced;
  lay();
}

void RowDraft::setFalling(bool falling) {
  m_falling = falling;
  Q_EMIT changed();
}

void RowDraft::setOnlySize(int size) {
  m_wish.sizes = size < 0 ? m_all : std::vector<StampRef>{m_all[ix(size)]};
  lay();
}

bool RowDraft::stamp() {
  if (!active()) return false;
  if (!m_plan) {
    Q_EMIT m_session.trouble(errorWords(m_plan.error()));
    return false;
  }
  const auto after = withRow(m_session.plan(), m_wish, m_plan.value(), m_falling);
  const QString label = tr("A row of %1").arg(stampName(*m_wish.sizes[0]));
  const bool done = bool(after);
  if (done) leave();  // before the plan changes, so that nothing is laid anew
  m_session.edit(label, after);
  return done;
}

void RowDraft::leave() {
  m_wish = {};
  m_all.clear();
  Q_EMIT changed();
}

}  // namespace havlo
