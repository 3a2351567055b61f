#include "app/colour/details_page.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/colour/colour_view.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "app/session/drawer_session.h"
#include "core/guides/guides.h"
#include "core/handwork/colouring.h"
#include "core/handwork/letters.h"
#include "core/outline/shared_area.h"
#include "core/plan/hand_facts.h"
#include "io/wording/hand_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

QDoubleSpinBox* millimetres(double least, double most, double value, const QString& name) {
  auto* spin = new QDoubleSpinBox;
  spin->setRange(least, most);
  spin->setDecimals(1);
  spin->setSingleStep(0.1);
  spin->setValue(value);
  spin->setSuffix(DetailsPage::tr(" mm"));
  spin->setAccessibleName(name);
  return spin;
}

void addHead(QBoxLayout* column, const QString& title, const QString& says = {}) {
  column->addWidget(inkLabel(title, bodyFont(QFont::DemiBold), theme().ink));
  if (!says.isEmpty()) column->addWidget(inkLabel(says, labelFont(), theme().soft, true));
}

QPushButton* named(QPushButton* button, const char* name, const QString& tip = {}) {
  button->setObjectName(QLatin1String(name));
  button->setToolTip(tip);
  return button;
}

QComboBox* namedChoice(const char* name) {
  auto* box = new QComboBox;
  box->setObjectName(QLatin1String(name));
  return box;
}

}  // namespace

DetailsPage::DetailsPage(PlanSession& session, DrawerSession& drawer, PartFinder& parts, QWidget* parent)
    : QWidget(parent), m_session(session), m_drawer(drawer), m_parts(parts) {
  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(0, 0, 6, 0);
  column->setSpacing(7);
  auto* form = new FormRows;
  form->add(tr("Ink or pen"), m_ink = namedChoice("detailInk"));
  column->addWidget(form);
  addHead(column, tr("Lines by pen"),
          tr("Drag on the card. Near a guide, the horizon or another line's end it snaps."));
  column->addWidget(buildLines());
  addHead(column, tr("Small things"));
  column->addWidget(buildAccents());
  addHead(column, tr("Colour taken out again"));
  column->addWidget(buildLifts());
  addHead(column, tr("On this card"));
  m_list = new KeyedRows;
  m_list->grid()->setColumnStretch(0, 1);
  m_list->grid()->setVerticalSpacing(3);
  column->addWidget(m_list);
  column->addStretch(1);
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  outer->addWidget(rolled(inside));

  connect(m_ink, &QComboBox::activated, this, &DetailsPage::changed);
  connect(&session, &PlanSession::planChanged, this, &DetailsPage::fill);
  connect(&session, &PlanSession::selectionChanged, this, &DetailsPage::fillOver);
  connect(&parts, &PartFinder::found, this, &DetailsPage::fillOver);
  fill();
  showLettering();
}

void DetailsPage::want(int tool) {
  Q_EMIT changed();
  Q_EMIT toolWanted(tool);
}

QWidget* DetailsPage::buildLines() {
  m_lines = new FormRows;
  m_lineKind = namedChoice("lineKind");
  for (LineKind kind :
       {LineKind::Free, LineKind::Join, LineKind::Outline, LineKind::Ground, LineKind::Lettering})
    m_lineKind->addItem(capital(lineKindName(kind)), static_cast<int>(kind));
  m_width = millimetres(0.1, 5, 0.4, tr("Width of the line"));
  m_lines->add(tr("What"), m_lineKind, m_width);
  m_words = new QLineEdit;
  m_words->setObjectName(QStringLiteral("letteredWords"));
  m_letterHeight = millimetres(1, 100, 5, tr("Height of a capital letter"));
  m_letterHeight->setObjectName(QStringLiteral("letterHeight"));
  m_letterHeight->setSingleStep(0.5);
  m_lines->add(tr("Words"), m_words, m_letterHeight);
  m_lines->addWide(m_wordsSay = inkLabel({}, labelFont(), theme().soft, true));
  QPushButton* draw = named(plainButton(tr("Draw")), "drawLine");
  m_guides = named(plainButton(tr("Ink the guides")), "inkGuides",
                   tr("the visible lines of the room and the ground, pencilled first and inked by pen"));
  m_lines->addPair(draw, m_guides);
  const auto line = [this] { want(static_cast<int>(HandTool::Line)); };
  connect(m_lineKind, &QComboBox::activated, this, [this, line] {
    m_changing.clear();
    showLettering();
    line();
  });
  connect(m_width, &QDoubleSpinBox::valueChanged, this, line);
  connect(m_words, &QLineEdit::textEdited, this, [this, line] { showLettering(), line(); });
  connect(m_words, &QLineEdit::editingFinished, this, &DetailsPage::changeLettering);
  connect(m_letterHeight, &QDoubleSpinBox::valueChanged, this, [this, line] {
    showLettering();
    changeLettering();
    line();
  });
  connect(draw, &QPushButton::clicked, this, line);
  connect(m_guides, &QPushButton::clicked, this, &DetailsPage::inkGuides);
  return m_lines;
}

