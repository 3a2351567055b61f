// Choices go through the session.
#include "app/scene/thing_fields.h"

#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>
#include <QSettings>
#include <QSpinBox>
#include <algorithm>
#include <cmath>

#include "app/common/ink_tin.h"
#include "core/edit/view_edits.h"
#include "core/plan/figures.h"
#include "core/plan/role_facts.h"
#include "io/wording/names.h"
#include "io/wording/view_words.h"

namespace havlo {
namespace {

const QString kAll = QStringLiteral("allOfThing");

constexpr LitFrom kLitFrom[] = {LitFrom::Unsaid, LitFrom::Left, LitFrom::Right, LitFrom::Front,
                                LitFrom::Behind};

QString schoolTip(School t) {
  switch (t) {
    case School::Mask:
      return ThingFields::tr("front first, cover it, then what is behind");
    case School::Overprint:
      return ThingFields::tr("what is behind first, then this straight on top: dark opaque ink");
    case School::Resist:
      return ThingFields::tr("stamped and embossed, later inks wipe off it");
    case School::LeaveOut:
      return ThingFields::tr("what is behind is pressed with this place taped over on the rubber");
    case School::WipeOff:
      return ThingFields::tr("what is behind is pressed with this place wiped off the rubber");
    case School::PopUp:
      return ThingFields::tr("on a piece of its own, cut out and raised on foam");
    case School::Across:
      return ThingFields::tr("last of all, over the rim of a piece that is glued flat on the panel");
  }
  return {};
}

}  // namespace

ThingFields::ThingFields(PlanSession& session, QWidget* parent) : FormRows(parent), m_session(session) {
  const auto line = [&](const QString& name, QWidget* value, const QString& tip = {}) {
    add(name, value)->setToolTip(tip);
    value->setToolTip(tip);
  };
  line(tr("Ink"), m_ink = new QComboBox);
  line(tr("Pressing"), m_pressing = new QSpinBox,
       tr("1 is freshly inked; 2 is pressed again without inking, paler"));
  line(tr("School"), m_school = new QComboBox, tr("how it and what is behind it get along"));
  line(tr("Shaded"), m_lit = new QComboBox, tr("from where you shade it by hand"));
  line(tr("Stamps"), m_part = new QComboBox,
       tr("the whole of it, or what lies on one side of a line; drag the line's ends on the card"));
  line(tr("Belongs to"), m_figure = new QComboBox,
       tr("several presses that make one figure are seen, moved and counted as one"));
  line(tr("Turn"), m_turn = new QLineEdit, tr("degrees, to the left"));
  m_ink->setMinimumContentsLength(6);
  m_ink->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_school->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_pressing->setRange(1, 99);
  m_ink->setObjectName(QStringLiteral("ink"));
  m_pressing->setObjectName(QStringLiteral("pressing"));
  m_school->setObjectName(QStringLiteral("school"));
  m_turn->setObjectName(QStringLiteral("turn"));
  m_lit->setObjectName(QStringLiteral("lit"));
  m_figure->setObjectName(QStringLiteral("figure"));
  m_figure->setMinimumContentsLength(6);
  m_figure->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_part->setObjectName(QStringLiteral("part"));
  m_part->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  for (const QString& what : {tr("all of it"), tr("above a line"), tr("below a line"), tr("left of a line"),
                              tr("right of a line"), tr("a part of its own shape")})
    m_part->addItem(what);
  m_lit->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  for (const LitFrom from : kLitFrom) m_lit->addItem(litName(from));
  for (School t : kWaysToChoose) {
    m_school->addItem(schoolName(t));
    m_school->setItemData(m_school->count() - 1, schoolTip(t), Qt::ToolTipRole);
  }
  m_more = plainButton({});
  m_more->setObjectName(QStringLiteral("moreOfThing"));
  addWide(m_more);
  connect(m_more, &QPushButton::clicked, this, [this] {
    const bool all = !QSettings().value(kAll).toBool();
    QSettings().setValue(kAll, all);
    fill(m_session.selectedIndex());
  });
  connectAll();
}

void ThingFields::connectAll() {
  connect(m_lit, &QComboBox::activated, this, [this](int k) {
    change(tr("Shade %1"), [k](const Plan& p, const std::string& id) { return withLit(p, id, kLitFrom[k]); });
  });
  connect(m_part, &QComboBox::activated, this, &ThingFields::choosePart);
  connect(m_figure, &QComboBox::activated, this, [this](int k) {
    const std::string to = m_figure->itemData(k).toString().toStdString();
    change(to.empty() ? tr("%1 stands for itself") : tr("%1 belongs to another"),
           [to](const Plan& p, const std::string& id) { return withFigure(p, id, to); });
  });
  connect(m_ink, &QComboBox::activated, this, [this](int k) {
    change(tr("Ink %1"), [this, k](const Plan& p, const std::string& id) {
      return withInk(p, id, p.inks[ix(k)].id, m_pressing->value());
    });
  });
  connect(m_pressing, &QSpinBox::valueChanged, this, [this](int generation) {
    change(tr("Press %1 again"), [generation](const Plan& p, const std::string& id) {
      return withInk(p, id, p.impression(id)->ink, generation);
    });
  });
  connect(m_school, &QComboBox::activated, this, [this](int k) {
    change(tr("Another school for %1"),
           [k](const Plan& p, const std::string& id) { return withSchool(p, id, kWaysToChoose[k]); });
  });
  connect(m_turn, &QLineEdit::editingFinished, this, [this] {
    bool number = false;
    const double turn = m_turn->text().replace(u',', u'.').remove(u'°').trimmed().toDouble(&number);
    if (!number || !std::isfinite(turn)) {
      if (!m_filling) Q_EMIT m_session.trouble(tr("“%1” is not a number of degrees").arg(m_turn->text()));
      return fill(m_session.selectedIndex());
    }
    change(tr("Turn %1"),
           [turn](const Plan& p, const std::string& id) { return withTurn(p, id, Degrees{turn}); });
  });
}

template <typename F>
void ThingFields::change(const QString& what, F edit) {
  const int i = m_session.selectedIndex();
  if (m_filling || i < 0) return;
  m_session.edit(what.arg(nameOf(m_session.plan(), i)),
                 edit(m_session.plan(), m_session.selected().toStdString()));
}

namespace {

enum PartChoice { Whole, Above, Below, LeftOf, RightOf, OwnShape };

PartChoice partChoice(const Impression& thing, const Stamp& stamp) {
  if (thing.part.empty()) return Whole;
  const auto line = partLineOf(thing, stamp);
  if (!line) return OwnShape;
  const Point way = line->b - line->a;  // what is stamped lies on its left
  if (std::fabs(way.x) >= std::fabs(way.y)) return way.x > 0 ? Above : Below;
  return way.y > 0 ? LeftOf : RightOf;
}

}  // namespace

/// The line begins across the stamp's middle; where only the side changes it stays.
void ThingFields::choosePart(int choice) {
  if (choice == OwnShape) return fill(m_session.selectedIndex());
  if (choice == Whole)
    return change(tr("Stamp all of %1"),
                  [](const Plan& p, const std::string& id) { return withoutPart(p, id); });
  change(tr("Stamp a part of %1"), [choice](const Plan& p, const std::string& id) {
    const Impression& thing = *p.impression(id);
    const Stamp& stamp = *p.stamp(thing.stamp);
    const havlo::Box frame = boxOf(stamp.silhouette);
    const Point c = frame.centre();
    const bool level = choice == Above || choice == Below;
    PartLine line = level ? PartLine{{frame.left, c.y}, {frame.right, c.y}}
                          : PartLine{{c.x, frame.bottom}, {c.x, frame.top}};
    const PartChoice now = partChoice(thing, stamp);
    const bool same = level ? now == Above || now == Below : now == LeftOf || now == RightOf;
    if (const auto old = partLineOf(thing, stamp); old && same) {
      line = *old;
      if (now != choice) std::swap(line.a, line.b);
    } else if (choice == Below || choice == RightOf) {
      std::swap(line.a, line.b);
    }
    return withPart(p, id, line);
  });
}

/// Everything that it may belong with.
void ThingFields::fillFigure(int i, const std::vector<int>& mates) {
  const Plan& plan = m_session.plan();
  m_figure->clear();
  m_figure->addItem(tr("nothing else"), QString());
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    if (static_cast<int>(k) == i || factsOf(plan.stamp(plan.impressions[k].stamp)->role).backdrop) continue;
    m_figure->addItem(nameOf(plan, static_cast<int>(k)), QString::fromStdString(plan.impressions[k].id));
    const bool first = mates.size() > 1 && static_cast<int>(k) == (mates[0] == i ? mates[1] : mates[0]);
    if (first) m_figure->setCurrentIndex(m_figure->count() - 1);
  }
}

