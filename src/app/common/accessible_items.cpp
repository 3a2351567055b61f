#include "app/common/accessible_items.h"

#include <QAbstractButton>
#include <QAccessible>
#include <QAccessibleWidget>
#include <QApplication>
#include <QCheckBox>
#include <QMainWindow>
#include <QMenu>
#include <QPointer>
#include <QRadioButton>

namespace havlo {
namespace {

/// Does a view have the keys? What pops up has them without being told so.
bool hasKeys(const QWidget* view) { return view->hasFocus() || QApplication::activePopupWidget() == view; }

/// One item: asks its view whenever it is asked.
class ItemInterface : public QAccessibleInterface, public QAccessibleActionInterface {
 public:
  ItemInterface(QWidget* view, int item) : m_view(view), m_item(item) {}

  bool isValid() const override { return m_view && m_item < static_cast<int>(all().size()); }
  QObject* object() const override { return nullptr; }
  QAccessibleInterface* parent() const override {
    return m_view ? QAccessible::queryAccessibleInterface(m_view) : nullptr;
  }
  QAccessibleInterface* child(int) const override { return nullptr; }
  int childCount() const override { return 0; }
  int indexOfChild(const QAccessibleInterface*) const override { return -1; }
  QAccessibleInterface* childAt(int, int) const override { return nullptr; }
  QString text(QAccessible::Text which) const override {
    if (!isValid()) return {};
    if (which == QAccessible::Name) return item().name;
    return which == QAccessible::Description ? item().words : QString();
  }
  void setText(QAccessible::Text, const QString&) override {}
  QRect rect() const override {
    if (!isValid()) return {};
    const QRect place = item().place;
    return {m_view->mapToGlobal(place.topLeft()), place.size()};
  }
  QAccessible::Role role() const override { return QAccessible::ListItem; }
  QAccessible::State state() const override {
    QAccessible::State s;
    if (!isValid()) {
      s.invalid = true;
      return s;
    }
    const bool chosen = item().chosen;
    s.selectable = s.focusable = true;
    s.selected = chosen;
    s.focused = chosen && hasKeys(m_view);
    s.disabled = !m_view->isEnabled();
    s.invisible = !m_view->isVisible();
    return s;
  }
  void* interface_cast(QAccessible::InterfaceType type) override {
    return type == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this) : nullptr;
  }
  QStringList actionNames() const override { return {pressAction()}; }
  QStringList keyBindingsForAction(const QString&) const override { return {}; }
  void doAction(const QString& name) override {
    if (name == pressAction() && isValid()) dynamic_cast<ItemView*>(m_view.data())->takeItem(m_item);
  }

 private:
  QPointer<QWidget> m_view;
  int m_item;

  std::vector<ViewItem> all() const { return dynamic_cast<const ItemView*>(m_view.data())->items(); }
  ViewItem item() const { return all()[static_cast<size_t>(m_item)]; }
};

class ViewInterface : public QAccessibleWidget {
 public:
  explicit ViewInterface(QWidget* view) : QAccessibleWidget(view, QAccessible::List) {}
  ~ViewInterface() override {
    for (const QAccessible::Id id : m_known) QAccessible::deleteAccessibleInterface(id);
  }

  // What pops up is found in the window over which it does, see WindowInterface.
  QAccessibleInterface* parent() const override {
    const QWidget* above = widget()->windowType() == Qt::Popup ? widget()->parentWidget() : nullptr;
    return above ? QAccessible::queryAccessibleInterface(above->window()) : QAccessibleWidget::parent();
  }
  // Fields that are laid over the picture come after its items.
  int childCount() const override { return count() + QAccessibleWidget::childCount(); }
  QAccessibleInterface* child(int index) const override {
    if (index < 0) return nullptr;
    if (index >= count()) return QAccessibleWidget::child(index - count());
    while (static_cast<int>(m_known.size()) <= index)
      m_known.push_back(QAccessible::registerAccessibleInterface(
          new ItemInterface(widget(), static_cast<int>(m_known.size()))));
    return QAccessible::accessibleInterface(m_known[static_cast<size_t>(index)]);
  }
  int indexOfChild(const QAccessibleInterface* child) const override {
    for (size_t k = 0; k < m_known.size(); ++k)
      if (QAccessible::accessibleInterface(m_known[k]) == child) return static_cast<int>(k);
    const int other = QAccessibleWidget::indexOfChild(child);
    return other < 0 ? -1 : other + count();
  }
  QAccessibleInterface* childAt(int x, int y) const override {
    const QPoint at = widget()->mapFromGlobal(QPoint(x, y));
    const std::vector<ViewItem> all = items();
    for (size_t k = 0; k < all.size(); ++k)
      if (all[k].place.contains(at)) return child(static_cast<int>(k));
    return QAccessibleWidget::childAt(x, y);
  }
  QAccessibleInterface* focusChild() const override {
    if (!hasKeys(widget())) return QAccessibleWidget::focusChild();
    const std::vector<ViewItem> all = items();
    for (size_t k = 0; k < all.size(); ++k)
      if (all[k].chosen) return child(static_cast<int>(k));
    return QAccessibleWidget::focusChild();
  }

