#include "app/masks/machine_rows.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLocale>
#include <QSettings>
#include <algorithm>

namespace havlo {
namespace {

const QString kMarks = QStringLiteral("cutter/marks"), kTrailing = QStringLiteral("cutter/trailing"),
              kLost = QStringLiteral("cutter/cutWidth");

double kept(const QString& key, double most) {
  return std::clamp(QSettings().value(key).toDouble(), 0.0, most);
}

/// In millimetres, as blades are sold.
QDoubleSpinBox* bounded(double most_mm, double now_mm) {
  auto* field = new QDoubleSpinBox;
  field->setRange(0, most_mm);
  field->setDecimals(2);
  field->setSingleStep(0.05);
  field->setSuffix(MachineRows::tr(" mm"));
  field->setKeyboardTracking(false);
  field->setValue(now_mm);
  return field;
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
  m_trailing = bounded(kMostTrailing_mm, m_machine.tool.trailing_mm);
  m_trailing->setAccessibleName(tr("So far the blade's tip trails behind its holder"));
  m_trailing->setToolTip(tr("The maker of the blade tells it; 0 for a blade that is turned by the machine"));
  m_lost = bounded(kMostCutWidth_mm, m_machine.tool.width_mm);
  m_lost->setAccessibleName(tr("So much paper is lost along a cut"));
  add(tr("It goes by"), m_marks);
  add(tr("The blade trails"), m_trailing);
  add(tr("A cut is wide"), m_lost);
  m_marks->setCurrentIndex(m_machine.marks ? 1 : 0);
  connect(m_marks, &QComboBox::activated, this, [this](int k) {
    m_machine.marks = k == 1;
    keep();
  });
  for (const auto& [field, member] :
       {std::pair(m_trailing, &CuttingTool::trailing_mm), {m_lost, &CuttingTool::width_mm}})
    connect(field, &QDoubleSpinBox::valueChanged, this, [this, member = member](double mm) {
      m_machine.tool.*member = mm;
      keep();
    });
}

QString MachineRows::summary() const {
  const auto words = [](double mm) { return MachineRows::tr("%1 mm").arg(QLocale().toString(mm, 'f', 2)); };
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
