// Names come from the plan; only numbers and articles are added.
#include "io/wording/names.h"

#include <QStringList>
#include <algorithm>

#include "core/plan/role_facts.h"
#include "core/units/measure.h"
#include "io/wording/hand_words.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

/// Number among the impressions of its stamp, 0 if it is the only one.
int numberOf(const Plan& plan, int impression) {
  const Impression& i = plan.impressions[ix(impression)];
  int count = 0, number = 0;
  for (size_t k = 0; k < plan.impressions.size(); ++k)
    if (plan.impressions[k].stamp == i.stamp) {
      ++count;
      if (static_cast<int>(k) == impression) number = count;
    }
  return count > 1 ? number : 0;
}

/// @param number  among those of the stamp; 0: there is no other
QString plainName(const Stamp& stamp, int number) {
  QString name = stampName(stamp);
  if (!name.isEmpty()) name[0] = name[0].toLower();
  if (factsOf(stamp.role).words) name = tr("greeting “%1”").arg(stampName(stamp));
  return number ? name + u' ' + QString::number(number) : name;
}

QString plainName(const Plan& plan, int impression) {
  return plainName(*plan.stamp(plan.impressions[ix(impression)].stamp), numberOf(plan, impression));
}

}  // namespace

QString capital(QString s) {
  if (!s.isEmpty()) s[0] = s[0].toUpper();
  return s;
}

QString kindName(WashKind kind) {
  switch (kind) {
    case WashKind::Sky:
      return tr("sky");
    case WashKind::Ground:
      return tr("ground");
    case WashKind::Water:
      return tr("water");
    case WashKind::Glow:
      return tr("glow");
    case WashKind::Mist:
      return tr("mist");
    case WashKind::DarkEdges:
      return tr("dark edges");
    case WashKind::Rays:
      return tr("rays");
    case WashKind::Halo:
      return tr("halo");
    case WashKind::Plain:
      break;
  }
  return tr("plain wash");
}

QString kindName(LimitKind kind) {
  switch (kind) {
    case LimitKind::Straight:
      return tr("straight edge");
    case LimitKind::Wavy:
      return tr("wavy edge");
    case LimitKind::Torn:
      return tr("torn edge");
    case LimitKind::Oval:
      return tr("oval");
    case LimitKind::Rectangle:
      return tr("rectangle");
    case LimitKind::Circle:
      return tr("disc");
    case LimitKind::Arch:
      return tr("arch");
    case LimitKind::Rays:
      return tr("ray stencil");
    case LimitKind::Stencil:
      break;
  }
  return tr("stencil");
}

QString wayName(WashWay way) {
  switch (way) {
    case WashWay::Blend:
      return tr("a blending tool");
    case WashWay::Brush:
      return tr("a wet brush");
    case WashWay::Marker:
      return tr("a marker");
    case WashWay::Dab:
      return tr("a sponge, dabbed");
    case WashWay::Spray:
      return tr("a spray");
    case WashWay::Paste:
      return tr("paste, through a stencil");
    case WashWay::Relief:
      return tr("pressed into the paper, without ink");
  }
  return {};
}

QString sideName(LimitSide side) {
  switch (side) {
    case LimitSide::Above:
      return tr("above it");
    case LimitSide::Below:
      return tr("below it");
    case LimitSide::Inside:
      return tr("inside it");
    case LimitSide::Outside:
      return tr("outside it");
  }
  return {};
}

QString depthName(const Plan& plan, const WashDepth& depth) {
  if (const auto* layer = std::get_if<WashLayer>(&depth))
    return *layer == WashLayer::Far      ? tr("behind everything")
           : *layer == WashLayer::Ground ? tr("behind whatever stands")
                                         : tr("before everything");
  if (const auto* at = std::get_if<AtMetres>(&depth))
    return tr("%1 away").arg(spoken(writeDistance(Metres{at->metres})));
  if (const auto* by = std::get_if<BesideThing>(&depth)) {
    const int i = plan.indexOf(by->id);
    const QString name = i < 0 ? QString::fromStdString(by->id) : nameOf(plan, i);
    return by->behind ? tr("just behind %1").arg(name) : tr("just before %1").arg(name);
  }
  return tr("as its kind usually does");
}

QString washName(const Wash& wash) {
  if (!wash.name.empty()) return QString::fromStdString(wash.name);
  return wash.kind == WashKind::Plain ? QString::fromStdString(wash.id)
                                      : tr("the %1").arg(kindName(wash.kind));
}

