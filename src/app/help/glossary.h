// Words of the trade explained where they stand: under the pointer, and for who has the keys there. The
// explanations are the handbook's chapter of words.
#pragma once

#include <QObject>
#include <QString>
#include <QStringList>
#include <vector>

namespace havlo {

class Glossary {
 public:
  /// @param chapter  Markdown, a paragraph a word: "**Band**, **strip**: what it is."
  explicit Glossary(const QString& chapter);
  /// Of the language the window speaks; English until that is said.
  static const Glossary& spoken();
  static void speak(const QString& language);

  struct Word {
    QStringList names;
    QString says;
  };
  const std::vector<Word>& words() const { return m_words; }
  /// "Band: the strip of the card ..." for every word of it that is explained, the longest name first.
  QStringList explained(const QString& text) const;

 private:
  std::vector<Word> m_words;
};

/// Tells what the tip of a widget says, and explains the words of its name.
class GlossaryTips : public QObject {
 public:
  using QObject::QObject;

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;
};

/// What there is to say of a widget: its tip, and the words in its text and name. Empty: nothing.
QString explanationOf(const QWidget* widget);

}  // namespace havlo
