// Prints are silhouettes of a stamp of the card in a film of its ink, so that tone is judged on a shape with
// edges.
#include "app/practice/quiz_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "core/ink/ink_facts.h"
#include "core/outline/shape_ops.h"
#include "core/press/canvas.h"
#include "io/art/shape_path.h"

namespace havlo {
namespace {

constexpr double kLineNudge_mm = 0.5, kLineStride_mm = 5;

/// The ink on paper, at a share of the contrast of a fresh print.
QColor printed(const Ink& ink, double share) {
  const LinearRgb c = pressedOn({1, 1, 1}, printKeeping(ink, share), 2);
  const auto level = [](float v) { return static_cast<int>(std::lround(srgbOf(v))); };
  return QColor(level(c[0]), level(c[1]), level(c[2]));
}

}  // namespace

QuizView::QuizView(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setLayoutDirection(Qt::LeftToRight);  // what is on paper is not mirrored
}

void QuizView::show(std::shared_ptr<const Plan> plan, AnalysisRef analysis, const Question& question,
                    const QImage& picture) {
  m_plan = std::move(plan), m_analysis = std::move(analysis), m_question = question, m_picture = picture;
  m_right = false;
  m_line_mm = question.height_mm / 2;
  setCursor(question.what == Drill::Horizon ? Qt::SizeVerCursor : Qt::ArrowCursor);
  setFocusPolicy(question.what == Drill::Horizon ? Qt::StrongFocus : Qt::NoFocus);
  update();
}

void QuizView::clear() {
  m_plan.reset(), m_analysis.reset(), m_picture = {};
  update();
}

void QuizView::setLine(double mm) {
  if (m_question.what != Drill::Horizon || m_right) return;
  m_line_mm = std::clamp(mm, 0.0, m_question.height_mm);
  update();
  Q_EMIT lineMoved(m_line_mm);
}

void QuizView::showRight() {
  m_right = true;
  update();
}

QRectF QuizView::box() const {
  QSizeF size = m_picture.isNull() ? QSizeF(3, 2) : QSizeF(m_picture.size());
  size.scale(QSizeF(width() - 2, height() - 2), Qt::KeepAspectRatio);
  return {QPointF((width() - size.width()) / 2, (height() - size.height()) / 2), size};
}

double QuizView::heightAt(QPointF pixel) const {
  const QRectF b = box();
  return (b.bottom() - pixel.y()) / b.height() * m_question.height_mm;
}

void QuizView::paintEvent(QPaintEvent*) {
  if (!m_plan) return;
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  if (m_question.what == Drill::Tone) return paintPrints(p);
  const QRectF b = box();
  const qreal ratio = devicePixelRatioF();
  p.drawImage(b,
              m_picture.scaled((b.size() * ratio).toSize(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation));
  p.setPen(QPen(theme().rule, 1));
  p.drawRect(b);
  if (m_question.what == Drill::Horizon) {
    paintLine(p, m_line_mm, lightTheme().madder, m_right ? tr("yours") : QString());
    if (m_right) paintLine(p, m_question.horizon_mm, lightTheme().green, tr("the horizon"));
    if (hasFocus() && !m_right) {
      p.setPen(QPen(theme().green, 2));
      p.setBrush(Qt::NoBrush);
      p.drawRect(b.adjusted(-1, -1, 1, 1));
    }
    return;
  }
  paintNumbers(p);
}

void QuizView::paintLine(QPainter& p, double mm, const QColor& ink, const QString& words) const {
  const QRectF b = box();
  const double y = b.bottom() - mm / m_question.height_mm * b.height();
  p.setPen(QPen(lightTheme().card, 4));
  p.drawLine(QPointF(b.left(), y), QPointF(b.right(), y));
  p.setPen(QPen(ink, 2));
  p.drawLine(QPointF(b.left(), y), QPointF(b.right(), y));
  if (words.isEmpty()) return;
  p.setFont(labelFont(QFont::DemiBold));
  const QRectF size = p.fontMetrics().boundingRect(words);
  QRectF label(b.left() + 8, y - size.height() - 6, size.width() + 10, size.height() + 4);
  // Two lines near each other: the upper one's words above it, the lower one's below.
  if (m_right && mm < std::max(m_line_mm, m_question.horizon_mm)) label.moveTop(y + 3);
  p.fillRect(label, lightTheme().card);
  p.drawText(label, Qt::AlignCenter, words);
}

void QuizView::paintNumbers(QPainter& p) const {
  const QRectF b = box();
  const PanelSize& panel = m_plan->card.panel;
  p.setFont(bodyFont(QFont::Bold));
  int n = 0;
  for (int i : m_question.things) {
    const Box thing = m_analysis->meetings.placed[ix(i)]->box.common(panel.box());
    const Point c = thing.centre();
    const QPointF at(b.left() + c.x / panel.width_mm * b.width(),
                     b.bottom() - c.y / panel.height_mm * b.height());
    p.setPen(QPen(lightTheme().madder, 2));
    p.setBrush(lightTheme().card);
    p.drawEllipse(at, 11, 11);
    p.setPen(lightTheme().ink);
    p.drawText(QRectF(at - QPointF(11, 11), QSizeF(22, 22)), Qt::AlignCenter, QString::number(++n));
  }
}

void QuizView::paintPrints(QPainter& p) const {
  const Ink* ink = m_plan->ink(m_question.ink);
  if (!ink || m_plan->impressions.empty()) return;
  const auto n = static_cast<double>(m_question.shares.size());
  const double cell = width() / (n + 1.4), high = height() - 60.0;
  // The stamp that fills its room best shows tone best.
  const Rings* shape = nullptr;
  double largest = 0, scale = 1;
  for (const Impression& i : m_plan->impressions) {
    const StampRef stamp = m_plan->stamp(i.stamp);
    const Box size = boxOf(stamp->silhouette);
    const double fits = std::min(cell * 0.85 / size.width(), high * 0.95 / size.height());
    if (const double area = areaOf(stamp->silhouette) * fits * fits; area > largest)
      largest = area, shape = &stamp->silhouette, scale = fits;
  }
  if (!shape) return;
  const Box size = boxOf(*shape);
  const double middle_y = height() / 2.0 - 14;
  p.fillRect(rect(), Qt::white);
  const auto print = [&](double middle, double share, const QString& words) {
    p.save();
    p.translate(middle - scale * size.centre().x, middle_y + scale * size.centre().y);
    p.scale(scale, -scale);
    p.fillPath(pathOf(*shape), printed(*ink, share));
    p.restore();
    p.setPen(lightTheme().ink);
    p.setFont(bodyFont(QFont::DemiBold));
    const double under = middle_y + scale * size.height() / 2 + 8;
    p.drawText(QRectF(middle - cell / 2, under, cell, 24), Qt::AlignCenter, words);
  };
  print(cell * 0.6, 1, tr("fresh"));
  p.setPen(QPen(lightTheme().rule, 1));
  p.drawLine(QPointF(cell * 1.2, 12), QPointF(cell * 1.2, height() - 12));
  for (size_t k = 0; k < m_question.shares.size(); ++k)
    print(cell * (1.9 + static_cast<double>(k)), m_question.shares[k], QString::number(k + 1));
}

void QuizView::mousePressEvent(QMouseEvent* e) {
  if (m_plan && e->button() == Qt::LeftButton) setLine(heightAt(e->position()));
}

void QuizView::mouseMoveEvent(QMouseEvent* e) {
  if (m_plan && e->buttons() & Qt::LeftButton) setLine(heightAt(e->position()));
}

void QuizView::keyPressEvent(QKeyEvent* e) {
  const double by = e->modifiers() & Qt::ShiftModifier ? kLineStride_mm : kLineNudge_mm;
  if (m_question.what == Drill::Horizon && e->key() == Qt::Key_Up) return setLine(m_line_mm + by);
  if (m_question.what == Drill::Horizon && e->key() == Qt::Key_Down) return setLine(m_line_mm - by);
  QWidget::keyPressEvent(e);
}

}  // namespace havlo
