// The place Colour: the card to be coloured and drawn on by hand, and beside it what is in hand.
#pragma once

#include "app/colour/colour_view.h"
#include "app/common/place.h"

class QLabel;
class QPushButton;
class QStackedWidget;

namespace havlo {

class ColourPage;
class DetailsPage;
class DrawerSession;
class OwnPage;
class SuggestPage;

class ColourPlace : public Place {
  Q_OBJECT

 public:
  ColourPlace(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
              QWidget* parent = nullptr);
  ColourView& view() { return *m_view; }
  ColourPage& colours() { return *m_colours; }
  SuggestPage& suggestions() { return *m_suggest; }
  enum Page { Colours, Details, Own, Suggest };
  void showPage(Page page);
  std::vector<Command> commands() override;
  void arrive() override;
  void takeKeys() override;

 private:
  PlanSession& m_session;
  ColourView* m_view;
  ColourPage* m_colours;
  DetailsPage* m_details;
  OwnPage* m_own;
  SuggestPage* m_suggest;
  QStackedWidget* m_pages;
  QLabel* m_verdict;
  std::vector<QPushButton*> m_tabs, m_tools;

  QLayout* buildTools();
  QWidget* buildPages(DrawerSession& drawer, const std::shared_ptr<SvgArt>& art);
  void takeTool(HandTool tool);
  void refresh();
};

}  // namespace havlo
