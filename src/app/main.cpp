// havlo: the window.
#include "app/shell/program.h"

int main(int argc, char** argv) { return havlo::run(argc, argv, HAVLO_VERSION); }
