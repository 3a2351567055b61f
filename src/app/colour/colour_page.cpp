#include "app/colour/colour_page.h"

#include <QComboBox>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <QSlider>
#include <algorithm>
#include <cmath>

#include "app/colour/colour_view.h"
#include "app/common/ask.h"
#include "app/common/choice_list.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/rolled.h"
#include "app/common/swatch_dialog.h"
#include "app/files/file_chooser.h"
#include "app/session/drawer_session.h"
#include "io/art/shape_path.h"
#include "io/wording/hand_words.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

/// A dab of the colour as it comes out on the card.
QIcon dabOf(const Ink& ink, double strength, const Paper& paper) {
  const InkFilm film(ink.colour, ink.opacity, strength);
  LinearRgb c = linearOf(paper.colour);
  for (size_t k = 0; k < 3; ++k) c[k] = c[k] * film.multiply[k] + film.add[k];
  const int side = qRound(18 * textScale());
  QPixmap dab(side, side);
  dab.fill(Qt::transparent);
  QPainter p(&dab);
  p.setRenderHint(QPainter::Antialiasing);
  p.setPen(QPen(theme().rule, 1));
  p.setBrush(QColor(qRound(srgbOf(c[0])), qRound(srgbOf(c[1])), qRound(srgbOf(c[2]))));
  p.drawRoundedRect(QRectF(1, 1, side - 2, side - 2), 4, 4);
  QIcon icon(dab);
  icon.addPixmap(dab, QIcon::Selected);  // a colour is not tinted by being chosen
  return icon;
}

}  // namespace

ColourPage::ColourPage(PlanSession& session, DrawerSession& drawer, PartFinder& parts, QWidget* parent)
    : QWidget(parent), m_session(session), m_drawer(drawer), m_parts(parts) {
  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(0, 0, 6, 0);
  column->setSpacing(8);
  column->addWidget(buildHand());
  column->addWidget(buildThing());
  column->addStretch(1);
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  outer->addWidget(rolled(inside));
  connect(&session, &PlanSession::planChanged, this, [this] { fillInks(), fillThing(); });
  connect(&session, &PlanSession::selectionChanged, this, &ColourPage::fillThing);
  connect(&parts, &PartFinder::found, this, &ColourPage::fillThing);
  fillInks();
  fillThing();
}

QWidget* ColourPage::buildHand() {
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  column->addWidget(inkLabel(tr("In hand"), bodyFont(QFont::DemiBold), theme().ink));
  m_inks = new ChoiceList;
  m_inks->setObjectName(QStringLiteral("handInks"));
  m_inks->setAccessibleName(tr("Colours"));
  m_inks->setFixedHeight(qRound(214 * textScale()));
  column->addWidget(m_inks);
  auto* scanned = plainButton(tr("A colour from a scan"));
  scanned->setToolTip(tr("a scan of patches of your inks and markers side by side on white paper"));
  column->addWidget(scanned);
  connect(scanned, &QPushButton::clicked, this, [this] {
    const std::vector<std::string> ids = SwatchDialog::ask(
        m_drawer, FileChooser::ask({tr("A scanned strip of your colours"), {picturesKind()}}, this), this);
    fillInks();
    if (!ids.empty()) m_inks->choose(QString::fromStdString(ids.front()));
  });
  auto* form = new FormRows;
  m_way = new QComboBox;
  for (ColourWay way : {ColourWay::Marker, ColourWay::Pencil, ColourWay::Brush, ColourWay::Blend})
    m_way->addItem(capital(wayName(way)), static_cast<int>(way));
  form->add(tr("With a"), m_way);
  m_shade = new QComboBox;
  for (Shade shade : {Shade::Flat, Shade::AwayFromLight, Shade::TowardLight, Shade::Edge})
    m_shade->addItem(capital(shadeName(shade)), static_cast<int>(shade));
  m_shade->setCurrentIndex(1);
  form->add(tr("Shaded"), m_shade);
  m_strength = new QSlider(Qt::Horizontal);
  m_strength->setRange(10, 100);
  m_strength->setValue(80);
  m_strengthWords = inkLabel({}, labelFont(), theme().soft);
  form->add(tr("Strength"), m_strength, m_strengthWords);
  column->addWidget(form);
  const auto changed = [this] {
    m_with.way = static_cast<ColourWay>(m_way->currentData().toInt());
    m_with.shade = static_cast<Shade>(m_shade->currentData().toInt());
    m_with.strength = m_strength->value() / 100.0;
    m_strengthWords->setText(tr("%1 %").arg(m_strength->value()));
    fillInks();
    Q_EMIT withChanged();
    Q_EMIT toolWanted(static_cast<int>(HandTool::Colour));
  };
  connect(m_way, &QComboBox::activated, this, changed);
  connect(m_shade, &QComboBox::activated, this, changed);
  connect(m_strength, &QSlider::valueChanged, this, changed);
  connect(m_inks, &ChoiceList::currentRowChanged, this, [this](int row) {
    if (row < 0 || ix(row) >= m_listed.size()) return;
    m_with.ink = m_listed[ix(row)].id;
    Q_EMIT withChanged();
    Q_EMIT toolWanted(static_cast<int>(HandTool::Colour));
  });
  m_with.shade = Shade::AwayFromLight;
  m_strengthWords->setText(tr("%1 %").arg(80));
  return box;
}

