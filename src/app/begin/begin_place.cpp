#include "app/begin/begin_place.h"

#include <QButtonGroup>
#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QPushButton>
#include <QRadioButton>
#include <QSettings>
#include <QSignalBlocker>

#include "app/begin/choice_tile.h"
#include "app/common/form_rows.h"
#include "app/common/sheet_frame.h"
#include "core/card/card_sizes.h"
#include "core/chain/chain.h"
#include "core/edit/card_edits.h"
#include "core/edit/edits.h"
#include "core/plan/plan_text.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "io/devices/scanner.h"
#include "io/drawer/drawer_file.h"
#include "io/wording/card_words.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kPictureDpi = 75;

/// The plan that ships, as it is meant.
QImage meant(const Plan& plan, const ArtSource* art) {
  const AnalysisRef a = analyse(plan, nullptr, art);
  const PressInput in = a->press(plan, art);
  PressTiles tiles(in, Grid(plan.card.panel.box(), kPictureDpi));
  return pictureOf(intendedCard(in, tiles));
}

/// Some of its stamps side by side on bare paper.
QImage sideBySide(const Plan& from, std::initializer_list<const char*> of, const ArtSource* art) {
  constexpr double kRoom_mm = 8;
  Card card;
  double x = kRoom_mm, high = 0;
  for (const char* id : of)
    if (const StampRef s = from.stamp(id)) x += s->width_mm + kRoom_mm, high = std::max(high, s->height_mm);
  card.panel.width_mm = x, card.panel.height_mm = high + 2 * kRoom_mm;
  Plan plan = newPlan(card);
  plan.view.reset(), plan.inks = {from.inks[0]};
  x = kRoom_mm;
  for (const char* id : of) {
    const StampRef s = from.stamp(id);
    if (!s) continue;
    plan.stamps.push_back(s);
    if (auto put = withNewImpression(plan, id, {x + s->foot.x, kRoom_mm + s->foot.y}))
      plan = std::move(put).value();
    x += s->width_mm + kRoom_mm;
  }
  return meant(plan, art);
}

/// A sheet of stamped stamps as the stand-in scanner sees it.
QImage scannedSheet(const ArtSource& art) {
  QFile file(QStringLiteral(":/demo/canal-drawer.zip"));
  if (!file.open(QIODevice::ReadOnly)) return {};
  const auto drawer = readDrawer(file.readAll());
  if (!drawer) return {};
  std::vector<StampRef> stamps;
  for (const char* id : {"duck", "heron", "poplar-small", "lock-cottage", "hare"})
    for (const DrawerStamp& s : drawer.value().stamps)
      if (s.stamp.id == id) stamps.push_back(std::make_shared<Stamp>(s.stamp));
  ScannerSettings how;
  how.dpi = kPictureDpi, how.skew = Degrees{2.4};
  const auto glass = inRows(stamps, 118);
  return scanSheet(glass, 118, heightOfRows(glass), art, how);
}

}  // namespace

bool firstTime() { return !QSettings().value(QStringLiteral("begun"), false).toBool(); }

void noteBegun() { QSettings().setValue(QStringLiteral("begun"), true); }

