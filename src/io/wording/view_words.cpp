#include "io/wording/view_words.h"

#include <QStringList>
#include <cmath>

#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

QString length(double mm, MeasureStyle style) {
  return spoken(writeMeasure(Millimetres{std::fabs(mm)}, style));
}

QString metres(double m) {
  return m < 1 ? tr("%1 cm").arg(qRound(m * 100)) : tr("%1 m").arg(m, 0, 'f', m < 10 ? 1 : 0);
}

}  // namespace

QString kindName(GroundKind kind) {
  switch (kind) {
    case GroundKind::Path:
      return tr("path");
    case GroundKind::Canal:
      return tr("canal");
    case GroundKind::Rails:
      return tr("rails");
    case GroundKind::Wall:
      return tr("wall");
    case GroundKind::Water:
      return tr("water lines");
    case GroundKind::Ripples:
      return tr("ripples");
    case GroundKind::Shadow:
      return tr("shadow");
  }
  return {};
}

QString markName(const GroundMark& m) {
  return m.name.empty() ? tr("the %1").arg(kindName(m.kind))
                        : tr("the %1").arg(QString::fromStdString(m.name).toLower());
}

QString litName(LitFrom from) {
  switch (from) {
    case LitFrom::Left:
      return tr("from the left");
    case LitFrom::Right:
      return tr("from the right");
    case LitFrom::Front:
      return tr("from the front");
    case LitFrom::Behind:
      return tr("from behind");
    case LitFrom::Unsaid:
      break;
  }
  return tr("as the light falls");
}

QString remedyWords(const Plan& plan, const Remedy& r, MeasureStyle style) {
  switch (r.what) {
    case Remedy::What::MoveFoot:
      return (r.by_mm < 0 ? tr("Move its foot %1 down") : tr("Move its foot %1 up"))
          .arg(length(r.by_mm, style));
    case Remedy::What::RunOffEdge:
      return tr("Let it run off the bottom edge, %1 lower").arg(length(r.by_mm, style));
    case Remedy::What::AnotherSize:
      return tr("Take %1 instead").arg(QString::fromStdString(r.stamp));
    case Remedy::What::HideFoot:
      return std::fabs(r.by_mm) < 0.05 ? tr("Let %1 hide its foot").arg(nameOf(plan, r.other))
                                       : tr("Hide its foot behind %1, %2 to the %3")
                                             .arg(nameOf(plan, r.other), length(r.by_mm, style),
                                                  r.by_mm < 0 ? tr("left") : tr("right"));
    case Remedy::What::MoveHorizon:
      return (r.by_mm < 0 ? tr("Lower the horizon by %1") : tr("Raise the horizon by %1"))
          .arg(length(r.by_mm, style));
    case Remedy::What::MoveEyes:
      return tr("Look from a height of %1").arg(metres(r.now_m));
    case Remedy::What::TellHeight:
      return tr("Say that it is %1 tall in this story").arg(metres(r.now_m));
  }
  return {};
}

QString costWords(const Plan&, const Remedy& r) {
  QStringList out;
  if (r.what == Remedy::What::RunOffEdge) out << tr("%1 % of it is lost").arg(qRound(100 * r.hidden_share));
  if (r.what == Remedy::What::HideFoot) out << tr("its foot must stay hidden");
  if (r.spoils > 0)
    out << (r.spoils == 1 ? tr("one other thing no longer fits")
                          : tr("%1 other things no longer fit").arg(r.spoils));
  if (r.mends > 1) out << tr("mends %1 things at once").arg(r.mends);
  return out.isEmpty() ? tr("costs nothing else") : out.join(QStringLiteral("; "));
}

QString foundWords(const Plan& plan, const FoundView& found, MeasureStyle style) {
  QStringList out;
  const bool off = found.horizon_mm > plan.card.panel.height_mm || found.horizon_mm <= 0;
  out << (off ? tr("The horizon would have to lie off the card, at %1.") : tr("The horizon belongs at %1."))
             .arg(spoken(writeMeasure(Millimetres{found.horizon_mm}, style)));
  int against = 0;
  for (const HorizonWord& w : found.words) against += !w.agrees;
  if (found.odd >= 0) {
    out << tr("%1 disagrees with all the others.").arg(labelOf(plan, found.odd));
  } else if (against == 0) {
    out << (found.words.size() == 1 ? tr("%1 says so.").arg(labelOf(plan, found.words[0].impression))
                                    : tr("All %1 things agree.").arg(found.words.size()));
  } else {
    out << tr("%1 of %2 things would not be at their right size.").arg(against).arg(found.words.size());
  }
  return out.join(u' ');
}

QString rowWords(const RowWish& wish, const RowPlan& row) {
  int wrong = 0, lost = 0;
  for (const RowPlace& p : row.places) wrong += !p.fits, lost += !p.seen;
  QStringList out;
  out << tr("%1 in the row, %2 apart.").arg(row.places.size()).arg(metres(row.spacing_m));
  if (wrong == 0) {
    out << tr("Every one stands at its right size.");
  } else {
    const RowPlace* worst = &row.places[0];
    for (const RowPlace& p : row.places)
      if (std::fabs(std::log(p.ratio)) > std::fabs(std::log(worst->ratio))) worst = &p;
    const double by = worst->ratio > 1 ? worst->ratio : 1 / worst->ratio;
    out << (worst->ratio > 1 ? tr("Not at their right size: %1; the worst is %2 times too tall.")
                             : tr("Not at their right size: %1; the worst is %2 times too small."))
               .arg(wrong)
               .arg(by, 0, 'f', 1);
    if (wish.sizes.size() == 1)
      out << tr("There is one size only: paler pressings and the spacing must do the rest.");
  }
  if (lost > 0) out << tr("%1 would lie off the card and are left out.").arg(lost);
  return out.join(u' ');
}

QString lightWords(const Plan& plan) {
  const auto light = sceneLight(plan);
  if (!light) return tr("no light said");
  if (light->nearBy)
    return tr("a light near by, %1 above the ground").arg(metres(light->at.up)) +
           (light->raised ? tr(" (raised off the ground)") : QString());
  const double level = std::atan2(light->at.away, light->at.x) * 180 / 3.14159265358979323846;
  const double high = std::asin(std::min(1.0, light->at.up)) * 180 / 3.14159265358979323846;
  const char* sides[] = {QT_TR_NOOP("from the right"),      QT_TR_NOOP("ahead to the right"),
                         QT_TR_NOOP("straight ahead"),      QT_TR_NOOP("ahead to the left"),
                         QT_TR_NOOP("from the left"),       QT_TR_NOOP("behind you, to the left"),
                         QT_TR_NOOP("straight behind you"), QT_TR_NOOP("behind you, to the right")};
  const int side = static_cast<int>(std::lround(level / 45 + 8)) % 8;
  return tr("sun or moon %1, %2° high").arg(tr(sides[side])).arg(qRound(high)) +
         (light->raised ? tr(" (taken a degree above the horizon)") : QString());
}

}  // namespace havlo
