// What a painted view shows, for those who do not see it: each thing a child of the view with a name, words,
// a place and whether it is chosen, to be taken by whatever reads the screen.
#pragma once

#include <QRect>
#include <QString>
#include <vector>

class QWidget;

namespace havlo {

struct ViewItem {
  QString name = {};   ///< "Hare"
  QString words = {};  ///< "1.8 m away, fits"
  QRect place = {};    ///< pixels of the view
  bool chosen = false;
};

/// A widget that is one tells of its items. They are known by their number: what is taken is what has it
/// then.
class ItemView {
 public:
  virtual ~ItemView() = default;
  virtual std::vector<ViewItem> items() const = 0;
  /// As a click on it would.
  virtual void takeItem(int item) = 0;
};

/// Once, when the application begins.
void tellOfItems();
/// Says that another item has the keys, so that it is read. @param view  an ItemView  @param item  -1: none
void itemFocused(QWidget* view, int item);
/// Has something read that came up elsewhere: a finding, a step that is done.
void announce(QWidget* by, const QString& text);

}  // namespace havlo
