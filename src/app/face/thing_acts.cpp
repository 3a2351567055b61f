#include "app/face/thing_acts.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QMenu>
#include <QMimeData>
#include <QRegularExpression>
#include <algorithm>
#include <cmath>

#include "app/common/drawings.h"
#include "app/face/handled.h"
#include "core/edit/edits.h"
#include "core/edit/put_on.h"
#include "core/plan/role_facts.h"
#include "io/wording/error_words.h"
#include "io/wording/group_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/view_words.h"

namespace havlo {
namespace {

const QString kMime = QStringLiteral("application/x-havlo-things+json");
constexpr qsizetype kMostCarried = 16 << 20;  // bytes; a crowded card has a tenth of it

}  // namespace

ThingActs::ThingActs(PlanSession& session, QObject* parent) : QObject(parent), m_session(session) {
  addCommands();
  addArranging();
  const std::pair<const char*, QString> also[] = {{"another", tr("duplicate double again")},
                                                  {"remove", tr("delete away")},
                                                  {"toFront", tr("nearer over order")},
                                                  {"toBack", tr("farther under order")},
                                                  {"lineNear", tr("align ground line")},
                                                  {"lineFar", tr("align ground line")},
                                                  {"evenPicture", tr("space distribute")},
                                                  {"evenScene", tr("space distribute distance")},
                                                  {"row", tr("avenue fence posts")},
                                                  {"crowd", tr("many people")},
                                                  {"hold", tr("lock fix free")},
                                                  {"hide", tr("invisible")},
                                                  {"upright", tr("straight turn")}};
  for (const auto& [id, words] : also)
    for (Command& c : m_commands)
      if (c.id == QLatin1String(id)) c.also = words;
}

void ThingActs::add(const char* id, const QString& text, QList<QKeySequence> keys, int part,
                    std::function<void()> act, std::function<bool()> enabled) {
  Command c;
  c.id = QLatin1String(id), c.text = text, c.shortcuts = std::move(keys), c.run = std::move(act);
  c.enabled = std::move(enabled), c.menu = QStringLiteral("thing"), c.part = part;
  m_commands.push_back(std::move(c));
}

void ThingActs::run(const QString& id) const {
  for (const Command& c : m_commands)
    if (c.id == id && c.enabled()) return c.run();
}

QString ThingActs::name() const { return thingsName(m_session.plan(), m_session.chosenIndices()); }

template <typename F>
void ThingActs::change(const QString& label, F edit) {
  if (m_session.chosenIndices().empty()) return;
  static const QRegularExpression placeOfName(QStringLiteral("%L?1"));
  m_session.edit(label.contains(placeOfName) ? label.arg(name()) : label,
                 edit(m_session.plan(), m_session.chosenIds()));
}

void ThingActs::addCommands() {
  const auto chosen = [this] { return m_session.selectedIndex() >= 0; };
  const auto any = [this] { return !m_session.plan().impressions.empty(); };
  const auto one = [this] { return m_session.selectedIndex() >= 0 && !m_session.severalChosen(); };
  const auto key = [](QKeyCombination k) { return QList<QKeySequence>{QKeySequence(k)}; };

  add(
      "another", tr("One &more of it"), key(Qt::CTRL | Qt::Key_D), 0, [this] { another(); }, chosen);
  add(
      "copyThings", tr("&Copy"), {QKeySequence::Copy}, 0,
      [this] { QGuiApplication::clipboard()->setMimeData(carried()); }, chosen);
  add(
      "cutThings", tr("Cu&t"), {QKeySequence::Cut}, 0,
      [this] {
        QGuiApplication::clipboard()->setMimeData(carried());
        change(tr("Cut %1"), [](const Plan& p, const Ids& ids) { return withoutAll(p, ids); });
      },
      chosen);
  add(
      "pasteThings", tr("&Paste"), {QKeySequence::Paste}, 0,
      [this] { paste(QGuiApplication::clipboard()->mimeData()); },
      [] { return canPaste(QGuiApplication::clipboard()->mimeData()); });
  add(
      "remove", tr("Take it &off the card"), key(QKeyCombination(Qt::Key_Delete)), 0,
      [this] { change(tr("Take %1 off"), [](const Plan& p, const Ids& ids) { return withoutAll(p, ids); }); },
      chosen);

  add(
      "chooseAll", tr("Choose &all"), {QKeySequence::SelectAll}, 1,
      [this] {
        QStringList all;
        for (size_t k = 0; k < m_session.plan().impressions.size(); ++k)
          if (!m_session.isHidden(static_cast<int>(k)))
            all << QString::fromStdString(m_session.plan().impressions[k].id);
        m_session.choose(all);
      },
      any);
  add(
      "chooseKind", tr("Choose all of its &kind"), key(Qt::CTRL | Qt::SHIFT | Qt::Key_A), 1,
      [this] { chooseKind(); }, chosen);

  add(
      "hero", tr("Make it the &hero"), {}, 2,
      [this] {
        change(tr("Make %1 the hero"),
               [](const Plan& p, const Ids& ids) { return withHero(p, ids.front()); });
      },
      [this, one] { return one() && !m_session.plan().impressions[ix(m_session.selectedIndex())].hero; });
  add(
      "toFront", tr("In &front of what it meets"), key(Qt::CTRL | Qt::Key_PageUp), 2,
      [this] {
        change(tr("%1 to the front"), [this](const Plan& p, const Ids& ids) {
          return withAllInFront(p, ids, m_session.scene()->meetings, true);
        });
      },
      chosen);
  add(
      "toBack", tr("&Behind what it meets"), key(Qt::CTRL | Qt::Key_PageDown), 2,
      [this] {
        change(tr("%1 to the back"), [this](const Plan& p, const Ids& ids) {
          return withAllInFront(p, ids, m_session.scene()->meetings, false);
        });
      },
      chosen);
  add(
      "upright", tr("Set it &upright"), {}, 2,
      [this] {
        change(tr("Set %1 upright"), [](const Plan& p, const Ids& ids) {
          Result<Plan> out = p;
          for (const std::string& id : ids)
            if (out) out = withTurn(out.value(), id, Degrees{0});
          return out;
        });
      },
      chosen);
  add(
      "left", tr("Type the measure from the &left"), {}, 2, [this] { Q_EMIT measureWanted(Qt::Horizontal); },
      one);
  add(
      "bottom", tr("Type the measure from the botto&m"), {}, 2,
      [this] { Q_EMIT measureWanted(Qt::Vertical); }, one);
}

void ThingActs::addArranging() {
  const auto chosen = [this] { return m_session.selectedIndex() >= 0; };
  const auto some = [this] { return m_session.severalChosen(); };
  const auto three = [this] { return m_session.chosen().all().size() > 2; };
  const auto view = [this] { return m_session.plan().view.has_value(); };
  const auto key = [](QKeyCombination k) { return QList<QKeySequence>{QKeySequence(k)}; };
  const auto line = [this](bool nearest) {
    return [this, nearest] {
      const Plan& plan = m_session.plan();
      std::optional<double> foot;
      for (const int i : m_session.chosenIndices()) {
        const Impression& one = plan.impressions[ix(i)];
        if (std::holds_alternative<OnThing>(one.depth)) continue;
        if (!foot || (nearest ? one.at.y < *foot : one.at.y > *foot)) foot = one.at.y;
      }
      if (foot)
        change(tr("%1 on one ground line"),
               [foot](const Plan& p, const Ids& ids) { return onOneLine(p, ids, Millimetres{*foot}); });
    };
  };
  add("lineNear", tr("All as &near as the nearest"), {}, 3, line(true), some);
  add("lineFar", tr("All as far as the far&thest"), {}, 3, line(false), some);
  add(
      "evenPicture", tr("&Even gaps in the picture"), {}, 3,
      [this] {
        change(tr("Even gaps between %1"),
               [](const Plan& p, const Ids& ids) { return spacedEvenly(p, ids, Even::Picture); });
      },
      three);
  add(
      "evenScene", tr("Even gaps on the &ground, in metres"), {}, 3,
      [this] {
        change(tr("Even gaps on the ground between %1"),
               [](const Plan& p, const Ids& ids) { return spacedEvenly(p, ids, Even::Scene); });
      },
      [three, view] { return three() && view(); });

  add(
      "row", tr("A &row of it…"), key(Qt::CTRL | Qt::Key_R), 4, [this] { Q_EMIT rowWanted(); },
      [this, view] {
        const int i = m_session.selectedIndex();
        if (i < 0 || m_session.severalChosen() || !view()) return false;
        const Plan& plan = m_session.plan();
        return plan.stamp(plan.impressions[ix(i)].stamp)->realHeight.has_value();
      });
  add(
      "crowd", tr("A cro&wd…"), key(Qt::CTRL | Qt::SHIFT | Qt::Key_C), 4, [this] { Q_EMIT crowdWanted(); },
      view);

  const auto isAll = [this](const QSet<QString> SetAside::*which) {
    const QStringList& all = m_session.chosen().all();
    return !all.isEmpty() && std::all_of(all.begin(), all.end(), [&](const QString& id) {
      return (m_session.aside().*which).contains(id);
    });
  };
  add(
      "hold", tr("Hol&d it in place, or let it go"), key(Qt::CTRL | Qt::Key_H), 5,
      [this, isAll] { aside(&SetAside::held, !isAll(&SetAside::held)); }, chosen);
  add(
      "hide", tr("H&ide it while I work"), key(Qt::CTRL | Qt::SHIFT | Qt::Key_H), 5,
      [this] { aside(&SetAside::hidden, true); }, chosen);
  add(
      "showAll", tr("&Show what is hidden"), {}, 5,
      [this] {
        SetAside now = m_session.aside();
        now.hidden.clear();
        m_session.setAside(now);
      },
      [this] { return !m_session.aside().hidden.isEmpty(); });
}

void ThingActs::aside(QSet<QString> SetAside::*which, bool on) {
  SetAside now = m_session.aside();
  for (const QString& id : m_session.chosen().all())
    on ? (void)(now.*which).insert(id) : (void)(now.*which).remove(id);
  const QString label = thingsLabel(m_session.plan(), m_session.chosenIndices());
  const bool hides = which == &SetAside::hidden;
  if (hides && on) m_session.choose({});
  m_session.setAside(now);
  Q_EMIT m_session.notice(hides
                              ? tr("%1: hidden while you work. Plan, order and printouts keep it.").arg(label)
                          : on ? tr("%1: held in place.").arg(label)
                               : tr("%1: may be moved again.").arg(label));
}

void ThingActs::chooseKind() {
  const Plan& plan = m_session.plan();
  const auto stampOf = [&](int i) { return plan.impressions[ix(i)].stamp; };
  const std::vector<int> now = m_session.chosenIndices();
  QStringList out;
  for (size_t k = 0; k < plan.impressions.size(); ++k)
    if (!m_session.isHidden(static_cast<int>(k)) &&
        std::any_of(now.begin(), now.end(), [&](int i) { return stampOf(i) == plan.impressions[k].stamp; }))
      out << QString::fromStdString(plan.impressions[k].id);
  m_session.choose(out);
}

void ThingActs::put(const QString& label, const Plan& part, Point by) {
  const auto added = withPart(m_session.plan(), part, by);
  if (!added) return Q_EMIT m_session.trouble(errorWords(added.error()));
  m_session.edit(label, added.value().plan);
  QStringList made;
  for (const std::string& id : added.value().things) made << QString::fromStdString(id);
  m_session.choose(made);
}

/// Beside it, in the same ink, pressing and school; several together a little aside.
void ThingActs::another() {
  const Plan& plan = m_session.plan();
  const Plan part = partOf(plan, m_session.chosenIds());
  if (part.impressions.empty()) return;
  Point by{3, -2};
  if (part.impressions.size() == 1) {
    const Impression& like = part.impressions.front();
    if (const auto beside = besideItsLike(plan, *plan.stamp(like.stamp))) by = {beside->x - like.at.x, 0};
  }
  put(tr("One more of %1").arg(name()), part, by);
}

QMimeData* ThingActs::carried() const {
  const Plan part = partOf(m_session.plan(), m_session.chosenIds());
  if (part.impressions.empty()) return nullptr;
  auto* data = new QMimeData;
  data->setData(kMime, QByteArray::fromStdString(writePlan(part)));
  // Elsewhere it is words: what it is and where it stands.
  QStringList lines;
  for (const Impression& i : part.impressions)
    lines << tr("%1: %2 from the left, %3 from the bottom")
                 .arg(labelOf(m_session.plan(), m_session.plan().indexOf(i.id)),
                      lengthText(i.at.x, m_session.units()), lengthText(i.at.y, m_session.units()));
  data->setText(lines.join(u'\n'));
  return data;
}

bool ThingActs::canPaste(const QMimeData* data) { return data && data->hasFormat(kMime); }

void ThingActs::paste(const QMimeData* data, std::optional<Point> at) {
  if (!canPaste(data)) return;
  const QByteArray text = data->data(kMime);
  const auto read = text.size() > kMostCarried
                        ? Result<ReadPlan>(Error{ErrorCode::BadInput, "that is more than a card holds", {}})
                        : readPlan(std::string_view(text.constData(), static_cast<size_t>(text.size())));
  if (!read || read.value().plan.impressions.empty())
    return Q_EMIT m_session.trouble(tr("What was copied cannot be put on this card. %1")
                                        .arg(read ? QString() : errorWords(read.error())));
  const Plan& part = read.value().plan;
  const Plan& plan = m_session.plan();
  Point by;
  double left = 1e300, right = -1e300, low = 1e300;
  for (const Impression& i : part.impressions)
    left = std::min(left, i.at.x), right = std::max(right, i.at.x), low = std::min(low, i.at.y);
  if (at) by = {at->x - (left + right) / 2, at->y - low};
  // Never right over what is there already.
  const auto covered = [&] {
    return std::any_of(plan.impressions.begin(), plan.impressions.end(), [&](const Impression& there) {
      return std::any_of(part.impressions.begin(), part.impressions.end(), [&](const Impression& i) {
        return std::hypot(there.at.x - i.at.x - by.x, there.at.y - i.at.y - by.y) < 0.5;
      });
    });
  };
  for (int n = 0; !at && n < 40 && covered(); ++n) by = by + Point{4, -2};
  // A smaller card holds it too.
  const PanelSize& panel = plan.card.panel;
  if (!at && left + by.x > panel.width_mm) by.x = panel.width_mm * 0.5 - (left + right) / 2;
  if (!at && low + by.y > panel.height_mm) by.y = panel.height_mm * 0.2 - low;
  put(part.impressions.size() == 1 ? tr("Paste %1").arg(stampName(*part.stamp(part.impressions[0].stamp)))
                                   : tr("Paste %1 things").arg(part.impressions.size()),
      part, by);
}

void ThingActs::setInk(const std::string& ink) {
  change(tr("Ink %1"), [&](const Plan& p, const Ids& ids) { return withInkOfAll(p, ids, ink); });
}

void ThingActs::setPressing(int generation) {
  change(tr("Press %1 again"),
         [&](const Plan& p, const Ids& ids) { return withPressingOfAll(p, ids, generation); });
}

void ThingActs::setSchool(School school) {
  change(tr("Another school for %1"),
         [&](const Plan& p, const Ids& ids) { return withSchoolOfAll(p, ids, school); });
}

void ThingActs::fill(QMenu& menu) const {
  auto* self = const_cast<ThingActs*>(this);
  const Plan& plan = m_session.plan();
  int part = -1;
  for (const Command& c : m_commands) {
    if (!c.enabled()) continue;
    if (part >= 0 && c.part != part) menu.addSeparator();
    part = c.part;
    QAction* action = menu.addAction(drawingIcon(drawingOfAct(c.id)), c.text, this, [run = c.run] { run(); });
    action->setObjectName(c.id);
    if (!c.shortcuts.isEmpty()) action->setShortcut(c.shortcuts.first());
  }
  if (m_session.selectedIndex() < 0) return;
  const Impression& last = plan.impressions[ix(m_session.selectedIndex())];
  menu.addSeparator();
  const auto choice = [](QMenu* in, const QString& text, bool now, auto act, ThingActs* owner) {
    QAction* action = in->addAction(text, owner, act);
    action->setCheckable(true);
    action->setChecked(now);
  };
  QMenu* inks = menu.addMenu(tr("&Ink"));
  for (const Ink& ink : plan.inks)
    choice(
        inks, inkName(ink), ink.id == last.ink, [self, id = ink.id] { self->setInk(id); }, self);
  QMenu* pressings = menu.addMenu(tr("Pressi&ng"));
  for (int n = 1; n <= 4; ++n)
    choice(
        pressings, capital(pressingName(n)), n == last.generation, [self, n] { self->setPressing(n); }, self);
  QMenu* schools = menu.addMenu(tr("Schoo&l"));
  for (const School s : kWaysToChoose)
    choice(
        schools, capital(schoolName(s)), s == last.school, [self, s] { self->setSchool(s); }, self);
}

}  // namespace havlo
