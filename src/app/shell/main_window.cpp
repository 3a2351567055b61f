// Building and connecting.
#include "app/shell/main_window.h"

#include <QApplication>
#include <QCloseEvent>
#include <QDir>
#include <QDragEnterEvent>
#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QLocale>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QProgressBar>
#include <QPushButton>
#include <QSettings>
#include <QStackedWidget>
#include <QStatusBar>
#include <QUrl>
#include <QVBoxLayout>
#include <algorithm>

#include "app/arrange/arrange_place.h"
#include "app/card/card_place.h"
#include "app/common/sheet_frame.h"
#include "app/drawer/drawer_place.h"
#include "app/drawer/shelf_view.h"
#include "app/ink/ink_place.h"
#include "app/ink/ink_view.h"
#include "app/make/make_place.h"
#include "app/order/order_place.h"
#include "app/order/step_strip.h"
#include "app/practice/practice_place.h"
#include "app/scene/face_view.h"
#include "app/scene/scene_place.h"
#include "app/session/drawer_session.h"
#include "app/session/making_session.h"
#include "app/shell/message_bar.h"
#include "app/shell/trail.h"
#include "core/edit/card_edits.h"
#include "core/edit/making_edits.h"
#include "core/edit/remedies.h"
#include "core/focus/looks.h"
#include "io/art/svg_art.h"
#include "io/files/plan_file.h"
#include "io/wording/card_words.h"
#include "io/wording/finding_words.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

constexpr int kMostRecent = 8;
constexpr qint64 kLargeFile = 2 << 20;  // bytes; reading more than this would be felt

QUrl droppedPlan(const QMimeData* data) {
  for (const QUrl& url : data->urls())
    if (url.isLocalFile()) return url;
  return {};
}

}  // namespace

MainWindow::MainWindow(const QString& rescueFolder)
    : m_session(std::make_unique<PlanSession>(rescueFolder)),
      m_drawerSession(std::make_unique<DrawerSession>(
          QFileInfo(rescueFolder).dir().filePath(QStringLiteral("drawer.sqlite")))),
      m_making(
          std::make_unique<MakingSession>(QFileInfo(rescueFolder).dir().filePath(QStringLiteral("makings")))),
      m_art(std::make_shared<SvgArt>()),
      m_printing(new Printing(*m_session, m_art, this)),
      m_exporting(new Exporting(*m_session, m_art, this)),
      m_opening(new Job<Result<ReadPlan>>(this)) {
  m_session->setArt(m_art);
  setObjectName(QStringLiteral("havlo"));
  setAcceptDrops(true);
  setMinimumSize(900, 620);
  resize(1280, 800);
  const QSettings settings;
  m_session->setUnits(settings.value(QStringLiteral("units"), QStringLiteral("in")).toString() ==
                              QLatin1String("mm")
                          ? MeasureStyle::Millimetres
                          : MeasureStyle::Inches);
  if (settings.value(QStringLiteral("sheet")).toString() == QLatin1String("letter"))
    m_printing->setSheet(Sheet::letter());
  m_dark = theme().dark;
  addFileCommands();
  addEditCommands();
  addViewCommands();
  buildMenus();
  m_status = inkLabel({}, labelFont(), theme().ink);
  m_progress = new QProgressBar;
  m_progress->setFixedWidth(160);
  m_progress->hide();
  m_stop = new QPushButton(tr("Stop"));
  m_stop->hide();
  m_status->setContentsMargins(16, 0, 0, 4);
  statusBar()->setSizeGripEnabled(false);
  statusBar()->addWidget(m_status, 1);
  statusBar()->addPermanentWidget(m_progress);
  statusBar()->addPermanentWidget(m_stop);
  buildPlaces();
  connectSession();
  connectDrawer();
  refreshTrail();
  refreshStatus();
  visit(Scene);
}

MainWindow::~MainWindow() {
  // The places look at the session until they are gone.
  delete takeCentralWidget();
}

