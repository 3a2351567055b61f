// What is asked for in the place of arrangements, and the work that finds it, on a worker thread.
#pragma once

#include <QImage>
#include <QString>
#include <memory>
#include <vector>

#include "core/arrange/variants.h"
#include "core/base/progress.h"

namespace havlo {

class SvgArt;

enum class Asked { Better, Scene, Fresh, Fitted, Four };

struct ArrangeAsk {
  Asked what = Asked::Better;
  ArrangeWish better;
  std::string hero;       ///< drawer key: of scenes and sets
  PanelSize size;         ///< of a card that is fitted
  QString drawer;         ///< file of the drawer
  std::vector<Ink> inks;  ///< the plan's and the drawer's
  uint64_t seed = 1;
};

/// A card that is shown, with what is said of it.
struct ArrangeLeaf {
  Proposal card;
  QString title, said;
  QImage picture;
};

struct ArrangeFound {
  std::optional<ArrangeLeaf> now;  ///< the card as it is, where it is there for comparison
  std::vector<ArrangeLeaf> cards;
  QString says;  ///< one sentence about all of it
};

/// @error as the search that was asked for; CannotRead without the drawer
Result<ArrangeFound> arranged(const Plan& plan, const ArrangeAsk& ask, std::shared_ptr<SvgArt> art,
                              const Progress& progress);

/// Share of the pull, masks, minutes and proof of a card, in a line.
QString arrangeNumbers(const Proposal& proposal);

}  // namespace havlo
