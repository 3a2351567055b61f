// One card a finding: mark, sentence, number, why, "show me", and the fix as a button.
#include "app/scene/reading_panel.h"

#include <QHash>
#include <QPushButton>
#include <algorithm>

#include "app/common/accessible_items.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/marks.h"
#include "app/common/rolled.h"
#include "app/scene/finding_card.h"
#include "app/scene/mend_preview.h"
#include "core/edit/wash_edits.h"
#include "core/focus/looks.h"
#include "io/wording/focus_words.h"

namespace havlo {

ReadingPanel::ReadingPanel(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : SheetFrame(parent),
      m_session(session),
      m_art(std::move(art)),
      m_summary(inkLabel({}, bodyFont(), theme().ink, true)),
      m_rows(new KeyedRows) {
  setAccessibleName(tr("The reading"));
  box()->addWidget(inkLabel(tr("What the scene says"), headingFont(), theme().ink));
  box()->addWidget(m_summary);
  m_rows->grid()->setContentsMargins(0, 0, 4, 0);
  m_rows->grid()->setSpacing(6);
  m_rows->grid()->setColumnStretch(1, 1);
  box()->addWidget(rolled(m_rows), 1);
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
  if (m_session.handMoves()) return;  // nobody reads meanwhile, and rows that come and go would hold it up
  const Analysis& a = *m_session.scene();
  QStringList words;
  size_t cards = 0, more = 0;
  for (const Finding& f : a.findings) {
    const bool waits = f.style && f.kind != FindingKind::AsksStyle;
    if (!f.known && !waits && ++cards > m_most) {
      ++more;  // not put into words, let alone into a card: a full card has hundreds
      continue;
    }
    const FindingWords w = wordsOf(m_session.plan(), a, f, m_session.units());
    words << w.text + w.why + w.value + w.fix + (f.known ? u'k' : u'n');
  }
  words << QString::number(more);
  for (const auto& told : m_session.foretold())
    words << (told ? QString::number(qRound(100 * told->share)) : QString());
  words << (m_showKnown ? QStringLiteral("shown") : QString())
        << (m_session.mendsTried() ? QStringLiteral("tried") : QString());
  m_shown = a.findings;
  const QString summary = verdict(m_session.plan(), a);
  showText(m_summary, summary);
  if (m_session.scene()->looks)
    announce(m_summary, summary);     // what it has come to, not every pixel of a drag
  if (words == m_shownWords) return;  // nothing new to say: no flicker while dragging
  m_shownWords = words;
  m_rows->begin();
  QHash<QString, int> alike;  // the same rule may speak twice of the same things
  cards = 0;
  for (size_t k = 0; k < m_shown.size(); ++k) {
    if (m_shown[k].known) continue;
    const bool asks = m_shown[k].kind == FindingKind::AsksStyle;
    if (m_shown[k].style && !asks) continue;  // waits for the answer
    if (++cards > m_most) break;
    QString key = QString::fromUtf8(ruleOf(m_shown[k].kind).word.data());
    if (asks) key += QString::number(static_cast<int>(*m_shown[k].style));
    for (const std::string& id : idsOf(m_shown[k])) key += u' ' + QString::fromStdString(id);
    m_rows->next(key + QStringLiteral("#%1").arg(alike[key]++));
    m_rows->wide(2);
    showCard(*m_rows->cell<FindingCard>([] { return new FindingCard; }), k);
  }
  if (more > 0) {
    m_rows->next(QStringLiteral("more"));
    m_rows->wide(2);
    auto* rest = m_rows->cell<QPushButton>(
        [this] {
          auto* b = plainButton({});
          b->setObjectName(QStringLiteral("moreFindings"));
          connect(b, &QPushButton::clicked, this, [this] {
            m_most += kAtOnce;
            refresh();
          });
          return b;
        },
        Qt::AlignLeft);
    rest->setText(more == 1 ? tr("One more of less weight") : tr("%1 more of less weight").arg(more));
  }
  const auto fits = std::count_if(a.scale.begin(), a.scale.end(),
                                  [](const ScaleReading& r) { return r.verdict == ScaleVerdict::Fits; });
  if (fits > 0) {
    m_rows->next(QStringLiteral("fits"));
    m_rows->cell<MarkWidget>([] { return new MarkWidget(Mark::Fine, theme().green); }, Qt::AlignTop);
    m_rows->label(fits == 1 ? tr("One standing thing has its right size.")
                            : tr("%1 standing things have their right size.").arg(fits),
                  bodyFont(), theme().soft, true);
  }
  showKnown();
  m_rows->end();
}

/// What the maker knows of: one line that opens.
void ReadingPanel::showKnown() {
  const auto count = std::count_if(m_shown.begin(), m_shown.end(), [](const Finding& f) { return f.known; });
  if (count == 0) return;
  m_rows->next(QStringLiteral("known"));
  m_rows->wide(2);
  auto* head = m_rows->cell<QPushButton>(
      [this] {
        auto* b = plainButton({});
        b->setObjectName(QStringLiteral("knownHead"));
        b->setCheckable(true);
        connect(b, &QPushButton::clicked, this, [this](bool on) {
          m_showKnown = on;
          refresh();
        });
        return b;
      },
      Qt::AlignLeft);
  head->setText(count == 1 ? tr("One more that you know of") : tr("%1 more that you know of").arg(count));
  head->setChecked(m_showKnown);
  for (size_t k = 0; m_showKnown && k < m_shown.size(); ++k) {
    if (!m_shown[k].known) continue;
    m_rows->next(QStringLiteral("known-%1").arg(k));
    m_rows->wide(2);
    auto* line = m_rows->cell<KeyedRows>([] {
      auto* rows = new KeyedRows;
      rows->grid()->setColumnStretch(0, 1);
      return rows;
    });
    line->begin();
    line->next({});
    line->label(wordsOf(m_session.plan(), *m_session.scene(), m_shown[k], m_session.units()).text,
                labelFont(), theme().soft, true);
    line->cell<QPushButton>(
        [this, k] {
          auto* back = plainButton(tr("Tell me again"));
          back->setObjectName(QStringLiteral("unknow-%1").arg(k));
          connect(back, &QPushButton::clicked, this, [this, k] { tellAgain(k); });
          return back;
        },
        Qt::AlignTop);
    line->end(false);
  }
}

void ReadingPanel::tellAgain(size_t index) {
  if (index >= m_shown.size()) return;
  if (m_shown[index].kind == FindingKind::AsksStyle) return applyFix(index);
  const std::string kind(ruleOf(m_shown[index].kind).word);
  const Plan plan = withoutKnown(m_session.plan(), kind, {});
  m_session.edit(tr("Tell me again"), withoutKnown(plan, kind, idsOf(m_shown[index])));
}

std::vector<std::string> ReadingPanel::idsOf(const Finding& finding) const {
  std::vector<std::string> ids;
  for (int i : finding.impressions) ids.push_back(m_session.plan().impressions[ix(i)].id);
  return ids;
}

void ReadingPanel::know(size_t index, bool wholeRule) {
  if (index >= m_shown.size()) return;
  const Finding& f = m_shown[index];
  const FindingWords words = wordsOf(m_session.plan(), *m_session.scene(), f, m_session.units());
  m_session.edit(tr("I know: %1").arg(words.text),
                 withKnown(m_session.plan(), std::string(ruleOf(f.kind).word),
                           wholeRule ? std::vector<std::string>() : idsOf(f)));
}

void ReadingPanel::showCard(FindingCard& card, size_t index) {
  const Finding& finding = m_shown[index];
  const FindingWords words = wordsOf(m_session.plan(), *m_session.scene(), finding, m_session.units());
  const auto& foretold = m_session.foretold();
  const auto& looks = m_session.scene()->looks;
  QString told;
  bool better = false;
  if (index < foretold.size() && foretold[index] && looks && looks->hero >= 0 && finding.fix) {
    const int before = qRound(100 * looks->heroShare()), after = qRound(100 * foretold[index]->share);
    better = after > before;
    if (after != before)
      told = tr("Then the hero has %1 % of the pull instead of %2 %.").arg(after).arg(before);
  }
  if (card.fresh()) {
    connect(&card, &FindingCard::fixAsked, this, &ReadingPanel::applyFix);
    connect(&card, &FindingCard::insteadAsked, this, &ReadingPanel::applyInstead);
    connect(&card, &FindingCard::compareAsked, this, &ReadingPanel::compare);
    connect(&card, &FindingCard::showAsked, this, &ReadingPanel::showThings);
    connect(&card, &FindingCard::knowAsked, this, &ReadingPanel::know);
  }
  // What pulls at the eye is mended by what was seen to help; until that is known nothing is offered.
  Finding shown = finding;
  FindingWords said = words;
  if (ruleOf(finding.kind).when == Rule::When::WithLooks && !m_session.mendsTried())
    shown.fix.reset(), said.fix.clear();
  card.show(shown, said, index, told, better);
}

void ReadingPanel::showThings(size_t index) {
  if (index >= m_shown.size() || m_shown[index].impressions.empty()) return;
  const auto things = m_shown[index].impressions;
  m_session.select(QString::fromStdString(m_session.plan().impressions[ix(things[0])].id));
  Q_EMIT showRequested(things);
}

/// Both cards side by side, before anything is done.
void ReadingPanel::compare(size_t index) {
  if (index >= m_shown.size() || !m_shown[index].fix) return;
  const Finding finding = m_shown[index];
  const auto plan = m_session.snapshot();
  const FindingWords words = wordsOf(*plan, *m_session.scene(), finding, m_session.units());
  auto* preview = new MendPreview(plan, *finding.fix, tr("%1: %2").arg(words.text, words.fix), m_art, this);
  preview->setAttribute(Qt::WA_DeleteOnClose);
  connect(preview, &MendPreview::taken, this, [this, plan, words, fix = *finding.fix] {
    if (plan == m_session.snapshot())
      m_session.edit(tr("%1 (%2)").arg(words.fix, words.text), applied(m_session.plan(), fix));
  });
  preview->open();
}

void ReadingPanel::applyInstead(size_t index) {
  if (index >= m_shown.size() || !m_shown[index].instead) return;
  const Finding finding = m_shown[index];
  const FindingWords words = wordsOf(m_session.plan(), *m_session.scene(), finding, m_session.units());
  m_session.edit(tr("%1 (%2)").arg(words.instead, words.text), applied(m_session.plan(), *finding.instead));
}

void ReadingPanel::applyFix(size_t index) {
  if (index >= m_shown.size() || !m_shown[index].fix) return;
  const Finding finding = m_shown[index];
  const FindingWords words = wordsOf(m_session.plan(), *m_session.scene(), finding, m_session.units());
  if (!finding.impressions.empty())
    m_session.select(QString::fromStdString(m_session.plan().impressions[ix(finding.impressions[0])].id));
  m_session.edit(tr("%1 (%2)").arg(words.fix, words.text), applied(m_session.plan(), *finding.fix));
}

}  // namespace havlo
