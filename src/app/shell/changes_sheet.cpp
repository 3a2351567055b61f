#include "app/shell/changes_sheet.h"

#include <QDialogButtonBox>
#include <QPushButton>
#include <QScrollArea>

#include "app/common/sheet_frame.h"
#include "core/chain/chain.h"
#include "io/files/plan_file.h"
#include "io/wording/change_words.h"
#include "io/wording/error_words.h"

namespace havlo {

ChangesSheet::ChangesSheet(const PlanSession& session, QWidget* parent)
    : QDialog(parent), m_job(new Job<Told>(this)), m_lines(new QVBoxLayout) {
  setAttribute(Qt::WA_DeleteOnClose);
  setWindowTitle(tr("What changed since it was saved"));
  setObjectName(QStringLiteral("changes"));
  auto* column = new QVBoxLayout(this);
  asSheet(column);
  auto* inside = new QWidget;
  inside->setLayout(m_lines);
  auto* area = new QScrollArea;
  area->setWidgetResizable(true);
  area->setFrameShape(QFrame::NoFrame);
  area->setWidget(inside);
  area->setFocusPolicy(Qt::StrongFocus);
  area->setAccessibleName(windowTitle());
  column->addWidget(area, 1);
  auto* buttons = new QDialogButtonBox;
  buttons->addButton(tr("Put away"), QDialogButtonBox::RejectRole);
  connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
  column->addWidget(buttons);
  resize(qRound(560 * textScale()), qRound(460 * textScale()));
  m_lines->addWidget(inkLabel(tr("Both plans are read …"), bodyFont(), theme().soft, true));
  m_lines->addStretch(1);
  m_job->run(
      [path = session.path(), now = session.wholeSnapshot(), art = session.art(),
       units = session.units()](const Progress& progress) {
        Told told;
        const auto saved = loadPlan(path);
        if (!saved) {
          told.fault = errorWords(saved.error());
          return told;
        }
        Plan was = saved.value().plan;
        was.habits = now->habits;  // both by the same hands
        const auto changes = changesBetween(was, *now);
        told.plan = toldChanges(was, *now, changes, units);
        if (changes.empty()) return told;
        const AnalysisRef before = withBestOrder(was, analyse(was, nullptr, art.get()), {}, progress);
        const AnalysisRef after = withBestOrder(*now, analyse(*now, nullptr, art.get()), {}, progress);
        told.table = tableWords(was, *before, *now, *after, tableChanges(was, *before, *now, *after), units);
        return told;
      },
      [this](const Told& told) { fill(told); });
}

void ChangesSheet::fill(const Told& told) {
  while (QLayoutItem* item = m_lines->takeAt(0)) {
    delete item->widget();
    delete item;
  }
  const auto part = [this](const QString& title, const QStringList& lines) {
    if (lines.isEmpty()) return;
    m_lines->addWidget(inkLabel(title, sizedFont(16, QFont::DemiBold), theme().ink, true));
    for (const QString& line : lines) m_lines->addWidget(inkLabel(line, bodyFont(), theme().ink, true));
    m_lines->addSpacing(10);
  };
  if (!told.fault.isEmpty()) part(tr("The saved plan cannot be read."), {told.fault});
  part(tr("On the card"), told.plan);
  part(tr("At the table"), told.table);
  if (told.fault.isEmpty() && told.plan.isEmpty())
    m_lines->addWidget(inkLabel(tr("Nothing: it is as it was saved."), bodyFont(), theme().ink, true));
  m_lines->addStretch(1);
}

}  // namespace havlo
