#include "app/session/class_wish.h"

#include <QSettings>
#include <algorithm>

namespace havlo {

ClassWish keptClassWish() {
  const QSettings settings;
  const auto number = [&](const char* key, int usual, int most) {
    return std::clamp(settings.value(QLatin1String(key), usual).toInt(), 1, most);
  };
  ClassWish out;
  out.makers = number("class/makers", out.makers, kMostMakers);
  out.stampSets = number("class/stamps", 1, kMostSets);
  out.inkSets = number("class/pads", 1, kMostSets);
  out.heatTools = number("class/heat", 1, kMostSets);
  out.masksReady = settings.value(QStringLiteral("class/masksReady")).toBool();
  return out;
}

void keepClassWish(const ClassWish& wish) {
  QSettings settings;
  settings.setValue(QStringLiteral("class/makers"), wish.makers);
  settings.setValue(QStringLiteral("class/stamps"), wish.stampSets);
  settings.setValue(QStringLiteral("class/pads"), wish.inkSets);
  settings.setValue(QStringLiteral("class/heat"), wish.heatTools);
  settings.setValue(QStringLiteral("class/masksReady"), wish.masksReady);
}

}  // namespace havlo
