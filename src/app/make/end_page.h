// The end of a card in Make: how it went, what it took of the stock, which masks are kept, and into the log.
#pragma once

#include <QWidget>
#include <memory>
#include <set>

#include "app/session/job.h"
#include "core/batch/used_up.h"
#include "core/pieces/from_drawer.h"

class QLabel;
class QLineEdit;
class QPushButton;

namespace havlo {

class DrawerSession;
class KeyedRows;
class MakingSession;
class PlanSession;

class EndPage : public QWidget {
  Q_OBJECT

 public:
  EndPage(PlanSession& session, MakingSession& making, DrawerSession& drawer, QWidget* parent = nullptr);
  /// The card at hand is finished. @param part  only its inside or envelope is
  void show(bool part);
  QString madeFor() const;

 Q_SIGNALS:
  void said(const QString& message);
  void stockTaken(const QString& message, const havlo::StockChange& undo);
  void logRequested();
  void backRequested();

 private:
  /// What it used up, worked out from the drawer as it was.
  struct Taken {
    std::vector<UsedUp> goods;
    std::vector<DrawerCut> cuts;
  };

  PlanSession& m_session;
  MakingSession& m_making;
  DrawerSession& m_drawer;
  Job<Taken>* m_job;
  QLabel *m_title, *m_words, *m_usedHead;
  QLineEdit* m_madeFor;
  QPushButton *m_keepMasks, *m_take;
  KeyedRows* m_used;
  bool m_part = false;
  std::string m_shown;          // id of the card that is shown
  QStringList m_booked;         // ids of cards whose stock was taken
  StockChange m_undo;           // of the last taking
  std::set<QString> m_leftOut;  // rows without a tick
  Taken m_taken;

  void count();
  void keepBooked();
  bool putBack() const;
  void fillUsed();
  void takeStock();
  void keepMasks();
  bool wanted(const QString& row) const { return !m_leftOut.contains(row); }
};

}  // namespace havlo
