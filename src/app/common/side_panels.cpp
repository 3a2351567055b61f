#include "app/common/side_panels.h"

#include <QEvent>
#include <QLayout>
#include <algorithm>

#include "app/common/divider_tab.h"

namespace havlo {
namespace {

constexpr int kBetween = 10;

/// What it holds must not move the main thing: a width that is set stays.
int widthOf(const QWidget* panel) {
  return panel->minimumWidth() > 0 ? panel->minimumWidth() : panel->minimumSizeHint().width();
}

}  // namespace

SidePanels::SidePanels(QWidget* main, const QString& title, int least, QWidget* parent)
    : QWidget(parent),
      m_main(main),
      m_least(least),
      m_wanted(least),
      m_mainTab(new DividerTab(title, this)),
      m_turn(main) {
  main->setParent(this);
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
  m_mainTab->hide();
  connect(m_mainTab, &DividerTab::clicked, this, [this] { choose(m_main); });
}

void SidePanels::add(QWidget* panel, const QString& title, Side side) {
  panel->setParent(this);
  auto* tab = new DividerTab(title, this);
  tab->hide();
  connect(tab, &DividerTab::clicked, this, [this, panel] { choose(panel); });
  m_panels.push_back({panel, tab, side});
  if (!m_shared) m_shared = panel;
  // As it is read: what stands before, the main thing, what stands after.
  QWidget* last = nullptr;
  for (const Side s : {Side::Before, Side::After}) {
    if (s == Side::After) {
      if (last) setTabOrder(last, m_main);
      last = m_main;
    }
    for (const Panel& p : m_panels)
      if (p.side == s) {
        if (last) setTabOrder(last, p.widget);
        last = p.widget;
      }
  }
}

int SidePanels::tabHeight() const { return m_mainTab->sizeHint().height(); }

void SidePanels::choose(QWidget* widget) {
  m_turn = widget;
  if (widget != m_main) m_shared = widget;
  layAll();
}

void SidePanels::bringUp(QWidget* panel) {
  m_shared = panel;
  layAll();
}

QSize SidePanels::minimumSizeHint() const {
  // Where they take turns each has all of it.
  QSize least = m_main->minimumSizeHint().expandedTo(m_main->minimumSize());
  int wide = std::max(least.width(), 200);
  const int tall = least.height();
  for (const Panel& p : m_panels) wide = std::max(wide, widthOf(p.widget));
  // Panels roll: what they show must not make the place taller.
  constexpr int kRolled = 220;
  return {wide, std::max(tall, kRolled)};
}

QSize SidePanels::sizeHint() const {
  int wide = m_least;
  for (const Panel& p : m_panels) wide += widthOf(p.widget) + kBetween;
  // No taller than it must be: it takes what room there is, and asks for none.
  return {wide, minimumSizeHint().height()};
}

bool SidePanels::event(QEvent* event) {
  if (event->type() == QEvent::LayoutRequest || event->type() == QEvent::LayoutDirectionChange) {
    layAll();
    updateGeometry();
  }
  return QWidget::event(event);
}

void SidePanels::layAll() {
  int all = m_wanted, widest = 0;
  for (const Panel& p : m_panels)
    all += widthOf(p.widget) + kBetween, widest = std::max(widest, widthOf(p.widget));
  m_folding = width() >= all                           ? Folding::None
              : width() >= m_least + widest + kBetween ? Folding::Shared
                                                       : Folding::Turns;
  if (m_folding == Folding::Shared && m_panels.size() == 1) m_folding = Folding::None;
  const auto place = [this](QWidget* w, QRect at) {
    if (isRightToLeft()) at.moveLeft(width() - at.right() - 1);
    w->setGeometry(at);
    w->setVisible(true);
  };
  const bool turns = m_folding == Folding::Turns, shared = m_folding == Folding::Shared;
  m_mainTab->setVisible(turns);
  m_mainTab->setChecked(m_turn == m_main);
  for (const Panel& p : m_panels) {
    p.tab->setVisible(turns || shared);
    p.tab->setChecked(turns ? m_turn == p.widget : m_shared == p.widget);
  }
  if (m_folding == Folding::None) {
    // What was added first stands next to the main thing.
    int left = 0, right = width();
    for (auto p = m_panels.rbegin(); p != m_panels.rend(); ++p) {
      if (p->side != Side::After) continue;
      const int w = widthOf(p->widget);
      place(p->widget, {right - w, 0, w, height()});
      right -= w + kBetween;
    }
    for (const Panel& p : m_panels) {
      if (p.side != Side::Before) continue;
      const int w = widthOf(p.widget);
      place(p.widget, {left, 0, w, height()});
      left += w + kBetween;
    }
    return place(m_main, {left, 0, std::max(0, right - left), height()});
  }
  const int tabs = tabHeight(), below = height() - tabs;
  int x = turns ? 0 : width() - widest;
  const auto tab = [&](DividerTab* t) {
    const QSize size = t->sizeHint();
    place(t, {x, tabs - size.height(), size.width(), size.height()});
    t->raise();
    x += size.width();
  };
  if (turns) tab(m_mainTab);
  for (const Panel& p : m_panels) tab(p.tab);
  if (shared) place(m_main, {0, 0, width() - widest - kBetween, height()});
  if (turns) m_turn == m_main ? place(m_main, {0, tabs, width(), below}) : m_main->hide();
  for (const Panel& p : m_panels) {
    const bool front = turns ? m_turn == p.widget : m_shared == p.widget;
    if (!front) {
      p.widget->hide();
      continue;
    }
    // As wide as the widest, under the same tabs; what it asks for stays its own.
    const int w = std::min(widest, width());
    if (p.widget->maximumWidth() < w) p.widget->setMaximumWidth(w);
    place(p.widget, {shared ? width() - widest : 0, tabs, w, below});
  }
}

}  // namespace havlo
