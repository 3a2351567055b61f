#include "app/shell/status_line.h"

#include <QLabel>
#include <QProgressBar>
#include <QPushButton>

#include "app/common/sheet_frame.h"

namespace havlo {

StatusLine::StatusLine(QWidget* parent)
    : QStatusBar(parent),
      m_text(inkLabel({}, labelFont(), theme().ink)),
      m_progress(new QProgressBar),
      m_stop(new QPushButton(tr("Stop"))) {
  m_text->setContentsMargins(16, 0, 0, 4);
  m_progress->setFixedWidth(160);
  m_progress->hide();
  m_stop->hide();
  setSizeGripEnabled(false);
  addWidget(m_text, 1);
  addPermanentWidget(m_progress);
  addPermanentWidget(m_stop);
  connect(m_stop, &QPushButton::clicked, this, &StatusLine::stopRequested);
}

void StatusLine::say(const QString& text) {
  m_said = text;
  if (m_stop->isHidden()) m_text->setText(text);  // what is at work stands there
}

void StatusLine::busy(const QString& what) {
  m_text->setText(what);
  m_progress->setRange(0, 0);
  m_progress->show();
  m_stop->show();
}

void StatusLine::progressed(double share) {
  m_progress->setRange(0, 100);
  m_progress->setValue(qRound(100 * share));
}

void StatusLine::idle() {
  m_progress->hide();
  m_stop->hide();
  m_text->setText(m_said);
}

void StatusLine::restyle() {
  m_text->setFont(labelFont());
  setInk(m_text, theme().ink);
}

}  // namespace havlo
