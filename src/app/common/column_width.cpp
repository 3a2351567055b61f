#include "app/common/column_width.h"

#include <QEvent>
#include <QScrollArea>
#include <algorithm>

namespace havlo {
namespace {

class WidthHolder : public QObject {
 public:
  WidthHolder(QWidget* column, int usual) : QObject(column), m_column(column), m_most(usual + usual * 3 / 5) {
    column->setFixedWidth(usual);
    column->installEventFilter(this);
  }

  bool eventFilter(QObject* watched, QEvent* event) override {
    // A bar that comes takes of the viewport's width without any layout being asked for.
    if (event->type() == QEvent::LayoutRequest || (event->type() == QEvent::Resize && watched != m_column))
      fit();
    return QObject::eventFilter(watched, event);
  }

 private:
  /// What is beside the rolling part (frames, margins, the bar) keeps its width: it is told by the outermost
  /// area.
  void fit() {
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
  int m_most;
};

}  // namespace

void holdWidth(QWidget* column, int usual) { new WidthHolder(column, usual); }

}  // namespace havlo
