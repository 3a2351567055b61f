// The sheets of one paper as they are cut: pieces, numbered cuts, what is kept.
#pragma once

#include <QWidget>

#include "core/pieces/from_drawer.h"
#include "core/units/measure.h"

namespace havlo {

class CutView : public QWidget {
  Q_OBJECT

 public:
  explicit CutView(QWidget* parent = nullptr);
  /// Nothing, or one paper with its sheets.
  void show(const DrawerCut* cut, MeasureStyle style);
  QSize minimumSizeHint() const override { return {360, 320}; }
  int sheets() const { return static_cast<int>(m_sheets.size()); }

 protected:
  void paintEvent(QPaintEvent*) override;

 private:
  struct Shown {
    TrimmedSheet sheet;
    double width_mm = 0, height_mm = 0;
    QString from;
    std::vector<QString> names;  // by piece of the sheet
    int alike = 1;               // sheets that are cut in just this way
    Grain grain = Grain::Unknown;
  };
  std::vector<Shown> m_sheets;
  MeasureStyle m_style = MeasureStyle::Millimetres;

  void add(Shown shown);
  void paintSheet(QPainter& p, const Shown& s, const QRectF& room) const;
};

}  // namespace havlo
