#include "app/masks/masks_page.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>
#include <QSignalBlocker>
#include <cmath>

#include "app/common/choice_list.h"
#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/measure_edit.h"
#include "app/common/picture_box.h"
#include "app/files/file_chooser.h"
#include "app/masks/machine_rows.h"
#include "app/masks/mask_view.h"
#include "core/card/card_sizes.h"
#include "core/cutting/cutter.h"
#include "core/edit/card_edits.h"
#include "core/mask/joint_paper.h"
#include "io/art/shape_path.h"
#include "io/art/svg_art.h"
#include "io/devices/cutter_eye.h"
#include "io/devices/cutter_picture.h"
#include "io/print/sheets.h"
#include "io/wording/card_words.h"
#include "io/wording/error_words.h"
#include "io/wording/mask_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

/// A sheet with its masks, as the maker will see it.
QImage pictureOf(const LabelledSheet& s, const MaskingSheet& sheet) {
  const double scale = std::min(6.0, 1400 / std::max(sheet.width_mm, sheet.height_mm));
  QImage image(qRound(sheet.width_mm * scale), qRound(sheet.height_mm * scale), QImage::Format_RGB32);
  image.fill(lightTheme().card);
  QPainter p(&image);
  p.setRenderHint(QPainter::Antialiasing);
  if (sheet.stickyBand_mm) {
    QColor band = lightTheme().ochre;
    band.setAlpha(40);
    p.fillRect(QRectF(0, 0, image.width(), *sheet.stickyBand_mm * scale), band);
  }
  p.setTransform(QTransform(scale, 0, 0, -scale, 0, image.height()));
  Rings cuts;
  for (const CutLine& line : s.sheet.cuts) cuts.push_back(line.points);
  QColor veil = lightTheme().green;
  veil.setAlpha(40);
  p.fillPath(pathOf(cuts), veil);
  p.setPen(QPen(lightTheme().ink, 0.35));
  for (const CutLine& line : s.sheet.cuts) {
    QPolygonF polygon;
    for (Point q : line.points) polygon << QPointF(q.x, q.y);
    p.drawPolyline(polygon);
  }
  p.setPen(QPen(lightTheme().soft, 0.3));
  for (const CutLine& line : s.sheet.marks) {
    QPolygonF polygon;
    for (Point q : line.points) polygon << QPointF(q.x, q.y);
    p.drawPolyline(polygon);
  }
  for (const CutLabel& l : s.labels) {
    p.save();
    p.translate(l.at.x, l.at.y);
    p.scale(1, -1);
    p.rotate(-l.turn.value);
    drawText(p, {0, l.height_mm * 0.35}, l.height_mm, l.text, lightTheme().soft, Qt::AlignHCenter);
    p.restore();
  }
  return image;
}

}  // namespace

