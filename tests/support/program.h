// Many test classes in one program: HAVLO_TEST names a class, and the program runs the one it is asked for.
#pragma once

#include <QTest>
#include <functional>
#include <memory>

namespace havlo::testing {

/// Adds what to run under the name of its file: tests/core/units/tst_measure.cpp is "core/units/measure".
struct Registered {
  Registered(const char* file, std::function<int(int, char**)> run);
};

/// Are tests to try all they can, however long it takes? Without it some look at every third card only.
inline bool thorough() { return qEnvironmentVariableIsSet("HAVLO_THOROUGH"); }

}  // namespace havlo::testing

#define HAVLO_TEST(Class)                                                                         \
  static const havlo::testing::Registered registered##Class(__FILE__, [](int argc, char** argv) { \
    Class test;                                                                                   \
    return QTest::qExec(&test, argc, argv);                                                       \
  });
