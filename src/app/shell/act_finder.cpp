#include "app/shell/act_finder.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QTimer>
#include <QVBoxLayout>
#include <algorithm>
#include <tuple>

#include "app/common/choice_list.h"
#include "app/theme/theme.h"

namespace havlo {
namespace {

/// How well words typed find an act: 0 best; -1 not at all. Each must begin a word of it, or stand in one.
int distanceOf(const QStringList& typed, const QString& text) {
  int sum = 0;
  for (const QString& word : typed) {
    const qsizetype at = text.indexOf(word, 0, Qt::CaseInsensitive);
    if (at < 0) return -1;
    const bool begins = at == 0 || !text[at - 1].isLetterOrNumber();
    sum += (begins ? 0 : 100) + static_cast<int>(std::min<qsizetype>(at, 60));
  }
  return sum;
}

QString plainText(const QAction& action) {
  QStringList parts = action.text().split(QStringLiteral("&&"));  // a written one; single ones mark a key
  for (QString& part : parts) part.remove(u'&').remove(u'…');
  return parts.join(u'&');
}

}  // namespace

ActFinder::ActFinder(const ActionTable& actions, QWidget* window)
    : QFrame(window, Qt::Popup), m_actions(actions), m_typed(new QLineEdit), m_list(new ChoiceList) {
  setObjectName(QStringLiteral("actFinder"));
  setStyleSheet(QStringLiteral("#actFinder { background: %1; border: 1px solid %2; }")
                    .arg(theme().paper.name(), theme().green.name()));
  setAccessibleName(tr("Find an act"));
  auto* column = new QVBoxLayout(this);
  m_typed->setObjectName(QStringLiteral("actTyped"));
  m_typed->setPlaceholderText(tr("What do you want to do? Type a word of it: mask, gaps, print …"));
  m_typed->setAccessibleName(tr("What do you want to do?"));
  m_typed->installEventFilter(this);
  m_list->setObjectName(QStringLiteral("acts"));
  m_list->setAccessibleName(tr("Acts that are meant"));
  m_list->setFocusPolicy(Qt::NoFocus);
  column->addWidget(m_typed);
  column->addWidget(m_list, 1);
  connect(m_typed, &QLineEdit::textChanged, this, &ActFinder::find);
  connect(m_typed, &QLineEdit::returnPressed, this, [this] { take(m_list->currentKey()); });
  connect(m_list, &ChoiceList::taken, this, &ActFinder::take);
}

void ActFinder::open() {
  m_typed->clear();
  find();
  const QWidget* window = parentWidget();
  const QSize size(std::min(window->width() - 40, qRound(520 * textScale())),
                   std::min(window->height() - 120, qRound(380 * textScale())));
  setGeometry(QRect(window->mapToGlobal(QPoint((window->width() - size.width()) / 2, 90)), size));
  show();
  m_typed->setFocus();
}

void ActFinder::find() {
  const QStringList typed = m_typed->text().split(u' ', Qt::SkipEmptyParts);
  struct Found {
    int distance;
    bool now, lesson;
    ChoiceRow row;
  };
  std::vector<Found> found;
  for (const ActionTable::Entry& e : m_actions.all()) {
    const QString text = plainText(*e.action);
    int distance = distanceOf(typed, text);
    if (distance < 0 && !e.also.isEmpty()) distance = distanceOf(typed, text + u' ' + e.also);
    if (distance < 0) continue;
    // A lesson puts the card away: it is not mistaken for the act that it teaches.
    const bool lesson = e.menu == QLatin1String("lessons");
    QString shown = lesson ? tr("Lesson: %1").arg(text) : text;
    if (const QString keys = e.action->shortcut().toString(QKeySequence::NativeText); !keys.isEmpty())
      shown += QStringLiteral("    ") + keys;
    if (!e.action->isEnabled()) shown += tr("    (not now)");
    found.push_back({distance, e.action->isEnabled(), lesson, {e.action->objectName(), shown}});
  }
  std::stable_sort(found.begin(), found.end(), [](const Found& a, const Found& b) {
    return std::tuple(!a.now, a.lesson, a.distance) < std::tuple(!b.now, b.lesson, b.distance);
  });
  std::vector<ChoiceRow> rows;
  for (Found& f : found) rows.push_back(std::move(f.row));
  m_list->setRows(std::move(rows));
  m_list->setCurrentRow(0);
}

void ActFinder::take(const QString& id) {
  QAction* action = id.isEmpty() ? nullptr : m_actions[id];
  if (!action || !action->isEnabled()) return;
  hide();
  // When this is gone: an act may open something of its own.
  QTimer::singleShot(0, action, &QAction::trigger);
}

/// Arrows go through the list while one types.
bool ActFinder::eventFilter(QObject* watched, QEvent* event) {
  if (watched == m_typed && event->type() == QEvent::KeyPress) {
    const int key = static_cast<QKeyEvent*>(event)->key();
    const int by = key == Qt::Key_Down       ? 1
                   : key == Qt::Key_Up       ? -1
                   : key == Qt::Key_PageDown ? 8
                   : key == Qt::Key_PageUp   ? -8
                                             : 0;
    if (by != 0) {
      m_list->setCurrentRow(std::clamp(m_list->currentRow() + by, 0, std::max(0, m_list->count() - 1)));
      return true;
    }
  }
  return QFrame::eventFilter(watched, event);
}

}  // namespace havlo
