#include "app/session/sight.h"

#include <QSettings>
#include <algorithm>

namespace havlo {
namespace {

constexpr qsizetype kMostSights = 40;  // plans that are remembered
const QString kSightsOf = QStringLiteral("sights/plans");

QString sightGroup(const QString& path) {
  return QStringLiteral("sights/%1")
      .arg(QString::fromLatin1(path.toUtf8().toBase64(QByteArray::Base64UrlEncoding)));
}

QStringList list(const QSet<QString>& ids) { return {ids.begin(), ids.end()}; }

QSet<QString> set(const QVariant& ids) {
  const QStringList all = ids.toStringList();
  return {all.begin(), all.end()};
}

}  // namespace

void keepSight(const QString& path, const Sight& sight) {
  if (path.isEmpty()) return;
  QSettings settings;
  QStringList plans = settings.value(kSightsOf).toStringList();
  if (sight.usual() && !plans.contains(path)) return;
  plans.removeAll(path);
  settings.remove(sightGroup(path));
  if (!sight.usual()) {
    plans.prepend(path);
    const QString at = sightGroup(path) + u'/';
    settings.setValue(at + QStringLiteral("zoom"), sight.zoom);
    settings.setValue(at + QStringLiteral("x"), sight.middle_mm.x);
    settings.setValue(at + QStringLiteral("y"), sight.middle_mm.y);
    settings.setValue(at + QStringLiteral("held"), list(sight.aside.held));
    settings.setValue(at + QStringLiteral("hidden"), list(sight.aside.hidden));
  }
  while (plans.size() > kMostSights) settings.remove(sightGroup(plans.takeLast()));
  settings.setValue(kSightsOf, plans);
}

Sight keptSight(const QString& path) {
  const QSettings settings;
  Sight out;
  if (path.isEmpty() || !settings.value(kSightsOf).toStringList().contains(path)) return out;
  const QString at = sightGroup(path) + u'/';
  // Settings may be written by hand: what is no number is none.
  const double zoom = settings.value(at + QStringLiteral("zoom"), 1).toDouble();
  out.zoom = std::isfinite(zoom) ? std::clamp(zoom, 1.0, 40.0) : 1;
  out.middle_mm = {settings.value(at + QStringLiteral("x")).toDouble(),
                   settings.value(at + QStringLiteral("y")).toDouble()};
  out.aside = {set(settings.value(at + QStringLiteral("held"))),
               set(settings.value(at + QStringLiteral("hidden")))};
  return out;
}

}  // namespace havlo
