#include "app/common/column_width.h"

#include <QEvent>
#include <QLayout>
#include <QScrollArea>
#include <algorithm>

namespace havlo {
namespace {

class WidthHolder : public QObject {
 public:
  WidthHolder(QWidget* column, int usual)
      : QObject(column), m_column(column), m_usual(usual), m_most(usual + usual * 3 / 5), m_wide(usual) {
    column->setFixedWidth(usual);
    column->installEventFilter(this);
  }

  bool eventFilter(QObject* watched, QEvent* event) override {
    // A bar that comes takes of the viewport's width without any layout being asked for.
    if (event->type() == QEvent::LayoutRequest || (event->type() == QEvent::Resize && watched != m_column))
      fit();
    if (watched == m_column && event->type() == QEvent::Show && m_column->window() != m_window) {
      m_window = m_column->window();
      m_window->installEventFilter(this);
      growWithWindow();
    }
    if (watched == m_window && event->type() == QEvent::Resize) growWithWindow();
    return QObject::eventFilter(watched, event);
  }

 private:
  /// Of the width beyond a usual screen an eighth each.
  void growWithWindow() {
    constexpr int kUsualScreen = 1500;
    const int wide = m_usual + std::max(0, m_window->width() - kUsualScreen) / 8;
    if (wide == m_wide) return;
    m_wide = wide;
    // What is in it is laid out anew by then, and may ask for more.
    m_column->setFixedWidth(std::min(wide, m_most));
  }

  /// What is beside the rolling part (frames, margins, the bar) keeps its width: it is told by the outermost
  /// area.
  void fit() {
    if (m_fitting) return;
    m_fitting = true;
    // What is measured is laid out as it is to be now.
    if (m_column->layout()) m_column->layout()->activate();
    m_fitting = false;
    if (m_column->layout() && m_column->layout()->geometry().width() != m_column->contentsRect().width())
      return;
    int need = m_column->width();
    for (const QScrollArea* area : m_column->findChildren<QScrollArea*>()) {
      if (!area->isVisibleTo(m_column) || !area->widget()) continue;
      if (area->horizontalScrollBarPolicy() != Qt::ScrollBarAlwaysOff) continue;
      // Once: a second time only moves it to the front.
      area->widget()->installEventFilter(this);
      area->viewport()->installEventFilter(this);
      const int beside = m_column->width() - area->viewport()->width();
      const int wanted = area->widget()->minimumSizeHint().width();
      if (area->viewport()->width() > 0 && beside >= 0) need = std::max(need, wanted + beside);
    }
    need = std::min(need, m_most);
    if (need > m_column->width()) m_column->setFixedWidth(need);
  }

  QWidget* m_column;
  QWidget* m_window = nullptr;
  int m_usual, m_most, m_wide;
  bool m_fitting = false;
};

}  // namespace

void holdWidth(QWidget* column, int usual) { new WidthHolder(column, usual); }

}  // namespace havlo
