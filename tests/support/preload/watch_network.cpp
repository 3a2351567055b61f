// Loaded before the C library (LD_PRELOAD): writes every socket that is opened and every place it is
// connected to into the file that HAVLO_SOCKETS names. Names that are looked up go the same way. The calls
// themselves go on.
#include <arpa/inet.h>
#include <dlfcn.h>
#include <netdb.h>
#include <netinet/in.h>
#include <sys/socket.h>
#include <sys/un.h>

#include <cstddef>
#include <cstdio>
#include <cstdlib>
#include <cstring>

namespace {

void note(const char* what, const char* where) {
  const char* path = std::getenv("HAVLO_SOCKETS");
  if (!path) return;
  if (std::FILE* f = std::fopen(path, "a")) {
    std::fprintf(f, "%s %s\n", what, where);
    std::fclose(f);
  }
}

template <typename F>
F* next(const char* name) {
  return reinterpret_cast<F*>(dlsym(RTLD_NEXT, name));
}

}  // namespace

extern "C" {

int socket(int domain, int type, int protocol) {
  char family[32];
  std::snprintf(family, sizeof family, "%s",
                domain == AF_UNIX      ? "local"
                : domain == AF_NETLINK ? "netlink"
                                       : "net");
  note("socket", family);
  return next<int(int, int, int)>("socket")(domain, type, protocol);
}

int connect(int fd, const sockaddr* address, socklen_t length) {
  char where[160] = "?";
  if (address->sa_family == AF_UNIX) {
    const auto* local = reinterpret_cast<const sockaddr_un*>(address);
    const bool abstract = local->sun_path[0] == 0;
    const size_t size =
        length > offsetof(sockaddr_un, sun_path) ? length - offsetof(sockaddr_un, sun_path) : 0;
    std::snprintf(where, sizeof where, "local %.*s", static_cast<int>(abstract && size > 0 ? size - 1 : size),
                  local->sun_path + (abstract ? 1 : 0));
  } else {
    std::snprintf(where, sizeof where, "net family %d", address->sa_family);
  }
  note("connect", where);
  return next<int(int, const sockaddr*, socklen_t)>("connect")(fd, address, length);
}

int getaddrinfo(const char* node, const char* service, const addrinfo* hints, addrinfo** out) {
  note("look-up", node ? node : "?");
  return next<int(const char*, const char*, const addrinfo*, addrinfo**)>("getaddrinfo")(node, service, hints,
                                                                                         out);
}

}  // extern "C"
