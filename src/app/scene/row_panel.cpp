#include "app/scene/row_panel.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "io/wording/error_words.h"
#include "io/wording/names.h"
#include "io/wording/view_words.h"

namespace havlo {

RowPanel::RowPanel(RowDraft& row, QWidget* parent) : QWidget(parent), m_row(row) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 4, 0, 0);
  auto* rows = new FormRows;
  rows->addWide(
      inkLabel(tr("Drag the two rings: the first and the last of the row. On the horizon it has no end."),
               labelFont(), theme().soft, true));
  m_count = new QSpinBox;
  m_count->setObjectName(QStringLiteral("rowCount"));
  m_count->setRange(2, 60);
  if (auto* line = m_count->findChild<QLineEdit*>()) line->setAccessibleName(tr("How many"));
  m_sizes = new QComboBox;
  m_sizes->setObjectName(QStringLiteral("rowSizes"));
  rows->add(tr("How many"), m_count);
  rows->add(tr("Sizes"), m_sizes);
  m_balanced = new QCheckBox(tr("Share the error"));
  m_balanced->setToolTip(
      tr("moves the row so that the nearest is as much too small as the farthest is too tall"));
  m_falling = new QCheckBox(tr("Paler with distance"));
  for (QCheckBox* box : {m_balanced, m_falling}) box->setAccessibleName(box->text());
  rows->addWide(m_balanced);
  rows->addWide(m_falling);
  rows->addWide(m_says = inkLabel({}, bodyFont(), theme().ink, true));
  m_stamp = drawnButton("act-row", tr("Put the row on the card"));
  m_stamp->setObjectName(QStringLiteral("putRow"));
  auto* leave = new QPushButton(tr("Leave it"));
  column->addWidget(rows);
  column->addStretch(1);
  column->addWidget(m_stamp);
  column->addWidget(leave);
  connect(m_count, &QSpinBox::valueChanged, this, [this](int n) {
    if (n != m_row.wish().count) m_row.setCount(n);
  });
  connect(m_sizes, &QComboBox::activated, this, [this](int k) { m_row.setOnlySize(k - 1); });
  connect(m_balanced, &QCheckBox::clicked, this, [this](bool on) { m_row.setBalanced(on); });
  connect(m_falling, &QCheckBox::clicked, this, [this](bool on) { m_row.setFalling(on); });
  connect(m_stamp, &QPushButton::clicked, this, [this] { m_row.stamp(); });
  connect(leave, &QPushButton::clicked, this, [this] { m_row.leave(); });
  connect(&row, &RowDraft::changed, this, &RowPanel::refresh);
}

void RowPanel::refresh() {
  if (!m_row.active()) return;
  if (m_known != m_row.allSizes().size() || m_sizes->count() == 0) {
    m_known = m_row.allSizes().size();
    m_sizes->clear();
    m_sizes->addItem(m_known == 1 ? tr("the one at hand")
                                  : tr("all %1, the best at each place").arg(m_known));
    for (const StampRef& s : m_row.allSizes()) m_sizes->addItem(tr("only %1").arg(stampName(*s)));
  }
  m_count->setValue(m_row.wish().count);
  m_balanced->setChecked(m_row.wish().balanced);
  m_falling->setChecked(m_row.falling());
  m_says->setText(m_row.plan() ? rowWords(m_row.wish(), m_row.plan().value())
                               : errorReason(m_row.plan().error()));
  m_stamp->setEnabled(bool(m_row.plan()));
}

}  // namespace havlo
