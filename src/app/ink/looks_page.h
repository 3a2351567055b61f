// What is seen first, in numbers: shares, rivals with why, what leads the eye, balance, plain space.
#pragma once

#include <QWidget>

#include "app/session/plan_session.h"

class QLabel;

namespace havlo {

/// Shares of the pull as bars, the hero's in green.
class ShareBars : public QWidget {
 public:
  explicit ShareBars(PlanSession& session, QWidget* parent = nullptr);
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return sizeHint(); }

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent*) override;

 private:
  PlanSession& m_session;
  static constexpr int kMost = 8;
  int rows() const;
  double rowHeight() const;
};

class LooksPage : public QWidget {
  Q_OBJECT

 public:
  explicit LooksPage(PlanSession& session, QWidget* parent = nullptr);

 private:
  PlanSession& m_session;
  QLabel *m_head, *m_rivals, *m_lines, *m_balance, *m_plain;
  ShareBars* m_bars;
  void refresh();
};

}  // namespace havlo
