#include "app/shell/menus.h"

#include <QApplication>
#include <QMenu>
#include <QMenuBar>
#include <QPointer>
#include <utility>

#include "app/actions/action_table.h"
#include "app/common/drawings.h"
#include "app/session/plan_session.h"
#include "app/shell/filing.h"

namespace havlo {

namespace {

/// A menu and those it was opened from.
void closeOpenMenus() {
  QPointer<QWidget> last;
  while (auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget())) {
    if (menu == last) return;  // it would not
    last = menu;
    menu->close();
  }
}

}  // namespace

Menus::Menus(QMenuBar& bar, ActionTable& actions, const PlanSession& session, Filing& filing, QObject* parent)
    : QObject(parent), m_bar(bar), m_actions(actions), m_filing(filing) {
  const std::pair<const char*, QString> titles[] = {{"plan", tr("&Plan")},       {"change", tr("&Change")},
                                                    {"thing", tr("&Thing")},     {"look", tr("&Look")},
                                                    {"lessons", tr("L&essons")}, {"help", tr("&Help")}};
  connect(&session, &PlanSession::planChanged, this, [&session, was = session.snapshot()]() mutable {
    // An order that was found for the same plan closes nothing.
    if (std::exchange(was, session.snapshot()) != session.snapshot()) closeOpenMenus();
  });
  for (const auto& [id, title] : titles) {
    QMenu* menu = bar.addMenu(title);
    menu->setObjectName(QLatin1String(id));
    fill(menu);
    connect(&actions, &ActionTable::changed, menu, [this, menu] { fill(menu); });
  }
}

void Menus::fill() {
  for (QMenu* menu : m_bar.findChildren<QMenu*>(Qt::FindDirectChildrenOnly)) fill(menu);
}

void Menus::fill(QMenu* menu) {
  menu->clear();
  for (QAction* action : m_actions.of(menu->objectName())) {
    // A mark of what is chosen stands in the same place as a drawing.
    if (action && !action->isCheckable()) action->setIcon(drawingIcon(drawingOfAct(action->objectName())));
    action ? menu->addAction(action) : (void)menu->addSeparator();
    if (!action || action->objectName() != QLatin1String("open")) continue;
    QMenu* recent = menu->addMenu(tr("Open &recent"));
    connect(recent, &QMenu::aboutToShow, this, [this, recent] { m_filing.fillRecent(recent); });
    QMenu* unsaved = menu->addMenu(tr("Work that was &not saved"));
    connect(unsaved, &QMenu::aboutToShow, this, [this, unsaved] { m_filing.fillUnsaved(unsaved); });
  }
}

}  // namespace havlo
