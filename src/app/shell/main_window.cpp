// Building and connecting.
#include "app/shell/main_window.h"

#include <QApplication>
#include <QClipboard>
#include <QCloseEvent>
#include <QDir>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QMenuBar>
#include <QMimeData>
#include <QScrollArea>
#include <QSettings>
#include <QStackedWidget>
#include <QUndoStack>
#include <QVBoxLayout>

#include "app/common/drawings.h"
#include "app/common/quiet_wheel.h"
#include "app/common/sheet_frame.h"
#include "app/files/file_chooser.h"
#include "app/help/glossary.h"
#include "app/help/handbook.h"
#include "app/lessons/lesson_bar.h"
#include "app/shell/act_finder.h"
#include "app/shell/commands.h"
#include "app/shell/errands.h"
#include "app/shell/face_bar.h"
#include "app/shell/filing.h"
#include "app/shell/language.h"
#include "app/shell/next_act.h"
#include "app/shell/places.h"
#include "app/shell/status_line.h"
#include "app/shell/trail.h"
#include "app/theme/theme.h"
#include "io/wording/finding_words.h"
#include "io/wording/names.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

QString besides(const QString& rescueFolder, const QString& name) {
  return QFileInfo(rescueFolder).dir().filePath(name);
}

}  // namespace

MainWindow::MainWindow(const QString& rescueFolder, std::shared_ptr<SvgArt> art)
    : m_session(std::make_unique<PlanSession>(rescueFolder)),
      m_drawerSession(
          std::make_unique<DrawerSession>(besides(rescueFolder, QStringLiteral("drawer.sqlite")))),
      m_log(std::make_unique<LogSession>(QFileInfo(rescueFolder).path())),
      m_making(std::make_unique<MakingSession>(besides(rescueFolder, QStringLiteral("makings")), *m_log)),
      m_workshop{*m_session, *m_drawerSession, *m_making, *m_log, std::move(art)},
      m_errands(new Errands(m_workshop, this)),
      m_filing(new Filing(*m_session, this)),
      m_status(new StatusLine),
      m_next(new NextSteps(m_workshop, m_status, this)) {
  m_session->setArt(m_workshop.art);
  m_making->setArt(m_workshop.art);
  qApp->installEventFilter(new QuietWheel(this));
  Glossary::speak(spokenLanguage());
  qApp->installEventFilter(new GlossaryTips(this));
  setObjectName(QStringLiteral("havlo"));
  setAcceptDrops(true);
  // A screen of 1080 lines at 200 % has 540 for everything; below their own least size places are rolled.
  setMinimumSize(640, 400);
  resize(1280, 800);
  restoreGeometry(QSettings().value(QStringLiteral("window")).toByteArray());
  readSettings();
  addCommands();
  setStatusBar(m_status);
  buildCentre();
  setStyleSheet(windowSheet());
  connectSessions();
  connectWork();
  refreshTrail();
  refreshStatus();
  visit(QStringLiteral("scene"));
}

MainWindow::~MainWindow() {
  // The places look at the sessions until they are gone.
  delete centralWidget();
}

void MainWindow::readSettings() {
  const QSettings settings;
  const bool inchesHere = QLocale::system().measurementSystem() == QLocale::ImperialUSSystem;
  const QString usual = inchesHere ? QStringLiteral("in") : QStringLiteral("mm");
  const bool metric = settings.value(QStringLiteral("units"), usual).toString() == QLatin1String("mm");
  m_session->setUnits(metric ? MeasureStyle::Millimetres : MeasureStyle::Inches);
  const QString paper = inchesHere ? QStringLiteral("letter") : QStringLiteral("a4");
  if (settings.value(QStringLiteral("sheet"), paper).toString() == QLatin1String("letter"))
    m_errands->printing().setSheet(Sheet::letter());
}

