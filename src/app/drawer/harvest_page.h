// Many stamps at once, on one page: what was found in a folder of scans or in the drawing of a set is looked
// over, named by two Returns each, and taken into the drawer.
#pragma once

#include <QTimer>
#include <QWidget>

#include "app/session/drawer_session.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "io/scan/harvest.h"

class QLabel;
class QLineEdit;
class QProgressBar;
class QPushButton;

namespace havlo {

class ChoiceList;
class MeasureEdit;
class StampFacts;
class SvgArt;

class HarvestPage : public QWidget {
  Q_OBJECT

 public:
  HarvestPage(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
              QWidget* parent = nullptr);

  /// Looks the pictures through on a worker. @param then  called instead of showing anything where it is a
  /// single file that is no set: it can be mended stroke by stroke
  void lookThrough(const QStringList& files, const QString& title, const std::function<void()>& then = {});
  int found() const { return static_cast<int>(m_stamps.size()); }
  int wanted() const;  ///< so many are to be taken in
  ChoiceList& list() { return *m_list; }
  void takeIn();

 Q_SIGNALS:
  void closeRequested();
  void done(const QString& message);

 private:
  struct One {
    FoundStamp found;
    QString inDrawer;     ///< the name of the drawer's stamp that it is, or empty
    std::string takenAs;  ///< its key, once it is in the drawer
    bool take = true, close = true;
    bool said = false;  ///< the maker has looked at it
  };
  struct Gathered {
    Harvest harvest;
    std::vector<QString> inDrawer;
  };

  PlanSession& m_session;
  DrawerSession& m_drawer;
  std::shared_ptr<SvgArt> m_art;
  QStringList m_files;
  std::vector<LookedThrough> m_looked;
  std::vector<One> m_stamps;
  std::vector<QIcon> m_icons;
  QTimer m_drawing;
  int m_shown = -1;
  Job<Result<Gathered>>* m_looking;

  QLabel *m_title, *m_says, *m_about, *m_troubles;
  QProgressBar* m_progress;
  QPushButton *m_stop, *m_take, *m_leave, *m_close;
  ChoiceList* m_list;
  StampFacts* m_facts;
  QWidget *m_panel, *m_scale;
  QLineEdit* m_dpi;
  MeasureEdit* m_width;

  QWidget* buildList();
  QWidget* buildPanel();
  QWidget* buildScale();
  void look(const HarvestWish& wish, const std::function<void()>& then);
  void showFound(Gathered gathered);
  void showRows();
  void drawSome();
  void showStamp(int row);
  /// What was said of the one that is shown is kept with it. @return false: its height cannot be read, and
  /// that is said
  bool keepSaid();
  void next();
  void showTroubles();
  void again();
  static Result<Gathered> gather(const QStringList& files, const HarvestWish& wish, const QString& drawer,
                                 const Progress& progress);
};

}  // namespace havlo
