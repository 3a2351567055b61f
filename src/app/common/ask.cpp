#include "app/common/ask.h"

#include <QDialog>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"

namespace havlo {
namespace {

/// @param field  where the answer goes
/// @param take   called when it is given
QDialog* sheetFor(const Asking& asking, QWidget* field, QWidget* parent, std::function<void()> take) {
  auto* sheet = new QDialog(parent);
  sheet->setObjectName(QStringLiteral("ask"));
  sheet->setAttribute(Qt::WA_DeleteOnClose);
  sheet->setWindowTitle(asking.about);
  auto* column = new QVBoxLayout(sheet);
  asSheet(column);
  column->setSpacing(10);
  column->addWidget(inkLabel(asking.about, headingFont(), theme().ink, true));
  column->addWidget(inkLabel(asking.ask, labelFont(), theme().soft, true));
  field->setObjectName(QStringLiteral("answer"));
  field->setAccessibleName(asking.about);
  column->addWidget(field);
  auto* acts = new QHBoxLayout;
  auto* leave = plainButton(QDialog::tr("Leave it as it is"));
  leave->setObjectName(QStringLiteral("leave"));
  auto* said = drawnButton("act-done", asking.take);
  said->setObjectName(QStringLiteral("take"));
  leave->setAutoDefault(false);
  said->setDefault(true);
  acts->addStretch(1);
  acts->addWidget(leave);
  acts->addWidget(said);
  column->addLayout(acts);
  sheet->setMinimumWidth(qRound(360 * textScale()));
  QObject::connect(leave, &QPushButton::clicked, sheet, &QDialog::reject);
  QObject::connect(said, &QPushButton::clicked, sheet, &QDialog::accept);
  QObject::connect(sheet, &QDialog::accepted, sheet, std::move(take));
  sheet->open();
  field->setFocus();
  return sheet;
}

}  // namespace

QDialog* askForWords(const Asking& asking, const QString& was, QWidget* parent,
                     std::function<void(const QString&)> then) {
  auto* line = new QLineEdit(was);
  line->selectAll();
  return sheetFor(asking, line, parent, [line, then = std::move(then)] { then(line->text().trimmed()); });
}

QDialog* askForNumber(const Asking& asking, const NumberWanted& wanted, QWidget* parent,
                      std::function<void(double)> then) {
  auto* spin = new QDoubleSpinBox;
  spin->setDecimals(wanted.decimals);
  spin->setRange(wanted.least, wanted.most);
  spin->setSuffix(wanted.unit);
  spin->setStepType(QAbstractSpinBox::AdaptiveDecimalStepType);
  spin->setValue(wanted.now);
  spin->selectAll();
  return sheetFor(asking, spin, parent, [spin, then = std::move(then)] {
    spin->interpretText();
    then(spin->value());
  });
}

}  // namespace havlo