void MainWindow::addCommands() {
  const WindowActs acts{[this](const Appearance& wanted) { setAppearance(wanted); },
                        [this] { close(); },
                        [this] { refreshActions(); },
                        [this] { m_trail->typeTitle(); },
                        [this] { openHandbook(); },
                        [this] { findAct(); },
                        [this] { explainHere(); },
                        [this](const QString& place, const QString& part) { visitPart(place, part); },
                        [this]() -> QUndoStack& { return undoStackHere(); }};
  m_actions.add(planCommands(*m_session, *m_errands, *m_filing, acts));
  m_actions.add(changeCommands(*m_errands, acts));
  const auto open = [this](const PlaceKind& kind) { return kind.open(m_workshop); };
  m_actions.add(lookCommands(*m_session, *m_errands, placeKinds(), open, acts));
  m_actions.add(pageCommands(placeKinds(), open, acts));
  const std::pair<const char*, QString> menus[] = {{"plan", tr("&Plan")},       {"change", tr("&Change")},
                                                   {"thing", tr("&Thing")},     {"look", tr("&Look")},
                                                   {"lessons", tr("L&essons")}, {"help", tr("&Help")}};
  for (const auto& [id, title] : menus) {
    QMenu* menu = menuBar()->addMenu(title);
    menu->setObjectName(QLatin1String(id));
    fillMenu(menu, QLatin1String(id));
    connect(&m_actions, &ActionTable::changed, menu, [this, menu] { fillMenu(menu, menu->objectName()); });
  }
  connect(&m_session->undoStack(), &QUndoStack::indexChanged, this, &MainWindow::refreshActions);
  connect(&m_session->undoStack(), &QUndoStack::undoTextChanged, this, &MainWindow::refreshActions);
}

QUndoStack& MainWindow::undoStackHere() {
  Place* top = m_made.value(m_current);
  QUndoStack* own = top ? top->ownUndo() : nullptr;
  return own ? *own : m_session->undoStack();
}

void MainWindow::openHandbook() {
  auto* book = findChild<Handbook*>();
  if (!book) book = new Handbook(m_actions, spokenLanguage(), this);
  book->showFor(m_current);
  book->show();
  book->raise();
  book->activateWindow();
}

/// What has the keys, or the act that the pointer is over, explained as a slip that is also read aloud.
void MainWindow::explainHere() {
  const QString words = explanationOf(QApplication::focusWidget());
  m_messages->say(MessageBar::Kind::Notice,
                  words.isEmpty() ? tr("There is nothing to explain here. F1 opens the handbook.") : words);
}

void MainWindow::findAct() {
  refreshActions();
  delete m_finder;
  m_finder = new ActFinder(m_actions, this);
  m_finder->open();
}

void MainWindow::fillMenu(QMenu* menu, const QString& name) {
  menu->clear();
  for (QAction* action : m_actions.of(name)) {
    // A mark of what is chosen stands in the same place as a drawing.
    if (action && !action->isCheckable()) action->setIcon(drawingIcon(drawingOfAct(action->objectName())));
    action ? menu->addAction(action) : (void)menu->addSeparator();
    if (!action || action->objectName() != QLatin1String("open")) continue;
    QMenu* recent = menu->addMenu(tr("Open &recent"));
    connect(recent, &QMenu::aboutToShow, this, [this, recent] { m_filing->fillRecent(recent); });
    QMenu* unsaved = menu->addMenu(tr("Work that was &not saved"));
    connect(unsaved, &QMenu::aboutToShow, this, [this, unsaved] { m_filing->fillUnsaved(unsaved); });
  }
}

void MainWindow::buildCentre() {
  for (const QString& id : m_made.keys()) m_actions.removeOf(id);
  m_made.clear();
  auto* centre = new QWidget;
  auto* column = new QVBoxLayout(centre);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(0);
  m_trail = new Trail;
  m_trail->showActs(m_actions[QStringLiteral("undo")], m_actions[QStringLiteral("redo")]);
  m_faces = new FaceBar(*m_session);
  m_places = new QStackedWidget;
  column->addWidget(m_trail);
  column->addWidget(m_faces);
  column->addWidget(m_places, 1);
  m_lesson = new LessonBar(*m_session, *m_making);
  column->addWidget(m_lesson);
  connect(m_lesson, &LessonBar::visitRequested, this, &MainWindow::visitPart);
  connect(m_lesson, &LessonBar::changed, this, &MainWindow::refreshStatus);
  connect(m_lesson, &LessonBar::nextWanted, this, [this](const QString& after) {
    const auto all = allLessons();
    for (size_t k = 0; k + 1 < all.size(); ++k)
      if (all[k].id == after) return m_errands->startLesson(all[k + 1].id);
  });
  setCentralWidget(centre);
  m_messages = new MessageBar(m_places);
  connect(m_trail, &Trail::titleTyped, this, [this](const QString& title) {
    const std::string face = m_session->face();
    m_session->setFace({});  // the title is the whole card's
    Plan plan = m_session->plan();
    plan.title = title.toStdString();
    m_session->edit(tr("Call it %1").arg(title), plan);
    m_session->setFace(face);
  });
  connect(m_trail, &Trail::visited, this, [this](int k) {
    for (const PlaceKind& kind : placeKinds())
      if (kind.onTrail && k-- == 0) return visit(kind.id);
  });
  for (const PlaceKind& kind : placeKinds())
    if (kind.atStart) place(kind.id);
}

