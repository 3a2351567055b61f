#include "app/drawer/add_page.h"

#include <QClipboard>
#include <QFile>
#include <QFileInfo>
#include <QGuiApplication>
#include <QMimeData>
#include <QProgressBar>
#include <QPushButton>
#include <QUrl>
#include <cmath>

#include "app/common/measure_edit.h"
#include "app/drawer/stamp_facts.h"
#include "app/drawer/trace_panel.h"
#include "core/outline/shared_area.h"
#include "io/art/svg_art.h"
#include "io/devices/scanner.h"
#include "io/drawer/drawer_file.h"
#include "io/scan/harvest.h"
#include "io/wording/card_words.h"

namespace havlo {
namespace {

constexpr int kLook_px = 1800;  // of the picture that is looked at

QImage imageOf(const Scan& scan) {
  QImage image(scan.width, scan.height, QImage::Format_Grayscale8);
  for (int y = 0; y < scan.height; ++y)
    std::copy(scan.grey.begin() + static_cast<std::ptrdiff_t>(y) * scan.width,
              scan.grey.begin() + static_cast<std::ptrdiff_t>(y + 1) * scan.width, image.scanLine(y));
  return image;
}

}  // namespace

/// One mend, or one pull at a slider, taken back and done again.
class MendCommand : public QUndoCommand {
 public:
  MendCommand(AddPage& page, const QString& label, AddPage::Mends after, int merging)
      : QUndoCommand(label),
        m_page(page),
        m_before(page.mendsNow()),
        m_after(std::move(after)),
        m_merging(merging) {}
  int id() const override { return m_merging; }
  bool mergeWith(const QUndoCommand* next) override {
    m_after = static_cast<const MendCommand*>(next)->m_after;
    return true;
  }
  void undo() override { m_page.restore(m_before); }
  void redo() override { m_page.restore(m_after); }

