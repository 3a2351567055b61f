#include "app/shell/exporting.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>

#include "app/files/file_chooser.h"
#include "core/chain/chain.h"
#include "io/art/svg_art.h"
#include "io/export/finished_card.h"
#include "io/export/layers.h"
#include "io/files/plan_file.h"
#include "io/wording/error_words.h"

namespace havlo {

Exporting::Exporting(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* window)
    : QObject(window),
      m_session(session),
      m_art(std::move(art)),
      m_window(window),
      m_job(new Job<Result<QString>>(this)) {}

void Exporting::ask(What what) {
  const QString titles[] = {tr("Save the finished card as a picture"),
                            tr("Save the finished card as a drawing in layers"),
                            tr("Save plan and pictures in one file"), tr("Save all measures as a table")};
  const std::vector<FileKind> kinds[] = {{{tr("Picture"), {QStringLiteral("png")}},
                                          {tr("Picture for printers"), {QStringLiteral("tiff")}},
                                          {tr("Drawing at true size"), {QStringLiteral("svg")}},
                                          {tr("Page at true size"), {QStringLiteral("pdf")}}},
                                         {{tr("Drawing in layers"), {QStringLiteral("svg")}}},
                                         {{tr("Zip"), {QStringLiteral("zip")}}},
                                         {{tr("Table"), {QStringLiteral("csv")}}}};
  const auto k = ix(what);
  const QString folder = m_session.path().isEmpty() ? QString() : QFileInfo(m_session.path()).path();
  QString base = m_session.title();
  base.replace(u'/', u'-');
  FileChooser::choose({titles[k], kinds[k], true, folder, base + u'.' + kinds[k].front().endings.front()},
                      m_window, [this, what](const QString& path) { write(path, what); });
}

void Exporting::write(const QString& path, What what) {
  Q_EMIT started(tr("Writing %1").arg(QFileInfo(path).fileName()));
  m_job->run(
      [path, what, plan = m_session.snapshot(), whole = m_session.wholeSnapshot(),
       analysis = m_session.analysis(), art = m_art](const Progress& progress) -> Result<QString> {
        const double dpi = dpiWithin(plan->card.panel.box(), 300, 5e7);
        if (what == What::Picture) {
          if (const auto saved = saveFinishedCard(path, *plan, *analysis, *art, dpi); !saved)
            return saved.error();
          return path;
        }
        if (what == What::Layers) {
          if (const auto saved = saveLayers(path, *plan, *analysis, *art); !saved) return saved.error();
          return path;
        }
        QByteArray bytes;
        if (what == What::Measures) {
          bytes = measuresCsv(*plan, *analysis);
        } else {
          // The plan is the whole one, whichever of its faces is worked on.
          const AnalysisRef all = whole == plan ? analysis : analyse(*whole, nullptr, art.get());
          auto zip = planZip(*whole, *all, *art, dpi, progress);
          if (!zip) return zip.error();
          bytes = std::move(zip).value();
        }
        if (const auto saved = saveWhole(path, bytes); !saved) return saved.error();
        return path;
      },
      [this](Result<QString> written) {
        if (!written) {
          Q_EMIT done({});
          Q_EMIT trouble(errorWords(written.error()));
          return;
        }
        Q_EMIT done(tr("%1 is written.").arg(QFileInfo(written.value()).fileName()));
      });
}

}  // namespace havlo
