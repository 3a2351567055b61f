#include "app/card/pieces_page.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QSignalBlocker>
#include <cmath>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/ink_tin.h"
#include "app/common/keyed_rows.h"
#include "app/common/measure_edit.h"
#include "app/common/swatch.h"
#include "app/files/file_chooser.h"
#include "app/session/drawer_session.h"
#include "core/colour/colour.h"
#include "core/edit/edits.h"
#include "core/edit/piece_edits.h"
#include "core/edit/piece_shapes.h"
#include "core/outline/shape_ops.h"
#include "core/pieces/card_stack.h"
#include "core/plan/role_facts.h"
#include "io/art/paper_picture.h"
#include "io/art/shape_path.h"
#include "io/wording/card_words.h"
#include "io/wording/colour_words.h"
#include "io/wording/error_words.h"
#include "io/wording/names.h"
#include "io/wording/piece_words.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kMargin_mm = 3;   // round what a strip is put under
constexpr double kLeave_mm = 1.5;  // paper left round what is cut out

QDoubleSpinBox* spinOf(double least, double most, double step, const QString& unit) {
  auto* spin = new QDoubleSpinBox;
  spin->setRange(least, most);
  spin->setSingleStep(step);
  spin->setDecimals(1);
  spin->setSuffix(unit);
  spin->setKeyboardTracking(false);
  return spin;
}

}  // namespace

PiecesPage::PiecesPage(PlanSession& session, DrawerSession& drawer, QWidget* parent)
    : QWidget(parent), m_session(session), m_drawer(drawer) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 8, 0);
  column->setSpacing(6);
  column->addWidget(
      inkLabel(tr("Strips, plain shapes and things on paper of their own, what lies inside, the envelope."),
               labelFont(), theme().soft, true));
  m_list = new KeyedRows;
  m_list->grid()->setContentsMargins(0, 0, 0, 0);
  m_list->grid()->setSpacing(3);
  m_list->grid()->setColumnStretch(0, 1);
  column->addWidget(m_list);
  auto* add = drawnButton("act-sheet", tr("Add a piece"));
  add->setObjectName(QStringLiteral("addPiece"));
  m_menu = new QMenu(add);
  add->setProperty("opens", true);
  add->setMenu(m_menu);
  column->addWidget(add);
  connect(m_menu, &QMenu::aboutToShow, this, &PiecesPage::fillMenu);
  column->addWidget(buildForm());
  column->addWidget(buildPost());
  column->addStretch(1);
  connect(&session, &PlanSession::planChanged, this, &PiecesPage::show);
  connect(&session, &PlanSession::unitsChanged, this, &PiecesPage::show);
  connect(&drawer, &DrawerSession::changed, this, &PiecesPage::showChosen);
  show();
}

