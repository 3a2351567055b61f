// One card a finding: mark, sentence, number, why, "show me", and the fix as a button.
#include "app/scene/reading_panel.h"

#include <QHBoxLayout>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <algorithm>

#include "app/common/form_rows.h"
#include "app/common/marks.h"
#include "core/edit/wash_edits.h"
#include "core/focus/looks.h"
#include "io/wording/focus_words.h"

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
  connect(&session, &PlanSession::looksChanged, this, &ReadingPanel::refresh);
  connect(&session, &PlanSession::foretoldChanged, this, &ReadingPanel::refresh);
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
    words << w.text + w.why + w.value + w.fix + (f.known ? u'k' : u'n');
  }
  for (const auto& told : m_session.foretold())
    words << (told ? QString::number(qRound(100 * told->share)) : QString());
  words << (m_showKnown ? QStringLiteral("shown") : QString());
  m_shown = a.findings;
  m_summary->setText(verdict(m_session.plan(), a));
  if (words == m_shownWords && m_scroll->widget()) return;  // nothing new to say: no flicker while dragging
  m_shownWords = words;
  auto* list = new QWidget;
  auto* column = new QVBoxLayout(list);
  column->setContentsMargins(0, 0, 4, 0);
  column->setSpacing(6);
  for (size_t k = 0; k < m_shown.size(); ++k)
    if (!m_shown[k].known) column->addWidget(card(m_shown[k], k));
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
  if (std::any_of(m_shown.begin(), m_shown.end(), [](const Finding& f) { return f.known; }))
    column->addWidget(knownList());
  column->addStretch(1);
  m_scroll->setWidget(list);
}

/// What the maker knows of: one line that opens.
QWidget* ReadingPanel::knownList() {
  auto* part = new QWidget;
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 6, 0, 0);
  column->setSpacing(3);
  const auto count = std::count_if(m_shown.begin(), m_shown.end(), [](const Finding& f) { return f.known; });
  auto* head =
      plainButton(count == 1 ? tr("One more that you know of") : tr("%1 more that you know of").arg(count));
  head->setObjectName(QStringLiteral("knownHead"));
  head->setCheckable(true);
  head->setChecked(m_showKnown);
  connect(
      head, &QPushButton::clicked, this,
      [this](bool on) {
        m_showKnown = on;
        refresh();
      },
      Qt::QueuedConnection);
  column->addWidget(head, 0, Qt::AlignLeft);
  if (!m_showKnown) return part;
  for (size_t k = 0; k < m_shown.size(); ++k) {
    if (!m_shown[k].known) continue;
    const FindingWords words =
        wordsOf(m_session.plan(), *m_session.analysis(), m_shown[k], m_session.units());
    auto* line = new QHBoxLayout;
    line->addWidget(inkLabel(words.text, labelFont(), theme().soft, true), 1);
    auto* back = plainButton(tr("Tell me again"));
    back->setObjectName(QStringLiteral("unknow-%1").arg(k));
    connect(
        back, &QPushButton::clicked, this,
        [this, k] {
          if (k >= m_shown.size()) return;
          const std::string kind(ruleOf(m_shown[k].kind).word);
          Plan plan = withoutKnown(m_session.plan(), kind, {});
          m_session.edit(tr("Tell me again"), withoutKnown(plan, kind, idsOf(m_shown[k])));
        },
        Qt::QueuedConnection);
    line->addWidget(back, 0, Qt::AlignTop);
    column->addLayout(line);
  }
  return part;
}

std::vector<std::string> ReadingPanel::idsOf(const Finding& finding) const {
  std::vector<std::string> ids;
  for (int i : finding.impressions) ids.push_back(m_session.plan().impressions[static_cast<size_t>(i)].id);
  return ids;
}

void ReadingPanel::know(size_t index, bool wholeRule) {
  if (index >= m_shown.size()) return;
  const Finding& f = m_shown[index];
  const FindingWords words = wordsOf(m_session.plan(), *m_session.analysis(), f, m_session.units());
  m_session.edit(tr("I know: %1").arg(words.text),
                 withKnown(m_session.plan(), std::string(ruleOf(f.kind).word),
                           wholeRule ? std::vector<std::string>() : idsOf(f)));
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
  const auto line = [&] {
    auto* row = new QHBoxLayout;
    row->setContentsMargins(18, 0, 0, 0);
    column->addLayout(row);
    return row;
  };
  if (!words.fix.isEmpty()) {
    auto* fix = new QPushButton(words.fix);
    fix->setObjectName(QStringLiteral("fix-%1").arg(index));
    fix->setCursor(Qt::PointingHandCursor);
    connect(
        fix, &QPushButton::clicked, this, [this, index] { applyFix(index); }, Qt::QueuedConnection);
    auto* row = line();
    row->addWidget(fix);
    row->addStretch(1);
  }
  QHBoxLayout* acts = line();
  if (!finding.impressions.empty()) {
    auto* show = plainButton(tr("Show me"));
    show->setObjectName(QStringLiteral("show-%1").arg(index));
    show->setCursor(Qt::PointingHandCursor);
    connect(show, &QPushButton::clicked, this, [this, things = finding.impressions] {
      m_session.select(
          QString::fromStdString(m_session.plan().impressions[static_cast<size_t>(things[0])].id));
      Q_EMIT showRequested(things);
    });
    acts->addWidget(show);
  }
  auto* know = plainButton(tr("I know"));
  know->setObjectName(QStringLiteral("know-%1").arg(index));
  know->setToolTip(tr("it stays in the reading, below the others"));
  auto* menu = new QMenu(know);
  menu->addAction(
      tr("This one I know"), this, [this, index] { this->know(index, false); }, Qt::QueuedConnection);
  menu->addAction(
      tr("On this card I know all of this kind"), this, [this, index] { this->know(index, true); },
      Qt::QueuedConnection);
  know->setMenu(menu);
  acts->addWidget(know);
  acts->addStretch(1);
  const auto& foretold = m_session.foretold();
  const auto& looks = m_session.analysis()->looks;
  if (index < foretold.size() && foretold[index] && looks && looks->hero >= 0 && finding.fix) {
    const int before = qRound(100 * looks->heroShare()), after = qRound(100 * foretold[index]->share);
    if (after != before) {
      auto* told = inkLabel(tr("Then the hero has %1 % of the pull instead of %2 %.").arg(after).arg(before),
                            labelFont(), after > before ? theme().green : theme().soft, true);
      told->setObjectName(QStringLiteral("foretold-%1").arg(index));
      told->setContentsMargins(22, 0, 0, 0);
      column->addWidget(told);
    }
  }
  return card;
}

void ReadingPanel::applyFix(size_t index) {
  if (index >= m_shown.size() || !m_shown[index].fix) return;
  const Finding finding = m_shown[index];
  const FindingWords words = wordsOf(m_session.plan(), *m_session.analysis(), finding, m_session.units());
  if (!finding.impressions.empty())
    m_session.select(
        QString::fromStdString(m_session.plan().impressions[static_cast<size_t>(finding.impressions[0])].id));
  m_session.edit(tr("%1 (%2)").arg(words.fix, words.text), applied(m_session.plan(), *finding.fix));
}

}  // namespace havlo
