// The reading: what the scene says to an eye that sees it the first time, most important first.
#pragma once

#include "app/common/sheet_frame.h"
#include "app/session/plan_session.h"

namespace havlo {

class FindingCard;
class KeyedRows;
class SvgArt;

class ReadingPanel : public SheetFrame {
  Q_OBJECT

 public:
  ReadingPanel(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  /// Wrapped lines make it no taller: it rolls, so that choosing a thing never moves the card.
  bool hasHeightForWidth() const override { return false; }

 Q_SIGNALS:
  void showRequested(const std::vector<int>& impressions);

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  QLabel* m_summary;
  KeyedRows* m_rows;
  std::vector<Finding> m_shown;
  QStringList m_shownWords;
  bool m_showKnown = false;
  static constexpr size_t kAtOnce = 20;  ///< the weightiest; nobody reads more before mending something
  size_t m_most = kAtOnce;

  void refresh();
  void showCard(FindingCard& card, size_t index);
  void showKnown();
  void showThings(size_t index);
  void tellAgain(size_t index);
  void applyFix(size_t index);
  void applyInstead(size_t index);
  void compare(size_t index);
  std::vector<std::string> idsOf(const Finding& finding) const;
  void know(size_t index, bool wholeRule);
};

}  // namespace havlo
