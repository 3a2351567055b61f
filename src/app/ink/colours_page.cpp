#include "app/ink/colours_page.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QPainter>
#include <QPushButton>
#include <algorithm>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/session/drawer_session.h"
#include "core/edit/edits.h"
#include "core/edit/wash_edits.h"
#include "io/art/picture.h"
#include "io/art/shape_path.h"
#include "io/art/svg_art.h"
#include "io/wording/focus_words.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

/// Three colours as they would lie: sky over ground, the hero on both.
class PaletteStrip : public QWidget {
 public:
  PaletteStrip() { setFixedSize(qRound(64 * textScale()), qRound(40 * textScale())); }
  void show(Colour sky, Colour ground, Colour hero) {
    m_sky = sky, m_ground = ground, m_hero = hero;
    update();
  }

 protected:
  void paintEvent(QPaintEvent*) override {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const auto q = [](Colour c) { return colourOf(c); };
    p.fillRect(QRect(0, 0, width(), height() / 2), q(m_sky));
    p.fillRect(QRect(0, height() / 2, width(), height() - height() / 2), q(m_ground));
    p.setPen(Qt::NoPen);
    p.setBrush(q(m_hero));
    p.drawEllipse(QPointF(width() / 2.0, height() / 2.0), height() * 0.28, height() * 0.28);
    p.setPen(QPen(theme().rule, 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(rect().adjusted(0, 0, -1, -1));
  }

 private:
  Colour m_sky, m_ground, m_hero;
};

Colour washed(const Ink& ink, const Paper& paper) {
  const LinearRgb c = throughFilm(linearOf(paper.colour), linearOf(ink.colour), 0.6);
  const auto byte = [](float v) {
    return static_cast<unsigned char>(std::lround(255 * channelOf(static_cast<double>(v))));
  };
  return {byte(c[0]), byte(c[1]), byte(c[2])};
}

QString paperName(const Paper& paper, bool own) {
  const QString name = QString::fromStdString(paper.name);
  return own ? ColoursPage::tr("as it is") : name.isEmpty() ? ColoursPage::tr("this paper") : name;
}

}  // namespace

ColoursPage::ColoursPage(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
                         QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_drawer(drawer),
      m_art(std::move(art)),
      m_job(new Job<Result<std::vector<PaperTrial>>>(this)) {
  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(0, 0, 6, 0);
  column->setSpacing(8);
  const auto head = [&](const QString& title, const QString& says) {
    column->addWidget(inkLabel(title, bodyFont(QFont::DemiBold), theme().ink));
    column->addWidget(inkLabel(says, labelFont(), theme().soft, true));
  };
  head(tr("On what paper"), tr("The same card on each, and how much of the pull the hero has there."));
  column->addWidget(m_papers = new KeyedRows);
  head(tr("On what base"), tr("The card as it is before a light, a toned and a dark base or mat."));
  column->addWidget(m_bases = new KeyedRows);
  column->addSpacing(4);
  head(tr("Palettes"),
       tr("From this plan's inks and the drawer's: sky, ground, and a hero that stands off most from both."));
  column->addWidget(m_palettes = new KeyedRows);
  m_palettes->grid()->setColumnStretch(1, 1);
  auto* greys = drawnButton("act-hero", tr("One colour among greys"));
  greys->setObjectName(QStringLiteral("amongGreys"));
  greys->setToolTip(tr("The hero keeps its colour; everything else is stamped and blended in greys."));
  column->addWidget(greys, 0, Qt::AlignLeft);
  column->addSpacing(4);
  head(tr("What stands out"),
       tr("Each thing against what really lies around it. Below 10 it sinks in at a glance."));
  column->addWidget(m_contrasts = new KeyedRows);
  m_contrasts->grid()->setVerticalSpacing(3);
  m_contrasts->grid()->setColumnStretch(1, 1);
  column->addStretch(1);
  auto* outer = new QVBoxLayout(this);
  outer->setContentsMargins(0, 0, 0, 0);
  outer->addWidget(rolled(inside));
  connect(greys, &QPushButton::clicked, this,
          [this] { m_session.edit(tr("One colour among greys"), oneColourAmongGreys(m_session.plan())); });
  connect(&session, &PlanSession::planChanged, this, [this] {
    m_stale = true;
    if (isVisible()) work();
  });
  connect(&session, &PlanSession::looksChanged, this, [this] {
    if (isVisible()) fillContrasts();
  });
}

void ColoursPage::showEvent(QShowEvent*) {
  if (m_stale) work();
}

void ColoursPage::beginWork() {
  if (m_stale) work();
}

void ColoursPage::work() {
  m_stale = false;
  fillContrasts();
  fillPalettes();
  m_job->run(
      [plan = m_session.snapshot(), art = m_art](const Progress& progress) {
        return tryPapers(*plan, papersToTry(*plan), art.get(), progress);
      },
      [this](Result<std::vector<PaperTrial>> trials) {
        if (!trials) return;
        showPapers(trials.value());
        for (const PaperTrial& t : trials.value())
          if (t.paper.colour == m_session.plan().card.paper.colour) showBases(t.card);
      });
}

void ColoursPage::fillContrasts() {
  m_contrasts->begin();
  const auto& looks = m_session.scene()->looks;
  const Plan& plan = m_session.plan();
  if (!looks || !looks->fits(plan)) return m_contrasts->end(false);
  std::vector<int> order;
  for (size_t i = 0; i < looks->standouts.size(); ++i)
    if (looks->standouts[i].shows) order.push_back(static_cast<int>(i));
  std::stable_sort(order.begin(), order.end(), [&](int p, int q) {
    return looks->standouts[ix(p)].difference < looks->standouts[ix(q)].difference;
  });
  for (int i : order) {
    const Impression& thing = plan.impressions[ix(i)];
    const Standout& s = looks->standouts[ix(i)];
    m_contrasts->next(QString::fromStdString(thing.id));
    m_contrasts->label(labelOf(plan, i), bodyFont(thing.hero ? QFont::DemiBold : QFont::Normal), theme().ink);
    showInks(*m_contrasts->cell<QComboBox>([this, id = thing.id] { return inkChoice(id); }), i);
    const bool sinks = s.difference < 10;
    m_contrasts->label(tr("%1 apart").arg(s.difference, 0, 'f', 0),
                       bodyFont(sinks ? QFont::DemiBold : QFont::Normal),
                       sinks ? theme().ochre : theme().soft);
  }
  m_contrasts->end(false);
}

QComboBox* ColoursPage::inkChoice(const std::string& id) {
  auto* ink = new QComboBox;
  ink->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  ink->setMinimumContentsLength(8);
  connect(ink, &QComboBox::activated, this, [this, ink, id](int k) {
    const int i = m_session.plan().indexOf(id);
    if (i < 0) return;
    const QStringList wish = ink->itemData(k).toStringList();
    m_session.edit(tr("Stamp %1 in %2").arg(nameOf(m_session.plan(), i), ink->itemText(k)),
                   withInk(m_session.plan(), id, wish[0].toStdString(), wish[1].toInt()));
  });
  return ink;
}

void ColoursPage::showInks(QComboBox& choice, int impression) {
  const Plan& plan = m_session.plan();
  const Impression& thing = plan.impressions[ix(impression)];
  choice.setAccessibleName(tr("Ink of %1").arg(nameOf(plan, impression)));
  constexpr int kPressings = 3;
  int row = 0;
  for (const Ink& one : plan.inks)
    for (int g = 1; g <= kPressings; ++g, ++row) {
      const QString text = inkName(one) + QStringLiteral(", ") + pressingName(g);
      const QStringList which{QString::fromStdString(one.id), QString::number(g)};
      if (row == choice.count()) choice.addItem(text);
      choice.setItemText(row, text);
      choice.setItemData(row, which);
    }
  while (choice.count() > row) choice.removeItem(choice.count() - 1);
  choice.setCurrentIndex(
      choice.findData(QStringList{QString::fromStdString(thing.ink), QString::number(thing.generation)}));
}

void ColoursPage::fillPalettes() {
  const Plan& plan = m_session.plan();
  m_inks = m_drawer.inksWith(plan);
  m_choices = proposePalettes(m_inks, plan.card.paper);
  m_palettes->begin();
  if (m_choices.empty()) {
    m_palettes->next(QStringLiteral("none"));
    m_palettes->wide(3);
    m_palettes->label(tr("A palette wants three inks or more."), bodyFont(), theme().soft, true);
  }
  for (size_t k = 0; k < m_choices.size(); ++k) {
    const PaletteChoice& c = m_choices[k];
    const auto ink = [&](int i) -> const Ink& { return m_inks[ix(i)]; };
    m_palettes->next(QStringLiteral("palette-%1").arg(k));
    m_palettes->cell<PaletteStrip>([] { return new PaletteStrip; }, Qt::AlignTop)
        ->show(washed(ink(c.sky), plan.card.paper), washed(ink(c.ground), plan.card.paper),
               ink(c.hero).colour);
    m_palettes->label(paletteWords(m_inks, c), labelFont(), theme().soft, true);
    m_palettes->cell<QPushButton>(
        [this, k] {
          auto* take = plainButton(tr("Take it"));
          take->setObjectName(QStringLiteral("palette-%1").arg(k));
          connect(take, &QPushButton::clicked, this, [this, k] {
            if (k < m_choices.size())
              m_session.edit(tr("Take a palette"), withPalette(m_session.plan(), m_inks, m_choices[k]));
          });
          return take;
        },
        Qt::AlignTop);
  }
  m_palettes->end(false);
}

void ColoursPage::showPapers(const std::vector<PaperTrial>& trials) {
  m_papersTried.clear();
  std::vector<Sample> samples;
  for (const PaperTrial& t : trials) {
    const bool own = t.paper.colour == m_session.plan().card.paper.colour;
    QString says = capital(paperName(t.paper, own)) + QStringLiteral(": ");
    says += t.looks->hero < 0 ? tr("no hero") : tr("hero %1 %").arg(qRound(100 * t.looks->heroShare()));
    if (t.sunk > 0) says += tr(", %1 sink in").arg(t.sunk);
    if (!t.greetingLegible) says += tr(", greeting hard to read");
    samples.push_back({pictureOf(t.card), says, !own});
    m_papersTried.push_back(t.paper);
  }
  showSamples(*m_papers, samples, QStringLiteral("paper"), [this](size_t k) {
    if (k >= m_papersTried.size()) return;
    const Paper paper = m_papersTried[k];
    m_session.edit(tr("On %1 paper").arg(paperName(paper, false)), withPaper(m_session.plan(), paper));
  });
}

/// The card framed by each tone; what is taken becomes the outermost mat's colour.
void ColoursPage::showBases(const Canvas& card) {
  m_basesTried.clear();
  std::vector<Sample> samples;
  const QImage picture = pictureOf(card);
  const int rim = std::max(4, picture.width() / 14);
  const std::vector<Mat>& mats = m_session.plan().card.mats;
  for (const Paper& tone : papersToTry(m_session.plan())) {
    QImage framed(picture.size() + QSize(2 * rim, 2 * rim), QImage::Format_RGB32);
    framed.fill(colourOf(tone.colour));
    QPainter(&framed).drawImage(rim, rim, picture);
    samples.push_back(
        {framed,
         tr("%1: stands out %2")
             .arg(capital(paperName(tone, false)), standsOutWords(standsOffBy(card, tone.colour))),
         !mats.empty() && !(mats.back().colour == tone.colour)});
    m_basesTried.push_back(tone);
  }
  showSamples(*m_bases, samples, QStringLiteral("base"), [this](size_t k) {
    Plan plan = m_session.plan();
    if (k >= m_basesTried.size() || plan.card.mats.empty()) return;
    plan.card.mats.back().colour = m_basesTried[k].colour;
    m_session.edit(tr("A mat of %1 paper").arg(paperName(m_basesTried[k], false)), plan);
  });
}

/// Samples side by side, each with its words and a button to take it.
void ColoursPage::showSamples(KeyedRows& rows, const std::vector<Sample>& samples, const QString& name,
                              const std::function<void(size_t)>& take) {
  rows.begin();
  rows.next(QStringLiteral("pictures"));
  for (const Sample& s : samples)
    rows.cell<PictureBox>([] {
          auto* box = new PictureBox;
          box->setMinimumSize(90, 70);
          box->setFixedHeight(qRound(84 * textScale()));
          return box;
        })
        ->setPicture(s.picture);
  rows.next(QStringLiteral("words"));
  for (const Sample& s : samples) rows.label(s.says, labelFont(), theme().ink, true, Qt::AlignTop);
  rows.next(QStringLiteral("acts"));
  for (size_t k = 0; k < samples.size(); ++k) {
    rows.grid()->setColumnStretch(static_cast<int>(k), 1);
    if (!samples[k].mayTake) {
      rows.skip();
      continue;
    }
    rows.cell<QPushButton>(
        [&] {
          auto* button = plainButton(tr("Take it"));
          button->setObjectName(name + QStringLiteral("-%1").arg(k));
          connect(button, &QPushButton::clicked, this, [take, k] { take(k); });
          return button;
        },
        Qt::AlignLeft);
  }
  rows.end(false);
}

}  // namespace havlo