 private:
  AddPage& m_page;
  AddPage::Mends m_before, m_after;
  int m_merging;
};

AddPage::Read AddPage::kept(ReadScan read) {
  Read out;
  out.name = read.name, out.scale = read.scale;
  out.small = reduced(read.scan, kLook_px);
  out.scan = std::make_shared<const Scan>(std::move(read.scan));
  return out;
}

void AddPage::mend(const QString& label, Mends after, int merging) {
  m_undo.push(new MendCommand(*this, label, std::move(after), merging));
}

void AddPage::restore(const Mends& mends) {
  const bool sameShape = mends.found == m_found && mends.settings == m_settings && mends.chosen == m_chosen;
  m_found = mends.found, m_settings = mends.settings, m_foot = mends.foot, m_chosen = mends.chosen;
  m_keys = mends.keys;
  m_mends->showSettings(m_settings);
  sameShape ? show() : trace();
}

void AddPage::joinIn(Box area) {
  if (!m_found) return;
  FoundSheet joined = *m_found;
  std::vector<std::string> keys = m_keys;
  Box all;
  for (size_t k = joined.impressions.size(); k-- > 0;) {
    const Box b = joined.impressions[k];
    if (!area.contains(b.centre())) continue;
    all.include({b.left, b.bottom}), all.include({b.right, b.top});
    joined.impressions.erase(joined.impressions.begin() + static_cast<long>(k));
    keys.erase(keys.begin() + static_cast<long>(k));
  }
  if (all.empty()) all = area;
  joined.impressions.push_back(all);
  keys.emplace_back();
  Mends after;
  after.found = std::make_shared<FoundSheet>(std::move(joined));
  after.chosen = static_cast<int>(after.found->impressions.size()) - 1;
  after.keys = std::move(keys);
  m_facts->startOver({});
  m_wholeSheet = false;
  mend(tr("Take marks as one"), std::move(after));
}

void AddPage::openAt(Point at) {
  const auto near = [&](Point p) {
    if (!m_traced) return false;
    for (const EnclosedRegion& r : m_traced->regions) {
      const Rings onSheet = [&] {
        Rings rings = r.shape;
        for (Ring& ring : rings)
          for (Point& q : ring) q = {m_traced->lowerLeft.x + q.x, m_traced->lowerLeft.y - q.y};
        return rings;
      }();
      if (covers(onSheet, at) && covers(onSheet, p)) return true;
    }
    return false;
  };
  Mends after = mendsNow();
  const size_t before = after.settings.holes.size();
  std::erase_if(after.settings.holes, near);
  if (after.settings.holes.size() == before) after.settings.holes.push_back(at);
  mend(tr("Hole or no hole"), std::move(after));
}

/// All of them, or one.
void AddPage::closeOpenings(int only) {
  if (!m_traced) return;
  Mends after = mendsNow();
  for (size_t k = 0; k < m_traced->openings.size(); ++k)
    if (only < 0 || static_cast<int>(k) == only)
      after.settings.bridges.push_back({m_traced->openings[k].a, m_traced->openings[k].b});
  mend(tr("Close the outline"), std::move(after));
}

// ---- reading

void AddPage::start(const QString& what) {
  m_busyWords->setText(what);
  m_progress->setValue(0);
  m_progress->show();
  m_stop->show();
}

void AddPage::stopped() {
  m_progress->hide();
  m_stop->hide();
  m_busyWords->clear();
}

void AddPage::fail(const Error& error) {
  stopped();
  if (error.code != ErrorCode::Stopped) Q_EMIT m_session.trouble(QString::fromStdString(error.message));
}

void AddPage::readFile(const QString& path) {
  start(tr("Reading %1").arg(QFileInfo(path).fileName()));
  m_reading->run(
      [path](const Progress& progress) -> Result<Read> {
        auto read = readScanFile(path, progress);
        if (!read) return read.error();
        return kept(std::move(read).value());
      },
      [this](Result<Read> read) {
        if (!read) return fail(read.error());
        take(std::move(read).value());
      });
}

void AddPage::paste() {
  const QMimeData* pasted = QGuiApplication::clipboard()->mimeData();
  if (pasted && pasted->hasUrls() && pasted->urls().constFirst().isLocalFile())
    return readFile(pasted->urls().constFirst().toLocalFile());
  auto read = readScanImage(QGuiApplication::clipboard()->image());
  if (!read) return fail({ErrorCode::BadInput, tr("there is no picture to paste").toStdString(), {}});
  take(kept(std::move(read).value()));
}

void AddPage::trySample() {
  start(tr("The stand-in scanner is at work"));
  m_reading->run(
      [art = m_art](const Progress&) -> Result<Read> {
        QFile file(QStringLiteral(":/demo/canal-drawer.zip"));
        if (!file.open(QIODevice::ReadOnly)) return Error{ErrorCode::CannotRead, "there is no sample", {}};
        const auto drawer = readDrawer(file.readAll());
        if (!drawer) return drawer.error();
        std::vector<StampRef> stamps;
        for (const char* id : {"hare", "duck", "poplar-small", "heron", "lock-cottage"})
          for (const DrawerStamp& s : drawer.value().stamps)
            if (s.stamp.id == id) stamps.push_back(std::make_shared<Stamp>(s.stamp));
        ScannerSettings how;
        how.skew = Degrees{1.4};
        const auto glass = inRows(stamps, 118);
        auto read = readScanImage(scanSheet(glass, 118, heightOfRows(glass), *art, how));
        if (!read) return read.error();
        return kept(std::move(read).value());
      },
      [this](Result<Read> read) {
        if (!read) return fail(read.error());
        take(std::move(read).value());
      });
}

void AddPage::take(Read read) {
  stopped();
  m_scan = std::move(read.scan);
  m_small = std::move(read.small);
  m_fileName = read.name;
  m_scale = read.scale;
  m_found.reset(), m_traced.reset();
  m_level.reset(), m_foot.reset();
  m_corners.clear();
  m_settings = {};
  m_keys.clear();
  m_undo.clear();
  m_chosen = -1;
  m_wholeSheet = true;
  useTool(ScanView::Tool::Look);
  m_scaleWays->setVisible(m_scan->pxPerMm <= 0);
  m_otherScale->setVisible(m_scan->pxPerMm > 0);
  m_pictureWords->setText(tr("%1 × %2 pixels").arg(m_scan->width).arg(m_scan->height));
  if (m_scan->pxPerMm > 0) {
    m_scaleWords->setText(m_scale == ScaleFrom::Drawing
                              ? tr("The drawing says how large it is.")
                              : tr("%1 dpi, as the file says.").arg(qRound(m_scan->pxPerMm * kMmPerInch)));
    find();
  } else {
    m_scaleWords->setText(tr("The file does not say how large it is. Mark something whose size you know."));
    show();
  }
}

void AddPage::setScale(double pxPerMm, ScaleFrom from, const QString& said) {
  if (!m_scan || !(pxPerMm > 0)) return;
  auto scaled = std::make_shared<Scan>(*m_scan);
  scaled->pxPerMm = pxPerMm;
  m_small.pxPerMm = pxPerMm * m_small.width / scaled->width;
  m_scan = std::move(scaled);
  m_scale = from;
  m_scaleWords->setText(tr("%1 dpi, %2.").arg(qRound(pxPerMm * kMmPerInch)).arg(said));
  useTool(ScanView::Tool::Look);
  m_scaleWays->hide();
  m_otherScale->show();
  find();
}

void AddPage::straighten(std::optional<std::array<PixelPoint, 4>> corners, double width, double height) {
  if (!m_scan) return;
  start(tr("Straightening the picture"));
  const std::string notFound =
      tr("The printed square was not found in this picture. It must be whole and not in shadow.")
          .toStdString();
  m_reading->run(
      [scan = m_scan, corners, width, height, name = m_fileName,
       notFound](const Progress& progress) -> Result<Read> {
        const auto marked = corners ? corners : findCalibrationSquare(*scan);
        if (!marked) return Error{ErrorCode::BadInput, notFound, {}};
        if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
        auto flat =
            straightened(*scan, *marked, width, height, corners ? Straighten::Tell : Straighten::Around);
        if (!flat) return flat.error();
        return kept({std::move(flat).value(), ScaleFrom::File, name});
      },
      [this](Result<Read> read) {
        if (!read) return fail(read.error());
        take(std::move(read).value());
        m_scaleWords->setText(tr("%1 dpi, straightened.").arg(qRound(m_scan->pxPerMm * kMmPerInch)));
      });
}

// ---- finding and tracing

void AddPage::find() {
  if (!m_scan) return;
  start(tr("Looking for impressions"));
  FindSettings how;
  how.level = m_level;
  m_finding->run([scan = m_scan, how](const Progress& progress) { return readSheet(*scan, how, progress); },
                 [this](Result<FoundSheet> found) {
                   if (!found) {
                     m_found.reset(), m_traced.reset();
                     fail(found.error());
                     return show();
                   }
                   stopped();
                   m_found = std::make_shared<const FoundSheet>(std::move(found).value());
                   m_keys.assign(m_found->impressions.size(), {});
                   m_mends->showLevel(m_found->level);
                   chooseImpression(std::clamp(m_chosen, 0, impressions() - 1));
                 });
}

void AddPage::chooseImpression(int index) {
  if (index < 0 || index >= impressions()) return;
  m_chosen = index;
  m_settings = {};
  m_foot.reset();
  m_traced.reset();
  m_undo.clear();
  m_mends->showSettings(m_settings);
  const std::string& key = m_keys[ix(m_chosen)];
  const auto known = key.empty() ? nullptr : m_drawer.stamp(key);
  known ? m_facts->showStamp(known->stamp)
        : m_facts->startOver(impressions() == 1 ? nameFromFile(m_fileName) : QString());
  m_wholeSheet = false;
  if (isVisible()) m_facts->takeKeys();
  trace();
}

/// The next one that is not in the drawer yet; when all are, the sheet is shown with its marks.
void AddPage::nextToDo() {
  const int n = impressions();
  for (int k = 1; k <= n; ++k)
    if (const int next = (m_chosen + k) % n; m_keys[ix(next)].empty()) return chooseImpression(next);
  m_wholeSheet = true;
  show();
}

void AddPage::trace() {
  if (!m_found || m_chosen < 0) return;
  start(tr("Tracing"));
  m_tracing->run(
      [scan = m_scan, found = m_found, box = m_found->impressions[ix(m_chosen)],
       how = m_settings](const Progress& progress) -> Result<Traced> {
        auto traced = traceStamp(*scan, *found, box, how, progress);
        if (!traced) return traced.error();
        Traced out;
        out.area = box.grown(3);
        const double px = std::min(20.0, 900 / std::max(out.area.width(), out.area.height()));
        out.picture = imageOf(levelledPicture(*scan, *found, out.area, px));
        out.stamp = std::make_shared<const TracedStamp>(std::move(traced).value());
        return out;
      },
      [this](Result<Traced> traced) {
        if (!traced) {
          fail(traced.error());
          return show();
        }
        stopped();
        Traced t = std::move(traced).value();
        m_traced = std::move(t.stamp);
        m_tracedPicture = t.picture, m_tracedArea = t.area;
        show();
      });
}

Scan AddPage::frame() const {
  Scan f;
  if (!m_scan) return f;
  f.width = m_scan->width, f.height = m_scan->height;
  f.pxPerMm = m_scan->pxPerMm > 0 ? m_scan->pxPerMm : 1;
  return f;
}

Point AddPage::footNow() const {
  if (m_foot) return *m_foot;
  const Point foot = m_traced->stamp.foot;
  return {m_traced->lowerLeft.x + foot.x, m_traced->lowerLeft.y - foot.y};
}

void AddPage::useTool(ScanView::Tool tool) {
  m_view->setTool(tool);
  for (QPushButton* b : m_tools) b->setChecked(b->property("tool").toInt() == static_cast<int>(tool));
  m_mends->showTool(tool);
  m_lengthRow->setVisible(tool == ScanView::Tool::Length);
  m_cornerRow->setVisible(tool == ScanView::Tool::Corners);
  if (tool == ScanView::Tool::Length || tool == ScanView::Tool::Corners) {
    m_wholeSheet = true;
    m_marked_px = 0;
    m_corners.clear();
    show();
  }
}

void AddPage::show() {
  for (MeasureEdit* e : {m_length, m_cornerWidth, m_cornerHeight}) e->setUnits(m_session.units());
  m_scaleTools->setVisible(m_scan != nullptr);
  m_whole->setVisible(m_found && !m_wholeSheet);
  m_next->setVisible(impressions() > 1);
  m_foundWords->setVisible(m_found != nullptr);
  std::vector<bool> inDrawer;
  for (const std::string& key : m_keys) inDrawer.push_back(!key.empty());
  const auto done = std::count(inDrawer.begin(), inDrawer.end(), true);
  if (m_found) {
    const int n = impressions();
    m_foundWords->setText(
        n == 1      ? tr("One impression was found.")
        : done == n ? tr("All %1 are in the drawer.").arg(n)
                    : tr("Number %1 of %2; %3. On the whole sheet, drag a frame round marks that belong "
                         "together.")
                          .arg(m_chosen + 1)
                          .arg(n)
                          .arg(done == 0   ? tr("none is in the drawer yet")
                               : done == 1 ? tr("1 is in the drawer")
                                           : tr("%1 are in the drawer").arg(done)));
  }
  const bool any = m_traced && m_found;
  m_showMends->setVisible(any);
  m_showMends->setText(m_mends->isHidden() ? tr("3  Mend what was traced…") : tr("Put the mends away"));
  if (!any) m_mends->hide();
  m_whatIsIt->setVisible(any);
  m_put->setText(any && !m_keys[ix(m_chosen)].empty() ? tr("Mend it in the drawer") : tr("Into the drawer"));
  m_put->setEnabled(any && !m_drawer.readOnly()), m_putOn->setEnabled(any && !m_drawer.readOnly());
  const size_t open = any ? m_traced->openings.size() : 0;
  m_openRow->setVisible(open > 0);
  if (open > 0)
    m_asksOpen->setText(open == 1 ? tr("The outline is open at one place: close it?")
                                  : tr("The outline is open at %1 places: close it?").arg(open));
  if (any) {
    const Stamp& s = m_traced->stamp;
    QStringList words{tr("Prints %1, %2.")
                          .arg(sizeWords(s.width_mm, s.height_mm, m_session.units()),
                               s.solid ? tr("solid") : tr("line art"))};
    if (m_traced->touchesEdge) words << tr("It runs to the edge of the picture: part of it may be missing.");
    if (m_traced->specks > 0)
      words << (m_traced->specks == 1 ? tr("One speck was dropped.")
                                      : tr("%1 specks were dropped.").arg(m_traced->specks));
    m_mends->showFacts(words.join(u' '));
  }
  if (!m_scan) return m_view->clear();
  if (m_wholeSheet || !any) {
    const Scan f = frame();
    const Box area{0, 0, f.width / f.pxPerMm, f.height / f.pxPerMm};
    Scan small = m_small;
    small.pxPerMm = f.pxPerMm * small.width / f.width;
    m_view->showSheet(imageOf(turnedPicture(small, level(), area, small.pxPerMm)), area,
                      m_found ? m_found->impressions : std::vector<Box>{}, m_chosen, inDrawer);
  } else {
    m_view->showImpression(m_tracedPicture, m_tracedArea, m_traced, footNow());
  }
}

void AddPage::put(bool ontoCard) {
  if (!m_traced || !m_put->isEnabled()) return;
  DrawerStamp s;
  s.card.key = m_keys[ix(m_chosen)];  // once more: the same stamp, mended
  s.stamp = m_traced->stamp;
  if (const QString wrong = m_facts->describe(s.stamp); !wrong.isEmpty())
    return Q_EMIT m_session.trouble(wrong);
  const QString name = m_facts->name().isEmpty() ? tr("Stamp %1").arg(++m_added) : m_facts->name();
  s.stamp.name = name.toStdString();
  s.stamp.id = idFromName(name).toStdString();
  if (m_foot)
    s.stamp.foot = {std::round((m_foot->x - m_traced->lowerLeft.x) * 100) / 100,
                    std::round((m_traced->lowerLeft.y - m_foot->y) * 100) / 100};
  const std::string key = m_drawer.put(s);
  if (key.empty()) return;
  m_keys[ix(m_chosen)] = key;
  Q_EMIT added(QString::fromStdString(key), ontoCard);
  if (!ontoCard) nextToDo();
}

}  // namespace havlo
