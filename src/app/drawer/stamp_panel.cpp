#include "app/drawer/stamp_panel.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/common/thumbnail.h"
#include "core/drawer/plate.h"
#include "core/edit/card_edits.h"
#include "io/art/svg_art.h"
#include "io/wording/card_words.h"
#include "io/wording/drawer_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

QString q(const std::string& s) { return QString::fromStdString(s); }

/// A height in metres, or nothing. A comma is taken for a point.
std::optional<double> metresOf(const QLineEdit* edit) {
  bool ok = false;
  const double v = QString(edit->text()).replace(u',', u'.').toDouble(&ok);
  return ok && v > 0 && v <= 1e6 ? std::optional(v) : std::nullopt;
}

}  // namespace

StampPanel::StampPanel(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
                       QWidget* parent)
    : QWidget(parent), m_session(session), m_drawer(drawer), m_art(std::move(art)) {
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  m_head = inkLabel({}, headingFont(), theme().ink, true);
  m_size = inkLabel({}, labelFont(), theme().soft, true);
  outer->addWidget(m_head);
  outer->addWidget(m_size);
  m_body = new QWidget;
  auto* column = new QVBoxLayout(m_body);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(6);
  m_picture = new PictureBox;
  m_picture->setFixedHeight(qRound(120 * textScale()));
  column->addWidget(m_picture);
  column->addWidget(buildRows());
  m_masks = inkLabel({}, labelFont(), theme().ink, true);
  column->addWidget(m_masks);
  auto* keep = plainButton(tr("A fresh mask is kept with it"));
  m_keep = keep;
  connect(keep, &QPushButton::clicked, this, [this] {
    m_drawer.putMask({{}, m_key.toStdString(), m_session.plan().maskLife(), {}, {}});
    showStamp(m_key);
  });
  column->addWidget(keep, 0, Qt::AlignLeft);
  column->addStretch(1);
  outer->addWidget(m_area = rolled(m_body), 1);
  outer->addStretch(0);  // where nothing is shown, nothing rolls
  buildActs(outer);
  connect(&session, &PlanSession::planChanged, this, &StampPanel::refreshPlan);
  connect(&session, &PlanSession::unitsChanged, this, [this] { showStamp(m_key); });
  showStamp({});
}

FormRows* StampPanel::buildRows() {
  auto* rows = new FormRows;
  const auto line = [&](const QString& name) {
    auto* e = new QLineEdit;
    e->setFont(bodyFont());
    rows->add(name, e);
    connect(e, &QLineEdit::editingFinished, this, &StampPanel::take);
    return e;
  };
  const auto choice = [&](const QString& name) {
    auto* c = new QComboBox;
    rows->add(name, c);
    connect(c, &QComboBox::activated, this, &StampPanel::take);
    return c;
  };
  m_name = line(tr("Name"));
  m_role = choice(tr("Shows a"));
  for (int r = 0; r <= static_cast<int>(Role::Greeting); ++r)
    m_role->addItem(roleName(static_cast<Role>(r)), r);
  m_facing = choice(tr("Facing"));
  for (int f = 0; f <= static_cast<int>(Facing::Right); ++f)
    m_facing->addItem(facingName(static_cast<Facing>(f)), f);
  m_home = choice(tr("At home"));
  m_home->setObjectName(QStringLiteral("home"));
  for (int r = 0; r <= static_cast<int>(Home::Air); ++r) m_home->addItem(homeName(static_cast<Home>(r)), r);
  rows->add(tr("Real height"), buildHeights());
  m_heights = new QComboBox;
  rows->add(tr("Usual heights"), m_heights);
  connect(m_heights, &QComboBox::activated, this, [this](int k) {
    if (k == 0) return;
    const QVariantList h = m_heights->itemData(k).toList();
    m_typical->setText(spoken(QString::number(h[0].toDouble(), 'g', 4)));
    m_least->setText(spoken(QString::number(h[1].toDouble(), 'g', 4)));
    m_most->setText(spoken(QString::number(h[2].toDouble(), 'g', 4)));
    take();
  });
  m_set = line(tr("Set"));
  m_tags = line(tr("Tags"));
  m_mounting = choice(tr("Mounting"));
  for (int m = 0; m <= static_cast<int>(Mounting::Wood); ++m)
    m_mounting->addItem(mountingName(static_cast<Mounting>(m)), m);
  m_die = new QCheckBox(tr("a die cuts its outline"));
  connect(m_die, &QCheckBox::clicked, this, &StampPanel::take);
  rows->add(tr("Die"), m_die);
  m_plate = new QCheckBox(tr("a plate, not a stamp"));
  m_plate->setObjectName(QStringLiteral("plate"));
  m_plate->setToolTip(tr("its print comes out the other way round; here it is shown as it prints"));
  connect(m_plate, &QCheckBox::clicked, this, &StampPanel::take);
  rows->add(tr("Plate"), m_plate);
  m_place = line(tr("Kept in"));
  m_notes = line(tr("Notes"));
  return rows;
}

