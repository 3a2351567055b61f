#include "app/scene/crowd_panel.h"

#include <QCheckBox>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "app/common/thumbnail.h"
#include "io/art/svg_art.h"
#include "io/wording/error_words.h"
#include "io/wording/group_words.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

const QSize kSmallIcon(34, 34);

QSpinBox* counter(const char* name, const QString& says, int most) {
  auto* spin = new QSpinBox;
  spin->setObjectName(QLatin1String(name));
  spin->setRange(1, most);
  if (auto* line = spin->findChild<QLineEdit*>()) line->setAccessibleName(says);
  return spin;
}

}  // namespace

CrowdPanel::CrowdPanel(CrowdDraft& crowd, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent), m_crowd(crowd), m_art(std::move(art)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 4, 0, 0);
  column->addWidget(inkLabel(tr("Of which stamps?"), labelFont(), theme().soft));
  m_stamps = new KeyedRows;
  m_stamps->setObjectName(QStringLiteral("crowdStamps"));
  column->addWidget(rolled(m_stamps), 1);
  auto* rows = new FormRows;
  m_count = counter("crowdCount", tr("How many"), kMostInCrowd);
  m_rows = counter("crowdRows", tr("In how many rows"), kMostCrowdRows);
  rows->add(tr("How many"), m_count);
  rows->add(tr("Rows"), m_rows);
  rows->addWide(m_says = inkLabel({}, bodyFont(), theme().ink, true));
  auto* again = plainButton(tr("Draw lots again"));
  again->setObjectName(QStringLiteral("crowdAgain"));
  again->setToolTip(tr("Another crowd of the same stamps: who stands where is drawn by lot"));
  m_put = drawnButton("act-crowd", tr("Put the crowd on the card"));
  m_put->setObjectName(QStringLiteral("putCrowd"));
  auto* leave = plainButton(tr("Leave it"));
  rows->addPair(again, leave);
  column->addWidget(rows);
  column->addWidget(m_put);
  connect(m_count, &QSpinBox::valueChanged, this, [this](int n) {
    if (n != m_crowd.wish().count) m_crowd.setCount(n);
  });
  connect(m_rows, &QSpinBox::valueChanged, this, [this](int n) {
    if (n != m_crowd.wish().rows) m_crowd.setRows(n);
  });
  connect(again, &QPushButton::clicked, this, [this] { m_crowd.drawAgain(); });
  connect(m_put, &QPushButton::clicked, this, [this] {
    if (m_crowd.stamp()) Q_EMIT done();
  });
  connect(leave, &QPushButton::clicked, this, [this] {
    m_crowd.leave();
    Q_EMIT done();
  });
  connect(&crowd, &CrowdDraft::changed, this, &CrowdPanel::refresh);
}

void CrowdPanel::takeKeys() {
  m_count->setFocus();
  m_count->selectAll();
}

void CrowdPanel::refresh() {
  m_stamps->begin();
  for (size_t k = 0; k < m_crowd.offered().size(); ++k) {
    const StampRef& stamp = m_crowd.offered()[k];
    const int number = static_cast<int>(k);
    m_stamps->next(QString::number(k));
    auto* box = m_stamps->cell<QCheckBox>([this, number] {
      auto* made = new QCheckBox;
      made->setIconSize(kSmallIcon);
      connect(made, &QCheckBox::clicked, this, [this, number](bool on) { m_crowd.take(number, on); });
      return made;
    });
    if (box->property("stamp").toULongLong() != reinterpret_cast<quintptr>(stamp.get())) {
      box->setProperty("stamp", static_cast<qulonglong>(reinterpret_cast<quintptr>(stamp.get())));
      box->setText(stampName(*stamp));
      box->setAccessibleName(stampName(*stamp));
      box->setIcon(stampIcon(*stamp, *m_art, kSmallIcon, theme().ink));
    }
    box->setChecked(m_crowd.takes(number));
  }
  m_stamps->end();
  if (!m_crowd.active()) return;
  m_count->setValue(m_crowd.wish().count);
  m_rows->setValue(m_crowd.wish().rows);
  m_says->setText(m_crowd.plan() ? crowdWords(m_crowd.wish(), m_crowd.plan().value())
                                 : capital(errorReason(m_crowd.plan().error())) + u'.');
  m_put->setEnabled(bool(m_crowd.plan()));
}

}  // namespace havlo