void ThingFields::fill(int i) {
  if (i < 0) return;
  m_filling = true;
  const Plan& plan = m_session.plan();
  const Impression& thing = plan.impressions[ix(i)];
  m_ink->clear();
  for (const Ink& ink : plan.inks) m_ink->addItem(padIcon(ink.colour), inkName(ink));
  for (size_t k = 0; k < plan.inks.size(); ++k)
    if (plan.inks[k].id == thing.ink) m_ink->setCurrentIndex(static_cast<int>(k));
  m_pressing->setValue(thing.generation);
  m_part->setCurrentIndex(partChoice(thing, *plan.stamp(thing.stamp)));
  // What is as usual is asked for only when all is wanted.
  const bool all = QSettings().value(kAll).toBool();
  const std::vector<int> mates = figureOf(plan, i);
  if (all || mates.size() > 1) fillFigure(i, mates);
  for (size_t k = 0; k < std::size(kLitFrom); ++k)
    if (kLitFrom[k] == thing.lit) m_lit->setCurrentIndex(static_cast<int>(k));
  for (size_t k = 0; k < std::size(kWaysToChoose); ++k)
    if (kWaysToChoose[k] == thing.school) m_school->setCurrentIndex(static_cast<int>(k));
  if (!m_turn->hasFocus())
    m_turn->setText(tr("%1°").arg(thing.turn_deg, 0, 'f',
                                  std::fabs(thing.turn_deg - std::round(thing.turn_deg)) > 0.05 ? 1 : 0));
  setRowVisible(m_part, all || !thing.part.empty());
  setRowVisible(m_figure, all || mates.size() > 1);
  setRowVisible(m_turn, all || thing.turn_deg != 0);
  setRowVisible(m_lit, thing.lit != LitFrom::Unsaid || plan.light.has_value());
  m_more->setText(all ? tr("Less about it") : tr("More about it"));
  m_filling = false;
}

}  // namespace havlo
