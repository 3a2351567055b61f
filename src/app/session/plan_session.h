// The open plan: its state, its undo, its file and its rescue copy. Knows no window.
#pragma once

#include <QByteArray>
#include <QObject>
#include <QPointer>
#include <QTimer>
#include <QUndoStack>
#include <functional>
#include <memory>

#include "app/session/beside.h"
#include "app/session/job.h"
#include "app/session/rescue.h"
#include "app/session/sight.h"
#include "core/chain/tried_mends.h"
#include "core/edit/edits.h"
#include "core/plan/plan_text.h"
#include "core/units/measure.h"

namespace havlo {

/// A plan with what was computed of it, as one. What is made from it and what shows it keep it, so that
/// indices into the one are never used on another.
struct PlanState {
  std::shared_ptr<const Plan> plan;
  AnalysisRef analysis;
  quint64 serial = 0;  ///< another one with every planChanged()
};

/// A plan read from a file, with its first analysis: both may take long with files from strangers.
struct OpenedPlan {
  ReadPlan read;
  AnalysisRef analysis;
};
/// For a worker thread. @error  CannotRead, BadInput
/// @param art  draws stamps; it outlives what is opened
Result<OpenedPlan> openPlan(const QString& path, const ArtSource* art = nullptr);

class PlanSession : public QObject {
  Q_OBJECT

 public:
  /// @param rescueFolder  where unsaved work is kept; see Rescue
  explicit PlanSession(const QString& rescueFolder, QObject* parent = nullptr);
  ~PlanSession() override;

  /// What is worked on: the whole plan with its panel, or the picture of one of its pieces (see face()).
  const Plan& plan() const { return m_plan; }
  /// The whole plan, whatever of it is worked on.
  const Plan& whole() const { return m_face.empty() ? m_plan : *m_whole; }
  const std::shared_ptr<const Plan>& wholeSnapshot() const { return m_face.empty() ? m_snapshot : m_whole; }
  /// Id of the piece whose picture is worked on; empty: the front.
  const std::string& face() const { return m_face; }
  /// Works on the inside or the envelope; the front if the piece has no picture of its own.
  void setFace(const std::string& piece);
  const std::shared_ptr<const Plan>& snapshot() const { return m_snapshot; }
  /// All of it as the plan is now. While a hand holds something the work at the table is found when this is
  /// asked.
  const AnalysisRef& analysis() const;
  /// The same for what shows where things are and nothing of the work at the table: while a hand holds
  /// something, see Hold, that may be of a moment ago here.
  const AnalysisRef& scene() const { return m_analysis; }
  const QString& path() const { return m_path; }  ///< empty while never saved
  PlanState state() const { return {m_snapshot, analysis(), m_serial}; }
  bool isNow(const PlanState& state) const { return state.serial == m_serial; }
  QString title() const;
  /// A card was begun, opened or worked on: it is not the one that stands there when the window opens.
  bool hasBegun() const { return m_starts > 1 || isDirty(); }
  bool isDirty() const { return !m_stack.isClean() || m_rescued; }
  QUndoStack& undoStack() { return m_stack; }
  const QUndoStack& undoStack() const { return m_stack; }

  /// Impression id of the one chosen last, or empty; see chosen().
  const QString& selected() const { return m_chosen.last(); }
  int selectedIndex() const { return m_plan.indexOf(selected().toStdString()); }
  void select(const QString& impression);
  /// All that are chosen.
  const Chosen& chosen() const { return m_chosen; }
  Ids chosenIds() const;
  std::vector<int> chosenIndices() const;  ///< in the plan's order
  bool severalChosen() const { return m_chosen.all().size() > 1; }
  void choose(const QStringList& impressions);
  void toggle(const QString& impression);
  /// What is held or hidden while this plan is worked on.
  const SetAside& aside() const { return m_sight.aside; }
  void setAside(const SetAside& aside);
  bool isHidden(int impression) const;
  /// How closely the card is looked at; kept with the file's name until the plan is opened again.
  const Sight& sight() const { return m_sight; }
  /// @param middle  of what is seen, panel coordinates
  void setSight(double zoom, Point middle) { m_sight.zoom = zoom, m_sight.middle_mm = middle; }
  /// What of the scene besides impressions is being worked on: "light", "room", "ground:ID", or empty.
  const QString& chosenPart() const { return m_part; }
  void choosePart(const QString& part);
  /// The chosen ground mark, index in the plan, or -1.
  int chosenMark() const;

  MeasureStyle units() const { return m_units; }
  void setUnits(MeasureStyle units);

  /// Carries out an edit. Edits with the same non-empty merge key that follow each other are one step of
  /// undo. A failed edit changes nothing and is said through trouble().
  void edit(const QString& label, Result<Plan> result, const QString& mergeKey = {});

  /// A hand takes hold of something. With every edit only what follows from where things are is found anew;
  /// the work at the table stands as it was a moment before, until the hand pauses or lets go.
  class Hold {
   public:
    explicit Hold(PlanSession& session) : m_session(&session) { ++session.m_held; }
    ~Hold() {
      if (m_session && --m_session->m_held == 0) m_session->settle();
    }
    Q_DISABLE_COPY_MOVE(Hold)

   private:
    QPointer<PlanSession> m_session;
  };

  /// A hand that holds something has moved, and not paused since.
  bool handMoves() const { return m_held > 0 && !m_settled; }
  /// Who shows what a hand moves, and is not waited for by it. planChanged() comes when it pauses or lets go.
  Beside& beside() { return m_beside; }