QWidget* ColourPage::buildThing() {
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  m_title = inkLabel({}, bodyFont(QFont::DemiBold), theme().ink, true);
  m_title->setObjectName(QStringLiteral("colouredThing"));
  column->addWidget(m_title);
  m_pointed = inkLabel({}, labelFont(), theme().soft, true);
  m_pointed->setObjectName(QStringLiteral("pointedPart"));
  m_pointed->setMinimumHeight(qRound(18 * textScale()));
  column->addWidget(m_pointed);
  auto* acts = new QHBoxLayout;
  const auto button = [&](const QString& text, const QString& tip, const char* name) {
    auto* b = plainButton(text);
    b->setToolTip(tip);
    b->setObjectName(QLatin1String(name));
    acts->addWidget(b);
    return b;
  };
  m_rest =
      button(tr("Fill the rest"), tr("every part that has no colour yet, in the colour in hand"), "fillRest");
  m_vary =
      button(tr("Vary"), tr("each part a little stronger or paler, so that copies are no clones"), "vary");
  m_clear = button(tr("Clear"), tr("no colour at all"), "clearColour");
  auto* paler = button(tr("Paler far off"),
                       tr("every colour of the card paler with the distance of its thing"), "palerFarOff");
  connect(paler, &QPushButton::clicked, this, [this] {
    std::vector<double> distances;
    for (size_t i = 0; i < m_session.plan().impressions.size(); ++i)
      distances.push_back(m_session.analysis()->depth->distance_m(static_cast<int>(i)));
    m_session.edit(tr("Colours paler with distance"), withPalerColoursFarOff(m_session.plan(), distances));
  });
  acts->addStretch(1);
  column->addLayout(acts);
  m_alike = new QComboBox;
  m_alike->setObjectName(QStringLiteral("colouredLike"));
  m_alike->setAccessibleName(tr("Coloured like"));
  m_alike->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_own = nullptr;
  column->addWidget(m_alike);
  m_list = new KeyedRows;
  m_list->grid()->setColumnStretch(0, 1);
  m_list->grid()->setVerticalSpacing(3);
  column->addWidget(m_list);

  const auto id = [this] { return m_session.plan().impressions[ix(thing())].id; };
  connect(m_rest, &QPushButton::clicked, this, [this, id] {
    if (thing() < 0) return;
    Plan plan = m_session.plan();
    ColourIn with = m_with;
    if (const auto held = ink()) with.ink = addInk(plan, *held);
    m_session.edit(tr("Fill the rest of %1").arg(nameOf(plan, thing())), withRestColoured(plan, id(), with));
  });
  connect(m_vary, &QPushButton::clicked, this, [this, id] {
    if (thing() < 0) return;
    m_session.edit(tr("Vary the colours of %1").arg(nameOf(m_session.plan(), thing())),
                   withVariedColouring(m_session.plan(), id(), ++m_seed));
  });
  connect(m_clear, &QPushButton::clicked, this, [this, id] {
    if (thing() < 0) return;
    m_session.edit(tr("Take all colour off %1").arg(nameOf(m_session.plan(), thing())),
                   withoutColouring(m_session.plan(), id()));
  });
  connect(m_alike, &QComboBox::activated, this, [this, id](int row) {
    if (thing() < 0) return;
    const Plan& plan = m_session.plan();
    const std::string other = m_alike->itemData(row).toString().toStdString();
    const int from = plan.indexOf(other);
    const QString name = nameOf(plan, thing());
    if (other.empty()) {
      m_session.edit(tr("Colour %1 by itself").arg(name), colouredLike(plan, id(), {}));
    } else if (plan.impressions[ix(from)].stamp == plan.impressions[ix(thing())].stamp) {
      m_session.edit(tr("Colour %1 like %2").arg(name, nameOf(plan, from)), colouredLike(plan, id(), other));
    } else if (m_parts.of(thing()) && m_parts.of(from)) {
      m_session.edit(tr("Colour %1 like %2").arg(name, nameOf(plan, from)),
                     withColoursOf(plan, id(), *m_parts.of(thing()), other, *m_parts.of(from)));
    }
  });
  return box;
}

