#include "app/face/scene_handles.h"

#include <algorithm>
#include <cmath>

#include "app/face/row_draft.h"
#include "core/edit/edits.h"
#include "core/edit/view_edits.h"
#include "core/viewpoint/scale.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/view_words.h"

namespace havlo {
namespace {

constexpr double kGrab_px = 9, kVanish_px = 4.5;
constexpr double kTab_px = 9;  // the horizon's tab hangs this far outside the card

class HorizonDrag : public FaceDrag {
 public:
  HorizonDrag(PlanSession& session, QString key) : FaceDrag(session, -1, std::move(key)) {}
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers) override {
    View view = *m_start.view;
    view.horizon_mm = g.toPanel(pixel).y;
    const auto after = withView(m_start, view);
    const QString to =
        after ? spoken(writeMeasure(Millimetres{after.value().view->horizon_mm}, m_session.units()))
              : QString();
    m_session.edit(tr("Horizon to %1").arg(to), after, m_mergeKey);
  }
};

class VanishDrag : public FaceDrag {
 public:
  VanishDrag(PlanSession& session, QString key) : FaceDrag(session, -1, std::move(key)) {}
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) override {
    View view = *m_start.view;
    view.vanishX_mm = g.toPanel(pixel).x;
    // The middle of the card, and of a room's back wall, catch it.
    double middles[] = {g.width_mm / 2, m_start.room ? m_start.room->back().centre().x : g.width_mm / 2};
    for (const double x : middles)
      if (!(keys & Qt::AltModifier) && std::fabs(*view.vanishX_mm - x) * g.scale < 4) view.vanishX_mm = x;
    m_session.edit(tr("Move the vanishing point"), withView(m_start, view), m_mergeKey);
  }
};

class LightDrag : public FaceDrag {
 public:
  LightDrag(PlanSession& session, QString key, bool ground)
      : FaceDrag(session, -1, std::move(key)), m_ground(ground) {}
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers) override {
    Light light = *m_start.light;
    const Point p = g.toPanel(pixel);
    if (m_ground) {
      light.ground_mm = std::min(p.y, m_start.view->horizon_mm - 0.5);
    } else {
      light.at = p;
      if (light.ground_mm) light.ground_mm = std::min(*light.ground_mm, p.y - 1);
    }
    m_session.edit(tr("Move the light"), withLight(m_start, light), m_mergeKey);
  }

 private:
  bool m_ground;
};

class MarkDrag : public FaceDrag {
 public:
  MarkDrag(PlanSession& session, QString key, int mark, int point)
      : FaceDrag(session, -1, std::move(key)), m_mark(mark), m_point(point) {}
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) override {
    GroundMark mark = m_start.ground[ix(m_mark)];
    const View& view = *m_start.view;
    Point p = g.toPanel(pixel);
    p.y = std::min(p.y, view.horizon_mm);
    // The far end is caught by the vanishing point.
    const Point vanish{vanishX(view, g.width_mm), view.horizon_mm};
    if (!(keys & Qt::AltModifier) && std::hypot(p.x - vanish.x, p.y - vanish.y) * g.scale < 7) p = vanish;
    mark.along[ix(m_point)] = p;
    m_session.edit(tr("Bend %1").arg(markName(mark)), withGroundMark(m_start, mark), m_mergeKey);
  }

 private:
  int m_mark, m_point;
};

class WallDrag : public FaceDrag {
 public:
  WallDrag(PlanSession& session, QString key, int corner)
      : FaceDrag(session, -1, std::move(key)), m_corner(corner) {}
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers) override {
    Room room = *m_start.room;
    Box box = room.back();
    const Point p = g.toPanel(pixel);
    if (m_corner == 0) {
      box.left = std::min(p.x, box.right - 3);
      box.bottom = std::min({p.y, box.top - 3, m_start.view->horizon_mm - 1});
    } else {
      box.right = std::max(p.x, box.left + 3);
      box.top = std::max(p.y, box.bottom + 3);
    }
    room.left_mm = box.left, room.bottom_mm = box.bottom, room.width_mm = box.width(),
    room.height_mm = box.height();
    m_session.edit(tr("Move the back wall"), withRoom(m_start, room), m_mergeKey);
  }

 private:
  int m_corner;
};

/// One end of the line across a stamp; the other stays, and so does the side that is stamped.
class PartDrag : public FaceDrag {
 public:
  PartDrag(PlanSession& session, QString key, int impression, int end)
      : FaceDrag(session, impression, std::move(key)), m_end(end) {}
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) override {
    const Stamp& stamp = *m_start.stamp(thing().stamp);
    const auto start = partLineOf(thing(), stamp);
    if (!start) return;
    PartLine line = *start;
    Point& moved = m_end == 0 ? line.a : line.b;
    const Point still = m_end == 0 ? line.b : line.a;
    moved = placingOf(thing(), stamp).toFrame(g.toPanel(pixel));
    // With Shift the line is kept level or upright on the stamp.
    if (keys & Qt::ShiftModifier)
      std::fabs(moved.x - still.x) > std::fabs(moved.y - still.y) ? moved.y = still.y : moved.x = still.x;
    if (auto after = withPart(m_start, thing().id, line))
      m_session.edit(tr("Another part of %1").arg(nameOf(m_start, m_impression)), after, m_mergeKey);
  }

 private:
  int m_end;
};

