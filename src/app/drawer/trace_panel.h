// What the maker mends on a traced impression and says of it: sliders, tools, name, role, facing, real
// height. Knows neither scan nor drawer.
#pragma once

#include <QWidget>
#include <vector>

#include "app/drawer/scan_view.h"
#include "core/trace/stamp_trace.h"

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSlider;

namespace havlo {

class TracePanel : public QWidget {
  Q_OBJECT

 public:
  explicit TracePanel(QWidget* parent = nullptr);

  /// Sliders back to where nothing is mended, and a name to begin with.
  void startOver(const QString& name);
  /// Puts what the sliders say into the settings; mends by hand stay.
  void apply(TraceSettings& settings) const;
  void showLevel(Degrees level);
  void showTool(ScanView::Tool tool);
  void showFacts(const QString& facts);
  QString name() const;  ///< as typed, may be empty
  /// Role, facing and real height into a stamp.
  void describe(Stamp& stamp) const;

 Q_SIGNALS:
  void mended();  ///< a slider moved
  void levelChosen(Degrees level);
  void toolChosen(ScanView::Tool tool);
  void startOverRequested();

 private:
  QLabel* m_facts;
  QSlider *m_darkness, *m_speck, *m_gap, *m_grow, *m_turn;
  QLineEdit* m_name;
  QComboBox *m_role, *m_facing, *m_heights;
  std::vector<QPushButton*> m_tools;

  QSlider* slider(int least, int most, int now, const QString& name);
  void offerHeights();
};

}  // namespace havlo
