// Choosing a file by its picture: folders stand as dividers, plans show their cards, scans what is on them.
#pragma once

#include <QDialog>
#include <functional>
#include <vector>

#include "app/files/file_pictures.h"

class QComboBox;
class QHBoxLayout;
class QLabel;
class QLineEdit;
class QListView;
class QPushButton;
class QStandardItemModel;

namespace havlo {

struct FileKind {
  QString name;         ///< "Havlo plans"
  QStringList endings;  ///< "havlo"; none: every file
};

/// The kinds that are asked for again and again.
FileKind plansKind();
FileKind picturesKind();
FileKind drawersKind();

struct FileWish {
  QString title;
  std::vector<FileKind> kinds;  ///< the first is meant at first; all files can be shown besides when opening
  bool save = false;
  QString folder = {};        ///< where to begin; empty: where such a file was chosen last
  QString name = {};          ///< to begin with, when saving
  bool folderItself = false;  ///< a folder is wanted
};

class FileChooser : public QDialog {
  Q_OBJECT

 public:
  explicit FileChooser(FileWish wish, QWidget* parent = nullptr);
  QString path() const { return m_path; }
  /// Opens one; `taken` is given what was chosen, and nothing happens where it is left.
  static void choose(const FileWish& wish, QWidget* parent, const std::function<void(const QString&)>& taken);
  /// The same, waiting. @return  empty: left
  static QString ask(const FileWish& wish, QWidget* parent);

  QString folder() const { return m_folder; }
  void showFolder(const QString& folder);

 Q_SIGNALS:
  void chosen(const QString& path);

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  FileWish m_wish;
  QString m_folder, m_path, m_askedAbout;
  FilePictures* m_pictures;
  QWidget* m_crumbs;
  QListView* m_list;
  QStandardItemModel* m_model;
  QLabel *m_large, *m_facts, *m_says, *m_nothing;
  QLineEdit* m_name;
  QComboBox* m_kinds;
  QPushButton* m_take;

  QWidget* buildList();
  QWidget* buildFoot();
  void showLately();
  void showCrumbs(bool lately);
  void add(const QString& path, bool folder, const QString& words);
  void pictureReady(const QString& path);
  void looked();
  void take();
  void done_(const QString& path);
  QString typed() const;
  QString settingsKey() const;
  QString takeWords() const;
  bool fits(const QString& path) const;
};

}  // namespace havlo
