// One finding as the reading shows it: what, how much, why, the mend and what it would do, and what may be
// asked.
#pragma once

#include <QWidget>

#include "core/analysis/finding.h"
#include "io/wording/finding_words.h"

class QLabel;
class QPushButton;

namespace havlo {

class KeyedRows;

class FindingCard : public QWidget {
  Q_OBJECT

 public:
  explicit FindingCard(QWidget* parent = nullptr);
  /// Whether nothing was shown in it yet.
  bool fresh() const { return m_index < 0; }
  /// @param index  of the finding now; it comes back with what is asked
  /// @param told  what the mend would do to the hero, if that is known; @param better  whether the hero gains
  void show(const Finding& finding, const FindingWords& words, size_t index, const QString& told,
            bool better);

 Q_SIGNALS:
  void fixAsked(size_t index);
  void insteadAsked(size_t index);
  void compareAsked(size_t index);
  void showAsked(size_t index);
  void knowAsked(size_t index, bool wholeRule);

 private:
  int m_index = -1;
  KeyedRows* m_head;
  QLabel *m_why, *m_told;
  QPushButton *m_fix, *m_instead, *m_compare, *m_show, *m_know;
};

}  // namespace havlo
