// Pictures and lists only; what is to be done is asked for by signals.
#include "app/make/make_start.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QLocale>
#include <QPushButton>

#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "app/session/plan_session.h"
#include "app/session/settings.h"
#include "io/wording/step_words.h"
#include "io/wording/work_words.h"

namespace havlo {

QPushButton* largeButton(const QString& text, double px) {
  auto* b = new QPushButton(text);
  b->setFont(sizedFont(px, QFont::DemiBold));
  b->setMinimumHeight(qRound(px * 2.4 * textScale()));
  return b;
}

MakeStart::MakeStart(QWidget* parent) : QWidget(parent) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(24);
  m_goal = new PictureBox;
  row->addWidget(m_goal, 11);
  auto* column = new QVBoxLayout;
  column->setSpacing(10);
  column->addWidget(inkLabel(tr("At the table"), sizedFont(34, QFont::Bold), theme().ink, true));
  m_words = inkLabel({}, sizedFont(17), theme().soft, true);
  column->addWidget(m_words);
  m_begin = largeButton(tr("Begin this card"), 24);
  m_begin->setObjectName(QStringLiteral("begin"));
  connect(m_begin, &QPushButton::clicked, this, &MakeStart::beginRequested);
  column->addWidget(m_begin);
  auto* inside = new QWidget;
  auto* rest = new QVBoxLayout(inside);
  rest->setContentsMargins(0, 0, 4, 0);
  m_earlier = new KeyedRows;
  m_earlier->grid()->setContentsMargins(0, 8, 0, 0);
  m_earlier->grid()->setColumnStretch(0, 1);
  m_needed = inkLabel({}, sizedFont(16), theme().ink, true);
  rest->addWidget(m_earlier);
  rest->addWidget(m_needed);
  rest->addStretch(1);
  column->addWidget(rolled(inside), 1);
  row->addLayout(column, 9);
  if (leftHanded()) row->setDirection(QBoxLayout::RightToLeft);
}

void MakeStart::setWaiting(bool waiting) {
  m_begin->setText(waiting ? tr("Finding the best order … begin now") : tr("Begin this card"));
}

void MakeStart::setGoal(const QImage& card) { m_goal->setPicture(card); }

void MakeStart::show(const PlanSession& session, const std::vector<MakingRecord>& left) {
  const Analysis& a = *session.analysis();
  const bool any = !session.plan().impressions.empty();
  m_begin->setEnabled(any);
  m_needed->setText(any ? neededWords(session.plan(), a) : QString());
  m_words->setText(
      any ? tr("%1: %2 steps, about %3. One step at a time; the space bar goes on. You can leave at any step "
               "and come back.")
                .arg(session.face().empty()
                         ? session.title()
                         : tr("%1, %2").arg(session.title(), QString::fromStdString(session.plan().title)))
                .arg(stepsToShow(a.sheet).size())
                .arg(minutesWords(a.sheet.minutes))
          : tr("Nothing is on the card yet. Put stamps on it in the scene, then come back."));
  listEarlier(left);
}

void MakeStart::listEarlier(const std::vector<MakingRecord>& left) {
  m_left = left;
  m_earlier->begin();
  if (!left.empty()) {
    m_earlier->next(QStringLiteral("head"));
    m_earlier->wide(3);
    m_earlier->label(tr("Begun earlier"), headingFont(), theme().ink);
  }
  const auto button = [this](const QString& text, const char* name, const std::string& id, auto asked) {
    return m_earlier->cell<QPushButton>([&] {
      auto* b = new QPushButton(text);
      b->setObjectName(QLatin1String(name));
      connect(b, &QPushButton::clicked, this, [this, id, asked] {
        for (const MakingRecord& r : std::vector<MakingRecord>(m_left))
          if (r.id == id) Q_EMIT(this->*asked)(r);
      });
      return b;
    });
  };
  for (const MakingRecord& r : left) {
    m_earlier->next(QString::fromStdString(r.id));
    const QString title =
        r.plan->title.empty() ? tr("a card without a title") : QString::fromStdString(r.plan->title);
    const QString when = QLocale().toString(QDateTime::fromSecsSinceEpoch(static_cast<qint64>(r.begun_s)),
                                            QLocale::ShortFormat);
    m_earlier->label(tr("%1, begun %2, %3 steps done").arg(title, when).arg(r.at), sizedFont(15), theme().ink,
                     true);
    button(tr("Go on"), "goOn", r.id, &MakeStart::goOnRequested);
    button(tr("Drop it"), "drop", r.id, &MakeStart::dropRequested)->setProperty("plain", true);
  }
  m_earlier->end();
}

}  // namespace havlo