 private:
  mutable std::vector<QAccessible::Id> m_known;

  std::vector<ViewItem> items() const { return dynamic_cast<const ItemView*>(widget())->items(); }
  int count() const { return static_cast<int>(items().size()); }
};

/// A window, and what pops up over it: of that Qt tells only as long as nobody looks for it in the tree.
class WindowInterface : public QAccessibleWidget {
 public:
  explicit WindowInterface(QWidget* window) : QAccessibleWidget(window, QAccessible::Window) {}

  int childCount() const override {
    return QAccessibleWidget::childCount() + static_cast<int>(popups().size());
  }
  QAccessibleInterface* child(int index) const override {
    const int own = QAccessibleWidget::childCount();
    if (index < own) return QAccessibleWidget::child(index);
    const QList<QWidget*> over = popups();
    return index - own < over.size() ? QAccessible::queryAccessibleInterface(over[index - own]) : nullptr;
  }
  int indexOfChild(const QAccessibleInterface* child) const override {
    const qsizetype over = child ? popups().indexOf(qobject_cast<QWidget*>(child->object())) : -1;
    return over >= 0 ? QAccessibleWidget::childCount() + static_cast<int>(over)
                     : QAccessibleWidget::indexOfChild(child);
  }

 private:
  QList<QWidget*> popups() const {
    QList<QWidget*> out;
    for (QWidget* one : QApplication::topLevelWidgets())
      if (one->isVisible() && one->windowType() == Qt::Popup && one->parentWidget() &&
          one->parentWidget()->window() == widget() &&
          (dynamic_cast<ItemView*>(one) || qobject_cast<QMenu*>(one)))
        out << one;
    return out;
  }
};

/// A button that stays down. Qt's own only sets it there, which no part of the window listens to: taken
/// through the tree it is clicked, as by hand.
class CheckedButtonInterface : public QAccessibleWidget {
 public:
  explicit CheckedButtonInterface(QAbstractButton* button)
      : QAccessibleWidget(button, qobject_cast<QRadioButton*>(button) ? QAccessible::RadioButton
                                  : qobject_cast<QCheckBox*>(button)  ? QAccessible::CheckBox
                                                                      : QAccessible::PushButton) {}

  QString text(QAccessible::Text which) const override {
    const QString told = QAccessibleWidget::text(which);
    if (which != QAccessible::Name || !told.isEmpty()) return told;
    return QString(button()->text()).remove(u'&');
  }
  QAccessible::State state() const override {
    QAccessible::State s = QAccessibleWidget::state();
    s.checkable = true;
    s.checked = button()->isChecked();
    return s;
  }
  QStringList actionNames() const override {
    QStringList names;
    if (button()->isEnabled()) names << toggleAction() << pressAction();
    return names << QAccessibleWidget::actionNames();
  }
  void doAction(const QString& name) override {
    if (name == toggleAction() || name == pressAction()) return button()->animateClick();
    QAccessibleWidget::doAction(name);
  }

 private:
  QAbstractButton* button() const { return static_cast<QAbstractButton*>(widget()); }
};

QAccessibleInterface* interfaceOf(const QString&, QObject* object) {
  auto* widget = qobject_cast<QWidget*>(object);
  if (!widget) return nullptr;
  if (dynamic_cast<ItemView*>(widget)) return new ViewInterface(widget);
  if (auto* button = qobject_cast<QAbstractButton*>(widget); button && button->isCheckable())
    return new CheckedButtonInterface(button);
  return qobject_cast<QMainWindow*>(widget) ? new WindowInterface(widget) : nullptr;
}

}  // namespace

void tellOfItems() {
  static const bool once = (QAccessible::installFactory(interfaceOf), true);
  Q_UNUSED(once)
}

void itemFocused(QWidget* view, int item) {
  if (!QAccessible::isActive() || item < 0) return;
  for (const auto what : {QAccessible::Focus, QAccessible::Selection}) {
    QAccessibleEvent event(view, what);
    event.setChild(item);
    QAccessible::updateAccessibility(&event);
  }
}

void announce(QWidget* by, const QString& text) {
  if (by->accessibleName() == text) return;
  by->setAccessibleName(text);
  QAccessibleEvent event(by, QAccessible::Alert);
  QAccessible::updateAccessibility(&event);
}

}  // namespace havlo