QWidget* DetailsPage::buildAccents() {
  auto* accents = new FormRows;
  m_accentKind = namedChoice("accentKind");
  for (const AccentFacts& facts : kAccentFacts)
    m_accentKind->addItem(capital(accentName(facts.kind)), static_cast<int>(facts.kind));
  m_accentKind->setCurrentIndex(1);
  m_size = millimetres(0.2, 30, 1.0, tr("Size of one"));
  accents->add(tr("What"), m_accentKind, m_size);
  m_over = namedChoice("scatterOver");
  m_count = new QDoubleSpinBox;
  m_count->setDecimals(0);
  m_count->setRange(1, 2000);
  m_count->setValue(40);
  m_count->setAccessibleName(tr("How many"));
  accents->add(tr("Over"), m_over, m_count);
  QPushButton* put = named(plainButton(tr("Put on one by one")), "putAccent");
  m_scatter = named(plainButton(tr("Scatter")), "scatter",
                    tr("evenly, clear of faces and of words; press again for another throw"));
  accents->addPair(put, m_scatter);
  m_cover = named(plainButton(tr("Cover that part with it")), "coverPart",
                  tr("gloss or glitter over a whole part of the chosen thing"));
  accents->addWide(m_cover);
  const auto accent = [this] {
    fillOver();
    want(static_cast<int>(HandTool::Accent));
  };
  connect(m_accentKind, &QComboBox::activated, this, accent);
  connect(m_size, &QDoubleSpinBox::valueChanged, this, accent);
  connect(put, &QPushButton::clicked, this, accent);
  connect(m_over, &QComboBox::activated, this, &DetailsPage::fillOver);
  connect(m_scatter, &QPushButton::clicked, this, &DetailsPage::scatter);
  connect(m_cover, &QPushButton::clicked, this, &DetailsPage::coverPart);
  return accents;
}

QWidget* DetailsPage::buildLifts() {
  auto* lifts = new FormRows;
  m_liftWith = new QComboBox;
  for (LiftWith with : {LiftWith::Water, LiftWith::Cloth, LiftWith::Salt, LiftWith::Sand})
    m_liftWith->addItem(capital(liftWithName(with)), static_cast<int>(with));
  m_liftSize = millimetres(0.5, 60, 5, tr("Size of a place"));
  lifts->add(tr("With"), m_liftWith, m_liftSize);
  m_liftWash = new QComboBox;
  QPushButton* take = named(plainButton(tr("Take out")), "takeOut");
  lifts->add(tr("Of"), m_liftWash, take);
  const auto lifting = [this] { want(static_cast<int>(HandTool::Lift)); };
  connect(m_liftWith, &QComboBox::activated, this, lifting);
  connect(m_liftWash, &QComboBox::activated, this, lifting);
  connect(m_liftSize, &QDoubleSpinBox::valueChanged, this, lifting);
  connect(take, &QPushButton::clicked, this, lifting);
  return lifts;
}

void DetailsPage::inkGuides() {
  Plan plan = m_session.plan();
  const auto held = lineInk();
  if (!held) return;
  const std::string ink = addInk(plan, *held);
  const Analysis& a = *m_session.analysis();
  m_session.edit(tr("Ink the guides"),
                 withGuidesInked(plan, *a.depth, a.meetings.placed, ink, m_width->value()));
}