void MainWindow::buildPlaces() {
  auto* centre = new QWidget;
  auto* column = new QVBoxLayout(centre);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(0);
  m_trail = new Trail;
  m_messages = new MessageBar;
  m_places = new QStackedWidget;
  // Made when first visited.
  m_card = nullptr, m_drawer = nullptr, m_ink = nullptr, m_make = nullptr, m_practice = nullptr,
  m_arrange = nullptr;
  m_scene = new ScenePlace(*m_session, m_art);
  m_order = new OrderPlace(*m_session, m_art);
  m_places->addWidget(new QWidget);
  m_places->addWidget(new QWidget);
  m_places->addWidget(m_scene);
  m_places->addWidget(m_order);
  for (int place = Ink; place <= Arrange; ++place) m_places->addWidget(new QWidget);
  column->addWidget(m_trail);
  column->addWidget(m_messages);
  column->addWidget(m_places, 1);
  setCentralWidget(centre);
  connect(m_trail, &Trail::visited, this, &MainWindow::visit);
  connect(m_scene, &ScenePlace::drawerRequested, this, [this] { visit(Drawer); });
  m_scene->setDrawerHelp(drawerHelp());
  connect(m_scene, &ScenePlace::stampOfDrawerRequested, this, &MainWindow::putOnCardAt);
  connect(m_scene, &ScenePlace::demoRequested, this, [this] { openDemo(); });
  connect(m_scene, &ScenePlace::openRequested, this, &MainWindow::chooseFile);
  connect(m_order, &OrderPlace::done, this,
          [this](const QString& text) { m_messages->say(MessageBar::Kind::Notice, text); });
  connect(m_order, &OrderPlace::proofChanged, this, &MainWindow::refreshTrail);
  connect(m_order, &OrderPlace::printMasksRequested, this,
          [this] { m_printing->print(PrintoutKind::Masks); });
  connect(m_order, &OrderPlace::drawerMasksRequested, this, &MainWindow::useDrawerMasks);
  connect(m_order, &OrderPlace::printTapedRequested, this,
          [this] { m_printing->print(PrintoutKind::TapedStamps); });
}

void MainWindow::replacePlace(int place, QWidget* by) {
  QWidget* before = m_places->widget(place);
  m_places->insertWidget(place, by);
  m_places->removeWidget(before);
  delete before;
}

CardPlace& MainWindow::card() {
  if (m_card) return *m_card;
  m_card = new CardPlace(*m_session, *m_drawerSession, m_art);
  replacePlace(Card, m_card);
  connect(m_card, &CardPlace::newCardRequested, this, &MainWindow::startNewCard);
  return *m_card;
}

DrawerPlace& MainWindow::drawer() {
  if (m_drawer) return *m_drawer;
  m_drawer = new DrawerPlace(*m_session, *m_drawerSession, m_art);
  replacePlace(Drawer, m_drawer);
  connect(m_drawer, &DrawerPlace::putOnCardRequested, this, &MainWindow::putOnCard);
  connect(m_drawer, &DrawerPlace::done, this,
          [this](const QString& text) { m_messages->say(MessageBar::Kind::Notice, text); });
  connect(m_drawer, &DrawerPlace::removed, this,
          [this](const QString& name, const std::shared_ptr<const DrawerStamp>& stamp) {
            m_messages->say(MessageBar::Kind::Notice, tr("%1 is out of the drawer.").arg(name),
                            {{tr("Put it back"), [this, stamp] { m_drawerSession->put(*stamp); }}});
          });
  return *m_drawer;
}

InkPlace& MainWindow::ink() {
  if (m_ink) return *m_ink;
  m_ink = new InkPlace(*m_session, *m_drawerSession, m_art);
  replacePlace(Ink, m_ink);
  connect(m_ink, &InkPlace::arrangeRequested, this, [this] { visit(Arrange); });
  return *m_ink;
}

