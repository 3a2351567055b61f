// One card a finding: mark, sentence, number, why, "show me", and the fix as a button.
#include "app/scene/reading_panel.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QScrollArea>
#include <algorithm>

#include "app/common/marks.h"
#include "io/wording/finding_words.h"

namespace havlo {

ReadingPanel::ReadingPanel(PlanSession& session, QWidget* parent)
    : SheetFrame(parent),
      m_session(session),
      m_summary(inkLabel({}, bodyFont(), theme().ink, true)),
      m_scroll(new QScrollArea) {
  setAccessibleName(tr("The reading"));
  box()->addWidget(inkLabel(tr("What the scene says"), headingFont(), theme().ink));
  box()->addWidget(m_summary);
  m_scroll->setWidgetResizable(true);
  m_scroll->setFrameShape(QFrame::NoFrame);
  m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  box()->addWidget(m_scroll, 1);
  connect(&session, &PlanSession::planChanged, this, &ReadingPanel::refresh);
  connect(&session, &PlanSession::unitsChanged, this, [this] {
    m_shownWords.clear();
    refresh();
  });
  refresh();
}

void ReadingPanel::refresh() {
  const Analysis& a = *m_session.analysis();
  QStringList words;
  for (const Finding& f : a.findings) {
    const FindingWords w = wordsOf(m_session.plan(), a, f, m_session.units());
    words << w.text + w.why + w.value + w.fix;
  }
  m_shown = a.findings;
  m_summary->setText(readingSummary(a));
  if (words == m_shownWords && m_scroll->widget()) return;  // nothing new to say: no flicker while dragging
  m_shownWords = words;
  auto* list = new QWidget;
  auto* column = new QVBoxLayout(list);
  column->setContentsMargins(0, 0, 4, 0);
  column->setSpacing(6);
  for (size_t k = 0; k < m_shown.size(); ++k) column->addWidget(card(m_shown[k], k));
  const size_t fits = static_cast<size_t>(std::count_if(
      a.scale.begin(), a.scale.end(), [](const ScaleReading& s) { return s.verdict == ScaleVerdict::Fits; }));
  if (fits > 0) {
    auto* row = new QHBoxLayout;
    row->addWidget(new MarkWidget(Mark::Fine, theme().green), 0, Qt::AlignTop);
    row->addWidget(inkLabel(fits == 1 ? tr("One standing thing has its right size.")
                                      : tr("%1 standing things have their right size.").arg(fits),
                            bodyFont(), theme().soft, true),
                   1);
    column->addLayout(row);
  }
  column->addStretch(1);
  m_scroll->setWidget(list);
}

QWidget* ReadingPanel::card(const Finding& finding, size_t index) {
  const FindingWords words = wordsOf(m_session.plan(), *m_session.analysis(), finding, m_session.units());
  auto* card = new QWidget;
  auto* column = new QVBoxLayout(card);
  column->setContentsMargins(0, 4, 0, 4);
  column->setSpacing(3);
  auto* head = new QHBoxLayout;
  head->addWidget(new MarkWidget(markOf(finding.level), colourOf(finding.level)), 0, Qt::AlignTop);
  head->addWidget(inkLabel(words.text, bodyFont(QFont::DemiBold), theme().ink, true), 1);
  head->addWidget(inkLabel(words.value, bodyFont(QFont::DemiBold), colourOf(finding.level)), 0, Qt::AlignTop);
  column->addLayout(head);
  auto* why = inkLabel(words.why, labelFont(), theme().soft, true);
  why->setContentsMargins(22, 0, 0, 0);
  column->addWidget(why);
  auto* acts = new QHBoxLayout;
  acts->setContentsMargins(18, 0, 0, 0);
  auto* show = new QPushButton(tr("Show me"));
  show->setProperty("plain", true);
  show->setObjectName(QStringLiteral("show-%1").arg(index));
  show->setCursor(Qt::PointingHandCursor);
  connect(show, &QPushButton::clicked, this, [this, things = finding.impressions] {
    m_session.select(QString::fromStdString(m_session.plan().impressions[static_cast<size_t>(things[0])].id));
    Q_EMIT showRequested(things);
  });
  acts->addWidget(show);
  if (!words.fix.isEmpty()) {
    auto* fix = new QPushButton(words.fix);
    fix->setObjectName(QStringLiteral("fix-%1").arg(index));
    fix->setCursor(Qt::PointingHandCursor);
    connect(
        fix, &QPushButton::clicked, this, [this, index] { applyFix(index); }, Qt::QueuedConnection);
    acts->addWidget(fix);
  }
  acts->addStretch(1);
  column->addLayout(acts);
  return card;
}

void ReadingPanel::applyFix(size_t index) {
  if (index >= m_shown.size() || !m_shown[index].fix) return;
  const Finding finding = m_shown[index];
  const FindingWords words = wordsOf(m_session.plan(), *m_session.analysis(), finding, m_session.units());
  m_session.select(
      QString::fromStdString(m_session.plan().impressions[static_cast<size_t>(finding.impressions[0])].id));
  m_session.edit(tr("%1 (%2)").arg(words.fix, words.text), applied(m_session.plan(), *finding.fix));
}

}  // namespace havlo
