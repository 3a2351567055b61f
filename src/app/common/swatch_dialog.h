// Inks from a scanned colour strip: the patches that are found, each to be named and taken into the drawer.
#pragma once

#include <QDialog>
#include <vector>

#include "app/session/job.h"
#include "io/scan/scan_file.h"

class QComboBox;
class QLabel;
class QPushButton;

namespace havlo {

class DrawerSession;
class KeyedRows;
class SwatchPicture;

class SwatchDialog : public QDialog {
  Q_OBJECT

 public:
  SwatchDialog(DrawerSession& drawer, const QString& file, QWidget* parent = nullptr);
  /// Asks for a scan and shows it. @return the ids of the inks that came into the drawer
  static std::vector<std::string> ask(DrawerSession& drawer, const QString& strip, QWidget* parent);
  const std::vector<std::string>& taken() const { return m_ids; }
  void accept() override;

 private:
  struct Found {
    ReadColours read;
    std::vector<Swatch> swatches;
  };
  struct Row {
    bool wanted = true;
    QString name;
  };
  DrawerSession& m_drawer;
  Job<Result<Found>>* m_job;
  std::vector<Swatch> m_swatches;
  std::vector<Row> m_wanted;
  std::vector<std::string> m_ids;
  SwatchPicture* m_picture;
  KeyedRows* m_rows;
  QComboBox* m_kind;
  QLabel* m_says;
  QPushButton* m_take;

  void present(const Result<Found>& found);
  void fill();
};

}  // namespace havlo