ArrangePlace& MainWindow::arrange() {
  if (m_arrange) return *m_arrange;
  m_arrange = new ArrangePlace(*m_session, m_art);
  replacePlace(Arrange, m_arrange);
  connect(m_arrange, &ArrangePlace::leave, this, [this] { visit(Ink); });
  return *m_arrange;
}

MakePlace& MainWindow::make() {
  if (m_make) return *m_make;
  m_make = new MakePlace(*m_session, *m_making, *m_drawerSession, m_art);
  replacePlace(Make, m_make);
  connect(m_make, &MakePlace::dropped, this, [this](const MakingRecord& record) {
    m_messages->say(MessageBar::Kind::Notice, tr("The card that was begun is dropped."),
                    {{tr("Put it back"), [this, record] { m_making->putBack(record); }}});
  });
  connect(m_make, &MakePlace::said, this,
          [this](const QString& text) { m_messages->say(MessageBar::Kind::Notice, text); });
  return *m_make;
}

PracticePlace& MainWindow::practice() {
  if (m_practice) return *m_practice;
  m_practice = new PracticePlace(m_art);
  replacePlace(Practice, m_practice);
  return *m_practice;
}

void MainWindow::connectSession() {
  PlanSession* s = m_session.get();
  connect(s, &PlanSession::planChanged, this, [this] {
    refreshTrail();
    refreshStatus();
    m_actions.refresh();
  });
  connect(s, &PlanSession::looksChanged, this, [this] {
    refreshTrail();
    refreshStatus();
  });
  connect(s, &PlanSession::fileChanged, this, &MainWindow::refreshTrail);
  connect(s, &PlanSession::selectionChanged, this, [this] {
    refreshStatus();
    m_actions.refresh();
  });
  connect(s, &PlanSession::unitsChanged, this, [this] {
    refreshStatus();
    refreshTrail();
    m_actions.refresh();
  });
  connect(s, &PlanSession::trouble, this,
          [this](const QString& text) { m_messages->say(MessageBar::Kind::Trouble, text); });
  connect(s, &PlanSession::notice, this,
          [this](const QString& text) { m_messages->say(MessageBar::Kind::Notice, text); });
  connect(s, &PlanSession::changedUnderneath, this, [this] {
    m_messages->say(MessageBar::Kind::Trouble,
                    tr("%1 was changed by someone else since you opened it. Nothing was saved.")
                        .arg(QFileInfo(m_session->path()).fileName()),
                    {{tr("Save under another name"), [this] { saveAs(); }},
                     {tr("Replace it"), [this] { m_session->save(true); }}});
  });
  connect(m_making.get(), &MakingSession::changed, this, &MainWindow::refreshTrail);
  connect(m_making.get(), &MakingSession::trouble, this,
          [this](const QString& text) { m_messages->say(MessageBar::Kind::Trouble, text); });
  connect(m_printing, &Printing::started, this, &MainWindow::busy);
  connect(m_stop, &QPushButton::clicked, this, [this] {
    m_printing->stop();
    m_opening->cancel();
    m_exporting->stop();
    idle();
  });
  connect(m_printing, &Printing::progressed, this, [this](double share) {
    m_progress->setRange(0, 100);
    m_progress->setValue(qRound(100 * share));
  });
  connect(m_printing, &Printing::done, this, [this](const QString& message) {
    idle();
    if (!message.isEmpty()) m_messages->say(MessageBar::Kind::Notice, message);
  });
  connect(m_exporting, &Exporting::started, this, &MainWindow::busy);
  connect(m_exporting, &Exporting::done, this, [this](const QString& message) {
    idle();
    if (!message.isEmpty()) m_messages->say(MessageBar::Kind::Notice, message);
  });
  connect(m_exporting, &Exporting::trouble, this,
          [this](const QString& text) { m_messages->say(MessageBar::Kind::Trouble, text); });
  connect(m_printing, &Printing::trouble, this,
          [this](const QString& text) { m_messages->say(MessageBar::Kind::Trouble, text); });
}

