# Files of one room are compiled together (unity builds): names in unnamed namespaces must differ within a room, and between
# small rooms; a changed file compiles its room anew, not others.
function(compile_by_rooms target)
  set_target_properties(${target} PROPERTIES UNITY_BUILD_MODE GROUP)
  foreach(source ${ARGN})
    file(RELATIVE_PATH path ${CMAKE_CURRENT_SOURCE_DIR} ${source})
    string(REGEX MATCH "^[^/]+" room ${path})
    unit_of(unit ${room})
    set_source_files_properties(${source} PROPERTIES UNITY_GROUP ${unit})
  endforeach()
endfunction()

# The unit that a room is compiled in: its own, but in quick builds rooms of one file share one and those of two another,
# as reading what they include takes longer than compiling them.
function(unit_of unit room)
  file(GLOB files ${CMAKE_CURRENT_SOURCE_DIR}/${room}/*.cpp)
  list(LENGTH files count)
  if(HAVLO_QUICK AND count LESS 3)
    set(room small${count})
  endif()
  set(${unit} ${room} PARENT_SCOPE)
endfunction()

# What Qt's moc makes of a room's headers is compiled with the room. moc is not told where included files lie: it needs
# none of them, and reading them took most of its time.
function(moc_by_rooms target)
  set(headers ${ARGN})
  list(FILTER headers INCLUDE REGEX "\\.h$")
  foreach(header ${headers})
    file(RELATIVE_PATH path ${CMAKE_CURRENT_SOURCE_DIR} ${header})
    string(REGEX MATCH "^[^/]+" room ${path})
    unit_of(unit ${room})
    qt_wrap_cpp(mocs ${header} OPTIONS --no-notes)
    set_source_files_properties(${mocs} PROPERTIES UNITY_GROUP ${unit})
    target_sources(${target} PRIVATE ${mocs})
    unset(mocs)
  endforeach()
endfunction()

# Templates are compiled into every object that uses them, and the linker takes the first of their kind. The core's are
# compiled with care, so the core stands first: behind objects compiled without, it would be slowed by theirs.
function(link_core_first program)
  target_link_options(${program} PRIVATE
    "LINKER:--whole-archive,$<TARGET_FILE:havlo-core>,--no-whole-archive")
  set_property(TARGET ${program} APPEND PROPERTY LINK_DEPENDS $<TARGET_FILE:havlo-core>)
endfunction()

# What leaves the reckoning to the core is compiled with less care in quick builds: at -Og in three quarters of the time
# of -O1, and as quickly as not optimized at all (docs/benchmarks.md).
function(compile_quickly target)
  if(HAVLO_QUICK)
    target_compile_options(${target} PRIVATE $<$<CONFIG:Release>:-Og>)
  endif()
endfunction()

# The target `headers`: what is read once for many files, of all these libraries. Asked for first it is read side by side;
# ninja would begin each when the library before it is done, and one core would wait.
function(compile_headers_first)
  if(NOT CMAKE_GENERATOR STREQUAL "Ninja")
    add_custom_target(headers)
    return()
  endif()
  foreach(library ${ARGN})
    get_target_property(folder ${library} BINARY_DIR)
    list(APPEND headers ${folder}/CMakeFiles/${library}.dir/cmake_pch.hxx.gch)
  endforeach()
  add_custom_target(headers DEPENDS ${headers})
endfunction()