// ---- letters

void DetailsPage::showLettering() {
  const bool letters = m_lineKind->currentData().toInt() == static_cast<int>(LineKind::Lettering);
  m_lines->setRowVisible(m_words, letters);
  m_letterHeight->setVisible(letters);
  m_wordsSay->setVisible(letters);
  const std::string text = m_words->text().trimmed().toStdString();
  const double length = letteringLength(text, m_letterHeight->value());
  m_wordsSay->setText(
      text.empty() ? tr("Write the words, then drag a base line for them. The letters are yours; here they "
                        "keep the room.")
      : m_changing.empty() ? tr("They need a base line of about %1: drag one.")
                                 .arg(lengthText(std::ceil(length), m_session.units()))
                           : tr("They need about %1.").arg(lengthText(std::ceil(length), m_session.units())));
}

void DetailsPage::beginChange(const std::string& line) {
  for (const HandLine& l : m_session.plan().lines) {
    if (l.id != line) continue;
    m_changing = line;
    m_lineKind->setCurrentIndex(m_lineKind->findData(static_cast<int>(LineKind::Lettering)));
    const QSignalBlocker still(m_letterHeight);
    m_words->setText(QString::fromStdString(l.text));
    m_letterHeight->setValue(l.height_mm);
    showLettering();
    m_words->setFocus();
    m_words->selectAll();
    return;
  }
}

void DetailsPage::changeLettering() {
  if (m_changing.empty()) return;
  Plan plan = m_session.plan();
  for (HandLine& l : plan.lines) {
    if (l.id != m_changing) continue;
    l.text = m_words->text().trimmed().toStdString();
    l.height_mm = m_letterHeight->value();
    m_session.edit(tr("Change the letters"), plan, QStringLiteral("letters-") + QString::fromStdString(l.id));
    return;
  }
  m_changing.clear();
}

std::optional<Ink> DetailsPage::lineInk() const {
  const int k = m_ink->currentIndex();
  if (k < 0 || ix(k) >= m_listed.size()) return {};
  return m_listed[ix(k)];
}

HandLine DetailsPage::line() const {
  HandLine l;
  l.kind = static_cast<LineKind>(m_lineKind->currentData().toInt());
  l.width_mm = m_width->value();
  if (l.kind == LineKind::Lettering)
    l.text = m_words->text().trimmed().toStdString(), l.height_mm = m_letterHeight->value();
  return l;
}

Accent DetailsPage::accent() const {
  Accent a;
  a.kind = static_cast<AccentKind>(m_accentKind->currentData().toInt());
  a.size_mm = m_size->value();
  return a;
}

Lift DetailsPage::lift() const {
  Lift l;
  l.with = static_cast<LiftWith>(m_liftWith->currentData().toInt());
  l.wash = m_liftWash->currentData().toString().toStdString();
  l.size_mm = m_liftSize->value();
  return l;
}

// ---- what there is to choose from, and what there is

void DetailsPage::fill() {
  fillChoices();
  fillOver();
  fillList();
}

void DetailsPage::fillChoices() {
  const Plan& plan = m_session.plan();
  m_listed = m_drawer.inksWith(plan);
  const auto refill = [](QComboBox* box, const auto& list, auto textOf, auto dataOf) {
    const QSignalBlocker still(box);
    const QVariant was = box->currentData();
    box->clear();
    for (const auto& one : list) box->addItem(textOf(one), dataOf(one));
    if (const int k = box->findData(was); k >= 0) box->setCurrentIndex(k);
  };
  refill(
      m_ink, m_listed, [](const Ink& i) { return inkName(i); },
      [](const Ink& i) { return QString::fromStdString(i.id); });
  refill(
      m_liftWash, plan.washes, [](const Wash& w) { return capital(washName(w)); },
      [](const Wash& w) { return QString::fromStdString(w.id); });
  m_guides->setEnabled(plan.room || !plan.ground.empty());
}