QWidget* PiecesPage::buildForm() {
  m_form = new FormRows;
  m_name = new QLineEdit;
  m_name->setObjectName(QStringLiteral("pieceName"));
  m_form->add(tr("Name"), m_name);
  const auto measure = [&](const QString& name, auto apply) {
    auto* e = new MeasureEdit(name);
    connect(e, &MeasureEdit::changed, this, apply);
    connect(e, &MeasureEdit::trouble, &m_session, &PlanSession::trouble);
    return e;
  };
  m_width = measure(tr("Width of the piece"), [this](double mm) { size(tr("Another width"), mm, 0); });
  m_width->setObjectName(QStringLiteral("pieceWidth"));
  m_height = measure(tr("Height of the piece"), [this](double mm) { size(tr("Another height"), 0, mm); });
  m_form->add(tr("Size"), m_width, m_height);
  m_left = measure(tr("From the panel's left edge"),
                   [this](double mm) { change(tr("Move a piece"), [mm](Piece& p) { p.at.x = mm; }); });
  m_bottom = measure(tr("From the panel's lower edge"),
                     [this](double mm) { change(tr("Move a piece"), [mm](Piece& p) { p.at.y = mm; }); });
  m_form->add(tr("Left, up"), m_left, m_bottom);
  m_turn = spinOf(-180, 180, 1, QStringLiteral("°"));
  m_form->add(tr("Turned"), m_turn);
  m_raise = spinOf(0, 20, 0.5, tr(" mm"));
  m_raise->setObjectName(QStringLiteral("pieceRaise"));
  m_raise->setSpecialValueText(tr("glued flat"));
  m_form->add(tr("On foam"), m_raise);
  m_on = new QComboBox;
  m_form->add(tr("Glued on"), m_on);
  m_paper = new QComboBox;
  m_paper->setAccessibleName(tr("Paper"));
  m_paper->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_paper->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
  m_colour = new QPushButton;
  m_colour->setToolTip(tr("another colour"));
  // The name of a paper has all the room that a swatch leaves.
  auto* both = new QWidget;
  auto* line = new QHBoxLayout(both);
  line->setContentsMargins(0, 0, 0, 0);
  line->addWidget(m_paper, 1);
  line->addWidget(m_colour);
  m_form->add(tr("Paper"), both);
  m_pattern = plainButton(tr("Patterned …"));
  m_pattern->setObjectName(QStringLiteral("patternedPaper"));
  m_pattern->setToolTip(tr("a picture of patterned or prepared paper, scanned or photographed"));
  m_plain = plainButton(tr("Plain again"));
  m_form->addPair(m_pattern, m_plain);
  connect(m_pattern, &QPushButton::clicked, this, &PiecesPage::choosePattern);
  connect(m_plain, &QPushButton::clicked, this,
          [this] { change(tr("Plain paper"), [](Piece& p) { p.paper.picture.clear(); }); });
  m_cut = new QComboBox;
  for (PieceCut cut : {PieceCut::Trimmer, PieceCut::Hand, PieceCut::Die})
    m_cut->addItem(pieceCutName(cut), static_cast<int>(cut));
  m_form->add(tr("Cut"), m_cut);
  m_flush = new QCheckBox(tr("cut off what hangs over the panel"));
  m_form->addWide(m_flush);
  m_picture = drawnButton("place-scene", tr("Plan its picture"));
  m_picture->setObjectName(QStringLiteral("planPicture"));
  m_picture->setToolTip(tr("with the tools of the scene: greetings and small stamps, at the right way up"));
  m_corner = drawnButton("act-hero", tr("Part of the hero in a corner"));
  m_corner->setObjectName(QStringLiteral("cornerStamp"));
  m_corner->setToolTip(
      tr("runs off the lower left corner, in a later pressing, so that an address stays legible"));
  m_form->addWide(m_picture);
  m_form->addWide(m_corner);
  connect(m_picture, &QPushButton::clicked, this,
          [this] { Q_EMIT faceRequested(QString::fromStdString(m_chosen)); });
  connect(m_corner, &QPushButton::clicked, this, &PiecesPage::cornerStamp);
  connect(m_name, &QLineEdit::editingFinished, this, [this] {
    change(tr("Name a piece"), [this](Piece& p) { p.name = m_name->text().trimmed().toStdString(); });
  });
  connect(m_turn, &QDoubleSpinBox::valueChanged, this,
          [this](double v) { change(tr("Turn a piece"), [v](Piece& p) { p.turn_deg = v; }); });
  connect(m_raise, &QDoubleSpinBox::valueChanged, this,
          [this](double v) { change(tr("Raise a piece"), [v](Piece& p) { p.raise_mm = v; }); });
  connect(m_on, &QComboBox::activated, this, [this] {
    change(tr("Glue it elsewhere"),
           [this](Piece& p) { p.on = m_on->currentData().toString().toStdString(); });
  });
  connect(m_cut, &QComboBox::activated, this, [this] {
    change(tr("Cut it otherwise"),
           [this](Piece& p) { p.cut = static_cast<PieceCut>(m_cut->currentData().toInt()); });
  });
  connect(m_paper, &QComboBox::activated, this, [this](int row) {
    const auto& papers = m_drawer.papers();
    if (row < 1 || ix(row) > papers.size()) return;
    const DrawerPaper& paper = papers[ix(row - 1)];
    change(tr("Paper %1").arg(QString::fromStdString(paper.name)), [&](Piece& p) {
      p.paper.name = paper.name, p.paper.colour = paper.colour, p.paper.thickness_mm = paper.thickness_mm;
    });
  });
  connect(m_flush, &QCheckBox::toggled, this,
          [this](bool on) { change(tr("Cut it flush"), [on](Piece& p) { p.flush = on; }); });
  connect(m_colour, &QPushButton::clicked, this, [this] {
    if (!piece()) return;
    InkTin::choose(tr("Colour of a piece"), piece()->paper.colour, this, [this](Colour c) {
      change(tr("Colour of a piece"), [c](Piece& p) { p.paper.colour = c; });
    });
  });
  return m_form;
}

