// The card as it is coloured: parts are clicked and swept over, lines are drawn, small things put on. It
// can be looked at from near by.
#pragma once

#include <QImage>
#include <QWidget>
#include <optional>

#include "app/colour/part_finder.h"
#include "app/common/face_geometry.h"
#include "core/edit/hand_edits.h"

namespace havlo {

/// What the mouse does on the card.
enum class HandTool { Colour, Bare, Uncolour, TakeUp, Line, Accent, Lift };

class ColourView : public QWidget {
  Q_OBJECT

 public:
  ColourView(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  PartFinder& parts() { return *m_parts; }
  HandTool tool() const { return m_tool; }
  void setTool(HandTool tool);
  /// What a click colours with; made of the plan and the inks that it may lack.
  void setColour(const ColourIn& with, const std::optional<Ink>& ink);
  void setLine(const HandLine& like) { m_line = like; }
  void setAccent(const Accent& like) { m_accent = like; }
  void setLift(const Lift& like) { m_lift = like; }
  /// The ink of lines and accents, if the plan may lack it.
  void setLineInk(const std::optional<Ink>& ink) { m_lineInk = ink; }

  FaceGeometry geometryNow() const;
  /// 1: all of it.
  double closeness() const { return m_close; }
  void lookFrom(double closeness, Point middle);
  /// Fills the view with one thing; no thing: the whole card.
  void lookAt(int thing);
  void beginWork();
  bool pictureIsNow() const { return m_session.isNow(m_of); }
  QSize minimumSizeHint() const override { return {320, 240}; }
  QSize sizeHint() const override { return {760, 540}; }

 Q_SIGNALS:
  void tookUp(int colouring);          ///< an index in the plan's list
  void pointedAt(const PartAt& part);  ///< what the mouse is over, or the keys are at

 protected:
  void paintEvent(QPaintEvent*) override;
  void resizeEvent(QResizeEvent*) override;
  void showEvent(QShowEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void mouseReleaseEvent(QMouseEvent*) override;
  void wheelEvent(QWheelEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  void leaveEvent(QEvent*) override;

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  std::shared_ptr<TileStore> m_tiles;
  PartFinder* m_parts;
  PlanJob<QImage>* m_job;
  PlanState m_of;  // what the picture shows
  QImage m_picture;
  double m_dpi = 0;  // of the picture
  HandTool m_tool = HandTool::Colour;
  ColourIn m_with;
  std::optional<Ink> m_ink, m_lineInk;
  HandLine m_line;
  Accent m_accent;
  Lift m_lift;
  double m_close = 1;
  Point m_middle;
  bool m_stale = true, m_sweeping = false, m_panning = false;
  int m_serial = 0;
  QPointF m_from;
  Point m_middleFrom;
  PartAt m_over;
  std::vector<PartAt> m_swept;
  std::vector<Point> m_drawn;
  std::optional<Point> m_snap;

  void refresh();
  void pointAt(const PartAt& part);
  void work(const PartAt& part);
  void stepPart(int by);
  void stepThing(int by);
  void finishLine();
  Point snapped(Point p, const FaceGeometry& g);
  void paintPart(QPainter& p, const FaceGeometry& g, const PartAt& part, bool strong) const;
  Plan withInks(std::string& lineInk) const;
};

}  // namespace havlo
