// How the walk is drawn.
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/common/shaped_text.h"
#include "app/theme/theme.h"
#include "app/walk/walk_names.h"
#include "app/walk/walk_view.h"
#include "core/plan/role_facts.h"
#include "io/wording/eye_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/thing_words.h"

namespace havlo {

double WalkView::yOfTone(double strength) const {
  const double top = kHeading_px * textScale(), ground = groundY();
  return ground - 3 - strength * (ground - 3 - top);
}

/// One for each standing thing: where its tone is marked, and whether it is printed too strongly.
std::vector<std::pair<QPointF, bool>> WalkView::toneDots(const std::vector<Flat>& all) const {
  std::vector<std::pair<QPointF, bool>> out;
  const Analysis& a = *m_session.scene();
  std::vector<const Flat*> of(a.meetings.placed.size());
  for (const Flat& f : all) of[ix(f.impression)] = &f;
  for (const ToneReading& r : a.tone) {
    const Role role = a.meetings.placed[ix(r.impression)]->outline->stamp->role;
    const Flat* f = of[ix(r.impression)];
    if (!f || !std::isfinite(f->away_m) || !factsOf(role).stands()) continue;
    out.push_back({QPointF(f->x, yOfTone(r.seen)), r.seen - r.wanted > 0.3});
  }
  return out;
}

/// How strongly each thing is printed against what the mist leaves at its distance.
void WalkView::paintTone(QPainter& p, const std::vector<Flat>& all) const {
  const Analysis& a = *m_session.scene();
  if (a.tone.empty()) return;
  const Theme& t = theme();
  const double ground = groundY();
  const double visibility = *m_session.plan().view->visibility_m;
  QPolygonF curve;
  for (double x = xOf(0); x <= width() - kRight_px; x += 4)
    curve << QPointF(x, yOfTone(contrastLeft(Metres{distanceAt(x)}, Metres{visibility})));
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(t.soft, 1.2));
  p.drawPolyline(curve);
  p.setFont(labelFont());
  p.drawText(QRectF(curve.last().x() - 200, ground - 18 * textScale(), 200, 16 * textScale()), Qt::AlignRight,
             tr("ink the mist leaves"));
  for (const auto& [dot, off] : toneDots(all)) {
    p.setPen(QPen(off ? t.ochre : t.green, 1.4));
    p.setBrush(t.paper);
    if (off) {
      p.drawPolygon(QPolygonF{{dot + QPointF(-4, 3), dot + QPointF(4, 3), dot + QPointF(0, -4.5)}});
    } else {
      p.drawEllipse(dot, 3, 3);
    }
  }
}

void WalkView::paintSight(QPainter& p, const Flat& f, QPointF eye) const {
  QColor line = theme().green;
  line.setAlpha(120);
  p.setPen(QPen(line, 1));
  p.drawLine(eye, QPointF(f.x, f.top));
  p.drawLine(eye, QPointF(f.x, f.bottom));
}

void WalkView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  const double ground = groundY();
  const double eye_m = m_session.plan().view ? m_session.plan().view->eyeHeight_m : 1.5;
  const QPointF eye(kEye_px - 14, ground - eye_m * pixelsPerMetre());
  p.setFont(headingFont());
  p.setPen(theme().ink);
  const QFontMetricsF heading(headingFont());
  p.drawText(QPointF(2, heading.ascent()), tr("The walk"));
  p.setFont(labelFont());
  p.setPen(theme().soft);
  p.drawText(QPointF(12 + heading.horizontalAdvance(tr("The walk")), heading.ascent()),
             tr("the same scene from the side: drag a thing, or mist, nearer or farther"));
  paintGround(p);
  paintEye(p, eye);
  std::vector<Flat> all = flats();
  std::vector<QRectF> taken = paintVeils(p, all);
  findHidden(all);
  if (const int selected = m_session.selectedIndex(); selected >= 0) paintSight(p, all[ix(selected)], eye);
  paintFlats(p, all);
  taken.push_back(paintEyeLevel(p, eye));
  paintTone(p, all);
  paintNames(p, std::move(all), taken);
  if (hasFocus()) {
    p.setPen(QPen(theme().green, 1, Qt::DashLine));
    p.setBrush(Qt::NoBrush);
    p.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
  }
}

