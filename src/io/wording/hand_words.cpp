// One function per kind of work by hand.
#include "io/wording/hand_words.h"

#include <QStringList>
#include <algorithm>
#include <cmath>

#include "core/handwork/colouring.h"
#include "core/plan/hand_facts.h"
#include "io/wording/cautions.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

const HandWork& workOf(const Analysis& a, int hand) { return a.hand->all()[ix(hand)]; }

QString inkOf(const Plan& plan, const std::string& id) {
  const Ink* ink = plan.ink(id);
  return ink ? inkName(*ink) : QString::fromStdString(id);
}

StepWords colourWords(const Plan& plan, const Analysis& a, const Step& step) {
  StepWords w;
  const HandWork& first = workOf(a, step.hand.front());
  w.title = tr("Colour %1").arg(nameOf(plan, first.act.on));
  QStringList said;
  bool marker = false, brush = false;
  for (size_t k = 0; k < step.hand.size(); ++k) {
    const HandWork& work = workOf(a, step.hand[k]);
    const Colouring& c = plan.colourings[ix(work.act.index)];
    marker = marker || c.way == ColourWay::Marker, brush = brush || c.way == ColourWay::Brush;
    said << tr("%1. %2: %3").arg(k + 1).arg(partName(plan, a, work), colouringDetail(plan, c));
  }
  w.detail = said.join(QStringLiteral("; "));
  if (brush) w.detail += tr("; let one part dry before its neighbour");
  if (marker) w.care = cautionOf(Danger::Solvents);
  return w;
}

StepWords drawWords(const Plan& plan, const Analysis& a, const Step& step, MeasureStyle style) {
  StepWords w;
  double length = 0;
  QStringList names;
  bool ruled = false, lettering = false;
  QStringList letters, lettered;
  for (int h : step.hand) {
    const HandLine& line = plan.lines[ix(workOf(a, h).act.index)];
    length += workOf(a, h).length_mm;
    if (!line.text.empty()) {
      letters << tr("“%1”").arg(QString::fromStdString(line.text));
      lettered
          << tr("%1 on a base line %2 long that begins %3 from the left and %4 from the bottom, capitals "
                "%5 high")
                 .arg(letters.back(), lengthText(lengthOf(line.along), style),
                      lengthText(line.along.front().x, style), lengthText(line.along.front().y, style),
                      lengthText(line.height_mm, style));
      continue;
    }
    const QString name = line.name.empty() ? lineKindName(line.kind) : QString::fromStdString(line.name);
    if (!names.contains(name)) names << name;
    ruled = ruled || line.kind == LineKind::Room || line.kind == LineKind::Ground;
    lettering = lettering || line.kind == LineKind::Lettering;
  }
  const HandLine& first = plan.lines[ix(workOf(a, step.hand.front()).act.index)];
  w.title = ruled ? tr("Ink the pencilled lines") : lettering ? tr("Letter by hand") : tr("Draw by pen");
  if (workOf(a, step.hand.front()).act.on >= 0)
    w.title = tr("Draw by pen at %1").arg(nameOf(plan, workOf(a, step.hand.front()).act.on));
  if (!letters.isEmpty()) w.title = tr("Letter %1 by hand").arg(letters.join(tr(" and ")));
  const QString pen = tr("in %1, a %2 pen")
                          .arg(inkOf(plan, first.ink),
                               lengthText(first.width_mm, MeasureStyle::Millimetres));  // as pens are sold
  if (names.isEmpty()) {
    w.detail =
        tr("pencil %1; then %2; rub the pencil out when it is dry").arg(lettered.join(tr(" and ")), pen);
  } else {
    w.detail =
        tr("%1 %2, about %3 in all")
            .arg((names + lettered).join(QStringLiteral(", ")), pen, lengthText(std::ceil(length), style));
  }
  if (ruled) w.detail += tr("; along a ruler, and only where the line is to be seen");
  const HandWork& work = workOf(a, step.hand.front());
  if (work.dry_min > 2)
    w.detail += tr("; it dries slowly, keep the hand off for %1").arg(minutesWords(work.dry_min));
  return w;
}