QWidget* PiecesPage::buildPost() {
  auto* rows = new FormRows;
  rows->addWide(inkLabel(tr("Your post takes"), bodyFont(QFont::DemiBold), theme().ink));
  m_postThickness = new MeasureEdit(tr("Greatest thickness that your post takes"));
  m_postThickness->setUnits(MeasureStyle::Millimetres);
  m_postThickness->setObjectName(QStringLiteral("postThickness"));
  m_postWeight = spinOf(0, 5000, 5, tr(" g"));
  m_postWeight->setDecimals(0);
  m_postWeight->setSpecialValueText(tr("not said"));
  m_postWeight->setAccessibleName(tr("Greatest weight that your post takes"));
  rows->add(tr("At most"), m_postThickness, m_postWeight)
      ->setToolTip(tr("posts differ, and so do their prices: look it up at yours"));
  connect(m_postThickness, &MeasureEdit::changed, this, &PiecesPage::takePost);
  connect(m_postThickness, &MeasureEdit::cleared, this, &PiecesPage::takePost);
  connect(m_postThickness, &MeasureEdit::trouble, &m_session, &PlanSession::trouble);
  connect(m_postWeight, &QDoubleSpinBox::valueChanged, this, &PiecesPage::takePost);
  return rows;
}

void PiecesPage::takePost() {
  if (m_showing) return;
  Plan plan = m_session.plan();
  plan.making.post.thickness_mm.reset(), plan.making.post.weight_g.reset();
  if (!m_postThickness->isEmpty() && m_postThickness->measure() > 0)
    plan.making.post.thickness_mm = m_postThickness->measure();
  if (m_postWeight->value() > 0) plan.making.post.weight_g = m_postWeight->value();
  m_session.edit(tr("What the post takes"), plan);
}

const Piece* PiecesPage::piece() const {
  const int k = m_session.plan().pieceIndex(m_chosen);
  return k < 0 ? nullptr : &m_session.plan().pieces[ix(k)];
}

template <typename F>
void PiecesPage::change(const QString& label, F how) {
  if (m_showing || !piece()) return;
  Piece changed = *piece();
  how(changed);
  m_session.edit(label, withPiece(m_session.plan(), changed));
  showChosen();  // a refused measure goes back to what it was
}

void PiecesPage::size(const QString& label, double width_mm, double height_mm) {
  change(label, [&](Piece& p) {
    if (p.outline.empty()) {
      (width_mm > 0 ? p.width_mm : p.height_mm) = width_mm > 0 ? width_mm : height_mm;
      return;
    }
    const Box box = boxOf(p.outline);
    const double w = width_mm > 0 ? width_mm : box.width(), h = height_mm > 0 ? height_mm : box.height();
    if (w > 0.5 && h > 0.5 && w < 5000 && h < 5000) p.outline = resized(p.outline, w, h);
  });
}

void PiecesPage::choose(const std::string& piece) {
  m_chosen = piece;
  show();
}

PiecePaper PiecesPage::darkPaper() const {
  PiecePaper paper;
  paper.colour = {0x2a, 0x2e, 0x33};
  paper.thickness_mm = m_session.plan().card.paper.thickness_mm;
  return paper;
}

PiecePaper PiecesPage::paperUnder(int thing) const {
  const Plan& plan = m_session.plan();
  const Ink* ink = plan.ink(plan.impressions[ix(thing)].ink);
  if (ink && lightnessOf(ink->colour) > 60) return darkPaper();
  PiecePaper paper;
  paper.name = plan.card.paper.name, paper.colour = plan.card.paper.colour;
  paper.thickness_mm = plan.card.paper.thickness_mm;
  return paper;
}

