// Pads lie in the order of CIE LCh, so that rows are of one depth and columns of one hue to the eye.
#include "app/common/ink_tin.h"

#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QRegularExpression>
#include <QSlider>
#include <algorithm>
#include <cmath>

#include "app/common/form_rows.h"
#include "io/art/shape_path.h"

namespace havlo {
namespace {

constexpr int kHues = 12, kDepths = 5;
constexpr double kMostChroma = 110;

unsigned char byteOf(float linear) {
  return static_cast<unsigned char>(
      std::lround(255 * channelOf(std::clamp(static_cast<double>(linear), 0.0, 1.0))));
}

Colour colourOf(const Lch& lch) {
  const LinearRgb c = linearOf(labOf(lch));
  return {byteOf(c[0]), byteOf(c[1]), byteOf(c[2])};
}

/// Can a screen show it?
bool shown(const Lch& lch) {
  const Lab wanted = labOf(lch), is = labOf(colourOf(lch));
  return differenceOf(wanted, is) < 2;
}

/// Of a lightness and hue the strongest that can be shown, up to a wish.
Lch within(double L, double h, double wish) {
  Lch c{L, wish, h};
  while (c.C > 0 && !shown(c)) c.C -= 2;
  c.C = std::max(0.0, c.C);
  return c;
}

/// Shows the colour on the card's paper, as a pad and as a pressed patch.
class Sample : public QWidget {
 public:
  Sample() { setMinimumSize(150, 70); }
  Colour colour;

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), lightTheme().card);
    p.setPen(theme().edge);
    p.drawRect(rect().adjusted(0, 0, -1, -1));
    drawPad(p, QRectF(12, 10, height() - 20, height() - 20), colour);
    p.setPen(Qt::NoPen);
    p.setBrush(havlo::colourOf(colour));
    p.drawRoundedRect(QRectF(height() + 6, 14, width() - height() - 20, height() - 28), 3, 3);
  }
};

}  // namespace

void drawPad(QPainter& p, const QRectF& at, Colour colour) {
  p.save();
  p.setRenderHint(QPainter::Antialiasing);
  const QColor c = havlo::colourOf(colour);
  const double r = at.width() * 0.18, rim = std::max(1.0, at.width() * 0.09);
  p.setPen(Qt::NoPen);
  p.setBrush(theme().edge);
  p.drawRoundedRect(at, r, r);
  p.setBrush(theme().paper);
  p.drawRoundedRect(at.adjusted(1, 1, -1, -1), r, r);
  p.setBrush(c);
  p.drawRoundedRect(at.adjusted(rim + 1, rim + 1, -rim - 1, -rim - 1), r * 0.7, r * 0.7);
  p.setPen(QPen(c.lighter(125), std::max(0.8, rim * 0.5)));
  const QRectF cloth = at.adjusted(2.2 * rim, 2.2 * rim, -2.2 * rim, -2.2 * rim);
  if (at.width() > 18)
    for (int k = 0; k < 3; ++k)
      p.drawLine(QPointF(cloth.left() + k * cloth.width() / 3, cloth.bottom()),
                 QPointF(cloth.left() + (k + 1) * cloth.width() / 3, cloth.top()));
  p.restore();
}

QIcon padIcon(Colour colour) {
  QPixmap pad(32, 32);
  pad.fill(Qt::transparent);
  QPainter p(&pad);
  drawPad(p, QRectF(2, 2, 28, 28), colour);
  p.end();
  return pad;
}

PadGrid::PadGrid(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("Ink pads"));
  const double light[kDepths] = {88, 74, 60, 46, 32}, strong[kDepths] = {28, 50, 72, 62, 44};
  for (int d = 0; d < kDepths; ++d)
    for (int h = 0; h < kHues; ++h) m_pads.push_back(within(light[d], 20 + 30.0 * h, strong[d]));
  for (int h = 0; h < kHues; ++h) m_pads.push_back({100 - h * 92.0 / (kHues - 1), 0, 0});
}

QSize PadGrid::sizeHint() const {
  const int side = appearance().large ? 44 : qRound(30 * std::sqrt(textScale()));
  return {kHues * side, (kDepths + 1) * side};
}

QRectF PadGrid::placeOf(int pad) const {
  const double w = static_cast<double>(width()) / kHues, h = static_cast<double>(height()) / (kDepths + 1);
  const double side = std::min(w, h);
  return QRectF(pad % kHues * w, pad / kHues * h, side, side).adjusted(2, 2, -2, -2);
}

void PadGrid::setChosen(const Lch& colour) {
  const Lab wanted = labOf(colour);
  m_chosen = -1;
  for (size_t k = 0; k < m_pads.size(); ++k)
    if (differenceOf(labOf(m_pads[k]), wanted) < 0.5) m_chosen = static_cast<int>(k);
  update();
}

std::vector<ViewItem> PadGrid::items() const {
  const QString hues[] = {tr("rose"),       tr("orange red"), tr("amber"),     tr("yellow"),
                          tr("leaf green"), tr("green"),      tr("sea green"), tr("turquoise"),
                          tr("sky blue"),   tr("blue"),       tr("violet"),    tr("pink")};
  const QString depths[] = {tr("pale"), tr("light"), tr("clear"), tr("deep"), tr("dark")};
  std::vector<ViewItem> out;
  for (int k = 0; k < static_cast<int>(m_pads.size()); ++k) {
    const int row = k / kHues;
    out.push_back({row < kDepths ? tr("%1 %2").arg(depths[row], hues[k % kHues])
                                 : tr("grey, lightness %1").arg(qRound(m_pads[ix(k)].L)),
                   {},
                   placeOf(k).toRect(),
                   k == m_chosen});
  }
  return out;
}

