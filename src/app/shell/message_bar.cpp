// A slip that hangs from the trail.
#include "app/shell/message_bar.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <algorithm>

#include "app/common/marks.h"
#include "app/common/sheet_frame.h"

namespace havlo {

MessageBar::MessageBar(QWidget* over)
    : QFrame(over->parentWidget()), m_row(new QHBoxLayout(this)), m_over(over) {
  setObjectName(QStringLiteral("message"));
  over->installEventFilter(this);
  setAccessibleName(tr("Message"));
  m_row->setContentsMargins(16, 5, 10, 5);
  hide();
}

void MessageBar::say(Kind kind, const QString& text, std::vector<Act> acts) {
  for (const Message& m : m_messages)
    if (m.text == text) return;
  // A notice that asks nothing makes room for what comes after it.
  std::erase_if(m_messages, [](const Message& m) { return m.kind == Kind::Notice && m.acts.empty(); });
  // Trouble goes in front of every notice, however long that has waited for its answer.
  const auto at = kind == Kind::Notice
                      ? m_messages.end()
                      : std::find_if(m_messages.begin(), m_messages.end(),
                                     [](const Message& m) { return m.kind == Kind::Notice; });
  const bool front = at == m_messages.begin();
  m_messages.insert(at, {kind, text, std::move(acts)});
  if (front) show_();
}

bool MessageBar::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() == QEvent::Resize || event->type() == QEvent::Move) hang();
  return QFrame::eventFilter(watched, event);
}

/// What was put into it a moment ago is known now.
bool MessageBar::event(QEvent* event) {
  const bool done = QFrame::event(event);
  if (event->type() == QEvent::LayoutRequest || event->type() == QEvent::Show) hang();
  return done;
}

/// In the middle under the trail, no wider than a line that is read at one look.
void MessageBar::hang() {
  if (!isVisibleTo(parentWidget())) return;
  const int wide = std::min(m_over->width() - 16, qRound(860 * textScale()));
  const int natural = sizeHint().width();
  const int width = std::min(wide, std::max(natural, qRound(320 * textScale())));
  const int tall = hasHeightForWidth() ? heightForWidth(width) : sizeHint().height();
  setGeometry(m_over->x() + (m_over->width() - width) / 2, m_over->y(), width,
              std::max(tall, minimumSizeHint().height()));
  raise();
}

QString MessageBar::shownText() const { return m_messages.empty() ? QString() : m_messages.front().text; }

void MessageBar::takeBack(const QString& text) {
  const bool shown = shownText() == text;
  std::erase_if(m_messages, [&](const Message& m) { return m.text == text; });
  if (shown) show_();
}

void MessageBar::clear() {
  m_messages.clear();
  show_();
}

void MessageBar::goOn() {
  constexpr qint64 kRead_ms = 3000;
  if (m_messages.empty() || m_messages.front().kind != Kind::Notice || !m_messages.front().acts.empty())
    return;
  if (m_shown.isValid() && m_shown.elapsed() > kRead_ms) next();
}

void MessageBar::next() {
  if (!m_messages.empty()) m_messages.pop_front();
  show_();
}

void MessageBar::show_() {
  while (QLayoutItem* item = m_row->takeAt(0)) {
    if (item->widget()) {
      item->widget()->hide();  // it is gone at once, and not only when there is time for it
      item->widget()->deleteLater();
    }
    delete item;
  }
  setVisible(!m_messages.empty());
  m_shown.start();
  if (m_messages.empty()) return;
  const Message& m = m_messages.front();
  const bool trouble = m.kind == Kind::Trouble;
  m_row->addWidget(
      new MarkWidget(trouble ? Mark::Here : Mark::Fine, trouble ? theme().madder : theme().green));
  m_row->addWidget(inkLabel(m.text, bodyFont(), theme().ink, true), 1);
  for (const Act& act : m.acts) {
    auto* button = new QPushButton(act.label);
    connect(button, &QPushButton::clicked, this, [this, run = act.run] {
      next();
      run();
    });
    m_row->addWidget(button);
  }
  auto* close = new QPushButton(tr("Put away"));
  close->setProperty("plain", true);
  connect(close, &QPushButton::clicked, this, &MessageBar::next);
  m_row->addWidget(close);
  setStyleSheet(QStringLiteral("#message { background: %1; border: 1px solid %2; border-top: 3px solid %2; "
                               "border-bottom-left-radius: 6px; border-bottom-right-radius: 6px; }")
                    .arg(theme().card.name(), (trouble ? theme().madder : theme().green).name()));
  hang();
}

}  // namespace havlo
