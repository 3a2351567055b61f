#include "app/shell/status_line.h"

#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <algorithm>

#include "app/common/drawings.h"
#include "app/common/sheet_frame.h"
#include "app/session/plan_session.h"
#include "io/wording/finding_words.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"

namespace havlo {

QString wordsOfChosen(const PlanSession& session) {
  if (session.severalChosen())
    return StatusLine::tr("%1 things are chosen.").arg(session.chosen().all().size());
  const int i = session.selectedIndex();
  if (i < 0) return readingSummary(*session.scene());
  const Plan& plan = session.plan();
  const Point at = plan.impressions[ix(i)].at;
  const PanelSize& panel = plan.card.panel;
  return StatusLine::tr("%1: foot %2, %3.")
      .arg(labelOf(plan, i), alongWords(at.x, panel.width_mm, session.units(), true),
           upWords(at.y, panel.height_mm, session.units(), true));
}

StatusLine::StatusLine(QWidget* parent)
    : QStatusBar(parent),
      m_text(inkLabel({}, labelFont(), theme().ink)),
      m_next(inkLabel({}, bodyFont(), theme().ink)),
      m_act(new QPushButton),
      m_progress(new QProgressBar),
      m_stop(drawnButton("act-still", tr("Stop"))) {
  m_text->setContentsMargins(16, 0, 0, 4);
  m_progress->setFixedWidth(160);
  m_progress->hide();
  m_stop->hide();
  setSizeGripEnabled(false);
  m_act->setObjectName(QStringLiteral("nextAct"));
  m_next->hide(), m_act->hide();
  m_next->setContentsMargins(0, 0, 10, 4);
  setContentsMargins(0, 0, 12, 0);
  addWidget(m_text, 1);
  addPermanentWidget(m_next);
  addPermanentWidget(m_act);
  addPermanentWidget(m_progress);
  addPermanentWidget(m_stop);
  connect(m_act, &QPushButton::clicked, this, &StatusLine::offerTaken);
  connect(m_stop, &QPushButton::clicked, this, &StatusLine::stopRequested);
}

void StatusLine::say(const QString& text) {
  m_said = text;
  if (m_stop->isHidden()) m_text->setText(text);  // what is at work stands there
  fit();
}

/// Where both have no room, what is next is worth more; what is cut off of it is read under the pointer.
void StatusLine::fit() {
  if (m_words.isEmpty()) return;
  const auto wide = [](const QLabel* l, const QString& text) {
    return QFontMetrics(l->font()).horizontalAdvance(text) + 30;
  };
  const int act = m_act->isHidden() ? 0 : m_act->sizeHint().width() + 12;
  const bool both = wide(m_text, m_said) + wide(m_next, m_words) + act <= width();
  if (m_stop->isHidden()) m_text->setText(both ? m_said : QString());
  const int room = std::max(60, width() - act - 50);
  const QString shown =
      both ? m_words : QFontMetrics(m_next->font()).elidedText(m_words, Qt::ElideRight, room);
  m_next->setText(shown);
  m_next->setToolTip(shown == m_words ? QString() : m_words);
}

void StatusLine::resizeEvent(QResizeEvent* e) {
  QStatusBar::resizeEvent(e);
  fit();
}

void StatusLine::offer(const QString& words, const QString& act) {
  m_words = words;
  m_next->setText(words), m_act->setText(QString(act).replace(u'&', QStringLiteral("&&")));
  m_act->setAccessibleDescription(words);
  m_next->setVisible(!words.isEmpty()), m_act->setVisible(!words.isEmpty() && !act.isEmpty());
  if (words.isEmpty() && m_stop->isHidden()) m_text->setText(m_said);
  fit();
}

void StatusLine::busy(const QString& what) {
  m_text->setText(what);
  m_progress->setRange(0, 0);
  m_progress->show();
  m_stop->show();
}

void StatusLine::progressed(double share) {
  m_progress->setRange(0, 100);
  m_progress->setValue(qRound(100 * share));
}

void StatusLine::idle() {
  m_progress->hide();
  m_stop->hide();
  m_text->setText(m_said);
  fit();
}

void StatusLine::restyle() {
  m_text->setFont(labelFont());
  setInk(m_text, theme().ink);
  m_next->setFont(bodyFont());
  setInk(m_next, theme().ink);
}

}  // namespace havlo
