// What the page of adding stamps is made of; what it does is in add_page.cpp.
#include <QHBoxLayout>
#include <QProgressBar>
#include <QPushButton>
#include <cmath>

#include "app/common/column_width.h"
#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/measure_edit.h"
#include "app/common/rolled.h"
#include "app/common/side_panels.h"
#include "app/drawer/add_page.h"
#include "app/drawer/stamp_facts.h"
#include "app/drawer/trace_panel.h"
#include "app/files/file_chooser.h"
#include "io/art/svg_art.h"

namespace havlo {

AddPage::AddPage(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QWidget(parent),
      m_session(session),
      m_drawer(drawer),
      m_art(std::move(art)),
      m_view(new ScanView),
      m_reading(new Job<Result<Read>>(this)),
      m_finding(new Job<Result<FoundSheet>>(this)),
      m_tracing(new Job<Result<Traced>>(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(10);
  auto* picture = new QWidget;
  auto* left = new QVBoxLayout(picture);
  left->setContentsMargins(0, 0, 0, 0);
  left->addWidget(m_view, 1);
  auto* below = new QHBoxLayout;
  m_busyWords = inkLabel({}, labelFont(), theme().soft);
  m_progress = new QProgressBar;
  m_progress->setFixedWidth(150);
  m_progress->setRange(0, 100);
  m_stop = drawnButton("act-still", tr("Stop"));
  m_whole = new QPushButton(tr("Show the whole sheet"));
  m_next = new QPushButton(tr("Next impression"));
  below->addWidget(m_whole);
  below->addWidget(m_next);
  below->addWidget(m_busyWords, 1);
  below->addWidget(m_progress);
  below->addWidget(m_stop);
  left->addLayout(below);
  auto* panels = new SidePanels(picture, tr("The picture"), 360);
  panels->add(buildPanel(), tr("What is it?"), SidePanels::Side::After);
  row->addWidget(panels);
  connect(m_whole, &QPushButton::clicked, this, [this] {
    m_wholeSheet = true;
    show();
  });
  connect(m_next, &QPushButton::clicked, this,
          [this] { chooseImpression((m_chosen + 1) % std::max(1, impressions())); });
  connect(m_stop, &QPushButton::clicked, this, [this] {
    m_reading->cancel(), m_finding->cancel(), m_tracing->cancel();
    stopped();
    m_busyWords->setText(tr("Stopped."));
  });
  for (JobBase* job : std::initializer_list<JobBase*>{m_reading, m_finding, m_tracing})
    connect(job, &JobBase::progressed, this,
            [this](double share) { m_progress->setValue(qRound(100 * share)); });
  connect(m_view, &ScanView::dropped, this, &AddPage::fileChosen);
  connect(m_view, &ScanView::impressionChosen, this, &AddPage::chooseImpression);
  connect(m_view, &ScanView::areaChosen, this, &AddPage::joinIn);
  connect(m_view, &ScanView::regionClicked, this, &AddPage::openAt);
  connectMarks();
  connect(&session, &PlanSession::unitsChanged, this, &AddPage::show);
  stopped();
  show();
}

AddPage::~AddPage() {
  m_undo.disconnect();  // it clears itself when it goes; nobody should hear of that
}

void AddPage::connectMarks() {
  connect(m_view, &ScanView::regionDrawn, this, [this](const Rings& region, bool add) {
    Mends after = mendsNow();
    (add ? after.settings.added : after.settings.removed).push_back(region);
    useTool(ScanView::Tool::Look);
    mend(add ? tr("Add a part") : tr("Take a part away"), std::move(after));
  });
  connect(m_view, &ScanView::openingClicked, this, &AddPage::closeOpenings);
  connect(m_view, &ScanView::footMoved, this, [this](Point to) {
    Mends after = mendsNow();
    after.foot = to;
    mend(tr("Move the foot"), std::move(after));
  });
  connect(m_view, &ScanView::lengthMarked, this, [this](Point p1, Point p2) {
    const Scan f = frame();
    const PixelPoint p = toScan(f, level(), p1), q = toScan(f, level(), p2);
    m_marked_px = std::hypot(p.x - q.x, p.y - q.y);
    m_length->setFocus();
  });
  connect(m_view, &ScanView::cornersMarked, this, [this](const std::vector<Point>& corners) {
    m_corners = corners;
    m_cornerWidth->setFocus();
  });
  connect(&m_undo, &QUndoStack::indexChanged, this, &AddPage::mendsChanged);
}

/// The picture to begin with.
QWidget* AddPage::buildPicture() {
  auto* part = new QWidget;
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(6);
  column->addWidget(inkLabel(tr("1  The picture"), bodyFont(QFont::Bold), theme().ink));
  auto* pictures = new QHBoxLayout;
  auto* open = drawnButton("act-open", tr("File"));
  auto* pasteIt = drawnButton("act-paste", tr("Paste"));
  auto* sample = drawnButton("act-demo", tr("Try a sample"));
  connect(open, &QPushButton::clicked, this, [this] {
    FileChooser::choose({tr("A scan or photo of stamps"), {picturesKind()}}, this,
                        [this](const QString& path) { Q_EMIT fileChosen(path); });
  });
  connect(pasteIt, &QPushButton::clicked, this, &AddPage::paste);
  connect(sample, &QPushButton::clicked, this, &AddPage::trySample);
  pictures->addWidget(open);
  pictures->addWidget(pasteIt);
  pictures->addWidget(sample);
  pictures->addStretch(1);
  column->addLayout(pictures);
  auto* folder = plainButton(tr("A whole folder of scans…"));
  folder->setToolTip(
      tr("Looks through all pictures of a folder; what is found comes on one page to be named"));
  connect(folder, &QPushButton::clicked, this, [this] {
    FileWish wish{tr("A folder of scans"), {picturesKind()}};
    wish.folderItself = true;
    FileChooser::choose(wish, this, [this](const QString& path) { Q_EMIT folderChosen(path); });
  });
  column->addWidget(folder, 0, Qt::AlignLeft);
  m_pictureWords = inkLabel({}, labelFont(), theme().soft, true);
  column->addWidget(m_pictureWords);
  return part;
}

/// How large it is, and how else that could be told.
QWidget* AddPage::buildScale() {
  m_scaleTools = new QWidget;
  auto* scale = new QVBoxLayout(m_scaleTools);
  scale->setContentsMargins(0, 0, 0, 0);
  scale->setSpacing(5);
  scale->addWidget(inkLabel(tr("2  How large is it?"), bodyFont(QFont::Bold), theme().ink));
  m_scaleWords = inkLabel({}, bodyFont(), theme().ink, true);
  auto* said = new QHBoxLayout;
  said->addWidget(m_scaleWords, 1);
  m_otherScale = plainButton(tr("Not so?"));
  m_otherScale->setToolTip(tr("Tell the scale another way, or straighten a photo"));
  said->addWidget(m_otherScale, 0, Qt::AlignTop);
  scale->addLayout(said);
  m_scaleWays = new QWidget;
  auto* ways = new QVBoxLayout(m_scaleWays);
  ways->setContentsMargins(0, 0, 0, 0);
  ways->setSpacing(5);
  connect(m_otherScale, &QPushButton::clicked, this,
          [this] { m_scaleWays->setVisible(!m_scaleWays->isVisible()); });
  auto* tools = new QHBoxLayout;
  const auto tool = [&](const QString& text, ScanView::Tool which, const QString& tip) {
    auto* b = new QPushButton(text);
    b->setCheckable(true);
    b->setToolTip(tip);
    connect(b, &QPushButton::clicked, this,
            [this, which](bool on) { useTool(on ? which : ScanView::Tool::Look); });
    b->setProperty("tool", static_cast<int>(which));
    m_tools.push_back(b);
    return b;
  };
  tools->addWidget(
      tool(tr("Mark a length"), ScanView::Tool::Length,
           tr("Draw a line along a ruler or anything whose length you know, then type its length")));
  tools->addWidget(tool(tr("Mark four corners"), ScanView::Tool::Corners,
                        tr("For a photo: click the corners of a sheet or card of known size, upper left "
                           "first, then clockwise")));
  tools->addStretch(1);
  ways->addLayout(tools);
  auto* square = new QPushButton(tr("Use the printed square"));
  square->setToolTip(tr("Finds the calibration square that Havlo prints, and straightens the picture by it"));
  connect(square, &QPushButton::clicked, this,
          [this] { straighten({}, kCalibrationSide_mm, kCalibrationSide_mm); });
  ways->addWidget(square, 0, Qt::AlignLeft);
  m_lengthRow = new FormRows;
  m_length = new MeasureEdit(tr("True length of the marked line"));
  static_cast<FormRows*>(m_lengthRow)->add(tr("The line is"), m_length);
  ways->addWidget(m_lengthRow);
  m_cornerRow = new FormRows;
  m_cornerWidth = new MeasureEdit(tr("True width of the marked rectangle"));
  m_cornerHeight = new MeasureEdit(tr("True height of the marked rectangle"));
  static_cast<FormRows*>(m_cornerRow)->add(tr("It is really"), m_cornerWidth, m_cornerHeight);
  ways->addWidget(m_cornerRow);
  scale->addWidget(m_scaleWays);
  for (MeasureEdit* e : {m_length, m_cornerWidth, m_cornerHeight})
    connect(e, &MeasureEdit::trouble, &m_session, &PlanSession::trouble);
  connect(m_length, &MeasureEdit::changed, this, [this](double mm) {
    if (m_marked_px > 0 && mm > 0)
      setScale(m_marked_px / mm, ScaleFrom::File, tr("by the length you marked"));
  });
  const auto corners = [this] {
    if (m_corners.size() != 4 || m_cornerWidth->isEmpty() || m_cornerHeight->isEmpty()) return;
    std::array<PixelPoint, 4> px;
    for (size_t k = 0; k < 4; ++k) px[k] = toScan(frame(), level(), m_corners[k]);
    straighten(px, m_cornerWidth->measure(), m_cornerHeight->measure());
  };
  connect(m_cornerWidth, &MeasureEdit::changed, this, corners);
  connect(m_cornerHeight, &MeasureEdit::changed, this, corners);
  return m_scaleTools;
}

/// What is asked of every stamp, always in view: it goes into the drawer by Return.
QWidget* AddPage::buildQuestions() {
  m_whatIsIt = new QWidget;
  auto* column = new QVBoxLayout(m_whatIsIt);
  column->setContentsMargins(0, 4, 0, 0);
  column->setSpacing(5);
  m_openRow = new QWidget;
  auto* open = new QHBoxLayout(m_openRow);
  open->setContentsMargins(0, 0, 0, 0);
  open->addWidget(m_asksOpen = inkLabel({}, bodyFont(QFont::DemiBold), theme().ochre, true), 1);
  m_close = new QPushButton(tr("Close it"));
  m_close->setObjectName(QStringLiteral("closeOutline"));
  open->addWidget(m_close, 0, Qt::AlignTop);
  connect(m_close, &QPushButton::clicked, this, [this] { closeOpenings(); });
  column->addWidget(m_openRow);
  column->addWidget(inkLabel(tr("4  What is it?"), bodyFont(QFont::Bold), theme().ink));
  column->addWidget(m_facts = new StampFacts);
  connect(m_facts, &StampFacts::finished, this, [this] { put(false); });
  m_put = drawnButton("act-save", tr("Into the drawer"));
  m_putOn = plainButton(tr("Into the drawer and onto the card"));
  connect(m_putOn, &QPushButton::clicked, this, [this] { put(true); });
  connect(m_put, &QPushButton::clicked, this, [this] { put(false); });
  column->addWidget(m_put);
  column->addWidget(m_putOn);
  return m_whatIsIt;
}

QWidget* AddPage::buildPanel() {
  auto* sheet = new SheetFrame;
  holdWidth(sheet, qRound(318 * (1 + (textScale() - 1) * 0.6)));
  auto* inside = new QWidget;
  auto* column = new QVBoxLayout(inside);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(6);
  auto* head = new QHBoxLayout;
  head->addWidget(inkLabel(tr("Add stamps"), headingFont(), theme().ink), 1);
  auto* back = plainButton(tr("Back to the drawer"));
  connect(back, &QPushButton::clicked, this, &AddPage::closeRequested);
  head->addWidget(back);
  sheet->box()->addLayout(head);
  column->addWidget(buildPicture());
  column->addWidget(buildScale());
  m_foundWords = inkLabel({}, bodyFont(), theme().ink, true);
  column->addWidget(m_foundWords);
  m_showMends = plainButton({});
  m_showMends->setObjectName(QStringLiteral("showMends"));
  column->addWidget(m_showMends, 0, Qt::AlignLeft);
  m_mends = new TracePanel;
  m_mends->hide();
  column->addWidget(m_mends);
  connect(m_showMends, &QPushButton::clicked, this, [this] {
    m_mends->setVisible(m_mends->isHidden());
    show();
  });
  connect(m_mends, &TracePanel::mended, this, [this] {
    Mends after = mendsNow();
    m_mends->apply(after.settings);
    mend(tr("Move a slider"), std::move(after), 1);
  });
  connect(m_mends, &TracePanel::levelChosen, this, [this](Degrees chosen) {
    m_level = chosen;
    find();
  });
  connect(m_mends, &TracePanel::toolChosen, this, &AddPage::useTool);
  connect(m_mends, &TracePanel::startOverRequested, this, [this] {
    Mends after = mendsNow();
    after.settings = {}, after.foot.reset();
    mend(tr("As it was found"), std::move(after));
  });
  column->addStretch(1);
  sheet->box()->addWidget(rolled(inside), 1);
  sheet->box()->addWidget(buildQuestions());
  return sheet;
}

}  // namespace havlo