StepWords accentWords(const Plan& plan, const Analysis& a, const Step& step, MeasureStyle style) {
  StepWords w;
  const Accent& first = plan.accents[ix(workOf(a, step.hand.front()).act.index)];
  w.title = tr("Put on %1").arg(accentName(first.kind));
  int count = 0;
  double dry = 0;
  QStringList where, inks;
  for (int h : step.hand) {
    const HandWork& work = workOf(a, h);
    const Accent& accent = plan.accents[ix(work.act.index)];
    if (!accent.region) count += work.count;
    dry = std::max(dry, work.dry_min);
    if (work.act.on >= 0 && !where.contains(nameOf(plan, work.act.on))) where << nameOf(plan, work.act.on);
    if (work.ink >= 0 && !inks.contains(inkName(plan.inks[ix(work.ink)])))
      inks << inkName(plan.inks[ix(work.ink)]);
  }
  QStringList said;
  if (count > 0) said << tr("%1 of %2 across").arg(count).arg(lengthText(first.size_mm, style));
  if (!inks.isEmpty()) said << tr("in %1").arg(inks.join(tr(" and ")));
  if (!where.isEmpty()) said << tr("on %1").arg(where.join(tr(" and ")));
  said << (plan.making.leftHanded ? tr("from the right, so that the hand stays off")
                                  : tr("from the left, so that the hand stays off"));
  if (dry > 1) said << tr("then let them be for %1").arg(minutesWords(dry));
  w.detail = said.join(QStringLiteral(", "));
  if (first.kind == AccentKind::Drops) w.care = cautionOf(Danger::Splashes);
  if (first.kind == AccentKind::Glitter) w.care = cautionOf(Danger::Glitter);
  if (first.kind == AccentKind::Sequin) w.care = cautionOf(Danger::SmallParts);
  if (first.kind == AccentKind::Gloss) w.care = cautionOf(Danger::Glue);
  return w;
}

StepWords liftWords(const Plan& plan, const Analysis& a, const Step& step, MeasureStyle style) {
  StepWords w;
  const Lift& first = plan.lifts[ix(workOf(a, step.hand.front()).act.index)];
  const auto wash = std::find_if(plan.washes.begin(), plan.washes.end(),
                                 [&](const Wash& one) { return one.id == first.wash; });
  int count = 0;
  for (int h : step.hand) count += workOf(a, h).count;
  w.title = tr("Take colour out of %1")
                .arg(wash == plan.washes.end() ? QString::fromStdString(first.wash) : washName(*wash));
  const QString places = (count == 1 ? tr("in one place") : tr("in %1 places").arg(count)) +
                         tr(", %1 across").arg(lengthText(first.size_mm, style));
  switch (first.with) {
    case LiftWith::Water:
      w.detail = tr("drops of water %1; count to ten, then dab them up").arg(places);
      break;
    case LiftWith::Cloth:
      w.detail = tr("with a damp cloth %1, a little at a time").arg(places);
      break;
    case LiftWith::Salt:
      w.detail = tr("damp it, strew grains of salt %1, and brush them off when all is dry").arg(places);
      break;
    case LiftWith::Sand:
      w.detail = tr("with a sand eraser %1, lightly, a little at a time").arg(places);
      w.care = cautionOf(Danger::Dust);
      break;
  }
  return w;
}

}  // namespace

QString wayName(ColourWay way) {
  switch (way) {
    case ColourWay::Marker:
      return tr("marker");
    case ColourWay::Pencil:
      return tr("pencil");
    case ColourWay::Brush:
      return tr("brush");
    case ColourWay::Blend:
      return tr("small blending tool");
  }
  return {};
}

QString shadeName(Shade shade) {
  switch (shade) {
    case Shade::Flat:
      return tr("even");
    case Shade::AwayFromLight:
      return tr("darker away from the light");
    case Shade::TowardLight:
      return tr("darker towards the light");
    case Shade::Edge:
      return tr("darker along its edge");
  }
  return {};
}

QString accentName(AccentKind kind) {
  switch (kind) {
    case AccentKind::Highlight:
      return tr("highlights");
    case AccentKind::Dot:
      return tr("dots");
    case AccentKind::Gloss:
      return tr("gloss");
    case AccentKind::Glitter:
      return tr("glitter");
    case AccentKind::Sequin:
      return tr("sequins");
    case AccentKind::Drops:
      return tr("flicked drops");
  }
  return {};
}

QString lineKindName(LineKind kind) {
  switch (kind) {
    case LineKind::Join:
      return tr("a line joined");
    case LineKind::Ground:
      return tr("lines of the ground");
    case LineKind::Room:
      return tr("lines of the room");
    case LineKind::Outline:
      return tr("an outline");
    case LineKind::Free:
      return tr("a line");
    case LineKind::Lettering:
      return tr("letters");
  }
  return {};
}

