// An ignored wheel goes on to the parent, as Qt has it.
#include "app/common/quiet_wheel.h"

#include <QAbstractSpinBox>
#include <QComboBox>
#include <QEvent>

namespace havlo {

bool QuietWheel::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() != QEvent::Wheel) return false;
  auto* widget = qobject_cast<QWidget*>(watched);
  if (!widget) return false;
  const bool field = qobject_cast<QComboBox*>(widget) || qobject_cast<QAbstractSpinBox*>(widget) ||
                     qobject_cast<QAbstractSpinBox*>(widget->parentWidget());
  if (!field) return false;
  event->ignore();
  return true;
}

}  // namespace havlo
