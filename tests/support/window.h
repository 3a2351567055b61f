// A window with the demo, its rescue copies in a folder of its own. For tests of the application.
#pragma once

#include <QApplication>
#include <QLabel>
#include <QPushButton>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>

#include "app/common/accessible_items.h"
#include "app/face/face_view.h"
#include "app/order/step_strip.h"
#include "app/shell/message_bar.h"
#include "app/theme/theme.h"
#include "app/walk/walk_view.h"
#include "io/fonts.h"
#include "tests/support/known_window.h"

namespace havlo::testing {

struct Window {
  QTemporaryDir folder;
  KnownWindow window{folder.filePath(QStringLiteral("rescue"))};

  explicit Window(bool demo = true) {
    window.session().setUnits(MeasureStyle::Millimetres);
    window.resize(1280, 800);
    if (demo) window.openDemo();
    window.show();
    settle(window.scene().face());
  }
  PlanSession& session() { return window.session(); }
  FaceView& face() { return window.scene().face(); }
  WalkView& walk() { return window.scene().walk(); }
  Point footOf(const char* id) { return session().plan().impression(id)->at; }
  /// A pixel of the face on a thing that nothing covers.
  QPoint pixelOn(const char* id, Point inFrame) {
    const Plan& p = session().plan();
    const Impression& i = *p.impression(id);
    return face().geometryNow().toPixels(placingOf(i, *p.stamp(i.stamp)).toPanel(inFrame)).toPoint();
  }
};

/// Clicks the visible button with these words; fails the test where there is none.
inline void press(QWidget& in, const QString& text) {
  for (const bool seen : {true, false})
    for (auto* button : in.findChildren<QPushButton*>())
      if (button->text() == text && (!seen || button->isVisibleTo(&in)))
        return QTest::mouseClick(button, Qt::LeftButton);
  QFAIL(qPrintable(QStringLiteral("there is no button \"%1\"").arg(text)));
}

/// The words on a label, whichever spaces stand between them.
inline QString wordsOn(const QLabel& label) { return label.text().replace(QChar::Nbsp, QChar::Space); }

/// Does a visible label of the place hold this text?
inline bool says(QWidget& place, const QString& text) {
  for (const QLabel* label : place.findChildren<QLabel*>())
    if (label->isVisibleTo(&place) && wordsOn(*label).contains(text)) return true;
  return false;
}

/// Prepares the application object: fonts, theme, settings of its own.
inline void prepareApplication() {
  QStandardPaths::setTestModeEnabled(true);
  QCoreApplication::setApplicationName(QStringLiteral("havlo-tests"));
  QCoreApplication::setOrganizationName(QStringLiteral("havlo-tests"));
  loadFonts();
  tellOfItems();
  applyTheme(*static_cast<QApplication*>(QCoreApplication::instance()), {false, 1});
}

}  // namespace havlo::testing
