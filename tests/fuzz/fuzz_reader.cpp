// libFuzzer on one of the readers, named by HAVLO_READER. With HAVLO_SEEDS it writes its sound files into
// that folder and ends.
#include <QDir>
#include <QFile>
#include <QGuiApplication>
#include <QLoggingCategory>
#include <cstdint>
#include <cstdio>
#include <opencv2/core/utility.hpp>

#include "fuzz/readers.h"

namespace {

const havlo::fuzz::Reader* reader() {
  static const havlo::fuzz::Reader* one = havlo::fuzz::readerOf(qgetenv("HAVLO_READER"));
  return one;
}

}  // namespace

extern "C" int LLVMFuzzerInitialize(int*, char***) {
  qputenv("QT_QPA_PLATFORM", "offscreen");
  static int argc = 1;
  static char name[] = "fuzz";
  static char* argv[] = {name, nullptr};
  static const auto* application = new QGuiApplication(argc, argv);
  (void)application;
  cv::setNumThreads(1);  // a fuzzer has one core, and waiting for others takes longer than the work
  QLoggingCategory::setFilterRules(QStringLiteral("*=false"));
  if (!reader()) {
    std::fprintf(stderr, "HAVLO_READER names no reader\n");
    std::_Exit(2);
  }
  if (!qEnvironmentVariableIsSet("HAVLO_SEEDS")) return 0;
  int n = 0;
  for (const QByteArray& bytes : reader()->seeds()) {
    QFile f(QDir(qEnvironmentVariable("HAVLO_SEEDS")).filePath(QStringLiteral("seed-%1").arg(++n)));
    if (f.open(QIODevice::WriteOnly)) f.write(bytes);
  }
  std::_Exit(0);
}

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
  reader()->read(QByteArray(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size)));
  return 0;
}
