#include "app/make/face_work.h"

#include "app/common/sheet_frame.h"
#include "core/chain/chain.h"
#include "core/pieces/face_plan.h"
#include "io/art/svg_art.h"
#include "io/wording/piece_words.h"

namespace havlo {
namespace {

/// The piece of the present step, if something is to be stamped on it by itself; else -1.
int faceOf(const Bench& bench) {
  if (bench.finished()) return -1;
  const Step& step = bench.step(bench.at());
  const bool its = step.what == Do::Cut || step.what == Do::Glue || step.what == Do::Enclose;
  if (!its || step.paper < 0 || factsOf(bench.plan().pieces[ix(step.paper)].kind).onFace) return -1;
  return isPrinted(bench.plan(), step.paper) ? step.paper : -1;
}

}  // namespace

FaceWork::FaceWork(MakingSession& making, std::shared_ptr<SvgArt> art, QWidget* parent)
    : QPushButton(parent), m_making(making), m_art(std::move(art)), m_job(new Job<AnalysisRef>(this)) {
  setObjectName(QStringLiteral("stampFace"));
  setFont(sizedFont(17, QFont::DemiBold));
  setMinimumHeight(qRound(40 * textScale()));
  connect(this, &QPushButton::clicked, this, &FaceWork::begin);
}

void FaceWork::showFor(const Bench& bench) {
  const int piece = faceOf(bench);
  setVisible(piece >= 0);
  if (piece < 0) return;
  const bool done = m_done.contains({bench.record().id, bench.plan().pieces[ix(piece)].id});
  setEnabled(!done && !m_job->running());
  const QString name = pieceName(bench.plan(), piece);
  setText(done ? tr("%1 is stamped").arg(name.left(1).toUpper() + name.mid(1))
               : tr("Stamp %1 first").arg(name));
}

void FaceWork::begin() {
  const auto& bench = m_making.bench();
  const int piece = bench ? faceOf(*bench) : -1;
  if (piece < 0 || m_job->running()) return;
  auto face = std::make_shared<Plan>(facePlan(bench->plan(), piece));
  face->faces.clear();
  face->title = bench->plan().title + (bench->plan().title.empty() ? "" : ", ") + face->title;
  setEnabled(false);
  m_job->run(
      [face, art = m_art](const Progress& progress) {
        return withBestOrder(*face, analyse(*face, nullptr, art.get()), {}, progress);
      },
      [this, face, card = bench->record().id, id = bench->plan().pieces[ix(piece)].id](AnalysisRef analysis) {
        if (!m_making.bench() || m_making.bench()->record().id != card)
          return;  // something else is at hand now
        m_making.leave();
        m_card = card, m_piece = id;
        m_making.begin(face, analysis);
        if (m_making.bench()) m_at = m_making.bench()->record().id;
      });
}

bool FaceWork::comeBack() {
  if (m_card.empty() || m_making.bench()) return false;
  m_done.insert({m_card, m_piece});
  const std::string card = std::exchange(m_card, {});
  for (const MakingRecord& record : m_making.left())
    if (record.id == card) return m_making.resume(record);
  return false;
}

}  // namespace havlo
