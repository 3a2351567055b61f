// The place Ink & light: the card as an eye sees it, and beside it the background, the greeting, the inks,
// the looks.
#pragma once

#include "app/common/place.h"
#include "app/session/plan_session.h"

class QCheckBox;
class QLabel;
class QPushButton;
class QStackedWidget;

namespace havlo {

class BackgroundPage;
class ColoursPage;
class DrawerSession;
class GreetingPage;
class InkView;
class LooksPage;
class SidePanels;
class SvgArt;

class InkPlace : public Place {
  Q_OBJECT

 public:
  InkPlace(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
           QWidget* parent = nullptr);
  InkView& view() { return *m_view; }
  BackgroundPage& background() { return *m_background; }
  GreetingPage& greeting() { return *m_greeting; }
  ColoursPage& colours() { return *m_colours; }
  enum Page { Looks, Background, Colours, Greeting };
  void showPage(Page page);

 Q_SIGNALS:
  void arrangeRequested();

 private:
  PlanSession& m_session;
  InkView* m_view;
  LooksPage* m_looks;
  BackgroundPage* m_background;
  ColoursPage* m_colours;
  GreetingPage* m_greeting;
  QStackedWidget* m_pages;
  QLabel* m_verdict;
  QCheckBox* m_showLooks;
  std::vector<QPushButton*> m_tabs, m_modes;
  SidePanels* m_panels;

  QLayout* buildModes();
  QWidget* buildPages(DrawerSession& drawer, const std::shared_ptr<SvgArt>& art);
  void refresh();
};

}  // namespace havlo
