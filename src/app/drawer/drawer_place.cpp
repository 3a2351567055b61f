#include "app/drawer/drawer_place.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QStackedWidget>

#include "app/common/column_width.h"
#include "app/common/divider_tab.h"
#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/measure_edit.h"
#include "app/common/side_panels.h"
#include "app/drawer/add_page.h"
#include "app/drawer/harvest_page.h"
#include "app/drawer/shelf_view.h"
#include "app/drawer/stamp_panel.h"
#include "app/drawer/supplies_panel.h"
#include "app/files/file_chooser.h"
#include "io/art/svg_art.h"
#include "io/drawer/drawer_file.h"
#include "io/wording/drawer_words.h"
#include "io/wording/error_words.h"

namespace havlo {
namespace {

enum Page { kBrowse, kSupplies, kAdd, kHarvest };

}  // namespace

DrawerPlace::DrawerPlace(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
                         QWidget* parent)
    : Place(parent),
      m_session(session),
      m_drawer(drawer),
      m_packing(new Job<Result<Done>>(this)),
      m_unpacking(new Job<Result<WholeDrawer>>(this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(16, 10, 16, 10);
  column->setSpacing(8);
  column->addLayout(buildHead());
  m_pages = new QStackedWidget;
  m_pages->addWidget(buildBrowse(art));
  m_supplies = new SuppliesPanel(session, drawer);
  m_pages->addWidget(m_supplies);
  m_add = new AddPage(session, drawer, art);
  m_pages->addWidget(m_add);
  column->addWidget(m_pages, 1);
  m_harvest = new HarvestPage(session, drawer, art);
  m_pages->addWidget(m_harvest);
  connect(m_harvest, &HarvestPage::closeRequested, this, &DrawerPlace::showStamps);
  connect(m_harvest, &HarvestPage::done, this, &DrawerPlace::done);
  connect(m_add, &AddPage::fileChosen, this, &DrawerPlace::takeFile);
  connect(m_add, &AddPage::folderChosen, this, &DrawerPlace::takeFolder);
  connect(m_add, &AddPage::closeRequested, this, &DrawerPlace::showStamps);
  connect(m_add, &AddPage::mendsChanged, this, &Place::statusChanged);
  connect(m_pages, &QStackedWidget::currentChanged, this, &Place::statusChanged);
  connect(m_add, &AddPage::added, this, [this](const QString& key, bool ontoCard) {
    const DrawerCard* card = m_drawer.index().card(key.toStdString());
    if (card) Q_EMIT done(tr("%1 is in the drawer.").arg(QString::fromStdString(card->name)));
    m_shelf->choose(key.toStdString());
    if (ontoCard) Q_EMIT putOnCardRequested(key);
  });
  connect(&drawer, &DrawerSession::changed, this, &DrawerPlace::refresh);
  connect(&session, &PlanSession::unitsChanged, this, [this] {
    for (MeasureEdit* e : {m_least, m_most}) e->setUnits(m_session.units());
    m_shelf->setUnits(m_session.units());
  });
  connect(&session, &PlanSession::planChanged, this, [this] {
    if (!m_distance->text().trimmed().isEmpty()) search();  // the scene's viewpoint may have changed
  });
  showStamps();
  refresh();
}

QLayout* DrawerPlace::buildHead() {
  auto* head = new QHBoxLayout;
  head->setSpacing(6);
  const auto tab = [&](const QString& text) {
    auto* b = new DividerTab(text);
    head->addWidget(b);
    return b;
  };
  m_stampsTab = tab(tr("Stamps"));
  m_suppliesTab = tab(tr("Inks && papers"));
  connect(m_stampsTab, &QPushButton::clicked, this, &DrawerPlace::showStamps);
  connect(m_suppliesTab, &QPushButton::clicked, this, &DrawerPlace::showSupplies);
  m_count = inkLabel({}, bodyFont(), theme().soft);
  head->addSpacing(10);
  head->addWidget(m_count, 1);
  auto* take = plainButton(tr("Take in a drawer file"));
  auto* pack = plainButton(tr("Pack the drawer"));
  take->setToolTip(tr("Adds the stamps, inks and papers of a drawer that was packed into a file"));
  pack->setToolTip(tr("Everything in one open file: a zip with plain text and SVG pictures"));
  auto* add = drawnButton("act-scan", tr("Add stamps from a scan"));
  connect(take, &QPushButton::clicked, this, &DrawerPlace::chooseImport);
  connect(pack, &QPushButton::clicked, this, &DrawerPlace::chooseExport);
  connect(add, &QPushButton::clicked, this, &DrawerPlace::showAdding);
  for (QWidget* w : {take, pack, add}) head->addWidget(w);
  return head;
}

/// While a stamp is added, its mends are what is taken back.
QUndoStack* DrawerPlace::ownUndo() {
  return m_pages->currentWidget() == m_add ? &m_add->undoStack() : nullptr;
}

QWidget* DrawerPlace::buildFilters() {
  auto* w = new QWidget;
  auto* row = new QHBoxLayout(w);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(6);
  m_search = new QLineEdit;
  m_search->setPlaceholderText(tr("What it shows, its set, a tag"));
  m_search->setClearButtonEnabled(true);
  m_search->setAccessibleName(tr("Search the drawer"));
  row->addWidget(m_search, 2);
  m_role = new QComboBox;
  m_role->setAccessibleName(tr("Only stamps that show a"));
  m_role->addItem(tr("shows anything"), -1);
  for (int r = 0; r <= static_cast<int>(Role::Greeting); ++r)
    m_role->addItem(roleName(static_cast<Role>(r)), r);
  row->addWidget(m_role);
  m_facing = new QComboBox;
  m_facing->setAccessibleName(tr("Only stamps that face"));
  m_facing->addItem(tr("any facing"), -1);
  for (int f = static_cast<int>(Facing::Left); f <= static_cast<int>(Facing::Right); ++f)
    m_facing->addItem(facingName(static_cast<Facing>(f)), f);
  row->addWidget(m_facing);
  row->addWidget(inkLabel(tr("prints"), labelFont(), theme().soft));
  m_least = new MeasureEdit(tr("Least printed height"));
  m_most = new MeasureEdit(tr("Greatest printed height"));
  for (MeasureEdit* e : {m_least, m_most}) {
    e->setUnits(m_session.units());
    e->setPlaceholderText(e == m_least ? tr("from") : tr("up to"));
    e->setFixedWidth(qRound(70 * textScale()));
    connect(e, &MeasureEdit::changed, this, &DrawerPlace::search);
    connect(e, &MeasureEdit::cleared, this, &DrawerPlace::search);
    connect(e, &MeasureEdit::trouble, &m_drawer, &DrawerSession::trouble);
    row->addWidget(e);
  }
  row->addWidget(inkLabel(tr("tall; right at"), labelFont(), theme().soft));
  m_distance = new QLineEdit;
  m_distance->setPlaceholderText(tr("distance"));
  m_distance->setAccessibleName(tr("Would stand right at this many metres in the open scene"));
  m_distance->setToolTip(
      tr("Metres from the viewer: only stamps that would have the right size there in the open scene, best "
         "first"));
  m_distance->setFixedWidth(qRound(74 * textScale()));
  row->addWidget(m_distance);
  row->addWidget(inkLabel(tr("m in this scene"), labelFont(), theme().soft));
  connect(m_search, &QLineEdit::textChanged, this, &DrawerPlace::search);
  connect(m_distance, &QLineEdit::textChanged, this, &DrawerPlace::search);
  connect(m_role, &QComboBox::activated, this, &DrawerPlace::search);
  connect(m_facing, &QComboBox::activated, this, &DrawerPlace::search);
  return w;
}

QWidget* DrawerPlace::buildEmpty() {
  auto* w = new SheetFrame;
  w->box()->addStretch(1);
  w->box()->addWidget(inkLabel(tr("The drawer is empty"), headingFont(), theme().ink), 0, Qt::AlignHCenter);
  m_emptyWords = inkLabel(tr("Stamp your stamps on plain paper, scan the sheet, and they are here at their "
                             "true size within a minute each."),
                          bodyFont(), theme().soft, true);
  m_emptyWords->setAlignment(Qt::AlignHCenter);
  w->box()->addWidget(m_emptyWords);
  auto* row = new QHBoxLayout;
  row->addStretch(1);
  auto* add = drawnButton("act-scan", tr("Add stamps from a scan"));
  auto* demo = drawnButton("place-drawer", tr("Fill it with the sample stamps"));
  connect(add, &QPushButton::clicked, this, &DrawerPlace::showAdding);
  connect(demo, &QPushButton::clicked, this, [this] { m_drawer.fillWithDemo(); });
  row->addWidget(add);
  row->addWidget(demo);
  row->addStretch(1);
  w->box()->addLayout(row);
  w->box()->addStretch(2);
  return w;
}

QWidget* DrawerPlace::buildBrowse(std::shared_ptr<SvgArt> art) {
  auto* page = new QWidget;
  auto* column = new QVBoxLayout(page);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  m_filters = buildFilters();
  column->addWidget(m_filters);
  m_browse = new QWidget;
  auto* row = new QHBoxLayout(m_browse);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  auto* shelfSheet = new SheetFrame;
  shelfSheet->box()->setContentsMargins(4, 4, 4, 4);
  m_shelf = new ShelfView(m_drawer, art);
  m_shelf->setUnits(m_session.units());
  shelfSheet->box()->addWidget(m_shelf);
  auto* panelSheet = new SheetFrame;
  holdWidth(panelSheet, qRound(304 * (1 + (textScale() - 1) * 0.6)));
  m_panel = new StampPanel(m_session, m_drawer, art);
  panelSheet->box()->addWidget(m_panel);
  auto* panels = new SidePanels(shelfSheet, tr("The shelf"), 340);
  panels->add(panelSheet, tr("The stamp"), SidePanels::Side::After);
  row->addWidget(panels);
  column->addWidget(m_browse, 1);
  m_empty = buildEmpty();
  column->addWidget(m_empty, 1);
  connect(m_shelf, &ShelfView::chosenChanged, m_panel, &StampPanel::showStamp);
  connect(m_shelf, &ShelfView::taken, this, &DrawerPlace::putOnCardRequested);
  connect(m_panel, &StampPanel::putOnCardRequested, this, &DrawerPlace::putOnCardRequested);
  connect(m_panel, &StampPanel::removed, this, &DrawerPlace::removed);
  return page;
}

void DrawerPlace::showStamps() {
  m_pages->setCurrentIndex(kBrowse);
  m_stampsTab->setChecked(true), m_suppliesTab->setChecked(false);
  m_shelf->setFocus();
}

void DrawerPlace::showSupplies() {
  m_pages->setCurrentIndex(kSupplies);
  m_stampsTab->setChecked(false), m_suppliesTab->setChecked(true);
}

void DrawerPlace::showAdding() {
  m_pages->setCurrentIndex(kAdd);
  m_stampsTab->setChecked(false), m_suppliesTab->setChecked(false);
}

void DrawerPlace::refresh() {
  const bool any = !m_drawer.index().cards().empty();
  m_browse->setVisible(any), m_filters->setVisible(any);
  m_empty->setVisible(!any);
  search();
  const std::string chosen = m_shelf->chosen();
  m_panel->showStamp(m_drawer.index().card(chosen) ? QString::fromStdString(chosen) : QString());
}

void DrawerPlace::takeFile(const QString& path) {
  if (QFileInfo(path).isDir()) return takeFolder(path);
  const QString ending = QFileInfo(path).suffix().toLower();
  if (drawersKind().endings.contains(ending)) return importFrom(path);
  const auto read = [this, path] {
    showAdding();
    m_add->readFile(path);
  };
  if (!ending.startsWith(QLatin1String("svg"))) return read();
  showHarvest();
  m_harvest->lookThrough({path}, QFileInfo(path).fileName(), read);  // perhaps a set
}

void DrawerPlace::showHarvest() {
  m_pages->setCurrentIndex(kHarvest);
  m_stampsTab->setChecked(false), m_suppliesTab->setChecked(false);
}

void DrawerPlace::takeFolder(const QString& folder) {
  showHarvest();
  m_harvest->lookThrough(picturesIn(folder), QDir(folder).dirName());
}

void DrawerPlace::takeFiles(const QStringList& pictures) {
  if (pictures.size() == 1) return takeFile(pictures[0]);
  showHarvest();
  m_harvest->lookThrough(pictures, tr("%1 pictures").arg(pictures.size()));
}

void DrawerPlace::turnTo(const QString& part) {
  if (part == QLatin1String("adding")) showAdding();
}

void DrawerPlace::search() {
  StampWish wish;
  wish.text = m_search->text().toStdString();
  if (const int r = m_role->currentData().toInt(); r >= 0) wish.role = static_cast<Role>(r);
  if (const int f = m_facing->currentData().toInt(); f >= 0) wish.facing = static_cast<Facing>(f);
  if (!m_least->isEmpty()) wish.leastHeight_mm = m_least->measure();
  if (!m_most->isEmpty()) wish.mostHeight_mm = m_most->measure();
  bool number = false;
  const double metres = m_distance->text().replace(u',', u'.').toDouble(&number);
  if (number && metres > 0 && m_session.plan().view)
    wish.fitsAt_m = metres, wish.view = m_session.plan().view;
  std::vector<int> found = m_drawer.index().find(wish);
  const size_t all = m_drawer.index().cards().size();
  m_count->setText(
      all == 0              ? QString()
      : found.size() == all ? all == 1 ? tr("1 stamp") : tr("%1 stamps, all at one scale").arg(all)
      : wish.fitsAt_m
          ? tr("%1 of %2 would stand right at %3 m, best first").arg(found.size()).arg(all).arg(metres)
          : tr("%1 of %2 stamps").arg(found.size()).arg(all));
  m_shelf->setStamps(std::move(found));
}

void DrawerPlace::exportTo(const QString& path) {
  // The worker has a connection of its own.
  m_packing->run(
      [path, file = m_drawer.file()](const Progress& progress) -> Result<Done> {
        auto store = DrawerStore::open(file);
        if (!store) return store.error();
        auto all = store.value()->everything(progress);
        if (!all) return all.error();
        return exportDrawer(path, all.value(), progress);
      },
      [this, path](Result<Done> result) {
        if (!result) return Q_EMIT m_drawer.trouble(errorWords(result.error()));
        Q_EMIT done(tr("The drawer is packed in %1.").arg(QFileInfo(path).fileName()));
      });
}

void DrawerPlace::importFrom(const QString& path) {
  m_unpacking->run([path](const Progress& progress) { return importDrawer(path, progress); },
                   [this, path](Result<WholeDrawer> read) {
                     if (!read)
                       return Q_EMIT m_drawer.trouble(
                           tr("%1: %2").arg(QFileInfo(path).fileName(), errorWords(read.error())));
                     const auto all = std::make_shared<const WholeDrawer>(std::move(read).value());
                     m_drawer.putAllAside(all, [this, all] {
                       showStamps();  // what has come in
                       Q_EMIT done(tr("%1 stamps, %2 inks and %3 papers were taken in.")
                                       .arg(all->stamps.size())
                                       .arg(all->inks.size())
                                       .arg(all->papers.size()));
                     });
                   });
}

void DrawerPlace::chooseExport() {
  FileChooser::choose(
      {tr("Pack the drawer"), {drawersKind()}, true, {}, tr("my drawer") + QStringLiteral(".havlo-drawer")},
      this, [this](const QString& path) { exportTo(path); });
}

void DrawerPlace::chooseImport() {
  FileChooser::choose({tr("Take in a drawer file"), {drawersKind()}}, this,
                      [this](const QString& path) { importFrom(path); });
}

void DrawerPlace::arrive() {
  m_drawer.open();
  // Who has put a whole sheet in, and comes back, looks for the stamps.
  if (m_pages->currentIndex() == kAdd && m_add->allIn()) showStamps();
}

void DrawerPlace::takeKeys() { shelf().setFocus(); }

}  // namespace havlo
