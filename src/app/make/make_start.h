// Before a card is begun: what it will be, what to have ready, and the cards that were begun earlier.
#pragma once

#include <QImage>
#include <QWidget>
#include <vector>

#include "core/making/making.h"

class QLabel;
class QPushButton;

namespace havlo {

class KeyedRows;

class PictureBox;
class PlanSession;

class MakeStart : public QWidget {
  Q_OBJECT

 public:
  explicit MakeStart(QWidget* parent = nullptr);
  /// @param left  cards begun earlier
  void show(const PlanSession& session, const std::vector<MakingRecord>& left);
  /// The order is being looked for before the card is begun.
  void setWaiting(bool waiting);
  void setGoal(const QImage& card);
  QPushButton& beginButton() { return *m_begin; }

 Q_SIGNALS:
  void beginRequested();
  void goOnRequested(const havlo::MakingRecord& record);
  void dropRequested(const havlo::MakingRecord& record);

 private:
  PictureBox* m_goal;
  QLabel *m_words, *m_needed;
  QPushButton* m_begin;
  KeyedRows* m_earlier;
  std::vector<MakingRecord> m_left;

  void listEarlier(const std::vector<MakingRecord>& left);
};

/// A button that is hit with inky fingers from a metre away. @param px  of its type at text scale 1
QPushButton* largeButton(const QString& text, double px);

}  // namespace havlo
