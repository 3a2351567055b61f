#include "app/common/choice_list.h"

#include <QApplication>
#include <QKeyEvent>
#include <QMimeData>
#include <QSet>
#include <algorithm>

namespace havlo {
namespace {

bool saysTheSame(const ChoiceRow& a, const ChoiceRow& b) {
  return a.text == b.text && a.tip == b.tip && a.size == b.size && a.iconKey == b.iconKey;
}

}  // namespace

int ChoiceModel::rowOf(const QString& key) const {
  const auto at =
      std::find_if(m_rows.begin(), m_rows.end(), [&](const ChoiceRow& r) { return r.key == key; });
  return at == m_rows.end() ? -1 : static_cast<int>(at - m_rows.begin());
}

void ChoiceModel::setRows(std::vector<ChoiceRow> rows) {
  // Two rows of one key would be one row in two places: the first stands.
  QSet<QString> keys;
  std::erase_if(rows, [&](const ChoiceRow& r) {
    const bool again = keys.contains(r.key);
    keys.insert(r.key);
    return again;
  });
  const bool sameRows = rows.size() == m_rows.size() &&
                        std::equal(rows.begin(), rows.end(), m_rows.begin(),
                                   [](const ChoiceRow& a, const ChoiceRow& b) { return a.key == b.key; });
  // Thousands are laid out once, not once for every row that comes or goes.
  constexpr size_t kMany = 300;
  if (!sameRows && rows.size() + m_rows.size() > kMany) {
    beginResetModel();
    m_rows = std::move(rows);
    endResetModel();
    return;
  }
  if (sameRows) {
    for (size_t k = 0; k < rows.size(); ++k) {
      if (saysTheSame(m_rows[k], rows[k])) continue;
      m_rows[k] = std::move(rows[k]);
      Q_EMIT dataChanged(index(static_cast<int>(k)), index(static_cast<int>(k)));
    }
    return;
  }
  const auto wanted = [&](const QString& key) { return keys.contains(key); };
  for (int k = rowCount() - 1; k >= 0; --k)
    if (!wanted(m_rows[static_cast<size_t>(k)].key)) {
      beginRemoveRows({}, k, k);
      m_rows.erase(m_rows.begin() + k);
      endRemoveRows();
    }
  for (int k = 0; k < static_cast<int>(rows.size()); ++k) {
    ChoiceRow& row = rows[static_cast<size_t>(k)];
    const int now = rowOf(row.key);
    if (now < 0) {
      beginInsertRows({}, k, k);
      m_rows.insert(m_rows.begin() + k, std::move(row));
      endInsertRows();
      continue;
    }
    if (now != k) {
      beginMoveRows({}, now, now, {}, k);
      std::rotate(m_rows.begin() + k, m_rows.begin() + now, m_rows.begin() + now + 1);
      endMoveRows();
    }
    if (saysTheSame(m_rows[static_cast<size_t>(k)], row)) continue;
    m_rows[static_cast<size_t>(k)] = std::move(row);
    Q_EMIT dataChanged(index(k), index(k));
  }
}

int ChoiceModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

QVariant ChoiceModel::data(const QModelIndex& at, int role) const {
  if (!checkIndex(at, CheckIndexOption::IndexIsValid)) return {};
  const ChoiceRow& row = m_rows[static_cast<size_t>(at.row())];
  switch (role) {
    case Qt::DisplayRole:
      return row.text;
    case Qt::DecorationRole:
      return row.icon.isNull() ? QVariant() : row.icon;
    case Qt::ToolTipRole:
      return row.tip.isEmpty() ? QVariant() : row.tip;
    case Qt::SizeHintRole:
      return row.size.isValid() ? QVariant(row.size) : QVariant();
    case Qt::UserRole:
      return row.key;
    default:
      return {};
  }
}

Qt::ItemFlags ChoiceModel::flags(const QModelIndex& at) const {
  if (!at.isValid()) return m_movable ? Qt::ItemIsDropEnabled : Qt::NoItemFlags;
  return Qt::ItemIsEnabled | Qt::ItemIsSelectable |
         (m_movable || m_carried ? Qt::ItemIsDragEnabled : Qt::NoItemFlags);
}

QStringList ChoiceModel::mimeTypes() const {
  return m_carried ? QStringList{m_mime} : QAbstractListModel::mimeTypes();
}

QMimeData* ChoiceModel::mimeData(const QModelIndexList& rows) const {
  if (!m_carried || rows.isEmpty()) return QAbstractListModel::mimeData(rows);
  auto* data = new QMimeData;
  data->setData(m_mime, m_carried(rows.first().data(Qt::UserRole).toString()));
  return data;
}

bool ChoiceModel::moveRows(const QModelIndex& from, int row, int count, const QModelIndex& to, int before) {
  if (from.isValid() || to.isValid() || row < 0 || count < 1 || row + count > rowCount() || before < 0 ||
      before > rowCount() || !beginMoveRows(from, row, row + count - 1, to, before))
    return false;
  const auto begin = m_rows.begin();
  if (before < row) {
    std::rotate(begin + before, begin + row, begin + row + count);
  } else {
    std::rotate(begin + row, begin + row + count, begin + before);
  }
  endMoveRows();
  return true;
}

ChoiceList::ChoiceList(QWidget* parent) : QListView(parent), m_rows(new ChoiceModel(this)) {
  setModel(m_rows);
  setSelectionMode(SingleSelection);
  setEditTriggers(NoEditTriggers);
  connect(this, &QListView::clicked, this, [this](const QModelIndex& at) { Q_EMIT taken(keyAt(at.row())); });
  connect(m_rows, &QAbstractItemModel::rowsMoved, this, [this] {
    if (!m_filling) Q_EMIT moved();
  });
}

std::vector<ViewItem> ChoiceList::items() const {
  std::vector<ViewItem> out;
  for (int row = 0; row < count(); ++row) {
    const QString text = textAt(row), tip = m_rows->rows()[static_cast<size_t>(row)].tip;
    const qsizetype end = text.indexOf(u'\n');
    out.push_back({end < 0 ? text : text.left(end), end < 0 ? tip : text.mid(end + 1).replace(u'\n', u' '),
                   visualRect(m_rows->index(row)), row == currentRow()});
  }
  return out;
}

void ChoiceList::takeItem(int item) {
  setCurrentRow(item);
  Q_EMIT taken(keyAt(item));
}

void ChoiceList::setRows(std::vector<ChoiceRow> rows) {
  const QString key = currentKey();
  const int row = std::max(0, currentRow());
  m_filling = true;
  m_rows->setRows(std::move(rows));
  if (key.isEmpty() || !choose(key)) setCurrentRow(std::min(row, count() - 1));
  m_filling = false;
}

void ChoiceList::setMovable() {
  m_rows->setMovable(true);
  setDragDropMode(InternalMove);
  setDefaultDropAction(Qt::MoveAction);
}

void ChoiceList::setCarried(const QString& mime, ChoiceModel::Carried carried) {
  m_rows->setCarried(mime, std::move(carried));
  setDragDropMode(DragOnly);
}

QString ChoiceList::currentKey() const { return currentIndex().data(Qt::UserRole).toString(); }

void ChoiceList::setCurrentRow(int row) { setCurrentIndex(m_rows->index(row)); }

bool ChoiceList::choose(const QString& key) {
  const int row = m_rows->rowOf(key);
  if (row >= 0) setCurrentRow(row);
  return row >= 0;
}

void ChoiceList::keyboardSearch(const QString& typed) {
  if (!m_sinceTyped.isValid() || m_sinceTyped.hasExpired(QApplication::keyboardInputInterval()))
    m_typed.clear();
  m_sinceTyped.start();
  m_typed += typed;
  if (m_typed.trimmed().isEmpty()) return m_typed.clear();
  const bool again = m_typed.size() > 1 && m_typed.count(m_typed[0]) == m_typed.size();
  const QString wanted = again ? m_typed.left(1) : m_typed;
  const auto wordBegins = [&](const QString& text) {
    for (qsizetype at = 0; (at = text.indexOf(wanted, at, Qt::CaseInsensitive)) >= 0; ++at)
      if (at == 0 || !text[at - 1].isLetterOrNumber()) return true;
    return false;
  };
  // A letter more of the same word stays where it is; a first one, and one again, goes on.
  const int first = std::max(0, currentRow()) + (wanted.size() == 1 ? 1 : 0);
  for (const bool within : {false, true})
    for (int k = 0; k < count(); ++k) {
      const int row = (first + k) % count();
      const QString& text = m_rows->rows()[ix(row)].text;
      if (within ? wordBegins(text) : text.startsWith(wanted, Qt::CaseInsensitive)) return setCurrentRow(row);
    }
}

void ChoiceList::currentChanged(const QModelIndex& now, const QModelIndex& before) {
  QListView::currentChanged(now, before);
  if (!m_filling) Q_EMIT currentRowChanged(now.row());
}

void ChoiceList::keyPressEvent(QKeyEvent* event) {
  if ((event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) && currentIndex().isValid()) {
    Q_EMIT taken(currentKey());
  } else {
    QListView::keyPressEvent(event);
  }
}

}  // namespace havlo
