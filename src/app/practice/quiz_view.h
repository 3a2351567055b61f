// The picture a question is about: things with numbers, prints to choose among, or a line to be moved to the
// horizon.
#pragma once

#include <QImage>
#include <QWidget>
#include <memory>

#include "core/practice/quiz.h"

namespace havlo {

class QuizView : public QWidget {
  Q_OBJECT

 public:
  explicit QuizView(QWidget* parent = nullptr);
  /// @param picture  of the card; none for prints
  void show(std::shared_ptr<const Plan> plan, AnalysisRef analysis, const Question& question,
            const QImage& picture);
  void clear();
  /// Where the learner's line is, mm above the panel's foot.
  double line() const { return m_line_mm; }
  void setLine(double mm);
  /// Shows where the horizon is; the line stays.
  void showRight();
  QSize minimumSizeHint() const override { return {240, 170}; }

 Q_SIGNALS:
  void lineMoved(double mm);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;

 private:
  std::shared_ptr<const Plan> m_plan;
  AnalysisRef m_analysis;
  Question m_question;
  QImage m_picture;
  double m_line_mm = 0;
  bool m_right = false;

  QRectF box() const;
  double heightAt(QPointF pixel) const;
  void paintPrints(QPainter& p) const;
  void paintNumbers(QPainter& p) const;
  void paintLine(QPainter& p, double mm, const QColor& ink, const QString& words) const;
};

}  // namespace havlo
