#include "app/common/place.h"

#include <QAbstractButton>

namespace havlo {

void Place::turnTo(const QString& part) {
  for (const QString& name : part.split(u'/')) {
    if (auto* button = findChild<QAbstractButton*>(name)) {
      if (!button->isChecked()) button->click();
    } else if (auto* act = findChild<QAction*>(name)) {
      act->trigger();
    }
  }
}

}  // namespace havlo