QWidget* StampPanel::buildHeights() {
  auto* heights = new QWidget;
  auto* heightRow = new QHBoxLayout(heights);
  heightRow->setContentsMargins(0, 0, 0, 0);
  heightRow->setSpacing(3);
  for (auto [edit, name] : {std::pair{&m_least, tr("Least real height, metres")},
                            {&m_typical, tr("Typical real height, metres")},
                            {&m_most, tr("Greatest real height, metres")}}) {
    *edit = new QLineEdit;
    (*edit)->setFont(bodyFont());
    (*edit)->setAccessibleName(name);
    (*edit)->setToolTip(name);
    (*edit)->setMinimumWidth(qRound(38 * textScale()));
    connect(*edit, &QLineEdit::editingFinished, this, &StampPanel::take);
    heightRow->addWidget(*edit, 1);
    if (edit != &m_most) heightRow->addWidget(inkLabel(QStringLiteral("–"), bodyFont(), theme().soft));
  }
  heightRow->addWidget(inkLabel(tr("m"), bodyFont(), theme().soft));
  return heights;
}

void StampPanel::buildActs(QVBoxLayout* outer) {
  m_plan = inkLabel({}, labelFont(), theme().ink, true);
  outer->addWidget(m_plan);
  auto* update = new QPushButton(tr("Bring the open plan up to date"));
  m_update = update;
  connect(update, &QPushButton::clicked, this, [this] {
    const auto whole = m_drawer.stamp(m_key.toStdString());
    if (!whole) return;
    for (const StampRef& s : m_session.plan().stamps)
      if (s->drawer == whole->card.key) {
        Stamp fresh = whole->stamp;
        fresh.mask = s->mask;  // what was decided about its mask belongs to the plan
        m_session.edit(tr("Bring %1 up to date").arg(stampName(*s)),
                       withStampReplaced(m_session.plan(), s->id, fresh));
        break;
      }
    refreshPlan();
  });
  outer->addWidget(update, 0, Qt::AlignLeft);
  auto* put = drawnButton("act-add", tr("Put it on the card"));
  m_put = put;
  connect(put, &QPushButton::clicked, this, [this] { Q_EMIT putOnCardRequested(m_key); });
  auto* remove = plainButton(tr("Out of the drawer"));
  m_remove = remove;
  connect(remove, &QPushButton::clicked, this, [this] {
    const auto whole = m_drawer.stamp(m_key.toStdString());
    if (whole && m_drawer.remove(m_key.toStdString())) Q_EMIT removed(q(whole->card.name), whole);
  });
  outer->addWidget(put);
  outer->addWidget(remove, 0, Qt::AlignLeft);
}

void StampPanel::showStamp(const QString& key) {
  m_key = key;
  const auto whole = key.isEmpty() ? nullptr : m_drawer.stamp(key.toStdString());
  const bool any = whole != nullptr;
  m_area->setVisible(any);
  m_put->setVisible(any), m_remove->setVisible(any);
  m_size->setVisible(any);
  if (!any) {
    m_head->setText(tr("Choose a stamp"));
    m_plan->hide(), m_update->hide();
    return;
  }
  m_showing = true;
  const DrawerCard& c = whole->card;
  m_head->setText(q(c.name));
  m_size->setText(tr("prints %1, %2")
                      .arg(sizeWords(c.width_mm, c.height_mm, m_session.units()),
                           whole->stamp.solid ? tr("solid") : tr("line art")));
  const double scale = std::min(230 * textScale() / c.width_mm, 116 * textScale() / c.height_mm);
  m_picture->setPicture(stampThumbnail(whole->stamp, *m_art,
                                       QSize(qRound(c.width_mm * scale) + 4, qRound(c.height_mm * scale) + 4),
                                       theme().ink)
                            .toImage());
  m_name->setText(q(c.name));
  m_role->setCurrentIndex(static_cast<int>(c.role));
  m_facing->setCurrentIndex(static_cast<int>(c.facing));
  m_home->setCurrentIndex(static_cast<int>(whole->stamp.home));
  const auto metres = [&](QLineEdit* e, double RealHeight::*m) {
    e->setText(c.realHeight ? spoken(QString::number((*c.realHeight).*m, 'g', 4)) : QString());
  };
  metres(m_least, &RealHeight::least_m), metres(m_typical, &RealHeight::typical_m),
      metres(m_most, &RealHeight::most_m);
  m_set->setText(q(c.setName));
  QStringList tags;
  for (const std::string& t : c.tags) tags << q(t);
  m_tags->setText(tags.join(QStringLiteral(", ")));
  m_mounting->setCurrentIndex(static_cast<int>(c.mounting));
  m_die->setChecked(c.matchingDie);
  m_plate->setChecked(whole->stamp.plate);
  m_place->setText(q(c.place));
  m_notes->setText(q(c.notes));
  QStringList masks;
  for (const KeptMask& m : m_drawer.masks())
    if (m.stamp == c.key)
      masks << (m.usesLeft == 1 ? tr("one use left") : tr("%1 uses left").arg(m.usesLeft));
  m_masks->setText(masks.isEmpty() ? tr("No mask is kept with it.")
                                   : tr("Masks kept with it: %1.").arg(masks.join(QStringLiteral(", "))));
  offerHeights();
  for (QWidget* w : std::initializer_list<QWidget*>{m_name, m_role, m_facing, m_home, m_least, m_typical,
                                                    m_most, m_heights, m_set, m_tags, m_mounting, m_die,
                                                    m_plate, m_place, m_notes, m_remove, m_keep})
    w->setEnabled(!m_drawer.readOnly());
  m_showing = false;
  refreshPlan();
}

