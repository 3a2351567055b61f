#include "app/shell/face_bar.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <algorithm>

#include "app/common/divider_tab.h"
#include "app/common/keyed_rows.h"
#include "io/wording/names.h"
#include "io/wording/piece_words.h"

namespace havlo {

FaceBar::FaceBar(PlanSession& session, QWidget* parent) : QWidget(parent), m_session(session) {
  setObjectName(QStringLiteral("faceBar"));
  setAccessibleName(tr("Which surface is worked on"));
  auto* line = new QHBoxLayout(this);
  line->setContentsMargins(16, 6, 16, 0);
  m_row = new KeyedRows;
  m_row->grid()->setContentsMargins(0, 0, 0, 0);
  m_row->grid()->setHorizontalSpacing(3);
  line->addWidget(m_row);
  line->addStretch(1);
  connect(&session, &PlanSession::planChanged, this, &FaceBar::refresh);
  refresh();
}

void FaceBar::setWanted(bool wanted) {
  m_wanted = wanted;
  refresh();
}

void FaceBar::refresh() {
  const Plan& plan = m_session.whole();
  const auto apart = [](const Piece& p) { return factsOf(p.kind).apart; };
  const bool choice = std::any_of(plan.pieces.begin(), plan.pieces.end(), apart);
  setVisible(m_wanted && choice);
  m_row->begin();
  m_row->next(QStringLiteral("faces"));
  const auto button = [&](const std::string& piece, const QString& text) {
    const QString name = QStringLiteral("face-") + QString::fromStdString(piece);
    // A cell is known by its place in the row; the piece it stands for is asked for when it is clicked.
    auto* b = m_row->cell<QPushButton>([this] {
      auto* fresh = new DividerTab;
      connect(fresh, &QPushButton::clicked, this, [this, fresh] {
        m_session.setFace(fresh->property("piece").toString().toStdString());
        refresh();
      });
      return fresh;
    });
    b->setObjectName(name);
    b->setProperty("piece", QString::fromStdString(piece));
    b->setText(text);
    b->setChecked(m_session.face() == piece);
  };
  button({}, tr("The front"));
  for (size_t k = 0; k < plan.pieces.size(); ++k)
    if (apart(plan.pieces[k])) button(plan.pieces[k].id, capital(pieceName(plan, static_cast<int>(k))));
  m_row->end(false);
}

}  // namespace havlo
