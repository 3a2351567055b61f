// Written aside under a short name in the same folder, synced, renamed, and the folder synced. QSaveFile of
// Qt 6.4.2 does not see a failing flush of its buffer at commit, and adds to names that are as long as they
// may be.
#include "io/files/whole_file.h"

#include <dirent.h>
#include <fcntl.h>
#include <poll.h>
#include <sys/stat.h>
#include <unistd.h>

#include <QDir>
#include <QFileInfo>
#include <cerrno>
#include <climits>
#include <csignal>
#include <cstdlib>
#include <cstring>

#include "io/files/errors.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr int kPatience_ms = 5000;  // with a pipe

/// A descriptor that closes itself.
class Descriptor {
 public:
  explicit Descriptor(int fd) : m_fd(fd) {}
  ~Descriptor() {
    if (m_fd >= 0) ::close(m_fd);
  }
  Descriptor(const Descriptor&) = delete;
  Descriptor& operator=(const Descriptor&) = delete;
  int operator*() const { return m_fd; }
  explicit operator bool() const { return m_fd >= 0; }
  bool close() { return ::close(std::exchange(m_fd, -1)) == 0; }

 private:
  int m_fd;
};

QString why(int code) {
  switch (code) {
    case ENOENT:
      return tr("there is no such file or folder");
    case EACCES:
    case EPERM:
      return tr("it may not be opened or changed");
    case EROFS:
      return tr("the disk is read-only");
    case ENOSPC:
    case EDQUOT:
      return tr("the disk is full");
    case EFBIG:
      return tr("the file would be larger than is allowed");
    case EISDIR:
      return tr("it is a folder");
    case ENAMETOOLONG:
      return tr("the name is too long");
    case ENXIO:
    case ETIMEDOUT:
      return tr("it is a pipe with nobody at its other end");
    default:
      return QString::fromLocal8Bit(std::strerror(code));
  }
}

Error unread(const QString& path, const QString& reason) {
  return cannotRead(tr("cannot read %1: %2").arg(path, reason));
}
Error unwritten(const QString& path, int code) {
  return cannotWrite(tr("cannot write %1: %2").arg(path, why(code)));
}

/// @return 0, or why not
int writeAll(int fd, const QByteArray& content) {
  for (qsizetype at = 0; at < content.size();) {
    const ssize_t n = ::write(fd, content.constData() + at, ix(content.size() - at));
    if (n < 0 && errno == EINTR) continue;
    if (n < 0 && (errno == EAGAIN || errno == EWOULDBLOCK)) {
      pollfd p{fd, POLLOUT, 0};
      if (::poll(&p, 1, kPatience_ms) <= 0) return ETIMEDOUT;
      continue;
    }
    if (n <= 0) return n < 0 ? errno : EIO;
    at += n;
  }
  return 0;
}

