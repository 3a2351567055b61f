#include "app/shell/arrivals.h"

#include <QFileInfo>
#include <QMimeData>
#include <QUrl>
#include <algorithm>

#include "app/files/file_chooser.h"
#include "app/shell/errands.h"
#include "app/shell/filing.h"

namespace havlo {
namespace {

QString endingOf(const QString& file) { return QFileInfo(file).suffix().toLower(); }
bool isPicture(const QString& file) { return picturesKind().endings.contains(endingOf(file)); }

}  // namespace

QStringList Arrivals::filesIn(const QMimeData* data) {
  QStringList out;
  for (const QUrl& url : data->urls())
    if (url.isLocalFile()) out << url.toLocalFile();
  return out;
}

void Arrivals::take(const QStringList& files) {
  if (files.isEmpty()) return;
  if (files.size() == 1 || !std::all_of(files.begin(), files.end(), isPicture)) return take(files[0]);
  m_errands.visit(QStringLiteral("drawer"));
  m_errands.takeAllInto(files);
}

void Arrivals::take(const QString& file) {
  if (!QFileInfo(file).isDir() && !isPicture(file) && !drawersKind().endings.contains(endingOf(file)))
    return m_filing.open(file);
  m_errands.visit(QStringLiteral("drawer"));
  m_errands.takeInto(file);
}

}  // namespace havlo