BeginPlace::BeginPlace(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : Place(parent), m_session(session), m_art(std::move(art)), m_job(new Job<std::vector<QImage>>(this)) {
  setAccessibleName(tr("Begin a card"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(28, 20, 28, 20);
  column->setSpacing(14);
  auto* head = inkLabel(tr("What do you begin with?"), sizedFont(24, QFont::DemiBold), theme().ink);
  column->addWidget(head);
  column->addWidget(
      inkLabel(tr("Havlo plans a scene from rubber stamps, shows what overlaps what, which masks to cut "
                  "and in what order to stamp, and leads you through the work."),
               bodyFont(), theme().soft, true));
  column->addLayout(buildTiles(), 1);
  column->addLayout(buildMeasures());
  column->addLayout(buildOthers());
  connect(&session, &PlanSession::unitsChanged, this, &BeginPlace::fillSizes);
  fillSizes();
}

QLayout* BeginPlace::buildTiles() {
  auto* row = new QHBoxLayout;
  row->setSpacing(16);
  const struct {
    BeginWith with;
    const char* name;
    QString title, words;
  } tiles[] = {
      {BeginWith::Samples, "samples", tr("The sample stamps"),
       tr("A whole drawer lies ready: a hare, a kite, poplars, a boat. Put them on a card and see what comes "
          "of it.")},
      {BeginWith::OwnStamps, "own", tr("My own stamps"),
       tr("Stamp them on plain paper and scan or photograph the sheet. Each is cut out at its true size.")},
      {BeginWith::Proposal, "proposal", tr("A card that is proposed"),
       tr("Say what it is about. Three cards are composed from the stamps in the drawer; take one and change "
          "it.")}};
  for (const auto& t : tiles) {
    auto* tile = new ChoiceTile(t.title, t.words);
    tile->setObjectName(QLatin1String(t.name));
    connect(tile, &ChoiceTile::clicked, this, [this, with = t.with] {
      const UsualSize& size = usualBases()[ix(m_size->currentData().toInt())];
      const bool lying = m_lying->isChecked();
      Q_EMIT begun(with, lying ? size.height_mm : size.width_mm, lying ? size.width_mm : size.height_mm);
    });
    m_tiles.push_back(tile);
    row->addWidget(tile, 1);
  }
  return row;
}

QLayout* BeginPlace::buildMeasures() {
  auto* row = new QHBoxLayout;
  row->setSpacing(8);
  row->addWidget(inkLabel(tr("Measures"), bodyFont(QFont::DemiBold), theme().ink));
  m_units = new QButtonGroup(this);
  const std::pair<MeasureStyle, QString> choices[] = {{MeasureStyle::Millimetres, tr("millimetres")},
                                                      {MeasureStyle::Inches, tr("inches")}};
  for (const auto& [style, name] : choices) {
    auto* one = new QRadioButton(name);
    one->setObjectName(style == MeasureStyle::Inches ? QStringLiteral("inches") : QStringLiteral("mm"));
    m_units->addButton(one, static_cast<int>(style));
    row->addWidget(one);
  }
  connect(m_units, &QButtonGroup::idClicked, this, [this](int style) {
    m_session.setUnits(static_cast<MeasureStyle>(style));
    QSettings().setValue(QStringLiteral("units"), static_cast<MeasureStyle>(style) == MeasureStyle::Inches
                                                      ? QStringLiteral("in")
                                                      : QStringLiteral("mm"));
  });
  row->addSpacing(24);
  row->addWidget(inkLabel(tr("Card, folded"), bodyFont(QFont::DemiBold), theme().ink));
  m_size = new QComboBox;
  m_size->setObjectName(QStringLiteral("size"));
  m_size->setAccessibleName(tr("Size of the folded card"));
  row->addWidget(m_size);
  m_lying = new QCheckBox(tr("lying"));
  m_lying->setObjectName(QStringLiteral("lying"));
  m_lying->setToolTip(tr("wider than it is high, as landscapes mostly are"));
  m_lying->setChecked(true);
  row->addWidget(m_lying);
  // Folds where there is little room.
  row->addWidget(inkLabel(tr("Both can be changed later, under Card."), labelFont(), theme().soft, true), 1);
  return row;
}

QLayout* BeginPlace::buildOthers() {
  auto* row = new QHBoxLayout;
  const auto act = [&](const char* name, const QString& text, auto signal) {
    auto* button = plainButton(text);
    button->setObjectName(QLatin1String(name));
    connect(button, &QPushButton::clicked, this, signal);
    row->addWidget(button);
  };
  act("demo", tr("Look at a finished plan"), &BeginPlace::demoRequested);
  act("open", tr("Open a plan of mine…"), &BeginPlace::openRequested);
  act("later", tr("An empty card"), &BeginPlace::later);
  row->addStretch(1);
  return row;
}

void BeginPlace::fillSizes() {
  const QSignalBlocker quiet(m_size);
  if (auto* now = m_units->button(static_cast<int>(m_session.units()))) now->setChecked(true);
  const bool inches = m_session.units() == MeasureStyle::Inches;
  m_size->clear();
  int k = 0;
  for (const UsualSize& s : usualBases()) {
    if ((s.family == SizeFamily::Inch) == inches)
      m_size->addItem(inches ? tr("%1 in").arg(sizeName(s.name))
                             : tr("%1, %2").arg(sizeName(s.name), sizeWords(s.width_mm, s.height_mm,
                                                                            MeasureStyle::Millimetres)),
                      k);
    ++k;
  }
}

void BeginPlace::arrive() { drawTiles(); }

void BeginPlace::takeKeys() { m_tiles.front()->setFocus(); }

void BeginPlace::drawTiles() {
  if (m_job->running()) return;
  m_job->run(
      [art = m_art](const Progress& progress) {
        std::vector<QImage> out(3);
        QFile file(QStringLiteral(":/demo/canal-towpath.havlo"));
        if (!file.open(QIODevice::ReadOnly)) return out;
        const auto read = readPlan(file.readAll().toStdString());
        if (!read) return out;
        const Plan& plan = read.value().plan;
        out[0] = sideBySide(plan, {"kite", "hare", "duck"}, art.get());
        if (!progress.stopped()) out[1] = scannedSheet(*art);
        if (!progress.stopped()) out[2] = meant(plan, art.get());
        return out;
      },
      [this](std::vector<QImage> pictures) {
        for (size_t k = 0; k < m_tiles.size(); ++k) m_tiles[k]->setPicture(pictures[k]);
      });
}

}  // namespace havlo