class RowEndDrag : public FaceDrag {
 public:
  RowEndDrag(PlanSession& session, RowDraft& row, bool far)
      : FaceDrag(session, -1, {}), m_row(row), m_far(far) {}
  void moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) override {
    Point p = g.toPanel(pixel);
    const View& view = *m_start.view;
    p.y = std::min(p.y, view.horizon_mm - (m_far ? 0 : 0.5));
    const Point vanish{vanishX(view, g.width_mm), view.horizon_mm};
    if (m_far && !(keys & Qt::AltModifier) && std::hypot(p.x - vanish.x, p.y - vanish.y) * g.scale < 7)
      p = vanish;
    m_row.setEnd(m_far, p);
  }

 private:
  RowDraft& m_row;
  bool m_far;
};

}  // namespace

std::vector<SceneHandle> handlesOf(const PlanSession& session, const RowDraft& row, const FaceGeometry& g) {
  using What = SceneHandle::What;
  std::vector<SceneHandle> out;
  const Plan& plan = session.plan();
  if (const int chosen = session.selectedIndex(); chosen >= 0 && !row.active()) {
    const Impression& thing = plan.impressions[ix(chosen)];
    const Stamp& stamp = *plan.stamp(thing.stamp);
    if (const auto line = partLineOf(thing, stamp)) {
      const Placing placing = placingOf(thing, stamp);
      for (const int end : {0, 1})
        out.push_back({What::PartEnd, g.toPixels(placing.toPanel(end == 0 ? line->a : line->b)), end, 0,
                       tr("end of the line: only one side of it is stamped")});
    }
  }
  if (!plan.view) return out;
  const View& view = *plan.view;
  if (row.active()) {
    out.push_back({What::RowEnd, g.toPixels(row.wish().from), 0, 0, tr("the first of the row")});
    out.push_back({What::RowEnd, g.toPixels(row.wish().to), 1, 0,
                   tr("the last of the row; on the horizon it has no end")});
  }
  if (plan.light && plan.light->at) {
    out.push_back(
        {What::Light, g.toPixels(*plan.light->at), 0, 0, tr("the light: %1").arg(lightWords(plan))});
    if (plan.light->ground_mm)
      out.push_back({What::LightGround, g.toPixels({plan.light->at->x, *plan.light->ground_mm}), 0, 0,
                     tr("the ground under the light")});
  }
  if (const int mark = session.chosenMark(); mark >= 0) {
    const GroundMark& m = plan.ground[ix(mark)];
    for (size_t k = 0; k < m.along.size(); ++k)
      out.push_back({What::MarkPoint, g.toPixels(m.along[k]), mark, static_cast<int>(k), markName(m)});
  }
  if (plan.room && session.chosenPart() == QLatin1String("room")) {
    const Box back = plan.room->back();
    out.push_back(
        {What::WallCorner, g.toPixels({back.left, back.bottom}), 0, 0, tr("lower corner of the back wall")});
    out.push_back(
        {What::WallCorner, g.toPixels({back.right, back.top}), 1, 0, tr("upper corner of the back wall")});
  }
  out.push_back({What::Vanish, g.toPixels({vanishX(view, g.width_mm), view.horizon_mm}), 0, 0,
                 tr("vanishing point: drag it along the horizon")});
  const double y = g.toPixels({0, view.horizon_mm}).y();
  out.push_back(
      {What::Horizon, QPointF(g.face().right() + kTab_px, y), 0, 0, tr("horizon: drag it up or down")});
  return out;
}

const SceneHandle* handleAt(const std::vector<SceneHandle>& handles, QPointF pixel) {
  const SceneHandle* best = nullptr;
  double nearest = kGrab_px;
  for (const SceneHandle& h : handles) {
    const QPointF off = pixel - h.at;
    const double away = std::hypot(off.x(), off.y());
    // The vanishing point may lie on a thing, which must still be taken beside it.
    if (h.what == SceneHandle::What::Vanish && away > kVanish_px) continue;
    if (away < nearest) nearest = away, best = &h;
  }
  return best;
}

std::unique_ptr<FaceDrag> dragOf(const SceneHandle& h, PlanSession& session, RowDraft& row, QString key) {
  switch (h.what) {
    case SceneHandle::What::Horizon:
      return std::make_unique<HorizonDrag>(session, std::move(key));
    case SceneHandle::What::Vanish:
      return std::make_unique<VanishDrag>(session, std::move(key));
    case SceneHandle::What::Light:
    case SceneHandle::What::LightGround:
      return std::make_unique<LightDrag>(session, std::move(key), h.what == SceneHandle::What::LightGround);
    case SceneHandle::What::MarkPoint:
      return std::make_unique<MarkDrag>(session, std::move(key), h.index, h.point);
    case SceneHandle::What::WallCorner:
      return std::make_unique<WallDrag>(session, std::move(key), h.index);
    case SceneHandle::What::PartEnd:
      return std::make_unique<PartDrag>(session, std::move(key), session.selectedIndex(), h.index);
    case SceneHandle::What::RowEnd:
      return std::make_unique<RowEndDrag>(session, row, h.index == 1);
  }
  return nullptr;
}

}  // namespace havlo
