// Loaded before the C library (LD_PRELOAD): counts every call that changes something under HAVLO_FAIL_UNDER,
// and lets the one of number HAVLO_FAIL_AT fail, or has the process end just before it. With HAVLO_FAIL_ON
// all that follow and need room on the disk fail as well: a disk that is full from then on. How many calls
// there were goes into HAVLO_FAIL_COUNT.
#include <dlfcn.h>
#include <fcntl.h>
#include <signal.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cerrno>
#include <cstdarg>
#include <cstdio>
#include <cstdlib>
#include <cstring>

namespace {

template <typename F>
F* next(const char* name) {
  return reinterpret_cast<F*>(dlsym(RTLD_NEXT, name));
}

struct Plan {
  const char* under = std::getenv("HAVLO_FAIL_UNDER");
  long at = std::getenv("HAVLO_FAIL_AT") ? std::atol(std::getenv("HAVLO_FAIL_AT")) : 0;
  bool on = std::getenv("HAVLO_FAIL_ON") != nullptr, kill = std::getenv("HAVLO_FAIL_KILL") != nullptr;
  long count = 0;
  bool failed = false;
  ~Plan() {
    const char* path = std::getenv("HAVLO_FAIL_COUNT");
    if (std::FILE* f = path ? std::fopen(path, "w") : nullptr) {
      std::fprintf(f, "%ld\n", count);
      std::fclose(f);
    }
  }
};
Plan plan;

bool ours(const char* path) {
  return plan.under && path && std::strncmp(path, plan.under, std::strlen(plan.under)) == 0;
}

bool ours(int fd) {
  if (!plan.under || fd < 0) return false;
  char link[64], path[4096];
  std::snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
  const ssize_t n = ::readlink(link, path, sizeof path - 1);
  if (n <= 0) return false;
  path[n] = 0;
  return ours(path);
}

/// Is it this call's turn? @param room  whether it needs room on the disk
bool fails(bool room) {
  ++plan.count;
  if (plan.count == plan.at) {
    if (plan.kill) ::raise(SIGKILL);
    plan.failed = true;
  } else if (!(plan.failed && plan.on && room)) {
    return false;
  }
  errno = plan.on ? ENOSPC : EIO;
  return true;
}

constexpr bool changes(int flags) { return (flags & (O_WRONLY | O_RDWR | O_CREAT | O_TRUNC)) != 0; }

}  // namespace

extern "C" {

#define HAVLO_OPEN(name)                                                            \
  int name(const char* path, int flags, ...) {                                      \
    va_list rest;                                                                   \
    va_start(rest, flags);                                                          \
    const mode_t mode = (flags & (O_CREAT | O_TMPFILE)) ? va_arg(rest, mode_t) : 0; \
    va_end(rest);                                                                   \
    if (ours(path) && changes(flags) && fails((flags & O_CREAT) != 0)) return -1;   \
    return next<int(const char*, int, ...)>(#name)(path, flags, mode);              \
  }
HAVLO_OPEN(open)
HAVLO_OPEN(open64)

#define HAVLO_OPENAT(name)                                                                          \
  int name(int folder, const char* path, int flags, ...) {                                          \
    va_list rest;                                                                                   \
    va_start(rest, flags);                                                                          \
    const mode_t mode = (flags & (O_CREAT | O_TMPFILE)) ? va_arg(rest, mode_t) : 0;                 \
    va_end(rest);                                                                                   \
    if ((ours(path) || ours(folder)) && changes(flags) && fails((flags & O_CREAT) != 0)) return -1; \
    return next<int(int, const char*, int, ...)>(#name)(folder, path, flags, mode);                 \
  }
HAVLO_OPENAT(openat)
HAVLO_OPENAT(openat64)

ssize_t write(int fd, const void* data, size_t size) {
  if (ours(fd) && fails(true)) return -1;
  return next<ssize_t(int, const void*, size_t)>("write")(fd, data, size);
}
ssize_t pwrite(int fd, const void* data, size_t size, off_t at) {
  if (ours(fd) && fails(true)) return -1;
  return next<ssize_t(int, const void*, size_t, off_t)>("pwrite")(fd, data, size, at);
}
ssize_t pwrite64(int fd, const void* data, size_t size, off64_t at) {
  if (ours(fd) && fails(true)) return -1;
  return next<ssize_t(int, const void*, size_t, off64_t)>("pwrite64")(fd, data, size, at);
}

#define HAVLO_OF_FD(name)                    \
  int name(int fd) {                         \
    if (ours(fd) && fails(false)) return -1; \
    return next<int(int)>(#name)(fd);        \
  }
HAVLO_OF_FD(fsync)
HAVLO_OF_FD(fdatasync)

int close(int fd) {
  const bool bad = ours(fd) && fails(false);
  const int error = errno, done = next<int(int)>("close")(fd);
  if (!bad) return done;
  errno = error;
  return -1;
}
int ftruncate(int fd, off_t size) {
  if (ours(fd) && fails(true)) return -1;
  return next<int(int, off_t)>("ftruncate")(fd, size);
}
int ftruncate64(int fd, off64_t size) {
  if (ours(fd) && fails(true)) return -1;
  return next<int(int, off64_t)>("ftruncate64")(fd, size);
}
int fchmod(int fd, mode_t mode) {
  if (ours(fd) && fails(false)) return -1;
  return next<int(int, mode_t)>("fchmod")(fd, mode);
}
int rename(const char* from, const char* to) {
  if (ours(to) && fails(false)) return -1;
  return next<int(const char*, const char*)>("rename")(from, to);
}
int renameat(int a, const char* from, int b, const char* to) {
  if ((ours(to) || ours(b)) && fails(false)) return -1;
  return next<int(int, const char*, int, const char*)>("renameat")(a, from, b, to);
}
int renameat2(int a, const char* from, int b, const char* to, unsigned flags) {
  if ((ours(to) || ours(b)) && fails(false)) return -1;
  return next<int(int, const char*, int, const char*, unsigned)>("renameat2")(a, from, b, to, flags);
}
int link(const char* from, const char* to) {
  if (ours(to) && fails(true)) return -1;
  return next<int(const char*, const char*)>("link")(from, to);
}
int linkat(int a, const char* from, int b, const char* to, int flags) {
  if ((ours(to) || ours(b)) && fails(true)) return -1;
  return next<int(int, const char*, int, const char*, int)>("linkat")(a, from, b, to, flags);
}
int unlink(const char* path) {
  if (ours(path) && fails(false)) return -1;
  return next<int(const char*)>("unlink")(path);
}
int mkdir(const char* path, mode_t mode) {
  if (ours(path) && fails(true)) return -1;
  return next<int(const char*, mode_t)>("mkdir")(path, mode);
}

}  // extern "C"