void MainWindow::connectDrawer() {
  DrawerSession* d = m_drawerSession.get();
  connect(d, &DrawerSession::changed, this, &MainWindow::refreshTrail);
  connect(d, &DrawerSession::trouble, this,
          [this](const QString& text) { m_messages->say(MessageBar::Kind::Trouble, text); });
  connect(d, &DrawerSession::notice, this,
          [this](const QString& text) { m_messages->say(MessageBar::Kind::Notice, text); });
}

void MainWindow::startNewCard() {
  // A folded base of a usual size in the maker's units, the panel on it with an eighth of an inch or 3 mm
  // showing.
  const bool inches = m_session->units() == MeasureStyle::Inches;
  ::havlo::Card card;
  CardBase base;
  base.width_mm = inches ? 4.25 * kMmPerInch : 105;
  base.height_mm = inches ? 5.5 * kMmPerInch : 148;
  card = onBase(card, base, inches ? kMmPerInch / 8 : 3);
  Plan plan = newPlan(card);
  if (!m_drawerSession->inks().empty()) plan.inks = {m_drawerSession->inks().front()};
  const QString before = m_session->title();
  const bool dirty = m_session->isDirty();
  m_session->start(std::move(plan));
  if (dirty)
    m_messages->say(MessageBar::Kind::Notice,
                    tr("What was not saved of %1 is kept and offered at the next start.").arg(before));
}

void MainWindow::putOnCard(const QString& key) { putOnCardAt(key, {}); }

void MainWindow::putOnCardAt(const QString& key, std::optional<Point> foot) {
  const auto whole = m_drawerSession->stamp(key.toStdString());
  if (!whole) return;
  const PlanWithStamp held = withStamp(m_session->plan(), whole->stamp);
  visit(Scene);
  m_scene->addStampOf(held.plan, held.stamp, foot);
}

/// Lists the drawer's masks of this plan's stamps in the plan, where they are used before new ones are cut.
void MainWindow::useDrawerMasks() {
  if (!m_drawerSession->open()) return;
  std::vector<MaskAtHand> found;
  for (const KeptMask& mask : m_drawerSession->masks())
    for (const StampRef& stamp : m_session->plan().stamps)
      if (mask.usesLeft > 0 && m_drawerSession->keyOf(*stamp) == mask.stamp)
        found.push_back({stamp->id, mask.usesLeft, mask.key, {}});
  if (found.empty() && m_session->plan().supplies.masksAtHand.empty())
    return m_messages->say(
        MessageBar::Kind::Notice,
        tr("The drawer keeps no mask of these stamps. After a card is made, its masks can be kept."));
  const int before = m_session->analysis()->masksToCut();
  m_session->edit(tr("Use masks from the drawer"), withMasksAtHand(m_session->plan(), found));
  m_messages->say(MessageBar::Kind::Notice, tr("%1 kept masks are used first: %2 to cut instead of %3.")
                                                .arg(found.size())
                                                .arg(m_session->analysis()->masksToCut())
                                                .arg(before));
}

/// The drawer is opened when the scene first asks it something; whole stamps are read only for those that may
/// do.
DrawerHelp MainWindow::drawerHelp() {
  DrawerHelp help;
  help.like = [this](const Stamp& stamp) {
    std::vector<StampRef> out;
    if (!m_drawerSession->open()) return out;
    for (const DrawerCard& card : m_drawerSession->index().cards()) {
      Stamp light;
      light.name = card.name, light.role = card.role, light.realHeight = card.realHeight;
      if (!sameThing(light, stamp) || card.key == stamp.drawer) continue;
      if (const auto whole = m_drawerSession->stamp(card.key))
        out.push_back(std::make_shared<const Stamp>(whole->stamp));
    }
    return out;
  };
  help.fitting = [this](double distance_m) {
    std::vector<std::pair<std::string, std::string>> out;
    if (!m_drawerSession->open() || !m_session->plan().view) return out;
    StampWish wish;
    wish.fitsAt_m = distance_m;
    wish.view = m_session->plan().view;
    for (const int k : m_drawerSession->index().find(wish)) {
      const DrawerCard& card = m_drawerSession->index().cards()[static_cast<size_t>(k)];
      const auto& held = m_session->plan().stamps;
      const bool known =
          std::any_of(held.begin(), held.end(), [&](const StampRef& s) { return s->drawer == card.key; });
      if (!known) out.emplace_back(card.key, card.name);
    }
    return out;
  };
  return help;
}