void PadGrid::takeItem(int item) {
  if (item < 0 || item >= static_cast<int>(m_pads.size())) return;
  m_chosen = item;
  itemFocused(this, item);
  update();
  Q_EMIT taken(m_pads[ix(item)]);
}

void PadGrid::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  for (int k = 0; k < static_cast<int>(m_pads.size()); ++k) {
    drawPad(p, placeOf(k), colourOf(m_pads[ix(k)]));
    if (k != m_chosen) continue;
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(theme().green, hasFocus() ? 3 : 2));
    p.drawRoundedRect(placeOf(k).adjusted(-1, -1, 1, 1), 6, 6);
  }
  if (hasFocus() && m_chosen < 0) {
    p.setPen(QPen(theme().green, 2));
    p.drawRect(rect().adjusted(1, 1, -1, -1));
  }
}

void PadGrid::mousePressEvent(QMouseEvent* e) {
  for (int k = 0; k < static_cast<int>(m_pads.size()); ++k)
    if (placeOf(k).contains(e->position())) return takeItem(k);
}

void PadGrid::keyPressEvent(QKeyEvent* e) {
  const int by = e->key() == Qt::Key_Right  ? 1
                 : e->key() == Qt::Key_Left ? -1
                 : e->key() == Qt::Key_Down ? kHues
                 : e->key() == Qt::Key_Up   ? -kHues
                                            : 0;
  if (by == 0) return QWidget::keyPressEvent(e);
  const int next = m_chosen < 0 ? 0 : m_chosen + by;
  if (next >= 0 && next < static_cast<int>(m_pads.size())) takeItem(next);
}

InkTin::InkTin(const QString& title, Colour start, QWidget* parent)
    : QDialog(parent), m_colour(start), m_lch(lchOf(labOf(start))) {
  setWindowTitle(title);
  auto* column = new QVBoxLayout(this);
  asSheet(column);
  column->addWidget(m_pads = new PadGrid);
  auto* fine = new FormRows;
  const auto slider = [&](const QString& name, int most, const char* id) {
    auto* s = new QSlider(Qt::Horizontal);
    s->setRange(0, most);
    s->setObjectName(QLatin1String(id));
    fine->add(name, s);
    connect(s, &QSlider::valueChanged, this, [this] {
      if (!m_filling) take(within(m_light->value(), m_hue->value(), m_strong->value()));
    });
    return s;
  };
  m_light = slider(tr("Darker to lighter"), 100, "light");
  m_strong = slider(tr("Greyer to stronger"), qRound(kMostChroma), "strong");
  m_hue = slider(tr("Round the wheel"), 360, "hue");
  m_code = new QLineEdit;
  m_code->setObjectName(QStringLiteral("code"));
  m_code->setToolTip(tr("Six digits 0 to F, two each for red, green and blue, where you have them"));
  fine->add(tr("By number"), m_code);
  connect(m_code, &QLineEdit::editingFinished, this, &InkTin::readCode);
  column->addWidget(fine);
  column->addWidget(m_sample = new Sample);
  auto* buttons = new QDialogButtonBox;
  buttons->addButton(tr("Take it"), QDialogButtonBox::AcceptRole)
      ->setObjectName(QStringLiteral("takeColour"));
  buttons->addButton(tr("Leave it"), QDialogButtonBox::RejectRole);
  connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
  column->addWidget(buttons);
  connect(m_pads, &PadGrid::taken, this, &InkTin::take);
  show_();
  m_pads->setFocus();
}

void InkTin::take(const Lch& colour) {
  m_lch = colour;
  m_colour = colourOf(colour);
  show_();
}

void InkTin::readCode() {
  static const QRegularExpression digits(QStringLiteral("^#?([0-9a-fA-F]{6})$"));
  const auto match = digits.match(m_code->text().trimmed());
  if (match.hasMatch()) {
    const QColor c(QStringLiteral("#") + match.captured(1));
    m_colour = {static_cast<unsigned char>(c.red()), static_cast<unsigned char>(c.green()),
                static_cast<unsigned char>(c.blue())};
    m_lch = lchOf(labOf(m_colour));
  }
  show_();  // what is no number goes back to what is
}

void InkTin::show_() {
  m_filling = true;
  m_light->setValue(qRound(m_lch.L));
  m_strong->setValue(qRound(m_lch.C));
  if (m_lch.C > 0.5) m_hue->setValue(qRound(m_lch.h_deg));
  m_code->setText(havlo::colourOf(m_colour).name().mid(1).toUpper());
  m_pads->setChosen(m_lch);
  static_cast<Sample*>(m_sample)->colour = m_colour;
  m_sample->update();
  m_filling = false;
}

void InkTin::choose(const QString& title, Colour start, QWidget* parent,
                    const std::function<void(Colour)>& taken) {
  auto* tin = new InkTin(title, start, parent);
  tin->setAttribute(Qt::WA_DeleteOnClose);
  connect(tin, &QDialog::accepted, parent, [tin, taken] { taken(tin->colour()); });
  tin->open();
}

}  // namespace havlo
