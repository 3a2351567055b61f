#include "app/scene/finding_card.h"

#include <QLabel>
#include <QMenu>
#include <QPushButton>

#include "app/common/flow_row.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/marks.h"

namespace havlo {

FindingCard::FindingCard(QWidget* parent) : QWidget(parent) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 4, 0, 4);
  column->setSpacing(3);
  m_head = new KeyedRows;
  m_head->grid()->setColumnStretch(1, 1);
  column->addWidget(m_head);
  m_why = inkLabel({}, labelFont(), theme().soft, true);
  m_why->setContentsMargins(22, 0, 0, 0);
  column->addWidget(m_why);
  const auto line = [&] {
    auto* row = new FlowRow;
    row->setContentsMargins(18, 0, 0, 0);
    column->addLayout(row);
    return row;
  };
  m_fix = new QPushButton;
  m_fix->setCursor(Qt::PointingHandCursor);
  connect(m_fix, &QPushButton::clicked, this, [this] { Q_EMIT fixAsked(ix(m_index)); });
  auto* mend = line();
  mend->addWidget(m_fix);
  m_instead = plainButton({});
  m_instead->setCursor(Qt::PointingHandCursor);
  connect(m_instead, &QPushButton::clicked, this, [this] { Q_EMIT insteadAsked(ix(m_index)); });
  mend->addWidget(m_instead);
  FlowRow* acts = line();
  m_show = plainButton(tr("Show me"));
  m_show->setCursor(Qt::PointingHandCursor);
  connect(m_show, &QPushButton::clicked, this, [this] { Q_EMIT showAsked(ix(m_index)); });
  acts->addWidget(m_show);
  m_compare = plainButton(tr("Before and after"));
  m_compare->setCursor(Qt::PointingHandCursor);
  connect(m_compare, &QPushButton::clicked, this, [this] { Q_EMIT compareAsked(ix(m_index)); });
  acts->addWidget(m_compare);
  m_know = plainButton(tr("I know"));
  m_know->setToolTip(tr("it stays in the reading, below the others"));
  auto* menu = new QMenu(m_know);
  menu->addAction(tr("This one I know"), this, [this] { Q_EMIT knowAsked(ix(m_index), false); });
  menu->addAction(tr("On this card I know all of this kind"), this,
                  [this] { Q_EMIT knowAsked(ix(m_index), true); });
  m_know->setProperty("opens", true);
  m_know->setMenu(menu);
  acts->addWidget(m_know);
  m_told = inkLabel({}, labelFont(), theme().soft, true);
  m_told->setContentsMargins(22, 0, 0, 0);
  column->addWidget(m_told);
}

void FindingCard::show(const Finding& finding, const FindingWords& words, size_t index, const QString& told,
                       bool better) {
  m_index = static_cast<int>(index);
  m_head->begin();
  m_head->next(QString::number(static_cast<int>(finding.level)));  // another level has another mark
  m_head->cell<MarkWidget>([&] { return new MarkWidget(markOf(finding.level), colourOf(finding.level)); },
                           Qt::AlignTop);
  m_head->label(words.text, bodyFont(QFont::DemiBold), theme().ink, true);
  m_head->label(words.value, bodyFont(QFont::DemiBold), colourOf(finding.level), false, Qt::AlignTop);
  m_head->end(false);
  showText(m_why, words.why);
  m_fix->setText(words.fix);
  m_fix->setVisible(!words.fix.isEmpty());
  m_fix->setObjectName(words.fix.isEmpty() ? QString() : QStringLiteral("fix-%1").arg(index));
  m_compare->setVisible(!words.fix.isEmpty() && finding.kind != FindingKind::AsksStyle);
  m_compare->setObjectName(QStringLiteral("compare-%1").arg(index));
  m_instead->setText(words.instead);
  m_instead->setVisible(!words.instead.isEmpty());
  m_instead->setObjectName(words.instead.isEmpty() ? QString() : QStringLiteral("instead-%1").arg(index));
  m_show->setVisible(!finding.impressions.empty());
  m_show->setObjectName(QStringLiteral("show-%1").arg(index));
  m_know->setVisible(finding.kind != FindingKind::AsksStyle);  // it is answered
  m_know->setObjectName(QStringLiteral("know-%1").arg(index));
  showText(m_told, told);
  m_told->setVisible(!told.isEmpty());
  m_told->setObjectName(told.isEmpty() ? QString() : QStringLiteral("foretold-%1").arg(index));
  setInk(m_told, better ? theme().green : theme().soft);
}

}  // namespace havlo