// ---- what the frame says

void MainWindow::refreshTrail() {
  const Analysis& a = *m_session->analysis();
  const bool empty = m_session->plan().impressions.empty();
  const auto worth = std::count_if(a.findings.begin(), a.findings.end(),
                                   [](const Finding& f) { return !f.known && f.level != Level::Note; });
  const bool fault = std::any_of(a.findings.begin(), a.findings.end(),
                                 [](const Finding& f) { return !f.known && f.level == Level::Fault; });
  const PanelSize& panel = m_session->plan().card.panel;
  const CardFit fit = fitCard(m_session->plan());
  const auto serious =
      std::count_if(fit.misfits.begin(), fit.misfits.end(), [](const Misfit& m) { return m.serious; });
  Trail::Place card{tr("Card"), sizeWords(panel.width_mm, panel.height_mm, m_session->units()), Mark::Fine,
                    Level::Note};
  if (!fit.misfits.empty()) {
    card.status = fit.misfits.size() == 1 ? tr("1 thing does not fit")
                                          : tr("%1 things do not fit").arg(fit.misfits.size());
    card.mark = Mark::Look;
    card.level = serious ? Level::Fault : Level::Warn;
  }
  const size_t owned = m_drawerSession->index().cards().size();
  const Trail::Place drawer{tr("Drawer"),
                            !m_drawerSession->isOpen() ? tr("your stamps")
                            : owned == 0               ? tr("empty")
                            : owned == 1               ? tr("1 stamp")
                                                       : tr("%1 stamps").arg(owned),
                            m_drawerSession->isOpen() && owned == 0 ? Mark::NotBegun : Mark::Fine,
                            Level::Note};
  Trail::Place scene{tr("Scene"), tr("fine"), Mark::Fine, Level::Note};
  if (empty) {
    scene = {tr("Scene"), tr("not begun"), Mark::NotBegun, Level::Note};
  } else if (worth > 0) {
    scene = {tr("Scene"), worth == 1 ? tr("1 thing to look at") : tr("%1 things to look at").arg(worth),
             Mark::Look, fault ? Level::Fault : Level::Warn};
  }
  Trail::Place order{tr("Order & masks"), tr("not begun"), Mark::NotBegun, Level::Note};
  if (!empty) {
    const QString masks = a.masksToCut() == 1 ? tr("1 mask") : tr("%1 masks").arg(a.masksToCut());
    order.mark = Mark::Fine;
    order.status = masks;
    if (const auto& proof = m_order->simulation()) {
      order.status = proof->proven ? tr("%1, proven").arg(masks) : tr("%1, not as planned").arg(masks);
      if (!proof->proven) order.mark = Mark::Look, order.level = Level::Fault;
    }
  }
  Trail::Place make{tr("Make"), tr("not begun"), Mark::NotBegun, Level::Note};
  if (const auto& bench = m_making->bench()) {
    make.mark = Mark::Fine;
    make.status =
        bench->finished() ? tr("done") : tr("step %1 of %2").arg(bench->at() + 1).arg(bench->count());
  }
  Trail::Place ink{tr("Ink & light"), tr("not begun"), Mark::NotBegun, Level::Note};
  if (!empty && a.looks && a.looks->fits(m_session->plan())) {
    ink.mark = Mark::Fine;
    if (a.looks->hero < 0) {
      ink.status = tr("no hero");
    } else if (a.looks->heroRank == 1) {
      ink.status = tr("hero first, %1 %").arg(qRound(100 * a.looks->heroShare()));
    } else {
      ink.status = tr("hero in place %1").arg(a.looks->heroRank);
      ink.mark = Mark::Look, ink.level = Level::Warn;
    }
  }
  m_trail->setPlaces({card, drawer, scene, order, ink, make});
  const QString state =
      m_session->path().isEmpty() ? (m_session->isDirty() ? tr("not saved yet") : tr("no file yet"))
      : m_session->isDirty()      ? tr("changed since it was saved")
                                  : tr("saved in %1").arg(QFileInfo(m_session->path()).fileName());
  m_trail->setPlan(m_session->title(), state);
  setWindowTitle(tr("%1[*] – Havlo").arg(m_session->title()));
  setWindowModified(m_session->isDirty());
}