void StampPanel::offerHeights() {
  m_heights->clear();
  m_heights->addItem(tr("by what it shows"));
  for (const TypicalHeight& h :
       heightsFor(m_name->text().toStdString(), static_cast<Role>(m_role->currentIndex())))
    m_heights->addItem(QStringLiteral("%1: %2").arg(
                           QString::fromUtf8(h.thing.data(), static_cast<qsizetype>(h.thing.size())),
                           heightWords({h.typical_m, h.least_m, h.most_m, {}})),
                       QVariantList{h.typical_m, h.least_m, h.most_m});
}

void StampPanel::take() {
  if (m_showing || m_key.isEmpty()) return;
  const auto whole = m_drawer.stamp(m_key.toStdString());
  if (!whole) return;
  DrawerStamp s = *whole;
  if (!m_name->text().trimmed().isEmpty()) s.stamp.name = m_name->text().trimmed().toStdString();
  s.stamp.role = static_cast<Role>(m_role->currentIndex());
  s.stamp.facing = static_cast<Facing>(m_facing->currentIndex());
  s.stamp.home = static_cast<Home>(m_home->currentIndex());
  const auto least = metresOf(m_least), typical = metresOf(m_typical), most = metresOf(m_most);
  if (typical) {
    RealHeight h = s.stamp.realHeight.value_or(RealHeight{});
    h.typical_m = *typical;
    h.least_m = std::min(least.value_or(*typical), *typical);
    h.most_m = std::max(most.value_or(*typical), *typical);
    s.stamp.realHeight = h;
  } else if (m_typical->text().trimmed().isEmpty()) {
    s.stamp.realHeight.reset();
  }
  s.card.setName = m_set->text().trimmed().toStdString();
  s.card.tags.clear();
  for (const QString& tag : m_tags->text().split(u',', Qt::SkipEmptyParts))
    if (!tag.trimmed().isEmpty()) s.card.tags.push_back(tag.trimmed().toStdString());
  s.card.mounting = static_cast<Mounting>(m_mounting->currentIndex());
  s.card.matchingDie = m_die->isChecked();
  if (s.stamp.plate != m_plate->isChecked()) {
    s.stamp = asPlate(s.stamp, m_plate->isChecked());
    m_facing->setCurrentIndex(static_cast<int>(s.stamp.facing));
  }
  s.card.place = m_place->text().trimmed().toStdString();
  s.card.notes = m_notes->text().trimmed().toStdString();
  s = agreed(std::move(s));
  if (s == *whole) return;
  m_drawer.put(s);
  showStamp(m_key);
}

void StampPanel::refreshPlan() {
  if (m_key.isEmpty()) return;
  const auto whole = m_drawer.stamp(m_key.toStdString());
  if (!whole) return;
  for (const StampRef& s : m_session.plan().stamps)
    if (s->drawer == whole->card.key) {
      Stamp now = *s, fresh = whole->stamp;
      now.id = fresh.id, now.mask = fresh.mask;
      const bool same = now == fresh;
      m_plan->setText(same ? tr("It is in the open plan.")
                           : tr("The open plan has it as it was before you changed it here."));
      m_plan->show();
      m_update->setVisible(!same);
      return;
    }
  m_plan->hide();
  m_update->hide();
}

}  // namespace havlo
