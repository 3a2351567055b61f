#include "app/order/proof_panel.h"

#include <QPushButton>

#include "app/common/drawings.h"
#include "app/common/flow_row.h"
#include "app/common/picture_box.h"
#include "app/session/plan_session.h"
#include "core/chain/fine_parts.h"
#include "io/art/svg_art.h"
#include "io/wording/names.h"
#include "io/wording/work_words.h"

namespace havlo {

ProofPanel::ProofPanel(PlanSession& session) : m_session(session) {
  m_title = inkLabel({}, headingFont(), theme().green);
  m_why = inkLabel({}, labelFont(), theme().soft, true);
  m_more = plainButton(tr("How much, and where"));
  m_more->setObjectName(QStringLiteral("proofMore"));
  m_figures = inkLabel({}, labelFont(), theme().soft, true);
  m_cut = plainButton(tr("Cut it all the same"));
  m_cut->setObjectName(QStringLiteral("cutFineParts"));
  m_over = plainButton(tr("Let the blends run over it"));
  m_over->setObjectName(QStringLiteral("blendsOverFineParts"));
  m_finished = new PictureBox;
  m_finished->setMinimumHeight(16);  // what is wrong is said whole before it is shown
  connect(m_more, &QPushButton::clicked, this, [this] { m_figures->setVisible(m_figures->isHidden()); });
  connect(m_cut, &QPushButton::clicked, this, [this] {
    if (m_of)
      m_session.edit(tr("Cut fine parts"), withFinePartsCut(m_session.plan(), *m_session.analysis(), *m_of));
  });
  connect(m_over, &QPushButton::clicked, this, [this] {
    if (m_of)
      m_session.edit(tr("Blend over fine parts"),
                     withBlendsOverFineParts(m_session.plan(), *m_session.analysis(), *m_of));
  });
  box()->addWidget(m_title);
  box()->addWidget(m_why);
  auto* ways = new FlowRow;
  for (QPushButton* b : {m_cut, m_over}) ways->addWidget(b);
  box()->addLayout(ways);
  box()->addWidget(m_more, 0, Qt::AlignLeft);
  box()->addWidget(m_figures);
  box()->addWidget(m_finished, 1);
}

void ProofPanel::show(const std::optional<Simulation>& simulation) {
  m_of = simulation;
  for (QWidget* w : {static_cast<QWidget*>(m_more), static_cast<QWidget*>(m_figures),
                     static_cast<QWidget*>(m_cut), static_cast<QWidget*>(m_over)})
    w->hide();
  if (!m_of) {
    setInk(m_title, theme().soft);
    m_title->setText(tr("Being simulated"));
    m_why->setText(tr("Every step is carried out on simulated paper and compared with what you planned."));
    m_finished->setPicture({});
    return;
  }
  std::vector<QPointF> marks;
  const PanelSize& panel = m_session.plan().card.panel;
  for (const Difference& d : m_of->worst)
    if (!d.explained && marks.size() < 5)
      marks.push_back({d.at.x / panel.width_mm, 1 - d.at.y / panel.height_mm});
  m_finished->setPicture(withPatterns(pictureOf(m_of->card), m_session.plan(), *m_session.analysis()), marks);
  setInk(m_title, m_of->proven ? theme().green : theme().madder);
  m_title->setText(m_of->proven ? tr("Proven") : tr("Not as planned"));
  if (m_of->proven) {
    showProven(*m_of);
  } else {
    showFaults(*m_of);
  }
}

void ProofPanel::showStopped() {
  m_title->setText(tr("Not simulated"));
  m_why->setText(tr("Stopped. It begins again with the next change, or when you come back to this place."));
}

void ProofPanel::showProven(const Simulation& s) {
  const bool exact = s.mismatch_mm2 < 0.05;
  m_why->setText(exact
                     ? tr("The simulated card equals what you planned.")
                     : tr("The simulated card equals what you planned, but for the hair a hand leaves along "
                          "masks."));
  m_figures->setText(exact ? QString() : capital(explainedWords(m_session.plan(), s, 5)) + u'.');
  m_more->setVisible(!exact);
}

void ProofPanel::showFaults(const Simulation& s) {
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.analysis();
  QStringList words;
  for (const Difference& d : s.worst)
    if (!d.explained && words.size() < 3) words << blameWords(plan, a, d);
  words.removeDuplicates();
  m_why->setText(tr("%1 mm² come out otherwise. ").arg(s.unexplained_mm2, 0, 'f', 1) + words.join(u' '));
  m_cut->setVisible(static_cast<bool>(withFinePartsCut(plan, a, s)));
  m_over->setVisible(static_cast<bool>(withBlendsOverFineParts(plan, a, s)));
}

}  // namespace havlo
