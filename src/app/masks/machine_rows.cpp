#include "app/masks/machine_rows.h"

#include <QComboBox>
#include <QSettings>
#include <algorithm>

#include "app/common/measure_edit.h"

namespace havlo {
namespace {

const QString kMarks = QStringLiteral("cutter/marks"), kTrailing = QStringLiteral("cutter/trailing"),
              kLost = QStringLiteral("cutter/cutWidth");

double kept(const QString& key, double most) {
  return std::clamp(QSettings().value(key).toDouble(), 0.0, most);
}

}  // namespace

MachineRows::MachineRows(QWidget* parent) : FormRows(parent) {
  m_machine.marks = QSettings().value(kMarks).toBool();
  m_machine.tool.trailing_mm = kept(kTrailing, kMostTrailing_mm);
  m_machine.tool.width_mm = kept(kLost, kMostCutWidth_mm);
  m_marks = new QComboBox;
  m_marks->addItems({tr("the edges of the sheet"), tr("marks printed on the sheet")});
  m_marks->setToolTip(
      tr("With marks, print the PDF at its true size, lay the sheet in, and cut the other file: the "
         "machine's eye finds where the sheet lies"));
  m_trailing = new MeasureEdit(tr("So far the blade's tip trails behind its holder"));
  m_trailing->setToolTip(tr("The maker of the blade tells it; 0 for a blade that is turned by the machine"));
  m_lost = new MeasureEdit(tr("So much paper is lost along a cut"));
  add(tr("It goes by"), m_marks);
  add(tr("The blade trails"), m_trailing);
  add(tr("A cut is wide"), m_lost);
  m_marks->setCurrentIndex(m_machine.marks ? 1 : 0);
  connect(m_marks, &QComboBox::activated, this, [this](int k) {
    m_machine.marks = k == 1;
    keep();
  });
  const auto bounded = [this](MeasureEdit* edit, double CuttingTool::*member, double most) {
    connect(edit, &MeasureEdit::trouble, this, &MachineRows::trouble);
    connect(edit, &MeasureEdit::changed, this, [this, edit, member, most](double mm) {
      if (mm < 0 || mm > most) {
        edit->setMeasure(m_machine.tool.*member);
        return Q_EMIT trouble(tr("That is from 0 to %1 mm.").arg(most));
      }
      m_machine.tool.*member = mm;
      keep();
    });
  };
  bounded(m_trailing, &CuttingTool::trailing_mm, kMostTrailing_mm);
  bounded(m_lost, &CuttingTool::width_mm, kMostCutWidth_mm);
}

void MachineRows::setUnits(MeasureStyle units) {
  for (MeasureEdit* e : {m_trailing, m_lost}) e->setUnits(units);
  m_trailing->setMeasure(m_machine.tool.trailing_mm), m_lost->setMeasure(m_machine.tool.width_mm);
}

QString MachineRows::summary(MeasureStyle units) const {
  const auto words = [&](double mm) { return QString::fromStdString(writeMeasure(Millimetres{mm}, units)); };
  QStringList out;
  if (m_machine.marks) out << tr("finds printed marks");
  if (m_machine.tool.trailing_mm > 0) out << tr("its blade trails %1").arg(words(m_machine.tool.trailing_mm));
  if (m_machine.tool.width_mm > 0) out << tr("a cut is %1 wide").arg(words(m_machine.tool.width_mm));
  return out.join(QStringLiteral(", "));
}

void MachineRows::keep() {
  QSettings settings;
  settings.setValue(kMarks, m_machine.marks);
  settings.setValue(kTrailing, m_machine.tool.trailing_mm);
  settings.setValue(kLost, m_machine.tool.width_mm);
  Q_EMIT changed();
}

}  // namespace havlo
