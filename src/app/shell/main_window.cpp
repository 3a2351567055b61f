#include "app/shell/main_window.h"

#include <QApplication>
#include <QClipboard>
#include <QCloseEvent>
#include <QDir>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QMenuBar>
#include <QMimeData>
#include <QSettings>
#include <QUndoStack>

#include "app/common/quiet_wheel.h"
#include "app/help/glossary.h"
#include "app/help/handbook.h"
#include "app/lessons/lesson_bar.h"
#include "app/shell/act_finder.h"
#include "app/shell/commands.h"
#include "app/shell/errands.h"
#include "app/shell/filing.h"
#include "app/shell/language.h"
#include "app/shell/menus.h"
#include "app/shell/next_act.h"
#include "app/shell/places.h"
#include "app/shell/status_line.h"
#include "app/shell/trail.h"
#include "app/theme/theme.h"

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
      m_next(new NextSteps(m_workshop, m_status, this)),
      m_hint(*m_session, *m_filing),
      m_arrivals(*m_errands, *m_filing) {
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
  visit(homePlace());
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
                        [this] { m_centre->trail().typeTitle(); },
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
  m_menus = new Menus(*menuBar(), m_actions, *m_session, *m_filing, this);
  connect(&m_session->undoStack(), &QUndoStack::indexChanged, this, &MainWindow::refreshUndo);
  connect(&m_session->undoStack(), &QUndoStack::undoTextChanged, this, &MainWindow::refreshUndo);
}

QUndoStack& MainWindow::undoStackHere() {
  Place* top = m_centre->made(m_current);
  QUndoStack* own = top ? top->ownUndo() : nullptr;
  return own ? *own : m_session->undoStack();
}

void MainWindow::openHandbook() {
  auto* book = findChild<Handbook*>();
  if (!book) book = new Handbook(m_actions, spokenLanguage(), this);
  book->openFor(m_current);
}

/// What has the keys, or the act that the pointer is over, explained as a slip that is also read aloud.
void MainWindow::explainHere() {
  const QString words = explanationOf(QApplication::focusWidget());
  notice(words.isEmpty() ? tr("There is nothing to explain here. F1 opens the handbook.") : words);
}

void MainWindow::findAct() {
  refreshActions();
  delete m_finder;
  m_finder = new ActFinder(m_actions, this);
  m_finder->open();
}

void MainWindow::buildCentre() {
  m_centre = new Centre(m_workshop, *m_errands, m_actions);
  connect(m_centre, &Centre::visitRequested, this, &MainWindow::visitPart);
  connect(m_centre, &Centre::lessonChanged, this, &MainWindow::refreshStatus);
  connect(m_centre, &Centre::placeMade, this, &MainWindow::refreshActions);
  connect(m_centre, &Centre::statusChanged, this, [this] {
    refreshTrail();
    refreshStatus();
    refreshActions();
  });
  setCentralWidget(m_centre);
}

void MainWindow::visit(const QString& id) {
  if (!placeKind(id)) return;
  Place& top = place(id);
  m_current = id;
  m_centre->show(id);
  refreshStatus();
  refreshActions();
  top.arrive();
  if (!m_centre->trail().hasFocus()) top.takeKeys();
}

void MainWindow::visitPart(const QString& id, const QString& part) {
  visit(id);
  if (!part.isEmpty()) place(id).turnTo(part);
}

void MainWindow::connectSessions() {
  PlanSession* s = m_session.get();
  const auto round = [this] { refreshTrail(), refreshStatus(), refreshActions(); };
  for (auto changed : {&PlanSession::planChanged, &PlanSession::looksChanged, &PlanSession::fileChanged,
                       &PlanSession::selectionChanged, &PlanSession::unitsChanged})
    connect(s, changed, this, round);
  s->beside().add(this, 300, round);
  const auto hint = [this] { m_hint.refresh(messages(), lesson().active()); };
  connect(s, &PlanSession::planChanged, this, [this] { messages().goOn(); });
  connect(s, &PlanSession::planChanged, this, hint);
  connect(s, &PlanSession::fileChanged, this, hint);
  connect(s, &PlanSession::trouble, this, &MainWindow::trouble);
  connect(s, &PlanSession::notice, this, &MainWindow::notice);
  connect(m_making.get(), &MakingSession::changed, this, [this] {
    m_centre->refreshFaces();
    refreshTrail();
    refreshStatus();
    refreshActions();
  });
  connect(m_making.get(), &MakingSession::trouble, this, &MainWindow::trouble);
  connect(m_drawerSession.get(), &DrawerSession::changed, this, [this] {
    refreshTrail();
    refreshStatus();
  });
  connect(m_drawerSession.get(), &DrawerSession::trouble, this, &MainWindow::trouble);
  connect(m_drawerSession.get(), &DrawerSession::notice, this, &MainWindow::notice);
  connect(m_log.get(), &LogSession::trouble, this, &MainWindow::trouble);
  connect(m_log.get(), &LogSession::notice, this, &MainWindow::notice);
  const auto learn = [this] {
    m_session->setHabits([this](const std::string& paper) { return habitsOf(m_log->learnt(), paper); });
  };
  connect(m_log.get(), &LogSession::habitsChanged, this, learn);
  learn();
  connect(&JobTroubles::all(), &JobTroubles::failed, this, &MainWindow::trouble);
  connect(QGuiApplication::clipboard(), &QClipboard::dataChanged, this, &MainWindow::refreshActions);
}

