// The trail: the places in the order of work, each saying by shape and words how it stands.
#pragma once

#include <QWidget>
#include <vector>

#include "app/common/marks.h"

namespace havlo {

class Trail : public QWidget {
  Q_OBJECT

 public:
  struct Place {
    QString name, status;
    Mark mark = Mark::Fine;
    Level level = Level::Note;
  };

  explicit Trail(QWidget* parent = nullptr);
  void setPlaces(std::vector<Place> places);
  void setPlan(const QString& title, const QString& state);
  void setCurrent(int place);
  QRect areaOf(int place) const;
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return {300, sizeHint().height()}; }

 Q_SIGNALS:
  void visited(int place);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;

 private:
  std::vector<Place> m_places;
  QString m_title, m_state;
  int m_current = 0;
  double stride() const;
};

}  // namespace havlo
