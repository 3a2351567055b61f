// The handbook inside the program: by task, searched, with the keys made from the table of commands.
#pragma once

#include <QDialog>
#include <vector>

class QLineEdit;
class QTextBrowser;

namespace havlo {

class ActionTable;
class ChoiceList;

class Handbook : public QDialog {
  Q_OBJECT

 public:
  /// @param language  "de" and the like; chapters that are not there in it are shown in English
  Handbook(const ActionTable& actions, const QString& language, QWidget* parent = nullptr);
  /// Opens the chapter that tells of a place; the first one where there is none.
  void openFor(const QString& place);
  /// Lists chapters that hold all these words, with the words marked.
  void find(const QString& words);
  QString shown() const;

 private:
  struct Chapter {
    QString id, title, text;  ///< text: Markdown
  };
  std::vector<Chapter> m_chapters;
  QLineEdit* m_search;
  ChoiceList* m_list;
  QTextBrowser* m_page;

  void showChapter(const QString& id);
  void mark(const QString& words);
};

/// A chapter in a language, in English where it is not there; empty: there is no such chapter.
QString chapterText(const QString& id, const QString& language);

/// All keys, by menu, as Markdown.
QString keysPage(const ActionTable& actions);

}  // namespace havlo
