// The picture and the plan on one grid, both as even light shows them; for this room only.
#pragma once

#include <opencv2/core.hpp>
#include <optional>

#include "core/compare/comparison.h"

namespace havlo {

/// One print in the scale of its own ground and ink: 0 is bare, 1 is inked.
struct PrintScale {
  cv::Vec3f ground,
      across;           ///< encoded 0 to 1; `across` leads from ground to ink, divided by its length squared
  double contrast = 0;  ///< length of that way
  float of(const cv::Vec3f& c) const { return (c - ground).dot(across); }
};

class SeenCard {
 public:
  SeenCard(const Plan& plan, const Analysis& analysis, PressTiles& tiles, std::vector<char> stamped,
           cv::Mat seen, cv::Mat wanted);

  double perMm() const { return m_perMm; }
  const Grid& grid() const { return m_tiles.grid(); }
  bool isStamped(int i) const { return m_stamped[ix(i)] != 0; }
  const cv::Mat& seen() const { return m_seen; }
  const cv::Mat& wanted() const { return m_wanted; }
  /// 255 where any print has ink that is to be seen.
  const cv::Mat& inked() const { return m_inked; }
  PressTiles& tiles() const { return m_tiles; }
  /// Ink of a print that is to be seen: not under what stands before it.
  const Tile& printed(int i) const { return m_printed[ix(i)]; }
  /// Is there ink of another print, or its near surroundings, in this pixel?
  bool othersAt(int i, int x, int y) const;
  bool nearOthersAt(int i, int x, int y) const;
  /// Does something in front of it end near there? Where it ends hangs on that one's place and on the paper.
  bool hiddenAt(int i, int x, int y) const;
  std::optional<PrintScale> scaleOf(int i) const;

  SeenPrint look(int i) const;
  /// Where a print really lies, planned pixel coordinates to those of the picture.
  cv::Point2d toSeen(const SeenPrint& print, cv::Point2d p) const;
  cv::Point2d toPlan(const SeenPrint& print, cv::Point2d p) const;
  Point mmOf(cv::Point2d p) const { return {p.x / m_perMm, grid().panelHeight_mm - p.y / m_perMm}; }
  cv::Point2d pixelOf(Point p) const { return {p.x * m_perMm, (grid().panelHeight_mm - p.y) * m_perMm}; }

 private:
  const Plan& m_plan;
  const Analysis& m_analysis;
  PressTiles& m_tiles;
  std::vector<char> m_stamped;
  cv::Mat m_seen, m_wanted;  // float, 3 channels, encoded 0 to 1
  double m_perMm = 1;
  std::vector<Tile> m_printed, m_near;  // m_near: printed and half a millimetre round it
  cv::Mat m_inked;
  cv::Mat m_count;  // how many are near, by pixel
  std::vector<std::vector<int>> m_fronts;
  std::vector<Tile> m_wide;  // silhouettes and a millimetre round them, of what is in front of anything

  SeenPrint lookWithin(int i, double farthest_mm) const;
  /// Share of a print's ink that was found where others should have theirs.
  double onOthers(const SeenPrint& print) const;
  /// Share of its ink that came onto the card.
  double inkThatCame(const SeenPrint& print, int i) const;
  void mishaps(SeenPrint& out, int i, const PrintScale& scale) const;
};

/// Joins and papers, once it is known where the prints lie. @param prints  by impression; null where unknown
void lookAtJoins(const Plan& plan, const Analysis& analysis, const SeenCard& card,
                 const std::vector<const SeenPrint*>& prints, Comparison& out);

}  // namespace havlo
