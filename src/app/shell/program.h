// The program: what the command line asks for, the window, its end.
#pragma once

namespace havlo {

/// Opens the file named on the command line, a plan, a drawer or a scan, or the demo with --demo, and works
/// until the window is closed.
/// @return  what the program ends with
int run(int argc, char** argv, const char* version);

}  // namespace havlo