/// With its distances.
void WalkView::paintGround(QPainter& p) const {
  const Theme& t = theme();
  const double ground = groundY();
  p.setPen(QPen(t.ink, 1.4));
  p.drawLine(QPointF(kEye_px, ground), QPointF(width() - kRight_px, ground));
  p.setFont(labelFont());
  const auto [near, far] = span();
  double lastLabel = -100;
  for (double decade = 0.1; decade < far; decade *= 10)
    for (double m : {1.0, 2.0, 5.0}) {
      const double d = decade * m;
      if (d < near || d > far) continue;
      const double x = xOf(d);
      p.setPen(QPen(t.soft, 1));
      p.drawLine(QPointF(x, ground), QPointF(x, ground + 4));
      if (x - lastLabel < 46 * textScale()) continue;
      lastLabel = x;
      p.drawText(QRectF(x - 40, ground + 5, 80, 18 * textScale()), Qt::AlignHCenter | Qt::AlignTop,
                 d >= 1000 ? tr("%1 km").arg(d / 1000) : tr("%1 m").arg(d));
    }
}

/// The eye and its level.
void WalkView::paintEye(QPainter& p, QPointF eye) const {
  const Theme& t = theme();
  p.setPen(QPen(t.green, 1, Qt::DashLine));
  p.drawLine(QPointF(kEye_px, eye.y()), QPointF(width() - kRight_px, eye.y()));
  p.setPen(QPen(t.soft, 1, Qt::DotLine));
  p.drawLine(eye, QPointF(eye.x(), groundY()));
  QPainterPath lid;
  lid.moveTo(eye - QPointF(13, 0));
  lid.quadTo(eye - QPointF(0, 12), eye + QPointF(13, 0));
  lid.quadTo(eye + QPointF(0, 12), eye - QPointF(13, 0));
  p.setPen(QPen(t.ink, 1.5));
  p.setBrush(t.card);
  p.drawPath(lid);
  p.setBrush(t.ink);
  p.drawEllipse(eye, 3.4, 3.4);
}

/// In words, over the flats that stand there. @return what it takes
QRectF WalkView::paintEyeLevel(QPainter& p, QPointF eye) const {
  const Theme& t = theme();
  const double eye_m = m_session.plan().view ? m_session.plan().view->eyeHeight_m : 1.5;
  const QString words = tr("eye level %1").arg(metresText(eye_m));
  p.setFont(labelFont());
  const double wide = shapedText(words, labelFont()).size().width();
  const QRectF box(width() - kRight_px - wide, eye.y() - 18 * textScale(), wide, 17 * textScale());
  QColor veil = t.paper;
  veil.setAlpha(225);
  p.fillRect(box.adjusted(-2, 0, 0, 0), veil);
  p.setPen(t.green);
  p.drawText(box, Qt::AlignRight | Qt::AlignBottom, words);
  return box;
}

std::vector<QRectF> WalkView::paintVeils(QPainter& p, const std::vector<Flat>& flats) const {
  std::vector<QRectF> out;
  const double top = kHeading_px * textScale() + QFontMetricsF(labelFont()).height();
  for (const WalkVeil& v : veils(flats)) {
    const Wash& wash = m_session.plan().washes[ix(v.wash)];
    const bool chosen = v.wash == m_veil;
    const QString name = capital(washName(wash));
    const QString words = chosen && std::isfinite(v.away_m)
                              ? tr("%1, %2").arg(name, spoken(writeDistance(Metres{v.away_m})))
                              : name;
    out.push_back(paintVeil(p, m_session.plan(), v, top, groundY(), words, chosen));
  }
  return out;
}

QColor WalkView::colourOf(int i, bool chosen) const {
  const Theme& t = theme();
  if (chosen) return t.green;
  const Analysis& analysis = *m_session.scene();
  if (known().unfit[ix(i)]) return t.ochre;
  const double d = analysis.depth->distance_m(i);
  const double pale = std::isfinite(d) ? std::clamp(std::log10(std::max(d, 1.0)) / 4, 0.0, 0.7) : 0.7;
  const QColor from = t.ink, to = t.paper;
  return QColor::fromRgbF(static_cast<float>(from.redF() + (to.redF() - from.redF()) * pale),
                          static_cast<float>(from.greenF() + (to.greenF() - from.greenF()) * pale),
                          static_cast<float>(from.blueF() + (to.blueF() - from.blueF()) * pale));
}

