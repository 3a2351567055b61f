#include "io/wording/change_words.h"

#include <cmath>

#include "io/wording/finding_words.h"
#include "io/wording/group_words.h"
#include "io/wording/hand_words.h"
#include "io/wording/names.h"
#include "io/wording/piece_words.h"
#include "io/wording/say.h"
#include "io/wording/view_words.h"

namespace havlo {
namespace {

template <typename T>
const T* byId(const std::vector<T>& all, const std::string& id) {
  for (const T& one : all)
    if (one.id == id) return &one;
  return nullptr;
}

QString inkCalled(const Plan& was, const Plan& now, const std::string& id) {
  const Ink* ink = now.ink(id);
  if (!ink) ink = was.ink(id);
  return ink ? inkName(*ink) : tr("no ink");
}

/// What changed, as it is called in the plan that has it.
QString changedName(const Plan& was, const Plan& now, const PlanChange& c) {
  const Plan& plan = c.how == ChangedHow::Removed ? was : now;
  const auto of = [&](const std::string& thing) {
    const int i = plan.indexOf(thing);
    return i < 0 ? QString::fromStdString(thing) : nameOf(plan, i);
  };
  switch (c.part) {
    case ChangedPart::Words:
      return tr("the notes");
    case ChangedPart::Card:
      return tr("the card");
    case ChangedPart::View:
      return tr("the viewpoint");
    case ChangedPart::Light:
      return tr("the light");
    case ChangedPart::Ground:
      if (const GroundMark* m = byId(plan.ground, c.id)) return markName(*m);
      return tr("the ground");
    case ChangedPart::Room:
      return tr("the room");
    case ChangedPart::Ink:
      return c.id.empty() ? tr("the inks") : tr("the ink %1").arg(inkCalled(was, now, c.id));
    case ChangedPart::Stamp:
      if (const StampRef s = plan.stamp(c.id)) return tr("the stamp %1").arg(stampName(*s));
      return tr("the stamps");
    case ChangedPart::Thing:
      return c.id.empty() ? tr("the things") : of(c.id);
    case ChangedPart::Wash:
      if (const Wash* w = byId(plan.washes, c.id)) return washName(*w);
      return tr("the washes");
    case ChangedPart::Limit:
      if (const WashLimit* l = byId(plan.limits, c.id)) return limitName(*l);
      return tr("the edges and openings");
    case ChangedPart::Colouring:
      if (const Colouring* one = byId(plan.colourings, c.id))
        return tr("the colouring of %1").arg(of(one->impression));
      return tr("the colouring");
    case ChangedPart::Line:
      if (const HandLine* one = byId(plan.lines, c.id); one && !one->name.empty())
        return QString::fromStdString(one->name);
      return tr("a line by hand");
    case ChangedPart::Accent:
      return tr("a small thing by hand");
    case ChangedPart::Lift:
      return tr("a lifted spot");
    case ChangedPart::OwnStep:
      if (const OwnStep* one = byId(plan.own, c.id))
        return tr("the step “%1”").arg(QString::fromStdString(one->text));
      return tr("your own steps");
    case ChangedPart::Piece:
      if (const int k = plan.pieceIndex(c.id); k >= 0) return pieceName(plan, k);
      return tr("the pieces");
    case ChangedPart::Picture:
      if (const int k = plan.pieceIndex(c.id); k >= 0) return tr("the picture on %1").arg(pieceName(plan, k));
      return tr("the pictures inside");
    case ChangedPart::Supplies:
      return tr("what masks are cut from");
    case ChangedPart::Making:
      return tr("how it is made");
    case ChangedPart::Styles:
      return tr("how it is meant to be read");
    case ChangedPart::Known:
      return tr("what you said you mean");
    case ChangedPart::Other:
      break;
  }
  return tr("something from a newer version");
}

QString sizeWords(Point size, MeasureStyle style) {
  return tr("%1 × %2").arg(lengthText(size.x, style), lengthText(size.y, style));
}

// A change without words does not compile: no default here.
#pragma GCC diagnostic push
#pragma GCC diagnostic error "-Wswitch"
QString sentence(const Plan& was, const Plan& now, const PlanChange& c, MeasureStyle style) {
  const QString name = changedName(was, now, c);
  const auto shares = [&](const QString& text) {
    return text.arg(name, shareWords(c.was), shareWords(c.now));
  };
  const auto lengths = [&](const QString& text) {
    return text.arg(name, lengthText(c.was, style), lengthText(c.now, style));
  };
  switch (c.how) {
    case ChangedHow::Added:
      return tr("%1: new.").arg(name);
    case ChangedHow::Removed:
      return tr("%1: no longer there.").arg(name);
    case ChangedHow::Moved:
      return tr("%1: moved %2.").arg(name, moveWords(c.before, c.after, style));
    case ChangedHow::Turned: {
      const double by = std::remainder(c.now - c.was, 360);
      return (by > 0 ? tr("%1: turned %2° to the left.") : tr("%1: turned %2° to the right."))
          .arg(name)
          .arg(std::fabs(by), 0, 'f', std::fabs(by) < 10 ? 1 : 0);
    }
    case ChangedHow::Inked:
      return tr("%1: in %2 instead of %3.").arg(name, inkCalled(was, now, c.to), inkCalled(was, now, c.from));
    case ChangedHow::Pressed:
      return tr("%1: %2 instead of %3.")
          .arg(name, pressingName(static_cast<int>(c.now)), pressingName(static_cast<int>(c.was)));
    case ChangedHow::Restamped: {
      const StampRef before = was.stamp(c.from), after = now.stamp(c.to);
      return before && after
                 ? tr("%1: the stamp %2 instead of %3.").arg(name, stampName(*after), stampName(*before))
                 : tr("%1: another stamp.").arg(name);
    }
    case ChangedHow::Schooled: {
      const Impression *before = was.impression(c.id), *after = now.impression(c.id);
      return before && after ? tr("%1: by %2 instead of %3.")
                                   .arg(name, schoolName(after->school), schoolName(before->school))
                             : tr("%1: done in another way.").arg(name);
    }
    case ChangedHow::Cut:
      return tr("%1: another part of the stamp prints.").arg(name);
    case ChangedHow::Layered:
      return tr("%1: lies otherwise between the others, before and behind.").arg(name);
    case ChangedHow::Raised:
      return lengths(tr("%1: raised by %3 instead of %2."));
    case ChangedHow::Hero:
      return tr("%1: the hero now.").arg(name);
    case ChangedHow::NoHero:
      return tr("%1: no longer the hero.").arg(name);
    case ChangedHow::Resized:
      return tr("%1: %2 instead of %3.").arg(name, sizeWords(c.after, style), sizeWords(c.before, style));
    case ChangedHow::Reshaped:
      return tr("%1: another shape or place.").arg(name);
    case ChangedHow::Bounded:
      return tr("%1: bounded by other papers.").arg(name);
    case ChangedHow::Strength:
      return shares(tr("%1: at %3 instead of %2."));
    case ChangedHow::Reach:
      return shares(tr("%1: reaches over %3 instead of %2."));
    case ChangedHow::Softness:
      return lengths(tr("%1: fades out over %3 instead of %2."));
    case ChangedHow::Horizon:
      return (c.now > c.was ? tr("The horizon is %1 higher.") : tr("The horizon is %1 lower."))
          .arg(lengthText(std::fabs(c.now - c.was), style));
    case ChangedHow::Eyes:
      return tr("The eyes are at %1 instead of %2.")
          .arg(spoken(writeDistance(Metres{c.now})), spoken(writeDistance(Metres{c.was})));
    case ChangedHow::Copies:
      return tr("Cards to be made: %1 instead of %2.").arg(qRound(c.now)).arg(qRound(c.was));
    case ChangedHow::Evenings:
      return tr("Evenings: %1 instead of %2.").arg(qRound(c.now)).arg(qRound(c.was));
    case ChangedHow::Named:
      return c.part == ChangedPart::Words
                 ? tr("The card is called “%1” instead of “%2”.")
                       .arg(QString::fromStdString(c.to), QString::fromStdString(c.from))
                 : tr("%1: was called “%2”.").arg(name, QString::fromStdString(c.from));
    case ChangedHow::Reordered:
      return tr("%1: in another sequence.").arg(name);
    case ChangedHow::Otherwise:
      return tr("%1: changed.").arg(name);
  }
  return {};
}
#pragma GCC diagnostic pop

QString joinedOver(const Plan& was, const Plan& now, const std::vector<std::string>& over) {
  const auto all = [&](const Plan& plan) {
    std::vector<int> out;
    for (const std::string& id : over)
      if (const int i = plan.indexOf(id); i >= 0) out.push_back(i);
    return out;
  };
  const std::vector<int> here = all(now);
  return here.size() == over.size() ? sortedListOf(now, here) : sortedListOf(was, all(was));
}

QString maskSentence(const Plan& was, const Plan& now, const MaskChange& m) {
  QString name;
  if (m.stamp.empty()) {
    const QString over = joinedOver(was, now, m.over);
    name = m.over.size() == 1 ? tr("The mask of what shows of %1").arg(over)
                              : tr("The one paper over %1").arg(over);
  } else {
    const StampRef stamp = now.stamp(m.stamp) ? now.stamp(m.stamp) : was.stamp(m.stamp);
    name = tr("The mask of the stamp %1").arg(stampName(*stamp));
  }
  return m.now == 0   ? tr("%1 is no longer needed.").arg(name)
         : m.was == 0 ? tr("%1 is needed now.").arg(name)
                      : tr("%1: to be cut %2 times instead of %3.").arg(name).arg(m.now).arg(m.was);
}

/// What was done by hand on a thing that is gone, or comes with one that is new: the thing itself is told.
bool goesWithItsThing(const Plan& was, const Plan& now, const PlanChange& c) {
  if (c.how != ChangedHow::Removed && c.how != ChangedHow::Added) return false;
  const bool removed = c.how == ChangedHow::Removed;
  const Plan &in = removed ? was : now, &other = removed ? now : was;
  const auto lost = [&](const std::string& thing) {
    return in.indexOf(thing) >= 0 && other.indexOf(thing) < 0;
  };
  if (c.part == ChangedPart::Colouring)
    if (const Colouring* one = byId(in.colourings, c.id)) return lost(one->impression);
  if (c.part == ChangedPart::Line)
    if (const HandLine* one = byId(in.lines, c.id)) return lost(one->on);
  if (c.part == ChangedPart::Accent)
    if (const Accent* one = byId(in.accents, c.id)) return lost(one->on);
  return false;
}

}  // namespace

QStringList changeWords(const Plan& was, const Plan& now, const std::vector<PlanChange>& changes,
                        MeasureStyle style) {
  QStringList out;
  for (const PlanChange& c : changes) out << capital(sentence(was, now, c, style));
  return out;
}

QStringList toldChanges(const Plan& was, const Plan& now, const std::vector<PlanChange>& changes,
                        MeasureStyle style) {
  const QStringList words = changeWords(was, now, changes, style);
  QStringList out;
  std::vector<int> times;
  for (size_t k = 0; k < changes.size(); ++k) {
    if (goesWithItsThing(was, now, changes[k])) continue;
    const QString& one = words[static_cast<qsizetype>(k)];
    const qsizetype known = out.indexOf(one);
    known < 0 ? out << one, times.push_back(1) : (void)++times[ix(known)];
  }
  for (qsizetype k = 0; k < out.size(); ++k)
    if (times[ix(k)] > 1) {
      if (out[k].endsWith(u'.')) out[k].chop(1);
      out[k] = tr("%1, %2 times.").arg(out[k]).arg(times[ix(k)]);
    }
  return out;
}

QStringList tableWords(const Plan& was, const Analysis& before, const Plan& now, const Analysis& after,
                       const TableChanges& changes, MeasureStyle style) {
  QStringList out;
  for (const MaskChange& m : changes.masks) out << maskSentence(was, now, m);
  if (changes.masksWas != changes.masksNow)
    out << tr("Masks to cut: %1 instead of %2.").arg(changes.masksNow).arg(changes.masksWas);
  if (changes.stepsWas != changes.stepsNow)
    out << tr("Steps: %1 instead of %2.").arg(changes.stepsNow).arg(changes.stepsWas);
  if (const int minutes = qRound(changes.minutesNow), earlier = qRound(changes.minutesWas);
      minutes != earlier)
    out << tr("Time at the table: %1 min instead of %2.").arg(minutes).arg(earlier);
  for (const int k : changes.findingsGone)
    out << tr("Mended: %1").arg(wordsOf(was, before, before.findings[ix(k)], style).text) + u'.';
  for (const int k : changes.findingsNew)
    out << tr("New to look at: %1").arg(wordsOf(now, after, after.findings[ix(k)], style).text) + u'.';
  return out;
}

}  // namespace havlo
