// The button of a step whose piece has a picture of its own: it is stamped first, as a card of its own, and
// then the card it belongs to is taken up again.
#pragma once

#include <QPushButton>
#include <set>

#include "app/session/job.h"
#include "app/session/making_session.h"

namespace havlo {

class SvgArt;

class FaceWork : public QPushButton {
  Q_OBJECT

 public:
  FaceWork(MakingSession& making, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  /// Shown where the present step cuts or fills a piece that is to be stamped; hidden elsewhere.
  void showFor(const Bench& bench);
  /// Is the inside or the envelope of another card at hand?
  bool away() const { return m_making.bench() && m_making.bench()->record().id == m_at; }
  /// Takes the card up again whose inside or envelope was at hand. @return whether there is one
  bool comeBack();

 private:
  MakingSession& m_making;
  std::shared_ptr<SvgArt> m_art;
  Job<AnalysisRef>* m_job;
  std::string m_at;                                      // record id of that part
  std::string m_card, m_piece;                           // record id of the card it belongs to, and the piece
  std::set<std::pair<std::string, std::string>> m_done;  // of which card, which piece

  void begin();
};

}  // namespace havlo