void MainWindow::connectWork() {
  const auto say = [this](const MessageBar::Message& m) { messages().say(m.kind, m.text, m.acts); };
  const auto done = [this](const QString& message) {
    m_status->idle();
    if (!message.isEmpty()) notice(message);
  };
  connect(m_errands, &Errands::visitRequested, this, &MainWindow::visit);
  connect(m_errands, &Errands::said, this, say);
  connect(m_errands, &Errands::openRequested, m_filing, &Filing::choose);
  connect(m_errands, &Errands::openFileRequested, this, [this](const QString& path) {
    m_filing->openOrTakeUp(path);
    visit(homePlace());
  });
  connect(m_filing, &Filing::said, this, say);
  connect(m_filing, &Filing::started, m_status, &StatusLine::busy);
  connect(m_filing, &Filing::ended, m_status, &StatusLine::idle);
  const auto onPaper = [&]<typename Work>(Work& work) {
    connect(&work, &Work::started, m_status, &StatusLine::busy);
    connect(&work, &Work::done, this, done);
    connect(&work, &Work::trouble, this, &MainWindow::trouble);
  };
  onPaper(m_errands->printing());
  onPaper(m_errands->exporting());
  connect(&m_errands->printing(), &Printing::progressed, m_status, &StatusLine::progressed);
  connect(m_next, &NextSteps::visitRequested, this, &MainWindow::visitPart);
  connect(m_errands, &Errands::lessonStarted, this, [this](const Lesson& wanted) { lesson().start(wanted); });
  connect(m_status, &StatusLine::stopRequested, this, [this] {
    m_errands->printing().stop();
    m_errands->exporting().stop();
    m_filing->stop();
    m_status->idle();
  });
}

void MainWindow::refreshTrail() {
  m_centre->refreshTrail();
  setWindowTitle(tr("%1[*] – Havlo").arg(m_session->title()));
  setWindowModified(m_session->isDirty());
}

void MainWindow::refreshStatus() {
  // A lesson says itself what is next.
  lesson().active() ? m_status->offer({}, {}) : m_next->refresh(m_current, m_centre->trouble());
  const Place* top = m_centre->made(m_current);
  if (top && !top->showsPlan()) return m_status->say({});  // at the table nothing but the step is said
  m_status->say(wordsOfChosen(*m_session));
}

void MainWindow::refreshActions() {
  m_actions.refresh(m_current);
  refreshUndo();
}

/// Asked for at every step of a drag.
void MainWindow::refreshUndo() {
  const Place* top = m_centre->made(m_current);
  const bool seen = !top || top->showsPlan();  // else what it would change is not in sight
  tellUndo(*m_actions[QStringLiteral("undo")], *m_actions[QStringLiteral("redo")], undoStackHere(), seen);
}

void MainWindow::setAppearance(const Appearance& wanted) {
  keepAppearance(wanted);
  const QString top = m_current;
  // A lesson goes on where it was.
  const std::optional<Lesson> told = lesson().active() ? std::optional(*lesson().lesson()) : std::nullopt;
  const int step = lesson().step();
  delete centralWidget();  // all of it is made anew: none of it need be styled anew before
  m_centre = nullptr;
  applyTheme(*static_cast<QApplication*>(QCoreApplication::instance()), wanted);
  buildCentre();
  m_menus->fill();
  if (told) lesson().start(*told, step);
  m_status->restyle();
  visit(top);
  refreshTrail();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* e) {
  if (!Arrivals::filesIn(e->mimeData()).isEmpty()) e->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* e) {
  const QStringList files = Arrivals::filesIn(e->mimeData());
  if (files.isEmpty()) return;
  e->acceptProposedAction();
  m_arrivals.take(files);
}

void MainWindow::closeEvent(QCloseEvent* e) {
  // Nothing is asked: what is not saved stays in its rescue copy and is offered at the next start.
  m_session->rescue().flush();
  QSettings().setValue(QStringLiteral("window"), saveGeometry());
  e->accept();
}

}  // namespace havlo
