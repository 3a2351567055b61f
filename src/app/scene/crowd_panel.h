// What a crowd is to be: of which stamps, how many, in how many rows.
#pragma once

#include <QWidget>

#include "app/face/crowd_draft.h"

class QLabel;
class QPushButton;
class QSpinBox;

namespace havlo {

class KeyedRows;
class SvgArt;

class CrowdPanel : public QWidget {
  Q_OBJECT

 public:
  CrowdPanel(CrowdDraft& crowd, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  /// Where the keys go first.
  void takeKeys();

 Q_SIGNALS:
  void done();  ///< it is on the card, or left

 private:
  CrowdDraft& m_crowd;
  std::shared_ptr<SvgArt> m_art;
  KeyedRows* m_stamps;
  QSpinBox *m_count, *m_rows;
  QLabel* m_says;
  QPushButton* m_put;

  void refresh();
};

}  // namespace havlo
