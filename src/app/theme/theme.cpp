// The dark ground is derived from the same hues; every pair of text and ground is checked for WCAG AA in the
// tests.
#include "app/theme/theme.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QComboBox>
#include <QProxyStyle>
#include <QSettings>
#include <QStyleFactory>
#include <QStyledItemDelegate>
#include <utility>

#include "io/fonts.h"

namespace havlo {
namespace {

Theme g_theme = lightTheme();
Appearance g_appearance;
QString g_sheet;

class WindowStyle : public QProxyStyle {
 public:
  /// @param still  nothing moves by itself
  WindowStyle(QStyle* base, bool still) : QProxyStyle(base), m_still(still) {}

  int styleHint(StyleHint hint, const QStyleOption* option, const QWidget* widget,
                QStyleHintReturn* back) const override {
    if (m_still && hint == SH_Widget_Animation_Duration) return 0;
    return QProxyStyle::styleHint(hint, option, widget, back);
  }
  /// A list of choices is as wide as its longest, also under a narrow field.
  QRect subControlRect(ComplexControl control, const QStyleOptionComplex* option, SubControl part,
                       const QWidget* widget) const override {
    QRect out = QProxyStyle::subControlRect(control, option, part, widget);
    const auto* choices = qobject_cast<const QComboBox*>(widget);
    if (!choices || control != CC_ComboBox || part != SC_ComboBoxListBoxPopup) return out;
    const int bar = choices->count() > choices->maxVisibleItems() ? pixelMetric(PM_ScrollBarExtent) : 0;
    out.setWidth(std::max(out.width(), choices->view()->sizeHintForColumn(0) + bar + 8));
    return out;
  }
  /// What is chosen in a list keeps its colours: a tinted swatch tells another ink.
  QPixmap generatedIconPixmap(QIcon::Mode mode, const QPixmap& pixmap,
                              const QStyleOption* option) const override {
    return mode == QIcon::Selected ? pixmap : QProxyStyle::generatedIconPixmap(mode, pixmap, option);
  }
  using QProxyStyle::polish;
  void polish(QWidget* widget) override {
    QProxyStyle::polish(widget);
    // Rows of choices heed the style sheet only through this delegate; their own packs them like print.
    auto* choices = qobject_cast<QComboBox*>(widget);
    if (choices && choices->itemDelegate()->metaObject() != &QStyledItemDelegate::staticMetaObject)
      choices->setItemDelegate(new QStyledItemDelegate(choices));
  }

