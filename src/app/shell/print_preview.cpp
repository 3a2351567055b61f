#include "app/shell/print_preview.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPushButton>
#include <algorithm>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "io/wording/error_words.h"

namespace havlo {

QImage pagePicture(const Printout& printout, int page, QSize fit, bool grey) {
  const QSizeF paper(printout.sheet.width_mm, printout.sheet.height_mm);
  const QSize size = paper.scaled(fit, Qt::KeepAspectRatio).toSize().expandedTo({1, 1});
  QImage image(size, QImage::Format_RGB32);
  image.fill(Qt::white);
  QPainter p(&image);
  p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  p.scale(size.width() / paper.width(), size.height() / paper.height());
  printout.draw(p, page);
  p.end();
  return grey ? image.convertToFormat(QImage::Format_Grayscale8) : image;
}

PrintPreview::PrintPreview(Printing& printing, PrintWish wish, QWidget* parent)
    : QDialog(parent), m_printing(printing), m_wish(wish), m_job(new Job<Result<Printout>>(this)) {
  setWindowTitle(tr("The %1, before it is printed").arg(nameOf(wish.kind)));
  auto* column = new QVBoxLayout(this);
  asSheet(column);
  m_paper = new QLabel;
  m_paper->setObjectName(QStringLiteral("page"));
  m_paper->setAlignment(Qt::AlignCenter);
  m_paper->setMinimumSize(300, 240);
  m_paper->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Ignored);
  column->addWidget(m_paper, 1);
  auto* turning = new QHBoxLayout;
  m_before = plainButton(tr("Page before"));
  m_after = plainButton(tr("Next page"));
  m_says = inkLabel({}, bodyFont(), theme().ink);
  turning->addStretch(1);
  turning->addWidget(m_before);
  turning->addWidget(m_says);
  turning->addWidget(m_after);
  turning->addStretch(1);
  column->addLayout(turning);
  column->addLayout(buildChoices());
  connect(m_before, &QPushButton::clicked, this, [this] { turnTo(m_page - 1); });
  connect(m_after, &QPushButton::clicked, this, [this] { turnTo(m_page + 1); });
  resize(qRound(760 * std::min(1.3, textScale())), qRound(680 * std::min(1.2, textScale())));
  make();
}

QLayout* PrintPreview::buildChoices() {
  auto* row = new QHBoxLayout;
  auto* sheet = new QComboBox;
  sheet->setObjectName(QStringLiteral("sheet"));
  sheet->setAccessibleName(tr("Paper in the printer"));
  sheet->addItem(tr("A4"));
  sheet->addItem(tr("Letter"));
  sheet->setCurrentIndex(m_wish.sheet.id == QPageSize::Letter);
  row->addWidget(sheet);
  connect(sheet, &QComboBox::activated, this, [this](int k) {
    const double type = m_wish.sheet.type;
    m_wish.sheet = k == 0 ? Sheet::a4() : Sheet::letter();
    m_wish.sheet.type = type;
    make();
  });
  if (m_wish.kind == PrintoutKind::RunSheet) {
    auto* large = new QCheckBox(tr("large type"));
    large->setObjectName(QStringLiteral("largeType"));
    large->setChecked(m_wish.sheet.type > 1);
    row->addWidget(large);
    connect(large, &QCheckBox::toggled, this, [this](bool on) {
      m_wish.sheet.type = on ? kLargeType : 1;
      make();
    });
  }
  auto* grey = new QCheckBox(tr("without colour"));
  grey->setObjectName(QStringLiteral("grey"));
  grey->setChecked(m_wish.grey);
  row->addWidget(grey);
  connect(grey, &QCheckBox::toggled, this, [this](bool on) {
    m_wish.grey = on;
    showPage();
  });
  row->addStretch(1);
  m_print = drawnButton("act-print", tr("Print…"));
  m_print->setObjectName(QStringLiteral("print"));
  m_pdf = drawnButton("act-out", tr("Save as PDF…"));
  m_pdf->setObjectName(QStringLiteral("pdf"));
  auto* leave = plainButton(tr("Leave it"));
  row->addWidget(m_print);
  row->addWidget(m_pdf);
  row->addWidget(leave);
  connect(leave, &QPushButton::clicked, this, &QDialog::reject);
  connect(m_print, &QPushButton::clicked, this, [this] {
    accept();
    Q_EMIT printWanted(m_wish);
  });
  connect(m_pdf, &QPushButton::clicked, this, [this] {
    accept();
    Q_EMIT pdfWanted(m_wish);
  });
  return row;
}

void PrintPreview::make() {
  m_says->setText(tr("being made …"));
  m_job->run(m_printing.maker(m_wish, {}), [this](Result<Printout> made) {
    if (!made) return m_says->setText(errorReason(made.error()));
    m_printout = std::move(made).value();
    turnTo(std::min(m_page, pages() - 1));
  });
}

void PrintPreview::turnTo(int page) {
  m_page = std::clamp(page, 0, std::max(0, pages() - 1));
  showPage();
}

void PrintPreview::showPage() {
  for (QPushButton* b : {m_print, m_pdf}) b->setEnabled(m_printout.has_value());
  m_before->setEnabled(m_page > 0);
  m_after->setEnabled(m_page + 1 < pages());
  if (!m_printout) return;
  m_says->setText(pages() == 1 ? tr("one page, at true size")
                               : tr("page %1 of %2, at true size").arg(m_page + 1).arg(pages()));
  const double ratio = devicePixelRatioF();
  QImage page =
      pagePicture(*m_printout, m_page, (QSizeF(m_paper->size() - QSize(4, 4)) * ratio).toSize(), m_wish.grey);
  page = page.convertToFormat(QImage::Format_RGB32);
  QPainter p(&page);
  p.setPen(theme().edge);
  p.drawRect(page.rect().adjusted(0, 0, -1, -1));
  p.end();
  page.setDevicePixelRatio(ratio);
  m_paper->setPixmap(QPixmap::fromImage(page));
  m_paper->setAccessibleName(m_says->text());
}

void PrintPreview::keyPressEvent(QKeyEvent* e) {
  if (e->key() == Qt::Key_PageDown) return turnTo(m_page + 1);
  if (e->key() == Qt::Key_PageUp) return turnTo(m_page - 1);
  QDialog::keyPressEvent(e);
}

}  // namespace havlo