void PiecesPage::add(Add what, int thing) {
  const Plan& plan = m_session.plan();
  const Box panel = plan.card.panel.box();
  PiecePaper white;
  white.name = plan.card.paper.name, white.colour = plan.card.paper.colour,
  white.thickness_mm = plan.card.paper.thickness_mm;
  Piece fresh;
  fresh.paper = white;
  std::string id;
  Result<Plan> out = plan;
  QString label = tr("Add a piece");
  switch (what) {
    case Add::StripUnder:
      if (thing < 0) return;
      label = tr("A strip under %1").arg(nameOf(plan, thing));
      out = withStripUnder(plan, plan.impressions[ix(thing)].id, kMargin_mm, paperUnder(thing));
      if (out) id = out.value().pieces.back().id;
      break;
    case Add::CutoutOf: {
      if (thing < 0) return;
      label = tr("Cut out %1").arg(nameOf(plan, thing));
      const Placed& placed = *m_session.analysis()->meetings.placed[ix(thing)];
      fresh.kind = PieceKind::Cutout, fresh.raise_mm = 1.5;
      fresh.name = plan.stamp(plan.impressions[ix(thing)].stamp)->name;
      // A die of its own cuts it, where the drawer has one.
      const std::string key = m_drawer.keyOf(*plan.stamp(plan.impressions[ix(thing)].stamp));
      const DrawerCard* card = key.empty() ? nullptr : m_drawer.index().card(key);
      fresh.cut = card && card->matchingDie ? PieceCut::Die : PieceCut::Hand;
      fresh.outline = offset(placed.silhouette, Millimetres{kLeave_mm});
      if (fresh.outline.empty()) fresh.outline = placed.silhouette;
      out = withPiece(plan, fresh, &id);
      if (out) out = withThingOnPiece(out.value(), plan.impressions[ix(thing)].id, id);
      break;
    }
    case Add::Strip:
      fresh.paper = darkPaper();
      fresh.width_mm = panel.right * 0.6, fresh.height_mm = std::min(14.0, panel.top / 4);
      fresh.at = {panel.right * 0.2, panel.top * 0.12};
      out = withPiece(plan, fresh, &id);
      break;
    case Add::Plain:
      fresh.kind = PieceKind::Plain, fresh.paper.colour = {0xd9, 0xb0, 0x5e};
      fresh.width_mm = fresh.height_mm = std::min(panel.right, panel.top) / 3;
      fresh.at = {panel.right / 3, panel.top / 3};
      out = withPiece(plan, fresh, &id);
      break;
    case Add::Sun:
      label = tr("A sun of paper");
      fresh.name = tr("sun").toStdString();
      fresh.kind = PieceKind::Plain, fresh.cut = PieceCut::Die, fresh.paper.colour = {0xe9, 0xb4, 0x5c};
      fresh.outline = discOutline(std::min(panel.right, panel.top) * 0.3);
      fresh.at = {panel.right * 0.55, panel.top * 0.5};
      out = withPiece(plan, fresh, &id);
      break;
    case Add::Hill:
      label = tr("A hill of paper");
      fresh.name = tr("hill").toStdString();
      fresh.kind = PieceKind::Plain, fresh.cut = PieceCut::Hand, fresh.paper.colour = {0x6f, 0x8f, 0x6a};
      fresh.outline = hillOutline(panel.right + 8, panel.top * 0.28, 5);
      fresh.at = {-4, 0};
      out = withPiece(plan, fresh, &id);
      break;
    case Add::CutThrough: {
      if (thing < 0) return;
      label = tr("Cut %1 through a sheet").arg(nameOf(plan, thing));
      const Rings shape = m_session.analysis()->meetings.placed[ix(thing)]->silhouette;
      fresh.kind = PieceKind::Plain, fresh.cut = PieceCut::Die, fresh.paper = darkPaper();
      fresh.name = capital(nameOf(plan, thing)).toStdString();
      fresh.outline = cutThrough(boxOf(shape).grown(kMargin_mm), shape);
      // What was to be stamped is cut now: the impression goes.
      const auto bare = without(plan, plan.impressions[ix(thing)].id);
      out = bare ? withPiece(bare.value(), fresh, &id) : bare;
      break;
    }
    case Add::Frame:
      fresh.kind = PieceKind::Plain, fresh.paper = darkPaper();
      fresh.outline = rectangle(panel);
      fresh.outline.push_back(
          rectangle(panel.grown(-std::min(12.0, std::min(panel.right, panel.top) / 5))).front());
      fresh.raise_mm = 1;
      out = withPiece(plan, fresh, &id);
      break;
    case Add::Inside:
      fresh.kind = PieceKind::Inside;
      fresh.width_mm = panel.right, fresh.height_mm = panel.top;
      out = withPiece(plan, fresh, &id);
      break;
    case Add::Envelope: {
      const CardStack stack = stackOf(plan, m_session.analysis()->meetings.placed);
      fresh.kind = PieceKind::Envelope, fresh.paper.thickness_mm = 0.12;
      const double room = envelopeRoom_mm(stack.thickness_mm);
      fresh.width_mm = stack.width_mm + room, fresh.height_mm = stack.height_mm + room;
      if (!stack.envelopes.empty()) {
        const EnvelopeFit& fit = stack.envelopes.front();
        const bool lying = stack.width_mm > stack.height_mm;
        fresh.width_mm = lying ? fit.height_mm : fit.width_mm,
        fresh.height_mm = lying ? fit.width_mm : fit.height_mm;
        fresh.name = std::string(fit.name);
      }
      out = withPiece(plan, fresh, &id);
      break;
    }
    case Add::Flap: {
      const auto envelope = std::find_if(plan.pieces.begin(), plan.pieces.end(),
                                         [](const Piece& p) { return p.kind == PieceKind::Envelope; });
      if (envelope == plan.pieces.end()) return;  // the entry stands there only beside one
      const Box size = boxOf(shapeOf(*envelope));
      fresh.kind = PieceKind::Flap, fresh.cut = PieceCut::Hand, fresh.paper = envelope->paper;
      fresh.outline = flapOutline(size.width(), size.height());
      out = withPiece(plan, fresh, &id);
      break;
    }
  }
  m_chosen = id;
  m_session.edit(label, out);
}

