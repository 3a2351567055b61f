#include "app/shell/errands.h"

#include <QCoreApplication>
#include <QDialog>
#include <QFile>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>
#include <algorithm>

#include "app/common/form_rows.h"
#include "app/shell/places.h"
#include "app/theme/theme.h"
#include "core/card/card_fit.h"
#include "core/colour/colour.h"
#include "core/edit/card_edits.h"
#include "core/edit/making_edits.h"
#include "core/edit/remedies.h"

namespace havlo {

Errands::Errands(const Workshop& workshop, QWidget* window)
    : QObject(window),
      m_workshop(workshop),
      m_printing(new Printing(workshop.session, workshop.art, window)),
      m_exporting(new Exporting(workshop.session, workshop.art, window)) {
  connect(m_printing, &Printing::noPrinter, this, [this](const PrintWish& wish) {
    trouble(
        tr("No printer is set up on this computer, so the %1 cannot be printed here.").arg(nameOf(wish.kind)),
        {{tr("Save it as a PDF"), [this, wish] { m_printing->exportPdf(wish); }}});
  });
}

void Errands::openDemo(const QString& name) {
  QFile file(QStringLiteral(":/demo/%1.havlo").arg(name));
  if (!file.open(QIODevice::ReadOnly)) return;
  auto read = readPlan(file.readAll().toStdString());
  if (read) m_workshop.session.start(std::move(read).value().plan);
}

void Errands::startLesson(const QString& id) {
  QFile file(QStringLiteral(":/demo/canal-towpath.havlo"));
  if (!file.open(QIODevice::ReadOnly)) return;
  const auto demo = readPlan(file.readAll().toStdString());
  if (!demo) return;
  for (const Lesson& lesson : allLessons()) {
    if (lesson.id != id) continue;
    m_workshop.session.start(lesson.begin(demo.value().plan));
    visit(homePlace());
    Q_EMIT lessonStarted(lesson);
  }
}

void Errands::beginACard() {
  visit(QStringLiteral("card"));
  startNewCard();
}

void Errands::askHowToBegin() { visit(QStringLiteral("begin")); }

void Errands::offerStamps() {
  visit(homePlace());
  Q_EMIT stampsOffered();
}

void Errands::offerAScan() {
  visit(QStringLiteral("drawer"));
  Q_EMIT scanOffered();
}

void Errands::startNewCard() {
  // A folded base of a usual size in the maker's units, the panel on it with an eighth of an inch or 3 mm
  // showing.
  const bool inches = m_workshop.session.units() == MeasureStyle::Inches;
  startNewCard(inches ? 4.25 * kMmPerInch : 105, inches ? 5.5 * kMmPerInch : 148);
}

void Errands::startNewCard(double width_mm, double height_mm) {
  const bool inches = m_workshop.session.units() == MeasureStyle::Inches;
  Card card;
  CardBase base;
  base.width_mm = width_mm, base.height_mm = height_mm;
  card = onBase(card, base, inches ? kMmPerInch / 8 : 3);
  Plan plan = newPlan(card);
  plan.inks = inksAtHand();
  plan.making.leftHanded = QSettings().value(QStringLiteral("maker/leftHanded"), false).toBool();
  m_workshop.session.start(std::move(plan));
}

/// The drawer's inks, the darkest that is no powder's ink first: with it a first stamp is stamped. From an
/// empty drawer a plain black one.
std::vector<Ink> Errands::inksAtHand() {
  std::vector<Ink> out;
  if (m_workshop.drawer.open()) out = m_workshop.drawer.inks();
  if (out.empty()) {
    Ink black;
    black.id = "black", black.name = tr("Black").toStdString(), black.kind = InkKind::Archival;
    black.colour = {0x22, 0x22, 0x26};
    return {black};
  }
  const auto rank = [](const Ink& ink) {
    return lightnessOf(ink.colour) +
           (ink.kind == InkKind::Embossing || ink.kind == InkKind::Marker ? 100 : 0);
  };
  const auto first =
      std::min_element(out.begin(), out.end(), [&](const Ink& a, const Ink& b) { return rank(a) < rank(b); });
  std::rotate(out.begin(), first, first + 1);
  return out;
}

void Errands::putOnCard(const QString& key, std::optional<Point> foot) {
  const auto whole = m_workshop.drawer.stamp(key.toStdString());
  if (!whole) return;
  Plan plan = m_workshop.session.plan();
  if (plan.inks.empty()) plan.inks = inksAtHand();
  const PlanWithStamp held = withStamp(plan, whole->stamp);
  visit(homePlace());
  Q_EMIT stampHeld(held.plan, held.stamp, foot);
}

void Errands::useDrawerMasks() {
  if (!m_workshop.drawer.open()) return;
  std::vector<MaskAtHand> found;
  for (const KeptMask& mask : m_workshop.drawer.masks())
    for (const StampRef& stamp : m_workshop.session.plan().stamps)
      if (mask.usesLeft > 0 && m_workshop.drawer.keyOf(*stamp) == mask.stamp)
        found.push_back({stamp->id, mask.usesLeft, mask.key, {}});
  if (found.empty() && m_workshop.session.plan().supplies.masksAtHand.empty())
    return notice(
        tr("The drawer keeps no mask of these stamps. After a card is made, its masks can be kept."));
  const int before = m_workshop.session.analysis()->masksToCut();
  m_workshop.session.edit(tr("Use masks from the drawer"), withMasksAtHand(m_workshop.session.plan(), found));
  notice(tr("%1 kept masks are used first: %2 to cut instead of %3.")
             .arg(found.size())
             .arg(m_workshop.session.analysis()->masksToCut())
             .arg(before));
}

/// The drawer is opened when the scene first asks it something; whole stamps are read only for those that may
/// do.
DrawerHelp Errands::drawerHelp() {
  DrawerHelp help;
  help.owned = [this](size_t most) {
    std::vector<OwnedStamp> out;
    // A drawer that nobody looked into yet is not opened for this.
    if (!m_workshop.drawer.isOpen() && !QFile::exists(m_workshop.drawer.file())) return out;
    if (!m_workshop.drawer.open()) return out;
    for (const DrawerCard& card : m_workshop.drawer.index().cards()) {
      if (out.size() >= most) break;
      if (const auto whole = m_workshop.drawer.stamp(card.key))
        out.push_back({card.key, StampRef(whole, &whole->stamp)});
    }
    return out;
  };
  help.like = [this](const Stamp& stamp) {
    std::vector<StampRef> out;
    if (!m_workshop.drawer.open()) return out;
    for (const DrawerCard& card : m_workshop.drawer.index().cards()) {
      Stamp light;
      light.name = card.name, light.role = card.role, light.realHeight = card.realHeight;
      if (!sameThing(light, stamp) || card.key == stamp.drawer) continue;
      if (const auto whole = m_workshop.drawer.stamp(card.key))
        out.push_back(std::make_shared<const Stamp>(whole->stamp));
    }
    return out;
  };
  help.fitting = [this](double distance_m) {
    std::vector<std::pair<std::string, std::string>> out;
    if (!m_workshop.drawer.open() || !m_workshop.session.plan().view) return out;
    StampWish wish;
    wish.fitsAt_m = distance_m;
    wish.view = m_workshop.session.plan().view;
    for (const int k : m_workshop.drawer.index().find(wish)) {
      const DrawerCard& card = m_workshop.drawer.index().cards()[ix(k)];
      const auto& held = m_workshop.session.plan().stamps;
      const bool known =
          std::any_of(held.begin(), held.end(), [&](const StampRef& s) { return s->drawer == card.key; });
      if (!known) out.emplace_back(card.key, card.name);
    }
    return out;
  };
  return help;
}

void Errands::about() {
  auto* sheet = new QDialog(qobject_cast<QWidget*>(parent()));
  sheet->setObjectName(QStringLiteral("about"));
  sheet->setAttribute(Qt::WA_DeleteOnClose);
  sheet->setWindowTitle(tr("About Havlo"));
  auto* column = new QVBoxLayout(sheet);
  asSheet(column);
  column->setSpacing(10);
  column->addWidget(inkLabel(QStringLiteral("Havlo ") + QCoreApplication::applicationVersion(), headingFont(),
                             theme().ink));
  column->addWidget(inkLabel(tr("Plans scene cards from rubber stamps, proves the plan by simulating it, and "
                                "leads you through the work."),
                             bodyFont(), theme().ink, true));
  column->addWidget(inkLabel(tr("Free software under the GNU General Public License, version 3 or later. The "
                                "type family Inter is under the SIL Open Font License."),
                             labelFont(), theme().soft, true));
  auto* back = plainButton(tr("Back to the card"));
  connect(back, &QPushButton::clicked, sheet, &QDialog::accept);
  column->addWidget(back, 0, Qt::AlignRight);
  sheet->setMinimumWidth(qRound(380 * textScale()));
  sheet->open();
}

}  // namespace havlo
