// What was used is worked out on a worker from the drawer as it is; it is taken only by the maker's act.
#include "app/make/end_page.h"

#include <QCheckBox>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>
#include <algorithm>

#include "app/common/drawings.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "app/make/make_start.h"
#include "app/session/drawer_session.h"
#include "app/session/making_session.h"
#include "app/session/plan_session.h"
#include "core/card/card_sizes.h"
#include "core/making/masks_left.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"
#include "io/wording/stock_words.h"
#include "io/wording/work_words.h"

namespace havlo {
namespace {

/// One need may take of several goods.
QString rowOf(const UsedUp& use) {
  return QStringLiteral("%1/%2/%3/%4")
      .arg(static_cast<int>(use.need.what))
      .arg(QString::fromStdString(use.need.ink), QString::fromStdString(use.after.key))
      .arg(use.need.thickness_mm);
}

}  // namespace

EndPage::EndPage(PlanSession& session, MakingSession& making, DrawerSession& drawer, QWidget* parent)
    : QWidget(parent), m_session(session), m_making(making), m_drawer(drawer), m_job(new Job<Taken>(this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 8, 0, 0);
  column->setSpacing(10);
  setFocusPolicy(Qt::StrongFocus);
  column->addWidget(m_title = inkLabel({}, sizedFont(34, QFont::Bold), theme().ink, true));
  column->addWidget(m_words = inkLabel({}, sizedFont(18), theme().ink, true));
  m_madeFor = new QLineEdit;
  m_madeFor->setPlaceholderText(tr("For whom it is, if you want to remember"));
  m_madeFor->setAccessibleName(tr("For whom it is"));
  m_madeFor->setFont(sizedFont(16));
  column->addWidget(m_madeFor);
  column->addWidget(m_usedHead = inkLabel({}, sizedFont(18, QFont::DemiBold), theme().ink, true));
  m_used = new KeyedRows;
  m_used->grid()->setVerticalSpacing(6);
  m_used->grid()->setColumnStretch(1, 1);
  column->addWidget(rolled(m_used), 1);
  m_take = largeButton(tr("Take it off the stock"), 16);
  m_take->setObjectName(QStringLiteral("takeStock"));
  column->addWidget(m_take);
  m_keepMasks = largeButton(tr("Keep the masks in the drawer"), 16);
  column->addWidget(m_keepMasks);
  auto* log = largeButton(tr("Write it in the log"), 22);
  log->setObjectName(QStringLiteral("log"));
  column->addWidget(log);
  auto* back = drawnButton("act-undo", tr("Not yet: one step back"));
  back->setProperty("plain", true);
  column->addWidget(back, 0, Qt::AlignLeft);
  connect(m_take, &QPushButton::clicked, this, &EndPage::takeStock);
  connect(m_keepMasks, &QPushButton::clicked, this, &EndPage::keepMasks);
  connect(log, &QPushButton::clicked, this, &EndPage::logRequested);
  connect(back, &QPushButton::clicked, this, &EndPage::backRequested);
  connect(&drawer, &DrawerSession::changed, this, &EndPage::count);
  m_booked = QSettings().value(QStringLiteral("make/booked")).toStringList();
}

QString EndPage::madeFor() const { return m_madeFor->text(); }

void EndPage::show(bool part) {
  m_part = part;
  const Bench& b = *m_making.bench();
  const LogEntry e = logEntryOf(b);
  QString words =
      tr("It took %1; about %2 were foreseen.").arg(minutesWords(e.spent_min), minutesWords(e.planned_min));
  words += e.mishaps.empty()       ? tr(" Nothing went wrong.")
           : e.mishaps.size() == 1 ? tr(" One thing went wrong.")
                                   : tr(" %1 things went wrong.").arg(e.mishaps.size());
  int cut = 0;  // one over several things as well
  for (const Step& s : b.analysis().sheet.steps) cut += s.what == Do::CutMask && s.limit < 0;
  if (cut > 0) words += cut == 1 ? tr(" 1 mask was cut.") : tr(" %1 masks were cut.").arg(cut);
  m_title->setText(part ? tr("This part of the card is done") : tr("The card is done"));
  m_words->setText(words);
  m_madeFor->setText(QString::fromStdString(e.madeFor));
  m_keepMasks->setVisible(cut > 0);
  m_keepMasks->setEnabled(true);
  if (m_shown != e.id) m_leftOut.clear(), m_taken = {};
  m_shown = e.id;
  setFocus();  // one tap of the space bar too many does nothing
  count();
}

void EndPage::count() {
  const auto& bench = m_making.bench();
  const QString shown = QString::fromStdString(m_shown);
  if (m_booked.contains(shown) && putBack()) m_booked.removeAll(shown), keepBooked();
  // The inside and the envelope are counted with their card.
  const bool counts = bench && bench->finished() && !m_part && bench->record().id == m_shown;
  if (!counts || !m_drawer.open() || m_drawer.readOnly() ||
      m_booked.contains(QString::fromStdString(m_shown))) {
    m_taken = {};
    return fillUsed();
  }
  const UsualSize& size = usualCardSheets()[0];
  m_job->run(
      [plan = bench->record().plan, analysis = bench->analysisRef(), papers = m_drawer.papers(),
       goods = m_drawer.goods(), inks = m_drawer.inks(),
       usual =
           StockSheet{std::string(size.name), size.width_mm, size.height_mm, 1}](const Progress& progress) {
        Taken out;
        out.cuts = cutFromDrawer(*plan, papers, usual, 0, progress);
        std::erase_if(out.cuts, [](const DrawerCut& c) { return c.own.sheets.empty(); });
        out.goods = usedUp(needsOf(*plan, *analysis, {}, papers, goods), goods);
        // An ink of somebody else's drawer is none of the stock.
        std::erase_if(out.goods, [&](const UsedUp& use) {
          return use.before.key.empty() && std::none_of(inks.begin(), inks.end(), [&](const Ink& ink) {
                   return ink.id == use.need.ink;
                 });
        });
        return out;
      },
      [this](Taken taken) {
        m_taken = std::move(taken);
        // Cut for this card on the page of the papers already: not a second time by itself.
        if (m_drawer.papersCutFor(m_making.bench()->plan().title)) m_leftOut.insert(QStringLiteral("papers"));
        fillUsed();
      });
}

/// Also a card that is left here and taken up again another day is counted once.
void EndPage::keepBooked() {
  constexpr qsizetype kMost = 50;
  while (m_booked.size() > kMost) m_booked.removeFirst();
  QSettings().setValue(QStringLiteral("make/booked"), m_booked);
}

/// What was taken last stands in the drawer as before?
bool EndPage::putBack() const {
  const StockChange now = undoing(m_undo, m_drawer.papers(), m_drawer.goods());
  return !m_undo.empty() && now.goods == m_undo.goods && now.papers == m_undo.papers;
}

void EndPage::fillUsed() {
  m_used->begin();
  const auto row = [&](const QString& key, const QString& words) {
    m_used->next(key);
    auto* box = m_used->cell<QCheckBox>([this, key] {
      auto* made = new QCheckBox;
      connect(made, &QCheckBox::clicked, this, [this, key](bool on) {
        if (on) {
          m_leftOut.erase(key);
        } else {
          m_leftOut.insert(key);
        }
      });
      return made;
    });
    box->setAccessibleName(words);
    box->setChecked(wanted(key));
    m_used->label(words, sizedFont(15), theme().ink, true);
  };
  // What is counted comes before what is only measured.
  const auto goods = [&](bool counted) {
    for (const UsedUp& use : m_taken.goods)
      if (use.after.count.has_value() == counted) row(rowOf(use), usedUpWords(use, m_session.units()));
  };
  goods(true);
  if (!m_taken.cuts.empty()) {
    QStringList papers;
    for (const DrawerCut& cut : m_taken.cuts)
      papers << tr("%1 of %2")
                    .arg(sheetCountWords(static_cast<int>(cut.own.sheets.size())),
                         paperWords(cut.paper.name, cut.paper.colour, cut.paper.thickness_mm));
    row(QStringLiteral("papers"),
        m_drawer.papersCutFor(m_making.bench()->plan().title)
            ? tr("%1; sheets were cut and taken off already, on the page of the papers")
                  .arg(papers.join(QStringLiteral(", ")))
            : tr("%1; offcuts go into the drawer").arg(papers.join(QStringLiteral(", "))));
  }
  goods(false);
  if (std::any_of(m_taken.goods.begin(), m_taken.goods.end(),
                  [](const UsedUp& u) { return u.before.key.empty(); })) {
    m_used->next(QStringLiteral("from-now"));
    m_used->skip();
    m_used->label(tr("Inks are counted from now on. Call one low in the drawer when it is, and Havlo knows "
                     "what it bears."),
                  labelFont(), theme().soft, true);
  }
  m_used->end();
  const bool any = !m_taken.goods.empty() || !m_taken.cuts.empty();
  m_usedHead->setText(any ? tr("What it took of the stock")
                      : m_booked.contains(QString::fromStdString(m_shown))
                          ? tr("What it took is off the stock.")
                          : QString());
  m_usedHead->setVisible(!m_usedHead->text().isEmpty());
  m_take->setVisible(any);
}

void EndPage::takeStock() {
  StockChange change;
  std::vector<UsedUp> taken;
  for (const UsedUp& use : m_taken.goods)
    if (wanted(rowOf(use))) taken.push_back(use);
  for (const UsedUp& use : taken) {
    DrawerGood good = use.after;
    if (good.key.empty()) good.key = freshKey();
    // Two needs may take of one good: the last says what is left.
    std::erase_if(change.goods, [&](const DrawerGood& g) { return g.key == good.key; });
    change.goods.push_back(std::move(good));
  }
  if (wanted(QStringLiteral("papers")) && !m_taken.cuts.empty()) {
    auto [papers, offcuts] = cuttingUp(m_taken.cuts, m_drawer.papers());
    change.papers = std::move(papers.papers), change.papersGone = std::move(papers.papersGone);
  }
  if (change.empty()) return;
  m_undo = undoing(change, m_drawer.papers(), m_drawer.goods());
  const StockChange undo = m_undo;
  m_booked << QString::fromStdString(m_shown);
  if (!m_drawer.changeStock(change)) {
    m_booked.removeLast();
    return;
  }
  keepBooked();
  Q_EMIT stockTaken(tr("What the card took is off the stock."), undo);
}

void EndPage::keepMasks() {
  if (!m_making.bench() || !m_drawer.open()) return;
  const Bench& b = *m_making.bench();
  int kept = 0;
  for (const MaskLeft& mask : masksLeft(b)) {
    if (!mask.key.empty() && mask.uses < 1) m_drawer.removeMask(mask.key);
    const std::string stamp = m_drawer.keyOf(*b.plan().stamps[ix(mask.stamp)]);
    if (stamp.empty() || mask.uses < 1) continue;
    KeptMask keep;
    keep.key = mask.key.empty() ? b.record().id + ":" + mask.id : mask.key;
    keep.stamp = stamp;
    keep.usesLeft = mask.uses;
    keep.notes = b.plan().title;
    kept += m_drawer.putMask(keep);
  }
  m_keepMasks->setEnabled(false);
  Q_EMIT said(kept == 0
                  ? tr("No mask was worth keeping: they are worn, or their stamps are not in the drawer.")
              : kept == 1 ? tr("1 mask is kept in the drawer.")
                          : tr("%1 masks are kept in the drawer.").arg(kept));
}

}  // namespace havlo
