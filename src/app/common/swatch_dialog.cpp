#include "app/common/swatch_dialog.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>

#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "app/session/drawer_session.h"
#include "io/drawer/drawer_store.h"
#include "io/wording/drawer_words.h"
#include "io/wording/error_words.h"
#include "io/wording/names.h"

namespace havlo {

/// The scan with its patches numbered; a click on one takes it or leaves it.
class SwatchPicture : public QWidget {
 public:
  SwatchPicture() { setMinimumSize(280, 220); }
  std::function<void(int)> clicked;
  void show(const QImage& picture, std::vector<Box> boxes) {
    m_picture = picture, m_boxes = std::move(boxes);
    m_taken.assign(m_boxes.size(), 1);
    update();
  }
  void setTaken(size_t k, bool taken) {
    m_taken[k] = taken;
    update();
  }
  QSize sizeHint() const override { return {430, 380}; }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    p.fillRect(rect(), theme().ground);
    if (m_picture.isNull()) return;
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    p.drawImage(place(), m_picture);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(labelFont());
    for (size_t k = 0; k < m_boxes.size(); ++k) {
      const QRectF box = onScreen(m_boxes[k]);
      p.setPen(QPen(m_taken[k] ? theme().green : theme().rule, 2, m_taken[k] ? Qt::SolidLine : Qt::DotLine));
      p.setBrush(Qt::NoBrush);
      p.drawRect(box);
      const QString number = QString::number(k + 1);
      const QRectF tag(box.topLeft(),
                       QSizeF(p.fontMetrics().horizontalAdvance(number) + 8, p.fontMetrics().height() + 2));
      p.fillRect(tag, theme().card);
      p.setPen(theme().ink);
      p.drawText(tag, Qt::AlignCenter, number);
    }
  }
  void mousePressEvent(QMouseEvent* e) override {
    for (size_t k = 0; k < m_boxes.size(); ++k)
      if (onScreen(m_boxes[k]).contains(e->position()) && clicked) return clicked(static_cast<int>(k));
  }

 private:
  QImage m_picture;
  std::vector<Box> m_boxes;
  std::vector<char> m_taken;

  QRectF place() const {
    const QSizeF size = QSizeF(m_picture.size()).scaled(this->size(), Qt::KeepAspectRatio);
    return {QPointF((width() - size.width()) / 2, (height() - size.height()) / 2), size};
  }
  QRectF onScreen(const Box& b) const {
    const QRectF to = place();
    const double by = to.width() / m_picture.width();
    return {to.left() + b.left * by, to.top() + b.bottom * by, b.width() * by, (b.top - b.bottom) * by};
  }
};