Place& MainWindow::place(const QString& id) {
  if (Place* known = m_made.value(id)) return *known;
  Place* made = placeKind(id)->make(m_workshop, *m_errands);
  m_made.insert(id, made);
  auto* area = new QScrollArea;  // rolls only where the window is smaller than the place can be
  area->setWidgetResizable(true);
  area->setFrameShape(QFrame::NoFrame);
  area->setFocusPolicy(Qt::NoFocus);
  m_places->addWidget(area);
  area->setWidget(made);
  connect(made, &Place::statusChanged, this, [this] {
    refreshTrail();
    refreshActions();
  });
  m_actions.add(made->commands(), id);
  refreshActions();
  return *made;
}

void MainWindow::visit(const QString& id) {
  const PlaceKind* kind = placeKind(id);
  if (!kind) return;
  Place& top = place(id);
  if (m_messages && id != m_current) m_messages->goOn();
  m_current = id;
  m_places->setCurrentWidget(top.parentWidget()->parentWidget());
  int on = -1, k = 0;
  for (const PlaceKind& other : placeKinds())
    if (other.onTrail) on = other.id == id ? k : on, ++k;
  m_trail->setCurrent(on);
  m_faces->setWanted(kind->ofFace && top.showsPlan());  // a card at the table is led through as a whole
  if (m_lesson) m_lesson->setPlace(id);
  refreshStatus();
  refreshActions();
  top.arrive();
  if (!m_trail->hasFocus()) top.takeKeys();
}

void MainWindow::visitPart(const QString& id, const QString& part) {
  visit(id);
  if (!part.isEmpty()) place(id).turnTo(part);
}

void MainWindow::connectSessions() {
  const auto trouble = [this](const QString& text) { m_messages->say(MessageBar::Kind::Trouble, text); };
  const auto notice = [this](const QString& text) { m_messages->say(MessageBar::Kind::Notice, text); };
  PlanSession* s = m_session.get();
  for (auto changed : {&PlanSession::planChanged, &PlanSession::looksChanged, &PlanSession::fileChanged,
                       &PlanSession::selectionChanged, &PlanSession::unitsChanged})
    connect(s, changed, this, [this] {
      refreshTrail();
      refreshStatus();
      refreshActions();
    });
  connect(s, &PlanSession::planChanged, this, [this] {
    m_messages->goOn();
    hintToSave();
  });
  connect(s, &PlanSession::fileChanged, this, &MainWindow::hintToSave);
  connect(s, &PlanSession::trouble, this, trouble);
  connect(s, &PlanSession::notice, this, notice);
  connect(m_making.get(), &MakingSession::changed, this, [this] {
    const PlaceKind* kind = placeKind(m_current);
    const Place* top = m_made.value(m_current);
    m_faces->setWanted(kind && kind->ofFace && top && top->showsPlan());
    refreshTrail();
    refreshStatus();
    refreshActions();
  });
  connect(m_making.get(), &MakingSession::trouble, this, trouble);
  connect(m_drawerSession.get(), &DrawerSession::changed, this, [this] {
    refreshTrail();
    refreshStatus();
  });
  connect(m_drawerSession.get(), &DrawerSession::trouble, this, trouble);
  connect(m_drawerSession.get(), &DrawerSession::notice, this, notice);
  connect(m_log.get(), &LogSession::trouble, this, trouble);
  connect(m_log.get(), &LogSession::notice, this, notice);
  const auto learn = [this] {
    m_session->setHabits([this](const std::string& paper) { return habitsOf(m_log->learnt(), paper); });
  };
  connect(m_log.get(), &LogSession::habitsChanged, this, learn);
  learn();
  connect(&JobTroubles::all(), &JobTroubles::failed, this, trouble);
  connect(QGuiApplication::clipboard(), &QClipboard::dataChanged, this, &MainWindow::refreshActions);
}