 private:
  bool m_still;
};

/// For fingers with ink on them: nothing that is clicked is less than 40 px tall.
QString largeTargets() {
  return QStringLiteral(
      "QPushButton, QComboBox, QLineEdit, QAbstractSpinBox { min-height: 30px; }"
      "QComboBox QAbstractItemView::item { padding: 11px 5px; }"
      "QCheckBox, QRadioButton { min-height: 40px; } QCheckBox::indicator { width: 24px; height: 24px; }"
      "QRadioButton::indicator { width: 24px; height: 24px; border-radius: 12px; }"
      "QMenu::item { padding: 11px 26px; } QMenuBar::item { padding: 10px 12px; }"
      "QSlider { min-height: 40px; }"
      "QSlider::handle:horizontal { width: 26px; height: 26px; margin: -11px 0; border-radius: 13px; }"
      "QScrollBar:horizontal { height: 20px; } QScrollBar:vertical { width: 20px; }"
      "QAbstractSpinBox::up-button, QAbstractSpinBox::down-button { width: 34px; }"
      "havlo--ChoiceList::item { padding: 10px 6px; }");
}

QString styleSheet(const Theme& t) {
  return QStringLiteral(
             "QMainWindow, QDialog { background: %1; }"
             "QScrollBar { background: transparent; border: none; margin: 0; }"
             "QScrollBar:horizontal { height: 10px; } QScrollBar:vertical { width: 10px; }"
             "QScrollBar::handle { background: %4; border-radius: 4px; min-width: 30px; min-height: 30px; "
             "margin: 1px; }"
             "QScrollBar::handle:hover { background: %7; }"
             "QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }"
             "QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }"
             "QToolTip { background: %2; color: %3; border: 1px solid %4; padding: 4px; }"
             "QPushButton { background: %5; color: %6; border: 1px solid transparent; border-radius: 4px; "
             "padding: 5px 12px; font-weight: 600; }"
             "QPushButton:hover { border-color: %6; }"
             "QPushButton:focus { border: 2px solid %6; padding: 4px 11px; }"
             "QPushButton:disabled { color: %7; background: transparent; border-color: %4; }"
             "QPushButton[plain=\"true\"]:disabled { border-color: transparent; }"
             "QPushButton:checked { background: %6; color: %9; }"
             "QPushButton, QCheckBox, QRadioButton, QComboBox, QSlider { outline: 0; }"
             "QPushButton::menu-indicator { image: url(%10); subcontrol-origin: padding; "
             "subcontrol-position: "
             "center right; width: 11px; height: 11px; right: 3px; }"
             "QCheckBox::indicator { width: 13px; height: 13px; border: 1px solid %7; border-radius: 2px; "
             "background: %8; }"
             "QCheckBox::indicator:checked { image: url(%11); border-color: %6; }"
             "QCheckBox:focus, QRadioButton:focus { color: %6; }"
             "QCheckBox::indicator:focus, QRadioButton::indicator:focus { border: 2px solid %6; }"
             "QCheckBox::indicator:disabled { border-color: %4; }"
             "QRadioButton::indicator { width: 13px; height: 13px; border: 1px solid %7; border-radius: 7px; "
             "background: %8; }"
             "QRadioButton::indicator:checked { background: qradialgradient(cx:.5, cy:.5, radius:.5, fx:.5, "
             "fy:.5, stop:0 %6, stop:.5 %6, stop:.6 %8, stop:1 %8); border-color: %6; }"
             "QSlider::groove:horizontal { height: 4px; background: %4; border-radius: 2px; }"
             "QSlider::sub-page:horizontal { background: %6; border-radius: 2px; }"
             "QSlider::sub-page:horizontal:disabled { background: %4; }"
             "QSlider::handle:horizontal { width: 12px; height: 12px; margin: -5px 0; border-radius: 7px; "
             "background: %8; border: 1px solid %7; }"
             "QSlider::handle:horizontal:hover { border-color: %6; }"
             "QSlider:focus { border: 2px solid %6; border-radius: 4px; }"
             "QAbstractSpinBox { background: %8; color: %3; border: 1px solid %12; border-radius: 3px; "
             "padding: 2px 2px 2px 5px; selection-background-color: %6; selection-color: %9; }"
             "QAbstractSpinBox:focus { border: 2px solid %6; padding: 1px 1px 1px 4px; }"
             "QAbstractSpinBox:disabled { color: %7; background: %2; }"
             "QAbstractSpinBox::up-button, QAbstractSpinBox::down-button { subcontrol-origin: border; width: "
             "20px; border: none; background: transparent; }"
             "QAbstractSpinBox::up-button { subcontrol-position: top right; }"
             "QAbstractSpinBox::down-button { subcontrol-position: bottom right; }"
             "QAbstractSpinBox::up-arrow { image: url(%13); width: 9px; height: 9px; }"
             "QAbstractSpinBox::down-arrow { image: url(%10); width: 9px; height: 9px; }"
             "QComboBox { background: %8; color: %3; border: 1px solid %12; border-radius: 3px; "
             "padding: 2px 5px; }"
             "QComboBox:focus { border: 2px solid %6; padding: 1px 4px; }"
             "QComboBox:disabled, QLineEdit:disabled { color: %7; background: %2; }"
             "QComboBox::drop-down { border: none; width: 18px; } QComboBox::down-arrow { image: url(%10); "
             "width: 12px; height: 12px; }"
             "QComboBox QAbstractItemView { background: %8; color: %3; selection-background-color: %5; "
             "selection-color: %3; border: 1px solid %4; }"
             // As a list under its field: as a menu over it Qt 6.4 cuts off the last of a few.
             "QComboBox { combobox-popup: 0; } QComboBox QAbstractItemView::item { padding: 4px 5px; }"
             "havlo--ChoiceList { background: transparent; border: none; outline: 0; } "
             "havlo--ChoiceList::item { "
             "padding: 3px; "
             "border-radius: 4px; color: %3; }"
             "havlo--ChoiceList::item:selected { background: %5; color: %3; border: 1px solid %6; }"
             "QPushButton[plain=\"true\"] { background: transparent; padding: 5px 4px; }"
             "QPushButton[plain=\"true\"]:focus { padding: 4px 3px; }"
             "QLineEdit { background: %8; color: %3; border: 1px solid %12; border-radius: 3px; padding: 2px "
             "5px; "
             "selection-background-color: %6; selection-color: %9; }"
             "QLineEdit:focus { border: 2px solid %6; padding: 1px 4px; }"
             "QFrame#sheet { background: %2; border: 1px solid %4; border-radius: 4px; }"
             "QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; border: none; }"
             "QMenuBar { background: %2; color: %3; } QMenuBar::item:selected { background: %5; }"
             "QMenu { background: %2; color: %3; border: 1px solid %4; } QMenu::item:selected { background: "
             "%5; color: %3; }"
             "QMenu::item:disabled { color: %7; }"
             "QProgressBar { border: 1px solid %4; border-radius: 3px; background: %8; text-align: center; "
             "color: %3; max-height: 14px; }"
             "QPushButton[opens=\"true\"] { padding-right: 22px; }"
             "QPushButton[opens=\"true\"]:focus { padding-right: 21px; }"
             "QProgressBar::chunk { background: %5; }")
      .arg(t.ground.name(), t.paper.name(), t.ink.name(), t.rule.name(), t.greenVeil.name(), t.green.name(),
           t.soft.name(), t.card.name(), t.onGreen.name())
      .arg(t.dark ? QStringLiteral(":/icons/down-dark.svg") : QStringLiteral(":/icons/down-light.svg"))
      .arg(t.dark ? QStringLiteral(":/icons/tick-dark.svg") : QStringLiteral(":/icons/tick-light.svg"))
      .arg(t.edge.name())
      .arg(t.dark ? QStringLiteral(":/icons/up-dark.svg") : QStringLiteral(":/icons/up-light.svg"));
}

QFont scaled(double px, int weight) { return typeface(px * g_appearance.text, weight); }

}  // namespace

Theme lightTheme() {
  Theme t;
  t.ground = QColor(0xe9, 0xeb, 0xe4);
  t.paper = QColor(0xfb, 0xfa, 0xf5);
  t.card = QColor(0xfd, 0xfc, 0xf7);
  t.ink = QColor(0x22, 0x30, 0x3a);
  t.soft = QColor(0x56, 0x62, 0x6a);
  t.rule = QColor(0xc9, 0xce, 0xc6);
  t.edge = QColor(0x7e, 0x87, 0x81);
  t.green = QColor(0x1f, 0x6b, 0x5e);
  t.greenVeil = QColor(0xe0, 0xed, 0xe7);
  t.ochre = QColor(0x8c, 0x57, 0x0c);
  t.madder = QColor(0x9c, 0x34, 0x2c);
  t.onGreen = QColor(0xfd, 0xfc, 0xf7);
  return t;
}

Theme darkTheme() {
  Theme t;
  t.ground = QColor(0x17, 0x20, 0x26);
  t.paper = QColor(0x20, 0x2b, 0x32);
  t.card = QColor(0x28, 0x34, 0x3b);
  t.ink = QColor(0xe9, 0xeb, 0xe4);
  t.soft = QColor(0xa9, 0xb3, 0xb4);
  t.rule = QColor(0x3d, 0x4a, 0x50);
  t.edge = QColor(0x76, 0x85, 0x8a);
  t.green = QColor(0x7f, 0xc9, 0xb4);
  t.greenVeil = QColor(0x27, 0x43, 0x40);
  t.ochre = QColor(0xe3, 0xb0, 0x62);
  t.madder = QColor(0xec, 0x9a, 0x8e);
  t.onGreen = QColor(0x17, 0x20, 0x26);
  t.dark = true;
  return t;
}

const Theme& theme() { return g_theme; }
double textScale() { return g_appearance.text; }
const Appearance& appearance() { return g_appearance; }

QFont labelFont(int weight) { return scaled(12, weight); }
QFont bodyFont(int weight) { return scaled(13, weight); }
QFont headingFont() { return scaled(16, QFont::Bold); }
QFont sizedFont(double px, int weight) { return scaled(px, weight); }

Appearance keptAppearance() {
  const QSettings s;
  return {s.value(QStringLiteral("dark")).toBool(), s.value(QStringLiteral("text"), 1.0).toDouble(),
          s.value(QStringLiteral("large")).toBool(), s.value(QStringLiteral("still")).toBool()};
}

void keepAppearance(const Appearance& wanted) {
  QSettings s;
  s.setValue(QStringLiteral("dark"), wanted.dark);
  s.setValue(QStringLiteral("text"), wanted.text);
  s.setValue(QStringLiteral("large"), wanted.large);
  s.setValue(QStringLiteral("still"), wanted.still);
}

void applyTheme(QApplication& app, const Appearance& wanted) {
  static const int usualFlash = QApplication::cursorFlashTime();
  g_appearance = wanted;
  g_appearance.text = qBound(1.0, wanted.text, 2.0);
  g_theme = wanted.dark ? darkTheme() : lightTheme();
  const Theme& t = g_theme;
  QStyle* fusion = QStyleFactory::create(QStringLiteral("Fusion"));
  app.setStyle(new WindowStyle(fusion, wanted.still));
  QApplication::setCursorFlashTime(wanted.still ? 0 : usualFlash);
  for (const Qt::UIEffect effect :
       {Qt::UI_AnimateMenu, Qt::UI_AnimateCombo, Qt::UI_AnimateTooltip, Qt::UI_FadeMenu, Qt::UI_FadeTooltip})
    if (wanted.still) QApplication::setEffectEnabled(effect, false);
  QPalette p;
  p.setColor(QPalette::Window, t.ground);
  p.setColor(QPalette::Base, t.card);
  p.setColor(QPalette::AlternateBase, t.paper);
  p.setColor(QPalette::WindowText, t.ink);
  p.setColor(QPalette::Text, t.ink);
  p.setColor(QPalette::Button, t.paper);
  p.setColor(QPalette::ButtonText, t.ink);
  p.setColor(QPalette::Highlight, t.green);
  p.setColor(QPalette::HighlightedText, t.onGreen);
  p.setColor(QPalette::PlaceholderText, t.soft);
  p.setColor(QPalette::ToolTipBase, t.paper);
  p.setColor(QPalette::ToolTipText, t.ink);
  p.setColor(QPalette::Link, t.green);
  p.setColor(QPalette::Light, t.card);
  p.setColor(QPalette::Midlight, t.rule);
  p.setColor(QPalette::Mid, t.rule);
  p.setColor(QPalette::Dark, t.soft);
  p.setColor(QPalette::Shadow, t.soft);
  app.setPalette(p);
  app.setFont(bodyFont());
  const QString before =
      std::exchange(g_sheet, wanted.large ? styleSheet(t) + largeTargets() : styleSheet(t));
  for (QWidget* window : QApplication::topLevelWidgets())
    if (!before.isEmpty() && window->styleSheet() == before) window->setStyleSheet(g_sheet);
}

QColor mixed(const QColor& a, const QColor& b, double share) {
  const auto between = [share](int x, int y) { return qRound(x + share * (y - x)); };
  return {between(a.red(), b.red()), between(a.green(), b.green()), between(a.blue(), b.blue())};
}

const QString& windowSheet() { return g_sheet; }

}  // namespace havlo
