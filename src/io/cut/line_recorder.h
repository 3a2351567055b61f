// A painter's device that keeps what is drawn as lines instead of pixels: reads drawings through Qt's own
// renderer.
#pragma once

#include <QPaintDevice>
#include <QPaintEngine>
#include <memory>

#include "core/cutting/cut_sheet.h"

namespace havlo {

/// The soft ink Havlo draws marks and labels of a cut file in. Never cut.
inline constexpr unsigned kMarkColour = 0xff5c6870;

/// Keeps outlines of everything drawn, in the device's units times 1 / `scale`, y down. Dashed lines are kept
/// apart; text and pictures are left out.
class LineRecorder : public QPaintDevice {
 public:
  /// @param width, height  in mm  @param unitsPerMm  device units a mm: curves are flattened to half a unit
  LineRecorder(double width_mm, double height_mm, double unitsPerMm = 100);
  ~LineRecorder() override;
  QPaintEngine* paintEngine() const override;

  const std::vector<CutLine>& solid() const;
  const std::vector<CutLine>& dashed() const;
  double unitsPerMm() const { return m_unitsPerMm; }

 protected:
  int metric(PaintDeviceMetric metric) const override;

 private:
  class Engine;
  double m_width_mm, m_height_mm, m_unitsPerMm;
  std::unique_ptr<Engine> m_engine;
};

}  // namespace havlo
