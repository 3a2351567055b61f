# GCC 12 sees overlaps and overruns in its own std::string where there are none (bug 105329 of GCC), so
# that -Wrestrict is off; the sanitizers look instead.
# One target that every part of Havlo links for its compiler settings.
add_library(havlo-settings INTERFACE)
target_compile_features(havlo-settings INTERFACE cxx_std_20)
target_compile_options(havlo-settings INTERFACE
  -Wall -Wextra -Wpedantic -Wconversion -Wshadow -Wnon-virtual-dtor -Wno-restrict -ffp-contract=off)
# A fifth of compiling went into collecting garbage, of which there is little: up to a gigabyte it is let lie.
target_compile_options(havlo-settings INTERFACE $<$<CXX_COMPILER_ID:GNU>:SHELL:--param ggc-min-heapsize=1000000>)
if(HAVLO_WERROR)
  target_compile_options(havlo-settings INTERFACE -Werror)
endif()
if(HAVLO_SANITIZE)
  target_compile_options(havlo-settings INTERFACE -fsanitize=address,undefined -fno-omit-frame-pointer)
  target_link_options(havlo-settings INTERFACE -fsanitize=address,undefined)
endif()