SwatchDialog::SwatchDialog(DrawerSession& drawer, const QString& file, QWidget* parent)
    : QDialog(parent), m_drawer(drawer), m_job(new Job<Result<Found>>(this)) {
  setWindowTitle(tr("Inks from a scanned strip"));
  auto* row = new QHBoxLayout;
  m_picture = new SwatchPicture;
  m_picture->clicked = [this](int k) {
    m_wanted[ix(k)].wanted = !m_wanted[ix(k)].wanted;
    fill();
  };
  row->addWidget(m_picture, 1);
  auto* side = new QVBoxLayout;
  side->addWidget(m_says = inkLabel(tr("Looking for patches of colour …"), labelFont(), theme().soft, true));
  auto* form = new FormRows;
  m_kind = new QComboBox;
  for (int k = 0; k <= static_cast<int>(InkKind::Paint); ++k)
    m_kind->addItem(inkKindName(static_cast<InkKind>(k)));
  m_kind->setCurrentIndex(static_cast<int>(InkKind::Marker));
  form->add(tr("They are"), m_kind);
  side->addWidget(form);
  m_rows = new KeyedRows;
  m_rows->grid()->setColumnStretch(1, 1);
  side->addWidget(rolled(m_rows), 1);
  auto* buttons = new QDialogButtonBox;
  m_take = buttons->addButton(tr("Take them into the drawer"), QDialogButtonBox::AcceptRole);
  m_take->setObjectName(QStringLiteral("takeSwatches"));
  buttons->addButton(tr("Leave it"), QDialogButtonBox::RejectRole);
  connect(buttons, &QDialogButtonBox::accepted, this, &SwatchDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
  row->addLayout(side);
  auto* column = new QVBoxLayout(this);
  asSheet(column);
  column->addLayout(row, 1);
  column->addWidget(buttons);
  resize(820, 480);
  m_take->setEnabled(false);
  m_job->run(
      [file](const Progress& progress) -> Result<Found> {
        auto read = readColourScan(file, progress);
        if (!read) return read.error();
        auto swatches = findSwatches(read.value().scan, progress);
        if (!swatches) return swatches.error();
        return Found{std::move(read).value(), std::move(swatches).value()};
      },
      [this](const Result<Found>& found) { present(found); });
}

void SwatchDialog::present(const Result<Found>& found) {
  if (!found) return m_says->setText(errorReason(found.error()));
  m_swatches = found.value().swatches;
  std::vector<Box> boxes;
  for (const Swatch& s : m_swatches) boxes.push_back(s.box);
  m_picture->show(found.value().read.picture, std::move(boxes));
  m_wanted.assign(m_swatches.size(), {});
  for (size_t k = 0; k < m_wanted.size(); ++k) m_wanted[k].name = tr("Colour no. %1").arg(k + 1);
  m_says->setText(tr("%1 patches, their colours as on white paper. Name those that are yours; a click leaves "
                     "one out.")
                      .arg(m_swatches.size()));
  fill();
}

void SwatchDialog::fill() {
  m_rows->begin();
  size_t wanted = 0;
  for (size_t k = 0; k < m_swatches.size(); ++k) {
    m_rows->next(QString::number(k));
    auto* tick = m_rows->cell<QCheckBox>([this, k] {
      auto* box = new QCheckBox(QString::number(k + 1));
      const Colour c = m_swatches[k].colour;
      QPixmap dab(26, 18);
      dab.fill(QColor(c.red, c.green, c.blue));
      box->setIcon(dab);
      box->setObjectName(QStringLiteral("swatch-%1").arg(k));
      connect(box, &QCheckBox::clicked, this, [this, k](bool on) {
        m_wanted[k].wanted = on;
        fill();
      });
      return box;
    });
    tick->setChecked(m_wanted[k].wanted);
    auto* name = m_rows->cell<QLineEdit>([this, k] {
      auto* edit = new QLineEdit(m_wanted[k].name);
      edit->setObjectName(QStringLiteral("swatchName-%1").arg(k));
      edit->setAccessibleName(tr("Name of colour %1").arg(k + 1));
      connect(edit, &QLineEdit::textEdited, this,
              [this, k](const QString& text) { m_wanted[k].name = text; });
      return edit;
    });
    name->setEnabled(m_wanted[k].wanted);
    m_picture->setTaken(k, m_wanted[k].wanted);
    wanted += m_wanted[k].wanted;
  }
  m_rows->end();
  m_take->setEnabled(wanted > 0);
}

void SwatchDialog::accept() {
  for (size_t k = 0; k < m_swatches.size(); ++k) {
    if (!m_wanted[k].wanted) continue;
    Ink ink;
    ink.id = freshKey();
    ink.name = m_wanted[k].name.trimmed().toStdString();
    if (ink.name.empty()) ink.name = tr("Colour no. %1").arg(k + 1).toStdString();
    ink.colour = m_swatches[k].colour;
    ink.kind = static_cast<InkKind>(m_kind->currentIndex());
    if (m_drawer.putInk(ink)) m_ids.push_back(ink.id);
  }
  QDialog::accept();
}

std::vector<std::string> SwatchDialog::ask(DrawerSession& drawer, const QString& strip, QWidget* parent) {
  if (strip.isEmpty()) return {};
  SwatchDialog dialog(drawer, strip, parent);
  return dialog.exec() == QDialog::Accepted ? dialog.taken() : std::vector<std::string>{};
}

}  // namespace havlo
