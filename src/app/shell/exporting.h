// The finished card given away: asks for a file, writes in the background, says how it went.
#pragma once

#include <QObject>
#include <memory>

#include "app/session/job.h"
#include "app/session/plan_session.h"

namespace havlo {

class SvgArt;

class Exporting : public QObject {
  Q_OBJECT

 public:
  Exporting(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* window);
  enum class What { Picture, Layers, Zip, Measures };
  void ask(What what);
  void write(const QString& path, What what);
  void stop() { m_job->cancel(); }

 Q_SIGNALS:
  void started(const QString& what);
  void done(const QString& message);  ///< ended; the message may be empty
  void trouble(const QString& message);

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  QWidget* m_window;
  Job<Result<QString>>* m_job;
};

}  // namespace havlo
