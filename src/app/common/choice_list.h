// A list to choose one row from. Its rows are a model that is brought up to date in place, by their keys:
// what is chosen stays chosen, what has the keyboard keeps it, and nothing flickers.
#pragma once

#include <QAbstractListModel>
#include <QElapsedTimer>
#include <QIcon>
#include <QListView>
#include <functional>
#include <vector>

#include "app/common/accessible_items.h"

namespace havlo {

struct ChoiceRow {
  QString key = {};  ///< unlike any other row's
  QString text = {};
  QIcon icon = {};
  qint64 iconKey = 0;  ///< tells one picture from another
  QString tip = {};
  QSize size = {};  ///< none: as large as it needs
};

class ChoiceModel : public QAbstractListModel {
  Q_OBJECT

 public:
  using QAbstractListModel::QAbstractListModel;

  const std::vector<ChoiceRow>& rows() const { return m_rows; }
  int rowOf(const QString& key) const;
  void setRows(std::vector<ChoiceRow> rows);
  /// Lets rows be dragged into another order.
  void setMovable(bool movable) { m_movable = movable; }
  /// Lets a row be dragged out, as what its key stands for.
  using Carried = std::function<QByteArray(const QString& key)>;
  void setCarried(const QString& mime, Carried carried) { m_mime = mime, m_carried = std::move(carried); }

  int rowCount(const QModelIndex& parent = {}) const override;
  QVariant data(const QModelIndex& index, int role) const override;
  Qt::ItemFlags flags(const QModelIndex& index) const override;
  Qt::DropActions supportedDropActions() const override { return Qt::MoveAction; }
  Qt::DropActions supportedDragActions() const override {
    return m_carried ? Qt::CopyAction : Qt::MoveAction;
  }
  QStringList mimeTypes() const override;
  QMimeData* mimeData(const QModelIndexList& rows) const override;
  bool moveRows(const QModelIndex& from, int row, int count, const QModelIndex& to, int before) override;

 private:
  std::vector<ChoiceRow> m_rows;
  bool m_movable = false;
  QString m_mime;
  Carried m_carried;
};

class ChoiceList : public QListView, public ItemView {
  Q_OBJECT

 public:
  explicit ChoiceList(QWidget* parent = nullptr);

  // Whatever reads the screen takes a row as a click does; a table's cell would only be chosen.
  std::vector<ViewItem> items() const override;
  void takeItem(int item) override;

  /// What was chosen stays so; if it is gone, the row in its place is. Says nothing: whoever fills a list
  /// knows it.
  void setRows(std::vector<ChoiceRow> rows);
  /// Rows may be dragged into another order; moved() says so afterwards.
  void setMovable();
  /// Rows may be dragged out.
  void setCarried(const QString& mime, ChoiceModel::Carried carried);

  int count() const { return m_rows->rowCount(); }
  QString textAt(int row) const { return m_rows->rows()[static_cast<size_t>(row)].text; }
  QString keyAt(int row) const { return m_rows->rows()[static_cast<size_t>(row)].key; }
  int currentRow() const { return currentIndex().row(); }
  QString currentKey() const;
  void setCurrentRow(int row);
  /// @return whether there is such a row
  bool choose(const QString& key);
  /// Letters typed one after the other: the next row that begins so, else one of whose words does ("sun"
  /// finds "Low sun"). One letter again and again goes through all of them.
  void keyboardSearch(const QString& typed) override;

 Q_SIGNALS:
  void currentRowChanged(int row);
  void taken(const QString& key);  ///< clicked, or Return pressed on it
  void moved();

 protected:
  void currentChanged(const QModelIndex& now, const QModelIndex& before) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  ChoiceModel* m_rows;
  bool m_filling = false;
  QString m_typed;
  QElapsedTimer m_sinceTyped;
};

}  // namespace havlo