void MainWindow::refreshStatus() {
  const int i = m_session->selectedIndex();
  // At the table nothing but the step is said.
  if (m_places->currentIndex() >= Make) return m_status->clear();
  if (i < 0) {
    m_status->setText(readingSummary(*m_session->analysis()));
    return;
  }
  const Point at = m_session->plan().impressions[static_cast<size_t>(i)].at;
  const auto measure = [&](double mm) {
    return QString::fromStdString(writeMeasure(Millimetres{mm}, m_session->units()));
  };
  m_status->setText(tr("%1: foot %2 from the left, %3 from the bottom.")
                        .arg(labelOf(m_session->plan(), i), measure(at.x), measure(at.y)));
}

void MainWindow::visit(int place) {
  if (place == Card || place == Drawer) m_drawerSession->open();
  if (place == Card) card();
  if (place == Drawer) drawer();
  if (place == Ink) ink();
  if (place == Make) make();
  if (place == Practice) practice();
  if (place == Arrange) arrange();
  m_places->setCurrentIndex(place);
  m_trail->setCurrent(place);
  refreshStatus();
  if (m_trail->hasFocus()) return;
  if (place == Scene) m_scene->face().setFocus();
  if (place == Order) m_order->strip().setFocus();
  if (place == Drawer) drawer().shelf().setFocus();
}

void MainWindow::setAppearance(bool dark, double scale) {
  m_dark = dark;
  QSettings settings;
  settings.setValue(QStringLiteral("dark"), dark);
  settings.setValue(QStringLiteral("text"), scale);
  const int place = m_places->currentIndex();
  applyTheme(*static_cast<QApplication*>(QCoreApplication::instance()), dark, scale);
  delete takeCentralWidget();
  buildPlaces();
  m_status->setFont(labelFont());
  setInk(m_status, theme().ink);
  visit(place);
  refreshTrail();
  m_actions.refresh();
}

void MainWindow::about() {
  QMessageBox box(this);
  box.setWindowTitle(tr("About Havlo"));
  box.setTextFormat(Qt::PlainText);
  box.setText(tr("Havlo %1\n\nPlans scene cards from rubber stamps, proves the plan by simulating it, and "
                 "leads you through the work.\n\n"
                 "Free software under the GNU General Public License, version 3 or later. The type family "
                 "Inter is under the SIL Open Font License.")
                  .arg(QCoreApplication::applicationVersion()));
  box.exec();
}

// ---- files

bool MainWindow::openFile(const QString& path) {
  if (QFileInfo(path).size() > kLargeFile) {
    openInBackground(path);
    return true;
  }
  if (!m_session->open(path)) return false;
  remember(m_session->path());
  return true;
}

void MainWindow::openInBackground(const QString& path) {
  busy(tr("Opening %1").arg(QFileInfo(path).fileName()));
  m_opening->run([path](const Progress&) { return loadPlan(path); },
                 [this, path](Result<ReadPlan> read) {
                   idle();
                   if (!m_session->take(path, std::move(read))) return;
                   remember(m_session->path());
                 });
}

void MainWindow::busy(const QString& what) {
  m_status->setText(what);
  m_progress->setRange(0, 0);
  m_progress->show();
  m_stop->show();
}

void MainWindow::idle() {
  m_progress->hide();
  m_stop->hide();
  refreshStatus();
}

