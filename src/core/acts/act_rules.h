// Which act of inking must come before which, as far as washes take part, and the sequence of all of them.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/acts/order_rules.h"
#include "core/handwork/hand_kind.h"
#include "core/marks/stack.h"
#include "core/mask/mask_needs.h"

namespace havlo {

struct ActRule {
  int first = 0, then = 0;  ///< acts
  enum class Why {
    OverIt,     ///< `then` lies over `first` and would change it otherwise
    KeptClean,  ///< `first` is a print that lies covered while `then` is blended
    Wiped,      ///< `first` is embossed, so that `then` is wiped off it
    ByHand,     ///< one of the two is done by hand, to what the other one leaves or before that covers it
    Wish        ///< the maker wants it so
  } why = Why::OverIt;
};

/// A rule that would close a ring.
struct ImpossibleRule {
  ActRule rule;
  std::vector<int> against;  ///< acts each of which must come before the next: from `then` to `first`
};

/// A wish of `making.sequence` that cannot be met.
struct RefusedWish {
  size_t wish = 0;           ///< index in the plan's list
  std::vector<int> against;  ///< acts each of which must come before the next: from `before` to `act`
};

class ActRules {
 public:
  ActRules(const Plan& plan, const Meetings& meetings, const WashMeetings& washes, const Stack& stack,
           const Knots& knots, const NeedTable& needs, const Handwork& hand = {});

  const std::vector<ActRule>& all() const { return m_rules; }
  /// What they come to between impressions alone: (first, then), because a wash lies between the two.
  const std::vector<std::pair<int, int>>& between() const { return m_between; }
  /// Must some wash come before some stamping?
  bool anyBefore() const { return m_anyBefore; }
  const std::vector<RefusedWish>& refused() const { return m_refused; }
  /// Rules left out because they would go round in a ring.
  const std::vector<ImpossibleRule>& impossible() const { return m_impossible; }

  /// An order of impressions put right so that every wash finds its place in it; moved as little as can be.
  std::vector<int> putRight(const std::vector<int>& order) const;
  /// The order with the washes in it, and with what is done by hand between them. @param early  each as soon
  /// as it may be, else as late as it may be
  std::vector<int> withWashes(const std::vector<int>& order, bool early) const;
  /// The same with what is done by hand when all else is done, in its order; what is there already stays.
  std::vector<int> withHandwork(std::vector<int> acts) const;

 private:
  using After = std::vector<std::vector<int>>;  // act -> acts that must come after it, whatever they are

  void listWashes(const Plan& plan, const WashMeetings& washes, const Stack& stack, const NeedTable& needs,
                  std::vector<ActRule>& wanted) const;
  void takeRules(std::vector<ActRule> wanted, After& after);
  bool takeWishes(const Plan& plan, After& after);
  void followBetween();
  void listByHand(const Plan& plan, const Handwork& hand, std::vector<ActRule>& wanted) const;
  void sortByHand(const Plan& plan, const Handwork& hand);
  /// Pieces of their own are stamped before or after what the maker wishes.
  void movePieces(std::vector<int>& acts) const;

  size_t m_things = 0;
  int m_firstHand = 0;
  std::vector<ActRule> m_rules;
  std::vector<ImpossibleRule> m_impossible;
  std::vector<RefusedWish> m_refused;
  std::vector<std::pair<int, int>> m_between;
  std::vector<std::vector<int>>
      m_before;  // act -> acts that must come before it, washes being one of the two
  std::vector<std::vector<int>> m_thingsBefore;  // the same between impressions, by depth and by washes
  struct PieceWish {
    int first, then;
    bool firstIsPiece;
  };
  std::vector<PieceWish> m_pieceWishes;
  std::vector<int> m_floating;  // acts: washes, lightest ink first, then what is done by hand
                                // between stampings and blends
  std::vector<char> m_soon;     // act -> not put off
  std::vector<int> m_late;      // acts: what is done by hand at the end, in its order
  bool m_anyBefore = false;
};

}  // namespace havlo
