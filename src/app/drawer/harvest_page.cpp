#include "app/drawer/harvest_page.h"

#include <QElapsedTimer>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QProgressBar>
#include <QPushButton>
#include <cmath>

#include "app/common/choice_list.h"
#include "app/common/column_width.h"
#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/measure_edit.h"
#include "app/common/rolled.h"
#include "app/common/side_panels.h"
#include "app/common/thumbnail.h"
#include "app/drawer/stamp_facts.h"
#include "core/drawer/twin.h"
#include "io/art/svg_art.h"
#include "io/drawer/drawer_store.h"
#include "io/wording/card_words.h"
#include "io/wording/error_words.h"

namespace havlo {
namespace {

constexpr int kPicture_px = 92, kDrawing_ms = 8;
constexpr double kLikeSize_mm = 1;

}  // namespace

HarvestPage::HarvestPage(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
                         QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_drawer(drawer),
      m_art(std::move(art)),
      m_looking(new Job<Result<Gathered>>(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  auto* panels = new SidePanels(buildList(), tr("What was found"), 360);
  panels->add(buildPanel(), tr("What is it?"), SidePanels::Side::After);
  row->addWidget(panels);
  m_drawing.setSingleShot(true);
  connect(&m_drawing, &QTimer::timeout, this, &HarvestPage::drawSome);
  connect(m_looking, &JobBase::progressed, this,
          [this](double share) { m_progress->setValue(qRound(100 * share)); });
  connect(&session, &PlanSession::unitsChanged, this, &HarvestPage::showRows);
  showStamp(-1);
  showTroubles();
}

QWidget* HarvestPage::buildList() {
  auto* frame = new SheetFrame;
  auto* head = new QHBoxLayout;
  m_title = inkLabel({}, headingFont(), theme().ink);
  m_says = inkLabel({}, bodyFont(), theme().soft, true);
  m_progress = new QProgressBar;
  m_progress->setFixedWidth(140);
  m_progress->setRange(0, 100);
  m_stop = drawnButton("act-still", tr("Stop"));
  connect(m_stop, &QPushButton::clicked, this, [this] {
    m_looking->cancel();
    m_progress->hide(), m_stop->hide();
    showText(m_says, tr("Stopped."));
  });
  head->addWidget(m_title, 1);
  head->addWidget(m_progress);
  head->addWidget(m_stop);
  frame->box()->addLayout(head);
  frame->box()->addWidget(m_says);
  m_list = new ChoiceList;
  m_list->setObjectName(QStringLiteral("harvest"));
  m_list->setAccessibleName(tr("Stamps that were found"));
  m_list->setViewMode(QListView::IconMode);
  m_list->setResizeMode(QListView::Adjust);
  m_list->setMovement(QListView::Static);
  m_list->setUniformItemSizes(true);
  m_list->setWordWrap(true);
  m_list->setSpacing(6);
  m_list->setIconSize(QSize(kPicture_px, kPicture_px));
  m_list->setGridSize(QSize(qRound(140 * textScale()), kPicture_px + qRound(70 * textScale())));
  m_list->setFont(labelFont());
  connect(m_list, &ChoiceList::currentRowChanged, this, [this](int row) {
    if (row == m_shown) return;
    if (!keepSaid()) return m_list->setCurrentRow(m_shown);
    showStamp(row);
  });
  connect(m_list, &ChoiceList::taken, this, [this] { m_facts->takeKeys(); });
  frame->box()->addWidget(m_list, 1);
  m_troubles = inkLabel({}, labelFont(), theme().ochre, true);
  frame->box()->addWidget(m_troubles);
  frame->box()->addWidget(buildScale());
  return frame;
}

/// For pictures that do not say how large they are, and drawings that say it in units of their own.
QWidget* HarvestPage::buildScale() {
  m_scale = new QWidget;
  auto* row = new QHBoxLayout(m_scale);
  row->setContentsMargins(0, 0, 0, 0);
  m_dpi = new QLineEdit;
  m_dpi->setPlaceholderText(tr("dpi"));
  m_dpi->setAccessibleName(tr("How many dots an inch the pictures were scanned with"));
  m_dpi->setFixedWidth(qRound(80 * textScale()));
  m_width = new MeasureEdit(tr("How wide the whole drawing is"));
  m_width->setPlaceholderText(tr("its width"));
  m_width->setFixedWidth(qRound(90 * textScale()));
  auto* again = plainButton(tr("Look once more"));
  row->addWidget(m_dpi);
  row->addWidget(m_width);
  row->addWidget(again);
  row->addStretch(1);
  connect(again, &QPushButton::clicked, this, &HarvestPage::again);
  connect(m_dpi, &QLineEdit::returnPressed, this, &HarvestPage::again);
  connect(m_width, &MeasureEdit::trouble, &m_session, &PlanSession::trouble);
  return m_scale;
}

QWidget* HarvestPage::buildPanel() {
  auto* sheet = new SheetFrame;
  holdWidth(sheet, qRound(318 * (1 + (textScale() - 1) * 0.6)));
  auto* head = new QHBoxLayout;
  head->addWidget(inkLabel(tr("What is it?"), headingFont(), theme().ink), 1);
  auto* back = plainButton(tr("Back to the drawer"));
  connect(back, &QPushButton::clicked, this, &HarvestPage::closeRequested);
  head->addWidget(back);
  sheet->box()->addLayout(head);
  m_panel = new QWidget;
  auto* column = new QVBoxLayout(m_panel);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(6);
  column->addWidget(m_facts = new StampFacts);
  column->addWidget(m_about = inkLabel({}, bodyFont(), theme().ink, true));
  m_close = new QPushButton;
  m_close->setCheckable(true);
  m_leave = new QPushButton;
  m_leave->setCheckable(true);
  m_leave->setObjectName(QStringLiteral("leaveOut"));
  column->addWidget(m_close);
  column->addWidget(m_leave);
  column->addWidget(inkLabel(tr("Return goes from the name to the height, and on to the next."), labelFont(),
                             theme().soft, true));
  column->addStretch(1);
  sheet->box()->addWidget(rolled(m_panel), 1);
  m_take = drawnButton("act-save", {});
  m_take->setObjectName(QStringLiteral("takeAllIn"));
  sheet->box()->addWidget(m_take);
  connect(m_facts, &StampFacts::finished, this, &HarvestPage::next);
  connect(m_take, &QPushButton::clicked, this, &HarvestPage::takeIn);
  connect(m_leave, &QPushButton::clicked, this, [this](bool out) {
    if (m_shown < 0) return;
    m_stamps[ix(m_shown)].take = !out;
    showRows();
    showStamp(m_shown);
  });
  connect(m_close, &QPushButton::clicked, this, [this](bool closed) {
    if (m_shown < 0) return;
    m_stamps[ix(m_shown)].close = closed;
    m_icons[ix(m_shown)] = {};
    showStamp(m_shown);
    m_drawing.start(0);
  });
  return sheet;
}

Result<HarvestPage::Gathered> HarvestPage::gather(const QStringList& files, const HarvestWish& wish,
                                                  const QString& drawer, const Progress& progress) {
  auto found = harvest(files, wish, progress);
  if (!found) return found.error();
  Gathered out{std::move(found).value(), {}};
  out.inDrawer.resize(out.harvest.stamps.size());
  // The worker has a connection of its own.
  auto store = DrawerStore::open(drawer);
  if (!store) return out;
  const std::vector<DrawerCard> cards = store.value()->cards();
  for (size_t k = 0; k < out.harvest.stamps.size(); ++k) {
    const Stamp& stamp = out.harvest.stamps[k].stamp;
    for (const DrawerCard& card : cards) {
      if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
      if (std::fabs(card.width_mm - stamp.width_mm) > kLikeSize_mm ||
          std::fabs(card.height_mm - stamp.height_mm) > kLikeSize_mm)
        continue;
      const auto known = store.value()->stamp(card.key);
      if (!known || likeness(stamp, known.value().stamp) < kTwinLikeness) continue;
      out.inDrawer[k] = QString::fromStdString(card.name);
      break;
    }
  }
  return out;
}

void HarvestPage::lookThrough(const QStringList& files, const QString& title,
                              const std::function<void()>& then) {
  m_files = files;
  showText(m_title, title);
  m_dpi->clear(), m_width->clear();
  look({}, then);
}

void HarvestPage::look(const HarvestWish& wish, const std::function<void()>& then) {
  showFound({});
  showText(m_says, m_files.isEmpty()     ? tr("There is no picture in this folder.")
                   : m_files.size() == 1 ? tr("Looking through it")
                                         : tr("Looking through %1 pictures").arg(m_files.size()));
  if (m_files.isEmpty()) return;
  m_progress->setValue(0);
  m_progress->show(), m_stop->show();
  m_looking->run([files = m_files, wish, drawer = m_drawer.file()](
                     const Progress& progress) { return gather(files, wish, drawer, progress); },
                 [this, then](Result<Gathered> result) {
                   m_progress->hide(), m_stop->hide();
                   if (!result) return showText(m_says, errorWords(result.error()));
                   Gathered all = std::move(result).value();
                   if (then && all.harvest.files.size() == 1 && !all.harvest.files[0].drawing) return then();
                   showFound(std::move(all));
                 });
}

/// The pictures once more, at the scale that was said for those that say none.
void HarvestPage::again() {
  HarvestWish wish;
  if (const QString said = m_dpi->text().trimmed(); !said.isEmpty()) {
    bool number = false;
    wish.dpi = said.toDouble(&number);
    if (!number || wish.dpi < 50 || wish.dpi > 4800)
      return Q_EMIT m_session.trouble(tr("Scans have from 50 to 4800 dots an inch."));
  }
  if (!m_width->isEmpty()) wish.drawingWidth_mm = m_width->measure();
  look(wish, {});
}

void HarvestPage::showFound(Gathered gathered) {
  m_shown = -1;
  m_looked = std::move(gathered.harvest.files);
  m_stamps.clear();
  for (size_t k = 0; k < gathered.harvest.stamps.size(); ++k) {
    One one{std::move(gathered.harvest.stamps[k]), gathered.inDrawer[k], {}, true, true, false};
    one.take = one.found.twin < 0 && one.inDrawer.isEmpty();
    one.close = one.found.closed.has_value();
    m_stamps.push_back(std::move(one));
  }
  m_icons.assign(m_stamps.size(), {});
  m_progress->hide(), m_stop->hide();
  const auto drawings =
      std::count_if(m_looked.begin(), m_looked.end(), [](const auto& f) { return f.drawing; });
  if (!m_looked.empty())
    showText(m_says,
             m_stamps.empty() ? tr("No stamp was found.")
             : drawings == static_cast<long>(m_looked.size())
                 ? tr("One stamp a group: %1 of them. They are as large as the drawing says.").arg(found())
             : m_looked.size() == 1 ? tr("%1 stamps in one picture.").arg(found())
                                    : tr("%1 stamps in %2 pictures.").arg(found()).arg(m_looked.size()));
  showTroubles();
  showRows();
  m_list->setCurrentRow(m_stamps.empty() ? -1 : 0);
  showStamp(m_stamps.empty() ? -1 : 0);
  if (!m_stamps.empty() && isVisible()) m_facts->takeKeys();
}

int HarvestPage::wanted() const {
  return static_cast<int>(std::count_if(m_stamps.begin(), m_stamps.end(),
                                        [](const One& s) { return s.take && s.takenAs.empty(); }));
}

void HarvestPage::showRows() {
  m_width->setUnits(m_session.units());
  std::vector<ChoiceRow> rows;
  bool missing = false;
  for (size_t k = 0; k < m_stamps.size(); ++k) {
    const One& s = m_stamps[k];
    ChoiceRow row;
    row.key = QString::number(k);
    row.icon = m_icons[k];
    row.iconKey = m_icons[k].cacheKey();
    missing = missing || m_icons[k].isNull();
    row.text = QString::fromStdString(s.found.stamp.name) + QLatin1Char('\n') +
               (!s.takenAs.empty()      ? tr("in the drawer")
                : !s.inDrawer.isEmpty() ? tr("there as %1").arg(s.inDrawer)
                : !s.take               ? tr("left out")
                : s.found.touchesEdge
                    ? tr("cut off?")
                    : sizeWords(s.found.stamp.width_mm, s.found.stamp.height_mm, m_session.units()));
    if (s.said && !s.found.stamp.realHeight) row.text += QLatin1Char('\n') + tr("how tall really?");
    row.size = m_list->gridSize() - QSize(10, 8);
    rows.push_back(std::move(row));
  }
  m_list->setRows(std::move(rows));
  const int n = wanted();
  m_take->setText(n == 1 ? tr("Take one stamp into the drawer")
                         : tr("Take %1 stamps into the drawer").arg(n));
  m_take->setEnabled(n > 0 && !m_drawer.readOnly());
  if (missing) m_drawing.start(0);
}

/// Pictures a few at a time, so that nothing waits for hundreds.
void HarvestPage::drawSome() {
  QElapsedTimer clock;
  clock.start();
  for (size_t k = 0; k < m_stamps.size() && clock.elapsed() < kDrawing_ms; ++k)
    if (m_icons[k].isNull()) {
      const One& s = m_stamps[k];
      m_icons[k] = stampIcon(s.close && s.found.closed ? *s.found.closed : s.found.stamp, *m_art,
                             QSize(kPicture_px, kPicture_px), theme().ink);
    }
  showRows();
}

void HarvestPage::showStamp(int row) {
  m_shown = row >= 0 && row < found() ? row : -1;
  m_panel->setEnabled(m_shown >= 0);
  m_take->setVisible(!m_stamps.empty());
  m_close->hide();
  if (m_shown < 0) {
    m_facts->startOver({});
    showText(m_about, {});
    m_leave->setText(tr("Leave it out"));
    return;
  }
  const One& s = m_stamps[ix(m_shown)];
  // What a name says by itself is offered once.
  s.said ? m_facts->showStamp(s.found.stamp) : m_facts->startOver(QString::fromStdString(s.found.stamp.name));
  const LookedThrough& file = m_looked[ix(s.found.file)];
  QStringList words{tr("Prints %1, %2; from %3.")
                        .arg(sizeWords(s.found.stamp.width_mm, s.found.stamp.height_mm, m_session.units()),
                             s.found.stamp.solid ? tr("solid") : tr("line art"), file.name)};
  if (s.found.touchesEdge) words << tr("It runs to the edge of the picture: part of it may be missing.");
  if (!s.inDrawer.isEmpty()) words << tr("It looks like %1, which is in the drawer.").arg(s.inDrawer);
  if (s.found.twin >= 0)
    words << tr("It looks like %1 once more.")
                 .arg(QString::fromStdString(m_stamps[ix(s.found.twin)].found.stamp.name));
  if (s.found.openings > 0)
    words << (s.found.openings == 1 ? tr("Its outline is open at one place.")
                                    : tr("Its outline is open at %1 places.").arg(s.found.openings));
  showText(m_about, words.join(u' '));
  m_close->setVisible(s.found.closed.has_value());
  m_close->setChecked(s.close);
  m_close->setText(s.close ? tr("Its outline is closed") : tr("Close its outline"));
  m_leave->setEnabled(s.takenAs.empty());
  m_leave->setChecked(!s.take);
  m_leave->setText(s.take ? tr("Leave it out") : tr("It is left out"));
}

bool HarvestPage::keepSaid() {
  if (m_shown < 0) return true;
  One& s = m_stamps[ix(m_shown)];
  s.said = true;
  Stamp said = s.found.stamp;
  said.realHeight.reset();
  if (const QString wrong = m_facts->describe(said); !wrong.isEmpty()) {
    Q_EMIT m_session.trouble(wrong);
    return false;
  }
  if (!m_facts->name().isEmpty()) {
    said.name = m_facts->name().toStdString();
    said.id = idFromName(m_facts->name()).toStdString();
  }
  for (Stamp* stamp : {&s.found.stamp, s.found.closed ? &*s.found.closed : nullptr})
    if (stamp) {
      stamp->name = said.name, stamp->id = said.id;
      stamp->role = said.role, stamp->facing = said.facing, stamp->realHeight = said.realHeight;
    }
  showRows();
  return true;
}

/// On to the next that is to be taken; after the last the button has the keys.
void HarvestPage::next() {
  if (!keepSaid()) return;
  for (int k = m_shown + 1; k < found(); ++k)
    if (m_stamps[ix(k)].take && m_stamps[ix(k)].takenAs.empty()) {
      m_list->setCurrentRow(k);
      showStamp(k);
      return m_facts->takeKeys();
    }
  m_take->setFocus();
}

void HarvestPage::showTroubles() {
  QStringList words;
  int asks = 0, guessed = 0;
  for (const LookedThrough& f : m_looked) {
    if (f.error) words << tr("%1: %2.").arg(f.name, errorReason(*f.error));
    if (f.failed > 0) words << tr("%1: %2 could not be traced.").arg(f.name).arg(f.failed);
    if (f.loose == 1) words << tr("%1: one shape lies in no group and was left out.").arg(f.name);
    if (f.loose > 1) words << tr("%1: %2 shapes lie in no group and were left out.").arg(f.name).arg(f.loose);
    asks += f.asksScale, guessed += f.sizeGuessed && f.found > 0;
  }
  constexpr qsizetype kMostSaid = 6;
  const qsizetype more = words.size() - kMostSaid;
  if (more > 0) words = words.mid(0, kMostSaid) << tr("%1 more.").arg(more);
  if (asks == 1)
    words << tr("One picture does not say how large it is: with how many dots an inch was it scanned?");
  if (asks > 1)
    words << tr("%1 pictures do not say how large they are: with how many dots an inch were they scanned?")
                 .arg(asks);
  if (guessed > 0) words << tr("The drawing does not say its size in millimetres: how wide is all of it?");
  showText(m_troubles, words.join(u'\n'));
  m_troubles->setVisible(!words.isEmpty());
  m_dpi->setVisible(asks > 0), m_width->setVisible(guessed > 0);
  m_scale->setVisible(asks > 0 || guessed > 0);
}

void HarvestPage::takeIn() {
  if (!keepSaid()) return;
  int taken = 0;
  for (One& s : m_stamps) {
    if (!s.take || !s.takenAs.empty()) continue;
    DrawerStamp into;
    into.stamp = s.close && s.found.closed ? *s.found.closed : s.found.stamp;
    s.takenAs = m_drawer.put(into);
    if (s.takenAs.empty()) break;  // said
    ++taken;
  }
  showRows();
  showStamp(m_shown);
  if (taken == 0) return;
  Q_EMIT done(taken == 1 ? tr("One stamp is in the drawer.") : tr("%1 stamps are in the drawer.").arg(taken));
  if (wanted() == 0) Q_EMIT closeRequested();
}

}  // namespace havlo