void PiecesPage::choosePattern() {
  if (!piece()) return;
  FileChooser::choose({tr("A picture of the paper"), {picturesKind()}}, this,
                      [this](const QString& file) { takePattern(file); });
}

void PiecesPage::takePattern(const QString& file) {
  if (!piece()) return;
  auto paper = withPictureOf(piece()->paper, file);
  if (!paper) return Q_EMIT m_session.trouble(errorWords(paper.error()));
  change(tr("Patterned paper"), [&](Piece& p) { p.paper = std::move(paper).value(); });
}

void PiecesPage::cornerStamp() {
  const Plan& plan = m_session.plan();
  if (!piece() || plan.impressions.empty()) return;
  const auto hero = std::find_if(plan.impressions.begin(), plan.impressions.end(),
                                 [](const Impression& i) { return i.hero; });
  const Impression& like = hero == plan.impressions.end() ? plan.impressions.front() : *hero;
  m_session.edit(tr("Part of a stamp in a corner"), withCornerStamp(plan, m_chosen, like.stamp, like.ink));
}

void PiecesPage::fillMenu() {
  m_menu->clear();
  const Plan& plan = m_session.plan();
  const auto ofThings = [&](const QString& text, Add what) {
    QMenu* things = m_menu->addMenu(text);
    for (size_t i = 0; i < plan.impressions.size(); ++i)
      if (plan.impressions[i].piece.empty() && !factsOf(plan.stamp(plan.impressions[i].stamp)->role).backdrop)
        // By its id: while the menu stands open another plan may come.
        things->addAction(capital(nameOf(plan, static_cast<int>(i))), this,
                          [this, what, id = plan.impressions[i].id] {
                            if (const int there = m_session.plan().indexOf(id); there >= 0) add(what, there);
                          });
    things->setEnabled(!things->isEmpty());
  };
  ofThings(tr("A strip under"), Add::StripUnder);
  ofThings(tr("Cut out, on foam"), Add::CutoutOf);
  ofThings(tr("Cut through a sheet"), Add::CutThrough);
  for (const auto& [text, what] : {std::pair(tr("A strip"), Add::Strip),
                                   {tr("A plain shape"), Add::Plain},
                                   {tr("A sun or moon, without ink"), Add::Sun},
                                   {tr("A hill over the lower edge"), Add::Hill},
                                   {tr("A frame with an opening"), Add::Frame},
                                   {tr("A panel for the inside"), Add::Inside},
                                   {tr("An envelope"), Add::Envelope}})
    m_menu->addAction(text, this, [this, what = what] { add(what); });
  const auto has = [&](PieceKind kind) {
    return std::any_of(plan.pieces.begin(), plan.pieces.end(),
                       [kind](const Piece& p) { return p.kind == kind; });
  };
  if (has(PieceKind::Envelope) && !has(PieceKind::Flap))
    m_menu->addAction(tr("The envelope's flap, to be stamped"), this, [this] { add(Add::Flap); });
}

