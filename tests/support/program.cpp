// The main of a test program: PROGRAM NAME [arguments of Qt Test]; without a name it lists what it holds.
#include "tests/support/program.h"

#include <cstdio>
#include <map>
#include <string>

#ifdef HAVLO_TEST_WIDGETS
#include <QApplication>
using Application = QApplication;
#else
#include <QGuiApplication>
using Application = QGuiApplication;
#endif

namespace havlo::testing {
namespace {

std::map<std::string, std::function<int(int, char**)>>& all() {
  static std::map<std::string, std::function<int(int, char**)>> tests;
  return tests;
}

std::string nameOf(std::string file) {
  file = file.substr(file.rfind("/tests/") + 7);
  file.erase(file.rfind(".cpp"));
  return file.erase(file.rfind("tst_"), 4);
}

}  // namespace

Registered::Registered(const char* file, std::function<int(int, char**)> run) {
  all()[nameOf(file)] = std::move(run);
}

int runNamed(int argc, char** argv) {
  const auto test = argc > 1 ? all().find(argv[1]) : all().end();
  if (test == all().end()) {
    std::fprintf(argc > 1 ? stderr : stdout, "usage: %s NAME [arguments of Qt Test]; the names are:\n",
                 argv[0]);
    for (const auto& [name, run] : all()) std::fprintf(argc > 1 ? stderr : stdout, "%s\n", name.c_str());
    return argc > 1 ? 2 : 0;
  }
  argv[1] = argv[0];
  return test->second(argc - 1, argv + 1);
}

}  // namespace havlo::testing

int main(int argc, char** argv) {
  Application app(argc, argv);
  return havlo::testing::runNamed(argc, argv);
}