/// What the parts of a stamp are called is kept with it in the drawer.
void ColourPage::keepNames(const std::string& id) {
  const StampRef stamp = m_session.plan().stamp(id);
  if (!stamp || !m_drawer.isOpen() || m_drawer.readOnly()) return;
  const std::string key = m_drawer.keyOf(*stamp);
  const auto known = key.empty() ? nullptr : m_drawer.stamp(key);
  if (!known || known->stamp.regions == stamp->regions) return;
  DrawerStamp named = *known;
  named.stamp.regions = stamp->regions;
  m_drawer.put(named);
}

int ColourPage::thing() const { return m_session.selectedIndex(); }

std::optional<Ink> ColourPage::ink() const {
  for (const Ink& ink : m_listed)
    if (ink.id == m_with.ink) return ink;
  return {};
}

void ColourPage::fillInks() {
  const Plan& plan = m_session.plan();
  m_listed = m_drawer.inksWith(plan);
  std::vector<ChoiceRow> rows;
  for (size_t k = 0; k < m_listed.size(); ++k) {
    const Ink& ink = m_listed[k];
    ChoiceRow row;
    row.key = QString::fromStdString(ink.id);
    row.text = inkName(ink);
    row.icon = dabOf(ink, m_with.strength, plan.card.paper);
    row.iconKey = (ink.colour.red << 16 | ink.colour.green << 8 | ink.colour.blue) * 1000LL +
                  qRound(100 * m_with.strength);
    row.tip = k < plan.inks.size() ? tr("in this plan") : tr("in the drawer");
    rows.push_back(std::move(row));
  }
  m_inks->setRows(std::move(rows));
  if (!ink() && !m_listed.empty()) m_with.ink = m_listed.front().id;
  m_inks->choose(QString::fromStdString(m_with.ink));
}

void ColourPage::takeUp(int colouring) {
  const Colouring& c = m_session.plan().colourings[ix(colouring)];
  if (c.bare) return;
  m_with = {c.ink, c.way, c.shade, c.strength};
  const QSignalBlocker one(m_way), two(m_shade), three(m_strength), four(m_inks);
  m_way->setCurrentIndex(m_way->findData(static_cast<int>(c.way)));
  m_shade->setCurrentIndex(m_shade->findData(static_cast<int>(c.shade)));
  m_strength->setValue(qRound(100 * c.strength));
  m_strengthWords->setText(tr("%1 %").arg(m_strength->value()));
  fillInks();
  Q_EMIT withChanged();
  Q_EMIT toolWanted(static_cast<int>(HandTool::Colour));
}

void ColourPage::pointAt(const PartAt& part) {
  const Plan& plan = m_session.plan();
  const RegionsRef regions = part ? m_parts.of(part.thing) : nullptr;
  if (!regions || ix(part.part) >= regions->all().size()) {
    showText(m_pointed,
             part.thing >= 0
                 ? tr("%1: here is a line, or too little room for a point").arg(labelOf(plan, part.thing))
                 : QString());
    return;
  }
  const Region& r = regions->all()[ix(part.part)];
  QString words = tr("%1, %2: %3 mm²")
                      .arg(labelOf(plan, part.thing),
                           r.name.empty() ? tr("part %1").arg(part.part + 1) : QString::fromStdString(r.name))
                      .arg(r.area_mm2, 0, 'f', r.area_mm2 < 10 ? 1 : 0);
  const int c = colouringOf(plan, plan.impressions[ix(part.thing)].id, *regions, part.part);
  if (c >= 0) words += QStringLiteral("; ") + colouringDetail(plan, plan.colourings[ix(c)]);
  if (r.open_mm > 3) words += tr("; open for %1 mm").arg(qRound(r.open_mm));
  showText(m_pointed, words);
}

