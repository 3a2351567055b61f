// What the maker mends on a traced impression: sliders and tools. Knows neither scan nor drawer.
#pragma once

#include <QWidget>
#include <vector>

#include "app/drawer/scan_view.h"
#include "core/trace/stamp_trace.h"

class QLabel;
class QPushButton;
class QSlider;

namespace havlo {

class TracePanel : public QWidget {
  Q_OBJECT

 public:
  explicit TracePanel(QWidget* parent = nullptr);

  void showSettings(const TraceSettings& now);
  /// Puts what the sliders say into the settings; mends by hand stay.
  void apply(TraceSettings& settings) const;
  void showLevel(Degrees level);
  void showTool(ScanView::Tool tool);
  void showFacts(const QString& facts);

 Q_SIGNALS:
  void mended();  ///< a slider moved
  void levelChosen(Degrees level);
  void toolChosen(ScanView::Tool tool);
  void startOverRequested();

 private:
  QLabel* m_facts;
  QSlider *m_darkness, *m_speck, *m_gap, *m_grow, *m_turn;
  std::vector<QPushButton*> m_tools;

  QSlider* slider(int least, int most, int now, const QString& name);
};

}  // namespace havlo
