#include "app/card/cut_page.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/swatch.h"
#include "app/session/drawer_session.h"
#include "core/card/card_sizes.h"
#include "io/wording/names.h"
#include "io/wording/stock_words.h"

namespace havlo {

CutPage::CutPage(PlanSession& session, DrawerSession& drawer, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_drawer(drawer),
      m_job(new PlanJob<std::vector<DrawerCut>>(session, this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(6);
  column->addWidget(
      inkLabel(tr("All pieces of the card, or of all cards, out of the sheets and offcuts in the drawer."),
               labelFont(), theme().soft, true));
  auto* rows = new FormRows;
  m_usual = new QComboBox;
  m_usual->setObjectName(QStringLiteral("usualSheet"));
  for (const UsualSize& size : usualCardSheets())
    m_usual->addItem(QString::fromUtf8(size.name.data(), static_cast<qsizetype>(size.name.size())));
  m_usual->setCurrentIndex(std::max(0, m_usual->findText(QStringLiteral("A4"))));
  rows->add(tr("You buy"), m_usual)
      ->setToolTip(tr("the sheet that is bought when the drawer's do not reach"));
  m_kerf = new QDoubleSpinBox;
  m_kerf->setRange(0, 5);
  m_kerf->setSingleStep(0.5);
  m_kerf->setDecimals(1);
  m_kerf->setSuffix(tr(" mm"));
  m_kerf->setSpecialValueText(tr("nothing"));
  rows->add(tr("A cut loses"), m_kerf)->setToolTip(tr("a trimmer loses nothing; scissors want a little"));
  column->addWidget(rows);
  m_papers = new KeyedRows;
  m_papers->grid()->setContentsMargins(0, 4, 0, 0);
  m_papers->grid()->setSpacing(3);
  m_papers->grid()->setColumnStretch(0, 1);
  column->addWidget(m_papers);
  m_cutUp = drawnButton("do-cut", tr("It is cut: offcuts into the drawer"));
  m_cutUp->setObjectName(QStringLiteral("cutUp"));
  m_cutUp->setToolTip(
      tr("takes the sheets that were cut out of the drawer and puts what is left of them in"));
  m_print = drawnButton("act-print", tr("Print the cut list…"));
  m_print->setObjectName(QStringLiteral("printCutList"));
  column->addWidget(m_cutUp);
  column->addWidget(m_print);
  column->addStretch(1);
  connect(m_print, &QPushButton::clicked, this, &CutPage::printRequested);
  connect(m_cutUp, &QPushButton::clicked, this, &CutPage::cutItUp);
  connect(m_usual, &QComboBox::activated, this, &CutPage::stale);
  connect(m_kerf, &QDoubleSpinBox::valueChanged, this, &CutPage::stale);
  connect(&session, &PlanSession::planChanged, this, &CutPage::stale);
  connect(&session, &PlanSession::unitsChanged, this, &CutPage::show);
  connect(&drawer, &DrawerSession::changed, this, &CutPage::stale);
  show();
}

StockSheet CutPage::usual() const {
  const UsualSize& size = usualCardSheets()[ix(std::max(0, m_usual->currentIndex()))];
  return {std::string(size.name), size.width_mm, size.height_mm, 1};
}

void CutPage::stale() {
  m_stale = true;
  m_cutUp->setEnabled(false);  // what is shown is not what would be cut
  if (isVisible()) beginWork();
}

void CutPage::showEvent(QShowEvent*) { beginWork(); }

void CutPage::beginWork() {
  if (!m_stale) return;
  m_stale = false;
  m_job->run(
      [papers = m_drawer.papers(), usual = usual(), kerf = m_kerf->value()](const PlanState& state,
                                                                            const Progress& progress) {
        return cutFromDrawer(*state.plan, papers, usual, kerf, progress);
      },
      [this](const PlanState&, std::vector<DrawerCut> cuts) {
        m_cuts = std::move(cuts);
        m_chosen = m_cuts.empty() ? -1 : std::clamp(m_chosen, 0, static_cast<int>(m_cuts.size()) - 1);
        show();
      });
}

void CutPage::show() {
  m_papers->begin();
  for (size_t k = 0; k < m_cuts.size(); ++k) {
    const DrawerCut& cut = m_cuts[k];
    m_papers->next(QStringLiteral("paper-%1").arg(k));
    auto* name = m_papers->cell<QPushButton>([this, k] {
      auto* b = new QPushButton;
      b->setCheckable(true);
      b->setObjectName(QStringLiteral("cutPaper-%1").arg(k));
      connect(b, &QPushButton::clicked, this, [this, k] {
        m_chosen = static_cast<int>(k);
        show();
      });
      return b;
    });
    name->setIcon(swatchOf(cut.paper.colour, 16, 16));
    name->setText(capital(paperWords(cut.paper.name, cut.paper.colour, cut.paper.thickness_mm)));
    name->setChecked(static_cast<int>(k) == m_chosen);
    m_papers->next(QStringLiteral("words-%1").arg(k));
    m_papers->label(capital(cutListWords(cut, m_session.units())) + u'.', labelFont(), theme().soft, true);
    const QString large = tooLargeWords(cut, m_session.units());
    if (large.isEmpty()) continue;
    m_papers->next(QStringLiteral("large-%1").arg(k));
    m_papers->label(large, labelFont(), theme().madder, true);
  }
  m_papers->end(false);
  m_cutUp->setEnabled(!m_stale && !m_cuts.empty() && !m_drawer.readOnly());
  m_print->setEnabled(!m_cuts.empty());
  Q_EMIT changed();
}

void CutPage::cutItUp() {
  if (m_stale || m_cuts.empty()) return;
  const auto [change, offcuts] = cuttingUp(m_cuts, m_drawer.papers());
  const StockChange undo = undoing(change, m_drawer.papers(), m_drawer.goods());
  if (!m_drawer.changeStock(change)) return;
  m_drawer.noteCutFor(m_session.plan().title);
  Q_EMIT cutUp(undo, offcuts);
}

}  // namespace havlo