/// Who has worked a while on a card that is in no file is told so, once.
void MainWindow::hintToSave() {
  constexpr int kAfter = 12;  // changes
  const bool inNoFile = m_session->path().isEmpty() && m_session->isDirty();
  const QString hint =
      tr("This card is in no file yet. What you do is kept beside, and offered again after a fall.");
  if (!inNoFile) {
    m_messages->takeBack(hint);
    return (void)(m_hinted = false);
  }
  if (m_hinted || m_session->undoStack().index() < kAfter || m_lesson->active()) return;
  m_hinted = true;
  m_messages->say(MessageBar::Kind::Notice, hint, {{tr("Save it"), [this] { m_filing->save(); }}});
}

void MainWindow::connectWork() {
  const auto say = [this](const MessageBar::Message& m) { m_messages->say(m.kind, m.text, m.acts); };
  const auto done = [this](const QString& message) {
    m_status->idle();
    if (!message.isEmpty()) m_messages->say(MessageBar::Kind::Notice, message);
  };
  const auto trouble = [this](const QString& text) { m_messages->say(MessageBar::Kind::Trouble, text); };
  connect(m_errands, &Errands::visitRequested, this, &MainWindow::visit);
  connect(m_errands, &Errands::said, this, say);
  connect(m_errands, &Errands::openRequested, m_filing, &Filing::choose);
  connect(m_errands, &Errands::openFileRequested, this, [this](const QString& path) {
    const auto drafts = m_session->rescue().lostWork();
    const auto draft =
        std::find_if(drafts.begin(), drafts.end(), [&](const LostWork& w) { return w.file == path; });
    draft == drafts.end() ? m_filing->open(path) : (void)m_session->takeUp(*draft);
    visit(QStringLiteral("scene"));
  });
  connect(m_filing, &Filing::said, this, say);
  connect(m_filing, &Filing::started, m_status, &StatusLine::busy);
  connect(m_filing, &Filing::ended, m_status, &StatusLine::idle);
  Printing& printing = m_errands->printing();
  connect(&printing, &Printing::started, m_status, &StatusLine::busy);
  connect(&printing, &Printing::done, this, done);
  connect(&printing, &Printing::trouble, this, trouble);
  connect(&printing, &Printing::progressed, m_status, &StatusLine::progressed);
  Exporting& exporting = m_errands->exporting();
  connect(&exporting, &Exporting::started, m_status, &StatusLine::busy);
  connect(&exporting, &Exporting::done, this, done);
  connect(&exporting, &Exporting::trouble, this, trouble);
  connect(m_next, &NextSteps::visitRequested, this, &MainWindow::visitPart);
  connect(m_errands, &Errands::lessonStarted, this,
          [this](const Lesson& lesson) { m_lesson->start(lesson); });
  connect(m_status, &StatusLine::stopRequested, this, [this] {
    m_errands->printing().stop();
    m_errands->exporting().stop();
    m_filing->stop();
    m_status->idle();
  });
}

// ---- what the frame says

void MainWindow::refreshTrail() {
  std::vector<Trail::Place> shown;
  for (const PlaceKind& kind : placeKinds()) {
    if (!kind.onTrail) continue;
    const PlaceStatus status = kind.status(m_workshop, m_made.value(kind.id));
    shown.push_back(
        {kind.title, status.words, QStringLiteral("place-") + kind.id, status.mark, status.level});
  }
  m_trail->setPlaces(std::move(shown));
  const QString state =
      m_session->path().isEmpty() ? (m_session->isDirty() ? tr("not saved yet") : tr("no file yet"))
      : m_session->isDirty()      ? tr("changed since it was saved")
                                  : tr("saved in %1").arg(QFileInfo(m_session->path()).fileName());
  m_trail->setPlan(m_session->title(), state);
  setWindowTitle(tr("%1[*] – Havlo").arg(m_session->title()));
  setWindowModified(m_session->isDirty());
}