/// The whole card, its blends, and the parts of the chosen thing, the largest ones.
void DetailsPage::fillOver() {
  constexpr size_t kParts = 24;
  const Plan& plan = m_session.plan();
  const QSignalBlocker still(m_over);
  const QVariant was = m_over->currentData();
  m_over->clear();
  m_over->addItem(tr("The whole card"), QString());
  for (const Wash& w : plan.washes)
    m_over->addItem(capital(washName(w)), QStringLiteral("wash:") + QString::fromStdString(w.id));
  if (const int thing = m_session.selectedIndex(); thing >= 0) {
    const QString key =
        QStringLiteral("part:%1:").arg(QString::fromStdString(plan.impressions[ix(thing)].id));
    const QString name = capital(nameOf(plan, thing));
    m_over->addItem(tr("%1, all of it").arg(name), key + QStringLiteral("-1"));
    if (const RegionsRef regions = m_parts.of(thing))
      for (size_t r = 0; r < std::min(kParts, regions->all().size()); ++r) {
        const Region& part = regions->all()[r];
        m_over->addItem(tr("%1, %2").arg(name, part.name.empty() ? tr("part %1").arg(r + 1)
                                                                 : QString::fromStdString(part.name)),
                        key + QString::number(r));
      }
  }
  if (const int k = m_over->findData(was); k >= 0) m_over->setCurrentIndex(k);
  const AccentKind kind = accent().kind;
  const auto part = chosenPart();
  m_cover->setEnabled(part && (kind == AccentKind::Gloss || kind == AccentKind::Glitter));
}

std::optional<PartAt> DetailsPage::chosenPart() const {
  const QString over = m_over->currentData().toString();
  if (!over.startsWith(QStringLiteral("part:"))) return {};
  const qsizetype colon = over.lastIndexOf(u':');
  const int thing = m_session.plan().indexOf(over.mid(5, colon - 5).toStdString());
  if (thing < 0) return {};
  return PartAt{thing, over.mid(colon + 1).toInt()};
}

void DetailsPage::listRow(const std::string& act, const QString& words, bool changeable) {
  m_list->next(QString::fromStdString(act));
  m_list->label(words, bodyFont(), theme().ink, true);
  if (changeable) {
    m_list->cell<QPushButton>([this, act] {
      auto* b = plainButton(tr("Change"));
      b->setObjectName(QStringLiteral("change-") + QString::fromStdString(act));
      connect(b, &QPushButton::clicked, this, [this, act] { beginChange(act.substr(act.find(':') + 1)); });
      return b;
    });
  } else {
    m_list->skip();
  }
  m_list->cell<QPushButton>([this, act] {
    auto* b = plainButton(tr("Take off"));
    b->setObjectName(QStringLiteral("takeOff-") + QString::fromStdString(act));
    connect(b, &QPushButton::clicked, this,
            [this, act] { m_session.edit(tr("Take off"), withoutHandwork(m_session.plan(), act)); });
    return b;
  });
}

void DetailsPage::fillList() {
  const Plan& plan = m_session.plan();
  m_list->begin();
  double guides_mm = 0;
  for (const HandLine& l : plan.lines)
    if (isGuide(l)) guides_mm += lengthOf(l.along);
  if (guides_mm > 0) {
    m_list->next(QStringLiteral("guides"));
    m_list->label(tr("Lines along the guides, %1 in all").arg(lengthText(guides_mm, m_session.units())),
                  bodyFont(), theme().ink, true);
    m_list->skip();
    m_list->cell<QPushButton>([this] {
      auto* b = plainButton(tr("Take off"));
      b->setObjectName(QStringLiteral("takeOff-guides"));
      connect(b, &QPushButton::clicked, this, [this] {
        Plan now = m_session.plan();
        std::erase_if(now.lines, isGuide);
        m_session.edit(tr("Take off"), now);
      });
      return b;
    });
  }
  for (const HandLine& l : plan.lines) {
    if (isGuide(l)) continue;
    const QString what = l.name.empty() ? capital(lineKindName(l.kind)) : QString::fromStdString(l.name);
    listRow("line:" + l.id,
            l.text.empty()
                ? tr("%1, %2").arg(what, lengthText(lengthOf(l.along), m_session.units()))
                : tr("“%1”, %2 high")
                      .arg(QString::fromStdString(l.text), lengthText(l.height_mm, m_session.units())),
            l.kind == LineKind::Lettering);
  }
  for (const Accent& a : plan.accents) {
    const int on = plan.indexOf(a.on);
    QString words = capital(accentName(a.kind));
    if (a.at.size() > 1) words += tr(", %1").arg(a.at.size());
    if (on >= 0) words += tr(" on %1").arg(nameOf(plan, on));
    listRow("accent:" + a.id, words);
  }
  for (const Lift& l : plan.lifts) listRow("lift:" + l.id, capital(liftWithName(l.with)));
  if (plan.lines.empty() && plan.accents.empty() && plan.lifts.empty()) {
    m_list->next(QStringLiteral("none"));
    m_list->wide(3);
    m_list->label(tr("Nothing yet."), bodyFont(), theme().soft);
  }
  m_list->end(false);
}