/// The folder's own entry for a new name. @return 0, or why not
int syncFolder(const QByteArray& folder) {
  const Descriptor fd(::open(folder.constData(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
  if (!fd) return errno == EACCES ? 0 : errno;  // one may write in a folder that one may not list
  return ::fsync(*fd) == 0 || errno == EINVAL ? 0 : errno;
}

/// The entry of `folder` that reads as `name`, if there is exactly one.
QByteArray entryLike(const QByteArray& folder, const QString& name) {
  QByteArray found;
  int count = 0;
  if (DIR* dir = ::opendir(folder.isEmpty() ? "." : folder.constData())) {
    while (const dirent* e = ::readdir(dir))
      if (QFile::decodeName(e->d_name) == name) found = e->d_name, ++count;
    ::closedir(dir);
  }
  return count == 1 ? found : QByteArray();
}

bool existsNow(const QByteArray& path) {
  struct stat s {};
  return ::lstat(path.constData(), &s) == 0;
}

}  // namespace

QByteArray nativePath(const QString& path) {
  const QByteArray plain = QFile::encodeName(path);
  if (!path.contains(QChar::ReplacementCharacter) || existsNow(plain)) return plain;
  QByteArray out = path.startsWith(u'/') ? QByteArray("/") : QByteArray();
  for (const QString& part : path.split(u'/', Qt::SkipEmptyParts)) {
    QByteArray name = QFile::encodeName(part);
    if (part.contains(QChar::ReplacementCharacter))
      if (const QByteArray like = entryLike(out, part); !like.isEmpty()) name = like;
    if (!out.isEmpty() && !out.endsWith('/')) out += '/';
    out += name;
  }
  return out;
}

bool openForReading(QFile& file, const QString& path) {
  const int fd = ::open(nativePath(path).constData(), O_RDONLY | O_NONBLOCK | O_CLOEXEC);
  if (fd < 0) {
    file.setFileName(path);
    return file.open(QIODevice::ReadOnly);  // for its words on why not
  }
  return file.open(fd, QIODevice::ReadOnly, QFileDevice::AutoCloseHandle);
}

Result<QByteArray> readWhole(const QString& path, qint64 most) {
  if (path.startsWith(u':')) {  // of the program's own
    QFile own(path);
    if (!own.open(QIODevice::ReadOnly)) return unread(path, own.errorString());
    return own.readAll();
  }
  const Descriptor fd(::open(nativePath(path).constData(), O_RDONLY | O_NONBLOCK | O_CLOEXEC));
  if (!fd) return unread(path, why(errno));
  struct stat s {};
  if (::fstat(*fd, &s) != 0) return unread(path, why(errno));
  if (S_ISDIR(s.st_mode)) return unread(path, why(EISDIR));
  const auto tooLarge = [&] {
    return badInput(tr("%1 is larger than %2 MB").arg(QFileInfo(path).fileName()).arg(most >> 20));
  };
  if (S_ISREG(s.st_mode) && s.st_size > most) return tooLarge();
  const bool waits = !S_ISREG(s.st_mode);
  QByteArray out, block(1 << 16, Qt::Uninitialized);
  if (S_ISREG(s.st_mode)) out.reserve(static_cast<qsizetype>(s.st_size));
  bool heard = !waits;
  for (;;) {
    if (waits) {
      pollfd p{*fd, POLLIN, 0};
      if (::poll(&p, 1, kPatience_ms) <= 0) return unread(path, why(ETIMEDOUT));
    }
    const ssize_t n = ::read(*fd, block.data(), ix(block.size()));
    if (n < 0 && (errno == EINTR || errno == EAGAIN)) continue;
    if (n < 0) return unread(path, why(errno));
    if (n == 0 && !heard) return unread(path, why(ENXIO));
    if (n == 0) return out;
    heard = true;
    out.append(block.constData(), static_cast<qsizetype>(n));
    if (out.size() > most) return tooLarge();
  }
}

Result<Done> saveWhole(const QString& path, const QByteArray& content) {
  std::signal(SIGXFSZ, SIG_IGN);  // a limit on the size of files is told by the call, not by an end
  QByteArray target = nativePath(path);
  struct stat old {};
  const bool exists = ::stat(target.constData(), &old) == 0;
  if (exists && S_ISDIR(old.st_mode)) return unwritten(path, EISDIR);
  if (exists && !S_ISREG(old.st_mode)) {
    std::signal(SIGPIPE, SIG_IGN);
    const Descriptor fd(::open(target.constData(), O_WRONLY | O_NONBLOCK | O_CLOEXEC));
    if (!fd) return unwritten(path, errno);
    if (const int code = writeAll(*fd, content)) return unwritten(path, code);
    return Done{};
  }
  // A link stays one: what it leads to is replaced.
  if (char* real = exists ? ::realpath(target.constData(), nullptr) : nullptr) {
    target = real;
    std::free(real);
  }
  if (exists && ::access(target.constData(), W_OK) != 0) return unwritten(path, errno);
  const qsizetype slash = target.lastIndexOf('/');
  const QByteArray folder = slash < 0 ? QByteArray(".") : slash == 0 ? QByteArray("/") : target.left(slash);
  QByteArray aside = folder + "/.havlo-XXXXXX";
  Descriptor fd(::mkostemp(aside.data(), O_CLOEXEC));
  if (!fd) return unwritten(path, errno);
  const auto failed = [&](int code) {
    ::unlink(aside.constData());
    return unwritten(path, code);
  };
  static const mode_t mask = [] {
    const mode_t now = ::umask(0);
    ::umask(now);
    return now;
  }();
  if (::fchmod(*fd, exists ? old.st_mode & 07777 : 0666 & ~mask) != 0 && errno != EPERM) return failed(errno);
  if (const int code = writeAll(*fd, content)) return failed(code);
  if (::fsync(*fd) != 0 && errno != EINVAL) return failed(errno);
  if (!fd.close()) return failed(errno);
  if (::rename(aside.constData(), target.constData()) != 0) return failed(errno);
  if (const int code = syncFolder(folder)) return unwritten(path, code);
  return Done{};
}

}  // namespace havlo