QString liftWithName(LiftWith with) {
  switch (with) {
    case LiftWith::Water:
      return tr("drops of water");
    case LiftWith::Cloth:
      return tr("a damp cloth");
    case LiftWith::Salt:
      return tr("salt");
    case LiftWith::Sand:
      return tr("a sand eraser");
  }
  return {};
}

QString partName(const Plan& plan, const Analysis& a, const HandWork& work) {
  const Colouring& c = plan.colourings[ix(work.act.index)];
  if (std::holds_alternative<AllRegions>(c.region)) return tr("all of it");
  if (std::holds_alternative<RestOfRegions>(c.region)) return tr("the rest");
  const StampRegions* regions =
      work.act.on < 0 || a.regions.empty() ? nullptr : a.regions[ix(a.stampOf[ix(work.act.on)])].get();
  const std::vector<int> parts = regions ? partsOf(plan, c, *regions) : std::vector<int>{};
  if (!parts.empty()) {
    const Region& r = regions->all()[ix(parts.front())];
    return r.name.empty() ? tr("part %1").arg(parts.front() + 1) : QString::fromStdString(r.name);
  }
  const auto* named = std::get_if<NamedRegion>(&c.region);
  return named ? QString::fromStdString(named->id) : tr("a part");
}

QString colouringDetail(const Plan& plan, const Colouring& c) {
  if (c.bare) return tr("left bare");
  QString out = QStringLiteral("%1, %2").arg(inkOf(plan, c.ink), wayName(c.way));
  if (c.strength < 0.45) out += tr(", pale");
  if (c.shade != Shade::Flat) out += QStringLiteral(", ") + shadeName(c.shade);
  return out;
}

QString handActWords(const Plan& plan, const HandAct& act) {
  switch (act.kind) {
    case ByHand::Colour: {
      const Colouring& c = plan.colourings[ix(act.index)];
      const QString thing = act.on >= 0 ? nameOf(plan, act.on) : QString::fromStdString(c.impression);
      return tr("colouring %1 in %2").arg(thing, inkOf(plan, c.ink));
    }
    case ByHand::Line: {
      const HandLine& line = plan.lines[ix(act.index)];
      if (!line.text.empty()) return tr("lettering “%1”").arg(QString::fromStdString(line.text));
      return tr("drawing %1")
          .arg(line.name.empty() ? lineKindName(line.kind) : QString::fromStdString(line.name));
    }
    case ByHand::Accent: {
      const QString name = accentName(plan.accents[ix(act.index)].kind);
      return act.on >= 0 ? tr("putting %1 on %2").arg(name, nameOf(plan, act.on))
                         : tr("putting on %1").arg(name);
    }
    case ByHand::Lift:
      return tr("taking colour out with %1").arg(liftWithName(plan.lifts[ix(act.index)].with));
    case ByHand::Own:
      break;
  }
  return tr("“%1”").arg(QString::fromStdString(plan.own[ix(act.index)].text));
}

QString handTickWords(const Plan& plan, const Analysis& a, int hand) {
  const HandWork& work = workOf(a, hand);
  if (work.act.kind == ByHand::Colour)
    return QStringLiteral("%1: %2").arg(capital(partName(plan, a, work)),
                                        colouringDetail(plan, plan.colourings[ix(work.act.index)]));
  return capital(handActWords(plan, work.act));
}

StepWords handStepWords(const Plan& plan, const Analysis& a, const Step& step, MeasureStyle style) {
  StepWords w;
  switch (step.what) {
    case Do::Pencil:
      w.title = tr("Pencil the guides");
      w.detail =
          tr("lightly, with a soft pencil, as the pencil sheet shows them; the visible lines are inked "
             "later");
      return w;
    case Do::Erase:
      w.title = tr("Rub the pencil out");
      w.detail = tr("all ink is dry; with a soft eraser, before any colour goes on");
      return w;
    case Do::Colour:
      return colourWords(plan, a, step);
    case Do::Draw:
      return drawWords(plan, a, step, style);
    case Do::Accent:
      return accentWords(plan, a, step, style);
    case Do::Lift:
      return liftWords(plan, a, step, style);
    default:
      break;
  }
  const OwnStep& own = plan.own[ix(workOf(a, step.hand.front()).act.index)];
  w.title = own.text.empty() ? tr("Your own step") : QString::fromStdString(own.text);
  if (own.dry_s > 0) w.detail = tr("then let it dry for %1").arg(minutesWords(own.dry_s / 60));
  return w;
}

}  // namespace havlo
