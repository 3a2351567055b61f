// The place Card: size, border, base and mats, drawn to scale together.
#pragma once

#include "app/common/place.h"
#include "app/session/plan_session.h"
#include "core/pieces/from_drawer.h"

class QLabel;
class QPushButton;
class QStackedWidget;
class QVBoxLayout;

namespace havlo {

class KeyedRows;

class BatchPage;
class BatchView;
class CardView;
class CutPage;
class CutView;
class DrawerSession;
class PiecesPage;
class StackView;
class SvgArt;

class CardPlace : public Place {
  Q_OBJECT

 public:
  void arrive() override;
  CardPlace(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
            QWidget* parent = nullptr);
  CardView& view() { return *m_view; }
  StackView& stack() { return *m_stack; }
  PiecesPage& pieces() { return *m_pieces; }
  CutPage& cutting() { return *m_cut; }
  BatchPage& batch() { return *m_batch; }
  /// What the middle shows.
  enum class Look { Front, Angle, Side, Open };

 Q_SIGNALS:
  void newCardRequested();
  void faceRequested();  ///< the inside or the envelope is to be planned: another place comes on top
  void printCutListRequested();
  void printClassRequested();
  void cutUp(const StockChange& undo, int offcuts);

 protected:
  void showEvent(QShowEvent*) override;

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  CardView* m_view;
  StackView* m_stack;
  PiecesPage* m_pieces;
  CutPage* m_cut;
  CutView* m_cutView;
  BatchPage* m_batch;
  BatchView* m_batchView;
  QWidget* m_lookBar = nullptr;
  QStackedWidget *m_pages, *m_pictures;
  std::vector<QPushButton*> m_tabs, m_looks;
  KeyedRows* m_notes;

  QWidget* buildChoices();
  QLayout* buildPictures();
  QPushButton* tab(const QString& text, const char* name, const std::function<void()>& run);
  void showPage(int page);
  void look(int how);
  void showCut();
  void showBatch();
  void show();
  void showNotes();
};

}  // namespace havlo
