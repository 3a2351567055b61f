// The main thing of a place with panels at its sides. Where there is no room for all of them the panels share
// one side, one in front; where there is less, main thing and panels take turns.
#pragma once

#include <QWidget>
#include <vector>

namespace havlo {

class DividerTab;

class SidePanels : public QWidget {
  Q_OBJECT

 public:
  enum class Side { Before, After };  ///< in the direction of reading
  enum class Folding { None, Shared, Turns };

  /// @param title  of the main thing, on its tab  @param least  px it wants before the panels give way
  SidePanels(QWidget* main, const QString& title, int least, QWidget* parent = nullptr);
  /// Not all panels stand beside it unless it keeps so many px. Without a word: as many as it wants at least.
  void keepForMain(int wanted) { m_wanted = wanted; }
  /// @param panel  of a width of its own, see holdWidth()
  void add(QWidget* panel, const QString& title, Side side);
  /// Shows that panel, where not all are shown. The main thing only makes room for what is asked for by name.
  void bringUp(QWidget* panel);
  Folding folding() const { return m_folding; }

  QSize sizeHint() const override;
  QSize minimumSizeHint() const override;

 protected:
  void resizeEvent(QResizeEvent*) override { layAll(); }
  bool event(QEvent* event) override;

 private:
  struct Panel {
    QWidget* widget;
    DividerTab* tab;
    Side side;
  };
  QWidget* m_main;
  int m_least, m_wanted;
  std::vector<Panel> m_panels;
  DividerTab* m_mainTab;
  QWidget* m_shared = nullptr;  ///< the panel in front where they share
  QWidget* m_turn;              ///< what is shown where they take turns
  Folding m_folding = Folding::None;

  void layAll();
  void choose(QWidget* widget);
  int tabHeight() const;
};

}  // namespace havlo
