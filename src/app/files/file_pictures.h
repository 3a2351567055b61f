// Small pictures of what is in files: plans as their finished cards, scans and photos as they are. Made one
// after the other on a worker, and kept as long as the file is not written anew.
#pragma once

#include <QHash>
#include <QImage>
#include <QObject>
#include <QQueue>

#include "app/session/job.h"

namespace havlo {

class FilePictures : public QObject {
  Q_OBJECT

 public:
  static constexpr QSize kSize{168, 126};  ///< px a picture is no larger than

  explicit FilePictures(QObject* parent = nullptr);
  /// The picture, if it is known; else it is made, and ready() says so. A null image: there is none.
  QImage of(const QString& path);
  /// What waits to be made is not wanted any more.
  void forgetWaiting() { m_waiting.clear(); }
  bool atWork() const { return m_job->running(); }

 Q_SIGNALS:
  void ready(const QString& path);

 private:
  Job<QImage>* m_job;
  QQueue<QString> m_waiting;
  QString m_now;

  void makeNext();
};

}  // namespace havlo