QString washName(const Plan& plan, int wash) { return washName(plan.washes[ix(wash)]); }
QString limitName(const WashLimit& limit) {
  return limit.name.empty() ? tr("the %1").arg(kindName(limit.kind)) : QString::fromStdString(limit.name);
}

QString stampName(const Stamp& stamp) {
  return QString::fromStdString(stamp.name.empty() ? stamp.id : stamp.name);
}
QString inkName(const Ink& ink) { return QString::fromStdString(ink.name.empty() ? ink.id : ink.name); }

QString nameOf(const Plan& plan, int impression) {
  const QString name = plainName(plan, impression);
  if (numberOf(plan, impression)) return name;
  // It has its own quotes: in languages that put names in them instead of an article it is not quoted twice.
  const Stamp& stamp = *plan.stamp(plan.impressions[ix(impression)].stamp);
  return factsOf(stamp.role).words ? tr("the greeting “%1”").arg(stampName(stamp)) : tr("the %1").arg(name);
}

QString labelOf(const Plan& plan, int impression) { return capital(plainName(plan, impression)); }

std::vector<QString> labelsOf(const Plan& plan) {
  QHash<QByteArrayView, int> count;
  const auto key = [](const Impression& i) {
    return QByteArrayView(i.stamp.data(), static_cast<qsizetype>(i.stamp.size()));
  };
  for (const Impression& i : plan.impressions) ++count[key(i)];
  QHash<QByteArrayView, int> so;
  std::vector<QString> out;
  for (const Impression& i : plan.impressions)
    out.push_back(capital(plainName(*plan.stamp(i.stamp), count[key(i)] > 1 ? ++so[key(i)] : 0)));
  return out;
}

QString listOf(const Plan& plan, const std::vector<int>& impressions) {
  // Three or more of one stamp on end: "duck 2 to 5".
  const auto follows = [&](size_t k) {
    const int a = impressions[k - 1], b = impressions[k];
    return plan.impressions[ix(a)].stamp == plan.impressions[ix(b)].stamp &&
           numberOf(plan, b) == numberOf(plan, a) + 1;
  };
  QStringList names;
  for (size_t k = 0; k < impressions.size();) {
    size_t end = k + 1;
    while (end < impressions.size() && follows(end)) ++end;
    if (end - k >= 3) {
      names << tr("%1 to %2").arg(nameOf(plan, impressions[k])).arg(numberOf(plan, impressions[end - 1]));
      k = end;
    } else {
      names << nameOf(plan, impressions[k++]);
    }
  }
  if (names.size() < 2) return names.join(QString());
  const QString last = names.takeLast();
  return tr("%1 and %2").arg(names.join(QStringLiteral(", ")), last);
}

QString sortedListOf(const Plan& plan, std::vector<int> impressions) {
  std::sort(impressions.begin(), impressions.end());
  return listOf(plan, impressions);
}

QString paperName(const Plan& plan, const std::vector<int>& over) {
  return over.size() > 1 ? tr("one paper over %1").arg(sortedListOf(plan, over))
                         : tr("a mask of what shows of %1").arg(sortedListOf(plan, over));
}

QString pressingName(int generation) {
  switch (generation) {
    case 1:
      return tr("fresh");
    case 2:
      return tr("second pressing");
    case 3:
      return tr("third pressing");
    default:
      return tr("%1th pressing").arg(generation);
  }
}

QString schoolName(School school) {
  switch (school) {
    case School::Mask:
      return tr("mask");
    case School::Overprint:
      return tr("overprint");
    case School::Resist:
      return tr("resist");
    case School::LeaveOut:
      return tr("leave out");
    case School::WipeOff:
      return tr("wipe off");
    case School::PopUp:
      return tr("pop up");
    case School::Across:
      return tr("across the rim");
  }
  return {};
}

QString actWords(const Plan& plan, int act) {
  const auto n = static_cast<int>(plan.impressions.size());
  if (act >= firstHandAct(plan)) return handActWords(plan, handActs(plan)[ix(act - firstHandAct(plan))]);
  return act < n ? tr("stamping %1").arg(nameOf(plan, act)) : tr("blending %1").arg(washName(plan, act - n));
}

QString cutName(const Plan& plan, int stamp, int limit, const std::vector<int>& over) {
  return limit >= 0      ? capital(limitName(plan.limits[ix(limit)]))
         : !over.empty() ? capital(paperName(plan, over))
                         : stampName(*plan.stamps[ix(stamp)]);
}

}  // namespace havlo
