// Adding stamps from a scan or a photo: picture, scale, impressions, tracing with mends, facts, into the
// drawer.
#pragma once

#include <QUndoStack>
#include <QWidget>
#include <algorithm>

#include "app/drawer/scan_view.h"
#include "app/session/drawer_session.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "io/scan/scan_file.h"

class QLabel;
class QProgressBar;
class QPushButton;

namespace havlo {

class MeasureEdit;
class StampFacts;
class SvgArt;
class TracePanel;

class AddPage : public QWidget {
  Q_OBJECT

 public:
  AddPage(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
          QWidget* parent = nullptr);

  ~AddPage() override;

  void readFile(const QString& path);
  void paste();
  /// A synthetic scan of a few stamps that ship with Havlo.
  void trySample();
  ScanView& view() { return *m_view; }
  /// Waits until nothing is being read or traced.
  bool hasStamp() const { return m_traced != nullptr; }
  int impressions() const { return m_found ? static_cast<int>(m_found->impressions.size()) : 0; }
  int chosenImpression() const { return m_chosen; }
  std::shared_ptr<const TracedStamp> traced() const { return m_traced; }
  /// Whether every impression of the picture is in the drawer.
  bool allIn() const {
    return m_found &&
           std::none_of(m_keys.begin(), m_keys.end(), [](const std::string& k) { return k.empty(); });
  }
  /// Mends of what was traced, taken back one by one.
  QUndoStack& undoStack() { return m_undo; }

 Q_SIGNALS:
  void closeRequested();
  void fileChosen(const QString& path);
  void folderChosen(const QString& path);
  void added(const QString& key, bool ontoCard);
  void mendsChanged();  ///< what can be taken back is other

 private:
  struct Read {
    std::shared_ptr<const Scan> scan;
    Scan small;  // to look at
    QString name;
    ScaleFrom scale = ScaleFrom::Unknown;
  };
  friend class MendCommand;
  /// Everything the maker mends, as one.
  struct Mends {
    std::shared_ptr<const FoundSheet> found;
    TraceSettings settings;
    std::optional<Point> foot;  // sheet mm
    int chosen = -1;
    std::vector<std::string> keys;
  };
  Mends mendsNow() const { return {m_found, m_settings, m_foot, m_chosen, m_keys}; }
  void mend(const QString& label, Mends after, int merging = -1);
  void restore(const Mends& mends);
  void closeOpenings(int only = -1);
  void nextToDo();
  QWidget* buildPicture();
  QWidget* buildScale();
  QWidget* buildQuestions();
  void connectMarks();
  /// What the frame holds becomes one impression.
  void joinIn(Box area);
  /// Opens an enclosed region or, clicked again, closes it.
  void openAt(Point at);
  static Read kept(ReadScan read);
  struct Traced {
    std::shared_ptr<const TracedStamp> stamp;
    QImage picture;
    Box area;
  };

  PlanSession& m_session;
  DrawerSession& m_drawer;
  std::shared_ptr<SvgArt> m_art;
  std::shared_ptr<const Scan> m_scan;
  Scan m_small;
  QString m_fileName;
  ScaleFrom m_scale = ScaleFrom::Unknown;
  std::shared_ptr<const FoundSheet> m_found;
  std::shared_ptr<const TracedStamp> m_traced;
  QImage m_tracedPicture;
  Box m_tracedArea;
  std::optional<Degrees> m_level;
  TraceSettings m_settings;
  std::optional<Point> m_foot;  // sheet mm
  int m_chosen = -1;
  bool m_wholeSheet = true;
  std::vector<std::string> m_keys;  // of each impression in the drawer; empty: not there yet
  QUndoStack m_undo;
  std::vector<Point> m_corners;
  double m_marked_px = 0;  // length of the marked line in scan pixels
  int m_added = 0;

  ScanView* m_view;
  QLabel *m_pictureWords, *m_scaleWords, *m_foundWords, *m_busyWords;
  QProgressBar* m_progress;
  QPushButton *m_stop, *m_next, *m_whole, *m_put, *m_putOn, *m_otherScale, *m_close, *m_showMends;
  QLabel* m_asksOpen;
  QWidget *m_openRow, *m_whatIsIt;
  StampFacts* m_facts;
  QWidget *m_scaleTools, *m_scaleWays, *m_lengthRow, *m_cornerRow;
  MeasureEdit *m_length, *m_cornerWidth, *m_cornerHeight;
  TracePanel* m_mends;
  std::vector<QPushButton*> m_tools;
  Job<Result<Read>>* m_reading;
  Job<Result<FoundSheet>>* m_finding;
  Job<Result<Traced>>* m_tracing;

  QWidget* buildPanel();
  void start(const QString& what);
  void stopped();
  void fail(const Error& error);
  void take(Read read);
  void find();
  void chooseImpression(int index);
  void trace();
  void show();
  void setScale(double pxPerMm, ScaleFrom from, const QString& said);
  void useTool(ScanView::Tool tool);
  /// @param corners  absent: those of the printed calibration square
  void straighten(std::optional<std::array<PixelPoint, 4>> corners, double width_mm, double height_mm);
  void put(bool ontoCard);
  Degrees level() const { return m_level ? *m_level : m_found ? m_found->level : Degrees{0}; }
  Scan frame() const;
  Point footNow() const;
};

}  // namespace havlo