MasksPage::MasksPage(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_art(art),
      m_view(new MaskView(art)),
      m_layingOut(new PlanJob<MaskJob>(session, this)),
      m_trying(new PlanJob<Result<Tried>>(session, this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  auto* which = new SheetFrame;
  which->setFixedWidth(qRound(196 * (1 + (textScale() - 1) * 0.7)));
  which->box()->addWidget(inkLabel(tr("Masks to cut"), headingFont(), theme().ink));
  m_list = new ChoiceList;
  m_list->setAccessibleName(tr("Stamps that need masks"));
  m_list->setWordWrap(true);
  m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  which->box()->addWidget(m_list, 1);
  row->addWidget(which);
  auto* one = new SheetFrame;
  one->box()->addWidget(m_view, 1);
  m_words = inkLabel({}, labelFont(), theme().ink, true);
  one->box()->addWidget(m_words);
  one->box()->addWidget(inkLabel(tr("Green is covered. Ochre stays uncovered, madder is covered too much. "
                                    "Click a dotted part to cut it or to leave it."),
                                 labelFont(), theme().soft, true));
  row->addWidget(one, 3);
  row->addWidget(buildSheets(), 3);
  connect(m_list, &ChoiceList::currentRowChanged, this, &MasksPage::showStamp);
  connect(m_view, &MaskView::partClicked, this, [this](Point inside, bool cut) {
    const std::string id = m_list->currentKey().toStdString();
    const StampRef stamp = m_session.plan().stamp(id);
    if (!stamp) return;
    m_session.edit(
        cut ? tr("Cut a part of %1").arg(stampName(*stamp)) : tr("Leave a part of %1").arg(stampName(*stamp)),
        withMaskPart(m_session.plan(), id, inside, cut));
  });
  connect(&session, &PlanSession::planChanged, this, &MasksPage::planChanged);
  connect(&session, &PlanSession::unitsChanged, this, [this] { showStamp(), showLayout(); });
  m_of = session.state();
  planChanged();
}

QWidget* MasksPage::buildSheets() {
  auto* frame = new SheetFrame;
  frame->box()->addWidget(inkLabel(tr("On masking sheets"), headingFont(), theme().ink));
  auto* rows = new FormRows;
  m_sheetRows = rows;
  m_sheet = new QComboBox;
  m_sheet->addItem(tr("the printer's paper"), -1);
  for (size_t k = 0; k < usualSheets().size(); ++k)
    m_sheet->addItem(sizeName(usualSheets()[k].name), static_cast<int>(k));
  m_sheet->addItem(tr("a size of your own"), -2);
  rows->add(tr("Sheet"), m_sheet);
  m_width = new MeasureEdit(tr("Width of the masking sheet"));
  m_height = new MeasureEdit(tr("Height of the masking sheet"));
  rows->add(tr("Size"), m_width, m_height);
  m_sticky = new QComboBox;
  m_sticky->addItems({tr("all over"), tr("along the top only")});
  m_band = new MeasureEdit(tr("Height of the sticky band"));
  rows->add(tr("Sticky"), m_sticky, m_band);
  m_foot = new QComboBox;
  m_foot->addItems({tr("not marked"), tr("a tick to see"), tr("a notch to feel")});
  rows->add(tr("Foot"), m_foot);
  frame->box()->addWidget(rows);
  m_machineFold = plainButton({});
  m_machineFold->setObjectName(QStringLiteral("machineFold"));
  frame->box()->addWidget(m_machineFold, 0, Qt::AlignLeft);
  frame->box()->addWidget(m_machine = new MachineRows);
  m_machine->hide();
  m_picture = new PictureBox;
  frame->box()->addWidget(m_picture, 1);
  auto* words = new QHBoxLayout;
  m_layoutWords = inkLabel({}, labelFont(), theme().ink, true);
  m_next = plainButton(tr("Next sheet"));
  words->addWidget(m_layoutWords, 1);
  words->addWidget(m_next);
  frame->box()->addLayout(words);
  m_cutWords = inkLabel({}, labelFont(), theme().ink, true);
  frame->box()->addWidget(m_cutWords);
  auto* buttons = new QHBoxLayout;
  m_format = new QComboBox;
  m_format->setAccessibleName(tr("Format of the cut file"));
  m_format->addItems(
      {QStringLiteral("SVG"), QStringLiteral("DXF"), QStringLiteral("HPGL"), QStringLiteral("PDF")});
  m_try = drawnButton("do-cut", tr("Try the cutter"));
  m_try->setToolTip(tr("Runs the cut file through a simulated cutting machine that ships with Havlo"));
  m_save = drawnButton("act-save", tr("Save the cut file"));
  auto* print = plainButton(tr("Print"));
  for (QWidget* w : std::initializer_list<QWidget*>{m_format, m_save, m_try}) buttons->addWidget(w);
  buttons->addStretch(1);
  buttons->addWidget(print);
  frame->box()->addLayout(buttons);
  frame->box()->addWidget(
      inkLabel(tr("Blades cut: keep fingers clear of them, and follow the machine's own directions."),
               labelFont(), theme().ochre, true));

  connect(m_sheet, &QComboBox::activated, this, [this] {
    const int k = m_sheet->currentData().toInt();
    change(tr("Masking sheet: %1").arg(m_sheet->currentText()), [&](Supplies& s) {
      if (k == -1) return s.maskSheet.reset();
      MaskingSheet sheet = s.maskSheet.value_or(MaskingSheet{});
      if (k >= 0) {
        sheet.width_mm = usualSheets()[ix(k)].width_mm, sheet.height_mm = usualSheets()[ix(k)].height_mm;
        const bool note = sizeName(usualSheets()[ix(k)].name).contains(QStringLiteral("note"));
        sheet.stickyBand_mm = note ? std::optional(25.0) : std::nullopt;
        sheet.margin_mm = sheet.width_mm < 120 ? 2 : 5;
      }
      s.maskSheet = sheet;
    });
  });
  const auto side = [this](double MaskingSheet::*member) {
    return [this, member](double mm) {
      if (mm < 20 || mm > 2000) {
        Q_EMIT m_session.trouble(tr("A masking sheet has sides from 20 to 2000 mm."));
        return planChanged();
      }
      change(tr("Size of the masking sheet"), [&](Supplies& s) {
        if (!s.maskSheet) s.maskSheet = MaskingSheet{};
        (*s.maskSheet).*member = mm;
      });
    };
  };
  connect(m_width, &MeasureEdit::changed, this, side(&MaskingSheet::width_mm));
  connect(m_height, &MeasureEdit::changed, this, side(&MaskingSheet::height_mm));
  connect(m_sticky, &QComboBox::activated, this, [this](int k) {
    change(tr("Sticky %1").arg(m_sticky->currentText()), [k](Supplies& s) {
      if (!s.maskSheet) s.maskSheet = MaskingSheet{};
      s.maskSheet->stickyBand_mm = k == 1 ? std::optional(25.0) : std::nullopt;
    });
  });
  connect(m_band, &MeasureEdit::changed, this, [this](double mm) {
    change(tr("Sticky band"), [mm](Supplies& s) {
      if (!s.maskSheet) s.maskSheet = MaskingSheet{};
      s.maskSheet->stickyBand_mm = std::max(1.0, mm);
    });
  });
  for (MeasureEdit* e : {m_width, m_height, m_band})
    connect(e, &MeasureEdit::trouble, &m_session, &PlanSession::trouble);
  connect(m_foot, &QComboBox::activated, this, [this](int k) {
    change(tr("Foot of masks: %1").arg(m_foot->currentText()),
           [k](Supplies& s) { s.footMark = static_cast<FootMark>(k); });
  });
  connect(m_machine, &MachineRows::changed, this, &MasksPage::machineChanged);
  connect(m_machineFold, &QPushButton::clicked, this, [this] {
    // One or the other: both leave no room for the sheet.
    const bool machine = m_machine->isHidden();
    m_machine->setVisible(machine);
    m_sheetRows->setVisible(!machine);
    showLayout();
  });
  connect(m_next, &QPushButton::clicked, this, [this] {
    m_sheetShown = (m_sheetShown + 1) % std::max(1, m_job.sheets);
    m_reports.clear();
    showLayout();
  });
  // What the cutter freed of one kind of file says nothing of another.
  connect(m_format, &QComboBox::currentIndexChanged, this, [this] {
    if (m_reports.empty()) return;
    m_reports.clear();
    showLayout();
  });
  connect(m_try, &QPushButton::clicked, this, &MasksPage::tryCutter);
  connect(m_save, &QPushButton::clicked, this, &MasksPage::chooseFile);
  connect(print, &QPushButton::clicked, this, &MasksPage::printRequested);
  return frame;
}

namespace {

QString jointKey(const Plan& plan, const JointPaper& paper) {
  QString out = QStringLiteral("over");
  for (int i : paper.over) out += u' ' + QString::fromStdString(plan.impressions[ix(i)].id);
  if (!paper.without.empty()) out += QStringLiteral(" without");
  for (int i : paper.without) out += u' ' + QString::fromStdString(plan.impressions[ix(i)].id);
  return out;
}

}  // namespace

void MasksPage::change(const QString& label, const std::function<void(Supplies&)>& change) {
  if (m_showing) return;
  Supplies s = m_session.plan().supplies;
  change(s);
  m_session.edit(label, withSupplies(m_session.plan(), s));
}

void MasksPage::planChanged() {
  m_showing = true;
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.analysis();
  std::vector<ChoiceRow> rows;
  for (size_t s = 0; s < plan.stamps.size(); ++s) {
    if (a.stampMasks[s].cut == 0) continue;
    ChoiceRow row{QString::fromStdString(plan.stamps[s]->id),
                  tr("%1 × %2").arg(a.stampMasks[s].cut).arg(stampName(*plan.stamps[s]))};
    row.tip = reasonOf(a.stampMasks[s], plan.maskLife());
    rows.push_back(std::move(row));
  }
  for (const JointPaper& paper : a.needs.joints) {
    const QString name = paperName(plan, paper.over);
    ChoiceRow row{jointKey(plan, paper),
                  paper.cut > 1 ? tr("%1 × %2").arg(paper.cut).arg(name) : capital(name)};
    row.tip =
        paper.over.size() > 1
            ? tr("They touch and are covered together: one piece of paper does for all of them.")
            : tr("%1 lies over it and is to take the colour.").arg(capital(listOf(plan, paper.without)));
    rows.push_back(std::move(row));
  }
  m_list->setRows(std::move(rows));
  const auto& sheet = plan.supplies.maskSheet;
  int which = sheet ? m_sheet->count() - 1 : 0;
  if (sheet)
    for (size_t k = 0; k < usualSheets().size(); ++k)
      if (std::fabs(usualSheets()[k].width_mm - sheet->width_mm) < 0.1 &&
          std::fabs(usualSheets()[k].height_mm - sheet->height_mm) < 0.1)
        which = static_cast<int>(k) + 1;
  m_sheet->setCurrentIndex(which);
  for (MeasureEdit* e : {m_width, m_height, m_band}) e->setUnits(m_session.units());
  const MaskingSheet now = maskingSheetFor(plan, Sheet::a4());
  m_width->setMeasure(now.width_mm), m_height->setMeasure(now.height_mm);
  m_width->setEnabled(sheet.has_value()), m_height->setEnabled(sheet.has_value());
  m_sticky->setCurrentIndex(now.stickyBand_mm ? 1 : 0);
  m_band->setVisible(now.stickyBand_mm.has_value());
  if (now.stickyBand_mm) m_band->setMeasure(*now.stickyBand_mm);
  m_foot->setCurrentIndex(static_cast<int>(plan.supplies.footMark));
  m_showing = false;
  m_stale = true;
  m_reports.clear();
  m_try->setEnabled(false), m_save->setEnabled(false);  // until the new masks are laid out
  if (isVisible()) {
    showStamp();
    layOutNow();
  }
}

void MasksPage::showEvent(QShowEvent*) {
  showStamp();
  if (m_stale) layOutNow();
}

void MasksPage::showStamp() {
  const Plan& plan = m_session.plan();
  for (const JointPaper& paper : m_session.analysis()->needs.joints)
    if (jointKey(plan, paper) == m_list->currentKey() && paper.shape) {
      auto all = std::make_shared<Stamp>(jointStamp(plan, m_session.analysis()->meetings.placed, paper));
      auto cut = std::make_shared<MaskShape>(*paper.shape);
      const Box box = boxOf(all->silhouette);
      const auto moved = [&](Rings& rings) {
        for (Ring& ring : rings)
          for (Point& p : ring) p = p - Point{box.left, box.bottom};
      };
      moved(all->silhouette), moved(cut->mask);
      all->width_mm = box.width(), all->height_mm = box.height();
      m_words->setText(
          paper.over.size() > 1
              ? tr("%1. Print them in their places over the placement sheet, and cut round all of them.")
                    .arg(capital(paperName(plan, paper.over)))
              : tr("%1, along where %2 lies over it.")
                    .arg(capital(paperName(plan, paper.over)), listOf(plan, paper.without)));
      m_view->showMask(all, cut, {}, plan.supplies, false);
      return;
    }
  const StampRef stamp = plan.stamp(m_list->currentKey().toStdString());
  if (!stamp) {
    m_view->clear();
    m_words->clear();
    return;
  }
  const Supplies& supplies = m_session.plan().supplies;
  size_t s = 0;
  while (m_session.plan().stamps[s] != stamp) ++s;
  const MaskRef mask = m_session.analysis()->masks[s];
  const auto parts = fiddlyParts(*stamp, supplies);
  m_words->setText(maskSentences(*stamp, supplies, *mask, parts, m_session.units()).join(u'\n'));
  m_view->showMask(stamp, mask, parts, supplies);
}

void MasksPage::layOutNow() {
  m_stale = false;
  m_layingOut->run(
      [machine = m_machine->machine()](const PlanState& of, const Progress& progress) {
        return layMasksOut(*of.plan, *of.analysis, roomFor(maskingSheetFor(*of.plan, Sheet::a4()), machine),
                           progress);
      },
      [this](const PlanState& of, MaskJob job) {
        m_of = of;
        m_job = std::move(job);
        m_sheetShown = std::min(m_sheetShown, std::max(0, m_job.sheets - 1));
        showLayout();
      });
}

CutFormat MasksPage::format() const { return static_cast<CutFormat>(m_format->currentIndex()); }

std::vector<LabelledSheet> MasksPage::sheets(CutFormat format) const {
  CuttingMachine machine = m_machine->machine();
  if (format == CutFormat::Pdf && machine.marks) machine.tool = {};
  return labelledSheets(*m_of.plan, m_job, machine);
}

void MasksPage::machineChanged() {
  m_reports.clear();
  m_try->setEnabled(false), m_save->setEnabled(false);
  layOutNow();
}

QString MasksPage::title() const {
  return m_session.plan().title.empty() ? tr("Masks") : tr("Masks for %1").arg(m_session.title());
}

void MasksPage::showLayout() {
  const bool any = !m_job.masks.empty();
  m_next->setVisible(m_job.sheets > 1);
  const QString machine = m_machine->summary();
  m_machineFold->setText(!m_machine->isHidden() ? tr("Put the machine away")
                         : machine.isEmpty()    ? tr("The cutting machine…")
                                                : tr("The machine: %1…").arg(machine));
  m_try->setEnabled(any && m_session.isNow(m_of)), m_save->setEnabled(any && m_session.isNow(m_of));
  if (!any) {
    m_picture->setPicture({});
    m_layoutWords->setText(m_job.tooLarge.empty() ? tr("Nothing to lay out.")
                                                  : tr("No mask fits on this sheet."));
    m_cutWords->clear();
    return;
  }
  const auto all = sheets(format());
  QStringList words;
  words << (m_job.sheets == 1 ? tr("%1 masks on one sheet.").arg(m_job.masks.size())
                              : tr("%1 masks on %2 sheets; this is sheet %3.")
                                    .arg(m_job.masks.size())
                                    .arg(m_job.sheets)
                                    .arg(m_sheetShown + 1));
  if (!m_job.tooLarge.empty()) {
    QStringList names;
    for (const SheetPiece& p : m_job.tooLarge)
      names << (p.limit >= 0 ? limitName(m_of.plan->limits[ix(p.limit)])
                             : stampName(*m_of.plan->stamps[ix(p.stamp)]));
    names.removeDuplicates();
    words << tr("Too large for it: %1.").arg(names.join(QStringLiteral(", ")));
  }
  m_layoutWords->setText(words.join(u' '));
  if (m_reports.empty()) {
    m_cutWords->clear();
    m_picture->setPicture(pictureOf(all[ix(m_sheetShown)], m_job.sheet));
    return;
  }
  size_t pieces = 0, open = 0;
  double cut = 0, travel = 0, seconds = 0;
  for (const CutReport& r : m_reports)
    pieces += r.pieces.size(), open += r.open.size(), cut += r.cut_mm, travel += r.travel_mm,
        seconds += r.seconds;
  m_cutWords->setText(
      (open == 0 ? tr("All %1 pieces come free.").arg(pieces)
                 : tr("%1 pieces come free, %2 cuts free nothing (ringed).").arg(pieces).arg(open)) +
      u' ' +
      tr("%1 cut, %2 of travel, about %3.")
          .arg(spoken(writeMeasure(Millimetres{cut}, m_session.units())),
               spoken(writeMeasure(Millimetres{travel}, m_session.units())), minutesWords(seconds / 60)) +
      (m_beside_mm
           ? u' ' + tr("A sheet laid in askew is found by its marks: cuts lie within %1 mm of the print.")
                        .arg(std::ceil(*m_beside_mm * 100) / 100, 0, 'f', 2)
           : QString()));
  m_picture->setPicture(m_cutPicture);
}

void MasksPage::tryCutter() {
  if (m_job.masks.empty() || !m_session.isNow(m_of)) return;
  m_trying->run([format = format(), title = title(), all = sheets(format()), machine = m_machine->machine()](
                    const PlanState&, const Progress&) { return tried(format, title, all, machine); },
                [this](const PlanState&, Result<Tried> done) {
                  if (!done) return Q_EMIT m_session.trouble(errorWords(done.error()));
                  m_reports = std::move(done.value().reports);
                  m_cutPicture = done.value().picture;
                  m_beside_mm = done.value().beside_mm;
                  showLayout();
                });
}

/// The very bytes that would be saved, read back and cut: by a blade that is dragged, on a sheet that lies
/// askew.
Result<MasksPage::Tried> MasksPage::tried(CutFormat format, const QString& title,
                                          const std::vector<LabelledSheet>& all,
                                          const CuttingMachine& machine) {
  const QByteArray bytes = format == CutFormat::Svg    ? svgCutFile(title, all)
                           : format == CutFormat::Dxf  ? dxfCutFile(all)
                           : format == CutFormat::Hpgl ? hpglCutFile(all)
                                                       : pdfCutFile(title, all);
  const auto read = readCutData(bytes);
  if (!read) return read.error();
  Tried out;
  CutterSettings settings;
  if (format != CutFormat::Pdf || !machine.marks) settings.trailing_mm = machine.tool.trailing_mm;
  for (const CutSheet& sheet : read.value()) {
    if (machine.marks) {
      const auto found = findSheet(sheet, {{1.5, -1.2}, Degrees{0.8}, 0.998});
      if (!found) return found.error();
      out.beside_mm = std::max(out.beside_mm.value_or(0), found.value().off_mm);
    }
    auto report = runCutter(sheet.cuts, settings);
    if (!report) return report.error();
    out.reports.push_back(std::move(report).value());
  }
  out.picture = cutterPicture(read.value(), out.reports);
  return out;
}

void MasksPage::writeTo(const QString& path, CutFormat format) {
  if (m_job.masks.empty() || !m_session.isNow(m_of))
    return Q_EMIT m_session.trouble(tr("The masks are still being laid out; try again in a moment."));
  const std::vector<LabelledSheet> all = sheets(format);
  const auto saved = writeCutFile(path, format, title(), all);
  if (!saved) return Q_EMIT m_session.trouble(errorWords(saved.error()));
  const std::vector<QString> files = cutFilePaths(path, format, all);
  const QString file =
      files.size() == 1
          ? QFileInfo(path).fileName()
          : tr("%1 to %2").arg(QFileInfo(files.front()).fileName(), QFileInfo(files.back()).fileName());
  Q_EMIT done(m_job.masks.size() == 1 ? tr("One mask is in %1.").arg(file)
                                      : tr("%1 masks are in %2.").arg(m_job.masks.size()).arg(file));
}

void MasksPage::chooseFile() {
  const CutFormat format = this->format();
  const QString folder = m_session.path().isEmpty() ? QString() : QFileInfo(m_session.path()).path();
  const QString ending = endingOf(format);
  FileChooser::choose({tr("Save the cut file"),
                       {{tr("Cut files"), {ending}}},
                       true,
                       folder,
                       title().replace(u'/', u'-') + u'.' + ending},
                      this, [this, format](const QString& path) { writeTo(path, format); });
}

void MasksPage::choose(const std::string& stamp) { m_list->choose(QString::fromStdString(stamp)); }

void MasksPage::beginWork() {
  if (m_stale) layOutNow();
}

}  // namespace havlo