void MainWindow::openDemo(const QString& name) {
  QFile file(QStringLiteral(":/demo/%1.havlo").arg(name));
  if (!file.open(QIODevice::ReadOnly)) return;
  auto read = readPlan(file.readAll().toStdString());
  if (read) m_session->start(std::move(read).value().plan);
}

void MainWindow::chooseFile() {
  QFileDialog dialog(this, tr("Open a plan"),
                     m_session->path().isEmpty() ? QDir::homePath() : QFileInfo(m_session->path()).path(),
                     tr("Havlo plans (*.havlo);;All files (*)"));
  dialog.setOption(QFileDialog::DontUseNativeDialog);
  dialog.setFileMode(QFileDialog::ExistingFile);
  if (dialog.exec() == QDialog::Accepted) openFile(dialog.selectedFiles().constFirst());
}

void MainWindow::save() {
  if (m_session->path().isEmpty()) {
    saveAs();
  } else {
    m_session->save();
  }
}

bool MainWindow::saveAs() {
  QString base = m_session->title();
  base.replace(u'/', u'-');
  QFileDialog dialog(this, tr("Save the plan"),
                     m_session->path().isEmpty() ? QDir::homePath() : QFileInfo(m_session->path()).path(),
                     tr("Havlo plans (*.havlo)"));
  dialog.setOption(QFileDialog::DontUseNativeDialog);
  dialog.setAcceptMode(QFileDialog::AcceptSave);
  dialog.setDefaultSuffix(QStringLiteral("havlo"));
  dialog.selectFile(base + QStringLiteral(".havlo"));
  if (dialog.exec() != QDialog::Accepted || !m_session->saveAs(dialog.selectedFiles().constFirst()))
    return false;
  remember(m_session->path());
  return true;
}

void MainWindow::remember(const QString& path) {
  QSettings settings;
  QStringList recent = settings.value(QStringLiteral("recent")).toStringList();
  recent.removeAll(path);
  recent.prepend(path);
  settings.setValue(QStringLiteral("recent"), QStringList(recent.mid(0, kMostRecent)));
}

void MainWindow::fillRecent() {
  m_recent->clear();
  const QStringList recent = QSettings().value(QStringLiteral("recent")).toStringList();
  for (const QString& path : recent)
    m_recent->addAction(QFileInfo(path).fileName(), this, [this, path] { openFile(path); })->setToolTip(path);
  if (recent.isEmpty()) m_recent->addAction(tr("none yet"))->setEnabled(false);
}

void MainWindow::offerLostWork() {
  for (const LostWork& work : m_session->rescue().lostWork()) {
    const QString title = work.title.isEmpty() ? tr("a card without a title") : work.title;
    m_messages->say(MessageBar::Kind::Notice,
                    tr("Work on \"%1\" from %2 was not saved. It is still here.")
                        .arg(title, QLocale().toString(work.when, QLocale::ShortFormat)),
                    {{tr("Take it up again"),
                      [this, work] {
                        auto read = loadPlan(work.file);
                        if (!read)
                          return m_messages->say(MessageBar::Kind::Trouble,
                                                 QString::fromStdString(read.error().text()));
                        m_session->start(std::move(read).value().plan, work.path, true);
                        m_session->rescue().flush();
                        m_session->rescue().setAside(work);
                      }},
                     {tr("Leave it"), [this, work] { m_session->rescue().setAside(work); }}});
  }
}

void MainWindow::dragEnterEvent(QDragEnterEvent* e) {
  if (droppedPlan(e->mimeData()).isValid()) e->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* e) {
  const QUrl url = droppedPlan(e->mimeData());
  if (!url.isValid()) return;
  e->acceptProposedAction();
  openFile(url.toLocalFile());
}

void MainWindow::closeEvent(QCloseEvent* e) {
  // Nothing is asked: what is not saved stays in its rescue copy and is offered at the next start.
  m_session->rescue().flush();
  e->accept();
}

}  // namespace havlo