void MainWindow::refreshStatus() {
  // A lesson says itself what is next.
  m_lesson && m_lesson->active() ? m_status->offer({}, {}) : m_next->refresh(m_current);
  const int i = m_session->selectedIndex();
  const Place* top = m_made.value(m_current);
  if (top && !top->showsPlan()) return m_status->say({});  // at the table nothing but the step is said
  if (m_session->severalChosen())
    return m_status->say(tr("%1 things are chosen.").arg(m_session->chosen().all().size()));
  if (i < 0) return m_status->say(readingSummary(*m_session->analysis()));
  const Point at = m_session->plan().impressions[ix(i)].at;
  const PanelSize& panel = m_session->plan().card.panel;
  m_status->say(tr("%1: foot %2, %3.")
                    .arg(labelOf(m_session->plan(), i),
                         alongWords(at.x, panel.width_mm, m_session->units(), true),
                         upWords(at.y, panel.height_mm, m_session->units(), true)));
}

void MainWindow::refreshActions() {
  m_actions.refresh(m_current);
  QUndoStack& stack = undoStackHere();
  m_actions[QStringLiteral("undo")]->setText(stack.canUndo() ? tr("Undo: %1").arg(stack.undoText())
                                                             : tr("Undo"));
  m_actions[QStringLiteral("redo")]->setText(stack.canRedo() ? tr("Redo: %1").arg(stack.redoText())
                                                             : tr("Redo"));
  const Place* top = m_made.value(m_current);
  if (top && !top->showsPlan())  // what it would change is not in sight
    for (const char* id : {"undo", "redo"}) m_actions[QLatin1String(id)]->setEnabled(false);
}

void MainWindow::setAppearance(const Appearance& wanted) {
  keepAppearance(wanted);
  const QString top = m_current;
  // A lesson goes on where it was.
  const std::optional<Lesson> lesson = m_lesson->active() ? std::optional(*m_lesson->lesson()) : std::nullopt;
  const int step = m_lesson->step();
  m_lesson = nullptr;
  delete centralWidget();  // all of it is made anew: none of it need be styled anew before
  applyTheme(*static_cast<QApplication*>(QCoreApplication::instance()), wanted);
  buildCentre();
  for (QMenu* menu : menuBar()->findChildren<QMenu*>(Qt::FindDirectChildrenOnly))
    fillMenu(menu, menu->objectName());
  if (lesson) m_lesson->start(*lesson, step);
  m_status->restyle();
  visit(top);
  refreshTrail();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* e) {
  if (!Filing::dropped(e->mimeData()).isEmpty()) e->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* e) {
  const QStringList files = Filing::allDropped(e->mimeData());
  if (files.isEmpty()) return;
  e->acceptProposedAction();
  const bool pictures = std::all_of(files.begin(), files.end(), [](const QString& f) {
    return picturesKind().endings.contains(QFileInfo(f).suffix().toLower());
  });
  if (files.size() == 1 || !pictures) return openAny(files[0]);
  visit(QStringLiteral("drawer"));
  m_errands->takeAllInto(files);
}

/// A picture is a scan of stamps, a folder holds many, a packed drawer is taken in, all else is a plan.
void MainWindow::openAny(const QString& file) {
  const QString ending = QFileInfo(file).suffix().toLower();
  if (QFileInfo(file).isDir() || picturesKind().endings.contains(ending) ||
      drawersKind().endings.contains(ending)) {
    visit(QStringLiteral("drawer"));
    return m_errands->takeInto(file);
  }
  m_filing->open(file);
}

void MainWindow::closeEvent(QCloseEvent* e) {
  // Nothing is asked: what is not saved stays in its rescue copy and is offered at the next start.
  m_session->rescue().flush();
  QSettings().setValue(QStringLiteral("window"), saveGeometry());
  e->accept();
}

}  // namespace havlo
