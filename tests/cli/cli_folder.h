// Running the command line in a folder of its own, for its tests.
#pragma once

#include <QFile>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>

struct Ran {
  int exit = -1;
  QByteArray out, err;
  QJsonObject json() const { return QJsonDocument::fromJson(out).object(); }
};

inline Ran run(const QString& program, const QStringList& args) {
  QProcess p;
  p.start(program, args);
  Ran r;
  if (!p.waitForFinished(120000)) return r;
  r.exit = p.exitStatus() == QProcess::NormalExit ? p.exitCode() : -1;
  r.out = p.readAllStandardOutput();
  r.err = p.readAllStandardError();
  return r;
}

/// With patience: sanitizers and busy machines are slow.
inline Ran cli(const QStringList& args) {
  QStringList patient = args;
  if (args.size() > 1 && !args.contains(QStringLiteral("--patience")))
    patient << QStringLiteral("--patience") << QStringLiteral("600");
  return run(QStringLiteral(HAVLO_CLI), patient);
}

inline QString demoPath(const QString& name) {
  return QStringLiteral(HAVLO_SOURCE_DIR "/data/demo/%1.havlo").arg(name);
}

/// A folder that goes away with the test.
class CliFolder {
 protected:
  QTemporaryDir m_folder;
  QString file(const QString& name) const { return m_folder.filePath(name); }
  QString written(const QString& name, const QByteArray& content) const {
    QFile f(file(name));
    if (f.open(QIODevice::WriteOnly)) f.write(content);
    return f.fileName();
  }
};
