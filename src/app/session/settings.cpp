#include "app/session/settings.h"

#include <QCoreApplication>
#include <QSettings>
#include <QStandardPaths>

namespace havlo {

void useOwnSettings() {
  // Without an organisation Qt calls it "Unknown Organization".
  QSettings before(QSettings::IniFormat, QSettings::UserScope, QStringLiteral("Unknown Organization"),
                   QCoreApplication::applicationName());
  QCoreApplication::setOrganizationName(QStringLiteral("havlo"));
  QSettings::setDefaultFormat(QSettings::IniFormat);
  QSettings now;
  if (!now.allKeys().isEmpty()) return;
  // The native format of this platform is the same text under another ending.
  QSettings native(QSettings::NativeFormat, QSettings::UserScope, QStringLiteral("Unknown Organization"),
                   QCoreApplication::applicationName());
  for (QSettings* old : {&before, &native})
    for (const QString& key : old->allKeys())
      if (!now.contains(key)) now.setValue(key, old->value(key));
}

bool leftHanded() { return QSettings().value(QStringLiteral("leftHanded")).toBool(); }
void setLeftHanded(bool left) { QSettings().setValue(QStringLiteral("leftHanded"), left); }

QString dataFolder() {
  return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/havlo");
}

}  // namespace havlo