  /// What is known of the hands at work: every plan that is opened here is reckoned with them.
  /// @param of  by what masks are cut from, see maskPaperOf()
  void setHabits(std::function<Habits(const std::string& maskPaper)> of);

  /// Looks for the best stamping order on a worker thread, if that has not been done; planChanged() tells
  /// when it is there. A result for an older state of the plan is dropped.
  void improveOrder();
  /// Draws stamps for what is seen first; without it silhouettes stand for them.
  void setArt(std::shared_ptr<const ArtSource> art);
  const std::shared_ptr<const ArtSource>& art() const { return m_art; }
  /// What the fix of each finding of the present analysis would do to the hero, where that is known yet.
  const std::vector<std::optional<Foretold>>& foretold() const { return m_foretold; }
  /// Were the mends of the findings carried out on a copy? What hangs on the looks is offered only then.
  bool mendsTried() const { return m_mendsTried; }
  /// Begins to foretell what fixes would do, without waiting for a moment of rest.
  void foretellNow();
  void stopImproving() { m_search->cancel(); }
  /// Whether a better order than the present one may still be found.
  bool orderIsQuick() const {
    return analysis()->orderState.from == OrderState::From::Quick && !m_plan.impressions.empty();
  }

  /// Replaces the open plan by what was read from `path`; unsaved work stays in its rescue copy.
  bool take(const QString& path, const Result<OpenedPlan>& opened);
  /// Work that was not saved, as it was read from its rescue copy; the copy stays until the maker saves.
  bool takeUp(const LostWork& work, const Result<OpenedPlan>& opened);
  /// Where a plan comes from.
  struct Origin {
    QString path;          ///< its file, if it has one
    bool rescued = false;  ///< it was never saved as it is now
    QByteArray onDisk;     ///< rescued: digest of the file as it was known
  };
  /// @param analysis  of this very plan, if it was computed already
  void start(Plan plan, const Origin& from, AnalysisRef analysis = nullptr);
  void start(Plan plan) { start(std::move(plan), Origin{}); }

  /// @param force  also when the file was changed by someone else since it was opened
  bool save(bool force = false);
  bool saveAs(const QString& path);

  Rescue& rescue() { return m_rescue; }

  /// A row or a crowd is being laid out, and not on the card yet.
  bool drafting() const { return m_drafting; }
  void setDrafting(bool drafting) {
    if (drafting == m_drafting) return;
    m_drafting = drafting;
    Q_EMIT draftingChanged();
  }

 Q_SIGNALS:
  void draftingChanged();
  void planChanged();  ///< plan and analysis are new
  /// Where things are is new and the work at the table stands: at every step of a hand, see Hold.
  /// planChanged() follows when it pauses or lets go.
  void sceneChanged();
  void faceChanged();   ///< besides planChanged(): another surface is worked on
  void looksChanged();  ///< what is seen first is there, and the findings about it
  void foretoldChanged();
  void fileChanged();  ///< path, title or dirt
  void selectionChanged();
  void asideChanged();
  void sightTaken();  ///< another plan is there, to be looked at as it was last
  void unitsChanged();
  void trouble(const QString& message);
  void notice(const QString& message);
  void workLeft(const LostWork& work);  ///< another plan took the place of unsaved work, which is kept there
  void changedUnderneath();             ///< save() refused: the file on disk is not the one that was opened

 private:
  friend class EditCommand;

  Plan m_plan;
  std::function<Habits(const std::string&)> m_habitsOf;
  Habits habitsFor(const Plan& plan) const;
  std::string m_face;
  std::shared_ptr<const Plan> m_snapshot, m_whole;  // the other: null while the front is worked on
  mutable AnalysisRef m_analysis, m_stood;          // the other: what stood before the work was asked for
  QUndoStack m_stack;
  int m_starts = 0;
  QString m_path, m_part;
  Chosen m_chosen;
  Sight m_sight;
  quint64 m_serial = 0;
  QByteArray m_onDisk;  // digest of the file as we know it
  MeasureStyle m_units = MeasureStyle::Inches;
  bool m_rescued = false;
  QString m_lastKey;      // of the act before
  bool m_goesOn = false;  // what is shown is a further step of it
  int m_held = 0;
  bool m_settled = true;  // everybody has heard of the work as it is now
  QTimer m_pause;         // the hand holds still: the work at the table follows
  Beside m_beside{this};
  QTimer m_glance;  // the eye looks while the hand moves
  Rescue m_rescue;

  Job<AnalysisRef>* m_search;
  std::shared_ptr<const ArtSource> m_art;
  std::shared_ptr<TileStore> m_lookTiles, m_foretellTiles;
  struct Seen {
    AnalysisRef of, with;  ///< before the eye has looked, and after
  };
  Job<Seen>* m_looking;
  Job<TriedFindings>* m_foretelling;
  bool m_mendsTried = false;
  std::vector<std::optional<Foretold>> m_foretold;
  bool m_drafting = false;
  QTimer m_rest;  // fixes are foretold when nothing has moved for a moment

  void look();
  void tellScene();
  /// Finds the work at the table if it only stood, and tells everybody.
  void settle();
  void foretellFixes();
  void forgetForetold();
  void show(std::shared_ptr<const Plan> whole, const std::string& face);
  /// The whole plan with what is worked on as `next` has it.
  Plan wholeWith(Plan next) const;
  /// Lines that are inked along guides go with them.
  Plan withLinesFollowing(Plan next) const;
  void takeOrdered(const std::shared_ptr<const Plan>& of, const AnalysisRef& analysis);
  bool write(const QString& path);
};

}  // namespace havlo