/// By impression: whether it is chosen.
std::vector<char> WalkView::chosenOnes() const {
  std::vector<char> out(m_session.plan().impressions.size(), 0);
  for (const int i : m_session.chosenIndices()) out[ix(i)] = 1;
  return out;
}

/// Farthest first, so that nearer ones stand before them.
void WalkView::paintFlats(QPainter& p, std::vector<Flat> flats) const {
  const double ground = groundY();
  const std::vector<char> chosen = chosenOnes();
  std::stable_sort(flats.begin(), flats.end(), [](const Flat& a, const Flat& b) { return a.x > b.x; });
  for (const Flat& f : flats) {
    const bool thick = chosen[ix(f.impression)] || f.impression == m_hover;
    const QColor colour = colourOf(f.impression, chosen[ix(f.impression)]);
    p.setOpacity(m_session.isHidden(f.impression) ? 0.3 : 1);
    const double shownFrom =
        f.hidden_m > f.low_m ? std::max(f.top, ground - rise(f.hidden_m)) : f.bottom;  // above it one sees it
    if (shownFrom < f.bottom - 1) {
      p.setPen(QPen(colour, 1.2, Qt::DotLine));
      p.drawLine(QPointF(f.x, f.bottom), QPointF(f.x, shownFrom));
    }
    p.setPen(QPen(colour, thick ? 5 : 3.5, Qt::SolidLine, Qt::FlatCap));
    if (shownFrom > f.top + 0.5) p.drawLine(QPointF(f.x, shownFrom), QPointF(f.x, f.top));
  }
  p.setOpacity(1);
}

QString WalkView::labelFor(const Flat& f, int selected) const {
  const QString& name = known().names[ix(f.impression)];
  if (f.impression != selected && f.impression != m_hover) return name;
  const QString height = heightWords(m_session.plan(), *m_session.scene(), f.impression, f.high_m - f.low_m);
  return tr("%1, %2%3").arg(name, spoken(writeDistance(Metres{f.away_m})), height);
}

/// Names that do not run into each other; one without room comes when the pointer is over its flat.
void WalkView::paintNames(QPainter& p, std::vector<Flat> all, const std::vector<QRectF>& taken) const {
  const Theme& t = theme();
  const int selected = m_session.selectedIndex();
  std::stable_sort(all.begin(), all.end(), [&](const Flat& a, const Flat& b) {
    return (a.impression == selected) > (b.impression == selected);
  });
  const QFont usual = labelFont(), strong = labelFont(QFont::DemiBold);
  std::vector<WalkName> names;
  std::vector<QRectF> inTheWay;
  for (const auto& [dot, off] : toneDots(all))
    inTheWay.push_back(QRectF(dot, QSizeF()).adjusted(-4, -4, 4, 4));
  for (const Flat& f : all) {
    const bool chosen = f.impression == selected;
    const QSizeF size = shapedText(labelFor(f, selected), chosen ? strong : usual).size();
    names.push_back({{f.x, f.top}, {size.width() + 4, size.height()}, chosen});
    inTheWay.push_back(QRectF(QPointF(f.x - 2, f.top), QPointF(f.x + 2, f.bottom)));
  }
  const QRectF room(QPointF(0, 20 * textScale()), QPointF(width(), groundY()));
  const std::vector<WalkNameSpot> spots = placeWalkNames(names, taken, inTheWay, room);
  const std::vector<char> chosenToo = chosenOnes();
  p.setPen(QPen(t.rule, 1));
  for (std::size_t k = 0; k < all.size(); ++k)
    if (spots[k].led) p.drawLine(QPointF(all[k].x, spots[k].box.bottom()), QPointF(all[k].x, all[k].top - 1));
  for (std::size_t k = 0; k < all.size(); ++k) {
    if (spots[k].box.isEmpty()) continue;
    const Flat& f = all[k];
    QColor veil = t.paper;
    veil.setAlpha(225);
    p.fillRect(spots[k].box, veil);
    const QColor c = colourOf(f.impression, chosenToo[ix(f.impression)]);
    p.setPen(c == t.green || c == t.ochre ? c : t.soft);
    drawShaped(p, spots[k].box, labelFor(f, selected), f.impression == selected ? strong : usual);
  }
}

}  // namespace havlo
