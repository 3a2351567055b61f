// The walk: the same scene from the side. The viewer's eye at one end, ground running off to the horizon,
// every impression an upright flat at its distance. Things are moved nearer and farther here.
#pragma once

#include <QWidget>
#include <optional>

#include "app/common/accessible_items.h"
#include "app/session/plan_session.h"
#include "app/walk/walk_veils.h"

class QPainter;

namespace havlo {

class WalkView : public QWidget, public ItemView {
  Q_OBJECT

 public:
  explicit WalkView(PlanSession& session, QWidget* parent = nullptr);
  QSize minimumSizeHint() const override;
  QSize sizeHint() const override { return {900, 190}; }

  /// Pixel of a distance along the walk, and back. Logarithmic; infinity is the right end.
  double xOf(double distance_m) const;
  double distanceAt(double x) const;
  /// Near to far.
  std::vector<ViewItem> items() const override;
  void takeItem(int item) override;
  /// Where the flat of an impression stands, for pointing at it.
  QPointF flatOf(int impression) const;
  /// Where a blend that hangs at a distance is taken hold of; nothing for one that has no place in the walk.
  std::optional<QPointF> veilOf(int wash) const;

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void mouseReleaseEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  bool event(QEvent*) override;

 private:
  struct Flat {
    int impression = 0;
    double x = 0;
    double bottom = 0, top = 0;                  // pixels
    double low_m = 0, high_m = 0, hidden_m = 0;  // over the ground; up to hidden_m it is behind nearer things
    double away_m = 0;
  };

  static constexpr double kEye_px = 44, kRight_px = 30,
                          kHeading_px = 30;  // the eye's place from the left; margins

  PlanSession& m_session;
  std::unique_ptr<Plan> m_start;  // while dragging
  std::unique_ptr<PlanSession::Hold> m_hold;
  int m_dragged = -1, m_hover = -1, m_dragSerial = 0;
  int m_veil = -1;  // wash that was chosen here last
  bool m_veilDragged = false;
  double m_grabOffset = 0;

  double groundY() const;
  double pixelsPerMetre() const;
  struct Known {
    AnalysisRef of;
    bool dragging = false;
    double near_m = 1, far_m = 10;  ///< shown
    std::vector<QString> names;     ///< by impression
    std::vector<char> unfit;        ///< by impression: another size than its place asks for
  };
  mutable Known m_known;
  const Known& known() const;
  /// Nearest and farthest distance shown.
  std::pair<double, double> span() const;
  double rise(double metres) const;
  std::vector<Flat> flats() const;
  void findHidden(std::vector<Flat>& flats) const;
  void paintTone(QPainter& p, const std::vector<Flat>& flats) const;
  void paintSight(QPainter& p, const Flat& flat, QPointF eye) const;
  int flatAt(QPointF p) const;
  std::vector<Flat> nearToFar() const;
  std::vector<WalkVeil> veils(const std::vector<Flat>& things) const;  // by impression
  const WalkVeil* veilAt(const std::vector<WalkVeil>& all, QPointF p) const;
  void hang(const Plan& start, int wash, double distance_m, const QString& key);
  void paintGround(QPainter& p) const;
  void paintEye(QPainter& p, QPointF eye) const;
  QRectF paintEyeLevel(QPainter& p, QPointF eye) const;
  std::vector<QRectF> paintVeils(QPainter& p,
                                 const std::vector<Flat>& flats) const;  // where their names stand
  QColor colourOf(int impression, bool chosen) const;
  QString labelFor(const Flat& flat, int selected) const;
  double yOfTone(double strength) const;
  std::vector<std::pair<QPointF, bool>> toneDots(const std::vector<Flat>& all) const;
  void paintFlats(QPainter& p, std::vector<Flat> flats) const;
  void paintNames(QPainter& p, std::vector<Flat> flats, const std::vector<QRectF>& taken) const;
  /// The thing to that distance; others that are chosen come nearer or farther by the same factor.
  void moveFrom(const Plan& start, int impression, double distance_m, const QString& key);
  std::vector<char> chosenOnes() const;
};

}  // namespace havlo