void ColourPage::fillThing() {
  const Plan& plan = m_session.plan();
  const int i = thing();
  const RegionsRef regions = m_parts.of(i);
  for (QWidget* w : std::initializer_list<QWidget*>{m_rest, m_vary, m_clear, m_alike, m_list})
    w->setVisible(i >= 0);
  if (i < 0) {
    showText(m_title,
             tr("Click a part of anything on the card; keep the button down to sweep over several."));
    return;
  }
  const Impression& own = plan.impressions[ix(i)];
  showText(m_title,
           regions ? tr("%1, %2 parts").arg(labelOf(plan, i)).arg(regions->all().size()) : labelOf(plan, i));
  m_rest->setEnabled(regions && !regions->all().empty());
  const bool coloured =
      !own.like.empty() || std::any_of(plan.colourings.begin(), plan.colourings.end(),
                                       [&](const Colouring& c) { return c.impression == own.id; });
  m_vary->setEnabled(coloured), m_clear->setEnabled(coloured);
  {
    const QSignalBlocker still(m_alike);
    m_alike->clear();
    m_alike->addItem(tr("Coloured by itself"), QString());
    for (size_t k = 0; k < plan.impressions.size(); ++k) {
      const Impression& other = plan.impressions[k];
      const bool has = std::any_of(plan.colourings.begin(), plan.colourings.end(),
                                   [&](const Colouring& c) { return c.impression == other.id; });
      if (static_cast<int>(k) == i || !has) continue;
      m_alike->addItem(other.stamp == own.stamp
                           ? tr("Shares the colours of %1").arg(nameOf(plan, static_cast<int>(k)))
                           : tr("Takes the colours of %1").arg(nameOf(plan, static_cast<int>(k))),
                       QString::fromStdString(other.id));
    }
    const int row = m_alike->findData(QString::fromStdString(own.like));
    m_alike->setCurrentIndex(std::max(0, row));
    m_alike->setVisible(m_alike->count() > 1);
  }
  const std::string& whose = own.like.empty() ? own.id : own.like;
  m_list->begin();
  for (const HandWork& work : m_session.analysis()->hand->all()) {
    if (work.act.kind != ByHand::Colour || work.act.shared) continue;
    const Colouring& c = plan.colourings[ix(work.act.index)];
    if (c.impression != whose) continue;
    m_list->next(QString::fromStdString(c.id));
    m_list->label(capital(partName(plan, *m_session.analysis(), work)), bodyFont(), theme().ink);
    m_list->label(colouringDetail(plan, c), labelFont(), theme().soft, true);
    m_list->cell<QPushButton>([this, id = c.id] {
      auto* b = plainButton(tr("Name"));
      b->setToolTip(tr("give this part a name; it is kept with the stamp"));
      connect(b, &QPushButton::clicked, this, [this, id] {
        const Plan& now = m_session.plan();
        const auto c2 = std::find_if(now.colourings.begin(), now.colourings.end(),
                                     [&](const Colouring& x) { return x.id == id; });
        const int whom = c2 == now.colourings.end() ? -1 : now.indexOf(c2->impression);
        const RegionsRef found = m_parts.of(whom);
        if (!found) return;
        const std::vector<int> which = found->chosen(c2->region);
        if (which.size() != 1) return;
        const QString was = QString::fromStdString(found->all()[ix(which[0])].name);
        askForWords(
            {tr("Name of the part"), tr("What is it? “coat”, “left ear”"), tr("Call it so")}, was, this,
            [this, found, part = which[0], thing = now.impressions[ix(whom)].id](const QString& name) {
              const Plan& then = m_session.plan();
              const int there = then.indexOf(thing);
              if (there < 0) return;
              const std::string stamp = then.impressions[ix(there)].stamp;
              m_session.edit(tr("Name a part"),
                             withRegionName(then, stamp, *found, part, name.toStdString()));
              keepNames(stamp);
            });
      });
      return b;
    });
  }
  m_list->end(false);
}

}  // namespace havlo
