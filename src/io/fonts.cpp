// Fonts come from the resources compiled into this library.
#include "io/fonts.h"

#include <QFontDatabase>

// Must stand outside any namespace.
static void initResources() { Q_INIT_RESOURCE(resources); }

namespace havlo {

void loadFonts() {
  static const bool once = [] {
    initResources();
    for (const char* face : {"Regular", "Medium", "SemiBold", "Bold"})
      QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/Inter-%1.otf").arg(QLatin1String(face)));
    return true;
  }();
  Q_UNUSED(once)
}

QFont typeface(double size_px, int weight) {
  QFont font(QStringLiteral("Inter"));
  font.setPixelSize(qMax(1, qRound(size_px)));
  font.setWeight(static_cast<QFont::Weight>(weight));
  return font;
}

}  // namespace havlo