void PiecesPage::show() {
  const Plan& plan = m_session.plan();
  m_showing = true;
  m_postThickness->setMeasure(plan.making.post.thickness_mm.value_or(0));
  if (!plan.making.post.thickness_mm) m_postThickness->clearMeasure();
  m_postWeight->setValue(plan.making.post.weight_g.value_or(0));
  m_showing = false;
  if (!piece()) m_chosen = plan.pieces.empty() ? std::string() : plan.pieces.front().id;
  showList();
  showChosen();
}

void PiecesPage::showList() {
  const Plan& plan = m_session.plan();
  m_list->begin();
  for (size_t k = 0; k < plan.pieces.size(); ++k) {
    const Piece& p = plan.pieces[k];
    m_list->next(QString::fromStdString(p.id));
    auto* choice = m_list->cell<QPushButton>([this, id = p.id] {
      auto* b = new QPushButton;
      b->setCheckable(true);
      b->setObjectName(QStringLiteral("piece-") + QString::fromStdString(id));
      b->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);  // a long name does not make the page wide
      connect(b, &QPushButton::clicked, this, [this, id] { choose(id); });
      return b;
    });
    const QString name = pieceTitle(plan, static_cast<int>(k));
    choice->setText(name);
    choice->setToolTip(name);
    choice->setChecked(p.id == m_chosen);
    m_list->cell<QPushButton>([this, id = p.id] {
      auto* b = plainButton(tr("Take off"));
      b->setObjectName(QStringLiteral("takeOffPiece-") + QString::fromStdString(id));
      connect(b, &QPushButton::clicked, this,
              [this, id] { m_session.edit(tr("Take a piece off"), withoutPiece(m_session.plan(), id)); });
      return b;
    });
  }
  m_list->end(false);
}

void PiecesPage::showChosen() {
  const Piece* p = piece();
  m_form->setVisible(p != nullptr);
  if (!p) return;
  m_showing = true;
  const Plan& plan = m_session.plan();
  const bool onFace = factsOf(p->kind).onFace;
  m_name->setText(QString::fromStdString(p->name));
  const Box box = boxOf(shapeOf(*p));
  for (MeasureEdit* e : {m_width, m_height, m_left, m_bottom}) e->setUnits(m_session.units());
  m_width->setMeasure(box.width()), m_height->setMeasure(box.height());
  // A thing's own outline has the size of its stamp.
  const bool sized = p->outline.empty() || p->kind == PieceKind::Plain;
  m_width->setEnabled(sized), m_height->setEnabled(sized);
  m_left->setMeasure(p->at.x), m_bottom->setMeasure(p->at.y);
  for (QWidget* w : std::initializer_list<QWidget*>{m_left, m_turn, m_raise, m_on})
    m_form->setRowVisible(w, onFace);
  m_bottom->setVisible(onFace);
  m_form->setRowVisible(m_cut, p->kind != PieceKind::Envelope && p->kind != PieceKind::Flap);
  m_flush->setVisible(onFace);
  m_picture->setVisible(factsOf(p->kind).apart);
  m_plain->setVisible(!p->paper.picture.empty());
  m_corner->setVisible(factsOf(p->kind).apart && p->kind != PieceKind::Flap && !plan.impressions.empty());
  m_turn->setValue(p->turn_deg);
  m_raise->setValue(p->raise_mm);
  m_flush->setChecked(p->flush);
  m_cut->setCurrentIndex(m_cut->findData(static_cast<int>(p->cut)));
  m_on->clear();
  m_on->addItem(tr("the panel"), QString());
  for (size_t k = 0; k < plan.pieces.size(); ++k)
    if (plan.pieces[k].id != p->id && factsOf(plan.pieces[k].kind).onFace)
      m_on->addItem(pieceName(plan, static_cast<int>(k)), QString::fromStdString(plan.pieces[k].id));
  m_on->setCurrentIndex(std::max(0, m_on->findData(QString::fromStdString(p->on))));
  m_paper->clear();
  m_paper->addItem(p->paper.name.empty() ? tr("paper of %1 mm").arg(p->paper.thickness_mm)
                                         : QString::fromStdString(p->paper.name));
  for (const DrawerPaper& paper : m_drawer.papers()) m_paper->addItem(QString::fromStdString(paper.name));
  m_colour->setIcon(swatchOf(p->paper.colour));
  m_colour->setAccessibleName(tr("Colour: %1").arg(colourWords(p->paper.colour)));
  m_showing = false;
}

}  // namespace havlo
