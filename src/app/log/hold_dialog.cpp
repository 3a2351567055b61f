#include "app/log/hold_dialog.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/common/drawings.h"
#include "app/common/form_rows.h"
#include "app/common/keyed_rows.h"
#include "app/common/picture_box.h"
#include "app/common/rolled.h"
#include "app/common/sheet_frame.h"
#include "app/files/file_chooser.h"
#include "io/art/svg_art.h"
#include "io/wording/compare_words.h"
#include "io/wording/error_words.h"
#include "io/wording/names.h"

namespace havlo {

HoldDialog::HoldDialog(CompareAsk ask, std::shared_ptr<SvgArt> art, MeasureStyle units, QWidget* parent)
    : QDialog(parent),
      m_ask(std::move(ask)),
      m_art(std::move(art)),
      m_units(units),
      m_job(new Job<Result<Compared>>(this)) {
  setWindowTitle(tr("How does it sit?"));
  setObjectName(QStringLiteral("holdDialog"));
  resize(qRound(860 * textScale()), qRound(560 * textScale()));
  auto* column = new QVBoxLayout(this);
  asSheet(column);
  m_head =
      inkLabel(tr("Scan or photograph the card as it is now, on something darker or lighter than its paper. "
                  "Take masks off it first."),
               bodyFont(QFont::DemiBold), theme().ink, true);
  column->addWidget(m_head);
  auto* row = new QHBoxLayout;
  m_card = new PictureBox;
  m_card->setAccessibleName(tr("The card as it is now"));
  row->addWidget(m_card, 3);
  m_rows = new KeyedRows;
  row->addWidget(rolled(m_rows), 2);
  column->addLayout(row, 1);
  auto* acts = new QHBoxLayout;
  m_choose = drawnButton("act-open", tr("Choose a picture…"));
  m_choose->setObjectName(QStringLiteral("choose"));
  m_try = plainButton(tr("Try with a made-up picture"));
  m_try->setObjectName(QStringLiteral("try"));
  m_turn = plainButton(tr("Turn it"));
  m_turn->hide();
  auto* close = plainButton(tr("Back to the table"));
  for (QPushButton* b : {m_choose, m_try, m_turn}) acts->addWidget(b);
  acts->addStretch(1);
  acts->addWidget(close);
  column->addLayout(acts);
  connect(close, &QPushButton::clicked, this, &QDialog::accept);
  connect(m_choose, &QPushButton::clicked, this, [this] {
    FileChooser::choose({tr("A scan or photo of the card"), {picturesKind()}}, this,
                        [this](const QString& file) { hold(file); });
  });
  connect(m_try, &QPushButton::clicked, this, [this] { hold({}); });
  connect(m_turn, &QPushButton::clicked, this, [this] { hold(m_file, m_quarters); });
}

void HoldDialog::hold(const QString& file, int quarters) {
  m_file = file;
  m_ask.file = file, m_ask.quarters = quarters, ++m_ask.seed;
  m_head->setText(tr("Looking…"));
  m_turn->hide();
  m_job->run(
      [ask = m_ask, art = m_art](const Progress& progress) { return comparedWith(ask, art, progress); },
      [this, quarters](Result<Compared> found) {
        if (found) return show(found.value());
        m_head->setText(capital(errorReason(found.error())) + u'.');
        m_quarters =
            (quarters + QString::fromStdString(found.error().place).section(u' ', 1).toInt() / 90) % 4;
        m_turn->setVisible(!found.error().place.empty());
      });
}

void HoldDialog::show(const Compared& c) {
  m_head->setText(headOf(c.seen, m_units));
  m_card->setPicture(markedCard(c));
  m_rows->begin();
  int line = 0;
  const auto say = [&](const QString& words, const QColor& ink, int weight) {
    m_rows->next(QStringLiteral("line-%1").arg(line++));
    m_rows->label(words, bodyFont(weight), ink, true);
  };
  for (const QString& words : adviceWords(*c.plan, *c.analysis, c.seen, m_units))
    say(words, theme().green, QFont::DemiBold);
  for (const SeenPrint& p : c.seen.prints)
    say(printWords(*c.plan, p, m_units), p.state == PrintState::AsPlanned ? theme().soft : theme().ochre,
        QFont::Normal);
  m_rows->end();
}

}  // namespace havlo