// ---- scattered

void DetailsPage::scatter() {
  Plan plan = m_session.plan();
  const Analysis& analysis = *m_session.analysis();
  Accent a = accent();
  if (const auto held = lineInk()) a.ink = addInk(plan, *held);
  Box area = plan.card.panel.box().grown(-plan.card.tape_mm);
  double size_mm2 = area.width() * area.height();
  std::function<bool(Point)> within;
  const QString over = m_over->currentData().toString();
  if (const auto part = chosenPart()) {
    const Placed& placed = *analysis.meetings.placed[ix(part->thing)];
    area = placed.box.common(area), size_mm2 = placed.areaOnPanel_mm2;
    if (const RegionsRef regions = m_parts.of(part->thing); regions && part->part >= 0) {
      area = boxOnCard(placed, *regions, {part->part}).common(area);
      size_mm2 = regions->all()[ix(part->part)].area_mm2;
    }
    a.on = plan.impressions[ix(part->thing)].id;
    within = [this, part](Point p) {
      const PartAt there = m_parts.at(p);
      return there.thing == part->thing && (part->part < 0 || there.part == part->part);
    };
  } else {
    Rings blend;
    for (size_t w = 0; w < plan.washes.size(); ++w)
      if (over == QStringLiteral("wash:") + QString::fromStdString(plan.washes[w].id))
        blend = analysis.washes.reached[w];
    if (!blend.empty()) area = boxOf(blend).common(area), size_mm2 = sweptArea(SweepEdges(blend));
    within = [blend, clear = keptClear(plan)](Point p) {
      return (blend.empty() || covers(blend, p)) &&
             std::none_of(clear.begin(), clear.end(), [&](const Box& b) { return b.contains(p); });
    };
  }
  const auto count = static_cast<size_t>(m_count->value());
  // As far apart as so many find room.
  const double apart = std::max(a.size_mm * 1.3, 0.6 * std::sqrt(std::max(1.0, size_mm2) / m_count->value()));
  a.at = scattered(area, count, apart, ++m_seed, within);
  if (a.at.empty()) return;
  // Another throw of the same replaces the one before.
  std::erase_if(plan.accents, [&](const Accent& was) {
    return was.kind == a.kind && was.at.size() > 1 && was.size_mm == a.size_mm && was.on == a.on &&
           was.ink == a.ink;
  });
  m_session.edit(tr("Scatter %1").arg(accentName(a.kind)), withAccent(plan, a));
}

void DetailsPage::coverPart() {
  const auto part = chosenPart();
  if (!part) return;
  Plan plan = m_session.plan();
  Accent a = accent();
  if (const auto held = lineInk(); held && factsOf(a.kind).inked) a.ink = addInk(plan, *held);
  a.on = plan.impressions[ix(part->thing)].id;
  a.region = AllRegions{};
  if (const RegionsRef regions = m_parts.of(part->thing); regions && part->part >= 0)
    a.region = choiceOf(*regions, part->part);
  m_session.edit(tr("Cover %1 with %2").arg(nameOf(plan, part->thing), accentName(a.kind)),
                 withAccent(plan, a));
}

}  // namespace havlo
